import type * as Mupdf from 'mupdf';
import { withPage, type MupdfModule, type PdfDocument } from '../../engines/pdf.ts';
import type { ArchiveRule } from '../../tables/archive-rules.ts';
import type { Survey } from './survey.ts';
import { nameOf, PdfRef, type PdfDict, type PdfValue } from './syntax.ts';

type Tell = (rule: ArchiveRule, text?: string, page?: number | null) => void;

/** What pages show is held against the fonts inside: signs that the font has no glyph for (ISO 19005-2, 6.2.11.8), and widths that the file states otherwise than its font does (6.2.11.5).
 * Widths are compared for composite TrueType fonts whose codes are glyph numbers, as office programs write them; other fonts would need their encodings resolved. */
export function readGlyphs(pdf: PdfDocument, mupdf: MupdfModule, survey: Survey, tell: Tell): void {
  const used = new Map<string, Map<number, number>>();
  for (let i = 0; i < pdf.countPages(); i++) {
    const look = (text: Mupdf.Text): void => {
      text.walk({ showGlyph: (font: Mupdf.Font, _trm: Mupdf.Matrix, glyph: number) => {
        const name = font.getName();
        font.destroy();
        if (glyph === 0) tell('notdef', name, i + 1);
        if (glyph <= 0) return;
        const own = used.get(plain(name)) ?? new Map<number, number>();
        used.set(plain(name), own);
        if (!own.has(glyph)) own.set(glyph, i + 1);
      } } as never);
      text.destroy();
    };
    const device = new mupdf.Device({ fillText: look, strokeText: look, clipText: look, ignoreText: look } as never);
    try { withPage(pdf, i, (page) => page.run(device, mupdf.Matrix.identity)); } catch { /* a page that breaks off has told what it could */ } finally { device.destroy(); }
  }
  for (const [num, { value }] of survey.objects) {
    if (!(value instanceof Map) || !survey.reachable.has(num) || nameOf(value.get('Subtype')) !== 'CIDFontType2' || (nameOf(survey.follow(value.get('CIDToGIDMap'))) ?? 'Identity') !== 'Identity' || survey.dict(value.get('CIDToGIDMap'))) continue;
    const name = nameOf(value.get('BaseFont')) ?? '', glyphs = used.get(plain(name)), program = survey.dict(value.get('FontDescriptor'))?.get('FontFile2');
    if (!glyphs || !(program instanceof PdfRef)) continue;
    const other = differingWidth(pdf, mupdf, program.num, glyphs, widthsOf(survey, value));
    if (other !== null) tell('widths', name.replace(/^[A-Z]{6}\+/, ''), other);
  }
}

/** A font's name without the mark of a subset and whatever signs stand between its words. */
const plain = (name: string): string => name.replace(/^[A-Z]{6}\+/, '').replace(/[^A-Za-z0-9]/g, '').toLowerCase();

/** Widths by character number, in thousandths of the size; 1000 where none is stated (ISO 32000-1, 9.7.4.3). */
function widthsOf(survey: Survey, font: PdfDict): (cid: number) => number {
  const widths = new Map<number, number>(), list = survey.follow(font.get('W')), usual = survey.follow(font.get('DW')), items: PdfValue[] = Array.isArray(list) ? list.map((v) => survey.follow(v)) : [];
  for (let i = 0; i + 1 < items.length;) {
    const first = Number(items[i]), next = items[i + 1];
    if (Array.isArray(next)) { next.forEach((w, k) => widths.set(first + k, Number(survey.follow(w)))); i += 2; continue; }
    for (let cid = first; cid <= Math.min(Number(next), first + 65_535); cid++) widths.set(cid, Number(items[i + 2]));
    i += 3;
  }
  return (cid) => widths.get(cid) ?? (typeof usual === 'number' ? usual : 1000);
}
/** The first page with a glyph whose width is stated otherwise than the font program has it, by more than what rounding explains; null where there is none. */
function differingWidth(pdf: PdfDocument, mupdf: MupdfModule, program: number, glyphs: Map<number, number>, stated: (cid: number) => number): number | null {
  const object = pdf.newIndirect(program);
  try {
    const buffer = object.readStream(), font = new mupdf.Font('program', buffer);
    try { for (const [glyph, page] of glyphs) if (Math.abs(font.advanceGlyph(glyph, 0) * 1000 - stated(glyph)) > 1.5) return page; } finally { font.destroy(); buffer.destroy(); }
  } catch { /* the font's own finding tells that it cannot be read */ } finally { object.destroy(); }
  return null;
}
