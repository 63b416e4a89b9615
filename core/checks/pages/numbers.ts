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
/** Roman numbers that stand by themselves in a line or between marks: `i`, `– iv –`. */
const romanIn = (text: string): number[] => text.split(/[\n|·•]/).flatMap((part) => { const m = /^\W*([ivxl]{1,7}|[IVXL]{1,7})\W*$/.exec(part); return m ? [romanValue(m[1]!.toLowerCase())] : []; }).filter((n) => n > 0);
const romanDigits: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50 };
const romanValue = (roman: string): number => [...roman].reduce((sum, c, i, all) => sum + (romanDigits[c]! < (romanDigits[all[i + 1]!] ?? 0) ? -1 : 1) * romanDigits[c]!, 0);

/** Pages whose running head or foot holds a number that runs along with them, by what stands on their neighbours. */
function numbered(count: number, passages: { place: string; page: number | null; text: string }[]): Set<number> {
  const numbers = new Map<number, number[]>();
  for (const p of passages) if (p.place === 'runningHead' && p.page !== null) numbers.set(p.page, [...(numbers.get(p.page) ?? []), ...(p.text.match(/\d{1,4}/g) ?? []).map(Number), ...romanIn(p.text)]);
  // It follows the number of the page before, or the next one follows it: a number that stays is a course or a year, and counting may begin anew.
  const has = (page: number, n: number): boolean => numbers.get(page)?.includes(n) === true;
  const runs = new Set([...numbers].flatMap(([page, list]) => list.filter((n) => count <= 2 || has(page - 1, n - 1) || has(page + 1, n + 1)).map((n) => n - page)));
  return new Set([...numbers].filter(([page, list]) => list.some((n) => runs.has(n - page))).map(([page]) => page));
}
