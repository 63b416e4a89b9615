import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** One place, by how a sentence names it. Invented, common practice, no published source. */
const place = (text: string) => readBrief(`Your essay is due by 12 December 2026.\n${text}`, '2026-11-30T09:00:00Z').brief.place;
describe.each(['Essay 2 – final', 'Report upload', 'GEO3107 Report 2', 'Final papers'])('%s', (name) => {
  test.each([
    'Upload it to “X”.', 'It goes into “X”.', 'Submit via “X”.', 'Where: X', 'The right box is “X”.', 'Choose “X” from the list and upload your file.', 'Please make sure that you use “X” and not “Drafts”.', 'Not “Drafts”, but “X”, is where it goes.', 'Your paper belongs in “X”.', 'Papers are collected in “X”.', 'The upload area for this essay is “X”.',
    'We only take papers from “X”.', 'Location of the upload: “X”', 'Only what is in “X” will be marked.', 'The right box is “X”, not “Drafts”.',
  ])('%s', (shape) => expect(place(shape.replace('X', name))).toBe(name));
});
test.each(['The lecture notes are in “Week 5”.', 'Click on “Syllabus” and then on “Download”.', 'The right link between the two novels is “memory”.', 'Only what is in “Chapter 3” will be discussed.', 'Coursework submitted late will be subject to Lateness Penalty B.', 'Work handed in late is subject to Regulation 12.', 'Essays handed in late will go to the Exam Board.', 'The essay is submitted in addition to Portfolio 1.'])('no place: %s', (text) => expect(place(text)).toBeNull());
