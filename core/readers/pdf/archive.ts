import { operationsOf } from '../../engines/content.ts';
import { withPdf, type PdfDocument } from '../../engines/pdf.ts';
import type { ArchiveFacts } from '../../model/facts.ts';
import { allowedNamed, printFlag, refusedActions, refusedAnnotations, unseenFlags, type ArchiveRule } from '../../tables/archive-rules.ts';
import { latin1 } from '../../text/bytes.ts';
import { readXmp } from '../xmp.ts';
import { readGlyphs } from './archive-glyphs.ts';
import { inherited, readFonts } from './fonts.ts';
import { surveyPdf, type Survey } from './survey.ts';
import { isDict, nameOf, PdfName, PdfRef, PdfString, type PdfDict, type PdfValue, walkDicts } from './syntax.ts';

/** What speaks against a PDF as a file for long keeping, and as what it gives itself out. See {@link archiveRules} for what is looked at. */
export async function readArchive(bytes: Uint8Array): Promise<ArchiveFacts> {
  return withPdf(bytes, (pdf, mupdf) => {
    if (pdf.needsPassword()) pdf.authenticatePassword('');
    const survey = surveyPdf(pdf), broken = new Map<string, ArchiveFacts['broken'][number]>();
    const tell = (rule: ArchiveRule, text = '', page: number | null = null): void => {
      const known = broken.get(`${rule} ${text}`);
      if (known) known.count++; else broken.set(`${rule} ${text}`, { rule, text, page, count: 1 });
    };
    const root = survey.dict(survey.trailer.get('Root')) ?? new Map<string, PdfValue>();
    const claim = claimOf(pdf, survey, root, tell);
    if (survey.trailer.has('Encrypt')) tell('encryption');
    if (!hasMarkOfBinary(bytes)) tell('header');
    const id = survey.follow(survey.trailer.get('ID'));
    if (!Array.isArray(id) || !(id[0] instanceof PdfString) || id[0].raw === '') tell('identifier');
    readRoot(survey, root, tell);
    const pages = Array.from({ length: pdf.countPages() }, (_, i) => { const page = pdf.findPage(i), num = page.isIndirect() ? page.asIndirect() : -1; page.destroy(); return num; });
    readPages(survey, pages, tell);
    for (const font of readFonts(survey, pages.map((num) => survey.dict(new PdfRef(num)) ?? new Map<string, PdfValue>()))) if (!font.embedded) tell('font', font.name, font.page);
    for (const [num, { value, stream }] of survey.objects) if (survey.reachable.has(num)) walkDicts(value, (dict, own) => readDict(survey, dict, stream && own, tell));
    for (const [num, { value }] of survey.objects) if (survey.reachable.has(num)) readLimits(value, tell);
    readNesting(pdf, survey, pages, tell);
    readGlyphs(pdf, mupdf, survey, tell);
    const intent = intentOf(pdf, survey, root);
    if (intent === null) tell('intent'); else readColours(pdf, survey, pages, intent, tell);
    return { claim, broken: [...broken.values()] };
  });
}

/** Lengths and sizes that every reader can hold (6.1.13): names of 127 bytes, strings of 32,767, whole numbers of 32 bits. */
function readLimits(value: PdfValue, tell: Tell, depth = 0): void {
  if (depth > 40) return;
  if (value instanceof PdfName) { if (value.name.length > 127) tell('limits', 'a name'); } else if (value instanceof PdfString) { if (value.raw.length > 32_767) tell('limits', 'a string'); } else if (typeof value === 'number') { if (Math.abs(value) > 3.403e38 || (Number.isInteger(value) && (value > 2_147_483_647 || value < -2_147_483_648))) tell('limits', 'a number'); } else if (Array.isArray(value)) for (const v of value) readLimits(v, tell, depth + 1); else if (isDict(value)) for (const [key, v] of value) { if (key.length > 127) tell('limits', 'a name'); readLimits(v, tell, depth + 1); }
}
/** Graphics states may be saved inside each other 28 times (6.1.13). */
function readNesting(pdf: PdfDocument, survey: Survey, pages: number[], tell: Tell): void {
  for (const painter of paintersOf(survey, pages)) {
    let open = 0;
    for (const { operator } of operationsOf(painter.content.map((num) => streamText(pdf, num)).join('\n'))) { if (operator === 'q') open++; else if (operator === 'Q') open--; if (open > 28) { tell('limits', 'nesting', painter.page); break; } }
  }
}

type Tell = (rule: ArchiveRule, text?: string, page?: number | null) => void;
/** After its first line a file has four bytes above 127, so that no transport takes it for text. */
const hasMarkOfBinary = (bytes: Uint8Array): boolean => /^%PDF-1\.[0-7][\r\n]+%[\x80-\xff]{4}/.test(Array.from(bytes.subarray(0, 24), (b) => String.fromCharCode(b)).join(''));


/** Part and level that the file's metadata name, as “2b”. Source: ISO 19005-2, 6.6.4. */
function claimOf(pdf: PdfDocument, survey: Survey, root: PdfDict, tell: Tell): string | null {
  const packet = root.get('Metadata');
  if (!(packet instanceof PdfRef) || !survey.objects.get(packet.num)?.stream) { tell('metadata'); tell('claim'); return null; }
  const text = streamText(pdf, packet.num), facts = readXmp(text, 'XMP'), value = (name: string): string => facts.find((f) => f.key.replace(/^.*:/, '') === name && /^pdfaid:|:(?:part|conformance)$/.test(f.key))?.value.trim() ?? '';
  if (/<\?xpacket[^>]*\b(?:bytes|encoding)=/.test(text)) tell('metadata', 'header');
  const part = value('part'), level = value('conformance').toLowerCase();
  if (!/^[1-4]$/.test(part)) { tell('claim'); return null; }
  return `${part}${level}`;
}

function readRoot(survey: Survey, root: PdfDict, tell: Tell): void {
  const names = survey.dict(root.get('Names')), form = survey.dict(root.get('AcroForm')), layers = survey.dict(root.get('OCProperties'));
  if (names && survey.dict(names.get('EmbeddedFiles'))) tell('attachment');
  if (names?.has('JavaScript')) tell('action', 'JavaScript');
  if (form?.get('NeedAppearances') === true) tell('form');
  if (form?.has('XFA') || root.get('NeedsRendering') === true) tell('xfa');
  if (root.has('Requirements')) tell('requirements');
  if (layers) for (const config of [layers.get('D'), ...list(survey.follow(layers.get('Configs')))]) {
    const one = survey.dict(config);
    if (one && (!(survey.follow(one.get('Name')) instanceof PdfString) || one.has('AS'))) tell('layers');
  }
}

function readPages(survey: Survey, pages: number[], tell: Tell): void {
  pages.forEach((num, i) => {
    for (const ref of list(survey.follow(survey.dict(new PdfRef(num))?.get('Annots')))) {
      const annotation = survey.dict(ref), subtype = nameOf(survey.follow(annotation?.get('Subtype'))) ?? '';
      if (!annotation) continue;
      if (refusedAnnotations.has(subtype)) { tell('annotationKind', subtype, i + 1); continue; }
      if (subtype === 'Popup') continue;
      const flags = survey.follow(annotation.get('F')), set = typeof flags === 'number' ? flags : 0;
      if ((set & printFlag) === 0 || (set & unseenFlags) !== 0) tell('annotationFlags', subtype, i + 1);
      const box = list(survey.follow(annotation.get('Rect'))).map(Number), looks = survey.dict(annotation.get('AP'));
      if (subtype !== 'Link' && !looks?.has('N') && (box[0] !== box[2] || box[1] !== box[3])) tell('appearance', subtype, i + 1);
      else if (looks && [...looks.keys()].some((k) => k !== 'N')) tell('form', 'appearance', i + 1);
    }
  });
}

function readDict(survey: Survey, dict: PdfDict, isStream: boolean, tell: Tell): void {
  const subtype = nameOf(dict.get('Subtype'));
  if (isStream) {
    if (dict.has('F') || dict.has('FFilter')) tell('outside');
    if (filtersOf(survey, dict).includes('LZWDecode')) tell('filter');
    if (subtype === 'Image' && (dict.get('Interpolate') === true || dict.has('Alternates') || dict.has('OPI'))) tell('image');
    if (subtype === 'PS' || nameOf(dict.get('Subtype2')) === 'PS' || (subtype === 'Form' && dict.has('Ref'))) tell('postscript');
    if (subtype === 'Form' && dict.has('OPI')) tell('image');
  }
  if (isState(dict)) tell('state');
  if (subtype === 'CIDFontType2' && survey.dict(dict.get('FontDescriptor'))?.has('FontFile2') && !dict.has('CIDToGIDMap')) tell('glyphMap', nameOf(dict.get('BaseFont')) ?? '');
  if (dict.has('AA')) tell('trigger');
  const action = actionOf(dict);
  if (action !== null) tell('action', action);
  if (dict.has('EF')) tell('attachment');
}
/** The action that a dictionary is, where it is a refused one. Structure elements and page transitions have an `S` too (ISO 32000-1, 14.7.2, 12.4.4). */
export function actionOf(dict: PdfDict): string | null {
  const kind = nameOf(dict.get('S'));
  if (kind === null || dict.has('P') || dict.has('Pg') || dict.has('K')) return null;
  if (kind === 'Named') return allowedNamed.has(nameOf(dict.get('N')) ?? '') ? null : kind;
  return refusedActions.has(kind) && (kind !== 'Trans' || dict.has('Trans')) ? kind : null;
}
/** A graphics state with a transfer function or a halftone phase (6.2.5). */
export const isState = (dict: PdfDict): boolean => (dict.has('TR') && (nameOf(dict.get('Type')) === 'ExtGState' || dict.has('SA') || dict.has('ca') || dict.has('CA') || dict.has('BM'))) || (dict.has('TR2') && nameOf(dict.get('TR2')) !== 'Default') || dict.has('HTP');

export function filtersOf(survey: Survey, dict: PdfDict): string[] {
  const filter = survey.follow(dict.get('Filter'));
  return (Array.isArray(filter) ? filter.map((f) => survey.follow(f)) : [filter]).flatMap((f) => (f instanceof PdfName ? [f.name] : []));
}
const list = (v: PdfValue): PdfValue[] => (Array.isArray(v) ? v : []);

/** How many colour components the file's output intent has; null where it has none with a profile (6.2.3). */
function intentOf(pdf: PdfDocument, survey: Survey, root: PdfDict): number | null {
  for (const ref of list(survey.follow(root.get('OutputIntents')))) {
    const intent = survey.dict(ref), profile = intent?.get('DestOutputProfile');
    if (nameOf(intent?.get('S')) !== 'GTS_PDFA1' || !(profile instanceof PdfRef)) continue;
    const n = survey.follow(survey.dict(profile)?.get('N'));
    // Bytes 36 to 39 of a profile are its signature (ICC.1, 7.2).
    if (typeof n === 'number' && streamText(pdf, profile.num).slice(36, 40) === 'acsp') return n;
  }
  return null;
}

/** A stretch of page description with what it paints from: a page, a form, a tiling pattern. */
export interface Painter { resources: PdfDict | null; /** the object that holds `Resources` */ holder: number; content: number[]; page: number | null }
export function paintersOf(survey: Survey, pages: number[]): Painter[] {
  const painters: Painter[] = pages.map((num, i) => {
    const page = survey.dict(new PdfRef(num)), contents = page?.get('Contents'), parts = contents instanceof PdfRef && !Array.isArray(survey.follow(contents)) ? [contents] : list(survey.follow(contents));
    return { resources: page ? survey.dict(inherited(page, 'Resources', survey)) : null, holder: num, content: parts.flatMap((p) => (p instanceof PdfRef ? [p.num] : [])), page: i + 1 };
  });
  for (const [num, { value, stream }] of survey.objects) {
    if (!stream || !isDict(value) || !survey.reachable.has(num)) continue;
    if (nameOf(value.get('Subtype')) === 'Form' || value.get('PatternType') === 1) painters.push({ resources: survey.dict(value.get('Resources')), holder: num, content: [num], page: null });
  }
  return painters;
}

/** Which device colours a stretch of page description paints in (ISO 32000-1, 8.6.4): by its own operators, and by pictures, shadings and spaces it names. */
export function deviceColours(pdf: PdfDocument, survey: Survey, painter: Painter): { rgb: boolean; cmyk: boolean } {
  const used = { rgb: false, cmyk: false };
  const note = (name: string | null): void => { if (name === 'DeviceRGB' || name === 'RGB') used.rgb = true; else if (name === 'DeviceCMYK' || name === 'CMYK') used.cmyk = true; };
  const space = (value: PdfValue | undefined, depth = 0): void => {
    const v = survey.follow(value);
    if (v instanceof PdfName) note(v.name);
    // Indexed: base; Separation and DeviceN: alternate; Pattern: underlying.
    else if (Array.isArray(v) && depth < 4) { const kind = nameOf(survey.follow(v[0])); if (kind === 'Indexed' || kind === 'Pattern') space(v[1], depth + 1); else if (kind === 'Separation' || kind === 'DeviceN') space(v[2], depth + 1); }
  };
  const each = (key: string, use: (v: PdfValue) => void): void => { for (const v of survey.dict(painter.resources?.get(key))?.values() ?? []) use(v); };
  for (const [name, v] of survey.dict(painter.resources?.get('ColorSpace')) ?? []) if (!name.startsWith('Default')) space(v);
  each('XObject', (v) => { const x = survey.dict(v); if (x && nameOf(x.get('Subtype')) === 'Image') space(x.get('ColorSpace')); });
  each('Shading', (v) => space(survey.dict(v)?.get('ColorSpace')));
  each('Pattern', (v) => space(survey.dict(survey.dict(v)?.get('Shading'))?.get('ColorSpace')));
  for (const num of painter.content) {
    // Strings and comments hold no operators; names are looked at where a colour space is chosen by one.
    const bare = streamText(pdf, num).replace(/\((?:\\[\s\S]|[^\\()]|\((?:\\[\s\S]|[^\\()])*\))*\)|<[0-9A-Fa-f\s]*>|%[^\r\n]*/g, ' ');
    for (const m of bare.matchAll(/\/(DeviceRGB|DeviceCMYK)\s+(?:cs|CS)\b|\/(?:CS|ColorSpace)\s*\/(RGB|CMYK|DeviceRGB|DeviceCMYK)\b/g)) note(m[1] ?? m[2]!);
    if (/\d\s+(?:rg|RG)(?=[\s/[(<]|$)/.test(bare)) used.rgb = true;
    if (/\d\s+[kK](?=[\s/[(<]|$)/.test(bare)) used.cmyk = true;
  }
  return used;
}

/** Device colours need the output intent of their own kind, or a space that says what they mean (6.2.4.3). */
function readColours(pdf: PdfDocument, survey: Survey, pages: number[], intent: number, tell: Tell): void {
  for (const painter of paintersOf(survey, pages)) {
    const used = deviceColours(pdf, survey, painter), spaces = survey.dict(painter.resources?.get('ColorSpace'));
    if (used.cmyk && intent !== 4 && !spaces?.has('DefaultCMYK')) tell('colour', 'CMYK', painter.page);
    if (used.rgb && intent !== 3 && !spaces?.has('DefaultRGB')) tell('colour', 'RGB', painter.page);
  }
}

/** The decoded content of a stream, a character a byte unless told otherwise; empty where it cannot be decoded. */
export function streamText(pdf: PdfDocument, num: number, encoding: 'latin1' | 'utf-8' = 'latin1'): string {
  const object = pdf.newIndirect(num);
  try { const buffer = object.readStream(); try { const bytes = buffer.asUint8Array(); return encoding === 'utf-8' ? new TextDecoder().decode(bytes) : latin1(bytes); } finally { buffer.destroy(); } } catch { return ''; } finally { object.destroy(); }
}
