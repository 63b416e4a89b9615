import { isCorrection, matchesIn, type Clause, type Statement } from './statements.ts';

/** What places for files are called, whoever runs them. Compiled by hand. */
const kind = '(?:(?:drop|in|mail|letter)[ -]?box|drop[ -]?zone|box|folder|(?:sub-?)?directory|sub-?folder|area|link|page|slot|tray|tile|tab|section|room|channel|forum|portal|point|(?:work)?space|activity|assignment|task|form|button|locker|basket|queue|drive|shelf|site|place)';
const whose = '(?:(?:hand-?in|submission|upload|drop(?:-?off)?|assignment|assessment|course|module|class|shared|online|digital|return|collection|project) )?';
const name = '[“"‘]([^”"’\\n]{3,80})[”"’]';
/** “The folder called “Essay 1””, “the “Essay 1” tile”. */
const called = new RegExp(`\\b${whose}${kind}\\b,?(?: (?:that is |which is )?(?:called|named|labelled|labeled|titled|entitled|marked|headed|with the (?:name|title)))?\\s*:?\\s*${name}|${name} ${whose}${kind}\\b`, 'gi');
/** That something is handed in there. */
const handedIn = /\b(?:submi\w+|hand(?:s|ed|ing)?[ -]?(?:it |them |your \w+ |everything |all \w+ )?(?:in|over)|upload\w*|turn(?:ed)? (?:it |your \w+ )?in|deliver\w*|deposit\w*|drop(?:ped)?|put|place|goes|go|collect\w*|return\w*|sen[dt]|belongs?|use|where|due|essays?|papers?|reports?|thes[ei]s|portfolios?|files?|your work)\b/i;
/** What is fetched, asked or talked about there. */
const otherThings = /\b(?:slides?|recordings?|readings?|handouts?|templates?|rubrics?|guidelines?|instructions?|questions?|announcements?|help|support|feedback|discuss\w*|sign[ -]?up|book(?:ing)?|regist\w+|download\w*|examples?|samples?|timetables?|materials?|syllabus|lectures?|problems?|drafts?|practi[cs]e|marks?|grades?|results|topics?|titles (?:are|can|will)|criteria|(?:I|we) (?:will |have )?(?:upload|post|put|publish)\w*)\b/i;

/** The place by the kind of thing it is: asked where no better wording names one. */
export function readPlaceByKind(clauses: Clause[]): Statement<string>[] {
  return clauses.flatMap((clause, i) => {
    // “The link “Groups 1–4” or “Groups 5–8””: which one is not said.
    if (/[”"’],? (?:or|and) [“"‘]/.test(clause.text)) return [];
    const found = [...matchesIn(clause, called)].filter((m) => {
      const before = clause.text.slice(0, m.at - clause.start), after = clause.text.slice(m.to - clause.start), outside = `${before} ${m[0].replace(/[“"‘][^”"’]*[”"’]/g, '')} ${after}`, value = m[1] ?? m[2]!;
      if (/\w_\w|\.\w{2,4}$/.test(value) || otherThings.test(outside.replace(/[“"‘][^”"’\n]*[”"’]/g, ''))) return false;
      if (/\b(?:not|never|n['’]t|instead of|rather than|other than|wrong|old|former|except)\b[^.;“"]{0,40}$/i.test(before) || /^[^.;“"]{0,30}\b(?:is|are|was|has been) (?:closed|locked|gone|(?:only |just )?for (?:drafts|practice))\b/i.test(after)) return false;
      // “Fill in the form “Choice of topic””: a form is a place only where something goes through it.
      if (/^form\b/i.test(m[0]) && !/\b(?:via|through|using|with|in|into|under) (?:the |our )?(?:\w+ )?$/i.test(before)) return false;
      // “Assignment: “Policy memo””: so is the work called.
      if (/^(?:assignment|task|activity)\b|[”"’] (?:assignment|task|activity)$/i.test(m[0]) && !/\b(?:called|named|labelled|titled|entitled)\b/i.test(m[0]) && !/\b(?:via|through|using|use|in|into|to|under) (?:the |our )?$/i.test(before)) return false;
      return handedIn.test(outside) || /^\W*$/.test(before) && /^\W*$/.test(after) || /^\W*(?:please )?(?:then )?(?:upload|submit|hand|put|drop|send)\b/i.test(clauses[i + 1]?.text ?? '');
    }).at(-1);
    if (!found) return [];
    const value = (found[1] ?? found[2])!, at = found.at + found[0].indexOf(value);
    return [{ value, start: at, end: at + value.length, override: isCorrection(clause) }];
  });
}
