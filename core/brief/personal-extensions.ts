import type { DatedRow, Reading } from './dated-rows.ts';
import { firstIn, says } from '../text/patterns.ts';

/** A letter to one student that names the deadline of all and the day until which this one has time, however it is put. Common practice of school offices, no published source. */

/** That what is said holds for the reader alone. */
const personal = /\b(?:your (?:own )?(?:request|application|claim|appeal|extension|(?:extra|additional) (?:days?|weeks?|time)|mitigating circumstances|extenuating circumstances|evidence|illness|bereavement|circumstances)\b|(?:applies|holds|is valid|counts|is meant) (?:only )?(?:to|for) you\b|for you (?:only|alone|personally)|(?:grant(?:ed|s)?|allow(?:ed|s)?|award(?:ed|s)?|agreed?) you\b|you (?:have been|were|are) (?:granted|given|allowed|awarded)|(?:granted|given|awarded|recorded|approved|agreed|extended|changed|moved|put back) (?:to|for) you\b|(?:approved|agreed|individual|personal) extension|extension (?:has been |was |is )?(?:approved|granted|agreed)|your (?:individual|personal|own|extended|revised|adjusted) (?:deadline|due date|(?:hand-?in|submission) date|date)|(?:deadline|due date|date) for you\b|for you,? the (?:deadline|due date)|everyone else|(?:deadline|date) for (?:all|everyone|everybody|the (?:others|rest))\b|(?:published|module|class|general|standard|course) deadline\b[^.;]{4,60}\byour deadline|your submission, due\b|(?:all )?(?:the )?other students|the others)/i;
/** What is given to all moves the deadline. */
const toAll = /^\W*(?:dear|hi|hello|hey)[ ,]+(?:all|students|class|everyone|everybody|team|folks|colleagues|both)\b|\b(?:common|general|class-wide|blanket) extension\b|\b(?:extended|extension|more time|moved|changed|postponed)\b[^.;]{0,40}\b(?:for|to) (?:all|everyone|everybody|the (?:whole )?(?:class|course|group|cohort))\b/im;
/** Who may have more time, and what would be if: nobody's grant. */
const possible = /\b(?:if|unless|students (?:with|who)|anyone|those (?:with|who)|can (?:be )?(?:request|appl)\w*|may (?:be )?(?:request|appl)\w*|apply for|up to (?:\d|one|two|five|seven))\b/i;
/** When it comes back is no deadline. */
const returned = /\b(?:(?<!\b(?:put|pushed|moved|set) )back|return\w*|feedback|results?|grades?|marks? (?:are|will)|published by)\b/i;
/** Dates of the letter itself, of the request, and of the day on which it was decided. */
const ofLetter = /\b(?:request|application|claim|letter|e-?mail|mail|form|message|note|evidence|certificate|enquiry)s?,? (?:of|from|dated|sent|received|submitted|made|on)(?: on)?(?: the)?\s*(?:\w+day,?\s*)?$|^\W*(?:date|dated|sent|ref(?:erence)?)\s*[:.]?\s*(?:\w+day,?\s*)?$|\b(?:met|meeting|considered|decided|approved|granted|agreed|discussed)(?: it| this| your \w+)? (?:on|of)\s*(?:\w+day,?\s*)?$/i;
const lead = String.raw`(?:(?:on|by|until|till|of|was|is|:|=|the|date|deadline|has been|at)\s*)*(?:\w+day,?\s*)?$`;
const named = String.raw`(?:deadline|due date|(?:hand-?in|submission|closing) (?:date|deadline)|date|one)`;
/** What marks the day that held before, or that holds for the others: before it, and behind it. */
const formerBefore = new RegExp(String.raw`\b(?:originally|original(?: ${named})?|old(?: ${named})?|former(?: ${named})?|previous(?: ${named})?|published(?: ${named})?|standard(?: ${named})?|normal(?: ${named})?|usual(?: ${named})?|general(?: ${named})?|class(?: ${named})?|module(?: ${named})?|course(?: ${named})?|(?:deadline|date) for (?:the (?:module|course|class|group|others|rest)|all(?: (?:the )?others)?|every(?:one|body)(?: else)?)(?: (?:is|remains|stays))?|instead of|rather than|not|from|in the (?:handbook|syllabus|outline),?|would have been|everyone else(?: remains)?|other students (?:submit|hand in)|the (?:deadline|due date)) ?${lead}`, 'i');
const formerBehind = /^[,;)]?\s*(?:[^.;]{0,14}\b)?(?:no longer applies|does not apply|(?:may|can) (?:now|therefore) be|(?:is|has been|was) (?:now )?(?:extended|changed|moved|put back|postponed)|remains|holds for (?:all|every))/i;
/** “Your deadline has been moved from …”: no window. */
const movedFrom = /\b(?:extension|extended|moved|changed|put back|postponed|deadline)\b[^.;]{0,30}\bfrom\s*(?:\w+day,?\s*)?$/i;
/** What marks the day that the reader has. */
const ownBefore = new RegExp(String.raw`\b(?:new (?:hand-?in |submission |due )?(?:date|deadline)(?: for you)?|your (?:new |own |individual |personal |extended |revised |adjusted )*${named}|extended(?: for you)? (?:to|until)|(?:revised|agreed|adjusted|extended|individual|personal)(?: new)? ${named}(?: for you)?|allows? you|(?:takes|brings|gets) you(?: up)? to|gives? you|give you|given you|you (?:now |therefore )?have|extra time|may hand in your \w+|can (?:now )?(?:submit|hand (?:it )?in|upload)|may (?:now )?(?:be (?:made|submitted|handed in|uploaded)|submit|hand (?:it )?in)|hand in your \w+|is now due|(?:changed|moved|put back|postponed|extended) (?:for you )?(?:from [^;]{4,40} )?to|extension|to) ?${lead}`, 'i');

/** Two days in a letter to one: the earlier is the deadline, the later is the reader's own, where a word beside either says so and none says the opposite. Changes the rows that it is about. */
export function personalGrant(rows: DatedRow[], { text }: Reading): void {
  if (text.length > 2500 || !says(text, personal) || says(text, toAll)) return;
  const before = (r: DatedRow): string => text.slice(Math.max(r.clause.start, r.date.start - 70), r.date.start) + (firstIn(text.slice(r.date.start), /^(?:on|by|until|till|to|from|of|at)\s+/i)?.[0] ?? '');
  const certain = rows.filter((r) => r.date.problem === 'none' && (r.role !== 'opens' || says(before(r), movedFrom)) && !says(before(r), ofLetter) && !says(`${before(r)} ${text.slice(r.date.end, r.date.end + 30).split(/[.;]/)[0]!}`, returned));
  const isos = [...new Set(certain.map((r) => r.date.iso))].sort(), [first, last] = isos;
  if (isos.length !== 2 || first!.slice(0, 10) === last!.slice(0, 10)) return;
  const early = certain.filter((r) => r.date.iso === first), late = certain.filter((r) => r.date.iso === last);
  // What stands between two dates belongs to the second, where it leads to it.
  const lastOf = (s: string, r: DatedRow): string => { const other = certain.filter((o) => o.date.end <= r.date.start).at(-1); return other && other.date.end > r.date.start - 70 ? s.slice(-(r.date.start - other.date.end) - 8) : s; };
  const isFormer = (r: DatedRow): boolean => says(lastOf(before(r), r), formerBefore) || says(text.slice(r.date.end, r.date.end + 60), formerBehind), isOwn = (r: DatedRow): boolean => says(lastOf(before(r), r), ownBefore);
  if (!early.some(isFormer) && !late.some(isOwn) || late.some((r) => isFormer(r) && !isOwn(r)) || early.some((r) => isOwn(r) && !isFormer(r))) return;
  // “If you need more time, …”: said of anyone.
  if ([...early, ...late].some((r) => says(text.slice(r.clause.start, r.date.start), possible))) return;
  for (const r of early) { r.role = 'due'; r.label = null; r.override = false; }
  for (const r of late) { r.role = 'extension'; r.label = null; r.override = false; }
}
