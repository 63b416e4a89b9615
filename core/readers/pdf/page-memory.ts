import type { PdfDocument } from '../../engines/pdf.ts';
import { sha256 } from '../../engines/hash.ts';
import { inherited } from './fonts.ts';
import type { Survey } from './survey.ts';
import { isDict, nameOf, PdfName, PdfRef, PdfString, type PdfDict, type PdfValue } from './syntax.ts';
import type { ReadPages } from './text.ts';

/** What a page shows and where its words stand follows from these alone (ISO 32000-1, table 30). */
const pageKeys = ['Contents', 'Resources', 'MediaBox', 'CropBox', 'Rotate', 'UserUnit', 'Group'], annotationKeys = ['Subtype', 'Rect', 'AP', 'AS', 'F', 'OC', 'DR'];
/** What a dictionary says about a stream's packing, and what it says about the file rather than the page (14.3, 14.5). */
const beside = new Set(['Length', 'Filter', 'DecodeParms', 'DL', 'Metadata', 'PieceInfo', 'LastModified', 'Thumb', 'Parent', 'StructParents', 'StructParent', 'ID', 'OPI', 'AA', 'Name', 'PTEX.InfoDict', 'PTEX.FileName', 'PTEX.PageNumber', 'PTEX.Fullbanner']);

/** Remembers what was read of a file's pages, and gives it back for a copy whose pages are the same by value: content, fonts, pictures, boxes, marks.
 * Where anything differs, or cannot be compared so, nothing is given back and the copy is read like any file. */
export class PageMemory {
  /** the last reading was answered from memory: every page of the copy is the same by value */ same = false;
  private kept: { mark: string; read: ReadPages } | null = null;
  /** @param bare - a JPEG without what it says beside its pixels; null where it cannot be taken apart */
  constructor(private readonly bare: (jpeg: Uint8Array) => Uint8Array | null) {}

  get filled(): boolean { return this.kept !== null; }
  async keep(pdf: PdfDocument, survey: Survey, read: ReadPages): Promise<void> {
    const mark = await this.markOf(pdf, survey);
    this.same = false;
    if (mark !== null) this.kept = { mark, read: copyOf(read) };
  }
  async recall(pdf: PdfDocument, survey: Survey): Promise<ReadPages | null> {
    this.same = this.kept !== null && (await this.markOf(pdf, survey)) === this.kept.mark;
    return this.same ? copyOf(this.kept!.read) : null;
  }

  /** One sum over everything that the pages are painted from; null where fields or marks without a look of their own leave the painting to the reader. */
  private async markOf(pdf: PdfDocument, survey: Survey): Promise<string | null> {
    if (!survey.complete) return null;
    const root = survey.dict(survey.trailer.get('Root'));
    if (survey.dict(root?.get('AcroForm'))?.get('NeedAppearances') === true) return null;
    const marks = new Map<number, string>(), parts: string[] = [];
    const valueMark = async (v: PdfValue, depth: number): Promise<string> => {
      if (depth > 60) throw new Deep();
      if (v instanceof PdfRef) return objectMark(v.num, depth);
      if (v instanceof PdfName) return `/${v.name}`;
      if (v instanceof PdfString) return `(${v.raw})`;
      if (Array.isArray(v)) { let out = '['; for (const item of v) out += `${await valueMark(item, depth + 1)} `; return `${out}]`; }
      return isDict(v) ? dictMark(v, [...v.keys()], depth) : String(v);
    };
    const dictMark = async (dict: PdfDict, keys: string[], depth: number): Promise<string> => {
      let out = '<';
      for (const key of keys.filter((k) => !beside.has(k) && dict.has(k)).sort()) out += `${key} ${await valueMark(dict.get(key)!, depth + 1)} `;
      return `${out}>`;
    };
    const objectMark = async (num: number, depth: number): Promise<string> => {
      const known = marks.get(num);
      if (known !== undefined) return known;
      // What leads back to itself is the same if all else on the way is.
      marks.set(num, '…');
      const object = survey.objects.get(num), value = object?.value ?? null;
      const own = object?.stream && isDict(value) ? `${await valueMark(value, depth)} ${await this.contentMark(pdf, survey, num, value)}` : await valueMark(value, depth);
      const mark = own.length > 2000 ? await sha256(new TextEncoder().encode(own)) : own;
      marks.set(num, mark);
      return mark;
    };
    try {
      parts.push(await valueMark(root?.get('OCProperties') ?? null, 0));
      for (let i = 0, count = pdf.countPages(); i < count; i++) {
        const ref = pdf.findPage(i), page = ref.isIndirect() ? survey.dict(new PdfRef(ref.asIndirect())) : null;
        ref.destroy();
        if (!page) return null;
        for (const key of pageKeys) parts.push(await valueMark(inherited(page, key, survey) ?? null, 0));
        const annotations = survey.follow(page.get('Annots'));
        for (const item of Array.isArray(annotations) ? annotations : []) {
          const annotation = survey.dict(item), subtype = nameOf(survey.follow(annotation?.get('Subtype')));
          if (!annotation || subtype === 'Popup') continue;
          if (!annotation.has('AP') && subtype !== 'Link') return null;
          parts.push(await dictMark(annotation, annotationKeys, 0));
        }
      }
    } catch (error) { if (error instanceof Deep) return null; throw error; }
    return sha256(new TextEncoder().encode(parts.join('\n')));
  }

  /** Pictures by their packed bytes, which no rewriting touches; all else by what it unpacks to. */
  private async contentMark(pdf: PdfDocument, survey: Survey, num: number, dict: PdfDict): Promise<string> {
    const filter = survey.follow(dict.get('Filter')), names = (Array.isArray(filter) ? filter.map((f) => nameOf(survey.follow(f))) : [nameOf(filter)]).filter((n) => n !== null), packed = names.length > 0 && nameOf(dict.get('Subtype')) === 'Image';
    const object = pdf.newIndirect(num);
    try {
      const buffer = packed ? object.readRawStream() : object.readStream();
      try {
        const bytes = buffer.asUint8Array(), plain = packed && names.length === 1 && names[0] === 'DCTDecode' ? this.bare(bytes.slice()) ?? bytes : bytes;
        return `${packed ? `${names.join('+')} ${JSON.stringify(plainValue(survey.follow(dict.get('DecodeParms'))))}` : 'plain'} ${await sha256(plain)}`;
      } finally { buffer.destroy(); }
    } catch { throw new Deep(); } finally { object.destroy(); }
  }
}
/** Nested beyond what is followed, or not to be unpacked. */
class Deep extends Error {}

const plainValue = (v: PdfValue): unknown => (isDict(v) ? Object.fromEntries([...v].map(([k, x]) => [k, plainValue(x)])) : Array.isArray(v) ? v.map(plainValue) : v instanceof PdfRef ? 'other' : v instanceof PdfName ? v.name : v instanceof PdfString ? v.raw : v);
/** Whoever reads on adds to what was read. */
const copyOf = (read: ReadPages): ReadPages => ({ ...read, pages: read.pages.map((p) => ({ ...p })), gaps: [...read.gaps], integrity: [...read.integrity] });
