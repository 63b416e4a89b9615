import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import { instantOf, windowNow } from '../../time/instant.ts';

/** Hours until a score arrives after handing in again. Common practice, no published source. */
export const laterScoreHours = 48;

export const timeSimilarity = defineSetCheck({
  id: 'time.similarity', reference: 'common practice, no published source',
  asked: ({ brief, now, zone }) => (brief.similarityChecked && windowNow(brief, now, zone).due !== null ? 'time for another similarity score' : null),
  found: ({ brief, now, zone }) => { const end = instantOf(windowNow(brief, now, zone).due!, zone, 'end'); return end === null ? null : `${Math.max(0, Math.floor((end - now) / 3_600_000)).toLocaleString('en')} hours left`; },
  evaluate: ({ brief, now, zone }) => {
    const end = instantOf(windowNow(brief, now, zone).due!, zone, 'end');
    return end !== null && end > now && end - now < laterScoreHours * 3_600_000 ? [look('noSecond', { hours: laterScoreHours })] : [];
  },
});
