import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsBrokenReference } from './broken-reference.ts';

const text = (t: string) => ({ facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(remainsBrokenReference, { met: [{ name: 'question marks of a question', given: text('Really?? See Figure 3.') }], look: [{ name: 'a lost source', given: text('see Error! Reference source not found.'), says: ['broken'] }, { name: 'a figure without number', given: text('as Figure ?? shows'), says: ['broken'] }] });
