import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { mapDoc } from '../../convert/doc/map.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { readDocument } from '../index.ts';

const made = (name: string): Uint8Array => new Uint8Array(readFileSync(`core/testing/old-word-${name}.doc`));

// Written by LibreOffice 7.4 from a made-up text whose setting was chosen: Arial 11 point, double spacing, margins of 3 cm on A4, headings in Calibri, white and two-point words at the end.
test('how a binary file is set, its sheet, its headings, and what nobody sees of it', async () => {
  const facts = await readDocument(made('setting'), 'a.doc'), { layout, sheets, headings, fonts, integrity, pageNumbers } = facts;
  expect(layout.ok && layout.value).toMatchObject({ source: 'style', sizePt: 11, lineSpacing: 2, marginsMm: { left: 30, right: 30, top: 30, bottom: 30 } });
  expect(layout.ok && layout.value.fonts.map((f) => f.name)).toEqual(['Arial', 'Calibri']);
  expect(sheets!.map((s) => [Math.round(s.width), Math.round(s.height)])).toEqual([[595, 842]]);
  expect(headings!.map((h) => [h.text, h.level, h.words > 0])).toEqual([['Marsh and tide', 1, true], ['Empty one', 2, false], ['Levels', 1, true]]);
  expect([fonts.ok && fonts.value.map((f) => f.name), pageNumbers]).toEqual([['Calibri', 'Arial'], false]);
  expect(integrity.map((i) => [i.code, i.quote.trim()])).toEqual([['background', 'white words that nobody sees here'], ['tiny', 'small words that nobody reads']]);
});
test('hard negative: plain files show nothing unseen, and one with little text has no measured layout', async () => {
  for (const plain of ['looks', 'sections']) expect((await readDocument(made(plain), 'a.doc')).integrity).toEqual([]);
  expect((await readDocument(made('lines'), 'a.doc')).layout.ok).toBe(false);
});

// Written by LibreOffice 7.4: a head at the right in italics of 9 points and a foot in the middle in bold; in the second section a head with one stop at the right, and a foot at the left.
test('running lines stand where alignment and stops put them, and are set as they say', () => {
  const page = mapDoc(made('lines')), [later] = page.laterLines;
  expect([page.head, page.foot, later!.head, later!.foot]).toEqual(['\t\tSediment on tidal flats', '\tPage \u0001', 'Coastal studies\t\tPart two', 'Left alone']);
  expect([page.looks.head, page.looks.foot]).toMatchObject([{ sizePt: 9, italic: true, bold: false }, { sizePt: 14, bold: true, italic: false }]);
});
test('faces and colours are carried over', async () => {
  const page = mapDoc(made('setting'));
  expect([page.baseFont, page.substituted.map((s) => s.asked), page.body.includes('color:#ffffff')]).toEqual(['sans-serif', ['Calibri', 'Arial'], true]);
  const { proof, losses } = await convertFiles([{ name: 'a.doc', path: 'a.doc', bytes: made('setting') }]);
  expect([proof.missing, proof.added, losses]).toEqual([[], [], []]);
});
