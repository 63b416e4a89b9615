import { zlibSync } from 'fflate';

/** A picture of two colours, a bit a pixel, packed: white where the grey is light (ISO 32000-1, 8.9.5.2; FlateDecode, 7.4.4).
 * @param grey - a byte a pixel, `stride` bytes a row */
export function packBilevel(grey: Uint8Array | Uint8ClampedArray, width: number, height: number, stride: number): Uint8Array {
  const row = Math.ceil(width / 8), bits = new Uint8Array(row * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) if (grey[y * stride + x]! >= 128) bits[y * row + (x >> 3)]! |= 0x80 >> (x & 7);
  return zlibSync(bits, { level: 9 });
}
