import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Letters of an invented school office: the day of all, and the day of the one who is written to. */
const grants = [
  'The panel has considered it and allows you until NEW for the coursework in CHE2011 (original deadline: OLD).', 'The panel has considered it and allows you to hand in your essay by NEW instead of OLD.', 'We are happy to give you until NEW. The deadline for everyone else remains OLD.',
  'You may hand in your essay on NEW at the latest. The date in the handbook, OLD, no longer applies to you.', 'We have granted you extra time until NEW. Without it, the deadline would have been OLD.', 'Your extension request has been approved. Deadline: OLD. Extended to: NEW.',
  'Old date: OLD\nNew date for you: NEW', 'Published deadline: OLD\nYour deadline: NEW', 'Your submission, due on OLD, may now be made until NEW.', 'An extension from OLD to NEW has been recorded for you.', 'For you the deadline of OLD has been changed to NEW.',
  'You have been given additional time. Instead of OLD, you can submit until NEW.', 'We have moved your deadline from OLD to NEW.', 'Please note that your extended deadline is NEW, while other students submit by OLD.', 'Revised deadline for you: NEW. Original: OLD.', 'Your deadline is now NEW; the deadline for all is OLD.',
];
const days: [old: string, own: string, due: string, extension: string][] = [['14 December 2026, 12:00 noon', '4 January 2027, 12:00 noon', '2026-12-14T12:00:00', '2027-01-04T12:00:00'], ['Monday 14 December 2026', 'Monday 4 January 2027', '2026-12-14', '2027-01-04']];
const read = (text: string) => { const { due, extension, parts } = readBrief(text, '2026-11-30T09:00:00Z').brief; return { due, extension, parts }; };

describe('a letter to one student', () => {
  test.each(grants.flatMap((grant) => days.map((d) => [grant.replace('NEW', d[1]).replace('OLD', d[0]), d[2], d[3]])))('%j', (said, due, extension) => {
    expect(read(`Dear student,\n\nThank you for your request of 20 November. ${said}\n\nPlease hand in at the usual place.`)).toEqual({ due, extension, parts: [] });
    expect(read(`Extenuating circumstances – outcome\n\n${said} This applies to you only. The system will show the old date, which you can ignore.\n\nSchool office`)).toEqual({ due, extension, parts: [] });
  });
});

describe('what is said to all', () => {
  test.each<[string, string, string | null]>([
    ['Dear all, we have agreed to a common extension: the deadline of 14 December 2026 has been moved to 4 January 2027.', '2027-01-04', null],
    ['Your essay is due on 11 December 2026. You get your essays back on 8 January 2027. Extensions of the railway were built in 1880.', '2026-12-11', null],
    ['Your essay is due on 11 December 2026. If your request is approved, you may hand it in by 8 January 2027.', '2026-12-11', null],
    ['Thank you for your request of 20 November 2026. Your essay is due on 11 December 2026, as for everyone else.', '2026-12-11', null],
  ])('%j', (text, due, extension) => { expect(read(text)).toEqual({ due, extension, parts: [] }); });
});
