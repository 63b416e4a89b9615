import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { timeZone } from './zone.ts';

testSetCheck(timeZone, {
  met: [{ name: 'an offset', given: { brief: madeBrief({ due: '2027-03-12T17:00:00+01:00' }) } }, { name: 'a named zone', given: { brief: madeBrief({ due: '2027-03-12T17:00', timeZone: 'Europe/London' }) } }],
  look: [{ name: 'a bare time of day', given: { brief: madeBrief({ due: '2027-03-12T17:00' }) }, says: ['unsaid'] }],
  notAsked: [{ name: 'a bare date', given: { brief: madeBrief({ due: '2027-03-12' }) } }, { name: 'no due time' }],
});
