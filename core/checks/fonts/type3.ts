import { defineCheck, look } from '../define.ts';

export const fontsType3 = defineCheck({
  id: 'fonts.type3', needs: ['fonts'], kinds: ['pdf'], reference: 'ISO 32000-1:2008, 9.6.5',
  asked: () => 'outline fonts',
  found: ({ fonts }) => { const n = fonts.filter((f) => f.type === 'Type 3').length; return n === 0 ? 'all' : `${n} drawn glyph by glyph`; },
  evaluate: ({ fonts }) => fonts.filter((f) => f.type === 'Type 3').slice(0, 1).map((f) => look('type3', { font: f.name, count: fonts.filter((g) => g.type === 'Type 3').length }, { part: 'text', page: f.page, box: null, quote: null })),
});
