import type { Level } from '../mends/shrink/level.ts';
import { pressPackage, pressPictureFile, repackPackage } from '../mends/shrink/package.ts';
import { pressPdf, repackPdf } from '../mends/shrink/pdf.ts';
import { proveSame } from '../mends/prove.ts';
import { readWords } from '../readers/index.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import { showBytes } from '../text/show.ts';
import type { SourceFile } from './check.ts';

export interface Shrunk {
  bytes: Uint8Array; before: number; after: number; maxBytes: number; met: boolean; steps: { step: 'repack' | 'pictures'; bytes: number }[];
  /** the level that pictures were brought to; null when they are untouched */ pictures: Level | null;
  proof: { textSame: boolean; pagesSame: boolean | null; maxPixelDifference: number | null; /** where pictures changed most */ worstPage: number | null }; /** what else would help when the limit is not met */ advice: string | null;
}

/** Makes a file small enough by the gentlest means: first what nobody can see, then pictures, no further than needed. The text stays.
 * @throws {CannotDo} `unsupported` for kinds that cannot be shrunk, `encrypted`, `unreadable`, `badInput` for a limit that is no number */
export async function shrinkFile(file: SourceFile, maxBytes: number, job: Job = {}): Promise<Shrunk> {
  if (!Number.isFinite(maxBytes) || maxBytes < 1) throw new CannotDo('badInput', 'The limit is not a number of bytes.', 'Give the limit in bytes, for example 2000000.', file.name);
  const facts = await readWords(file.bytes, file.name, { stopped: job.stopped }), kind = facts.file.kind;
  if (facts.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  const kinds: Record<string, { repack: () => Promise<Uint8Array>; press: (base: Uint8Array) => Promise<{ bytes: Uint8Array; level: Level }> }> = {
    pdf: { repack: () => repackPdf(file.bytes), press: (base) => pressPdf(base, maxBytes, job) },
    package: { repack: () => Promise.resolve(repackPackage(file.bytes)), press: (base) => pressPackage(base, maxBytes, job) },
    picture: { repack: () => Promise.resolve(file.bytes), press: (base) => pressPictureFile(base, maxBytes, job) },
  };
  const way = kinds[kind === 'pdf' ? 'pdf' : ['docx', 'docm', 'odt'].includes(kind) ? 'package' : ['jpeg', 'png'].includes(kind) ? 'picture' : ''];
  if (!way) throw new CannotDo('unsupported', `A file of this kind (${kind}) cannot be made smaller here.`, 'Convert it to PDF first.', file.name);
  const steps: Shrunk['steps'] = [];
  let bytes = file.bytes, pictures: Level | null = null;
  if (bytes.length > maxBytes) {
    const packed = await way.repack();
    if (packed.length < bytes.length) { bytes = packed; steps.push({ step: 'repack', bytes: packed.length }); }
  }
  if (bytes.length > maxBytes) {
    const { bytes: pressed, level } = await way.press(bytes);
    pictures = level;
    if (pressed.length < bytes.length) { bytes = pressed; steps.push({ step: 'pictures', bytes: pressed.length }); } else pictures = null;
  }
  const met = bytes.length <= maxBytes, after = bytes === file.bytes ? facts : await readWords(bytes, file.name, { stopped: job.stopped });
  const { textSame, pagesSame, maxPixelDifference, worstPage } = await proveSame({ bytes: file.bytes, facts }, { bytes, facts: after }, job, undefined, true);
  if (!textSame) throw new CannotDo('notClean', 'The smaller copy does not hold the same text, so it is not offered.', 'Export the paper again with smaller pictures.', file.name);
  return {
    bytes, before: file.bytes.length, after: bytes.length, maxBytes, met, steps, pictures, proof: { textSame, pagesSame, maxPixelDifference, worstPage },
    advice: met ? null : `${showBytes(bytes.length)} is the least that is still readable. ${kind === 'png' ? 'A photograph takes far less room as JPEG, where that is allowed: save it as one.' : 'Leave out pictures, hand in parts if that is allowed, or ask the department for a higher limit.'}`,
  };
}
