import { madeFacts } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setDuplicate } from './duplicate.ts';

const file = (name: string, sha256: string) => madeFacts({ file: { name, sha256 } });
testSetCheck(setDuplicate, { met: [{ name: 'two different', given: { facts: [file('a.pdf', '1'), file('b.pdf', '2')] } }], look: [{ name: 'same bytes, other name', given: { facts: [file('a.pdf', '1'), file('b.pdf', '1')] }, says: ['bytes'] }, { name: 'same name, other bytes', given: { facts: [file('a.pdf', '1'), file('a.pdf', '2')] }, says: ['name'] }], notAsked: [{ name: 'one file' }] });
