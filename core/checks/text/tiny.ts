import { defineCheck, look } from '../define.ts';

export const textTiny = defineCheck({
  id: 'text.tiny', needs: ['passages'], kinds: ['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc'], reference: 'common practice, no published source (under 4 pt)',
  asked: () => 'text large enough to read',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'tiny').length; return n === 0 ? 'all' : `${n} ${n === 1 ? 'place' : 'places'} under 4 pt`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'tiny').map((i) => look('tiny', { quote: i.quote }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
