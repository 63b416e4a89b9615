import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** A row of times with a word before each for what it is: any word of the three kinds, however the row is written. Invented settings of a hand-in box. */
const opening = ['Starts', 'Start date', 'Opens', 'Open from', 'Available from', 'From', 'Begins', 'Box opens', 'Window opens', 'Release', 'Submission opens', 'Submissions allowed from', 'Visible from', 'First upload', 'Upload from'];
const closing = ['Ends', 'End date', 'Due', 'Due date', 'Deadline', 'Closes', 'Until', 'To', 'Closing date', 'Due by', 'Hand-in by', 'Submit by', 'Submission deadline', 'Upload until', 'On time until', 'Window closes', 'Finish'];
const last = [null, 'Cut-off', 'Cutoff', 'Late until', 'Late submissions until', 'Late work accepted until', 'Late deadline', 'Late box closes', 'Closed for good', 'Final cut-off', 'Accepted late until', 'Last date for late work', 'Late period ends', 'Lock date', 'Latest (with penalty)', 'Grace period until', 'Hard deadline', 'Late box stays open till'];
const written: [string, string, string][] = [['2.12.2026 08:00', '14.12.2026 14:00', '21.12.2026 14:00'], ['2 December 2026, 08:00', '14 December 2026, 14:00', '21 December 2026, 14:00'], ['Wed 2 Dec, 8am', 'Mon 14 Dec, 2pm', 'Mon 21 Dec, 2pm'], ['2026-12-02 08:00', '2026-12-14 14:00', '2026-12-21 14:00']];
const joined: [string, string][] = [['\n', ': '], ['; ', ' '], ['\n', '   '], [' – ', ' '], ['\n', '\t'], ['. ', ': ']];
const rows = Array.from({ length: 204 }, (_, i) => {
  const [o, d, l] = [opening[i % opening.length]!, closing[i % closing.length]!, last[i % last.length]!], dates = written[i % 4]!, [between, behind] = joined[Math.floor(i / 4) % 6]!;
  return [[[o, dates[0]], [d, dates[1]], ...(l === null ? [] : [[l, dates[2]]])].map((pair) => pair.join(behind)).join(between), l === null ? null : 7] as const;
});
// A dotted date that could be read month first says nothing alone: the other dates of its row tell.
test.each(rows)('%s', (text, days) => {
  const { opens, due, late, parts } = readBrief(text, '2026-11-28T10:00:00Z').brief;
  expect([opens, due, late.cutoffDays, parts]).toEqual(['2026-12-02T08:00:00', '2026-12-14T14:00:00', days, []]);
});
describe('hard negatives', () => {
  const times = (text: string): unknown[] => { const { opens, due, late, parts } = readBrief(text, '2026-11-28T10:00:00Z').brief; return [opens, due, late.cutoffDays, parts.length]; };
  test('windows of several parts stay apart', () => expect(times('Part A\nOpens: 2 December 2026\nDue: 9 December 2026\nPart B\nOpens: 10 December 2026\nDue: 17 December 2026')).toEqual([null, null, null, 2]));
  test('times out of their order are no row', () => expect(times('Closes: 2 December 2026\nOpens: 9 December 2026')[0]).not.toBe('2026-12-02'));
  test('two dates between “from” and “to”', () => { for (const t of ['Open from 13.11.2026 to 14.12.2026', 'Open 13/11/2026 - 14/12/2026', 'Submit between 13/11/2026 and 14/12/2026', 'Open from 13 November to 14 December']) expect([t, ...times(t)]).toEqual([t, '2026-11-13', '2026-12-14', null, 0]); });
});
/** The same in other languages; the translations are ours. */
const tongues: [string, string[], string[], (string | null)[], [string, string, string]][] = [
  ['German', ['Beginn', 'Abgabe ab', 'Öffnet', 'Freischaltung'], ['Ende', 'Abgabe bis', 'Schließt', 'Abgabefrist', 'Fällig am'], [null, 'Nachfrist bis', 'Verspätete Abgabe bis'], ['2.12.2026, 8 Uhr', '14.12.2026, 14 Uhr', '21.12.2026, 14 Uhr']],
  ['French', ['Ouverture', 'Dépôt à partir du', 'À partir du'], ['Fermeture', 'Date limite de dépôt', 'À rendre avant le'], [null, 'Dépôt tardif jusqu’au', 'Délai de grâce jusqu’au'], ['2 décembre 2026, 8h00', '14 décembre 2026, 14h00', '21 décembre 2026, 14h00']],
  ['Spanish', ['Apertura', 'Disponible desde el'], ['Cierre', 'Fecha límite', 'Entrega hasta'], [null, 'Entrega tardía hasta'], ['2 de diciembre de 2026, 8:00', '14 de diciembre de 2026, 14:00', '21 de diciembre de 2026, 14:00']],
  ['Italian', ['Apertura', 'Disponibile dal'], ['Scadenza', 'Consegna entro il'], [null, 'Consegne in ritardo fino al'], ['02/12/2026 08:00', '14/12/2026 14:00', '21/12/2026 14:00']],
  ['Dutch', ['Opent', 'Open vanaf'], ['Sluit', 'Inleveren tot'], [null, 'Te laat inleveren tot'], ['02-12-2026 08:00', '14-12-2026 14:00', '21-12-2026 14:00']],
  ['Portuguese', ['Abertura', 'Disponível a partir de'], ['Encerramento', 'Prazo de entrega'], [null, 'Entrega tardia até'], ['2 de dezembro de 2026, 8:00', '14 de dezembro de 2026, 14:00', '21 de dezembro de 2026, 14:00']],
];
test.each(tongues.flatMap(([tongue, opens, due, late, days]) => opens.flatMap((o) => due.flatMap((d) => late.map((l) => [tongue, [[o, days[0]], [d, days[1]], ...(l === null ? [] : [[l, days[2]]])].map((pair) => pair.join(': ')).join('\n'), l === null ? null : 7] as const)))))('%s: %s', (_tongue, text, days) => {
  const { opens, due, late, parts } = readBrief(text, '2026-11-28T10:00:00Z').brief;
  expect([opens, due, late.cutoffDays, parts]).toEqual(['2026-12-02T08:00:00', '2026-12-14T14:00:00', days, []]);
});
test.each([['Entrega: 14 de diciembre de 2026', '2026-12-14'], ['Fecha límite: 2 de septiembre de 2027 a las 14:00', '2027-09-02T14:00:00'], ['Prazo: 14 de dezembro de 2026', '2026-12-14'], ['Entrega: 14 de mayo de 2027', '2027-05-14'], ['Prazo: 9 de fevereiro de 2027', '2027-02-09']])('long names of months: %s', (text, due) => expect(readBrief(text, '2026-11-28T10:00:00Z').brief.due).toBe(due));
