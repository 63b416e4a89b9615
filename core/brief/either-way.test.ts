import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** What settles a field one way, what the other way, and what has its words and says nothing of it; each alone, after other sentences, and as an item of a list. Invented; common practice, no published source. */
const said: Record<string, [value: unknown, sentences: string[]][]> = {
  anonymous: [
    [true, ['Marking is anonymous.', 'Your paper will be marked anonymously.', 'This assessment is anonymously marked.', 'Essays are anonymised before marking.', 'Markers do not see your name.', 'Markers will not know who you are.', 'We mark blind.', 'Please make sure that your essay is anonymous.', 'Remove your name from the document.', 'Your name must not appear anywhere in the essay.', 'No names on the essay, please.', 'The paper must not contain any information that identifies you.', 'Anonymous submission', 'Anonymous marking: yes', 'Anonymity: required', 'Do not include your name or any other identifying information.', 'Submissions must be anonymous; use your candidate number.', 'Only your candidate number may appear on the work.']],
    [false, ['Marking is not anonymous.', 'This assessment is not marked anonymously.', 'Essays will not be anonymised.', 'Anonymous marking: no', 'Markers will see your name.', 'The essay is not subject to anonymous marking.', 'Anonymous marking is not used for this module.', 'There is no anonymous marking.', 'Write your name on the first page.', 'Your name must appear on the title page.', 'Anonymity: not required', 'This piece of work is exempt from anonymous marking.', 'Because of supervision, marking cannot be anonymous.']],
    [null, ['Interviewees must be anonymised.', 'Do not name the school where you did your placement.', 'Feedback on the module is anonymous.', 'Use pseudonyms for all participants.', 'Peer review is anonymous.', 'The survey is anonymous.', 'Patient names must not appear in the report.', 'Anonymise your data before analysis.']],
  ],
  similarityChecked: [
    [true, ['Your work will be checked for similarity.', 'All submissions are run through plagiarism detection software.', 'We use text-matching software.', 'Similarity check: yes', 'A similarity score is produced for each paper.', 'Your essay is automatically compared with other sources.', 'Papers are screened for plagiarism.', 'You can see your similarity score before the deadline.', 'Submissions will be checked by originality-checking software.']],
    [false, ['Your work will not be checked for similarity.', 'No similarity check is carried out.', 'Similarity check: no', 'We do not use text-matching software.', 'The essay is not run through plagiarism detection software.', 'Similarity checking is switched off for this assignment.', 'This folder is not connected to the similarity check.']],
    [null, ['Plagiarism will be penalised.', 'Avoid plagiarism.', 'Compare two similar poems.', 'Discuss the similarity between the two texts.', 'Plagiarism is taken very seriously at this university.', "The school's policy on plagiarism applies."]],
  ],
  declaration: [
    [true, ['You must sign a declaration of originality.', 'Attach the signed statement of authorship.', 'Tick the box to confirm that it is your own work.', 'Include the declaration of own work on page 1.', 'By uploading you declare that the work is your own.', 'A declaration of academic integrity must be submitted with the essay.']],
    [false, ['A declaration of originality is not required.', 'No statement of authorship is needed.', 'You do not need to sign a declaration.', 'There is no need for a cover sheet or a declaration of originality.']],
    [null, ['The Declaration of Independence was signed in 1776.', 'Write about the declaration of war.', 'Declare all variables at the start of the program.']],
  ],
  'layout.pageNumbers': [
    [true, ['Number the pages.', 'Pages must be numbered.', 'Include page numbers.', 'Page numbers are required.', 'All pages should be numbered consecutively.', 'Please add page numbers at the bottom of each page.']],
    [false, ['Page numbers are not required.', 'No page numbers.', 'Do not number the pages.', 'Pages should not be numbered.']],
    [null, ['Give page numbers in your references.', 'Cite page numbers for quotations.', 'References need page numbers.']],
  ],
  'attempts.allowed': [
    [1, ['You may submit only once.', 'One submission only.', 'Resubmission is not possible.', 'You cannot resubmit.', 'Attempts: 1', 'You have one attempt.', 'Once submitted, the file cannot be changed.']],
    [2, ['You may submit twice.', 'Two attempts are allowed.', 'You can resubmit once.', 'Attempts allowed: 2']],
    [3, ['Up to three submissions are allowed.', 'Number of attempts: 3', 'You have three attempts.', 'You may resubmit twice.']],
    ['unlimited', ['You may resubmit as often as you like until the deadline.', 'Unlimited attempts.', 'Attempts: unlimited', 'There is no limit on the number of submissions.', 'You can upload as many times as you want.']],
  ],
  'attempts.keeps': [
    ['latest', ['Only the last submission is marked.', 'The latest version replaces the earlier one.', 'We mark the most recent upload.', 'Each new upload overwrites the previous one.', 'If you submit more than once, your final submission counts.', 'Earlier versions are deleted when you resubmit.']],
    ['all', ['All versions are kept.', 'Earlier submissions remain visible to the marker.', 'Previous attempts are not deleted.']],
  ],
  'late.cutoffDays': [
    [0, ['Late work is not accepted.', 'No late submissions.', 'Late essays will not be marked.', 'The box closes at the deadline and nothing can be handed in after that.', 'Late submission: not possible', 'Work handed in after the deadline will receive zero.']],
    [5, ['Late work is accepted for five days after the deadline.', 'Work more than five days late will not be marked.', '5% per day for a maximum of 5 days, after which the mark is zero.']],
    [7, ['Late work is accepted for up to seven days.', 'No work is accepted more than 7 days late.', 'Late work will be accepted up to one week after the deadline.', 'After one week late work gets zero.', 'Late submissions are accepted until a week after the deadline.']],
    [null, ['Late work is penalised.', 'If you are late, contact the office.', 'Penalties for late work are explained in the handbook.']],
  ],
  'late.percentPerDay': [
    [5, ['5% will be deducted per day.', '5 marks are deducted for each day late.', 'A penalty of five per cent per day applies to late work.', 'Late work: -5% per day', 'Each day of lateness costs 5 percentage points.', 'Late work loses 5% of the mark for every 24 hours.', 'You lose 5% a day.']],
    [10, ['10% per day late', 'Late penalty: 10 % per calendar day', 'Ten marks per day will be subtracted from late work.', 'For every day late, 10 points are taken off.']],
    [null, ['5% is deducted if you exceed the word limit.', 'The essay counts for 10% of the module.', 'Late work is capped at 40%.', '10% tolerance on word count.']],
  ],
};
const fieldOf = (text: string, field: string): unknown => field.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], readBrief(text, '2027-02-10T09:00:00Z').brief);

describe.each(Object.entries(said))('%s', (field, ways) => {
  describe.each(ways)('%s', (value, sentences) => {
    test.each(sentences)('%s', (sentence) => {
      for (const text of [sentence, `Essay, 2,000 words, due 5 March 2027. ${sentence}`, `- ${sentence.replace(/\.$/, '')}\n- Use 12-point Arial`]) expect(fieldOf(text, field)).toBe(value);
    });
  });
});
