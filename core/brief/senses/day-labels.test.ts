import { describe, expect, test } from '@jest/globals';
import { readBrief } from '../read.ts';

/** What is read of a sheet with a deadline in a row of its own and one more day in another, whichever comes first. The labels are ours, as handbooks put them. */
function readWith(label: string, day: string): unknown[] {
  const rows = ['Due: 11 December 2026, 3pm', `${label}: ${day}`];
  return [rows, [...rows].reverse()].map((lines) => {
    const { due, opens, extension, late, parts } = readBrief(`Coursework 2 (report)\n${lines.join('\n')}\nLength: 2000 words`, '2026-11-01T09:00:00Z').brief;
    return [due, opens?.slice(0, 10) ?? null, extension?.slice(0, 10) ?? null, late.cutoffDays, parts.length].map(String).join(' ');
  });
}
const due = '2026-12-11T15:00:00', both = (rest: string): string[] => [`${due} ${rest}`, `${due} ${rest}`], after = '18 December 2026, 3pm', before = '4 December 2026, 3pm';

describe('the label of a day tells what it is for', () => {
  test.each(['Extension deadline', 'Extended deadline', 'Extended due date', 'Your extension', 'Approved extension', 'Extension granted until', 'Extension due', 'Extension date', 'Extended submission date', 'Individual extension', 'Extension (approved)'])('a time granted: %s', (label) => expect(readWith(label, after)).toEqual(both('null 2026-12-18 null 0')));
  test.each(['Late deadline', 'Late deadline (with penalty)', 'Latest late submission', 'Closes for late work', 'Last late date', 'Grace period ends', 'Late submission until (with penalty)', 'Final closing date', 'Late cut-off', 'No submissions after'])('the last day for late work: %s', (label) => expect(readWith(label, after)).toEqual(both('null null 7 0')));
  test.each(['Unlocks', 'Opens', 'Submission opens', 'Opens (tentative)'])('the opening: %s', (label) => expect(readWith(label, before)).toEqual(both('2026-12-04 null null 0')));
  test.each(['Questions by', 'Ethics form by', 'Set', 'Date issued', 'Apply for extensions by', 'Extension requests by', 'Last updated', 'Topic due', 'Proposal deadline'])('hard negative, something else: %s', (label) => expect(readWith(label, before)).toEqual(both('null null null 0')));
  test.each(['Extension deadline (with approval)', 'Deadline for students with an extension', 'Students with extensions', 'Deadline (if extended)', 'Resit deadline', 'Feedback by', 'Marks returned'])('hard negative, of others or of later: %s', (label) => expect(readWith(label, after)).toEqual(both('null null null 0')));
});
test('a sentence that goes on about late work names its last day', () => {
  const { due: day, late } = readBrief('When: Tuesday 8 December 2026, before 13:00.\nLate notebooks lose 2 points per day. I stop accepting them on Friday 11 December at 17:00, when the solutions go online.', '2026-11-30T09:00:00Z').brief;
  expect([day, late.percentPerDay, late.cutoffDays]).toEqual(['2026-12-08T13:00:00', 2, 3]);
});
test.each<[string, Partial<Record<'anonymous' | 'keeps' | 'allowed', unknown>>]>([
  ['You get two tries, and I’ll look at the second if there is one.', { keeps: 'latest', allowed: 2 }], ['Your second attempt, if you make one, is the one that counts.', { keeps: 'latest' }], ['Two goes allowed; the second replaces the first.', { keeps: 'latest', allowed: 2 }],
  ['Marking is anonymous except for the presentation.', { anonymous: true }], ['What about my name? Leave it off.', { anonymous: true }], ['My name? On the title page, please.', { anonymous: false }],
  // Hard negatives.
  ['What about my phone? Leave it off.', { anonymous: null }], ['I read the second chapter if there is time.', { keeps: null }], ['Not anonymous for presentations; essays are marked anonymously.', { anonymous: true }],
])('%s', (said, wanted) => {
  const { anonymous, attempts } = readBrief(`The essay is due on 12 March 2027. ${said}`, '2026-11-30T09:00:00Z').brief, read = { anonymous, keeps: attempts.keeps, allowed: attempts.allowed };
  expect(Object.fromEntries(Object.keys(wanted).map((key) => [key, read[key as keyof typeof read]]))).toEqual(wanted);
});
