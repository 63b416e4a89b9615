import { monthNames } from '../../../tables/month-names.ts';
import type { Rewrite } from '../alike.ts';
import type { Tongue } from './sayings.ts';
import { firstIn } from '../../../text/patterns.ts';

/** How languages other than English say that nothing is taken after a day, or from a day on. Compiled by hand. */
interface Saying { /** what leads to the last day */ after: string; /** what leads to the first day on which nothing is taken */ from: string; /** that nothing is taken */ nothing: string; /** that what comes in, or is handed in, then is not taken: around “after” and the day */ whatComes?: readonly [string, string] }

const few = String.raw`(?:\s+[\p{L}’'-]+){0,5}?`;
const sayings: Readonly<Record<Tongue, Saying>> = {
  german: { after: 'nach dem', from: 'ab dem', nothing: String.raw`(?:(?:werden|wird|können|kann|nehme|nehmen|akzeptieren?|gibt|ist)${few}\s+(?:keine?r?|nichts|nicht)${few}\s+(?:(?:mehr\s+)?(?:angenommen|akzeptiert|entgegengenommen|bewertet|berücksichtigt|korrigiert|möglich|eingereicht|abgegeben)|mehr(?:\s+an)?|an))`, whatComes: ['(?:arbeiten|abgaben|texte|berichte|protokolle|essays|hausarbeiten|dateien|einreichungen),?\\s+die(?:\\s+erst)?', String.raw`\s+(?:eingehen|eintreffen|abgegeben\s+werden|eingereicht\s+werden|hochgeladen\s+werden|ankommen),?\s+(?:werden|können|gelten)${few}\s+(?:nicht|keine?)${few}\s+(?:angenommen|akzeptiert|bewertet|berücksichtigt|korrigiert|abgegeben)(?:\s+werden)?`] },
  french: { after: 'après le', from: 'à (?:partir|compter) du', nothing: String.raw`(?:(?:plus\s+)?(?:aucun|aucune)${few}\s+(?:accepté|admis|corrigé|reçu|pris|possible)(?:e|es|s)?(?:\s+en\s+compte)?|(?:rien|(?:les|le|la|l['’])\s*\p{L}+)\s+(?:ne\s+|n['’])(?:sera|seront|est|sont)\s+(?:plus|pas)\s+(?:accepté|admis|corrigé|reçu)(?:e|es|s)?)`, whatComes: ['(?:tout|les|aucun)\\s+(?:travail|travaux|devoirs?|copies?|dossiers?|mémoires?|rapports?)\\s+(?:remis|rendus?|déposés?|reçus?|envoyés?|déposées|reçues|rendues)', String.raw`\s+(?:ne\s+|n['’])(?:sera|seront|est|sont)\s+(?:plus|pas)\s+(?:accepté|admis|corrigé|pris|évalué|noté)(?:e|es|s)?(?:\s+en\s+compte)?`] },
  spanish: { after: '(?:después|pasado|más\\s+allá)\\s+(?:del?|el)(?:\\s+día)?|tras\\s+el', from: 'a\\s+partir\\s+del?(?:\\s+día)?', nothing: String.raw`(?:ya\s+)?no\s+se\s+(?:acept|admit|corr[ie]g|recog|recib|evalu)\p{L}+(?:\s+(?:ningún|ninguna|más|trabajos?|entregas?|ensayos?|informes?|archivos?|nada)){0,2}`, whatComes: ['(?:los\\s+)?(?:trabajos|ensayos|informes|archivos)\\s+(?:entregados|recibidos|enviados|presentados)', String.raw`\s+no\s+se\s+(?:acept|admit|corregir|evaluar)\p{L}+`] },
  italian: { after: 'dopo\\s+il|oltre\\s+il', from: 'a\\s+partire\\s+dal|dal', nothing: String.raw`non\s+(?:si\s+accett\p{L}+|(?:saranno|sarà|verranno|verrà|sono|è|vengono|viene)\s+(?:più\s+)?(?:accettat|ammess|corrett|valutat)[aoie])(?:\s+(?:più|elaborati|lavori|consegne|relazioni|tesine|nulla|file)){0,2}`, whatComes: ['(?:gli\\s+elaborati|i\\s+lavori|le\\s+relazioni|le\\s+consegne|le\\s+tesine)\\s+(?:consegnat|pervenut|inviat|caricat)[ie]', String.raw`\s+non\s+(?:saranno|verranno|sono|vengono)\s+(?:più\s+)?(?:accettat|corrett|valutat|ammess)[ie]`] },
  portuguese: { after: '(?:após|depois\\s+de)(?:\\s+o\\s+dia)?', from: 'a\\s+partir\\s+(?:de|do\\s+dia)', nothing: String.raw`(?:já\s+)?não\s+(?:(?:serão|será|são|é)\s+(?:mais\s+)?(?:aceit[eo]s?|aceitas?|corrigid[oa]s?|avaliad[oa]s?)|se\s+aceitam?)(?:\s+(?:mais|trabalhos?|entregas?|relatórios?|ensaios?|ficheiros?|nenhum|nada)){0,2}`, whatComes: ['(?:os\\s+)?(?:trabalhos|relatórios|ensaios)\\s+(?:entregues|recebidos|enviados)', String.raw`\s+não\s+(?:serão|são)\s+(?:aceit[eo]s|corrigidos|avaliados)`] },
  dutch: { after: 'na', from: 'vanaf', nothing: String.raw`(?:wordt|worden|nemen|neem|is|kan|kunnen)${few}\s+(?:geen|niets|niet)${few}\s+(?:meer\s+)?(?:aangenomen|geaccepteerd|nagekeken|beoordeeld|ingeleverd|mogelijk|aan)(?:\s+worden)?` },
  swedish: { after: 'efter(?:\\s+den)?', from: 'från\\s+och\\s+med(?:\\s+den)?', nothing: String.raw`(?:godtas|accepteras|rättas|bedöms|mottas|tas|modtages|accepteres|bedømmes)${few}\s+(?:inga?|inget|inte|ingen|intet|ikke)(?:\s+(?:uppsatser|arbeten|rapporter|texter|filer|emot|mot|inlämningar|opgaver|rapporter|besvarelser|afleveringer)){0,2}` },
  norwegian: { after: '(?:etter|efter)(?:\\s+den)?', from: 'fra\\s+og\\s+med(?:\\s+den)?', nothing: String.raw`(?:godtas|aksepteres|accepteres|vurderes|mottas|modtages|rettes|bedømmes)${few}\s+(?:ingen|ikke|intet)(?:\s+(?:oppgaver|besvarelser|rapporter|tekster|filer|innleveringer)){0,2}` },
};

const weekday = String.raw`(?:\p{L}{4,12},?\s+(?:(?:dem|den|le|el|il|dia|de)\s+)?)?`, day = String.raw`${weekday}(\d{1,2})(?:\.|º|er)?\s+(?:de\s+)?(\p{L}{3,12})(?:\s+(?:de\s+)?(20\d\d))?(?:,?\s+(?:um|à|a\s+las|alle|ore|às|om|kl\.?|o)\s+(\d{1,2}(?:[:.h]\d\d)?)(?:\s*(?:uhr|h|uur|horas|heures)(?!\p{L}))?)?`;
/** The day in English; null where its month is none. */
function inEnglish([day, month, year, hour]: readonly (string | undefined)[]): string | null {
  const name = monthNames.find(([pattern]) => new RegExp(`^(?:${pattern.source})$`, 'iu').test(month ?? ''))?.[1] ?? firstIn(month ?? '', /^(?:april|august|september|november)$/i)?.[0].replace(/^./, (c) => c.toUpperCase());
  return name ? `${day!} ${name}${year ? ` ${year}` : ''}${hour ? `, ${/[:.h]/.test(hour) ? hour.replace(/[.h]/, ':') : `${hour}:00`}` : ''}` : null;
}
const asRewrite = (source: string, said: (day: string) => string): Rewrite => [
  new RegExp(`(?:[,;]\\s*|(?<![\\p{L}_]))(?:${source})(?![\\p{L}_])`, 'giu'),
  (words, groups) => { const english = inEnglish(groups); return english ? `${/^[,;]/.test(words) ? '; ' : /^\s*/.exec(words)![0]}${said(english)}` : words; },
];
/** “Nach dem 12. März werden keine Arbeiten mehr angenommen.” as “Late until 12 March.”: small words of English would hide what the rest is written in. */
export function lastDaysIn(tongue: Tongue): Rewrite[] {
  const { after, from, nothing, whatComes } = sayings[tongue];
  const last = (day: string): string => `Late until ${day}`, first = (day: string): string => `From ${day} nothing accepted`;
  return [
    ...(whatComes ? [asRewrite(String.raw`${whatComes[0]}\s+(?:${after})\s+${day}${whatComes[1]}`, last)] : []),
    asRewrite(String.raw`(?:und\s+|et\s+|y\s+|e\s+|en\s+|och\s+|og\s+)?(?:${after})\s+${day},?\s+(?:${nothing})`, last), asRewrite(String.raw`(?:${nothing})\s+(?:${after})\s+${day}`, last),
    asRewrite(String.raw`(?:und\s+|et\s+|y\s+|e\s+|en\s+|och\s+|og\s+)?(?:${from})\s+${day},?\s+(?:${nothing})`, first), asRewrite(String.raw`(?:${nothing})\s+(?:${from})\s+${day}`, first),
  ];
}
