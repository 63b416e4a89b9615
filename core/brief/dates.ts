import * as chrono from 'chrono-node/en';
import { DateTime } from 'luxon';
import { zoneOf, zoneOffsets } from '../time/instant.ts';
import { clausesWith, correction, matchesIn, type Clause, type Statement } from './statements.ts';

export interface ReadDate { iso: string; start: number; end: number; problem: 'none' | 'weekday' | 'ambiguous' | 'impossible' }
export type DateRole = 'due' | 'opens' | 'extension' | 'other' | 'unknown';

/** Zones in plain words. Source: IANA time zone database names. */
const spokenZones: readonly [RegExp, string][] = [
  [/\b(?:UK|London|British|Edinburgh|Cardiff|Belfast|England) (?:local )?time\b|(?<=\btime in )(?:the UK|London|Edinburgh|Cardiff|Belfast|England|Scotland|Wales)\b|(?<=(?:\d\s?[ap]\.?m\.?|\d[:.]\d{2}|\bnoon|\bmidnight)\s?\(?)UK\b|(?<=\b[Aa]ll times (?:are )?(?:in )?)UK\b|\bUK(?= times\b)/gi, 'Europe/London'], [/\b(?:Irish|Dublin) time\b/gi, 'Europe/Dublin'],
  [/(?<!\bAustralian )\b(?:US )?Eastern (?:Standard |Daylight )?Time\b|(?<=\d\s?[AaPp]\.?[Mm]\.?\s\(?(?:US )?)Eastern\b|\bET\b|\bNew York time\b/g, 'America/New_York'], [/(?<!\bAustralian )\b(?:US )?Central (?:Standard |Daylight )?Time\b|(?<=\d\s?[AaPp]\.?[Mm]\.?\s\(?(?:US )?)Central\b|\bCT\b|\bChicago time\b/g, 'America/Chicago'],
  [/\b(?:US )?Mountain (?:Standard |Daylight )?Time\b|(?<=\d\s?[AaPp]\.?[Mm]\.?\s\(?(?:US )?)Mountain\b|\bMT\b|\bDenver time\b/g, 'America/Denver'], [/\b(?:US )?Pacific (?:Standard |Daylight )?Time\b|(?<=\d\s?[AaPp]\.?[Mm]\.?\s\(?(?:US )?)Pacific\b|\bPT\b|\bLos Angeles time\b/g, 'America/Los_Angeles'],
  [/\bAustralian Eastern (?:Standard |Daylight |Summer )?Time\b/gi, 'Australia/Sydney'], [/\bAustralian Central (?:Standard |Daylight )?Time\b/gi, 'Australia/Adelaide'], [/\bAustralian Western (?:Standard )?Time\b/gi, 'Australia/Perth'], [/\bNew Zealand (?:Standard|Daylight) Time\b/gi, 'Pacific/Auckland'],
  [/\bCentral European (?:Standard )?Time\b/gi, 'CET'], [/\bCentral European Summer Time\b/gi, 'CEST'], [/\bEastern European (?:Standard )?Time\b/gi, 'EET'], [/\bEastern European Summer Time\b/gi, 'EEST'], [/\bWestern European (?:Standard )?Time\b/gi, 'WET'], [/\bGreenwich Mean Time\b/gi, 'GMT'], [/\bBritish Summer Time\b/gi, 'BST'], [/\bCoordinated Universal Time\b/gi, 'UTC'],
  [/\bSouth Africa(?:n)? (?:Standard )?Time\b/gi, 'Africa/Johannesburg'], [/\bEast Africa(?:n)? Time\b/gi, 'Africa/Nairobi'], [/\bWest Africa(?:n)? Time\b/gi, 'Africa/Lagos'], [/\bGulf Standard Time\b/gi, 'Asia/Dubai'], [/\bPakistan (?:Standard )?Time\b/gi, 'Asia/Karachi'], [/\bKorea(?:n)? (?:Standard )?Time\b/gi, 'Asia/Seoul'], [/\b(?:China Standard|Beijing) Time\b/gi, 'Asia/Shanghai'], [/\bAtlantic (?:Standard |Daylight )?Time\b/gi, 'America/Halifax'], [/\bAlaska (?:Standard |Daylight )?Time\b/gi, 'America/Anchorage'], [/\bHawaii (?:Standard )?Time\b/gi, 'Pacific/Honolulu'],
  [/\bSydney time\b/gi, 'Australia/Sydney'], [/\bMelbourne time\b/gi, 'Australia/Melbourne'], [/\bBrisbane time\b/gi, 'Australia/Brisbane'], [/\bPerth time\b/gi, 'Australia/Perth'], [/\bAuckland time\b|\bNZ time\b|\bNew Zealand time\b/gi, 'Pacific/Auckland'],
  [/\bBerlin time\b|\bGerman time\b/gi, 'Europe/Berlin'], [/\bParis time\b/gi, 'Europe/Paris'], [/\bAmsterdam time\b|\bDutch time\b/gi, 'Europe/Amsterdam'], [/\bOslo time\b/gi, 'Europe/Oslo'], [/\bStockholm time\b/gi, 'Europe/Stockholm'], [/\bCopenhagen time\b/gi, 'Europe/Copenhagen'], [/\bHelsinki time\b/gi, 'Europe/Helsinki'],
  [/\bFinnish time\b/gi, 'Europe/Helsinki'], [/\bSwedish time\b/gi, 'Europe/Stockholm'], [/\bNorwegian time\b/gi, 'Europe/Oslo'], [/\bDanish time\b/gi, 'Europe/Copenhagen'], [/\bFrench time\b/gi, 'Europe/Paris'], [/\bItalian time\b/gi, 'Europe/Rome'], [/\bPolish time\b/gi, 'Europe/Warsaw'], [/\bSwiss time\b/gi, 'Europe/Zurich'], [/\bAustrian time\b/gi, 'Europe/Vienna'], [/\bBelgian time\b/gi, 'Europe/Brussels'], [/\bGreek time\b/gi, 'Europe/Athens'], [/\bTurkish time\b/gi, 'Europe/Istanbul'], [/\bCzech time\b/gi, 'Europe/Prague'], [/\bHungarian time\b/gi, 'Europe/Budapest'], [/\bRomanian time\b/gi, 'Europe/Bucharest'], [/\bEstonian time\b/gi, 'Europe/Tallinn'], [/\bIsraeli? (?:Standard )?time\b/gi, 'Asia/Jerusalem'], [/\bIcelandic time\b/gi, 'Atlantic/Reykjavik'], [/\bKenyan time\b/gi, 'Africa/Nairobi'], [/\bNigerian time\b/gi, 'Africa/Lagos'],
  [/\b(?:Indian|India) (?:Standard )?Time\b/gi, 'Asia/Kolkata'], [/\bSingapore time\b/gi, 'Asia/Singapore'], [/\bHong Kong time\b/gi, 'Asia/Hong_Kong'], [/\bTokyo time\b|\bJapan (?:Standard )?Time\b/gi, 'Asia/Tokyo'], [/\bToronto time\b/gi, 'America/Toronto'], [/\bVancouver time\b/gi, 'America/Vancouver'],
];

/** University towns whose zone the IANA database names after another city. Compiled by hand. */
const otherCities: Readonly<Record<string, string>> = Object.fromEntries(([
  ['Australia/Sydney', 'Canberra,Newcastle'], ['Asia/Shanghai', 'Beijing,Guangzhou,Shenzhen,Nanjing'], ['Asia/Kolkata', 'Delhi,New Delhi,Mumbai,Bangalore,Bengaluru,Chennai,Hyderabad'], ['America/New_York', 'Washington,Boston,Philadelphia,Atlanta,Miami'], ['America/Los_Angeles', 'Seattle,San Francisco,San Diego,Portland'], ['America/Chicago', 'Houston,Austin,Dallas'], ['America/Toronto', 'Ottawa,Montreal'],
  ['Europe/London', 'Edinburgh,Glasgow,Cardiff,Belfast,Manchester,Oxford,Cambridge,Leeds,Bristol'], ['Europe/Dublin', 'Cork,Galway'], ['Europe/Zurich', 'Bern,Geneva,Basel,Lausanne'], ['Europe/Berlin', 'Munich,Hamburg,Frankfurt,Cologne,Heidelberg,Leipzig'], ['Europe/Vienna', 'Graz,Salzburg,Innsbruck'], ['Europe/Rome', 'Milan,Bologna,Turin,Padua'], ['Europe/Madrid', 'Barcelona,Valencia,Seville'], ['Europe/Paris', 'Lyon,Toulouse,Strasbourg'], ['Europe/Amsterdam', 'Rotterdam,Utrecht,Leiden,Groningen,Delft'], ['Europe/Brussels', 'Ghent,Leuven,Antwerp'],
  ['Europe/Stockholm', 'Gothenburg,Lund,Uppsala'], ['Europe/Oslo', 'Bergen,Trondheim'], ['Europe/Copenhagen', 'Aarhus,Odense'], ['Europe/Helsinki', 'Turku,Tampere'], ['Europe/Warsaw', 'Krakow'], ['Europe/Lisbon', 'Porto,Coimbra'], ['Pacific/Auckland', 'Wellington,Christchurch,Dunedin'], ['Africa/Johannesburg', 'Cape Town,Pretoria,Durban'], ['Asia/Tokyo', 'Kyoto,Osaka'],
] as const).flatMap(([zone, names]) => names.split(',').map((name) => [name, zone])));
let cities: Map<string, string> | null = null;
/** Zones by the cities that name them in the IANA database; not those that are words of their own. */
function cityZones(): Map<string, string> {
  return (cities ??= new Map(Intl.supportedValuesOf('timeZone').filter((z) => /^(?:Africa|America|Asia|Atlantic|Australia|Europe|Indian|Pacific)\//.test(z)).map((z): [string, string] => [z.split('/').pop()!.replace(/_/g, ' '), z]).filter(([city]) => !/^(?:Easter|Wake|Midway|Center|Reunion|Knox|Currie|Louisville|Monticello|Vincennes|Petersburg|Marengo|Winamac|South Georgia|North|West|Eastern|Central|Pacific)$/.test(city))));
}

const abbreviations = Object.keys(zoneOffsets).filter((z) => z.length > 1).concat(['IST', 'CST', 'AoE']).filter((z) => z !== 'AOE').sort((a, b) => b.length - a.length).join('|');
const anyAbbreviation = new RegExp(`\\b(?:${abbreviations})\\b`), besideATime = new RegExp(`(?<=\\d(?::\\d{2})?\\s?(?:[AaPp]\\.?[Mm]\\.?|h|hrs|hours)?\\s?\\(?|noon\\s\\(?|midnight\\s\\(?|[Tt]ime ?zone(?::| is)?\\s|[Tt]imes? (?:are|is)(?: all)?(?: given)?(?: in)?\\s|[Aa]ll times\\s|\\b[Ss]ame day\\s\\(?|\\b20\\d\\d,?\\s\\(?)(?:${abbreviations})\\b(?!\\s?[+-]\\d)`, 'g');

/** The zone that the wording names: an IANA name, an abbreviation, an offset, or a city's time. */
export function readZone(clauses: Clause[]): Statement<string>[] {
  const found: Statement<string>[] = [];
  for (const clause of clausesWith(clauses, /\d|\btimes?\b|time ?zone|noon|midnight|\w\/[A-Z]/i)) {
    for (const m of matchesIn(clause, /\b(?:Africa|America|Antarctica|Asia|Atlantic|Australia|Europe|Indian|Pacific)\/[A-Z][A-Za-z_]+(?:\/[A-Z][A-Za-z_]+)?\b/g)) found.push({ value: m[0], start: m.at, end: m.to });
    for (const m of matchesIn(clause, /\b(?:UTC|GMT)\s?[+\-−]\s?\d{1,2}(?::?\d{2})?\b/g)) found.push({ value: m[0].replace(/\s/g, '').replace('−', '-'), start: m.at, end: m.to });
    for (const m of matchesIn(clause, /\b([A-Z][a-z]+(?: [A-Z][a-z]+){0,2})(?='s time\b|’s time\b| (?:local )?time\b)|(?<=\b(?:[Tt]ime (?:in|of)|[Ll]ocal time(?: in|:)|[Hh]eure (?:de|d’|d'))\s?)([A-Z][a-z]+(?: [A-Z][a-z]+){0,2})\b|(?<=\d(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?|h|hrs|o['’]clock)?\s?\(|\b(?:noon|midnight|20\d\d|[Ll]ocal time)\s\()([A-Z][a-z]+(?: [A-Z][a-z]+){0,2})(?=\))/g)) { const zone = otherCities[(m[1] ?? m[2] ?? m[3])!] ?? cityZones().get((m[1] ?? m[2] ?? m[3])!); if (zone) found.push({ value: zone, start: m.at, end: m.to }); }
    if (/\btime\b|\b(?:ET|CT|MT|PT|UK|Eastern|Central|Mountain|Pacific)\b/i.test(clause.text)) for (const [pattern, zone] of spokenZones) for (const m of matchesIn(clause, pattern)) found.push({ value: zone, start: m.at, end: m.to });
    for (const m of matchesIn(clause, /\b(?:CET\/CEST|EET\/EEST|WET\/WEST|GMT\/BST|EST\/EDT|CST\/CDT|MST\/MDT|PST\/PDT|AEST\/AEDT|ACST\/ACDT|NZST\/NZDT)\b/g)) found.push({ value: m[0], start: m.at, end: m.to });
    for (const m of matchesIn(clause, /\banywhere on earth\b/gi)) found.push({ value: 'AoE', start: m.at, end: m.to });
    // An abbreviation counts beside a time of day or in a remark about times, not as a stray word.
    if (anyAbbreviation.test(clause.text)) for (const m of matchesIn(clause, besideATime)) found.push({ value: m[0], start: m.at, end: m.to });
  }
  return found.filter((f, i) => !found.some((g, k) => k !== i && g.start <= f.start && g.end >= f.end && g.end - g.start > f.end - f.start));
}

/** How numeric dates are to be read, where the wording gives a clue: a date that has only one reading, or the zone. */
export function dateOrder(text: string, zone: string | null): 'day-month' | 'month-day' | null {
  // Where times are written with a stop as well (“16.00 on 3.5.2027”), the order is the European one. Common practice, no source.
  const european = /\b\d{1,2}\.\d{1,2}\.(?:\d{4}|\d{2})\b/.test(text) && /(?<![\d.])(?:[01]?\d|2[0-3])\.[0-5]\d\b(?!\.?\d|\s?(?:%|[a-z]*b\b|cm|mm|in\b|pt))/i.test(text);
  let day = 0, month = 0;
  for (const m of text.matchAll(/\b(\d{1,2})[/.](\d{1,2})[/.](\d{4}|\d{2})\b/g)) { if (Number(m[1]) > 12) day++; else if (Number(m[2]) > 12) month++; }
  if (day > 0 && month === 0) return 'day-month';
  if (month > 0 && day === 0) return 'month-day';
  if (day > 0 && month > 0) return null;
  if (european) return 'day-month';
  if (zone && /^Europe\/|^Australia\/|^(GMT|BST|GMT\/BST|CET|CEST|CET\/CEST|MEZ|MESZ|AEST|AEDT|NZST|NZDT)$|^Pacific\/Auckland/.test(zone)) return 'day-month';
  return zone && /^(EST|EDT|PST|PDT|CDT|MDT|MST)$|^America\/(New_York|Chicago|Denver|Los_Angeles)/.test(zone) ? 'month-day' : null;
}

/** What any calendar date has: a month's name beside a number, or numbers with marks between. Clauses without are not parsed at all. */
const dateLike = /\b(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\b|\d(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}/i;

/** Day and month in figures without a year, behind a word that leads a date in. */
const shortDate = /\b(?:by|on|until|till|due|before|deadline:?)\s+(?:\w+day,?\s+)?\d{1,2}\/\d{1,2}(?![/.\d])/i;

/** All dates in a clause. Relative ones (next week, Friday) settle nothing and are left out.
 * @param now - for a missing year: the next such date after it
 * @param usualYear - the year that all the other dates of the wording name: one without is of the same year, even where it is past */
export function readDates(clause: Clause, now: DateTime, zone: string | null, order: 'day-month' | 'month-day' | null, usualYear: number | null = null): ReadDate[] {
  const found: ReadDate[] = [];
  found.push(...readWeekdaysOfMonth(clause, now, zone));
  if (!/\d/.test(clause.text) || !(dateLike.test(clause.text) || shortDate.test(clause.text))) return found;
  // Words that the date library would take for something else are blanked, lengths kept.
  const text = clause.text.replace(/\b(?:week|wk|day|session|unit) ?\d{1,2}\b(?!(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/gi, (s) => '·'.repeat(s.length)).replace(/(\d)\.(\d{2})(?=\s?[ap]m\b)/gi, '$1:$2').replace(/\b(\d{1,2})\.(\d{2})\s?h\b/g, '$1:$2 ').replace(/\b(\d{1,2})h(\d{2})\b/g, '$1:$2').replace(/[–—]/g, '-').replace(/\bSept\b\.?/g, (s) => s.slice(0, 3).padEnd(s.length)).replace(/\b([ap])\.m\.?/gi, (s, l: string) => `${l}m`.padEnd(s.length)).replace(/\b12 ?noon\b/gi, (s) => '12pm'.padEnd(s.length)).replace(/\bnoon\b/gi, '12pm');
  const shift = clause.text.length - text.length;
  // “… 09:00 to 7 December …”: the day of the second date is no hour of the first.
  const source = (shift === 0 ? text : clause.text.replace(/\b12 ?noon\b/gi, (s) => '12pm'.padEnd(s.length)).replace(/\bnoon\b/gi, '12pm')).replace(/(\d(?:st|nd|rd|th|\s?[ap]m)?\s+|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?\s+)(to|until|till|through|-)(?=\s+(?:\w{3,9}day,?\s+)?\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?[A-Z][a-z]{2})/gi, (_, time: string, word: string) => time + '|'.repeat(word.length))
    // The library takes 24:00 for no time at all, and the date with it; it is read below.
    .replace(/\b24[:.]00\b/g, '     ');
  const reference = { instant: now.toJSDate(), timezone: 0 };
  // “December 10” is a year to the library's British reading; where no numeric date is near, the American one takes the same dates.
  const monthFirst = /\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? \d{1,2}\b(?!(?:st|nd|rd|th)|[:.]\d)/i.test(source) && !/\d{1,2}[/.]\d{1,2}[/.]\d{2,4}/.test(source);
  for (const american of [order === 'month-day' || monthFirst]) {
    const parser = american ? chrono.casual : chrono.GB;
    let results: chrono.ParsedResult[] = [];
    // “7 days late”, “1600 hrs” and “next Friday” are no calendar dates: a month's name or a written-out date has to be there.
    try { results = parser.parse(source, reference, { forwardDate: true }).filter((r) => r.start.isCertain('day') && r.start.isCertain('month') && /\d/.test(r.text) && /\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}/i.test(r.text)); } catch { /* the library gave up on it */ }
    for (const [index, r] of results.entries()) {
      const s = r.start;
      // “4-18 May 2027, 16:00”: the time is that of the last day.
      const last = r.end?.isCertain('day') === true && /^\D{0,6}\d{1,2}(?:st|nd|rd|th)?\s*(?:-|to|until|till)\s*(?:the )?\d{1,2}(?:st|nd|rd|th)?\s+(?:of )?[a-z]{3}/i.test(r.text) ? r.end : null;
      let [y, m, d] = last ? [last.get('year')!, last.get('month')!, last.get('day')!] : [s.get('year')!, s.get('month')!, s.get('day')!];
      const start = clause.start + locate(clause.text, source, r.index), lastSign = clause.start + locate(clause.text, source, r.index + r.text.length), quoteEnd = lastSign + noonTail(clause.text, lastSign - clause.start);
      const quote = clause.text.slice(start - clause.start, quoteEnd - clause.start);
      let problem: ReadDate['problem'] = 'none';
      const numeric = /\b(\d{1,2})[/.](\d{1,2})[/.](?:\d{4}|\d{2})\b/.exec(quote);
      if (numeric && order === null && Number(numeric[1]) <= 12 && Number(numeric[2]) <= 12 && numeric[1] !== numeric[2]) problem = 'ambiguous';
      if (!s.isCertain('year')) { const next = DateTime.fromObject({ year: now.year, month: m, day: d }); y = next.isValid && next.endOf('day') >= now ? now.year : usualYear === now.year ? usualYear : now.year + 1; }
      const date = DateTime.fromObject({ year: y, month: m, day: d });
      if (!date.isValid) continue;
      const weekday = /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun)[a-z]*\b/i.exec(clause.text.slice(Math.max(0, start - clause.start - 14), quoteEnd - clause.start + 16).replace(/\n.*/s, (x) => x.slice(0, 1)))?.[1];
      if (weekday && problem === 'none') {
        const fits = (dt: DateTime): boolean => dt.setLocale('en').toFormat('ccc').toLowerCase() === weekday.toLowerCase();
        if (!fits(date)) problem = 'weekday';
      } else if (weekday && problem === 'ambiguous') {
        const swapped = DateTime.fromObject({ year: y, month: d, day: m });
        const fits = [date, swapped].filter((dt) => dt.isValid && dt.setLocale('en').toFormat('ccc').toLowerCase() === weekday.toLowerCase());
        if (fits.length === 1) { problem = 'none'; [m, d] = [fits[0]!.month, fits[0]!.day]; }
      }
      // A time of day beyond the neighbouring dates belongs to them.
      const from = index > 0 ? locate(clause.text, source, results[index - 1]!.index + results[index - 1]!.text.length) : 0, to = index + 1 < results.length ? locate(clause.text, source, results[index + 1]!.index) : clause.text.length;
      const time = timeOf(s, clause.text, start - clause.start, quoteEnd - clause.start, from, to);
      found.push({ iso: isoOf(y, m, d, time, zone), start: Math.min(start, time?.start !== undefined ? clause.start + time.start : start), end: Math.max(quoteEnd, time?.end !== undefined ? clause.start + time.end : quoteEnd), problem });
    }
  }
  // “Opens on the 4th and closes on the 18th of May”, “4-18 May”: the first day is of the same month.
  for (const m of matchesIn(clause, /\b(?:the )?(\d{1,2})(?:st|nd|rd|th)?(?<!:\d\d)\s*(?:[-–—]|(?:to|and|until|till)\b)(?:\s+(?:will )?clos\w+ on)?\s*(?:the )?(\d{1,2})(?:st|nd|rd|th)?\s+(?:of\s+)?(?=(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/gi)) {
    const end = found.find((f) => f.problem === 'none' && f.start <= m.to && f.end > m.to - 2), day = Number(m[1]);
    if (!end || day < 1 || day >= Number(m[2]) || !/\b(?:from|between|on|opens?|open|window|period|dates?|submissions?|available|upload)\b[^.;\d]{0,24}$|^\W*$|[:(]\s*$/i.test(clause.text.slice(0, m.at - clause.start))) continue;
    const to = m.at + /^(?:the )?\d{1,2}(?:st|nd|rd|th)?/i.exec(m[0])![0].length;
    found.push({ iso: `${end.iso.slice(0, 8)}${String(day).padStart(2, '0')}`, start: m.at, end: to, problem: 'none' });
    if (end.start < to) end.start = m.to - m[2]!.length - (/(?:st|nd|rd|th)?\s+(?:of\s+)?$/i.exec(m[0])![0].length);
  }
  // “By 15/3 at 18h”: two figures are a date only behind a word that leads one in.
  for (const m of matchesIn(clause, /(?<=\b(?:by|on|until|till|due|before|deadline:?)\s+(?:\w+day,?\s+)?)(\d{1,2})\/(\d{1,2})(?![/.\d])\b/gi)) {
    const [a, b] = [Number(m[1]), Number(m[2])], dayFirst = a > 12 ? true : b > 12 ? false : order === null ? null : order === 'day-month', [day, month] = dayFirst === false ? [b, a] : [a, b];
    if (found.some((f) => f.start < m.to && m.at < f.end) || month < 1 || month > 12 || day < 1 || day > 31) continue;
    const next = DateTime.fromObject({ year: now.year, month, day }), date = next.isValid && next.endOf('day') >= now ? next : DateTime.fromObject({ year: now.year + 1, month, day });
    if (!date.isValid) continue;
    const time = timeOf(null, clause.text, m.at - clause.start, m.to - clause.start, 0, clause.text.length);
    found.push({ iso: isoOf(date.year, date.month, date.day, time, zone), start: Math.min(m.at, clause.start + (time?.start ?? Infinity)), end: Math.max(m.to, clause.start + (time?.end ?? 0)), problem: dayFirst === null && a !== b ? 'ambiguous' : 'none' });
  }
  for (const m of matchesIn(clause, /\b(?:(?:29|30|31)(?:st|nd|th)?\s+(?:of\s+)?February|30(?:th)?\s+Feb\b|31(?:st)?\s+(?:of\s+)?(?:April|June|September|November)|(?:April|June|September|November)\s+31(?:st)?|February\s+(?:30|31))\b/gi)) {
    // A leap day is impossible only in a year that is named and has none.
    const year = Number(/^[,\s]+((?:19|20)\d\d)\b/.exec(clause.text.slice(m.to - clause.start))?.[1] ?? 0);
    if (!/29/.test(m[0]) || (year > 0 && !DateTime.local(year).isInLeapYear)) found.push({ iso: '', start: m.at, end: m.to, problem: 'impossible' });
  }
  // “… from 08:00 on 7 June and must be returned by 20:00 on the same day”.
  for (const m of matchesIn(clause, /\b(\d{1,2}[:.]\d{2}(?:\s?[ap]\.?m\b\.?)?|\d{1,2}\s?[ap]\.?m\b\.?|noon|midnight)(?:\s+\w+)?\s+(?:on\s+)?(?:the|that) same (?:day|date)\b/gi)) {
    const earlier = found.filter((f) => f.end <= m.at && f.problem === 'none').at(-1), day = earlier && DateTime.fromISO(earlier.iso.slice(0, 10));
    if (day?.isValid) found.push({ iso: isoOf(day.year, day.month, day.day, timeOf(null, clause.text, m.at - clause.start, m.at - clause.start, m.at - clause.start, m.at - clause.start + m[1]!.length), zone), start: m.at, end: m.to, problem: 'none' });
  }
  return found.filter((f) => f.problem !== 'impossible' ? !found.some((g) => g.problem === 'impossible' && g.start < f.end && f.start < g.end) : true);
}

/** “The last Friday in May 2027”, “the second Monday of March”. */
function readWeekdaysOfMonth(clause: Clause, now: DateTime, zone: string | null): ReadDate[] {
  return [...matchesIn(clause, /\b(first|second|third|fourth|last)\s+(mon|tues|wednes|thurs|fri|satur|sun)day\s+(?:in|of)\s+(january|february|march|april|may|june|july|august|september|october|november|december)(?:,?\s+(20\d\d))?\b/gi)].map((m) => {
    const month = DateTime.fromFormat(m[3]!, 'LLLL', { locale: 'en' }).month, weekday = DateTime.fromFormat(m[2]!.slice(0, 3), 'ccc', { locale: 'en' }).weekday, which = m[1]!.toLowerCase();
    const inYear = (year: number): DateTime => {
      if (which === 'last') { const end = DateTime.fromObject({ year, month }).endOf('month').startOf('day'); return end.minus({ days: (end.weekday - weekday + 7) % 7 }); }
      const start = DateTime.fromObject({ year, month, day: 1 });
      return start.plus({ days: (weekday - start.weekday + 7) % 7 + 7 * ['first', 'second', 'third', 'fourth'].indexOf(which) });
    };
    const thisYear = inYear(now.year), date = m[4] ? inYear(Number(m[4])) : thisYear.endOf('day') >= now ? thisYear : inYear(now.year + 1);
    const time = timeOf(null, clause.text, m.at - clause.start, m.to - clause.start, 0, clause.text.length);
    return { iso: isoOf(date.year, date.month, date.day, time, zone), start: Math.min(m.at, clause.start + (time?.start ?? Infinity)), end: Math.max(m.to, clause.start + (time?.end ?? 0)), problem: 'none' };
  });
}

/** “12 noon” is read as “12pm”, which ends before the word does. */
const noonTail = (text: string, at: number): number => { const m = /\b12 ?noon\b/i.exec(text.slice(Math.max(0, at - 7), at + 4)), end = m ? Math.max(0, at - 7) + m.index + m[0].length : 0; return end > at ? end - at : 0; };

/** The source may be shorter than the wording (“noon” against “12pm”): counts from the nearer side. */
function locate(original: string, source: string, index: number): number {
  if (original.length === source.length) return index;
  let o = 0, s = 0;
  while (s < index && o < original.length) {
    if (/^noon\b/i.test(original.slice(o)) && source.startsWith('12pm', s)) { o += 4; s += 4; continue; }
    o++; s++;
  }
  return o;
}

interface TimeOfDay { hour: number; minute: number; second: number; nextDay: boolean; offset: number | null; start?: number; end?: number }

/** The time that goes with a date; also one that stands a few words away (“by 5pm on 3 May”, “3 May, at 12 noon”, “midnight”). */
function timeOf(parsed: chrono.ParsedResult['start'] | null, clause: string, from: number, to: number, least: number, most: number): TimeOfDay | null {
  const base = Math.max(least, from - 30, 0), around = { text: clause.slice(base, Math.min(most, to + 40)), base };
  const midnight = /\bmidnight\b/i.exec(around.text);
  if (midnight && !/\d{1,2}[:.]\d{2}/.test(around.text.replace(/\b(?:00[:.]00|12[:.]00\s?am|23[:.]59|24[:.]00)\b/i, ''))) return { hour: 0, minute: 0, second: 0, nextDay: true, offset: null, start: around.base + midnight.index, end: around.base + midnight.index + 8 };
  if (parsed?.isCertain('hour')) {
    const offset = parsed.isCertain('timezoneOffset') ? parsed.get('timezoneOffset') : null;
    return { hour: parsed.get('hour')!, minute: parsed.get('minute') ?? 0, second: parsed.isCertain('second') ? parsed.get('second') ?? 0 : 0, nextDay: false, offset };
  }
  // What follows the date at once is its time, even where another date's time stands before it.
  const at = Math.min(most, to), tail = clause.slice(at, Math.min(most, to + 30)), behind = /^[\s,]*[(–-]?\s*(?:at\s|by\s|um\s)?(?=\d|noon|midday)/i.exec(tail);
  if (behind && around.base < at && !parsed?.isCertain('hour')) { const own = timeOf(null, clause.slice(0, most), at + behind[0].length, at + behind[0].length, at + behind[0].length, Math.min(most, at + behind[0].length + 14)); if (own && own.start === at + behind[0].length) return own; }
  const noon = /\b(?:12 )?(?:noon|midday)\b/i.exec(around.text);
  if (noon) return { hour: 12, minute: 0, second: 0, nextDay: false, offset: null, start: around.base + noon.index, end: around.base + noon.index + noon[0].length };
  const clock = /\b(\d{1,2})(?:[:.](\d{2}))?\s?([ap])\.?m\b\.?|\b([01]?\d|2[0-4])[:.]([0-5]\d)(?::[0-5]\d)?\s?(?:h|hrs|hours|o['’]clock|Uhr)?\b(?![./]\d)|\b([01]?\d|2[0-4])()\s?(?:Uhr|h)\b|\b([01]\d|2[0-3])([0-5]\d)\s?(?:h|hrs|hours)\b/i.exec(around.text);
  const spoken = /\b(\d{1,2})(?::(\d{2}))?\s(?:o['’]clock\s)?in the (morning|afternoon|evening)\b/i.exec(around.text);
  if (spoken) return { hour: (Number(spoken[1]) % 12) + (/morning/i.test(spoken[3]!) ? 0 : 12), minute: Number(spoken[2] ?? 0), second: 0, nextDay: false, offset: null, start: around.base + spoken.index, end: around.base + spoken.index + spoken[0].length };
  // “… on 24 May (not on the 25th, as printed), by noon.”
  const trailing = clock ? null : /,\s*(?:by|at)\s+((?:12 )?noon|midday|\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m)\b\W*$/i.exec(clause.slice(Math.min(to, most)));
  if (trailing && most === clause.length && parsed) { const at = Math.min(to, most) + trailing.index + trailing[0].indexOf(trailing[1]!); return timeOf(null, clause, at, at, at, clause.length); }
  if (!clock) return null;
  let hour = Number(clock[1] ?? clock[4] ?? clock[6] ?? clock[8]);
  if (clock[3]) hour = (hour % 12) + (clock[3].toLowerCase() === 'p' ? 12 : 0);
  const nextDay = hour === 24;
  return { hour: nextDay ? 0 : hour, minute: Number((clock[2] ?? clock[5] ?? clock[7] ?? clock[9]) || 0), second: 0, nextDay, offset: null, start: around.base + clock.index, end: around.base + clock.index + clock[0].length };
}

function isoOf(year: number, month: number, day: number, time: TimeOfDay | null, zone: string | null): string {
  const date = DateTime.fromObject({ year, month, day });
  if (!time) return date.toISODate()!;
  const named = zoneOf(zone);
  const luxonZone = named ?? (time.offset !== null ? `UTC${time.offset >= 0 ? '+' : ''}${time.offset / 60}` : 'utc');
  let at = DateTime.fromObject({ year, month, day, hour: time.hour, minute: time.minute, second: time.second }, { zone: luxonZone });
  if (time.nextDay) at = at.plus({ days: 1 }).startOf('day');
  // A zone that no clock knows is as good as none.
  if (!at.isValid) at = DateTime.fromObject({ year, month, day, hour: time.hour, minute: time.minute, second: time.second }, { zone: 'utc' });
  const text = at.toISO({ suppressMilliseconds: true, includeOffset: true })!.replace(/Z$/, '+00:00');
  // Without a zone the offset is not known and is not made up.
  return named || time.offset !== null ? text : text.replace(/[+-]\d{2}:\d{2}$/, '');
}

/** What a date is for, from the words before it in its clause and, for a bare row, from the heading above. */
export function roleOf(clause: Clause, date: ReadDate, previous: Clause | undefined): DateRole {
  // The date library takes “from” and “by” for parts of a date.
  const lead = /^(?:from|by|until|till|before|to|after)\b\s*/i.exec(clause.text.slice(date.start - clause.start))?.[0].length ?? 0, before = clause.text.slice(0, Math.max(0, date.start - clause.start) + lead), after = clause.text.slice(date.end - clause.start, date.end - clause.start + 60);
  const roles: [DateRole, RegExp][] = [
    ['other', /\b(?:(?<!\b(?:for|peer) )feedback|marks?|grades?|results?|(?<!\b(?:must|to|should) be )return(?:ed)?|released? to you|seminar(?! (?:paper|essay|report))|lecture|class(?! (?:paper|essay|report))|workshop|presentation|briefing|published|(?<!\b(?:final|revised|first|second|last|new|corrected) )version|dated|(?<!\b(?:due|closing|opening|start|starting|release|submission|hand[- ]?in|deadline|end|final|latest|last|target|upload|return|delivery)\s)date(?! (?:of|for) (?:submission|hand|delivery))|posted|last (?:updated|modified)|issued|office hours?|drop-?in|tutorial|exam(?:ination)? (?:is|takes)|field trip|meeting|defen[cs]e|viva|registration|(?:term|course|semester|module|teaching|block|session|week)s?(?: \d{1,2})? (?:starts?|ends?|begins?|finish(?:es)?)|reading week|late (?:submissions?|work)|cut-?off|request\w*|apply|will be (?:back|returned|available)|sent|on behalf)\b/gi],
    ['extension', /\b(?:extension|extended (?:deadline|due date|until|to)|individual deadline|your (?:new|personal) deadline|(?:new |extended |individual )?deadline for you|granted)\b/gi],
    ['opens', /\b(?:opens?|opening|open from|available (?:from|on)|from|starts?|release(?:d)?|submissions? (?:can be made )?from|not before|set on|accepted from|(?:begin|start)(?: (?:it|writing|the exam))?(?: at any time)? after)\b/gi],
    ['due', /\b(?:due|deadline|(?:last|final) (?:possible )?(?:date|day)|by|no later than|not later than|until|till|closes?|closing|shuts?|ends?(?=\s*[:|])|(?<=\b(?:window|period|exam|paper)\s)ends|before|latest|submit(?:ted)?|hand(?:ed)?[- ]in|submission(?:s)?(?: date| time)?|turn(?:ed)? in|(?<=\b(?:must|to|should) be )returned|when(?=\s*[:?]| and where\b)|to)\b/gi],
  ];
  const last = (text: string): { role: DateRole; at: number } | null => {
    let best: { role: DateRole; at: number } | null = null;
    for (const [role, pattern] of roles) for (const m of text.matchAll(pattern)) if (!best || m.index > best.at || (m.index === best.at && role !== 'due')) best = { role, at: m.index };
    return best;
  };
  if (/\b(?:received|submitted|handed in|arriving|uploaded|turned in)\s+(?:at all )?after\b[^.;]{0,30}$/i.test(before) && /\b(?:late|penal\w+|not (?:be )?(?:accepted|marked|read)|refused|rejected|lose)\b/i.test(clause.text.slice(date.end - clause.start))) return 'due';
  if (/\blate if\b[^.;]{0,40}\bafter\b[^.;]{0,14}$/i.test(before)) return 'due';
  // “… has been extended from Thursday 4 March to Monday 8 March”.
  const moved = String.raw`\b(?:deadline|due date|hand-?in|submission)\b[^.]*\b(?:extended|moved|postponed|changed|pushed back|brought forward|put back)\s+from\b`;
  if (new RegExp(`${moved}\\s*(?:\\w+day,?\\s*)?$`, 'i').test(before)) return 'other';
  if (new RegExp(`${moved}[^.]*\\bto\\s*(?:\\w+day,?\\s*)?$`, 'i').test(before)) return 'due';
  // “(previously 4 December)”, “instead of 8 March”.
  if (/\b(?:previously|formerly|originally|instead of|rather than|used to be|no longer)\s*(?:on\s+|by\s+|due\s+|the\s+)*(?:\w+day,?\s*)?(?:the\s+)?$/i.test(before) && !/\b(?:was|were) originally\b/i.test(before)) return 'other';
  // “until Friday for the Thursday group only”.
  if (/^[\s,]*(?:at |by )?(?:\d[\d:.apm ]*|noon|midnight)?\s*\(?for (?:the |students in |those in )?[\w -]{2,30}\b(?:group|class|cohort|section|students|stream)s?\b(?: only)?/i.test(after) && /\bextension\b/i.test(before)) return 'other';
  if (/\bdue\b[^.;]{0,30}\b(?:class|lecture|seminar|tutorial|workshop)(?: time| meeting)?(?:,| on)?\s*(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  // “The handbook says 19 March. The module page says 26 March.”
  if (/\b(?:handbook|page|site|website|brief|guide|guidelines|syllabus|calendar|document|list|form|mail|office|timetable|portal|schedule)\s+says\s+(?:it is (?:due )?(?:on )?)?(?:\w+day,?\s*)?$/i.test(before) && previous && last(previous.text)?.role === 'due') return 'due';
  if (/^so:?\s*(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  if (/\btoday is\s*(?:\w+day,?\s*)?$/i.test(before)) return 'other';
  if (/\b(?:outage|failure|maintenance|closure|strike|disruption|holiday)s?(?: (?:on|of))?\s*(?:\w+day,?\s*)?$/i.test(before)) return 'other';
  // “Tell us before …”; “the … deadline in the old handbook is wrong”.
  if (/\b(?:tell|e-?mail|contact|inform|ask|write to|let)\s+(?:us|me|him|her|them|your tutor|your lecturer|the office)(?:\s+know)?\b(?:(?!\b(?:have|hand|submit|upload|send)\b)[^.;]){0,30}\b(?:before|by|until)\s+(?:\w+day,?\s*)?$/i.test(before) || /^[^.;]{0,60}\b(?:is|was|are) (?:wrong|incorrect|an error|a mistake|no longer valid|out of date|superseded|not valid)\b/i.test(after)) return 'other';
  // “You may hand in on Tuesday 9 March instead. For the others it stays Friday 5 March.”
  if (/\byou (?:may|can)\b[^.;]{0,30}\b(?:hand (?:it |your \w+ )?in|submit(?: it)?|upload(?: it)?)\b[^.;]{0,14}$/i.test(before) && /^[^.;]{0,50}\binstead\b/i.test(clause.text.slice(before.length))) return 'extension';
  if (/\bextensions?\b[^.;]{0,20}\b(?:can|may|could|will|must) (?:only )?be (?:granted|requested|applied|asked)\b/i.test(before)) return 'other';
  // “Late submission: up to 21 January: capped at 40”.
  if (/^\W*late (?:submissions?|work|hand-?ins?|papers?|essays?)\s*:/i.test(before)) return 'other';
  if (/\bwith (?:your|the|an) extension\b[^.;]{0,50}$/i.test(before)) return 'extension';
  if (/\bthe class deadline was\s*(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  if (/\bdeadline for you\b[^.;\d]{0,6}(?:\w+day,?\s*)?$/i.test(before)) return 'extension';
  if (/\bfor (?:the others|everyone else|all (?:the )?others|the rest(?: of you)?)\b[^.;]{0,30}\b(?:stays|remains|is)\s+(?:on\s+)?(?:\w+day,?\s*)?$/i.test(before)) return 'due';
  // “… is now Friday 26 March, not Thursday 25 March”.
  if (/,\s*(?:and )?not\s+(?:on\s+|by\s+)?(?:\w+day,?\s*)?$/i.test(before)) return 'other';
  if (/\b(?:not|never|cannot|can['’]t|don['’]t|unable to)\b[^.;]{0,40}\bbefore\s+(?:\w+day,?\s*)?$/i.test(before)) return 'opens';
  // “Update 20 January: …” tells when it was written; an adjustment is for some, the date before it for all.
  if (/\b(?:updated?|posted|announced|announcement|notice|corrected|correction|amended|edit(?:ed)?|as of)(?:\s+on)?\s*[(:,–-]?\s*$/i.test(before)) {
    // Under a heading “Deadline”, with nothing behind it, it is the date that holds now.
    const alone = !/[a-z]{4,}/.test(after) && previous !== undefined && previous.text.length < 60 && last(previous.text)?.role === 'due';
    return alone ? 'due' : 'other';
  }
  if (/\b(?:students?|those|anyone|people|candidates)\s+(?:with|who (?:have|has|hold)|on|granted|registered with)\b[^.;]*\b(?:adjustments?|extensions?|extended (?:deadlines?|time)|accommodations?|disabilit\w+|support plans?|(?:learning|approved|individual) plans?|mitigat\w+|extra time)\b/i.test(before)) return 'other';
  // “was due on …, now …”: the former date is past.
  if (/\bwas\s+(?:originally |previously |first )?(?:due|set|to be)\b[^,;]{0,14}$/i.test(before) && /\b(?:now|instead|moved|changed|new)\b/i.test(clause.text.slice(before.length))) return 'other';
  const near = last(before);
  if (near) {
    const strong = roles[0]![1];
    const sinceComma = before.slice(Math.max(before.lastIndexOf(','), before.lastIndexOf('('), before.lastIndexOf(' and '), before.lastIndexOf(' but ')) + 1);
    // “Feedback will be returned by 3 June”: the subject outweighs the preposition next to the date.
    if (near.role === 'due' && /^(by|to|until|till|before|latest)$/i.test(/\w+/.exec(before.slice(near.at))?.[0] ?? '')) {
      if ([...(sinceComma.trim().length > 12 ? sinceComma : before).matchAll(strong)].length > 0 && !/\b(?:deadline|due|submit|hand)\b/i.test(sinceComma.trim().length > 12 ? sinceComma : before)) return 'other';
      if (/\b(?:extension|extended|granted)\b/i.test(before)) return 'extension';
    }
    if (near.role === 'opens' && /\b(?:feedback|marks|grades|results)\b/i.test(before)) return 'other';
    return near.role;
  }
  if (/^\s*(?:is|:|–|-)?\s*(?:the )?(?:deadline|due date|closing date)/i.test(after)) return 'due';
  if (/^\s*(?:at\s+)?[\d:.apm\s]*(?:is when|when)\s+(?:submissions? )?opens?/i.test(after)) return 'opens';
  const heading = previous && previous.text.length < 60 && !dateLike.test(previous.text) ? last(previous.text) : null;
  return heading?.role ?? 'unknown';
}

export const isCorrection = (clause: Clause): boolean => clause.answers === true || correction.test(clause.text);
