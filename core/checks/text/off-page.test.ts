import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { textOffPage } from './off-page.ts';

const fact = { code: 'offPage' as const, part: 'text', page: 1, box: null, quote: 'far away', count: 1 };
testCheck(textOffPage, { met: [{ name: 'tiny is another check’s', given: { facts: madeFacts({ integrity: [{ ...fact, code: 'tiny' }] }) } }], look: [{ name: 'below the sheet', given: { facts: madeFacts({ integrity: [fact] }) }, says: ['outside'] }] });
