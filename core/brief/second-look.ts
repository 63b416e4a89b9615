import { shiftedTime } from './shifted-deadlines.ts';
import { DateTime } from 'luxon';
import { timeOfDay, type DatedRow, type Reading } from './dated-rows.ts';
import { asWindow } from './hours.ts';
import { matchesIn, numberWords, type Clause, type Statement } from './statements.ts';
import { timeForAllDates } from './wordings/times.ts';
import { firstIn, rewritten, says } from '../text/patterns.ts';

/** What a date is for that only the other dates and sentences of a wording show. Each of these changes the rows that it is about. */

const before = ({ clauses }: Reading, clause: Clause): string => clauses[clauses.indexOf(clause) - 1]?.text ?? '';

/** What has become of a deadline. */
const moved = String.raw`(?:is|was|has been|have been|will be|has now been) (?:changed|moved|extended|postponed|put back|pushed back|shifted|deferred)`;

/** “You can take until 22 March; the others hand in on 15 March”, “the deadline for you has been moved from 15 to 29 March”: what holds for one, beside what holds for all. */
export function beyondTheOthers(rows: DatedRow[], { text }: Reading): void {
  const lead = (r: DatedRow): string => `${text.slice(r.clause.start, r.date.start)}${firstIn(text.slice(r.date.start), /^(?:by|until|till|to|from|on|instead of)\b\s*/i)?.[0] ?? ''}`, certain = rows.filter((r) => r.date.problem === 'none');
  const set = (own: DatedRow | undefined, all: DatedRow | undefined): void => { if (!own || !all || own === all) return; own.role = 'extension'; all.role = 'due'; own.override = all.override = false; };
  // Of the others.
  const ofAll = certain.filter((r) => says(lead(r), /\b(?:(?:the )?others|everyone else|everybody else|all other students|the rest(?: of (?:the|your) (?:class|course|group|cohort))?)\b[^.;]{0,40}$|^\W*(?:the )?(?:deadline|due date|due) (?:for|of) (?:all|everyone|everybody|the (?:class|course|group|cohort))\s*(?:[:=]|is)\s*(?:\w+day,?\s*)?$|^\W*(?:everyone|everybody) else\s*:\s*(?:\w+day,?\s*)?$/i) || says(lead(r), /\(\s*(?:the )?(?:class |course |general )?(?:deadline|due date)(?: for (?:all|everyone))?\s*[:=]\s*(?:\w+day,?\s*)?$/i));
  const ofOne = certain.filter((r) => says(lead(r), /^\W*you(?:rs)?\s*:\s*(?:\w+day,?\s*)?$|^\W*(?:and |but )?yours is\s*(?:on\s*)?(?:\w+day,?\s*)?$|\byou (?:can|may) (?:hand in|submit|upload) (?:until|till|by)\s*(?:\w+day,?\s*)?$|\byou (?:now |yourself )?have (?:time )?(?:until|till)\s*(?:\w+day,?\s*)?$|^\W*your (?:own )?(?:deadline|due date)\s*[:=]\s*(?:\w+day,?\s*)?$|\byou (?:can|may) (?:take|have|hand (?:it|your \w+) in|submit|upload)\b[^.;]{0,40}\b(?:until|till|by)\s*(?:next |this |the following )?(?:\w+day,?\s*)?\(?$|\byour (?:adjusted|new|own|individual|personal|extended) (?:due date|deadline|date|hand-?in date)\b[^.;\d]{0,14}$/i));
  if (ofAll.length === 1 && ofOne.length === 1) set(ofOne[0], ofAll[0]);
  for (let i = 1; i < certain.length; i++) {
    const [a, b] = [certain[i - 1]!, certain[i]!], between = text.slice(a.date.end, b.date.start + 12);
    if (a.clause !== b.clause) continue;
    // “Your extension has been approved. New due date: 22 March (original: 15 March).”
    if (says(text.slice(0, a.date.start), /\b(?:your (?:extension|request|application)|extension) (?:has been |is |was )?(?:approved|granted|accepted|agreed)\b/i) && says(between, /^\s*[(,;]\s*(?:the )?(?:original(?:ly)?|previous(?:ly)?|old|normal|class|instead of)(?: (?:due date|deadline|date))?\s*[:=]?\s*(?:\w+day,?\s*)?(?=\S{1,12}$)/i)) { set(a, b); continue; }
    // “Your new deadline is 22 March instead of 15 March.”
    if (says(lead(a), /\byour new (?:deadline|due date|date|hand-in date) is\s*(?:(?:now|therefore|thus|hence)\s*)?(?:on\s*)?(?:\w+day,?\s*)?$/i) && says(between, /^\s*,?\s*(?:instead of|not|rather than)\b/i)) { set(a, b); continue; }
    // “The deadline for you has been moved from 15 March to 29 March.”
    if (says(lead(a), /\b(?:deadline|due date|hand-?in) (?:for you|in your case)\b[^.;]*\b(?:moved|changed|extended|postponed|put back)\b[^.;]*\bfrom\s*(?:\w+day,?\s*)?$/i) && /^[^.;]{0,14}\bto\b/i.test(between)) set(b, a);
    // “We have extended your deadline from 5 March to 12 March.” “Your deadline of 5 March has been extended to 12 March.”
    else if (says(lead(a), /\bextend(?:ed|ing)? your (?:\w+ )?(?:deadline|due date|time)\b[^.;]{0,20}\bfrom\s*(?:\w+day,?\s*)?$/i) && /^[^.;]{0,14}\bto\b/i.test(between) || says(lead(a), /\byour (?:\w+ )?(?:deadline|due date)(?: of| on|,)?\s*(?:\w+day,?\s*)?$/i) && new RegExp(`^[^.;]{0,14}\\b${moved}\\b[^.;]{0,8}\\b(?:to|until|till)\\b`, 'i').test(between)) set(b, a);
    // “We grant you an extension. The deadline for your essay, originally 5 March, is therefore now 12 March.”
    else if (says(lead(a), /\boriginally\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) && says(between, /^[^.;]{0,24},? (?:is|will be)(?: (?:therefore|thus|hence))?(?: now)?\b/i) && says(text.slice(0, a.date.start), /\b(?:grant(?:ed)? you|you (?:have been|were|are) granted|your (?:request|application)|extension (?:has been |is |was )?(?:granted|approved))\b/i)) set(b, a);
    // “You have been granted one more week: instead of 5 March, your essay is due on 12 March.”
    else if (/\binstead of\s*(?:\w+day,?\s*)?$/i.test(lead(a)) && says(between, /^[^.;]{0,14},? your \w+ is (?:now )?due\b/i) && says(text.slice(0, a.date.start), /\b(?:granted|given|approved|agreed)\b/i)) set(b, a);
    // “Your request has been granted. So instead of 15 March you have until 17 March.”
    else if (/\binstead of\s*(?:\w+day,?\s*)?$/i.test(lead(a)) && says(between, /^[^;]{0,14}\byou (?:now )?(?:have|can (?:hand (?:it |your \w+ )?in|submit|upload)(?: it)?)\b[^.;]{0,14}\b(?:until|till|by)\b/i) && says(text.slice(0, a.date.start), /\b(?:granted|approved|accepted|agreed)\b/i)) set(b, a);
    // “The panel has agreed to a new submission date for your essay. Instead of 5 March, please submit by 19 March.”
    else if (/^\W*instead of\b[^.;]{0,24}$/i.test(lead(a)) && says(between, /^[^;]{0,14}\b(?:please )?(?:submit|hand (?:it |your \w+ )?in|upload)(?: it| your \w+)?\b[^.;]{0,20}\b(?:until|till|by)\b/i) && says(text.slice(0, a.date.start), /\b(?:granted|approved|accepted|agreed)\b[^.]{0,80}\b(?:your|you)\b|\byour request\b/i)) set(b, a);
    // “The original due date of 4 December is changed to 11 December for you.”
    else if (new RegExp(`^[^.;]{0,14}\\b${moved}\\b[^.;]{0,14}\\b(?:to|until|till)\\b`, 'i').test(between) && (says(text.slice(b.date.end), /^[^.;]{0,14}\b(?:for you|in your case)\b/i) || says(text.slice(0, a.date.start), /\b(?:your (?:application|request) for an extension|extension (?:request|application))\b[^.;]{0,60}\b(?:approved|granted|accepted|successful)\b/i))) set(b, a);
    // “Your dissertation is now due on 1 October instead of 3 September”; “extension granted until 22 March (instead of 15 March)”.
    else if (!says(text.slice(b.clause.start, b.date.start), /^\W*(?:if|students?|anyone|those|where)\b/i) && says(text.slice(0, b.date.start), /\b(?:grant(?:ed)? you|you (?:have been|were|are) granted|your (?:illness|circumstances|request|application)|(?:as|because|since) you (?:were|have been|are|had been) (?:ill|sick|unwell|away|absent|in hospital|on leave|injured)|extension (?:has been |is |was )?granted)\b/i) && says(between, /^[^.;]{0,16}[\s(](?:instead of|not|rather than|statt)\b/i)) set(a, b);
  }
}

/** “Please submit by 12 noon on 19 March. If you submit after 19 March, …”: the day of an extension again is no other deadline. */
export function sameDayAgain(rows: DatedRow[]): void {
  for (const r of rows) if (r.role === 'due' && r.date.iso.length === 10 && rows.some((o) => o.role === 'extension' && o.date.problem === 'none' && o.date.iso.startsWith(r.date.iso))) r.role = 'other';
}

/** “Original deadline …; new deadline …” in a letter that grants an extension. */
export function grantedExtension(rows: DatedRow[], { text }: Reading): void {
  if (!says(text, /\byour (?:request|application)\b[^.]{0,40}\b(?:has been|was|is) (?:granted|approved|accepted)\b|\b(?:grant(?:ed)?|approved?|agreed)\b[^.]{0,60}\bextension\b|^\W*extension\s*:\s*(?:\d{1,2}|one|two|three|five|seven|ten|fourteen) (?:day|week|hour)s?\b|\bapproved (?:adjustment|extra time)\b|\byou (?:may|can) (?:now |still )?(?:hand (?:it|your \w+) in|submit|upload)\b[^;.]*\bafter the (?:published|original|normal|usual|standard) (?:deadline|due date)\b|\badjusted (?:deadline|due date)\b|\byou (?:have been|are|were) (?:given|allowed|granted) (?:(?:an?|\w+|\d{1,2}) )?(?:extra|additional|more|further) (?:calendar |working )?(?:days?|weeks?|time|hours?)\b|\b(?:agreed|decided) to extend (?:the|your) (?:deadline|due date|time)\b|\b(?:mitigating|extenuating|exceptional|special|personal) circumstances\b[^\n]{0,120}\b(?:agreed|granted|approved|set|given)\b[^.\n]{0,30}\bnew (?:deadline|due date|hand-?in date)\b|\b(?:extension|mitigating circumstances|extenuating circumstances|special consideration)\b[^\n]{0,80}\b(?:granted|approved|agreed|accepted)\b/i) || !/\b(?:your|you)\b|^\W*extension\s*:/im.test(text)) return;
  // “You may hand it in up to one week after the published deadline (19 March), that is until 26 March.”
  for (const clause of new Set(rows.map((r) => r.clause))) {
    const own = rows.filter((r) => r.clause === clause && r.date.problem === 'none');
    if (own.length === 2 && says(text.slice(clause.start, own[0]!.date.start), /\byou (?:may|can) (?:now |still )?(?:hand (?:it|your \w+) in|submit|upload)\b[^;]*\bafter the (?:published|original|normal|usual|standard) (?:deadline|due date)\s*\(?[^()]{0,16}$/i) && /\b(?:until|till|by|to)\b/i.test(text.slice(own[0]!.date.end, own[1]!.date.start + 6))) { own[0]!.role = 'due'; own[1]!.role = 'extension'; for (const r of own) r.override = false; return; }
  }
  // “The Board has agreed to extend your deadline from 26 April to 10 May.”
  for (const clause of new Set(rows.map((r) => r.clause))) {
    const extended = firstIn(clause.text, /\bextend(?:ed)? (?:the|your) (?:deadline|due date|hand-?in|submission|time)\b/i), own = rows.filter((r) => r.clause === clause && r.date.problem === 'none' && extended !== null && r.date.start > clause.start + extended.index);
    if (own.length === 2 && /\bextend[^.]*\bfrom\b/i.test(text.slice(clause.start, own[0]!.date.start + 6)) && /\bto\b/i.test(text.slice(own[0]!.date.end - 4, own[1]!.date.start + 6))) { own[0]!.role = 'due'; own[1]!.role = 'extension'; for (const r of own) r.override = false; return; }
  }
  const original = rows.filter((r) => says(text.slice(r.clause.start, r.date.start), /\b(?:original|standard|previous|old|initial|published|normal|usual|regular|general)\s+(?:deadline|(?:due|submission|hand-?in|closing) ?date|date)\b|\b(?:originally|previously|initially|normally) (?:due|set|to be (?:handed in|submitted))\b[^,;]{0,16}$/i));
  for (const r of original) r.role = 'due';
  const granted = original.length === 0 ? [] : rows.filter((r) => r.role === 'due' && !original.includes(r) && says(text.slice(r.clause.start, r.date.end), /\b(?:new|adjusted|revised|extended|individual|personal) (?:deadline|(?:due|submission|hand-?in) date)|\b(?:must|should|has to) (?:now|therefore|then) (?:reach|be (?:with|handed|submitted|uploaded|received))\b|\bplease (?:submit|hand (?:it |your \w+ )?in|upload)(?: it| your \w+)? (?:by|before|until|no later than)\b/i));
  for (const r of granted) { r.role = 'extension'; r.override = false; }
  if (granted.length > 0) for (const r of original) r.override = false;
  // “Your extension has been approved. Your new deadline is Monday 29 March (was: Monday 22 March).”
  for (const [i, r] of rows.entries()) if (r.role === 'due' && says(text.slice(r.clause.start, r.date.start), /\byour (?:own |personal |individual )?(?:new|extended) (?:deadline|(?:due|submission|hand-?in) date)\b(?: for [\p{L} ]{2,24}(?: \d{1,2})?)?[^.;\d]{0,14}$/iu)) {
    r.role = 'extension'; r.override = false;
    const former = rows[i + 1];
    if (former?.clause === r.clause && former.role === 'other' && says(text.slice(r.date.end, former.date.start), /\((?:it )?(?:was|were|before|formerly|previously|originally|instead of)\b[^)]*$/i)) { former.role = 'due'; former.override = false; }
  }
}

/** “Deadline: week 12, Friday, 5pm. (That is 16 April 2027.)”: the date explains what stands before it. */
export function addTimeBefore(rows: DatedRow[], reading: Reading): void {
  // “By 8.00 p.m. on the Friday of the final teaching week (16 April 2027)”.
  for (const r of rows) {
    const m = r.role === 'due' && r.date.iso.length === 10 && r.date.problem === 'none' ? firstIn(reading.text.slice(r.clause.start, r.date.start), /\b(?:by|before|at|until|no later than)\s+(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)|\d{1,2}[:.]\d{2}|noon),? on (?:the )?(?:last |final |first |second )?\w+day (?:of|in|after) [^.;()]{3,50}(?:\(|, )$/i) : null, whole = m ? reading.withTime(r.date, m[1]!) : null;
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
  // “Not later than 12 noon (local time, Dublin) on the last working day of August, which in 2027 is Tuesday 31 August”.
  for (const r of rows) {
    const m = r.date.iso.length === 10 && r.date.problem === 'none' ? firstIn(reading.text.slice(r.clause.start, r.date.start), /\b(?:by|before|not later than|no later than|until)\s+(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)|\d{1,2}[:.]\d{2}|(?:12 )?noon)(?: \([^()]{3,30}\))? on the (?:last|first|final) (?:working |teaching |week)?day (?:of|in) [^.;()]{3,30}, (?:which|that|this)(?: in 20\d\d| this year)? is\s*(?:on\s*)?(?:\w+day,?\s*)?$/i) : null, whole = m ? reading.withTime(r.date, m[1]!.replace(/^12 /, '')) : null;
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
  for (const r of rows) {
    if (r.date.iso.length !== 10 || r.date.problem !== 'none' || !says(reading.text.slice(r.clause.start, r.date.start), /^\W*(?:that(?: is|['’]s)|i\.e\.,?|this is|which is)\s+(?:\w+day,?\s*)?(?:the\s+)?$/i)) continue;
    const hour = firstIn(before(reading, r.clause), timeOfDay)?.[0], whole = hour ? reading.withTime(r.date, hour) : null;
    if (!whole?.startsWith(r.date.iso) || !says(before(reading, r.clause), /\b(?:due|deadline|by|closes|hand(?:ed)? in|submit)/i)) continue;
    r.date = { ...r.date, iso: whole };
    r.role = 'due';
  }
}

/** “… as PDF by 15 July. A printed copy goes to the office by 16 July.”: the file is what is handed in here. */
export function besidePrinted(rows: DatedRow[], { text }: Reading): void {
  const printed = (r: DatedRow): boolean => says(text.slice(r.clause.start, r.date.start), /\b(?:printed|paper|hard|bound)[ -]?(?:copy|copies|version)\b[^,;]*$|\bat the office\b[^,;]*\((?:on )?paper\)[^,;]*$|\bprint-?out\b|\(physically\b|\bin person\b/i) && !says(text.slice(r.clause.start, r.date.start).replace(/^.*,/, ''), /\b(?:no|not|instead of|as well as|and (?:a|one)|electronic|upload|pdf)\b/i);
  // “Hand in by 30 April. Electronic submission to the folder and a printed copy in my pigeonhole by 4 May.”
  const beside = (r: DatedRow): boolean => says(text.slice(r.clause.start, r.date.start), /\band (?:a|one|the) (?:printed|paper|hard|bound)[ -]?copy\b[^,;]*$/i) && rows.some((o) => o.role === 'due' && o.clause !== r.clause && o.date.problem === 'none');
  for (const r of rows) if (r.role === 'due' && beside(r)) r.role = 'other';
  // “25 May – 28 May (each day 9:00–15:00) for the two printed copies”.
  const forPaper = (r: DatedRow): boolean => says(text.slice(r.date.end, r.clause.end), /^[^,;]{0,40}\bfor (?:the |your )?(?:two |three |four )?(?:printed|bound|paper|hard) (?:copies|copy|versions?)\b(?!,? (?:is |on |by |it is )?(?:\w+day,? )?\d)/i);
  if (rows.some((r) => r.role === 'due' && !forPaper(r))) for (const r of rows) if ((r.role === 'due' || r.role === 'opens') && forPaper(r)) r.role = 'other';
  if (rows.some((r) => r.role === 'due' && !printed(r))) for (const r of rows) if (r.role === 'due' && printed(r)) r.role = 'other';
}

/** “Old hand-in: 5 March. New hand-in: 12 March.”, “Hand-in … Return 23 April”: of two such dates one is no deadline. */
export function besideFormer(rows: DatedRow[], { text }: Reading): void {
  const kind = String.raw`(?:hand-?in|deadline|(?:due|submission|closing|hand-?in) (?:date|time)|date)\s*[:=|–-]\s*(?:[\d:.]+(?: ?[ap]m)?,?\s*(?:on\s*)?)?(?:\w+day,?\s*)?$`, lead = (r: DatedRow): string => text.slice(r.clause.start, r.date.start);
  const former = rows.filter((r) => r.role === 'due' && new RegExp(`\\b(?:old|former|previous|original)\\s+${kind}`, 'i').test(lead(r))), now = rows.filter((r) => r.role === 'due' && new RegExp(`\\b(?:new|revised|current|updated)\\s+${kind}`, 'i').test(lead(r)));
  if (former.length > 0 && now.length > 0) for (const r of former) r.role = 'other';
  // “The deadline has moved. It was Friday 19 March; it is now Wednesday 24 March.”
  const was = rows.filter((r) => says(lead(r), /^\W*(?:it|this|that|the (?:deadline|due date|old one)) was (?:originally |before |previously )?(?:on )?(?:\w+day,?\s*)?(?:the )?$/i)), is = rows.filter((r) => says(lead(r), /^\W*(?:and |but )?(?:it is now|it['’]s now|now it is|now it['’]s|the new one is)\s*(?:on )?(?:\w+day,?\s*)?(?:the )?$/i));
  if (was.length === 1 && is.length === 1 && says(text.slice(Math.max(0, was[0]!.clause.start - 120), is[0]!.date.start), /\b(?:deadline|due|hand-?in|submission)\b/i)) { was[0]!.role = 'other'; is[0]!.role = 'due'; }
  // “Deadline was Friday 5 March. Because of the strike we're moving it to Wednesday 10 March.”
  const stood = rows.filter((r) => r.role === 'due' && says(lead(r), /\b(?:deadline|due date|hand-?in(?: date)?|submission date) was (?:originally |before |previously |to be )?(?:on )?(?:\w+day,?\s*)?(?:the )?$/i)), put = rows.filter((r) => says(lead(r), /\b(?:mov(?:e|ed|ing)|shift(?:ed|ing)?|push(?:ed|ing)?|postpon(?:e|ed|ing)|extend(?:ed|ing)?|chang(?:e|ed|ing)|put(?:ting)?) (?:it|this|that|the deadline) (?:back |on |forward )?(?:to|until|till)\s*(?:\w+day,?\s*)?(?:the )?$/i));
  if (stood.length === 1 && put.length === 1 && put[0]!.clause.start >= stood[0]!.clause.start) { stood[0]!.role = 'other'; put[0]!.role = 'due'; }
  // “Submissions received before 12:00 on 6 March will be treated as on time. The original deadline was 5 March.”
  const onTime = rows.filter((r) => r.date.problem === 'none' && says(lead(r), /\b(?:received|submitted|handed in|uploaded|arriving)\s+(?:before|by|until|up to)?[^.;]{0,20}$/i) && says(text.slice(r.date.end), /^[^.;]{0,12}\b(?:will be|are|is|count) (?:treated |counted |regarded )?as (?:on time|in time|punctual|not late)\b/i));
  if (onTime.length === 1) { onTime[0]!.role = 'due'; for (const r of rows) if (r !== onTime[0] && says(lead(r), /\b(?:original|previous|old|published|normal|former) (?:deadline|(?:due|closing|hand-?in|submission) date)\b[^.;]{0,14}$/i)) r.role = 'other'; }
  // “Note the new deadline: 19.3.2027 -> 26.3.2027, 14:00.”
  for (let i = 1; i < rows.length; i++) { const [from, to] = [rows[i - 1]!, rows[i]!]; if (from.clause === to.clause && says(text.slice(from.date.end, to.date.start), /^[^.;\d]{0,3}(?:→|->|=>)\s*(?:\w+day,?\s*)?$/) && says(text.slice(Math.max(0, from.clause.start - 120), from.date.start), /\b(?:deadline|due|hand-?in|submission|closing)\b/i)) { from.role = 'other'; to.role = 'due'; } }
  // “The last day of term is 26 March; you may hand in your portfolio up to then.”
  for (const r of rows) { const next = r.clause ? text.slice(r.date.end, r.clause.end + 120) : ''; if (r.role !== 'due' && r.date.problem === 'none' && rows.every((o) => o === r || o.role !== 'due') && says(next, /^[.;,]?\s*(?:and )?(?:you|your \w+|the \w+|it|papers?|essays?) (?:may|can|must|has to|have to|should|needs to) (?:be )?(?:hand(?:ed)? (?:in|your \w+ in|it in)|submit(?:ted)?|upload(?:ed)?)\b[^.;]{0,30}\b(?:up to|until|till|by) then\b/i)) r.role = 'due'; }
  // “I have reopened the folder until 24 February. If you submitted before Monday's deadline (22 February), …”
  const again = rows.filter((r) => r.role === 'due' && r.date.problem === 'none' && says(lead(r), /\bre-?open(?:ed|s|ing)?\b[^.;]{0,40}\b(?:until|till|to)\s*(?:\w+day,?\s*)?$/i));
  if (again.length === 1) for (const r of rows) if (r !== again[0] && r.role === 'due' && r.date.iso < again[0]!.date.iso && /\bdeadline\b[^.;]{0,14}$/i.test(lead(r))) r.role = 'other';
  // “The deadline moves. Old: 16 February, 12:00. New: 18 February, 12:00.”
  const under = (words: string): DatedRow[] => rows.filter((r) => new RegExp(`(?:^\\W*|\\|\\s*)(?:${words})(?: (?:one|date))?\\s*[:=|→–-]\\s*(?:\\w+day,?\\s*|(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\\.?,?\\s*)?$`, 'i').test(lead(r))), old = under('old|before|formerly|previously|original'), fresh = under('new|now|revised|updated');
  if (old.length === 1 && fresh.length === 1 && rows.every((r) => r === old[0] || r === fresh[0] || r.role === 'other') && says(text.slice(Math.max(0, old[0]!.clause.start - 200), fresh[0]!.date.start), /\b(?:deadline|due|hand-?in|submission)\b/i)) { old[0]!.role = 'other'; fresh[0]!.role = 'due'; }
  const returned = (r: DatedRow): boolean => says(lead(r), /^\W*(?:(?:to|will) be )?return(?:ed)?(?: of (?:marks|work|marked \w+))?(?: (?:by|date|on))?\s*[:|–-]?\s*(?:by\s+)?(?:\w+day,?\s*)?$/i) && (!says(text, /\b(?:release|posted|available|issued?)\b/i) || /^\W*to be returned\b/i.test(lead(r)));
  if (rows.some((r) => r.role === 'due' && !returned(r))) for (const r of rows) if (r.role === 'due' && returned(r)) r.role = 'other';
}

/** “By Monday, week 8, 12 noon. Week 8 starts on 1 March.”: a day of a week whose first day is told. */
export function dayOfWeek(rows: DatedRow[], reading: Reading): void {
  for (const start of rows.filter((r) => r.date.problem === 'none' && says(reading.text.slice(r.clause.start, r.date.start), /\bweek \d{1,2} (?:starts|begins)\b[^.;\d]{0,16}$/i))) {
    const week = firstIn(reading.text.slice(start.clause.start, start.date.start), /week (\d{1,2}) (?:starts|begins)\b[^.;\d]{0,16}$/i)![1]!;
    if (start.role === 'opens') start.role = 'other';
    for (const clause of reading.clauses) for (const m of matchesIn(clause, new RegExp(`\\b(?:by|before|on|until|due:?)\\s+(mon|tues|wednes|thurs|fri|satur|sun)day,? (?:of |in )?(?:teaching |term )?\\(?week ${week}\\)?(?:,? (?:at |by )?(\\d{1,2}[:.]\\d{2}(?: ?[ap]m)?|\\d{1,2} ?[ap]m|(?:12 )?noon|midnight))?`, 'gi'))) {
      const first = DateTime.fromISO(start.date.iso.slice(0, 10)), weekday = ['mon', 'tues', 'wednes', 'thurs', 'fri', 'satur', 'sun'].indexOf(m[1]!.toLowerCase()) + 1, day = first.plus({ days: (weekday - first.weekday + 7) % 7 }).toISODate()!;
      const date = { iso: day, start: m.at, end: m.to, problem: 'none' as const }, whole = m[2] ? reading.read(`${day}, ${m[2].replace(/^12 noon/i, 'noon')}`)?.iso : undefined;
      rows.push({ label: null, role: 'due', date: { ...date, iso: whole ?? day }, clause, override: false });
    }
  }
}

/** “Due 48 hours after the demonstration on 3 May at 14:00.” */
export function dueAfter(rows: DatedRow[], { text, zone }: Reading): void {
  for (const r of rows) {
    const m = r.role === 'due' && r.date.problem === 'none' ? firstIn(text.slice(r.clause.start, r.date.start + (/^on\s/i.exec(text.slice(r.date.start))?.[0].length ?? 0)), /\b(?:due|submitted|handed in|uploaded|deadline is) (?:exactly |no later than |within )?(\d{1,3}|one|two|three|five|seven|ten|fourteen) (hour|day|week)s? (?:after|from|following) (?:the|your|our) (?!deadline|due|closing)[\w -]{3,30}?,? (?:on|of|at)\s*(?:\w+day,?\s*)?(?:the )?$/i) : null;
    if (m) r.date = { ...r.date, iso: shiftedTime(r.date.iso, count(m[1]!), m[2]!, false, zone) };
  }
}

/** “10–14 May 2027 (opens Monday 09:00, closes Friday 16:00)”: the days of the week say which of the two dates has which hour. */
export function windowByDays(rows: DatedRow[], reading: Reading): void {
  const hour = '(\\d{1,2}[:.]\\d{2}(?: ?[ap]m)?|\\d{1,2} ?[ap]m|noon)';
  for (const r of [...rows]) {
    const m = new RegExp(`\\b(\\d{1,2})\\s*[–-]\\s*(\\d{1,2})\\s+([A-Z][a-z]+)(?:\\s+(20\\d\\d))?\\s*\\(opens (?:on )?\\w+day,? (?:at )?${hour},? (?:and )?closes (?:on )?\\w+day,? (?:at )?${hour}\\)`, 'i').exec(r.clause.text);
    if (!m || rows.some((o) => o !== r && o.clause === r.clause)) continue;
    const [opens, closes] = [[m[1]!, m[5]!], [m[2]!, m[6]!]].map(([day, at]) => reading.read(`${day} ${m[3]!} ${m[4] ?? r.date.iso.slice(0, 4)}, ${at!}`)?.iso);
    if (!opens || !closes) continue;
    // The date itself is set right: what was amiss with it is amiss no longer.
    Object.assign(r.date, { iso: closes, problem: 'none' });
    r.role = 'due';
    rows.push({ ...r, role: 'opens', date: { ...r.date, iso: opens } });
  }
}

/** “The handbook gives the deadline for Essay 1 as 12 March. This is a mistake. The correct deadline is 19 March.” */
export function besideMistake(rows: DatedRow[], { text }: Reading): void {
  for (const [i, r] of rows.entries()) {
    if (r.role !== 'due' || !says(text.slice(r.date.end, r.date.end + 60), /^[^\p{L}]*(?:this|that|it|which) (?:is|was) (?:clearly |of course )?(?:an? )?(?:mistake|error|misprint|typo|wrong|incorrect|not (?:right|correct|true))\b/iu)) continue;
    const next = rows[i + 1];
    if (next?.role !== 'due' || !says(text.slice(next.clause.start, next.date.start), /\b(?:correct|right|actual|real|proper|true) (?:deadline|date|due date|one|time)\b/i)) continue;
    r.role = 'other'; next.label = r.label; next.override = false;
  }
  // “The date in the syllabus (4 Dec) is wrong, the date on the course page (11 Dec, 18:00) is right.”
  const [wrong, right] = [/^[^.;\p{L}]{0,12}(?:\bis|was) (?:clearly |of course )?(?:an? )?(?:mistake|error|misprint|typo|wrong|incorrect|outdated|out of date|not (?:right|correct|true|valid))\b/iu, /^[^.;\p{L}]{0,12}(?:\bis|was) (?:the )?(?:right|correct|valid|true)\b/iu].map((said) => rows.filter((r) => r.date.problem === 'none' && says(text.slice(r.date.end, r.date.end + 60), said))) as [DatedRow[], DatedRow[]];
  if (wrong.length > 0 && right.length === 1) { for (const r of wrong) { r.role = 'other'; r.label = null; } right[0]!.role = 'due'; right[0]!.label = null; }
}

/** A resit, and a second hand-in after feedback, have their own deadlines beside the common one. */
export function besideResit(rows: DatedRow[], { text }: Reading): void {
  const isResit = (r: DatedRow): boolean => says(text.slice(r.clause.start, r.date.start), /\b(?:hand (?:it )?in|submit|upload) again\b|^\W*(?:re-?submissions?|re-?hand-?ins?|revised versions?)\b/i) || says(text.slice(r.clause.start, r.date.start), /\b(?:re-?sits?|second attempt|re-?assessment|re-?take|supplementary)\b/i) || says(text.slice(text.lastIndexOf('\n', r.date.start) + 1, r.date.start), /^\W*(?:re-?sits?|re-?takes?|re-?assessment)\b[^\n]*:/i);
  // “The resit by 2 August (original deadline: 26 March)”: where nothing else is due, it is all about the resit.
  const former = (r: DatedRow): boolean => says(text.slice(r.clause.start, r.date.start), /\b(?:original|first|former|previous) (?:deadline|due date|date)\b[^.;\d]{0,14}$/i), resits = rows.filter((r) => isResit(r) && !former(r));
  if (resits.length > 0 && rows.every((r) => r.role !== 'due' || isResit(r) || former(r))) { for (const r of rows) if (former(r)) r.role = 'other'; else if (isResit(r) && r.role === 'other') r.role = 'due'; return; }
  if (rows.some((r) => r.role === 'due' && !isResit(r))) for (const r of rows) if (r.role === 'due' && isResit(r)) r.role = 'other';
}

/** “Date: 14:00, 6 May” is the deadline where nothing else is. */
export function dateAsDeadline(rows: DatedRow[], reading: Reading): void {
  // “Wednesday 21 April 2027 – 14.00 hrs.” as a sentence of its own, and no other date anywhere.
  const only = rows.length === 1 ? rows[0]! : null;
  if (only && only.role === 'unknown' && (only.label === null || says(only.label, /^(?:essay|paper|report|assignment|coursework|thesis)$/i)) && only.date.iso.length > 10 && only.date.problem === 'none' && /^\W*(?:\p{L}+day,?\s*)?$/u.test(only.clause.text.slice(0, Math.max(0, only.date.start - only.clause.start))) && /^\W*(?:hrs|hours|h|sharp)?\W*$/i.test(only.clause.text.slice(only.date.end - only.clause.start))) { only.role = 'due'; return; }
  // “The deadline is 12 noon on the date published. For this module the date is 6 May.”
  if (!rows.some((r) => r.role === 'due') && reading.clauses.some((c) => says(c.text, /\bdeadlines? (?:is|are)\b[^.;]{0,24}\bon the (?:date|day)\b/i))) for (const r of rows) if ((r.role === 'unknown' || r.role === 'other') && r.date.problem === 'none' && says(reading.text.slice(r.clause.start, r.date.start), /\bthe (?:date|day) is\s*(?:\w+day,?\s*)?$/i)) r.role = 'due';
  loneDeadline(rows, reading);
  if (rows.some((r) => r.role === 'due' || (r.label && r.role === 'unknown'))) return;
  for (const r of rows) if (r.role === 'other' && r.date.iso.length > 10 && says(r.clause.text, /^\W*date(?:\s?(?:\/|and|&)\s?time)?\s*[:=–-]/i)) r.role = 'due';
}

/** “Friday week, i.e. 26 Feb 2027, 5pm sharp”: the only moment that a wording about handing in names at all; “upload by class time (Tues., Mar. 16, 1:30 p.m.)”. */
function loneDeadline(rows: DatedRow[], { text }: Reading): void {
  // “Submit it not later than the start of the lecture on Tuesday 16 March (11:15).”
  for (const r of rows) if (r.role === 'other' && r.date.problem === 'none' && rows.every((o) => o === r || o.role !== 'due') && says(text.slice(r.clause.start, r.date.start), /\b(?:submit|hand (?:it |them |your \w+ )?in|upload|turn (?:it |your \w+ )?in|deliver)\b[^.;]*\b(?:no|not) later than the (?:start|beginning|end) of (?:the |our )?(?:lecture|class|seminar|tutorial|session)s?\b[^.;]{0,16}$/i)) r.role = 'due';
  const [only] = rows;
  if (rows.length !== 1 || !only || only.date.problem !== 'none' || only.date.iso.length === 10) return;
  const lead = rewritten(text.slice(only.clause.start, only.date.start), [/\b(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)\.,?/gi, '']), asked = only.clause.under ?? '';
  const told = says(lead, /\b(?:upload|submit|hand (?:it |them |your \w+ )?in|turn (?:it |them |your \w+ )?in|send|deliver)\b[^.;]{0,40}\b(?:by|before|until|no later than)\b[^.;]{0,24}$/i), when = says(asked, /\bwhen\b[^?]*\b(?:in|due|submit|hand|deadline|upload)\b[^?]*\?/i);
  const moved = only.role === 'unknown' && says(lead, /\b(?:gets?|have|has|given) (?:\w+ ){0,2}(?:more|extra) (?:days?|time|weeks?|hours?)\b/i) && /^[^.;]{0,14}\binstead of\b/i.test(text.slice(only.date.end));
  const bare = only.role === 'unknown' && !says(only.clause.text, /\b(?:open|seminar|lecture|class|meet\w*|exam|session|talk|visit|start\w*|begin\w*|take[sn]? place|workshop|viva|present\w*|feedback|results|marks|posted|written|dated|sent)\b/i) && says(text, /\b(?:pdf|docx?|pages|words|upload|submit|hand(?:ed)? in|late)\b/i);
  if (told && only.role !== 'opens' || when && only.role === 'unknown' || moved || bare) only.role = 'due';
}

/** “All milestones are due at 18:00”, “the upload closes at 23:59”: a time for every date that has none. */
export function addSharedTime(rows: DatedRow[], reading: Reading): void {
  const both = /[,(·|]\s*(?:both|all|each|always)(?: of them)?(?: due)?(?: (?:by|at|before))?\s+(?=\d{1,2}(?:[:.]\d{2}| ?[ap]\.?m| Uhr\b)|noon|midnight)/i, onBoth = new RegExp(`\\b(?:at|by) (${timeOfDay.source}) (?:on|for) (?:both|each|all)(?: of)?(?: these| the)? (?:days|dates|deadlines|parts|occasions)\\b`, 'i');
  const behind = /,\s*(\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon) each\b/i, shared = reading.clauses.filter((c) => { const weekly = firstIn(c.text, /\b(mon|tues|wednes|thurs|fri|satur|sun)days\b/i)?.[1]; return weekly === undefined || reading.dates(c).length > 0 || rows.some((r) => r.date.problem === 'none' && DateTime.fromISO(r.date.iso.slice(0, 10)).weekdayLong?.toLowerCase() === `${weekly.toLowerCase()}day`); }).flatMap((c) => says(c.text, behind) ? [firstIn(c.text, behind)![1]!] : says(c.text, onBoth) ? [firstIn(c.text, onBoth)![1]!] : says(c.text, both) ? firstIn(c.text.slice(firstIn(c.text, both)!.index).replace(/(\d{1,2}) Uhr/, '$1:00'), timeOfDay)?.[0] ?? [] : (((says(c.text, timeForAllDates) || /\bin each case\b/i.test(c.text)) && (reading.dates(c).length === 0 || says(c.text, /\bon the date\b|\bin each case (?:at|by)\b/i)) ? firstIn(c.text, timeOfDay)?.[0] ?? [] : [])))[0];
  if (!shared) return;
  for (const r of rows) {
    if (r.date.iso.length !== 10 || r.date.problem !== 'none' || (r.role !== 'due' && !(r.label && r.role === 'unknown'))) continue;
    const whole = reading.withTime(r.date, shared);
    if (whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole };
  }
}

/** “… now it's due the Friday after (19 February), still at 5pm.” */
export function addStillAt(rows: DatedRow[], reading: Reading): void {
  for (const r of rows) {
    const m = r.role === 'due' && r.date.iso.length === 10 && r.date.problem === 'none' ? firstIn(reading.text.slice(r.date.end), /^[^.;]{0,40}?(?:[)\s]*,? (?:still|again|as before|also) (?:at|by)|\(time (?:as before|unchanged)[,:]?) (\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m)?|noon|midnight)\b/i) : null, whole = m ? reading.withTime(r.date, m[1]!) : null;
    if (m && whole?.startsWith(r.date.iso)) r.date = { ...r.date, iso: whole, end: r.date.end + m[0].length };
    // “The closing date is 22 April (not 20 April); the closing time of 15:00 is unchanged.”
    const next = reading.clauses[reading.clauses.indexOf(r.clause) + 1], kept = r.role === 'due' && r.date.iso.length === 10 && r.date.problem === 'none' ? firstIn(`${reading.text.slice(r.date.end, r.clause.end)} ${next?.text ?? ''}`, /\b(?:the )?(?:closing |due |hand-?in |submission )?(?:time|hour)(?: of| is|:)? ?\(?(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m)?|noon|midnight)\)?[^.;]{0,14}\b(?:unchanged|(?:stays|remains|is) the same|stays|remains|as before)\b/i) : null, same = kept ? reading.withTime(r.date, kept[1]!) : null;
    if (same?.startsWith(r.date.iso)) r.date = { ...r.date, iso: same };
    // “By the 20th. Noon would be good, 6 pm is the absolute limit.”
    const limit = r.role === 'due' && r.date.iso.length === 10 && r.date.problem === 'none' ? firstIn(`${reading.text.slice(r.date.end, r.clause.end)} ${next?.text ?? ''}`, /\b(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m)|\d{1,2}[:.]\d{2}|noon|midnight) is the (?:absolute |very |hard |final |last )?(?:limit|latest|cut-?off|deadline|last moment)\b/i) : null, latest = limit ? reading.withTime(r.date, limit[1]!) : null;
    if (latest?.startsWith(r.date.iso)) r.date = { ...r.date, iso: latest };
  }
}

/** “Yours is now Saturday 27 March, same time.” */
export function addSameTime(rows: DatedRow[], { text }: Reading): void {
  rows.forEach((r, i) => {
    const before = rows.slice(0, i).filter((o) => o.date.problem === 'none' && o.date.iso.length > 10).at(-1), behind = firstIn(text.slice(r.date.end, r.date.end + 30), /^[\s,(–-]*(?:at (?:the )?)?same time\b/i);
    if (!before || !behind || r.date.iso.length !== 10 || r.date.problem !== 'none') return;
    const zone = before.date.iso.slice(19), local = `${r.date.iso}${before.date.iso.slice(10, 19)}`;
    r.date = { ...r.date, iso: local + zone, end: r.date.end + behind[0].length };
  });
}

/** “The window runs from 14:00 to 17:30 on Wednesday 12 May.” */
export function addWindowOnDate(rows: DatedRow[], reading: Reading): void {
  // “Hand in between 13:00 and 13:30 on 27 May.”
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && rows.filter((o) => o.clause === r.clause).length === 1 && firstIn(r.clause.text, /\b(?:submit(?:ted)?|hand(?:ed)?(?: it| them)? in|upload(?:ed)?)\b[^.;]{0,30}\bbetween (\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2}\s?[ap]\.?m\.?|noon) and (\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2}\s?[ap]\.?m\.?|noon),? on (?:the )?(?:\w+day,?\s*)?(\d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]+(?: \d{4})?)/i);
    if (m) asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), start: r.clause.start + m.index + m[0].length - m[3]!.length, end: r.clause.start + m.index + m[0].length }, [m[1]!, m[2]!], reading);
  }
  // “The window for submission is 09:00–17:00 on 12 March 2027.”
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && r.role === 'due' && says(reading.text.slice(r.clause.start, r.date.start), /\b(?:window|period|slot|time) (?:for (?:submission|submitting|handing (?:it )?in|uploads?|uploading|hand-?in) )?(?:is|:)?\s*$|\b(?:submissions?|uploads?|hand-?in|box|folder|portal|link|page)\b[^.;]{0,20}\b(?:open|possible|accepted)\s*(?:from )?$/i) ? firstIn(reading.text.slice(r.date.start, r.date.end), /^(\d{1,2}[:.]\d{2}(?: ?[ap]m)?)\s?(?:–|-|to)\s?(\d{1,2}[:.]\d{2}(?: ?[ap]m)?),? on\s/i) : null;
    if (m) asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), start: r.date.start + m[0].length }, [m[1]!, m[2]!], reading);
  }
  // “Hand-in: 1 March 2027 between 9 am and 12 noon”.
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && says(reading.text.slice(r.clause.start, r.date.start), /\b(?:hand-?in|submission|upload|due|deadline)\s*:\s*(?:\w+day,?\s*)?$/i) ? firstIn(reading.text.slice(dayEnd(r, reading), r.clause.end), /^,? between (\d{1,2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?|noon) and (\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?|noon)|\d{1,2}[:.]\d{2}|noon)(?!\w)/i) : null;
    if (m) asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), end: dayEnd(r, reading) }, [m[1]!, m[2]!], reading);
  }
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && firstIn(r.clause.text, /\b(?:window|period|exam|box|portal|upload|submission)\w*\b[^.;]{0,40}\bfrom (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon) (?:to|until|till) (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon),? on (?:the )?(?:\w+day,?\s*)?(\d{1,2}(?:st|nd|rd|th)? [A-Z][a-z]+(?: \d{4})?)/i);
    if (!m || says(m[0], /\b(?:changed|moved|postponed|brought forward)\b/i) || rows.filter((o) => o.clause === r.clause).length > 1) continue;
    asWindow(rows, r, { ...r.date, start: r.clause.start + m.index + m[0].length - m[3]!.length, end: r.clause.start + m.index + m[0].length }, [m[1]!, m[2]!], reading);
  }
}

/** Where the day of a date ends, before the hours that were read with it. */
const dayEnd = (r: DatedRow, { text }: Reading): number => { const hours = /,? between\b/i.exec(text.slice(r.date.start, r.date.end)); return hours ? r.date.start + hours.index : r.date.end; };

/** “The paper is made available at 9.00 a.m. on the day of the examination. Answers must be delivered no later than 1.00 p.m. on the same day. … Thursday 20 May.”: the only day of the wording has these hours. */
export function addHoursOfTheDay(rows: DatedRow[], reading: Reading): void {
  const [only] = rows, hour = '(\\d{1,2}[:.]\\d{2}(?:\\s?[ap]\\.?m\\.?)?|\\d{1,2}\\s?[ap]\\.?m\\.?|noon)', said = (pattern: RegExp): string | null => reading.clauses.flatMap((c) => firstIn(c.text, pattern)?.[1]?.replace(/\s?([ap])\.?m\.?$/i, '$1m').replace('.', ':') ?? [])[0] ?? null;
  if (rows.length !== 1 || !only || only.date.problem !== 'none' || only.date.iso.length !== 10 || only.role === 'opens' || only.role === 'extension') return;
  const closes = said(new RegExp(`\\b(?:delivered|submitted|handed in|uploaded|returned|received)\\b[^.;]{0,30}\\b(?:(?:no|not) later than|by|before|until)\\s+${hour}\\.?[^.;\\d]{0,12}\\bon (?:the same|that|this) day\\b`, 'i')), opens = said(new RegExp(`\\b(?:made available|released|published|posted|opens?|available)\\b[^.;]{0,20}\\b(?:at|from)\\s+${hour}\\.?[^.;\\d]{0,6}\\bon (?:the|that) day\\b`, 'i'));
  if (closes && opens) { asWindow(rows, only, only.date, [opens, closes], reading); return; }
  const due = closes ? reading.withTime(only.date, closes) : null;
  if (due) { only.date = { ...only.date, iso: due }; only.role = 'due'; }
}

/** “Due: 2 May. Due: 3 May for part-time students. Peer assessment is due on 8 May.”: the deadline is that of everyone, and of the work itself. */
export function besideSome(rows: DatedRow[], { text }: Reading): void {
  const some = (r: DatedRow): boolean => (r.label === null || /\bcompletes?\b/i.test(text.slice(r.clause.start, r.date.start))) && says(text.slice(r.clause.start, r.date.start), /\bpeer (?:assessments?|evaluations?|ratings?|feedback|marking)\b[^.;]{0,60}$/i) || says(text.slice(r.date.end, r.date.end + 70), /^[\s,]*(?:at [\d:.]+(?: ?[ap]m)?\s*)?\(?(?:only )?for (?:part-time|evening|distance|external|exchange|visiting|resit|repeat(?:ing)?|returning|erasmus) (?:students|candidates|participants)\b/i);
  if (rows.some((r) => r.role === 'due' && !some(r))) for (const r of rows) if (r.role === 'due' && some(r)) r.role = 'other';
}

/** “The portal is available from 08:00 to 16:00 that day only.” */
export function addWindowOfTheDay(rows: DatedRow[], reading: Reading): void {
  const said = reading.clauses.flatMap((c) => { const m = firstIn(c.text, /\bfrom (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon) (?:to|until|till) (\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m\.?|noon)\b[^.;]{0,12}\b(?:that|the same|this) day\b/i); return m && says(c.text, /\b(?:submi\w+|portal|upload|hand[- ]?in|box|page|open|available)\b/i) ? [{ clause: c, from: m[1]!, to: m[2]! }] : []; })[0], due = rows.filter((r) => r.role === 'due');
  if (!said || due.length !== 1 || due[0]!.date.iso.length !== 10 || due[0]!.date.problem !== 'none') return;
  asWindow(rows, due[0]!, due[0]!.date, [said.from, said.to], reading);
}

/** “Each part opens one week before its due date.”: when something opens that is due at a time. */
export function opensBefore({ clauses, zone }: Reading): ((due: string) => Statement<string>) | null {
  const said = clauses.flatMap((c) => [...matchesIn(c, /\b(?:each|every|all|the) (?:part|stage|window|submission|task|phase|assignment|hand-?in|upload|portal|box|folder|one)\w*(?: (?:point|page|box|window|area|link))?\b[^.;\d]{0,20}\bopens?\b\s*(a|an|one|two|three|five|seven|ten|fourteen|\d{1,2}) (hour|day|week)s? (?:before|ahead of) (?:its|their|the) (?:due|deadline|closing)\b/gi)])[0];
  // “… by 25 February. The place opens two weeks earlier.”
  const earlier = said ?? clauses.flatMap((c) => [...matchesIn(c, /^\W*you (?:can|may) (?:start|begin) (?:uploading|submitting|handing in) (one|two|three|a|\d{1,2}) (hour|day|week)s? (?:earlier|before(?:hand| that)?|ahead)\W*$|^\W*(?:the |your )?(?:place|box|folder|page|portal|area|submission|upload|link|window|it)(?: (?:point|page|box|window|area|link))? (?:will )?opens?\s+(one|two|three|five|seven|ten|fourteen|a|\d{1,2}) (hour|day|week)s? (?:earlier|before(?:hand| that)?|ahead)\W*$/gi)])[0];
  return earlier ? (due) => ({ value: shiftedTime(due, -count((earlier[1] ?? earlier[3])!), (earlier[2] ?? earlier[4])!, false, zone), start: earlier.at, end: earlier.to }) : null;
}

const count = (word: string): number => numberWords[word.toLowerCase()] ?? Number(word);

/** “12/04/2027 by 23:55. (That's the 12th of April.)”: what can be read in two ways is said again in one. */
export function saidAgain(rows: DatedRow[], { text }: Reading): void {
  for (const [i, r] of rows.entries()) {
    const next = rows[i + 1], swapped = r.date.iso.replace(/^(\d{4})-(\d{2})-(\d{2})/, '$1-$3-$2');
    if (r.date.problem !== 'ambiguous' || next?.date.problem !== 'none' || !says(text.slice(next.clause.start, next.date.start), /^\W*(?:that(?:['’]s| is)|i\.e\.,?|meaning|this is|so)\s*(?:\w+day,?\s*)?(?:the\s*)?$/i)) continue;
    const said = [r.date.iso, swapped].find((iso) => iso.slice(0, 10) === next.date.iso.slice(0, 10));
    if (said) { r.date.iso = said; r.date.problem = 'none'; }
  }
}

/** “1–5 March 2027, each day from 8:00 to 20:00”: the first hour of the first day, and the last one of the last. */
export function hoursOfEachDay(rows: DatedRow[], reading: Reading): void {
  for (const r of rows) {
    const m = r.role === 'due' ? firstIn(r.clause.text, /\b(?:each|every) day,? (?:from|between) (\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon) (?:to|until|till|and) (\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon)(?!\w)/i) : null, first = m ? rows.find((o) => o.clause === r.clause && o.role === 'opens') : undefined;
    if (!m || !first) continue;
    for (const [row, hour] of [[first, m[1]!], [r, m[2]!]] as const) { const whole = reading.read(`${row.date.iso.slice(0, 10)}, ${hour}`)?.iso; if (whole && whole.length > 10) row.date = { ...row.date, iso: whole }; }
  }
}

/** “Your slot for handing in: 10:20 to 10:40 on 8 June.” */
export function slotOnDate(rows: DatedRow[], reading: Reading): void {
  for (const r of [...rows]) {
    const m = r.date.problem === 'none' && !rows.some((o) => o !== r && (o.role === 'due' || o.role === 'opens')) ? firstIn(reading.text.slice(r.clause.start, r.clause.end), /\b(?:slot|window|time) (?:for|to) (?:handing in|submitting|uploading|hand in|submit|upload|the (?:upload|hand-?in|submission))\b[^.;\d]{0,14}(\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon)\s?(?:to|until|till|–|-)\s?(\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m|noon),? (?:on )?(?:\w+day,? )?(?:the )?(?=\d)/i) : null;
    // Only the day: the date's own words hold the hours as well.
    if (m) asWindow(rows, r, { ...r.date, iso: r.date.iso.slice(0, 10), start: 0, end: 0 }, [m[1]!, m[2]!], reading);
  }
}

/** “Between 1 and 10 September; it opens at 9 in the morning on the first day and closes at noon on the last.” */
export function hoursOfWindow(rows: DatedRow[], reading: Reading): void {
  const opens = rows.filter((r) => r.role === 'opens' && r.date.problem === 'none'), due = rows.filter((r) => r.role === 'due' && r.date.problem === 'none');
  if (opens.length !== 1 || due.length !== 1) return;
  const hour = '(noon|midday|midnight|\\d{1,2}[:.]\\d{2}(?: ?[ap]m)?|\\d{1,2} ?[ap]m|\\d{1,2} in the (?:morning|afternoon|evening))', said = `${opens[0]!.clause.text} ${reading.clauses[reading.clauses.indexOf(opens[0]!.clause) + 1]?.text ?? ''}`;
  const m = new RegExp(`\\bopens? (?:at )?${hour} on the first(?: day)?\\b[^.;]{0,20}\\bcloses? (?:at )?${hour} on the last\\b`, 'i').exec(said);
  if (m) for (const [row, time] of [[opens[0]!, m[1]!], [due[0]!, m[2]!]] as const) { const whole = row.date.iso.length === 10 ? reading.read(`${DateTime.fromISO(row.date.iso).toFormat('d LLLL yyyy', { locale: 'en' })}, ${time}`)?.iso : undefined; if (whole?.startsWith(row.date.iso)) row.date = { ...row.date, iso: whole }; }
}
