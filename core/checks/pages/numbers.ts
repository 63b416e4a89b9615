import { defineCheck, atPage, look, stops } from '../define.ts';

export const pagesNumbers = defineCheck({
  id: 'pages.numbers', needs: ['pages', 'passages'], kinds: ['pdf'], reference: 'the brief itself; read from the running heads',
  asked: ({ brief }) => (brief.layout.pageNumbers ? 'pages numbered' : null),
  found: ({ pages, passages }) => { const n = numbered(pages.length, passages).size; return n === 0 ? 'no numbers found' : `${n} of ${pages.length} pages`; },
  evaluate: ({ pages, passages }) => {
    const have = numbered(pages.length, passages);
    if (have.size === 0) return [stops('none', {})];
    // A title page goes without by custom.
    const without = pages.map((p) => p.number).filter((n) => n > 1 && !have.has(n));
    return without.slice(0, 10).map((page) => look('missing', { page }, atPage(page)));
  },
});
/** Pages whose running head or foot holds a number that runs along with them. */
function numbered(count: number, passages: { place: string; page: number | null; text: string }[]): Set<number> {
  const numbers = new Map<number, number[]>();
  for (const p of passages) if (p.place === 'runningHead' && p.page !== null) numbers.set(p.page, [...(numbers.get(p.page) ?? []), ...(p.text.match(/\d{1,4}/g) ?? []).map(Number)]);
  const shifts = new Map<number, number>();
  for (const [page, list] of numbers) for (const n of new Set(list)) shifts.set(n - page, (shifts.get(n - page) ?? 0) + 1);
  const best = [...shifts].sort((a, b) => b[1] - a[1])[0];
  if (!best || (best[1] < 2 && count > 2)) return new Set();
  return new Set([...numbers].filter(([page, list]) => list.includes(page + best[0])).map(([page]) => page));
}
