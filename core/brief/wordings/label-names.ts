import type { Rewrite } from './alike.ts';

/** Labels of rows that say the same, with what stands behind them where the label alone could mean something else. Common practice of handbooks, no published source. */
const sameLabels: readonly [name: string, labels: string, behind?: string][] = [
  ['Word limit', 'word ?count (?:limit|maximum|ceiling)|word allowance|no\\. of words(?: \\(max(?:imum|\\.)?\\))?|limit of words|maximal length(?= ?: ?[\\d,. ]+words)'],
  ['Page limit', 'length \\(pages\\)|page allowance|no\\. of pages(?: \\(max(?:imum|\\.)?\\))?|limit of pages'],
  ['Upload limit', 'space|storage|upload space', '\\d+ ?[KMG]i?B\\b'],
  ['Line spacing', 'line distance|linespacing|interline(?: space| spacing)?|line pitch|leading'],
  ['Margins', 'edges|page edges|free edges?|blank edges?', '\\d[\\d.,]* ?(?:cm|mm|in)'],
  ['File name', '(?:how )?(?:named|called)|name on (?:the )?file|file label|(?:file ?name|naming) rule|label of (?:the )?file', '(?=[^\\n]{0,60}[_-])[\\w<[{(][^\\n]*(?:\\.(?:pdf|docx?|odt|rtf|zip)\\b|[_>\\]}])'],
  ['File name', 'document name|file (?:is |must |should |has )?to be (?:named|called)|file (?:should|must) be (?:named|called)'],
  ['Late period', 'late acceptance|grace period with (?:a )?(?:penalty|deductions?)|lateness (?:accepted|allowed|tolerated)', '(?:up to |max(?:imum|\\.)? )?\\d+ (?:\\w+ )?days?\\b'],
  ['Late cut-off', 'cut-?off|latest', '\\d+ (?:\\w+ )?days? (?:after|past|from) (?:the )?(?:deadline|due date)'],
  ['Late work', 'lateness', '(?:a )?(?:mark of |grade of )?(?:zero|0|nil|nought)\\b'],
  ['Attempts', 'uploads|hand-?ins allowed|goes', '(?:max(?:imum|\\.)? |up to |at most |no more than )?(?:\\d|one|two|three|four|five)(?: times| per student)?[^\\w\\n]*$'],
  ['Resubmission', 'second (?:tries|try|attempts?|goes|go|chances?|uploads?|submissions?)|re-?tries|re-?submits|re-?uploads?|more than one (?:try|attempt|upload|submission)|(?:changes|corrections|edits)(?: (?:after (?:the )?(?:submission|hand-?in|upload)|afterwards|later))|repeat (?:uploads|attempts)', '(?:none|no|0|nil|not (?:possible|allowed|permitted|accepted))\\b(?![^\\n]*\\d)'],
  ['Similarity check', '(?:overlap|matching|copy|text[- ]overlap|similarity)[- ](?:check|screening|scan|control|test)(?:ing)?|checked for (?:overlap|copying|matches)', '(?:yes|no|on|off|none|applied|active|used|not (?:used|applied|active)|all (?:papers|essays|work))\\b'],
  ['Version marked', 'which version (?:counts|is marked)|version that counts|counting version'],
  ['Anonymous', 'anonymi[sz]ed|anonymous reading|names hidden'],
];
const lineStart = '(?<=^[ \\t]*(?:[-*•] |\\d{1,2}[.)] )?)';

/** Rows by the names that the readers know. */
export const labelNames: readonly Rewrite[] = [
  ...sameLabels.map(([name, labels, behind]): Rewrite => [new RegExp(`${lineStart}(?:${labels})(?=[ \\t]*:[ \\t]*${behind ? `(?:${behind})` : '\\S'})`, 'gim'), () => name]),
  // “Submissions open from: …”, “Uploads closed from: …”.
  [/(?<=^[ \t]*(?:[-*•] )?[A-Z][\w()%,−-]{2,20}(?: [\w()%,−-]{1,20}){0,3}) closed (?:from|on|at|after)(?=[ \t]*:)/gm, () => ' closes'],
  [/(?<=^[ \t]*(?:[-*•] )?[A-Z][\w()%,−-]{2,20}(?: [\w()%,−-]{1,20}){0,3}) open (?:from|on|at)(?=[ \t]*:)/gm, () => ' opens'],
  // “Anonymous marking: not applied”; “Student name: must not appear”; “Name on paper: yes”.
  [/(?<=^[ \t]*(?:[-*•] )?(?:anonym|blind mark)[^:\n]{0,24}:[ \t]*)(?:not (?:applied|used|in use|possible|in force)|off|disabled|does not apply|none|inactive)\b(?=\W*$)/gim, () => 'no'],
  [new RegExp(`${lineStart}(?:student(?:['’]s)? |author(?:['’]s)? |own |your )?names?(?: on (?:the )?(?:paper|essay|report|work|pages?))?[ \\t]*:[ \\t]*(?:not on the (?:paper|essay|report|work|pages?)|must not (?:appear|be given|be stated)|(?:to be )?(?:leave|left) (?:out|off)|omit(?:ted)?|do not (?:give|state|write)|hidden)(?=\\W*$)`, 'gim'), () => 'Anonymous: yes'],
  [new RegExp(`${lineStart}names? on (?:the )?(?:paper|essay|report|work)[ \\t]*:[ \\t]*(?:yes|required|must be given|please)(?=\\W*$)`, 'gim'), () => 'Anonymous: no'],
];
