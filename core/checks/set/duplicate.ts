import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import type { DocumentFacts } from '../../model/facts.ts';
import { wordsOf } from '../../versions/text.ts';

/** Fewer words are a form or a cover, of which there may be two. */
const fewestWords = 30;
/** Of one kind and with the same words: saved twice. A paper and its PDF are two kinds. */
const sameText = (f: DocumentFacts, g: DocumentFacts): boolean => {
  if (f.file.kind !== g.file.kind || !f.words.ok || !g.words.ok || Math.abs(f.words.value - g.words.value) > 5) return false;
  const words = wordsOf(f);
  return words.length >= fewestWords && words.join(' ') === wordsOf(g).join(' ');
};

export const setDuplicate = defineSetCheck({
  id: 'set.duplicate', reference: 'FIPS 180-4 (equal SHA-256: equal bytes)',
  asked: ({ facts }) => (facts.length > 1 ? 'each document once' : null),
  found: ({ facts }) => `${new Set(facts.map((f) => f.file.sha256)).size} different`,
  evaluate: ({ facts }) => facts.flatMap((f, i) => {
    const before = facts.slice(0, i), bytes = before.find((g) => g.file.sha256 === f.file.sha256), text = bytes ?? before.find((g) => sameText(f, g)), twin = text ?? before.find((g) => g.file.name === f.file.name);
    return twin ? [look(bytes ? 'bytes' : text ? 'text' : 'name', { name: f.file.name, other: twin.file.name }, { part: f.file.name, page: null, box: null, quote: null })] : [];
  }),
});
