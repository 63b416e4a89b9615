import { clausesWith, isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';
import { negated, yes } from './yes-or-no.ts';
import { keptFromMarkers, knownToMarkers, nameAskedFor, ofOthers } from './wordings/who-it-is.ts';
import { anonymousMarking, codeInsteadOfName, knownByCode, markersDoNotKnow, namesAreShown, namesKeptOut } from './wordings/anonymous.ts';
import { firstIn, says } from '../text/patterns.ts';

/** Whether the marking is anonymous. Talk of anonymous interviewees, data or peer review does not settle it. */
export function readAnonymous(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  // “Who will see my name? Nobody.”
  clauses.forEach((c, i) => { const answer = clauses[i + 1]; if (answer && c.asks === 'open' && says(c.text, /\bwho\b[^?]*\b(?:see|know)s?\b[^?]*\bnames?\b/i) && says(answer.text, /^\W*(?:A\s*[:.]\s*)?(?:nobody|no one|no-one)\b/i)) found.push({ value: true, start: answer.start, end: answer.end }); });
  // “Do I put my name on it? Not on the report. The log has to carry it.”: what is said of another paper under the same question does not hold against it.
  const notOnIt = clauses.filter((c) => says(c.under ?? '', /\b(?:my|our) (?:full )?names?\b[^?]*\?\W*$/i) && says(c.text, /^\W*(?:A(?:nswer)?\s*[:.]\s*)?(?:nobody['’]s|no name|not (?:on|in)(?! the file ?name)(?! the name of))\b/i));
  for (const c of notOnIt) found.push(yes(true, { at: c.start, to: c.end }, c));
  // “My name? Leave it off.” “What about my name? On the first page, please.”
  clauses.forEach((c, i) => {
    const answer = clauses[i + 1], said = answer && c.asks && says(c.text, /^\W*(?:Q\W+)?(?:and |but |what about |how about )?(?:my|our) (?:full |own )?names?\W*\?\W*$/i) ? firstIn(answer.text, /^\W*(?:A\W+)?(?:please )?(?:(?<out>(?:leave|keep|take) (?:it|them) (?:off|out|away)|(?:does not|doesn['’]t|must not|should not|shouldn['’]t) (?:appear|be)|nowhere)|(?<on>(?:(?:put|write|give|goes|belongs) (?:it |them )?)?(?:on|at) (?:the |every |each )?(?:first|title|cover|front|top)))\b/i) : null;
    if (said) found.push({ value: said.groups!.out !== undefined, start: answer!.start, end: answer!.end });
  });
  // “Student number in the file name, no names anywhere please”: what is said of the file's name beside it does not narrow that.
  for (const c of clauses) if (!c.asks && /\bfile ?names?\b/i.test(c.text)) for (const m of matchesIn(c, /\bno (?:personal |student |own |real )?names? anywhere\b(?! (?:in|on) (?:the |your )?file ?names?)/giu)) found.push(yes(true, m, c));
  // “Names on the first page are fine, I know you all anyway.”
  for (const c of clauses) if (!c.asks) for (const m of matchesIn(c, /\b(?:your )?names? (?:on|in) (?:the|your) (?:(?:first|title|front|cover) page|header|paper|document|essay|report) (?:is|are) (?:fine|ok(?:ay)?|allowed|welcome|no problem|all right)\b|\b(?:can|may) put your (?:own )?names? on (?:it|the (?:paper|essay|report|first page))\b|\b(?:I|we) know (?:you all|all of you|you|your (?:hand)?writing) anyway\b/giu)) found.push(yes(false, m, c));
  // “Component B is marked anonymously; component A can't be.”: of one and not of the other.
  clauses.forEach((clause, k) => { if (says(clause.text, /^\W*(?:component|part|task|element|assessment|essay|item) (?:[A-F]|\d)\b[^.;]{0,12}\b(?:can['’]t|cannot|is not|isn['’]t|won['’]t|will not|are not)(?: be)?\b(?! (?:anonym|more|over|longer|exceed|contain|submit|includ))[^.;]{0,40}\W*$/i) && /\banonym/i.test(clauses[k - 1]?.text ?? '')) found.push({ value: false, start: clause.start, end: clause.end, override: false }); });
  // “Do I put my name on it? No!”
  // “Name visible? Yes please.”
  for (const c of clauses) if ((c.asks === 'yes' || c.asks === 'no') && says(c.text, /^\W*(?:is (?:my|your|the) )?names? (?:visible|shown|on (?:it|the paper))\W*\?/i)) found.push({ value: c.asks === 'no', start: c.start, end: c.end });
  for (const c of clauses) if ((c.asks === 'yes' || c.asks === 'no') && says(c.text, /\b(?:do|should|must|may|can|shall) (?:I|we) (?:put|write|give|include|state|add|use) (?:my|our) names?\b(?![^?]*\bfile ?name)|\b(?:do(?:es)?|should|must|may|can|will) (?:my|our) names? (?:go|appear|stand|belong|be|(?:have|need) to be) on (?:it|(?:the|my) (?:paper|essay|work|report|coursework|first page|title page|cover))\b|\bshould my name (?:be|appear|stand) (?:in|on) (?:the|my) (?:file(?! ?name)|paper|essay|document|text|work|report)\b/i)) found.push({ value: c.asks === 'no', start: c.start, end: c.end });
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /anonym|recogni[sz]|without (?:knowledge|sight)|gives? you away|personal detail|blind|named (?:mark|grad|assess)|^\W*identi|by name|no name|permitted to|allowed to|^\W*names?\s*[:|]|on page|on the (?:paper|essay|report)|whose|marked by|anywhere (?:but|except)|replaced|under (?:the|your|a) (?:candidate|exam|pseudonym|code|motto)|see only|sees only|neither|nothing but|nothing except|nothing else|numbers|identif|(?:numbers?|codes?|ID) only|\bsurnames?\b|\bbear|\bnames?\b|identi[ft]|who (?:you are|wrote|has written|the author)|which student|by (?:candidate|exam)|without (?:knowing|seeing)|(?:not|n['’]t) (?:know|see)/i)) {
    // “Anonymity: marked by name.”
    const withNames = firstIn(clause.text, /^\W*(?:anonymity|anonymous marking|blind marking)\s*[:|–-]\s*(?:(?:it|this|all) (?:\w+ )?(?:is |are )?)?(?:(?:marked|graded|assessed|read) )?(?:by|under|with) (?:the |your )?names?\b(?! (?:hidden|removed|covered|off))/i);
    if (withNames) { found.push({ value: false, start: clause.start + withNames.index, end: clause.start + withNames[0].length, override: isCorrection(clause) }); continue; }
    // “It carries your candidate code and no other means of identification.”
    for (const m of matchesIn(clause, /\b(?:carries|bears|shows|has|carry|bear|show|with) (?:only )?(?:the|your) (?:candidate|exam\w*|student) (?:code|number|ID)\b[^.;]{0,20}(?:\([^)]*\) )?and no other (?:means of identification|identification|identifying \w+|name|personal \w+)\b/gi)) found.push(yes(true, m, clause));
    // “Your candidate number is the only means of identification permitted on the paper.”
    for (const m of matchesIn(clause, /\b(?:candidate|exam\w*|student|registration|matriculation) (?:code|number|ID) is the only (?:means|form|piece) of identif\w+\b/gi)) found.push(yes(true, m, clause));
    // “Please write your name into the header”; “names of all group members on the cover page”.
    for (const m of matchesIn(clause, /^\W*(?:please |always |do )?(?:write|put|type|state|give|add|include) your (?:full )?name\b[^.;]{0,40}\b(?:in|into|on|at) (?:the |your |every |each )?(?:header|footer|top|first page|title page|cover|page (?:1|one)|each page|every page)\b|^\W*names?\b(?: and [a-z ]{3,24})? of (?:all|both|every)(?: the)? (?:group |team )?(?:members?|authors?|partners?|students?)\b[^.;]{0,12}\bon the (?:cover\b|(?:title|first|front) (?:page|sheet)\b)/gi)) if (!/\b(?:no|not|never|n['’]t)\b/i.test(m[0])) found.push(yes(false, m, clause));
    // “The essay shall not carry your name, only your library card number.”
    for (const m of matchesIn(clause, /\b(?:shall|must|should|may|does|do|will) ?(?:not|n['’]t) (?:carry|bear|show|have|contain|include|state|display) (?:your|the author['’]s|the candidate['’]s|the student['’]s) (?:own )?names?\b(?=[^.;]{0,20}\b(?:only|just|but)\b[^.;]{0,30}\b(?:number|code|ID)\b)/gi)) if (!/\bfile ?names?\b/i.test(clause.text.slice(0, m.at - clause.start))) found.push(yes(true, m, clause));
    // “The attachment must not carry the author's name”; “team members' names below the title”.
    for (const m of matchesIn(clause, /\b(?:attachment|manuscript|entry|essay|paper|text|story|document|poster|pdf) (?:itself )?(?:must|should|may|shall) not (?:carry|bear|show|have|contain|include|state|display) (?:your|the author['’]?s|the writer['’]?s) (?:own )?names?\b/gi)) if (!found.some((f) => f.start < m.to && m.at < f.end)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /^\W*(?:(?:team|group) members['’]?|authors['’]?|all) names (?:below|under|beneath|next to|above) the title\b/gi)) found.push(yes(false, m, clause));
    // “Your name will be hidden from the marker.”
    for (const m of matchesIn(clause, /\byour (?:own )?name (?:is|will be|stays|remains) (?:hidden|concealed|withheld|invisible|unknown) (?:from|to) (?:the |your )?(?:markers?|examiners?|graders?|tutors?|readers?|assessors?)\b/gi)) found.push(yes(true, m, clause));
    // “Put your candidate number, and not your name, at the head of the first page”; “keep your name out of it”.
    for (const m of matchesIn(clause, /\b(?:candidate|exam\w*|student|registration|library)[ -](?:number|code|ID)s?,? (?:and |but )?(?:not|never) your (?:own )?names?,? (?:at|on|in) (?:the )?(?:head|top|header|first page|title page|each page|every page)\b|\bkeep your (?:own )?names? (?:out of|off) (?:it|the (?:paper|essay|text|document|file(?! ?name)|pdf|work|thesis|report)|your (?:paper|essay|text|document|work|report))\b/gi)) found.push(yes(true, m, clause));
    // “Two examiners who are told the candidate's name.”
    for (const m of matchesIn(clause, /\b(?:markers?|examiners?|graders?|assessors?|tutors?|readers?)\b[^.;]{0,24}\b(?:who|which|that) (?:are|is|will be) (?:told|given|informed of|shown) the (?:candidate|student|author|writer)['’]?s? (?:names?|identit(?:y|ies))\b/gi)) found.push(yes(false, m, clause));
    // “Submit your essay under a pseudonym.” “I then grade them by name.”
    for (const m of matchesIn(clause, /\b(?:submit|hand in|upload|write|submitted|handed in)\b[^.;]{0,30}\bunder a (?:pseudonym|code ?name|motto)\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:I|we|the (?:tutor|lecturer|marker)s?)(?: then| will| myself)? (?:mark|grade|assess)s? (?:it|them|these|everything|all of them) by name\b/gi)) found.push(yes(false, m, clause));
    // “We grade with names visible.” “Anonymised by the office before they are passed on.” “The assistants grade the papers without names attached.”
    for (const m of matchesIn(clause, /\b(?:mark|grade|assess|read)(?:s|ed|ing)? (?:\w+ ){0,3}with (?:the |your )?names (?:visible|on|showing|shown)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:essays|papers|scripts|submissions|assignments|work|reports|files) (?:are|is|will be) anonymi[sz]ed (?:by (?:the |our )?[\w ]{3,24} )?(?:before|when|prior to)\b|\b(?:mark|grade|assess|read)(?:s|ed|ing)? (?:\w+ ){0,3}without (?:any )?names (?:attached|on (?:them|it)|visible|showing)\b/gi)) found.push(yes(true, m, clause));
    // “Anonymity is impossible.” “You'll be marked under your own name.” “The cover page bears the title, your name …”
    for (const m of matchesIn(clause, /\banonymity is (?:impossible|not possible|out of the question)\b|\b(?:marked|graded|assessed|read) under your (?:own|real|full) names?\b|\b(?:title|cover|first|front) page (?:bears|carries|shows|gives|states|has)(?: |: )(?:[^.;]{0,30}, )?your (?:full )?name\b|^\W*names? on (?:the (?:paper|essay|report|first page|cover|title page)|page (?:1|one)),? please\b|^\W*names?\s*[:|]\s*(?:all|both) (?:members|authors|students|names)(?: on (?:the )?\w+)?\b/gi)) found.push(yes(false, m, clause));
    // “Nobody marking your essay will know whose it is.” “Scripts are marked by candidate number.” “Names will be replaced by codes before marking.” “Your name shouldn't be anywhere but on the cover sheet.” “Marking: double, blind.”
    for (const m of matchesIn(clause, markersDoNotKnow)) if (!/\bnot (?:blind|anonymous)\b/i.test(m[0])) found.push(yes(true, m, clause));
    // “Work shall be submitted under the candidate number.”
    for (const m of matchesIn(clause, /\b(?:submitted|handed in|uploaded|written) (?:only )?under (?:the|your|a) (?:candidate|exam\w*|anonymous) (?:number|code|ID)\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /^\W*(?:own|author['’]?s|student['’]?s|your) name\s*[:|]\s*(?:on|in) the (?:title|first|cover|front) page\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:everything|all work|coursework|papers?|essays?|work|this (?:course|module|assignment|assessment)) is (?:marked|graded|assessed) by name\b|\bexempt(?:ed)? from (?:anonymous|blind) (?:marking|grading|assessment|submission)\b/gi)) found.push(yes(false, m, clause));
    // “The front page must state the names of all members”; “both names have to be on the report”; “must not contain: your name”.
    for (const m of matchesIn(clause, /\b(?:front|title|cover|first) page (?:must|should|has to|shall) (?:state|show|contain|list|give|have|carry) (?:the |your )?(?:full )?names?\b|\b(?:both|all|your) names? (?:have|has|must|need|needs) (?:to )?be on the (?:report|paper|essay|poster|work|first page|title page|cover)\b/gi)) if (!/\bnot\b/i.test(m[0])) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /^\W*must not contain\s*:\s*[^.;]*\byour name\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:submit|hand in|upload) (?:their |your )?(?:\w+ )?under (?:their|your) (?:own |full )?names?\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:do not|don['’]t|never) sign (?:your|the) (?:work|paper|essay|report|text|thesis)\b/gi)) if (says(clause.text, /\b(?:candidate|exam\w*) (?:number|code|ID)\b/i)) found.push(yes(true, m, clause));
    // “Examiners see numbers only”, “marking is by candidate number”; “assessors know which student wrote which paper”.
    for (const m of matchesIn(clause, /\b(?:markers?|examiners?|graders?|assessors?|tutors?|readers?) (?:will )?(?:only )?sees? (?:only )?(?:candidate |exam |student )?numbers(?: only)?\b|\b(?:marking|grading|assessment) is (?:done |carried out )?by (?:candidate|exam\w*|anonymous) (?:number|code|ID)s?\b/gi)) if (says(m[0], /\bonly\b|\bby (?:candidate|exam|anonymous)/i)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:markers?|examiners?|graders?|assessors?|tutors?|lecturers?) (?:will )?know (?:which student|who) (?:wrote|has written|handed in|submitted) (?:which|what|each|the|a)\b/gi)) found.push(yes(false, m, clause));
    // “Use your staff ID, not your name, to name the file.”
    if (says(clause.text, /\bnot your names?,? (?:to name|for naming|when (?:you )?nam(?:e|ing)|as the name of|in the name of) (?:it|(?:the|your) (?:file|document)s?)\b/i) && !/\b(?:mark|grad|assess)(?:ed|ing)\b/i.test(clause.text)) continue;
    for (const m of matchesIn(clause, /\b(?:they|we|I|(?:the |your |both |all )?(?:assessors?|markers?|tutors?|examiners?|readers?))(?:['’]ll| will)(?: of course| naturally)? know who you are\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:candidates?|students?|authors?)['’]s?['’]? (?:identit(?:y|ies)|names?) (?:is|are|will be|stays?|remains?) (?:kept )?(?:protected|concealed|hidden|withheld|secret|unknown|undisclosed)\b/gi)) if (/\b(?:mark|grad|assess|examin)\w*/i.test(clause.text)) found.push(yes(true, m, clause));
    // “The candidate's name and matriculation number appear on the title page.”
    for (const m of matchesIn(clause, /\b(?:candidate|student|author)['’]?s?['’]? (?:full )?name\b[^.;]{0,60}\b(?:appears?|stands?|(?:is|are|has to be|have to be|must be) (?:given|stated|shown|put)|goes|go) on the (?:title|first|cover|front) (?:page|sheet)\b/gi)) if (!says(clause.text, /\b(?:no|not|never|neither|nor|n['’]t)\b/i)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:candidate|exam\w*|student|registration|matriculation)[ -](?:number|code|ID|no\.?)\b[^.;]{0,24}\bpages?\b[\s,(–-]*(?:and |but )?no names?\b|\btitle page \([^)]*\byour (?:full )?name\b/gi)) found.push(yes(!/^title/i.test(m[0]), m, clause));
    // “Classmates comment anonymously, but posts carry your name.”
    for (const m of matchesIn(clause, /\bbut (?:the |your )?(?:posts?|papers?|essays?|work) (?:themselves )?(?:carr(?:y|ies)|bears?|shows?|has|have) your (?:full )?name\b/gi)) found.push(yes(false, m, clause));
    if (says(clause.text, /\b(?:interview\w*|participants?|respondents?|informants?|peer[- ](?:review\w*|comments?|evaluations?|assessments?|feedback|ratings?|marking|mark(?:ed)?|grad(?:ing|ed))|peers|classmates|fellow students|survey|questionnaire|patients?|clients?|anonymis(?:e|ed|ing) (?:your |the |all )?(?:data|names of|sources)|reviewers?|evaluation of (?:the )?(?:course|module)|feedback (?:on|about|for) (?:the |this |our )?(?:course|module|class|unit|teaching)|helpline)\b/i) && !/\bmark(?:ed|ing|er)s?\b/i.test(clause.text)) continue;
    for (const m of matchesIn(clause, anonymousMarking)) {
      // “Write two anonymous reviews.”
      if (/^anonymous(?:ly)?\b/i.test(m[0]) && says(clause.text.slice(m.at - clause.start), /^anonymous(?:ly)? (?:peer )?(?:donors?|benefactors?|colleagues?|witness(?:es)?|informants?|participants?|respondents?|manuscripts?|pamphlets?|novels?|plays?|people|persons?|tips?|sources?|authors?|works?|texts?|poems?|letters?|quotations?|interviews?|data|reviews?|comments?|feedback|ratings?|evaluations?|questionnaires?|surveys?)\b/i)) continue;
      // “Anonymously or under your own name”.
      if (says(clause.text.slice(m.to - clause.start), /^,? or (?:under|with|in) (?:your|their) (?:own )?names?\b/i) || says(m[0], /\banonymously,? or (?:under|with|in) (?:your|their) (?:own )?names?\b/i)) continue;
      // “Anonymity: …” as a heading says only what stands behind it.
      if (/^anonymity$/i.test(m[0]) && /^\s*[:–-]/.test(clause.text.slice(m.to - clause.start)) && clause.text.slice(0, m.at - clause.start).trim() === '' && /\b(?:anonym\w*|names?)\b/i.test(clause.text.slice(m.to - clause.start)) && !says(clause.text.slice(m.to - clause.start), /^\s*[:–-]\s*(?:yes|no|none|required|on|off|not (?:applicable|required))\b/i)) continue;
      // “Not anonymous for presentations; essays are marked anonymously.”
      if (says(clause.text.slice(m.to - clause.start), /^(?![^.;]{0,14}\b(?:except|apart|save|aside)\b)[^.;]{0,14} (?:for|in|of) (?:the )?(?:presentations?|orals?|vivas?|posters? sessions?|talks?)\b/i)) continue;
      // “You'll each review two drafts anonymously.”
      if (/^anonymous/i.test(m[0]) && says(clause.text.slice(0, m.at - clause.start), /\b(?:you(?:['’]ll| will)?|students|peers?|everyone)\b[^.;]{0,20}\b(?:review|comment on|assess|evaluate|rate) (?:\d|two|three|four|each other|one another|an?|the|your|their|one)\b[^.;]{0,24}$/i)) continue;
      // “Keep the firm you write about anonymous.”
      if (/^anonymous$/i.test(m[0]) && says(clause.text.slice(0, m.at - clause.start), /\b(?:keep|leave|make) (?:the|your|all|any) (?!(?:[a-z]+ )?(?:papers?|essays?|work|files?|submissions?|reports?|scripts?|texts?|documents?|marking|theses|thesis)\b)[a-z]+ [^.;]{0,30}$/i)) continue;
      // “Unless the company wishes to stay anonymous.”
      if (says(clause.text.slice(0, m.at - clause.start), /\b(?:compan(?:y|ies)|organi[sz]ations?|schools?|firms?|institutions?|employers?|hosts?|clients?|partners?|interviewees?|participants?)\b[^.;]{0,20}\b(?:wish(?:es)?|wants?|prefers?|asks?|would like|decides?|chooses?) to (?:stay|remain|be)\s+$/i)) continue;
      // “People you observed must remain anonymous.”
      if (says(clause.text.slice(0, m.at - clause.start), /\b(?:people|persons|participants|subjects|interviewees|patients|pupils|children|informants|respondents|clients|schools?|compan(?:y|ies)|colleagues|those|everyone|anyone|speakers|families|parents|teachers)\b[^.;]{0,40}\b(?:must|should|has to|have to|needs? to|are to|is to|shall|will)\b[^.;]{0,10}\b(?:remain|be|stay|be kept|be made)\s+(?:completely |fully |strictly )?$/i)) continue;
      if (/^anonymity$/i.test(m[0]) && says(clause.text.slice(m.to - clause.start), /^ is (?:impossible|not possible|out of the question)\b/i)) continue;
      // “Anonymity can't be guaranteed.”
      if (/^anonymity$/i.test(m[0]) && says(clause.text.slice(m.to - clause.start), /^ (?:can(?:not|['’]t| not)|could not|will not|won['’]t) (?:always )?be (?:guaranteed|kept|ensured|preserved|maintained|promised|provided)\b/i)) { found.push(yes(false, m, clause)); continue; }
      // “Cannot be marked anonymously as it is a presentation.”
      if (says(m[0], /\b(?:cannot|can not|can['’]t) be (?:fully |completely |marked |graded |assessed )*anonymous\w*$/i) ||says(clause.text.slice(0, m.at - clause.start), /\b(?:cannot|can not|can['’]t|could not) (?:be )?(?:(?:marked|graded|assessed|handled|treated|submitted) )?$/i)) { found.push(yes(false, m, clause)); continue; }
      if (/^\s*[:|]\s*(?:N|no)\W*$/.test(clause.text.slice(m.to - clause.start))) { found.push(yes(false, m, clause)); continue; }
      const mention = says(m[0], /\bnot (?:the |your )?names?\b|without|(?:not|n['’]t) (?:know|see|be able to (?:see|know|tell|find out)|find out|learn|be told|used|shown|visible)|neither of whom/i);
      // “The final, non-anonymous versions”: others are anonymous.
      if (/\bnon-\s*$/i.test(clause.text.slice(0, m.at - clause.start)) && says(clause.text.slice(m.to - clause.start), /^\s*(?:final )?(?:versions?|cop(?:y|ies))\b/i)) continue;
      if (/\bnon-\s*$/i.test(clause.text.slice(0, m.at - clause.start)) || (/\bnot\b|n['’]t\b|\bexempt\b/i.test(m[0]) && !mention)) { found.push(yes(false, m, clause)); continue; }
      // “Parts a and c are not anonymous, part b is.”
      if (says(clause.text.slice(m.to - clause.start), /^[^.;]{0,10},? (?:but )?(?:marking (?:of|for) )?(?:part|essay|the|task|paper)\b[^.;,]{0,20} (?:(?:is|are)(?: not)?|isn['’]t|aren['’]t)\W*$/i)) continue;
      const no = !mention && negated(clause, m);
      // “To keep anonymity” supports it; “anonymity cannot be kept” denies it.
      found.push(yes(!no, m, clause));
    }
    for (const m of matchesIn(clause, namesKeptOut)) {
      // “The file name must not contain your name” is about that name.
      if (/\bfile ?names?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      // … also where the paper itself is named beside it: “in the file name or on the title page”.
      const inPaper = says(clause.text.slice(m.at - clause.start, m.at - clause.start + m[0].length + 40), /\b(?:on|in) (?:the|your|any) (?:title |first |cover |front )?(?:pages?|document|paper|essay|work|text|header|footer)\b|\banywhere\b/i);
      if (/\bfile ?names?\b/i.test(m[0]) && !inPaper || says(m[0], /\b(?:of|from) (?:the )?(?:file|patients?|participants?|interviewees?|clients?|people|schools?)\b/i)) continue;
      // “School names must not be shown” is about others.
      if (/^(?:names?|identity)\b/i.test(m[0]) && /[\p{L}’']\s+$/u.test(clause.text.slice(0, m.at - clause.start)) && !says(clause.text.slice(0, m.at - clause.start), /\b(?:candidates?|students?|authors?)['’]?s?['’]?\s+$/i)) continue;
      found.push(yes(true, m, clause));
    }
    for (const m of matchesIn(clause, keptFromMarkers)) if (!says(/\bany names?$/i.test(m[0]) ? clauses.slice(Math.max(0, clauses.indexOf(clause) - 1), clauses.indexOf(clause) + 2).map((c) => c.text).join(' ') : clause.text, ofOthers)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, knownToMarkers)) if (!says(clause.text, ofOthers)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, namesAreShown)) if (!says(clause.text.slice(0, m.at - clause.start), /\b(?:not|never|n['’]t|no \w+ (?:may|must|should|shall|can))\s+$/i) && !says(m[0], /\b(?:page|cover)\b.*\b(?:not|never|no|without) (?:your|the|any) (?:\w+ )?names?$/i)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, codeInsteadOfName)) if (!says(clause.text.slice(0, m.at - clause.start), /\bfile ?names?\b|^\W*(?:the )?(?:file ?name|name|naming)\b/i)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:title|first|cover|front) page (?:should|must|has to|needs to) (?:contain|include|show|state|have|give|bear|carry)\b[^.;]{0,14}\b(?:your|the author['’]s|the student['’]s) (?:full )?name\b|\bname and (?:student |candidate |ID )?number on (?:the first page|page (?:1|one)|the (?:title|cover) page)\b|\btitle page\s*:\s*your (?:full )?name\b|\blist (?:all |the |your )*(?:group |team )?(?:members|names) on the (?:title|first|cover) page\b|\bput (?:both|all(?: the)?) (?:your )?names on (?:it|the)\b|\bnames of (?:both|all) [a-z ]{3,24} on (?:page (?:1|one)|the (?:first|title) page)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:title|first|cover|front) page (?:carries|shows|bears|states|gives|has) (?:your|the author['’]s) (?:full )?name\b|^\W*(?:title|first|cover|front) page\s*:[^.;]{0,30}\byour (?:full )?name\b|\b(?:version|paper|essay|report|draft|assignment|post)s? (?:carr(?:y|ies)|bears?|shows?|has|have|will carry|will bear) (?:your|the author['’]s) (?:full )?name\b|\bboth (?:(?:partners|authors|students|members)['’]? |your )?names on (?:page (?:1|one)|the (?:first|title|cover) page)\b|\b(?:do not|don['’]t|never) forget (?:to (?:write|put|add|include|give) )?your names?\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:upload|submit|hand in)\b[^.;]{0,80},? with your (?:full )?name\b/gi)) if (!says(clause.text, /\b(?:versions?|cop(?:y|ies)|cover|sheet|one|without)\b/i)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /(?:^\W*|,\s*(?:and )?)your (?:full )?name(?: and [a-z ]{2,20})? on (?:the (?:first|title|cover|front) page|page (?:1|one)|every page|each page)\b/gi)) if (!/\b(?:no|not|never|without|n['’]t)\b/i.test(clause.text)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /^\W*(?:please )?put your (?:full )?name (?:and [a-z ]{3,24} )?on (?:page (?:1|one)|the first page)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /^\W*(?:grading|marking|blind|anonymous)\s*[:|]\s*(?:by name\b|no\b|nein\b|with names?\b|names? (?:are )?visible|not anonymous|not blind|open)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:marking|grading|assessment) (?:is |will be )?not (?:blind|anonymous|anonymised)\b(?! (?:for|in|of)\b)/gi)) found.push(yes(false, m, clause));
    // “Name + student number on p1”.
    for (const m of matchesIn(clause, /(?:^|[,;:(]\s*)(?:your )?name (?:\+|and|&) (?:student|matriculation|section|group|ID) (?:number|no\.?|code|ID) on (?:p\.? ?1|page (?:1|one)|the (?:first|title|cover) page|top)\b/gi)) if (!/\b(?:no|not|never|without)\b/i.test(m[0])) found.push(yes(false, m, clause));
    // “Name on it: no.”
    for (const m of matchesIn(clause, /^\W*(?:your )?names? on (?:it|the (?:essay|paper|work|report))\s*[:|?]\s*(no|yes)\b/gi)) found.push(yes(m[1]!.toLowerCase() === 'no', m, clause));
    // “Name or number on the essay? Neither; only the personal code.”
    if (clause.under !== undefined && says(clause.under, /\bnames?\b[^?]{0,40}\bon (?:it|the (?:essay|paper|work|report|text))\s*\?/i)) for (const m of matchesIn(clause, /^\W*(?:A(?:nswer)?\s*[:.]\s*)?neither\b/gi)) found.push(yes(true, m, clause));
    // “The marker doesn't know who you are.”
    for (const m of matchesIn(clause, /\b(?:markers?|examiners?|graders?|readers?|tutors?|assessors?)(?: who[^.;,]{3,30})? (?:do(?:es)?(?: not|n['’]t)|will not|won['’]t|cannot|can['’]t|must not|never) (?:know|see|find out|learn|be told|be able to see) (?:who (?:you are|wrote|has written|the author is)|whose (?:work|essay|paper|script|report) it is|your names?|the (?:author|student)s?['’]?(?: names?)?|names)\b/gi)) if (!found.some((f) => f.start < m.to && m.at < f.end)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:keep|leave) your (?:own |full )?names? off (?:it|them|the|your|every|each|all)\b/gi)) if (!/\bfile ?name\b/i.test(clause.text)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /(?:\b(?:just|please|do|so) |^\W*)put your (?:full )?names? on (?:it|them|top|the (?:first|title) page)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\byour (?:own )?name is (?:fine|ok|okay|allowed|welcome)\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:has to|have to|must|should) (?:carry|bear|show|have) your (?:full )?name\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\btitle page with (?:your |the )?(?:author['’]s |student['’]s )?(?:full )?name\b/gi)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:marked|labelled|identified) (?:with|by) (?:only )?(?:your |the )?(?:candidate|exam\w*|student) (?:number|code) only\b/gi)) found.push(yes(true, m, clause));
    // “Your candidate number, not your name, on every page”; “hand in … without your name”.
    for (const m of matchesIn(clause, /\b(?:candidate|exam|student|matriculation|registration|ID)[ -](?:number|code|ID)\b(?:[\s,(–-]*(?:and |but )?(?:not|never|no|instead of)\s+(?:your\s+)?names?\b|(?: (?:on|in|at) (?:(?:the|each|every|all) )?(?:top|title|first|header|head|footer|page|pages|cover|front|\d| |of|each|every|page)*)\b[,(–-]?\s*(?:and |but )?(?:not|never|instead of)\s+(?:your\s+)?names?\b(?=\W*$|[ ,]))(?=\W*$|[^.;]{0,30}\b(?:page|header|cover|top|paper|essay|first|everything|all (?:your )?(?:work|files)|(?:each|every|the) (?:file|document|piece|report|poster|work|script|dissertation|portfolio|reflection|assignment))\b|\s*[!)])|\b(?:hand(?:ed)? (?:it |this )?in|submit(?:ted)?|upload(?:ed)?)\b[^.;]{0,80}\bwithout your names?\b/gi)) if (!/\bfile ?name\b/i.test(clause.text)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /(?:^|[,;:]\s*)\W*no names?(?:,? please)?\W*$|(?:^|,\s)\W*(?:please,? )?no names? (?:on|in) (?:it|them|the (?:paper|essay|document|report|text|manuscript|story|script|work|pages?|maps?|posters?|plans?|drawings?|sheets?|slides?|boards?|figures?)(?= |[.,;)]|$)|your (?:paper|essay|document|report|text|work))\b|\bso no names\b(?! of)|^\W*(?:please )?(?:do not|don['’]t) (?:put|write|include|give|add|state) your names?\W*$|\b(?:do not|don['’]t|never) (?:put|write|include|give|add|state) your names? (?:in|on|into) (?:the|your|either|any) (?:document|paper|essay|report|text|work|file(?! name)|pdf)\b/gi)) found.push(yes(true, m, clause));
    for (const m of matchesIn(clause, /\b(?:mark(?:ed|ers?)|graded?|assess\w+|tutors?|examiners?|lecturers?)\b[^.;]{0,60}\b(?:will|do|does|can) (?:know|see) (?:your names?|who you are|whose work)\b[^.;]{0,20}/gi)) if (!/\b(?:neither|none|nobody|no one)\b/i.test(m[0]) && says(clause.text, /\bmark|\bgrad|\bassess|\b(?:tutors?|examiners?)\b[^.;]{0,20}\bwill know\b/i)) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\binclude\b[^.;]{0,60}\byour (?:full |last )?name\b[^.;]{0,50}\b(?:in|on|at)\b[^.;]{0,20}\b(?:corner|top|heading|header|title page|first page|cover)\b/gi)) if (!says(clause.text.slice(0, m.at - clause.start), /\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i) && !/\b(?:not|never)\b/i.test(m[0])) found.push(yes(false, m, clause));
    for (const m of matchesIn(clause, /\b(?:put|write|include|give|state|type|use)\s+your (?:(?:full|last|own) )?(?:name|surname)\b[^.;]{0,50}\b(?:on|in|at)\b[^.;]{0,20}\b(?:paper|corner|essay|title page|cover|first page|top|document|header|every page|each page)\b|\byour (?:full |own )?name\b[^.;]{0,40}\b(?:must|should|has to|have to|needs? to|is to|are to)\s+(?:be|appear|stand)\s+(?:(?!nowhere\b)\w+\s+)?(?:on|in|at)\b[^.;]{0,20}\b(?:title page|cover|first page|top|header|every page|each page|front|front page|memo|paper|essay|report|document|work)\b/gi)) if (!says(clause.text.slice(0, m.at - clause.start), /\b(?:not|never|don['’]t)\b[^.;]{0,20}$/i)) found.push(yes(false, m, clause));
  }
  // “Your name should be on the cover sheet but nowhere else, since papers are marked anonymously.”
  const apart = clauses.filter((c) => says(c.text, /\b(?:nowhere else|not anywhere else|and only there|elsewhere)\b/i)), within = (s: Statement<boolean>, c: Clause): boolean => s.start >= c.start && s.end <= c.end;
  const kept = found.filter((s) => s.value || !notOnIt.some((n) => clauses.some((c) => c.under === n.under && within(s, c)))).filter((s) => s.value || !apart.some((c) => within(s, c) && found.some((other) => other.value && within(other, c))));
  return kept.length > 0 ? kept : byNames(clauses);
}

/** Where nothing says so in words of marking: names that are asked for on the paper, or kept off it. */
function byNames(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const [i, clause] of clauses.entries()) {
    const { text } = clause, refuses = says(text, /\b(?:not|never|no|without|nor|neither)\b|n['’]t\b/i);
    for (const m of matchesIn(clause, /\byour (?:full )?names? (?:goes|go|stands?|appears?|belongs?) in the file ?name and (?:also )?on (?:page (?:1|one)|the (?:first|title|cover) page)\b/gi)) if (!refuses) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
    // “Names of authors: yes, under the title”; “Both under your own name.”; “the document should not be anonymised”.
    for (const m of matchesIn(clause, /^\W*(?:names? of (?:the )?authors?|authors?['’]? names?|your names?|names?)\s*[:|]\s*(yes|no)\b/gi)) found.push({ value: m[1]!.toLowerCase() === 'no', start: m.at, end: m.to, override: isCorrection(clause) });
    for (const m of matchesIn(clause, /\b(?:both|all|everything|each|it|they|papers?|work) (?:(?:is|are) (?:handed in|submitted|uploaded|marked) )?under your (?:own|real|full) names?\b|\b(?:document|paper|report|essay|work|submission|file|script)s? (?:should|must|needs?|will|are|is) not (?:to )?(?:be )?(?:made )?(?:anonymi[sz]ed|anonymous)\b(?! (?:if|unless|when|until|before|after)\b)/gi)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
    // “Use your real name; ministers like to know who's writing.”
    for (const m of matchesIn(clause, /\b(?:use|write under|hand (?:it )?in under|submit under) your (?:real|own|full) names?\b(?! (?:in|for|as)\b)/gi)) if (!refuses) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
    // “Only your candidate number may appear on the work.”
    for (const m of matchesIn(clause, /\bonly (?:your |the )?(?:candidate|exam(?:ination)?|anonym\w+) (?:number|code|ID) (?:may|should|must|can|is to|will) (?:appear|be (?:shown|used|given|visible)|stand|identify)\b/gi)) found.push(yes(true, m, clause));
    // “No names in the document or the file name.”
    for (const m of matchesIn(clause, /\bno (?:student )?names? (?:in|on) (?:the |your |either |any )?(?:document|paper|essay|text|work|page)s?(?:,| or| and| nor)+ (?:in )?(?:the |its )?(?:file ?names?|name of the file|properties|metadata)\b/gi)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
    if (!refuses && !/\b(?:file ?names?|separate|only)\b/i.test(text)) for (const m of matchesIn(clause, nameAskedFor)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
    if (/\bfile ?names?\b/i.test(text) || says(text, /\bnames? of (?!(?:(?:all|the|both|every|each) )?(?:\w+ )?(?:members?|authors?|students?|candidates?)\b)/i)) continue;
    if (!refuses) for (const m of matchesIn(clause, /\b(?:marked|graded|read) by your (?:own )?(?:tutor|lecturer|supervisor|teacher),? so (?:please )?(?:include|put|give|write) your (?:own |full )?name\b|\b(?:put|write|list|state|give|include|add|show|print|type)\b[^.;]{0,40}\bnames?\b[^.;]{0,24}\bon (?:the |your |every |each |its )?(?:front|cover|title|first|slide|each|every|page|pages|top|paper|essay|report|document|work|file|header|sheet|poster)\b|\byour (?:own |full )?names? (?:go(?:es)? )?on (?:the )?(?:front|cover|title page|first page|top)\b|\b(?:paper|essay|report|poster|cover|title page)\b[^.;]{0,20}\b(?:state|list|contain|show|carry|give)s? the names? of all (?:group |team )?(?:members|authors|students)\b|\ball (?:group |team )?(?:members['’] )?names?\b[^.;]{0,40}\bon (?:page (?:1|one)|the (?:first page|title page|cover))\b/gi)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
    for (const m of matchesIn(clause, /\b(?:number|code|ID)\b[^.;]{0,14}\b(?:but|and|,) (?:not|never) (?:the|your) (?:candidate['’]s |student['’]s |author['’]s |own )?names?\b/gi)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
    for (const m of matchesIn(clause, knownByCode)) if (!(/^\W*(?:please )?(?:don|do not|never)/i.test(m[0]) && says(clauses[i - 1]?.text ?? '', /\bfile ?names?\b|\bname of the file\b/i))) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
    // “Will the marker know who I am? No.”
    if (clause.asks && clause.asks !== 'open' && says(text, /\b(?:will|does|can|do) (?:the |my |our )?(?:markers?|tutors?|examiners?|lecturers?|graders?|readers?|you) (?:\w+ )?(?:know|see) (?:who (?:I|we) (?:am|are)|(?:my|our) names?)\b/i) && clauses[i + 1]) found.push({ value: clause.asks === 'no', start: clause.start, end: clause.end });
    // “Do I have to keep my name out? Yes, use your library card number.”
    if (clause.asks && clause.asks !== 'open' && says(text, /\b(?:keep|leave|take) (?:my|our|your) names? (?:out|off)\b/i) && clauses[i + 1]) found.push({ value: clause.asks === 'yes', start: clause.start, end: clause.end });
  }
  return found;
}
