import { noun } from './document-names.ts';
import { firstIn, says } from '../text/patterns.ts';

/** A document of a list whose kind is said once for all, and where its name stands in the clause. */
export interface Joint { label: string; at: number; end: number }

/** What is no name of a document: small words, verbs of handing in, and words for any file. */
const notName = String.raw`(?:an?|the|your|our|my|its|this|that|these|those|one|two|three|both|each|all|and|or|of|as|in|on|to|for|from|by|with|not|no|only|please|submit\w*|uploads?|uploaded|hand(?:ed)?|turn|send|deliver|provide|attach|include|return|bring|save|saved|export|print|scan|must|should|shall|will|may|can|is|are|be|has|have|need|needs|which|who|if|when|then|here|there|you|students?|groups?|documents?|versions?|copy|copies|names?|numbers?|pages?|words?|formats?|upload|submission|submissions|pdfs?|docx?|word|either)`;
const word = String.raw`(?!${notName}(?![\p{L}’'-]))[\p{L}][\p{L}’'/-]*`;
const article = String.raw`(?:(?:the|your|an?|our|one|its|this|his|her|their)\s+)`, size = String.raw`(?:(?:\d[\d,.]*|one|two|three|four|five|ten)[\s-](?:page|word|slide|minute|sheet)\s+)?`;
const item = String.raw`${article}?${size}(${word}(?: ${word}){0,3}(?: (?:of|on) (?:the |your )?${word}(?: ${word})?)?)(?:\s*\((?![^()]*\b(?:pdf|docx?|word)\b)[^()]{1,80}\))?`, link = String.raw`(?:,?\s+(?:and(?: also)?|plus|as well as|together with|along with|&|\+)\s+)`;
/** “the report, the poster and an ethics form”, at the end of what was written so far. */
const list = new RegExp(String.raw`(?:^|[\s:–—(])(${item}(?:,\s+${item}){0,3}${link}${item})$`, 'iu');
const known = new RegExp(String.raw`(?:^|[ -])${noun}s?(?: (?:of|on) .*)?$`, 'i'), splitter = new RegExp(String.raw`,\s+(?=${article}?[\p{L}])|${link}`, 'iu'), opening = new RegExp(`^${article}?${size}`, 'i');
/** What makes one file of them all. */
const inOne = /\b(?:one|single|same|combined?|merged?|joint|together|a (?:pdf|word|docx))\b/i;
const be = String.raw`(?:(?:be|be (?:submitted|uploaded|handed in|delivered|sent|saved|turned in|provided|returned))\s+)?`;
/** What stands between such a list and the kind, and says that it is the kind of each: the word for it, or a plural. */
const each = new RegExp(String.raw`(?:\s+(?:is|are|has to be|have to be|must be|should be) [^,.;()]{2,80}(?=[,;(–—]))?\s*[,;:(–—-]*\s*(?:both|each|all(?: three| four| five)?)(?: of (?:them|which|these))?(?:\s+(?:(?:must|should|have to|has to|need to|needs to|are to|is to|will|are|is)\s+)?${be}(?:submitted |uploaded |saved |handed in )?)?\s*(?:(?:as|in|of|to)\s+)?(?:an?\s+)?(?:separate(?:ly)?\s+)?\.?$`, 'i');
const must = new RegExp(String.raw`\s+(?:must|should|have to|need to|are to|shall|will|are)\s+(both\s+|each\s+|all\s+)?${be}(both\s+|each\s+|all\s+)?(?:(?:as|in|of|to)\s+)?(an?\s+)?(?:separate\s+)?\.?$`, 'i');
const anyway = /\s+(?:(?:must|should|have to|has to|need to|are to|is to|shall|will|are|can|may)\s[^.;,()]{0,40})?(?:as|in|into|to|be|are|as an?|into an?|in an?)\s(?:(?:an?|one|single|the same|joint|combined)\s)*\.?$/i;
const asPlural = /(?:\s+(?:goe?s? in|come|are (?:to be )?(?:handed in|submitted|uploaded|delivered|sent(?: in)?)|(?:have to|must|should) be (?:handed in|submitted|uploaded)))?\s+(?:as|in|to|are)\s+(?:two |three |four |separate |individual |different )*\.?$/i, plural = /^(?:s\b|s? (?:files|documents|attachments|uploads)\b)/i, apart = /\b(?:two|three|four|separate|individual)\s+\.?$/i;

/**
 * “Report and poster, both as PDF”, “the essay and the log as PDFs”, “the report and the poster must be PDF”: the documents of a list whose kind is said once for all of them.
 * @param before - the clause up to the kind @param kind - what names the kind @param behind - the rest of the clause
 * @returns nothing where one file holds them all, or where the kind may be said of the last only
 */
export function jointDocuments(before: string, kind: string, behind: string): Joint[] {
  for (const [shared, counts] of [[each, true], [must, false], [asPlural, false]] as const) {
    const m = firstIn(before, shared);
    if (!m || says(m[0], inOne) || says(behind, /^s?\s*(?:\([^()]*\b(?:one|single)\b|(?:file|document)?,? (?:in|into) (?:one|a single)\b)/i)) continue;
    const found = firstIn(before.slice(0, m.index), list);
    if (!found) continue;
    const several = counts || /\p{L}s$/u.test(kind) || says(behind, plural) || says(m[0], apart), both = /\bboth\s+$/i.test(before.slice(0, m.index - found[1]!.length));
    const from = m.index - found[1]!.length, names: Joint[] = [];
    let at = from, articles = 0;
    for (const part of found[1]!.split(splitter)) {
      const open = firstIn(part, opening)![0], name = part.slice(open.length).replace(/\s*\([^()]*\)\s*$/, '').trim(), start = before.indexOf(part, at) + open.length;
      if (open.trim() !== '') articles++;
      names.push({ label: name, at: start, end: start + name.length });
      at = start + name.length;
    }
    const sure = several || both || shared === must && (m[1] !== undefined || m[2] !== undefined || m[3] === undefined && articles === names.length);
    if (sure && names.length > 1 && names.some((n) => says(n.label, known)) && !names.some((n) => /^(?:files?|work|papers?)$/i.test(n.label)) && new Set(names.map((n) => n.label.toLowerCase())).size === names.length) return names;
  }
  return [];
}

/** “The report and the poster in PDF format”: whether what stands before a kind is a list that ends with this name; the one file that holds them all is not called by its last. */
export function isLastOfList(before: string, label: string): boolean {
  const m = firstIn(before, anyway), found = m && firstIn(before.slice(0, m.index), list), parts = found?.[1]!.split(splitter) ?? [];
  return parts.length > 1 && parts.some((part) => says(part.replace(opening, '').trim(), known)) && parts.at(-1)!.toLowerCase().endsWith(label.toLowerCase());
}
