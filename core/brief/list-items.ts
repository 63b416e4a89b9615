import { noun, type DocumentLabel, type Mention } from './document-names.ts';
import type { Clause } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** What a line of a list is about that asks for no document of its own. */
export const notDocument = /^(?:umfang|dateinamen?|benennung|file ?names?|frist|longueur|taille|remise|extensi[óo]n|entrega|extensão|prazo|lunghezza|consegna|formato|omvang|inleveren|bestand|bestandsnaam|omfang|omfattning|filformat|filnavn|filnamn|innleveringsfrist|innlevering|in addition|additionally|also|besides|furthermore|moreover|finally|file ?names?|dateiname|abgabe|files?|formats?|types?|kinds?|naming|names?|save|upload|submit|submission|hand|use|send|write|export|convert|only|all|each|every|please|no|not|do|electronic|digital|printed|cop(?:y|ies)|length|words?|pages?|documents?|pdfs?|docx?|word|size|max(?:imum)?|make|combine|merge|put|when|if|you|we|late|deadline|due|place|where|how|accepted|the file|must|should|part|stage|phase|step|section|task|week|option|milestone|day|item|note|hint|tip|important|what|who|which|why)\b/i;
const lineAt = (text: string, at: number): string => { const end = text.indexOf('\n', at); return text.slice(text.lastIndexOf('\n', at - 1) + 1, end < 0 ? text.length : end); };

/** “D1. Design report. PDF. Max. 25 MB.”: the name that an item of a list begins with. */
export function labelOfItem(mention: Mention, before: Mention | null, { asked, clauses, text }: { asked: Mention[]; clauses: Clause[]; text: string }): DocumentLabel | null {
  // A row of a table with a column for the kind is named by its first cell.
  const rowAt = clauses.indexOf(mention.clause), cells = mention.clause.text.split('|').map((c) => c.trim());
  if (cells.filter(Boolean).length >= 3) {
    let top = rowAt;
    while (top > 0 && clauses[top - 1]!.text.includes('|')) top--;
    const column = mention.clause.text.slice(0, mention.at - mention.clause.start).split('|').length - 1, above = top === rowAt ? '' : clauses[top]!.text.split('|').map((c) => c.trim())[column] ?? '', /* a table without a head begins with a row like the others */ head = says(above, /^\.?(?:pdf|docx?|odt|rtf|pptx|xlsx|zip|csv|mp[34]|word)\b|\d.*\b(?:pdf|docx?|word)\b/i) ? '' : above, first = cells.findIndex((c) => /\p{L}{3}/u.test(c)), /* “Component A | Critical review | 1,000 words | docx” */ titled = says(cells[first] ?? '', /^(?:component|part|task|item|element|piece|deliverable|assessment) (?:[A-H]|\d{1,2})$/i) && /^\p{L}[\p{L} +&-]{3,40}$/u.test(cells[first + 1] ?? '') && first + 1 !== column && head === '', name = cells[titled ? first + 1 : first];
    // “| | Draft | Final |” over “| Format | Word | PDF |”.
    if (head && says(cells.find(Boolean)!, /^(?:file )?(?:formats?|types?|kinds?|files?)\b/i) && /^\p{L}[\p{L} \d]{2,30}$/u.test(head)) return { label: head, at: mention.at };
    if (name && name.length <= 50 && !/:/.test(name) && cells[column] !== name && (says(head, /\b(?:format|type|kind|file|files|accepted|hand in as|as|how|wie)\b/i) || head === '' && /\d/.test(mention.clause.text))) return { label: name.replace(/\*+/g, '').replace(/\s*\([^()]*\d[^()]*\)$/, '').replace(/\s+/g, ' '), at: mention.clause.start + mention.clause.text.indexOf(name) };
  }
  // “(a) the reflective account, 1500 words, Word; (b) the skills log, on the form supplied, Word”.
  const lettered = !before || before.clause !== mention.clause ? firstIn(mention.clause.text.slice(0, mention.at - mention.clause.start), /(?:^\W*|:\s+)\(?([a-h]|[ivx]{1,4}|\d)(?:\)|(?<=^\W*[A-H])\.(?=[^:]*\(|\s+\p{Lu}[\p{L} -]{2,40}:))\s+(?:the |your |an? |one |two |three )?([\p{L}][\p{L}-]*(?: (?!(?:on|of|as|in|at|with|to|and|or|for|from|by|itself|proper)\b)[\p{L}-]+){0,3})(?: itself| proper|(?<=photo(?:graph)?s?|pictures?|images?|screenshots?|scans?|drawings?|diagrams?|maps?) of (?:the |your |an? |one )?[\p{L}-]+(?: [\p{L}-]+){0,3})?\s*[,(:]/iu) : null;
  // “a. Field notebook: …” behind a stop has to be something that is handed in.
  const isWork = lettered && (!/[A-H]\.\s/i.test(lettered[0]) || /\(/.test(mention.clause.text.slice(0, mention.at - mention.clause.start).replace(/:.*$/s, '')) || new RegExp(`(?:^|[ -])${noun}$`, 'i').test(lettered[2]!));
  if (lettered && isWork && !says(lettered[2]!, notDocument)) return { label: lettered[2]!, at: mention.clause.start + lettered[0].indexOf(lettered[2]!) };
  // A name stands at the head of its line, not hundreds of letters before.
  const near = Math.max(0, mention.at - 300), from = near + text.slice(near, mention.at).lastIndexOf('\n') + 1;
  if ((before && before.at >= from) || (from === near && near > 0)) return null;
  const head = new RegExp(`^\\W*(?:[A-Z]{0,2}\\d{1,2}|[A-H](?=\\.)|(?:deliverable|document|item|file|part|upload) (?:\\d{1,2}|[A-E]))[.):]\\s*(?:an? |the |your )?((?:[\\p{L}-]+ ){0,3}?${noun})\\s*(?:\\([^)]*\\)\\s*)?[.,:–-]\\s`, 'iu').exec(text.slice(from, mention.at));
  // “B. Design drawings (one PDF, no more than 12 pages)” below and above others of the kind.
  const mark = /^[ \t]*\(?([A-H]|\d{1,2})[.)][ \t]+/.exec(lineAt(text, mention.at)), bracketed = mark ? firstIn(text.slice(from, mention.at), /^[ \t]*\(?(?:[A-H]|\d{1,2})[.)][ \t]+(?:an? |the |your )?([\p{L}][\p{L}-]*(?: [\p{L}-]+){0,3})\s*\((?:(?:an?|one|as|single|eine?)[ \u00a0]+)*$/u) : null;
  if (bracketed && !says(bracketed[1]!, notDocument) && asked.some((m) => Math.abs(m.at - mention.at) < 2000 && lineAt(text, m.at) !== lineAt(text, mention.at) && /^[ \t]*\(?(?:[A-H]|\d{1,2})[.)][ \t]+/.test(lineAt(text, m.at)))) return { label: bracketed[1]!, at: from + bracketed[0].indexOf(bracketed[1]!) };
  // “2. Evidence log, Excel spreadsheet (.xlsx)”.
  const item = head ?? firstIn(text.slice(from, mention.at), /^[ \t]*(?:\d{1,2}|\(?[a-z]\))[.)]?\s+(?!(?:file|format|save|upload|submit|hand|use|name|send|write|export|one|two|three|each|all|only|electronic|digital|printed|copy|copies|length|words?|pages?)\b)([\p{Lu}][\p{L}-]*(?: [\p{L}-]+){0,3}),\s+(?:[^,;:.\n]{1,30},\s+){0,3}(?:an? |one |your |the |in |as (?:an? )?)*(?:[\p{L}]+ )?$/iu);
  if (item) return { label: item[1]!, at: from + item[0].indexOf(item[1]!) };
  // “Stage one: concept paper. Two pages. Word.”: stages that each have a kind.
  const stage = new RegExp(`^\\W*(part|stage|phase|task|step|component|element|item|deliverable|piece)\\s+(?:\\d{1,2}|[A-E]|one|two|three|four|five)\\s*(?:\\([^()]*\\)\\s*)?[:–-]\\s*(?:an? |the |your )?(?:\\d[\\d,]*-(?:word|page) )?((?:[\\p{L}-]+ )?${noun})\\b`, 'iu').exec(text.slice(from, mention.at));
  /** A list is no longer than a few pages. */
  const around = asked.filter((m) => Math.abs(m.at - mention.at) < 6000);
  if (stage && around.some((m) => lineAt(text, m.at) !== lineAt(text, mention.at) && new RegExp(`^\\W*${stage[1]!}\\s`, 'i').test(lineAt(text, m.at)))) return { label: stage[2]!, at: from + stage[0].lastIndexOf(stage[2]!) };
  // “• 36 contact images on A4 sheets, combined to one PDF …”, “• Reflective statement of 600 words, PDF”: lines of a list that each name a kind.
  const bullet = firstIn(text.slice(from, mention.at), /^[ \t]*(?:([•▪◦*–-])[ \t]+|(?=\p{Lu}[\p{L} -]{2,40}:))(?:(?:an?|one|your|the|\d{1,3}|two|three|four|five|six)\s+)?([\p{L}][\p{L}-]*(?: (?!(?:on|of|as|in|at|with|to|and|or|for|from|by|must|should|is|are|itself|proper|saved|exported|converted|submitted|uploaded|named|called|scanned|handed|combined|merged)\b)[\p{L}][\p{L}-]*){0,2}(?: of [\p{Ll}]+(?=\s*\())?)(?=\s*[,:(]|\s(?:on|of|as|in|with|to|itself)\b)/iu);
  if (!bullet || says(bullet[2]!, notDocument)) return null;
  if (!bullet[1] && !/^\s*:/.test(text.slice(from + bullet[0].length))) return null;
  const others = around.filter((m) => m.clause.start < from || m.clause.start > mention.at).filter((m) => { const start = text.lastIndexOf('\n', m.at - 1) + 1; return start !== from && (bullet[1] ? text.slice(start, m.at).trimStart().startsWith(bullet[1]) : /^[ \t]*\p{Lu}[\p{L} -]{2,40}:/u.test(text.slice(start, m.at))) && !says(text.slice(start, m.at).replace(/^\W*/, ''), notDocument); });
  return others.length > 0 ? { label: bullet[2]!, at: from + bullet[0].indexOf(bullet[2]!) } : null;
}
