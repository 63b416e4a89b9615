import { Parser } from 'htmlparser2';
import { escapeXml } from '../../engines/xml.ts';
import { decodeText, printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { read, unread, type DocumentFacts, type FileFacts, type MetadataFact, type Passage } from '../../model/facts.ts';
import { frontMatterFacts, markdownToHtml, splitFrontMatter } from './markdown.ts';
import { noteMark, noteName, takeNoteMarks } from '../note-marks.ts';
import { takeNotes } from './html-notes.ts';
import { linearMath } from '../mathml.ts';
import { sectionStarts } from '../sections.ts';

/** The facts of a file that is nothing but text. */
export const plainFacts = (file: FileFacts, passages: Passage[], metadata: MetadataFact[], text: string, structure: DocumentFacts['structure'] = null): DocumentFacts => ({
  file, pages: unread('noFixedPages'), words: read(countWords(text)), fonts: unread('notOfThisKind'), passages: read(passages), metadata: read(metadata),
  remains: read({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 }), layout: unread('notOfThisKind'), photo: unread('notOfThisKind'), statedPages: null, structure, integrity: [],
});

/** Stands before a paragraph that its source sets as a block quotation; taken out again before anybody reads it. */
export const quoteSign = '\ue0f1';
/** A passage a paragraph, the reference list apart. Where few paragraphs are indented as a whole, with empty lines around them, those are quotations set as blocks (common practice in plain text). */
export function toParagraphs(text: string, part = 'text'): Passage[] {
  let section: Passage['section'];
  const all = text.split(/\r?\n[^\S\n]*\r?\n(?:[^\S\n]*\r?\n)*|(?<![\p{L}][-‐\u00ad])\r?\n(?=\S)/u).filter((p) => p.trim()), set = (p: string): boolean => p.split(/\r?\n/).every((l) => /^(?: {3,}|\t)\S/.test(l)), few = all.filter(set).length <= all.length / 3;
  return all.map((marked) => {
    const { text: p, notes } = takeNoteMarks(marked.replaceAll(quoteSign, '')), starts = sectionStarts(p);
    if (starts) section = starts === 'other' ? undefined : starts;
    return { part, place: 'text', page: null, text: p, section, ...(notes.length > 0 ? { notes } : {}), ...(marked.includes(quoteSign) || (few && set(marked)) ? { indented: true } : {}) };
  });
}

/** Plain text, TeX, CSV. */
export function readPlain(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const text = decodeText(bytes);
  return plainFacts(file, toParagraphs(text), [], text);
}

/** A web page: visible text, and what its head says about its author. Scripts are never run. */
export const readHtml = (bytes: Uint8Array, file: FileFacts): DocumentFacts => readHtmlSource(decodeText(bytes), file, []);
/** Markdown, read as what it is shown as; the fields at its head are metadata. */
export function readMarkdown(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const { body, fields } = splitFrontMatter(decodeText(bytes));
  return readHtmlSource(markdownToHtml(body), file, frontMatterFacts(fields));
}
function readHtmlSource(source: string, file: FileFacts, more: MetadataFact[]): DocumentFacts {
  const taken = takeNotes(source), ids = [...taken.notes.keys()], { text: marked, metadata, hidden } = htmlToText(taken.source, true, (id) => ids.indexOf(id)), { text } = takeNoteMarks(marked.replaceAll(quoteSign, '')), count = (tag: RegExp): number => source.match(tag)?.length ?? 0;
  const notes = [...taken.notes.values()].map((html, i): Passage => { const read = htmlToText(html); hidden.push(...read.hidden); return { part: 'html/note', place: 'footnote', page: null, text: read.text, note: noteName(i) }; });
  return plainFacts(file, [...toParagraphs(marked), ...notes, ...hidden.map((h): Passage => ({ part: 'html', place: 'hidden', page: null, text: h }))], [...more, ...metadata], text, { images: count(/<img\b/gi), tables: count(/<table\b/gi), equations: count(/<math\b/gi), footnotes: ids.length });
}

const pointsOf = (m: RegExpExecArray | null): number => (m ? Number(m[1]) * { pt: 1, in: 72, cm: 28.35, mm: 2.835, px: 0.75 }[m[2]! as 'pt']! : 0);

/** Attributes that say how something looks or works, never who made it. Source: HTML Living Standard, index of attributes. */
const looks = /^(?:style|class|lang|dir|type|rel|charset|http-equiv|width|height|align|valign|colou?r|bgcolor|face|size|colspan|rowspan|media|role|tabindex|xmlns.*)$/;

/** @param marked - block quotations keep a sign at the beginning of each paragraph; @param noteIndex - which note a reference names; without it references give nothing */
export function htmlToText(source: string, marked = false, noteIndex?: (id: string) => number): { text: string; metadata: MetadataFact[]; hidden: string[] } {
  let text = '', skip = 0, quotes = 0, moved = false, math: string | null = null;
  const metadata: MetadataFact[] = [], hidden: string[] = [];
  const parser = new Parser({
    onopentag(name, attributes) {
      if (name === 'math') math = '';
      if (math !== null) { math += `<${name}>`; return; }
      if (['script', 'style', 'title', 'template', 'noscript'].includes(name)) skip++;
      if (/^(p|div|br|li|tr|h[1-6]|section|article|table|ul|ol|blockquote|pre|hr|dt|dd|header|footer|main|nav|aside|address|figure|figcaption|caption|option)$/.test(name)) text += '\n';
      if (name === 'blockquote') quotes++;
      // Word processors write a quotation set as a block as a paragraph with a wide margin.
      if (name === 'p') moved = pointsOf(/\bmargin-left:\s*([\d.]+)(pt|in|cm|mm|px)/.exec(attributes.style ?? '')) >= 18;
      if (name === 'note-ref' && noteIndex) { const index = noteIndex(attributes['data-note'] ?? ''); if (index >= 0) text += noteMark(index); return; }
      if (name === 'td' || name === 'th') text += '\t';
      if (name === 'meta' && attributes.name && attributes.content) {
        const sort = /author|creator|owner/i.test(attributes.name) ? 'author' : /generator/i.test(attributes.name) ? 'software' : /date|modified|created/i.test(attributes.name) ? 'dates' : 'custom';
        metadata.push({ part: `meta/${attributes.name}`, key: attributes.name, value: attributes.content, sort });
      }
      if (name !== 'meta') for (const [key, value] of Object.entries(attributes)) if (!looks.test(key) && value.length > 1 && value.length < 4000) hidden.push(value);
    },
    ontext(value) { if (math !== null) math += escapeXml(value); else if (skip > 0) hidden.push(value); else text += `${marked && (quotes > 0 || moved) && /\S/.test(value) && /(?:^|\n)\s*$/.test(text) ? quoteSign : ''}${value.replace(/[ \t\r\n]+/g, ' ')}`; },
    oncomment(value) { hidden.push(value); },
    onclosetag(name) {
      if (math !== null) { math += `</${name}>`; if (name === 'math') { text += linearMath(math); math = null; } return; }
      if (['script', 'style', 'title', 'template', 'noscript'].includes(name)) skip = Math.max(0, skip - 1);
      if (name === 'blockquote') quotes = Math.max(0, quotes - 1);
      if (name === 'p') moved = false;
      if (/^(p|div|li|tr|h[1-6]|table|blockquote|section)$/.test(name)) text += '\n';
    },
  }, { decodeEntities: true });
  parser.write(source);
  parser.end();
  return { text: text.replace(/[ \t]*\n[ \t]*/g, '\n').replace(/\n{3,}/g, '\n\n').trim(), metadata, hidden: hidden.filter((h) => h.trim()) };
}

/** A kind that nothing here parses: its readable strings are searched. */
export function readOpaque(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  return { ...plainFacts(file, [{ part: 'file', place: 'hidden', page: null, text: printableStrings(bytes) }], [], ''), words: unread('notOfThisKind') };
}
