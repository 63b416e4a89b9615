import { madeBrief, madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, type Passage } from '../../model/facts.ts';
import { wordsStated } from './stated.ts';

const brief = madeBrief({ statesWords: true }), body = madePassage('reed '.repeat(2000)), references = [madePassage('References'), madePassage('ref '.repeat(300), { section: 'references' })];
const given = (...more: Passage[]) => ({ brief, facts: madeFacts({ passages: read([body, ...references, ...more]) }) });
testCheck(wordsStated, {
  met: [
    { name: 'at the end', given: given(madePassage('Word count: 2,003')) }, { name: 'with everything', given: given(madePassage('Word count 2310 (including references)')) }, { name: 'on a line of its own', given: given(madePassage('2 000 words')) },
    { name: 'in a running head', given: given(madePassage('Silt · word count: 2000', { place: 'runningHead' })) }, { name: 'rounded', given: given(madePassage('Total word count = 1,950')) },
  ],
  look: [{ name: 'another figure', given: given(madePassage('Word count: 1,200')), says: ['differs'] }, { name: 'more words than there are', given: given(madePassage('Word count: 2,900')), says: ['differs'] }, { name: 'one of several documents', given: { ...given(), brief: { ...brief, documents: [{ label: 'essay', types: ['pdf' as const] }, { label: 'log', types: ['pdf' as const] }] } }, says: ['missing'] }],
  notMet: [{ name: 'none', given: given(), says: ['missing'] }, { name: 'words of a sentence', given: given(madePassage('He wrote 2,000 words a day for a year.')), says: ['missing'] }],
  notAsked: [{ name: 'nothing asked' }],
});
