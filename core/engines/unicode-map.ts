/** Characters by code, from a font's ToUnicode map. Codes are the lower-case digits in which they are written. Source: ISO 32000-1, 9.10.3; Adobe Technical Note 5014 (bfchar, bfrange). */
export function readUnicodeMap(text: string): Map<string, string> {
  const map = new Map<string, string>();
  for (const [, kind, rows] of text.matchAll(/beginbf(char|range)([\s\S]*?)endbf\1/g)) {
    if (kind === 'char') for (const m of rows!.matchAll(/<([\da-f]+)>\s*<([\da-f\s]*)>/gi)) map.set(m[1]!.toLowerCase(), utf16(m[2]!));
    else for (const m of rows!.matchAll(/<([\da-f]+)>\s*<([\da-f]+)>\s*(?:<([\da-f\s]*)>|\[([^\]]*)\])/gi)) {
      const [from, to, digits] = [parseInt(m[1]!, 16), parseInt(m[2]!, 16), m[1]!.length], listed = m[4] === undefined ? null : [...m[4].matchAll(/<([\da-f\s]*)>/gi)].map((x) => utf16(x[1]!)), first = utf16(m[3] ?? '');
      // Only the last unit counts on within a range.
      for (let code = from; code <= Math.min(to, from + 65_535); code++) { const shown = listed ? listed[code - from] : first && first.slice(0, -1) + String.fromCharCode(first.charCodeAt(first.length - 1) + code - from); if (shown !== undefined) map.set(code.toString(16).padStart(digits, '0'), shown); }
    }
  }
  return map;
}
const utf16 = (hex: string): string => (hex.replace(/\s/g, '').match(/.{4}/g) ?? []).map((unit) => String.fromCharCode(parseInt(unit, 16))).join('');

/** A ToUnicode map that says the same. @param map - characters by code, codes in hexadecimal digits of one length. Source: ISO 32000-1, 9.10.3. */
export function writeUnicodeMap(map: ReadonlyMap<string, string>): string {
  const digits = [...map.keys()][0]?.length ?? 2, hex = (text: string): string => Array.from({ length: text.length }, (_, i) => text.charCodeAt(i).toString(16).padStart(4, '0')).join('');
  const rows = [...map].map(([code, text]) => `<${code}> <${hex(text)}>`), blocks: string[] = [];
  for (let i = 0; i < rows.length; i += 100) blocks.push(`${Math.min(100, rows.length - i)} beginbfchar\n${rows.slice(i, i + 100).join('\n')}\nendbfchar`);
  return `/CIDInit /ProcSet findresource begin\n12 dict begin\nbegincmap\n/CIDSystemInfo << /Registry (Adobe) /Ordering (UCS) /Supplement 0 >> def\n/CMapName /Adobe-Identity-UCS def\n/CMapType 2 def\n1 begincodespacerange\n<${'0'.repeat(digits)}> <${'f'.repeat(digits)}>\nendcodespacerange\n${blocks.join('\n')}\nendcmap\nCMapName currentdict /CMap defineresource pop\nend\nend`;
}

/** Shapes that letters of Arabic and Hebrew take within words, as characters of their own. Source: Unicode, Alphabetic Presentation Forms (FB1D on), Arabic Presentation Forms A and B. */
const shapes = /[\ufb1d-\ufdff\ufe70-\ufefc]/;
/** Latin letters that are set as one: ff, fi, fl, ffi, ffl, st. Source: Unicode, Alphabetic Presentation Forms (FB00 to FB06). */
const joined = /[\ufb00-\ufb06]/;
/** A map whose codes stand for the letters themselves and not for the shapes these take; null where it has none of those. A shape of several letters that run from right
 * to left stays: readers of such text do not agree on the order in which one code's letters stand, and every search that folds compatibility forms finds them in the shape.
 * Source: Unicode Standard Annex 15 (compatibility decomposition). */
export function withoutShapes(map: ReadonlyMap<string, string>): Map<string, string> | null {
  if (![...map.values()].some((text) => shapes.test(text) || joined.test(text))) return null;
  return new Map([...map].map(([code, text]) => {
    if (joined.test(text)) return [code, text.normalize('NFKC')];
    const letter = shapes.test(text) ? text.normalize('NFKC').replace(/^ (?=\p{M})/u, '') : text;
    return [code, letter.length === 1 ? letter : text];
  }));
}
