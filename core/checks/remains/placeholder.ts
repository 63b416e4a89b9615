import { defineCheck } from '../define.ts';
import { countPhrases, phraseDrafts } from '../phrases.ts';

const placeholders = /\b(?:TODO|FIXME|TBC|TBD)\b|\bXXX+\b|[[<{](?:insert|add|enter|type|your|name|title|date|ref(?:erence)?s?|citation|cite)\b[^\]>}]{0,60}[\]>}]|(?:^|[[<{(])\s*(?:insert|add)\s+(?:\w+\s+){0,4}here\b|\blorem ipsum\b|\bClick (?:or tap )?here to enter\b|\[\?\]|\bcitation needed\b/gim;

export const remainsPlaceholder = defineCheck({
  id: 'remains.placeholder', needs: ['passages'], reference: 'common practice, no published source',
  asked: () => 'no places left to fill in',
  found: ({ passages }) => countPhrases(passages, placeholders),
  evaluate: ({ passages }) => phraseDrafts(passages, placeholders, 'placeholder', 'text'),
});
