import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsTrackedChanges } from './tracked-changes.ts';

const docx = (trackedChanges: number) => ({ facts: madeFacts({ file: { kind: 'docx' }, remains: read({ comments: 1, trackedChanges, highlights: 0, revisions: 0 }) }) });
testCheck(remainsTrackedChanges, { met: [{ name: 'comments only', given: docx(0) }], look: [{ name: 'one', given: docx(1), says: ['changes'] }] });
