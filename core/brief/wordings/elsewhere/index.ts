import { shortMonths } from '../../../tables/month-names.ts';
import { surelyEnglish } from '../../german.ts';
import type { Rewrite } from '../alike.ts';
import { attemptsElsewhere } from './attempts.ts';
import { commonDemandsIn } from './common-demands.ts';
import { documentsBesideIn } from './documents-beside.ts';
import { dutch } from './dutch.ts';
import { english } from './english.ts';
import { fileNamesIn } from './file-names.ts';
import { french } from './french.ts';
import { german } from './german.ts';
import { italian } from './italian.ts';
import { lastDaysIn } from './last-days.ts';
import { lateAndAgainIn } from './late-and-again.ts';
import { layoutsIn } from './layouts.ts';
import { lengthsIn } from './lengths.ts';
import { leftOutIn } from './left-out.ts';
import { moreTimeIn } from './more-time.ts';
import { norwegian, swedish } from './nordic.ts';
import { placesIn } from './places.ts';
import { namesOpening, openingsElsewhere } from './openings.ts';
import { portuguese } from './portuguese.ts';
import { namesSize, sizesElsewhere } from './sizes.ts';
import { namesRows, rowsElsewhere } from './rows.ts';
import { namesTimeOfDay, timesOfDay } from './times-of-day.ts';
import { namesWindow, windowsElsewhere } from './windows.ts';
import type { Tongue } from './sayings.ts';
import { questionsIn } from './questions.ts';
import { spanish } from './spanish.ts';
import { whoItIsIn } from './who-it-is.ts';
import { says } from '../../../text/patterns.ts';

/** Numbers in words, in these languages; the place is the number. */
const numberNames: readonly string[][] = [[], ['a', 'an', 'one', 'ein', 'eine', 'einer', 'einem', 'un', 'une', 'uno', 'una', 'um', 'uma', 'een', 'één', 'en', 'ett', 'et'], ['two', 'zwei', 'deux', 'dos', 'due', 'dois', 'duas', 'twee', 'två', 'to'], ['three', 'drei', 'trois', 'tres', 'tre', 'três', 'drie'], ['four', 'vier', 'quatre', 'cuatro', 'quattro', 'quatro', 'fyra', 'fire'], ['five', 'fünf', 'cinq', 'cinco', 'cinque', 'vijf', 'fem'], ['sechs', 'six', 'seis', 'sei', 'zes', 'sex', 'seks'], ['seven', 'sieben', 'sept', 'siete', 'sette', 'sete', 'zeven', 'sju', 'syv'], ['eight', 'acht', 'huit', 'ocho', 'otto', 'oito', 'åtta', 'åtte', 'otte'], ['nine', 'neun', 'neuf', 'nueve', 'nove', 'negen', 'nio', 'ni'], ['ten', 'zehn', 'dix', 'diez', 'dieci', 'dez', 'tien', 'tio', 'ti'], ['eleven', 'elf', 'onze', 'once', 'undici', 'elva', 'elleve'], ['twelve', 'zwölf', 'douze', 'doce', 'dodici', 'doze', 'twaalf', 'tolv'], ['thirteen', 'dreizehn', 'treize', 'trece', 'tredici', 'treze', 'dertien', 'tretton', 'tretten'], ['fourteen', 'vierzehn', 'quatorze', 'catorce', 'quattordici', 'catorze', 'veertien', 'fjorton', 'fjorten'], ['fifteen', 'fünfzehn', 'quinze', 'quince', 'quindici', 'vijftien', 'femton', 'femten'], ['sixteen'], ['seventeen'], ['eighteen', 'achtzehn'], ['nineteen'], ['twenty', 'zwanzig', 'vingt', 'veinte', 'venti', 'vinte', 'twintig', 'tjugo', 'tjue', 'tyve']];
const inFigures = (word: string): string => { const at = numberNames.findIndex((names) => names.includes(word.toLowerCase())); return at > 0 ? String(at) : word; };

/** Letters of the languages here. Classes of all the letters there are take the engine long to make ready, and so does telling capitals apart in them. */
const letters = 'A-Za-z\u00c0-\u024f';
/** The same pattern with these letters: what is said of letters, capitals and figures (all of which a pattern for both cases takes for one). */
function inTheseLetters(said: string): string {
  let within = false;
  return said.replace(/\\p\{(L[lu]?|N|M)\}|\\.|[[\]]/gs, (piece, kind?: string) => {
    if (piece === '[') within = true;
    else if (piece === ']') within = false;
    const range = kind === undefined ? null : kind === 'N' ? '0-9' : kind === 'M' ? '\u0300-\u036f' : letters;
    return range === null ? piece : within ? range : `[${range}]`;
  });
}
const bounded = (said: string): RegExp => new RegExp(inTheseLetters(said.startsWith('(?<=') ? said : `(?<![\\p{L}\\p{N}_])(?:${said})(?![\\p{L}_])`), 'gi');
const asRewrite = ([said, english]: readonly [string, string]): Rewrite => [
  bounded(said),
  (words, groups) => {
    const told = english.replace(/\$(\d)(\*7)?/g, (_, i: string, weeks?: string) => { const said = inFigures(groups[Number(i) - 1] ?? ''); return weeks ? String(Number(said) * 7) : said; });
    return /^\p{Lu}/u.test(words) ? told.replace(/^./, (c) => c.toUpperCase()) : told;
  },
];
/** Words that show which language a wording may be in. They only spare looking through the tables of the others. */
const signs: Readonly<Record<Tongue | 'english', string>> = {
  english: 'the|you|your|is|are|of|and|words|pages|due|must|no|not|by|at|each|both|deadlines?|essay|draft', german: 'der|das|und|bis|abgabe|seiten|wörter|nicht|wird|werden|ist|zum|mit|uhr|frist|sie|eine?|nach|ohne', french: 'le|les|du|est|à|et|pour|avec|mots|votre|vous|une|rendre|remise|après', spanish: 'el|los|las|del|una|se|palabras|entrega|fecha|después|nombre|debe', italian: 'il|della|del|gli|una|entro|parole|consegna|dopo',
  portuguese: 'ao|não|até|são|uma|entrega|deve|após|os', dutch: 'het|een|voor|vóór|woorden|niet|wordt|worden|inleveren|na', swedish: 'och|att|ska|senast|inte|lämnas|inlämning|efter|är', norwegian: 'og|skal|ikke|senest|sider|innlevering|etter|efter|leveres|aflevering|afleveres',
};
const shows = Object.entries(signs).map(([tongue, words]) => ({ tongue: tongue as Tongue | 'english', words: new RegExp(`(?<!\\p{L})(?:${words})(?!\\p{L})`, 'giu') }));
const sayings = { english, german, french, spanish, italian, portuguese, dutch, swedish, norwegian }, made = new Map<string, readonly Rewrite[]>();
/** What is handed in, or how often, in another language. */
const namesHandIn = /\b(?:veces|fois|volte|vezes|keer|gånger|gange|ganger)\b|envío|dernier|abgabe|einreich|ersetz|austausch|ausgetausch|remplac|sustitu|reemplaz|sostitu|vervang|erstatt|utskift|udskift|bytas|byttes|hochgelad|versuche|lämna in|fassung|dépôt|déposé|remise|tentativ|entrega|entregad|intento|versi(?:ó|o)n|consegn|submiss|versã|versie|inlever|poging|inlämn|försök|aflever|forsøg|innlever|levere|forsøk|versjon|fichero|ficheiro|nouveau fichier/i;
/** “18. Dez. 2026”, “18 juil. 2026”: the short name of a month, between its day and its year, becomes one that is not English: what is said around it is still read in its own language. */
const shortMonth = (behind: string, which: (found: string) => boolean): Rewrite => [
  new RegExp(`(?<=(?<![\\d.:/])\\d{1,2}${behind}[ \\u00a0](?:de )?)(?:${shortMonths.map(([names]) => `(${names})`).join('|')})(?:\\.|(?!\\p{L}))(?=[ \\u00a0](?:de )?20\\d\\d(?!\\d))`, 'giu'),
  (found, names) => (which(found) ? shortMonths[names.findIndex((name) => name !== undefined)]![2] : found),
];
const isEnglish = (found: string): boolean => says(found, /^(?:jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)\b/i);
/** In another language; in one beside English; and in lines that show none, where a stop behind the day is not English. */
const shortMonthElsewhere = shortMonth('(?:\\.|º)?', () => true), shortMonthBeside = shortMonth('(?:\\.|º)?', (found) => !isEnglish(found)), shortMonthBehindStop = shortMonth('\\.', () => true);
let attempts: readonly Rewrite[] | null = null, windows: readonly Rewrite[] | null = null, openings: readonly Rewrite[] | null = null;
/** So much of a wording tells its language. */
const beginning = 20_000;

/** What reads as the same in English as the readers know it, in the languages that a wording may be in. */
export function elsewhereIn(text: string): readonly Rewrite[] {
  const shown = shows.filter(({ words }) => text.slice(0, beginning).search(words) >= 0);
  return [shown.length === 0 ? shortMonthBehindStop : shown.some(({ tongue }) => tongue === 'english') ? shortMonthBeside : shortMonthElsewhere, ...(!says(text.slice(0, 2000), surelyEnglish) && namesRows(text) ? rowsElsewhere : []), ...(namesSize(text) ? sizesElsewhere : []), ...(namesTimeOfDay(text) ? timesOfDay : []), ...(namesWindow(text) ? (windows ??= windowsElsewhere.map(asRewrite)) : []), ...(namesOpening(text) ? (openings ??= openingsElsewhere.map(asRewrite)) : []), ...(says(text, namesHandIn) ? (attempts ??= attemptsElsewhere.map(asRewrite)) : []), ...shown.flatMap(({ tongue }) => {
    const known = made.get(tongue) ?? [...(tongue === 'english' ? [] : [...lengthsIn(tongue).map(asRewrite), ...leftOutIn(tongue)]), ...(tongue === 'english' ? [] : [...questionsIn(tongue), ...fileNamesIn(tongue), ...whoItIsIn(tongue), ...layoutsIn(tongue), ...placesIn(tongue), ...lateAndAgainIn(tongue), ...moreTimeIn(tongue), ...documentsBesideIn(tongue)].map(asRewrite)), ...sayings[tongue].map(asRewrite), ...(tongue === 'english' ? [] : [...commonDemandsIn(tongue).map(asRewrite), ...lastDaysIn(tongue)])];
    made.set(tongue, known);
    return known;
  })];
}
