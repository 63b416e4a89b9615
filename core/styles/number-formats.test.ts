import { expect, test } from '@jest/globals';
import { formatNumber } from './number-formats.ts';

// ECMA-376-1, 17.18.59 (ST_NumberFormat): the examples of each format there, and the numbers where a pattern turns, from memory.
test.each<[string, [number, string][]]>([
  ['decimal', [[1, '1'], [12, '12']]], ['decimalZero', [[1, '01'], [10, '10']]], ['lowerLetter', [[1, 'a'], [26, 'z'], [27, 'aa'], [53, 'aaa']]], ['upperLetter', [[3, 'C'], [28, 'BB']]], ['lowerRoman', [[4, 'iv'], [9, 'ix'], [1994, 'mcmxciv']]], ['upperRoman', [[14, 'XIV']]],
  ['ordinal', [[1, '1st'], [2, '2nd'], [3, '3rd'], [4, '4th'], [11, '11th'], [12, '12th'], [21, '21st'], [112, '112th']]], ['cardinalText', [[1, 'One'], [17, 'Seventeen'], [21, 'Twenty-one'], [300, 'Three hundred'], [1045, 'One thousand forty-five']]],
  ['ordinalText', [[1, 'First'], [2, 'Second'], [5, 'Fifth'], [12, 'Twelfth'], [20, 'Twentieth'], [21, 'Twenty-first'], [103, 'One hundred third']]], ['chicago', [[1, '*'], [2, '†'], [4, '§'], [5, '**']]], ['russianLower', [[1, 'а'], [3, 'в']]], ['russianUpper', [[2, 'Б']]],
  ['numberInDash', [[7, '- 7 -']]], ['decimalEnclosedParen', [[7, '(7)']]], ['hex', [[10, 'A']]], ['someOther', [[3, '3']]], ['lowerRoman', [[0, '0'], [-2, '-2'], [20_000, '20000']]],
])('%s', (format, pairs) => expect(pairs.map(([n]) => formatNumber(n, format))).toEqual(pairs.map(([, shown]) => shown)));
