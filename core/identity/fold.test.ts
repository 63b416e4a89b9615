import fc from 'fast-check';
import { expect, test } from '@jest/globals';
import { foldText, squash } from './fold.ts';

/** What a name is reduced to. Sources: Unicode normalisation forms (UAX #15, NFKD), UTS #39 for look-alikes; transliterations are common practice. */
const cases: [text: string, squashed: string, why: string][] = [
  ['Ada Example', 'adaexample', 'case and spaces'],
  ['Zoë  O’Hara-Łukasz', 'zoeoharalukasz', 'accents, an apostrophe, a stroke'],
  ['ﬁnlay ﬀ', 'finlayff', 'ligatures'],
  ['Ｓ１２３４', 's1234', 'full-width forms'],
  ['e\u0301toile', 'etoile', 'an accent of its own'],
  ['Ma\u00adri\u200ban\u2060ne', 'marianne', 'soft hyphen, zero-width space, word joiner'],
  ['Straße Ægir Œuvre Þór', 'strasseaegiroeuvrethor', 'letters that no normal form takes apart'],
  ['٣٤٥', '345', 'Arabic-Indic digits'],
  ['аda', 'ada', 'a Cyrillic letter in a Latin word'],
  ['Анна', 'анна', 'a word wholly in Cyrillic stays Cyrillic'],
  ['first line\nаda\nthird', 'firstlineadathird', 'a look-alike on one line of several'],
  ['S 12-34/56.7', 's1234567', 'separators within a number'],
  ['', '', 'nothing'],
];
test.each(cases)('%j is reduced to %j (%s)', (text, squashed) => {
  expect(squash(text)).toBe(squashed);
});

const pieces = fc.string({ unit: fc.oneof(fc.constantFrom(...'aZ09 -\n\u00ad\u200b\u0301éßæıﬁΩαаВеԱ٣中🙂\ufeff'), fc.string({ unit: 'binary', minLength: 1, maxLength: 1 })), maxLength: 60 });
test('the short way and the way that keeps where each letter came from give the same', () => {
  fc.assert(fc.property(pieces, (text) => { expect(squash(text)).toBe(foldText(text).squashed); }), { numRuns: 2000 });
});

test('every folded letter leads back to the character it came from, in order', () => {
  fc.assert(fc.property(pieces, (text) => {
    const { squashed, origin, gap, upper } = foldText(text);
    expect([origin.length, gap.length, upper.length]).toEqual([squashed.length, squashed.length, squashed.length]);
    for (let i = 0; i < squashed.length; i++) {
      expect(origin[i]).toBeGreaterThanOrEqual(i === 0 ? 0 : origin[i - 1]!);
      expect(origin[i]).toBeLessThan(text.length);
    }
  }));
});

test('gaps and capitals are kept', () => {
  const { squashed, gap, upper } = foldText('Ada L. Éxample');
  expect(squashed).toBe('adalexample');
  expect([...gap]).toEqual([0, 0, 0, 1, 1, 0, 0, 0, 0, 0, 0]);
  expect([...upper]).toEqual([1, 0, 0, 1, 1, 0, 0, 0, 0, 0, 0]);
});
