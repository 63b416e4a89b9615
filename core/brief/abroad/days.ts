import { monthNames, shortMonths } from '../../tables/month-names.ts';
import type { Reading } from '../dated-rows.ts';
import type { Clause, Statement } from '../statements.ts';
import { hasConcepts, sentencesOf } from './read.ts';
import { dayRoles } from './rules.ts';
import { eachIn, firstIn } from '../../text/patterns.ts';

/** Days in sentences of other languages than English that no form known to the readers names: “Die Berichte müssen am Freitag, 18.12.2026, um 18 Uhr im Kursraum liegen.” */

const letters = 'A-Za-z\\u00c0-\\u024f';
const weekdays: readonly (readonly [said: string, english: string])[] = [
  ['montag|lundi|lunes|lunedì|segunda(?:-feira)?|maandag|måndag|mandag', 'Monday'], ['dienstag|mardi|martes|martedì|terça(?:-feira)?|dinsdag|tisdag|tirsdag', 'Tuesday'], ['mittwoch|mercredi|miércoles|mercoledì|quarta(?:-feira)?|woensdag|onsdag', 'Wednesday'], ['donnerstag|jeudi|jueves|giovedì|quinta(?:-feira)?|donderdag|torsdag', 'Thursday'],
  ['freitag|vendredi|viernes|venerdì|sexta(?:-feira)?|vrijdag|fredag', 'Friday'], ['samstag|sonnabend|samedi|sábado|sabato|zaterdag|lördag|lørdag', 'Saturday'], ['sonntag|dimanche|domingo|domenica|zondag|söndag|søndag', 'Sunday'],
];
const english = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
/** Names of months, those that are English as well among them: what stands around them is not. */
const months = [...monthNames.map(([pattern, name]) => [/\(\?:([^)]*)\)/.exec(pattern.source)![1]!, name] as const), ...shortMonths.map(([names, name]) => [`(?:${names})\\.?`, name] as const), ...english.map((name) => [name, name] as const), ['mars|marzo|março|maart|märz|marts', 'March'] as const];
const month = months.map(([said]) => said).join('|');
const weekday = `(?:(?:${weekdays.map(([said]) => said).join('|')}),?(?: (?:den|der|dem|le|el|il|o|dia|de))* )?`;
const day = new RegExp(`(?<![${letters}\\d.:/-])(?<weekday>${weekday})(?:(?<d>\\d{1,2})(?:\\.|er|º|°|:e)? ?(?:de |di |den |d')?(?<month>${month})(?![${letters}])(?:,? (?:de |del )?(?<y>20\\d\\d))?|(?<dd>\\d{1,2})(?<sep>[./-])(?<mm>\\d{1,2})\\k<sep>(?<yyyy>20\\d\\d))`, 'giu');
const clock = '(?<h>[01]?\\d|2[0-4])(?:[:.h](?<m>[0-5]\\d))?', unit = '(?:h(?:oras|eures)?|uhr|uur)';
/** The hour, behind the day or before it; a bare number needs a word before it or a unit behind. */
const behind = new RegExp(`^[,)]?[ \\u00a0]?(?:\\(?)(?:(?:um|bis|vor|spätestens|à|avant|au plus tard à|a las|antes de las|hasta las|alle(?: ore)?|ore|entro le(?: ore)?|prima delle|às|até às|antes das|om|vóór|voor|uiterlijk|kl\\.?|klockan|klokken|klokka|senast|før|innen)[ \\u00a0]?)(?:kl\\.?[ \\u00a0])?${clock}(?![\\d%]|[.,]\\d)|^[,)]?[ \\u00a0]?\\(?${clock.replaceAll('?<h>', '?<h2>').replaceAll('?<m>', '?<m2>')}[ \\u00a0]?${unit}(?![${letters}])|^[,)]?[ \\u00a0]?\\(?(?<h3>[01]?\\d|2[0-4])[:.](?<m3>[0-5]\\d)(?![\\d.])`, 'i');
const before = new RegExp(`(?:um|bis|vor|avant|à|a las|antes de las|alle|entro le|prima delle|às|até às|om|vóór|kl\\.?|før|innan|innen)[ \\u00a0]${clock}(?:[ \\u00a0]?${unit})?[ \\u00a0](?:am|le|del?|del día|di|do dia|de|op|den|van|dell')?[ \\u00a0]?(?:le |el |il )?$`, 'i');

interface Found { iso: string; start: number; end: number; sentence: { text: string; start: number } }

function daysOf(clause: Clause, { text, read }: Reading): Found[] {
  return sentencesOf(clause, text).flatMap((sentence): Found[] => [...eachIn(sentence.text, day)].flatMap((m): Found[] => {
    const g = m.groups!, at = months.find(([said]) => g['month'] !== undefined && new RegExp(`^(?:${said})$`, 'iu').test(g['month'])), name = at?.[1] ?? english[Number(g['mm']) - 1], year = g['y'] ?? g['yyyy'];
    if (!name) return [];
    const said = weekdays.find(([words]) => new RegExp(`(?<![${letters}])(?:${words})(?![${letters}])`, 'iu').test(g['weekday'] ?? ''))?.[1], rest = sentence.text.slice(m.index + m[0].length), b = firstIn(rest, behind)?.groups, a = firstIn(sentence.text.slice(0, m.index), before)?.groups;
    const hour = b?.['h'] ?? b?.['h2'] ?? b?.['h3'] ?? a?.['h'], minute = b?.['m'] ?? b?.['m2'] ?? b?.['m3'] ?? a?.['m'] ?? '00';
    const whole = read(`${said ? `${said} ` : ''}${g['d'] ?? g['dd']} ${name}${year ? ` ${year}` : ''}${hour ? `, ${hour.padStart(2, '0')}:${minute}` : ''}`);
    return whole ? [{ iso: whole.iso, start: sentence.start + m.index, end: sentence.start + m.index + m[0].length, sentence: { start: sentence.start, text: `${sentence.text.slice(0, m.index)}${'#'.repeat(m[0].length)}${rest}`.replace(/\([^()]*\)/g, ' ') } }] : [];
  }));
}

/** Days on which something is due, and on which it opens, by what their sentences say. */
export function daysAbroad(reading: Reading): { due: Statement<string>[]; opens: Statement<string>[] } {
  const all = reading.clauses.filter((c) => !c.asks).flatMap((c) => daysOf(c, reading)), of = (role: keyof typeof dayRoles): Statement<string>[] => all.filter(({ sentence }, _, each) => each.filter((o) => o.sentence.start === sentence.start).length === 1 && dayRoles[role].some(({ all: wanted, none }) => hasConcepts(sentence.text, reading.text, wanted, none))).map(({ iso, start, end }) => ({ value: iso, start, end }));
  const opens = of('opens');
  return { opens, due: of('due').filter((d) => !opens.some((o) => o.start === d.start)) };
}
