import { whenAsked } from '../text/when-asked.ts';
import { monthNames } from '../tables/month-names.ts';
import { onlyEnglish, surelyEnglish } from './german.ts';
import { eitherKind, tonguesElsewhere } from './wordings/demands-elsewhere.ts';
import { rewritten, says } from '../text/patterns.ts';

/** What leads a date in where departments write in other languages than English and German. The English is never the longer one, so that places in the wording stay. Compiled by hand. */
const leads = whenAsked((): readonly [RegExp, string][] => ([
  ['até(?: ao dia| ao| o dia)?(?= (?:[\\p{L}-]+,? )?\\d)', 'by'], ['data[- ]limite(?= ?:)', 'deadline'], ['(?:uiterste )?inleverdatum(?= ?:)', 'due'], ['(?:inleveren|in te leveren) uiterlijk(?= (?:\\p{L}+ )?\\d)', 'due by'], ['el plazo (?:termina|acaba|finaliza|vence|se cierra) el', 'due by'],
  // “17h00, et le journal”: no zone of that name.
  ['(?<=\\d,?\\s)et(?=\\s(?:le|la|les|l[’\']|un|une|à|au|pour|votre|vos|du|de))', '& '],
  ['(?<=\\d )à(?= \\d+ (?:pages|mots))', '-'], ['par courriel à', 'by email to'],
  ['date (?:de (?:remise|rendu|dépôt)|d[’\']échéance)', 'deadline'], ['(?:dépôt|remise|rendu) au plus tard le', 'due by'], ['remise(?: (?:avant |pour )?le)?(?= (?:\\p{L}+ )?\\d|\\s*:)', 'due'], ['échéance(?=\\s*:)', 'due'], ['délai(?=\\s*:)', 'due'], ['(?<=20\\d\\d )à midi', '12:00'],
  ['último día de entrega', 'deadline'], ['entrega (?:hasta|antes de)(?:l| el)?(?= (?:\\p{L}+ )?\\d)', 'due by'], ['entrega(?=\\s*:)', 'due'], ['(?:debe |deberá )entregarse (?:el|antes del|hasta el)|se entregará (?:el|antes del)|entregue (?:su|el) \\p{L}+ antes del', 'due by'],
  ['date limite(?: (?:de remise|de dépôt))?', 'deadline'], ['(?:à|a) (?:rendre|remettre|déposer) (?:(?:pour|avant|au plus tard) )?le', 'due by'], ['au plus tard le', 'by'], ['avant le(?= (?:\\p{L}+ )?\\d)', 'by'],
  ['fecha (?:de entrega|límite)(?: de entrega)?', 'deadline'], ['(?:hasta el|antes del)(?: día)?(?= (?:\\p{L}+ )?\\d)', 'by'], ['plazo(?: de entrega)?(?=\\s*:)', 'due'],
  ['consegna(?: entro)?(?: il)?(?= \\d)', 'due'], ['consegna(?=\\s*:)', 'due'], ['consegna entro il', 'due by'], ['entro(?: il)?(?= (?:\\p{L}+ )?\\d)', 'by'], ['scadenza', 'due'],
  ['inleveren (?:voor|vóór|uiterlijk(?: op)?)', 'due by'], ['inleverdatum', 'deadline'], ['inleveren(?=\\s*:)', 'due'], ['uiterlijk(?: op)?', 'by'],
  ['(?:inlämning|innlevering|aflevering)(?: (?:senast|senest))?', 'due by'], ['(?:senast|senest)(?: den)?', 'by'], ['frist(?=\\s*:)', 'due'], ['prazo(?: de entrega)?', 'due'], ['data de entrega', 'deadline'], ['nome (?:do (?:ficheiro|arquivo)|del file)|bestandsnaam', 'filename'], ['hora de lisboa', 'Lisbon time'], ['hora de brasília', 'Brasília time'], ['espaçamento', 'spacing'], ['margens', 'margins'], ['não são aceites? trabalhos fora do prazo|trabalhos fora do prazo não (?:são|serão) aceit[eo]s', 'late work is not accepted'], ['máximo(?= \\d)', 'max.'], ['(?<=\\d )a(?= \\d+ páginas)', '-'],
] as const).map(([other, english]) => [new RegExp(`(?<![\\p{L}])(?:${other})(?![\\p{L}])`, 'giu'), english]));
const inFigures = /(?<!\d)\d{1,2}[/.-]\d{1,2}[/.-]20\d\d(?!\d)/;
/** A day by the name of its month, with its year, or behind what opens then. */
/** Names of months that are no English ones. */
const foreignMonth = monthNames.map(([pattern]) => /\(\?:([^)]*)\)/.exec(pattern.source)![1]!).join('|');
const namedDay = new RegExp(String.raw`(?<![\p{L}\d])(\d{1,2})\.?(?:er)? (?:de |di |den )?(\p{L}{3,12})(?: de(?:l)?)?(?= 20\d\d| \d{4})|(?<=(?:[Oo]pens(?: on|:)|extension until)[\s\u00a0]{1,60}(?:(?:\p{L}{4,12},? )(?:de |den )?)?)(\d{1,2})\.?(?:er)? (?:de |di )?(\p{L}{3,12})(?![\p{L}]|\s\d{4})|(?<![\p{L}\d.,:/–-])(\d{1,2})\.?(?:er)? (?:de |di |den )?(${foreignMonth})(?![\p{L}]|,? (?:de(?:l)? )?\d{4})`, 'giu');

const demands = tonguesElsewhere.map((t) => ({ ...t, phrases: whenAsked(() => t.phrases.map(([other, english]) => [new RegExp(`(?<![\\p{L}_])(?:${other})(?![\\p{L}_])`, 'giu'), english] as const)), places: whenAsked(() => new RegExp(`(?<![\\p{L}_])${t.places}(?=\\s{1,3}[“"])`, 'giu')) }));
/** What a name in quotation marks says stays. */
const isQuoted = (text: string, at: number): boolean => { const line = text.slice(Math.max(0, at - 120, text.lastIndexOf('\n', at) + 1), at); return line.lastIndexOf('“') > line.lastIndexOf('”'); };
/** Small words of German that none of these has. */
const german = /(?<!\p{L})(?:der|die|und|ist|wird|werden|nicht|zum|bis|das|ihre?)(?!\p{L})/giu;
/** Which of them a wording is written in: the one with the most of its words. */
function tongueOf(wording: string): (typeof demands)[number] | undefined {
  const wordsOf = (pattern: RegExp): number => new Set((wording.match(new RegExp(pattern.source, 'giu')) ?? []).map((w) => w.toLowerCase())).size;
  if (wordsOf(german) > 2 || says(wording.slice(0, 2000), surelyEnglish)) return undefined;
  const weight = (t: (typeof demands)[number]): number => wordsOf(t.signs) + 3 * wordsOf(t.telling);
  return demands.filter((t) => says(wording, t.telling) && wordsOf(t.signs) > 0).sort((a, b) => weight(b) - weight(a))[0];
}
/** A wording in one of these tongues with what it asks for in English; others as they are. */
function demandsAsEnglish(wording: string, written: string): string {
  const tongue = tongueOf(written) ?? tongueOf(wording);
  if (!tongue) return wording;
  // Both marks of a quotation are the same here, or stand the other way round.
  let text = rewritten(wording, [/[”»„]([^”«“»\n]{1,80})[”«“]/g, '“$1”'], [/«[ \u00a0]?([^«»\n]{1,80}?)[ \u00a0]?»/g, (s, name: string) => `“${name}”`.padEnd(s.length, '\u00a0')]);
  // What stands before a place has to stay beside it.
  text = text.replace(tongue.places(), (s) => 'via'.padStart(s.length, '\u00a0'));
  for (const [other, english] of [...eitherKind, ...tongue.phrases()]) text = text.replace(other, (s, ...rest) => (english.length > s.length || isQuoted(rest.at(-1) as string, rest.at(-2) as number) ? s : (/^\p{Lu}/u.test(s) ? english.replace(/^\p{Ll}/u, (c) => c.toUpperCase()) : english).padEnd(s.length, '\u00a0')));
  return text;
}

/** A wording with its days in other languages in English, and every letter of the rest in its place; without such days as it is. */
export function otherTonguesAsEnglish(original: string, written = original): string {
  const wording = demandsAsEnglish(original, written);
  // Where the tongue is known, its months may have English names.
  let foreign: boolean | undefined;
  const isForeign = (): boolean => (foreign ??= (tongueOf(written) ?? tongueOf(original)) !== undefined);
  let found = wording !== original;
  const dated = wording.replace(namedDay, (whole, dated?: string, inYear?: string, alone?: string, of?: string, bare?: string, ofIt?: string) => {
    const day = (dated ?? alone ?? bare)!, month = (inYear ?? of ?? ofIt)!;
    const name = monthNames.find(([pattern]) => new RegExp(`^(?:${pattern.source})$`, 'iu').test(month));
    // “30. april”: a name that is English as well.
    const isEnglishToo = !name && (wording !== original || isForeign()) && says(month, /^(?:april|august|september|november|december|oktober|desember)$/i);
    found ||= isEnglishToo;
    if (!name) return isEnglishToo ? `${day} ${month.replace(/^oktober$/i, 'October').replace(/^desember$/i, 'December')}`.padEnd(whole.length, '\u00a0') : whole;
    found = true;
    // A month's whole name where there is room: what is left over has to fit into the gaps.
    const english = whole.length - day.length - 1 - name[1].length >= 4 ? name[1] : name[1].slice(0, 3), spare = whole.length - day.length - 1 - english.length;
    // The date library takes gaps of six before the month and of three before the year.
    return spare < 0 ? whole : `${day}${'\u00a0'.repeat(Math.min(spare, 5))} ${english}${'\u00a0'.repeat(Math.max(0, spare - 5))}`;
  });
  // “Date limite : 15/03/2027”: in figures the day is the same everywhere, what leads it in is not.
  // Dutch has the names of most months in common with English.
  found ||= says(wording, /(?<!\p{L})(?:\d uur|inleveren|inleverdatum|uiterlijk)(?!\p{L})/iu);
  if (!found && (!says(wording, inFigures) || says(wording.slice(0, 2000), onlyEnglish) && says(written.slice(0, 2000), onlyEnglish))) return wording;
  // “18h00”, “kl. 18.00”, “ore 18:00”, “18.00 uur”: what is around the hour.
  return rewritten(leads().reduce((text, [other, english]) => text.replace(other, (s, ...rest) => (english.length > s.length || isQuoted(rest.at(-1) as string, rest.at(-2) as number) ? s : english.padEnd(s.length, '\u00a0'))), dated), [/(?<=20\d\d),? (?:kl\.?|ore|alle|à|a las|om|às) (?=\d)/gi, (s) => ','.padEnd(s.length)], [/(\d{1,2})\.(\d{2})(?= uur\b)/g, '$1:$2'], [/(\d[:.]\d\d) (?:uur|h)(?!\p{L})/giu, (s, time: string) => time.padEnd(s.length)], [/(?<![\d:.,])(\d{1,2}) (?:horas|uur)(?!\p{L})|\bore (\d{1,2})(?!\d|[:.,h]\d|\p{L})|, (\d{1,2}) h(?![\p{L}\d])/giu, (s, a?: string, b?: string, c?: string) => (c === undefined ? `${a ?? b}:00` : ` ${c}:00`).padEnd(s.length)]);
}
