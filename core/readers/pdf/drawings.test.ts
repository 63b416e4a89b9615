import { describe, expect, test } from '@jest/globals';
import { pagesBlank } from '../../checks/pages/blank.ts';
import { textImageOnly } from '../../checks/text/image-only.ts';
import { madeInput } from '../../testing/made.ts';
import { dictOf, plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';

/** Three pages with their numbers; the second has a content of its own. Operators by ISO 32000-1, 8.4.4, 8.5.2, 8.5.3, 8.6.8, 9.4. */
const withSecond = async (content: string) => readDocument(await plantedPdf((pdf) => {
  const first = pdf.findPage(0), resources = first.getInheritable('Resources');
  const numbered = (n: number, own: string): void => { pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, resources, `${own} BT /F 10 Tf 290 30 Td (${n}) Tj ET`)); };
  numbered(2, content);
  numbered(3, 'BT /F 12 Tf 72 500 Td (The tide carries silt over the marsh.) Tj ET');
}), 'a.pdf');
const found = async (check: typeof pagesBlank, content: string): Promise<(number | null)[]> => { const facts = await withSecond(content), input = madeInput({ facts, pages: facts.pages.ok ? facts.pages.value : [] } as never); return check.evaluate(input as never).map((f) => f.place.page); };

/** Closed fills of the size of letters, as a program writes words that it turns into outlines. */
const outlines = (count: number): string => Array.from({ length: count }, (_, i) => `${72 + (i % 40) * 8} ${700 - Math.floor(i / 40) * 18} m ${76 + (i % 40) * 8} ${708 - Math.floor(i / 40) * 18} l ${78 + (i % 40) * 8} ${700 - Math.floor(i / 40) * 18} l h f`).join('\n');
describe('a page without words', () => {
  test.each<[string, string, (number | null)[]]>([
    ['its number only', '', [2]], ['a white box', '1 g 100 300 200 200 re f', [2]], ['the rule of its running head', '0 G 72 800 450 0.5 re S', [2]],
    ['another number than its own', 'BT /F 10 Tf 500 30 Td (17) Tj ET', [2]], ['hard negative: a drawing', '0 G 100 300 200 200 re S', []], ['hard negative: a grey area', '0.6 g 100 300 200 200 re f', []], ['hard negative: a sentence', 'BT /F 12 Tf 72 500 Td (Table 1) Tj ET', []],
  ])('is blank or not: %s', async (_, content, pages) => expect(await found(pagesBlank, content)).toEqual(pages));
  test.each<[string, string, (number | null)[]]>([
    ['words turned into outlines', `0 g ${outlines(300)}`, [2]], ['hard negative: a diagram of forty shapes', `0 g ${outlines(40)}`, []], ['hard negative: outlines beside words', `0 g ${outlines(300)} BT /F 12 Tf 72 200 Td (Figure 1) Tj ET`, []], ['hard negative: white ones', `1 g ${outlines(300)}`, []],
  ])('is a picture or not: %s', async (_, content, pages) => expect((await withSecond(content)).passages).toMatchObject({ ok: true, gaps: pages.map((page) => ({ page, why: 'picture' })) }));
});
test('a whole paper of outlines is a picture', () => expect(textImageOnly.evaluate(madeInput({ pages: [{ number: 1, width: 595, height: 842, rotation: 0, words: 0, images: 0, imageShare: 0, sizes: {}, drawings: { marks: 300, letterShapes: 300 } }] } as never) as never).map((f) => f.place.page)).toEqual([1]));

const tinted = async (shade: number, words: string): Promise<string[]> => (await readDocument(await plantedPdf((pdf, mupdf) => {
  const page = pdf.findPage(0), list = pdf.newArray(), pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, 60, 20], false), objects = pdf.newDictionary();
  pixmap.clear(shade);
  objects.put('Im', pdf.addImage(new mupdf.Image(pixmap)));
  page.getInheritable('Resources').put('XObject', objects);
  list.push(page.get('Contents'));
  list.push(pdf.addStream(`q 300 0 0 60 60 280 cm /Im Do Q ${words}`, {}));
  page.put('Contents', list);
}), 'a.pdf')).integrity.map((i) => i.code);
test.each<[string, number, string, string[]]>([
  ['white on a pale picture', 250, '1 g BT /F 12 Tf 72 300 Td (nine letters) Tj ET', ['background']],
  ['hard negative: white on a dark picture', 40, '1 g BT /F 12 Tf 72 300 Td (nine letters) Tj ET', []],
  ['white beside the dark picture', 40, '1 g BT /F 12 Tf 72 200 Td (nine letters) Tj ET', ['background']],
])('letters over a picture: %s', async (_, shade, words, codes) => expect(await tinted(shade, words)).toEqual(codes));

// ISO 32000-1, 12.5.6.8 (square) and 12.5.6.10 (highlight): what an annotation's own look lies over.
test.each<[string, string, string, string[]]>([
  ['a white square', 'Square', '1 g 0 0 200 20 re f', ['covered']], ['hard negative: its frame only', 'Square', '0 G 0 0 200 20 re S', []], ['hard negative: a highlight', 'Highlight', '1 1 0 rg 0 0 200 20 re f', []],
])('annotations over words: %s', async (_, subtype, look, codes) => {
  const { integrity } = await readDocument(await plantedPdf((pdf) => {
    const note = dictOf(pdf, { Rect: [60, 492, 260, 512], F: 4 }), looks = pdf.newDictionary(), list = pdf.newArray();
    note.put('Type', pdf.newName('Annot'));
    note.put('Subtype', pdf.newName(subtype));
    looks.put('N', pdf.addStream(look, { Type: 'XObject', Subtype: 'Form', BBox: [0, 0, 200, 20] }));
    note.put('AP', looks);
    list.push(pdf.addObject(note));
    pdf.findPage(0).put('Annots', list);
  }), 'a.pdf');
  expect(integrity.map((i) => i.code)).toEqual(codes);
});
