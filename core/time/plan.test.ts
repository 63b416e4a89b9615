import { describe, expect, test } from '@jest/globals';
import { DateTime } from 'luxon';
import { madeBrief } from '../testing/made.ts';
import { calendarOf, dayInCalendar } from './calendar.ts';
import { effectiveDue, windowNow } from './instant.ts';
import { nextOffice, planTime, usualOfficeHours, type PlanInput } from './plan.ts';

const at = (iso: string): number => DateTime.fromISO(iso, { setZone: true }).toMillis();
const brief = madeBrief({ due: '2027-03-12T17:00:00+00:00', timeZone: 'Europe/London', opens: '2027-03-01T09:00:00+00:00' });
const plan = (change: Partial<PlanInput> = {}) => planTime({ brief, now: at('2027-03-10T12:00:00Z'), bytes: 3_400_000, bytesPerSecond: 170_000, localZone: 'Europe/London', ...change });
const moment = (p: ReturnType<typeof plan>, id: string): string | undefined => { const m = p.moments.find((x) => x.id === id); return m && new Date(m.at).toISOString(); };

describe('planning backwards', () => {
  test('30 minutes and 20 seconds before the due time', () => expect(moment(plan(), 'sendBy')).toBe('2027-03-12T16:29:40.000Z'));
  test('speed not known: the margin alone', () => expect([moment(plan({ bytesPerSecond: null }), 'sendBy'), plan({ bytesPerSecond: null }).sendSeconds]).toEqual(['2027-03-12T16:30:00.000Z', null]));
  test('a second score: again 48 h before, the draft two and a half hours earlier', () => {
    const p = plan({ brief: { ...brief, similarityChecked: true } });
    expect([moment(p, 'againBy'), moment(p, 'draftBy')]).toEqual(['2027-03-10T17:00:00.000Z', '2027-03-10T14:30:00.000Z']);
  });
  test('no similarity check: no such moments', () => expect(moment(plan(), 'draftBy')).toBeUndefined());
  test('an extension holds, the common deadline is still shown', () => {
    const p = plan({ brief: { ...brief, extension: '2027-03-19T17:00:00+00:00' } });
    expect([moment(p, 'due'), moment(p, 'commonDue')]).toEqual(['2027-03-19T17:00:00.000Z', '2027-03-12T17:00:00.000Z']);
  });
  test('a bare date lasts to its end in the receiver’s zone', () => expect(moment(plan({ brief: madeBrief({ due: '2027-06-12', timeZone: 'Europe/London' }) }), 'due')).toBe('2027-06-12T22:59:59.999Z'));
});

describe('zones and clocks', () => {
  // IANA tz database: Europe/London goes to BST on 28 March 2027 at 01:00 UTC; Europe/Berlin back to CET on 31 October 2027 at 01:00 UTC.
  test.each([['Europe/London', '2027-03-27T12:00:00Z', '2027-03-29T17:00:00+01:00', '2027-03-28T01:00:00.000Z'], ['Europe/Berlin', '2027-10-29T12:00:00Z', '2027-11-02T12:00:00+01:00', '2027-10-31T01:00:00.000Z'], ['America/New_York', '2027-03-10T12:00:00Z', '2027-03-16T12:00:00-04:00', '2027-03-14T07:00:00.000Z']])('%s changes its clocks in between', (timeZone, now, due, change) => {
    expect(new Date(plan({ brief: madeBrief({ due, timeZone }), now: at(now) }).clockChange!).toISOString()).toBe(change);
  });
  test('no change, nothing said', () => expect(plan().clockChange).toBeNull());
  test('the receiver’s clock beside the local one', () => expect(plan({ localZone: 'America/New_York' }).zoneDifferenceHours).toBe(5 - 0));
});

describe('late work', () => {
  const late = { ...brief, late: { percentPerDay: 5, cutoffDays: 3 } };
  test('a row a started day, up to the cut-off', () => expect(plan({ brief: late }).late.map((r) => [new Date(r.from).toISOString().slice(5, 16), r.percent])).toEqual([['03-12T17:00', 5], ['03-13T17:00', 10], ['03-14T17:00', 15]]));
  test('a day with a change of clocks has 23 hours', () => {
    const rows = plan({ brief: madeBrief({ due: '2027-03-27T17:00:00+00:00', timeZone: 'Europe/London', late: { percentPerDay: 5, cutoffDays: 2 } }) }).late;
    expect(rows.map((r) => (r.to - r.from) / 3_600_000)).toEqual([23, 24]);
  });
  test.each([['2027-02-20T00:00:00Z', 'notOpen'], ['2027-03-10T12:00:00Z', 'open'], ['2027-03-12T16:45:00Z', 'short'], ['2027-03-13T00:00:00Z', 'late'], ['2027-03-16T00:00:00Z', 'closed']])('at %s it is %s', (now, state) => expect(plan({ brief: late, now: at(now) }).state).toBe(state));
  test('never accepted: closed at once', () => expect(plan({ brief: { ...brief, late: { percentPerDay: null, cutoffDays: 0 } }, now: at('2027-03-12T17:00:01Z') }).state).toBe('closed'));
});

describe('office hours', () => {
  test('the last ones before it has to go', () => expect(moment(plan({ brief: madeBrief({ due: '2027-03-15T08:00:00+00:00', timeZone: 'Europe/London' }) }), 'askBy')).toBe('2027-03-12T17:00:00.000Z'));
  test('on a Saturday the next ones are on Monday', () => expect(new Date(nextOffice(at('2027-03-13T10:00:00Z'), 'Europe/London')!.from).toISOString()).toBe('2027-03-15T09:00:00.000Z'));
  // 12 March 2027 is a Friday (ISO 8601 week date 2027-W10-5).
  test('after five on a Friday the next ones are on Monday', () => expect(new Date(nextOffice(at('2027-03-12T18:00:00Z'), 'Europe/London')!.from).toISOString()).toBe('2027-03-15T09:00:00.000Z'));
  test('while they run they begin now', () => expect(nextOffice(at('2027-03-12T10:00:00Z'), 'Europe/London', usualOfficeHours)!.from).toBe(at('2027-03-12T10:00:00Z')));
});
test('a window that closes before it opens is said', () => expect(plan({ brief: { ...brief, opens: '2027-03-14T09:00:00+00:00' } }).problems).toHaveLength(1));
test('no due time: nothing is planned', () => expect(plan({ brief: madeBrief() })).toMatchObject({ state: 'noDue', moments: [], sendBy: null }));

describe('calendar', () => {
  const text = calendarOf(plan(), 'Sediment budgets', 'k1', at('2027-03-10T12:00:00Z'));
  // RFC 5545: 3.1 (content lines end in CRLF, at most 75 octets), 3.3.5 (UTC with Z), 3.6.1 (UID and DTSTAMP), 3.6.6 (alarms).
  test('is RFC 5545', () => {
    expect(text.startsWith('BEGIN:VCALENDAR\r\n') && text.trimEnd().endsWith('END:VCALENDAR')).toBe(true);
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(text).toMatch(/DTSTART:20270312T170000Z/);
    expect(text.match(/BEGIN:VEVENT/g)!.length).toBe(text.match(/^UID:/gm)!.length);
    expect(text.match(/BEGIN:VALARM/g)!.length).toBeGreaterThanOrEqual(4);
    expect(text).toMatch(/TRIGGER:-PT30M|TRIGGER:-PT0H30M|TRIGGER;RELATED=START:-PT30M/);
  });
  test('what is past gets no alarm', () => expect(calendarOf(plan({ now: at('2027-03-12T16:40:00Z') }), 'x', 'k', at('2027-03-12T16:40:00Z')).match(/BEGIN:VEVENT/g)!.length).toBe(1));
});
test('a day in the calendar lasts all day and folds no one else’s words in', () => {
  const text = dayInCalendar('2027-04-02', 'Feedback due: Mud; and, silt', 'feedback.1', Date.parse('2027-03-12T10:00:00Z'));
  expect(text).toMatch(/DTSTART;VALUE=DATE:20270402/);
  expect(text).toContain('SUMMARY:Feedback due: Mud\\; and\\, silt');
});

// With parts of their own times, what counts is the part that is due next.
const inParts = madeBrief({ timeZone: 'Europe/London', parts: [{ label: 'Reflective log', opens: '2027-05-03T09:00:00+01:00', due: '2027-05-10T16:00:00+01:00' }, { label: 'Essay', opens: null, due: '2027-04-26T16:00:00+01:00' }] });
test.each([
  ['before both', '2027-04-01T10:00:00Z', 'Essay', '2027-04-26T16:00:00+01:00', null], ['at the very end of the first', '2027-04-26T15:00:00Z', 'Essay', '2027-04-26T16:00:00+01:00', null],
  ['between them', '2027-04-26T15:00:01Z', 'Reflective log', '2027-05-10T16:00:00+01:00', '2027-05-03T09:00:00+01:00'], ['after both', '2027-06-01T10:00:00Z', 'Reflective log', '2027-05-10T16:00:00+01:00', '2027-05-03T09:00:00+01:00'],
])('the window that counts %s', (_, now, label, due, opens) => { expect(windowNow(inParts, Date.parse(now), 'Europe/London')).toEqual({ label, due, opens }); });
test('in the end the part that is due last holds, wherever it is listed', () => { expect(effectiveDue(inParts)).toBe('2027-05-10T16:00:00+01:00'); });
test('a due time of the whole holds whatever the parts say, and an extension before it', () => {
  expect(windowNow({ ...inParts, due: '2027-05-01' }, 0, null)).toEqual({ label: null, due: '2027-05-01', opens: null });
  expect(windowNow({ ...inParts, due: '2027-05-01', extension: '2027-05-08' }, 0, null).due).toBe('2027-05-08');
  expect(windowNow(madeBrief({}), 0, null)).toEqual({ label: null, due: null, opens: null });
});
test('the plan goes back from the part that is due next, and says which', () => {
  const coming = planTime({ brief: inParts, now: Date.parse('2027-04-01T10:00:00Z'), bytes: 0, bytesPerSecond: null, localZone: 'Europe/London' });
  expect(coming.moments.find((m) => m.id === 'due')).toMatchObject({ label: 'Essay due', at: Date.parse('2027-04-26T15:00:00Z') });
});
