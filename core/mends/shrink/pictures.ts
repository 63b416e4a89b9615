import type * as Mupdf from 'mupdf';

/** A picture drawn at most `width` × `height` pixels large; the engine's own scaler averages. */
export function scaledPixmap(mupdf: typeof Mupdf, image: Mupdf.Image, width: number, height: number, grey: boolean): Mupdf.Pixmap {
  const space = grey ? mupdf.ColorSpace.DeviceGray : mupdf.ColorSpace.DeviceRGB, pixmap = new mupdf.Pixmap(space, [0, 0, width, height], false);
  pixmap.clear(255);
  const device = new mupdf.DrawDevice(mupdf.Matrix.identity, pixmap);
  try { device.fillImage(image, mupdf.Matrix.scale(width, height), 1); device.close(); } finally { device.destroy(); }
  return pixmap;
}
/** How many pixels a picture of a size in inches needs at a resolution; never more than it has. */
export const pixelsFor = (has: number, inches: number, dpi: number): number => Math.max(1, Math.min(has, Math.ceil(inches * dpi)));

export function isGrey(image: Mupdf.Image): boolean { const space = image.getColorSpace(); return space !== null && space.isGray(); }
