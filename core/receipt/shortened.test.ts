import { expect, test } from '@jest/globals';
import { fitsName } from './agree.ts';

test.each<[string, string, boolean]>([
  ['paper.txt', 'paper.txt', true], ['pa…', 'paper.txt', true], ['pa...xt', 'paper.txt', true], ['paper', 'paper.txt', true], ['my%20paper.txt', 'my paper.txt', true],
  // Hard negatives: another beginning, another end, ends that overlap, and dots that leave nothing to compare.
  ['po…', 'paper.txt', false], ['pa…pdf', 'paper.txt', false], ['paper.t…r.txt', 'paper.txt', false], ['…', 'paper.txt', false], ['p…', 'paper.txt', false], ['paper2.txt', 'paper.txt', false],
])('%s of %s fits: %s', (shown, name, fits) => expect(fitsName(shown, name)).toBe(fits));
