import { defineCheck, atPage, stops } from '../define.ts';
import { sheetSizes } from '../../tables/sheets.ts';

/** Half a millimetre either way is the cut, not another sheet. */
const tolerancePt = 3;

export const pagesSize = defineCheck({
  id: 'pages.size', needs: ['pages'], kinds: ['pdf'], reference: 'ISO 216:2007, tables 1 and 2; ISO 32000-1:2008, 14.11.2',
  asked: ({ brief }) => brief.layout.pageSize,
  found: ({ pages }) => [...new Set(pages.map((p) => nameSheet(p.width, p.height)))].slice(0, 3).join(', '),
  evaluate: ({ pages, brief }) => {
    const wanted = sheetSizes[brief.layout.pageSize!.toUpperCase()];
    if (!wanted) return [];
    return pages.filter((p) => !isSheet(p.width, p.height, wanted)).slice(0, 20).map((p) => stops('other', { page: p.number, size: nameSheet(p.width, p.height), asked: brief.layout.pageSize! }, atPage(p.number)));
  },
});
const isSheet = (w: number, h: number, s: readonly [number, number]): boolean => Math.abs(Math.min(w, h) - s[0]) <= tolerancePt && Math.abs(Math.max(w, h) - s[1]) <= tolerancePt;
/** The name of a sheet by its size in points, or the size in millimetres. */
export const nameSheet = (w: number, h: number): string => Object.entries(sheetSizes).find(([, s]) => isSheet(w, h, s))?.[0] ?? `${Math.round((w * 25.4) / 72)} × ${Math.round((h * 25.4) / 72)} mm`;
