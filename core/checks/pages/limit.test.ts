import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePage, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { noLimits, type WordPart } from '../../model/brief.ts';
import { read, unread } from '../../model/facts.ts';
import { pagesLimit } from './limit.ts';

const brief = madeBrief({ limits: { ...noLimits(), minPages: 2, maxPages: 3 } });
const pages = (n: number) => madeFacts({ pages: read(Array.from({ length: n }, (_, i) => madePage({ number: i + 1 }))) });
const wide = madeBrief({ limits: { ...noLimits(), minPages: 2, maxPages: 40 } }), loose = (more: Parameters<typeof madeFacts>[0]) => madeFacts({ pages: unread('noFixedPages'), ...more });
testCheck(pagesLimit, {
  met: [{ name: 'at the limit', given: { brief, facts: pages(3) } }, { name: 'a word-processor file that is well within wherever it is opened', given: { brief: wide, facts: loose({ laidPages: 20 }) } }, { name: 'few words, and only a similarity check', given: { brief: madeBrief({ similarityChecked: true }), facts: loose({ words: read(3000) }) } }],
  look: [{ name: 'laid out here it is over', given: { brief: wide, facts: loose({ laidPages: 44 }) }, says: ['laid'] }, { name: 'near the limit another program may need one more', given: { brief: wide, facts: loose({ laidPages: 39 }) }, says: ['unfixed'] }, { name: 'its own account outweighs the layout here', given: { brief: wide, facts: loose({ laidPages: 20, statedPages: 41 }) }, says: ['stated'] }, { name: 'a word-processor file has no fixed pages', given: { brief, facts: madeFacts({ pages: unread('noFixedPages') }) }, says: ['unfixed'] }, { name: 'it states more than is allowed', given: { brief, facts: madeFacts({ pages: unread('noFixedPages'), statedPages: 9 }) }, says: ['stated'] }],
  notMet: [{ name: 'one over', given: { brief, facts: pages(4) }, says: ['over'] }, { name: 'one under', given: { brief, facts: pages(1) }, says: ['under'] }, { name: '800 pages where similarity is checked', given: { brief: madeBrief({ similarityChecked: true }), facts: pages(800) }, says: ['overSimilarity'] }],
  notAsked: [{ name: 'no limit' }],
});

/** A title page, contents, two pages of text, references on a page of their own with a drawing behind them. */
const parted = (text: string[]) => madeFacts({ pages: read(text.map((_, i) => madePage({ number: i + 1 }))), passages: read(text.map((words, i) => madePassage(words, { page: i + 1 }))) });
const prose = 'The creek fills from below while the tide rises over the banks and the birds leave.\n'.repeat(8), paper = [
  'Mud and water\nCandidate 4432', 'Contents\n1 The creek ........ 3\nReferences ........ 5', `The creek\n${prose}`, prose, 'References\nHalvorsen, I. (1999). Notes on the shore. Journal of Shores, 2(1), 7-9.', ''];
const asks = (maxPages: number, pagesLeft: WordPart[], minPages: number | null = null) => madeBrief({ limits: { ...noLimits(), maxPages, minPages }, counting: { counted: [], left: [], pagesLeft } });
testCheck(pagesLimit, {
  met: [{ name: 'references are left out, and the drawing behind them', given: { brief: asks(4, ['references']), facts: parted(paper) } }, { name: 'all that may be left out is', given: { brief: asks(2, ['titlePage', 'contents', 'references', 'appendices'], 2), facts: parted(paper) } }],
  notMet: [{ name: 'nothing is left out', given: { brief: asks(4, []), facts: parted(paper) }, says: ['over'] }, { name: 'references that begin below the text', given: { brief: asks(1, ['references']), facts: parted([prose, `${prose}References\nHalvorsen, I. (1999). Notes.`]) }, says: ['over'] }, { name: 'a title page does not make up the least', given: { brief: asks(9, ['titlePage'], 6), facts: parted(paper) }, says: ['under'] }],
  look: [{ name: 'where pages are not fixed, the words of the references are taken off', given: { brief: asks(4, ['references']), facts: madeFacts({ pages: unread('noFixedPages'), laidPages: 8, passages: read([madePassage(prose, { page: null }), madePassage(`References\n${prose}`, { page: null })]) }) }, says: ['unfixed'] }],
});
test('how many pages count is told with those that do not', () => {
  const input = { brief: asks(4, ['references', 'appendices']), facts: parted(paper) } as never;
  expect(pagesLimit.asked(input)).toBe('at most 4 pages, without references and appendices');
  expect(pagesLimit.found(input)).toBe('4 pages of 6, without references');
});

test('what is told of a file without fixed pages: both accounts, and the limit in words', () => {
  const told = (limits: object, facts: Parameters<typeof loose>[0]) => pagesLimit.evaluate({ brief: madeBrief({ limits: { ...noLimits(), ...limits } }), facts: loose(facts) } as never).map((f) => f.data);
  expect(told({ minPages: 3, maxPages: 3 }, { statedPages: 1, laidPages: 4 })).toEqual([{ accounts: '1 page by its own account, about 4 as laid out here', limit: 'exactly 3 pages' }]);
  expect(told({ maxPages: 3 }, { laidPages: 9 })).toEqual([{ accounts: 'about 9 pages as laid out here', limit: 'at most 3 pages' }]);
});

test.each([[{ maxPages: 1 }, 'at most 1 page'], [{ minPages: 1 }, 'at least 1 page'], [{ minPages: 6, maxPages: 6 }, 'exactly 6 pages'], [{ minPages: 2, maxPages: 3 }, '2 to 3 pages']])('what is asked, in words: %j', (own, words) => {
  const judged = pagesLimit.asked({ brief: madeBrief({ limits: { ...noLimits(), ...own } }), facts: pages(2) } as never);
  expect(judged).toBe(words);
});
