import { describe, expect, test } from '@jest/globals';
import { readStyles } from '../../styles/docx.ts';
import { plantedDocx, wordPart } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';
import { looksOfStory } from './layout.ts';

const run = (text: string, properties = ''): string => `<w:r>${properties ? `<w:rPr>${properties}</w:rPr>` : ''}<w:t xml:space="preserve">${text}</w:t></w:r>`;
const p = (inner: string, properties = ''): string => `<w:p>${properties ? `<w:pPr>${properties}</w:pPr>` : ''}${inner}</w:p>`;
const long = 'Each flood tide carries silt and clay over the surface of the marsh, some of which settles. '.repeat(6);
const theme = '<a:theme xmlns:a="a"><a:themeElements><a:clrScheme name="x"><a:dk1><a:sysClr val="windowText" lastClr="000000"/></a:dk1><a:lt1><a:sysClr val="window" lastClr="FFFFFF"/></a:lt1><a:accent1><a:srgbClr val="4472C4"/></a:accent1></a:clrScheme><a:fontScheme name="x"><a:majorFont><a:latin typeface="Calibri Light"/></a:majorFont><a:minorFont><a:latin typeface="Calibri"/></a:minorFont></a:fontScheme></a:themeElements></a:theme>';
const sheet = wordPart('styles', `<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:asciiTheme="minorHAnsi" w:hAnsiTheme="minorHAnsi"/><w:sz w:val="22"/></w:rPr></w:rPrDefault></w:docDefaults>
  <w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style><w:style w:type="paragraph" w:styleId="Unseen"><w:name w:val="Unseen"/><w:rPr><w:vanish/></w:rPr></w:style>
  <w:style w:type="character" w:styleId="Pale"><w:name w:val="Pale"/><w:rPr><w:color w:val="FEFEFE"/></w:rPr></w:style><w:style w:type="paragraph" w:styleId="Bar"><w:name w:val="Bar"/><w:pPr><w:shd w:val="clear" w:fill="222222"/></w:pPr><w:rPr><w:color w:val="FFFFFF"/></w:rPr></w:style>`);
const looks = (body: string) => looksOfStory(wordPart('document', `<w:body>${body}</w:body>`), 'word/document.xml', readStyles(sheet, theme));

describe('how most of the text is set', () => {
  test('the face that the theme names', () => expect(looks(p(run(long))).layout).toMatchObject({ sizePt: 11, fonts: [{ name: 'Calibri', share: 1 }], lineSpacing: 1 }));
  test('a face said directly goes before that of the theme', () => expect(looks(p(run(long, '<w:rFonts w:ascii="Arial"/>'))).layout!.fonts[0]!.name).toBe('Arial'));
  test('how the mark at a paragraph’s end looks, and how a word looked before a tracked change, say nothing', () => {
    expect(looks(p(run(long), '<w:rPr><w:sz w:val="48"/></w:rPr>')).layout).toMatchObject({ sizePt: 11, otherSizes: [] });
    expect(looks(p(run(long, '<w:sz w:val="24"/><w:rPrChange w:id="1" w:author="A"><w:rPr><w:sz w:val="16"/></w:rPr></w:rPrChange>'))).layout).toMatchObject({ sizePt: 12, otherSizes: [] });
  });
  test('what follows a box in a paragraph is set like the paragraph', () => {
    const box = `<w:r><w:pict xmlns:v="v"><v:textbox><w:txbxContent>${p(run('label', '<w:sz w:val="14"/>'))}</w:txbxContent></v:textbox></w:pict></w:r>`;
    expect(looks(p(`${run('a')}${box}${run(long)}`, '<w:spacing w:line="360" w:lineRule="auto"/>')).layout).toMatchObject({ sizePt: 11, lineSpacing: 1.5 });
  });
  // 11 points of Calibri: double by the size is 22, by the face's own height 26.8.
  test.each([['exact', 440, 2], ['exact', 537, 2], ['exact', 268, 1], ['atLeast', 200, 1], ['atLeast', 537, 2], ['exact', 330, 1.5]])('lines %s %d twentieths apart: spacing %d', (rule, line, spacing) =>
    expect(looks(p(run(long), `<w:spacing w:line="${line}" w:lineRule="${rule}"/>`)).layout!.lineSpacing).toBeCloseTo(spacing, 1));
  test('the narrowest margin of any section with text counts, with its gutter; an empty one does not', () => {
    const section = (left: number, more = ''): string => `<w:sectPr><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="${left}" ${more}/></w:sectPr>`;
    expect(looks(`${p(run(long))}${p('', section(850))}${p(run(long))}${section(1440)}`).layout!.marginsMm).toEqual({ left: 15, right: 25.4, top: 25.4, bottom: 25.4 });
    expect(looks(`${p('', section(400))}${p(run(long))}${section(1440, 'w:gutter="284"')}`).layout!.marginsMm!.left).toBe(30.4);
  });
  test('a sheet for each section; Letter where none is named', () => {
    expect(looks(`${p(run('a'), '<w:sectPr><w:pgSz w:w="16838" w:h="11906" w:orient="landscape"/></w:sectPr>')}${p(run('b'))}<w:sectPr><w:pgSz w:w="11906" w:h="16838"/></w:sectPr>`).sheets.map((s) => [Math.round(s.width), Math.round(s.height)])).toEqual([[842, 595], [595, 842]]);
    expect(looks(p(run('a'))).sheets).toEqual([{ page: null, width: 612, height: 792 }]);
  });
});

describe('text that is there and not seen', () => {
  const cell = (fill: string, inner: string, style = ''): string => `<w:tbl><w:tblPr>${style}</w:tblPr><w:tr><w:tc><w:tcPr>${fill}</w:tcPr>${inner}</w:tc></w:tr></w:tbl>`;
  const pale = run('unseen words', '<w:color w:val="FFFFFF"/>');
  test.each<[string, string, string]>([
    ['white', p(pale), 'background: unseen words'], ['nearly white', p(run('unseen words', '<w:color w:val="F8F8F8"/>')), 'background: unseen words'], ['white by its style', p(run('unseen words', '<w:rStyle w:val="Pale"/>')), 'background: unseen words'],
    ['white by the theme', p(run('unseen words', '<w:color w:themeColor="background1"/>')), 'background: unseen words'], ['in several runs', p(`${run('un', '<w:color w:val="FFFFFF"/>')}${run('seen', '<w:color w:val="FFFFFF"/><w:b/>')}`), 'background: unseen'],
    ['black on a black bar', p(run('unseen words', '<w:color w:val="000000"/>'), '<w:shd w:val="clear" w:fill="000000"/>'), 'background: unseen words'], ['the colour of its marker', p(run('unseen words', '<w:color w:val="FFFF00"/><w:highlight w:val="yellow"/>')), 'background: unseen words'],
    ['white in a cell of a plain table', cell('', p(pale), '<w:tblStyle w:val="TableGrid"/>'), 'background: unseen words'], ['the colour of its cell', cell('<w:shd w:val="clear" w:fill="4472C4"/>', p(run('unseen words', '<w:color w:val="4472C4"/>'))), 'background: unseen words'],
    ['one point high', p(run('unseen words', '<w:sz w:val="2"/>')), 'tiny: unseen words'], ['white again behind a cell', `${cell('<w:shd w:val="clear" w:fill="000000"/>', p(run('x')))}${p(pale)}`, 'background: unseen words'],
  ])('%s', (_, body, expected) => expect(looks(body).unseen.map((f) => `${f.code}: ${f.quote}`)).toEqual([expected]));
  test.each<[string, string]>([
    ['plain', p(run('words'))], ['grey', p(run('words', '<w:color w:val="A0A0A0"/>'))], ['white on a bar by its style', p(run('words'), '<w:pStyle w:val="Bar"/>')], ['white on a dark paragraph', p(pale, '<w:shd w:val="clear" w:fill="1F3864"/>')],
    ['white on a pattern that covers all', p(pale, '<w:shd w:val="solid" w:color="1F3864" w:fill="FFFFFF"/>')], ['white on a dark run', p(run('words', '<w:color w:val="FFFFFF"/><w:shd w:val="clear" w:fill="003300"/>'))], ['white in a dark cell', cell('<w:shd w:val="clear" w:fill="000000"/>', p(pale))],
    ['white in a table whose style colours its rows', cell('', p(pale), '<w:tblStyle w:val="GridTable4-Accent1"/>')], ['white in a box', p(`<w:r><w:pict xmlns:v="v"><v:textbox><w:txbxContent>${p(pale)}</w:txbxContent></v:textbox></w:pict></w:r>`)],
    ['white over a drawing', p(`<w:r><w:drawing><wp:anchor behindDoc="1"/></w:drawing></w:r>${pale}`)], ['a colour that follows its ground', p(run('words', '<w:color w:val="auto"/>'), '<w:shd w:val="clear" w:fill="000000"/>')],
    ['white before a tracked change', p(run('words', '<w:color w:val="000000"/><w:rPrChange w:id="1" w:author="A"><w:rPr><w:color w:val="FFFFFF"/></w:rPr></w:rPrChange>'))], ['deleted', p('<w:del w:id="1" w:author="A"><w:r><w:rPr><w:color w:val="FFFFFF"/></w:rPr><w:delText>words</w:delText></w:r></w:del>')],
    ['a white full stop', p(run('.', '<w:color w:val="FFFFFF"/>'))], ['four points and a half', p(run('words', '<w:sz w:val="9"/>'))],
  ])('hard negative: %s', (_, body) => expect(looks(body).unseen).toEqual([]));
  test('words that their style hides are hidden, and do not count; those that are shown again are text', async () => {
    const facts = await readDocument(plantedDocx(`${p(run('hidden by style'), '<w:pStyle w:val="Unseen"/>')}${p(run('shown again', '<w:vanish w:val="0"/>'), '<w:pStyle w:val="Unseen"/>')}`, { 'word/styles.xml': sheet }), 'a.docx');
    if (!facts.passages.ok || !facts.words.ok) throw new Error('unread');
    expect(facts.passages.value.filter((x) => /hidden by|shown again/.test(x.text)).map((x) => x.place)).toEqual(['hidden', 'text']);
    expect(facts.words.value).toBe((await wordsOf(plantedDocx(p(run('shown again'))))));
  });
});
const wordsOf = async (bytes: Uint8Array): Promise<number> => { const { words } = await readDocument(bytes, 'a.docx'); return words.ok ? words.value : -1; };

describe('a field that numbers the pages', () => {
  const field = (code: string): string => p(`<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText> ${code} </w:instrText></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r>`);
  const rels = '<Relationships xmlns="r"><Relationship Id="rId7" Type="footer" Target="footer1.xml"/></Relationships>';
  const numbered = async (foot: string, type = 'default', used = true): Promise<boolean | undefined> => (await readDocument(plantedDocx(used ? `<w:sectPr><w:footerReference w:type="${type}" r:id="rId7"/></w:sectPr>` : '', { 'word/footer1.xml': wordPart('ftr', foot), 'word/_rels/document.xml.rels': rels }), 'a.docx')).pageNumbers;
  test.each<[string, string]>([['PAGE', field('PAGE')], ['PAGE with a switch', field('PAGE   \\* MERGEFORMAT')], ['a simple field', p('<w:fldSimple w:instr="PAGE"><w:r><w:t>1</w:t></w:r></w:fldSimple>')]])('%s', async (_, foot) => expect(await numbered(foot)).toBe(true));
  test.each<[string, string, string, boolean]>([['how many there are', field('NUMPAGES'), 'default', true], ['where something stands', field('PAGEREF _Toc1'), 'default', true], ['first page only', field('PAGE'), 'first', true], ['a foot that no section uses', field('PAGE'), 'default', false], ['a figure that is typed', p(run('1')), 'default', true]])('hard negative: %s', async (_, foot, type, used) => expect(await numbered(foot, type, used)).toBe(false));
});
