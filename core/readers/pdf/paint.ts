import type * as Mupdf from 'mupdf';
import type { MupdfModule, PdfDocument } from '../../engines/pdf.ts';
import type { Box, IntegrityFact } from '../../model/facts.ts';

/** Signs in a content stream that text may be there without being seen: render mode 3 (ISO 32000-1, 9.3.6) or a fill of paper white (8.6.8). */
const invisibleSign = /(?:^|\s)3\s+Tr\b/, whiteSign = /(?:^|\s)(?:1(?:\.0+)?\s+g|1(?:\.0+)?\s+1(?:\.0+)?\s+1(?:\.0+)?\s+rg|0(?:\.0+)?\s+0(?:\.0+)?\s+0(?:\.0+)?\s+0(?:\.0+)?\s+k|(?:1(?:\.0+)?\s+){1,4}scn?|0\.9[5-9]\d*\s+g)\b/;
/** A share of the page under a picture from which invisible text is the machine-read layer of a scan. */
const scanShare = 0.5;

/** Colours less apart than this, from black to white, look the same. */
const blends = 0.04;

/** What may lie over text when it comes after it: a filled rectangle that is more than a rule, a closed shape, a picture. */
const coverSign = /\bre\s+(?:W\*?\s+n\s+)?(?:f\*?|F|B\*?|b\*?)\b|[lhv]\s+(?:f\*?|F|B\*?|b\*?)\b|\bDo\b|\bEI\b/g, sizeBefore = /(-?[\d.]+)\s+(-?[\d.]+)\s+$/;
function mayCover(content: string): boolean {
  const first = content.search(/\bT[jJ]\b/);
  if (first < 0) return false;
  for (const m of content.slice(first).matchAll(coverSign)) {
    // Its size is read backwards from the operator: a search that begins at every number of the page takes longer than all else here.
    const size = m[0].startsWith('re') ? sizeBefore.exec(content.slice(Math.max(0, first + m.index - 60), first + m.index)) : null;
    if (!m[0].startsWith('re') || (size && Math.abs(Number(size[1])) > 5 && Math.abs(Number(size[2])) > 3)) return true;
  }
  return false;
}

/** Text of a page that is painted and not seen. Pages whose content has no such sign are not walked at all.
 * @param imageShare - of the page's area, 0 to 1; @param forms - content of forms that pages share, by object number */
export function findUnseen(pdf: PdfDocument, mupdf: MupdfModule, page: Mupdf.PDFPage, index: number, imageShare: number, forms: Map<number, string> = new Map()): IntegrityFact[] {
  const content = contentOf(pdf, page, index, forms);
  const mayHide = invisibleSign.test(content), mayBlend = whiteSign.test(content), covers = mayCover(content);
  if ((!mayHide && !mayBlend && !covers) || !/T[jJ]|Do\b/.test(content)) return [];
  const found: IntegrityFact[] = [], painted: { box: Box; light: number }[] = [], texts: Written[] = [];
  let blending = 0, anyCovered = false;
  const groups: boolean[] = [];
  const [x0, y0, x1, y1] = page.getBounds();
  const add = (code: IntegrityFact['code'], text: { string: string; box: Box | null }): void => {
    if (!/[\p{L}\p{N}]{2}/u.test(text.string)) return;
    found.push({ code, part: 'text', page: index + 1, box: text.box && (text.box.map((n, i) => Math.round((n - (i % 2 === 0 ? x0 : y0)) * 10) / 10) as Box), quote: text.string.slice(0, 80), count: 1 });
  };
  /** Everything that was written before and lies wholly under an opaque box is there and not seen. */
  const cover = (box: Box, solid: () => boolean): void => {
    if (!covers || blending > 0 || box[2] - box[0] < 6 || box[3] - box[1] < 4) return;
    const under = texts.filter((t) => !t.covered && overlap(t.bounds, box) && liesUnder(shownBy(t).box, box));
    if (under.length === 0 || !solid()) return;
    for (const t of under) { t.covered = true; anyCovered = true; add('covered', shownBy(t)); }
  };
  /** Drawn anew over what covered it, as drawing programs do with labels: it is seen after all. */
  const redrawn = (shown: Shown): void => {
    if (!shown.box || !texts.some((t) => t.covered && t.shown!.string === shown.string && Math.abs(t.shown!.box![0] - shown.box![0]) < 3 && Math.abs(t.shown!.box![1] - shown.box![1]) < 3)) return;
    const again = found.findIndex((f) => f.code === 'covered' && f.quote === shown.string.slice(0, 80));
    if (again >= 0) found.splice(again, 1);
  };
  const device = new mupdf.Device({
    beginGroup: (_box: Mupdf.Rect, _space: Mupdf.ColorSpace, _isolated: boolean, _knockout: boolean, blend: string, alpha: number) => { const mixes = blend !== 'Normal' || alpha < 0.9; groups.push(mixes); if (mixes) blending++; },
    endGroup: () => { if (groups.pop()) blending--; },
    ignoreText: (text: Mupdf.Text, ctm: Mupdf.Matrix) => { if (imageShare < scanShare) add('invisible', read(text, ctm)); text.destroy(); },
    fillText: (text: Mupdf.Text, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      // Letters are read one by one only of what may not be seen: most text is dark on the sheet and under nothing.
      const written: Written = { text, ctm, bounds: roomOf(text, ctm), shown: null, covered: false }, light = lightness(space, colour);
      if (anyCovered) redrawn(shownBy(written));
      if (alpha < 0.05 || Math.abs(light - 1) < blends || painted.some((p) => Math.abs(light - p.light) < blends && overlap(p.box, written.bounds))) {
        const shown = shownBy(written);
        if (alpha < 0.05 || Math.abs(light - (shown.box ? groundUnder(shown.box, painted) : 1)) < blends) add('background', shown);
      }
      if (covers && alpha >= 0.05) texts.push(written); else text.destroy();
      space.destroy();
    },
    fillPath: (path: Mupdf.Path, _evenOdd: boolean, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      const box = path.getBounds(null as never, ctm) as Box;
      if (alpha > 0.5) painted.push({ box, light: lightness(space, colour) });
      if (alpha >= 0.9) cover(box, () => isRectangle(path));
      path.destroy(); space.destroy();
    },
    fillImage: (image: Mupdf.Image, ctm: Mupdf.Matrix, alpha: number) => {
      const box = mupdf.Rect.transform([0, 0, 1, 1], ctm) as Box;
      painted.push({ box, light: 0.5 });
      // Text under the picture of a whole page is the machine-read layer of a scan.
      if (alpha >= 0.9 && (box[2] - box[0]) * (box[3] - box[1]) < scanShare * (x1 - x0) * (y1 - y0)) cover(box, () => { const mask = image.getMask(); mask?.destroy(); return !mask && !image.getImageMask(); });
      image.destroy();
    },
    fillShade: (_shade: Mupdf.Shade) => { painted.push({ box: [x0, y0, x1, y1], light: 0.5 }); },
  } as never);
  try { page.run(device, mupdf.Matrix.identity); } catch { /* a page that breaks off has told what it could */ } finally { device.destroy(); for (const t of texts) t.text.destroy(); }
  return merge(found);
}

/** Four corners and straight sides along the axes: a shape with any other outline may leave text to be seen. */
function isRectangle(path: Mupdf.Path): boolean {
  const xs = new Set<number>(), ys = new Set<number>();
  let straight = true;
  const point = (x: number, y: number): void => { xs.add(Math.round(x * 10)); ys.add(Math.round(y * 10)); };
  path.walk({ moveTo: point, lineTo: point, curveTo: () => { straight = false; }, closePath: () => {} });
  return straight && xs.size === 2 && ys.size === 2;
}

function contentOf(pdf: PdfDocument, page: Mupdf.PDFPage, index: number, forms: Map<number, string>): string {
  const contents = pdf.findPage(index).get('Contents'), parts: string[] = [];
  const take = (object: Mupdf.PDFObject): void => { try { const b = object.readStream(); parts.push(b.asString()); b.destroy(); } catch { /* not a stream */ } };
  if (contents.isArray()) contents.forEach((c) => take(c)); else if (contents.isStream()) take(contents);
  const objects = page.getObject().getInheritable('Resources').get('XObject');
  if (objects.isDictionary()) objects.forEach((form) => {
    const num = form.isIndirect() ? form.asIndirect() : -1;
    if (num < 0 || form.get('Subtype').toString() !== '/Form') return;
    let own = forms.get(num);
    if (own === undefined) { own = ''; try { const b = form.readStream(); own = b.asString(); b.destroy(); } catch { /* not a stream */ } forms.set(num, own); }
    parts.push(own);
  });
  return parts.join('\n');
}

interface Shown { string: string; box: Box | null }
/** Text as it was painted: the room it takes at once, its letters when they are asked for. */
interface Written { text: Mupdf.Text; ctm: Mupdf.Matrix; bounds: Box; shown: Shown | null; covered: boolean }
/** Letters without an outline have no bounds: they may be anywhere. */
function roomOf(text: Mupdf.Text, ctm: Mupdf.Matrix): Box {
  const box = text.getBounds(null as never, ctm) as Box;
  return box[2] > box[0] ? box : [-Infinity, -Infinity, Infinity, Infinity];
}
const shownBy = (written: Written): Shown => (written.shown ??= read(written.text, written.ctm));
/** With room to spare: strokes reach beyond the outlines, and letters without an outline take none. */
const overlap = (a: Box, b: Box): boolean => a[0] <= b[2] + 3 && a[2] >= b[0] - 3 && a[1] <= b[3] + 3 && a[3] >= b[1] - 3;
const liesUnder = (text: Box | null, over: Box): boolean => text !== null && text[0] >= over[0] - 1 && text[2] <= over[2] + 1 && text[1] >= over[1] - 2 && text[3] <= over[3] + 2;

function read(text: Mupdf.Text, ctm: Mupdf.Matrix): Shown {
  let string = '', box: Box | null = null;
  text.walk({
    showGlyph: (_font: Mupdf.Font, trm: Mupdf.Matrix, _glyph: number, unicode: number) => {
      string += unicode > 0 ? String.fromCodePoint(unicode) : '';
      const x = trm[4] * ctm[0] + trm[5] * ctm[2] + ctm[4], y = trm[4] * ctm[1] + trm[5] * ctm[3] + ctm[5], size = Math.hypot(trm[2], trm[3]) * Math.hypot(ctm[2], ctm[3]) || 1;
      box = box ? [Math.min(box[0], x), Math.min(box[1], y - size), Math.max(box[2], x + size * 0.5), Math.max(box[3], y)] : [x, y - size, x + size * 0.5, y];
    },
  } as never);
  return { string, box };
}

/** 0 black to 1 white. */
function lightness(space: Mupdf.ColorSpace, colour: number[]): number {
  if (space.isCMYK()) { const [c = 0, m = 0, y = 0, k = 0] = colour; return (1 - k) * (1 - (0.3 * c + 0.59 * m + 0.11 * y)); }
  if (colour.length >= 3) return 0.3 * colour[0]! + 0.59 * colour[1]! + 0.11 * colour[2]!;
  return colour[0] ?? 0;
}
/** What lies under a box: the last thing painted that covers its middle; else the sheet, which is white. */
function groundUnder(box: Box, painted: { box: Box; light: number }[]): number {
  const [x, y] = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2];
  for (let i = painted.length - 1; i >= 0; i--) { const p = painted[i]!; if (x >= p.box[0] && x <= p.box[2] && y >= p.box[1] && y <= p.box[3]) return p.light; }
  return 1;
}
/** Neighbouring stretches on one line are one place. */
function merge(found: IntegrityFact[]): IntegrityFact[] {
  const out: IntegrityFact[] = [];
  for (const f of found) {
    const last = out[out.length - 1];
    if (last && last.code === f.code && last.box && f.box && Math.abs(last.box[1] - f.box[1]) < 3) { last.quote = `${last.quote}${f.quote}`.slice(0, 80); last.count++; last.box = [Math.min(last.box[0], f.box[0]), Math.min(last.box[1], f.box[1]), Math.max(last.box[2], f.box[2]), Math.max(last.box[3], f.box[3])]; } else out.push({ ...f });
  }
  return out;
}
