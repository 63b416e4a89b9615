import type { Rewrite } from '../alike.ts';
import type { Tongue } from './sayings.ts';
import { eachIn } from '../../../text/patterns.ts';

/** How a language says that parts of a paper are not counted: in front of them, or behind them; what joins them; what stands before their names; and their names, by what they are in English. Compiled by hand. */
interface LeftOut { ahead: string; behind: string; joint: string; article: string; parts: readonly (readonly [name: string, english: string])[] }

const german: LeftOut = {
  ahead: String.raw`ohne|exklusive|exkl\.|zuzüglich|zzgl\.|abzüglich|ausgenommen`, behind: String.raw`(?:werden |sind )?nicht (?:mit|ein)?(?:gezählt|gerechnet|berücksichtigt)|zählen nicht(?: mit| dazu)?|ausgenommen`, joint: String.raw`,|und|sowie|oder|&|/`, article: 'das|den|die|dem|der|des|Ihr|Ihren|etwaige|eventuelle',
  parts: [['(?:Titel|Deck)(?:blatt|blätter)|Titelseite|Cover', 'title page'], ['Inhalts(?:verzeichnis|übersicht|-)|Gliederung|(?:Abbildungs|Tabellen|Abkürzungs)(?:verzeichnis|-)', 'contents'], ['Verzeichnisse(?:n)?', 'contents, references'], ['Literatur(?:verzeichnis|angaben|liste)?(?:ses)?|Quellen(?:verzeichnis|angaben)|Bibliogra(?:ph|f)ie', 'references'], ['Anhang|Anhänge|Anlagen?', 'appendices'], ['Fußnoten', 'footnotes'], ['Tabellen', 'tables'], ['Abbildungen', 'figures'], ['Abstract|Zusammenfassung', 'abstract']],
};
const french: LeftOut = {
  ahead: String.raw`hors|sans (?:compter|inclure)|sans|non compris|à l['’]exclusion (?:de la|de l['’]|des|du|de)|excepté`, behind: String.raw`(?:sont |est |et )?(?:non (?:comprise?s?|incluse?s?|comptée?s?)|exclue?s?|ne (?:compte|comptent) pas|ne sont pas (?:comptée?s|comprise?s|incluse?s))`, joint: ',|et|ou|ni', article: "la|le|les|l['’]|des|du|de la|de l['’]",
  parts: [['pages? de (?:titre|garde|couverture)|couverture', 'title page'], ['table des matières|sommaire', 'contents'], ['bibliographie|références(?: bibliographiques)?|liste des références', 'references'], ['annexes?', 'appendices'], ['notes(?: de bas de page)?', 'footnotes'], ['tableaux', 'tables'], ['figures|légendes', 'captions'], ['résumé', 'abstract']],
};
const spanish: LeftOut = {
  ahead: String.raw`sin (?:contar|incluir)|excluyendo|excluid[oa]s?|excepto|aparte de`, behind: String.raw`(?:está |están )?(?:no incluid[oa]s?|excluid[oa]s?|aparte)|no (?:cuentan?|se cuentan?|computan?)`, joint: ',|y|e|ni|o', article: 'la|el|los|las',
  parts: [['portada|página de título', 'title page'], ['índice', 'contents'], ['bibliografía|referencias(?: bibliográficas)?|lista de referencias', 'references'], ['anexos?|apéndices?', 'appendices'], ['notas(?: (?:al|a) pie(?: de página)?)?', 'footnotes'], ['tablas', 'tables'], ['figuras', 'captions'], ['resumen', 'abstract']],
};
const italian: LeftOut = {
  ahead: String.raw`esclus[oaei]|senza(?: contare| includere)?|al netto (?:della|dell['’]|degli|delle|del|di)|eccetto|oltre (?:alla|all['’]|agli|alle|al)`, behind: String.raw`(?:è |sono )?(?:esclus[oaei]|non (?:inclus|compres|conteggiat|contat)[oaei])|non contano`, joint: ',|e|ed|né|o', article: "la|il|gli|le|i|l['’]|lo",
  parts: [['frontespizio|copertina', 'title page'], ['indice|sommario', 'contents'], ['bibliografia|riferimenti(?: bibliografici)?', 'references'], ['allegati|appendic[ei]', 'appendices'], ['note(?: a piè di pagina)?', 'footnotes'], ['tabelle', 'tables'], ['figure|didascalie', 'captions'], ['riassunto|abstract', 'abstract']],
};
const portuguese: LeftOut = {
  ahead: String.raw`sem (?:contar|incluir)|excluindo|exceto|excluíd[oa]s?`, behind: String.raw`(?:está |estão )?(?:excluíd[oa]s?|não incluíd[oa]s?)|não contam?`, joint: ',|e|nem|ou', article: 'a|o|as|os',
  parts: [['capa|folha de rosto', 'title page'], ['índice|sumário', 'contents'], ['bibliografia|referências(?: bibliográficas)?', 'references'], ['anexos?|apêndices?', 'appendices'], ['notas(?: de rodapé)?', 'footnotes'], ['tabelas', 'tables'], ['resumo', 'abstract']],
};
const dutch: LeftOut = {
  ahead: String.raw`exclusief|excl\.|zonder|buiten`, behind: String.raw`niet (?:meegerekend|meegeteld)|uitgezonderd|tellen niet mee`, joint: ',|en|of', article: 'de|het|je|uw',
  parts: [['titelpagina|titelblad|voorblad|voorpagina', 'title page'], ['inhoudsopgave', 'contents'], ['literatuurlijst|bronnenlijst|bibliografie|referenties|literatuuropgave', 'references'], ['bijlagen?', 'appendices'], ['voetnoten', 'footnotes'], ['tabellen', 'tables'], ['samenvatting', 'abstract']],
};
const swedish: LeftOut = {
  ahead: String.raw`exklusive|exkl\.|utan|förutom`, behind: String.raw`oräkna(?:d|de|t)|(?:ej|inte) inräkna(?:d|de|t)|räknas inte(?: in| med)?|exkludera(?:d|de|t)`, joint: ',|och|eller', article: 'en|ett',
  parts: [['titelsida(?:n)?|försättsblad(?:et)?|framsida(?:n)?', 'title page'], ['innehållsförteckning(?:en)?', 'contents'], ['litteraturlista(?:n)?|referenslista(?:n)?|källförteckning(?:en)?|referenser(?:na)?', 'references'], ['bilag(?:a|or|orna|an)', 'appendices'], ['fotnoter(?:na)?', 'footnotes'], ['tabeller(?:na)?', 'tables']],
};
const norwegian: LeftOut = {
  ahead: String.raw`eksklusive|ekskl\.|uten|uden|utenom|foruten`, behind: String.raw`ikke (?:medregnet|inkludert|medtalt)|teller ikke(?: med)?|tæller ikke(?: med)?|medregnes ikke`, joint: ',|og|eller', article: 'en|et',
  parts: [['forside(?:n)?|tittelside(?:n)?|titelblad(?:et)?', 'title page'], ['innholdsfortegnelse(?:n)?|indholdsfortegnelse(?:n)?', 'contents'], ['litteraturliste(?:n)?|referanseliste(?:n)?|kildeliste(?:n)?', 'references'], ['vedlegg(?:ene)?|bilag(?:ene)?', 'appendices'], ['fotnoter|fodnoter', 'footnotes'], ['tabeller', 'tables']],
};

/** “Ohne Deckblatt, Inhalts- und Literaturverzeichnis” as “without title page, contents, references”. */
export function leftOutIn(tongue: Tongue): Rewrite[] {
  const { ahead, behind, joint, article, parts } = { german, french, spanish, italian, portuguese, dutch, swedish, norwegian }[tongue];
  const before = String.raw`(?:(?:${article.split('|').map((a) => (a.endsWith("['’]") ? a : `${a}\\s`)).join('|')}))?`, part = `${before}(?:${parts.map(([name]) => name).join('|')})(?![\\p{L}])`, list = String.raw`${part}(?:\s?(?:${joint})\s?(?:(?:${joint})\s)?${part}){0,6}`;
  const each = parts.map(([name, english]) => ({ name: new RegExp(`(?<![\\p{L}])(?:${name})(?![\\p{L}])`, 'giu'), english }));
  const told = (said: string): string => {
    const found = each.flatMap(({ name, english }) => [...eachIn(said, name)].map((m) => ({ at: m.index, english }))).sort((a, b) => a.at - b.at);
    return `without ${[...new Set(found.flatMap((f) => f.english.split(', ')))].join(', ')}`;
  };
  return [[new RegExp(`(?<![\\p{L}])(?:${ahead})\\s+${list}`, 'giu'), told], [new RegExp(`(?<![\\p{L}])${list},?\\s+(?:${behind})(?![\\p{L}])`, 'giu'), told]];
}
