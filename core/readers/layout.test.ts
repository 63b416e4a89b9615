import { describe, expect, test } from '@jest/globals';
import { convertFiles } from '../verbs/convert.ts';
import { plantedDocx, plantedPdf, inParagraph, wordRun } from '../testing/plant.ts';
import { layoutFontSize } from '../checks/layout/font-size.ts';
import { madeBrief, madeInput } from '../testing/made.ts';
import { readDocument } from './index.ts';
import { singleSpacingOf } from '../tables/faces.ts';
import { spacingOf } from './layout-tally.ts';
import { plainFont } from './pdf/plain-font.ts';

const styles = (spacing: number, size: number) => `<w:styles xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="Arial" w:hAnsi="Arial"/><w:sz w:val="${size * 2}"/></w:rPr></w:rPrDefault></w:docDefaults><w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/><w:pPr><w:spacing w:line="${spacing * 240}" w:lineRule="auto"/></w:pPr></w:style></w:styles>`;
const paper = (spacing: number, size: number, margin: number) => plantedDocx(`${inParagraph(wordRun('Each flood tide carries silt and clay over its surface, some of which settles among the stems before the ebb begins. '.repeat(14)))}<w:sectPr><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1440" w:right="${margin}" w:bottom="1440" w:left="${margin}"/></w:sectPr>`, { 'word/styles.xml': styles(spacing, size) });

test.each([[1, 11, 1440], [1.5, 12, 1134], [2, 10, 1701]])('spacing %d, %d pt, margins of %d twips: by style and measured after conversion alike', async (spacing, size, margin) => {
  const docx = paper(spacing, size, margin), byStyle = await readDocument(docx, 'a.docx'), measured = await readDocument((await convertFiles([{ name: 'a.docx', path: 'a.docx', bytes: docx }])).bytes, 'a.pdf');
  for (const facts of [byStyle, measured]) {
    if (!facts.layout.ok) throw new Error('no layout');
    expect(facts.layout.value.sizePt).toBe(size);
    expect(Math.abs(facts.layout.value.lineSpacing! - spacing)).toBeLessThanOrEqual(0.1);
    expect(Math.abs(facts.layout.value.marginsMm!.left - margin / 56.7)).toBeLessThanOrEqual(1);
  }
  expect(byStyle.layout.ok && byStyle.layout.value.fonts[0]!.name).toBe('Arial');
});
// By the size: 24 for 12 is double, 18 one and a half, as typesetters count. By the face: Times New Roman 1.15, Calibri 1.22, Noto Serif 1.36 for a size of 1.
test.each([[24, 12, 'Times New Roman', 2], [18, 12, 'Times New Roman', 1.5], [27.6, 12, 'Times New Roman', 2], [13.8, 12, 'Times New Roman', 1], [15.87, 12, 'Times New Roman', 1.15], [17.25, 12, 'Times New Roman', 1.25], [14.4, 12, 'Times New Roman', 1.04], [26.84, 11, 'Calibri', 2], [20.13, 11, 'Calibri', 1.5], [32.64, 12, 'Noto Serif', 2]])('lines %d points apart, %d points of %s: spacing %d', (height, size, face, spacing) => expect(spacingOf(height, size, singleSpacingOf(face))).toBeCloseTo(spacing, 1));
test.each([['ABCDEF+TimesNewRomanPS-BoldMT', 'Times New Roman'], ['ABCDEF+Nimbus Roman Regular', 'Nimbus'], ['Arial,Bold', 'Arial'], ['LiberationSerif-Italic', 'Liberation Serif']])('%s is %s', (name, face) => expect(plainFont(name)).toMatch(new RegExp(`^${face}`)));

describe('passages set otherwise than the most of a paper, by style and measured on the pages after conversion', () => {
  const body = 'Each flood tide carries silt and clay over its surface, some of which settles among the stems before the ebb begins. ', long = inParagraph(wordRun(body.repeat(8)));
  const own = (run: string, paragraph = '') => `<w:p><w:pPr>${paragraph}</w:pPr><w:r><w:rPr>${run}</w:rPr><w:t>Otherwise set words of this passage. ${body.repeat(3)}</w:t></w:r></w:p>`;
  const kinds = async (passage: string) => {
    const docx = plantedDocx(`${long}${passage}${long}<w:sectPr><w:pgSz w:w="11906" w:h="16838"/><w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440"/></w:sectPr>`, { 'word/styles.xml': styles(1.5, 12) });
    const both = [await readDocument(docx, 'a.docx'), await readDocument((await convertFiles([{ name: 'a.docx', path: 'a.docx', bytes: docx }])).bytes, 'a.pdf')];
    return both.map(({ layout }) => (layout.ok ? layout.value.outliers.map((o) => `${o.kind} ${o.found} ${o.page ?? o.part}`) : null));
  };
  test.each<[string, string, string[], string[]]>([
    ['another size', own('<w:sz w:val="20"/>'), ['size 10 word/document.xml'], ['size 10 1']],
    ['another face', own('<w:rFonts w:ascii="Times New Roman" w:hAnsi="Times New Roman"/>'), ['face Times New Roman word/document.xml'], ['face Nimbus Roman 1']],
    ['lines closer together', own('', '<w:spacing w:line="240" w:lineRule="auto"/>'), ['spacing 1 word/document.xml'], ['spacing 1 1']],
    ['hard negative: lines further apart', own('', '<w:spacing w:line="480" w:lineRule="auto"/>'), [], []],
    ['hard negative: a quotation that is moved in', own('<w:sz w:val="20"/>', '<w:ind w:left="720" w:right="720"/><w:spacing w:line="240" w:lineRule="auto"/>'), [], []],
    ['hard negative: code', own('<w:rFonts w:ascii="Courier New" w:hAnsi="Courier New"/><w:sz w:val="18"/>', '<w:spacing w:line="240" w:lineRule="auto"/>'), [], []],
    ['hard negative: a heading', '<w:p><w:r><w:rPr><w:sz w:val="32"/></w:rPr><w:t>Silt and clay</w:t></w:r></w:p>', [], []],
    ['hard negative: a reference list', `${inParagraph(wordRun('References'))}${own('<w:sz w:val="20"/>', '<w:spacing w:line="240" w:lineRule="auto"/>')}${inParagraph(wordRun('Appendix A'))}`, [], []],
  ])('%s', async (_, passage, byStyle, measured) => expect(await kinds(passage)).toEqual([byStyle, measured]));
});

// Typesetters whose point is 1/72.27 inch set 12, 11 and 10 of them as 11.955, 10.909 and 9.963 points (ISO 32000-1 counts 72 to the inch).
test.each<[set: number, asked: number, told: number, standings: string[]]>([
  [11.955, 12, 12, []], [10.909, 11, 11, []], [9.963, 10, 10, []], [10.5, 10.5, 10.5, []],
  [10.909, 12, 11, ['stops']], [9.963, 11, 10, ['stops']], [12.96, 12, 13, ['stops']],
])('type of %d points where %d are asked for is told as %d', async (set, asked, told, standings) => {
  const lines = Array.from({ length: 20 }, (_, i) => `1 0 0 1 72 ${760 - i * 18} Tm (Each flood tide carries silt and clay over its surface as it settles) Tj`).join('\n');
  const { layout } = await readDocument(await plantedPdf((pdf) => { pdf.findPage(0).get('Contents').writeStream(`BT /F ${set} Tf ${lines} ET`); }), 'a.pdf');
  if (!layout.ok) throw new Error('no layout');
  expect(layout.value.sizePt).toBe(told);
  const brief = madeBrief({ layout: { ...madeBrief().layout, fontSizePt: asked } });
  expect(layoutFontSize.evaluate({ ...madeInput({ brief }), layout: layout.value } as never).map((f) => f.standing)).toEqual(standings);
});

describe('what is a little smaller than the text', () => {
  const line = (size: number, y: number, words: string) => `/F ${size} Tf 1 0 0 1 72 ${y} Tm (${words}) Tj`, text = Array.from({ length: 24 }, (_, i) => line(11, 760 - i * 20, 'Each flood tide carries silt and clay over its surface as it settles'));
  const drawn = async (more: string[]) => { const { layout } = await readDocument(await plantedPdf((pdf) => { pdf.findPage(0).get('Contents').writeStream(`BT ${[...text, ...more].join('\n')} ET`); }), 'a.pdf'); return layout.ok && layout.value.otherSizes; };
  test('notes at the foot of a page do not count', async () => expect(await drawn([0, 1, 2].map((i) => line(10, 120 - i * 13, `${i + 1} Note that stands below the text, as its mark above tells.`)))).toEqual([]));
  test('lines between the others do', async () => expect(await drawn([line(10, 280, 'Each flood tide carries silt and clay over its surface'), line(10, 260, 'and what has settled stays there'), line(11, 240, 'until the next tide comes in')])).toEqual([10]));
  const rows = (size: number) => `<w:tbl>${'<w:tr>'.concat(['Silt', 'Clay', 'Sand'].map((w) => `<w:tc><w:p><w:r><w:rPr><w:sz w:val="${size * 2}"/></w:rPr><w:t>${w} of the marsh</w:t></w:r></w:p></w:tc>`).join(''), '</w:tr>').repeat(4)}</w:tbl>`;
  test('nor does a table, by style', async () => {
    const { layout } = await readDocument(plantedDocx(`${inParagraph(wordRun('Each flood tide carries silt and clay over its surface. '.repeat(12)))}${rows(10)}<w:p/>`, { 'word/styles.xml': styles(1.5, 11) }), 'a.docx');
    expect(layout.ok && [layout.value.sizePt, layout.value.otherSizes]).toEqual([11, []]);
  });
});
