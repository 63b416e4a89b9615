import { anyOf } from './any-of.ts';

/** Late work is not taken, or counts for nothing. */
export const lateIsRefused = anyOf('gi', [
  /\b(?:no late (?:submissions?|work|papers?)\b[^.;]{0,30}|late(?: (?:submissions?|work|papers?|essays?|assignments?|parts?|reports?|portfolios?|projects?|hand-ins?|deliverables?|uploads?|items?|files?|homeworks?|answers?|scripts?)\b|(?=\s*:))(?: without (?:an? )?(?:approved |prior |agreed )?(?:extension|permission))?[^.;]{0,25}(?:\b|(?=:))(?:(?:(?:will|can|are|is) ?not|can['’]t|won['’]t) (?:be )?(?:accepted|marked|considered|graded|assessed)|cannot be (?:accepted|marked)|not (?:accepted|allowed|permitted|possible)|:\s*(?:no|none|not (?:possible|accepted|allowed|permitted))\b|(?:will )?(?:receive|score|get)s? (?:a )?(?:mark of )?(?:zero|0|no marks?)))/,
  /\b(?:nothing|no (?:submissions?|work|papers?))\b[^.;]{0,20}\b(?:accepted|taken)\b[^.;]{0,15}\b(?:late|after (?:the|this) (?:deadline|due|time|date))\b/,
  /\b(?:do|does|will|can) ?(?:not|n['’]t)\b[^.;]{0,10}\b(?:accept|mark|take|consider)\b[^.;]{0,12}\blate\b[^.;]{0,14}/,
  /\b(?:thesis|dissertation|paper|essay|report|work|assignment|portfolio|it) (?:is|was|has) not (?:been )?(?:submitted|handed in|uploaded|delivered) (?:on|in) time,? (?:it|the \w+) (?:is|will be|shall be) (?:graded|marked|assessed|deemed|regarded|treated)[^.;]{0,12}(?:["“”'’]?(?:insufficient|not sufficient|fail(?:ed)?|zero)|5[.,]0)/,
  /\b(?:assignments?|answers?|essays?|papers?|reports?|work) (?:submitted|handed in|uploaded|received|that arrives?) (?:later than|after) (?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]\.?m\.?|noon)[^.;]{0,20}\b(?:rejected|refused|not (?:be )?(?:accepted|marked|corrected|graded|read))\b/,
  /\b(?:parts?|drafts?|instalments?|sections?|journals?|entries|stages?|they|these|it|files?|forms?) (?:cannot|can['’]?t|can not|may not|must not) be (?:handed in|submitted|uploaded|sent|accepted) late\b/,
  /\bnothing can be (?:handed in|submitted|uploaded|accepted) (?:later|after(?:wards| that)?)\b/,
  /\b(?:submissions?|work|essays?|papers?|assignments?|files?|answers?|scripts?|anything) (?:received |handed in |made |submitted |uploaded |turned in |arriving |reaching us )?after (?:the|this) (?:said )?(?:deadline|due (?:date|time)|time|date)\b[^.;]{0,25}\b(?:not (?:be )?(?:accepted|marked|evaluated|considered|assessed)|rejected|refused|zero)\b/,
  /\b(?:papers?|essays?|work|assignments?|submissions?|files?|theses) (?:received|submitted|handed in|uploaded) after the (?:end|close|expiry) of the (?:submission |upload |hand-in |delivery )?(?:period|window|phase)\b[^.;]{0,12}\b(?:graded|marked|rated|deemed|considered)\b[^.;]{0,14}(?:insufficient|fail(?:ed)?|zero|0|not submitted)\b/,
]);
