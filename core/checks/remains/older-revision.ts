import { defineCheck, look } from '../define.ts';

export const remainsOlderRevision = defineCheck({
  id: 'remains.older-revision', needs: ['remains'], mend: 'clean', reference: 'ISO 32000-1:2008, 7.5.6',
  asked: () => 'no earlier saved state inside',
  found: ({ remains }) => (remains.revisions === 0 ? 'none' : String(remains.revisions)),
  evaluate: ({ remains }) => (remains.revisions > 0 ? [look('revisions', { count: remains.revisions }, { part: 'revision/1', page: null, box: null, quote: null })] : []),
});
