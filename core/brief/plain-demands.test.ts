import { describe, expect, test } from '@jest/globals';
import { settledBy } from '../testing/settled.ts';
import { readBrief } from './read.ts';

/** Several fields at once, in many ordinary ways of saying them: corrections, windows, lengths with their leeway, what is granted to one. `null`: it stays open. */
const saidTogether: readonly [fields: Record<string, unknown>, sentences: readonly string[]][] = [
  [{ 'limits.minWords': 1500, 'limits.maxWords': 2000 }, [
      'Between 1,500 and 2,000 words.', '1500–2000 words', 'Write 1,500 to 2,000 words.', 'Length: 1500-2000 words', 'Your essay should be 1,500 to 2,000 words long.', 'From 1500 to 2000 words.',
      'At least 1,500 words and at most 2,000.', 'Not less than 1500 and not more than 2000 words.', 'Minimum 1,500 words, maximum 2,000 words.', 'The essay must have at least 1,500 but no more than 2,000 words.',
      'The length is 1.5k to 2k words.', 'Word count: min. 1500, max. 2000', 'No fewer than 1500 and no more than 2000 words.', 'Somewhere between 1,500 and 2,000 words, please.',
      'Essays shorter than 1,500 or longer than 2,000 words are returned.',
  ]],
  [{ 'limits.minWords': 1800, 'limits.maxWords': 2200 }, [
      '2,000 words (+/- 10%).', '2000 words, plus or minus 10%', '2,000 words ± 10 %', 'The word count is 2,000 with a 10% tolerance either way.', '2,000 words; you may be 10% over or under.',
      'Word limit: 2000 words (10% above or below is fine)', '2,000 words, give or take ten per cent.', 'Write 2000 words (a deviation of 10% in either direction is accepted).', 'The essay should be 2000 words, 10% more or less.',
      'Length: 2000 words (±200)', '2,000 words (within 10%).', 'Word count 2000 +/-10%', '2000 words with a margin of 10% on either side.', '2,000 words, 10% either side.', '2000 words (plus/minus 200 words)',
  ]],
  [{ 'limits.minWords': null, 'limits.maxWords': 2200 }, [
      '2,000 words (+10%).', 'You may go up to 10% over the 2,000 word limit.', 'Maximum 2000 words, 10% over is allowed.', 'Word limit 2,000; a 10% overrun is tolerated.', 'No more than 2,000 words (10% leeway above).',
      '2000 words at most, though up to 10% more will not be penalised.', 'The limit of 2,000 words may be exceeded by no more than 10%.', 'Essays more than 10% over the limit of 2,000 words will be penalised.',
      'Limit: 2,000 words. You can exceed it by 10%.',
  ]],
  [{ 'limits.minWords': 1000, 'limits.maxWords': null }, [
      'At least 1,000 words.', 'Minimum 1000 words.', 'No fewer than 1,000 words.', 'Your post must have a minimum of 1000 words.', 'Write 1,000 words or more.', 'The minimum length is 1,000 words.', 'Not under 1000 words.',
      'Min. word count: 1000', 'Essays of less than 1,000 words will not be marked.', '1000+ words', 'It needs to be at least a thousand words long.',
  ]],
  [{ 'limits.minWords': null, 'limits.maxWords': null }, [
      'About 2,000 words.', 'Roughly 2000 words.', 'Around 2,000 words, more or less.', 'Aim for 2,000 words.', 'Approximately 2000 words.', 'Some 2,000 words should do.', 'There is no word limit.',
      'Most students write about 2,000 words.', '2,000 words or so.', 'No minimum or maximum length.', 'ca. 2000 words', 'Length: ~2000 words',
  ]],
  [{ 'limits.minPages': 8, 'limits.maxPages': 10 }, [
      '8–10 pages.', 'Eight to ten pages.', 'Between 8 and 10 pages.', 'The paper should be 8 to 10 pages long.', 'Length: 8-10 pages', 'At least 8 and at most 10 pages.', 'Min. 8, max. 10 pages', 'An 8–10 page paper.',
      'No fewer than eight and no more than ten pages.',
  ]],
  [{ 'late.cutoffDays': 5, 'late.percentPerDay': 5 }, [
      '5% per day for up to five days.', 'Late work loses 5% per day; after five days it gets zero.', '5 marks per day late, maximum 5 days.', 'Penalty: 5% per day, no submissions after 5 days.',
      'You lose 5% a day, and after five days we no longer accept it.', '-5%/day (max 5 days)', 'Late submissions are accepted for 5 days with a deduction of 5% per day.',
      'Late work: minus 5 points per day, accepted up to 5 days late.', 'For each day late 5% is deducted, up to a maximum of five days; then the mark is 0.', 'Five marks are deducted for each day of lateness up to five days.',
      'Late essays: 5 percentage points per day for a maximum of five days, thereafter zero.',
  ]],
  [{ 'naming.pattern': 'studentnumber_essay.pdf', 'naming.mustContain': ['studentNumber'] }, [
      'File name: studentnumber_essay.pdf', 'Name your file studentnumber_essay.pdf', 'Please save it as studentnumber_essay.pdf.', 'Call your file “studentnumber_essay.pdf”.',
      'The file name must follow the pattern studentnumber_essay.pdf.', 'Use the following format for the file name: studentnumber_essay.pdf', 'Files must be named studentnumber_essay.pdf.',
      'Filename convention: studentnumber_essay.pdf', 'Your PDF should be called studentnumber_essay.pdf.', 'Rename your file to studentnumber_essay.pdf.', 'Submit your work under the name studentnumber_essay.pdf.',
      'Title the file studentnumber_essay.pdf.',
  ]],
  [{ 'timeZone': 'Europe/Berlin', 'due': '2027-03-12T17:00:00+01:00' }, [
      'Due 12 March 2027, 17:00 (Berlin time).', 'Deadline: 12 March 2027, 17:00 German time', 'Due on 12 March 2027 at 5 pm local time in Berlin.', 'By 17:00 Berlin time on 12 March 2027.',
      '12 March 2027, 17:00 Europe/Berlin is the deadline.', 'The deadline is 12 March 2027 at 17:00 (time in Germany).',
  ]],
  [{ 'timeZone': 'EST', 'due': '2027-03-12T17:00:00-05:00' }, [
      'Due March 12, 2027 at 5:00 PM EST.', 'Deadline: Mar 12, 2027, 5pm EST', 'By 5 p.m. (EST) on March 12, 2027.', 'Due 03/12/2027 5:00 PM EST',
  ]],
  [{ 'documents': ['Essay:docx', 'Slides:pdf'] }, [
      'Submit the essay (Word) and the slides (PDF).', 'Hand in two files: your essay as a Word document and your slides as a PDF.', 'Essay: .docx\nSlides: .pdf', 'Upload the essay in Word and the slides in PDF.',
      'We need the essay (.docx) as well as the slides (.pdf).', '1. Essay (Word document)\n2. Slides (PDF)', 'Required files: essay (docx), slides (pdf)',
  ]],
  [{ 'anonymous': true, 'naming.mustContain': ['candidateNumber'] }, [
      'Marking is anonymous: use your candidate number as the file name.', 'Essays are marked blind, so put your exam number, not your name, in the file name.',
      'Anonymous marking applies; the file name must be your candidate number.', 'To keep marking anonymous, name the file with your candidate number only.',
  ]],
  [{ 'due': '2027-03-05T17:00:00', 'extension': '2027-03-12T17:00:00' }, [
      'The deadline is 5 March 2027, 17:00; your extended deadline is 12 March 2027, 17:00.', 'Due: 5 March 2027, 17:00. Your extension: 12 March 2027, 17:00.',
      'Everyone else hands in on 5 March 2027 at 17:00; you have until 12 March 2027 at 17:00.', 'Your request has been approved. Original deadline: 5 March 2027, 17:00. New deadline: 12 March 2027, 17:00.',
      'We have extended your deadline from 5 March 2027, 17:00 to 12 March 2027, 17:00.', 'You have been granted one more week: instead of 5 March 2027, 17:00, your essay is due on 12 March 2027, 17:00.',
      'Your deadline of 5 March 2027, 17:00 has been extended to 12 March 2027, 17:00.', 'Deadline for all: 5 March 2027, 17:00\nYour deadline: 12 March 2027, 17:00',
  ]],
  [{ 'opens': '2027-03-01T09:00:00', 'due': '2027-03-05T17:00:00' }, [
      'The box is open from 1 March 2027, 9:00 to 5 March 2027, 17:00.', 'Submission window: 1 March 2027 09:00 – 5 March 2027 17:00', 'You can submit between 1 March 2027, 9 am and 5 March 2027, 5 pm.',
      'Opens 1 March 2027 at 9:00, closes 5 March 2027 at 17:00.', 'Hand in from 1 March 2027, 09:00 until 5 March 2027, 17:00.', 'Available: 1 March 2027 9:00 to 5 March 2027 17:00',
      'From 1 March 2027 at 9:00 until 5 March 2027 at 17:00 you can upload your essay.', 'Open: 1 March 2027 09:00\nDue: 5 March 2027 17:00', 'The submission period runs from 1 March 2027, 9:00 until 5 March 2027, 17:00.',
  ]],
  [{ 'parts': ['2027-03-05T17:00:00', '2027-03-19T17:00:00'] }, [
      'Draft: 5 March 2027, 17:00\nFinal: 19 March 2027, 17:00', 'The draft is due on 5 March 2027 at 17:00 and the final version on 19 March 2027 at 17:00.', 'Draft due 5 March 2027, 17:00; final due 19 March 2027, 17:00.',
      'Hand in a draft by 5 March 2027, 17:00. The final version is due on 19 March 2027, 17:00.', '1. Draft - 5 March 2027, 17:00\n2. Final version - 19 March 2027, 17:00',
  ]],
  [{ 'due': '2027-03-12T17:00:00' }, [
      'The deadline has been moved from 5 March 2027, 17:00 to 12 March 2027, 17:00.', 'New deadline: 12 March 2027, 17:00 (was 5 March).', 'The essay is now due on 12 March 2027, 17:00 instead of 5 March 2027.',
      'The due date has been changed to 12 March 2027, 17:00.', 'Please note the new due date: 12 March 2027, 17:00.', 'Correction: the deadline is 12 March 2027, 17:00, not 5 March 2027.',
      'The deadline is extended for everybody until 12 March 2027, 17:00.', 'Deadline: 5 March 2027, 17:00. UPDATE: Deadline is now 12 March 2027, 17:00.', 'We have postponed the deadline by one week to 12 March 2027, 17:00.',
      'The deadline of 5 March 2027 no longer applies; hand in by 12 March 2027, 17:00.', 'Contrary to what the handbook says, the essay is due on 12 March 2027 at 17:00.',
      'The old deadline was 5 March 2027; the new one is 12 March 2027, 17:00.', 'Due: ~~5 March 2027, 17:00~~ 12 March 2027, 17:00', 'The deadline in the handbook (5 March 2027) is wrong. The right one is 12 March 2027, 17:00.',
      'Due to the strike the deadline is put back to 12 March 2027, 17:00.',
  ]],
  [{ 'limits.maxWords': 2500 }, [
      'The word limit has been raised from 2,000 to 2,500.', 'Word limit: 2,500 (not 2,000 as stated before).', 'The limit is now 2,500 words instead of 2,000.', 'Correction: the maximum is 2,500 words, not 2,000.',
      'Please ignore the 2,000 words in the handbook; the limit is 2,500 words.', 'Maximum length 2,500 words (previously 2,000 words).',
  ]],
  [{ 'due': null }, [
      'The deadline is Friday 11 March 2027.', 'Due 5 March 2027 or 12 March 2027, we have not decided yet.', 'The due date will be announced.', 'Deadline: tba', 'Due on 03/05/2027.', 'The deadline is in March.',
      'Hand in at the end of term.', 'Due: see the module page', 'Due in week 8.',
  ]],
  [{ 'anonymous': null }, [
      'Please put your name or your number on it.', 'Hand in by Friday.', 'Your essay will be marked by two people.', 'Marking takes three weeks.', 'Write your name on the attendance list.',
  ]],
  [{ 'attempts.allowed': null }, [
      'You can replace your file until the deadline.', 'Upload your essay.', 'The latest version is marked.', 'You may submit drafts to your tutor.', 'There are three parts.',
  ]],
  [{ 'place': 'Essay 1' }, [
      'Upload your essay to “Essay 1”, not to “Essay 1 (resit)”.', 'The place to hand in is called “Essay 1”.', 'Use “Essay 1” to submit your work.', 'Submissions go to the box “Essay 1”.',
      'Your work must be handed in through the link “Essay 1”.', 'Please use the “Essay 1” folder and no other.', 'Submit your essay in the area “Essay 1” on the course page.', 'Under “Essay 1” you can upload your file.',
      'You will find a box named “Essay 1”; put your file there.', 'Hand in: course page, box “Essay 1”', 'Submission is through the “Essay 1” tab.', 'Deposit your file in “Essay 1”.',
      'Go to the course page and click on “Essay 1” to hand in.', 'Files are to be uploaded to the “Essay 1” area.',
  ]],
  [{ 'documents': ['Report:pdf', 'Data:zip'] }, [
      'Submit your report as a PDF and your data as a ZIP.', 'Report: PDF\nData: ZIP', 'Upload two files: the report (PDF) and the data (ZIP).', 'Hand in a report (pdf) and a zip file with the data.',
      'The report must be a PDF; the data come in a ZIP archive.',
  ]],
  [{ 'documents': [':pdf'] }, [
      'One PDF containing everything.', 'Put everything into one PDF.', 'Combine all parts into a single PDF file.', 'Only a single PDF can be uploaded.', 'Merge cover sheet and essay into one PDF.',
      'Scan your handwritten pages into one PDF.', 'PDF, please, and nothing else.', 'No Word files, only PDF.', 'Anything other than PDF is refused.', 'Export it as PDF first.', 'Your work has to be handed in in the PDF format.',
      'We can only open PDF.', 'It must be possible to open the file as PDF.',
  ]],
  [{ 'layout.fonts': ['Arial'] }, [
      'Font: Arial', 'Use Arial.', 'Arial, 11 pt', 'The font must be Arial.', 'Set it in Arial.', 'Typeface Arial', 'Written in Arial 11.', 'Arial should be used throughout.',
  ]],
  [{ 'late.cutoffDays': null }, [
      'Late work is penalised.', 'There is a penalty for late work.', 'Please hand in on time.', 'If you are late, tell me.', 'Late work needs a form.', 'Late essays will get less feedback.', 'Extensions are possible.',
  ]],
  [{ 'late.percentPerDay': null }, [
      '10% off if it is late.', 'Late work loses marks.', 'A late essay is capped at 40.', '5% for each grammatical mistake.', 'The essay counts 30% of the grade.', 'Work handed in late is marked down by one grade.',
  ]],
  [{ 'similarityChecked': null }, [
      'Avoid plagiarism.', 'Plagiarised work gets zero.', 'Cite all sources.', 'Academic honesty matters.', 'You may not copy from classmates.', 'See the rules on plagiarism in the handbook.',
  ]],
  [{ 'opens': null }, [
      'The box is open.', 'It will open soon.', 'Open the file in a text editor.', 'The library opens at 8.', 'Start early.',
  ]],
];
describe.each(saidTogether)('%j', (fields, sentences) => {
  test.each(sentences.map((s) => [s]))('%s', (sentence) => {
    const { brief } = readBrief(sentence, '2027-02-10T10:00:00Z'), all: Record<string, unknown> = { ...settledBy(brief), documents: brief.documents.map((d) => `${d.label ?? ''}:${d.types.join(',')}`), parts: brief.parts.map((p) => p.due) };
    expect(Object.fromEntries(Object.keys(fields).map((field) => [field, all[field] ?? null]))).toEqual(fields);
  });
});
describe('whether a paper has to be made anonymous', () => {
  const marking = (text: string): boolean | null => readBrief(text, '2026-11-29T10:00:00Z').brief.anonymous;
  test.each(['You do not need to anonymise your essay.', 'There is no need to anonymise your work.', 'It is not necessary to make your report anonymous.', 'You needn’t anonymise your files.', 'Anonymisation is not necessary.', 'Please do not anonymise your paper.', 'No need to anonymise anything', 'L’évaluation n’est pas anonyme.', 'Les copies ne sont pas anonymes.'])('no: %s', (text) => expect(marking(text)).toBe(false));
  test.each(['It is necessary to anonymise your essay.', 'Please anonymise your essay.', 'La correction est anonyme.'])('yes: %s', (text) => expect(marking(text)).toBe(true));
  test.each(['You need not anonymise your interviewees.'])('of others: %s', (text) => expect(marking(text)).toBeNull());
});
test('a final paper that is graded is no rule on versions', () => { expect(['Remove your name from the final paper: it’s graded blind by a second reader.', 'The final version is graded.', 'Only what is there at noon will be marked.'].map((t) => readBrief(t, '2026-11-29T10:00:00Z').brief.attempts.keeps)).toEqual([null, 'latest', 'latest']); });
test('a size that a French text does not let a file exceed', () => { expect(['un seul fichier PDF ne dépassant pas 20 Mo', 'Un fichier PDF qui ne dépasse pas 20 Mo.'].map((t) => readBrief(t, '2026-11-29T10:00:00Z').brief.limits.maxBytes)).toEqual([20e6, 20e6]); });
