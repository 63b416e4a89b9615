import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { plantedDocx, plantedPdf, inParagraph, wordRun } from '../testing/plant.ts';
import { convertFiles } from './convert.ts';
import { compareArrived } from './arrived.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const folder = mkdtempSync(join(tmpdir(), 'arrived-'));
/** The same PDF as another program writes it. */
function rewritten(bytes: Uint8Array): Uint8Array { writeFileSync(`${folder}/a.pdf`, bytes); execFileSync('qpdf', ['--object-streams=generate', '--linearize', `${folder}/a.pdf`, `${folder}/b.pdf`]); return new Uint8Array(readFileSync(`${folder}/b.pdf`)); }

test('the same bytes, and a file that the receiver wrote anew', async () => {
  const bytes = await plantedPdf();
  expect(await compareArrived(file('a.pdf', bytes), file('a.pdf', bytes.slice()))).toEqual({ standing: 'same', changes: null, pages: null });
  const anew = rewritten(bytes);
  expect(Buffer.from(anew).equals(Buffer.from(bytes))).toBe(false);
  expect(await compareArrived(file('a.pdf', bytes), file('a.pdf', anew))).toMatchObject({ standing: 'sameContent', pages: { sent: 1, arrived: 1, differing: [] } });
});
test('another word, a page that looks different, a page that is missing', async () => {
  const bytes = await plantedPdf(() => {}, { text: 'The marsh rose by a hand' }), word = await compareArrived(file('a.pdf', bytes), file('a.pdf', await plantedPdf(() => {}, { text: 'The marsh sank by a hand' })));
  expect(word).toMatchObject({ standing: 'other', changes: { added: 1, removed: 1 } });
  const stamped = await plantedPdf((pdf) => { const page = pdf.findPage(0); page.get('Contents').writeStream(`${page.get('Contents').readStream().asString()} 0 0 1 rg 100 100 200 80 re f`); }, { text: 'The marsh rose by a hand' });
  expect(await compareArrived(file('a.pdf', bytes), file('a.pdf', stamped))).toMatchObject({ standing: 'other', changes: { added: 0, removed: 0 }, pages: { differing: [1] } });
  const two = (await convertFiles([file('a.pdf', bytes), file('b.pdf', bytes)])).bytes;
  expect(await compareArrived(file('a.pdf', two), file('a.pdf', bytes))).toMatchObject({ standing: 'other', pages: { sent: 2, arrived: 1 } });
});
test('a receiver that turns a word-processor file into PDF is judged by its words', async () => {
  const docx = plantedDocx(inParagraph(wordRun('Plants slow the water.'))), pdf = (await convertFiles([file('a.docx', docx)])).bytes;
  expect(await compareArrived(file('a.docx', docx), file('a.pdf', pdf))).toMatchObject({ standing: 'sameContent', pages: null });
  expect((await compareArrived(file('a.docx', docx), file('a.pdf', new Uint8Array(0)))).standing).toBe('other');
});
