import { expect, test } from '@jest/globals';
import { cleanPicture } from '../../mends/clean/picture.ts';
import { sameBytes } from '../../text/bytes.ts';
import { orientationIn } from './orientation.ts';
import { readPicture } from './read.ts';
import { gifPictures } from './segments.ts';

const words = (s: string): number[] => [...s].map((c) => c.charCodeAt(0));
/** A GIF of one pixel in two colours (GIF89a, appendix D), with blocks before its picture. */
const gif = (...before: number[]): Uint8Array => Uint8Array.of(...words('GIF89a'), 1, 0, 1, 0, 0x80, 0, 0, 0, 0, 0, 255, 255, 255, ...before, 0x2c, 0, 0, 0, 0, 1, 0, 1, 0, 0, 2, 2, 0x4c, 1, 0, 0x3b);
const comment = (text: string): number[] => [0x21, 0xfe, text.length, ...words(text), 0];
const loop = [0x21, 0xff, 11, ...words('NETSCAPE2.0'), 3, 1, 0, 0, 0];
const chunk = (type: string, content: number[]): number[] => [...words(type), content.length, 0, 0, 0, ...content, ...(content.length % 2 ? [0] : [])];
const webp = (...chunks: number[][]): Uint8Array => { const all = chunks.flat(); return Uint8Array.of(...words('RIFF'), all.length + 4, 0, 0, 0, ...words('WEBP'), ...all); };
/** An Exif directory with a turn and an artist of sixteen letters. */
const exif = [0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 2, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0, 0x01, 0x3b, 0, 2, 0, 0, 0, 16, 0, 0, 0, 38, 0, 0, 0, 0, ...words('Nina Vestergaard')];

test('a comment in a GIF is read and goes; how often it runs stays', async () => {
  const made = gif(...loop, ...comment('by Nina Vestergaard')), read = await readPicture(made, 'image');
  expect(read.metadata.map((m) => [m.part, m.value])).toEqual([['image/comment', 'by Nina Vestergaard']]);
  expect(cleanPicture(made)).toEqual(gif(...loop));
  expect(gifPictures(made)).toBe(1);
});
test('what lies behind its end goes too', () => { expect(cleanPicture(Uint8Array.of(...gif(), ...words('Nina')))).toEqual(gif()); });
test('a GIF with nothing to take out is the same bytes', () => { const made = gif(...loop); expect(sameBytes(cleanPicture(made)!, made)).toBe(true); });
test('who took a WebP picture is read and goes; its turn stays', async () => {
  const vp8x = (flags: number): number[] => chunk('VP8X', [flags, 0, 0, 0, 0, 0, 0, 0, 0, 0]), made = webp(vp8x(0x0c), chunk('VP8L', [0x2f, 0, 0, 0, 0]), chunk('EXIF', exif), chunk('XMP ', words('<x:xmpmeta xmlns:x="adobe:ns:meta/"/>')));
  expect((await readPicture(made, 'image')).metadata.find((m) => m.key === 'Artist')?.value).toBe('Nina Vestergaard');
  const cleaned = cleanPicture(made)!;
  expect(new TextDecoder('latin1').decode(cleaned)).not.toMatch(/Nina|xmpmeta/);
  expect([cleaned[20], orientationIn(cleaned), cleaned.length - 8, cleaned[4]]).toEqual([0x08, 6, cleaned[4], cleaned.length - 8]);
});
test('a WebP picture of nothing but pixels is the same bytes', () => { const made = webp(chunk('VP8L', [0x2f, 0, 0, 0, 0])); expect(cleanPicture(made)).toBe(made); });
