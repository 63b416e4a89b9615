import { expect, test } from '@jest/globals';
import { plainPicture, plantedDocx, plantedPdf, savedAgain } from '../testing/plant.ts';
import { anatomyOf } from './anatomy.ts';

const groups = (a: Awaited<ReturnType<typeof anatomyOf>>): Record<string, number> => a.parts.reduce<Record<string, number>>((sum, p) => ({ ...sum, [p.group]: (sum[p.group] ?? 0) + p.bytes }), {});
const withPicture = (picture: Uint8Array) => plantedPdf((pdf, mupdf) => { const objects = pdf.newDictionary(); objects.put('Im', pdf.addImage(new mupdf.Image(picture))); pdf.findPage(0).get('Resources').put('XObject', objects); });

test('the parts of every kind add up to the file', async () => {
  const picture = await plainPicture('jpeg', 300, 200), pdf = await withPicture(picture);
  for (const [name, bytes] of [['p.pdf', pdf], ['p.docx', plantedDocx('', { 'word/media/image1.jpg': picture })], ['p.jpg', picture], ['again.pdf', await savedAgain(pdf, (d) => { d.getTrailer().get('Root').put('Lang', d.newString('en')); })]] as const) {
    const a = await anatomyOf(bytes, name);
    expect(a.total).toBe(bytes.length);
    expect(a.parts.reduce((n, p) => n + p.bytes, 0)).toBe(bytes.length);
    expect(a.parts.every((p) => p.bytes > 0)).toBe(true);
  }
});
test('a picture is told as a picture, with its exact stored size', async () => {
  const picture = await plainPicture('jpeg', 300, 200), a = await anatomyOf(await withPicture(picture), 'p.pdf');
  expect(a.parts.find((p) => p.group === 'pictures')).toEqual({ group: 'pictures', label: '300 × 200 pixels', bytes: picture.length });
  expect(groups(await anatomyOf(await plantedPdf(), 'p.pdf')).pictures).toBeUndefined();
});
test('a stream that a later saved state replaced is told as earlier', async () => {
  const first = await plantedPdf(), again = await savedAgain(first, (pdf) => { pdf.findPage(0).get('Contents').writeStream('BT /F 12 Tf 72 500 Td (Other words that are much longer than what was there before, so that the length is another one altogether) Tj ET'); });
  expect(groups(await anatomyOf(again, 'p.pdf')).earlier).toBeGreaterThan(20);
  expect(groups(await anatomyOf(first, 'p.pdf')).earlier).toBeUndefined();
});
test('what has no parts is refused, and so is what is locked', async () => {
  await expect(anatomyOf(new TextEncoder().encode('plain words only'), 'a.txt')).rejects.toMatchObject({ code: 'unsupported', file: 'a.txt' });
});
