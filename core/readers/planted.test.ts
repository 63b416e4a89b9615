import { describe, expect, test } from '@jest/globals';
import { checkFiles } from '../verbs/check.ts';
import { cleanFile } from '../verbs/clean.ts';
import { nina } from '../testing/made.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, secret, wordPart, wordRun } from '../testing/plant.ts';
import { docxLeaks, odtLeaks, pdfLeaks } from '../testing/planted-leaks.ts';

const found = async (name: string, bytes: Uint8Array): Promise<string[]> => (await checkFiles([{ name, path: name, bytes }], { details: nina, now: 0 })).files[0]!.findings.filter((f) => f.detail !== null).map((f) => `${f.check} ${f.standing} ${f.place.part}`);

describe.each([['PDF', pdfLeaks], ['DOCX', docxLeaks], ['ODT', odtLeaks]] as const)('%s', (_, leaks) => {
  test.each(leaks.map((l) => [l.name, l] as const))('%s is found, and gone where cleaning promises it', async (_name, leak) => {
    const bytes = await leak.make();
    const before = await found(leak.file, bytes);
    expect(before.filter((f) => f.startsWith(`${leak.check} stops `) && leak.part.test(f.split(' ').slice(2).join(' ')))).not.toEqual([]);
    const done = await cleanFile({ name: leak.file, path: leak.file, bytes }, { details: nina });
    const after = await found(leak.file, done.bytes);
    expect([done.proof.textSame, done.proof.pagesSame]).toEqual([true, true]);
    if (leak.cleaned) expect(after).toEqual([]); else expect(after.length).toBeGreaterThan(0);
  });
});

describe('hard negatives: nothing of the student is in them', () => {
  test.each<[string, string, () => Promise<Uint8Array> | Uint8Array]>([
    ['plain PDF', 'paper.pdf', () => plantedPdf()], ['PDF by another author', 'paper.pdf', () => plantedPdf((pdf) => pdf.setMetaData('info:Author', 'K. Brandsma'))], ['PDF that cites a namesake', 'paper.pdf', () => plantedPdf(() => {}, { text: 'imaginary vestiges of 120417733 and nvi2045' })],
    ['plain DOCX', 'paper.docx', () => plantedDocx()], ['DOCX with somebody’s comment', 'paper.docx', () => plantedDocx('', { 'word/comments.xml': wordPart('comments', `<w:comment w:id="0" w:author="Tutor">${inParagraph(wordRun('good'))}</w:comment>`) })], ['plain ODT', 'paper.odt', () => plantedOdt()],
  ])('%s', async (_, name, make) => expect(await found(name, await make())).toEqual([]));
});

test('a JPEG inside a PDF and a DOCX loses its metadata and keeps its pixels', async () => {
  const { execFileSync } = await import('node:child_process');
  const { mkdtempSync, readFileSync, writeFileSync } = await import('node:fs'), { tmpdir } = await import('node:os'), { join } = await import('node:path');
  const path = `${mkdtempSync(join(tmpdir(), 'jpeg-'))}/a.jpg`;
  writeFileSync(path, await plainPicture('jpeg'));
  execFileSync('exiftool', ['-q', '-overwrite_original', `-Artist=${secret}`, '-GPSLatitude=51.5', '-GPSLatitudeRef=N', `-XMP-dc:Creator=${secret}`, `-IPTC:By-line=${secret}`, `-Comment=${secret}`, path]);
  const jpeg = new Uint8Array(readFileSync(path));
  const docx = plantedDocx('', { 'word/media/image1.jpg': jpeg });
  expect((await found('a.docx', docx)).length).toBeGreaterThanOrEqual(3);
  expect(await found('a.docx', (await cleanFile({ name: 'a.docx', path: 'a.docx', bytes: docx }, { details: nina })).bytes)).toEqual([]);
  const pdf = await plantedPdf((doc, mupdf) => { const image = new mupdf.Image(jpeg), objects = doc.newDictionary(); objects.put('Im', doc.addImage(image)); doc.findPage(0).getInheritable('Resources').put('XObject', objects); image.destroy(); });
  expect((await found('a.pdf', pdf)).some((f) => f.includes('image/'))).toBe(true);
  const done = await cleanFile({ name: 'a.pdf', path: 'a.pdf', bytes: pdf }, { details: nina });
  expect([await found('a.pdf', done.bytes), done.proof.maxPixelDifference]).toEqual([[], 0]);
});
