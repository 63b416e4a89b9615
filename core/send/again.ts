import type { Brief } from '../model/brief.ts';
import { effectiveDue, instantOf, showInstant, zoneOfTimes } from '../time/instant.ts';

/** What may be done now that something has been handed in, and what follows from it. Each sentence says one thing. */
export interface AgainRules { may: 'yes' | 'no' | 'ask'; sentences: string[]; /** a request to the department is the only way */ request: boolean }

/** Whether it may be handed in again: attempts, window, extension, which set counts, how long the score takes. Times are instants; common practice is said as such.
 * @param clock - the zone of the student's clock */
export function mayAgain(brief: Brief, sent: number, now: number, clock: string | null = null): AgainRules {
  const sentences: string[] = [], due = effectiveDue(brief), zone = zoneOfTimes(brief, clock), end = due === null ? null : instantOf(due, zone, 'end'), over = end !== null && now > end, { allowed, keeps } = brief.attempts;
  const spent = typeof allowed === 'number' && sent >= allowed;
  if (over) sentences.push(`The due time (${showInstant(due!, zone)}) is over, so the department has to reopen the place first.`);
  else if (spent) sentences.push(`${allowed === 1 ? 'One hand-in was allowed, and it is made' : `All ${allowed} hand-ins that were allowed are made`}.`);
  else if (allowed === null) sentences.push('The brief does not say whether it may be handed in again. Ask before you rely on it.');
  else sentences.push(allowed === 'unlimited' ? `It may be handed in again as often as you like${due ? ` until ${showInstant(due, zone)}` : ''}.` : `${allowed - sent} of ${allowed} hand-ins ${allowed - sent === 1 ? 'is' : 'are'} left${due ? `, until ${showInstant(due, zone)}` : ''}.`);
  if (!over && !spent) {
    if (keeps === 'latest') sentences.push(brief.documents.length > 1 ? `The newest set replaces the earlier one: all ${brief.documents.length} documents go again, or the missing one is hidden.` : 'The newest one replaces the earlier one.');
    else if (keeps === 'all') sentences.push('Every one is kept. Say in the note which one counts.');
    else if (brief.documents.length > 1) sentences.push(`Send all ${brief.documents.length} documents again, even if only one changed: at many places the newest set hides the earlier one.`);
    if (brief.similarityChecked) sentences.push('The similarity score of a later hand-in takes 24 to 48 hours (common practice), the first one only minutes.');
  }
  return { may: over || spent ? 'no' : allowed === null ? 'ask' : 'yes', sentences, request: over || spent };
}

export interface RequestInput { course: string; place: string | null; title: string; due: string | null; timeZone: string | null; receipt: { id: string | null; receivedAt: string | null } | null; reason: string }
/** A request to the department to reopen a place. Anonymous: it is signed by whoever sends the mail. */
export function reopenRequest(input: RequestInput): { subject: string; text: string } {
  const place = input.place ?? input.title;
  const lines = [
    'Dear department office,', '',
    `please could you reopen the place “${place}”${input.course ? ` of ${input.course}` : ''} so that I can hand in a corrected set.`, '',
    input.receipt ? `I handed in before${input.receipt.receivedAt ? ` on ${showInstant(input.receipt.receivedAt, input.timeZone)}` : ''}${input.receipt.id ? ` (receipt ${input.receipt.id})` : ''}; the receipt is attached.` : 'I have not handed in anything there before.',
    ...(input.due ? [`The due time was ${showInstant(input.due, input.timeZone)}.`] : []), ...(input.reason.trim() ? ['', `Why it has to go again: ${input.reason.trim()}`] : []), '', 'The new set is ready and can be sent within minutes of your answer.', '', 'With kind regards',
  ];
  return { subject: `Please reopen: ${place}${input.course ? ` (${input.course})` : ''}`, text: lines.join('\n') };
}

/** Words as a mail. Source: RFC 5322, RFC 2045 to 2047 (MIME). @param headers - set before the others; without any it opens in a mail program as a draft (X-Unsent, common practice, no source) */
export function asMail(words: { subject: string; text: string }, attachment: { name: string; bytes: Uint8Array } | null, to = '', headers: readonly (readonly [name: string, value: string])[] = [['X-Unsent', '1']]): string {
  const boundary = 'hand-over-part', base64 = (bytes: Uint8Array): string => { let s = ''; for (let i = 0; i < bytes.length; i += 0x8000) s += String.fromCharCode(...bytes.subarray(i, i + 0x8000)); return btoa(s).replace(/.{76}/g, '$&\r\n'); };
  const encoded = (text: string): string => (/^[\x20-\x7e]*$/.test(text) ? text : `=?UTF-8?B?${base64(new TextEncoder().encode(text)).replace(/\r\n/g, '')}?=`), name = attachment?.name.replace(/[^\w.\- ]/g, '_') ?? '';
  const head = [...headers.map(([name, value]) => `${name}: ${value.replace(/[\r\n]/g, '')}`), `To: ${to.replace(/[\r\n]/g, '')}`, `Subject: ${encoded(words.subject.replace(/[\r\n]+/g, ' '))}`, 'MIME-Version: 1.0', `Content-Type: multipart/mixed; boundary="${boundary}"`, ''];
  const text = [`--${boundary}`, 'Content-Type: text/plain; charset=utf-8', 'Content-Transfer-Encoding: base64', '', base64(new TextEncoder().encode(words.text)), ''];
  const file = attachment ? [`--${boundary}`, `Content-Type: application/octet-stream; name="${name}"`, `Content-Disposition: attachment; filename="${name}"`, 'Content-Transfer-Encoding: base64', '', base64(attachment.bytes), ''] : [];
  return [...head, ...text, ...file, `--${boundary}--`, ''].join('\r\n');
}
