import type { Brief } from '../model/brief.ts';

/** What a brief asks of one measure: how it is told, and how far a value lies from what will do (below it: negative; 0: it does). */
export interface Asked { text: string; off: (value: number) => number }

/** One value, a least value, or a choice of several. Null where the brief asks for none. */
export function askedOf({ layout }: Brief, field: 'fontSizePt' | 'lineSpacing' | 'marginMm'): Asked | null {
  const asked = layout[field], choice = layout.choices?.[field], least = layout.atLeast?.includes(field) ?? false;
  if (asked !== null) return { text: `${least ? 'at least ' : ''}${asked}`, off: (value) => (least ? Math.min(0, value - asked) : value - asked) };
  if (!choice) return null;
  const { values, between } = choice, [low, high] = [Math.min(...values), Math.max(...values)];
  return {
    text: between ? `${low} to ${high}` : values.join(' or '),
    off: (value) => (between && value >= low && value <= high ? 0 : values.map((v) => value - v).reduce((a, b) => (Math.abs(b) < Math.abs(a) ? b : a))),
  };
}
