import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileExtension } from './extension.ts';

testCheck(fileExtension, {
  met: [{ name: 'pdf in .pdf' }, { name: 'jpeg in .JPEG spelling', given: { facts: madeFacts({ file: { kind: 'jpeg', extension: 'jpeg' } }) } }, { name: 'text under an ending of its own', given: { facts: madeFacts({ file: { kind: 'txt', extension: 'dat' } }) } }],
  notMet: [{ name: 'a PDF renamed to .docx', given: { facts: madeFacts({ file: { extension: 'docx' } }) }, says: ['mismatch'] }, { name: 'no ending', given: { facts: madeFacts({ file: { extension: '' } }) }, says: ['none'] }],
});
