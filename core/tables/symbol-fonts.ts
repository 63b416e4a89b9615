/** What fonts of signs show for their codes, in Unicode. Source: ISO 32000-1, D.5 (Symbol set and encoding); of the other fonts the signs that papers use, from memory. */
const symbolRows: Readonly<Record<number, string>> = {
  0x20: ' !∀#∃%&∋()∗+,−./', 0x30: '0123456789:;<=>?', 0x40: '≅ΑΒΧΔΕΦΓΗΙϑΚΛΜΝΟ', 0x50: 'ΠΘΡΣΤΥςΩΞΨΖ[∴]⊥_', 0x60: '‾αβχδεφγηιϕκλμνο', 0x70: 'πθρστυϖωξψζ{|}∼ ',
  0xa0: '€ϒ′≤⁄∞ƒ♣♦♥♠↔←↑→↓', 0xb0: '°±″≥×∝∂•÷≠≡≈…|—↵', 0xc0: 'ℵℑℜ℘⊗⊕∅∩∪⊃⊇⊄⊂⊆∈∉', 0xd0: '∠∇®©™∏√⋅¬∧∨⇔⇐⇑⇒⇓', 0xe0: '◊〈®©™∑         ', 0xf0: ' 〉∫             ',
};
const wingdings: Readonly<Record<number, string>> = { 0x22: '✂', 0x28: '☎', 0x2a: '✉', 0x3f: '✍', 0x46: '☞', 0x4a: '☺', 0x4c: '☹', 0x6c: '●', 0x6e: '■', 0x71: '❑', 0x76: '❖', 0xa7: '▪', 0xa8: '◻', 0xd8: '➢', 0xdf: '←', 0xe0: '→', 0xe1: '↑', 0xe2: '↓', 0xe8: '➔', 0xf0: '⇨', 0xfb: '✗', 0xfc: '✓', 0xfd: '☒', 0xfe: '☑' };

/** The sign that a font of signs shows for a code, which may stand in the private use area (17.3.3.30: F000 to F0FF); the letter itself in other fonts. Empty where it is not known. */
export function signOf(font: string | undefined, code: number): string {
  const own = code >= 0xf000 && code <= 0xf0ff ? code - 0xf000 : code;
  if (/^symbol/i.test(font ?? '') || font === undefined && code !== own) return (symbolRows[own & 0xf0]?.[own & 15] ?? '').trim();
  if (/^wingdings/i.test(font ?? '')) return (/^wingdings$/i.test(font!) ? wingdings[own] : undefined) ?? '';
  return code >= 0xe000 && code <= 0xf8ff || !(code >= 0x20 && code <= 0x10ffff) ? '' : String.fromCodePoint(code);
}
