import { zlibSync } from 'fflate';
import { join } from '../../text/bytes.ts';
import { pngChunk } from '../clean/picture.ts';

/** A picture that says for each pixel which colour of a list it has: what drawings and pictures of a screen take least room as. */
export interface Indexed { width: number; height: number; bits: 1 | 2 | 4 | 8; /** three bytes a colour */ palette: Uint8Array; /** rows of whole bytes, the first pixel highest (PNG, 7.2; ISO 32000-1, 8.9.5.2) */ rows: Uint8Array }
/** Pixels of one or three bytes, without transparency. */
export interface Pixels { width: number; height: number; components: number; stride: number; samples: Uint8Array | Uint8ClampedArray }

/** Colours that a list of PNG or PDF may have (PNG, 11.2.2; ISO 32000-1, 8.6.6.3). */
const most = 256;

/** A picture of few colours as it is. @returns null where it has more than 256 */
export function indexedAsItIs(pixels: Pixels): Indexed | null {
  const known = new Map<number, number>(), own = new Uint8Array(pixels.width * pixels.height);
  let last = -1, index = 0, n = 0;
  for (const colour of coloursOf(pixels)) {
    if (colour !== last) {
      let at = known.get(colour);
      if (at === undefined) { if (known.size === most) return null; known.set(colour, at = known.size); }
      [last, index] = [colour, at];
    }
    own[n++] = index;
  }
  return packed(pixels, own, [...known.keys()]);
}

/** A picture with so many shades of each of its inks and no more: neighbouring pixels that differ by a hair become the same, and pack well. */
export function withShades(pixels: Pixels, shades: number): Pixels {
  const shade = Uint8Array.from({ length: 256 }, (_, v) => Math.round((Math.round((v / 255) * (shades - 1)) / (shades - 1)) * 255));
  return { ...pixels, samples: pixels.samples.map((v) => shade[v]!) };
}

/** A picture brought down to some colours by the median cut (Heckbert 1982): the box of colours that holds most of the picture's spread is parted in the middle of its longest side, until there are enough. */
export function indexedWith(pixels: Pixels, colours: number): Indexed {
  const seen = coloursOf(pixels), boxOf = new Map<number, number>(), bins = new Map<number, { count: number; sum: [number, number, number] }>();
  for (const colour of seen) {
    const key = binOf(colour), bin = bins.get(key) ?? { count: 0, sum: [0, 0, 0] };
    bin.count++; bin.sum[0] += colour >> 16; bin.sum[1] += (colour >> 8) & 255; bin.sum[2] += colour & 255;
    bins.set(key, bin);
  }
  type Box = { keys: number[]; count: number; side: 0 | 1 | 2; spread: number };
  const channel = (key: number, side: number): number => (key >> (12 - side * 6)) & 63, boxed = (keys: number[]): Box => {
    const spans = ([0, 1, 2] as const).map((side) => { let [low, high] = [63, 0]; for (const key of keys) { const v = channel(key, side); if (v < low) low = v; if (v > high) high = v; } return high - low; }), side = spans.indexOf(Math.max(...spans)) as 0 | 1 | 2;
    const count = keys.reduce((n, key) => n + bins.get(key)!.count, 0);
    return { keys, count, side, spread: spans[side]! * Math.sqrt(count) };
  };
  const boxes = [boxed([...bins.keys()])];
  while (boxes.length < Math.min(colours, most)) {
    const widest = boxes.reduce((best, box, i) => (box.spread > boxes[best]!.spread ? i : best), 0), box = boxes[widest]!;
    if (box.spread === 0) break;
    const sorted = [...box.keys].sort((a, b) => channel(a, box.side) - channel(b, box.side));
    let half = 0, cut = 0;
    while (cut < sorted.length - 1 && half < box.count / 2) half += bins.get(sorted[cut++]!)!.count;
    // Colours that are alike on that side stay together.
    while (cut > 1 && channel(sorted[cut - 1]!, box.side) === channel(sorted[cut]!, box.side)) cut--;
    while (cut < sorted.length && channel(sorted[cut - 1]!, box.side) === channel(sorted[cut]!, box.side)) cut++;
    boxes.splice(widest, 1, boxed(sorted.slice(0, cut)), boxed(sorted.slice(cut)));
  }
  const palette = boxes.map((box, i) => {
    const sum = [0, 0, 0];
    for (const key of box.keys) { boxOf.set(key, i); const bin = bins.get(key)!; for (const side of [0, 1, 2]) sum[side]! += bin.sum[side]!; }
    const [r, g, b] = sum.map((s) => Math.round(s / box.count)) as [number, number, number];
    return (r << 16) | (g << 8) | b;
  });
  const own = new Uint8Array(pixels.width * pixels.height);
  let n = 0;
  for (const colour of seen) own[n++] = boxOf.get(binOf(colour))!;
  return packed(pixels, own, palette);
}
/** Six bits of each colour. */
const binOf = (colour: number): number => ((colour >> 18) << 12) | (((colour >> 10) & 63) << 6) | ((colour >> 2) & 63);

function coloursOf({ width, height, components, stride, samples }: Pixels): Uint32Array {
  const colours = new Uint32Array(width * height);
  for (let y = 0, n = 0; y < height; y++) for (let x = 0, i = y * stride; x < width; x++, i += components) colours[n++] = components >= 3 ? (samples[i]! << 16) | (samples[i + 1]! << 8) | samples[i + 2]! : samples[i]! * 0x10101;
  return colours;
}
function packed({ width, height }: Pixels, own: Uint8Array, colours: number[]): Indexed {
  const bits = colours.length <= 2 ? 1 : colours.length <= 4 ? 2 : colours.length <= 16 ? 4 : 8, row = Math.ceil((width * bits) / 8), rows = new Uint8Array(row * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) { const at = x * bits; rows[y * row + (at >> 3)]! |= own[y * width + x]! << (8 - bits - (at & 7)); }
  return { width, height, bits, palette: Uint8Array.from(colours.flatMap((c) => [c >> 16, (c >> 8) & 255, c & 255])), rows };
}

/** The best packing of a large picture takes seconds for a hundredth of its room. */
export const packedRows = (rows: Uint8Array): Uint8Array => zlibSync(rows, { level: rows.length > 400_000 ? 6 : 9 });

/** As PNG with a list of colours. Source: W3C PNG, 5.3, 11.2 (chunks), 9.2 (no filter: the one that suits lists). */
export function pngOf({ width, height, bits, palette, rows }: Indexed): Uint8Array {
  const header = new Uint8Array(13), view = new DataView(header.buffer), row = rows.length / height, lines = new Uint8Array(rows.length + height);
  view.setUint32(0, width); view.setUint32(4, height); header.set([bits, 3], 8);
  for (let y = 0; y < height; y++) lines.set(rows.subarray(y * row, (y + 1) * row), y * (row + 1) + 1);
  return join([new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]), pngChunk('IHDR', header), pngChunk('PLTE', palette), pngChunk('IDAT', packedRows(lines)), pngChunk('IEND', new Uint8Array())]);
}
