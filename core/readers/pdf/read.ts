import { sha256 } from '../../engines/hash.ts';
import { withPdf, type PdfDocument } from '../../engines/pdf.ts';
import { CannotDo, heed } from '../../model/outcome.ts';
import { read, unread, type DocumentFacts, type FileFacts, type FontFacts, type Gap, type MetadataFact, type Passage, type Trouble } from '../../model/facts.ts';
import { printableStrings, decodeText, latin1 } from '../../text/bytes.ts';
import { squash } from '../../identity/fold.ts';
import { readXmp } from '../xmp.ts';
import type { ReadContext } from '../context.ts';
import { readPicture, saysNothing } from '../image/read.ts';
import { readFonts, type FoundFont } from './fonts.ts';
import { idleFonts } from './idle-fonts.ts';
import { earlierStates, percentSigns, possibleEnds } from './revisions.ts';
import { drawnStreams, readForms, readSparePages, spareStreams } from './spare.ts';
import { readInfo, readStrings, type TreeStrings } from './strings.ts';
import { unlistedObjects } from './unlisted.ts';
import { isBookkeeping, surveyPdf, type Survey } from './survey.ts';
import { readPagesTogether } from './page-pool.ts';
import { pageCount, readPages } from './text.ts';
import { readHiddenLayers } from './layers.ts';
import { markRestricted } from './font-program.ts';
import { findTurned } from './turned.ts';
import { isDict, nameOf, PdfName, PdfRef, PdfString, type PdfDict, walkDicts } from './syntax.ts';
import type { PictureSays } from './twin.ts';

/** Reads everything that any check asks about a PDF.
 * @param file - filled in by the caller; troubles and encryption are added here */
export async function readPdf(bytes: Uint8Array, file: FileFacts, context: ReadContext): Promise<DocumentFacts> {
  const nothing = (code: 'encrypted' | 'damaged'): DocumentFacts => ({
    file, pages: unread(code), words: unread(code), fonts: unread(code), passages: unread(code), metadata: unread(code), remains: unread(code), layout: unread(code), photo: unread(code),
    statedPages: null, structure: null, integrity: [],
  });
  try {
    return await (context.twin?.lend ?? withPdf)(bytes, async (pdf, mupdf) => {
      if (pdf.needsPassword()) {
        if (!pdf.authenticatePassword('')) { file.encrypted = 'needs password'; return nothing('encrypted'); }
        file.encrypted = 'opens';
      }
      if (pdf.wasRepaired()) file.troubles.push({ code: 'repaired', part: 'file', page: null, text: '' });
      const { twin } = context, early = twin?.survey(bytes, pdf) ?? null, known = early && twin!.recall(pdf, early);
      // What the objects say, while other threads begin with the pages.
      const objects = async (): Promise<ObjectFacts> => readObjects(pdf, early ?? surveyPdf(pdf), context);
      const { read: shown, meanwhile: { survey, shownPages, pageDicts, tree, streams, fonts, gaps: inObjects } } = known ? { read: known, meanwhile: await objects() } : await readPagesTogether(bytes, pdf, context.job, twin || context.wordsOnly ? null : mupdf, objects);
      if (!known) twin?.keep(pdf, survey, shown);
      const { pages, passages, words, layout, integrity, headings } = shown, gaps = [...shown.gaps, ...inObjects];
      if (survey.trailer.has('Encrypt')) file.encrypted = 'opens';
      if (pages.length === 0) { file.troubles.push({ code: 'damaged', part: 'file', page: null, text: 'no pages' }); return nothing('damaged'); }
      pages.forEach((page, index) => { const dict = pageDicts[index]; if (dict && dict.size > 0) page.rotation = rotationOf(dict, survey); });
      findTurned(pdf, pages);
      const layers = readHiddenLayers(pdf, passages);
      integrity.push(...layers.integrity);
      const forms = await readForms(bytes, [...streams.coded.keys()], context.job, gaps);
      for (const [num, text] of forms) if (/[\p{L}\p{N}]{2}/u.test(text)) streams.drawn.push({ ...streams.coded.get(num)!, text: text.trim() });
      if (!context.shownOnly) streams.passages.push(...notShown(streams.drawn, passages), ...await readSparePages(bytes, survey, shownPages, context.job, gaps), ...betweenObjects(bytes), ...(earlierStates(bytes).length === 0 ? unlistedObjects(bytes, survey) : []));
      const revisions = context.shownOnly ? { passages: [], metadata: [], count: 0 } : await readRevisions(bytes, passages, context, gaps);
      file.troubles.push(...dedupe(tree.troubles));
      return {
        file,
        pages: read(pages),
        words: read(words),
        fonts: read(fonts),
        passages: read([...passages, ...layers.passages, ...tree.passages, ...streams.passages, ...revisions.passages], gaps),
        metadata: read([...tree.metadata, ...streams.metadata, ...revisions.metadata], gaps.filter((g) => g.part !== 'text')),
        remains: read({ comments: tree.comments, trackedChanges: 0, highlights: tree.highlights + pages.reduce((n, p) => n + (p.marked ?? 0), 0), revisions: revisions.count }),
        layout: layout ? read(layout) : unread('notOfThisKind'), photo: unread('notOfThisKind'), headings,
        statedPages: pages.length, structure: { images: pages.reduce((n, p) => n + p.images, 0), tables: 0, equations: 0, footnotes: 0 }, integrity,
        history: { revisionIds: [], earlierStates: await Promise.all(earlierStates(bytes).flatMap((end) => possibleEnds(bytes, end)).map((end) => sha256(bytes.subarray(0, end)))) },
      };
    });
  } catch (error) {
    if (error instanceof CannotDo && error.code === 'stopped') throw error;
    file.troubles.push({ code: 'damaged', part: 'file', page: null, text: error instanceof Error ? error.message : String(error) });
    return nothing('damaged');
  }
}

interface ObjectFacts { survey: Survey; /** numbers of the page objects in the tree */ shownPages: ReadonlySet<number>; pageDicts: PdfDict[]; tree: TreeStrings; streams: StreamFacts; fonts: FontFacts[]; gaps: Gap[] }
/** All that follows from the objects alone, without what the pages show. */
async function readObjects(pdf: PdfDocument, survey: Survey, context: ReadContext): Promise<ObjectFacts> {
  const pageOf = new Map<number, number>(), pageDicts: PdfDict[] = [], gaps: Gap[] = [];
  for (let index = 0, count = pageCount(pdf); index < count; index++) {
    let num = -1;
    // A damaged tree of pages is told by the pages themselves.
    try { const ref = pdf.findPage(index); num = ref.isIndirect() ? ref.asIndirect() : -1; ref.destroy(); } catch { /* no such page */ }
    const dict = survey.dict(new PdfRef(num));
    if (dict) pageOf.set(num, index + 1);
    pageDicts.push(dict ?? new Map());
  }
  if (!survey.complete) gaps.push({ part: 'objects', page: null, why: 'tooLarge' });
  const tree = context.shownOnly ? noStrings() : readStrings(survey, pageOf), streams = context.shownOnly ? noStreams() : await readStreams(pdf, survey, context, gaps);
  return { survey, shownPages: new Set(pageOf.keys()), pageDicts, tree, streams, fonts: markRestricted(pdf, markIdle(pdf, survey, pageDicts, readFonts(survey, pageDicts))), gaps };
}

/** Only of fonts that do not travel with the file it matters whether anything is shown in them. */
function markIdle(pdf: PdfDocument, survey: Survey, pages: PdfDict[], fonts: FoundFont[]): FoundFont[] {
  const lacking = new Set(fonts.filter((f) => !f.embedded).map((f) => f.dict));
  if (lacking.size === 0) return fonts;
  const idle = idleFonts(pdf, survey, pages, lacking);
  return fonts.map((f) => (idle.has(f.dict) ? { ...f, idle: true } : f));
}

function rotationOf(page: PdfDict, survey: Survey): number {
  let node: PdfDict | null = page;
  for (let hops = 0; node && hops < 50; hops++) {
    const rotate = survey.follow(node.get('Rotate'));
    if (typeof rotate === 'number') return ((rotate % 360) + 360) % 360;
    node = survey.dict(node.get('Parent'));
  }
  return 0;
}

const dedupe = (troubles: Trouble[]): Trouble[] => [...new Map(troubles.map((t) => [`${t.code}/${t.text}/${t.page}`, t])).values()];

/** `drawn`: what forms draw, which the pages may show or not */
interface StreamFacts { passages: Passage[]; metadata: MetadataFact[]; drawn: Passage[]; /** forms whose letters only their fonts tell, and what each counts as */ coded: Map<number, Passage> }
const noStreams = (): StreamFacts => ({ passages: [], metadata: [], drawn: [], coded: new Map() });
const noStrings = (): TreeStrings => ({ passages: [], metadata: [], troubles: [], comments: 0, highlights: 0 });
/** Streams that carry words of their own: XMP packets, attachments, embedded pictures, scripts, orphaned content. */
async function readStreams(pdf: PdfDocument, survey: Survey, context: ReadContext, gaps: Gap[]): Promise<StreamFacts> {
  const passages: Passage[] = [], metadata: MetadataFact[] = [], drawn: Passage[] = [], coded: StreamFacts['coded'] = new Map();
  const rootXmp = survey.dict(survey.trailer.get('Root'))?.get('Metadata');
  const rootXmpNum = rootXmp instanceof PdfRef ? rootXmp.num : -1;
  const owners = ownersOfMetadata(survey);
  const inner = filesInside(survey), spare = spareStreams(survey), drawnHere = context.twin ? drawnStreams(survey) : null;
  const scripts = scriptStreams(survey), forms = xfaStreams(survey), appearances = appearanceStreams(survey);
  for (const [num, { value, stream }] of survey.objects) {
    if (!stream || !isDict(value)) continue;
    heed(context.job);
    const reachable = survey.reachable.has(num);
    const type = nameOf(value.get('Type')), subtype = nameOf(value.get('Subtype'));
    /** @param idle - what is not worth a copy, told from bytes that are gone when it returns */
    const content = (raw = false, idle: (bytes: Uint8Array) => boolean = () => false): Uint8Array | null => {
      const ref = pdf.newIndirect(num);
      try {
        const length = survey.follow(value.get('Length'));
        if (typeof length === 'number' && length > 64 << 20) { gaps.push({ part: `object/${num}`, page: null, why: 'tooLarge' }); return null; }
        const buffer = raw ? ref.readRawStream() : ref.readStream();
        try { const bytes = buffer.asUint8Array(); return idle(bytes) ? null : bytes.slice(); } finally { buffer.destroy(); }
      } catch { return null; } finally { ref.destroy(); }
    };
    if (type === 'Metadata' || subtype === 'XML') {
      const bytes = content();
      const root = !reachable ? `orphan/${num}/XMP` : num === rootXmpNum ? 'XMP' : owners.get(num) === 'Page' ? 'page/XMP' : owners.get(num) === 'Image' ? 'image/XMP' : `object/${num}/XMP`;
      if (bytes) metadata.push(...readXmp(decodeText(bytes), root));
    } else if (inner.has(num)) {
      const bytes = content();
      const name = inner.get(num)!;
      if (bytes) await readNested(bytes, name, `attachment/${name}`, 'attachment', context, passages, metadata, gaps);
    } else if (scripts.has(num)) {
      const bytes = content();
      if (bytes) passages.push({ part: 'JavaScript', place: 'script', page: null, text: decodeText(bytes) });
    } else if (subtype === 'Image') {
      if (filterOf(value, survey) === 'DCTDecode' || filterOf(value, survey) === 'JPXDecode') {
        const look = async (): Promise<PictureSays> => {
          const bytes = content(true, saysNothing);
          return bytes ? readPicture(bytes, 'image') : { passages: [], metadata: [] };
        };
        const says = await (context.twin?.pictureSays(num, look) ?? look());
        passages.push(...says.passages);
        metadata.push(...says.metadata);
      }
    } else if (!reachable && type !== 'ObjStm' && type !== 'XRef' && !value.has('FontFile')) {
      const bytes = content();
      if (bytes) { const text = shownStrings(latin1(bytes, 0, 1 << 20)); if (text) passages.push({ part: `orphan/${num}`, place: 'orphan', page: null, text }); }
    } else if (forms.has(num)) {
      const bytes = content();
      if (bytes) passages.push({ part: 'XFA', place: 'form', page: null, text: decodeText(bytes) });
    } else if (spare.has(num)) {
      const bytes = content(), own = bytes ? shownStrings(latin1(bytes, 0, 1 << 20)) : '', text = own || (bytes ? longRuns(bytes) : '');
      if (/[\p{L}\p{N}]{2}/u.test(text)) passages.push({ part: `object/${num}`, place: 'hidden', page: null, text });
    } else if (subtype === 'Form' && reachable) {
      const bytes = content(), drawing = bytes && bytes.length < 1 << 20 ? latin1(bytes) : '', text = shownStrings(drawing), told = (words: string): Passage => (appearances.has(num) ? { part: 'annotation/AP', place: 'annotation', page: null, text: words } : { part: `object/${num}`, place: 'hidden', page: null, text: words });
      if (text) drawn.push(told(text));
      if (/<[\da-fA-F\s]+>\s*(?:Tj|'|"|-?[\d.\s]*(?:[<\]]))/.test(drawing)) coded.set(num, told(''));
    } else if (drawnHere && reachable && subtype !== 'Form' && !drawnHere.has(num) && !isBookkeeping(value)) {
      // A copy is proved by every byte: what stands in fonts, in tables and profiles as well.
      const bytes = content(), text = bytes ? longRuns(bytes) : '';
      if (/[\p{L}\p{N}]{2}/u.test(text)) passages.push({ part: `bytes/${num}`, place: 'orphan', page: null, text });
    }
  }
  return { passages, metadata, drawn, coded };
}
/** Printable runs that are long enough to say something. */
const longRuns = (bytes: Uint8Array): string => printableStrings(bytes, 1 << 20).split('\n').filter((run) => run.length >= 8).join('\n');
/** What a form draws and no page shows: a stamp's appearance, or a form that nothing draws. */
function notShown(drawn: Passage[], pages: Passage[]): Passage[] {
  if (drawn.length === 0) return [];
  const shown = squash(pages.map((p) => p.text).join('\n'));
  // Line by line: what a figure says may stand in another order among the words of the page.
  return drawn.flatMap((form) => { if (shown.includes(squash(form.text))) return []; const rest = form.text.split('\n').filter((line) => line.trim() && !shown.includes(squash(line))); return rest.length > 0 ? [{ ...form, text: rest.join('\n') }] : []; });
}

/** Strings painted by a content stream, as far as they are plain characters (ISO 32000-1, 9.4.3). */
function shownStrings(content: string): string {
  const shown: string[] = [];
  for (const m of content.matchAll(/\[((?:[^\]\\]|\\.)*)\]\s*TJ|(\((?:[^()\\]|\\.)*\))\s*(?:Tj|'|")/g)) {
    const source = m[1] ?? m[2] ?? '';
    shown.push([...source.matchAll(/\(((?:[^()\\]|\\.)*)\)/g)].map((s) => s[1]!.replace(/\\([()\\])/g, '$1')).join(''));
  }
  return shown.filter((s) => /[\p{L}\p{N}]{2}/u.test(s)).join('\n');
}

const filterOf = (dict: PdfDict, survey: Survey): string | null => {
  const filter = survey.follow(dict.get('Filter'));
  return Array.isArray(filter) ? nameOf(survey.follow(filter[filter.length - 1])) : nameOf(filter);
};

function ownersOfMetadata(survey: Survey): Map<number, string> {
  const owners = new Map<number, string>();
  for (const { value } of survey.objects.values()) {
    if (!isDict(value)) continue;
    const ref = value.get('Metadata');
    if (ref instanceof PdfRef) owners.set(ref.num, nameOf(value.get('Subtype')) === 'Image' ? 'Image' : nameOf(value.get('Type')) ?? '');
  }
  return owners;
}

function filesInside(survey: Survey): Map<number, string> {
  const files = new Map<number, string>();
  for (const { value } of survey.objects.values()) each(value, 0);
  return files;
  function each(value: unknown, depth: number): void {
    if (depth > 8) return;
    if (Array.isArray(value)) { for (const v of value) each(v, depth + 1); return; }
    if (!(value instanceof Map)) return;
    const dict = value as PdfDict;
    const embedded = survey.dict(dict.get('EF'));
    const name = [survey.follow(dict.get('UF')), survey.follow(dict.get('F'))].find((v) => v instanceof PdfString) as PdfString | undefined;
    for (const ref of embedded?.values() ?? []) if (ref instanceof PdfRef) files.set(ref.num, name?.text ?? 'unnamed');
    for (const v of dict.values()) if (!(v instanceof PdfRef || v instanceof PdfName)) each(v, depth + 1);
  }
}

/** Streams of an XML form. Source: ISO 32000-1, 12.7.8. */
function xfaStreams(survey: Survey): Set<number> {
  const xfa = survey.dict(survey.dict(survey.trailer.get('Root'))?.get('AcroForm'))?.get('XFA'), value = survey.follow(xfa);
  return new Set([xfa, ...(Array.isArray(value) ? value : [])].flatMap((v) => (v instanceof PdfRef ? [v.num] : [])));
}
/** Streams that draw annotations and fields, and the forms that these are put together from. Source: ISO 32000-1, 12.5.5. */
function appearanceStreams(survey: Survey): Set<number> {
  const found = new Set<number>(), add = (v: unknown): void => { if (v instanceof PdfRef) found.add(v.num); };
  for (const { value } of survey.objects.values()) walkDicts(value, (dict) => {
    for (const v of survey.dict(dict.get('AP'))?.values() ?? []) { add(v); for (const inner of survey.dict(v)?.values() ?? []) add(inner); }
  });
  // A set is walked to its end even while it grows.
  for (const num of found) for (const part of survey.dict(survey.dict(survey.dict(new PdfRef(num))?.get('Resources'))?.get('XObject'))?.values() ?? []) add(part);
  return found;
}

/** Words that stand in the file and in no object: what comes before its header (7.5.2), comments (7.2.3), and what follows the end of the file (7.5.5). */
function betweenObjects(bytes: Uint8Array): Passage[] {
  const lines: string[] = [];
  for (const at of percentSigns(bytes).comments) {
    if (lines.length >= 500) break;
    let end = at + 1;
    while (end < bytes.length && end - at < 400 && bytes[end]! >= 0x20 && bytes[end]! < 0x7f) end++;
    const line = latin1(bytes, at + 1, end);
    if (/[A-Za-z]{3}|\d{4}/.test(line) && !/^(?:PDF-|%EOF)/.test(line)) lines.push(line);
  }
  let last = bytes.length - 1;
  while (last >= 4 && !(bytes[last] === 0x46 && bytes[last - 1] === 0x4f && bytes[last - 2] === 0x45 && bytes[last - 3] === 0x25)) last--;
  const after = last >= 4 && last + 4 < bytes.length ? printableStrings(bytes.subarray(last + 1), 1 << 20) : '', head = latin1(bytes, 0, 1024).indexOf('%PDF-'), before = head > 0 ? printableStrings(bytes.subarray(0, head)) : '', text = [before, ...lines, after].filter(Boolean).join('\n');
  return text ? [{ part: 'between objects', place: 'orphan', page: null, text }] : [];
}

function scriptStreams(survey: Survey): Set<number> {
  const found = new Set<number>();
  for (const { value } of survey.objects.values()) walkDicts(value, (dict) => { const js = dict.get('JS'); if (js instanceof PdfRef) found.add(js.num); });
  return found;
}

/** Looks into a file within a file: its passages keep their place but carry the path to it. */
export async function readNested(bytes: Uint8Array, name: string, part: string, place: 'attachment' | 'hidden', context: ReadContext, passages: Passage[], metadata: MetadataFact[], gaps: Gap[]): Promise<void> {
  passages.push({ part, place, page: null, text: name });
  if (context.depth >= 3) { gaps.push({ part, page: null, why: 'depth' }); return; }
  const inner = await context.readInner(bytes, name, context);
  if (inner.passages.ok) {
    passages.push(...inner.passages.value.map((p) => ({ ...p, part: `${part}/${p.part}`, place, page: null, lines: undefined })));
    gaps.push(...inner.passages.gaps.map((g) => ({ ...g, part: `${part}/${g.part}` })));
  } else passages.push({ part, place, page: null, text: printableStrings(bytes) });
  if (inner.metadata.ok) metadata.push(...inner.metadata.value.map((m) => ({ ...m, part: `${part}/${m.part}` })));
}

/** Text and properties of earlier saved states that the present one no longer shows. */
async function readRevisions(bytes: Uint8Array, current: Passage[], context: ReadContext, gaps: Gap[]): Promise<{ passages: Passage[]; metadata: MetadataFact[]; count: number }> {
  const states = earlierStates(bytes);
  const passages: Passage[] = [], metadata: MetadataFact[] = [];
  const shown = new Set(current.flatMap((p) => p.text.split('\n')).map((l) => l.trim()));
  for (const [index, end] of states.entries()) {
    heed(context.job);
    const part = `revision/${index + 1}`;
    try {
      await withPdf(bytes.subarray(0, end), (pdf) => {
        if (pdf.needsPassword() && !pdf.authenticatePassword('')) { gaps.push({ part, page: null, why: 'unreadable' }); return; }
        const survey = surveyPdf(pdf);
        const old = readPages(pdf, { stopped: context.job.stopped });
        for (const p of old.passages) {
          const text = p.text.split('\n').filter((l) => !shown.has(l.trim())).join('\n');
          if (text.trim()) passages.push({ part, place: 'revision', page: p.page, text });
        }
        const info: { metadata: MetadataFact[] } = { metadata: [] };
        readInfo(survey.dict(survey.trailer.get('Info')), `${part}/Info`, info);
        metadata.push(...info.metadata);
        const tree = readStrings(survey, new Map());
        for (const p of tree.passages) if (!shown.has(p.text.trim())) passages.push({ ...p, part, place: 'revision' });
      });
    } catch (error) {
      if (error instanceof CannotDo && error.code === 'stopped') throw error;
      passages.push({ part, place: 'revision', page: null, text: printableStrings(bytes.subarray(index === 0 ? 0 : states[index - 1], end)) });
    }
  }
  return { passages, metadata, count: states.length };
}
