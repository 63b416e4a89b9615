import { defineCheck, look, seenText } from '../define.ts';
import { around, boxOf } from '../../identity/search.ts';

const thanks = /\b(?:I|we)\s+(?:(?:would\s+like\s+to|wish\s+to|want\s+to|must)\s+(?:thank|acknowledge|express)|(?:am|are)\s+(?:very\s+)?grateful|thank)\b|\b(?:many\s+)?thanks\s+(?:are\s+due\s+)?to\s+(?:my|our)\b|\bmy\s+(?:tutor|supervisor|lecturer|advisor|adviser|mentor|placement|employer)\b/gi;

export const identityAcknowledgement = defineCheck({
  id: 'identity.acknowledgement', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no thanks that point to me' : null),
  found: ({ passages }) => { const n = seenText(passages).reduce((a, p) => a + [...p.text.matchAll(thanks)].length, 0); return n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`; },
  evaluate: ({ passages }) => seenText(passages).flatMap((p) => [...p.text.matchAll(thanks)].map((m) =>
    look('phrase', { phrase: m[0] }, { part: p.part, page: p.page, box: boxOf(p, m.index, m.index + m[0].length), quote: around(p.text, m.index, m.index + m[0].length) }))),
});
