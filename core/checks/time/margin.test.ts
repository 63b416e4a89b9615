import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { timeMargin } from './margin.ts';

const brief = madeBrief({ due: '2027-03-12T17:00:00Z' });
testSetCheck(timeMargin, { met: [{ name: 'exactly 30 minutes', given: { brief, now: Date.parse('2027-03-12T16:30:00Z') } }], look: [{ name: '29 minutes', given: { brief, now: Date.parse('2027-03-12T16:31:00Z') }, says: ['short'] }], notAsked: [{ name: 'no due time' }] });
