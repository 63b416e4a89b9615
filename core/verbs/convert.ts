import { addPicturePage, withPdf, saveWhole, loadMupdf } from '../engines/pdf.ts';
import { mapDocx } from '../convert/docx/map.ts';
import { mapDoc } from '../convert/doc/map.ts';
import { mapOdt } from '../convert/odt/map.ts';
import { coverSheet, joinPdfs, numberPages, type JoinWish } from '../convert/join.ts';
import { onOwnPages, samePages } from '../convert/flows.ts';
import { linesOf, totalsShown } from '../convert/running-lines.ts';
import { countLaidPages, introduce, layOut, titleOf } from '../convert/layout.ts';
import { mapPdf } from '../convert/pdf/map.ts';
import { mapHtml, mapMarkdown, mapTextFile } from '../convert/plain/map.ts';
import { emptySkeleton, labelsShown, skeletonOf, type Skeleton } from '../convert/skeleton.ts';
import { unescapeXml } from '../engines/xml.ts';
import { mapRtf } from '../convert/rtf/map.ts';
import { writeDocx } from '../convert/docx/write.ts';
import { pictureSource } from '../convert/picture.ts';
import { embedStandardFonts } from '../mends/embed/embed.ts';
import { emptyPage, type PageDescription } from '../convert/page-description.ts';
import { proveConversion, type ConversionProof } from '../convert/prove.ts';
import { lostLines } from '../convert/prove-lines.ts';
import { readShown, readWords } from '../readers/index.ts';
import { pictureSize } from '../readers/image/read.ts';
import { orientationIn } from '../readers/image/orientation.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface Converted { bytes: Uint8Array; engine: 'builtin' | 'office'; pages: number; fonts: { name: string; embedded: boolean }[]; proof: ConversionProof; losses: string[]; substituted: { asked: string; used: string }[] }
/** Where an office engine is there, the caller passes it in; the core knows only its name. */
export type OfficeEngine = (file: SourceFile, to: 'pdf' | 'docx', job: Job) => Promise<Uint8Array>;

/** Converts files to one PDF, in the order given, and proves what was kept by reading the result. @param wish - a cover sheet or page numbers for the PDF
 * @throws {CannotDo} `unsupported` for kinds that the engine cannot lay out, `encrypted`, `unreadable` */
export async function convertFiles(files: SourceFile[], job: Job = {}, office?: OfficeEngine, to: 'pdf' | 'docx' = 'pdf', wish: JoinWish = {}): Promise<Converted> {
  if (to === 'docx') return convertToDocx(files, job, office);
  const parts: Uint8Array[] = [], sources: DocumentFacts[] = [], pages: PageDescription[] = [];
  for (const file of files) {
    const facts = await readSound(file);
    sources.push(facts);
    if ((files.length > 1 || wish.cover?.some((l) => l.trim())) && facts.file.kind === 'pdf') pages.push({ ...emptyPage(), losses: lostInJoining(facts) });
    if (office && facts.file.kind !== 'pdf') { parts.push(await office(file, 'pdf', job)); pages.push(byOtherHand(file, facts)); continue; }
    const page = describe(file, facts);
    if (page === 'pdf') { parts.push((await embedStandardFonts(file.bytes)).bytes); pages.push({ ...emptyPage(), counts: facts.structure ?? emptyPage().counts }); continue; }
    if (page === 'picture') { parts.push(await pictureToPdf(file)); continue; }
    pages.push(page);
    parts.push(await layOut(page, job, !wish.untitled));
  }
  if (wish.cover?.some((l) => l.trim())) { const sheet = coverSheet(wish.cover); pages.push(sheet); parts.unshift(await layOut(sheet, job)); }
  let bytes = parts[0]!;
  if (parts.length > 1) {
    const [first] = wish.cover?.[0]?.trim() ? [wish.cover[0].trim()] : wish.untitled ? [] : pages.map(titleOf).filter((t) => t !== null), language = pages.find((p) => p.language)?.language ?? null;
    bytes = await withPdf(await joinPdfs(parts), (pdf) => { introduce(pdf, { title: wish.untitled ? null : first ?? null, language }); return saveWhole(pdf); });
  }
  if (wish.pageNumbers) { const numbered = await numberPages(bytes, parts.length - files.length); bytes = numbered.bytes; pages.push({ ...emptyPage(), generated: numbered.numbers }); }
  const result = await readShown(bytes, 'result.pdf');
  const summed = pages.reduce((sum, p) => ({ images: sum.images + p.counts.images, tables: sum.tables + p.counts.tables, equations: sum.equations + p.counts.equations, footnotes: sum.footnotes + p.counts.footnotes }), { images: 0, tables: 0, equations: 0, footnotes: 0 });
  // Pictures are counted in the result itself.
  const counts = { ...summed, images: result.structure ? result.structure.images - pages.reduce((n, p) => n + p.repeatedPictures, 0) : summed.images };
  const skeletons = await compareSkeletons(files, sources, bytes, result, pages), totals = files.length === 1 && result.pages.ok ? totalsShown(pages.flatMap((p) => [p, ...p.laterLines]), result.pages.value.length) : [], proof = proveConversion(sources, result, { generated: [...pages.flatMap((p) => p.generated), ...totals], counts }, skeletons, lostLines(sources, result, pages)), told = [...pages.flatMap((p) => p.losses), ...skeletons.losses];
  return {
    bytes, engine: office ? 'office' : 'builtin', pages: result.pages.ok ? result.pages.value.length : 0,
    fonts: result.fonts.ok ? result.fonts.value.map(({ name, embedded }) => ({ name, embedded })) : [],
    proof, losses: [...told, ...notCarried(proof, told)], substituted: pages.flatMap((p) => p.substituted),
  };
}

/** What the counts say is gone and nothing else has told yet. */
function notCarried(proof: ConversionProof, told: string[]): string[] {
  const kinds = [['images', 'picture', /picture|drawing/], ['tables', 'table', /table/], ['equations', 'equation', /equation/], ['footnotes', 'note', /notes?\b/]] as const;
  return kinds.flatMap(([key, word, known]) => { const gone = proof[key].before - proof[key].after; return gone > 0 && !told.some((l) => known.test(l)) ? [`${gone === 1 ? `a ${word} is` : `${gone} ${word}s are`} not in the result`] : []; });
}

/** Headings, links and list numbers of the sources and of the result; of a source in which they cannot be told apart nothing is expected. */
async function compareSkeletons(files: SourceFile[], sources: DocumentFacts[], bytes: Uint8Array, result: DocumentFacts, pages: PageDescription[]): Promise<{ before: Skeleton; after: Skeleton; losses: string[] }> {
  const before = emptySkeleton(), losses: string[] = [];
  for (const [i, file] of files.entries()) {
    const own = await skeletonOf(file.bytes, sources[i]!.file.kind);
    if (!own) continue;
    before.headings.push(...own.headings);
    for (const l of own.links) before.links.add(l);
    before.numbered += own.numbered;
  }
  const read = (await skeletonOf(bytes, result.file.kind, result)) ?? emptySkeleton(), after = { ...read, numbered: labelsShown(pages.flatMap(labelsOf), read.starts) }, lost = [...before.links].filter((l) => !after.links.has(l));
  if (lost.length > 0) losses.push(`${lost.length === 1 ? 'a link is' : `${lost.length} links are`} no longer one: ${lost.slice(0, 3).join(', ')}${lost.length > 3 ? ' …' : ''}`);
  if (after.headings.length < before.headings.length) losses.push(`${before.headings.length - after.headings.length} of ${before.headings.length} headings are no longer marked as such`);
  if (after.numbered < before.numbered) losses.push(`${before.numbered - after.numbered} of ${before.numbered} list numbers were not found again`);
  return { before, after, losses };
}
/** The list numbers that a description shows, in order. */
const labelsOf = (page: PageDescription): string[] => [...page.body.matchAll(/<span class="label"[^>]*>([^<]*?)(?:&#8194;|\u2002)?<\/span>/g)].map((m) => unescapeXml(m[1]!).trim()).filter((l) => /[\p{L}\p{N}]/u.test(l));
/** What joining leaves out of a PDF. */
const lostInJoining = (facts: DocumentFacts): string[] => [
  ...(facts.passages.ok && facts.passages.value.some((p) => p.place === 'signature') ? ['a signature does not survive: what is signed is the file as it was'] : []),
  ...(facts.remains.ok && facts.remains.value.comments > 0 ? ['comments are left out where they are but an icon'] : []),
];

/** A file's pages as conversion gives them, for looking at: without the reading back that proves them.
 * @throws {CannotDo} as `convertFiles` does */
export async function pagesForView(file: SourceFile): Promise<Uint8Array> {
  const page = describe(file, await readSound(file));
  return page === 'pdf' ? file.bytes : page === 'picture' ? pictureToPdf(file) : layOut(page, {});
}

/** How many pages a word-processor file takes as the built-in engine lays it out; null for what it cannot lay out. */
export async function laidPagesOf(file: SourceFile, facts: DocumentFacts): Promise<number | null> {
  try { const page = describe(file, facts); return typeof page === 'string' ? null : await countLaidPages(page); } catch { return null; }
}

/** @throws {CannotDo} for what cannot be read as a document at all */
async function readSound(file: SourceFile): Promise<DocumentFacts> {
  const facts = await readWords(file.bytes, file.name);
  if (facts.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
  if (facts.file.troubles.some((t) => ['truncated', 'damaged', 'bomb', 'empty', 'link', 'lock', 'partial', 'vendor'].includes(t.code))) throw new CannotDo('unreadable', 'The file is damaged or not a document, so it cannot be converted.', 'Save it again from the program it was written in.', file.name);
  return facts;
}

/** One word-processor file from one or several, in order; what is a PDF gives its text with what structure can be recognised. */
async function convertToDocx(files: SourceFile[], job: Job, office?: OfficeEngine): Promise<Converted> {
  const sources: DocumentFacts[] = [], pages: PageDescription[] = [];
  let byOffice: Uint8Array | null = null;
  for (const file of files) {
    const facts = await readSound(file);
    sources.push(facts);
    if (office && files.length === 1 && facts.file.kind !== 'pdf') { byOffice = await office(file, 'docx', job); pages.push(byOtherHand(file, facts)); continue; }
    const page = describe(file, facts);
    pages.push(page === 'pdf' ? await mapPdf(file.bytes, job) : page === 'picture' ? pictureDescription(file) : page);
  }
  const whole = joinDescriptions(pages), bytes = byOffice ?? writeDocx(whole);
  const result = await readShown(bytes, 'result.docx');
  const skeletons = await compareSkeletons(files, sources, bytes, result, pages);
  const proof = proveConversion(sources, result, { generated: whole.generated, labelsAreNumbering: true, counts: result.structure ?? whole.counts }, skeletons, lostLines(sources, result, pages)), told = [...whole.losses, ...skeletons.losses];
  const laidOut = await layOut(mapDocx(bytes), {}).then((pdf) => withPdf(pdf, (d) => d.countPages()), () => 0);
  return {
    bytes, engine: byOffice ? 'office' : 'builtin', pages: laidOut, fonts: result.fonts.ok ? result.fonts.value.map(({ name, embedded }) => ({ name, embedded })) : [],
    proof, losses: [...told, ...notCarried(proof, told)], substituted: [],
  };
}
function pictureDescription(file: SourceFile): PageDescription {
  const source = pictureSource(file.bytes);
  if (!source) throw new CannotDo('unsupported', 'The picture is of a kind that cannot be put into a word-processor file.', 'Save it as JPEG or PNG.', file.name);
  return { ...emptyPage(), body: `<p><img src="${source}"/></p>`, counts: { images: 1, tables: 0, equations: 0, footnotes: 0 } };
}
/** Several descriptions as one, each beginning on a new page; notes are numbered on. */
function joinDescriptions(pages: PageDescription[]): PageDescription {
  if (pages.length === 1) return pages[0]!;
  const [first] = pages as [PageDescription, ...PageDescription[]], laterLines = [...first.laterLines], looks = (p: PageDescription): string => JSON.stringify(linesOf(p));
  let shift = 0;
  const bodies = pages.map((p, i) => {
    const body = p.body.replace(/data-note="(\d+)"/g, (_, n: string) => `data-note="${Number(n) + shift}"`), notesAt = body.search(/<hr\/><div class="note"/), text = notesAt < 0 ? body : body.slice(0, notesAt);
    shift += p.counts.footnotes;
    if (i === 0 || (samePages(p, first) && looks(p) === looks(first) && first.laterLines.length + p.laterLines.length === 0)) return `${i > 0 ? '<div class="break"></div>' : ''}${body}`;
    // Its pages and running lines stay its own.
    laterLines.push(linesOf(p), ...p.laterLines);
    return onOwnPages(text, p, laterLines.length - p.laterLines.length) + body.slice(text.length);
  });
  return { ...first, laterLines, body: bodies.join(''), generated: pages.flatMap((p) => p.generated), losses: [...new Set(pages.flatMap((p) => p.losses))] };
}

function describe(file: SourceFile, facts: DocumentFacts): PageDescription | 'pdf' | 'picture' {
  switch (facts.file.kind) {
    case 'pdf': return 'pdf';
    case 'docx': case 'docm': case 'dotx': return mapDocx(file.bytes);
    case 'odt': return mapOdt(file.bytes);
    case 'rtf': return mapRtf(file.bytes);
    case 'doc': return mapDoc(file.bytes);
    case 'html': return mapHtml(file.bytes);
    case 'markdown': return mapMarkdown(file.bytes);
    case 'txt': case 'csv': case 'tex': return mapTextFile(file.bytes);
    case 'jpeg': case 'png': case 'tiff': case 'gif': case 'bmp': return 'picture';
    default: throw new CannotDo('unsupported', `A file of this kind (${facts.file.kind}) cannot be converted by the built-in engine.`, 'Export it as PDF from the program it was written in.', file.name);
  }
}

/** What another engine writes besides the words of the source, as far as it is known here: labels of lists and marks of notes are the same ones. */
function byOtherHand(file: SourceFile, facts: DocumentFacts): PageDescription {
  let known = emptyPage();
  try { const page = describe(file, facts); if (typeof page !== 'string') known = page; } catch { /* a kind that only the other engine opens */ }
  return { ...emptyPage(), ...linesOf(known), laterLines: known.laterLines, generated: known.generated, body: known.body, counts: facts.structure ?? emptyPage().counts };
}

/** A picture on an A4 sheet, as large as fits, turned upright by its EXIF flag. */
async function pictureToPdf(file: SourceFile): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const pdf = new mupdf.PDFDocument();
  try {
    const image = new mupdf.Image(file.bytes);
    const turned = { 3: 180, 6: 90, 8: 270 }[orientationIn(file.bytes)] ?? 0;
    const size = pictureSize(file.bytes) ?? { width: image.getWidth(), height: image.getHeight() };
    const [w, h] = turned % 180 === 0 ? [size.width, size.height] : [size.height, size.width];
    const landscape = w > h, sheet: [number, number] = landscape ? [841.89, 595.28] : [595.28, 841.89];
    const k = Math.min((sheet[0] - 36) / w, (sheet[1] - 36) / h), [pw, ph] = [w * k, h * k], [x, y] = [(sheet[0] - pw) / 2, (sheet[1] - ph) / 2];
    const matrix = { 0: [pw, 0, 0, ph, x, y], 90: [0, -ph, pw, 0, x, y + ph], 180: [-pw, 0, 0, -ph, x + pw, y + ph], 270: [0, ph, -pw, 0, x + pw, y] }[turned as 0]!;
    addPicturePage(pdf, sheet, pdf.addImage(image), matrix);
    image.destroy();
    return await saveWhole(pdf);
  } catch (error) {
    throw new CannotDo('unreadable', `The picture cannot be read (${error instanceof Error ? error.message : error}).`, 'Take it again or save it as JPEG or PNG.', file.name);
  } finally { pdf.destroy(); }
}
