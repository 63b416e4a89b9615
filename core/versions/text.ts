import type { DocumentFacts } from '../model/facts.ts';

/** The words of a document as they are read: main text and notes, words broken at a line's end whole again. */
export function wordsOf(facts: DocumentFacts): string[] {
  if (!facts.passages.ok) return [];
  const text = facts.passages.value.filter((p) => p.place === 'text' || p.place === 'textbox' || p.place === 'footnote').map((p) => p.text).join('\n');
  return text.normalize('NFKC').replace(/[\u00ad\u200b]/g, '').replace(/(\p{L})[-‐]\n(?=\p{Ll})/gu, '$1').match(/\S+/g) ?? [];
}

/** The words of a text, and the stretches of four of them by which it is told from others. */
export interface Text { words: string[]; stretches: Set<string> }
export function textOf(words: string[]): Text {
  const folded = words.map((w) => w.toLowerCase()), stretches = new Set<string>();
  for (let i = 0; i + 4 <= folded.length; i++) stretches.add(`${folded[i]} ${folded[i + 1]} ${folded[i + 2]} ${folded[i + 3]}`);
  return { words, stretches };
}

/** How many stretches of four words the shorter of two texts shares with the longer, 0–1. Short texts share nothing: a form is no version of a report. */
export function likeness(a: Text, b: Text): number {
  const [short, long] = a.words.length <= b.words.length ? [a, b] : [b, a];
  if (short.words.length < 30) return short.words.length > 0 && short.words.join(' ') === long.words.join(' ') ? 1 : 0;
  let shared = 0;
  for (const s of short.stretches) if (long.stretches.has(s)) shared++;
  return shared / short.stretches.size;
}

/** From here on two texts are taken for versions of one: most of the shorter stands in the longer. Common practice, no published source. */
export const nearlyTheSame = 0.5;
