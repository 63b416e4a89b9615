import { latin1, startsWith } from '../../text/bytes.ts';
import type { Segment } from './segments.ts';

export const isGif = (bytes: Uint8Array): boolean => startsWith(bytes, [0x47, 0x49, 0x46, 0x38]);
export const isWebp = (bytes: Uint8Array): boolean => startsWith(bytes, [0x52, 0x49, 0x46, 0x46]) && startsWith(bytes, [0x57, 0x45, 0x42, 0x50], 8);

export interface GifBlock { kind: 'comment' | 'application' | 'extension' | 'image'; /** where the first sub-block's length stands */ start: number; whole: [number, number]; /** of an application: eight letters and its code */ id: string }
/** The blocks of a GIF behind its header, up to the trailer. Source: GIF89a, 12 and 17 to 27. @returns `end`: behind the trailer */
export function gifBlocks(bytes: Uint8Array): { blocks: GifBlock[]; end: number } {
  const table = (flags: number): number => (flags & 0x80 ? 3 << ((flags & 7) + 1) : 0), blocks: GifBlock[] = [];
  const behind = (at: number): number => { while (at < bytes.length && bytes[at] !== 0) at += bytes[at]! + 1; return Math.min(at + 1, bytes.length); };
  let at = 13 + table(bytes[10] ?? 0);
  while (at < bytes.length && bytes[at] !== 0x3b) {
    const label = bytes[at + 1] ?? 0, image = bytes[at] === 0x2c;
    if (!image && bytes[at] !== 0x21) return { blocks, end: bytes.length };
    const start = image ? at + 11 + table(bytes[at + 9] ?? 0) : at + 2, end = behind(start);
    blocks.push({ kind: image ? 'image' : label === 0xfe ? 'comment' : label === 0xff ? 'application' : 'extension', start, whole: [at, end], id: label === 0xff && !image ? latin1(bytes, start + 1, start + 12) : '' });
    at = end;
  }
  return { blocks, end: Math.min(at + 1, bytes.length) };
}
/** What an extension says: its sub-blocks joined. */
function gifWords(bytes: Uint8Array, block: GifBlock): string {
  let out = '';
  for (let at = block.start; at < block.whole[1] && bytes[at] !== 0; at += bytes[at]! + 1) out += latin1(bytes, at + 1, at + 1 + bytes[at]!);
  return out;
}
/** How often it runs, and its colours, belong to the picture. */
const shownApplications = /^(?:NETSCAPE2\.0|ANIMEXTS1\.0|ICCRGBG1012)/;
/** Comments, and what programs keep in a GIF for themselves. */
export const gifSegments = (bytes: Uint8Array): Segment[] => gifBlocks(bytes).blocks.filter((b) => b.kind === 'comment' || (b.kind === 'application' && !shownApplications.test(b.id))).map((b) => {
  // XMP stands there as it is, without sub-blocks of its own (XMP part 3, 1.1.2).
  const xmp = b.id.startsWith('XMP Data');
  return { sort: xmp ? 'XMP' : b.kind === 'comment' ? 'comment' : 'application', start: b.start, end: b.whole[1], whole: b.whole, ...(b.kind === 'comment' ? { text: ['', gifWords(bytes, b)] as [string, string] } : {}) };
});

/** The chunks of a WebP file. Source: RFC 9649, 2.3. */
export function webpChunks(bytes: Uint8Array): { type: string; start: number; end: number; whole: [number, number] }[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), chunks = [];
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true), end = Math.min(at + 8 + size, bytes.length), whole: [number, number] = [at, Math.min(end + (size & 1), bytes.length)];
    chunks.push({ type: latin1(bytes, at, at + 4), start: at + 8, end, whole });
    at = whole[1];
  }
  return chunks;
}
const shownChunks = /^(?:VP8 |VP8L|VP8X|ALPH|ANIM|ANMF|ICCP)$/;
export const webpSegments = (bytes: Uint8Array): Segment[] => webpChunks(bytes).filter((c) => !shownChunks.test(c.type)).map((c) => {
  // Some writers put the mark of a JPEG's segment before the directory.
  const marked = startsWith(bytes, [0x45, 0x78, 0x69, 0x66, 0, 0], c.start);
  return { sort: c.type === 'EXIF' ? 'EXIF' : c.type === 'XMP ' ? 'XMP' : 'application', start: c.start + (marked ? 6 : 0), end: c.end, whole: c.whole };
});
