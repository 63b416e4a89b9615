import type { MetadataFact, Passage, PlaceKind, Trouble } from '../../model/facts.ts';
import { unescapeXml } from '../../engines/xml.ts';
import { infoKeys, machineKeys, stringKeys } from '../../tables/pdf-strings.ts';
import { isDict, nameOf, PdfRef, PdfString, type PdfDict, type PdfValue } from './syntax.ts';
import { isBookkeeping, type Survey } from './survey.ts';

export interface TreeStrings { passages: Passage[]; metadata: MetadataFact[]; troubles: Trouble[]; comments: number; highlights: number }

/** Every string of the object tree that a person could read, with where it stands; orphans apart.
 * A string that no rule knows is still told, as hidden: nothing is left out because it was not foreseen. */
export function readStrings(survey: Survey, pageOf: Map<number, number>): TreeStrings {
  const out: TreeStrings = { passages: [], metadata: [], troubles: [], comments: 0, highlights: 0 };
  const annotationPages = pagesOfAnnotations(survey, pageOf);
  const infoRef = survey.trailer.get('Info');
  const infoNum = infoRef instanceof PdfRef ? infoRef.num : -1;
  for (const [num, { value }] of survey.objects) {
    if (num === infoNum || isBookkeeping(value)) continue;
    const orphan = !survey.reachable.has(num);
    walk(value, num, orphan, annotationPages.get(num) ?? null);
  }
  const small = [...survey.objects].filter(([num, { value }]) => survey.reachable.has(num) && isDict(value) && nameOf(value.get('Type')) === 'Page' && survey.dict(value.get('Thumb'))).length;
  if (small > 0) out.metadata.push({ part: 'page/Thumb', key: 'thumbnail', value: `small pictures of ${small} ${small === 1 ? 'page' : 'pages'}`, sort: 'thumbnail' });
  const names = namesOf(survey);
  if (names) out.passages.push({ part: 'names', place: 'outline', page: null, text: names });
  for (const [key, v] of survey.trailer) if (v instanceof PdfString && key !== 'ID') out.passages.push({ part: `trailer/${key}`, place: 'hidden', page: null, text: v.text });
  readInfo(survey.dict(infoRef), 'Info', out);
  const id = survey.follow(survey.trailer.get('ID'));
  if (Array.isArray(id)) {
    const hex = id.map((v) => (v instanceof PdfString ? [...v.raw].map((c) => c.charCodeAt(0).toString(16).padStart(2, '0')).join('') : '')).join(' ');
    if (/[1-9a-f]/.test(hex)) out.metadata.push({ part: 'trailer/ID', key: 'ID', value: hex, sort: 'ids' });
  }
  return out;

  function walk(value: PdfValue, num: number, orphan: boolean, page: number | null): void {
    if (isDict(value)) {
      noteDict(value, page);
      const kind = kindOfDict(value);
      for (const [key, v] of value) visit(key, v, value, kind, num, orphan, page);
    } else if (Array.isArray(value)) for (const v of value) walk(v, num, orphan, page);
    else if (value instanceof PdfString) push(value.text, orphan ? 'orphan' : 'hidden', orphan ? `orphan/${num}` : `object/${num}`, page);
  }

  function visit(key: string, v: PdfValue, dict: PdfDict, kind: string, num: number, orphan: boolean, page: number | null): void {
    if (kind === 'private' && (isDict(v) || Array.isArray(v))) return keepPrivate(key, v);
    if (isDict(v)) return walk(v, num, orphan, page);
    if (Array.isArray(v)) {
      if (key === 'Names' || key === 'Opt' || key === 'Kids' || key === 'Annots' || key === 'OCGs' || key === 'Order' || key === 'Nums') { for (const item of v) if (item instanceof PdfString && key !== 'Names') push(item.text, orphan ? 'orphan' : 'form', key, page); else walk(item, num, orphan, page); return; }
      if (machineKeys.has(key)) return;
      return walk(v, num, orphan, page);
    }
    if (!(v instanceof PdfString)) return;
    const text = v.text;
    if (orphan) return push(text, 'orphan', `orphan/${num}`, page, key === 'T' || key === 'Author');
    if (kind === 'private') { out.metadata.push({ part: `PieceInfo/${key}`, key, value: text, sort: 'private-data' }); return; }
    if (kind === 'signature') return push(text, 'signature', `signature/${key}`, page, key === 'Name');
    if (kind === 'annotation') {
      if (key === 'T') return push(text, 'annotation', 'annotation/T', page, true);
      if (key === 'M' || key === 'CreationDate') { out.metadata.push({ part: `annotation/${key}`, key, value: text, sort: 'dates' }); return; }
      if (key === 'NM') { out.metadata.push({ part: 'annotation/NM', key, value: text, sort: 'ids' }); return; }
      if (key === 'DA' || key === 'DS') return machine(key, text, page);
      return push(key === 'RC' ? withoutTags(text) : text, 'annotation', `annotation/${key}`, page);
    }
    if (kind === 'field' && key === 'T') return push(text, 'form', 'field/T', page);
    if (kind === 'structure' && (key === 'T' || key === 'ID')) return push(text, 'altText', `structure/${key}`, page);
    if (kind === 'layer' && key === 'Name') return push(text, 'hidden', 'layer/Name', page);
    if (kind === 'params') { if (/Date/.test(key)) out.metadata.push({ part: `attachment/${key}`, key, value: text, sort: 'dates' }); else machine(key, text, page); return; }
    if (kind === 'info') { out.metadata.push({ part: `${orphan ? 'orphan' : 'object'}/${key}`, key, value: text, sort: infoKeys[key] ?? 'custom' }); return; }
    if (key === 'LastModified') { out.metadata.push({ part: 'page/LastModified', key, value: text, sort: 'dates' }); return; }
    if (machineKeys.has(key)) return machine(key, text, page);
    // A property that somebody gave to a part of the document (14.7.5.4).
    if (key === 'V' && dict.has('N') && !dict.has('FT')) return push(text, 'hidden', 'structure/V', page);
    const place = stringKeys[key] ?? 'hidden';
    const part = place === 'link' ? 'link' : place === 'script' ? 'JavaScript' : place === 'outline' && key === 'Title' ? 'outline' : place === 'path' ? 'path' : `object/${key}`;
    push(key === 'RV' ? withoutTags(text) : place === 'link' ? decoded(text) : text, place === 'link' && /^[a-z]+:\/\//i.test(text) ? 'cloudAddress' : place, part, page);
  }

  /** A value that machines read is searched where it holds words: nobody would see them. */
  function machine(key: string, text: string, page: number | null): void {
    if (/^[\x20-\x7e\u00a0-\u024f]{4,400}$/.test(text) && /\p{L}{3}|\d{5}/u.test(text)) push(text, 'hidden', `object/${key}`, page);
  }

  /** What a program keeps for itself is private however deep it lies. */
  function keepPrivate(key: string, v: PdfValue): void {
    if (v instanceof PdfString) { if (v.text.trim()) out.metadata.push({ part: `PieceInfo/${key}`, key, value: v.text, sort: 'private-data' }); }
    else if (Array.isArray(v)) for (const item of v) keepPrivate(key, item);
    else if (isDict(v)) for (const [k, item] of v) keepPrivate(k, item);
  }

  function push(text: string, place: PlaceKind, part: string, page: number | null, authorLike = false): void {
    if (/[\p{L}\p{N}]/u.test(text)) out.passages.push({ part, place, page, text, authorLike });
  }

  function noteDict(dict: PdfDict, page: number | null): void {
    const subtype = nameOf(dict.get('Subtype'));
    const action = nameOf(dict.get('S'));
    if (subtype && ['Text', 'FreeText', 'Caret', 'Ink', 'Stamp'].includes(subtype) && dict.has('Rect')) out.comments++;
    if (subtype && ['Highlight', 'Underline', 'Squiggly', 'StrikeOut'].includes(subtype) && dict.has('Rect')) { out.highlights++; if (dict.has('Contents')) out.comments++; }
    if (action === 'JavaScript' || (dict.has('JS') && !subtype)) out.troubles.push({ code: 'javascript', part: 'JavaScript', page, text: '' });
    if (action === 'Launch') out.troubles.push({ code: 'launch', part: 'action', page, text: '' });
    if (action === 'GoToR' || action === 'ImportData' || action === 'SubmitForm') out.troubles.push({ code: 'externalReference', part: 'action', page, text: action });
    if (dict.has('EF')) {
      const name = survey.follow(dict.get('UF')) ?? survey.follow(dict.get('F'));
      out.troubles.push({ code: 'attachment', part: 'attachment', page, text: name instanceof PdfString ? name.text : 'unnamed' });
    }
  }
}

/** Rich text beside its own markup, so that a word is found that a tag cuts in two (12.7.3.4). */
const withoutTags = (rich: string): string => { const plain = unescapeXml(rich.replace(/<[^>]*>/g, '')); return plain === rich ? rich : `${plain}\n${rich}`; };
const decoded = (address: string): string => { try { const plain = decodeURIComponent(address); return plain === address ? address : `${plain}\n${address}`; } catch { return address; } };

/** The names that parts of the document go by, a line each: destinations and other name trees. Source: ISO 32000-1, 7.9.6, 12.3.2.3. */
function namesOf(survey: Survey): string {
  const root = survey.dict(survey.trailer.get('Root')), names: string[] = [...(survey.dict(root?.get('Dests'))?.keys() ?? [])];
  for (const { value } of survey.objects.values()) {
    const list = isDict(value) ? survey.follow(value.get('Names')) : null;
    if (Array.isArray(list)) for (let i = 0; i < list.length; i += 2) { const name = survey.follow(list[i]); if (name instanceof PdfString) names.push(name.text); }
  }
  return names.filter((n) => /\p{L}{2}/u.test(n) && !counted.test(n)).join('\n').slice(0, 2_000_000);
}

/** Places that typesetters name by counting, “page.12”, “section.3.1”: nobody of the name of Page is meant. Common practice of LaTeX's hyperref, from memory. */
const counted = /^(?:page|(?:sub)*section|chapter|part|(?:sub)?paragraph|appendix|figure|table|equation|item|footnote|Hfootnote|AMS|theorem|lemma|algorithm|lstlisting|toc|lof|lot)\*?(?:\.(?:\d{1,6}|[A-Z]|[ivxlc]{1,8})\*?)+$/;

/** Values of an information dictionary as metadata. */
export function readInfo(info: PdfDict | null, root: string, out: { metadata: MetadataFact[] }): void {
  for (const [key, v] of info ?? []) {
    if (v instanceof PdfString && v.text.trim() !== '') out.metadata.push({ part: `${root}/${key}`, key, value: v.text, sort: infoKeys[key] ?? 'custom' });
  }
}

const annotationTypes = new Set(['Text', 'Link', 'FreeText', 'Line', 'Square', 'Circle', 'Polygon', 'PolyLine', 'Highlight', 'Underline', 'Squiggly', 'StrikeOut', 'Stamp', 'Caret', 'Ink', 'Popup', 'FileAttachment', 'Sound', 'Movie', 'Screen', 'Redact']);

/** An information dictionary by what it holds (14.3.3, table 317); it has no type of its own. Figures that are placed in a file bring theirs along. */
export const isInfo = (dict: PdfDict): boolean => !dict.has('Type') && !dict.has('Subtype') && (dict.has('Producer') || (dict.has('Author') && (dict.has('Title') || dict.has('Creator'))) || (dict.has('Creator') && dict.has('CreationDate')));

/** What a dictionary is, where its strings depend on that. */
export function kindOfDict(dict: PdfDict): string {
  const type = nameOf(dict.get('Type')), subtype = nameOf(dict.get('Subtype'));
  if (type === 'Sig' || (dict.has('ByteRange') && dict.has('Filter'))) return 'signature';
  if (dict.has('FT') || subtype === 'Widget' || (dict.has('T') && dict.has('Kids'))) return 'field';
  if (type === 'Annot' || (subtype && annotationTypes.has(subtype) && dict.has('Rect'))) return 'annotation';
  if (type === 'StructElem' || (dict.has('S') && dict.has('Pg') && dict.has('K'))) return 'structure';
  if (type === 'OCG' || dict.has('OCGs')) return 'layer';
  if (dict.has('Private') || dict.has('LastModified') && !type) return 'private';
  if (dict.has('CheckSum') || (dict.has('Size') && (dict.has('ModDate') || dict.has('CreationDate')))) return 'params';
  if (isInfo(dict)) return 'info';
  return '';
}

function pagesOfAnnotations(survey: Survey, pageOf: Map<number, number>): Map<number, number> {
  const pages = new Map<number, number>();
  for (const [num, page] of pageOf) {
    pages.set(num, page);
    const annotations = survey.follow(survey.dict(new PdfRef(num))?.get('Annots'));
    if (Array.isArray(annotations)) for (const a of annotations) if (a instanceof PdfRef) pages.set(a.num, page);
  }
  return pages;
}
