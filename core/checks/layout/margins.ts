import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { askedOf } from '../asked-measure.ts';

/** Ink and rounding may take so many millimetres. */
const leeway = 2;

export const layoutMargins = defineCheck({
  id: 'layout.margins', needs: ['layout'], reference: 'the brief itself; measured from the ink (1 inch is 25.4 mm)',
  asked: ({ brief }) => { const asked = askedOf(brief, 'marginMm'); return asked && `margins of ${asked.text} mm`; },
  found: ({ layout, brief }) => {
    const { marginsMm: m } = layout, narrow = (mm: number): boolean => askedOf(brief, 'marginMm')!.off(mm) < -leeway;
    if (m === null) return 'could not be measured';
    // Where ink ends above and below says less than at the sides: it is named where it matters.
    const named = Object.entries(m).filter(([side, mm]) => mm !== null && (side === 'left' || side === 'right' || narrow(mm)));
    const sides = new Map<number, string[]>();
    for (const o of outliersOf(layout, 'margin')) if (narrow(Number(o.found))) sides.set(o.page!, [...(sides.get(o.page!) ?? []), `${o.side} ${o.found}`]);
    const pages = [...sides].map(([page, told]) => `page ${page}: ${told.join(', ')}`);
    return `${named.map(([side, mm]) => `${side} ${mm}`).join(', ')} mm${pages.length > 0 ? `; ${pages.slice(0, 2).join('; ')}` : ''}`;
  },
  evaluate: ({ layout, brief }) => {
    if (layout.marginsMm === null) return [look('unmeasured')];
    const { text: asked, off } = askedOf(brief, 'marginMm')!, sides = Object.entries(layout.marginsMm).filter((s): s is [string, number] => s[1] !== null);
    // Ink never reaches the very edge of the block below and on the right; only a margin that is too narrow is certain.
    const narrow = sides.filter(([, mm]) => off(mm) < -leeway), wide = sides.filter(([side, mm]) => side === 'left' && off(mm) > 4);
    const pages = outliersOf(layout, 'margin').filter((o) => off(Number(o.found)) < -leeway && !narrow.some(([side]) => side === o.side));
    return [...pages.map((o) => (off(Number(o.found)) < -4 ? stops : look)('page', { page: o.page!, side: o.side!, found: o.found, asked }, placeOf(o))), ...narrow.map(([side, mm]) => (off(mm) < -4 ? stops : look)('narrow', { side, found: mm, asked }, atFile)), ...wide.map(([side, mm]) => look('wide', { side, found: mm, asked }, atFile))];
  },
});
