import { dateLike } from './dates.ts';
import { firstIn, says } from '../text/patterns.ts';

const ledBy = '(?: (?:due|set|fixed|announced|planned|meant|supposed|given|printed|listed|down))?(?: to be)?(?: due)?(?: as| for| on| at| by)?\\s*(?:the )?(?:\\w+day,?\\s*)?(?:the )?$';
/** Words before a date that has ceased to hold, and before the one that holds in its place. */
const formerly = new RegExp(`(?:^|[/|;])\\W*(?:old|was|before)\\s*[:=]\\s*(?:\\w+day,?\\s*)?(?:\\w{3}\\.?,?\\s*)?$|\\b(?:was|were|had been|used to be|(?:is|are) no longer|originally|initially|previously|formerly|at first|(?:we|I|they) (?:had )?(?:said|wrote|announced|gave|told you)|(?:old|former|previous|original) (?:deadline|due date|date)\\s*[:=]?|(?:syllabus|handbook|sheet|page|handout)(?: still)? (?:says|said|has|had|gives|gave))${ledBy}`, 'i');
const nowadays = new RegExp(`(?:^|[/|;])\\W*(?:new|now)\\s*[:=]\\s*(?:\\w+day,?\\s*)?(?:\\w{3}\\.?,?\\s*)?$|\\b(?:now|becomes|make (?:that|it)|read (?:that as)?|(?:new|correct|right|actual|real) (?:deadline|due date|date|one)?\\s*(?:is|[:=])|(?:correct|right) is|but|it(?: is|['’]s)|that(?: is|['’]s)|(?:it|this|the (?:date|deadline|due date))(?: has| is| was|['’]s) (?:now )?(?:been )?(?:moved|changed|postponed|put (?:off|back)|pushed back|shifted|extended) to|instead)(?: now| rather)?${ledBy}`, 'i');
/** Words behind either. */
const ceased = /^[^.;!?]{0,24}(?:\bbecomes\b|\b(?:is|was) (?:wrong|incorrect|obsolete|off|out of date|no longer (?:right|valid|true))\b)/i, holds = /^[^.;!?\d]{0,14}\b(?:now|instead|from now on)\b/i;
const aboutHandIn = /\b(?:deadlines?|due|hand-?in|submission|submit|closing|closes|essay|paper|report|thesis|assignment|coursework)\b/i;

/** What stands between a date and the one that took its place: “(note: this has been changed to”, “– moved to”, “, has been extended to”, “(now”. A grant to one person is no move. */
const changedTo = String.raw`[\s,;:.–—()[\]>→-]*(?:(?:please )?note:?\s*|nb:?\s*|update:?\s*|edit:?\s*)?(?:(?:that )?(?:this|it|which|the (?:new |old )?(?:deadline|due date|date|time))\s+)?(?:(?:has|have|had)\s+(?:now\s+|since\s+)?(?:been\s+)?|was\s+|is\s+|got\s+)?(?:now\s+)?(?:changed|moved|postponed|extended|shifted|put (?:back|off)|pushed back|pushed|brought forward|deferred|delayed|rescheduled|corrected|amended|revised)(?:\s+on\s+[^.;()\d]{0,12}\d{1,2}\.?\s+\p{L}{3,9}(?:\s+\d{4})?)?\s*(?:to|until|till|:)\s*(?:the\s+|\p{L}+day,?\s+)*`;
const isNow = String.raw`[\s,;:–—]*[([]\s*now:?\s*(?:\p{L}+day,?\s+)*`;
const movedAhead = new RegExp(`^(?:,? (?:at )?\\d{1,2}[:.]\\d{2}(?: ?[ap]\\.?m\\.?)?|,? (?:at )?\\d{1,2} ?[ap]\\.?m\\.?|,? (?:at )?noon)?(?:${changedTo}|${isNow})`, 'iu'), movedBehind = new RegExp(`\\d[^.;!?]{0,14}(?:${changedTo}|${isNow})$`, 'iu');
const wronglySaid = /\b(?:wrongly|mistakenly|erroneously|incorrectly|still)\s+(?:says?|said|gives?|gave|states?|stated|lists?|listed|shows?|showed)\s+(?:\p{L}+day,?\s+)?$/iu, dueWere = /\b(?:that|which) (?:were|was|should have been) (?:due|meant to be (?:in|due)|to be (?:handed in|submitted))(?: on| by)?\s+(?:\p{L}+day,?\s+)?$/iu, dueAre = /^[^.;!?]{0,16}\b(?:are|is|will be|must be|can be) (?:now |instead )?(?:due|handed in|submitted)\b/i;

/** “OLD: 10 March. NEW: 15 March”: two labels that say it all. */
const oldAndNew = /(?:^|[.;|/\n]\s*)(?:old|was|before)\s*[:=][^]{4,60}[.;|/\n\s](?:new|now)\s*[:=]/i;
/** What is said to one person is a grant. */
const personal = /\bfor you\b|\byour (?:request|own (?:deadline|date)|extension)\b|\b(?:granted|approved|allowed)\b[^.;!?]{0,40}\b(?:you|your)\b|\byou (?:have been|are|were) (?:granted|given|allowed)\b/i;
/** Two dates in one breath, the second in place of the first. */
function inOneBreath(before: string, after: string, next: string): 'due' | 'other' | null {
  if (says(before, wronglySaid) || says(before, /\b(?:changed|moved|postponed|extended|shifted|amended|revised)\s+on\s+(?:\p{L}+day,?\s+)?$/iu) && /^[^.;!?]{0,24}:/.test(after)) return 'other';
  const ahead = /^\s*[.;]?\s*$/.test(after) ? `${after.trim()} ${next}` : after;
  if (says(ahead, movedAhead) && says(ahead.slice(0, 140), dateLike) && !/^[^\d]{0,60}\bfor (?:you|your)\b/i.test(ahead)) return 'other';
  if (says(before, movedBehind)) return 'due';
  if (says(before, dueWere) && says(after, dueAre)) return 'other';
  return says(before, /\b(?:that|which) (?:were|was) due\b[^.;!?]{4,40}\b(?:are|is|will be) (?:now )?due(?: on| by)?\s+(?:\p{L}+day,?\s+)?$/iu) ? 'due' : null;
}

/** Which of two dates a deadline was moved from and which to: “It was Friday 19 February, it is now Monday 22 February”; “19 February becomes 22 February”. One alone is not judged.
 * @param before, after - the words around the date in its clause @param previous, next - the clauses beside it */
export function movedRole(before: string, after: string, previous: string, next: string): 'due' | 'other' | null {
  const ahead = `${after} ${next}`, behind = `${previous} ${before}`, atOnce = says(`${behind} ${ahead}`, aboutHandIn) && !says(`${behind} ${ahead}`, personal) ? inOneBreath(before, after, next) : null;
  if (atOnce) return atOnce;
  if (says(ahead, dateLike) && (says(before, formerly) || says(after, ceased))) {
    const goesOn = ahead.slice(0, 120), turned = says(goesOn, /\b(?:now|becomes|make (?:that|it)|instead|correct|right|new|moved|changed|postponed|shifted)\b/i);
    // “Abstracts were due on 1 February. The full papers are now due on 1 March”: that is another paper's.
    const another = firstIn(goesOn, /\b(?:essay|paper|report|draft|abstract|thes[ie]s|version|proposal|portfolio|poster|presentation|slide|review|part)s?\b/i);
    if (another && !behind.toLowerCase().includes(another[0].toLowerCase().replace(/s$/, ''))) return null;
    if (turned && says(`${behind} ${goesOn}`, aboutHandIn) || says(`${before} ${goesOn}`, oldAndNew)) return 'other';
  }
  if (says(behind, dateLike) && (says(before, nowadays) || says(after, holds))) {
    const said = behind.slice(-160), left = says(said, /\b(?:was|were|had been|used to be|no longer|originally|initially|previously|formerly|said|wrote|announced|wrong|incorrect|becomes|moved|changed|postponed)\b|\b(?:old|before)\s*[:=]/i);
    if (left && (says(behind, aboutHandIn) || /\b(?:moved|changed|postponed)\b/i.test(behind) || /^\W*it was\b/i.test(previous) || /^\W*it was\b/i.test(before) || says(behind, oldAndNew))) return 'due';
  }
  return null;
}
