import { madeFacts, madePassage } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { read, type DocumentFacts } from '../../model/facts.ts';
import { setEarlierVersion } from './earlier-version.ts';

const text = Array.from({ length: 30 }, (_, i) => `Sentence ${i} tells how silt number ${i * 7} settles on the marsh at each tide.`).join(' ');
const version = (name: string, body: string, modified: string | null, kind: 'pdf' | 'docx' = 'docx'): DocumentFacts => madeFacts({
  file: { name, sha256: name, kind }, passages: read([madePassage(body)]), metadata: read(modified ? [{ part: 'docProps/core.xml', key: 'modified', value: modified, sort: 'dates' as const }] : []),
});
const later = text.replace('Sentence 12 tells how', 'The twelfth sentence shows at some length that');
testSetCheck(setEarlierVersion, {
  met: [
    { name: 'two different texts of one length', given: { facts: [version('a.docx', text, null), version('b.docx', text.replace(/(\w+) (\w+)/g, '$2 $1 never'), null)] } },
    { name: 'the same text as DOCX and PDF', given: { facts: [version('a.docx', text, '2026-11-01T10:00:00Z'), version('a.pdf', `${text} 1 2 3`, '2026-11-02T10:00:00Z', 'pdf')] } },
    { name: 'a short form beside a report', given: { facts: [version('form.docx', 'Days lost: 3', null), version('report.docx', text, null)] } },
  ],
  notMet: [{ name: 'the earlier of two', given: { facts: [version('a.docx', later, '2026-11-03T10:00:00Z'), version('b.docx', text, '2026-11-01T10:00:00Z')] }, says: ['earlier'] }],
  look: [
    { name: 'nothing tells which is newer', given: { facts: [version('a.docx', later, null), version('b.docx', text, null)] }, says: ['unclear'] },
    { name: 'a PDF made from an earlier text', given: { facts: [version('a.docx', `${later} ${'One more closing remark is made here about the silt. '.repeat(2)}`, null), version('a.pdf', text, null, 'pdf')] }, says: ['kinds'] },
  ],
  notAsked: [{ name: 'one file' }],
});
