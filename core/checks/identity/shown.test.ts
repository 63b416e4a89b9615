import { expect, test } from '@jest/globals';
import { madeBrief, madeFacts, madePage, madePassage, nina } from '../../testing/made.ts';
import { read, type Passage } from '../../model/facts.ts';
import type { Brief, ShownDetail } from '../../model/brief.ts';
import { testCheck } from '../../testing/test-check.ts';
import { judge } from '../../docket/run.ts';
import { detailsToHide } from '../../identity/asked.ts';
import { identityShown } from './shown.ts';

const pages = (count: number) => read(Array.from({ length: count }, (_, i) => madePage({ number: i + 1 })));
const given = (shown: ShownDetail[], passages: Passage[], count = 4, brief: Partial<Brief> = {}) => ({ details: nina, brief: madeBrief({ shown, ...brief }), facts: madeFacts({ file: { name: 'paper.pdf', kind: 'pdf' }, pages: pages(count), passages: read(passages) }) });
const heads = (on: number[], text = 'Y3921847 · Silt') => on.map((page) => madePassage(text, { place: 'runningHead', page }));
const every: ShownDetail[] = [{ field: 'candidateNumber', where: 'runningHead' }], first: ShownDetail[] = [{ field: 'studentNumber', where: 'titlePage' }], names: ShownDetail[] = [{ field: 'surname', where: 'titlePage' }];

testCheck(identityShown, {
  met: [
    { name: 'in every head', given: given(every, heads([1, 2, 3, 4])) }, { name: 'in every head but the title page’s', given: given(every, heads([2, 3, 4])) }, { name: 'on the first page, spelt with blanks', given: given(first, [madePassage('Student number 2041 7733\nSilt')]) },
    { name: 'a name', given: given(names, [madePassage('by Nina Vestergaard-Imani')]) }, { name: 'anywhere', given: given([{ field: 'studentNumber', where: 'text' }], [madePassage('20417733', { page: 3 })]) },
    { name: 'in the head of a word-processor file', given: given(every, [madePassage('Y3921847', { part: 'word/header1.xml', place: 'runningHead', page: null })], 0) },
  ],
  look: [
    { name: 'one page lacks it', given: given(every, heads([1, 2, 4])), says: ['missingOn'] }, { name: 'on another page', given: given(first, [madePassage('20417733', { page: 3 })]), says: ['elsewhere'] },
    { name: 'a name is nowhere', given: given(names, [madePassage('Silt on the upper marsh')]), says: ['missing'] },
    { name: 'the detail is not known', given: { ...given(every, heads([1])), details: { ...nina, candidateNumber: '' } }, says: ['unknown'] }, { name: 'one of several documents', given: given(first, [madePassage('Silt')], 1, { documents: [{ label: 'essay', types: ['pdf'] }, { label: 'log', types: ['pdf'] }] }), says: ['missing'] },
  ],
  notMet: [{ name: 'nowhere', given: given(every, heads([1, 2, 3, 4], 'Silt')), says: ['missing'] }, { name: 'a number that is not the student’s', given: given(first, [madePassage('Student number 20417735')]), says: ['missing'] }],
  notAsked: [{ name: 'nothing asked', given: given([], heads([1])) }],
});

test('what the paper has to show is no sign of the student there, and is one in what nobody sees', () => {
  const facts = madeFacts({ file: { name: 'paper.pdf', kind: 'pdf' }, pages: pages(2), passages: read([...heads([1, 2]), madePassage('Nina Vestergaard-Imani'), madePassage('Y3921847', { part: 'annotation', place: 'annotation', page: 2 })]) });
  const signs = (brief: Brief) => judge({ facts: [facts], brief, briefGiven: true, details: nina, now: 0 }).findings[0]!.filter((f) => f.check.startsWith('identity.') && f.standing === 'stops').map((f) => `${f.check} ${f.detail}`);
  expect(signs(madeBrief({ anonymous: true, shown: every }))).toEqual(['identity.annotation candidateNumber', 'identity.text surname']);
  expect(signs(madeBrief({ anonymous: true }))).toEqual(expect.arrayContaining(['identity.running-head candidateNumber']));
});
test('a detail that is not known is told so; what was not read may hold one', () => {
  const found = (details: typeof nina) => judge({ facts: [facts], brief: madeBrief({ shown: first }), briefGiven: true, details, now: 0 }).docket.find((l) => l.id === 'identity.shown')!, facts = madeFacts({ file: { name: 'paper.pdf', kind: 'pdf' }, pages: pages(2), passages: read([madePassage('Silt')], [{ part: 'text', page: 2, why: 'picture' }]) });
  expect(found({ ...nina, studentNumber: '' })).toMatchObject({ found: 'student number: not among my details', standing: 'look' });
  expect(found(nina)).toMatchObject({ found: 'student number: missing', standing: 'look' });
});
test('it is not taken out of the text either', () => {
  expect(detailsToHide(nina, madeBrief({ shown: every }))).toMatchObject({ candidateNumber: '', studentNumber: '20417733', surname: 'Vestergaard-Imani' });
  expect(detailsToHide(nina, null)).toEqual(nina);
});
