import { beforeAll, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withPdf, type PdfDocument } from '../../engines/pdf.ts';
import { cleanPicture } from '../../mends/clean/picture.ts';
import { dictOf, plainPicture, plantedPdf } from '../../testing/plant.ts';
import { samePages } from './same-pages.ts';
import { surveyPdf } from './survey.ts';

const bare = (jpeg: Uint8Array): Uint8Array | null => cleanPicture(jpeg, { keepOrientation: false });
const same = (a: Uint8Array, b: Uint8Array): Promise<boolean> => withPdf(a, (first) => withPdf(b, (second) => samePages({ pdf: first, survey: surveyPdf(first) }, { pdf: second, survey: surveyPdf(second) }, bare)));

/** A JPEG with a comment segment (ITU-T T.81, B.2.4.5). */
const remarked = (jpeg: Uint8Array, words: string): Uint8Array => {
  const text = new TextEncoder().encode(words);
  return new Uint8Array([...jpeg.subarray(0, 2), 0xff, 0xfe, 0, text.length + 2, ...text, ...jpeg.subarray(2)]);
};
type Plant = (pdf: PdfDocument, jpeg: Uint8Array) => void;
/** A page with a font, a picture, a form that refers to itself, a stamp, and a layer. */
const page: Plant = (pdf, jpeg) => {
  const at = pdf.findPage(0), resources = at.get('Resources').resolve();
  const picture = pdf.addRawStream(jpeg, dictOf(pdf, { Type: '/XObject', Subtype: '/Image', Width: 48, Height: 24, BitsPerComponent: 8, ColorSpace: '/DeviceRGB', Filter: '/DCTDecode' }));
  const form = pdf.addStream('0.2 g 100 100 50 50 re f', dictOf(pdf, { Type: '/XObject', Subtype: '/Form', BBox: [0, 0, 595, 842] })), inner = pdf.newDictionary();
  inner.put('Own', form);
  form.put('Resources', pdf.addObject(dictOf(pdf, { XObject: inner })));
  const objects = pdf.newDictionary();
  objects.put('P', picture); objects.put('F', form);
  resources.put('XObject', objects);
  at.put('Contents', pdf.addStream('BT /F 12 Tf 72 500 Td (Silt and clay) Tj ET q 48 0 0 24 72 300 cm /P Do Q /F Do', {}));
  const stamp = pdf.addStream('1 0 0 rg 0 0 20 20 re f', dictOf(pdf, { Type: '/XObject', Subtype: '/Form', BBox: [0, 0, 20, 20] })), look = pdf.newDictionary(), marks = pdf.newArray();
  look.put('N', stamp);
  marks.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Stamp', Rect: [300, 300, 320, 320], AP: look, Contents: 'who said it' })));
  marks.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Subtype: '/Link', Rect: [72, 495, 140, 512], Border: [0, 0, 0] })));
  at.put('Annots', marks);
};
const change = (plant: Plant, save?: string): Promise<Uint8Array> => plantedPdf((pdf) => { page(pdf, jpeg); plant(pdf, jpeg); }, save === undefined ? {} : { save });

let jpeg: Uint8Array, paper: Uint8Array;
beforeAll(async () => { jpeg = await plainPicture('jpeg'); paper = await change(() => {}); });

/** Changes that no page shows: hard negatives of a difference. */
const unseen: [string, Plant][] = [
  ['nothing', () => {}],
  ['objects that nothing refers to', (pdf) => { pdf.addStream('BT (an orphan) Tj ET', {}); }],
  ['a document information dictionary', (pdf) => { pdf.getTrailer().put('Info', pdf.addObject(dictOf(pdf, { Author: 'N. N.', Title: 'Silt' }))); }],
  ['metadata of the page', (pdf) => { pdf.findPage(0).put('LastModified', pdf.newString('D:20270312')); pdf.findPage(0).put('Metadata', pdf.addStream('<x/>', {})); }],
  ['what a picture says of itself', (pdf) => { pdf.findPage(0).get('Resources').get('XObject').get('P').writeRawStream(remarked(jpeg, 'taken by N. N.')); }],
  ['who made a mark', (pdf) => { pdf.findPage(0).get('Annots').get(0).put('T', pdf.newString('N. N.')); }],
];
test.each(unseen)('pages are the same whatever is done to %s', async (_what, plant) => {
  for (const save of ['compress', '', 'garbage=3,compress']) expect(await same(paper, await change(plant, save))).toBe(true);
});

/** Changes that a page shows, or may show. */
const shown: [string, Plant][] = [
  ['a letter of the text', (pdf) => { pdf.findPage(0).put('Contents', pdf.addStream('BT /F 12 Tf 72 500 Td (Silt and cloy) Tj ET q 48 0 0 24 72 300 cm /P Do Q /F Do', {})); }],
  ['the turn of a page', (pdf) => { pdf.findPage(0).put('Rotate', 90); }],
  ['the visible part of a page', (pdf) => { pdf.findPage(0).put('CropBox', [0, 0, 300, 300] as never); }],
  ['a font', (pdf) => { pdf.findPage(0).get('Resources').get('Font').get('F').put('BaseFont', pdf.newName('Courier')); }],
  ['the colour of a form', (pdf) => { pdf.findPage(0).get('Resources').get('XObject').get('F').writeStream('0.9 g 100 100 50 50 re f'); }],
  ['a byte of a picture', (pdf) => { const other = jpeg.slice(); other[other.length - 8]! ^= 0x15; pdf.findPage(0).get('Resources').get('XObject').get('P').writeRawStream(other); }],
  ['the place of a stamp', (pdf) => { pdf.findPage(0).get('Annots').get(0).put('Rect', [310, 300, 330, 320] as never); }],
  ['a stamp that is gone', (pdf) => { pdf.findPage(0).get('Annots').delete(0); }],
  ['another page', (pdf) => { pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, pdf.newDictionary(), '')); }],
  ['layers', (pdf) => { pdf.getTrailer().get('Root').put('OCProperties', dictOf(pdf, { OCGs: pdf.newArray() as never })); }],
  ['a mark without a look of its own', (pdf) => { pdf.findPage(0).get('Annots').get(0).delete('AP'); }],
  ['fields that the reader is to draw', (pdf) => { const form = pdf.newDictionary(); form.put('NeedAppearances', true as never); pdf.getTrailer().get('Root').put('AcroForm', form); }],
];
test.each(shown)('pages are not taken for the same with a change to %s', async (_what, plant) => { expect(await same(paper, await change(plant))).toBe(false); });

test('a file is the same as what qpdf writes of it, in object streams and unpacked', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'same-')), from = join(folder, 'a.pdf');
  writeFileSync(from, paper);
  for (const how of [['--object-streams=generate'], ['--qdf'], ['--linearize']]) {
    const to = join(folder, `${how[0]!.slice(2, 6)}.pdf`);
    expect(spawnSync('qpdf', [...how, from, to]).status).toBe(0);
    expect(await same(paper, new Uint8Array(readFileSync(to)))).toBe(true);
  }
});
