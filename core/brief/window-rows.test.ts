import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** A row of times with a word before each for what it is: any word of the three kinds, however the row is written. Invented settings of a hand-in box. */
const opening = ['Starts', 'Start date', 'Opens', 'Open from', 'Available from', 'From', 'Begins', 'Box opens', 'Window opens', 'Release', 'Submission opens', 'Allow submissions from', 'Visible from', 'First upload', 'Upload from'];
const closing = ['Ends', 'End date', 'Due', 'Due date', 'Deadline', 'Closes', 'Until', 'To', 'Closing date', 'Due by', 'Hand-in by', 'Submit by', 'Submission deadline', 'Upload until', 'On time until', 'Window closes', 'Finish'];
const last = [null, 'Cut-off', 'Cutoff', 'Late until', 'Late submissions until', 'Late work accepted until', 'Late deadline', 'Late box closes', 'Closed for good', 'Final cut-off', 'Accepted late until', 'Last date for late work', 'Late period ends', 'Lock date', 'Latest (with penalty)', 'Grace period until', 'Hard deadline', 'Late box stays open till'];
const written: [string, string, string][] = [['2.12.2026 08:00', '14.12.2026 14:00', '21.12.2026 14:00'], ['2 December 2026, 08:00', '14 December 2026, 14:00', '21 December 2026, 14:00'], ['Wed 2 Dec, 8am', 'Mon 14 Dec, 2pm', 'Mon 21 Dec, 2pm'], ['2026-12-02 08:00', '2026-12-14 14:00', '2026-12-21 14:00']];
const joined: [string, string][] = [['\n', ': '], ['; ', ' '], ['\n', '   '], [' – ', ' '], ['\n', '\t'], ['. ', ': ']];
const rows = Array.from({ length: 204 }, (_, i) => {
  const [o, d, l] = [opening[i % opening.length]!, closing[i % closing.length]!, last[i % last.length]!], dates = written[i % 4]!, [between, behind] = joined[Math.floor(i / 4) % 6]!;
  return [[[o, dates[0]], [d, dates[1]], ...(l === null ? [] : [[l, dates[2]]])].map((pair) => pair.join(behind)).join(between), l === null ? null : 7] as const;
});
// A dotted date that could be read month first says nothing alone: the other dates of its row tell.
test.each(rows)('%s', (text, days) => {
  const { opens, due, late, parts } = readBrief(text, '2026-11-28T10:00:00Z').brief;
  expect([opens, due, late.cutoffDays, parts]).toEqual(['2026-12-02T08:00:00', '2026-12-14T14:00:00', days, []]);
});
describe('hard negatives', () => {
  const times = (text: string): unknown[] => { const { opens, due, late, parts } = readBrief(text, '2026-11-28T10:00:00Z').brief; return [opens, due, late.cutoffDays, parts.length]; };
  test('windows of several parts stay apart', () => expect(times('Part A\nOpens: 2 December 2026\nDue: 9 December 2026\nPart B\nOpens: 10 December 2026\nDue: 17 December 2026')).toEqual([null, null, null, 2]));
  test('times out of their order are no row', () => expect(times('Closes: 2 December 2026\nOpens: 9 December 2026')[0]).not.toBe('2026-12-02'));
  test('two dates between “from” and “to”', () => { for (const t of ['Open from 13.11.2026 to 14.12.2026', 'Open 13/11/2026 - 14/12/2026', 'Submit between 13/11/2026 and 14/12/2026', 'Open from 13 November to 14 December']) expect([t, ...times(t)]).toEqual([t, '2026-11-13', '2026-12-14', null, 0]); });
});
