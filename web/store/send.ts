import { defaultOptions, Upload } from 'tus-js-client';
import { deliver, LineBroken, Refused, type Answer, type Line } from '../../core/send/deliver.ts';
import { withOffset, zoneOfTimes } from '../../core/time/instant.ts';
import { clock } from './clock.ts';
import type { PaperRow, FileRow, SubmissionRow } from './db.ts';
import { db, newId } from './db.ts';
import { logEvent } from './keep.ts';

export interface SendProgress { sent: number; of: number; /** at the pace so far */ secondsLeft?: number; /** what is going on beside sending */ what?: 'asking' }

/** Sets the place up at the practice desk as the brief describes it: the desk takes what it is told to accept. */
async function setUpPlace(paper: PaperRow): Promise<void> {
  const { brief } = paper, zone = zoneOfTimes(brief, clock);
  // The desk keeps a clock of its own: it is told instants.
  const told = (iso: string | null, edge: 'start' | 'end'): string | null => (iso === null ? null : withOffset(iso, zone, edge));
  const response = await fetch(`/desk/places/${encodeURIComponent(paper.id)}`, {
    method: 'PUT', headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ title: brief.place ?? paper.title, documents: brief.documents, maxBytes: brief.limits.maxBytes, opens: told(brief.opens, 'start'), due: told(brief.extension ?? brief.due, 'end'), attempts: brief.attempts.allowed, keeps: brief.attempts.keeps, declaration: brief.declaration === true, anonymous: brief.anonymous === true, minWords: brief.limits.minWords, maxWords: brief.limits.maxWords, maxPages: brief.limits.maxPages, parts: brief.parts.map((p) => ({ ...p, opens: told(p.opens, 'start'), due: told(p.due, 'end') })) }),
  });
  if (!response.ok) throw new Refused(`The practice desk could not be reached (${response.status}). Start the application with ./start and try again.`);
}

/** Sends the set to the practice desk and waits for its answer. The key makes sure that a second click is no second submission, and after a broken line
 * the desk is asked what it holds before anything is sent again.
 * @throws {Refused} with the desk's own words, or with what is known when the line stays broken */
export async function sendSet(paper: PaperRow, files: FileRow[], key: string, progress: (p: SendProgress) => void, signal: AbortSignal): Promise<SubmissionRow> {
  await setUpPlace(paper);
  const started = performance.now();
  const line: Line = {
    post: () => postSet(paper, files, key, progress, signal),
    ask: async () => {
      progress({ sent: 0, of: 0, what: 'asking' });
      let response: Response;
      try { response = await fetch(`/desk/submissions/by-key/${encodeURIComponent(key)}`); } catch { throw new LineBroken('nobody answers'); }
      return response.ok ? ((await response.json()) as Answer) : null;
    },
  };
  const delivery = await deliver(line, { stopped: () => signal.aborted });
  if (delivery.state === 'refused') throw new Refused(delivery.why);
  if (delivery.state === 'notStored') throw new Refused(signal.aborted ? 'Sending was stopped. The desk was asked: nothing is stored.' : 'The connection broke each time, and the desk says that nothing is stored. Try again when the line is better; nothing is lost.');
  if (delivery.state === 'unknown') throw new Refused('The connection broke and nobody answers. It is not known whether anything arrived: send again later. The same key never makes a second submission.');
  const { answer } = delivery;
  const seconds = (performance.now() - started) / 1000, bytes = files.reduce((n, f) => n + f.bytes, 0);
  // Only a sending that took a while says anything about the line.
  if (seconds > 0.5) await db.settings.put({ key: 'speed', value: bytes / seconds });
  const row: SubmissionRow = { id: newId(), paperKey: paper.id, at: new Date().toISOString(), deskId: answer.id, place: paper.brief.place ?? paper.title, fileIds: files.map((f) => f.id), receiptId: null, note: paper.note };
  await db.transaction('rw', db.submissions, db.events, async () => { await db.submissions.add(row); await logEvent(paper.id, `Sent ${files.length} ${files.length === 1 ? 'file' : 'files'}; the desk answered ${answer.id}.`); });
  return row;
}

const uploads = '/desk/uploads';
/** One name for one file of one set: what is at the desk already is found under it, also after a reload. */
const fingerprintOf = (key: string, file: FileRow): string => `hand-over ${key} ${file.id} ${file.sha256}`;
/** Whether an earlier sending of this set broke off with a part of it at the desk. */
export async function brokenOff(key: string, files: FileRow[]): Promise<boolean> {
  const found = await Promise.all(files.map((f) => defaultOptions.urlStorage.findUploadsByFingerprint(fingerprintOf(key, f))));
  return found.some((list) => list.length > 0);
}

/** One sending over the line: each file in pieces, going on where a line broke; then the set as a whole under its key. */
async function postSet(paper: PaperRow, files: FileRow[], key: string, progress: (p: SendProgress) => void, signal: AbortSignal): Promise<Answer> {
  const of = files.reduce((n, f) => n + f.bytes, 0), begun = performance.now(), ids: string[] = [];
  let before = 0, first: number | null = null;
  const tell = (sent: number): void => {
    first ??= sent;
    const seconds = (performance.now() - begun) / 1000, rate = (sent - first) / seconds;
    progress({ sent, of, ...(seconds > 1 && rate > 0 ? { secondsLeft: Math.ceil((of - sent) / rate) } : {}) });
  };
  for (const f of files) { ids.push(await uploadFile(f, fingerprintOf(key, f), (sent) => tell(before + sent), signal)); before += f.bytes; }
  const form = new FormData();
  for (const [k, v] of [['place', paper.id], ['key', key], ['note', paper.note], ['declaration', paper.declared ? 'yes' : 'no'], ['uploads', ids.join(' ')]] as const) form.append(k, v);
  const response = await fetch('/desk/submissions', { method: 'POST', body: form, signal }).catch(() => { throw new LineBroken('broken off'); });
  const body = (await response.json().catch(() => null)) as (Answer & { refused?: string }) | null;
  if (response.status !== 409) await forgetUploads(key, files);
  if (response.ok && body?.id) return body;
  throw new Refused(body?.refused ?? `The desk answered ${response.status}.`);
}
async function forgetUploads(key: string, files: FileRow[]): Promise<void> {
  for (const f of files) for (const u of await defaultOptions.urlStorage.findUploadsByFingerprint(fingerprintOf(key, f))) await defaultOptions.urlStorage.removeUpload(u.urlStorageKey);
}

/** @returns the id under which the desk keeps the file until the set is handed in */
function uploadFile(file: FileRow, fingerprint: string, progress: (sent: number) => void, signal: AbortSignal): Promise<string> {
  return new Promise((resolve, reject) => {
    const upload = new Upload(file.blob as File, {
      endpoint: uploads, chunkSize: 1 << 20, retryDelays: [300, 1000, 2500], metadata: { filename: file.name }, fingerprint: () => Promise.resolve(fingerprint),
      onProgress: (sent) => progress(sent), onSuccess: () => resolve(upload.url!.split('/').pop()!),
      onError: (error) => { const status = 'originalResponse' in error ? error.originalResponse?.getStatus() ?? 0 : 0; reject(status >= 400 && status < 500 ? new Refused(`The desk did not take “${file.name}” (${status}).`) : new LineBroken('broken off')); },
    });
    signal.addEventListener('abort', () => { void upload.abort(); reject(new LineBroken('stopped')); });
    // What the desk has already is not sent again.
    void upload.findPreviousUploads().then((earlier) => { if (earlier[0]) upload.resumeFromPreviousUpload(earlier[0]); if (signal.aborted) reject(new LineBroken('stopped')); else upload.start(); });
  });
}

/** The set was handed in at another site by hand: kept as sent, with what went, so that its receipt can be confirmed. */
export async function keepHandedIn(paper: PaperRow, files: FileRow[]): Promise<void> {
  const row: SubmissionRow = { id: newId(), paperKey: paper.id, at: new Date().toISOString(), deskId: '', place: paper.brief.place ?? paper.title, fileIds: files.map((f) => f.id), receiptId: null, note: '' };
  await db.transaction('rw', db.submissions, db.events, async () => { await db.submissions.add(row); await logEvent(paper.id, `Handed in elsewhere by hand: ${files.map((f) => `“${f.name}”`).join(', ')}.`); });
}
