import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';

export const setSurplus = defineSetCheck({
  id: 'set.surplus', reference: 'the brief itself',
  asked: ({ brief }) => (brief.documents.length > 0 ? `${brief.documents.length} ${brief.documents.length === 1 ? 'document' : 'documents'}` : null),
  found: ({ facts }) => `${facts.length}`,
  evaluate: ({ facts, matching }) => facts.flatMap((f, i) => (matching[i] === null ? [look('surplus', { name: f.file.name }, { part: f.file.name, page: null, box: null, quote: null })] : [])),
});
