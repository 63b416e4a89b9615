import { expect, test } from '@jest/globals';
import { joinPdfs } from '../../convert/join.ts';
import { dictOf, plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';

/** A paper of pages, each with some lines: [x, y from the foot, text]. */
async function paperOf(pages: [number, number, string][][]): Promise<Uint8Array> {
  return joinPdfs(await Promise.all(pages.map((lines) => plantedPdf((pdf) => {
    const at = pdf.findPage(0), resources = pdf.newDictionary(), fonts = pdf.newDictionary();
    fonts.put('F', pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/Type1', BaseFont: '/Helvetica' })));
    resources.put('Font', fonts); at.put('Resources', resources);
    at.put('Contents', pdf.addStream(lines.map(([x, y, text]) => `BT /F 11 Tf ${x} ${y} Td (${text}) Tj ET`).join('\n'), {}));
  }))));
}
const heads = async (pages: [number, number, string][][]): Promise<string[]> => { const f = await readDocument(await paperOf(pages), 'a.pdf'); return f.passages.ok ? f.passages.value.filter((p) => p.place === 'runningHead').map((p) => p.text.trim()) : []; };
const body = (n: number): [number, number, string] => [72, 500, `The creek of page ${n} fills from below while the tide rises`];

test('words with a number that runs on with the pages, in figures or Roman, alone or “of” a whole', async () => {
  expect(await heads([0, 1, 2].map((i) => [body(i), [72, 810, `Silt and tide ${i + 4}`]]))).toEqual(['Silt and tide 4', 'Silt and tide 5', 'Silt and tide 6']);
  expect(await heads(['iii', 'iv', 'v'].map((n, i) => [body(i), [300, 30, n]]))).toEqual(['iii', 'iv', 'v']);
  expect(await heads([0, 1, 2].map((i) => [body(i), [72, 30, `Page ${i + 1} of 3`], [72, 810, 'Draft of 12/11/2026']]))).toHaveLength(6);
  // Heads of left and right pages take turns.
  expect(await heads([0, 1, 2, 3].map((i) => [body(i), [72, 810, i % 2 ? 'The marsh' : 'Method']]))).toHaveLength(4);
});
test('a table’s figure or a line of text at the edge of a page is text', async () => {
  const pages = [0, 1, 2].map((i): [number, number, string][] => [body(i), [300, 30, String(i + 1)]]);
  pages[1]!.push([72, 60, '21']); pages[2]!.push([72, 60, '50']);
  expect(await heads(pages)).toEqual(['1', '2', '3']);
  expect(await heads([0, 1, 2].map((i) => [body(i), [72, 60, ['The last line of the first page', 'Another one, of the second', 'And the third'][i]!]]))).toEqual([]);
});
