import { createHash, randomBytes } from 'node:crypto';
import { noFault, type FaultState } from './faults.ts';
import type { DocumentDemand, Kind } from '../../core/index.ts';

/** A place where papers are handed in, with what it was told to accept. */
export interface DeskPlace { id: string; title: string; documents: DocumentDemand[]; maxBytes: number | null; opens: string | null; due: string | null; attempts: number | 'unlimited' | null; keeps: 'latest' | 'all' | null; declaration: boolean; anonymous: boolean; minWords: number | null; maxWords: number | null; maxPages: number | null; /** windows of their own; empty: one window for all */ parts: { label: string; opens: string | null; due: string | null }[] }
export interface StoredFile { name: string; bytes: Uint8Array; sha256: string; kind: Kind; words: number | null; pages: number | null; extract: string }
export interface DeskSubmission { id: string; key: string; place: DeskPlace; receivedAt: string; files: StoredFile[]; /** the part whose window was open */ part: string | null; note: string; late: boolean; /** it is not handed in yet, whatever the list shows */ draft?: boolean; /** answers to receipt requests are withheld so many times */ receiptWaits?: number; /** the receipt lies in the mailbox only */ byMail?: boolean }

const mostBytes = 300 << 20;

/** What the practice desk holds, in memory only and bounded; it is gone when the server ends. */
export class DeskStore {
  readonly places = new Map<string, DeskPlace>();
  readonly submissions: DeskSubmission[] = [];
  /** minutes by which the desk's clock is ahead */ clockMinutes = 0;

  fault: FaultState = { ...noFault };

  /** The fault that this sending meets; a counted one runs out. */
  takeFault(): FaultState {
    const now = { ...this.fault };
    if (this.fault.left !== null && --this.fault.left <= 0) this.fault = { ...noFault };
    return now;
  }
  now(): Date { return new Date(Date.now() + this.clockMinutes * 60_000); }
  byKey(key: string): DeskSubmission | undefined { return this.submissions.find((s) => s.key === key); }
  find(id: string): DeskSubmission | undefined { return this.submissions.find((s) => s.id === id); }
  attemptsAt(place: string): number { return this.submissions.filter((s) => s.place.id === place).length; }

  store(entry: Omit<DeskSubmission, 'id'>): DeskSubmission {
    const whole = { ...entry, id: `CS-${createHash('sha256').update(entry.key).update(randomBytes(4)).digest('hex').slice(0, 8).toUpperCase()}` };
    this.submissions.push(whole);
    let held = 0;
    for (let i = this.submissions.length - 1; i >= 0; i--) { held += this.submissions[i]!.files.reduce((n, f) => n + f.bytes.length, 0); if (held > mostBytes) { this.submissions.splice(0, i + 1); break; } }
    return whole;
  }
}
