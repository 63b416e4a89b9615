import type * as Mupdf from 'mupdf';

/** Colours in which a picture is drawn anew (ISO 32000-1, 8.6.4). */
export type Inks = 'DeviceGray' | 'DeviceRGB' | 'DeviceCMYK';
export function inksOf(image: Mupdf.Image): Inks { const space = image.getColorSpace(); return space?.isGray() ? 'DeviceGray' : space?.isCMYK() ? 'DeviceCMYK' : 'DeviceRGB'; }
/** Picture files of four inks are shown in light everywhere but in print. */
export const lightOf = (image: Mupdf.Image): Inks => (inksOf(image) === 'DeviceGray' ? 'DeviceGray' : 'DeviceRGB');

/** A picture drawn at most `width` × `height` pixels large; the engine's own scaler averages. */
export function scaledPixmap(mupdf: typeof Mupdf, image: Mupdf.Image, width: number, height: number, inks: Inks): Mupdf.Pixmap {
  const pixmap = new mupdf.Pixmap(mupdf.ColorSpace[inks], [0, 0, width, height], false);
  // White: all light, or no ink.
  pixmap.clear(inks === 'DeviceCMYK' ? 0 : 255);
  const device = new mupdf.DrawDevice(mupdf.Matrix.identity, pixmap);
  try { device.fillImage(image, mupdf.Matrix.scale(width, height), 1); device.close(); } finally { device.destroy(); }
  return pixmap;
}
/** How many pixels a picture of a size in inches needs at a resolution; never more than it has. */
export const pixelsFor = (has: number, inches: number, dpi: number): number => Math.max(1, Math.min(has, Math.ceil(inches * dpi)));
