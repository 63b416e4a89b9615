import { deskPool } from '../workers/client.ts';
import { localNow } from './clock.ts';
import { db, newId, type FileRow, type PaperRow, type ReceiptRow } from './db.ts';
import { logEvent } from './keep.ts';

/** Reads a receipt against the files it ought to speak of, and keeps both the receipt and the comparison. */
export async function keepReceipt(paper: PaperRow, file: File, submissionId: string | null): Promise<ReceiptRow | string> {
  const submission = submissionId ? await db.submissions.get(submissionId) : undefined;
  const files = submission ? (await db.files.bulkGet(submission.fileIds)).filter((f): f is FileRow => f !== undefined) : await db.files.where({ paperKey: paper.id, state: 'current' }).toArray();
  if (files.length === 0) return 'There is nothing to compare the receipt with: bring the paper first.';
  const read = await deskPool.run((api) => api.receipt({ name: file.name, blob: file }, files.map((f) => ({ name: f.name, blob: f.blob })), paper.brief, localNow())).outcome;
  if (!read.ok) return `${read.message} ${read.remedy}`;
  const row: ReceiptRow = { id: newId(), paperKey: paper.id, name: file.name, blob: new Blob([await file.arrayBuffer()]), at: new Date().toISOString(), submissionId, fileIds: files.map((f) => f.id), result: read.value, returned: [] };
  await db.transaction('rw', db.receipts, db.events, async () => {
    await db.receipts.add(row);
    await logEvent(paper.id, `Receipt “${file.name}”: ${read.value.standing}.`);
  });
  return row;
}
/** What the receiver gave back: byte for byte, and where it was written anew, its words and pages. */
export async function compareReturned(receipt: ReceiptRow, file: FileRow, returned: Blob, name: string): Promise<string | null> {
  const compared = await deskPool.run((api) => api.arrived({ name: file.name, blob: file.blob }, { name, blob: returned })).outcome;
  if (!compared.ok) return `${compared.message} ${compared.remedy}`;
  const arrived = compared.value, rest = receipt.returned.filter((r) => r.fileId !== file.id);
  await db.receipts.update(receipt.id, { returned: [...rest, { fileId: file.id, same: arrived.standing === 'same', name, bytes: returned.size, arrived }] });
  await logEvent(receipt.paperKey, `What arrived as “${name}” is ${arrived.standing === 'same' ? 'the same, byte for byte' : arrived.standing === 'sameContent' ? 'written anew, with the same words and pages' : 'not the same'}.`);
  return null;
}
/** How a receipt stands with what was fetched back: another paper refutes it, whatever it says. */
export const standingOf = (receipt: ReceiptRow): ReceiptRow['result']['standing'] => (receipt.returned.some((r) => (r.arrived ? r.arrived.standing === 'other' : !r.same)) ? 'refuted' : receipt.result.standing);
