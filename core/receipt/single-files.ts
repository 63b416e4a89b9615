import { fileAbroad } from '../tables/receipt-status.ts';
import { extensions, labels, type Row } from './rows.ts';
import { eachIn, says } from '../text/patterns.ts';

/** “cover.docx   36 KB   rejected: wrong type”; “data.csv: still missing”; “Outstanding: cover.docx”. */
const turnedAway = new RegExp(`\\.(?:${extensions})\\b(?:(?!\\b(?:nothing|none|no\\s+\\p{L}+|without)\\b|[.!?] ).)*?\\b(?:rejected|refused|failed|not (?:accepted|stored|received))\\b|\\.(?:${extensions})\\b[^\\w\\n]{1,6}(?:still |is )?(?:missing|outstanding|awaited|absent|nothing received|waiting|pending|queued|in progress|to follow|error(?!\\s*:?\\s*(?:0|none|no\\b)|[\\s-]free)|invalid|damaged|unreadable|quarantined|infected|denied)\\b|^\\W*(?:still |yet )?(?:missing|outstanding|not (?:yet )?received)\\b.*\\.(?:${extensions})\\b`, 'iu');
const refusal = /reject|refus|fail|not |missing|outstanding|awaited|absent|nothing|waiting|pending|queued|in progress|to follow|error|invalid|damaged|unreadable|quarantined|infected|denied/i;
/** A cross before a file's name, or behind it. A box with a cross in it is one that was ticked. */
const crossed = new RegExp(`^[^\\p{L}\\d\\n]*[✗✘❌⨯🗙]\\s*\\S.*\\.(?:${extensions})\\b|\\.(?:${extensions})\\b.*[✗✘❌⨯🗙]\\s*$`, 'iu');
/** The same in other languages: “data.txt : refusé (trop volumineux)”. */
const turnedAwayAbroad = new RegExp(`\\.(?:${extensions})\\b[^\\p{L}\\n.!?]{1,40}${fileAbroad}`, 'iu');
const allOf = String.raw`(?:(?:your|the)\s+)?(?:files?|documents?|pages?|parts?|papers?|uploads?|attachments?)`;
/** “1 of 3 pages could be read”: how many came through, of how many. */
const someOf = new RegExp(String.raw`(?<![\d.,])(\d{1,3}|only one|one)\s+(?:out\s+)?of\s+(?:the\s+|your\s+)?(\d{1,3}|two|three|four|five)\s+${allOf}\s+(?:(?:was|were|has|have|been|could\s+be|are|is|got|only|successfully)\s+)*(?:read|received|stored|accepted|uploaded|saved|transferred|opened|converted|sent|arrived|through|here|complete[d]?)\b`, 'giu');
const numbers = ['zero', 'one', 'two', 'three', 'four', 'five'], numberOf = (words: string): number => (/^\d/.test(words) ? Number(words) : numbers.indexOf(words.toLowerCase().split(' ').at(-1)!));

/** Whether one of several files, or of its pages, did not come through where others did. */
export function isOneTurnedAway(text: string): boolean {
  if (text.split('\n').some((line) => says(line, refusal) && says(line, turnedAway) || says(line, crossed) || says(line, turnedAwayAbroad))) return true;
  // In a log the last count is the one that holds.
  const last = [...text.matchAll(someOf)].at(-1);
  return last !== undefined && numberOf(last[1]!) < numberOf(last[2]!);
}

/** What machines say of a request that came to nothing: “ok: false”, “error: deadline passed”. */
export function isError(rows: readonly Row[]): boolean {
  return rows.some((r) => /^(?:ok|success|succeeded)$/i.test(r.label) && /^(?:false|no|0)$/i.test(r.value.trim()) || says(r.label, /^(?:error|failure)(?: (?:message|text|reason|code))?$/i) && !/^\W*(?:none|no|null|false|0|nil|n\/a|-)?\W*$/i.test(r.value));
}

/** What is said of it by its steps, or in a word: “Step 2 of 3”, “draft: true”, “final: false”. */
export function isUnfinished(text: string, rows: readonly Row[]): boolean {
  const step = [...eachIn(text, /\bstep\s+(\d{1,2})\s+(?:of|\/)\s+(\d{1,2})\b/gi)].at(-1);
  return step !== undefined && Number(step[1]) < Number(step[2])
    || rows.some((r) => says(r.label, /^(?:is )?(?:draft|provisional|temporary|unfinished|unconfirmed)$/i) && /^(?:true|yes)$/i.test(r.value.trim()) || says(r.label, /^(?:is )?(?:final|finali[sz]ed|finished|confirmed)$/i) && /^(?:false|no|not yet)$/i.test(r.value.trim()));
}

/** The states of all that a receipt lists, each in its own words. */
export const statesOf = (rows: readonly Row[]): string[] => rows.filter((r) => says(r.label, labels.status)).map((r) => r.value);
