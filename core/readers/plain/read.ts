import { Parser } from 'htmlparser2';
import { escapeXml } from '../../engines/xml.ts';
import { decodeCodePage, decodeText, latin1, printableStrings } from '../../text/bytes.ts';
import { countWords } from '../../text/words.ts';
import { read, unread, type DocumentFacts, type FileFacts, type MetadataFact, type Passage } from '../../model/facts.ts';
import { frontMatterFacts, markdownToHtml, splitFrontMatter } from './markdown.ts';
import { noteMark, noteName, takeNoteMarks } from '../note-marks.ts';
import { takeNotes } from './html-notes.ts';
import { linearMath } from '../mathml.ts';
import { sectionStarts } from '../sections.ts';

const facts = (file: FileFacts, passages: Passage[], metadata: MetadataFact[], text: string, structure: DocumentFacts['structure'] = null): DocumentFacts => ({
  file, pages: unread('noFixedPages'), words: read(countWords(text)), fonts: unread('notOfThisKind'), passages: read(passages), metadata: read(metadata),
  remains: read({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 }), layout: unread('notOfThisKind'), photo: unread('notOfThisKind'), statedPages: null, structure, integrity: [],
});

/** Stands before a paragraph that its source sets as a block quotation; taken out again before anybody reads it. */
const quoteSign = '\ue0f1';
/** A passage a paragraph, the reference list apart. Where few paragraphs are indented as a whole, with empty lines around them, those are quotations set as blocks (common practice in plain text). */
export function toParagraphs(text: string, part = 'text'): Passage[] {
  let section: Passage['section'];
  const all = text.split(/\r?\n[^\S\n]*\r?\n(?:[^\S\n]*\r?\n)*|\r?\n(?=\S)/).filter((p) => p.trim()), set = (p: string): boolean => p.split(/\r?\n/).every((l) => /^(?: {3,}|\t)\S/.test(l)), few = all.filter(set).length <= all.length / 3;
  return all.map((marked) => {
    const { text: p, notes } = takeNoteMarks(marked.replaceAll(quoteSign, '')), starts = sectionStarts(p);
    if (starts) section = starts === 'other' ? undefined : starts;
    return { part, place: 'text', page: null, text: p, section, ...(notes.length > 0 ? { notes } : {}), ...(marked.includes(quoteSign) || (few && set(marked)) ? { indented: true } : {}) };
  });
}

/** Plain text, TeX, CSV. */
export function readPlain(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const text = decodeText(bytes);
  return facts(file, toParagraphs(text), [], text);
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
  return facts(file, [...toParagraphs(marked), ...notes, ...hidden.map((h): Passage => ({ part: 'html', place: 'hidden', page: null, text: h }))], [...more, ...metadata], text, { images: count(/<img\b/gi), tables: count(/<table\b/gi), equations: count(/<math\b/gi), footnotes: ids.length });
}

const pointsOf = (m: RegExpExecArray | null): number => (m ? Number(m[1]) * { pt: 1, in: 72, cm: 28.35, mm: 2.835, px: 0.75 }[m[2]! as 'pt']! : 0);

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
      for (const key of ['href', 'src', 'alt', 'title', 'value', 'content']) if (attributes[key] && name !== 'meta' && attributes[key]!.length < 4000) hidden.push(attributes[key]!);
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

/** Rich text: control words dropped, characters decoded, the information group read.
 * Source: RTF Specification 1.9.1 (control words from memory). */
export function readRtf(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  const { text: marked, info, hidden, notes, heads } = rtfToText(latin1(bytes)), { text } = takeNoteMarks(marked.replaceAll(quoteSign, ''));
  const sorts: Record<string, MetadataFact['sort']> = { author: 'author', operator: 'author', manager: 'author', company: 'company', title: 'title', subject: 'subject', keywords: 'keywords', doccomm: 'comment', comment: 'comment' };
  const metadata = Object.entries(info).map(([key, value]): MetadataFact => ({ part: `info/${key}`, key, value, sort: sorts[key] ?? 'custom' }));
  return facts(file, [...toParagraphs(marked), ...notes.flatMap((n, i): Passage[] => (n ? [{ part: 'rtf/footnote', place: 'footnote', page: null, text: n, note: noteName(i) }] : [])), ...heads.map((h): Passage => ({ part: 'rtf/header', place: 'runningHead', page: null, text: h })), ...hidden.map((h): Passage => ({ part: 'rtf', place: 'hidden', page: null, text: h }))], metadata, text, rtfStructure(latin1(bytes)));
}

/** Pictures (the fallback of one not counted twice), tables (rows with nothing but rows between them), notes. */
function rtfStructure(source: string): NonNullable<DocumentFacts['structure']> {
  let tables = 0, inside = false;
  for (const m of source.matchAll(/\\(trowd|row|pard|intbl|par)\b/g)) {
    if (m[1] === 'trowd') { if (!inside) tables++; inside = true; } else if (m[1] === 'par' && inside && !/\\intbl\b/.test(source.slice(Math.max(0, source.lastIndexOf('\\pard', m.index)), m.index))) inside = false;
  }
  const count = (word: RegExp): number => source.match(word)?.length ?? 0;
  return { images: count(/\\pict\b/g) - count(/\\nonshppict\b/g), tables, equations: 0, footnotes: count(/\\footnote\b/g) };
}

/** The code page that a file names, or the one of the machine that it names; the common western one where it names none or one that is not known here. */
export function rtfCodePage(source: string): string {
  const n = /\\ansicpg(\d+)/.exec(source)?.[1];
  if (!n && /^\{\\rtf\d*\s*\\mac\b/.test(source)) return 'macintosh';
  try { return new TextDecoder(`windows-${n ?? '1252'}`).encoding; } catch { return 'windows-1252'; }
}

/** The words of a rich-text file; notes and running lines apart, as they stand apart on the page. */
export function rtfToText(source: string): { text: string; info: Record<string, string>; hidden: string[]; notes: string[]; heads: string[] } {
  let text = '';
  const info: Record<string, string> = {}, hidden: string[] = [], notes: string[] = [], heads: string[] = [];
  interface Group { skip: string | null; unicodeSkip: number; /** the note that the group is or lies in, from 0 */ note: number | null; /** how far the paragraph is moved in, in twentieths of a point; none of a list's */ indent: number }
  const stack: Group[] = [];
  let state: Group = { skip: null, unicodeSkip: 1, note: null, indent: 0 };
  const page = rtfCodePage(source);
  let pending = 0, buffer = '', star = false;
  const flush = (): void => { if (state.skip && buffer.trim()) { if (/^info:/.test(state.skip)) { const k = state.skip.slice(5); if (k) info[k] = ((info[k] ?? '') + buffer).trim(); } else (/^(?:head|foot)er/.test(state.skip) ? heads : hidden).push(buffer.trim()); } buffer = ''; };
  const put = (value: string, run = false): void => { if (pending > 0) { const n = Math.min(pending, run ? value.length : 1); pending -= n; value = run ? value.slice(n) : ''; } if (state.skip) buffer += value; else if (state.note !== null) notes[state.note] += value; else text += state.indent >= 360 && /\S/.test(value) && (text === '' || text.endsWith('\n')) ? quoteSign + value : value; };
  const destinations = /^(fonttbl|colortbl|stylesheet|pict|listtable|listoverridetable|rsidtbl|generator|themedata|colorschememapping|latentstyles|datastore|xmlnstbl|fldinst|mmathPr|object|objdata|header[lrf]?|footer[lrf]?|annotation|atnid|atnauthor|atntime|revtbl|filetbl|template|bkmkstart|bkmkend|listtext|pntext)$/;
  for (const m of source.matchAll(/\\([a-z]+)(-?\d+)? ?|\\'([0-9a-f]{2})|\\([^a-z])|([{}])|([^\\{}]+)/gi)) {
    const [, word, argument, hex, symbol, brace, plain] = m;
    if (brace === '{') { flush(); stack.push(state); state = { ...state }; }
    else if (brace === '}') { flush(); state = stack.pop() ?? state; }
    else if (plain !== undefined) put(plain.replace(/[\r\n]/g, ''), true);
    else if (hex !== undefined) put(decodeCodePage(Uint8Array.of(parseInt(hex, 16)), page));
    else if (symbol !== undefined) {
      if (symbol === '*') star = true;
      else if (symbol === '~') put('\u00a0'); else if (symbol === '_') put('-'); else if (symbol === '-') put('\u00ad'); else if (/[\\{}]/.test(symbol)) put(symbol);
      else if (symbol === '\n' || symbol === '\r') put('\n');
    } else if (word) {
      // A starred destination may be skipped unless it is known.
      if (star && !/^(footnote|shppict|annotation|atnauthor|atnid)$/.test(word)) state.skip ??= 'ignorable';
      star = false;
      if (word === 'u' && argument) { put(String.fromCharCode((Number(argument) + 65_536) % 65_536)); pending = state.unicodeSkip; continue; }
      if (word === 'footnote' && !state.skip) { if (state.note === null) text += noteMark(notes.length); state.note = notes.length; notes.push(''); } else if (word === 'uc') state.unicodeSkip = Number(argument ?? 1);
      else if (word === 'par' || word === 'line' || word === 'row' || word === 'sect' || word === 'page') put('\n');
      else if (word === 'tab' || word === 'cell') put('\t');
      else if (word === 'pard') state.indent = 0;
      else if (word === 'li' || word === 'lin') state.indent = Number(argument ?? 0);
      else if (word === 'ls' || word === 'intbl' || (word === 'fi' && Number(argument) < 0)) state.indent = -Infinity;
      else if (word === 'info') state.skip = 'info:';
      else if (state.skip?.startsWith('info:')) state.skip = `info:${word}`;
      else if (word === 'v' && argument !== '0') state.skip ??= 'hidden';
      else if (destinations.test(word)) state.skip ??= word;
      else if (word in typographic) put(typographic[word]!);
    }
  }
  flush();
  return { text: text.replace(/\n{3,}/g, '\n\n'), info, hidden, notes: notes.map((n) => n.trim()), heads };
}
const typographic: Record<string, string> = { emdash: '—', endash: '–', lquote: '‘', rquote: '’', ldblquote: '“', rdblquote: '”', bullet: '•', emspace: ' ', enspace: ' ' };

/** A kind that nothing here parses: its readable strings are searched. */
export function readOpaque(bytes: Uint8Array, file: FileFacts): DocumentFacts {
  return { ...facts(file, [{ part: 'file', place: 'hidden', page: null, text: printableStrings(bytes) }], [], ''), words: unread('notOfThisKind') };
}
