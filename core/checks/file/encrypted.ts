import { defineCheck, look, stops } from '../define.ts';

export const fileEncrypted = defineCheck({
  id: 'file.encrypted', needs: [], mend: 'decrypt', reference: 'ISO 32000-1:2008, 7.6; [MS-OFFCRYPTO] 2.3; ODF 1.2-3, 3.4.1',
  asked: () => 'opens without a password',
  found: ({ file }) => (file.encrypted === 'needs password' ? 'needs a password' : file.encrypted === 'opens' ? 'locked, but opens' : 'not locked'),
  evaluate: ({ file }) => (file.encrypted === 'needs password' ? [stops('password')] : file.encrypted === 'opens' ? [look('opens')] : []),
});
