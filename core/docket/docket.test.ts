import { describe, expect, test } from '@jest/globals';
import { madeBrief, madeFacts, nina } from '../testing/made.ts';
import { unread } from '../model/facts.ts';
import type { Finding } from '../model/finding.ts';
import { answerKey, groupDocket, toldOnce, verdictSentence } from './groups.ts';
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
  test('a reason opens a line, for this finding only', () => {
    const lines = (found: string) => judge({ facts: [madeFacts({ file: { kind: 'docx', name: found } })], brief: madeBrief({ documents: [{ label: null, types: ['pdf'] }] }), briefGiven: true, details: null, now }).docket;
    const open = groupDocket(lines('a.docx')).filter((r) => r.standing === 'notMet'), reasons = Object.fromEntries(open.map((r) => [answerKey(r), 'the office said so']));
    expect(open.length).toBeGreaterThan(0);
    expect(verdictSentence(groupDocket(lines('a.docx'), reasons)).mayGo).toBe(true);
    // Another file is another finding; what is met needs no reason and gets none.
    expect(verdictSentence(groupDocket(lines('b.docx'), reasons)).mayGo).toBe(false);
    expect(groupDocket(lines('a.docx'), reasons).filter((r) => r.standing === 'met' && r.reason !== null)).toEqual([]);
  });
  test('a look at the time does not outlive the place’s closing; hours that run on do not undo it', () => {
    const row = (standing: 'look' | 'notMet', found: string) => groupDocket([{ id: 'time.margin', line: 'In time', asked: 'by 17:00', found, standing, document: null, mend: null }])[0]!;
    expect(answerKey(row('look', '2 hours left'))).toBe(answerKey(row('look', '1 hour left')));
    expect(answerKey(row('notMet', 'closed'))).not.toBe(answerKey(row('look', '1 hour left')));
  });
  test('a reason for one finding does not serve another that is counted alike', () => {
    const row = (id: string) => groupDocket([{ id, line: 'x', asked: 'nothing', found: '1 place', standing: 'notMet', document: 'a.pdf', mend: null }])[0]!;
    expect(answerKey(row('identity.text'))).not.toBe(answerKey(row('identity.link')));
  });
  test('lines that count places are told together, and what else stands beside them is not', () => {
    const line = (id: string, found: string, standing: 'notMet' | 'look' | 'met' = 'notMet') => ({ id, line: 'x', asked: 'nothing', found, standing, document: 'a.pdf', mend: null });
    expect(groupDocket([line('identity.text', 'nothing', 'met'), line('identity.link', '1 place'), line('identity.outline', '2 places'), line('identity.field', '4 places', 'look')])[0]!.found).toBe('3 places');
    expect(groupDocket([line('identity.text', '1 place'), line('identity.link', 'nothing', 'met')])[0]!.found).toBe('1 place');
  });
  test('a detail in the file name is told once, as a rule of names and of anonymity it is one thing to mend', () => {
    const finding = (check: string, quote: string): Finding => ({ check, standing: 'stops', key: 'found', data: {}, detail: 'username', message: 'x', place: { part: 'name', page: null, box: null, quote } });
    expect(toldOnce([finding('name.identity', 'nvi204'), finding('identity.filename', 'nvi204'), finding('identity.filename', 'Imani'), finding('identity.text', 'nvi204')]).map((f) => f.check)).toEqual(['name.identity', 'identity.filename', 'identity.text']);
  });
  test('the demands on the layout stand side by side: a row names all that are met, or all that are not', () => {
    const line = (id: string, asked: string, found: string, standing: 'notMet' | 'met' = 'met') => ({ id, line: 'x', asked, found, standing, document: 'a.pdf', mend: null });
    const met = groupDocket([line('layout.font-size', '11 pt', '11 pt'), line('layout.fonts', 'Arial', 'Arial'), line('layout.line-spacing', 'line spacing 2', '2')])[0]!;
    expect([met.demand, met.found]).toEqual(['11 pt, Arial, line spacing 2', '11 pt, Arial, 2']);
    const open = groupDocket([line('layout.font-size', '11 pt', '11 pt'), line('layout.fonts', 'Arial', 'Cambria', 'notMet'), line('layout.line-spacing', 'line spacing 2', '1.15', 'notMet')])[0]!;
    expect([open.demand, open.found]).toEqual(['Arial, line spacing 2', 'Cambria, 1.15']);
  });
  test('nothing open may go', () => expect(verdictSentence(groupDocket(judge({ facts: [madeFacts()], brief: madeBrief({ documents: [{ label: null, types: ['pdf'] }] }), briefGiven: true, details: null, now }).docket)).mayGo).toBe(true));
  test('anonymity unsettled, no details: nothing is claimed about identity', () => expect(judge({ facts: [madeFacts()], brief: madeBrief(), briefGiven: true, details: null, now }).docket.find((l) => l.id === 'identity.text')!.standing).toBe('notAsked'));
});
