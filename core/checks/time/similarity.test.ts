import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { timeSimilarity } from './similarity.ts';

const brief = madeBrief({ due: '2027-03-12T17:00:00Z', similarityChecked: true });
testSetCheck(timeSimilarity, { met: [{ name: '48 hours left', given: { brief, now: Date.parse('2027-03-10T17:00:00Z') } }], look: [{ name: '47 hours left', given: { brief, now: Date.parse('2027-03-10T18:00:00Z') }, says: ['noSecond'] }], notAsked: [{ name: 'no similarity check', given: { brief: { ...brief, similarityChecked: null } } }] });
