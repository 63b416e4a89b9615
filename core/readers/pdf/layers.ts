import { withPage, type PdfDocument } from '../../engines/pdf.ts';
import type { Box, IntegrityFact, Passage } from '../../model/facts.ts';

/** Text in layers that are switched off: it is in the file and on no page as shown. Source: ISO 32000-1, 8.11 (optional content).
 * The layers are switched on, the pages are read again, and what is new is what was hidden. */
export function readHiddenLayers(pdf: PdfDocument, seen: Passage[]): { passages: Passage[]; integrity: IntegrityFact[] } {
  const passages: Passage[] = [], integrity: IntegrityFact[] = [];
  const hidden = Array.from({ length: pdf.countLayers() }, (_, i) => i).filter((i) => !pdf.isLayerVisible(i));
  if (hidden.length === 0) return { passages, integrity };
  const known = new Set(seen.flatMap((p) => (p.page === null ? [] : p.text.split('\n').map((l) => `${p.page}/${l.trim()}`))));
  for (const i of hidden) pdf.setLayerVisible(i, true);
  try {
    for (let index = 0; index < pdf.countPages(); index++) {
      const lines: { text: string; box: Box }[] = [];
      withPage(pdf, index, (page) => {
        const [x0, y0] = page.getBounds(), text = page.toStructuredText('preserve-whitespace');
        try {
          let line = '', box: Box = [0, 0, 0, 0];
          text.walk({ beginLine: (b) => { line = ''; box = [b[0] - x0, b[1] - y0, b[2] - x0, b[3] - y0]; }, onChar: (c) => { line += c; }, endLine: () => { if (line.trim() && !known.has(`${index + 1}/${line.trim()}`)) lines.push({ text: line, box }); } });
        } finally { text.destroy(); }
      });
      if (lines.length === 0) continue;
      let start = 0;
      passages.push({ part: 'layer', place: 'hidden', page: index + 1, text: lines.map((l) => l.text).join('\n'), lines: lines.map((l) => { const at = { start, box: l.box }; start += l.text.length + 1; return at; }) });
      if (lines.some((l) => /[\p{L}\p{N}]{2}/u.test(l.text))) integrity.push({ code: 'hiddenLayer', part: 'layer', page: index + 1, box: lines[0]!.box, quote: lines[0]!.text.trim().slice(0, 80), count: lines.length });
    }
  } finally { for (const i of hidden) pdf.setLayerVisible(i, false); }
  return { passages, integrity };
}
