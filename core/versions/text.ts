import type { DocumentFacts } from '../model/facts.ts';

/** The words of a document as they are read: main text and notes, words broken at a line's end whole again. */
export function wordsOf(facts: DocumentFacts): string[] {
  if (!facts.passages.ok) return [];
  const text = facts.passages.value.filter((p) => p.place === 'text' || p.place === 'textbox' || p.place === 'footnote').map((p) => p.text).join('\n');
  return text.normalize('NFKC').replace(/[\u00ad\u200b]/g, '').replace(/(\p{L})[-‐]\n(?=\p{Ll})/gu, '$1').match(/\S+/g) ?? [];
}

/** The words of a text, and the stretches of four of them, as numbers, by which it is told from others. `sample`: a sixteenth of the stretches, the same ones in every text. */
export interface Text { words: string[]; stretches: Set<number>; sample: number[] }
export function textOf(words: string[]): Text {
  const marks = Int32Array.from(words, markOf), stretches = new Set<number>();
  for (let i = 0; i + 4 <= marks.length; i++) stretches.add(mix(mix(mix(marks[i]!, marks[i + 1]!), marks[i + 2]!), marks[i + 3]!));
  return { words, stretches, sample: [...stretches].filter((s) => (s & 15) === 0) };
}
/** A word as a number, whatever its capitals (FNV-1a, 32 bits; common practice). */
function markOf(word: string): number {
  let mark = 0x811c9dc5;
  const folded = word.toLowerCase();
  for (let i = 0; i < folded.length; i++) mark = Math.imul(mark ^ folded.charCodeAt(i), 0x01000193);
  return mark;
}
const mix = (a: number, b: number): number => { const m = Math.imul(a ^ (a >>> 15), 0x2c1b3c6d) + b | 0; return m ^ (m >>> 13); };

/** How many stretches of four words the shorter of two texts shares with the longer, 0–1. Short texts share nothing: a form is no version of a report.
 * Where a sample shows that the two have little in common, its share is taken as it is. */
export function likeness(a: Text, b: Text): number {
  const [short, long] = a.words.length <= b.words.length ? [a, b] : [b, a];
  if (short.words.length < 30) return short.words.length > 0 && short.words.join(' ') === long.words.join(' ') ? 1 : 0;
  const shareOf = (stretches: Iterable<number>, size: number): number => { let shared = 0; for (const s of stretches) if (long.stretches.has(s)) shared++; return shared / size; };
  if (short.sample.length >= 40) { const rough = shareOf(short.sample, short.sample.length); if (rough < nearlyTheSame / 3) return rough; }
  return shareOf(short.stretches, short.stretches.size);
}

/** From here on two texts are taken for versions of one: most of the shorter stands in the longer. Common practice, no published source. */
export const nearlyTheSame = 0.5;
