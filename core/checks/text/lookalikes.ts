import { defineCheck, look } from '../define.ts';

export const textLookalikes = defineCheck({
  id: 'text.lookalikes', needs: ['passages'], reference: 'Unicode UTS #39, 4 and 5.1',
  asked: () => 'words in one script',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'lookalike').reduce((a, i) => a + i.count, 0); return n === 0 ? 'all' : `${n} words mix scripts`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'lookalike').map((i) => look('lookalike', { word: i.quote, count: i.count }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
