import { beforeAll, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faceFiles } from '../../engines/face-files.ts';
import { provideFaces } from '../../engines/faces.ts';
import { withPdf } from '../../engines/pdf.ts';
import { contentOf } from '../../engines/content.ts';
import { noDetails, type Details } from '../../model/details.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { redactFile } from '../../verbs/redact.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { takeActualText } from './actual-text.ts';

const at = join(mkdtempSync(join(tmpdir(), 'told-')), 'x.pdf');
beforeAll(() => provideFaces((name) => Promise.resolve(new Uint8Array(readFileSync(`node_modules/${faceFiles[name]!}`)))));
const hex = (word: string): string => Array.from(word, (c) => c.charCodeAt(0).toString(16).padStart(4, '0')).join('');

test('a name whose letters no glyph has goes with what the page tells beside it, and no other word (read by qpdf and poppler)', async () => {
  const { bytes } = await convertFiles([{ name: 'a.md', path: 'a.md', bytes: new TextEncoder().encode('यह निबन्ध विश्वकर्मा ने लिखा है। दूसरी पंक्ति में विश्वकर्मा का नाम फिर आता है।\n') }]);
  const details: Details = { ...noDetails(), surname: 'विश्वकर्मा' };
  const done = await redactFile({ name: 'a.pdf', path: 'a.pdf', bytes }, details);
  expect([done.taken.map((t) => t.text), done.proof]).toEqual([['विश्वकर्मा', 'विश्वकर्मा'], { pagesSame: true, lost: [], left: 0 }]);
  writeFileSync(at, done.bytes);
  const written = execFileSync('qpdf', ['--qdf', '--object-streams=disable', at, '-'], { encoding: 'latin1', maxBuffer: 1e8 }).toLowerCase();
  expect([written.includes(hex('विश्वकर्मा')), written.includes(hex('निबन्ध'))]).toEqual([false, true]);
  const words = execFileSync('pdftotext', [at, '-'], { encoding: 'utf8' }).split(/\s+/).filter(Boolean);
  expect([words.includes('विश्वकर्मा'), words.includes('निबन्ध'), words.length]).toEqual([false, true, 13]);
});

test('a page that tells one name and shows another by its letters: each is taken once', async () => {
  const bytes = await plantedPdf((p) => { p.findPage(0).put('Contents', p.addStream('BT /F 12 Tf 72 400 Td /Span <</ActualText ( Vestergaard-Imani )>> BDC (xyz) Tj EMC ET BT /F 12 Tf 72 300 Td (by Nina Vestergaard-Imani, in haste) Tj ET', {})); });
  const done = await redactFile({ name: 'a.pdf', path: 'a.pdf', bytes }, { ...noDetails(), givenNames: ['Nina'], surname: 'Vestergaard-Imani' });
  expect([done.taken.map((t) => t.text).sort(), done.proof.left]).toEqual([['Nina Vestergaard-Imani', 'Vestergaard-Imani'], 0]);
});

const marked = (told: string, behind: string): Promise<Uint8Array> => plantedPdf((p) => { const page = p.findPage(0); page.put('Contents', p.addStream(`BT /F 12 Tf 72 400 Td /Span <</ActualText ${told}>> BDC (xyz) Tj EMC ${behind} ET`, {})); });
test.each<[string, string, string, string[], boolean, string]>([
  ['bytes in brackets', '(Nina Vesterg\\101rd)', '', ['VestergArd'], true, '/Span <<>> BDC  EMC'],
  ['UTF-16 in hexadecimal figures', `<feff${hex('Nowak')}>`, '0 -14 Td (next) Tj', ['Nowak'], true, '/Span <<>> BDC  EMC'],
  ['text goes on from where the stretch ends: its glyphs stay in their place', '(Nowak)', '(next) Tj', ['Nowak'], true, '/Span <<>> BDC (xyz) Tj EMC'],
  ['its place in the structure stays', '(Nowak) /MCID 3', '', ['Nowak'], true, '/Span << /MCID 3>> BDC  EMC'],
  ['a name of two words in one stretch', '(by Nina Nowak)', '', ['Nina Nowak'], true, '/Span <<>> BDC  EMC'],
  ['hard negative: one word of a name by itself', '(nina)', '', ['Nina Nowak'], false, '/ActualText'],
  ['hard negative: a name inside another word', '(Nowakowski)', '', ['Nowak'], false, '/ActualText'],
  ['hard negative: another word', '(tide)', '', ['Nowak'], false, '/ActualText'],
])('%s', async (_, told, behind, words, taken, left) => {
  await withPdf(await marked(told, behind), (pdf) => {
    expect(takeActualText(pdf, 0, words)).toBe(taken);
    expect(contentOf(pdf, 0)).toContain(left);
  });
});
