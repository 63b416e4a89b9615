import { describe, expect, test } from '@jest/globals';
import { readFields } from './fields.ts';
import { plainReceipt } from './plain.ts';

/** A day and an hour in rows of their own. Invented, common practice, no published source. */
const read = (rows: string) => readFields(plainReceipt(`Receipt\nReference: AB-1207\n${rows}\nFile: essay.pdf`), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields;
const verbs = ['deposited', 'received', 'submitted', 'handed in', 'lodged', 'uploaded', 'logged', 'delivered', 'accepted', 'filed', 'registered', 'recorded', 'acknowledged'];
const cap = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
describe.each(verbs)('%s', (verb) => {
  test.each(['16:41 UK time', '16:41', '4:41 pm (London time)', '16:41:00 GMT'])('at %s', (hour) => {
    for (const rows of [`Date ${verb}: Wed, 09 Dec 2026\nTime ${verb}: ${hour}`, `${cap(verb)} on: 9 December 2026\n${cap(verb)} at: ${hour}`, `${cap(verb)} date: 9 December 2026\n${cap(verb)} time: ${hour}`, `Date of receipt: 9 December 2026\nTime of receipt: ${hour}`]) expect(read(rows).receivedAt).toBe('2026-12-09T16:41:00+00:00');
  });
});
test('the day something is due and the hour a page was printed are not when it came in', () => expect(read('Due date: 9 December 2026\nPrinted at: 16:41').receivedAt).toBeNull());
describe('an extract over several lines', () => {
  const extract = (text: string) => readFields(plainReceipt(text), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields.extract;
  test('ends with its line where there was room for more', () => expect(extract('We received the following at 16:41 on 9 December 2026:\n  essay.pdf\n  Opening words: Saltmarshes build up where the tide drops\nKeep this message.')).toBe('Saltmarshes build up where the tide drops'));
  test('goes on where the line was full', () => expect(extract('Reference: AB-1207, received 9 Dec 2026 16:41\nExtract: Saltmarshes build up where the tide drops\nwhat it carries, and rivers bring more of it\nFile: essay.pdf')).toContain('what it carries'));
  test('goes on while its quotation is open', () => expect(extract('Receipt for your paper, which has been received today at the office of the department\nExtract: “Saltmarshes build up\nwhere the tide drops what it carries”\nKeep this message.')).toBe('Saltmarshes build up where the tide drops what it carries'));
});

describe('its number', () => {
  const id = (text: string) => readFields(plainReceipt(`Report 2\nYour file essay.pdf was received on 9 December 2026 at 16:41.\n${text}`), ['essay.pdf'], 'Europe/London', '2026-12-09T17:00:00Z').fields.id;
  test.each(['We have filed it under 884213.', 'This submission is known to us as 884213.', 'No. 884213', 'The submission has been assigned ID 884213.', 'If you write to us, mention 884213.', 'Log entry: 884213', 'Voucher = 884213'])('%s', (text) => expect(id(text)).toBe('884213'));
  test.each(['It was assigned 30 pages of comments.', 'We have filed it under 12 December 2026.', 'If you write to us, give 14 days for an answer.', 'No. 3 of your module has been marked.'])('none: %s', (text) => expect(id(text)).toBeNull());
});
test.each([
  'Datum: 9. Dezember 2026\nUhrzeit: 16:41', 'Abgabedatum: 09.12.2026\nAbgabezeit: 16:41 Uhr', 'Eingegangen am: 09.12.2026\nUm: 16:41 Uhr', 'Datum der Abgabe: 9.12.2026\nUhrzeit der Abgabe: 16.41 Uhr', 'Date de dépôt : 9 décembre 2026\nHeure de dépôt : 16h41', 'Déposé le : 9 décembre 2026\nà : 16 h 41', 'Fecha de entrega: 9 de diciembre de 2026\nHora de entrega: 16:41', 'Data di consegna: 9 dicembre 2026\nOra di consegna: 16:41',
  'Data de entrega: 9 de dezembro de 2026\nHora de entrega: 16h41', 'Datum inlevering: 9 december 2026\nTijd: 16:41', 'Ingeleverd op: 9 december 2026\nTijdstip: 16.41 uur', 'Inlämnad: 9 december 2026\nTid: 16.41', 'Dato: 9. desember 2026\nKlokkeslett: 16.41',
])('a day and an hour in other languages: %s', (rows) => expect(readFields(plainReceipt(`${rows}\nReferenz: AB-1207\nessay.pdf`), ['essay.pdf'], 'Europe/Berlin', '2026-12-09T17:00:00Z').fields.receivedAt).toBe('2026-12-09T16:41:00+01:00'));

describe('an act with a number and a time of its own', () => {
  const acts = ['receipt', 'deposit', 'submission', 'delivery', 'upload', 'hand-in', 'arrival', 'lodgement', 'transfer', 'filing', 'entry'], numbers = ['ID', 'number', 'no.', 'reference', 'code'];
  const times = ['Time of X', 'Date and time of X', 'X time', 'X date and time'];
  const capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
  test.each(acts.flatMap((act, a) => numbers.map((n, i) => `${capital(act)} ${n}: D-55120\n${capital(times[(a + i) % times.length]!.replace('X', act))}: 24/11/2026 21:14\nFile: essay.pdf`)))('%s', (text) => {
    const { fields } = readFields(plainReceipt(text), ['essay.pdf'], 'Europe/London', '2026-11-24T22:00:00Z');
    expect([fields.id, fields.receivedAt]).toEqual(['D-55120', '2026-11-24T21:14:00+00:00']);
  });
  test('the time of a lecture is none', () => { expect(readFields(plainReceipt('Deposit ID: D-55120\nTime of lecture: 24/11/2026 21:14\nFile: essay.pdf'), ['essay.pdf'], 'Europe/London', '2026-11-24T22:00:00Z').fields.receivedAt).toBeNull(); });
});
describe('a number before the day is no hour where an hour stands behind it', () => {
  test.each(['Receipt number: 88-12, 24 November 2026, 21:14', 'Receipt number: 88-17, 24 November 2026, 21:14', 'Receipt no. 12, 24 November 2026, 21:14', 'Receipt number 88-12 of 24 November 2026, 21:14', 'Receipt 12, 2026-11-24 21:14', 'Receipt 12 on 24 November 2026 at 9:14 pm', 'Received: 21:14, 24 November 2026', 'Received 9:14 pm 24 November 2026', 'Received: 21.14 on 24 November 2026', 'Received: 9 pm and 14 minutes'])('%s', (row) => {
    const at = readFields(plainReceipt(`${row}\nFile: essay.pdf`), ['essay.pdf'], 'Europe/London', '2026-11-24T22:00:00Z').fields.receivedAt;
    expect(at).toBe(row.includes('minutes') ? null : '2026-11-24T21:14:00+00:00');
  });
});
describe('of several versions the one that stands', () => {
  const fieldsOf = (text: string) => readFields(plainReceipt(text), ['essay.pdf'], 'Europe/London', '2026-11-24T22:00:00Z').fields;
  test.each([
    'We received your submission twice:\n1) 24 Nov 2026, 20:59 - essay.pdf (version 1)\n2) 24 Nov 2026, 21:14 - essay.pdf (version 2, current)', 'Uploads:\nUpload 1: 24 Nov 2026, 20:59, essay.pdf\nUpload 2: 24 Nov 2026, 21:14, essay.pdf', 'Version 2 (latest): received 24 Nov 2026, 21:14\nVersion 1: received 24 Nov 2026, 20:59\nFile: essay.pdf',
    'Version 1 (active): received 24 Nov 2026, 21:14\nVersion 2: received 24 Nov 2026, 21:40, withdrawn\nFile: essay.pdf', 'Received: 24 Nov 2026, 21:14 (version 2)\nFile: essay.pdf',
  ])('%s', (text) => { expect(fieldsOf(`${text}\nReceipt ID: Q7-118`)).toMatchObject({ receivedAt: '2026-11-24T21:14:00+00:00', id: 'Q7-118' }); });
  test.each([['essay.pdf: 0 of 33734 bytes\nessay.pdf: 33734 of 33734 bytes - done', 33_734], ['essay.pdf: 20000 of 33734 bytes', 20_000], ['essay.pdf: 0 of 33734 bytes', 0]])('%s', (text, bytes) => { expect(fieldsOf(`${text}\nReceipt ID: Q7-118`).bytes).toBe(bytes); });
});
