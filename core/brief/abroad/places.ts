import type { Clause, Statement } from '../statements.ts';
import { hasConcepts, sentencesOf } from './read.ts';
import { eachIn } from '../../text/patterns.ts';

/** What a part of a course's pages is called; what is also a word for the paper only behind “in” or a comma. */
const parts = "ordner|abgabeordner|unterordner|bereich|rubrik|reiter|abschnitt|fach|kachel|aktivität|dossier|rubrique|onglet|section|activité|boîte|casier|carpeta|apartado|sección|pestaña|buzón|actividad|cartella|sezione|scheda|attività|casella|pasta|secção|seção|separador|atividade|map|inlevermap|rubriek|tabblad|onderdeel|mappen|mappa|mappe|inlämningsmappen|fliken|fanen|avsnittet|boksen|rutan|voce|innleveringsmappen|afleveringsmappen";
const papers = "(?:(?<=[,(] ?)|(?<=(?:en la|na|nella|in de|im|i) ))(?:tarea|tarefa|opdracht|aufgabe|uppgiften|oppgaven|opgaven)";
const quotation = `[„“”"«»'‘’]\\s?([^„“”"«»\\n]{3,60}?)\\s?[“”"»«'’](?![A-Za-zÀ-ÿ])`;
const named = new RegExp(`(?<![A-Za-zÀ-ÿ])(?:${parts}|${papers})(?: (?:namens|mit dem namen|intitulée?|llamad[oa]|titulad[oa]|chiamat[oa]|denominat[oa]|chamad[oa]|genaamd|med namnet|med navnet))?[ \\u00a0]?${quotation}`, 'gi');
/** “… in "Prova di gennaio"”, “…: Lärplattformen, "Rapport – ordinarie"”: a name where something is handed in. */
const quoted = new RegExp(`(?:(?<![A-Za-zÀ-ÿ])(?:unter|in|im|via|sous|dans|en|em|op|onder|under|i|på|bij)|^[^:]{3,20}:[^:„“"«]{3,40},)[ \\u00a0]${quotation}(?=[ \\u00a0]?(?:hoch|ein|ab|in|of|$|[.,;)\\n]))`, 'gi');
/** What is named to be told apart: “…, nicht „Zwischenstand“”. */
const toldApart = /,? (?:nicht|nee|pas|no|non|não|niet|inte|ikke)(?: [a-zà-ÿ]{2,6})?[ \u00a0][„“”"«»'‘’][^„“”"«»\n]{3,60}[“”"»«'’]!?/gi;
/** “Unter Abgaben > Hausarbeit 2”. */
const path = /(?<![A-Za-zÀ-ÿ])(?:unter|im|in|über|via|sous|dans|en|nell[ao]?|su|em|na|no|op|onder|under|i|på)[ \u00a0]((?:\p{Lu}|\d)[\p{L}\d&.-]*(?:[ \u00a0](?!hoch)[\p{L}\d&.-]+){0,4}?(?:[ \u00a0][>›→/][ \u00a0](?:\p{Lu}|\d)[\p{L}\d&-]*(?:[ \u00a0](?!hoch|ein(?!\p{L})|ab(?!\p{L}))[\p{L}\d&-]+){0,4}?)+)(?=[ \u00a0](?:hoch|ein|ab)(?!\p{L})|\s*(?:[.,;)\n]|$))/gu;

/** Where something is handed in, as other languages than English say it: the innermost part that is named, or the way there. */
export function placesAbroad(clauses: readonly Clause[], wording: string): Statement<string>[] {
  return clauses.flatMap((clause) => (clause.asks ? [] : sentencesOf(clause, wording)).flatMap((sentence): Statement<string>[] => {
    const said = sentence.text.replace(toldApart, (s) => ' '.repeat(s.length)), name = [named, quoted, path].map((shape) => [...eachIn(said, shape)].at(-1)).find((m) => m !== undefined);
    const told = said.replace(/\([^()]*\)/g, ' ');
    if (!name || !hasConcepts(told, wording, ['handIn'], ['not', 'fetches']) && !hasConcepts(told, wording, ['must', 'present', 'work'], ['not', 'fetches'])) return [];
    const start = sentence.start + name.index + name[0].lastIndexOf(name[1]!);
    return [{ value: name[1]!, start, end: start + name[1]!.length }];
  }));
}
