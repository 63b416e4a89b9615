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
