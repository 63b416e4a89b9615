import { expect, test } from '@jest/globals';
import { readFields } from './fields.ts';

/** Receipts in words of their own, without a label that is known; and what is no number and no time of a receipt. The texts are made up. */
const paper = 'HIST2041_4471902_essay.txt', at = '2026-12-03T16:42:00+00:00', now = '2026-12-03T20:00:00Z';
test.each<[id: string | null, at: string | null, text: string]>([
  ["77/2026", at, "All good! HIST2041_4471902_essay.txt is safely with us. Time stamp: 3 December 2026, 16:42 GMT. Case 77/2026."],
  ["20417", at, "We hold your file HIST2041_4471902_essay.txt since 16:42 GMT on 3 December 2026. If anything is wrong, write to us with the number 20417 in the subject."],
  ["SL/20/417", at, "HIST2041_4471902_essay.txt landed here on Thursday, 3 Dec 2026, 16:42 GMT. Your slip: SL/20/417."],
  ["20417", at, "Office stamp: 3 DEC 2026 16:42 GMT\nRunning number 20417\nContents: HIST2041_4471902_essay.txt"],
  ["HX20417", at, "It's in. HIST2041_4471902_essay.txt / 2026-12-03 16:42 GMT / HX20417"],
  ["2026-HX-20417", at, "Proof of hand-in\n\nThis is to certify that HIST2041_4471902_essay.txt was in our hands on 3 December 2026 at 16:42 (GMT).\n\nCertificate 2026-HX-20417"],
  ["20417", at, "Journal entry 20417: 3 December 2026, 16:42 GMT, one document (HIST2041_4471902_essay.txt)."],
  ["HX-20417", at, "Dear student, we can confirm that we have HIST2041_4471902_essay.txt. It reached the server at 16:42 GMT on 3 December 2026 and carries the stamp HX-20417."],
  ["HX-20417", at, "HX-20417\n\nHIST2041_4471902_essay.txt\n3 December 2026 16:42 GMT\nComplete"],
  ["HX-20417", at, "Your transfer of HIST2041_4471902_essay.txt ended at 16:42 GMT on 3 December 2026 without errors. Protocol HX-20417."],
  ["HX-20417", at, "The file HIST2041_4471902_essay.txt has been put in the box HIST2041 Final Essay. Box time: 3 December 2026 16:42 GMT. Your token: HX-20417"],
  ["20417", at, "Thanks – got it! (HIST2041_4471902_essay.txt, 16:42 GMT, 3/12/2026) #20417"],
  ["HX-20417", at, "Submission HX-20417 of 3 December 2026, 16:42 GMT, contains HIST2041_4471902_essay.txt."],
  ["HX-20417", at, "You've handed in HIST2041_4471902_essay.txt. That was at 4:42pm GMT on December 3, 2026. Should you need to prove it, HX-20417 is all you need."],
  ["HX-20417", at, "At 1642 GMT on 3 December 2026 we took delivery of HIST2041_4471902_essay.txt. Docket HX-20417."],
  ["HX-20417", at, "Delivery: HX-20417. Sender: student 4471902. Object: HIST2041_4471902_essay.txt. In at 2026-12-03 16:42 GMT, out at –."],
  ["HX-20417", at, "Printed 5 December 2026 09:00\n\nHand-in HX-20417: HIST2041_4471902_essay.txt, in the box since 3 December 2026 16:42 GMT"],
  ["HX-20417", at, "Deadline 4 December 2026 17:00 GMT\nYou were 1 day early: 3 December 2026 16:42 GMT\nHX-20417: HIST2041_4471902_essay.txt"],
  ["HX-20417", at, "HIST2041_4471902_essay.txt\nstatus: in\nwhen: 2026-12-03 16:42 GMT\nkey: HX-20417"],
  [null, null, "Please keep in mind that the box closes on 4 December 2026 at 17:00 GMT. File: HIST2041_4471902_essay.txt"],
  [null, null, "HIST2041_4471902_essay.txt\nPage printed 3 December 2026 16:42 GMT, page 1 of 2, room 20417"],
  [null, null, "Your student number is 4471902. We have HIST2041_4471902_essay.txt. Feedback follows by 3 December 2026, 16:42 GMT."],
  [null, null, "We have HIST2041_4471902_essay.txt. Call us on 0191 496 0000 if you have questions."],
  [null, null, "We have HIST2041_4471902_essay.txt. It was last changed on 3 December 2026, 16:42 GMT, by you."],
  [null, null, "We have HIST2041_4471902_essay.txt. HIST2041, 1 file, 2 pages, 77 words, room 3.14"],
  ["HX-20417", at, "Hi! Just to let you know that HIST2041_4471902_essay.txt made it to us, 3 December 2026, 16:42 GMT. If you ever need it: HX-20417."],
  ["HX-20417", at, "Your paper now sits in our archive as HX-20417. Archived: 3 December 2026, 16:42 GMT. Name of the file: HIST2041_4471902_essay.txt."],
  ["20417", at, "Acknowledgement slip – please retain\nHIST2041_4471902_essay.txt\n16:42 GMT  3 December 2026\nSerial 20417"],
  ["7F-3A-99", at, "Sealed with the code 7F-3A-99 on 3 December 2026, 16:42 GMT: HIST2041_4471902_essay.txt."],
  ["HX-20417", at, "Ticket opened: HX-20417\nOpened by: the hand-in box\nReason: new paper HIST2041_4471902_essay.txt\nAt: 3 December 2026 16:42 GMT"],
  ["HX-20417", at, "HIST2041_4471902_essay.txt: taken in 3 December 2026 16:42 GMT under HX-20417, two pages."],
  ["HX-20417", at, "Thank you for your patience! HIST2041_4471902_essay.txt is finally through (3 December 2026, 16:42 GMT). Keep HX-20417 in case we ask."],
  ["HX-20417", at, "Queue position 3 … done. HIST2041_4471902_essay.txt in place at 2026-12-03 16:42 GMT, id=HX-20417"],
  ["HX-20417", at, "A copy of HIST2041_4471902_essay.txt (3 December 2026, 16:42 GMT) is now in the examiners' tray. Tray slip HX-20417."],
  ["HX-20417", at, "From us to you: HIST2041_4471902_essay.txt arrived. HX-20417. 3 December 2026, 16:42 GMT. That's all there is to say."],
  ["20417", at, "Exam office, room B-204. We took HIST2041_4471902_essay.txt into our books on 3 December 2026 at 16:42 GMT (page 17, line 4, serial number 20417)."],
  ["HX-20417", at, "Drop-off confirmed\n\nLocker: HIST2041 Final Essay\nParcel: HIST2041_4471902_essay.txt\nDropped: Thu 3 Dec 2026, 16:42 GMT\nLocker code: HX-20417"],
  ["HX-20417", at, "[2026-12-03 16:41 GMT] checking HIST2041_4471902_essay.txt … ok\n[2026-12-03 16:42 GMT] committed as HX-20417"],
  ["HX-20417", at, "HIST2041_4471902_essay.txt\tHX-20417\t2026-12-03 16:42 GMT\tOK"],
  ["HX-20417", at, "Receipt for HIST2041_4471902_essay.txt and HIST2041_4471902_data.txt: both in since 3 December 2026, 16:42 GMT. Common number: HX-20417."],
  ["HX-20417", at, "Empfangen: HIST2041_4471902_essay.txt, 3. Dezember 2026, 16:42 Uhr (GMT). Merken Sie sich HX-20417."],
  ["HX-20417", at, "Bien reçu : HIST2041_4471902_essay.txt, le 3 décembre 2026 à 16h42 (GMT). Dossier HX-20417."],
  ["HX-20417", at, "Hemos recibido HIST2041_4471902_essay.txt el 3 de diciembre de 2026 a las 16:42 (GMT). Expediente HX-20417."],
  ["HX-20417", at, "Abbiamo ricevuto HIST2041_4471902_essay.txt il 3 dicembre 2026 alle 16:42 (GMT). Pratica HX-20417."],
  [null, null, "We have your file HIST2041_4471902_essay.txt. Your printer code is AB-1234. "],
  [null, null, "We have your file HIST2041_4471902_essay.txt. The next drop-in session is on 3 December 2026 at 16:42 GMT in room QX-101."],
  [null, null, "You downloaded HIST2041_4471902_essay.txt at 16:42 GMT on 3 December 2026."],
  [null, null, "Your account 4471902 was created at 16:42 GMT on 3 December 2026. We have HIST2041_4471902_essay.txt."],
  [null, null, "We have HIST2041_4471902_essay.txt. Model letter GB-2041-A applies. ISO 8601-1:2019. Regulation 17/2020 applies."],
])('%s at %s: %s', (id, when, text) => {
  const { fields } = readFields(text, [paper], 'Europe/London', now);
  expect([fields.id, fields.receivedAt && Date.parse(fields.receivedAt)]).toEqual([id, when && Date.parse(when)]);
});
test('two times that stand by themselves tell nothing', () => expect(readFields(`Receipt HX-20417\n${paper}\nIt is with us.\n2 December 2026, 09:00 GMT\n3 December 2026, 16:42 GMT`, [paper], null, now).fields.receivedAt).toBeNull());
test.each(['The transfer failed.', 'This is not a receipt.', 'It is a draft.'])('no number and no time of what is not there: %s', (said) => { const { fields } = readFields(`${paper}: ${said} Token: HX-20417. Box time: 3 December 2026 16:42 GMT.`, [paper], null, now); expect([fields.id, fields.receivedAt]).toEqual([null, null]); });
