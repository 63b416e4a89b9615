import type { LayoutFacts, SheetFacts } from '../model/facts.ts';

/** What a stretch of a file without fixed pages asks of its sheets; lengths in points. `used`: characters of text in it. */
export interface PageSection { widthPt: number; heightPt: number; /** top, right, bottom, left */ marginsPt: readonly [number, number, number, number]; used: number }

/** Below this share of all text a section has too little to count. */
const little = 0.05;
/** The narrowest margin of any section that holds more than a little text; null where there is no section. */
export function narrowestMargins(sections: PageSection[]): LayoutFacts['marginsMm'] {
  const total = sections.reduce((n, s) => n + s.used, 0), counted = sections.filter((s) => s.used >= total * little), mm = (side: 0 | 1 | 2 | 3): number => Math.round((Math.min(...counted.map((s) => s.marginsPt[side])) / 72) * 254) / 10;
  return counted.length === 0 ? null : { left: mm(3), right: mm(1), top: mm(0), bottom: mm(2) };
}

/** Their sheets in order. */
export const sheetsOfSections = (sections: PageSection[]): SheetFacts[] => sections.map(({ widthPt, heightPt }) => ({ page: null, width: widthPt, height: heightPt }));
