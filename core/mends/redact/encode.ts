/** Pixels in rows from the top: one grey or three colours each, 0 to 255, and how opaque each is, where the picture says so. */
export interface Flat { width: number; height: number; channels: 1 | 3; data: Uint8Array; alpha: Uint8Array | null }

/** An uncompressed TIFF of one strip, with the picture's turn. Source: TIFF 6.0, sections 2 to 6 and 18 (ExtraSamples). @param orientation - 1 to 8 */
export function encodeTiff({ width, height, channels, data, alpha }: Flat, orientation: number): Uint8Array {
  const samples = channels + (alpha ? 1 : 0), short = 3, long = 4, tail = 8 + 12 * 12 + 6, bits = tail, strip = tail + 2 * samples;
  const tags: [tag: number, type: number, count: number, value: number][] = [
    [256, long, 1, width], [257, long, 1, height], [258, short, samples, samples > 2 ? bits : samples === 2 ? 8 | 8 << 16 : 8], [259, short, 1, 1], [262, short, 1, channels === 1 ? 1 : 2], [273, long, 1, strip],
    [274, short, 1, orientation], [277, short, 1, samples], [278, long, 1, height], [279, long, 1, width * height * samples], [284, short, 1, 1], ...(alpha ? [[338, short, 1, 2] as [number, number, number, number]] : []),
  ];
  const out = new Uint8Array(strip + width * height * samples), view = new DataView(out.buffer);
  out.set([0x49, 0x49, 0x2a, 0]);
  view.setUint32(4, 8, true);
  view.setUint16(8, tags.length, true);
  tags.forEach(([tag, type, count, value], i) => { const at = 10 + 12 * i; view.setUint16(at, tag, true); view.setUint16(at + 2, type, true); view.setUint32(at + 4, count, true); view.setUint32(at + 8, value, true); });
  for (let i = 0; i < samples; i++) view.setUint16(bits + 2 * i, 8, true);
  for (let i = 0, at = strip; i < width * height; i++) { for (let k = 0; k < channels; k++) out[at++] = data[i * channels + k]!; if (alpha) out[at++] = alpha[i]!; }
  return out;
}

/** A BMP with 24 bits a pixel. Source: the format's description by its maker, BITMAPINFOHEADER (from memory): rows from the bottom, blue first, padded to four bytes. */
export function encodeBmp({ width, height, channels, data }: Flat): Uint8Array {
  const stride = (width * 3 + 3) & ~3, out = new Uint8Array(54 + stride * height), view = new DataView(out.buffer);
  out.set([0x42, 0x4d]);
  view.setUint32(2, out.length, true); view.setUint32(10, 54, true); view.setUint32(14, 40, true); view.setInt32(18, width, true); view.setInt32(22, height, true);
  view.setUint16(26, 1, true); view.setUint16(28, 24, true); view.setUint32(34, stride * height, true);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) {
    const from = (y * width + x) * channels, to = 54 + (height - 1 - y) * stride + x * 3;
    out[to] = data[from + channels - 1]!; out[to + 1] = data[from + (channels === 3 ? 1 : 0)]!; out[to + 2] = data[from]!;
  }
  return out;
}

/** A GIF with a table of the picture's own colours. Null where it has more than the format holds: 256, one of them for what is clear.
 * The codes are never longer than nine bits and the table of strings is never used, so the file is larger than it could be. Source: GIF89a, 17 to 23 and appendix F. */
export function encodeGif({ width, height, channels, data, alpha }: Flat): Uint8Array | null {
  const colours = new Map<number, number>(), indices = new Uint8Array(width * height), clear = -1;
  for (let i = 0; i < indices.length; i++) {
    const at = i * channels, colour = alpha && alpha[i]! < 128 ? clear : data[at]! << 16 | data[at + (channels === 3 ? 1 : 0)]! << 8 | data[at + channels - 1]!;
    let index = colours.get(colour);
    if (index === undefined) { if (colours.size === 256) return null; colours.set(colour, index = colours.size); }
    indices[i] = index;
  }
  const table = new Uint8Array(768), seen = colours.get(clear);
  for (const [colour, i] of colours) if (colour !== clear) table.set([colour >> 16, colour >> 8 & 255, colour & 255], i * 3);
  const size = [width & 255, width >> 8, height & 255, height >> 8], head = [...new TextEncoder().encode('GIF89a'), ...size, 0xf7, 0, 0], control = [0x21, 0xf9, 4, seen === undefined ? 0 : 1, 0, 0, seen ?? 0, 0], frame = [0x2c, 0, 0, 0, 0, ...size, 0, 8];
  // Codes of nine bits, least significant bit first: 256 clears the table, 257 ends. It is cleared before a tenth bit would be needed.
  const bytes: number[] = [];
  let held = 0, bits = 0;
  const put = (code: number): void => { held |= code << bits; bits += 9; while (bits >= 8) { bytes.push(held & 255); held >>>= 8; bits -= 8; } };
  indices.forEach((index, i) => { if (i % 250 === 0) put(256); put(index); });
  put(257);
  if (bits > 0) bytes.push(held & 255);
  const blocks: number[] = [];
  for (let at = 0; at < bytes.length; at += 255) { const block = bytes.slice(at, at + 255); blocks.push(block.length); for (const b of block) blocks.push(b); }
  return Uint8Array.from([...head, ...table, ...control, ...frame, ...blocks, 0, 0x3b]);
}
