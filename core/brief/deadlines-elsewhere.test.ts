import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** One deadline, put together from what leads it in, its day with and without weekday and year, and its hour, as six languages write them. Invented sentences. */
interface Tongue { leads: string[]; weekdays: string[]; day: string; years: string[]; hours: string[]; ends?: Record<string, string> }
const tongues: Record<string, Tongue> = {
  German: { leads: ['Abgabe am ', 'Abgabe: ', 'Abgabetermin: ', 'Abgabefrist: ', 'Die Arbeit ist bis ', 'Abzugeben bis zum ', 'Abgabe bis spätestens ', 'Bitte geben Sie die Arbeit bis zum ', 'Die Frist endet am '], weekdays: ['', 'Freitag, '], day: '11. Dezember', years: [' 2026', ''], hours: [' um 18 Uhr', ', 18:00 Uhr', ', 18 Uhr', ' (18 Uhr)'], ends: { 'Die Arbeit ist bis ': ' abzugeben.', 'Bitte geben Sie die Arbeit bis zum ': ' ab.' } },
  French: { leads: ['Date limite : ', 'À rendre le ', 'À remettre au plus tard le ', 'Remise : ', 'Le devoir est à rendre pour le ', 'Échéance : ', 'Dépôt avant le ', 'La date limite est le '], weekdays: ['', 'vendredi '], day: '11 décembre', years: [' 2026', ''], hours: [' à 18 h', ' à 18h00', ', 18 h', ' (18 h)', ' avant 18 h'] },
  Spanish: { leads: ['Fecha límite: ', 'Fecha de entrega: ', 'Entrega: ', 'El plazo termina el ', 'La fecha límite es el ', 'Se entrega hasta el ', 'El trabajo debe entregarse antes del '], weekdays: ['', 'viernes '], day: '11 de diciembre', years: [' de 2026', ''], hours: [' a las 18:00', ', 18:00 h', ' a las 18 h', ' (18:00)', ' a las 18 horas'] },
  Italian: { leads: ['Scadenza: ', 'Consegna: ', 'Da consegnare entro il ', 'La scadenza è il ', 'Consegna entro '], weekdays: ['', 'venerdì '], day: '11 dicembre', years: [' 2026', ''], hours: [' alle 18:00', ', ore 18:00', ', ore 18', ' alle ore 18', ' (ore 18:00)'] },
  Portuguese: { leads: ['Prazo: ', 'Data limite: ', 'Entrega até ', 'O prazo termina a ', 'Entregar até '], weekdays: ['', 'sexta-feira, '], day: '11 de dezembro', years: [' de 2026', ''], hours: [' às 18:00', ', 18h00', ' às 18h', ' (18:00)'] },
  Dutch: { leads: ['Deadline: ', 'Inleveren uiterlijk ', 'Inleverdatum: ', 'Uiterste inleverdatum: ', 'De deadline is '], weekdays: ['', 'vrijdag '], day: '11 december', years: [' 2026', ''], hours: [' om 18.00 uur', ', 18:00 uur', ' 18.00 uur', ' (18.00 uur)', ' om 18 uur'] },
};
describe.each(Object.entries(tongues))('deadlines in %s', (_, { leads, weekdays, day, years, hours, ends = {} }) => {
  test.each(leads.flatMap((lead) => weekdays.flatMap((weekday) => years.flatMap((year) => hours.map((hour) => `${lead}${weekday}${day}${year}${hour}${ends[lead] ?? '.'}`)))))('%s', (text) => {
    expect(readBrief(text, '2026-11-30T09:00:00Z').brief.due).toBe('2026-12-11T18:00:00');
  });
});
test.each<[string, string | null]>([
  ['El 12 de diciembre se celebra un seminario sobre el tema.', null], ['Le 12 décembre, la bibliothèque est fermée.', null], ['Am 12. Dezember ist die Bibliothek geschlossen.', null], ['La bibliothèque est ouverte du 30 novembre au 11 décembre 2026.', null], ['La biblioteca está abierta del 30 de noviembre al 11 de diciembre de 2026.', null],
  ['Chapters 3 and 4 (mars and venus) are read by all.', null],
])('%s', (text, due) => { expect(readBrief(text, '2026-11-30T09:00:00Z').brief.due).toBe(due); });

// A date in figures that can be read two ways: the language tells. Source: Unicode CLDR, numeric date patterns (from memory). Hard negative: an English text with a foreign title settles nothing.
test.each<[string, string | null]>([
  ['Le rapport est à remettre dans la boîte du cours pour la date limite : 11/12/2026 à 17:42. Vous devez le déposer en PDF et les annexes aussi.', '2026-12-11T17:42:00'], ['El trabajo se entrega en la carpeta del curso; la fecha límite es el 11/12/2026 a las 17:42. Los trabajos se suben en PDF.', '2026-12-11T17:42:00'],
  ['Het verslag lever je in op 11-12-2026 om 17.42 uur. Je moet het verslag op de pagina van het vak zetten en een kopie bewaren voor jezelf.', '2026-12-11T17:42:00'], ['The essay is due 11/12/2026 at 17:42 in the course El Mundo de los Mayas: Las ciudades del sur.', null],
])('%s', (text, due) => expect(readBrief(text, '2026-11-30T09:00:00Z').brief.due).toBe(due));
