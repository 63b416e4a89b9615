import { createHash } from 'node:crypto';
import { expect, test } from '@jest/globals';
import { readReceipt } from '../verbs/receipt.ts';
import { readBrief } from '../brief/read.ts';

/** What short receipts in words of their own prove, of one file or of two; the texts are made up. */
const essay = 'HIST2041_4471902_essay.txt', data = 'HIST2041_4471902_data.txt', when = '3 December 2026, 16:42 GMT', now = '2026-12-04T20:00:00Z';
const file = (name: string, words: string) => ({ name, path: name, bytes: new TextEncoder().encode(words) });
const files = [file(essay, 'The quiet harbour\n\nSmall harbours are not empty, they are only quiet. When the last coaster left the inner basin, the sheds along the north quay were emptied within a single winter and the cranes were sold for scrap. The town council had no plan for the land.\n\nWhat finally changed the mind of the council was not money but a flood.\n'), file(data, 'Levels of the water at the tide house\n\n12.4 12.6 12.9 and so on for every quarter of an hour.\n')];
const size = files[0]!.bytes.length, sum = createHash('sha256').update(files[0]!.bytes).digest('hex'), turned = [...sum].reverse().join('');
const { brief } = readBrief('Submit your essay to the HIST2041 Final Essay folder by 4 December 2026, 17:00 (UK time).', '2026-11-30T09:00:00Z');
test.each<[standing: string, files: number, text: string]>([
  ['confirmed', 1, `We have ${essay}. Thank you. Number 20417. ${when}.`],
  ['refuted', 2, `We have ${essay}. Thank you. Number 20417. ${when}.`],
  ['refuted', 2, `Number 20417, ${when}\n${essay} – received\n${data} – rejected (too large)`],
  ['refuted', 2, `Number 20417, ${when}\n${essay}: ok\n${data}: waiting`],
  ['confirmed', 2, `Number 20417, ${when}\n${essay}: ok\n${data}: ok`],
  ['confirmed', 2, `Number 20417, ${when}\n[x] ${essay}\n[x] ${data}`],
  ['refuted', 1, `Number 20417, ${when}. ${essay}. Your work is now a draft. Press the button once more to hand it in.`],
  ['refuted', 1, `Number 20417. ${essay}. Came in on 4 December 2026 at 17:00:30 GMT, half a minute after the end.`],
  ['refuted', 1, `Number 20417. ${essay} (${size + 5000} bytes). ${when}.`],
  ['confirmed', 1, `Number 20417. ${essay} (${size} bytes). ${when}.`],
  ['confirmed', 1, `Number 20417. ${essay} (0.3 kB). ${when}.`],
  ['refuted', 1, `Number 20417. ${essay} (4.4 MB). ${when}.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. Box: HIST2041 Draft Essay.`],
  ['confirmed', 1, `Number 20417. ${essay}. ${when}. Box: HIST2041 Final Essay.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. Title: The history of trams in the north. Text begins: “Trams were first seen in the year”.`],
  ['confirmed', 1, `Number 20417. ${essay}. ${when}. Text begins: “The quiet harbour Small harbours are not empty”.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. The file seems to be empty.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. We could not open the file.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. The submission was withdrawn by you at 17:10.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. The upload was cancelled.`],
  ['confirmed', 1, `Number 20417. ${essay}. ${when}. No errors. Nothing was rejected.`],
  ['doubtful', 1, `Number 20417. ${essay}. Received on 3 December 2026.`],
  ['doubtful', 1, `${essay}. ${when}. Received. Thank you.`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. Checksum (SHA-256): ${turned}.`],
  ['confirmed', 1, `Number 20417. ${essay}. ${when}. Checksum (SHA-256): ${sum.slice(0, 12)}…`],
  ['refuted', 1, `Number 20417. ${essay}. ${when}. Checksum (SHA-256): ${turned.slice(0, 12)}…`],
  ['confirmed', 1, `Number 20417. ${essay}. Received 17:42 CET, 3 December 2026.`],
  ['confirmed', 1, `Number 20417. ${essay}. Received 4 December 2026, 18:30 EET.`],
  ['refuted', 1, `Number 20417. ${essay}. Received 4 December 2026, 12:30 EST.`],
  ['confirmed', 1, `Number 20417. Received ${when}. Sent under the name ${essay}, kept under the name 20417_1.txt.`],
  ['refuted', 1, `Number 20417. Received ${when}. Name: HIST2041_4471902_essay.docx.`],
  ['refuted', 1, `Number 20417. Received ${when}. Name: essay.txt.`],
  ['refuted', 2, `Number 20417. Received ${when}. 1 file: ${essay}. Handing in again replaced everything sent before.`],
  ['refuted', 1, `Number 20417. Received ${when}. ${essay}. Words: 12.`],
  ['confirmed', 1, `Number 20417. Received ${when}. ${essay}. Late: no. Draft: no. Errors: 0.`],
  ['refuted', 1, `Number 20417. Received ${when}. ${essay}. State: not submitted.`],
  ['refuted', 1, `Your hand-in 20417 (${essay}, ${when}) is NOT complete: the declaration is missing.`],
])('%s, %d: %s', async (standing, count, text) => expect((await readReceipt(file('receipt.txt', text), files.slice(0, count), brief, now)).standing).toBe(standing));
