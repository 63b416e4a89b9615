import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../index.ts';
import { topBoxes } from './boxes.ts';

/** A box as ISO/IEC 14496-12, 4.2 writes it. @param said - the length in its head, its own where none is given */
function box(kind: string, content: number[] = [], said = 8 + content.length): number[] {
  return [said >>> 24, (said >>> 16) & 255, (said >>> 8) & 255, said & 255, ...[...kind].map((c) => c.charCodeAt(0)), ...content];
}
const zeros = (n: number): number[] => new Array<number>(n).fill(0), brand = [...'heic\0\0\0\0mif1heic'].map((c) => c.charCodeAt(0));
const ftyp = box('ftyp', brand), meta = box('meta', zeros(40)), mdat = box('mdat', zeros(60));
const kinds = (bytes: number[]): [string, boolean] => { const found = topBoxes(Uint8Array.from(bytes)); return [found.boxes.map((b) => b.kind).join(' '), found.whole]; };

test.each<[string, number[], string, boolean]>([
  ['a whole file', [...ftyp, ...meta, ...mdat], 'ftyp meta mdat', true], ['a last box that runs to the end', [...ftyp, ...meta, ...box('mdat', zeros(60), 0)], 'ftyp meta mdat', true],
  ['a length of 64 bits', [...ftyp, ...meta, ...box('mdat', [...zeros(7), 76, ...zeros(60)], 1)], 'ftyp meta mdat', true],
  ['one cut short', [...ftyp, ...meta, ...mdat].slice(0, -5), 'ftyp meta', false], ['a length that is none', [...ftyp, ...box('meta', zeros(40), 5)], 'ftyp', false], ['nothing but a head', ftyp.slice(0, 6), '', false],
])('%s', (_, bytes, names, whole) => { expect(kinds(bytes)).toEqual([names, whole]); });

describe('pictures of boxes', () => {
  const troubles = async (...boxes: number[][]): Promise<string[]> => (await readDocument(Uint8Array.from(boxes.flat()), 'IMG_0412.HEIC')).file.troubles.map((t) => t.code);
  test('whole ones are whole, with lines of the camera behind the last box too', async () => {
    expect(await troubles(ftyp, meta, mdat)).toEqual([]);
    expect(await troubles(ftyp, meta, mdat, [...'SEFHe'].map((c) => c.charCodeAt(0)))).toEqual([]);
  });
  // Without the box of metadata the search for it used to go round in circles.
  test('those without the box that describes them are cut short, and are read to an end', async () => {
    expect(await troubles(ftyp, zeros(100))).toEqual(['truncated']);
    expect(await troubles(ftyp, box('mdat', zeros(60), 0))).toEqual(['truncated']);
    expect(await troubles(ftyp, meta, mdat.slice(0, 30))).toEqual(['truncated']);
  });
});
