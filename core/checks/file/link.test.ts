import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import type { PlaceKind } from '../../model/facts.ts';
import { fileLink } from './link.ts';

const holds = (words: number, ...said: [PlaceKind, string][]) => ({ facts: madeFacts({ words: read(words), passages: read(said.map(([place, text]) => ({ part: 'text', place, page: 1, text }))) }) });
const essay = 'https://docs.carrow.example/d/1';
testCheck(fileLink, {
  met: [{ name: 'a document' }, { name: 'a paper that names an address', given: holds(400, ['text', `Sediment budgets. ${'A long sentence about tides. '.repeat(80)} Data: ${essay}`]) }, { name: 'a short answer with its source', given: holds(20, ['text', `The flats gain four millimetres a year, measured at twelve places over nine winters. ${essay}`]) }, { name: 'a few words and no address', given: holds(4, ['text', 'Figure for section three']) }],
  look: [{ name: 'a few words that lead elsewhere', given: holds(4, ['text', 'Click here for essay'], ['link', essay]), says: ['inside'] }],
  notMet: [{ name: 'only an address', given: { facts: madeFacts({ file: { kind: 'link', troubles: [{ code: 'link', part: 'file', page: null, text: essay }] } }) }, says: ['link'] }, { name: 'a document that holds only an address', given: holds(9, ['text', `My essay is here: ${essay}`]), says: ['inside'] }],
});
