import type { WordStream } from '../words.ts';
import { speakerBehindAbroad, speakersAbroad } from './abroad.ts';
import { aroundOf, endOfQuotation, type Around } from './around.ts';
import { noteNames, notesOf, sameAgain } from './notes.ts';
import { keysIn, numbersWith, sourceKeysIn } from './numbers.ts';
import { entriesOf, entriesTitled, entryMeans, entryNumbered, entryOf, type Entry } from './reference-list.ts';
import { byAuthor, byAuthorAndYear, byEntry, byShortTitle, byTitle, isName, namesOf } from './source-names.ts';
import { lastWorks, worksIn, type Work } from './works.ts';

/** Whether a citation stands with a passage and names the source that really matches: in brackets after it, in the sentence that leads in,
 * by number through the reference list, or in a footnote. @param start, end - of the passage in the paper's text */
export function isCited(paper: WordStream, start: number, end: number, source: WordStream): boolean {
  if (isCitedAt(paper, start, end, source)) return true;
  // What is cited behind a quotation is cited for all of it, also where only a piece of it was found.
  const whole = endOfQuotation(paper, end);
  return whole > end && isCitedAt(paper, start, whole, source);
}

function isCitedAt(paper: WordStream, start: number, end: number, source: WordStream): boolean {
  const around = aroundOf(paper, start, end), { lead, inside, follow, earlier, below, next } = around, near = `${lead} ${inside.slice(-120)} ${follow}`, named = namesIn(paper, source);
  // A passage may begin with the year of the citation that leads in, since the source's own head ends with it.
  if ([...lastWorks(`${lead}${/^(?:19|20)\d{2}[a-z]?\b/.exec(inside)?.[0] ?? ''}`), ...worksIn(`${inside.slice(-120)} ${follow}`), ...worksIn(next), ...dated(follow), ...worksIn(inside.slice(0, 60)).filter((w) => w.from < 3)].some(named.work)) return true;
  if (ledIn(around, named) || ledOut(follow, named) || bracketed(near, named)) return true;
  // “The matter is put clearly by Kessler (2014).” leads in what begins behind it.
  if (/^\W*$/.test(lead) && announced.test(earlier) && lastWorks(earlier).some(named.work)) return true;
  // “She writes that … (p. 3)” goes on with the work that the sentence before named.
  if (refersBack(around) && (lastWorks(earlier).some(named.work) || ledIn({ ...around, lead: earlier, inside: '' }, named) || spokenOf(earlier, named))) return true;
  // “(ibid.)” stands for the citation before it.
  if (sameAgain.test(/\([^()]*\)/.exec(follow)?.[0] ?? '')) { const before = [...paper.text.slice(Math.max(0, start - 3000), start + (/^[^()]{0,60}\)/.exec(inside)?.[0].length ?? 0)).matchAll(/\([^()]*\b(?:19|20)\d{2}[^()]*\)/g)].at(-1)?.[0]; if (before && worksIn(before).some(named.work)) return true; }
  if (byTitle(`${lead}\n${follow}`, source) || byShortTitle(near, source) || entriesTitled(paper, near).some(named.entry)) return true;
  if (keysIn(near).some(named.key) || sourceKeysIn(near).some(({ surname, year }) => named.authorAndYear(surname, year))) return true;
  const notes = notesOf(paper, start, end, follow);
  if (numbersWith(around, entriesOf(paper).some((e) => e.number !== null), notes.length > 0).some(named.number)) return true;
  return [...notes, ...(below ? [below] : [])].some((text) => noteNames(text, source));
}

interface Named { work: (work: Work) => boolean; author: (surname: string) => boolean; authorAndYear: (surname: string, year: string) => boolean; number: (n: number) => boolean; key: (key: string) => boolean; entry: (entry: Entry) => boolean }
/** How this paper may name a source. Where its reference list has the source, by its title, a citation means that entry and no other. */
function namesIn(paper: WordStream, source: WordStream): Named {
  const entries = entriesOf(paper), own = entryOf(paper, source);
  // A source that does not say when it appeared did so in the year of its entry.
  const isOther = (surname: string, year: string): boolean => own !== null && (namesOf(source).years.length === 0 && /\b(?:19|20)\d{2}\b/.test(own.text) && /^\d/.test(year) || entries.some((e) => e !== own && entryMeans(e, surname, year)));
  const authorAndYear = (surname: string, year: string): boolean => own !== null && entryMeans(own, surname, year) || byAuthorAndYear(source, surname, year) && !isOther(surname, year);
  return {
    entry: (entry) => (own !== null ? own === entry : byEntry(entry.text, source) && (namesOf(source).years.length === 0 || namesOf(source).years.some((y) => entry.text.includes(y)))),
    authorAndYear, author: (surname) => own !== null && entryMeans(own, surname, null) || byAuthor(source, surname),
    work: ({ surnames, years }) => surnames.some((s) => isName(s) && years.some((y) => authorAndYear(s, y))),
    number: (n) => (own !== null && own.number !== null ? own.number === n : byEntry(entryNumbered(paper, n), source)),
    key: (key) => (own !== null && own.key !== null ? own.key === key : byEntry(entries.find((e) => e.key === key)?.text ?? null, source)),
  };
}

const saying = 'argu|writ|stat|not|show|claim|suggest|explain|observ|point|find|found|demonstrat|report|maintain|describ|conclud|hold|put|remark|contend|emphasi|assert|wrote|held|propos|believ|insist|see|saw|say|said|speak|spoke|tell|told|call|warn|add|record|confirm|estimat|defin|regard|consider|agree|summari|reveal|discuss|mention|comment|state|rememb|recall|reflect|lament|admit|recount|relat|narrat|testif|stress|underlin|illustrat|identif|recogni|acknowledg|caution|declar|conced|posit|theori|hypothes|think|thought|express|captur|quot|highlight|ask';
const speaker = new RegExp(`\\b(?:[Aa]ccording to|[Aa]s|[Ff]or|[Ff]ollowing|[Ii]n the words of)\\s+(?:\\p{Lu}[\\p{L}.'’-]*\\s+)?(\\p{Lu}[\\p{L}'’-]+)(?=\\s|,|:)|\\b[Ii]n\\s+(\\p{Lu}[\\p{L}'’-]+(?:’s?|'s?))\\s+(?:\\p{Ll}+\\s+)?(?:view|words|account|opinion|study|analysis|reading|argument|terms|phrase|formulation|judgement)\\b|(\\p{Lu}[\\p{L}'’-]+)((?:\\s+(?:and|&|with)\\s+(?:\\p{Lu}[\\p{L}'’-]+|others|colleagues|(?:her|his|their)\\s+[a-z-]+)|\\s+et al\\.?)?)(?:,[^,.]{3,40},)?\\s+(?:\\p{Ll}+ly\\s+|has\\s+|have\\s+|also\\s+|once\\s+|goes on to\\s+)*(?:${saying})\\w*\\b`, 'gu');
/** Whatever the verb is: a name that a clause begins with, a few small words, and “that” or a colon at the end of what leads in. */
const subject = /(?:^|[.;:,–—“"(]\s*|\b(?:and|but|while|whereas|although|as|because|since|where|here|then|yet|so)\s+)(?:\p{Lu}[\p{L}.’'-]*\s+){0,2}(\p{Lu}[\p{L}'’-]+)(?:\s+(?:and|&|with)\s+(\p{Lu}[\p{L}'’-]+)|\s+et al\.?)?(?:,[^,.]{3,40},|,|\s+of\s+[^,.]{3,40}?)?(?:(?:\s+(?!that\b)\p{Ll}[\p{L}’'-]*){1,9}(?:(?:,\s+(?:namely|that is,?))?\s+(?:that|how|why|whether)\b|(?:\s+in\s+(?:19|20)\d{2})?\s*[:,]\s*[“"‘«„]?\s*$)|:\s*[“"‘«„]?\s*$)/gu;
/** A sentence that says whose words they are: “Kessler argues that …”, “According to Kessler, …”, “As Kessler puts it: …”. A year or a page may follow in
 * brackets. Of several who speak in it the last is meant. */
function ledIn({ lead, inside, follow }: Around, named: Named): boolean {
  const year = /\(\s*((?:19|20)\d{2}[a-z]?)\b[^()]*\)/.exec(follow)?.[1] ?? /^\W*(?:Already\s+)?[Ii]n\s+((?:19|20)\d{2}),?\s/.exec(lead)?.[1], sentence = `${lead}${inside.slice(0, 60)}`;
  const abroad = speakersAbroad.flatMap((pattern) => [...sentence.matchAll(pattern)]).map((m) => ({ to: m.index + m[0].length, names: [m[1]!] }));
  const said = [...sentence.matchAll(speaker)].map((m) => ({ to: m.index + m[0].length, names: [m[1] ?? m[2] ?? m[3]!, ...(m[4]?.match(/\p{Lu}[\p{L}'’-]+/gu) ?? [])] })), begun = [...`${lead}${/^(?:that|how|why|whether)\s/.exec(inside)?.[0] ?? ''}`.matchAll(subject)].map((m) => ({ to: m.index + m[0].length, names: [m[1]!, m[2] ?? ''] }));
  const speakers = [...said, ...abroad, ...begun].sort((a, b) => a.to - b.to).map(({ names }) => names.map((s) => s.replace(/['’]s?$/, '')).filter((s) => s !== '' && isName(s))).filter((s) => s.length > 0);
  return (speakers.at(-1) ?? []).some((s) => (year ? named.authorAndYear(s, year) : named.author(s)));
}
const behind = new RegExp(`^(?:[.”"’»“]{0,2}\\s*[,–—-]|,[”"’»“])\\s*(?:(?:as|so|or so|thus|at least)\\s+)??(?:(?:according to|in the words of|to quote|if we (?:believe|follow)|in|so(?=\\s+(?:\\p{Lu}[\\p{L}.’'-]*\\s+){0,2}\\p{Lu}[\\p{L}’'-]+\\s*(?:[.,;:(–—]|$))|(?:${saying})\\w*)\\s+(?:the\\s+)?(?:\\p{Lu}[\\p{L}.’'-]*\\s+){0,2}(\\p{Lu}[\\p{L}'’-]+)|(?:\\p{Lu}[\\p{L}.’'-]*\\s+)?(\\p{Lu}[\\p{L}'’-]+)(?:\\s+(?:and|&|with)\\s+\\p{Lu}[\\p{L}.’'-]+|\\s+et al\\.?)?\\s+(?:\\p{Ll}+ly\\s+|has\\s+|also\\s+)*(?:${saying}))`, 'u');
/** “…, writes Kessler.”, “…, as Kessler notes.”, “…, according to Kessler.”, “…: Kessler, p. 4.” */
function ledOut(follow: string, named: Named): boolean {
  const found = behind.exec(follow) ?? speakerBehindAbroad.exec(follow) ?? /^[.”"’]{0,2}\s*[:–—-]\s*(\p{Lu}[\p{L}'’-]+),?\s+(?:pp?\.\s*)?\d/u.exec(follow), name = (found?.[1] ?? found?.[2])?.replace(/['’]s?$/, '');
  return name !== undefined && isName(name) && named.author(name) && !worksIn(follow).some((w) => !named.work(w));
}
/** “(Kessler 14)”, “(Kessler, p. 14)”, “(Kessler)”, “(Kessler, Shorelines, 14)”: a surname in brackets with a page, a title or nothing. */
const bracketed = (text: string, named: Named): boolean => [...text.matchAll(/[([]([^()[\]]{2,80})[)\]]/g)].some((m) => m[1]!.split(/;\s*/).some((work) => { const surname = /^(?:see\s+|cf\.?\s+)?(?:(?:the\s+)?\p{Ll}{4,}\s+(?:by|of)\s+)?(\p{Lu}[\p{L}'’-]+)(?:\s+(?:and|&)\s+\p{Lu}[\p{L}'’-]+|\s+et al\.?)?(?:,\s+[‘“"]?\p{Lu}[^()\d;]{3,80}?)?(?:,?\s+(?:op|loc)\.\s?cit\.)?(?:,?\s+(?:pp?\.?\s*)?\d{1,3}(?:\s?[–-]\s?\d{1,3})?)?$/u.exec(work.trim())?.[1]; return surname !== undefined && isName(surname) && named.author(surname); }));

/** “(P. Raman, personal communication, 12 March 2026)”: who and when, with more between them. */
const dated = (text: string): Work[] => [...text.matchAll(/\(([^(),;]{2,60}),[^();]{3,80}\b((?:19|20)\d{2})[a-z]?\)/g)].map((m) => ({ surnames: m[1]!.match(/\p{Lu}[\p{L}'’-]+/gu) ?? [], years: [m[2]!], from: m.index, to: m.index + m[0].length }));

const pronoun = new RegExp(`^[\\s“"]*(?:(?:There|Later|Elsewhere|Further on|In (?:this|that|the same) \\w+),?\\s+)?(?:[Ss]he|[Hh]e|[Tt]hey|(?:[Tt]heir|[Hh]er|[Hh]is)\\s+(?:\\p{Ll}+\\s+)?(?:stud(?:y|ies)|articles?|reports?|papers?|books?|essays?|work|analysis|research|data|results|findings|survey)|(?:[Tt]he|[Tt]his|[Tt]hese)\\s+(?:same\\s+|two\\s+)?(?:authors?|stud(?:y|ies)|articles?|reports?|papers?|books?|essays?|writers?|researchers?|historians?|scholars?))\\s+(?:\\p{Ll}+\\s+){0,3}(?:${saying})`, 'u');
/** “Okafor opens with a memory.”: the sentence before is about one whom it begins with. */
function spokenOf(earlier: string, named: Named): boolean {
  const name = /(?:^|[.!?]\s+)(?:\p{Lu}[\p{L}.’'-]*\s+){0,2}?(\p{Lu}[\p{L}'’-]+?)(?:['’]s)?\s+(?:and\s+\p{Lu}[\p{L}'’-]+\s+)?\p{Ll}[^.!?]*[.!?]?\s*$/u.exec(earlier)?.[1];
  return name !== undefined && isName(name) && named.author(name);
}
/** A sentence about one whom the sentence before named, or a page alone in brackets. */
const inTheirView = /^[\s“"]*(?:In|For|To|According to|Through)\s+(?:her|his|their|the author['’]s)\s+(?:(?:own|later|earlier)\s+)?(?:views?|words?|opinion|account|reading|stud(?:y|ies)|essay|article|book|report|paper|analysis|telling|eyes|judge?ment|experience|mind)(?:,?\s*[“"‘']?|(?:,|\s)\s*[^.;:()“”"]{1,60})$/u, theySay = new RegExp(`^[.,!?”"’]{0,3}\\s*(?:(?:she|he|they|the authors?)\\s+(?:\\p{Ll}+ly\\s+)?(?:${saying})|(?:${saying})\\w*\\s+(?:she|he|the authors?)\\b)`, 'u');
const refersBack = ({ lead, follow }: Around): boolean => pronoun.test(lead) || inTheirView.test(lead) || theySay.test(follow) || /^[.,”"’]{0,2}\s*\((?:pp?\.|S\.)\s*\d[\d\s,–-]*\)/.test(follow);

/** A sentence that says who put it so, and ends with them or with what follows: “by Kessler (2014).”, “Kessler (2014) gives the following account.” */
const announced = /\b(?:the following|this)\s+(?:\p{Ll}+\s+)?(?:account|description|definition|explanation|summary|picture|answer|reasons?|example|list|passage|words)[.:]\s*$|\b(?:put|said|stated|described|summed up|summari[sz]ed|expressed|explained|formulated|captured|made|noted|shown)\b[^.!?]{0,40}\bby\s+[^.!?()]{2,80}\((?:19|20)\d{2}[^()]{0,20}\)[.:]?\s*$/u;
