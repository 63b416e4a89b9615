import type { Raster } from './raster.ts';

/** Looked up once: in a sandbox each look at a global costs more than the pixel it is for. */
const math = Math;

/** Fewer lines than these are underlines or the rims of a table, and say something about the writing. */
const fewest = 8;

/** The printed lines of ruled and squared paper: ink that runs straight on, along or across, for longer than any word does. Writing that lies on a line is taken with it.
 * @param ink - writing as 1 @returns a mask of the same size, or null where the sheet is not ruled */
export function rulingOf({ width: w, height: h, data }: Raster): Uint8Array | null {
  const mask = new Uint8Array(data.length), least = math.round(math.max(w, h) / 9);
  let lines = 0;
  /** @param step - from one point of the line to the next @param side - to the line beside, where one that does not lie quite straight goes on */
  const along = (from: number, step: number, count: number, side: number): void => {
    for (let i = 0, start = -1; i <= count; i++) {
      const at = from + i * step, inked = i < count && (data[at] === 1 || data[at - side] === 1 || data[at + side] === 1);
      if (inked && start < 0) start = i;
      if (inked || start < 0) continue;
      if (i - start >= least) { lines++; for (let k = start; k < i; k++) for (const by of [-side, 0, side]) if (data[from + k * step + by] === 1) mask[from + k * step + by] = 1; }
      start = -1;
    }
  };
  for (let y = 1; y < h - 1; y++) along(y * w, 1, w, w);
  for (let x = 1; x < w - 1; x++) along(x, w, h, 1);
  // A line is found from its own rows and from those beside it.
  if (lines < fewest * 3) return null;
  /** Where lines are pale they fall into dashes: most of a stretch is inked, and little on either side of it, as no row of letters is. */
  const dashed = (from: number, step: number, count: number, side: number): void => {
    const inkedAt = (first: number, by: number[]): number => { let n = 0; for (let i = first; i < first + least; i++) if (by.some((b) => data[from + i * step + b * side] === 1)) n++; return n / least; };
    for (let i = 0; i + least <= count; i += least >> 1) if (inkedAt(i, [-1, 0, 1]) > 0.5 && inkedAt(i, [-4]) < 0.25 && inkedAt(i, [4]) < 0.25) for (let k = i; k < i + least; k++) for (const by of [-side, 0, side]) if (data[from + k * step + by] === 1) mask[from + k * step + by] = 1;
  };
  for (let y = 4; y < h - 4; y++) dashed(y * w, 1, w, w);
  for (let x = 4; x < w - 4; x++) dashed(x, w, h, 1);
  return mask;
}
