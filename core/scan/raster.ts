import { loadMupdf, reason } from '../engines/pdf.ts';
import { CannotDo } from '../model/outcome.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** Pixels in rows from the top; three channels (RGB) or one (grey), eight bits each. */
export interface Raster { width: number; height: number; channels: 1 | 3; data: Uint8Array }
/** [x, y] in pixels; whole numbers lie between pixels, so that a photo's bottom right corner is [width, height]. */
export type Point = [number, number];
/** Corners in order around the sheet, clockwise, starting at the top left of what is looked at. */
export type Quad = [Point, Point, Point, Point];

/** Photos beyond this are not decoded: they would take a gigabyte. */
const mostPixels = 120e6;

/** @throws {CannotDo} `unreadable` for a picture that cannot be decoded, `tooLarge` beyond 120 megapixels */
export async function decodePhoto(bytes: Uint8Array, name: string): Promise<Raster> {
  const mupdf = await loadMupdf();
  let image: InstanceType<typeof mupdf.Image>;
  try { image = new mupdf.Image(bytes); } catch (error) { throw new CannotDo('unreadable', `The photo cannot be opened (${reason(error)}).`, 'Save it as JPEG or PNG and bring that.', name); }
  try {
    if (image.getWidth() * image.getHeight() > mostPixels) throw new CannotDo('tooLarge', 'The photo has more than 120 megapixels.', 'Bring it at half the size: a page needs 5 megapixels.', name);
    const stored = image.toPixmap();
    try {
      const rgb = stored.getNumberOfComponents() === 3 && !stored.getAlpha() ? stored : stored.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, true);
      try { return rasterOf(rgb); } finally { if (rgb !== stored) rgb.destroy(); }
    } finally { stored.destroy(); }
  } catch (error) {
    if (error instanceof CannotDo) throw error;
    throw new CannotDo('unreadable', `The photo is damaged (${reason(error)}).`, 'Take it again, or copy it from the camera again.', name);
  } finally { image.destroy(); }
}

interface PixmapLike { getWidth(): number; getHeight(): number; getStride(): number; getNumberOfComponents(): number; getAlpha(): number; getPixels(): Uint8ClampedArray }
function rasterOf(pixmap: PixmapLike): Raster {
  const width = pixmap.getWidth(), height = pixmap.getHeight(), stride = pixmap.getStride(), source = pixmap.getPixels(), step = stride / width, alpha = pixmap.getAlpha() ? step - 1 : -1;
  // Nearly every photo: as it is.
  if (alpha < 0 && step === 3) return { width, height, channels: 3, data: new Uint8Array(source) };
  const data = new Uint8Array(width * height * 3);
  for (let y = 0, o = 0; y < height; y++) for (let x = 0, i = y * stride; x < width; x++, i += step, o += 3) {
    // Clear ground counts as white, the colour of a sheet.
    const ground = alpha < 0 ? 0 : 255 - source[i + alpha]!;
    data[o] = source[i]! + ground; data[o + 1] = source[i + 1]! + ground; data[o + 2] = source[i + 2]! + ground;
  }
  return { width, height, channels: 3, data };
}

/** Smaller by averaging whole areas, so that fine detail turns into its mean and never into patterns. Never larger. */
export function shrinkTo(raster: Raster, longest: number): Raster {
  const scale = math.min(1, longest / math.max(raster.width, raster.height));
  if (scale === 1) return raster;
  const width = math.max(1, math.round(raster.width * scale)), height = math.max(1, math.round(raster.height * scale)), c = raster.channels;
  const { data: source } = raster, sums = new Uint32Array(width * c), data = new Uint8Array(width * height * c), /** where the columns that make one begin */ begins = Uint32Array.from({ length: width + 1 }, (_, x) => math.ceil((x * raster.width) / width));
  for (let y = 0, from = 0; y < height; y++) {
    const to = math.max(from + 1, math.floor(((y + 1) * raster.height) / height));
    sums.fill(0);
    for (let sy = from, i = from * raster.width * c; sy < to; sy++) for (let x = 0, o = 0; x < width; x++, o += c) {
      let r = 0, g = 0, b = 0;
      const end = i + (begins[x + 1]! - begins[x]!) * c;
      if (c === 3) for (; i < end; i += 3) { r += source[i]!; g += source[i + 1]!; b += source[i + 2]!; } else for (; i < end; i++) r += source[i]!;
      sums[o]! += r;
      if (c === 3) { sums[o + 1]! += g; sums[o + 2]! += b; }
    }
    for (let x = 0; x < width; x++) for (let k = 0, n = (begins[x + 1]! - begins[x]!) * (to - from); k < c; k++) data[(y * width + x) * c + k] = math.round(sums[x * c + k]! / n);
    from = to;
  }
  return { width, height, channels: c, data };
}

/** Luma by the weights of ITU-R BT.601. */
export function greyOf(raster: Raster): Raster {
  if (raster.channels === 1) return raster;
  const data = new Uint8Array(raster.width * raster.height);
  for (let i = 0, o = 0; o < data.length; i += 3, o++) data[o] = (raster.data[i]! * 77 + raster.data[i + 1]! * 150 + raster.data[i + 2]! * 29) >> 8;
  return { width: raster.width, height: raster.height, channels: 1, data };
}

/** Turned clockwise by quarter turns; `mirrored` flips left and right first. */
export function turn(raster: Raster, degrees: number, mirrored = false): Raster {
  const quarter = (((degrees / 90) % 4) + 4) % 4, { width: w, height: h, channels: c } = raster;
  if (quarter === 0 && !mirrored) return raster;
  const width = quarter % 2 ? h : w, height = quarter % 2 ? w : h, data = new Uint8Array(raster.data.length);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) {
    let sx = quarter === 0 ? x : quarter === 1 ? y : quarter === 2 ? w - 1 - x : w - 1 - y;
    const sy = quarter === 0 ? y : quarter === 1 ? h - 1 - x : quarter === 2 ? h - 1 - y : x;
    if (mirrored) sx = w - 1 - sx;
    if (c === 1) { data[y * width + x] = raster.data[sy * w + sx]!; continue; }
    for (let k = 0; k < c; k++) data[(y * width + x) * c + k] = raster.data[(sy * w + sx) * c + k]!;
  }
  return { width, height, channels: c, data };
}

/** Mean over a square of `radius` pixels to each side, by running sums: the time does not depend on the radius. */
export function blurBox(grey: Raster, radius: number): Raster {
  const { width: w, height: h } = grey, across = new Float32Array(w * h), data = new Uint8Array(w * h);
  for (let y = 0; y < h; y++) {
    let sum = 0, n = 0;
    for (let x = -radius; x < w; x++) {
      if (x + radius < w) { sum += grey.data[y * w + x + radius]!; n++; }
      if (x - radius - 1 >= 0) { sum -= grey.data[y * w + x - radius - 1]!; n--; }
      if (x >= 0) across[y * w + x] = sum / n;
    }
  }
  for (let x = 0; x < w; x++) {
    let sum = 0, n = 0;
    for (let y = -radius; y < h; y++) {
      if (y + radius < h) { sum += across[(y + radius) * w + x]!; n++; }
      if (y - radius - 1 >= 0) { sum -= across[(y - radius - 1) * w + x]!; n--; }
      if (y >= 0) data[y * w + x] = math.round(sum / n);
    }
  }
  return { ...grey, data };
}

/** Greatest (or least) value within a square: a closing of both wipes writing off a sheet. Van Herk's running maximum, in two passes. */
export function spread(grey: Raster, radius: number, most: boolean): Raster {
  const { width: w, height: h } = grey, size = 2 * radius + 1, pick = most ? math.max : math.min, edge = most ? 0 : 255;
  const line = (length: number, get: (i: number) => number, put: (i: number, v: number) => void): void => {
    const padded = length + 2 * radius, rounded = math.ceil(padded / size) * size, forward = new Uint8Array(rounded), backward = new Uint8Array(rounded);
    const at = (i: number): number => (i < radius || i >= radius + length ? edge : get(i - radius));
    for (let i = 0; i < rounded; i++) forward[i] = i % size === 0 ? at(i) : pick(forward[i - 1]!, at(i));
    for (let i = rounded - 1; i >= 0; i--) backward[i] = i % size === size - 1 || i === rounded - 1 ? at(i) : pick(backward[i + 1]!, at(i));
    for (let i = 0; i < length; i++) put(i, pick(backward[i]!, forward[i + size - 1]!));
  };
  const rows = new Uint8Array(w * h), data = new Uint8Array(w * h);
  for (let y = 0; y < h; y++) line(w, (x) => grey.data[y * w + x]!, (x, v) => { rows[y * w + x] = v; });
  for (let x = 0; x < w; x++) line(h, (y) => rows[y * w + x]!, (y, v) => { data[y * w + x] = v; });
  return { ...grey, data };
}
export const closing = (grey: Raster, radius: number): Raster => spread(spread(grey, radius, true), radius, false);

/** The value below which `share` of all pixels lie. */
export function quantile(grey: Raster, share: number): number {
  const histogram = new Uint32Array(256);
  for (const v of grey.data) histogram[v]!++;
  let left = share * grey.data.length;
  for (let v = 0; v < 256; v++) if ((left -= histogram[v]!) <= 0) return v;
  return 255;
}
