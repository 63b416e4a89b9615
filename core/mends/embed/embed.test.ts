import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadMupdf, withPage, withPdf, type PdfDocument } from '../../engines/pdf.ts';
import { dictOf, plantedPdf } from '../../testing/plant.ts';
import { embedFile } from '../../verbs/embed.ts';
import { convertFiles } from '../../verbs/convert.ts';
import { characterIn, characterOf } from '../../tables/glyph-names.ts';
import { standardFace } from '../../tables/standard-fonts.ts';
import { embedStandardFonts } from './embed.ts';
import { keepGlyphs } from './cff.ts';

const folder = mkdtempSync(join(tmpdir(), 'embed-'));
const kept = (bytes: Uint8Array, name: string): string => { const path = `${folder}/${name}.pdf`; writeFileSync(path, bytes); return path; };
const tool = (name: string, ...words: string[]): string => execFileSync(name, words, { encoding: 'utf8' });
/** A page that sets a line in each of some fonts given as dictionaries. */
async function set(fonts: [dict: (pdf: PdfDocument) => Record<string, never>, codes: string][]): Promise<Uint8Array> {
  return plantedPdf((pdf) => {
    const page = pdf.findPage(0), resources = pdf.newDictionary(), named = pdf.newDictionary();
    fonts.forEach(([dict], i) => named.put(`F${i}`, pdf.addObject(dictOf(pdf, dict(pdf)))));
    resources.put('Font', named);
    page.put('Resources', resources);
    page.put('Contents', pdf.addStream(fonts.map(([, codes], i) => `BT /F${i} 14 Tf 72 ${700 - 30 * i} Td <${codes}> Tj ET`).join('\n'), {}));
  }, { save: 'garbage=3,compress' });
}
const hex = (text: string): string => [...text].map((c) => c.charCodeAt(0).toString(16).padStart(2, '0')).join('');
const simple = (name: string, more: Record<string, unknown> = {}) => () => ({ Type: '/Font', Subtype: '/Type1', BaseFont: `/${name}`, ...more }) as unknown as Record<string, never>;
/** Where each character stands and how far it reaches. */
const places = (bytes: Uint8Array): Promise<string[]> => withPdf(bytes, (pdf) => withPage(pdf, 0, (page) => {
  const out: string[] = [], text = page.toStructuredText('');
  text.walk({ onChar: (c: string, _origin: unknown, _font: unknown, _size: number, quad: number[]) => { out.push(`${c} ${quad[0]!.toFixed(2)} ${quad[2]!.toFixed(2)}`); } } as never);
  text.destroy();
  return out;
}));
const differences = (pdf: PdfDocument) => { const list = pdf.newArray(); list.push(1); for (const n of ['eacute', 'fi', 'Euro']) list.push(pdf.newName(n)); return dictOf(pdf, { Type: '/Encoding', Differences: list as never }); };

test('standard faces get their programs: poppler sees them embedded, qpdf finds no fault, every advance is as it was', async () => {
  const bytes = await set([
    [simple('Times-Roman', { Encoding: '/WinAnsiEncoding' }), hex('Sediment caf\xe9 \x96 budgets')], [simple('Helvetica-Bold'), hex('Bold heading')], [simple('Symbol'), hex('abcDW')],
    [simple('ArialMT', { Subtype: '/TrueType', Encoding: '/WinAnsiEncoding' }), hex('Arial, quoted \x93so\x94')], [(pdf) => ({ Type: '/Font', Subtype: '/Type1', BaseFont: '/Courier', Encoding: differences(pdf) }) as unknown as Record<string, never>, `${hex('plain ')}010203`],
  ]);
  expect(tool('pdffonts', kept(bytes, 'before'))).toMatch(/ no {2}no/);
  const { bytes: out, done, left, proof } = await embedFile({ name: 'a.pdf', path: 'a.pdf', bytes });
  expect([done.map((d) => d.face), left]).toEqual([['Times-Roman', 'Helvetica-Bold', 'Symbol', 'Helvetica', 'Courier'], []]);
  expect(proof).toMatchObject({ textSame: true, pagesSame: true, maxPixelDifference: 0 });
  const path = kept(out, 'after'), rows = tool('pdffonts', path).trim().split('\n').slice(2);
  expect(rows.map((r) => /Type 1C\s+\S+\s+(\w+)/.exec(r)?.[1])).toEqual(rows.map(() => 'yes'));
  expect(tool('qpdf', '--check', path)).toContain('No syntax or stream encoding errors');
  expect(await places(out)).toEqual(await places(bytes));
  // What another program reads, letter for letter and place for place.
  expect(tool('pdftotext', '-layout', path, '-').normalize('NFKC')).toBe(tool('pdftotext', '-layout', kept(bytes, 'before'), '-').normalize('NFKC'));
  expect((tool('pdftotext', '-bbox', path, '-').match(/xM..="[\d.]+"/g) ?? []).map((m) => Math.round(Number(/[\d.]+/.exec(m)![0])))).toEqual((tool('pdftotext', '-bbox', kept(bytes, 'before'), '-').match(/xM..="[\d.]+"/g) ?? []).map((m) => Math.round(Number(/[\d.]+/.exec(m)![0]))));
});
test('hard negatives: another face, other widths under a known name, a composite font, fonts that are inside', async () => {
  const widths = (pdf: PdfDocument) => { const list = pdf.newArray(); for (let i = 0; i < 26; i++) list.push(480); return { Type: '/Font', Subtype: '/Type1', BaseFont: '/Arial', Encoding: '/WinAnsiEncoding', FirstChar: 97, LastChar: 122, Widths: list } as unknown as Record<string, never>; };
  const composite = (pdf: PdfDocument) => { const list = pdf.newArray(); list.push(pdf.addObject(dictOf(pdf, { Type: '/Font', Subtype: '/CIDFontType2', BaseFont: '/Arial', CIDSystemInfo: dictOf(pdf, { Registry: 'Adobe', Ordering: 'Identity', Supplement: 0 }) }))); return { Type: '/Font', Subtype: '/Type0', BaseFont: '/Arial', Encoding: '/Identity-H', DescendantFonts: list } as unknown as Record<string, never>; };
  const bytes = await set([[simple('GaramondPremier', { Encoding: '/WinAnsiEncoding' }), hex('other')], [widths, hex('narrow')], [composite, '00240025']]);
  const { done, left } = await embedStandardFonts(bytes);
  expect([done, left.map((l) => l.why).sort()]).toEqual([[], ['composite', 'face', 'widths']]);
  await expect(embedFile({ name: 'a.pdf', path: 'a.pdf', bytes })).rejects.toMatchObject({ code: 'unsupported' });
  const whole = (await embedStandardFonts(await set([[simple('Times-Roman'), hex('inside')]]))).bytes;
  await expect(embedFile({ name: 'a.pdf', path: 'a.pdf', bytes: whole })).rejects.toMatchObject({ message: 'All fonts are inside already.' });
});
test('a PDF converted to PDF carries its fonts afterwards', async () => {
  const done = await convertFiles([{ name: 'a.pdf', path: 'a.pdf', bytes: await set([[simple('Times-Italic'), hex('leaning')]]) }]);
  expect(done.fonts).toEqual([{ name: 'LATINS+Times-Italic', embedded: true }]);
});
test.each([['TimesNewRomanPS-BoldMT', 'Times-Bold'], ['Arial-BoldItalicMT', 'Helvetica-BoldOblique'], ['ABCDEF+CourierNewPSMT', 'Courier'], ['Helvetica', 'Helvetica'], ['LiberationSerif-Italic', 'Times-Italic'], ['ArialNarrow', null], ['Arial-Black', null], ['Helvetica-Light', null], ['SymbolMT', 'Symbol'], ['TimesTen-Roman', 'Times-Roman']] as const)('the face of %s', (name, face) => expect(standardFace(name)).toBe(face));
// ISO 32000-1, D.2: codes of the Latin character set (octal 247 is section in STD, 256 fi; WIN 200 Euro; MAC 216 eacute).
test('encodings as the standard prints them', () => {
  expect([characterIn('StandardEncoding', 0o247), characterIn('StandardEncoding', 0o256), characterIn('WinAnsiEncoding', 0o200), characterIn('MacRomanEncoding', 0o216), characterIn('StandardEncoding', 0o200)]).toEqual([0xa7, 0xfb01, 0x20ac, 0xe9, null]);
  expect([characterOf('germandbls'), characterOf('Q'), characterOf('uni20AC'), characterOf('g123')]).toEqual([0xdf, 0x51, 0x20ac, null]);
});
test('glyphs that are left out are empty; those that are kept are byte for byte the same', async () => {
  const mupdf = await loadMupdf(), pdf = new mupdf.PDFDocument(), font = new mupdf.Font('Helvetica');
  const cff = pdf.addFont(font).get('DescendantFonts').get(0).get('FontDescriptor').get('FontFile3').readStream().asUint8Array().slice(), a = font.encodeCharacter(65), b = font.encodeCharacter(66);
  const [two, all] = [keepGlyphs(cff, new Set([a, b])), keepGlyphs(cff, new Set(Array.from({ length: 4000 }, (_, i) => i)))];
  expect(Buffer.from(all).equals(Buffer.from(cff))).toBe(true);
  expect(two.length).toBe(cff.length);
  expect(two.filter((v) => v === 0).length).toBeGreaterThan(cff.length / 2);
});
