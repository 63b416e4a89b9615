import type { WordStream } from '../words.ts';
import { aroundOf, endOfQuotation, type Around } from './around.ts';
import { noteNames, notesOf } from './notes.ts';
import { entriesOf, entryKey, entryMeans, entryNumbered, entryOf } from './reference-list.ts';
import { byAuthor, byAuthorAndYear, byEntry, byShortTitle, byTitle, isName } from './source-names.ts';
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
  if ([...lastWorks(`${lead}${/^(?:19|20)\d{2}[a-z]?\b/.exec(inside)?.[0] ?? ''}`), ...worksIn(`${inside.slice(-120)} ${follow}`), ...worksIn(next), ...dated(follow)].some(named.work)) return true;
  if (ledIn(around, named) || bracketed(near, named)) return true;
  // “The matter is put clearly by Kessler (2014).” leads in what begins behind it.
  if (/^\W*$/.test(lead) && announced.test(earlier) && lastWorks(earlier).some(named.work)) return true;
  // “She writes that … (p. 3)” goes on with the work that the sentence before named.
  if (refersBack(around) && (lastWorks(earlier).some(named.work) || ledIn({ ...around, lead: earlier, inside: '' }, named))) return true;
  // “(ibid.)” stands for the citation before it.
  if (/\(\s*ibid\b/i.test(follow)) { const before = [...paper.text.slice(Math.max(0, start - 3000), start).matchAll(/\([^()]*\b(?:19|20)\d{2}[^()]*\)/g)].at(-1)?.[0]; if (before && worksIn(before).some(named.work)) return true; }
  if (byTitle(`${lead}\n${follow}`, source) || byShortTitle(near, source)) return true;
  // A reference list that is numbered without square brackets is cited in round ones.
  const round = entriesOf(paper).some((e) => e.number !== null) ? /^[”"’]?\s*\((\d{1,3}(?:\s*[,–-]\s*\d{1,3})*)\)/.exec(follow)?.[1] : undefined;
  if (keysIn(near).some(named.key)) return true;
  if ([...numbersIn(near), ...(round ? spread(round) : [])].some(named.number)) return true;
  return [...notesOf(paper, start, end, follow), ...(below ? [below] : [])].some((text) => noteNames(text, source));
}

interface Named { work: (work: Work) => boolean; author: (surname: string) => boolean; authorAndYear: (surname: string, year: string) => boolean; number: (n: number) => boolean; key: (key: string) => boolean }
/** How this paper may name a source. Where its reference list has the source, by its title, a citation means that entry and no other. */
function namesIn(paper: WordStream, source: WordStream): Named {
  const entries = entriesOf(paper), own = entryOf(paper, source);
  const authorAndYear = (surname: string, year: string): boolean => own !== null && entryMeans(own, surname, year) || byAuthorAndYear(source, surname, year) && !(own !== null && entries.some((e) => e !== own && entryMeans(e, surname, year)));
  return {
    authorAndYear, author: (surname) => own !== null && entryMeans(own, surname, null) || byAuthor(source, surname),
    work: ({ surnames, years }) => surnames.some((s) => isName(s) && years.some((y) => authorAndYear(s, y))),
    number: (n) => (own !== null && own.number !== null ? own.number === n : byEntry(entryNumbered(paper, n), source)),
    key: (key) => (own !== null && own.key !== null ? own.key === key : byEntry(entries.find((e) => e.key === key)?.text ?? null, source)),
  };
}

const saying = 'argu|writ|stat|not|show|claim|suggest|explain|observ|point|find|found|demonstrat|report|maintain|describ|conclud|hold|put|remark|contend|emphasi|assert|wrote|held|propos|believ|insist|see|saw|say|said|speak|spoke|tell|told|call|warn|add|record|confirm|estimat|defin|regard|consider|agree|summari|reveal|discuss|mention|comment|state|rememb|recall|reflect|lament|admit|recount|relat|narrat|testif|stress|underlin|illustrat|identif|recogni|acknowledg|caution|declar|conced|posit|theori|hypothes|think|thought|express|captur|quot|highlight|ask';
const speaker = new RegExp(`\\b(?:[Aa]ccording to|[Aa]s|[Ff]or|[Ff]ollowing|[Ii]n the words of)\\s+(?:\\p{Lu}[\\p{L}.'’-]*\\s+)?(\\p{Lu}[\\p{L}'’-]+)(?=\\s|,|:)|\\b[Ii]n\\s+(\\p{Lu}[\\p{L}'’-]+(?:’s?|'s?))\\s+(?:\\p{Ll}+\\s+)?(?:view|words|account|opinion|study|analysis|reading|argument|terms|phrase|formulation|judgement)\\b|(\\p{Lu}[\\p{L}'’-]+)((?:\\s+(?:and|&|with)\\s+(?:\\p{Lu}[\\p{L}'’-]+|others|colleagues|(?:her|his|their)\\s+[a-z-]+)|\\s+et al\\.?)?)(?:,[^,.]{3,40},)?\\s+(?:\\p{Ll}+ly\\s+|has\\s+|have\\s+|also\\s+|once\\s+|goes on to\\s+)*(?:${saying})\\w*\\b`, 'gu');
/** A sentence that says whose words they are: “Kessler argues that …”, “According to Kessler, …”, “As Kessler puts it: …”. A year or a page may follow in
 * brackets. Of several who speak in it the last is meant. */
function ledIn({ lead, inside, follow }: Around, named: Named): boolean {
  const year = /\(\s*((?:19|20)\d{2}[a-z]?)\b[^()]*\)/.exec(follow)?.[1] ?? /^\W*(?:Already\s+)?[Ii]n\s+((?:19|20)\d{2}),?\s/.exec(lead)?.[1], sentence = `${lead}${inside.slice(0, 60)}`;
  const speakers = [...sentence.matchAll(speaker)].map((m) => [m[1] ?? m[2] ?? m[3]!, ...(m[4]?.match(/\p{Lu}[\p{L}'’-]+/gu) ?? [])].map((s) => s.replace(/['’]s?$/, '')).filter(isName)).filter((s) => s.length > 0);
  return (speakers.at(-1) ?? []).some((s) => (year ? named.authorAndYear(s, year) : named.author(s)));
}
/** “(Kessler 14)”, “(Kessler, p. 14)”, “(Kessler)”, “(Kessler, Shorelines, 14)”: a surname in brackets with a page, a title or nothing. */
const bracketed = (text: string, named: Named): boolean => [...text.matchAll(/\(([^()]{2,80})\)/g)].some((m) => m[1]!.split(/;\s*/).some((work) => { const surname = /^(?:see\s+|cf\.?\s+)?(\p{Lu}[\p{L}'’-]+)(?:\s+(?:and|&)\s+\p{Lu}[\p{L}'’-]+|\s+et al\.?)?(?:,\s+[‘“"]?\p{Lu}[^()\d;]{3,80}?)?(?:,?\s+(?:op|loc)\.\s?cit\.)?(?:,?\s+(?:pp?\.?\s*)?\d{1,3}(?:\s?[–-]\s?\d{1,3})?)?$/u.exec(work.trim())?.[1]; return surname !== undefined && isName(surname) && named.author(surname); }));

/** “(P. Raman, personal communication, 12 March 2026)”: who and when, with more between them. */
const dated = (text: string): Work[] => [...text.matchAll(/\(([^(),;]{2,60}),[^();]{3,80}\b((?:19|20)\d{2})[a-z]?\)/g)].map((m) => ({ surnames: m[1]!.match(/\p{Lu}[\p{L}'’-]+/gu) ?? [], years: [m[2]!], from: m.index, to: m.index + m[0].length }));

const pronoun = new RegExp(`^[\\s“"]*(?:(?:There|Later|Elsewhere|Further on|In (?:this|that|the same) \\w+),?\\s+)?(?:[Ss]he|[Hh]e|[Tt]hey|(?:[Tt]heir|[Hh]er|[Hh]is)\\s+(?:\\p{Ll}+\\s+)?(?:stud(?:y|ies)|articles?|reports?|papers?|books?|essays?|work|analysis|research|data|results|findings|survey)|(?:[Tt]he|[Tt]his|[Tt]hese)\\s+(?:same\\s+|two\\s+)?(?:authors?|stud(?:y|ies)|articles?|reports?|papers?|books?|essays?|writers?|researchers?|historians?|scholars?))\\s+(?:\\p{Ll}+\\s+){0,3}(?:${saying})`, 'u');
/** A sentence about one whom the sentence before named, or a page alone in brackets. */
const refersBack = ({ lead, follow }: Around): boolean => pronoun.test(lead) || /^[.,”"’]{0,2}\s*\((?:pp?\.|S\.)\s*\d[\d\s,–-]*\)/.test(follow);

/** A sentence that says who put it so, and ends with them. */
const announced = /\b(?:put|said|stated|described|summed up|summari[sz]ed|expressed|explained|formulated|captured|made|noted|shown)\b[^.!?]{0,40}\bby\s+[^.!?()]{2,80}\((?:19|20)\d{2}[^()]{0,20}\)[.:]?\s*$/;

/** The keys in square brackets: “[BZ19]”, “[Hal04, p. 3; BZ19]”. */
const keysIn = (text: string): string[] => [...text.matchAll(/\[([^\][\n]{3,80})\]/g)].flatMap((m) => m[1]!.match(new RegExp(`(?<![\\p{L}\\d])${entryKey}(?![\\p{L}\\d])`, 'gu')) ?? []);
/** The numbers in square brackets: “[3]”, “[1, 3]”, “[1]–[3]”, “[2, p. 14]”. */
const numbersIn = (text: string): number[] => [...text.replace(/\]\s*([,–-])\s*\[/g, '$1').matchAll(/\[(\d{1,3}(?:\s*[,;–-]\s*\d{1,3})*)(?:[,\s][^\]]{0,40})?\]/g)].flatMap((m) => spread(m[1]!));
const spread = (list: string): number[] => list.split(/[,;]/).flatMap((piece) => { const [from, to] = piece.split(/[–-]/).map(Number) as [number, number?]; return Array.from({ length: Math.min(60, Math.max(1, (to ?? from) - from + 1)) }, (_, i) => from + i); });
