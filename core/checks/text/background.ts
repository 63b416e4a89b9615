import { defineCheck, look } from '../define.ts';

export const textBackground = defineCheck({
  id: 'text.background', needs: ['passages'], kinds: ['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc'], reference: 'ISO 32000-1:2008, 8.6.8 and 11.3 (colour against what is painted under it)',
  asked: () => 'text that stands out from its ground',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'background').length; return n === 0 ? 'all' : n === 1 ? '1 place that does not' : `${n} places that do not`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'background').map((i) => look('blends', { quote: i.quote }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
