import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { identitySelfCitation } from './self-citation.ts';

const text = (t: string) => ({ wanted: 'yes' as const, facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(identitySelfCitation, { met: [{ name: 'somebody else’s earlier work', given: text('their earlier report (2019) and the earlier work of Hesketh') }], look: [{ name: 'my earlier report', given: text('In my earlier report (2024) the loss was put lower.'), says: ['phrase'] }], notAsked: [{ name: 'not anonymous', given: { wanted: 'no' } }] });
