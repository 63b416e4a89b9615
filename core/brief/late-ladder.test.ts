import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences; the days that follow from them were worked out by hand. */
const read = (text: string) => readBrief(`Essay\nDue: Friday 18 December 2026, 15:00\n${text}\nFeedback: by 22 January`, '2026-11-30T09:00:00Z').brief;

const spans: [string, number][] = [['7 days', 7], ['a week', 7], ['5 working days', 5], ['48 hours', 2]];
const bounds = ['up to N late', 'within N of the deadline', 'less than N late', 'late by N or less', '≤ N', 'no more than N late', 'if within N'];
const costs = ['capped at 40%', 'maximum mark 40 %', '10 marks off', 'pass mark at best'];
const ends = ['after that it is a zero', 'not marked after that', 'later: 0', 'more than N: not marked', '> N: 0', 'anything later is not read', 'then zero'];
const shapes: ((bound: string, cost: string, end: string) => string)[] = [
  (b, c, e) => `Late: ${b}: ${c}; ${e}.`, (b, c, e) => `Late: ${c} ${b}; ${e}.`, (b, c, e) => `Late submissions ${b}: ${c}. ${e[0]!.toUpperCase()}${e.slice(1)}.`,
  (b, c, e) => `Late work\n- ${b}: ${c}\n- ${e}`, (b, c, e) => `Late:\n  ${b}   ${c}\n  ${e}`,
];
describe('late work at a price, and for nothing after that', () => {
  const composed = spans.flatMap(([span, days], s) => bounds.flatMap((bound, b) => ends.flatMap((end, e) => shapes.flatMap((shape, k) => ((s * 5 + b * 3 + e + k) % 9 === 0 ? [[shape(bound.replace('N', span), costs[(s + b + e + k) % costs.length]!, end.replace('N', span)), days] as const] : [])))));
  test.each(composed)('%j', (text, days) => {
    const { late, due } = read(text);
    expect(late.cutoffDays).toBe(days);
    expect(due).toBe('2026-12-18T15:00:00');
  });
  test.each<[string, number | null]>([
    ['Late: -5 marks up to 24 hours, -10 marks up to 48 hours, then zero.', 2], ['Work handed in late loses 10 marks in the first week. After that it is given 0.', 7], ['Late work (first week): 10 marks off. Later: zero.', 7],
    ['10 percent off for each day, and nothing after Tuesday.', 4], ['Late work loses 10 % a day and is not accepted after Monday.', 3],
    ['Late work is fine up to a week with an extension; after that it is not accepted.', null], ['Late essays will be returned within 7 days; later work is not marked.', null],
    ['Late antiquity essays: up to 7 pages, 10 marks; then nothing.', null], ['If you are late, email me within two days; after that I cannot accept it.', null], ['No questions will be answered after Tuesday.', null],
  ])('%j', (text, days) => { expect(read(text).late.cutoffDays).toBe(days); });
});

test('what says so is quoted where it stands', () => {
  const text = 'Essay\nDue: Friday 18 December 2026, 15:00\nLate work:\n- less than 7 days late: capped at 40%\n- later than that scores 0', { evidence } = readBrief(text, '2026-11-30T09:00:00Z').brief, said = evidence.find((e) => e.field === 'late.cutoffDays')!;
  expect(said.quote).toBe('less than 7 days late');
  expect(text.slice(said.start, said.end)).toBe(said.quote);
});
