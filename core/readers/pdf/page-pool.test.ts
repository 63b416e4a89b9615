import { beforeAll, expect, test } from '@jest/globals';
import { joinPdfs } from '../../convert/join.ts';
import { loadMupdf, withPdf, type PdfDocument } from '../../engines/pdf.ts';
import { dictOf, plantedPdf } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';
import { fewestPages, type PageHelper } from './page-pool.ts';
import { readPageRange, type PageBatch } from './text.ts';

let long: Uint8Array;
beforeAll(async () => {
  const page = (n: number) => plantedPdf((pdf) => {
    const at = pdf.findPage(0), resources = pdf.newDictionary(), fonts = pdf.newDictionary();
    fonts.put('F', pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/Type1', BaseFont: '/Helvetica' })));
    resources.put('Font', fonts); at.put('Resources', resources);
    // A head on each page, white words on some, a reference list that goes on over pages.
    at.put('Contents', pdf.addStream(`BT /F 9 Tf 72 810 Td (Silt and tide ${n}) Tj ET BT /F 11 Tf 72 700 Td (${n === 3 ? 'References' : `The creek of page ${n} fills from below.`}) Tj ET ${n % 2 ? 'BT 1 g /F 11 Tf 72 600 Td (white words here) Tj ET' : ''}`, {}));
  });
  const four = await Promise.all([1, 2, 3, 4].map(page)), forty = await joinPdfs(Array.from({ length: 10 }, () => four).flat());
  long = await joinPdfs(Array.from({ length: Math.ceil(fewestPages / 40) + 1 }, () => forty));
}, 60_000);

/** A helper in this thread, with the file open a second time. */
async function helperOn(bytes: Uint8Array, read: (pdf: PdfDocument, from: number, to: number) => PageBatch | Promise<PageBatch>): Promise<{ helper: PageHelper; asked: [number, number][]; closed: () => boolean }> {
  const mupdf = await loadMupdf(), pdf = mupdf.Document.openDocument(bytes, 'application/pdf') as PdfDocument, asked: [number, number][] = [];
  let closed = false;
  return { asked, closed: () => closed, helper: { read: async (from, to) => { asked.push([from, to]); return read(pdf, from, to); }, close: () => { closed = true; pdf.destroy(); } } };
}

test('pages read in several threads are the pages read in one: text, heads, sections, what is unseen', async () => {
  const mupdf = await loadMupdf(), alone = await readDocument(long, 'long.pdf'), two = [await helperOn(long, (pdf, from, to) => readPageRange(pdf, mupdf, from, to)), await helperOn(long, (pdf, from, to) => readPageRange(pdf, mupdf, from, to))];
  const progress: number[] = [], together = await readDocument(long, 'long.pdf', { pageHelpers: () => two.map((t) => t.helper), progress: (done) => progress.push(done) });
  expect(together).toEqual(alone);
  expect(two.every((t) => t.asked.length > 0 && t.closed())).toBe(true);
  const count = await withPdf(long, (pdf) => pdf.countPages());
  expect(Math.max(...progress)).toBe(count);
  // The words of the whole are the words of the text passages: running heads are not among them.
  const text = alone.passages.ok ? alone.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join('\n') : '';
  expect(alone.words.ok && alone.words.value).toBe((text.match(/\S+/g) ?? []).filter((w) => /[\p{L}\p{N}]/u.test(w)).length);
  expect(alone.passages.ok && alone.passages.value.some((p) => p.place === 'runningHead')).toBe(true);
}, 60_000);
test('a helper that breaks gives its pages back; one that is stopped is closed; short files ask for none', async () => {
  const alone = await readDocument(long, 'long.pdf'), broken = await helperOn(long, () => { throw new Error('the thread has ended'); });
  expect(await readDocument(long, 'long.pdf', { pageHelpers: () => [broken.helper] })).toEqual(alone);
  expect([broken.asked.length, broken.closed()]).toEqual([1, true]);
  const stopped = await helperOn(long, () => new Promise<never>(() => {}));
  await expect(readDocument(long, 'long.pdf', { pageHelpers: () => [stopped.helper], stopped: () => stopped.asked.length > 0 })).rejects.toMatchObject({ code: 'stopped' });
  expect(stopped.closed()).toBe(true);
  expect(await readDocument(long, 'long.pdf', { pageHelpers: () => { throw new Error('no thread can be started'); } })).toEqual(alone);
  let asked = 0;
  await readDocument(await plantedPdf(), 'short.pdf', { pageHelpers: () => { asked++; return []; } });
  expect(asked).toBe(0);
}, 60_000);
