import type * as Mupdf from 'mupdf';
import { loadMupdf, withManagedColours } from './pdf.ts';

/** A page as pixels: RGBA rows from the top, with its size in points. */
export interface RenderedPage { width: number; height: number; pixels: Uint8ClampedArray<ArrayBuffer>; pagePt: [number, number]; pages: number }

export interface PageLines { pagePt: [number, number]; lines: { text: string; box: [number, number, number, number] }[] }

/** Keeps one document open for drawing page after page; opening another closes it. */
export class PageRenderer {
  private open: { key: string; doc: Mupdf.Document } | null = null;

  private async document(key: string, load: () => Promise<Uint8Array>): Promise<Mupdf.Document> {
    const mupdf = await loadMupdf();
    if (this.open?.key === key) return this.open.doc;
    const bytes = await load();
    this.open?.doc.destroy();
    this.open = null;
    const doc = mupdf.Document.openDocument(bytes, 'application/pdf');
    if (doc.needsPassword()) doc.authenticatePassword('');
    this.open = { key, doc };
    return doc;
  }

  /** The lines of a page with their boxes, for selecting text over its picture. */
  async lines(key: string, load: () => Promise<Uint8Array>, page: number): Promise<PageLines> {
    const doc = await this.document(key, load);
    const one = doc.loadPage(Math.min(Math.max(0, page - 1), doc.countPages() - 1));
    try {
      const [x0, y0, x1, y1] = one.getBounds(), lines: PageLines['lines'] = [];
      const text = one.toStructuredText('preserve-whitespace');
      try {
        let line = '', box: [number, number, number, number] = [0, 0, 0, 0];
        text.walk({ beginLine(bbox) { line = ''; box = [bbox[0] - x0, bbox[1] - y0, bbox[2] - x0, bbox[3] - y0]; }, onChar(c) { line += c; }, endLine() { if (line.trim()) lines.push({ text: line, box }); } });
      } finally { text.destroy(); }
      return { pagePt: [x1 - x0, y1 - y0], lines };
    } finally { one.destroy(); }
  }

  /** @param key - says whether `load` has to be asked again; @param widthPx - the width the page is to have */
  async render(key: string, load: () => Promise<Uint8Array>, page: number, widthPx: number): Promise<RenderedPage> {
    const mupdf = await loadMupdf(), doc = await this.document(key, load), pages = doc.countPages();
    const one = doc.loadPage(Math.min(Math.max(0, page - 1), pages - 1));
    try {
      const [x0, y0, x1, y1] = one.getBounds(), scale = Math.min(8, widthPx / Math.max(1, x1 - x0));
      const pixmap = withManagedColours(mupdf, () => one.toPixmap(mupdf.Matrix.scale(scale, scale), mupdf.ColorSpace.DeviceRGB, true, true));
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
