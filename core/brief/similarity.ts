import { clausesWith, isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';
import { negated, yes } from './yes-or-no.ts';
import { checkedAbroad, checkNamedAbroad, deniedAbroad, isAbroad, ownCheckAbroad, reservedAbroad } from './wordings/elsewhere/similarity.ts';
import { comparedByMachine } from './wordings/similarity.ts';
import { firstIn, says } from '../text/patterns.ts';

/** Whether the text is compared with others by a machine. A warning against plagiarism alone does not settle it. */
export function readSimilarity(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /similar|originality|match|plagiar|compar|overlap|against|(?:copy|copying|clone) (?:detect|check)/i)) for (const m of matchesIn(clause, comparedByMachine)) {
    // “The university reserves the right to check papers.”
    if (/\breserves? the right to\b/i.test(clause.text.slice(0, m.at - clause.start + 4)) || /\breserves? the right to\b/i.test(clause.text) && /^(?:check|screen)/i.test(m[0])) continue;
    // “The plagiarism check is your own responsibility; we don't run one.”
    if (says(clause.text.slice(m.to - clause.start), /^[^.;]{0,14}\b(?:is|are|remains?) (?:your|the student['’]s|each student['’]s)(?: own)? responsibility\b/i)) continue;
    // “Checked only if the examiner asks for it.”
    if (says(clause.text.slice(m.to - clause.start), /^[^.;]{0,20}\bonly (?:if|where|when|on)\b/i)) continue;
    if (says(clause.text, /\b(?:similarity|similarities) (?:between|of|to|in)\b/i) && !says(m[0], /check|report|score|software|scan|screen/i) && !says(clause.text.slice(0, m.at - clause.start), /\b(?:scanned|checked|screened|tested|analysed|analyzed) (?:automatically )?for $/i)) continue;
    // “We don't run lab reports through any matching software.”
    const through = says(clause.text.slice(0, m.at - clause.start), /(?:\b(?:not|never|nobody|no one|none|neither)\b|n['’]t\b)[^.;,]{0,60}\b(?:through|into|with|by|using)(?: any(?: (?:kind|sort|form) of)?| an?| the| our)?\s*$/i);
    found.push(yes(!through && !negated(clause, m) && !says(m[0], /(?:\bnot|\bnever|n['’]t) (?:be )?(?:\w+ )?compared\b/i), m, clause));
  }
  // “Software check: yes.”
  for (const clause of clauses) for (const m of matchesIn(clause, /^\W*(?:software|plagiarism|similarity|originality|text)[- ]?(?:check|comparison|matching)(?:ing)?(?: software)?\s*[:|]\s*(?:(yes|oui|sí|sì|sim|ja)|no|non|não|nein|nee|nej|nei)(?!\p{L})/giu)) found.push({ value: m[1] !== undefined, start: m.at, end: m.to, override: isCorrection(clause) });
  // “We compare all answers electronically.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\bwe compare (?:all|the|your) (?:answers|essays|papers|reports|submissions|texts|work|code|solutions)\b[^.;]{0,20}\b(?:electronically|automatically|by (?:computer|machine|software)|with (?:each other|one another|software))\b/gi)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
  clauses.forEach((c, i) => { for (const m of matchesIn(c, /\b(?:we|I|the (?:department|university|office)) (?:do(?:es)? not|don['’]t|doesn['’]t|won['’]t|will not) (?:run|make|do|carry out|use) (?:one|any|such a check|it)\b/gi)) if (says(`${clauses[i - 1]?.text ?? ''} ${c.text}`, /\b(?:plagiarism|similarity|originality|text-matching) (?:check|report|scan|test)/i)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(c) }); });
  // “Submitted work goes through software that detects copied passages.” “You can view the match percentage.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\bsoftware\b[^.;]{0,24}\bcompares? (?:your|the|all|each) (?:texts?|work|papers?|essays?|submissions?)\b|\bsoftware (?:that|which) (?:detects?|finds?|looks for|searches for|identifies) (?:copied|plagiari[sz]ed|matching|identical|overlapping) (?:passages?|texts?|work|parts?|sentences?)\b|\b(?:view|see|check) (?:the|your) (?:match(?:ing)?|overlap) (?:percentage|score|rate|report)\b/gi)) if (!/\b(?:no|not|never|n['’]t)\b/i.test(clause.text)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
  // “A report on overlaps with other texts is generated for each paper.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\breports? (?:on|of|about|showing) (?:any )?(?:overlaps?|matches|similarities|matching (?:text|passages))\b[^.;]{0,40}\b(?:is|are|will be) (?:generated|produced|made|created|drawn up|available)\b/gi)) if (!/\b(?:no|not|never|n['’]t)\b/i.test(clause.text)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
  // “I do not run these through a checker.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\b(?:do(?:es)? not|don['’]t|won['’]t|will not|am not|never|nobody will) (?:be )?(?:run|put|send|pass|feed|check|scan|screen|compare)(?:n?ing|ting)? (?:these|them|it|this|(?:your|the|any|our|all) (?:\w+ )?\w+|(?:\w+ )?(?:essays|papers|reports|reviews|work|drafts|assignments|logs|files|submissions|portfolios|diaries|journals)) (?:through|into|with|by|using) (?:an? |the |any |our )?(?:(?:kind|sort|form) of )?(?:checker|detection|similarity|originality|plagiarism|(?:text[- ])?(?:matching|comparison|comparing))\b/gi)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
  // “May I see my similarity score? Only after the marks (yes, everybody's work is checked).”
  for (const clause of clauses) if (clause.under !== undefined && says(clause.under, /\b(?:similarity|originality|overlap|matching) (?:score|report|check|index)\b/i)) for (const m of matchesIn(clause, /\b(?:everybody['’]s|everyone['’]s|all|each|every|your) (?:\w+ )?(?:work|essays?|papers?|reports?|submissions?|files?) (?:is|are|gets?) checked\b/gi)) found.push(yes(true, m, clause));
  // “Is it checked for plagiarism? The report is, the code is too.”
  clauses.forEach((c, i) => { const answer = clauses[i + 1]; if (answer && c.asks === 'open' && says(c.text, /^\W*(?:Q\s*[:.]\s*)?(?:is|are|will|do|does)\b[^?]*\b(?:plagiarism|similarity|originality)\b/i) && says(answer.text, /^\W*(?:A(?:nswer)?\s*[:.]\s*)?(?:the|all|every|both|it|they|of course|always)\b[^.;]*\b(?:is|are|does|do|will|of course|always)\b/i) && !/\b(?:not|no|never|n['’]t)\b/i.test(answer.text)) found.push({ value: true, start: answer.start, end: answer.end }); });
  // “The text goes through the comparison service that the faculty pays for.” “The markers see how much of your text stands elsewhere.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\b(?:go(?:es)?|runs?|put|passe[sd]|pass|sent|fed|submitted|uploaded|processed)\b[^.;]{0,30}\b(?:through|into|by|with|via|to) (?:the |an? |our |some )?(?:[a-z'’]+ )?(?:comparison|copy detection|overlap) (?:service|tool|software|program|system|check)\b|\bcop(?:y|ying) detect(?:or|ion)\b[^.;]{0,20}\b(?:is|are|will be) (?:switched on|used|active|applied|run|in use)\b|\b(?:sees?|shown|told|reports?|shows?) (?:us |me |the markers? )?how much of (?:your|the|each) (?:text|essay|paper|work) (?:also )?(?:stands|appears|is found|can be found|exists|occurs) elsewhere\b/gi)) if (!clause.asks) found.push(yes(!negated(clause, m), m, clause));
  // “Not running it through any checker.” “Plagiarism? Will be checked by software.”
  for (const clause of clauses) for (const m of matchesIn(clause, /(?:^\W*|['’](?:re|m|s) |\b(?:am|are|is) )not (?:running|putting|passing|sending|feeding)\b[^.;]{0,40}\bthrough (?:any |a |the |our )?(?:\w+ ){0,2}(?:checker|scanner|software|program|detector|check)\b/gi)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
  for (const clause of clauses) if (clause.under !== undefined && says(clause.under, /^\W*(?:plagiarism|copying|similarity|overlap|originality)\b[^.;]{0,20}\?/i)) for (const m of matchesIn(clause, /\b(?:check(?:ed|s)?|scan(?:ned|s)?|test(?:ed|s)?|look(?:ed|s)? for|detected|compared?)\b[^.;]{0,40}\b(?:software|program|machine|tool|system)\b/gi)) found.push(yes(!negated(clause, m), m, clause));
  // “All reports are checked electronically for unattributed text.” “Do you check for copying? Yes, everything is.”
  for (const clause of clauses) for (const m of matchesIn(clause, /\b(?:checked|screened|scanned|searched|examined) (?:electronically|automatically|by (?:computer|machine|software)|with software) for (?:\w+ ){0,2}(?:text|passages|borrowings?|copying|overlaps?|copied \w+)\b/gi)) found.push(yes(!negated(clause, m), m, clause));
  for (const clause of clauses) if (clause.under !== undefined && says(clause.under, /^\W*(?:Q\s*[:.]\s*)?(?:do|does|are|is|will) \b[^?]*\b(?:check(?:ed)?|screen(?:ed)?|scan(?:ned)?)\b[^?]*\b(?:copying|plagiarism|overlaps?)\b[^?]*\?/i)) for (const m of matchesIn(clause, /^\W*(?:A(?:nswer)?\s*[:.]\s*)?(?:(yes|of course|sure|always|everything is)|no|not|never)\b/gi)) found.push({ value: m[1] !== undefined, start: m.at, end: m.to, override: isCorrection(clause) });
  const elsewhere = abroad(clauses);
  if (found.length === 0 || elsewhere.some((s) => !s.value)) return elsewhere;
  // “Similarity check: no”: the name of what there is none of says nothing more.
  return found.filter((s) => !s.value || !found.some((o) => !o.value && o.start <= s.start && s.end <= o.end));
}
/** In another language than English. */
function abroad(clauses: Clause[]): Statement<boolean>[] {
  return clauses.flatMap((clause) => {
    if (clause.asks || says(clause.text, ownCheckAbroad) || says(clause.text, reservedAbroad)) return [];
    const m = [...checkNamedAbroad, ...(says(clause.text, isAbroad) ? checkedAbroad : [])].map((said) => firstIn(clause.text, said)).find((one) => one !== null);
    return m ? [{ value: !says(clause.text, deniedAbroad), start: clause.start + m.index, end: clause.start + m.index + m[0].length, override: isCorrection(clause) }] : [];
  });
}
