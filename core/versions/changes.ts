import { diffArrays } from 'diff';

/** A stretch of words that both versions have, or only one. */
export interface Stretch { kind: 'same' | 'added' | 'removed'; words: string[] }
export interface Changes { before: number; after: number; same: number; added: number; removed: number; stretches: Stretch[] }

/** Beyond this many steps of editing a stretch counts as rewritten: nobody reads such a diff word by word. */
const steps = 700;

/** What changed between two texts, word by word. Sentences are matched first, so that long papers stay fast; then the words between them. */
export function changesBetween(before: string[], after: string[]): Changes {
  const out: Stretch[] = [];
  const put = (kind: Stretch['kind'], words: string[]): void => {
    if (words.length === 0) return;
    const last = out[out.length - 1];
    if (last?.kind === kind) last.words.push(...words); else out.push({ kind, words: [...words] });
  };
  let gone: string[] = [], come: string[] = [];
  const settle = (): void => {
    for (const part of gone.length > 0 && come.length > 0 ? wordDiff(gone, come) : []) put(part.kind, part.words);
    if (gone.length === 0 || come.length === 0) { put('removed', gone); put('added', come); }
    gone = []; come = [];
  };
  const [a, b] = [sentences(before), sentences(after)];
  const parts = diffArrays(a, b, { maxEditLength: steps }) ?? [{ value: a, removed: true, added: false }, { value: b, removed: false, added: true }];
  for (const part of parts) {
    const words = part.value.flatMap((s) => s.split(' '));
    if (part.removed) gone.push(...words); else if (part.added) come.push(...words); else { settle(); put('same', words); }
  }
  settle();
  const count = (kind: Stretch['kind']): number => out.reduce((n, s) => n + (s.kind === kind ? s.words.length : 0), 0);
  return { before: before.length, after: after.length, same: count('same'), added: count('added'), removed: count('removed'), stretches: out };
}

function wordDiff(before: string[], after: string[]): Stretch[] {
  const parts = diffArrays(before, after, { maxEditLength: steps });
  if (!parts) return [{ kind: 'removed', words: before }, { kind: 'added', words: after }];
  return parts.map((p) => ({ kind: p.removed ? 'removed' : p.added ? 'added' : 'same', words: p.value }));
}

/** Words up to a full stop, at most 60 in a row. */
function sentences(words: string[]): string[] {
  const out: string[] = [];
  let from = 0;
  words.forEach((w, i) => {
    if (/[.!?:;]["'”’)\]]*$/.test(w) || i - from >= 60 || i === words.length - 1) { out.push(words.slice(from, i + 1).join(' ')); from = i + 1; }
  });
  return out;
}
