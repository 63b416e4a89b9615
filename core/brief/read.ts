import { DateTime } from 'luxon';
import { emptyBrief, noLimits, type Brief, type Evidence, type Limits } from '../model/brief.ts';
import type { Kind } from '../model/kinds.ts';
import { CannotDo } from '../model/outcome.ts';
import { instantOf, zoneOfTimes } from '../time/instant.ts';
import { readArchival } from './archival.ts';
import { readAttempts } from './attempts.ts';
import { readCounting, readPagesLeft } from './counting.ts';
import { withRows } from './documents-of-rows.ts';
import { documentsOfLengths } from './documents-of-lengths.ts';
import { documentsOfParts, readDocuments } from './documents.ts';
import { readLate } from './late.ts';
import { placesAbroad } from './abroad/places.ts';
import { abroad } from './abroad/read.ts';
import { readLateAbroad } from './late-abroad.ts';
import { daysToDate } from './late-spans.ts';
import { readShown, readWordsStated } from './shown.ts';
import { ceilingBehind } from './ceiling-behind.ts';
import { readChoices } from './choices.ts';
import { readLayout, readReferenceStyle } from './layout.ts';
import { readLimits, type LimitStatement } from './limits.ts';
import { packedList } from './packed-list.ts';
import { measuresBesideKinds, pairedLimits } from './paired-limits.ts';
import { plainClauses, readPlainWords } from './plain-words.ts';
import { byConcepts } from './senses/by-concepts.ts';
import { sensesOf } from './senses/read.ts';
import { isAboutPaper, isOfMatter } from './senses/senses.ts';
import { detailsIn, readNaming } from './naming.ts';
import { readPlace } from './place.ts';
import { readPlaceByWords } from './senses/place-by-words.ts';
import { innermost, readPlaceByKind, wholeName } from './place-by-kind.ts';
import { isPlaceOfSome } from './possible-extensions.ts';
import type { Remark } from './remark.ts';
import { readSections } from './sections.ts';
import { firstOf, isUnsettledDate, matchesIn, settle, splitClauses, withoutAsides, type Clause, type Settled, type Statement } from './statements.ts';
import { readTimes } from './times.ts';
import { withoutFormer } from './former.ts';
import { readable } from './wording.ts';
import { documentsOfBlocks, partsOfBlocks, readBlocks } from './blocks.ts';
import { withoutArticle } from './foreign-documents.ts';
import { isGerman } from './german.ts';
import { readAnonymous } from './anonymous.ts';
import { readDeclaration } from './declaration.ts';
import { withoutLeaders } from './leaders.ts';
import { readSideMargins } from './side-margins.ts';
import { readSimilarity } from './similarity.ts';
import { withoutSecondClock } from './two-clocks.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

export interface BriefRead { brief: Brief; remarks: Remark[] }

const longest = 1_500_000;
/** an owner that stands for several documents */
const forOthers = -2;

/** “Put everything into a single PDF in this order: contents page, five pieces, reflective essay (1,000 words)”: what stands in such a list is a piece of the whole. */
const inOneOrder = (clause: { text: string; start: number } | undefined, at: number): boolean => { const m = clause ? firstIn(clause.text, /\b(?:in|into|to|as) (?:one|a single)\b[^:]{0,40}: (?=[^:]*,[^:]*,)/i) : null; return m !== null && at > clause!.start + m.index + m[0].length; };

/** Reads what an assignment's wording asks for. What it leaves open, or says twice differently, stays null: a wrong guess is worse than a question.
 * @param original - the wording; @param nowIso - for dates without a year
 * @throws {CannotDo} `badInput` for an empty text, `tooLarge` beyond 1.5 million characters */
export function readBrief(original: string, nowIso: string): BriefRead {
  if (!original.trim()) throw new CannotDo('badInput', 'The assignment text is empty.', 'Paste the wording of the assignment, or drop the file that holds it.');
  if (original.length > longest) throw new CannotDo('tooLarge', 'The assignment text is longer than 1.5 million characters.', 'Paste only the part that says what to hand in.');
  const now = DateTime.fromISO(nowIso, { setZone: true }), { text, at: placeOf } = readable(withoutLeaders(original));
  // A question states nothing unless it is answered with yes; whether it is answered with no is for the readers of yes and no.
  const all = withoutSecondClock(withoutFormer(withoutAsides(splitClauses(text, original)))), clauses = all.filter((c) => !c.asks || c.asks === 'yes'), brief = emptyBrief(), remarks: Remark[] = [];
  // What stands for words of another language is shorter: their quote goes on to the end of the words.
  const german = isGerman(text) || isGerman(original), wordEnd = (end: number): number => (/\p{L}/u.test(text[end - 1] ?? '') ? end + /^\p{L}*/u.exec(text.slice(end, end + 60))![0].length : end);
  const endOf = ({ start, end }: { start: number; end: number }): number => {
    const clause = clauses.find((c) => c.start <= start && end <= c.end);
    if (!clause || clause.text.slice(start - clause.start, end - clause.start) === text.slice(start, end)) return german ? wordEnd(end) : end;
    const filled = /^\u00a0*/.exec(clause.text.slice(end - clause.start))![0].length;
    return wordEnd(start + text.slice(start, end + filled).trimEnd().length);
  };
  const quote = (s: { start: number; end: number }): { quote: string; start: number; end: number } => {
    const to = endOf(s), read = text.slice(s.start, to), end = placeOf(to - 1) + 1, start = Math.min(placeOf(s.start + /^\s*/.exec(read)![0].length), end);
    // What reads as something else is quoted in whole words.
    const at = original.slice(start, end).trim() === read.trim() ? { start, end } : wholeWords(original, start, end);
    return { quote: original.slice(at.start, at.end), ...at };
  };
  const asWritten = (s: { start: number; end: number }): string => (quote(s).quote.includes('\n') ? text.slice(s.start, s.end) : quote(s).quote).replace(/(?<!\w)\*+(?=\S)|(?<=\S)\*+(?!\w)/g, '').replace(/\u00a0/g, ' ').replace(/[\ufb00-\ufb06]/g, (letter) => letter.normalize('NFKC')).normalize('NFC');
  const evidence: Evidence[] = [];
  const keep = <T>(field: string, settled: Settled<T>): T | null => {
    if (settled.contradiction.length > 0) remarks.push({ field, kind: 'contradiction', quotes: settled.contradiction.map(quote) });
    for (const e of settled.evidence) evidence.push({ field, ...quote(e) });
    return settled.value;
  };
  const one = <T>(field: string, statements: Statement<T>[], same?: (a: T, b: T) => boolean): T | null => keep(field, settle(statements, same));

  const forEveryone = (s: Statement<string>): boolean => !isPlaceOfSome(s, clauses), places = readPlace(clauses).filter((s) => forEveryone(s) && !/[’']s$/.test(s.value));
  brief.place = one('place', firstOf(places, readPlaceByKind(clauses).filter(forEveryone), placesAbroad(clauses, text).filter(forEveryone), readPlaceByWords(clauses.filter((c) => !c.asks)).filter(forEveryone)).map((s) => innermost(wholeName(s, clauses), text)).map((s) => (s.value.length === s.end - s.start ? { ...s, value: asWritten(s) } : s)), (a, b) => a === b || a.includes(b) || b.includes(a));
  const times = readTimes(text, all.filter((c) => c.asks !== 'no' && !(c.asks && !c.answers && says(c.text, /\b(?:is|was) (?:the|our) (?:\w+ )?(?:deadline|due date|hand-?in)\b|\bwhen is\b/i) && all.some((o) => o.answers))), now);
  const blocks = readBlocks(text), ofBlocks = blocks.length > 0 ? documentsOfBlocks(blocks, clauses, text) : null;
  const ownParts = blocks.length > 1 && times.parts.length <= blocks.length && (times.parts.length > 0 || new Set(times.due.map((d) => d.value)).size !== 1) ? partsOfBlocks(blocks, clauses, text, now) : [];
  if (ownParts.length > times.parts.length || ownParts.length > 0 && ownParts.length === times.parts.length && ofBlocks && !times.parts.some((p) => blocks.some((b) => b.label.toLowerCase() === p.label.toLowerCase()))) { times.parts = ownParts; times.due = []; }
  const documents = ofBlocks ?? documentsOfLengths(withRows(documentsOfParts(readDocuments(clauses, text), times.parts, clauses), times.parts, clauses, text), clauses, times.parts);
  /** The document whose block a limit stands in; what stands in a block without one holds for that block alone. */
  const blockOf = ({ start }: { start: number }): number | null => { if (!ofBlocks || !blocks.some((b) => b.start <= start && start < b.end)) return null; const i = ofBlocks.spans.findIndex((s) => s.start <= start && start < s.end); return i < 0 ? forOthers : i; };
  // What a document is called stays in the wording's own language.
  const ownWords = (label: string, at: number): string => { const clause = clauses.find((c) => c.start <= at && at < c.end), from = clause ? clause.text.toLowerCase().indexOf(label.toLowerCase(), Math.max(0, Math.min(at - clause.start, clause.text.length) - label.length - 60)) : -1, start = (clause?.start ?? 0) + from, /* what a longer word left over is filled up */ filled = clause ? /^\u00a0*/.exec(clause.text.slice(from + label.length))![0].length : 0, said = text.slice(start, start + label.length + filled); if (from < 0 || said.toLowerCase() === label.toLowerCase()) return label; const more = /^[\p{L}-]*/u.exec(text.slice(start + said.length, start + said.length + 60))![0], whole = `${said}${more}`.trim(); return /^[\p{L}][\p{L}\d ’'-]*$/u.test(whole) ? whole : label; };
  brief.documents = documents.documents.map((d, i) => (d.label === null ? d : { ...d, label: withoutArticle(ownWords(d.label, documents.spans[i]!.start), original) }));
  for (const e of documents.evidence) evidence.push({ field: 'documents', ...quote(e) });
  // “Interim report – 27 November – 5 pages. Final report – 4 May – 40 pages.”: each limits its own part, and none the paper.
  /** “Essays 1 and 2 are 4–5 pages; Essay 3 is 8–10”: what is said of some parts is no limit of all. */
  const ofSome = (lead: string): boolean => times.parts.length > 2 && says(lead, /\b\p{L}+s (?:\d{1,2}|[A-E])(?:, |,? (?:and|&|to) | ?[–-] ?)(?:\d{1,2}|[A-E])(?:[^.;\d]|(?<=\bmax|\bmin)\.){0,40}$/u);
  const partOf = ({ start }: { start: number }): string | null => { const from = text.lastIndexOf('\n', start) + 1, to = text.indexOf('\n', start), within = (a: number, b: number): typeof times.parts => times.parts.filter((p) => p.start >= a && p.start < b), clause = clauses.find((c) => c.start <= start && start < c.end), said = clause ? within(clause.start, clause.end) : [], inside = said.length === 1 ? said : within(from, to < 0 ? text.length : to), head = clause && /^\W*([\p{L}][\p{L} ]{2,30}):/u.exec(clause.text)?.[1]?.toLowerCase(), headed = head ? times.parts.filter((p) => p.label.toLowerCase().split(/\s+/).some((w) => head.split(/\s+/).includes(w) && w !== 'the')) : []; return inside.length === 1 ? inside[0]!.label : headed.length === 1 ? headed[0]!.label : null; };
  // “An abstract of at most 200 words” limits a part of the paper, unless it is handed in by itself.
  // “You need: a) three plans (2 pages each), b) a commentary of 2,000 words, c) … All must be combined into a single PDF”: what limits an item is no limit of the whole.
  const oneFile = documents.documents.length === 1 && says(text, /\b(?:combined?|merged?|joined|join|put|collected|bound|assembled)\b[^.;]{0,40}\b(?:in|into|to|as) (?:one|a single)\b/i), itemOf = (line: string): boolean => says(line, /^[ \t]*(?:\(?[a-h]\)|\(?\d{1,2}[.)]|[-•*])[ \t]+(?:(?:an?|one|two|three|four|five|six|your|the|\d{1,2})[ \t]+)\p{Ll}/u) && !says(line, /\b(?:whole|total|altogether|file|document|pdf|portfolio)\b/i);
  const packedIn = packedList(text), ofItem = (l: { start: number; field: string }): boolean => { if (packedIn && l.start >= packedIn.start && l.start < packedIn.end) return true; if (!oneFile || l.field === 'maxBytes') return false; if (inOneOrder(clauses.find((c) => c.start <= l.start && l.start < c.end), l.start)) return true; const from = text.lastIndexOf('\n', l.start) + 1, to = text.indexOf('\n', l.start), lines = text.split('\n'), at = text.slice(0, from).split('\n').length - 1; return itemOf(text.slice(from, to < 0 ? text.length : to)) && (itemOf(lines[at - 1] ?? '') || itemOf(lines[at + 1] ?? '')); };
  /** “Two of your own photographs (no larger than 1 MB each, placed in the text)”. */
  const ofPicture = (l: { start: number; end: number; field: string; clause: { text: string; start: number } }): boolean => l.field === 'maxBytes' && says(l.clause.text.slice(0, l.start - l.clause.start), /\b(?:photo(?:graph)?s?|images?|pictures?|figures?|screenshots?)\b[^.;]{0,40}$/i) && says(l.clause.text.slice(l.end - l.clause.start), /^[^.;]{0,12}\beach\b[^.;]{0,40}\b(?:placed|inserted|embedded|in the text|in the document)\b/i) && !documents.documents.some((d) => d.types.some((t) => t === 'jpeg' || t === 'png'));
  const names = documents.documents.flatMap((d) => d.label ?? []), paired = names.length > 1 && new Set(names).size === documents.documents.length ? pairedLimits(clauses, names, documents.documents.map((d) => (d.types.length === 1 && documents.documents.filter((o) => o.types.includes(d.types[0]!)).length === 1 ? d.types[0] : undefined))) : [], ofPair = (l: LimitStatement): boolean => paired.some((p) => p.clause.start <= l.start && l.start < p.clause.end && p.field.slice(3) === l.field.slice(3));
  const said = readLimits(clauses), limits = [...said.filter((l) => !ofPair(l)), ...paired, ...measuresBesideKinds(clauses, documents.spans, text).filter((l) => !(l.field === 'maxBytes' && said.some((o) => o.field === 'maxBytes')) && !said.some((o) => o.field === l.field && o.start < l.end && l.start < o.end))].filter((l) => !ofItem(l) && !ofPicture(l) && (!l.part || documents.documents.some((d) => d.label !== null && (d.label.toLowerCase().includes(l.part!) || l.part!.endsWith(` ${d.label.toLowerCase()}`)))));
  for (const field of Object.keys(noLimits()) as (keyof Limits)[]) {
    // A bare length holds only where no limit is named.
    const each = limits.filter((l) => l.field === field), ofPack = field === 'maxBytes' && documents.documents.length === 1 && documents.documents[0]!.types.join() === 'zip' ? each.filter((l) => /\b(?:zip|archive)\b/i.test(l.clause.text)) : [], /** what is packed has sizes of its own */ ofContent = (l: { clause: { text: string } }): boolean => ofPack.length === 0 && field === 'maxBytes' && documents.documents.length === 1 && documents.documents[0]!.types.join() === 'zip' && says(l.clause.text, /\b(?:csv|pdf|docx?|xlsx|mp[34]|wav|jpe?g|png)\b/i), stated = ofPack.length > 0 ? ofPack : each.filter((l) => !ofContent(l)), blockAt = (l: { start: number }): number => blocks.findIndex((b) => b.start <= l.start && l.start < b.end), ownerAt = (l: LimitStatement): number => (documents.documents.length > 1 ? blockOf(l) ?? ownerOf(l, documents.spans, documents.documents, text) : -1), ofOther = (l: LimitStatement, o: LimitStatement): boolean => { const [one, other] = [ownerAt(l), ownerAt(o)]; return one >= 0 && other >= 0 && one !== other; };
    const found = stated.filter((l) => !l.given || !stated.some((o) => !o.given && (!ofBlocks || blockAt(o) === blockAt(l)) && !ofOther(l, o)));
    // “A letter (2 pages), an essay (5–6 pages). Total not over 20 pages.”: what is said of the whole.
    const ofTotal = (l: LimitStatement): boolean => says(l.clause.text, /\b(?:total|altogether|overall|in all)\b/i) && !says(l.clause.text, /\b(?:total|overall) (?:mark|grade|weight)/i), totals = documents.documents.length < 2 && field !== 'maxBytes' && found.some((l) => !ofTotal(l)) ? limits.filter((l) => l.field.slice(3) === field.slice(3) && ofTotal(l)) : [], statements = totals.length > 0 && found.every((l) => ofTotal(l) || !totals.some((t) => t.clause === l.clause)) ? found.filter(ofTotal) : found;
    if (statements.some((l) => partOf(l) === null) && statements.every((l) => l.given)) brief.lengths = [...(brief.lengths ?? []), field];
    const owned = statements.map(ownerAt);
    statements.forEach((s, i) => {
      if (s.remark) remarks.push({ field: `limits.${field}`, kind: 'megapixels', quotes: [quote(s)] });
      const owner = owned[i]!;
      // “The other two are limited to 5 MB each.”
      if (owner < 0 && documents.documents.length > 1 && /\bthe others?\b/i.test(s.clause.text.slice(0, s.start - s.clause.start)) && owned.some((o) => o >= 0)) {
        brief.documents.forEach((demand, d) => { if (owned.includes(d)) return; (demand.limits ??= {})[field] = s.value; evidence.push({ field: `documents[${d}].limits.${field}`, ...quote(s) }); });
        owned[i] = forOthers;
        return;
      }
      if (owner < 0) return;
      const demand = brief.documents[owner]!;
      (demand.limits ??= {})[field] = s.value;
      evidence.push({ field: `documents[${owner}].limits.${field}`, ...quote(s) });
    });
    const open = statements.filter((s, i) => owned[i] === -1 && !(s.given && partOf(s) !== null) && !ofSome(text.slice(s.clause.start, s.start))), ofWhole = open.filter((s) => partOf(s) === null);
    // “26 Feb – draft to supervisor (up to 3,000 words). 3 May – dissertation (8,000 words maximum).”
    const ofDraft = ({ start }: { start: number }): boolean => { const line = text.slice(text.lastIndexOf('\n', start) + 1, start), sentence = line.split(/[.;]\s/).at(-1)!; return /\b(?:draft|outline|proposal)\b/i.test(says(sentence, /\b(?:draft|outline|proposal|thesis|dissertation|essay|paper|report|article|final version)\b/i) ? sentence : line); }, paper = ofWhole.filter((s) => !ofDraft(s));
    if (paper.length > 0 && paper.length < ofWhole.length) ofWhole.splice(0, ofWhole.length, ...paper);
    // “The plan is at most one page; the final version has 3,000 words.”
    const ofPlan = ({ start, clause }: { start: number; clause: { start: number } }): boolean => says(text.slice(clause.start, start), /^\W*(?:the |your |a )?(?:first |rough )?(?:draft|outline|proposal|plan|sketch) (?:is|has|may|can|should|must|will|runs)\b/i);
    if (ofWhole.length > 0 && ofWhole.every(ofPlan) && limits.some((o) => o.field !== field && !ofPlan(o) && says(o.clause.text, /\b(?:final|full|finished) (?:version|text|paper|essay|report)\b|\b(?:thesis|dissertation|essay|paper)\b/i))) continue;
    // “18 to 22 pages. … Rough draft, at least 10 pages, due 9 April.”: beside a limit of the whole, that of a part is its own.
    const common = ofWhole.length > 0 ? ofWhole : open, ofParts = new Set(common.map(partOf));
    // A draft and a final version with limits of their own: those of the final version hold for the paper.
    const finals = common.filter((l) => !says(partOf(l) ?? '', /\b(?:draft|outline|proposal|plan|abstract|exposé|expose)(?![\p{L}])/iu)), several = ofParts.size > 1 && !ofParts.has(null);
    // “Part 1: a plan (1–2 pages). Part 2: the report”: a limit of one part alone, before the last of them, is not the paper's.
    const alone = ofParts.size === 1 ? [...ofParts][0]! : null, lastPart = times.parts.reduce((a, b) => ((b.due ?? '') > (a.due ?? '') ? b : a), times.parts[0] ?? { label: '', due: null });
    if (alone !== null && times.parts.length > 1 && alone !== lastPart.label && says(alone, /^(?:part|piece|item|element|exercise|stage|phase|step|task|milestone|component|section|deliverable|assignment|essay|paper|report)\s+\S{1,5}$|^(?:first |rough |full )?(?:draft|outline|proposal|sketch)s?$/i)) continue;
    if (!several) brief.limits[field] = one(`limits.${field}`, common);
    else if (new Set(finals.map(partOf)).size === 1) brief.limits[field] = one(`limits.${field}`, finals);
  }

  for (const l of documents.lengths ?? []) { if (brief.limits[l.field] === l.value) continue; const own = (brief.documents[l.document]!.limits ??= {}), other = `${l.field.startsWith('min') ? 'max' : 'min'}${l.field.slice(3)}` as keyof Limits; if (own[l.field] === undefined && (own[other] === undefined || documents.lengths!.some((o) => o.document === l.document && o.field === other))) { own[l.field] = l.value; evidence.push({ field: `documents[${l.document}].limits.${l.field}`, ...quote(l) }); } }
  // A least length above the most comes from two different works.
  for (const demand of brief.documents) for (const unit of ['Words', 'Pages'] as const) if ((demand.limits?.[`min${unit}`] ?? 0) > (demand.limits?.[`max${unit}`] ?? Infinity)) { delete demand.limits![`min${unit}`]; delete demand.limits![`max${unit}`]; }
  // In plain words, where nothing else settles it.
  const plain = readPlainWords(clauses), ofSense = plainClauses(clauses), sentenceOf = (s: Statement<unknown>): string => all.find((c) => c.start <= s.start && s.start < c.end)?.text ?? '';
  const or = <T>(found: Statement<T>[], plainly: Statement<T>[], sense: (clauses: Clause[]) => Statement<T>[]): Statement<T>[] => [found, plainly].map((known) => known.filter((s) => isAboutPaper(sentenceOf(s)) && !isOfMatter(sentenceOf(s)))).find((known) => known.length > 0) ?? sense(ofSense.filter((c) => !isOfMatter(c.text)));
  const isCeiling = (s: Statement<number>): boolean => /\b(?:ceiling|limit|max\w*|cap)\b/i.test(text.slice(s.start, s.end));
  // What limits the pieces of one package limits not the package.
  const ofPieces = documents.documents.some((d) => d.types.includes('zip')) || says(text, /\b(?:combin|merg)\w*\b|\b(?:elements|components|pieces)\b/i);
  // Of several documents no sentence that names one limits them all.
  const ofAll = documents.documents.length < 2 ? ofSense : ofSense.filter((c) => !documents.documents.some((d) => d.label !== null && c.text.toLowerCase().includes(d.label.toLowerCase()))), isOne = documents.documents.length < 2;
  for (const field of ['minWords', 'maxWords', 'minPages', 'maxPages', 'maxBytes'] as const) if ((times.parts.length < 2 || field === 'maxBytes') && (!limits.some((l) => l.field === field) || field !== 'minPages' && plain[field].some(isCeiling) && limits.every((l) => l.field !== field || l.given))) {
    const plainly = field === 'minPages' || !isOne ? [] : plain[field], lengths = plainly.length > 0 || said.some((l) => l.field === field) || ofPieces ? plainly : firstOf(sensesOf.length(field, ofAll), field === 'maxWords' || field === 'maxPages' ? ceilingBehind(field, ofAll) : []);
    brief.limits[field] = one(`limits.${field}`, lengths);
    // Beside a ceiling a bare length is what most write.
    if (lengths.length > 0 && brief.lengths) { brief.lengths = brief.lengths.filter((l) => l !== field); if (brief.lengths.length === 0) delete brief.lengths; }
  }

  const naming = readNaming(clauses);
  if (naming.mustContain.length === 0 && naming.pattern.length === 0) naming.mustContain.push(...firstOf(abroad.inFileName(clauses, text), byConcepts.inFileName(ofSense, detailsIn)));
  brief.naming.pattern = one('naming.pattern', naming.pattern);
  // “Save it as lab3_ID.docx. … Convert it. Upload the PDF (lab3_ID.pdf).”: the name of what is handed in.
  const kindsAsked = brief.documents.flatMap((d) => d.types), [, stem, ending] = /^((?!.* or ).+)\.(docx?|odt|pdf)$/i.exec(brief.naming.pattern ?? '') ?? [], other = kindsAsked.length === 1 ? kindsAsked[0]! : null;
  if (stem && other && ending!.toLowerCase() !== other && text.includes(`${stem}.${other}`)) brief.naming.pattern = `${stem}.${other}`;
  brief.naming.mustContain = naming.mustContain.map((s) => s.value);
  for (const s of naming.mustContain) evidence.push({ field: 'naming.mustContain', ...quote(s) });
  brief.naming.mustNotIdentify = one('naming.mustNotIdentify', or(naming.mustNotIdentify, [], (own) => firstOf(sensesOf.nameless(own), abroad.nameless(own, text))));
  brief.anonymous = one('anonymous', or(readAnonymous(all), plain.anonymous, (own) => firstOf(sensesOf.anonymous(own), abroad.anonymous(own, text))));
  brief.similarityChecked = one('similarityChecked', or(readSimilarity(all), plain.similarityChecked, (own) => firstOf(sensesOf.similarityChecked(own), abroad.similarityChecked(own, text))));
  brief.declaration = one('declaration', or(readDeclaration(all), [], (own) => firstOf(sensesOf.declaration(own), abroad.declaration(own, text))));

  brief.timeZone = keep('timeZone', times.zone);
  for (const field of ['opens', 'due', 'extension'] as const) {
    const statements = times[field];
    const value = one(field, statements, sameTime);
    if (value !== null && !isUnsettledDate(value)) brief[field] = mostExact(statements, value);
    else if (value !== null) for (let i = evidence.length - 1; i >= 0; i--) if (evidence[i]!.field === field) evidence.splice(i, 1);
  }
  for (const p of times.problems) remarks.push({ field: 'due', kind: p.problem === 'weekday' ? 'weekday' : p.problem === 'impossible' ? 'impossibleDate' : 'ambiguousDate', quotes: [quote(p)] });
  // A part that hands in one document is called what that is called: “Peer evaluation form – DOCX – due 30 April”.
  const fullLabel = (p: { label: string; start: number }): string => { const clause = clauses.find((c) => c.start <= p.start && p.start < c.end), own = documents.documents.filter((_, i) => clause && documents.spans[i]!.start >= clause.start && documents.spans[i]!.start < clause.end); return own.length === 1 && own[0]!.label?.toLowerCase().endsWith(` ${p.label.toLowerCase()}`) ? own[0]!.label : p.label; };
  brief.parts = times.parts.map((p) => ({ label: ownWords(fullLabel(p), p.start).replace(/\s{2,}/g, ' '), opens: p.opens, due: p.due }));
  for (const p of times.parts) evidence.push({ field: 'parts', ...quote(p) });
  if (brief.opens && brief.due && brief.opens > brief.due) {
    remarks.push({ field: 'due', kind: 'endBeforeStart', quotes: [...times.opens, ...times.due].map(quote) });
  }
  const holds = brief.extension ?? brief.due, end = holds === null ? null : instantOf(holds, zoneOfTimes(brief, now.zoneName), 'end');
  if (end !== null && now.isValid && end < now.toMillis()) remarks.push({ field: 'due', kind: 'past', quotes: times[brief.extension ? 'extension' : 'due'].map(quote) });
  for (const clause of clauses) for (const m of matchesIn(clause, /\b0\s?(?:MB|KB|GB|megabytes|words|pages)\b/gi)) if (!/[\d.,]$/.test(clause.text.slice(0, m.at - clause.start))) remarks.push({ field: 'limits', kind: 'zero', quotes: [{ quote: m[0], start: m.at, end: m.to }] });
  const attempts = readAttempts(all);
  brief.attempts.allowed = one('attempts.allowed', or(attempts.allowed, plain.allowed, (own) => firstOf(sensesOf.allowed(own), abroad.allowed(own, text))));
  brief.attempts.keeps = one('attempts.keeps', or(attempts.keeps, plain.keeps, (own) => firstOf(sensesOf.keeps(own), abroad.keeps(own, text))));
  const late = readLate(clauses), lateAbroad = readLateAbroad(clauses, text);
  brief.late.percentPerDay = one('late.percentPerDay', or(late.percentPerDay, plain.percentPerDay, (own) => firstOf(sensesOf.percentPerDay(own), lateAbroad.percentPerDay)));
  const latest = brief.due ?? times.parts.flatMap((p) => p.due ?? []).sort().at(-1) ?? null, lastDue = latest ? lastDay(latest) : null, dated = lastDue ? times.lateUntil.flatMap((s) => { const days = lastDay(s.value).diff(lastDue, 'days').days; return days > 0 || (days === 0 && s.value === latest) ? [{ ...s, value: days }] : []; }) : [], clauseAt = (at: number): number => clauses.findIndex((c) => c.start <= at && at < c.end), /* “From 1 April on no late work is accepted”: until then it is */ spans = [...late.cutoffDays.filter((s) => s.value !== 0 || !dated.some((d) => d.value > 0 && clauseAt(d.start) === clauseAt(s.start))), ...dated];
  brief.late.cutoffDays = one('late.cutoffDays', or(spans.length > 0 || !lastDue ? spans : daysToDate(clauses, lastDue), plain.cutoffDays.filter((s) => s.value > 0), (own) => firstOf(sensesOf.cutoffDays(own, plain.cutoffDays.filter((s) => isAboutPaper(sentenceOf(s))), brief.due), lateAbroad.cutoffDays, abroad.cutoffDays(own, text), brief.late.percentPerDay === null ? abroad.nothingLate(own, text) : [])));

  const layout = readLayout(clauses);
  // The large sheet of one of several documents is not that of all.
  brief.layout.pageSize = one('layout.pageSize', brief.documents.length > 1 ? layout.pageSize.filter((s) => !/^A[0-2]$/.test(s.value)) : layout.pageSize);
  brief.layout.marginMm = one('layout.marginMm', layout.marginMm);
  brief.layout.fontSizePt = one('layout.fontSizePt', layout.fontSizePt);
  brief.layout.lineSpacing = one('layout.lineSpacing', layout.lineSpacing);
  const bySide = readSideMargins(clauses), sides = one('layout.margins', bySide, (a, b) => JSON.stringify(a) === JSON.stringify(b));
  if (sides !== null) {
    brief.layout.margins = sides;
    // What one of the sides has is not the margin of all.
    if (!bySide.some((s) => s.rest) && !(sides.left !== undefined && sides.right !== undefined && new Set(Object.values(sides)).size === 1)) { brief.layout.marginMm = null; for (let i = evidence.length - 1; i >= 0; i--) if (evidence[i]!.field === 'layout.marginMm') evidence.splice(i, 1); }
  }
  const least = [...layout.atLeast].filter((field) => brief.layout[field] !== null);
  if (least.length > 0) brief.layout.atLeast = least;
  brief.layout.fonts = layout.fonts.map((f) => f.value);
  const open = readChoices(clauses);
  for (const field of ['fontSizePt', 'lineSpacing', 'marginMm'] as const) {
    const same = new Set(open[field].map((s) => JSON.stringify(s.value)));
    if (layout[field].length > 0 || same.size !== 1) continue;
    brief.layout.choices = { ...brief.layout.choices, [field]: open[field][0]!.value };
    for (const s of open[field]) evidence.push({ field: `layout.choices.${field}`, ...quote(s) });
  }
  const kind = one('layout.faceKind', open.faceKind);
  if (kind !== null) brief.layout.faceKind = kind;
  const lying = one('layout.orientation', open.orientation);
  if (lying !== null && brief.documents.length < 2) brief.layout.orientation = lying;
  if (layout.fonts.length > 0 && layout.fontsAreExamples) brief.layout.fontsAreExamples = true;
  for (const f of layout.fonts) evidence.push({ field: 'layout.fonts', ...quote(f) });
  brief.layout.pageNumbers = one('layout.pageNumbers', layout.pageNumbers);
  brief.referenceStyle = one('referenceStyle', firstOf(readReferenceStyle(clauses), abroad.referenceStyle(clauses, text)));
  const sections = readSections(clauses).filter((s, i, all) => all.findIndex((o) => o.value === s.value) === i);
  if (sections.length > 0) brief.sections = sections.map((s) => s.value);
  for (const s of sections) evidence.push({ field: 'sections', ...quote(s) });
  const shown = readShown(clauses).filter((s) => brief.anonymous !== true || !['surname', 'givenNames', 'username'].includes(s.value.field));
  if (shown.length > 0) brief.shown = shown.map((s) => s.value);
  for (const s of shown) evidence.push({ field: 'shown', ...quote(s) });
  const stated = readWordsStated(clauses);
  if (stated.length > 0) brief.statesWords = true;
  for (const s of stated) evidence.push({ field: 'statesWords', ...quote(s) });
  const archival = settle(readArchival(clauses), (a, b) => a.startsWith(b) || b.startsWith(a));
  if (archival.value !== null) brief.archival = archival.evidence.map((s) => s.value).sort((a, b) => b.length - a.length)[0]!;
  for (const s of archival.evidence) evidence.push({ field: 'archival', ...quote(s) });
  const counting = readCounting(clauses, all), pagesLeft = brief.limits.minPages !== null || brief.limits.maxPages !== null || brief.documents.some((d) => d.limits?.maxPages || d.limits?.minPages) ? readPagesLeft(clauses) : null;
  if (counting.counted.length + counting.left.length + (pagesLeft?.parts.length ?? 0) > 0) {
    brief.counting = { counted: counting.counted, left: counting.left, ...(pagesLeft && pagesLeft.parts.length > 0 ? { pagesLeft: pagesLeft.parts } : {}) };
    for (const e of [...counting.evidence, ...(pagesLeft?.evidence ?? [])]) evidence.push({ field: 'counting', ...quote(e) });
  }
  brief.evidence = evidence.sort((a, b) => a.start - b.start || a.end - b.end);
  return { brief, remarks };
}

/** A piece of a wording, with the rest of the words that it begins and ends in. */
function wholeWords(wording: string, start: number, end: number): { start: number; end: number } {
  const before = /\p{L}*$/u.exec(wording.slice(Math.max(0, start - 60), start))![0].length, behind = /^\p{L}*/u.exec(wording.slice(end, end + 60))![0].length;
  return { start: /^\p{L}/u.test(wording.slice(start)) ? start - before : start, end: /\p{L}$/u.test(wording.slice(start, end)) ? end + behind : end };
}
/** The day that a deadline closes: midnight is the end of the day before. */
const lastDay = (iso: string): DateTime => DateTime.fromISO(iso.slice(0, 10)).minus({ days: /T00:00(?::00)?(?!:?[1-9])/.test(iso) ? 1 : 0 });
/** A bare date and the same date with a time do not contradict each other. */
const sameTime = (a: string, b: string): boolean => a === b || (a.length === 10 && b.startsWith(a)) || (b.length === 10 && a.startsWith(b));
const mostExact = (statements: Statement<string>[], value: string): string => statements.map((s) => s.value).filter((v) => !isUnsettledDate(v) && sameTime(v, value)).sort((a, b) => b.length - a.length)[0] ?? value;

/** Which of several documents a limit belongs to: the one whose demand stands in the same clause, or whose name does. -1: to all. */
function ownerOf(s: { part?: string; start: number; end: number; clause: { text: string; start: number; end: number } }, spans: { start: number; end: number }[], documents: Brief['documents'], text: string): number {
  const inside = spans.map((span, i) => ({ i, span })).filter(({ span }) => span.start >= s.clause.start && span.start < s.clause.end);
  if (s.part) return documents.findIndex((d) => d.label?.toLowerCase().includes(s.part!));
  const at = s.start - s.clause.start, lead = s.clause.text.slice(0, at), bracketed = lead.split('(').length > lead.split(')').length;
  // “A 500-word summary as a Word file”.
  const behind = s.clause.text.slice(s.end - s.clause.start).toLowerCase(), adjective = documents.findIndex((d) => d.label !== null && (behind.startsWith(` ${d.label.toLowerCase()}`) || /^ [a-z]+ /.test(behind) && behind.replace(/^ [a-z]+/, '').startsWith(` ${d.label.toLowerCase()}`)));
  if (adjective >= 0 && /-(?:word|page)$/i.test(text.slice(s.start, s.end))) return adjective;
  // An item of a list that begins with its document is about that one alone.
  if (inside.length === 1 && inside[0]!.span.start - s.clause.start < 24 && (/^\W*(?:[a-z]+ )?[A-Z]?\d{1,2}[.):]/i.test(s.clause.text) || says(text.slice(text.lastIndexOf('\n', s.start) + 1, s.start), /^[ \t]*(?:[•▪◦*–-][ \t]|\p{Lu}[\p{L} -]{2,40}:)/u))) return inside[0]!.i;
  // “Model photos as JPG, each under 8 MB”.
  if (inside.length === 1 && inside[0]!.span.start < s.start && /s$/.test(documents[inside[0]!.i]!.label ?? '') && says(lead, /,? each (?:under|below|up to|max\w*|at most|no (?:more|larger|bigger) than|smaller than)\s*$/i)) return inside[0]!.i;
  // “15 photographs, JPEG, max. 5 MB each”.
  if (inside.length === 1 && inside[0]!.span.start < s.start && inside[0]!.span.start - s.clause.start < 8 && /s$/.test(documents[inside[0]!.i]!.label ?? '') && /^,? each\b(?! (?:file|document))/i.test(s.clause.text.slice(s.end - s.clause.start))) return inside[0]!.i;
  if (says(s.clause.text.slice(Math.max(0, at - 50), at), /\b(?:each|every|all|both|per file|any) (?!group|student|person|member|team|pair|pages?\b|sheets?\b|chapters?\b|slides?\b|figures?\b|tables?\b|photos?\b|pictures?\b|fonts?\b|sources?\b|images?\b|references\b|names?\b|details\b)(?:of the )?(?:files?|documents?)?\b|\bper (?:file|document)\b/i) || (!bracketed && says(s.clause.text.slice(s.end - s.clause.start), /^\W{0,2}(?:each|(?:per|for (?:each|every)) (?:file|document))\b/i))) return -1;
  // “One article of 2,200 words, plus three photographs”.
  if (inside.length === 1 && s.end < inside[0]!.span.start && /\bplus\b/i.test(s.clause.text.slice(s.end - s.clause.start, inside[0]!.span.start - s.clause.start))) return -1;
  // “The exhibition text (max 350 words) and one image (JPG, under 5 MB)”.
  const told = inside.length === 1 && s.end < inside[0]!.span.start ? documents.findIndex((d, i) => i !== inside[0]!.i && d.label !== null && new RegExp(`\\b${d.label.replace(/[^\p{L}\p{N} -]/gu, '.')}\\s*\\(?\\s*(?:of |with )?(?:(?:max(?:imum)?\\.?|up to|at most|no more than)\\s*)?$`, 'iu').test(lead)) : -1;
  if (told >= 0) return told;
  if (inside.length === 1) return inside[0]!.i;
  // “4,500 words, docx and pdf (both)”: one paper as two files.
  if (inside.length > 1 && inside.every(({ span }) => span.start === inside[0]!.span.start)) return -1;
  if (inside.length > 1) { const before = inside.filter(({ span }) => span.start <= s.start).at(-1); return (before ?? inside[0]!).i; }
  const placeOf = (name: string): number => s.clause.text.toLowerCase().lastIndexOf(name, s.start - s.clause.start), shortOf = (label: string): string | null => { const last = label.toLowerCase().split(' ').at(-1)!; return label.includes(' ') && last.length > 4 && documents.filter((d) => d.label?.toLowerCase().split(' ').at(-1) === last).length === 1 ? last : null; };
  // “Report max 4000 words, minutes max 5 pages”, where the minutes are the meeting minutes.
  const named = documents.map((d, i) => { const whole = d.label ? placeOf(rewritten(d.label.toLowerCase(), [/^(?:final|written|completed|signed|individual|your) /, ''])) : -1, short = d.label && whole < 0 ? shortOf(d.label) : null; return { i, at: short ? placeOf(short) : whole }; }).filter((x) => x.at >= 0);
  // “How long may the report be?” is about the project report where there is no other.
  const lastWord = (label: string | null): string => (label ?? '').toLowerCase().split(' ').at(-1)!, asked = named.length === 0 && s.clause.text.includes('?') ? documents.flatMap((d, i) => (d.label && new RegExp(`\\b${lastWord(d.label).replace(/\W/g, '')}\\b`, 'i').test(s.clause.text.slice(0, s.start - s.clause.start)) && documents.every((o, k) => k === i || lastWord(o.label) !== lastWord(d.label)) ? [i] : [])) : [];
  if (asked.length === 1) return asked[0]!;
  // “The report may not run to more than eight pages”, where the one report is the lab report.
  const subject = named.length === 0 ? firstIn(s.clause.text, /^\W*(?:(?:word |page )?(?:length|limit|extent|count): )?(?:the|your) ([a-z]+)\b/i)?.[1]?.toLowerCase() : undefined, ofSubject = subject ? documents.flatMap((d, i) => (lastWord(d.label) === subject ? [i] : [])) : [];
  if (ofSubject.length === 1) return ofSubject[0]!;
  // “The report must not be longer than 15 pages. … The scripts go in a zip.”: of several files only one has pages.
  const textKinds = new Set<Kind>(['pdf', 'docx', 'doc', 'odt', 'rtf', 'txt']), written = documents.flatMap((d, i) => (d.types.some((t) => textKinds.has(t)) ? [i] : []));
  if (named.length === 0 && written.length === 1 && documents.length > 1 && documents[written[0]!]!.label === null && subject !== undefined && says(subject, /^(?:report|essay|paper|thesis|dissertation|article|analysis)$/) && /(?:words?|pages?)$/i.test(text.slice(s.start, s.end))) return written[0]!;
  // “Maximum 50 MB for slides, 5 MB for essays”.
  const meant = firstIn(s.clause.text.slice(s.end - s.clause.start), /^\s*(?:each )?for (?:the |your )?([a-z]+)/i)?.[1]?.toLowerCase().replace(/s$/, ''), forIt = meant && meant.length > 2 ? documents.flatMap((d, i) => (d.label?.toLowerCase().replace(/s$/, '').endsWith(meant) ? [i] : [])) : [];
  if (forIt.length === 1) return forIt[0]!;
  // “The PDF max. 30 MB, the DOCX max. 1 MB”.
  const headOfLine = firstIn(text.slice(text.lastIndexOf('\n', s.start) + 1, s.start), /^\W*(PDF|DOCX|Word|ZIP) (?:limits?|max(?:imum)?|size|file|files)\b/i)?.[1]?.toLowerCase(), kind = headOfLine ?? [...eachIn(s.clause.text.slice(0, s.start - s.clause.start), /(?:\bthe |[:,;(]\s*|\band )(PDF|DOCX|Word|ZIP|HTML|CSV|XLSX)\b/gi)].at(-1)?.[1]?.toLowerCase(), ofKind = kind ? documents.flatMap((d, i) => (d.types.includes((kind === 'word' ? 'docx' : kind) as Kind) ? [i] : [])) : [];
  if (ofKind.length === 1) return ofKind[0]!;
  if (named.length > 0) return named.sort((a, b) => b.at - a.at)[0]!.i;
  // “… ONE report. Format: PDF. Limit: 100 MB.”: sentences on one line speak of one thing.
  const lineStart = text.lastIndexOf('\n', s.start) + 1, nextBreak = text.indexOf('\n', s.end), lineEnd = nextBreak < 0 ? text.length : nextBreak, onLine = spans.flatMap((span, i) => (span.start >= lineStart && span.start < lineEnd ? [i] : []));
  // “The file may not exceed 200 MB. Appendices are a file of their own.”: the file is the one that was spoken of before.
  const spoken = says(s.clause.text, /^\W*(?:§ ?\d+ )?(?:the|this) (?:file|document|pdf)\b/i) && onLine.length === 1 && spans[onLine[0]!]!.start > s.end ? spans.findLastIndex((span) => span.start < lineStart) : -1;
  if (spoken >= 0) return spoken;
  return onLine.length === 1 ? onLine[0]! : -1;
}
