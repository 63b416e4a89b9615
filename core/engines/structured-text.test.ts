import { expect, test } from '@jest/globals';
import { buildPapers, paperNames } from '../../demo/papers.ts';
import { plantedPdf } from '../testing/plant.ts';
import { finderOf, sameBytes } from '../text/bytes.ts';
import { openPdf, saveOnce, withPage, withPdf } from './pdf.ts';
import { eachCharacter, textBlocks } from './structured-text.ts';

interface Told { blocks: { type: string; bbox: Bounds; lines?: { bbox: Bounds; font: { name: string; size: number }; text: string }[] }[] }
interface Bounds { x: number; y: number; w: number; h: number }

// Oracle: the engine's own account of the same page, in whole hundredths of a point that it cuts off.
test.each(['troubled', 'clean', 'planted'])('lines read from memory are those that the engine tells of: the %s paper', async (which) => {
  const papers = await buildPapers(), bytes = which === 'planted' ? await plantedPdf() : papers[which === 'clean' ? paperNames.cleanPdf : paperNames.troubledPdf]!;
  let compared = 0;
  await withPdf(bytes, (pdf) => { for (let i = 0; i < pdf.countPages(); i++) withPage(pdf, i, (page) => {
    const stext = page.toStructuredText('preserve-whitespace,preserve-images,clip=no');
    try {
      const told = (JSON.parse(stext.asJSON(100).replace(/[\u0000-\u001f]/g, ' ')) as Told).blocks, read = textBlocks(stext), cut = (points: number): number => Math.trunc(Math.fround(Math.fround(points) * 100));
      expect(read.map((b) => b.picture)).toEqual(told.map((b) => b.type === 'image'));
      told.forEach((block, k) => {
        expect(read[k]!.lines.map((l) => [l.text, l.font, cut(l.size), cut(l.box[0]), cut(l.box[1])])).toEqual((block.lines ?? []).map((l) => [l.text, l.font.name, l.font.size, l.bbox.x, l.bbox.y]));
        for (const line of read[k]!.lines) { let said = ''; eachCharacter(line, (char, size, from, to) => { said += char; expect(size > 0 && Number.isFinite(from) && Number.isFinite(to)).toBe(true); }); expect(said).toBe(line.text); compared++; }
      });
    } finally { stext.destroy(); }
  }); });
  expect(compared).toBeGreaterThan(0);
});

test('what was written is opened as it was written, again and again, and beside a later file', async () => {
  const source = await plantedPdf(), wordsOf = (bytes: Uint8Array): Promise<string> => withPdf(bytes, (pdf) => withPage(pdf, 0, (page) => { const text = page.toStructuredText(''); try { return text.asText(); } finally { text.destroy(); } }));
  const words = await wordsOf(source), written = await withPdf(source, (pdf) => saveOnce(pdf, 16 << 20)), open = await openPdf(written);
  try {
    const later = await withPdf(source, (pdf) => { pdf.deletePage(0); pdf.insertPage(0, pdf.addPage([0, 0, 100, 100], 0, pdf.newDictionary(), '')); return saveOnce(pdf); });
    expect([words.length > 20, await wordsOf(written), await wordsOf(written), (await wordsOf(later)).trim()]).toEqual([true, words, words, '']);
    expect(await open.use((pdf) => pdf.countPages())).toBeGreaterThan(0);
  } finally { open.close(); }
});

test('bytes are found where they stand, also in a part of a larger file', () => {
  const all = Uint8Array.from([9, 37, 1, 37, 2, 3, 37]), part = all.subarray(2, 6), found = (bytes: Uint8Array): number[] => { const next = finderOf(bytes, 37), at: number[] = []; for (let i = next(0); i >= 0; i = next(i + 1)) at.push(i); return at; };
  expect([found(all), found(part), finderOf(part, 99)(0)]).toEqual([[1, 3, 6], [1], -1]);
  expect([sameBytes(part, Uint8Array.from([1, 37, 2, 3])), sameBytes(part, Uint8Array.from([1, 37, 2, 4])), sameBytes(part, all)]).toEqual([true, false, false]);
});
