import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadMupdf } from '../../engines/pdf.ts';
import { plantedDocx, plantedPdf } from '../../testing/plant.ts';
import { shrinkFile } from '../../verbs/shrink.ts';
import { CannotDo } from '../../model/outcome.ts';
import { gentlestWithin, levelAt } from './level.ts';

const folder = mkdtempSync(join(tmpdir(), 'shrink-')), file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
/** A picture full of detail, so that it takes room: a pattern that no two neighbours share. */
async function busyPicture(kind: 'jpeg' | 'png', side: number): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, side, side], false), pixels = pixmap.getPixels();
  // Looked up once: in the test's sandbox a global costs more than the pixel.
  const { sin } = Math;
  let seed = 1;
  for (let i = 0; i < pixels.length; i++) { seed = (seed * 1103515245 + 12345) % 2147483648; pixels[i] = 128 + 60 * sin(i / 900) + (seed % 40); }
  try { return (kind === 'jpeg' ? pixmap.asJPEG(95, false) : pixmap.asPNG()).slice(); } finally { pixmap.destroy(); }
}
const picturePdf = (picture: Uint8Array) => plantedPdf((pdf, mupdf) => {
  const image = new mupdf.Image(picture), objects = pdf.newDictionary(), page = pdf.findPage(0);
  objects.put('Im', pdf.addImage(image));
  page.getInheritable('Resources').put('XObject', objects);
  const list = pdf.newArray();
  list.push(page.get('Contents'));
  list.push(pdf.addStream('q 400 0 0 400 90 60 cm /Im Do Q', {}));
  page.put('Contents', list);
  image.destroy();
});

describe('PDF', () => {
  test.each([0.6, 0.3, 0.12])('lands between 80 and 100 %% of %d of its size, text the same, sound for qpdf', async (share) => {
    const bytes = await picturePdf(await busyPicture('jpeg', 1400)), limit = Math.round(bytes.length * share), done = await shrinkFile(file('a.pdf', bytes), limit);
    expect(done.met).toBe(true);
    expect(done.after).toBeLessThanOrEqual(limit);
    expect(done.after).toBeGreaterThan(limit * 0.8);
    expect([done.proof.textSame, done.proof.pagesSame]).toEqual([true, true]);
    const path = `${folder}/a-${share}.pdf`;
    writeFileSync(path, done.bytes);
    execFileSync('qpdf', ['--check', path]);
  });
  test('what fits already is left as it is', async () => { const bytes = await plantedPdf(), done = await shrinkFile(file('a.pdf', bytes), bytes.length); expect([done.bytes === bytes, done.steps]).toEqual([true, []]); });
  test('unused objects go first, pictures stay untouched', async () => {
    const bytes = await plantedPdf((pdf) => { for (let i = 0; i < 40; i++) pdf.addStream(`unused ${i} ${'x'.repeat(900)}`, {}); }, { save: '' }), done = await shrinkFile(file('a.pdf', bytes), 12_000);
    expect([done.met, done.pictures, done.proof.maxPixelDifference]).toEqual([true, null, 0]);
  });
  test('what cannot be met decently is said, with what else helps', async () => { const done = await shrinkFile(file('a.pdf', await picturePdf(await busyPicture('jpeg', 900))), 2000); expect([done.met, done.advice !== null, done.after < done.before]).toEqual([false, true, true]); });
});
test('DOCX: its pictures', async () => {
  const bytes = plantedDocx('', { 'word/media/image1.jpg': await busyPicture('jpeg', 1600) }), done = await shrinkFile(file('a.docx', bytes), Math.round(bytes.length * 0.4));
  expect([done.met, done.proof.textSame, done.after > done.maxBytes * 0.6]).toEqual([true, true, true]);
});
test.each([['a.txt', 'plain words'], ['a.url', '[InternetShortcut]\nURL=https://x.example']])('%s cannot be shrunk, and that is said', async (name, text) => { await expect(shrinkFile(file(name, new TextEncoder().encode(text)), 5)).rejects.toBeInstanceOf(CannotDo); });
test('a limit that is no number is refused', async () => { await expect(shrinkFile(file('a.pdf', await plantedPdf()), NaN)).rejects.toThrow(/limit/); });
test('the search ends at the gentlest level that fits', async () => {
  const size = (q: number) => ({ length: q * 100 }), found = await gentlestWithin((l) => Promise.resolve(size(l.quality)), 6500, () => {});
  expect(found!.bytes.length).toBeLessThanOrEqual(6500);
  expect(found!.bytes.length).toBeGreaterThan(6000);
  expect(await gentlestWithin(() => Promise.resolve(size(99)), 10, () => {})).toBeNull();
  expect([levelAt(0).dpi, levelAt(1).dpi]).toEqual([300, 72]);
});
