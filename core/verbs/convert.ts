import { withPdf, saveWhole, loadMupdf } from '../engines/pdf.ts';
import { mapDocx } from '../convert/docx/map.ts';
import { mapOdt } from '../convert/odt/map.ts';
import { layOut } from '../convert/layout.ts';
import { mapHtml, mapRtf, mapTextFile } from '../convert/plain/map.ts';
import { emptyPage, type PageDescription } from '../convert/page-description.ts';
import { proveConversion, type ConversionProof } from '../convert/prove.ts';
import { readDocument } from '../readers/index.ts';
import { pictureSize } from '../readers/image/read.ts';
import { orientationOf } from '../mends/clean/picture.ts';
import { metadataSegments } from '../readers/image/segments.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import type { SourceFile } from './check.ts';

export interface Converted { bytes: Uint8Array; engine: 'builtin' | 'office'; pages: number; fonts: { name: string; embedded: boolean }[]; proof: ConversionProof; losses: string[]; substituted: { asked: string; used: string }[] }
/** Where an office engine is there, the caller passes it in; the core knows only its name. */
export type OfficeEngine = (file: SourceFile, to: 'pdf' | 'docx', job: Job) => Promise<Uint8Array>;

/** Converts files to one PDF, in the order given, and proves what was kept by reading the result.
 * @throws {CannotDo} `unsupported` for kinds that the engine cannot lay out, `encrypted`, `unreadable` */
export async function convertFiles(files: SourceFile[], job: Job = {}, office?: OfficeEngine): Promise<Converted> {
  const parts: Uint8Array[] = [], sources: DocumentFacts[] = [], pages: PageDescription[] = [];
  for (const file of files) {
    const facts = await readDocument(file.bytes, file.name, {});
    if (facts.file.encrypted === 'needs password') throw new CannotDo('encrypted', 'The file is locked with a password.', 'Save a copy without a password and bring that.', file.name);
    if (facts.file.troubles.some((t) => ['truncated', 'damaged', 'bomb', 'empty', 'link', 'lock', 'partial', 'vendor'].includes(t.code))) throw new CannotDo('unreadable', 'The file is damaged or not a document, so it cannot be converted.', 'Save it again from the program it was written in.', file.name);
    sources.push(facts);
    if (office && facts.file.kind !== 'pdf') { parts.push(await office(file, 'pdf', job)); pages.push({ ...emptyPage(), counts: facts.structure ?? emptyPage().counts }); continue; }
    const page = describe(file, facts);
    if (page === 'pdf') { parts.push(file.bytes); continue; }
    if (page === 'picture') { parts.push(await pictureToPdf(file)); continue; }
    pages.push(page);
    parts.push(await layOut(page, job));
  }
  const bytes = parts.length === 1 ? parts[0]! : await joinPdfs(parts);
  const result = await readDocument(bytes, 'result.pdf', {});
  const counts = pages.reduce((sum, p) => ({ images: sum.images + p.counts.images, tables: sum.tables + p.counts.tables, equations: sum.equations + p.counts.equations, footnotes: sum.footnotes + p.counts.footnotes }), { images: 0, tables: 0, equations: 0, footnotes: 0 });
  return {
    bytes, engine: office ? 'office' : 'builtin', pages: result.pages.ok ? result.pages.value.length : 0,
    fonts: result.fonts.ok ? result.fonts.value.map(({ name, embedded }) => ({ name, embedded })) : [],
    proof: proveConversion(sources, result, { generated: pages.flatMap((p) => p.generated), counts }),
    losses: pages.flatMap((p) => p.losses), substituted: pages.flatMap((p) => p.substituted),
  };
}

function describe(file: SourceFile, facts: DocumentFacts): PageDescription | 'pdf' | 'picture' {
  switch (facts.file.kind) {
    case 'pdf': return 'pdf';
    case 'docx': case 'docm': case 'dotx': return mapDocx(file.bytes);
    case 'odt': return mapOdt(file.bytes);
    case 'rtf': return mapRtf(file.bytes);
    case 'html': return mapHtml(file.bytes);
    case 'txt': case 'markdown': case 'csv': case 'tex': return mapTextFile(file.bytes);
    case 'jpeg': case 'png': case 'tiff': case 'gif': case 'bmp': return 'picture';
    default: throw new CannotDo('unsupported', `A file of this kind (${facts.file.kind}) cannot be converted by the built-in engine.`, 'Export it as PDF from the program it was written in.', file.name);
  }
}

/** A picture on an A4 sheet, as large as fits, turned upright by its EXIF flag. */
async function pictureToPdf(file: SourceFile): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const pdf = new mupdf.PDFDocument();
  try {
    const image = new mupdf.Image(file.bytes);
    const exif = metadataSegments(file.bytes).find((s) => s.sort === 'EXIF');
    const turned = { 3: 180, 6: 90, 8: 270 }[exif ? orientationOf(file.bytes.subarray(exif.start + (file.bytes[0] === 0xff ? 6 : 0), exif.end)) : 1] ?? 0;
    const size = pictureSize(file.bytes) ?? { width: image.getWidth(), height: image.getHeight() };
    const [w, h] = turned % 180 === 0 ? [size.width, size.height] : [size.height, size.width];
    const landscape = w > h, sheet: [number, number] = landscape ? [841.89, 595.28] : [595.28, 841.89];
    const k = Math.min((sheet[0] - 36) / w, (sheet[1] - 36) / h), [pw, ph] = [w * k, h * k], [x, y] = [(sheet[0] - pw) / 2, (sheet[1] - ph) / 2];
    const matrix = { 0: [pw, 0, 0, ph, x, y], 90: [0, -ph, pw, 0, x, y + ph], 180: [-pw, 0, 0, -ph, x + pw, y + ph], 270: [0, ph, -pw, 0, x + pw, y] }[turned as 0]!;
    const resources = pdf.newDictionary(), objects = pdf.newDictionary();
    objects.put('Im', pdf.addImage(image));
    resources.put('XObject', objects);
    pdf.insertPage(-1, pdf.addPage([0, 0, ...sheet], 0, pdf.addObject(resources), `q ${matrix.map((n) => n.toFixed(3)).join(' ')} cm /Im Do Q`));
    image.destroy();
    return await saveWhole(pdf);
  } catch (error) {
    throw new CannotDo('unreadable', `The picture cannot be read (${error instanceof Error ? error.message : error}).`, 'Take it again or save it as JPEG or PNG.', file.name);
  } finally { pdf.destroy(); }
}

/** One PDF from several, pages in order. */
export async function joinPdfs(parts: Uint8Array[]): Promise<Uint8Array> {
  const mupdf = await loadMupdf();
  const target = new mupdf.PDFDocument();
  try {
    for (const bytes of parts) {
      await withPdf(bytes, (source) => {
        if (source.needsPassword()) source.authenticatePassword('');
        const map = target.newGraftMap();
        for (let i = 0; i < source.countPages(); i++) map.graftPage(-1, source, i);
        map.destroy();
      });
    }
    return await saveWhole(target);
  } finally { target.destroy(); }
}
