import type { Ocr } from '../engines/ocr.ts';
import type { PageHelper } from '../readers/pdf/page-pool.ts';

/** A failure is a value, so that it crosses a worker boundary whole. A thrown error is a bug. */
export interface Failure { ok: false; code: FailureCode; file: string | null; message: string; remedy: string }
export type FailureCode = 'unreadable' | 'encrypted' | 'unsupported' | 'tooLarge' | 'stopped' | 'badInput' | 'lost' | 'notClean';
export type Outcome<T> = { ok: true; value: T } | Failure;

export const succeed = <T>(value: T): Outcome<T> => ({ ok: true, value });
export const fail = (code: FailureCode, file: string | null, message: string, remedy: string): Failure =>
  ({ ok: false, code, file, message, remedy });

/** Something that cannot be carried out; caught at the facade and turned into a {@link Failure}. */
export class CannotDo extends Error {
  constructor(readonly code: FailureCode, message: string, readonly remedy: string, readonly file: string | null = null) { super(message); }
  override readonly name = 'CannotDo';
}

/** Progress and a stop that is asked about between pages. */
export interface Job { progress?: (done: number, of: number, what: string) => void; stopped?: () => boolean; /** a reader of pictures, where the caller has one */ ocr?: () => Promise<Ocr>; /** other threads that read pages of a long file, where the caller has some */ pageHelpers?: (bytes: Uint8Array) => PageHelper[]; /** is given a mended copy before it is proved, to be written down meanwhile and put in its place afterwards */ unproved?: (copy: Uint8Array) => void }
export function heed(job: Job, file: string | null = null): void {
  if (job.stopped?.()) throw new CannotDo('stopped', 'Stopped before the end.', 'Start it again when you like; nothing was changed.', file);
}
