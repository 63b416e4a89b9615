/** A character and where it begins and ends on its line, in points from the left. */
export interface Placed { char: string; x: number; to: number }

const rightToLeft = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}]/u, leftToRight = /[\p{L}]/u;
export const hasRightToLeft = (text: string): boolean => rightToLeft.test(text);

/** The characters of a line in the order in which they are read. Writers of PDFs set words of right-to-left scripts either as they are read or as they stand on the page;
 * where they run from left to right, the stretch is turned round, numbers within it as they are. Source: UAX #9 (the stretches and the order within them, rules L2 and N1 in short). */
export function asRead(line: Placed[]): string {
  let out = '';
  for (let at = 0; at < line.length;) {
    if (!rightToLeft.test(line[at]!.char)) { out += line[at++]!.char; continue; }
    // A stretch goes on over spaces, signs and numbers up to its last letter of the script.
    let end = at + 1;
    for (let i = at + 1; i < line.length; i++) { const c = line[i]!.char; if (rightToLeft.test(c)) end = i + 1; else if (leftToRight.test(c)) break; }
    const stretch = line.slice(at, end);
    let rising = 0;
    for (let i = 1; i < stretch.length; i++) rising += Math.sign(stretch[i]!.x - stretch[i - 1]!.x);
    out += rising > 0 ? turned(stretch) : stretch.map((s) => s.char).join('');
    at = end;
  }
  return out;
}

/** The stretch from its right end; runs of digits keep their own order, marks stay behind their letter. */
function turned(stretch: Placed[]): string {
  const units: string[] = [];
  for (const { char } of stretch) {
    if (/\p{M}/u.test(char) && units.length > 0) units[units.length - 1] += char;
    else if (/\d/.test(char) && /\d$/.test(units[units.length - 1] ?? '')) units[units.length - 1] += char;
    else units.push(char);
  }
  return units.reverse().join('');
}

/** Accents that stand as signs of their own, with the marks that they are over or under a letter. Source: Unicode, Spacing Modifier Letters and Combining Diacritical Marks. */
const accents: Readonly<Record<string, string>> = { '\u0060': '\u0300', '\u00b4': '\u0301', '\u02c6': '\u0302', '\u02dc': '\u0303', '\u00af': '\u0304', '\u02d8': '\u0306', '\u02d9': '\u0307', '\u00a8': '\u0308', '\u02da': '\u030a', '\u02dd': '\u030b', '\u02c7': '\u030c', '\u00b8': '\u0327', '\u02db': '\u0328' };
export const hasLooseAccent = (text: string): boolean => /[\u0060\u00b4\u02c6\u02dc\u00af\u02d8\u02d9\u00a8\u02da\u02dd\u02c7\u00b8\u02db] ?[\p{L}\u0131\u0237]/u.test(text);

/** A line on which a letter and an accent that is set over it are one character, as typesetters with seven-bit fonts write them: first the accent, then the letter in the same place.
 * An accent that stands beside a letter (an apostrophe, a quote) stays what it is. */
export function withAccents(line: Placed[]): Placed[] {
  const out: Placed[] = [];
  for (let at = 0; at < line.length; at++) {
    const mark = accents[line[at]!.char], next = line[at + 1]?.char === ' ' && line[at + 1]!.to - line[at + 1]!.x < 1 ? at + 2 : at + 1, letter = line[next];
    if (mark && letter) {
      const middle = (line[at]!.x + line[at]!.to) / 2, base = letter.char === '\u0131' ? 'i' : letter.char === '\u0237' ? 'j' : letter.char, whole = (base + mark).normalize('NFC');
      if (whole.length === 1 && middle > letter.x && middle < letter.to) { out.push({ ...letter, char: whole }); at = next; continue; }
    }
    out.push(line[at]!);
  }
  return out;
}
