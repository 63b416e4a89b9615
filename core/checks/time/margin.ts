import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { instantOf, windowNow } from '../../time/instant.ts';

/** Minutes that one should leave before the deadline. Common practice, no published source. */
export const marginMinutes = 30;

export const timeMargin = defineSetCheck({
  id: 'time.margin', reference: 'common practice, no published source',
  asked: ({ brief, now, zone }) => (windowNow(brief, now, zone).due === null ? null : `${marginMinutes} minutes to spare`),
  found: ({ brief, now, zone }) => { const end = instantOf(windowNow(brief, now, zone).due!, zone, 'end'); return end === null ? 'no time of day given' : `${Math.round((end - now) / 60_000).toLocaleString('en')} minutes left`; },
  evaluate: ({ brief, now, zone }) => {
    const end = instantOf(windowNow(brief, now, zone).due!, zone, 'end');
    if (end === null || now > end) return [];
    const left = Math.floor((end - now) / 60_000);
    return left < marginMinutes ? [look('short', { minutes: left })] : [];
  },
});
