import { emphasisMarks, unseenLetters } from '../../text/passed-on.ts';
import { firstIn, rewritten } from '../../text/patterns.ts';

/** What is found, and what reads as the same in its place. */
export type Rewrite = readonly [found: RegExp, by: (found: string, groups: readonly (string | undefined)[]) => string];

const inCapitals = (name: string): string => name.replace(/\b[a-z]/g, (letter) => letter.toUpperCase());

/** Words that the settings of an assignment are called by; the second, those that such a name ends with. */
const settingWords = 'a(?:ccepted|ssessment|ssignment|llowed|ll)|and|anonymous(?:ly)?|at|by|citation|closing|deadline|due|essay|files?|final|for|full|hand(?:ing)?|how|in|is|it|late|line|marking|max(?:imum)?\\.?|min(?:imum)?\\.?|naming|number|of|opening|out|overall|page|paper|penalty|permitted|referencing|report|required|size|submission|submit|submitted|text|the|this|time|to|type|upload|word|work|your?';
const settingEnds = 'accepted|allowed|anonymity|anonymous|area|at|attempts?|available(?: from| until)?|box|by|check|citations?|close[sd]?|convention|counts?|cut-?off|date|dates|deadline|declaration|due|files?|filenames?|fonts?|formats?|from|in|late|length|limit|link|margins?|marking|method|name|names|naming|numbers?|opens?|out|pages|penalt(?:y|ies)|permitted|plagiarism|place|point|policy|portal|references|referencing|released?|required|resubmissions?|similarity|size|spacing|style|submission|submissions|submit|time|to|types?|until|upload|via|what|when|where|window|words|zone';
/** Names that lines of a table without signs begin with. */
const lineNames = '(?:Deadline|Due|Length|Word (?:limit|count)|Words|Pages|Format|File type|Type of file|Weight(?:ing)?|Anonymity|Anonymous|Penalty|Late|Reference style|Style|Resubmission|Attempts|Opens|Turnaround|Title|Marking)';
/** A line that begins with such a name and a dash: “Word count – 2,000”. */
const labelled = new RegExp(`^[ \\t]*(?:[-*][ \\t]+|\\d{1,2}[.)][ \\t]+)?(?:(?:${settingWords})[ -]){0,4}(?:${settingEnds})(?: \\([^()\\n]{1,30}\\))?[ \\t]+(?:[-–—]|->|→)[ \\t]+(?=\\S)`, 'gimu');

/** Names that some write small. What they are is told by the words beside them. */
export const smallNames: readonly Rewrite[] = [
  [/\b(?:times new roman|arial|calibri|garamond|verdana|cambria|helvetica|book antiqua|palatino|courier new|tahoma)\b/g, inCapitals],
  [/(?<=(?:^|[,;(]|\b(?:in|use|font|font:|typed|written|set))\s*)times(?=,? (?:size )?(?:9|1[0-4])\s?(?:pt|point|,|;|\.|$))/gm, inCapitals],
  [/\ba[0-5]\b(?=\s?(?:paper|size|pages?|sides?|sheets?|landscape|portrait|format|posters?|boards?)\b|\s*(?:[,;)]|\.(?!\w)|$))/gm, (name) => name.toUpperCase()],
  [/(?<=\b(?:use|using|cite (?:in|with|using)|refs? in|references in|citations in|referencing(?: is| in)?|follow|in the style of) )(?:harvard|chicago|vancouver)\b(?=\s*[,.;:)!])/g, inCapitals],
  [/\b(?:harvard|chicago|vancouver|oxford)\b(?=[\s-](?:style|referenc|refs|notes|footnotes?\b|citation|format|system|guidelines|author)|[)]|\s*[,.;)]?\s*$)|(?<=\b(?:references?|referencing|citations?|style):? )(?:harvard|chicago|vancouver)\b/gm, inCapitals],
  [/\b(?:apa|mla|oscola|mhra|ieee)\b(?=\s(?:style|referenc|refs\b|citation|format|\d|7th|guidelines)|\s*[,.;)]|\s*$)|(?<=\b(?:references?|referencing|citations?|style):? )(?:apa|mla|oscola|mhra|ieee)\b/gm, (name) => name.toUpperCase()],
  [/(?<=\d(?:[:.]\d\d)?\s?(?:[ap]m|h|hrs)?,?\s\(?|\b(?:noon|midnight),?\s\(?)(?:gmt|bst|utc|cest|cet|eest|eet|[ecmp][sd]t|ist|aoe|sast|aest|aedt|nzst|nzdt|uk)\b(?=\s*[,.;)\n]|\s*$|\s(?:on|time|via)\b)/g, (name) => (name === 'aoe' ? 'AoE' : name.toUpperCase())],
  [/(?<=\d\s?[ap]m,?\s\(?)(?:eastern|pacific|mountain|central|atlantic)\b(?=\s*[,.;)\n]|\s*$|\s(?:on|via)\b)/g, inCapitals],
  [/\b(?:ms|microsoft) word\b|(?<!\d[ -])\bword(?= (?:only|format|please)\b)/g, (name) => name.replace(/\bms\b/, 'MS').replace('microsoft', 'Microsoft').replace('word', 'Word')],
  [/(?<=\d(?:[:.]\d\d)?\s?(?:[ap]m|h|hrs)?,?\s\(?|\b(?:noon|midnight),?\s\(?)(?:us |new )?(?!local|same|any|this|that|each|every|standard|next|first|last|second|real|some|full|half|part|over|long|extra|more|of|the|class|course|week|your|our|own|normal)[a-z]{3,12}(?= time\b)/g, inCapitals],
];

/** A question in quotation marks that begins a line, with its answer behind it. */
export const quotedQuestion = /(?<=^[ \t]*)["“][^"“”\n]{3,120}\?["”](?=[ \t]+\S)/gm;

const moreLineNames = 'File name|Filename|Late work|Late penalty|Plagiarism check|Similarity check|Max(?:imum)? size|File size|Upload|Place|Where|Citation style|References|Naming';
/** Such a name at the head of a line without a sign behind it: “Deadline 30 June 2027”. */
export const labelUnsigned = new RegExp(`(?<=^[ \\t]*(?:${lineNames}|${moreLineNames})) {1,2}(?=[^\\s:|–=-])(?!(?:is|are|was|were|must|should|shall|will|can|may|has|have|of|for|and|or|to|on|in|at|by|from|with|submissions?|work|papers?|essays?|penalt(?:y|ies)|limit|count|date|format|type|name|size|style|check|your|the|you|it|which|that|means)\\b)`, 'gm');

/** An item that is numbered within its section. */
export const numberedItem = /(?<=^[ \t]*)\d{1,2}\.\d{1,2}[ \t]+(?=\S)(?!(?:line|spac|pt|points?|cm|mm|inch|pages?|words|MB|KB|GB|lines)|[–-])/gim;

/** Such a name with a stop behind it, before what it says: “4. Format. One PDF.” */
export const labelStopped = new RegExp(`(?<=^[ \\t]*(?:[-*][ \\t]+|\\d{1,2}[.)][ \\t]+)?(?:(?:${settingWords})[ -]){0,4}(?:${settingEnds}|aim|task|output|presentation|originality|identification))\\.(?=[ \\t]+\\S)`, 'gimu');

/** Such a name alone on its line. */
export const labelAlone = new RegExp(`^[ \\t]*(?:(?:${settingWords})[ -]){0,4}(?:${settingEnds})[ \\t]*$`, 'i');

/** “What should the file be called?”, with what answers it behind it. */
export const askedForName = /^[ \t]*(?:[-*•][ \t]+)?(?:Q:[ \t]*)?(?:what (?:should|shall|must|do) (?:I |we )?(?:call |name )?(?:the|my|our|your) files?(?: be)?(?: called| named)?|how (?:should|shall|must|do) (?:I|we) (?:call|name) (?:the|my|our) files?|what name should the file have|how (?:is it |are they |is the file |are the files )?(?:named|called))\?[ \t]*\n?[ \t]*(?:A:[ \t]*)?/gim;

/** In English, as dates are told in the end. */
const monthNames = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

const wholeMonth = (start: string): string => monthNames.find((name) => name.startsWith(start.slice(0, 3))) ?? start;

/** What reads as the same. */
export const plainer: readonly Rewrite[] = [
  // Letters for words, as in a quick message.
  [/(?<![\w.'’-])u(?= (?:may|can|could|only|must|have|are|get|should|will|want|need|like|please|submit|upload|hand|send|put|lose|miss|do|don['’]?t|can['’]?t|won['’]?t)\b)/g, () => 'you'], [/(?<![\w.'’-])ur(?= (?:name|names|file|files|essay|paper|report|work|student|exam|candidate|surname|own|pages|refs|references|draft|sources|number|id)\b)/g, () => 'your'], [/(?<![\w.'’-])ur(?= late\b)/g, () => 'you are'], [/\bthru\b/g, () => 'through'], [/\btheres\b/g, () => "there's"],
  [/\r\n?/g, () => '\n'],
  // Spaces that keep figures together tell thousands; elsewhere they are spaces.
  [/(?<!\d)[\u00a0\u2007\u2009\u202f]|[\u00a0\u2007\u2009\u202f](?!\d{3}(?!\d))/g, () => ' '],
  // However far apart things stand, they are no further apart than that.
  [/[ \t\f\v]{61,}/g, (gap) => gap.slice(0, 60)],
  [/(?:[ \t]*\n){5,}/g, () => '\n\n\n'],
  [unseenLetters, () => ''],
  // “Where? Module page → Assessment”: one word that asks is the name of a row.
  [/(?<=^[ \t]*(?:[-*•][ \t]*)?|[.!] )(where(?=\?[ \t]+(?:[^\n.?]{2,60}[>›→]|[“"]))|how (?:is it )?named|file ?name)\?[ \t]+(?=\S)/gim, (_, [what]) => `${/^how/i.test(what!) ? 'File name' : what}: `],
  // “a report [PDF, max. 2,000 words]”; “three files: a) report (PDF), b) data (CSV)”.
  [/(?<=\w )\[(?=(?:PDF|DOCX?|ODT|RTF|CSV|XLSX?|PPTX?|ZIP|JPE?G|PNG|TXT|Word)\b[^\]\n]{0,50}\])([^\]\n]+)\]/gi, (_, [inside]) => `(${inside!})`],
  [/(?<=[:,;] (?:and )?)([a-e])\) (?=[a-z][\w ]{2,40}\()/g, (_, [letter]) => `(${letter!}) `],
  // “Friday 11 December (week of 7 December), noon”: what week that is adds nothing to the day.
  [/ ?\((?:i\.e\.,? |that is,? )?(?:the |in the )?week (?:of|beginning|starting|commencing) (?:on )?[^()\n]{3,30}\)/gi, () => ''],
  // “Work received after the closing time and within 7 days”.
  [/(?<=\b(?:received|submitted|handed in|uploaded|delivered|arriving|sent|coming)) (?:after|later than) the (?:submission |hand-?in )?(?:deadline|closing (?:time|date|hour)|due (?:date|time)|cut-?off),? (?:and|but) (?=(?:still )?(?:within|up to|(?:no|not) (?:more|later) than) (?:\d{1,2}|[a-z]{2,8}) (?:calendar |working |week)?days?\b)/gi, () => ' late '],
  // “Name? Your exam number + _report”: a name with such a sign in it is a file's.
  [/(?<=^[ \t]*(?:[-*•][ \t]*)?)(?:name|names|named|called)\?[ \t]+(?=[^\n.?!]{0,60}(?:_|\+|\bunderscore\b|\.(?:pdf|docx?|odt)\b))/gim, () => 'File name: '],
  // “Your name must not show up anywhere”.
  [/(?<=\bnames?(?: of (?:the|any) (?:author|student|writer|candidate)s?)? (?:must|should|may|shall|can|is|are|will|do|does|ought)(?: to)?(?: ?not| never|n['’]t)(?: to)? )(?:show up|turn up|crop up|come up|occur|figure|be (?:found|visible|seen|shown|mentioned|given|present|readable))(?= (?:anywhere|at any point|in any place)\b)/gi, () => 'appear'],
  // “The page will be up from the 9th.”
  [/(?<=\b(?:page|box|link|folder|area|portal|slot|space) )(?:will be|is|goes|will go|should be) up(?= (?:from|on|as of|starting)\b)/gi, () => 'is available'],
  // “From Christmas Eve I won't take anything.” Days that are the same each year.
  [/(?<=\b(?:on|by|until|till|from|before|after|due|at the latest on|deadline:?|noon on|midnight on|as of) )(?:Christmas (Eve|Day)|New Year['’]s (Eve|Day)|(Boxing) Day)(?!\w|['’]|,? \(?(?:the )?\d{1,2}(?:st|nd|rd|th)?(?: of)? [A-Z]|,? \(?\d{1,2}[./]\d)/gi, (_, [christmas, newYear]) => (christmas ? (/^e/i.test(christmas) ? '24 December' : '25 December') : newYear ? (/^e/i.test(newYear) ? '31 December' : '1 January') : '26 December')],
  // “Via the Assessment tab > “Portfolio 2027””, “the module page, tab Assessment, “Portfolio 2027””: of several steps the last one is the place.
  [/(?<=\b(?:via|in|to|through|under|using|online,|at|on|(?:place|where|submission|submit|upload):) )(?:(?:the )?(?:[“"][^”"\n>›→]{2,40}[”"]|[A-Z][\w ]{1,30}) (?:tab|section|page|area|menu|tile|folder)\s*[>›→]\s*|(?:the )?[\w ]{3,25} (?:page|site|area),? (?:tab|section|under|tile) [“"]?[A-Z][\w ]{2,25}[”"]?,\s*)(?=[“"][^”"\n]{3,60}[”"])/gi, () => 'the folder '],
  // “… no name on it, exam number as the file name.”
  [/, (?:and )?(?:the |your )?((?:exam|candidate|student|registration|matriculation) (?:number|ID|code)) as (?:the |its |a )?file ?name(?=[ \t]*(?:[.;]|\n|$))/gi, (_, [code]) => `. File name: ${code!}`],
  // “1,500 words at minimum and 2,000 at maximum”.
  [/\bat (?:the )?(?:very )?minimum\b/gi, (s) => (s.startsWith('A') ? 'At least' : 'at least')], [/\bat (?:the )?(?:very )?maximum\b/gi, (s) => (s.startsWith('A') ? 'At most' : 'at most')],
  // “After the weekend (Sunday 13 December)”, “one shot only”.
  [/\bthe (?:weekend|week-end|holidays?|bank holiday) \((?=(?:mon|tues|wednes|thurs|fri|satur|sun)day,? \d)/gi, () => '('], [/\bone (?:go|shot|chance|try|attempt) only\b/gi, () => 'only one attempt'],
  // “8 pm local time (Bergen, Norway)”.
  [/(?<=\blocal time )\((?:in )?([A-Z][\w -]{2,24})(?:, [A-Z][\w ]{2,24})?\)/g, (_, [city]) => `(${city!} time)`],
  // “The upload form only accepts one PDF”: what takes a file is no document.
  [/\b(upload|submission|hand-?in|online|web) form(?= (?:only |will |just |can )*(?:accepts?|takes?|allows?|supports?)\b)/gi, (_, [what]) => `${what!} page`],
  // “300 words (min) - 500 words (max)”.
  [/(?<=\d (?:words|pages)) \(min(?:imum|\.)?\)[ \t]*(?:[-–—,;/]|to|and)[ \t]*(?=\d)/gi, () => ' minimum, '],
  [/(?<=\d (?:words|pages)) \(min(?:imum|\.)?\)(?!\s*(?:max|up to|at most|\())/gi, () => ' minimum'],
  [/(?<=\d (?:words|pages) minimum, \d[\d.,]* (?:words|pages)) \(max(?:imum|\.)?\)/gi, () => ' maximum'],
  // “File: pdf, Name_Number_Essay.pdf”.
  [/(?<=^[ \t]*(?:[-*•][ \t]*)?(?:file|format|file ?type|type)[ \t]*:[ \t]*(?:PDF|DOCX?|Word|ODT)), (?=[\p{L}\d][\p{L}\d _-]*_[\p{L}\d _-]*\.(?:pdf|docx?|odt)\b)/gimu, () => ', named '],
  // “A link is not ok, export it as PDF”: what is forbidden ends where the order begins.
  [/(?<=\b(?:(?:not|n['’]t) (?:ok(?:ay)?|fine|allowed|accepted|possible|enough|good|permitted|wanted)|no good|no \w+)), (?=(?:please )?(?:export|save|convert|print|make|turn|send|upload|submit) (?:it|them|your|the|everything)\b)/gi, () => '; '],
  // “A two-page (max.) paper”.
  [/(?<=\b(?:one|two|three|four|five|six|eight|ten|\d{1,2})-page) \((?:max\.?|maximum|at most|or less|or fewer)\)(?= \w)/gi, () => ' maximum'],
  [/[\u2010\u2011]/g, () => '-'],
  // Letters in other code points (UAX #15): ligatures of a PDF, and accents apart from their letters.
  [/[\ufb00-\ufb06]/g, (letter) => letter.normalize('NFKC')],
  [/\p{L}\p{M}+/gu, (letter) => letter.normalize('NFC')],
  // “12 th March”, where the page set the letters higher.
  [/(?<=\d) (?=(?:st|nd|rd|th)\b)/g, () => ''],
  // “The signed log (scanned as a PDF)”.
  [/\((?:scanned|saved|exported|converted|photographed|also|again|likewise|each)?,? ?(?:as|in|to|into) (?:an? )?(?=(?:PDF|Word|DOCX|JPEG|ODT)\b)/g, () => '('],
  [emphasisMarks, () => ''],
  [/(?<![\w*])\*(?=[^\s*][^*\n]{0,200}\*(?![\w*]))|(?<=(?<![\w*])\*[^\s*][^*\n]{0,200})\*(?![\w*])/g, () => ''],
  [/(?<![ \t])[ \t]+$/gm, () => ''],
  [/(?<=\d)(?:''|″|′′|’’)/g, () => '"'],
  // Quotation marks of other languages, and single ones around a name.
  [/[«‹]\s?(?=[^«»‹›\n]{1,120}[»›])|(?<=[«‹][^«»‹›\n]{0,120}[^«»‹›\s])\s?[»›]|»(?=\S[^«»\n]{0,120}«)|(?<=»\S[^«»\n]{0,120})«/g, () => '"'],
  [/(?<=^|[\s(>\/])['‘](?!\d\d\b)(?=\S)[^'’‘"“”\n]{2,80}(?<=\S)['’](?=[\s.,;:)!?\/]|$)/gm, (name) => `"${name.slice(1, -1)}"`],
  // “Master’s thesis” in quotation marks: the mark inside ends no quotation.
  [/['’](?<=(?:“|"(?=\S))[^“”"\n]{1,80}\p{L}['’])(?=\p{L}[^“”"\n]{0,80}(?:”|(?<=\S)"))/gu, () => '\u02bc'],
  [/(?<=\b(?:earlier|later|sooner)) than (?:originally |first |previously )?(?:announced|planned|stated|scheduled)(?=\s*:)/g, () => ''],
  [/(?<=^[ \t]*)Question(?=:)/gm, () => 'Q'],
  [/(?<=^[ \t]*)Answer(?=:)/gm, () => 'A'],
  // “Everything else still applies, i.e. 3,500 words”.
  [/(?<=\b(?:appl(?:y|ies)|unchanged|the same|as before)), i\.e\.,? (?=\d[\d.,]* (?:words|pages)\b)/g, () => ': '],
  [/(?<=\b(?:\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)) o['’]clock(?= in the (?:morning|afternoon|evening))/gi, () => ''],
  [/(?<=\d ?)centimet(?:re|er)s?\b/g, () => 'cm'], [/(?<=\d ?)millimet(?:re|er)s?\b/g, () => 'mm'], [/(?<=\d) ?½/g, () => '.5'],
  // “Where Reflection hand-in point” between lines such as “Deadline 14 Feb 2027” and “Type of file PDF”: names and their values.
  [new RegExp(`(?<=^(?:${lineNames})\\b(?![ \\t]*[:|–-])[^\\n|]{3,80}\\n[ \\t]*(?:Where(?: to submit)?|Place|Location|Hand-in|Submission|Submit to)) (?=["“\\p{Lu}][^\\n:?]{3,70}\\n[ \\t]*(?:${lineNames})\\b(?![ \\t]*[:|–-])[^\\n|]{3,80}$)`, 'gmu'), () => ': '],
  [/(?<=^[ \t]*)(?:Name of (?:the )?zip(?: file)?|Zip(?: file)? name)(?=\s*:)/gmu, () => 'File name'], [/(?<=\b[Nn]ame (?:your|the) )zip(?: file)?(?= \S)/g, () => 'file'], [/(?<=\b[Tt]he )zip(?: file)?(?= (?:must|should|has to|is to) be (?:named|called)\b)/g, () => 'file'],
  // “Word limit | 1500”: a name and its value.
  [/(?<![ \t])[ \t]*\|[ \t]*(?<=^[ \t]*\p{L}(?:[^|\n:.;?!]|(?<=\b(?:[Mm]ax|[Mm]in|[Nn]o))\.){1,40}?[ \t]*\|[ \t]*)(?=[^|\n\s][^|\n]*$)/gmu, () => ': '],
  [/\(within (?=\d{1,2} ?%\))/g, () => '(± '],
  // “No names please – just your exam number on page one and in the file name.”
  [/(?<=\bno names?)(?: anywhere|,? please)?\s*(?:[-–—,:;]|\.)\s*(?:just|only)(?= (?:your |the |an? )?(?:exam\w*|candidate|student|matriculation|registration|anonym\w+)[ -](?:numbers?|no\.?|codes?|IDs?)\b)/gi, () => ' anywhere, only'],
  // “Reflection: 7 January, 4 p.m. Attendance sheet: 18 December, 4 p.m.”: the stop of an hour ends its row as well.
  [/(?<=\d ?[ap]\.m)\. (?=\p{Lu}\p{L}+(?: \p{L}+){0,3}: (?:\w+day,? )?(?:\d{1,2}(?:st|nd|rd|th)? )?\p{Lu}?[\p{L}\d])/gu, () => '; '],
  // “At least 60 and must not have more than 90 pages”.
  [/(?<=\bat least \d[\d.,]*(?: pages| words)?),? (?:and|but) (?:it )?(?:must|may|should|can)(?: ?not|n['’]t) (?:have|be|contain|exceed)(?: (?:more|longer) than)? (?=\d)/gi, () => ' and at most '],
  // “The box will now stay open until Friday, because the system will be down.”
  [/\b(?:[Tt]he|[Oo]ur) (?:[\w-]+ )?(?:box|folder|link|page|area|portal|system|place) (?:(?:will |is |are )?now (?:stays?|remains?|be|kept)?|now (?:stays|remains)) ?open until(?= (?:\w+day,? )?\d)|\b(?:[Tt]he|[Oo]ur) (?:box|folder|link|page|area|portal) (?:will )?(?:stays?|remains?) open until(?=[^.;\n]{4,50}\b(?:because|due to|owing to|as the|without (?:a )?penalty)\b)|(?<=\b(?:[Bb]ecause of|[Dd]ue to|[Oo]wing to) [^.;,\n]{4,40},? )the (?:box|folder|link|page|area|portal) (?:will )?(?:stays?|remains?) open until(?= (?:\w+day,? )?\d)/g, () => 'The deadline is now'],
  // “The file may be replaced once before the deadline.”
  [/\b(?:[Tt]he|[Yy]our) (?:file|paper|essay|report|document|submission|upload) (?:may|can) (?:only )?be (?:replaced|exchanged|swapped) (?:only )?once\b/g, () => 'One replacement is allowed'],
  // “Monday the 7th of December … Thursday the 10th”; lines that are numbered without a stop: “2  Report A: …” behind “1  Reports …”.
  [new RegExp(`(?<=\\b(${monthNames.join('|')})\\b[^\\n]{0,160}\\b(?:by|on|until|till|before|to|and) (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day,? )the (\\d{1,2})(?:st|nd|rd|th)\\b(?! (?:of\\b|\\p{Lu}))`, 'gu'), (_, [month, day]) => `${day} ${month}`],
  [/(?<=^[ \t]*1[ \t]{2,}\p{Lu}[^]{0,1000}\n[ \t]*)\d{1,2}(?=[ \t]{2,}\p{Lu}\p{L}+[ :])/gmu, (n) => `${n}.`],
  // “Vom 1. bis zum 15. Februar”; “Einreichfenster: … bis …”; “may work in Word but hand in a PDF”; “with a name of the form MT_<candidate number>.pdf”.
  [/(?<=\b[Vv]om )\d{1,2}\.(?= bis (?:zum )?\d{1,2}\. ?(Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember)\b)/g, (day, [month]) => `${day} ${month}`],
  [/\b(?:[Ee]inreichfenster|[Aa]bgabefenster|[Uu]ploadfenster|[Ee]inreich(?:ungs)?frist)(?= ?: ?\d[^\n]{3,40} bis )/g, () => 'Abgabezeitraum'],
  [/(?<=\b(?:work|write|draft|type|compose)(?: it| your \w+)? in )(?:Word|LaTeX|Pages|ODT)(?: or (?:Word|LaTeX|Pages|ODT))?(?=[^.;]{0,24}[,;]? (?:but|what you)\b[^.;]{0,24}\b(?:hand in|upload|submit|send|must be|has to be)\b[^.;]{0,20}\bPDF)/g, () => 'a program'],
  [/\b(?:(?:with|under|has|having) (?:a|the) name of the form|whose name (?:has|takes|follows|is of|must have|should have) the form) (?=\S*[_<-])/g, () => 'named '],
  // “Due date was: 30.11.2026”, “Second chance: revised plan until …”.
  [/(?<=^[ \t]*(?:[-*•][ \t]+)?|[.;][ \t]+)(?:Due(?: date)?|Deadline|Date)(?: originally)? was(?= ?:)/gm, () => 'Old deadline'], [/(?<=^[ \t]*(?:[-*•][ \t]+)?|[.;][ \t]+)Second (?:chance|attempt|try)(?= ?: *(?!no\b|none\b|yes\b|not\b)\S)/gm, () => 'Resit'],
  // “You may replace your file up to two times”: that and the first.
  [/\b(?:(?:[Yy]ou|[Ss]tudents|[Cc]andidates) (?:may|can|are allowed to) (?:only )?(?:replace|exchange|swap) (?:it|(?:your|the|their)(?: (?:file|paper|essay|report|document|submission|upload|work))?)|(?:[Tt]he|[Yy]our) (?:file|paper|essay|report|document|submission|upload) (?:may|can) (?:only )?be (?:replaced|exchanged|swapped)) (?:only |at most |up to |a maximum of |no more than )?(?:twice|(?:two|three|four|five|[2-5]) times)\b(?! (?:a|per|each) (?:day|week))/g, (said) => `${1 + ({ twice: 2, 'two times': 2, 'three times': 3, 'four times': 4, 'five times': 5 }[/twice|\w+ times$/.exec(said)![0]] ?? Number(/\d/.exec(said)?.[0] ?? 1))} attempts and the last version counts`],
  // “Return: by Saturday 12 December”, “Answers back: …”: of a paper that is set and handed in again.
  [/(?<=^[ \t]*(?:[-*•][ \t]+)?|[.;][ \t]+)(?:(?:[Tt]o be )?[Rr]eturn(?:ed)?:[ \t]+(?=(?:by|within|no later than|not later than|before|until)\b)|(?:Answers|Scripts|Solutions) (?:back|returned|in):[ \t]+(?=\S))/gm, () => 'Hand in: '],
  // “Q2 When? – Reflection: 7 January”: a question with its number, and the answer on its line.
  [/(?<=^[ \t]*)Q ?\d{1,2}[.:)]?[ \t]+(?=[^?\n]{3,80}\?)/gm, () => ''],
  [/(?<=^[ \t]*[^?\n]{3,80}\?)[ \t]+[–—-](?=[ \t]+\S)/gm, () => ''],
  // “No acceptance after 18.12.2026”.
  [/\bno (?:acceptance|late acceptance|hand-?ins?|reception) (?=(?:after|beyond|past) )/gi, () => 'not accepted '],
  // “11 December 2026 (NOT 12 December as on the old sheet!), 18:00 CET”.
  [/ \((?:and )?not (?:on )?(?:\w+day,? )?\d{1,2}(?:st|nd|rd|th)? \p{Lu}\p{L}+[^()\n]{0,60}\)(?=,? (?:at )?(?:\d{1,2}[:.]\d\d|\d{1,2} ?[ap]m|noon))/giu, () => ''],
  // “Set: 9 November. In: 14 December. Back: 18 January.”
  [/(?<=\b(?:[Oo]ut|[Ss]et|[Ii]ssued): [^\n]{4,50}(?:[.;,|\/] ?|\n[ \t]*))In(?=: (?:\w+day,? )?(?:the )?(?:\d{1,2}[\s.\/]|\p{Lu}\p{L}+ \d))/gu, () => 'Due'],
  // A line that ends with “not accepted after that”, and a length on the next: the sentence ends with its line.
  [/\b(?:after (?:that|this)|thereafter|afterwards)(?=\n[ \t]*(?:[-*•] )?\d[\d.,]* (?:words|pages)\b)/gi, (said) => `${said}.`],
  // “There is no ±10 % allowance”, “without the customary plus or minus 10 %”: what is not given.
  [/(?<=\b(?:no|without|nor|not) (?:(?:the|any|an?|a further|usual|customary|standard|normal|extra|additional|automatic) ){0,3})(?:±|\+ ?\/ ?[-–−]|\+ or [-–−]|plus ?\/ ?minus|plus or minus) ?(?:\d{1,2}|five|ten) ?(?:%|per ?cent)/gi, () => '10 % rule'],
  // The time of a country is that of its capital.
  [/\btime in (?:Germany|France|Spain|Italy|Ireland|Austria|Sweden|Norway|Denmark|Finland|Poland|Greece|Portugal)\b/g, (said) => `${{ Germany: 'Berlin', France: 'Paris', Spain: 'Madrid', Italy: 'Rome', Ireland: 'Dublin', Austria: 'Vienna', Sweden: 'Stockholm', Norway: 'Oslo', Denmark: 'Copenhagen', Finland: 'Helsinki', Poland: 'Warsaw', Greece: 'Athens', Portugal: 'Lisbon' }[said.slice(8)]!} time`],
  // “By Sunday night, 6 December”.
  [/(?<=\b(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day) night,?(?= (?:\d{1,2}(?:st|nd|rd|th)? [A-Z]|[A-Z][a-z]{2,8} \d|\(?\d{1,2}[./]\d))/gi, () => ''],
  // “Monday of Week 9 (19 April 2027)”.
  [/(?<=\b(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day) (?:of|in) (?:teaching )?[Ww]eek \d{1,2} \((?=\d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]+(?: 20\d\d)?(?:,? (?:at )?[^()]{3,24})?\))/g, () => ' '],
  [/\)(?<=day \d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]{2,8}(?: 20\d\d)?(?:,? [^()\n]{3,24})?\))(?<!\([^()\n]{0,80}\))/g, () => ''],
  // Dots that lead from a name to its value.
  [/(?<![ \t.])[ \t]*\.{4,200}(?!\.)[ \t]*(?=\S)(?<=^[ \t]*\p{L}[\p{L} .\/-]{1,30}?[ \t]*\.{4,200}[ \t]*)/gmu, () => ': '],
  // “Until 21.05., 20:00”: a day and a month in figures, each with its stop.
  [/(?<!\d)(?:0?[1-9]|[12]\d|3[01])\.(?:0[1-9]|1[0-2]|[1-9])\.(?<=\b(?:until|till|by|on|due|before|deadline:?|bis|bis zum|am|zum|from|ab)\s(?:(?:Mon|Tues?|Wed|Thu(?:rs)?|Fri|Sat|Sun|Mo|Di|Mi|Do|Fr|Sa|So)[a-z]*[.,]{0,2}\s)?\d{1,2}\.\d{1,2}\.)(?!\d|\s?(?:\d{4}\b|[ap]m\b))/g, (date) => `${Number(date.split('.')[0])} ${monthNames[Number(date.split('.')[1]) - 1]!}`],
  // “Call it `PHM2_` followed by …”.
  [/\x60[^\x60\n]{1,60}\x60(?= (?:followed by|and|plus|then|\+))/g, (name) => `"${name.slice(1, -1)}"`],
  // “Received after 10am but before 10am on the next day”; “2% a day incl. weekends, up to a week”.
  [/\b(?:after|past) (?:the (?:deadline|due (?:date|time))|\d{1,2}(?:[:.]\d\d)? ?(?:[ap]m)?|noon|midnight),? (?:but|and) (?:before|by|until) (?:(?:\d{1,2}(?:[:.]\d\d)? ?(?:[ap]m)?|noon|midnight|the same (?:time|hour)) (?:on )?)?(?:the )?(?:next|following) day\b/gi, () => 'up to 24 hours late'],
  [/(?<=\b(?:per|a|each|every) (?:calendar )?day),? \(?(?:incl(?:uding|\.)? (?:saturdays and sundays|weekends?)|weekends (?:are )?(?:included|count))(?: and (?:bank |public )?holidays)?\)?(?=[,.;])/gi, () => ''],
  // “The limit was 1500 words, it's now 1800.”
  [/\b(?:I|we) (?:first |originally )?said (?:at most |up to |about )?[\d,.]+ (?:words|pages)\b[^.;,\n]{0,30},? (?:but |and )?(?:it|that|this|the limit)(?:['’]s| is) now (?:up to |at most )?\d[\d,]*(?= ?(?:[,.;!)]|$))(?!,\d)/gim, (said) => `${/up to|at most/.test(said) ? 'at most' : 'it is'} ${/[\d,]+$/.exec(said)![0]} ${/words|pages/.exec(said)![0]}`],
  [/\b(?:was|used to be|had been) (?:at most |up to )?[\d,.]+ (?:words|pages)\b[^.;,\n]{0,30}[,;]? (?:but |and )?(?:(?:it|that|this|the limit)(?:['’]s| is| has been) |is )?now (?:raised to |lowered to |reduced to |increased to |set at )?\d[\d,]*(?= ?(?:[,.;!)]|$))(?!,\d)/gim, (said) => `is ${/[\d,]+$/.exec(said)![0]} ${/words|pages/.exec(said)![0]}`],
  [/(?<=\b(?:words|pages)), and (?=(?:that|this)(?:['’]s| is) (?:an?|the) (?:hard|absolute|strict|firm) (?:limit|ceiling|maximum|cap)\b)/g, () => ', '],
  [/\b[Tt]he (?:general|standard|common|official) date(?=, \d| is \d|: )/g, (said) => said.replace('date', 'deadline')],
  // “Opens on the day of the last lecture, 9 April 2027.”
  [/(?<=\b(?:opens?|opened|starts|available|closes|due) )on the (?:day|date|evening|morning) (?:of|after|before) (?:the|our|your) (?:[a-z]+ ){1,4}?[a-z]+, (?:on )?(?=(?:\w+day,? )?(?:the )?(?:\d|[A-Z][a-z]+\.? \d))/gi, () => 'on '],
  // “5 % of the total marks available per day”.
  [/(?<=\d ?%) of (?:the |your )?(?:(?:total|maximum|overall|available|possible) )*(?:marks?|grade|points|credits?) (?:available|achievable|awarded|possible|obtainable)\b/gi, () => ' of the marks'],
  // “8 MB (version 2 said 5 MB)”.
  [/ \((?:(?:the )?(?:version|draft|edition|issue) \d+(?:\.\d+)?|(?:an? |the )?(?:earlier|previous|old|first|last|printed) (?:version|sheet|page|handbook|edition|brief|syllabus)) (?:said|had|stated|gave|showed|was|asked for)\b[^()\n]{1,60}\)/gi, () => ''],
  // “5 pm AEDT (that is 6 am GMT for those of you in Europe)”.
  [/ \((?:that(?:['’]s| is)|i\.e\.|=|which is|equivalent to|equals) \d{1,2}(?:[:.]\d\d)? ?(?:[ap]m)? ?(?:GMT|UTC|[A-Z]{2,4}T)\b[^()\n]{0,60}\)(?<=\b[A-Z]{2,5}T \([^()\n]{1,100}\))/g, () => ''],
  // “A tenth of the available marks for each day … once a week has gone by”.
  [/\ba tenth of (?:the |your )?(?:(?:available|total|maximum|possible) )?(?:marks?|grade|points|credit)(?: available)?(?= (?:for |per |a |each |every ))/gi, () => '10 % of the marks'],
  [/\bonce (?=(?:an?|one|two|three|four|five|six|seven|ten|\d{1,2}) (?:(?:working|calendar) )?(?:weeks?|days?) (?:has|have) (?:gone by|passed|elapsed)\b)/gi, () => 'after '], [/(?<=\bafter (?:an?|one|two|three|four|five|six|seven|ten|\d{1,2}) (?:(?:working|calendar) )?(?:weeks?|days?)) (?:has|have) (?:gone by|passed|elapsed)\b/gi, () => ''],
  // “On the third Friday in December, i.e. the 18th”.
  [/\bon the (?:first|second|third|fourth|last) (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day (?:in|of) (?:January|February|March|April|May|June|July|August|September|October|November|December)(?:,? ?(?:i\.e\.,?|that is,?|namely)|,| [–—-]) (?:on )?the \d{1,2}(?:st|nd|rd|th)(?! of\b)/g, (said) => { const [, day, month, date] = firstIn(said, /(\w+day) (?:in|of) (\w+)[^]*?(\d{1,2})/)!; return `on ${day!} ${date!} ${month!}`; }],
  // “On the first Friday of April, i.e. 2 April 2027”.
  [/\bon the (?:first|second|third|fourth|last) (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day (?:of|in) (?:the month|term|[A-Z][a-z]+),? \(?(?:i\.e\.,?|that is,?|which is|namely) (?:on )?(?=(?:\w+day,? )?(?:the )?(?:\d{1,2}(?:st|nd|rd|th)?[. ]|[A-Z][a-z]+\.? \d))/g, () => 'on '],
  // “By 4 pm on the Monday after reading week, which is 7 December 2026”, “noon on Thursday of week 9 – 10 December 2026”: a day described, and its date.
  [/\b(?:on )?(?:the )?(?:(?:first|second|third|fourth|last|final) )?(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day (?:of|in|after|before|following|at the end of) (?:[a-z][a-z’'-]* |\d{1,2}(?:st|nd|rd|th)? ){0,4}(?:[A-Za-z][a-z’'-]*|\d{1,2})(?:,? ?(?:i\.e\.,?|that is(?: to say)?,?|which (?:is|falls on|will be)|namely|meaning)|,|:| [–—-]) (?:on )?(?=(?:\w+day,? )?(?:the )?(?:\d{1,2}(?:st|nd|rd|th)?,? (?:of )?(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)|(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*\.? \d))/g, (said) => `on ${firstIn(said, /\b(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day/)![0]} `],
  [/(?<=\bon (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day )(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day,? (?=\d|[A-Z][a-z]{2,8} \d)/g, () => ''],
  // “One late day costs 5 points; the box closes for good after three days.”
  [/\b(?:one|each|every) late day (?=(?:costs?|means|is)\b)/gi, (said) => (/^\p{Lu}/u.test(said) ? 'Each day late ' : 'each day late ')],
  [/\b(?:the|your) (?:box|page|link|folder|portal|area) (?:closes|shuts|is closed|is locked) (?:for good|permanently|finally|altogether) (?=after (?:one|two|three|four|five|six|seven|ten|\d{1,2}) (?:\w+ )?days?\b)/gi, () => 'late work is not accepted '],
  [/(?<=\bfirst (?:24|48|72) hours), then (?=zero\b|0\b|nothing\b|no marks)/gi, () => '; after that '],
  // “If the deadline is missed, the next one is 24 August.” “… 16:00:00 – at 16:00:01 you are late. 16:00 UTC is 17:00 in Prague.”
  [/\b[Ii]f (?:(?:the|this) deadline is missed|you miss (?:the|this) deadline|you cannot make (?:it|this deadline)),? the next (?:one|deadline|opportunity|date|round) (?:is|will be|falls on) [^.;\n]{4,60}/g, () => ''],
  [/[,;]? ?[–—-]? ?\bat \d{1,2}[:.]\d\d[:.]\d\d,? (?:you are|you['’]re|it is|it['’]s) (?:too )?late\b/gi, () => ''],
  [/\b(?:please )?(?:note|remember) that \d{1,2}[:.]\d\d (?:UTC|GMT|[A-Z]{3,4}) is \d{1,2}[:.]\d\d in \p{Lu}\p{L}+/giu, () => ''],
  // “You may rewrite this essay once; rewrites are due 12 November”: what comes after the marks.
  [/(?<=\brewrit(?:e|ten)\b[^.\n]{0,60})[,;] (?:the )?(?:rewrites?|revised versions?) (?:are|is) due (?:on |by )?[^.;\n]{3,24}(?:\. ?\d{1,2})?/gi, () => ''],
  [/(?<=\d[:.]\d\d(?:[:.]\d\d)?(?: ?[ap]m)?) (?:server|system|portal|platform|clock) time \((?:UTC|GMT|[A-Z]{2,4}T)\)/g, (said) => ` ${/[A-Z]+(?=\)$)/.exec(said)![0]}`],
  // “Moved from tomorrow to Monday 22 March, still 6pm.”
  [/(?<=\b(?:moved|changed|postponed|extended|put back|pushed back|shifted)(?: the [^.\n]{3,30})?) from (?:today|tomorrow|yesterday|tonight|this (?:week|\w+day)|next (?:week|\w+day))(?= to\b)/gi, () => ''], [/(?<=\bdeadline) from (?:today|tomorrow|yesterday|tonight|this \w+day|next \w+day)(?= to\b)/gi, () => ''], [/, still (?:at )?(?=\d{1,2}(?:[:.]\d\d)? ?[ap]m\b|noon|midnight|\d{1,2}[:.]\d\d)/gi, () => ', '],
  // “Not later than noon on Friday of the second week of Easter Term (7 May 2027)”.
  [/\bon (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day,? of (?:the )?(?:(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|last) week|week \d{1,2})(?: (?:of|in) [A-Z][\w ]{3,24}?)? \(\d{1,2} [A-Z][a-z]+(?: 20\d\d)?\)/g, (said) => { const m = /^on (\w+day).*\((.+)\)$/.exec(said)!; return `on ${m[1]!} ${m[2]!}`; }],
  // “By 1 March. You may upload corrected versions until 8 March”.
  [/(?<=\bby (?:\w+day,? )?\d[^.\n]{3,50}\. )(?:You|Students|Groups) (?:may|can) (?:still )?(?:upload|submit|hand in|send) (?:corrected|revised|improved|updated) (?:versions?|files?|copies) (?:until|till|up to) [^.;\n]{4,40}[;,]?/g, () => ''],
  // “Font / spacing: Arial 11, single”.
  [/(?<=^[ \t|*-]*(?:Font|Typeface|Text)\b[^\n]{0,50}\b\d{1,2}(?: ?pt| point)?, ?)(single|double|one and a half|1\.5)(?=\s*(?:[,;.|]|$))/gim, (_, [lines]) => `${lines!} spacing`],
  // “Out: 23 November. In: 7 December.”
  [/(?<=^[ \t|*•-]*)Out(?=[ \t]*[:|][ \t]*(?:\w+day,? )?\d{1,2}[ .\/]?(?:\p{L}|\d))/gmu, () => 'Opens'], [/(?<=^[ \t|*•-]*)(?:In|Back|Back in)(?=[ \t]*[:|][ \t]*(?:\w+day,? )?\d{1,2}[ .\/]?(?:\p{L}|\d))/gmu, () => 'Due'],
  [/(?<=\b(?:has|have|had|was|were|is|are|been)(?: now| been)* )(?:pushed|bumped|nudged)(?=(?: back)? from\b)/gi, () => 'moved'],
  [/(?<=\bno late \p{L}+),? (?:period|ever|full stop|end of story|no exceptions|whatsoever)(?=\s*[.!\n]|\s*$)/giu, () => ''],
  // “Max. 1,000 words per answer (3,000 in all)”.
  [/(?<=\bwords (?:per|for each|an?) \w+ )\((?:max\.? )?(\d[\d,.]*)(?: words)? (?:in all|in total|altogether|total|overall)\)/gi, (_, [whole]) => `(max. ${whole!} words in total)`],
  // “Noon on the last Friday of Trinity term, being 18 June 2027”.
  [/\bon the (?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|last|final) (?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day of [^,.\n]{3,40}, (?:being|i\.e\.,?|that is,?|namely|which is) (?=\d{1,2} \p{Lu})/giu, () => 'on '],
  [/(?<=\bfile ?name), which (?:shall|must|should|is to|has to) (?:consist of|be made up of|be formed of)(?= the\b| your\b)/gi, () => '. The file name consists of'],
  // “Yep.” answers as “yes” does.
  [/(?<=^[ \t>]*(?:A(?:nswer)?[ \t]*[:.][ \t]*)?|\? +)(?:Yep|Yup|Yeah|Yes indeed|Indeed|Correct|Exactly)(?=[,.!;:]|\s*$)/gm, () => 'Yes'], [/(?<=^[ \t>]*(?:A(?:nswer)?[ \t]*[:.][ \t]*)?|\? +)(?:Nope|Nah)(?=[,.!;:]|\s*$)/gm, () => 'No'],
  // “Late? Not possible.” “New name: CPL_<your ID>.docx.” “Before 15:00 on Friday 4 December 2026:”, over what is due then.
  [/(?<=^[ \t>*•-]*)Late\?[ \t]+(?=(?:Not|No|Never|Zero|Impossible)\b)/gim, () => 'Late: '], [/(?<=^[ \t>*•-]*|[.;] )New name:(?= ?\S*[_<[])/gm, () => 'File name:'], [/(?<=^[ \t>*•-]*)Before(?= \d{1,2}(?:[:.]\d{2})?(?: ?[ap]\.?m\.?)? on (?:\w+day,? )?\d{1,2} \p{Lu}[^\n]{3,20}:[ \t]*$)/gmu, () => 'By'],
  [/(?<!\blater?\b[^\n]{0,90})\b[Tt]he (?:last|latest) possible (?:date|day|moment|time) is(?= )/g, () => 'the deadline is'],
  // Short and old-fashioned words.
  [/\b([Mm])ustn['’]t\b/g, (_, [first]) => `${first!}ust not`], [/\b([Nn])eedn['’]t\b/g, (_, [first]) => `${first!}eed not`], [/\b(?:nought|naught)\b/gi, () => 'zero'], [/(?<=\bnames?(?: of (?:the|any) (?:author|student|writer|candidate)s?)? (?:must|should|may|shall|does|do) not )occur\b/gi, () => 'appear'],
  [/\b([Ss]ave) (under|as) (?=(?:your |the )?(?:exam|candidate|student|registration|matriculation|surname|last ?name|family name)\b)/g, (_, [verb, how]) => `${verb!} it ${how!} `],
  [/(?<=\b(?:when|once|until|before|after) the (?:\w+ )?(?:box|link|folder|area|page|portal|window|system) )shuts\b/gi, () => 'closes'],
  // “Length: one paragraph, 150–200 words”.
  [/(?<=\b[Ll]ength:? )(?:one|two|three|four|a|\d) (?:short )?(?:paragraphs?|sections?), (?=\d)/g, () => ''], [/(?<=\b[Ll]ength:? )(?:one|two|three|four|a|\d) (?:short )?(?:paragraphs?|sections?) \(\d[\d,.]* ?[–-] ?\d[\d,.]* words\)/g, (said) => /\((.+)\)/.exec(said)![1]!],
  // “Thesis_x.pdf; Summary_x.docx”: names of one list.
  [/(?<=\w_\w[\w-]{1,50}\.\w{3,4});(?= [\w<[{-]+_[^\s;]+\.\w{3,4}(?:\W|$))/g, () => ','],
  // “Before midnight on Sunday 7 March 2027 (i.e. 23:59 on that Sunday)”.
  [/\bbefore midnight on (?:\w+day,? )?\d{1,2} \p{Lu}\p{L}+(?: 20\d\d)? \((?:i\.e\.,?|that is,?|meaning) \d\d[:.]\d\d[^()\n]{0,30}\)/giu, (said) => { const m = firstIn(said, /^before midnight on (.+?) \(\D*(\d\d[:.]\d\d)/i)!; return `by ${m[2]!} on ${m[1]!}`; }],
  // “Instead of two separate PDFs we now want a single PDF.” “The sheet says you may submit once. That was an error.”
  [/\b[Ii]nstead of [^.;,\n]{3,40}?,? we (?:now )?(?:want|need|ask for|expect|accept)(?= an? | one )/g, () => 'We want'],
  [/\b(?:The|Our) (?:\w+ )?(?:sheet|handbook|page|portal|syllabus|brief|calendar) (?:says|said|states|stated) [^.\n]{5,80}\. (?:That|This|It) (?:was|is) (?:an error|a mistake|wrong|a typo|incorrect|no longer true|out of date)\./g, () => ''],
  [/(?<=\d{1,2} [A-Z][a-z]+ 20\d\d)\. (?:What (?:was|is) missing (?:on|in|from) [^.,\n]{3,30} (?:is|was) )the time,? (?:which|and that) is (?=\d|noon)/g, () => ', '],
  // “… unless an extension was granted before 15 September”: nobody's date.
  [/(?<=\bunless (?:an? |the )?(?:\w+ )?extension (?:was|is|has been) (?:granted|approved|agreed|requested)) (?:before|by|until) (?:\w+day,? )?\d[^.;,\n]{3,24}/gi, () => ''],
  // “Hand in twice: printed and as a Word file”.
  [/(?<=\bhand(?:ed)? (?:it |them )?in) twice(?=:? (?:\(?once )?(?:printed|on paper|in print)\b)/gi, () => ''],
  // “1.5 lines, left margin 2 cm”.
  [/(?<=(?:[,;(]|^[ \t-]*) ?)1[.,](?:15|25|5) lines(?= ?(?:[,;.)]|$))/gm, (lines) => lines.replace('lines', 'spacing')], [/(?<=\b(?:Times(?: New Roman)?|Arial|Calibri|Garamond|Georgia|Cambria|Verdana|Helvetica),? (?:size )?\d{1,2}(?: ?pt)?[,;\/] ?)1[.,](?:15|25|5)(?=\s*[,;)]|\s*$)/gm, (lines) => `${lines} spacing`],
  // “Due dates: A and B on Monday, May 3; C on Friday, May 7”, “A and B are due on Monday”.
  [/(?:\b[Dd]ue(?: dates?)?: (?:[Pp]arts? )?|(?<=; |^[ \t]*)(?:[Pp]arts )?)[A-E](?:(?:, | and | & )[A-E])* (?:(?:are|is) due )?on (?=(?:\w+day,? )?(?:\d{1,2} [A-Z]|[A-Z][a-z]+ \d))/gm, (said) => { const names = rewritten(said, [/^(?:[Dd]ue(?: dates?)?: )?(?:[Pp]arts? )?/, ''], [/ (?:(?:are|is) due )?on $/, '']); return `${names.length > 1 ? 'Parts' : 'Part'} ${names}: `; }],
  // “At least 24 hours before the session, i.e. by 10:00 on Thursday 25 February”.
  [/\b(?:at least |no later than )?(?:\d{1,2}|one|two|three|a|twenty-four) (?:hours?|days?|weeks?) before (?:the|your|our) \w+, i\.e\.,? (?=(?:by|on|before|until)\b)/gi, () => ''],
  // “You will find the question in your course site on Monday, 31 May 2027, at 9 a.m.”
  [/\b[Yy]ou will find the (?:questions?|paper|task|exam(?:ination)? paper|assignment) (?:in|on) (?:your|the) [\w ]{3,24} on (?=[^.\n]{0,20}\d)/g, () => 'The question is released on '],
  // “Images: separate JPG or TIFF files”.
  [/(?<=\b(?:Images|Pictures|Figures|Photos): )(?:as )?separate (?=(?:JPE?G|PNG|TIFF?)\b)/g, () => ''],
  // “12:00 (noon)”.
  [/(?<=\b12[:.]00(?: ?h(?:rs|ours)?)?) \((?:noon|midday|lunchtime)\)/g, () => ''],
  // “22 March 2027 (09.00)”: the hour of a day in brackets.
  [/ \((?<=\b(?:January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)(?: 20\d\d)? \()[012]?\d[.:][0-5]\d(?: (?:noon|midday|hrs?|h))?\)/g, (hour) => `, ${/\d+[.:]\d\d/.exec(hour)![0].replace('.', ':')}`],
  // “For each day (or part of a day)”.
  [/(?<=\bday) \((?:or|and) (?:any )?part (?:of (?:a|one|the) day|thereof)\)/gi, () => ''], [/(?<=\bday),? or (?:any )?part (?:of (?:a|one) day|thereof)(?= (?:that|late|after|of lateness|it|beyond|past)\b)/gi, () => ''],
  // “12 pages is the ceiling. Less than 8 is too little.”
  [/\b(?:(?:anything|everything) )?(?:less|fewer|shorter|under|below)(?: than)? \d[\d,.]*(?<!,)(?: (?:words|pages))?,? (?:is|are|will be|would be|counts as) (?:(?:considered|regarded as) )?(?:too (?:little|short|few|thin)|not enough|insufficient)\b/gi, (said) => `${/^\p{Lu}/u.test(said) ? 'The' : 'the'} minimum is ${/\d[\d,.]*(?: (?:words|pages))?/.exec(said)![0].replace(/[,.]$/, '')}`],
  // “Hand it in twice: for feedback on 15 February and for a mark on 29 March.”
  [/(?<=\b[Hh]and [^.\n:]{2,24} in twice: (?:once )?for (?:feedback|comments)\b[^\n;]*(?:\band|\bthen|;) (?:once )?)for (?:a |the )?(?:mark|grade|marking|grading|assessment)\b/g, () => 'due'],
  // “Your exam code is all that identifies you. It goes in the file name: …”
  [/\b[Yy]our (?:exam|candidate|student|registration|matriculation|anonymous|assessment) (?:code|number|ID)\b[^.\n]{0,80}\. It (?=(?:goes|belongs|must|should|has to)\b)/g, (said) => said.replace(/It $/, `${/^[Yy]our \w+ \w+/.exec(said)![0].replace(/^y/, 'Y')} `)],
  // “You have until 21 April 2027. The others have to be in by the 14th”: of the same month.
  [new RegExp(`(?<!\\d)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.join('|')})(?:,? 20\\d\\d)?\\b(?=[^\\n]{0,120}\\b(?:others|else|rest|class|group)\\b)[^\\n\\d]{1,120}\\b(?:by|until|till|on|stays|remains|is|was)(?: on| at)? the \\d{1,2}(?:st|nd|rd|th)\\b(?! (?:of\\b|\\p{Lu}|percentile|century|edition))`, 'gu'), (said) => `${said.replace(/the (\d{1,2})(?:st|nd|rd|th)$/, '$1')} ${/^\S+ (\p{Lu}\p{L}+(?:,? 20\d\d)?)/u.exec(said)![1]!.replace(',', '')}`],
  // “Name the file with your student number followed by _essay (e.g. 2045_essay.pdf).”
  [/\b(?:(?:with|after|by|from|using) )?(?:your|the) ((?:[a-z]+ )?(?:number|code|ID|id|surname|last name|family name)),? followed by [“"']?(_[\w-]*\w(?:\.\w{3,4}\b)?)[”"']?(?:,? \(?(?:e\.?g\.?|for example|for instance|so|such as|like)[,:]? ?[^\s()]*?(\.\w{3,4})\b\)?)?/g, (_, [detail, rest, ending]) => `[${detail!}]${rest!}${ending ?? ''}`],
  // “Half past nine in the morning”.
  [/\b(?:half past|(?:a )?quarter (?:past|to)) (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?: o['’]clock)?(?: in the (?:morning|afternoon|evening)|(?= ?[ap]\.?m))/gi, (said) => { const hour = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'].indexOf(/ (?:past|to) (\w+)/i.exec(said)![1]!.toLowerCase()) + 1; return `${/ to /i.test(said) ? (hour + 10) % 12 + 1 : hour}:${/half/i.test(said) ? 30 : / to /i.test(said) ? 45 : 15}${/morning/.test(said) ? ' am' : /afternoon|evening/.test(said) ? ' pm' : ''}`; }],
  // “60 to 80 pages, exclusive of front matter and annexes”.
  [/\b[Ff]ront ?matter\b(?=[^.;\n]{0,60}\b(?:excluded|not (?:counted|included)|(?:is|are|do|does) not (?:count|included)))|(?<=\b(?:excluding|without|not (?:counting|including)|exclusive of|excl\.)[^.;\n]{0,60})\bfront ?matter\b/g, (said) => (/^F/.test(said) ? 'Title page, contents' : 'title page, contents')],
  // “Earlier versions of this handbook are kept in the library.”
  [/\b(?:[Ee]arlier|[Oo]lder|[Pp]revious|[Ff]ormer|[Aa]ll) (?:versions|editions) of (?:this|the|our) (?:\w+ )?(?:handbook|guide|sheet|brief|policy|regulations?|page|syllabus|template|instructions|guidelines)\b/g, (said) => (/^\p{Lu}/u.test(said) ? 'Old handbooks' : 'old handbooks')],
  [/\bDIN[ -]A4\b/g, () => 'A4 paper'],
  // Items by numbers in brackets.
  [/(?<=^[ \t]*)(?:\(\d{1,2}\)|\d{1,2}\))(?=[ \t]+\S)/gm, (number) => number.replace('(', '').replace(')', '.')],
  // All marks before items.
  [/(?<=^[ \t]*)[•▪·‣◦●○■+*►▸➢➤\uf0b7\uf0a7–—](?=[ \t]+\S)/gm, () => '-'],
  // Halves of the day in any letters; the stop that ends a line or a sentence stays.
  [/(?<=\d[ \t]?)(?:[ap]\.[ \t]?m\.?|[AP]\.?[ \t]?M\.?)(?!\p{L})(?:(?=[ \t]*$)|(?!\.|[ \t]+\p{Lu}\p{Ll}))/gmu, (half) => half.replace(/[.\s]/g, '').toLowerCase()],
  // “At 11:59 p.m. Problem Set 6 …”: here a sentence ends.
  [/(?<=\d[ \t]?)(?:[ap]\.[ \t]?m\.)(?=[ \t]+\p{Lu}\p{Ll}+[ \t]+(?!time\b)\S)(?![ \t]+(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec|Eastern|Central|Pacific|Mountain|Atlantic|British|Greenwich|Local|Coordinated)|[ \t]+(?:\p{Lu}\p{L}+[ \t]+){1,3}(?:[Tt]ime|Standard|Daylight|Summer)\b)/gu, (half) => `${half.replace(/[.\s]/g, '')}.`],
  [labelled, (line) => line.replace(/[ \t]+(?:[-–—]|->|→)[ \t]+$/, ': ')],
  // A mark alone on its line, as pages give it, stands before what follows.
  [/(?<=^[ \t]*(?:[-•▪·‣◦●○■*\uf0b7\uf0a7]|\d{1,2}\.))[ \t]*\n[ \t]*(?=\S)(?![-•▪·‣◦●○■*\uf0b7\uf0a7\n=])/gm, () => ' '],
  // A label and, on the line below, what it says.
  [/(?<=^[ \t]*(?:[-*] |\d{1,2}[.)] )?\p{Lu}[^\n:.,;!?|]{1,40}:)[ \t]*\n(?![ \t]*(?:[-*>#|([]|\d{1,2}[.)]\s))[ \t]*(?=[^\n]+(?<!:)(?:$(?![^])|\n[ \t]*\n|\n[ \t]*(?:[-*] |\d{1,2}[.)] )?\p{Lu}[^\n:.,;!?|]{1,40}:))(?!\p{Lu}[^\n:.,;!?|]{1,40}:)/gmu, () => ' '],
  [/(?<=\d) ?(?:per ?cent|percent)\b(?!age)(?! points?)/gi, () => '%'],
  // Dates of ISO 8601, and those with dashes between, are told in words.
  [/(?<![\w/.+–-])20\d\d-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])(?![\w/+–-]|\.\w)/g, (date) => `${Number(date.slice(8))} ${monthNames[Number(date.slice(5, 7)) - 1]!} ${date.slice(0, 4)}`],
  [new RegExp(`(?<![\\w/.+–-])\\d{1,2}[-/](?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)})?`).join('|')})[-/](?:20)?\\d\\d(?![\\w/+–-]|\\.\\w)`, 'gi'), (date) => date.replace(/[-/]/g, ' ').replace(/ (?=\d\d$)/, ' 20')],
  // “March 12, 2027”, “Mar. 12th, 2027”, “the 12th of March, 2027”, “12 March '27” as “12 March 2027”.
  [new RegExp(`(?<![\\w.])(?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)}|${name === 'September' ? 't?' : ''}\\.)?`).join('|')}) \\d{1,2}(?:st|nd|rd|th)?,? ?20\\d\\d(?!\\w)`, 'g'), (date) => date.replace(/^(\w+)\.? (\d{1,2}\w*),? ?(?=20\d\d$)/, (_, month: string, day: string) => `${day} ${wholeMonth(month)} `)],
  [new RegExp(`(?<!\\w)(?:the )?\\d{1,2}(?:st|nd|rd|th)? of (?=(?:${monthNames.join('|')})(?!\\w))`, 'gi'), (date) => date.replace(/^the /i, '').replace(/ of $/i, ' ')],
  [new RegExp(`(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.join('|')}), 20\\d\\d(?!\\w)`, 'g'), (date) => date.replace(',', '')],
  [new RegExp(`(?<=(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.map((name) => `${name.slice(0, 3)}(?:${name.slice(3)})?`).join('|')}),? )['’‘](?=\\d\\d(?!\\w))`, 'gi'), () => '20'],
  [new RegExp(`(?<!\\w)\\d{1,2}(?:st|nd|rd|th)? (?:${monthNames.join('|')})(?: 20\\d\\d)? \\((?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\\)`, 'g'), (date) => date.replace(/^(.+) \((\w+)\)$/, '$2 $1')],
  // “16:00 hrs”, “16h00”.
  [/(?<=(?<!\d)[012]?\d:[0-5]\d) ?(?:hrs?\b\.?(?! ?(?:late|after|before|of|per|each))|hours\b(?! (?:late|after|before|of|per|each))|h\b)/gi, () => ''],
  [/(?<![\d\p{L}])[012]?\dh[0-5]\d(?![\d\p{L}])/gu, (time) => time.replace('h', ':')],
  // Two spaces part sentences, or fill a line; columns have more between them.
  [/(?<=[^\s|]) {2}(?=[^\s|])/g, () => ' '],
  // A date that a word processor joined with dashes (ISO 8601).
  [/(?<![\d–])(?:\d{4}–\d{2}–\d{2}|\d{2}–\d{2}–\d{4})(?![\d–])/g, (date) => date.replaceAll('–', '-')],
  [/(?<=[\p{L}\d)])—(?=[\p{L}\d(])/gu, () => ' — '],
];
