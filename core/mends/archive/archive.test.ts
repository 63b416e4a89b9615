import { expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faceFiles } from '../../engines/face-files.ts';
import { loadMupdf, withManagedColours, withPdf, type PdfDocument } from '../../engines/pdf.ts';
import { srgbProfile } from '../../engines/srgb.ts';
import { emptyBrief } from '../../model/brief.ts';
import { readArchive } from '../../readers/pdf/archive.ts';
import { archiveRules, type ArchiveRule } from '../../tables/archive-rules.ts';
import { nina } from '../../testing/made.ts';
import { dictOf, plantedDocx, plantedPdf, secret } from '../../testing/plant.ts';
import { archiveFile } from '../../verbs/archive.ts';
import { cleanFile } from '../../verbs/clean.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { writeArchive } from './archive.ts';

const file = (bytes: Uint8Array, name = 'a.pdf') => ({ name, path: name, bytes });
type Plant = (pdf: PdfDocument, mupdf: Awaited<ReturnType<typeof loadMupdf>>) => void;
const root = (pdf: PdfDocument) => pdf.getTrailer().get('Root');
const annotate = (pdf: PdfDocument, values: Parameters<typeof dictOf>[1]): void => { const page = pdf.findPage(0), list = pdf.newArray(); list.push(pdf.addObject(dictOf(pdf, { Type: '/Annot', Rect: [10, 10, 60, 40], ...values }))); page.put('Annots', list); };
const paint = (pdf: PdfDocument, operators: string): void => { const page = pdf.findPage(0), both = pdf.newArray(); both.push(page.get('Contents')); both.push(pdf.addStream(operators, {})); page.put('Contents', both); };
const action = (pdf: PdfDocument, kind: string): ReturnType<typeof dictOf> => dictOf(pdf, { Type: '/Action', S: `/${kind}`, JS: 'app.alert(1)', F: 'calc', N: '/Print' });
const layers = (pdf: PdfDocument): void => { const layer = pdf.addObject(dictOf(pdf, { Type: '/OCG', Name: 'draft' })), all = pdf.newArray(), on = pdf.newDictionary(), props = pdf.newDictionary(); all.push(layer); on.put('ON', all); props.put('OCGs', all); props.put('D', on); root(pdf).put('OCProperties', props); };
const state = (pdf: PdfDocument, values: Parameters<typeof dictOf>[1]): void => { const states = pdf.newDictionary(); states.put('G', pdf.addObject(dictOf(pdf, { Type: '/ExtGState', ...values }))); pdf.findPage(0).get('Resources').put('ExtGState', states); };
const attached = (pdf: PdfDocument): void => { const files = pdf.newDictionary(), names = pdf.newDictionary(), list = pdf.newArray(), spec = dictOf(pdf, { Type: '/Filespec', F: 'data.csv' }), inner = pdf.newDictionary(); inner.put('F', pdf.addStream('a,b', dictOf(pdf, { Type: '/EmbeddedFile' }))); spec.put('EF', inner); list.push(pdf.newString('data.csv')); list.push(pdf.addObject(spec)); files.put('Names', list); names.put('EmbeddedFiles', files); root(pdf).put('Names', names); };

/** What breaks a rule, one at a time; each stands in a PDF that is otherwise as the engine writes it. Clauses: {@link archiveRules}. */
const breaks: [ArchiveRule, Plant][] = [
  ['trigger', (pdf) => { root(pdf).put('AA', dictOf(pdf, { WC: '/x' })); }], ['action', (pdf) => { root(pdf).put('OpenAction', action(pdf, 'JavaScript')); }],
  ['trigger', (pdf) => { const first = action(pdf, 'JavaScript'), opened = pdf.newDictionary(); first.put('Next', action(pdf, 'Launch')); opened.put('O', first); pdf.findPage(0).put('AA', opened); }],
  ['action', (pdf) => { const first = action(pdf, 'JavaScript'); first.put('Next', action(pdf, 'Launch')); root(pdf).put('OpenAction', first); }],
  ['action', (pdf) => { annotate(pdf, { Subtype: '/Link', F: 4, A: action(pdf, 'Launch') }); }], ['action', (pdf) => { annotate(pdf, { Subtype: '/Link', F: 4, A: action(pdf, 'Named') }); }],
  ['attachment', attached], ['requirements', (pdf) => { root(pdf).put('Requirements', pdf.newArray()); }], ['layers', layers],
  ['xfa', (pdf) => { const form = pdf.newDictionary(); form.put('XFA', pdf.addStream('<xdp/>', {})); root(pdf).put('AcroForm', form); }], ['form', (pdf) => { root(pdf).put('AcroForm', dictOf(pdf, { NeedAppearances: 0 })); root(pdf).get('AcroForm').put('NeedAppearances', true); }],
  ['annotationFlags', (pdf) => { annotate(pdf, { Subtype: '/Link', A: dictOf(pdf, { S: '/URI', URI: 'https://carrow.example/' }) }); }], ['annotationFlags', (pdf) => { annotate(pdf, { Subtype: '/Square', F: 2 }); }],
  ['annotationKind', (pdf) => { annotate(pdf, { Subtype: '/Sound', F: 4 }); }], ['appearance', (pdf) => { annotate(pdf, { Subtype: '/Square', F: 4, C: [1, 0, 0] }); }],
  ['state', (pdf) => { state(pdf, { TR: '/Identity', ca: 1 }); }], ['state', (pdf) => { state(pdf, { HTP: [0, 0] }); }],
  ['image', (pdf, mupdf) => { const map = new mupdf.Pixmap(mupdf.ColorSpace.DeviceGray, [0, 0, 4, 4], false); map.clear(128); const picture = pdf.addImage(new mupdf.Image(map)), objects = pdf.newDictionary(); picture.put('Interpolate', true); objects.put('I', picture); pdf.findPage(0).get('Resources').put('XObject', objects); }],
  ['filter', (pdf) => { const page = pdf.findPage(0), content = pdf.addRawStream(lzw, dictOf(pdf, { Filter: '/LZWDecode' })); page.put('Contents', content); }],
  ['font', (pdf) => { const fonts = pdf.findPage(0).get('Resources').get('Font'); fonts.put('F', pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/Type1', BaseFont: '/Helvetica' }))); }],
];
/** Three times the operator `q Q ` in LZW with codes of nine bits (ISO 32000-1, 7.4.4.2): clear, the bytes, end. */
const lzw = packNine([256, ...Array.from('q Q q Q q Q ', (c) => c.charCodeAt(0)), 257]);
function packNine(codes: number[]): Uint8Array { const bits = codes.map((c) => c.toString(2).padStart(9, '0')).join('').padEnd(Math.ceil((codes.length * 9) / 8) * 8, '0'); return Uint8Array.from(bits.match(/.{8}/g)!, (b) => parseInt(b, 2)); }

test.each(breaks)('%s: found, and gone from the copy for keeping', async (rule, plant) => {
  const bytes = await plantedPdf(plant), before = await readArchive(bytes);
  expect(before.broken.map((b) => b.rule)).toContain(rule);
  const copy = await writeArchive(bytes);
  expect(await readArchive(copy)).toEqual({ claim: '2b', broken: [] });
});
/** A composite TrueType font whose codes are glyph numbers, as office programs write it, and one line set in it. */
const trueType = (glyphs: string, change: (pdf: PdfDocument, cid: ReturnType<typeof dictOf>) => void = () => {}): Plant => (pdf, mupdf) => {
  const font = new mupdf.Font('DejaVu Sans', new Uint8Array(readFileSync(`node_modules/${faceFiles['DejaVuSans.ttf']!}`))), ref = pdf.addFont(font), page = pdf.findPage(0);
  change(pdf, ref.get('DescendantFonts').get(0));
  page.get('Resources').get('Font').put('G', ref);
  paint(pdf, `BT /G 12 Tf 100 300 Td <${glyphs}> Tj ET`);
};
test.each<[ArchiveRule, string, Plant]>([
  ['notdef', 'DejaVuSans', trueType('00440000')], ['widths', 'DejaVuSans', trueType('00440045', (pdf, cid) => { cid.delete('W'); cid.put('DW', 321); })],
  ['limits', 'nesting', (pdf) => paint(pdf, `${'q '.repeat(29)}${'Q '.repeat(29)}`)], ['limits', 'a name', (pdf) => { root(pdf).put('PieceInfo', dictOf(pdf, { X: `/${'n'.repeat(128)}` })); }], ['limits', 'a string', (pdf) => { root(pdf).put('PieceInfo', dictOf(pdf, { X: 's'.repeat(32_768) })); }],
])('%s (%s): found, and told as one that only a new export mends', async (rule, text, plant) => {
  const found = (await readArchive(await plantedPdf(plant))).broken.filter((b) => b.rule === rule);
  expect(found).toMatchObject([{ rule, text }]);
  expect(archiveRules[rule].mended).toBe(false);
});
test('hard negatives: glyphs that are there with the widths they have, states saved 28 deep, a name of 127 bytes', async () => {
  for (const plant of [trueType('00440045'), (pdf: PdfDocument) => paint(pdf, `${'q '.repeat(27)}${'Q '.repeat(27)}`), (pdf: PdfDocument) => { root(pdf).put('PieceInfo', dictOf(pdf, { X: `/${'n'.repeat(127)}` })); }]) {
    expect((await readArchive(await plantedPdf(plant))).broken.map((b) => b.rule).filter((r) => ['notdef', 'widths', 'limits'].includes(r))).toEqual([]);
  }
});
test('a plain PDF breaks what every plain PDF breaks, and nothing else', async () => {
  const rules = (await readArchive(await plantedPdf())).broken.map((b) => b.rule).sort();
  expect(rules).toEqual(['claim', 'font', 'identifier', 'intent', 'metadata']);
});
test('a bookkeeping entry is no action, a page change no script, a mask no print setting', async () => {
  const bytes = await writeArchive(await plantedPdf((pdf) => {
    root(pdf).put('StructTreeRoot', pdf.addObject(dictOf(pdf, { Type: '/StructTreeRoot', K: dictOf(pdf, { Type: '/StructElem', S: '/Sound', P: '/x' }) })));
    pdf.findPage(0).put('Trans', dictOf(pdf, { S: '/Wipe' }));
    state(pdf, { SMask: dictOf(pdf, { Type: '/Mask', S: '/Luminosity', TR: '/Identity' }) });
    annotate(pdf, { Subtype: '/Popup', F: 0 });
  }));
  expect((await readArchive(bytes)).broken).toEqual([]);
});
test('CMYK gets a meaning, and its colours stay what they were', async () => {
  const bytes = await plantedPdf((pdf) => paint(pdf, '0 0.5 1 0.2 k 100 100 200 200 re f 1 0 0 0 K 300 300 50 50 re S')), copy = await writeArchive(bytes);
  expect((await readArchive(await withIntentOnly(bytes))).broken.map((b) => `${b.rule} ${b.text}`)).toContain('colour CMYK');
  expect(await readArchive(copy)).toEqual({ claim: '2b', broken: [] });
  for (const [x, y] of [[200, 642], [300, 500]] as const) expect(await colourAt(copy, x, y)).toEqual(await colourAt(bytes, x, y));
  // What the table says, read by another program: poppler shows a mixture through it within a few steps of what it says.
  const at = join(mkdtempSync(join(tmpdir(), 'cmyk-')), 'a.pdf');
  writeFileSync(at, copy);
  const shown = spawnSync('pdftoppm', ['-r', '72', '-x', '200', '-y', '642', '-W', '1', '-H', '1', at]).stdout, [r, g, b] = [...shown.subarray(-3)] as [number, number, number], wanted = await colourAt(bytes, 200, 642);
  expect(Math.max(Math.abs(r - wanted[0]!), Math.abs(g - wanted[1]!), Math.abs(b - wanted[2]!))).toBeLessThan(12);
});
test('a name in a string of page text is no colour operator', async () => {
  const bytes = await writeArchive(await plantedPdf((pdf) => paint(pdf, 'BT /F 12 Tf (0 0 0 1 k and 1 0 0 rg) Tj ET % 1 0 0 0 k\n')));
  expect((await readArchive(bytes)).broken).toEqual([]);
});
test('the profile says sRGB to another program and to the engine', async () => {
  const at = join(mkdtempSync(join(tmpdir(), 'icc-')), 'a.icc');
  writeFileSync(at, srgbProfile());
  const told = spawnSync('exiftool', ['-s', '-s', '-RedMatrixColumn', '-MediaWhitePoint', '-ProfileVersion', at], { encoding: 'utf8' }).stdout;
  // sRGB under D50 as registered with the ICC: red 0.4360 0.2225 0.0139.
  expect(told).toMatch(/RedMatrixColumn: 0\.4360\d* 0\.222\d* 0\.0139/);
  expect(told).toMatch(/ProfileVersion: 2\.1\.0/);
  const mupdf = await loadMupdf(), space = new mupdf.ColorSpace(srgbProfile(), 'sRGB');
  expect([space.getType(), space.getNumberOfComponents()]).toEqual(['RGB', 3]);
});
test('a paper of the built-in engine becomes one for keeping, and other programs read it as such', async () => {
  const { bytes } = await convertFiles([file(plantedDocx(), 'a.docx')]), kept = await archiveFile(file(bytes), false);
  expect([kept.claim, kept.proof.textSame, kept.proof.pagesSame, kept.proof.maxPixelDifference]).toEqual(['2b', true, true, 0]);
  const at = join(mkdtempSync(join(tmpdir(), 'keep-')), 'a.pdf');
  writeFileSync(at, kept.bytes);
  expect(spawnSync('exiftool', ['-s', '-s', '-XMP-pdfaid:all', '-PDF:Author', '-PDF:Producer', at], { encoding: 'utf8' }).stdout.trim().split('\n')).toEqual(['Part: 2', 'Conformance: B']);
  expect(spawnSync('qpdf', ['--check', at]).status).toBe(0);
  expect(spawnSync('pdffonts', [at], { encoding: 'utf8' }).stdout.split('\n').slice(2).filter(Boolean).every((l) => / yes (?:yes|no) +(?:yes|no) +\d/.test(l))).toBe(true);
});
test('clearing takes the names and leaves it a file for keeping, where one is asked for', async () => {
  const kept = await writeArchive(await plantedPdf((pdf) => annotate(pdf, { Subtype: '/Square', F: 4, T: secret, C: [1, 0, 0] })));
  const asked = await cleanFile(file(kept), { details: nina, brief: { ...emptyBrief(), anonymous: true, archival: 'PDF/A' } });
  expect(await readArchive(asked.bytes)).toEqual({ claim: '2b', broken: [] });
  expect(asked.left).toEqual([]);
  const plain = await cleanFile(file(kept), { details: nina, brief: { ...emptyBrief(), anonymous: true } });
  expect((await readArchive(plain.bytes)).claim).toBeNull();
});
test('of what a file stores nothing stays where marking is anonymous, and title and author where a library wants them', async () => {
  const bytes = await plantedPdf((pdf) => { pdf.setMetaData('info:Author', `${secret} & daughters`); pdf.setMetaData('info:Title', 'Silt'); pdf.setMetaData('info:Producer', 'Carrow Writer 4'); });
  for (const [keep, told] of [[true, `Silt|${secret} & daughters|2|B`], [false, '2|B']] as const) {
    const at = join(mkdtempSync(join(tmpdir(), 'names-')), 'a.pdf');
    writeFileSync(at, (await archiveFile(file(bytes), keep)).bytes);
    expect(spawnSync('exiftool', ['-s', '-s', '-s', '-XMP:Title', '-XMP:Creator', '-XMP:Part', '-XMP:Conformance', '-PDF:Author', '-PDF:Title', '-PDF:Producer', at], { encoding: 'utf8' }).stdout.trim().split('\n').join('|')).toBe(told);
  }
});
test('what has no remedy is said and nothing is offered', async () => {
  const bytes = await plantedPdf((pdf) => { const fonts = pdf.findPage(0).get('Resources').get('Font'); fonts.put('F', pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/TrueType', BaseFont: '/Marrowgrove-Book' }))); });
  await expect(archiveFile(file(bytes), false)).rejects.toThrow('Marrowgrove-Book');
  await expect(archiveFile(file(plantedDocx(), 'a.docx'), false)).rejects.toThrow('Only a PDF');
});

/** An output intent for RGB put into a PDF that says nothing of its CMYK. */
const withIntentOnly = async (bytes: Uint8Array): Promise<Uint8Array> => withPdf(bytes, (pdf) => {
  const profile = pdf.addStream(srgbProfile(), dictOf(pdf, { N: 3 })), intent = dictOf(pdf, { Type: '/OutputIntent', S: '/GTS_PDFA1' }), list = pdf.newArray();
  intent.put('DestOutputProfile', profile); list.push(intent); root(pdf).put('OutputIntents', list);
  const buffer = pdf.saveToBuffer('');
  try { return buffer.asUint8Array().slice(); } finally { buffer.destroy(); }
});
const colourAt = (bytes: Uint8Array, x: number, y: number): Promise<number[]> => withPdf(bytes, (pdf, mupdf) => withManagedColours(mupdf, () => {
  const page = pdf.loadPage(0), map = page.toPixmap(mupdf.Matrix.identity, mupdf.ColorSpace.DeviceRGB, false, true), at = (y * map.getWidth() + x) * 3;
  try { return [...map.getPixels().slice(at, at + 3)]; } finally { map.destroy(); page.destroy(); }
}));
