import { defineCheck, atPage, look } from '../define.ts';

export const pagesBlank = defineCheck({
  id: 'pages.blank', needs: ['pages'], kinds: ['pdf'], reference: 'common practice, no published source',
  asked: () => 'no blank pages',
  found: ({ pages }) => { const n = pages.filter((p) => p.words === 0 && p.images === 0).length; return n === 0 ? 'none' : `${n} blank`; },
  evaluate: ({ pages }) => pages.filter((p) => p.words === 0 && p.images === 0).slice(0, 20).map((p) => look('blank', { page: p.number }, atPage(p.number))),
});
