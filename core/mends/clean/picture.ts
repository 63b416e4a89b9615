import { orientationIn, orientationOf } from '../../readers/image/orientation.ts';
import { endOfImage, jpegMarkers, metadataSegments, pngChunks } from '../../readers/image/segments.ts';
import { gifBlocks, isGif, isWebp, webpChunks } from '../../readers/image/gif-webp.ts';
import { unusedInTiff } from '../../readers/image/tiff.ts';
import { withoutAsides } from '../../engines/xml.ts';
import { join, latin1, startsWith } from '../../text/bytes.ts';
import { crc32 } from '../../text/crc32.ts';

/** A picture without anything but its pixels, colour profile and orientation; where there is nothing to take out but an end, a part of the very bytes that were given; null for a kind that cannot be cleaned.
 * Sources: ITU-T T.81 annex B; Exif 2.3, 4.5–4.6; PNG (W3C) 11.3; TIFF 6.0. Pixels are not recompressed. */
export function cleanPicture(bytes: Uint8Array, options: { keepOrientation: boolean } = { keepOrientation: true }): Uint8Array | null {
  if (startsWith(bytes, [0xff, 0xd8])) return cleanJpeg(bytes, options.keepOrientation);
  if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return cleanPng(bytes, options.keepOrientation);
  if (isGif(bytes)) return cleanGif(bytes);
  if (isWebp(bytes)) return cleanWebp(bytes, options.keepOrientation);
  if (startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a])) return cleanTiff(bytes);
  return null;
}

function cleanJpeg(bytes: Uint8Array, keepOrientation: boolean): Uint8Array {
  const drop = metadataSegments(bytes);
  const exif = drop.find((s) => s.sort === 'EXIF');
  const orientation = exif && keepOrientation ? orientationOf(bytes.subarray(exif.start + 6, exif.end)) : 1;
  // Whatever follows the end-of-image marker (a second picture, a movie, a trailer) goes as well.
  const end = endOfImage(bytes);
  if (drop.length === 0) return end === bytes.length ? bytes : bytes.subarray(0, end);
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  const jfif = jpegMarkers(bytes).find((m) => m.code === 0xe0 && latin1(bytes, m.start, m.start + 4) === 'JFIF');
  if (jfif && jfif.marker === 2) { parts.push(bytes.subarray(2, jfif.end)); at = jfif.end; }
  if (orientation > 1 && orientation <= 8) parts.push(exifWithOrientation(orientation));
  for (const s of drop) { if (s.whole[0] >= at) parts.push(bytes.subarray(at, s.whole[0])); at = Math.max(at, s.whole[1]); }
  parts.push(bytes.subarray(at, end));
  return join(parts);
}

/** A picture that was written anew gets back what it needs to look as before: turn and colour profile of the one it was made from, and nothing else. */
export function dressAs(bytes: Uint8Array, original: Uint8Array): Uint8Array {
  const orientation = orientationIn(original);
  if (startsWith(bytes, [0xff, 0xd8])) {
    const profiles = startsWith(original, [0xff, 0xd8]) ? jpegMarkers(original).filter((m) => m.code === 0xe2 && latin1(original, m.start, m.start + 11) === 'ICC_PROFILE').map((m) => original.subarray(m.marker, m.end)) : [];
    const jfif = jpegMarkers(bytes).find((m) => m.code === 0xe0), at = jfif?.marker === 2 ? jfif.end : 2;
    return join([bytes.subarray(0, at), ...(orientation > 1 ? [exifWithOrientation(orientation)] : []), ...profiles, bytes.subarray(at)]);
  }
  const kept = pngChunks(original).filter((c) => ['iCCP', 'sRGB', 'gAMA', 'cHRM', 'pHYs'].includes(c.type)).map((c) => original.subarray(...c.whole)), names = new Set(pngChunks(original).map((c) => c.type));
  const header = pngChunks(bytes).find((c) => c.type === 'IHDR'), rest = pngChunks(bytes).filter((c) => c.type !== 'IHDR' && !(names.has(c.type) && ['iCCP', 'sRGB', 'gAMA', 'cHRM', 'pHYs'].includes(c.type)) && (names.has('iCCP') || c.type !== 'iCCP'));
  if (!header) return bytes;
  return join([bytes.subarray(0, header.whole[1]), ...kept, ...(orientation > 1 ? [pngChunk('eXIf', tiffWithOrientation(orientation))] : []), ...rest.map((c) => bytes.subarray(...c.whole))]);
}

/** A picture that was written anew in plain colours gets back the turn of the one it was made from, and nothing else. */
export function turnedAs(bytes: Uint8Array, original: Uint8Array): Uint8Array {
  const orientation = orientationIn(original), jpeg = startsWith(bytes, [0xff, 0xd8]), header = jpeg ? jpegMarkers(bytes).find((m) => m.code === 0xe0)?.end ?? 2 : pngChunks(bytes)[0]?.whole[1];
  return orientation > 1 && header ? join([bytes.subarray(0, header), jpeg ? exifWithOrientation(orientation) : pngChunk('eXIf', tiffWithOrientation(orientation)), bytes.subarray(header)]) : bytes;
}

/** The smallest Exif segment that keeps a picture upright. */
function exifWithOrientation(orientation: number): Uint8Array {
  const tiff = tiffWithOrientation(orientation);
  const segment = new Uint8Array(10 + tiff.length);
  segment.set([0xff, 0xe1, 0, 8 + tiff.length, 0x45, 0x78, 0x69, 0x66, 0, 0]);
  segment.set(tiff, 10);
  return segment;
}
const tiffWithOrientation = (o: number): Uint8Array => Uint8Array.of(0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, o, 0, 0, 0, 0, 0, 0);

function cleanPng(bytes: Uint8Array, keepOrientation: boolean): Uint8Array {
  const drop = new Set(metadataSegments(bytes).map((s) => s.whole[0]));
  const parts: Uint8Array[] = [bytes.subarray(0, 8)];
  for (const chunk of pngChunks(bytes)) {
    if (chunk.type === 'eXIf' && keepOrientation) {
      const orientation = orientationOf(bytes.subarray(chunk.start, chunk.end));
      if (orientation > 1) parts.push(pngChunk('eXIf', tiffWithOrientation(orientation)));
    }
    if (!drop.has(chunk.whole[0])) parts.push(bytes.subarray(...chunk.whole));
    if (chunk.type === 'IEND') break;
  }
  return join(parts);
}

function cleanGif(bytes: Uint8Array): Uint8Array {
  const drop = metadataSegments(bytes), { end } = gifBlocks(bytes);
  if (drop.length === 0) return end === bytes.length ? bytes : bytes.subarray(0, end);
  const parts: Uint8Array[] = [];
  let at = 0;
  for (const { whole } of drop) { parts.push(bytes.subarray(at, whole[0])); at = whole[1]; }
  return join([...parts, bytes.subarray(at, end)]);
}

/** Source: RFC 9649, 2.7 (the flags that tell of EXIF and XMP). */
function cleanWebp(bytes: Uint8Array, keepOrientation: boolean): Uint8Array {
  const drop = metadataSegments(bytes), gone = new Set(drop.map((s) => s.whole[0])), kept = webpChunks(bytes).filter((c) => !gone.has(c.whole[0])), exif = drop.find((s) => s.sort === 'EXIF');
  if (drop.length === 0) return bytes;
  const turn = exif && keepOrientation ? orientationOf(bytes.subarray(exif.start, exif.end)) : 1, turned = turn > 1 && kept[0]?.type === 'VP8X';
  const out = join([bytes.subarray(0, 12), ...kept.map((c) => bytes.subarray(...c.whole)), ...(turned ? [Uint8Array.of(0x45, 0x58, 0x49, 0x46, 26, 0, 0, 0), tiffWithOrientation(turn)] : [])]);
  new DataView(out.buffer).setUint32(4, out.length - 8, true);
  if (kept[0]?.type === 'VP8X') out[20] = (out[20]! & ~0x0c) | (turned ? 0x08 : 0);
  return out;
}

/** A drawing without what programs keep in it for themselves; what it shows and says stays. Source: SVG 1.1, 21 (metadata). */
export const cleanSvg = (svg: string): string => withoutAsides(svg)
  .replace(/<(metadata|sodipodi:namedview)(?:\s[^>]*)?(?:\/>|>[\s\S]*?<\/\1>)/g, '')
  .replace(/<[A-Za-z][^>]*>/g, (tag) => tag.replace(/\s(?:(?:inkscape|sodipodi|serif|sketch):[\w-]+|xml:base)\s*=\s*(?:"[^"]*"|'[^']*')/g, ''));

/** A chunk of a PNG with its length and sum (W3C PNG, 5.3). */
export function pngChunk(type: string, content: Uint8Array): Uint8Array {
  const out = new Uint8Array(12 + content.length), view = new DataView(out.buffer);
  view.setUint32(0, content.length);
  for (let i = 0; i < 4; i++) out[4 + i] = type.charCodeAt(i);
  out.set(content, 8);
  view.setUint32(8 + content.length, crc32(out.subarray(4, 8 + content.length)));
  return out;
}

/** Tags of a TIFF directory that show or lay out the picture (TIFF 6.0, sections 8–22); all others are wiped in place. */
const tiffPicture = new Set([254, 255, 256, 257, 258, 259, 262, 263, 266, 273, 274, 277, 278, 279, 280, 281, 282, 283, 284, 286, 287, 290, 291, 292, 293, 296, 297, 301, 317, 318, 319, 320, 321, 322, 323, 324, 325, 330, 332, 334, 336, 338, 339, 340, 341, 347, 512, 513, 514, 529, 530, 531, 532, 34675]);
const typeSizes = [0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4];

function cleanTiff(source: Uint8Array): Uint8Array {
  const bytes = source.slice(), view = new DataView(bytes.buffer), little = bytes[0] === 0x49;
  const seen = new Set<number>();
  const wipeAll = (ifd: number): void => walk(ifd, () => false);
  const walk = (ifd: number, keep: (tag: number) => boolean): void => {
    if (ifd === 0 || seen.has(ifd) || ifd + 2 > bytes.length) return;
    seen.add(ifd);
    const count = view.getUint16(ifd, little), rows: Uint8Array[] = [];
    const endOfTable = ifd + 2 + 12 * count;
    if (endOfTable + 4 > bytes.length) return;
    const next = view.getUint32(endOfTable, little);
    for (let i = 0; i < count; i++) {
      const at = ifd + 2 + 12 * i, tag = view.getUint16(at, little);
      if (keep(tag)) { rows.push(bytes.slice(at, at + 12)); continue; }
      if (tag === 34665 || tag === 34853 || tag === 40965) wipeAll(view.getUint32(at + 8, little));
      const size = (typeSizes[view.getUint16(at + 2, little)] ?? 1) * view.getUint32(at + 4, little);
      const offset = view.getUint32(at + 8, little);
      if (size > 4 && offset + size <= bytes.length) bytes.fill(0, offset, offset + size);
    }
    bytes.fill(0, ifd, endOfTable + 4);
    view.setUint16(ifd, rows.length, little);
    rows.forEach((row, i) => bytes.set(row, ifd + 2 + 12 * i));
    view.setUint32(ifd + 2 + 12 * rows.length, next, little);
    walk(next, keep);
  };
  walk(view.getUint32(4, little), (tag) => tiffPicture.has(tag));
  const rest = unusedInTiff(bytes);
  for (const [from, to] of rest) bytes.fill(0, from, to);
  // What lies behind the last part goes.
  const behind = rest.at(-1);
  return behind && behind[1] === bytes.length ? bytes.slice(0, behind[0]) : bytes;
}
