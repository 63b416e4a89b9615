import { defineCheck, atFile, atPage, paged, sheetsIn, sheetsOf, stops } from '../define.ts';
import { sheetSizes } from '../../tables/sheets.ts';

/** Half a millimetre either way is the cut, not another sheet. */
const tolerancePt = 3;

export const pagesSize = defineCheck({
  id: 'pages.size', needs: [], kinds: paged, reference: 'ISO 216:2007, tables 1 and 2; ISO 32000-1:2008, 14.11.2; ECMA-376-1, 17.6.13; ODF 1.2-1, 20.208',
  unread: ({ facts }) => { const s = sheetsOf(facts); return s.ok ? null : s.code; },
  asked: ({ brief }) => brief.layout.pageSize,
  found: (input) => [...new Set(sheetsIn(input).map((s) => nameSheet(s.width, s.height)))].slice(0, 3).join(', '),
  evaluate: (input) => {
    const asked = input.brief.layout.pageSize!, wanted = sheetSizes[asked.toUpperCase()];
    if (!wanted) return [];
    const others = sheetsIn(input).filter((s) => !isSheet(s.width, s.height, wanted));
    // A file without pages of its own says it once for all of them.
    const told = others.some((s) => s.page === null) ? [...new Map(others.map((s) => [nameSheet(s.width, s.height), s])).values()] : others.slice(0, 20);
    return told.map((s) => stops(s.page === null ? 'otherSheet' : 'other', { page: s.page ?? 0, size: nameSheet(s.width, s.height), asked }, s.page === null ? atFile : atPage(s.page)));
  },
});
const isSheet = (w: number, h: number, s: readonly [number, number]): boolean => Math.abs(Math.min(w, h) - s[0]) <= tolerancePt && Math.abs(Math.max(w, h) - s[1]) <= tolerancePt;
/** The name of a sheet by its size in points, or the size in millimetres. */
export const nameSheet = (w: number, h: number): string => Object.entries(sheetSizes).find(([, s]) => isSheet(w, h, s))?.[0].replace(/(?<=^[A-Z])[A-Z]+$/, (rest) => rest.toLowerCase()) ?? `${Math.round((w * 25.4) / 72)} × ${Math.round((h * 25.4) / 72)} mm`;
