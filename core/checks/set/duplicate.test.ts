import { read } from '../../model/facts.ts';
import { madeFacts, madePassage } from '../../testing/made.ts';
import { testSetCheck } from '../../testing/test-check.ts';
import { setDuplicate } from './duplicate.ts';

const file = (name: string, sha256: string) => madeFacts({ file: { name, sha256 } });
const said = (name: string, sha256: string, text: string, kind: 'pdf' | 'docx' = 'pdf') => madeFacts({ file: { name, sha256, kind }, passages: read([madePassage(text)]), words: read(text.split(' ').length) });
const essay = 'Each flood tide carries silt and clay over the surface of the marsh. '.repeat(4).trim();
const asked = (...labels: string[]) => labels.map((label) => ({ label, types: ['pdf' as const, 'docx' as const] })), twoKinds = { facts: [said('a.docx', '1', essay, 'docx'), said('a.pdf', '2', essay)] };
testSetCheck(setDuplicate, { met: [{ name: 'a paper and its PDF, both asked for', given: { ...twoKinds, matching: asked('Essay as PDF', 'Essay as Word file') } }, { name: 'a paper and its PDF', given: { facts: [said('a.docx', '1', essay, 'docx'), said('a.pdf', '2', essay)] } }, { name: 'two covers of a few words', given: { facts: [said('a.pdf', '1', 'Cover sheet'), said('b.pdf', '2', 'Cover sheet')] } }, { name: 'one word more', given: { facts: [said('a.pdf', '1', essay), said('b.pdf', '2', `${essay} Now.`)] } }, { name: 'two different', given: { facts: [file('a.pdf', '1'), file('b.pdf', '2')] } }], look: [{ name: 'the paper itself where its appendix belongs', given: { ...twoKinds, matching: asked('Essay', 'Appendix') }, says: ['text'] }, { name: 'the same words, saved twice', given: { facts: [said('a.pdf', '1', essay), said('b.pdf', '2', essay)] }, says: ['text'] }, { name: 'same bytes, other name', given: { facts: [file('a.pdf', '1'), file('b.pdf', '1')] }, says: ['bytes'] }, { name: 'same name, other bytes', given: { facts: [file('a.pdf', '1'), file('a.pdf', '2')] }, says: ['name'] }], notAsked: [{ name: 'one file' }] });
