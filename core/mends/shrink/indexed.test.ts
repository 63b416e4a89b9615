import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadMupdf } from '../../engines/pdf.ts';
import { Package } from '../../engines/zip.ts';
import { plantedDocx, plantedPdf } from '../../testing/plant.ts';
import { shrinkFile } from '../../verbs/shrink.ts';
import { indexedAsItIs, indexedWith, pngOf, withShades, type Pixels } from './indexed.ts';

/** Pixels from a rule; the measures are no multiples of eight, so that rows end within a byte. */
const drawn = (width: number, height: number, components: 1 | 3, colour: (x: number, y: number) => number[]): Pixels => {
  const stride = width * components + 3, samples = new Uint8Array(stride * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) samples.set(colour(x, y), y * stride + x * components);
  return { width, height, components, stride, samples };
};
const colourAt = ({ components, stride, samples }: Pixels, x: number, y: number): number[] => [0, 1, 2].map((c) => samples[y * stride + x * components + (components === 1 ? 0 : c)]!);
/** The picture as the engine decodes it. */
async function decoded(png: Uint8Array): Promise<Pixels> {
  const mupdf = await loadMupdf(), image = new mupdf.Image(png), own = image.toPixmap(), pixmap = own.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, false);
  try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), components: pixmap.getNumberOfComponents(), stride: pixmap.getStride(), samples: pixmap.getPixels().slice() }; } finally { image.destroy(); own.destroy(); pixmap.destroy(); }
}

describe('a list of colours', () => {
  test.each<[string, number, Pixels]>([
    ['two colours', 1, drawn(37, 11, 3, (x, y) => ((x + y) % 3 ? [250, 250, 240] : [10, 20, 30]))], ['four', 2, drawn(37, 11, 3, (x) => [(x % 4) * 60, 9, 9])], ['sixteen', 4, drawn(37, 11, 3, (x, y) => [(x % 4) * 60, (y % 4) * 60, 1])],
    ['200', 8, drawn(50, 11, 3, (x, y) => [x * 4, (y % 4) * 60, 1])], ['greys', 8, drawn(61, 9, 1, (x) => [x * 4])],
  ])('%s: every pixel as it was, in the PNG as the engine reads it', async (_, bits, pixels) => {
    const indexed = indexedAsItIs(pixels)!, back = await decoded(pngOf(indexed));
    expect([indexed.bits, back.width, back.height]).toEqual([bits, pixels.width, pixels.height]);
    for (let y = 0; y < pixels.height; y++) for (let x = 0; x < pixels.width; x++) expect(colourAt(back, x, y)).toEqual(colourAt(pixels, x, y));
  });
  test('of more than 256 colours there is none', () => expect(indexedAsItIs(drawn(40, 40, 3, (x, y) => [x * 6, y * 6, 0]))).toBeNull());
  test.each([256, 64, 16, 2])('brought down to %d colours, each pixel gets one that is near', async (colours) => {
    const pixels = drawn(64, 64, 3, (x, y) => [x * 4, y * 4, 128]), indexed = indexedWith(pixels, colours), back = await decoded(pngOf(indexed));
    expect(indexed.palette.length / 3).toBe(colours);
    let far = 0;
    for (let y = 0; y < 64; y++) for (let x = 0; x < 64; x++) far = Math.max(far, ...colourAt(back, x, y).map((v, c) => Math.abs(v - colourAt(pixels, x, y)[c]!)));
    // Half the side of a box, if the plane of colours is parted evenly.
    expect(far).toBeLessThanOrEqual({ 256: 16, 64: 32, 16: 48, 2: 140 }[colours]!);
  });
  test('fewer shades: ends stay, and what lies between goes to the nearest', () => expect(Array.from(withShades(drawn(5, 1, 1, (x) => [[0, 30, 100, 200, 255][x]!]), 4).samples.slice(0, 5))).toEqual([0, 0, 85, 170, 255]));
});

/** A page of a screen: black strokes of print with soft edges on white. */
const screen = (width: number, height: number): Pixels => drawn(width, height, 3, (x, y) => { const v = (x * 7 + y * 13) % 29 < 6 && y % 18 < 9 ? ((x + y * 3) % 5) * 50 : 255; return [v, v, v]; });
async function pngOfPixels({ width, height, stride, samples }: Pixels): Promise<Uint8Array> {
  const mupdf = await loadMupdf(), pixmap = new mupdf.Pixmap(mupdf.ColorSpace.DeviceRGB, [0, 0, width, height], false), own = pixmap.getStride(), to = pixmap.getPixels();
  for (let y = 0; y < height; y++) to.set(samples.subarray(y * stride, y * stride + width * 3), y * own);
  try { return pixmap.asPNG().slice(); } finally { pixmap.destroy(); }
}
test('pictures of a screen in a PDF get a list of colours and stay pixel for pixel', async () => {
  const mupdf = await loadMupdf(), picture = new mupdf.Image(await pngOfPixels(screen(900, 700)));
  const bytes = await plantedPdf((pdf) => {
    const objects = pdf.newDictionary(), page = pdf.findPage(0), list = pdf.newArray();
    objects.put('Im', pdf.addImage(picture));
    page.getInheritable('Resources').put('XObject', objects);
    for (const part of [page.get('Contents'), pdf.addStream('q 450 0 0 350 70 60 cm /Im Do Q', {})]) list.push(part);
    page.put('Contents', list);
  });
  const done = await shrinkFile({ name: 'a.pdf', path: 'a.pdf', bytes }, Math.round(bytes.length * 0.8)), path = join(mkdtempSync(join(tmpdir(), 'indexed-')), 'a.pdf');
  expect([done.met, done.proof.textSame, done.proof.maxPixelDifference]).toEqual([true, true, 0]);
  writeFileSync(path, done.bytes);
  expect(execFileSync('pdfimages', ['-list', path]).toString()).toMatch(/\bindex\b/);
  execFileSync('qpdf', ['--check', path]);
});
test.each([['bmp', 'image/bmp'], ['gif', 'image/gif']])('a picture of kind %s in a document becomes JPEG or PNG, and the document says so', async (ending, kind) => {
  const side = 300, { sin } = Math, photo = drawn(side, side, 3, (x, y) => [128 + 100 * sin(x / 30), 128 + 100 * sin(y / 40), 128 + 60 * sin((x + y) / 25)].map(Math.round)), bytes = ending === 'bmp' ? bmpOf(photo) : gifOf(side);
  const docx = plantedDocx('', { [`word/media/image1.${ending}`]: bytes, '[Content_Types].xml': `<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="${ending}" ContentType="${kind}"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>`,
    'word/_rels/document.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/image" Target="media/image1.${ending}"/></Relationships>` });
  const done = await shrinkFile({ name: 'a.docx', path: 'a.docx', bytes: docx }, Math.round(docx.length * 0.5)), pack = new Package(done.bytes), name = pack.names().find((n) => n.startsWith('word/media/'))!;
  expect([done.met, done.proof.textSame, pack.names().filter((n) => n.startsWith('word/media/')).length]).toEqual([true, true, 1]);
  expect(name).toMatch(ending === 'bmp' ? /image1\.jpg$/ : /image1\.png$/);
  expect(pack.text('word/_rels/document.xml.rels')).toContain(`media/${name.split('/').at(-1)!}"`);
  expect(pack.text('[Content_Types].xml')).toMatch(ending === 'bmp' ? /Extension="jpg" ContentType="image\/jpeg"/ : /Extension="png" ContentType="image\/png"/);
});
/** An uncompressed bitmap of 24 bits. Source: the format's own header of 40 bytes, from memory. */
function bmpOf({ width, height, stride, samples }: Pixels): Uint8Array {
  const row = (width * 3 + 3) & ~3, out = new Uint8Array(54 + row * height), view = new DataView(out.buffer);
  out.set([0x42, 0x4d]); view.setUint32(2, out.length, true); view.setUint32(10, 54, true); view.setUint32(14, 40, true); view.setInt32(18, width, true); view.setInt32(22, height, true); view.setUint16(26, 1, true); view.setUint16(28, 24, true);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) for (let c = 0; c < 3; c++) out[54 + (height - 1 - y) * row + x * 3 + 2 - c] = samples[y * stride + x * 3 + c]!;
  return out;
}
/** A GIF of one picture whose codes are all literals of eight bits, the table cleared before it grows. Source: GIF89a, 18 to 22 and appendix F. */
function gifOf(side: number): Uint8Array {
  const head = [...new TextEncoder().encode('GIF89a'), side & 255, side >> 8, side & 255, side >> 8, 0xf7, 0, 0], table = Array.from({ length: 256 }, (_, i) => [i, (i * 5) % 256, 255 - i]).flat(), bits: number[] = [];
  const code = (value: number): void => { for (let b = 0; b < 9; b++) bits.push((value >> b) & 1); };
  for (let i = 0; i < side * side; i++) { if (i % 250 === 0) code(256); code(((i % side) >> 5) + 8 * ((Math.floor(i / side) >> 5) % 8)); }
  code(257);
  const bytes = Array.from({ length: Math.ceil(bits.length / 8) }, (_, i) => bits.slice(i * 8, i * 8 + 8).reduce((n, bit, b) => n | (bit << b), 0)), blocks: number[] = [];
  for (let at = 0; at < bytes.length; at += 255) { const part = bytes.slice(at, at + 255); blocks.push(part.length, ...part); }
  return Uint8Array.from([...head, ...table, 0x2c, 0, 0, 0, 0, side & 255, side >> 8, side & 255, side >> 8, 0, 8, ...blocks, 0, 0x3b]);
}
