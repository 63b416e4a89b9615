import { defineSetCheck } from '../define-set.ts';
import { look } from '../define.ts';
import type { DocumentDemand } from '../../model/brief.ts';
import type { DocumentFacts } from '../../model/facts.ts';
import { wordsOf } from '../../versions/text.ts';

/** Fewer words are a form or a cover, of which there may be two. */
const fewestWords = 30;
/** What is asked for beside a paper and is no form of it. Common practice, no published source. */
const beside = /\b(?:appendi(?:x|ces)|annex(?:es)?|declarations?|statements?|cover(?: ?sheet| ?page)?|title page|abstract|summary|data(?: ?set)?|slides|presentation|poster|bibliography|references?|log ?book|diary|reflection|form|checklist|consent|permission|figures?|transcripts?|proposal|code|plan)\b/i;
/** A paper and its PDF are two kinds of one document, unless one of them stands where another document belongs. */
const mayBeTwoKinds = (f: DocumentDemand | null, g: DocumentDemand | null): boolean => !f || !g || f === g || beside.test(f.label ?? '') === beside.test(g.label ?? '');
/** With the same words: saved twice. */
const sameText = (f: DocumentFacts, g: DocumentFacts, mayBeTwo: boolean): boolean => {
  if (f.file.kind !== g.file.kind && mayBeTwo || !f.words.ok || !g.words.ok || Math.abs(f.words.value - g.words.value) > 5) return false;
  const words = wordsOf(f), others = wordsOf(g);
  return words.length >= fewestWords && (f.file.kind === g.file.kind ? words.join(' ') === others.join(' ') : apart(words, others) <= words.length * readingSlack);
};
/** Two kinds are read by two readers: a word broken at a line's end is two words in one of them. */
const readingSlack = 0.02;
function apart(words: readonly string[], others: readonly string[]): number {
  const left = new Map<string, number>();
  for (const w of words) left.set(w, (left.get(w) ?? 0) + 1);
  for (const w of others) left.set(w, (left.get(w) ?? 0) - 1);
  return [...left.values()].reduce((sum, n) => sum + Math.abs(n), 0);
}

export const setDuplicate = defineSetCheck({
  id: 'set.duplicate', reference: 'FIPS 180-4 (equal SHA-256: equal bytes)',
  asked: ({ facts }) => (facts.length > 1 ? 'each document once' : null),
  found: ({ facts }) => `${new Set(facts.map((f) => f.file.sha256)).size} different`,
  evaluate: ({ facts, matching }) => facts.flatMap((f, i) => {
    const before = facts.slice(0, i), bytes = before.find((g) => g.file.sha256 === f.file.sha256), text = bytes ?? before.find((g, j) => sameText(f, g, mayBeTwoKinds(matching[i] ?? null, matching[j] ?? null))), twin = text ?? before.find((g) => g.file.name === f.file.name);
    return twin ? [look(bytes ? 'bytes' : text ? 'text' : 'name', { name: f.file.name, other: twin.file.name }, { part: f.file.name, page: null, box: null, quote: null })] : [];
  }),
});
