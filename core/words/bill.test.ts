import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { read, type Passage } from '../model/facts.ts';
import { countWords } from '../text/words.ts';
import { madeFacts, madePage, madePassage } from '../testing/made.ts';
import { readDocument } from '../readers/index.ts';
import { billOf } from './bill.ts';

const bill = (passages: Passage[], pages = 3) => billOf(madeFacts({ passages: read(passages), pages: read(Array.from({ length: pages }, (_, i) => madePage({ number: i + 1 }))) }))!;
const byPart = (b: ReturnType<typeof bill>): Record<string, number> => Object.fromEntries(b.lines.map((l) => [l.part, l.words]));

test('every part stands on its own line, and running heads on none', () => {
  const b = bill([
    madePassage('Sediment budgets of a saltmarsh\nModule GEO3107', { page: 1 }), madePassage('Y3921847', { place: 'runningHead', page: 2 }),
    madePassage('1. Introduction\nEach flood tide carries silt.\nFigure 1. The marsh from above\nPlants slow the water.', { page: 2 }), madePassage('what settles is held by roots', { page: 2, indented: true }), madePassage('See the first survey.', { place: 'footnote', page: 2 }),
    madePassage('References\nEmmerson, R. (2019). Mud and its makers.\nAppendix A: Raw data\nseven eight nine', { page: 3 }),
  ]);
  expect(byPart(b)).toEqual({ titlePage: 7, headings: 6 + 1, body: 9, captions: 6, quotations: 6, footnotes: 4, references: 7, appendices: 3 });
  expect(b.lines.find((l) => l.part === 'references')!.pages).toEqual([3]);
});
test('a first page full of text is no title page; a sentence about figures is no caption; a reference in a sentence starts no list', () => {
  const b = bill([madePassage(`${'word '.repeat(200)}\nFigure 3 shows that nothing moved\nThe references of others are many`, { page: 1 })]);
  expect(byPart(b)).toEqual({ body: 212 });
});
test('the bill adds up to all words, whatever the text', () => {
  const line = fc.oneof(fc.constantFrom('References', 'Appendix A', 'Contents', 'Introduction', 'Figure 2: mud', '2.1 Methods', ''), fc.stringMatching(/^[a-z 0-9.,–'-]{0,40}$/), fc.string({ unit: 'grapheme', maxLength: 30 }).map((s) => s.replace(/\n/g, ' ')));
  fc.assert(fc.property(fc.array(fc.record({ lines: fc.array(line, { maxLength: 6 }), place: fc.constantFrom('text', 'footnote', 'textbox', 'runningHead'), page: fc.integer({ min: 1, max: 4 }), indented: fc.boolean() }), { maxLength: 8 }), (list) => {
    const passages = list.map((p) => madePassage(p.lines.join('\n'), { place: p.place as Passage['place'], page: p.page, indented: p.indented })), b = bill(passages, 4);
    const all = passages.filter((p) => p.place !== 'runningHead').flatMap((p) => p.text.split('\n')).reduce((n, l) => n + countWords(l), 0);
    return b.total === all && b.lines.reduce((n, l) => n + l.words, 0) === all && new Set(b.lines.map((l) => l.part)).size === b.lines.length;
  }), { numRuns: 300 });
});
test.each(['p.rtf', 'p.html'])('tables have a line of their own: %s', async (name) => {
  const cells = [['Year', 'Toll due'], ['1830', 'four pence']], text = 'The creek fills from below while the tide rises.';
  const source = name.endsWith('rtf') ? `{\\rtf1\\ansi\\pard ${text}\\par ${cells.map((row) => `\\trowd\\cellx2000\\cellx4000${row.map((c) => `\\pard\\intbl ${c}\\cell`).join('')}\\row`).join('\n')}\\pard ${text}\\par}` : `<p>${text}</p><table>${cells.map((row) => `<tr>${row.map((c) => `<td><p>${c}</p></td>`).join('')}</tr>`).join('')}</table><p>${text}</p>`;
  expect(Object.fromEntries(billOf(await readDocument(new TextEncoder().encode(source), name))!.lines.map((l) => [l.part, l.words]))).toEqual({ body: 18, tables: 6 });
});
