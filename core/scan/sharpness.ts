import { greyOf, quantile, shrinkTo, type Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;



/** The long side of an A4 sheet at 150 dots per inch: sharpness is judged at the size at which a page is read, not by the camera's pixels. */
const judgedSide = 1754;
const block = 8;

/** Edge steepness on a sheet. A blur of deviation σ leaves edges of slope 1/(σ√2π), along whatever direction it smears; the weakest direction counts.
 * Only marks that stand out from the paper are looked at, so that grain is no sharpness and an empty margin no blur. */
export function sharpnessOf(sheet: Raster): number | null {
  const full = shrinkTo(greyOf(sheet), judgedSide), upscaled = math.max(1, judgedSide / math.max(full.width, full.height));
  const paper = quantile(full, 0.8), range = paper - quantile(full, 0.003);
  if (range < 0.1 * paper) return null;
  let raster = full;
  // Where nothing stands out at full size the writing may be smeared so far that it only does at a smaller one.
  for (let coarse = 1; coarse <= 8; coarse *= 2) {
    const slope = steepness(raster, math.max(0.1 * paper, 0.4 * range));
    if (slope !== null) return math.round(1000 * math.min(1, slope / coarse / upscaled)) / 1000;
    raster = shrinkTo(full, math.max(full.width, full.height) / coarse / 2);
  }
  return null;
}

function steepness(grey: Raster, least: number): number | null {
  const { width: w, height: h, data } = grey, across: number[] = [], down: number[] = [], up: number[] = [], fall: number[] = [];
  for (let y0 = 4; y0 + block + 4 < h; y0 += block) for (let x0 = 4; x0 + block + 4 < w; x0 += block) {
    let lo = 255, hi = 0;
    for (let y = y0 - 3; y < y0 + block + 3; y++) for (let x = x0 - 3; x < x0 + block + 3; x++) { const v = data[y * w + x]!; if (v < lo) lo = v; if (v > hi) hi = v; }
    if (hi - lo < least) continue;
    let gx = 0, gy = 0, gu = 0, gd = 0;
    for (let y = y0; y < y0 + block; y++) for (let x = x0; x < x0 + block; x++) {
      const i = y * w + x;
      gx = math.max(gx, math.abs(data[i + 1]! - data[i - 1]!)); gy = math.max(gy, math.abs(data[i + w]! - data[i - w]!));
      gu = math.max(gu, math.abs(data[i + 1 - w]! - data[i - 1 + w]!)); gd = math.max(gd, math.abs(data[i + 1 + w]! - data[i - 1 - w]!));
    }
    across.push(gx / (hi - lo)); down.push(gy / (hi - lo)); up.push(gu / (hi - lo)); fall.push(gd / (hi - lo));
  }
  if (across.length < 12) return null;
  const typical = (list: number[]): number => list.sort((a, b) => a - b)[math.floor(list.length * 0.7)]!;
  return math.min(typical(across), typical(down), typical(up), typical(fall));
}
