import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { showInstant, windowNow } from '../../time/instant.ts';

/** A time of day without a zone is somebody's local time, and a student abroad has another. */
export const timeZone = defineSetCheck({
  id: 'time.zone', reference: 'ISO 8601:2004, 4.2.5.1 (local time); common practice, no published source',
  asked: ({ brief, now, zone }) => (/T\d/.test(windowNow(brief, now, zone).due ?? '') ? 'a due time with its zone' : null),
  found: ({ brief, now, zone }) => brief.timeZone ?? /(Z|[+-]\d{2}:\d{2})$/.exec(windowNow(brief, now, zone).due!)?.[1] ?? 'no zone said',
  evaluate: ({ brief, now, zone }) => { const due = windowNow(brief, now, zone).due!; return brief.timeZone === null && !/(Z|[+-]\d{2}:\d{2})$/.test(due) ? [look('unsaid', { due: showInstant(due, zone) })] : []; },
});
