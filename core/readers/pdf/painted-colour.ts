import type * as Mupdf from 'mupdf';
import type { Colour } from '../../text/colour.ts';

/** Grey, red-green-blue or CMYK (ISO 32000-1, 8.6.4 and 10.3.5) as red, green and blue from 0 to 1. Of an ink of its own (8.6.6.4) only
 * its strength is known: none of it is the bare sheet. Of CIE L*a*b* (8.6.5.4) the lightness, and that it is no grey. */
export function colourOf(space: Mupdf.ColorSpace, colour: number[]): Colour {
  const [a = 0, b = 0, c = 0, k = 0] = colour;
  if (space.isCMYK()) return [(1 - a) * (1 - k), (1 - b) * (1 - k), (1 - c) * (1 - k)];
  if (space.isDeviceN()) { const strength = 1 - Math.max(0, ...colour); return [strength, strength, strength]; }
  if (space.isLab()) return [a / 100, a / 100 - Math.hypot(b, c) / 256, a / 100];
  return colour.length >= 3 ? [a, b, c] : [a, a, a];
}

/** The engine hands out a shading without holding it for whoever is given it: what would drop it when it is collected must not. */
export function leaveWithEngine(shade: Mupdf.Shade): void {
  (shade.constructor as unknown as { _finalizer?: FinalizationRegistry<number> })._finalizer?.unregister(shade);
  (shade as unknown as { pointer: number }).pointer = 0;
}
