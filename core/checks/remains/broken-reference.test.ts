import { madeFacts, madePassage } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { remainsBrokenReference } from './broken-reference.ts';

const text = (t: string) => ({ facts: madeFacts({ passages: read([madePassage(t)]) }) });
testCheck(remainsBrokenReference, { met: ['Really?? See Figure 3.', 'What is error? Reference to truth.', 'Dans quelle section ? Le tome deux.', 'Error! cried the clerk.', 'Is it in Table ? Yes'].map((t) => ({ name: t, given: text(t) })), look: [...['Fehler! Verweisquelle konnte nicht gefunden werden.', 'Erreur ! Source du renvoi introuvable.', '¡Error! No se encuentra el origen de la referencia.', 'Errore. L’origine riferimento non è stata trovata.', 'Fout! Verwijzingsbron niet gevonden.', 'Fehler: Referenz nicht gefunden', 'No table of contents entries found.', 'Error! No text of specified style in document.', 'as shown in Table ? of the report', 'Section ?? explains'].map((t) => ({ name: t, given: text(t), says: ['broken'] })), { name: 'a lost source', given: text('see Error! Reference source not found.'), says: ['broken'] }, { name: 'a figure without number', given: text('as Figure ?? shows'), says: ['broken'] }] });
