import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { askedOf } from '../asked-measure.ts';

export const layoutLineSpacing = defineCheck({
  id: 'layout.line-spacing', needs: ['layout'], reference: 'the brief itself; single spacing is about 1.15 times the size (common practice)',
  asked: ({ brief }) => { const asked = askedOf(brief, 'lineSpacing'); return asked && `line spacing ${asked.text}`; },
  found: ({ layout }) => (layout.lineSpacing === null ? 'could not be measured' : String(layout.lineSpacing)),
  evaluate: ({ layout, brief }) => {
    if (layout.lineSpacing === null) return [look('unmeasured')];
    const { text: asked, off } = askedOf(brief, 'lineSpacing')!, from = Math.abs(off(layout.lineSpacing));
    // Programs differ by some per cent in what they call single.
    if (from <= 0.12) return outliersOf(layout, 'spacing').filter((o) => off(Number(o.found)) < -0.12).map((o) => look('passage', { found: o.found, asked, quote: o.quote ?? '' }, placeOf(o)));
    return [(from <= 0.22 ? look : stops)('other', { found: layout.lineSpacing, asked }, atFile)];
  },
});
