import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { identityAcknowledgement } from './acknowledgement.ts';

const text = (t: string, section?: 'acknowledgements') => ({ wanted: 'yes' as const, facts: madeFacts({ passages: read([madePassage(t, { section })]) }) });
testCheck(identityAcknowledgement, {
  met: ['Here we want to show that mud moves, and we would like to measure it.', 'Thanks to the tide the supervisor of the harbour can see it.', 'The report acknowledges the harm done.', 'She thanked her hosts in 1843.', '“I thank you,” said the queen.', 'It is thanks to this that rivers move.', 'The author acknowledges the limits of the method.', 'Gratitude is a virtue in old letters.', 'The city owes a debt to its river.', 'We thank God, they sang.'].map((t) => ({ name: t, given: text(t) })),
  look: [...['I would like to thank my tutor.', 'My thanks go to the staff of the Carrow archive.', 'I am deeply grateful to Lena Brink for reading drafts.', 'This dissertation would not have been possible without the crew.', 'The author thanks two boatmen.', 'Many thanks to Professor Vale for access to the kiln.', 'For my grandmother', 'In loving memory of my father', 'I gratefully acknowledge the help of the technicians.', 'Special thanks are due to Ms Orr.', 'I owe a debt of gratitude to the crew.', 'Thanks to my mum for reading it.', 'Ich danke Frau Orr.'].map((t) => ({ name: t, given: text(t), says: ['phrase'] })),
    { name: 'a section in other words', given: text('To the crew of the Heron, who never doubted me.', 'acknowledgements'), says: ['section'] }, { name: 'a section with a phrase is told once', given: text('I thank the crew of the Heron.', 'acknowledgements'), says: ['phrase'] }],
  notAsked: [{ name: 'not anonymous', given: { wanted: 'no' } }],
});
