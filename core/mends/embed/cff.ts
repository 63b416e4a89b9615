/** An INDEX of a CFF font: where its data begins and each entry's bounds. Source: Adobe Technical Note 5176, 5. */
interface Index { offsetsAt: number; offSize: number; bounds: [number, number][]; end: number }

function readIndex(cff: Uint8Array, at: number): Index {
  const count = (cff[at]! << 8) | cff[at + 1]!;
  if (count === 0) return { offsetsAt: at + 2, offSize: 1, bounds: [], end: at + 2 };
  const offSize = cff[at + 2]!, offsetsAt = at + 3, data = offsetsAt + (count + 1) * offSize - 1;
  const offset = (i: number): number => { let n = 0; for (let k = 0; k < offSize; k++) n = n * 256 + cff[offsetsAt + i * offSize + k]!; return n; };
  const bounds = Array.from({ length: count }, (_, i): [number, number] => [data + offset(i), data + offset(i + 1)]);
  return { offsetsAt, offSize, bounds, end: data + offset(count) };
}

/** Where the glyphs' programs begin: operator 17 of the top dictionary (5176, 9). */
function charStringsAt(cff: Uint8Array, [from, to]: [number, number]): number | null {
  let operand = 0;
  for (let at = from; at < to;) {
    const b = cff[at]!;
    if (b === 17) return operand;
    if (b === 12) at += 2;
    else if (b <= 21) at += 1;
    else if (b === 28) { operand = ((cff[at + 1]! << 8) | cff[at + 2]!) << 16 >> 16; at += 3; }
    else if (b === 29) { operand = (cff[at + 1]! << 24) | (cff[at + 2]! << 16) | (cff[at + 3]! << 8) | cff[at + 4]!; at += 5; }
    else if (b === 30) { at++; while (at < to && (cff[at]! & 15) !== 15 && cff[at]! >> 4 !== 15) at++; at++; }
    else if (b <= 246) { operand = b - 139; at += 1; }
    else { operand = b <= 250 ? (b - 247) * 256 + cff[at + 1]! + 108 : -(b - 251) * 256 - cff[at + 1]! - 108; at += 2; }
  }
  return null;
}

/** A CFF font with only the glyphs that are kept; the others become empty outlines, so that numbers, names and widths of the rest stay as they are.
 * The space that is won is zeros, which compression takes away. @param keep - glyph numbers; glyph 0 is always kept */
export function keepGlyphs(cff: Uint8Array, keep: ReadonlySet<number>): Uint8Array {
  const names = readIndex(cff, cff[2]!), top = readIndex(cff, names.end), at = top.bounds[0] ? charStringsAt(cff, top.bounds[0]) : null;
  if (at === null) return cff;
  const glyphs = readIndex(cff, at), out = cff.slice(), first = glyphs.bounds[0]?.[0] ?? glyphs.end;
  out.fill(0, first, glyphs.end);
  let next = first;
  const offsetTo = (i: number): void => { let n = next - first + 1; for (let k = glyphs.offSize - 1; k >= 0; k--) { out[glyphs.offsetsAt + i * glyphs.offSize + k] = n & 255; n = Math.floor(n / 256); } };
  glyphs.bounds.forEach(([from, to], glyph) => {
    offsetTo(glyph);
    if (glyph === 0 || keep.has(glyph)) { out.set(cff.subarray(from, to), next); next += to - from; } else out[next++] = 14; // endchar
  });
  offsetTo(glyphs.bounds.length);
  return out;
}
