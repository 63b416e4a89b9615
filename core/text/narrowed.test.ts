import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainer } from '../brief/wordings/alike.ts';
import { narrowedTo } from './narrowed.ts';

const found = (text: string, pattern: RegExp): unknown[] => [...text.matchAll(pattern)].map((m) => [m.index, ...m, { ...m.groups }]);
const narrowed = (text: string, pattern: RegExp): unknown[] => { const left = narrowedTo(text, pattern); return left ? found(text, left) : []; };

describe('a pattern with the choices alone that can match', () => {
  // What it matches, and what it would not match but for the rule named.
  test.each<[string, RegExp, string, boolean]>([
    ['plain letters', /paper/g, 'the paper', true],
    ['letters that are missing', /paper/g, 'the essay', false],
    ['any case', /PaPer/gi, 'THE PAPER', true],
    ['its own case', /Paper/g, 'the paper', false],
    ['long s and the sign for kelvin, as case folding has them', /mask/giu, 'ma\u017f\u212a', true],
    ['what may be missing', /pap(?:er)?s? due/g, 'pap due', true],
    ['what is there no times', /pa{0,3}x/g, 'px', true],
    ['what is there twice', /(?:ab){2}c/g, 'ababc', true],
    ['one letter repeated', /go+al/g, 'gooooal', true],
    ['a choice within', /the (?:essay|paper) is/g, 'the paper is', true],
    ['no choice within', /the (?:essay|paper) is/g, 'the report is', false],
    ['what stands before', /(?<=due )\d+/g, 'due 12', true],
    ['what must not stand before', /(?<!due )\d+/g, 'on 12', true],
    ['what must not follow', /\d+(?! pages)/g, '12', true],
    ['classes', /[pq]ap[^x]r/g, 'paper', true],
    ['a bracket in a class', /[\]x]ab/g, ']ab', true],
    ['properties', /\p{Lu}ab\P{L}/gu, 'Xab1', true],
    ['a code of a letter', /\u0070\x61\u{70}er/gu, 'paper', true],
    ['signs', /a\.b\/c\\d/g, 'a.b/c\\d', true],
    ['a sign that is missing', /\d+%/g, '12', false],
    ['a group again', /(a|b)-\1/g, 'b-b', true],
    ['a named group again', /(?<one>a|b)-\k<one>/g, 'a-a', true],
    ['a capital behind a backslash', /\\Ab/gi, '\\aB', true],
    ['letters beyond ASCII', /für|où/gi, 'FÜR', true],
    ['braces that count nothing', /a{b}/g, 'a{b}', true],
    ['nothing at all', /^|x/g, '', true],
    ['a choice without letters', /paper||x/g, 'ab', true],
    ['a first choice without letters', /|paper/g, 'ab', true],
    ['a last choice without letters', /paper|/g, 'ab', true],
  ])('%s', (_, pattern, text, matches) => {
    expect(narrowed(text, pattern)).toEqual(found(text, pattern));
    expect(found(text, pattern).length > 0).toBe(matches);
    if (!matches) expect(narrowedTo(text, pattern)).toBeUndefined();
  });

  test('groups keep their numbers and names', () => {
    const pattern = /due (?<day>\d+)|(\d+) (words|pages)|up to (?<most>\d+)/g;
    expect(narrowedTo('up to 12', pattern)!.source).toBe('[](?<day>)|[]()()|up to (?<most>\\d+)');
    expect(narrowed('up to 12', pattern)).toEqual(found('up to 12', pattern));
  });

  test('a choice that cannot match is left out', () => {
    expect(narrowedTo('no late work', /\blate\b|\bessay\b|\bwork\b/g)!.source).toBe('\\blate\\b|\\bwork\\b');
  });

  test('patterns put together at random', () => {
    const letter = fc.constantFrom('a', 'b', 'AB', 'c ', '-', '\\.', '\\b', '[ab]', '\\w', '.', '^', '$', '\\p{L}', '(?<!a)', '(?=b)', '(?<=a)', '(?!b)');
    const part = fc.oneof(letter, fc.tuple(letter, fc.constantFrom('?', '*', '+', '{2}', '{0,1}', '+?', '')).map(([l, times]) => (/^(?:\\b|\^|\$|\(\?)/.test(l) ? l : l.length > 1 && !/^[\\[]/.test(l) ? `(?:${l})${times}` : l + times)));
    const sequence = fc.array(part, { minLength: 1, maxLength: 5 }).map((parts) => parts.join(''));
    const pattern = fc.array(fc.oneof(sequence, fc.tuple(sequence, sequence, sequence, fc.constantFrom('', '?')).map(([a, b, c, times]) => `${a}(${b}|${c})${times}`)), { minLength: 1, maxLength: 4 }).map((choices) => choices.join('|'));
    fc.assert(fc.property(pattern, fc.constantFrom('gu', 'giu'), fc.string({ unit: fc.constantFrom('a', 'b', 'A', 'B', 'c', ' ', '-', '.', 'é', 'x'), maxLength: 12 }), (source, flags, text) => {
      const whole = new RegExp(source, flags);
      expect(narrowed(text, whole)).toEqual(found(text, whole));
    }), { numRuns: 3000 });
  });

  test('what wordings are read with, in a wording', () => {
    const text = 'Your essay (max. 2,000 words) is due by Friday 11 December 2026, 4 p.m. – PDF only, Name_Number.pdf. Late? 5 % a day. A link is not ok, export it as PDF.\nWhere? Module page → Assessment';
    for (const [pattern] of plainer) expect(narrowed(text, pattern)).toEqual(found(text, pattern));
    expect(plainer.filter(([pattern]) => narrowedTo(text, pattern) === undefined).length).toBeGreaterThan(plainer.length / 2);
  });
});
