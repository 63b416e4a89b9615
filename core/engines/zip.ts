import { inflateSync, zipSync, type Zippable } from 'fflate';
import { CannotDo } from '../model/outcome.ts';

/** One row of the central directory. Source: PKWARE APPNOTE 6.3, 4.3.12. */
export interface ZipEntry { name: string; packed: number; size: number; method: number; offset: number; encrypted: boolean; order: number }

const bounds = { entries: 20_000, entryBytes: 256 << 20, totalBytes: 1 << 30, ratio: 1200 };
const text = new TextDecoder();

/** Reads the central directory; nothing is unpacked.
 * @throws {CannotDo} `unreadable` without an end record (APPNOTE 4.3.16), `tooLarge` beyond the bounds (an archive bomb) */
export function listZip(bytes: Uint8Array): ZipEntry[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = endRecord(view);
  if (end < 0) throw new CannotDo('unreadable', 'The archive has no central directory: it was cut short.', 'Download or save it again.');
  const count = view.getUint16(end + 10, true);
  let at = view.getUint32(end + 16, true);
  if (count > bounds.entries) throw new CannotDo('tooLarge', `The archive holds ${count} entries.`, 'Hand in the documents themselves.');
  const entries: ZipEntry[] = [];
  let total = 0;
  for (let i = 0; i < count; i++) {
    if (at + 46 > bytes.length || view.getUint32(at, true) !== 0x02014b50) {
      throw new CannotDo('unreadable', 'The archive’s directory is damaged.', 'Save the file again from the program it was written in.');
    }
    const flags = view.getUint16(at + 8, true), nameLength = view.getUint16(at + 28, true);
    const entry: ZipEntry = {
      name: text.decode(bytes.subarray(at + 46, at + 46 + nameLength)), packed: view.getUint32(at + 20, true), size: view.getUint32(at + 24, true),
      method: view.getUint16(at + 10, true), offset: view.getUint32(at + 42, true), encrypted: (flags & 1) === 1, order: i,
    };
    total += entry.size;
    if (entry.size > bounds.entryBytes || total > bounds.totalBytes || (entry.size > 1 << 20 && entry.size > entry.packed * bounds.ratio)) {
      throw new CannotDo('tooLarge', `Unpacked, “${entry.name}” would take ${Math.round(entry.size / 1e6)} MB: it is not unpacked.`, 'Save the document again, without the oversized part.');
    }
    entries.push(entry);
    at += 46 + nameLength + view.getUint16(at + 30, true) + view.getUint16(at + 32, true);
  }
  return entries;
}

/** Where the end record of the central directory begins, sought from the end because a comment may follow it; -1 without one. Source: APPNOTE 4.3.16. */
function endRecord(view: DataView): number {
  for (let at = view.byteLength - 22; at >= 0 && at >= view.byteLength - 22 - 65_535; at--) if (view.getUint32(at, true) === 0x06054b50) return at;
  return -1;
}

/** The comment at an archive's end, which no program shows. Source: APPNOTE 4.3.16. */
export function zipComment(bytes: Uint8Array): string {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength), end = endRecord(view);
  return end < 0 ? '' : text.decode(bytes.subarray(end + 22, end + 22 + view.getUint16(end + 20, true)));
}

/** Unpacks one entry into a buffer of exactly its stated size, so that a lying header cannot grow it. */
export function unpackEntry(bytes: Uint8Array, entry: ZipEntry): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  try {
    if (view.getUint32(entry.offset, true) !== 0x04034b50) throw new Error('no local header');
    const start = entry.offset + 30 + view.getUint16(entry.offset + 26, true) + view.getUint16(entry.offset + 28, true);
    const packed = bytes.subarray(start, start + entry.packed);
    if (entry.method === 0) return packed.slice();
    if (entry.method !== 8) throw new Error(`method ${entry.method}`);
    return inflateSync(packed, { out: new Uint8Array(entry.size) });
  } catch (error) {
    throw new CannotDo('unreadable', `The part “${entry.name}” cannot be unpacked (${error instanceof Error ? error.message : error}).`, 'Save the document again.');
  }
}

/** A package opened for reading by part name. Parts are unpacked when asked for. */
export class Package {
  readonly entries: ZipEntry[];
  /** entries that are nothing but a folder, with the stroke at their end */
  readonly folders: string[];
  private readonly byName: Map<string, ZipEntry>;
  constructor(private readonly bytes: Uint8Array) {
    const all = listZip(bytes);
    this.entries = all.filter((e) => !e.name.endsWith('/'));
    this.folders = all.filter((e) => e.name.endsWith('/')).map((e) => e.name);
    this.byName = new Map(this.entries.map((e) => [e.name, e]));
  }
  has(name: string): boolean { return this.byName.has(name); }
  part(name: string): Uint8Array | null {
    const entry = this.byName.get(name);
    return entry ? unpackEntry(this.bytes, entry) : null;
  }
  text(name: string): string | null {
    const part = this.part(name);
    return part ? decodeXml(part) : null;
  }
  names(): string[] { return this.entries.map((e) => e.name); }
}

/** XML bytes to text, minding a byte order mark (XML 1.0, appendix F). What is written again is UTF-8, and the text says so. */
export function decodeXml(bytes: Uint8Array): string {
  const wide = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : null;
  return wide ? new TextDecoder(wide).decode(bytes).replace(/^(<\?xml[^>]*encoding=["'])utf-16\w*/i, '$1UTF-8') : text.decode(bytes);
}

/** Zip's earliest date: says nothing about when. */
const neutralTime = new Date(1980, 0, 1);

/** Packs parts in the order given, with neutral times and no extra fields. `stored` parts are not compressed (ODF 1.2-3, 3.3: mimetype). */
export function packZip(parts: { name: string; bytes: Uint8Array; stored?: boolean }[]): Uint8Array {
  const files: Zippable = {};
  for (const part of parts) {
    const incompressible = part.stored || /\.(png|jpe?g|gif|zip|xlsx|docx)$/i.test(part.name);
    files[part.name] = [part.bytes, { level: incompressible ? 0 : 6, mtime: neutralTime }];
  }
  return zipSync(files);
}
