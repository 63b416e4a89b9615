import { defineCheck, look } from '../define.ts';

export const textGarbled = defineCheck({
  id: 'text.garbled', needs: ['passages'], mend: 'convert', reference: 'ISO 32000-1:2008, 9.10',
  asked: () => 'characters with a meaning',
  found: ({ facts }) => { const n = facts.integrity.filter((i) => i.code === 'garbled').length; return n === 0 ? 'all' : `${n} places without`; },
  evaluate: ({ facts }) => facts.integrity.filter((i) => i.code === 'garbled').map((i) => look('garbled', { count: i.count }, { part: i.part, page: i.page, box: i.box, quote: i.quote })),
});
