import { defineCheck, look } from '../define.ts';

export const textOffPage = defineCheck({
  id: 'text.off-page', needs: ['passages'], kinds: ['pdf'], reference: 'ISO 32000-1:2008, 14.11.2 (crop box)',
  asked: () => 'text on the page',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'offPage').length; return n === 0 ? 'all' : `${n} places outside`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'offPage').map((i) => look('outside', { quote: i.quote }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
