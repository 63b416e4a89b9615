import type { Kind } from '../model/kinds.ts';
import { surelyEnglish } from './german.ts';
import { articles, documentWords, foreignSigns, leadsKind, materials, notAsked, notNeeded, orElse, plainFiles } from './wordings/document-words.ts';
import { eachIn, rewritten, says } from '../text/patterns.ts';

/** A document and the kinds it may have, and where it stands. */
export interface PairedDocument { label: string | null; types: Kind[]; start: number; end: number }

const kinds: readonly (readonly [RegExp, Kind])[] = [[/pdf/i, 'pdf'], [/docx|word/i, 'docx'], [/\bdoc\b/i, 'doc'], [/odt/i, 'odt'], [/rtf/i, 'rtf'], [/xlsx?|excel/i, 'xlsx'], [/csv/i, 'csv'], [/pptx?|powerpoint/i, 'pptx'], [/zip/i, 'zip'], [/jpe?g/i, 'jpeg'], [/png/i, 'png'], [/mp4/i, 'mp4'], [/mp3/i, 'mp3'], [/txt/i, 'txt']];
const kind = String.raw`(?:\.?(?:pdf|docx?|odt|rtf|xlsx?|csv|pptx?|zip|jpe?g|png|mp[34]|txt)|word|excel|powerpoint)(?![\p{L}\d])`;
/** Adjectives and what a document is about: “final”, “signé”, “de stage”, “unterschriebene”. */
const adjective = String.raw`(?:[\p{Ll}-]{3,}(?:e|en|er|es) )?`, more = String.raw`(?: (?:(?:en|in|auf|på|em|op) (?:ingl[eéê]se?|anglais|englisch|engel[sk]+a?|español|français|deutsch|italiano|português)|finale?|complète?|écrite?|signée?s?|remplie?s?|annotée?|brutes?|firmad[oa]|rellenad[oa]|escrit[oa]|firmat[oa]|assinad[oa]|ondertekend|(?:de|du|d[’']|del|della|di|da|do|der|des|von|zum|zur|om|över|over|til|van) ?[\p{L}’'-]{3,20}))*`;
const between = String.raw`\s*(?:\((?:(?!(?<![\p{L}])${kind})[^()\n]){0,160}\)\s*)?(?:\((?:[^()\n]{0,40}[,;]\s*)?|[:–—,-]\s+(?:${leadsKind}\s+)?|(?:[\p{L}’']+ ){0,5}?${leadsKind}\s+)\s*`;
const pairOf = (noun: string, article: string): RegExp => new RegExp(String.raw`(?<![\p{L}_-])(?<article>${article})(?<noun>${adjective}(?:${noun})${more})(?![\p{L}])${between}(?<kinds>${kind}(?:${orElse}${kind})*)`, 'giu');
/** “Der Bericht umfasst 10 bis 12 Seiten und ist als PDF-Datei einzureichen”, “die Bescheinigung ist als gesonderte Datei (PDF oder JPG) beizufügen”. */
const subjectOf = (noun: string): RegExp => new RegExp(String.raw`(?<=(?:^|[.!?:;]\s+|\n[ \t]*))(?<article>${articles})(?<noun>${adjective}(?:${noun})${more})(?![\p{L}-])[^.;\n]{0,110}?\s(?:${leadsKind}\s+|(?:als|en|como|come|som)\s(?:eine?r?s?\s)?(?:gesonderte|separate|eigene|zweite|weitere)\s\p{L}+\s\()(?<kinds>${kind}(?:${orElse}${kind})*)`, 'giu');
const subjects = documentWords.map(subjectOf), known = documentWords.map((words) => pairOf(words, `${articles}?`));
const supplied = pairOf(materials, `${articles}?`);
/** What stands behind an article like a document whose name is known is one as well. */
const unknown = pairOf(String.raw`(?!${plainFiles}(?![\p{L}]))[\p{L}-]{4,}`, articles);
const denied = new RegExp(String.raw`(?<![\p{L}])${notAsked}\s+(?:[\p{L}]+\s+)?$`, 'iu'), spared = new RegExp(String.raw`^[^.;\n]{0,30}(?<![\p{L}])${notNeeded}(?![\p{L}])`, 'iu');

/** That a document comes beside another. */
const alsoAsked = /(?<!\p{L})(?:auch|zusätzlich|außerdem|ferner|également|aussi|en outre|en plus|además|también|inoltre|anche|além disso|também|ook|daarnaast|också|dessutom|også|desuden|dessuten)(?!\p{L})[^.;\n]*$/iu;
const bareKinds = new RegExp(`(?<![\\p{L}_.])${kind}(?:${orElse}${kind})*`, 'giu');
const kindsIn = (said: string): Kind[] => said.split(new RegExp(orElse, 'iu')).flatMap((s) => kinds.find(([pattern]) => says(s, pattern))?.[1] ?? []);

/** “Vous déposerez deux fichiers : le rapport (PDF) et les données (CSV)”: the documents that a wording in another language than English names with their kinds of file. Of one alone only the kind is asked; what is handed out or not needed is left aside.
 * @param text - the wording as it was written */
export function pairedDocuments(text: string): PairedDocument[] {
  if (says(text.slice(0, 2000), surelyEnglish) || !says(text.slice(0, 2000), foreignSigns)) return [];
  const found: (PairedDocument & { asked: boolean })[] = [];
  const collect = (pattern: RegExp, handedOut = false): void => { for (const m of eachIn(text, pattern)) {
    const { article, noun, kinds: said } = m.groups as { article: string; noun: string; kinds: string }, start = m.index + article.length, end = m.index + m[0].length;
    if (found.some((f) => f.start < end && m.index < f.end)) continue;
    const asked = !handedOut && !says(text.slice(Math.max(0, m.index - 30), m.index), denied) && !says(text.slice(end, end + 80), spared);
    found.push({ label: noun.trim(), types: kindsIn(said), start, end, asked });
  } };
  collect(supplied, true);
  known.forEach((pattern) => { collect(pattern); });
  // A sentence about each of two and more; one alone may be about anything.
  subjects.forEach((pattern) => { collect(pattern); });
  if (found.some((d) => d.asked)) collect(unknown);
  const each = found.filter((d) => d.asked).sort((a, b) => a.start - b.start).filter((d, i, all) => all.findIndex((o) => o.label?.toLowerCase() === d.label?.toLowerCase()) === i);
  // “Ein PDF, maximal 15 MB. … Bitte auch das Bewertungsformular (Scan, PDF oder JPG) hochladen.”
  if (each.length === 1 && says(text.slice(Math.max(0, each[0]!.start - 60), each[0]!.start), alsoAsked)) {
    const main = [...eachIn(text, bareKinds)].find((m) => !found.some((f) => f.start <= m.index && m.index < f.end) && !says(text.slice(Math.max(0, m.index - 30), m.index), denied) && !/[\w_-]\.?$/.test(text.slice(0, m.index)));
    if (main) return [{ label: null, types: kindsIn(main[0]), start: main.index, end: main.index + main[0].length }, each[0]!].sort((a, b) => a.start - b.start);
  }
  return each.length > 1 ? each : each.length === 1 && found.some((d) => !d.asked) ? [{ ...each[0]!, label: null }] : [];
}

/** “Der Essay”: an article is no part of what a document is called. */
export const withoutArticle = (label: string, original: string): string => (says(original.slice(0, 2000), surelyEnglish) ? label : rewritten(label, [/^(?:der|die|das|ein|eine|le|la|les|un|une|el|los|las|il|lo|het|en|og|och|und|et) (?=\p{L})/iu, '']));
