import { describe, expect, test } from '@jest/globals';
import { Package } from '../../engines/zip.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { photoFile } from '../../testing/photo.ts';
import type { Raster } from '../../scan/raster.ts';
import { pictureSize } from '../../readers/image/read.ts';
import { sameBytes } from '../../text/bytes.ts';
import { convertFiles } from '../../verbs/convert.ts';

function pattern(width: number, height: number, seed: number): Raster {
  const data = new Uint8Array(width * height * 3);
  for (let i = 0; i < data.length; i++) { seed = (seed * 1103515245 + 12345) % 2147483648; data[i] = 120 + (seed % 90); }
  return { width, height, channels: 3, data };
}
/** A page that shows photographs one above the other, as they stand, each with what its dictionary says beside. */
const pageOf = (photos: { bytes: Uint8Array; size: [number, number]; beside?: Record<string, number[]> }[]) => plantedPdf((pdf) => {
  const objects = pdf.newDictionary(), page = pdf.findPage(0), list = pdf.newArray();
  list.push(page.get('Contents'));
  photos.forEach(({ bytes, size: [w, h], beside = {} }, k) => {
    const dict = pdf.newDictionary();
    for (const [key, value] of Object.entries({ Type: 'XObject', Subtype: 'Image', ColorSpace: 'DeviceRGB', Filter: 'DCTDecode' })) dict.put(key, pdf.newName(value));
    for (const [key, value] of Object.entries({ Width: w, Height: h, BitsPerComponent: 8 })) dict.put(key, value);
    for (const [key, values] of Object.entries(beside)) { const array = pdf.newArray(); for (const value of values) array.push(value); dict.put(key, array); }
    objects.put(`Im${k}`, pdf.addRawStream(bytes, dict));
    list.push(pdf.addStream(`q 180 0 0 120 90 ${80 + k * 150} cm /Im${k} Do Q`, {}));
  });
  page.getInheritable('Resources').put('XObject', objects);
  page.put('Contents', list);
});
async function carriedOver(pdf: Uint8Array): Promise<Uint8Array[]> {
  const done = await convertFiles([{ name: 'a.pdf', path: 'a.pdf', bytes: pdf }], {}, undefined, 'docx'), pack = new Package(done.bytes);
  return pack.names().filter((n) => n.startsWith('word/media/')).sort().map((n) => pack.part(n)!);
}

describe('photographs of a PDF that becomes a word-processor file', () => {
  test('are carried over as they stand, each in its place, without what their files say of themselves', async () => {
    const [a, b] = [await photoFile(pattern(600, 400, 3), 'jpeg', 6), await photoFile(pattern(480, 320, 5))], plain = await photoFile(pattern(600, 400, 3));
    const pictures = await carriedOver(await pageOf([{ bytes: a, size: [600, 400] }, { bytes: b, size: [480, 320] }]));
    // The one that stands higher on the page comes first.
    expect(pictures.map((p) => [sameBytes(p, b), sameBytes(p, plain), sameBytes(p, a)])).toEqual([[true, false, false], [false, true, false]]);
  });
  test.each([
    ['two of the same size, which cannot be told apart', [{}, {}]], ['turned values', [{ Decode: [1, 0, 1, 0, 1, 0] }]], ['a colour that is left out', [{ Mask: [0, 3, 0, 3, 0, 3] }]],
  ])('are drawn anew where the bytes alone would not show the same: %s', async (_why, besides) => {
    const photos = await Promise.all(besides.map(async (beside, k) => ({ bytes: await photoFile(pattern(600, 400, k + 3)), size: [600, 400] as [number, number], beside })));
    const pictures = await carriedOver(await pageOf(photos));
    expect(pictures).toHaveLength(photos.length);
    for (const picture of pictures) expect([photos.some(({ bytes }) => sameBytes(bytes, picture)), pictureSize(picture)]).toEqual([false, { width: 600, height: 400 }]);
  });
  test('a page without pictures gives none', async () => { expect(await carriedOver(await plantedPdf())).toEqual([]); });
});
