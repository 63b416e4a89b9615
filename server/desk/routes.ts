import busboy from 'busboy';
import { createHash, randomUUID } from 'node:crypto';
import { basename } from 'node:path';
import { Router, json, urlencoded, type Request, type Response } from 'express';
import { DateTime } from 'luxon';
import { instantOf, kindNames, readDocument, showBytes, showInstant, sniffKind, type DocumentDemand } from '../../core/index.ts';
import { DeskStore, type DeskPlace, type DeskSubmission, type StoredFile } from './store.ts';
import { receiptJson, receiptPdf } from './receipt.ts';
import { deskPage } from './page.ts';
import { isFault, noFault, type Fault } from './faults.ts';
import { receiptMail } from './mail.ts';
import { Uploads } from './uploads.ts';

const limits = { fileBytes: 110 << 20, files: 10, fields: 20, fieldBytes: 20_000, headerPairs: 100 };

/** The practice desk: a simulated receiver. It takes what it was told to accept, refuses the rest with a reason, and issues a receipt. */
export function deskRoutes(store = new DeskStore()): Router {
  const router = Router(), uploads = new Uploads(store);
  router.use('/uploads', (req, res) => { req.url = req.originalUrl; uploads.handle(req, res); });
  router.get('/', (_, res) => { res.type('html').send(deskPage(store)); });
  router.get('/places', (_, res) => { res.json([...store.places.values()]); });
  router.put('/places/:id', json({ limit: '50kb' }), (req, res) => {
    const place = readPlace(String(req.params.id), req.body as Record<string, unknown>);
    if (!place) { refuse(res, 400, 'The place has no title.'); return; }
    store.places.set(place.id, place);
    if (store.places.size > 200) store.places.delete(store.places.keys().next().value!);
    res.json(place);
  });
  router.put('/clock', json({ limit: '1kb' }), (req, res) => { store.clockMinutes = Math.max(-1e6, Math.min(1e6, Number((req.body as { minutes?: number }).minutes) || 0)); res.json({ now: store.now().toISOString() }); });
  router.get('/fault', (_, res) => { res.json(store.fault); });
  router.put('/fault', json({ limit: '1kb' }), (req, res) => { if (setFault(store, req.body as Record<string, unknown>)) res.json(store.fault); else refuse(res, 400, 'There is no such fault.'); });
  // The desk's own page has plain forms: it works without scripts.
  router.post('/set', urlencoded({ extended: false, limit: '2kb', parameterLimit: 10 }), (req, res) => {
    const body = req.body as Record<string, string>;
    if (body.fault !== undefined) setFault(store, { fault: body.fault, percent: Number(body.percent), left: body.once ? 1 : null });
    if (body.minutes !== undefined) store.clockMinutes = Math.max(-1e6, Math.min(1e6, Math.round(Number(body.minutes)) || 0));
    res.redirect(303, '/desk/');
  });
  router.get('/mail', (_, res) => { res.json(store.submissions.filter((s) => s.byMail).map((s) => ({ id: s.id, subject: `Receipt ${s.id}` }))); });
  router.get('/mail/:id.eml', (req, res) => { const s = store.find(String(req.params.id)); if (s) res.type('message/rfc822').attachment(`receipt-${s.id}.eml`).send(receiptMail(s)); else refuse(res, 404, 'No such mail.'); });
  router.get('/submissions', (_, res) => { res.json(store.submissions.map((s) => ({ id: s.id, receivedAt: s.receivedAt, place: s.place.title, files: s.files.map((f) => f.name) }))); });
  router.post('/submissions', (req, res) => { void receive(req, res, store, uploads); });
  router.get('/submissions/by-key/:key', (req, res) => { const s = store.byKey(String(req.params.key)); if (s) res.json({ id: s.id, ...receiptJson(s) }); else refuse(res, 404, 'Nothing was received under this key.'); });
  router.get('/submissions/:id/receipt.json', (req, res) => { const s = store.find(String(req.params.id)); if (!s) { refuse(res, 404, 'No such receipt.'); return; } if (!withheld(s, res)) res.json(receiptJson(s)); });
  router.get('/submissions/:id/receipt.pdf', (req, res) => {
    const s = store.find(String(req.params.id));
    if (!s) { refuse(res, 404, 'No such receipt.'); return; }
    if (withheld(s, res)) return;
    receiptPdf(s).then((bytes) => res.type('pdf').attachment(`receipt-${s.id}.pdf`).send(Buffer.from(bytes)), () => refuse(res, 500, 'The receipt could not be written.'));
  });
  router.get('/submissions/:id/files/:index', (req, res) => {
    const file = store.find(String(req.params.id))?.files[Number(req.params.index)];
    if (file) res.type('application/octet-stream').attachment(file.name).send(Buffer.from(file.bytes)); else refuse(res, 404, 'No such file.');
  });
  return router;
}

const refuse = (res: Response, status: number, message: string): void => { if (!res.headersSent) res.status(status).json({ refused: message }); };

/** Whether the receipt is not to be had here yet; says why. */
function withheld(s: DeskSubmission, res: Response): boolean {
  if (s.byMail) { refuse(res, 409, 'The receipt was sent by mail. Look into the mailbox.'); return true; }
  if ((s.receiptWaits ?? 0) > 0) { s.receiptWaits!--; refuse(res, 409, 'The receipt is not written yet. Ask again in a moment.'); return true; }
  return false;
}
function setFault(store: DeskStore, body: Record<string, unknown>): boolean {
  if (!isFault(body.fault)) return false;
  const percent = Number(body.percent), left = body.left === null || body.left === undefined ? null : Math.max(1, Math.round(Number(body.left)) || 1);
  store.fault = body.fault === 'none' ? { ...noFault } : { fault: body.fault, percent: Number.isFinite(percent) ? Math.min(100, Math.max(0, percent)) : 50, left };
  return true;
}

function readPlace(id: string, body: Record<string, unknown>): DeskPlace | null {
  const text = (v: unknown): string | null => (typeof v === 'string' && v.trim() ? v.trim().slice(0, 200) : null);
  const count = (v: unknown): number | null => (typeof v === 'number' && v > 0 ? Math.round(v) : null);
  const title = text(body.title);
  if (!title) return null;
  const documents = Array.isArray(body.documents) ? (body.documents as DocumentDemand[]).slice(0, 10).map((d) => ({ label: text(d?.label), types: Array.isArray(d?.types) ? d.types.filter((t) => t in kindNames) : [] })) : [];
  return {
    id: id.slice(0, 80), title, documents, maxBytes: typeof body.maxBytes === 'number' && body.maxBytes > 0 ? body.maxBytes : null, opens: text(body.opens), due: text(body.due),
    attempts: body.attempts === 'unlimited' ? 'unlimited' : typeof body.attempts === 'number' ? body.attempts : null, keeps: body.keeps === 'all' || body.keeps === 'latest' ? body.keeps : null, declaration: body.declaration === true,
    anonymous: body.anonymous === true, minWords: count(body.minWords), maxWords: count(body.maxWords), maxPages: count(body.maxPages),
    parts: Array.isArray(body.parts) ? (body.parts as Record<string, unknown>[]).slice(0, 20).map((p) => ({ label: text(p?.label) ?? 'part', opens: text(p?.opens), due: text(p?.due) })) : [],
  };
}

/** Takes a submission in: fields first, then files. The same key never makes a second submission. */
async function receive(req: Request, res: Response, store: DeskStore, uploads: Uploads): Promise<void> {
  const fields: Record<string, string> = {}, files: { name: string; bytes: Uint8Array; cut: boolean }[] = [], fault = store.takeFault(), whole = Number(req.headers['content-length'] ?? 0);
  let came = 0;
  try {
    await new Promise<void>((resolve, reject) => {
      const parser = busboy({ headers: req.headers, limits: { fileSize: limits.fileBytes, files: limits.files, fields: limits.fields, fieldSize: limits.fieldBytes, headerPairs: limits.headerPairs }, defParamCharset: 'utf8' });
      parser.on('field', (name, value) => { fields[name] = value; });
      parser.on('file', (_, stream, info) => {
        const chunks: Buffer[] = [];
        stream.on('data', (c: Buffer) => chunks.push(c));
        // Names never carry a path; the desk keeps no file on disk in any case.
        stream.on('end', () => files.push({ name: basename((info.filename ?? '').replace(/\\/g, '/')).slice(0, 255) || 'unnamed', bytes: new Uint8Array(Buffer.concat(chunks)), cut: (stream as { truncated?: boolean }).truncated === true }));
      });
      parser.on('close', resolve);
      parser.on('error', reject);
      req.on('aborted', () => reject(new Error('broken off')));
      if (fault.fault === 'lost') req.on('data', (c: Buffer) => { came += c.length; if (came >= (whole * fault.percent) / 100) { req.socket.destroy(); reject(new Error('broken off')); } });
      if (fault.fault === 'slow') req.on('data', () => { req.pause(); setTimeout(() => req.resume(), 60); });
      req.pipe(parser);
    });
  } catch { refuse(res, 400, 'The sending broke off: nothing was stored.'); return; }
  const key = fields.key || randomUUID(), ids = (fields.uploads ?? '').split(' ').filter(Boolean).slice(0, limits.files);
  const known = store.byKey(key);
  if (known) { uploads.forget(ids); res.json({ id: known.id, again: true, ...receiptJson(known) }); return; }
  const place = store.places.get(fields.place ?? '');
  if (!place) { refuse(res, 404, 'There is no such place at this desk.'); return; }
  // Files that came in pieces before, in the order in which they are named.
  for (const id of ids) {
    const file = uploads.take(id);
    if (!file) { refuse(res, 409, 'A part of the set is missing at the desk. Send it again: it goes on where it broke off.'); return; }
    files.push({ name: basename(file.name.replace(/\\/g, '/')).slice(0, 255) || 'unnamed', bytes: file.bytes, cut: false });
  }
  const stored: StoredFile[] = [];
  const spoiled = spoil(files, fault.fault);
  for (const f of spoiled) {
    const facts = await readDocument(f.bytes, f.name);
    const text = facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join(' ').replace(/\s+/g, ' ').trim() : '';
    stored.push({ name: f.name, bytes: f.bytes, sha256: createHash('sha256').update(f.bytes).digest('hex'), kind: sniffKind(f.bytes, f.name).kind, words: facts.words.ok ? facts.words.value : null, pages: facts.pages.ok ? facts.pages.value.length : facts.statedPages, extract: text.split(' ').slice(0, 24).join(' ') });
  }
  // What came is judged, not what a faulty desk makes of it; its words and pages are those of the file that bears its bytes.
  const refusal = files.some((f) => f.cut) ? 'A file is larger than this desk takes.' : whyRefused(place, files.map((f) => { const own = stored.find((s) => s.name === f.name && s.bytes.length === f.bytes.length); return { ...f, kind: sniffKind(f.bytes, f.name).kind, words: own?.words ?? null, pages: own?.pages ?? null }; }), fields, store);
  if (refusal) { refuse(res, 422, refusal); return; }
  const due = place.due ? instantOf(place.due, null, 'end') : null;
  const submission = store.store({ key, place, receivedAt: DateTime.fromJSDate(store.now()).toUTC().set({ millisecond: 0 }).toISO({ suppressMilliseconds: true })!, files: stored, part: openPart(place, store)?.label ?? null, note: (fields.note ?? '').slice(0, 2000), late: due !== null && store.now().getTime() > due, draft: fault.fault === 'draft', receiptWaits: fault.fault === 'receiptDelayed' ? 2 : 0, byMail: fault.fault === 'mailOnly' });
  uploads.forget(ids);
  if (fault.fault === 'answerLost') { req.socket.destroy(); return; }
  res.status(201).json({ id: submission.id, ...receiptJson(submission) });
}

/** What a faulty receiver makes of what arrived. */
function spoil<T extends { name: string; bytes: Uint8Array }>(files: T[], fault: Fault): T[] {
  const first = files[0];
  if (!first) return files;
  if (fault === 'oneOfTwo') return files.slice(0, 1);
  if (fault === 'cutShort') return [{ ...first, bytes: first.bytes.subarray(0, Math.ceil(first.bytes.length * 0.6)) }, ...files.slice(1)];
  if (fault === 'nameChanged') return [{ ...first, name: `upload_1${/\.[^.]*$/.exec(first.name)?.[0] ?? ''}` }, ...files.slice(1)];
  if (fault === 'otherFile') return [{ ...first, bytes: new TextEncoder().encode('Another paper altogether, about the bridges of the upper valley and who paid for them.') }, ...files.slice(1)];
  return files;
}

/** The part of a place whose window is open now; null where there are no parts or none is open. */
function openPart(place: DeskPlace, store: DeskStore): DeskPlace['parts'][number] | null {
  const now = store.now().getTime(), at = (iso: string | null, edge: 'start' | 'end', without: number): number => (iso ? instantOf(iso, null, edge) ?? without : without);
  return place.parts.find((p) => now >= at(p.opens, 'start', -Infinity) && now <= at(p.due, 'end', Infinity)) ?? null;
}

/** @param files - as they came over the line; a faulty desk may store something else and not notice */
function whyRefused(place: DeskPlace, files: Pick<StoredFile, 'name' | 'bytes' | 'kind' | 'words' | 'pages'>[], fields: Record<string, string>, store: DeskStore): string | null {
  const opens = place.opens ? instantOf(place.opens, null, 'start') : null, now = store.now().getTime();
  if (opens !== null && now < opens) return `This place opens on ${showInstant(place.opens!, null)}.`;
  const due = place.due ? instantOf(place.due, null, 'end') : null;
  if (due !== null && now > due) return `This place closed on ${showInstant(place.due!, null)}.`;
  if (place.parts.length > 0 && !openPart(place, store)) return `No part of this place is open now: ${place.parts.map((p) => `${p.label}${p.opens ? ` from ${showInstant(p.opens, null)}` : ''}${p.due ? ` until ${showInstant(p.due, null)}` : ''}`).join('; ')}.`;
  if (typeof place.attempts === 'number' && store.attemptsAt(place.id) >= place.attempts) return 'No attempt is left at this place.';
  if (place.declaration && fields.declaration !== 'yes') return 'The declaration of own work is missing.';
  if (files.length === 0) return 'No file arrived.';
  if (place.documents.length > 0 && files.length !== place.documents.length) return `${place.documents.length} ${place.documents.length === 1 ? 'document is' : 'documents are'} asked for, and ${files.length} arrived.`;
  const open = [...place.documents];
  for (const f of files) {
    if (f.bytes.length === 0) return `“${f.name}” is empty.`;
    if (place.maxBytes !== null && f.bytes.length > place.maxBytes) return `“${f.name}” has ${showBytes(f.bytes.length)}; at most ${showBytes(place.maxBytes)} are taken.`;
    if (/[<>:"|?*\u0000-\u001f]/.test(f.name)) return `“${f.name}” has a sign in its name that this desk does not take.`;
    if (place.minWords !== null && f.words !== null && f.words < place.minWords) return `“${f.name}” has ${f.words} words; at least ${place.minWords} are asked for.`;
    if (place.maxPages !== null && f.pages !== null && f.pages > place.maxPages) return `“${f.name}” has ${f.pages} pages; at most ${place.maxPages} are taken.`;
    const at = open.findIndex((d) => d.types.length === 0 || d.types.includes(f.kind));
    if (open.length > 0 && at < 0) return `“${f.name}” is ${kindNames[f.kind]}; this place takes ${[...new Set(place.documents.flatMap((d) => d.types))].map((t) => kindNames[t]).join(', ')}.`;
    open.splice(at, 1);
  }
  return null;
}
