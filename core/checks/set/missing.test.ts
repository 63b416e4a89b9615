import { madeBrief } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setMissing } from './missing.ts';

const brief = madeBrief({ documents: [{ label: 'form', types: ['docx'] }, { label: 'report', types: ['pdf'] }] });
testSetCheck(setMissing, { met: [{ name: 'each answered', given: { brief, matching: [...brief.documents] } }], notMet: [{ name: 'one of two', given: { brief, matching: [brief.documents[1]!] }, says: ['missing'] }], notAsked: [{ name: 'nothing asked' }] });
