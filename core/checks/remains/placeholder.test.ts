import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsPlaceholder } from './placeholder.ts';

const text = (t: string) => ({ facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(remainsPlaceholder, {
  met: [{ name: 'words and brackets that mean something', given: text('We insert the probe here and there; [12], [sic], [emphasis added], <5 %') },
    ...['No hay nada que hacer, todo está perdido.', 'See Chapter XXX of the novel and Canto XXX.', 'An XXX chromosome was found.', 'A TODO list is kept for each worker.', 'The phrase “lorem ipsum” is older than print.', 'The tags <title> and <date> hold it; <name lang="en">.', 'See [Table 2], [author’s translation] and [page 4].', 'He asked: what?? Nobody knew.', 'Source: the report (source) of 2019.', 'Signed: ________', 'A table to be inserted in the log.', 'Smith (Year 9) and (Author and date unknown).'].map((t) => ({ name: t, given: text(t) }))],
  look: [...['[citation needed]', '(Author, Year)', '(Author, 2020)', 'Your name here', '[Your name]', '<Student ID>', '<insert title>', '[Student number]', '[Author name]', '[source?]', '(ref)', '(source?)', '[?]', 'see ??? for this', 'The value is ____ mm.', 'Table XX shows it.', 'as on p. XX', '[Figure 2 about here]', 'Insert diagram here', 'Graph to go here', 'todo: check', 'Click or tap here to enter text.'].map((t) => ({ name: t, given: text(t), says: ['placeholder'] })), { name: 'TODO', given: text('TODO: check'), says: ['placeholder'] }, { name: 'a year to fill in', given: text('as Hart (20XX) shows'), says: ['placeholder'] }, { name: 'a bracketed prompt', given: text('By [insert name]'), says: ['placeholder'] }, { name: 'filler text', given: text('Lorem ipsum dolor'), says: ['placeholder'] }],
});
