import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** A day in one sentence, its hour in another. Invented, common practice, no published source. */
const due = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief.due;
describe.each(['The essay is due on 11 December 2026.', 'Deadline: Friday 11 December 2026.', 'Hand in your report by 11 December 2026.', 'Submission: Friday, December 11, 2026.', 'Your paper must be in by Friday 11 December 2026.'])('%s', (day) => {
  test.each([
    'Submit it on the course website by 5 pm.', 'Uploads close at 5 pm.', 'The box closes at 17:00.', 'Papers are due by 5 p.m.', 'The cut-off is 5 pm.', 'You have until 5 pm.', 'The system shuts at 5 p.m. sharp.', 'Everything has to be uploaded before 5 pm.', 'Anything that arrives after 5 pm counts as late.', 'Submissions are accepted until 5 pm.',
    'The deadline is at 5 pm.', 'Make sure your file is in by 5 pm.', '5 pm is the cut-off.', 'At 5 pm the page closes.', 'Hand in through the module page no later than 17:00.', 'Please note the time: 5 pm, not midnight.', 'Latest time: 5 pm',
  ])('its hour: %s', (hour) => expect(due(`${day} ${hour}`)).toBe('2026-12-11T17:00:00'));
  test.each([
    'The office is open until 5 pm.', 'Submit by 5 pm on the day before to get help.', 'If you upload it by 5 pm, you see your score the same evening.', 'Drafts sent to me by 5 pm on a weekday are read the next day.', 'The library closes at 5 pm.', 'We answer questions until 5 pm.', 'The server is down for maintenance from 3 pm until 5 pm.', 'Response papers are due on Sundays by 5 pm.', 'Call us before 5 pm.',
    'Uploads close at 5 pm. Papers are due by 6 pm.',
  ])('another hour: %s', (hour) => expect(due(`${day} ${hour}`)).toBe('2026-12-11'));
});
test('an hour that is said of one part is no other’s', () => expect(readBrief('Draft: 11 December 2026. Final version: 18 December 2026. Submit the final version by 10 pm.', '2026-11-30T09:00:00Z').brief.parts.map((p) => p.due)).toEqual(['2026-12-11', '2026-12-18T22:00:00']));
test('an hour on Thursdays is that of a Thursday', () => expect(due('Homework is due Thursdays at 11:59pm. Homework 3 is due Thursday, March 4, 2027.')).toBe('2027-03-04T23:59:00'));
