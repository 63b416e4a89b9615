import { gunzipSync } from 'fflate';
import { listZip, unpackEntry } from '../engines/zip.ts';
import { sniffKind } from '../readers/kind.ts';
import type { Kind } from '../model/kinds.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface Unpacked { documents: { name: string; folder: string; kind: Kind; bytes: Uint8Array }[]; /** what was left in the archive, and why */ left: { name: string; why: 'path' | 'password' | 'hidden' | 'damaged' | 'many' }[] }

const most = { documents: 200, gzipBytes: 256 << 20 };
/** What operating systems put into archives beside the documents. */
const beside = /(^|\/)(__MACOSX\/|\.DS_Store$|Thumbs\.db$|desktop\.ini$|\._)/i;

/** Takes the documents out of an archive, within bounds; entries whose path climbs out of the folder are left inside. Folders become part of what is shown, never of a path.
 * @throws {CannotDo} `tooLarge` for an archive bomb, `unreadable` when cut short, `unsupported` for kinds other than ZIP and gzip */
export function unpackArchive(file: SourceFile, job: Job = {}): Unpacked {
  const { kind } = sniffKind(file.bytes, file.name);
  if (kind === 'gz') return gunzip(file);
  if (kind !== 'zip') throw new CannotDo('unsupported', `“${file.name}” cannot be unpacked here.`, 'Unpack it with your computer’s own archive program and bring the documents.', file.name);
  const out: Unpacked = { documents: [], left: [] };
  const entries = listZip(file.bytes).filter((e) => !e.name.endsWith('/'));
  entries.forEach((entry, i) => {
    heed(job, file.name);
    job.progress?.(i + 1, entries.length, 'files');
    const path = entry.name.replace(/\\/g, '/'), parts = path.split('/'), name = parts.pop()!;
    const leave = (why: Unpacked['left'][number]['why']): void => { out.left.push({ name: entry.name, why }); };
    if (beside.test(path) || name === '') { leave('hidden'); return; }
    if (parts.includes('..') || path.startsWith('/') || /^[a-z]:/i.test(path) || /[\u0000-\u001f]/.test(name)) { leave('path'); return; }
    if (entry.encrypted) { leave('password'); return; }
    if (out.documents.length >= most.documents) { leave('many'); return; }
    try {
      const bytes = unpackEntry(file.bytes, entry);
      out.documents.push({ name, folder: parts.filter((p) => p !== '.').join('/'), kind: sniffKind(bytes, name).kind, bytes });
    } catch { leave('damaged'); }
  });
  return out;
}

/** RFC 1952: the last four bytes tell the unpacked size, and the buffer is made no larger than that. */
function gunzip(file: SourceFile): Unpacked {
  const b = file.bytes, size = b.length < 18 ? 0 : new DataView(b.buffer, b.byteOffset + b.length - 4, 4).getUint32(0, true);
  if (size > most.gzipBytes || size > b.length * 1100) throw new CannotDo('tooLarge', `Unpacked, “${file.name}” would take ${Math.round(size / 1e6)} MB: it is not unpacked.`, 'Bring the document itself.', file.name);
  try {
    const bytes = gunzipSync(b, { out: new Uint8Array(size) }), name = file.name.replace(/\.gz$/i, '').replace(/\.tgz$/i, '.tar');
    return { documents: [{ name, folder: '', kind: sniffKind(bytes, name).kind, bytes }], left: [] };
  } catch (error) {
    throw new CannotDo('unreadable', `“${file.name}” cannot be unpacked (${error instanceof Error ? error.message : error}).`, 'Download it again, or bring the document itself.', file.name);
  }
}
