import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { identityThirdPerson } from './third-person.ts';

const text = (t: string) => ({ wanted: 'yes' as const, facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(identityThirdPerson, {
  met: ['The tutor system has its critics.', 'The control group and our group of lambs were fed alike.', 'A mentor is named in the Odyssey.', 'Her colleague saw it; his placement was short.', 'my argument, my sample, my participants', 'The school at Tollbury; a nurse at Carrow.', 'She worked as a nurse at Carrow.', 'I worked at night.', 'I live in hope.', '“My tutor was a fool,” wrote Hart.'].map((t) => ({ name: t, given: text(t) })),
  look: ['My tutor, Dr Hale, suggested this.', 'During my nursing placement at Carrow General I saw it.', 'In our group, two of us did the survey.', 'Our seminar group’s survey was short.', 'my former employer, Brand & Vold', 'my flatmate Tom', 'my dissertation supervisor', 'at my primary school', 'I interned at the Quay Trust.', 'I grew up in Tollbury.', 'as a student nurse at Carrow Infirmary I saw it', 'Tutor: Dr Hale', 'Seminar group: B2', 'Meine Betreuerin las es.'].map((t) => ({ name: t, given: text(t), says: ['phrase'] })),
  notAsked: [{ name: 'not anonymous', given: { wanted: 'no' } }],
});
