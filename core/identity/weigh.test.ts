import { expect, test } from '@jest/globals';
import { noDetails, type Details } from '../model/details.ts';
import type { Passage } from '../model/facts.ts';
import { madePassage } from '../testing/made.ts';
import { Matcher } from './find.ts';
import { searchPassages } from './search.ts';

const pepe: Details = { ...noDetails(), givenNames: ['José', 'María'], surname: 'de la Fuente Ruiz', candidateNumber: '7731', studentNumber: '12345' };
const matcher = new Matcher(pepe);
/** The heaviest standing of any sign in a text. */
const standing = (text: string, change: Partial<Passage> = {}): 'stops' | 'look' | null => { const signs = searchPassages([madePassage(text, change)], matcher); return signs.some((s) => s.standing === 'stops') ? 'stops' : signs.length > 0 ? 'look' : null; };

test.each<[string, string, Partial<Passage>?]>([
  ['beside its name', 'Candidate number: 7731'], ['beside its name, short', 'written by no. 7731 for the module'], ['by itself on a line', 'Coastal change\n7731\nThe tide'], ['between marks', '— 7731 —'], ['on the title page', 'GEO 3107 7731 March 2027', { section: 'titlePage' }], ['in a running head', '7731 Saltmarsh 4', { place: 'runningHead' }], ['as the name of a file', 'essay_7731_final', { place: 'fileName' }],
  ['five figures in a sentence', 'handed in under 12345 in March'], ['five figures with blanks, beside a name', 'ID 123 45'],
])('a short number is the student’s: %s', (...[, text, change]) => expect(standing(text, change)).toBe('stops'));
test.each<[string, string]>([['of a table', 'Table 7731 lists the wells.'], ['of a page', 'see p. 7731 of the register'], ['of people', 'a town of 12345 people'], ['a length', 'the dyke is 7731 m long'], ['a price', 'it cost £7731'], ['thousands set apart', 'it carries 12,345 of them'], ['inside another number', 'well 77310 and 27731']])('a short number is something else’s: %s', (_, text) => expect(standing(text)).toBeNull());
test('four figures in a sentence are for the eye', () => expect(standing('the wells 7731 and 8812 ran dry')).toBe('look'));

test.each(['José de la Fuente', 'Jose Maria De La Fuente', 'de la Fuente, José', 'Fuente Ruiz, J.', 'J. M. de la Fuente Ruiz', 'José Ruiz'])('a given name with half of a double surname, its particles with it: %s', (text) => expect(standing(`This essay is by ${text} alone.`)).toBe('stops'));
test.each([['J. M. de la Fuente', 'look'], ['la fuente de la plaza', null], ['Dr Ruiz', null]] as const)('half of it by itself is weaker, or nothing: %s', (text, expected) => expect(standing(`Water comes from ${text} in spring.`)).toBe(expected));

const roman: Details = { ...noDetails(), givenNames: ['Shruti'], surname: 'Roman', username: 'sroman3' };
/** The heaviest standing in a part that nobody sees, for a student whose name is in the words of file formats too. */
const inHidden = (text: string): 'stops' | 'look' | null => { const signs = searchPassages([madePassage(text, { place: 'hidden', part: 'word/fontTable.xml' })], new Matcher(roman)); return signs.some((s) => s.standing === 'stops') ? 'stops' : signs.length > 0 ? 'look' : null; };
test.each(['Times New Roman 02020603050405020304 00 roman variable', '0409001B lowerRoman %3. right 2160', 'Beng Vrinda Gujr Shruti Khmr MoolBoran', 'Times New Roman CE;Times New Roman Baltic'])('a word of the format or a typeface is nobody’s name: %s', (text) => expect(inHidden(text)).toBeNull());
test.each([['Roman Hand 00 script variable', 'stops'], ['template of Shruti Roman', 'stops'], ['saved by Roman', 'stops'], ['Style of S. Roman', 'stops'], ['sroman3', 'stops']] as const)('beside them a name is still one: %s', (text, expected) => expect(inHidden(text)).toBe(expected));

const david: Details = { ...noDetails(), givenNames: ['Ann'], surname: 'David' };
test.each([['Hebr David Thai Angsana New', 'word/theme/theme1.xml', null], ['David 020E0502060401010101 00 swiss', 'word/fontTable.xml', null], ['David', 'customXml/item1.xml', 'stops'], ['checked by David', 'word/settings.xml', 'stops'], ['the theme of David', 'word/theme/theme1.xml', 'stops']] as const)('a typeface of one word is one only where typefaces are listed: %s in %s', (text, part, expected) => {
  const signs = searchPassages([madePassage(text, { place: 'hidden', part })], new Matcher(david));
  expect(signs.some((s) => s.standing === 'stops') ? 'stops' : signs.length > 0 ? 'look' : null).toBe(expected);
});

const standingOf = (details: Partial<Details>, text: string, change: Partial<Passage> = {}): 'stops' | 'look' | null => { const signs = searchPassages([madePassage(text, change)], new Matcher({ ...noDetails(), ...details })); return signs.some((s) => s.standing === 'stops') ? 'stops' : signs.length > 0 ? 'look' : null; };
const field = { givenNames: ['Mark'], surname: 'Field' }, young = { givenNames: ['Will'], surname: 'Young' };
test.each<[string, Partial<Details>, string, 'stops' | 'look' | null]>([
  ['written as a name', field, 'This report was written by Mark Field for the module.', 'stops'], ['by its initial', field, 'Prepared by M. Field.', 'stops'], ['the surname first', young, 'Young, Will: Essay 2', 'stops'], ['in a sentence, small', young, 'The young will inherit what is left.', null], ['at its beginning', field, 'Mark field boundaries with pegs.', null], ['within it, half of it small', field, 'Here we Mark field boundaries.', 'look'],
  ['in a file name', field, 'mark_field_essay', 'stops'], ['with a comma between, as words are', { givenNames: ['Grace'], surname: 'Field' }, 'In the field, grace is rare.', null], ['with a letter of a formula', { givenNames: ['Grace'], surname: 'Field' }, 'In this field G is constant.', null], ['the same as a name is', { givenNames: ['Grace'], surname: 'Field' }, 'It is by Field, G. alone.', 'stops'],
  ['an element in brackets', { givenNames: ['Xiu'], surname: 'Li' }, 'Ions of lithium (Li) move.', null], ['an ion', { givenNames: ['Xiu'], surname: 'Li' }, 'Here Li+ and Na+ move.', null], ['the surname in the East Asian order', { givenNames: ['Xiu'], surname: 'Li' }, 'It is by Li Xiu alone.', 'stops'],
])('a name of ordinary words: %s', (_, details, text, expected) => expect(standingOf(details, text)).toBe(expected));
test.each(['Iain Mac Donald', 'I. Mac Donald', 'Iain MacDonald', 'Mac Donald, Iain'])('a prefix that is written apart: %s', (text) => expect(standingOf({ givenNames: ['Iain'], surname: 'MacDonald' }, text)).toBe('stops'));
test.each([['Road A12 was closed', null], ['Candidate number: A12', 'stops'], ['written by A12 in May', 'look'], ['section A12.3 says', null]] as const)('a short number behind a letter: %s', (text, expected) => expect(standingOf({ candidateNumber: 'A12' }, text)).toBe(expected));
