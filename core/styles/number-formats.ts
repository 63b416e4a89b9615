/** Numbers as lists, pages and notes show them. Source: ECMA-376-1, 17.18.59 (ST_NumberFormat). */
const roman: readonly [number, string][] = [[1000, 'm'], [900, 'cm'], [500, 'd'], [400, 'cd'], [100, 'c'], [90, 'xc'], [50, 'l'], [40, 'xl'], [10, 'x'], [9, 'ix'], [5, 'v'], [4, 'iv'], [1, 'i']];
const small = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'], tens = ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const ordinals: Record<string, string> = { one: 'first', two: 'second', three: 'third', five: 'fifth', eight: 'eighth', nine: 'ninth', twelve: 'twelfth' };
/** The Russian letters that lists use: without ё, й and those that begin no word. */
const russian = 'абвгдежзиклмнопрстуфхцчшщэюя', notes = ['*', '†', '‡', '§'];

const words = (n: number): string => (n < 20 ? small[n]! : n < 100 ? `${tens[Math.floor(n / 10)]!}${n % 10 ? `-${small[n % 10]!}` : ''}` : n < 1000 ? `${small[Math.floor(n / 100)]!} hundred${n % 100 ? ` ${words(n % 100)}` : ''}` : `${words(Math.floor(n / 1000))} thousand${n % 1000 ? ` ${words(n % 1000)}` : ''}`);
const inOrder = (n: number): string => words(n).replace(/[a-z]+$/, (last) => ordinals[last] ?? (last.endsWith('y') ? `${last.slice(0, -1)}ieth` : `${last}th`));
const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);
const ending = (n: number): string => (n % 100 >= 11 && n % 100 <= 13 ? 'th' : ['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
/** a … z, aa … zz, aaa: the letter again for each time round. */
const letters = (n: number, from: string): string => from[(n - 1) % from.length]!.repeat(Math.floor((n - 1) / from.length) + 1);

const formats: Record<string, (n: number) => string> = {
  lowerLetter: (n) => letters(n, 'abcdefghijklmnopqrstuvwxyz'), upperLetter: (n) => letters(n, 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'), russianLower: (n) => letters(n, russian), russianUpper: (n) => letters(n, russian.toUpperCase()),
  lowerRoman: (n) => { let [rest, out] = [n, '']; for (const [value, sign] of roman) while (rest >= value) { out += sign; rest -= value; } return out; }, upperRoman: (n) => formats.lowerRoman!(n).toUpperCase(),
  decimalZero: (n) => String(n).padStart(2, '0'), ordinal: (n) => `${n}${ending(n)}`, cardinalText: (n) => capital(words(n)), ordinalText: (n) => capital(inOrder(n)), chicago: (n) => letters(n, notes.join('')),
  numberInDash: (n) => `- ${n} -`, decimalEnclosedParen: (n) => `(${n})`, decimalEnclosedFullstop: (n) => `${n}.`, hex: (n) => n.toString(16).toUpperCase(),
};
/** @param format - by its name in WordprocessingML; of those that no shipped face has the letters for, plain figures stand in */
export function formatNumber(n: number, format: string): string {
  // Nothing counts so far but a file that means harm; and below one there are no letters.
  return n < 1 || n > 9999 ? String(n) : (formats[format] ?? String)(n);
}
