import { madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { nameCharacters } from './characters.ts';

const named = (name: string) => ({ facts: madeFacts({ file: { name } }) });
testCheck(nameCharacters, {
  met: [{ name: 'spaces, brackets, ampersand', given: named('Tide & time (final).pdf') }, { name: 'a device’s name as part of a word', given: named('console.pdf') }],
  look: [{ name: 'an accent', given: named('Nína.pdf'), says: ['beyondAscii'] }],
  notMet: [{ name: 'a colon', given: named('part 1: essay.pdf'), says: ['refused'] }, { name: 'a control character', given: named('a\u0007b.pdf'), says: ['refused'] }, { name: 'space before the ending', given: named('essay .pdf'), says: ['edges'] }, { name: 'a device', given: named('aux.pdf'), says: ['device'] }],
});
