import { expect, test } from '@jest/globals';
import PostalMime from 'postal-mime';
import { madeBrief } from '../testing/made.ts';
import { asMail, mayAgain, reopenRequest } from './again.ts';
import { deliver, LineBroken, Refused, type Answer } from './deliver.ts';

const answer: Answer = { id: 'CS-1', receivedAt: '2027-03-12T16:00:00Z' }, quick = { wait: async () => {} };
/** A line that plays a script: what each post and each question do. */
const scripted = (posts: (Answer | Error)[], asks: (Answer | null | Error)[]) => {
  const next = <T>(list: (T | Error)[]): Promise<T> => { const v = list.shift(); return v instanceof Error ? Promise.reject(v) : Promise.resolve(v as T); };
  return { post: () => next(posts), ask: () => next(asks) };
};
const broken = new LineBroken('gone');

test('a lost answer is found by asking, and nothing is sent twice', async () => {
  expect(await deliver(scripted([broken], [answer]), quick)).toEqual({ state: 'stored', answer, posts: 1 });
  expect(await deliver(scripted([broken], [broken, broken, answer]), quick)).toEqual({ state: 'stored', answer, posts: 1 });
});
test('a line lost before anything was stored is tried again, and given up with a plain word', async () => {
  expect(await deliver(scripted([broken, answer], [null]), quick)).toEqual({ state: 'stored', answer, posts: 2 });
  expect(await deliver(scripted([broken, broken, broken], [null, null, null]), quick)).toEqual({ state: 'notStored', posts: 3 });
  expect(await deliver(scripted([broken], [broken, broken, broken, broken]), quick)).toEqual({ state: 'unknown', posts: 1 });
});
test('a refusal is an answer: nothing is tried again', async () => expect(await deliver(scripted([new Refused('closed')], []), quick)).toEqual({ state: 'refused', why: 'closed', posts: 1 }));
test('a fault of ours is no broken line', async () => { await expect(deliver(scripted([new TypeError('ours')], []), quick)).rejects.toThrow('ours'); });

const due = '2027-03-12T17:00:00Z', before = Date.parse('2027-03-10T12:00:00Z'), after = Date.parse('2027-03-13T12:00:00Z');
test.each<[string, Parameters<typeof madeBrief>[0], number, number, string, RegExp]>([
  ['as often as one likes, newest counts, two documents', { due, attempts: { allowed: 'unlimited', keeps: 'latest' }, documents: [{ label: 'a', types: [] }, { label: 'b', types: [] }] }, 1, before, 'yes', /all 2 documents go again/],
  ['one of three left', { due, attempts: { allowed: 3, keeps: 'all' } }, 2, before, 'yes', /1 of 3 hand-ins is left/], ['none left', { due, attempts: { allowed: 1, keeps: null } }, 1, before, 'no', /One hand-in was allowed/],
  ['over', { due, attempts: { allowed: 'unlimited', keeps: 'latest' } }, 1, after, 'no', /reopen the place/], ['over, but an extension holds', { due, extension: '2027-03-19T17:00:00Z', attempts: { allowed: 'unlimited', keeps: 'latest' } }, 1, after, 'yes', /19/],
  ['nothing said', { due }, 1, before, 'ask', /does not say/], ['a score again', { due, similarityChecked: true, attempts: { allowed: 'unlimited', keeps: 'latest' } }, 1, before, 'yes', /24 to 48 hours/],
])('again: %s', (_, brief, sent, now, may, says) => { const r = mayAgain(madeBrief(brief), sent, now); expect(r.may).toBe(may); expect(r.sentences.join(' ')).toMatch(says); });

test('a request to reopen names place, course and receipt; as a mail it carries the receipt', async () => {
  const bytes = Uint8Array.from({ length: 300 }, (_, i) => i % 256), receipt = { id: 'CS-1', receivedAt: '2027-03-12T16:00:00Z', name: 'receipt é.pdf', bytes };
  const request = reopenRequest({ course: 'GEO 3107', place: 'Report 2', title: 'x', due, timeZone: 'Europe/London', receipt, reason: 'one of two documents was missing' });
  const mail = await new PostalMime().parse(asMail(request, receipt, 'office@carrow.example'));
  expect(mail.subject).toBe('Please reopen: Report 2 (GEO 3107)');
  expect(mail.text).toMatch(/“Report 2” of GEO 3107[\s\S]*receipt CS-1[\s\S]*one of two documents was missing/);
  expect(new Uint8Array(mail.attachments[0]!.content as ArrayBuffer)).toEqual(bytes);
  expect(asMail({ subject: 'a\r\nBcc: b@c.example', text: '' }, null)).not.toMatch(/^Bcc/m);
});
