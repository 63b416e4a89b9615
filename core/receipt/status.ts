import { conditionAbroad, draftAbroad, failedAbroad } from '../tables/receipt-status.ts';
import { extensions, labels, type Row } from './rows.ts';
import { rewritten, says } from '../text/patterns.ts';

/** What a receipt says became of the hand-in: it arrived, it stayed a draft (something is still to be done), it failed, or nothing is said. Common practice, no published source. */
export type HandInStatus = 'received' | 'draft' | 'failed' | null;

const thing = String.raw`(?:(?:your|the|this|our)\s+)?(?:(?:uploaded|received|attached|latest|last|current|new|file|paper|online)\s+)?(?:submission|upload|file|paper|hand-?in|document|work|delivery|transfer|attempt|essay|entry|assignment|report|dissertation|thesis|coursework|project|portfolio|deposit|transmission|article|draft\s+submission)s?`;
const done = String.raw`(?:received|accepted|stored|saved|submitted|handed\s+in|uploaded|sent|delivered|completed?|finished|successful|valid|recorded|registered|processed|deposited|filed)`;
const notMarking = String.raw`(?!\s+(?:for|to\s+be|by)\s+(?:\p{L}+\s+)?(?:mark|grad|assess|review|check|screen|feedback|release))`;
/** What is said of it that means it did not arrive, and that it is not at its end. */
const gone = String.raw`(?:failed|failure|rejected|refused|declined|unsuccessful|cancell?ed|aborted|interrupted|cut\s+off|timed\s+out|withdrawn|deleted|removed|discarded|blocked|quarantined|infected|corrupt(?:ed)?|unreadable|empty|blank|damaged|returned\s+to\s+you|expired|voided|invalid|lost|missing|(?:not|never)\s+(?:yet\s+)?(?:been\s+)?(?:${done}|found|readable)|(?:could|can)\s?not\s+be\s+(?:opened|read|converted|found|${done})|did\s+not\s+(?:go\s+through|arrive|reach\s+us|complete)|contains?\s+(?:an?\s+)?(?:virus|malware)|incomplete)`;
const open = String.raw`(?:(?:saved\s+as\s+)?(?:an?\s+)?draft|pending|in\s+progress|being\s+(?:processed|uploaded|sent)|(?:in\s+the\s+queue|queued|waiting|on\s+hold)|unconfirmed|not\s+(?:yet\s+)?(?:been\s+)?(?:final(?:ised|ized)?|confirmed)|(?:awaits|awaiting|waiting\s+for|waits\s+for)\s+(?:your\s+)?confirmation|(?:must|needs?\s+to|has\s+to)\s+be\s+(?:confirmed|completed|finali[sz]ed))`;
const link = String.raw`(?:\s*(?::|=|–|—|-)\s*(?!\p{Lu}?\p{L}+\s+(?!by\b|at\b|on\b|because\b|due\b|as\b|for\b|yet\b|to\b|be\b|been\b|in\b|out\b|off\b|final\b|${done}\b)\p{Ll})|\s+)(?:(?:has|have|was|were|is|are|had|remains|still|only|now|been|currently|yet|(?:also|apparently|unfortunately)|to\s+be|appears|seems)\s+)*`;
const saidOf = (predicate: string, end = ''): RegExp => new RegExp(String.raw`^\W*(?:(?:unfortunately|sorry|we regret that|note:?|warning:?|error:?),?\s+)?(?:status\s+of\s+)?(?:${thing})(?:\s+status)?${link}${predicate}(?![\p{L}-])${end}`, 'iu');
const notArrived: readonly RegExp[] = [
  saidOf(gone),
  new RegExp(String.raw`^\W*(?:unsuccessful|failed|rejected|refused|cancelled|incomplete|invalid|aborted|empty)\s+${thing}\s*(?:$|[.:;,(!–—-]|of\b|on\b|at\b)`, 'iu'),
  new RegExp(String.raw`\b(?:we|system|server|it|us)\s+(?:(?:could|can|did|do|have|has|were|was|is|are)\s?n(?:ot|['’]t)|failed\s+to|unable\s+to)\s+(?:able\s+to\s+|yet\s+|been\s+able\s+to\s+)?(?:accept|receive|store|save|open|read|process|deliver|complete|confirm|find|got|get|see)(?:e?d)?\s+(?:your|the|this|any|an?)\s+(?:\p{Ll}+\s+)?${thing}\b`, 'iu'),
  new RegExp(String.raw`(?<!\b(?:no|without|any)\s+)\b(?:errors?|problems?|faults?|issues?)\s+(?:has\s+|have\s+)?(?:occurred|arose|arisen)\b|\b(?:there\s+(?:was|were|is|has\s+been)|we\s+(?:had|have|encountered))\s+(?:an?|some)\s+(?:\p{Ll}+\s+)?(?:error|problem|issue|fault)s?\b|\bsomething\s+went\s+wrong\b`, 'iu'),
  new RegExp(String.raw`^\W*(?:please\s+)(?:submit|try|send|upload|hand\s+in|retry)\b[^.]{0,40}\bagain\b`, 'iu'),
  new RegExp(String.raw`(?<!\b(?:of|from|with|in|to|than)\s+)\b(?:the|your)\s+(?:file|document|paper|upload)s?\s+(?:was|were|has\s+been|have\s+been|is)\s+(?:therefore\s+|then\s+)?(?:deleted|removed|quarantined|blocked|discarded|rejected|refused)\b`, 'iu'),
  /^\W*all\s+(?:(?:of\s+)?(?:the|your)\s+)?(?:files|documents|papers|uploads)\s+(?:were|have\s+been)\s+(?:deleted|removed|quarantined|blocked|discarded|rejected|refused)\b/iu,
  /^\W*(?:please note:?\s+)?this\s+is\s+(?:not|no)\s+(?:an?\s+|the\s+)?(?:final\s+)?(?:confirmation|proof|acknowledge?ment|evidence)\b/iu,
  /\b(?:handed\s+in|submitted|uploaded|sent|went)\s+(?:to|into|in)\s+(?:an?|the)\s+(?:practice|test|trial|demo|draft|training|sandbox)\s+(?:area|box|folder|page|site|task|assignment)\b/iu,
  new RegExp(String.raw`^\W*(?:so\s+far\s+)?(?:nothing|no\s+files?)\s+(?:(?:was|has|have|is|are|been|yet|so\s+far|from\s+you)\s+)*${done}\b(?!\s+(?:after|late|outside|by\s+e-?mail|in\s+(?:any|other)))`, 'iu'),
  new RegExp(String.raw`^\W*(?:there\s+(?:is|was)\s+)?no\s+${thing}\b(?:\s+(?:from\s+you|of\s+yours))?\s+(?:(?:was|were|has|have|is|are|could|be|been|yet)\s+)*(?:${done}|found|attached|there)\b`, 'iu'),
];
/** “It will be deleted unless you confirm it”: a condition that is still to be met. */
const goneUnless = /\b(?:will|shall)\s+be\s+(?:deleted|discarded|lost|removed|cancelled)\s+unless\b/iu;
const notAtItsEnd: readonly RegExp[] = [
  saidOf(open, notMarking),
  new RegExp(String.raw`^\W*(?:draft|pending|unconfirmed|unfinished)\s+${thing}\s*$`, 'iu'),
  new RegExp(String.raw`\byou\s+(?:still\s+|now\s+)?(?:need\s+to|have\s+to|must)\s+(?:still\s+)?(?:confirm|complete|finish|finali[sz]e)\s+(?:it\b|${thing})|^\W*(?:please\s+)?(?:now\s+)?confirm\s+(?:it\b|your\s+${thing})(?!\s+(?:details|is|are|was))`, 'iu'),
  goneUnless,
  new RegExp(String.raw`\byou\s+have\s+not\s+(?:yet\s+)?(?:submitted|handed\s+in|sent|uploaded|confirmed)\b`, 'iu'),
];
/** What would be, what may be, and what is always so says nothing of this hand-in. */
const hypothetical = /^\W*(?:if|should|unless|in case|when(?:ever)?|where|once|otherwise)\b|\b(?:would|might|may|can be|if|late)\b/i;

/** Clause by clause, what is said of the hand-in in its own shape: whose it is, and what became of it. */
export function statusInProse(text: string): 'draft' | 'failed' | null {
  const clauses = text.split(/(?<=[.!?])\s+|\n+|;\s+|,\s+(?=(?:but|so|however|and)\b)/).map((c) => c.replace(/^\W*(?:but|so|however|and)\b,?\s*/i, ''));
  const said = (patterns: readonly RegExp[]): boolean => clauses.some((c) => patterns.some((p) => says(c, p)) && (!says(c, hypothetical) || says(c, goneUnless)));
  return said(notArrived) ? 'failed' : said(notAtItsEnd) ? 'draft' : null;
}
/** @param text - of the attempt that the receipt is about, of several the last. @param rows - of the text. @returns what the receipt says became of the hand-in */
export function readStatus(text: string, rows: Row[]): HandInStatus {
  const row = rows.find((r) => says(r.label, labels.status))?.value ?? '';
  const negative = /\b(?:draft|not (?:yet )?(?:been )?(?:submitted|handed in|received|complete[d]?)|in progress|unsubmitted|pending|waiting|awaiting (?:your |the student['’]s )?(?:confirmation|submission|signature|declaration)|incomplete|saved|not final|(?:queued|in the queue|on hold|scheduled|in the outbox)(?!\s+for\s+(?:the\s+)?(?:\p{L}+\s+)?(?:mark|grad|assess|review|check|screen|similarity|feedback)))(?![\p{L}])/iu, failed = /\b(?:fail(?:ed|ure)?|rejected|refused|error|quarantined|cancell?ed|aborted|unsuccessful|withdrawn|deleted|voided|expired|corrupt(?:ed)?|empty|superseded|replaced by|overwritten)\b/i;
  // “Accepted: NO (file type not allowed)”.
  if (rows.some((r) => says(r.label, /^(?:accepted|received|stored|complete|successful|valid|submitted|handed in)$/i) && says(r.value, /^(?:no|false|rejected|refused|not)\b(?!\.? ?\d)/i))) return 'failed';
  // “Paper: (no file)”, “Words: 0”.
  if (rows.some((r) => says(r.label, labels.fileName) && says(r.value, /^\(?(?:no (?:files?|documents?|papers?|attachments?)|none|empty|missing|n\/a)\)?(?: (?:attached|submitted|uploaded|received))?\.?$/i) || /^(?:words?|word count|pages?)$/i.test(r.label) && r.value === '0')) return 'failed';
  if (says(text, /\b(?:received|hold|got|stored)\s+(?:0|no|zero)\s+(?:files?|documents?)\b/i)) return 'failed';
  // “Virus scan: infected, file deleted”.
  if (rows.some((r) => says(r.label, /\b(?:virus|malware|security|threat)\b.*\b(?:scan|check|test)?\b/i) && says(r.value, /\b(?:infected|quarantined?|deleted|removed|blocked|positive)\b|(?<!\b(?:no|0|without)\s+)\b(?:threats?|virus(?:es)?|malware|trojan)\s+(?:was |were )?(?:found|detected)\b/i) && !says(r.value, /\b(?:not|no)\s+(?:virus|malware|threat|infect)/i))) return 'failed';
  // “PREVIEW – this is what your receipt will look like”.
  if (says(text, /\b(?:this|here) is (?:what|how) (?:your|the) (?:receipt|confirmation) (?:will|would) look\b|^\W*(?:sample|specimen|example|preview|dummy)(?: of (?:a|the|your))? (?:receipt|confirmation)\b|^\W*(?:receipt|confirmation) (?:preview|sample|specimen)\b|^\W*(?:preview|specimen|sample)\W*$/im)) return 'draft';
  // “*** TEST SYSTEM – submissions are not assessed ***”: nothing arrived where it counts.
  if (says(text, /\b(?:test|demo|training|sandbox|rehearsal) (?:system|server|environment|instance|mode|site)\b[^\n]{0,60}\b(?:not|no|never|nothing)\b|(?:^|[.!?*–—]\s*)(?:submissions?|uploads?|files?|hand-?ins?) (?:here |made here |to this (?:system|site|server) )?(?:are|is|will) (?:not|never) (?:be )?(?:assessed|marked|graded|kept|stored|forwarded)\b/im)) return 'failed';
  // One of several was turned away: “cover.docx   36 KB   rejected: wrong type”.
  const turnedAway = new RegExp(`\\.(?:${extensions})\\b(?:(?!\\b(?:nothing|none|no\\s+\\p{L}+|without)\\b|[.!?] ).)*?\\b(?:rejected|refused|failed|not (?:accepted|stored|received))\\b|\\.(?:${extensions})\\b[^\\w\\n]{1,6}(?:still |is )?(?:missing|outstanding|awaited|absent|nothing received|waiting|pending|queued|in progress|to follow)\\b|^\\W*(?:still |yet )?(?:missing|outstanding|not (?:yet )?received)\\b.*\\.(?:${extensions})\\b`, 'iu');
  const refusal = /reject|refus|fail|not |missing|outstanding|awaited|absent|nothing|waiting|pending|queued|in progress|to follow/i;
  if (text.split('\n').some((l) => says(l, refusal) && says(l, turnedAway))) return 'failed';
  if (rows.some((r) => says(r.label, /^(?:type|kind)(?: of (?:submission|hand-?in))?$/i) && /^draft\b/i.test(r.value))) return 'draft';
  // “Accepted, pending virus scan”: it is there.
  const arrived = says(row, /^\W*(?:accepted|received|submitted|handed in|delivered|stored)\s*(?:[,;–(-]|and\b)/i) && /\b(?:pending|waiting|awaiting)\b/i.test(row) && !says(row, /\b(?:draft|not|unsubmitted|incomplete|in progress)\b/i);
  if (row && (says(row, failedAbroad) || says(row, draftAbroad))) return says(row, failedAbroad) ? 'failed' : 'draft';
  if (row) return says(row, failed) ? 'failed' : says(row, negative) && !arrived ? 'draft' : 'received';
  // “If your submission failed you would have got an error.”: what would be.
  text = rewritten(text, [/(?<=^|[.!?\n]\s{0,8})(?:if|should|unless|in case)\b[^.\n]*/gi, (s) => ' '.repeat(s.length)]);
  // “Your comment: “The first upload failed””: what somebody wrote beside it.
  text = rewritten(text, [/^\W*(?:(?:your|my) )?(?:comments?|message)\b[^\n:]{0,30}:[^\n]*/gimu, ' '], [/[“«][^”»\n]{12,400}[”»]/g, ' ']);
  const said = statusInProse(text);
  if (said) return said;
  // “You still have to press Submit.” “Note: the file is empty.”
  if (says(text, /\byou (?:still |now )?(?:have to|need to|must) (?:still )?(?:press|click|tap|select|choose)\b[^.\n]{0,30}\b(?:submit|send|hand in|finish|complete|confirm)\b/i)) return 'draft';
  if (says(text, /(?<!\b(?:if|when|whenever|should|unless|in case|whether|where|once) )\b(?:the|your|this) (?:uploaded |received )?(?:file|document|paper|upload) (?:is|was|seems to be|appears to be) (?:empty|blank|damaged|corrupt(?:ed)?|unreadable)\b/i)) return 'failed';
  // “Test submission, not counted”.
  if (says(text, /\b(?:test|trial|practice|dummy) (?:submission|upload|hand-?in)\b[^.\n]{0,30}\b(?:not counted|does not count|will not (?:be )?count|not (?:be )?marked|only)\b|\bnot counted as (?:a )?(?:submission|hand-?in)\b|\bthis (?:is|was) (?:only )?a (?:test|trial|practice) (?:submission|upload|hand-?in)\b/i)) return 'draft';
  // In other languages; “Falls die Abgabe fehlgeschlagen ist, …” is what would be.
  const abroad = rewritten(text, [conditionAbroad, (s) => ' '.repeat(s.length)], [/^\W*(?:titel|titre|título|titolo|title|thema|sujet|tema|objet|asunto|betreff|oggetto)(?!\p{L})[^\n:]{0,20}:[^\n]*/gimu, ' ']);
  if (says(abroad, failedAbroad)) return 'failed';
  if (says(abroad, draftAbroad)) return 'draft';
  if (says(text, /\b(?:(?:saved|stored|kept|still|remains?|is|as)\s+(?:only\s+)?(?:as\s+)?(?:a\s+|in\s+)?draft|draft (?:saved|stored|status)|has not (?:yet )?been (?:submitted|handed in|received)|not yet (?:submitted|handed in|sent)|saved,? (?:but )?not (?:yet )?(?:sent|submitted|handed in)|(?:waiting|ready) to (?:be )?(?:sent|submitted|go))\b/i)) return 'draft';
  // “Press “Hand in” to complete.”: of the hand-in itself, not of a form that comes after it.
  if (says(text, /\b(?:press|click|choose|select) (?:on )?[“"‘'][^”"’'\n]{2,30}[”"’'] to (?:complete|finish|finali[sz]e|send|submit|hand in)(?: (?:it|(?:your|the) (?:submission|hand-?in|paper|work|file)))?(?: in)?\s*(?:[.!]|$)/im)) return 'draft';
  if (says(text, /\b(?:files?|documents?|papers?|uploads?|them|it|both|one)\b[^.\n]{0,12}\b(?:did not|didn['’]t) (?:make it|get here|get through|come through|reach us)\b|\bsend the missing (?:one|file|document|paper)s?\b/i)) return 'failed';
  if (says(text, /\b(?:transfer|upload|transmission|connection)\b[^.\n]{0,24}\b(?:was |has been |were )?(?:interrupted|cut off|broken off|aborted|lost)\b|\b(?:could not|couldn['’]t|cannot|can['’]t|unable to|not able to) confirm (?:your|the|this) (?:upload|submission|hand-?in|delivery|receipt)\b/i)) return 'failed';
  // “Your hand-in 20417 (essay.txt, 3 December) is NOT complete.”
  if (says(text, /^\W*(?:the|your|this) (?:hand-?in|submission|upload|delivery|deposit)\b[^.\n]{0,20}(?:\([^()\n]{0,120}\))? (?:is|was) (?:not (?:yet )?|in)(?:complete|finished|valid)\b/im)) return 'failed';
  // “Submission not completed”, “You tried to hand in …”.
  if (says(text, /^\W*(?:your )?(?:submission|hand-?in|upload|delivery)(?: was| is| has)? (?:not (?:yet )?(?:been )?(?:complete[d]?|successful|finished)|incomplete|unsuccessful)\b|\byou (?:have )?tried to (?:hand in|submit|upload|send)\b/im)) return 'failed';
  if (says(text, /\b(?:could not be (?:opened|read|converted|received|stored|accepted|saved|uploaded|submitted|processed|delivered|handed in)|submission[. _](?:has )?(?:been )?(?:failed|rejected|refused|cancelled|canceled|withdrawn|deleted|aborted|was (?:rejected|refused|cancelled|canceled|withdrawn|deleted|aborted))|upload (?:has )?failed|(?:attempt|submission|upload|delivery)\b[^.\n]{0,60}\bfailed|did(?: not|n['’]t) (?:go through|arrive|reach us|complete)|(?:was|were|has|have) not (?:been )?(?:received|accepted|stored)|(?<!\b(?:if|in case|whenever)\b[^.\n]{0,80})(?:could not|couldn['’]t|cannot|did not|didn['’]t) (?:find|see|locate) (?:a|any|your) (?:file|paper|submission|document|hand-?in|upload)|(?<!\b(?:if|in case|whenever)\b[^.\n]{0,80})(?:no|there is no|there was no) (?:file|paper|submission|document|hand-?in) (?:from you |of yours )?(?:was|has been|is|could be) (?:received|found|there|recorded)|(?:submission|hand-?in|paper|file|work|it) (?:has been |was |is )?(?:replaced|superseded) by (?:submission|a (?:later|newer)|another|the (?:later|newer))|withdrawn (?:by|on|at|:)|you (?:have |then )?(?:withdrew|withdrawn|cancelled|deleted|removed) (?:this|your|the) (?:submission|hand-?in|paper|file|upload|work)|did not (?:receive|arrive)|(?:virus|malware|security) (?:scan|check) failed|(?<!\b(?:if|in case|should|whenever)\b[^.\n]{0,80})(?:something went wrong|an error (?:has )?occurred)|files? (?:was |were |has been |have been )?(?:removed|quarantined|blocked|discarded)|it (?:was|were) (?:removed|quarantined|blocked|discarded))\b/i)) return 'failed';
  return says(text, /\b(?:received|submitted|successful(?:ly)?|accepted|stored|handed in|confirm)/i) ? 'received' : null;
}
