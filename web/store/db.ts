import Dexie, { type EntityTable } from 'dexie';
import type { Brief, Checked, Details, Kind, Proof, ReceiptResult, Remark } from '../../core/index.ts';
import type { BriefPattern } from '../../core/brief/pattern.ts';
import type { Arrived } from '../../core/verbs/arrived.ts';
import type { ConversionProof } from '../../core/convert/prove.ts';

export interface PaperRow { id: string; title: string; course: string; wording: string; wordingAt: string | null; brief: Brief; createdAt: string; reasons: Record<string, string>; declared: boolean; note: string;
  /** what the reading of the wording remarked */ remarks: Remark[]; templates: { name: string; text: string }[]; /** lines of the docket that the student switched on */ insisted: string[]; /** what came after the hand-in */ afterwards?: Afterwards }
/** Score, feedback and mark, as the student notes them down; dates as ISO 8601 days. */
export interface Afterwards { score: string; scoreAt: string; feedbackDue: string; mark: string; remarks: string }
/** A text to compare a paper with. */
export interface SourceRow { id: string; paperKey: string; name: string; blob: Blob }
export interface PatternRow { id: string; at: string; pattern: BriefPattern }
export type Made =
  | { mend: 'clean'; proof: Proof; removed: number; left: number }
  | { mend: 'convert'; engine?: 'builtin' | 'office'; proof: ConversionProof; pages: number; fonts: { name: string; embedded: boolean }[]; losses: string[] }
  | { mend: 'redact'; taken: { page: number | null; text: string }[]; lost: string[] }
  | { mend: 'shrink'; before: number; after: number; pictures: { dpi: number; quality: number } | null; proof: { textSame: boolean; pagesSame: boolean | null; maxPixelDifference: number | null; worstPage?: number | null } }
  | { mend: 'settle'; what: string; words: { before: number; after: number; added: string[]; removed: string[] }; pagesSame: boolean }
  | { mend: 'join'; parts: string[]; names: string[]; proof: ConversionProof; pages: number; fonts: { name: string; embedded: boolean }[]; losses: string[] }
  | { mend: 'scan'; parts: string[]; pages: { photo: string; standing: 'stops' | 'look' | 'fine'; sharpness: number }[] }
  | { mend: 'archive'; claim: string; faces: string[]; proof: Proof }
  | { mend: 'embed'; done: { name: string; face: string }[]; left: { name: string }[]; proof: Proof }
  | { mend: 'text-layer'; pages: { page: number; words: number; unsure: number }[]; proof: Proof }
  | { mend: 'rename'; was: string };
/** One state of one file. A mend makes a new row that points to the one it came from; the original is never changed. */
export interface FileRow {
  id: string; paperKey: string; slot: number | null; name: string; blob: Blob; bytes: number; kind: Kind; sha256: string; addedAt: string;
  parent: string | null; made: Made | null; state: 'current' | 'replaced' | 'removed';
  /** last change on the student's disk, milliseconds */ fileTime?: number | null; /** still being looked at: kind and sum are to come */ reading?: boolean; /** its place is our proposal, not yet confirmed */ proposed?: boolean; /** where it came from, when not from disk */ from?: string;
}
export interface CheckRow { paperKey: string; key: string; at: string; tookMs: number; result: Omit<Checked, 'facts'> }
export interface SubmissionRow { id: string; paperKey: string; at: string; deskId: string; place: string; fileIds: string[]; receiptId: string | null; note: string }
export interface ReceiptRow { id: string; paperKey: string; name: string; blob: Blob; at: string; submissionId: string | null; fileIds: string[]; result: ReceiptResult; returned: { fileId: string; same: boolean; name: string; bytes: number; /** where the bytes differ: what words and pages say */ arrived?: Arrived }[] }
export interface EventRow { id?: number; paperKey: string; at: string; what: string }
export interface SettingRow { key: 'details' | 'seeded' | 'speed'; value: unknown }

class Store extends Dexie {
  papers!: EntityTable<PaperRow, 'id'>;
  files!: EntityTable<FileRow, 'id'>;
  checks!: EntityTable<CheckRow, 'paperKey'>;
  submissions!: EntityTable<SubmissionRow, 'id'>;
  receipts!: EntityTable<ReceiptRow, 'id'>;
  events!: EntityTable<EventRow, 'id'>;
  settings!: EntityTable<SettingRow, 'key'>;
  patterns!: EntityTable<PatternRow, 'id'>;
  sources!: EntityTable<SourceRow, 'id'>;
  constructor() {
    super('hand-over');
    this.version(1).stores({ papers: 'id, createdAt', files: 'id, paperKey, [paperKey+state], sha256', checks: 'paperKey', submissions: 'id, paperKey', receipts: 'id, paperKey', events: '++id, paperKey', settings: 'key' });
    // 2: papers carry the note and the declaration, so that Send survives a reload.
    this.version(2).stores({}).upgrade((t) => t.table('papers').toCollection().modify((p: Partial<PaperRow>) => { p.declared ??= false; p.note ??= ''; p.reasons ??= {}; }));
    // 3: briefs kept as patterns; papers carry remarks, templates and lines switched on.
    this.version(3).stores({ patterns: 'id' }).upgrade((t) => t.table('papers').toCollection().modify((p: Partial<PaperRow>) => { p.remarks ??= []; p.templates ??= []; p.insisted ??= []; }));
    // 4: texts to compare with.
    this.version(4).stores({ sources: 'id, paperKey' });
    // 5: what was made of several files names them in one way.
    this.version(5).stores({}).upgrade((t) => t.table('files').toCollection().modify((f: { made?: { mend: string; photos?: string[]; parts?: string[] } | null }) => { if (f.made?.photos) { f.made.parts = f.made.photos; delete f.made.photos; } }));
  }
}
export const db = new Store();
export const newId = (): string => crypto.randomUUID();
export const readDetails = async (): Promise<Details | null> => ((await db.settings.get('details'))?.value as Details | undefined) ?? null;
