import { expect, test } from '@jest/globals';
import { findTables, type PlacedLine } from './tables.ts';

/** Rows of words, each word a cell at its column; a blank one is left out. */
const rowsAt = (page: number, top: number, pitch: number, rows: string[][]): PlacedLine[] => rows.flatMap((row, r) => row.flatMap((text, c): PlacedLine[] => (text === '' ? [] : [{ text, box: [72 + c * 100, top + r * pitch - 10, 72 + c * 100 + text.length * 5, top + r * pitch + 2], size: 11, baseline: top + r * pitch, page }])));
const words = (lines: PlacedLine[]): string[][][] => findTables(lines).map((t) => t.rows.map((row) => row.map((cell) => cell.map((l) => l.text).join(' '))));
const site = [['Site', 'Gain', 'Loss'], ['North', '4.2', '0.3'], ['South', '5.1', '0.4']];

test('a table that goes on over the page is one', () => { expect(words([...rowsAt(0, 700, 16, site), ...rowsAt(1, 80, 16, [['West', '6.0', '0.2']])])).toEqual([[...site, ['West', '6.0', '0.2']]]); });
test('so is one whose last row stands alone at the end of a page', () => { expect(words([...rowsAt(0, 780, 16, site.slice(0, 1)), ...rowsAt(1, 80, 16, site.slice(1))])).toEqual([site]); });
test('a table in other columns on the next page is another', () => {
  const other = rowsAt(1, 80, 16, site).map((l): PlacedLine => ({ ...l, box: [l.box[0] + 30, l.box[1], l.box[2] + 30, l.box[3]] }));
  expect(words([...rowsAt(0, 700, 16, site), ...other])).toEqual([site, site]);
});
test('one on the page after next is another', () => { expect(words([...rowsAt(0, 700, 16, site), ...rowsAt(2, 80, 16, site)])).toHaveLength(2); });
test('words that go on in their cells are no row of their own', () => {
  expect(words(rowsAt(0, 100, 14, [['Site', 'Gain', 'Loss'], ['North of', '4.2', 'Not known'], ['the creek', '', 'as yet'], ['South', '5.1', '0.4']]))).toEqual([[['Site', 'Gain', 'Loss'], ['North of the creek', '4.2', 'Not known as yet'], ['South', '5.1', '0.4']]]);
});
test('a row with an empty cell is a row', () => { expect(words(rowsAt(0, 100, 14, [['Site', 'Gain', 'Loss'], ['North', '4.2', '0.3'], ['South', '', '0.4']]))[0]).toHaveLength(3); });
