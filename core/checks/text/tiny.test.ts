import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { textTiny } from './tiny.ts';

const fact = { code: 'tiny' as const, part: 'text', page: 1, box: null, quote: 'tiny words', count: 1 };
testCheck(textTiny, { met: [{ name: 'hidden is another check’s', given: { facts: madeFacts({ integrity: [{ ...fact, code: 'vanish' }] }) } }], look: [{ name: '2 pt', given: { facts: madeFacts({ integrity: [fact] }) }, says: ['tiny'] }] });
