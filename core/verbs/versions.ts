import { readDocument } from '../readers/index.ts';
import { changesBetween, type Changes } from '../versions/changes.ts';
import { orderOf, type Order } from '../versions/order.ts';
import { textOf, wordsOf } from '../versions/text.ts';
import type { Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface Versions { order: Order; changes: Changes }

/** Reads two files and tells which is newer, on what that rests, and what changed from the first to the second.
 * @param fileTimes - last change on disk of each, milliseconds, where known */
export async function compareVersions(first: SourceFile, second: SourceFile, fileTimes: [number | null, number | null] = [null, null], job: Job = {}): Promise<Versions> {
  const [a, b] = [await readDocument(first.bytes, first.name, job), await readDocument(second.bytes, second.name, job)];
  const words: [string[], string[]] = [wordsOf(a), wordsOf(b)];
  return { order: orderOf({ facts: a, fileTime: fileTimes[0] }, { facts: b, fileTime: fileTimes[1] }, [textOf(words[0]), textOf(words[1])]), changes: changesBetween(...words) };
}
