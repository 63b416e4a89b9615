import { shifted, writeOutline, type Bookmark } from '../engines/outline.ts';
import { loadMupdf, saveWhole, withPage, withPdf, type PdfDocument } from '../engines/pdf.ts';
import { stampLines } from '../engines/stamp.ts';
import { escapeXml } from '../engines/xml.ts';
import { emptyPage, type PageDescription } from './page-description.ts';
import { JoinedTrees } from './tags/join-trees.ts';

/** What is added when several files become one: a sheet in front with these lines, the first as its title; numbers at the foot of all pages but that sheet. `untitled`: the title is not stored beside the text, where nothing stored is wanted. */
export interface JoinWish { cover?: string[]; pageNumbers?: boolean; untitled?: boolean }

/** One PDF from several, pages in order, with their bookmarks, their links and their structure. What annotations and form fields show is drawn onto the pages, since fields of several files would get in each other's way; comments that show nothing are left out. */
export async function joinPdfs(parts: Uint8Array[]): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const target = new mupdf.PDFDocument(), bookmarks: Bookmark[] = [], trees = new JoinedTrees(target);
  try {
    for (const bytes of parts) {
      await withPdf(bytes, (source) => {
        if (source.needsPassword()) source.authenticatePassword('');
        const map = target.newGraftMap(), count = source.countPages(), before = target.countPages();
        bookmarks.push(...shifted((source.loadOutline() ?? []) as Bookmark[], before));
        const links = Array.from({ length: count }, (_, i) => readyPage(source, i, before));
        source.bake(true, true);
        for (let i = 0; i < count; i++) map.graftPage(-1, source, i);
        trees.add({ source, copy: (object) => map.graftObject(object), first: before, pages: count });
        map.destroy();
        links.forEach((own, i) => { if (own.length > 0) withPage(target, before + i, (page) => { for (const l of own) page.createLink(l.box, l.uri).destroy(); }); });
      });
    }
    if (bookmarks.length > 0) writeOutline(target, bookmarks);
    trees.write();
    return await saveWhole(target);
  } finally { target.destroy(); }
}
/** Links of a page, as addresses and boxes; those that lead inside the file to the page that it becomes. Comments that are but an icon go. @param before - pages that stand in front */
function readyPage(source: PdfDocument, index: number, before: number): { uri: string; box: Rect }[] {
  return withPage(source, index, (page) => {
    for (const a of page.getAnnotations()) if (a.getType() === 'Text') page.deleteAnnotation(a);
    return page.getLinks().flatMap((l) => { const box = l.getBounds() as Rect, to = l.isExternal() ? -1 : source.resolveLink(l), link = l.isExternal() ? [{ uri: l.getURI(), box }] : to >= 0 ? [{ uri: `#page=${before + to + 1}`, box }] : []; l.destroy(); return link; });
  });
}
type Rect = [number, number, number, number];

/** A sheet for the front. Common practice, no published source: the title in the upper third, what else is said below it. */
export function coverSheet(lines: string[]): PageDescription {
  const [title = '', ...rest] = lines.map((l) => l.trim()).filter((l) => l.length > 0);
  return { ...emptyPage(), body: `<p style="margin-top:150pt;font-size:20pt;text-align:center">${escapeXml(title)}</p>${rest.map((l) => `<p style="margin-top:14pt;text-align:center">${escapeXml(l)}</p>`).join('')}`, generated: lines };
}

/** Numbers pages in the middle of the foot, from 1. @param skip - pages at the front that have no number */
export async function numberPages(bytes: Uint8Array, skip: number): Promise<{ bytes: Uint8Array; numbers: string[] }> {
  const numbers: string[] = [];
  return withPdf(bytes, async (pdf) => {
    for (let i = skip; i < pdf.countPages(); i++) {
      const page = pdf.loadPage(i), [x0, y0, x1, y1] = page.getBounds();
      page.destroy();
      numbers.push(String(i + 1 - skip));
      await stampLines(pdf, i, [{ text: numbers.at(-1)!, x: (x1 - x0) / 2, y: y1 - y0 - 28, size: 9.5, align: 'centre' }]);
    }
    pdf.subsetFonts();
    return { bytes: await saveWhole(pdf), numbers };
  });
}
