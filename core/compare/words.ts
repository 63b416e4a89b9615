import { squash } from '../identity/fold.ts';
import type { DocumentFacts, Passage } from '../model/facts.ts';
import { wordsIn } from '../text/words.ts';
import { joinLines, usualLines } from './paragraphs.ts';
import { quotedStretches } from './quotations.ts';

/** One word of a text: its folded form, where it stands, and what stands around it. */
export interface Word { folded: string; start: number; end: number; quoted: boolean; references: boolean; /** dots before it say that words are left out */ abridged?: boolean }
/** Where a page's text lies in the stream, of files with fixed pages, and the notes at its foot. */
export interface StreamPage { page: number; from: number; to: number; notes: string }
interface Piece { passage: Passage; from: number }
export interface WordStream { text: string; words: Word[]; /** notes in the order in which the text refers to them, each reference with its place in `text` */ notes: { at: number; text: string }[]; pages: StreamPage[]; references: string; /** what names the document itself: its file name, stored author and title, first words */ identity: string }

const within = <K>(groups: Map<K, string[]>, key: K): string[] => { const group = groups.get(key) ?? []; groups.set(key, group); return group; };

/** The words of a document in reading order (UAX #29), each with whether it is quoted or in the reference list. The words of notes are no words of the text. */
export function streamOf(facts: DocumentFacts): WordStream {
  const passages = facts.passages.ok ? facts.passages.value : [];
  const main = passages.filter((p) => p.place === 'text' || p.place === 'textbox'), usual = usualLines(main);
  const joints: string[] = [], pieces: Piece[] = [], notes: WordStream['notes'] = [], pages: StreamPage[] = [];
  const noteTexts = new Map<string, string[]>(), feet = new Map<number, string[]>();
  for (const n of passages) { if (n.note !== undefined) within(noteTexts, n.note).push(n.text); if (n.place === 'footnote' && n.page !== null) within(feet, n.page).push(joinLines(n, usual)); }
  let length = 0, open: RegExpExecArray | null = null;
  for (const p of main) {
    // A word broken at a line's end is whole again, and a sentence at a page's; offsets are those of the joined text.
    const joined = joinLines(p, usual);
    const goesOn = open !== null && /^\p{Ll}/u.test(joined), broken = goesOn && open![1] !== undefined;
    if (broken) { joints.push(joints.pop()!.slice(0, -1)); length--; }
    if (joints.length > 0 && !broken) { const joint = goesOn ? ' ' : '\n\n'; joints.push(joint); length += joint.length; }
    // A word that a page's end broke belongs to the piece in which it begins.
    pieces.push({ passage: p, from: length + (broken ? /^[\p{L}'’]+/u.exec(joined)![0].length : 0) });
    for (const n of p.notes ?? []) notes.push({ at: length + n.at, text: noteTexts.get(n.note)?.join(' ') ?? '' });
    const last = pages.at(-1);
    if (p.page !== null && last?.page !== p.page) pages.push({ page: p.page, from: length, to: 0, notes: feet.get(p.page)?.join('\n') ?? '' });
    joints.push(joined);
    length += joined.length;
    if (p.page !== null) pages.at(-1)!.to = length;
    open = p.lines === undefined ? null : /(\p{L}[-‐\u00ad])$|[\p{L}\p{N},;-]$/u.exec(joined.slice(-3));
  }
  const text = joints.join('');
  return {
    text, words: wordsOf(text, pieces, pages), notes, pages, references: passages.filter((p) => p.section === 'references' && p.place === 'text').map((p) => p.text).join('\n'),
    identity: [nameOf(facts.file.name), ...(facts.metadata.ok ? facts.metadata.value.filter((m) => m.sort === 'author' || m.sort === 'title').map((m) => m.value) : []), text.slice(0, 400)].join('\n'),
  };
}

/** What a file is called, as words; one that is called by its author and year, “thornbury_2009_silt”, with the capitals that names and titles have. */
function nameOf(file: string): string {
  const words = file.replace(/\.[^.]+$/, '').replace(/[_\-.]+|(?<=[a-z])(?=[A-Z\d])/g, ' ');
  return /^\p{L}[\p{L} ]{2,40}\s(?:19|20)\d{2}(?!\d)/u.test(words) ? words.replace(/(?<![\p{L}’'])\p{Ll}/gu, (c) => c.toUpperCase()) : words;
}

function wordsOf(text: string, pieces: Piece[], pages: StreamPage[]): Word[] {
  const quotes = quotedStretches(text), words: Word[] = [];
  // Quotations come in the order of their starts, as words do: what ends before a word is behind it.
  let first = 0;
  const marksOn = new Map(pages.map((p) => [p.page, new Set(Array.from(p.notes.matchAll(/(?:^|\n|(?<=[.)”’]\s))\[?(\d{1,3})(?=[.)\]]?\s)/g), (m) => m[1]!))]));
  for (const [k, { passage, from }] of pieces.entries()) {
    const to = pieces[k + 1]?.from ?? text.length;
    let at = from;
    const marks = passage.page === null ? undefined : marksOn.get(passage.page);
    for (const line of text.slice(from, to).split('\n')) {
      for (const { word, at: within } of wordsIn(line)) {
        const start = at + within, end = start + word.length, abridged = /(?:…|\.\s?\.\s?\.)[\])”"]?\s*$/.test(text.slice(Math.max(0, start - 12), start));
        while (first < quotes.length && quotes[first]!.reach < start) first++;
        let quoted = passage.indented === true;
        for (let q = first; !quoted && q < quotes.length && quotes[q]!.from <= start; q++) quoted = end <= quotes[q]!.to;
        words.push({ folded: squash(marks?.size ? withoutMark(word, marks) : word), start, end, quoted, references: passage.section === 'references', ...(abridged ? { abridged } : {}) });
      }
      at += line.length + 1;
    }
  }
  return words;
}

/** A raised figure that refers to a note of the page stands behind its word without a space. */
const withoutMark = (word: string, marks: Set<string>): string => { const m = /^(\p{L}{2,})(\d{1,3})$/u.exec(word); return m && marks.has(m[2]!) ? m[1]! : word; };
