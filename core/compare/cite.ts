import { squash } from '../identity/fold.ts';
import type { WordStream } from './words.ts';

/** Whether a citation stands with a passage and names the source that really matches: in brackets after it, in the sentence that leads in,
 * by number through the reference list, or in a footnote. @param start, end - of the passage in the paper's text */
export function isCited(paper: WordStream, start: number, end: number, source: WordStream): boolean {
  const before = paper.text.slice(Math.max(0, start - 260), start), after = paper.text.slice(end, end + 200), inside = paper.text.slice(start, end);
  // A citation belongs to the passage up to the end of its sentence, or of the quotation.
  const follow = /^[^]*?(?:[.!?](?=\s+[A-Z“"]|\s*\n|$)(?![^(]*\))|\n\n|$)/.exec(after)?.[0] ?? after, lead = before.split(/[.!?]\s+(?=[A-Z“"])/).at(-1) ?? before;
  const near = `${lead} ${inside.slice(-120)} ${follow}${/^[^]{0,4}\([^)]*\)/.exec(after.slice(follow.length))?.[0] ?? ''}`;
  for (const m of near.matchAll(/(\p{Lu}[\p{L}'’-]+)(?:(?:\s*,\s*|\s+(?:and|&)\s+|\s+et al\.?,?\s*)(?:\p{Lu}[\p{L}'’.-]*\s*)*){0,3},?\s*\(?\s*((?:19|20)\d{2})[a-z]?/gu)) if (names(source, m[1]!, m[2]!)) return true;
  for (const m of near.matchAll(/\[(\d{1,3})(?:\s*[,–-]\s*(\d{1,3}))?\]/g)) for (let n = Number(m[1]); n <= Number(m[2] ?? m[1]); n++) if (entryNames(numbered(paper.references, n), source)) return true;
  const note = /[.,”"’)]?\s?(\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)(?=\s|$)/.exec(`${inside.slice(-3)}${after.slice(0, 8)}`)?.[1];
  if (note && paper.footnotes) { const lines = paper.footnotes.split('\n'), n = Number(note.replace(/[¹²³⁴⁵⁶⁷⁸⁹⁰]/g, (c) => String('⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(c)))); const text = lines.find((l) => new RegExp(`^\\s*${n}\\b`).test(l)) ?? lines[n - 1]; if (text && entryNames(text, source)) return true; }
  return false;
}

/** A surname and year name a source when the surname stands in what names it and no other year does. */
function names(source: WordStream, surname: string, year: string): boolean {
  if (!hasWord(source.identity, surname)) return false;
  const years: string[] = source.identity.match(/\b(?:19|20)\d{2}\b/g) ?? [];
  return years.length === 0 || years.includes(year);
}
/** An entry of a reference list names a source by a surname, or by most words of its title. */
function entryNames(entry: string | null, source: WordStream): boolean {
  if (!entry) return false;
  const surname = /(\p{Lu}[\p{L}'’-]{2,})/u.exec(entry)?.[1];
  if (surname && hasWord(source.identity, surname)) return true;
  const words = entry.match(/\p{L}{5,}/gu) ?? [];
  return words.length >= 3 && words.filter((w) => hasWord(source.identity, w)).length >= words.length * 0.6;
}
const hasWord = (text: string, word: string): boolean => { const wanted = squash(word); return (text.match(/[\p{L}'’-]+/gu) ?? []).some((w) => squash(w) === wanted); };
const numbered = (references: string, n: number): string | null => new RegExp(`(?:^|\\n)\\s*\\[?${n}[\\].)]?\\s+([^\\n]+(?:\\n(?!\\s*\\[?\\d+[\\].)]?\\s)[^\\n]+)*)`).exec(references)?.[1] ?? null;
