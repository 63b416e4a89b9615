import type { Brief } from '../../model/brief.ts';
import { defineCheck, atFile, look, stops } from '../define.ts';
import { outliersOf, placeOf } from '../outliers.ts';
import { kindOfFace, sameFace } from '../../tables/faces.ts';

const askedOf = ({ layout: { fonts, faceKind, fontsAreExamples } }: Brief): string | null => (fonts.length === 0 ? (faceKind ? `a ${faceKind} face` : null) : `${fonts.join(' or ')}${fontsAreExamples ? ' or the like' : ''}`);

export const layoutFonts = defineCheck({
  id: 'layout.fonts', needs: ['layout'], reference: 'the brief itself; measured by characters',
  asked: ({ brief }) => askedOf(brief),
  found: ({ layout }) => layout.fonts.slice(0, 2).map((f) => f.name).join(', '),
  evaluate: ({ layout, brief }) => {
    const main = layout.fonts[0];
    if (!main) return [];
    const { faceKind, fontsAreExamples } = brief.layout, own = kindOfFace(main.name);
    // A face of the kind that is asked for will do, whatever it is called; examples name no others.
    if (faceKind && (brief.layout.fonts.length === 0 || fontsAreExamples) && brief.layout.fonts.every((asked) => sameFace(asked, main.name) === 'other')) return own === faceKind ? [] : [own === null ? look('kindUnknown', { font: main.name, asked: faceKind }) : stops('kind', { font: main.name, asked: faceKind }, atFile)];
    const fits = brief.layout.fonts.map((asked) => sameFace(asked, main.name));
    const data = { font: main.name, asked: brief.layout.fonts.join(' or ') };
    const passages = outliersOf(layout, 'face').filter((o) => brief.layout.fonts.every((asked) => sameFace(asked, String(o.found)) === 'other')).map((o) => look('passage', { found: o.found, asked: data.asked, quote: o.quote ?? '' }, placeOf(o)));
    if (fits.includes('same')) return passages;
    return [...(fits.includes('alike') ? passages : []), fits.includes('alike') ? look('alike', data, atFile) : fontsAreExamples ? look('example', data, atFile) : stops('other', data, atFile)];
  },
});
