import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** What counts among the words, by how a sentence says it and what it says it of. Invented, common practice, no published source. */
const items = [['references', 'references'], ['the bibliography', 'references'], ['tables', 'tables'], ['footnotes', 'footnotes'], ['appendices', 'appendices'], ['figure captions', 'captions'], ['the abstract', 'abstract']] as const;
const read = (text: string) => readBrief(`Hand in your essay as a PDF by 12 December 2026.\n${text}`, '2026-11-30T09:00:00Z').brief;
const fill = (shape: string, item: string): string => shape.replaceAll('^X', item[0]!.toUpperCase() + item.slice(1)).replaceAll('X', item).replaceAll('ARE', /s$/.test(item) ? 'are' : 'is');
describe.each([
  '2,000 words, excluding X.', 'The word limit is 2,000. ^X ARE not part of it.', 'The limit of 2,000 words does not apply to X.', 'Word count: 2,000 (exc. X)', '2,000 words plus X.', "2,000 words. You needn't count X.", '2,000 words of text, X on top.', '2,000 words. We ignore X when we count.', '2,000 words apart from X.', 'The 2,000 words leave out X.', '2,000 words. ^X ARE free.', '2,000 words. Leave X out of the count.',
])('left out: %s', (shape) => { test.each(items)('%s', (item, part) => { const { counting, limits } = read(fill(shape, item)); expect([counting?.left, counting?.counted ?? [], limits.maxWords]).toEqual([[part], [], 2000]); }); });
describe.each([
  '2,000 words, including X.', '2,000 words; X count as well.', '2,000 words. ^X ARE part of it.', '2,000 words with X.', '2,000 words, X and all.', '2,000 words. ^X ARE counted.', '2,000 words. ^X must fit in.', '2,000 words everything included, even X.',
])('counted: %s', (shape) => { test.each(items)('%s', (item, part) => { const { counting, limits } = read(fill(shape, item)); expect([counting?.counted, counting?.left ?? [], limits.maxWords]).toEqual([[part], [], 2000]); }); });
test.each(['2,000 words. Tables are free to use in the reading room.', '2,000 words. Notes must fit in your folder.', '2,000 words with a clear argument.'])('nothing is said of the count: %s', (text) => expect(read(text).counting).toBeUndefined());
test('several parts', () => expect(read('1,500 words, tables and figure captions on top.').counting?.left).toEqual(['tables', 'captions']));
