import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Raster } from '../../scan/raster.ts';
import { Package } from '../../engines/zip.ts';
import { loadMupdf } from '../../engines/pdf.ts';
import { plantedDocx, plantedOdt, plantedPdf } from '../../testing/plant.ts';
import { photoFile } from '../../testing/photo.ts';
import { shrinkFile } from '../../verbs/shrink.ts';
import { CannotDo } from '../../model/outcome.ts';
import { gentlestByGuess, gentlestWithin, levelAt, type Level } from './level.ts';

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
test('a limit that leaves room for it leaves a picture nearly as it is', async () => {
  const bytes = await picturePdf(await busyPicture('png', 700)), done = await shrinkFile(file('a.pdf', bytes), Math.round(bytes.length * 0.5));
  expect([done.met, done.pictures!.quality > 90, done.after > done.maxBytes * 0.8]).toEqual([true, true, true]);
});
test('a scan of two colours keeps two, at a resolution that can be read', async () => {
  // A page of print, as large pixels: letters are runs of black in white.
  const side = 3000, row = side / 8, bits = new Uint8Array(row * side).fill(255);
  let seed = 7;
  const stroke = (left: number, top: number, wide: number, high: number): void => { for (let y = top; y < Math.min(side, top + high); y++) for (let x = left; x < Math.min(side, left + wide); x++) bits[y * row + (x >> 3)]! &= ~(0x80 >> (x & 7)); };
  for (let y = 40; y < side - 60; y += 64) for (let x = 40; x < side - 40; x += 34) { seed = (seed * 1103515245 + 12345) % 2147483648; for (let k = 0; k < 3; k++) stroke(x + ((seed >> (k * 5)) % 18), y + ((seed >> (k * 4 + 3)) % 22), (seed >> k) & 1 ? 5 : 18, (seed >> k) & 1 ? 26 : 5); }
  const bytes = await plantedPdf((pdf) => {
    const dict = pdf.newDictionary(), objects = pdf.newDictionary(), page = pdf.findPage(0), list = pdf.newArray();
    for (const [key, value] of Object.entries({ Type: 'XObject', Subtype: 'Image', ColorSpace: 'DeviceGray' })) dict.put(key, pdf.newName(value));
    for (const [key, value] of Object.entries({ Width: side, Height: side, BitsPerComponent: 1 })) dict.put(key, value);
    objects.put('Im', pdf.addStream(bits, dict));
    page.getInheritable('Resources').put('XObject', objects);
    list.push(page.get('Contents'));
    list.push(pdf.addStream('q 400 0 0 400 90 60 cm /Im Do Q', {}));
    page.put('Contents', list);
  }), done = await shrinkFile(file('a.pdf', bytes), Math.round(bytes.length * 0.6));
  expect([done.met, done.after > done.maxBytes * 0.7]).toEqual([true, true]);
  const path = `${folder}/lines.pdf`;
  writeFileSync(path, done.bytes);
  const listed = execFileSync('pdfimages', ['-list', path]).toString().trim().split('\n').at(-1)!.trim().split(/\s+/);
  expect([listed[5], listed[7], Number(listed[12]) >= 145]).toEqual(['gray', '1', true]);
});
test('the page whose pictures changed most is named; none where none did', async () => {
  const picture = await busyPicture('jpeg', 900), bytes = await plantedPdf((pdf, mupdf) => {
    const image = new mupdf.Image(picture), resources = pdf.newDictionary(), objects = pdf.newDictionary();
    objects.put('Im', pdf.addImage(image)); resources.put('XObject', objects);
    pdf.insertPage(-1, pdf.addPage([0, 0, 595, 842], 0, pdf.addObject(resources), 'q 400 0 0 400 90 60 cm /Im Do Q'));
    image.destroy();
  }), done = await shrinkFile(file('a.pdf', bytes), Math.round(bytes.length * 0.3));
  expect([done.met, done.proof.worstPage, (await shrinkFile(file('a.pdf', bytes), bytes.length)).proof.worstPage]).toEqual([true, 2, null]);
});
test('a photo is compared at the size it has afterwards', async () => {
  const bytes = await busyPicture('jpeg', 1600), done = await shrinkFile(file('a.jpg', bytes), Math.round(bytes.length * 0.2));
  expect([done.met, done.proof.maxPixelDifference! < 120]).toEqual([true, true]);
});
test('DOCX: its pictures', async () => {
  const bytes = plantedDocx('', { 'word/media/image1.jpg': await busyPicture('jpeg', 1600) }), done = await shrinkFile(file('a.docx', bytes), Math.round(bytes.length * 0.4));
  expect([done.met, done.proof.textSame, done.after > done.maxBytes * 0.6]).toEqual([true, true, true]);
});
/** A document with pictures of all sorts: a photograph, the same with clear parts, and a drawing of few colours. */
async function withPng(kind: 'docx' | 'odt'): Promise<Uint8Array> {
  const photo = await busyPicture('png', 700), mupdf = await loadMupdf(), clear = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, 700, 700], true), few = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, 700, 700], false), pixels = clear.getPixels(), { sin } = Math;
  for (let i = 0; i < pixels.length; i++) pixels[i] = i % 4 === 3 ? 90 : Math.min(90, 40 + 40 * sin(i * i));
  few.clear(200);
  const pictures = [photo, clear.asPNG().slice(), few.asPNG().slice()];
  clear.destroy(); few.destroy();
  const relation = (n: number): string => `<Relationship Id="rId${n}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/image" Target="media/image${n}.png"/>`;
  return kind === 'docx'
    ? plantedDocx('', { ...Object.fromEntries(pictures.map((p, i) => [`word/media/image${i + 1}.png`, p])), 'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${[1, 2, 3].map(relation).join('')}</Relationships>` })
    : plantedOdt(`<text:p>${[1, 2, 3].map((n) => `<draw:image xlink:href="Pictures/image${n}.png"/>`).join('')}</text:p>`, { ...Object.fromEntries(pictures.map((p, i) => [`Pictures/image${i + 1}.png`, p])), 'META-INF/manifest.xml': `<manifest:manifest>${[1, 2, 3].map((n) => `<manifest:file-entry manifest:full-path="Pictures/image${n}.png" manifest:media-type="image/png"/>`).join('')}</manifest:manifest>` });
}
test.each(['docx', 'odt'] as const)('%s: a photograph that is kept without loss becomes JPEG; clear parts and drawings stay as they are', async (kind) => {
  const bytes = await withPng(kind), done = await shrinkFile(file(`a.${kind}`, bytes), Math.round(bytes.length * 0.75)), pack = new Package(done.bytes), folderOf = kind === 'docx' ? 'word/media' : 'Pictures';
  expect([done.met, done.proof.textSame]).toEqual([true, true]);
  expect(pack.names().filter((n) => n.startsWith(folderOf)).sort()).toEqual(['image1.jpg', 'image2.png', 'image3.png'].map((n) => `${folderOf}/${n}`));
  expect(pack.part(`${folderOf}/image1.jpg`)!.slice(0, 2)).toEqual(new Uint8Array([0xff, 0xd8]));
  const said = kind === 'docx' ? ['word/_rels/document.xml.rels', '[Content_Types].xml'] : ['content.xml', 'META-INF/manifest.xml'], texts = said.map((n) => pack.text(n)!);
  for (const text of texts) expect(text).not.toContain('image1.png');
  expect([texts[0]!.includes('image1.jpg'), texts[0]!.includes('image2.png'), /image\/jpeg/.test(texts[1]!)]).toEqual([true, true, true]);
});
test.each([['four inks, turned about as printers’ files have them', 'DeviceCMYK', 4], ['greys that are turned about', 'DeviceGray', 1]])('a picture of %s is pressed as well, in its own inks', async (_, space, inks) => {
  const side = 500, samples = new Uint8Array(side * side * inks), { sin } = Math;
  let seed = 3;
  for (let i = 0; i < samples.length; i++) { seed = (seed * 1103515245 + 12345) % 2147483648; samples[i] = 60 + 40 * sin(i / 7000) + ((seed >> 12) % 5); }
  const bytes = await plantedPdf((pdf) => {
    const dict = pdf.newDictionary(), objects = pdf.newDictionary(), page = pdf.findPage(0), list = pdf.newArray(), decode = pdf.newArray();
    for (const [key, value] of Object.entries({ Type: 'XObject', Subtype: 'Image', ColorSpace: space })) dict.put(key, pdf.newName(value));
    for (const [key, value] of Object.entries({ Width: side, Height: side, BitsPerComponent: 8 })) dict.put(key, value);
    for (let i = 0; i < inks; i++) { decode.push(1); decode.push(0); }
    dict.put('Decode', decode);
    objects.put('Im', pdf.addStream(samples, dict));
    page.getInheritable('Resources').put('XObject', objects);
    list.push(page.get('Contents')); list.push(pdf.addStream('q 400 0 0 400 90 60 cm /Im Do Q', {}));
    page.put('Contents', list);
  }), done = await shrinkFile(file('a.pdf', bytes), Math.round(bytes.length * 0.4));
  // Turned the wrong way every pixel would differ by far more.
  expect([done.met, done.proof.pagesSame, done.proof.maxPixelDifference! < 6]).toEqual([true, true, true]);
});
test.each([['a.txt', 'plain words'], ['a.url', '[InternetShortcut]\nURL=https://x.example']])('%s cannot be shrunk, and that is said', async (name, text) => { await expect(shrinkFile(file(name, new TextEncoder().encode(text)), 5)).rejects.toBeInstanceOf(CannotDo); });
test('a limit that is no number is refused', async () => { await expect(shrinkFile(file('a.pdf', await plantedPdf()), NaN)).rejects.toThrow(/limit/); });
test('the search ends at the gentlest level that fits', async () => {
  let looks = 0;
  const found = await gentlestWithin((l) => { looks++; return l.quality * 100; }, 6500, () => {});
  expect(found!.size).toBeLessThanOrEqual(6500);
  expect(found!.size).toBeGreaterThan(6000);
  expect(looks).toBeLessThanOrEqual(5);
  expect(await gentlestWithin(() => 99, 10, () => {})).toBeNull();
  // Where there is room for more than a gentle loss, there is less; and where all of it fits, none but the least.
  expect((await gentlestWithin((l) => l.quality * 100, 9900, () => {}))!.level.quality).toBeGreaterThan(92);
  expect((await gentlestWithin((l) => l.quality * 100, 20_000, () => {}))!.level).toEqual(levelAt(-1));
  // Sizes that fall in one step only.
  expect((await gentlestWithin((l) => (l.dpi > 100 ? 5000 : 1000), 2000, () => {}))!.size).toBe(1000);
  expect([levelAt(0).dpi, levelAt(1).dpi]).toEqual([300, 72]);
});
test('where guesses are cheap and wrong by a share, few sizes are asked for, and the last one fits', async () => {
  const asked: number[] = [], size = (l: Level) => { asked.push(l.quality); return l.quality * 100; }, guess = (l: Level) => l.quality * 60;
  const search = (limit: number, share: () => number, of = size) => gentlestByGuess(guess, share, of, limit, () => {});
  for (const share of [() => 1, () => 1.6]) {
    asked.length = 0;
    const found = await search(6500, share);
    expect([found!.size <= 6500, found!.size > 6500 * 0.87, found!.size === found!.level.quality * 100, asked.length <= 2]).toEqual([true, true, true, true]);
  }
  expect([(await search(20_000, () => 1))!.level, await search(10, () => 1)]).toEqual([levelAt(-1), null]);
  // Guesses that say nothing: no level that was seen to be too large is given out.
  expect(await search(5000, () => 1, (l) => (l.dpi > 73 ? 9000 : 4000))).toMatchObject({ level: levelAt(1), size: 4000 });
});
test.each([6, 3, 8])('a photo whose file says that it is turned (%d) still says so', async (turn) => {
  const raster: Raster = { width: 900, height: 600, channels: 3, data: new Uint8Array(900 * 600 * 3) };
  for (let i = 0, seed = 1; i < raster.data.length; i++) { seed = (seed * 1103515245 + 12345) % 2147483648; raster.data[i] = 128 + (seed % 90); }
  const bytes = await photoFile(raster, 'jpeg', turn), done = await shrinkFile(file('a.jpg', bytes), Math.round(bytes.length * 0.4)), path = `${folder}/turned-${turn}.jpg`;
  expect([done.met, done.bytes.length === done.after]).toEqual([true, true]);
  writeFileSync(path, done.bytes);
  expect(execFileSync('exiftool', ['-n', '-s3', '-Orientation', path]).toString().trim()).toBe(String(turn));
});
