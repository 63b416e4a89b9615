import { defineCheck, look, seenText, type Draft } from '../define.ts';
import { inPlaces, ownPhrasesIn, phraseDrafts } from '../phrases.ts';
import { thanks } from '../../tables/turns-of-phrase.ts';
import type { Passage } from '../../model/facts.ts';

/** Thanks and dedications, and a section for them that says it in other words. */
export const identityAcknowledgement = defineCheck({
  id: 'identity.acknowledgement', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no thanks that point to me' : null),
  found: ({ passages }) => inPlaces(draftsOf(passages).length),
  evaluate: ({ passages }) => draftsOf(passages),
});

function draftsOf(passages: Passage[]): Draft[] {
  const section = seenText(passages).filter((p) => p.section === 'acknowledgements' && /\p{L}{3}/u.test(p.text)), told = phraseDrafts(passages, thanks, 'phrase', 'phrase', ownPhrasesIn);
  if (section.length === 0 || section.some((p) => ownPhrasesIn(p.text, thanks).length > 0)) return told;
  const { part, page, text } = section.at(-1)!;
  return [...told, look('section', {}, { part, page, box: null, quote: text.trim().slice(0, 80) })];
}
