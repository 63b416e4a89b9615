import { saveWhole, withManagedColours, withPage, withPdf, type MupdfModule, type PdfDocument } from '../../engines/pdf.ts';
import { sha256 } from '../../engines/hash.ts';
import { srgbProfile } from '../../engines/srgb.ts';
import { escapeXml } from '../../engines/xml.ts';
import { actionOf, deviceColours, filtersOf, isState, paintersOf, streamText } from '../../readers/pdf/archive.ts';
import { surveyPdf, type Survey } from '../../readers/pdf/survey.ts';
import { isDict, nameOf, PdfRef, textOf, type PdfDict, type PdfValue } from '../../readers/pdf/syntax.ts';
import { readXmp } from '../../readers/xmp.ts';
import { printFlag, refusedAnnotations, unseenFlags } from '../../tables/archive-rules.ts';
import { embedStandardFonts } from '../embed/embed.ts';

type PdfObject = ReturnType<PdfDocument['findPage']>;

/** Writes a PDF as PDF/A-2, level B: fonts inside, colours with a meaning, nothing that runs, plays or lies outside, and metadata that say so and nothing else.
 * What a rule asks and nothing here can give (a font that no open face replaces, an annotation without a look of its own) stays and is told by reading the copy again.
 * @param keepNames - the title and the author that the file states stay, as a library wants them; otherwise nothing is said about anybody
 * Source: ISO 19005-2:2011, as listed in {@link archiveRules}. */
export async function writeArchive(bytes: Uint8Array, keepNames = false): Promise<Uint8Array> {
  const embedded = await embedStandardFonts(bytes);
  return withPdf(embedded.bytes, async (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const survey = surveyPdf(pdf), pages = Array.from({ length: pdf.countPages() }, (_, i) => { const page = pdf.findPage(i); return page.isIndirect() ? page.asIndirect() : -1; });
    for (const [num, { value, stream }] of survey.objects) if (survey.reachable.has(num)) settleObject(pdf, survey, num, value, stream);
    pages.forEach((num, i) => settleAnnotations(pdf, survey, num, i));
    nameCmyk(pdf, mupdf, survey, pages);
    settleRoot(pdf, claimPacket(keepNames ? namesIn(pdf, survey) : []));
    identify(pdf, await sha256(bytes));
    return saveWhole(pdf, 'garbage=2,compress,compress-images=no,compress-fonts=no,encrypt=none');
  });
}

/** The same object as the engine holds it, by the way that led to it. */
function at(pdf: PdfDocument, num: number, path: readonly (string | number)[]): PdfObject {
  let target = pdf.newIndirect(num).resolve() as PdfObject;
  for (const step of path) target = target.get(step as never) as PdfObject;
  return target;
}
/** Inner dictionaries with the way that leads to each. `use` gives the keys that it took out: what lay under them is gone, and no way leads there. */
function visitDicts(value: PdfValue, use: (dict: PdfDict, path: (string | number)[]) => ReadonlySet<string>, path: (string | number)[] = []): void {
  if (path.length > 40) return;
  if (Array.isArray(value)) value.forEach((v, i) => visitDicts(v, use, [...path, i]));
  else if (isDict(value)) { const gone = use(value, path); for (const [key, v] of value) if (!gone.has(key)) visitDicts(v, use, [...path, key]); }
}

/** Takes out of one object what may not be in an archive file. */
function settleObject(pdf: PdfDocument, survey: Survey, num: number, value: PdfValue, stream: boolean): void {
  visitDicts(value, (dict, path) => {
    const gone = new Set<string>(), remove = (...keys: string[]): void => { for (const k of keys) if (dict.has(k) && !gone.has(k)) { at(pdf, num, path).delete(k); gone.add(k); } };
    remove('AA', 'Requirements');
    for (const key of ['A', 'OpenAction', 'Next', 'PA']) { const action = survey.dict(dict.get(key)); if (action && actionOf(action) !== null) remove(key); }
    // A widget has no action of its own (6.4.1).
    if (nameOf(dict.get('Subtype')) === 'Widget') remove('A');
    remove('EF', 'AF');
    if (isState(dict)) { remove('TR', 'HTP'); if (nameOf(dict.get('TR2')) !== 'Default') remove('TR2'); }
    const subtype = nameOf(dict.get('Subtype'));
    if (subtype === 'CIDFontType2' && survey.dict(dict.get('FontDescriptor'))?.has('FontFile2') && !dict.has('CIDToGIDMap')) at(pdf, num, path).put('CIDToGIDMap', pdf.newName('Identity'));
    // A list of glyphs that a subset holds has to be exact where it is there; it need not be there (6.2.11.4.2).
    if (nameOf(dict.get('Type')) === 'FontDescriptor') remove('CIDSet', 'CharSet');
    if (path.length > 0 || !stream) return gone;
    if (subtype === 'Image') remove('Interpolate', 'Alternates', 'OPI'); else if (subtype === 'Form') remove('OPI');
    if (filtersOf(survey, dict).includes('LZWDecode')) rewrite(pdf, num);
    return gone;
  });
}
function rewrite(pdf: PdfDocument, num: number): void {
  const object = pdf.newIndirect(num);
  try { const content = object.readStream(); object.writeStream(content); content.destroy(); } catch { /* told as a rule that is still broken */ } finally { object.destroy(); }
}

/** Marks on a page are printed and seen, or they are not there. */
function settleAnnotations(pdf: PdfDocument, survey: Survey, page: number, index: number): void {
  const list = survey.follow(survey.dict(new PdfRef(page))?.get('Annots'));
  if (!Array.isArray(list)) return;
  const object = at(pdf, page, []).get('Annots') as PdfObject;
  for (let i = list.length - 1; i >= 0; i--) {
    const annotation = survey.dict(list[i]), subtype = nameOf(survey.follow(annotation?.get('Subtype'))) ?? '';
    if (!annotation || subtype === 'Popup') continue;
    const flags = survey.follow(annotation.get('F')), set = typeof flags === 'number' ? flags : 0;
    // What plays or carries a file, and what no page shows: a signature's empty field among them.
    if (refusedAnnotations.has(subtype) || (set & unseenFlags & ~1) !== 0) { object.delete(i); continue; }
    const own = object.get(i) as PdfObject;
    own.put('F', (set & ~unseenFlags) | printFlag);
    const looks = own.get('AP');
    if (looks.isDictionary()) for (const key of ['R', 'D']) if (!looks.get(key).isNull()) looks.delete(key);
  }
  // Marks that the engine can draw get a look of their own.
  withPage(pdf, index, (drawn) => {
    for (const mark of drawn.getAnnotations()) {
      if (!mark.getObject().get('AP').isNull()) continue;
      // The engine draws a mark anew when something of it is set.
      try { mark.setContents(mark.getContents()); mark.update(); } catch { /* of a kind that has no look here; told as such */ }
    }
  });
}

/** Says what the numbers of device CMYK mean, wherever they are painted: a DeviceN space over sRGB (6.2.4.3; ISO 32000-1, 8.6.5.6, 8.6.6.5). */
function nameCmyk(pdf: PdfDocument, mupdf: MupdfModule, survey: Survey, pages: number[]): void {
  let space: PdfObject | null = null;
  for (const painter of paintersOf(survey, pages)) {
    if (!deviceColours(pdf, survey, painter).cmyk || survey.dict(painter.resources?.get('ColorSpace'))?.has('DefaultCMYK')) continue;
    space ??= cmykOverRgb(pdf, mupdf);
    const holder = at(pdf, painter.holder, []), resources = holder.getInheritable('Resources') as PdfObject;
    if (!resources.isDictionary()) continue;
    let spaces = resources.get('ColorSpace') as PdfObject;
    if (!spaces.isDictionary()) { resources.put('ColorSpace', pdf.newDictionary()); spaces = resources.get('ColorSpace') as PdfObject; }
    spaces.put('DefaultCMYK', space);
  }
}
/** Steps of each ink in the table that says which light a mixture gives; between them lies a straight line. */
const inkSteps = 9;
function cmykOverRgb(pdf: PdfDocument, mupdf: MupdfModule): PdfObject {
  const inks = pdf.newArray(), domain = pdf.newArray(), range = pdf.newArray(), size = pdf.newArray(), tint = pdf.newDictionary(), space = pdf.newArray();
  for (const ink of ['Cyan', 'Magenta', 'Yellow', 'Black']) { inks.push(pdf.newName(ink)); domain.push(0); domain.push(1); size.push(inkSteps); }
  for (let i = 0; i < 3; i++) { range.push(0); range.push(1); }
  // A sampled function (7.10.2) of what the engine's own press profile shows, so that the pages look as they do now.
  tint.put('FunctionType', 0); tint.put('Domain', domain); tint.put('Range', range); tint.put('Size', size); tint.put('BitsPerSample', 8);
  space.push(pdf.newName('DeviceN')); space.push(inks); space.push(pdf.newName('DeviceRGB')); space.push(pdf.addStream(mixtures(mupdf), tint));
  return pdf.addObject(space);
}
/** Light of every mixture, three bytes each, the first ink changing fastest. */
function mixtures(mupdf: MupdfModule): Uint8Array {
  const sheet = new mupdf.Pixmap(mupdf.ColorSpace.DeviceCMYK, [0, 0, inkSteps ** 2, inkSteps ** 2], false), inks = sheet.getPixels(), step = 255 / (inkSteps - 1);
  for (let i = 0; i < inkSteps ** 4; i++) for (let ink = 0; ink < 4; ink++) inks[i * 4 + ink] = Math.round((Math.floor(i / inkSteps ** ink) % inkSteps) * step);
  const shown = withManagedColours(mupdf, () => sheet.convertToColorSpace(mupdf.ColorSpace.DeviceRGB, false));
  try { return Uint8Array.from(shown.getPixels()); } finally { shown.destroy(); sheet.destroy(); }
}

/** Catalogue: output intent, metadata, and nothing that runs when the file is opened. */
function settleRoot(pdf: PdfDocument, metadata: string): void {
  const root = pdf.getTrailer().get('Root') as PdfObject, profile = pdf.newDictionary(), intent = pdf.newDictionary(), intents = pdf.newArray();
  profile.put('N', 3);
  intent.put('Type', pdf.newName('OutputIntent')); intent.put('S', pdf.newName('GTS_PDFA1'));
  intent.put('OutputConditionIdentifier', pdf.newString('sRGB')); intent.put('Info', pdf.newString('sRGB'));
  intent.put('DestOutputProfile', pdf.addStream(srgbProfile(), profile));
  intents.push(intent);
  root.put('OutputIntents', intents);
  const packet = pdf.newDictionary();
  packet.put('Type', pdf.newName('Metadata')); packet.put('Subtype', pdf.newName('XML'));
  root.put('Metadata', pdf.addStream(metadata, packet));
  for (const key of ['Info', 'NeedsRendering', 'Version', 'Requirements', 'AA', 'AF', 'Perms']) root.delete(key);
  const names = root.get('Names');
  if (names.isDictionary()) for (const key of ['EmbeddedFiles', 'JavaScript', 'AlternatePresentations', 'Renditions']) names.delete(key);
  const form = root.get('AcroForm');
  if (form.isDictionary()) for (const key of ['XFA', 'NeedAppearances']) form.delete(key);
  const layers = root.get('OCProperties');
  if (layers.isDictionary()) {
    const configs = layers.get('Configs'), all = [layers.get('D'), ...(configs.isArray() ? Array.from({ length: configs.length }, (_, i) => configs.get(i)) : [])];
    all.forEach((config, i) => { if (!config.isDictionary()) return; config.delete('AS'); if (!config.get('Name').isString()) config.put('Name', pdf.newString(`Layers ${i + 1}`)); });
  }
  // Only now: the engine starts a trailer of its own when the first object is made.
  pdf.getTrailer().delete('Info');
}

/** An identifier of the file (6.1.3), made from its content so that it tells nothing else. */
function identify(pdf: PdfDocument, sum: string): void {
  const id = pdf.newArray(), bytes = Uint8Array.from(sum.slice(0, 32).match(/../g)!, (h) => parseInt(h, 16));
  for (let i = 0; i < 2; i++) id.push(pdf.newByteString(bytes));
  pdf.getTrailer().put('ID', id);
}

/** Title and author as the file states them: its information dictionary before its metadata, as readers show them. */
function namesIn(pdf: PdfDocument, survey: Survey): [property: 'title' | 'creator', value: string][] {
  const info = survey.dict(survey.trailer.get('Info')), packet = survey.dict(survey.trailer.get('Root'))?.get('Metadata'), facts = packet instanceof PdfRef ? readXmp(streamText(pdf, packet.num, 'utf-8'), 'XMP') : [];
  return (['title', 'creator'] as const).flatMap((property): [typeof property, string][] => {
    const value = textOf(survey.follow(info?.get(property === 'title' ? 'Title' : 'Author')))?.trim() || facts.find((f) => f.key === `dc:${property}`)?.value.trim();
    return value ? [[property, value]] : [];
  });
}
/** What the file says of itself: that it is PDF/A-2, level B. Source: ISO 19005-2, 6.6.4; XMP: ISO 16684-1, 8.3 (Dublin Core). */
function claimPacket(names: [property: 'title' | 'creator', value: string][]): string {
  const kept = names.map(([property, value]) => (property === 'title' ? `\n   <dc:title><rdf:Alt><rdf:li xml:lang="x-default">${escapeXml(value)}</rdf:li></rdf:Alt></dc:title>` : `\n   <dc:creator><rdf:Seq><rdf:li>${escapeXml(value)}</rdf:li></rdf:Seq></dc:creator>`)).join('');
  return `<?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>\n<x:xmpmeta xmlns:x="adobe:ns:meta/">\n <rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">\n  <rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:pdfaid="http://www.aiim.org/pdfa/ns/id/">${kept}\n   <pdfaid:part>2</pdfaid:part>\n   <pdfaid:conformance>B</pdfaid:conformance>\n  </rdf:Description>\n </rdf:RDF>\n</x:xmpmeta>\n<?xpacket end="w"?>`;
}
