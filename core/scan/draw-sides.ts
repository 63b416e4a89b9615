import { meet, onRim } from './quads.ts';
import type { Point, Quad, Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** Draws each side anew through the steepest points near it: many points, a line through most of them, outliers left out. */
export function drawSides(raster: Raster, quad: Quad, reach: number): { quad: Quad; sides: [number, number, number, number] } | null {
  const { width: w, height: h, channels: c, data } = raster, lines: [Point, Point][] = [], sides: number[] = [];
  const shade = (x: number, y: number, k: number): number => {
    const px = math.min(math.max(x - 0.5, 0), w - 1.001), py = math.min(math.max(y - 0.5, 0), h - 1.001), ix = px | 0, iy = py | 0, fx = px - ix, fy = py - iy, i = (iy * w + ix) * c + k;
    return (data[i]! * (1 - fx) + data[i + c]! * fx) * (1 - fy) + (data[i + w * c]! * (1 - fx) + data[i + w * c + c]! * fx) * fy;
  };
  for (let k = 0; k < 4; k++) {
    const a = quad[k]!, b = quad[(k + 1) % 4]!, length = math.hypot(b[0] - a[0], b[1] - a[1]);
    if (length < 8) return null;
    if (onRim(a, b, raster, 0.004)) { lines.push([a, b]); sides.push(1); continue; }
    const nx = -(b[1] - a[1]) / length, ny = (b[0] - a[0]) / length, points: [number, number][] = [], samples = 90;
    for (let i = 0; i < samples; i++) {
      const t = 0.03 + (0.94 * i) / (samples - 1), x = a[0] + t * (b[0] - a[0]), y = a[1] + t * (b[1] - a[1]), steps = math.ceil(reach * 2), profile: number[] = [];
      for (let s = -steps; s <= steps; s++) {
        const d = s / 2;
        let change = 0;
        // A step's two sides, each averaged over three pixels along the edge, so that grain does not count as an edge.
        for (let ch = 0; ch < c; ch++) {
          let inner = 0, outer = 0;
          for (const along of [-1.5, 0, 1.5]) for (const off of [1, 2]) { inner += shade(x + nx * (d + off) - ny * along, y + ny * (d + off) + nx * along, ch); outer += shade(x + nx * (d - off) - ny * along, y + ny * (d - off) + nx * along, ch); }
          change = math.max(change, math.abs(inner - outer) / 6);
        }
        profile.push(change);
      }
      let best = 0;
      for (let s = 1; s < profile.length; s++) if (profile[s]! > profile[best]!) best = s;
      if (profile[best]! < 8) continue;
      const l = profile[best - 1] ?? profile[best]!, r = profile[best + 1] ?? profile[best]!, bend = l - 2 * profile[best]! + r;
      points.push([t * length, (best - steps + (bend < 0 ? (0.5 * (l - r)) / bend : 0)) / 2]);
    }
    const line = points.length >= samples * 0.25 ? robustLine(points, math.max(0.8, reach * 0.12)) : null;
    if (!line) { lines.push([a, b]); sides.push(points.length / samples); continue; }
    const put = (s: number): Point => { const d = line.offset + line.slope * s, t = s / length; return [a[0] + t * (b[0] - a[0]) + nx * d, a[1] + t * (b[1] - a[1]) + ny * d]; };
    lines.push([put(0), put(length)]);
    sides.push(line.inliers / samples);
  }
  const corners = [0, 1, 2, 3].map((k) => meet(...lines[(k + 3) % 4]!, ...lines[k]!));
  if (corners.some((p) => !p)) return null;
  // A corner that jumps was drawn through something else than the sheet's side.
  if (corners.some((p, k) => math.hypot(p![0] - quad[k]![0], p![1] - quad[k]![1]) > reach * 3 + 2)) return null;
  return { quad: corners as Quad, sides: sides as [number, number, number, number] };
}
/** d = offset + slope · s through most of the points: every pair of a fixed choice is tried, then the best is fitted by least squares. */
function robustLine(points: [number, number][], tolerance: number): { offset: number; slope: number; inliers: number } | null {
  let best: { offset: number; slope: number; inliers: number } | null = null;
  for (let i = 0; i < points.length; i += 2) for (let j = i + (points.length >> 2); j < points.length; j += 3) {
    const [s0, d0] = points[i]!, [s1, d1] = points[j]!, slope = (d1 - d0) / (s1 - s0), offset = d0 - slope * s0;
    const inliers = points.reduce((n, [s, d]) => n + (math.abs(offset + slope * s - d) <= tolerance ? 1 : 0), 0);
    if (!best || inliers > best.inliers) best = { offset, slope, inliers };
  }
  if (!best || best.inliers < points.length * 0.35) return null;
  const near = points.filter(([s, d]) => math.abs(best.offset + best.slope * s - d) <= tolerance), n = near.length;
  const ms = near.reduce((t, p) => t + p[0], 0) / n, md = near.reduce((t, p) => t + p[1], 0) / n, ss = near.reduce((t, p) => t + (p[0] - ms) ** 2, 0), sd = near.reduce((t, p) => t + (p[0] - ms) * (p[1] - md), 0);
  const slope = ss > 0 ? sd / ss : 0;
  return { slope, offset: md - slope * ms, inliers: n };
}
