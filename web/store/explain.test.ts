import { expect, test } from '@jest/globals';
import { explainStoreError } from './explain.ts';

test.each<[string, unknown, RegExp]>([
  ['full store', Object.assign(new Error('x'), { name: 'QuotaExceededError' }), /store is full.*nothing was lost/], ['full inside a transaction', Object.assign(new Error('aborted'), { name: 'AbortError', inner: { name: 'QuotaExceededError' } }), /store is full/],
  ['no store at all', Object.assign(new Error('x'), { name: 'InvalidStateError' }), /private window/], ['a file that has gone', Object.assign(new Error('x'), { name: 'NotFoundError' }), /moved, renamed or deleted/], ['anything else', new Error('disk on fire'), /disk on fire.*Nothing was lost/],
])('%s', (_, error, words) => expect(explainStoreError(error)).toMatch(words));
