import { askedSections } from '../tables/section-names.ts';
import { clausesWith, matchesIn, type Clause, type Statement } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** Sections that the wording demands: “must include an abstract, methods and references”. Rules on what counts as words name sections too and are left out. */
export function readSections(clauses: Clause[]): Statement<string>[] {
  const found: Statement<string>[] = [];
  // “A reference list is required.” “An abstract of 200 words must be included.”
  for (const clause of clausesWith(clauses, /required|compulsory|mandatory|obligatory|must (?:also )?be|needs? to be|ha(?:s|ve) to be/i)) for (const m of matchesIn(clause, askedSections)) {
    const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
    if (!says(after, /^(?:\s+(?:of|\()\s*(?:up to |at most |no more than |max\.? |about |around )?[\d,–-]+ (?:words|lines)\)?)?(?:,? and (?:an? |the )?[\p{L} ]{3,24})?\s+(?:(?:is|are) (?:also )?(?:required|compulsory|mandatory|obligatory)|(?:must|should|needs? to|ha(?:s|ve) to) (?:also )?be (?:included|provided|added|present|attached|supplied|given))\b(?! (?:in|on|to|by|when|if|for|only|separately)\b)/iu)) continue;
    if (!says(before, /^\W*(?:also|in addition|finally)?,?\s*(?:an? |the |your |one )?(?:[\p{Ll}-]+ ){0,2}$/iu) || says(before, /\b(?:no|not|neither|nor|word|full|if)\b/i)) continue;
    found.push({ value: m[0].toLowerCase(), start: m.at, end: m.to });
  }
  for (const clause of clausesWith(clauses, /includ|contain|consist|compris|divid|structur|sections?|have|with|\badd\b|append|provide|supply|needs|requires/i)) {
    if (says(clause.text.replace(/title page/gi, ''), /\bword (?:count|limit|length)|\bwords?\b|\bcount(?:s|ed)?\b|\bexclud|\bpages?\b(?! of)/i)) continue;
    const lead = firstIn(clause.text, /\b(?:must|should|shall|ha(?:s|ve) to|needs? to|is to|are to|please|required to|expected to)\b[^.;:]{0,40}?\b(?:include|contain|have|consist of|comprise|be divided into|be structured (?:as|into)|provide|be made up of)\b|\b(?:required|following|these) sections?\b(?: (?:are|must|should)[^.;:]{0,20})?\s*:?|\bsections? (?:required|must be|should be)\s*:?|^\s*(?:please )?(?:also )?(?:include|add|append|provide|supply)\b(?! (?:to|your|the (?:file|following file))\b)|\b(?:essay|paper|report|work|thesis|dissertation|document|it) (?:needs|requires|must end with|ends with|begins with|opens with|closes with)\b/i);
    if (!lead || /\b(?:not|never|no need|without)\b/i.test(lead[0])) continue;
    const from = clause.start + lead.index + lead[0].length;
    for (const m of matchesIn(clause, askedSections)) {
      if (m.at < from || says(clause.text.slice(0, m.at - clause.start), /\b(?:no|not|without|optional(?:ly)?|if (?:any|needed|you))\s+(?:an?\s+)?$/i) || says(clause.text.slice(m.to - clause.start), /^\s*(?:\((?:optional|if)|if (?:any|needed))/i)) continue;
      // “the results of your survey” names a subject, not a section.
      if (/^\s+(?:of|from|to|for|in|that|on)\b/i.test(clause.text.slice(m.to - clause.start)) && !/^table of|^list of/i.test(m[0])) continue;
      // “35 pages of text (without lists, references and appendix)”.
      if (says(clause.text.slice(0, m.at - clause.start), /\((?:without|excluding|excl\.?|not (?:including|counting)|exclusive of)\b[^()]*$/i)) continue;
      found.push({ value: m[0].toLowerCase(), start: m.at, end: m.to });
    }
  }
  return found;
}
