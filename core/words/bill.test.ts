import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { read, type Passage } from '../model/facts.ts';
import { countWords } from '../text/words.ts';
import { madeFacts, madePage, madePassage } from '../testing/made.ts';
import { inParagraph, plantedDocx, plantedOdt, plantedPdf, wordRun } from '../testing/plant.ts';
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

const countedIn = async (bytes: Uint8Array, name: string) => byPart(billOf(await readDocument(bytes, name))!);
describe('a title page in a file without fixed pages: few words before the first page that the file begins', () => {
  const title = ['Sediment budgets of a saltmarsh', 'Module GEO3107', 'Y3921847'], text = 'The creek fills from below while the tide rises. '.repeat(20), inWord = (pieces: string[], last = '') => plantedDocx(`${pieces.map((p) => inParagraph(wordRun(p))).join('')}${last}${inParagraph(wordRun(text))}`);
  /** Words that a planted file begins with. */
  const planted = (name: string): number => (name === 'a.rtf' ? 0 : 16);
  const turned: [string, () => Uint8Array, string][] = [
    ['a break of its own (ECMA-376-1, 17.3.3.1)', () => inWord(title, inParagraph('<w:r><w:br w:type="page"/></w:r>')), 'a.docx'],
    ['a paragraph that begins one (17.3.1.23)', () => inWord(title, '<w:p><w:pPr><w:pageBreakBefore/></w:pPr></w:p>'), 'a.docx'],
    ['a section that ends (17.6.22)', () => inWord(title, '<w:p><w:pPr><w:sectPr><w:pgSz w:w="11906" w:h="16838"/></w:sectPr></w:pPr></w:p>'), 'a.docx'],
    ['where it was last laid out (17.3.3.13)', () => inWord(title, inParagraph(`<w:r><w:lastRenderedPageBreak/></w:r>${wordRun('The creek fills from below.')}`)), 'a.docx'],
    ['in an OpenDocument text (ODF 1.2-1, 5.6)', () => plantedOdt(`${title.map((t) => `<text:p>${t}</text:p>`).join('')}<text:p><text:soft-page-break/>${text}</text:p>`), 'a.odt'],
    ['in RTF', () => new TextEncoder().encode(`{\\rtf1\\ansi ${title.join('\\par ')}\\par\\page ${text}\\par}`), 'a.rtf'],
  ];
  test.each(turned)('%s', async (_, make, name) => expect(await countedIn(make(), name)).toMatchObject({ titlePage: 8 + planted(name) }));
  test.each<[string, () => Uint8Array, string]>([
    ['no page is begun', () => inWord(title), 'a.docx'],
    ['a section that goes on upon its page', () => inWord(title, '<w:p><w:pPr><w:sectPr><w:type w:val="continuous"/></w:sectPr></w:pPr></w:p>'), 'a.docx'],
    ['a first page full of text', () => inWord([text], inParagraph('<w:r><w:br w:type="page"/></w:r>')), 'a.docx'],
    ['a paragraph that says it begins none', () => inWord(title, '<w:p><w:pPr><w:pageBreakBefore w:val="0"/></w:pPr></w:p>'), 'a.docx'],
    ['RTF whose section goes on upon its page', () => new TextEncoder().encode(`{\\rtf1\\ansi ${title.join('\\par ')}\\par\\sect\\sbknone ${text}\\par}`), 'a.rtf'],
  ])('hard negative: %s', async (_, make, name) => expect(await countedIn(make(), name)).not.toHaveProperty('titlePage'));
  test('what a section’s name opens on the first page is no part of it', async () => expect(await countedIn(inWord([...title, 'Abstract', 'Mud settles.'], inParagraph('<w:r><w:br w:type="page"/></w:r>')), 'a.docx')).toMatchObject({ titlePage: 8 + planted('a.docx'), headings: 1 }));
});
test('a heading below the one that opens the appendices belongs to them', () => {
  const facts = madeFacts({ passages: read([madePassage('Appendix A\nRaw data\nseven eight nine', { page: null })]), headings: [{ text: 'Appendix A', level: 1, words: 0 }, { text: 'Raw data', level: 2, words: 3 }] });
  expect(byPart(billOf(facts)!)).toEqual({ headings: 2, appendices: 5 });
});
describe('captions on fixed pages', () => {
  const placed = (...rows: [text: string, from: number, to: number][]): Passage => { let start = 0; return madePassage(rows.map((r) => r[0]).join('\n'), { page: 2, lines: rows.map(([text, from, to], i) => { const line = { start, box: [from, 100 + i * 14, to, 112 + i * 14] as [number, number, number, number] }; start += text.length + 1; return line; }) }); };
  test('one that leaves room for a word does not go on', () => expect(byPart(bill([placed(['Table 3: what settled', 72, 180], ['Each flood tide carries silt', 72, 520], ['and clay.', 72, 140])]))).toEqual({ captions: 4, body: 7 }));
  test('one below a full line that ends a sentence is one; below a line that runs on it is none', () => {
    const below = (end: string) => byPart(bill([placed([`Each flood tide carries silt and clay over it${end}`, 72, 520], ['Table 3: what settled', 72, 180])]));
    expect([below('.'), below(' as in')]).toEqual([{ body: 9, captions: 4 }, { body: 15 }]);
  });
  test('one that fills its line does', () => expect(byPart(bill([placed(['Table 3: what settled in the creek', 72, 515], ['and stayed there.', 72, 140], ['Each flood tide carries silt', 72, 520])]))).toEqual({ captions: 10, body: 5 }));
  test.each(['figure above. It', 'Figure 3. It'])('hard negative: a sentence that runs on into “%s …”', (words) => expect(byPart(bill([placed(['Each flood tide carries silt as is shown in', 72, 520], [`${words} settles.`, 72, 180])]))).toEqual({ body: 9 + words.split(' ').length + 1 }));
  test('hard negative: a word for a number', () => expect(byPart(bill([placed(['table mountain: it is flat', 72, 180])]))).toEqual({ body: 5 }));
});
test('notes whose mark is set larger than their words are notes, and their numbers no words', async () => {
  const line = (size: number, y: number, words: string) => `/F ${size} Tf 1 0 0 1 72 ${y} Tm ${words}`, text = Array.from({ length: 20 }, (_, i) => line(12, 760 - i * 20, '(Each flood tide carries silt and clay over its surface) Tj'));
  const notes = [0, 1].map((i) => line(12, 120 - i * 14, `(${i + 1} ) Tj /F 10 Tf (See the survey of the second year, which nobody read.) Tj`));
  expect(await countedIn(await plantedPdf((pdf) => { pdf.findPage(0).get('Contents').writeStream(`BT ${[...text, ...notes].join('\n')} ET`); }), 'a.pdf')).toEqual({ body: 200, footnotes: 20 });
});
