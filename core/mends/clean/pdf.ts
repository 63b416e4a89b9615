import { saveOnce, withPdf, type PdfDocument, type PDFObject } from '../../engines/pdf.ts';
import { CannotDo, heed, type Job } from '../../model/outcome.ts';
import { surveyPdf, type Survey } from '../../readers/pdf/survey.ts';
import { withoutSaid } from '../../readers/pdf/content-words.ts';
import { fromLatin1, latin1 } from '../../text/bytes.ts';
import { drawnStreams, sparePages } from '../../readers/pdf/spare.ts';
import { catalogKeys, pageKeys } from '../../tables/pdf-keys.ts';
import { isInfo } from '../../readers/pdf/strings.ts';
import { isDict, nameOf, PdfRef, PdfString, type PdfDict, type PdfValue } from '../../readers/pdf/syntax.ts';
import { dropUndrawn, namesDrawn, neutraliseStrings, neutralTold } from '../neutral/pdf.ts';
import type { Neutral } from '../neutral/neutral.ts';
import { cleanPicture } from './picture.ts';

/** Keys that say something about the file rather than show anything, wherever they stand.
 * A typesetter that places a figure keeps where it lay and what it said about itself; the names are that program's, from memory.
 * Source: ISO 32000-1, 14.3 (Metadata), 14.5 (PieceInfo, LastModified), 12.3.4 (Thumb), 14.10 (SpiderInfo, ID of web capture), 12.6.3 (AA). */
const forgotten = new Set(['Metadata', 'PieceInfo', 'LastModified', 'Thumb', 'SpiderInfo', 'AA', 'PTEX.InfoDict', 'PTEX.FileName', 'PTEX.PageNumber', 'PTEX.Fullbanner']);
/** Who and when of an annotation (12.5.6.2); what it says stays. */
const annotationKeys = ['T', 'M', 'CreationDate', 'NM'];
const fileDates = ['CreationDate', 'ModDate'];

/** Writes a PDF anew without metadata, authors, dates, scripts, earlier states and unreachable objects. Visible text and pictures stay.
 * @param cleanInner - cleans a file inside the file; null when its kind is not one that can be cleaned
 * @param look - for a caller who has looked at these bytes already; @param isBare - is told of pictures that say nothing beside their pixels
 * @param neutral - takes the student's details out of what no page shows
 * @throws {CannotDo} `encrypted` when a password is needed */
export async function cleanPdf(bytes: Uint8Array, job: Job, cleanInner: (bytes: Uint8Array) => Promise<Uint8Array | null>, look: (pdf: PdfDocument) => Survey | Promise<Survey> = surveyPdf, neutral: Neutral | null = null, isBare: (num: number) => void = () => undefined): Promise<Uint8Array> {
  return withPdf(bytes, async (pdf) => {
    if (pdf.needsPassword() && !pdf.authenticatePassword('')) throw new CannotDo('encrypted', 'The PDF asks for a password.', 'Save a copy without a password and bring that.');
    const survey = await look(pdf);
    let done = 0;
    for (const [num, { value, stream }] of survey.objects) {
      if (++done % 500 === 0) { heed(job); job.progress?.(done, survey.objects.size, 'objects'); }
      if (!survey.reachable.has(num)) continue;
      editDict(pdf, num, value, survey);
      if (stream && isDict(value)) await cleanStream(pdf, num, value, survey, cleanInner, isBare);
    }
    dropSpare(pdf, survey);
    const called = new Set<string>();
    let all = survey.complete;
    for (const num of drawnStreams(survey)) { const drawn = quieten(pdf, num, neutral); if (drawn === null) all = false; else for (const name of namesDrawn(drawn)) called.add(name); }
    if (all) dropUndrawn(pdf, survey, called);
    if (neutral) neutraliseStrings(pdf, survey, neutral);
    // Where nothing else was edited, the engine would write the trailer as it was read: a new object, which is dropped again, starts a new one.
    pdf.addObject(pdf.newDictionary()).destroy();
    const trailer = pdf.getTrailer();
    for (const key of ['Info', 'ID']) trailer.delete(key);
    const root = trailer.get('Root');
    root.delete('Info');
    const names = root.get('Names');
    if (names.isDictionary()) names.delete('JavaScript');
    const open = root.get('OpenAction');
    if (open.isDictionary() && ['JavaScript', 'Launch'].includes(open.get('S').isName() ? open.get('S').asName() : '')) root.delete('OpenAction');
    return saveOnce(pdf, bytes.length);
  });
}

/** Takes out pages that are not shown, and whatever hangs on the document or a page by a key of some program's own. */
function dropSpare(pdf: PdfDocument, survey: Survey): void {
  const shown = new Set<number>();
  for (let i = 0, count = pdf.countPages(); i < count; i++) { try { const page = pdf.findPage(i); if (page.isIndirect()) shown.add(page.asIndirect()); page.destroy(); } catch { /* a damaged tree */ } }
  for (const num of sparePages(survey, shown)) pdf.deleteObject(num);
  const drop = (object: PDFObject, known: ReadonlySet<string>): void => { const own: string[] = []; object.forEach((_, key) => { if (typeof key === 'string' && !known.has(key)) own.push(key); }); for (const key of own) object.delete(key); };
  drop(pdf.getTrailer().get('Root'), catalogKeys);
  for (const num of shown) { if ([...survey.dict(new PdfRef(num))?.keys() ?? []].every((key) => pageKeys.has(key))) continue; const page = pdf.newIndirect(num); drop(page, pageKeys); page.destroy(); }
}

/** Takes comments, programs' own notes and the student's details out of what is drawn and not shown. @returns what is drawn; null where it cannot be unpacked */
function quieten(pdf: PdfDocument, num: number, neutral: Neutral | null): string | null {
  const object = pdf.newIndirect(num);
  try {
    const content = object.readStream(), drawn = latin1(content.asUint8Array());
    content.destroy();
    const quiet = withoutSaid(drawn), last = (neutral && /\/(?:Alt|E)\b/.test(drawn) ? neutralTold(quiet ?? drawn, neutral) : null) ?? quiet;
    if (last !== null) object.writeStream(fromLatin1(last));
    return drawn;
  } catch { return null; } finally { object.destroy(); }
}

/** Follows one object's inner dictionaries and takes out what is to be forgotten. */
function editDict(pdf: PdfDocument, num: number, value: PdfValue, survey: Survey): void {
  const edits: { path: (string | number)[]; key: string }[] = [];
  const visit = (v: PdfValue, path: (string | number)[], depth: number): void => {
    if (depth > 40) return;
    if (Array.isArray(v)) { v.forEach((item, i) => visit(item, [...path, i], depth + 1)); return; }
    if (!isDict(v)) return;
    const gone = new Set(keysToForget(v, survey));
    for (const key of gone) edits.push({ path, key });
    for (const [key, inner] of v) if (!forgotten.has(key) && !gone.has(key) && (isDict(inner) || Array.isArray(inner))) visit(inner, [...path, key], depth + 1);
  };
  visit(value, [], 0);
  if (edits.length === 0) return;
  const object = pdf.newIndirect(num);
  for (const { path, key } of edits) {
    let target = object.resolve();
    for (const step of path) target = target.get(step as never);
    target.delete(key);
  }
  object.destroy();
}

function keysToForget(dict: PdfDict, survey: Survey): string[] {
  const keys = [...dict.keys()].filter((k) => forgotten.has(k) && !(k === 'Metadata' && nameOf(dict.get('Type')) === 'Metadata'));
  // What a file says about itself, also of a figure that was placed in it: the information dictionary of that file.
  if (isInfo(dict)) keys.push(...[...dict].flatMap(([key, v]) => (survey.follow(v) instanceof PdfString && !keys.includes(key) ? [key] : [])));
  const subtype = nameOf(dict.get('Subtype'));
  const annotation = subtype !== null && dict.has('Rect') && subtype !== 'Widget' && !dict.has('FT');
  if (annotation) keys.push(...annotationKeys.filter((k) => dict.has(k)));
  if (subtype === 'Widget' && dict.has('M')) keys.push('M');
  // Who wrote an article (12.4.3), and what an output intent says in words (14.11.5).
  if (dict.has('I') && (nameOf(dict.get('Type')) === 'Thread' || dict.has('F') && survey.dict(dict.get('F'))?.has('N'))) keys.push('I');
  if (nameOf(dict.get('Type')) === 'OutputIntent') keys.push(...['Info'].filter((k) => dict.has(k)));
  if (dict.has('Params') || dict.has('CheckSum') || (dict.has('Size') && dict.has('ModDate'))) keys.push(...fileDates.filter((k) => dict.has(k)));
  // An action, and what is done after it (12.6.2).
  const runs = (v: PdfValue | undefined): boolean => ['JavaScript', 'Launch'].includes(nameOf(survey.dict(v)?.get('S')) ?? '');
  for (const key of ['A', 'Next']) { const v = dict.get(key), list = survey.follow(v); if (runs(v) || (Array.isArray(list) && list.some(runs))) keys.push(key); }
  return keys;
}

async function cleanStream(pdf: PdfDocument, num: number, dict: PdfDict, survey: Survey, cleanInner: (bytes: Uint8Array) => Promise<Uint8Array | null>, isBare: (num: number) => void): Promise<void> {
  const filter = survey.follow(dict.get('Filter'));
  const last = nameOf(Array.isArray(filter) ? survey.follow(filter[filter.length - 1]) : filter);
  const object = pdf.newIndirect(num);
  try {
    if (nameOf(dict.get('Subtype')) === 'Image' && last === 'DCTDecode' && !(Array.isArray(filter) && filter.length > 1)) {
      const raw = object.readRawStream(), packed = raw.asUint8Array(), cleaned = cleanPicture(packed, { keepOrientation: false });
      // A copy: what lies in the engine's memory is gone when that memory grows.
      if (cleaned && cleaned.length < packed.length) object.writeRawStream(cleaned.slice());
      else if (cleaned === packed) isBare(num);
      raw.destroy();
    } else if (nameOf(dict.get('Type')) === 'EmbeddedFile') {
      const content = object.readStream();
      const cleaned = await cleanInner(content.asUint8Array().slice());
      content.destroy();
      if (cleaned) object.writeStream(cleaned);
    }
  } catch { /* a stream that cannot be decoded stays as it is; the proof will say what is left in it */ } finally { object.destroy(); }
}
