import { describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { loadMupdf } from '../../engines/pdf.ts';
import { gifPictures, tiffPictures } from '../../readers/image/segments.ts';
import { pictureSize } from '../../readers/image/read.ts';
import { encodeBmp, encodeGif, encodeTiff, type Flat } from './encode.ts';
import { blotPicture } from './picture.ts';

/** A picture of few colours with some letters of ink on it, at a place of its own. */
function drawn(width: number, height: number, channels: 1 | 3 = 3, clear = false): Flat {
  const data = new Uint8Array(width * height * channels), alpha = clear ? new Uint8Array(width * height).fill(255) : null;
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) for (let k = 0; k < channels; k++) data[(y * width + x) * channels + k] = x < 4 || y < 4 ? 90 + 20 * k : 220 - 10 * k;
  for (let y = 14; y < 20; y++) for (let x = 20; x < 40; x++) if ((x + y) % 3 === 0) for (let k = 0; k < channels; k++) data[(y * width + x) * channels + k] = 10;
  if (alpha) for (let y = 0; y < 4; y++) for (let x = 0; x < 4; x++) { alpha[y * width + x] = 0; for (let k = 0; k < channels; k++) data[(y * width + x) * channels + k] = 0; }
  return { width, height, channels, data, alpha };
}
/** As another program decodes it: rows of three colours, and how opaque each pixel is. */
async function decoded(bytes: Uint8Array): Promise<{ width: number; height: number; rgb: number[]; alpha: number[] | null }> {
  const mupdf = await loadMupdf(), image = new mupdf.Image(bytes), stored = image.toPixmap(), pixmap = stored.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, true);
  try {
    const width = pixmap.getWidth(), height = pixmap.getHeight(), step = pixmap.getNumberOfComponents(), pixels = pixmap.getPixels(), rgb: number[] = [], alpha: number[] = [];
    for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) { const at = y * pixmap.getStride() + x * step; rgb.push(pixels[at]!, pixels[at + 1]!, pixels[at + 2]!); if (step > 3) alpha.push(pixels[at + 3]!); }
    return { width, height, rgb, alpha: step > 3 ? alpha : null };
  } finally { pixmap.destroy(); stored.destroy(); image.destroy(); }
}
const asRgb = ({ channels, data }: Flat): number[] => (channels === 3 ? [...data] : [...data].flatMap((v) => [v, v, v]));
const writers = { tiff: (f: Flat) => encodeTiff(f, 1), bmp: encodeBmp, gif: (f: Flat) => encodeGif(f)! };

describe.each(Object.entries(writers))('%s', (kind, write) => {
  test.each<[string, Flat]>([['colour', drawn(61, 33)], ['grey', drawn(64, 32, 1)], ['one pixel', { width: 1, height: 1, channels: 3, data: Uint8Array.of(1, 2, 3), alpha: null }]])('what is written is what another program reads: %s', async (_, flat) => {
    const bytes = write(flat), back = await decoded(bytes);
    expect([back.width, back.height, pictureSize(bytes)]).toEqual([flat.width, flat.height, { width: flat.width, height: flat.height }]);
    expect(back.rgb).toEqual(asRgb(flat));
  });
  test('whatever the pixels', async () => {
    await fc.assert(fc.asyncProperty(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 20 }), fc.array(fc.integer({ min: 0, max: 5 }), { minLength: 1, maxLength: 30 }), async (width, height, values) => {
      const flat: Flat = { width, height, channels: 3, data: Uint8Array.from({ length: width * height * 3 }, (_, i) => values[i % values.length]! * 51), alpha: null };
      expect((await decoded(write(flat))).rgb).toEqual(asRgb(flat));
    }), { numRuns: 40 });
  });
  test('a place is filled with its ground, all else stays as it was, and exiftool reads a sound file', async () => {
    const flat = drawn(80, 40), before = write(flat), after = await blotPicture(before, `a.${kind}`, [[[18, 12], [42, 12], [42, 22], [18, 22]]]), [a, b] = [await decoded(before), await decoded(after)];
    expect([b.width, b.height]).toEqual([80, 40]);
    for (let y = 0; y < 40; y++) for (let x = 0; x < 80; x++) { const at = (y * 80 + x) * 3, inside = x >= 18 && x < 42 && y >= 12 && y < 22; expect(b.rgb.slice(at, at + 3)).toEqual(inside ? [220, 210, 200] : a.rgb.slice(at, at + 3)); }
    const path = join(mkdtempSync(join(tmpdir(), 'blot-')), `a.${kind}`);
    writeFileSync(path, after);
    const said = JSON.parse(spawnSync('exiftool', ['-j', '-ImageSize', '-FileType', '-Warning', '-Error', path], { encoding: 'utf8' }).stdout)[0] as Record<string, string>;
    expect([said.FileType, said.ImageSize, said.Warning, said.Error]).toEqual([kind.toUpperCase(), '80x40', undefined, undefined]);
  });
});

test('what is clear stays clear in TIFF and GIF', async () => {
  const flat = drawn(60, 30, 3, true);
  for (const write of [writers.tiff, writers.gif]) {
    const after = await decoded(await blotPicture(write(flat), 'a', [[[18, 12], [42, 12], [42, 22], [18, 22]]]));
    expect(after.alpha).toEqual([...flat.alpha!]);
  }
});
test('the turn of a TIFF stays', async () => {
  const turned = await blotPicture(encodeTiff(drawn(60, 30), 6), 'a.tif', [[[18, 12], [42, 12], [42, 22], [18, 22]]]), path = join(mkdtempSync(join(tmpdir(), 'blot-')), 'a.tif');
  writeFileSync(path, turned);
  expect(spawnSync('exiftool', ['-n', '-s3', '-Orientation', path], { encoding: 'utf8' }).stdout.trim()).toBe('6');
});
test('more colours than a GIF holds give none', () => {
  const many: Flat = { width: 20, height: 20, channels: 3, data: Uint8Array.from({ length: 1200 }, (_, i) => (i * 7) % 256), alpha: null };
  expect(encodeGif({ ...many, data: Uint8Array.from({ length: 1200 }, (_, i) => (i % 3 === 0 ? Math.floor(i / 3) % 256 : Math.floor(i / 768))) })).toBeNull();
  expect(encodeGif(drawn(20, 20))).not.toBeNull();
});
test('files of several pictures are refused, and not half mended', async () => {
  const gif = encodeGif(drawn(30, 20))!, frames = new Uint8Array([...gif.subarray(0, -1), ...gif.subarray(13 + 768)]);
  expect([gifPictures(gif), gifPictures(frames)]).toEqual([1, 2]);
  const tiff = encodeTiff(drawn(30, 20), 1), two = new Uint8Array(tiff.length + 6);
  two.set(tiff);
  // A second directory, without entries, behind the first.
  new DataView(two.buffer).setUint32(8 + 2 + 12 * new DataView(two.buffer).getUint16(8, true), tiff.length, true);
  expect([tiffPictures(tiff), tiffPictures(two)]).toEqual([1, 2]);
  for (const bytes of [frames, two]) await expect(blotPicture(bytes, 'many', [])).rejects.toMatchObject({ code: 'unsupported', file: 'many' });
  await expect(blotPicture(new TextEncoder().encode('no picture'), 'a.txt', [])).rejects.toMatchObject({ code: 'unsupported', file: 'a.txt' });
  await expect(blotPicture(gif.subarray(0, 40), 'cut.gif', [])).rejects.toMatchObject({ code: 'unreadable', file: 'cut.gif' });
});
