import type { Point, Quad } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A sheet smaller than this share of the photo is not a page that someone meant to photograph. */
export const leastShare = 0.1;

/** Convex hull, clockwise on a screen. Source: A. M. Andrew, Another efficient algorithm for convex hulls (1979). */
export function hullOf(points: Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: Point[]): Point[] => {
    const out: Point[] = [];
    for (const p of list) { while (out.length > 1 && turnOf(out[out.length - 2]!, out[out.length - 1]!, p) <= 0) out.pop(); out.push(p); }
    return out.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}
const turnOf = (a: Point, b: Point, c: Point): number => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** The hull with all but four sides taken away, each time the one whose loss adds least area. Null when the hull has no four sides. */
export function quadAround(hull: Point[]): Quad | null {
  const list = [...hull];
  while (list.length > 4) {
    let least = Infinity, at = -1, corner: Point = [0, 0];
    for (let i = 0; i < list.length; i++) {
      const a = list[(i + list.length - 1) % list.length]!, b = list[i]!, c = list[(i + 1) % list.length]!, d = list[(i + 2) % list.length]!, met = meet(a, b, d, c);
      if (!met || turnOf(b, met, c) < 0) continue;
      const added = math.abs(turnOf(b, met, c)) / 2;
      if (added < least) { least = added; at = i; corner = met; }
    }
    if (at < 0) return null;
    list[at] = corner;
    list.splice((at + 1) % list.length, 1);
  }
  return list.length === 4 ? fromTopLeft(list as Quad) : null;
}
/** Where the lines a→b and c→d meet. */
export function meet(a: Point, b: Point, c: Point, d: Point): Point | null {
  const det = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
  if (math.abs(det) < 1e-6) return null;
  const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / det;
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
}
export const areaOf = (quad: Quad): number => math.abs(quad.reduce((sum, p, i) => sum + p[0] * quad[(i + 1) % 4]![1] - quad[(i + 1) % 4]![0] * p[1], 0)) / 2;
/** Clockwise, from the corner nearest to the photo's top left. */
export function fromTopLeft(quad: Quad): Quad {
  const cx = quad.reduce((s, p) => s + p[0], 0) / 4, cy = quad.reduce((s, p) => s + p[1], 0) / 4;
  const round = [...quad].sort((a, b) => math.atan2(a[1] - cy, a[0] - cx) - math.atan2(b[1] - cy, b[0] - cx));
  const first = round.reduce((best, p, i) => (p[0] + p[1] < round[best]![0] + round[best]![1] ? i : best), 0);
  return [0, 1, 2, 3].map((k) => round[(first + k) % 4]!) as Quad;
}


/** Whether a sheet of paper can look like this in a photo of that size. */
export function plausible(quad: Quad, small: { width: number; height: number }): boolean {
  const area = areaOf(quad), slack = 0.06 * math.max(small.width, small.height);
  if (area < leastShare * small.width * small.height) return false;
  for (let k = 0; k < 4; k++) {
    const a = quad[(k + 3) % 4]!, b = quad[k]!, c = quad[(k + 1) % 4]!, u = [a[0] - b[0], a[1] - b[1]], v = [c[0] - b[0], c[1] - b[1]];
    const angle = (math.acos((u[0]! * v[0]! + u[1]! * v[1]!) / (math.hypot(u[0]!, u[1]!) * math.hypot(v[0]!, v[1]!))) * 180) / math.PI;
    if (!(angle > 50 && angle < 130)) return false;
    if (b[0] < -slack || b[1] < -slack || b[0] > small.width + slack || b[1] > small.height + slack) return false;
  }
  return true;
}

/** Whether a side lies along the photo's own rim. @param share - how near, of the longer side */
export function onRim(a: Point, b: Point, raster: { width: number; height: number }, share: number): boolean {
  const d = share * math.max(raster.width, raster.height);
  return [[a[0], b[0], 0], [a[0], b[0], raster.width], [a[1], b[1], 0], [a[1], b[1], raster.height]].some(([p, q, rim]) => math.abs(p! - rim!) <= d && math.abs(q! - rim!) <= d);
}
