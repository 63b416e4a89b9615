import { squash } from '../../identity/fold.ts';
import { sectionStarts } from '../../readers/sections.ts';
import type { WordStream } from '../words.ts';
import { namesOf } from './source-names.ts';

/** One entry of a reference list: its number or key where it has one, and its words. */
export interface Entry { number: number | null; key: string | null; text: string }
/** A key of authors' letters and the year: BZ19, Hal04, Kes+14a. */
export const entryKey = String.raw`\p{Lu}[\p{L}+]{0,7}\d{2}[a-z]?`;
const folded = (text: string): string => ` ${(text.match(/[\p{L}\p{N}’'-]+/gu) ?? []).map(squash).join(' ')} `;

const lists = new WeakMap<WordStream, Entry[]>(), found = new WeakMap<WordStream, WeakMap<WordStream, { entry: Entry | null }>>(), words = new WeakMap<Entry, string>();
const label = /^\s*[[(]?(\d{1,3})[\]).]{1,2}\s+(?=\S)|^\s*(\d{1,3})\s+(?=\p{Lu})/u, keyLabel = new RegExp(`^\\s*\\[(${entryKey})\\]\\s+(?=\\S)`, 'u');

/** The entries of a paper's reference list. A line that goes on from the one before (a small letter, or nothing that ends before it) is no entry of its own. */
export function entriesOf(paper: WordStream): Entry[] {
  let entries = lists.get(paper);
  if (!entries) {
    const lines = eachOnItsLine(paper.references.replace(/(\p{L})[-‐\u00ad]\n+(?=\p{Ll})/gu, '$1')).split('\n').map((l) => l.trim());
    const counted = lines.filter((l) => label.test(l) || keyLabel.test(l)).length > 1;
    entries = [];
    let ended = true;
    for (const line of lines) {
      // The heading is no entry.
      if (line === '' || sectionStarts(line) === 'references') continue;
      const number = label.exec(line), key = keyLabel.exec(line), last = entries.at(-1);
      if (last && (counted ? !number && !key : !ended || /^[\p{Ll}\d(“"‘]/u.test(line) || !/^\p{L}[\p{L}.'’ -]*[,.(]|^\p{L}[^,.]{2,60}[,.(]/u.test(line))) last.text += ` ${line}`;
      else entries.push({ number: number ? Number(number[1] ?? number[2]) : null, key: key?.[1] ?? null, text: line.slice((number ?? key)?.[0].length ?? 0) });
      ended = /[.!?)\]>”"’/\d]$/.test(line);
    }
    if (isCountedUnseen(paper, entries)) entries.forEach((entry, i) => { entry.number = i + 1; });
    lists.set(paper, entries);
  }
  return entries;
}
/** “[1] Abel … [2] Kessler …” in one paragraph: each entry begins a line. */
function eachOnItsLine(list: string): string {
  let last = 0;
  return list.replace(/(^|\n|[ \t])(?=\[(\d{1,3})\]\s+\S)/g, (gap, _: string, n: string) => { const next = Number(n) === last + 1; if (next) last++; return next && gap !== '' ? '\n' : gap; });
}
/** Whether a program numbers the entries, so that no number stands in the file: they are not in the order of the alphabet, or the text cites them by numbers in square brackets alone. */
function isCountedUnseen(paper: WordStream, entries: Entry[]): boolean {
  if (entries.length < 2 || entries.some((e) => e.number !== null || e.key !== null) || paper.notes.length > 0) return false;
  const text = paper.text.slice(0, paper.words.find((w) => w.references)?.start), cited = [...text.matchAll(/\[(\d{1,3})(?:[,:;–-][^\]]{0,40})?\]/g)].map((m) => Number(m[1])), first = entries.map((e) => squash(/\p{L}[\p{L}’'-]*/u.exec(e.text)?.[0] ?? ''));
  if (first.some((word, i) => i > 0 && word < first[i - 1]!) && !/\(\p{Lu}[^()\d]{1,60}(?:19|20)\d{2}/u.test(text)) {
    // In the order in which they are cited: the first number is one.
    const raised = /(?<=\p{Ll}{3}[.,;:”"’)]?)(?:1|¹)(?=[\s.,;:)–-])/u.test(text), round = [...text.matchAll(/(?<=\s)\((\d{1,3})(?:[,–-]\s?\d{1,3})*\)/g)].map((m) => m[1]);
    if (cited.length > 0 || raised || (round[0] === '1' && new Set(round).size > 1)) return true;
  }
  return cited.length > 0 && cited.every((n) => n >= 1 && n <= entries.length);
}
export const entryNumbered = (paper: WordStream, n: number): string | null => entriesOf(paper).find((e) => e.number === n)?.text ?? null;

/** The entries that a title in brackets means: “(“Walls of Mud” 90)”. */
export function entriesTitled(paper: WordStream, text: string): Entry[] {
  const titles = [...text.matchAll(/[([]\s*[“"‘]([^“”"‘’()[\]]{4,60}?)[,.]?[”"’](?:[,\s]*(?:pp?\.\s*)?\d{1,4}(?:\s?[–-]\s?\d{1,4})?)?\s*[)\]]/g)].map((m) => folded(m[1]!));
  // A work without pages is meant by the words alone that its entry begins with: “(“Why the Ferry”)”, “(Marsh Law)”.
  const openings = [...text.matchAll(/[([]\s*(?:see\s+|cf\.?\s+)?(\p{Lu}[\p{L}’'-]+(?:\s+[\p{L}’'-]+){1,7})\s*[)\]]/gu)].map((m) => folded(m[1]!).trimEnd());
  return titles.length + openings.length === 0 ? [] : entriesOf(paper).filter((e) => { const entry = folded(e.text); return titles.some((t) => entry.includes(t)) || openings.some((t) => entry.trimStart().startsWith(t.trimStart())); });
}
/** Whether “(Kessler, 2014a)” means an entry: the surname stands in what comes before its title, and the year in it. */
export function entryMeans(entry: Entry, surname: string, year: string | null): boolean {
  // The authors stand before the year, however many they are; where the year comes at the end, before the title, in the first third of most entries. A publisher's town is none.
  const dated = entry.text.search(/\b(?:19|20)\d{2}/), authors = entry.text.slice(0, dated > 0 && (dated < 90 || entry.text[dated - 1] === '(') ? dated : 90).match(/[\p{L}'’-]+/gu) ?? [], wanted = squash(surname);
  if (!authors.some((w) => squash(w) === wanted)) return false;
  if (year === null) return true;
  return new RegExp(`(?<![\\d–-])${/[a-z]$/.test(year) ? `${year}(?![\\da-z])` : `${year}(?!\\d)`}`).test(entry.text);
}

/** Names of serials and publishers: they say where a work stands, not which it is. */
const venue = /\b(?:journal|review|transactions|proceedings|press|university|quarterly|bulletin|annals|magazine|letters|studies in|conference|institute|department|working papers?)\b/i;
/** The one entry of the paper's list that is the source, by its title; null where none is, or several are. */
export function entryOf(paper: WordStream, source: WordStream): Entry | null {
  const known = found.get(paper) ?? new WeakMap<WordStream, { entry: Entry | null }>();
  found.set(paper, known);
  if (!known.has(source)) known.set(source, { entry: findEntry(paper, source) });
  return known.get(source)!.entry;
}
function findEntry(paper: WordStream, source: WordStream): Entry | null {
  const titles = namesOf(source).lines.flatMap((line) => [line, ...line.split(/[.:()–—“”"‘]/), ...line.split(/[.:,()–—“”"‘]/)]).filter((t) => !venue.test(t)).map((t) => (t.match(/[\p{L}\p{N}’'-]+/gu) ?? []).map(squash)).filter((t) => t.length >= 3 && t.join('').length >= 12);
  let best: Entry | null = null, most = 0;
  for (const entry of entriesOf(paper)) {
    const said = words.get(entry) ?? folded(entry.text), score = Math.max(0, ...titles.filter((t) => said.includes(` ${t.join(' ')} `)).map((t) => t.length));
    words.set(entry, said);
    if (score > most) [best, most] = [entry, score];
    else if (score > 0 && score === most) best = null;
  }
  return best;
}
