import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setSurplus } from './surplus.ts';

const brief = madeBrief({ documents: [{ label: 'report', types: ['pdf'] }] });
testSetCheck(setSurplus, { met: [{ name: 'one for one', given: { brief, matching: [brief.documents[0]!] } }], look: [{ name: 'one too many', given: { brief, facts: [madeFacts(), madeFacts()], matching: [brief.documents[0]!, null] }, says: ['surplus'] }], notAsked: [{ name: 'nothing asked' }] });
