import { DateTime } from 'luxon';
import { readDocument } from '../readers/index.ts';
import { compareReceipt, type Agreement, type ReceiptStanding } from '../receipt/agree.ts';
import { readFields, type ReceiptFields } from '../receipt/fields.ts';
import { receiptToText } from '../receipt/to-text.ts';
import { sumOf } from '../receipt/sums.ts';
import type { Brief } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface ReceiptResult { fields: ReceiptFields; agreement: Agreement[]; standing: ReceiptStanding }

/** Reads a receipt of any textual form and compares it, field by field, with the files that were meant to be sent. @param clock - the zone of the student's clock */
export async function readReceipt(receipt: SourceFile, files: SourceFile[], brief: Brief | null, nowIso: string, job: Job = {}, clock: string | null = null): Promise<ReceiptResult> {
  const text = await receiptToText(receipt.bytes, receipt.name, 0, 'receipt', job.ocr);
  const facts: DocumentFacts[] = [];
  for (const f of files) facts.push(await readDocument(f.bytes, f.name));
  const read = readFields(text, files.map((f) => f.name), brief?.timeZone ?? offsetOf(brief?.due ?? null), around(brief?.due ?? null) ?? nowIso);
  return { fields: read.fields, ...compareReceipt(read, facts, brief, ({ algorithm }) => files.map((f) => sumOf(algorithm, f.bytes)), clock) };
}
/** A date without a year is that of the months before the due time, or of the weeks after it, whenever somebody looks. */
const around = (due: string | null): string | null => (due === null ? null : DateTime.fromISO(due, { setZone: true }).plus({ days: 60 }).toISO());
const offsetOf = (iso: string | null): string | null => { const m = /([+-]\d{2}:\d{2})$/.exec(iso ?? ''); return m ? `UTC${m[1]}` : null; };
