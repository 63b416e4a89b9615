import { defineCheck, atPage, look, paged, stops } from '../define.ts';

export const pagesNumbers = defineCheck({
  id: 'pages.numbers', needs: ['passages'], kinds: paged, reference: 'the brief itself; read from the running heads; where a file has no pages of its own, from their fields (ECMA-376-1, 17.16.5.44; ODF 1.2-1, 7.4.2)',
  unread: ({ facts }) => (facts.pages.ok || facts.pageNumbers !== undefined ? null : facts.pages.code),
  asked: ({ brief }) => (brief.layout.pageNumbers ? 'pages numbered' : null),
  found: ({ facts, passages }) => {
    if (!facts.pages.ok) return facts.pageNumbers ? 'a field counts them' : 'no field counts them';
    const count = facts.pages.value.length, n = numbered(count, passages).size;
    return n === 0 ? 'no numbers found' : `${n} of ${count} pages`;
  },
  evaluate: ({ facts, passages }) => {
    if (!facts.pages.ok) return facts.pageNumbers ? [] : [stops('noField', {})];
    const pages = facts.pages.value, have = numbered(pages.length, passages);
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
