import Dexie, { type EntityTable } from 'dexie';
import { readDocument, type DocumentFacts, type SourceFile } from '../../core/index.ts';
import { addAsked, onlyWords, pagesLimited, type Wanted } from '../../core/verbs/check.ts';
import { sha256 } from '../../core/engines/hash.ts';
import type { Job } from '../../core/model/outcome.ts';
import { readImageText } from '../../core/readers/image-text.ts';

/** Raised when the readers find more or other things, so that nothing older is taken for what they would say now. */
const readers = 28;
const mostKept = 600;

/** `paged`: 1 where it is known how many pages the file has or will have. */
interface FactsRow { key: string; at: number; paged: 0 | 1; facts: DocumentFacts }
class FactsStore extends Dexie {
  facts!: EntityTable<FactsRow, 'key'>;
  constructor() { super('hand-over-facts'); this.version(1).stores({ facts: 'key, at' }); this.version(2).stores({ facts: 'key, at, [key+paged]' }); }
}
const store = new FactsStore();

const keyOf = (sha: string, name: string, pictures: boolean): string => `${readers} ${sha} ${pictures ? 'pictures ' : ''}${name}`;

/** What is known of a file, read once for its bytes and its name and kept in the browser, with what is wanted beyond that.
 * A store that is full or missing costs time and nothing else. */
export async function knownFacts(file: SourceFile, job: Job, wanted = onlyWords): Promise<DocumentFacts> {
  const key = keyOf(await sha256(file.bytes), file.name, wanted.pictures), kept = await store.facts.get(key).catch(() => undefined);
  let facts = kept?.facts;
  if (!facts) {
    facts = wanted.pictures ? await knownFacts(file, job) : await readDocument(file.bytes, file.name, job);
    if (wanted.pictures) await readImageText(file.bytes, facts, job);
  }
  const more = await addAsked(file, facts, wanted.brief);
  // Not waited for: whoever needs it before it is written reads the file again.
  if (!kept || more) void store.facts.put({ key, at: Date.now(), paged: facts.pages.ok || facts.laidPages !== undefined ? 1 : 0, facts }).then(prune).catch(() => undefined);
  return facts;
}

/** Forgets what was read of all files: they are read again when they are needed. */
export const forgetFacts = (): Promise<void> => store.facts.clear();

/** Which of some files, by sum and name, are still to be read or laid out before they can be judged. */
export async function notKnown(files: { sha256: string; name: string }[], { pictures, brief }: Wanted): Promise<number[]> {
  const keys = files.map((f) => keyOf(f.sha256, f.name, pictures));
  const rows = brief && pagesLimited(brief) ? store.facts.where('[key+paged]').anyOf(keys.map((key) => [key, 1])) : store.facts.where('key').anyOf(keys);
  const kept = new Set(await rows.primaryKeys().catch(() => []));
  return keys.flatMap((key, i) => (kept.has(key) ? [] : [i]));
}

let sincePruned = 0;
async function prune(): Promise<void> {
  if (++sincePruned % 50 !== 0) return;
  const over = (await store.facts.count()) - mostKept;
  if (over > 0) await store.facts.bulkDelete(await store.facts.orderBy('at').limit(over).primaryKeys());
}
