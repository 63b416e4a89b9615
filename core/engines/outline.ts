import type { PdfDocument } from './pdf.ts';

/** One bookmark and those under it; `page` from 0. */
export interface Bookmark { title?: string; page?: number; open?: boolean; down?: Bookmark[] }

/** Writes bookmarks, level by level (ISO 32000-1, 12.3.3), behind those that the iterator stands at. Only the page of their places is kept. */
export function writeOutline(pdf: PdfDocument, bookmarks: Bookmark[]): void {
  const at = pdf.outlineIterator();
  const write = (level: Bookmark[], depth: number): void => {
    for (const { title, page, down } of level) {
      at.insert({ title: (title ?? '').replace(/\s+/g, ' ').trim(), uri: `#page=${(page ?? 0) + 1}`, open: true } as never);
      if (!down || down.length === 0 || depth > 40) continue;
      at.prev(); at.down();
      write(down, depth + 1);
      at.up(); at.next();
    }
  };
  try { write(bookmarks, 0); } finally { at.destroy(); }
}
/** Bookmarks of a file that stands behind `before` other pages. */
export const shifted = (bookmarks: Bookmark[], before: number): Bookmark[] => bookmarks.map((b) => ({ ...b, page: (b.page ?? 0) + before, ...(b.down ? { down: shifted(b.down, before) } : {}) }));
