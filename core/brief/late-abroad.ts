import { isCorrection, type Clause, type Statement } from './statements.ts';
import { firstIn, says } from '../text/patterns.ts';

/** Late work as German, French, Spanish, Italian, Portuguese, Dutch and the Nordic languages say it: a word for being late, what each day costs, and from when on nothing is taken.
 * Whole demands that are said in a common way are English by now; here its parts are put together in any order. None of these words is English. Compiled by hand. */

const letters = 'A-Za-z\\u00c0-\\u024f', whole = (said: string): string => `(?<![${letters}])(?:${said})(?![${letters}])`;
const names: readonly (readonly string[])[] = [[], ['un', 'uno', 'una', 'une', 'um', 'uma', 'een', 'één', 'en', 'ett', 'et', 'ein', 'eine', 'einen', 'einem', 'one'], ['dos', 'deux', 'due', 'dois', 'duas', 'twee', 'två', 'to', 'zwei', 'two'], ['tres', 'trois', 'tre', 'três', 'drie', 'drei', 'three'], ['cuatro', 'quatre', 'quattro', 'quatro', 'vier', 'fyra', 'fire', 'four'], ['cinco', 'cinq', 'cinque', 'vijf', 'fem', 'fünf', 'five'], ['seis', 'six', 'sei', 'zes', 'sex', 'seks', 'sechs'], ['siete', 'sept', 'sette', 'sete', 'zeven', 'sju', 'syv', 'sieben', 'seven'], [], [], ['diez', 'dix', 'dieci', 'dez', 'tien', 'tio', 'ti', 'zehn', 'ten']];
const count = `(?<![${letters}\\d.,])(\\d{1,2}(?:[.,]\\d)?|${names.flat().join('|')})`;
const numberOf = (word: string): number => { const at = names.findIndex((all) => all.includes(word.toLowerCase())); return at > 0 ? at : Number(word.replace(',', '.')); };
const ordinals = ['primer[oa]?|premier|première|primo|primeiro|eerste|första|første|ersten', 'segundo|deuxième|second[oe]?|tweede|andra|anden|andre|zweiten', 'tercero?|troisième|terzo|terceiro|derde|tredje|dritten', 'cuarto|quatrième|quarto|vierde|fjärde|fjerde|vierten', 'quinto|cinquième|vijfde|femte|fünften', 'sexto|sixième|sesto|zesde|sjätte|sjette|sechsten'];

const isLate = new RegExp(whole("tard[ií][oa]s?|tardiv[eoi]s?|retrasos?|retrasad[oa]s?|retras[aá]is|retrasas?|atrasad[oa]s?|atrasos?|fuera de plazo|fora de prazo|en retard|retards?|ritardo|ritardi|te laat|verspät[a-zäöü]*|verspätung|för sent|försenade?|för sen|for sent?|forsinke[a-z]*"), 'i'), late = /\blate\b/i, foreignDay = new RegExp(whole('días?|jours?|giorn[oi]|dias?|dagen|dag|dagar|dage|dager|tage?n?'), 'i');
const days = '(?:días?|jours?|giorn[oi]|dias?|dagen|dag|dagar|dage|dager|tage?n?|days?)', each = `(?:por|al|par|per|pro|a|pr\\.?|om|de|cada|chaque|ogni|elke|iedere|jeden|jeder|varje|hver|per ogni|por cada|für jeden|voor elke|för varje|for hver) ?(?:cada |ogni |chaque |elke |jeden |varje |hver )?${days}`;
const unit = "(?:%|por ciento|pour cent|per cento|por cento|procent|prosent|prozent(?:punkte?n?)?|puntos?|points?|punt[oi]|valor(?:es)?|punt(?:en)?|poängs?|poeng|punkte?n?|pct\\.?)";
const cost = [new RegExp(`${count} ?${unit}[^.;]{0,24}?(?<![${letters}])${each}(?![${letters}])`, 'i'), new RegExp(`(?<![${letters}])${each}(?![${letters}])[^.;\\d]{0,40}?(?<![${letters}])${count} ?${unit}`, 'i')];
const not = "no|ne|n[’']est|non|não|niet|nicht|inte|ikke|plus|pas|keine?|ningun[oa]?|aucune?|nessun[oa]?|nenhuma?|geen|inga|ingen";
const taken = 'acept[a-zá]*|accept[a-zé]*|aceit[a-z]*|geaccepteerd|aangenomen|nagekeken|beoordeeld|angenommen|akzeptiert|bewertet|korrigiert|gelesen|modtages|godtas|godtages|bedømmes|rettes|sensureres|tas emot|accepteras|bedöms|rättas|corrig[a-zé]+|recogen?|recoger[áa]n?|corrett[eoi]|admit[a-z]*|admis(?:es)?|recib[a-z]*|reçus?|califica[n]?|evalúa[n]?|valutat[eio]|avaliad[oa]s?|accettat[eaio]';
const after = 'después de|tras|pasad[oa]s|más allá de|après|au-delà de|passé|dopo|oltre|trascorsi|depois de|após|passados|na|nach|mehr als|meer dan|efter|etter|after', nothing = `(?:zero|cero|zéro|nul|null|0)`;
const cutoff = [
  new RegExp(`${whole(taken)} ${whole(not)} (?:[${letters}]+ )?${whole(after)} ${count} ${days}`, 'i'),
  new RegExp(`${whole(not)}[^.;]{0,40}?${whole(taken)}[^.;]{0,20}?${whole(after)} ${count} ${days}`, 'i'), new RegExp(`${whole(after)} ${count} ${days}[^.;]{0,40}?${whole(not)}[^.;]{0,40}?${whole(taken)}`, 'i'),
  new RegExp(`${whole(after)} ${count} ${days}[^.;]{0,30}?${whole(nothing)}|(?:máximo|maximum|massimo|maximal|maximaal|högst|maks\\.?|max\\.?|hasta|jusqu[’']à|fino a|até) (?:de |di )?${count} ${days}(?![^.;]{0,12}(?:antes|avant|prima|voor|före|før|vor))`, 'i'),
];
const fromNth = new RegExp(`(?:a partir del?|al|el|le|au|il|no|op de|am|på|den|à partir du|a partire dal|a partir do|vanaf de|ab dem|från och med|fra og med|fra) (?:${ordinals.map((nth) => `(${nth})`).join('|')}) ${days}[^.;]{0,40}?(?:${whole(not)}[^.;]{0,40}?(?:${whole(taken)}|${whole('trabajos?|entregas?')})|${whole('suspensos?|cero|zéro|zero|nul|null|nicht bestanden|insufficiente|onvoldoende|underkänt|stryk|ikke bestått|ikke bestået')})`, 'i');

interface LateAbroad { percentPerDay: Statement<number>[]; cutoffDays: Statement<number>[] }
/** What is said of late work in these languages; nothing where the clauses are about something else. @param wording - what the clauses are cut from, in its own words: in them some are English by now, and others not */
export function readLateAbroad(clauses: readonly Clause[], wording: string): LateAbroad {
  const half = readIn(clauses), own = half.percentPerDay.length > 0 && half.cutoffDays.length > 0 ? half : readIn(clauses.map((c) => ({ ...c, text: wording.slice(c.start, c.end) })));
  return { percentPerDay: half.percentPerDay.length > 0 ? half.percentPerDay : own.percentPerDay, cutoffDays: half.cutoffDays.length > 0 ? half.cutoffDays : own.cutoffDays };
}
function readIn(clauses: readonly Clause[]): LateAbroad {
  const out: LateAbroad = { percentPerDay: [], cutoffDays: [] };
  clauses.forEach((clause, i) => {
    // “… perdono 2 punti al giorno; dopo cinque giorni non vengono accettate”: the second half is about the same.
    const before = clauses[i - 1], own = says(clause.text, isLate) || says(clause.under ?? '', isLate) && (clause.under ?? '').includes('?'), goesOn = before !== undefined && (says(before.text, isLate) || /^\W*Late:/.test(before.text)) && clause.start - before.end < 4;
    // What is English by now says “late”; its days are then still in the other language.
    if (clause.asks || !own && !goesOn && !(says(clause.text, late) && says(clause.text, foreignDay))) return;
    const statement = (m: RegExpExecArray, value: number): Statement<number> => ({ value, start: clause.start + m.index, end: clause.start + m.index + m[0].length, override: isCorrection(clause) });
    const price = own || goesOn ? cost.map((said) => firstIn(clause.text, said)).find((m) => m !== null) : undefined, value = price ? numberOf(price[1]!) : 0;
    if (price && value > 0 && value <= 100) out.percentPerDay.push(statement(price, value));
    const end = cutoff.map((said) => firstIn(clause.text, said)).find((m) => m !== null), nth = end ? null : firstIn(clause.text, fromNth);
    if (end) out.cutoffDays.push(statement(end, numberOf((end[1] ?? end[2])!)));
    else if (nth) out.cutoffDays.push(statement(nth, nth.slice(1, 1 + ordinals.length).findIndex((g) => g !== undefined)));
  });
  return out;
}
