import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { Server } from 'node:http';
import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import { deliver, LineBroken, Refused, type Answer } from '../core/send/deliver.ts';
import { emptyBrief } from '../core/model/brief.ts';
import { readReceipt } from '../core/verbs/receipt.ts';
import { createApp } from './app.ts';
import { DeskStore } from './desk/store.ts';

const store = new DeskStore();
let server: Server, base: string;
beforeAll(async () => { server = createApp({ webFolder: '/nowhere', desk: store, demo: false }).listen(0, '127.0.0.1'); await new Promise((go) => server.on('listening', go)); base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`; });
afterAll(() => new Promise((go) => server.close(go)));

const setUp = (id: string, change: object = {}) => fetch(`${base}/desk/places/${id}`, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ title: 'GEO 3107 Report 2', documents: [{ label: 'notes', types: ['txt'] }], ...change }) });
const send = async (place: string, files: [string, string][], fields: Record<string, string> = {}) => {
  const form = new FormData();
  for (const [k, v] of Object.entries({ place, ...fields })) form.append(k, v);
  for (const [name, text] of files) form.append('file', new Blob([text]), name);
  const response = await fetch(`${base}/desk/submissions`, { method: 'POST', body: form });
  return { status: response.status, body: (await response.json()) as { id: string; refused?: string; again?: boolean; files: { fileName: string; bytes: number; sha256: string; extract: string }[] } };
};

test('takes what it was told to, issues a receipt, gives back the same bytes', async () => {
  await setUp('a');
  const sent = await send('a', [['notes.txt', 'A saltmarsh lives on borrowed material.']], { key: 'k1' });
  expect(sent.status).toBe(201);
  expect(sent.body.files[0]).toMatchObject({ fileName: 'notes.txt', bytes: 39, extract: 'A saltmarsh lives on borrowed material.' });
  expect(await (await fetch(`${base}/desk/submissions/${sent.body.id}/files/0`)).text()).toBe('A saltmarsh lives on borrowed material.');
  expect((await (await fetch(`${base}/desk/submissions/${sent.body.id}/receipt.pdf`)).text()).slice(0, 5)).toBe('%PDF-');
});
test('the same key is the same submission', async () => {
  const first = await send('a', [['notes.txt', 'x y']], { key: 'k2' }), second = await send('a', [['notes.txt', 'x y']], { key: 'k2' });
  expect([second.body.id, second.body.again]).toEqual([first.body.id, true]);
});
test.each<[string, object, [string, string][], Record<string, string>, RegExp]>([
  ['another kind', {}, [['a.html', '<!doctype html><p>x']], {}, /web page/], ['too large', { maxBytes: 3 }, [['a.txt', 'four']], {}, /at most/], ['closed', { due: '2020-01-01T00:00:00Z' }, [['a.txt', 'x']], {}, /closed/], ['not open', { opens: '2090-01-01T00:00:00Z' }, [['a.txt', 'x']], {}, /opens/],
  ['no declaration', { declaration: true }, [['a.txt', 'x']], {}, /declaration/], ['one of two', { documents: [{ types: ['txt'] }, { types: ['txt'] }] }, [['a.txt', 'x']], {}, /2 documents/], ['nothing', {}, [], {}, /No file/], ['empty', {}, [['a.txt', '']], {}, /empty/],
])('refuses: %s', async (name, place, files, fields, why) => {
  await setUp(`r-${name}`, place);
  const sent = await send(`r-${name}`, files, fields);
  expect(sent.status).toBe(422);
  expect(sent.body.refused).toMatch(why);
});
test('attempts run out', async () => {
  await setUp('once', { attempts: 1 });
  expect((await send('once', [['a.txt', 'x']])).status).toBe(201);
  expect((await send('once', [['a.txt', 'y']])).body.refused).toMatch(/attempt/);
});
test('a path in a name does not climb', async () => expect((await send('a', [['../../etc/notes.txt', 'x']])).body.files[0]!.fileName).toBe('notes.txt'));
test('foreign hosts and pages are refused, and the policy is strict', async () => {
  // fetch() writes the Host header itself, so a plain request is made.
  const status = await new Promise<number>((go) => request(`${base}/health`, { headers: { Host: 'evil.example' } }, (r) => { r.resume(); go(r.statusCode ?? 0); }).end());
  expect(status).toBe(403);
  expect((await fetch(`${base}/desk/places`, { headers: { Origin: 'http://evil.example' } })).status).toBe(403);
  expect((await fetch(`${base}/health`)).headers.get('content-security-policy')).toMatch(/default-src 'self'/);
});

/** Sends as the application does: over a line that may break, asking before it sends again. */
const deliverTo = async (place: string, files: [string, string][], key: string) => deliver({
  post: async () => {
    let sent;
    try { sent = await send(place, files, { key }); } catch { throw new LineBroken('broken'); }
    if (sent.status >= 300) throw new Refused(sent.body.refused ?? '');
    return { id: sent.body.id, receivedAt: '' };
  },
  ask: async () => { let r; try { r = await fetch(`${base}/desk/submissions/by-key/${key}`); } catch { throw new LineBroken('broken'); } return r.ok ? ((await r.json()) as Answer) : null; },
}, { wait: async () => {} });
const setFault = (fault: string, change: object = {}) => fetch(`${base}/desk/fault`, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ fault, ...change }) });
const two: [string, string][] = [['report.txt', 'Each flood tide carries silt and clay over the surface of the marsh, and plants slow the water down.'], ['form.txt', 'Station one, two and three were read on the first of March.']];
const receiptOf = async (id: string, as: 'json' | 'pdf' = 'json') => { const r = await fetch(`${base}/desk/submissions/${id}/receipt.${as}`); return { status: r.status, bytes: new Uint8Array(await r.arrayBuffer()) }; };
const sourceOf = (name: string, text: string) => ({ path: name, name, bytes: new TextEncoder().encode(text) });
const judged = async (id: string) => readReceipt({ path: 'r.json', name: 'r.json', bytes: (await receiptOf(id)).bytes }, two.map(([n, t]) => sourceOf(n, t)), { ...emptyBrief(), place: 'GEO 3107 Report 2', documents: [{ label: 'report', types: ['txt'] }, { label: 'form', types: ['txt'] }] }, '2027-01-01T00:00:00Z');

describe('a bad day at the receiver', () => {
  beforeEach(async () => { await setUp('bad', { documents: [{ types: ['txt'] }, { types: ['txt'] }] }); });
  afterEach(async () => { await setFault('none'); });
  test('nothing goes wrong: the receipt confirms both documents', async () => {
    const d = await deliverTo('bad', two, 'good-1');
    expect(d.state).toBe('stored');
    expect((await judged((d as { answer: Answer }).answer.id)).standing).toBe('confirmed');
  });
  test('the answer is lost after storing: it is found again, and there is one submission', async () => {
    const before = store.submissions.length;
    await setFault('answerLost', { left: 1 });
    expect(await deliverTo('bad', two, 'lost-1')).toMatchObject({ state: 'stored', posts: 1 });
    expect(store.submissions.length).toBe(before + 1);
  });
  test.each([0, 30, 99])('the connection breaks after %i %%: nothing is stored by half, and the second try goes through', async (percent) => {
    const before = store.submissions.length;
    await setFault('lost', { percent, left: 1 });
    expect(await deliverTo('bad', two, `break-${percent}`)).toMatchObject({ state: 'stored', posts: 2 });
    expect(store.submissions.length).toBe(before + 1);
    expect(store.submissions.at(-1)!.files).toHaveLength(2);
  });
  test('it breaks every time: told as not stored, and nothing is', async () => {
    const before = store.submissions.length;
    await setFault('lost', { percent: 20 });
    expect((await deliverTo('bad', two, 'never')).state).toBe('notStored');
    expect(store.submissions.length).toBe(before);
  });
  test('a slow line arrives whole', async () => { await setFault('slow', { left: 1 }); expect((await deliverTo('bad', two, 'slow-1')).state).toBe('stored'); });
  test.each(['oneOfTwo', 'cutShort', 'nameChanged', 'otherFile', 'draft'])('%s: the receipt refutes', async (fault) => {
    await setFault(fault, { left: 1 });
    const d = await deliverTo('bad', two, `spoilt-${fault}`);
    expect(d.state).toBe('stored');
    expect((await judged((d as { answer: Answer }).answer.id)).standing).toBe('refuted');
  });
  test('the receipt comes late, then it is there', async () => {
    await setFault('receiptDelayed', { left: 1 });
    const { answer } = (await deliverTo('bad', two, 'late-1')) as { answer: Answer };
    expect((await receiptOf(answer.id)).status).toBe(409); expect((await receiptOf(answer.id, 'pdf')).status).toBe(409);
    expect((await receiptOf(answer.id)).status).toBe(200);
  });
  test('the receipt comes by mail only, and the mail confirms', async () => {
    await setFault('mailOnly', { left: 1 });
    const { answer } = (await deliverTo('bad', two, 'mail-1')) as { answer: Answer };
    expect((await receiptOf(answer.id)).status).toBe(409);
    expect(await (await fetch(`${base}/desk/mail`)).json()).toContainEqual({ id: answer.id, subject: `Receipt ${answer.id}` });
    const mail = new Uint8Array(await (await fetch(`${base}/desk/mail/${answer.id}.eml`)).arrayBuffer());
    const read = await readReceipt({ path: 'r.eml', name: 'r.eml', bytes: mail }, two.map(([n, t]) => sourceOf(n, t)), null, '2027-01-01T00:00:00Z');
    expect([read.fields.id, read.standing]).toEqual([answer.id, 'confirmed']);
    expect(read.fields.receivedAt?.slice(0, 16)).toBe(store.find(answer.id)!.receivedAt.slice(0, 16));
  });
  test('the clock can be moved: closed a minute ago, and not open yet', async () => {
    const clock = (minutes: number) => fetch(`${base}/desk/clock`, { method: 'PUT', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ minutes }) });
    const soon = new Date(Date.now() + 600_000).toISOString();
    await setUp('timed', { due: soon });
    await clock(11);
    expect((await send('timed', [['notes.txt', 'x']])).body.refused).toMatch(/closed/);
    await clock(0);
    expect((await send('timed', [['notes.txt', 'x']])).status).toBe(201);
  });
  test('the desk’s own page sets fault and clock with plain forms, and refuses others', async () => {
    const form = (body: string) => fetch(`${base}/desk/set`, { method: 'POST', headers: { 'Content-Type': 'application/x-www-form-urlencoded' }, body, redirect: 'manual' });
    expect((await form('fault=draft&percent=10&once=1')).status).toBe(303);
    expect(store.fault).toEqual({ fault: 'draft', percent: 10, left: 1 });
    expect((await setFault('weather')).status).toBe(400);
    expect(await (await fetch(`${base}/desk/`)).text()).toMatch(/it stays a draft/);
  });
});
test('five hundred sendings with faults at random end in what the desk holds, each once', async () => {
  let seed = 20_270_312;
  const random = (n: number): number => { seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0; return Math.floor((seed / 4294967296) * n); };
  const kinds = ['none', 'lost', 'answerLost', 'none', 'lost', 'receiptDelayed'] as const;
  await setUp('many', { documents: [{ types: ['txt'] }] });
  const fresh = new DeskStore(), states: string[] = [];
  fresh.places.set('many', store.places.get('many')!);
  const app = createApp({ webFolder: '/nowhere', desk: fresh, demo: false, perMinute: 1e6 }).listen(0, '127.0.0.1');
  await new Promise((go) => app.on('listening', go));
  const there = base;
  base = `http://127.0.0.1:${(app.address() as AddressInfo).port}`;
  try {
    for (let i = 0; i < 500; i++) {
      fresh.fault = { fault: kinds[random(kinds.length)]!, percent: random(101), left: 1 + random(4) };
      const { state } = await deliverTo('many', [['notes.txt', `Paper number ${i}.`]], `many-${i}`);
      states.push(state);
      expect(fresh.submissions.filter((s) => s.key === `many-${i}`)).toHaveLength(state === 'stored' ? 1 : 0);
    }
  } finally { base = there; await new Promise((go) => app.close(go)); }
  expect(new Set(fresh.submissions.map((s) => s.key)).size).toBe(fresh.submissions.length);
  expect(states.filter((s) => s === 'stored').length).toBeGreaterThan(400);
  expect(states).toContain('notStored');
}, 120_000);
