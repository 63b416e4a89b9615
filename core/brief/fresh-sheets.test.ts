import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented wordings, each beside one that reads alike and means something else. */
const read = (text: string) => readBrief(text, '2026-11-30T09:00:00Z').brief;

describe('tolerances that are not given', () => {
  test.each<[string, number | null, number]>([
    ['Word limit: 3,000 words. There is no +/-10% allowance.', null, 3000], ['3,000 words, without the customary plus or minus 10%.', null, 3000], ['Word limit: 3,000 words. There is a +/-10% allowance.', 2700, 3300], ['3,000 words, plus or minus 10%, no more.', 2700, 3300],
  ])('%j', (text, least, most) => { const { limits } = read(text); expect([limits.minWords, limits.maxWords]).toEqual([least, most]); });
});

test('a cell of a table gives a length with its tolerance', () => {
  const { documents } = read('Piece | Format | Words\nReading journal | docx | 1000\nCritical essay | pdf | 2500 (+10%)\nAtlas | pdf | 2000 ±10%\nMap | pdf | max 2000\nLog | pdf | at least 800\nNote | pdf | ~500');
  expect(documents.map((d) => [d.limits?.minWords ?? null, d.limits?.maxWords ?? null])).toEqual([[null, 1000], [null, 2750], [1800, 2200], [null, 2000], [800, null], [null, null]]);
});

describe('works of a series', () => {
  test('what was due before is no window beside the next', () => {
    const { due, parts } = read('Lab report 2 is due on 7 December 2026. Lab report 1 was due on 16 November; grades for it are out on the 3rd.');
    expect(due).toBe('2026-12-07'); expect(parts).toEqual([]);
  });
  test('alone it is the deadline, and stages of one paper are windows', () => {
    expect(read('Lab report 1 was due on 16 November 2026.').due).toBe('2026-11-16');
    expect(read('Abstracts were due on 1 November 2026. Full papers are due on 1 March 2027.').parts).toHaveLength(2);
  });
});

describe('details shortened inside a name', () => {
  test.each([
    ['File saved as SOC3090-RegNumber.pdf', 'studentNumber'], ['Save as ENG1-StudNum.pdf.', 'studentNumber'], ['File name: StudentNr_Essay.pdf', 'studentNumber'], ['File name: studentnum_essay.pdf', 'studentNumber'], ['File name: AnonCode_Essay.pdf', 'candidateNumber'], ['File name: LName_Essay.pdf', 'surname'], ['File name: fname_essay.pdf', 'givenNames'],
  ])('%j', (text, field) => { expect(read(text).naming.mustContain).toEqual([field]); });
  test.each(['How named: SURNAME_Firstname_Unit7.pdf', 'Named: SURNAME_Firstname_Unit7.pdf', 'Name on file: SURNAME_Firstname_Unit7.pdf'])('%j', (text) => { expect(read(text).naming).toMatchObject({ pattern: 'SURNAME_Firstname_Unit7.pdf', mustContain: ['surname', 'givenNames'] }); });
  test('what a boat is named is no rule', () => { expect(read('Named: after the river Tern').naming.pattern).toBeNull(); });
  test('no names, but a number in two places', () => { expect(read('No names please - just your exam number at the top of page one and in the file name.').naming).toMatchObject({ mustContain: ['candidateNumber'], mustNotIdentify: true }); });
});

describe('a day described, and its date', () => {
  test.each([
    ['Submit on or before 5 p.m. (Singapore time) on the first Monday of the exam period, i.e. 7 December 2026.', '2026-12-07T17:00:00+08:00'], ['Due by 4pm on the Monday after reading week, which is 7 December 2026.', '2026-12-07T16:00:00'],
    ['The deadline is noon (Dublin time) on Thursday of week 9 – 10 December 2026.', '2026-12-10T12:00:00+00:00'], ['Hand in by noon on the third Friday in December, i.e., the 18th.', '2026-12-18T12:00:00'], ['Due by 4pm on the Monday after reading week, that is, 8 December 2026.', null],
  ])('%j', (text, due) => { expect(read(text).due).toBe(due); });
});

test.each([['I’ll only look at the second one.', 'latest'], ['I’ll only look at the second paragraph.', null]])('%j', (text, keeps) => { expect(read(`You may hand in twice. ${text}`).attempts.keeps).toBe(keeps); });

describe('a box that stays open longer', () => {
  test.each<[string, string | null]>([
    ['Hi all, about Thursday’s deadline (10 Dec). The box will now stay open until Friday 11 Dec, 10am, because the system will be down.', '2026-12-11T10:00:00'], ['The deadline is 10 December 2026. The box will stay open until Friday 11 December, 10am because of the outage.', '2026-12-11T10:00:00'],
    ['Due 10 December 2026. Because of the outage the folder remains open until 11 December at 10 am, without penalty.', '2026-12-11T10:00:00'], ['Due 10 December 2026. The folder stays open until 14 December for late work.', '2026-12-10'],
  ])('%j', (text, due) => { expect(read(text).due).toBe(due); });
});

describe('two works in one answer', () => {
  test.each(['Q2 When? – Reflection: 7 January 2027, 4 p.m. Attendance sheet: 18 December 2026, 4 p.m.\nQ3 Where? – Placement > Reflection.', 'When? Reflection: 7 January 2027, 4 p.m. Attendance sheet: 18 December 2026, 4 p.m.'])('%j', (text) => {
    expect(read(text).parts.map(({ label, due }) => [label, due])).toEqual([['Reflection', '2027-01-07T16:00:00'], ['Attendance sheet', '2026-12-18T16:00:00']]);
  });
});

test('at least so many, and not more than so many', () => { expect(read('It must have at least 60 and must not have more than 90 pages without appendices.').limits).toMatchObject({ minPages: 60, maxPages: 90 }); });
test.each<[string, number | null]>([['The file may be replaced once before the deadline.', 2], ['Ein einmaliges Ersetzen der Datei ist vor Fristablauf möglich.', 2], ['A broken figure may be replaced once it is repaired.', null]])('%j', (text, allowed) => { expect(read(text).attempts.allowed).toBe(allowed); });
test.each<[string, number | null]>([['We’ll take late reports for 48 hours, with 20% off.', 2], ['I accept late work for three days at a cost of 10 %.', 3], ['I answer late mails within three days.', null]])('%j', (text, days) => { expect(read(`Due 1 December 2026. ${text}`).late.cutoffDays).toBe(days); });
test('what an adviser is shown before is not what is handed in', () => {
  expect(read('A draft of your thesis chapter is due to your adviser by e-mail on December 4th. The chapter itself has to be on the course site by December 18th, 10pm Mountain.')).toMatchObject({ due: '2026-12-18T22:00:00-07:00', parts: [] });
  expect(read('The draft is due on December 4th, 2026.').due).toBe('2026-12-04');
});

describe('rows on when a box opens and closes', () => {
  const things = ['Submissions', 'Submission', 'Uploads', 'Hand-ins', 'The box', 'Coursework area'], verbs = [['open', 'close'], ['opens', 'closes'], ['start', 'end'], ['opening', 'closing'], ['open from', 'closed from']] as const;
  const late = ['Late submissions', 'Late work', 'Submissions with penalty', 'Late submission (−10 %)'], extended = ['Extensions', 'Extended submissions', 'Extension window'];
  test.each(things.flatMap((thing, i) => verbs.map(([opens, closes], k) => [`${thing} ${opens}: Mon 7 Dec 2026, 09:00\n${thing} ${closes}: Fri 11 Dec 2026, 17:00\n${late[(i + k) % late.length]!} ${closes}: Fri 18 Dec 2026, 17:00\n${extended[(i + k) % extended.length]!} ${closes}: Fri 8 Jan 2027, 17:00\nMarks released: Mon 1 Feb 2027`])))('%j', (text) => {
    const brief = read(text);
    expect({ opens: brief.opens, due: brief.due, parts: brief.parts, extension: brief.extension, days: brief.late.cutoffDays }).toEqual({ opens: '2026-12-07T09:00:00', due: '2026-12-11T17:00:00', parts: [], extension: null, days: 7 });
  });
  test('works that close on days of their own are parts', () => { expect(read('Essay 1 closes: Fri 11 Dec 2026, 17:00\nEssay 2 closes: Fri 18 Dec 2026, 17:00').parts).toHaveLength(2); });
});

test.each<[string, string | null]>([
  ['Students with an approved extension use the separate “extensions” page.', null], ['Students with an approved extension use the separate “Extensions” page. All others upload to “Essay 2”.', 'Essay 2'], ['Students who take the module upload to the “Essay 2” box.', 'Essay 2'],
  ['Submission: PDF via course page > Coursework > CW1', 'course page > Coursework > CW1'],
])('%j', (text, place) => { expect(read(text).place).toBe(place); });
test('no acceptance after a day', () => { expect(read('Date of submission: 11.12.2026, 16:00\nLateness: -10% per 24 h; no acceptance after 18.12.2026').late).toMatchObject({ percentPerDay: 10, cutoffDays: 7 }); });

test('a tolerance belongs to the length beside it', () => {
  expect(read('Portfolio.pdf (max. 30 pages), Reflection.docx (1500 words +/- 10 %)').limits).toMatchObject({ minPages: null, maxPages: 30, minWords: 1350, maxWords: 1650 });
  expect(read('2,000 words (8 pages) +/- 10%').limits).toMatchObject({ minWords: 1800, maxWords: 2200 });
});
test.each<[string, string | null]>([
  ['Deadline: 11 December 2026 (NOT 12 December as on the old sheet!), 18:00 CET', '2026-12-11T18:00:00+01:00'], ['Set: 9 November 2026. In: 14 December 2026 (4pm). Back: 18 January 2027.', '2026-12-14T16:00:00'], ['The essay is set in Vienna. In: 14 December 2026 was a Monday.', null],
])('%j', (text, due) => { expect(read(text).due).toBe(due); });
test('a year said once holds for all days, with their hour too', () => {
  expect(read('The three blog posts are due on 13 November, 27 November and 11 December 2026, each by 6 p.m.').parts.map((p) => p.due)).toEqual(['2026-11-13T18:00:00', '2026-11-27T18:00:00', '2026-12-11T18:00:00']);
});
test.each(['not accepted after that', 'zero thereafter'])('a length on the line behind “%s”', (end) => {
  const { limits, late } = read(`Essay 1\nDue: 11 December 2026\nLate: capped at 40% if within one week; ${end}\n2,000 words`);
  expect([limits.maxWords, late.cutoffDays]).toEqual([2000, 7]);
});
