import Dexie, { type EntityTable } from 'dexie';
import { readDocument, type DocumentFacts, type SourceFile } from '../../core/index.ts';
import { sha256 } from '../../core/engines/hash.ts';
import type { Job } from '../../core/model/outcome.ts';
import { readImageText } from '../../core/readers/image-text.ts';

/** Raised when the readers find more or other things, so that nothing older is taken for what they would say now. */
const readers = 1;
const mostKept = 600;

interface FactsRow { key: string; at: number; facts: DocumentFacts }
class FactsStore extends Dexie {
  facts!: EntityTable<FactsRow, 'key'>;
  constructor() { super('hand-over-facts'); this.version(1).stores({ facts: 'key, at' }); }
}
const store = new FactsStore();

const keyOf = (sha: string, name: string, pictures: boolean): string => `${readers} ${sha} ${pictures ? 'pictures ' : ''}${name}`;

/** What is known of a file, read once for its bytes and its name and kept in the browser. With `pictures`, the writing in its pictures is read too.
 * A store that is full or missing costs time and nothing else. */
export async function knownFacts(file: SourceFile, job: Job, pictures = false): Promise<DocumentFacts> {
  const key = keyOf(await sha256(file.bytes), file.name, pictures), kept = await store.facts.get(key).catch(() => undefined);
  if (kept) return kept.facts;
  const facts = pictures ? await knownFacts(file, job) : await readDocument(file.bytes, file.name, job);
  if (pictures) await readImageText(file.bytes, facts, job);
  // Not waited for: whoever needs it before it is written reads the file again.
  void store.facts.put({ key, at: Date.now(), facts }).then(prune).catch(() => undefined);
  return facts;
}

/** Which of some files, by sum and name, nothing is known of yet. */
export async function notKnown(files: { sha256: string; name: string }[], pictures: boolean): Promise<number[]> {
  const keys = files.map((f) => keyOf(f.sha256, f.name, pictures)), kept = new Set(await store.facts.where('key').anyOf(keys).primaryKeys().catch(() => []));
  return keys.flatMap((key, i) => (kept.has(key) ? [] : [i]));
}

/** Forgets what was read of all files: they are read again when they are needed. */
export const forgetFacts = (): Promise<void> => store.facts.clear();

let sincePruned = 0;
async function prune(): Promise<void> {
  if (++sincePruned % 50 !== 0) return;
  const over = (await store.facts.count()) - mostKept;
  if (over > 0) await store.facts.bulkDelete(await store.facts.orderBy('at').limit(over).primaryKeys());
}
