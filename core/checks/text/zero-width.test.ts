import { expect, test } from '@jest/globals';
import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read, type IntegrityFact } from '../../model/facts.ts';
import { findIntegrity } from '../../readers/integrity.ts';
import { textZeroWidth } from './zero-width.ts';

const from = (text: string): IntegrityFact[] => findIntegrity(madeFacts({ passages: read([madePassage(text)]) }));
test('a zero-width joiner in Devanagari belongs there', () => expect(from('क्‍ष')).toEqual([]));
testCheck(textZeroWidth, { met: [{ name: 'plain' }], look: [{ name: 'zero-width space in a word', given: { facts: madeFacts({ integrity: from('sedi\u200bment') }) }, says: ['zeroWidth'] }] });
