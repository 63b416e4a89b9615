import type { RenderedPage } from '../../core/engines/render.ts';
import { drawPool, type Running } from '../workers/client.ts';
import type { FileRow } from '../store/db.ts';

/** Small pictures of pages, drawn when first asked for and kept while there is room. */
const kept = new Map<string, ImageBitmap>();
const room = 400;

export interface Picture { bitmap: ImageBitmap | null; stop: () => void }

/** Asks for the small picture of a page; `done` gets it, at once when it is kept. Stopping takes a waiting request back. */
export function askPicture(file: Pick<FileRow, 'id' | 'name' | 'blob'>, page: number, width: number, done: (bitmap: ImageBitmap | null) => void): () => void {
  const key = `${file.id}/${page}/${width}`, known = kept.get(key);
  if (known) { kept.delete(key); kept.set(key, known); done(known); return () => {}; }
  let wanted = true, running: Running<RenderedPage> | null = null;
  // Scrolling past asks for many pages for a moment only: wait until it rests.
  const timer = setTimeout(() => {
    running = drawPool.run<RenderedPage>((api) => api.render(file.id, { name: file.name, blob: file.blob }, page, width) as never);
    void running.outcome.then(async (o) => {
      const bitmap = o.ok ? await createImageBitmap(new ImageData(o.value.pixels, o.value.width, o.value.height)) : null;
      if (bitmap) {
        kept.set(key, bitmap);
        if (kept.size > room) { const oldest = kept.keys().next().value!; kept.get(oldest)?.close(); kept.delete(oldest); }
      }
      if (wanted) done(bitmap);
    });
  }, 60);
  return () => { wanted = false; clearTimeout(timer); running?.withdraw(); };
}
