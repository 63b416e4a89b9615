import { counted } from './counted.ts';
import type { Sayings } from './sayings.ts';

const works = '(?:essays?|papers?|reports?|work|assignments?|submissions?|files?|scripts?|coursework|uploads?|theses|thesis|dissertations?|portfolios?|projects?|piece|text)', markers = "(?:(?:the |your |our )?(?:markers?|examiners?|graders?|readers?|assessors?|tutors?|instructors?|lecturers?)|whoever (?:marks|reads|grades) (?:it|your \\w+))";
const count = '(an?|one|two|three|four|five|six|seven|eight|nine|ten|fourteen|\\d{1,2})', number = '(\\d[\\d,]*)';
const wont = "(?:will not|won['’]t|do not|don['’]t|cannot|can['’]t|shall not|am not going to)", taken = '(?:marked|accepted|read|graded|taken|looked at|considered|assessed)';
const machine = '(?:plagiarism|similarity|originality|text[- ]matching|text[- ]comparison|matching|copy(?:ing)?)';

/** What a file is named after. */
const ownName = '(?:your|the) (?:own |full |unique )?(?:(?:student|candidate|exam(?:ination)?|registration|matriculation|enrol?ment|ID|roll|anonymous) (?:number|ID|code|no\\.)|surname|last name|family name|user ?name|(?:module|course|unit) code)(?!\\p{L})';

/** That nothing is taken behind what was said. */
const thenShut = '[^.;\\n]{0,50}[.;,] ?(?:after (?:this|that|which)|thereafter|then),? (?:the (?:system|box|portal|link|site|folder|page) (?:closes|shuts|is closed|locks|will close)|nothing (?:more )?(?:is|will be) accepted|(?:no|papers?|work|essays?) [^.;\\n]{0,20}not (?:be )?accepted)';

/** Demands that English has many ways for, as the readers know them. */
export const english: Sayings = [
  ...counted,
  // What was said of the number before: “your candidate number … call the file by it”.
  ["(?<=\\b((?:student|candidate|exam(?:ination)?|registration|matriculation|enrol?ment|anonymous|roll) (?:number|ID|code|no\\.))[^\\n]{3,160}?)(?:call|name|save|title|label) (?:the|your|each) (?:file|document|paper|essay|report|PDF)s? (?:by|after|with|under|as|using) (?:it|that|this)(?: number| code)?(?! (?:is|was|will)\\b)", 'the file name is your $1'],
  // “It should be 2,000 words long.”
  [String.raw`(?<!(?:abstract|summary|bibliograph\w+|reflection|proposal|introduction|caption|statement|log|plan|outline|poster|appendix|review|letter|diary|draft|part)s?\b[^\n]{0,60})(?:it|this) (?:should|must|has to|needs to|ought to|is to) be (?=\d[\d,.]*(?: ?[–-] ?\d[\d,.]*| to \d[\d,.]*)? (?:words|pages) (?:long|in length))`, 'The paper should be '],
  // When it is due.
  ["(?<=(?:what(?:['’]s| is)|when(?:['’]s| is)|and) the )(?:absolute |final |exact )?cut-?off(?: date| time| point)?(?=\\?)", 'deadline'],
  ['(?:the )?(?:last|latest|final) (?:possible |permitted )?(?:moment|time|minute|day|date) (?:for (?:handing (?:it )?in|uploading|submission)|to (?:hand (?:it )?in|upload|submit))?\\s*:', 'Deadline:'], ['last possible (?:moment|time|minute|day|date)\\s*:', 'Deadline:'],
  ['(?:we|I) (?:collect|pick up|gather|download) (?:the |your |all )?(?:essays?|papers?|reports?|files?|work|assignments|portfolios) (?:on|at)(?= [^.;\\n]{0,20}\\d{1,2} \\p{Lu})', 'papers due on'],
  ['by (\\d{1,2} \\p{Lu}\\p{L}+(?: 20\\d\\d)?) (?:an?|the|your) (\\p{Ll}[\\p{L} ]{2,30}?)(?:,? and|,|;) by (\\d{1,2} \\p{Lu}\\p{L}+(?: 20\\d\\d)?) (?:an?|the|your) (\\p{Ll}[\\p{L} ]{2,30}?)(?=[.;,]|$)', '$2: $1; $4: $3'],
  ['(?<=(?:^|[.;:] |\\n))(\\p{L}[\\p{L} ]{2,30}) [–-] (\\d{1,2}(?:\\. ?\\d{1,2}\\. ?20| \\p{Lu}\\p{L}+)[^;\\n]{0,20}); (\\p{L}[\\p{L} ]{2,30}) [–-] (?=\\d{1,2}(?:\\. ?\\d{1,2}\\. ?20| \\p{Lu}))', '$1: $2; $3: '],
  ['(?:the )?(?:two |three |four |five )?(?:deadlines|due dates|hand-?in dates)(?:,? \\(?|: ?)(?:both|all|each|always) (?:at|by) (\\d{1,2}(?:[:.]\\d\\d)? ?(?:[ap]\\.?m\\.?)?|noon|midnight)\\)?(?= ?:)', 'All deadlines are at $1. Deadlines'],
  ['(?:one|two|three|four|an?|\\d{1,2}) (?:weeks?|days?|fortnight|months?) (?:later|after that|thereafter|afterwards),?(?: (?:i\\.e\\.,?|that is,?|namely))?(?: on| by)?(?= (?:\\p{L}+day,? )?\\d{1,2} \\p{L}{3,9}(?: 20\\d\\d)?)', 'on'],
  // How long it is, and what is no length of it.
  ["(?:under|below|(?:of )?(?:fewer|less|shorter) than)(?![^.\\n]{0,80}(?:longer|more) than)(?= \\d[\\d,. ]* (?:words|pages|sides)[^.;\\n]{0,40}(?:cannot|can['’]t|will not|won['’]t|too short|\\bfail|reject|refused|not (?:be )?(?:accepted|marked|read)|returned|not enough|insufficient|lose marks))", 'at least'],
  ['(?:with|plus) (?:up to )?(\\d{1,2}) ?% (?:extra|more|on top) (?:is |being )?(?:tolerated|allowed|permitted|accepted)', '$1% over is allowed'], ['letters (?:should|must|are to) (?:be|have)(?= \\d{1,2} (?:points|pt))', 'Font size:'],
  ['(?:PDFs|Word files) of(?= (?:past|previous|earlier|old|sample|example|model|last year|the (?:reading|lecture|slide|article|chapter)))', 'Copies of'],
  ['look for (?=[“"][^“”"\\n]{3,60}[”"](?: (?:on|in|under) [^.;\\n]{3,40}?)?,? and (?:then )?(?:upload|submit|hand in|put))', 'Upload to '],
  ['go to (?=[“"][^“”"\\n]{3,60}[”"] (?:and|then),? (?:then )?(?:press|click|hit|choose|select) (?:on )?[“"]?(?:upload|submit|hand in|send|add))', 'Upload to '],
  // What does not move.
  ['(?:(?:stays|remains|is(?: still)?) (?:where|as|when) it (?:was|is)|(?:keeps|has kept) (?:its|the same) (?:date|day|deadline)|(?:is|stays|remains) (?:unchanged|untouched|unaffected|the same))\\s?[:,–-](?= (?:still |on |by )?(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|\\d{1,2}\\b|[A-Z][a-z]+ \\d))', 'is due'],
  ['(?:nothing|no date) changes for(?= [^.;:\\n]{3,30}:)', ''],
  // When something else ends.
  ['(?:the |our |this )?(?:course|module|seminar|semester|class) (?:runs|lasts|goes on|continues) (?:until|till|to)', 'Term ends on'],
  // Labels with what they say.
  ['similarity(?: check)?: not (?:checked|run|used|applied|done)', 'No similarity check'], ['file name: must not(?= (?:show|contain|include|carry|have|give|reveal))', 'The file name must not'],
  ['times(?: given| shown)?:(?= (?:UTC|GMT|CET|CEST|BST|EST|EDT|PST|PDT|AEST|AEDT)\\b\\s*(?:$|\\n))', 'All times are'],
  // Names of files, and what pages look like.
  ['(?:one|an|1)[- ]inch of margins?', 'Margins: 1 inch'], ['(?:right|correct|proper) (link|box|folder|area|page) (?:says|reads|is headed|has the name)(?= [“"])', 'right $1 is called'],
  ['(?<=words at (?:the )?least,? (?:and )?)(\\d[\\d,]*) at (?:the )?most', '$1 words at most'],
  ...['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'].map((nth, n): Sayings[number] => [`after the ${nth} (?:late )?day(?! of)`, `after ${n + 1} days`]),
  ...['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'].flatMap((nth, n): Sayings => [
    [`(?<=\\bdays?\\b[^.\\n]{0,90}\\b(?:nothing|no marks|no work|zero|not accepted|no credit|nil)(?: (?:is|are|will be) (?:accepted|marked|read|given|taken))? )after the ${nth}(?=\\s*(?:[.;,)\\n]|$))`, `after ${n + 1} days`], [`(?<=\\b(?:deducted|off|lost|lose|loses|late|penalty)\\b[^.\\n]{0,40} )(?:until|up to) the ${nth} day(?=[,;.])`, `for up to ${n + 1} days`],
    ...(n > 0 ? [[`(?<=\\bdays?\\b[^.\\n]{0,60}\\b(?:nothing|no marks|zero|not accepted|no credit|nil) )from the ${nth}(?: day)? (?:on|onwards?)`, `after ${n} days`] as Sayings[number]] : []),
  ]),
  ['(?<=(?:number|ID|code|surname|last name|family name) )(?:(?:is to|shall|should|must|has to|will|may) (?:be|form|make up|constitute|serve as|act as)|becomes|is|forms|constitutes|makes up|serves as|acts as) (?:the|your) (?:name of (?:the|your) (?:file|document|upload)|file(?:[\'’]s)? ?name|title of the file)', 'must be in the file name'],
  ['(?:I(?:[\'’]d| would)? (?:like|prefer|want)|we (?:want|would like|prefer)|please arrange for) (?:the|your|each) (?:file|document|upload) to be (?:called|named|labelled)(?= (?:after|for|with|by|as)\\b)', 'Name the file'],
  ['(?<=(?:PDF|Word|DOCX|\\.docx|\\.pdf|ODT|RTF)[,;] )name ?:(?= \\S+[_-]\\S+)', 'file name:'],
  ['(?:name|title) of (?:the|your) (?:file|document|upload)(?= (?:is|must be|should be|shall be|has to be|will be) (?:just |only |simply )?(?:your|the) (?:\\w+ ){0,2}(?:number|ID|code|surname)\\b)', 'file name'],
  ['file(?:[\'’]s)? title(?=\\b(?! page))', 'file name'], ['file titles', 'file names'], ['file[\'’]s name', 'file name'],
  ['(?<=(?:^|[.;\\n]\\s*)(?:please )?)title (?:the|your) (?:file|document|upload)(?= (?:with|after|as)\\b|:)', 'name the file'],
  ['lines (?:are|should be|must be) (?:one and a half|1\\.5) (?:lines )?apart', 'Line spacing 1.5'], ['(?:give|put on) (?:each|every) page (?:a|its) number', 'Page numbers'],
  // Kinds of files.
  ['(?<=formats? (?:other )?than (?:PDF|Word|DOCX|\\.pdf|\\.docx) )(?:cannot|can[\'’]t|will not|won[\'’]t) be(?= (?:opened|read|accepted|marked|processed))', 'can be'],
  ['(?:any |all )?(?:other (?:file )?formats? than|(?:file )?formats? other than)(?= (?:PDF|Word|DOCX|\\.pdf|\\.docx) can be)', 'Only'],
  ['(?<=PDF, )Word and(?= (?:OpenDocument|ODT|RTF))', 'Word or'],
  ['(?<=(?:keep|retain|hold on to) (?:the|your|all) [^.;()\\n]{3,40} )\\((?:Excel|XLSX|CSV|Word|PDF|ZIP)\\)(?= (?:in case|ready|safe|until|for (?:later|reference|your|our)))', '(file)'],
  ['(?<=(?:library|bookshop|archive|publisher|journal) (?:has|holds|offers|sells|keeps) [^.;()\\n]{3,40} as )an? (?:PDF|Word file)', 'a file'],
  ['Word template(?= [^.;\\n]{0,40},? (?:and )?then (?:save|export|convert|turn) it (?:as|to|into) (?:an? )?PDF)', 'template'],
  ['(?<= (?:as|in) (?:an? |the )?(?:PDF|Word|DOCX|\\.docx|\\.pdf)(?: file| document)?)[,;](?= (?!the |your |an? |and |or |not |no |then |please )[\\p{L} ]{3,24} (?:as|in) (?:an? )?(?:PDF|Word|ZIP|zip|Excel|CSV|PowerPoint|MP[34]|\\.\\w+))', ', the'],
  ['(?<=(?:PDFs?|Word files?|Word documents?)(?: files?)? (?:is|are) not (?:accepted|allowed|permitted))[:;](?= (?:please )?(?:submit|upload|hand in|send|use) )', '.'],
  // How it is marked.
  ["(?:the )?(?:people|person|colleagues?|staff) (?:who|that) (?:mark|grade|read|assess)(?:es|s)? (?:it|your \\w+|them) (?:will not|won['’]t|do not|don['’]t|does not|doesn['’]t|is not|are not|cannot|can['’]t) (?:be told|be shown|know|see|learn) (?:who you are|your names?|whose it is|who wrote it)", 'Anonymous marking'],
  [`${markers} (?:are|is|will be|get|gets|see|sees) (?:only |just )?(?:(?:given|shown|told|sent) )?(?:only |just )?(?:your )?(?:candidate|student|exam|anonymous|ID|code) (?:numbers?|codes?|IDs?|names)(?: only)?(?<=only.*|just.*)`, 'Anonymous marking'],
  [`(?:your|student|students['’]?|the author['’]s) (?:identity|identities|names?) (?:is|are|will be|remains?|stays?) (?:withheld|concealed|hidden|unknown|kept (?:secret|hidden|back)|not (?:shown|revealed|known)) (?:from|to) ${markers}`, 'Anonymous marking'],
  ['marking (?:(?:on|in|for|of) [^.;,\\n]{3,30} )?(?:is|will be) (?:by|under) named (?:submission|scripts?|work)|(?:this is|we use) (?:a )?named (?:marking|submission)', 'Marking is not anonymous'],
  ["(?:the |your )?(?:papers?|essays?|reports?|work|pieces?|theses|thesis|assignments?) (?:is|are|will be) (?:marked|graded|read|assessed) with (?:your|the author['’]s|their) names? (?:on|showing|visible|shown)(?: (?:it|them))?", 'Marking is not anonymous'],
  ['your (?:candidate|exam|student|anonymous|assessment) (?:number|code) is the only thing (?:that|which) (?:should|may|must|is to|will) identif(?:y|ies) you', 'Anonymous marking'],
  // What compares it.
  ["(?:you can |you may |you should |please )?expect (?:your |the |all |every )?(?:text|essays?|papers?|work|reports?|files?|submissions?) to be (?:checked|searched|screened|scanned) for (?:matches|overlap|copied (?:text|passages)|similarit(?:y|ies)|plagiarism)", 'Similarity check'],
  [`(?:all |your |every |each |the )?${works} (?:is|are|will be|gets?) (?:automatically |electronically )?(?:matched|compared|checked) (?:automatically |electronically )?against (?:the (?:web|internet|literature)|other (?:texts|papers|essays|work|sources)|(?:a|the|our) (?:large )?(?:databases?|collection|archive|corpus)|earlier (?:papers|essays|work)|online sources|published (?:texts|work|sources))(?! (?:criteria|rubric))`, 'Similarity check'],
  [`(?:there (?:will be|is)|we (?:do|make|run|use)) no ${machine} (?:screening|check(?:ing|s)?|scan(?:ning)?|tests?|software)`, 'No similarity check'],
  [`(?:your |each |every |the |all )?${works} (?:goes|go|passes|pass|is (?:put|run|fed|sent)|are (?:put|run|fed|sent)|will (?:go|pass|be (?:put|run|fed|sent))) (?:through|into) (?:our|the|a|an) (?:\\w+ )?${machine} (?:filter|checker|detector|scanner|software|tool|program|system|database|check|engine)`, 'Similarity check: yes'],
  [`(?:your |each |every |the |all )?${works} (?:is|are|will be|gets?) (?:screened|scanned|checked|vetted|examined|tested|searched)(?: (?:electronically|automatically|by software|by machine|by a program))? for (?:unoriginal|copied|plagiari[sz]ed|borrowed|matching|reused) (?:material|text|passages|content|work|wording)`, 'Similarity check: yes'],
  // How often.
  [`(?:${works}|they|it) can(?:not|['’]t) be (?:exchanged|replaced|swapped|changed|altered) (?:after|once) (?:upload(?:ed|ing)?|submission|submitted|handing in|(?:they are|it is|it['’]s) in|(?:they have|it has) been uploaded)`, 'You can upload once only'],
  ['you (?:can|may|get to) (?:only )?(?:hit|press|click) (?:the |that )?(?:[“"]?[\\w ]{0,12}[”"]? )?button (?:only )?once', 'You can upload once only'],
  ['you (?:get|have|are allowed|are given|may have) (?:one|a single|1|a) (?:re-?submissions?|re-?uploads?|second (?:chance|go|upload)|replacement)(?! (?:if|when|where|in case|should|only if)\\b)', '2 attempts'], ['you (?:get|have|are allowed|are given|may have) (?:two|2) (?:re-?submissions|re-?uploads|replacements)', '3 attempts'],
  ['you (?:may|can) (?:upload|submit|hand (?:it )?in|send (?:it )?in?)(?: it)? (?:one more time|once more|a second time)(?: only)?(?! if\\b)', '2 attempts'],
  [`(?:you(?:['’]ve| have)?(?: got)?|you get|there are) (?:up to )?${count} (?:goes|tries|shots|chances)(?! (?:at|with|on|in) (?:the|this|that|an?|each|every) (?:quiz|test|exam|question|problem|puzzle))`, '$1 attempts'],
  ["(?:(?:you|students) (?:cannot|can['’]t|can not|may not)|(?:nobody|no one) (?:can|may)) (?:hand (?:it |your \w+ )?in|submit(?: it)?|upload(?: it)?) twice", 'You can upload once only'],
  ["once (?:it|your (?:\\w+)|the (?:file|paper|essay)) (?:is in|is uploaded|has been (?:uploaded|submitted|handed in)|has gone in|is submitted),? (?:it|you) (?:can(?:not|['’]t)|can no longer|may not) (?:be )?(?:(?:taken back|withdrawn|changed|replaced|altered|exchanged|swap(?:ped)?|change|replace|withdraw)(?: or |, | it| again)?)+", 'You can upload once only'],
  ["you (?:can|may) (?:keep|go on) (?:replacing|changing|swapping|exchanging|updating) (?:your|the) (?:file|essay|paper|upload|submission|report|work)(?= (?:until|till|up to|before)\\b)", 'You can upload as often as you like, and the last version counts,'],
  ['you (?:may|can) (?:upload|submit|hand in|send)(?: in)? (?:a|one) (?:corrected|revised|improved|second|new) (?:version|file|copy) once(?! (?:we|you|the|it|I|marks|feedback)\\b)', '2 attempts'],
  // Which one counts.
  ['if (?:there are|we find|I find|you upload|you send|you hand in) (?:several|two or more|more than one|many|multiple) (?:files?|versions?|uploads?|submissions?),? (?:then )?(?:the )?(?:latest|last|newest|most recent)(?: (?:file|version|one|upload))? is (?:the one that counts|what counts|the one we mark|marked|read)', 'The last version counts'],
  ["(?:whatever|the (?:file|version|one) that|what) (?:is|stands|lies) there (?:last|in the end)?(?: ?(?:at|by|on) the deadline)? ?(?:is )?(?:what|the one) (?:that )?(?:we|I|the markers?) (?:will )?(?:read|mark|grade|assess)", 'The last version counts'],
  ['what (?:I|we) (?:mark|read|grade) is (?:the|your) (?:final|last|latest|newest|most recent) (?:upload|version|file|one)', 'The last version counts'],
  ['none of your (?:earlier |previous |older |past )?(?:uploads|versions|files|submissions) (?:is|are|gets|will be) (?:overwritten|deleted|lost|replaced)', 'All versions are kept'],
  ["(?:I|we)(?:['’]ll| will)? (?:only )?(?:look at|mark|read|grade|take) (?:whatever|the one|the file|what|the version) (?:is|that is|that['’]s|you (?:have )?(?:left|put|uploaded)|was)(?: there| uploaded| handed in| in the box)? (?:last|in the end|most recently)", 'The last version counts'],
  [`(?:older|earlier|previous|former|superseded) (?:uploads|versions|files|submissions|attempts|drafts) (?:remain|stay|are (?:kept|stored|retained|archived|preserved|saved|not deleted|never deleted))(?: (?:on|in) (?:the |our )?(?:system|record|file|server|box|folder))?`, 'All versions are kept'],
  // What being late costs.
  ['one tenth of the (?:mark|grade)(?: is (?:lost|deducted|taken off))? (?:per|a|for (?:each|every)) day', '10% per day late'], ['one (?:%|per ?cent) of the (?:mark|grade) (?:goes|is lost|is deducted|is taken off) (?:for every day late|per day|a day|for each day late)', '1% per day late'],
  ['the (?:system|portal|page|box|server|site) (?:will not|cannot|does not|can no longer|will no longer) (?:accept|take) (?:anything|files|uploads|submissions|any (?:files|uploads|submissions)) after (?:that|this|then|the deadline|\\d{1,2}[:.]\\d\\d|noon|midnight)(?: ?[ap]m)?', 'Late work is not accepted'],
  ['after (?:this|that) (?:time|point|date|moment|hour),? (?:submission|uploading|handing in|hand-?in|an upload) (?:is|will be) (?:no longer possible|impossible|not possible)', 'Late work is not accepted'],
  [`(?<=(?:penalty|late|minus|-\\d|%|points)[^.\\n]{0,40}[;,] )(?:and )?(?:the )?(?:box|folder|page|link|portal|area) (?:closes|locks|shuts) after ${count} days?`, 'zero after $1 days'],
  [`(?<=\\b(?:two|three|four|five) days: minus \\d{1,2} ?%\\. (?:[^\\n]{0,40})?)then zero`, 'After that zero'],
  [`late (?:work|papers|essays|reports|submissions) (?:is|are|will be) (?:taken|accepted|read|marked) for ${count} (?:more|further|extra) days?`, 'late work is accepted up to $1 days late, zero after $1 days'],
  // What being late costs, in the end.
  ['the (?:box|folder|page|link|portal|area|system) (?:locks|closes|shuts) at the deadline,? (?:and|so|after which) nothing (?:can|may) be (?:added|uploaded|handed in|submitted)(?: (?:afterwards|later|any more|after that))?', 'Late work is not accepted'],
  [`${count} days? after (?:the deadline|that)(?: has passed)?,? the (?:box|folder|page|link|portal|area) (?:closes|locks|shuts) (?:for good|finally|completely|permanently|altogether)`, 'zero after $1 days'],
  [`(?:I|we) (?:still )?(?:accept|take|mark|read) late ${works} for (?:up to )?${count} days?`, 'zero after $1 days'], [`(?:I|we) (?:still )?(?:accept|take|mark|read) late ${works} for (?:up to )?${count} weeks?`, 'zero after $1*7 days'],
  [`(\\d{1,2}) ?% (?:a|per|each) day,? (?:for )?(?:up to )?${count} days(?: at most| at the most| max(?:imum)?\\.?)?[;,.]? (?:and )?(?:then|after that) (?:it['’]?s? |it is |you get |comes )?(?:an? )?(?:zero|0|nothing)`, 'late: -$1% per day, zero after $2 days'],
  [`(?:I|we|the office) ${wont} (?:look at|read|mark|grade|accept|take|open) (?:anything|any ${works}|${works}) (?:(?:that|which)(?:['’]s| is| are| comes?| arrives?)(?: in)? |submitted |handed in |coming in )?late`, 'Late work is not accepted'],
  [`if (?:it|your ${works}) (?:is not|isn['’]t|has not arrived|hasn['’]t arrived)(?: in| there| here| uploaded| submitted)? by (?:then|that time|that date|the deadline)[^.;,\\n]{0,16},? it (?:does not|doesn['’]t|will not|won['’]t) (?:count|be ${taken})`, 'Late work is not accepted'],
  [`zero after ${count} weeks?`, 'zero after $1*7 days'],
  ["(?:the deadline is (?:absolute|final|hard|firm|strict)[;,:.–-]* ?(?:and )?)?(?:nothing|no (?:work|papers?|essays?|files?|uploads?|submissions?)) (?:is|are|will be|can be|gets?) (?:taken|accepted|received|read|marked|looked at) (?:after(?: it| that| the deadline| then)|late|later)(?= *(?:[.;,!]|$))", 'Late work is not accepted'],
  ["(?:by|before|when|on) (?:handing|uploading|submitting|sending)(?: it)?(?: in)?,? you (?:must|have to|need to|will be asked to|are asked to|should) (?:tick|confirm|declare|state|certify)(?: a box)? that (?:the|your|this|all the) (?:work|paper|essay|text|file) is (?:all |entirely |wholly |solely )?(?:yours|your own)(?: work)?", 'A declaration of authorship is required'],
  // A day of one's own.
  ["(?:I(?:['’]m| am) happy to give you|I can give you|I(?:['’]ll| will) give you|you can have|you may have) (?:until|till)(?= (?:the )?(?:\\w+day,? )?(?:the )?\\d)|yours is due(?: on)?(?= [^.;\\n]{3,30} (?:because of|thanks to|under|owing to) (?:your|the) (?:extension|adjustment|support plan))", 'extension granted until'],
  ["you(?:['’]ve| have) (?:now )?(?:been (?:given|allowed)|got) (?:until|till|up to)(?= [^.;\\n]{3,40}\\b(?:instead|rather than)\\b)|you (?:personally|yourself) (?:now )?have (?:until|till)|because of your [^.;,\\n]{3,40},? you (?:personally )?(?:now )?have (?:until|till)", 'extension granted until'],
  ['no (?:signed )?declaration(?: of \\w+)? (?:is )?(?:needed|required|necessary|asked for)', 'You need no declaration of authorship'],
  ["(?:we (?:have |['’]ve )?agreed|as (?:we )?agreed|as discussed|as arranged),? (?:that )?you (?:can|may|will|could|should) (?:hand(?: it| yours| your \\w+)?(?: in)?(?: it)?|submit(?: it| yours| your \\w+)?|upload(?: it| yours| your \\w+)?) (?:on|by|until|till)(?= (?:\\w+day,? )?(?:the )?\\d)", 'You have been granted an extension until'],
  ["(?:in your case|for you(?: personally)?|in your own case),? (?:the|this) (?:deadline|due date|date) (?:is|will be|is moved to|has been moved to|has been extended to)(?: on)?(?= (?:\\w+day,? )?(?:the )?\\d)", 'You have been granted an extension until'],
  ["(?:following|after|at|upon|in response to|because of|given) your (?:request|application|e-?mail|certificate|illness|circumstances),? your (?:own )?(?:deadline|due date) (?:is|is now|has (?:now )?been (?:moved|extended|changed|put back)|was (?:moved|extended))(?: to)?(?= (?:\\w+day,? )?(?:the )?\\d)", 'You have been granted an extension until'],
  ["(?:everyone|everybody|all students|the (?:whole )?class|all of you|all groups) (?:hands?|submits?|uploads?) (?:(?:it|their (?:essays?|papers?|reports?|work)) )?(?:in )?(?:on|by)(?= (?:\\w+day,? )?(?:the )?\\d)", 'The deadline is'],
  ["extensions are (?:only )?(?:granted|given|allowed|approved) (?:up to|until|till|to)(?= (?:\\w+day,? )?(?:the )?\\d)", 'Extensions can be granted until'],
  // Whose clock.
  ["(?:all |the )?(?:times|hours|deadlines|clock times)(?: (?:given|shown|stated|named|here))? (?:are|is) (?:in )?(CES?T|EES?T|GMT|UTC|BST|[ECMP][SD]T|AE[SD]T)", 'All times are $1'], ["the deadline is (?:in|on|by) (CES?T|EES?T|GMT|UTC|BST|[ECMP][SD]T|AE[SD]T)", 'All times are $1'],
  ["(?:all |the )?(?:hours|times) are those of (\\p{Lu}\\p{L}+(?: \\p{Lu}\\p{L}+)?)", 'All times are $1 time'], ["the server runs on (?=(?:UTC|GMT|CES?T)\\b)(UTC|GMT|CES?T),? and so does the deadline", 'All times are $1'],
  // How long.
  [`not (?:a|one)(?: single)? (word|page) (?:more|over|beyond|longer)(?: than)? ${number}`, 'max. $2 $1s'], [`(word|page) range:? ${number} ?(?:-|–|to) ?${number}`, '$2-$3 $1s'], [`${count} (words|pages) at the (?:very )?least`, 'min. $1 $2'],
  ['(\\d)[.,](\\d)k words,? (?:tops|max(?:imum)?|at (?:the )?most)', 'max. $1$200 words'], ['(?<![.,])(\\d{1,2})k words,? (?:tops|max(?:imum)?|at (?:the )?most)', 'max. $1000 words'],
  [`(?:anything|everything|whatever (?:is|comes|stands)) (?:past|after|beyond) the ${number}(?:st|nd|rd|th) word (?:is|will be|gets|goes) (?:ignored|not read|unread|cut|disregarded|not marked)`, 'max. $1 words'],
  [`${number} (words|pages),? (?:tops|and no more|no more|and not (?:one|a (?:word|page)) more)(?! than)`, 'max. $1 $2'], [`${count} (pages),? (?:tops|and no more|no more|and not one more)(?! than)`, 'max. $1 $2'], [`${count} (?:sides|pages) of A4,? (?:tops|and no more|no more|at most|max(?:imum)?)(?! than)`, 'A4 paper, max. $1 pages'],
  [`(?:I|we|(?:the |your )?(?:markers?|examiners?|readers?)) (?:will )?stops?(?: reading| marking)? (?:at|after|on|with) page ${count}(?! of)`, 'I stop reading after $1 pages'], [`(?:I|we|(?:the |your )?(?:markers?|examiners?|readers?)) (?:will )?stops?(?: reading| marking)? (?:at|after) (?:word )?${number} words`, 'I stop reading after $1 words'],
  [`(?:anything|everything|whatever (?:is|comes|stands)) (?:past|after|beyond|from) page ${count}(?: on(?:wards)?)? (?:is|will be|gets|goes) (?:ignored|not (?:be )?read|unread|cut|disregarded|not (?:be )?marked)`, 'max. $1 pages'],
  [`(word|page) (?:ceiling|cap|maximum|limit)(?: is|:|,| of)? ${count}(?! (?:\\d|per|words? per|times|%|hours?|days?|marks?|points?|percent))(?<=(?:eleven|twelve|fifteen|two|three|four|five|six|seven|eight|nine|ten|fourteen))`, 'max. $2 $1s'],
  ['(?:word (?:ceiling|cap|maximum|limit|count)):? (\\d{1,2})k', 'max. $1000 words'], ['(?:word (?:ceiling|cap|maximum|limit)):? (\\d{1,2})[.,](\\d)k', 'max. $1$200 words'],
  [`${count} pp\\.?,? (?:max(?:imum)?|at (?:the )?most|tops)`, 'max. $1 pages'], [`at (?:the )?least ${count} (?:full|complete|whole|entire) (pages|sides)`, 'min. $1 $2'],
  // How large, how long, how often.
  ['(?:the )?(?:largest|biggest) (?:possible )?(?:file|upload|document|PDF)(?: size)?(?: (?:that|which))?(?: (?:you can|you may|we|I|the (?:system|box|portal|site|folder|form)|can be|is) (?:send|upload|hand in|submit|takes?|accepts?|allows?|allowed|accepted|uploaded|sent|submitted|permitted))? is', 'the maximum file size is'],
  ['(?:the )?(?:upload|box|portal|system|form) (?:stops|gives up|ends) at(?= \\d[\\d.,]* ?[KMG]B)', 'the maximum file size is'],
  ['(?<=(?:must|should|may|shall|can) ?not |cannot |never |mustn[\'’]t |shouldn[\'’]t )(?:fill|cover|occupy|take up|take)(?= more than)', 'have'],
  ['line-spaced at(?= \\d)', 'with line spacing'], ['page numbering is(?= (?:required|needed|obligatory|expected))', 'page numbers are'],
  ['(?<=(?:call|name|title|label) (?:the|your) (?:file|document|upload) )(?=(?:your|the) (?:student|candidate|exam\\w*|registration|matriculation) (?:number|code|ID))', 'after '],
  ['(?<=(?:submit|upload|hand(?: it)? in|send|hand it in|submitted|uploaded)(?: it| your \\w+| one file| a file)? )(?:(?:only )?a single time|(?:no|not) more than once|only the once)', 'only once'], ['(?<=(?:submit|upload|hand in|send) )one file only once', 'only once'], ['send(?= (?:it )?(?:only once|just once|once only))', 'upload'],
  ['what (?:counts|matters|is marked|we mark|is graded) is (?:your|the) (last|latest|newest|most recent|final) (upload|version|file|submission)', 'only the $1 $2 counts'], ['the (?:one|version|file) (?:that )?we (?:mark|grade|read|look at|take) is (?:your |the )?(last|latest|newest) (?:one|version|file|upload)', 'only the $1 version counts'],
  ['the (?:version|file|one|paper|essay)(?: (?:that|which))?(?: is| are)?(?: (?:there|in the (?:system|box|folder|portal)|in place|uploaded|online))? (?:at|when) (?:the )?(?:deadline|box closes|time is up) (?:is (?:the one )?(?:that is |we )?|will be (?:the one )?(?:that is |we )?|counts)(?:marked|graded|read|mark|assessed)?(?=\\s*[.;,)])', 'only the latest version counts'],
  ['(?<=\\b(?:work|essays?|papers?|reports?|submissions?|assignments?|files?|projects?|theses|portfolios?)(?: (?:handed in|submitted))?(?: late)? )(?:is|are|will be|can be|may be) (accepted|taken|handed in|submitted) for (?:up to )?(\\d{1,2}|two|three|four|five|six|seven|ten|fourteen) ((?:calendar |working )?days)(?= ?[.;,)])(?! (?:extra|more))', 'is accepted up to $2 $3 after the deadline'],
  ['(?:we|I) (?:do not|don[\'’]t) (?:ask for|need|require|want)(?= (?:an? |the |any )?(?:separate |signed )?(?:declaration|statement of (?:authorship|originality)))', 'no need for'], ['honou?r(?:s)? pledge', 'declaration of authorship'],
  // Which kind.
  ['no (?:PDFs?|pdf files?),? please[,;:–-]* ?(?:just |only )?(?=(?:Word|DOCX|\\.docx))', 'only '], ['please (?:do not|don[\'’]t) (?:upload|send|submit|hand in) (?:a )?PDFs?(?: files?)?[,;:.]? (?:as |since |because )?we (?:need|want|ask for|use)(?= Word)', 'please submit only'], ['we (?:cannot|can[\'’]t) (?:annotate|mark|open|comment on|edit) PDFs?,? (?:and )?so please (?:send|upload|submit|use|hand in)', 'please submit only'],
  ['(?:we|I|the \\w+) allows? (?:you )?(?:only |just )?(?:one|a single) replacement(?: of (?:the|your) \\w+)?', 'you may replace your file once'],
  ['(?:we|I|the \\w+) allows? (?:you )?(?:only |just )?(two|three|four|five|\\d) replacements(?: of (?:the|your) \\w+)?', 'you may replace the file $1 times'],
  [`(?:word (?:length|count)|(?:the )?(?:target|length|suggested length|recommended length))(?: is|:) ${number}(?: words)?[,;]? \\(?(?:with |and |but )?(?:an?|the) (?:absolute|hard|strict|firm|upper)(?: \\w+)? (?:ceiling|maximum|limit|cap|max) (?:of|is|being|at) ${number}(?: words)?\\)?`, 'max. $2 words'],
  ['(?<=, )no names?,(?= (?:your |the |just )?(?:candidate|exam\\w*|student|registration) (?:number|code|ID) (?:in|as) the file ?name)', 'anonymous marking;'],
  ['(?:so )?(?:please )?(?:leave|keep) your name out of (?:the file|it|the (?:essay|paper|document|report)) and (?:out )?(?:of )?its name', 'no names in the document or the file name'],
  [`(?:an? )?${number}-word (\\p{L}+) \\((?:absolute )?(?:max(?:imum)?\\.?|up to|at most|no more than|limit|ceiling)(?: of)? ${number}(?: words)?\\)`, '$2 (max. $3 words)'],
  ['(?:only )?the replacement(?: file)?(?: alone| only)? (?:will be|is|shall be) (?:marked|graded|read|assessed|considered)', 'only the latest version counts'],
  // Files that nobody hands in.
  ["(?:comments|feedback|annotations|corrections|remarks) (?:will be|are|is|get) (?:added|written|inserted|put|returned|given|sent)(?: back)? (?:to|in|into|on|as|by) (?:your|the|an?) (?:annotated |marked )?(?:PDF|Word)(?: file| document)?s?", 'You get feedback'],
  ["(?:the |this |our )?(?:brief|reading|handbook|syllabus|rubric|marking (?:sheet|scheme|grid)|question paper|assignment sheet|mark sheet) (?:is|are) (?:(?:also |only )?(?:available|provided|given) (?:as|in) )?(?:an? )?(?:PDF|Word|Excel)(?: file| document| format)?", 'Material is there'],
  ["you (?:can|may|will) (?:also )?(?:read|find|get|download|open|see) (?:the|an?|this) [a-z ]{3,30} (?:as|in)(?: an?)? (?:EPUB|PDF|Word|HTML)(?: or (?:EPUB|PDF|Word|HTML))?(?: format)?", 'Material is there'],
  ["(?:save|keep|print|download|store|make) (?:a |the )?(?:PDF|screenshot|print-?out)(?: copy)? of (?:the|your) (?:receipt|confirmation|page|e-?mail|acknowledge?ment)", 'Keep the receipt'],
  ["use (?:Excel|SPSS) (?:for|to (?:do|make|draw)) (?:your|the|any) (?:calculations?|graphs?|statistics|analys[ie]s|charts?|figures|sums)", 'Do the sums'],
  // How many files.
  ['(?<=(?:^|[.;] |\\n))(?:the |your )?(\\p{L}[\\p{L} ]{2,30}?) and (?:the |your )?(\\p{L}[\\p{L} ]{2,30}?)(?::|,| as| –| -) (?:two |as two )?separate (PDF|Word)(?: files?| documents?)?s?(?!\\p{L})', 'Two documents: $1 ($3), $2 ($3)'],
  ['(?:the |your )?(\\p{L}[\\p{L} ]{2,30}?) and (?:the |your )?(\\p{L}[\\p{L} ]{2,30}?) (?:are to be|must be|should be|have to be|need to be|are) (?:uploaded|submitted|handed in|sent)(?: in)? as (?:two )?(?:separate|individual|different|two) (PDF|Word)(?: file)?s', 'Two documents: $1 ($3), $2 ($3)'],
  ['(?:just |only )?one (?:file|document) is (?:expected|wanted|needed|asked for|required): (?:your|the) (?=(?:essay|report|paper|thesis|dissertation|portfolio|review)(?!\\p{L}))', 'Upload one file, the '],
  ["(?:I|we) (?:mark|grade|read|comment) on[- ]screen(?: with track(?:ed)? changes)?,? (?:and )?(?:so |therefore |thus |hence )?(?:I |we )?(?:need|want|require) (?:it in |a |your )?Word(?: file| document)?s?,? (?:and )?not (?:a )?PDFs?", 'Word files only'],
  // Lengths of what is no paper, and what was marked in the past.
  [`(?:do not|don['’]t) (?:spend|use|waste|write) more than ${number} words on (?:the|your|an?) (?:introduction|conclusion|abstract|summary|methods?|background|plot|description|quotations?|context)`, 'Be brief there'],
  [`(?:are|is) (?:usually|often|typically|generally|normally|commonly) limited to ${number} (?:words|pages)`, 'are short'], ['(?:was|were) (?:marked|graded|assessed) (?:anonymously|blind)', 'came to us'],
  ['(?:the )?page numbers (?:of|in|from) (?:the|your|each|a) (?:reader|book|source|edition|article|original|handbook|textbook|quotations?|chapters?)', 'the pagination of sources'],
  // How large.
  ['(?:the |our )?(?:ceiling|cap|upper limit) (?:for|on) (?:uploads?|files?|file size|attachments?)(?: size)? (?:is|stands at|lies at)', 'The maximum file size is'],
  [`if (?:your|the) (?:file|pdf|document|upload) (?:is|gets|becomes|turns out) (?:heavier|bigger|larger|more) than (\\d[\\d.,]* ?[kMG]i?B),? (?:you (?:must|need to|have to|should) )?(?:compress|shrink|reduce)`, 'max. file size $1; compress'],
  [`no (?:files?|pdfs?|documents?|uploads?|attachments?) (?:above|over|beyond|heavier than|in excess of|exceeding) (\\d[\\d.,]* ?[kMG]i?B)`, 'max. file size $1'],
  [`(\\d[\\d.,]* ?[kMG]i?B) is (?:the most|all|as much as) (?:that )?(?:the |our )?(?:page|system|portal|server|we|it|box|form|mailbox) (?:takes?|accepts?|allows?|can take|will take|handles?)`, 'max. file size $1'],
  // How it looks.
  ['(?:characters|letters) (?:of )?(\\d{1,2}) points?(?: high)?', '$1-point type'], ['in (\\d{1,2}) points?(?=\\s*[.;,)\\n]|\\s*$)', 'in $1-point type'], ['two-line spacing', 'double line spacing'], ['typed double(?=\\s*[.;,)\\n]|\\s*$)', 'double-spaced'], ['(?<=(?:^|[\\n;,:(]) ?[- ]?)spacing: ?(1|1[.,]5|2)(?![\\d.,%]*\\d)(?=\\s*[.;,)\\n]|\\s*$)', 'line spacing $1'],
  ['line-height (\\d(?:[.,]\\d{1,2})?)', 'line spacing $1'], ['(?:leave off|omit|drop) (?:the )?page numbers', 'no page numbers'], ['pages? unnumbered', 'no page numbers'], ['(?<!one[- ]|\\d[- ]?|half[- ]?|an )inch margins', '1-inch margins'],
  ["(?:every|each) page (?:carries|bears|has|should carry|must carry|should bear|must bear|must have|should have) (?:its|a|the page) (?:page )?number(?: (?:at|in|on) the (?:foot|bottom|top|head|footer|header))?", 'Number the pages'], ["(?:leave )?one[- ]and[- ]a[- ]half lines between (?:the )?lines(?: of text)?", '1.5 line spacing'],
  ["(?:leave|keep|allow) (?:an|one|1) inch (?:(?:free|blank|clear|of (?:white )?space) )?(?:on|at|along) (?:every|each|all(?: four)?) (?:side|edge|sides|edges)(?: of the page)?", 'margins 1 inch'], [`(?:leave|keep|allow) ${count} ?(?:cm|centimetres?|centimeters?) (?:(?:free|blank|clear|of (?:white )?space) )?(?:on|at|along) (?:every|each|all(?: four)?) (?:side|edge|sides|edges)(?: of the page)?`, 'margins $1 cm'],
  [`(?:keep|leave|allow) ${count} (?:centimetres?|centimeters?|cm) (?:of |as )?margins?`, 'margins $1 cm'],
  [`double[- ]space (?:the|your|all) (?:text|essay|paper|work|lines|report|manuscript)`, 'double line spacing'], ['(?:set up|formatted|laid out) (?:for|on|as) A4(?: paper)?', 'A4 paper'],
  // When it opens.
  ['(?:consultation|office|reading|opening) hours (?:start|begin|open)', 'consultation takes place'],
  ['you (?:(?:will )?(?:receive|get)|are (?:given|sent)|will be (?:given|sent)) (?:the |your )?(?:questions?|task|paper|topic|exam(?: paper)?|assignment) on(?= (?:\\w+day,? )?(?:the )?\\d)', 'The question is released on'], ['and (?:then )?have (\\d{1,3}) hours', 'and you have $1 hours'],
  [`(?:nothing|no (?:files?|papers?|work|essays?)) (?:can|may) be (?:handed in|uploaded|submitted) (?:before|earlier than|until)(?= (?:the )?(?:\\w+day,? )?(?:the )?\\d)`, 'Opens:'],
  // “Critical review of 1,500 words: 18 December”: a work with its length and its day.
  ['(?<=(?:^|\\n|[.;] )(?:(?:[Aa]n?|[Tt]he|[Yy]our) )?\\p{L}[\\p{L} -]{2,30}) of ((?:(?:up to|max\\.?|at most) )?\\d[\\d,.]* (?:words|pages|sides))(?= ?[:–-] ?(?:\\w+day,? )?(?:\\d{1,2}(?:st|nd|rd|th)?[ .]|\\p{L}{3,9} \\d))', ' ($1)'],
  // “The reference list is not included, nor are tables.”
  ["(?<=(?:not (?:included|counted?)|(?:do|does)(?:n['’]t| not) count)),? nor (?:is|are|do|does) (?:the |any |your )?(\\p{L}[\\p{L} ]{2,30}?)(?=\\s*[.;,\\n]|\\s*$)", '; $1 are not included'],
  // Being late.
  ["per day for the first (?:week|7 days|seven days),? (?:after which|after that|then) (?:\\p{L}+ ){1,3}(?:(?:is|are|will be)(?: not|n['’]t)|(?:will|wo)(?: not|n['’]t) be) (?:accepted|marked|taken|read)", 'per day for up to 7 days; after that it is not accepted'],
  ["if you(?:['’]re late| are late| miss it| miss (?:the|this) deadline):(?= ?[-–−]? ?\\d)", 'Late:'],
  ['(?:an? |any |the |all )?\\p{L}+ (?:(?:that|which) (?:is|are) )?(?:handed in|submitted|uploaded|received) after (?:the )?(?:closing time|deadline|due date) but (?:before|by|until|no(?:t)? later than)(?= (?:\\w+day,? )?(?:the )?\\d{1,2}(?:st|nd|rd|th)? \\p{Lu})', 'Late work is accepted until'],
  // “I count everything …, so no title, no footnotes, no references.”
  ['(?<=\\bcounts?\\b[^.\\n]{3,120}),? (?:so|that is,?|i\\.e\\.,?|which means) no (\\p{L}[\\p{L} ]{2,24}), no (\\p{L}[\\p{L} ]{2,24}),? (?:and )?no (\\p{L}[\\p{L} ]{2,24})(?=\\s*[.;\\n]|\\s*$)', '. The $1, $2 and $3 do not count'],
  ['(?<=\\bcounts?\\b[^.\\n]{3,120}),? (?:so|that is,?|i\\.e\\.,?|which means) no (\\p{L}[\\p{L} ]{2,24})(?:,| and|,? or) no (\\p{L}[\\p{L} ]{2,24})(?=\\s*[.;\\n]|\\s*$)', '. The $1 and $2 do not count'],
  // What the file is called.
  ['use (your (?:\\p{L}+-digit |\\d[- ]digit )?(?:student|candidate|exam|registration|matriculation) (?:number|ID|code)),? (?:(?:as|in) the (?:file ?)?name,? )?(?:like|e\\.g\\.,?|for example,?|such as|as in)(?= [A-Z]?\\d{4,9}[_-]\\w)', '. Name the file by $1, e.g.'],
  ['the (?:number|code) (?:(?:printed|shown|given|found|that is|which is) )?(?:on|of) your (?:exam(?:ination)?|candidate)[ -]?(?:card|slip|ticket|letter|timetable|entry)', 'your candidate number'],
  ['the (?:number|code) (?:(?:printed|shown|given|found|that is|which is) )?(?:on|of) your (?:student|library|campus|ID|university|enrolment|registration)[ -]?(?:card|pass|ID)', 'your student number'],
  [`(?:give|call|identify) (?:the|your|each|every) (?:files?|documents?)(?: by| with)?(?= ${ownName})`, 'name the file with'],
  [`(?:files?|papers?|essays?|work|documents?|submissions?) without (${ownName}) in (?:the|its|their) (?:file ?)?names?(?= (?:cannot|can['’]?t|will|won['’]t|are|is|may|do)(?!\\p{L}))`, 'Put $1 in the file name. Others'],
  ['(?:title|name|call|label) (?:the|your) files? (?:with|by|after) your ((?:\\w+ )?(?:number|code|ID)),? (?:and |but )?(?:not|never) (?:ever )?(?:with |by |after )?your (?:own )?name', 'File name: $1. No names in the file name'], ['your ((?:\\w+ )?(?:number|code|ID)),? and nothing else that (?:identifies you|says who you are),? (?:goes|belongs) (?:in|into) the file ?name', 'File name contains your $1. No names in the file name'],
  ['(?:the |all )?file ?names? (?:must|should|has to|have to|is to|are to) be (?:kept )?anonymous', 'No names in the file name'],
  ["(?:please )?(?:make sure|ensure|see to it|check)(?: that)? (?:the |your )?file ?name (?:does not|doesn['’]t|cannot|will not) (?:give away|reveal|betray|disclose|tell|show|say) (?:who (?:wrote it|you are|is the author|the author is)|your identity|the author|the writer)", 'No names in the file name'],
  ['(?:the |your )?((?:full )?(?:surname|family name|last name|student number|candidate number|exam number|matriculation number|registration number))(?: \\([^()\\n]{3,60}\\))? (?:opens|starts|begins|heads|leads) (?:the |your |every )?file ?names?', 'The file name begins with your $1'],
  ['(?:say|state|show|indicate|tell|make clear) in (?:the |your )?file ?name which part (?:it is|this is|it belongs to)', 'Put the part number in the file name'],
  ['(?:please )?(?:take|strip|remove|delete|cut) your (?:own |full )?names? (?:out of|from|off) (?:the |your )?file ?names?', 'No names in the file name'],
  ['(?:keep|leave) (?:your|all|any) (?:own )?names? (?:out of|off) (?:the |your )?file ?names?', 'No names in the file name'], ['nothing in (?:the |your )?file ?name (?:should|may|must|can|is to) (?:give you away|identify you|reveal (?:who you are|your identity)|point to you|say who you are)', 'No names in the file name'],
  ['(?:neither|none of) (?:the|your) (?:files?|papers?|documents?|essays?|PDFs?|work)(?: nor| or) (?:its|their|the) (?:file ?)?names? (?:may|must|should|can|shall|is allowed to|are allowed to) (?:reveal|show|say|give away|tell|identify|disclose|betray) [^.;\\n]{0,30}', 'No names in the file name; marking is anonymous'],
  // What a student ticks off.
  ["(?<=(?:^|\\n)[ \\t]*(?:\\[[ x]?\\]|[☐□◻▢○*•·-])[ \\t]*)my (?:full |own )?name (?:is (?:not|nowhere)|does not appear|doesn['’]t appear|appears nowhere|has been removed|is removed)(?: (?:anywhere|from))?(?: (?:on|in|from)? ?(?:the|my|this) (?:\\p{L}+))?(?! ?:)", 'your name does not appear on the essay'],
  ["(?<=(?:^|\\n)[ \\t]*(?:\\[[ x]?\\]|[☐□◻▢○*•·-])[ \\t]*)I have (?:removed|taken (?:out|off)|deleted|left (?:out|off)|not put|not written|not included) my (?:full |own )?name(?: anywhere)?(?: (?:from|on|in|off) (?:the|my|this) (?:\\p{L}+))?", 'your name does not appear on the essay'],
  ['(?:your )?names? (?:is|are) (?:fine|ok(?:ay)?|welcome|no problem|allowed) (?:on|in)(?= (?:all|both|each|every|the|your))', 'marking is not anonymous; put your name on'],
  // “A policy brief of at most 4 pages and, as a separate file, a summary”.
  ['(?<=\\b(?:an?|the|your) (?:\\p{Ll}+ )?\\p{Ll}{4,14} )of ((?:at most|no more than|up to|not more than|a maximum of|max\\.?) \\d[\\d,]* (?:pages|words|sides))(?=,? (?:and|plus|as well as|with)\\b)', '($1)'], ['(?<=\\b(?:and|plus)),? (?:as|in) (?:an? )?(?:separate|own|second) (?:file|document|upload),?(?= (?:an?|the|your)\\b)', ''],
  ['(?<=\\b(?:summary|abstract|poster|leaflet|letter|report|presentation|handout)) for (?:the (?:general )?public|(?:an? |the )?(?:lay|general|non-specialist|wider) (?:audience|readers?|readership|public)|non-specialists|practitioners|policy ?makers)(?=[.,;)]| and\\b)', ''],
  ['(?<=(?:^|\\n)[*# \\t]*(?:what (?:to|you) (?:hand in|submit|upload)|deliverables?|to hand in)[*:]*[ \\t]*\\n+)(an?|your|the)(?= \\p{Ll})', 'Submit $1'],
  // “The slide deck no more than 15 slides” is a length, and asks for no kind.
  ['(?:the |your )?(?:slide ?deck|deck|presentation|slides) (?:(?:is|are|has|have|must be|may have|should be|should have|can have) )?(?:no more than|at most|up to|max(?:imum)?\\.?(?: of)?) (?=\\d{1,2} slides)', 'it is at most '],
  // “#1 due 2 Oct, #2 due 23 Oct”.
  ['(?:#|[Nn]o\\. ?)(\\d)(?= (?:is )?due\\b| ?[:–-] ?(?:\\w+day,? )?\\d{1,2} \\p{Lu})', 'Part $1'],
  // Goes and days of grace.
  ['(?:upload(?:ing)?|submission|hand-?in) attempts', 'attempts'], ['(?<=(?:^|\\n|[.;] ))(?:second|third|further|more|extra) (?:goes|tries|attempts|chances) ?\\? (?=unlimited|none|no\\b|one|two|three|\\d)', 'Number of attempts: '],
  // Days of grace are the last ones only where it ends with them.
  ...[['24|twenty-?four', '1'], ['48|forty-?eight', '2'], ['72|seventy-?two', '3']].map(([hours, days]) => [`(?:an? |the )?(?:${hours})[- ]hours?[’']? (?:of )?(?:grace(?: period)?|leeway)${thenShut}`, `late work is accepted for ${days} days`] as const),
  [`(?:an? |the )?${count}[- ](?:working[- ])?days?[’']? (?:of )?grace(?: period)?${thenShut}`, 'late work is accepted for $1 days'],
  [`(?:after (?:that|this|then|the deadline)|afterwards|from then on|thereafter),? (?:you|it|papers?|work|essays?|students) (?:can|may) (?:still )?(?:be )?(?:submit(?:ted)?|hand(?:ed)? in|upload(?:ed)?)(?: it| work| late)? for (?:another |a further |up to )?${count} (?:more |further )?(?:working |calendar |week)?days`, 'late work is accepted for $1 days'],
  // “3,500 words (excluding references), in PDF or Word”.
  ['(?<=\\d (?:words|pages|sides) \\((?:excluding|including|without|not counting|not including|plus|with|incl\\.|excl\\.) [^()\\n]{3,60}\\)),(?= (?:in|as) (?:an? )?(?:PDF|Word|DOCX|\\.docx|\\.pdf|ODT)(?!\\w))', ';'],
  ["(?<=\\w)(?:(?: ?\\.\\.\\.| ?…)| ?[,;:–-]) ?(?:oh )?(?:no,? |sorry,? )?(?:wait|scratch that|hang on|sorry),? (?:(?:that|this|it)(?: has|['’]s)? (?:been )?(?:moved|changed)|that was wrong|wrong)(?:[:;,–-]| -)? ?(?:(?:it|the deadline)(?:['’]s| is) (?:now )?|now )", ', moved to '],
];
