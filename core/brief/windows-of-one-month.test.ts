import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const now = '2026-11-30T09:00:00Z';
const window = (text: string): [string | null, string | null] => { const { opens, due } = readBrief(text, now).brief; return [opens, due]; };

/** By language: two days of one month, sentences that hand something in then, and one in which something else is closed. */
const languages: Record<string, { days: string[]; said: string[]; other: string }> = {
  German: { days: ['zwischen dem 7. und dem 18. Juni 2027', 'vom 7. bis zum 18. Juni 2027', 'im Zeitraum 7.–18. Juni 2027'], said: ['Das Portfolio ist # einzureichen.', 'Die Abgabe ist # möglich.', 'Abgabe: #', 'Bitte reichen Sie die Arbeit # ein.'], other: 'Die Bibliothek ist # geschlossen.' },
  French: { days: ['entre le 7 et le 18 juin 2027', 'du 7 au 18 juin 2027', '7-18 juin 2027'], said: ['Le mémoire est à déposer #.', 'Dépôt : #', 'Vous déposerez le dossier #.', 'Le rapport doit être remis #.'], other: 'La bibliothèque est fermée #.' },
  Spanish: { days: ['entre el 7 y el 18 de junio de 2027', 'del 7 al 18 de junio de 2027'], said: ['El trabajo se entregará #.', 'La entrega será #.', 'Plazo de entrega: #'], other: 'La biblioteca estará cerrada #.' },
  Italian: { days: ['tra il 7 e il 18 giugno 2027', 'dal 7 al 18 giugno 2027'], said: ['La consegna va fatta #.', 'L\'elaborato va consegnato #.', 'Consegna: #'], other: 'La biblioteca è chiusa #.' },
  Portuguese: { days: ['entre 7 e 18 de junho de 2027', 'de 7 a 18 de junho de 2027', 'entre os dias 7 e 18 de junho de 2027'], said: ['O trabalho deve ser entregue #.', 'Entrega: #'], other: 'A biblioteca está fechada #.' },
  Dutch: { days: ['tussen 7 en 18 juni 2027', 'van 7 tot en met 18 juni 2027', 'in de periode 7–18 juni 2027'], said: ['De opdracht wordt ingeleverd #.', 'Lever het verslag # in.', 'Inleveren: #'], other: 'De bibliotheek is # gesloten.' },
  Swedish: { days: ['mellan den 7 och den 18 juni 2027', '7–18 juni 2027'], said: ['Uppgiften lämnas in #.', 'Inlämning: #'], other: 'Biblioteket är stängt #.' },
  Norwegian: { days: ['mellom 7. og 18. juni 2027', 'fra 7. til 18. juni 2027', 'i perioden 7.–18. juni 2027'], said: ['Oppgaven leveres #.', 'Innlevering: #'], other: 'Biblioteket er stengt #.' },
  Danish: { days: ['mellem den 7. og den 18. juni 2027', 'fra den 7. til den 18. juni 2027'], said: ['Opgaven afleveres #.', 'Aflevering: #'], other: 'Biblioteket er lukket #.' },
};

describe.each(Object.entries(languages))('two days of one month, in %s', (_, { days, said, other }) => {
  test.each(days.flatMap((day) => said.map((sentence) => sentence.replace('#', day))))('%s', (sentence) => {
    expect(window(sentence)).toEqual(['2027-06-07', '2027-06-18']);
  });
  test.each(days.map((day) => other.replace('#', day)))('%s', (sentence) => {
    expect(window(sentence)).toEqual([null, null]);
  });
});

describe('the hour of the last day', () => {
  test.each([
    ['Submit between 7 and 18 June 2027; the page closes at 14:00 on the last day.', '14:00'], ['Entrega entre el 7 y el 18 de junio de 2027; la aplicación se cierra a las 14:00 h del último día.', '14:00'],
    ['Abgabe zwischen dem 7. und 18. Juni 2027; am letzten Tag schließt der Ordner um 14 Uhr.', '14:00'], ['Dépôt du 7 au 18 juin 2027 ; la plateforme ferme à 14 h le dernier jour.', '14:00'],
    ['Consegna dal 7 al 18 giugno 2027; la cartella si chiude alle 12.30 dell\'ultimo giorno.', '12:30'], ['Entrega de 7 a 18 de junho de 2027; a pasta fecha às 17h do último dia.', '17:00'],
    ['Inleveren van 7 t/m 18 juni 2027; de map sluit op de laatste dag om 17.00 uur.', '17:00'], ['Inlämning 7–18 juni 2027; mappen stänger kl. 16.00 sista dagen.', '16:00'], ['Aflevering 7.–18. juni 2027; mappen lukker kl. 12 den sidste dag.', '12:00'],
  ])('%s', (text, hour) => { expect(window(text)).toEqual(['2027-06-07', `2027-06-18T${hour}:00`]); });
});

describe('a day of a week, and a day of a month that stands elsewhere', () => {
  test.each<[string, string | null, string | null]>([
    ['Hand in by Friday in the week beginning 7 December, 5 pm.', null, '2026-12-11T17:00:00'], ['Submit by noon on the Thursday of the week of 7 December.', null, '2026-12-10T12:00:00'], ['Essays are due on the Friday of the week commencing Monday 7 December 2026 at 16:00.', null, '2026-12-11T16:00:00'],
    ['Deadline: Friday 11 December (week of 7 December), noon', null, '2026-12-11T12:00:00'], ['Due before your lab session (week of Nov 30), or by Dec 4 at 5 PM at the latest.', null, '2026-12-04T17:00:00'],
    ['Due in the week of 7 December.', null, null], ['Due before your next lab session (week of Nov 30).', null, null],
    ['Essay 2 is due on Wednesday 16 December, 3 pm. The page will be up from the 9th.', '2026-12-09', '2026-12-16T15:00:00'], ['It can be uploaded from the 9th. The essay is due on 16 December 2026, 3 pm.', '2026-12-09', '2026-12-16T15:00:00'], ['Essay due 4 December, 3 pm. The box opens on the 28th.', '2026-11-28', '2026-12-04T15:00:00'],
    ['Essay due 16 December, 3 pm. The lecture on the 9th is cancelled.', null, '2026-12-16T15:00:00'], ['Essay due 16 December, 3 pm. My comments are available from the 9th.', null, '2026-12-16T15:00:00'],
    ['The essay is due on Christmas Eve at noon.', null, '2026-12-24T12:00:00'], ['Submit by New Year’s Eve, 11:59 pm.', null, '2026-12-31T23:59:00'], ['The office is closed from Christmas Eve until New Year’s Day. Deadline: 8 January 2027.', null, '2027-01-08'],
    ['Due 30 July 2027, 8 pm local time (Bergen, Norway).', null, '2027-07-30T20:00:00+02:00'],
  ])('%s', (text, opens, due) => { expect(window(text)).toEqual([opens, due]); });
});

describe('the last day of late work', () => {
  test.each<[string, number | null]>([
    ['Due 18 December 2026. Nothing is accepted after 2 January.', 15], ['Due 18 December 2026, noon. From Christmas Eve I won’t take anything.', 5], ['Due 18 December 2026. Nothing is accepted after 22 December.', 4],
    ['Work received after the closing time and within 7 days shall be subject to a deduction of 5 marks per day. Work received thereafter shall not be marked.', 7], ['Essays submitted later than the deadline but within five working days lose 5% per day. Later essays are not accepted.', 5], ['Essays received after the deadline lose 5% per day.', null],
  ])('%s', (text, days) => { expect(readBrief(text, now).brief.late.cutoffDays).toBe(days); });
});

describe('in other words', () => {
  const said = (text: string): unknown => { const { naming, anonymous, attempts, place } = readBrief(text, now).brief; return { required: naming.mustContain, none: naming.mustNotIdentify, anonymous, ...attempts, place }; };
  test.each<[string, object]>([
    ['Name? Just your exam number + _report / _script. No surnames!!', { required: ['candidateNumber'], none: true }], ['File name: exam number. Not your surname!', { required: ['candidateNumber'], none: true }], ['Name? Only on the cover sheet.', { required: [], none: null }], ['Call the file Name_Essay.pdf. No title page.', { none: null }],
    ['Your name must not show up anywhere, including document properties.', { anonymous: true }], ['The author’s name may not turn up anywhere in the document.', { anonymous: true }], ['Your name must not show up late on the list.', { anonymous: null }],
    ['How many times can we upload? Twice. Which one is marked? The second, of course.', { allowed: 2, keeps: 'latest' }], ['Which of them do you read? Always the last.', { keeps: 'latest' }], ['Which one is marked? The first of the two.', { keeps: null }], ['There are two essays. Which one counts more? The second.', { keeps: null }], ['Which one is read? The second marker decides.', { keeps: null }],
    ['Sie können Ihre Arbeit bis zum Ende der Frist beliebig oft neu hochladen, es zählt die letzte Fassung.', { allowed: 'unlimited', keeps: 'latest' }],
    ['Submission: online, via the Assessment tab > "Portfolio 2027"', { place: 'Portfolio 2027' }], ['Hand in via the module page, tab Assessment, “Essay 2”', { place: 'Essay 2' }], ['The slides are in the Materials tab > "Week 3".', { place: null }],
    ['El trabajo se entrega en el aula virtual, apartado «Depósito TFG».', { place: 'Depósito TFG' }], ['Abgabe im Kursraum, Rubrik „Abgaben“.', { place: 'Abgaben' }], ['Inlämning på kurssidan, fliken ”Inlämningar”.', { place: 'Inlämningar' }], ['Las diapositivas están en el aula virtual, apartado «Materiales».', { place: null }],
  ])('%s', (text, wanted) => { expect(said(text)).toMatchObject(wanted); });
});

describe('each its own day, in other languages', () => {
  test.each<[string, string | null, string | null]>([
    ['Mappen öppnar måndag den 7 december kl. 08.00 och stänger fredag den 11 december kl. 16.00.', '2026-12-07T08:00:00', '2026-12-11T16:00:00'], ['Mappen åbner mandag den 14. december 2026 kl. 8 og lukker fredag den 18. december 2026 kl. 12.', '2026-12-14T08:00:00', '2026-12-18T12:00:00'],
    ['Der Ordner öffnet am 1. März 2027 um 8 Uhr und schließt am 12. März 2027 um 12 Uhr.', '2027-03-01T08:00:00', '2027-03-12T12:00:00'], ['Le dépôt ouvre le lundi 18 janvier 2027 à 8 h et ferme le vendredi 22 janvier 2027 à 17 h.', '2027-01-18T08:00:00', '2027-01-22T17:00:00'],
    ['La carpeta se abre el 11 de enero de 2027 y se cierra el 15 de enero de 2027 a las 18:00.', '2027-01-11', '2027-01-15T18:00:00'], ['La cartella si apre l’11 gennaio 2027 e si chiude il 15 gennaio 2027 alle 18.', '2027-01-11', '2027-01-15T18:00:00'],
    ['A pasta abre a 11 de janeiro de 2027 e fecha a 22 de janeiro de 2027 às 23h59.', '2027-01-11', '2027-01-22T23:59:00'], ['De map opent op 14 januari 2027 en sluit op 28 januari 2027 om 17.00 uur.', '2027-01-14', '2027-01-28T17:00:00'], ['Mappen åpner 14. januar 2027 og stenger 28. januar 2027 kl. 12.', '2027-01-14', '2027-01-28T12:00:00'],
    ['Consegna entro il 15 gennaio 2027. La cartella sarà aperta dall’11 gennaio.', '2027-01-11', '2027-01-15'], ['Ouverture du dépôt : lundi 18 janvier 2027, 8 h.', '2027-01-18T08:00:00', null], ['Abgabeort: Lernraum, Ordner „Hausarbeiten“ (geöffnet ab 01.03.2027)', '2027-03-01', null], ['As submissões abrem a 11 de janeiro de 2027.', '2027-01-11', null],
    ['La biblioteca apre il 18 gennaio 2027.', null, null], ['Ouverture le 18 janvier 2027 de la bibliothèque.', null, null], ['Le secrétariat ouvre le 18 janvier 2027.', null, null], ['La exposición está abierta del 7 al 18 de junio.', null, null],
  ])('%s', (text, opens, due) => { expect(window(text)).toEqual([opens, due]); });
});
