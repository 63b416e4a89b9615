import { sha256 } from '../engines/hash.ts';
import { listZip, packZip, unpackEntry } from '../engines/zip.ts';
import { CannotDo } from '../model/outcome.ts';

/** One file of the payload, by its path under `data/`, with forward slashes. */
export interface BagFile { path: string; bytes: Uint8Array }
/** What a bag says and whether it holds. `altered`: other bytes than the manifest says; `missing`: listed and not there; `unlisted`: there and not listed. */
export interface BagReading { valid: boolean; info: Record<string, string>; files: { path: string; bytes: number; standing: 'same' | 'altered' | 'unlisted' }[]; missing: string[]; problems: string[]; payload: BagFile[] }

const encode = (text: string): Uint8Array => new TextEncoder().encode(text);
/** Percent-encoding of the three characters that a manifest line cannot hold (RFC 8493, 2.1.3). */
const listed = (path: string): string => path.replace(/%/g, '%25').replace(/\r/g, '%0D').replace(/\n/g, '%0A');
const unlisted = (path: string): string => path.replace(/%0A/gi, '\n').replace(/%0D/gi, '\r').replace(/%25/g, '%');

/** Packs files as a BagIt bag in a ZIP. Source: RFC 8493, version 1.0: bagit.txt (2.1.1), payload (2.1.2), manifest with SHA-256 (2.1.3, 2.4), tag manifest (2.2.1), bag-info.txt (2.2.2).
 * @param name - the folder that the ZIP unpacks to; @param info - labels and values; Payload-Oxum and Bagging-Date are written here */
export async function writeBag(name: string, files: BagFile[], info: Record<string, string>, at: string): Promise<Uint8Array> {
  const paths = new Set<string>(), manifest: string[] = [];
  for (const f of files) {
    const path = `data/${f.path}`;
    if (isUnsafe(path) || paths.has(path)) throw new CannotDo('badInput', `“${f.path}” cannot be a path in the bag.`, 'Give every file a name of its own.');
    paths.add(path);
    manifest.push(`${await sha256(f.bytes)}  ${listed(path)}`);
  }
  const lines = Object.entries({ ...info, 'Bagging-Date': at.slice(0, 10), 'Payload-Oxum': `${files.reduce((n, f) => n + f.bytes.length, 0)}.${files.length}` });
  const tags: BagFile[] = [
    { path: 'bagit.txt', bytes: encode('BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n') },
    { path: 'bag-info.txt', bytes: encode(lines.map(([k, v]) => `${k.replace(/[:\r\n]/g, ' ')}: ${v.replace(/[\r\n]+/g, ' ')}\n`).join('')) },
    { path: 'manifest-sha256.txt', bytes: encode(manifest.map((l) => `${l}\n`).join('')) },
  ];
  const tagLines: string[] = [];
  for (const t of tags) tagLines.push(`${await sha256(t.bytes)}  ${t.path}\n`);
  tags.push({ path: 'tagmanifest-sha256.txt', bytes: encode(tagLines.join('')) });
  return packZip([...tags, ...files.map((f) => ({ path: `data/${f.path}`, bytes: f.bytes }))].map((f) => ({ name: `${name}/${f.path}`, bytes: f.bytes })));
}
const isUnsafe = (path: string): boolean => /(^|\/)\.\.?(\/|$)|^\/|\\|\0|^[a-z]:/i.test(path) || path.length > 400;

/** Reads a bag out of a ZIP and checks every byte against its manifests. Bags of version 0.97 and with SHA-512 or MD5 lists are read as far as SHA-256 goes.
 * @throws {CannotDo} `unreadable` for what is no ZIP, `badInput` for a ZIP that holds no bag */
export async function readBag(bytes: Uint8Array, name: string): Promise<BagReading> {
  let entries;
  try { entries = listZip(bytes).filter((e) => !e.name.endsWith('/')); } catch (error) { if (error instanceof CannotDo) throw error; throw new CannotDo('unreadable', 'This is no ZIP archive that can be opened.', 'Choose the bag as it was exported.', name); }
  const declaration = entries.find((e) => /(^|\/)bagit\.txt$/.test(e.name) && e.name.split('/').length <= 2);
  if (!declaration) throw new CannotDo('badInput', 'There is no bag in this archive: its declaration (bagit.txt) is missing.', 'Choose the bag as it was exported.', name);
  const root = declaration.name.slice(0, -'bagit.txt'.length), problems: string[] = [], contents = new Map<string, Uint8Array>();
  for (const e of entries) {
    if (!e.name.startsWith(root)) { problems.push(`“${e.name}” lies outside the bag.`); continue; }
    const path = e.name.slice(root.length);
    if (isUnsafe(path)) { problems.push(`“${path}” climbs out of the bag and was not read.`); continue; }
    try { contents.set(path, unpackEntry(bytes, e)); } catch { problems.push(`“${path}” cannot be unpacked.`); }
  }
  const text = (path: string): string | null => { const b = contents.get(path); return b ? new TextDecoder().decode(b) : null; };
  if (!/^BagIt-Version: (?:0\.9\d|1\.\d+)\r?\nTag-File-Character-Encoding: \S+/.test(text('bagit.txt') ?? '')) problems.push('The declaration is not one of BagIt 1.0.');
  const info: Record<string, string> = {};
  for (const line of (text('bag-info.txt') ?? '').replace(/\r?\n[ \t]+/g, ' ').split(/\r?\n/)) { const m = /^([^:]+):\s*(.*)$/.exec(line); if (m) info[m[1]!.trim()] = m[2]!; }
  const manifest = text('manifest-sha256.txt'), files: BagReading['files'] = [], missing: string[] = [], known = new Set<string>();
  if (manifest === null) problems.push(contents.has('manifest-sha512.txt') || contents.has('manifest-md5.txt') ? 'It has no SHA-256 list; its files cannot be verified here.' : 'The list of its files (manifest) is missing.');
  for (const [sum, path] of linesOf(manifest ?? '')) {
    known.add(path);
    const content = contents.get(path);
    if (!content) missing.push(path);
    else files.push({ path, bytes: content.length, standing: (await sha256(content)) === sum ? 'same' : 'altered' });
  }
  for (const [path, content] of contents) if (path.startsWith('data/') && !known.has(path)) files.push({ path, bytes: content.length, standing: 'unlisted' });
  for (const [sum, path] of linesOf(text('tagmanifest-sha256.txt') ?? '')) { const content = contents.get(path); if (!content) problems.push(`“${path}” is missing.`); else if ((await sha256(content)) !== sum) problems.push(`“${path}” was altered.`); }
  const oxum = /^(\d+)\.(\d+)$/.exec(info['Payload-Oxum'] ?? ''), payload = [...contents].filter(([p]) => p.startsWith('data/')).map(([path, b]) => ({ path: path.slice(5), bytes: b }));
  if (oxum && (Number(oxum[1]) !== payload.reduce((n, f) => n + f.bytes.length, 0) || Number(oxum[2]) !== payload.length)) problems.push('Number or size of the files is not what the bag says.');
  return { valid: problems.length === 0 && missing.length === 0 && files.every((f) => f.standing === 'same'), info, files, missing, problems, payload };
}
function linesOf(manifest: string): [string, string][] { return manifest.split(/\r?\n|\r/).flatMap((line): [string, string][] => { const m = /^([0-9a-fA-F]{64})\s+\*?(.+)$/.exec(line); return m ? [[m[1]!.toLowerCase(), unlisted(m[2]!)]] : []; }); }
