import { describe, expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { rowsOf } from './rows.ts';
import { readStatus } from './status.ts';
import { receiptToText } from './to-text.ts';

/** Receipts in other languages: number, time, file and size in ordinary ways of saying them, and what became of the hand-in. Made up; the translations are ours. */
type Ways = { id: string[]; at: string[]; fn: string[]; by: string[] };
const file = 'Hausarbeit_4711.pdf';
const ways: Record<string, Ways> = {
 de: { id: ['Vorgangsnummer: 90321', 'Belegnummer: 90321', 'Quittungsnummer: 90321', 'Ihre Referenznummer lautet 90321.', 'Abgabe-ID: 90321', 'Bestätigungsnummer: 90321', 'Einreichungsnummer: 90321', 'Transaktionsnummer: 90321', 'Kennung: 90321', 'Beleg Nr. 90321', 'Aktenzeichen: 90321', 'Ticketnummer: 90321', 'Upload-ID: 90321', 'Ihre Abgabe hat die Nummer 90321.'],
   at: ['Eingegangen am 15.03.2027 um 16:40 Uhr', 'Eingang: 15.03.2027, 16:40', 'Eingereicht am: 15.03.2027 16:40 Uhr', 'Abgegeben am 15. März 2027, 16.40 Uhr', 'Hochgeladen am 15.3.2027 um 16:40 Uhr', 'Zeitpunkt der Abgabe: 15.03.2027 16:40', 'Abgabezeitpunkt: 15.03.2027, 16:40 Uhr', 'Empfangen: 15. März 2027 16:40', 'Eingangsdatum: 15.03.2027, 16:40:00', 'Ihre Arbeit ist am 15.03.2027 um 16:40 Uhr bei uns eingegangen.', 'Datum: 15.03.2027, Uhrzeit: 16:40', 'Zeitstempel: 2027-03-15 16:40', 'Abgabedatum: Montag, 15. März 2027, 16:40 Uhr', 'Wir haben Ihre Abgabe am 15.03.2027 um 16:40 Uhr erhalten.'],
   fn: ['Datei: F', 'Dateiname: F', 'Hochgeladene Datei: F', 'Ihre Datei: F', 'Dokument: F', 'Die Datei „F“ wurde gespeichert.', 'Anhang: F', 'Name der Datei: F', 'Dateien: F'], by: ['Größe: 123.456 Bytes', 'Dateigröße: 123456 Byte', 'Dateigröße: 123.456 B', 'Umfang: 123456 Bytes', 'Größe der Datei: 123 456 Bytes'] },
 fr: { id: ['Numéro de dépôt : 90321', 'Numéro de reçu : 90321', 'Accusé de réception n° 90321', 'Référence : 90321', 'Numéro de référence : 90321', 'Identifiant du dépôt : 90321', 'N° de confirmation : 90321', 'Numéro de dossier : 90321', 'Votre dépôt porte le numéro 90321.', 'Reçu nº 90321'],
   at: ['Déposé le 15/03/2027 à 16h40', 'Reçu le : 15/03/2027 16:40', 'Date de dépôt : 15 mars 2027 à 16:40', 'Date et heure : 15/03/2027 16:40', 'Envoyé le 15 mars 2027 à 16 h 40', 'Heure de réception : 15/03/2027 16:40', 'Votre fichier a été reçu le 15 mars 2027 à 16h40.', 'Remis le lundi 15 mars 2027, 16:40', 'Date de réception : 15/03/2027, 16 h 40', 'Horodatage : 2027-03-15 16:40'],
   fn: ['Fichier : F', 'Nom du fichier : F', 'Fichier déposé : F', 'Document : F', 'Le fichier « F » a été enregistré.', 'Pièce jointe : F', 'Fichiers : F'], by: ['Taille : 123456 octets', 'Taille du fichier : 123 456 octets', 'Poids : 123456 octets'] },
 es: { id: ['Número de entrega: 90321', 'Número de recibo: 90321', 'Referencia: 90321', 'Código de confirmación: 90321', 'N.º de registro: 90321', 'Justificante n.º 90321', 'Identificador: 90321'],
   at: ['Recibido el 15/03/2027 a las 16:40', 'Fecha de entrega: 15 de marzo de 2027, 16:40', 'Entregado el 15 de marzo de 2027 a las 16:40', 'Fecha y hora: 15/03/2027 16:40', 'Enviado: 15/03/2027 16:40', 'Hora de recepción: 15/03/2027 16:40'],
   fn: ['Archivo: F', 'Nombre del archivo: F', 'Fichero: F', 'Documento: F', 'Archivo entregado: F'], by: ['Tamaño: 123456 bytes', 'Tamaño del archivo: 123.456 bytes'] },
 it: { id: ['Numero di ricevuta: 90321', 'Numero di consegna: 90321', 'Riferimento: 90321', 'Codice di conferma: 90321', 'Protocollo n.: 90321'], at: ['Ricevuto il 15/03/2027 alle 16:40', 'Data di consegna: 15 marzo 2027, 16:40', 'Consegnato il 15/03/2027 alle ore 16:40', 'Data e ora: 15/03/2027 16:40'], fn: ['File: F', 'Nome del file: F', 'Documento: F'], by: ['Dimensione: 123456 byte', 'Dimensioni: 123.456 byte'] },
 nl: { id: ['Ontvangstnummer: 90321', 'Referentienummer: 90321', 'Bevestigingsnummer: 90321', 'Inzendingsnummer: 90321', 'Kenmerk: 90321'], at: ['Ontvangen op 15-03-2027 om 16:40 uur', 'Ingeleverd op: 15-03-2027 16:40', 'Datum en tijd: 15-03-2027 16:40', 'Tijdstip: 15-03-2027 16:40', 'Ingediend op 15 maart 2027 om 16:40'], fn: ['Bestand: F', 'Bestandsnaam: F', 'Document: F'], by: ['Grootte: 123456 bytes', 'Bestandsgrootte: 123.456 bytes'] },
};
const thanks: Record<string, string> = { de: 'Vielen Dank für Ihre Abgabe.', fr: 'Votre travail a bien été déposé.', es: 'Su trabajo se ha entregado correctamente.', it: 'La consegna è avvenuta correttamente.', nl: 'Uw werk is ontvangen.' };
const read = async (text: string): Promise<ReturnType<typeof readFields>['fields']> => readFields(await receiptToText(new TextEncoder().encode(text), 'receipt.txt', 0, 'receipt'), [file], 'Europe/Berlin', '2027-05-14T17:00:00.000Z').fields;

describe.each(Object.entries(ways))('%s', (tongue, said) => {
  const one = { id: said.id[0]!, at: said.at[0]!, fn: said.fn[0]!, by: said.by[0]! };
  test.each((['id', 'at', 'fn', 'by'] as const).flatMap((key) => said[key].map((line) => [line, key] as const)))('%s', async (line, key) => {
    const parts = { ...one, [key]: line }, fields = await read(`${thanks[tongue]!}\n\n${parts.id}\n${parts.at}\n${parts.fn.replace(/\bF\b/, file)}\n${parts.by}\n`);
    expect(fields).toMatchObject({ id: '90321', receivedAt: '2027-03-15T16:40:00+01:00', fileNames: [file], bytes: 123456 });
  });
});
test.each([
  'Von: office@uni.example\nAn: a@uni.example\nDatum: 15.03.2027 16:41\nBetreff: Abgabebestätigung\n\nVorgangsnummer: 90321\nEingegangen am 15.03.2027 um 16:40 Uhr\nDatei: Hausarbeit_4711.pdf\n',
  'De : office@uni.example\nÀ : a@uni.example\nDate : 15/03/2027 16:41\nObjet : Accusé\n\nNuméro de dépôt : 90321\nReçu le 15/03/2027 à 16:40\nFichier : Hausarbeit_4711.pdf\n',
  'Datum: 15.03.2027, 17:05\nVorgangsnummer: 90321\nEingegangen: 15.03.2027, 16:40\nDatei: Hausarbeit_4711.pdf\n', 'Vorgangsnummer: 90321\nDatum: 15.03.2027\nUhrzeit: 16:40\nDatei: Hausarbeit_4711.pdf\n',
])('a date of the mail or the page is not the time of receipt: %s', async (text) => expect((await read(text)).receivedAt).toBe('2027-03-15T16:40:00+01:00'));
test('the head of a mail alone tells no time of receipt', async () => expect((await read('Von: office@uni.example\nAn: a@uni.example\nDatum: 15.03.2027 16:41\nBetreff: Abgabebestätigung\n\nVorgangsnummer: 90321\nDatei: Hausarbeit_4711.pdf\n')).receivedAt).toBeNull());

const became: Record<'failed' | 'draft' | 'received', string[]> = {
 failed: ['Ihre Abgabe ist fehlgeschlagen.', 'Die Datei wurde abgelehnt.', 'Upload fehlgeschlagen', 'Status: abgelehnt', 'Die Datei konnte nicht gespeichert werden.', 'Ihre Arbeit ist nicht eingegangen.', 'Es ist ein Fehler aufgetreten.', 'Die Übertragung wurde abgebrochen.', 'Die hochgeladene Datei ist leer.', 'Le dépôt a échoué.', 'Votre fichier a été refusé.', 'Statut : refusé', 'Une erreur est survenue.', 'Votre fichier n’a pas été reçu.', 'Votre fichier n’a pas pu être enregistré.', 'Échec du dépôt', 'La entrega ha fallado.', 'El archivo ha sido rechazado.', 'Estado: rechazado', 'No se ha podido guardar el archivo.', 'Se ha producido un error.', 'La consegna è fallita.', 'Il file è stato rifiutato.', 'Stato: annullata', 'Il file non è stato ricevuto.', 'De inlevering is mislukt.', 'Het bestand is geweigerd.', 'Status: mislukt', 'Het bestand kon niet worden opgeslagen.', 'O envio falhou.', 'O ficheiro foi rejeitado.', 'Ocorreu um erro.'],
 draft: ['Status: Entwurf', 'Entwurf gespeichert', 'Als Entwurf gespeichert.', 'Die Arbeit ist noch nicht abgegeben.', 'Ihre Abgabe wartet auf Bestätigung.', 'Status: in Bearbeitung', 'Status: ausstehend', 'Statut : brouillon', 'Brouillon enregistré', 'Pas encore déposé', 'Le dépôt doit encore être confirmé.', 'En attente de confirmation', 'État : en attente', 'Estado: borrador', 'Borrador guardado', 'Todavía no entregado', 'Pendiente de confirmación', 'Estado: pendiente', 'Stato: bozza', 'Bozza salvata', 'Non ancora consegnato', 'In attesa di conferma', 'Status: concept', 'Nog niet ingeleverd', 'Wacht op bevestiging', 'Estado: rascunho', 'Ainda não entregue'],
 received: ['Ihre Abgabe ist eingegangen.', 'Status: abgegeben', 'Status: eingegangen', 'Falls die Abgabe fehlgeschlagen ist, melden Sie sich.', 'Ein Entwurf wird nicht bewertet.', 'Die Bewertung steht noch aus.', 'Wenn Ihre Datei nicht lesbar ist, melden wir uns.', 'Statut : déposé', 'Votre fichier a bien été reçu.', 'Si votre fichier est illisible, nous vous écrirons.', 'Les retards ne sont pas acceptés.', 'La note est en attente.', 'Estado: entregado', 'El archivo se ha recibido correctamente.', 'Si el archivo está dañado, le avisaremos.', 'Stato: consegnato', 'La consegna è avvenuta con successo.', 'Status: ingeleverd', 'Uw werk is ontvangen.', 'Estado: entregue', 'Sua submissão foi recebida.', 'Concept of tides.pdf', 'Document: Concept map', 'File: vide-grenier.pdf', 'Title: Leer und voll', 'Note: se produce vacío', 'Status: submitted', 'Titel: Die Arbeit ist leer', 'Im Papierkorb: gelöschte Dateien', 'Die Benotung ist noch nicht abgeschlossen.'],
};
describe('what became of it', () => {
  const status = (line: string): unknown => { const text = `${line}\n\nReceipt number: 90321\nReceived: 15.03.2027 16:40\nFile: Hausarbeit_4711.pdf\n`; return readStatus(text, rowsOf(text)); };
  test.each(became.failed)('failed: %s', (line) => expect(status(line)).toBe('failed'));
  test.each(became.draft)('draft: %s', (line) => expect(status(line)).toBe('draft'));
  test.each(became.received)('hard negative: %s', (line) => expect(status(line)).not.toMatch(/failed|draft/));
});
