import { isAskedThere } from '../identity/asked.ts';
import { checks, setChecks } from '../checks/index.ts';
import type { Check, CheckInput, Draft, Fact, Seen } from '../checks/define.ts';
import type { SetInput } from '../checks/define-set.ts';
import { Matcher } from '../identity/find.ts';
import { searchPassages, type Sign } from '../identity/search.ts';
import type { Brief, DocumentDemand } from '../model/brief.ts';
import type { Details, DetailName } from '../model/details.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { DocketLine, DocketStanding, Finding } from '../model/finding.ts';
import { say, unreadWords, wordsFor } from '../messages/en.ts';
import { zoneOfTimes } from '../time/instant.ts';
import { matchDocuments } from './match.ts';

export interface Judged { findings: Finding[][]; setFindings: Finding[]; docket: DocketLine[]; matching: (DocumentDemand | null)[] }
export interface JudgeInput {
  facts: DocumentFacts[]; brief: Brief; /** whether a brief was given at all */ briefGiven: boolean; details: Details | null; now: number; /** the zone of the student's clock, for times whose zone the brief does not say */ clock?: string | null;
  templates?: { name: string; text: string }[];
  /** the student's own matching; proposed where absent */ matching?: (DocumentDemand | null)[];
  /** groups of the docket that the student switched on although the brief is silent */ insisted?: string[];
  /** for a caller who asks for the findings of some checks only */ only?: (id: string) => boolean;
}

/** How far anonymity is asked for: by the brief, or by the student who switched it on; details without any brief ask for it too. */
export function anonymityWanted(input: Pick<JudgeInput, 'brief' | 'briefGiven' | 'details' | 'insisted'>): CheckInput['wanted'] {
  const { anonymous } = withInsisted(input.brief, input.insisted ?? []);
  return anonymous === true || (!input.briefGiven && input.details !== null) ? 'yes' : anonymous === false ? 'no' : 'unsettled';
}

/** Runs every check over every document and the set, and writes the docket: one line a check that applies.
 * Brief silent → not asked; a fact unread → unread; else the worst finding; with gaps, `look` at best. */
export function judge(input: JudgeInput): Judged {
  const { facts, details } = input, brief = withInsisted(input.brief, input.insisted ?? []);
  const matching = input.matching ?? matchDocuments(facts, brief);
  const wanted = anonymityWanted(input);
  const matcher = details ? new Matcher(details) : null;
  const docket: DocketLine[] = [];
  const findings = facts.map((document, i) => {
    const signs = matcher && wanted !== 'no' && document.passages.ok ? searchPassages(document.passages.value, matcher).filter((s) => !isAskedThere(brief, s)) : [];
    const one: CheckInput = { file: document.file, facts: document, brief, document: matching[i] ?? null, details, matcher, wanted, signs: dedupe(signs), templates: input.templates ?? [] };
    const found: Finding[] = [];
    for (const check of checks) {
      if (input.only?.(check.id) === false || check.kinds && !check.kinds.includes(document.file.kind)) continue;
      const line = runCheck(check, one, found);
      docket.push({ ...line, document: document.file.name });
    }
    return found;
  });
  const setFindings: Finding[] = [];
  const set: SetInput = { facts, brief, matching, templates: input.templates ?? [], now: input.now, zone: zoneOfTimes(brief, input.clock ?? null) };
  for (const check of setChecks) {
    const asked = check.asked(set);
    if (asked === null) { docket.push(lineOf(check, null, null, 'notAsked')); continue; }
    const drafts = check.evaluate(set);
    setFindings.push(...drafts.map((d) => toFinding(check.id, d)));
    docket.push(lineOf(check, asked, check.found(set), worst(drafts)));
  }
  return { findings, setFindings, docket, matching };
}

/** The docket before any file is there: a line a demand, all unread. */
export function docketOfBrief(asked: Brief, details: Details | null, now: number, insisted: string[] = [], clock: string | null = null): DocketLine[] {
  const brief = withInsisted(asked, insisted);
  const empty: DocumentFacts = {
    file: { name: '', bytes: 1, sha256: '', kind: brief.documents[0]?.types[0] ?? 'pdf', extension: '', encrypted: false, troubles: [] }, pages: { ok: false, code: 'noFixedPages' }, words: { ok: false, code: 'noFixedPages' },
    fonts: { ok: false, code: 'noFixedPages' }, passages: { ok: false, code: 'noFixedPages' }, metadata: { ok: false, code: 'noFixedPages' }, remains: { ok: false, code: 'noFixedPages' }, layout: { ok: false, code: 'noFixedPages' }, photo: { ok: false, code: 'noFixedPages' }, statedPages: null, structure: null, integrity: [],
  };
  const demands = brief.documents.length > 0 ? brief.documents : [null];
  return demands.flatMap((document, i) => checks.filter((c) => !c.kinds || !document || document.types.some((t) => c.kinds!.includes(t))).map((check) => {
    const asked = check.asked({ file: empty.file, facts: empty, brief, document, details, matcher: null, wanted: anonymityWanted({ brief, briefGiven: true, details }), signs: [], templates: [] });
    return { ...lineOf(check, asked, asked === null ? null : unreadWords.noFile!, asked === null ? 'notAsked' : 'unread'), document: document?.label ?? (demands.length > 1 ? `document ${i + 1}` : null) };
  })).concat(setChecks.map((check) => {
    const set: SetInput = { facts: [], brief, matching: [], templates: [], now, zone: zoneOfTimes(brief, clock) };
    const asked = check.asked(set);
    const timed = check.id.startsWith('time.') && asked !== null;
    return timed ? lineOf(check, asked, check.found(set), worst(check.evaluate(set))) : lineOf(check, asked, null, asked === null ? 'notAsked' : 'unread');
  }));
}

/** What a student may switch on: the brief is silent, so it is treated as if it asked. What it denies stays denied. */
export const switchable: Readonly<Record<string, (brief: Brief) => Brief>> = {
  identity: (b) => (b.anonymous === null ? { ...b, anonymous: true } : b), metadata: (b) => (b.anonymous === null ? { ...b, anonymous: true } : b),
  text: (b) => (b.similarityChecked === null ? { ...b, similarityChecked: true } : b), pages: (b) => (b.layout.pageSize === null ? { ...b, layout: { ...b.layout, pageSize: 'A4' } } : b),
};
const withInsisted = (brief: Brief, insisted: string[]): Brief => insisted.reduce((b, id) => switchable[id]?.(b) ?? b, brief);

export function runCheck(check: Check, input: CheckInput, found: Finding[]): DocketLine {
  const asked = check.asked(input);
  if (asked === null) return lineOf(check, null, null, 'notAsked');
  const untold = check.unread?.(input);
  if (untold) return lineOf(check, asked, unreadWords[untold] ?? untold, 'unread');
  let gaps = 0;
  for (const need of check.needs) {
    const fact = input.facts[need];
    if (!fact.ok) return lineOf(check, asked, unreadWords[fact.code] ?? fact.code, 'unread');
    gaps += fact.gaps.length;
  }
  const seen = { ...input, ...Object.fromEntries(check.needs.map((n) => { const f = input.facts[n]; return [n, f.ok ? f.value : null]; })) } as unknown as Seen<Fact>;
  const drafts = check.evaluate(seen);
  found.push(...drafts.map((d) => toFinding(check.id, d)));
  const standing = worst(drafts);
  return lineOf(check, asked, check.found(seen), standing === 'met' && gaps > 0 && check.id === 'identity.text' ? 'look' : standing);
}

const lineOf = (check: { id: string; mend?: string; mendsOnlyStops?: boolean }, asked: string | null, found: string | null, standing: DocketStanding): DocketLine =>
  ({ id: check.id, line: wordsFor(check.id).line, asked, found, standing, document: null, mend: standing === 'notMet' || standing === 'look' && !check.mendsOnlyStops ? check.mend ?? null : null });
const worst = (drafts: Draft[]): DocketStanding => (drafts.some((d) => d.standing === 'stops') ? 'notMet' : drafts.some((d) => d.standing === 'look') ? 'look' : 'met');
const toFinding = (check: string, d: Draft): Finding => ({ check, standing: d.standing, detail: outward(d.detail), place: d.place, message: say(check, d.key, d.data), key: d.key, data: d.data });

/** A full name or initials with the surname are told as the surname: the contract names the details as the student entered them. */
const outward = (detail: DetailName | null): DetailName | null => (detail === 'fullName' || detail === 'initials' ? 'surname' : detail);

/** The same sign on the same page and part, told once. */
function dedupe(signs: Sign[]): Sign[] {
  const seen = new Map<string, Sign>();
  for (const s of signs) {
    const key = `${s.place}|${s.part}|${s.page}|${s.detail}|${s.found.toLowerCase()}|${s.standing}|${s.box?.map(Math.round).join() ?? s.quote}`;
    if (!seen.has(key)) seen.set(key, s);
  }
  return [...seen.values()];
}
