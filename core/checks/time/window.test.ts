import { describe, expect, test } from '@jest/globals';
import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { docketOfBrief } from '../../docket/run.ts';
import { instantOf, showInstant, withOffset } from '../../time/instant.ts';
import { timeWindow } from './window.ts';

// IANA tz database, Europe/London: clocks go forward at 01:00 UTC on the last Sunday of March (28 March 2027).
test('summer time follows the date', () => {
  expect(instantOf('2027-03-27T17:00', 'Europe/London', 'end')).toBe(Date.UTC(2027, 2, 27, 17));
  expect(instantOf('2027-03-29T17:00', 'Europe/London', 'end')).toBe(Date.UTC(2027, 2, 29, 16));
});
// ISO 8601:2004, 4.2.5.1: a local time. Where the wording says no zone, it is that of the student's clock; New York is four hours behind on 31 March 2027 (IANA tz database).
describe('a due time without a zone', () => {
  const local = madeBrief({ due: '2027-03-31T23:59:00' }), standing = (iso: string, clock: string | null, brief = local) => docketOfBrief(brief, null, Date.parse(iso), [], clock).find((l) => l.id === 'time.window')!.standing;
  test('is due by the clock of the student', () => {
    expect(standing('2027-04-01T03:58:00Z', 'America/New_York')).toBe('met');
    expect(standing('2027-04-01T04:00:00Z', 'America/New_York')).toBe('notMet');
  });
  test('and by that of the wording, where it says one', () => {
    expect(standing('2027-04-01T03:58:00Z', 'America/New_York', { ...local, timeZone: 'GMT' })).toBe('notMet');
    expect(standing('2027-04-01T03:58:00Z', 'America/New_York', madeBrief({ due: '2027-03-31T23:59:00+00:00' }))).toBe('notMet');
  });
  test('is told as an instant to whoever does not know the wording', () => {
    expect(withOffset('2027-03-31T23:59:00', 'America/New_York', 'end')).toBe('2027-03-31T23:59:00-04:00');
    expect(withOffset('2027-03-31', 'America/New_York', 'start')).toBe('2027-03-31T00:00:00-04:00');
    expect(withOffset('2027-03-31T23:59:00+01:00', 'America/New_York', 'end')).toBe('2027-03-31T23:59:00+01:00');
    expect(withOffset('2027-03-31T23:59:00', null, 'end')).toBe('2027-03-31T23:59:00');
  });
  test('is shown as it is written, whatever this machine keeps', () => {
    expect(showInstant('2027-03-31T23:59:00', 'America/New_York')).toBe('Wed 31 Mar 2027, 23:59');
    expect(showInstant('2027-03-31T23:59:00', null)).toBe('Wed 31 Mar 2027, 23:59');
    expect(showInstant('2027-03-31T23:59:00+00:00', 'America/New_York')).toBe('Wed 31 Mar 2027, 19:59');
  });
});
// ISO 8601:2004, 4.3.2: the same instant written with two offsets.
test('offsets name instants', () => expect(instantOf('2027-03-12T17:00:00+01:00', null, 'end')).toBe(instantOf('2027-03-12T16:00:00Z', null, 'end')));
const brief = madeBrief({ opens: '2027-03-01T09:00:00Z', due: '2027-03-12T17:00:00Z' });
const at = (iso: string) => ({ brief, now: Date.parse(iso) });
testSetCheck(timeWindow, {
  met: [{ name: 'the last second', given: at('2027-03-12T17:00:00Z') }, { name: 'an extension holds', given: { brief: { ...brief, extension: '2027-03-19T17:00:00Z' }, now: Date.parse('2027-03-15T12:00:00Z') } }, { name: 'a bare date lasts all day', given: { brief: madeBrief({ due: '2027-03-12' }), now: Date.parse('2027-03-12T23:00:00Z') } }],
  look: [
    { name: 'late by a day of five that are taken', given: { brief: { ...brief, late: { percentPerDay: 5, cutoffDays: 5 } }, now: Date.parse('2027-03-13T18:00:00Z') }, says: ['lateAtACost'] },
    { name: 'late, taken for a week and no price said', given: { brief: { ...brief, late: { percentPerDay: null, cutoffDays: 7 } }, now: Date.parse('2027-03-13T18:00:00Z') }, says: ['late'] },
    { name: 'late, every day costs and no last one is said', given: { brief: { ...brief, late: { percentPerDay: 10, cutoffDays: null } }, now: Date.parse('2027-03-15T18:00:00Z') }, says: ['lateAnyDay'] },
  ],
  notMet: [
    { name: 'after the last day that is taken', given: { brief: { ...brief, late: { percentPerDay: 5, cutoffDays: 5 } }, now: Date.parse('2027-03-17T17:00:01Z') }, says: ['over'] },
    { name: 'late work is not taken', given: { brief: { ...brief, late: { percentPerDay: null, cutoffDays: 0 } }, now: Date.parse('2027-03-12T17:00:01Z') }, says: ['over'] },
    { name: 'a second late', given: at('2027-03-12T17:00:01Z'), says: ['over'] }, { name: 'not open yet', given: at('2027-02-28T12:00:00Z'), says: ['notYet'] }],
  notAsked: [{ name: 'no due time' }],
});
