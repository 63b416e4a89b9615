import { expect, test } from '@jest/globals';
import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, type IntegrityFact } from '../../model/facts.ts';
import { findIntegrity } from '../../readers/integrity.ts';
import { textGarbled } from './garbled.ts';

const from = (text: string): IntegrityFact[] => findIntegrity(madeFacts({ passages: read([madePassage(text)]) }));
test('a single unmapped character in a page is no garbling', () => expect(from(`${'word '.repeat(100)}\ufffd`)).toEqual([]));
testCheck(textGarbled, { met: [{ name: 'plain words' }], look: [{ name: 'private-use characters', given: { facts: madeFacts({ integrity: from('\ue001\ue002\ue003\ue004\ue005 and words') }) }, says: ['garbled'] }] });
