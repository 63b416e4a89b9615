import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';

export const layoutFontSize = defineCheck({
  id: 'layout.font-size', needs: ['layout'], reference: 'the brief itself; measured by characters',
  asked: ({ brief }) => (brief.layout.fontSizePt === null ? null : `${brief.layout.atLeast?.includes('fontSizePt') ? 'at least ' : ''}${brief.layout.fontSizePt} pt`),
  found: ({ layout }) => `${layout.sizePt} pt${layout.otherSizes.length > 0 ? `; also ${layout.otherSizes.slice(0, 3).join(', ')}` : ''}`,
  evaluate: ({ layout, brief }) => {
    const asked = brief.layout.fontSizePt!, data = { size: layout.sizePt, asked };
    if (brief.layout.atLeast?.includes('fontSizePt') && layout.sizePt > asked - 0.3) return outliersOf(layout, 'size').filter((o) => Number(o.found) < asked - 0.3).map((o) => look('passage', { found: o.found, asked, quote: o.quote ?? '' }, placeOf(o)));
    // Half a point beside what is asked is seen by a ruler only; typesetters' points come out even before.
    if (Math.abs(layout.sizePt - asked) > 0.3) return [(Math.abs(layout.sizePt - asked) > 0.6 ? stops : look)('other', data, atFile)];
    // Captions are smaller by custom and headings larger; what is a little smaller than the text is more likely a slip.
    const passages = outliersOf(layout, 'size').filter((o) => Math.abs(Number(o.found) - asked) > 0.3), told = new Set(passages.map((o) => o.found));
    const slips = layout.otherSizes.filter((s) => asked - s > 0.3 && asked - s <= 1 && !told.has(s));
    return [...passages.map((o) => look('passage', { found: o.found, asked, quote: o.quote ?? '' }, placeOf(o))), ...(slips.length > 0 ? [look('mixed', { ...data, others: slips.join(', ') })] : [])];
  },
});
