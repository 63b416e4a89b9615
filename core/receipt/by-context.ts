import { extensions } from './rows.ts';
import { eachIn, rewritten, says } from '../text/patterns.ts';

/** Last resorts, where no label and no known sentence tells: of all numbers (or times) in the text, those that are plainly something else are left out, and the one
 * that is left is taken where the words around it, or its shape, speak for it. Words compiled by hand; no source. */

/** What holds numbers that are no number of a receipt; each is blanked out. */
const otherNumbers: readonly RegExp[] = [
  new RegExp(`[^\\s"“”<>|,;()]{0,255}\\.(?:${extensions})(?![\\p{L}\\d])`, 'giu'), /\b(?:https?:\/\/|www\.)\S{1,500}|[^\s@]{1,100}@\S{1,255}/gi,
  // Sums, times, days and sizes.
  /(?<![\da-z])(?:[\da-f]{32,}|(?:[\da-f]{2,8}[: -]){7,}[\da-f]{2,8})(?![\da-z])/gi, /\b20\d\d-\d\d-\d\d(?:[T ]\d\d:\d\d\S*)?|(?<!\d)\d{1,2}[:.]\d\d(?:[:.]\d\d)?(?: ?[ap]\.?m\b\.?)?|\b\d{1,2} ?[ap]\.?m\b/gi, /(?<![\d/-])\d{1,2}[/.-]\d{1,2}[/.-](?:20)?\d\d(?![\d/-])/g,
  /\b\d{1,2}(?:st|nd|rd|th)?(?: of)?[ -](?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*\.?,?(?:[ -](?:20)?\d\d)?(?!\d)|\b(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*\.? \d{1,2}(?:st|nd|rd|th)?(?:,? 20\d\d)?(?!\d)/gi,
  /(?:UTC|GMT)?[+-]\d\d:?\d\d\b/g, /\b\d[\d.,  ]*\s?(?:bytes?|[KMG]?i?B|words?|pages?|pp|files?|documents?|minutes?|hours?|days?|seconds?|%|per cent|percent|points?|marks?|credits?|characters?|sheets?|times?|attempts?|copies|versions?)(?![\p{L}\d])/giu,
  // Numbers of people, rooms, telephones, modules and steps, by the word before them.
  /\b(?:student|candidate|exam|registration|matriculation|matric|enrol?ment|roll|module|course|unit|class|seminar|group|room|building|floor|desk \(|page|phone|tel|telephone|call(?: us)?(?: on| at)?|fax|ext|extension|part|week|block|step|stage|chapter|section|question|task|level|year|semester|term|attempt|version|try|port|window|counter|box|line|rule|article|paragraph|upload|assignment|essay|paper|report|portfolio|coursework)(?:'s|’s)?(?: (?:no\.?|number|nr\.?|ID|code|is|of))*[ :.#]*\+?(?:[A-Z]?\d[\w/.-]*)(?: \d{2,}(?!\d))*/giu,
  /\b[A-Z]{2,5}[ -]?\d{3,4}\b(?![-/\d])/g, /\bv(?:er)?\.? ?\d[\d.]*/gi,
];
const token = /(?<![\p{L}\d@/_.,:+-])#?((?=[A-Za-z\d/_-]*\d)[A-Z\d][A-Za-z\d]*(?:[-/_][A-Za-z\d]+){0,5})(?![\p{L}\d]|[-/_.:,][\p{L}\d])/gu;
/** What a number of a receipt is called, or what one is told to do with it. */
const called = /(?:\b(?:case|slip|number|no|nr|num|certificate|stamp|protocol|token|docket|deliver(?:y|ed)|hand-?in|submission|key|code|ref|reference|receipt|ticket|proof|id|identifier|voucher|entry|confirmation|tracking|transaction|record|docket|job|lot|file number|acknowledge?ment|booking|tag|barcode|label|register(?:ed)?|journal|log|serial|accession|dossier|peg|mark|registro|protocollo|kenmerk|nummer|numéro|número|numero|n\.?[º°]|expediente|pratica|processo|quot(?:e|ing)|mention|cite|citing|prove|keep|note|save)\b[^\p{L}\d\n.!?]{0,6}(?:(?:n\.|no\.|nr\.)\s?|(?:is|was|of|the|a|your|our|it|this|as|with|under|for|in|number|no|nr|code|entry|ID)\b[^\p{L}\d\n.!?]{0,4}){0,4}|#)$/iu;
/** What follows a number that one has to keep. */
const toKeep = /^[^\p{L}\d\n.]{0,4}(?:is (?:all|what|your)|in (?:the|your) subject|when you|if you|in all|for your records|\(keep|\(quote|identifies)/iu;

/** That it is not there, or not yet: what is told then is of something else. */
const failed = /\b(?:not (?:been )?(?:received|accepted|submitted|sent|handed in|complete[d]?|arrived|delivered)|failed|refused|rejected|drafts?|queued|waiting|pending|incomplete|interrupted|connection lost|aborted|not a receipt|(?:is|are|being) process(?:ed|ing)|processing|yet to|about to)\b/i;
/** What would be, and what is not so, is left out: “if it is a draft”, “nothing was rejected”, “Errors: 0”. */
const isMissing = (text: string): boolean => says(rewritten(text, [/(?:^|[.!?\n]\s*|,\s*)(?:if|should|unless|in case|in the event)\b[^.!?\n]*/gi, ' '], [/\b(?:nothing|none|no one|no (?:files?|documents?|papers?|uploads?))\b[^.!?\n]*/gi, ' '], [/\b(?:drafts?|errors?|failed|rejected|refused|pending)\s*[:=]\s*(?:no(?:ne)?|0|false|nil|[–—-])(?![\p{L}\d])/giu, ' ']), failed);

/** What has a number of its own that is none of a receipt. */
const ofAnother = /\b(?:appointments?|meetings?|books?|permits?|licen[cs]es?|invoices?|accounts?|polic(?:y|ies)|memberships?|cards?|coupons?|orders?|seats?|regulations?|standards?|ISO|models?|printers?|machines?|browsers?|parking|lectures?|flights?|trains?|loans?|fees?|fines?|bills?|devices?|passports?|IP|MAC|address(?:es)?)\b[^.!?\n]{0,30}$/i;
/** The number or code of a receipt by what stands around it; null where none, or several, may be it. @param expected - names of files, whose numbers are the writer's own */
export function idByContext(text: string, expected: readonly string[]): string | null {
  if (isMissing(text)) return null;
  const own = expected.join(' ').toLowerCase(), blanked = otherNumbers.reduce((rest, pattern) => rest.replace(pattern, (found) => ' '.repeat(found.length)), text.slice(0, 20_000));
  const scores = new Map<string, number>();
  for (const m of eachIn(blanked, token)) {
    const found = m[1]!;
    if (found.length < 4 || /^(?:19|20)\d\d$/.test(found) || /^\d{1,3}(?:st|nd|rd|th)$/.test(found) || own.includes(found.toLowerCase())) continue;
    if (says(text.slice(Math.max(0, text.lastIndexOf('\n', m.index) + 1, m.index - 50), m.index).split(/[.!?;] /).at(-1)!, ofAnother)) continue;
    const before = text.slice(Math.max(0, m.index - 60), m.index + (m[0].startsWith('#') ? 1 : 0)), after = text.slice(m.index + m[0].length, m.index + m[0].length + 40);
    // A bare number needs its name; a code of letters and figures is one by its shape.
    const score = (says(before, called) || says(after, toKeep) ? 2 : 0) + (/\p{Lu}/u.test(found) && /\d{2}/.test(found) && !/\p{Ll}/u.test(found) && found.length >= 6 ? 1 : 0);
    if (score > 0) scores.set(found, Math.max(score, scores.get(found) ?? 0));
  }
  const best = Math.max(0, ...scores.values()), ids = [...scores].filter(([, score]) => score === best).map(([id]) => id);
  return ids.length === 1 ? ids[0]! : null;
}

/** That a paper is there. */
const isThere = /\b(?:with us|in our (?:hands|keeping|system|records)|reached|arrived|landed|took (?:delivery|it in)|delivery|delivered|got it|we (?:now )?(?:have|hold)|(?:is|put|been|it['’]s|are|status:?) in\b|checked in|in at|stamp|hand(?:ed)?[- ]?in|received|receipt|accepted|came in|all (?:good|done)|safely|(?:you were|is) (?:early|in time)|\bearly\b|complete|submitted|lodged|filed|stored|proof|drop(?:ped|-off)|deposit(?:ed)?|acknowledge?ment|archived|committed|(?:finally|now) (?:through|in)|in place|ok)\b|\[x\]|[✓✔☑]/i;
/** A time of something else, or of something that is still to come. */
const ofSomethingElse = /\b(?:(?:over)?due|down|outage|deadline|closes?|closing|opens?|opening|print(?:ed)?|viewed|generated|issued|modified|changed|edited|saved|created|started|began|begun|feedback|marks?|grades?|results?|expires?|valid|until|reminder|log(?:ged)? in|last login|signed in|will|may|can|template|published|posted|office hours|drafts?|queued|waiting|pending|next|extension|extended|mailed|e-?mail(?:ed)? (?:sent|on|at)|uploaded by you|you (?:sent|uploaded|began|started)|sent|page \d|from|before|earlier|previous|first|old|replaced|deleted|withdrawn|not|no|failed|refused|rejected|error|lost|cancel\w*|moved|reopen\w*|maintenance|unavailable|as of|at present|today is|lecture|seminar|class|exam|meeting|interview|tutorial|session|appointment|workshop|checking|scanning|transferring|uploading|processing|download(?:ed)?|created)\b/i;
const clock = /\d[:.]\d\d|\d ?[ap]m\b/i;
/** A line of nothing but a time; a longer one says more. */
const isBare = (line: string): boolean => line.length <= 60 && says(line, /^[\s\d:./,T+-]*(?:[A-Z][a-z]+day,?\s)?[\s\d:./,-]*(?:[A-Z][a-z]{2,8}\.?,?)?[\s\d:./,-]*(?:[A-Z]{2,5})?[\s\d.()]*$/);

/** The one time in a text that says that a paper is there, where every other time is plainly of something else; null where none, or several, are left. */
export function timeByContext(text: string, read: (written: string) => { at: string; zoneOpen: boolean } | null): { at: string; zoneOpen: boolean } | null {
  if (!says(text, isThere) || isMissing(text)) return null;
  const lines = text.split('\n').filter((l) => l.trim() !== '');
  // Of two times that stand by themselves nothing says which it is.
  if (lines.filter((line) => isBare(line) && says(line, clock)).length > 1) return null;
  const found = new Map<string, { at: string; zoneOpen: boolean }>();
  for (const [i, line] of lines.entries()) {
    // A line with nothing but a time, at the very beginning or end, is when the page was printed.
    if ((i === 0 || i === lines.length - 1) && isBare(line)) continue;
    for (const piece of line.replace(new RegExp(`\\S{1,255}\\.(?:${extensions})(?![\\p{L}\\d])`, 'giu'), 'the file').split(/(?<=[\p{Ll}\d)]{2}[.!?;])\s+(?=\p{Lu})|;\s|\s[–—|/]\s|,\s+(?=(?:out|printed|closed|ended)\b)/u)) {
      if (!says(piece, clock) || says(piece, ofSomethingElse)) continue;
      // A number behind the time is none of its figures: “… 2026 and carries the stamp HX-20417”.
      const at = read(rewritten(piece, [/^[^\n]{0,40}?:\s+(?=\d)/, ''], [/\b(?:and|under|as|with)\s+\p{Ll}[^\n]*$/u, ' ']));
      if (at) found.set(String(Date.parse(at.at)), at);
    }
  }
  return found.size === 1 ? [...found.values()][0]! : null;
}
