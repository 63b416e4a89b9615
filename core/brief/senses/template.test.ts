import { describe, expect, test } from '@jest/globals';
import { deniedBefore, signsOf, template } from './template.ts';
import * as senses from './senses.ts';
import * as ofDays from './senses-of-days.ts';
import { lengthSenses } from './senses-of-lengths.ts';

const says = (source: string, text: string): boolean => new RegExp(template(source).source, 'i').test(text);

describe('a template', () => {
  test('takes any word of a class, with small words between', () => {
    expect(says('@newest @go .. @counts', 'Only your most recent upload will be marked.')).toBe(true);
    expect(says('@newest @go .. @counts', 'Only your oldest upload will be marked.')).toBe(false);
  });
  test('lets a gap hold other words, and none that denies', () => {
    expect(says('@newer @go .. @replacing .. @earlier', 'A new file in this folder replaces the earlier one.')).toBe(true);
    expect(says('@newer @go .. @replacing .. @earlier', 'A new file never replaces the earlier one.')).toBe(false);
  });
  test('ends where the sentence ends, if it says so', () => {
    expect(says('@place .. works .. once $', 'The link works once.')).toBe(true);
    expect(says('@place .. works .. once $', 'The link works once an hour.')).toBe(false);
  });
  test('is no part of a longer word', () => expect(says('late @paper', 'Plate papers')).toBe(false));
  test('keeps its groups', () => expect([...'Work more than five working days late gets zero.'.matchAll(template('more_than @count @unit .. @late'))][0]!.slice(1, 3)).toEqual(['five', 'days']));
  test('of a class that is not there is a mistake', () => expect(() => template('@nobody .. once')).toThrow('no word class'));
});

describe('signs', () => {
  test('are letters that a sentence cannot do without', () => expect(signsOf('@unit .. zero|nothing some? $')).toEqual([['day', 'week', 'fortnight', 'hour', 'hr'], ['zero', 'nothing']]));
  // A sign that is wrong would hide a sentence from a template that it matches.
  const tables = [...Object.values(senses), ...Object.values(ofDays), ...Object.values(lengthSenses)].flatMap((v) => (Array.isArray(v) ? (v as readonly senses.Sense<unknown>[]) : [])).flatMap((s) => s.says);
  const words = ['Only your most recent upload will be marked', 'A report that is more than a day late scores zero', 'Each late day knocks 2 marks off', 'Graders only see your candidate number', 'No software compares your essay with others', 'You need not declare that it is your own work', 'The upload is final and cannot be undone', 'Late essays are taken until three days after the deadline', 'Names are stripped before essays go to markers'];
  test.each(words)('let “%s” through', (sentence) => {
    for (const says of tables) if (template(says).test(sentence)) expect(signsOf(says).every((some) => some.some((sign) => sentence.toLowerCase().includes(sign)))).toBe(true);
  });
});

test('what denies a word stands shortly before it', () => {
  expect(deniedBefore.test('We do not ')).toBe(true);
  expect(deniedBefore.test('It is never the case that your ')).toBe(false);
});
