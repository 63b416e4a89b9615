/** Bytes from, up to but not including. */
export type Range = readonly [from: number, to: number];

/** Bytes per value by field type, and the tags that lead to further directories, strips, tiles and pictures. Sources: TIFF 6.0, section 2 and sections 3, 15, 22; TIFF Technical Note 1 (330); Exif 2.3, 4.6.3. */
const typeSizes = [0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4], directories = new Set([330, 34665, 34853, 40965]), data = [[273, 279], [324, 325], [513, 514]] as const;
const mostDirectories = 64;

/** Every stretch of a TIFF that its directories lead to, in order and joined. Null where it cannot be followed to the end. */
export function usedByTiff(bytes: Uint8Array): Range[] | null {
  if (bytes.length < 8) return null;
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), little = bytes[0] === 0x49, used: [number, number][] = [[0, 8]], open = [view.getUint32(4, little)], seen = new Set<number>();
  while (open.length > 0) {
    const at = open.pop()!;
    if (at === 0 || seen.has(at)) continue;
    if (at + 2 > bytes.length || seen.size >= mostDirectories) return null;
    seen.add(at);
    const count = view.getUint16(at, little), end = at + 2 + 12 * count + 4, values = new Map<number, number[]>();
    if (end > bytes.length) return null;
    used.push([at, end]);
    for (let row = at + 2; row < end - 4; row += 12) {
      const tag = view.getUint16(row, little), size = typeSizes[view.getUint16(row + 2, little)] ?? 1, n = view.getUint32(row + 4, little), from = size * n <= 4 ? row + 8 : view.getUint32(row + 8, little);
      if (from + size * n > bytes.length) return null;
      if (size * n > 4) used.push([from, from + size * n]);
      if (size === 2 || size === 4) values.set(tag, Array.from({ length: n }, (_, i) => (size === 2 ? view.getUint16(from + 2 * i, little) : view.getUint32(from + 4 * i, little))));
    }
    for (const tag of directories) open.push(...values.get(tag) ?? []);
    for (const [starts, lengths] of data) (values.get(starts) ?? []).forEach((from, i) => { const length = values.get(lengths)?.[i]; if (length !== undefined) used.push([from, Math.min(bytes.length, from + length)]); });
    open.push(view.getUint32(end - 4, little));
  }
  const joined: [number, number][] = [];
  for (const [from, to] of used.sort((a, b) => a[0] - b[0])) { const last = joined.at(-1); if (last && from <= last[1]) last[1] = Math.max(last[1], to); else joined.push([from, to]); }
  return joined;
}
/** What lies between them and behind: no viewer comes by. */
export function unusedInTiff(bytes: Uint8Array): Range[] {
  const used = usedByTiff(bytes);
  return used ? used.map(([, to], i): Range => [to, used[i + 1]?.[0] ?? bytes.length]).filter(([from, to]) => to > from) : [];
}
