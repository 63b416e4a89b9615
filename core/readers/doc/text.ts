import { find, read, type CFB$Container } from 'cfb';
import { formatNumber } from '../../styles/number-formats.ts';
import { decodeCodePage } from '../../text/bytes.ts';
import { readMarks, usualNumbering, type DocMarks } from './marks.ts';
import { pictureAt, type DocPicture } from './pictures.ts';
import { readLooks, type DocLooks, type DocPiece } from './looks.ts';

/** The streams of a compound file by name; null where there is none. Source: [MS-CFB]. */
export function openCompound(bytes: Uint8Array): (name: string) => Uint8Array | null {
  const file: CFB$Container = read(bytes, { type: 'buffer' });
  return (name) => { const entry = find(file, name); return entry?.content ? new Uint8Array(entry.content as Uint8Array) : null; };
}

/** `from`: the number of its first character. */
export interface RunningStory { text: string; from: number }
/** In the order in which they are kept ([MS-DOC] 2.8.22). */
const lineNames = ['evenHead', 'head', 'evenFoot', 'foot', 'firstHead', 'firstFoot'] as const;
type LineName = (typeof lineNames)[number];

/** The stories of an old word-processor file, each with its control characters. `comments` to `boxes` are empty where there are none. */
export interface DocStories { /** running lines of a section, each with its signs; empty where it has none of its own */ running: (section: number) => Record<LineName, RunningStory>; main: string; notes: string; headers: string; comments: string; endnotes: string; boxes: string; /** bookmarks and anchored boxes; none where their tables are damaged */ marks: () => DocMarks; /** number of the first character of a story */ from: { main: number; notes: number; endnotes: number; boxes: number }; /** how characters and paragraphs look; null where the tables that say so are damaged */ looks: () => DocLooks | null; /** a picture by the place that a character's look names */ picture: (place: number) => DocPicture | null }

/** Reads the text pieces of a binary word-processor file. Source: [MS-DOC] 2.5 (FIB), 2.9.38 (Clx), 2.8.35 (PlcPcd), 2.9.73 (FcCompressed).
 * @returns null where the tables that say where the text lies are damaged, or the file is encrypted */
export function readStories(stream: (name: string) => Uint8Array | null): DocStories | null {
  const word = stream('WordDocument');
  if (!word || word.length < 0x1aa) return null;
  const fib = new DataView(word.buffer, word.byteOffset, word.byteLength), flags = fib.getUint16(0x0a, true);
  const table = flags & 0x0100 ? null : stream(flags & 0x0200 ? '1Table' : '0Table');
  if (!table) return null;
  const pieces = piecesOf(table, fib.getUint32(0x1a2, true), fib.getUint32(0x1a6, true));
  if (!pieces) return null;
  let text = '';
  const placed: DocPiece[] = [];
  for (const { characters, at, narrow } of pieces) {
    placed.push({ from: text.length, characters, at, narrow });
    const size = narrow ? characters : characters * 2;
    if (at + size > word.length || text.length > mostCharacters) return null;
    const part = word.subarray(at, at + size);
    text += narrow ? decodeCodePage(part, 'windows-1252') : new TextDecoder('utf-16le').decode(part);
  }
  let from = 0;
  const next = (at: number): string => { const n = fib.getInt32(at, true), part = text.slice(from, from + Math.max(0, n)); from += Math.max(0, n); return part; };
  const main = next(0x4c), notesFrom = from, notes = next(0x50), headersFrom = from, headers = next(0x54);
  next(0x58);
  const comments = next(0x5c), endnotesFrom = from, endnotes = next(0x60), boxesFrom = from, boxes = next(0x64);
  const tables = new DataView(table.buffer, table.byteOffset, table.byteLength), at = (place: number): [number, number] => (place + 8 <= word.length ? [fib.getUint32(place, true), fib.getUint32(place + 4, true)] : [0, 0]);
  // Six separators of notes, then six stories a section.
  const [list, bytes] = at(0xf2), running = (story: number): RunningStory => {
    const i = list + 4 * (6 + story);
    if (bytes < 4 * (8 + story) || list + bytes > table.length) return { text: '', from: headersFrom };
    const start = tables.getUint32(i, true);
    return { text: headers.slice(start, tables.getUint32(i + 4, true)), from: headersFrom + start };
  };
  return { running: (section) => Object.fromEntries(lineNames.map((name, i) => [name, running(6 * section + i)])) as Record<LineName, RunningStory>, main, notes, headers, comments, endnotes, boxes, from: { main: 0, notes: notesFrom, endnotes: endnotesFrom, boxes: boxesFrom }, marks: () => { try { return readMarks(table, at); } catch { return { bookmarks: [], boxes: [], notes: [], numbering: usualNumbering() }; } }, looks: () => { try { return readLooks(word, table, placed, at, formatNumber); } catch { return null; } }, picture: (place) => { try { return pictureAt(stream('Data'), place); } catch { return null; } } };
}
const mostCharacters = 50_000_000;

/** The pieces in order: how many characters, where they begin, and whether one byte or two make a character. */
function piecesOf(table: Uint8Array, from: number, length: number): { characters: number; at: number; narrow: boolean }[] | null {
  if (length === 0 || from + length > table.length) return null;
  const view = new DataView(table.buffer, table.byteOffset + from, length);
  let at = 0;
  while (at + 3 <= length && view.getUint8(at) === 1) at += 3 + view.getUint16(at + 1, true);
  if (at + 5 > length || view.getUint8(at) !== 2) return null;
  const size = view.getUint32(at + 1, true), count = Math.floor((size - 4) / 12), list = at + 5;
  if (list + size > length || count < 1) return null;
  return Array.from({ length: count }, (_, i) => {
    const fc = view.getUint32(list + 4 * (count + 1) + 8 * i + 2, true), narrow = (fc & 0x40000000) !== 0, offset = fc & 0x3fffffff;
    return { characters: view.getUint32(list + 4 * (i + 1), true) - view.getUint32(list + 4 * i, true), at: narrow ? offset >>> 1 : offset, narrow };
  });
}

/** A story as paragraphs without control characters: cells apart by tabs, field codes apart from what they show. Source: [MS-DOC] 2.4.1, 2.8.25. */
export function paragraphsOf(story: string): { paragraphs: string[]; fields: string[]; /** of those that begin a page */ newPages: Set<number> } {
  const fields: string[] = [];
  let shown = '', code = '';
  const depth: ('code' | 'result')[] = [];
  for (const c of story) {
    if (c === '\u0013') { depth.push('code'); continue; }
    if (c === '\u0014') { if (depth.length > 0) { if (depth.length === 1) { fields.push(code.trim()); code = ''; } depth[depth.length - 1] = 'result'; } continue; }
    if (c === '\u0015') { if (depth.pop() === 'code' && depth.length === 0) { fields.push(code.trim()); code = ''; } continue; }
    if (depth.includes('code')) code += c; else shown += c;
  }
  const plain = shown.replace(/\u0007\u0007|\u0007/g, (m) => (m.length === 2 ? '\r' : '\t')).replace(/\u000b/g, '\n').replace(/\u001e/g, '-').replace(/\u000c/g, '\r\u000c').replace(/\u000e/g, '\r').replace(/[\u0000-\u0008\u000f-\u001d\u001f]/g, '');
  const split = plain.split('\r');
  return { paragraphs: split.map((p) => p.replace('\u000c', '').replace(/\t+$/, '')), fields: fields.filter(Boolean), newPages: new Set(split.flatMap((p, i) => (p.startsWith('\u000c') ? [i] : []))) };
}
