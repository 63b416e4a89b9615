/** How hard pictures are pressed. */
export interface Level { dpi: number; quality: number }
/** From here on a picture loses what somebody can see; decency ends at the hardest (common practice, no published source): below 72 dpi and quality 30 a page cannot be read. */
export const gentle: Level = { dpi: 300, quality: 90 }, hardest: Level = { dpi: 72, quality: 30 };
/** What a limit may leave room for: all the pixels that a picture has, and nearly no loss. */
const lightest: Level = { dpi: 1200, quality: 100 };

/** Levels along a line: −1 is the lightest, 0 gentle, 1 the hardest. */
export function levelAt(t: number): Level {
  const [from, to, at] = t < 0 ? [lightest, gentle, t + 1] : [gentle, hardest, t];
  return { dpi: Math.round(from.dpi * (to.dpi / from.dpi) ** at), quality: Math.round(from.quality + (to.quality - from.quality) * at) };
}

/** What a level takes: where it stands on the line, and its bytes. */
interface Look { t: number; level: Level; size: number }
/** Looks at most; shares of the limit: near enough to stop looking, and what the next look aims at. */
const most = 8, near = 0.93, aim = 0.97;
/** Looks for the gentlest level that keeps within the limit, landing just under it. Sizes fall evenly enough with the level for each look to
 * say where the next one is worth while.
 * @param sizeAt - bytes at a level, which may be told without writing anything; the same level gives the same size
 * @returns null when even the hardest is too large */
export async function gentlestWithin(sizeAt: (level: Level) => number | Promise<number>, maxBytes: number, stopped: () => void): Promise<Look | null> {
  const look = async (t: number): Promise<Look> => { const level = levelAt(t); stopped(); return { t, level, size: await sizeAt(level) }; };
  let over = await look(0), under = over;
  if (over.size <= maxBytes) { over = await look(-1); if (over.size <= maxBytes) return over; }
  else { under = await look(1); if (under.size > maxBytes) return null; }
  for (let i = 0; i < most && under.size < maxBytes * near && under.t - over.t > 0.004; i++) {
    // By the logarithm, since sizes fall by shares; never so near to an end that nothing would be learned, and by halves where that does not help.
    const [high, low, target] = [over.size, under.size, maxBytes * aim].map(Math.log) as [number, number, number], share = i % 3 === 2 ? 0.5 : Math.min(0.92, Math.max(0.08, (high - target) / Math.max(1e-9, high - low)));
    const next = await look(over.t + (under.t - over.t) * share);
    if (next.size <= maxBytes) under = next; else over = next;
  }
  return under;
}

/** Whole looks at most, and the share of the limit from which on one is near enough. */
const mostWhole = 6, nearWhole = 0.87;
/** As {@link gentlestWithin}, where a size costs much and a guess little: guesses say where to look, and each size sets the guesses right.
 * @param guessAt - bytes at a level, about; it may be wrong by a share, which is the same for levels that are near to each other
 * @param shareAt - by what share guesses are right at a level, seen from a few: 1 where nothing is learned without the whole */
export async function gentlestByGuess(guessAt: (level: Level) => number, shareAt: (level: Level) => number, sizeAt: (level: Level) => number, maxBytes: number, stopped: () => void): Promise<Look | null> {
  let share = 1, best: Look | null = null, over = -1, under = 1;
  const known = new Map<string, number>(), guess = (level: Level): number => {
    const key = `${level.dpi} ${level.quality}`, bytes = known.get(key) ?? guessAt(level);
    known.set(key, bytes);
    return bytes;
  };
  const guessed = async (): Promise<number> => (await gentlestWithin((level) => guess(level) * share, maxBytes, stopped))?.t ?? 1;
  share = shareAt(levelAt(await guessed()));
  for (let i = 0; i < mostWhole && under - over > 0.004; i++) {
    let t = await guessed();
    // Where guesses lead back to what was seen already, the middle of what was not; and in the end the hardest.
    if (i > 0 && (t <= over || t >= under)) t = (over + under) / 2;
    if (i === mostWhole - 1 && !best) t = 1;
    stopped();
    const level = levelAt(t), size = sizeAt(level);
    if (size <= maxBytes) { under = t; if (size > (best?.size ?? 0)) best = { t, level, size }; } else over = t;
    if (size <= maxBytes ? size >= maxBytes * nearWhole || t === -1 : t === 1) break;
    share = size / Math.max(1, guess(level));
  }
  return best;
}
