import { defineCheck, stops } from '../define.ts';

export const filePartial = defineCheck({
  id: 'file.partial', needs: [], reference: 'common practice, no published source',
  asked: ({ file }) => (file.kind === 'partial' ? 'the whole download' : null),
  found: ({ file }) => (file.kind === 'partial' ? 'half a download' : 'a file'),
  evaluate: ({ file }) => (file.kind === 'partial' ? [stops('partial', { extension: file.extension })] : []),
});
