import type { DatedRow, Reading } from './dated-rows.ts';
import { noun } from './document-names.ts';
import { firstIn, says } from '../text/patterns.ts';

/** That a work comes on top of the one that the wording is about. */
const onTop = /\b(?:in addition|additionally|also|plus|as well|separately|besides|furthermore|on top of (?:that|this)|every(?:body|one)|each (?:of you|member|student|person)|individual(?:ly)?)\b/i;
const own = new RegExp(String.raw`\b(?:hands?|handing|submits?|submitting|uploads?|uploading|sends?|sending|delivers?|posts?|writes?|fills? in|completes?|e-?mails?|turns?|gives?|plus|also|is|are|needs?|and)\s+(?:in\s+)?(?:also\s+)?(?:an?|the|your|their|his or her|one|a short|a brief)\s+((?:(?!(?:by|on|in|to|until|before|of|for|with|final|same)\b)[a-z-]+ ){0,3}(?:${noun}|statement|review|survey|questionnaire|evaluation|log|sheet|form|diary))\b`, 'i');
const main = new RegExp(String.raw`\b(?:the|your|this|one|an?|group|final)\s+((?:(?:group|final|lab|field|term|research|project|written|team|joint|seminar|main) )*(?:essay|report|paper|thesis|dissertation|portfolio|project|poster|presentation|film|video|assignment|coursework|proposal|review|journal|case study|exercise|analysis|memo))\b`, 'i');

/** “Deadline: 25 March, noon. … In addition, everybody uploads a contribution statement by 26 March”: the later sentence is about a work of its own, so that the two days do not contradict each other.
 * Both get their names where the first has one; else the day of the addition is left aside. */
export function namedInAddition(rows: DatedRow[], { text, clauses }: Reading): void {
  const due = rows.filter((r) => r.role === 'due' && r.date.problem === 'none'), added = due.flatMap((r) => {
    const lead = text.slice(r.clause.start, r.date.start), /* a name that goes on from the sentence before */ carried = r.label !== null && !lead.toLowerCase().includes(r.label.toLowerCase()), name = r.label === null || carried ? firstIn(lead, own)?.[1] : r.label!;
    return name && says(lead, onTop) ? [{ r, name }] : [];
  });
  const rest = due.filter((r) => !added.some((a) => a.r === r));
  if (added.length === 0 || rest.length === 0 || new Set(rest.map((r) => r.label)).size !== 1 || new Set(rest.map((r) => r.date.iso)).size !== 1 || added.some((a) => a.r.date.iso === rest[0]!.date.iso || a.r.date.start < rest[0]!.date.start)) return;
  const label = rest[0]!.label, before = clauses.filter((c) => c.start <= rest[0]!.clause.start).map((c) => text.slice(c.start, c.end)), /* “Each group hands in …” */ ofGroup = says(text.slice(rest[0]!.clause.start, rest[0]!.date.end), /\b(?:each|every|the|your|one|all) (?:group|team|pair)s?\b|\b(?:group|team) work\b/i) ? 'group work' : undefined, said = label ?? before.map((c) => firstIn(c, main)?.[1]).findLast((name) => name !== undefined) ?? firstIn(text.slice(0, rest[0]!.date.start), main)?.[1] ?? ofGroup;
  for (const { r, name } of added) { if (said && said.toLowerCase() !== name.toLowerCase()) r.label = name; else r.role = 'other'; }
  if (said) for (const r of rest) r.label = said;
}
