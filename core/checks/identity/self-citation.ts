import { defineCheck, look, seenText } from '../define.ts';
import { around, boxOf } from '../../identity/search.ts';

const phrases = /\b(?:my|our|the (?:present )?author['’]?s?)\s+(?:own\s+)?(?:earlier|previous|prior|recent|forthcoming|published|first-year|second-year|bachelor|master|undergraduate)['’]?s?\s+(?:work|paper|essay|report|study|studies|research|thesis|dissertation|project|article|assignment)s?\b|\b(?:as|which)\s+I\s+(?:have\s+)?(?:argued|shown|wrote|written|published|reported)\s+(?:earlier|elsewhere|previously|in)\b/gi;

export const identitySelfCitation = defineCheck({
  id: 'identity.self-citation', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no pointing to my own earlier work' : null),
  found: ({ passages }) => { const n = seenText(passages).reduce((a, p) => a + [...p.text.matchAll(phrases)].length, 0); return n === 0 ? 'none' : n === 1 ? '1 place' : `${n} places`; },
  evaluate: ({ passages }) => seenText(passages).flatMap((p) => [...p.text.matchAll(phrases)].map((m) =>
    look('phrase', { phrase: m[0] }, { part: p.part, page: p.page, box: boxOf(p, m.index, m.index + m[0].length), quote: around(p.text, m.index, m.index + m[0].length) }))),
});
