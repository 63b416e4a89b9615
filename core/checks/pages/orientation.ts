import { defineCheck, atFile, atPage, look, sheetsIn, sheetsOf, stops } from '../define.ts';
import type { SheetFacts } from '../../model/facts.ts';

const across = (all: SheetFacts[]): SheetFacts[] => all.filter((s) => s.width > s.height);

export const pagesOrientation = defineCheck({
  id: 'pages.orientation', needs: [], kinds: ['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc'], reference: 'common practice, no published source',
  unread: ({ facts }) => { const s = sheetsOf(facts); return s.ok ? null : s.code; },
  asked: ({ brief }) => (brief.layout.orientation ? `${brief.layout.orientation} pages` : 'pages one way up'),
  found: (input) => { const all = sheetsIn(input), n = across(all).length; return n === 0 ? 'all upright' : n === all.length ? 'all across' : `${n} of ${all.length}${input.facts.pages.ok ? '' : ' sections'} across`; },
  evaluate: (input) => {
    const all = sheetsIn(input), lying = across(all), wanted = input.brief.layout.orientation;
    // Most of the paper lies the other way than is asked; single pages may hold a wide table.
    if (wanted && (wanted === 'landscape' ? all.length - lying.length : lying.length) > all.length / 2) return [stops('other', { asked: wanted }, atFile)];
    if (!input.facts.pages.ok) return lying.length > 0 && lying.length < all.length ? [look('acrossSection', { count: lying.length }, atFile)] : [];
    return lying.length === 0 || lying.length > all.length / 2 ? [] : lying.slice(0, 20).map((s) => look('across', { page: s.page! }, atPage(s.page)));
  },
});
