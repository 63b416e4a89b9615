import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Deadlines that were moved, in ordinary ways of saying it: A is the date that has ceased to hold, B the one that holds. Made up; common practice, no source. */
const at = (text: string): string => text.replace(/\bA\b/g, '12 March 2027').replace(/\bB\b/g, '14 March 2027'), due = (text: string): string | null => readBrief(at(text), '2027-02-01T09:00:00Z').brief.due;
test.each([
  'The essay is due on A (note: this has been changed to B).', 'The essay is due on A (this has been changed to B).', 'Deadline: A – changed to B.', 'Deadline: A, changed to B.', 'Due A (moved to B).', 'Due A (now B).', 'Due A (postponed to B).', 'Due A – extended to B.', 'The deadline, A, has been extended to B.',
  'Essay due: A. Update: the deadline is now B.', 'Essay due A. Please note that the deadline has changed to B.', 'Essay due A. NB: the date has been moved to B.', 'Essay due A. Correction: B.', 'Essay due A. Correction: the deadline is B, not A.', 'The essay is due on B (and not on A, as stated in the handbook).', 'The essay is due on B, not A.',
  'The essay is due on B (the handbook wrongly says A).', 'The handbook gives A as the deadline; the correct date is B.', 'Essay due A [changed on 1 March: B].', 'Essay due A; this was pushed back to B.', 'Essay due A. The deadline was pushed back to B.', 'Originally A, the deadline is B.', 'Due A. EDIT: due B.', 'Due A. UPDATE 2 March: due B.',
  'The deadline has moved from A to B.', 'The deadline has been brought forward from 21 March 2027 to B.', 'The deadline (originally A) is B.', 'The deadline (B, formerly A) is firm.', 'Because of the strike, essays that were due on A are due on B.', 'New deadline: B (old deadline: A).', 'We have decided to give you until B instead of A.', 'You now have until B rather than A to hand in your essay.',
])('%s', (text) => expect(due(text)).toBe('2027-03-14'));
test.each(['The essay is due on A. The presentation has been moved to B.', 'Due A. Feedback by B.', 'The seminar has been moved to B. The essay is due A.'])('hard negative: %s', (text) => expect(due(text)).toBe('2027-03-12'));
test('two works keep their dates', () => expect(readBrief(at('Draft due A, essay due B.'), '2027-02-01T09:00:00Z').brief.parts.map((p) => p.due)).toEqual(['2027-03-12', '2027-03-14']));
test('without a word on which holds, two dates settle nothing', () => expect(due('The essay is due on A. The deadline for the essay is B.')).toBeNull());
/** The last day on which late work is taken, in more ways of saying it. */
test.each<[string, number | null]>([
  ['Penalty for late work: 10% for the first day, 5% for each further day. After one week, the work isn’t accepted.', 7], ['Late work loses 5% a day. After two weeks essays won’t be marked.', 14], ['Late penalty 5% per day; cut-off after 10 days.', 10], ['Late penalty 5% per day (cut-off: 10 days).', 10], ['Late: -5%/day; >7 days: 0.', 7],
  ['Up to a week late: 5% a day. Later: 0.', 7], ['Late submission is possible for three days (5% per day).', 3], ['The cut-off for registration is 10 days before term.', null], ['After one week, the link isn’t accepted any more.', null], ['Samples older than 7 days: discard. Later: 0.', null],
])('%s: %p', (text, days) => expect(readBrief(text, '2027-02-01T09:00:00Z').brief.late.cutoffDays).toBe(days));
test('the size of notes is not that of the text', () => expect(readBrief('12-point Times New Roman (10-point for footnotes), 1.5 line spacing.', '2027-02-01T09:00:00Z').brief.layout).toMatchObject({ fontSizePt: 12, lineSpacing: 1.5 }));
/** Hours in more ways of writing them. */
test.each<[string, string]>([
  ['Deadline: 23:59 on the night of 12 March 2027.', '2027-03-12T23:59:00'], ['Due 12 March 2027 at half past four pm', '2027-03-12T16:30:00'], ['Due at quarter to five p.m. on 12 March 2027', '2027-03-12T16:45:00'], ['Due Fri 12 Mar (wk 9) 5pm', '2027-03-12T17:00:00'], ['Due Friday 12 March (week 9) at 5pm', '2027-03-12T17:00:00'], ['Due: Fri. Mar 12 @ 5p', '2027-03-12T17:00:00'],
])('%s', (text, expected) => expect(due(text)).toBe(expected));
