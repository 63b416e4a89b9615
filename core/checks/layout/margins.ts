import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';

/** Ink and rounding may take so many millimetres. */
const leeway = 2;

export const layoutMargins = defineCheck({
  id: 'layout.margins', needs: ['layout'], reference: 'the brief itself; measured from the ink (1 inch is 25.4 mm)',
  asked: ({ brief }) => (brief.layout.marginMm === null ? null : `margins of ${brief.layout.atLeast?.includes('marginMm') ? 'at least ' : ''}${brief.layout.marginMm} mm`),
  found: ({ layout, brief }) => {
    const { marginsMm: m } = layout;
    if (m === null) return 'could not be measured';
    // Where ink ends above and below says less than at the sides: it is named where it matters.
    const named = Object.entries(m).filter(([side, mm]) => mm !== null && (side === 'left' || side === 'right' || mm < (brief.layout.marginMm ?? 0) - leeway));
    const sides = new Map<number, string[]>();
    for (const o of outliersOf(layout, 'margin')) if (Number(o.found) < (brief.layout.marginMm ?? 0) - leeway) sides.set(o.page!, [...(sides.get(o.page!) ?? []), `${o.side} ${o.found}`]);
    const pages = [...sides].map(([page, told]) => `page ${page}: ${told.join(', ')}`);
    return `${named.map(([side, mm]) => `${side} ${mm}`).join(', ')} mm${pages.length > 0 ? `; ${pages.slice(0, 2).join('; ')}` : ''}`;
  },
  evaluate: ({ layout, brief }) => {
    if (layout.marginsMm === null) return [look('unmeasured')];
    const asked = brief.layout.marginMm!, sides = Object.entries(layout.marginsMm).filter((s): s is [string, number] => s[1] !== null);
    // Ink never reaches the very edge of the block below and on the right; only a margin that is too narrow is certain.
    const narrow = sides.filter(([, mm]) => mm < asked - leeway), wide = brief.layout.atLeast?.includes('marginMm') ? [] : sides.filter(([side, mm]) => side === 'left' && mm > asked + 4);
    const pages = outliersOf(layout, 'margin').filter((o) => Number(o.found) < asked - leeway && !narrow.some(([side]) => side === o.side));
    return [...pages.map((o) => (asked - Number(o.found) > 4 ? stops : look)('page', { page: o.page!, side: o.side!, found: o.found, asked }, placeOf(o))), ...narrow.map(([side, mm]) => (asked - mm > 4 ? stops : look)('narrow', { side, found: mm, asked }, atFile)), ...wide.map(([side, mm]) => look('wide', { side, found: mm, asked }, atFile))];
  },
});
