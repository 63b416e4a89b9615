import { withPage, type PdfDocument } from '../../engines/pdf.ts';
import type { PageFacts } from '../../model/facts.ts';

/** Marks pages whose writing stands on its head as they are shown. Only pages with a turn of their own are looked at: the others cannot be told
 * apart from pages drawn that way on purpose. Source: ISO 32000-1, table 30 (Rotate). */
export function findTurned(pdf: PdfDocument, pages: PageFacts[]): void {
  for (const [index, facts] of pages.entries()) {
    if (facts.rotation === 0 || facts.words === 0) continue;
    let upright = 0, turned = 0;
    withPage(pdf, index, (page) => {
      const text = page.toStructuredText('preserve-whitespace');
      try { text.walk({ onChar: (c, _o, font, _s, quad) => { font.destroy(); if (c.trim() === '') return; if (quad[2] > quad[0] + 0.1) upright++; else if (quad[2] < quad[0] - 0.1) turned++; } }); } finally { text.destroy(); }
    });
    if (turned > upright * 2) facts.upsideDown = true;
  }
}
