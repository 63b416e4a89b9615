import { defineSetCheck, labelOf } from '../define-set.ts';
import { stops } from '../define.ts';

export const setMissing = defineSetCheck({
  id: 'set.missing', reference: 'the brief itself',
  asked: ({ brief }) => (brief.documents.length > 0 ? brief.documents.map(labelOf).join(', ') : null),
  found: ({ facts }) => `${facts.length} ${facts.length === 1 ? 'file' : 'files'}`,
  evaluate: ({ brief, matching }) => brief.documents.flatMap((d, i) => (matching.includes(d) ? [] : [stops('missing', { label: labelOf(d, i) })])),
});
