import { read, type Passage } from '../../model/facts.ts';
import { madeFacts, madePassage, nina } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { identityContact } from './contact.ts';

const paper = (text: string, change: Partial<Passage> = {}) => ({ details: nina, facts: madeFacts({ passages: read([madePassage(text, change)]) }) });
testCheck(identityContact, {
  met: [{ name: 'none', given: paper('Each flood tide carries silt.') }, { name: 'the student’s own has a finding of its own', given: paper('write to nvi204@student.carrow.example') }, { name: 'an author’s in the reference list', given: paper('Emmerson, R. r.emmerson@quay.example', { section: 'references' }) }, { name: 'addresses of institutions, articles and data', given: paper('https://doi.example/10.1000/182 https://quay.example/tides/2027/stations/carrow-reach-upper-landing https://quay.example/files/report-2027.pdf') }, { name: 'signs that are no contact', given: paper('a rise of +12.5 mm, +1 to +3; @home and a@b; R@16') }],
  look: [{ name: 'another address, told once', given: paper('Ask n.imani@mail.example, again n.imani@mail.example.'), says: ['other'] }, { name: 'a number to ring', given: paper('Ring +44 7700 900987 before ten.'), says: ['other'] }, { name: 'a page of one’s own', given: paper('see https://people.carrow.example/~nvi/marsh.html'), says: ['other'] }, { name: 'a person’s folder behind a link', given: paper('https://store.carrow.example/personal/h_orrell/tides', { place: 'cloudAddress' }), says: ['other'] }, { name: 'a file shared by a key', given: paper('https://store.example/file/d/1aB3xY9kLmN0pQrStUvWx2yZ/view', { place: 'link' }), says: ['other'] }, { name: 'a supervisor’s in a comment', given: paper('sent to tutor@carrow.example', { place: 'comment' }), says: ['other'] }],
  notAsked: [{ name: 'no details, so nothing is wanted', given: { facts: madeFacts({ passages: read([madePassage('a@b.example')]) }) } }],
});
