import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Places by their names, in every kind of quotation mark and in none. Invented; common practice, no published source. */
const place = (text: string): string | null => readBrief(text, '2027-02-10T09:00:00Z').brief.place;
const names = ['Essay 2', 'Final submissions', 'Lab Report 3 – Thursday group', 'Portfolio upload (Group B)', 'Assignment 1: Final version'];
const marks = [['“', '”'], ['"', '"'], ['‘', '’'], ["'", "'"]] as const;

describe.each([
  'Upload your essay to the folder NAME.', 'Submit it in the box called NAME.', 'Submit your essay via NAME on the module page.', 'Use the link NAME.', 'Hand in through the NAME area of the course site.', 'The right place is NAME.', 'Submit your essay via the module page, in the box called NAME.', 'The folder is called NAME.',
  'Upload to NAME, not to “Early drafts”.', 'Please upload to the folder NAME and not to the folder “Early drafts”.', 'Your essay goes into NAME.', 'Submissions go to the box labelled NAME.', 'You will find the upload link NAME in week 10.', 'Submit to NAME (not “Practice”).', 'Place: NAME', 'Submission folder: NAME', 'Click on NAME and upload your file.', 'Submit your essay via the Assignments area of the module page, in the box called NAME.',
])('%s', (shape) => {
  test.each(marks)('in %s%s', (open, close) => { for (const name of names) expect(place(shape.replace('NAME', `${open}${name}${close}`))).toBe(name); });
});
describe.each(['Submission folder: NAME', 'Where to submit: NAME', 'The submission folder is called NAME.', 'Upload folder – NAME', 'Place of submission: NAME', 'Submit to: NAME', 'Hand in at: NAME'])('%s', (shape) => {
  test.each(names)('%s, without marks', (name) => { expect(place(shape.replace('NAME', name))).toBe(name); });
});
test('what is not to be used is no place', () => {
  expect(place("Please upload to the folder 'Final submissions' and not to 'Drafts'.")).toBe('Final submissions');
  expect(place('The folder is not called anything yet.')).toBeNull();
  expect(place('The submission folder is called up by a click.')).toBeNull();
});
