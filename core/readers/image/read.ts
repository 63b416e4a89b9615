import type { MetadataFact, MetadataSort, Passage } from '../../model/facts.ts';
import { bytesOfHex, latin1, printableStrings, startsWith } from '../../text/bytes.ts';
import { readXmp } from '../xmp.ts';
import { topBoxes } from './boxes.ts';
import { gifBlocks, isGif, isWebp } from './gif-webp.ts';
import { profileNames } from './icc.ts';
import { endOfImage, metadataSegments, type Segment } from './segments.ts';
import { unusedInTiff } from './tiff.ts';

/** EXIF tags by name. Source: CIPA DC-008 (Exif 2.3), tables 3–15; IPTC-IIM 4.2, chapter 6. Any other tag is `custom`. */
const tagSorts: Record<string, MetadataSort> = {
  Artist: 'author', Copyright: 'author', XPAuthor: 'author', CameraOwnerName: 'author', OwnerName: 'author', HostComputer: 'device', Byline: 'author', BylineTitle: 'author', CopyrightNotice: 'author', Credit: 'author', Writer: 'author', Contact: 'author', By_line: 'author',
  ImageDescription: 'subject', UserComment: 'comment', XPComment: 'comment', XPTitle: 'title', XPSubject: 'subject', XPKeywords: 'keywords', DocumentName: 'title', Caption: 'subject', ObjectName: 'title', Keywords: 'keywords', Headline: 'title', Title: 'title', Author: 'author', Description: 'subject', Comment: 'comment',
  Software: 'software', ProcessingSoftware: 'software', ModifyDate: 'dates', DateTimeOriginal: 'dates', CreateDate: 'dates', DateTime: 'dates', DateCreated: 'dates', TimeCreated: 'dates', OffsetTime: 'dates', 'Creation Time': 'dates',
  Make: 'device', Model: 'device', BodySerialNumber: 'device', SerialNumber: 'device', LensSerialNumber: 'device', LensModel: 'device', LensMake: 'device', InternalSerialNumber: 'device',
  ImageUniqueID: 'ids', latitude: 'location', longitude: 'location', GPSLatitude: 'location', GPSLongitude: 'location', GPSAltitude: 'location', GPSDateStamp: 'dates', City: 'location', Country: 'location', ProvinceState: 'location', Sublocation: 'location',
};

/** Values that describe the picture's make-up, not its maker. */
const technical = /^(Orientation|XResolution|YResolution|ResolutionUnit|YCbCr\w*|ImageWidth|ImageHeight|ExifImage\w+|ColorSpace|Compression|Bit\w*|BitsPerSample|PhotometricInterpretation|SamplesPerPixel|PlanarConfiguration|RowsPerStrip|Strip\w+|Thumbnail\w*|Components\w*|Flashpix\w*|ExifVersion|Interop\w*|Filter|Interlace|ColorType|PixelsPerUnit\w*|Predictor|FillOrder|SampleFormat|NewSubfileType|SubfileType|Tile\w+|T[46]Options|PageNumber|Gamma|SRGBRendering|WhitePoint|PrimaryChromaticities|ReferenceBlackWhite|ExtraSamples|ApplicationRecordVersion|CodedCharacterSet)$/;

interface ExifrModule { parse(input: Uint8Array, options: unknown): Promise<Record<string, Record<string, unknown>> | undefined> }

/** Reads what a picture carries beside its pixels. @param root - prefix of the parts, `image` for an embedded picture */
export async function readPicture(bytes: Uint8Array, root: string): Promise<{ passages: Passage[]; metadata: MetadataFact[]; orientation: number; segments: Segment[] }> {
  const metadata: MetadataFact[] = [];
  let orientation = 1;
  const segments = metadataSegments(bytes);
  if (segments.length > 0 && canBeWalked(bytes)) {
    const exifr = (await import('exifr/dist/full.esm.mjs' as string)) as unknown as { default: ExifrModule };
    try {
      // The directory of a WebP lies in a chunk that the reader does not look for.
      const chunk = isWebp(bytes) ? segments.find((s) => s.sort === 'EXIF') : undefined;
      const groups = isGif(bytes) || (isWebp(bytes) && !chunk) ? {} : await exifr.default.parse(chunk ? bytes.slice(chunk.start, chunk.end) : bytes, {
        tiff: true, exif: true, gps: true, iptc: true, ihdr: true, xmp: false, icc: false, jfif: false, interop: false, mergeOutput: false, translateKeys: true, translateValues: false,
        reviveValues: false, sanitize: true, makerNote: false, userComment: true, multiSegment: true,
      });
      for (const [group, tags] of Object.entries(groups ?? {})) {
        // The user comment stands beside the groups.
        if (group === 'userComment') { const value = show(tags); if (value) metadata.push({ part: `${root}/EXIF/UserComment`, key: 'UserComment', value, sort: 'comment' }); continue; }
        if (group === 'errors' || typeof tags !== 'object' || tags === null) continue;
        const family = group === 'iptc' ? 'IPTC' : group === 'gps' ? 'GPS' : group === 'ihdr' ? 'PNG' : 'EXIF';
        for (const [key, raw] of Object.entries(tags)) {
          if (key === 'Orientation' && typeof raw === 'number') orientation = raw;
          if (technical.test(key)) continue;
          const value = show(raw);
          const sort = tagSorts[key] ?? (family === 'GPS' ? 'location' : null);
          if (value && (sort || typeof raw === 'string')) metadata.push({ part: `${root}/${family}/${key}`, key, value, sort: sort ?? 'custom' });
        }
      }
    } catch { /* damaged metadata: its raw strings are searched below */ }
  }
  const passages: Passage[] = [];
  const known = new Set(metadata.map((m) => m.value));
  for (const segment of segments) {
    const content = bytes.subarray(segment.start, segment.end);
    if (segment.sort === 'XMP') {
      const facts = readXmp(new TextDecoder().decode(content), `${root}/XMP`), said = facts.length > 0 ? '' : printableStrings(content, 1 << 20);
      metadata.push(...facts);
      // A piece of a larger packet is no XML of its own (XMP part 3, 1.1.3.1).
      if (said) passages.push({ part: `${root}/XMP`, place: 'imageMetadata', page: null, text: said });
      continue;
    }
    if (segment.text !== undefined) {
      const [key, value] = segment.text;
      if (/xmpmeta|rdf:RDF/.test(value)) metadata.push(...readXmp(value, `${root}/XMP`));
      // A segment of another kind of picture, in hexadecimal digits (common practice of converters, from memory).
      else if (/^Raw profile type/i.test(key)) passages.push({ part: `${root}/${segment.sort}/${key}`, place: 'imageMetadata', page: null, text: printableStrings(bytesOfHex(value.replace(/^\s*\w+\s+\d+\s*/, ''))) });
      else if (value && !known.has(value)) metadata.push({ part: `${root}/${segment.sort}${key ? `/${key}` : ''}`, key: key || segment.sort, value, sort: tagSorts[key] ?? 'comment' });
      continue;
    }
    // Maker notes and whatever no table knows: their readable strings are searched all the same.
    const strings = printableStrings(content, 1 << 20);
    if (strings) passages.push({ part: `${root}/${segment.sort}`, place: 'imageMetadata', page: null, text: strings });
  }
  const profile = profileNames(bytes);
  if (profile) passages.push({ part: `${root}/ICC`, place: 'imageMetadata', page: null, text: profile });
  const after = trailer(bytes);
  if (after) passages.push({ part: `${root}/after the end`, place: 'imageMetadata', page: null, text: after });
  return { passages, metadata, orientation, segments };
}

/** The reader of HEIF goes from box to box until it meets the one of metadata; without that it would never come back. */
const canBeWalked = (bytes: Uint8Array): boolean => latin1(bytes, 4, 8) !== 'ftyp' || topBoxes(bytes).boxes.some((b) => b.kind === 'meta');

/** Whether a JPEG is its pixels and nothing else, as most pictures on pages are; only what says something is worth a copy. */
export const saysNothing = (bytes: Uint8Array): boolean => startsWith(bytes, [0xff, 0xd8]) && metadataSegments(bytes).length === 0 && endOfImage(bytes) === bytes.length;

/** Readable words behind a picture's end, which no viewer shows; in a TIFF between its parts as well. Sources: ITU-T T.81, B.1.1.3 (EOI); PNG (W3C), 11.2.5 (IEND). */
function trailer(bytes: Uint8Array): string {
  let end = bytes.length;
  if (startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a])) return unusedInTiff(bytes).map(([from, to]) => printableStrings(bytes.subarray(from, to), 1 << 20)).filter(Boolean).join('\n');
  if (isGif(bytes)) end = gifBlocks(bytes).end;
  else if (bytes[0] === 0xff && bytes[1] === 0xd8) end = endOfImage(bytes);
  else if (bytes[0] === 0x89) for (let at = bytes.length - 8; at > 8; at--) if (bytes[at] === 0x49 && bytes[at + 1] === 0x45 && bytes[at + 2] === 0x4e && bytes[at + 3] === 0x44) { end = at + 8; break; }
  return end < bytes.length ? printableStrings(bytes.subarray(end), 1 << 20) : '';
}

function show(value: unknown): string {
  if (value instanceof Uint8Array) {
    // Windows XP* tags are UTF-16LE; a user comment names its character set in eight bytes (Exif 2.3, 4.6.5).
    const text = latin1(value);
    const bytes = /^(ASCII|UNICODE|JIS)\0/.test(text) ? value.subarray(8) : value;
    const wide = (parity: number): boolean => bytes.length > 3 && bytes.filter((b, i) => i % 2 === parity && b === 0).length > bytes.length / 4;
    return new TextDecoder(wide(1) ? 'utf-16le' : wide(0) ? 'utf-16be' : 'utf-8').decode(bytes).replace(/\0+/g, '').trim();
  }
  if (Array.isArray(value)) return value.map(show).join(' ').trim();
  if (value instanceof Date) return value.toISOString();
  if (typeof value === 'number' || typeof value === 'string') return String(value).replace(/\0+/g, '').trim();
  return '';
}

/** Tags 256 and 257 of the first directory (TIFF 6.0, section 3). */
function tiffSize(view: DataView): { width: number; height: number } | null {
  const little = view.getUint8(0) === 0x49, found: Record<number, number> = {}, directory = view.byteLength > 8 ? view.getUint32(4, little) : 0;
  for (let i = 0, at = directory + 2; directory > 0 && directory + 2 <= view.byteLength && i < view.getUint16(directory, little) && at + 12 <= view.byteLength; i++, at += 12) found[view.getUint16(at, little)] = view.getUint16(at + 2, little) === 3 ? view.getUint16(at + 8, little) : view.getUint32(at + 8, little);
  return found[256] !== undefined && found[257] !== undefined ? { width: found[256], height: found[257] } : null;
}
/** Width and height in pixels as stored, before any turning by EXIF. */
export function pictureSize(bytes: Uint8Array): { width: number; height: number } | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (bytes[0] === 0x89 && bytes.length > 24) return { width: view.getUint32(16), height: view.getUint32(20) };
  if (startsWith(bytes, [0x47, 0x49, 0x46]) && bytes.length > 10) return { width: view.getUint16(6, true), height: view.getUint16(8, true) };
  if (startsWith(bytes, [0x42, 0x4d]) && bytes.length > 26) return { width: Math.abs(view.getInt32(18, true)), height: Math.abs(view.getInt32(22, true)) };
  if (startsWith(bytes, [0x49, 0x49, 0x2a, 0]) || startsWith(bytes, [0x4d, 0x4d, 0, 0x2a])) return tiffSize(view);
  if (bytes[0] === 0xff && bytes[1] === 0xd8) {
    for (let at = 2; at + 9 < bytes.length;) {
      if (bytes[at] !== 0xff) { at++; continue; }
      const marker = bytes[at + 1]!;
      if (marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)) return { height: view.getUint16(at + 5), width: view.getUint16(at + 7) };
      at += marker === 0xff || (marker >= 0xd0 && marker <= 0xd9) || marker === 1 ? (marker === 0xff ? 1 : 2) : 2 + view.getUint16(at + 2);
    }
  }
  return null;
}
