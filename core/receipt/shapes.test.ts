import { describe, expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { receiptToText } from './to-text.ts';

/** The same four things in every shape that labels and values are set in. Made up for this test. */
type Rows = [label: string, value: string][];
const shapes: Record<string, (rows: Rows) => string> = {
  colon: (r) => r.map(([a, b]) => `${a}: ${b}`).join('\n'), tab: (r) => r.map(([a, b]) => `${a}\t${b}`).join('\n'), below: (r) => r.map(([a, b]) => `${a}\n${b}`).join('\n\n'),
  bars: (r) => r.map(([a, b]) => `| ${a} | ${b} |`).join('\n'), gaps: (r) => r.map(([a, b]) => `${a.padEnd(24)}${b}`).join('\n'), leaders: (r) => r.map(([a, b]) => `${a} ${'.'.repeat(28 - a.length)} ${b}`).join('\n'),
  bullets: (r) => r.map(([a, b]) => `• ${a}: ${b}`).join('\n'), dashes: (r) => r.map(([a, b]) => `${a} - ${b}`).join('\n'), bold: (r) => r.map(([a, b]) => `**${a}:** ${b}`).join('\n'), equals: (r) => r.map(([a, b]) => `${a} = ${b}`).join('\n'),
  columns: (r) => `${r.map(([a]) => a).join('\t')}\n${r.map(([, b]) => b).join('\t')}`, paragraphs: (r) => r.map(([a, b]) => `${a}: ${b}`).join('\n\n'), sentence: (r) => r.map(([a, b]) => `${a}: ${b}`).join('; '),
  'table.html': (r) => `<html><body><h1>Receipt</h1><table>${r.map(([a, b]) => `<tr><th>${a}</th><td>${b}</td></tr>`).join('')}</table></body></html>`,
  'list.html': (r) => `<html><body><h1>Receipt</h1><dl>${r.map(([a, b]) => `<dt>${a}</dt><dd>${b}</dd>`).join('')}</dl></body></html>`,
  'r.json': (r) => JSON.stringify(Object.fromEntries(r), null, 1), 'r.csv': (r) => `${r.map(([a]) => a).join(',')}\n${r.map(([, b]) => b).join(',')}`,
};
const labels = ['Receipt number', 'Ref. no.', 'Reference', 'Hand-in number', 'Upload ID', 'Order number', 'Docket no.', 'Proof of receipt no.', 'Lodgement number', 'Acknowledgement ref', 'Case number', 'Unique ID'];
const read = async (shape: string, rows: Rows) => readFields(await receiptToText(new TextEncoder().encode(`${shape.includes('.') ? '' : 'Thank you. Your work has arrived.\n\n'}${shapes[shape]!(rows)}`), shape.includes('.') ? shape : 'receipt.txt', 0, 'receipt'), ['essay_2.pdf'], null, '2027-03-13T00:00:00Z').fields;
test.each(Object.keys(shapes))('%s', async (shape) => {
  for (const label of labels) {
    const fields = await read(shape, [[label, '48213-AF'], ['Received', '12 March 2027 16:12 GMT'], ['File name', 'essay_2.pdf'], ['Size', '136251 bytes']]);
    expect([label, fields.id, Date.parse(fields.receivedAt!), fields.fileNames, fields.bytes]).toEqual([label, '48213-AF', Date.parse('2027-03-12T16:12:00Z'), ['essay_2.pdf'], 136_251]);
  }
});
test.each(['Order', 'Upload', 'Delivery', 'Log', 'Queue', 'Request'])('hard negative: “%s” without a word for number says something else', async (label) => expect((await read('colon', [[label, 'Room 3107-B'], ['Received', '12 March 2027 16:12 GMT'], ['File name', 'essay_2.pdf']])).id).toBeNull());

/** The same in eight languages: each label, each way of writing the time and the size. */
const tongues: Record<string, { id: string[]; t: string[]; times: string[]; f: string[]; s: string[]; sizes: string[]; thanks: string }> = {
 de: { id: ['Quittungsnummer', 'Beleg-Nr.', 'Referenznummer', 'Bestätigungsnummer', 'Vorgangsnummer', 'Referenz', 'Eingangsnummer', 'Abgabe-ID', 'Kennung'], t: ['Eingegangen am', 'Abgegeben am', 'Hochgeladen am', 'Eingang', 'Zeitpunkt', 'Eingangszeit', 'Datum und Uhrzeit', 'Abgabezeitpunkt', 'Eingereicht am'], times: ['12. März 2027, 16:12 Uhr MEZ', '12.03.2027 16:12 MEZ', '12. März 2027 um 16:12 Uhr (MEZ)', 'Freitag, 12. März 2027, 16:12 MEZ', '2027-03-12 16:12 MEZ'], f: ['Dateiname', 'Datei', 'Dokument', 'Dateien', 'Eingereichte Datei', 'Name der Datei'], s: ['Größe', 'Dateigröße'], sizes: ['136251 Bytes', '136.251 Byte', '133,1 KB'], thanks: 'Vielen Dank. Ihre Arbeit ist eingegangen.' },
 fr: { id: ['Numéro de reçu', 'N° de reçu', 'Référence', 'Numéro de dépôt', 'Numéro de confirmation', 'Identifiant', 'Réf.', 'Accusé de réception n°'], t: ['Reçu le', 'Déposé le', 'Date de dépôt', 'Date et heure', 'Remis le', 'Date de réception', 'Horodatage', 'Envoyé le'], times: ['12 mars 2027 à 16h12 (CET)', '12/03/2027 16:12 CET', 'vendredi 12 mars 2027, 16:12 CET', '12 mars 2027 16 h 12 CET'], f: ['Nom du fichier', 'Fichier', 'Document', 'Fichier déposé', 'Pièce jointe'], s: ['Taille', 'Taille du fichier'], sizes: ['136251 octets', '133,1 Ko'], thanks: 'Merci. Votre travail a bien été reçu.' },
 es: { id: ['Número de recibo', 'Referencia', 'N.º de entrega', 'Identificador', 'Número de registro'], t: ['Recibido el', 'Entregado el', 'Fecha de entrega', 'Fecha y hora', 'Enviado el', 'Fecha de recepción'], times: ['12 de marzo de 2027, 16:12 CET', '12/03/2027 16:12 CET', 'viernes, 12 de marzo de 2027 a las 16:12 CET'], f: ['Nombre del archivo', 'Archivo', 'Documento', 'Fichero'], s: ['Tamaño', 'Tamaño del archivo'], sizes: ['136251 bytes', '133,1 KB'], thanks: 'Gracias. Su trabajo ha sido recibido.' },
 nl: { id: ['Ontvangstnummer', 'Referentie', 'Referentienummer', 'Bevestigingsnummer', 'Kenmerk', 'Inlevernummer'], t: ['Ontvangen op', 'Ingeleverd op', 'Datum en tijd', 'Tijdstip', 'Geüpload op'], times: ['12 maart 2027, 16:12 CET', '12 maart 2027 om 16:12 uur (CET)', 'vrijdag 12 maart 2027 16:12 CET'], f: ['Bestandsnaam', 'Bestand', 'Document'], s: ['Grootte', 'Bestandsgrootte'], sizes: ['136251 bytes', '133,1 kB'], thanks: 'Dank u. Uw werk is ontvangen.' },
 it: { id: ['Numero di ricevuta', 'Riferimento', 'Codice di conferma', 'Numero di protocollo', 'Identificativo'], t: ['Ricevuto il', 'Consegnato il', 'Data e ora', 'Data di consegna', 'Caricato il'], times: ['12 marzo 2027, ore 16:12 CET', '12 marzo 2027 alle 16:12 CET', 'venerdì 12 marzo 2027, 16:12 CET'], f: ['Nome del file', 'File', 'Documento'], s: ['Dimensione', 'Dimensioni'], sizes: ['136251 byte', '133,1 KB'], thanks: 'Grazie. Il suo lavoro è stato ricevuto.' },
 pt: { id: ['Número do recibo', 'Referência', 'Número da entrega', 'Identificador'], t: ['Recebido em', 'Entregue em', 'Data e hora', 'Data de entrega', 'Enviado em'], times: ['12 de março de 2027, 16:12 CET', '12 de março de 2027 às 16:12 CET'], f: ['Nome do ficheiro', 'Ficheiro', 'Arquivo', 'Documento'], s: ['Tamanho'], sizes: ['136251 bytes', '133,1 KB'], thanks: 'Obrigado. O seu trabalho foi recebido.' },
 sv: { id: ['Kvittonummer', 'Referens', 'Referensnummer', 'Bekräftelsenummer', 'Inlämningsnummer', 'Ärendenummer'], t: ['Mottaget', 'Inlämnad', 'Inlämningstid', 'Datum och tid', 'Tidpunkt', 'Mottagen den'], times: ['12 mars 2027 kl. 16:12 CET', '2027-03-12 16:12 CET'], f: ['Filnamn', 'Fil', 'Dokument'], s: ['Storlek', 'Filstorlek'], sizes: ['136251 byte', '133,1 kB'], thanks: 'Tack. Ditt arbete har tagits emot.' },
 da: { id: ['Kvitteringsnummer', 'Reference', 'Referencenummer', 'Bekræftelsesnummer', 'Afleveringsnummer'], t: ['Modtaget', 'Afleveret', 'Afleveringstidspunkt', 'Dato og tid', 'Tidspunkt', 'Modtaget den'], times: ['12. marts 2027 kl. 16:12 CET', '12. marts 2027 16.12 CET'], f: ['Filnavn', 'Fil', 'Dokument'], s: ['Størrelse', 'Filstørrelse'], sizes: ['136251 bytes', '133,1 kB'], thanks: 'Tak. Din opgave er modtaget.' },
};
describe.each(Object.entries(tongues))('%s', (_, w) => {
  test.each(['colon', 'tab', 'below', 'bars', 'gaps', 'bullets', 'dashes', 'columns', 'table.html', 'list.html', 'sentence'])('%s', async (shape) => {
    const all: Rows[] = [...w.id.map((id): Rows => [[id, '48213-AF'], [w.t[0]!, w.times[0]!], [w.f[0]!, 'essay_2.pdf'], [w.s[0]!, w.sizes[0]!]]), ...w.t.map((t): Rows => [[w.id[0]!, '48213-AF'], [t, w.times[0]!], [w.f[0]!, 'essay_2.pdf'], [w.s[0]!, w.sizes[0]!]]), ...w.times.map((time): Rows => [[w.id[0]!, '48213-AF'], [w.t[0]!, time], [w.f[0]!, 'essay_2.pdf'], [w.s[0]!, w.sizes[0]!]]),
      ...w.f.map((f): Rows => [[w.id[0]!, '48213-AF'], [w.t[0]!, w.times[0]!], [f, 'essay_2.pdf'], [w.s[0]!, w.sizes[0]!]]), ...w.s.flatMap((s) => w.sizes.map((size): Rows => [[w.id[0]!, '48213-AF'], [w.t[0]!, w.times[0]!], [w.f[0]!, 'essay_2.pdf'], [s, size]]))];
    for (const rows of all) {
      const text = await receiptToText(new TextEncoder().encode(`${shape.includes('.') ? '' : `${w.thanks}\n\n`}${shapes[shape]!(rows)}`), shape.includes('.') ? shape : 'receipt.txt', 0, 'receipt'), { fields } = readFields(text, ['essay_2.pdf'], null, '2027-03-13T00:00:00Z');
      expect([rows, fields.id, Date.parse(fields.receivedAt!), fields.fileNames]).toEqual([rows, '48213-AF', Date.parse('2027-03-12T15:12:00Z'), ['essay_2.pdf']]);
      expect([rows, Math.abs(Number(fields.bytes) - 136_251) < 3500]).toEqual([rows, true]);
    }
  });
});
