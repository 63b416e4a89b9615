import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileActive } from './active.ts';

const has = (code: 'macros' | 'javascript' | 'oleObject' | 'attachment') => madeFacts({ file: { troubles: [{ code, part: 'x', page: null, text: 'a.bin' }] } });
testCheck(fileActive, {
  met: [{ name: 'nothing active' }, { name: 'an attachment is another check’s', given: { facts: has('attachment') } }],
  look: [{ name: 'an embedded object', given: { facts: has('oleObject') }, says: ['oleObject'] }],
  notMet: [{ name: 'macros', given: { facts: has('macros') }, says: ['macros'] }, { name: 'JavaScript', given: { facts: has('javascript') }, says: ['javascript'] }],
});
