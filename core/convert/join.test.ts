import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { convertFiles } from '../verbs/convert.ts';
import { inParagraph, plantedDocx, plantedPdf, wordRun } from '../testing/plant.ts';

const folder = mkdtempSync('/tmp/join-');
const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
/** Words with their places as another program reads them: page, text, middle of the word, foot. */
function wordsOf(bytes: Uint8Array): { page: number; text: string; x: number; y: number }[] {
  writeFileSync(`${folder}/a.pdf`, bytes);
  let page = 0;
  return execFileSync('pdftotext', ['-bbox', `${folder}/a.pdf`, '-'], { encoding: 'utf8' }).split('\n').flatMap((l) => {
    if (l.includes('<page ')) page++;
    const m = /xMin="([\d.]+)" yMin="[\d.-]+" xMax="([\d.]+)" yMax="([\d.]+)">(.*?)</.exec(l);
    return m ? [{ page, text: m[4]!, x: (Number(m[1]) + Number(m[2])) / 2, y: Number(m[3]) }] : [];
  });
}
const turned = plantedPdf((pdf) => { const page = pdf.findPage(0); page.put('Rotate', 90); });
const shifted = plantedPdf((pdf) => { const page = pdf.findPage(0), box = pdf.newArray(); for (const n of [100, 200, 695, 1042]) box.push(n); page.put('MediaBox', box); }, { text: 'Shifted sheet' });

test('several files in order, numbered at the foot of every page, also on turned and shifted ones', async () => {
  const docx = plantedDocx(inParagraph(wordRun('The second part')));
  const done = await convertFiles([file('a.pdf', await plantedPdf()), file('b.docx', docx), file('c.pdf', await turned), file('d.pdf', await shifted)], {}, undefined, 'pdf', { pageNumbers: true });
  expect([done.pages, done.proof.missing, done.proof.added]).toEqual([4, [], []]);
  const numbers = wordsOf(done.bytes).filter((w) => /^\d$/.test(w.text));
  expect(numbers.map((n) => [n.page, n.text])).toEqual([[1, '1'], [2, '2'], [3, '3'], [4, '4']]);
  // In the middle of the foot as the page is shown: A4 upright, and on its side.
  for (const [n, [w, h]] of [[numbers[0]!, [595, 842]], [numbers[2]!, [842, 595]], [numbers[3]!, [595, 842]]] as const) { expect(Math.abs(n.x - w / 2)).toBeLessThan(3); expect(h - n.y).toBeGreaterThan(10); expect(h - n.y).toBeLessThan(40); }
  expect(done.fonts.every((f) => f.embedded)).toBe(true);
});
test('a cover sheet stands in front without a number; its words are told apart from the paper’s', async () => {
  const done = await convertFiles([file('a.pdf', await plantedPdf())], {}, undefined, 'pdf', { cover: ['Sediment & silt', 'GEO 3107', ''], pageNumbers: true });
  const words = wordsOf(done.bytes);
  expect(words.filter((w) => w.page === 1).map((w) => w.text)).toEqual(['Sediment', '&amp;', 'silt', 'GEO', '3107']);
  expect(words.filter((w) => w.page === 2 && w.text === '1')).toHaveLength(1);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
});
test('hard negative: nothing is added where nothing is wished', async () => {
  const bytes = await plantedPdf(), done = await convertFiles([file('a.pdf', bytes), file('b.pdf', bytes)]);
  expect(wordsOf(done.bytes).filter((w) => w.page === 2).map((w) => w.text)).toEqual(wordsOf(bytes).map((w) => w.text));
});
