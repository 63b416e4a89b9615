import type { ReadDate } from '../dates.ts';
import type { Clause } from '../statements.ts';
import type { DaySense } from './senses-of-days.ts';
import { firstIn, says } from '../../text/patterns.ts';

/** A line that is a label and a day behind it: “Extension deadline (with approval): 11 December”. */
const labelled = /^\W*(\p{Lu}(?:[^:.;|\n\d()]|\([^()\n]{1,30}\)){2,60}?)\s*(?:[:|–—\t]|\s-)\s*(?:(?:by|on|until|till|from)\s+)?(?:\w+day,?\s*)?(?:the\s+)?$/u;

/** What labels of days say, the first that fits. Common practice of module handbooks, no published source. */
const labels: readonly [DaySense | null, RegExp][] = [
  // Days on which an extension is asked for, and work that is done again.
  ['other', /\b(?:request|appl(?:y|ication)|ask)\w*\b.*\bextensions?\b|\bextensions?\b.*\b(?:request|appl(?:y|ication)|form)\w*\b|\b(?:resits?|re-?sits?|reassess\w*|re-?submission|second attempt)\b/i],
  ['other', /^(?:(?:date |brief )?(?:set|issued|handed out|given out|distributed|circulated|revised|updated|amended)(?: (?:on|date))?|(?:your |all |last )?questions?(?: (?:by|until))?|(?:(?:ethics|consent|risk|topic|title|group|partner|registration) )+(?:forms?|approval|choice|registration|assessment|sign-?up)(?: (?:by|due|deadline))?)$/i],
  [null, /\blate (?:registration|enrol\w*|fee|arrivals?)\b|\b(?:late|grace|penalty) (?:period|window) (?:begins|starts|opens)\b|\b(?:feedback|marks|results?)\b/i],
  // Whoever has one, or may have one: nobody's deadline yet.
  ['other', /^(?=.*\bexten(?:ded|sions?)\b).*\b(?:with|if|when|where|once|for|students?|those|candidates?|holders?|approval|subject to|pending|maximum|latest|possible|cases?)\b/i],
  ['other', /^(?:extensions?|extension (?:window|box|folder|area|page)|(?:extended|extension) (?:submissions|hand-?ins|uploads|papers|essays)) (?:clos\w+|ends?|ending)$/i],
  ['extension', /\bexten(?:ded|sions?)\b/i],
  ['lateUntil', /\b(?:submissions?|work|papers?|uploads?|hand-?ins?) with (?:a )?(?:penalty|deductions?)\b|\b(?:late|grace|penalty) (?:period|window|work|papers?|essays?|reports?|submissions?|hand-?ins?|uploads?|deadline|due date|cut-?off|closing|until|date)\b|\b(?:last|latest|final) late\b|\b(?:for|of) (?:all )?late (?:work|papers?|essays?|reports?|submissions?|hand-?ins?|uploads?)\b|^(?:late|grace period)$/i],
  ['lateUntil', /^(?:the )?(?:final|absolute|hard|very last|ultimate) (?:closing|cut-?off)(?: (?:date|time|day))?$|^(?:no (?:submissions?|work|papers?|uploads?|hand-?ins?)|nothing)(?: (?:is |will be )?(?:accepted|taken))? (?:after|beyond)$/i],
  ['opens', /^unlocks?(?: on)?$/i],
];

/** What the label before a day says that it is for; null where there is none, or one that says nothing of the kind. */
export function senseOfLabel(clause: Clause, date: ReadDate): DaySense | null {
  const label = firstIn(clause.text.slice(0, date.start - clause.start), labelled)?.[1];
  return label === undefined ? null : labels.find(([, words]) => says(label.trim(), words))?.[0] ?? null;
}
