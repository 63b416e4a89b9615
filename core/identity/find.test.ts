import { describe, expect, test } from '@jest/globals';
import { madePassage, nina } from '../testing/made.ts';
import { noDetails, type Details } from '../model/details.ts';
import type { Passage } from '../model/facts.ts';
import { Matcher } from './find.ts';
import { searchPassages } from './search.ts';

const search = (text: string, details: Details = nina, change: Partial<Passage> = {}): string => searchPassages([madePassage(text, change)], new Matcher(details)).map((s) => `${s.detail} ${s.standing}`).join(', ');
const student: Details = { ...nina, phones: ['+44 7700 900123'], other: ['Group Heron'] };

describe('every spelling of a detail is found', () => {
  test.each([
    ['as it is', 'by Nína Vestergaard-Imani', 'fullName stops'], ['capitals', 'NÍNA VESTERGAARD-IMANI', 'fullName stops'], ['without accents', 'Nina Vestergaard-Imani', 'fullName stops'],
    ['decomposed accents', 'Ni\u0301na Vestergaard-Imani', 'fullName stops'], ['surname first', 'Vestergaard-Imani, Nína', 'fullName stops'], ['initials', 'N. Vestergaard-Imani', 'initials stops'],
    ['without the hyphen', 'the Vestergaard Imani survey', 'surname stops'], ['a ring for double a', 'the Vestergård-Imani survey', 'surname stops'], ['broken between lines', 'the Vester-\ngaard-Imani survey', 'surname stops'],
    ['soft hyphen', 'the Vester\u00adgaard-Imani survey', 'surname stops'], ['zero width', 'the Vester\u200bgaard-Imani survey', 'surname stops'], ['letter-spaced', 'V e s t e r g a a r d - I m a n i', 'surname stops'],
    ['Cyrillic look-alikes', 'the Vеstеrgааrd-Imani survey', 'surname stops'], ['full-width forms', 'the Ｖｅｓｔｅｒｇａａｒｄ－Ｉｍａｎｉ survey', 'surname stops'], ['in a path', 'C:\\Users\\nvi204\\saltmarsh', 'username stops'],
    ['in an address', 'https://docs.carrow.example/u/nvi204/edit', 'username stops'], ['e-mail', 'write to nvi204@student.carrow.example.', 'email stops'], ['e-mail with a tag', 'nvi204+essay@student.carrow.example', 'email stops'],
    ['number with spaces', 'no. 2041 7733', 'studentNumber stops'], ['number with hyphens', '2041-77-33', 'studentNumber stops'], ['number between lines', '2041\n7733', 'studentNumber stops'], ['candidate number small', 'y3921847', 'candidateNumber stops'],
    ['telephone without the country', 'ring 07700 900123', 'phone stops'], ['anything added', 'the notes of group heron', 'other stops'], ['camel case', 'NinaVestergaardImani2', 'fullName stops'],
  ])('%s', (_, text, expected) => expect(search(text, student)).toBe(expected));
});

describe('what only looks like it', () => {
  test.each([
    ['name inside another word', 'the imaginary marina vestergaardimanis'], ['number inside another', '120417733 and 204177331'], ['a count with thousands', '20,417,733 fish'], ['a decimal', 'a ratio of 20417733.5'],
    ['an amount', 'a fund of £20417733'], ['username and more', 'nvi2045'], ['another person’s entry', 'Vestergaard-Imani, K. (2019) Salt.'], ['prose letters', 'n m o and vi 204 knots'],
  ])('%s', (_, text) => expect(search(text, nina, text.includes('Salt.') ? { section: 'references' } : {})).toBe(''));
});

describe('weighed by context', () => {
  const grace: Details = { ...noDetails(), givenNames: ['Grace'], surname: 'Marsh' };
  test.each([
    ['the word', 'the marsh accretes', ''], ['the word at the start', 'Marsh surfaces rise.', ''], ['a place', 'Tollbury Marsh is old', ''], ['cited', 'as Marsh (2010) says', ''], ['whole name', 'Grace Marsh wrote it', 'fullName stops'],
    ['initial', 'by G. Marsh', 'initials stops'], ['the other given name', 'by Tom Marsh', ''], ['grace as a word', 'with grace and speed', ''],
  ])('a surname that is a word: %s', (_, text, expected) => expect(search(text, grace)).toBe(expected));
  test('half a hyphenated surname is a look', () => expect(search('ask Imani about it')).toBe('surname look'));
  test('a citation of the same name is a look', () => expect(search('(Vestergaard-Imani, 2020)')).toBe('surname look'));
  test('an author attribute names somebody whatever stands in it', () => expect(search('marsh', grace, { place: 'comment', authorLike: true })).toBe('surname stops'));
});

describe('details in other scripts', () => {
  test.each([['Иванова', 'написала Анна ИВАНОВА', { givenNames: ['Анна'], surname: 'Иванова' }], ['王小明', '作者：王小明，学号', { givenNames: ['小明'], surname: '王' }], ['الأحمد', 'بقلم ليلى الأحمد', { givenNames: ['ليلى'], surname: 'الأحمد' }]])('%s', (_, text, d) => expect(search(text, { ...noDetails(), ...d })).toMatch(/stops/));
});
test('a detail of one letter is refused, not searched', () => {
  const m = new Matcher({ ...noDetails(), surname: 'X', username: 'ab' });
  expect(m.refused.map((r) => r.detail)).toEqual(['surname', 'username']);
  expect(m.find('X marks ab')).toEqual([]);
});
test('500 details are searched in one pass', () => {
  const m = new Matcher({ ...noDetails(), other: Array.from({ length: 500 }, (_, i) => `codeword${i}x`) });
  expect(m.find(`${'word '.repeat(5000)}codeword321x`)).toHaveLength(1);
});
// Whoever replaces what was found would leave the accent behind, on the letter before.
test.each([['an accent of its own', 'René', 'by Rene\u0301, in haste', 'Rene\u0301'], ['a vowel sign behind the last consonant', 'विश्वकर्मा', 'यह विश्वकर्मा का नाम', 'विश्वकर्मा'], ['a letter without signs', 'Rene', 'by Rene, in haste', 'Rene']])('signs over the last letter belong to it: %s', (_, surname, text, whole) => {
  const [hit] = new Matcher({ ...noDetails(), surname }).find(text);
  expect(text.slice(hit!.start, hit!.end)).toBe(whole);
});
