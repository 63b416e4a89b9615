import { expect, test } from '@jest/globals';
import { wrappedWords } from './wrapped-words.ts';

const base64 = (bytes: Uint8Array | Buffer): string => Buffer.from(bytes).toString('base64');
test.each([['UTF-8', 'utf8'], ['UTF-16', 'utf16le']] as const)('words in %s come out', (_, encoding) => {
  expect(wrappedWords(`<w:fldData>${base64(Buffer.from('kept by Nina Vestergaard', encoding))}</w:fldData>`)).toBe('kept by Nina Vestergaard');
});
test('so do those of a higher byte first, and those that are cut into lines', () => {
  expect(wrappedWords(base64(Buffer.from('kept by Nina', 'utf16le').swap16()))).toBe('kept by Nina');
  expect(wrappedWords(base64(Buffer.from('a library that is kept by Nina Vestergaard in Carrow')).replace(/.{24}/g, '$&\n'))).toBe('a library that is kept by Nina Vestergaard in Carrow');
});
test.each([
  ['a sum', '9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08'], ['bytes of a picture', base64(Uint8Array.from({ length: 400 }, (_, i) => (i * 73 + 19 * (i >> 2)) & 255))],
  ['words of the text', 'The harbour wall was built of stone and kept the quiet water of the bay from the storm.'], ['a long word', 'Donaudampfschifffahrtsgesellschaft'],
])('no words: %s', (_, text) => { expect(wrappedWords(text)).toBe(''); });
