import { hypothetical, notArrived, notAtItsEnd, openConditions } from '../tables/receipt-clauses.ts';
import { conditionAbroad, draftAbroad, failedAbroad } from '../tables/receipt-status.ts';
import { extensions, labels, type Row } from './rows.ts';
import { isError, isOneTurnedAway, isUnfinished, statesOf } from './single-files.ts';
import { rewritten, says } from '../text/patterns.ts';

/** What a receipt says became of the hand-in: it arrived, it stayed a draft (something is still to be done), it failed, or nothing is said. Common practice, no published source. */
export type HandInStatus = 'received' | 'draft' | 'failed' | null;

/** Clause by clause, what is said of the hand-in in its own shape: whose it is, and what became of it. */
export function statusInProse(text: string): 'draft' | 'failed' | null {
  const clauses = text.split(/(?<=[.!?])\s+|\n+|;\s+|,\s+(?=(?:but|so|however|and)\b)/).map((c) => c.replace(/^\W*(?:but|so|however|and)\b,?\s*/i, ''));
  // Also without the name or the label before it: “essay.txt: the box was already closed”, “detail: file type not allowed”.
  const own = clauses.filter((c, i) => isOfThisOne(c, clauses[i - 1])).flatMap((c) => [c, c.replace(nameBefore, ''), c.replace(/^\W*\p{L}[\p{L} ]{1,20}:\s+/u, '')]);
  const said = (patterns: readonly RegExp[], among = own.filter((c) => !says(c, hypothetical))): boolean => among.some((c) => patterns.some((p) => says(c, p)));
  return said(notArrived) ? 'failed' : said(notAtItsEnd) || said(openConditions, own) ? 'draft' : null;
}
const nameBefore = new RegExp(`^\\W*\\S{1,255}\\.(?:${extensions})(?![\\p{L}\\d])\\s*(?:[:,–—-]\\s*)?`, 'iu');
/** “Your earlier draft was kept until now. It was deleted.” is about another file, and “No part of it was lost” says that nothing is amiss. */
const isOfThisOne = (clause: string, before: string | undefined): boolean => !says(clause, /^\W*no(?:ne|thing)?\b(?:\s+(?:part|piece|word|page|byte)s?)?\s+of\b/i) && !(/^\W*it\b/i.test(clause) && before !== undefined && says(before, /\b(?:earlier|previous|older?|first|drafts?|former)\b/i));
/** @param text - of the attempt that the receipt is about, of several the last. @param rows - of the text. @returns what the receipt says became of the hand-in */
export function readStatus(text: string, rows: Row[]): HandInStatus {
  const states = statesOf(rows), row = states[0] ?? '';
  const negative = /\b(?:draft|not (?:yet )?(?:been )?(?:submitted|handed in|received|complete[d]?)|in progress|unsubmitted|pending|waiting|awaiting (?:your |the student['’]s )?(?:confirmation|submission|signature|declaration)|incomplete|saved|not final|(?:queued|in the queue|on hold|scheduled|in the outbox)(?!\s+for\s+(?:the\s+)?(?:\p{L}+\s+)?(?:mark|grad|assess|review|check|screen|similarity|feedback)))(?![\p{L}])/iu, failed = /\b(?:fail(?:ed|ure)?|rejected|refused|error|quarantined|cancell?ed|aborted|unsuccessful|withdrawn|deleted|voided|expired|corrupt(?:ed)?|empty|superseded|replaced by|overwritten|missing|absent|lost|not (?:stored|kept|found|saved))\b|^[45]\d\d$/i;
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
  if (isOneTurnedAway(text) || isError(rows)) return 'failed';
  if (isUnfinished(text, rows)) return 'draft';
  if (rows.some((r) => says(r.label, /^(?:type|kind)(?: of (?:submission|hand-?in))?$/i) && /^draft\b/i.test(r.value))) return 'draft';
  // “Accepted, pending virus scan”: it is there.
  const arrived = says(row, /^\W*(?:accepted|received|submitted|handed in|delivered|stored)\s*(?:[,;–(-]|and\b)/i) && /\b(?:pending|waiting|awaiting)\b/i.test(row) && !says(row, /\b(?:draft|not|unsubmitted|incomplete|in progress)\b/i);
  // Of several files each has a state of its own: the worst is that of all.
  if (states.some((state) => says(state, failedAbroad) || says(state, failed) && state !== row)) return 'failed';
  if (states.some((state) => says(state, draftAbroad) || says(state, negative) && state !== row)) return 'draft';
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
  // “Votre fichier essay.pdf (n° 417, le 3 décembre) est vide.”
  const bare = rewritten(abroad, [/\([^()\n]{0,160}\)/g, ' '], [new RegExp(`\\S{1,255}\\.(?:${extensions})(?![\\p{L}\\d])`, 'giu'), ' '], [/[^\S\n]+/g, ' ']);
  if ([abroad, bare].some((told) => says(told, failedAbroad))) return 'failed';
  if ([abroad, bare].some((told) => says(told, draftAbroad))) return 'draft';
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
