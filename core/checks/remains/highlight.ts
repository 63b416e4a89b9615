import { defineCheck, look } from '../define.ts';

export const remainsHighlight = defineCheck({
  id: 'remains.highlight', needs: ['remains'], reference: 'ECMA-376-1, 17.3.2.15; ISO 32000-1:2008, 12.5.6.10',
  asked: () => 'no highlighting left',
  found: ({ remains }) => (remains.highlights === 0 ? 'none' : String(remains.highlights)),
  evaluate: ({ remains }) => (remains.highlights > 0 ? [look('highlights', { count: remains.highlights })] : []),
});
