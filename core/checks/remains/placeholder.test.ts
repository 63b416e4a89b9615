import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsPlaceholder } from './placeholder.ts';

const text = (t: string) => ({ facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(remainsPlaceholder, {
  met: [{ name: 'words and brackets that mean something', given: text('We insert the probe here and there; [12], [sic], [emphasis added], <5 %') }],
  look: [{ name: 'TODO', given: text('TODO: check'), says: ['placeholder'] }, { name: 'a year to fill in', given: text('as Hart (20XX) shows'), says: ['placeholder'] }, { name: 'a bracketed prompt', given: text('By [insert name]'), says: ['placeholder'] }, { name: 'filler text', given: text('Lorem ipsum dolor'), says: ['placeholder'] }],
});
