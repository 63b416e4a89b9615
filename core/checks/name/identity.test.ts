import { madeBrief, madeFacts, nina } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameIdentity } from './identity.ts';

const anonymous = madeBrief({ anonymous: true });
const named = (name: string) => madeFacts({ file: { name } });
testCheck(nameIdentity, {
  met: [{ name: 'names nobody', given: { brief: anonymous, facts: named('GEO3107_Saltmarsh.pdf'), details: nina } }, { name: 'the number that the rule demands', given: { brief: madeBrief({ anonymous: true, naming: { pattern: 'CandidateNumber_GEO3107', mustContain: [], mustNotIdentify: true } }), facts: named('Y3921847_GEO3107.pdf'), details: nina } }],
  notMet: [{ name: 'username in it', given: { brief: anonymous, facts: named('saltmarsh_final2_nvi204.docx'), details: nina }, says: ['identifies'] }, { name: 'run together', given: { brief: anonymous, facts: named('NinaVestergaardImani.pdf'), details: nina }, says: ['identifies'] }],
  look: [{ name: 'half of the surname in a longer word’s place', given: { brief: madeBrief(), facts: named('imani_report.pdf'), details: nina, wanted: 'unsettled' }, says: ['identifies'] }],
  notAsked: [{ name: 'marking is not anonymous', given: { details: nina, wanted: 'no', brief: madeBrief({ anonymous: false }) } }],
});
