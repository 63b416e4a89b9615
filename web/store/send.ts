import type { PaperRow, FileRow, SubmissionRow } from './db.ts';
import { db, newId } from './db.ts';
import { logEvent } from './keep.ts';

export interface SendProgress { sent: number; of: number }
export interface DeskAnswer { id: string; receipt: string; receivedAt: string; again?: boolean }
export class Refused extends Error {}

/** Sets the place up at the practice desk as the brief describes it: the desk takes what it is told to accept. */
async function setUpPlace(paper: PaperRow): Promise<void> {
  const { brief } = paper;
  const response = await fetch(`/desk/places/${encodeURIComponent(paper.id)}`, {
    method: 'PUT', headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ title: brief.place ?? paper.title, documents: brief.documents, maxBytes: brief.limits.maxBytes, opens: brief.opens, due: brief.extension ?? brief.due, attempts: brief.attempts.allowed, keeps: brief.attempts.keeps, declaration: brief.declaration === true }),
  });
  if (!response.ok) throw new Refused(`The practice desk could not be reached (${response.status}). Start the application with ./start and try again.`);
}

/** Sends the set to the practice desk and waits for its answer. The key makes sure that a second click is no second submission.
 * @throws {Refused} with the desk's own words */
export async function sendSet(paper: PaperRow, files: FileRow[], key: string, progress: (p: SendProgress) => void, signal: AbortSignal): Promise<SubmissionRow> {
  await setUpPlace(paper);
  const form = new FormData(), started = performance.now();
  for (const [k, v] of [['place', paper.id], ['key', key], ['note', paper.note], ['declaration', paper.declared ? 'yes' : 'no']] as const) form.append(k, v);
  for (const f of files) form.append('file', f.blob, f.name);
  const answer = await new Promise<DeskAnswer>((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', '/desk/submissions');
    request.responseType = 'json';
    request.upload.onprogress = (e) => progress({ sent: e.loaded, of: e.total });
    request.onload = () => {
      const body = request.response as (DeskAnswer & { refused?: string }) | null;
      if (request.status < 300 && body?.id) resolve(body); else reject(new Refused(body?.refused ?? `The desk answered ${request.status}.`));
    };
    request.onerror = () => reject(new Refused('The connection broke off before the desk answered. It is not known whether anything arrived: send again, the same key never makes a second submission.'));
    request.onabort = () => reject(new Refused('Sending was stopped.'));
    signal.addEventListener('abort', () => request.abort());
    request.send(form);
  });
  const seconds = (performance.now() - started) / 1000, bytes = files.reduce((n, f) => n + f.bytes, 0);
  // Only a sending that took a while says anything about the line.
  if (seconds > 0.5) await db.settings.put({ key: 'speed', value: bytes / seconds });
  const row: SubmissionRow = { id: newId(), paperKey: paper.id, at: new Date().toISOString(), deskId: answer.id, place: paper.brief.place ?? paper.title, fileIds: files.map((f) => f.id), receiptId: null, note: paper.note };
  await db.transaction('rw', db.submissions, db.events, async () => { await db.submissions.add(row); await logEvent(paper.id, `Sent ${files.length} ${files.length === 1 ? 'file' : 'files'}; the desk answered ${answer.id}.`); });
  return row;
}
