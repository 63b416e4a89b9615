import { latin1 } from '../../text/bytes.ts';
import { operationsOf } from '../../engines/content.ts';
import type { PdfDocument } from '../../engines/pdf.ts';
import { inherited } from './fonts.ts';
import type { Survey } from './survey.ts';
import { nameOf, PdfRef, type PdfDict, type PdfValue } from './syntax.ts';

/** Characters of content that are looked through; where there is more, a font counts as used. */
const mostContent = 24 << 20;

/** Which of some fonts no character is shown in, though the file lists them: a program that writes PDF may name one on every page and never use it.
 * Whatever cannot be followed counts as use. Sources: ISO 32000-1, 9.3.1 (Tf), 9.4.3 (operators that show text), 8.4.2 (q, Q), 8.4.5 (Font of a graphics state).
 * @param fonts - font dictionaries, as the survey gives them */
export function idleFonts(pdf: PdfDocument, survey: Survey, pages: PdfDict[], fonts: ReadonlySet<PdfDict>): Set<PdfDict> {
  const idle = new Set(fonts), seen = new Set<string>();
  let room = mostContent;
  const numOf = (value: PdfValue | undefined): number => (value instanceof PdfRef ? value.num : -1);
  const contentOf = (num: number): string => {
    if (num < 0 || survey.objects.get(num)?.stream !== true) return '';
    const ref = pdf.newIndirect(num);
    try { const buffer = ref.readStream(); try { const text = latin1(buffer.asUint8Array()); room -= text.length; return text; } finally { buffer.destroy(); } } catch { return ''; } finally { ref.destroy(); }
  };
  const valuesOf = (value: PdfValue | undefined): PdfValue[] => [...(survey.dict(value)?.values() ?? [])];
  /** Looks through what is painted with some resources, and through whatever that may paint in turn. */
  const paint = (streams: number[], resources: PdfDict | null, depth: number): void => {
    const key = `${streams.join()} ${numbers.of(resources)}`;
    if (idle.size === 0 || seen.has(key) || depth > 20) return;
    seen.add(key);
    const named = survey.dict(resources?.get('Font'));
    const content = named && [...named.values()].some((v) => idle.has(survey.dict(v)!)) ? streams.map(contentOf).join('\n') : '';
    if (room < 0) { idle.clear(); return; }
    for (const name of shownWith(content)) { const font = survey.dict(named?.get(name)); if (font) idle.delete(font); }
    for (const state of valuesOf(resources?.get('ExtGState'))) {
      const dict = survey.dict(state), list = survey.follow(dict?.get('Font')), font = Array.isArray(list) ? survey.dict(list[0]) : null;
      if (font) idle.delete(font);
      form(survey.dict(dict?.get('SMask'))?.get('G'), resources, depth);
    }
    for (const group of ['XObject', 'Pattern']) for (const ref of valuesOf(resources?.get(group))) form(ref, resources, depth);
    for (const ref of named?.values() ?? []) {
      const font = survey.dict(ref);
      if (nameOf(survey.follow(font?.get('Subtype'))) === 'Type3') for (const glyph of valuesOf(font!.get('CharProcs'))) paint([numOf(glyph)], survey.dict(font!.get('Resources')) ?? resources, depth + 1);
    }
  };
  /** A form without resources of its own paints with those of whatever draws it (7.8.3). */
  const form = (ref: PdfValue | undefined, resources: PdfDict | null, depth: number): void => {
    const dict = survey.dict(ref);
    if (dict && nameOf(survey.follow(dict.get('Subtype'))) !== 'Image') paint([numOf(ref)], survey.dict(dict.get('Resources')) ?? resources, depth + 1);
  };
  for (const page of pages) {
    if (idle.size === 0) break;
    const resources = survey.dict(inherited(page, 'Resources', survey)), contents = survey.follow(page.get('Contents')), marks = survey.follow(page.get('Annots'));
    paint(Array.isArray(contents) ? contents.map(numOf) : [numOf(page.get('Contents'))], resources, 0);
    for (const mark of Array.isArray(marks) ? marks : []) for (const look of valuesOf(survey.dict(mark)?.get('AP'))) {
      form(look, resources, 0);
      if (!(look instanceof PdfRef && survey.objects.get(look.num)?.stream)) for (const option of valuesOf(look)) form(option, resources, 0);
    }
  }
  // A field without a look of its own is painted by the reader, with the fonts of the form.
  const fields = survey.dict(survey.dict(survey.trailer.get('Root'))?.get('AcroForm'));
  for (const ref of valuesOf(survey.dict(fields?.get('DR'))?.get('Font'))) idle.delete(survey.dict(ref)!);
  return idle;
}

/** Names of fonts that characters are shown with. */
function shownWith(content: string): Set<string> {
  const shown = new Set<string>(), saved: (string | null)[] = [];
  let current: string | null = null;
  for (const { operator, start, end } of operationsOf(content)) {
    if (operator === 'q') saved.push(current);
    else if (operator === 'Q') current = saved.pop() ?? current;
    else if (operator === 'Tf') current = /\/([^\s/[\]()<>{}%]+)/.exec(content.slice(start, end))?.[1]?.replace(/#([0-9A-Fa-f]{2})/g, (_, hex: string) => String.fromCharCode(parseInt(hex, 16))) ?? null;
    else if (current !== null && (operator === 'Tj' || operator === 'TJ' || operator === "'" || operator === '"') && /\([^)]|<\s*[\dA-Fa-f]/.test(content.slice(start, end))) shown.add(current);
  }
  return shown;
}

/** Dictionaries without a number of their own, told apart. */
const numbers = { known: new WeakMap<PdfDict, number>(), next: 0, of(dict: PdfDict | null): number { if (!dict) return -1; let n = this.known.get(dict); if (n === undefined) this.known.set(dict, n = this.next++); return n; } };
