import { anyOf } from './any-of.ts';

/** Whoever marks does not learn whose work it is. */
export const markersDoNotKnow = anyOf('gi', [
  /\b(?:nobody|no one|none of those) (?:who (?:is )?)?(?:marking|marks|grading|grades|reading|reads|assessing)\b[^.;]{0,30}\bknows? whose\b/,
  /\bnobody (?:marking|grading|reading)\b[^.;]{0,30}\bwill know (?:whose|who)\b/,
  /\b(?:scripts|essays|papers|answers|work|exams) (?:are|is|will be) (?:marked|graded|assessed) by (?:candidate|exam\w*|anonymous) (?:number|code|ID)s?\b/,
  /\bnames (?:are|will be|get) replaced (?:by|with) (?:codes|numbers)\b/,
  /\byour (?:student |candidate |exam )?(?:ID|number|code),? (?:but )?no names?\b/,
  /^\W*identity\s*[:|]\s*(?:candidate|exam\w*|anonymous) (?:number|code|ID)\b/,
  /\bnot (?:permitted|allowed) to (?:state|give|write|mention|include) (?:one['’]s|your|their|the author['’]s) (?:own )?names?\b/,
  /\byour names? (?:shouldn['’]t|should not|mustn['’]t|must not|may not) be anywhere (?:but|except|other than) on the (?:separate )?cover/,
  /^\W*marking\s*[:|][^.;]{0,20}\b(?:blind|anonymous)\b(?! (?:no|off))/,
]);

/** Marking is anonymous, in so many words or by what is done with names. */
export const anonymousMarking = anyOf('gi', [
  /\bneither (?:of (?:them|whom) )?knows (?:the author|whose|who|your name)\b/,
  /\b(?:put|write|state|give) nothing (?:but|except) your (?:candidate|exam\w*|student|registration|matriculation) (?:code|number|ID) (?:on|in)\b/,
  /\b(?:candidate|exam\w*|student|registration) numbers \(?(?:and )?not (?:the |your )?names?\)/,
  /\b(?:candidate|exam\w*|student|registration|matriculation) (?:code|number|ID)\b[^.;]{0,50}\bis the only (?:identif\w+|name|mark)\b/,
  /\b(?:papers?|essays?|work|submissions?|scripts?|files?|manuscripts?) (?:must|should|are to|have to|has to) be (?:fully )?anonymi[sz]ed\b/,
  /\banonymous(?:ly)?\b(?:[^.;]{0,30}\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment)|submission|submitted))?/,
  /\b(?:mark(?:ed|ing)|grad(?:ed|ing)|assess(?:ed|ment))\b[^.;]{0,40}\banonymous(?:ly)?\b/,
  /\banonymity\b/,
  /\b(?:double[- ])?blind[- ](?:mark(?:ed|ing)|grad(?:ed|ing)|assessed)\b/,
  /\bblind(?:ly)? (?:double|second)[- ]?mark(?:ed|ing)\b/,
  /\b(?:marked|graded|assessed|read) blind\b/,
  /\(blind review\W*\)/,
  /\b(?:marking|grading|assessment|reading) is (?:done |carried out |conducted )?(?:double[- ]|single[- ])?blind\b/,
  /\b(?:we|I|markers?|tutors?|examiners?)(?: will| always)? (?:mark|grade|assess|read)s?(?: (?:it|them|these|those|everything|(?:all |the |your )?(?:work|essays|papers|proposals|reports|assignments|drafts|scripts)))? (?:blind(?:ly)?\b|anonymously\b)/,
  /\bI(?: am|['’]m) (?:marking|grading|reading)(?: (?:it|them|these|those|everything))? blind\b/,
  /\b(?:both |the )?(?:markers?|examiners?|tutors?) (?:will )?sees? only your (?:candidate|exam\w*|student) (?:number|code)\b/,
  /\bmarking is by (?:student |candidate |exam )?(?:ID|number|code)s? only\b/,
  /\b(?:marking|grading|assessment) is (?:not )?(?:done )?blind\b/,
  /\b(?:mark(?:ed|ers?)?|assess(?:ed)?|graded?)\b[^.;]{0,40}\bwithout (?:knowing|seeing)\b[^.;]{0,20}\b(?:name|who|identit|author)/,
  /\bneither of whom (?:will|does) (?:know|see)\b[^.;]{0,30}\b(?:name|who|identit)/,
  /\b(?:only|solely) (?:be )?identified by (?:your |the )?(?:exam\w*|candidate|student|anonymous) ?(?:number|code)\b/,
  /\bnames? (?:is |are )?hidden from (?:the )?(?:graders?|markers?|examiners?|assessors?|tutors?)\b/,
  /\b(?:markers?|graders?|examiners?|assessors?|tutors?) (?:(?:will|do|does|must|should|may) not|don['’]t|won['’]t|cannot|can['’]t) (?:be able to )?(?:know|see|tell)\b[^.;]{0,30}\b(?:name|who|identit)/,
  /\b(?:mark|grade|read|assess)(?:s|ed|ing)? (?:them |it |everything |your \w+ )?without looking at (?:the |your )?names\b/,
  /\b(?:candidates|students|authors) are (?:only )?identified (?:only )?by (?:their )?(?:candidate|exam\w*|student|registration) (?:number|code)s?\b/,
  /\bnames are not (?:used|shown|visible|known) (?:in|during|for|when) (?:the )?(?:marking|grading|assessment)\b/,
  /\bsubmitted in (?:an )?anonymi[sz]ed form\b/,
  /\bwithout knowing who (?:wrote|has written|is the author)\b/,
]);

/** Names are to be kept out of the work. */
export const namesKeptOut = anyOf('gi', [
  /\bnothing (?:may|should|must|can) (?:reveal|give away|show|tell|disclose) (?:who you are|your (?:name|identity))\b/,
  /\b(?:must|should|may|do) not (?:include|put|write|give|state|show) (?:your|their) (?:own |full )?names? anywhere in the (?:document|paper|text|work|essay|file|submission)\b/,
  /\b(?:do not|don['’]t|never|must not|should not|please do not)\b(?! forget)[^.;]{0,40}\b(?:name|surname|identify yourself|identif\w+)\b[^.;]{0,60}\b(?:anywhere|on (?:the|your|any|either|both|it\b)|in it\b|in (?:the|your|either|any|both) (?:piece|file|part|paper|essay|work|text|document|submission|header|footer|pages)|within)\b[^.;]{0,30}/,
  /\b(?:your (?:own )?)?(?:names?|identity) (?:must|should|may|shall|can) ?(?:not|never) (?:appear|be (?:(?:anywhere )?(?:in|on|inside) (?:the|your) (?:file(?! ?names?)|documents?|papers?|essays?|work|text|pages?)|shown|revealed|disclosed|visible|given|included|mentioned|apparent|identifiable|written|stated))\b[^.;]{0,50}/,
  /\bleave (?:your |all )?names? out\b/,
  /\b(?:remove|delete|take out|leave out|omit|strip)\b[^.;]{0,24}\b(?:your (?:full )?name|your names|names?|all identifying)\b[^.;]{0,40}\b(?:documents?|files?|papers?|essays?|work|submissions?|reports?|pages?|header|footer|title page|cover|text|it|(?:before|prior to|when) (?:you )?(?:submit|upload|hand)\w*)\b/,
  /\bnothing that (?:could )?identif(?:y|ies) you\b/,
  /\bneither\b[^.;]{0,60}\b(?:contains?|shows?|includes?|bears?|mentions?)\s+your name\b/,
  /\b(?:does|do|must|may|should) not\s+(?:contain|show|include|bear|mention)\s+(?:your|the (?:candidate|student|author)['’]?s?['’]?) names?\b/,
  /\bon (?:every|each|the (?:first|title)) page\b[^.;]{0,20}\b(?:but|and) (?:never|not) your name\b/,
]);

/** Marking goes with names. */
export const namesAreShown = anyOf('gi', [
  /\b(?:reports?|essays?|work|papers?|dissertations?|thes[ei]s) (?:is|are) (?:marked|graded|assessed|read) (?:by|under|with) names?\b/,
  /\byour (?:own |full )?name (?:should|must|has to|needs to) (?:be|appear|stand) on (?:all|every|each) (?:documents?|pages?|files?|papers?)\b/,
  /\b(?:graded|marked|assessed|read)\b[^.;]{0,20}\bwith (?:the |your )?names\b(?! (?:removed|hidden|off|taken|covered))/,
  /\b(?:do not|don['’]t|never|won['’]t|will not) (?:grade|mark|assess) (?:blind(?:ly)?|anonymously)\b/,
  /\b(?:are|is|will) not (?:be )?(?:graded|marked|assessed|read) blind(?:ly)?\b/,
  /\b(?:submission|assessment|essay|paper|report|work|portfolio|task)s? (?:is|are) not anonymi[sz]ed\b/,
  /\b(?:markers?|examiners?|graders?|tutors?),? (?:who|which) know your names?\b/,
  /\b(?:markers?|examiners?|graders?) will see your names?\b/,
  /\b(?:student |your |authors['’]? )?names? (?:will be|are|is) (?:visible|shown|known) to (?:the )?(?:examiners?|markers?|graders?|tutors?)\b/,
  /^\W*(?:please )?(?:do not|don['’]t|no need to|you need not) anonymi[sz]e(?: (?:it|your (?:paper|essay|work|report|file)|the (?:paper|essay|file))\b|\W*$)/,
]);

/** A number or code stands where the name would. */
export const codeInsteadOfName = anyOf('gi', [
  /\bbear(?:s|ing)? (?:only )?(?:the|your) (?:candidate|exam\w*) (?:number|code) only\b/,
  /\bbear(?:s|ing)? no (?:\w+ )?names?\b/,
  /\bbear(?:s|ing)? (?:the |your )?(?:candidate|exam\w*|student)(?:['’]s)? (?:number|code) (?:but|and) not (?:the |your )?(?:(?:candidate|student)['’]s |own )?names?\b/,
  /\bbearing (?:the |your )?(?:candidate['’]s |student['’]s )?names? (?:shall|will|is|are)\b[^.;]{0,14}\b(?:returned|rejected|refused|unmarked|not)\b/,
  /^\W*(?:never|not) your names?\W*$/,
  /\b(?:make sure|check|ensure)\b[^.;]{0,60}\byour name is (?:on none|on no page|nowhere|not on any)\b/,
  /\b(?:read|marked|graded|assessed) by (?:\w+ )?(?:markers?|readers?|examiners?|people|tutors?|assessors?) who (?:do(?:es)? not|don['’]t|cannot|can['’]t|will not) (?:see|know) (?:your name|who (?:you are|wrote))\b/,
  /\byour (?:own )?name (?:must|should|may) not appear anywhere in (?:the|your) (?:essay|paper|report|document|text|work|assignment|dissertation|thesis|portfolio)\b/,
  /\bnames on nothing\b/,
  /\bmy name is nowhere\b/,
  /\b(?:shouldn['’]t|mustn['’]t|should not|must not) (?:carry|bear|show|have) your names?\b/,
  /(?:^\W*|,\s*)no names\s*[:–]/,
  /\b(?:read|mark(?:ed)?|grade[d]?|assess(?:ed)?|corrected) (?:(?:them|everything|it|papers|essays|your \w+) )?without (?:your |the |any )?names?\b/,
  /\b(?:candidate|exam\w*|student|registration) (?:number|code|ID) (?:in place of|instead of|rather than) (?:your|the) names?\b(?! (?:as|in) the file)/,
  /\bleave your names? off\b(?! (?:the |your )?file ?names?\b)/,
  /\bidentify yourself (?:only|solely) by (?:your |the )?(?:candidate|exam\w*|student|registration) (?:number|code|ID)\b/,
  /\bname of (?:the )?author\b[^;]{0,80}\bnever in the (?:essay|paper|report|text|document|work)\b/,
  /\b(?:title page|cover|first page|header)\b[^.;]*\b(?:number|ID|code)\b[^.;]*,\s*(?:but )?(?:not|never) your names?\b/,
  /\bnames? omitted\b/,
  /\bheader\b[^.;]{0,30}\(no names?!?\)/,
  /\bcandidate(?:['’]s)? number, never (?:the|your|their) names?\b/,
  /\bnothing else that (?:could )?identif(?:y|ies) you\b/,
  /\banonymi[sz]e (?:by using|your (?:paper|essay|work|file|report|submission))\b/,
  /(?<=\b(?:pdf|docx?|file|paper|essay)\b[^.;]{0,12},\s)(?:fully )?anonymi[sz]ed\b(?! (?:data|interview|transcript|source))/,
  /(?:^|[,;:]\s*)(?:candidate|exam(?:ination)?) (?:numbers?|codes?) only\b/,
]);

/** The student is known by a number or code only. */
export const knownByCode = anyOf('giu', [
  /\b(?:candidates|students) are (?:identified|known) by (?:their )?(?:number|code) only\b/,
  /\b(?:identified|known) (?:only |solely )?by (?:their |your |the |a )?(?:candidate|exam\w*|anonymous) (?:number|code|ID)s?\b/u,
  /\b(?:disclos|reveal|giv)\w* (?:away )?(?:their|your) (?:names?|identity) anywhere\b/u,
  /\bno (?:personal |student |own |real )?names? anywhere\b/u,
  /\b(?:markers?|tutors?|examiners?|graders?|readers?|assessors?)\b[^.;]{0,20}\b(?:aren['’]t|are not|won['’]t be|will not be|isn['’]t|is not) (?:told|shown|informed) (?:who|whose|your|the|which)\b/u,
  /\b(?:paper|essay|document|file|work|report|text|submission)s? (?:must|should|may|shall|can) (?:not|never) (?:contain|include|show|have|reveal|give)\b[^.;]{0,30}\b(?:identif(?:y|ies)|reveals?|gives? away|shows?) (?:you|who you are|your (?:identity|name)|the (?:author|student))\b/u,
  /\bno identifying (?:information|details?|marks?|data)\b[^.;]{0,24}\b(?:included|appear|contained|given|in the|on the)\b/u,
  /\b(?:markers?|graders?|examiners?|tutors?) (?:will )?(?:only )?sees? (?:only )?(?:a|your) (?:random |candidate |exam |anonymous )(?:number|code|ID)\b/u,
  /\b(?:marking|grading)\b[^.;]{0,20}\bwithout (?:any )?knowledge of (?:the|your) (?:authors?|identity|names?)\b/u,
  /\b(?:essays|papers|scripts|submissions|assignments|work|reports) (?:are|is|will be) anonymi[sz]ed (?:before|for|prior to) (?:marking|grading|assessment)\b/u,
  /\b(?:do not|don['’]t|never) (?:include|give|put|add|state) (?:any )?author information\b/u,
  /\b(?:names? of (?:the )?authors?|authors['’] names?|author names?) (?:must|should|have to|has to) be removed\b/u,
  /\byour names? (?:is|are|will be) not (?:visible|shown|known|disclosed) to (?:the |your )?(?:markers?|examiners?|graders?|tutors?)\b/u,
  /\byour names? (?:must|should|may) (?:appear|stand|be|go) nowhere\b/u,
  /\bwithout (?:any )?(?:reference to|trace of|mention of) your (?:identity|name)\b/u,
  /\b(?:student|candidate|author)s?['’]? identit(?:y|ies) (?:is|are|will be) (?:concealed|hidden|not (?:known|shown|visible))\b/u,
  /\bidentit(?:y|ies) of (?:the )?(?:authors?|students?|candidates?)\b[^.;]{0,20}\b(?:hidden|concealed|unknown|not (?:shown|known|visible))\b/u,
  /\bwho (?:do(?:es)? not|don['’]t|doesn['’]t|cannot|can['’]t|will not|won['’]t) (?:see|know|learn) (?:your names?|who (?:you are|wrote)|the (?:(?:candidate|student|author)s?['’]s? names?|names? of the (?:candidate|student|author)s?))(?!\p{L})/u,
  /^\W*(?:marking|grading)\s*:\s*by (?:candidate|exam\w*|anonymous) (?:number|code)s?\b/u,
  /\b(?:jury|panel|committee|markers?|readers?|examiners?) (?:\w+ )?(?:listens?|reads?|marks?|judges?|looks?|decides?) (?:\w+ )?blind\b/u,
  /\b(?:don['’]t|do not|never) mention your (?:own )?names?\b/u,
  /^\W*(?:please )?(?:don['’]t|do not|never) (?:put|write|use|include|give) (?:any |your |the )?names?\W*$/u,
]);
