import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { plainPicture, secret } from '../../testing/plant.ts';
import { nina } from '../../testing/made.ts';
import { cleanFile } from '../../verbs/clean.ts';
import { checkFiles } from '../../verbs/check.ts';
import { orientationOf } from '../../readers/image/orientation.ts';

const folder = mkdtempSync(join(tmpdir(), 'picture-'));
const tags = (path: string): string => execFileSync('exiftool', ['-a', '-G1', '-s', path], { encoding: 'utf8' }).split('\n').filter((l) => !/^\[(System|ExifTool|File|Composite)\]/.test(l)).join('\n');
/** A picture with metadata written by exiftool, so that reader and mend meet what another program wrote. */
async function tagged(kind: 'jpeg' | 'png', ...words: string[]): Promise<{ path: string; bytes: Uint8Array }> {
  const path = `${folder}/a-${Math.random()}.${kind === 'jpeg' ? 'jpg' : 'png'}`;
  writeFileSync(path, await plainPicture(kind));
  execFileSync('exiftool', ['-q', '-overwrite_original', ...words, path]);
  return { path, bytes: new Uint8Array(readFileSync(path)) };
}
const clean = (name: string, bytes: Uint8Array) => cleanFile({ name, path: name, bytes }, { details: nina });

describe.each(['jpeg', 'png'] as const)('%s', (kind) => {
  const name = kind === 'jpeg' ? 'sheet.jpg' : 'sheet.png';
  test('exiftool finds nothing after cleaning; the pixels are the same; the picture stays upright', async () => {
    const { bytes } = await tagged(kind, `-Artist=${secret}`, `-XMP-dc:Creator=${secret}`, '-GPSLatitude=51.5', '-GPSLatitudeRef=N', '-Make=Carrow Optics', '-Orientation#=6', '-DateTimeOriginal=2026:11:20 10:00:00', ...(kind === 'jpeg' ? [`-IPTC:By-line=${secret}`, `-Comment=${secret}`] : [`-PNG:Author=${secret}`]));
    const done = await clean(name, bytes), path = `${folder}/clean-${name}`;
    writeFileSync(path, done.bytes);
    expect(tags(path)).not.toMatch(/Vestergaard|GPS|Make|Date|Creator|Artist|Author/);
    expect(execFileSync('exiftool', ['-Orientation#', '-s3', path], { encoding: 'utf8' }).trim()).toBe('6');
    expect(done.proof.maxPixelDifference).toBe(0);
    expect(done.left.filter((l) => l.standing === 'stops')).toEqual([]);
  });
  test('what exiftool wrote is found with its address', async () => {
    const { bytes } = await tagged(kind, `-Artist=${secret}`);
    const { files } = await checkFiles([{ name, path: name, bytes }], { details: nina, now: 0 });
    expect(files[0]!.findings.filter((f) => f.standing === 'stops' && f.check.startsWith('metadata')).map((f) => f.place.part)).toContain(kind === 'jpeg' ? 'image/EXIF/Artist' : 'image/PNG/Artist');
  });
  test('a picture without metadata comes back as it was', async () => {
    const bytes = await plainPicture(kind);
    expect((await clean(name, bytes)).bytes.length).toBe(bytes.length);
  });
});

test('whatever follows the end of a JPEG goes', async () => {
  const bytes = await plainPicture('jpeg'), longer = new Uint8Array([...bytes, ...new TextEncoder().encode(`by ${secret}`)]);
  expect(new TextDecoder('latin1').decode((await clean('a.jpg', longer)).bytes)).not.toContain('Vestergaard');
});
test('TIFF: directories are wiped in place, strips untouched', async () => {
  const path = `${folder}/a.tif`;
  writeFileSync(path, plainTiff());
  execFileSync('exiftool', ['-q', '-overwrite_original', `-Artist=${secret}`, `-ImageDescription=${secret}`, path]);
  const done = await clean('a.tif', new Uint8Array(readFileSync(path)));
  writeFileSync(path, done.bytes);
  expect(tags(path)).not.toMatch(/Vestergaard|Artist/);
  expect(new TextDecoder('latin1').decode(done.bytes)).not.toContain('Vestergaard');
  expect(done.proof.maxPixelDifference).toBe(0);
});
test('orientation is read in either byte order, and 1 where there is none', () => {
  expect(orientationOf(Uint8Array.of(0x49, 0x49, 0x2a, 0, 8, 0, 0, 0, 1, 0, 0x12, 1, 3, 0, 1, 0, 0, 0, 8, 0, 0, 0, 0, 0, 0, 0))).toBe(8);
  expect(orientationOf(new Uint8Array(4))).toBe(1);
});

/** The smallest baseline TIFF (TIFF 6.0, section 3): 4 × 4 grey, one strip. */
function plainTiff(): Uint8Array {
  const entries: [number, number, number, number][] = [[256, 3, 1, 4], [257, 3, 1, 4], [258, 3, 1, 8], [259, 3, 1, 1], [262, 3, 1, 1], [273, 4, 1, 134], [277, 3, 1, 1], [278, 3, 1, 4], [279, 4, 1, 16]];
  const bytes = new Uint8Array(150), view = new DataView(bytes.buffer);
  bytes.set([0x49, 0x49, 0x2a, 0, 8, 0, 0, 0]);
  view.setUint16(8, entries.length, true);
  entries.forEach(([tag, type, count, value], i) => { const at = 10 + 12 * i; view.setUint16(at, tag, true); view.setUint16(at + 2, type, true); view.setUint32(at + 4, count, true); view.setUint32(at + 8, value, true); });
  for (let i = 0; i < 16; i++) bytes[134 + i] = i * 16;
  return bytes;
}

/** A grey TIFF of one row, its strip before its directory, with words wherever nothing leads. Layout by TIFF 6.0, section 2. */
function sparseTiff(between: string, behind: string): Uint8Array {
  const strip = [10, 200, 90, 30], at = 8 + strip.length + between.length, rows: [number, number, number][] = [[256, 3, 4], [257, 3, 1], [258, 3, 8], [259, 3, 1], [262, 3, 1], [273, 4, 8], [277, 3, 1], [278, 3, 1], [279, 4, strip.length]];
  const words = (text: string): number[] => [...text].map((c) => c.charCodeAt(0)), long = (n: number): number[] => [n & 255, (n >> 8) & 255, (n >> 16) & 255, n >>> 24];
  return Uint8Array.from([0x49, 0x49, 0x2a, 0, ...long(at), ...strip, ...words(between), rows.length, 0, ...rows.flatMap(([tag, type, value]) => [tag & 255, tag >> 8, type, 0, ...long(1), ...long(value)]), 0, 0, 0, 0, ...words(behind)]);
}
describe('TIFF', () => {
  const found = async (bytes: Uint8Array): Promise<string[]> => (await checkFiles([{ name: 'a.tif', path: 'a.tif', bytes }], { details: nina, now: 0 })).files[0]!.findings.flatMap((f) => (f.detail ? [f.place.part] : []));
  test.each([['between its parts', sparseTiff(`left by ${secret}  `, '')], ['behind its parts', sparseTiff('', `left by ${secret}`)]])('words %s are found and go', async (_, bytes) => {
    expect(await found(bytes)).toContain('image/after the end');
    const done = await clean('a.tif', bytes);
    expect([await found(done.bytes), done.proof.maxPixelDifference, new TextDecoder('latin1').decode(done.bytes).includes('Vestergaard')]).toEqual([[], 0, false]);
  });
  test('a directory that leads nowhere is left as it is', async () => { const bytes = sparseTiff('', ''); bytes[4] = 250; expect((await found(bytes)).length).toBe(0); });
});
