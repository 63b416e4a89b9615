import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Windows of two works, in every shape that says when each opens and closes. Made up for this test. */
interface Days { o1: string; d1: string; t1: string; o2: string; d2: string; t2: string }
const U = (s: string): string => s[0]!.toUpperCase() + s.slice(1), the = (n: string, first = false): string => { const s = /\d|Part [AB]/.test(n) ? n : `the ${n}`; return first ? U(s) : s; };
const shapes: Record<string, (a: string, b: string, d: Days) => string> = {
  sentence: (a, b, d) => `${the(a, true)} opens on ${d.o1} and is due on ${d.d1} at ${d.t1}; ${the(b)} opens on ${d.o2} and is due on ${d.d2} at ${d.t2}.`,
  two: (a, b, d) => `${the(a, true)} opens on ${d.o1} and closes on ${d.d1} at ${d.t1}. ${the(b, true)} opens on ${d.o2} and closes on ${d.d2} at ${d.t2}.`,
  table: (a, b, d) => `Document | Opens | Due\n${U(a)} | ${d.o1} | ${d.d1}, ${d.t1}\n${U(b)} | ${d.o2} | ${d.d2}, ${d.t2}`,
  tabs: (a, b, d) => `Document\tOpens\tCloses\n${U(a)}\t${d.o1}\t${d.d1} ${d.t1}\n${U(b)}\t${d.o2}\t${d.d2} ${d.t2}`,
  span: (a, b, d) => `${U(a)}: ${d.o1} – ${d.d1}, ${d.t1}\n${U(b)}: ${d.o2} – ${d.d2}, ${d.t2}`,
  openFrom: (a, b, d) => `${U(a)}: open from ${d.o1}, closes ${d.d1} at ${d.t1}\n${U(b)}: open from ${d.o2}, closes ${d.d2} at ${d.t2}`,
  window: (a, b, d) => `Submission window for ${the(a)}: ${d.o1} to ${d.d1}, ${d.t1}. Submission window for ${the(b)}: ${d.o2} to ${d.d2}, ${d.t2}.`,
  sub: (a, b, d) => `${U(a)}\n  Opens: ${d.o1}\n  Due: ${d.d1}, ${d.t1}\n${U(b)}\n  Opens: ${d.o2}\n  Due: ${d.d2}, ${d.t2}`,
  sub2: (a, b, d) => `${U(a)}\nOpens: ${d.o1}\nDue: ${d.d1}, ${d.t1}\n\n${U(b)}\nOpens: ${d.o2}\nDue: ${d.d2}, ${d.t2}`,
  box: (a, b, d) => `The box for ${the(a)} is open from ${d.o1} until ${d.d1}, ${d.t1}; the box for ${the(b)} from ${d.o2} until ${d.d2}, ${d.t2}.`,
  possible: (a, b, d) => `You can hand in ${the(a)} from ${d.o1} until ${d.d1}, ${d.t1}, and ${the(b)} from ${d.o2} until ${d.d2}, ${d.t2}.`,
  paren: (a, b, d) => `${U(a)} due: ${d.d1}, ${d.t1} (opens ${d.o1}). ${U(b)} due: ${d.d2}, ${d.t2} (opens ${d.o2}).`,
  between: (a, b, d) => `Hand in ${the(a)} between ${d.o1} and ${d.d1} (${d.t1}), and ${the(b)} between ${d.o2} and ${d.d2} (${d.t2}).`,
  dueFirst: (a, b, d) => `${the(a, true)} is due by ${d.t1} on ${d.d1}; its box opens on ${d.o1}. ${the(b, true)} is due by ${d.t2} on ${d.d2}; its box opens on ${d.o2}.`,
  bulletsw: (a, b, d) => `Deadlines:\n- ${U(a)}: opens ${d.o1}, due ${d.d1} at ${d.t1}\n- ${U(b)}: opens ${d.o2}, due ${d.d2} at ${d.t2}`,
  numbered: (a, b, d) => `1. ${U(a)} (opens ${d.o1}, closes ${d.d1}, ${d.t1})\n2. ${U(b)} (opens ${d.o2}, closes ${d.d2}, ${d.t2})`,
  rowsRole: (a, b, d) => `${U(a)} opens: ${d.o1}\n${U(a)} due: ${d.d1}, ${d.t1}\n${U(b)} opens: ${d.o2}\n${U(b)} due: ${d.d2}, ${d.t2}`,
  available: (a, b, d) => `${U(a)} – available from ${d.o1}, deadline ${d.d1}, ${d.t1}\n${U(b)} – available from ${d.o2}, deadline ${d.d2}, ${d.t2}`,
  cannot: (a, b, d) => `${the(a, true)} cannot be handed in before ${d.o1} and not after ${d.d1}, ${d.t1}. ${the(b, true)} cannot be handed in before ${d.o2} and not after ${d.d2}, ${d.t2}.`,
  for: (a, b, d) => `For ${the(a)} the folder opens on ${d.o1} and closes at ${d.t1} on ${d.d1}. For ${the(b)} it opens on ${d.o2} and closes at ${d.t2} on ${d.d2}.`,
  dueOnly: (a, b, d) => `${the(a, true)} is due on ${d.d1} at ${d.t1}. ${the(b, true)} opens on ${d.o2} and is due on ${d.d2} at ${d.t2}.`,
};
const pairs = [['report', 'log'], ['essay', 'reflection'], ['draft', 'final version'], ['Part A', 'Part B'], ['Task 1', 'Task 2'], ['literature review', 'project report'], ['poster', 'abstract'], ['group report', 'individual reflection']] as const;
const days: Days[] = [
  { o1: '1 March 2027', d1: '12 March 2027', o2: '8 March 2027', d2: '19 March 2027', t1: '17:00', t2: '12:00' },
  { o1: 'Mon 1 Mar', d1: 'Fri 12 Mar', o2: 'Mon 8 Mar', d2: 'Fri 19 Mar', t1: '5 pm', t2: 'noon' },
];
const now = '2026-11-29T10:00:00Z', partsOf = (text: string) => readBrief(text, now).brief.parts.map((p) => [p.label.toLowerCase(), p.opens?.slice(0, 10) ?? null, p.due?.slice(0, 16) ?? null]);
describe.each(Object.keys(shapes))('%s', (shape) => {
  test.each(days.map((d) => [d.o1, d] as const))('from %s', (_, d) => {
    for (const [a, b] of pairs) expect(partsOf(`GEO 3107\n\n${shapes[shape]!(a, b, d)}\n\nGood luck.`)).toEqual([[a.toLowerCase(), shape === 'dueOnly' ? null : '2027-03-01', '2027-03-12T17:00'], [b.toLowerCase(), '2027-03-08', '2027-03-19T12:00']]);
  });
});
test('three works, and a remark in brackets that belongs to the name', () => {
  expect(partsOf('The atlas opens on 1 March 2027 and is due on 12 March 2027. The field diary opens on 8 March 2027 and is due on 19 March 2027. The glossary opens on 15 March 2027 and is due on 26 March 2027.')).toEqual([['atlas', '2027-03-01', '2027-03-12'], ['field diary', '2027-03-08', '2027-03-19'], ['glossary', '2027-03-15', '2027-03-26']]);
  expect(partsOf('Part A (planning): opens 1 March 2027, due 12 March 2027\nPart B (teaching): opens 8 March 2027, due 19 March 2027')).toEqual([['part a (planning)', '2027-03-01', '2027-03-12'], ['part b (teaching)', '2027-03-08', '2027-03-19']]);
});
test.each<[string, string | null]>([
  ['The library opens on 1 March 2027 and closes on 12 March 2027; the archive opens on 8 March 2027 and closes on 19 March 2027. Hand in your essay by 30 March 2027.', '2027-03-30'],
  ['Registration opens on 1 March 2027 and closes on 12 March 2027. The essay is due on 30 March 2027.', '2027-03-30'],
  ['Fieldwork: 1 March 2027 – 12 March 2027. Writing up: 15 March 2027 – 26 March 2027. Report due 30 March 2027.', '2027-03-30'],
  ['The survey opens on 1 March 2027 and closes on 12 March 2027; the feedback form opens on 8 March 2027 and closes on 19 March 2027.', null],
  ['Term 1: 1 October 2026 – 18 December 2026. Term 2: 11 January 2027 – 19 March 2027. The essay is due in term 2 on 5 February 2027, 17:00.', '2027-02-05T17:00:00'],
])('hard negative: %s', (text, due) => { const { brief } = readBrief(text, now); expect([brief.parts, brief.due, brief.opens]).toEqual([[], due, null]); });
