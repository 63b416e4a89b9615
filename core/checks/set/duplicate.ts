import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';

export const setDuplicate = defineSetCheck({
  id: 'set.duplicate', reference: 'FIPS 180-4 (equal SHA-256: equal bytes)',
  asked: ({ facts }) => (facts.length > 1 ? 'each document once' : null),
  found: ({ facts }) => `${new Set(facts.map((f) => f.file.sha256)).size} different`,
  evaluate: ({ facts }) => facts.flatMap((f, i) => {
    const twin = facts.slice(0, i).find((g) => g.file.sha256 === f.file.sha256 || g.file.name === f.file.name);
    return twin ? [look(twin.file.sha256 === f.file.sha256 ? 'bytes' : 'name', { name: f.file.name, other: twin.file.name }, { part: f.file.name, page: null, box: null, quote: null })] : [];
  }),
});
