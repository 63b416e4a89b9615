import { defineCheck, look } from '../define.ts';

export const remainsComments = defineCheck({
  id: 'remains.comments', needs: ['remains'], mend: 'clean', reference: 'ECMA-376-1, 17.13.4; ISO 32000-1:2008, 12.5.6',
  asked: () => 'no comments left',
  found: ({ remains }) => (remains.comments === 0 ? 'none' : String(remains.comments)),
  evaluate: ({ remains }) => (remains.comments > 0 ? [look('comments', { count: remains.comments })] : []),
});
