import { defineCheck, stops } from '../define.ts';

export const fileEmpty = defineCheck({
  id: 'file.empty', needs: [], reference: 'common practice, no published source',
  asked: () => 'not empty',
  found: ({ file }) => (file.bytes === 0 ? '0 bytes' : 'has content'),
  evaluate: ({ file }) => (file.bytes === 0 ? [stops('zero')] : []),
});
