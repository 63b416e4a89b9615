import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setKind } from './kind.ts';

const brief = madeBrief({ documents: [{ label: 'form', types: ['docx'] }, { label: 'report', types: ['pdf', 'docx'] }] });
const of = (...kinds: ('pdf' | 'docx' | 'odt')[]) => kinds.map((kind) => madeFacts({ file: { kind } }));
testSetCheck(setKind, {
  met: [{ name: 'in the other order', given: { brief, facts: of('pdf', 'docx') } }, { name: 'twice the kind that answers both', given: { brief, facts: of('docx', 'docx') } }, { name: 'one still missing is another check’s', given: { brief, facts: of('odt') } }],
  notMet: [{ name: 'two PDFs where one has to be DOCX', given: { brief, facts: of('pdf', 'pdf') }, says: ['kinds'] }],
  notAsked: [{ name: 'one document', given: { brief: madeBrief({ documents: [{ label: 'report', types: ['pdf'] }] }) } }],
});
