import { describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { noDetails } from '../model/details.ts';
import { parseBrief, parseDetails } from './schema.ts';

describe('a brief from outside', () => {
  test('null is not settled, wherever it stands; what is missing as well', () => {
    const nothing = Object.fromEntries(Object.keys(emptyBrief()).map((key) => [key, null]));
    expect(parseBrief(nothing)).toEqual(emptyBrief());
    expect(parseBrief({})).toEqual(emptyBrief());
    expect(parseBrief({ naming: { pattern: null, mustContain: null }, documents: [{ label: null, types: null, limits: null }], layout: { fonts: null }, limits: { maxBytes: 0 } })).toMatchObject({ naming: { mustContain: [] }, documents: [{ label: null, types: [] }], layout: { fonts: [] }, limits: { maxBytes: null } });
  });
  test('kinds by the endings that their files have', () => expect(parseBrief({ documents: [{ label: 'Figures', types: ['JPG', '.tif', 'htm', 'md', 'pdf'] }] }).documents[0]!.types).toEqual(['jpeg', 'tiff', 'html', 'markdown', 'pdf']));
  test.each<[string, unknown, RegExp]>([
    ['a kind that nobody knows', { documents: [{ types: ['papyrus'] }] }, /documents\[0\].types\[0\]/], ['a limit below nothing', { limits: { maxPages: -1 } }, /limits.maxPages/], ['half a page', { limits: { maxPages: 2.5 } }, /limits.maxPages/],
    ['a day that is none', { due: 'next Friday' }, /due must be a date/], ['a list where an object belongs', { limits: [] }, /limits/], ['several at once', { anonymous: 'perhaps', due: 5 }, /anonymous.*due|due.*anonymous/],
  ])('refused, with the field’s name: %s', (_, value, words) => expect(() => parseBrief(value, 'b.json')).toThrow(words));
});

describe('details from outside', () => {
  test('null is nothing, a single text is a list of one, a number is its digits', () => {
    expect(parseDetails(Object.fromEntries(Object.keys(noDetails()).map((key) => [key, null])))).toEqual(noDetails());
    expect(parseDetails({ givenNames: 'Ada', surname: 'Reed', studentNumber: 20417733, candidateNumber: '0481', emails: [null, ''] })).toMatchObject({ givenNames: ['Ada'], surname: 'Reed', studentNumber: '20417733', candidateNumber: '0481', emails: [] });
  });
  test('refused: a surname that is a list', () => expect(() => parseDetails({ surname: ['Reed'] })).toThrow(/surname/));
});
