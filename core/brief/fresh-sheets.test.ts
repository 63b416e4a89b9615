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
