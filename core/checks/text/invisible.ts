import { defineCheck, look } from '../define.ts';

export const textInvisible = defineCheck({
  id: 'text.invisible', needs: ['passages'], reference: 'ECMA-376-1, 17.3.2.41 (vanish); ODF 1.2-1, 20.379',
  asked: () => 'nothing hidden in the text',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'vanish' || i.code === 'invisible').length; return n === 0 ? 'nothing' : `${n} hidden`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'vanish' || i.code === 'invisible').map((i) => look('hidden', { quote: i.quote }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
