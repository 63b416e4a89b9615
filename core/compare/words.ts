import { squash } from '../identity/fold.ts';
import type { Box, DocumentFacts, Passage } from '../model/facts.ts';

/** One word of a text: its folded form, where it stands, and what stands around it. */
export interface Word { folded: string; start: number; end: number; quoted: boolean; references: boolean; /** dots before it say that words are left out */ abridged?: boolean }
export interface WordStream { text: string; words: Word[]; /** notes in the order in which the text refers to them, each reference with its place in `text` */ notes: { at: number; text: string }[]; /** where each page's text lies in `text`, of files with fixed pages */ pages: { from: number; to: number }[]; references: string; /** what names the document itself: its file name, stored author and title, first words */ identity: string }

let segmenter: Intl.Segmenter | null = null;

/** The words of a document in reading order (UAX #29), each with whether it is quoted or in the reference list. */
export function streamOf(facts: DocumentFacts): WordStream {
  const passages = facts.passages.ok ? facts.passages.value : [];
  const main = passages.filter((p) => p.place === 'text' || p.place === 'textbox');
  const bodyLeft = usualLeft(main);
  let text = '';
  const words: Word[] = [], notes: WordStream['notes'] = [], pages: (WordStream['pages'][number] & { page: number })[] = [];
  const noteText = (name: string): string => passages.filter((n) => n.note === name).map((n) => n.text).join(' ');
  for (const p of main) {
    const from = text.length;
    // A word broken at a line's end is whole again; offsets stay those of the joined text.
    const joined = joinLines(p, bodyLeft);
    text += `${joined.text}\n\n`;
    for (const n of p.notes ?? []) notes.push({ at: from + n.at, text: noteText(n.note) });
    if (p.page !== null) { const last = pages.at(-1); if (last?.page === p.page) last.to = text.length; else pages.push({ page: p.page, from, to: text.length }); }
    const quotes = quotedStretches(joined.text);
    segmenter ??= new Intl.Segmenter('en', { granularity: 'word' });
    let at = 0;
    for (const line of joined.text.split('\n')) {
      for (const s of segmenter.segment(line)) {
        if (!s.isWordLike) continue;
        const start = at + s.index, end = start + s.segment.length, abridged = /(?:…|\.\s?\.\s?\.)[\])”"]?\s*$/.test(joined.text.slice(Math.max(0, start - 12), start));
        words.push({ folded: squash(s.segment), start: from + start, end: from + end, quoted: quotes.some((q) => start >= q[0] && end <= q[1]) || joined.block.some((b) => start >= b[0] && end <= b[1]) || p.indented === true, references: p.section === 'references', ...(abridged ? { abridged } : {}) });
      }
      at += line.length + 1;
    }
  }
  return {
    text, words, notes, pages, references: passages.filter((p) => p.section === 'references').map((p) => p.text).join('\n'),
    identity: [facts.file.name.replace(/\.[^.]+$/, '').replace(/[_\-.]+|(?<=[a-z])(?=[A-Z\d])/g, ' '), ...(facts.metadata.ok ? facts.metadata.value.filter((m) => m.sort === 'author' || m.sort === 'title').map((m) => m.value) : []), text.slice(0, 400)].join('\n'),
  };
}

interface Joined { text: string; /** stretches set as an indented block */ block: [number, number][] }
function joinLines(p: Passage, bodyLeft: number | null): Joined {
  if (!p.lines) return { text: p.text, block: [] };
  let text = '';
  const block: [number, number][] = [];
  p.lines.forEach((line, i) => {
    const raw = p.text.slice(line.start, p.lines![i + 1]?.start ?? p.text.length), from = text.length;
    const body = raw.replace(/\n+$/, ''), hyphen = /\p{L}[-‐\u00ad]$/u.test(body) && raw.endsWith('\n') && !raw.endsWith('\n\n');
    text += hyphen ? body.slice(0, -1) : body + (raw.endsWith('\n\n') ? '\n' : ' ');
    if (bodyLeft !== null && isIndented(line.box, bodyLeft) && (isIndented(p.lines![i - 1]?.box, bodyLeft) || isIndented(p.lines![i + 1]?.box, bodyLeft))) block.push([from, text.length]);
  });
  return { text, block };
}
const isIndented = (box: Box | undefined, left: number): boolean => box !== undefined && box[0] > left + 14 && box[0] < left + 120;

/** The left edge that most lines share. */
function usualLeft(passages: Passage[]): number | null {
  const counts = new Map<number, number>();
  for (const p of passages) for (const l of p.lines ?? []) { const x = Math.round(l.box[0]); counts.set(x, (counts.get(x) ?? 0) + 1); }
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

/** Stretches between quotation marks of any style, none longer than 400 words or reaching over a paragraph's end. */
function quotedStretches(text: string): [number, number][] {
  const found: [number, number][] = [];
  for (const pattern of [/[“„«»][^“”„«»]{3,2800}?[”“»«]/g, /(?<=^|[\s(])"[^"]{3,2800}?"/g, /(?<=^|[\s(])‘(?:[^‘’]|’(?=\p{L})){12,2800}?’(?!\p{L})/gu, /(?<=^|[\s(])'(?=\p{Lu}|\p{L}+ \p{L})(?:[^']|(?<=\p{L})'(?=\p{L})){12,2800}?(?<=[\p{L}\p{N}.,;!?…)])'(?![\p{L}\p{N}'])/gu, /<<[^<>]{3,2800}?>>|``[^`]{3,2800}?''/g]) for (const m of text.matchAll(pattern)) if (!/\n\s*\n/.test(m[0])) found.push([m.index, m.index + m[0].length]);
  return found;
}
