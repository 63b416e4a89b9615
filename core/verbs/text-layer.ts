import { layTextUnder, type ReadPage } from '../mends/text-layer/layer.ts';
import { proveSame, type Proof } from '../mends/prove.ts';
import { readDocument } from '../readers/index.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface WithTextLayer { bytes: Uint8Array; pages: ReadPage[]; proof: Proof }

/** A scanned PDF with its text under the pictures, so that it can be searched and counted; proved by rendering both.
 * @throws {CannotDo} `unsupported` for other kinds, without a reader of pictures, or where no page is a picture; `encrypted`; `notClean` where the pages differ */
export async function addTextLayer(file: SourceFile, job: Job = {}): Promise<WithTextLayer> {
  const before = await readDocument(file.bytes, file.name, { stopped: job.stopped });
  if (before.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  if (before.file.kind !== 'pdf' || !before.pages.ok) throw new CannotDo('unsupported', 'Text is laid under the pages of PDFs.', 'Convert the picture to PDF first.', file.name);
  if (!job.ocr) throw new CannotDo('unsupported', 'There is no reader of pictures here.', 'Bring the paper with text, as the program wrote it.', file.name);
  const pages = before.pages.value.filter((p) => p.words === 0 && p.images > 0).map((p) => p.number);
  if (pages.length === 0) throw new CannotDo('unsupported', 'No page of this file is a picture without text.', 'Nothing needs to be done.', file.name);
  const { bytes, read } = await layTextUnder(file.bytes, pages, await job.ocr(), job), after = await readDocument(bytes, file.name, { stopped: job.stopped });
  const proof = await proveSame({ bytes: file.bytes, facts: before }, { bytes, facts: after }, job);
  if (!proof.pagesSame || (proof.maxPixelDifference ?? 0) > 0) throw new CannotDo('notClean', 'The copy with text does not look the same, so it is not offered.', 'Bring the paper with text, as the program wrote it.', file.name);
  return { bytes, pages: read, proof };
}
