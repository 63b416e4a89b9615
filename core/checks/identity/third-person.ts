import { defineCheck } from '../define.ts';
import { countPhrases, ownPhrasesIn, phraseDrafts } from '../phrases.ts';
import { nearby } from '../../tables/turns-of-phrase.ts';

/** Somebody or something near the student: whoever knows who that is knows whose paper it is. */
export const identityThirdPerson = defineCheck({
  id: 'identity.third-person', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no tutor, placement or group that points to me' : null),
  found: ({ passages }) => countPhrases(passages, nearby, ownPhrasesIn),
  evaluate: ({ passages }) => phraseDrafts(passages, nearby, 'phrase', 'phrase', ownPhrasesIn),
});
