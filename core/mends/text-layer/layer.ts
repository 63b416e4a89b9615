import pMap from 'p-map';
import { greymap, readAhead, type Ocr, type OcrWord } from '../../engines/ocr.ts';
import { saveWhole, withPage, withPdf } from '../../engines/pdf.ts';
import { stampLines, type Stamp } from '../../engines/stamp.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { applyFilter } from '../../scan/filters.ts';
import { readAnyWayUp, readsLikeWords, turnedBack } from '../../scan/any-way-up.ts';
import type { Point, Raster } from '../../scan/raster.ts';

export interface ReadPage { page: number; words: number; /** words that the reader itself doubts */ unsure: number }
const dpi = 200;
/** Below this the reader guesses; what is worse than noise is left out. */
const sure = 75, noise = 30;

/** Reads pages that are pictures and lays their words under them, unseen, each where it stands. Source: ISO 32000-1, 9.3.6 (render mode 3). */
export async function layTextUnder(bytes: Uint8Array, pages: number[], ocr: Ocr, job: Job): Promise<{ bytes: Uint8Array; read: ReadPage[] }> {
  return withPdf(bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    let done = 0;
    job.progress?.(0, pages.length, 'pages');
    const read = await pMap(pages, async (number) => {
      heed(job);
      const raster = withPage(pdf, number - 1, (page): Raster => {
        const pixmap = page.toPixmap(mupdf.Matrix.scale(dpi / 72, dpi / 72), mupdf.ColorSpace.DeviceGray, false, false);
        try { return { width: pixmap.getWidth(), height: pixmap.getHeight(), channels: 1, data: new Uint8Array(pixmap.getPixels()) }; } finally { pixmap.destroy(); }
      });
      const readings = await readAnyWayUp(applyFilter(raster, 'grey'), (turned) => ocr.read(greymap(turned))), { page: said, degrees } = readings.find((r) => readsLikeWords(r.page.words)) ?? readings[0]!;
      job.progress?.(++done, pages.length, 'pages');
      return { number, words: said.words.filter((w) => w.confidence >= noise && /[\p{L}\p{N}]/u.test(w.text)), degrees, size: { width: raster.width, height: raster.height } };
    }, { concurrency: readAhead });
    for (const { number, words, degrees, size } of read) if (words.length > 0) await stampLines(pdf, number - 1, words.map((w, k) => stampOf(w, words[k + 1], (p) => turnedBack(p, degrees, size))));
    pdf.subsetFonts();
    return { bytes: await saveWhole(pdf, 'garbage=4,compress,compress-images=no'), read: read.map(({ number, words }) => ({ page: number, words: words.length, unsure: words.filter((w) => w.confidence < sure).length })) };
  });
}

/** A word on its baseline, with the space that follows it on its line, so that words stay apart. @param placed - where a point of the picture as it was read lies on the page, in pixels */
function stampOf({ text, box: [x0, y0, x1, y1], line }: OcrWord, next: OcrWord | undefined, placed: (point: Point) => Point): Stamp {
  const k = 72 / dpi, height = y1 - y0, follows = next?.line === line && next.box[0] > x1, [x, y] = placed([x0, y1 - height * 0.2]), [ahead, down] = placed([x0 + 1, y1 - height * 0.2]);
  return { text: follows ? `${text} ` : text, x: x * k, y: y * k, size: Math.max(4, Math.round(height * k * 10) / 10), unseen: { width: ((follows ? next.box[0] : x1) - x0) * k, towards: [ahead - x, down - y] } };
}
