import { wrap } from 'comlink';
import type { PageHelper } from '../../core/readers/pdf/page-pool.ts';
import type { PagesApi } from './pages.worker.ts';

/** One more thread for the pages of a long file; a file that is read alone has half the machine to itself, and others are read meanwhile. */
export function pageHelpers(bytes: Uint8Array): PageHelper[] {
  const worker = new Worker(new URL('./pages.worker.ts', import.meta.url), { type: 'module' }), api = wrap<PagesApi>(worker);
  const lost = new Promise<never>((_, failed) => { worker.onerror = () => failed(new Error('the thread has ended')); }), ready = Promise.race([api.open(bytes), lost]);
  // Whoever asks for pages is told; without a listener of its own the failure would be reported twice.
  ready.catch(() => undefined); lost.catch(() => undefined);
  return [{ read: async (from, to, unseen) => { await ready; return Promise.race([api.read(from, to, unseen), lost]); }, close: () => worker.terminate() }];
}
