import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../readers/index.ts';
import { convertFiles } from '../verbs/convert.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, wordPart, wordRun } from '../testing/plant.ts';
import { CannotDo } from '../model/outcome.ts';
import { formatNumber } from '../styles/docx.ts';
import { mapDocx } from './docx/map.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const convert = (name: string, bytes: Uint8Array) => convertFiles([file(name, bytes)]);
const textOf = async (bytes: Uint8Array): Promise<string> => { const f = await readDocument(bytes, 'x.pdf'); return f.passages.ok ? f.passages.value.map((p) => p.text).join('\n') : ''; };
const table = (rows: string[][]): string => `<w:tbl><w:tblGrid>${rows[0]!.map(() => '<w:gridCol w:w="2000"/>').join('')}</w:tblGrid>${rows.map((r) => `<w:tr>${r.map((c) => `<w:tc>${c.startsWith('<') ? c : inParagraph(wordRun(c))}</w:tc>`).join('')}</w:tr>`).join('')}</w:tbl>`;

describe('DOCX', () => {
  test('a table with spans keeps every cell', async () => {
    const span = `<w:tcPr><w:gridSpan w:val="2"/></w:tcPr>${inParagraph(wordRun('wide'))}`, start = `<w:tcPr><w:vMerge w:val="restart"/></w:tcPr>${inParagraph(wordRun('tall'))}`, go = `<w:tcPr><w:vMerge/></w:tcPr>${inParagraph('')}`;
    const done = await convert('a.docx', plantedDocx(table([[span, 'one'], [start, 'two', 'three'], [go, 'four', 'five']])));
    expect([done.proof.missing, done.proof.added, done.proof.tables]).toEqual([[], [], { before: 1, after: 1 }]);
    expect(mapDocx(plantedDocx(table([[span, 'one'], [start, 'two', 'three'], [go, 'four', 'five']]))).body).toMatch(/colspan="2".*rowspan="2"/s);
  });
  test('list numbers at several levels', async () => {
    const numbering = wordPart('numbering', `<w:abstractNum w:abstractNumId="0">${[0, 1].map((l) => `<w:lvl w:ilvl="${l}"><w:start w:val="1"/><w:numFmt w:val="${l === 0 ? 'decimal' : 'lowerRoman'}"/><w:lvlText w:val="${l === 0 ? '%1.' : '%1.%2'}"/></w:lvl>`).join('')}</w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="0"/></w:num>`);
    const item = (level: number, text: string): string => `<w:p><w:pPr><w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="1"/></w:numPr></w:pPr>${wordRun(text)}</w:p>`;
    const done = await convert('a.docx', plantedDocx(item(0, 'alpha') + item(1, 'beta') + item(1, 'gamma') + item(0, 'delta'), { 'word/numbering.xml': numbering }));
    const text = await textOf(done.bytes);
    for (const label of ['1.', '1.i', '1.ii', '2.']) expect(text).toContain(label);
    expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  });
  test('footnotes, page field in the header, links', async () => {
    const done = await convert('a.docx', plantedDocx(`${inParagraph(`${wordRun('See')}<w:r><w:footnoteReference w:id="2"/></w:r><w:hyperlink r:id="rId5">${wordRun('the data')}</w:hyperlink>`)}<w:sectPr><w:headerReference w:type="default" r:id="rId6"/></w:sectPr>`, {
      'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('A note of four'))}</w:footnote>`), 'word/header1.xml': wordPart('hdr', inParagraph(`${wordRun('Saltmarsh ')}<w:fldSimple w:instr=" PAGE "><w:r><w:t>7</w:t></w:r></w:fldSimple>`)),
      'word/_rels/document.xml.rels': '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId5" Type="x/hyperlink" Target="https://data.carrow.example/" TargetMode="External"/><Relationship Id="rId6" Type="x/header" Target="header1.xml"/></Relationships>',
    }));
    expect(done.proof.footnotes).toEqual({ before: 1, after: 1 });
    expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
    const text = await textOf(done.bytes);
    expect(text).toMatch(/Saltmarsh\s+1/);
    expect(text).toContain('https://data.carrow.example/');
  });
  test('tracked deletions, comments and hidden text are left out and told', async () => {
    const done = await convert('a.docx', plantedDocx(inParagraph('<w:del w:id="1" w:author="A"><w:r><w:delText>gone</w:delText></w:r></w:del><w:r><w:commentReference w:id="0"/></w:r><w:r><w:rPr><w:vanish/></w:rPr><w:t>unseen</w:t></w:r>')));
    expect(await textOf(done.bytes)).not.toMatch(/gone|unseen/);
    expect(done.losses).toEqual(expect.arrayContaining(['comments are left out', 'hidden text is left out']));
  });
  test('a script of another kind that the engine has no letters for is reported missing, never silent', async () => {
    const done = await convert('a.docx', plantedDocx(inParagraph(wordRun('שלום and Ελληνικά and кириллица and 中文'))));
    expect(done.proof.missing).toEqual(['שלום']);
  });
  test('a page break begins a page', async () => expect((await convert('a.docx', plantedDocx(inParagraph(`${wordRun('one')}<w:r><w:br w:type="page"/></w:r>${wordRun('two')}`)))).pages).toBe(2));
});

describe('other kinds', () => {
  test.each<[string, string, Uint8Array]>([
    ['ODT', 'a.odt', plantedOdt('<text:h text:outline-level="1">Head</text:h><text:list><text:list-item><text:p>item</text:p></text:list-item></text:list><table:table><table:table-row><table:table-cell><text:p>cell</text:p></table:table-cell></table:table-row></table:table>')],
    ['text', 'a.txt', new TextEncoder().encode('Line one\nline <two> & three\n')], ['RTF', 'a.rtf', new TextEncoder().encode('{\\rtf1\\ansi\\headery708\\footery708{\\fonttbl{\\f0 Times;}}Caf\\\'e9 \\u8211? word\\par second}')], ['HTML', 'a.html', new TextEncoder().encode('<!doctype html><script>alert(1)</script><h1>Title</h1><p>words &amp; more</p>')],
  ])('%s keeps every word', async (_, name, bytes) => { const done = await convert(name, bytes); expect([done.proof.missing, done.proof.added]).toEqual([[], []]); expect(done.proof.wordsBefore).toBeGreaterThan(1); });
  test('several files become one PDF, in order', async () => {
    const done = await convertFiles([file('a.pdf', await plantedPdf(() => {}, { text: 'first part' })), file('b.jpg', await plainPicture('jpeg')), file('c.docx', plantedDocx())]);
    const facts = await readDocument(done.bytes, 'x.pdf');
    expect(facts.pages.ok && facts.pages.value.map((p) => [p.words > 0, p.images])).toEqual([[true, 0], [false, 1], [true, 0]]);
  });
  test.each<[string, Uint8Array]>([['a.docx', plantedDocx().slice(0, 400)], ['a.bin', Uint8Array.of(1, 2, 3, 0)], ['a.url', new TextEncoder().encode('[InternetShortcut]\nURL=https://x.example')]])('%s that is no document is refused with a reason', async (name, bytes) => { await expect(convert(name, bytes)).rejects.toBeInstanceOf(CannotDo); });
});

test('a compound whose hyphen falls on a line’s end is not lost', async () => {
  const words = Array.from({ length: 400 }, (_, i) => `${'x'.repeat(1 + (i % 7))} south-west`).join(' ');
  expect((await convert('a.txt', new TextEncoder().encode(words))).proof).toMatchObject({ missing: [], added: [] });
});
test.each([[1, 'lowerLetter', 'a'], [27, 'upperLetter', 'AA'], [4, 'lowerRoman', 'iv'], [1999, 'upperRoman', 'MCMXCIX'], [7, 'decimalZero', '07']])('%d as %s', (n, format, shown) => expect(formatNumber(n, format)).toBe(shown));

test('a PDF as PDF: words that its lines break are neither missing nor added', async () => {
  const broken = await plantedPdf((pdf) => {
    const at = pdf.findPage(0), resources = pdf.newDictionary(), fonts = pdf.newDictionary(), font = pdf.newDictionary();
    font.put('Type', pdf.newName('Font')); font.put('Subtype', pdf.newName('Type1')); font.put('BaseFont', pdf.newName('Helvetica'));
    fonts.put('F', pdf.addObject(font)); resources.put('Font', fonts); at.put('Resources', resources);
    at.put('Contents', pdf.addStream('BT /F 11 Tf 14 TL 72 700 Td (The marsh keeps its sedi-) Tj T* (ment, and the well-) Tj T* (known creek its water.) Tj ET', {}));
  });
  const { proof } = await convert('a.pdf', broken);
  expect([proof.missing, proof.added, proof.wordsBefore]).toEqual([[], [], 11]);
});
