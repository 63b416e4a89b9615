import { DateTime } from 'luxon';
import type { Reading } from './dated-rows.ts';
import { dateLike } from './dates.ts';
import { isCorrection, matchesIn, numberWords, type Clause, type Statement } from './statements.ts';
import { zoneOf } from '../time/instant.ts';
import { rewritten, says } from '../text/patterns.ts';

const amount = String.raw`(?<n>\d{1,3}|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fourteen)(?:\s|-|(?<=\d)(?=h))(?:(?:calendar|full|more|further|extra|additional)\s)?(?<working>(?:working|business|week)[\s-]?)?(?<unit>hours?|hrs?|h|days?|weeks?|fortnight)(?![\p{L}])`;
const later = String.raw`(?:extended|moved|shifted|postponed|prolonged|delayed|deferred|put back|pushed back|moved back|set back|put off|pushed|lengthened)`, earlier = String.raw`(?:brought forward|moved up|advanced|shortened|cut)`;
const what = String.raw`(?:dead-?lines?|due dates?|(?:hand-?in|submission|closing|end) (?:dates?|time)|dates?|hand-?in|submission|cut-?off)`;
/** “The deadline (1 December, noon) has been moved back by two days”; “we have extended the deadline by a week”; “it is postponed by 24 hours”. */
const shifts = [
  String.raw`\b(?:${what}|it|this|that|both|all|everything)\b(?:(?:[^.;!?]|[.:](?=\d)){0,70}?)\b(?:has|have|had|is|are|was|were|will|been|be|now|therefore|thus|hereby|also)\s+(?:been\s+|be\s+|now\s+|therefore\s+)*(?:(?<later>${later})|(?<earlier>${earlier}))(?:(?:\s(?:for|to)\s[^.;]{2,30}?)?)\s(?:by\s)?(?:another\s|exactly\s)?${amount}`,
  String.raw`\b(?:we|I|she|he|they|the (?:school|department|faculty|office|board|tutor|lecturer|prof(?:essor)?))(?:\s(?:have|has|had)|['’]ve|['’]s)?\s(?:now\s|decided to\s|agreed to\s|therefore\s)*(?:(?<later>extend(?:ed)?|moved?|shift(?:ed)?|postponed?|prolong(?:ed)?|delay(?:ed)?|defer(?:red)?|put back|push(?:ed)? back|put off)|(?<earlier>brought forward|bring forward))\s(?:the|all|your|this|both)\s(?:[\p{L}\d]+\s){0,3}?${what}\b(?:(?:[^.;!?]|[.:](?=\d)){0,60}?)(?:(?:\sfor\s[^.;]{2,30}?)?)\s(?:back\s)?by\s(?:another\s|exactly\s)?${amount}`,
].map((source) => new RegExp(source, 'giu'));
/** Where a shift is only spoken of. */
const unsure = /\b(?:if|whether|unless|may|might|can|could|would|should|request\w*|ask(?:ed|ing)?|apply|applied|hope|wish|not|never|no|cannot)\b|n['’]t\b/i;
const conditional = /\b(?:if|whether|unless|might|could|would|should|hope|wish|not|never|no|cannot)\b|n['’]t\b/i;
const personal = /\b(?:for|to) you\b|\byour (?:own |personal |individual )?(?:dead-?line|due date|hand-?in|submission)|\byou (?:have|were|are)\b/i;

/** Time that the reader alone has been given: “an extension of a week has been approved”, “you have three days more”, “your extension: 48 hours”. */
const given = String.raw`(?:has been|have been|was|were|is|are)\s(?:now\s|hereby\s)?(?:granted|given|approved|agreed|awarded|allowed|accepted)`;
const grants = [
  String.raw`\byou\s(?:have been|were|are)\s(?:now\s|hereby\s)?(?:granted|given|allowed|awarded)\s(?:an?\s)?(?:extension|extra time|more time)\s(?:of|by)\s(?:an additional\s)?${amount}`,
  String.raw`\b(?:we|I)\s(?:have\s|can\s|hereby\s)?(?:granted?|given?|gave|allow(?:ed)?)\syou\s(?:an?\s)?(?:extension|extra time|more time)\s(?:of|by)\s${amount}`,
  String.raw`\b(?:an?|your|the)\s(?:request(?:ed)?\s(?:for\s(?:an?\s)?)?)?(?:extension|extra time)\sof\s${amount}[^.;]{0,20}?\s${given}(?!\s(?:to|for)\s(?:everyone|everybody|all|the class|the whole))`,
  String.raw`\b(?:an?|your)\s(?:request\sfor\san?\s)?${amount}\s(?:extension|of extra time)\b[^.;]{0,20}?\s${given}(?!\s(?:to|for)\s(?:everyone|everybody|all|the class|the whole))`,
  String.raw`\byou\s(?:have been|were|are)\s(?:now\s|hereby\s)?(?:granted|given|allowed|awarded)\s(?:an?\s)?(?:additional\s|extra\s|further\s)?${amount}(?:\s(?:extra|more|additional|extension|longer)\b|(?<=\b(?:additional|extra|further)\s\p{L}+\s\p{L}+\s\p{L}+)|(?<=\b(?:additional|extra|more|further)\s(?:\p{L}+|\d+)?\s?\p{L}+))`,
  String.raw`\byou\s(?:now\s)?have\s(?:an?\s)?(?:additional\s|extra\s)?${amount}(?:\s(?:extra|more|additional|longer)\b|(?<=\b(?:additional|extra|more|further)\s(?:\p{L}+|\d+)?\s?\p{L}+))`,
  String.raw`(?:^|[.;\n]\s*)\W*(?:your\s)?extension(?:\s(?:granted|approved|given|agreed))?\s*:\s*(?:\+\s?)?${amount}(?:\s(?:granted|approved))?(?=\W*$|\s*[.;(\n])`,
  String.raw`\byou\s(?:may|can)\s(?:hand in|submit|upload)\s(?:it\s|your \p{L}+\s)?${amount}\s(?:later|after everyone|after the others)\b`,
].map((source) => new RegExp(source, 'giu'));

/** An extension that is said as a span of time behind the deadline for everyone. */
export function extensionOfDays(due: Statement<string>, { clauses, zone }: Reading): Statement<string>[] {
  for (const clause of clauses) for (const pattern of grants) for (const m of matchesIn(clause, pattern)) {
    const groups = new RegExp(pattern.source, 'iu').exec(clause.text.slice(m.at - clause.start))?.groups ?? {}, word = groups['n']?.toLowerCase() ?? '', n = numberWords[word] ?? Number(word);
    if (!(n > 0 && n <= 200) || says(clause.text.slice(0, m.to - clause.start), conditional) || clause.asks !== undefined && !clause.answers) continue;
    // “You have been given five extra days, so hand it in by 17 April”: that is the reader's date.
    const at = clauses.find((c) => c.start <= due.start && due.start < c.end);
    if (due.start > m.to && says(at === clause ? clause.text.slice(m.to - clause.start, due.start - clause.start) : at?.text ?? '', /\b(?:so|now|therefore|thus|hence|new|means?|until|you|your|then)\b/i) && !says(at?.text ?? '', /\b(?:original|everyone|all|was|were)\b/i)) continue;
    return [{ value: shiftedTime(due.value, n, groups['unit'] ?? '', groups['working'] !== undefined, zone), start: m.at, end: m.to }];
  }
  return [];
}

/** So much later or earlier, written as it was; Saturdays and Sundays are no working days. */
export function shiftedTime(iso: string, n: number, unit: string, working: boolean, zone: string | null): string {
  let at = DateTime.fromISO(iso, zoneOf(zone) ? { zone: zoneOf(zone)! } : { setZone: true });
  if (working) for (let left = Math.abs(n); left > 0;) { at = at.plus({ days: Math.sign(n) }); if (at.weekday < 6) left--; }
  else at = at.plus(/^h/i.test(unit) ? { hours: n } : { days: n * (/^w/i.test(unit) ? 7 : /^f/i.test(unit) ? 14 : 1) });
  return iso.length === 10 ? at.toISODate()! : at.toISO({ suppressMilliseconds: true, includeOffset: /(?:Z|[+-]\d{2}:\d{2})$/.test(iso) })!.replace(/Z$/, '+00:00');
}

/** A deadline that a text moves by a span of time and names no new date for: for everyone, or for the reader alone.
 * @param due the only deadline of the text, with the place where it stands
 * @param told a second date that may be the one it was moved to */
export function shiftOf(due: Statement<string>, { clauses, zone }: Reading, told?: string): { whose: 'everyone' | 'reader'; statement: Statement<string> } | null {
  const own = clauses.find((c) => c.start <= due.start && due.start < c.end), lead = own?.text.slice(0, due.start - own.start) ?? '';
  // “It was Thursday 11 March; it is now Thursday 18 March”, “from 12 to 15 March”: that is the new date already.
  if (/\b(?:now|new|becomes?|instead)\b/i.test(lead) || /\bfrom\b[^.;]{0,40}\bto\b/i.test(own?.text ?? '')) return null;
  for (const [i, clause] of clauses.entries()) for (const pattern of shifts) for (const m of matchesIn(clause, pattern)) {
    const groups = new RegExp(pattern.source, 'iu').exec(clause.text.slice(m.at - clause.start))?.groups ?? {}, behind = clause.text.slice(m.to - clause.start);
    const word = groups['n']?.toLowerCase() ?? '', n = numberWords[word] ?? (/^an?$/.test(word) ? 1 : Number(word)), unit = groups['unit'] ?? '';
    if (!(n > 0 && n <= 200) || says(clause.text.slice(0, m.to - clause.start), unsure) || clause.asks !== undefined && !clause.answers) continue;
    // “… by one week to 8 December”, “… It is now 8 December”: the new date is said.
    const dateIsBehind = (c: Clause | undefined): boolean => c !== undefined && says(c.text, /\b(?:now|new|therefore|then|until|to|means)\b/i) && says(rewritten(c.text, [/\b(?:old|former|previous|original)(?:ly)?\b[^;]*$/i, '']), dateLike);
    if (told === undefined && due.start >= m.to && due.start < clause.end && !says(clause.text.slice(m.to - clause.start, due.start - clause.start), /\b(?:from|was|were|instead of|original\w*|old|former\w*|previous\w*)\b[^.;]*$/i) || told === undefined && dateIsBehind(clauses[i + 1]) && due.start >= clause.end) continue;
    if (/^\W{0,3}(?:to|until|till)\b/i.test(behind) && says(behind, dateLike)) continue;
    const before = clause.text.slice(0, due.start - clause.start);
    if (due.start > clause.start && due.start < m.at + m.to && /\b(?:now|new)\b[^.;]{0,20}$/i.test(before)) continue;
    const value = shiftedTime(due.value, groups['earlier'] ? -n : n, unit, groups['working'] !== undefined, zone);
    if (told !== undefined && value.slice(0, 10) !== told.slice(0, 10)) continue;
    return { whose: says(`${clause.text.slice(Math.max(0, m.at - clause.start - 12), m.to - clause.start)}${/^[^.;]{0,12}\bfor you\b/i.exec(behind)?.[0] ?? ''}`, personal) ? 'reader' : 'everyone', statement: { value, start: m.at, end: m.to, override: due.override ?? isCorrection(clause) } };
  }
  return null;
}
