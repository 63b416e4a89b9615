import { asMail } from '../../core/send/again.ts';
import { DateTime } from 'luxon';
import type { DeskSubmission } from './store.ts';

/** The receipt as a mail that lies in the desk's mailbox. Source: RFC 5322. */
export function receiptMail(s: DeskSubmission): string {
  const text = [`Thank you. Your submission has been received.`, '', `Receipt number: ${s.id}`, `Received at: ${s.receivedAt}`, `Submitted to: ${s.place.title}`, `Status: ${s.draft ? 'draft' : s.late ? 'received late' : 'received'}`, ...s.files.flatMap((f) => ['', `File name: ${f.name}`, `Size: ${f.bytes.length} bytes`, `SHA-256: ${f.sha256}`, `Text begins: ${f.extract}`])].join('\n');
  // The mail is sent a minute after the receipt: its own date is not the time of receipt.
  const date = DateTime.fromISO(s.receivedAt, { zone: 'utc' }).plus({ minutes: 1 }).toRFC2822() ?? s.receivedAt;
  return asMail({ subject: `Receipt ${s.id}`, text }, null, 'student@carrow.example', [['From', 'desk@practice.example'], ['Date', date]]);
}
