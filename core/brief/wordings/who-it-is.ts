/** Sentences that keep from whoever marks it whose work it is, put together from what they are made of: what gives somebody away, what it stands in, that it must not.
 * Compiled by hand; common practice, no source. Composed in `who-it-is.test.ts`. */
const own = "(?:your|their|his or her|his|her|one['’]s|the (?:author|student|candidate|writer)s?['’]s?) (?:own |full |real |first |last )*", numbers = '(?:candidate|exam\\w*|student|registration|matriculation|anonymous|roll) (?:numbers?|codes?|IDs?)';
const aName = `(?:${own}(?:sur)?names?|(?:any |all |the )?(?:student|candidate|author|writer)s?['’]? names?|(?:the )?names? of (?:the |any )?(?:author|student|candidate|writer|group member|member)s?|(?:${own}|the )identit(?:y|ies)(?: of (?:the )?(?:author|student|candidate|writer)s?)?)`;
const aSign = '(?:anything|everything|any \\w+|all \\w+|information|details?) (?:that|which) (?:could |might |would |may |can )?(?:identif(?:y|ies) (?:you|them|the (?:author|student|candidate|writer)s?)|(?:shows?|reveals?|tells?|gives? away|indicates?) (?:who (?:you are|wrote it)|your (?:name|identity)|whose (?:work )?it is)|gives? you away|points? to you)';
const details = '(?:any |all )?(?:other )?(?:identifying|personal|personally identifying|identifiable) (?:information|details?|data|features|marks)(?! (?:about|on|of|for|relating))';
const whose = '(?:who (?:you are|they are|(?:the )?author is|wrote (?:it|what|them)|has written it)|whose (?:\\w+ )?(?:it is|they are (?:reading|marking)|(?:work|essay|paper|report|script))|(?:your|the (?:author|student|candidate)s?[\'’]s?) (?:own )?(?:names?|identity))';
const sheet = '(?:essays?|papers?|work|scripts?|documents?|submissions?|reports?|files?(?! ?names?)|answers?|texts?|assignments?|thes[ei]s|dissertations?|portfolios?|pages?|pieces?|manuscripts?|(?:title|cover|first|front) page|headers?|footers?|cover(?: sheet)?|proposals?|reviews?|coursework)';
const work = `(?:(?:the|your|any|all|every|each|this)(?: \\w+)? )?${sheet}`;
const refuses = "(?:(?:must|should|shall|may|can|will|do|does|is|are) ?(?:not|never)(?: to| be allowed to| allowed to)?|(?:must|should|can|do|does|wo)n['’]t|cannot|can['’]t|(?:is|are) never to)", mark = '(?:marked|graded|assessed|read|examined|evaluated|judged)';
const onIt = `(?:anywhere\\b|nowhere\\b|(?:on|in|inside|within|at) (?:(?:the|your|any|either|each|every|both|a)(?: \\w+)? ${sheet}|it\\b|them\\b|any part|the (?:top|bottom|foot)))`;
const reader = "(?:(?:the |our |your |both |all )?(?:markers?|examiners?|tutors?|readers?|graders?|assessors?|lecturers?)|whoever (?:marks|reads|grades|assesses) (?:it|them|your \\w+)|those who (?:mark|read|grade|assess) (?:it|them|your \\w+)|I|we|nobody who (?:marks|reads) it)";

const shapes: readonly string[] = [
  // “The essay must never contain your name.”
  `${work} ${refuses} (?:contain|include|bear|carry|show|reveal|disclose|state|give(?: away)?|mention|display|have|betray) (?:${aName}|${aSign}|${details}|any names?(?! (?:of|from)\\b))`,
  `no ${sheet} (?:may|should|must|shall|can|is to) (?:contain|include|bear|carry|show|reveal|disclose|state|give(?: away)?|mention|display|have) (?:${aName}|${aSign}|${details})`,
  // “Names of students may not stand on any page.”
  `(?:${aName}|${details}|(?<=^\\W*)names?) ${refuses} (?:be )?(?:appear|stand|feature|given|included|shown|written|visible|mentioned|stated|printed|found|seen|put|typed|there) ${onIt}`,
  // “Delete anything that shows who you are before you upload it.”
  `(?:remove|delete|leave out|omit|take (?:out|off)|strip(?: out| off)?|get rid of) (?:${aName}|${aSign}|${details})(?=\\s*(?:[.,;!)]|$)| from (?:(?:the|your|any|all|every|each)(?: \\w+)? ${sheet}|it\\b|them\\b|what you\\b|any part|everything)| before\\b| and\\b| in\\b| on\\b)`,
  `take ${own}names? (?:off|out)\\b`,
  // “No part of it may tell us who you are.”
  `(?:nothing|no (?:part|page|line)(?: of (?:it|the \\w+|your \\w+))?|none of (?:it|the \\w+))(?: (?:in|on|about) (?:the|your|any)(?: \\w+)? ${sheet}| in it| on it)? (?:may|should|must|can|shall|will|is to|ought to) (?:reveal|show|give away|tell us|tell|disclose|betray|indicate|identify) (?:${whose}|you\\b|the (?:author|writer|student|candidate)\\b)`,
  `nothing (?:but|except|other than) (?:your |the |a )?${numbers} (?:may|should|must|can|is to|will) identif(?:y|ies) (?:you|them|the (?:author|writer|student|candidate))`,
  // “Your exam code goes on every page in place of your name.”
  `(?:only )?(?:your|the|their) ${numbers}\\b(?![^.;]{0,60}\\bfile ?names?\\b)[^.;]{0,60}(?:,|\\b)(?:instead of|in place of|rather than|but not|,? not|and (?:certainly )?not) (?:your|the|their) names?(?! (?:in|as) the (?:file|name of))`,
  `(?:only )?(?:your|the|their) ${numbers}\\b(?![^.;]{0,60}\\bfile ?names?\\b)[^.;]{0,60}\\b(?:on|in|at) (?:the|every|each|all|your)(?: \\w+){1,3} and (?:(?:your|the|their) names? (?:should|must|may|does|do) ?not|nothing else (?:about you|that identif))`,
  // “The author must not be recognisable in any way.”
  `(?:you|students|(?:the )?(?:author|writer|student|candidate)s?) ${refuses} be (?:personally )?(?:identifi(?:able|ed)|recogni[sz](?:able|ed)|named)(?: (?:from|in|by|through|on|anywhere)\\b|\\s*(?:[.,;)]|$))`,
  `(?:please )?(?:do not|don['’]t|never) (?:identify yoursel(?:f|ves)|reveal who you are|give (?:yourself|your name) away)(?=\\s*(?:[.,;!)]|$)| in\\b| on\\b| anywhere\\b)(?! (?:in|on) the (?:file ?name|name of))`,
  // “Scripts are read under candidate numbers.” “… without knowledge of the author.”
  `(?:is|are|will be|gets?|being) (?:then |always )?${mark} (?:only )?(?:under|by|with|on the basis of) (?:(?:your|the|a|their|an) )?${numbers}(?! and\\b| or\\b)`,
  `(?:is|are|will be|gets?|being) ${mark} without (?:(?:the )?(?:markers?|examiners?|tutors?|anyone|anybody|us|me|our) )?(?:knowing|seeing|being told|knowledge of|sight of|reference to) (?:${whose}|${aName}|the (?:author|writer|student|candidate)s?\\b|names?\\b)`,
  // “Whoever marks it does not know whose essay they are reading.”
  `${reader} (?:${refuses}|(?:is|are|am) not|(?:is|are)n['’]t|will never) (?:be )?(?:know|see|learn|find out|told|shown|informed|aware|able to (?:tell|see|know|find out))(?: of)? ${whose}`,
  // “Scripts bearing a name will be returned.”
  `(?:essays?|papers?|work|scripts?|files|submissions?|reports?|assignments?) (?:bearing|carrying|showing|with) (?:a|your|any|the author['’]s) names?(?: (?:on|in) (?:it|them))? (?:will|shall|is|are|cannot|can['’]t|won['’]t)(?: not)?(?: be)? (?:returned|rejected|refused|unmarked|marked|accepted|read|sent back|graded)(?<=(?:returned|rejected|refused|unmarked|sent back|(?:not|cannot|n['’]t)(?: be)? \\w+))`,
  "your (?:own )?names? (?:has|have) no (?:place|business) (?:on|in)\\b(?! the (?:file ?name|name of))", `(?:contain|make|include|have|be) no (?:reference|mention|allusion)(?: (?:of|to))? (?:you|yourself|the author)(?: by name)?`,
];
export const keptFromMarkers = new RegExp(shapes.map((s) => `\\b(?:${s})`).join('|'), 'gi');

/** “I know whose work it is.” “Your tutor can see your name.” */
export const knownToMarkers = new RegExp(`\\b(?:marking|assessment|grading) (?:is|will be) (?:done )?by name\\b|\\b${mark} by (?:your|my|their) own (?:tutor|lecturer|supervisor|teacher|seminar leader),? who (?:will )?(?:of course )?knows? (?:you|who you are)\\b|(?<!\\b(?:so that|so|if|before|until|unless|nor|neither|nobody|none of the|when|how do|how can|can|will|do|does|whether) )\\b(?!nobody)${reader} (?:will |can |may |do )?(?:always |already |of course |anyway )?(?:know|see)s? ${whose}`, 'gi');

const pages = '(?:(?:title|first|cover|front) page|headers?|cover ?sheet|page (?:one|1)|(?:top|upper|bottom)(?: left| right|[ -]left[ -]hand| right-hand| left-hand)?(?: corner| of (?:the (?:first )?page|page (?:one|1)|every page|each page))?|every page|each page|all pages)';
const theName = "(?:(?:your|the (?:author|student|candidate|writer)s?['’]s?) (?:own |full |first |last |first and last )*(?:sur)?names?(?:,? (?:and|&|\\+) (?:your )?[a-z]+(?: [a-z]+)?)?|all your names|(?:the )?names? of (?:all |both |the |every )?(?:group |team )?(?:members?|authors?|writers?|students?))";
const onPage = `(?:on|in|at) (?:the |your )?${pages}`;
/** Where nothing is said on the marking: a name that is asked for on the paper. */
export const nameAskedFor = new RegExp([
  `\\b${theName} (?:must|should|has to|have to|needs? to|is to|are to|will|goes?|belongs?|stands?|appears?|is|are)(?: (?:be|appear|stand|go))?(?: (?:given|written|printed|put|shown|stated|placed|found|there))? ${onPage}`,
  `\\b(?:(?:title|first|cover|front) page|header|cover ?sheet|report|essay|paper|work|thesis|portfolio|assignment|document) (?:must|should|has to|needs to|is to|have to) (?:also |clearly )?(?:carry|contain|show|state|give|include|bear|have|list)(?: [a-z ]{2,30},)? ${theName}`,
  `\\b(?:put|write|give|state|include|add|print|type|place|enter|list) ${theName} ${onPage}`,
  `^\\W*(?:on )?(?:the |your )?(?:(?:title|first|cover|front) page|header|cover ?sheet)(?: has| with| contains| shows)?\\s*[:–-] ?(?:[a-z]+(?: [a-z]+)?, ){0,3}(?:your )?(?:full )?(?:names?|author)(?=\\s*[,.;]|$| and\\b)`,
  `\\bwe need ${theName} on (?:it|the work|the \\w+)`, `^\\W*named (?:submission|work|marking)\\b`,
].join('|'), 'gi');

/** Whose names and details are talked about in the same sentence: the people a paper is about, those who review it, the name of the file. */
export const ofOthers = /\b(?:participants?|patients?|interview\w*|clients?|pupils|children|respondents?|informants?|subjects|compan(?:y|ies)|firms?|schools?|organi[sz]ations?|employees|colleagues|peers?|pseudonyms?|service users?|file ?names?|names? of the files?)\b/i;
