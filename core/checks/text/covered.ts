import { defineCheck, look } from '../define.ts';

export const textCovered = defineCheck({
  id: 'text.covered', needs: ['passages'], kinds: ['pdf'], reference: 'ISO 32000-1:2008, 11.3 (what is painted later lies over what was painted before)',
  asked: () => 'no text under something else',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'covered').length; return n === 0 ? 'none' : `${n} ${n === 1 ? 'place' : 'places'}`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'covered').slice(0, 40).map((i) => look('covered', { quote: i.quote }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
