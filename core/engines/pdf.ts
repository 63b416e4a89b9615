import type * as Mupdf from 'mupdf';
import { CannotDo } from '../model/outcome.ts';
import { engineMemory } from './memory.ts';

export type MupdfModule = typeof Mupdf;
export type PdfDocument = Mupdf.PDFDocument;
export type PdfPage = Mupdf.PDFPage;
export type PDFObject = Mupdf.PDFObject;
export type ShownText = Mupdf.Text;
export type Matrix = Mupdf.Matrix;

let loading: Promise<MupdfModule> | null = null;
/** The engine is ten megabytes of WebAssembly: it is loaded when the first file needs it. */
export const loadMupdf = (): Promise<MupdfModule> => (loading ??= import('mupdf').then((m) => {
  m.setLog?.({ error: () => {}, warning: () => {} });
  // Reading needs no managed colours, and building their tables costs a tenth of a second.
  m.disableICC?.();
  return m;
}));

/** Colours as their profiles say, for what people look at and for pictures that are written anew. */
export function withManagedColours<T>(mupdf: MupdfModule, draw: () => T): T {
  mupdf.enableICC?.();
  try { return draw(); } finally { mupdf.disableICC?.(); }
}

/** Lends the document of some bytes to some work. */
export type Lend = <T>(bytes: Uint8Array, work: (pdf: PdfDocument, mupdf: MupdfModule) => T | Promise<T>) => Promise<T>;

/** Opens PDF bytes, lends the document, and destroys it whatever happens.
 * @throws {CannotDo} `unreadable` when even a repair finds no document */
export async function withPdf<T>(bytes: Uint8Array, use: (pdf: PdfDocument, mupdf: MupdfModule) => T | Promise<T>): Promise<T> {
  const opened = await openPdf(bytes);
  try { return await opened.use(use); } finally { opened.close(); }
}
/** For a document that is needed beyond one use; whoever opens it closes it. @throws {CannotDo} as {@link withPdf} */
export async function openPdf(bytes: Uint8Array): Promise<{ use: <T>(work: (pdf: PdfDocument, mupdf: MupdfModule) => T | Promise<T>) => Promise<T>; close: () => void }> {
  const mupdf = await loadMupdf(), source = sourceOf(bytes, mupdf);
  let doc: Mupdf.Document;
  try {
    doc = mupdf.Document.openDocument(source.buffer, 'application/pdf');
  } catch (error) {
    source.letGo();
    throw new CannotDo('unreadable', `This is not a PDF that can be opened (${reason(error)}).`, 'Export the PDF again from the program it was written in.');
  }
  return {
    use: async (work) => {
      try {
        return await work(doc as PdfDocument, mupdf);
      } catch (error) {
        // The engine throws plain errors at what a file holds; anything of a class of its own is ours, or a bug.
        if (error instanceof Error && error.constructor === Error) throw new CannotDo('unreadable', `The PDF is damaged (${reason(error)}).`, 'Export it again from the program it was written in.');
        throw error;
      }
    },
    close: () => { doc.destroy(); source.letGo(); mupdf.emptyStore?.(); },
  };
}
/** The engine's own copy of some bytes, which it only reads: documents that are open on the same bytes at one time share it. */
function sourceOf(bytes: Uint8Array, mupdf: MupdfModule): { buffer: Mupdf.Buffer; letGo: () => void } {
  const source = sources.get(bytes) ?? { buffer: lastWritten?.bytes.deref() === bytes ? lastWritten.buffer : new mupdf.Buffer(bytes), users: 0 };
  if (source.buffer === lastWritten?.buffer) lastWritten = null;
  source.users++;
  sources.set(bytes, source);
  return { buffer: source.buffer, letGo: () => { if (--source.users === 0) { source.buffer.destroy(); sources.delete(bytes); } } };
}
/** What was written last is most often opened next, to be proved: the engine has it still. */
let lastWritten: { bytes: WeakRef<Uint8Array>; buffer: Mupdf.Buffer } | null = null;
const sources = new Map<Uint8Array, { buffer: Mupdf.Buffer; users: number }>();

/** Lends a page and destroys it. */
export function withPage<T>(pdf: Mupdf.Document, index: number, use: (page: PdfPage) => T): T {
  const page = pdf.loadPage(index) as PdfPage;
  try { return use(page); } finally { page.destroy(); }
}

function makeRoom(size: number): void {
  const engine = engineMemory();
  try { engine._wasm_free(engine._wasm_malloc(size)); } catch { /* there is less: what is written is moved as it grows */ }
}
/** @param expected - bytes that the file will have or more: where they are at hand in one piece, the engine need not move what it has written each time there is twice as much */
function write(pdf: PdfDocument, how: string, expected = 0): Uint8Array {
  lastWritten?.buffer.destroy();
  lastWritten = null;
  if (expected > large) makeRoom(expected * 2);
  const buffer = pdf.saveToBuffer(how), bytes = buffer.asUint8Array().slice();
  lastWritten = { bytes: new WeakRef(bytes), buffer };
  return bytes;
}
/** Writes a document whole in one go: no earlier state, no object that nothing refers to. Objects keep their numbers, so the table of
 * numbers has gaps where some are gone. */
export const saveOnce = (pdf: PdfDocument, expected = 0): Uint8Array => write(pdf, 'garbage=1,compress,compress-images=no,compress-fonts=no,encrypt=none', expected);
const large = 8 << 20;

const manyObjects = 20_000;
/** Writes a document whole: no earlier state, no object that nothing refers to, equal objects once.
 * In two steps: MuPDF 1.28 loses objects that were looked at one by one when it renumbers them in the same session, so the document is
 * first written with its numbers kept and then, untouched, written again. */
export async function saveWhole(pdf: PdfDocument, options = 'garbage=4,compress,compress-images=no,compress-fonts=no'): Promise<Uint8Array> {
  // Comparing every object with every other takes minutes where there are tens of thousands; what nothing refers to goes in any case.
  const how = pdf.countObjects() > manyObjects ? options.replace(/garbage=[34]/, 'garbage=2') : options;
  const first = write(pdf, `garbage=1${options.includes('encrypt=') ? ',encrypt=none' : ''}`);
  return withPdf(first, (again) => write(again, how));
}

/** Adds a page that shows one picture. @param sheet - width and height in points; @param matrix - the picture's unit square on the page (ISO 32000-1, 8.9.5) */
export function addPicturePage(pdf: PdfDocument, sheet: readonly [number, number], image: Mupdf.PDFObject, matrix: readonly number[]): void {
  const resources = pdf.newDictionary(), objects = pdf.newDictionary();
  objects.put('Im', image);
  resources.put('XObject', objects);
  pdf.insertPage(-1, pdf.addPage([0, 0, sheet[0], sheet[1]], 0, pdf.addObject(resources), `q ${matrix.map((n) => n.toFixed(3)).join(' ')} cm /Im Do Q`));
}

export const reason = (error: unknown): string => (error instanceof Error ? error.message : String(error)).replace(/\s+/g, ' ').slice(0, 160);
