import type { DocumentFacts } from '../model/facts.ts';

/** The words of a document as they are read: main text and notes, words broken at a line's end whole again. */
export function wordsOf(facts: DocumentFacts): string[] {
  if (!facts.passages.ok) return [];
  const text = facts.passages.value.filter((p) => p.place === 'text' || p.place === 'textbox' || p.place === 'footnote').map((p) => p.text).join('\n');
  return text.normalize('NFKC').replace(/[\u00ad\u200b]/g, '').replace(/(\p{L})[-‐]\n(?=\p{Ll})/gu, '$1').match(/\S+/g) ?? [];
}

/** How many stretches of four words the shorter of two texts shares with the longer, 0–1. Short texts share nothing: a form is no version of a report. */
export function likeness(a: string[], b: string[]): number {
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (short.length < 30) return short.length > 0 && short.join(' ') === long.join(' ') ? 1 : 0;
  const known = new Set(stretches(long));
  const own = stretches(short);
  return own.filter((s) => known.has(s)).length / own.length;
}
function stretches(words: string[]): string[] {
  const folded = words.map((w) => w.toLowerCase()), out: string[] = [];
  for (let i = 0; i + 4 <= folded.length; i++) out.push(`${folded[i]} ${folded[i + 1]} ${folded[i + 2]} ${folded[i + 3]}`);
  return out;
}

/** From here on two texts are taken for versions of one: most of the shorter stands in the longer. Common practice, no published source. */
export const nearlyTheSame = 0.5;
