import { defineCheck, look } from '../define.ts';

export const textHiddenLayer = defineCheck({
  id: 'text.hidden-layer', needs: ['passages'], kinds: ['pdf'], reference: 'ISO 32000-1:2008, 8.11 (optional content)',
  asked: () => 'no text in layers that are switched off',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'hiddenLayer').length; return n === 0 ? 'none' : `on ${n} ${n === 1 ? 'page' : 'pages'}`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'hiddenLayer').slice(0, 40).map((i) => look('hidden', { quote: i.quote, page: i.page ?? 0 }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
