import { madeBrief, madeFacts, nina } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameRequired } from './required.ts';

const rule = madeBrief({ naming: { pattern: null, mustContain: ['studentNumber'], mustNotIdentify: null } });
testCheck(nameRequired, {
  met: [{ name: 'number with hyphens inside', given: { brief: rule, facts: madeFacts({ file: { name: 'essay_2041-7733.pdf' } }), details: nina } }],
  notMet: [{ name: 'no number', given: { brief: rule, facts: madeFacts({ file: { name: 'essay.pdf' } }), details: nina }, says: ['lacks'] }, { name: 'half a surname is not the surname', given: { brief: madeBrief({ naming: { pattern: null, mustContain: ['surname'], mustNotIdentify: null } }), facts: madeFacts({ file: { name: 'Imani.pdf' } }), details: nina }, says: ['lacks'] }],
  look: [{ name: 'a number, but my details are missing', given: { brief: rule, facts: madeFacts({ file: { name: 'essay_20417733.pdf' } }) }, says: ['unsure'] }],
  notAsked: [{ name: 'nothing is demanded' }],
});
