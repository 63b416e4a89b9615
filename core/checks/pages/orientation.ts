import { defineCheck, atPage, look } from '../define.ts';

export const pagesOrientation = defineCheck({
  id: 'pages.orientation', needs: ['pages'], kinds: ['pdf'], reference: 'common practice, no published source',
  asked: () => 'pages one way up',
  found: ({ pages }) => { const across = pages.filter((p) => p.width > p.height).length; return across === 0 ? 'all upright' : across === pages.length ? 'all across' : `${across} of ${pages.length} across`; },
  evaluate: ({ pages }) => {
    const across = pages.filter((p) => p.width > p.height);
    return across.length === 0 || across.length > pages.length / 2 ? [] : across.slice(0, 20).map((p) => look('across', { page: p.number }, atPage(p.number)));
  },
});
