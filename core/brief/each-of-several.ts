import type { LimitStatement } from './limits.ts';
import type { Clause } from './statements.ts';
import { says } from '../text/patterns.ts';

const file = String.raw`(?:PDF|file|document|docx|Word (?:file|document))(?: file| document)?`, one = String.raw`(?:one|1|a single|the same|one single|a combined|one combined)`;
/** Several pieces that make one file: “merged into a single PDF”, “one PDF for all of them”, “a single PDF containing all four essays”. */
const inOneFile = [
  new RegExp(String.raw`\b(?:merg|combin|join|collat|assembl|bundl|compil)\w*\b[^.;]{0,40}?\b(?:in|into|as|to) (?:${one}|a) ${file}\b(?! (?:per|for each|each))`, 'i'),
  new RegExp(String.raw`\b(?:put|puts|gather|collect|bring|together|all|them)\b[^.;]{0,40}?\b(?:in|into|as|to|in the form of) ${one} ${file}\b(?! (?:per|for each|each))`, 'i'),
  new RegExp(String.raw`\b(?:one|1|a single|the) ${file},?:? (?:with|containing|that contains|of|for|including|holding) (?:all|both|your|the|these|those|them)\b`, 'i'), new RegExp(String.raw`\bis (?:one|a single) ${file}\s*:`, 'i'), new RegExp(String.raw`\b(?:as|in) (?:one|a single) ${file}\W*$`, 'i'),
];
const eachBefore = /\b(?:each|every)\b(?! (?:page|student|person|group|team|member|pdf|file|document))(?:[^.;]|\b(?:max|min)\.){0,50}$|\bno (?!page|student|group|team|pdf|file|document|more|longer|fewer|less)\w+(?: \w+)? (?:may|should|can|must|is to)\b[^.;]{0,30}$/i, eachBehind = /^[^.;,]{0,14}\b(?:each|apiece|(?:per|for each|for every|in each) (?!page|student|person|group|team|member|side|sheet|pdf|file|document)\w+)\b/i;

/** “Three lab reports, each at most four pages, merged into a single PDF”: how long a piece may be is not how long the file may be. */
export function withoutPieces(found: LimitStatement[], clauses: readonly Clause[]): LimitStatement[] {
  if (!clauses.some((c) => inOneFile.some((way) => says(c.text, way)))) return found;
  return found.filter((s) => {
    const clause = clauses.find((c) => c.start <= s.start && s.end <= c.end);
    return s.field === 'maxBytes' || !clause || !says(clause.text.slice(0, s.start - clause.start), eachBefore) && !says(clause.text.slice(s.end - clause.start), eachBehind);
  });
}
