import { clausesWith, isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';

/** The place that the paper goes to: a label line, a quoted name, or a capitalised name after “submit to/via/in”. */
export function readPlace(clauses: Clause[]): Statement<string>[] {
  const found: Statement<string>[] = [];
  for (const clause of clausesWith(clauses, /submi|hand|upload|turn|deliver|accepted|through the|send it|goes?\b|put it|course (?:site|page)|folder|box|area|slot|under|[>›→]|place|where|location|copy:/i)) {
    const override = isCorrection(clause);
    const label = /^(?:where(?: to (?:submit|hand in))?|place|(?:submission|hand[- ]in|upload|drop|delivery) (?:place|point|box|folder|area|link|page)|submit (?:to|via|at)|location)\s*[:|–]\s*(.{3,100})$/i.exec(clause.text);
    if (label) { const at = clause.text.indexOf(label[1]!), quoted = /[“"‘]([^”"’\n]{3,80})[”"’]/.exec(label[1]!); const value = (quoted?.[1] ?? label[1]!).replace(/[.;]\s*$/, '').replace(/^[“"‘']|[”"’']$/g, '').trim(); const from = clause.start + clause.text.indexOf(value, at); found.push({ value, start: from, end: from + value.length, override }); continue; }
    // “Folder “Essay 1 – main cohort””; “the assignment area of the module page (“Essay 1”)”; “under Week 6 > Literature review”.
    for (const m of matchesIn(clause, /\b(?:[Tt]hrough|[Vv]ia|[Ii]nto|[Uu]sing) the (?:upload |submission |hand-in )?(?:folder|box|area|slot|point|link)\s+(?:called |named )?[“"‘]([^”"’\n]{3,80})[”"’]|\b(?:[Ii]n|[Ii]nto|[Tt]o|[Vv]ia|[Aa]t) the\s+[“"‘]([^”"’\n]{3,80})[”"’]\s+(?:box(?! office)|folder|point|area|page|slot|place|link)\b|\b(?:course|module|class) (?:page|site),? (?:folder|box|area|slot)\s+[“"‘']([^”"’'\n]{3,80})[”"’']|\b(?:in|into|to) the (?:folder|box|area|slot)\s+[“"‘']([^”"’'\n]{3,80})[”"’']|\b(?:in|into|to) the (?:folder|box|area|page|slot) (?:called|named)\s+([A-Z][\w&’'-]*(?: (?:of |and |the )?[A-Z0-9][\w&’'-]*)*)|^\W*(?:A:\s*)?[Uu]nder\s+[“"‘]([^”"’\n]{3,80})[”"’](?! (?:you|we|I|there|it|they)\b)|^\W*(?:(?:[Uu]pload|[Ss]ubmission|[Hh]and-in|[Dd]rop) )?(?:[Ff]older|[Bb]ox|[Aa]rea|[Pp]oint|[Ll]ink|[Pp]age|[Ss]lot)\s+[“"‘]([^”"’\n]{3,80})[”"’]|\b(?:area|page|folder|point|box|portal|site|place)\b[^.;“"()]{0,30}\((?:called |named )?[“"‘]([^”"’\n]{3,80})[”"’]\)|(?:\b(?:under|in|at|via)\s+|^\W*(?:[Uu]pload|[Hh]and[- ]in|[Ss]ubmit|[Ss]ubmission|[Ww]here)\s*:\s*)((?:[A-Z][\w&’'/-]*)(?: [\w&’'/-]+){0,4}(?:\s?(?:>|›|→)\s?[A-Z][\w&’'/-]*(?: [\w&’'/-]+){0,5})+)|(?<=^|[:,]\s)((?:[\w&’'-]+ ){0,3}[\w&’'-]+(?:\s?[>›→]\s?[A-Z][\w&’'/-]*(?: [\w&’'/-]+){0,5}){2,})/g)) {
      const value = (m[1] ?? m[2] ?? m[3] ?? m[4] ?? m[5] ?? m[6] ?? m[7] ?? m[8] ?? m[9] ?? m[10])!.trim(), at = m.at + m[0].lastIndexOf(value);
      if (!/\bnot\b[^.;]{0,30}$/i.test(clause.text.slice(0, m.at - clause.start))) found.push({ value, start: at, end: at + value.length, override });
    }
    for (const m of matchesIn(clause, /\b(?:[Ss]ubmits?|[Ss]ubmitted|[Hh]and(?:ed)?(?: it| your \w+)? in|[Uu]pload(?:ed)?|[Tt]urn(?:ed)? in|[Dd]eliver(?:ed)?|[Aa]ccepted|[Ss]end it|goes?|[Pp]ut it|[Pp]lace|[Ss]ubmission(?=\s+(?:is\s+)?(?:via|through)\b)|[Cc]ourse (?:site|page)(?=,? under\b)|(?:[Ee]lectronic|[Dd]igital) copy(?=:))\b(?:(?!\bnot\b)(?:[^.;“"‘']|\.(?=\w))){0,60}?\b(?:to|via|through|in(?:to)?|at|under|using|on)\s+(?:the\s+|our\s+)?(?:\w+['’]s\s+(?=[a-z-]+ ))?(?:(?:(?:submission|hand-in|upload|course|class|shared|departmental|drop)\s+)?(?:box|folder|area|page|point|link|place|slot)\s+(?:called\s+|named\s+|marked\s+|labelled\s+|entitled\s+)?(?=[“"‘'A-Z]))?(?:[“"‘']([^”"’'\n]{3,80})[”"’']|((?:[A-Z][\w&’'/-]*|\d{2,5}[A-Z]?)(?:\s+(?:of|for|the|and|[A-Z][\w&’'/-]*|\d{1,5}[A-Z]?|[–:-]))*(?:\s+(?:submission (?:page|point|box|folder|area|link)|folder|box|page|area|portal|office|point|site))?))/g)) {
      const value = (m[1] ?? m[2])!.trim().replace(/\s+(?:by|before|on|as|of|for|the|and|at)$/i, '');
      if (/^(?:PDF|DOCX|Word|A4|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|January|February|March|April|May|June|July|August|September|October|November|December|Times|Arial|English|Microsoft|MS|I|You|Your|Week|Part|ODT|JPEG|RTF|Harvard|APA|\d+|\d+[KMG]i?B?)\b/.test(value) || value.length < 4) continue;
      const at = m.at + m[0].lastIndexOf(value);
      found.push({ value, start: at, end: at + value.length, override });
    }
  }
  return found;
}
