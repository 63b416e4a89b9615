import { loadMupdf, reason } from '../../engines/pdf.ts';
import { CannotDo } from '../../model/outcome.ts';
import type { Quad } from '../../scan/raster.ts';
import { startsWith } from '../../text/bytes.ts';
import { gifPictures, tiffPictures } from '../../readers/image/segments.ts';
import { orientationOf } from '../../readers/image/orientation.ts';
import { dressAs } from '../clean/picture.ts';
import { encodeBmp, encodeGif, encodeTiff, type Flat } from './encode.ts';

/** Of JPEG, 1 to 100: a picture that is written a second time is not to show it. */
const quality = 95;

/** Kinds of pictures whose pixels can be written anew, by their first bytes. */
const kinds = { jpeg: [0xff, 0xd8], png: [0x89, 0x50], gif: [0x47, 0x49, 0x46, 0x38], bmp: [0x42, 0x4d], tiffLittle: [0x49, 0x49, 0x2a, 0], tiffBig: [0x4d, 0x4d, 0, 0x2a] } as const;
const kindOf = (bytes: Uint8Array): keyof typeof kinds | null => (Object.keys(kinds) as (keyof typeof kinds)[]).find((k) => startsWith(bytes, kinds[k])) ?? null;

/** A picture with places filled by the ground around them, so that nothing of what stood there is left in any pixel. Kind, turn, colour profile and transparency stay.
 * @param places - in stored pixels
 * @throws {CannotDo} `unsupported` for other kinds and for files of several pictures, `unreadable` */
export async function blotPicture(bytes: Uint8Array, name: string, places: Quad[]): Promise<Uint8Array> {
  const kind = kindOf(bytes), several = kind?.startsWith('tiff') ? tiffPictures(bytes) > 1 : kind === 'gif' && gifPictures(bytes) > 1;
  if (!kind || several) throw new CannotDo('unsupported', several ? 'This file holds several pictures behind each other.' : 'Pixels can be taken out of JPEG, PNG, TIFF, GIF and BMP pictures.', 'Cover the place in a picture program and bring the file again.', name);
  const mupdf = await loadMupdf();
  let image, stored;
  try { image = new mupdf.Image(bytes); stored = image.toPixmap(); } catch (error) { image?.destroy(); throw new CannotDo('unreadable', `The picture cannot be opened (${reason(error)}).`, 'Save it again as JPEG or PNG.', name); }
  try {
    const plain = stored.getNumberOfComponents() - (stored.getAlpha() ? 1 : 0);
    // Four inks have no place in a PNG, and a JPEG of them is read differently by every program.
    const pixmap = plain === 1 || plain === 3 ? stored : stored.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, true);
    try {
      for (const place of places) fill(pixmap, place);
      if (kind === 'jpeg' || kind === 'png') return dressAs((kind === 'jpeg' ? pixmap.asJPEG(quality, false) : pixmap.asPNG()).slice(), bytes);
      const flat = flatOf(pixmap), written = kind === 'bmp' ? encodeBmp(flat) : kind === 'gif' ? encodeGif(flat) : encodeTiff(flat, orientationOf(bytes));
      if (!written) throw new CannotDo('unsupported', 'The picture has more colours than its kind can hold.', 'Save it as PNG and bring it again.', name);
      return written;
    } finally { if (pixmap !== stored) pixmap.destroy(); stored.destroy(); }
  } finally { image.destroy(); }
}

/** The engine keeps colours multiplied by how opaque they are. */
function flatOf(pixmap: Pixels & { getNumberOfComponents(): number; getAlpha(): number }): Flat {
  const width = pixmap.getWidth(), height = pixmap.getHeight(), step = pixmap.getNumberOfComponents(), clear = pixmap.getAlpha() > 0, channels = (step - (clear ? 1 : 0)) as 1 | 3, stride = pixmap.getStride(), pixels = pixmap.getPixels();
  const data = new Uint8Array(width * height * channels), alpha = clear ? new Uint8Array(width * height) : null;
  for (let y = 0, i = 0; y < height; y++) for (let x = 0; x < width; x++, i++) {
    const at = y * stride + x * step, a = clear ? pixels[at + channels]! : 255;
    if (alpha) alpha[i] = a;
    for (let k = 0; k < channels; k++) data[i * channels + k] = a === 0 ? 0 : a === 255 ? pixels[at + k]! : (pixels[at + k]! * 255) / a;
  }
  return { width, height, channels, data, alpha };
}

interface Pixels { getWidth(): number; getHeight(): number; getStride(): number; getPixels(): Uint8ClampedArray }
/** Fills the upright box around a place with the median of the pixels along its rim: the ground, not the letters that touch it. */
function fill(pixmap: Pixels, place: Quad): void {
  const width = pixmap.getWidth(), height = pixmap.getHeight(), stride = pixmap.getStride(), step = stride / width, pixels = pixmap.getPixels(), xs = place.map((p) => p[0]), ys = place.map((p) => p[1]);
  const x0 = Math.max(0, Math.floor(Math.min(...xs))), x1 = Math.min(width, Math.ceil(Math.max(...xs))), y0 = Math.max(0, Math.floor(Math.min(...ys))), y1 = Math.min(height, Math.ceil(Math.max(...ys)));
  if (x1 <= x0 || y1 <= y0) return;
  const rim: number[] = [];
  for (let x = x0; x < x1; x++) rim.push(y0 * stride + x * step, (y1 - 1) * stride + x * step);
  for (let y = y0; y < y1; y++) rim.push(y * stride + x0 * step, y * stride + (x1 - 1) * step);
  const ground = Array.from({ length: step }, (_, k) => rim.map((at) => pixels[at + k]!).sort((a, b) => a - b)[rim.length >> 1]!);
  for (let y = y0; y < y1; y++) for (let x = x0; x < x1; x++) for (let k = 0; k < step; k++) pixels[y * stride + x * step + k] = ground[k]!;
}
