import { runningOn } from './wrapped-lines.ts';

/** A wording as it is read, with where each of its letters stands in the original. */
export interface Wording { text: string; /** where a letter stands in the original */ at: (offset: number) => number }

/** Brings a wording into the shape that it is read in: lines that a mail program or a page broke run on, marks of emphasis, spaces that do not break and letters that are not seen are gone.
 * @returns the wording, with the places of its letters in the original (in UTF-16 units) */
export function readable(original: string): Wording {
  let wording: Placed = { text: original, places: null };
  for (const [pattern, by] of plainer) wording = replaced(wording, pattern, by);
  wording = replaced(wording, /^(?: {2,}|\t+)(?=\S)/gm, indentOfAll(wording.text) > 1 ? (lead) => lead.slice(Math.min(lead.length, indentOfAll(wording.text))) : (lead) => lead);
  // A message that is quoted as a whole is no earlier one.
  if (/^>/m.test(wording.text) && !/^[^>\n]/m.test(wording.text)) wording = replaced(wording, /^>[ \t]?/gm, () => '');
  wording = unwrapped(wording);
  const { text, places } = wording;
  return { text, at: (offset) => places?.[offset] ?? (offset < text.length ? offset : original.length) };
}

interface Placed { text: string; places: number[] | null }
type By = (found: string) => string;

/** What reads as the same. */
const plainer: readonly [RegExp, By][] = [
  [/\r\n?/g, () => '\n'],
  // Spaces that keep figures together tell thousands; elsewhere they are spaces.
  [/(?<!\d)[\u00a0\u2007\u2009\u202f]|[\u00a0\u2007\u2009\u202f](?!\d{3}(?!\d))/g, () => ' '],
  [/[\u00ad\u200b-\u200d\u2060\ufeff]/g, () => ''],
  [/[\u2010\u2011]/g, () => '-'],
  // Emphasis: two marks around words, never those of a file's name.
  [/(?<![\w*])\*\*(?=\S)|(?<=\S)\*\*(?![\w*])/g, () => ''],
  [/[ \t]+$/gm, () => ''],
  // All marks before items.
  [/(?<=^[ \t]*)[•▪·‣◦●○■+*►▸➢➤\uf0b7\uf0a7–—](?=[ \t]+\S)/gm, () => '-'],
  // Halves of the day in any letters; the stop that ends a line or a sentence stays.
  [/(?<=\d[ \t]?)(?:[ap]\.[ \t]?m\.?|[AP]\.?[ \t]?M\.?)(?!\p{L})(?:(?=[ \t]*$)|(?!\.|[ \t]+\p{Lu}\p{Ll}))/gmu, (half) => half.replace(/[.\s]/g, '').toLowerCase()],
  // A typist leaves two spaces behind a stop.
  [/(?<=[.!?:;,]) {2}(?=\S)/g, () => ' '],
  // A date that a word processor joined with dashes (ISO 8601).
  [/(?<![\d–])(?:\d{4}–\d{2}–\d{2}|\d{2}–\d{2}–\d{4})(?![\d–])/g, (date) => date.replaceAll('–', '-')],
  [/(?<=[\p{L}\d)])—(?=[\p{L}\d(])/gu, () => ' — '],
];

/** Puts what reads as the same in the place of each match. */
function replaced({ text, places }: Placed, pattern: RegExp, by: By): Placed {
  const kept: string[] = [], from: number[] = [];
  let at = 0;
  const take = (to: number): void => { kept.push(text.slice(at, to)); for (; at < to; at++) from.push(places?.[at] ?? at); };
  for (const m of text.matchAll(pattern)) {
    const other = by(m[0]);
    if (other === m[0]) continue;
    take(m.index);
    kept.push(other);
    for (let i = 0; i < other.length; i++) { const of = m.index + Math.min(i, m[0].length - 1); from.push(places?.[of] ?? of); }
    at = m.index + m[0].length;
  }
  if (kept.length === 0) return { text, places };
  take(text.length);
  return { text: kept.join(''), places: from };
}

/** How far all lines are set in. */
function indentOfAll(text: string): number {
  let least = Infinity;
  for (const line of text.split('\n')) if (line.trim()) least = Math.min(least, line.length - line.trimStart().length);
  return Number.isFinite(least) ? least : 0;
}

/** Lines that were broken for want of room run on. */
function unwrapped(wording: Placed): Placed {
  const lines = wording.text.split('\n');
  if (lines.length < 2) return wording;
  const runs = runningOn(lines);
  if (!runs.includes(true)) return wording;
  let line = -1;
  return replaced(wording, /\n(?:>[ \t]?)*[ \t]*/g, (found) => {
    line++;
    return runs[line] ? ' ' : found;
  });
}
