import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { nina } from '../../testing/made.ts';
import { checkFiles } from '../../verbs/check.ts';
import { mapDoc } from '../../convert/doc/map.ts';
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
  expect([done.losses, done.proof.tables, done.proof.links, done.proof.footnotes]).toEqual([[], { before: 1, after: 1 }, { before: 1, after: 1 }, { before: 1, after: 1 }]);
});
// Written by LibreOffice 7.4 from a made-up page with two headings, a list, a table, a link and a picture of 30 by 15 points.
const looks = new Uint8Array(readFileSync('core/testing/old-word-looks.doc'));
test('headings, marks, lists, tables, alignment, links and pictures of a binary file', () => {
  const { body, losses, counts, marginsPt } = mapDoc(looks);
  expect(body).toMatch(/<h1 [^>]*><b><span style="font-size:18pt">Sediment of a marsh<\/span><\/b><\/h1>/);
  expect(body).toContain('Each <b>flood</b> tide <i>carries</i> silt and H<sub>2</sub>O with <u>clay</u>.');
  expect(body).toMatch(/<h2 [^>]*>.*Levels.*<\/h2><p [^>]*><span class="label" data-level="0">1\.&#8194;<\/span>first station<\/p><p [^>]*><span class="label" data-level="0">2\.&#8194;<\/span>second station/);
  expect(body).toMatch(/text-align:center">In the middle, see <a href="https:\/\/maps\.carrow\.example\/x">the old map<\/a>\./);
  expect(body.replace(/ style="[^"]*"/g, '')).toContain('<table><tr><td><p>Site</p></td><td><p>Rate</p></td></tr><tr><td><p>A</p></td><td><p>3.1</p></td></tr></table>');
  expect(body).toMatch(/<img src="data:image\/png;base64,[^"]+" style="width:30pt;height:15pt"\/>/);
  expect([losses, counts, marginsPt.every((m) => m > 17 && m < 200)]).toEqual([[], { images: 1, tables: 1, equations: 0, footnotes: 0 }, true]);
});
test.each(['pdf', 'docx'] as const)('to %s, with its structure and nothing lost', async (to) => {
  const { proof, losses } = await convertFiles([{ name: 'a.doc', path: 'a.doc', bytes: looks }], {}, undefined, to), same = (n: number) => ({ before: n, after: n });
  expect([proof.missing, proof.added, proof.headings, proof.listNumbers, proof.links, proof.images, proof.tables, losses]).toEqual([[], [], same(2), same(2), same(1), same(1), same(1), []]);
});
test('hard negative: where the tables of looks are noise, the words still come, and that is told or shows no looks', async () => {
  let seed = 7;
  const random = (n: number): number => { seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0; return seed % n; };
  for (let round = 0; round < 40; round++) {
    const wild = looks.slice();
    for (let k = 0; k < 30; k++) wild[1536 + random(wild.length - 1536)] = random(256);
    const facts = await readDocument(wild, 'a.doc'), done = await convertFiles([{ name: 'a.doc', path: 'a.doc', bytes: wild }]).then((d) => d.pages, (e: Error) => e.name);
    expect([facts.file.kind === 'doc' || facts.file.kind === 'unknown', typeof done === 'number' ? done > 0 && done < 200 : done === 'CannotDo']).toEqual([true, true]);
  }
}, 60_000);
test('a file that is locked with a password says so, and is no damage', async () => {
  const locked = bytes.slice(), head = locked.findIndex((b, i) => b === 0xec && locked[i + 1] === 0xa5);
  locked[head + 0x0b]! |= 1;
  const { file } = await readDocument(locked, 'paper.doc'), plain = (await readDocument(bytes, 'paper.doc')).file;
  expect([file.encrypted, file.troubles, plain.encrypted]).toEqual(['needs password', [], false]);
  await expect(convertFiles([named(locked)])).rejects.toMatchObject({ code: 'encrypted', file: 'paper.doc' });
});
test('damage: cut short, a table that points nowhere, noise behind the head', async () => {
  for (const cut of [600, 3000, 6000]) { const f = await readDocument(bytes.slice(0, cut), 'paper.doc'); expect(f.passages.ok ? f.passages.gaps.length + f.file.troubles.length : 1).toBeGreaterThan(0); }
  const wild = bytes.slice();
  for (let i = 512; i < wild.length; i += 3) wild[i] = (i * 131) & 255;
  await expect(readDocument(wild, 'paper.doc')).resolves.toBeDefined();
});
test('fields in fields: the innermost result is shown, codes are not', () => expect(paragraphsOf('a \u0013IF \u0013PAGE\u00141\u0015 = 1\u0014shown\u0015 b\rrow\u0007cell\u0007\u0007end')).toMatchObject({ paragraphs: ['a shown b', 'row\tcell', 'end'] }));

// Written by LibreOffice 7.4 from two made-up paragraphs: one stretch deleted and one put in under tracking, one hidden, one with a marker's colour. Source: [MS-DOC] 2.6.1 (sprmCFRMarkDel, sprmCFRMark, sprmCFVanish, sprmCHighlight).
test('what is deleted, put in, hidden and highlighted is told apart from what is shown', async () => {
  const traced = new Uint8Array(readFileSync('core/testing/old-word-traces.doc')), facts = await readDocument(traced, 'a.doc'), passages = facts.passages.ok ? facts.passages.value : [], of = (place: string): string[] => passages.filter((p) => p.place === place && p.part === 'text').map((p) => p.text);
  expect(of('text').map((t) => t.replace(/\s+/g, ' '))).toEqual(['Each flood tide carries silt. The wall was built in a year. Mind these figures before the end.', 'A second paragraph stays as it is.']);
  expect([of('deletedText'), of('trackedChange'), of('hidden')]).toEqual([['The dike was built in haste.'], ['The wall was built in a year.'], ['Nobody shall read this.']]);
  expect([facts.words.ok && facts.words.value, facts.remains.ok && facts.remains.value, facts.integrity.map((i) => `${i.code}: ${i.quote}`)]).toEqual([25, { comments: 0, trackedChanges: 2, highlights: 1, revisions: 0 }, ['vanish: Nobody shall read this.']]);
});
test('hard negative: a file without traces tells none', async () => {
  for (const plain of [bytes, looks]) { const facts = await readDocument(plain, 'a.doc'); expect([facts.integrity, facts.remains.ok && facts.remains.value.trackedChanges, facts.remains.ok && facts.remains.value.highlights]).toEqual([[], 0, 0]); }
});
