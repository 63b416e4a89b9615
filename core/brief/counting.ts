import type { WordPart } from '../model/brief.ts';
import { partsWithPages } from '../words/bill.ts';
import { countedInContrast } from './counted-parts.ts';
import { clausesWith, matchesIn, type Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What the parts of a paper are called where a wording says what counts as its words. Common practice, no published source. */
const partNames: readonly [RegExp, WordPart][] = [
  [/(?<!in-text )references?(?: list)?|refs|lists? of works|reference lists?|list of references|(?:list of|source)s? sources?|sources? list|bibliograph(?:y|ies)|works cited/, 'references'], [/append(?:ix|ices)|annex(?:es)?/, 'appendices'], [/title pages?|cover (?:pages?|sheets?)|front page/, 'titlePage'],
  [/(?:tables? of )?contents|(?<=(?:without|excluding|counting|including|,) )lists(?=,| and\b)/, 'contents'], [/abstracts?|exec(?:utive|\.)? summary/, 'abstract'], [/(?:foot|end)notes?|notes/, 'footnotes'], [/tables(?! of)/, 'tables'], [/captions|legends|figures?/, 'captions'], [/(?:sub)?headings|titles/, 'headings'], [/(?:block |direct |long )?(?:quotations|quotes)/, 'quotations'],
];
const exactly = partNames.map(([pattern, part]) => ({ exact: new RegExp(`^(?:${pattern.source})$`, 'i'), part }));
exactly.push({ exact: /^cover$/i, part: 'titlePage' });
const anyPart = new RegExp(`(?<!\\ban? )\\b(?:${partNames.map(([p]) => p.source).join('|')}|(?<=[,:] |\\b(?:of|and|or|the|excluding|excludes|without|including|except) )cover(?=\\s*(?:[,.;)]|(?:and|or)\\b|$)))\\b`, 'gi');
const anyPartAtAll = new RegExp(anyPart.source, 'i');
/** Words that say whether what follows counts. */
const ahead = /\b(?<out>(?:(?:excluded|exempt(?:ed)?|left out|omitted) from (?:the|this|that|your) (?:word )?(?:count|limit|total|length|allowance)(?: (?:are|is))?|(?:not|n['’]t) (?:included|counted|part of (?:the|this) (?:word )?(?:count|limit|total))(?: in (?:the|this|that) (?:word )?(?:count|limit|total|length))?(?: (?:are|is))?)(?=\s*:|\s+(?:are|is|the)\b|(?<= (?:are|is)))|excluded(?=\s*:)|(?:(?:do|does|will) not|don['’]t|doesn['’]t|won['’]t|never) (?:count|include)(?= [a-z])(?! (?:towards?|against|as|in)\b)|without (?:counting|including)|net of|ignoring|disregarding|less(?= (?:the |your |any )?(?:references?|bibliograph))|excluding|excludes?|excl(?=\.|\s)|exclusive of|(?<=\bwords,? )plus(?! (?:or|and) minus|\/)|(?:not|n['’]t) (?:including|counting|include)|except(?:ing|ion of)?(?: for)?|(?:everything|all) (?:but|except|save)|apart from|other than|without|but not|(?<!\bplus (?:or|and|\/) |\bplus\/)minus|leav(?:es?|ing) out|omit(?:s|ting)?)\b|\b(?<in>including|incl(?=\.|\s)|inclusive of|counting|(?<=^\W*)(?:we|I) count|(?<=\b(?:word (?:count|limit|length|total)|limit|total|count)\b[^.]{0,30})includes?|(?<=[;,(]\s?(?:but |and )?|\bbut (?:it )?)includes|(?<=\b\d[\d,.]* words )include)\b/gi;
/** Words that say whether what stands before them counts. */
const behind = /\b(?:are|is|do|does|will|should|must|can|may)(?: be)?(?<not> not|n['’]t| never)?(?: be)? (?<verb>included|counted|count|excluded|left out|exempt|part)\b|(?<!\bword )\b(?<alone>count|counts)(?: towards?\b|(?=\s*[,.;)]))|\b(?:does|do)(?<bare> not|n['’]t)(?=\s*(?:[,.;)]|either\b|$))|(?<!\b(?:are|is|be|not) )\b(?<plainly>not (?=(?:included|counted)\b)|(?=excluded\b|omitted\b))(?:included|counted|excluded|omitted)\b|(?<!\b(?:are|is|be|not) )\b(?<listed>not)(?=\s*(?:[,.;)]|$))|(?<!\b(?:are|is|be|not) )\b(?<plainlyIn>included|counted)(?=\s*(?:[,.;()]|and\b|$))|\b(?<outside>outside (?:of )?(?:this|the|that) (?:word )?(?:count|limit|length|total)|(?:(?:are|is|come|comes|go|goes) )?(?:extra|on top|additional|in addition|separate)(?=\s*(?:[,.;)]|$|(?:to|of|from) (?:this|the|that|it)\b)))|(?<=\p{L}\s)(?<bareIn>do|does|are|is)(?=\s*(?:[.;)]|$))|(?<listedOut>(?:do|does|will) not fall under\b)/giu;

/** What a count, a limit or “it” takes in or leaves out. */
const countVerbs = String.raw`(?:(?<out>leaves? out|excludes?|omits?|ignores?|(?:does not|doesn['’]t|will not|won['’]t) (?:include|cover|take in|extend to|apply to|count)|disregards?|is exclusive of|is without|is net of|passes over|stops before)|(?<in>(?:does |will )?(?:covers?|includes?|takes? in|counts?|comprises?|extends? to|applies to|embraces?)|is inclusive of))\b`, countSays = new RegExp(String.raw`\b(?:(?:word[ -]?)?(?:count|limit|length|total|allowance)|(?:this|that|the) figure|(?<=(?:^|[;,]|\band|\bbut)\s*)(?:it|this|that))\s+(?:(?:only|also|therefore|already) )?${countVerbs}`, 'gi'), andSays = new RegExp(String.raw`\b(?:but|and|yet)(?: it)? (?:also )?${countVerbs}`, 'gi');

const bareVerbs = String.raw`(?:(?<out>excludes?|excluding|exclusive of|not (?:counting|including)|leav(?:es|ing) out|omit(?:s|ting)|but not|excl\.?|without)|(?<in>includes?|including|inclusive of|counting|covers?|covering|incl\.?))(?!\w)`, barely = new RegExp(String.raw`^\W*${bareVerbs}`, 'gi'), leadsBarely = new RegExp(String.raw`^\W*${bareVerbs}`, 'i'), thenBarely = new RegExp(String.raw`[,;]\s*(?:but |and )?${bareVerbs}`, 'gi');

export interface CountingRule { counted: WordPart[]; left: WordPart[]; evidence: { start: number; end: number }[] }

/** Which parts count among the words, as far as the wording says: “2,500 words excluding references”, “footnotes are included in the word count”.
 * A part that is said both to count and not to count stays open. */
export function readCounting(clauses: Clause[], all: Clause[] = clauses): CountingRule {
  const said = new Map<WordPart, Set<boolean>>(), evidence: CountingRule['evidence'] = [];
  // What counts is often said in the sentence behind the length.
  const besideLength = clauses.filter((c, i) => !says(c.text, /(?:\b|(?<=\d))words?\b|\b\d+ (?:pages|sides|minutes|MB)\b/i) && says(c.text, /\bcount(?:s|ed|ing)?\b|\bexclu|\binclu|\bexcept|\bextra\b|\bon top\b|\badditional\b|\boutside\b|\bomit|\bignor|\bleft out\b/i) && says(c.text, anyPartAtAll) && [clauses[i - 1], clauses[i - 2], clauses[i + 1]].some((o) => o !== undefined && says(o.text, /\b\d[\d.,]*\s?(?:-\s?)?words?\b|\bwords?\s?\(?[+±]|\bword (?:count|limit|length)/i)));
  for (const clause of clausesWith(clauses.filter((c) => !/\basked (?:if|whether)\b/i.test(c.text)), /(?:\b|(?<=\d))words?\b|\bword (?:count|limit|length)|\bcounts?\s*[,.;]/i).concat(besideLength, clauses.filter((c, i) => says(c.text, /^\W*(?:no,? )?(?:they|it) (?:do|does) not include\b/i) && says(clauses[i - 1]?.text ?? '', /\bwords? (?:count |limit )?includes?\b/i)), clauses.filter((c) => (says(c.text, /^[\p{L} ,-]{5,80} (?:(?:are|is) not|aren['’]t|isn['’]t) counted\W*$/iu) || /\bword (?:count|limit)\b/i.test(c.under ?? '') && c.text.length < 120) && !/(?:\b|(?<=\d))words?\b/i.test(c.text)), clauses.filter((c, i) => says(c.text, /^\W*[a-z ]{4,30} counts? towards? the (?:limit|total)\b/i) && /\bwords\b/i.test(clauses[i - 1]?.text ?? '')))) {
    const forward = [...matchesIn(clause, ahead)].map((m) => ({ at: m.at, to: m.to, counts: m.groups!.in !== undefined }));
    const back = [...matchesIn(clause, behind)].map((m) => ({ at: m.at, to: m.to, counts: m.groups!.outside === undefined && m.groups!.listedOut === undefined && m.groups!.bare === undefined && m.groups!.plainly === undefined && m.groups!.listed === undefined && (m.groups!.plainlyIn !== undefined || m.groups!.not === undefined) === !/excluded|left out|exempt/i.test(m.groups!.verb ?? ''), sure: m.groups!.outside !== undefined || m.groups!.bareIn !== undefined || m.groups!.listedOut !== undefined || m.groups!.alone !== undefined || m.groups!.bare !== undefined || m.groups!.plainly !== undefined || m.groups!.listed !== undefined || m.groups!.plainlyIn !== undefined }));
    if (forward.length + back.length === 0) continue;
    for (const m of matchesIn(clause, anyPart)) {
      const lead = forward.filter((f) => f.to <= m.at).at(-1), follow = back.find((b) => b.at >= m.to);
      // A list runs on from the word that leads it in; a full clause between ends it.
      const marker = lead && !back.some((b) => b.at > lead.to && b.to < m.at) ? lead : follow && (follow.sure || besideLength.includes(clause) && !follow.counts && clause.text.length < 110 || /\bword|\bcount|\blimit/i.test(clause.text.slice(follow.at - clause.start)) || /\bword (?:count|limit)\b/i.test(clause.under ?? '')) ? follow : null;
      const part = exactly.find((p) => says(m[0], p.exact))?.part;
      if (!marker || !part) continue;
      said.set(part, (said.get(part) ?? new Set()).add(marker.counts));
      evidence.push({ start: Math.min(marker.at, m.at), end: Math.max(marker.to, m.to) });
    }
  }
  // “In-text references are included in the word count; the reference list isn’t.”
  clauses.forEach((clause, i) => {
    const m = firstIn(clause.text, /^(?:and |but )?(?:[a-z -]{4,40} (?:are|is) (?:counted|included), )?(?:the |your )?([a-z -]{4,40}?) (?:isn['’]t|aren['’]t|is not|are not|does not|do not|doesn['’]t|don['’]t)\W*$/i), yes = firstIn(clause.text, /\bnot (?:counted|included)\b[^.;]{0,6},? (?:but )?(?:the )?(?:words in (?:the )?)?([a-z -]{4,30}?) (?:are|is|do|does)\W*$/i), other = yes && exactly.find((p) => says(yes[1]!.replace(/^the /i, ''), p.exact))?.part, part = m && exactly.find((p) => says(m[1]!, p.exact))?.part;
    if (other) { said.set(other, (said.get(other) ?? new Set()).add(true)); evidence.push({ start: clause.start, end: clause.end }); }
    // “Footnotes are included, references and appendices aren't.”
    if (m && !part && / and |, /.test(m[1]!) && /\b(?:counted|included), /i.test(clause.text)) for (const name of m[1]!.split(/ and |, /)) { const one = exactly.find((p) => says(name.replace(/^the /i, ''), p.exact))?.part; if (one) { said.set(one, (said.get(one) ?? new Set()).add(false)); evidence.push({ start: clause.start, end: clause.end }); } }
    if (part && says(clauses[i - 1]?.text ?? '', /\b(?:included|count(?:s|ed)?)\b[^.;]{0,30}\b(?:words?|word count|limit)\b|\bcounts?\W*$/i) || part && /\b(?:counted|included), /i.test(clause.text) && /\bwords\b/i.test(clauses[i - 1]?.text ?? '')) { said.set(part, (said.get(part) ?? new Set()).add(false)); evidence.push({ start: clause.start, end: clause.end }); }
  });
  // “2,500 words. The limit leaves out the reference list; it takes in footnotes and captions.”
  clauses.forEach((clause, i) => {
    if (!/(?:\b|(?<=\d))words?\b|\bcount\b/i.test(`${clauses[i - 2]?.text ?? ''} ${clauses[i - 1]?.text ?? ''} ${clause.text}`)) return;
    // “Word limit 15,000. Includes footnotes, excludes the bibliography.”
    const bare = /(?:\b|(?<=\d))words?\b/i.test(clause.text) || !/(?:\b|(?<=\d))words?\b/i.test(clauses[i - 1]?.text ?? '') && !says(clauses[i - 1]?.text ?? '', leadsBarely) ? [] : [...matchesIn(clause, barely)];
    const subject = bare.length > 0 ? [...bare, ...matchesIn(clause, thenBarely)] : [...matchesIn(clause, countSays)], verbs = subject.length > 0 ? [...subject, ...matchesIn(clause, andSays)].sort((a, b) => a.at - b.at) : [];
    verbs.forEach((verb, k) => { for (const m of matchesIn(clause, anyPart)) {
      const part = exactly.find((p) => says(m[0], p.exact))?.part;
      if (!part || m.at < verb.to || m.at >= (verbs[k + 1]?.at ?? Infinity) || says(clause.text.slice(verb.to - clause.start, m.at - clause.start), /\b(?:not|n['’]t|except|exclud\w+|exclusive|exempts?|without|includ\w+|covers?|plus(?! (?:or|and) minus|\/)|omit\w*|leav\w+ out)\b/i)) continue;
      said.set(part, (said.get(part) ?? new Set()).add(verb.groups!.out === undefined)); evidence.push({ start: verb.at, end: m.to });
    } });
  });
  // “What counts : main text and footnotes; not the bibliography”.
  clauses.forEach((clause, i) => {
    const label = firstIn(clause.text, /^\W*what counts(?: as words| towards? the (?:limit|word count|total))?\s*[:?]\s*/i), next = clauses[i + 1];
    if (!label) return;
    for (const [c, counts] of [[clause, true], ...(next && /^not\b/i.test(next.text) ? [[next, false] as const] : [])] as [Clause, boolean][]) for (const m of matchesIn(c, anyPart)) { const part = exactly.find((p) => says(m[0], p.exact))?.part; if (part) { said.set(part, (said.get(part) ?? new Set()).add(counts && !/\bnot\b[^,;]*$/i.test(c.text.slice(0, m.at - c.start)))); evidence.push({ start: c.start, end: m.to }); } }
  });
  // “Does the count include footnotes? Yes. Quotations? Yes. Bibliography, captions? No.”
  all.forEach((clause, i) => {
    const asksSo = /\b(?:word )?(?:count|limit)\b[^?]{0,20}\binclud|\b(?:do|does|are|is)\b[^?]{0,60}\b(?:count(?:ed)?|included)\b[^?]{0,30}\?|\b(?:does|do) (?:that|this|it|they|the (?:words|length|total|\w+ words)) include\b[^?]{0,60}\?/i;
    if (!clause.asks || clause.asks === 'open' || clause.text.length > 120) return;
    const first = all[i - 2], goesOn = first?.asks !== undefined && first.asks !== 'open' && says(first.text, asksSo) || all[i - 4]?.asks !== undefined && says(all[i - 4]!.text, asksSo);
    if (!says(clause.text, asksSo) && !(goesOn && says(clause.text, /^\W*(?:Q\s*[:.]\s*)?(?:and )?(?:the )?[\p{L} ,/-]{4,60}\?\W*$/iu))) return;
    // “No. Footnotes yes.”
    for (const c of all.slice(i + 1, i + 4)) { const m = firstIn(c.text, /^\W*(?:but |and )?(?:the )?([a-z -]{4,30}?),? (yes|no)\W*$/i), part = m && exactly.find((p) => says(m[1]!, p.exact))?.part; if (part && !c.asks) { said.set(part, (said.get(part) ?? new Set()).add(/yes/i.test(m[2]!))); evidence.push({ start: c.start, end: c.end }); } }
    for (const m of matchesIn(clause, anyPart)) { const part = exactly.find((p) => says(m[0], p.exact))?.part; if (part) { said.set(part, (said.get(part) ?? new Set()).add(clause.asks === 'yes')); evidence.push({ start: clause.start, end: clause.end }); } }
  });
  const contrasted = countedInContrast(clauses, (words) => [...words.matchAll(new RegExp(anyPart.source, 'gi'))].flatMap((m) => exactly.find((p) => says(m[0], p.exact))?.part ?? []));
  for (const { part } of contrasted) said.delete(part);
  for (const { part, counts, start, end } of contrasted) { said.set(part, (said.get(part) ?? new Set()).add(counts)); evidence.push({ start, end }); }
  const settled = (counts: boolean): WordPart[] => [...said].filter(([, s]) => s.size === 1 && s.has(counts)).map(([part]) => part);
  return { counted: settled(true), left: settled(false), evidence };
}

/** “12 pages”, “a ten-page report”; not “title page”. */
const inPages = /(?<=(?:\d|\b(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty))[ \u00a0-]{1,3})(?:pages?|sides?)\b/gi, inWords = /(?<=\d[ \u00a0-]{1,3})words?\b/i;

/** Which parts a number of pages leaves out: “12 to 15 pages, not counting the title page and the bibliography”. It is said as it is of words. */
export function readPagesLeft(clauses: Clause[]): { parts: WordPart[]; evidence: CountingRule['evidence'] } {
  if (!clauses.some((c) => c.text.search(inPages) >= 0)) return { parts: [], evidence: [] };
  const asWords = clauses.filter((c) => !says(c.text, inWords) || c.text.search(inPages) >= 0).map((c) => ({ ...c, text: c.text.replace(inPages, (unit) => (/s$/i.test(unit) ? 'words' : 'word')) }));
  const { left, evidence } = readCounting(asWords);
  const parts = left.filter((part) => partsWithPages.includes(part));
  return { parts, evidence: parts.length > 0 ? evidence : [] };
}
