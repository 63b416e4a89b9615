import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** When something is released, and how long there is from then on. Invented, common practice, no published source. */
const released = [
  'The paper is released on 14 December 2026 at 10:00', 'Release: Monday 14 December 2026, 10:00', 'Released 10 am on Monday 14 December 2026', 'The question paper will be published at 10:00 on 14 December 2026', 'Opens Monday 14 December 2026 at 10:00',
  'The exam opens at 10:00 on 14 December 2026', 'Take-home paper: available from 14 December 2026, 10:00', 'Question paper out: 14 Dec 2026, 10.00', 'The task goes live 14 December 2026 10:00', 'The questions appear at 10.00 on 14 December 2026',
];
const read = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief;
const until = [
  '. Return: within 48 hours of release.', '. You have 48 hours to submit.', '; due back 48 hours later.', ' and closes 48 hours later.', ' and must be handed in within 48 hours.', '. Return it no later than 48 hours after release.', '. Scripts in: 48 hours after that.', '; you have two days to hand it in.',
  ' and stays open for 48 hours.', '. You have 48 hours from then to upload your answers.', '. Answers are to be submitted within 48 hours of the paper being released.', '. Time allowed: 48 hours.', '. The deadline is 48 hours after release.', '. From that moment you have 48 hours.', '. Everything must be in 48 hours later.', '. You get 48 hours, no longer.',
];
describe.each(released)('%s', (first) => {
  test.each(until)('…%s', (then) => { const { opens, due } = read(first + then); expect([opens, due]).toEqual(['2026-12-14T10:00:00', '2026-12-16T10:00:00']); });
  test.each([
    '. You have three hours from the time you open the paper.', '. Once you begin you have 3 hours.', '. We answer questions within 48 hours.', '. Feedback is returned within 15 working days.', '. Late work is accepted for 48 hours after the deadline.', '. The score appears within 24 hours of your submission.', '. Marks are released three weeks later.',
    '. Return within 48 hours of receiving your feedback.',
  ])('… and no deadline: %s', (then) => expect(read(first + then).due).toBeNull());
});
test('spans that contradict each other settle nothing', () => expect(read('Release: 14 December 2026, 10:00. You have 24 hours to submit. The deadline is 48 hours after release.').due).toBeNull());
test('days are counted from a day', () => expect(read('Released on 14 December 2026; due seven days later.').due).toBe('2026-12-21'));
