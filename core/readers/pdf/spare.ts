import { withPage, withPdf } from '../../engines/pdf.ts';
import type { Gap, Passage } from '../../model/facts.ts';
import { heed, type Job } from '../../model/outcome.ts';
import { inherited } from './fonts.ts';
import { isDict, nameOf, PdfRef, type PdfValue } from './syntax.ts';
import type { Survey } from './survey.ts';

/** Pages that the file holds and does not show: taken out of the page tree, and still there because a bookmark or a destination leads to
 * them, or because nobody swept up. @param shown - numbers of the page objects in the tree (ISO 32000-1, 7.7.3.2) */
export const sparePages = (survey: Survey, shown: ReadonlySet<number>): number[] => [...survey.objects].flatMap(([num, { value }]) => (!shown.has(num) && isDict(value) && nameOf(value.get('Type')) === 'Page' && (value.has('Contents') || value.has('Annots')) ? [num] : []));

const mostPages = 200;
/** Their words, read by putting them back into a copy that is thrown away: letters are told by their fonts, as on any page. */
export async function readSparePages(bytes: Uint8Array, survey: Survey, shown: ReadonlySet<number>, job: Job, gaps: Gap[]): Promise<Passage[]> {
  const all = sparePages(survey, shown), spare = all.slice(0, mostPages);
  if (all.length > mostPages) gaps.push({ part: 'orphan', page: null, why: 'tooLarge' });
  if (spare.length === 0) return [];
  return withPdf(bytes, (pdf) => {
    pdf.authenticatePassword('');
    return spare.flatMap((num): Passage[] => {
      heed(job);
      const page = pdf.newIndirect(num), dict = survey.dict(new PdfRef(num))!;
      try {
        // What it had from the tree goes with its place in the tree.
        for (const key of ['Resources', 'MediaBox']) if (!dict.has(key) && inherited(dict, key, survey)) page.put(key, page.getInheritable(key));
        if (!inherited(dict, 'MediaBox', survey)) page.put('MediaBox', [0, 0, 595, 842]);
        pdf.insertPage(-1, page);
        const text = withPage(pdf, pdf.countPages() - 1, (p) => { const shownText = p.toStructuredText('preserve-whitespace,clip=no'); try { return shownText.asText(); } finally { shownText.destroy(); } });
        return /[\p{L}\p{N}]{2}/u.test(text) ? [{ part: `orphan/${num}`, place: 'orphan', page: null, text }] : [];
      } catch { gaps.push({ part: `orphan/${num}`, page: null, why: 'unreadable' }); return []; } finally { page.destroy(); }
    });
  });
}

const mostForms = 1000;
/** What forms and appearances say, by their numbers, where their letters are codes that only their fonts tell (ISO 32000-1, 9.7): each is put on a page that is thrown away. */
export async function readForms(bytes: Uint8Array, forms: readonly number[], job: Job, gaps: Gap[]): Promise<Map<number, string>> {
  const said = new Map<number, string>();
  if (forms.length === 0) return said;
  if (forms.length > mostForms) gaps.push({ part: 'forms', page: null, why: 'tooLarge' });
  await withPdf(bytes, (pdf) => {
    pdf.authenticatePassword('');
    for (const num of forms.slice(0, mostForms)) {
      heed(job);
      try {
        const objects = pdf.newDictionary(), resources = pdf.newDictionary();
        objects.put('F', pdf.newIndirect(num));
        resources.put('XObject', objects);
        pdf.insertPage(-1, pdf.addPage([-4000, -4000, 8000, 8000], 0, pdf.addObject(resources), '/F Do'));
        said.set(num, withPage(pdf, pdf.countPages() - 1, (p) => { const text = p.toStructuredText('preserve-whitespace,clip=no'); try { return text.asText(); } finally { text.destroy(); } }));
      } catch { /* a form that cannot be drawn says nothing */ }
    }
  });
  return said;
}

/** Keys behind which pages, fonts, pictures, fields and colours have streams that do not say themselves what they are. Source: ISO 32000-1, clauses 7 to 14; the list was put together from memory. */
const usual = new Set(['Contents', 'FontFile', 'FontFile2', 'FontFile3', 'ToUnicode', 'CIDToGIDMap', 'CIDSet', 'Encoding', 'UseCMap', 'DestOutputProfile', 'JBIG2Globals', 'JS', 'XFA', 'HT', 'Halftones', 'Thumb', 'Metadata', 'Sound', 'Lookup']);
/** Keys by which a stream itself says what it is (7.10, 8.6.5.5, 8.7, 10.5). */
const telling = ['Type', 'Subtype', 'FunctionType', 'PatternType', 'ShadingType', 'HalftoneType', 'Alternate', 'N', 'Length1', 'Width'];

/** Streams that the file refers to only by keys that no rule knows: a program's own keeping, words and all. */
export function spareStreams(survey: Survey): Set<number> {
  const unsaid = new Set([...survey.objects].flatMap(([num, { value, stream }]) => (stream && survey.reachable.has(num) && isDict(value) && !telling.some((key) => value.has(key)) ? [num] : [])));
  if (unsaid.size === 0) return unsaid;
  const use = (value: PdfValue): void => { if (value instanceof PdfRef) unsaid.delete(value.num); else if (Array.isArray(value)) value.forEach(use); };
  const visit = (value: PdfValue, depth: number): void => {
    if (depth > 20) return;
    // A colour space names its kind first, and its table stands behind (8.6.6.3).
    if (Array.isArray(value)) { if (nameOf(value[0] ?? null) !== null) use(value); else for (const v of value) visit(v, depth + 1); return; }
    if (!isDict(value)) return;
    for (const [key, v] of value) {
      if (usual.has(key)) { use(v); use(survey.follow(v)); }
      // Glyphs of a font that is drawn, by their names (9.6.5), and files, by their systems (7.11.3).
      if (key === 'CharProcs' || key === 'EF') for (const glyph of survey.dict(v)?.values() ?? []) use(glyph);
      visit(v, depth + 1);
    }
  };
  for (const [num, { value }] of survey.objects) if (survey.reachable.has(num)) visit(value, 0);
  return unsaid;
}

/** What pages, forms, patterns and glyphs draw (ISO 32000-1, 7.8.2, 8.7.3, 8.10, 9.6.5). */
export function drawnStreams(survey: Survey): Set<number> {
  const found = new Set<number>();
  for (const [num, { value, stream }] of survey.objects) {
    if (!isDict(value) || !survey.reachable.has(num)) continue;
    if (stream && (nameOf(value.get('Subtype')) === 'Form' || value.has('PatternType'))) found.add(num);
    if (nameOf(value.get('Subtype')) === 'Type3') for (const glyph of survey.dict(value.get('CharProcs'))?.values() ?? []) if (glyph instanceof PdfRef && survey.objects.get(glyph.num)?.stream) found.add(glyph.num);
    if (nameOf(value.get('Type')) !== 'Page') continue;
    const contents = value.get('Contents'), list = survey.follow(contents);
    for (const ref of Array.isArray(list) ? list : [contents]) if (ref instanceof PdfRef && survey.objects.get(ref.num)?.stream) found.add(ref.num);
  }
  return found;
}
