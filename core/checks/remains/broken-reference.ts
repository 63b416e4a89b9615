import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';

const broken = /Error!\s+(?:Reference source not found|Bookmark not defined)\.?|Error: Reference source not found|(?:(?:Figure|Fig\.|Table|Section|Chapter|Eq\.|Equation|Appendix)\s+|\[|\()\?\?+[\])]?/gi;

export const remainsBrokenReference = defineCheck({
  id: 'remains.broken-reference', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no broken references',
  found: ({ passages }) => countPhrases(passages, broken),
  evaluate: ({ passages }) => phraseDrafts(passages, broken, 'broken', 'text'),
});
