import type { Sayings } from './sayings.ts';

const works = '(?:essays?|papers?|reports?|work|assignments?|submissions?|files?|scripts?|coursework|uploads?|theses|thesis|dissertations?|portfolios?|projects?|piece|text)', markers = "(?:(?:the |your |our )?(?:markers?|examiners?|graders?|readers?|assessors?|tutors?|instructors?|lecturers?)|whoever (?:marks|reads|grades) (?:it|your \\w+))";
const count = '(an?|one|two|three|four|five|six|seven|eight|nine|ten|fourteen|\\d{1,2})', number = '(\\d[\\d,]*)';
const wont = "(?:will not|won['’]t|do not|don['’]t|cannot|can['’]t|shall not|am not going to)", taken = '(?:marked|accepted|read|graded|taken|looked at|considered|assessed)';
const machine = '(?:plagiarism|similarity|originality|text[- ]matching|text[- ]comparison|matching|copy(?:ing)?)';

/** Demands that English has many ways for, as the readers know them. */
export const english: Sayings = [
  // When it is due.
  ['(?:the )?(?:last|latest|final) (?:possible |permitted )?(?:moment|time|minute|day|date) (?:for (?:handing (?:it )?in|uploading|submission)|to (?:hand (?:it )?in|upload|submit))?\\s*:', 'Deadline:'], ['last possible (?:moment|time|minute|day|date)\\s*:', 'Deadline:'],
  ['(?:we|I) (?:collect|pick up|gather|download) (?:the |your |all )?(?:essays?|papers?|reports?|files?|work|assignments|portfolios) (?:on|at)(?= [^.;\\n]{0,20}\\d{1,2} \\p{Lu})', 'papers due on'],
  // How it is marked.
  ["(?:the )?(?:people|person|colleagues?|staff) (?:who|that) (?:mark|grade|read|assess)(?:es|s)? (?:it|your \\w+|them) (?:will not|won['’]t|do not|don['’]t|does not|doesn['’]t|is not|are not|cannot|can['’]t) (?:be told|be shown|know|see|learn) (?:who you are|your names?|whose it is|who wrote it)", 'Anonymous marking'],
  [`${markers} (?:are|is|will be|get|gets|see|sees) (?:only |just )?(?:(?:given|shown|told|sent) )?(?:only |just )?(?:your )?(?:candidate|student|exam|anonymous|ID|code) (?:numbers?|codes?|IDs?|names)(?: only)?(?<=only.*|just.*)`, 'Anonymous marking'],
  [`(?:your|student|students['’]?|the author['’]s) (?:identity|identities|names?) (?:is|are|will be|remains?|stays?) (?:withheld|concealed|hidden|unknown|kept (?:secret|hidden|back)|not (?:shown|revealed|known)) (?:from|to) ${markers}`, 'Anonymous marking'],
  ['marking (?:(?:on|in|for|of) [^.;,\\n]{3,30} )?(?:is|will be) (?:by|under) named (?:submission|scripts?|work)|(?:this is|we use) (?:a )?named (?:marking|submission)', 'Marking is not anonymous'],
  // What compares it.
  [`(?:there (?:will be|is)|we (?:do|make|run|use)) no ${machine} (?:screening|check(?:ing|s)?|scan(?:ning)?|tests?|software)`, 'No similarity check'],
  [`(?:your |each |every |the |all )?${works} (?:goes|go|passes|pass|is (?:put|run|fed|sent)|are (?:put|run|fed|sent)|will (?:go|pass|be (?:put|run|fed|sent))) (?:through|into) (?:our|the|a|an) (?:\\w+ )?${machine} (?:filter|checker|detector|scanner|software|tool|program|system|database|check|engine)`, 'Similarity check: yes'],
  [`(?:your |each |every |the |all )?${works} (?:is|are|will be|gets?) (?:screened|scanned|checked|vetted|examined|tested|searched)(?: (?:electronically|automatically|by software|by machine|by a program))? for (?:unoriginal|copied|plagiari[sz]ed|borrowed|matching|reused) (?:material|text|passages|content|work|wording)`, 'Similarity check: yes'],
  // How often.
  [`(?:${works}|they|it) can(?:not|['’]t) be (?:exchanged|replaced|swapped|changed|altered) (?:after|once) (?:upload(?:ed|ing)?|submission|submitted|handing in|(?:they are|it is|it['’]s) in|(?:they have|it has) been uploaded)`, 'You can upload once only'],
  ['you (?:can|may|get to) (?:only )?(?:hit|press|click) (?:the |that )?(?:[“"]?[\\w ]{0,12}[”"]? )?button (?:only )?once', 'You can upload once only'],
  ['you (?:get|have|are allowed|are given|may have) (?:one|a single|1|a) (?:re-?submissions?|re-?uploads?|second (?:chance|go|upload)|replacement)(?! (?:if|when|where|in case|should|only if)\\b)', '2 attempts'], ['you (?:get|have|are allowed|are given|may have) (?:two|2) (?:re-?submissions|re-?uploads|replacements)', '3 attempts'],
  ['you (?:may|can) (?:upload|submit|hand (?:it )?in|send (?:it )?in?)(?: it)? (?:one more time|once more|a second time)(?: only)?(?! if\\b)', '2 attempts'],
  [`(?:you(?:['’]ve| have)?(?: got)?|you get|there are) (?:up to )?${count} (?:goes|tries|shots|chances)(?! (?:at|with|on|in) (?:the|this|that|an?|each|every) (?:quiz|test|exam|question|problem|puzzle))`, '$1 attempts'],
  // Which one counts.
  ['what (?:I|we) (?:mark|read|grade) is (?:the|your) (?:final|last|latest|newest|most recent) (?:upload|version|file|one)', 'The last version counts'],
  ['none of your (?:uploads|versions|files|submissions) (?:is|are|gets|will be) (?:overwritten|deleted|lost|replaced)', 'All versions are kept'],
  ["(?:I|we)(?:['’]ll| will)? (?:only )?(?:look at|mark|read|grade|take) (?:whatever|the one|the file|what|the version) (?:is|that is|that['’]s|you (?:have )?(?:left|put|uploaded)|was)(?: there| uploaded| handed in| in the box)? (?:last|in the end|most recently)", 'The last version counts'],
  [`(?:older|earlier|previous|former|superseded) (?:uploads|versions|files|submissions|attempts|drafts) (?:remain|stay|are (?:kept|stored|retained|archived|preserved|saved|not deleted|never deleted))(?: (?:on|in) (?:the |our )?(?:system|record|file|server|box|folder))?`, 'All versions are kept'],
  // What being late costs.
  ['the (?:box|folder|page|link|portal|area|system) (?:locks|closes|shuts) at the deadline,? (?:and|so|after which) nothing (?:can|may) be (?:added|uploaded|handed in|submitted)(?: (?:afterwards|later|any more|after that))?', 'Late work is not accepted'],
  [`${count} days? after (?:the deadline|that)(?: has passed)?,? the (?:box|folder|page|link|portal|area) (?:closes|locks|shuts) (?:for good|finally|completely|permanently|altogether)`, 'zero after $1 days'],
  [`(?:I|we) (?:still )?(?:accept|take|mark|read) late ${works} for (?:up to )?${count} days?`, 'zero after $1 days'], [`(?:I|we) (?:still )?(?:accept|take|mark|read) late ${works} for (?:up to )?${count} weeks?`, 'zero after $1*7 days'],
  [`(\\d{1,2}) ?% (?:a|per|each) day,? (?:for )?(?:up to )?${count} days(?: at most| at the most| max(?:imum)?\\.?)?[;,.]? (?:and )?(?:then|after that) (?:it['’]?s? |it is |you get |comes )?(?:an? )?(?:zero|0|nothing)`, 'late: -$1% per day, zero after $2 days'],
  [`(?:I|we|the office) ${wont} (?:look at|read|mark|grade|accept|take|open) (?:anything|any ${works}|${works}) (?:(?:that|which)(?:['’]s| is| are| comes?| arrives?)(?: in)? |submitted |handed in |coming in )?late`, 'Late work is not accepted'],
  [`if (?:it|your ${works}) (?:is not|isn['’]t|has not arrived|hasn['’]t arrived)(?: in| there| here| uploaded| submitted)? by (?:then|that time|that date|the deadline)[^.;,\\n]{0,16},? it (?:does not|doesn['’]t|will not|won['’]t) (?:count|be ${taken})`, 'Late work is not accepted'],
  [`zero after ${count} weeks?`, 'zero after $1*7 days'],
  // A day of one's own.
  ["(?:I(?:['’]m| am) happy to give you|I can give you|I(?:['’]ll| will) give you|you can have|you may have) (?:until|till)(?= (?:the )?(?:\\w+day,? )?(?:the )?\\d)|yours is due(?: on)?(?= [^.;\\n]{3,30} (?:because of|thanks to|under|owing to) (?:your|the) (?:extension|adjustment|support plan))", 'extension granted until'],
  ["you(?:['’]ve| have) (?:now )?(?:been (?:given|allowed)|got) (?:until|till|up to)(?= [^.;\\n]{3,40}\\b(?:instead|rather than)\\b)|you (?:personally|yourself) (?:now )?have (?:until|till)|because of your [^.;,\\n]{3,40},? you (?:personally )?(?:now )?have (?:until|till)", 'extension granted until'],
  ['no (?:signed )?declaration(?: of \\w+)? (?:is )?(?:needed|required|necessary|asked for)', 'You need no declaration of authorship'],
  // How long.
  [`not (?:a|one)(?: single)? (word|page) (?:more|over|beyond|longer)(?: than)? ${number}`, 'max. $2 $1s'], [`(word|page) range:? ${number} ?(?:-|–|to) ?${number}`, '$2-$3 $1s'], [`${count} (words|pages) at the (?:very )?least`, 'min. $1 $2'],
  ['(\\d)[.,](\\d)k words,? (?:tops|max(?:imum)?|at (?:the )?most)', 'max. $1$200 words'], ['(?<![.,])(\\d{1,2})k words,? (?:tops|max(?:imum)?|at (?:the )?most)', 'max. $1000 words'],
  [`(?:anything|everything|whatever (?:is|comes|stands)) (?:past|after|beyond) the ${number}(?:st|nd|rd|th) word (?:is|will be|gets|goes) (?:ignored|not read|unread|cut|disregarded|not marked)`, 'max. $1 words'],
  [`${number} (words|pages),? (?:tops|and no more|no more|and not (?:one|a (?:word|page)) more)(?! than)`, 'max. $1 $2'], [`${count} (pages),? (?:tops|and no more|no more|and not one more)(?! than)`, 'max. $1 $2'], [`${count} (?:sides|pages) of A4,? (?:tops|and no more|no more|at most|max(?:imum)?)(?! than)`, 'A4 paper, max. $1 pages'],
  // How it looks.
  [`(?:keep|leave|allow) ${count} (?:centimetres?|centimeters?|cm) (?:of |as )?margins?`, 'margins $1 cm'],
  [`double[- ]space (?:the|your|all) (?:text|essay|paper|work|lines|report|manuscript)`, 'double line spacing'], ['(?:set up|formatted|laid out) (?:for|on|as) A4(?: paper)?', 'A4 paper'],
  // When it opens.
  ['you (?:(?:will )?(?:receive|get)|are (?:given|sent)|will be (?:given|sent)) (?:the |your )?(?:questions?|task|paper|topic|exam(?: paper)?|assignment) on(?= (?:\\w+day,? )?(?:the )?\\d)', 'The question is released on'], ['and (?:then )?have (\\d{1,3}) hours', 'and you have $1 hours'],
  [`(?:nothing|no (?:files?|papers?|work|essays?)) (?:can|may) be (?:handed in|uploaded|submitted) (?:before|earlier than|until)(?= (?:the )?(?:\\w+day,? )?(?:the )?\\d)`, 'Opens:'],
  // What the file is called.
  ['(?:title|name|call|label) the file (?:with|by|after) your ((?:\\w+ )?(?:number|code|ID)), (?:and )?not (?:with )?your name', 'File name: $1. No names in the file name'], ['your ((?:\\w+ )?(?:number|code|ID)),? and nothing else that (?:identifies you|says who you are),? (?:goes|belongs) (?:in|into) the file ?name', 'File name contains your $1. No names in the file name'],
  ['(?:the |all )?file ?names? (?:must|should|has to|have to|is to|are to) be (?:kept )?anonymous', 'No names in the file name'],
  ['(?:keep|leave) (?:your|all|any) (?:own )?names? (?:out of|off) (?:the |your )?file ?names?', 'No names in the file name'], ['nothing in (?:the |your )?file ?name (?:should|may|must|can|is to) (?:give you away|identify you|reveal (?:who you are|your identity)|point to you|say who you are)', 'No names in the file name'],
];
