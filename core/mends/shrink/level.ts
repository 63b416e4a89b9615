/** How hard pictures are pressed: 0 leaves them alone, 1 is the most that is still decent. */
export interface Level { dpi: number; quality: number }
/** Decency ends here (common practice, no published source): below 72 dpi and quality 30 a page cannot be read. */
export const gentlest: Level = { dpi: 300, quality: 90 }, hardest: Level = { dpi: 72, quality: 30 };

export const levelAt = (t: number): Level => ({ dpi: Math.round(gentlest.dpi * (hardest.dpi / gentlest.dpi) ** t), quality: Math.round(gentlest.quality + (hardest.quality - gentlest.quality) * t) });

/** Looks for the gentlest level that keeps within the limit, landing just under it.
 * @param attempt - the bytes at a level; @returns null when even the hardest is too large */
export async function gentlestWithin<T extends { length: number }>(attempt: (level: Level) => Promise<T>, maxBytes: number, stopped: () => void): Promise<{ bytes: T; level: Level } | null> {
  let best: { bytes: T; level: Level } | null = null, low = 0, high = 1;
  const first = await attempt(levelAt(1));
  if (first.length > maxBytes) return null;
  best = { bytes: first, level: levelAt(1) };
  for (let i = 0; i < 8 && best.bytes.length < maxBytes * 0.93; i++) {
    stopped();
    const t = (low + high) / 2, bytes = await attempt(levelAt(t));
    if (bytes.length <= maxBytes) { if (bytes.length >= best.bytes.length) best = { bytes, level: levelAt(t) }; high = t; } else low = t;
  }
  return best;
}
