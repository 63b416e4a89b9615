import { expose } from 'comlink';
import { loadMupdf } from '../../core/engines/pdf.ts';
import { readPageRange, type PageBatch } from '../../core/readers/pdf/text.ts';

let open: { pdf: Parameters<typeof readPageRange>[0]; mupdf: Awaited<ReturnType<typeof loadMupdf>>; forms: Map<number, string> } | null = null;

/** Keeps one file open and reads the pages it is asked for; the one who started it ends it, and with it the file. */
const api = {
  async open(bytes: Uint8Array): Promise<void> {
    const mupdf = await loadMupdf(), pdf = mupdf.Document.openDocument(bytes, 'application/pdf') as Parameters<typeof readPageRange>[0];
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    open = { pdf, mupdf, forms: new Map() };
  },
  read(from: number, to: number, unseen: boolean): PageBatch {
    if (!open) throw new Error('no file is open');
    return readPageRange(open.pdf, unseen ? open.mupdf : null, from, to, open.forms);
  },
};
export type PagesApi = typeof api;
expose(api);
