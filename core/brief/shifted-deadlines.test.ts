import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** A deadline that is moved by a span of time. 10 December 2026 is a Thursday; what lies behind it is counted here by hand. Invented sentences. */
const dates: [string, string][] = [['10 December 2026, 17:00', 'T17:00:00'], ['Thursday 10 December at 5pm', 'T17:00:00'], ['10 December 2026', '']];
const spans: [string, number][] = [['two days', 12], ['one week', 17], ['a fortnight', 24], ['three working days', 15], ['5 days', 15]];
const times = (t: string): [string | null, string | null] => { const { due, extension } = readBrief(t, '2026-11-28T10:00:00Z').brief; return [due, extension]; };
const filled = (sentence: string): [string, string, string][] => dates.flatMap(([date, time]) => spans.map(([span, day]): [string, string, string] => [sentence.replace(/\bD\b/, date).replace(/\bS\b/, span), `2026-12-10${time}`, `2026-12-${day}${time}`]));

describe('for everyone', () => {
  test.each([
    'The deadline (D) has been extended by S.', 'The deadline of D has been moved back by S.', 'The deadline was D. It has been postponed by S.', 'The deadline is moved by S. The old one was D.', 'Essay 1 was due on D. Because of the outage the deadline is postponed by S.', 'We have extended the deadline (D) by S.',
    'Due: D\n\nUpdate: the deadline has been extended by S for everyone.', 'The submission date of D is put back by S because of the strike.', 'The original deadline was D. We have now extended the deadline by S.', 'Because of the outage on Sunday the deadline for Essay 1 is moved by S. The old one was D.',
  ].flatMap(filled))('%s', (text, _old, moved) => expect(times(text)).toEqual([moved, null]));
  test.each(['The deadline of 10 December 2026 has been brought forward by two days.', 'The deadline was 10 December 2026. It has been brought forward by two days.'])('earlier: %s', (text) => expect(times(text)).toEqual(['2026-12-08', null]));
});
describe('for the reader alone', () => {
  test.each([
    'The deadline is D. Your deadline has been extended by S.', 'The deadline was D. It has been extended for you by S.', 'Original due date: D. We have granted you an extension of S.', 'Due D. I have extended your deadline by S.', 'The original deadline is D. Your extension: S', 'Deadline D. Extension granted: S.',
    'Deadline D. An extension of S has been approved.', 'Deadline D. Your request for an extension of S has been approved.', 'Deadline: D. You may hand in S later than everyone else.',
  ].flatMap(filled))('%s', (text, old, moved) => expect(times(text)).toEqual([old, moved]));
});
describe('hard negatives', () => {
  test.each(['The deadline is D. You may apply for an extension of S.', 'The deadline is D. The deadline can be extended by S if you are ill.', 'Due D. Extensions of up to S are possible.', 'Due D. The deadline will not be extended by S again.', 'Due D. If the server is down, the deadline is extended by S.', 'Due D. Students with a support plan have S more.'].flatMap(filled))('only spoken of: %s', (text, old) => expect(times(text)).toEqual([old, null]));
  test.each([
    ['The deadline has been extended by a week to 10 December 2026.', '2026-12-10'], ['We have moved the deadline by three days, from 7 to 10 December 2026.', '2026-12-10'], ['The deadline has been extended by one week. New deadline: 10 December 2026.', '2026-12-10'],
    ['The deadline (8 December 2026, 12:00) has been put back by 48 hours. It is now 10 December 2026, 12:00.', '2026-12-10T12:00:00'], ['The deadline (Thursday 3 December) has been extended by one week and is now Thursday 10 December.', '2026-12-10'],
  ])('the new date is said: %s', (text, due) => expect(times(text)).toEqual([due, null]));
});
