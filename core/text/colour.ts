/** Red, green and blue from 0 to 1. */
export type Colour = readonly [red: number, green: number, blue: number];
export const white: Colour = [1, 1, 1];

/** Colours no part of which is further apart than this, of 1, look the same. */
const closest = 0.06;
export const lookAlike = (a: Colour, b: Colour): boolean => a.every((part, i) => Math.abs(part - b[i]!) < closest);

/** Six hexadecimal digits, with a number sign before them or without. Null for anything else. */
export function fromHex(value: string): Colour | null {
  const m = /^#?([\da-f]{2})([\da-f]{2})([\da-f]{2})$/i.exec(value);
  return m ? [parseInt(m[1]!, 16) / 255, parseInt(m[2]!, 16) / 255, parseInt(m[3]!, 16) / 255] : null;
}
