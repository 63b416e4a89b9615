import { closing, greyOf, quantile, shrinkTo, type Point, type Quad, type Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** Where the sheet lies. `sides`: share of each side (top, right, bottom, left of the quad) along which an edge was really seen; 1 for a side that is the photo's own.
 * `whole`: no edge was seen anywhere, so the photo is taken as the sheet. `cut`: sides at which the sheet runs out of the photo. */
export interface FoundSheet { quad: Quad; sides: [number, number, number, number]; whole: boolean; cut: number }

/** A sheet smaller than this share of the photo is not a page that someone meant to photograph. */
const leastShare = 0.1;

/** Finds the sheet of paper in a photo: bright and pale areas at several levels give hulls, hulls give four-sided shapes, and the one whose
 * sides lie best on real edges of the picture is drawn exactly at full resolution. */
export function findSheet(photo: Raster): FoundSheet {
  const middle = shrinkTo(photo, 1400), between = photo.width / middle.width, small = shrinkTo(middle, 340), scale = photo.width / small.width, edges = gradientOf(small), maps = paperMaps(small);
  let best: { quad: Quad; score: number } | null = null;
  for (const map of maps) for (const level of levelsOf(map)) for (const area of areasAbove(map, level)) {
    const quad = quadAround(hullOf(area.border));
    if (!quad || !plausible(quad, small)) continue;
    const fill = area.pixels / math.max(1, areaOf(quad));
    if (fill < 0.72 || fill > 1.25) continue;
    const sides = [0, 1, 2, 3].map((k) => support(edges, small, quad[k]!, quad[(k + 1) % 4]!));
    // Lighter or paler than what lies around it, on every side: a block of writing on a sheet is not.
    const open = [0, 1, 2, 3].map((k) => math.max(...maps.slice(0, 2).map((m) => step(m, quad, k) ?? Infinity))).filter((c) => c < Infinity);
    if ((open.length === 0 || math.min(...open) < 5) && !(areaOf(quad) > 0.3 * small.width * small.height && tinted(small, quad))) continue;
    const score = (math.min(...sides) * 0.5 + sides.reduce((a, b) => a + b) / 4) * math.min(1, fill) * (0.7 + 0.3 * math.min(1, areaOf(quad) / (small.width * small.height * 0.4)));
    if (!best || score > best.score) best = { quad, score };
  }
  const corners: Quad = [[0, 0], [photo.width, 0], [photo.width, photo.height], [0, photo.height]];
  if (!best || best.score < 0.45) return { quad: corners, sides: [1, 1, 1, 1], whole: true, cut: 0 };
  let quad = best.quad.map(([x, y]) => [x * scale, y * scale]) as Quad, sides: FoundSheet['sides'] = [0, 0, 0, 0];
  for (const [raster, factor, reach] of [[middle, between, 0.012], [middle, between, 0.005], [photo, 1, 0.0025]] as const) {
    const drawn = draw(raster, quad.map(([x, y]) => [x / factor, y / factor]) as Quad, math.max(3, reach * math.max(raster.width, raster.height)));
    if (!drawn) break;
    quad = drawn.quad.map(([x, y]) => [math.min(photo.width, math.max(0, x * factor)), math.min(photo.height, math.max(0, y * factor))]) as Quad;
    sides = drawn.sides;
  }
  if (sides.reduce((a, b) => a + b) / 4 < 0.4) return { quad: corners, sides: [1, 1, 1, 1], whole: true, cut: 0 };
  return { quad: fromTopLeft(quad), sides, whole: false, cut: [0, 1, 2, 3].filter((k) => onRim(quad[k]!, quad[(k + 1) % 4]!, photo, 0.004)).length };
}

/** Maps in which paper is light: brightness, brightness less colour, distance from the colour of the photo's rim, and colour (for a tinted sheet on a white desk,
 * where its own shadow is farther from the desk than it is). Writing is wiped out of each. */
function paperMaps(small: Raster): Raster[] {
  const grey = greyOf(small), pale = new Uint8Array(grey.data.length), far = new Uint8Array(grey.data.length), tint = new Uint8Array(grey.data.length), rims = rimColours(small);
  for (let i = 0, p = 0; p < pale.length; i += 3, p++) {
    const r = small.data[i]!, g = small.data[i + 1]!, b = small.data[i + 2]!;
    tint[p] = math.max(r, g, b) - math.min(r, g, b);
    pale[p] = math.max(0, grey.data[p]! - tint[p]!);
    far[p] = math.min(255, 2 * math.min(...rims.map((c) => math.abs(r - c[0]!) + math.abs(g - c[1]!) + math.abs(b - c[2]!))) / 3);
  }
  const radius = math.max(3, math.round(math.max(small.width, small.height) / 70));
  const wiped = [grey, { ...grey, data: pale }, { ...grey, data: far }, { ...grey, data: tint }].map((m) => closing(m, radius)), even = evened(wiped[0]!);
  return even ? [...wiped, even] : wiped;
}

/** Brightness as it would be under even light: where one side of a photo is darker than the other, a white desk there is as light as the paper here. The light is taken
 * for a plane through all of the photo (least squares). Null where it is even. */
function evened(grey: Raster): Raster | null {
  const { width: w, height: h, data } = grey;
  let n = 0, sx = 0, sy = 0, sv = 0, sxx = 0, syy = 0, sxv = 0, syv = 0;
  for (let y = 0; y < h; y += 3) for (let x = 0; x < w; x += 3) { const v = data[y * w + x]!, [a, b] = [x / w - 0.5, y / h - 0.5]; n++; sx += a; sy += b; sv += v; sxx += a * a; syy += b * b; sxv += a * v; syv += b * v; }
  // Across the whole grid the sums of x and y are next to nothing, so each slope stands alone.
  const middle = sv / n, [across, down] = [(sxv - sx * middle) / (sxx - sx * sx / n), (syv - sy * middle) / (syy - sy * sy / n)];
  if (math.abs(across) + math.abs(down) < unevenShare * middle) return null;
  const even = new Uint8Array(data.length);
  for (let y = 0, i = 0; y < h; y++) for (let x = 0; x < w; x++, i++) even[i] = math.min(255, data[i]! * middle / math.max(8, middle + across * (x / w - 0.5) + down * (y / h - 0.5)));
  return { ...grey, data: even };
}
/** Light that falls off by less from one side to the other needs no evening. */
const unevenShare = 0.08;

/** The middle colour of each side's rim, without sides that are as light as the lightest part of the photo (the sheet runs out there). */
function rimColours(small: Raster): number[][] {
  const { width: w, height: h } = small, depth = math.max(2, math.round(math.min(w, h) / 40));
  const strips = [[0, 0, w, depth], [0, h - depth, w, h], [0, 0, depth, h], [w - depth, 0, w, h]];
  const colours = strips.map(([x0, y0, x1, y1]) => {
    const lists: number[][] = [[], [], []];
    for (let y = y0!; y < y1!; y++) for (let x = x0!; x < x1!; x++) for (let k = 0; k < 3; k++) lists[k]!.push(small.data[(y * w + x) * 3 + k]!);
    return lists.map((l) => l.sort((a, b) => a - b)[l.length >> 1]!);
  });
  const light = quantile(greyOf(small), 0.9), dark = colours.filter((c) => (c[0]! * 77 + c[1]! * 150 + c[2]! * 29) >> 8 < light - 20);
  return dark.length > 0 ? dark : colours;
}

/** Otsu's level, and levels spread between the dark and the light end: shadows and light desks need others than the best for the whole photo.
 * Source: N. Otsu, A threshold selection method from gray-level histograms (1979). */
function levelsOf(map: Raster): number[] {
  const histogram = new Float64Array(256);
  for (const v of map.data) histogram[v]!++;
  const total = map.data.length;
  let sum = 0, below = 0, sumBelow = 0, otsu = 128, most = -1;
  for (let v = 0; v < 256; v++) sum += v * histogram[v]!;
  for (let v = 0; v < 256; v++) {
    below += histogram[v]!; sumBelow += v * histogram[v]!;
    if (below === 0 || below === total) continue;
    const between = below * (total - below) * (sumBelow / below - (sum - sumBelow) / (total - below)) ** 2;
    if (between > most) { most = between; otsu = v; }
  }
  const lo = quantile(map, 0.05), hi = quantile(map, 0.95);
  return [...new Set([otsu, ...[0.2, 0.35, 0.5, 0.65, 0.8, 0.9].map((s) => math.round(lo + s * (hi - lo)))])].filter((l) => l > 0 && l < 255);
}

interface Area { pixels: number; border: Point[] }
/** Connected areas above a level that are large enough, with their border pixels and their holes filled. */
function areasAbove(map: Raster, level: number): Area[] {
  const { width: w, height: h, data } = map, label = new Int32Array(w * h), stack = new Int32Array(w * h), areas: Area[] = [];
  let next = 0;
  for (let start = 0; start < data.length; start++) {
    if (label[start] !== 0 || data[start]! <= level) continue;
    label[start] = ++next;
    let depth = 0, pixels = 0;
    const left = new Int32Array(h).fill(w), right = new Int32Array(h).fill(-1);
    stack[depth++] = start;
    while (depth > 0) {
      const at = stack[--depth]!, x = at % w, y = (at / w) | 0;
      pixels++;
      if (x < left[y]!) left[y] = x;
      if (x > right[y]!) right[y] = x;
      if (x > 0 && label[at - 1] === 0 && data[at - 1]! > level) { label[at - 1] = next; stack[depth++] = at - 1; }
      if (x < w - 1 && label[at + 1] === 0 && data[at + 1]! > level) { label[at + 1] = next; stack[depth++] = at + 1; }
      if (y > 0 && label[at - w] === 0 && data[at - w]! > level) { label[at - w] = next; stack[depth++] = at - w; }
      if (y < h - 1 && label[at + w] === 0 && data[at + w]! > level) { label[at + w] = next; stack[depth++] = at + w; }
    }
    if (pixels < leastShare * w * h * 0.7 || pixels > 0.985 * w * h) continue;
    const border: Point[] = [];
    let filled = 0;
    for (let y = 0; y < h; y++) if (right[y]! >= 0) { border.push([left[y]!, y], [right[y]! + 1, y], [left[y]!, y + 1], [right[y]! + 1, y + 1]); filled += right[y]! + 1 - left[y]!; }
    areas.push({ pixels: filled, border });
  }
  return areas;
}

/** Convex hull, clockwise on a screen. Source: A. M. Andrew, Another efficient algorithm for convex hulls (1979). */
function hullOf(points: Point[]): Point[] {
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
function quadAround(hull: Point[]): Quad | null {
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
function meet(a: Point, b: Point, c: Point, d: Point): Point | null {
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

function plausible(quad: Quad, small: Raster): boolean {
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

/** How much each pixel differs from its neighbours, over all channels. */
function gradientOf(raster: Raster): Float32Array {
  const { width: w, height: h, channels: c, data } = raster, out = new Float32Array(w * h);
  for (let y = 1; y < h - 1; y++) for (let x = 1; x < w - 1; x++) {
    let most = 0;
    for (let k = 0; k < c; k++) { const i = (y * w + x) * c + k; most = math.max(most, math.abs(data[i + c]! - data[i - c]!) + math.abs(data[i + w * c]! - data[i - w * c]!)); }
    out[y * w + x] = most;
  }
  return out;
}
/** Share of a side that lies on an edge; a side on the photo's own rim has none to lie on and counts as half seen. */
function support(edges: Float32Array, raster: Raster, a: Point, b: Point): number {
  if (onRim(a, b, raster, 0.012)) return 0.6;
  const n = 48;
  let seen = 0;
  for (let i = 0; i < n; i++) {
    const t = (i + 0.5) / n, x = a[0] + t * (b[0] - a[0]), y = a[1] + t * (b[1] - a[1]);
    let most = 0;
    for (let dy = -2; dy <= 2; dy++) for (let dx = -2; dx <= 2; dx++) { const px = math.round(x) + dx, py = math.round(y) + dy; if (px >= 0 && py >= 0 && px < raster.width && py < raster.height) most = math.max(most, edges[py * raster.width + px]!); }
    if (most >= 14) seen++;
  }
  return seen / n;
}
/** How much lighter the sheet is just inside side `k` than outside: a ruled frame on the sheet has none. Null on the photo's rim. */
function step(map: Raster, quad: Quad, k: number): number | null {
  const a = quad[k]!, b = quad[(k + 1) % 4]!, length = math.hypot(b[0] - a[0], b[1] - a[1]), nx = -(b[1] - a[1]) / length, ny = (b[0] - a[0]) / length;
  if (onRim(a, b, map, 0.012)) return null;
  let sum = 0, n = 0;
  for (let i = 2; i < 30; i++) for (const d of [3, 5, 7]) {
    const t = i / 32, x = a[0] + t * (b[0] - a[0]), y = a[1] + t * (b[1] - a[1]), inside = at(map, x + nx * d, y + ny * d), outside = at(map, x - nx * d, y - ny * d);
    if (inside !== null && outside !== null) { sum += inside - outside; n++; }
  }
  return n > 10 ? sum / n : null;
}
/** Whether the sheet has a colour of its own on a desk that is as light as it or lighter: just inside every side most of the paper is more coloured than most of what lies
 * outside. Middle values, so that writing in ink near a side does not count as a colour of the paper. */
function tinted(small: Raster, quad: Quad): boolean {
  const { width: w, height: h, data } = small, chroma = (x: number, y: number): number | null => { if (x < 0 || y < 0 || x >= w || y >= h) return null; const i = ((y | 0) * w + (x | 0)) * 3; return math.max(data[i]!, data[i + 1]!, data[i + 2]!) - math.min(data[i]!, data[i + 1]!, data[i + 2]!); };
  const middle = (list: number[]): number => list.sort((a, b) => a - b)[list.length >> 1] ?? 0;
  let seen = 0;
  for (let k = 0; k < 4; k++) {
    const a = quad[k]!, b = quad[(k + 1) % 4]!, length = math.hypot(b[0] - a[0], b[1] - a[1]), nx = -(b[1] - a[1]) / length, ny = (b[0] - a[0]) / length, inside: number[] = [], outside: number[] = [];
    if (onRim(a, b, small, 0.012)) continue;
    for (let i = 2; i < 30; i++) for (const d of [3, 5, 7]) {
      const t = i / 32, x = a[0] + t * (b[0] - a[0]), y = a[1] + t * (b[1] - a[1]), own = chroma(x + nx * d, y + ny * d), other = chroma(x - nx * d, y - ny * d);
      if (own !== null && other !== null) { inside.push(own); outside.push(other); }
    }
    if (inside.length <= 10 || middle(inside) - middle(outside) < 12) return false;
    seen++;
  }
  return seen >= 2;
}
const at = (map: Raster, x: number, y: number): number | null => (x < 0 || y < 0 || x >= map.width || y >= map.height ? null : map.data[(y | 0) * map.width + (x | 0)]!);
function onRim(a: Point, b: Point, raster: { width: number; height: number }, share: number): boolean {
  const d = share * math.max(raster.width, raster.height);
  return [[a[0], b[0], 0], [a[0], b[0], raster.width], [a[1], b[1], 0], [a[1], b[1], raster.height]].some(([p, q, rim]) => math.abs(p! - rim!) <= d && math.abs(q! - rim!) <= d);
}

/** Draws each side anew through the steepest points near it: many points, a line through most of them, outliers left out. */
function draw(raster: Raster, quad: Quad, reach: number): { quad: Quad; sides: [number, number, number, number] } | null {
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
