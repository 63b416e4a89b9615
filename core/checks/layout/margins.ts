import { defineCheck, atFile, look, stops } from '../define.ts';

export const layoutMargins = defineCheck({
  id: 'layout.margins', needs: ['layout'], reference: 'the brief itself; measured from the ink (1 inch is 25.4 mm)',
  asked: ({ brief }) => (brief.layout.marginMm === null ? null : `margins of ${brief.layout.atLeast?.includes('marginMm') ? 'at least ' : ''}${brief.layout.marginMm} mm`),
  found: ({ layout }) => (layout.marginsMm === null ? 'could not be measured' : `left ${layout.marginsMm.left}, right ${layout.marginsMm.right} mm`),
  evaluate: ({ layout, brief }) => {
    if (layout.marginsMm === null) return [look('unmeasured')];
    const asked = brief.layout.marginMm!, sides = Object.entries(layout.marginsMm).filter((s): s is [string, number] => s[1] !== null);
    // Ink never reaches the very edge of the block below and on the right; only a margin that is too narrow is certain.
    const narrow = sides.filter(([, mm]) => mm < asked - 2), wide = brief.layout.atLeast?.includes('marginMm') ? [] : sides.filter(([side, mm]) => side === 'left' && mm > asked + 4);
    return [...narrow.map(([side, mm]) => (asked - mm > 4 ? stops : look)('narrow', { side, found: mm, asked }, atFile)), ...wide.map(([side, mm]) => look('wide', { side, found: mm, asked }, atFile))];
  },
});
