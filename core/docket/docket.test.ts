import { describe, expect, test } from '@jest/globals';
import { madeBrief, madeFacts, nina } from '../testing/made.ts';
import { unread } from '../model/facts.ts';
import { groupDocket, verdictSentence } from './groups.ts';
import { matchDocuments } from './match.ts';
import { docketOfBrief, judge } from './run.ts';

const now = Date.parse('2027-03-01T12:00:00Z');
const two = madeBrief({ documents: [{ label: 'Data form', types: ['docx'] }, { label: 'Report', types: ['pdf'] }] });

describe('matching files to demands', () => {
  test('by kind, whatever the order', () => expect(matchDocuments([madeFacts(), madeFacts({ file: { kind: 'docx' } })], two).map((d) => d?.label)).toEqual(['Report', 'Data form']));
  test('by words of the label where kinds are equal', () => {
    const brief = madeBrief({ documents: [{ label: 'Reflection', types: ['pdf'] }, { label: 'Report', types: ['pdf'] }] });
    expect(matchDocuments([madeFacts({ file: { name: 'report.pdf' } }), madeFacts({ file: { name: 'my-reflection.pdf' } })], brief).map((d) => d?.label)).toEqual(['Report', 'Reflection']);
  });
  test('a single demand is answered by what is there, so that its wrong kind is told', () => expect(matchDocuments([madeFacts({ file: { kind: 'docx' } })], madeBrief({ documents: [{ label: 'Report', types: ['pdf'] }] }))[0]?.label).toBe('Report'));
  test('one file too many answers for nothing', () => expect(matchDocuments([madeFacts(), madeFacts()], madeBrief({ documents: [{ label: null, types: ['pdf'] }] })).filter((d) => d === null)).toHaveLength(1));
});

describe('the docket', () => {
  test('before any file: demands are unread, silence is not asked', () => {
    const lines = docketOfBrief(madeBrief({ documents: [{ label: 'Report', types: ['pdf'] }] }), null, now);
    expect(lines.find((l) => l.id === 'file.type')).toMatchObject({ asked: 'PDF', standing: 'unread' });
    expect(lines.find((l) => l.id === 'words.count')!.standing).toBe('notAsked');
    expect(verdictSentence(groupDocket(lines)).sentence).toMatch(/^Not known yet: .* Next: bring the paper\.$/);
  });
  test('a locked file is unread, never fine', () => {
    const locked = madeFacts({ file: { encrypted: 'needs password' }, pages: unread('encrypted'), words: unread('encrypted'), fonts: unread('encrypted'), passages: unread('encrypted'), metadata: unread('encrypted'), remains: unread('encrypted') });
    const { docket } = judge({ facts: [locked], brief: madeBrief({ anonymous: true }), briefGiven: true, details: nina, now });
    expect(docket.filter((l) => /^(fonts|identity\.text|metadata)/.test(l.id) && l.standing === 'met')).toEqual([]);
    expect(docket.find((l) => l.id === 'file.encrypted')!.standing).toBe('notMet');
  });
  test('rows speak by their worst line, and say what is next', () => {
    const { docket } = judge({ facts: [madeFacts({ file: { kind: 'docx', extension: 'docx', name: 'a.docx' } })], brief: madeBrief({ documents: [{ label: 'Report', types: ['pdf'] }] }), briefGiven: true, details: null, now });
    const rows = groupDocket(docket);
    expect(rows.find((r) => r.id === 'kind')).toMatchObject({ demand: 'PDF', found: 'DOCX', standing: 'notMet', mend: 'convert' });
    expect(verdictSentence(rows)).toEqual({ mayGo: false, sentence: 'May not go yet: 1 line not met. Next: convert it.' });
  });
  test('nothing open may go', () => expect(verdictSentence(groupDocket(judge({ facts: [madeFacts()], brief: madeBrief({ documents: [{ label: null, types: ['pdf'] }] }), briefGiven: true, details: null, now }).docket)).mayGo).toBe(true));
  test('anonymity unsettled, no details: nothing is claimed about identity', () => expect(judge({ facts: [madeFacts()], brief: madeBrief(), briefGiven: true, details: null, now }).docket.find((l) => l.id === 'identity.text')!.standing).toBe('notAsked'));
});
