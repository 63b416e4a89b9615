import { describe, expect, test } from '@jest/globals';
import { withPage, withPdf } from '../engines/pdf.ts';
import { readDocument } from '../readers/index.ts';
import { convertFiles, pagesForView } from '../verbs/convert.ts';
import { inParagraph, plainPicture, plantedDocx, plantedOdt, plantedPdf, wordPart, wordRun } from '../testing/plant.ts';
import { CannotDo } from '../model/outcome.ts';
import { formatNumber } from '../styles/number-formats.ts';
import { mapDocx } from './docx/map.ts';

const file = (name: string, bytes: Uint8Array) => ({ name, path: name, bytes });
const convert = (name: string, bytes: Uint8Array) => convertFiles([file(name, bytes)]);
const textOf = async (bytes: Uint8Array): Promise<string> => { const f = await readDocument(bytes, 'x.pdf'); return f.passages.ok ? f.passages.value.map((p) => p.text).join('\n') : ''; };
const table = (rows: string[][]): string => `<w:tbl><w:tblGrid>${rows[0]!.map(() => '<w:gridCol w:w="2000"/>').join('')}</w:tblGrid>${rows.map((r) => `<w:tr>${r.map((c) => `<w:tc>${c.startsWith('<') ? c : inParagraph(wordRun(c))}</w:tc>`).join('')}</w:tr>`).join('')}</w:tbl>`;

describe('DOCX', () => {
  test('from right to left, a paragraph begins at the right and ends where its alignment says', async () => {
    const rtl = (jc: string): string => inParagraph(wordRun('المد')).replace('<w:p>', `<w:p><w:pPr><w:bidi/>${jc}</w:pPr>`), done = await convert('a.docx', plantedDocx(rtl('') + rtl('<w:jc w:val="right"/>') + rtl('<w:jc w:val="center"/>')));
    const middles = await withPdf(done.bytes, (pdf) => withPage(pdf, 0, (page) => (JSON.parse(page.toStructuredText('').asJSON()) as { blocks: { lines: { bbox: { x: number; w: number } }[] }[] }).blocks.flatMap((b) => b.lines.map((l) => (l.bbox.x + l.bbox.w / 2) / page.getBounds()[2]))));
    expect(middles.slice(-3).map((x) => (x < 0.4 ? 'left' : x > 0.6 ? 'right' : 'middle'))).toEqual(['right', 'left', 'middle']);
  });
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
    expect(done.losses).toEqual(expect.arrayContaining(['comments are left out', 'hidden text is left out', 'tracked deletions are left out']));
  });
  test('a paragraph whose end was deleted keeps its words, and so does all that follows', async () => {
    const done = await convert('a.docx', plantedDocx(`<w:p><w:pPr><w:rPr><w:del w:id="1" w:author="A"/></w:rPr></w:pPr>${wordRun('split')}</w:p>${inParagraph(wordRun('apart'))}`));
    expect([done.proof.missing, await textOf(done.bytes)]).toEqual([[], expect.stringMatching(/split\s+apart/)]);
  });
  test('a large first letter belongs to its word', async () => {
    const letter = (t: string): string => `<w:p><w:pPr><w:framePr w:dropCap="drop" w:lines="3"/></w:pPr><w:r><w:rPr><w:sz w:val="100"/></w:rPr><w:t>${t}</w:t></w:r></w:p>`;
    const bytes = plantedDocx(letter('M') + inParagraph(wordRun('arsh grass')) + letter('a whole framed line') + inParagraph(wordRun('stays apart')) + letter('Z')), facts = await readDocument(bytes, 'a.docx'), done = await convert('a.docx', bytes);
    expect(facts.passages.ok && facts.passages.value.map((p) => p.text)).toEqual(expect.arrayContaining(['Marsh grass', 'a whole framed line', 'stays apart', 'Z']));
    expect([done.proof.missing, done.proof.added, await textOf(done.bytes)]).toEqual([[], [], expect.stringContaining('Marsh grass')]);
  });
  test.each([['on plain pages', false], ['on pages with notes at the foot', true]])('raised and lowered signs stay in their words, %s', async (_, noted) => {
    const sign = (t: string, how: string): string => `<w:r><w:rPr><w:rFonts w:ascii="Arial"/><w:vertAlign w:val="${how}"/></w:rPr><w:t>${t}</w:t></w:r>`;
    const done = await convert('a.docx', plantedDocx(inParagraph(`${wordRun('of H')}${sign('2', 'subscript')}${wordRun('O and x')}${sign('3', 'superscript')}${wordRun('y in mg L')}${sign('−1', 'superscript')}${wordRun(' here')}${noted ? '<w:r><w:footnoteReference w:id="2"/></w:r>' : ''}`), noted ? { 'word/footnotes.xml': wordPart('footnotes', `<w:footnote w:id="2">${inParagraph(wordRun('Beneath'))}</w:footnote>`) } : {}));
    expect([done.proof.missing, done.proof.added, await textOf(done.bytes)]).toEqual([[], [], expect.stringMatching(/of H2O and x3y in mg L−1 here/)]);
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

describe('ODT', () => {
  const list = (levels: string): string => `<text:list-style style:name="L">${levels}</text:list-style>`, level = (n: number, more: string): string => `<text:list-level-style-number text:level="${n}" ${more}/>`;
  const styles = (automatic: string, master = ''): string => `<office:document-styles NSX><office:styles>${automatic}</office:styles><office:master-styles>${master}</office:master-styles></office:document-styles>`.replace('NSX', 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"');
  const item = (text: string, more = '', attributes = ''): string => `<text:list-item ${attributes}><text:p>${text}</text:p>${more}</text:list-item>`, listOf = (items: string, attributes = 'text:style-name="L"'): string => `<text:list ${attributes}>${items}</text:list>`;
  // Labels by ODF 1.2-1, 16.30 to 16.34; the same as LibreOffice sets them (looked at by hand).
  test.each<[string, string, string, string[]]>([
    ['roman, from four', level(1, 'style:num-format="I" style:num-suffix="." text:start-value="4"'), listOf(item('one') + item('two')), ['IV. one', 'V. two']],
    ['levels shown together', level(1, 'style:num-format="1" style:num-suffix="."') + level(2, 'style:num-format="a" style:num-suffix=")" text:display-levels="2"'), listOf(item('one', listOf(item('in') + item('inner'), '')) + item('two', listOf(item('again'), ''))), ['1. one', '1.a) in', '1.b) inner', '2. two', '2.a) again']],
    ['one item begins anew', level(1, 'style:num-format="1" style:num-prefix="(" style:num-suffix=")"'), listOf(item('one') + item('seven', '', 'text:start-value="7"') + item('eight')), ['(1) one', '(7) seven', '(8) eight']],
    ['a second list begins anew', level(1, 'style:num-format="1" style:num-suffix="."'), listOf(item('one')) + listOf(item('first')), ['1. one', '1. first']],
    ['or goes on where it says so', level(1, 'style:num-format="1" style:num-suffix="."'), listOf(item('one')) + listOf(item('second'), 'text:style-name="L" text:continue-numbering="true"'), ['1. one', '2. second']],
    ['no number at all', level(1, 'style:num-format=""'), listOf(item('one')), ['one']],
    ['a header of a list has none', level(1, 'style:num-format="1" style:num-suffix="."'), listOf(`<text:list-header><text:p>above</text:p></text:list-header>${item('one')}`), ['above', '1. one']],
  ])('list labels: %s', async (_, levels, body, lines) => {
    const done = await convert('a.odt', plantedOdt(body, { 'styles.xml': styles(list(levels)) })), text = (await textOf(done.bytes)).replace(/[\u2002\u00a0 ]+/g, ' ');
    expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
    for (const line of lines) expect(text.split('\n').map((l) => l.trim())).toContain(line);
  });
  test('numbered headings, header and footer with page fields, and a first page of its own', async () => {
    const outline = '<text:outline-style style:name="O"><text:outline-level-style text:level="1" style:num-format="1"/><text:outline-level-style text:level="2" style:num-format="1" text:display-levels="2" style:num-suffix="."/></text:outline-style>';
    const master = '<style:master-page style:name="Standard"><style:header><text:p>Saltmarsh <text:page-number>9</text:page-number></text:p></style:header><style:footer><text:p>of <text:page-count>9</text:page-count></text:p></style:footer></style:master-page><style:master-page style:name="Front" style:next-style-name="Standard"/>';
    const body = '<text:h text:outline-level="1">Alpha</text:h><text:h text:outline-level="2">Beta</text:h><text:h text:outline-level="2">Gamma</text:h><text:h text:outline-level="1">Delta</text:h>';
    const text = (await textOf((await convert('a.odt', plantedOdt(body, { 'styles.xml': styles(outline, master) }))).bytes)).replace(/[\u2002\u00a0 ]+/g, ' ');
    for (const line of ['1 Alpha', '1.1. Beta', '1.2. Gamma', '2 Delta', 'Saltmarsh 1', 'of 1']) expect(text).toContain(line);
    const front = await textOf((await convert('a.odt', plantedOdt(body, { 'content.xml': `<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"><office:automatic-styles><style:style style:name="P" style:family="paragraph" style:master-page-name="Front"/></office:automatic-styles><office:body><office:text><text:p text:style-name="P">Title</text:p></office:text></office:body></office:document-content>`, 'styles.xml': styles(outline, master) }))).bytes);
    expect(front).not.toContain('Saltmarsh');
  });
});
describe('RTF', () => {
  test('notes and running lines stand apart from the text, and the machine’s own letters are read', async () => {
    const bytes = new TextEncoder().encode("{\\rtf1\\mac{\\header Running}{\\fonttbl{\\f0 Times;}}\\pard lanc\\'8e{\\super\\chftn}{\\footnote \\chftn A note.} after.\\par}"), facts = await readDocument(bytes, 'a.rtf'), done = await convert('a.rtf', bytes);
    expect(facts.passages.ok && facts.passages.value.map((p) => [p.place, p.text.trim()])).toEqual(expect.arrayContaining([['text', 'lancé after.'], ['footnote', 'A note.'], ['runningHead', 'Running']]));
    expect([done.proof.missing, done.proof.added]).toEqual([[], []]);
  });
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

test('pages for looking at are those that conversion gives; what it refuses, they refuse', async () => {
  const docx = { name: 'a.docx', path: 'a.docx', bytes: plantedDocx('<w:p><w:r><w:t>Silt settles.</w:t></w:r></w:p><w:p><w:r><w:br w:type="page"/><w:t>On the second page.</w:t></w:r></w:p>') }, text = async (bytes: Uint8Array) => { const { passages } = await readDocument(bytes, 'a.pdf'); return passages.ok && passages.value.map((p) => [p.page, p.text]); };
  const shown = await text(await pagesForView(docx));
  expect(shown).toEqual(await text((await convertFiles([docx])).bytes));
  expect(JSON.stringify(shown)).toContain('On the second page.');
  await expect(pagesForView({ name: 'b.docx', path: 'b.docx', bytes: docx.bytes.slice(0, 300) })).rejects.toThrow(/damaged/);
});
