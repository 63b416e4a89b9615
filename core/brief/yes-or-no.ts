import { clausesWith, isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';

const yes = (value: boolean, m: { at: number; to: number }, clause: Clause): Statement<boolean> => ({ value: clause.asks === 'no' ? !value : value, start: m.at, end: m.to, override: isCorrection(clause) });
const negated = (clause: Clause, m: { at: number; to: number }): boolean => {
  const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
  // “Similarity check: no.”
  if (/^\**\s*(?:(?:marking|submission|check(?:ing)?|required|used)\s*)?[:=–-]\**\s*(?:no|none|off|false|not (?:used|applicable|required|needed|necessary|asked for))\b/i.test(after)) return true;
  return /\b(?:not|no|never|isn['’]t|aren['’]t|won['’]t|doesn['’]t|don['’]t|without|nor|exempt from)\b(?:\s+\w+){0,4}\s*$/i.test(before) || /^\s*(?:\w+\s+){0,3}(?:(?:does|do|is|are|will|has|have|was)\s+(?:not|n['’]t)|isn['’]t|aren['’]t|won['’]t|doesn['’]t|cannot)\b/i.test(after) && !/^\s*[.;]/.test(after);
};

/** Whether the marking is anonymous. Talk of anonymous interviewees, data or peer review does not settle it. */
export function readAnonymous(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  // “Who will see my name? Nobody.”
  clauses.forEach((c, i) => { const answer = clauses[i + 1]; if (answer && c.asks === 'open' && /\bwho\b[^?]*\b(?:see|know)s?\b[^?]*\bnames?\b/i.test(c.text) && /^\W*(?:A\s*[:.]\s*)?(?:nobody|no one|no-one)\b/i.test(answer.text)) found.push({ value: true, start: answer.start, end: answer.end }); });
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /anonym|blind|number only|\bsurnames?\b|\bbear|\bnames?\b|identi[ft]|without (?:knowing|seeing)|not (?:know|see)/i)) {
    if (/\b(?:interview\w*|participants?|respondents?|informants?|peer[- ](?:review\w*|evaluations?|assessments?|feedback|ratings?|marking|mark(?:ed)?|grad(?:ing|ed))|peers|survey|questionnaire|patients?|clients?|anonymis(?:e|ed|ing) (?:your |the |all )?(?:data|names of|sources)|reviewers?|evaluation of (?:the )?(?:course|module)|helpline)\b/i.test(clause.text) && !/\bmark(?:ed|ing|er)s?\b/i.test(clause.text)) continue;
    for (const m of matchesIn(clause, /\b(?:papers?|essays?|work|submissions?|scripts?|files?|manuscripts?) (?:must|should|are to|have to|has to) be (?:fully )?anonymi[sz]ed\b|\banonymous(?:ly)?\b(?:[^.;]{0,30}\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment)|submission|submitted))?|\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment))\b[^.;]{0,40}\banonymous(?:ly)?\b|\banonymity\b|\b(?:double[- ])?blind[- ](?:mark(?:ed|ing)|grad(?:ed|ing)|assessed)\b|\bblind(?:ly)? (?:double|second)[- ]?mark(?:ed|ing)\b|\b(?:marked|graded|assessed|read) blind\b|\b(?:marking|grading|assessment) is (?:not )?(?:done )?blind\b|\b(?:mark(?:ed|ers?)?|assess(?:ed)?|graded?)\b[^.;]{0,40}\bwithout (?:knowing|seeing)\b[^.;]{0,20}\b(?:name|who|identit|author)|\bneither of whom (?:will|does) (?:know|see)\b[^.;]{0,30}\b(?:name|who|identit)|\b(?:only|solely) (?:be )?identified by (?:your |the )?(?:exam\w*|candidate|student|anonymous) ?(?:number|code)\b|\bnames? (?:is |are )?hidden from (?:the )?(?:graders?|markers?|examiners?|assessors?|tutors?)\b|\b(?:markers?|graders?|examiners?|assessors?|tutors?) (?:(?:will|do|does|must|should|may) not|don['’]t|won['’]t|cannot|can['’]t) (?:be able to )?(?:know|see|tell)\b[^.;]{0,30}\b(?:name|who|identit)/gi)) {
      // “Anonymity: …” as a heading says only what stands behind it.
      if (/^anonymity$/i.test(m[0]) && /^\s*[:–-]/.test(clause.text.slice(m.to - clause.start)) && clause.text.slice(0, m.at - clause.start).trim() === '' && /\b(?:anonym\w*|names?)\b/i.test(clause.text.slice(m.to - clause.start)) && !/^\s*[:–-]\s*(?:yes|no|none|required|on|off|not (?:applicable|required))\b/i.test(clause.text.slice(m.to - clause.start))) continue;
      const mention = /without|(?:not|n['’]t) (?:know|see)|neither of whom/i.test(m[0]);
      if (/\bnon-\s*$/i.test(clause.text.slice(0, m.at - clause.start)) || (/\bnot\b/i.test(m[0]) && !mention)) { found.push(yes(false, m, clause)); continue; }
      const no = !mention && negated(clause, m);
      // “To keep anonymity” supports it; “anonymity cannot be kept” denies it.
      found.push(yes(!no, m, clause));
    }
    for (const m of matchesIn(clause, /\b(?:do not|don['’]t|never|must not|should not|please do not)\b[^.;]{0,40}\b(?:name|surname|identify yourself|identif\w+)\b[^.;]{0,60}\b(?:anywhere|on (?:the|your|any|it\b)|in it\b|in (?:the|your) (?:paper|essay|work|text|document|submission|header|footer|pages)|within)\b[^.;]{0,30}|\b(?:your (?:own )?)?(?:names?|identity) (?:must|should|may|shall|can) ?(?:not|never) (?:appear|be (?:(?:anywhere )?(?:in|on|inside) (?:the|your) (?:file(?! ?names?)|documents?|papers?|essays?|work|text|pages?)|shown|revealed|disclosed|visible|given|included|mentioned|apparent|identifiable|written|stated))\b[^.;]{0,50}|\bleave (?:your |all )?names? out\b|\b(?:remove|delete|take out|leave out|omit|strip)\b[^.;]{0,24}\b(?:your (?:full )?name|your names|names?|all identifying)\b[^.;]{0,40}\b(?:documents?|files?|papers?|essays?|work|submissions?|reports?|pages?|header|footer|title page|cover|text|it|(?:before|prior to|when) (?:you )?(?:submit|upload|hand)\w*)\b|\bnothing that (?:could )?identif(?:y|ies) you\b|\bneither\b[^.;]{0,60}\b(?:contains?|shows?|includes?|bears?|mentions?)\s+your name\b|\b(?:does|do|must|may|should) not\s+(?:contain|show|include|bear|mention)\s+(?:your|the (?:candidate|student|author)['’]?s?['’]?) names?\b|\bon (?:every|each|the (?:first|title)) page\b[^.;]{0,20}\b(?:but|and) (?:never|not) your name\b/gi)) {
      // “The file name must not contain your name” is about that name.
      if (/\bfile ?names?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      if (/\bfile ?names?\b|\b(?:of|from) (?:the )?(?:file|patients?|participants?|interviewees?|clients?|people|schools?)\b/i.test(m[0])) continue;
      // “School names must not be shown” is about others.
      if (/^(?:names?|identity)\b/i.test(m[0]) && /[\p{L}’']\s+$/u.test(clause.text.slice(0, m.at - clause.start)) && !/\b(?:candidates?|students?|authors?)['’]?s?['’]?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      found.push(yes(true, m, clause));
    }
    for (const m of matchesIn(clause, /\b(?:do not|don['’]t|never|won['’]t|will not) (?:grade|mark|assess) (?:blind(?:ly)?|anonymously)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\bbear(?:s|ing)? (?:only )?(?:the|your) (?:candidate|exam\w*) (?:number|code) only\b|\bbearing (?:the |your )?(?:candidate['’]s |student['’]s )?names? (?:shall|will|is|are)\b[^.;]{0,14}\b(?:returned|rejected|refused|unmarked|not)\b|^\W*never your name\W*$/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\btitle page with (?:your |the )?(?:author['’]s |student['’]s )?(?:full )?name\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:marked|labelled|identified) with (?:only )?(?:your |the )?(?:candidate|exam\w*|student) number only\b/gi)) found.push(yes(true, m, clause));
    // “Your candidate number, not your name, on every page”; “hand in … without your name”.
    for (const m of matchesIn(clause, /\b(?:candidate|exam|student|matriculation|registration|ID)[ -](?:number|code|ID)\b[\s,(–-]*(?:and )?(?:not|never|no|instead of)\s+(?:your\s+)?names?\b(?=[^.;]{0,30}\b(?:page|header|cover|top|paper|essay|first)\b|\s*[!)])|\b(?:hand(?:ed)? (?:it |this )?in|submit(?:ted)?|upload(?:ed)?)\b[^.;]{0,80}\bwithout your names?\b/gi)) if (!/\bfile ?name\b/i.test(clause.text)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /(?:^|[,;:]\s*)\W*no names?(?:,? please)?\W*$|\bso no names\b(?! of)|^\W*(?:please )?(?:do not|don['’]t) (?:put|write|include|give|add|state) your names?\W*$|\b(?:do not|don['’]t|never) (?:put|write|include|give|add|state) your names? (?:in|on|into) (?:the|your) (?:document|paper|essay|report|text|work|file(?! name)|pdf)\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:mark(?:ed|ers?)|graded?|assess\w+|tutors?|examiners?|lecturers?)\b[^.;]{0,60}\b(?:will|do|does|can) (?:know|see) (?:your names?|who you are|whose work)\b[^.;]{0,20}/gi)) if (/\bmark|\bgrad|\bassess|\b(?:tutors?|examiners?)\b[^.;]{0,20}\bwill know\b/i.test(clause.text)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\binclude\b[^.;]{0,60}\byour (?:full |last )?name\b[^.;]{0,30}\b(?:in|on|at)\b[^.;]{0,20}\b(?:corner|top|header|title page|first page|cover)\b/gi)) if (!/\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i.test(clause.text.slice(0, m.at - clause.start)) && !/\b(?:not|never)\b/i.test(m[0])) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:put|write|include|give|state|type|use)\s+your (?:(?:full|last|own) )?(?:name|surname)\b[^.;]{0,50}\b(?:on|in|at)\b[^.;]{0,20}\b(?:paper|corner|essay|title page|cover|first page|top|document|header|every page|each page)\b|\byour (?:full )?name\b[^.;]{0,40}\b(?:must|should|has to|have to|needs? to|is to|are to)\s+(?:be|appear|stand)\s+(?:\w+\s+)?(?:on|in|at)\b[^.;]{0,20}\b(?:title page|cover|first page|top|header|every page|each page|front|memo|paper|essay|report|document|work)\b/gi)) if (!/\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i.test(clause.text.slice(0, m.at - clause.start))) found.push(yes(false, m, clause));
  }
  return found;
}

/** Whether the text is compared with others by a machine. A warning against plagiarism alone does not settle it. */
export function readSimilarity(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /similar|originality|match|plagiar|compar/i)) for (const m of matchesIn(clause, /\b(?:text[- ]?)?similarity(?:[- ](?:check\w*|reports?|scores?|index|software|detection|service|tool|review|screening|percentage))?\b|\boriginality[- ](?:check\w*|reports?|scores?|software)\b|\btext[- ]match\w*(?: (?:software|service|tool|check))?\b|\btext[- ]comparison (?:software|service|tool|system|check)\b|\b(?:texts?|work|essays?|papers?|reports?|code|submissions?|files?|it)\b[^.;]{0,30}\bcompared (?:with|to|against)\b[^.;]{0,40}\b(?:papers|texts|sources|submissions|work|databases?|web|internet)\b|\bplagiarism[- ](?:detect\w+|check\w*|control|software|scan\w*|screening|tool|prevention (?:software|service))\b|\b(?:check|scan|screen|run|test|compar)\w*\b[^.;]{0,40}\b(?:for|against|through)\b[^.;]{0,30}\b(?:plagiarism|similarity|originality|other (?:texts|papers|sources|submissions)|matching text)\b/gi)) {
    if (/\b(?:similarity|similarities) (?:between|of|to|in)\b/i.test(clause.text) && !/check|report|score|software/i.test(m[0])) continue;
    found.push(yes(!negated(clause, m), m, clause));
  }
  return found;
}

/** Whether a declaration of own work is asked for. */
export function readDeclaration(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /declar|statement|confirm|own|certify|affirm|honou?r/i)) for (const m of matchesIn(clause, /\b(?:declaration|statement|confirmation)\s+(?:of\s+)?(?:(?:your|one['’]s)\s+)?(?:own(?: original)? work|originality|authorship|academic (?:integrity|honesty)|academic conduct|independent work|sole authorship)\b|\b(?:own[- ]work|originality|authorship|integrity|honesty|plagiarism|academic integrity) (?:declaration|statement)\b|\b(?:declar(?:e|es|ing)|confirm(?:ing)?|certify(?:ing)?|stat(?:e|ing)|affirm(?:ing)?)\b[^.;]{0,30}\b(?:own (?:original )?work|written (?:it|this) (?:yourself|alone)|(?:work|text|essay|paper|it) (?:is|are) (?:all |entirely |wholly )?(?:your|my) own)\b|\bsigned (?:declaration|statement)\b|\b(?:statement|declaration) (?:on|against|about) plagiarism\b|\b(?:tick|sign|accept|agree to|complete)\b[^.;]{0,40}\b(?:honou?r (?:statement|code|pledge|declaration)|statement of honou?r)\b|\b(?:include|attach|add|submit|sign|upload|need) (?:a|the) (?:signed )?declaration\b|\bdeclaration\s*:\s*(?:signed|tick\w*|required|yes|to be)\b|\bdeclaration that\b[^.;]{0,50}\b(?:written |done |worked )?(?:independently|yourself|on your own|without help)\b|\bdeclaration (?:form|must|is|has|at)\b|\btick\b[^.;]{0,40}\b(?:declaration|own work)\b/gi)) found.push(yes(/^[^.;]{0,20}\bdo(?:es)? not count\b/i.test(clause.text.slice(m.to - clause.start)) || !negated(clause, m), m, clause));
  return found;
}
