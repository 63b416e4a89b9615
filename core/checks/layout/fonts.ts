import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { sameFace } from '../../tables/faces.ts';

export const layoutFonts = defineCheck({
  id: 'layout.fonts', needs: ['layout'], mend: 'convert', reference: 'the brief itself; measured by characters',
  asked: ({ brief }) => (brief.layout.fonts.length === 0 ? null : brief.layout.fonts.join(' or ')),
  found: ({ layout }) => layout.fonts.slice(0, 2).map((f) => f.name).join(', '),
  evaluate: ({ layout, brief }) => {
    const main = layout.fonts[0];
    if (!main) return [];
    const fits = brief.layout.fonts.map((asked) => sameFace(asked, main.name));
    const data = { font: main.name, asked: brief.layout.fonts.join(' or ') };
    const passages = outliersOf(layout, 'face').filter((o) => brief.layout.fonts.every((asked) => sameFace(asked, String(o.found)) === 'other')).map((o) => look('passage', { found: o.found, asked: data.asked, quote: o.quote ?? '' }, placeOf(o)));
    if (fits.includes('same')) return passages;
    return [...(fits.includes('alike') ? passages : []), fits.includes('alike') ? look('alike', data, atFile) : stops('other', data, atFile)];
  },
});
