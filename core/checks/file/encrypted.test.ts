import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileEncrypted } from './encrypted.ts';

testCheck(fileEncrypted, {
  met: [{ name: 'not locked' }], look: [{ name: 'locked against changes only', given: { facts: madeFacts({ file: { encrypted: 'opens' } }) }, says: ['opens'] }],
  notMet: [{ name: 'asks for a password', given: { facts: madeFacts({ file: { encrypted: 'needs password' } }) }, says: ['password'] }],
});
