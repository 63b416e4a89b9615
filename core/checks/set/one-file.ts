import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';

export const setOneFile = defineSetCheck({
  id: 'set.one-file', reference: 'the brief itself', mend: 'join',
  asked: ({ brief }) => (brief.documents.length === 1 ? 'one single file' : null),
  found: ({ facts }) => (facts.length === 1 ? 'one' : `${facts.length} files`),
  evaluate: ({ facts }) => (facts.length > 1 ? [stops('several', { count: facts.length })] : []),
});
