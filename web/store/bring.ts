import { matchCandidates, type Brief, type Kind } from '../../core/index.ts';
import { workPool } from '../workers/client.ts';
import { db, newId, type FileRow, type PaperRow } from './db.ts';
import { explainStoreError } from './explain.ts';
import { logEvents } from './keep.ts';

/** A file on its way in: from disk, from the clipboard, out of an archive, or from another paper. */
export interface Incoming { name: string; blob: Blob; fileTime: number | null; from?: string }
export interface Brought { ids: string[]; failed: { name: string; why: string }[] }
/** A paper of more files than this is a folder dropped by mistake. */
export const mostFiles = 200;

export const fromDisk = (file: File): Incoming => ({ name: file.name, blob: file, fileTime: file.lastModified });

/** Takes files in: all are listed at once and kept as they are; then each is looked at, and a place is proposed for it. */
export async function bringFiles(paper: PaperRow, files: Incoming[], slot?: number | null): Promise<Brought> {
  const before = await db.files.where({ paperKey: paper.id, state: 'current' }).count();
  const failed = files.slice(Math.max(0, mostFiles - before)).map((f) => ({ name: f.name, why: `A paper takes ${mostFiles} files at most. Bring the documents themselves.` }));
  const rows = files.slice(0, Math.max(0, mostFiles - before)).map((f, i): FileRow => ({
    id: newId(), paperKey: paper.id, slot: null, name: f.name, blob: f.blob, bytes: f.blob.size, kind: 'unknown', sha256: '', addedAt: new Date(Date.now() + i).toISOString(),
    parent: null, made: null, state: 'current', fileTime: f.fileTime, reading: true, from: f.from,
  }));
  const kept = await keepRows(rows, failed);
  await lookAt(paper.brief, kept, slot);
  await logEvents(paper.id, kept.map((row) => `Brought “${row.name}”${row.from ? ` from ${row.from}` : ''} (${row.bytes} bytes).`));
  return { ids: kept.map((r) => r.id), failed };
}

/** All rows in one transaction; where that fails, one by one, so that a file that has gone spoils no other. */
async function keepRows(rows: FileRow[], failed: Brought['failed']): Promise<FileRow[]> {
  try { await db.files.bulkAdd(rows); return rows; } catch (error) {
    if (rows.length <= 1) { if (rows[0]) failed.push({ name: rows[0].name, why: explainStoreError(error) }); return []; }
  }
  const kept: FileRow[] = [];
  for (const row of rows) {
    try { await db.files.add(row); kept.push(row); } catch (error) { failed.push({ name: row.name, why: explainStoreError(error) }); }
  }
  return kept;
}

/** Kind, sum and first words of each, in the workers; then their places. */
async function lookAt(brief: Brief, rows: FileRow[], slot?: number | null): Promise<void> {
  // What was seen is written down a few times a second and not file by file: each writing draws the whole list anew.
  const waiting = new Map<string, { kind: Kind; sha256: string }>();
  const writeDown = async (): Promise<void> => { const rest = [...waiting].map(([key, changes]) => ({ key, changes })); waiting.clear(); if (rest.length > 0) await db.files.bulkUpdate(rest); };
  const timer = setInterval(() => void writeDown(), 300);
  const seen = await Promise.all(rows.map(async (row) => {
    const glance = await workPool.run((api) => api.glance({ name: row.name, blob: row.blob })).outcome;
    const kind: Kind = glance.ok ? glance.value.kind : 'unknown';
    waiting.set(row.id, { kind, sha256: glance.ok ? glance.value.sha256 : '' });
    return { row, kind, head: glance.ok ? glance.value.head : '' };
  })).finally(() => clearInterval(timer));
  await writeDown();
  const paperKey = rows[0]?.paperKey;
  if (!paperKey) return;
  await db.transaction('rw', db.files, async () => {
    const current = await db.files.where({ paperKey, state: 'current' }).toArray();
    if (slot !== undefined) {
      if (slot !== null) for (const old of current.filter((f) => f.slot === slot && f.id !== rows[0]!.id)) await db.files.update(old.id, { state: 'replaced' });
      for (const [i, { row }] of seen.entries()) await db.files.update(row.id, { slot: i === 0 ? slot : null, reading: false, proposed: false });
      return;
    }
    const free = brief.documents.map((_, i) => i).filter((i) => !current.some((f) => f.slot === i));
    const matching = matchCandidates(seen.map(({ row, kind, head }) => ({ name: row.name, kind, head })), { ...brief, documents: free.map((i) => brief.documents[i]!) });
    for (const [i, { row }] of seen.entries()) {
      const place = matching[i] ? free.find((f) => brief.documents[f] === matching[i]) ?? null : null;
      await db.files.update(row.id, { slot: place, reading: false, proposed: place !== null });
    }
  });
}

/** Takes up again what a closed window interrupted. */
export async function resumeReading(): Promise<void> {
  const open = await db.files.filter((f) => f.reading === true).toArray();
  for (const paperKey of new Set(open.map((f) => f.paperKey))) {
    const paper = await db.papers.get(paperKey);
    if (paper) await lookAt(paper.brief, open.filter((f) => f.paperKey === paperKey));
  }
}
