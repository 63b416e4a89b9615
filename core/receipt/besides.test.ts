import { beforeAll, describe, expect, test } from '@jest/globals';
import { emptyBrief } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import { readDocument } from '../readers/index.ts';
import { plantedPdf } from '../testing/plant.ts';
import { compareReceipt } from './agree.ts';
import { readFields } from './fields.ts';

/** What a receipt says besides number, time and file, in every shape that it is said in: where it went, how the paper begins, what it is called, how long it is. Made up for this test. */
const name = 'essay_Y3921847.pdf', brief = { ...emptyBrief(), due: '2027-03-15T17:00:00+00:00', timeZone: 'Europe/London', place: 'GEO 3107 Essay 2' };
let facts: DocumentFacts;
beforeAll(async () => { facts = await readDocument(await plantedPdf(), name); });
const read = (line: string): ReturnType<typeof readFields> => readFields(`Receipt\n\nSubmission ID: 90321\nReceived: 15 March 2027, 16:40\nFile: ${name}\n${line}\n`, [name], brief.timeZone, '2027-05-14T17:00:00.000Z');
const standing = (line: string): string => compareReceipt(read(line), [facts], brief, () => [], null).standing;
const filled = (shape: string, mark: string, words: string): string => shape.replace(new RegExp(`(?<![\\p{L}])${mark}(?![\\p{L}])`, 'u'), words);

describe('where it went', () => {
  test.each(['Place: P', 'Submitted to: P', 'Assignment: P', 'Assessment: P', 'Task: P', 'Box: P', 'Hand-in box: P', 'Deposited in: P', 'Location: P', 'Folder: P', 'Received in: P', 'Received by: P', 'Course: P', 'Module: P', 'Unit: P', 'Item: P', 'Drop-off: P', 'Link: P', 'Area: P', 'Section: P', 'For: P', 'Inbox: P', 'Destination: P', 'Recipient: P', 'Where: P', 'Point: P', 'Channel: P', 'Slot: P', 'Tray: P', 'Room: P', 'Your paper was submitted to “P”.', 'Your work for P was received.', 'We received your work for P.', 'You handed in your work to P.', 'Your submission to P has been received.', 'Thank you for your submission to P.', 'This is the receipt for P.', 'P: submission received', 'It went into the box “P”.', 'It was placed in “P”.', 'Assignment title: P', 'Name of assignment: P', 'Assignment name: P', 'Coursework: P', 'Exercise: P', 'Activity: P'])('%s', (shape) => expect([standing(filled(shape, 'P', 'GEO 3107 Essay 2')), standing(filled(shape, 'P', 'HIS 2044 Report 1'))]).toEqual(['confirmed', 'refuted']));
  test.each(['Location: Carrow', 'Recipient: Dr Hale', 'Room: 2.14', 'Section: B', 'Work: Essay 2', 'Assessment: Essay 2', 'Submitted to the marker on 15 March'])('hard negative: no other place: %s', (line) => expect(standing(line)).toBe('confirmed'));
});
describe('how the paper begins', () => {
  const words = 'Salt roads of the eastern fens in the thirteenth century were seldom dry';
  test.each(['First words: X', 'First words of your paper: X', 'Your paper begins: “X”', 'Your paper begins with “X”.', 'It begins “X …”.', 'Extract: X', 'Excerpt: X', 'Extract from your text: “X”', 'Text: X', 'Text begins: X', 'Beginning: X', 'Beginning of text: X', 'Opening words: X', 'Opening: X', 'Preview: X', 'Text preview: X', 'Snippet: X', 'Sample of text: X', 'First line: X', 'First sentence: X', 'First lines: “X”', 'Content: X', 'Start of document: X', 'Start of text: X', 'Starts with: X', 'The text starts with: X', 'The first words are: “X”', 'The first sentence reads “X”.', 'We read: “X”', 'The document opens with the words “X”.', 'Textanfang: X', 'Anfang: X', 'Début du texte : X', 'Inicio del texto: X', '“X …”', 'First 12 words: X', 'First 100 characters: X', 'Incipit: X', 'Last words: X', 'Passage: X', 'Quotation from your paper: “X”', 'Sample: X'])('%s', (shape) => { expect(read(filled(shape, 'X', words)).fields.extract).toContain('Salt roads of the eastern fens'); expect(standing(filled(shape, 'X', words))).toBe('refuted'); });
  test.each(['Opening hours: 9 to 5 on all days of the week', 'The last sentence of the rules applies.', '“Thank you,” says the box.'])('hard negative: nothing of the paper: %s', (line) => expect(read(line).fields.extract).toBeNull());
});
describe('what it is called', () => {
  test.each(['Title: T', 'Paper title: T', 'Title of paper: T', 'Title of your paper: T', 'Title of submission: T', 'Submission title: T', 'Work title: T', 'Document title: T', 'Essay title: T', 'Your title: T', 'Titel: T', 'Titre : T', 'Título: T', 'Your paper “T” was received.', 'Your paper entitled “T” has arrived.', 'We received “T”.', 'We have received your paper, “T”.', 'Your essay titled “T” was received.', 'Title as given: T', 'Title\nT', '"T" was received.'])('%s', (shape) => expect(read(filled(shape, 'T', 'The mills of the upper Orre')).fields.title).toBe('The mills of the upper Orre'));
  test.each(['Your essay “Essay 2” was received.', 'Your paper “GEO 3107 Essay 2” was received.', `Your paper “${name}” was received.`, 'Your paper “Y3921847_GEO3107” was received.'])('hard negative: a task or a file: %s', (line) => expect(read(line).fields.title).toBeNull());
});
describe('how long it is', () => {
  test.each(['Pages: 40', 'Number of pages: 40', '40 pages', 'No. of pages: 40', 'Length: 40 pages', 'Your paper has 40 pages.', '40 pp.', 'Seiten: 40', 'Pages received: 40', 'We counted 40 pages.', 'Document length: 40 pages', 'Sheets: 40'])('%s', (line) => expect([read(line).pages, standing(line)]).toEqual([40, 'refuted']));
  test.each(['Words: 9200', 'Number of words: 9200', '9,200 words', 'Length: 9,200 words', 'Your paper has 9,200 words.', 'We counted 9,200 words.', 'Wörter: 9200', 'It contains 9200 words.', 'Words found: 9200', 'Word count (automatic): 9200'])('%s', (line) => expect([read(line).words, standing(line)]).toEqual([9200, 'refuted']));
  test.each(['Limit: 40 pages', 'It may have up to 9,200 words.', 'Length: 12345', 'Feedback has 40 pages.'])('hard negative: %s', (line) => expect([read(line).pages, read(line).words]).toEqual([null, null]));
});
describe('labels and sums as records write them', () => {
  const of = (text: string): ReturnType<typeof readFields>['fields'] => readFields(text, [name], null, '2027-05-14T17:00:00.000Z').fields;
  test.each(['Record no. ........... 0091-7734', 'Record no. : 0091-7734', 'Record nr. ..... 0091-7734'])('a number behind an abbreviation: %s', (line) => expect(of(`RECORD\nDocument ...... ${name}\nLodged ........ 2027-03-11T13:42:18Z\n${line}\n`)).toMatchObject({ id: '0091-7734', fileNames: [name], receivedAt: '2027-03-11T13:42:18+00:00' }));
  test('dots of a shortened name lead to nothing', () => expect(of(`Receipt no. 4471-B\nReceived: 11 March 2027, 13:42 (Greenwich time)\nFile: essay_Y39....pdf\n`)).toMatchObject({ fileNames: ['essay_Y39....pdf'], receivedAt: '2027-03-11T13:42:00+00:00' }));
  // The SHA-256 of “abc” (FIPS 180-4, example), in base64 as RFC 9530 writes it.
  test.each(['"digest": "sha-256=ungWv48Bz+pBQUDeXa4iI7ADYaOWF3qctBD/YfIAFa0="', 'Repr-Digest: sha-256=:ungWv48Bz+pBQUDeXa4iI7ADYaOWF3qctBD/YfIAFa0=:'])('a sum in base64: %s', (line) => expect(of(`Receipt no. 4471-B\n${line}`).sha256).toEqual(['ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad']));
  test('hard negative: other base64', () => expect(of('Receipt no. 4471-B\nsha-512=:ungWv48Bz+pBQUDeXa4iI7ADYaOWF3qctBD/YfIAFa0=:').sha256).toEqual([]));
});
