import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { effectiveDue } from '../../time/instant.ts';

/** A time of day without a zone is somebody's local time, and a student abroad has another. */
export const timeZone = defineSetCheck({
  id: 'time.zone', reference: 'ISO 8601:2004, 4.2.5.1 (local time); common practice, no published source',
  asked: ({ brief }) => (/T\d/.test(effectiveDue(brief) ?? '') ? 'a due time with its zone' : null),
  found: ({ brief }) => brief.timeZone ?? /(Z|[+-]\d{2}:\d{2})$/.exec(effectiveDue(brief)!)?.[1] ?? 'no zone said',
  evaluate: ({ brief }) => (brief.timeZone === null && !/(Z|[+-]\d{2}:\d{2})$/.test(effectiveDue(brief)!) ? [look('unsaid', { due: effectiveDue(brief)!.replace('T', ', ') })] : []),
});
