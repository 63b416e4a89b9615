import { emptyBrief, type Brief, type Kind } from '../../core/index.ts';
import { workPool } from '../workers/client.ts';
import { db, newId, type FileRow, type Made, type PaperRow } from './db.ts';
import { logEvent } from './keep.ts';

export async function startPaper(title = 'Untitled paper', course = ''): Promise<string> {
  const id = newId();
  await db.transaction('rw', db.papers, db.events, async () => {
    await db.papers.add({ id, title, course, wording: '', wordingAt: null, brief: emptyBrief(), createdAt: new Date().toISOString(), reasons: {}, declared: false, note: '', remarks: [], templates: [], insisted: [] });
    await logEvent(id, 'Paper started.');
  });
  return id;
}
export const changePaper = (id: string, change: Partial<PaperRow>): Promise<number> => db.papers.update(id, change);
export const changeBrief = (id: string, brief: Brief): Promise<number> => db.papers.update(id, { brief });

/** Takes files in: their bytes are kept as they are. The first free slot of a fitting kind is proposed. */
export async function bringFiles(paper: PaperRow, files: File[], slot?: number | null): Promise<string[]> {
  const ids: string[] = [];
  for (const file of files) {
    const glance = await workPool.run((api) => api.glance({ name: file.name, blob: file })).outcome;
    const kind: Kind = glance.ok ? glance.value.kind : 'unknown';
    // The bytes are copied out of the file, so that it may be moved or changed afterwards.
    const blob = new Blob([await file.arrayBuffer()], { type: file.type });
    ids.push(await db.transaction('rw', db.files, db.events, async () => {
      const current = await db.files.where({ paperKey: paper.id, state: 'current' }).toArray();
      const place = slot !== undefined ? slot : freeSlot(paper.brief, current, kind);
      if (slot !== undefined && slot !== null) for (const old of current.filter((f) => f.slot === slot)) await db.files.update(old.id, { state: 'replaced' });
      const row: FileRow = { id: newId(), paperKey: paper.id, slot: place, name: file.name, blob, bytes: blob.size, kind, sha256: glance.ok ? glance.value.sha256 : '', addedAt: new Date().toISOString(), parent: null, made: null, state: 'current' };
      await db.files.add(row);
      await logEvent(paper.id, `Brought “${file.name}” (SHA-256 ${row.sha256.slice(0, 12)}…).`);
      return row.id;
    }));
  }
  return ids;
}

function freeSlot(brief: Brief, current: FileRow[], kind: Kind): number | null {
  const free = brief.documents.map((_, i) => i).filter((i) => !current.some((f) => f.slot === i));
  return free.find((i) => brief.documents[i]!.types.includes(kind)) ?? free[0] ?? null;
}

export const setSlot = (id: string, slot: number | null): Promise<number> => db.files.update(id, { slot });
export async function removeFile(file: FileRow): Promise<void> { await db.files.update(file.id, { state: 'removed' }); await logEvent(file.paperKey, `Removed “${file.name}”.`); }
export async function restoreFile(file: FileRow): Promise<void> { await db.files.update(file.id, { state: 'current' }); await logEvent(file.paperKey, `Put “${file.name}” back.`); }

/** Keeps a mended copy in place of the one it was made from. */
export async function keepMended(from: FileRow, made: Made, name: string, blob: Blob, kind: Kind): Promise<string> {
  const glance = await workPool.run((api) => api.glance({ name, blob })).outcome;
  const id = newId();
  await db.transaction('rw', db.files, db.events, async () => {
    await db.files.update(from.id, { state: 'replaced' });
    await db.files.add({ ...from, id, name, blob, kind, bytes: blob.size, sha256: glance.ok ? glance.value.sha256 : '', addedAt: new Date().toISOString(), parent: from.id, made, state: 'current' });
    await logEvent(from.paperKey, `Mended: ${made.mend} of “${from.name}” gave “${name}”.`);
  });
  return id;
}
/** Takes a mend back: the copy it was made from is current again. */
export async function undoMend(file: FileRow): Promise<void> {
  if (!file.parent) return;
  const parent = file.parent;
  await db.transaction('rw', db.files, db.events, async () => {
    await db.files.update(file.id, { state: 'removed' });
    await db.files.update(parent, { state: 'current' });
    await logEvent(file.paperKey, `Took back: ${file.made?.mend ?? 'mend'} of “${file.name}”.`);
  });
}
/** The line of versions of a file, newest first. */
export function lineOf(file: FileRow, all: FileRow[]): FileRow[] {
  const line = [file];
  for (let at = file; at.parent;) { const before = all.find((f) => f.id === at.parent); if (!before) break; line.push(before); at = before; }
  return line;
}
export async function removePaper(id: string): Promise<void> {
  await db.transaction('rw', [db.papers, db.files, db.checks, db.submissions, db.receipts, db.events, db.sources], async () => {
    await db.papers.delete(id);
    for (const t of [db.files, db.submissions, db.receipts, db.events, db.sources] as const) await (t as typeof db.files).where({ paperKey: id }).delete();
    await db.checks.delete(id);
  });
}
