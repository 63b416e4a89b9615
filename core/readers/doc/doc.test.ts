import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { nina } from '../../testing/made.ts';
import { checkFiles } from '../../verbs/check.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { readDocument } from '../index.ts';
import { paragraphsOf } from './text.ts';

// Written by LibreOffice 7.4 from a made-up paper; the words below are those of its own text export of the same file, which leaves notes out.
const bytes = new Uint8Array(readFileSync('core/testing/old-word.doc')), named = (b: Uint8Array) => ({ name: 'paper.doc', path: 'paper.doc', bytes: b });
const words = ['Sediment budgets of a realigned saltmarsh', 'Each flood tide carries silt – and “clay” – over its surface; Ελληνικά naïve café.', 'Station', 'Depth 12', 'the data'];

test('text, notes, fields and stored properties of a binary word-processor file', async () => {
  const facts = await readDocument(bytes, 'paper.doc'), passages = facts.passages.ok ? facts.passages.value : [], of = (place: string): string => passages.filter((p) => p.place === place).map((p) => p.text).join('\n');
  expect([facts.file.kind, facts.structure?.footnotes]).toEqual(['doc', 1]);
  for (const w of words) expect(of('text')).toContain(w);
  expect(of('text')).not.toMatch(/HYPERLINK|[\u0000-\u0008]/);
  expect([of('footnote'), of('field')]).toEqual([expect.stringContaining('See the first survey of Carrow Reach.'), expect.stringContaining('https://carrow.example/data')]);
  expect(facts.metadata.ok && facts.metadata.value).toEqual(expect.arrayContaining([{ part: 'SummaryInformation', key: 'author', value: 'Nina Vestergaard-Imani', sort: 'author' }, { part: 'SummaryInformation', key: 'title', value: 'Marsh draft', sort: 'title' }]));
  const { files } = await checkFiles([named(bytes)], { details: nina, now: 0 });
  expect(files[0]!.findings.some((f) => f.check === 'metadata.author' && f.standing === 'stops' && f.place.part === 'SummaryInformation')).toBe(true);
});
test.each(['pdf', 'docx'] as const)('to %s, every word', async (to) => {
  const done = await convertFiles([named(bytes)], {}, undefined, to), text = await readDocument(done.bytes, `a.${to}`).then((f) => (f.passages.ok ? f.passages.value.map((p) => p.text).join('\n') : ''));
  expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  expect(text).toContain('Ελληνικά naïve café');
  expect(done.losses.join()).toMatch(/not its formatting/);
});
test('damage: cut short, a table that points nowhere, noise behind the head', async () => {
  for (const cut of [600, 3000, 6000]) { const f = await readDocument(bytes.slice(0, cut), 'paper.doc'); expect(f.passages.ok ? f.passages.gaps.length + f.file.troubles.length : 1).toBeGreaterThan(0); }
  const wild = bytes.slice();
  for (let i = 512; i < wild.length; i += 3) wild[i] = (i * 131) & 255;
  await expect(readDocument(wild, 'paper.doc')).resolves.toBeDefined();
});
test('fields in fields: the innermost result is shown, codes are not', () => expect(paragraphsOf('a \u0013IF \u0013PAGE\u00141\u0015 = 1\u0014shown\u0015 b\rrow\u0007cell\u0007\u0007end')).toMatchObject({ paragraphs: ['a shown b', 'row\tcell', 'end'] }));
