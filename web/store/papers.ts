import { emptyBrief, type Brief, type Kind } from '../../core/index.ts';
import { deskPool } from '../workers/client.ts';
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

/** Gives a file its place. Whoever held the place before answers for nothing, unless the two change places. */
export async function setSlot(file: FileRow, slot: number | null): Promise<void> {
  await db.transaction('rw', db.files, async () => {
    const held = slot === null ? [] : await db.files.where({ paperKey: file.paperKey, state: 'current' }).filter((f) => f.slot === slot && f.id !== file.id).toArray();
    for (const other of held) await db.files.update(other.id, { slot: file.slot, proposed: false });
    await db.files.update(file.id, { slot, proposed: false });
  });
}
export const confirmSlots = (paperKey: string): Promise<number> => db.files.where({ paperKey, state: 'current' }).modify({ proposed: false });
export async function removeFile(file: FileRow): Promise<void> { await db.files.update(file.id, { state: 'removed' }); await logEvent(file.paperKey, `Removed “${file.name}”.`); }
export async function restoreFile(file: FileRow): Promise<void> { await db.files.update(file.id, { state: 'current' }); await logEvent(file.paperKey, `Put “${file.name}” back.`); }

/** Keeps a mended copy in place of the one it was made from. */
export async function keepMended(from: FileRow, made: Made, name: string, blob: Blob, kind: Kind): Promise<string> {
  const glance = await deskPool.run((api) => api.glance({ name, blob })).outcome;
  const id = newId();
  await db.transaction('rw', db.files, db.events, async () => {
    await db.files.update(from.id, { state: 'replaced' });
    await db.files.add({ ...from, id, name, blob, kind, bytes: blob.size, sha256: glance.ok ? glance.value.sha256 : '', addedAt: new Date().toISOString(), parent: from.id, made, state: 'current' });
    await logEvent(from.paperKey, `Mended: ${made.mend} of “${from.name}” gave “${name}”.`);
  });
  return id;
}
/** Keeps what was made of several files in their place; they stay behind it. */
export async function keepTogether(parts: FileRow[], name: string, blob: Blob, made: Extract<Made, { parts: string[] }>, kind: Kind = 'pdf'): Promise<void> {
  const glance = await deskPool.run((api) => api.glance({ name, blob })).outcome, first = parts[0]!, slot = parts.find((p) => p.slot !== null)?.slot ?? null;
  await db.transaction('rw', db.files, db.events, async () => {
    for (const p of parts) await db.files.update(p.id, { state: 'replaced' });
    await db.files.add({ ...first, id: newId(), name, blob, kind, slot, bytes: blob.size, sha256: glance.ok ? glance.value.sha256 : '', addedAt: new Date().toISOString(), parent: first.id, made, state: 'current' });
    await logEvent(first.paperKey, `Made “${name}” of ${parts.length} ${parts.length === 1 ? 'file' : 'files'}.`);
  });
}
/** Takes a mend back: the copy it was made from is current again. */
export async function undoMend(file: FileRow): Promise<void> {
  if (!file.parent) return;
  const parent = file.parent;
  await db.transaction('rw', db.files, db.events, async () => {
    await db.files.update(file.id, { state: 'removed' });
    for (const id of file.made && 'parts' in file.made ? file.made.parts : [parent]) await db.files.update(id, { state: 'current' });
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
  // What was read of its files goes with them.
  await deskPool.run((api) => api.forget()).outcome;
}
/** Takes the details away, and with them every check that names them. */
export async function wipeDetails(): Promise<void> {
  await db.settings.delete('details');
  await db.checks.clear();
}
