import { anyOf } from './any-of.ts';

const small = 'two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty';

/** How people say it who do not write rules: asked only where nothing better was found. */

const late = String.raw`(?:late|that (?:arrives?|comes?(?: in)?|is|are|gets here) late|which (?:arrives?|comes?(?: in)?|is|are) late)`;
const work = String.raw`(?:work|sheets?|solutions?|essays?|papers?|reports?|files?|anything|assignments?|submissions?|scripts?|answers?|portfolios?|uploads?|projects?)`;
const cannot = String.raw`(?:cannot|can['’]?t|can not|will not|won['’]t|do not|don['’]t|am not|are not|(?:are|am) unable to|shall not|never|refuse to)`;
const nothing = String.raw`(?:0(?!\d|[.,]\d| ?%)|zero|nothing|no (?:marks?|points|credit|grade)|a fail|an F|fail(?:s|ed|ure)?)`;
const of = (source: TemplateStringsArray, ...parts: string[]): RegExp => new RegExp(String.raw({ raw: source.raw }, ...parts));

/** Late work comes to nothing. */
export const lateIsNothing = anyOf('gi', [
  /^\W*late\s*\??\s*:?\s*no\b\s*(?=[.!(]|$)/,
  /\bno (?:dissertation|thesis|essay|paper|work|report|submission)s? (?:will|shall|can) be (?:accepted|received|examined) after the (?:said|stated|above|given) (?:hour|time|date|day)\b/,
  of`\b(?:your|the|a|any) \w+ (?:will )?(?:receives?|gets?|scores?|earns?|be given|is given|be awarded) ${nothing}(?: marks?| points?| credit)? if (?:it|this) (?:is|comes|arrives)(?: in| handed in| submitted)? late\b`,
  of`^\W*(?:afterwards|after the (?:deadline|due date))\s*[:=–-]\s*${nothing}(?! per| a day)`,
  /^\W*(?:nothing|no (?:work|files?|papers?|essays?|uploads?)) (?:is|are|will be|can be) (?:accepted|taken|marked) (?:afterwards|after that|later|thereafter|any later)\b(?! than)/,
  of`\b(?:I|we|they|markers?|the (?:office|department|tutors?))\s+(?:unfortunately |sadly |simply |just )?${cannot} (?:re-?open|unlock|open) (?:it|the (?:box|folder|link|area|page|portal|system))(?: again| afterwards| later| for anyone)?\b`,
  of`\bif you miss (?:the|this|your|that) deadline,? (?:then )?(?:you(?:['’]ll| will)? (?:fail|get|receive|have)|your (?:mark|grade) (?:is|will be)) ?(?:a |an )?(?:mark of |grade of )?${nothing}`,
  /\bif you miss (?:the|this|your|that) deadline,? (?:then )?you(?:['’]ll| will)? fail\b/,
  of`\b(?:after|once) the (?:deadline|due date|closing time)(?: has passed| passes| is over)?,? (?:the|this) (?:link|box|folder|page|area) (?:is|will be) (?:gone|removed|locked|deleted|taken down|disabled)\b`,
  of`\b${cannot} (?:be able to )?(?:mark|take|accept|read|consider|grade|look at|assess|deal with) (?:any )?(?:${late} ${work}|${work} ${late}|${work} after the (?:deadline|due date))\b`,
  of`\b${work} ${late},? (?:cannot|can['’]t|can not|will not|won['’]t) be (?:considered|marked|accepted|graded|read|looked at|corrected|assessed)\b`,
  of`\b${work} ${late},? (?:is|are|will be|gets?) (?:binned|discarded|thrown (?:away|out)|ignored|deleted|returned unread|disregarded|not (?:looked at|opened|read|marked|graded|accepted|considered))\b`,
  of`\b(?:anything|everything|whatever) (?:that (?:comes? in |is |arrives? )?)?late (?:is|will be|gets?) (?:binned|discarded|thrown (?:away|out)|ignored|deleted|returned unread|disregarded|refused|rejected|not (?:looked at|opened|read|marked|graded|accepted))\b`,
  of`\blate ${work} (?:is|are|will be|gets?) (?:binned|discarded|thrown (?:away|out)|ignored|deleted|returned (?:unread|unmarked)|disregarded|sent back)\b`,
  of`\bmissing the (?:deadline|due date|cut-?off)\b[^.;,]{0,14}\b(?:means|leads to|results in|gives you|is|equals)\b[^.;,]{0,12}\b${nothing}`,
  of`\b${work} (?:which|that) (?:is|are|has|have|was|were) not (?:been )?(?:uploaded|submitted|handed in|received|in|here) (?:by|before|on) (?:the )?(?:deadline|due date|closing time|time|then)\b[^.;]{0,14}\b(?:not be|not|never be) (?:considered|marked|read|accepted|graded|assessed)\b`,
  of`\b${work} (?:received|submitted|handed in|uploaded|arriving|that arrives?) after (?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]\.?m\.?|noon|midnight|that|then)[^.;,]{0,20}\b(?:gets?|receives?|awarded|given|scores?|earns?|is|are)\b[^.;,]{0,10}\b${nothing}`,
  /\b(?:otherwise|or else|if not),? (?:the|your|it|this)(?: (?:thesis|dissertation|work|paper|essay|report|portfolio|project|assignment))? (?:counts|will count|is (?:treated|regarded|counted|deemed)|will be (?:treated|regarded|counted|deemed))(?: as)? (?:not (?:submitted|handed in|delivered)|failed|a fail)\b/,
  of`\b(?:a )?${work} (?:which|that) (?:is|are|has|have|was|were) not (?:been )?(?:uploaded|submitted|handed in|received|delivered) (?:with)?in (?:the|this|that) (?:period|window|time)\b[^.;]{0,24}\b(?:is|are|will be|shall be) (?:deemed|considered|regarded|counted|treated|graded|marked)(?: as| to have)? (?:failed|a fail|not submitted|not passed|insufficient)\b`,
  of`\b${work} (?:arriving|that arrives?|received|coming(?: in)?|that comes? in|submitted|handed in) (?:in|after|later than) [^.;,]{2,30}? (?:cannot|can['’]t|can not|won['’]t|will not) be (?:graded|marked|accepted|read|considered|assessed)\b`,
  of`\b(?:a |an |any )?${work} (?:submitted|received|handed in|uploaded) after (?:the end of )?(?:the|this) (?:period|window|deadline|due date)\b[^.;]{0,14}\b(?:is|are|will be) (?:graded|marked|rated|deemed|assessed)(?: as)? ["“']?(?:not sufficient|insufficient|fail(?:ed)?|unsatisfactory)\b`,
  of`\b${work} that (?:reach(?:es)?|arrives?|gets?) (?:me|us|here|in|the office)?[^.;,]{0,6}\bafter (?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]\.?m\.?|noon|midnight|that|then)[^.;,]{0,20}\b(?:gets?|receives?|is given|are given|scores?|is|are)\b[^.;,]{0,20}["“']?${nothing}`,
  of`\blate ${work}[^.;]{0,40},? (?:so|and|therefore) (?:they|it) (?:do|does|will)(?: not|n['’]t) count\b`,
  of`\b(?:a )?late ${work} (?:equals|means|is worth|are worth|scores?|earns?) ${nothing}`,
  of`\b(?:is|are) worth nothing (?:if|when) (?:it|they) (?:is|are|comes?|arrives?) (?:in )?late\b`,
  /^\W*(?:late|lateness)(?: (?:work|submissions?|hand-?ins?|policy|papers?|uploads?))?\s*[:=?–]\s*(?:no\b(?! (?:penalty|deduction|problem))|none\b|not (?:possible|accepted|allowed|permitted)|impossible|never|zero|0(?!\d|[.,]\d| ?%| points)|fail|refused|rejected|(?:not|un)[ -]?(?:graded|marked|read)|ignored|(?:does not|doesn['’]t|do not|don['’]t|will not|won['’]t|not) count(?:ed)?|no (?:grade|mark|credit|points))(?! without| unless| after (?:that|\d))/,
  /\b(?:too late is too late|late is late\b(?=[^.;]{0,30}\bno\b)|(?<!\b(?:days?|weeks?|hours?) )late means (?:zero|no marks?|fail\w*|0\b|not marked|nothing))/,
  /\b(?:deadlines?|this deadline|it) (?:is|are) (?:strict|absolute|firm|hard|final|non-negotiable)\b[^.;]{0,10}\b(?:late|nothing after)\b[^.;]{0,20}\b(?:not|no|never|nothing|zero)\b/,
  /\byou (?:cannot|can['’]t|can not|will not be able to|won['’]t be able to) (?:submit|hand (?:it |anything )?in|upload)(?: it| anything)? (?:late|after (?:the deadline|that|this time|it closes))\b(?! (?:without|unless))/,
]);

const count = '(a|one|two|three|four|five|six|seven|eight|nine|ten|fourteen|\\d{1,2})', span = '(day|week)s?';
/** “−20 % the first day, nothing after.” */
export const oneDayOnly = /\b(?:on |for )?the first day\b,? (?:and |then |but )?(?:nothing|zero|0|no marks|not accepted)(?: (?:is |will be )?(?:accepted )?(?:after|afterwards|thereafter|later)|\s*$)/gi;
/** Late work is taken for so long: a number and its unit. */
export const lateTakenFor = anyOf('gi', [
  of`\bper day for the first ${count} ?${span}\b[^.;]{0,24}\bafter (?:which|that)\b[^.;]{0,24}\b(?:(?:is|are|will be)(?: not|n['’]t) (?:accepted|marked|taken|read|graded)|no longer (?:accepted|marked|taken)|refused|rejected|not (?:be )?(?:accepted|marked))`,
  of`\bafter ${count} ${span},? (?:we|I|they|the office)(?:['’]ll)? (?:will )?(?:no longer|not|do not|don['’]t|won['’]t) (?:accept|take|mark|read|grade)\b`, of`(?:%|points?|marks?) ?\/ ?day,? \(max(?:imum|\.)? ${count} ${span}\)`,
  of`\bafter ${count} ${span},? (?:any )?late ${work} (?:is|are|will be|can) (?:no longer|not|never)(?: be)? (?:accepted|marked|taken|read|graded)\b`,
  of`\blate ${work} (?:is|are|will be|can be) (?:accepted|taken|possible|allowed|submitted|handed in|uploaded) (?:until|up to|for(?: up to)?|within) ${count} ${span} (?:after|beyond|past|of) the (?:deadline|due date)\b`,
  of`\b(?:no|never) (?:later|more) than ${count} ${span} (?:late|after the (?:deadline|due date))\b`,
  of`\b(?:more than|over|beyond|later than) ${count} ${span} (?:late|after the (?:deadline|due date)|overdue)\b[^.;]{0,30}\b(?:${nothing}|not (?:be )?(?:accepted|marked|read|graded|considered)|refused|rejected|binned|ignored)`,
  of`\blate \(max(?:imum|\.)? ${count} ${span}\)`, of`^\W*max(?:imum|\.)? lateness\s*[:=]\s*${count} ${span}`, of`\bat most ${count} ${span} late\b`,
  of`\b(?:the )?(?:late )?(?:box|link|folder|page|area|portal|system)\b[^.;]{0,20}\b(?:stays?|remains?|is|will be|kept) open (?:for )?(?:another |a further )?${count} (?:more |further )?${span}(?: after (?:that|the deadline)| longer| for late ${work})`,
]);
/** Behind a question about being late. */
export const askedWhenLate = /\b(?:what (?:happens |will happen )?(?:if|when)|what about)\b[^?]{0,20}\b(?:late|miss(?:ed)? (?:the|it|this)|past the deadline|after the deadline)\b[^?]{0,30}\?/i, comesToNothing = new RegExp(`^\\W*(?:A\\s*[:.]\\s*)?(?:then |in that case,? )?(?:you(?:['’]ll| will)? |it |your \\w+ )?(?:(?:get|gets|receive|receives|have|will be|is|scores?)\\b[^.;,]{0,14}?\\s${nothing}|(?:will )?fails?\\b)`, 'i');
export const askedHowLate = /\bhow (?:late|long after the deadline) (?:can|may|is)\b[^?]*\?/i, soLate = new RegExp(`^\\W*(?:A\\s*[:.]\\s*)?(?:at most |up to |no more than |max(?:imum|\\.)? )?${count} ${span}(?: (?:at (?:the )?most|max(?:imum)?|late))?\\W*$`, 'i');
/** “Up to a week late: capped at 40. Later than that: 0.” */
export const lateUpTo = new RegExp(`\\b(?:up to|within|for) ${count} ${span} (?:late|after the deadline|of the deadline)\\b`, 'gi');
export const laterIsNothing = /\b(?:later (?:than (?:that|this))?|after (?:that|this|which)|beyond (?:that|this)|thereafter)\b[^.;]{0,24}(?:\b0(?!\d|[.,]\d)|\bzero\b|\bnot (?:be )?(?:accepted|marked|read|graded)\b|\bnothing\b|\bno (?:marks?|credit|points)\b|\bfail)/i;

const amount = '(\\d{1,2}(?:[.,]\\d)?|one|two|three|four|five|ten|twenty)', unit = '(?:%|per ?cent(?:age points?)?|percentage points?|points?|marks?|pts)', day = '(?:(?:calendar |working |late |full |started )?day|24 ?(?:hours|h)\\b)';
/** So much a day. */
export const lostPerDay = anyOf('gi', [
  new RegExp(`\\b(?:deduction|reduction|penalty) of ${amount} ?${unit} (?:(?:shall|will|is to) be|is) (?:made|applied|imposed|taken) (?:for|per) (?:each|every)?(?: period of)? ?(?:24 hours|${day})`),
  // German: “Pro Tag Verspätung 5 Prozentpunkte Abzug”, “5 % Abzug je angefangenem Tag”; its commonest words stand in English already.
  new RegExp(`\\b(?:per day|(?:pro|je|jeder|für jeden) (?:[a-zäöü]+ )?[a-zäöü]*tag)\\b[^.;\\d]{0,40}?${amount} ?(?:%|percent[a-z]*|prozent[a-z]*|punkte|points)[^.;]{0,14}?(?:\\boff\\b|abzug|abgezogen|deducted)|\\b(?:jeder tag|per day)\\b[^.;\\d]{0,20}kostet ${amount} ?(?:%|percent|prozent|punkte)`),
  new RegExp(`\\b${amount} ?(?:%|percent[a-z]*|punkte)\\s+(?:off|abzug)\\s+(?:per|pro|je|für jeden)\\s+(?:[a-zäöü]+\\s+)?(?:day|[a-zäöü]*tag)\\b|\\b(?:off|abzug)\\s*(?:von\\s+|:\\s*)?${amount} ?(?:%|percent|punkte)\\s+(?:per|pro|je)\\s+(?:day|[a-zäöü]*tag)\\b`),
  new RegExp(`^\\W*${amount} ?${unit} (?:per|a|each|every) ?${day},? (?:for (?:up to|at most|a maximum of)|up to|max)`),
  new RegExp(`^\\W*(?:minus|less|deduct|−|-|–) ?${amount} ?${unit} (?:per|a|each|every|for (?:each|every)|\\/) ?${day}`),
  new RegExp(`\\b${amount} ?${unit} (?:reduction|deduction|penalty|off|loss|less)\\b(?:(?!\\bnot\\b)[^.;]){0,12}\\b(?:per|each|every|for (?:each|every)|a) ?${day}(?! of absence)`),
  new RegExp(`\\b(?:each|every) ${day}(?: (?:late|of (?:lateness|delay)|that you are late|beyond the deadline|after the deadline|over))?,? (?:it |you |that |this |the (?:mark|grade) )?(?:will )?(?:costs?|loses?|takes?|drops?|falls?|goes down|is reduced|reduces)[^.;\\d]{0,24}?${amount} ?${unit}`),
  new RegExp(`\\b${amount} ?${unit} (?:(?:will |would |then )?(?:go(?:es)?|vanish(?:es)?|disappears?|fall(?:s)? (?:away|off)|drops? off|comes? off|melts? away)|(?:are|is|will be|get|gets) (?:forfeited|lost|gone|withheld|taken|sacrificed|shaved off|struck off)) (?:off |from (?:the|your) (?:mark|grade|total) )?(?:daily\\b|(?:per|a|each|every|for (?:each|every|any)|with (?:each|every)) ?${day}(?! of (?:absence|attendance)))`),
  new RegExp(`\\b(?:costs?|loses?|lose|docked|penalty (?:is|of)|penali[sz]ed) (?:you |by )?${amount} ?${unit}(?:(?!\\bnot\\b)[^.;]){0,24}\\b(?:per|each|every|for (?:each|every)|a|daily) ?${day}(?! of absence)`),
]);

const after = String.raw`(?![^.;]{0,10}\b(?:after|once|when) the (?:deadline|due date|closing))`;
/** It can be handed in once. */
export const onceAndNoMore = anyOf('gi', [
  /\byou (?:can['’]t|cannot|can not|may not|won['’]t be able to|will not be able to) (?:re-?submit|re-?upload|upload (?:it )?(?:again|twice|another)|hand (?:it )?in (?:again|twice)|change (?:it|anything))\b[^.;]{0,14}\b(?:after (?:pressing|clicking|you(?:['’]ve| have)? (?:press|click|confirm|submit)\w*|confirming|submitting|sending)|once (?:you(?:['’]ve| have)? (?:press|click|confirm|submit|sen[dt])\w*|it is (?:in|sent)))\b/,
  /\b(?:each|every) (?:pair|group|student|team|person|candidate) (?:(?:can|may|should) )?(?:uploads?|submits?|hands? in|sends? in)(?: (?:it|the \w+|one \w+))? (?:exactly |only |just )?once\b(?! (?:a|per|every|each|by|before|in)\b)/,
  of`\bonce (?:it is |it has been )?(?:submitted|uploaded|handed in|sent),? (?:the|your|a|an) \w+ (?:cannot|can['’]t|can not|may not|can no longer) be (?:changed|replaced|edited|altered|withdrawn|exchanged|corrected|resubmitted)\b${after}`,
  /\byou (?:cannot|can['’]t|can not) take back (?:a|your|the) (?:submission|upload|file|paper|essay)\b/,
  /\b(?:a )?(?:second|further|another|later) (?:upload|submission|attempt|version) (?:is not|isn['’]t|will not be|won['’]t be) (?:possible|allowed|permitted|accepted)\b/,
  /^\W*one (?:version|upload|submission|file)(?: only)?,? no (?:updates|replacements|corrections|changes|second \w+)\b/,
  /\b(?:later|subsequent|further) (?:changes|corrections) (?:are|is) (?:not possible|impossible|not allowed|not permitted|ruled out)\b/,
  /\b(?:a|an|the|any) (?:thesis|paper|essay|work|report|file|document|assignment|dissertation|portfolio|protocol),? (?:that has been|which has been|once(?: it (?:has been|is))?) (?:submitted|uploaded|handed in|received),? (?:cannot|can not|can['’]t|may not|can no longer) be (?:replaced|changed|exchanged|withdrawn|edited|deleted|swapped|altered)\b/,
  of`\bno (?:possibility|option|way|chance|opportunity)\b[^.;]{0,6}\b(?:to|of) (?:re-?submit(?:ting)?|submit(?:ting)? again|upload(?:ing)? again|replac(?:e|ing)|chang(?:e|ing) (?:it|the|your))\b${after}`,
  of`\bonce you(?: have|['’]ve)? (?:uploaded|submitted|handed in|sent)(?: (?:your|the) \w+| it)?(?: in)?,? you (?:cannot|can['’]t|can no longer|can not|may not|will not be able to|won['’]t be able to) (?:change|replace|edit|alter|take|withdraw|update|remove|submit|upload|hand)\b`,
  /\bonce you(?: have|['’]ve)? (?:pressed|clicked|confirmed|hit)\b[^.;]{0,24},? you (?:cannot|can['’]t|can no longer|can not|may not|will not be able to|won['’]t be able to) (?:change|replace|exchange|edit|alter|take|withdraw|update|swap)\b/,
  of`\byou (?:cannot|can['’]t|can not|may not|won['’]t be able to|will not be able to) (?:take it back|withdraw it|(?:take it back or )?(?:upload|submit|hand in|send) (?:(?:it |your \w+ )?(?:again|twice|a second time|more than once)|another|a second|a new|a corrected))\b${after}`,
  of`\b(?:a|an|the|any) (?:submitted|uploaded|sent) (?:file|paper|essay|version|document|report|work) (?:cannot|can['’]t|can not|may not|can no longer) be (?:replaced|changed|exchanged|withdrawn|edited|deleted|swapped)\b${after}`,
  of`\bthe first (?:file|version|paper|essay|upload|submission|one)(?: (?:that )?you (?:submit|upload|hand in|send))? (?:is (?:final|the one (?:that (?:counts|is marked)|we mark))|counts|is the only one)\b`,
  of`\b(?:it is|it['’]s|it will) (?:not (?:be )?|im)possible to (?:submit|upload|hand (?:it |your \w+ )?in|re-?submit)(?: it| your \w+)?(?: (?:again|twice|a second time|more than once))?(?=\s*(?:[.;,!]|$))${after}`,
  /\b(?:accepts?|takes?|allows?|permits?) (?:only )?(?:one|a single) (?:file|upload|submission|attempt)\b[^.;]{0,24}\b(?:only )?once\b/,
  /\byou (?:only )?(?:have|get) (?:just |only )?one (?:go|chance|try|shot|upload|submission|attempt)\b(?! (?:to (?!submit|upload|hand|get)|of))/,
  /\b(?:there (?:is|will be)|you get) no second (?:chance|go|try|attempt|upload|submission)\b/,
  /^\W*(?:(?:max(?:imum|\.)? )(?:attempts?|submissions?|uploads?)|attempts?|submissions|uploads|(?:attempts?|submissions?|uploads?) (?:permitted|allowed))\s*[:=]\s*(?:1|one)\s*(?:only)?\s*$/,
  /^\W*(?:allow )?(?:(?:multiple|repeated|several) (?:attempts?|submissions?|uploads?)|re-?(?:uploading|uploads?|submissions?|submitting))\s*[:=]\s*(?:no\b|none\b|not (?:possible|allowed|permitted|accepted|enabled)|never|off\b|disabled|impossible)(?![^.;\n]{0,10}\b(?:after|once|when) the (?:deadline|due date|closing))/,
  /\bno take-?backs?\b|\bno (?:second|further|more) (?:uploads?|submissions?|attempts?|versions?|goes)\b(?! (?:after|once))/,
]);
/** So often. */
export const soOften = /^\W*(?:(?:max(?:imum|\.)? |number of )(?:attempts?|submissions?|uploads?|tries)|attempts?|submissions|uploads|tries|(?:submissions?|uploads?) (?=permitted|allowed|possible))(?: (?:permitted|allowed|possible))?\s*[:=]\s*(\d{1,2})\s*$/gi;
/** As often as one likes. */
export const asOften = anyOf('gi', [
  /\b(?:there (?:is|are|will be)|there['’]s|we set|we have) no (?:limit|restriction|maximum|cap) (?:on|to|for) (?:the number of times (?:that )?you (?:can|may)|how (?:often|many times) you (?:can|may)) (?:re-?)?(?:submit|upload|hand (?:it )?in)\b/,
  /\b(?:unlimited|endless|any number of) (?:tries|goes|uploads|attempts|submissions|resubmissions|re-?uploads)\b/,
  /^\W*as (?:many (?:tries|attempts|uploads|submissions|goes|times)|often) as (?:you (?:like|want|wish|please|need)|necessary)\b/,
  /\b(?:can|may) be (?:submitted|uploaded|handed in|replaced|resubmitted) (?:an unlimited number of times|any number of times|without limit|over and over)\b/,
  /\b(?:as often|as many times|however often|however many times|any number of times|whenever)\b[^.;]{0,20}\b(?:you (?:like|want|wish|please|need)|is needed|necessary)\b(?=[^.;]*\b(?:until|before|up to|deadline|upload|submit|hand|re-?submit|replace|send)\b)/,
  /\b(?:upload|submit|hand (?:it )?in|re-?submit|replace (?:it|your \w+|the file))\b[^.;]{0,20}\b(?:any number of times|however often|over and over|again and again|as often as|without limit|unlimited(?:ly)?)\b/,
  /\bno (?:limit|restriction|cap|maximum)\b[^.;]{0,14}\b(?:number of )?(?:on |to |for )?(?:(?:the )?(?:number of )?)?(?:uploads|submissions|attempts|versions|resubmissions|how often|how many times)\b/,
]);
/** The newest counts. */
export const newestCounts = anyOf('gi', [
  /(?:^|[,;:–—-])\s*(?:the )?(?:most recent|newest|latest) (?:(?:one|version|attempt|submission|upload) )?(?:is |gets |will be )?(?:graded|marked|read|scored|kept|assessed)\b/,
  /\b(?:can|may) (?:swap in|put up|drop in|put in its place) (?:an?|the|your) (?:new|newer|corrected|better|later|revised|improved|updated) (?:version|file|paper|draft|copy)\b/,
  /\b(?:only )?(?:the|your) (?:most recent|latest|newest) (?:essay|report|paper|work|assignment|coursework|thesis|portfolio|protocol|project|homework|upload|solution|draft) (?:counts|is the one that counts)\b/,
  /\b(?:it['’]s|it is) (?:fine|ok(?:ay)?|possible|allowed|no problem) to (?:replace|swap|exchange|overwrite) (?:the |your )?(?:files?|it|them|paper|upload)\b/,
  /\b(?:only )?the (?:latest|last|newest|most recent) (?:one|version|file|upload|submission|attempt|document|paper) (?:is|gets|will be) (?:forwarded|passed on|sent|handed on|given|printed|delivered)\b/,
  /\b(?:print|mark|read|grade|keep|take|look at|open|count) (?:only )?the (?:version|file|one|upload|submission) with the (?:latest|last|newest|most recent) (?:time ?stamp|date|time)\b/,
  /\breplace (?:the|your|it|this|a)(?: (?:file|paper|upload|version|essay|report|document))? (?:as often|as many times|any number of times|whenever)\b/,
  /\b(?:may|can) be (?:replaced|overwritten|exchanged) (?:in the \w+ )?(?:as long as|until|while|up to|till|by you until)\b/,
  /^\W*(?:graded|marked|counted|scored|kept|scoring|grading|marking|keep|counts)(?: (?:attempt|version|submission|upload|file))?\s*[:=]\s*(?:the )?(?:last|latest|newest|most recent)\b/,
  /\bwhat(?:ever|['’]s)?(?: file| version)? (?:was|is|were|you) (?:uploaded|submitted|handed in|sent)(?: in)? last\b/,
  /\bthe (?:last|latest|newest|most recent) (?:file|version|paper|one|upload|submission|essay)(?: (?:that )?you (?:upload|submit|hand in|send|have uploaded)(?: in)?)?\b[^.;]{0,30}\bis the one\b/,
  /\b(?:deletes|erases|wipes out|cancels|supersedes|removes|overwrites|replaces) (?:the|your|any|all) (?:earlier|previous|old|former|last|first) (?:one|ones|version|versions|file|files|upload|uploads|submission|submissions|attempt|attempts)\b/,
  /\b(?:only )?the (?:latest|last|newest|most recent) (?:one|version|file|upload|submission|attempt) (?:is|gets|will be) (?:looked at|opened|considered|counted|assessed|marked|graded|used|kept|read)\b/,
  /\b(?:I|we|markers?|tutors?) (?:will |shall )?(?:only |just )?(?:ever )?(?:mark|grade|read|see|look at|open|count|keep|take) (?:only |just )?(?:your|the) (?:latest|last|newest|most recent|final)\b(?! (?:page|chapter|section|draft|paragraph))/,
]);
export const askedWhich = /\bwhich (?:attempt|version|file|upload|submission|one|draft)\b[^?]{0,12}\b(?:counts?|(?:is|gets|will be) (?:marked|graded|kept|read|looked at|assessed))\b[^?]*\?/i, theNewest = /^\W*(?:A\s*[:.]\s*)?(?:only |always )?(?:the |your )?(?:last|latest|newest|most recent)\b/i;
/** Below “How often?”. */
export const askedHowOften = /^\W*(?:Q\s*[:.]\s*)?(?:and )?how (?:often|many (?:times|attempts|tries|submissions|uploads))\b/i, onlyOnce = /^\W*(?:A\s*[:.]\s*)?(?:just |only |exactly )?(?:once|one(?: (?:time|attempt|try|submission|upload))?)(?: only)?(?=\s*(?:[.,;!–-]|$))/i;
/** Every one is kept. */
export const everyOneIsKept = anyOf('gi', [
  /\b(?:every|each|any) (?:submission|upload|version|attempt|file)(?: you (?:make|send|upload|hand in))? (?:is|gets|will be|stays|remains) (?:archived|kept|stored|saved|filed|retained|recorded|preserved|on (?:file|record))\b/,
  /\b(?:previous|earlier|old|older|former) (?:uploads|submissions|versions|files|attempts) (?:are|will) (?:not|never)(?: be)? (?:deleted|removed|overwritten|lost|replaced|erased|discarded)\b/,
  /\bboth (?:of them )?(?:are|will be|stay|remain) (?:kept|stored|saved|retained|on file|archived)\b/,
  /\b(?:does|do|will) not (?:delete|remove|overwrite|replace|erase) (?:the |your |any )?(?:old|earlier|previous|former|first) (?:one|version|file|upload|submission|ones|versions|files|uploads|submissions)\b/,
  /\bnothing (?:you (?:upload|submit|hand in) )?(?:is|gets|will be) (?:ever )?(?:deleted|removed|overwritten|lost)\b/,
]);

/** Nobody who marks knows whose it is. */
export const markedUnseen = anyOf('gi', [
  /\byour (?:\w+ )?(?:code|number|ID) is the only (?:thing|detail|information) (?:that|which|by which) (?:identifies|we know|tells us|(?:says|shows|tells) who) ?(?:you|who you are)?/,
  /\bif (?:your|any|a) (?:real |own )?names?(?: or [^.,;]{3,30})? (?:appears?|is found|turns? up|stands?) (?:anywhere|somewhere|in (?:it|your \w+|the (?:file|text|paper|script|document)))/,
  /\bthe (?:markers?|examiners?|graders?|readers?|assessors?) of (?:your|the) \w+ (?:will not|won['’]t|does not|doesn['’]t|do not|don['’]t|cannot|can['’]t) (?:know|see|find out|learn) (?:who you are|your name|who wrote it)\b/,
  /\b(?:markers?|examiners?|tutors?|they|we)\b[^.;]{0,30}[;,.] (?:they|we) (?:will not|won['’]t|do not|don['’]t|cannot|can['’]t) (?:know|see|learn) your names?\b|^\W*(?:they|we) (?:will not|won['’]t|do not|don['’]t) (?:know|see|learn) your names?\b/,
  /\b(?:marked|graded|assessed|read|corrected) by (?:[a-z]+ ){1,3}(?:who|that) (?:do not|don['’]t|will not|won['’]t|cannot|can['’]t|never) (?:get to )?(?:see|know|learn|find out) (?:your names?|who you are|who (?:has )?(?:wrote|written))\b/,
  /^\W*(?:your )?names? on (?:the |your )?(?:essay|paper|work|it|report|file|document|submission)s?\s*[:=?]\s*(?:no\b|never|not )/,
  /^\W*(?:(?:type|mode) of )?(?:marking|grading|assessment)(?: type| mode)?\s*[:=]\s*(?:blind|anonymous)\b/,
  /^\W*(?:(?:student|author)s?['’]? )?(?:identit(?:y|ies)|names)\s*[:=]\s*(?:hidden|concealed|anonymous|not shown)\b/, /^\W*anonymi[sz]ed\s*[:=]\s*yes\b/,
  /\b(?:keep|hide|conceal) your (?:identity|name)(?: (?:hidden|secret|concealed|out of sight))? from (?:the |your )?(?:markers?|examiners?|graders?|tutors?|readers?|assessors?)\b/,
  /\b(?:your )?names? (?:is|are|will be|stays?|remains?|gets?) (?:hidden|invisible|concealed|covered|masked|not shown|not visible|removed|blanked out)\b(?: (?:during|while|when|from|for|to|before)\b)(?=[^.;]{0,30}\b(?:mark|grad|assess|examin|read|tutor))/,
  /\b(?:mark|grade|assess|read)(?:s|ed|ing)?\b[^.;]{0,24}\bwithout (?:knowing|seeing|being told) (?:whose|who|your name|the (?:author|name))\b/,
  /\b(?:nobody|no one|none of (?:us|the markers)) (?:who marks|marking)? ?(?:it |them |your \w+ )?(?:will|should|must|may|can|is to)?(?: be able to)? ?(?:know|see|tell|find out|guess)s? (?:whose|who (?:you are|wrote)|your name)\b/,
  /\b(?:double|single)[- ]?(?:blind|anonymous) (?:marking|grading|assessment)\b|\bblind (?:marking|grading|assessment) (?:applies|is used|is in place)\b/,
]);
/** Whoever marks knows whose it is. */
export const markedByName = anyOf('gi', [
  /^\W*(?:marked|graded) by name\b|^\W*mark(?:ing|s)\s*(?::|is|are|is done)\s*(?:(?:named|by name)\b|with names)|\b(?:we|I|tutors|markers|examiners) (?:mark|grade)s? (?:with names|by name)\b|\b(?:markers?|tutors?|examiners?) (?:can |will )?sees? your names?\b/,
  /^\W*(?:please )?(?:always )?(?:put|write) your (?:full |own )?names? (?:clearly )?on (?:the |your |each |every )?(?:essay|report|paper|work|assignment|coursework|thesis|dissertation|submission|portfolio|protocol|project|homework|document|pdf|solution|manuscript|first page|title page|front page)\b/,
  /^\W*your (?:full |own )?names? (?:must|should|has to|needs to) be on (?:the |your |each |every )?(?:essay|report|paper|work|assignment|coursework|thesis|dissertation|submission|portfolio|protocol|project|homework|document|pdf|solution|manuscript|first page|title page|front page)\b/,
  /\b(?:tutor|lecturer|marker|teacher|supervisor|I|we)\b[^.;]{0,14}\b(?:marks?|grades?|reads?) (?:it|them|your \w+)\b[^.;]{0,6}\band (?:will )?knows? (?:who you are|whose it is|your name)\b/,
  /\b(?:I|we|the markers?) (?:do )?(?:want|need|have) to (?:know|see) (?:who (?:you are|wrote it)|your name)\b/,
]);
/** A machine looks for what it shares with other texts. */
export const machineCompares = anyOf('gi', [
  /(?<!\bno |\bnot (?:an?|any|one|by) )\b(?:system|program|software|tool|computer|machine)\b[^.;]{0,24}\bcompares? (?:(?:your|each|every|all|the|students['’]) (?:\w+ )?(?:texts?|essays?|papers?|work|submissions?|files?|reports?|uploads?|assignments?|solutions?|code|words|sentences|passages|thes[ei]s|dissertations?|drafts?|documents?|portfolios?)|them|it|these)\b/,
  /\b(?:automatically|electronically|routinely|digitally) (?:scanned|checked|searched|screened|tested|compared|examined) (?:for|against|with)\b[^.;]{0,20}\b(?:copied|copying|match\w*|plagiari\w*|overlap\w*|similar\w*|other|sources|texts|internet|web)\b/,
  /\b(?:texts?|work|essays?|papers?|submissions?|reports?)\b[^.;]{0,10}\b(?:is|are|will be|gets?) (?:matched|compared|checked|run|held) (?:against|with|to)\b[^.;]{0,30}\b(?:database|sources|texts|web|internet|papers|essays|publications|archive|submissions)\b/,
  /\b(?:plagiarism|copying|copied (?:text|passages))\b[^.;]{0,20}\b(?:is|are|will be) (?:detected|found|spotted|flagged|picked up)\b[^.;]{0,20}\b(?:automatically|electronically|by (?:the )?(?:software|system|computer|program|machine))\b/,
]);
/** Nothing does. */
export const noMachineCompares = anyOf('gi', [
  /\b(?:isn['’]t|is not|aren['’]t|are not|won['’]t be|will not be|never) (?:checked|screened|scanned|run|put|compared|tested)\b[^.;]{0,24}\b(?:plagiarism|similarity|originality|overlap|matching|software)\b/,
  /\b(?:similarity|plagiarism|originality|text-matching)(?: (?:check|checking|software|detection|report|tool))? (?:is|has been) (?:switched off|turned off|disabled|not (?:used|enabled|active|switched on|turned on|available|part))\b/,
]);

/** “How many pages? At most eight.” */
export const askedHowMany = (what: 'pages' | 'words'): RegExp => new RegExp(`\\bhow (?:many ${what}|long)\\b[^?]*\\?`, 'i');
export const soMany = (what: 'pages' | 'words'): RegExp => new RegExp(`^\\W*(?:A\\s*[:.]\\s*)?(?:at most|up to|no more than|max(?:imum|\\.)?) (\\d[\\d,.]*|${small})(?: ${what})${what === 'pages' ? '?' : ''}\\W*$`, 'i');
const number = '(\\d{1,3}(?:[,. \\u00a0]\\d{3})+|\\d{3,6})', pages = '(?<![\\d.,])(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty)';
export const leastWords = /\b(\d{1,3}(?:,\d{3})+|\d{3,5})\+ words\b/gi;
const ceiling = "(?:(?:hard|absolute|strict|upper|firm) )?(?:ceiling|maximum|max\\.?|limit|cap|no more than|never more than|not more than|at (?:the )?(?:very )?most|not exceeding|never over|capped at|not above)(?: of| is|:)?";
const limitsOf = (n: string, what: string): RegExp => anyOf('gi', [
  new RegExp(`\\b${n} ${what}s?,? (?:and )?(?:that|this|which)(?:['’]s| is) (?:an?|the|your) (?:(?:hard|absolute|strict|firm|upper) )?(?:limit|ceiling|maximum|cap|max)\\b`),
  // “About 1,200 words, hard ceiling 1,500.”
  new RegExp(`\\b${what}s?\\b[^.;\\d]{0,24}[,;(] ?(?:but |and )?(?:with )?(?:an? )?${ceiling} ${n}(?: ${what}s?)?(?=\\s*(?:[.;,()]|$))|^\\W*(?:with )?(?:an? )?(?:hard|absolute|strict|upper|firm)? ?(?:ceiling|cap)(?: of| is|:)? ${n} ${what}s?\\b`),
  new RegExp(`\\b(?:cannot|can['’]t|can not|could not) be (?:longer|more) than ${n} ${what}s?\\b|\\b(?:the |its )?ceiling (?:is|of) ${n} ${what}s?\\b|\\b(?:you are |you['’]re )?allowed ${n} ${what}s?\\b(?! (?:more|extra|on top))|\\b(?:restricted|confined) to ${n} ${what}s?\\b`),
  new RegExp(`\\b(?:anything|everything|whatever) (?:beyond|after) ${what} ${n}\\b[^.;]{0,12}\\b(?:not (?:be )?(?:read|marked|considered)|ignored|unread|skipped)|\\b${what}s (?:beyond|after) the ${n}(?:st|nd|rd|th)\\b[^.;]{0,12}\\b(?:not (?:be )?(?:read|marked|considered)|ignored|unread|skipped)`),
  new RegExp(`^\\W*(?:max(?:imum|\\.)? )?${what}s?(?: (?:limit|count|ceiling|maximum|max))?\\s*\\((?:max(?:imum|\\.)?|strict|hard|absolute|upper limit|at most)\\)\\s*[:=]\\s*${n}\\b`), new RegExp(`^\\W*${what}s? ceiling\\s*[:=]\\s*${n}\\b`),
  new RegExp(`\\b${what} (?:count|limit|length|ceiling) (?:is|has been|will be) (?:capped at|set (?:at|to)|fixed at|limited to|restricted to)? ?${n}(?![\\d,.]*\\d| ?(?:%|per|minutes|[KMG]?B\\b))(?: ${what}s?)?`),
  new RegExp(`\\b(?:limit|maximum|length|ceiling) (?:is|has been|will be) (?:capped at|set (?:at|to)|fixed at|limited to|restricted to) ${n} ${what}s?\\b`),
  new RegExp(`\\b${what} (?:limit|count|length) (?:has been|was|is|will be) (?:raised|increased|lowered|reduced|extended|changed|cut) from [\\d.,]+ (?:${what}s )?to ${n}(?![\\d,.]*\\d| ?%)`),
  new RegExp(`\\b(?:keep|cut|limit|restrict|trim|confine) (?:it|them|this|yourself|your \\w+|the \\w+)(?: down)? (?:to|within|at) ${n} ${what}s?\\b`),
  new RegExp(`\\b${n} ${what}s? (?:at your disposal|to play with|to work with|and (?:not one|no) more|tops|at the (?:very )?most|is the (?:limit|maximum|ceiling|most)|or (?:fewer|less))\\b`),
  new RegExp(`\\b(?:more than|over|longer than|beyond|above|exceeding|exceeds?) ${n} ${what}s?\\b[^.;]{0,24}\\b(?:returned|rejected|refused|penali[sz]ed|not (?:be )?(?:read|marked|accepted|graded|considered)|ignored|lose|sent back|cut off|fail)`),
  new RegExp(`\\b(?:only|just) the first ${n} ${what}s?\\b[^.;]{0,20}\\b(?:read|marked|considered|graded|assessed|counted)\\b|\\b(?:read|mark|grade|assess|consider)s? (?:only |just )the first ${n} ${what}s?\\b|\\b(?:stop|stops) (?:reading|marking|grading) (?:at|after) ${n}(?![\\d,.]*\\d)${what === 'page' ? ' pages?' : '(?: words?)?'}\\b`),
]);
/** “No longer than a page.” */
export const onePageAtMost = /\b(?:no(?:t)? (?:longer|more) than|at (?:the )?most|not over|not exceed(?:ing)?|within|limited to|confined to|restricted to|up to|max(?:imum)?\.?(?: of)?) (?:a|a single|one|1)(?: A4| typed)? (?:page|side)\b(?! (?:each|per|break|number|of))/gi;
export const mostWords = limitsOf(number, 'word'), mostPages = limitsOf(pages, 'page');
export const sizeInUnit = /\b(?:file )?size(?: limit)? \((?:in )?([KMG])i?B\)\s*[:=]\s*(?:max(?:imum|\.)? )?(\d{1,4})\b/gi;
export const mostBytes = /\b(?:(?:will|can|does) ?(?:not|n['’]t) (?:take|accept|open) (?:anything|files?)|nothing) (?:above|over|beyond|larger than|bigger than) (\d{1,4}(?:[.,]\d)?) ?([KMG])i?B\b|\bnot heavier than (\d{1,4}(?:[.,]\d)?) ?([KMG])i?B\b|^\W*(?:largest|biggest) (?:accepted|allowed|permitted|possible) (?:file|upload|document)(?: size)?\s*[:=–-]\s*(\d{1,4}(?:[.,]\d)?) ?([KMG])i?B\b|^\W*(?:largest|biggest|heaviest) (?:file|upload|document)(?: size)?(?: (?:allowed|accepted|permitted|possible))?\s*[:=–-]\s*(\d{1,4}(?:[.,]\d)?) ?([KMG])i?B\b|\b(?:fails?|breaks|is refused|is rejected|stops|won['’]t work|bounces|crashes|times out)\b[^.;]{0,20}\b(?:if|when|with|for|above|over|beyond)\b[^.;\d]{0,40}(\d{1,4}(?:[.,]\d)?) ?([KMG])i?B\b/gi;
