import { dateLike, type ReadDate } from './dates.ts';
import { movedRole } from './moved-dates.ts';
import { isHomework, type Clause } from './statements.ts';
import { isOnlyPossible } from './possible-extensions.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

export type DateRole = 'due' | 'opens' | 'extension' | 'other' | 'unknown';
/** “Due before class Tues” ends with a day of the week as well; lengths stay. */
const withDaysSpelt = (before: string): string => rewritten(before, [/(?<=[a-z(,] ?)(?<!\w)(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\b\.?,?\s+$/i, (s) => 'aday'.padEnd(s.length)]);

/** What a date is for, from the words before it in its clause and, for a bare row, from the heading above. */
export function roleOf(clause: Clause, date: ReadDate, previous: Clause | undefined, next?: Clause): DateRole {
  const role = saidRole(clause, date, previous, next);
  return (role === 'extension' || role === 'unknown' || role === 'due' && says(clause.text.slice(0, Math.max(0, date.start - clause.start)), /\b(?:extensions?|extra time|more time|later deadlines?)\b(?:(?!\b(?:deadline|due)\b)[^])*$/i)) && isOnlyPossible(clause.text) ? 'other' : role;
}
/** “A draft may be submitted for feedback by 28 March”: nobody has to. */
export const isOptionalDraft = (clause: Clause, date: ReadDate): boolean => {
  const own = /^(?:by|until|till|before|on)\s+/i.exec(clause.text.slice(date.start - clause.start))?.[0] ?? '', before = `${clause.text.slice(0, Math.max(0, date.start - clause.start))}${own}`;
  return says(before, /\b(?:an?|one|your|the)? ?(?:first |rough |full |complete )*drafts? (?:may|can) (?:also )?(?:be )?(?:submitted|handed in|uploaded|sent(?: in)?|turned in|shown)\b[^.;]{0,40}$/i)
    || says(before, /\byou (?:may|can) (?:also )?(?:submit|hand in|upload|send(?: in)?|turn in|show (?:me|us)) (?:me |us )?(?:an?|your) (?:first |rough |full |complete )*draft\b[^.;]{0,40}$/i)
    || says(before, /\b(?:happy|glad|willing) to (?:read|look at|comment on|see) (?:your |a |any |first )*drafts?\b[^.;]{0,40}$/i) || says(before, /\bif you (?:would like|want|wish|['’]d like) (?:for )?(?:any )?(?:feedback|comments) on an? (?:\w+ )?draft\b[^.;]{0,40}$/i);
};
/** “Supervisor's comments: 12 April”, “Return of marks: 26 March”: a day on which others do something. */
export const isOthersDay = (clause: Clause, date: ReadDate): boolean => says(clause.text.slice(0, date.start - clause.start), /^\W*(?:(?:your|the) )?(?:(?:supervisor|tutor|reviewer|reader|marker|examiner|lecturer|editor)s?['’]?s? (?:written )?(?:comments?|feedback|reports?|reviews?|decisions?|responses?|replies|reply|marks?|verdicts?)|(?:return|release|publication) of (?:the )?(?:marks|grades|results|feedback|comments)|(?:interviews?|vivas?|oral exams?|defences?|defenses?))\b[^.;\d]{0,30}$/i);
/** “From Monday 29 March (on) we don't accept anything”: the first day on which nothing is taken any more. */
export const refusesFrom = (clause: Clause, date: ReadDate): boolean => says(clause.text.slice(0, date.start - clause.start + (/^from\s/i.exec(clause.text.slice(date.start - clause.start))?.[0].length ?? 0)), /\b(?:from|as of|starting(?: from| on)?)\s*(?:on )?(?:\w+day,?\s*)?(?:the )?$/i) && says(clause.text.slice(date.end - clause.start), /^\)?(?: on(?:wards)?)?,?[^.;]{0,14}\b(?:(?:we|I|the (?:office|department)) (?:do not|don['’]t|will not|won['’]t|cannot|can['’]t|no longer)|nothing|no (?:late )?(?:work|papers?|essays?|reports?|submissions?|files?|uploads?)|(?:it|they|(?:late )?(?:work|papers?|essays?|reports?|submissions?)) (?:is|are|will|can|may)(?: be)? (?:not|no longer))\b[^.;]{0,30}\b(?:accept\w*|taken?|mark\w*|read|grad\w+|consider\w*|possible|anything|handed in|submitted)\b/i);
/** Students who have more time than the others. */
const ofSome = String.raw`(?:(?:approved|agreed|granted|authorised|special|individual) (?:cases?|students?|extensions?|requests?)|(?:extension|adjustment|support plan) (?:holders?|students?|cases?)|(?:students?|those|people|anyone|candidates) (?:with|who (?:have|hold|were granted)) (?:an? )?(?:approved |agreed |granted )*(?:extensions?|adjustments?|plans?)|(?:cases|students) approved|extensions?(?= only))(?: only)?`;
function saidRole(clause: Clause, date: ReadDate, previous: Clause | undefined, next?: Clause): DateRole {
  // The date library takes “from” and “by” for parts of a date.
  const lead = firstIn(clause.text.slice(date.start - clause.start), /^(?:from|by|until|till|before|to|after|on)\b\s*/i)?.[0].length ?? 0, before = withDaysSpelt(rewritten(clause.text.slice(0, Math.max(0, date.start - clause.start) + lead), [/ \((?:the same|which|that|as)\b[^()\d]{15,}\)(?= )|\b(?:an?|one|two|three|four|\d{1,2}) (?:fortnight|week|day|hour|month)s? (?:before(?:hand)?|earlier|ahead)(?=,| on\b)/g, (s) => ' '.repeat(s.length)])), after = clause.text.slice(date.end - clause.start, date.end - clause.start + 60);
  if (isOptionalDraft(clause, date)) return 'other';
  // “In the week of 22 March”: which day of it is not said.
  if (says(before, /\bweek (?:of|beginning|starting|commencing)\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'other';
  // “The question paper is published at 9:00 on 8 June.”
  if (says(before, /\b(?:question paper|questions|task|tasks|topic|topics|examination paper|exam paper|assignment) (?:(?:(?:is|are|will be) )?(?:published|released|posted|handed out|issued|made available|out)|(?:will )?(?:appears?|comes? out|goes? live|be out))\b[^.;]{0,24}$/i)) return 'opens';
  // “The deadline is moved by 48 hours. The old one was 27 November.”
  if (says(before, /^\W*(?:the )?(?:old|former|previous|original|first|initial) (?:one|date|deadline|day|time) (?:was|is|had been)(?: on)?\s*(?:\w+day,?\s*)?(?:the )?$/i) && says(previous?.text ?? '', /\b(?:moved|extended|postponed|shifted|delayed|put back|pushed back|brought forward)\b[^.;]{0,20}\b(?:by|another)\b/i)) return 'due';
  // “Because of the outage on Sunday the deadline is moved.”
  if (says(before, /\b(?:outage|failure|strike|storm|closure|fire|flood|breakdown|break-?in|maintenance|crash|problems?|trouble|incident|power cut|downtime|snow|ice|warning|evacuation)s?\b[^.;,]{0,14}\b(?:on|of|from)\s*(?:\w+day,?\s*)?(?:the )?$/i) && says(before, /\b(?:because|due to|owing to|after|following|given|in view of|as a result|sorry)\b/i)) return 'other';
  // “The submission period begins on 1 July and ends on 15 July.”
  const turn = firstIn(before, /\b(?:submission|hand-?in|upload|delivery|deposit|writing|working|exam(?:ination)?) (?:period|window|phase)\b[^.;]*\b(?:(begins?|starts?|commences?|opens?)|(?:ends?|closes?|finishes|expires|runs out))\s*(?:on|from|at)?\s*(?:\w+day,?\s*)?$/i);
  if (turn) return turn[1] ? 'opens' : 'due';
  // “Your request is granted: new deadline 12 March.”
  if (says(before, /\byour (?:\w+ )?(?:request|application)\b[^.;]{0,30}\b(?:granted|approved|accepted|successful)\b[^.;\d]{0,10}[:,–-]\s*(?:your |the )?new (?:deadline|(?:due |hand-?in )?date)(?: is)?\s*:?\s*(?:\w+day,?\s*)?$/i)) return 'extension';
  // “You may submit until 19 March (extension).”
  if (says(before, /\byou (?:may|can) (?:now )?(?:submit|hand (?:it |your \w+ )?in|upload)\b/i) && says(clause.text.slice(date.end - clause.start), /^[^.;()]{0,14}\((?:by |under |your |an? |approved )*extension\)/i)) return 'extension';
  // “Applications for an extension must reach us by 15 April.” “Only the board grants extensions; the application must reach us by …”
  if (says(before, /\b(?:applications?|requests?|claims?)\b[^.;]*$/i) && says(`${previous?.text ?? ''} ${clause.text}`, /\b(?:extensions?|mitigat\w+|extenuat\w+|deferrals?|postponement)\b/i) && !/\b(?:granted|approved|agreed)\b/i.test(before)) return 'other';
  // “For theses admitted on 1 March 2027 this is 1 June 2027.”
  if (says(before, /^\W*for (?:theses|projects|papers|topics|dissertations|students|candidates)\b[^.;]{0,20}\b(?:admitted|registered|approved|accepted|issued|assigned|allocated|starting|enrolled)(?: on)?\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,10}\b(?:this|that|it|the (?:deadline|date)) is\b/i)) return 'other';
  if (says(before, /^\W*for (?:theses|projects|papers|topics|dissertations|students|candidates)\b[^;]*\b(?:this|that|it|the (?:deadline|date)) is\s*(?:\w+day,?\s*)?$/i) && says(previous?.text ?? '', /\b(?:no later than|not later than|by|before|deadline|due|reach)\b/i)) return 'due';
  // “The syllabus says March 5, but it was moved to March 8.”
  if (says(before, /\b(?:syllabus|handbook|calendar|schedule|page|handout|sheet|guide|website|outline) (?:still )?(?:says|said|has|lists|gives|shows|states)\s*(?:\w+day,?\s*)?(?:the )?$/i) && /^[^.;]{0,14}\bbut\b/i.test(clause.text.slice(date.end - clause.start))) return 'other';
  if (says(before, /\bbut\b[^.;]{0,30}\b(?:moved|changed|shifted|pushed|extended|postponed) (?:it|this|that|the deadline) (?:back )?(?:to|until)\s*(?:\w+day,?\s*)?(?:the )?$/i) && /\b(?:due|deadline|hand)\b/i.test(clause.text)) return 'due';
  // “The timetable says 11 March, the module guide says 12 March. The correct date is 12 March.”
  if (says(before, /\b(?:syllabus|handbook|calendar|schedule|timetable|page|handout|sheet|guide|website|outline|brief) (?:still )?(?:says|said|has|lists|gives|shows|states)\s*(?:\w+day,?\s*)?(?:the )?$/i) && says(next?.text ?? '', /\b(?:the )?(?:correct|right|true|actual) (?:date|deadline|one|day) is\b/i)) return 'other';
  if (says(before, /\b(?:the )?(?:correct|right|true|actual) (?:date|deadline|one|day) is\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'due';
  // “She extended it to Thursday”: for everyone.
  if (says(before, /\b(?:she|he|they|the (?:prof(?:essor)?|ta|tutor|lecturer|instructor))(?: has| have)? (?:extended|moved|pushed|shifted|postponed) (?:it|this|that|the deadline) (?:back )?(?:to|until)\s*(?:\w+day,?\s*)?(?:the )?$/i) && !/\bfor (?:you|me)\b/i.test(clause.text)) return 'due';
  // “The essay was due on 15 March but the deadline has been extended to 22 March.”
  if (says(before, /\b(?:was|were) due(?: on)?\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,20}\bbut\b[^.;]{0,30}\b(?:extended|moved|changed|postponed|put back|pushed back|now)\b/i)) return 'other';
  if (says(before, /\bbut (?:the |this |its )?(?:deadline|due date|date|it)(?: has| have| was| is)?(?: now)?(?: been)? (?:extended|moved|changed|postponed|put back|pushed back) (?:to|until)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “Homework 3 stays on 25 February.”
  if (says(before, /\b[a-z]{3,} (?:\d{1,2}|[A-E]) (?:stays|remains)(?: due)?(?: on| at| by)?\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'due';
  // “New date for you is the 9th of April.”
  if (says(before, /\b(?:(?:the )?new (?:date|day|time|hand-?in date) for you|your (?:own |personal )?new (?:date|day|hand-?in date)) (?:is|will be)(?: now)?\s*(?:on\s*)?(?:\w+day,?\s*)?(?:the )?$|\b(?:the )?new (?:date|day|time) for you\s*:\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'extension';
  // “There is a grace period: papers that come in by 1 April aren't penalised.”
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,10}\b(?:are|is|will)(?:n['’]t| not)(?: be)? (?:penali[sz]ed|considered late|counted as late|treated as late|late)\b/i) && /\bgrace\b/i.test(`${previous?.text ?? ''} ${clause.text}`)) return 'other';
  // “Extensions: forms have to reach the office by 23 April.”
  if (says(before, /^\W*(?:extensions?|deferrals?|(?:mitigating|special|extenuating) circumstances)\s*:[^;]*\b(?:forms?|applications?|requests?|claims?|documents?|evidence|certificates?)\b[^;]*$/i)) return 'other';
  // “Rules for the report (approved by the board on 12 January)”.
  if (says(before, /\b(?:approved|adopted|passed|decided|amended|revised|published|issued|last (?:changed|updated|reviewed))(?: by [\p{L} ]{3,40}?)?(?: (?:on|in|at its meeting (?:on|of)|of))?\s*(?:\w+day,?\s*)?(?:the )?$/iu) && /^\s*[).\]]|^\W*$/.test(clause.text.slice(date.end - clause.start))) return 'other';
  // “The deadline printed on page 1 (5 April) is a bank holiday.”
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,6}\b(?:is|was|falls on) an? (?:bank |public |national |university )?holiday\b/i)) return 'other';
  // “On 12 March at 17:00 the link disappears.” “We expect your essay on 12 March by 17:00.”
  if (says(before, /^\W*(?:on\s+){1,2}(?:\w+day,?\s*)?(?:the )?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,14}?\b(?:the |this )?(?:link|box|folder|page|area|portal|upload|form) (?:disappears|closes|shuts|locks|goes|vanishes|is (?:closed|locked|removed|taken down|shut))\b/i)) return 'due';
  if (says(before, /\b(?:expect|want|need) (?:to (?:have|see|receive) )?(?:your|the) (?:essays?|papers?|reports?|work|files?|submissions?|assignments?|dissertations?|portfolios?)\b[^.;]{0,14}\b(?:on|by|before)\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'due';
  // “Registration opens on 1 March.” “Slides are available from 1 March.” “The exhibition closes on 11 December.”
  if (says(before, /^\W*(?:the |our |all )?(?:[a-z]+ )?(?:exhibition|show|play|library|office|shop|museum|registration|enrol?ment|sign-?up|conference|canteen|gallery|slides?|recordings?|lecture notes|notes|readings?|handouts?|tickets?|texts?)\b[^.;:]{0,14}\b(?:opens?|open|available|online|starts?|begins?)\b[^.;]{0,12}$|^\W*(?:the |our )(?:[a-z]+ )?(?:exhibition|show|play|library|shop|museum|canteen|gallery|conference|fair|festival)\b[^.;:]{0,14}\b(?:closes?|ends?|finishes)\b[^.;]{0,12}$|\b(?:the|our) (?:next|following) (?:[a-z-]+ )?(?:period|round|window|session|date|cycle|intake)\b[^.;]{0,10}\b(?:opens?|starts?|begins?)(?: (?:on|from))?\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “The deadline of 5 March no longer applies.”
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,20}\b(?:no longer (?:applies|holds|counts|valid)|is (?:cancelled|no longer valid|void|withdrawn|obsolete)|has been (?:cancelled|withdrawn|dropped))\b/i)) return 'other';
  // “12 March, 17:00 is the deadline.” “4pm, 11 December, no later.”
  if (says(before, /^\W*(?:\d{1,2}[:.]?\d{0,2} ?(?:[ap]\.?m\.?)?,? (?:on )?)?(?:\w+day,?\s*)?(?:the )?$/i) && says(clause.text.slice(date.end - clause.start), /^[,;–—\s-]{1,4}(?:and )?(?:no|not(?: a minute)?) later\b(?! than)/i) || /^\W*(?:\w+day,?\s*)?(?:the )?$/i.test(before) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,24}\bis (?:the|your|our) (?:final |absolute )?(?:deadline|due date|closing date|hand-in date|last day)\b(?! for)/i)) return 'due';
  // “I grant extensions if you ask by 14 May.”
  if (says(before, /\bextensions?\b[^.;]*\b(?:ask|request|apply|write|e-?mail|contact)(?:ed|s|ing)?\b[^.;]{0,24}\b(?:by|before|until|no later than)\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “If your internship ends after 15 June, …”
  if (says(before, /(?<!\blate )\bif (?:your|the) (?!(?:essay|paper|work|assignment|submission|report|file|project|thesis)\b)[^.;,]{3,40}\b(?:after|before|later than|earlier than)\s*$/i)) return 'other';
  // “For the practical on 15 March the deadline is 29 March.”
  if (says(before, /^\W*for (?:the|a|your) (?:[a-z]+ )?(?:practical|lab(?:oratory)?(?: session)?|session|class|experiment|seminar|workshop|field ?(?:trip|day)|visit|lecture|exercise)s? (?:held )?(?:on|of) (?:\w+day,? )?(?:the )?$/i) && /\b(?:deadline|due)\b/i.test(clause.text.slice(date.end - clause.start))) return 'other';
  const roles: [DateRole, RegExp][] = [
    ['other', /\b(?:(?:get|have|receive|see) (?:it|them|your \w+|the drafts?|comments) (?:all )?back\b(?! in (?:the|our|your) box)|(?<!\b(?:for|peer) )feedback|marks?|grades?|results?|(?<!\b(?:must|to|should) be )return(?:ed)?(?!(?<=return) (?:it|them|your|the (?:completed|finished|signed|file|exam|paper|answers|form))\b)|released? to you|seminar(?! (?:paper|essay|report|starts|begins|["“„]))|lecture(?! (?:starts|begins))|class(?! (?:paper|essay|report|site|page|folder|website|portal|starts|begins))|workshop(?! (?:paper|track|report|submission))|presentation(?! (?:slides|file|deck|recording|video|script|notes|handout|poster))|briefing|published|assigned(?=\s*:)|(?<!\b(?:final|revised|first|second|last|new|corrected) )version|dated|(?<!\b(?:due|closing|opening|start|starting|release|submission|hand[- ]?in|deadline|end|final|latest|last|target|upload|return|delivery)\s)date(?! (?:(?:of|for) (?:submission|hand|delivery)|and time\)))|posted|last (?:updated|modified)|issued|office hours?|drop-?in|tutorial|exam(?:ination)? (?:is|takes)|field trip|meeting|defen[cs]e|viva|registration|(?:term|course|semester|module|teaching|block|session|week)s?(?: \d{1,2})? (?:starts?|ends?|begins?|finish(?:es)?)|reading week|late (?:submissions?|work)|cut[- ]?off|request\w*|apply|will be (?:back|returned|available)|(?<!\b(?:must|to|should) be )sent|(?<!\b(?:uploaded|submitted|handed in|submits|uploads)\b[^.;]{0,40})on behalf)\b/gi],
    ['extension', /\b(?:extension|extended (?:deadline|due date|until|to)|individual deadline|your (?:new|personal|own) (?:deadline|due date)|(?:new |extended |individual )?deadline for you|granted)\b/gi],
    ['opens', /\b(?:opened|(?:questions?|tasks?|exam|topics?|paper|brief) (?:will )?go(?:es)? (?:online|live)|(?:is|are|will be) (?:put|placed|made available) online|you (?:will )?(?:get|receive) the (?:questions?|paper|task|topic)|(?:can|may) (?:access|open|see|download|collect) (?:the |it|your )?[a-z ]{0,20}from|opens?|opening|becomes (?:active|available|visible)|(?:goes?|is|are|will go) (?:live|online)|open from|available(?: (?:from|on)|(?=\s*:))|from|(?<!\bbefore (?:the |our |your )?(?:class|lecture|seminar|session|tutorial|lesson|workshop)\s)(?<!\b(?:before|by) the )(?<!\b(?:before|when|once|after|until|till) (?:you|we) )starts?|release(?:d)?|submissions? (?:can be made )?from|not before|no earlier than|not earlier than|set on|(?:accepted|possible|allowed|taken) (?:from|as of|as from|starting)|(?:begin|start)(?: (?:it|writing|the exam))?(?: at any time)? after)\b/gi],
    ['due', /\b(?:due|deadline|end date|before (?:the |our )?(?:class|lecture|seminar|session|tutorial|lesson|workshop) (?:starts|begins)|before you (?:press|submit|upload|hand|send)|delivery date|(?:last|final) (?:possible )?(?:date|day)|date for (?:handing(?: it)? in|submitting|uploading)|handing-?in date|link expires|by|no later than|not later than|until|till|closes?|closing|shuts?|disappears?|vanish(?:es)?|(?:(?:is|are|will be|gets?)|['’]s) (?:locked|switched off|taken down|closed|shut|emptied)|ends?(?=\s*[:|])|(?<=\b(?:window|period|exam|paper|upload|submission)\s)ends|before|latest|submit(?:ted)?|hand(?:ed)?(?:[- ]| it | them | your \w+ )in|submission(?:s)?(?: date| time)?|turn(?:ed)? in|(?<=\b(?:must|to|should) be )returned|when(?=\s*[:?]| and where\b)|(?<=^\W{0,4})when(?=\W*$)|(?<=^\W{0,4})day and (?:hour|time)(?=\s*:)|to)\b/gi],
  ];
  const last = (text: string): { role: DateRole; at: number } | null => {
    let best: { role: DateRole; at: number } | null = null;
    for (const [role, pattern] of roles) for (const m of eachIn(text, pattern)) if (!best || m.index > best.at || (m.index === best.at && role !== 'due')) best = { role, at: m.index };
    return best;
  };
  if (says(before, /\b(?:received|submitted|handed in|arriving|uploaded|turned in)\s+(?:at all )?after\b[^.;]{0,30}$/i) && says(clause.text.slice(date.end - clause.start), /\b(?:late|penal\w+|not (?:be )?(?:accepted|marked|read)|refused|rejected|lose)\b/i)) return 'due';
  // “Feedback: 15 working days after submission (2 February 2027)”; “work that arrives by 10am on Tue 8 Dec loses 10 %”.
  if (says(before, /^\W*(?:feedback|(?:provisional )?marks|results)(?: (?:and|&) \w+)?(?: (?:date|due|returned?|release))?\s*:/i)) return 'other';
  if (says(before, /^\W*(?:work|essays?|papers?|reports?|submissions?|files?|anything|scripts?)(?: that| which)? (?:arrives?|arriving|comes? in|coming in|received|handed in|submitted|uploaded) (?:by|before|until)\b[^.;]{0,20}$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,20}\b(?:loses?|costs?|minus|is capped|are capped|penali[sz]ed|gets? (?:a )?(?:deduction|penalty))\b/i)) return 'other';
  // “The date in the module guide (Thursday 3 December) therefore becomes Sunday 13 December for you.”
  const becomes = /\b(?:date|deadline|day)\b[^.;]*\b(?:becomes|is now|changes to|moves to)\s*(?:\w+day,?\s*)?$/i;
  if (says(before, becomes) && /^[^.;]{0,24}\bfor you\b/i.test(after)) return 'extension';
  if (says(before, /\b(?:date|deadline|day) (?:in|on|given in|set in|stated in|of) (?:the |your )[\w ]{3,30}[(,]?\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,20}\)?[^.;]{0,14}\b(?:becomes|is now|changes to|moves to)\b[^.;]*\bfor you\b/i)) return 'due';
  // “For this module that date is Monday 14 December.”
  if (says(before, /^\W*(?:for|in) (?:this|your|our) (?:module|course|unit|paper|essay|year|assignment)[^.;]{0,20},? (?:that|the|this) (?:date|day) is\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) && previous && says(previous.text, /\b(?:submitted|handed in|uploaded|due|deadline|no later than)\b/i)) return 'due';
  // “Handing in is possible as of 1 May and ends on 8 May.”
  const possible = /\b(?:hand(?:ing)?[- ]?in|submissions?|submitting|uploads?|uploading) (?:is|are|will be) (?:possible|open|allowed|enabled|accepted|taken)\b/i;
  if (says(before, possible) && says(before, /\b(?:as of|as from|from|starting(?: on)?|beginning(?: on)?)\s*(?:\w+day,?\s*)?$/i)) return 'opens';
  if (says(before, possible) && says(before, /\b(?:ends?|stops?|finish(?:es)?|is over)(?: on| at)?\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “We have agreed to give you five more days, i.e. until Friday 23 April.”
  if (says(before, /\b(?:give|giving|given|allow(?:ed|ing)?|grant(?:ed|ing)?) you (?:an? )?(?:[a-z]+|\d{1,2}) (?:(?:more|extra|additional|further) )?(?:days?|weeks?|hours?)\b(?:[^.;]|\bi\.e\.){0,30}\b(?:until|till|to)\s*(?:\w+day,?\s*)?$/i)) return 'extension';
  // “At the end of the module (Friday 21 May, 6pm) you upload the complete journal.”
  if (says(before, /\b(?:at|by) the end of (?:the |our |your )?(?:module|course|term|semester|unit|block|project)\s*\(?\s*(?:\w+day,?\s*)?$/i) && says(after, /^[^.;]{0,12}\)?,? (?:you|we|each of you|everyone) (?:then )?(?:must |should |will |have to )?(?:upload|submit|hand in|send)\b/i)) return 'due';
  // “Papers submitted on May 11 will lose 10 points.”
  if (says(before, /\b(?:submitted|handed in|received|uploaded|arriving|turned in) on\s*(?:\w+day,?\s*)?$/i) && says(after, /^[^.;]{0,20}\b(?:los\w+|cost\w*|minus|(?:is|are|will be) (?:capped|penali[sz]ed|marked down|deducted))\b/i)) return 'other';
  // “The brief circulated on 1 February”.
  if (says(before, /\b(?:circulated|distributed|handed out|sent out|e-?mailed|posted|issued|published)(?: to you)? (?:on\s*)?(?:\w+day,?\s*)?$/i) && says(before, /\b(?:brief|sheet|handbook|version|document|guide|instructions|notice|e-?mail|letter|information)\b[^.;]{0,14}\b(?:circulated|distributed|handed out|sent out|e-?mailed|posted|issued|published)\b/i)) return 'other';
  if (says(before, /\bhanded out (?:on|at)\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /\b(?:to be|must be|is) (?:delivered|handed in|submitted|returned)\b/i)) return 'opens';
  // “This area won't open before 1 March.”
  if (says(before, /(?:\b(?:not|never)|n['’]t)\b[^.;,]{0,20}\bopen(?:ed)? (?:before|until|till)\s*(?:\w+day,?\s*)?$/i)) return 'opens';
  // “It's handed out on 10 May and must be handed in 72 hours later.”
  if (says(before, /\b(?:handed out|given out|released|published|posted|issued|sent out)(?: to you)? (?:on|at)\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /\b(?:hand(?:ed)? (?:it )?in|submit(?:ted)?|return(?:ed)?|uploaded?|due)\b/i)) return 'opens';
  // “From 15 March the usual 5 marks per day apply.” “No extension will be given after 26 August.” “(Paper 1 was 2 March)”.
  if (says(before, /^\W*(?:from|as of|starting)\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,40}\b(?:marks?|points?|%|per ?cent|penalt(?:y|ies))\b[^.;]{0,30}\b(?:per|a|each|every) (?:\w+ )?day\b/i)) return 'other';
  if (says(before, /\bno (?:more |further )?extensions?\b[^.;]{0,40}\b(?:after|beyond|past)\s*(?:\w+day,?\s*)?$/i)) return 'other';
  if (says(before, /\((?:[A-Z][\w ]{2,20} )?(?:was|were)(?: due)?(?: on)?\s*(?:\w+day,?\s*)?$/) && /^[^()]{0,20}\)/.test(after)) return 'other';
  // “With regard to your application of 2 March”.
  if (says(before, /\b(?:application|letter|e-?mail|request|message|notice|inquiry) (?:of|dated|from|sent on)\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “Tutorials are on Tuesdays (group A: 16 February, group B: 23 February).”
  if (says(before, /\b(?:tutorials?|seminars?|classes|lectures?|sessions?|labs?|meetings?) (?:are|is|take[s]? place|meets?) (?:on|at)\b[^.;]*$/i) && !says(before, /\b(?:due|deadline|submit|hand(?:ed)? (?:it )?in|upload)\b/i)) return 'other';
  // “15 Feb   topic approved by supervisor”.
  if (/^\W*$/.test(before) && says(clause.text.slice(date.end - clause.start), /^\W*(?:the |your )?(?:topics?|titles?|supervisors?|ethics(?: form)?|groups?|pairs?)\b[^.;:]{0,20}\b(?:approved|agreed|chosen|registered|fixed|settled|confirmed|assigned|formed)\b/i)) return 'other';
  // “Decisions by 15 April. Revised versions due 15 May.”
  if (says(before, /^\W*(?:decisions?|notifications?|replies|answers)(?: will be (?:made|sent))? (?:by|on|until|before)\s*(?:\w+day,?\s*)?$/i) || says(before, /^\W*revised (?:versions?|manuscripts?|papers?) (?:are )?due\b/i) && previous && says(previous.text, /\b(?:decisions?|notifications?|reviews?)\b/i)) return 'other';
  // “The deadline in the handbook, 12 March, is wrong. It should read 19 March.”
  if (says(before, /^\W*(?:it|this|that) should (?:read|be|say|have (?:read|been|said))\s*(?:\w+day,?\s*)?$/i) && previous && says(previous.text, /\b(?:deadline|due date|date)\b[^.;]*\b(?:wrong|incorrect|a mistake|a misprint|an error|a typo)\b/i)) return 'due';
  // “Hand it in by class on Thursday, Feb 18”; “e-mail it before the seminar on 2 March”.
  if (says(before, /\b(?:due|hand(?:ed)?|turn(?:ed)?|submit(?:ted)?|upload(?:ed)?|e-?mail(?:ed)?|send|sent|deliver(?:ed)?|post(?:ed)?|bring)\b(?:[^.;]|\.(?=\w))*\b(?:by|before|no later than|not later than)\s+(?:the )?(?:(?:start|beginning) of )?(?:the |our |your )?(?:next )?(?:class|seminar|lecture|tutorial|session|workshop|lab(?: session)?|exercise class|meeting)\s+on\s*(?:\w+day,?\s*)?$/i) && !/\bnot (?:due|handed|submitted)\b/i.test(before)) return 'due';
  const replaced = movedRole(before, clause.text.slice(date.end - clause.start), previous?.text ?? '', next?.text ?? '');
  if (replaced) return replaced;
  // “The deadline was 5 March; because of the storm it is now 8 March.”
  if (says(before, /\b(?:deadline|due date|hand-?in(?: date)?) was (?:originally |to be )?(?:on )?(?:\w+day,?\s*)?$/i) && says(`${clause.text.slice(date.end - clause.start)} ${next?.text ?? ''}`, /\b(?:it is now|it['’]s now|now it is|now it['’]s|has (?:now )?been moved to|the new (?:one|date) is)\b/i)) return 'other';
  if (says(before, /\b(?:it is now|it['’]s now|now it is|now it['’]s)\s*(?:on )?(?:\w+day,?\s*)?$/i) && says(`${previous?.text ?? ''} ${before}`, /\b(?:deadline|due|hand-?in|submission)\b/i)) return 'due';
  // “Hand in via the link in the e-mail that you will receive on 1 March.”
  if (says(before, /\b(?:e-?mail|link|message|letter|code)\b[^.;]{0,20}\byou(?:['’]ll| will)? (?:receive|get|be sent)\b[^.;]{0,10}\bon\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “Noon on Monday 22 February (handbook: Friday 19 February)”.
  if (says(before, /\((?:the )?(?:handbook|syllabus|module guide|printed|old|formerly|previously|originally|last year)\s*:\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “We upload them for you on 15 March.”
  if (says(before, /\b(?:we|the (?:school|office|department)|I)(?: will|['’]ll)? (?:upload|forward|send|pass)s? (?:them|it|your \w+|everything|all \w+)(?: on)?(?: for you| on your behalf| to the \w+)? on\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “A two-page plan on 12 February, which goes to your supervisor and is not marked.”
  if (says(before, /\b(?:draft|plan|outline|proposal|sketch)\b[^.;]*$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,80}\b(?:is|are|will) not (?:be )?(?:marked|graded|assessed|uploaded)\b/i)) return 'other';
  // “Rebuttal period: 12–14 April”.
  if (says(before, /^\W*(?:rebuttal|review|response|feedback|marking|grading|consultation) (?:period|phase|window)\s*:/i)) return 'other';
  // “Due three weeks after the start of term, i.e. on 22 March.”
  if (says(before, /^\W*(?:it(?: is|['’]s) )?due\b[^.;]{0,40}\b(?:after|before|from) (?:the )?(?:start|beginning|end) of (?:the )?(?:term|semester|module|course|year)\b(?:[^;]){0,14}$/i)) return 'due';
  // “By 9 March, or, if you were ill, by 16 March with a certificate.”
  if (says(before, /\bor,? (?:if|where|when|in case) (?:you(?:['’]re| are| were| have been) (?:ill|sick|unwell|absent)|(?:of )?illness)[^.;]{0,20}\b(?:by|until|before|on)\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “The deadline on the website (26 March) is wrong.”
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,8}\)?\s*(?:is|was) (?:wrong|incorrect|a mistake|a misprint|an error|out of date)\b/i)) return 'other';
  // “On the day of your viva, which is between 7 and 11 June.” “Drafts by 1 April if you want comments.” “The deadline of 1 March has been cancelled.”
  if (says(before, /\b(?:day|date|week) of (?:your|the) (?:viva|exam|presentation|defen[cs]e|talk|session|lesson)\b[^.;]{0,24}$/i)) return 'other';
  if (says(before, /\b(?:send|e-?mail|give|hand in|submit|upload|bring) (?:me |us )?(?:your |a |any )?(?:first |rough |full )?(?:drafts?|outlines?)\b[^.;]{0,24}\b(?:by|until|before)\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,14}\bif you(?:['’]d like|['’]d want| want| would like| need| wish)\b/i)) return 'other';
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,14}\b(?:has been|is|was) (?:cancelled|canceled|withdrawn|lifted|void|suspended|no longer valid)\b/i)) return 'other';
  // “Eight weeks after registration (yours: 4 June).” “In the office's inbox by the end of office hours (16:00) on 30 June.” “On my desk on 10 May.”
  if (says(before, /\b(?:due date|deadline|due)\b[^.;]*\((?:yours|for you|in your case)\s*(?::|is|=)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\b(?:must|should|has to|have to|needs? to) be (?:in|at|with|on)\b[^.;]*\bby the end of (?:office|business|opening) hours\b[^.;]{0,24}$/i)) return 'due';
  if (says(before, /\b(?:on my desk|in my (?:inbox|mailbox|pigeonhole|tray))\s*(?:on|by|before)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\b(?:grading|marking|teaching|lecture|exam) (?:period|block|phase|term) (?:ends|is over|finishes|closes)\s*(?:on|at)?\s*(?:\w+day,?\s*)?$/i)) return 'other';
  if (says(before, /\b(?:last|final|latest) (?:date|day) for (?:everybody|everyone|all)(?: is|:)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\b(?:regular|normal|usual) (?:date|deadline) (?:is|was)\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “At 17:30 on 22 April I'll download whatever is in the folder.”
  if (says(clause.text.slice(date.end - clause.start), /^[^.;]{0,6}\)?,? (?:I|we)(?:['’]ll| will) (?:download|collect|fetch|take|read|mark) (?:whatever|everything|what|all)\b/i)) return 'due';
  // “Essays in: 12 April.” “12 April: essays in.” “14 June, 5.30 p.m. – that's when your essay needs to be in.” “If you want your grade before the summer, hand in by 31 May.” “Term papers: 30 September at the latest.”
  if (says(before, /^\W*(?:the )?(?:essays?|papers?|reports?|portfolios?|assignments?|coursework|thes[ei]s|dissertations?|work) in\s*:\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (/^\W*$/.test(before) && says(after, /^\s*[:–-]?\s*(?:all )?(?:essays?|papers?|reports?|portfolios?|assignments?|coursework|thes[ei]s) (?:are |must be |have to be )?in\b(?! class)/i)) return 'due';
  if (says(clause.text.slice(date.end - clause.start), /^(?:m\.)?[\s,–-]*that(?:['’]s| is) when (?:your|the) \w+ (?:needs?|has|have|must)(?: to)? be (?:in|here|with us|submitted|handed in)\b/i)) return 'due';
  if (says(before, /^\W*if you (?:want|need|would like|['’]d like) (?:your|the|a) (?:grade|mark|result|feedback|certificate)s?\b[^.;]*\b(?:hand|submit|upload)\b[^.;]*$/i)) return 'other';
  if (/^[\s,]*at the (?:very )?latest\b/i.test(after) && says(before, /\b(?:essays?|papers?|reports?|portfolios?|assignments?|coursework|thes[ei]s|dissertations?|work|hand|submit|upload|in)\b/i) && !says(before, /\b(?:feedback|marks|results|grades|returned|request|apply)\b/i)) return 'due';
  // “The new semester starts on 1 October.”
  if (says(before, /\b(?:semester|term|academic year|lecture period|lectures|classes|teaching) (?:starts?|begins?|resumes?)(?: again)?(?: on)?\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “For everybody who hands in on time (before 10 am on 22 March).”
  if (says(before, /\b(?:hands?|handed|submits?|submitted|uploads?|uploaded) (?:it |their \w+ )?(?:in )?on time \((?:before|by|until)\b[^()]{0,24}$/i)) return 'due';
  // “Your request for an extension beyond 15 March can't be granted.”
  if (says(before, /\bextension (?:beyond|past|after|until|to)\s*(?:\w+day,?\s*)?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,20}(?:\b(?:cannot|can ?not|could not|was not|is not|has not been|not)\b|n['’]t\b)[^.;]{0,10}\b(?:granted|approved|given|possible|accepted)\b/i)) return 'other';
  // “If you have been granted an extension, your deadline is 19 March instead of 12 March.”: whether one was granted is open.
  if (says(before, /^\W*(?:if|where|should) you (?:have been|were|are|get|be) granted (?:an? )?(?:extension|extra time|more time)\b/i)) return /\binstead of\s*(?:\w+day,?\s*)?$/i.test(before) ? 'due' : 'other';
  // “Week 8 starts on 1 March.”
  if (says(before, /^\W*(?:teaching |term )?week \d{1,2} (?:starts|begins|is)\b[^.;]{0,20}$/i)) return 'other';
  // “We can give you until 26 March to hand in your essay (original due date: 12 March).”
  if (says(before, /\b(?:can|will|are able to|are happy to) (?:give|allow|grant) you (?:more time )?(?:until|till|to)\s*(?:\w+day,?\s*)?$/i)) return 'extension';
  if (says(before, /\b(?:give|allow|grant) you (?:more time )?(?:until|till|to)\b[^;]*\((?:the )?(?:original|former|class|normal|usual) (?:due date|deadline|date)\s*:?\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “It was supposed to be due this Friday (Feb 12), now it's due the Friday after (Feb 19).”
  if (says(before, /\b(?:was|were) (?:supposed|meant|going|planned) to be (?:due|handed in|submitted)\b[^,;]{0,24}$/i)) return 'other';
  if (says(before, /\bnow (?:it(?: is|['’]s)|they(?: are|['’]re)) due\b[^;.]{0,24}$/i)) return 'due';
  // “Deadlines are at 3 pm …; for SPAN2001 it is 24 February”; “by the 10th of the month; for a start in May that is 10 April”.
  if (says(before, /^\W*for (?:[A-Z]{2,}\s?\d{2,}|this (?:module|course|essay|task|year)|you(?:r \w+)?|a start in \w+|[\w ]{3,24}) (?:it|this|that) is\s*(?:on\s*|by\s*)?(?:\w+day,?\s*)?(?:the\s*)?$/i) && previous && says(previous.text, /\b(?:deadlines?|due|by the \d{1,2}(?:st|nd|rd|th)|hand(?:ed)? (?:it |them )?in|closing)\b/i)) return 'due';
  // “If you need an extension, ask before 1 March.”
  if (says(before, /\b(?:if you need|for|to get|to request|to ask for) (?:an? )?(?:extension|more time|extra time)\b[^.;]{0,24}\b(?:ask|apply|write|request|tell|contact|let)\b[^.;]{0,30}\b(?:before|by|until|no later than)\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “Hand it in twice: at mid-term (26 February) and at the end of term (23 April).”
  if (says(before, /\bhand (?:it|them|your \w+) in (?:twice|two times|three times)\s*:[^;]*\(?\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “You have an extension until 21 May (all others: 14 May).”
  if (says(before, /\byou have an? (?:approved )?extension (?:until|till|to)\b[^;]*\((?:all |the )?(?:others|everyone else|rest)\s*:?\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\byou have an? (?:approved )?extension (?:until|till|to)\s*(?:\w+day,?\s*)?$/i)) return 'extension';
  // “Your new personal deadline is 9 April; for all other students it was 26 March.” “The cut-off for uploading is 2 May.”
  if (says(before, /\byour (?:new )?(?:personal|individual|own) (?:deadline|due date) is\s*(?:\w+day,?\s*)?$/i)) return 'extension';
  if (says(before, /^\W*for (?:all (?:the )?(?:other|others)|everyone else|the other|other)(?: students)?,? it (?:was|is|remains|stays)\s*(?:\w+day,?\s*)?$/i) && previous && says(previous.text, /\byour (?:new )?(?:personal|individual|own|extended)? ?(?:deadline|due date|extension)\b/i)) return 'due';
  if (says(before, /\bcut-?off for (?:uploading|submissions?|submitting|handing (?:it )?in|uploads?|hand-?ins?) is\s*(?:at\s*)?(?:\d[\d:.]*(?: ?[ap]m)?\s*on\s*)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “Handing-in date: on or before 14 June.”
  if (says(before, /^\W*(?:handing[- ]in|submission|hand-?in|delivery) date\s*[:|]\s*(?:on or before|no later than|at the latest|by)\s*(?:\w+day,?\s*)?(?:the )?$/i)) return 'due';
  // “Opening of the hand-in period: 1 June”; “I want it on 8 February”.
  if (says(before, /^\W*(?:opening|start|beginning) of (?:the )?(?:hand-?in|submission|upload)(?: period| window| phase)?\s*[:|–]\s*(?:\w+day,?\s*)?$/i)) return 'opens';
  if (says(before, /\bI(?:['’]d like| would like| want| need| expect) (?:it|them|your \w+|the \w+) (?:on|by|before)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “When: last class meeting, i.e. Wednesday April 28”.
  if (says(before, /^\W*(?:when|due(?: date)?|deadline|hand-?in)\s*:[^.;]{0,20}\b(?:last|final) (?:day of (?:class(?:es)?|term|teaching)|class|session|meeting)\b[^;]{0,20}$/i)) return 'due';
  if (says(before, /\bcut-?off (?:date |time )?for late (?:submissions?|work|papers?|essays?|hand-?ins?) is\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return 'other';
  // What a cut-off is depends on whether there is a deadline before it: that is seen later.
  if (says(before, /\bcut-?off(?: date| time)?\s+(?:is|remains|stays)(?: (?:still|now|therefore|then|again|always|also))?\s*(?:on\s+)?(?:\d[\d:.]*(?: ?[ap]m)?,?\s+(?:on\s+)?)?(?:(?:this|next)(?: coming)?\s+)?(?:\w{3,6}day,?\s*(?:(?:next )?week\s*)?\(?)?(?:the\s+)?$/i)) return 'other';
  if (says(before, /\bopens?(?: for (?:submissions?|uploads?|hand-?ins?|business))?(?: at [\d:.apm ]+)?\s*(?:on|from|at)?\s*(?:\w+day,?\s*)?$/i)) return 'opens';
  // “It will accept files from 8:00 on 12 April and will stop accepting them at 20:00 on 16 April.”
  if (says(before, /\b(?:stops?|stopped|cease[sd]?) (?:accepting|taking)\b[^.;\d]{0,14}(?:\b(?:at|on|by)\s*)?(?:\d[\d:.]*(?: ?[ap]m)?\s*on\s*)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “The deadline was printed as 31 April in the syllabus”.
  if (says(before, /\b(?:printed|given|stated|listed|announced|shown) (?:wrongly |incorrectly |by mistake )?as\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “By the time class starts on Tuesday, 9 March”; “it is now Thursday, 1 April”.
  if (says(before, /\b(?:by the time|before|when) (?:the )?(?:class|lecture|seminar|tutorial|session) (?:starts|begins)\s*(?:on\s*)?(?:\w+\.?,?\s*)?$/i) && says(before, /\b(?:due|submit\w*|hand\w*|upload\w*|deadline|send|inbox)\b/i)) return 'due';
  if (says(before, /^\W*(?:it(?: is|['’]s)|the (?:new )?(?:deadline|due date) is) now\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) && previous && says(`${previous.text} ${before}`, /\b(?:deadline|due|hand-?in|submission)\b/i)) return 'due';
  // “When: before class on Tuesday, Feb. 16”; “the date doesn't change (still Fri 12 March at 4 p.m.)”.
  if (says(before, /^\W*(?:when|date|deadline|hand-?in|submit(?:ted)?|due)\b[^.;\d]{0,14}\bbefore (?:the )?(?:class|seminar|lecture|lab|tutorial|session)(?: starts| begins)?,?\s*(?:on\s*)?(?:\w+,?\s*)?$/i) || says(before, /\b(?:date|deadline|hand-?in|due)\b[^.;]{0,30}(?:\bunchanged|\bsame|(?:\bnot|n['’]t) (?:change|move|moved|changed))\b[^.;]{0,6}\(?\s*(?:it['’]s |it is )?still\s*(?:on\s*)?(?:\w+,?\s*)?$/i)) return 'due';
  if (says(before, /\b(?:the )?(?:correct|right|actual) (?:date|deadline|day)(?: and time)? (?:is|remains)\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “Upload them before the Thursday lecture on 25 February”.
  if (says(before, /\b(?:upload|submit|hand (?:it |them )?in|send (?:it|them))\b[^;]{0,130}\bbefore (?:(?:the|our) )?(?:\w+day )?(?:lecture|class|seminar|tutorial)\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “The electronic version must be in the folder by 30 June.”
  if (says(before, /\b(?:electronic|digital|online|PDF) (?:version|copy|file)\b[^.;]{0,20}\b(?:must|should|has to|have to|is to|needs? to) (?:be (?:in|on|at|with)|reach|arrive)\b[^;]{0,80}\b(?:by|before|until|no later than)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\blate if\b[^.;]{0,40}\bafter\b[^.;]{0,14}$/i)) return 'due';
  // “Extensions: yours has been approved until 28 September.” “Extensions are shown in your record; yours: until 5 May.”
  if (says(before, /\b(?:yours|your (?:extension|request|application)) (?:has been|was|is) (?:approved|granted|agreed|accepted)\b[^.;\d]{0,20}\b(?:until|till|to|up to)\s*(?:\w+day,?\s*)?$/i) && /\bextension|\bextra time|\bmore time/i.test(before) || says(before, /(?:^|[;,–(-]\s*)(?:and )?yours\b[\s:=]*(?:(?:is|runs|goes|lasts)\s+)?(?:until|till|to|up to)?\s*(?:\w+day,?\s*)?$/i) && /\bextensions?\b/i.test(`${previous?.text ?? ''} ${before}`)) return 'extension';
  // “Your own extended deadline: 19 March.”
  if (says(before, /\byour (?:own |personal |individual )?(?:extended|personal|individual) (?:deadline|due date|hand-?in(?: date)?)\b[^.;\d]{0,14}$/i)) return 'extension';
  // “Clocks change on 28 March”; “what arrives on 19 June or later is not considered”.
  if (says(before, /\bclocks? (?:change|go)\w*\b[^.;)]{0,20}$/i)) return 'other';
  if (says(before, /\b(?:arrives?|received|handed in|submitted|uploaded) on\s*(?:\w+day,?\s*)?$/i) && /^\s*or later\b/i.test(after)) return 'other';
  // “Two deadlines: report 12 April, slides 19 April.”
  if (says(before, /^\W*(?:(?:the |all )?(?:two|three|four|five) )?(?:deadlines|due dates|hand-ins|closing dates)\s*:[^:]*$/i)) return 'due';
  // “First attempt: 15 March. Resit: 16 August.”
  if (says(before, /^\W*(?:first|main|regular|original) (?:attempt|sitting)\s*[:–]\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “The test version closes on 1 March, the graded version on 8 March.”
  if (says(before, /\b(?:test|practice|trial|mock) (?:version|submission|upload|box|link|folder|area)s?\b[^.;,]{0,24}$/i)) return 'other';
  if (says(before, /\b(?:graded|real|actual|final) (?:version|one|submission)\s+(?:closes\s+|is due\s+)?(?:on\s+|by\s+)?(?:\w+day,?\s*)?$/i) && /\b(?:closes?|due|deadline)\b/i.test(before)) return 'due';
  // “Not 12 March but 15 March.”
  if (says(before, /\bnot (?:on )?(?:the )?\d[^.;]{2,24}\bbut\s*(?:on\s+)?(?:\w+day,?\s*)?$/i) && says(before, /\b(?:change|changed|correct\w*|deadline|due|hand-?in)\b/i)) return 'due';
  if (/\bnot\s*(?:on\s+)?(?:\w+day,?\s*)?$/i.test(before) && says(after, /^\s*but\s+(?:on\s+)?(?:\w+day,?\s*)?\d/i)) return 'other';
  // “Deadline extended! New date: 19 April.”
  if (says(before, /^\W*(?:the )?new (?:date|time)(?: and time)?\s*(?::|is|=|–)\s*(?:\w+day,?\s*)?$/i) && previous && says(previous.text, /\b(?:deadline|due|hand-?in|submission)\b/i)) return 'due';
  // “You were granted five extra days, so your deadline is 17 April rather than 12 April.”
  const moreTime = says(before, /\byou (?:were|have been|are|had been) (?:granted|given|allowed)\b[^.;]{0,60}\b(?:extra|more|additional|extension)\b/i), insteadOf = says(before, /\b(?:rather than|instead of|and not|not)\s*(?:on\s+|by\s+)?(?:\w+day,?\s*)?$/i);
  if (moreTime && says(before, /\byour (?:new )?(?:deadline|due date) is\b/i)) return insteadOf ? 'due' : 'extension';
  // “If you have an approved extension, submit by 26 April”: not said to all.
  if (says(before, /^\W*(?:but )?(?:if|where) you have (?:an? )?(?:(?:approved |granted |agreed )+(?:extension|extra time|adjustment)|(?:approved |granted |agreed )*(?:extension(?= (?:of|by) )|(?:(?:learning|disability|individual|student|reasonable|study|access) )+(?:support|access|adjustments?|needs)?\s?(?:plan|agreement|statement|summary|adjustments?)))/i) && !says(before, /\b(?:all )?others\b|\beveryone else\b/i)) return 'other';
  // “The deadline has been extended to 18 March” is said to all.
  if (says(before, /\b(?:the|this|our) (?:[\w-]+ )?(?:deadline|due date|closing date|hand-?in(?: date)?|submission (?:date|deadline))\b[^.;]{0,60}\b(?:has been|have been|was|is|will be) (?:now )?extended\b[^.;]{0,30}\b(?:to|until|till)\s*(?:\w+day,?\s*)?(?:the )?$/i) && !says(before, /\b(?:your?|yours|student|candidate)\b/i)) return 'due';
  if (says(before, /\b(?:closed|locked|unavailable|not available|no longer (?:open|available)) from\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “Handed in by the start of next week’s lab (Tuesday 16 March)”.
  if (says(before, /\b(?:by|before|at) the (?:start|beginning) of (?:the |our |your )?(?:next |this )?(?:week['’]s )?(?:\w+ )?(?:lab|class|seminar|lecture|tutorial|session|workshop|meeting)\b[^.;]{0,10}$/i) && says(before, /\b(?:due|submi\w*|hand\w*|upload\w*|deadline)\b|^\W*when\s*[:?]/i)) return 'due';
  // “For HI2050 the published date is Wednesday 17 March.”
  if (says(before, /\b(?:published|set|stated) (?:date|day)(?: for [\w ]{2,20})? is\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “If you’re in the Wednesday group, … your deadline is 14 April”: not said to all.
  if (says(before, /^\W*(?:but )?if you(?:['’]re| are) in (?:the )?[\w ]{1,20}(?:group|class|section|stream|cohort)\b/i)) return 'other';
  // “… has been extended from Thursday 4 March to Monday 8 March”.
  const moved = String.raw`\b(?:deadline|due date|hand-?in|submission)\b[^.]*\b(?:extended|moved|moves|postponed|changed|changes|pushed back|brought forward|put back|shifts|shifted)(?: by [\w ]{3,20}?)?(?: for [\w ]{3,20}?)?,?\s+from\b`;
  // “The hand-in on Monday 5 April has been moved to Tuesday 6 April.”
  if (says(before, /\b(?:deadline|due date|hand-?in|submission)\b[^.;]{0,20}$/i) && says(after, /^[^.;,]{0,20}\b(?:has been|is|was|will be) (?:now )?(?:moved|postponed|changed|extended|pushed back|put back|brought forward) (?:to|until)\b/i)) return 'other';
  if (new RegExp(`${moved}\\s*(?:\\w+day,?\\s*)?$`, 'i').test(before)) return 'other';
  if (new RegExp(`${moved}[^.]*\\bto\\s*(?:\\w+day,?\\s*)?$`, 'i').test(before)) return 'due';
  if (says(before, /\((?:it )?(?:was|were|before|formerly)\s*:?\s*(?:\w+day,?\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\.?,?\s*)?$/i)) return 'other';
  if (says(before, /\bnot be (?:available|reachable|online|open)\s*(?:on\s*)?(?:\w+day,?\s*)?$/i)) return 'other';
  // “Papers due on Saturday, 12:00 will be accepted until Saturday, 20:00.”
  if (/\bdue\b[^.;)]{0,8}(?:\w+day,?\s*)?$/i.test(before) && says(clause.text.slice(before.length + date.end - date.start - lead), /^[^.;]{0,30}\)?\s*(?:will|are) (?:therefore |now |thus )?(?:be )?accepted (?:until|till|up to)\b/i)) return 'other';
  // “You may submit until 19 March instead of 12 March.”
  const granted = /\byou (?:may|can) (?:submit|hand in|upload)\b[^.;]{0,40}\b(?:until|till|by)\b/i;
  if (says(before, granted) && says(before, /\b(?:until|till|by)\s*(?:\w+day,?\s*)?$/i) && /^[^.;]{0,40}\binstead of\b/i.test(clause.text.slice(before.length + date.end - date.start - lead))) return 'extension';
  if (says(before, granted) && /\binstead of\s*(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  // “(previously 4 December)”, “instead of 8 March”.
  if (says(before, /\b(?:previously|formerly|originally|instead of|rather than|used to be|no longer)\s*(?:on\s+|by\s+|due\s+|the\s+)*(?:\w+day,?\s*)?(?:the\s+)?$/i) && !/\b(?:was|were) originally\b/i.test(before)) return 'other';
  // “until Friday for the Thursday group only”.
  if (says(after, /^[\s,]*(?:at |by )?(?:\d[\d:.apm ]*|noon|midnight)?\s*\(?for (?:the |students in |those in )?[\w -]{2,30}\b(?:group|class|cohort|section|students|stream)s?\b(?: only)?/i) && /\bextension\b/i.test(before)) return 'other';
  if (says(before, /\bdue\b[^.;]{0,30}\b(?:class|lecture|seminar|tutorial|workshop)(?: time| meeting)?(?:,| on|\s*\()?\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “The handbook says 19 March. The module page says 26 March.”
  if (says(before, /\b(?:handbook|page|site|website|brief|guide|guidelines|syllabus|calendar|document|list|form|mail|office|timetable|portal|schedule)\s+says\s+(?:it is (?:due )?(?:on )?)?(?:\w+day,?\s*)?$/i) && previous && last(previous.text)?.role === 'due') return 'due';
  if (says(before, /\babout the (?:due |hand-?in )?(?:date|deadline|time)\b[^.;:]{0,14}:\s*(?:\w+day,?\s*)?(?:the\s*)?$/i)) return 'due';
  if (/^so:?\s*(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  // “The exam paper is posted at 9:00 on Tuesday 4 May”; “Release: Monday … / Return: Wednesday …”.
  if (says(before, /\b(?:exam(?: paper)?|question(?:s| paper)?|tasks?|assignment|case)\s+(?:is|are|will be)\s+(?:posted|released|published|made available)\b[^.;]{0,24}$/i)) return 'opens';
  if (says(before, /^\W*posted\s*:\s*(?:\w+day,?\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\.?,?\s*)?$/i) && date.iso.length > 10 && previous !== undefined && says(previous.text, /\b(?:exam|assignment|take-?home|course code)\b/i)) return 'opens';
  if (says(before, /^\W*return(?:ed)?(?: by)?\s*[:|–-]\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\((?:for this (?:module|course|assignment|essay|year)|this (?:year|term))\s*:\s*(?:\w+day,?\s*)?$/i) && says(before, /\b(?:by|due|deadline|submitted|no later than)\b/i)) return 'due';
  if (says(before, /\b(?:next|another|second) (?:opportunity|chance|round|hand-?in|deadline)\b[^.;]{0,14}$/i)) return 'other';
  if (says(before, /\b(?:counted|counting|measured|calculated) from\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “The essay due on 9 February is now due on 11 February.”
  if (/\b(?:was |were )?due\b[^.;]{0,14}$/i.test(before) && /^[^.;]{0,20}\b(?:is|are) now due\b/i.test(clause.text.slice(before.length + date.end - date.start - lead))) return 'other';
  if (says(before, /\bif you (?:have not|haven['’]t) (?:yet )?(?:handed|submitted|uploaded|done)\b[^.;]*\bby\s*(?:\w+day,?\s*)?$/i) || says(before, /\(?\bfirst (?:one|sheet|set)\s*(?:on |is |due )*(?:\w+day,?\s*)?$/i) || /\bfirst (?:one|sheet|set)\b/i.test(clause.text.slice(before.length, date.end - clause.start))) return 'other';
  if (says(before, /\b(?:starts?|begins?|opens?)\b[^;]*\bends?\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) && says(before, /\b(?:project|assignment|task|exam|submission|window|period|essay|paper)\b/i)) return 'due';
  // “Final grades due May 17”, “the fee is due on 1 June”; “last day of classes May 4”.
  if (says(before, /\b(?:grades|marks|fees?|deposit|payment|rent)\b[^.;]{0,16}\bdue\s*(?:on\s*|by\s*)?(?:\w+day,?\s*)?$/i) || says(before, /(?<!\b(?:due|by|submit\w*|deadline|opens?|open from|available|closes?|shuts?|until)\b[^.;]{0,40})\blast day of (?:class(?:es)?|term|teaching|lectures|school|the semester)\s*(?:is\s*|on\s*|:\s*)?(?:\w+day,?\s*)?$/i)) return 'other';
  // “If you were granted extra time, you may hand in until 25 May.”
  if (says(before, /^\W*(?:but )?if you (?:were|are|have been|had been) (?:granted|given|awarded|allowed|entitled)\b/i)) return 'other';
  // “Late submission deadline: 14 September”.
  if (says(before, /(?:^|[.;,]\s*)\W*late (?:submissions?|hand-?ins?|work|papers?) (?:deadline|until|by|date)\s*[:=|–-]?\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “The title must be approved by your tutor before 19 February.”
  if (says(before, /\b(?:approved|agreed|discussed|registered|chosen|selected|cleared|signed off)\b(?: (?:by|with) [^.;,]{3,30})?,? (?:before|by|until|no later than)\s*(?:\w+day,?\s*)?(?:the )?$/i) && !/\b(?:submi\w+|upload\w*|hand\w*)\b/i.test(before)) return 'other';
  // “Essays received after noon but before noon on 20 April lose three marks.”
  if (says(before, /\b(?:received|submitted|handed in|uploaded|arriving)\s+after\b[^.;]{0,30}\bbut (?:before|by)\b[^.;]{0,20}$/i)) return 'other';
  // “The date set for Assignment II is 16 April.”
  if (says(before, /\b(?:date|day) set (?:by the examiner )?for [^.;]{2,40} is\s*(?:\w+day,?\s*)?$/i)) return 'due';
  // “The original deadline (19 April) has passed.”
  if (says(after, /^\s*\)?\s*(?:has|is) (?:now |already )?(?:passed|over|gone|past)\b/i)) return 'other';
  // “Due: 15 April. Available until: 22 April (late submissions, minus 5 % a day)”.
  if (says(before, /^\W*(?:available|open|accepts?(?: submissions| files)?|locks?) (?:until|till|up to)?\s*:?\s*(?:\w+day,?\s*)?$/i) && previous && /^\W*due\b/i.test(previous.text)) return 'other';
  // “Due in class and online, Wed., April 14”.
  if (says(before, /^\W*due (?:in|at the start of) class\b[^.;]{0,24}$/i)) return 'due';
  // “Handing out: 10 May. Handing in: 14 May.”
  if (says(before, /^\W*hand(?:ing)?[- ]?out\s*:\s*(?:\w+day,?\s*)?$/i)) return 'opens';
  if (says(before, /^\W*hand(?:ing)?[- ]?in\s*:\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (/\btoday is\s*(?:\w+day,?\s*)?$/i.test(before)) return 'other';
  if (says(before, /\b(?:outage|failure|maintenance|closure|strike|disruption|holiday)s?(?: (?:on|of))?\s*(?:\w+day,?\s*)?$/i)) return 'other';
  // “Tell us before …”; “the … deadline in the old handbook is wrong”.
  if (says(before, /\b(?:tell|e-?mail|contact|inform|ask|write to|let)\s+(?:us|me|him|her|them|your tutor|your lecturer|the (?:[a-z]+ )?office)(?:\s+know)?\b(?:(?!\b(?:have|hand|submit|upload|send)\b)[^.;]){0,30}\b(?:before|by|until)\s+(?:\w+day,?\s*)?$/i) || says(after, /^[^.;]{0,60}\b(?:is|was|are) (?:wrong|incorrect|an error|a mistake|no longer valid|out of date|superseded|not valid)\b/i)) return 'other';
  // “You may hand in on Tuesday 9 March instead. For the others it stays Friday 5 March.”
  if (says(before, /\byou (?:may|can)\b[^.;]{0,30}\b(?:hand (?:it |your \w+ )?in|submit(?: it)?|upload(?: it)?)\b[^.;]{0,14}$/i) && /^[^.;]{0,50}\binstead\b/i.test(clause.text.slice(before.length))) return 'extension';
  // “Extensions may be requested before the deadline of 15 March.”
  if (says(before, /\b(?:before|by|until|of) the (?:submission |essay |hand-?in )?deadline (?:of|on)\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\bextensions?\b[^.;]{0,20}\b(?:can|may|could|will|must) (?:only )?be (?:granted|requested|applied|asked)\b/i)) return 'other';
  // “Late submission: up to 21 January: capped at 40”.
  if (says(before, /^\W*late (?:submissions?|work|hand-?ins?|papers?|essays?)\s*:/i)) return 'other';
  // “Extension deadline (if approved): 2 March”.
  if (says(before, /^\W*(?:(?:extension|extended|later) )?(?:deadline|due date|(?:submission |hand-?in )?date|extension)?\s*\((?:if|when|where|only if|once|only with|with) (?:an? )?(?:approved|granted|agreed|applicable|extension|you have)[^)]*\)\s*[:|]/i)) return 'other';
  // “Extended deadline (approved cases only) | 29 March”, “Extension holders: 15 March”: of some, and whether the reader is one of them is not said.
  if (new RegExp(String.raw`(?:^|[.;|]\s*)\W*(?:extended|extension|later|deferred) (?:submission |hand-?in )?(?:deadline|due date|date)\s*\(?(?:for )?(?:the )?${ofSome}\b[^.;\d]{0,30}[:|–-]\s*(?:\w+day,?\s*)?$|(?:^|[.;|]\s*)\W*(?:for )?(?:the )?${ofSome}\s*[:|–-]\s*(?:\w+day,?\s*)?$`, 'i').test(before)) return 'other';
  // “Supervisor's comments: 12 April”, “… up to 14 May, if the readers ask for it”.
  if (isOthersDay(clause, date)) return 'other';
  // “Only the version from Friday 14 May, 12:00, counts.”
  if (says(before, /\b(?:version|file|state|copy|upload) (?:from|of|as of)\s*(?:\w+day,?\s*)?(?:the )?$/i) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,30}\b(?:counts|is (?:marked|graded|assessed|read|the one)|will be (?:marked|graded|assessed|read))\b/i)) return 'due';
  // “It appears on Monday 17 May.”
  if (says(before, /\b(?:it|that|(?:the|this) (?:\w+ )?(?:folder|box|link|area|page|tray|portal|form)) (?:appears|will appear|becomes visible|will be visible|shows up|goes up|comes up|turns up)\b[^.;\d]{0,14}$/i) && says(`${previous?.text ?? ''} ${before}`, /\b(?:folder|box|link|area|page|tray|portal|form|place|upload|hand)\b/i)) return 'opens';
  if (/\b(?:may|can|could|might)\b/i.test(before) && says(clause.text.slice(date.end - clause.start), /^[^.;]{0,30},? (?:but )?(?:only )?(?:if|where|when) (?:the |your |we |I |you (?:are|have been) )[^.;]{0,40}\b(?:asks?|asked|requests?|requested|requires?|required|invites?|invited|wish|want)\b/i)) return 'other';
  // “There is another box for the draft: it closes on 5 March.”
  if (says(`${says(before, /\b(?:it|that(?: one)?|this one) (?:closes|shuts|is open|ends|opens|closed)\b[^.;]*$/i) ? previous?.text ?? '' : ''} ${before}`, /\bthere(?: is|['’]s| are| will be) (?:also )?(?:another|a (?:second|different|separate|similar)|other) (?:one|box|folder|area|link|tray|place|page|boxes|folders)\b(?![^.;]*\b(?:for|of) (?:part|task|piece|essay|paper|assignment) ?(?:2|two|B)\b)/i)) return 'other';
  if (says(before, /\bwith (?:your|the|an) extension\b[^.;]{0,50}$/i)) return 'extension';
  if (says(before, /\byours?(?: deadline| date)? is (?:now )?(?:on\s+)?(?:\w+day,?\s*)?$/i) && /\b(?:class|others|everyone)\b/i.test(`${previous?.text ?? ''} ${before}`)) return 'extension';
  if (says(before, /\bthe class deadline was\s*(?:\w+day,?\s*)?$/i)) return 'due';
  if (says(before, /\bextended (?:the|your) (?:deadline|due date) for (?:group|team|section|class|those|some|students|one|the \w+ (?:group|class|team))\b/i)) return 'other';
  if (says(before, /\byour (?:own|personal|individual) (?:deadline|due date)\b[^.;\d]{0,14}$/i)) return 'extension';
  if (says(before, /\bdeadline for you\b[^.;\d]{0,6}(?:\w+day,?\s*)?$/i)) return 'extension';
  if (says(before, /\bfor (?:the others|everyone else|all (?:the )?others|the rest(?: of you)?)\b[^.;]{0,30}\b(?:stays|remains|is)\s+(?:on\s+)?(?:\w+day,?\s*)?$|\bclass deadline (?:stays|remains|is)\s+(?:on\s+)?(?:\w+day,?\s*)?$/i)) return 'due';
  // “… is now Friday 26 March, not Thursday 25 March”.
  if (says(before, /[,(]\s*(?:and )?not\s+(?:on\s+|by\s+)?(?:\w+day,?\s*)?$/i)) return 'other';
  if (says(before, /\b(?:not|never|cannot|can['’]t|don['’]t|unable to)\b[^.;)]{0,40}\bbefore\s+(?:\w+day,?\s*)?$/i)) return 'opens';
  // “Update 20 January: …” tells when it was written; an adjustment is for some, the date before it for all.
  if (says(before, /\b(?:updated?|posted|announced|announcement|notice|corrected|correction|amended|edit(?:ed)?|as of)(?:\s+on)?\s*[(:,–-]?\s*$/i)) {
    // Under a heading “Deadline”, with nothing behind it, it is the date that holds now.
    const alone = !/[a-z]{4,}/.test(after) && previous !== undefined && previous.text.length < 60 && /\b(?:deadline|due)\b/i.test(previous.text) && last(previous.text)?.role === 'due';
    return alone ? 'due' : 'other';
  }
  if (says(before, /\b(?:students?|those(?: of you)?|anyone|anybody|everybody|everyone|people|candidates)\s+(?:with|who (?:already )?(?:have|has|had|hold)|on|granted|registered with)\b[^.;]*\b(?:adjustments?|extensions?|extended (?:deadlines?|time)|accommodations?|disabilit\w+|support plans?|(?:learning|approved|individual) plans?|mitigat\w+|extra time)\b/i)) return 'other';
  // “was due on …, now …”: the former date is past.
  if (says(before, /\b(?:was|were)\s+(?:originally |previously |first )?(?:due|set|to be)\b[^,;]{0,14}$/i) && says(clause.text.slice(before.length), /\b(?:now|instead|moved|changed|new)\b/i)) return 'other';
  const near = last(before);
  if (near) {
    const strong = roles[0]![1];
    const sinceComma = before.slice(Math.max(before.lastIndexOf(','), before.lastIndexOf('('), before.lastIndexOf(' and '), before.lastIndexOf(' but ')) + 1);
    // “Feedback will be returned by 3 June”: the subject outweighs the preposition next to the date.
    if (near.role === 'due' && /^(by|to|until|till|before|latest)$/i.test(/\w+/.exec(before.slice(near.at))?.[0] ?? '')) {
      if ([...eachIn((sinceComma.trim().length > 12 ? sinceComma : before), strong)].length > 0 && !/\b(?:deadline|due|submit|hand)\b/i.test(sinceComma.trim().length > 12 ? sinceComma : before)) return 'other';
      if (says(before, /\b(?:extension|extended(?! (?:essay|abstract|project|response|report|piece|writing|case|reading|version|summary|study|paper|task))|granted)\b/i)) return 'extension';
    }
    if (near.role === 'opens' && says(before, /\b(?:feedback|marks|grades|results|marked (?:scripts|work|essays|papers))\b/i)) return 'other';
    return near.role;
  }
  // “We’d like your essays on Monday, by noon at the very latest.”
  if (says(after, /^[\s,]*(?:by |at )?[^.;,]{0,12}\bat the (?:very )?latest\b/i)) return 'due';
  if (says(after, /^\s*(?:is|:|–|-)?\s*(?:the )?(?:deadline|due date|closing date)/i)) return 'due';
  if (says(after, /^\s*(?:at\s+)?[\d:.apm\s]*(?:is when|when)\s+(?:submissions? )?opens?/i)) return 'opens';
  // “Mon 3 May, 12:00 – dissertation due (8,000 words)”.
  if (/^\W*$/.test(before) && says(after, /^\s*[:|–-]+\s*(?:[\p{L}'’]+ ){0,4}(?:is )?due\b/iu)) return 'due';
  // “Mon 4/5   Final draft due, 11:59 p.m.”
  if (says(before, /^\W*(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\.?,?\s*)?$/i) && says(clause.text.slice(date.start - clause.start), /^\S+(?: [A-Z][a-z]+)?(?: 20\d\d)?[\s:|–—-]+(?:[\w+]+ ){0,4}(?:is )?due\b/i)) return 'due';
  // “What about the deadline? – It is Friday 19 March.”
  if (clause.under && /\?\W*$/.test(clause.under) && says(before, /^\W*(?:A\s*[:.]\s*)?(?:it(?: is|['’]s)|that(?: is|['’]s)|on|by)\s*(?:on\s*|by\s*|still\s*)*(?:\w+day,?\s*)?$/i) && last(clause.under)?.role === 'due') return 'due';
  // “When is it due? The slides say the 16th, the page says the 18th. – The page is right: 18 March 2027, 17:00.”
  if (clause.under && /\?\W*$/.test(clause.under) && last(clause.under)?.role === 'due' && says(before, /\b(?:is|are|was) (?:right|correct)\W*(?:\w+day,?\s*)?$/i)) return 'due';
  // “That’s the old date. It’s Mar 12.”
  if (says(before, /^\W*(?:it(?: is|['’]s)(?: now)?|the (?:new|right) (?:one|date) is)\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) && previous && says(previous.text, /\b(?:old|wrong|former) (?:date|deadline|one)\b|\b(?:deadline|due date|date)\b[^.;]{0,60}\b(?:is|was) (?:wrong|incorrect|a mistake|a misprint)\b/i)) return 'due';
  // “Listening to cities” above a date says nothing of it.
  const heading = previous && previous.text.length < 60 && !says(previous.text, dateLike) && !says(previous.text, isHomework) ? last(rewritten(previous.text, [/\b(?:before|by|at) the (?:start|beginning) of\b/gi, 'due at'], [/\b(?:to|by|until|till|before(?! you)|latest|from)\b/gi, ''])) : null;
  return heading && (heading.role === 'due' || !/[.!]$/.test(previous!.text)) ? heading.role : 'unknown';
}
