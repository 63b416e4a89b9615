import { madeBrief, madeFacts, nina } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { identityFilename } from './filename.ts';

const anonymous = madeBrief({ anonymous: true });
const named = (name: string) => madeFacts({ file: { name } });
testCheck(identityFilename, {
  met: [{ name: 'names nobody', given: { brief: anonymous, facts: named('GEO3107_Saltmarsh.pdf'), details: nina } }, { name: 'the number that the rule demands', given: { brief: madeBrief({ anonymous: true, naming: { pattern: 'CandidateNumber_GEO3107', mustContain: [], mustNotIdentify: true } }), facts: named('Y3921847_GEO3107.pdf'), details: nina } }],
  notMet: [{ name: 'username in it', given: { brief: anonymous, facts: named('saltmarsh_final2_nvi204.docx'), details: nina }, says: ['found'] }, { name: 'run together', given: { brief: anonymous, facts: named('NinaVestergaardImani.pdf'), details: nina }, says: ['found'] }],
  look: [{ name: 'a given name in a longer name', given: { brief: anonymous, facts: named('carrow_nina_tides.pdf'), details: nina }, says: ['found'] }],
  notAsked: [{ name: 'marking is not anonymous', given: { details: nina, wanted: 'no', brief: madeBrief({ anonymous: false }) } }, { name: 'details are missing', given: { brief: anonymous } }, { name: 'a name that may say who it is', given: { brief: madeBrief({ anonymous: true, naming: { pattern: null, mustContain: [], mustNotIdentify: false } }), details: nina } }],
});
