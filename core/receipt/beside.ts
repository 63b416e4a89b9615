/** Whose each of some things is that a receipt shows of several files: the name on its own line, where that line has just one; else the last name above it, where
 * in that way each file gets one. A layout that keeps names and things apart gives null: then only all of them together can be compared.
 * @param names - as the receipt shows them. @param places - where the things stand in the text */
export function namesBeside(text: string, names: readonly string[], places: readonly number[]): (string | null)[] {
  if (names.length < 2) return places.map(() => null);
  const lines: { end: number; named: string[] }[] = [];
  let end = -1;
  const longest = [...names].sort((a, b) => b.length - a.length);
  for (const line of text.split('\n')) {
    end += line.length + 1;
    let rest = line;
    const named = longest.filter((name) => { const there = rest.includes(name); if (there) rest = rest.replaceAll(name, ' '); return there; });
    lines.push({ end, named });
  }
  const lineOf = (at: number): number => lines.findIndex((l) => at <= l.end);
  const same = places.map((at) => { const named = lines[lineOf(at)]?.named ?? []; return named.length === 1 ? named[0]! : null; });
  if (same.some((name) => name !== null)) return same;
  const above = places.map((at) => { const named = lines.slice(0, lineOf(at)).findLast((l) => l.named.length > 0)?.named ?? []; return named.length === 1 ? named[0]! : null; });
  return above.every((name) => name !== null) && names.every((name) => above.includes(name)) ? above : same;
}
