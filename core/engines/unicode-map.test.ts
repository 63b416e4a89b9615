import { expect, test } from '@jest/globals';
import { readUnicodeMap, withoutShapes, writeUnicodeMap } from './unicode-map.ts';

test('what is written is what is read, characters beyond the basic plane and joined ones too', () => {
  const map = new Map([['0003', ' '], ['0041', 'A'], ['00ff', 'ffi'], ['3a51', '\u{2003e}']]);
  expect(readUnicodeMap(writeUnicodeMap(map))).toEqual(map);
  const many = new Map(Array.from({ length: 250 }, (_, i) => [i.toString(16).padStart(2, '0'), String.fromCharCode(0x100 + i)] as const));
  expect(readUnicodeMap(writeUnicodeMap(many))).toEqual(many);
  expect(writeUnicodeMap(many).match(/\b(\d+) beginbfchar/g)).toEqual(['100 beginbfchar', '100 beginbfchar', '50 beginbfchar']);
});
// Source: UnicodeData.txt, compatibility mappings of U+FE8D (final… of alef U+0627), U+FEE3 (initial meem U+0645), U+FB2A (shin with shin dot), U+FEFB (lam with alef).
test('shapes of one letter become the letter; a shape of several stays, and a map without shapes is left alone', () => {
  expect(withoutShapes(new Map([['01', '\ufe8d'], ['02', '\ufee3'], ['03', 'A'], ['04', '\ufefb']]))).toEqual(new Map([['01', '\u0627'], ['02', '\u0645'], ['03', 'A'], ['04', '\ufefb']]));
  expect(withoutShapes(new Map([['01', '\u0627'], ['02', 'fi'], ['03', '\u05e9']]))).toBeNull();
});
// Source: UnicodeData.txt, compatibility mappings of U+FB00 to U+FB06.
test('Latin letters that are set as one become the letters', () => expect(withoutShapes(new Map([['01', '\ufb01'], ['02', '\ufb03'], ['03', 'A'], ['04', '\ufb06']]))).toEqual(new Map([['01', 'fi'], ['02', 'ffi'], ['03', 'A'], ['04', 'st']])));
