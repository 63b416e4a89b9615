import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileLock } from './lock.ts';
import { expect, test } from '@jest/globals';

const lock = madeFacts({ file: { kind: 'lock', troubles: [{ code: 'lock', part: 'file', page: null, text: 'nvi204' }] } });
test('a file that is no lock file has no line for it', () => expect(fileLock.asked({ file: madeFacts().file } as never)).toBeNull());
testCheck(fileLock, { met: [{ name: 'a lock file without an owner’s trouble', given: { facts: madeFacts({ file: { kind: 'lock' } }) } }], notMet: [{ name: 'an owner file', given: { facts: lock }, says: ['lock'] }], notAsked: [{ name: 'a document' }] });
