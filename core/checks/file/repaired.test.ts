import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileRepaired } from './repaired.ts';

testCheck(fileRepaired, { met: [{ name: 'sound' }], look: [{ name: 'rebuilt cross-reference', given: { facts: madeFacts({ file: { troubles: [{ code: 'repaired', part: 'file', page: null, text: '' }] } }) }, says: ['repaired'] }] });
