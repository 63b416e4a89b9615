import type * as Mupdf from 'mupdf';
import { latin1 } from '../text/bytes.ts';
import type { PdfDocument } from './pdf.ts';

/** What a page draws, bytes as one character each; several streams are one with a line's end between them (ISO 32000-1, 7.8.2). */
export function contentOf(pdf: PdfDocument, index: number): string {
  const contents = pdf.findPage(index).get('Contents'), parts: string[] = [];
  const take = (o: Mupdf.PDFObject): void => { const b = o.readStream(); parts.push(latin1(b.asUint8Array())); b.destroy(); };
  if (contents.isArray()) contents.forEach((c) => take(c)); else if (contents.isStream()) take(contents);
  return parts.join('\n');
}

/** One operation of a content stream, operands and operator: characters `start` up to `end`. */
export interface Operation { operator: string; start: number; end: number }

const delimiters = '()<>[]{}/%', spaces = '\u0000\t\n\f\r ';
/** Cuts a content stream into its operations. Inline images are one operation each. Source: ISO 32000-1, 7.8.2 (operators), 7.2 (lexical rules), 8.9.7 (inline images). @param comment - is told where comments stand; @param content - bytes as one character each */
export function operationsOf(content: string, comment: (start: number, end: number) => void = () => undefined): Operation[] {
  const found: Operation[] = [], end = content.length;
  let at = 0, start = -1;
  const begin = (): void => { if (start < 0) start = at; };
  while (at < end) {
    const c = content[at]!;
    if (spaces.includes(c)) { at++; continue; }
    if (c === '%') { const from = at; while (at < end && content[at] !== '\n' && content[at] !== '\r') at++; comment(from, at); continue; }
    begin();
    if (c === '(') { at = afterString(content, at); continue; }
    if (c === '<' && content[at + 1] !== '<') { const close = content.indexOf('>', at); at = close < 0 ? end : close + 1; continue; }
    if (c === '/') { at++; at = afterWord(content, at); continue; }
    if (delimiters.includes(c)) { at++; continue; }
    const from = at;
    at = afterWord(content, at);
    const word = content.slice(from, at);
    if (/^[-+.\d]/.test(word) || word === 'true' || word === 'false' || word === 'null') continue;
    if (word === 'BI') { const close = /[\s]EI(?=[\s]|$)/.exec(content.slice(at)); at = close ? at + close.index + close[0].length : end; }
    found.push({ operator: word, start, end: at });
    start = -1;
  }
  return found;
}
function afterWord(content: string, at: number): number { while (at < content.length && !spaces.includes(content[at]!) && !delimiters.includes(content[at]!)) at++; return at; }
function afterString(content: string, at: number): number {
  let depth = 0;
  for (; at < content.length; at++) {
    const c = content[at];
    if (c === '\\') at++; else if (c === '(') depth++; else if (c === ')' && --depth === 0) return at + 1;
  }
  return at;
}
/** The codes of the glyphs that an operation shows, in a font with two bytes a code, as those are that are written here (ISO 32000-1, 9.7.5.2). Null where strings are written in another way. */
export function wideGlyphs(operation: string): string[] | null {
  if (operation.includes('(')) return null;
  const digits = [...operation.matchAll(/<([\da-fA-F\s]*)>/g)].map((m) => m[1]!.replace(/\s/g, '')).join('');
  return digits.length % 4 === 0 ? digits.match(/.{4}/g) ?? [] : null;
}
