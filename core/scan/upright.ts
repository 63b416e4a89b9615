import { applyFilter } from './filters.ts';
import { greyOf, shrinkTo, turn, type Raster } from './raster.ts';
import { rulingOf } from './ruling.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A turn that the writing itself asks for, clockwise, and how plainly it does: 0 not at all, 1 beyond doubt. `lines` were found to judge by.
 * `along`: which way the lines run, 0 across the page and 90 down it; null where that is not plain. */
export interface UprightSign { turn: 0 | 90 | 180 | 270; sure: number; lines: number; along: 0 | 90 | null }
/** How many times stronger lines have to gather one way than the other. */
const plainly = 3;

/** Which way up a page is, from its lines: writing makes stripes along the lines, and more strokes rise above the small letters (b d f h k l t, capitals)
 * than hang below them (g j p q y). Common knowledge of typography; tested on pages turned all four ways. */
export function uprightOf(page: Raster): UprightSign {
  const ink = inkMap(page), lying = stripes(ink), standing = stripes(turn(ink, 90));
  const sideways = standing > lying, seen = sideways ? turn(ink, 90) : ink, { lean, lines } = riseAndFall(seen);
  const stripe = math.max(standing, lying) / math.max(1e-9, math.min(standing, lying));
  const down = lean < 0, quarter = ((sideways ? 90 : 0) + (down ? 180 : 0)) % 360;
  return { turn: quarter as UprightSign['turn'], sure: lines < 2 ? 0 : math.min(1, math.abs(lean) / 0.25, (stripe - 1) / 0.5), lines, along: stripe < plainly ? null : sideways ? 90 : 0 };
}

/** Writing as 1, at a size at which a letter is some ten pixels high; solid areas (pictures, borders) and the lines of the paper are left out. */
function inkMap(page: Raster): Raster {
  const black = applyFilter(shrinkTo(greyOf(page), 1100), 'ink'), { width: w, height: h } = black, data = new Uint8Array(w * h), rim = math.round(math.max(w, h) * 0.012);
  const cell = 24;
  for (let cy = 0; cy < h; cy += cell) for (let cx = 0; cx < w; cx += cell) {
    let n = 0, all = 0;
    for (let y = cy; y < math.min(h, cy + cell); y++) for (let x = cx; x < math.min(w, cx + cell); x++) { all++; if (black.data[y * w + x] === 0) n++; }
    if (n > all * 0.65) continue;
    for (let y = cy; y < math.min(h, cy + cell); y++) for (let x = cx; x < math.min(w, cx + cell); x++) if (x > rim && y > rim && x < w - rim && y < h - rim && black.data[y * w + x] === 0) data[y * w + x] = 1;
  }
  const ruling = rulingOf({ width: w, height: h, channels: 1, data });
  if (ruling) for (let i = 0; i < data.length; i++) if (ruling[i] === 1) data[i] = 0;
  return { width: w, height: h, channels: 1, data };
}

/** Rows looked at together: more than a stroke is wide, so that stems one beside the other are no lines, and less than a line is high. */
const pen = 7;

/** How strongly the ink gathers in rows: change from row to row against the ink there is, in strips so that a slight slant does no harm.
 * The strips are as wide whichever way the page is looked at: in narrower ones the stems of letters weigh as much as lines do. */
function stripes(ink: Raster): number {
  const { width: w, height: h, data } = ink, strips = math.max(1, math.round((8 * w) / math.max(w, h))), across = math.floor(w / strips);
  let change = 0, total = 0;
  for (let s = 0; s < strips; s++) {
    // Empty rows above and below, so that writing may reach the rim.
    const rows = new Float64Array(h + 2 * pen);
    for (let y = 0; y < h; y++) for (let x = s * across; x < (s + 1) * across; x++) rows[y + pen]! += data[y * w + x]!;
    for (let y = pen; y < rows.length; y++) { change += ((rows[y]! - rows[y - pen]!) / pen) ** 2; total += rows[y]!; }
  }
  return total > 0 ? change / (total * across) : 0;
}

/** Ink above the small letters against ink below them, over all lines: positive when the page stands upright. */
function riseAndFall(ink: Raster): { lean: number; lines: number } {
  const { width: w, height: h, data } = ink, strips = 6, across = math.floor(w / strips);
  let above = 0, below = 0, lines = 0;
  for (let s = 0; s < strips; s++) {
    const rows = new Float64Array(h);
    for (let y = 0; y < h; y++) for (let x = s * across; x < (s + 1) * across; x++) rows[y]! += data[y * w + x]!;
    for (const [from, to] of bandsOf(rows, across)) {
      const most = math.max(...rows.subarray(from, to)), core: number[] = [];
      for (let y = from; y < to; y++) if (rows[y]! >= most * 0.55) core.push(y);
      const top = core[0]!, bottom = core[core.length - 1]!, height = bottom - top + 1, reach = math.round(height * 0.7);
      if (height < 4 || height > 60) continue;
      let up = 0, down = 0;
      for (let y = math.max(from, top - reach); y < top - 1; y++) up += rows[y]!;
      for (let y = bottom + 2; y <= math.min(to - 1, bottom + reach); y++) down += rows[y]!;
      above += up; below += down; lines++;
    }
  }
  return { lean: above + below > 0 ? (above - below) / (above + below) : 0, lines: math.round(lines / strips) };
}
/** Runs of rows that hold writing, with the almost empty rows at their rims. Where what hangs from one line reaches as low as what rises from the next, they part at the emptiest row between. */
function bandsOf(rows: Float64Array, across: number): [number, number][] {
  const bands: [number, number][] = [];
  let from = -1;
  for (let y = 0; y <= rows.length; y++) {
    const inked = y < rows.length && rows[y]! > math.max(1, across * 0.004);
    if (inked && from < 0) from = y;
    if (!inked && from >= 0) { bands.push(...lineByLine(rows, from, y)); from = -1; }
  }
  return bands.filter(([start, end]) => end - start >= 7 && end - start < 120);
}
/** A line's own height holds more than twice the ink of what rises above it or hangs below. */
const thin = 0.3, full = 0.55;
function lineByLine(rows: Float64Array, from: number, to: number): [number, number][] {
  const most = math.max(...rows.subarray(from, to)), lines: [number, number][] = [];
  let start = from, emptiest = -1;
  for (let y = from; y < to; y++) {
    if (rows[y]! < most * thin && (emptiest < 0 || rows[y]! < rows[emptiest]!)) emptiest = y;
    if (rows[y]! < most * full) continue;
    // What is thin before the first full row of a line is its own rise.
    if (emptiest > start && rows.subarray(start, emptiest).some((v) => v >= most * full)) { lines.push([start, emptiest]); start = emptiest; }
    emptiest = -1;
  }
  return [...lines, [start, to]];
}
