import { writeArchive } from '../mends/archive/archive.ts';
import { proveSame, type Proof } from '../mends/prove.ts';
import { say } from '../messages/en.ts';
import { readDocument } from '../readers/index.ts';
import { readArchive } from '../readers/pdf/archive.ts';
import { archiveRules } from '../tables/archive-rules.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

/** `claim`: part and level, as “2b”; `faces`: fonts that were put inside. */
export interface Archived { bytes: Uint8Array; claim: string; faces: string[]; proof: Proof }

/** A PDF written for long keeping (PDF/A-2b), proved by reading and rendering the copy, and by looking at every rule again.
 * @param keepNames - title and author that the file states stay in it
 * @throws {CannotDo} `unsupported` for other kinds, `encrypted`, `notClean` where a rule is still broken or the copy is not the same */
export async function archiveFile(file: SourceFile, keepNames: boolean, job: Job = {}): Promise<Archived> {
  const before = await readDocument(file.bytes, file.name, { stopped: job.stopped });
  if (before.file.kind !== 'pdf') throw new CannotDo('unsupported', 'Only a PDF can be written for long keeping.', 'Convert it to PDF first.', file.name);
  if (before.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  const bytes = await writeArchive(file.bytes, keepNames), stands = await readArchive(bytes), broken = stands.broken[0];
  if (broken || stands.claim === null) throw new CannotDo('notClean', `The copy still breaks ${stands.broken.length === 1 ? 'a rule' : `${stands.broken.length} rules`}, so it is not offered: ${broken ? say('file.archive', broken.rule, { text: broken.text, count: broken.count, clause: archiveRules[broken.rule].clause, asked: 'PDF/A' }) : ''}`, 'Or export it as PDF/A from the program it was written in.', file.name);
  const after = await readDocument(bytes, file.name, { stopped: job.stopped }), proof = await proveSame({ bytes: file.bytes, facts: before }, { bytes, facts: after }, job);
  if (!proof.textSame || !proof.pagesSame) throw new CannotDo('notClean', 'The copy for long keeping does not read the same, so it is not offered.', 'Export it as PDF/A from the program it was written in.', file.name);
  const inside = new Set(before.fonts.ok ? before.fonts.value.filter((f) => !f.embedded).map((f) => f.name) : []);
  return { bytes, claim: stands.claim, faces: [...inside], proof };
}
