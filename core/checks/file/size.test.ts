import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { noLimits } from '../../model/brief.ts';
import { fileSize } from './size.ts';

const two = madeBrief({ limits: { ...noLimits(), maxBytes: 2_000_000 } });
const bytes = (n: number) => madeFacts({ file: { bytes: n } });
testCheck(fileSize, {
  met: [{ name: 'just at the limit', given: { brief: two, facts: bytes(2_000_000) } }, { name: 'a limit of its own is larger', given: { brief: { ...two, documents: [{ label: null, types: [], limits: { maxBytes: 5_000_000 } }] }, facts: bytes(4_000_000) } }],
  look: [{ name: 'over 10^6, under 2^20 (IEC 80000-13)', given: { brief: two, facts: bytes(2_090_000) }, says: ['between'] }],
  notMet: [{ name: 'over both readings', given: { brief: two, facts: bytes(2_097_153) }, says: ['over'] }, { name: 'an odd limit has one reading', given: { brief: madeBrief({ limits: { ...noLimits(), maxBytes: 1_048_577 } }), facts: bytes(1_048_578) }, says: ['over'] }],
  notAsked: [{ name: 'no limit' }],
});
