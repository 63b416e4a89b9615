import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { noLimits } from '../../model/brief.ts';
import { read } from '../../model/facts.ts';
import { countWords, splitWords } from '../../text/words.ts';
import { wordsCount } from './count.ts';

// UAX #29, figure 1 and section 4.1: the worked example has nine words; “can't” and “32.3” are one each.
test('words by UAX #29', () => expect(splitWords('The quick (“brown”) fox can’t jump 32.3 feet, right?')).toEqual(['The', 'quick', 'brown', 'fox', 'can’t', 'jump', '32.3', 'feet', 'right']));
test('words as a word processor counts them', () => expect(countWords('A well-known 3.5 mm – and 7/8 “quoted” …')).toBe(7));
const brief = madeBrief({ limits: { ...noLimits(), minWords: 2250, maxWords: 2750 } });
const paper = (words: number, references: number) => madeFacts({ words: read(words), passages: read([madePassage('ref '.repeat(references), { section: 'references' })]) });
testCheck(wordsCount, {
  met: [{ name: 'at the upper end, references or not', given: { brief, facts: paper(2750, 100) } }],
  look: [{ name: 'over with references, within without', given: { brief, facts: paper(2900, 200) }, says: ['depends'] }],
  notMet: [{ name: 'over either way', given: { brief, facts: paper(3200, 200) }, says: ['over'] }, { name: 'under', given: { brief, facts: paper(2000, 0) }, says: ['under'] }],
  notAsked: [{ name: 'no limit' }],
});
