import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';

const thanks = /\b(?:I|we)\s+(?:(?:would\s+like\s+to|wish\s+to|want\s+to|must)\s+(?:thank|acknowledge|express)|(?:am|are)\s+(?:very\s+)?grateful|thank)\b|\b(?:many\s+)?thanks\s+(?:are\s+due\s+)?to\s+(?:my|our)\b|\bmy\s+(?:tutor|supervisor|lecturer|advisor|adviser|mentor|placement|employer)\b/gi;

export const identityAcknowledgement = defineCheck({
  id: 'identity.acknowledgement', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no thanks that point to me' : null),
  found: ({ passages }) => countPhrases(passages, thanks),
  evaluate: ({ passages }) => phraseDrafts(passages, thanks, 'phrase', 'phrase'),
});
