import { expect, test } from '@jest/globals';
import { convertFiles } from '../verbs/convert.ts';
import { withPage, withPdf } from '../engines/pdf.ts';
import { plantedDocx } from '../testing/plant.ts';
import { tablesWithin, widthOf } from './table-widths.ts';

const table = (...rows: string[][]): string => `<table>${rows.map((cells) => `<tr>${cells.join('')}</tr>`).join('')}</table>`;
const cell = (columns: number[], from: number, span: number, content: string): string => `<td${widthOf(columns, from, span)}${span > 1 ? ` colspan="${span}"` : ''}>${content}</td>`;
const widths = (html: string): number[] => [...html.matchAll(/style="width:([\d.]+)pt"/g)].map((m) => Number(m[1]));

test('a cell is as wide as its columns, less what it has beside its words', () => expect(widths(tablesWithin(table([cell([100, 50, 150], 0, 2, 'a'), cell([100, 50, 150], 2, 1, 'b')]), 400))).toEqual([141, 141]));
test('a table wider than the line becomes as wide as the line; a narrower line comes after', () => {
  const html = tablesWithin(table([cell([300, 300], 0, 1, 'a'), cell([300, 300], 1, 1, 'b')]), 400);
  expect(widths(html)).toEqual([191, 191]);
  expect(widths(tablesWithin(html, 200))).toEqual([91, 91]);
});
test.each<[string, string]>([
  ['a word is wider than its column', table([cell([30, 200], 0, 1, '<p>incomprehensibilities</p>'), cell([30, 200], 1, 1, 'b')])], ['a picture is wider than its column', table([cell([60, 200], 0, 1, '<p><img style="width:90pt;height:10pt"/></p>'), cell([60, 200], 1, 1, 'b')])],
  ['a table stands in a table', `<table><tr><td>${table(['<td>x</td>'])}</td></tr></table>`], ['a column has no width', table([cell([0, 200], 0, 1, 'a'), cell([0, 200], 1, 1, 'b')])], ['there are more cells than columns', table([cell([200], 0, 1, 'a'), cell([200], 1, 1, 'b')]).replace(/ data-width="[^"]*"/, '')],
])('the engine finds widths by itself where %s', (_, html) => expect(widths(tablesWithin(html, 400)).length).toBeLessThanOrEqual(0));
test('short words in pieces are no long word', () => expect(widths(tablesWithin(table([cell([60, 60], 0, 1, '<p>Mean</p><p>gain</p><p>of all</p>'), cell([60, 60], 1, 1, '<p>a<br/>b</p>')]), 400))).toEqual([51, 51]));

test('columns of a word-processor table stand where it says, in the PDF', async () => {
  const c = (text: string): string => `<w:tc><w:p><w:r><w:t>${text}</w:t></w:r></w:p></w:tc>`;
  const docx = plantedDocx(`<w:tbl><w:tblPr/><w:tblGrid><w:gridCol w:w="1440"/><w:gridCol w:w="4320"/><w:gridCol w:w="1440"/></w:tblGrid><w:tr>${c('first')}${c('second')}${c('third')}</w:tr></w:tbl>`);
  const { bytes } = await convertFiles([{ name: 'a.docx', path: 'a.docx', bytes: docx }]);
  const places = await withPdf(bytes, (pdf) => withPage(pdf, 0, (page) => ['first', 'second', 'third'].map((word) => Math.round(page.search(word, {} as never)[0]![0]![0]))));
  expect(places.map((x) => x - places[0]!)).toEqual([0, 72, 288].map((x) => expect.closeTo(x, -1)));
});
