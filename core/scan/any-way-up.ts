import type { OcrPage, OcrWord } from '../engines/ocr.ts';
import { turn, type Point, type Raster } from './raster.ts';

/** A clockwise turn by quarters, in degrees. */
export type Turn = 0 | 90 | 180 | 270;

/** Writing read the wrong way up gives scraps: few of them have three letters that the reader is sure of. */
export function readsLikeWords(words: OcrWord[]): boolean {
  const good = words.filter((w) => w.confidence > 70 && /^\p{L}{3,}/u.test(w.text)).length;
  return good >= 4 || (good > 0 && good >= words.length / 2);
}

/** A point of a picture that was read turned clockwise, as it lies in the picture itself. @param picture - the picture itself, not turned */
export const turnedBack = ([x, y]: Point, degrees: Turn, { width: w, height: h }: { width: number; height: number }): Point => (degrees === 90 ? [y, h - x] : degrees === 180 ? [w - x, h - y] : degrees === 270 ? [w - y, x] : [x, y]);

/** One reading of a picture, turned by so much. */
export interface Reading { page: OcrPage; degrees: Turn }

/** Lines of a few words do not always tell which way up they are: what gives no words is turned before it is given up.
 * @param read - null: there is nothing to read, or no time
 * @param degrees - the turns to try, in their order
 * @returns the one reading that gives words; where none does, all of them, since a name may be among the scraps */
export async function readAnyWayUp(picture: Raster, read: (turned: Raster) => Promise<OcrPage | null>, degrees: readonly Turn[] = [0, 180, 90, 270]): Promise<Reading[]> {
  const readings: Reading[] = [];
  for (const by of degrees) {
    const page = await read(turn(picture, by));
    if (!page) break;
    if (readsLikeWords(page.words)) return [{ page, degrees: by }];
    readings.push({ page, degrees: by });
  }
  return readings;
}
