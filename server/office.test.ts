import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { readdirSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { hasOffice } from '../office/engine.ts';
import { plantedDocx } from '../core/testing/plant.ts';
import { createApp } from './app.ts';

let server: Server, base: string;
beforeAll(async () => { server = createApp({ webFolder: '/nowhere', demo: false }).listen(0, '127.0.0.1'); await new Promise((go) => server.on('listening', go)); base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/office`; });
afterAll(() => new Promise((go) => server.close(go)));

const ask = (query: string, body: Uint8Array, init: RequestInit = {}) => fetch(`${base}?${query}`, { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: body as Uint8Array<ArrayBuffer>, ...init });
const left = (): string[] => readdirSync(tmpdir()).filter((n) => n.startsWith('handover-office-'));

test('says whether an engine is there; refuses kinds and empty bodies before any program sees them', async () => {
  expect(await (await fetch(base)).json()).toEqual({ there: hasOffice() });
  for (const query of ['from=exe&to=pdf', 'from=docx&to=sh', 'to=pdf', 'from=../docx&to=pdf']) {
    const answer = await ask(query, plantedDocx());
    expect([answer.status, await answer.json()]).toEqual([400, expect.objectContaining({ code: 'badInput', remedy: expect.stringMatching(/built-in/) })]);
  }
  expect((await ask('from=docx&to=pdf', new Uint8Array())).status).toBe(400);
});
test('converts, says why it cannot, and keeps nothing; without an engine it says so', async () => {
  const before = left(), answer = await ask('from=docx&to=pdf', plantedDocx());
  if (!hasOffice()) { expect([answer.status, (await answer.json() as { code: string }).code]).toEqual([501, 'unsupported']); return; }
  expect(answer.status).toBe(200);
  expect(new TextDecoder('latin1').decode((await answer.arrayBuffer()).slice(0, 5))).toBe('%PDF-');
  // Whoever goes away ends the work.
  const stop = new AbortController(), going = ask('from=docx&to=pdf', plantedDocx(), { signal: stop.signal }).catch((e: Error) => e.name);
  setTimeout(() => stop.abort(), 300);
  expect(await going).toBe('AbortError');
  for (let i = 0; i < 100 && left().length > before.length; i++) await new Promise((go) => setTimeout(go, 100));
  expect(left()).toEqual(before);
}, 60_000);
