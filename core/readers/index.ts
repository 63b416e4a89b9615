import { sha256 } from '../engines/hash.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import { read, unread, type DocumentFacts, type FileFacts } from '../model/facts.ts';
import { extensionOf, sniffKind } from './kind.ts';
import type { ReadContext } from './context.ts';
import type { Twin } from './pdf/twin.ts';
import { readPicture } from './image/read.ts';
import { findIntegrity } from './integrity.ts';
import { outsideFields } from './outside-fields.ts';

const maxBytes = 1 << 30;
/** Each reader is loaded when the first file of its kind comes. */
const plain = () => import('./plain/read.ts'), html = () => import('./plain/html.ts');

/** Files within files are read alone, and tell of no progress. */
const deeper: ReadContext['readInner'] = (bytes, name, context) => readAt(bytes, name, { ...context, twin: undefined, depth: context.depth + 1, job: { stopped: context.job.stopped } });

/** Gathers the facts of one file. Never throws for a bad file: damage becomes a trouble, and what could not be read is `unread`.
 * @param twin - for a file and the copy that was made of it: pages that show the same are read once, no sum of the bytes is made and no photo is measured
 * @throws {CannotDo} `stopped` when the job was stopped, `tooLarge` beyond 1 GiB */
export async function readDocument(bytes: Uint8Array, name: string, job: Job = {}, twin?: Twin): Promise<DocumentFacts> {
  const facts = await readAt(bytes, name, { job, depth: 0, twin, readInner: deeper });
  facts.integrity.push(...findIntegrity(facts));
  return facts;
}

/** The same where only the words are asked for: what is painted and not seen is not looked for, which saves a quarter of the time, and a photo is not measured. */
export const readWords = (bytes: Uint8Array, name: string, job: Job = {}): Promise<DocumentFacts> => readAt(bytes, name, { job, depth: 0, wordsOnly: true, readInner: deeper });
/** The same for a file that was made here a moment ago: of a PDF its pages, their words and its fonts, and nothing of what it may hold besides. */
export const readShown = (bytes: Uint8Array, name: string, job: Job = {}): Promise<DocumentFacts> => readAt(bytes, name, { job, depth: 0, wordsOnly: true, shownOnly: true, readInner: deeper });

/** A picture that cannot be decoded is damaged as a photo, whatever else can be said of its file. */
async function photoFacts(bytes: Uint8Array, name: string): Promise<DocumentFacts['photo']> {
  try { return read((await (await import('../scan/measure.ts')).measurePhoto(bytes, name)).facts); } catch (error) {
    if (error instanceof CannotDo) return unread(error.code === 'tooLarge' ? 'tooLarge' : 'damaged');
    throw error;
  }
}

async function readAt(bytes: Uint8Array, name: string, context: ReadContext): Promise<DocumentFacts> {
  heed(context.job, name);
  if (bytes.length > maxBytes) throw new CannotDo('tooLarge', 'The file is larger than 1 GB.', 'Make it smaller in the program it was written in.', name);
  // The sum of a large file takes a while, and another thread.
  const sum = context.twin ? '' : sha256(bytes), facts = await readKind(bytes, name, context);
  if (fieldKinds.has(facts.file.kind)) facts.file.troubles.push(...outsideFields(facts));
  facts.file.sha256 = await sum;
  return facts;
}

/** Kinds whose fields are instructions to a word processor. */
const fieldKinds: ReadonlySet<string> = new Set(['docx', 'docm', 'dotx', 'rtf', 'doc']);

async function withPicturesOf(kind: 'rtf' | 'html', facts: DocumentFacts, bytes: Uint8Array): Promise<DocumentFacts> {
  const { withPictures, picturesOfRtf, picturesOfHtml } = await import('./plain/pictures.ts');
  return withPictures(facts, kind === 'rtf' ? picturesOfRtf(bytes) : picturesOfHtml(bytes));
}

async function readKind(bytes: Uint8Array, name: string, context: ReadContext): Promise<DocumentFacts> {
  const verdict = sniffKind(bytes, name);
  const file: FileFacts = {
    name, bytes: bytes.length, sha256: '', kind: verdict.kind, extension: extensionOf(name),
    encrypted: verdict.encrypted ? 'needs password' : false, troubles: [...verdict.troubles],
  };
  const nothing = (code: 'encrypted' | 'damaged' | 'notOfThisKind'): DocumentFacts => ({
    file, pages: unread(code), words: unread(code), fonts: unread(code), passages: unread(code), metadata: unread(code), remains: unread(code), layout: unread(code), photo: unread(code),
    statedPages: null, structure: null, integrity: [],
  });
  if (verdict.encrypted) return nothing('encrypted');
  try {
    switch (verdict.kind) {
      case 'pdf': return await (await import('./pdf/read.ts')).readPdf(bytes, file, context);
      case 'docx': case 'docm': case 'dotx': case 'xlsx': case 'pptx':
        return file.troubles.some((t) => t.code === 'truncated' || t.code === 'bomb') ? nothing('damaged') : await (await import('./docx/read.ts')).readDocx(bytes, file, context);
      case 'odt': case 'ods': case 'odp':
        return file.troubles.some((t) => t.code === 'truncated' || t.code === 'bomb') ? nothing('damaged') : await (await import('./odt/read.ts')).readOdt(bytes, file, context);
      case 'markdown': return await withPicturesOf('html', (await html()).readMarkdown(bytes, file), bytes);
      case 'txt': case 'tex': case 'csv': case 'json': case 'ipynb': case 'xml': return (await plain()).readPlain(bytes, file);
      case 'eml': return await (await import('./plain/mail.ts')).readMail(bytes, file, context);
      case 'html': return await withPicturesOf('html', (await html()).readHtml(bytes, file), bytes);
      case 'rtf': return await withPicturesOf('rtf', (await import('./plain/rtf.ts')).readRtf(bytes, file), bytes);
      case 'doc': return file.troubles.some((t) => t.code === 'truncated') ? nothing('damaged') : (await import('./doc/read.ts')).readDoc(bytes, file);
      case 'jpeg': case 'png': case 'tiff': case 'heic': case 'gif': case 'webp': {
        const picture = await readPicture(bytes, 'image');
        const photo = context.depth > 0 || context.wordsOnly || context.twin || ['heic', 'gif', 'webp'].includes(verdict.kind) || file.troubles.some((t) => t.code === 'truncated') ? unread('notOfThisKind') : await photoFacts(bytes, name);
        return { ...nothing('notOfThisKind'), photo, structure: { images: 1, tables: 0, equations: 0, footnotes: 0 }, passages: read(picture.passages, [{ part: 'picture', page: null, why: 'picture' }]), metadata: read(picture.metadata), remains: read({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 }) };
      }
      case 'empty': case 'lock': case 'link': case 'partial': return nothing('notOfThisKind');
      default: return file.troubles.some((t) => t.code === 'truncated') ? nothing('damaged') : (await plain()).readOpaque(bytes, file);
    }
  } catch (error) {
    if (error instanceof CannotDo && error.code === 'stopped') throw error;
    file.troubles.push({ code: 'damaged', part: 'file', page: null, text: error instanceof Error ? error.message : String(error) });
    return nothing('damaged');
  }
}
