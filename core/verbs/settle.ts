import { settleOdf } from '../mends/settle/odf.ts';
import { settleOoxml } from '../mends/settle/ooxml.ts';
import { settlePdf } from '../mends/settle/pdf.ts';
import type { Settlement } from '../mends/settle/settlement.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from '../readers/index.ts';
import { changesBetween } from '../versions/changes.ts';
import { splitWords } from '../text/words.ts';
import type { SourceFile } from './check.ts';

/** A settled copy and what reading it again showed. `left`: of each sort that was to go; `words`: how many words of the visible text came and went. */
export interface Settled { bytes: Uint8Array; proof: { left: { comments: number; changes: number; attachments: number; layers: number }; pagesSame: boolean; words: { before: number; after: number; added: string[]; removed: string[] } } }

/** Settles comments, tracked changes, form fields, attachments and hidden layers as wished, in a new copy, and proves it by reading the copy.
 * @throws {CannotDo} `unsupported` for other kinds, `encrypted`, `notClean` when something that was to go is still there */
export async function settleFile(file: SourceFile, wish: Settlement, job: Job = {}): Promise<Settled> {
  const before = await readDocument(file.bytes, file.name, job), kind = before.file.kind;
  if (before.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  if (!['pdf', 'docx', 'docm', 'odt'].includes(kind)) throw new CannotDo('unsupported', `A file of this kind (${kind}) holds none of these.`, 'Nothing needs to be done.', file.name);
  const bytes = kind === 'pdf' ? await settlePdf(file.bytes, wish) : kind === 'odt' ? settleOdf(file.bytes, wish) : settleOoxml(file.bytes, wish);
  const after = await readDocument(bytes, file.name, job);
  const remains = after.remains.ok ? after.remains.value : null, attachments = after.file.troubles.filter((t) => t.code === 'attachment').length;
  const left = { comments: wish.comments === 'remove' ? remains?.comments ?? 1 : 0, changes: wish.changes === 'keep' ? 0 : remains?.trackedChanges ?? 1, attachments: wish.attachments === 'remove' ? attachments : 0, layers: wish.layers === 'remove' ? after.integrity.filter((i) => i.code === 'hiddenLayer').length : 0 };
  if (left.comments + left.changes + left.attachments + left.layers > 0) throw new CannotDo('notClean', 'The copy was read again and not everything is gone, so it is not offered.', 'Settle the rest in the program it was written in.', file.name);
  const [a, b] = [visible(before), visible(after)], steps = changesBetween(a, b).stretches;
  const pick = (side: 'added' | 'removed'): string[] => steps.filter((s) => s.kind === side).flatMap((s) => s.words);
  return { bytes, proof: { left, pagesSame: !before.pages.ok || !after.pages.ok || before.pages.value.length === after.pages.value.length, words: { before: a.length, after: b.length, added: pick('added'), removed: pick('removed') } } };
}
const visible = (f: DocumentFacts): string[] => splitWords(f.passages.ok ? f.passages.value.filter((p) => ['text', 'runningHead', 'footnote', 'textbox'].includes(p.place)).map((p) => p.text).join('\n') : '');
