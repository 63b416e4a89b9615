import { madeFacts, madeFont } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { read } from '../../model/facts.ts';
import { fontsAvailable } from './available.ts';

const docx = (name: string, embedded = false) => ({ facts: madeFacts({ file: { kind: 'docx' }, fonts: read([madeFont(name, { type: 'named', embedded })]) }) });
testCheck(fontsAvailable, { met: [{ name: 'a common one', given: docx('Times New Roman') }, { name: 'a rare one that is embedded', given: docx('Carrow Old Style', true) }], look: [{ name: 'a rare one', given: docx('Carrow Old Style'), says: ['rare'] }] });
