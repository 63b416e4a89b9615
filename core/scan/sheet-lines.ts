import { areaOf, fromTopLeft, meet, plausible } from './quads.ts';
import type { Point, Quad, Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A straight edge x·cos + y·sin = rho, with the paper on the side that its normal points to. */
interface EdgeLine { angle: number; cos: number; sin: number; rho: number; votes: number }

/** Directions told apart, in degrees, and how far a pixel's own direction may lie from that of its line. */
const stepDegrees = 1, waver = 8;
/** Lines kept, and the least difference over an edge that counts as one. */
const mostLines = 36, leastEdge = 12;
/** Two lines as near as this are one edge. */
const same = { degrees: 6, pixels: 4 };

/** Four-sided shapes whose sides are the straight edges of a photo, each of them lighter inside: for a sheet over which a shadow falls, where no level of brightness divides it from
 * its desk. Source: R. Duda, P. Hart, Use of the Hough transformation to detect lines and curves in pictures (1972), with each point's own direction.
 * @param map - in which paper is light @returns the likeliest first */
export function quadsOfLines(map: Raster): Quad[] {
  const lines = linesOf(map), least = 0.2 * math.max(map.width, map.height), quads: { quad: Quad; votes: number }[] = [];
  /** Opposite sides: their normals point to each other. */
  const pairs: [EdgeLine, EdgeLine][] = [];
  for (let i = 0; i < lines.length; i++) for (let j = i + 1; j < lines.length; j++) {
    const [a, b] = [lines[i]!, lines[j]!];
    if (apart(a.angle, b.angle + 180) < 25 && -a.rho - b.rho > least) pairs.push([a, b]);
  }
  for (let i = 0; i < pairs.length; i++) for (let j = i + 1; j < pairs.length; j++) {
    const [[a, b], [c, d]] = [pairs[i]!, pairs[j]!];
    if (math.abs(math.sin(((a.angle - c.angle) * math.PI) / 180)) < 0.8) continue;
    const corners = [cross(a, c), cross(c, b), cross(b, d), cross(d, a)];
    if (corners.some((p) => !p)) continue;
    const quad = fromTopLeft(corners as Quad);
    if (plausible(quad, map) && areaOf(quad) > leastArea * map.width * map.height) quads.push({ quad, votes: math.min(a.votes, b.votes, c.votes, d.votes) + (a.votes + b.votes + c.votes + d.votes) / 8 });
  }
  return quads.sort((a, b) => b.votes - a.votes).slice(0, mostQuads).map((q) => q.quad);
}
/** Smaller shapes are boxes and pictures on a sheet more often than a sheet. */
const leastArea = 0.2;
const mostQuads = 400;

/** Degrees between two directions. */
const apart = (a: number, b: number): number => math.abs(((((a - b + 180) % 360) + 360) % 360) - 180);
const along = (l: EdgeLine): [Point, Point] => [[l.cos * l.rho, l.sin * l.rho], [l.cos * l.rho - l.sin, l.sin * l.rho + l.cos]];
const cross = (a: EdgeLine, b: EdgeLine): Point | null => meet(...along(a), ...along(b));

/** The strongest straight edges, strongest first: each with its normal towards the lighter side. */
function linesOf({ width: w, height: h, data }: Raster): EdgeLine[] {
  const count = 360 / stepDegrees, reach = math.ceil(math.hypot(w, h)), span = 2 * reach + 1, votes = new Float32Array(count * span), cos = new Float64Array(count), sin = new Float64Array(count);
  for (let k = 0; k < count; k++) { cos[k] = math.cos((k * stepDegrees * math.PI) / 180); sin[k] = math.sin((k * stepDegrees * math.PI) / 180); }
  const at = (x: number, y: number): number => data[y * w + x]!;
  for (let y = 2; y < h - 2; y++) for (let x = 2; x < w - 2; x++) {
    // Sobel's two sums, each over its weights: levels over two pixels.
    const gx = (at(x + 1, y - 1) + 2 * at(x + 1, y) + at(x + 1, y + 1) - at(x - 1, y - 1) - 2 * at(x - 1, y) - at(x - 1, y + 1)) / 4, gy = (at(x - 1, y + 1) + 2 * at(x, y + 1) + at(x + 1, y + 1) - at(x - 1, y - 1) - 2 * at(x, y - 1) - at(x + 1, y - 1)) / 4;
    const strong = math.hypot(gx, gy);
    if (strong < leastEdge) continue;
    const own = math.round(((math.atan2(gy, gx) * 180) / math.PI + 360) / stepDegrees);
    for (let d = -waver; d <= waver; d++) { const k = (own + d + count) % count; votes[k * span + reach + math.round(x * cos[k]! + y * sin[k]!)]! += 1; }
  }
  const least = 0.12 * math.min(w, h), peaks: number[] = [], lines: EdgeLine[] = [];
  for (let i = 0; i < votes.length; i++) if (votes[i]! > least) peaks.push(i);
  for (const i of peaks.sort((a, b) => votes[b]! - votes[a]!)) {
    const angle = math.floor(i / span) * stepDegrees, rho = (i % span) - reach;
    if (lines.some((l) => apart(l.angle, angle) <= same.degrees && math.abs(l.rho - rho) <= same.pixels)) continue;
    lines.push({ angle, cos: cos[angle / stepDegrees]!, sin: sin[angle / stepDegrees]!, rho, votes: votes[i]! });
    if (lines.length === mostLines) break;
  }
  return lines;
}
