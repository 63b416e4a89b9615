import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { askedOf, type Asked } from '../asked-measure.ts';
import type { Brief, SideMargins } from '../../model/brief.ts';

/** Ink and rounding may take so many millimetres. */
const leeway = 2;

/** What is asked of each side: where the wording names sides, of those alone. Null: nothing. */
function sidesAsked(brief: Brief): { text: string; of: (side: string) => Asked | null } | null {
  const all = askedOf(brief, 'marginMm'), { margins } = brief.layout;
  if (!margins) return all && { text: `margins of ${all.text} mm`, of: () => all };
  const least = brief.layout.atLeast?.includes('marginMm') ?? false, sides = Object.entries(margins) as [keyof SideMargins, number][], same = new Map<number, string[]>();
  for (const [side, mm] of sides) same.set(mm, [...(same.get(mm) ?? []), side]);
  return {
    text: `margins: ${[...same].map(([mm, names]) => `${names.join(' and ')} ${least ? 'at least ' : ''}${mm}`).join(', ')} mm`,
    of: (side) => { const mm = margins[side as keyof SideMargins]; return mm === undefined ? null : { text: `${least ? 'at least ' : ''}${mm}`, off: (value) => (least ? Math.min(0, value - mm) : value - mm) }; },
  };
}

export const layoutMargins = defineCheck({
  id: 'layout.margins', needs: ['layout'], reference: 'the brief itself; measured from the ink (1 inch is 25.4 mm)',
  asked: ({ brief }) => sidesAsked(brief)?.text ?? null,
  found: ({ layout, brief }) => {
    const { marginsMm: m } = layout, { of } = sidesAsked(brief)!, narrow = (side: string, mm: number): boolean => (of(side)?.off(mm) ?? 0) < -leeway;
    if (m === null) return 'could not be measured';
    // Where ink ends above and below says less than at the sides: it is named where it matters.
    const named = Object.entries(m).filter(([side, mm]) => mm !== null && of(side) !== null && (side === 'left' || side === 'right' || narrow(side, mm)));
    const sides = new Map<number, string[]>();
    for (const o of outliersOf(layout, 'margin')) if (narrow(o.side!, Number(o.found))) sides.set(o.page!, [...(sides.get(o.page!) ?? []), `${o.side} ${o.found}`]);
    const pages = [...sides].map(([page, told]) => `page ${page}: ${told.join(', ')}`);
    return `${named.length > 0 ? `${named.map(([side, mm]) => `${side} ${mm}`).join(', ')} mm` : 'wide enough'}${pages.length > 0 ? `; ${pages.slice(0, 2).join('; ')}` : ''}`;
  },
  evaluate: ({ layout, brief }) => {
    if (layout.marginsMm === null) return [look('unmeasured')];
    const { of } = sidesAsked(brief)!, sides = Object.entries(layout.marginsMm).flatMap(([side, mm]) => { const asked = of(side); return mm === null || asked === null ? [] : [{ side, mm, ...asked }]; });
    // Ink never reaches the very edge of the block below and on the right; only a margin that is too narrow is certain.
    const narrow = sides.filter((s) => s.off(s.mm) < -leeway), wide = sides.filter((s) => s.side === 'left' && s.off(s.mm) > 4);
    const pages = outliersOf(layout, 'margin').flatMap((o) => { const asked = of(o.side!); return asked !== null && asked.off(Number(o.found)) < -leeway && !narrow.some((s) => s.side === o.side) ? [{ o, ...asked }] : []; });
    return [...pages.map(({ o, text, off }) => (off(Number(o.found)) < -4 ? stops : look)('page', { page: o.page!, side: o.side!, found: o.found, asked: text }, placeOf(o))), ...narrow.map((s) => (s.off(s.mm) < -4 ? stops : look)('narrow', { side: s.side, found: s.mm, asked: s.text }, atFile)), ...wide.map((s) => look('wide', { side: s.side, found: s.mm, asked: s.text }, atFile))];
  },
});
