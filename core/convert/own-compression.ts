import { unzlibSync } from 'fflate';
import type { MupdfModule, PDFObject, PdfDocument } from '../engines/pdf.ts';
import { pngChunks } from '../readers/image/segments.ts';
import { fromBase64, join, startsWith } from '../text/bytes.ts';

/** A picture whose file holds its pixels in a way that a PDF can hold as well. */
interface Kept { width: number; height: number; depth: number; colour: 0 | 2 | 3; palette: Uint8Array | null; data: Uint8Array }
export interface HeldBack { body: string; /** pictures that stand-ins keep the place of, by the width of each */ kept: Map<number, Kept> }

/** Below this nothing is won. In characters of a data address. */
const worthwhile = 4_000;
/** Stand-ins are one pixel high and as wide as no picture is; each has a width of its own, and so its own place among the pictures of the file. */
const firstWidth = 20_011;
/** Larger ones, unpacked, are left to the engine, which need not hold them whole. In bytes. */
const mostUnpacked = 1 << 26;
/** Bits that a sample may have, by the colour type (PNG 11.2.1, table 11.1). */
const depths: Readonly<Record<Kept['colour'], readonly number[]>> = { 0: [1, 2, 4, 8, 16], 2: [8, 16], 3: [1, 2, 4, 8] };

/** Takes pictures out of a description that can go into the PDF as they are: the engine would unpack them, and pack them again less well. Each leaves a stand-in of the size it is shown at.
 * Source: PNG (W3C) 11.2 (IHDR, PLTE, IDAT), 9 (filters); ISO 32000-1, 7.4.4.4 (the same filters as predictors), 8.9.5.2 (images), 8.6.6.3 (indexed colours). */
export function holdBack(mupdf: MupdfModule, body: string): HeldBack {
  const kept = new Map<number, Kept>(), standIns = new Map<string, string | null>();
  const standInFor = (source: string): string | null => {
    const picture = readPng(fromBase64(source));
    if (!picture) return null;
    const width = firstWidth + kept.size;
    kept.set(width, picture);
    const pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceGray, [0, 0, width, 1], false);
    try { pixmap.clear(0); return btoa(String.fromCharCode(...pixmap.asPNG())); } finally { pixmap.destroy(); }
  };
  const text = body.replace(/(<img src="data:image\/png;base64,)([^"]+)("[^>]* style="width:[^>]*\/>)/g, (whole, before: string, source: string, after: string) => {
    if (source.length < worthwhile) return whole;
    let standIn = standIns.get(source);
    if (standIn === undefined) standIns.set(source, standIn = standInFor(source));
    return standIn === null ? whole : before + standIn + after;
  });
  return { body: text, kept };
}

/** Puts the pictures in the places of their stand-ins. */
export function putBack(pdf: PdfDocument, { kept }: HeldBack): void {
  for (let i = 1, count = kept.size > 0 ? pdf.countObjects() : 0; i < count; i++) {
    const object = pdf.newIndirect(i);
    try {
      const picture = object.isStream() && nameAt(object, 'Subtype') === 'Image' && numberAt(object, 'Height') === 1 ? kept.get(numberAt(object, 'Width')) : undefined;
      if (!picture) continue;
      const shown: Record<string, PDFObject | number | string> = { Width: picture.width, Height: picture.height, BitsPerComponent: picture.depth, ColorSpace: colours(pdf, picture), Filter: pdf.newName('FlateDecode'), DecodeParms: filters(pdf, picture) };
      object.writeRawStream(picture.data);
      for (const key of ['Decode', 'ImageMask', 'Interpolate']) object.delete(key);
      for (const [key, value] of Object.entries(shown)) object.put(key, value);
    } finally { object.destroy(); }
  }
}
const nameAt = (dict: PDFObject, key: string): string => { const value = dict.get(key); return value.isName() ? value.asName() : ''; };
const numberAt = (dict: PDFObject, key: string): number => { const value = dict.get(key); return value.isNumber() ? value.asNumber() : NaN; };
function colours(pdf: PdfDocument, { colour, palette }: Kept): PDFObject {
  if (!palette) return pdf.newName(colour === 0 ? 'DeviceGray' : 'DeviceRGB');
  const indexed = pdf.newArray();
  for (const part of [pdf.newName('Indexed'), pdf.newName('DeviceRGB'), pdf.newInteger(palette.length / 3 - 1), pdf.newByteString(palette)]) indexed.push(part);
  return indexed;
}
function filters(pdf: PdfDocument, { width, depth, colour }: Kept): PDFObject {
  const parms = pdf.newDictionary();
  for (const [key, value] of [['Predictor', 15], ['Colors', samples(colour)], ['BitsPerComponent', depth], ['Columns', width]] as const) parms.put(key, value);
  return parms;
}
const samples = (colour: Kept['colour']): number => (colour === 2 ? 3 : 1);

/** What a PNG holds, where a PDF can hold it too: not interlaced, nothing of it transparent, no profile of its own, whole. */
function readPng(bytes: Uint8Array): Kept | null {
  if (!startsWith(bytes, [0x89, 0x50, 0x4e, 0x47])) return null;
  const chunks = pngChunks(bytes), header = chunks[0], view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (header?.type !== 'IHDR' || header.end - header.start !== 13 || chunks.some((c) => c.type === 'tRNS' || c.type === 'iCCP')) return null;
  const width = view.getUint32(header.start), height = view.getUint32(header.start + 4), [depth, colour, , , interlaced] = bytes.subarray(header.start + 8, header.end) as unknown as [number, number, number, number, number];
  if ((colour !== 0 && colour !== 2 && colour !== 3) || interlaced !== 0 || !depths[colour].includes(depth) || width === 0 || height === 0) return null;
  const entries = chunks.find((c) => c.type === 'PLTE'), palette = colour === 3 && entries ? bytes.slice(entries.start, entries.end) : null;
  if (colour === 3 && (!palette || palette.length === 0 || palette.length % 3 !== 0 || palette.length > 3 * 2 ** depth)) return null;
  const row = 1 + Math.ceil((width * samples(colour) * depth) / 8), data = join(chunks.filter((c) => c.type === 'IDAT').map((c) => bytes.subarray(c.start, c.end)));
  return row * height <= mostUnpacked && isWhole(data, row, height) ? { width, height, depth, colour, palette, data } : null;
}
/** Every row is there, and filtered in one of the five ways. */
function isWhole(data: Uint8Array, row: number, height: number): boolean {
  const most = row * height;
  try {
    const rows = unzlibSync(data, { out: new Uint8Array(most + 1) });
    if (rows.length !== most) return false;
    for (let at = 0; at < most; at += row) if (rows[at]! > 4) return false;
    return true;
  } catch { return false; }
}
