import { madeBrief, madeFacts, nina } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { namePattern } from './pattern.ts';

const rule = (pattern: string) => madeBrief({ naming: { pattern, mustContain: [], mustNotIdentify: null } });
const named = (name: string) => madeFacts({ file: { name } });
testCheck(namePattern, {
  met: [
    { name: 'fields in order', given: { brief: rule('CandidateNumber_GEO3107.pdf'), facts: named('Y3921847_GEO3107.pdf'), details: nina } },
    { name: 'brackets, whole hyphenated surname', given: { brief: rule('[Surname]-[Initials].pdf'), facts: named('Vestergaard-Imani-N.pdf'), details: nina } },
    { name: 'of several names that of the document', given: { brief: rule('StudentNumber_thesis.pdf or StudentNumber_summary.docx'), document: { label: 'Summary', types: ['docx'] }, facts: named('20417733_summary.docx'), details: nina } },
    { name: 'without details a number of the right shape passes', given: { brief: rule('StudentNumber_Essay'), facts: named('20417733_Saltmarsh.pdf') } },
  ],
  notMet: [
    { name: 'the name of another document', given: { brief: rule('StudentNumber_thesis.pdf or StudentNumber_summary.docx'), document: { label: 'Summary', types: ['docx'] }, facts: named('20417733_thesis.docx'), details: nina }, says: ['unlike'] },
    { name: 'another number', given: { brief: rule('CandidateNumber_GEO3107.pdf'), facts: named('Y3921848_GEO3107.pdf'), details: nina }, says: ['unlike'] },
    { name: 'half of the surname', given: { brief: rule('[Surname]_[StudentNumber]'), facts: named('Imani_20417733.pdf'), details: nina }, says: ['unlike'] },
    { name: 'order turned round', given: { brief: rule('StudentNumber_GEO3107'), facts: named('GEO3107_20417733.pdf'), details: nina }, says: ['unlike'] },
  ],
  look: [{ name: 'a rule that is a sentence', given: { brief: rule('the usual form that was agreed upon in the second week of term'), facts: named('a.pdf') }, says: ['unsure'] }],
  notAsked: [{ name: 'no rule' }],
});
