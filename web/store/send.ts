import { deliver, LineBroken, Refused, type Answer, type Line } from '../../core/send/deliver.ts';
import type { PaperRow, FileRow, SubmissionRow } from './db.ts';
import { db, newId } from './db.ts';
import { logEvent } from './keep.ts';

export interface SendProgress { sent: number; of: number; /** what is going on beside sending */ what?: 'asking' }

/** Sets the place up at the practice desk as the brief describes it: the desk takes what it is told to accept. */
async function setUpPlace(paper: PaperRow): Promise<void> {
  const { brief } = paper;
  const response = await fetch(`/desk/places/${encodeURIComponent(paper.id)}`, {
    method: 'PUT', headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ title: brief.place ?? paper.title, documents: brief.documents, maxBytes: brief.limits.maxBytes, opens: brief.opens, due: brief.extension ?? brief.due, attempts: brief.attempts.allowed, keeps: brief.attempts.keeps, declaration: brief.declaration === true }),
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

/** One sending over the line, with its progress in bytes. */
function postSet(paper: PaperRow, files: FileRow[], key: string, progress: (p: SendProgress) => void, signal: AbortSignal): Promise<Answer> {
  const form = new FormData();
  for (const [k, v] of [['place', paper.id], ['key', key], ['note', paper.note], ['declaration', paper.declared ? 'yes' : 'no']] as const) form.append(k, v);
  for (const f of files) form.append('file', f.blob, f.name);
  return new Promise<Answer>((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('POST', '/desk/submissions');
    request.responseType = 'json';
    request.upload.onprogress = (e) => progress({ sent: e.loaded, of: e.total });
    request.onload = () => {
      const body = request.response as (Answer & { refused?: string }) | null;
      if (request.status < 300 && body?.id) resolve(body); else reject(new Refused(body?.refused ?? `The desk answered ${request.status}.`));
    };
    request.onerror = () => reject(new LineBroken('broken off'));
    request.onabort = () => reject(new LineBroken('stopped'));
    signal.addEventListener('abort', () => request.abort());
    request.send(form);
  });
}

/** The set was handed in at another site by hand: kept as sent, with what went, so that its receipt can be confirmed. */
export async function keepHandedIn(paper: PaperRow, files: FileRow[]): Promise<void> {
  const row: SubmissionRow = { id: newId(), paperKey: paper.id, at: new Date().toISOString(), deskId: '', place: paper.brief.place ?? paper.title, fileIds: files.map((f) => f.id), receiptId: null, note: '' };
  await db.transaction('rw', db.submissions, db.events, async () => { await db.submissions.add(row); await logEvent(paper.id, `Handed in elsewhere by hand: ${files.map((f) => `“${f.name}”`).join(', ')}.`); });
}
