import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';

export const layoutLineSpacing = defineCheck({
  id: 'layout.line-spacing', needs: ['layout'], reference: 'the brief itself; single spacing is about 1.15 times the size (common practice)',
  asked: ({ brief }) => (brief.layout.lineSpacing === null ? null : `line spacing ${brief.layout.atLeast?.includes('lineSpacing') ? 'at least ' : ''}${brief.layout.lineSpacing}`),
  found: ({ layout }) => (layout.lineSpacing === null ? 'could not be measured' : String(layout.lineSpacing)),
  evaluate: ({ layout, brief }) => {
    if (layout.lineSpacing === null) return [look('unmeasured')];
    const off = Math.abs(layout.lineSpacing - brief.layout.lineSpacing!), data = { found: layout.lineSpacing, asked: brief.layout.lineSpacing! };
    // Programs differ by some per cent in what they call single.
    if (off <= 0.12 || brief.layout.atLeast?.includes('lineSpacing') && layout.lineSpacing > data.asked) return outliersOf(layout, 'spacing').filter((o) => Number(o.found) < data.asked - 0.12).map((o) => look('passage', { found: o.found, asked: data.asked, quote: o.quote ?? '' }, placeOf(o)));
    return [(off <= 0.22 ? look : stops)('other', data, atFile)];
  },
});
