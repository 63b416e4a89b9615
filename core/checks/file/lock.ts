import { defineCheck, stops } from '../define.ts';

export const fileLock = defineCheck({
  id: 'file.lock', needs: [], reference: 'common practice, no published source',
  asked: ({ file }) => (file.kind === 'lock' ? 'the document itself' : null),
  found: ({ file }) => (file.kind === 'lock' ? 'an editor’s lock file' : 'a file'),
  evaluate: ({ file }) => file.troubles.filter((t) => t.code === 'lock').map((t) => stops('lock', { owner: t.text })),
});
