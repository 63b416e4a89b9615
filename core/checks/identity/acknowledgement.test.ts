import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { identityAcknowledgement } from './acknowledgement.ts';

const text = (t: string) => ({ wanted: 'yes' as const, facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(identityAcknowledgement, { met: [{ name: 'wanting to do something', given: text('Here we want to show that mud moves, and we would like to measure it.') }, { name: 'thanks to the tide', given: text('Thanks to the tide the supervisor of the harbour can see it.') }], look: [{ name: 'a tutor', given: text('I would like to thank my tutor.'), says: ['phrase', 'phrase'] }], notAsked: [{ name: 'not anonymous', given: { wanted: 'no' } }] });
