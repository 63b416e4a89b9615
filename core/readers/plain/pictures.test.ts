import { expect, test } from '@jest/globals';
import { plainPicture } from '../../testing/plant.ts';
import { readDocument } from '../index.ts';

/** A JPEG with an EXIF segment that names its maker: TIFF with one directory of one field, Artist (Exif 2.32, 4.6.2; TIFF 6.0, 2). */
const maker = 'N. Vestergaard-Imani';
function withMaker(jpeg: Uint8Array): Uint8Array {
  const text = [...`${maker}\0`].map((c) => c.charCodeAt(0)), word = (n: number): number[] => [n & 255, (n >> 8) & 255], long = (n: number): number[] => [...word(n), 0, 0];
  const tiff = [0x49, 0x49, ...word(42), ...long(8), ...word(1), ...word(0x013b), ...word(2), ...long(text.length), ...long(26), ...long(0), ...text], exif = [...[...'Exif\0\0'].map((c) => c.charCodeAt(0)), ...tiff], length = exif.length + 2;
  return Uint8Array.from([0xff, 0xd8, 0xff, 0xe1, length >> 8, length & 255, ...exif, ...jpeg.subarray(2)]);
}
const hex = (bytes: Uint8Array): string => [...bytes].map((b) => b.toString(16).padStart(2, '0')).join(''), base64 = (bytes: Uint8Array): string => btoa(String.fromCharCode(...bytes));
const said = async (source: string, name: string): Promise<string[]> => { const { metadata } = await readDocument(new TextEncoder().encode(source), name); return metadata.ok ? metadata.value.filter((m) => m.part.startsWith('picture')).map((m) => `${m.part}: ${m.value}`) : ['unread']; };

const holders: readonly [string, string, (picture: Uint8Array) => string][] = [
  ['rich text', 'paper.rtf', (p) => `{\\rtf1\\ansi Words.\\par {\\pict{\\*\\picprop{\\sp{\\sn wzName}{\\sv abc}}}\\jpegblip\\picwgoal600 ${hex(p).replace(/(.{64})/g, '$1\n')}}\\par}`],
  ['a head of rich text', 'paper.rtf', (p) => `{\\rtf1\\ansi {\\header {\\*\\shppict{\\pict\\jpegblip ${hex(p)}}}\\par}Words.\\par}`],
  ['a web page', 'paper.html', (p) => `<!DOCTYPE html><p>Words.</p><img src="data:image/jpeg;base64,${base64(p)}">`],
  ['Markdown', 'paper.md', (p) => `# Marsh\n\nWords.\n\n![a creek](data:image/jpeg;base64,${base64(p)})\n`],
];
test.each(holders)('a picture inside %s says who made it', async (_, name, hold) => { expect(await said(hold(withMaker(await plainPicture('jpeg'))), name)).toEqual([`picture 1/image/EXIF/Artist: ${maker}`]); });
test.each(holders)('hard negative: a picture inside %s that says nothing', async (_, name, hold) => { expect(await said(hold(await plainPicture('jpeg')), name)).toEqual([]); });
test('what is no picture after all gives nothing and breaks nothing', async () => {
  expect(await said('{\\rtf1 {\\pict\\jpegblip ffd8ff}{\\pict\\wmetafile8 0100090000}{\\pict', 'a.rtf')).toEqual([]);
  expect(await said('<p><img src="data:image/png;base64,////////////////////A">', 'a.html')).toEqual([]);
});
test('groups that are never closed are each looked at once', async () => {
  expect(await said(`{\\rtf1 Words. ${'\\pict {ff'.repeat(60_000)}`, 'a.rtf')).toEqual([]);
  expect(await said(`{\\rtf1 Words. ${'{\\header {\\pict\\jpegblip ffd8'.repeat(20_000)}`, 'a.rtf')).toEqual([]);
});
