import { dateLike } from './dates.ts';

const ledBy = '(?: (?:due|set|fixed|announced|planned|meant|supposed|given|printed|listed|down))?(?: to be)?(?: due)?(?: as| for| on| at| by)?\\s*(?:the )?(?:\\w+day,?\\s*)?(?:the )?$';
/** Words before a date that has ceased to hold, and before the one that holds in its place. */
const formerly = new RegExp(`\\b(?:was|were|had been|used to be|(?:is|are) no longer|originally|initially|previously|formerly|at first|(?:we|I|they) (?:had )?(?:said|wrote|announced|gave|told you)|(?:old|former|previous|original) (?:deadline|due date|date)\\s*[:=]?|(?:syllabus|handbook|sheet|page|handout)(?: still)? (?:says|said|has|had|gives|gave))${ledBy}`, 'i');
const nowadays = new RegExp(`\\b(?:now|becomes|make (?:that|it)|read (?:that as)?|(?:new|correct|right|actual|real) (?:deadline|due date|date|one)?\\s*(?:is|[:=])|(?:correct|right) is|but|it(?: is|['’]s)|that(?: is|['’]s)|it(?: has| is|['’]s) (?:been )?(?:moved|changed|postponed|put (?:off|back)|shifted) to|instead)(?: now| rather)?${ledBy}`, 'i');
/** Words behind either. */
const ceased = /^[^.;!?]{0,24}(?:\bbecomes\b|\b(?:is|was) (?:wrong|incorrect|obsolete|off|out of date|no longer (?:right|valid|true))\b)/i, holds = /^[^.;!?\d]{0,14}\b(?:now|instead|from now on)\b/i;
const aboutHandIn = /\b(?:deadlines?|due|hand-?in|submission|submit|closing|closes|essay|paper|report|thesis|assignment|coursework)\b/i;

/** Which of two dates a deadline was moved from and which to: “It was Friday 19 February, it is now Monday 22 February”; “19 February becomes 22 February”. One alone is not judged.
 * @param before, after - the words around the date in its clause @param previous, next - the clauses beside it */
export function movedRole(before: string, after: string, previous: string, next: string): 'due' | 'other' | null {
  const ahead = `${after} ${next}`, behind = `${previous} ${before}`;
  if (dateLike.test(ahead) && (formerly.test(before) || ceased.test(after))) {
    const goesOn = ahead.slice(0, 120), turned = /\b(?:now|becomes|make (?:that|it)|instead|correct|right|new|moved|changed|postponed|shifted)\b/i.test(goesOn);
    // “Abstracts were due on 1 February. The full papers are now due on 1 March”: that is another paper's.
    const another = /\b(?:essay|paper|report|draft|abstract|thes[ie]s|version|proposal|portfolio|poster|presentation|slide|review|part)s?\b/i.exec(goesOn);
    if (another && !behind.toLowerCase().includes(another[0].toLowerCase().replace(/s$/, ''))) return null;
    if (turned && aboutHandIn.test(`${behind} ${goesOn}`)) return 'other';
  }
  if (dateLike.test(behind) && (nowadays.test(before) || holds.test(after))) {
    const said = behind.slice(-160), left = /\b(?:was|were|had been|used to be|no longer|originally|initially|previously|formerly|said|wrote|announced|wrong|incorrect|becomes|moved|changed|postponed)\b/i.test(said);
    if (left && (aboutHandIn.test(behind) || /\b(?:moved|changed|postponed)\b/i.test(behind) || /^\W*it was\b/i.test(previous) || /^\W*it was\b/i.test(before))) return 'due';
  }
  return null;
}
