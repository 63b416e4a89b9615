import { loadMupdf } from '../engines/pdf.ts';
import type { Quad, Raster } from '../scan/raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A drawn page: typed paragraphs as people write them, A4 at 200 dots per inch. `size` is the type's in points. */
export async function drawnPage(text: string, options: { size?: number; dpi?: number; title?: string } = {}): Promise<Raster> {
  const mupdf = await loadMupdf(), dpi = options.dpi ?? 200;
  const html = `<html><head><style>@page{margin:72pt}body{font-family:serif;font-size:${options.size ?? 12}pt;line-height:1.5}</style></head><body><h2>${options.title ?? ''}</h2>${text.split('\n').map((p) => `<p>${p}</p>`).join('')}</body></html>`;
  const doc = mupdf.Document.openDocument(new TextEncoder().encode(html), 'text/html');
  doc.layout(595, 842, 12);
  const page = doc.loadPage(0), pixmap = page.toPixmap(mupdf.Matrix.scale(dpi / 72, dpi / 72), mupdf.ColorSpace.DeviceRGB, false, true);
  try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), channels: 3, data: new Uint8Array(pixmap.getPixels()) }; } finally { pixmap.destroy(); page.destroy(); doc.destroy(); }
}

/** How a sheet is photographed. `quad` are the corners of the upright sheet, clockwise from its top left. Blur and grain are in pixels and levels. */
export interface Shot { width: number; height: number; quad: Quad; desk?: [number, number, number]; light?: (x: number, y: number) => number; blur?: number; smear?: number; grain?: number; paper?: [number, number, number]; grainSeed?: number }

/** Photographs a page: projects it onto a desk with grain, uneven light, blur (round, or smeared sideways) and noise. */
export function photograph(page: Raster, shot: Shot): Raster {
  const { width: w, height: h } = shot, desk = shot.desk ?? [92, 70, 52], paper = shot.paper ?? [1, 1, 1], data = new Uint8Array(w * h * 3), back = inverseOf(shot.quad), random = noise(shot.grainSeed ?? 7);
  const dense = 2, samples = dense * dense, [paperR, paperG, paperB] = paper, [deskR, deskG, deskB] = desk, { sin, floor } = math, pixels = page.data, wide = page.width, high = page.height;
  for (let y = 0, o = 0; y < h; y++) for (let x = 0; x < w; x++, o += 3) {
    let r = 0, g = 0, b = 0;
    for (let s = 0; s < samples; s++) {
      const px = x + ((s % dense) + 0.5) / dense, py = y + (floor(s / dense) + 0.5) / dense, depth = back.depth(px, py), u = back.across(px, py) / depth, v = back.down(px, py) / depth;
      if (u >= 0 && v >= 0 && u < 1 && v < 1) { const i = (floor(v * high) * wide + floor(u * wide)) * 3; r += pixels[i]! * paperR; g += pixels[i + 1]! * paperG; b += pixels[i + 2]! * paperB; }
      // The desk's own grain: long streaks, as wood has.
      else { const streak = 10 * sin(py * 0.11 + 3 * sin(px * 0.004)) + 5 * sin(py * 0.37); r += deskR + streak * (deskR / 400); g += deskG + streak * (deskG / 400); b += deskB + streak * (deskB / 400); }
    }
    const light = shot.light?.(x / w, y / h) ?? 0.86;
    data[o] = level((r / samples) * light); data[o + 1] = level((g / samples) * light); data[o + 2] = level((b / samples) * light);
  }
  let out: Raster = { width: w, height: h, channels: 3, data };
  if (shot.blur) out = gauss(gauss(out, shot.blur, true), shot.blur, false);
  if (shot.smear) out = gauss(out, shot.smear, true);
  const grain = shot.grain ?? 3;
  if (grain > 0) for (let i = 0; i < data.length; i++) out.data[i] = level(out.data[i]! + (random() - 0.5) * 2 * grain);
  return out;
}

/** A level of light, as a picture holds it. */
const level = (v: number): number => (v < 0 ? 0 : v > 255 ? 255 : v);

/** The inverse of the map of the unit square: the adjugate of its matrix. */
function inverseOf(quad: Quad): Record<'across' | 'down' | 'depth', (x: number, y: number) => number> {
  const [p0, p1, p2, p3] = quad, dx1 = p1[0] - p2[0], dx2 = p3[0] - p2[0], dx3 = p0[0] - p1[0] + p2[0] - p3[0], dy1 = p1[1] - p2[1], dy2 = p3[1] - p2[1], dy3 = p0[1] - p1[1] + p2[1] - p3[1], det = dx1 * dy2 - dx2 * dy1;
  const g = (dx3 * dy2 - dx2 * dy3) / det, h = (dx1 * dy3 - dx3 * dy1) / det, a = p1[0] - p0[0] + g * p1[0], b = p3[0] - p0[0] + h * p3[0], c = p0[0], d = p1[1] - p0[1] + g * p1[1], e = p3[1] - p0[1] + h * p3[1], f = p0[1];
  const ux = e - f * h, uy = c * h - b, u1 = b * f - c * e, vx = f * g - d, vy = a - c * g, v1 = c * d - a * f, wx = d * h - e * g, wy = b * g - a * h, w1 = a * e - b * d;
  return { across: (x, y) => ux * x + uy * y + u1, down: (x, y) => vx * x + vy * y + v1, depth: (x, y) => wx * x + wy * y + w1 };
}

/** A picture blurred along one axis. */
function gauss(raster: Raster, sigma: number, across: boolean): Raster {
  const r = math.ceil(sigma * 3), kernel = Float64Array.from({ length: 2 * r + 1 }, (_, i) => math.exp(-((i - r) ** 2) / (2 * sigma * sigma))), sum = kernel.reduce((s, v) => s + v), { width: w, height: h, data: from } = raster, data = new Uint8Array(from.length);
  const step = across ? 3 : w * 3, last = across ? w - 1 : h - 1;
  for (let y = 0, o = 0; y < h; y++) for (let x = 0; x < w; x++, o += 3) {
    const place = across ? x : y, start = o - place * step;
    let c0 = 0, c1 = 0, c2 = 0;
    for (let i = 0, n = place - r; i < kernel.length; i++, n++) {
      const at = start + (n < 0 ? 0 : n > last ? last : n) * step, q = kernel[i]!;
      c0 += from[at]! * q; c1 += from[at + 1]! * q; c2 += from[at + 2]! * q;
    }
    data[o] = c0 / sum; data[o + 1] = c1 / sum; data[o + 2] = c2 / sum;
  }
  return { ...raster, data };
}
/** The same noise each time. */
function noise(seed: number): () => number { let s = seed >>> 0; return () => ((s = (math.imul(s, 1664525) + 1013904223) >>> 0) / 4294967296); }

/** A raster as a JPEG or PNG file, with an EXIF orientation flag where one is given (JPEG only). */
export async function photoFile(raster: Raster, kind: 'jpeg' | 'png' = 'jpeg', orientation?: number): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, raster.width, raster.height], false);
  try {
    pixmap.getPixels().set(raster.data);
    const bytes = (kind === 'jpeg' ? pixmap.asJPEG(90, false) : pixmap.asPNG()).slice();
    if (!orientation || kind !== 'jpeg') return bytes;
    const exif = Uint8Array.of(0xff, 0xe1, 0, 34, 0x45, 0x78, 0x69, 0x66, 0, 0, 0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, orientation, 0, 0, 0, 0, 0, 0), out = new Uint8Array(bytes.length + exif.length);
    out.set(bytes.subarray(0, 2)); out.set(exif, 2); out.set(bytes.subarray(2), 2 + exif.length);
    return out;
  } finally { pixmap.destroy(); }
}
