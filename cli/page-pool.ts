import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import { compiledEngine } from '../core/engines/memory.ts';
import type { PageHelper } from '../core/readers/pdf/page-pool.ts';
import type { PageBatch } from '../core/readers/pdf/text.ts';

/** What a thread is given: the file, and the engine as far as it is compiled already. */
export interface HelperData { shared: SharedArrayBuffer; engine: WebAssembly.Module | undefined }
const mostHelpers = 3;
/** Beyond this every further copy of the file in memory costs more than it saves. */
const mostBytes = 160 << 20;

/** As many threads as there are cores besides this one, each with the file open. */
export function pageHelpers(bytes: Uint8Array): PageHelper[] {
  if (bytes.length > mostBytes) return [];
  const shared = new SharedArrayBuffer(bytes.length);
  new Uint8Array(shared).set(bytes);
  return Array.from({ length: Math.min(mostHelpers, availableParallelism() - 1) }, () => helper({ shared, engine: compiledEngine() }));
}

/** Bundled code lies in a folder beside `cli`, whichever part it belongs to. */
function helper(given: HelperData): PageHelper {
  const worker = new Worker(new URL('../cli/page-helper.js', import.meta.url), { workerData: given }), waiting = new Map<number, { done: (batch: PageBatch) => void; failed: (error: Error) => void }>();
  let asked = 0, lost: Error | null = null;
  const lose = (error: Error): void => { lost = error; for (const w of waiting.values()) w.failed(error); waiting.clear(); };
  worker.on('message', ({ id, batch, error }: { id: number; batch?: PageBatch; error?: string }) => { const w = waiting.get(id); waiting.delete(id); if (batch) w?.done(batch); else w?.failed(new Error(error)); });
  worker.on('error', lose);
  worker.on('exit', () => lose(new Error('the thread has ended')));
  return {
    read: (from, to, unseen) => new Promise((done, failed) => { if (lost) { failed(lost); return; } const id = ++asked; waiting.set(id, { done, failed }); worker.postMessage({ id, from, to, unseen }); }),
    close: () => { void worker.terminate(); },
  };
}
