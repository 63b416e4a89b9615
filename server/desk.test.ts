import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import type { Server } from 'node:http';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Upload } from 'tus-js-client';
import type { AddressInfo } from 'node:net';
import { deliver, LineBroken, Refused, type Answer } from '../core/send/deliver.ts';
import { emptyBrief } from '../core/model/brief.ts';
import { readReceipt } from '../core/verbs/receipt.ts';
import { createApp, bounded } from './app.ts';
import { connect } from 'node:net';
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

/** Two empty pages, as small as a PDF can be. */
const twoPages = `%PDF-1.4\n1 0 obj<</Type/Catalog/Pages 2 0 R>>endobj 2 0 obj<</Type/Pages/Count 2/Kids[3 0 R 4 0 R]>>endobj 3 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]>>endobj 4 0 obj<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]>>endobj trailer<</Root 1 0 R/Size 5>>\n%%EOF\n`;

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
  ['few words', { minWords: 20 }, [['a.txt', 'only a few words']], {}, /4 words; at least 20/], ['a sign in the name', {}, [['what?.txt', 'x']], {}, /sign in its name/], ['no part open', { parts: [{ label: 'Part A', opens: null, due: '2020-01-01T00:00:00Z' }, { label: 'Part B', opens: '2090-01-01T00:00:00Z', due: null }] }, [['a.txt', 'x']], {}, /No part.*Part A.*Part B/], ['too many pages', { documents: [{ types: ['pdf'] }], maxPages: 1 }, [['a.pdf', twoPages]], {}, /2 pages; at most 1/],
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
/** Sends as the application does: the file in pieces that go on where the line broke, then the set under its key. */
const deliverInPieces = (place: string, text: string, key: string) => deliver({
  post: async () => {
    const id = await new Promise<string>((resolve, reject) => {
      const upload = new Upload(Buffer.from(text), { endpoint: `${base}/desk/uploads`, chunkSize: 8, retryDelays: [0, 5, 10], metadata: { filename: 'notes.txt' }, onSuccess: () => resolve(upload.url!.split('/').pop()!), onError: () => reject(new LineBroken('broken off')) });
      upload.start();
    });
    const form = new FormData();
    for (const [k, v] of Object.entries({ place, key, uploads: id })) form.append(k, v);
    const response = await fetch(`${base}/desk/submissions`, { method: 'POST', body: form }).catch(() => { throw new LineBroken('broken off'); }), body = (await response.json()) as Answer & { refused?: string };
    if (!response.ok) throw new Refused(body.refused ?? '');
    return body;
  },
  ask: async () => { const r = await fetch(`${base}/desk/submissions/by-key/${key}`).catch(() => { throw new LineBroken('nobody'); }); return r.ok ? ((await r.json()) as Answer) : null; },
}, { wait: () => Promise.resolve() });
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
      const { state } = i % 2 === 0 ? await deliverTo('many', [['notes.txt', `Paper number ${i}.`]], `many-${i}`) : await deliverInPieces('many', `Paper number ${i}.`, `many-${i}`);
      states.push(state);
      expect(fresh.submissions.filter((s) => s.key === `many-${i}`)).toHaveLength(state === 'stored' ? 1 : 0);
    }
  } finally { base = there; await new Promise((go) => app.close(go)); }
  expect(new Set(fresh.submissions.map((s) => s.key)).size).toBe(fresh.submissions.length);
  expect(states.filter((s) => s === 'stored').length).toBeGreaterThan(400);
  expect(states).toContain('notStored');
}, 120_000);

test('the application’s own files come however often they are asked for; what makes work is counted', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'web-'));
  await mkdir(join(folder, 'assets'));
  await writeFile(join(folder, 'index.html'), '<p>Hand Over</p>');
  await writeFile(join(folder, 'assets', 'a.js'), 'export {};');
  const app = createApp({ webFolder: folder, demo: false, perMinute: 5 }).listen(0, '127.0.0.1');
  await new Promise((go) => app.on('listening', go));
  const there = `http://127.0.0.1:${(app.address() as AddressInfo).port}`, ask = async (path: string): Promise<number[]> => { const all: number[] = []; for (let i = 0; i < 8; i++) all.push((await fetch(there + path)).status); return all; };
  try {
    expect(await ask('/assets/a.js')).toEqual(Array<number>(8).fill(200));
    expect(await ask('/')).toEqual(Array<number>(8).fill(200));
    expect(await ask('/desk/places')).toEqual([...Array<number>(5).fill(200), 429, 429, 429]);
  } finally { await new Promise((go) => app.close(go)); await rm(folder, { recursive: true }); }
});

describe('files in pieces', () => {
  const paper = (n: number): Buffer => Buffer.from(Array.from({ length: n }, (_, i) => 97 + (i * 7 + (i >> 8)) % 26));
  const at = (id: string) => `${base}/desk/uploads/${id}`, head = async (id: string) => (await fetch(at(id), { method: 'HEAD', headers: { 'Tus-Resumable': '1.0.0' } }));
  const begin = async (bytes: Buffer, name = 'notes.txt'): Promise<Response> => fetch(`${base}/desk/uploads`, { method: 'POST', headers: { 'Tus-Resumable': '1.0.0', 'Upload-Length': String(bytes.length), 'Upload-Metadata': `filename ${Buffer.from(name).toString('base64')}` } });
  const idOf = (r: Response): string => r.headers.get('location')!.split('/').pop()!;
  const piece = (id: string, bytes: Buffer, offset: number) => fetch(at(id), { method: 'PATCH', headers: { 'Tus-Resumable': '1.0.0', 'Upload-Offset': String(offset), 'Content-Type': 'application/offset+octet-stream' }, body: new Uint8Array(bytes) });
  const handIn = (place: string, ids: string[], key: string) => { const form = new FormData(); for (const [k, v] of Object.entries({ place, key, uploads: ids.join(' ') })) form.append(k, v); return fetch(`${base}/desk/submissions`, { method: 'POST', body: form }); };

  // tus resumable upload protocol 1.0.0, core protocol: HEAD gives the offset, PATCH goes on from it, a wrong offset is a conflict (409).
  test('a line that breaks in the middle is gone on with, and the whole arrives byte for byte', async () => {
    await setUp('pieces');
    store.fault = { fault: 'lost', percent: 40, left: 1 };
    const bytes = paper(3 << 20), id = idOf(await begin(bytes));
    await expect(piece(id, bytes, 0)).rejects.toThrow();
    let offset = 0;
    for (let n = 0; n < 50 && offset === 0; n++) { await new Promise((go) => setTimeout(go, 50)); offset = Number((await head(id)).headers.get('upload-offset')); }
    expect(offset).toBeGreaterThan(0); expect(offset).toBeLessThan(bytes.length);
    expect((await handIn('pieces', [id], 'pieces-early')).status).toBe(409);
    expect((await piece(id, bytes.subarray(0), 0)).status).toBe(409);
    expect((await piece(id, bytes.subarray(offset), offset)).status).toBe(204);
    const answer = (await (await handIn('pieces', [id], 'pieces-1')).json()) as { id: string; files: { bytes: number }[] };
    expect(answer.files[0]!.bytes).toBe(bytes.length);
    expect(Buffer.from(await (await fetch(`${base}/desk/submissions/${answer.id}/files/0`)).arrayBuffer()).equals(bytes)).toBe(true);
    // The pieces are gone with the hand-in; the same key is the same submission.
    expect((await head(id)).status).toBe(404);
    expect(((await (await handIn('pieces', [id], 'pieces-1')).json()) as { id: string; again: boolean })).toMatchObject({ id: answer.id, again: true });
  });
  test('bounds: a file that is too large, a name with a path, an unknown piece, a foreign page', async () => {
    expect((await fetch(`${base}/desk/uploads`, { method: 'POST', headers: { 'Tus-Resumable': '1.0.0', 'Upload-Length': String(200 << 20) } })).status).toBe(413);
    await setUp('paths');
    const bytes = paper(40), id = idOf(await begin(bytes, '..\\..\\etc/notes.txt'));
    await piece(id, bytes, 0);
    expect((await (await handIn('paths', [id], 'paths-1')).json() as { files: { fileName: string }[] }).files[0]!.fileName).toBe('notes.txt');
    expect((await handIn('paths', ['nothing-there'], 'paths-2')).status).toBe(409);
    expect((await fetch(`${base}/desk/uploads`, { method: 'POST', headers: { Origin: 'http://evil.example', 'Tus-Resumable': '1.0.0', 'Upload-Length': '1' } })).status).toBe(403);
  });
});
test('a header beyond all measure and a client that never ends its request are cut off', async () => {
  const status = await new Promise<number>((go) => request(`${base}/health`, { headers: { 'X-Long': 'a'.repeat(40_000) } }, (r) => { r.resume(); go(r.statusCode ?? 0); }).on('error', () => go(431)).end());
  expect(status).toBe(431);
  const patient = bounded(createApp({ webFolder: '/nowhere', demo: false }), { headers: 300, request: 600, check: 100 }).listen(0, '127.0.0.1');
  await new Promise((go) => patient.on('listening', go));
  const ended = await new Promise<string>((go) => { const socket = connect((patient.address() as AddressInfo).port, '127.0.0.1', () => socket.write('GET /health HTTP/1.1\r\nHost: local')); let said = ''; socket.on('data', (d) => { said += d.toString(); }); socket.on('close', () => go(said)); });
  expect(ended).toContain('408');
  await new Promise((go) => patient.close(go));
});
