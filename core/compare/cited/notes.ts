import type { WordStream } from '../words.ts';
import { byEntry, hasWord, isName, namesOf } from './source-names.ts';

/** The texts of the notes whose references stand in the passage or behind it in its sentence. */
export function notesOf(paper: WordStream, start: number, end: number, follow: string): string[] {
  const to = end + follow.length + 1, marked = paper.notes.flatMap((n, i) => (n.at > start && n.at <= to ? [i] : []));
  if (marked.length > 0) return marked.map((i) => sameAsBefore(i, (k) => paper.notes[k]?.text));
  // In fixed pages and plain text a reference is a number behind a word or a stop, and its note begins with that number.
  const found: string[] = [];
  for (const m of `${paper.text.slice(start, end)}${follow}`.matchAll(/(?<=[.,;:!?”"’)\]]|\p{Ll}{3})(?:(\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)(?=[\s.,;:)]|$)|\s?\[(\d{1,3})\])/gu)) {
    const n = Number((m[1] ?? m[2])!.replace(/[¹²³⁴⁵⁶⁷⁸⁹⁰]/g, (c) => String('⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(c)))), at = start + m.index, page = paper.pages.find((p) => at >= p.from && at < p.to);
    const below = page ? [...numberedNotes(page.notes, n), ...numberedNotes(paper.text.slice(at + m[0].length, page.to), n)] : [], texts = below.length > 0 ? below : numberedNotes(paper.text.slice(at + m[0].length), n);
    for (const text of texts) found.push(/^ibid/i.test(text) ? sameAsBefore(n, (k) => (k === n ? text : numberedNotes(page ? `${page.notes}\n${paper.text.slice(page.from, page.to)}` : paper.text, k)[0])) : text);
  }
  // Endnotes that a word processor numbers in small roman figures come as text in square brackets.
  for (const m of paper.text.slice(start, end + follow.length + 8).matchAll(/\[([ivxlc]{1,7})\]/g)) { const note = new RegExp(`\\n\\s*\\[${m[1]}\\]\\s*([^\\n]{3,600})`).exec(paper.text.slice(end))?.[1]; if (note) found.push(note); }
  return found;
}
/** “Ibid.” stands for the note before it. */
function sameAsBefore(index: number, note: (index: number) => string | undefined): string {
  for (let i = index; i >= 0 && i > index - 20; i--) { const text = note(i); if (text === undefined) break; if (!/^\W*(?:ibid|idem|ebd)\b/i.test(text)) return text; }
  return '';
}
/** What stands behind a number that begins a note: up to the next number, or the line's end. */
const numberedNotes = (text: string, n: number): string[] => [...text.matchAll(new RegExp(`(?:^|\\n|(?<=[.)”’"\\d]\\s))\\s?\\[?${n}[.)\\]]?\\s+((?:[\\p{Lu}“‘"(]|ibid|see\\b|cf\\b)[^\\n]{3,600}?)(?=\\s\\[?${n + 1}[.)\\]]?\\s+(?:[\\p{Lu}“‘"(]|[Ii]bid|[Ss]ee\\b|[Cc]f\\b)|\\n|$)`, 'gu'))].map((m) => m[1]!);

/** A note names a source as an entry does, or by its authors alone; of several works parted by semicolons one is enough. */
export function noteNames(note: string, source: WordStream): boolean {
  return note.split(/;\s+/).some((piece) => {
    const work = piece.trim().replace(/^(?:(?:see|cf|compare|see also|as in|after|following|quoted in|cited in|for [^,]{3,60}, see)\b\.?,?\s*)+/i, ''), year = /\b(?:19|20)\d{2}\b/.exec(work)?.[0], { head, years } = namesOf(source);
    if (year && years.length > 0 && !years.includes(year)) return false;
    // The authors stand before the first mark, title or number.
    const authors = /^[^,(‘“"*:\d]*/.exec(work)![0].match(/\p{Lu}[\p{L}'’-]{2,}/gu) ?? [];
    return authors.length <= 6 && authors.some((a) => isName(a) && hasWord(head, a)) || byEntry(work, source);
  });
}
