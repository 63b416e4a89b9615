import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameVersionMarks } from './version-marks.ts';

const named = (name: string) => ({ facts: madeFacts({ file: { name } }) });
testCheck(nameVersionMarks, {
  met: [{ name: 'plain', given: named('saltmarsh.pdf') }, { name: 'words that hold the letters', given: named('finality_of_copyright_renewal.pdf') }, { name: 'final alone', given: named('GEO3107 final.pdf') }],
  look: [{ name: '(1)', given: named('saltmarsh (1).pdf'), says: ['mark'] }, { name: 'v2', given: named('saltmarsh_v2.pdf'), says: ['mark'] }, { name: 'copy of', given: named('Copy of saltmarsh.docx'), says: ['mark'] }, { name: 'final final', given: named('saltmarsh-final-final.pdf'), says: ['mark'] }],
});
