import { parentPort, workerData } from 'node:worker_threads';
import { useCompiledEngine } from '../core/engines/memory.ts';
import type { HelperData } from './page-pool.ts';
import { withPdf } from '../core/engines/pdf.ts';
import { readPageRange } from '../core/readers/pdf/text.ts';

const { shared, engine } = workerData as HelperData;
if (engine) useCompiledEngine(Promise.resolve(engine));
/** A thread that keeps one file open and reads the pages it is asked for. */
await withPdf(new Uint8Array(shared), async (pdf, mupdf) => {
  if (pdf.needsPassword()) pdf.authenticatePassword('');
  const forms = new Map<number, string>();
  await new Promise(() => { parentPort!.on('message', ({ id, from, to, unseen }: { id: number; from: number; to: number; unseen: boolean }) => {
    try { parentPort!.postMessage({ id, batch: readPageRange(pdf, unseen ? mupdf : null, from, to, forms) }); } catch (error) { parentPort!.postMessage({ id, error: String(error) }); }
  }); });
});
