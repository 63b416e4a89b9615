import { expect, test } from '@jest/globals';
import { eachIn, firstIn, rewritten, says } from './patterns.ts';

/** The same as the language's own functions say (ECMAScript 2023, 22.2.6), for texts that hold what a pattern needs and texts that do not. */
const texts = ['Due 12 March at noon', 'up to 3000 words', '', 'nothing of it', 'DUE 5 May, up to 10 pages'];
const patterns = [/due (?<day>\d+) (\w+)|up to (\d+) (words|pages)/i, /(?<!not )due/i, /^$/, /\d+(?= words)/];

test.each(texts.flatMap((text) => patterns.map((pattern) => [text, pattern] as const)))('“%s” and %s', (text, pattern) => {
  expect(says(text, pattern)).toBe(pattern.test(text));
  const [own, native] = [firstIn(text, pattern), pattern.exec(text)];
  expect([own?.index, own && [...own], { ...own?.groups }]).toEqual([native?.index, native && [...native], { ...native?.groups }]);
  const all = new RegExp(pattern.source, `g${pattern.flags}`);
  expect([...eachIn(text, all)].map((m) => [m.index, ...m])).toEqual([...text.matchAll(all)].map((m) => [m.index, ...m]));
  expect(rewritten(text, [all, '<$1>'], [/\d/g, (figure) => `${Number(figure) + 1}`])).toBe(text.replace(all, '<$1>').replace(/\d/g, (figure) => `${Number(figure) + 1}`));
});

test('a pattern that remembers its place goes on from there', () => {
  const sticky = /a/y, all = /a/g;
  expect([says('aab', sticky), says('aab', sticky), says('aab', sticky)]).toEqual([true, true, false]);
  expect([firstIn('aab', all)?.index, firstIn('aab', all)?.index, firstIn('aab', all)]).toEqual([0, 1, null]);
});

test('groups keep their numbers where choices before them are left out', () => {
  expect(rewritten('up to 10 pages', [/due (\d+)|up to (\d+) pages/g, '[$1|$2]'])).toBe('[|10]');
});
