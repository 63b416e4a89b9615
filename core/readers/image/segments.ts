import { inflateSync, unzlibSync } from 'fflate';
import { finderOf, latin1, startsWith } from '../../text/bytes.ts';
import { gifBlocks, gifSegments, isGif, isWebp, webpSegments } from './gif-webp.ts';

/** A stretch of a picture file that is not picture. `whole` runs from the segment's marker; `start` to `end` is its content. */
export interface Segment { sort: 'EXIF' | 'XMP' | 'IPTC' | 'comment' | 'text' | 'time' | 'application'; start: number; end: number; whole: [number, number]; text?: [string, string] }

/** The metadata segments of a JPEG, PNG, GIF, WebP or TIFF. Sources: JPEG ITU-T T.81 annex B; Exif 2.3, 4.5.4; XMP part 3; PNG (W3C) 11.3. */
export function metadataSegments(bytes: Uint8Array): Segment[] {
  if (startsWith(bytes, [0xff, 0xd8])) return jpegSegments(bytes);
  if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return pngSegments(bytes);
  if (isGif(bytes)) return gifSegments(bytes);
  if (isWebp(bytes)) return webpSegments(bytes);
  if (startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a])) return [{ sort: 'EXIF', start: 0, end: Math.min(bytes.length, 1 << 16), whole: [0, bytes.length] }];
  if (latin1(bytes, 4, 8) === 'ftyp') return [{ sort: 'EXIF', start: 0, end: Math.min(bytes.length, 1 << 16), whole: [0, bytes.length] }];
  return [];
}

function jpegSegments(bytes: Uint8Array): Segment[] {
  const segments: Segment[] = [];
  for (const s of jpegMarkers(bytes)) {
    const id = latin1(bytes, s.start, s.start + 36);
    const whole: [number, number] = [s.marker, s.end];
    if (s.code === 0xfe) segments.push({ sort: 'comment', start: s.start, end: s.end, whole, text: ['', new TextDecoder().decode(bytes.subarray(s.start, s.end)).replace(/\0+$/, '')] });
    else if (s.code === 0xe1 && id.startsWith('Exif\0')) segments.push({ sort: 'EXIF', start: s.start, end: s.end, whole });
    else if (s.code === 0xe1) segments.push({ sort: 'XMP', start: s.start, end: s.end, whole });
    else if (s.code === 0xed) segments.push({ sort: 'IPTC', start: s.start, end: s.end, whole });
    // APP0 (JFIF), APP2 (colour profile) and APP14 (colour transform) belong to the picture.
    else if (s.code >= 0xe2 && s.code <= 0xef && s.code !== 0xee && !(s.code === 0xe2 && id.startsWith('ICC_PROFILE'))) segments.push({ sort: 'application', start: s.start, end: s.end, whole });
  }
  return segments;
}

/** Marker segments of a JPEG up to the first scan. */
export function jpegMarkers(bytes: Uint8Array): { code: number; marker: number; start: number; end: number }[] {
  const found = [];
  for (let at = 2; at + 4 <= bytes.length;) {
    if (bytes[at] !== 0xff) { at++; continue; }
    const code = bytes[at + 1]!;
    if (code === 0xff) { at++; continue; }
    if (code === 0xda || code === 0xd9) break;
    if (code === 0x01 || (code >= 0xd0 && code <= 0xd8)) { at += 2; continue; }
    const end = Math.min(bytes.length, at + 2 + ((bytes[at + 2]! << 8) | bytes[at + 3]!));
    found.push({ code, marker: at, start: at + 4, end });
    at = Math.max(end, at + 4);
  }
  return found;
}

/** The offset behind the end-of-image marker of the first image; the whole length when there is none. */
export function endOfImage(bytes: Uint8Array): number {
  const markers = jpegMarkers(bytes);
  const next = finderOf(bytes, 0xff);
  for (let at = next(markers.at(-1)?.end ?? 2); at >= 0 && at + 1 < bytes.length; at = next(at + 1)) {
    const code = bytes[at + 1]!;
    if (code === 0xd9) return at + 2;
    // A progressive file has several scans with tables between; their lengths are skipped so that no data looks like a marker.
    if (code >= 0xc0 && code !== 0xff && !(code >= 0xd0 && code <= 0xd8)) at += 1 + ((bytes[at + 2]! << 8) | bytes[at + 3]!);
  }
  return bytes.length;
}

/** How many pictures a TIFF holds: its directories, one behind the other (TIFF 6.0, section 2). */
export function tiffPictures(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), little = bytes[0] === 0x49, seen = new Set<number>();
  for (let at = bytes.length >= 8 ? view.getUint32(4, little) : 0; at > 0 && at + 6 <= bytes.length && !seen.has(at) && seen.size < 1000;) { seen.add(at); const next = at + 2 + 12 * view.getUint16(at, little); at = next + 4 <= bytes.length ? view.getUint32(next, little) : 0; }
  return seen.size;
}
/** How many pictures a GIF holds: its image descriptors (GIF89a, 20). */
export const gifPictures = (bytes: Uint8Array): number => gifBlocks(bytes).blocks.filter((b) => b.kind === 'image').length;

/** Chunks of a PNG: type, content, and the whole with length and checksum. */
export function pngChunks(bytes: Uint8Array): { type: string; start: number; end: number; whole: [number, number] }[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const found = [];
  for (let at = 8; at + 12 <= bytes.length;) {
    const length = view.getUint32(at);
    const end = at + 8 + length;
    if (end + 4 > bytes.length) break;
    found.push({ type: latin1(bytes, at + 4, at + 8), start: at + 8, end, whole: [at, end + 4] as [number, number] });
    at = end + 4;
  }
  return found;
}

/** PNG 11.3.3: latin-1 key, NUL, then text; compressed in zTXt and, by a flag, in iTXt (where it is UTF-8). */
function pngSegments(bytes: Uint8Array): Segment[] {
  const segments: Segment[] = [];
  for (const chunk of pngChunks(bytes)) {
    const content = bytes.subarray(chunk.start, chunk.end);
    const base = { start: chunk.start, end: chunk.end, whole: chunk.whole };
    const zero = content.indexOf(0);
    const key = latin1(content, 0, Math.max(0, zero));
    if (chunk.type === 'tEXt') segments.push({ ...base, sort: 'text', text: [key, latin1(content, zero + 1)] });
    else if (chunk.type === 'zTXt') segments.push({ ...base, sort: 'text', text: [key, latin1(inflate(content.subarray(zero + 2)))] });
    else if (chunk.type === 'iTXt') {
      const compressed = content[zero + 1] === 1;
      const language = content.indexOf(0, zero + 3);
      const translated = content.indexOf(0, language + 1);
      const body = content.subarray(translated + 1);
      segments.push({ ...base, sort: 'text', text: [key, new TextDecoder().decode(compressed ? inflate(body) : body)] });
    } else if (chunk.type === 'eXIf') segments.push({ ...base, sort: 'EXIF' });
    else if (chunk.type === 'tIME') segments.push({ ...base, sort: 'time', text: ['Creation Time', [...content].join(' ')] });
    else if (!/^(IHDR|PLTE|IDAT|IEND|tRNS|gAMA|cHRM|sRGB|iCCP|sBIT|pHYs|bKGD|hIST|sPLT|acTL|fcTL|fdAT|cICP|mDCV|cLLI|oFFs|sTER)$/.test(chunk.type)) segments.push({ ...base, sort: 'application' });
  }
  return segments;
}

export function inflate(bytes: Uint8Array): Uint8Array {
  const out = new Uint8Array(1 << 20);
  try { return unzlibSync(bytes, { out }); } catch { try { return inflateSync(bytes, { out }); } catch { return bytes; } }
}
