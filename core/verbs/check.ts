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
/** `picturesUnread`: pictures that may hold a name and were not looked at. */
export interface Checked { files: CheckedFile[]; docket: DocketLine[]; stops: boolean; matching: (DocumentDemand | null)[]; picturesUnread: number; facts: DocumentFacts[] }
/** `pictures`: false leaves the writing in pictures unread, which takes seconds; it is read where a name in it would matter. */
export interface CheckOptions { brief?: Brief | null; details?: Details | null; now: number; templates?: { name: string; text: string }[]; matching?: (DocumentDemand | null)[]; insisted?: string[]; pictures?: boolean }
/** Gathers the facts of a file, or takes them from where they are kept. */
export type FactsOf = (file: SourceFile, job: Job, pictures: boolean) => Promise<DocumentFacts>;

const readFacts: FactsOf = async (file, job, pictures) => {
  const facts = await readDocument(file.bytes, file.name, job);
  if (pictures) await readImageText(file.bytes, facts, job);
  return facts;
};

/** Whether the writing in pictures is read: where a name in them would matter. */
export const picturesMatter = ({ brief, details, insisted }: CheckOptions): boolean => !!details && anonymityWanted({ brief: brief ?? emptyBrief(), briefGiven: !!brief, details, insisted }) === 'yes';

/** Whether it matters how many pages a file without pages of its own will have: a limit, or so many words that a similarity check may refuse it. */
const pagesAsked = (brief: Brief | null | undefined, words: number): boolean => !!brief && ([brief.limits, ...brief.documents.map((d) => d.limits)].some((l) => !!l && (l.minPages !== null || l.maxPages !== null)) || (brief.similarityChecked === true && words > farFewerWords));

/** Laid out once for its bytes: the check runs again whenever a name or a detail changes. */
const laid = new Map<string, number | null>();
async function laidOnce(file: SourceFile, facts: DocumentFacts): Promise<number | null> {
  const { sha256 } = facts.file;
  if (!laid.has(sha256)) laid.set(sha256, await (await import('./convert.ts')).laidPagesOf(file, facts));
  if (laid.size > 500) laid.delete(laid.keys().next().value!);
  return laid.get(sha256) ?? null;
}

/** Reads the files, runs every check, and writes the docket. */
export async function checkFiles(files: SourceFile[], options: CheckOptions, job: Job = {}, factsOf: FactsOf = readFacts): Promise<Checked> {
  const facts: DocumentFacts[] = [], matters = picturesMatter(options);
  for (const file of files) facts.push(await factsOf(file, job, matters && options.pictures !== false));
  for (const [i, f] of facts.entries()) if (!f.pages.ok && f.words.ok && f.laidPages === undefined && pagesAsked(options.brief, f.words.value)) f.laidPages = await laidOnce(files[i]!, f);
  const judged = judge({ facts, brief: options.brief ?? emptyBrief(), briefGiven: !!options.brief, details: options.details ?? null, now: options.now, templates: options.templates, matching: options.matching, insisted: options.insisted });
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
  const picturesUnread = matters && options.pictures === false ? facts.reduce((n, f) => n + (f.passages.ok ? f.passages.gaps.filter((g) => g.why === 'picture').length : 0), 0) : 0;
  return { files: out, docket: judged.docket, stops, matching: judged.matching, picturesUnread, facts };
}
