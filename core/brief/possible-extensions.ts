import type { Clause, Statement } from './statements.ts';
import { anyOf } from './wordings/any-of.ts';
import { says } from '../text/patterns.ts';

/** Talk of more time: what may be given, to whoever asks. */
const moreTime = /\b(?:extensions?|extra time|more time|later deadlines?|deferrals?|postponements?)\b/i;
/** More time that somebody has been given already, or that is the reader's own. */
const given = anyOf('i', [
  /\byour\b[^.;]{0,24}\b(?:extension|extra time|later deadline|deferral|postponement)\b/, /\b(?:has|have|had) (?:now |already |just )?(?:been )?(?:given|granted|approved|agreed|allowed|got|received|an?)\b/,
  /\b(?:was|were) (?:given|granted|approved|agreed)\b/, /\b(?:is|are) (?:hereby |now )?(?:granted|given|approved)\b(?! (?:only|on|upon|in|for|to those|to students|at|where|if|by)\b)/, /\b(?:I|we|the \w+) (?:granted|gave|approved|agreed)\b/, /\byou(?:['’]ve| have|['’]ll have| will have| get| now have)\b/,
  /\b(?:for|to|until) (?:everyone|everybody|all(?: students)?|the whole (?:class|group|course))\b/, /\bfor you\b/,
]);
/** It is only possible: on a condition, on request, in some cases. */
const possible = anyOf('i', [
  /\b(?:only|solely|exclusively) (?:be )?(?:granted|given|approved|allowed|available|possible|with|on|upon|for|in|if|when|where|by|after|at)\b/, /\b(?:granted|given|approved|allowed|available|possible) only\b/,
  /\b(?:is|are|would be|remains?) possible\b/, /\b(?:can|may|could|might) (?:only |sometimes |exceptionally |then )?be (?:granted|given|approved|allowed|agreed|obtained|arranged|requested|asked for|applied for|had)\b/,
  /\b(?:on|upon|by|at your|after) (?:written |prior |individual |reasoned |timely )?(?:request|application)\b/, /\b(?:in|under) (?:very |truly |well-?founded |justified |documented )?(?:exceptional|extenuating|mitigating|special|serious|justified|individual|hard|rare|certain) (?:cases?|circumstances)\b/,
  /\b(?:with|against|on) (?:an? )?(?:doctor['’]s|medical|sick) (?:note|certificate|certification|evidence|proof)\b|\bwith (?:documentary )?(?:evidence|proof|good reasons?)\b|\bfor (?:good|serious|valid|medical|health) (?:reasons?|grounds?|cause)\b/,
  /\b(?:if|where|when|once|unless|should|as long as) (?:it is |they are |one is |you |an? |extensions? (?:is|are) )?(?:granted|approved|agreed|needed|necessary|required|need|are ill|fall ill|ask|apply|request|want)\b/,
  /\b(?:ask|apply|request|asking|applying|write to|e-?mail|contact)\b[^.;]{0,40}\b(?:extension|extra time|more time|deferral)\b/, /\b(?:maximum|longest|latest|any) (?:possible |date for (?:an? )?)?extensions?\b/, /\bno (?:more |further )?extensions?\b/,
  /^\W*extensions (?:run|go|last|end|extend|reach)\b/, /\bat the discretion\b/, /\b(?:students|those|anyone|candidates|people|whoever) (?:with|who)\b/,
]);

/** Whether a statement on more time says no more than that it may be had, so that its date is nobody's deadline yet. “An extension until 12 March is only granted on request.” */
export const isOnlyPossible = (statement: string): boolean => says(statement, moreTime) && says(statement, possible) && !says(statement, given);

const someStudents = /^\W*(?:if you (?:have|need|got|were (?:given|granted)|are (?:late|resitting))|(?:all |those )?students? (?:with|who)|those (?:with|who)|anyone (?:with|who)|(?:with|for) (?:an? )?(?:approved |granted )?(?:extensions?|late work|late submissions?|resits?))\b[^.;]{0,40}\b(?:extensions?|extra time|late|resit\w*|resubmit\w*)\b/i;
/** “Students with an approved extension use the separate “Extensions” page”: a place for some. */
export const isPlaceOfSome = (place: Statement<string>, clauses: Clause[]): boolean => { const clause = clauses.find((c) => c.start <= place.start && place.start < c.end); return clause !== undefined && says(clause.text.slice(0, place.start - clause.start), someStudents); };
