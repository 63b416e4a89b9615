import { clausesWith, isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';
import { negated, yes } from './yes-or-no.ts';
import { ownWorkDeclared } from './wordings/declaration.ts';
import { says } from '../text/patterns.ts';

/** “No, ticking the box at upload is your declaration.” */
const boxDeclares = /\b(?:tick|check|click)(?:ing)? (?:the|a|this) (?:\w+ )?box\b[^.;]{0,30}\b(?:is|counts as|serves as) (?:your|the|a) (?:declaration|statement|confirmation)/gi;
/** Whether a declaration of own work is asked for. */
export function readDeclaration(clauses: Clause[]): Statement<boolean>[] {
  const found: Statement<boolean>[] = [];
  for (const clause of clausesWith(clauses.filter((c) => c.asks !== 'open'), /declar|statement|confirm|own|certif|affi|sign to|honou?r|pledge/i)) for (const m of matchesIn(clause, ownWorkDeclared)) found.push(says(clause.text.slice(m.to - clause.start), /^\W*(?:form )?(?:(?:is|are) )?(?:not|no longer) (?:be )?(?:required|needed|necessary|expected)\b/i) ? { value: false, start: m.at, end: m.to, override: isCorrection(clause) } : yes(/^[^.;]{0,20}\bdo(?:es)? not count\b/i.test(clause.text.slice(m.to - clause.start)) || says(clause.text.slice(0, m.at - clause.start), /\bwithout (?:a |the |your )?(?:signed |completed )?$/i) && says(clause.text.slice(m.to - clause.start), /^[^.;]{0,30}\b(?:not (?:be )?(?:accepted|marked|graded|read)|returned|rejected|refused|sent back)\b/i) || !negated(clause, m), m, clause));
  for (const clause of clauses) for (const m of matchesIn(clause, boxDeclares)) found.push({ value: true, start: m.at, end: m.to, override: isCorrection(clause) });
  // “Anything to sign? No.”
  for (const clause of clauses) if (clause.under && says(clause.under, /\b(?:anything|something)(?: else)? to sign\b|\bsign anything\b/i)) for (const m of matchesIn(clause, /^\W*(?:A\s*[:.]\s*)?(?:no|nothing|none)\W*$/gi)) found.push({ value: false, start: m.at, end: m.to, override: isCorrection(clause) });
  return found;
}
