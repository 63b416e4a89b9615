import { lookAlike, white, type Colour } from '../../text/colour.ts';

/** What a content stream says of its colours without being drawn: whether letters are written in a colour that areas are filled with, and whether an area is filled as a marker does. */
export interface InkSigns { sameInk: boolean; marker: boolean }

/** A bright, light colour as markers have: yellow, green, turquoise, pink, and pale ones of them; no grey, no pure red or blue. Common practice, no source. */
export function isMarker([red, green, blue]: Colour): boolean {
  const bright = [red, green, blue].filter((part) => part >= 0.85).length;
  return Math.min(red, green, blue) <= 0.62 && (bright >= 2 || green >= 0.85);
}

/** Operators that set a colour (ISO 32000-1, 8.6.8), fill a rectangle or a closed shape (8.5.3), save and restore (8.4.2), or show text (9.4.3). */
const operators = /(?<=[\s\d])(?:(rg|g|k|scn?)(?=\s)|(re|[lh])\s+(?:f\*?|F|B\*?|b\*?)(?=\s))|(?<=^|\s)([qQ])(?=\s)|\bT[jJ]\b/g;
const numbersBefore = /((?:-?[\d.]+\s+){1,4})$/, sizeBefore = /(-?[\d.]+)\s+(-?[\d.]+)\s+$/;
const fourCorners = /(-?[\d.]+)\s+(-?[\d.]+)\s+m\s+(-?[\d.]+)\s+(-?[\d.]+)\s+l\s+(-?[\d.]+)\s+(-?[\d.]+)\s+l\s+(-?[\d.]+)\s+(-?[\d.]+)\s+l\s+(?:-?[\d.]+\s+-?[\d.]+\s+l\s+)?$/;
const filled = /(?:\bre|[lh])\s+(?:f\*?|F|B\*?|b\*?)\s/;

export function inkSigns(content: string): InkSigns {
  const signs: InkSigns = { sameInk: false, marker: false };
  if (!filled.test(content)) return signs;
  const areas: Colour[] = [], inks = new Map<string, Colour>(), kept: Colour[] = [];
  let ink: Colour = [0, 0, 0];
  for (const m of content.matchAll(operators)) {
    if (m[1]) ink = colourBefore(content.slice(Math.max(0, m.index - 48), m.index), m[1]) ?? ink;
    else if (m[2]) { if (isArea(content.slice(Math.max(0, m.index - 140), m.index), m[2])) { areas.push(ink); signs.marker ||= isMarker(ink); } }
    else if (m[3] === 'q') kept.push(ink);
    else if (m[3] === 'Q') ink = kept.pop() ?? ink;
    else inks.set(ink.join(), ink);
  }
  // Paper white is looked for anyway.
  signs.sameInk = areas.some((area) => !lookAlike(area, white) && [...inks.values()].some((own) => lookAlike(own, area)));
  return signs;
}

function colourBefore(text: string, operator: string): Colour | null {
  const parts = numbersBefore.exec(text)?.[1]!.trim().split(/\s+/).map(Number);
  if (!parts || parts.some(Number.isNaN)) return null;
  const count = { g: 1, rg: 3, k: 4 }[operator] ?? parts.length, [a = 0, b = 0, c = 0, k = 0] = parts.slice(-count);
  return count === 4 ? [(1 - a) * (1 - k), (1 - b) * (1 - k), (1 - c) * (1 - k)] : count === 3 ? [a, b, c] : [a, a, a];
}

/** More than a rule: wider and higher than a few points. Only rectangles, as such or as four corners. */
function isArea(before: string, operator: string): boolean {
  if (operator === 're') { const size = sizeBefore.exec(before); return size !== null && Math.abs(Number(size[1])) > 5 && Math.abs(Number(size[2])) > 3; }
  const corners = fourCorners.exec(operator === 'l' ? `${before}l ` : before)?.slice(1, 9).map(Number);
  if (!corners) return false;
  const xs = corners.filter((_, i) => i % 2 === 0), ys = corners.filter((_, i) => i % 2 === 1);
  return Math.max(...xs) - Math.min(...xs) > 5 && Math.max(...ys) - Math.min(...ys) > 3;
}
