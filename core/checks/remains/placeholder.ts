import { defineCheck, look, seenText } from '../define.ts';
import { around, boxOf } from '../../identity/search.ts';

const placeholders = /\b(?:TODO|FIXME|TBC|TBD)\b|\bXXX+\b|[[<{](?:insert|add|enter|type|your|name|title|date|ref(?:erence)?s?|citation|cite)\b[^\]>}]{0,60}[\]>}]|(?:^|[[<{(])\s*(?:insert|add)\s+(?:\w+\s+){0,4}here\b|\blorem ipsum\b|\bClick (?:or tap )?here to enter\b|\[\?\]|\bcitation needed\b/gim;

export const remainsPlaceholder = defineCheck({
  id: 'remains.placeholder', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no places left to fill in',
  found: ({ passages }) => { const n = seenText(passages).reduce((a, p) => a + [...p.text.matchAll(placeholders)].length, 0); return n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`; },
  evaluate: ({ passages }) => seenText(passages).flatMap((p) => [...p.text.matchAll(placeholders)].map((m) =>
    look('placeholder', { text: m[0] }, { part: p.part, page: p.page, box: boxOf(p, m.index, m.index + m[0].length), quote: around(p.text, m.index, m.index + m[0].length) }))),
});
