import { describe, expect, test } from '@jest/globals';
import { convertFiles } from '../../verbs/convert.ts';
import { billOf } from '../../words/bill.ts';
import { readDocument } from '../index.ts';
import { partsOf, type LinePart, type PageLine } from './parts.ts';

const line = (text: string, x: number, y: number, o: { size?: number; to?: number; font?: string } = {}): PageLine => ({ text, box: [x, y - 12, o.to ?? x + text.length * 5.2, y], size: o.size ?? 12, font: o.font ?? 'Serif', newBlock: false, words: text.split(' ').length });
const full = 'The creek fills from below while the tide is rising and it empties from above', prose = (from: number, n: number, x = 72, text = full): PageLine[] => Array.from({ length: n }, (_, i) => line(text, x, from + i * 15));
const parts = (...lines: PageLine[]): LinePart[] => partsOf([lines])[0]!;
/** The parts of the lines behind ten lines of running text. */
const behind = (...lines: PageLine[]): LinePart[] => parts(...prose(100, 10), ...lines).slice(10);

describe('notes at the foot of a page', () => {
  const note = '1 Okonkwo, Budgets without closure, p. 12, and the survey of the year before';
  test.each<[string, PageLine[], boolean]>([
    ['small, with its number', [line(note, 72, 700, { size: 9 })], true], ['a star', [line('* The author thanks nobody for the levels', 72, 700, { size: 9 })], true], ['its number in square brackets', [line('[3] See the second survey of the creek', 72, 700, { size: 9 })], true], ['raised figures', [line('² See the second survey of the creek', 72, 700, { size: 9 })], true],
    ['hard negative: as large as the text', [line(note, 72, 700)], false], ['hard negative: without a mark', [line('Okonkwo, Budgets without closure, p. 12', 72, 700, { size: 9 })], false], ['hard negative: the text goes on below', [line(note, 72, 700, { size: 9 }), ...prose(730, 1)], false],
    ['hard negative: figures of a table', [line('1 20 30 40 50 60', 72, 700, { size: 9 }), line('2 21 31 41 51 61', 72, 712, { size: 9 })], false], ['hard negative: code', [line('1i is a number of its own', 72, 700, { size: 9, font: 'Courier' })], false], ['hard negative: a list of references in small type', [line('References', 72, 680, { size: 12 }), line('1 Okonkwo, A. (2020) Budgets without closure', 72, 700, { size: 9 })], false],
  ])('%s', (_, lines, expected) => expect(behind(...lines)[lines.findIndex((l) => l.size === 9)] === 'footnote' || behind(...lines).includes('footnote')).toBe(expected));
  test('a note goes on at the foot of the next page, which has no mark there', () => {
    const [, second] = partsOf([[...prose(100, 10), line(note, 72, 700, { size: 9 })], [...prose(100, 10), line('which was made in March at low water', 72, 700, { size: 9 }), line('2 See above.', 72, 712, { size: 9 })]]);
    expect(second!.slice(10)).toEqual(['footnote', 'footnote']);
  });
  test('a page that is small all over has no notes', () => expect(partsOf([prose(100, 20), prose(100, 6).map((l) => ({ ...l, size: 9, text: `1 ${l.text}` }))])[1]).toEqual(Array(6).fill(null)));
});

describe('headings', () => {
  test.each<[string, PageLine, boolean]>([
    ['larger than the text', line('What settles', 72, 300, { size: 16 }), true], ['bold and alone', line('What settles', 72, 300, { font: 'Serif-Bold' }), true],
    ['hard negative: bold words that fill their line', line(full, 72, 300, { font: 'Serif-Bold' }), false], ['hard negative: a bold sentence', line('Nothing settles here.', 72, 300, { font: 'Serif-Bold' }), false], ['hard negative: a short line', line('What settles', 72, 300), false], ['hard negative: a large figure', line('42', 72, 300, { size: 20 }), false],
  ])('%s', (_, one, expected) => expect(behind(one, ...prose(320, 2))[0]).toBe(expected ? 'heading' : null));
  test('where all is bold, bold is no sign', () => expect(parts(...prose(100, 10).map((l) => ({ ...l, font: 'Serif-Bold' })), line('What settles', 72, 300, { font: 'Serif-Bold' })).at(-1)).toBeNull());
});

describe('quotations set as blocks', () => {
  const quote = 'what settles is held by roots and stays until the winter storms';
  test('moved in from the edge', () => expect(behind(...prose(270, 3, 108, quote), ...prose(330, 3))).toEqual(['block', 'block', 'block', null, null, null]));
  test('one with a paragraph behind it whose first line is moved in, too', () => expect(behind(...prose(270, 3, 129, quote), line(full, 100, 330), ...prose(345, 3))).toEqual(['block', 'block', 'block', null, null, null, null]));
  test.each<[string, PageLine[]]>([
    ['the first line of a paragraph', prose(270, 1, 90, quote)], ['items of a list', prose(270, 3, 108, `• ${quote}`)], ['a second column', prose(100, 10, 330, quote)], ['verses', ['Slow water', 'comes and goes without a sound along', 'the wall', 'and leaves behind more than it ever took'].map((t, i) => line(t, 108, 270 + i * 15))], ['figures', prose(270, 3, 108, '12 34 56 78 90 12 34 56 78 90 12 34 56 78')],
  ])('hard negative: %s', (_, lines) => expect(behind(...lines)).not.toContain('block'));
});

describe('tables', () => {
  const row = (y: number, ...cells: string[]): PageLine[] => cells.map((c, i) => line(c, 72 + i * 110, y));
  test('one row at the end of a page goes with those on the next, notes between them or not', () => {
    const note = line('1 Okonkwo, Budgets without closure, p. 12, and the survey of the year before', 72, 700, { size: 9 });
    expect(partsOf([[...prose(100, 10), ...row(300, 'Year', 'Toll', 'Grain'), note], [...row(80, '1830', '4', '120'), ...row(95, '1840', '3', '90'), ...prose(130, 4)]]).map((p) => p.filter((x) => x === 'cell').length)).toEqual([3, 6]);
  });
  test('rows cut into columns', () => expect(behind(...row(300, 'Year', 'Toll', 'Grain'), ...row(315, '1830', '4', '120'), ...row(330, '1840', '3', '90'))).toEqual(Array(9).fill('cell')));
  test.each<[string, PageLine[]]>([
    ['a list with its bullets apart', [0, 1, 2, 3].flatMap((i) => [line('•', 72, 300 + i * 15), line(`reed ${i}`, 90, 300 + i * 15)])], ['two columns of text that stand level', [...prose(300, 4, 72, 'slow winter near slow rate but marsh moves'), ...prose(300, 4, 330, 'and on quickly marsh marsh rate marsh level')]],
  ])('hard negative: %s', (_, lines) => expect(partsOf([[...prose(100, 8, 72, 'slow winter near slow rate but marsh moves'), ...prose(100, 8, 330, 'and on quickly marsh marsh rate marsh level'), ...lines]])[0]).not.toContain('cell'));
});

test('a paper has the same bill as PDF and as the word-processor file that it was made from', async () => {
  const paragraph = 'The creek fills from below while the tide is rising and it empties from above. '.repeat(6).trim(), section = (name: string, n: number): string => `## ${name}\n\n${paragraph}[^${n}] ${paragraph}\n\n> ${'What settles is held by roots and stays until the winter storms. '.repeat(4)}\n\n${paragraph}\n\nTable ${n}. Tolls by year\n\n| Year | Toll | Grain |\n|--|--|--|\n| 1830 | 4 | 120 |\n| 1840 | 3 | 90 |\n\n`;
  const md = `${section('Ledgers', 1)}${section('Tolls', 2)}## References\n\nOkonkwo, A. (2020) Budgets without closure.\n\n[^1]: Okonkwo, Budgets without closure, p. 12, and all that was said of it in the survey of the year before.\n[^2]: See the second survey, which nobody read.\n`;
  const file = { name: 'p.md', path: 'p.md', bytes: new TextEncoder().encode(md) }, docx = (await convertFiles([file], {}, undefined, 'docx')).bytes, pdf = (await convertFiles([{ name: 'p.docx', path: 'p.docx', bytes: docx }])).bytes;
  const [a, b] = await Promise.all([['p.docx', docx] as const, ['p.pdf', pdf] as const].map(async ([name, bytes]) => Object.fromEntries(billOf(await readDocument(bytes, name))!.lines.map((l) => [l.part, l.words]))));
  expect(b).toEqual(a);
});
