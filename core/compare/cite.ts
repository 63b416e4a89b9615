import { squash } from '../identity/fold.ts';
import type { WordStream } from './words.ts';

/** Whether a citation stands with a passage and names the source that really matches: in brackets after it, in the sentence that leads in,
 * by number through the reference list, or in a footnote. @param start, end - of the passage in the paper's text */
export function isCited(paper: WordStream, start: number, end: number, source: WordStream): boolean {
  if (isCitedAt(paper, start, end, source)) return true;
  // What is cited behind a quotation is cited for all of it, also where only a piece of it was found.
  const whole = endOfQuotation(paper, end);
  return whole > end && isCitedAt(paper, start, whole, source);
}
/** Where the quotation ends that a passage lies in, by the words behind it that are quoted without a mark between them; the passage's own end where it lies in none. */
function endOfQuotation(paper: WordStream, end: number): number {
  let low = 0, high = paper.words.length, last = end;
  while (low < high) { const middle = (low + high) >> 1; if (paper.words[middle]!.start < end) low = middle + 1; else high = middle; }
  for (let i = low; i < paper.words.length && paper.words[i]!.quoted && last - end < 3000 && !/[“”„«»"]/.test(paper.text.slice(last, paper.words[i]!.start)); i++) last = paper.words[i]!.end;
  return last;
}
function isCitedAt(paper: WordStream, start: number, end: number, source: WordStream): boolean {
  const before = paper.text.slice(Math.max(0, start - 260), start), after = paper.text.slice(end, end + 200), inside = paper.text.slice(start, end);
  // A citation belongs to the passage up to the end of its sentence, or of the quotation; a note's number may stand behind the stop.
  const follow = /^[^]*?(?:[.!?][”"’)]?(?:\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)?(?=\s+[A-Z“"‘]|\s*\n|$)(?![^(]*\))|\n\n|$)/.exec(after)?.[0] ?? after, lead = (before.split(/[.!?]\s+(?=[A-Z“"])/).at(-1) ?? before).split(paper.pages.length > 0 ? /\n/ : /\n\s*\n/).at(-1)!;
  const near = `${lead} ${inside.slice(-120)} ${follow}${/^(?:[^]{0,4}|\s{0,16})\([^)]*\)/.exec(after.slice(follow.length))?.[0] ?? ''}`;
  if (worksIn(near).some(([surname, year]) => names(source, surname, year))) return true;
  if (ledIn(lead, inside, follow, source) || bracketed(`${lead} ${inside.slice(-120)} ${follow}`, source)) return true;
  // “(ibid.)” stands for the citation before it.
  if (/\(\s*ibid\b/i.test(follow)) { const earlier = [...paper.text.slice(Math.max(0, start - 3000), start).matchAll(/\([^()]*\b(?:19|20)\d{2}[^()]*\)/g)].at(-1)?.[0]; if (earlier && worksIn(earlier).some(([surname, year]) => names(source, surname, year))) return true; }
  if (titled(`${lead}\n${follow}`, source) || byShortTitle(near, source)) return true;
  // A reference list that is numbered without square brackets is cited in round ones.
  const round = /(?:^|\n)\s*\(?\d{1,3}[.)]\s+\p{Lu}/u.test(paper.references) ? /^[”"’]?\s*\((\d{1,3})\)/.exec(follow)?.[1] : undefined;
  if (round && entryNames(numbered(paper.references, Number(round)), source)) return true;
  for (const m of near.replace(/\]\s*[–-]\s*\[/g, '–').matchAll(/\[(\d{1,3})(?:\s*[,;]\s*(?:pp?\.|pages?|at)\s*[\d–-]+)?(?:\s*[,–-]\s*(\d{1,3}))?(?:,[^\]]{0,20})?\]/g)) for (let n = Number(m[1]); n <= Number(m[2] ?? m[1]); n++) if (entryNames(numbered(paper.references, n), source)) return true;
  return notesOf(paper, start, end, follow).some((text) => noteNames(text, source));
}

/** Surnames with the years behind them. */
const worksIn = (text: string): [surname: string, year: string][] => [...text.matchAll(/(\p{Lu}[\p{L}'’-]+)(?:\s+\p{Lu}{1,3}(?=[,\s]))?(?:(?:\s*,\s*|\s+(?:and|&)\s+|\s+et al\.?,?\s*)(?:\p{Lu}[\p{L}'’.-]*\s*)*){0,3},?\s*\(?\s*((?:19|20)\d{2}|n\.\s?d\.|forthcoming|in press)[a-z]?/gu)].map((m) => [m[1]!, m[2]!]);

const saying = 'argu|writ|stat|not|show|claim|suggest|explain|observ|point|find|found|demonstrat|report|maintain|describ|conclud|hold|put|remark|contend|emphasi|assert|wrote|held|propos|believ|insist|see|say|said|tell|told|call|warn|add|record|confirm|estimat|defin|regard|consider|agree';
/** A sentence that says whose words they are: “Kessler argues that …”, “According to Kessler, …”, “As Kessler puts it: …”. A year or a page may follow in brackets. */
function ledIn(lead: string, inside: string, follow: string, source: WordStream): boolean {
  const year = /\(\s*((?:19|20)\d{2})[a-z]?\b[^()]*\)/.exec(follow)?.[1], sentence = `${lead}${inside.slice(0, 60)}`;
  const surnames = [...sentence.matchAll(new RegExp(`\\b(?:[Aa]ccording to|[Aa]s|[Ff]or|[Ff]ollowing|[Ii]n the words of)\\s+(?:\\p{Lu}[\\p{L}.'’-]*\\s+)?(\\p{Lu}[\\p{L}'’-]+)(?=\\s|,|:)|\\b[Ii]n\\s+(\\p{Lu}[\\p{L}'’-]+(?:’s?|'s?))\\s+(?:\\p{Ll}+\\s+)?(?:view|words|account|opinion|study|analysis|reading|argument|terms|phrase|formulation|judgement)\\b|(\\p{Lu}[\\p{L}'’-]+)(?:\\s+(?:and|&|with)\\s+(?:\\p{Lu}[\\p{L}'’-]+|others|colleagues|(?:her|his|their)\\s+[a-z-]+)|\\s+et al\\.?)?\\s+(?:\\p{Ll}+ly\\s+|has\\s+|have\\s+|also\\s+|once\\s+)*(?:${saying})\\w*\\b`, 'gu'))].map((m) => (m[1] ?? m[2] ?? m[3])!.replace(/['’]s?$/, '')).filter(isName);
  return surnames.some((s) => (year ? names(source, s, year) : namesAuthor(source, s)));
}
/** The work's own title in the sentence: a line that the source begins with, or its stored title, up to a colon. */
function titled(text: string, source: WordStream): boolean {
  const said = text.match(/[\p{L}\p{N}’'-]+/gu) ?? [], folded = ` ${said.map(squash).join(' ')} `;
  return source.identity.split('\n').slice(0, 5).some((line) => {
    const title = line.split(/[:.–—]/)[0]!.match(/[\p{L}\p{N}’'-]+/gu) ?? [], at = folded.indexOf(` ${title.map(squash).join(' ')} `);
    if (title.length < 3 || title.length > 14 || at < 0) return false;
    // As a title is written: a stretch of a sentence with the same words is none.
    const first = folded.slice(0, at + 1).split(' ').length - 2;
    return said.slice(first, first + title.length).filter((w) => /^\p{Lu}/u.test(w)).length >= 2;
  });
}
/** “(Tidal Memory 31)”, “(“Walls of Mud” 90–91)”: the words that a work's title begins with, and a page. */
function byShortTitle(text: string, source: WordStream): boolean {
  const bare = (s: string): string => s.replace(/^[\s“”"‘’']*(?:(?:the|an?)\s+)?/i, '').toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ' ').trim(), titles = source.identity.split('\n').slice(0, 5).flatMap((line) => line.split(/[.:()–—“”"]/)).map(bare).filter(Boolean);
  return [...text.matchAll(/\(\s*[“"‘]?((?=[^()]*\p{Lu})[\p{L}][\p{L}’' -]{3,60}?)[,”"’]{0,2}\s+(?:pp?\.\s*)?(?!(?:19|20)\d{2}\b)\d{1,4}(?:\s?[–-]\s?\d{1,4})?\s*\)/gu)].some((m) => { const said = bare(m[1]!); return (said.includes(' ') || said.length >= 6) && titles.some((t) => t === said || t.startsWith(`${said} `)); });
}
/** “(Kessler 14)”, “(Kessler, p. 14)”, “(Kessler)”, “(Kessler, Shorelines, 14)”: a surname in brackets with a page, a title or nothing. */
const bracketed = (text: string, source: WordStream): boolean => [...text.matchAll(/\(([^()]{2,80})\)/g)].some((m) => m[1]!.split(/;\s*/).some((work) => { const surname = /^(?:see\s+|cf\.?\s+)?(\p{Lu}[\p{L}'’-]+)(?:\s+(?:and|&)\s+\p{Lu}[\p{L}'’-]+|\s+et al\.?)?(?:,\s+[‘“"]?\p{Lu}[^()\d;]{3,80}?)?(?:,?\s+(?:pp?\.?\s*)?\d{1,3}(?:\s?[–-]\s?\d{1,3})?)?$/u.exec(work.trim())?.[1]; return surname !== undefined && isName(surname) && namesAuthor(source, surname); }));
/** A surname alone names a source where it stands in its first lines as a name does: with a capital letter. */
const namesAuthor = (source: WordStream, surname: string): boolean => new RegExp(`(?<!\\p{L})${surname.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?!\\p{L})`, 'u').test(source.identity);

/** The texts of the notes whose references stand in the passage or behind it in its sentence. */
function notesOf(paper: WordStream, start: number, end: number, follow: string): string[] {
  const to = end + follow.length + 1, marked = paper.notes.flatMap((n, i) => (n.at > start && n.at <= to ? [i] : []));
  if (marked.length > 0) return marked.map((i) => sameAsBefore(i, (k) => paper.notes[k]?.text));
  // In fixed pages and plain text a reference is a number behind a word or a stop, and its note begins with that number.
  const found: string[] = [];
  for (const m of `${paper.text.slice(start, end)}${follow}`.matchAll(/(?<=[.,;:!?”"’)\]]|\p{Ll}{3})(\d{1,3}|[¹²³⁴⁵⁶⁷⁸⁹⁰]+)(?=[\s.,;:)]|$)/gu)) {
    const n = Number(m[1]!.replace(/[¹²³⁴⁵⁶⁷⁸⁹⁰]/g, (c) => String('⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(c)))), at = start + m.index, page = paper.pages.find((p) => at >= p.from && at < p.to);
    const below = page ? numberedNotes(paper.text.slice(at + m[1]!.length, page.to), n) : [], texts = below.length > 0 ? below : numberedNotes(paper.text.slice(at + m[1]!.length), n);
    for (const text of texts) found.push(/^ibid/i.test(text) ? sameAsBefore(n, (k) => (k === n ? text : numberedNotes(page ? paper.text.slice(page.from, page.to) : paper.text, k)[0])) : text);
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

/** A surname and year name a source when the surname stands in what names it and no other year does. */
function names(source: WordStream, surname: string, year: string): boolean {
  if (!hasWord(source.identity, surname)) return false;
  if (!/^\d/.test(year)) return namesAuthor(source, surname);
  const years: string[] = source.identity.match(/\b(?:19|20)\d{2}\b/g) ?? [];
  return years.length === 0 || years.includes(year);
}
/** A note names a source as an entry does, or by its authors alone; of several works parted by semicolons one is enough. */
function noteNames(note: string, source: WordStream): boolean {
  return note.split(/;\s+/).some((piece) => {
    const work = piece.trim().replace(/^(?:(?:see|cf|compare|see also|as in|after|following|quoted in|cited in|for [^,]{3,60}, see)\b\.?,?\s*)+/i, ''), year = /\b(?:19|20)\d{2}\b/.exec(work)?.[0], years: string[] = source.identity.match(/\b(?:19|20)\d{2}\b/g) ?? [];
    if (year && years.length > 0 && !years.includes(year)) return false;
    // The authors stand before the first mark, title or number.
    const authors = /^[^,(‘“"*:\d]*/.exec(work)![0].match(/\p{Lu}[\p{L}'’-]{2,}/gu) ?? [];
    return authors.length <= 6 && authors.some((a) => isName(a) && hasWord(source.identity, a)) || entryNames(work, source);
  });
}
/** An entry of a reference list names a source by a surname, or by most words of its title. */
function entryNames(entry: string | null, source: WordStream): boolean {
  if (!entry) return false;
  const surname = entry.match(/\p{Lu}[\p{L}'’-]{2,}/gu)?.find(isName);
  if (surname && hasWord(source.identity, surname)) return true;
  const words = entry.match(/\p{L}{5,}/gu) ?? [];
  return words.length >= 3 && words.filter((w) => hasWord(source.identity, w)).length >= words.length * 0.6;
}
/** Capitalised words that begin a note or a title and name nobody. */
const isName = (word: string): boolean => !/^(?:It|He|She|They|We|You|Who|What|Nobody|Some|Many|Most|Others|Another|Each|Every|Such|Here|There|Then|Thus|Only|Both|Research|Evidence|Results|Data|Studies|Critics|Scholars|Authors|The|And|For|This|That|These|Those|See|Also|With|From|All|Its|Our|His|Her|Not|But|One|Two|When|While|Where|Although|However|Journal|Review|University|Press|Vol|Chapter|Section|Table|Figure|Author|Title|Year)$/.test(word);
const hasWord = (text: string, word: string): boolean => { const wanted = squash(word); return (text.match(/[\p{L}'’-]+/gu) ?? []).some((w) => squash(w) === wanted); };
const numbered = (references: string, n: number): string | null => new RegExp(`(?:^|\\n)\\s*\\[?${n}[\\].)]?\\s+([^\\n]+(?:\\n(?!\\s*\\[?\\d+[\\].)]?\\s)[^\\n]+)*)`).exec(references)?.[1] ?? null;
