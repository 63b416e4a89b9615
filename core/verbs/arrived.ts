import { differingPages } from '../mends/prove.ts';
import { readDocument } from '../readers/index.ts';
import { changesBetween, type Changes } from '../versions/changes.ts';
import { wordsOf } from '../versions/text.ts';
import type { Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

/** What the receiver holds against what was sent. `same`: byte for byte; `sameContent`: the file was written anew, the words are the same and so is every page that could be compared;
 * `other`: another text, or pages that look different. `pages`: null where one of the two has no fixed pages. */
export interface Arrived { standing: 'same' | 'sameContent' | 'other'; changes: Changes | null; pages: { sent: number; arrived: number; differing: number[] } | null }

/** Compares a copy that was fetched from the receiver: bytes first, then words in order, then pages as they look. */
export async function compareArrived(sent: SourceFile, arrived: SourceFile, job: Job = {}): Promise<Arrived> {
  if (sent.bytes.length === arrived.bytes.length && sent.bytes.every((b, i) => b === arrived.bytes[i])) return { standing: 'same', changes: null, pages: null };
  const [a, b] = [await readDocument(sent.bytes, sent.name, job), await readDocument(arrived.bytes, arrived.name, job)];
  const readable = a.passages.ok && b.passages.ok, changes = readable ? changesBetween(wordsOf(a), wordsOf(b)) : null;
  const pages = a.file.kind === 'pdf' && b.file.kind === 'pdf' && a.pages.ok && b.pages.ok ? { sent: a.pages.value.length, arrived: b.pages.value.length, differing: await differingPages(sent.bytes, arrived.bytes, job) } : null;
  const sameWords = changes !== null && changes.added + changes.removed === 0 && changes.before > 0, samePages = pages === null || (pages.sent === pages.arrived && pages.differing.length === 0);
  // A picture has no words: only its bytes, or pages, can speak for it.
  return { standing: (sameWords || (pages !== null && changes !== null && changes.before + changes.after === 0)) && samePages ? 'sameContent' : 'other', changes, pages };
}
