import { describe, expect, test } from '@jest/globals';
import { readBrief } from '../brief/read.ts';
import { readFields } from './fields.ts';

/** By language: a day with its hour, and sentences that say of a work that it arrived then. */
const languages: Record<string, [day: string, sentences: string[]]> = {
  German: ['18.12.2026 um 11:52 Uhr', ['Ihre Arbeit ist am # bei uns eingegangen.', 'Ihr Upload vom # war erfolgreich.', 'Die Datei ist am # angekommen.', 'Ihre Abgabe vom # liegt uns vor.', 'Wir bestätigen den Eingang Ihrer Arbeit am #.', 'Die Abgabe erfolgte am #.', 'Wir haben Ihre Datei am # entgegengenommen.', 'Sie haben am # abgegeben.']],
  French: ['18/12/2026 à 11h52', ['Votre devoir nous est bien parvenu le #.', 'Votre copie a été remise le #.', 'Le fichier a été transmis le #.', 'Votre dépôt du # est enregistré.', 'Le dépôt a eu lieu le #.', 'Vous avez déposé votre devoir le #.', 'Date et heure du dépôt : #']],
  Spanish: ['18/12/2026 a las 11:52', ['Su trabajo llegó el #.', 'Usted entregó el trabajo el #.', 'El archivo se ha subido el #.', 'Confirmamos la recepción de su trabajo el #.', 'La entrega se realizó el #.', 'Ha enviado su trabajo el #.']],
  Italian: ['18/12/2026 alle 11:52', ['Il file è pervenuto il #.', 'Hai consegnato il #.', 'La relazione è stata depositata il #.', 'Confermiamo la ricezione del file il #.', 'La consegna è avvenuta il #.']],
  Portuguese: ['18/12/2026 às 11h52', ['O ficheiro chegou a #.', 'O trabalho foi carregado em #.', 'Confirmamos a receção do seu trabalho em #.', 'A entrega foi feita em #.', 'Submeteu o trabalho em #.']],
  Dutch: ['18-12-2026 om 11:52 uur', ['Je bestand is op # binnengekomen.', 'Je hebt op # ingeleverd.', 'Het verslag is op # aangeleverd.', 'Wij bevestigen de ontvangst van je werk op #.', 'De inlevering vond plaats op #.']],
  Swedish: ['den 18 december 2026 kl. 11.52', ['Din uppgift lämnades in #.', 'Ditt bidrag kom in #.', 'Vi bekräftar att vi tog emot din fil #.', 'Inlämningen gjordes #.', 'Du lämnade in #.']],
  Danish: ['den 18. december 2026 kl. 11.52', ['Vi modtog din fil #.', 'Din opgave blev afleveret #.', 'Afleveringen skete #.', 'Du afleverede #.', 'Vi bekræfter modtagelsen af din opgave #.']],
  Norwegian: ['18. desember 2026 kl. 11.52', ['Vi mottok filen din #.', 'Besvarelsen kom inn #.', 'Du leverte #.', 'Innleveringen skjedde #.', 'Vi bekrefter at vi har mottatt besvarelsen #.']],
};
/** Sentences about another day. */
const others: [string, string][] = [['German', 'Die Abgabefrist endet am #.'], ['French', 'La date limite est le #.'], ['Spanish', 'El plazo termina el #.'], ['Italian', 'La scadenza è il #.'], ['Portuguese', 'O prazo termina em #.'], ['Dutch', 'De deadline is #.'], ['Swedish', 'Sista dag är #.'], ['Danish', 'Fristen er #.'], ['Norwegian', 'Fristen er #.']];
const received = (line: string): string | null => readFields(`Ref: 55-77\n${line}\n104422.pdf (3,4 MB)`, [], null, '2027-07-01T09:00:00Z').fields.receivedAt;

describe.each(Object.entries(languages))('in %s', (_, [day, sentences]) => {
  test.each(sentences.map((sentence) => sentence.replace('#', day)))('%s', (line) => { expect(received(line)).toBe('2026-12-18T11:52:00'); });
});
test.each(others.map(([language, sentence]) => sentence.replace('#', languages[language]![0])))('another day: %s', (line) => { expect(received(line)).toBeNull(); });

describe('an hour and its minutes with a word in between, and a word that looks like a zone', () => {
  test.each<[string, string]>([
    ['Eingang: 18. Dezember 2026, 11 Uhr 52', '2026-12-18T11:52:00'], ['Reçu le 18 décembre 2026 à 11 heures 52', '2026-12-18T11:52:00'], ['Received 18 Dec 2026 11:52 EST', '2026-12-18T11:52:00-05:00'], ['received 18 dec 2026 11:52 est', '2026-12-18T11:52:00-05:00'],
  ])('receipt: %s', (line, instant) => { expect(received(line)).toBe(instant); });
  test.each<[string, string]>([
    ['Abgabe bis 18. Dezember 2026, 11 Uhr 30.', '2026-12-18T11:30:00'], ['À rendre avant le 18 décembre 2026 à 23 heures 59.', '2026-12-18T23:59:00'], ['Le fichier est à rendre avant le 18/12/2026 à 11h52 est une limite.', '2026-12-18T11:52:00'], ['Due 18 Dec 2026 11:52 est', '2026-12-18T11:52:00-05:00'],
  ])('wording: %s', (text, instant) => { expect(readBrief(text, '2026-11-30T09:00:00Z').brief.due).toBe(instant); });
});
