import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented sentences; 30 November 2026 is a Monday, so the 11th of the next month is a Friday. */
const dueOf = (text: string): string | null => readBrief(`${text}\nPlease use PDF.`, '2026-11-30T09:00:00Z').brief.due;
const says = ['The deadline is %.', 'Essays are due %.', 'Deadline: %', 'Hand it in by %.', 'The cut-off is %.', 'The cut-off is still %.', 'It has to be in by %.', 'Submit the PDF by %, please.', 'due %', 'hand-in: %'];
const days = ['Friday 11th at 5pm', 'Friday the 11th at 5pm', 'Friday (11th) at 5pm', 'next Friday (11th), 5pm', 'next Friday, the 11th, at 5pm', 'next Friday the 11th at 5pm', 'Friday (the 11th), 5pm', 'Friday (11 December), 5pm', 'Fri the 11th, 5 p.m.', 'Friday next week (11th), 5pm', '5pm on Friday the 11th', '5pm next Friday (11th)', 'the 11th (Friday), 5pm', 'Friday (December 11) at 5pm'];
describe('a day of the week and of the month, without the month', () => {
  test.each(says.flatMap((s) => days.map((d) => s.replace('%', d).replace('.m..', '.m.'))))('%s', (text) => { expect(dueOf(text)).toBe('2026-12-11T17:00:00'); });
  test.each(['The deadline is Friday the 10th at 5pm.', 'The deadline is next Friday (10th) at 5pm.', 'Essays are due Friday (10 December), 5pm.', 'We meet on Friday the 11th at 5pm.', 'Chapters are discussed on Friday (11th).'])('%s', (text) => { expect(dueOf(text)).toBeNull(); });
  // A month that is named before goes on.
  test.each([['It opens on Monday the 7th of June. Everything has to be in by 10am on Friday the 11th.', '2027-06-11T10:00:00'], ['Opens Monday 1 March 2027. Closes Friday (the 12th) at noon.', '2027-03-12T12:00:00']])('%s', (text, due) => { expect(dueOf(text)).toBe(due); });
});
