import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { startOcr, type Ocr } from '../engines/ocr.ts';
import { checkFiles } from '../verbs/check.ts';
import { readReceipt } from '../verbs/receipt.ts';
import { redactFile } from '../verbs/redact.ts';
import { addTextLayer } from '../verbs/text-layer.ts';
import { readDocument } from './index.ts';
import { scanPhotos } from '../verbs/scan.ts';
import { pictureText, readImageText, scannedText } from './image-text.ts';
import { encodeTiff } from '../mends/redact/encode.ts';
import type { Turn } from '../scan/any-way-up.ts';
import { decodePhoto, turn, type Raster } from '../scan/raster.ts';
import { emptyBrief } from '../model/brief.ts';
import { nina } from '../testing/made.ts';
import { drawnPage, photoFile } from '../testing/photo.ts';
import { plainPicture, plantedDocx, plantedOdt, plantedPdf, secret } from '../testing/plant.ts';

const places = { langPath: join(dirname(createRequire(import.meta.url).resolve('@tesseract.js-data/eng/package.json')), '4.0.0_best_int') };
let ocr: Ocr, picture: Uint8Array, asked = 0;
const job = { ocr: async () => { asked++; return ocr; } }, named = (name: string, bytes: Uint8Array) => ({ path: name, name, bytes });
beforeAll(async () => {
  ocr = await startOcr(places);
  picture = await photoFile(await drawnPage(`Receipt number: CS-48213-77\nReceived: 12 March 2027 16:00 GMT\nFile name: Y3921847_GEO3107.pdf\nHanded in by ${secret}`, { dpi: 110, size: 14 }), 'png');
}, 60_000);
afterAll(async () => { await ocr.close(); });

const options = { details: nina, brief: { ...emptyBrief(), anonymous: true }, now: Date.parse('2027-03-01T10:00:00Z') };
const hits = async (name: string, bytes: Uint8Array): Promise<string[]> => (await checkFiles([named(name, bytes)], options, job)).files[0]!.findings.filter((f) => f.check === 'identity.image-text').map((f) => `${f.standing} ${f.detail} ${f.place.part} ${f.place.page}`);

/** Two lines of writing on white, cut out of a drawn page. */
async function label(lines: string): Promise<Raster> {
  const drawn = await drawnPage(lines, { dpi: 110, size: 16 }), [left, top, width, height] = [90, 150, 620, 130];
  return { width, height, channels: 3, data: Uint8Array.from({ length: width * height * 3 }, (_, i) => drawn.data[((top + Math.floor(i / 3 / width)) * drawn.width + left + (Math.floor(i / 3) % width)) * 3 + (i % 3)]!) };
}
test('a name that only a picture shows is found: picture file, scanned page, picture in a word-processor file', async () => {
  expect(await hits('form.png', picture)).toEqual(expect.arrayContaining(['stops surname picture null', 'stops candidateNumber picture null']));
  const { bytes } = await scanPhotos([named('form.png', picture)], 'grey');
  const scanned = await checkFiles([named('scan.pdf', bytes)], options, job), found = scanned.files[0]!.findings.find((f) => f.check === 'identity.image-text' && f.detail === 'surname');
  expect([found?.standing, found?.place.page]).toEqual(['stops', 1]);
  const [x0, y0, x1, y1] = found!.place.box!;
  expect(x1 - x0).toBeGreaterThan(50); expect(y1 - y0).toBeLessThan(40); expect(y0).toBeGreaterThan(100);
  expect(await hits('paper.docx', plantedDocx('', { 'word/media/image1.png': picture }))).toContain('stops surname word/media/image1.png null');
}, 60_000);
test('what a picture shows of the student is taken out of its pixels; the rest of the picture stays', async () => {
  const { bytes } = await scanPhotos([named('form.png', picture)], 'grey'), done = await redactFile(named('scan.pdf', bytes), nina, job);
  expect(done.proof).toMatchObject({ pagesSame: true, left: 0 });
  expect(done.taken.map((t) => t.text).join(' ')).toMatch(/Vestergaard/);
  const text = await scannedText(done.bytes, ocr);
  expect(text).toMatch(/CS-48213-77/);
  expect(text).not.toMatch(/Vestergaard|Imani|Y3921847/);
  // Without a reader of pictures nothing is found there, and nothing is said to be taken.
  expect((await redactFile(named('scan.pdf', bytes), nina)).taken).toEqual([]);
}, 60_000);
test('a picture that lies over the words of a page is read; words over a picture are not read twice', async () => {
  const { width, height, data } = await label(`Handed in by ${secret}`);
  const page = (order: (words: string, picture: string) => string) => plantedPdf((pdf, mupdf) => {
    const pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, width, height], false), objects = pdf.newDictionary();
    pixmap.getPixels().set(data);
    objects.put('Im', pdf.addImage(new mupdf.Image(pixmap)));
    pdf.findPage(0).getInheritable('Resources').put('XObject', objects);
    pdf.findPage(0).put('Contents', pdf.addStream(order(`BT /F 12 Tf 14 TL 60 360 Td ${Array.from({ length: 6 }, () => "(Each flood tide carries silt and clay over the surface of the marsh and leaves it there) '").join(' ')} ET`, 'q 310 0 0 65 150 295 cm /Im Do Q'), {}));
  });
  expect(await hits('over.pdf', await page((words, picture) => `${words} ${picture}`))).toContain('stops surname text 1');
  const under = await readDocument(await page((words, picture) => `${picture} ${words}`), 'under.pdf');
  await readImageText(await page((words, picture) => `${picture} ${words}`), under, job);
  expect(under.passages.ok && under.passages.value.filter((p) => p.place === 'imageText').map((p) => p.text).join(' ')).not.toMatch(/flood tide/);
}, 60_000);
test('pixels of a picture file and of pictures in word-processor files: the detail goes, the rest stays, turned or not', async () => {
  const turned = await photoFile(turn(await drawnPage(`Received: 12 March 2027 16:00 GMT\nHanded in by ${secret}\nThe survey of the foreshore`, { dpi: 110, size: 14 }), 270), 'jpeg', 6);
  const files = [named('form.png', picture), named('paper.docx', plantedDocx('', { 'word/media/image1.png': picture })), named('paper.odt', plantedOdt('', { 'Pictures/1.jpg': turned }))];
  for (const file of files) {
    expect(await hits(file.name, file.bytes)).toEqual(expect.arrayContaining([expect.stringMatching(/^stops surname/)]));
    const done = await redactFile(file, nina, job);
    expect(done.taken.map((t) => t.text).join(' ')).toMatch(/Vestergaard/);
    expect(done.proof).toMatchObject({ pagesSame: true, left: 0 });
    expect((await hits(file.name, done.bytes)).filter((h) => h.startsWith('stops'))).toEqual([]);
    const facts = await readDocument(done.bytes, file.name);
    await readImageText(done.bytes, facts, job);
    const shown = facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'imageText').map((p) => p.text).join('\n') : '';
    expect(shown).toMatch(/12 March 2027/);
    expect(shown).not.toMatch(/Imani|Vestergaard/);
  }
  // Pixels away from the place are the same ones: PNG keeps every other value.
  const [before, after] = await Promise.all([decodePhoto(picture, 'a.png'), redactFile(files[0]!, nina, job).then((d) => decodePhoto(d.bytes, 'b.png'))]), differs = before.data.reduce((n, v, i) => n + (v === after.data[i] ? 0 : 1), 0);
  expect(differs).toBeGreaterThan(500);
  expect(differs).toBeLessThan(before.data.length * 0.05);
}, 120_000);
test('a screenshot of two lines, stored any way up and without a flag, as PNG and as TIFF: the name is found, and its pixels go', async () => {
  const wide = await label(`The survey of the foreshore\nHanded in by ${secret}`), { width, height } = wide;
  for (const degrees of [0, 90, 180, 270] as const) {
    const stored = turn(wide, degrees), file = degrees === 90 ? named('note.tif', encodeTiff({ ...stored, channels: 3, alpha: null }, 1)) : named('note.png', await photoFile(stored, 'png'));
    expect(await hits(file.name, file.bytes)).toEqual(expect.arrayContaining([expect.stringMatching(/^stops surname/)]));
    const done = await redactFile(file, nina, job), after = await decodePhoto(done.bytes, file.name), back = turn(after, ((360 - degrees) % 360) as 0);
    expect(done.taken.map((t) => t.text).join(' ')).toMatch(/Imani/);
    expect((await hits(file.name, done.bytes)).filter((h) => h.startsWith('stops'))).toEqual([]);
    // The first line is the same in every pixel; the second is not.
    const changed = (from: number, to: number): number => { let n = 0; for (let y = from; y < to; y++) for (let x = 0; x < width; x++) if (back.data[(y * width + x) * back.channels] !== wide.data[(y * width + x) * 3]) n++; return n; };
    const rows = Array.from({ length: height }, (_, y) => Array.from({ length: width }, (_, x) => wide.data[(y * width + x) * 3]!).some((v) => v < 128)), firstEnd = rows.findIndex((ink, y) => !ink && rows.slice(0, y).some(Boolean));
    expect(changed(0, firstEnd)).toBe(0);
    expect(changed(firstEnd, height)).toBeGreaterThan(200);
  }
}, 120_000);
/** A page of pictures without text, each with its matrix. */
const pageOf = (pictures: { bytes: Uint8Array; matrix: string }[]) => plantedPdf((pdf, mupdf) => {
  const page = pdf.findPage(0), objects = pdf.newDictionary(), resources = pdf.newDictionary();
  pictures.forEach(({ bytes }, i) => objects.put(`I${i}`, pdf.addImage(new mupdf.Image(bytes))));
  resources.put('XObject', objects); page.put('Resources', resources);
  page.put('Contents', pdf.addStream(pictures.map(({ matrix }, i) => `q ${matrix} cm /I${i} Do Q`).join('\n'), {}));
});
test('pictures that lie any way up on a PDF page, beside one that stands upright: the name is found where it lies, and its pixels go', async () => {
  const upright = await photoFile(await label('The survey of the foreshore\nReceived on 12 March 2027'), 'png'), other = await label(`Measured in the creek\nHanded in by ${secret}`);
  // Where the second line of the other picture lies on the page, whose top is at 842: [x0, y0, x1, y1] from the top left. The label is 310 by 65 points.
  const ways: [Turn, string, [number, number, number, number]][] = [[90, '65 0 0 310 200 300', [200, 232, 265, 542]], [180, '310 0 0 65 100 300', [100, 477, 410, 542]], [270, '65 0 0 310 300 200', [300, 332, 365, 642]]];
  for (const [degrees, matrix, [x0, y0, x1, y1]] of ways) {
    const file = named('pictures.pdf', await pageOf([{ bytes: upright, matrix: '310 0 0 65 100 700' }, { bytes: await photoFile(turn(other, degrees), 'png'), matrix }]));
    const found = (await checkFiles([file], options, job)).files[0]!.findings.filter((f) => f.check === 'identity.image-text' && f.standing === 'stops');
    expect(found.length).toBeGreaterThan(0);
    for (const { place: { box, page } } of found) {
      expect(page).toBe(1);
      expect([box![0] >= x0 - 1, box![1] >= y0 - 1, box![2] <= x1 + 1, box![3] <= y1 + 1]).toEqual([true, true, true, true]);
      // As long as the words are, and no wider than a line.
      const [wide, high] = [box![2] - box![0], box![3] - box![1]];
      expect(degrees === 180 ? high : wide).toBeLessThan(25);
      expect(degrees === 180 ? wide : high).toBeLessThan(240);
    }
    const done = await redactFile(file, nina, job), facts = await readDocument(done.bytes, file.name);
    expect(done.taken.map((t) => t.text).join(' ')).toMatch(/Imani/);
    await readImageText(done.bytes, facts, job);
    const text = facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'imageText').map((p) => p.text).join('\n') : '';
    expect(text).toMatch(/12 March 2027/);
    expect(text).toMatch(/Measured in the creek/);
    expect(text).not.toMatch(/Imani|Vestergaard/);
  }
}, 120_000);
test('a chart without words on a page is looked at and not held to be unread; without a reader its page is', async () => {
  const chart: Raster = { width: 300, height: 200, channels: 1, data: new Uint8Array(60_000).fill(255) };
  for (let x = 10; x < 290; x++) for (const y of [190, 190 - Math.round(60 + 55 * Math.sin(x / 25))]) { chart.data[y * 300 + x] = 0; chart.data[(y - 1) * 300 + x] = 0; }
  const bytes = await pageOf([{ bytes: await photoFile(chart, 'png'), matrix: '300 0 0 200 100 400' }]), facts = await readDocument(bytes, 'chart.pdf'), gaps = () => (facts.passages.ok ? facts.passages.gaps.filter((g) => g.why === 'picture') : null);
  expect(gaps()).toEqual([{ part: 'text', page: 1, why: 'picture' }]);
  await readImageText(bytes, facts, job);
  expect(gaps()).toEqual([]);
  expect(await hits('chart.pdf', bytes)).toEqual([]);
});
test('a scan that lies on its side or on its head gets its text along its lines, and another program reads it', async () => {
  const drawn = await drawnPage('The survey of the foreshore\nMeasured in the creek on 12 March', { dpi: 110, size: 16 });
  for (const degrees of [90, 180] as const) {
    const matrix = degrees === 180 ? '595 0 0 842 0 0' : '595 0 0 420 0 200', done = await addTextLayer(named('scan.pdf', await pageOf([{ bytes: await photoFile(turn(drawn, degrees), 'png'), matrix }])), job), path = join(mkdtempSync(join(tmpdir(), 'layer-')), 'a.pdf');
    expect(done.proof.maxPixelDifference).toBe(0);
    writeFileSync(path, done.bytes);
    const lines = execFileSync('pdftotext', [path, '-'], { encoding: 'utf8' }).trim().split(/\s*\n\s*/);
    expect(lines.sort()).toEqual(['Measured in the creek on 12 March', 'The survey of the foreshore']);
    expect(await scannedText(done.bytes, ocr)).toMatch(/survey of the foreshore/);
  }
}, 60_000);
test('a scan with its text under it: searched and counted by another program, no pixel changed, and not called hidden', async () => {
  const { bytes } = await scanPhotos([named('form.png', picture)], 'grey'), done = await addTextLayer(named('scan.pdf', bytes), job);
  expect(done.proof).toMatchObject({ pagesSame: true, maxPixelDifference: 0 });
  expect(done.pages[0]!.words).toBeGreaterThan(10);
  const path = join(mkdtempSync(join(tmpdir(), 'layer-')), 'a.pdf');
  writeFileSync(path, done.bytes);
  expect(execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' })).toMatch(/Receipt number:\s+CS-48213-77/);
  expect(execFileSync('pdffonts', [path], { encoding: 'utf8' })).toMatch(/yes yes yes/);
  const facts = await readDocument(done.bytes, 'scan.pdf');
  expect(facts.integrity.filter((i) => i.code === 'invisible')).toEqual([]);
  // Each word stands where the picture shows it: within three points of where the reader saw it.
  const name = facts.passages.ok ? facts.passages.value.flatMap((p) => p.lines?.map((l, i) => ({ text: p.text.slice(l.start, p.lines![i + 1]?.start), box: l.box })) ?? []).find((l) => /Handed/.test(l.text)) : undefined;
  const found = (await checkFiles([named('scan.pdf', bytes)], options, job)).files[0]!.findings.find((f) => f.check === 'identity.image-text' && f.detail === 'surname')!;
  expect(Math.abs(name!.box[1] - found.place.box![1])).toBeLessThan(8);
  await expect(addTextLayer(named('paper.pdf', await plantedPdf()), job)).rejects.toMatchObject({ code: 'unsupported' });
}, 60_000);
test('pictures without writing and pages of text are not read at all', async () => {
  const before = asked;
  expect(await hits('grey.png', await plainPicture('png', 400, 300))).toEqual([]);
  expect(await hits('paper.pdf', await plantedPdf())).toEqual([]);
  expect((await checkFiles([named('form.png', picture)], { ...options, brief: { ...emptyBrief(), anonymous: false } }, job)).files[0]!.findings.some((f) => f.check.startsWith('identity.'))).toBe(false);
  expect(asked).toBe(before);
});
test('a receipt may be a screenshot or a scan; without a reader the screenshot is refused with a way on', async () => {
  const file = named('Y3921847_GEO3107.pdf', await plantedPdf()), { bytes } = await scanPhotos([named('r.png', picture)], 'grey');
  for (const receipt of [named('r.png', picture), named('r.pdf', bytes)]) {
    const { fields } = await readReceipt(receipt, [file], null, '2027-03-12T18:00:00Z', job);
    expect([fields.id, fields.receivedAt, fields.fileNames]).toEqual(['CS-48213-77', '2027-03-12T16:00:00+00:00', ['Y3921847_GEO3107.pdf']]);
  }
  await expect(readReceipt(named('r.png', picture), [file], null, '2027-03-12T18:00:00Z')).rejects.toMatchObject({ code: 'unsupported', remedy: expect.stringMatching(/Copy the text/) });
}, 60_000);
test('pictures that are asked for together give what each gives alone, in the order of their pages', async () => {
  const pictures = await Promise.all(['first', 'second', 'third'].map(async (word) => named(`${word}.png`, await photoFile(await drawnPage(`This is the ${word} page of the report\nStation ${word} stands at the seaward edge of the marsh`, { dpi: 110, size: 14 }), 'png'))));
  const { bytes } = await scanPhotos(pictures, 'grey'), several = await startOcr(places, 2);
  try {
    const facts = await readDocument(bytes, 'scan.pdf', {});
    await readImageText(bytes, facts, { ocr: async () => several });
    const said = facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'imageText') : [];
    expect(said.map((p) => [p.page, /\b(first|second|third) page/.exec(p.text)?.[1]])).toEqual([[1, 'first'], [2, 'second'], [3, 'third']]);
    const pages = await Promise.all(pictures.map((p) => pictureText(p.bytes, p.name, several)));
    expect(pages).toEqual([await pictureText(pictures[0]!.bytes, 'a.png', ocr), await pictureText(pictures[1]!.bytes, 'b.png', ocr), await pictureText(pictures[2]!.bytes, 'c.png', ocr)]);
  } finally { await several.close(); }
}, 60_000);
