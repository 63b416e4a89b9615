import { defineCheck, look } from '../define.ts';

export const textZeroWidth = defineCheck({
  id: 'text.zero-width', needs: ['passages'], reference: 'Unicode UTS #39, 3.1.1',
  asked: () => 'no invisible characters in words',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'zeroWidth').reduce((a, i) => a + i.count, 0); return n === 0 ? 'none' : `${n} words`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'zeroWidth').map((i) => look('zeroWidth', { word: i.quote, count: i.count }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
