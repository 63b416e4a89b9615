import { zoneOffsets } from '../time/instant.ts';
import { clausesWith, matchesIn, type Clause, type Statement } from './statements.ts';

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
