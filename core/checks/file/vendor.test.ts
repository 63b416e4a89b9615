import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { fileVendor } from './vendor.ts';

testCheck({ ...fileVendor, asked: () => 'an open kind' }, { met: [{ name: 'ODT is open', given: { facts: madeFacts({ file: { kind: 'odt' } }) } }], notMet: [{ name: 'one program’s package', given: { facts: madeFacts({ file: { kind: 'vendor', extension: 'pages' } }) }, says: ['vendor'] }] });
