import type { PdfDocument } from '../../engines/pdf.ts';
import { sameBytes } from '../../text/bytes.ts';
import { inherited } from './fonts.ts';
import type { Survey } from './survey.ts';
import { isDict, nameOf, PdfName, PdfRef, PdfString, type PdfDict, type PdfValue } from './syntax.ts';

export interface Opened { pdf: PdfDocument; survey: Survey }

/** What a page shows and where its words stand follows from these alone (ISO 32000-1, table 30). */
const pageKeys = ['Contents', 'Resources', 'MediaBox', 'CropBox', 'Rotate', 'UserUnit', 'Group'], annotationKeys = ['Subtype', 'Rect', 'AP', 'AS', 'F', 'OC', 'DR'];
/** What a dictionary says about a stream's packing, and what it says about the file rather than the page (14.3, 14.5). */
const beside = new Set(['Length', 'Filter', 'DecodeParms', 'DL', 'Metadata', 'PieceInfo', 'LastModified', 'Thumb', 'Parent', 'StructParents', 'StructParent', 'ID', 'OPI', 'AA', 'Name', 'PTEX.InfoDict', 'PTEX.FileName', 'PTEX.PageNumber', 'PTEX.Fullbanner']);
const deepest = 60;

/** Whether every page of two files is painted from the same: content, fonts, pictures, boxes, marks, whatever their numbers and their packing.
 * False where it cannot be told: fields or marks without a look of their own, which a reader paints as it pleases; nesting without end; a survey that is not whole.
 * @param bare - a JPEG without what it says beside its pixels: pictures are compared by that, since nothing that is cleaned packs them anew
 * @param alike - is told which streams of the second file are packed the same in the first, by their numbers */
export function samePages(a: Opened, b: Opened, bare: (jpeg: Uint8Array) => Uint8Array | null, alike = new Map<number, number>()): boolean {
  if (!a.survey.complete || !b.survey.complete) return false;
  const [rootA, rootB] = [a, b].map(({ survey }) => survey.dict(survey.trailer.get('Root'))), count = a.pdf.countPages();
  if (!rootA || !rootB || count !== b.pdf.countPages()) return false;
  if (a.survey.dict(rootA.get('AcroForm'))?.get('NeedAppearances') === true || b.survey.dict(rootB.get('AcroForm'))?.get('NeedAppearances') === true) return false;
  /** Pairs that were met: what leads back to itself is the same if all else on the way is. */
  const met = new Map<number, Set<number>>();
  const sameValues = (x: PdfValue, y: PdfValue, depth: number): boolean => {
    if (depth > deepest) return false;
    const at = x instanceof PdfRef ? x.num : 0, other = y instanceof PdfRef ? y.num : 0;
    if (at > 0 && other > 0) {
      const known = met.get(at);
      if (known?.has(other)) return true;
      if (known) known.add(other); else met.set(at, new Set([other]));
    }
    const v = a.survey.follow(x), w = b.survey.follow(y);
    if (v instanceof PdfName) return w instanceof PdfName && v.name === w.name;
    if (v instanceof PdfString) return w instanceof PdfString && v.raw === w.raw;
    if (Array.isArray(v)) return Array.isArray(w) && v.length === w.length && v.every((item, i) => sameValues(item, w[i]!, depth + 1));
    if (!isDict(v)) return v === w;
    if (!isDict(w) || !sameDicts(v, w, null, depth)) return false;
    const [streamA, streamB] = [at > 0 && a.survey.objects.get(at)?.stream === true, other > 0 && b.survey.objects.get(other)?.stream === true];
    return streamA === streamB && (!streamA || sameContent({ ...a, num: at, dict: v }, { ...b, num: other, dict: w }, bare, alike));
  };
  const sameDicts = (v: PdfDict, w: PdfDict, only: string[] | null, depth: number): boolean => {
    const keys = only ?? [...new Set([...v.keys(), ...w.keys()])].filter((key) => !beside.has(key));
    return keys.every((key) => sameValues(v.get(key) ?? null, w.get(key) ?? null, depth + 1));
  };
  if (!sameValues(rootA.get('OCProperties') ?? null, rootB.get('OCProperties') ?? null, 0)) return false;
  for (let i = 0; i < count; i++) {
    const pageA = pageDict(a, i), pageB = pageDict(b, i);
    if (!pageA || !pageB) return false;
    for (const key of pageKeys) if (!sameValues(inherited(pageA, key, a.survey) ?? null, inherited(pageB, key, b.survey) ?? null, 0)) return false;
    const marksA = shownMarks(a.survey, pageA), marksB = shownMarks(b.survey, pageB);
    if (!marksA || marksA.length !== marksB?.length || !marksA.every((mark, k) => sameDicts(mark, marksB[k]!, annotationKeys, 0))) return false;
  }
  return true;
}

function pageDict({ pdf, survey }: Opened, index: number): PdfDict | null {
  const ref = pdf.findPage(index);
  try { return ref.isIndirect() ? survey.dict(new PdfRef(ref.asIndirect())) : null; } finally { ref.destroy(); }
}
/** Annotations that a page shows; null where one has no look of its own. A link shows nothing but its border. */
function shownMarks(survey: Survey, page: PdfDict): PdfDict[] | null {
  const items = survey.follow(page.get('Annots')), marks: PdfDict[] = [];
  for (const item of Array.isArray(items) ? items : []) {
    const mark = survey.dict(item), subtype = nameOf(survey.follow(mark?.get('Subtype')));
    if (!mark || subtype === 'Popup') continue;
    if (!mark.has('AP') && subtype !== 'Link') return null;
    marks.push(mark);
  }
  return marks;
}

interface Stream extends Opened { num: number; dict: PdfDict }
/** As packed where both are packed alike, which is most often so; a picture without what it says of itself; all else unpacked. */
function sameContent(a: Stream, b: Stream, bare: (jpeg: Uint8Array) => Uint8Array | null, alike: Map<number, number>): boolean {
  const [packingA, packingB] = [packing(a), packing(b)];
  if (packingA.key === packingB.key) {
    const same = compare(a, b, true, sameBytes);
    if (same === true) alike.set(b.num, a.num);
    if (same !== false) return same === true;
    if (packingA.jpeg) return compare(a, b, true, (x, y) => { const [p, q] = [bare(x), bare(y)]; return p !== null && q !== null && sameBytes(p, q); }) === true;
  }
  return compare(a, b, false, sameBytes) === true;
}
/** @returns null where one of them cannot be read */
function compare(a: Stream, b: Stream, raw: boolean, same: (x: Uint8Array, y: Uint8Array) => boolean): boolean | null {
  const [p, q] = [a, b].map(({ pdf, num }) => pdf.newIndirect(num)), read = (object: typeof p) => (raw ? object!.readRawStream() : object!.readStream());
  try {
    const x = read(p);
    try {
      const y = read(q);
      // Both are read before either is looked at: reading may move the engine's memory.
      try { return same(x.asUint8Array(), y.asUint8Array()); } finally { y.destroy(); }
    } finally { x.destroy(); }
  } catch { return null; } finally { p!.destroy(); q!.destroy(); }
}
/** Filters with their parameters as one word, and whether it is a JPEG and nothing around it. */
function packing({ survey, dict }: Stream): { key: string; jpeg: boolean } {
  const filter = survey.follow(dict.get('Filter')), names = (Array.isArray(filter) ? filter.map((f) => nameOf(survey.follow(f))) : [nameOf(filter)]).filter((n) => n !== null);
  return { key: `${names.join('+')} ${JSON.stringify(plainValue(survey, dict.get('DecodeParms') ?? null, 0))}`, jpeg: names.join() === 'DCTDecode' };
}
function plainValue(survey: Survey, value: PdfValue, depth: number): unknown {
  const v = survey.follow(value);
  if (v instanceof PdfName) return v.name;
  if (v instanceof PdfString) return v.raw;
  if (depth > 4) return null;
  return isDict(v) ? Object.fromEntries([...v].map(([k, x]) => [k, plainValue(survey, x, depth + 1)])) : Array.isArray(v) ? v.map((x) => plainValue(survey, x, depth + 1)) : v;
}
