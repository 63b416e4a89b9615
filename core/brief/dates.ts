import type { ParsedResult } from 'chrono-node/en';
import { DateTime, FixedOffsetZone } from 'luxon';
import { zoneOf } from '../time/instant.ts';
import { dateParsers } from './date-parsers.ts';
import { isGerman } from './german.ts';
import { matchesIn, ordinalWords, type Clause } from './statements.ts';
import { besideItsDate, weekdaysOfMonth } from './weekday-of-month.ts';
import { eachIn, firstIn, rewritten, says } from '../text/patterns.ts';

/** A day of the week, not a month or a friend. */
const dayOfWeek = /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun)(?:day|sday|s|nesday|nes|rsday|rs|r|urday)?\b/i;

export interface ReadDate { iso: string; start: number; end: number; problem: 'none' | 'weekday' | 'ambiguous' | 'impossible' }

/** Small words of the languages of Europe that all write the day first (Unicode CLDR, `yMd` of fr, es, it, pt, nl, da, nb; from memory), and of English, which writes it both ways. */
const dayFirstWords = /(?<![\p{L}’'])(?:les?|du|des|et|à|est|pour|dans|vous|votre|el|los|las|del|con|para|en|se|il|lo|gli|della|nel|per|che|ao|às|não|uma|do|da|het|een|voor|niet|op|je|og|ikke|skal|på|til|af)(?![\p{L}’'])/giu, englishWords = /\b(?:the|and|of|is|be|are|your|must|by|for|to|not)\b/gi;
/** As many of them as a sentence or two have, and hardly an English one. Translated labels leave them where they stand. */
const isDayFirstTongue = (text: string): boolean => { const start = text.slice(0, 20_000), foreign = start.match(dayFirstWords) ?? []; return foreign.length >= 5 && new Set(foreign.map((w) => w.toLowerCase())).size >= 3 && foreign.length > 3 * (start.match(englishWords)?.length ?? 0); };

/** How numeric dates are to be read, where the wording gives a clue: a date that has only one reading, or the zone. */
export function dateOrder(text: string, zone: string | null): 'day-month' | 'month-day' | null {
  // Where times are written with a stop as well (“16.00 on 3.5.2027”), the order is the European one. Common practice, no source.
  const european = /\b\d{1,2}\.\d{1,2}\.(?:\d{4}|\d{2})\b/.test(text) && says(text, /(?<![\d.])(?:[01]?\d|2[0-3])\.[0-5]\d\b(?!\.?\d|\s?(?:%|[a-z]*b\b|cm|mm|in\b|pt))/i);
  // “(day/month/year)”, “dd/mm/yyyy”.
  const said = firstIn(text, /\b(?:(day)[\/.-]month(?:[\/.-]year)?|(dd)[\/.-]mm(?:[\/.-]yy(?:yy)?)?|month[\/.-]day(?:[\/.-]year)?|mm[\/.-]dd(?:[\/.-]yy(?:yy)?)?)\b/i);
  if (said) return said[1] || said[2] ? 'day-month' : 'month-day';
  // “(Note: day first!)”
  const first = firstIn(text, /\((?:note:? |nb:? |please note:? )?(?:the )?(day|month) (?:comes )?first!?\)|\b(?:all )?dates (?:are )?(?:given |written )?(?:with the )?(day|month) first\b/i);
  if (first) return /day/i.test((first[1] ?? first[2])!) ? 'day-month' : 'month-day';
  let day = 0, month = 0;
  for (const m of eachIn(text, /\b(\d{1,2})[/.-](\d{1,2})[/.-](\d{4}|\d{2})\b/g)) { if (Number(m[1]) > 12) day++; else if (Number(m[2]) > 12) month++; }
  for (const m of eachIn(text, /(?<=\b(?:by|on|until|till|due|before|deadline:?|when:|(?:draft|proposal|outline|final|paper|essay|report):)\s+(?:\w+day,?\s+)?|\b(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\.?,?\s+)(\d{1,2})\/(\d{1,2})(?![/\d]|\.\d)\b/gi)) { if (Number(m[1]) > 12 && Number(m[2]) <= 12) day++; else if (Number(m[2]) > 12 && Number(m[1]) <= 12) month++; }
  if (day > 0 && month === 0) return 'day-month';
  if (month > 0 && day === 0) return 'month-day';
  if (day > 0 && month > 0) return null;
  if (european || isGerman(text) || isDayFirstTongue(text) || /\d\s?Uhr\b/.test(text)) return 'day-month';
  if (zone && says(zone, /^Europe\/|^Australia\/|^(GMT|BST|GMT\/BST|WET|WEST|WET\/WEST|EET|EEST|EET\/EEST|CET|CEST|CET\/CEST|MEZ|MESZ|AEST|AEDT|AWST|ACST|ACDT|NZST|NZDT|SAST|EAT|WAT|CAT|PKT|SGT|HKT)$|^Pacific\/Auckland|^Africa\/|^America\/(?:Bogota|Mexico_City|Lima|Santiago|Sao_Paulo|Argentina\/|Caracas|Montevideo|La_Paz|Guayaquil)|^Asia\/(?:Kolkata|Karachi|Dhaka|Colombo|Singapore|Hong_Kong|Kuala_Lumpur|Dubai)/)) return 'day-month';
  return zone && says(zone, /^(EST|EDT|PST|PDT|CDT|MDT|MST)$|^America\/(New_York|Chicago|Denver|Los_Angeles)/) ? 'month-day' : null;
}

/** What any calendar date has: a month's name beside a number, or numbers with marks between. Clauses without are not parsed at all. */
export const dateLike = /\b(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\b|\d(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}/i;

/** Day and month in figures without a year, behind a word that leads a date in. */
const shortDate = /(?:\b(?:by|on|until|till|due|before|deadline:?|when:)\s+(?:(?:our |the )?(?:class|lecture|lab|seminar|section)\s+(?:on\s+)?)?(?:(?:\w+day|mon|tues?|wed|thu|thurs?|fri|sat|sun)\.?,?\s+)?|^\W{0,3}(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)(?:day)?\.?,?\s+|\b(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?(?:\s\(|\.?,?\s+)|^\W{0,3}[a-z][a-z ]{2,30}:\s+)\d{1,2}\/\d{1,2}(?![/\d]|\.\d)/i;

const hours = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const spokenTime = /\b(?:a )?(five|ten|quarter|twenty|twenty-five|half) (past|to) (one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (?:in|on) the (morning|afternoon|evening)\b( of\b| on\b)?/gi;
const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], dayAndMonth = /\b\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)|\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?\s+\d/i;
const dayOfItsWeek = /\b(mon|tue|wed|thu|fri|sat|sun)(?:[a-z]*day|s|r|rs|nes)?\b\.?,?\s+(?:(?:of|in)\s+)?(?:the\s+)?week\s+(?:of|beginning|commencing|starting)(?:\s+on)?\s+(?:mon[a-z]*\.?,?\s+)?(?:the\s+)?$/i;

const ordinals = ordinalWords.join('|').replaceAll('-', '[ -]');
const monthsNamed = '(?:January|February|March|April|May|June|July|August|September|October|November|December)', ordinalDay = new RegExp(`\\b(${ordinals}) (?:day )?of(?= ${monthsNamed}\\b)|(?<=\\b${monthsNamed} )(?:the )?(${ordinals})\\b(?!,? ?\\d)`, 'gi');
/** “The eleventh of December” in figures; every place in the text stays, and so does the room before it. */
const ordinalsInFigures = (text: string): string => text.replace(ordinalDay, (words, dayOf?: string, day?: string) => `${ordinalWords.indexOf((dayOf ?? day!).toLowerCase().replace(' ', '-')) + 1}${dayOf ? 'th of' : ''}`.padStart(words.length));

/** All dates in a clause. Relative ones (next week, Friday) settle nothing and are left out.
 * @param now - for a missing year: the next such date after it
 * @param usualYear - the year that all the other dates of the wording name: one without is of the same year, even where it is past */
export function readDates(clause: Clause, now: DateTime, zone: string | null, order: 'day-month' | 'month-day' | null, usualYear: number | null = null): ReadDate[] {
  // “The eleventh of December”: a date in words begins where its first word does.
  const text = ordinalsInFigures(clause.text), dates = datesIn({ ...clause, text }, now, zone, order, usualYear);
  return text === clause.text ? dates : dates.map((d) => ({ ...d, start: d.start - /[\p{L}-]*$/u.exec(clause.text.slice(0, d.start - clause.start))![0].length }));
}
function datesIn(clause: Clause, now: DateTime, zone: string | null, order: 'day-month' | 'month-day' | null, usualYear: number | null): ReadDate[] {
  const found: ReadDate[] = [];
  // When an office closes is no deadline of a file.
  if (/\boffice\b/i.test(clause.text)) clause = { ...clause, text: rewritten(clause.text, [/\boffice (?:closes|shuts|is open until)(?: at)? \d{1,2}(?:[:.]\d{2})?(?: ?[ap]m)?/gi, (s) => ' '.repeat(s.length)]) };
  // “On 5 March (not 26 February), still at 16:00”.
  clause = { ...clause, text: rewritten(clause.text, [/\((?:and )?not (?:on )?(?:\w+day,? )?(?:the )?\d{1,2}(?:st|nd|rd|th)?(?: of)? [A-Z][a-z]+(?: 20\d\d)?\)/g, (s) => ' '.repeat(s.length)]) };
  // “6 pm today (9 March)”; “22 Mar   2-page outline”: what a number counts is no hour.
  clause = { ...clause, text: rewritten(clause.text, [/(?<=\d\s?(?:[ap]\.?m\.?)?\s|\b(?:noon|midnight) )(?:today|tonight|tomorrow) \((?=(?:\w+day,? )?\d{1,2}(?:st|nd|rd|th)? [A-Z])/g, (s) => ' '.repeat(s.length)], [/\b\d{1,2}(?=-(?:page|word|minute|slide|hour|sided?)\b)/gi, (s) => '·'.repeat(s.length)]) };
  // “Entries 1–10 on 28 May”.
  // “Part 1 until 4 pm on 12 March”: the number is no hour.
  clause = { ...clause, text: rewritten(clause.text, [/\b(?:step|stage|part|task|section|question|unit|version|phase|essay|report|assignment|sheet) \d{1,2}(?= (?:until|till) (?:\d|noon|midnight))/gi, (s) => s.replace(/\d/g, 'x')]) };
  // “In the folder “Talks 2027-02-26””: what a place is called is no day.
  if (/[“"]/.test(clause.text)) clause = { ...clause, text: rewritten(clause.text, [/(?<=\b(?:folder|box|link|area|page|tile|slot|tray|section) [“"])[^”"\n]{3,80}(?=[”"])/gi, (name) => name.replace(/\d/g, 'x')]) };
  clause = { ...clause, text: rewritten(clause.text, [/\b(?:entries|items|pages|questions|tasks|chapters|sheets|exercises|weeks|parts|problems|units|groups|sections|cohorts|teams) \d{1,2}\s?(?:[–-]|to)\s?\d{1,2}(?= (?:on|by|before|until|due|is|are)\b)/gi, (s) => s.replace(/\d.*/, (figures) => 'x'.repeat(figures.length))]) };
  // “Extended from 12 noon to 6 pm”: the first no longer holds.
  clause = { ...clause, text: rewritten(clause.text, [/\b(?:extended|put back|pushed back|moved|postponed|changed) (from (?:12 )?(?:noon|midnight|\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\.?)?) to)(?= (?:noon|midnight|\d))/gi, (whole, old: string) => whole.slice(0, -old.length) + ' '.repeat(old.length)]) };
  // “Due Apr 9 not Apr 2 as on the syllabus, still 5pm”.
  clause = { ...clause, text: rewritten(clause.text, [/(?<=\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? \d{1,2}(?:st|nd|rd|th)?),? not (?:on )?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? \d{1,2}(?:st|nd|rd|th)?\b(?: as (?:on|in) (?:the )?\w+)?/gi, (s) => ' '.repeat(s.length)]) };
  // “Next week – Thursday 4 March”: the date says which day that is.
  if (/ week\b/i.test(clause.text)) clause = { ...clause, text: rewritten(clause.text, [/\b(?:next|this|the coming|the following) week\s*[–,(-]\s*(?=(?:on )?\w+day\b)/gi, (s) => ' '.repeat(s.length)]) };
  // “Open 24h a day”.
  clause = { ...clause, text: rewritten(clause.text, [/\b24 ?(?:h|hrs|hours)(?: a day)\b|\b24\/7\b/gi, (s) => ' '.repeat(s.length)]) };
  // “Midnight between Sunday 11 and Monday 12 April”: the beginning of the second.
  clause = { ...clause, text: rewritten(clause.text, [/\bmidnight between (?:\w+day,? )?(?:the )?\d{1,2}(?:st|nd|rd|th)? and ((?:\w+day,? )?)(?:the )?(\d{1,2})(?:st|nd|rd|th)?( [A-Z][a-z]+(?: 20\d\d)?)/g, (whole, day: string, n: string, month: string) => `00:00 on ${day}${n}${month}`.padStart(whole.length)]) };
  // “5 o'clock” may be either half of the day.
  clause = { ...clause, text: rewritten(clause.text, [/\b[1-7] o['’]clock\b(?! (?:in the|at night|sharp in|[ap]\.?m))/gi, (s) => ' '.repeat(s.length)]) };
  // “… à 23h59 est la limite”: a word, and no zone.
  if (/\d\sest\s/.test(clause.text)) clause = { ...clause, text: clause.text.replace(/(?<=\d\s)est(?=\s+[a-zà-ž])/g, '   ') };
  // “At 17h00”.
  clause = { ...clause, text: rewritten(clause.text, [/(?<![\w.:])([01]?\d|2[0-3])[hH]([0-5]\d)(?![\w:])/g, '$1:$2']) };
  // “21 April 2027 – 14.00 hrs” is no stretch of time.
  clause = { ...clause, text: rewritten(clause.text, [/(\b20\d\d)(\s?[–-]\s?)(?=(?:[01]?\d|2[0-3])[.:][0-5]\d\b(?!\s*[–-]))/g, (_, year: string, mark: string) => year + ' '.repeat(mark.length)]) };
  // “01.03.2027 08:00 – 05.03.2027 20:00”: two dates, not two hours.
  clause = { ...clause, text: rewritten(clause.text, [/(\d[:.]\d\d)(\s?)[–-](\s?)(?=\d{1,2}[./]\d{1,2}[./]\d{4})/g, '$1$2|$3']) };
  // “From 13.11.2026 to 4.12.2026”: no hours that begin at 13.11.
  if (/\bfrom\b/i.test(clause.text)) clause = { ...clause, text: rewritten(clause.text, [/(?<![\d.:])(\d{1,2})\.(\d{1,2})\.(?=(?:\d{4}|\d{2})(?![.:\d]))/g, '$1/$2/']) };
  // “From 13/11/2026 to 14/12/2026” is two dates.
  clause = { ...clause, text: rewritten(clause.text, [/((?:\d[/.-]\d{1,2}[/.-](?:\d{4}|\d{2})|\d{4}-\d{2}-\d{2})(?:,? (?:at )?\d{1,2}(?:[:.]\d{2})?(?: ?[ap]m)?)?)(,? )(to|until|till|and|up to|[–—-])(?= (?:(?:mon|tue|wed|thu|fri|sat|sun)\w*\.?,? )?\d{1,2}[/.]\d{1,2}[/.]\d)/gi, (_, first: string, blank: string, word: string) => `${first}${blank}${'|'.padEnd(word.length)}`.padEnd(_.length)]) };
  // “For the Friday group”: whose day that is.
  clause = { ...clause, text: rewritten(clause.text, [/\b(?:mon|tues|wednes|thurs|fri|satur|sun)days?(?= (?:groups?|sections?|class(?:es)?|cohorts?|labs?|tutorials?|seminar groups?)\b(?! (?:starts|begins|at)\b))/gi, (s) => 'x'.repeat(s.length)]) };
  // “Open now until 19 March” has one date.
  clause = { ...clause, text: rewritten(clause.text, [/\b(?:from today|from now on|from now|as of now|now) (?=until|till|to\b)/gi, (s) => ' '.repeat(s.length)]) };
  // “The 15th (of March, 2027)”.
  clause = { ...clause, text: rewritten(clause.text, [/(\d(?:st|nd|rd|th)) \((of [A-Z][a-z]+)(,? 20\d\d)?\)/g, (_, day: string, month: string, year?: string) => `${day}  ${month}${(year ?? '').replace(',', ' ')} `]) };
  const ofMonth = / (?:in|of) /.test(clause.text) ? weekdaysOfMonth(clause, now) : [];
  if (ofMonth.length > 0) clause = besideItsDate(clause, now);
  // “By noon on the second Friday of term, i.e. 29 January”: the date says which day that is.
  clause = { ...clause, text: rewritten(clause.text, [/(?<=\bon )the (?:first|second|third|fourth|last|final) \w+day (?:of|in) (?!(?:jan|feb|mar|apr|may|june?|july?|aug|sep|oct|nov|dec)[a-z]*,? )[^,;.()]{3,40},? \(?(?:i\.e\.|that is|namely|which is),?(?= )/gi, (s) => ' '.repeat(s.length)]) };
  // “Half past eleven on the morning of 6 May”, “ten past four in the afternoon”.
  if (says(clause.text, /\b(?:past|to) (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) (?:in|on) the\b/i)) clause = { ...clause, text: clause.text.replace(spokenTime, (whole, minutes: string, side: string, hour: string, half: string, joint?: string) => { const whole12 = (hours.indexOf(hour.toLowerCase()) + 1) % 12 + (/^m/i.test(half) ? 0 : 12), past = { five: 5, ten: 10, quarter: 15, twenty: 20, 'twenty-five': 25, half: 30 }[minutes.toLowerCase()]!, total = whole12 * 60 + (/past/i.test(side) ? past : -past); return `${String(Math.floor(total / 60)).padStart(2, '0')}:${String(total % 60).padStart(2, '0')}${joint ? ' on' : ''}`.padEnd(whole.length); }) };
  // “4.42 in the afternoon”.
  clause = { ...clause, text: rewritten(clause.text, [/(?<![\d.:])(\d{1,2})[.:](\d{2}) in the (morning|afternoon|evening)\b/gi, (whole, hour: string, minute: string, part: string) => `${hour}:${minute}${/^m/i.test(part) || Number(hour) > 12 ? '' : 'pm'}${/^m/i.test(part) && Number(hour) < 13 ? 'am' : ''}`.padEnd(whole.length)]) };
  // “Five in the afternoon”.
  if (says(clause.text, /\bin the (?:morning|afternoon|evening)\b/i)) clause = { ...clause, text: rewritten(clause.text, [/(?<!\b(?:past|to|before|minutes?|half) )\b(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?=(?: o['’]clock)? in the (?:morning|afternoon|evening)\b)/gi, (word) => String(hours.indexOf(word.toLowerCase()) + 1).padStart(word.length)]) };
  // “Friday the 14th of May at 4 (that's pm!)”.
  clause = { ...clause, text: rewritten(clause.text, [/\bat ((?:1[0-2]|[1-9])(?:[:.]\d{2})?) \((?:that['’]s |that is |i\.e\. )?([ap])\.?m\b\.?[!)]{0,2}/gi, (whole, time: string, half: string) => `at ${time} ${half}m`.padEnd(whole.length)]) };
  // “9.00 on the morning of Monday 19th April”.
  clause = { ...clause, text: rewritten(clause.text, [/(\b\d{1,2}(?:[:.]\d{2})?) on the (morning|afternoon|evening) of(?= )/gi, (whole, time: string, part: string) => `${time}${/^m/i.test(part) ? ' am' : ' pm'} on`.padEnd(whole.length)]) };
  // “Until noon (UK time) on 30 June”: the zone is read apart.
  clause = { ...clause, text: rewritten(clause.text, [/(\b(?:noon|midday|midnight|\d{1,2}(?:[:.]\d\d)?(?: ?[ap]\.?m\.?)?)) \(?(?:[A-Z][\w ]{1,20} time|local time|UTC|GMT|BST|CES?T|[ECMP][SD]T)\)? on(?= \S)/g, (whole, time: string) => `${time} on`.padEnd(whole.length)]) };
  // “23:59 on the night of 12 March”; “half past four pm”; “12 March (wk 9) 5pm”, where a remark between the day and its time was blanked; “@ 5p”.
  clause = { ...clause, text: rewritten(clause.text, [/(\b(?:1[3-9]|2[0-3])[:.]\d{2}) (?:on|in) the (?:night|evening|afternoon) of(?= )/gi, (whole, time: string) => `${time} on`.padEnd(whole.length)], [/\b(half|quarter) (past|to) (one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) ?([ap])\.?m\b\.?/gi, (whole, minutes: string, side: string, hour: string, half: string) => { const quarter = /^q/i.test(minutes), past = /past/i.test(side), at = hours.indexOf(hour.toLowerCase()) + 1; return `${past ? at : (at + 10) % 12 + 1}:${quarter ? (past ? '15' : '45') : '30'} ${half}m`.padEnd(whole.length); }], [/(\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?(?:,? \d{1,2}(?:st|nd|rd|th)?)?(?:,? 20\d\d)?,?)( {4,})(at )?(?=\d{1,2}(?:[:.]\d\d)? ?[ap]\.?m\b|\d{1,2}[:.]\d\d\b)/gi, (_, date: string, gap: string, at = '') => `${date} at${' '.repeat(gap.length - 3 + (at as string).length)}`], [/@ (\d{1,2}(?:[:.]\d{2})?)([ap])(?= ?(?:$|[.,;)]))/gi, '@$1$2m']) };
  // “Noon (not midnight!)”.
  clause = { ...clause, text: rewritten(clause.text, [/(?:[(,–-]\s*(?:and )?| (?:and|but) )not (?:at )?(?:noon|midday|midnight|\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m)\b/gi, (s) => ' '.repeat(s.length)]) };
  // “8 in the evening rather than noon”.
  if (/\b(?:rather than|instead of)\b/i.test(clause.text)) clause = { ...clause, text: rewritten(clause.text, [/\b(?:rather than|instead of)(?: at)? (?:noon|midday|midnight|\d{1,2}[:.]\d{2}(?: ?[ap]m)?|\d{1,2} ?[ap]m)\b/gi, (s) => ' '.repeat(s.length)]) };
  found.push(...readWeekdaysOfMonth(clause, now, zone), ...readDaysOfWeek(clause, now, zone));
  if (!/\d/.test(clause.text) || !(says(clause.text, dateLike) || says(clause.text, shortDate))) return found;
  // Words that the date library would take for something else are blanked, lengths kept.
  // “Friday 5 March, 1700” has a time, not a year.
  const text = rewritten(clause.text, [/(?<=\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?,?\s+(?:\d{1,2}(?:st|nd|rd|th)?,?\s+)?)(?:0\d|1[0-8]|2[1-3])[0-5]\d\b/gi, '····'], [/\b(?:by|for) (?:an?|one|two|three|four|\d{1,2}) (?:weeks?|days?|hours?)(?= (?:to|until|till)\b)/gi, (s) => '·'.repeat(s.length)], [/\b(?:week|wk|day|session|unit) ?\d{1,2}\b(?!(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/gi, (s) => '·'.repeat(s.length)], [/(\d)\.(\d{2})(?=\s?[ap]m\b)/gi, '$1:$2'], [/(?<=\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*,? (?:20\d\d,? )?)([01]?\d|2[0-3])\.([0-5]\d)\b(?![.,]?\d)/gi, '$1:$2'], [/\b(\d{1,2})\.(\d{2})\s?h\b/g, '$1:$2 '], [/\b(\d{1,2})h(\d{2})\b/g, '$1:$2'], [/[–—]/g, '-'], [/\bSept\b\.?/g, (s) => s.slice(0, 3).padEnd(s.length)], [/\b([ap])\.m\.?/gi, (s, l: string) => `${l}m`.padEnd(s.length)], [/\b12 ?noon\b/gi, (s) => '12pm'.padEnd(s.length)], [/\bnoon\b/gi, '12pm']);
  const shift = clause.text.length - text.length;
  // “… 09:00 to 7 December …”: the day of the second date is no hour of the first.
  const source = rewritten((shift === 0 ? text : clause.text.replace(/\b12 ?noon\b/gi, (s) => '12pm'.padEnd(s.length)).replace(/\bnoon\b/gi, '12pm')), [/(\d(?:st|nd|rd|th|\s?[ap]m)?\s+|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?\s+)(to|until|till|through|-)(?=\s+(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?,?\s+)?(?:\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?[A-Z][a-z]{2}|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?\s+\d{1,2}\b))/gi, (_, time: string, word: string) => time + '|'.repeat(word.length)], [/((?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?,?\s+(?:\d{1,2}(?:st|nd|rd|th)?,?\s+)?(?:20\d\d,?\s+)?)(to|until|till)(?=\s+(?:\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]m)?|noon|midnight)\s+(?:on\s|(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\b))/gi, (_, date: string, word: string) => date + '|'.repeat(word.length)], [/(\b(?:changed|moved|postponed|brought forward) )(from \d{1,2}[:.]\d{2}(?: ?[ap]m)? to)(?= \d{1,2}[:.]\d{2})/gi, (_, word: string, old: string) => word + ' '.repeat(old.length)], [/\b24(?:[:.]00\b|(?= Uhr\b| ?h\b))/g, (s) => ' '.repeat(s.length)], [/(?<=\b\d{1,2} (?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?) +(?=\|)/gi, (s) => '·'.repeat(s.length)], [/\b(?:an?|per|each|every) (?:\w+ )?(?:day|week|hour)(?= (?:until|till|to|up to|from)\b)/gi, (s) => ' '.repeat(s.length)], [/\b(?:one|a|two|five|ten|\d{1,2})(?: minutes?)? (?:before|to) midnight\b/gi, (s) => ' '.repeat(s.length)]);
  const reference = { instant: now.toJSDate(), timezone: 0 };
  // “December 10” is a year to the library's British reading; where no numeric date is near, the American one takes the same dates.
  const monthFirst = says(source, /(?<!\b\d{1,2} )\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? +\d{1,2}\b(?!(?:st|nd|rd|th)|[:.]\d| +(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b)/i) && !/\d{1,2}[/.]\d{1,2}[/.]\d{2,4}/.test(source);
  for (const american of [order === 'month-day' || monthFirst]) {
    const parser = american ? dateParsers.american : dateParsers.british;
    let results: ParsedResult[] = [], /** where the time of the date before ends */ takenTo = 0;
    // “7 days late”, “1600 hrs” and “next Friday” are no calendar dates: a month's name or a written-out date has to be there.
    try { results = parser.parse(source, reference, { forwardDate: true }).filter((r) => r.start.isCertain('day') && r.start.isCertain('month') && /\d/.test(r.text) && says(r.text, /\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)|\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}/i)); } catch { /* the library gave up on it */ }
    for (const [index, r] of results.entries()) {
      const s = r.start;
      let start = clause.start + locate(clause.text, source, r.index);
      // “4-18 May 2027, 16:00”: the time is that of the last day.
      const last = r.end?.isCertain('day') === true && says(r.text, /^\D{0,6}\d{1,2}(?:st|nd|rd|th)?\s*(?:-|to|until|till)\s*(?:the )?\d{1,2}(?:st|nd|rd|th)?\s+(?:of )?[a-z]{3}/i) ? r.end : null;
      let [y, m, d] = last ? [last.get('year')!, last.get('month')!, last.get('day')!] : [s.get('year')!, s.get('month')!, s.get('day')!];
      const lastSign = clause.start + locate(clause.text, source, r.index + r.text.length), quoteEnd = lastSign + noonTail(clause.text, lastSign - clause.start);
      const quote = clause.text.slice(start - clause.start, quoteEnd - clause.start);
      let problem: ReadDate['problem'] = 'none';
      const numeric = firstIn(quote, /\b(\d{1,2})[/.-](\d{1,2})[/.-](?:\d{4}|\d{2})\b/);
      if (numeric && order === null && Number(numeric[1]) <= 12 && Number(numeric[2]) <= 12 && numeric[1] !== numeric[2]) problem = 'ambiguous';
      if (!s.isCertain('year')) { const next = DateTime.fromObject({ year: now.year, month: m, day: d }); /* “Due 18 December 2026. Nothing is accepted after 2 January.” */ y = next.isValid && (next.endOf('day') >= now || usualYear === now.year && next >= now.minus({ months: 7 })) ? now.year : now.year + 1; }
      // “Abstracts were due on 1 February”: the last one.
      if (!s.isCertain('year') && y > now.year && says(clause.text.slice(0, start - clause.start + (/^(?:on|by)\s+/i.exec(quote)?.[0].length ?? 0)), /\b(?:were|was) (?:already )?due\s*(?:on|by)?\s*(?:\w+day,?\s*)?(?:the )?$/i)) y = now.year;
      let date = DateTime.fromObject({ year: y, month: m, day: d });
      if (!date.isValid) continue;
      // “Friday in the week beginning 7 December”.
      const ofWeek = firstIn(clause.text.slice(0, start - clause.start + Math.max(0, quote.search(dayAndMonth))), dayOfItsWeek);
      if (ofWeek) { date = date.plus({ days: (weekdays.indexOf(ofWeek[1]!.toLowerCase()) + 8 - date.weekday) % 7 }); [y, m, d] = [date.year, date.month, date.day]; start = Math.min(start, clause.start + ofWeek.index); }
      // The one that belongs to it, not that of the date beside it.
      const own = firstIn(clause.text.slice(start - clause.start, quoteEnd - clause.start), dayOfWeek) ?? firstIn(clause.text.slice(Math.max(0, start - clause.start - 16), start - clause.start), /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun)(?:[a-z]*day|s|r|rs|nes)?\.?,?\s+(?:the\s+)?$/i);
      const weekday = ofWeek ? undefined : own?.[1] ?? firstIn(clause.text.slice(Math.max(0, start - clause.start - 14), quoteEnd - clause.start + 16).replace(/\n.*/s, (x) => x.slice(0, 1)), dayOfWeek)?.[1];
      if (weekday && problem === 'none') {
        const fits = (dt: DateTime): boolean => dt.setLocale('en').toFormat('ccc').toLowerCase() === weekday.toLowerCase();
        // In a list of dates of a term some lie behind us: the weekday says so.
        const past = s.isCertain('year') ? null : date.minus({ years: 1 });
        if (past && !fits(date) && fits(past) && past >= now.minus({ days: 45 })) { y = past.year; date = past; }
        if (!fits(date)) problem = 'weekday';
      } else if (weekday && problem === 'ambiguous') {
        const swapped = DateTime.fromObject({ year: y, month: d, day: m });
        const fits = [date, swapped].filter((dt) => dt.isValid && dt.setLocale('en').toFormat('ccc').toLowerCase() === weekday.toLowerCase());
        if (fits.length === 1) { problem = 'none'; [m, d] = [fits[0]!.month, fits[0]!.day]; }
      }
      const named = problem === 'ambiguous' ? ofMonth.find((w) => w.date.year === y && (w.date.month === m && w.date.day === d || w.date.month === d && w.date.day === m)) : undefined;
      if (named) { problem = 'none'; [m, d] = [named.date.month, named.date.day]; }
      // A time of day beyond the neighbouring dates belongs to them.
      const from = index > 0 ? Math.max(takenTo, locate(clause.text, source, results[index - 1]!.index + results[index - 1]!.text.length)) : 0, to = index + 1 < results.length ? locate(clause.text, source, results[index + 1]!.index) : clause.text.length;
      // “Open from Monday 3 May and will close at noon on Monday 17 May”: the time in between belongs to the second.
      const led = index + 1 < results.length ? firstIn(clause.text.slice(quoteEnd - clause.start, to), /\b(?:at|by|until|till) (?:(?:12[.:]00 )?noon|midnight|\d{1,2}[.:]\d{2}(?: ?[ap]m)?(?: noon)?|\d{1,2} ?[ap]m),? (?:on (?:the )?)?$/i) : null;
      const time = timeOf(s, clause.text, start - clause.start, quoteEnd - clause.start, from, led ? quoteEnd - clause.start + led.index : to);
      takenTo = time?.end ?? 0;
      found.push({ iso: isoOf(y, m, d, time, zone), start: Math.min(start, time?.start !== undefined ? clause.start + time.start : start), end: Math.max(quoteEnd, time?.end !== undefined ? clause.start + time.end : quoteEnd), problem });
    }
  }
  // “Opens on the 4th and closes on the 18th of May”, “4-18 May”: the first day is of the same month.
  for (const m of matchesIn(clause, /\b(?:the )?(\d{1,2})(?:st|nd|rd|th)?(?<!:\d\d)\s*(?:[-–—]|(?:to|and|until|till)\b)(?:\s+(?:will )?clos\w+ on)?\s*(?:the )?(\d{1,2})(?:st|nd|rd|th)?\s+(?:of\s+)?(?=(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/gi)) {
    const end = found.find((f) => f.problem === 'none' && f.start <= m.to && f.end > m.to - 2), day = Number(m[1]);
    if (!end || day < 1 || day >= Number(m[2]) || says(clause.text, /\b(?:moved|postponed|put back|pushed back|extended|changed|shifted)\b/i) || says(clause.text.slice(0, m.at - clause.start), /\b(?:papers?|parts?|essays?|assignments?|sheets?|tasks?|stages?|phases?|reports?|exercises?|milestones?|labs?|groups?|units?|no\.?|number)\s+$/i) || !says(clause.text.slice(0, m.at - clause.start), /\b(?:from|between|on|opens?|open|window|period|dates?|submissions?|available|upload)\b[^.;\d]{0,24}$|^\W*$|[:(]\s*$/i)) continue;
    const to = m.at + /^(?:the )?\d{1,2}(?:st|nd|rd|th)?/i.exec(m[0])![0].length;
    found.push({ iso: `${end.iso.slice(0, 8)}${String(day).padStart(2, '0')}`, start: m.at, end: to, problem: 'none' });
    if (end.start < to) end.start = m.to - m[2]!.length - (/(?:st|nd|rd|th)?\s+(?:of\s+)?$/i.exec(m[0])![0].length);
  }
  // “By 15/3 at 18h”: two figures are a date only behind a word that leads one in.
  for (const m of matchesIn(clause, /(?<=\b(?:by|on|until|till|due|before|deadline:?|when:)\s+(?:(?:our |the )?(?:class|lecture|lab|seminar|section)\s+(?:on\s+)?)?(?:(?:\w+day|mon|tues?|wed|thu|thurs?|fri|sat|sun)\.?,?\s+)?|^\W{0,3}(?:mon|tues?|wed|thu(?:rs)?|fri|sat|sun)(?:day)?\.?,?\s+|\b(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?(?:\s\(|\.?,?\s+)|^\W{0,3}(?:(?:first |rough |final |revised )?(?:draft|proposal|outline|final|paper|essay|report|presentation slides|due|deadline)):\s+)(\d{1,2})\/(\d{1,2})(?![/\d]|\.\d)\b/gi)) {
    const [a, b] = [Number(m[1]), Number(m[2])], byWeekday = weekdayOrder(clause.text.slice(0, m.at - clause.start), a, b, now), dayFirst = a > 12 ? true : b > 12 ? false : byWeekday ?? (order === null ? null : order === 'day-month'), [day, month] = dayFirst === false ? [b, a] : [a, b];
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

/** Whether “Mon 4/5” has its day first: what the weekday says, where it fits the coming date of one order only. */
function weekdayOrder(before: string, a: number, b: number, now: DateTime): boolean | null {
  const weekday = firstIn(before, /\b(mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?,?\s+\(?$/i)?.[1]?.toLowerCase();
  if (!weekday) return null;
  const fits = (day: number, month: number): boolean => [now.year, now.year + 1].map((year) => DateTime.fromObject({ year, month, day })).find((d) => d.isValid && d.endOf('day') >= now)?.setLocale('en').toFormat('ccc').toLowerCase() === weekday;
  const [dayFirst, monthFirst] = [fits(a, b), fits(b, a)];
  return dayFirst === monthFirst ? null : dayFirst;
}

function readWeekdaysOfMonth(clause: Clause, now: DateTime, zone: string | null): ReadDate[] {
  return weekdaysOfMonth(clause, now).map(({ date, at, to }) => {
    const time = timeOf(null, clause.text, at - clause.start, to - clause.start, 0, clause.text.length);
    return { iso: isoOf(date.year, date.month, date.day, time, zone), start: Math.min(at, clause.start + (time?.start ?? Infinity)), end: Math.max(to, clause.start + (time?.end ?? 0)), problem: 'none' };
  });
}

const dayName = '(?<name>mon|tue|wed|thu|fri|sat|sun)(?:s|nes|rs|ur)?(?:day)?', noMonth = String.raw`(?!\s*(?:of |at the end of )?\W{0,2}(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec|week|period|lecture|class|session|floor|edition))`;
const daysOfWeek = [new RegExp(`\\b${dayName}\\.?,? (?<day>\\d{1,2})(?:st|nd|rd|th)\\b${noMonth}`, 'gi'), new RegExp(`\\bthe (?<day>\\d{1,2})(?:st|nd|rd|th)(?: \\(|,? (?:which is |that is )?a |, )${dayName}\\b\\)?${noMonth}`, 'gi')];
/** “Friday 5th”, “the 12th (Friday)”: a day of the week and of the month, without a month, is the next that is both; none where that is months away. */
function readDaysOfWeek(clause: Clause, now: DateTime, zone: string | null): ReadDate[] {
  return daysOfWeek.flatMap((pattern) => [...matchesIn(clause, pattern)]).flatMap((m): ReadDate[] => {
    if (says(clause.text.slice(0, m.at - clause.start), /\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\W{0,3}$/i)) return [];
    const weekday = DateTime.fromFormat(m.groups!['name']!.slice(0, 3), 'ccc', { locale: 'en' }).weekday, day = Number(m.groups!['day']), today = now.startOf('day');
    const next = Array.from({ length: 100 }, (_, i) => today.plus({ days: i })).find((d) => d.day === day && d.weekday === weekday);
    if (!next) return [];
    const time = timeOf(null, clause.text, m.at - clause.start, m.to - clause.start, 0, clause.text.length);
    return [{ iso: isoOf(next.year, next.month, next.day, time, zone), start: Math.min(m.at, clause.start + (time?.start ?? Infinity)), end: Math.max(m.to, clause.start + (time?.end ?? 0)), problem: 'none' }];
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
function timeOf(parsed: ParsedResult['start'] | null, clause: string, from: number, to: number, least: number, most: number): TimeOfDay | null {
  const base = Math.max(least, from - 45, 0), around = { text: clause.slice(base, Math.min(most, to + (clause.includes('|') ? 90 : 40))), base };
  // “Five to midnight”.
  const shortly = firstIn(around.text, /(?<!\b(?:from|between) )\b(two|five|ten|fifteen|a quarter|twenty|half an hour|\d{1,2}(?= minutes?))(?: minutes?)? (?:before|to) (midnight|noon)\b/i), short = shortly ? { two: 2, five: 5, ten: 10, fifteen: 15, 'a quarter': 15, twenty: 20, 'half an hour': 30 }[shortly[1]!.toLowerCase()] ?? Number(shortly[1]) : 0;
  if (shortly && short > 0 && short < 60) return { hour: /^m/i.test(shortly[2]!) ? 23 : 11, minute: 60 - short, second: 0, nextDay: false, offset: null, start: around.base + shortly.index, end: around.base + shortly.index + shortly[0].length };
  const minute = firstIn(around.text, /\b(?:one|a|1) minute (?:before|to) midnight\b/i);
  if (minute) return { hour: 23, minute: 59, second: 0, nextDay: false, offset: null, start: around.base + minute.index, end: around.base + minute.index + minute[0].length };
  const midnight = /\bmidnight\b/i.exec(around.text);
  if (midnight && !/\d{1,2}[:.]\d{2}/.test(rewritten(around.text, [/\b(?:00[:.]00|12[:.]00\s?am|23[:.]59|24[:.]00)\b/i, '']))) return { hour: 0, minute: 0, second: 0, nextDay: true, offset: null, start: around.base + midnight.index, end: around.base + midnight.index + 8 };
  const spoken = firstIn(around.text, /\b(\d{1,2})(?::(\d{2}))?\s(?:o['’]clock\s)?in the (morning|afternoon|evening)\b/i);
  if (spoken) return { hour: (Number(spoken[1]) % 12) + (/morning/i.test(spoken[3]!) ? 0 : 12), minute: Number(spoken[2] ?? 0), second: 0, nextDay: false, offset: null, start: around.base + spoken.index, end: around.base + spoken.index + spoken[0].length };
  if (parsed?.isCertain('hour')) {
    const offset = parsed.isCertain('timezoneOffset') ? parsed.get('timezoneOffset') : null;
    return { hour: parsed.get('hour')!, minute: parsed.get('minute') ?? 0, second: parsed.isCertain('second') ? parsed.get('second') ?? 0 : 0, nextDay: false, offset };
  }
  // What follows the date at once is its time, even where another date's time stands before it.
  const at = Math.min(most, to), tail = clause.slice(at, Math.min(most, to + 30)), behind = firstIn(tail, /^[\s,]*[(–-]?\s*(?:at\s|by\s|um\s|kl\.?\s)?(?=\d|noon|midday)/i);
  if (behind && around.base < at && !parsed?.isCertain('hour')) { const own = timeOf(null, clause.slice(0, most), at + behind[0].length, at + behind[0].length, at + behind[0].length, Math.min(most, at + behind[0].length + 14)); if (own && own.start === at + behind[0].length) return own; }
  const noon = /\b(?:12 )?(?:noon|midday)\b/i.exec(around.text);
  if (noon) return { hour: 12, minute: 0, second: 0, nextDay: false, offset: null, start: around.base + noon.index, end: around.base + noon.index + noon[0].length };
  const clock = firstIn(around.text, /\b(\d{1,2})(?:[:.](\d{2}))?\s?([ap])\.?m\b\.?|\b([01]?\d|2[0-4])[:.]([0-5]\d)(?::[0-5]\d)?\s?(?:h|hrs|hours|o['’]clock|Uhr)?\b(?![./]\d)|\b([01]?\d|2[0-4])()\s?(?:Uhr|h)\b|\b([01]\d|2[0-3])([0-5]\d)\s?(?:h|hrs|hours)\b|(?<=(?:\)? (?:by|at|from|until|till|before)|@) ?)([01]\d|2[0-3])([0-5]\d)\b(?=\s*(?:$|[,.;)]|on\b))|(?<=\b(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.?,?\s+(?:\d{1,2}(?:st|nd|rd|th)?,?\s+)?)(0\d|1[0-8]|2[1-3])([0-5]\d)\b(?!\s?(?:words|pages))|(?<=\b20\d\d\s*,?\s+)([01]\d|2[0-3])([0-5]\d)(?= \(?(?:UTC|GMT|BST|CES?T|EES?T|IST|SGT|HKT|JST|KST|AE[SD]T|NZ[SD]T|[ECMP][SD]?T|AoE)\b)/i);
  const inWords = firstIn(around.text, /\b(one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) o['’]clock\b(?:\s(?:in the|at) (morning|afternoon|evening|night|noon))?/i);
  if (inWords && (inWords[2] || /twelve/i.test(inWords[1]!))) { const hour = hours.indexOf(inWords[1]!.toLowerCase()) + 1; return { hour: (hour % 12) + (/morning/i.test(inWords[2] ?? '') ? 0 : 12), minute: 0, second: 0, nextDay: false, offset: null, start: around.base + inWords.index, end: around.base + inWords.index + inWords[0].length }; }
  // “… on 24 May (not on the 25th, as printed), by noon.”
  const trailing = clock ? null : firstIn(clause.slice(Math.min(to, most)), /,\s*(?:both |all |still )?(?:by|at)\s+((?:12 )?noon|midday|\d{1,2}[:.]\d{2}|\d{1,2}\s?[ap]\.?m)\b\W*$/i);
  if (trailing && most === clause.length && parsed) { const at = Math.min(to, most) + trailing.index + trailing[0].indexOf(trailing[1]!); return timeOf(null, clause, at, at, at, clause.length); }
  if (!clock) return null;
  let hour = Number(clock[1] ?? clock[4] ?? clock[6] ?? clock[8] ?? clock[10] ?? clock[12] ?? clock[14]);
  if (clock[3]) hour = (hour % 12) + (clock[3].toLowerCase() === 'p' ? 12 : 0);
  const nextDay = hour === 24;
  return { hour: nextDay ? 0 : hour, minute: Number((clock[2] ?? clock[5] ?? clock[7] ?? clock[9] ?? clock[11] ?? clock[13] ?? clock[15]) || 0), second: 0, nextDay, offset: null, start: around.base + clock.index, end: around.base + clock.index + clock[0].length };
}

function isoOf(year: number, month: number, day: number, time: TimeOfDay | null, zone: string | null): string {
  const date = DateTime.fromObject({ year, month, day });
  if (!time) return date.toISODate()!;
  const named = zoneOf(zone), /* Irish, Indian and Israeli time are all called IST, and the date library knows one of them. */ offset = zone === 'IST' ? null : time.offset;
  const luxonZone = named ?? (offset !== null ? FixedOffsetZone.instance(offset).name : 'utc');
  let at = DateTime.fromObject({ year, month, day, hour: time.hour, minute: time.minute, second: time.second }, { zone: luxonZone });
  if (time.nextDay) at = at.plus({ days: 1 }).startOf('day');
  // A zone that no clock knows is as good as none.
  if (!at.isValid) at = DateTime.fromObject({ year, month, day, hour: time.hour, minute: time.minute, second: time.second }, { zone: 'utc' });
  const text = at.toISO({ suppressMilliseconds: true, includeOffset: true })!.replace(/Z$/, '+00:00');
  // Without a zone the offset is not known and is not made up.
  return named || offset !== null ? text : text.replace(/[+-]\d{2}:\d{2}$/, '');
}
