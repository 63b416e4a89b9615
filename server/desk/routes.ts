import busboy from 'busboy';
import { createHash, randomUUID } from 'node:crypto';
import { basename } from 'node:path';
import { Router, json, type Request, type Response } from 'express';
import { DateTime } from 'luxon';
import { instantOf, kindNames, readDocument, showBytes, showInstant, sniffKind, type DocumentDemand } from '../../core/index.ts';
import { DeskStore, type DeskPlace, type StoredFile } from './store.ts';
import { receiptJson, receiptPdf } from './receipt.ts';
import { deskPage } from './page.ts';

const limits = { fileBytes: 110 << 20, files: 10, fields: 20, fieldBytes: 20_000, headerPairs: 100 };

/** The practice desk: a simulated receiver. It takes what it was told to accept, refuses the rest with a reason, and issues a receipt. */
export function deskRoutes(store = new DeskStore()): Router {
  const router = Router();
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
  router.get('/submissions', (_, res) => { res.json(store.submissions.map((s) => ({ id: s.id, receivedAt: s.receivedAt, place: s.place.title, files: s.files.map((f) => f.name) }))); });
  router.post('/submissions', (req, res) => { void receive(req, res, store); });
  router.get('/submissions/by-key/:key', (req, res) => { const s = store.byKey(String(req.params.key)); if (s) res.json({ id: s.id, ...receiptJson(s) }); else refuse(res, 404, 'Nothing was received under this key.'); });
  router.get('/submissions/:id/receipt.json', (req, res) => { const s = store.find(String(req.params.id)); if (s) res.json(receiptJson(s)); else refuse(res, 404, 'No such receipt.'); });
  router.get('/submissions/:id/receipt.pdf', (req, res) => {
    const s = store.find(String(req.params.id));
    if (!s) { refuse(res, 404, 'No such receipt.'); return; }
    receiptPdf(s).then((bytes) => res.type('pdf').attachment(`receipt-${s.id}.pdf`).send(Buffer.from(bytes)), () => refuse(res, 500, 'The receipt could not be written.'));
  });
  router.get('/submissions/:id/files/:index', (req, res) => {
    const file = store.find(String(req.params.id))?.files[Number(req.params.index)];
    if (file) res.type('application/octet-stream').attachment(file.name).send(Buffer.from(file.bytes)); else refuse(res, 404, 'No such file.');
  });
  return router;
}

const refuse = (res: Response, status: number, message: string): void => { if (!res.headersSent) res.status(status).json({ refused: message }); };

function readPlace(id: string, body: Record<string, unknown>): DeskPlace | null {
  const text = (v: unknown): string | null => (typeof v === 'string' && v.trim() ? v.trim().slice(0, 200) : null);
  const title = text(body.title);
  if (!title) return null;
  const documents = Array.isArray(body.documents) ? (body.documents as DocumentDemand[]).slice(0, 10).map((d) => ({ label: text(d?.label), types: Array.isArray(d?.types) ? d.types.filter((t) => t in kindNames) : [] })) : [];
  return {
    id: id.slice(0, 80), title, documents, maxBytes: typeof body.maxBytes === 'number' && body.maxBytes > 0 ? body.maxBytes : null, opens: text(body.opens), due: text(body.due),
    attempts: body.attempts === 'unlimited' ? 'unlimited' : typeof body.attempts === 'number' ? body.attempts : null, keeps: body.keeps === 'all' || body.keeps === 'latest' ? body.keeps : null, declaration: body.declaration === true,
  };
}

/** Takes a submission in: fields first, then files. The same key never makes a second submission. */
async function receive(req: Request, res: Response, store: DeskStore): Promise<void> {
  const fields: Record<string, string> = {}, files: { name: string; bytes: Uint8Array; cut: boolean }[] = [];
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
      req.pipe(parser);
    });
  } catch { refuse(res, 400, 'The sending broke off: nothing was stored.'); return; }
  const key = fields.key || randomUUID();
  const known = store.byKey(key);
  if (known) { res.json({ id: known.id, again: true, ...receiptJson(known) }); return; }
  const place = store.places.get(fields.place ?? '');
  if (!place) { refuse(res, 404, 'There is no such place at this desk.'); return; }
  const stored: StoredFile[] = [];
  for (const f of files) {
    const facts = await readDocument(f.bytes, f.name);
    const text = facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join(' ').replace(/\s+/g, ' ').trim() : '';
    stored.push({ name: f.name, bytes: f.bytes, sha256: createHash('sha256').update(f.bytes).digest('hex'), kind: sniffKind(f.bytes, f.name).kind, words: facts.words.ok ? facts.words.value : null, extract: text.split(' ').slice(0, 24).join(' ') });
  }
  const refusal = files.some((f) => f.cut) ? 'A file is larger than this desk takes.' : whyRefused(place, stored, fields, store);
  if (refusal) { refuse(res, 422, refusal); return; }
  const due = place.due ? instantOf(place.due, null, 'end') : null;
  const submission = store.store({ key, place, receivedAt: DateTime.fromJSDate(store.now()).toUTC().set({ millisecond: 0 }).toISO({ suppressMilliseconds: true })!, files: stored, note: (fields.note ?? '').slice(0, 2000), late: due !== null && store.now().getTime() > due });
  res.status(201).json({ id: submission.id, ...receiptJson(submission) });
}

function whyRefused(place: DeskPlace, files: StoredFile[], fields: Record<string, string>, store: DeskStore): string | null {
  const opens = place.opens ? instantOf(place.opens, null, 'start') : null, now = store.now().getTime();
  if (opens !== null && now < opens) return `This place opens on ${showInstant(place.opens!, null)}.`;
  const due = place.due ? instantOf(place.due, null, 'end') : null;
  if (due !== null && now > due) return `This place closed on ${showInstant(place.due!, null)}.`;
  if (typeof place.attempts === 'number' && store.attemptsAt(place.id) >= place.attempts) return 'No attempt is left at this place.';
  if (place.declaration && fields.declaration !== 'yes') return 'The declaration of own work is missing.';
  if (files.length === 0) return 'No file arrived.';
  if (place.documents.length > 0 && files.length !== place.documents.length) return `${place.documents.length} ${place.documents.length === 1 ? 'document is' : 'documents are'} asked for, and ${files.length} arrived.`;
  const open = [...place.documents];
  for (const f of files) {
    if (f.bytes.length === 0) return `“${f.name}” is empty.`;
    if (place.maxBytes !== null && f.bytes.length > place.maxBytes) return `“${f.name}” has ${showBytes(f.bytes.length)}; at most ${showBytes(place.maxBytes)} are taken.`;
    const at = open.findIndex((d) => d.types.length === 0 || d.types.includes(f.kind));
    if (open.length > 0 && at < 0) return `“${f.name}” is ${kindNames[f.kind]}; this place takes ${[...new Set(place.documents.flatMap((d) => d.types))].map((t) => kindNames[t]).join(', ')}.`;
    open.splice(at, 1);
  }
  return null;
}
