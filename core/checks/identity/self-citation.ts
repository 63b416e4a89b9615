import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';

const phrases = /\b(?:my|our|the (?:present )?author['’]?s?)\s+(?:own\s+)?(?:earlier|previous|prior|recent|forthcoming|published|first-year|second-year|bachelor|master|undergraduate)['’]?s?\s+(?:work|paper|essay|report|study|studies|research|thesis|dissertation|project|article|assignment)s?\b|\b(?:as|which)\s+I\s+(?:have\s+)?(?:argued|shown|wrote|written|published|reported)\s+(?:earlier|elsewhere|previously|in)\b/gi;

export const identitySelfCitation = defineCheck({
  id: 'identity.self-citation', needs: ['passages'], reference: 'common practice, no published source',
  asked: ({ wanted }) => (wanted === 'yes' ? 'no pointing to my own earlier work' : null),
  found: ({ passages }) => countPhrases(passages, phrases),
  evaluate: ({ passages }) => phraseDrafts(passages, phrases, 'phrase', 'phrase'),
});
