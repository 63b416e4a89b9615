import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, unread } from '../../model/facts.ts';
import { textMinimum } from './minimum.ts';

const brief = madeBrief({ similarityChecked: true });
testCheck(textMinimum, { met: [{ name: '20 words', given: { brief, facts: madeFacts({ words: read(20) }) } }], notMet: [{ name: '19 words', given: { brief, facts: madeFacts({ words: read(19) }) }, says: ['few'] }], unread: [{ name: 'locked', given: { brief, facts: madeFacts({ words: unread('encrypted') }) } }], notAsked: [{ name: 'no similarity check' }] });
