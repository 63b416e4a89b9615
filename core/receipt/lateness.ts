import { labels, type Row } from './rows.ts';
import { rewritten, says } from '../text/patterns.ts';

const thing = String.raw`(?:submission|upload|file|paper|hand-?in|document|work|delivery|essay|assignment|report|dissertation|thesis|coursework|project|portfolio|deposit)`;
const much = String.raw`(?:\d{1,4}|one|two|three|four|five|six|seven|ten|an?)\s*(?:seconds?|secs?|minutes?|mins?|hours?|hrs?|h|days?|d)`;
/** Sentences and marks by which a receipt says that it came late. Common practice, no published source. */
const saidLate: readonly RegExp[] = [
  /^\s*(?:late (?:submission|hand-?in|upload)|(?:submitted|handed in|received) late|marked (?:as )?late)\b(?!\s*(?::|is|are|\?)?\s*(?:no|not)\b)/im,
  new RegExp(String.raw`\b(?:(?:your|the|this)\s+${thing}|this|it)\s+(?:is|was|came|arrived|counts as|has been (?:received|handed in|submitted|uploaded|recorded as)|was (?:received|handed in|submitted|uploaded))\s+(?:${much}\s+)?late\b`, 'i'),
  new RegExp(String.raw`\b(?:(?:your|the|this)\s+${thing}|this|it)\s+(?:came|arrived|(?:was|has been) (?:received|handed in|submitted|uploaded))\s+(?:${much}\s+)?after the (?:deadline|due (?:date|time)|closing (?:date|time))\b`, 'i'),
  new RegExp(String.raw`[,(–—-]\s*(?:that is,?\s+|which (?:is|was)\s+|and so\s+)?${much}\s+(?:(?:too\s+)?late|after the (?:deadline|due (?:date|time)|closing (?:date|time)|end))\b`, 'i'),
  new RegExp(String.raw`\(\s*late\s*(?:[:,;–—-]?\s*(?:by\s+)?${much})?\s*\)|\blate by ${much}\b`, 'i'),
];
const early = /\bnot late\b|\b(?:0|no|zero) (?:seconds?|minutes?|hours?|days?) late\b/gi;

/** Whether the receipt itself says that the paper came late; what it says of late work in general is none. */
export function statedLate(text: string, rows: readonly Row[]): boolean {
  const own = rewritten(text, [/(?<=^|[.!?\n]\s{0,8})(?:if|should|unless|in case|when)\b[^.\n]*/gi, ' '], [early, ' ']);
  return saidLate.some((p) => says(own, p))
    || rows.some((r) => says(r.label, labels.status) && /\blate\b/i.test(r.value.replace(early, ' ')))
    || rows.some((r) => says(r.label, /^(?:late|overdue|(?:received |submitted |handed in )?after (?:the )?(?:deadline|due (?:date|time)))$/i) && /^yes\b/i.test(r.value) || says(r.label, /^(?:on time|in time|before (?:the )?deadline)$/i) && /^no\b/i.test(r.value))
    || rows.some((r) => /^(?:timeliness|punctuality)$/i.test(r.label) && /^late\b/i.test(r.value))
    || rows.some((r) => says(r.label, /^(?:seconds|minutes|hours|days) late$/i) && Number.parseFloat(r.value.replace(',', '.')) > 0);
}
