import { isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

/** What places for files are called, whoever runs them. Compiled by hand. */
const kind = '(?:(?:drop|in|mail|letter)[ -]?box|drop[ -]?zone|box|folder|(?:sub-?)?directory|sub-?folder|area|link|page|slot|tray|tile|tab|section|room|channel|forum|portal|point|(?:work)?space|activity|assignment|task|form|button|locker|basket|queue|drive|shelf|site|place)';
const whose = '(?:(?:hand-?in|submission|upload|drop(?:-?off)?|assignment|assessment|course|module|class|shared|online|digital|return|collection|project) )?';
const name = '[“"‘]([^”"’\\n]{3,80})[”"’]';
/** “The folder called “Essay 1””, “the “Essay 1” tile”. */
const called = new RegExp(`\\b${whose}${kind}\\b,?(?: (?:that is |which is )?(?:called|named|labelled|labeled|titled|entitled|marked|headed|with the (?:name|title)))?\\s*:?\\s*${name}|${name} ${whose}${kind}\\b`, 'gi');
const months = 'Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec';
const capital = "(?:[A-Z][\\p{L}\\d&’'/-]*|\\d{1,4})";
/** “The Fieldwork tray”, “our Essay 2 (Resit) slot”: a name without quotation marks is capitalised. Kinds that a paper has itself (sections, tables' tabs) or that are walked into are not asked for so. */
const fileKind = '(?:(?:[Dd]rop|[Ii]n|[Mm]ail|[Ll]etter)[ -]?[Bb]ox|[Dd]rop[ -]?[Zz]one|[Bb]ox|(?:[Ss]ub-?)?[Ff]older|[Dd]irectory|[Aa]rea|[Ll]ink|[Ss]lot|[Tt]ray|[Tt]ile|[Cc]hannel|[Pp]ortal|[Pp]oint|[Ss]pace|[Ww]orkspace|[Ll]ocker|[Bb]asket|[Qq]ueue|[Ss]helf|[Pp]age|[Ss]ection|[Tt]ab)';
const capitalised = new RegExp(`\\b(?:in|into|to|via|through|using|under|at|on|[Uu]se|:)\\s+(?:[Tt]he |[Oo]ur |[Tt]his )?(?!The |Our |This |[\\d.]+ [Pp]|(?:Course|Module|Class|Unit|Student|Title|Cover|Front|PDF|Word|A4|Section|Chapter|Table|Figure|Page|(?:${months})[a-z]*|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day) (?:[a-z]|\\d))(${capital}(?:(?: of| and| for| the| in| &| [–—-])? ${capital})*(?: \\([A-Z][\\w ]{2,20}\\))? ${whose}${fileKind})\\b`, 'gu');
/** “The thesis portal”, “our lab report folder”: places that are called after what goes into them. “The course portal” is any. */
const ofWork = new RegExp(`\\b(?:in|into|to|via|through|using|at|on(?! the [\\w ]* system\\b)) (?:the|our) ((?:(?:lab|field|case|term|seminar|research|final|project|graduate|master|bachelor|doctoral|undergraduate|postgraduate|bachelor['’]s|master['’]s) ){0,2}(?:thes[ie]s|dissertations?|essays?|reports?|coursework|papers?|portfolios?|proposals?|projects?|exam|examinations?|school|library|faculty|department(?:al)?|journals?|reviews?|posters?|(?:e-?)?assessments?|assignments?|coursework) (?:(?:hand-?in|upload|drop) )?(?:portal|platform|(?:drop ?|in|mail)?box|folder|area|tray|slot|drop zone|repository|archive|system|web ?site|locker|space|channel|tile))\\b(?! (?:of|for)\\b)`, 'gi');
/** “Through the Faculty Office's deposit page”, “through the upload form of the Registry”: a page that is for handing in, with its owner. */
const forSending = '(?:online |electronic )?(?:deposit|upload|submission|hand-?in|e-?submission|lodg(?:e)?ment) (?:page|form|portal|site|website|service|system|link|folder|box|area)';
const owned = new RegExp(`\\b(?:via|through|using|use|on|at|to|in|into) (?:the|our) ((?:[\\p{L}&’'-]+ ){0,4}?(?!group|team|pair|student|author|candidate|course|module|class)[\\p{L}-]+(?:[’']s|s[’']) ${forSending}|${forSending} of the ${capital}(?: (?:of |for |and )?${capital}){0,4})(?![\\w-])`, 'gu');
/** What “Where do I hand it in?” is answered with: “Via the portfolio area on the course page.” Areas and pages of a whole course are any. */
const whereAsked = /\b(?:where|how)\b[^?]*\b(?:hand|upload|submit|send|put|go(?:es)?|deliver|file|post|lodge)\b[^?]*\?\W*$/i;
const answered = new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:(?:only |electronically|online|digitally|just |please ),? ?)*(?:(?:you )?(?:upload|submit|hand|put|send|drop|place|post) (?:it|them|your \\w+|the \\w+|everything) (?:in )?)?(?:(?:via|in|to|through|use|into|under|on|using) )?(?:the|our) (?!(?:course|module|class|unit|student|online|virtual|usual|same|web|university|college|school|main|normal|right|correct) ${fileKind}\\b)((?:[\\p{L}\\d][\\p{L}\\d’'&-]* ){1,4}${fileKind})(?= (?:on|of|in) (?:the|our) |[ ,]*please|\\s*[.!,;(]|$)`, 'iu');
/** “Under Essay 2 on the course page.” “Under the heading “Essay 2”.” */
const answeredByName = new RegExp(`^\\W*(?:A(?:nswer)?\\s*[:.]\\s*)?(?:[Ii]n|[Ii]nto|[Uu]nder|[Tt]o|[Vv]ia|[Aa]t) (?:(?:the |our )?(?:heading|header|title|name|label|tab|link|item|menu|entry) ${name}|(${capital}(?: ${capital}){0,4})(?= (?:on|in|of) the (?:\\w+ )?(?:page|site|portal|platform|website)\\b))`, 'u');

/** “Box B”, “locker 4”, “folder C”. */
const numbered = /\b((?:[Dd]rop ?[Bb]ox|[Bb]ox|[Ff]older|[Ll]ocker|[Tt]ray|[Ss]lot|[Ii]nbox|[Dd]rop [Zz]one|[Aa]rea|[Cc]hannel|[Ss]helf|[Bb]asket|[Tt]ile|[Tt]ab|[Ss]pace|[Ll]ink|[Pp]ortal|[Ss]ubmission [Pp]oint|[Uu]pload [Aa]rea|[Hh]and-in [Ff]older) (?:[A-Z]|\d{1,3}))\b(?![.’']\w)/g;
/** That something is handed in. */
const sending = '(?:submi\\w+|lodg\\w+|leave|post|hand(?:s|ed|ing)?[ -]?(?:it |them |your \\w+ |everything |all \\w+ )?(?:in|over)|upload\\w*|turn(?:ed)? (?:it |your \\w+ )?in|deliver\\w*|deposit\\w*|drop(?:ped)?|put|place[ds]?|go(?:es)?|collect\\w*|return\\w*|sen[dt]|belongs?|due|deadline|where)';
/** That it is there, and, more plainly, beyond words that may be said of anything in a course. */
const handedIn = new RegExp(`\\b(?:${sending}|use|essays?|papers?|reports?|thes[ei]s|portfolios?|files?|your work|pdfs?)\\b`, 'i'), sent = new RegExp(`\\b(?:${sending}|still|use\\b[^.;]* for (?:your|the|this|all))\\b|^\\W*(?:please,? )?(?:an? |one |the )?(?:single )?(?:pdf|word (?:file|document)|docx)\\b`, 'i');
/** What is fetched, asked or talked about there. */
const otherThings = /\b(?:slides?|recordings?|readings?|handouts?|templates?|rubrics?|guidelines?|instructions?|questions?|announcements?|help|support|feedback|discuss\w*|sign[ -]?up|book(?:ing)?|regist\w+|download\w*|examples?|samples?|timetables?|materials?|syllabus|lectures?|problems?|drafts?|practi[cs]e|marks?|grades?|results|topics?|titles (?:are|can|will)|criteria|(?:I|we) (?:will |have )?(?:upload|post|put|publish)\w*)\b/i;

/** The place by the kind of thing it is: asked where no better wording names one. */
export function readPlaceByKind(clauses: Clause[]): Statement<string>[] {
  return clauses.flatMap((clause, i) => {
    // “How to submit”, and below it “in “Essay 2” on the course page”.
    const below = says(clause.under ?? '', /\b(?:submit|submission|hand(?:ing)?[ -]in|upload)\b/i) ? new RegExp(`^\\W*(?:in|into|under|via|to|at|through) ${name}`).exec(clause.text) : null;
    if (below && !/\.\w{2,4}$/.test(below[1]!)) { const at = clause.start + below[0].indexOf(below[1]!); return [{ value: below[1]!, start: at, end: at + below[1]!.length, override: isCorrection(clause) }]; }
    const named = says(clause.under ?? '', whereAsked) ? firstIn(clause.text, answered) ?? firstIn(clause.text, answeredByName) : null;
    if (named) { const value = (named[1] ?? named[2])!, at = clause.start + named[0].lastIndexOf(value); return [{ value, start: at, end: at + value.length, override: isCorrection(clause) }]; }
    // “The link “Groups 1–4” or “Groups 5–8””: which one is not said.
    if (/[”"’],? (?:or|and) [“"‘]/.test(clause.text)) return [];
    const quoted = [...matchesIn(clause, called)], found = (quoted.length > 0 ? quoted : [...matchesIn(clause, owned), ...matchesIn(clause, ofWork), ...matchesIn(clause, capitalised), ...matchesIn(clause, numbered)]).filter((m) => {
      const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start), outside = rewritten(`${before} ${m[0].replace(/[“"‘][^”"’]*[”"’]/g, '')} ${after}`, [/\(?\b(?:not|never) (?:in |into |to |via )?(?:the |our )?[^().;,]{3,40}(?:\)|$|(?=[.;,]))/gi, '']), value = m[1] ?? m[2]!;
      if (/\w_\w|\.\w{2,4}$/.test(value) || says(outside.replace(/[“"‘][^”"’\n]*[”"’]/g, ''), otherThings)) return false;
      if (says(before, /\b(?:not(?! (?:larger|bigger|longer|more|exceed\w*|later|over|less|fewer|under|above|beyond|scanned|zipped)\b)|never|n['’]t|instead of|rather than|other than|wrong|old|former|except)\b[^.;“"]{0,40}$/i) || says(after, /^[^.;“"]{0,30}\b(?:is|are|was|has been|will (?:stay|remain|be)|stays|remains) (?:closed|locked|gone|no longer|not (?:in use|used)|out of use|(?:only |just )?for (?:drafts|practice))\b/i)) return false;
      // “Soils of the Upper Rhine area”; “write your name in the Student ID box”: names without quotation marks are those of many things.
      if (quoted.length === 0 && (!says(/^\W*$/.test(before) ? `${clauses[i - 1]?.text ?? ''} ${outside}` : outside, sent) || says(before, /\b(?:type|enter|write|fill|tick|check|mark|save|state|name|covers?|about|describe[sd]?|welcome)\b[^.;]{0,40}$/i) || says(value, /\b(?:ID|Name|Number|Title|Notes|Comments?|E-?mail|Declaration|Work|Style|Use)\b/) || says(after, /^ (?:of|on) (?:the |this |your )?(?:\w+ )?(?:form|sheet|book(?:let)?|paper|page|template)\b/i))) return false;
      // “Fill in the form “Choice of topic””: a form is a place only where something goes through it.
      if (/^form\b/i.test(m[0]) && !says(before, /\b(?:via|through|using|with|in|into|under) (?:the |our )?(?:\w+ )?$/i)) return false;
      // “Assignment: “Policy memo””: so is the work called.
      if (says(m[0], /^(?:assignment|task|activity)\b|[”"’] (?:assignment|task|activity)$/i) && !says(m[0], /\b(?:called|named|labelled|titled|entitled)\b/i) && !says(before, /\b(?:via|through|using|use|in|into|to|under) (?:the |our )?$/i)) return false;
      return quoted.length === 0 || says(outside, handedIn) || /^\W*$/.test(before) && /^\W*$/.test(after) || says(clauses[i + 1]?.text ?? '', /^\W*(?:please )?(?:then )?(?:upload|submit|hand|put|drop|send)\b/i);
    }).at(-1);
    if (!found) return [];
    const value = (found[1] ?? found[2])!, at = found.at + found[0].indexOf(value);
    return [{ value, start: at, end: at + value.length, override: isCorrection(clause) }];
  });
}

const goesOn = /^((?: (?!and\b|or\b|in\b|on\b|to\b|by\b|as\b|at\b|is\b|with\b|for\b)[a-z\d][\w’'-]*){1,3}) (?:folder|(?:drop ?|in)?box|area|portal|slot|tray|activity)\b/;
/** “The Field reports folder”: a name goes on to what it is the name of. */
export function wholeName({ value, ...place }: Statement<string>, clauses: readonly Clause[]): Statement<string> {
  const clause = clauses.find((c) => c.start <= place.start && place.end <= c.end), rest = /^[A-Z][\w’'-]*$/.test(value) && clause && clause.text.slice(place.start - clause.start, place.end - clause.start) === value ? firstIn(clause.text.slice(place.end - clause.start), goesOn)?.[1] : undefined;
  return rest === undefined ? { value, ...place } : { ...place, value: value + rest, end: place.end + rest.length };
}

const part = '(?:sub-?folder|folder|section|tab|box|area|page|unit|topic|tile|assignment|Ordner|Unterordner|Bereich|Rubrik|Reiter|Abschnitt|dossier|rubrique|onglet|carpeta|sección|apartado|pestaña|tarea|cartella|sezione|scheda|attività|pasta|secção|separador|map|rubriek|tabblad|onderdeel|mappen|mappe|fliken|fanen)';
/** “…the course room “Sociology”, folder “Essays””, right behind the end of a name. */
const within = new RegExp(`^[”"“»«’']?(?:,? ?\\(?,? ?)(?:(?:and )?(?:there|then) )?(?:(?:in|under|inside|im|unter|in der|dans|sous|en|nella|na|in de|i|under)(?: the| la| le| el)? )?(?:(?:${part})[ \\u00a0](?:called |named )?|(?<=(?:under|inside|unter|sous|onder) ))[“"„«»‘'][ \\u00a0]?([^“”"„«»\\n]{3,60}?)[ \\u00a0]?[”"“»«’']`);
/** A place that is a part of the one before it: the part is where the paper goes. */
export function innermost(place: Statement<string>, wording: string): Statement<string> {
  const m = firstIn(wording.slice(place.end, place.end + 140), within);
  if (!m) return place;
  const start = place.end + m[0].lastIndexOf(m[1]!);
  return innermost({ ...place, value: m[1]!, start, end: start + m[1]!.length }, wording);
}
