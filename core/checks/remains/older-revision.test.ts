import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsOlderRevision } from './older-revision.ts';

const with_ = (revisions: number) => ({ facts: madeFacts({ remains: read({ comments: 1, trackedChanges: 0, highlights: 0, revisions }) }) });
testCheck(remainsOlderRevision, { met: [{ name: 'one state only', given: with_(0) }], look: [{ name: 'an earlier one', given: with_(1), says: ['revisions'] }] });
