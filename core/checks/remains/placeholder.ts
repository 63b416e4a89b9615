import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';
import { placeholders } from '../../tables/leftovers.ts';

export const remainsPlaceholder = defineCheck({
  id: 'remains.placeholder', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no places left to fill in',
  found: ({ passages }) => countPhrases(passages, placeholders),
  evaluate: ({ passages }) => phraseDrafts(passages, placeholders, 'placeholder', 'text'),
});
