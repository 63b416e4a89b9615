import type * as Mupdf from 'mupdf';
import type { MupdfModule } from '../../engines/pdf.ts';
import type { Box, IntegrityFact } from '../../model/facts.ts';
import { latin1 } from '../../text/bytes.ts';
import { lookAlike, white, type Colour } from '../../text/colour.ts';
import { findFlat } from './ground.ts';
import { inkSigns, isMarker } from './inks.ts';
import { colourOf, leaveWithEngine } from './painted-colour.ts';

/** Signs in a content stream that text may be there without being seen: render mode 3, or 7, which only clips (ISO 32000-1, 9.3.6), or a fill of paper white, or nearly so (8.6.8). */
const nearOne = '(?:1(?:\\.0*)?|0?\\.9[3-9]\\d*)\\s+', nearZero = '(?:0(?:\\.0*)?|0?\\.0[0-6]\\d*)\\s+';
const invisibleSign = /(?:^|\s)[37]\s+Tr\b/, outlineSign = /(?:^|\s)[12]\s+Tr\b/, whiteSign = new RegExp(`(?:^|\\s)(?:${nearOne}g|(?:${nearOne}){3}rg|(?:${nearZero}){4}k|(?:${nearOne}){1,3}scn?|(?:${nearZero}){4}scn?)\\b`), whiteLineSign = new RegExp(`(?:^|\\s)(?:${nearOne}G|(?:${nearOne}){3}RG|(?:${nearZero}){4}K|(?:${nearOne}){1,3}SCN?|(?:${nearZero}){4}SCN?)\\b`);
/** A share of the page under a picture from which invisible text is the machine-read layer of a scan. */
const scanShare = 0.5;
/** Stretches of text over pictures that are looked at by drawing the page. */
const mostDrawn = 200;
/** Annotations that lie on the paper with a look of their own (ISO 32000-1, 12.5.6); what marks, links to or notes words covers none. */
const layingOver = new Set(['/Square', '/Polygon', '/Circle', '/Stamp', '/FreeText', '/Ink', '/Redact']);
function hasLayers(page: Mupdf.PDFPage): boolean {
  const annotations = page.getObject().get('Annots');
  for (let i = 0; annotations.isArray() && i < annotations.length; i++) if (layingOver.has(annotations.get(i).get('Subtype').toString())) return true;
  return false;
}


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

export interface PaintedText { unseen: IntegrityFact[]; /** stretches of text with a marker's colour behind them */ marked: number }
/** Text of a page that is painted and not seen, or marked. Pages whose content has no such sign are not walked at all.
 * @param drawn - the page's content stream; @param imageShare - of the page's area, 0 to 1; @param forms - content of forms that pages share, by object number */
export function findUnseen(drawn: string, mupdf: MupdfModule, page: Mupdf.PDFPage, index: number, imageShare: number, forms: Map<number, string> = new Map()): PaintedText {
  const content = withForms(drawn, page, forms);
  const mayHide = invisibleSign.test(content), covers = mayCover(content) || hasLayers(page), inks = inkSigns(content), outlines = outlineSign.test(content), clipsByLetters = /\s7\s+Tr\b/.test(content), mayBlend = whiteSign.test(content) || outlines && whiteLineSign.test(content) || inks.sameInk || /\bgs\b/.test(content) && fadesOut(page);
  if ((!mayHide && !mayBlend && !covers && !inks.marker) || !/T[jJ]|Do\b/.test(content)) return { unseen: [], marked: 0 };
  const found: IntegrityFact[] = [], painted: Painted[] = [], texts: Written[] = [], overPictures: Shown[] = [], marked: { box: Box; letters: Box | null }[] = [];
  let blending = 0, anyCovered = false;
  const groups: boolean[] = [];
  /** Clips that are open, where letters may be one: the letters of one that clips by letters, and how much had been painted when it began. */
  const clips: ({ shown: Shown; paintedBefore: number } | null)[] = [];
  let strokes = 0, filled: { shown: Shown; unseen: boolean } | null = null;
  const openClip = (clip?: Mupdf.Path | Mupdf.Text | Mupdf.Image): void => { clips.push(null); clip?.destroy(); };
  const [x0, y0, x1, y1] = page.getBounds();
  const add = (code: IntegrityFact['code'], text: { string: string; box: Box | null }): void => {
    if (!/[\p{L}\p{N}]{2}/u.test(text.string)) return;
    found.push({ code, part: 'text', page: index + 1, box: text.box && (text.box.map((n, i) => Math.round((n - (i % 2 === 0 ? x0 : y0)) * 10) / 10) as Box), quote: text.string.slice(0, 80), count: 1 });
  };
  /** Everything that was written before and lies wholly under an opaque box is there and not seen. */
  const cover = (box: Box, solid: () => boolean): void => {
    if (!covers || blending > 0 || box[2] - box[0] < 6 || box[3] - box[1] < 4) return;
    const near = texts.filter((t) => !t.covered && overlap(t.bounds, box)), under = near.filter((t) => liesUnder(shownBy(t).box, box)), cut = near.flatMap((t) => (under.includes(t) ? [] : stretchesUnder(t, box)));
    if (under.length + cut.length === 0 || !solid()) return;
    for (const t of under) { t.covered = true; anyCovered = true; add('covered', shownBy(t)); }
    for (const stretch of cut) { for (const l of stretch.letters) l.hidden = true; add('covered', stretch); }
  };
  /** Drawn anew over what covered it, as drawing programs do with labels: it is seen after all. */
  const redrawn = (shown: Shown): void => {
    if (!shown.box || !texts.some((t) => t.covered && t.shown!.string === shown.string && Math.abs(t.shown!.box![0] - shown.box![0]) < 3 && Math.abs(t.shown!.box![1] - shown.box![1]) < 3)) return;
    const again = found.findIndex((f) => f.code === 'covered' && f.quote === shown.string.slice(0, 80));
    if (again >= 0) found.splice(again, 1);
  };
  /** Letters that have the colour of what is under them, by their fill or by their outline. */
  const blends = (ink: Colour, alpha: number, shown: Shown): boolean => {
    const ground = shown.box ? groundUnder(shown.box, painted) : white;
    if (alpha >= 0.05 && !ground) overPictures.push(shown);
    return alpha < 0.05 || ground !== null && lookAlike(ink, ground);
  };
  const device = new mupdf.Device({
    ...(clipsByLetters ? { clipPath: openClip, clipStrokePath: (path: Mupdf.Path, stroke: Mupdf.StrokeState) => { stroke.destroy(); openClip(path); }, endMask: () => openClip(), clipImageMask: (image: Mupdf.Image) => openClip(image), fillImageMask: (image: Mupdf.Image, _ctm: Mupdf.Matrix, space: Mupdf.ColorSpace) => { strokes++; image.destroy(); space.destroy(); }, clipStrokeText: (text: Mupdf.Text, stroke: Mupdf.StrokeState) => { stroke.destroy(); openClip(text); }, strokePath: (path: Mupdf.Path, stroke: Mupdf.StrokeState, _ctm: Mupdf.Matrix, space: Mupdf.ColorSpace) => { strokes++; path.destroy(); stroke.destroy(); space.destroy(); } } : {}),
    clipText: (text: Mupdf.Text, ctm: Mupdf.Matrix) => { clips.push({ shown: read(text, ctm), paintedBefore: strokes }); text.destroy(); },
    // Letters that only clip are seen by what is painted through them.
    popClip: () => { const clip = clips.pop(); if (clip && clipsByLetters && clip.paintedBefore === strokes && imageShare < scanShare) add('invisible', clip.shown); },
    strokeText: (text: Mupdf.Text, stroke: Mupdf.StrokeState, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      strokes++;
      const shown = read(text, ctm), unseen = blends(colourOf(space, colour), alpha, shown), before = filled && sameLetters(filled.shown, shown) ? filled : null;
      // Filled and outlined: it is seen by either.
      if (before?.unseen && !unseen) { const at = found.findLastIndex((f) => f.code === 'background'); if (at >= 0) found.splice(at, 1); } else if (!before && unseen) add('background', shown);
      text.destroy(); stroke.destroy(); space.destroy();
    },
    beginGroup: (_box: Mupdf.Rect, _space: Mupdf.ColorSpace, _isolated: boolean, _knockout: boolean, mode: string, alpha: number) => { const mixes = mode !== 'Normal' || alpha < 0.9; groups.push(mixes); if (mixes) blending++; },
    endGroup: () => { if (groups.pop()) blending--; },
    ignoreText: (text: Mupdf.Text, ctm: Mupdf.Matrix) => { if (imageShare < scanShare) add('invisible', read(text, ctm)); text.destroy(); },
    fillText: (text: Mupdf.Text, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      // Letters are read one by one only of what may not be seen: most text is dark on the sheet and under nothing.
      const written: Written = { text, ctm, bounds: roomOf(text, ctm), shown: null, covered: false }, ink = colourOf(space, colour);
      strokes++;
      filled = outlines ? { shown: shownBy(written), unseen: false } : null;
      if (anyCovered) redrawn(shownBy(written));
      if (alpha < 0.05 || lookAlike(ink, white) || painted.some((p) => (!p.colour || lookAlike(ink, p.colour)) && overlap(p.box, written.bounds))) {
        const shown = shownBy(written);
        if (blends(ink, alpha, shown)) { add('background', shown); if (filled) filled.unseen = true; }
      }
      if (inks.marker) for (const m of marked) if (overlap(m.box, written.bounds)) { const own = shownBy(written).box; if (own && liesOn(own, m.box)) m.letters = joined(m.letters, own); }
      if (covers && alpha >= 0.05) texts.push(written); else text.destroy();
      space.destroy();
    },
    fillPath: (path: Mupdf.Path, _evenOdd: boolean, ctm: Mupdf.Matrix, space: Mupdf.ColorSpace, colour: number[], alpha: number) => {
      const box = path.getBounds(null as never, ctm) as Box;
      strokes++;
      if (alpha > 0.5) { const own = colourOf(space, colour); painted.push({ box, colour: own }); if (isMarker(own) && isRectangle(path)) marked.push({ box, letters: null }); }
      if (alpha >= 0.9) cover(box, () => isRectangle(path));
      path.destroy(); space.destroy();
    },
    fillImage: (image: Mupdf.Image, ctm: Mupdf.Matrix, alpha: number) => {
      const box = mupdf.Rect.transform([0, 0, 1, 1], ctm) as Box;
      strokes++;
      painted.push({ box, colour: null });
      // Text under the picture of a whole page is the machine-read layer of a scan.
      if (alpha >= 0.9 && (box[2] - box[0]) * (box[3] - box[1]) < scanShare * (x1 - x0) * (y1 - y0)) cover(box, () => { const mask = image.getMask(); mask?.destroy(); return !mask && !image.getImageMask(); });
      image.destroy();
    },
    fillShade: (shade: Mupdf.Shade) => { leaveWithEngine(shade); strokes++; painted.push({ box: [x0, y0, x1, y1], colour: null }); },
  } as never);
  try { page.run(device, mupdf.Matrix.identity); } catch { /* a page that breaks off has told what it could */ } finally { device.destroy(); for (const t of texts) t.text.destroy(); }
  // What covers a text is told as that. The paper of a scan lies under the text that machines read.
  const asked = imageShare < scanShare ? overPictures.filter((t) => t.box && !found.some((f) => f.code === 'covered' && f.quote === t.string.slice(0, 80))).slice(0, mostDrawn) : [];
  if (asked.length > 0) findFlat(mupdf, page, asked.map((t) => t.box!)).forEach((flat, i) => { if (flat) add('background', asked[i]!); });
  return { unseen: merge(found), marked: marked.filter((m) => m.letters !== null && hugs(m.box, m.letters)).length };
}

/** A graphics state whose fill is wholly transparent (ISO 32000-1, 8.4.5, 11.6.4.4). */
function fadesOut(page: Mupdf.PDFPage): boolean {
  const states = page.getObject().getInheritable('Resources').get('ExtGState');
  let fades = false;
  if (states.isDictionary()) states.forEach((state) => { const alpha = state.get('ca'); if (alpha.isNumber() && alpha.asNumber() < 0.05) fades = true; });
  return fades;
}

const joined = (a: Box | null, b: Box): Box => (a ? [Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.max(a[2], b[2]), Math.max(a[3], b[3])] : b);
const liesOn = (text: Box, area: Box): boolean => { const [x, y] = [(text[0] + text[2]) / 2, (text[1] + text[3]) / 2]; return x >= area[0] && x <= area[2] && y >= area[1] && y <= area[3]; };
/** As wide as its letters and one line high: a marker's stroke, and no cell of a table or box with room around its words. */
function hugs(area: Box, letters: Box): boolean {
  const size = letters[3] - letters[1], height = area[3] - area[1];
  return height >= size * 0.75 && height <= size * 2.2 && Math.abs(area[0] - letters[0]) <= size * 0.4 && Math.abs(area[2] - letters[2]) <= size * 0.9;
}

/** Four corners and straight sides along the axes: a shape with any other outline may leave text to be seen. */
function isRectangle(path: Mupdf.Path): boolean {
  const xs = new Set<number>(), ys = new Set<number>();
  let straight = true;
  const point = (x: number, y: number): void => { xs.add(Math.round(x * 10)); ys.add(Math.round(y * 10)); };
  path.walk({ moveTo: point, lineTo: point, curveTo: () => { straight = false; }, closePath: () => {} });
  return straight && xs.size === 2 && ys.size === 2;
}

/** A page's content with that of the forms it may draw. */
function withForms(content: string, page: Mupdf.PDFPage, forms: Map<number, string>): string {
  const parts = [content];
  const objects = page.getObject().getInheritable('Resources').get('XObject');
  if (objects.isDictionary()) objects.forEach((form) => {
    const num = form.isIndirect() ? form.asIndirect() : -1;
    if (num < 0 || form.get('Subtype').toString() !== '/Form') return;
    let own = forms.get(num);
    if (own === undefined) { own = ''; try { const b = form.readStream(); own = latin1(b.asUint8Array()); b.destroy(); } catch { /* not a stream */ } forms.set(num, own); }
    parts.push(own);
  });
  return parts.join('\n');
}

interface Letter { char: string; x: number; /** of the line it stands on */ y: number; size: number; /** told already as lying under something */ hidden?: boolean }
interface Stretch { string: string; box: Box; letters: Letter[] }
interface Shown { string: string; box: Box | null; letters: Letter[] }
/** Text as it was painted: the room it takes at once, its letters when they are asked for. */
interface Written { text: Mupdf.Text; ctm: Mupdf.Matrix; bounds: Box; shown: Shown | null; covered: boolean }
/** Letters without an outline have no bounds: they may be anywhere. */
function roomOf(text: Mupdf.Text, ctm: Mupdf.Matrix): Box {
  const box = text.getBounds(null as never, ctm) as Box;
  return box[2] > box[0] ? box : [-Infinity, -Infinity, Infinity, Infinity];
}
const shownBy = (written: Written): Shown => (written.shown ??= read(written.text, written.ctm));
const sameLetters = (a: Shown, b: Shown): boolean => a.string === b.string && a.box !== null && b.box !== null && Math.abs(a.box[0] - b.box[0]) < 0.5 && Math.abs(a.box[1] - b.box[1]) < 0.5;
/** With room to spare: strokes reach beyond the outlines, and letters without an outline take none. */
const overlap = (a: Box, b: Box): boolean => a[0] <= b[2] + 3 && a[2] >= b[0] - 3 && a[1] <= b[3] + 3 && a[3] >= b[1] - 3;
/** Of a text that is longer than what lies over it: the stretches that are not seen, from two letters on. */
function stretchesUnder(written: Written, over: Box): Stretch[] {
  const found: Stretch[] = [];
  let open: Stretch | null = null;
  for (const letter of shownBy(written).letters) {
    const { char, x, y, size } = letter, middle = x + size * 0.25, under = !letter.hidden && middle > over[0] && middle < over[2] && over[1] <= y - size * 0.5 && over[3] >= y - size * 0.05;
    if (!under) { open = null; continue; }
    if (!open) { open = { string: '', box: [x, y - size, x, y], letters: [] }; found.push(open); }
    open.string += char;
    open.letters.push(letter);
    open.box = [Math.min(open.box[0], x), Math.min(open.box[1], y - size), Math.max(open.box[2], x + size * 0.5), Math.max(open.box[3], y)];
  }
  return found.map((f) => ({ ...f, string: f.string.trim() })).filter((f) => /[\p{L}\p{N}]{2}/u.test(f.string));
}
const liesUnder = (text: Box | null, over: Box): boolean => text !== null && text[0] >= over[0] - 1 && text[2] <= over[2] + 1 && text[1] >= over[1] - 2 && text[3] <= over[3] + 2;

function read(text: Mupdf.Text, ctm: Mupdf.Matrix): Shown {
  let string = '', box: Box | null = null;
  const letters: Letter[] = [];
  text.walk({
    showGlyph: (_font: Mupdf.Font, trm: Mupdf.Matrix, _glyph: number, unicode: number) => {
      const char = unicode > 0 ? String.fromCodePoint(unicode) : '';
      string += char;
      const x = trm[4] * ctm[0] + trm[5] * ctm[2] + ctm[4], y = trm[4] * ctm[1] + trm[5] * ctm[3] + ctm[5], size = Math.hypot(trm[2], trm[3]) * Math.hypot(ctm[2], ctm[3]) || 1;
      letters.push({ char, x, y, size });
      box = box ? [Math.min(box[0], x), Math.min(box[1], y - size), Math.max(box[2], x + size * 0.5), Math.max(box[3], y)] : [x, y - size, x + size * 0.5, y];
    },
  } as never);
  return { string, box, letters };
}

interface Painted { box: Box; /** null: a picture or shading, known by drawing it only */ colour: Colour | null }
/** What lies under a box: the last thing painted that covers its middle; else the sheet, which is white. */
function groundUnder(box: Box, painted: Painted[]): Colour | null {
  const [x, y] = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2];
  for (let i = painted.length - 1; i >= 0; i--) { const p = painted[i]!; if (x >= p.box[0] && x <= p.box[2] && y >= p.box[1] && y <= p.box[3]) return p.colour; }
  return white;
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
