import { readDocument } from '../readers/index.ts';
import { readImageText } from '../readers/image-text.ts';
import { anonymityWanted, judge } from '../docket/run.ts';
import { emptyBrief, type Brief, type DocumentDemand } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { DocketLine, Finding } from '../model/finding.ts';
import type { Job } from '../model/outcome.ts';
import { farFewerWords } from '../checks/pages/limit.ts';
import { billOf, type WordBill } from '../words/bill.ts';
import { sharpenBoxes } from './sharpen.ts';

export interface SourceFile { name: string; path: string; bytes: Uint8Array }
export interface CheckedFile {
  path: string; name: string; bytes: number; sha256: string; type: string; encrypted: false | 'opens' | 'needs password'; pages: number | null; words: number | null;
  fonts: { name: string; type: string; embedded: boolean; subset: boolean; toUnicode: boolean }[]; findings: Finding[];
  /** the words of the paper by part; null where the text could not be read */ bill: WordBill | null; /** it carries a digital signature, which no changed copy keeps */ signed: boolean;
}
/** `leftForLater`: pictures that may hold a name, and files whose pages matter and are not laid out yet. */
export interface Checked { files: CheckedFile[]; docket: DocketLine[]; stops: boolean; matching: (DocumentDemand | null)[]; leftForLater: number; facts: DocumentFacts[] }
/** `quick`: leaves the writing in pictures unread and pages that a file does not have uncounted, which takes seconds. Both are told as open until they are known. */
export interface CheckOptions { brief?: Brief | null; details?: Details | null; now: number; templates?: { name: string; text: string }[]; matching?: (DocumentDemand | null)[]; insisted?: string[]; quick?: boolean; /** the zone of the student's clock */ clock?: string | null }
/** What is wanted beyond the file's own words: the writing in its pictures, and the pages that it will have, where the brief limits them. */
export interface Wanted { pictures: boolean; brief: Brief | null }
export const onlyWords: Wanted = { pictures: false, brief: null };
/** Gathers the facts of a file, or takes them from where they are kept. */
export type FactsOf = (file: SourceFile, job: Job, wanted: Wanted) => Promise<DocumentFacts>;

const readFacts: FactsOf = async (file, job, { pictures, brief }) => {
  const facts = await readDocument(file.bytes, file.name, job);
  if (pictures) await readImageText(file.bytes, facts, job);
  await addAsked(file, facts, brief);
  return facts;
};

/** The text of a supplied template, as it is compared with what was written in it. */
export const templateText = (facts: DocumentFacts): string => (facts.passages.ok ? facts.passages.value.filter((p) => p.place === 'text').map((p) => p.text).join('\n') : '');

/** Whether the writing in pictures is read: where a name in them would matter. */
export const picturesMatter = ({ brief, details, insisted }: CheckOptions): boolean => !!details && anonymityWanted({ brief: brief ?? emptyBrief(), briefGiven: !!brief, details, insisted }) === 'yes';

/** Whether it matters how many pages a file without pages of its own will have: a limit, or so many words that a similarity check may refuse it. */
const pagesMatter = (brief: Brief | null, words: number): boolean => !!brief && (pagesLimited(brief) || (brief.similarityChecked === true && words > farFewerWords));
export const pagesLimited = (brief: Brief): boolean => [brief.limits, ...brief.documents.map((d) => d.limits)].some((l) => !!l && (l.minPages !== null || l.maxPages !== null));
const archiveMissing = (f: DocumentFacts, brief: Brief | null): boolean => brief?.archival !== undefined && f.file.kind === 'pdf' && f.pages.ok && f.archive === undefined;
const pagesMissing = (f: DocumentFacts, brief: Brief | null): boolean => !f.pages.ok && f.words.ok && f.laidPages === undefined && pagesMatter(brief, f.words.value);
/** Looks at what only some briefs ask for and is not known yet: pages that a file will have, and how it stands for long keeping. @returns whether anything had to be looked at now */
export async function addAsked(file: SourceFile, facts: DocumentFacts, brief: Brief | null): Promise<boolean> {
  const archive = archiveMissing(facts, brief), pages = pagesMissing(facts, brief);
  // Loaded only now: nothing else of a check needs the engine that lays pages out.
  if (pages) facts.laidPages = await (await import('./convert.ts')).laidPagesOf(file, facts);
  if (archive) facts.archive = await (await import('../readers/pdf/archive.ts')).readArchive(file.bytes).catch(() => null);
  return archive || pages;
}

/** Reads the files, runs every check, and writes the docket. */
export async function checkFiles(files: SourceFile[], options: CheckOptions, job: Job = {}, factsOf: FactsOf = readFacts): Promise<Checked> {
  const facts: DocumentFacts[] = [], brief = options.brief ?? null, pictures = picturesMatter(options);
  for (const file of files) facts.push(await factsOf(file, job, options.quick ? onlyWords : { pictures, brief }));
  const judged = judge({ facts, brief: brief ?? emptyBrief(), briefGiven: !!brief, details: options.details ?? null, now: options.now, templates: options.templates, matching: options.matching, insisted: options.insisted, clock: options.clock });
  for (const [i, findings] of judged.findings.entries()) if (facts[i]!.file.kind === 'pdf') await sharpenBoxes(files[i]!.bytes, findings);
  const out = facts.map((f, i): CheckedFile => ({
    path: files[i]!.path, name: f.file.name, bytes: f.file.bytes, sha256: f.file.sha256, type: f.file.kind, encrypted: f.file.encrypted,
    pages: f.pages.ok ? f.pages.value.length : f.statedPages, words: f.words.ok ? f.words.value : null,
    fonts: f.fonts.ok ? f.fonts.value.map(({ name, type, embedded, subset, toUnicode }) => ({ name, type, embedded, subset, toUnicode })) : [],
    bill: billOf(f), signed: f.passages.ok && f.passages.value.some((p) => p.place === 'signature'),
    // A finding about the set belongs to no file; it is told with the first.
    findings: [...judged.findings[i]!, ...(i === 0 ? judged.setFindings : [])],
  }));
  const stops = out.some((f) => f.findings.some((x) => x.standing === 'stops'));
  const unreadIn = (f: DocumentFacts): number => (pictures && f.passages.ok ? f.passages.gaps.filter((g) => g.why === 'picture').length : 0) + (pagesMissing(f, brief) ? 1 : 0) + (archiveMissing(f, brief) ? 1 : 0);
  const leftForLater = options.quick ? facts.reduce((n, f) => n + unreadIn(f), 0) : 0;
  return { files: out, docket: judged.docket, stops, matching: judged.matching, leftForLater, facts };
}
