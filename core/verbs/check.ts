import { readDocument } from '../readers/index.ts';
import { readImageText } from '../readers/image-text.ts';
import { judge } from '../docket/run.ts';
import { emptyBrief, type Brief, type DocumentDemand } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { DocketLine, Finding } from '../model/finding.ts';
import type { Job } from '../model/outcome.ts';
import { billOf, type WordBill } from '../words/bill.ts';
import { sharpenBoxes } from './sharpen.ts';

export interface SourceFile { name: string; path: string; bytes: Uint8Array }
export interface CheckedFile {
  path: string; name: string; bytes: number; sha256: string; type: string; encrypted: false | 'opens' | 'needs password'; pages: number | null; words: number | null;
  fonts: { name: string; type: string; embedded: boolean; subset: boolean; toUnicode: boolean }[]; findings: Finding[];
  /** the words of the paper by part; null where the text could not be read */ bill: WordBill | null;
}
export interface Checked { files: CheckedFile[]; docket: DocketLine[]; stops: boolean; matching: (DocumentDemand | null)[]; facts: DocumentFacts[] }
export interface CheckOptions { brief?: Brief | null; details?: Details | null; now: number; templates?: { name: string; text: string }[]; matching?: (DocumentDemand | null)[]; insisted?: string[] }

/** Reads the files, runs every check, and writes the docket. */
export async function checkFiles(files: SourceFile[], options: CheckOptions, job: Job = {}): Promise<Checked> {
  const facts: DocumentFacts[] = [];
  for (const file of files) facts.push(await readDocument(file.bytes, file.name, job));
  // Pictures are read where a name in them would matter: some seconds each.
  if (options.details && options.brief?.anonymous !== false && (!options.brief || options.brief.anonymous)) for (const [i, file] of files.entries()) await readImageText(file.bytes, facts[i]!, job);
  const judged = judge({ facts, brief: options.brief ?? emptyBrief(), briefGiven: !!options.brief, details: options.details ?? null, now: options.now, templates: options.templates, matching: options.matching, insisted: options.insisted });
  for (const [i, findings] of judged.findings.entries()) if (facts[i]!.file.kind === 'pdf') await sharpenBoxes(files[i]!.bytes, findings);
  const out = facts.map((f, i): CheckedFile => ({
    path: files[i]!.path, name: f.file.name, bytes: f.file.bytes, sha256: f.file.sha256, type: f.file.kind, encrypted: f.file.encrypted,
    pages: f.pages.ok ? f.pages.value.length : f.statedPages, words: f.words.ok ? f.words.value : null,
    fonts: f.fonts.ok ? f.fonts.value.map(({ name, type, embedded, subset, toUnicode }) => ({ name, type, embedded, subset, toUnicode })) : [],
    bill: billOf(f),
    // A finding about the set belongs to no file; it is told with the first.
    findings: [...judged.findings[i]!, ...(i === 0 ? judged.setFindings : [])],
  }));
  const stops = out.some((f) => f.findings.some((x) => x.standing === 'stops'));
  return { files: out, docket: judged.docket, stops, matching: judged.matching, facts };
}
