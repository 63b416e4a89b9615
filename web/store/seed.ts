import type { Details } from '../../core/index.ts';
import { deskPool } from '../workers/client.ts';
import { db } from './db.ts';
import { bringFiles } from './bring.ts';
import { confirmSlots, startPaper } from './papers.ts';
import { keepReceipt } from './receipts.ts';

interface Manifest { details: Details; now: string; papers: { title: string; course: string; wording: string; files: string[]; receipt: string | null }[] }

/** Puts the demonstration into an empty store, once. Without the server's demonstration the store stays empty. */
export async function seedDemo(): Promise<void> {
  if ((await db.settings.get('seeded')) || (await db.papers.count()) > 0) return;
  const response = await fetch('/demo/manifest.json').catch(() => null);
  if (!response?.ok) return;
  const manifest = (await response.json()) as Manifest;
  await db.settings.bulkPut([{ key: 'seeded', value: true }, { key: 'details', value: manifest.details }]);
  const fetchFile = async (name: string): Promise<File> => {
    const answer = await fetch(`/demo/files/${encodeURIComponent(name)}`);
    if (!answer.ok) throw new Error(`“${name}” of the demonstration did not come`);
    return new File([await answer.blob()], name);
  };
  for (const paper of manifest.papers) {
    const id = await startPaper(paper.title, paper.course);
    const read = await deskPool.run((api) => api.brief(paper.wording, manifest.now)).outcome;
    await db.papers.update(id, { wording: paper.wording, wordingAt: manifest.now, ...(read.ok ? { brief: read.value.brief, remarks: read.value.remarks } : {}) });
    const row = (await db.papers.get(id))!;
    await bringFiles(row, (await Promise.all(paper.files.map(fetchFile))).map((f) => ({ name: f.name, blob: f, fileTime: null })));
    await confirmSlots(id);
    if (paper.receipt) await keepReceipt(row, await fetchFile(paper.receipt), null);
  }
}
