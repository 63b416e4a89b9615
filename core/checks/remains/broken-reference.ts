import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';
import { brokenReferences as broken } from '../../tables/leftovers.ts';

export const remainsBrokenReference = defineCheck({
  id: 'remains.broken-reference', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no broken references',
  found: ({ passages }) => countPhrases(passages, broken),
  evaluate: ({ passages }) => phraseDrafts(passages, broken, 'broken', 'text'),
});
