import { expect, test } from '@jest/globals';
import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, type IntegrityFact } from '../../model/facts.ts';
import { findIntegrity } from '../../readers/integrity.ts';
import { textLookalikes } from './lookalikes.ts';

const from = (text: string): IntegrityFact[] => findIntegrity(madeFacts({ passages: read([madePassage(text)]) }));
// The pair of UTS #39, section 1: “paypal” with Cyrillic а is a mixed-script word; a wholly Cyrillic word is not.
test('words wholly in one script are left alone', () => expect(from('кириллица and Ελληνικά and µm')).toEqual([]));
testCheck(textLookalikes, { met: [{ name: 'one script' }], look: [{ name: 'Cyrillic letters in a Latin word', given: { facts: madeFacts({ integrity: from('sеdimеnt') }) }, says: ['lookalike'] }] });
