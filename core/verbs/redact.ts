import { saveWhole, withPage, withPdf } from '../engines/pdf.ts';
import { judge } from '../docket/run.ts';
import { Matcher } from '../identity/find.ts';
import { replaceInPackage } from '../mends/redact/package.ts';
import { readDocument } from '../readers/index.ts';
import { emptyBrief } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { Finding } from '../model/finding.ts';
import { CannotDo, heed, type Job } from '../model/outcome.ts';
import { splitWords } from '../text/words.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { SourceFile } from './check.ts';
import { sharpenBoxes } from './sharpen.ts';

export interface Redacted { bytes: Uint8Array; /** what was taken out, by page */ taken: { page: number | null; text: string }[]; proof: { pagesSame: boolean; /** words that are gone and were not to go */ lost: string[]; left: number } }

const textual = new Set(['identity.text', 'identity.running-head', 'identity.footnote', 'identity.textbox']);

/** Takes the student's details out of the text: of a PDF's pages the glyphs are removed, not covered; in a word-processor file the words are replaced.
 * Only what stops is taken; what is to be looked at stays. @param wording - what stands there instead, in word-processor files
 * The copy is read again: it is offered only when nothing that stops is left on its pages and no other word is gone.
 * @throws {CannotDo} `unsupported` for other kinds, `notClean` when the proof fails */
export async function redactFile(file: SourceFile, details: Details, job: Job = {}, wording = '[removed]'): Promise<Redacted> {
  const before = await readDocument(file.bytes, file.name, job);
  if (['docx', 'docm', 'odt'].includes(before.file.kind)) return replaceWords(file, before, details, wording, job);
  if (before.file.kind !== 'pdf') throw new CannotDo('unsupported', 'Words can be taken out of PDF, DOCX and ODT.', 'Convert the paper to PDF first, or change it in the program it was written in.', file.name);
  const targets = stopping(before, details);
  await sharpenBoxes(file.bytes, targets);
  const bytes = await withPdf(file.bytes, async (pdf) => {
    for (const number of new Set(targets.map((f) => f.place.page!))) {
      heed(job);
      withPage(pdf, number - 1, (page) => {
        const [ox, oy] = page.getBounds();
        for (const { place: { box } } of targets.filter((f) => f.place.page === number)) {
          // A little less than the line's height, so that the lines above and below are not touched.
          const inset = (box![3] - box![1]) * 0.2;
          const mark = page.createAnnotation('Redact');
          mark.setRect([box![0] + ox, box![1] + oy + inset, box![2] + ox, box![3] + oy - inset]);
          mark.destroy();
        }
        page.applyRedactions(false, 0, 0, 0);
      });
    }
    return saveWhole(pdf);
  });
  const after = await readDocument(bytes, file.name, job);
  const left = stopping(after, details).length;
  const lost = lostWords(before, after, targets);
  const pagesSame = before.pages.ok && after.pages.ok && before.pages.value.length === after.pages.value.length;
  if (left > 0 || !pagesSame) throw new CannotDo('notClean', `Not everything could be taken out: ${left} places are left.`, 'Change them in the program the paper was written in.', file.name);
  return { bytes, taken: targets.map((f) => ({ page: f.place.page!, text: String(f.data.found) })), proof: { pagesSame, lost, left } };
}

async function replaceWords(file: SourceFile, before: DocumentFacts, details: Details, wording: string, job: Job): Promise<Redacted> {
  const { bytes, taken } = replaceInPackage(file.bytes, before, new Matcher(details), wording);
  const after = await readDocument(bytes, file.name, job), left = stoppingText(after, details).length;
  if (left > 0 || !after.passages.ok) throw new CannotDo('notClean', `Not everything could be taken out: ${left} places are left.`, 'Change them in the program the paper was written in.', file.name);
  const targets = taken.map((t) => ({ data: { found: t.text } })), lost = lostWords(before, after, targets);
  return { bytes, taken: taken.map((t) => ({ page: null, text: t.text })), proof: { pagesSame: JSON.stringify(before.structure) === JSON.stringify(after.structure), lost, left } };
}

const stoppingText = (facts: DocumentFacts, details: Details): Finding[] => judge({ facts: [facts], brief: { ...emptyBrief(), anonymous: true }, briefGiven: true, details, now: 0 }).findings[0]!.filter((f) => textual.has(f.check) && f.standing === 'stops');
const stopping = (facts: DocumentFacts, details: Details): Finding[] => stoppingText(facts, details)
  .filter((f) => f.place.page !== null && f.place.box !== null);

function lostWords(before: DocumentFacts, after: DocumentFacts, targets: { data: Record<string, string | number> }[]): string[] {
  const words = (f: DocumentFacts): string[] => splitWords(f.passages.ok ? f.passages.value.filter((p) => p.place === 'text' || p.place === 'runningHead').map((p) => p.text).join('\n') : '');
  const count = new Map<string, number>();
  for (const w of words(before)) count.set(w, (count.get(w) ?? 0) + 1);
  for (const w of [...words(after), ...targets.flatMap((t) => splitWords(String(t.data.found)))]) count.set(w, (count.get(w) ?? 0) - 1);
  return [...count].filter(([, n]) => n > 0).map(([w]) => w);
}
