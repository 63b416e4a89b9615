import { anyOf } from './any-of.ts';

/** A time of day that holds for every date without one. */
export const timeForAllDates = anyOf('i', [
  /^\W*always (?:at |by |before )?(?=\d|noon|midnight)/,
  /\bboth times (?:before|by|at) (?=\d|noon|midnight)/,
  /^\W*all (?:milestones|items|parts|deliverables|components|stages|tasks)\s*:\s*(?=\d|noon|midnight)/,
  /\b(?:is|are) (?:always )?due (?:every |each |on )?(?:mon|tues|wednes|thurs|fri|satur|sun)days (?:at|by|before) (?=\d|noon|midnight)/,
  /\b(?:system|box|clock|portal|link|folder|area|page) is set to (?=\d|noon|midnight)/,
  /\b(?:it|the (?:e-?mail|file|pdf|message|upload)) (?:has to|must|needs to|should) (?:arrive|be (?:in|there|here)|reach (?:me|us|the office)|come in) (?:by|before|no later than|until) (?=\d|noon|midnight)/,
  /, always (?:at )?(?=\d{1,2}[:.]\d\d|\d{1,2} ?[ap]m|noon|midnight)/,
  /\bdeadlines? (?:is|are) (?:12 )?(?:\d[\d:.]*(?: ?[ap]\.?m\.?)?|noon|midday) on the (?:date|day)\b/,
  /^\W*all (?:submissions|uploads|files|papers) by\s/,
  /^\W*all (?:dates|deadlines|due dates|times)(?: are)?\s*:?\s+(?:at\s+)?(?=\d|noon|midnight)/,
  /\b(?:by|at|(?:no|not) later than|before) (?:\d{1,2}(?:[:.]\d{2})? ?(?:hours|hrs|h|[ap]\.?m\.?)?|noon) on the (?:date|day)s? (?:set|given|announced|named|published|shown|stated|listed|indicated|above|below)\b/,
  /\bdeadlines (?:are|fall) (?:always )?at\b/,
  /^\W*(?:both|everything|all|each)(?: (?:of (?:these|them)|parts?|items?|pieces?|files?|stages?|steps?|dates?))?(?: (?:are|is))?(?: due)? (?:at|by)\s/,
  /\b(?:due|closing) times? (?:are|is) (?:always )?/,
  /\ball (?:deadlines|due dates|hand-?ins)\s*:\s/,
  /\b(?:all|every|each|both|everything)\b[^.;]{0,40}\b(?:due|deadlines?|closes?|end|times?|dates?|hand-?ins?|submitted|handed in)\b[^.;]{0,20}\b(?:at|is|by)\s/,
  /\b(?:upload|submission|hand-?in|box|page|folder|area|portal|point|it)\s+(?:page |box |point )?(?:closes?|locks?|shuts?)\b[^.;]{0,20}\bat\s/,
  /\b(?:by|at) (?:\d[\d:.]*(?: ?[ap]\.?m\.?| noon)?|noon|12[.:]00 noon) (?:(?:[A-Z]{2,4}|local) time )?on the (?:date|day|(?:stated|published|given|set|relevant) (?:day|date)|day stated|day given)\b(?! (?:of|after|before))/,
  /\bon the (?:due date|day of the deadline|closing date)\b/,
]);
