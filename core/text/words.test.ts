import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { countWords, splitWords } from './words.ts';

const segmenter = new Intl.Segmenter('en', { granularity: 'word' }), segmented = (line: string): string[] => [...segmenter.segment(line)].filter((s) => s.isWordLike).map((s) => s.segment);

// Source: UAX #29, figure 1 (word boundaries), and the notes on its rules WB6 to WB13b.
test.each([
  ['The quick (“brown”) fox can’t jump 32.3 feet, right?', ['The', 'quick', 'brown', 'fox', 'can’t', 'jump', '32.3', 'feet', 'right']],
  ['1,234.5 and 3;4 but a,b and 5,c', ['1,234.5', 'and', '3;4', 'but', 'a', 'b', 'and', '5', 'c']],
  ['e.g. U.K. Dr. x.y 3.a a.3', ['e.g', 'U.K', 'Dr', 'x.y', '3', 'a', 'a', '3']],
  ['snake_case _a 10_000 a1b2 well-known', ['snake_case', '_a', '10_000', 'a1b2', 'well', 'known']],
  ['naïve café Straße', ['naïve', 'café', 'Straße']],
  ['мир 水 שלום', ['мир', '水', 'שלום']],
  ['', []], ['— … “”', []],
])('%j', (text, words) => expect(splitWords(text)).toEqual(words));
test('what is cut by the expression is what the segmenter of Unicode cuts', () => {
  const signs = [...'aZéß09__..,;\'’‘:· -–—“”…()/!?"@£§°×÷«»€•#$%&*+<=>[]^`{|}~\\\t'];
  fc.assert(fc.property(fc.array(fc.constantFrom(...signs), { maxLength: 30 }), (made) => { const line = made.join(''); expect(splitWords(line)).toEqual(segmented(line)); }), { numRuns: 3000 });
});
test('other scripts, joined signs and accents apart from their letters go to the segmenter itself', () => {
  const signs = [...'aé0 .\'’\u0301\u200d\u00ad\u00a0文あ한שلกк½ª'];
  fc.assert(fc.property(fc.array(fc.constantFrom(...signs), { maxLength: 12 }), (made) => { const line = made.join(''); expect(splitWords(line)).toEqual(segmented(line)); }), { numRuns: 1000 });
});
test('counting as a word processor does: compounds are one, signs alone are none', () => expect([countWords('well-known, can’t — 3.5 %'), countWords('a\u00a0b  c\n'), countWords('– … &'), countWords('')]).toEqual([3, 3, 0, 0]));
test('counting letter by letter is counting run by run', () => {
  const byRuns = (text: string): number => (text.match(/\S+/g) ?? []).filter((run) => /[\p{L}\p{N}]/u.test(run)).length, signs = [...'aB9 \t\n-–’“éж中𝒜😀\u00a0\u2003\u0301½_.\ufeff\u200b\u3000', '\ud83d', '\udc00'];
  fc.assert(fc.property(fc.array(fc.constantFrom(...signs), { maxLength: 14 }), (made) => { const text = made.join(''); expect(countWords(text)).toBe(byRuns(text)); }), { numRuns: 3000 });
});
