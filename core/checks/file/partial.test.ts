import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { filePartial } from './partial.ts';
import { expect, test } from '@jest/globals';

test('a finished download is not flagged', () => expect(filePartial.evaluate({ file: madeFacts().file } as never)).toEqual([]));
testCheck({ ...filePartial, asked: () => 'the whole download' }, { met: [{ name: 'a PDF' }], notMet: [{ name: '.part', given: { facts: madeFacts({ file: { kind: 'partial', extension: 'part' } }) }, says: ['partial'] }] });
