import { defineCheck, look } from '../define.ts';

export const fileAttachments = defineCheck({
  id: 'file.attachments', needs: [], reference: 'ISO 32000-1:2008, 7.11.4',
  asked: ({ facts }) => (facts.file.troubles.some((t) => t.code === 'attachment') ? 'no files inside' : null),
  found: ({ file }) => `${file.troubles.filter((t) => t.code === 'attachment').length} inside`,
  evaluate: ({ file }) => file.troubles.filter((t) => t.code === 'attachment').map((t) => look('attachment', { name: t.text }, { part: `attachment/${t.text}`, page: t.page, box: null, quote: t.text })),
});
