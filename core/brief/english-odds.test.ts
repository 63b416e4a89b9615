import { expect, test } from '@jest/globals';
import type { Brief } from '../model/brief.ts';
import { readBrief } from './read.ts';

/** Turns of speech of single departments, behind a paragraph that shows the language. Invented, common practice, no published source. */
const read = (text: string): Brief => readBrief(`The essay is about the town and the sources that you have read. You are to show that you have understood them and can use the method.\n\n${text}`, '2026-11-30T09:00:00Z').brief;
const cutoff = (b: Brief) => b.late.cutoffDays, tries = (b: Brief) => b.attempts.allowed, labels = (b: Brief) => b.documents.map((d) => d.label);
test.each<[string, (b: Brief) => unknown, unknown]>([
  ['You get three upload attempts per report.', tries, 3], ['Second goes? Unlimited until the deadline.', tries, 'unlimited'],
  ['A 24-hour grace period applies without penalty; after this the system closes.', cutoff, 1], ['There is a 3-day grace period, after which nothing is accepted.', cutoff, 3], ['Due Friday 29 January 2027. After that you can still submit for two working days, capped at 40 %.', cutoff, 2],
  ['A 24-hour grace period applies, then 10 % per day.', cutoff, null],
  ['Neither the files nor their names may reveal who you are.', (b) => [b.anonymous, b.naming.mustNotIdentify], [true, true]], ['[ ] My name does not appear on the essay', (b) => b.anonymous, true], ['☐ I have removed my name from the essay', (b) => b.anonymous, true], ['Names are fine on all three.', (b) => b.anonymous, false],
  ['The candidate number is on your card; name the file after it.', (b) => b.naming.mustContain, ['candidateNumber']], ['The lecture is on the course page; name the file after it.', (b) => b.naming.mustContain, []],
  ['The essay is limited to 3,500 words (excluding references), in PDF or Word.', (b) => [b.documents[0]?.types, b.limits.maxWords], [['pdf', 'docx'], 3500]],
  ['Submission: Wednesday of week 9, 25 November... no wait, that has moved: it\'s now Wednesday 2 December 2026, 12 noon (GMT).', (b) => b.due, '2026-12-02T12:00:00+00:00'],
  ['#1 due 2 Dec, #2 due 23 Dec (all 2026, all 17:00).', (b) => b.parts.map((p) => p.due), ['2026-12-02T17:00:00', '2026-12-23T17:00:00']],
  ['Submit a policy brief of at most 4 pages and, as a separate file, a one-page summary for the public. Both as PDF.', labels, ['Policy brief', 'Summary']],
  ['What to hand in\nA policy brief and, as a separate file, a summary. Both as PDF.', labels, ['Policy brief', 'Summary']],
  ['The report is max 6,000 words, the slide deck no more than 15 slides.', labels, []],
  ['Submit a PDF. Separate file: signed declaration (PDF).', labels, [null, 'Signed declaration']],
])('%s', (text, of, value) => expect(of(read(text))).toEqual(value));
