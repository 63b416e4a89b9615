import type { WordStream } from './words.ts';

/** What an assignment says and a paper does not. Common practice, no published source. */
const signs = [
  /\b(?:submit|hand (?:it |this |your \w+ )?in|upload|handed in|submission)\b/i, /\b(?:due|deadline|by \d{1,2}[:.]\d{2}|no later than)\b/i, /\b(?:word (?:limit|count|length)|\d[\d,.]* words|(?:maximum|minimum) of \d)/i, /\b(?:marks?|marking (?:criteria|scheme)|rubric|weighting|graded?|per cent of the module)\b/i,
  /\b(?:your (?:essay|report|paper|answers?|own words|work|name|student number)|you (?:should|must|are asked|will be))\b/i, /(?:^|\n)\s*(?:\d+[.)]\s*|[a-z]\)\s*)?(?:Describe|Discuss|Explain|Compare|Analyse|Analyze|Write|Answer|Outline|Evaluate|Critically|Choose|Complete|State)\b/, /\blearning outcomes?\b/i,
  /[[<{](?:insert|your|name|title|date|enter|type|add)\b|\bclick (?:or tap )?here\b|_{4,}/i,
];
const surely = /(?:^|[\W_])(?:template|wording|cover ?sheet|pro ?forma)(?:[\W_\d]|$)/i, perhaps = /(?:^|[\W_])(?:assignment|brief|task|instructions?|questions?|coursework|form)(?:[\W_\d]|$)/i;

/** Whether a text to compare with is the assignment's wording or a supplied template: by its name, or by what it says. A fellow student's
 * paper may bear the name of the assignment, so that name alone does not settle it. */
export function isTemplate(fileName: string, text: WordStream): boolean {
  const said = signs.filter((sign) => sign.test(text.text)).length, name = fileName.replace(/\.[^.]+$/, '');
  if (text.words.length > 4000) return false;
  return surely.test(name) ? true : said >= (perhaps.test(name) ? 1 : 4);
}
