import { addPicturePage, loadMupdf, saveWhole } from '../engines/pdf.ts';
import type { Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A4 and letter in points, upright. Sources: ISO 216, ASME Y14.1. */
const sheets = [[595.276, 841.89], [612, 792]] as const;

/** The sheet a page of this shape is printed on: a known one where the shape fits, else as long as A4. */
export function sheetFor(width: number, height: number): [number, number] {
  const ratio = width / height, upright = math.min(ratio, 1 / ratio), known = sheets.find(([w, h]) => math.abs(w / h - upright) < 0.008);
  const [w, h] = known ?? [841.89 * upright, 841.89];
  return ratio <= 1 ? [w, h] : [h, w];
}

/** One PDF from pages in order: colour and grey as JPEG, black-on-white with one bit a pixel. No metadata at all. @param quality - of JPEG, 1–100 */
export async function writePages(pages: { raster: Raster; bilevel: boolean }[], quality = 82): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), pdf = new mupdf.PDFDocument();
  try {
    for (const { raster, bilevel } of pages) {
      const [w, h] = sheetFor(raster.width, raster.height), dict = pdf.newDictionary();
      for (const [key, value] of Object.entries({ Type: 'XObject', Subtype: 'Image', ColorSpace: raster.channels === 1 ? 'DeviceGray' : 'DeviceRGB' })) dict.put(key, pdf.newName(value));
      dict.put('Width', raster.width); dict.put('Height', raster.height); dict.put('BitsPerComponent', bilevel ? 1 : 8);
      let image;
      if (bilevel) image = pdf.addStream(bitsOf(raster), dict);
      else { dict.put('Filter', pdf.newName('DCTDecode')); image = pdf.addRawStream(await encodeJpeg(raster, quality), dict); }
      addPicturePage(pdf, [w, h], image, [w, 0, 0, h, 0, 0]);
    }
    // The engine names itself as producer; a page made of photos says nothing about its making.
    pdf.getTrailer().get('Root').delete('Info');
    pdf.getTrailer().delete('Info');
    return await saveWhole(pdf, 'garbage=4,compress,compress-images=no,compress-fonts=no');
  } finally { pdf.destroy(); }
}

export async function encodeJpeg(raster: Raster, quality: number): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), pixmap = new mupdf.Pixmap(raster.channels === 1 ? mupdf.ColorSpace.DeviceGray : mupdf.ColorSpace.DeviceRGB, [0, 0, raster.width, raster.height], false);
  try { pixmap.getPixels().set(raster.data); return pixmap.asJPEG(quality, false).slice(); } finally { pixmap.destroy(); }
}

/** Rows of bits, padded to bytes; 1 is white. Source: ISO 32000-1, 8.9.5.2. */
function bitsOf({ width, height, data }: Raster): Uint8Array {
  const stride = (width + 7) >> 3, out = new Uint8Array(stride * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) if (data[y * width + x]! > 127) out[y * stride + (x >> 3)]! |= 0x80 >> (x & 7);
  return out;
}
