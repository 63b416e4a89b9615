import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { faceFiles } from '../../engines/face-files.ts';
import { provideFaces } from '../../engines/faces.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { readDocument } from '../index.ts';
import { asRead, withAccents } from './line-text.ts';
import { plantedPdf } from '../../testing/plant.ts';
import { nina } from '../../testing/made.ts';
import { checkFiles } from '../../verbs/check.ts';

/** Characters set one after the other from the left. */
const set = (text: string, step = 6) => [...text].map((char, i) => ({ char, x: i * step, to: i * step + 6 }));
const shalom = 'שלום', olam = 'עולם', mirror = (t: string): string => [...t].reverse().join('');

test.each([
  ['words as they stand on the page are turned round', set(`See ${mirror(`${shalom} ${olam}`)}.`), `See ${shalom} ${olam}.`],
  ['words as they are read stay', [...set('See '), ...set(shalom, -6).map((s) => ({ ...s, x: s.x + 90 })), { char: '.', x: 96, to: 99 }], `See ${shalom}.`],
  ['a year inside keeps its digits', set(`${mirror(olam)} 2027 ${mirror(shalom)}`), `${shalom} 2027 ${olam}`],
  ['hard negative: Latin text and numbers', set('Sediment 2027, pp. 3–7'), 'Sediment 2027, pp. 3–7'],
])('%s', (_, line, read) => expect(asRead(line)).toBe(read));

// The engine alone has no letters for these scripts; the faces that ship have.
test('Arabic, Hebrew, Thai, Armenian and Georgian words are laid out, embedded and read back; the headings are bookmarks', async () => {
  provideFaces((file) => Promise.resolve(new Uint8Array(readFileSync(`node_modules/${faceFiles[file]!}`))));
  const words = ['العربية', 'مرحبا', shalom, olam, 'ภาษาไทย', 'Հայերեն', 'ქართული'];
  const html = `<h1>Field notes</h1><p>${words.join(' and ')} ✓</p><p dir="rtl">${words[0]} 123</p><h2>Second part</h2><p>end</p>`;
  const done = await convertFiles([{ name: 'a.html', path: 'a.html', bytes: new TextEncoder().encode(`<html><body>${html}</body></html>`) }]);
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  expect(done.fonts.every((f) => f.embedded)).toBe(true);
  const facts = await readDocument(done.bytes, 'a.pdf'), passages = facts.passages.ok ? facts.passages.value : [];
  for (const w of words) expect(passages.some((p) => p.place === 'text' && p.text.normalize('NFKC').includes(w.normalize('NFKC')))).toBe(true);
  expect(passages.filter((p) => p.place === 'outline').map((p) => p.text).join('\n')).toMatch(/Field notes[\s\S]*Second part/);
});

const glyphs = (...list: [string, number, number][]) => list.map(([char, x, to]) => ({ char, x, to }));
test.each([
  ['an accent over the letter that follows', glyphs(['M', 0, 9], ['\u00b4', 10, 13], ['e', 9, 14], ['t', 14, 17]), 'Mét'], ['a dotless i under it', glyphs(['N', 0, 9], ['\u00b4', 9.5, 12], ['\u0131', 9, 12.5]), 'Ní'],
  ['a cedilla under it', glyphs(['\u00b8', 1, 4], ['c', 0, 5]), 'ç'], ['hard negative: an apostrophe beside a letter', glyphs(['l', 0, 3], ['\u00b4', 3, 5], ['e', 5.2, 10]), 'l\u00b4e'], ['hard negative: an accent over a letter that has no such form', glyphs(['\u00b4', 1, 3], ['q', 0, 5]), '\u00b4q'],
])('%s', (_, line, read) => expect(withAccents(line).map((c) => c.char).join('')).toBe(read));
test('a name that is set with loose accents is found', async () => {
  // The accent is drawn first and the pen goes back, as typesetters with seven-bit fonts do. 0264 is the acute accent in the standard encoding.
  const bytes = await plantedPdf((pdf) => { pdf.findPage(0).put('Contents', pdf.addStream('BT /F 12 Tf 72 500 Td [(By N) -60 (\\264) 333 (ina Vestergaard-Imani)] TJ ET', {})); });
  const { files } = await checkFiles([{ name: 'a.pdf', path: 'a.pdf', bytes }], { details: { ...nina, surname: 'Nobody' }, now: 0 });
  expect(files[0]!.findings.filter((f) => f.check === 'identity.text').map((f) => f.detail)).toContain('givenName');
});
