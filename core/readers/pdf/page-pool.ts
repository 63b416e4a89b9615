import type { MupdfModule, PdfDocument } from '../../engines/pdf.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { joinBatches, pageCount, readPageRange, readPages, type PageBatch, type ReadPages } from './text.ts';

/** Another thread that has the same file open. The caller ends it when all pages are read. */
export interface PageHelper { /** @param unseen - whether text that is painted and not seen is to be found as well */ read(from: number, to: number, unseen: boolean): Promise<PageBatch>; close(): void }

/** Below this many pages a helper takes longer to start than the pages take to read. */
export const fewestPages = 200;
const chunk = 16;

/** Where no thread can be started, this one reads alone. */
function begin(job: Job, bytes: Uint8Array): PageHelper[] { try { return job.pageHelpers?.(bytes) ?? []; } catch { return []; } }

/** Reads a long file's pages in several threads: each takes the next pages that nobody has, this one too, so that nobody waits for a slow page.
 * A helper that fails gives its pages back and is asked no more.
 * @param mupdf - null where text that is painted and not seen need not be found; @param meanwhile - other work of this thread, done while the helpers read */
export async function readPagesTogether<T>(bytes: Uint8Array, pdf: PdfDocument, job: Job, mupdf: MupdfModule | null, meanwhile: () => Promise<T>): Promise<{ read: ReadPages; meanwhile: T }> {
  const count = pageCount(pdf), helpers = count >= fewestPages ? begin(job, bytes) : [];
  if (helpers.length === 0) { const done = await meanwhile(); return { read: readPages(pdf, job, mupdf), meanwhile: done }; }
  const open: [number, number][] = Array.from({ length: Math.ceil(count / chunk) }, (_, i): [number, number] => [i * chunk, Math.min(count, (i + 1) * chunk)]).reverse(), batches: PageBatch[] = [], forms = new Map<number, string>();
  let pages = 0, ended = false;
  const take = (batch: PageBatch): void => { batches.push(batch); pages += batch.pages.length; job.progress?.(pages, count, 'pages'); };
  const work = async (helper: PageHelper): Promise<void> => {
    for (let range; !ended && (range = open.pop());) {
      try { take(await helper.read(...range, mupdf !== null)); } catch { open.push(range); return; }
    }
  };
  try {
    const others = helpers.map(work), done = await meanwhile();
    const own = async (): Promise<void> => {
      for (let range; (range = open.pop());) {
        heed(job);
        take(readPageRange(pdf, mupdf, ...range, forms));
        // The helpers' answers and a stop come in between.
        await new Promise((resolve) => setTimeout(resolve));
      }
    };
    await own();
    await Promise.all(others);
    await own();
    return { read: joinBatches(batches), meanwhile: done };
  } finally { ended = true; for (const h of helpers) h.close(); }
}
