import type { Point, Quad, Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** The projective map (a u + b v + c, d u + e v + f) / (g u + h v + 1) that takes the unit square's corners to `quad`.
 * Source: P. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), 2.2.3 (from memory, checked by its corners in the tests). */
export function mapOfUnitSquare([p0, p1, p2, p3]: Quad): { a: number; b: number; c: number; d: number; e: number; f: number; g: number; h: number } {
  const dx1 = p1[0] - p2[0], dx2 = p3[0] - p2[0], dx3 = p0[0] - p1[0] + p2[0] - p3[0], dy1 = p1[1] - p2[1], dy2 = p3[1] - p2[1], dy3 = p0[1] - p1[1] + p2[1] - p3[1];
  const det = dx1 * dy2 - dx2 * dy1, g = (dx3 * dy2 - dx2 * dy3) / det, h = (dx1 * dy3 - dx3 * dy1) / det;
  const a = p1[0] - p0[0] + g * p1[0], b = p3[0] - p0[0] + h * p3[0], d = p1[1] - p0[1] + g * p1[1], e = p3[1] - p0[1] + h * p3[1];
  return { a, b, c: p0[0], d, e, f: p0[1], g, h };
}

/** The quad that is the whole picture. */
export const wholeOf = ({ width: w, height: h }: { width: number; height: number }): Quad => [[0, 0], [w, 0], [w, h], [0, h]];

const distance = (a: Point, b: Point): number => math.hypot(a[0] - b[0], a[1] - b[1]);

/** Width over height of the sheet that was photographed as `quad`: from the vanishing points of its sides, with the lens's axis in the middle of
 * the photo; where the sides are parallel, from their lengths. Source: Z. Zhang, L. He, Whiteboard scanning and image enhancement (2007), 3.2 (from memory; tested on projected sheets of known shape). */
export function shapeOf(quad: Quad, width: number, height: number): number {
  const [m1, m2, m4, m3] = quad.map(([x, y]) => [x - width / 2, y - height / 2, 1]) as [number[], number[], number[], number[]];
  const cross = (a: number[], b: number[]): number[] => [a[1]! * b[2]! - a[2]! * b[1]!, a[2]! * b[0]! - a[0]! * b[2]!, a[0]! * b[1]! - a[1]! * b[0]!], dot = (a: number[], b: number[]): number => a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
  const k2 = dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3), k3 = dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2);
  const n2 = m2.map((v, i) => k2 * v - m1[i]!), n3 = m3.map((v, i) => k3 * v - m1[i]!);
  const plain = (distance(quad[0], quad[1]) + distance(quad[3], quad[2])) / (distance(quad[1], quad[2]) + distance(quad[0], quad[3]));
  if (math.abs(k2 - 1) < 0.03 || math.abs(k3 - 1) < 0.03) return plain;
  const f2 = -(n2[0]! * n3[0]! + n2[1]! * n3[1]!) / (n2[2]! * n3[2]!), longest = math.max(width, height);
  // A lens as short or long as this is no camera's: the corners are too uncertain for it.
  if (!(f2 > (0.4 * longest) ** 2 && f2 < (4 * longest) ** 2)) return plain;
  const ratio = math.sqrt(((n2[0]! ** 2 + n2[1]! ** 2) / f2 + n2[2]! ** 2) / ((n3[0]! ** 2 + n3[1]! ** 2) / f2 + n3[2]! ** 2));
  return ratio > plain / 1.6 && ratio < plain * 1.6 ? ratio : plain;
}

/** Long side over short side of sheets people write on: ISO 216 (√2) and ANSI letter. Another shape stays as it is. */
const knownShapes = [math.SQRT2, 11 / 8.5];
export function settleShape(ratio: number): number {
  const long = math.max(ratio, 1 / ratio), near = knownShapes.map((s) => [math.abs(s / long - 1), s] as const).sort((a, b) => a[0] - b[0])[0]!;
  return near[0] > 0.06 ? ratio : ratio > 1 ? near[1] : 1 / near[1];
}

/** The sheet inside `quad`, seen from straight above. Each pixel is the mean of as many samples as it covers in the photo. */
export function flatten(photo: Raster, quad: Quad, width: number, height: number): Raster {
  const { channels: c, width: w, height: h, data: source } = photo, data = new Uint8Array(width * height * c), m = mapOfUnitSquare(quad);
  const dense = math.max(distance(quad[0], quad[1]) / width, distance(quad[1], quad[2]) / height, distance(quad[2], quad[3]) / width, distance(quad[3], quad[0]) / height), n = dense > 2.6 ? 3 : dense > 1.3 ? 2 : 1;
  // Millions of samples: what is the same for a row or a column is reckoned once.
  const { a, b: bx, c: cx, d, e, f, g: gz, h: hz } = m, us = Float64Array.from({ length: width * n }, (_, k) => (math.floor(k / n) + ((k % n) + 0.5) / n) / width), xs = new Float64Array(n), ys = new Float64Array(n), zs = new Float64Array(n);
  const right = w - 1.001, bottom = h - 1.001, below = h > 1 ? w * c : 0, all = n * n;
  for (let y = 0, o = 0; y < height; y++) {
    for (let sy = 0; sy < n; sy++) { const v = (y + (sy + 0.5) / n) / height; xs[sy] = bx * v; ys[sy] = e * v; zs[sy] = hz * v; }
    for (let x = 0; x < width; x++, o += c) {
      let red = 0, green = 0, blue = 0;
      for (let sy = 0; sy < n; sy++) for (let k = x * n, end = k + n; k < end; k++) {
        const u = us[k]!, z = gz * u + zs[sy]! + 1, atX = (a * u + xs[sy]! + cx) / z - 0.5, atY = (d * u + ys[sy]! + f) / z - 0.5;
        const px = atX < 0 ? 0 : atX > right ? right : atX, py = atY < 0 ? 0 : atY > bottom ? bottom : atY, ix = px | 0, iy = py | 0, fx = px - ix, fy = py - iy;
        const i = (iy * w + ix) * c, j = i + below, q0 = (1 - fx) * (1 - fy), q1 = fx * (1 - fy), q2 = (1 - fx) * fy, q3 = fx * fy;
        red += source[i]! * q0 + source[i + c]! * q1 + source[j]! * q2 + source[j + c]! * q3;
        if (c === 3) {
          green += source[i + 1]! * q0 + source[i + 4]! * q1 + source[j + 1]! * q2 + source[j + 4]! * q3;
          blue += source[i + 2]! * q0 + source[i + 5]! * q1 + source[j + 2]! * q2 + source[j + 5]! * q3;
        }
      }
      data[o] = red / all + 0.5;
      if (c === 3) { data[o + 1] = green / all + 0.5; data[o + 2] = blue / all + 0.5; }
    }
  }
  return { width, height, channels: c, data };
}
