import { decodeText, printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { read, unread, type DocumentFacts, type FileFacts, type MetadataFact, type Passage } from '../../model/facts.ts';
import { takeNoteMarks } from '../note-marks.ts';
import { withoutBreaks } from '../../text/wrapped-lines.ts';
import { sectionStarts } from '../sections.ts';

/** The facts of a file that is nothing but text. */
export const plainFacts = (file: FileFacts, passages: Passage[], metadata: MetadataFact[], text: string, structure: DocumentFacts['structure'] = null): DocumentFacts => ({
  file, pages: unread('noFixedPages'), words: read(countWords(text)), fonts: unread('notOfThisKind'), passages: read(passages), metadata: read(metadata),
  remains: read({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 }), layout: unread('notOfThisKind'), photo: unread('notOfThisKind'), statedPages: null, structure, integrity: [],
});

/** Stands before a paragraph that its source sets as a block quotation; taken out again before anybody reads it. */
export const quoteSign = '\ue0f1';
/** The same before the words of a table's cell. */
export const cellSign = '\ue0f3';
/** The same where a page begins. */
export const pageSign = '\ue0f5';
export const withoutSigns = (text: string): string => text.replace(/[\ue0f1\ue0f3\ue0f5]/g, '');
/** A passage a paragraph, the reference list apart. Where few paragraphs are indented as a whole, with empty lines around them, those are quotations set as blocks (common practice in plain text); so are lines behind “>” (RFC 3676, 4.5). */
export function toParagraphs(text: string, part = 'text'): Passage[] {
  let section: Passage['section'];
  const all = text.split(/\r?\n[^\S\n]*\r?\n(?:[^\S\n]*\r?\n)*|(?<![\p{L}][-‐\u00ad])\r?\n(?=\S)/u).filter((p) => p.trim()), set = (p: string): boolean => p.split(/\r?\n/).every((l) => /^(?: {3,}|\t)\S/.test(l)), few = all.filter(set).length <= all.length / 3;
  return all.map((marked) => {
    const { text: p, notes } = takeNoteMarks(withoutSigns(marked)), starts = sectionStarts(p);
    if (starts) section = starts === 'other' ? undefined : starts;
    return { part, place: 'text', page: null, text: p, section, ...(notes.length > 0 ? { notes } : {}), ...(marked.includes(quoteSign) || (few && set(marked)) || /^>+\s*[\p{L}“"'‘„«]/u.test(p) ? { indented: true } : {}), ...(marked.includes(cellSign) ? { inTable: true } : {}), ...(marked.includes(pageSign) ? { newPage: true } : {}) };
  });
}

/** Plain text, TeX, CSV. */
export function readPlain(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const text = decodeText(bytes);
  return plainFacts(file, toParagraphs(file.kind === 'csv' ? text : withoutBreaks(text)), [], text);
}

/** A kind that nothing here parses: its readable strings are searched. */
export function readOpaque(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  return { ...plainFacts(file, [{ part: 'file', place: 'hidden', page: null, text: printableStrings(bytes) }], [], ''), words: unread('notOfThisKind') };
}
