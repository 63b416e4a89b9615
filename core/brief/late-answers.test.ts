import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented questions and answers. */
const lastDay = (text: string): number | null => readBrief(`Essay as PDF by 11 December 2026, 17:00. ${text}`, '2026-11-30T09:00:00Z').brief.late.cutoffDays;
const questions = ['Late?', 'Too late?', 'Late work?', 'What if I am late?', "What if I'm late?", 'What happens if I miss the deadline?', 'Missed the deadline?', 'Q: What if I am late? A:'];
const zero = ['Zero.', 'You get zero.', 'Then zero points.', "Then it's 0 points, sorry.", '0 points.', 'No points.', 'That means 0.', 'Sorry, no marks.', 'Then you get nothing, no exceptions.', 'An automatic zero.', 'Then it fails.'];
const others = ['10% per day.', 'Nothing to worry about: tell me.', 'Zero stress, just write to me.', 'You get 0.5 points less.', 'No points are taken off for the first day.', 'Then ask for an extension.', 'No problem.'];
describe('what late work gets, in an answer', () => {
  test.each(questions.flatMap((q) => zero.map((a) => `${q} ${a}`)))('%s', (text) => { expect(lastDay(text)).toBe(0); });
  test.each(questions.flatMap((q) => others.map((a) => `${q} ${a}`)))('%s', (text) => { expect(lastDay(text)).not.toBe(0); });
  test('what happens then is nothing, or nothing is given for it', () => { expect(lastDay('What happens if I miss the deadline? Nothing.')).toBeNull(); });
  test('an answer that goes on', () => { expect(lastDay("What if I'm late? 5 marks a day up to a maximum of five days. Then it's a zero.")).toBe(5); });
});
