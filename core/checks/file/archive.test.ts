import { madeBrief, madeFacts } from '../../testing/made.ts';
import { testCheck } from '../../testing/test-check.ts';
import { archiveRules, type ArchiveRule } from '../../tables/archive-rules.ts';
import { fileArchive } from './archive.ts';

const brief = madeBrief({ archival: 'PDF/A-2b' }), one = madeBrief({ archival: 'PDF/A-1b' }), any = madeBrief({ archival: 'PDF/A' });
const stands = (claim: string | null, ...rules: ArchiveRule[]) => madeFacts({ archive: { claim, broken: rules.map((rule) => ({ rule, text: 'Helvetica', page: 1, count: 2 })) } });
const every = Object.keys(archiveRules) as ArchiveRule[];
testCheck(fileArchive, {
  met: [{ name: 'it is what is asked', given: { brief, facts: stands('2b') } }, { name: 'any part will do', given: { brief: any, facts: stands('1a') } }, { name: 'level u gives more than b', given: { brief, facts: stands('2u') } }],
  notAsked: [{ name: 'an ordinary PDF where nobody asks for more', given: { facts: stands(null, 'claim') } }],
  look: [{ name: 'another part than asked', given: { brief: one, facts: stands('2b') }, says: ['other'] }, { name: 'its parts cannot be read', given: { brief, facts: madeFacts({ archive: null }) }, says: ['unreadable'] }, { name: 'not looked at yet', given: { brief, facts: madeFacts() }, says: ['notYet'] }],
  notMet: [{ name: 'an ordinary PDF', given: { brief, facts: stands(null, 'claim', 'intent') }, says: ['claim', 'intent'] }, { name: 'it says so and is not', given: { brief, facts: stands('2b', 'font') }, says: ['font'] }, { name: 'every rule has words', given: { brief, facts: stands('2b', ...every) }, says: every }],
});
