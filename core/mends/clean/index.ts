import { CannotDo, type Job } from '../../model/outcome.ts';
import type { PdfDocument } from '../../engines/pdf.ts';
import type { Neutral } from '../neutral/neutral.ts';
import { sniffKind } from '../../readers/kind.ts';
import type { Survey } from '../../readers/pdf/survey.ts';
import { cleanOdf } from './odf.ts';
import { cleanOoxml } from './ooxml.ts';
import { cleanPdf } from './pdf.ts';
import { cleanPicture } from './picture.ts';

const maxDepth = 3;

/** A copy without metadata. The given bytes are not changed.
 * @param options - `look`: the objects of a PDF, for a caller who has looked at them already; `neutral`: takes the student's details out of what no page shows; `isBare`: is told which pictures of a PDF say nothing beside their pixels
 * @throws {CannotDo} `unsupported` for a kind that cannot be cleaned, `encrypted` when a password is needed, `unreadable` when damaged */
export async function cleanBytes(bytes: Uint8Array, name: string, job: Job, options: { look?: (pdf: PdfDocument) => Survey | Promise<Survey>; neutral?: Neutral | null; isBare?: (num: number) => void } = {}, depth = 0): Promise<Uint8Array> {
  const verdict = sniffKind(bytes, name);
  if (verdict.encrypted) throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', name);
  const inner = async (b: Uint8Array): Promise<Uint8Array | null> => {
    if (depth >= maxDepth) return null;
    try { return await cleanBytes(b, '', {}, { neutral: options.neutral }, depth + 1); } catch { return null; }
  };
  switch (verdict.kind) {
    case 'pdf': return cleanPdf(bytes, job, inner, options.look, options.neutral, options.isBare);
    case 'docx': case 'docm': case 'dotx': case 'xlsx': case 'pptx': return cleanOoxml(bytes, job, inner, options.neutral);
    case 'odt': case 'ods': case 'odp': return cleanOdf(bytes, job, inner, options.neutral);
    case 'jpeg': case 'png': case 'tiff': case 'gif': case 'webp': { const cleaned = cleanPicture(bytes)!; return cleaned.buffer === bytes.buffer ? cleaned.slice() : cleaned; }
    default: throw new CannotDo('unsupported', `Metadata of this kind of file (${verdict.kind}) cannot be cleared here.`, 'Convert it to PDF or DOCX first.', name);
  }
}
