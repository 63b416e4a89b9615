import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameLength } from './length.ts';

const named = (name: string) => ({ facts: madeFacts({ file: { name } }) });
testCheck(nameLength, { met: [{ name: '100 characters', given: named('a'.repeat(100)) }], look: [{ name: '101 characters', given: named('a'.repeat(101)), says: ['long'] }], notMet: [{ name: '300 characters', given: named('a'.repeat(300)), says: ['bytes'] }, { name: '90 characters of three bytes', given: named('中'.repeat(90)), says: ['bytes'] }] });
