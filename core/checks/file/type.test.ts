import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileType } from './type.ts';

const pdf = madeBrief({ documents: [{ label: 'report', types: ['pdf'] }] });
testCheck(fileType, {
  met: [{ name: 'a PDF where a PDF is asked for', given: { brief: pdf } }, { name: 'one of two kinds', given: { brief: madeBrief({ documents: [{ label: null, types: ['docx', 'pdf'] }] }) } }],
  notMet: [{ name: 'a word-processor file called .pdf', given: { brief: pdf, facts: madeFacts({ file: { kind: 'docx', extension: 'pdf' } }) }, says: ['wrongKind'] }, { name: 'a link cannot be converted', given: { brief: pdf, facts: madeFacts({ file: { kind: 'link', extension: 'url' } }) }, says: ['noPaper'] }, { name: 'an archive that cannot be looked into', given: { brief: pdf, facts: madeFacts({ file: { kind: 'rar', extension: 'rar' } }) }, says: ['packed'] }, { name: 'a PDF cannot be made a picture', given: { brief: madeBrief({ documents: [{ label: null, types: ['jpeg'] }] }) }, says: ['otherKind'] }],
  notAsked: [{ name: 'no document is asked for' }],
});
