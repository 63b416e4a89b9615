import type { FontFacts } from '../../model/facts.ts';
import { isDict, nameOf, PdfRef, type PdfDict, type PdfValue } from './syntax.ts';
import type { Survey } from './survey.ts';

/** A font with its dictionary, and the object number of its program, where that is TrueType or OpenType. */
export type FoundFont = FontFacts & { dict: PdfDict; program?: number };

/** Fonts in every resource a page can paint from: its own, forms, patterns, Type 3 glyphs, annotation appearances.
 * Source: ISO 32000-1, 7.8.3 (resources), 9.9 and table 126 (embedding); the standard 14 are not excepted. */
export function readFonts(survey: Survey, pages: PdfDict[]): FoundFont[] {
  const fonts: FoundFont[] = [];
  const seen = new Set<number | PdfDict>();
  const first = (value: PdfValue | undefined): PdfDict | null => {
    const dict = survey.dict(value);
    const key = value instanceof PdfRef ? value.num : dict;
    if (!dict || key === null || seen.has(key)) return null;
    seen.add(key);
    return dict;
  };
  const each = (value: PdfValue | undefined, use: (v: PdfValue) => void): void => {
    const dict = survey.dict(value);
    if (dict) for (const v of dict.values()) use(v);
  };
  const visit = (value: PdfValue | undefined, page: number): void => {
    const resources = first(value) ?? null;
    if (!resources) return;
    each(resources.get('Font'), (ref) => {
      const font = first(ref);
      if (!font) return;
      fonts.push(describeFont(font, survey, page));
      if (nameOf(survey.follow(font.get('Subtype'))) === 'Type3') visit(font.get('Resources'), page);
    });
    for (const group of ['XObject', 'Pattern']) each(resources.get(group), (ref) => { const form = first(ref); if (form) visit(form.get('Resources'), page); });
    each(resources.get('ExtGState'), (ref) => {
      const state = first(ref);
      if (!state) return;
      const list = survey.follow(state.get('Font'));
      if (Array.isArray(list)) { const font = first(list[0]); if (font) fonts.push(describeFont(font, survey, page)); }
      const mask = survey.dict(state.get('SMask'));
      const group = mask && first(mask.get('G'));
      if (group) visit(group.get('Resources'), page);
    });
  };
  pages.forEach((page, index) => {
    visit(inherited(page, 'Resources', survey), index + 1);
    const annotations = survey.follow(page.get('Annots'));
    if (!Array.isArray(annotations)) return;
    for (const ref of annotations) {
      const appearance = survey.dict(survey.dict(ref)?.get('AP'));
      if (!appearance) continue;
      for (const state of appearance.values()) {
        const stream = survey.dict(state);
        if (!stream) continue;
        if (stream.has('Subtype') || stream.has('BBox')) { const form = first(state); if (form) visit(form.get('Resources'), index + 1); }
        else for (const option of stream.values()) { const form = first(option); if (form) visit(form.get('Resources'), index + 1); }
      }
    }
  });
  return fonts;
}

/** A page attribute, inherited from its ancestors where it has none (7.7.3.4). */
export function inherited(page: PdfDict, key: string, survey: Survey): PdfValue | undefined {
  let node: PdfDict | null = page;
  for (let hops = 0; node && hops < 60; hops++) {
    if (node.has(key)) return node.get(key);
    node = survey.dict(node.get('Parent'));
  }
  return undefined;
}

function describeFont(font: PdfDict, survey: Survey, page: number): FoundFont {
  const subtype = nameOf(survey.follow(font.get('Subtype'))) ?? '';
  const descendants = survey.follow(font.get('DescendantFonts'));
  const cid = Array.isArray(descendants) ? survey.dict(descendants[0]) : null;
  const descriptor = survey.dict((cid ?? font).get('FontDescriptor'));
  const file3 = survey.dict(descriptor?.get('FontFile3'));
  const embedded = subtype === 'Type3' || !!(descriptor && (file3 || survey.dict(descriptor.get('FontFile2')) || survey.dict(descriptor.get('FontFile'))));
  const program = descriptor?.get('FontFile2') ?? descriptor?.get('FontFile3');
  const name = nameOf(survey.follow(font.get('BaseFont'))) ?? nameOf(survey.follow(cid?.get('BaseFont'))) ?? nameOf(survey.follow(font.get('Name'))) ?? 'unnamed';
  const encoding = survey.follow(font.get('Encoding'));
  const toUnicode = survey.dict(font.get('ToUnicode')) !== null;
  return {
    dict: font, name, embedded, page, toUnicode, subset: /^[A-Z]{6}\+/.test(name),
    type: typeName(subtype, nameOf(survey.follow(cid?.get('Subtype'))), nameOf(survey.follow(file3?.get('Subtype')))),
    readable: toUnicode || isReadableEncoding(subtype, encoding), ...(program instanceof PdfRef ? { program: program.num } : {}),
  };
}

/** 9.10.2: a simple font with a predefined encoding, or names from the standard sets, can be turned into characters. */
function isReadableEncoding(subtype: string, encoding: PdfValue): boolean {
  if (subtype === 'Type0') return !/^Identity/.test(nameOf(encoding) ?? 'Identity');
  if (subtype === 'Type3') return isDict(encoding) && readableNames(encoding);
  return true;
}
function readableNames(encoding: PdfDict): boolean {
  const differences = encoding.get('Differences');
  if (!Array.isArray(differences)) return false;
  const names = differences.map((v) => nameOf(v)).filter((n): n is string => n !== null);
  return names.filter((n) => /^(?:[A-Za-z]|uni[0-9A-F]{4}|[a-z]{3,}[a-z]*)$/.test(n)).length > names.length / 2;
}

function typeName(subtype: string, cidType: string | null, file3: string | null): string {
  if (subtype === 'Type0') return cidType === 'CIDFontType2' ? (file3 === 'OpenType' ? 'CID TrueType (OT)' : 'CID TrueType') : file3 === 'CIDFontType0C' ? 'CID Type 0C' : file3 === 'OpenType' ? 'CID Type 0C (OT)' : 'CID Type 0';
  if (subtype === 'Type1') return file3 === 'Type1C' ? 'Type 1C' : file3 === 'OpenType' ? 'Type 1C (OT)' : 'Type 1';
  if (subtype === 'TrueType') return file3 === 'OpenType' ? 'TrueType (OT)' : 'TrueType';
  if (subtype === 'MMType1') return 'Type 1';
  if (subtype === 'Type3') return 'Type 3';
  return subtype || 'unknown';
}
