import { latin1 } from '../../text/bytes.ts';

export interface Box { kind: string; start: number; end: number }

/**
 * The boxes of a HEIF picture or a film, one behind the other: the first four bytes of each are its length, 0 for “to the end of the file”, 1 for a
 * length of 64 bits behind the name. Source: ISO/IEC 14496-12, 4.2.
 * @returns the boxes that lie in the file, and whether they fill it: false where one runs past the end or is none
 */
export function topBoxes(bytes: Uint8Array): { boxes: Box[]; whole: boolean } {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), boxes: Box[] = [];
  for (let at = 0; at < bytes.length;) {
    if (at + 8 > bytes.length) return { boxes, whole: false };
    const said = view.getUint32(at), length = said === 0 ? bytes.length - at : said === 1 && at + 16 <= bytes.length ? Number(view.getBigUint64(at + 8)) : said;
    if (length < (said === 1 ? 16 : 8) || at + length > bytes.length) return { boxes, whole: false };
    boxes.push({ kind: latin1(bytes, at + 4, at + 8), start: at, end: at + length });
    at += length;
  }
  return { boxes, whole: true };
}
