import type * as Mupdf from 'mupdf';
import { loadMupdf } from './pdf.ts';

/** A page as pixels: RGBA rows from the top, with its size in points. */
export interface RenderedPage { width: number; height: number; pixels: Uint8ClampedArray<ArrayBuffer>; pagePt: [number, number]; pages: number }

/** Keeps one document open for drawing page after page; opening another closes it. */
export class PageRenderer {
  private open: { key: string; doc: Mupdf.Document } | null = null;

  /** @param key - says whether `load` has to be asked again; @param widthPx - the width the page is to have */
  async render(key: string, load: () => Promise<Uint8Array>, page: number, widthPx: number): Promise<RenderedPage> {
    const mupdf = await loadMupdf();
    if (this.open?.key !== key) {
      const bytes = await load();
      this.open?.doc.destroy();
      this.open = null;
      const doc = mupdf.Document.openDocument(bytes, 'application/pdf');
      if (doc.needsPassword()) doc.authenticatePassword('');
      this.open = { key, doc };
    }
    const doc = this.open.doc, pages = doc.countPages();
    const one = doc.loadPage(Math.min(Math.max(0, page - 1), pages - 1));
    try {
      const [x0, y0, x1, y1] = one.getBounds(), scale = Math.min(8, widthPx / Math.max(1, x1 - x0));
      const pixmap = one.toPixmap(mupdf.Matrix.scale(scale, scale), mupdf.ColorSpace.DeviceRGB, true, true);
      try {
        const width = pixmap.getWidth(), height = pixmap.getHeight(), source = pixmap.getPixels();
        const pixels = new Uint8ClampedArray(source.length);
        // Glyph edges come premultiplied on clear ground; a sheet is white.
        for (let i = 0; i < source.length; i += 4) { const a = source[i + 3]!; for (let k = 0; k < 3; k++) pixels[i + k] = source[i + k]! + 255 - a; pixels[i + 3] = 255; }
        return { width, height, pixels, pagePt: [x1 - x0, y1 - y0], pages };
      } finally { pixmap.destroy(); }
    } finally { one.destroy(); }
  }
  close(): void { this.open?.doc.destroy(); this.open = null; }
}
