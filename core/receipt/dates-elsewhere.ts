import { monthNames, shortMonths } from '../tables/month-names.ts';
import { rewritten, says } from '../text/patterns.ts';

/** How a time zone is told by the name of a country or a place, in its own language; `readZone` knows the cities. */
const zonesByCountry: readonly (readonly [RegExp, string])[] = [
  [/\bnorsk tid\b/gi, 'time in Oslo'], [/\bsvensk tid\b/gi, 'time in Stockholm'], [/\bdansk tid\b/gi, 'time in Copenhagen'], [/\bsuomen aikaa\b/gi, 'time in Helsinki'], [/\bnederlandse tijd\b/gi, 'time in Amsterdam'], [/\bhora (?:peninsular|española)\b/gi, 'time in Madrid'],
  [/\bora italiana\b/gi, 'time in Rome'], [/\bheure française\b/gi, 'time in Paris'], [/\bdeutscher? Zeit\b/gi, 'time in Berlin'], [/\bczasu? polskiego\b|\bczas polski\b/gi, 'time in Warsaw'], [/\bčeského času\b/gi, 'time in Prague'], [/\bhora (?:de Portugal|portuguesa)\b/gi, 'time in Lisbon'],
];
const weekdays = new RegExp(String.raw`(?<!\p{L})(?:${[
  'montag|dienstag|mittwoch|donnerstag|freitag|samstag|sonnabend|sonntag', 'lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche', 'lunes|martes|miércoles|jueves|viernes|sábado|domingo', 'lunedì|martedì|mercoledì|giovedì|venerdì|sabato|domenica', '(?:segunda|terça|quarta|quinta|sexta)-feira', 'maandag|dinsdag|woensdag|donderdag|vrijdag|zaterdag|zondag',
  '(?:mån|tis|ons|tors|fre|lör|sön)dag(?:en)?', '(?:man|tirs|ons|tors|fre|lør|søn)dag(?:en)?', '(?:maanantai|tiistai|torstai|perjantai|lauantai|sunnuntai)(?:na)?|keskiviikko(?:na)?', 'poniedziałek|wtorek|środa|środę|czwartek|piątek|sobota|sobotę|niedziela|niedzielę', 'pondělí|úterý|středa|středu|čtvrtek|pátek|neděle|neděli', 'pazartesi|salı|çarşamba|perşembe|cuma|cumartesi|pazar',
].join('|')})(?!\p{L})[.,]?\s*(?:(?:den|le|el|dia|dnia|dne|il)\s+)?(?=\d)`, 'giu');
/** Little words around an hour, one before its figures and one behind. */
const beforeHour = /(?<!\p{L})(?:kl\.?|klo|um|om|alle(?:\s+ore)?|ore|a\s+las|às|à|a|o\s+godz(?:inie|\.)?|godz(?:ina|\.)?|o|v|ve|saat(?:i)?|hora|h)\s*(?=\d{1,2}\s?[:.hu]\s?\d\d)/giu, behindHour = /(?<=\d[:.hu]\d\d(?::\d\d)?)\s*(?:uhr|uur|u\.|h(?:rs?|oras?|od)?\.?|horas|hodin)(?![\p{L}\d])/giu;
const isForeign = (written: string): boolean => monthNames.some(([name]) => written.search(name) >= 0) || says(written, /\d\s*(?:Uhr|uur|u\.|hod)(?!\p{L})|(?<!\p{L})(?:kl\.?|klo|saat|godz\.?|godzinie)\s*\d|(?<!\p{L})(?:um|om|às|ore|o|v)\s+\d{1,2}[:.]\d\d|\bMES?Z\b|\d{1,2}u\d\d\b|\d{1,2}\.\d\d\s?h\b/iu);

/** “18. Dez. 2026”, “18 juil. 2026”: a short name of a month, between its day and its year. */
const betweenDayAndYear = shortMonths.map(([names, english]) => [new RegExp(`(?<=(?<![\\d.:])\\d{1,2}(?:\\.|º)?[ \\u00a0-](?:de )?)(?:${names})\\.?(?=[ \\u00a0-](?:de )?20\\d\\d(?!\\d))`, 'gi'), english] as const);
/** A date with a time as another language writes it, in English words and order: “12. mars 2027 kl. 17.42”, “15 marca 2027 r., godz. 16:40”, “le 12/03/2027 à 17h12”. What is English stays as it is. */
export function dateInEnglish(written: string): string {
  let value = rewritten(zonesByCountry.reduce((v, [said, english]) => v.replace(said, english), betweenDayAndYear.reduce((v, [short, english]) => v.replace(short, english), written.replace(weekdays, ''))), [/(?<=[\p{L}\d])\s[·•|]\s(?=\d{1,2}[:.]\d{2})/gu, ', '], [/(?<=\d{4}[\s,]*)(?:à|a)\s+(?=\d)/gi, '  '], [/\b([01]?\d|2[0-3])\s?h\s?([0-5]\d)\b/gi, '$1:$2'], [/(?<=\d\s)est(?=\s+[a-zà-ž])/g, ' '], [/\b([01]?\d|2[0-3]) (?:Uhr|heures?|uur) (?:und )?([0-5]\d)\b(?! Sek)/gi, '$1:$2'], [/(?<=\b\d{1,2})\.(?=\s+(?:january|february|march|april|may|june|july|august|september|october|november|december) \d{4})/gi, ''], [/\b(\d{1,2})\. (\d{1,2})\. (20\d\d)\b/g, '$1.$2.$3'], [/\b(\d{1,2})\/(\d{1,2})[ -](20\d\d)\b/g, '$1/$2/$3']);
  if (!isForeign(value)) return value;
  value = rewritten(monthNames.reduce((v, [name, english]) => v.replace(name, english), value), [/(\d)\.(?=\s+[A-Z][a-z]+ \d{4})/g, '$1'], [/\b(20\d\d)\s?(?:r\.|roku)(?=[\s,;.]|$)/g, '$1'], [beforeHour, ' '], [behindHour, ''], [/\bkl\.?\s*(?=\d)|\bum\s+(?=\d)|\bklo\s+(?=\d)|\s*\b(?:Uhr|uur)\b|\bom\s+(?=\d)|\ba las\s+(?=\d)|\balle(?:\s+ore)?\s+(?=\d)|\bore\s+(?=\d)/gi, ''], [/\b(?:hora (?:local )?de|ora (?:locale )?di|heure de|Ortszeit)\s+(?=[A-Z])/g, 'time in '], [/(?<=\d\s+)de\s+(?=[A-Z][a-z]+\b)|(?<=[A-Z][a-z]+)\s+de(?=\s+\d{4})/g, '']);
  return rewritten(value, [/(?<!\d\.)\b(\d{1,2})[.hu](\d{2})\b(?!\.\d)/g, '$1:$2'], [/\bMEZ\b/g, 'CET'], [/\bMESZ\b/g, 'CEST']);
}
