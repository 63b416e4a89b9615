import type { Pixmap } from 'mupdf';
import { loadMupdf, withPage, withPdf, type Lend } from '../engines/pdf.ts';
import { sameBytes } from '../text/bytes.ts';
import { lightOf, scaledPixmap } from './shrink/pictures.ts';
import { heed, type Job } from '../model/outcome.ts';
import type { DocumentFacts, Passage } from '../model/facts.ts';

/** What was verified by reading the new bytes again. Null: not applicable to the kind. */
export interface Proof { textSame: boolean; pagesSame: boolean | null; maxPixelDifference: number | null; pagesCompared: number; /** the page on which that difference stands; null where nothing differs, or there are no pages */ worstPage: number | null }

const shown = (facts: DocumentFacts): string => (facts.passages.ok ? facts.passages.value.filter((p: Passage) => ['text', 'runningHead', 'footnote', 'textbox'].includes(p.place)).map((p) => p.text).join('\n') : '');

const renderDpi = 60;
const maxRendered = 60, fewRendered = 3;
/** From this many bytes on, nearly all of a page's drawing is unpacking its pictures: of pages known to be the same one is rendered. */
const heavy = 32 << 20;

/** Compares the text, the pages and the pixels of a file with those of its mended copy.
 * @param resized - a picture may have other measures afterwards: then both are drawn as large as the smaller one, and what differs is what a person could see
 * @param twin - what was found when both were read: where everything that the pages are painted from is the same, a few are still rendered, so that nothing rests on that comparison alone */
export async function proveSame(before: { bytes: Uint8Array; facts: DocumentFacts }, after: { bytes: Uint8Array; facts: DocumentFacts }, job: Job, twin: { same: boolean; lend: Lend } = { same: false, lend: withPdf }, resized = false): Promise<Proof> {
  const textSame = before.facts.passages.ok === after.facts.passages.ok && shown(before.facts) === shown(after.facts);
  const kind = before.facts.file.kind;
  if (kind === 'pdf' && before.facts.pages.ok && after.facts.pages.ok) {
    const [a, b] = [before.facts.pages.value, after.facts.pages.value];
    const pagesSame = a.length === b.length && a.every((p, i) => p.width === b[i]!.width && p.height === b[i]!.height && p.rotation === b[i]!.rotation);
    const { difference, compared, worst } = await pixelDifference(before.bytes, after.bytes, job, !twin.same ? maxRendered : after.bytes.length > heavy ? 1 : fewRendered, twin.lend);
    return { textSame, pagesSame, maxPixelDifference: difference, pagesCompared: twin.same ? a.length : compared, worstPage: worst };
  }
  if (['jpeg', 'png', 'tiff'].includes(kind)) {
    const difference = await pictureDifference(before.bytes, after.bytes, resized);
    return { textSame: true, pagesSame: difference !== null, maxPixelDifference: difference, pagesCompared: 1, worstPage: null };
  }
  // Without fixed pages: the same paragraphs with the same structure lay out to the same pages.
  const structureSame = JSON.stringify(before.facts.structure) === JSON.stringify(after.facts.structure);
  return { textSame, pagesSame: textSame && structureSame, maxPixelDifference: null, pagesCompared: 0, worstPage: null };
}

/** The largest difference of any colour value, 0–255, over pages rendered from both files; every page up to `most`, then evenly spread. */
async function pixelDifference(a: Uint8Array, b: Uint8Array, job: Job, most: number, lend: Lend): Promise<{ difference: number; compared: number; worst: number | null }> {
  let difference = 0, compared = 0, worst: number | null = null;
  await comparePages(a, b, job, most, lend, (page, d) => { compared++; if (d > difference) { difference = d; worst = page; } return d < 255; });
  return { difference, compared, worst };
}
/** Pages, from 1, that do not look the same: more than smoothed edges differ. Pages that one file has and the other has not are not among them. */
export async function differingPages(a: Uint8Array, b: Uint8Array, job: Job): Promise<number[]> {
  const differing: number[] = [];
  await comparePages(a, b, job, maxRendered, withPdf, (page, d) => { if (d > 48) differing.push(page); return true; });
  return differing;
}
/** Renders pages of two files side by side. @param each - is given the page and its largest difference, and says whether to go on */
async function comparePages(a: Uint8Array, b: Uint8Array, job: Job, most: number, lend: Lend, each: (page: number, difference: number) => boolean): Promise<void> {
  await lend(a, (first, mupdf) => lend(b, (second) => {
    for (const doc of [first, second]) doc.authenticatePassword?.('');
    const count = Math.min(first.countPages(), second.countPages()), step = Math.max(1, Math.ceil(count / most)), scale = mupdf.Matrix.scale(renderDpi / 72, renderDpi / 72);
    for (let i = 0; i < count; i += step) {
      heed(job);
      const [x, y] = [first, second].map((doc) => withPage(doc, i, (page) => {
        const pixmap = page.toPixmap(scale, mupdf.ColorSpace.DeviceRGB, false, true);
        try { return bytesOf(pixmap); } finally { pixmap.destroy(); }
      }));
      if (!each(i + 1, largestDifference(x!, y!))) return;
    }
  }));
}
const bytesOf = (pixmap: Pixmap): Uint8Array => { const pixels = pixmap.getPixels(); return new Uint8Array(pixels.buffer, pixels.byteOffset, pixels.length).slice(); };
function largestDifference(x: Uint8Array, y: Uint8Array): number {
  if (x.length !== y.length) return 255;
  if (sameBytes(x, y)) return 0;
  let difference = 0;
  for (let k = 0; k < x.length; k++) { const d = x[k]! - y[k]!, size = d < 0 ? -d : d; if (size > difference) difference = size; }
  return difference;
}

async function pictureDifference(a: Uint8Array, b: Uint8Array, resized: boolean): Promise<number | null> {
  const mupdf = await loadMupdf();
  try {
    const images = [a, b].map((bytes) => new mupdf.Image(bytes)), [width, height] = [Math.min(...images.map((i) => i.getWidth())), Math.min(...images.map((i) => i.getHeight()))], alike = images.every((i) => i.getWidth() === width && i.getHeight() === height);
    const [x, y] = images.map((image) => {
      const pixmap = alike || !resized ? image.toPixmap() : scaledPixmap(mupdf, image, width, height, lightOf(image));
      try { return bytesOf(pixmap); } finally { pixmap.destroy(); image.destroy(); }
    });
    return largestDifference(x!, y!);
  } catch { return null; }
}
