import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Sentences put together from what they are made of, so that no way of saying it is known by itself alone. Invented; common practice, no published source. */
const about = 'This essay is about the history of a town that you have read about with us in the seminar. You should write it on your own, and it is to show that you have understood the sources.\n\n';
const anonymous = (text: string): boolean | null => readBrief(`${about}${text}`, '2026-11-30T09:00:00Z').brief.anonymous;
const together = (...lists: string[][]): string[] => lists.reduce((said, list) => said.flatMap((s) => list.map((word) => (s ? `${s} ${word}` : word))), ['']);
/** Each word still stands in many of them. */
const some = (sentences: string[], every: number): string[] => sentences.filter((_, i) => i % every === 0);
const refuses = ['must not', 'should not', 'may not', 'shall not', 'are not to'], onPages = ['on the title page.', 'on the first page.', 'on every page.', 'in the header.', 'at the top of page one.'];

describe.each<[string, string[], number]>([
  ['names are not put on it', together(['Students', 'Candidates'], refuses, ['put', 'write', 'include', 'give', 'state', 'show', 'leave'], ['their names'], ['on any part of the work.', 'anywhere on it.', 'in the file.', 'on the script.', 'on what you hand in.', 'on the first page or in the header.']), 7],
  ['names may not stand there', together(['Student names', 'Your name', 'The author’s name', 'Names of students'], ['must not', 'should not', 'may not', 'cannot'], ['appear', 'be given', 'be shown', 'stand', 'be mentioned'], ['anywhere in the work.', 'on the paper.', 'in the text.', 'on any page.']), 7],
  ['the work shows nothing', together(['The essay', 'Papers', 'Your submission'], ['must not', 'may not', 'should never'], ['contain', 'bear', 'reveal', 'disclose'], ['your name.', 'any names.', 'the name of the author.', 'your identity.', 'any identifying information.', 'anything that could identify you.']), 5],
  ['it is taken out', together(['Remove', 'Please delete', 'Leave out', 'Strip'], ['your name', 'anything that shows who you are', 'all identifying details'], ['from the work.', 'before you upload.', 'from the file and its properties.']), 1],
  ['nothing tells', together(['Nothing', 'No part of it', 'Nothing in the file'], ['may', 'must', 'is to'], ['reveal', 'give away', 'tell us'], ['who you are.', 'your identity.', 'who wrote it.']), 2],
  ['a number instead', together(['Your candidate number', 'The student number'], ['must stand', 'goes', 'appears'], ['on the first page', 'in the header'], ['and your name should not.', 'in place of your name.', 'and nothing else about you.']), 1],
  ['nobody can be recognised', together(['You', 'The author', 'Candidates'], ['must not be', 'may not be', 'are not to be'], ['identifiable', 'recognisable'], ['from the work.', 'in any way.', 'by the marker.']), 1],
  ['it is read without knowing', together(['Essays are', 'All work will be', 'Scripts get'], ['marked', 'read'], ['under candidate numbers.', 'by candidate number.', 'without knowledge of the author.', 'without the marker knowing your name.']), 1],
  ['readers do not know', together(['Markers', 'Whoever marks it', 'I'], ['will not know', 'is not told', 'should not be able to tell'], ['who you are.', 'whose work it is.', 'whose essay they are reading.']), 1],
])('anonymous: %s', (_, sentences, every) => { test.each(some(sentences, every))('%s', (text) => expect(anonymous(text)).toBe(true)); });

describe.each<[string, string[], number]>([
  ['a name that stands on it', together(['Your name', 'The author’s name', 'Your name and student number', 'The names of all members'], ['must appear', 'has to stand', 'belongs', 'is to be given'], onPages), 3],
  ['a page that has it', together(['The title page', 'The header', 'Your report'], ['must', 'has to', 'is to'], ['carry', 'show', 'include'], ['your full name.', 'the author’s name.', 'the names of all members.']), 3],
  ['a name that is put on it', together(['Put', 'Please write', 'State', 'Remember to put'], ['your name', 'your full name', 'your first and last name'], onPages), 3],
  ['a list of what the page has', together(['Title page:', 'Header:', 'On the title page:'], ['name, student number, title.', 'name, module, title, word count.', 'title, author, tutor, date.']), 1],
  ['readers know', together(['The marker', 'Your tutor', 'I'], ['will know', 'can see'], ['who you are.', 'whose work it is.']), 1],
])('not anonymous: %s', (_, sentences, every) => { test.each(some(sentences, every))('%s', (text) => expect(anonymous(text)).toBe(false)); });

// Hard negatives: the people whom a paper is about, the name of the file, what nobody marks.
test.each([
  'Names of companies must not appear in the report.', 'The report must not contain any names of pupils.', 'Your report must not contain any names; use pseudonyms for all interviewees.', 'Delete any personal data of participants before you hand it in.', 'You must not be identified as a researcher in the field.', 'Do not identify yourself in the interview.',
  'The names of the students you observed must not appear anywhere.', 'Students must not put their names in the file name.', 'Names of patients may not be shown on any page.', 'Nothing in the interview may tell the respondents who you are.', 'Give your number so that we know who you are.', 'The text should name its author in the first line of your summary.',
])('not settled: %s', (text) => expect(anonymous(text)).toBeNull());

test.each([['Not on the reflection and not on the poster. The log has to carry your name.', true], ['Nobody’s, anywhere.', true], ['No, only your candidate number.', true], ['Yes, on the title page.', false]])('Do I put my name on it? %s', (answer, says) => expect(anonymous(`Do I put my name on it?\n${answer}`)).toBe(says));
