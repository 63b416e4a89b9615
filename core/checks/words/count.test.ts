import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { noLimits } from '../../model/brief.ts';
import { read, type Passage } from '../../model/facts.ts';
import { countWords, splitWords } from '../../text/words.ts';
import { wordsCount } from './count.ts';

// UAX #29, figure 1 and section 4.1: the worked example has nine words; “can't” and “32.3” are one each.
test('words by UAX #29', () => expect(splitWords('The quick (“brown”) fox can’t jump 32.3 feet, right?')).toEqual(['The', 'quick', 'brown', 'fox', 'can’t', 'jump', '32.3', 'feet', 'right']));
test('words as a word processor counts them', () => expect(countWords('A well-known 3.5 mm – and 7/8 “quoted” …')).toBe(7));
const brief = madeBrief({ limits: { ...noLimits(), minWords: 2250, maxWords: 2750 } });
const words = (n: number, more: Partial<Passage> = {}): Passage => madePassage('ref '.repeat(n), more);
const paper = (text: number, references: number, notes = 0) => madeFacts({ passages: read([words(text), ...(references > 0 ? [madePassage('References'), words(references - 1, { section: 'references' })] : []), ...(notes > 0 ? [words(notes, { place: 'footnote' })] : [])]) });
testCheck(wordsCount, {
  met: [
    { name: 'at the upper end, references or not', given: { brief, facts: paper(2650, 100) } },
    { name: 'a little shorter than a length', given: { brief: { ...brief, limits: { ...noLimits(), maxWords: 2750 }, lengths: ['maxWords'] }, facts: paper(2300, 0) } }, { name: 'far below what is a limit', given: { brief: { ...brief, limits: { ...noLimits(), maxWords: 2750 } }, facts: paper(900, 0) } },
    { name: 'references are said not to count', given: { brief: { ...brief, counting: { counted: [], left: ['references'] } }, facts: paper(2740, 500) } },
  ],
  look: [
    { name: 'over with references, within without', given: { brief, facts: paper(2700, 200) }, says: ['depends'] }, { name: 'notes decide', given: { brief, facts: paper(2700, 0, 100) }, says: ['depends'] },
    { name: 'longer than a length that is no limit', given: { brief: { ...brief, limits: { ...noLimits(), maxWords: 2750 }, lengths: ['maxWords'] }, facts: paper(3000, 0) }, says: ['longer'] },
    { name: 'far shorter than a length', given: { brief: { ...brief, limits: { ...noLimits(), maxWords: 2750 }, lengths: ['maxWords'] }, facts: paper(1500, 0) }, says: ['shorter'] },
    { name: 'over with everything and short without anything', given: { brief, facts: paper(2200, 600) }, says: ['depends'] },
  ],
  notMet: [
    { name: 'over either way', given: { brief, facts: paper(3000, 200) }, says: ['over'] }, { name: 'under', given: { brief, facts: paper(2000, 0) }, says: ['under'] },
    { name: 'notes are said to count', given: { brief: { ...brief, counting: { counted: ['footnotes'], left: [] } }, facts: paper(2700, 0, 100) }, says: ['over'] },
  ],
  notAsked: [{ name: 'no limit' }],
});
