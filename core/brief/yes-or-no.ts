import { isCorrection, type Clause, type Statement } from './statements.ts';
import { rewritten, says } from '../text/patterns.ts';

/** What a clause says with yes: the other way round where it is a question that is answered with no. */
export const yes = (value: boolean, m: { at: number; to: number }, clause: Clause): Statement<boolean> => ({ value: clause.asks === 'no' ? !value : value, start: m.at, end: m.to, override: isCorrection(clause) });
/** Whether what is found in a clause is denied there. */
export const negated = (clause: Clause, m: { at: number; to: number }): boolean => {
  // “No names anywhere, because we mark blind”: the reason is not denied.
  const before = rewritten(clause.text.slice(0, m.at - clause.start), [/^.*\b(?:because|since|as|(?<!\bneed )for)\s+$/is, ''], [/^.*$/s, (s) => (clause.text[m.at - clause.start] === '(' ? '' : s)]), after = clause.text.slice(m.to - clause.start);
  // “Anonymous no” as a line of a list.
  if (/^\W*$/.test(before) && /^\s+(?:no|none|off)\W*$/i.test(after)) return true;
  // “Similarity check: no.”
  if (says(after, /^\**\s*(?:(?:marking|submission|check(?:ing)?|required|used)\s*)?[:=–-]\**\s*(?:no(?! (?:\w+ )?names?\b)|none|n\/?a\b|off|(?:(?:it|this|your|the|all) (?:\w+ )?(?:is |are )?)?(?:marked|graded|assessed|read) (?:by|under|with) names?\b(?! (?:hidden|removed|covered|off))|names? (?:is |are )?(?:shown|visible|known)\b|false|disabled|deactivated|inactive|switched off|not (?:used|applicable|required|needed|necessary|asked for))\b|^\s*(?:marking |check(?:ing)? )?(?:is|are|has been) (?:switched |turned )?(?:off|disabled|deactivated)\b/i)) return true;
  return says(before, /\b(?:(?:not|n['’]t) (?:necessary|required|needed|need|have)|no need|needn['’]t)(?:\s+\w+){0,7}\s*$/i) || says(before, /\b(?:not|no|never|nothing|isn['’]t|aren['’]t|won['’]t|doesn['’]t|don['’]t|without|nor|exempt from)\b(?! (?:forget|omit|fail|fim|final d[oae]s?|nome|prazo|trabalho|texto|ficheiro|arquivo|documento|início|cabeçalho|rodapé|espaço|ambiente|sistema|curso|formato|máximo|mínimo|próprio|âmbito|anexo|separador|título|corpo)(?![\p{L}]))(?:\s+\w+){0,4}\s*$/iu) || !/^\s*,?\s*(?:but|which)\b/i.test(after) && says(after, /^\s*(?:\w+\s+){0,3}(?:(?:does|do|is|are|will|has|have|was)\s+(?:not|n['’]t)|isn['’]t|aren['’]t|won['’]t|doesn['’]t|cannot)\b/i) && !/^\s*[.;]/.test(after);
};
