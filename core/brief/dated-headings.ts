import type { DatedRow, Reading } from './dated-rows.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What may stand in a heading beside its day. */
const heading = /^\W*(?:(?:to be )?(?:due|by|before|until|till|on|at|deadline|hand[- ]?in|submit|upload|no later than|not later than)\b\W*)*(?:(?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]\.?m\.?|noon|midnight)\W*(?:on\b)?)?\W*$/i, trailing = /^\W*(?:(?:at|by|before)?\s*(?:\d{1,2}[:.]\d{2}|\d{1,2} ?[ap]\.?m\.?|noon|midnight))?\W*$/i;
/** The name that an item begins with. */
const name = /^(?:[-*•▪◦–—+·☐□]|\[[ xX_]?\]|\(?\d{1,2}[.)])?\s*(?:(?:the|your|an?|one)\s+)?(\p{L}[\p{L}’'-]*(?: (?!(?:as|in|to|is|are|must|should|uploaded|submitted|handed|sent|due|of no|of at|with|and|plus|on|via|through|for)\b)[\p{L}\d’'-]+){0,4})(?=\s*(?:[(,;:.–—]|$)|\s(?:as|in|to|is|are|must|should|uploaded|submitted|handed|sent|due|of|with|and|plus|on|via|through|for)\b)/u;
const noName = /^(?:you|we|I|they|it|this|that|these|there|please|all|both|each|if|no|late|read|watch|bring|meet|lecture|seminar|class|week)\b/i;

/** “By 4 December: / - Final report (PDF) / By 11 December: / - Self-evaluation form”: two and more headings that are a day each; what stands under each is due then and has its name. */
export function datedHeadings(rows: DatedRow[], { clauses, text }: Reading): void {
  const found = rows.flatMap((r) => {
    if (r.date.problem !== 'none' || r.label !== null && r.clause.text.includes(r.label) || r.role !== 'due' && r.role !== 'unknown' || rows.some((o) => o !== r && o.clause === r.clause)) return [];
    if (!says(text.slice(r.clause.start, r.date.start).concat(/^(?:by|before|until|till|on)\s/i.exec(text.slice(r.date.start))?.[0] ?? ''), heading) || !says(text.slice(r.date.end, r.clause.end), trailing)) return [];
    const next = clauses[clauses.indexOf(r.clause) + 1], item = next && !rows.some((o) => o.clause === next) && /\n/.test(text.slice(r.clause.end - 1, next.start)) ? firstIn(next.text, name) : null;
    return item && !says(item[1]!, noName) && item[1]!.length > 3 ? [{ row: r, label: item[1]! }] : [];
  });
  // A first one with a name above it has that.
  if (found.length < 2 || found[0]!.row.label !== null || new Set(found.map((f) => f.row.date.iso)).size < found.length || new Set(found.map((f) => f.label.toLowerCase())).size < found.length || !found.some((f) => f.row.role === 'due')) return;
  for (const { row, label } of found) { row.role = 'due'; row.label = label; }
}
