import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileEmpty } from './empty.ts';

testCheck(fileEmpty, { met: [{ name: 'one byte', given: { facts: madeFacts({ file: { bytes: 1 } }) } }], notMet: [{ name: 'zero bytes', given: { facts: madeFacts({ file: { bytes: 0, kind: 'empty' } }) }, says: ['zero'] }] });
