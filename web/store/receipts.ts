import { workPool } from '../workers/client.ts';
import { db, newId, type FileRow, type PaperRow, type ReceiptRow } from './db.ts';
import { logEvent } from './keep.ts';

/** Reads a receipt against the files it ought to speak of, and keeps both the receipt and the comparison. */
export async function keepReceipt(paper: PaperRow, file: File, submissionId: string | null): Promise<ReceiptRow | string> {
  const submission = submissionId ? await db.submissions.get(submissionId) : undefined;
  const files = submission ? (await db.files.bulkGet(submission.fileIds)).filter((f): f is FileRow => f !== undefined) : await db.files.where({ paperKey: paper.id, state: 'current' }).toArray();
  if (files.length === 0) return 'There is nothing to compare the receipt with: bring the paper first.';
  const read = await workPool.run((api) => api.receipt({ name: file.name, blob: file }, files.map((f) => ({ name: f.name, blob: f.blob })), paper.brief, new Date().toISOString())).outcome;
  if (!read.ok) return `${read.message} ${read.remedy}`;
  const row: ReceiptRow = { id: newId(), paperKey: paper.id, name: file.name, blob: new Blob([await file.arrayBuffer()]), at: new Date().toISOString(), submissionId, fileIds: files.map((f) => f.id), result: read.value, returned: [] };
  await db.transaction('rw', db.receipts, db.events, async () => {
    await db.receipts.add(row);
    await logEvent(paper.id, `Receipt “${file.name}”: ${read.value.standing}.`);
  });
  return row;
}
/** What the receiver gave back, compared byte for byte by its sum. */
export async function compareReturned(receipt: ReceiptRow, file: FileRow, returned: Blob, name: string): Promise<void> {
  const glance = await workPool.run((api) => api.glance({ name, blob: returned })).outcome;
  const same = glance.ok && glance.value.sha256 === file.sha256;
  const rest = receipt.returned.filter((r) => r.fileId !== file.id);
  await db.receipts.update(receipt.id, { returned: [...rest, { fileId: file.id, same, name, bytes: returned.size }] });
  await logEvent(receipt.paperKey, `What arrived as “${name}” is ${same ? 'the same, byte for byte' : 'not the same'}.`);
}
