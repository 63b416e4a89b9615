import { isCorrection } from './dates.ts';
import { clausesWith, matchesIn, numberOf, numberWords, type Clause, type Statement } from './statements.ts';

const yes = (value: boolean, m: { at: number; to: number }, clause: Clause): Statement<boolean> => ({ value, start: m.at, end: m.to, override: isCorrection(clause) });
const negated = (clause: Clause, m: { at: number; to: number }): boolean => {
  const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
  // “Similarity check: no.”
  if (/^\s*(?:(?:marking|submission|check(?:ing)?|required|used)\s*)?[:=–-]\s*(?:no|none|off|false|not (?:used|applicable|required))\b/i.test(after)) return true;
  return /\b(?:not|no|never|isn['’]t|aren['’]t|won['’]t|doesn['’]t|don['’]t|without|nor|exempt from)\b(?:\s+\w+){0,4}\s*$/i.test(before) || /^\s*(?:\w+\s+){0,3}(?:(?:does|do|is|are|will|has|have|was)\s+(?:not|n['’]t)|isn['’]t|aren['’]t|won['’]t|doesn['’]t|cannot)\b/i.test(after) && !/^\s*[.;]/.test(after);
};

/** Whether the marking is anonymous. Talk of anonymous interviewees, data or peer review does not settle it. */
export function readAnonymous(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses, /anonym|blind|\bnames?\b|identi[ft]|without (?:knowing|seeing)|not (?:know|see)/i)) {
    if (/\b(?:interview\w*|participants?|respondents?|informants?|peer[- ](?:review\w*|evaluations?|assessments?|feedback|ratings?|marking|grading)|survey|questionnaire|patients?|clients?|anonymis(?:e|ed|ing) (?:your |the |all )?(?:data|names of|sources)|reviewers?|evaluation of (?:the )?(?:course|module)|helpline)\b/i.test(clause.text) && !/\bmark(?:ed|ing|er)s?\b/i.test(clause.text)) continue;
    for (const m of matchesIn(clause, /\banonymous(?:ly)?\b(?:[^.;]{0,30}\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment)|submission|submitted))?|\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment))\b[^.;]{0,40}\banonymous(?:ly)?\b|\banonymity\b|\b(?:double[- ])?blind[- ](?:mark(?:ed|ing)|grad(?:ed|ing)|assessed)\b|\b(?:marked|graded|assessed|read) blind\b|\b(?:marking|grading|assessment) is (?:not )?(?:done )?blind\b|\b(?:mark(?:ed|ers?)?|assess(?:ed)?|graded?)\b[^.;]{0,40}\bwithout (?:knowing|seeing)\b[^.;]{0,20}\b(?:name|who|identit|author)|\bneither of whom (?:will|does) (?:know|see)\b[^.;]{0,30}\b(?:name|who|identit)|\b(?:only|solely) (?:be )?identified by (?:your |the )?(?:exam\w*|candidate|student|anonymous) ?(?:number|code)\b|\bnames? (?:is |are )?hidden from (?:the )?(?:graders?|markers?|examiners?|assessors?|tutors?)\b|\b(?:markers?|graders?|examiners?|assessors?|tutors?) (?:(?:will|do|does) not|don['’]t|won['’]t|cannot|can['’]t) (?:know|see)\b[^.;]{0,30}\b(?:name|who|identit)/gi)) {
      // “Anonymity: …” as a heading says only what stands behind it.
      if (/^anonymity$/i.test(m[0]) && /^\s*[:–-]/.test(clause.text.slice(m.to - clause.start)) && clause.text.slice(0, m.at - clause.start).trim() === '' && /\b(?:anonym\w*|names?)\b/i.test(clause.text.slice(m.to - clause.start)) && !/^\s*[:–-]\s*(?:yes|no|none|required|on|off|not (?:applicable|required))\b/i.test(clause.text.slice(m.to - clause.start))) continue;
      const mention = /without|(?:not|n['’]t) (?:know|see)|neither of whom/i.test(m[0]);
      if (/\bnon-\s*$/i.test(clause.text.slice(0, m.at - clause.start)) || (/\bnot\b/i.test(m[0]) && !mention)) { found.push(yes(false, m, clause)); continue; }
      const no = !mention && negated(clause, m);
      // “To keep anonymity” supports it; “anonymity cannot be kept” denies it.
      found.push(yes(!no, m, clause));
    }
    for (const m of matchesIn(clause, /\b(?:do not|don['’]t|never|must not|should not|please do not)\b[^.;]{0,40}\b(?:name|identify yourself|identif\w+)\b[^.;]{0,60}\b(?:anywhere|on (?:the|your|any|it\b)|in it\b|in (?:the|your) (?:paper|essay|work|text|document|submission|header|footer|pages)|within)\b[^.;]{0,30}|\b(?:your )?(?:names?|identity) (?:must|should|may|shall|can) ?(?:not|never) (?:appear|be (?:shown|revealed|disclosed|visible|given|included|mentioned|apparent|identifiable|written|stated))\b[^.;]{0,50}|\bleave (?:your |all )?names? out\b|\b(?:remove|delete|take out|leave out|omit|strip)\b[^.;]{0,24}\b(?:your (?:full )?name|your names|names?|all identifying)\b[^.;]{0,40}\b(?:documents?|files?|papers?|essays?|work|submissions?|reports?|pages?|header|footer|title page|cover|text|it|(?:before|prior to|when) (?:you )?(?:submit|upload|hand)\w*)\b|\bnothing that (?:could )?identif(?:y|ies) you\b|\bneither\b[^.;]{0,60}\b(?:contains?|shows?|includes?|bears?|mentions?)\s+your name\b|\b(?:does|do|must|may|should) not\s+(?:contain|show|include|bear|mention)\s+(?:your|the (?:candidate|student|author)['’]?s?['’]?) names?\b|\bon (?:every|each|the (?:first|title)) page\b[^.;]{0,20}\b(?:but|and) (?:never|not) your name\b/gi)) {
      // “The file name must not contain your name” is about that name.
      if (/\bfile ?names?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      if (/\bfile ?names?\b|\b(?:of|from) (?:the )?(?:file|patients?|participants?|interviewees?|clients?|people|schools?)\b/i.test(m[0])) continue;
      // “School names must not be shown” is about others.
      if (/^(?:names?|identity)\b/i.test(m[0]) && /[\p{L}’']\s+$/u.test(clause.text.slice(0, m.at - clause.start)) && !/\b(?:candidates?|students?|authors?)['’]?s?['’]?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      found.push(yes(true, m, clause));
    }
    // “Your candidate number, not your name, on every page”; “hand in … without your name”.
    for (const m of matchesIn(clause, /\b(?:candidate|exam|student|matriculation|registration|ID)[ -](?:number|code|ID)\b[\s,(–-]*(?:and )?(?:not|never|no|instead of)\s+(?:your\s+)?names?\b(?=[^.;]{0,30}\b(?:page|header|cover|top|paper|essay|first)\b|\s*[!)])|\b(?:hand(?:ed)? (?:it |this )?in|submit(?:ted)?|upload(?:ed)?)\b[^.;]{0,80}\bwithout your names?\b/gi)) if (!/\bfile ?name\b/i.test(clause.text)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /(?:^|[,;:]\s*)\W*no names?(?:,? please)?\W*$|^\W*(?:please )?(?:do not|don['’]t) (?:put|write|include|give|add|state) your names?\W*$|\b(?:do not|don['’]t|never) (?:put|write|include|give|add|state) your names? (?:in|on|into) (?:the|your) (?:document|paper|essay|report|text|work|file(?! name)|pdf)\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:mark(?:ed|ers?)|graded?|assess\w+|tutors?|examiners?|lecturers?)\b[^.;]{0,60}\b(?:will|do|does|can) (?:know|see) (?:your names?|who you are|whose work)\b[^.;]{0,20}/gi)) if (/\bmark|\bgrad|\bassess|\b(?:tutors?|examiners?)\b[^.;]{0,20}\bwill know\b/i.test(clause.text)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\binclude\b[^.;]{0,60}\byour (?:full |last )?name\b[^.;]{0,30}\b(?:in|on|at)\b[^.;]{0,20}\b(?:corner|top|header|title page|first page|cover)\b/gi)) if (!/\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i.test(clause.text.slice(0, m.at - clause.start)) && !/\b(?:not|never)\b/i.test(m[0])) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:put|write|include|give|state|type)\s+your (?:(?:full|last) )?(?:name|surname)\b[^.;]{0,50}\b(?:on|in|at)\b[^.;]{0,20}\b(?:paper|corner|essay|title page|cover|first page|top|document|header|every page|each page)\b|\byour (?:full )?name\b[^.;]{0,40}\b(?:must|should|has to|have to|needs? to|is to|are to)\s+(?:be|appear|stand)\s+(?:\w+\s+)?(?:on|in|at)\b[^.;]{0,20}\b(?:title page|cover|first page|top|header|every page|each page|front|memo|paper|essay|report|document|work)\b/gi)) if (!/\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i.test(clause.text.slice(0, m.at - clause.start))) found.push(yes(false, m, clause));
  }
  return found;
}

/** Whether the text is compared with others by a machine. A warning against plagiarism alone does not settle it. */
export function readSimilarity(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses, /similar|originality|match|plagiar|compar/i)) for (const m of matchesIn(clause, /\b(?:text[- ]?)?similarity(?:[- ](?:check\w*|reports?|scores?|index|software|detection|service|tool|review|screening|percentage))?\b|\boriginality[- ](?:check\w*|reports?|scores?|software)\b|\btext[- ]match\w*(?: (?:software|service|tool|check))?\b|\btext[- ]comparison (?:software|service|tool|system|check)\b|\b(?:texts?|work|essays?|papers?|submissions?|files?|it)\b[^.;]{0,30}\bcompared (?:with|to|against)\b[^.;]{0,40}\b(?:papers|texts|sources|submissions|work|databases?|web|internet)\b|\bplagiarism[- ](?:detect\w+|check\w*|software|scan\w*|screening|tool|prevention (?:software|service))\b|\b(?:check|scan|screen|run|test|compar)\w*\b[^.;]{0,40}\b(?:for|against|through)\b[^.;]{0,30}\b(?:plagiarism|similarity|originality|other (?:texts|papers|sources|submissions)|matching text)\b/gi)) {
    if (/\b(?:similarity|similarities) (?:between|of|to|in)\b/i.test(clause.text) && !/check|report|score|software/i.test(m[0])) continue;
    found.push(yes(!negated(clause, m), m, clause));
  }
  return found;
}

/** Whether a declaration of own work is asked for. */
export function readDeclaration(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses, /declar|statement|confirm|own|certify|affirm|honou?r/i)) for (const m of matchesIn(clause, /\b(?:declaration|statement|confirmation)\s+(?:of\s+)?(?:(?:your|one['’]s)\s+)?(?:own(?: original)? work|originality|authorship|academic (?:integrity|honesty)|academic conduct|independent work|sole authorship)\b|\b(?:own[- ]work|originality|authorship|integrity|honesty|plagiarism|academic integrity) (?:declaration|statement)\b|\b(?:declare|confirm|certify|state|affirm)\b[^.;]{0,30}\b(?:own (?:original )?work|written (?:it|this) (?:yourself|alone))\b|\bsigned (?:declaration|statement)\b|\b(?:statement|declaration) (?:on|against|about) plagiarism\b|\b(?:tick|sign|accept|agree to|complete)\b[^.;]{0,40}\b(?:honou?r (?:statement|code|pledge|declaration)|statement of honou?r)\b|\bdeclaration (?:form|must|is|has|at)\b|\btick\b[^.;]{0,40}\b(?:declaration|own work)\b/gi)) found.push(yes(!negated(clause, m), m, clause));
  return found;
}

export interface AttemptsRead { allowed: Statement<number | 'unlimited'>[]; keeps: Statement<'latest' | 'all'>[] }
/** How often it may be handed in and which one counts. */
export function readAttempts(clauses: Clause[]): AttemptsRead {
  const out: AttemptsRead = { allowed: [], keeps: [] };
  for (const clause of clausesWith(clauses, /submi|attempt|upload|hand|version|\btry\b|as often|how many times|tries|replac|overwrit|once|again|most recent|latest|newest|kept|keeps|stores|\blast (?:one|draft)\b/i)) {
    const override = isCorrection(clause);
    const allow = (value: number | 'unlimited', m: { at: number; to: number }): void => { out.allowed.push({ value, start: m.at, end: m.to, override }); };
    for (const m of matchesIn(clause, /\b(?:(?:max(?:imum)?\.?|number of|permitted|allowed)\s+)*(?:(?:re-?)?submission\s+)?(?:attempts?|tries|(?<=\bnumber of\s+|\bmax(?:imum)?\.?\s+)(?:re-?)?submissions?)(?:\s+(?:allowed|permitted|possible|available))?\s*(?:[:=–-]|\bis\b|\bare\b)\s*(?:up to |max(?:imum)?\.? )?(unlimited|no limit|any number|\d{1,2}|one|two|three|four|five|six|ten)\b(?!\s*(?:%|st|nd|rd|th|per|days?|weeks?|hours?|marks?|points?|[:.]\d))/gi)) { const word = m[1]!.toLowerCase(); allow(/^(?:un|no|any)/.test(word) ? 'unlimited' : numberWords[word] ?? Number(word), m); }
    for (const m of matchesIn(clause, /^\W*(?:number of )?(?:submissions?|uploads?|attempts?)\s*[:=]\s*(\d{1,2}|one|two|three|four|five)\b(?!\s*(?:%|st|nd|rd|th|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|pdf|files?|documents?|[:.\/]\d))/gi)) if (!out.allowed.some((s) => s.start >= clause.start && s.end <= clause.end)) allow(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, /\b(?:draft |re-?)?(?:submissions?|uploads?)\s*[:=–-]\s*unlimited\b|\bunlimited (?:draft|re-?)\s?(?:submissions?|uploads?)\b/gi)) allow('unlimited', m);
    for (const m of matchesIn(clause, /\b(?:may|can) (?:upload|submit|hand in) (?:up to|at most|a maximum of) (\d{1,2}|two|three|four|five|six|ten) (?:drafts?|versions?|submissions?|times)\b/gi)) if (!out.allowed.some((s) => s.start >= clause.start && s.end <= clause.end)) allow(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, /\bno (?:limit|restriction|cap)\s+(?:on|to|for)\s+(?:the\s+)?(?:number of\s+|how (?:often|many times)\s+)?(?:your\s+|you\s+(?:can\s+|may\s+)?)?(?:re-?)?(?:submi\w+|attempts?|uploads?|tries)\b/gi)) allow('unlimited', m);
    for (const m of matchesIn(clause, /^\W*(?:a |one |single )+(?:submission|attempt|upload)\W*$|^\W*(?:please )?(?:submit|upload|hand (?:it )?in)(?: (?:your \w+|it))? once\W*$|\b(?:do not|don['’]t|never|must not|may not|cannot|can['’]t) (?:submit|upload|hand (?:it )?in)(?: (?:your \w+|it))? twice\b|^\W*re-?submissions?\s*[:=]\s*(?:no|none|not (?:allowed|possible|permitted))\b|\b(?:submit|hand (?:it )?in|upload)\b[^.;]{0,25}\b(?:one time only|only one time|just once|a single time)\b/gi)) allow(1, m);
    for (const m of matchesIn(clause, /\bre-?submissions?\b[^.;]{0,40}\b(?:is|are) (?:unrestricted|unlimited|not limited|not restricted)\b|\b(?:unlimited|any number of|as many)\s+(?:re-?)?(?:submissions?|attempts?|times|uploads?|versions)\b|\bas many (?:drafts?|versions|times|attempts) as (?:you (?:like|wish|want|need)|necessary)\b|\bas (?:often|many times) as (?:you (?:like|wish|want|need)|necessary|needed)\b|\bre-?submi(?:t|ssions?)\b[^.;]{0,40}\b(?:as often as|any number|unlimited|multiple times|several times)\b[^.;]{0,20}/gi)) allow('unlimited', m);
    for (const m of matchesIn(clause, /\b(?:up to |max(?:imum)?(?: of)? |only |no more than |at most )?(\d{1,2}|one|two|three|four|five|six|ten|a single|single)\s+(?:(?:submission\s+)?attempts?|submissions?|uploads?|tries)\b(?!\s+(?:to\s+(?!submit|upload|hand|turn)|point|page|link|box|folder|form|files?|documents?|date|deadline|portal|area|parts?))/gi)) {
      const word = m[1]!.toLowerCase().replace(/^a /, '');
      const value = numberWords[word] ?? Number(word);
      // “Assignment 1 submission” is a name; “submissions: 1 (one) attempt” was read above.
      if (/\b(?:assignment|essay|task|part|coursework|report|paper|portfolio|project|lab|exercise|stage|week|phase|assessment|quiz|section|draft|version)\s+$/i.test(clause.text.slice(0, m.at - clause.start)) && /^\d/.test(m[0])) continue;
      if (/\b(?:two|three|2|3|both|four|4)\b/i.test(m[0]) && !/attempt|tries|up to|max|no more|at most|only/i.test(m[0]) && !/\b(?:you|students?|everyone)\b[^.;]{0,30}\b(?:allowed|permitted|entitled to)\s+(?:to make\s+)?$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      if (/^(?:one|single)$/.test(word) && !/attempt|tries|only/i.test(m[0]) && !/\b(?:only|allowed|permitted|per student|can make|may make)\b/i.test(clause.text)) continue;
      allow(value, m);
    }
    for (const m of matchesIn(clause, /\b(?:submit|hand (?:it |your work )?in|upload|send (?:it|your \w+) in)\b[^.;]{0,25}\bonly once\b|\bonly (?:be )?(?:submit(?:ted)?|upload(?:ed)?|hand(?:ed)? in) once\b|\bonce only\b|\bonce (?:it is )?(?:submitted|uploaded|handed in),?\s+(?:it|your \w+|the (?:file|paper|work|essay|report))\s+(?:cannot|can['’]?t|can not|may not) be (?:changed|replaced|edited|withdrawn|altered|resubmitted)\b|\b(?:not|never)\b[^.;]{0,20}\b(?:submit|upload|hand (?:it |your work )?in)\b[^.;]{0,20}\bmore than once\b|\b(?:re-?submissions?|(?:second|further|repeat(?:ed)?|multiple|several|additional) (?:attempts?|submissions?|uploads?))\b[^.;]{0,25}\b(?:(?:is|are|will be) not|not (?:be )?(?:allowed|permitted|possible|accepted)|impossible|cannot)\b|\b(?:cannot|can ?not|may not|can['’]t|not (?:be )?able to|no)\s+(?:re-?submi(?:t|ssions?)|submit (?:again|a second time)|hand (?:it )?in again|change (?:it|the file|your (?:file|submission)) afterwards|replace (?:it|your (?:file|submission)))\b[^.;]{0,10}/gi)) {
      // “You cannot resubmit after the deadline” says nothing about before it.
      if (/\bafter\b/i.test(clause.text.slice(m.at - clause.start)) && !/after (?:you (?:have )?submit|submitting|submission has been made)/i.test(clause.text)) continue;
      allow(1, m);
    }
    for (const m of matchesIn(clause, /\b(?:up to|at most|no more than|a maximum of)\s+(\d{1,2}|two|three|four|five|six|ten)\s+times\b|\b(twice|three times|five times)\b(?=[^.;]{0,40}\b(?:submit|hand|upload))|\b(?:try|attempt)\s+(?:it )?(twice|(?:three|four|five|\d) times)\b|\b(?:submit|hand (?:it )?in|upload)\b[^.;]{0,30}\b(twice|(?:\d|two|three|four|five|six|ten) times)\b/gi)) {
      const word = (m[1] ?? m[2] ?? m[3] ?? m[4])!.toLowerCase().replace(/ times$/, '');
      if (/\b(?:re-?submit|submit|hand|upload|replace|try)\w*/i.test(clause.text) && !/\bif you\b[^.;]{0,30}$/i.test(clause.text.slice(0, m.at - clause.start)) && !/\bif you\b[^.;]{0,30}\btwice\b/i.test(clause.text) && !/(?:\bnot|\bnever|n['’]t)\b[^.;]{0,30}$/i.test(clause.text.slice(0, m.at - clause.start)) && !/(?:\bnot|\bnever|n['’]t)\b[^.;]{0,24}\btwice\b/i.test(clause.text)) allow(numberWords[word] ?? Number(word), m);
    }
    for (const m of matchesIn(clause, /\b(?:only )?(?:the|your) (?:latest|last|most recent|newest|final)\s+(?:submission|version|attempt|upload|file|one|paper|draft|submitted version)\b[^.;]{0,50}\b(?:mark(?:ed)?|count(?:s|ed)?|graded|assessed|considered|kept|used|taken|read|seen)\b|\b(?:re-?submi\w+|new(?:er)? (?:submission|file|version|upload)s?|later (?:submission|version|file)s?|each (?:new )?(?:submission|upload))\b[^.;]{0,40}\b(?:replaces?|overwrites?|will (?:replace|overwrite))\b|\b(?:most recent|latest|last|newest) (?:one|version|draft)\b[^.;]{0,60}\b(?:is what|wins)\b|\b(?:latest|newest|most recent|last) (?:one |draft |file )?(?:(?:will be|gets) (?:graded|marked|read|assessed|used)|counts|holds|is (?:marked|graded|kept|used|read))\b|\b(?:each|every) new (?:file|upload|version)\b[^.;]{0,20}\b(?:deletes|replaces|overwrites)\b|\beach (?:one )?(?:overwrites|replaces)\b|\bhanding in again (?:replaces|overwrites|deletes)\b|\b(?:overwrites|replaces) (?:the )?(?:one before|previous one|earlier one|last one)\b|\b(?:earlier|previous|old)\s+(?:submissions?|versions?|files?|attempts?|uploads?|ones?)\b[^.;]{0,30}\b(?:overwritten|replaced|deleted|discarded|lost|disappears?|goes|vanish\w*|(?:is|are) not kept)\b|\b(?:we|I|markers?)\s+(?:will\s+)?(?:only\s+)?(?:mark|grade|read|consider|keep|look at)s?\s+(?:only\s+)?(?:the|your)\s+(?:latest|last|most recent|newest|final (?=submission|version|attempt|upload|file))\w*\b|\b(?:can|may|possible to)\s+replace\s+(?:your|the|it)\b[^.;]{0,40}\b(?:times|often|until|up to|before)\b/gi)) out.keeps.push({ value: 'latest', start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\b(?:all|every|each|both)\s+(?:earlier |previous |your )?(?:submissions?|versions?|attempts?|uploads?)\b[^.;]{0,25}\b(?:kept|stored|retained|saved|recorded|remain)\b|\b(?:earlier|previous)\s+(?:submissions?|versions?|attempts?)\b[^.;]{0,25}\b(?:(?:are|is|will be) (?:also )?(?:kept|stored|retained)|remain)\b|\ball of them (?:are|will be) (?:kept|stored|retained)\b|\b(?:keeps?|stores?|retains?) (?:them all|all of them|every (?:version|draft|one|submission))\b/gi)) if (!/\bnot (?:kept|stored|retained)\b/i.test(m[0])) out.keeps.push({ value: 'all', start: m.at, end: m.to, override });
  }
  return out;
}

export interface LateRead { percentPerDay: Statement<number>[]; cutoffDays: Statement<number>[] }
/** Penalty per day and the last day still accepted; 0 where late work is not accepted at all. */
export function readLate(clauses: Clause[]): LateRead {
  const out: LateRead = { percentPerDay: [], cutoffDays: [] };
  const small = '(\\d{1,2}|one|two|three|five|six|seven|ten|fourteen)';
  // “1 mark per hour for the first 24 hours; after that nothing is accepted”: the limit stands in the clause before.
  clauses.forEach((clause, i) => {
    const before = clauses[i - 1], end = /^(?:and |but )?(?:after (?:that|this|which)|thereafter|beyond that)\b[^.]{0,40}\b(?:zero|0|no marks?|nothing|not (?:be )?(?:accepted|marked)|no (?:submissions?|work|papers?|essays?) (?:is|are|will be) (?:accepted|marked))\b/i.exec(clause.text), spans = before ? [...before.text.matchAll(/\b(\d{1,3}|one|two|three|five|seven|ten|fourteen)\s+(?:(?:calendar|working)\s+)?(days?|hours?)\b/gi)] : [], last = spans.at(-1);
    if (!end || !before || !last || !/\b(?:late|after the (?:deadline|due)|deadline|penal\w+|minus|deduct\w*|lose|capped)\b/i.test(before.text)) return;
    const n = numberWords[last[1]!.toLowerCase()] ?? Number(last[1]), days = /^h/i.test(last[2]!) ? n / 24 : n;
    if (Number.isInteger(days) && days > 0) out.cutoffDays.push({ value: days, start: before.start + last.index, end: before.start + last.index + last[0].length });
  });
  for (const clause of clausesWith(clauses, /\b(?:late|penalt|deduct|overdue|lose|days?|after|accepted)/i)) {
    const override = isCorrection(clause);
    for (const m of matchesIn(clause, /\b(\d{1,2}(?:[.,]\d+)?|one|two|five|ten)\s?(?:%|per\s?cent(?:age points?)?|percentage points?|points?|marks?)\s*(?:\([^)]*\)\s*)?(?:of the (?:total |available |possible |maximum |overall )?marks?\s*)?(?:(?:will|shall|may) be |is |are )?(?:deducted |taken off |off |lost |applied |penalty |deduction )?(?:for (?:each|every)|per|each|every|a|\/)\s?(?:calendar |working |week|late |additional |full |started |part of a |24[- ]hour )*(?:day|24 hours)\b/gi)) {
      const value = numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!);
      if (/\b(?:of the mark for|attendance|participation)\b/i.test(clause.text) || !/\b(?:late|penalt|deduct|after|overdue|deadline|lose|lost)\w*/i.test(clause.text)) continue;
      out.percentPerDay.push({ value, start: m.at, end: m.to, override });
    }
    for (const m of matchesIn(clause, /\blos(?:e|es|ing) (?:a|one) (?:point|mark) (?:a|per|each|every) day\b/gi)) if (/\blate\b/i.test(clause.text)) out.percentPerDay.push({ value: 1, start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\b(?:each|every|a|per) (?:calendar |working |late |week)*day\b[^.;%\d]{0,14}\bcosts?\b[^.;%\d]{0,14}(\d{1,2}(?:[.,]\d+)?)\s?(?:%|per\s?cent|points?|marks?)/gi)) out.percentPerDay.push({ value: numberOf(m[1]!), start: m.at, end: m.to, override });
    for (const m of matchesIn(clause, /\b(?:for|per)?\s?(?:each|every)\s+(?:calendar |working |week|full |additional |started |further )*day\b[^.;%\d]{0,45}\b(\d{1,2}(?:[.,]\d+)?|one|two|five|ten)\s?(?:%|per\s?cent|percentage points?|points?|marks?)[^.;]{0,30}\b(?:deduct\w*|lost|lose|taken off|subtracted|removed|penalty)\b/gi)) if (!out.percentPerDay.some((s) => s.start >= clause.start && s.end <= clause.end)) out.percentPerDay.push({ value: numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!), start: m.at, end: m.to, override });
    const cut = (value: number, m: { at: number; to: number }): void => { out.cutoffDays.push({ value, start: m.at, end: m.to, override }); };
    for (const m of matchesIn(clause, new RegExp(`\\b(?:per|each|every|a) (?:(?:\\w+ )?day|24 hours)\\b[^.;]{0,25}\\b(?:up to|for(?: up to)?(?: the first)?|to) (?:a maximum of )?${small}\\s+(?:calendar |working |week)?days\\b|\\b(?:up to|until|within|for)\\s+${small}\\s+(?:calendar |working |week)?days\\b[^.;]{0,40}\\b(?:late|after|past|overdue)\\b|\\b(?:up to|until|for)\\s+(?:a maximum of )?${small}\\s+(?:calendar |working )?days\\b(?=[^.;]*\\b(?:penalt|deduct|accepted))|\\b(?:more than|after|over|beyond|later than)\\s+${small}\\s+(?:calendar |working )?days\\b[^.;]{0,60}\\b(?:not (?:be )?(?:accepted|marked)|zero|no marks|fail|mark of 0|receive (?:a )?0|(?:is|are|get|score) 0)\\b|\\b(?:not (?:be )?(?:accepted|marked)|(?:nothing|no (?:submissions?|work|papers?|essays?|files?)|none) (?:is|are|will be|can be) accepted|zero|no marks|mark of 0)\\b[^.;]{0,30}\\b(?:more than|after)\\s+${small}\\s+(?:calendar |working )?days\\b`, 'gi'))) {
      const word = (m[1] ?? m[2] ?? m[3] ?? m[4] ?? m[5])!.toLowerCase();
      if (!/\b(?:late|after|deadline|penal\w*|past|overdue)\b/i.test(clause.text) || /\b(?:feedback|marks? (?:will be )?(?:returned|released)|reply|respond|extension)\b/i.test(clause.text)) continue;
      cut(numberWords[word] ?? Number(word), m);
    }
    for (const m of matchesIn(clause, new RegExp(`\\bwithin ${small} (?:calendar |working )?days\\b[^.;]{0,30}\\b(?:0|zero|nothing|no marks?|fail\\w*)\\b[^.;]{0,14}\\b(?:thereafter|after (?:that|this)|afterwards|beyond)\\b`, 'gi'))) if (/\b(?:late|after|deadline|penal\w+|capped)\b/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, /\b(?:per|a|each|every) day\b[^.;]{0,20}\bup to (a|one|two) weeks?\b/gi)) if (/\blate\b/i.test(clause.text)) cut(7 * numberWords[m[1]!.toLowerCase()]!, m);
    for (const m of matchesIn(clause, /\bfor up to (one|two|three|a|\d) weeks?\b[^.;]{0,40}\bnot (?:be )?(?:accepted|marked) (?:after|beyond)\b/gi)) cut(7 * (numberWords[m[1]!.toLowerCase()] ?? Number(m[1])), m);
    for (const m of matchesIn(clause, /^\W*late \p{L}+\s*:\s*(?:not (?:accepted|marked|possible)|none)\b/giu)) cut(0, m);
    for (const m of matchesIn(clause, /\b(?:after|beyond|more than) (24|48|72|96|120|168) hours\b[^.;]{0,50}\b(?:zero|0|no marks?|not (?:be )?(?:accepted|marked)|fail\w*)\b/gi)) if (/\b(?:late|penal\w*|deadline|deduct\w*)/i.test(`${clauses[clauses.indexOf(clause) - 1]?.text ?? ''} ${clause.text}`)) cut(Number(m[1]) / 24, m);
    for (const m of matchesIn(clause, /\bmore than (?:(one|two|three|\d)|a) weeks? (?:late|after|overdue)\b[^.;]{0,60}\b(?:zero|0|no marks?|not (?:be )?(?:accepted|marked)|fail\w*)\b/gi)) cut(7 * (m[1] ? numberWords[m[1].toLowerCase()] ?? Number(m[1]) : 1), m);
    for (const m of matchesIn(clause, new RegExp(`(?:\\bper |/)day\\b[^.;]{0,6}\\(?max(?:imum)?\\.? (?:of )?${small} (?:calendar |working )?days\\b`, 'gi'))) if (/\b(?:late|penal\w*)/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, new RegExp(`\\blate (?:submission |work )?(?:window|period)\\s*(?::|of|is|–|-)\\s*${small}\\s+(?:calendar |working )?days?\\b`, 'gi'))) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    for (const m of matchesIn(clause, new RegExp(`\\b(?:stop|cease)\\s+(?:taking|accepting|marking|reading)\\b[^.;]{0,20}\\bafter ${small}\\s+(?:calendar |working )?days\\b`, 'gi'))) if (/\b(?:late|overdue)\b/i.test(clause.text)) cut(numberWords[m[1]!.toLowerCase()] ?? Number(m[1]), m);
    if (out.cutoffDays.some((s) => s.start >= clause.start && s.end <= clause.end)) continue;
    for (const m of matchesIn(clause, /^\W*after (a|one|two|three) weeks?\b[^.;]{0,40}\b(?:not|cannot|can['’]?t|won['’]t|no longer|nothing)\b[^.;]{0,20}\baccept/gi)) if (/\b(?:late|penal\w*|lose|deduct\w*|later)\b/i.test(clauses[clauses.indexOf(clause) - 1]?.text ?? '')) cut(7 * numberWords[m[1]!.toLowerCase()]!, m);
    for (const m of matchesIn(clause, /\b(?:assignments?|essays?|papers?|work|reports?|files?|it)\s+(?:cannot|can not|can['’]t|may not|must not)\s+be\s+(?:handed in|submitted|uploaded)\s+after\s+(?:the|this)\s+(?:deadline|due (?:date|time))\b/gi)) cut(0, m);
    for (const m of matchesIn(clause, /\blate\s*=\s*(?:a )?(?:fail(?:ed)?|zero|0)\b(?!\s*[.,]?\d)/gi)) cut(0, m);
    for (const m of matchesIn(clause, /^\W*no late [a-z]+(?:,? please)?\W*$/gi)) if (!/\bpenalt/i.test(m[0])) cut(0, m);
    for (const m of matchesIn(clause, /\b(?:no late (?:submissions?|work|papers?)\b[^.;]{0,30}|late(?: (?:submissions?|work|papers?|essays?|assignments?|parts?|reports?|portfolios?|projects?|hand-ins?)\b|(?=\s*:))[^.;]{0,25}(?:\b|(?=:))(?:(?:will|can|are|is) ?not (?:be )?(?:accepted|marked|considered)|cannot be (?:accepted|marked)|not (?:accepted|allowed|permitted|possible)|:\s*(?:no|none|not (?:possible|accepted|allowed|permitted))\b|(?:will )?(?:receive|score|get)s? (?:a )?(?:zero|0|no marks?)))|\b(?:nothing|no (?:submissions?|work|papers?))\b[^.;]{0,20}\b(?:accepted|taken)\b[^.;]{0,15}\b(?:late|after (?:the|this) (?:deadline|due|time|date))\b|\b(?:do|does|will|can) ?(?:not|n['’]t)\b[^.;]{0,10}\b(?:accept|mark|take|consider)\b[^.;]{0,12}\blate\b[^.;]{0,14}|\b(?:submissions?|work|essays?|papers?|assignments?|files?|anything) (?:received |handed in |made |submitted |uploaded |turned in |arriving )?after (?:the|this) (?:deadline|due (?:date|time)|time|date)\b[^.;]{0,25}\b(?:not (?:be )?(?:accepted|marked)|rejected|refused|zero)\b/gi)) {
      if (/\b(?:without|unless|except)\b/i.test(clause.text.slice(m.to - clause.start, m.to - clause.start + 30)) && !/\bextension\b/i.test(clause.text)) continue;
      cut(0, m);
    }
  }
  return out;
}
