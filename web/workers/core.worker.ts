import { expose, transfer } from 'comlink';
import { anatomyOf, reportPdf, checkFiles, cleanFile, compareFiles, compareVersions, convertFiles, fail, pagesForView, readBrief, readReceipt, shrinkFile, succeed, unpackArchive, CannotDo, type Brief, type CheckOptions, type Details, type Outcome, type ReportInput, type SourceFile } from '../../core/index.ts';
import type { JoinWish } from '../../core/convert/join.ts';
import { provideFaces } from '../../core/engines/faces.ts';
import { PageRenderer } from '../../core/engines/render.ts';
import { archiveFile } from '../../core/verbs/archive.ts';
import { embedFile } from '../../core/verbs/embed.ts';
import { addTextLayer } from '../../core/verbs/text-layer.ts';
import { compareArrived } from '../../core/verbs/arrived.ts';
import { redactFile } from '../../core/verbs/redact.ts';
import { settleFile } from '../../core/verbs/settle.ts';
import { keepAll, type Settlement } from '../../core/mends/settle/settlement.ts';
import type { Ocr } from '../../core/engines/ocr.ts';
import { readBag, writeBag } from '../../core/evidence/bag.ts';
import { Package, packZip } from '../../core/engines/zip.ts';
import { scanPhotos, sheetOf, straightenPhoto, type PhotoWish } from '../../core/verbs/scan.ts';
import type { Filter } from '../../core/scan/filters.ts';
import { receiptToText } from '../../core/receipt/to-text.ts';
import { firstWords } from '../../core/readers/peek.ts';
import { templateText, type Wanted } from '../../core/verbs/check.ts';
import { officeOnServer } from './office.ts';
import { pageHelpers } from './page-pool.ts';
import { forgetFacts, knownFacts, notKnown } from './facts-store.ts';
import { sniffKind } from '../../core/readers/kind.ts';
import { sha256 } from '../../core/engines/hash.ts';

/** A file as it is handed over: its bytes stay in the blob until they are needed. */
export interface Handed { name: string; blob: Blob }
export type Progress = (done: number, of: number, what: string) => void;

const renderer = new PageRenderer();
provideFaces(async (file) => { const answer = await fetch(`${self.location.origin}/faces/${file}`); if (!answer.ok) throw new Error(`${file} is missing`); return new Uint8Array(await answer.arrayBuffer()); });

let reader: Promise<Ocr> | null = null;
/** The reader of pictures, started when the first picture has to be read; its parts lie beside the application. */
const ocr = (): Promise<Ocr> => (reader ??= import('../../core/engines/ocr.ts').then(({ startOcr }) => { const at = `${self.location.origin}/ocr`; return startOcr({ langPath: at, workerPath: `${at}/worker.min.js`, corePath: at }, navigator.hardwareConcurrency); }));

const source = async (file: Handed): Promise<SourceFile> => {
  try { return { name: file.name, path: file.name, bytes: new Uint8Array(await file.blob.arrayBuffer()) }; } catch {
    throw new CannotDo('unreadable', `“${file.name}” could not be read: it was moved, renamed or deleted.`, 'Bring it again.', file.name);
  }
};

/** A file as PDF: as it is, or laid out by the built-in engine. */
async function fixedPages(file: Handed): Promise<Uint8Array> {
  const f = await source(file);
  return sniffKind(f.bytes, f.name).kind === 'pdf' ? f.bytes : pagesForView(f);
}

const clock = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Failures cross the boundary as values; anything else that is thrown is a bug and is told as one. */
async function outcome<T>(work: () => Promise<T> | T): Promise<Outcome<T>> {
  try { return succeed(await work()); } catch (error) {
    if (error instanceof CannotDo) return fail(error.code, error.file, error.message, error.remedy);
    return fail('unsupported', null, `Something went wrong inside: ${error instanceof Error ? error.message : String(error)}.`, 'Your files are untouched. Try again, or go on without this step.');
  }
}

const api = {
  notKnown: (files: { sha256: string; name: string }[], wanted: Wanted) => outcome(() => notKnown(files, wanted)),
  forget: () => outcome(() => forgetFacts()),
  /** Reads a file ahead of a check, so that several workers share the reading. */
  know: (file: Handed, wanted: Wanted) => outcome(async () => { await knownFacts(await source(file), { ocr, pageHelpers }, wanted); return true; }),
  check: (files: Handed[], options: CheckOptions, progress: Progress) => outcome(async () => {
    const { facts: _facts, ...rest } = await checkFiles(await Promise.all(files.map(source)), { ...options, clock }, { progress, ocr, pageHelpers }, knownFacts);
    return rest;
  }),
  clean: (file: Handed, details: Details | null, brief: Brief) => outcome(async () => {
    const { bytes, ...rest } = await cleanFile(await source(file), { details, brief });
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  convert: (files: Handed[], to: 'pdf' | 'docx', progress: Progress, wish: JoinWish = {}, engine: 'builtin' | 'office' = 'builtin') => outcome(async () => {
    const { bytes, ...rest } = await convertFiles(await Promise.all(files.map(source)), { progress }, engine === 'office' ? officeOnServer : undefined, to, wish);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  settle: (file: Handed, wish: Partial<Settlement>) => outcome(async () => {
    const { bytes, ...rest } = await settleFile(await source(file), { ...keepAll, ...wish });
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  redact: (file: Handed, details: Details, wording: string) => outcome(async () => {
    const { bytes, ...rest } = await redactFile(await source(file), details, { ocr }, wording);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  embed: (file: Handed) => outcome(async () => {
    const { bytes, ...rest } = await embedFile(await source(file));
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  archive: (file: Handed, keepNames: boolean) => outcome(async () => {
    const { bytes, ...rest } = await archiveFile(await source(file), keepNames);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  textLayer: (file: Handed, progress: Progress) => outcome(async () => {
    const { bytes, ...rest } = await addTextLayer(await source(file), { progress, ocr });
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  shrink: (file: Handed, maxBytes: number) => outcome(async () => {
    const { bytes, ...rest } = await shrinkFile(await source(file), maxBytes);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>]), ...rest };
  }),
  compare: (paper: Handed, against: Handed[], templates: Handed[], progress: Progress) => outcome(async () => compareFiles(await source(paper), await Promise.all(against.map(source)), await Promise.all(templates.map(source)), { progress })),
  brief: (text: string, now: string) => outcome(() => readBrief(text, now)),
  textOf: (file: Handed) => outcome(async () => { const f = await source(file); return receiptToText(f.bytes, f.name, 0, 'assignment', ocr); }),
  /** The main text of a document, for comparing with a template. */
  plainText: (file: Handed) => outcome(async () => { const f = await source(file); return templateText(await knownFacts(f, {})); }),
  receipt: (receipt: Handed, files: Handed[], brief: Brief | null, now: string) => outcome(async () => readReceipt(await source(receipt), await Promise.all(files.map(source)), brief, now, { ocr }, clock)),
  /** Kind and sum of a file, as soon as it is brought. */
  glance: (file: Handed) => outcome(async () => { const f = await source(file); return { kind: sniffKind(f.bytes, f.name).kind, sha256: await sha256(f.bytes), bytes: f.bytes.length, head: await firstWords(f, (file) => knownFacts(file, {})) }; }),
  versions: (first: Handed, second: Handed, fileTimes: [number | null, number | null]) => outcome(async () => compareVersions(await source(first), await source(second), fileTimes)),
  arrived: (sent: Handed, copy: Handed) => outcome(async () => compareArrived(await source(sent), await source(copy))),
  unpack: (file: Handed, progress: Progress) => outcome(async () => {
    const { documents, left } = unpackArchive(await source(file), { progress });
    return { documents: documents.map(({ bytes, ...rest }) => ({ ...rest, blob: new Blob([bytes as Uint8Array<ArrayBuffer>]) })), left };
  }),
  pack: (entries: { path: string; blob: Blob }[]) => outcome(async () => new Blob([packZip(await Promise.all(entries.map(async (e) => ({ name: e.path, bytes: new Uint8Array(await e.blob.arrayBuffer()) })))) as Uint8Array<ArrayBuffer>], { type: 'application/zip' })),
  open: (file: Handed) => outcome(async () => { const pack = new Package((await source(file)).bytes); return pack.names().map((path) => ({ path, blob: new Blob([pack.part(path)! as Uint8Array<ArrayBuffer>]) })); }),
  writeBag: (name: string, files: { path: string; blob: Blob }[], info: Record<string, string>, at: string) => outcome(async () => new Blob([(await writeBag(name, await Promise.all(files.map(async (f) => ({ path: f.path, bytes: new Uint8Array(await f.blob.arrayBuffer()) }))), info, at)) as Uint8Array<ArrayBuffer>], { type: 'application/zip' })),
  readBag: (file: Handed) => outcome(async () => { const f = await source(file), { payload: _payload, ...rest } = await readBag(f.bytes, f.name); return rest; }),
  /** Where a photographed sheet lies, which way up it is, and how good the photo is. */
  sheet: (file: Handed) => outcome(async () => sheetOf(await source(file), { ocr })),
  scan: (files: Handed[], filter: Filter, wishes: PhotoWish[], progress: Progress) => outcome(async () => {
    const { bytes, pages } = await scanPhotos(await Promise.all(files.map(source)), filter, { progress, ocr }, wishes);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/pdf' }), pages };
  }),
  straighten: (file: Handed, filter: Filter, wish: PhotoWish, progress: Progress) => outcome(async () => {
    const { bytes, pages } = await straightenPhoto(await source(file), filter, { progress, ocr }, wish);
    return { blob: new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'image/jpeg' }), pages };
  }),
  anatomy: (file: Handed) => outcome(async () => { const f = await source(file); return anatomyOf(f.bytes, f.name); }),
  report: (input: ReportInput) => outcome(async () => new Blob([(await reportPdf(input)) as Uint8Array<ArrayBuffer>], { type: 'application/pdf' })),
  lines: (key: string, file: Handed, page: number) => outcome(async () => renderer.lines(key, () => fixedPages(file), page)),
  /** A page as pixels; files without fixed pages are laid out by the built-in engine first. */
  render: async (key: string, file: Handed, page: number, width: number) => {
    const result = await outcome(async () => renderer.render(key, () => fixedPages(file), page, width));
    return result.ok ? transfer(result, [result.value.pixels.buffer]) : result;
  },
};
export type CoreApi = typeof api;
expose(api);
