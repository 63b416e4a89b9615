import { loadMupdf, reason } from '../../engines/pdf.ts';
import { CannotDo } from '../../model/outcome.ts';
import type { Quad } from '../../scan/raster.ts';
import { startsWith } from '../../text/bytes.ts';
import { dressAs } from '../clean/picture.ts';

/** Of JPEG, 1 to 100: a picture that is written a second time is not to show it. */
const quality = 95;

export const canBlot = (bytes: Uint8Array): boolean => startsWith(bytes, [0xff, 0xd8]) || startsWith(bytes, [0x89, 0x50, 0x4e, 0x47]);

/** A JPEG or PNG with places filled by the ground around them, so that nothing of what stood there is left in any pixel. Turn, colour profile and transparency stay.
 * @param places - in stored pixels
 * @throws {CannotDo} `unsupported` for other kinds, `unreadable` */
export async function blotPicture(bytes: Uint8Array, name: string, places: Quad[]): Promise<Uint8Array> {
  if (!canBlot(bytes)) throw new CannotDo('unsupported', 'Pixels can be taken out of JPEG and PNG pictures.', 'Convert the paper to PDF first, or cover the place in a picture program and bring it again.', name);
  const mupdf = await loadMupdf(), isJpeg = bytes[0] === 0xff;
  let image;
  try { image = new mupdf.Image(bytes); } catch (error) { throw new CannotDo('unreadable', `The picture cannot be opened (${reason(error)}).`, 'Save it again as JPEG or PNG.', name); }
  try {
    const stored = image.toPixmap(), plain = stored.getNumberOfComponents() - (stored.getAlpha() ? 1 : 0);
    // Four inks have no place in a PNG, and a JPEG of them is read differently by every program.
    const pixmap = plain === 1 || plain === 3 ? stored : stored.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, true);
    try {
      for (const place of places) fill(pixmap, place);
      return dressAs((isJpeg ? pixmap.asJPEG(quality, false) : pixmap.asPNG()).slice(), bytes);
    } finally { if (pixmap !== stored) pixmap.destroy(); stored.destroy(); }
  } finally { image.destroy(); }
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
