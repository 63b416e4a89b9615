import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Days with an hour behind them, as announcements put it in other languages; the sentences are ours. */
const tongues: [tongue: string, heading: string, beside: string, sentences: string[]][] = [
  ['German', 'Projektbericht', 'Format: PDF. Die Korrektur erfolgt anonym.', ['Bitte denken Sie daran, dass der Projektbericht am Freitag, dem 18. Dezember 2026, bis 18 Uhr hochgeladen sein muss.', 'Abgabe am 18. Dezember 2026 bis 18 Uhr.', 'Die Arbeit muss am 18. Dezember 2026 um 18 Uhr im Kursraum liegen.', 'Denken Sie daran, dass wir Ihre Arbeit am 18. Dezember 2026, 18 Uhr, brauchen.']],
  ['French', 'Mémoire', 'Format : PDF. La correction est anonyme.', ['Le mémoire doit être déposé le vendredi 18 décembre 2026 avant 18 h.', 'N’oubliez pas que le mémoire doit être remis le 18 décembre 2026 à 18 h au plus tard.', 'Le mémoire est à rendre le 18 décembre 2026, 18 h au plus tard.']],
  ['Spanish', 'Trabajo final', 'Formato: PDF. La corrección es anónima.', ['Recuerden que el trabajo tiene que subirse el 18 de diciembre de 2026 hasta las 18:00.', 'El trabajo se entrega el viernes 18 de diciembre de 2026, como tarde a las 18:00.']],
  ['Italian', 'Relazione', 'Formato: PDF. La correzione è anonima.', ['La relazione va consegnata venerdì 18 dicembre 2026 entro le ore 18.', 'La relazione va consegnata il 18 dicembre 2026 entro le 18.', 'La relazione va consegnata entro le ore 18 di venerdì 18 dicembre 2026.', 'Ricordate che la relazione deve essere caricata il 18 dicembre 2026 prima delle 18.']],
  ['Portuguese', 'Relatório', 'Formato: PDF. A correção é anónima.', ['O relatório deve ser entregue na sexta-feira, 18 de dezembro de 2026, até às 18h.']],
  ['Dutch', 'Verslag', 'Formaat: PDF. De beoordeling is anoniem.', ['Het verslag moet op vrijdag 18 december 2026 vóór 18.00 uur zijn ingeleverd.', 'Denk eraan dat het verslag op 18 december 2026 om 18.00 uur binnen moet zijn.']],
  ['Swedish', 'Rapport', 'Format: PDF. Bedömningen är anonym.', ['Rapporten ska lämnas in fredagen den 18 december 2026 senast kl. 18.', 'Rapporten ska lämnas in senast fredagen den 18 december 2026 kl. 18.']],
  // A month whose name is English as well, with the stop of a Danish day.
  ['Danish', 'Rapport', 'Format: PDF. Bedømmelsen er anonym.', ['Rapporten skal afleveres fredag den 18. december 2026 inden kl. 18.', 'Rapporten skal afleveres senest fredag den 18. december 2026 kl. 18.', 'Aflevering senest fredag den 18. december 2026 kl. 18.', 'Opgaven skal være afleveret senest 18. december 2026 kl. 18.', 'Rapporten skal afleveres 18. december 2026 kl. 18:00.']],
  ['Norwegian', 'Rapport', 'Format: PDF. Sensuren er anonym.', ['Rapporten skal leveres fredag 18. desember 2026 innen kl. 18.', 'Rapporten må være levert innen fredag 18. desember 2026 kl. 18.', 'Rapporten skal leveres senest fredag 18. desember 2026 kl. 18.']],
];
describe.each(tongues)('%s', (_, heading, beside, sentences) => {
  test.each(sentences)('%s', (said) => expect([`${heading}\n\n${said}\n${beside}`, `${heading}\n\n${beside} ${said}`].map((text) => readBrief(text, '2026-11-20T09:00:00Z').brief.due)).toEqual(['2026-12-18T18:00:00', '2026-12-18T18:00:00']));
});
test.each([
  ['a lecture that ends at an hour', 'Die Vorlesung findet am 18. Dezember 2026 von 16 bis 18 Uhr statt. Abgabe der Hausarbeit bis 20. Dezember 2026.', '2026-12-20'],
  ['a seminar at an hour', 'Lezione: 18 dicembre 2026, ore 18. La relazione va consegnata entro il 20 dicembre 2026.', '2026-12-20'],
])('hard negative: %s', (_, text, due) => expect(readBrief(text, '2026-11-20T09:00:00Z').brief.due).toBe(due));
test('a mail with its last day for late work', () => {
  const { due, late } = readBrief('Erinnerung: Projektbericht „Werkstoffprüfung“\n\nLiebe Studierende,\nbitte denken Sie daran, dass der Projektbericht am Freitag, dem 18. Dezember 2026, bis 18 Uhr hochgeladen sein muss. Pro Tag Verspätung werden 5 Punkte abgezogen; nach dem 22. Dezember wird nichts mehr angenommen.', '2026-11-30T09:00:00Z').brief;
  expect([due, late.percentPerDay, late.cutoffDays]).toEqual(['2026-12-18T18:00:00', 5, 4]);
});
