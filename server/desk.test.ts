import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Server } from 'node:http';
import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
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
