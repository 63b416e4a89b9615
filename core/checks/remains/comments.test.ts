import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsComments } from './comments.ts';

testCheck(remainsComments, { met: [{ name: 'highlights are another check’s', given: { facts: madeFacts({ remains: read({ comments: 0, trackedChanges: 0, highlights: 3, revisions: 0 }) }) } }], look: [{ name: 'two', given: { facts: madeFacts({ remains: read({ comments: 2, trackedChanges: 0, highlights: 0, revisions: 0 }) }) }, says: ['comments'] }] });
