import { defineCheck } from '../define.ts';
import { countPhrases, ownPhrasesIn, phraseDrafts } from '../phrases.ts';
import { ownWork } from '../../tables/turns-of-phrase.ts';

export const identitySelfCitation = defineCheck({
  id: 'identity.self-citation', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no pointing to my own earlier work' : null),
  found: ({ passages }) => countPhrases(passages, ownWork, ownPhrasesIn),
  evaluate: ({ passages }) => phraseDrafts(passages, ownWork, 'phrase', 'phrase', ownPhrasesIn),
});
