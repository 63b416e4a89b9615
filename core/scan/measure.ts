import type { PhotoFacts } from '../model/facts.ts';
import { orientationIn } from '../readers/image/orientation.ts';
import { applyFilter, paperOf } from './filters.ts';
import { findSheet, type FoundSheet } from './find-sheet.ts';
import { flatten, settleShape, shapeOf, wholeOf } from './flatten.ts';
import { decodePhoto, greyOf, quantile, shrinkTo, turn, type Point, type Quad, type Raster } from './raster.ts';
import { sharpnessOf } from './sharpness.ts';
import { uprightOf, type UprightSign } from './upright.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** A photo with its sheet found, and what it takes to make a page of it. `rotation`: clockwise turn that brings the stored pixels upright; */
export interface MeasuredPhoto { /** the flat sheet, in the stored photo's own turn */ page: Raster; /** of the stored photo, in pixels */ width: number; height: number; found: FoundSheet; rotation: 0 | 90 | 180 | 270; mirrored: boolean; facts: PhotoFacts }

/** EXIF orientation as a clockwise turn after an optional mirroring of left and right. Source: Exif 2.3, 4.6.4, tag 0x0112. */
const orientations: Record<number, { degrees: 0 | 90 | 180 | 270; mirrored: boolean }> = {
  1: { degrees: 0, mirrored: false }, 2: { degrees: 0, mirrored: true }, 3: { degrees: 180, mirrored: false }, 4: { degrees: 180, mirrored: true },
  5: { degrees: 270, mirrored: true }, 6: { degrees: 90, mirrored: false }, 7: { degrees: 90, mirrored: true }, 8: { degrees: 270, mirrored: false },
};

/** How a stored picture is to be turned to stand as its camera says. */
export const flaggedTurn = (bytes: Uint8Array): { degrees: 0 | 90 | 180 | 270; mirrored: boolean } => orientations[orientationIn(bytes)] ?? orientations[1]!;

/** The long side of an A4 sheet in inches: a photo does not tell how large its sheet is. */
const longInches = 297 / 25.4;
/** How plainly the writing has to speak before it outweighs the camera's own flag, or the photo as it is stored. */
const sureEnough = { flagged: 0.75, stored: 0.35 };

/** Reads a photo of a sheet: corners, sharpness, light, which way up. @param readUp - asked which way up a page is when its lines do not tell
 * @throws {CannotDo} `unreadable`, `tooLarge` */
export async function measurePhoto(bytes: Uint8Array, name: string, given: { corners?: Quad; longest?: number; readUp?: (page: Raster, along: UprightSign['along']) => Promise<{ turn: 0 | 90 | 180 | 270; sure: number } | null> } = {}): Promise<MeasuredPhoto> {
  const raster = await decodePhoto(bytes, name), found: FoundSheet = given.corners ? { quad: given.corners, sides: [1, 1, 1, 1], whole: false, cut: 0 } : findSheet(raster);
  const orientation = flaggedTurn(bytes);
  const page = pageOf(raster, found.quad, given.longest ?? 1754), flagged = turn(greyOf(page), orientation.degrees, orientation.mirrored);
  const lines = uprightOf(flagged);
  let sign: { turn: 0 | 90 | 180 | 270; sure: number } = lines;
  if (sign.sure < sureEnough.stored && given.readUp) sign = (await given.readUp(flagged, lines.along)) ?? sign;
  const needed = orientation.degrees === 0 ? sureEnough.stored : sureEnough.flagged, extra = sign.sure >= needed ? sign.turn : 0;
  const rotation = ((orientation.degrees + extra) % 360) as MeasuredPhoto['rotation'];
  const grey = turn(flagged, extra), paper = paperOf(grey)[0]!, lights = [...paper.data].sort((a, b) => a - b), light = lights[lights.length >> 1]!;
  const [top, right, bottom, left] = [0, 1, 2, 3].map((k) => length(found.quad[k]!, found.quad[(k + 1) % 4]!)) as [number, number, number, number], longPx = math.max((top + bottom) / 2, (left + right) / 2);
  return {
    page, width: raster.width, height: raster.height, found, rotation, mirrored: orientation.mirrored,
    facts: {
      dpi: math.round(longPx / longInches), sharpness: sharpnessOf(grey), paper: light, ink: quantile(grey, 0.003), shade: lights[math.floor(lights.length * 0.02)]! / math.max(1, lights[math.floor(lights.length * 0.98)]!),
      glare: glareOf(grey, light), ghost: ghostOf(grey, paper), cut: found.cut, whole: found.whole, edgeSeen: math.min(...found.sides), turn: extra, print: [...resampled(applyFilter(shrinkTo(grey, 500), 'grey'), 32, 45)],
    },
  };
}
const length = (a: Point, b: Point): number => math.hypot(a[0] - b[0], a[1] - b[1]);

/** The sheet seen from above, in the stored photo's own turn, no larger than it was photographed. @param longest - pixels of the long side */
export function pageOf(raster: Raster, quad: Quad, longest: number): Raster {
  const across = math.max(length(quad[0], quad[1]), length(quad[3], quad[2])), down = math.max(length(quad[1], quad[2]), length(quad[0], quad[3]));
  const whole = quad[0][0] === 0 && quad[0][1] === 0 && quad[2][0] === raster.width && quad[2][1] === raster.height;
  const ratio = whole ? raster.width / raster.height : settleShape(shapeOf(quad, raster.width, raster.height)), size = math.min(longest, math.max(across, down, 8));
  const width = math.max(8, math.round(ratio >= 1 ? size : size * ratio)), height = math.max(8, math.round(ratio >= 1 ? size / ratio : size));
  return flatten(raster, quad, width, height);
}

/** The largest stretch of the sheet that is burnt out while its paper is not, as a share of the sheet: a lamp's or a flash's reflection, in which writing is gone.
 * @param light - how light the paper is elsewhere */
function glareOf(grey: Raster, light: number): number {
  if (light > burntOut - 10) return 0;
  const cells = 60, size = math.max(4, math.ceil(math.max(grey.width, grey.height) / cells)), cols = math.ceil(grey.width / size), rows = math.ceil(grey.height / size), burnt = new Uint8Array(cols * rows);
  for (let row = 0; row < rows; row++) for (let col = 0; col < cols; col++) {
    let all = 0, white = 0;
    for (let y = row * size; y < math.min(grey.height, (row + 1) * size); y += 2) for (let x = col * size; x < math.min(grey.width, (col + 1) * size); x += 2) { all++; if (grey.data[y * grey.width + x]! >= burntOut) white++; }
    if (white >= all * 0.92) burnt[row * cols + col] = 1;
  }
  let most = 0;
  for (let start = 0; start < burnt.length; start++) {
    const stack = burnt[start] === 1 ? [start] : [];
    // One that reaches the sheet's rim is the bright side of uneven light.
    let count = 0, atRim = false;
    while (stack.length > 0) {
      const at = stack.pop()!;
      if (burnt[at] !== 1) continue;
      burnt[at] = 2; count++;
      const col = at % cols;
      atRim ||= col === 0 || col === cols - 1 || at < cols || at + cols >= burnt.length;
      if (col > 0) stack.push(at - 1);
      if (col < cols - 1) stack.push(at + 1);
      if (at >= cols) stack.push(at - cols);
      if (at + cols < burnt.length) stack.push(at + cols);
    }
    if (!atRim) most = math.max(most, count);
  }
  return math.round((1000 * most) / burnt.length) / 1000;
}
/** From here on a camera tells nothing apart. */
const burntOut = 252;

/** Share of pale marks among all marks: the writing of the other side shining through. Strokes' own soft rims lie beside ink and do not count. */
function ghostOf(grey: Raster, paper: Raster): number {
  const { kind, cols, rows } = marksOf(grey, paper), ruled = ruledIn(kind, cols, rows);
  let pale = 0, ink = 0;
  const rim = math.max(3, math.round(cols * 0.03));
  for (let y = rim; y < rows - rim; y++) for (let x = rim; x < cols - rim; x++) {
    const k = kind[y * cols + x];
    if (k === 2) ink++;
    if (k !== 1 || ruled[y * cols + x] || !isStroke(kind, cols, x, y)) continue;
    let near = false, beside = -1;
    for (let dy = -3; dy <= 3 && !near; dy++) for (let dx = -3; dx <= 3; dx++) {
      const other = kind[(y + dy) * cols + x + dx];
      if (other === 2) { near = true; break; }
      if (other === 1 && math.abs(dx) < 2 && math.abs(dy) < 2) beside++;
    }
    // A stroke goes on beside each of its points; the grain of a photo in poor light does not.
    if (!near && beside >= 2) pale++;
  }
  // A side of writing that shines through leaves more than specks, however little is written on this side.
  return pale < cols * rows * leastGhost ? 0 : math.round((1000 * pale) / (ink + pale)) / 1000;
}

/** A sheet as some 900 points along its longer side: 0 paper, 1 pale, 2 ink, each against the paper around it. What is pale has to stand out of the grain. */
function marksOf({ width: w, height: h, data }: Raster, paper: Raster): { kind: Uint8Array; cols: number; rows: number } {
  const step = math.max(1, math.round(math.max(w, h) / 900)), cols = math.floor(w / step), rows = math.floor(h / step), mean = new Float32Array(cols * rows), kind = new Uint8Array(cols * rows), steps = new Uint32Array(256);
  for (let y = 0; y < rows; y++) for (let x = 0; x < cols; x++) {
    const px = x * step + (step >> 1), py = y * step + (step >> 1), light = math.max(1, paper.data[math.min(paper.height - 1, ((py * paper.height) / h) | 0) * paper.width + math.min(paper.width - 1, ((px * paper.width) / w) | 0)]!);
    let sum = 0;
    for (let dy = 0; dy < step; dy++) for (let dx = 0; dx < step; dx++) sum += data[(y * step + dy) * w + x * step + dx]!;
    const at = y * cols + x, ratio = mean[at] = sum / (step * step * light);
    if (math.min(ratio, data[py * w + px]! / light) < 0.62) kind[at] = 2;
    if (x > 0) steps[math.min(255, math.floor(math.abs(ratio - mean[at - 1]!) * 500))]!++;
  }
  // Half of all neighbours are bare paper that differs by its grain alone.
  let half = (rows * (cols - 1)) / 2, grain = 0;
  while ((half -= steps[grain]!) > 0) grain++;
  const stands = 1 - math.max(0.07, grainFactor * (grain / 500));
  for (let at = 0; at < mean.length; at++) if (kind[at] === 0 && mean[at]! < stands && mean[at]! > 0.7) kind[at] = 1;
  return { kind, cols, rows };
}
/** The median step between neighbours is 0.95 of the grain's standard deviation; three of these stand out. */
const grainFactor = 3.2;

/** The least of a sheet that shows through, as a share of it; a full side is some 4 %. */
const leastGhost = 0.003;

/** Whether a pale mark has bare paper close by on two sides that face each other, as any stroke has; the edge of a shadow has it on one. */
function isStroke(kind: Uint8Array, cols: number, x: number, y: number): boolean {
  const bare = (dx: number, dy: number): boolean => { for (let d = 1; d <= strokeReach; d++) { const at = (y + dy * d) * cols + x + dx * d; if (at >= 0 && at < kind.length && kind[at] === 0) return true; } return false; };
  return (bare(1, 0) && bare(-1, 0)) || (bare(0, 1) && bare(0, -1)) || (bare(1, 1) && bare(-1, -1)) || (bare(1, -1) && bare(-1, 1));
}
/** Half of the widest stroke, in points of some 900 to the longer side. */
const strokeReach = 5;

/** Pale marks that run on straight, along or across: the lines of ruled and squared paper. No stroke of a letter is as long; writing may cross them. */
function ruledIn(kind: Uint8Array, cols: number, rows: number): Uint8Array {
  const ruled = new Uint8Array(cols * rows), least = math.round(math.max(cols, rows) * 0.05), gap = 2, crossing = 8;
  /** @param side - to the row or column beside, where a line goes on that does not lie quite straight */
  const along = (from: number, step: number, count: number, side: number): void => {
    const pale = (at: number): boolean => kind[at] === 1 || kind[at - side] === 1 || kind[at + side] === 1;
    let start = -1, last = -1, ink = 0;
    /** A line of pale writing is as pale a few rows on; a ruled line is alone. */
    const thin = (first: number, end: number): boolean => { let tall = 0; for (let i = first; i <= end; i++) { const at = from + i * step; if ([3, 4].some((d) => kind[at - d * side] === 1 || kind[at + d * side] === 1)) tall++; } return tall < (end - first + 1) * 0.3; };
    const close = (): void => { if (start >= 0 && last - start + 1 - ink >= least && thin(start, last)) for (let i = start; i <= last; i++) for (const by of [-side, 0, side]) ruled[from + i * step + by] = 1; start = -1; ink = 0; };
    for (let i = 0, inked = 0; i < count; i++) {
      const at = from + i * step;
      if (pale(at)) { if (start < 0) start = i; else ink += inked; last = i; inked = 0; } else if (kind[at] === 2) inked++;
      if (start >= 0 && i - last > (inked > 0 ? crossing : gap)) { close(); inked = 0; }
    }
    close();
  };
  for (let y = 1; y < rows - 1; y++) along(y * cols, 1, cols, cols);
  for (let x = 1; x < cols - 1; x++) along(x, cols, rows, 1);
  return ruled;
}

/** A small print of fixed size, so that two photos of one page can be laid over each other. */
function resampled(grey: Raster, width: number, height: number): Uint8Array { const small = shrinkTo(grey, 90); return flatten(small, wholeOf(small), width, height).data; }
