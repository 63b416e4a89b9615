import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { timeExtension } from './extension.ts';

const brief = madeBrief({ due: '2027-03-12T17:00:00Z', extension: '2027-03-19T17:00:00Z' }), at = (iso: string, b = brief) => ({ brief: b, now: Date.parse(iso) });
testSetCheck(timeExtension, {
  met: [{ name: 'before the deadline of everyone', given: at('2027-03-10T12:00:00Z') }, { name: 'after both, which is another check’s matter', given: at('2027-03-20T12:00:00Z') }],
  look: [{ name: 'between the two', given: at('2027-03-15T12:00:00Z'), says: ['between'] }, { name: 'an extension before the deadline', given: at('2027-03-10T12:00:00Z', madeBrief({ due: '2027-03-12T17:00:00Z', extension: '2027-03-11T17:00:00Z' })), says: ['earlier'] }],
  notAsked: [{ name: 'no extension', given: at('2027-03-10T12:00:00Z', madeBrief({ due: '2027-03-12T17:00:00Z' })) }],
});
