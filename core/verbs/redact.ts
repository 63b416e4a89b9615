import { saveWhole, withPage, withPdf, type PdfPage } from '../engines/pdf.ts';
import { judge } from '../docket/run.ts';
import { Matcher } from '../identity/find.ts';
import { searchPassages, type Sign } from '../identity/search.ts';
import { replaceInPackage } from '../mends/redact/package.ts';
import { takeActualText } from '../mends/redact/actual-text.ts';
import { blotPicture } from '../mends/redact/picture.ts';
import { pictureToRead, readImageText } from '../readers/image-text.ts';
import { pictureSize } from '../readers/image/read.ts';
import { Package, packZip } from '../engines/zip.ts';
import type { Quad } from '../scan/raster.ts';
import { readDocument } from '../readers/index.ts';
import { emptyBrief } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { Finding } from '../model/finding.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import { splitWords } from '../text/words.ts';
import type { Box, DocumentFacts } from '../model/facts.ts';
import type { SourceFile } from './check.ts';
import { sharpenBoxes } from './sharpen.ts';

export interface Redacted { bytes: Uint8Array; /** what was taken out, by page */ taken: { page: number | null; text: string }[]; proof: { pagesSame: boolean; /** words that are gone and were not to go */ lost: string[]; left: number } }

const textual = new Set(['identity.text', 'identity.running-head', 'identity.footnote', 'identity.textbox']);
const inPicture = 'identity.image-text';

/** Takes the student's details out of the text: of a PDF's pages the glyphs are removed, not covered; in a word-processor file the words are replaced; in pictures on pages, in such files and by themselves the pixels are filled.
 * Pictures are read where the job brings a reader of pictures.
 * Only what stops is taken; what is to be looked at stays. @param wording - what stands there instead, in word-processor files
 * The copy is read again: it is offered only when nothing that stops is left on its pages and no other word is gone.
 * @throws {CannotDo} `unsupported` for other kinds, `notClean` when the proof fails */
export async function redactFile(file: SourceFile, details: Details, job: Job = {}, wording = '[removed]'): Promise<Redacted> {
  const before = await readDocument(file.bytes, file.name, job);
  if (['docx', 'docm', 'odt'].includes(before.file.kind)) return replaceWords(file, before, details, wording, job);
  if (['jpeg', 'png', 'tiff'].includes(before.file.kind)) return blotPhoto(file, before, details, job);
  if (before.file.kind !== 'pdf') throw new CannotDo('unsupported', 'Words can be taken out of PDF, DOCX, ODT, JPEG, PNG and TIFF.', 'Convert the paper to PDF first, or change it in the program it was written in.', file.name);
  const told = await takeTold(file, before, details, job);
  if (told) {
    // The rest goes by place, in the copy without them; the proof speaks of both.
    const done = await redactFile({ ...file, bytes: told.bytes }, details, job, wording), later = [...done.taken];
    const first = told.targets.map((f) => ({ page: f.place.page!, text: String(f.data.found) })).filter((t) => { const i = later.findIndex((l) => l.page === t.page && l.text === t.text); if (i >= 0) later.splice(i, 1); return i < 0; }), taken = [...first, ...done.taken];
    const lost = lostWords(before, await readDocument(done.bytes, file.name, job), taken.map((t) => ({ data: { found: t.text } })));
    return { ...done, taken, proof: { ...done.proof, lost } };
  }
  await readImageText(file.bytes, before, job);
  const targets = stopping(before, details), [shown, words] = [targets.filter((f) => f.check === inPicture), targets.filter((f) => f.check !== inPicture)];
  await sharpenBoxes(file.bytes, words);
  const bytes = await withPdf(file.bytes, async (pdf) => {
    for (const number of new Set(targets.map((f) => f.place.page!))) {
      heed(job);
      withPage(pdf, number - 1, (page) => {
        // Two rounds: letters go without touching what lies under them, and pictures without touching letters over them.
        if (mark(page, words.filter((f) => f.place.page === number), 0.2)) page.applyRedactions(false, 0, 0, 0);
        if (mark(page, shown.filter((f) => f.place.page === number), 0)) page.applyRedactions(false, 2, 0, 1);
      });
    }
    return saveWhole(pdf);
  });
  const after = await readDocument(bytes, file.name, job);
  await readImageText(bytes, after, job);
  const left = stopping(after, details).length;
  const lost = lostWords(before, after, targets);
  const pagesSame = before.pages.ok && after.pages.ok && before.pages.value.length === after.pages.value.length;
  if (left > 0 || !pagesSame) throw new CannotDo('notClean', `Not everything could be taken out: ${left} places are left.`, 'Change them in the program the paper was written in.', file.name);
  return { bytes, taken: targets.map((f) => ({ page: f.place.page!, text: String(f.data.found) })), proof: { pagesSame, lost, left } };
}

/** Words that a page tells beside its glyphs are taken where they are told. Null where there are none. */
async function takeTold(file: SourceFile, before: DocumentFacts, details: Details, job: Job): Promise<{ bytes: Uint8Array; targets: Finding[] } | null> {
  const targets = stopping(before, details).filter((f) => f.check !== inPicture);
  return withPdf(file.bytes, async (pdf) => {
    const pages = [...new Set(targets.map((f) => f.place.page!))].filter((number) => { heed(job); return takeActualText(pdf, number - 1, targets.filter((f) => f.place.page === number).map((f) => String(f.data.found))); });
    return pages.length > 0 ? { bytes: await saveWhole(pdf), targets: targets.filter((f) => pages.includes(f.place.page!)) } : null;
  });
}

/** Marks places for redaction. @param inset - share of the height that is left out above and below, so that neighbouring lines are not touched */
function mark(page: PdfPage, findings: Finding[], inset: number): boolean {
  const [ox, oy] = page.getBounds();
  for (const { place: { box } } of findings) {
    const [x0, y0, x1, y1] = box!, by = (y1 - y0) * inset, one = page.createAnnotation('Redact');
    one.setRect([x0 + ox, y0 + oy + by, x1 + ox, y1 + oy - by]);
    one.destroy();
  }
  return findings.length > 0;
}

/** Words are replaced where they are text, and pixels filled where a picture shows them. */
async function replaceWords(file: SourceFile, before: DocumentFacts, details: Details, wording: string, job: Job): Promise<Redacted> {
  await readImageText(file.bytes, before, job);
  const shown = picturesThatStop(before, details), { bytes: replaced, taken } = replaceInPackage(file.bytes, before, new Matcher(details), wording);
  let bytes = replaced;
  if (shown.length > 0) {
    const pack = new Package(replaced), parts: { name: string; bytes: Uint8Array; stored: boolean }[] = [];
    for (const name of pack.names()) {
      const own = shown.filter((s) => s.part === name), part = pack.part(name)!;
      parts.push({ name, bytes: own.length > 0 ? await blot(part, name, false, own) : part, stored: name === 'mimetype' });
    }
    bytes = packZip(parts);
  }
  const after = await readDocument(bytes, file.name, job);
  await readImageText(bytes, after, job);
  const left = stoppingText(after, details).length + picturesThatStop(after, details).length;
  if (left > 0 || !after.passages.ok) throw new CannotDo('notClean', `Not everything could be taken out: ${left} places are left.`, 'Change them in the program the paper was written in.', file.name);
  const targets = taken.map((t) => ({ data: { found: t.text } })), lost = lostWords(before, after, targets);
  return { bytes, taken: [...taken.map((t) => ({ page: null, text: t.text })), ...shown.map((s) => ({ page: null, text: s.found }))], proof: { pagesSame: JSON.stringify(before.structure) === JSON.stringify(after.structure), lost, left } };
}

async function blotPhoto(file: SourceFile, before: DocumentFacts, details: Details, job: Job): Promise<Redacted> {
  await readImageText(file.bytes, before, job);
  const shown = picturesThatStop(before, details), bytes = shown.length > 0 ? await blot(file.bytes, file.name, true, shown) : file.bytes, after = await readDocument(bytes, file.name, job);
  await readImageText(bytes, after, job);
  const left = picturesThatStop(after, details).length;
  if (left > 0) throw new CannotDo('notClean', `Not everything could be taken out: ${left} places are left.`, 'Cover them in a picture program, or take the photo again without them.', file.name);
  return { bytes, taken: shown.map((s) => ({ page: null, text: s.found })), proof: { pagesSame: JSON.stringify(pictureSize(file.bytes)) === JSON.stringify(pictureSize(bytes)), lost: [], left } };
}

/** The places are known in the picture as it was read; they are filled where they lie in the stored pixels, with a rim for what the reader's boxes miss. */
async function blot(bytes: Uint8Array, name: string, sheet: boolean, signs: Sign[]): Promise<Uint8Array> {
  const { toStored } = await pictureToRead(bytes, name, sheet);
  return blotPicture(bytes, name, signs.map(({ box }): Quad => {
    const [x0, y0, x1, y1] = withRim(box!);
    return [toStored([x0, y0]), toStored([x1, y0]), toStored([x1, y1]), toStored([x0, y1])];
  }));
}

/** Lines of writing may run up a picture as well as across it: the rim is twice as wide along the line as beside it. */
function withRim([x0, y0, x1, y1]: Box): Box {
  const rim = Math.min(x1 - x0, y1 - y0) * 0.3, [dx, dy] = x1 - x0 >= y1 - y0 ? [2 * rim, rim] : [rim, 2 * rim];
  return [x0 - dx, y0 - dy, x1 + dx, y1 + dy];
}
const stoppingIn = (facts: DocumentFacts, details: Details): Finding[] => judge({ facts: [facts], brief: { ...emptyBrief(), anonymous: true }, briefGiven: true, details, now: 0 }).findings[0]!.filter((f) => f.standing === 'stops');
const stoppingText = (facts: DocumentFacts, details: Details): Finding[] => stoppingIn(facts, details).filter((f) => textual.has(f.check));
/** What pictures that are no pages show of the student. */
const picturesThatStop = (facts: DocumentFacts, details: Details): Sign[] => searchPassages((facts.passages.ok ? facts.passages.value : []).filter((p) => p.place === 'imageText' && p.page === null), new Matcher(details)).filter((s) => s.standing === 'stops' && s.box !== null);
const stopping = (facts: DocumentFacts, details: Details): Finding[] => stoppingIn(facts, details).filter((f) => (textual.has(f.check) || f.check === inPicture || f.check === 'identity.hidden' && f.place.part === 'text') && f.place.page !== null && f.place.box !== null);

function lostWords(before: DocumentFacts, after: DocumentFacts, targets: { data: Record<string, string | number> }[]): string[] {
  const words = (f: DocumentFacts): string[] => splitWords(f.passages.ok ? f.passages.value.filter((p) => ['text', 'runningHead', 'footnote', 'textbox'].includes(p.place)).map((p) => p.text).join('\n') : '');
  const count = new Map<string, number>();
  for (const w of words(before)) count.set(w, (count.get(w) ?? 0) + 1);
  for (const w of [...words(after), ...targets.flatMap((t) => splitWords(String(t.data.found)))]) count.set(w, (count.get(w) ?? 0) - 1);
  return [...count].filter(([, n]) => n > 0).map(([w]) => w);
}
