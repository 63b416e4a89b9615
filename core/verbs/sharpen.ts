import { withPage, withPdf } from '../engines/pdf.ts';
import type { Box } from '../model/facts.ts';
import type { Finding } from '../model/finding.ts';

const maxPages = 60;

/** Boxes from lines are narrowed by a share of characters; the engine's own search puts them on the glyphs. Changes the findings in place.
 * Where the engine cannot find the words (letter-spaced, look-alikes), the first box stays. */
export async function sharpenBoxes(bytes: Uint8Array, findings: Finding[]): Promise<void> {
  const placed = findings.filter((f) => f.place.page !== null && f.place.box !== null && typeof f.data.found === 'string');
  if (placed.length === 0) return;
  const pages = [...new Set(placed.map((f) => f.place.page!))].slice(0, maxPages);
  await withPdf(bytes, (pdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    for (const number of pages) withPage(pdf, number - 1, (page) => {
      const [x0, y0] = page.getBounds();
      for (const finding of placed.filter((f) => f.place.page === number)) {
        const near = finding.place.box!;
        const hits = (page.search(String(finding.data.found), {} as never) as number[][][]).map((quads): Box => {
          const xs = quads.flatMap((q) => [q[0]!, q[2]!, q[4]!, q[6]!]), ys = quads.flatMap((q) => [q[1]!, q[3]!, q[5]!, q[7]!]);
          return [Math.min(...xs) - x0, Math.min(...ys) - y0, Math.max(...xs) - x0, Math.max(...ys) - y0];
        });
        const best = hits.map((box) => ({ box, far: Math.abs(box[0] - near[0]) + Math.abs(box[1] - near[1]) * 3 })).sort((a, b) => a.far - b.far)[0];
        if (best && best.far < 80) finding.place.box = best.box.map((n) => Math.round(n * 10) / 10) as Box;
      }
    });
  });
}
