import { writeArchive } from '../mends/archive/archive.ts';
import { cleanBytes } from '../mends/clean/index.ts';
import { cleanPicture } from '../mends/clean/picture.ts';
import { proveSame, type Proof } from '../mends/prove.ts';
import { readDocument } from '../readers/index.ts';
import { sniffKind } from '../readers/kind.ts';
import { Twin } from '../readers/pdf/twin.ts';
import { readArchive } from '../readers/pdf/archive.ts';
import { judge } from '../docket/run.ts';
import { emptyBrief, type Brief } from '../model/brief.ts';
import type { Details } from '../model/details.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { Finding } from '../model/finding.ts';
import { CannotDo, type Job } from '../model/outcome.ts';
import { identityPlaces } from '../checks/identity/places.ts';
import { Matcher } from '../identity/find.ts';
import { Neutral } from '../mends/neutral/neutral.ts';
import type { PdfDocument } from '../engines/pdf.ts';
import type { Survey } from '../readers/pdf/survey.ts';
import type { SourceFile } from './check.ts';

export interface Cleaned { bytes: Uint8Array; removed: { part: string; check: string }[]; left: Finding[]; proof: Proof }

/** A copy without metadata and, where details are given, without them in anything that no page shows, and what reading it again showed: what is gone, what is left, that text, pages and pixels are the same.
 * @throws {CannotDo} for files that cannot be cleaned; `notClean` when the copy could not be read again */
export async function cleanFile(file: SourceFile, options: { details?: Details | null; brief?: Brief | null }, job: Job = {}): Promise<Cleaned> {
  const twin = new Twin((jpeg) => cleanPicture(jpeg, { keepOrientation: false }));
  try {
    // The paper as it was is opened beside the one that is cleaned, while the engine has its bytes.
    const look = async (pdf: PdfDocument): Promise<Survey> => { await twin.lend(file.bytes, () => undefined); return twin.survey(file.bytes, pdf); };
    const neutral = options.details && options.brief?.anonymous !== false ? new Neutral(new Matcher(options.details)) : null, cleaned = await cleanBytes(file.bytes, file.name, job, { look, neutral, isBare: (num) => twin.bareInFirst(num) });
    // What a file for long keeping has to say of itself goes with the rest; where one is asked for, it is written again.
    const keeps = options.brief?.archival && sniffKind(file.bytes, file.name).kind === 'pdf' && (await readArchive(file.bytes)).claim !== null, bytes = keeps ? await writeArchive(cleaned) : cleaned;
    job.unproved?.(bytes);
    const before = await readDocument(file.bytes, file.name, job, twin), after = await readDocument(bytes, file.name, job, twin);
    return await proveClean(file, before, { bytes, facts: after, twin }, options, job);
  } finally { twin.end(); }
}
async function proveClean(file: SourceFile, before: DocumentFacts, copy: { bytes: Uint8Array; facts: DocumentFacts; twin: Twin }, options: { details?: Details | null; brief?: Brief | null }, job: Job): Promise<Cleaned> {
  const { bytes, facts: after } = copy;
  if (before.passages.ok && !after.passages.ok) throw new CannotDo('notClean', 'The cleaned copy could not be read again, so it is not offered.', 'Convert the paper to PDF and clean that.', file.name);
  const details = options.details ?? null;
  const brief: Brief = { ...(options.brief ?? emptyBrief()), anonymous: options.brief?.anonymous ?? true };
  const judged = judge({ facts: [after], brief: { ...brief, documents: [] }, briefGiven: true, details, now: 0, only: tellsWho });
  const left = judged.findings[0]!.filter((f) => f.key !== 'noDetails' && !isByChance(f));
  return { bytes, removed: whatWent(before, after), left, proof: await proveSame({ bytes: file.bytes, facts: before }, { bytes, facts: after }, job, copy.twin) };
}

/** Checks that tell who wrote the paper; what cannot be read in a damaged part may be anybody's name. */
const tellsWho = (id: string): boolean => /^(?:identity|metadata)\.|^file\.truncated$/.test(id);
/** A bare name among the bytes of a font or a profile is that of whoever made it; a number, an address, a whole or a double name is not. */
const isByChance = (f: Finding): boolean => f.place.part.startsWith('bytes/') && ['surname', 'givenName', 'initials'].includes(f.detail ?? '') && !/[\s-]/.test(String(f.data.found));

/** What the file held before and does not hold any more, by part. */
function whatWent(before: DocumentFacts, after: DocumentFacts): Cleaned['removed'] {
  const removed: Cleaned['removed'] = [];
  const keyOf = (m: { part: string; key: string; value: string }): string => `${m.part}|${m.key}|${m.value}`;
  const still = new Set(after.metadata.ok ? after.metadata.value.map(keyOf) : []);
  for (const m of before.metadata.ok ? before.metadata.value : []) if (!still.has(keyOf(m))) removed.push({ part: m.part, check: `metadata.${m.sort === 'statistics' ? 'custom' : m.sort}` });
  const words = new Set(after.passages.ok ? after.passages.value.map((p) => `${p.place}|${p.text}`) : []);
  for (const p of before.passages.ok ? before.passages.value : []) {
    const check = identityPlaces.find((i) => i.place === p.place)?.id;
    if (check && !words.has(`${p.place}|${p.text}`) && !['text', 'runningHead', 'footnote', 'textbox'].includes(p.place)) removed.push({ part: p.part, check });
  }
  const troubles = new Set(after.file.troubles.map((t) => t.code));
  for (const t of before.file.troubles) if (!troubles.has(t.code) && ['javascript', 'launch', 'repaired', 'externalReference', 'macros'].includes(t.code)) removed.push({ part: t.part, check: t.code === 'repaired' ? 'file.repaired' : 'file.active' });
  return [...new Map(removed.map((r) => [`${r.part}|${r.check}`, r])).values()];
}
