import { defineCheck, stops } from '../define.ts';

export const fileVendor = defineCheck({
  id: 'file.vendor', needs: [], reference: 'common practice, no published source',
  asked: ({ file }) => (file.kind === 'vendor' ? 'a kind that everybody can open' : null),
  found: ({ file }) => (file.kind === 'vendor' ? `.${file.extension}, one program’s own package` : 'an open kind'),
  evaluate: ({ file }) => (file.kind === 'vendor' ? [stops('vendor', { extension: file.extension })] : []),
});
