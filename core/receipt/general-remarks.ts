import { says } from '../text/patterns.ts';

/** What a receiver says in general, beside what became of one hand-in: rules, opening hours, what comes next. Its sizes, days and “refused” are not this paper's. Common practice, no published source. */

const works = '(?:files?|documents?|uploads?|submissions?|papers?|work|essays?|reports?|scripts?|assignments?|anything|everything|coursework|attachments?|images?|pictures?|entries|hand-?ins?)';
const isSo = "(?:is|are|was|were|will|won't|cannot|can't|can|may|must|should|shall|loses?|gets?|receives?|earns?|counts?|have|has|do|does|don't|doesn't)";
const general: readonly RegExp[] = [
  // “Files larger than 20 MB are refused.” “Work handed in after the deadline loses 5 marks a day.” “Submissions cannot be changed later.”
  new RegExp(`^${works} (?:larger|bigger|longer|greater|smaller|heavier|over|above|under|with(?:out)?|that|which|in (?:other|any)|of (?:more|other)|other than|(?:handed in|submitted|received|uploaded|sent|arriving|coming)(?! (?:on|at|today)\\b)|not)\\b.*\\b${isSo}\\b`, 'i'),
  new RegExp(`^(?:late|overdue|belated|oversized|empty|damaged|unreadable|password-protected) ${works}\\b.*\\b${isSo}\\b`, 'i'),
  // “The maximum size is 20 MB.” “You may upload up to 20 MB.”
  /^(?:the )?(?:max(?:imum|\.)?|largest|allowed|permitted)(?: allowed| permitted)? (?:file |upload )?(?:size|length|number)\b/i,
  /^(?:up to|at most|no more than) \d/i,
  // “Extensions must be requested before 10 March.” “Marks will be released on 9 April.” “Feedback on Report 1 was returned on …”
  /^(?:extensions?|extra time|mitigating circumstances|appeals?) (?:must|can|may|should|are|have|has|will)\b/i,
  /^(?:the |your |all |provisional |final )*(?:marks?|grades?|feedback|results?|comments) (?:on [^.]{2,40} |for [^.]{2,40} |and [a-z]+ )?(?:will|are|is|was|were|can|may|should)\b/i,
  // “You can replace your file until the deadline.” “Students may hand in twice.”
  /^(?:you|students|candidates) (?:can|may|could) (?:still |also |now |only )?(?:replace|change|resubmit|re-?upload|hand in|submit|upload|withdraw|edit|delete|view|see|check)\b/i,
  /^you (?:have |['’]ve )?(?:now |already )?(?:used|made) \w+ (?:of|out of) (?:your )?\w+ (?:attempts|tries|uploads|submissions|hand-?ins)\b/i,
  // “The office is open from 9:00 to 16:00.” “This message was sent automatically on …”
  /^(?:the |our )?(?:[a-z]+ )?(?:office|desk|library|department|counter|hotline|help ?desk) (?:is|will be|hours)\b/i,
  /^(?:office|opening|telephone|consultation) hours?\b/i,
  /^(?:this|the) (?:is an? )?(?:automatic(?:ally)? (?:sent |generated )?)?(?:message|e-?mail|mail|notification|notice) (?:was|has been|is)? ?(?:automatically )?(?:sent|generated|created|produced|written|dispatched)\b/i,
  // “Your declaration was signed on 12 March 2027 at 16:30.”: not when the paper came.
  /^(?:your|the) (?:declaration|honou?r pledge|consent|statement of authorship|account|password|registration) (?:was|has been|is) (?:signed|ticked|accepted|given|confirmed|created|changed|recorded)\b/i,
  // “Your next hand-in is Report 3, due 30 April.”
  /^(?:your|the|our) (?:next|following|other|remaining|previous) (?:seminar|lecture|class|session|meeting|tutorial|hand-?in|assignment|paper|task|deadline|submission|report|essay|due date)\b(?! (?:number|reference))/i,
];
/** What a sentence tells of one hand-in and no other. */
const ofThisOne = /\bnothing (?:has|was|is)\b|\b(?:we|system) (?:have|has|did|could) (?:not|n['’]t)\b|\.(?:pdf|docx?|odt|rtf|txt|html?|zip|jpe?g|png)\b|\b(?:your|this) (?:file|paper|submission|upload|document|hand-?in)\b.*\b(?:was|has been|is)\b.*\b(?:rejected|refused|received|accepted)\b/i;

/** Sentences of a line; “Ref. R-55120” is one. */
const sentencesOf = (line: string): string[] => line.split(/(?<=[.!?])(?<!\b(?:[Rr]ef|[Nn]o|[Nn]r|[Cc]onf|Dr|Prof|St|Mrs?|Ms|approx|max|min)\.)[^\S\n]+(?=\p{Lu})/u);
/** A sentence that is a row: “Task: GEO 3107 Report 2.”, “Ref. R-55120.” */
const isRow = /^(?:(?:task|assignment|module|course|folder|box|place|size|file ?size|file(?: ?name)?|document|status|id)\s*:|(?:(?:receipt|submission|confirmation|reference|transaction|tracking)(?: (?:number|no\.?|id|code))?|ref\.?|reference)\s*(?::|(?<=\.)|(?<=number|code|id))\s*#?(?=[\w/-]*\d))/i;

/** A receipt without the sentences that say nothing of one hand-in, and with those that are rows on lines of their own. Whatever names a file stays. */
export const withoutGeneralRemarks = (text: string): string => text.split('\n').map((line) => {
  const said = sentencesOf(line).filter((s) => says(s, ofThisOne) || !/\s/.test(s.trim()) || !general.some((pattern) => says(s.replace(/^\W+/, '').replace(/’/g, "'"), pattern)));
  return said.length > 1 ? said.map((s, i) => (says(s, isRow) ? `${i > 0 ? '\n' : ''}${s.replace(/\.$/, '')}${i < said.length - 1 ? '\n' : ''}` : `${s}${i < said.length - 1 ? ' ' : ''}`)).join('').replace(/\n{2,}/g, '\n') : said.join(' ');
}).join('\n');
