import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../../engines/pdf.ts';
import type { Box } from '../../model/facts.ts';

/** Pixels to a point: strokes of letters of eight points are wider than one pixel. */
const scale = 2;
/** Of 255. Paper, ink and noise of a photograph that are closer than this are one colour to the eye; as in `lookAlike`. */
const closest = 20;
/** Letters reach so much of their size above the line they stand on; what is higher may belong to the line above. */
const capHeight = 0.72;
/** A poster is not drawn for a few words. */
const mostPixels = 40_000_000;

/** Whether nothing stands out within each box of the page as it is shown: for text over pictures and shadings, whose colour nothing but drawing them tells.
 * @param boxes - in the page's own points, the letters' line at the bottom */
export function findFlat(mupdf: MupdfModule, page: Mupdf.PDFPage, boxes: readonly Box[]): boolean[] {
  const pixels = boxes.map(([left, top, right, bottom]): Box => [Math.floor(left * scale), Math.floor((bottom - (bottom - top) * capHeight) * scale), Math.ceil(right * scale), Math.ceil(bottom * scale)]);
  const [x0, y0, x1, y1] = page.getBounds().map((n) => n * scale) as Box;
  const room: Box = [Math.max(Math.floor(x0), Math.min(...pixels.map((b) => b[0]))), Math.max(Math.floor(y0), Math.min(...pixels.map((b) => b[1]))), Math.min(Math.ceil(x1), Math.max(...pixels.map((b) => b[2]))), Math.min(Math.ceil(y1), Math.max(...pixels.map((b) => b[3])))];
  const [wide, high] = [room[2] - room[0], room[3] - room[1]];
  if (!(wide > 0 && high > 0 && wide * high <= mostPixels)) return boxes.map(() => false);
  const pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, room, false);
  try {
    pixmap.clear(255);
    const device = new mupdf.DrawDevice(mupdf.Matrix.identity, pixmap);
    try { page.run(device, mupdf.Matrix.scale(scale, scale)); device.close(); } finally { device.destroy(); }
    const drawn = pixmap.getPixels(), stride = pixmap.getStride();
    return pixels.map((box) => isFlat(drawn, stride, room, box));
  } catch {
    // A page that cannot be drawn has been read all the same.
    return boxes.map(() => false);
  } finally { pixmap.destroy(); }
}

function isFlat(drawn: Uint8ClampedArray, stride: number, room: Box, [left, top, right, bottom]: Box): boolean {
  const least = [255, 255, 255], most = [0, 0, 0];
  for (let y = Math.max(top, room[1]); y < Math.min(bottom, room[3]); y++) for (let x = Math.max(left, room[0]); x < Math.min(right, room[2]); x++) for (let c = 0; c < 3; c++) {
    const v = drawn[(y - room[1]) * stride + (x - room[0]) * 3 + c]!;
    if (v < least[c]!) least[c] = v;
    if (v > most[c]!) most[c] = v;
  }
  return most.every((v, c) => v >= least[c]! && v - least[c]! < closest);
}
