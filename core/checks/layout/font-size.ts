import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { askedOf } from '../asked-measure.ts';

export const layoutFontSize = defineCheck({
  id: 'layout.font-size', needs: ['layout'], reference: 'the brief itself; measured by characters',
  asked: ({ brief }) => { const asked = askedOf(brief, 'fontSizePt'); return asked && `${asked.text} pt`; },
  found: ({ layout }) => `${layout.sizePt} pt${layout.otherSizes.length > 0 ? `; also ${layout.otherSizes.slice(0, 3).join(', ')}` : ''}`,
  evaluate: ({ layout, brief }) => {
    const { text: asked, off } = askedOf(brief, 'fontSizePt')!, from = Math.abs(off(layout.sizePt)), data = { size: layout.sizePt, asked };
    // Half a point beside what is asked is seen by a ruler only; typesetters' points come out even before.
    if (from > 0.3) return [(from > 0.6 ? stops : look)('other', data, atFile)];
    // Captions are smaller by custom and headings larger; what is a little smaller than the text is more likely a slip.
    const passages = outliersOf(layout, 'size').filter((o) => Math.abs(off(Number(o.found))) > 0.3), told = new Set(passages.map((o) => o.found));
    const slips = brief.layout.atLeast?.includes('fontSizePt') ? [] : layout.otherSizes.filter((s) => -off(s) > 0.3 && -off(s) <= 1 && !told.has(s));
    return [...passages.map((o) => look('passage', { found: o.found, asked, quote: o.quote ?? '' }, placeOf(o))), ...(slips.length > 0 ? [look('mixed', { ...data, others: slips.join(', ') })] : [])];
  },
});
