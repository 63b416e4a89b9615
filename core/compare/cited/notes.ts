import type { WordStream } from '../words.ts';
import { lowered } from './numbers.ts';
import { byEntry, hasWord, isName, namesOf } from './source-names.ts';

/** “Ibid.”, “Id. at 5”, “Ebd., S. 5”: a note that stands for the one before it. */
export const sameAgain = /^[\s(]*(?:[Ii]b[ií]d(?:em)?|[Ii]dem|[Ii]d\.|[Ee]bd\.?|[Ee]benda|[Ii]vi|[Ll]oc\.?\s?cit)(?![\p{L}])/u;

/** The texts of the notes whose references stand in the passage or behind it in its sentence. */
export function notesOf(paper: WordStream, start: number, end: number, follow: string): string[] {
  const to = end + follow.length + 1, marked = paper.notes.flatMap((n, i) => (n.at > start && n.at <= to ? [i] : []));
  if (marked.length > 0) return marked.map((i) => sameAsBefore(i, (k) => paper.notes[k]?.text));
  // In fixed pages and plain text a reference is a number behind a word or a stop, and its note begins with that number.
  const found: string[] = [], listed = (from: number, to: number, n: number): string[] => (listOf(paper).get(n) ?? []).filter((note) => note.at >= from && note.at < to).map((note) => note.text);
  for (const m of `${paper.text.slice(start, end)}${follow}`.matchAll(/(?<=[.,;:!?”"’)\]]|\p{Ll}{3})(?:(\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)(?=[\s.,;:)]|$)|\s?\[\^?(\d{1,3})\])/gu)) {
    const n = raised((m[1] ?? m[2])!), at = start + m.index, page = paper.pages.find((p) => at >= p.from && at < p.to);
    const below = page ? [...numberedNotes(page.notes, n), ...listed(at + m[0].length, page.to, n)] : [], texts = below.length > 0 ? below : listed(at + m[0].length, paper.text.length, n);
    for (const text of texts) found.push(sameAgain.test(text) ? sameAsBefore(n, (k) => (k === n ? text : (page ? [...numberedNotes(page.notes, k), ...listed(page.from, page.to, k)] : listed(0, paper.text.length, k))[0])) : text);
  }
  // Endnotes that a word processor numbers in small roman figures come as text in square brackets.
  for (const m of paper.text.slice(start, end + follow.length + 8).matchAll(/\[([ivxlc]{1,7})\]/g)) { const note = new RegExp(`\\n\\s*\\[${m[1]}\\]\\s*([^\\n]{3,600})`).exec(paper.text.slice(end))?.[1]; if (note) found.push(note); }
  return found;
}
/** A number in raised or plain figures. */
const raised = (figures: string): number => Number(lowered(figures));
/** “Ibid.” stands for the note before it. */
function sameAsBefore(index: number, note: (index: number) => string | undefined): string {
  for (let i = index; i >= 0 && i > index - 20; i--) { const text = note(i); if (text === undefined) break; if (!sameAgain.test(text)) return text; }
  return '';
}
interface NumberedNote { at: number; text: string }
const lists = new WeakMap<WordStream, Map<number, NumberedNote[]>>();
const listOf = (paper: WordStream): Map<number, NumberedNote[]> => { const known = lists.get(paper) ?? notesIn(paper.text); lists.set(paper, known); return known; };
const numberedNotes = (text: string, n: number): string[] => (notesIn(text).get(n) ?? []).map((note) => note.text);

const longestNote = 600, noteStart = /(?:^|\n|(?<=[.)”’"\d]\s))\s?(?:\[?(\d{1,3})[.)\]]?\s+|\[\^(\d{1,3})\]:\s+|([¹²³⁴⁵⁶⁷⁸⁹⁰]{1,3})\s*)(?=[\p{Lu}“‘"(]|ibid|see\b|cf\b|vgl\b|ebd|id\.)/gu;
/** What stands behind each number that begins a note: up to the next number, or the line's end. One look through a text serves all its passages. */
function notesIn(text: string): Map<number, NumberedNote[]> {
  const starts = Array.from(text.matchAll(noteStart), (m) => ({ n: m[3] ? raised(m[3]) : Number(m[1] ?? m[2]), at: m.index, from: m.index + m[0].length })), notes = new Map<number, NumberedNote[]>();
  starts.forEach(({ n, at, from }, i) => {
    const lineEnd = text.indexOf('\n', from), last = lineEnd < 0 ? text.length : lineEnd;
    let end = last;
    for (let k = i + 1; k < starts.length && starts[k]!.at < last; k++) if (starts[k]!.n === n + 1) { end = starts[k]!.at; break; }
    if (end - from < 4 || end - from > longestNote) return;
    const own = notes.get(n) ?? [];
    own.push({ at, text: text.slice(from, end) });
    notes.set(n, own);
  });
  return notes;
}

/** A note names a source as an entry does, or by its authors alone; of several works parted by semicolons one is enough. */
export function noteNames(note: string, source: WordStream): boolean {
  return note.split(/;\s+/).some((piece) => {
    const work = piece.trim().replace(/^(?:(?:see|cf|compare|see also|as in|after|following|quoted in|cited in|for [^,]{3,60}, see)\b\.?,?\s*)+/i, ''), year = /\b(?:19|20)\d{2}\b/.exec(work)?.[0], { years } = namesOf(source);
    if (year && years.length > 0 && !years.includes(year)) return false;
    // The authors stand before the first mark, title or number.
    const authors = /^[^,(‘“"*:\d]*/.exec(work)![0].match(/\p{Lu}[\p{L}'’-]{2,}/gu) ?? [];
    return authors.length <= 6 && authors.some((a) => isName(a) && hasWord(source, a)) || byEntry(work, source);
  });
}
