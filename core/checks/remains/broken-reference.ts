import { defineCheck, look, seenText } from '../define.ts';
import { around, boxOf } from '../../identity/search.ts';

const broken = /Error!\s+(?:Reference source not found|Bookmark not defined)\.?|Error: Reference source not found|(?:(?:Figure|Fig\.|Table|Section|Chapter|Eq\.|Equation|Appendix)\s+|\[|\()\?\?+[\])]?/gi;

export const remainsBrokenReference = defineCheck({
  id: 'remains.broken-reference', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no broken references',
  found: ({ passages }) => { const n = seenText(passages).reduce((a, p) => a + [...p.text.matchAll(broken)].length, 0); return n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`; },
  evaluate: ({ passages }) => seenText(passages).flatMap((p) => [...p.text.matchAll(broken)].map((m) =>
    look('broken', { text: m[0] }, { part: p.part, page: p.page, box: boxOf(p, m.index, m.index + m[0].length), quote: around(p.text, m.index, m.index + m[0].length) }))),
});
