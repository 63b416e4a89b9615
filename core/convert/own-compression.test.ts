import { expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crc32 } from 'node:zlib';
import { zlibSync } from 'fflate';
import { loadMupdf } from '../engines/pdf.ts';
import { layOut } from './layout.ts';
import { holdBack } from './own-compression.ts';
import { emptyPage } from './page-description.ts';
import { pictureSource } from './picture.ts';

const width = 90, height = 70;
function chunk(type: string, content: Uint8Array): Buffer {
  const named = Buffer.concat([Buffer.from(type, 'latin1'), content]), length = Buffer.alloc(4), sum = Buffer.alloc(4);
  length.writeUInt32BE(content.length);
  sum.writeUInt32BE(crc32(named));
  return Buffer.concat([length, named, sum]);
}
/** Pixels that do not pack well, the same each time. */
const noise = (length: number): Uint8Array => { let n = 7; return Uint8Array.from({ length }, () => { n = (n * 1_103_515_245 + 12_345) % 2_147_483_648; return n >> 16; }); };
interface Looks { depth?: number; colour?: number; interlaced?: number; beside?: Buffer[]; rows?: number; cut?: number; filter?: number }
/** A PNG whose rows are filtered as asked: 0 not at all, 1 as differences from the byte a pixel before (PNG 9.2). */
function png({ depth = 8, colour = 2, interlaced = 0, beside = [], rows = height, cut = 0, filter = 0 }: Looks = {}): Uint8Array {
  const samples = { 0: 1, 2: 3, 3: 1, 4: 2, 6: 4 }[colour]!, row = Math.ceil((width * samples * depth) / 8), back = Math.max(1, (samples * depth) / 8), pixels = noise(rows * row), out = Buffer.alloc(rows * (row + 1)), header = Buffer.alloc(13);
  for (let y = 0; y < rows; y++) {
    out[y * (row + 1)] = filter;
    for (let x = 0; x < row; x++) out[y * (row + 1) + 1 + x] = (pixels[y * row + x]! - (filter === 1 && x >= back ? pixels[y * row + x - back]! : 0)) & 255;
  }
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([depth, colour, 0, 0, interlaced], 8);
  const packed = Buffer.from(zlibSync(out)), half = packed.length >> 1;
  return Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), chunk('IHDR', header), ...beside, chunk('IDAT', packed.subarray(0, half)), chunk('IDAT', packed.subarray(half, packed.length - cut)), chunk('IEND', Buffer.alloc(0))]);
}
const shown = (bytes: Uint8Array): string => `<p>Before.</p><p><img src="${pictureSource(bytes)}" style="width:180pt;height:140pt"/></p><p>After.</p>`;
const palette = chunk('PLTE', noise(256 * 3));

/** What poppler finds in the PDF, and how it draws the page. */
async function pictureIn(body: string): Promise<{ list: string[]; pixels: Buffer }> {
  const folder = mkdtempSync(join(tmpdir(), 'pictures-')), path = join(folder, 'a.pdf');
  writeFileSync(path, await layOut({ ...emptyPage(), body }, {}));
  execFileSync('qpdf', ['--check', path]);
  const list = execFileSync('pdfimages', ['-list', path], { encoding: 'utf8' }).trim().split('\n').slice(2);
  execFileSync('pdftoppm', ['-r', '72', '-singlefile', path, join(folder, 'page')]);
  return { list, pixels: readFileSync(join(folder, 'page.ppm')) };
}
/** The same picture as the engine puts it in: its size is told in another way, so it is not held back. */
const asEngineSets = (bytes: Uint8Array): Promise<{ list: string[]; pixels: Buffer }> => pictureIn(shown(bytes).replace(' style="width:180pt;height:140pt"', ' width="180pt" height="140pt"'));

test.each([
  ['colours', {}, 'rgb', 8], ['colours, filtered', { filter: 1 }, 'rgb', 8], ['colours of 16 bits', { depth: 16 }, 'rgb', 16], ['grey', { colour: 0 }, 'gray', 8], ['grey, filtered', { colour: 0, filter: 1 }, 'gray', 8], ['a list of colours', { colour: 3, beside: [palette] }, 'index', 8],
] as const)('a PNG goes in as it is: %s', async (_, looks, colours, depth) => {
  const bytes = png(looks as Looks), mupdf = await loadMupdf();
  expect(holdBack(mupdf, shown(bytes)).kept.size).toBe(1);
  const { list, pixels } = await pictureIn(shown(bytes));
  expect(list).toHaveLength(1);
  expect(list[0]!.trim().split(/\s+/).slice(2, 8)).toEqual(['image', String(width), String(height), colours, expect.any(String), String(depth)]);
  // The page looks as it does where the engine has unpacked the picture.
  const other = await asEngineSets(bytes);
  expect(other.list).toHaveLength(1);
  expect(pixels.length).toBe(other.pixels.length);
  expect(pixels.filter((p, i) => Math.abs(p - other.pixels[i]!) > 1).length / pixels.length).toBeLessThan(0.001);
});
test('what a PDF cannot hold so, or what is not whole, is left to the engine', async () => {
  const mupdf = await loadMupdf(), left: [string, Uint8Array][] = [
    ['see-through', png({ colour: 6 })], ['grey and see-through', png({ colour: 4 })], ['one colour see-through', png({ beside: [chunk('tRNS', Buffer.from([0, 1, 0, 2, 0, 3]))] })], ['a profile', png({ beside: [chunk('iCCP', noise(40))] })],
    ['interlaced', png({ interlaced: 1 })], ['too few rows', png({ rows: height - 1 })], ['too many rows', png({ rows: height + 1 })], ['cut off', png({ cut: 900 })], ['a filter that there is not', png({ filter: 9 })], ['no list of colours', png({ colour: 3 })], ['more bits than a list of colours has', png({ colour: 3, depth: 16, beside: [palette] })], ['small', png({ colour: 0, depth: 1 })],
  ];
  for (const [what, bytes] of left) expect([what, holdBack(mupdf, shown(bytes))]).toEqual([what, { body: shown(bytes), kept: new Map() }]);
  expect(holdBack(mupdf, shown(png()).replace(' style="width:180pt;height:140pt"', '')).kept.size).toBe(0);
  // A picture that is shown twice is held once.
  const twice = shown(png()) + shown(png({ filter: 1 })) + shown(png()), { kept, body } = holdBack(mupdf, twice);
  expect(kept.size).toBe(2);
  expect(body.match(/<img /g)).toHaveLength(3);
  expect((await pictureIn(twice)).list.map((l) => l.trim().split(/\s+/).slice(3, 5).join('x'))).toEqual(Array(3).fill(`${width}x${height}`));
  const { list } = await pictureIn(shown(png({ colour: 6 })));
  expect(list.map((l) => l.trim().split(/\s+/)[2])).toEqual(['image', 'smask']);
});
