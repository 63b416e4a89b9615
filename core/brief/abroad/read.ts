import { firstOf, type Clause, type Statement } from '../statements.ts';
import { conceptReader, letters } from '../concepts.ts';
import { concepts, type Concept } from './concepts.ts';
import { anonymity, cited, compared, declared, inFileName, namelessFile, newestCounts, nothingAfterDays, nothingLate, takenForDays, times, type Rule } from './rules.ts';
import { firstIn, says } from '../../text/patterns.ts';

/** A sentence in another language than English: its concepts, where nothing that is said in a known way settles a field. */

const { has, fulfilled } = conceptReader<Concept>(concepts);
/** Small words that no English sentence has, whichever the language. */
const isAbroad = new RegExp(`(?<![${letters}])(?:der|das|den|dem|des|ein|eine|einer|eines|ist|sind|wird|werden|nicht|mit|und|für|im|bei|les|le|la|du|des|est|sont|vous|votre|une?|dans|el|los|las|del|al|su|se|una|por|con|il|gli|lo|della?|viene|vengono|per|os|as|ao|não|são|são|uma|com|het|een|je|uw|wordt|worden|niet|voor|och|att|ska|är|inte|det|av|og|ikke|skal|til|af|på|ett|zu|sie|er|nach|après|dopo|após|na|efter|etter|dig|du|ni)(?![${letters}])`, 'i');
/** Small words that only English has: a sentence with some of them is in English, whatever else it quotes. */
const isEnglish = /\b(?:the|is|are|of|and|your|you|will|be|must|with|should|for|they|we)\b/gi;
/** That a sentence is about days of lateness with numbers of their own. */
const counted = new RegExp(`(?<![${letters}])(?:\\d{1,2}|zwei|drei|vier|fünf|sieben|deux|trois|cinq|sept|dos|tres|cinco|siete|due|tre|cinque|sette|dois|três|sete|twee|drie|vijf|zeven|två|fem|sju|to|syv|un|une|eine[rm]?|una|uno|uma|een|één|en|ett|et) ?(?:tage?n?|werktagen?|wochen?|jours?|semaines?|días?|semanas?|giorn[oi]|settiman[ae]|dias?|dagen|dag|weken|week|dagar|veckor|vecka|dager|dage|uker?|uger?|stunden?|heures?|horas?|ore|uur|timmar|timer)(?![${letters}])|\\d ?%|prozent|procent|prosent`, 'i');

let lastAsked = '', lastTold = false;
/** Whether a wording is in another language throughout: its shortest sentences are then too. Asked for each sentence of the same wording. */
function abroadThroughout(wording: string): boolean {
  if (wording === lastAsked) return lastTold;
  const sample = wording.slice(0, 20_000), count = (words: RegExp): number => sample.match(new RegExp(words.source, 'gi'))?.length ?? 0;
  [lastAsked, lastTold] = [wording, count(isAbroad) > 2 + 2 * count(isEnglish)];
  return lastTold;
}

/** The sentences of a clause in the wording's own words: what stands for them in English may run on. */
export function sentencesOf(clause: Clause, wording: string): { text: string; start: number }[] {
  let start = clause.start;
  return wording.slice(clause.start, clause.end).split(/(?<=[\p{L}\d)”"»][.!?]\s+)(?<!(?<!\d)\d{1,2}\.\s+)(?=\p{Lu})/u).map((text) => { const at = start; start += text.length; return { text, start: at }; });
}

const isForeign = (said: string, throughout: boolean): boolean => (throughout || says(said, isAbroad)) && (said.match(isEnglish)?.length ?? 0) < 2;

/** The first rule that a sentence fulfils. @param about - whether a sentence is looked at */
function ruled<T>(clauses: readonly Clause[], wording: string, rules: readonly Rule<T>[], about: (said: string, i: number) => boolean = () => true): Statement<T>[] {
  const throughout = abroadThroughout(wording);
  return clauses.flatMap((clause, i) => (clause.asks ? [] : sentencesOf(clause, wording)).flatMap((sentence): Statement<T>[] => {
    const said = sentence.text.replace(/’/g, "'");
    if (!isForeign(said, throughout) || !about(said, i)) return [];
    for (const rule of rules) {
      const at = fulfilled(said, rule);
      if (at) return [{ value: rule.value, start: sentence.start + at.start, end: sentence.start + at.end }];
    }
    return [];
  }));
}
/** Whether a sentence of another language has all of some concepts and none of others. @param wording - that it stands in */
export const hasConcepts = (said: string, wording: string, all: Rule<true>['all'], none: readonly Concept[]): boolean => isForeign(said, abroadThroughout(wording)) && fulfilled(said.replace(/’/g, "'"), { value: true, all, none }) !== null;

const numbers = [[], ['un', 'uno', 'una', 'une', 'um', 'uma', 'een', 'één', 'en', 'ett', 'et', 'ein', 'eine', 'einer', 'einem'], ['dos', 'deux', 'due', 'dois', 'duas', 'twee', 'två', 'to', 'zwei'], ['tres', 'trois', 'tre', 'três', 'drie', 'drei'], ['cuatro', 'quatre', 'quattro', 'quatro', 'vier', 'fyra', 'fire'], ['cinco', 'cinq', 'cinque', 'vijf', 'fem', 'fünf'], ['seis', 'six', 'sei', 'zes', 'sex', 'seks', 'sechs'], ['siete', 'sept', 'sette', 'sete', 'zeven', 'sju', 'syv', 'sieben'], ['ocho', 'huit', 'otto', 'oito', 'acht', 'åtta', 'åtte', 'otte'], [], ['diez', 'dix', 'dieci', 'dez', 'tien', 'tio', 'ti', 'zehn']] as const;
const numberOf = (word: string): number => { const at = numbers.findIndex((all) => (all as readonly string[]).includes(word.toLowerCase())); return at > 0 ? at : Number(word); };
/** Hours that make whole days. */
const hoursInWords: readonly (readonly [RegExp, number])[] = [[/^(?:24|vierundzwanzig|vingt-quatre|veinticuatro|ventiquattro|vinte e quatro|vierentwintig|tjugofyra|tjuefire|fireogtyve)$/i, 1], [/^(?:48|achtundvierzig|quarante-huit|cuarenta y ocho|quarantotto|quarenta e oito|achtenveertig|fyrtioåtta|førtiåtte|otteogfyrre)$/i, 2], [/^(?:72|zweiundsiebzig|soixante-douze|setenta y dos|settantadue|setenta e dois|tweeënzeventig|sjuttiotvå|syttito|tooghalvfjerds)$/i, 3]];
const hours = hoursInWords.map(([said]) => said.source.slice(4, -2)).join('|'), hourUnit = 'stunden|heures|horas|ore|uur|timmar|timer';
const count = `(\\d{1,2}|${numbers.flat().join('|')})`, span = '(tage?n?|werktagen?|kalendertagen?|wochen?|jours?(?: ouvrables?)?|semaines?|días?|semanas?|giorn[oi]|settiman[ae]|dias?|dagen|dag|werkdagen|weken|week|dagar|veckor|vecka|dager|dage|uker?|uger?)', isWeek = /^(?:woche|semain|semana|settiman|we[ek]|veck|uk|ug)/i;
const whole = (said: string): RegExp => new RegExp(`(?<![${letters}\\d])(?:${said})(?![${letters}])`, 'i');
/** “Nach fünf Tagen”, “più di tre giorni”; “zwei Tage Verspätung”, “drie dagen te laat”. */
const countedDays = whole(`(?:nach|nach mehr als|bei mehr als|après|au-delà de|passés?|au bout de|plus de|tras|pasad[oa]s|después de|transcurrid[oa]s|más de|dopo|oltre|passat[ie]|trascors[ie]|più di|após|passad[oa]s|depois de|decorrid[oa]s|mais de|na|meer dan|efter|mer än|etter|mer enn|mere end) (?:plus de |mehr als |más de |più di |mais de |meer dan |mer än |mer enn |mere end )?(?:les |los |i |os |de )?(?:${count} ${span}|(${hours}) (${hourUnit}))`);
const countedLate = whole(`(?:${count} ${span}|(${hours}) (${hourUnit}))(?: [${letters}]+)?(?: (?:de|di|van|d'))? (?:verspätung|verzug|zu spät|retard|retraso|demora|ritardo|atraso|te laat|vertraging|försening|för sent|forsinkelse|for sent)`);
const daysIn = (clauses: readonly Clause[], s: Statement<true>, counting: RegExp, wording: string): Statement<number>[] => { const clause = clauses.find((c) => c.start <= s.start && s.start < c.end), m = clause ? firstIn(wording.slice(clause.start, clause.end), counting) : null; if (!m) return []; const [, days, unit, ofHours] = m; return [{ ...s, value: days === undefined ? hoursInWords.find(([said]) => says(ofHours!, said))![1] : numberOf(days) * (says(unit!, isWeek) ? 7 : 1) }]; };

/** Styles of references that are called the same everywhere. */
const styles = ['APA', 'MLA', 'Chicago', 'Harvard', 'Vancouver', 'IEEE', 'MHRA', 'Turabian', 'ABNT'];

/** “5 % pro Tag, bis zu drei Tage. Danach wird nichts angenommen.”: days were counted right before. */
const isCountedBefore = (before: Clause | undefined, said: string): boolean => before !== undefined && says(before.text, counted) && (has(before.text, 'late') || /%|\blate\b/i.test(before.text) || has(said, 'thereafter'));

/** What sentences of other languages settle by the concepts in them.
 * @param wording - the text that the clauses are cut from, in its own words */
export const abroad = {
  nothingLate: (clauses: readonly Clause[], wording: string): Statement<number>[] => ruled(clauses, wording, nothingLate, (said, i) => !says(said, counted) && !says(said, countedDays) && !says(said, countedLate) && !isCountedBefore(clauses[i - 1], said)),
  anonymous: (clauses: readonly Clause[], wording: string): Statement<boolean>[] => ruled(clauses, wording, anonymity),
  nameless: (clauses: readonly Clause[], wording: string): Statement<boolean>[] => ruled(clauses, wording, namelessFile),
  similarityChecked: (clauses: readonly Clause[], wording: string): Statement<boolean>[] => ruled(clauses, wording, compared),
  /** What counts is said of several, where it may be handed in again: “es gilt immer die letzte” is said of laws as well. */
  keeps: (clauses: readonly Clause[], wording: string): Statement<'latest' | 'all'>[] => ruled<'latest' | 'all'>(clauses, wording, newestCounts, (said, i) => { const told = `${i > 0 ? wording.slice(clauses[i - 1]!.start, clauses[i - 1]!.end) : ''} ${said}`; return has(told, 'again') || (has(told, 'may') || has(told, 'possible')) && has(told, 'handIn'); }),
  /** “Nach fünf Tagen wird nichts mehr angenommen”, “zwei Tage Verspätung werden toleriert”. */
  cutoffDays: (clauses: readonly Clause[], wording: string): Statement<number>[] => {
    const counting = (said: RegExp): Clause[] => clauses.filter((c) => says(wording.slice(c.start, c.end), said)), after = counting(countedDays), late = counting(countedLate);
    /** “Nach drei Tagen wurde der Antrag abgelehnt” is the matter's. */
    const ofWork = (said: string): boolean => (['late', 'work', 'handIn', 'grade'] as const).some((concept) => has(said, concept)), isLate = (c: Clause | undefined): boolean => c !== undefined && (/%|\blate\b/i.test(c.text) || has(wording.slice(c.start, c.end), 'late'));
    return firstOf(ruled(after, wording, nothingAfterDays, (said, i) => ofWork(said) || isLate(clauses[clauses.indexOf(after[i]!) - 1])).flatMap((s) => daysIn(after, s, countedDays, wording)), ruled(late, wording, takenForDays).flatMap((s) => daysIn(late, s, countedLate, wording)));
  },
  allowed: (clauses: readonly Clause[], wording: string): Statement<number | 'unlimited'>[] => ruled<number | 'unlimited'>(clauses, wording, times),
  inFileName: (clauses: readonly Clause[], wording: string): Statement<'studentNumber' | 'candidateNumber'>[] => ruled(clauses, wording, inFileName),
  referenceStyle: (clauses: readonly Clause[], wording: string): Statement<string>[] => styles.flatMap((style) => ruled(clauses.filter((c) => c.text.includes(style)), wording, cited(style))),
  declaration: (clauses: readonly Clause[], wording: string): Statement<boolean>[] => ruled(clauses, wording, declared),
};
