import { defineCheck, look } from '../define.ts';

export const fontsUnicode = defineCheck({
  id: 'fonts.unicode', needs: ['fonts'], kinds: ['pdf'], mend: 'convert', reference: 'ISO 32000-1:2008, 9.10.2',
  asked: () => 'text that turns into characters',
  found: ({ fonts }) => `${fonts.filter((f) => f.readable).length} of ${fonts.length} fonts`,
  evaluate: ({ fonts }) => [...new Map(fonts.filter((f) => !f.readable).map((f) => [f.name, f])).values()].map((f) => look('unmapped', { font: f.name }, { part: 'text', page: f.page, box: null, quote: f.name })),
});
