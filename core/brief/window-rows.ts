import { takenIn, type DatedRow, type Reading } from './dated-rows.ts';
import type { Statement } from './statements.ts';
import { rowLabels } from './wordings/window-rows.ts';
import { rewritten, says } from '../text/patterns.ts';

const thing = String.raw`(?:submissions?|hand-?ins?|uploads?|box|window|folder|portal|link|area|page|system|period|assignment|task|work|papers?|essays?)`, place = String.raw`(?:(?:the|this|final|whole|normal|regular) )?(?:${thing} ){0,2}`;
const behind = String.raw`(?: (?:date|time|day|and|from|on|at|as|of|by|until|till|before|no later than|not later than|with|penalty|for|good|(?:for )?(?:late )?(?:submissions?|work|hand-?ins?|uploads?)))*`;
/** What a list of times calls them, from the last kind to the first: the one that closes late work names it, locks, cuts off or is the harder of two. */
const kinds: readonly (readonly ['late' | 'opens' | 'due', RegExp])[] = [
  ['late', new RegExp(String.raw`^(?:${place}(?:(?:final |hard |absolute |late |last )*cut-?offs?|locks?|locked|closed? for good|hard (?:deadline|close|stop)|absolute deadline|grace(?: period)?|finally closes|(?:latest|last) \((?:with |late|at a )[^()]{2,20}\))${behind}|(?:last (?:date|day|chance) for |accepted |(?:the )?(?:box|window|period|deadline|portal|folder) for )?late(?: ${thing}){0,2}(?: (?:is|are|still|stays?|remains?))*(?: (?:deadline|box|window|period|accepted|taken|allowed|possible|open|closes?|closing|ends?|due|uploads?))*${behind}|no(?:thing|t| more| further| late)? (?:${thing} )?(?:is |are )?(?:accepted |taken |possible )?(?:after|beyond)|(?:accepted|open) (?:late|with (?:a )?penalty) (?:until|till|to))$`, 'i')],
  ['opens', new RegExp(String.raw`^(?:${place}(?:is |are )?(?:open(?:s|ing|ed)?|start(?:s|ing)?|begin(?:s|ning)?|release[ds]?|available|visible|accessible|active|live|possible|earliest)(?: for ${thing})?${behind}|(?:allow(?:ed)? |first |earliest )?(?:${thing}|submit|hand in)(?: (?:allowed|possible))? from|(?:first|earliest) ${thing}(?: date| time)?|allow(?:ed)? ${thing}|from|not before)$`, 'i')],
  ['due', new RegExp(String.raw`^(?:${place}(?:is |are )?(?:due|dead-?line|end(?:s|ing)?|clos(?:e|es|ing)|until|till|to|finish(?:es)?|by|expires?|hand[- ]?in|submit|upload|return|on[- ]time|last (?:date|day))(?: for ${thing})?${behind}|(?:submissions?|uploads?) (?:by|until|till|before))$`, 'i')],
];

const elsewhere = (['late', 'opens', 'due'] as const).map((kind) => [kind, new RegExp(`^ ?(?:${rowLabels[kind].join('|')})$`, 'iu')] as const);

/** “Starts: 16.11. Ends: 18.12. Cut-off: 20.12.”, “Opens Mon 30 Nov – closes Mon 14 Dec – late box until Mon 21 Dec”: times that stand in a row behind the words for what each is,
 * one of each kind and in their order. The rows get their part and lose what they were taken for; what closes late work is returned. */
export function windowRows(rows: DatedRow[], { text }: Reading): Statement<string>[] {
  const found = rows.flatMap((row, i) => {
    if (row.date.problem !== 'none') return [];
    const before = rows.slice(0, i).map((r) => r.date.end).filter((end) => end <= row.date.start).at(-1) ?? 0, from = Math.max(before, text.lastIndexOf('\n', row.date.start - 1) + 1, row.clause.start);
    const own = takenIn(text, row.date), words = rewritten(`${text.slice(from, row.date.start)}${own}`, [/^[\s,;(–-]*(?:(?:à |um |at )?\d{1,2}(?:[:.h]\d{2})?\s*(?:uhr|h|hrs?|[ap]\.?m\.?)?|uhr|hrs?|[ap]\.?m\.?)(?=[\s,;)–-])/i, ''], [/\b(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\b\.?,?\s*$/i, ''], [/[\s|:=–—\t,;*•▪-]+/g, (s) => (/^-$/.test(s) ? s : ' ')], [/^(?:(?:and|then|but)(?![\p{L}])|[^\p{L}])+|[^\p{L})]+$/giu, '']).trim();
    const kind = words === '' ? undefined : (kinds.find(([, pattern]) => says(words, pattern)) ?? elsewhere.find(([, pattern]) => says(` ${words}`, pattern)))?.[0];
    return kind ? [{ row, kind }] : [];
  });
  const one = (kind: string): DatedRow | undefined => { const of = found.filter((f) => f.kind === kind); return of.length === 1 ? of[0]!.row : undefined; };
  const opens = one('opens'), due = one('due'), late = one('late'), of = [opens, due, late].filter((r) => r !== undefined);
  if (!due || of.length < 2 || of.length !== found.length) return [];
  // Other deadlines beside these, or times out of their order: something else is listed.
  if (rows.some((r) => r.role === 'due' && !of.includes(r) && r.date.iso.slice(0, 10) !== due.date.iso.slice(0, 10))) return [];
  if (of.some((r, i) => i > 0 && (r.date.iso < of[i - 1]!.date.iso.slice(0, r.date.iso.length) || r.date.iso === of[i - 1]!.date.iso))) return [];
  for (const row of of) { row.label = null; row.role = row === opens ? 'opens' : row === due ? 'due' : 'other'; }
  if (opens) opens.window = true;
  return late ? [{ value: late.date.iso, start: late.date.start, end: late.date.end, override: late.override }] : [];
}
