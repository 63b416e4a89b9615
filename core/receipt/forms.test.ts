import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import { plantedPdf } from '../testing/plant.ts';
import { readDocument } from '../readers/index.ts';
import { readReceipt } from '../verbs/receipt.ts';
import { sha256 } from '../engines/hash.ts';
import { sumOf } from './sums.ts';

/** Receipts in forms that desks, mails, tables and data files have, and what each proves. Invented for this table. {file} {bytes} {grouped} {kb} {mb} {kib} {sha} stand for those of the paper that was sent. */
const forms: readonly [standing: 'confirmed' | 'doubtful' | 'refuted', text: string, fields?: Record<string, unknown>][] = [
  ['confirmed', 'Ref.            2027-GEO-004417\nReceived        15/03/2027 at 16:12:07 (GMT)\nDocument(s)     1\n  1. {file}   {bytes} bytes\nStatus          ACCEPTED', { id: '2027-GEO-004417' }],
  ['confirmed', 'Quittung Nr. 2027/3107/19\nEingegangen: 15.03.2027, 17:12:30 Uhr (UTC+1)\nDatei: {file}', { id: '2027/3107/19', receivedAt: '2027-03-15T17:12:30+01:00' }],
  ['refuted', 'Receipt R-5. Place: GEO 3107 Report 1 (practice). File: {file}, received 15 March 2027 16:12 GMT.', { id: 'R-5' }],
  ['confirmed', 'Reçu n° 2027-0315-881\nDéposé le 15 mars 2027 à 17h45 (heure de Paris)\nFichier : {file}', { id: '2027-0315-881', receivedAt: '2027-03-15T17:45:00+01:00' }],
  ['refuted', 'Reçu n° 2027-0315-882\nDéposé le 15 mars 2027 à 18h05 (heure de Paris)\nFichier : {file}'],
  ['confirmed', 'This mail confirms that on 15 March 2027 at 16:44 (GMT) you handed in {file}. Keep the number 7741-QX; you will need it if you have a question.', { id: '7741-QX' }],
  ['confirmed', 'Submission receipt 4471\nDate/time: 15 March 2027, 16:40 GMT\nFile name: {file}', { id: '4471' }],
  ['confirmed', 'Hand-in log\n[2027-03-15T16:21:40Z] upload started {file}\n[2027-03-15T16:22:03Z] declaration accepted\n[2027-03-15T16:22:05Z] RECEIVED receipt=HL-0042', { id: 'HL-0042', receivedAt: '2027-03-15T16:22:05+00:00' }],
  ['doubtful', 'Beleg liegt bei. Datei: {file}, eingegangen: 15.03.2027, 16:12 Uhr', { id: null }],
  ['confirmed', 'Submission receipt\nReference: 48213-AF\nSubmitted: 15 March 2027 16:12 GMT\nFile: {file}\nSize: {bytes} bytes', { id: '48213-AF', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Thank you! We received {file} ({kb} kB) on Mon 15 Mar 2027 at 4:12pm (UK time). Your confirmation code is QX-7741-Z.', { id: 'QX-7741-Z' }],
  ['confirmed', 'Confirmation number #99120387\nReceived at 2027-03-15T16:12:44Z\nDocument: {file}\nSHA-256: {sha}', { id: '99120387' }],
  ['confirmed', 'Receipt no. 2027/0315/77\nTime of submission 15.03.2027, 16:12 Uhr\nFile name {file}', { id: '2027/0315/77' }],
  ['confirmed', 'Submission ID: 123456789\nDate submitted: 15-Mar-2027 04:12PM (UTC+0000)\nFile name: {file}\nFile size: {kib}K\nPage count: {pages}'],
  ['confirmed', 'Receipt AB12CD34 — 15 March 2027, 16:12:03 (Europe/London) — {file} — {grouped} bytes', { id: 'AB12CD34' }],
  ['confirmed', 'Upload complete\nTicket T-0007731\nUploaded on: March 15, 2027 4:12 PM GMT\nFilename: “{file}”', { id: 'T-0007731' }],
  ['confirmed', 'Hand-in confirmed.\nNumber: 55-01-2299\nWhen: 15 March 2027 at 16:12\nWhat: {file}', { id: '55-01-2299' }],
  ['confirmed', 'Acknowledgement of receipt\nWe acknowledge receipt of one (1) file on 15th March 2027 at 16.12 hrs.\nFile received: {file}\nAcknowledgement no.: ACK-2027-00031', { id: 'ACK-2027-00031', receivedAt: '2027-03-15T16:12:00+00:00' }],
  // What a file took the place of, what is missing beside it, and what is only half way.
  ['confirmed', 'Receipt 5512 replaces receipt 5498\nFile: {file} (replaces Y3921847_GEO3107_v1.pdf)\nReceived: 15 March 2027 16:12 GMT', { id: '5512' }],
  ['refuted', 'You handed in 1 of 2 documents.\nReceipt 5512\n{file} - received 15 March 2027 16:12 GMT\nappendix.pdf - missing', { id: '5512' }],
  ['refuted', 'Receipt 5512\nUploaded: 15 March 2027 16:12 GMT\nFile: {file}\nNext step: press "Hand in" to complete.', { id: '5512' }],
  ['confirmed', 'Receipt 5512\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nNext step: wait for your similarity score.', { id: '5512' }],
  ['confirmed', 'Receipt 5513\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nNext step: press "Survey" to send your feedback on the course.', { id: '5513' }],
  ['confirmed', 'Receipt 5514\nFile: {file} (was received on 15 March 2027 at 16:12 GMT)', { id: '5514', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Receipt 5515\nReceived: 15 March 2027 16:12 GMT\n{file} | none | {bytes} bytes\nSubmitted 1 of 3 times', { id: '5515' }],
  // Labels above their values, words of other languages, what replaced what, and what did not arrive.
  ['confirmed', 'RECEIPT\nHand-in number    5512\nName of file      {file}\nTime of hand-in   15.03.2027, 17:12 (MEZ)', { id: '5512', receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['refuted', 'RECEIPT\nHand-in number    5512\nName of file      {file}\nTime of hand-in   15.03.2027, 18:30 (MEZ)', { id: '5512' }],
  ['confirmed', 'Receipt 5512\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nStatus: accepted, pending virus scan', { id: '5512' }],
  ['refuted', 'Receipt 5512\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nStatus: pending', { id: '5512' }],
  ['confirmed', 'Attempt 2 of 3 – received\nReference: 5512/2\nReceived: 15 March 2027, 16:12\nThis attempt replaces attempt 1 (14 March 2027, 20:15, old_report.pdf).\nFile: {file}', { id: '5512/2' }],
  ['refuted', 'The box closed on 15 March 2027 at 17:00. We could not find a file from you. Reference of this message: 5512.'],
  ['confirmed', 'Bewijs van ontvangst\nKenmerk: 5512\nOntvangen op: 15 maart 2027 om 16:12\nBestand: {file}', { id: '5512' }],
  ['confirmed', 'Justificante de entrega\nN.º de registro: 2027-5512\nFecha y hora: 15/03/2027 16:12\nArchivo: {file}', { id: '2027-5512' }],
  ['confirmed', 'Kvittering\nReferanse: 5512\nMottatt: 15. mars 2027 kl. 16.12\nFil: {file}', { id: '5512' }],
  ['refuted', 'Receipt 5512 · 15 March 2027, 16:12 · {file} · test submission, not counted', { id: '5512' }],
  ['refuted', 'Your work is in.\nRef 5512. {file}, 15 Mar 27, 16:12.\nLength: 140 pages', { id: '5512' }],
  ['confirmed', 'We acknowledge receipt of one (1) item:\n   Item   : {file}\n   Volume : {bytes} octets\n   Time   : 2027-03-15 16:12:08 +0000\n   Serial : 0099-2231', { id: '0099-2231' }],
  ['confirmed', 'Subject: [GEO 3107] Hand-in 5512 received\nFrom: no-reply@carrow.example\nDate: Mon, 15 Mar 2027 16:13:10 +0000\n\nHello,\n\nwe received your file at 4.12pm today (15/3/27).\n\nFile received: {file}', { id: '5512', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Done!\n#5512\n{file}\nMon 15 Mar · 16:12', { id: '5512', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['refuted', 'Something went wrong\n#5512\n{file}\nMon 15 Mar 2027 · 16:12\nPlease try again.'],
  ['confirmed', 'Receipt 5512\n{file}: 15/03/2027 16:02 (initial), 15/03/2027 16:12 (replaced)', { id: '5512' }],
  ['confirmed', 'Your file: {file}\nTime stamp of arrival: 15 Mar 2027 16:12:08.331 UTC\nConfirmation no.: 2027-GEO-5512', { id: '2027-GEO-5512', receivedAt: '2027-03-15T16:12:08+00:00' }],
  ['confirmed', 'Good news! {file} made it at 16:12 (15/03/2027). Save this: QX-5512.', { id: 'QX-5512' }],
  ['refuted', 'Receipt 5512\n{file}\n15 March 2027 – 17:42 hrs – LATE', { id: '5512' }],
  ['confirmed', 'Kvittering for innlevering\nInnlevert: mandag 15. mars 2027, kl. 17.12 (norsk tid)\nFil: {file}\nKvitteringsnummer: 5512', { id: '5512', receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['confirmed', 'Accusé de réception n° 5512\nFichier « {file} » reçu le lundi 15 mars 2027 à 17 h 12 (heure de Paris).', { id: '5512' }],
  ['refuted', 'Receipt 5512: {file} (received 15 March 2027, 4.12 p.m.). Word count according to us: 99,200.', { id: '5512' }],
  ['confirmed', 'Receipt 5512\nReceived: 14 March 2027, 09:10 (first version), 15 March 2027, 16:12 (final version)\nFile: {file}', { id: '5512', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'We have received one file:\n(1) {file}, {bytes} bytes, 16:12:08\non 15 March 2027. Transaction 5512-A.', { id: '5512-A', receivedAt: '2027-03-15T16:12:08+00:00' }],
  ['confirmed', 'Receipt 5516\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nIf something went wrong or you think that an error has occurred, write to the desk. If you cannot find your file here, tell us.', { id: '5516' }],
  // What was tried twice, kept in versions, or said with few words.
  ['confirmed', 'Order of events\n15 Mar 2027 16:08:02  upload started  {file}\n15 Mar 2027 16:08:40  upload failed (connection lost)\n15 Mar 2027 16:11:05  upload started  {file}\n15 Mar 2027 16:11:22  upload complete {bytes} bytes\n15 Mar 2027 16:11:30  submitted, reference R-77120', { id: 'R-77120', receivedAt: '2027-03-15T16:11:30+00:00' }],
  ['refuted', 'Order of events\n15 Mar 2027 16:08:02  upload started  {file}\n15 Mar 2027 16:08:40  upload failed (connection lost)\nReference R-77121', { id: 'R-77121' }],
  ['confirmed', '| Document | Version | Received | Ref |\n|---|---|---|---|\n| {file} | 1 | 14 March 2027 10:02 | K-1 |\n| {file} | 2 | 15 March 2027 16:12 | K-2 |', { id: 'K-2', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'History\n#1  10 Mar 2027 09:11  {file}   K-100  (superseded)\n#2  15 Mar 2027 16:12  {file}   K-101  (current)', { id: 'K-101', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Submission 5512 received 15 March 2027 16:12.\nFile uploaded: {file} (renamed by the system to 5512_1.pdf)', { id: '5512' }],
  ['confirmed', 'Your submissions\n1) 10 March 2027, 10:02 — old draft.pdf — replaced\n2) 15 March 2027, 16:12 — {file} — current\nReceipt for current submission: 88213', { id: '88213' }],
  ['doubtful', 'Subject: it is here\n\nRef GEO-771. {file} arrived.', { id: 'GEO-771', receivedAt: null }],
  ['confirmed', 'Hand-in record\n\nRecord  | R-20270315-5512\nObject  | {file}\nMoment  | 2027-03-15 16:12:08 (UTC)\nState   | complete', { id: 'R-20270315-5512', receivedAt: '2027-03-15T16:12:08+00:00' }],
  ['confirmed', 'Your upload has been processed.\nJob: 5512\nName: {file}\nFinished: 15.03.2027 16:12:08', { id: '5512' }],
  ['refuted', 'Ticket........: 5512\nAccepted......: NO (file type not allowed)\nFile..........: {file}\nDate..........: 15-MAR-2027\nTime..........: 16:12:08', { id: '5512' }],
  ['confirmed', 'Ticket........: 5512\nAccepted......: YES\nFile..........: {file}\nDate..........: 15-MAR-2027\nTime..........: 16:12:08', { id: '5512' }],
  ['confirmed', 'Uploads\n#1  11 Mar 2027 22:10  first_v1.pdf  superseded\n#2  15 Mar 2027 16:12  {file}  current\nReceipt for #2: 5512', { id: '5512', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['refuted', 'Uploads\n#1  11 Mar 2027 22:10  {file}  withdrawn\n#2  15 Mar 2027 16:12  other_v2.pdf  current\nReceipt for #2: 5512', { id: '5512' }],
  ['confirmed', 'Thanks! We got: {file}. When: today 16:12 (15 March 2027, London). You are done. Your code: QX5512.', { id: 'QX5512' }],
  // As other languages have it.
  ['confirmed', 'Quittance de dépôt\nNuméro de quittance : QD-118\nReçu le lundi 15 mars 2027 à 17:12 (heure de Bruxelles)\nDocument : {file}', { id: 'QD-118', receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['confirmed', 'Comprobante de entrega: CE-4471\nEntregado: lunes, 15 de marzo de 2027, 17:12 (hora de Madrid)\nArchivo: {file}', { id: 'CE-4471' }],
  ['confirmed', 'Ontvangstbevestiging 2027-0091\nIngeleverd op 15 maart 2027 om 17:12 uur (Amsterdam)\nBestand: {file}', { id: '2027-0091' }],
  ['confirmed', 'Bekräftelse på inlämning\nÄrendenummer: 2027-55-A\nInlämnad: 2027-03-15 17:12 (CET)\nFil: {file}', { id: '2027-55-A' }],
  ['confirmed', 'Potwierdzenie złożenia pracy nr 118/2027\nData złożenia: 15.03.2027, 17:12 CET\nPlik: {file}', { id: '118/2027' }],
  // What is less than a hundredth of a megabyte shows as none of it; a file of no kilobytes is another.
  ['confirmed', 'Receipt 9981\nReceived: 15 March 2027 16:12\nFile: {file}\nSize: 0.00 MB'], ['refuted', 'Receipt 9981\nReceived: 15 March 2027 16:12\nFile: {file}\nSize: 0 KB'],
  ['refuted', 'Saved, not sent\n{file}\nLast saved 15 March 2027 16:12\nRef 9F3K2'],
  ['refuted', 'Receipt: CS-9\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nType: Draft (will not be marked)'],
  ['confirmed', 'Receipt: CS-9\nReceived: 15 March 2027 16:12 GMT\nFile: {file}\nDraft submission: No', { id: 'CS-9' }],
  ['confirmed', '<receipt xmlns="urn:x"><number>QX-11</number><when>2027-03-15T16:12:07Z</when><item name="{file}" octets="{bytes}"/></receipt>', { id: 'QX-11' }],
  ['confirmed', 'Confirmation of hand-in | ID 20270315-4471\nTime . . . . . . . . 2027-03-15 16:12 (UTC+00:00)\nFile . . . . . . . . {file}', { id: '20270315-4471' }],
  ['confirmed', 'Recibo n.º 2027-119\nFecha: 15 de marzo de 2027, 16:12 (GMT)\nArchivo: {file}\nTamaño: {bytes} bytes', { id: '2027-119', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Reçu n° 4471\nDate de réception : 15 mars 2027 à 16h12 (GMT)\nFichier : {file} ({kib} Kio)', { id: '4471', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Receipt: CS-9\nReceived: 3/12/2027 4:42 PM\nFile: {file}', { receivedAt: '2027-03-12T16:42:00+00:00' }],
  ['confirmed', 'Uploaded {file} OK. Ticket T-9. 16:12, 15.3.2027', { id: 'T-9', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Acknowledged: 1 of 1 document(s)\nAck-ID: 5f3a9c1e-88b0-4c6e-9a0e-2f1b7d6c5e4a\nStamp: 2027-03-15T16:12:00.000+0000\nObject: {file}', { id: '5f3a9c1e-88b0-4c6e-9a0e-2f1b7d6c5e4a' }],
  ['confirmed', 'Your paper has been received and is now closed for changes.\nREF: GEO/2/417 – Mon 15 Mar, 4:12pm\n{file}', { id: 'GEO/2/417', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Receipt H-1 for {file}\nSize on disk 40 MB\nReceived 15 March 2027 16:12', { id: 'H-1' }],
  ['doubtful', 'Receipt number: pending\nReceived: 15 March 2027 16:12 GMT\nFile: {file}', { id: null }],
  ['confirmed', 'Eingangsbestätigung\nVorgang: 2027-3107-22\nZeitpunkt: Montag, 15. März 2027, 17:12:11 MEZ\nDatei: {file} ({kib} KiB)', { id: '2027-3107-22', receivedAt: '2027-03-15T17:12:11+01:00' }],
  ['confirmed', 'The following has been lodged:\n  Lodgement no.      L-553-27\n  Lodged at          16h12 on Monday the 15th of March, 2027\n  Item               {file}\n  Octets             {bytes}', { id: 'L-553-27', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Receipt 4-1-7\nHanded in 15 March 2027 16:12\ngeo3107-report.pdf (renamed by the system from {file})', { id: '4-1-7', fileNames: ['essay_Y3921847.pdf'] }],
  ['doubtful', 'Receipt 4-1-7\nHanded in: 15 March 2027\n{file}', { receivedAt: null }],
  ['refuted', 'Receipt 4-1-7\nHanded in: 16 March 2027\n{file}', { receivedAt: null }],
  ['confirmed', 'Hello, this mail is to let you know that we did receive your paper on Monday (15 March 2027, 16:12). It carries the number 4-1-7 in our list and the file is called {file}. Best, Office', { id: '4-1-7', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['refuted', 'Hello, unfortunately your upload of {file} on 15 March 2027 at 16:12 did not go through. Please try again. Incident 4-1-7.'],
  // What machines write, pasted as text.
  ['confirmed', '<receipt><id>AC-5512</id><received>2027-03-15T16:12:09+00:00</received><file><name>{file}</name><size unit="bytes">{bytes}</size></file></receipt>', { id: 'AC-5512' }],
  ['confirmed', '{ "receipt": "7f3a-11", "received_at": "2027-03-15T16:12:09Z", "files": [{ "name": "{file}", "size": {bytes}, "sha256": "{sha}" }] }', { id: '7f3a-11' }],
  ['confirmed', 'receipt_no,file_name,size_bytes,received_at,status\nR00417,{file},{bytes},2027-03-15 16:40:02 GMT,complete', { id: 'R00417' }],
  ['confirmed', '[2027-03-15 15:59:58 +0000] INGEST OK ticket=TK9931 name="{file}" size={bytes} sha256={sha}', { id: 'TK9931' }],
  ['refuted', '[2027-03-15 15:59:58 +0000] INGEST OK ticket=TK9931 name="other.pdf" size={bytes} sha256={sha}', { id: 'TK9931' }],
  ['confirmed', 'File                      Size        Uploaded               Receipt\n{file}    {kb} KB     15/03/2027 16:20 GMT   88-1204-A', { id: '88-1204-A' }],
  ['confirmed', 'Accusé de réception\nNuméro : 2027-0091\nDéposé le : 15/03/2027 à 17h12 (CET)\nFichier : {file}\nTaille : {bytes} octets', { receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['confirmed', 'Your set has arrived (set no. S-118).\n1. {file} — {grouped} bytes — 15 March 2027 16:30:10 GMT', { id: 'S-118' }],
  ['confirmed', 'Subject: Receipt 88123\n\nWe hold the following since 16:12 GMT on 15 March 2027:\n\n   {file}   {bytes} bytes\n\nReceipt 88123', { id: '88123' }],
  ['refuted', 'Receipt: 4410\nFile: {file}\nReceived: 15 March 2027 16:12 GMT\nWithdrawn by student: 15 March 2027 16:20 GMT'],
  ['refuted', 'Receipt: 4410\nFile: {file}\nReceived: 15 March 2027 16:12 GMT\nThis submission was replaced by submission 4466 at 16:30.'],
  ['refuted', 'Receipt: 4410\nFile: {file}\nWord count: 9,000\nReceived: 15 March 2027 16:12 GMT'],
  // Seconds since 1970 (POSIX.1-2017, 4.16); 1805127120 is 16:12 UTC on 15 March 2027.
  ['confirmed', 'ID 77b2e1c4-0d5f-4b77-9a0e-5d6f1f6f2f10\nstored 1805127120\n{file}', { receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Reference number 774411 | 15 Mar 2027 | 16:12 GMT | {cut}… | OK', { id: '774411' }],
  ['confirmed', 'Receipt: 9Z8Y7X\nDate: 15 March 2027\nTime: 16:12\nZone: GMT\nFile(s): {file}', { receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Confirmation\nSubmission id: aa-bb-cc-01\nSubmitted at: 15 Mar 2027 12:12 EDT\nFile: {file}'],
  ['confirmed', 'Receipt number: RN-5\nSubmitted: 15/03/2027 16:12:55\nFiles: 1. {file} - {mb} MB'],
  ['confirmed', 'Tracking code: K7-PLM-33. Received 3/15/2027 4:12:30 PM. {file}', { id: 'K7-PLM-33' }],
  ['doubtful', 'Submitted for marking. Last modified Monday, 15 March 2027, 4:12 PM. File submissions: {file}'],
  ['doubtful', 'This is not a receipt. Processing {file}… reference 1111, 15 March 2027 16:12'],
  ['doubtful', 'Submission successful! Your submission ID is 00018843. Submitted 4 minutes ago. {file}', { receivedAt: null }],
  ['doubtful', 'Late submission\nReceipt number: RN-5\nSubmitted: 15 March 2027 16:12 GMT\nFile: {file}'],
  ['doubtful', 'Code: GEO3107\nReceived at 15 March 2027 16:12 GMT\nFile: {file}', { id: null }],
  ['doubtful', 'Receipt CS-48213 printed on 14 March 2027, 09:00\nFile: {file}', { receivedAt: null }],
  ['refuted', 'Submission ID: 123456789\nDate submitted: 15-Mar-2027 05:12PM (UTC+0000)\nFile name: {file}'],
  ['refuted', 'Status: Draft (not submitted)\nFile: {file}\nLast modified: Monday, 15 March 2027, 4:12 PM\nReference 8812'],
  ['refuted', 'Your file {file} could not be uploaded. Error code 5512. 15 March 2027 16:12 GMT'],
  // Elsewhere, and in other words.
  ['confirmed', 'Acuse de recibo\nNúmero de recibo: PS4-0192\nRecibido el 15 de marzo de 2027 a las 17:40 (hora de Madrid)\nArchivo: {file} ({kb} KB)', { id: 'PS4-0192', receivedAt: '2027-03-15T17:40:00+01:00' }],
  ['refuted', 'Acuse de recibo\nNúmero de recibo: PS4-0192\nRecibido el 15 de marzo de 2027 a las 18:40 (hora de Madrid)\nArchivo: {file} ({kb} KB)'],
  ['confirmed', 'Ontvangstbevestiging\nNummer: PS4-0192\nOntvangen op 15 maart 2027 om 17.12 uur (Amsterdam)\nBestand: {file}', { id: 'PS4-0192', receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['confirmed', 'Ricevuta n. PS4-0192\nConsegnato il 15 marzo 2027 alle ore 17:12 (ora di Roma)\nFile: {file}', { id: 'PS4-0192', receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['confirmed', '回執編號：PS4-0192\n提交時間：2027年3月15日 16:12 GMT\n檔案：{file}', { id: 'PS4-0192', receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Lodged: Monday 15 March 2027, 4.41pm GMT\nLodgement number: 2027-0099812\nFile lodged: {file}', { id: '2027-0099812' }],
  ['confirmed', 'Your hand-in was stored twice. The last one counts.\n1) PS4-0192  14 Mar 2027 22:10 GMT  old.pdf  (replaced)\n2) PS4-0207  15 Mar 2027 16:20 GMT  {file}', { id: 'PS4-0207', fileNames: ['essay_Y3921847.pdf'] }],
  ['refuted', 'Your hand-in was stored twice. The first one counts.\n1) PS4-0192  14 Mar 2027 22:10 GMT  old.pdf\n2) PS4-0207  15 Mar 2027 16:20 GMT  {file} (ignored)'],
  ['refuted', 'Receipt PS4-0192, 15 Mar 2027 16:20 GMT\n{file}: virus scan failed, file removed'],
  ['confirmed', '[16:20:14] desk: {file} arrived, {bytes} of {bytes} bytes\n[16:20:15] desk: receipt PS4-0192, 15 March 2027 16:20 GMT', { receivedAt: '2027-03-15T16:20:00+00:00' }],
  ['refuted', '[16:20:14] desk: {file} arrived, 1024 of {bytes} bytes\n[16:20:15] desk: receipt PS4-0192, 15 March 2027 16:20 GMT', { bytes: 1024 }],
  ['confirmed', '*** HAND-IN SLIP ***\nGEO 3107 ESSAY\nNO 0088213\n15.03.27 16:22:40\n{file} {bytes}\nSHA256 {sha}', { id: '0088213' }],
  ['confirmed', 'Attempt history\n\nAttempt 2 (current)\n  Receipt: A2-88213\n  Received: 15 March 2027 16:40 GMT\n  File: {file}\nAttempt 1\n  Receipt: A1-88102\n  Received: 14 March 2027 22:15 GMT\n  File: draft.pdf', { id: 'A2-88213', fileNames: ['essay_Y3921847.pdf'] }],
  ['refuted', 'We have received 0 files from you.\nYour receipt number: 2027-LAW-000771. 15/03/2027 16:22:09 (+0000)'],
  ['confirmed', 'receipt: 7e1-44\nreceived_at: 2027-03-15T16:55:09+00:00\nfiles:\n  - name: {file}\n    bytes: {bytes}\n    sha256: {sha}', { id: '7e1-44', receivedAt: '2027-03-15T16:55:09+00:00' }],
  ['confirmed', 'SUBMITTED\n\nMon Mar 15 16:55:09 GMT 2027\n\n{file}\n{kb} kB\n\nReceipt code\nQX-77-LAW', { id: 'QX-77-LAW', receivedAt: '2027-03-15T16:55:09+00:00' }],
  ['confirmed', 'Receipt code\nQX-77-LAW\n\nFile\n{file}\n\nReceived\n15 March 2027\n16:55 (UK time)', { id: 'QX-77-LAW', receivedAt: '2027-03-15T16:55:00+00:00' }],
  ['confirmed', 'Submitted!   Mon Mar 15, 2027 4:12pm GMT    |    {file}    |    conf. no. RP-0192', { id: 'RP-0192' }],
  ['confirmed', 'Hi there! 👋 Your hand-in is safe with us.\n🕑 15 Mar 2027, 16:40 GMT\n📄 {file} ({kb} kB)\n🔖 LW-7741', { id: 'LW-7741', receivedAt: '2027-03-15T16:40:00+00:00' }],
  ['confirmed', 'Submission summary\nFile ............... {file}\nReceived ........... 15/03/2027 16:40:22\nReference .......... 0415/LAW/27', { id: '0415/LAW/27' }],
  ['confirmed', 'We can confirm that candidate Y3921847 submitted the following on 15 March 2027:\n\n  16:40  {file}  {bytes} bytes\n\nConfirmation reference LAW/2104/1. All times UK.', { receivedAt: '2027-03-15T16:40:00+00:00' }],
  ['refuted', 'We can confirm that candidate Y3921847 submitted the following on 15 March 2027:\n\n  17:10  {file}  {bytes} bytes\n\nConfirmation reference LAW/2104/1. All times UK.', { receivedAt: '2027-03-15T17:10:00+00:00' }],
  // What was received lies behind us: a day without a year is the last one.
  ['confirmed', 'Receipt QX-0017-2\nReceived: Monday 15 March, 4:12 pm (GMT)\nFile: {file}', { receivedAt: '2027-03-15T16:12:00+00:00' }],
  ['confirmed', 'Receipt: QX-0017-3\nReceived: 15.03.2027 um 17:12 Uhr (MEZ)\nFile: {file}', { receivedAt: '2027-03-15T17:12:00+01:00' }],
  ['refuted', 'Submission ID 5509123\nGEO 3107 Essay\nMonday, 15 March 2027, 4:12 PM\nPaper: (no file)\nWords: 0'],
  ['refuted', 'We received your coursework on 15 March 2027 at 16:12 GMT. Your unique submission number is LW-2027-00418. We hold one document: {file}. CRC32: 00aabb11'],
  ['refuted', 'Receipt AB12CD34 — 15 March 2027, 16:12:03 (Europe/London) — {file} — 1{grouped} bytes'],
  ['refuted', 'Receipt AB12CD34 — 15 March 2027, 16:12:03 (Europe/London) — other_file.pdf — {grouped} bytes'],
  ['refuted', 'Upload complete\nTicket T-0007731\nUploaded on: March 15, 2027 4:12 PM GMT\nFilename: “{file}”\nPlace: LAW 2140 Essay'],
  ['refuted', 'Hand-in confirmed.\nNumber: 55-01-2299\nWhen: 15 March 2027 at 16:12\nWhat: {file}\nFirst words: The poetry of the sea in early modern England'],
  ['refuted', 'Your reference: HO-31\nYour paper was received at 16:12 on Monday 15th March, 2027.\n{file} (0 bytes)'],
  ['refuted', 'SHA-256: {shaBut}\nReceipt: CC-1\nTime: 2027-03-15 16:12 UTC\nFile: {file}'],
  ['confirmed', 'Handed in\nWe received 1 document on Monday, 15 March 2027 at 16:41:07 GMT.\n{file} ({kb} kB, application/pdf)\nConfirmation code 7F3K-99QX', { id: '7F3K-99QX', receivedAt: '2027-03-15T16:41:07+00:00' }],
  ['confirmed', 'your file "{file}" with {grouped} bytes reached us on 15/03/2027 16:58 (UK time).\nYour submission number is 4410293.\nSHA-256: {sha}', { id: '4410293', receivedAt: '2027-03-15T16:58:00+00:00' }],
  ['confirmed', 'Receipt ID\tGEO-2027-000381\nUploaded file\t{file}\nFile size\t{kib}K\nDate and time\t15-Mar-2027 04:55PM (UTC+0000)', { id: 'GEO-2027-000381' }],
  ['confirmed', 'Confirmation number: R/2027/117\nHand-in time: Monday 15 March 2027, 11:55 EST\nFile name: {cut}…', { receivedAt: '2027-03-15T11:55:00-05:00' }],
  ['confirmed', 'Receipt: 71\nTime of receipt: 15 March 2027 16:00 GMT\nFile: {file}', { id: '71' }],
  ['confirmed', '| Field | Value |\n|---|---|\n| Receipt | HO-4471-22 |\n| Time | 2027-03-15T11:30:00-05:00 |\n| File | {file} |\n| Bytes | {bytes} |', { id: 'HO-4471-22', receivedAt: '2027-03-15T11:30:00-05:00' }],
  ['confirmed', 'We confirm that on 15 March 2027 at 16:20 (Europe/London) you handed in\n   1. {file} ........ {grouped} bytes\nAcknowledgement no. AK-20270315-0091', { id: 'AK-20270315-0091', receivedAt: '2027-03-15T16:20:00+00:00' }],
  ['confirmed', 'Thanks for handing in. We got {file} ({mb} MB) at 3.47pm on Monday 15th March 2027 GMT. Quote ref. QX/3107/12 if you write to us.', { id: 'QX/3107/12', receivedAt: '2027-03-15T15:47:00+00:00' }],
  ['confirmed', 'Vorgang / Transaction: 20270315-55\nZeit / Time: 15.03.2027 17:10 CET\nDatei / File: {file}\nGröße / Size: {kb} kB', { id: '20270315-55', receivedAt: '2027-03-15T17:10:00+01:00' }],
  ['doubtful', 'Receipt number: 6612\nFile: {file} ({kb} kB)\nPrinted: 15 March 2027 16:50 GMT', { receivedAt: null }],
  ['doubtful', 'Thank you! Your paper {file} was uploaded on 15 March 2027 at 4:12 pm.', { id: null }],
  ['refuted', 'DRAFT saved - not yet submitted\nSaved on 15 March 2027, 15:10 GMT\n{file}, {mb} MB\nReference D-5521'],
  ['refuted', 'Receipt 2027-1188\nReceived 2027-03-15 16:45:10 (UTC)\nDocument: {file} ({kb} kB)\nOpening of your text: "The history of the herring fishery begins with"', { extract: 'The history of the herring fishery begins with' }],
  ['refuted', 'Confirmation: 991-AC\nYour upload on 15 Mar 2027, 5:30 PM GMT was accepted (late).\n{file} - {kb} kB', { receivedAt: '2027-03-15T17:30:00+00:00' }],
  ['refuted', 'Receipt 5140\nReceived: 15 March 2027, 15:00 GMT\n1. {cut} (2).pdf {kb} kB'],
  ['confirmed', 'RECEIPT OF ELECTRONIC SUBMISSION\n-----\nPlace:          GEO 3107 Essay\nDocument(s):    1\n  1. {file}     {kib} KiB\nReceived (UTC): 2027-03-15T16:59:58Z\nReceipt No.:    0098-3321-AB\nStatus:         FINAL', { id: '0098-3321-AB' }],
  ['refuted', 'RECEIPT\n  1. {file}     {kib} KiB\nReceived (UTC): 2027-03-15T17:00:02Z\nReceipt No.:    0098-3321-AB\nStatus:         FINAL'],
  ['confirmed', 'Thank you, we received your work on 15/03/2027 at 16:44 (GMT).\nReference number – 7F3A-22\nFile name – {file}', { id: '7F3A-22', receivedAt: '2027-03-15T16:44:00+00:00' }],
  ['confirmed', 'Thank you, we received your work on 05/03/2027 at 16:44 (GMT).\nReference number – 7F3A-22\nFile name – {file}', { receivedAt: '2027-03-05T16:44:00+00:00' }],
  ['refuted', 'You handed in: {file}\nSize: 13.3 MB\nOn: 15 March 2027 15:00 UK time\nConfirmation code: HHKJ-22', { receivedAt: '2027-03-15T15:00:00+00:00' }],
  ['confirmed', '✔ Received\n{file}\n{grouped} bytes\nMar 15, 2027, 4:58:07 PM GMT\nSHA-256 {shaGrouped}\nID 2027/03/000781', { id: '2027/03/000781', receivedAt: '2027-03-15T16:58:07+00:00' }],
  ['refuted', '✔ Received\n{file}\nMar 15, 2027, 4:58:07 PM GMT\nSHA-256 {shaButGrouped}\nID 2027/03/000781'],
  ['confirmed', 'Dear candidate,\nthis is to confirm that the document "{file}" ({kb} kB) was lodged at 16.20 hours GMT on the fifteenth of March 2027 under the number L-2027-118.\nThe Registry', { id: 'L-2027-118', receivedAt: '2027-03-15T16:20:00+00:00' }],
  ['refuted', 'The document "{file}" was lodged at 16.20 hours GMT on 15 March 2027 under the number L-2027-118.\nYour document begins: The decline of the herring fleet in the nineteenth century\nThe Registry', { extract: 'The decline of the herring fleet in the nineteenth century' }],
  ['refuted', 'Receipt R-1\nFiles received: 1 of 2\n - {file}  {bytes} bytes  OK\n - data.xlsx  FAILED\nTime: 2027-03-15 16:10 GMT'],
  ['confirmed', 'Receipt: GH\u20114410\nFile: {file}\nWhen: Monday, 15 March 2027, 4:12\u00a0pm (UK)', { id: 'GH-4410' }],
  ['doubtful', 'Submitted 15 March 2027, 16:40 GMT\n{file} ({kb} kB)', { id: null }],
  ['confirmed', 'Submission receipt no. 17\nFile: {file}\nPages: {pages}\n15 March 2027, 16:40 GMT\nPrinted 14 March 2027, 09:12', { id: '17', receivedAt: '2027-03-15T16:40:00+00:00' }],
  ['refuted', 'Submission receipt no. 17\nFile: {file}\nPages: 31\n15 March 2027, 16:40 GMT'],
  ['confirmed', 'begin 2027-03-15 16:48:01 UTC\nrecv  {file} {bytes} sha256={sha}\nend   2027-03-15 16:48:03 UTC\nreceipt-id: UP-164803-4f21\nresult: accepted', { id: 'UP-164803-4f21', receivedAt: '2027-03-15T16:48:03+00:00' }],
  ['confirmed', 'Kvittering / Receipt\nInnlevert / Submitted: mandag 15. mars 2027 kl. 17.42 (CET)\nFil / File: {file}\nKvitteringsnummer / Receipt number: 7741-2027', { id: '7741-2027', receivedAt: '2027-03-15T17:42:00+01:00' }],
  ['confirmed', 'Quittung Nr. 88\nReceipt number: 88\nEingegangen: 15. März 2027 um 17.10 Uhr (CET)\nFile: {file}', { receivedAt: '2027-03-15T17:10:00+01:00' }],
  ['confirmed', 'Paper copy and electronic copy received.\nElectronic copy: {file}, {kb} kB, 15/3/27 4.05pm (GMT)\nSlip no. 0412', { id: '0412', receivedAt: '2027-03-15T16:05:00+00:00' }], ['doubtful', 'Receipt no. 0412\nElectronic copy: {file}, last modified 15/3/27 4.05pm (GMT)', { receivedAt: null }],
  ['confirmed', 'Receipt 0412\nFile: {file}\nReceived: 15 March 2027, 11:59 PM Tokyo time', { receivedAt: '2027-03-15T23:59:00+09:00' }], ['refuted', 'Submission cancelled by user.\nFile: {file}\nReference 9981-A\nTime: 15 March 2027 16:05 GMT'],
  ['refuted', 'Receipt 99-B\nYour submission to LAW 2140 Essay was received on 15 March 2027 at 16:05 GMT.\nFile: {file}'], ['confirmed', 'Receipt 99-B\nYour submission to GEO 3107 Essay was received on 15 March 2027 at 16:05 GMT.\nFile: {file}'],
  ['confirmed', '   Submission      GEO 3107 Essay\n   Time            15 Mar 2027 16:20:44 (+00:00)\n                   {file}     {kib} KiB\n   Confirmation    c0ffee-1234-5678', { id: 'c0ffee-1234-5678' }],
  ['doubtful', 'Thank you for your e-mail of 15 March 2027, 16:40. Your attachment {file} will be looked at after my return.', { receivedAt: null }],
  ['confirmed', 'Your work is in.\n\nWhat      GEO 3107 Essay\nFile      {file}\nWhen      Mon 15 Mar 2027, 16:42:08 (GMT+00:00)\nCode      HX4-22P', { id: 'HX4-22P', receivedAt: '2027-03-15T16:42:08+00:00' }],
  ['confirmed', 'RECEIPT OF COURSEWORK\nHanded in on: 15/03/2027\nHanded in at: 16:42\nFilename: {file}\nReceipt no.: 00412', { id: '00412', receivedAt: '2027-03-15T16:42:00+00:00' }], ['refuted', 'Receipt no.: 00412\nHanded in on: 15/03/2027\nHanded in at: 17:42\nFilename: {file}'],
  ['confirmed', 'Receipt 88-A\n16:42 on 15.03.27\n{file} / {kb} kB\nAll good.', { receivedAt: '2027-03-15T16:42:00+00:00' }], ['confirmed', 'Kvittering\nAfleveret: 15-03-2027 16:42\nFil: {file}\nKvitteringsnr.: 7731-88', { id: '7731-88' }],
  ['confirmed', 'Recibo de entrega 7781-X\nFecha: 15 de marzo de 2027, 16:42\nArchivo: {file}', { id: '7781-X', receivedAt: '2027-03-15T16:42:00+00:00' }], ['refuted', 'Receipt 6-22\nAccepted 15 March 2027 16:42\n{file}\n\nAttention: the file could not be opened by the checker. Please hand it in again.'],
  ['confirmed', 'Submission 5512-1 for GEO 3107 Essay was created on 15 March 2027 at 15:10 and last updated on 15 March 2027 at 16:42.\nFile: {file}', { receivedAt: '2027-03-15T16:42:00+00:00' }], ['confirmed', 'Ref. 5512-7 – {file} – handed in 15.3.2027, 16.42 – on time', { id: '5512-7' }],
  ['confirmed', '| Field | Value |\n|---|---|\n| Reference | 5512-7 |\n| Submitted at | 15 March 2027 16:42 |\n| File | {file} |', { id: '5512-7' }], ['doubtful', 'Subject: Hand-in received [KD-0912]\n\nWe received your hand-in.\nYour file: {file}', { id: 'KD-0912', receivedAt: null }],
  ['confirmed', 'Upload log\n15-Mar-2027 16:40:12 started {file}\n15-Mar-2027 16:40:55 100% of {bytes} bytes\n15-Mar-2027 16:41:03 verified, receipt no. 77120', { id: '77120', receivedAt: '2027-03-15T16:41:03+00:00' }], ['confirmed', 'Abgabebestätigung Nr. 27-3317\nAm 15.03.2027 um 16:42 Uhr ging Ihre Datei {file} ein.', { id: '27-3317' }],
  // A browser prints the page's own time above it or below it: that is not the time of receipt.
  ['doubtful', '15/03/2027, 16:40\nSubmission receipt no. 17\nFile: {file}', { receivedAt: null }], ['doubtful', 'Submission receipt no. 17\nFile: {file}\n15/03/2027, 16:40', { receivedAt: null }],
  ['doubtful', 'Submission receipt no. 17\nFile: {file}\n14 March 2027, 09:00 GMT\n15 March 2027, 16:40 GMT', { receivedAt: null }],
  ['refuted', 'Receipt ID 44121\nDate submitted: 15 March 2027 16:30 GMT\nYour file {file} could not be processed: the upload failed.'],
  ['confirmed', '<p>Your file <b>{file}</b> was received on <b>15&nbsp;March&nbsp;2027, 11:05&nbsp;am</b> (GMT).<br>Your receipt number is <code>GX/2027/118</code>.</p>', { id: 'GX/2027/118', receivedAt: '2027-03-15T11:05:00+00:00' }],
  ['refuted', 'Receipt 5512\nOn 15 March 2027 at 16:05 GMT we received {file}.\nOn 15 March 2027 at 16:30 GMT you withdrew this submission.'], ['confirmed', 'Receipt 5512\nOn 15 March 2027 at 16:05 GMT we received {file}.\nYou can withdraw it until the deadline.'],
  ['confirmed', 'Receipt: 0007781\nReceived: 2027-03-15 16:12 UTC\nFile: {file}\nMD5: {md5}', { id: '0007781' }], ['refuted', 'Receipt: 0007781\nReceived: 2027-03-15 16:12 UTC\nFile: {file}\nMD5: 9e107d9d372bb6826bd81d3542a419d6'], ['confirmed', 'Receipt: 9e107d9d372bb6826bd81d3542a419d6\nReceived: 2027-03-15 16:12 UTC\nFile: {file}', { id: '9e107d9d372bb6826bd81d3542a419d6' }],
  ['confirmed', ' ELECTRONIC HAND-IN            SLIP 00931\n BOX         GEO 3107 ESSAY\n FILE        {file}\n BYTES       {grouped}\n IN          15-03-27 15:31:07 UK\n KEEP THIS SLIP', { id: '00931', receivedAt: '2027-03-15T15:31:07+00:00' }],
  ['confirmed', 'Your attempts\nAttempt 1   10 March 2027 09:12 GMT   draft.pdf   receipt 771-A\nAttempt 2   15 March 2027 16:20 GMT   {file}   receipt 771-B', { id: '771-B', receivedAt: '2027-03-15T16:20:00+00:00' }], ['refuted', 'Your attempts\nAttempt 1   10 March 2027 09:12 GMT   {file}   receipt 771-A\nAttempt 2   15 March 2027 16:20 GMT   draft.pdf   receipt 771-B'],
  // ISO 8601 basic format.
  ['confirmed', 'RECEIPT-ID=f81d4fae-7dec-11d0-a765-00a0c91e6bf6\nRECEIVED=20270315T162000Z\nFILE={file}\nLENGTH={bytes}', { receivedAt: '2027-03-15T16:20:00+00:00' }], ['refuted', 'RECEIPT-ID=f81d4fae-7dec-11d0-a765-00a0c91e6bf6\nRECEIVED=20270315T172000Z\nFILE={file}'],
  ['confirmed', 'Submission accepted (code A1B2C3)\nitem: [{file}]\non: Monday 15 March 2027, one minute past four in the afternoon, 16:01 (London)', { id: 'A1B2C3', receivedAt: '2027-03-15T16:01:00+00:00' }], ['refuted', 'The upload failed (code A1B2C3)\n{file}\nMonday 15 March 2027, 16:01 (London)', { id: null }],
  ['confirmed', '<?xml version="1.0"?>\n<receipt id="R-889120"><received>2027-03-15T16:45:00+00:00</received><file name="{file}" size="{bytes}"/></receipt>', { id: 'R-889120' }], ['refuted', '<?xml version="1.0"?>\n<receipt id="R-889120"><received>2027-03-15T16:45:00+00:00</received><file name="{file}" size="17"/></receipt>', { bytes: 17 }],
  ['confirmed', 'Accusé de réception\nN° de dépôt : 7F3A9921\nDéposé le 15 mars 2027 à 17 h 42 (heure de Paris)\nFichier : {file}', { id: '7F3A9921', receivedAt: '2027-03-15T17:42:00+01:00' }], ['confirmed', 'Justificante de entrega\nCódigo: 7F3A9921\nFecha y hora: 15/03/2027 17:42 CET\nArchivo: {file}', { id: '7F3A9921' }],
  ['confirmed', 'Upload 1: 7F3A9920  10 March 2027 09:12  draft.pdf\nUpload 2: 7F3A9921  15 March 2027 16:42  {file}\nCurrent upload: 2', { id: '7F3A9921', receivedAt: '2027-03-15T16:42:00+00:00' }],
  ['confirmed', 'You replaced your previous submission.\nOld: {file} (10 March 2027 09:00, receipt 7F3A9920)\nNew: {file} (15 March 2027 16:42, receipt 7F3A9921)', { id: '7F3A9921', receivedAt: '2027-03-15T16:42:00+00:00' }],
  ['refuted', '*** TEST SYSTEM – submissions are not assessed ***\nReceipt 7F3A9921\nFile: {file}\nReceived: 15 March 2027 16:42'], ['confirmed', 'Receipt 7F3A9921\nThe test system of last week is closed.\nFile: {file}\nReceived: 15 March 2027 16:42'],
];
const file = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Essay' };
let bytes: Uint8Array, said: (text: string) => string;
beforeAll(async () => {
  bytes = await plantedPdf();
  const { pages } = await readDocument(bytes, file);
  const n = bytes.length, sum = await sha256(bytes), words: Record<string, string> = { file, cut: file.slice(0, 12), bytes: String(n), total: String(n + 8), grouped: n.toLocaleString('en'), kb: (n / 1000).toFixed(1), mb: (n / 1e6).toFixed(4), kib: (n / 1024).toFixed(2), sha: sum, md5: sumOf('md5', bytes), shaBut: (sum[0] === '0' ? '1' : '0') + sum.slice(1), pages: String(pages.ok ? pages.value.length : 0), shaGrouped: sum.replace(/.{8}(?=.)/g, '$& '), shaButGrouped: ((sum[0] === '0' ? '1' : '0') + sum.slice(1)).replace(/.{8}(?=.)/g, '$& ') };
  said = (text) => text.replace(/\{(\w+)\}/g, (_, k: string) => words[k]!);
});
/** The same for two documents, “Report final.pdf” and “data table.csv”. */
const ofTwo: readonly [standing: 'confirmed' | 'doubtful' | 'refuted', name: string, text: string, fields?: Record<string, unknown>][] = [
  ['confirmed', 'a.txt', 'Receipt HX-20\nReceived: 15 March 2027, 16:05 (GMT)\nDocuments (2):\nReport final.pdf        {grouped} bytes\ndata table.csv          8 bytes', { fileNames: ['Report final.pdf', 'data table.csv'] }],
  ['confirmed', 'a.html', '<p>Receipt HX-21</p><table><tr><th>Name</th><th>Size</th><th>Received</th></tr><tr><td>Report final.pdf</td><td>{kb} kB</td><td>15 Mar 2027 16:05:10 GMT</td></tr><tr><td>data table.csv</td><td>8 B</td><td>15 Mar 2027 16:05:12 GMT</td></tr></table>', { receivedAt: '2027-03-15T16:05:12+00:00' }],
  ['refuted', 'a.html', '<p>Receipt HX-21</p><table><tr><th>Name</th><th>Size</th><th>Received</th></tr><tr><td>Report final.pdf</td><td>{kb} kB</td><td>15 Mar 2027 16:59:10 GMT</td></tr><tr><td>data table.csv</td><td>8 B</td><td>15 Mar 2027 17:05:12 GMT</td></tr></table>', { receivedAt: '2027-03-15T17:05:12+00:00' }],
  ['refuted', 'a.txt', 'Receipt HX-22\nReceived: 15 March 2027, 16:05 (GMT)\nDocuments (1):\nReport final.pdf        {grouped} bytes'], ['refuted', 'a.txt', 'Receipt HX-23\nReceived: 15 March 2027, 16:05 (GMT)\nReport final.pdf {grouped} bytes\ndata table.csv 0 bytes'],
  ['confirmed', 'a.json', '{"id":"7c9","status":"submitted","submittedAt":"2027-03-15T17:05:00+01:00","attachments":[{"filename":"Report final.pdf","bytes":{bytes}},{"filename":"data table.csv","bytes":8}]}', { id: '7c9' }],
  ['confirmed', 'a.csv', 'receipt,time,file,size\nHX-24,2027-03-15 16:05:10 GMT,Report final.pdf,{bytes}\nHX-24,2027-03-15 16:05:12 GMT,data table.csv,8'],
  ['refuted', 'a.txt', 'Receipt HX-25\nReceived: 15 March 2027, 16:05 (GMT)\nReport final.pdf sha256: {sha}\ndata table.csv sha256: {shaBut}'],
  ['confirmed', 'a.txt', 'Receipt HX-26\nReceived: 15 March 2027, 16:05 (GMT)\n- Report fin….pdf ({kb} kB)\n- data ta….csv (8 bytes)', { fileNames: ['Report fin….pdf', 'data ta….csv'] }],
  ['refuted', 'a.txt', 'Receipt HX-26\nReceived: 15 March 2027, 16:05 (GMT)\n- Report dra….pdf ({kb} kB)\n- data ta….csv (8 bytes)'],
  ['refuted', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    received 15 Mar 2027 17:00:17 GMT', { receivedAt: '2027-03-15T17:00:17+00:00' }],
  ['confirmed', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    received 15 Mar 2027 16:41:17 GMT', { receivedAt: '2027-03-15T16:41:17+00:00' }],
  ['refuted', 'a.txt', 'Receipt 71-22\nReport final.pdf     {kb} kB    received 15 Mar 2027 16:40:01 GMT\ndata table.csv     8 B    rejected: wrong type'],
  ['refuted', 'a.txt', 'One of your two files has been received.\nReceipt no. 998-1 | Report final.pdf | 15 Mar 2027 16:10 GMT\nStill missing: data table.csv'],
  ['refuted', 'a.json', '{"type":"submission.rejected","data":{"uid":"01HRZ7Q8J4","submitted":"2027-03-15T16:40:22+00:00","documents":[{"originalName":"Report final.pdf"},{"originalName":"data table.csv"}]}}', { id: '01HRZ7Q8J4' }],
  ['confirmed', 'a.txt', 'Receipt 71-23\nReceived 15 Mar 2027 16:40 GMT\nReport final.pdf {bytes} bytes\ndata table.csv 8 bytes\nTotal {total} bytes', { id: '71-23' }],
  ['refuted', 'a.txt', 'Receipt HX-27\nReceived: 15 March 2027, 16:05 (GMT)\n- Report final.pdf ({kb} kB)\n- Report final.pdf ({kb} kB)'], ['doubtful', 'a.txt', 'Receipt HX-28\nReceived: 15 March 2027 (GMT)\n- Report final.pdf\n- data table.csv', { receivedAt: null }],
  ['confirmed', 'a.txt', 'Date: Mon, 15 Mar 2027 18:06:00 +0000\nFrom: hand-in desk <desk@uni.example>\nSubject: Receipt HX-30 for GEO 3107 Essay\n\nWe hold two files from you, handed in on 15 March 2027 at 5.05 pm Brussels time:\nReport final.pdf\ndata table.csv', { id: 'HX-30', receivedAt: '2027-03-15T17:05:00+01:00' }],
  ['confirmed', 'a.txt', 'We received the following on 15 March 2027:\n 16:42:08  Report final.pdf  {bytes} bytes  OK\n 16:42:31  data table.csv  8 bytes  OK\nReference for both: 7F3A9921\nAll times in UTC.', { id: '7F3A9921', receivedAt: '2027-03-15T16:42:31+00:00' }],
  ['refuted', 'a.txt', 'You handed in 1 of 2 files:\n[x] Report final.pdf\n[ ] data table.csv\nReference 7F3A9921\n15 March 2027 16:42', { fileNames: ['Report final.pdf'] }], ['confirmed', 'a.txt', 'You handed in 2 of 2 files:\n[x] Report final.pdf\n[x] data table.csv\nReference 7F3A9921\n15 March 2027 16:42', { fileNames: ['Report final.pdf', 'data table.csv'] }],
];
describe.each(ofTwo.map(([standing, name, text, fields], i) => [i + 1, standing, name, text, fields] as const))('receipt of two documents %i, %s, %s', (_, standing, name, text, fields) => {
  test(text.split('\n')[0]!.slice(0, 70), async () => {
    const result = await readReceipt({ name, path: name, bytes: new TextEncoder().encode(said(text)) }, [{ name: 'Report final.pdf', path: 'Report final.pdf', bytes }, { name: 'data table.csv', path: 'data table.csv', bytes: new TextEncoder().encode('a,b\n1,2\n') }], brief, '2027-03-15T18:00:00Z');
    expect([result.standing, ...Object.keys(fields ?? {}).map((k) => result.fields[k as keyof typeof result.fields])]).toEqual([standing, ...Object.values(fields ?? {})]);
  });
});
/** Where it went, wherever the words say so; the brief asks for “GEO 3107 Report 2”. */
const places: typeof forms = [
  ['refuted', 'Receipt no. 55-A-19\nFiled in: GEO 3107 Report 2 – outline\n15 March 2027, 16:15 GMT\n{file}, {kib} KiB', { id: '55-A-19' }],
  ['refuted', 'Hello Y3921847\nYour file "{file}" has been uploaded to GEO 3107 Report 1 at 16:02 on 15 March 2027. Your submission id is 5509123.', { id: '5509123' }],
  ['confirmed', 'Hello Y3921847\nYour file "{file}" has been uploaded to GEO 3107 Report 2 at 16:02 on 15 March 2027. Your submission id is 5509123.', { id: '5509123' }],
  ['refuted', 'Receipt 100-22: {file}, received 15 March 2027 16:02, GEO 3107 Report 2 (practice area)'],
  ['refuted', 'Submission 4471-22 | GEO 3107 Report 3 | {file} | 15/03/2027 16:12 GMT | OK'],
  ['confirmed', 'Submission 4471-22 | GEO 3107 Report 2 | {file} | 15/03/2027 16:12 GMT | OK'],
  ['refuted', 'Module: GEO 3109\nReceipt: RP-1177\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Course: GEO 3107\nAssignment: Report 2\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['refuted', 'Course: GEO 3107\nAssignment: Report 1\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Course: GEO 3107\nAssignment: Coursework\nReceipt: RP-1178\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
  ['confirmed', 'Module: Coastal processes\nReceipt: RP-1177\nFile: {file}\nReceived: 15 March 2027 16:12 GMT'],
];
const asked = [...forms.map((form) => ({ form, place: brief.place })), ...places.map((form) => ({ form, place: 'GEO 3107 Report 2' }))];
describe.each(asked.map(({ form: [standing, text, fields], place }, i) => [i + 1, standing, text, fields, place] as const))('receipt %i, %s', (_, standing, text, fields, place) => {
  test(text.split('\n')[0]!.slice(0, 70), async () => {
    const result = await readReceipt({ name: 'receipt.txt', path: 'receipt.txt', bytes: new TextEncoder().encode(said(text)) }, [{ name: file, path: file, bytes }], { ...brief, place }, '2027-03-15T18:00:00Z');
    expect([result.standing, ...Object.keys(fields ?? {}).map((k) => result.fields[k as keyof typeof result.fields])]).toEqual([standing, ...Object.values(fields ?? {})]);
  });
});
// A due time whose zone nobody says is one of the student's clock; 21:10 UTC on 15 March 2027 is 17:10 in New York (IANA tz database).
test.each([['confirmed', '20:59'], ['refuted', '21:10']] as const)('a due time without a zone, in New York: %s at %s UTC', async (standing, hour) => {
  const receipt = new TextEncoder().encode(said(`Receipt RN-5\nReceived: 15 March 2027 ${hour} UTC\nFile: {file}`));
  expect((await readReceipt({ name: 'r.txt', path: 'r.txt', bytes: receipt }, [{ name: file, path: file, bytes }], { ...emptyBrief(), due: '2027-03-15T17:00:00' }, '2027-03-15T22:00:00Z', {}, 'America/New_York')).standing).toBe(standing);
});
// A machine’s “CET” is one hour ahead of UTC in July, too; a wording’s is what the clock shows there (read.test.ts).
test('an abbreviation on a receipt means its own offset', async () => {
  const receipt = new TextEncoder().encode(said('Receipt RN-6\nReceived: 12 July 2027 17:30 CET\nFile: {file}'));
  expect((await readReceipt({ name: 'r.txt', path: 'r.txt', bytes: receipt }, [{ name: file, path: file, bytes }], { ...emptyBrief(), due: '2027-07-12T18:00:00+02:00', timeZone: 'CET' }, '2027-07-13T10:00:00Z'))).toMatchObject({ fields: { receivedAt: '2027-07-12T17:30:00+01:00' }, standing: 'refuted' });
});
