import { drawSides } from './draw-sides.ts';
import { areaOf, fromTopLeft, hullOf, leastShare, onRim, plausible, quadAround } from './quads.ts';
import { blurBox, closing, greyOf, quantile, shrinkTo, type Point, type Quad, type Raster } from './raster.ts';
import { quadsOfLines } from './sheet-lines.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** Where the sheet lies. `sides`: share of each side (top, right, bottom, left of the quad) along which an edge was really seen; 1 for a side that is the photo's own.
 * `whole`: no edge was seen anywhere, so the photo is taken as the sheet. `cut`: sides at which the sheet runs out of the photo. */
export interface FoundSheet { quad: Quad; sides: [number, number, number, number]; whole: boolean; cut: number }

/** Finds the sheet of paper in a photo: bright and pale areas at several levels give hulls, hulls and straight edges give four-sided shapes, and the one whose
 * sides lie best on real edges of the picture is drawn exactly at full resolution. */
export function findSheet(photo: Raster): FoundSheet {
  const middle = shrinkTo(photo, 1400), between = photo.width / middle.width, small = shrinkTo(middle, 340), scale = photo.width / small.width, edges = gradientOf(small), maps = paperMaps(small);
  let best = null as { quad: Quad; score: number } | null;
  /** @param steps - the maps in which the sheet may be the lighter @param least - by how much @param fill - share of the shape that was seen to be paper */
  const consider = (quad: Quad, steps: Raster[], least: number, fill: number): void => {
    const sides = [0, 1, 2, 3].map((k) => support(edges, small, quad[k]!, quad[(k + 1) % 4]!));
    // Lighter or paler than what lies around it, on every side: a block of writing on a sheet is not.
    const open = [0, 1, 2, 3].map((k) => math.max(...steps.map((m) => step(m, quad, k) ?? Infinity))).filter((c) => c < Infinity);
    if ((open.length === 0 || math.min(...open) < least) && !(areaOf(quad) > 0.3 * small.width * small.height && tinted(small, quad))) return;
    const score = (math.min(...sides) * 0.5 + sides.reduce((a, b) => a + b) / 4) * math.min(1, fill) * (0.7 + 0.3 * math.min(1, areaOf(quad) / (small.width * small.height * 0.4)));
    if (!best || score > best.score) best = { quad, score };
  };
  for (const map of maps) for (const level of levelsOf(map)) for (const area of areasAbove(map, level)) {
    const quad = quadAround(hullOf(area.border));
    if (!quad || !plausible(quad, small)) continue;
    const fill = area.pixels / math.max(1, areaOf(quad));
    if (fill >= 0.72 && fill <= 1.25) consider(quad, maps.slice(0, 2), 5, fill);
  }
  const plain = plainness(small), edged = [maps[0]!, maps[1]!, plain];
  for (const map of edged) for (const quad of quadsOfLines(map)) consider(quad, edged, 8, 1);
  const corners: Quad = [[0, 0], [photo.width, 0], [photo.width, photo.height], [0, photo.height]];
  if (!best || best.score < 0.45) return { quad: corners, sides: [1, 1, 1, 1], whole: true, cut: 0 };
  let quad = best.quad.map(([x, y]) => [x * scale, y * scale]) as Quad, sides: FoundSheet['sides'] = [0, 0, 0, 0];
  for (const [raster, factor, reach] of [[middle, between, 0.012], [middle, between, 0.005], [photo, 1, 0.0025]] as const) {
    const drawn = drawSides(raster, quad.map(([x, y]) => [x / factor, y / factor]) as Quad, math.max(3, reach * math.max(raster.width, raster.height)));
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
  const grey = greyOf(small), pale = new Uint8Array(grey.data.length), far = new Uint8Array(grey.data.length), tint = tintOf(small), rims = rimColours(small);
  for (let i = 0, p = 0; p < pale.length; i += 3, p++) {
    const r = small.data[i]!, g = small.data[i + 1]!, b = small.data[i + 2]!;
    pale[p] = math.max(0, grey.data[p]! - tint[p]!);
    far[p] = math.min(255, 2 * math.min(...rims.map((c) => math.abs(r - c[0]!) + math.abs(g - c[1]!) + math.abs(b - c[2]!))) / 3);
  }
  const radius = math.max(3, math.round(math.max(small.width, small.height) / 70));
  const wiped = [grey, { ...grey, data: pale }, { ...grey, data: far }, { ...grey, data: tint }].map((m) => closing(m, radius)), even = evened(wiped[0]!);
  return even ? [...wiped, even] : wiped;
}

/** How much colour each pixel has: what its channels lie apart. */
function tintOf(small: Raster): Uint8Array {
  const tint = new Uint8Array(small.width * small.height);
  for (let i = 0, p = 0; p < tint.length; i += 3, p++) tint[p] = math.max(small.data[i]!, small.data[i + 1]!, small.data[i + 2]!) - math.min(small.data[i]!, small.data[i + 1]!, small.data[i + 2]!);
  return tint;
}

/** How little colour there is about each pixel: paper is plain, and a cloth of small coloured squares is not, however light its light ones are. */
function plainness(small: Raster): Raster {
  const even = blurBox({ width: small.width, height: small.height, channels: 1, data: tintOf(small) }, 5);
  return { ...even, data: even.data.map((v) => 255 - math.min(255, 3 * v)) };
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
