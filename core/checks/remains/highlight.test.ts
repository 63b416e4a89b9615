import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsHighlight } from './highlight.ts';

const with_ = (highlights: number) => ({ facts: madeFacts({ remains: read({ comments: 1, trackedChanges: 0, highlights, revisions: 0 }) }) });
testCheck(remainsHighlight, { met: [{ name: 'comments only', given: with_(0) }], look: [{ name: 'one', given: with_(1), says: ['highlights'] }] });
