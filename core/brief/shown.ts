import type { NameField, ShownDetail } from '../model/brief.ts';
import { matchesIn, type Clause, type Statement } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What identifies a student, as departments ask for it in the paper itself. */
const details: readonly [RegExp, readonly NameField[]][] = [
  [/\b(?:(?:candidate|exam(?:ination)?|anonym(?:ous|ity))(?:['’]s)?[\s-](?:number|no\b\.?|code|ID)|prüfungsnummer)s?/gi, ['candidateNumber']],
  [/\b(?:(?:student|registration|matriculation|matric|roll|enrol?ment|library card|university|\d{1,2}-digit)(?:['’]s)?[\s-](?:ID(?:[\s-]number)?|number|no\b\.?|code)|ID[\s-](?:number|no\b\.?)|student ID|SID|matrikelnummer)s?\b/gi, ['studentNumber']],
  [/\b(?:user ?name|user ID|login)\b/gi, ['username']], [/\b(?:surname|family name|last name)\b/gi, ['surname']],
  [/\b(?:(?:your|the author['’]s|the student['’]s|the candidate['’]s) (?:own |full )?|full )names?\b(?! of)/gi, ['surname', 'givenNames']],
];
const places: readonly [RegExp, ShownDetail['where']][] = [
  [/\b(?:(?:page |running )?(?:headers?(?! image)|heads?)|footers?|(?:top|bottom|head|foot|(?:upper|lower|top|bottom) (?:left|right)(?:-hand)? corner|margin) of (?:each|every|all)(?: of the| the)? pages?|(?:each|every)(?: single)? (?:page|sheet)|all (?:of )?(?:the |your )?pages)\b/gi, 'runningHead'],
  [/\b(?:(?:title|cover|front|first) ?(?:page|sheet)|front cover|coversheet|page (?:1|one))\b(?! of (?:the|your) (?:booklet|exam|card|handbook|paper you))/gi, 'titlePage'],
  [/\b(?:(?:in|on|within) )(?:the |your )(?:essay|paper|work|document|text|script|report|thesis|dissertation|manuscript)(?: itself)?\b(?! file| name| you)/gi, 'text'],
];
const demand = /\b(?:put|write|include|add|insert|type|print|give|enter|place|state|show|display|use|repeat|indicate|note|provide|quote|make sure|ensure|must|should|shall|needs? to|ha(?:s|ve) to|(?:is|are) to|please|required|carry|carries|bears?|shows|contains|have (?:the|your|an?))\b|^\W*(?:page |running )?(?:headers?|footers?|title page|cover page)\s*[:–|-]|^\W*(?:only )?(?:your )?(?:student|candidate|exam|registration|matriculation)\b/i;
/** “(not your name)”, “instead of your name”: what is refused beside the detail that is asked for. */
const aside = /[,(]?\s*(?:and |but )?(?:not|never|no|instead of|rather than) (?:your |the )?(?:own |full )?(?:actual )?names?\)?(?: or initials)?,?(?! (?:on|in|at)\b)/gi;
const withoutAsides = (clause: Clause): Clause => ({ ...clause, text: clause.text.replace(aside, (s) => ' '.repeat(s.length)) });
const refused = /\b(?:not|never|no|nor|neither|without|avoid|remove|delete|omit|leave out|except|unless|nobody|free of)\b(?! only\b| forget\b| omit\b)|n['’]t\b(?! (?:forget|omit)\b)/i, byOthers = /\b(?:we|office|system|platform|automatically|will be (?:added|stamped|printed)|markers? (?:see|will))\b/i;

/** “Do not include your name, student ID or supervisor's name”: one of a list of what is refused, with no other demand in between. */
const refusedList = /(?:\b(?:not|never|no|nor|without|avoid|remove|delete|omit|leave out|free of)\b|n['’]t\b)(?! (?:only|forget|omit)\b)([^.;:]{0,100})$/i, demandBetween = /\b(?:but|instead|only|just|rather|please|put|write|type|print|give|enter|place|state|show|use|quote|add|insert)\b/i;
function isListedAsRefused(before: string): boolean {
  const list = firstIn(before, refusedList)?.[1];
  return list !== undefined && list.includes(',') && !says(list.slice(list.indexOf(',')), demandBetween);
}

/** Details that the paper itself has to show, with where: “put your candidate number in the header of every page”. The name of the file is another matter. */
export function readShown(clauses: Clause[]): Statement<ShownDetail>[] {
  const found: Statement<ShownDetail>[] = [];
  for (const clause of clauses) {
    if (clause.text.length > 600 || !says(clause.text, /number|\bno\b|code|\bID\b|name|login|nummer/i) || !says(clause.text, demand) || says(clause.text, byOthers)) continue;
    const plain = withoutAsides(clause);
    const wheres = places.flatMap(([pattern, where]) => [...matchesIn(plain, pattern)].map((m) => ({ where, at: m.at - clause.start, to: m.to - clause.start })));
    for (const [pattern, fields] of details) for (const m of matchesIn(plain, pattern)) {
      const at = m.at - clause.start, to = m.to - clause.start, before = plain.text.slice(0, at);
      if (says(/[^.;,:]{0,60}$/.exec(before)![0], refused) || isListedAsRefused(before)) continue;
      const place = wheres.map((p) => ({ ...p, between: p.at >= to ? plain.text.slice(to, p.at) : plain.text.slice(p.to, at) })).filter((p) => p.between.length <= 90 && !says(p.between, /[.;!?]|\bfile ?name|\bnam(?:e|ing) (?:of )?(?:the|your) (?:file|document)/i) && !says(p.between, refused)
        && (p.at >= to ? p.where === 'text' || says(p.between, /\b(?:in|on|at|into|onto|to|as|across)\b[^.;:]{0,24}$/i) : says(p.between, /\b(?:must|should|shall|ha(?:s|ve) to|needs? to|is to|are to|will)?\s*(?:show|carry|contain|include|bear|give|state|have|list|display|consist of|carries|bears|shows|contains|gives|states|has|with)\b|^\s*[:=|–-]|^ ?\(/i)))
        .sort((a, b) => a.between.length - b.between.length)[0];
      // A sheet that is filled in and attached is no page of the paper.
      if (!place || place.where === 'titlePage' && /\b(?:cover|front) ?sheet\b/i.test(plain.text) && says(plain.text, /\b(?:attach|complete|fill|filled|download|form|template|separate\w*|signed)\b/i)) continue;
      for (const field of fields) if (!found.some((f) => f.value.field === field && f.value.where === place.where)) found.push({ value: { field, where: place.where }, start: m.at, end: m.to });
    }
  }
  return found;
}

/** Where the word count has to stand in the paper: “state the word count on the title page”. A rule of what counts is another matter. */
export function readWordsStated(clauses: Clause[]): Statement<true>[] {
  const found: Statement<true>[] = [];
  for (const clause of clauses.map(withoutAsides)) for (const m of matchesIn(clause, /\b(?:(?:final|total|exact|actual|accurate|full) )?(?:word ?count|number of words)\b/gi)) {
    const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start);
    if (says(before, /\b(?:in|within|of|from|to|towards?|exceed|on|under|over|into|with) (?:the |your |this |its |a )?$/i) && !says(before, /\b(?:begins?|starts?|ends?|page|sheet) with (?:the |your |a )?$/i) || says(/[^.;:]{0,60}$/.exec(before)![0], refused) || says(after, /^\s+(?:is|does|must not|should not|excludes?|includes?|limits?|exceeds?)\b(?! (?:be )?(?:stated|given|shown|to be (?:stated|given|shown)))/i)) continue;
    const asked = says(before, /\b(?:state|put|certify|declare|give|provide|indicate|note|write|print|type|record|display|show|begins? with|starts? with|ends? with)s?\b[^.;!?]{0,80}$/i)
      || says(after, /^\s*(?:\([^)]*\)\s*)?(?:must|should|shall|ha(?:s|ve) to|needs? to|is to|are to)?\s*(?:be )?(?:stated|given|shown|declared|put|placed|indicated|printed|appear|go|stand)?\s*(?:clearly )?(?:on|at|in) (?:the |your )?(?:title|first|front|cover|last|final|top|end|foot|bottom|head|header|footer)\b/i)
      || says(after, /^\s*(?:must|should|shall|ha(?:s|ve) to|needs? to) be (?:stated|given|shown|declared|indicated)\b/i)
      || says(before, /\b(?:title page|cover ?(?:page|sheet)?|front (?:page|sheet)|first page|headers?|footers?)\b[^.;]{0,80}?(?:[:–?]|\b(?:with|must|should|shows?|gives?|carries|contains?))[^.;]{0,90}$/i);
    if (asked) found.push({ value: true, start: m.at, end: m.to });
  }
  return found;
}
