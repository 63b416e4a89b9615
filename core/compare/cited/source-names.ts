import { squash } from '../../identity/fold.ts';
import type { WordStream } from '../words.ts';

/** What a source is known by, gathered once from its name, its stored author and title and its first lines. */
export interface SourceNames { /** all of it, without the works that it cites itself */ head: string; /** its first lines, each of which may be its title */ lines: string[]; /** years in which it may have appeared */ years: string[]; /** its words, folded */ words: ReadonlySet<string> }

const known = new WeakMap<WordStream, SourceNames>();
export function namesOf(source: WordStream): SourceNames {
  let names = known.get(source);
  if (!names) {
    // Works that the source itself cites in its first lines do not name it, nor do the years that its title speaks of; “(Reach: Press, 2009)” is where it appeared itself.
    const head = source.identity.replace(/\([^():]*\p{Lu}[^():]*:\s[^():]*?\b((?:19|20)\d{2})\)/gu, ' $1 ').replace(/\((?=[^()]*\p{Lu}\p{L}+)[^()]*\b(?:19|20)\d{2}[a-z]?\b[^()]*\)|\p{Lu}[\p{L}'’-]+ \((?:19|20)\d{2}[a-z]?\)(?= \p{Ll})/gu, ' ');
    const dated = head.replace(/\b\d{4}\s?[–-]\s?(?:\d{4}|\d{2})\b|\b(?:in|of|since|from|before|after|until|to|by|between)\s+\d{4}\b(?:\s+(?:and|to)\s+\d{4}\b)?/gi, ' ');
    known.set(source, names = { head, lines: head.split('\n').map((l) => l.trim()).filter(Boolean).slice(0, 6), years: dated.match(/\b(?:19|20)\d{2}\b/g) ?? [], words: new Set((head.match(/[\p{L}'’-]+/gu) ?? []).map(squash)) });
  }
  return names;
}

/** Small words that an abbreviation leaves out, or not. */
const minor = /^(?:of|the|and|for|in|on|to|a|an|de|der|die|das|für|und|la|le|les|et)$/i;
/** “WLA” stands for a body whose name's initials it is. */
function abbreviates(head: string, letters: string): boolean {
  if (!/^\p{Lu}{2,7}$/u.test(letters)) return false;
  return head.split('\n').some((line) => { const initials = (line.match(/[\p{L}’'-]+/gu) ?? []).filter((w) => !minor.test(w)).map((w) => (/^\p{Lu}/u.test(w) ? w[0]! : ' ')).join(''); return initials.includes(letters); });
}
/** Whether what names a source holds a word, or a body's name with those initials. */
export const hasWord = (source: WordStream, word: string): boolean => { const { head, words } = namesOf(source); return words.has(squash(word)) || abbreviates(head, word); };

/** A surname and year name a source when the surname stands in what names it and no other year does. */
export function byAuthorAndYear(source: WordStream, surname: string, year: string): boolean {
  const { years } = namesOf(source);
  if (!hasWord(source, surname)) return false;
  if (!/^\d/.test(year)) return byAuthor(source, surname);
  return years.length === 0 || years.includes(year.slice(0, 4));
}
/** A surname alone names a source where it stands in its first lines as a name does: with a capital letter. */
export const byAuthor = (source: WordStream, surname: string): boolean => abbreviates(namesOf(source).head, surname) || new RegExp(`(?<!\\p{L})(?:${[surname, surname.toUpperCase()].map((s) => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('|')})(?!\\p{L})`, 'u').test(namesOf(source).head.replace(placeOfWork, ' '));
/** Where a work appeared or its author works: its words are nobody's name. */
const placeOfWork = /\b(?:Journal|Review|Proceedings|Transactions|University|Institute|Department|Faculty|School|College)\s+(?:of|for)\s+(?:(?:the|and|of|in)\s+|\p{Lu}[\p{L}’-]+\s*){1,6}/gu;

/** An entry of a reference list, or a note, names a source by a surname, or by most words of its title. */
export function byEntry(entry: string | null, source: WordStream): boolean {
  if (!entry) return false;
  const surname = entry.match(/\p{Lu}[\p{L}'’-]{2,}/gu)?.find(isName);
  if (surname && hasWord(source, surname)) return true;
  const words = entry.match(/\p{L}{5,}/gu) ?? [];
  return words.length >= 3 && words.filter((w) => hasWord(source, w)).length >= words.length * 0.6 || byTitle(entry, source);
}
const wordOfTitle = /[\p{L}\p{N}]+(?:[’'-][\p{L}\p{N}]+)*/gu;
/** The work's own title in the sentence: a line that the source begins with, or its stored title, up to a colon. */
export function byTitle(text: string, source: WordStream): boolean {
  const said = text.match(wordOfTitle) ?? [], folded = ` ${said.map(squash).join(' ')} `;
  return namesOf(source).lines.flatMap((line) => [line.split(/[:.–—]/)[0]!, ...line.split(/[:.()–—“”]/).slice(1)]).some((piece) => {
    const title = piece.match(wordOfTitle) ?? [], at = folded.indexOf(` ${title.map(squash).join(' ')} `);
    if (title.length < 3 || title.length > 14 || at < 0) return false;
    // As a title is written: a stretch of a sentence with the same words is none.
    const first = folded.slice(0, at + 1).split(' ').length - 2;
    return said.slice(first, first + title.length).filter((w) => /^\p{Lu}/u.test(w)).length >= 2 || isMarked(text, said, first, title.length);
  });
}
/** Where words of a text begin and end in it. */
function placeOf(text: string, words: string[], first: number, count: number): { start: number; end: number } {
  const at = words.slice(0, first).reduce((from, w) => text.indexOf(w, from) + w.length, 0), start = text.indexOf(words[first]!, at);
  return { start, end: words.slice(first, first + count).reduce((from, w) => text.indexOf(w, from) + w.length, start) };
}
/** Whether words of a text stand in quotation marks by themselves, or begin with a capital “The” within a sentence, or follow a quotation behind a dash. */
function isMarked(text: string, words: string[], first: number, count: number): boolean {
  const { start, end } = placeOf(text, words, first, count);
  return /[“"‘«„]$/.test(text.slice(0, start)) && /^[,.?!]?[”"’»“]/.test(text.slice(end)) || /^(?:The|An?)$/.test(words[first]!) && count >= 4 && /\p{L},?\s+$/u.test(text.slice(0, start))
    // “… any ship” – Guidelines for the care of sluices, 2021.
    || count >= 4 && /[”"’]\s*[–—-]\s+$/.test(text.slice(0, start)) && /^(?:,|\s*\()/.test(text.slice(end));
}
/** “(Tidal Memory 31)”, “(“Walls of Mud” 90–91)”, “(“Walls of Mud,” 2014)”: the words that a work's title begins with, and a page or its year. */
export function byShortTitle(text: string, source: WordStream): boolean {
  const bare = (s: string): string => s.replace(/^[\s“”"‘’']*(?:(?:the|an?)\s+)?/i, '').toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ').trim(), titles = namesOf(source).lines.flatMap((line) => [...line.split(/[.:()–—“”"={}]/), ...line.split(/[,.:()–—“”"]/)]).map(bare).filter(Boolean);
  const { years } = namesOf(source);
  return [...text.matchAll(/[([]\s*[“"‘]?((?=[^()[\]]*\p{Lu})[\p{L}][\p{L}’' -]{3,60}?)[,”"’]{0,2}\s+(?:pp?\.\s*)?(\d{1,4})(?:\s?[–-]\s?\d{1,4})?\s*[)\]]/gu)].some((m) => {
    const said = bare(m[1]!), isYear = /^(?:19|20)\d{2}$/.test(m[2]!);
    if (isYear && years.length > 0 && !years.includes(m[2]!)) return false;
    return (said.includes(' ') || said.length >= 6 && !isYear) && titles.some((t) => t === said || t.startsWith(`${said} `));
  });
}
/** Capitalised words that begin a note or a title and name nobody. */
export const isName = (word: string): boolean => !/^(?:In|Of|On|At|By|To|Since|Until|Before|After|During|Around|About|Between|Already|Early|Late|Mid|As|If|So|Is|Was|No|It|He|She|They|We|You|Who|What|Nobody|Some|Many|Most|Others|Another|Each|Every|Such|Here|There|Then|Thus|Only|Both|Research|Evidence|Results|Data|Studies|Critics|Scholars|Authors|The|And|For|This|That|These|Those|See|Also|With|From|All|Its|My|Our|Your|His|Her|Their|Not|But|One|Two|When|While|Where|Although|However|Journal|Review|University|Press|Vol|Chapter|Section|Table|Figure|Author|Title|Year)$/.test(word);
