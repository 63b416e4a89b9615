import { expect, test } from '@jest/globals';
import { fitsShortSum, readOtherSums, sumOf, readShortSums } from './sums.ts';

const abc = new TextEncoder().encode('abc');
// RFC 1321, A.5; RFC 3174, 7.3 (first test); FIPS 180-4 examples of SHA-384 and SHA-512 for “abc” (begin and end).
test.each([['md5', '900150983cd24fb0d6963f7d28e17f72'], ['sha1', 'a9993e364706816aba3e25717850c26c9cd0d89d']] as const)('%s of “abc”', (algorithm, sum) => expect(sumOf(algorithm, abc)).toBe(sum));
test.each([['sha384', /^cb00753f45a35e8b.*58baeca134c825a7$/], ['sha512', /^ddaf35a193617aba.*2a9ac94fa54ca49f$/]] as const)('%s of “abc”', (algorithm, sum) => expect(sumOf(algorithm, abc)).toMatch(sum));
// The usual check value of CRC-32 (ISO/IEC 3309), from memory.
test('CRC-32 of the nine figures', () => expect(sumOf('crc32', new TextEncoder().encode('123456789'))).toBe('cbf43926'));

test.each<[string, string, [string, string][]]>([
  ['eight figures behind their name', 'CRC-32: CBF43926', [['crc32', 'cbf43926']]],
  ['eight figures that are a reference', 'Receipt: cbf43926', []],
  ['a labelled row', 'MD5: 900150983CD24FB0D6963F7D28E17F72', [['md5', '900150983cd24fb0d6963f7d28e17f72']]],
  ['in pairs', 'Fingerprint (SHA-1) a9:99:3e:36:47:06:81:6a:ba:3e:25:71:78:50:c2:6c:9c:d0:d8:9d', [['sha1', 'a9993e364706816aba3e25717850c26c9cd0d89d']]],
  ['below its label', 'Checksum\n900150983cd24fb0d6963f7d28e17f72', [['md5', '900150983cd24fb0d6963f7d28e17f72']]],
  ['an identifier of that length', 'Receipt: 900150983cd24fb0d6963f7d28e17f72', []],
  ['an identifier in groups', 'Checksum verified. Receipt:\n900150983cd24fb0d6963f7d28e17f72\n', []],
  ['SHA-256 is read elsewhere', `SHA-256: ${'ab'.repeat(32)}`, []],
])('%s', (_, text, sums) => expect(readOtherSums(text).map((s) => [s.algorithm, s.sum])).toEqual(sums));
test.each([['SHA-256: ba7816bf8f01cfea…', true], ['SHA256 = ba7816bf...15ad', true], ['sha-256: BA7816BF…F20015AD', true], ['SHA-256: ba7816bf…15ae', false], ['SHA-256: ba7816c0…', false]])('the beginning of a sum: %s', (line, fits) => {
  // FIPS 180-4 example: SHA-256 of “abc”.
  expect(readShortSums(line).map((s) => fitsShortSum(s, 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'))).toEqual([fits]);
});
test.each(['SHA-256: ba78…', 'Receipt ba7816bf…', 'SHA-256: ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'])('hard negative, no beginning of one: %s', (line) => expect(readShortSums(line)).toEqual([]));
