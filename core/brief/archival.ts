import { clausesWith, isRefused, matchesIn, type Clause, type Statement } from './statements.ts';
import { says } from '../text/patterns.ts';

/** A form of PDF for long keeping, where the wording demands it: “PDF/A”, “PDF/A-2b”. What is only welcome, or one of two, is no demand.
 * Source of the names: ISO 19005-1 to 4. */
export function readArchival(clauses: Clause[]): Statement<string>[] {
  const found: Statement<string>[] = [];
  for (const clause of clausesWith(clauses, /PDF\s?\/\s?A|archiv/i)) {
    for (const m of matchesIn(clause, /\bPDF\s?\/\s?A\b(?:(?:\s?-\s?|\s)([1-4])\s?([abuef])?\b)?(?!\d)|\barchiv(?:al|e|able)[ -](?:PDF|form of PDF|PDF format)\b/gi)) {
      const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
      if (isRefused(before, after)) continue;
      if (says(before, /\b(?:prefer\w*|ideally|if (?:you can|possible)|where possible|recommend\w*|encourage\w*|welcome|may|can|optional\w*|need not|nor)\b[^.;]{0,40}$/i) || says(after, /^[^.;]{0,30}\b(?:is|are)?\s?(?:prefer\w*|recommended|encouraged|welcome|optional|if possible|where possible|not (?:needed|necessary|required|accepted|allowed))\b/i)) continue;
      // “PDF or PDF/A”: the plain form is enough.
      if (says(before, /\bPDF\s?(?:,|or|\/)\s?(?:or )?(?:as )?(?:an? )?$/i) || says(after, /^\s?(?:,|or)\s?(?:an? )?(?:ordinary |plain |normal )?(?:PDF\b(?!\s?\/)|DOCX?\b|Word\b)/i)) continue;
      found.push({ value: m[1] ? `PDF/A-${m[1]}${(m[2] ?? '').toLowerCase()}` : 'PDF/A', start: m.at, end: m.to });
    }
  }
  return found;
}
