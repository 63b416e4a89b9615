import { workPool } from '../workers/client.ts';
import { db } from './db.ts';

const format = 'hand-over-backup-1';
const tables = ['papers', 'files', 'checks', 'submissions', 'receipts', 'events', 'settings', 'patterns', 'sources'] as const;

/** Everything the application keeps, in one ZIP: rows as JSON, files beside them. @throws Error with a sentence to show */
export async function writeBackup(): Promise<Blob> {
  const entries: { path: string; blob: Blob }[] = [], rows: Record<string, unknown[]> = {};
  for (const name of tables) rows[name] = (await db.table(name).toArray()).map((row: Record<string, unknown>) => Object.fromEntries(Object.entries(row).map(([k, v]) => {
    if (!(v instanceof Blob)) return [k, v];
    const path = `blobs/${entries.length}`;
    entries.push({ path, blob: v });
    return [k, { blob: path, type: v.type }];
  })));
  const o = await workPool.run((api) => api.pack([{ path: 'rows.json', blob: new Blob([JSON.stringify({ format, at: new Date().toISOString(), rows })]) }, ...entries])).outcome;
  if (!o.ok) throw new Error(o.message);
  return o.value;
}

/** Puts a backup back in place of everything that is here. Nothing is touched before the whole of it has been read. @throws Error with a sentence to show */
export async function restoreBackup(file: File): Promise<{ papers: number; files: number }> {
  const o = await workPool.run((api) => api.open({ name: file.name, blob: file })).outcome;
  if (!o.ok) throw new Error(`${o.message} ${o.remedy}`);
  const parts = new Map(o.value.map((p) => [p.path, p.blob]));
  let kept: { format?: string; rows?: Record<string, Record<string, unknown>[]> };
  try { kept = JSON.parse((await parts.get('rows.json')?.text()) ?? '{}') as typeof kept; } catch { kept = {}; }
  if (kept.format !== format || !kept.rows) throw new Error(`“${file.name}” is no backup of Hand Over.`);
  const rows = kept.rows, missing: string[] = [];
  for (const list of Object.values(rows)) for (const row of list) for (const [k, v] of Object.entries(row)) {
    const ref = v as { blob?: string; type?: string } | null;
    if (!ref || typeof ref !== 'object' || typeof ref.blob !== 'string') continue;
    const blob = parts.get(ref.blob);
    if (blob) row[k] = new Blob([blob], { type: ref.type ?? '' }); else missing.push(ref.blob);
  }
  if (missing.length > 0) throw new Error(`The backup is not whole: ${missing.length} files are missing in it. Nothing was changed.`);
  await db.transaction('rw', tables.map((t) => db.table(t)), async () => { for (const t of tables) { await db.table(t).clear(); await db.table(t).bulkAdd(rows[t] ?? []); } });
  return { papers: rows.papers?.length ?? 0, files: rows.files?.length ?? 0 };
}
