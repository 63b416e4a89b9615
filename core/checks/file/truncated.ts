import { defineCheck, stops } from '../define.ts';

export const fileTruncated = defineCheck({
  id: 'file.truncated', needs: [], reference: 'ISO 32000-1:2008, 7.5.5; PKWARE APPNOTE 4.3.16; ITU-T T.81, B.1.1.3',
  asked: () => 'whole',
  found: ({ file }) => (file.troubles.some((t) => ['truncated', 'damaged', 'bomb'].includes(t.code)) ? 'cut short or damaged' : 'whole'),
  evaluate: ({ file }) => file.troubles.filter((t) => ['truncated', 'damaged', 'bomb'].includes(t.code)).slice(0, 1)
    .map((t) => stops(t.code, { why: t.text || 'its structure is broken' }, { part: t.part, page: t.page, box: null, quote: null })),
});
