import { defineCheck, stops } from '../define.ts';

export const fileLink = defineCheck({
  id: 'file.link', needs: [], reference: 'common practice, no published source',
  asked: () => 'a document, not a link to one',
  found: ({ file }) => (file.kind === 'link' ? 'only a link' : 'a file'),
  evaluate: ({ file }) => file.troubles.filter((t) => t.code === 'link').map((t) => stops('link', { address: t.text.slice(0, 120) })),
});
