import { embedStandardFonts, type Embedded } from '../mends/embed/embed.ts';
import { proveSame, type Proof } from '../mends/prove.ts';
import { readDocument } from '../readers/index.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface EmbeddedFile extends Embedded { proof: Proof }

/** A PDF with the standard fonts that it names put inside, proved by reading and rendering the copy.
 * @throws {CannotDo} `unsupported` for other kinds or where no font can be put in, `encrypted`, `notClean` where the copy is not the same */
export async function embedFile(file: SourceFile, job: Job = {}): Promise<EmbeddedFile> {
  const before = await readDocument(file.bytes, file.name, { stopped: job.stopped });
  if (before.file.kind !== 'pdf') throw new CannotDo('unsupported', 'Fonts are put into PDFs only.', 'Convert it to PDF: all fonts are embedded there.', file.name);
  if (before.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  const { bytes, done, left } = await embedStandardFonts(file.bytes);
  if (done.length === 0) throw new CannotDo('unsupported', left.length > 0 ? `No open face sets like ${[...new Set(left.map((l) => `“${l.name}”`))].join(', ')}.` : 'All fonts are inside already.', 'Export the PDF again from the program it was written in, with fonts embedded.', file.name);
  const after = await readDocument(bytes, file.name, { stopped: job.stopped }), proof = await proveSame({ bytes: file.bytes, facts: before }, { bytes, facts: after }, job);
  if (!proof.textSame || !proof.pagesSame) throw new CannotDo('notClean', 'The copy with its fonts inside does not read the same, so it is not offered.', 'Export the PDF again from the program it was written in, with fonts embedded.', file.name);
  return { bytes, done, left, proof };
}
