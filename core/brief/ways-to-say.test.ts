import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

const read = (text: string) => readBrief(text, '2027-02-10T10:00:00Z').brief;
/** Every filling of a sentence with slots. */
const fillings = (sentence: string, slots: Record<string, string[]>): string[] => Object.entries(slots).reduce((all, [slot, words]) => all.flatMap((s) => words.map((w) => s.replace(slot, w))), [sentence]);
const every = (sentence: string, slots: Record<string, string[]>, says: (text: string) => void): void => { test.each(fillings(sentence, slots))('%s', says); };

describe('what a count takes in and leaves out', () => {
  every('2,500 words. The WHAT VERB the reference list and appendices.', { WHAT: ['count', 'word limit', 'total'], VERB: ['leaves out', 'omits', 'ignores', 'does not cover', 'is exclusive of', 'disregards'] }, (t) => expect(read(t).counting?.left).toEqual(expect.arrayContaining(['references', 'appendices'])));
  every('2,500 words. The WHAT VERB the footnotes and captions.', { WHAT: ['count', 'word limit'], VERB: ['covers', 'takes in', 'comprises', 'extends to'] }, (t) => expect(read(t).counting?.counted).toEqual(expect.arrayContaining(['footnotes', 'captions'])));
  test('each verb has its own list', () => expect(read('2,500 words. The count excludes the abstract but includes footnotes; it leaves out appendices.').counting).toMatchObject({ counted: ['footnotes'], left: expect.arrayContaining(['abstract', 'appendices']) }));
  test.each(['Your report of 2,500 words: it has a title page, an abstract and references.', '2,500 words. The report includes tables and figures.'])('%s', (t) => expect(read(t).counting ?? null).toBeNull());
});
describe('what goes for every day', () => {
  every('Late essays: five UNIT VERB DAY.', { UNIT: ['marks', 'percentage points', 'per cent'], VERB: ['go', 'come off', 'are forfeited', 'vanish'], DAY: ['for every day', 'per calendar day', 'each day or part of a day', 'every 24 hours', 'daily'] }, (t) => expect(read(t).late?.percentPerDay).toBe(5));
  test.each(['Five points go for each day of attendance.', 'Five marks go to the reading for each day.'])('%s', (t) => expect(read(t).late?.percentPerDay ?? null).toBeNull());
});
describe('software that matches', () => {
  every('Essays are WAY matching software.', { WAY: ['not put through any', 'never run through', 'not checked with'] }, (t) => expect(read(t).similarityChecked).toBe(false));
  every('Essays will be WAY matching software.', { WAY: ['put through', 'run through', 'fed into', 'scanned by'] }, (t) => expect(read(t).similarityChecked).toBe(true));
});
describe('a deadline that was moved', () => {
  every('SAID', { SAID: ['I moved the deadline. It was FROM, it is now TO.', 'Deadline change: was FROM, now TO.', 'The due date has moved: FROM becomes TO.', 'The deadline had been FROM. It is TO now.', 'The essay was due FROM. It is due TO instead.', 'The deadline FROM in the syllabus is wrong. Correct is TO.', 'Instead of FROM the essay is due TO.', 'Old deadline: FROM. New deadline: TO.'].map((s) => s.replace('FROM', 'Friday 19 February 5pm').replace('TO', 'Monday 22 February 9am')) }, (t) => expect(read(t).due).toBe('2027-02-22T09:00:00'));
  test('of one paper says nothing of another', () => expect(read('Abstracts were due on 1 February. The full papers are now due on 1 March.').parts.map((p) => p.due)).toEqual(['2027-02-01', '2027-03-01']));
  test('a seminar that was moved is no deadline', () => expect(read('The seminar was on 19 February; it is now on 22 February. The essay is due 12 March.').due).toBe('2027-03-12'));
});
describe('lengths and looks', () => {
  every('Two pages, MOST.', { MOST: ['no more', 'and no more', 'at the outside', 'tops', 'max', 'not a line more', 'absolute maximum'] }, (t) => expect(read(t).limits.maxPages).toBe(2));
  test.each(['Two pages, no more, as Word file please.', 'Send it as Word file, not a line more, by Friday.'])('%s', (t) => expect(read(t).documents[0]?.types).toEqual(['docx']));
  every('Set your text with SPACING.', { SPACING: ['line-and-a-half spacing', '150% line spacing', 'line spacing 150 %', 'one-and-a-half line spacing'] }, (t) => expect(read(t).layout.lineSpacing).toBe(1.5));
  every('SAID', { SAID: ['APA or Harvard, your choice.', 'Use either MLA or IEEE.', 'References in APA or Harvard.'] }, (t) => expect(read(t).referenceStyle).toBeNull());
});
describe('documents and names', () => {
  every('Bring: (a) the write-up, ODT or DOCX; (b) PICTURE (JPG or PNG); (c) the signed form, as PDF.', { PICTURE: ['a photo of your labelled sketch', 'an image of the plot', 'a screenshot of the result', 'a drawing of the section'] }, (t) => expect(read(t).documents.map((d) => d.types)).toEqual([['odt', 'docx'], ['jpeg', 'png'], ['pdf']]));
  every('What goes in: one PDF HOLDS the report.', { HOLDS: ['holding', 'with', 'containing', 'that contains', 'made up of'] }, (t) => expect(read(t).documents).toMatchObject([{ label: 'Report', types: ['pdf'] }]));
  test.each(['One PDF with the report first.', 'One PDF with the report and the appendix.'])('%s', (t) => expect(read(t).documents[0]?.label ?? null).toBeNull());
  test.each(["I don't need your name in the filename but do put it on the page.", 'We do not mind your name in the file name.'])('%s', (t) => expect(read(t).naming.mustNotIdentify).toBeNull());
});
describe('what comes late comes to nothing', () => {
  every('WORK LATE END.', { WORK: ['Submissions', 'Papers', 'Solutions'], LATE: ['after this time', 'after the deadline', 'that arrive later', 'received after 17:00', 'that come in after the class has started'], END: ['count as failed', 'get no points', 'are worth nothing', 'will be ignored', 'fail', 'are not looked at', 'score zero'] }, (t) => expect(read(t).late?.cutoffDays).toBe(0));
  test('unless it is taken for some time', () => expect(read('Work up to 24 hours late loses ten points; work up to 48 hours late loses twenty; work submitted later shall be awarded zero.').late?.cutoffDays).not.toBe(0));
});
describe('a sentence of its own about what counts', () => {
  every('Word limit 15,000. IN quotations and footnotes, OUT abstract, bibliography, appendices.', { IN: ['Includes', 'Including', 'Inclusive of'], OUT: ['excludes', 'excluding', 'but not', 'leaves out'] }, (t) => expect(read(t).counting).toMatchObject({ counted: expect.arrayContaining(['footnotes']), left: expect.arrayContaining(['references', 'appendices']) }));
});
describe('aims and ceilings', () => {
  every('About 1,200 words, MOST 1,500.', { MOST: ['hard ceiling', 'with a cap of', 'never more than', 'at the very most', 'capped at', 'not exceeding'] }, (t) => expect(read(t).limits.maxWords).toBe(1500));
  every('Proposals should be MOST a page.', { MOST: ['no longer than', 'at most', 'limited to', 'within'] }, (t) => expect(read(t).limits.maxPages).toBe(1));
  test('an abstract of a page is not the paper', () => expect(read('The abstract is limited to a single page.').limits.maxPages).toBeNull());
});
describe('before what happens in class', () => {
  every('LEAD EVENT on DAY.', { LEAD: ['Hand it in by', 'Turn it in no later than', 'E-mail it to studio@arts.example before'], EVENT: ['class', 'the seminar', 'the start of the lecture', 'our session', 'the workshop'].slice(0, 3), DAY: ['Thursday, Feb 18', '18 February 2027'] }, (t) => expect(read(t).due).toBe('2027-02-18'));
});
describe('whose paper it is', () => {
  every('MARKED.', { MARKED: ['Marked by name', 'Marking: named', 'Markers see your name', 'We mark with names'] }, (t) => expect(read(t).anonymous).toBe(false));
  every('Use your exam number as the file name and MAKE your name does not appear anywhere in the document.', { MAKE: ['make sure that', 'check that', 'verify that'] }, (t) => expect(read(t).naming.mustContain).toEqual(['candidateNumber']));
  every('WHO uploads once.', { WHO: ['Each pair', 'Every group', 'Each student'] }, (t) => expect(read(t).attempts.allowed).toBe(1));
  test('a numbered list of files says nothing of how often', () => expect(read('Upload: 1) report.pdf; 2) calc.xlsx').attempts.allowed).toBeNull());
});
describe('one program’s file, and nothing about it besides', () => {
  every('An essay of 2,000 words. WAY, WHY.', { WAY: ['Use Word', 'Please stick to Word', 'Send me Word', 'It has to be in Word'], WHY: ['I want to write comments in it', 'not PDF', 'because I mark in it'] }, (t) => expect(read(t).documents.map((d) => d.types)).toEqual([['docx']]));
  test.each(['You can use Word to write it, but hand in a PDF.', 'Use Word’s spell checker. Hand in a PDF.', 'Write it in Word and export it as PDF.'])('hard negative: %s', (t) => expect(read(`An essay of 2,000 words. ${t}`).documents.map((d) => d.types)).toEqual([['pdf']]));
});
describe('may it be handed in again?', () => {
  every('QUESTION ANSWER', { QUESTION: ['Can I send it again?', 'Can I replace my file?', 'May I hand it in again?', 'Can I upload a new version?'], ANSWER: ['Yes, once.', 'Yes, but only once.', 'Once, before the deadline.'] }, (t) => expect(read(t).attempts.allowed).toBe(2));
  every('QUESTION ANSWER', { QUESTION: ['Can I send it again?', 'Can I resubmit?'], ANSWER: ['No.', 'Sorry, no.', 'No, you have one attempt.'] }, (t) => expect(read(t).attempts.allowed).toBe(1));
  test('hard negative: how often a file may be replaced is not how often it may be handed in', () => expect(read('Can I hand in a corrected version? Twice. The newest is marked.').attempts.allowed).toBeNull());
});
describe('after so many days', () => {
  every('Late work loses 5% per day. AFTER', { AFTER: ["After 3 days it isn't marked.", 'After the third day your essay is not accepted.', "It won't be marked at all after three days.", 'Late papers are no longer read after 3 days.'] }, (t) => expect(read(t).late.cutoffDays).toBe(3));
  test('hard negative: what is not said of late work', () => expect(read("Practice tests: after 3 days it isn't marked.").late.cutoffDays).toBeNull());
});
describe('names that stay out of the paper and of its file’s name', () => {
  every('Your name VERB PLACE.', { VERB: ['must not appear', 'may not appear', 'should not be'], PLACE: ['in the file name or on the title page', 'on the title page', 'in the document or the file name'] }, (t) => expect(read(t).anonymous).toBe(true));
  test('hard negative: of the file’s name alone', () => expect(read('Your name must not appear in the file name.').anonymous).toBeNull());
});
describe('a list of files', () => {
  every('Deliverables\nFIRST – maximum 6 pages, two-column template, 10 MB\nSECOND – all source files, 5 MB\nDue 30 April 2027, 16:00', { FIRST: ['1. report.pdf', '- report.pdf'], SECOND: ['2. code.zip', '* code.zip'] }, (t) => expect(read(t).documents).toEqual([{ label: 'Report', types: ['pdf'], limits: expect.objectContaining({ maxBytes: 10_000_000, maxPages: 6 }) }, { label: 'Code', types: ['zip'], limits: expect.objectContaining({ maxBytes: 5_000_000 }) }]));
  test.each(['1) report.pdf; 2) calc.xlsx', 'Files: report.pdf, calc.xlsx', 'two files: report.pdf and calc.xlsx', 'Upload: report.pdf + calc.xlsx'])('%s', (t) => expect(read(`Coursework 2\n${t}\nDue 30 April 2027`).documents.map((d) => d.types)).toEqual([['pdf'], ['xlsx']]));
  test('hard negative: two kinds of one file', () => expect(read('Submit one file, report.pdf or report.docx.').documents.map((d) => d.types)).toEqual([['pdf', 'docx']]));
});
describe('what “it” is', () => {
  every('The essay has a length of 3000 words. SAID. The poster is a PDF of at most 30 MB.', { SAID: ['It is to be submitted as a PDF', 'It must be a PDF', 'Submit it as a PDF', 'Please upload it as a PDF'] }, (t) => expect(read(t).documents.map((d) => [d.label, d.types, d.limits?.maxWords ?? null, d.limits?.maxBytes ?? null])).toEqual([['Essay', ['pdf'], 3000, null], ['Poster', ['pdf'], null, 30_000_000]]));
});
describe('places', () => {
  every('The folder "Old essays" STATE. Hand in through "Lab Report 2".', { STATE: ['is closed this year', 'is no longer in use', 'will stay closed', 'has been closed'] }, (t) => expect(read(t).place).toBe('Lab Report 2'));
  every('What to do\n\nLength 1500 words\nDeadline 14 Feb 2027 23:55\nLABEL Reflection hand-in point, week 5\nType of file PDF', { LABEL: ['Where', 'Place', 'Location', 'Where to submit'] }, (t) => expect(read(t).place).toMatch(/^Reflection hand-in point/));
  every('Submit one zip.\nLABEL: <username>.zip', { LABEL: ['Name of zip', 'Name of the zip file', 'Zip name'] }, (t) => expect(read(t).naming.mustContain).toEqual(['username']));
});
describe('how far a length may be missed', () => {
  every('SAID', { SAID: ['The word count should be within ten per cent of 2,000.', 'Keep within 10% of the 2,000-word target.', 'The length must not differ from 2,000 words by more than 10%.', 'It should not deviate by more than 10% from 2,000 words.'] }, (t) => expect([read(t).limits.minWords, read(t).limits.maxWords]).toEqual([1800, 2200]));
  every('Length: 2,000 words, MORE.', { MORE: ['10 per cent over is not penalised', 'plus 10%', 'plus up to 10 %'] }, (t) => expect([read(t).limits.minWords, read(t).limits.maxWords]).toEqual([null, 2200]));
  every('2,000 words, SORT.', { SORT: ['roughly', 'approximately', 'more or less', 'or thereabouts'] }, (t) => expect([read(t).limits.minWords, read(t).limits.maxWords]).toEqual([null, null]));
  test('hard negative: a page more or less is no guess', () => expect(read('8 pages, give or take one.').limits).toMatchObject({ minPages: 7, maxPages: 9 }));
});
describe('dates in figures with dashes', () => {
  test.each<[string, string | null]>([['Due 05-06-2027', null], ['Due 05-06-27', null], ['Opens 25-05-2027, due 05-06-2027', '2027-06-05'], ['Due 25-06-2027', '2027-06-25'], ['Due: Saturday 05-06-2027', '2027-06-05'], ['Due 2027-06-05', '2027-06-05']])('%s', (t, due) => expect(read(t).due).toBe(due));
  test.each([['17:00 Z', 'UTC', '+00:00'], ['17:00 IST (India)', 'Asia/Kolkata', '+05:30'], ['17:00 IST (Ireland)', 'Europe/Dublin', '+01:00']])('%s', (time, zone, offset) => expect([read(`Due 20 April 2027, ${time}`).timeZone, read(`Due 20 April 2027, ${time}`).due]).toEqual([zone, `2027-04-20T17:00:00${offset}`]));
});
describe('kinds of files that make trouble', () => {
  every('FMT files WHY. DO.', { FMT: ['Odt', 'OpenDocument', 'Odt and rtf'], WHY: ['make trouble with our marking tool', 'cause problems with our system', 'do not work in the marking tool', 'often arrive broken', 'tend to break'], DO: ['Please hand in docx or pdf instead', 'Use docx or pdf'] }, (t) => expect(read(t).documents.map((d) => d.types)).toEqual([['docx', 'pdf']]));
  test('hard negative: the ones that do not', () => expect(read('Files other than Word or PDF cannot be opened by the markers.').documents.map((d) => d.types)).toEqual([['docx', 'pdf']]));
});
describe('late work that counts for nothing', () => {
  every('WORK VERB.', { WORK: ['Late work', 'Late essays', 'Any late submission', 'A late report', 'Work that is late', 'Papers submitted after the deadline'], VERB: ['will fail', 'gets zero', 'will be awarded 0%', 'is an automatic fail', 'will be deemed not submitted', 'will be recorded as a fail', 'will get an F', 'goes unmarked', 'is refused', 'does not count', 'will not receive credit'] }, (t) => expect(read(t).late.cutoffDays).toBe(0));
  every('HAVE, MOST. Otherwise no late work.', { HAVE: ['You have 4 late days for the term', 'Everyone has five late days'], MOST: ['at most 2 on any one set', 'no more than two per assignment', 'max. 2 per homework'] }, (t) => expect(read(t).late.cutoffDays).toBe(2));
  test.each(['Late work loses 5% per day.', 'Work submitted more than 5 days late gets zero.', 'Late feedback does not count.', 'Late essays get 10 marks less.'])('hard negative: %s', (t) => expect(read(t).late.cutoffDays).not.toBe(0));
});
describe('more of late work, elsewhere', () => {
  every('SUBJ VERB.', { SUBJ: ['Verspätete Protokolle', 'Zu spät abgegebene Hausarbeiten', 'Nicht fristgerecht eingereichte Arbeiten'], VERB: ['gelten als nicht abgegeben', 'werden mit 5,0 bewertet', 'werden als nicht bestanden gewertet', 'können nicht berücksichtigt werden'] }, (t) => expect(read(t).late.cutoffDays).toBe(0));
  every('RET PEN. APRES, SUJ.', { RET: ['Tout retard entraîne', 'Un retard entraîne'], PEN: ['une pénalité de 2 points par jour', 'un retrait de deux points par jour', 'un malus de 2 points par jour'], APRES: ['Au-delà de trois jours', 'Après 3 jours de retard', 'À partir du quatrième jour de retard'], SUJ: ['le mémoire n’est plus accepté', 'la copie ne sera plus corrigée', 'la note sera zéro'] }, (t) => expect(read(t).late).toMatchObject({ percentPerDay: 2, cutoffDays: 3 }));
  test('a deadline for good', () => expect(read('Abgabe: 31.03.2027, 12 Uhr (Ausschlussfrist)').late.cutoffDays).toBe(0));
});
describe('days of groups', () => {
  every('Für die A ist Abgabe am 7.12.2027, für die C am 10.12.2027.', { A: ['Dienstagsgruppe', 'Gruppe A', 'erste Gruppe'], C: ['Freitagsgruppe', 'Gruppe B', 'zweite Gruppe'] }, (t) => expect(read(t).parts.map((p) => p.due)).toEqual(['2027-12-07', '2027-12-10']));
  test('English', () => expect(read('For the Tuesday group the report is due on 7 December 2027, for the Friday group on 10 December 2027.').parts.map((p) => p.label)).toEqual(['Tuesday group', 'Friday group']));
});
describe('numbers and names', () => {
  every('YOURS in PLACES.', { YOURS: ['Your student number but not your name', 'Your student number, not your name,', 'Your student number and no name'], PLACES: ['the document and in the file name', 'the file name'] }, (t) => expect(read(t).naming).toMatchObject({ mustContain: ['studentNumber'], mustNotIdentify: true }));
  every('LAB = group letter + topic (EG C_tides.pdf)', { LAB: ['file name', 'name of the file'], EG: ['so e.g.', 'e.g.', 'so', 'for example'] }, (t) => expect(read(t).naming.pattern).toBe('group letter + topic'));
  every('LAB: write your exam number (not your name or student ID) at the head of the script.', { LAB: ['Anonymity', 'Anonymisation'] }, (t) => expect(read(t).anonymous).toBe(true));
});
describe('sentences of letters, rules and lists', () => {
  every('We WAY any matching software.', { WAY: ["don't run lab reports through", 'do not check essays with', 'never put papers through'] }, (t) => expect(read(t).similarityChecked).toBe(false));
  every('2,000 words, give or take MANY.', { MANY: ['a hundred', '100', 'one hundred'] }, (t) => expect(read(t).limits).toMatchObject({ minWords: 1900, maxWords: 2100 }));
  every('Once WHAT, it cannot be HOW.', { WHAT: ['filed', 'lodged', 'uploaded'], HOW: ['withdrawn', 'replaced', 'amended'] }, (t) => expect(read(t).attempts.allowed).toBe(1));
  every('Number of WHAT: MANY', { WHAT: ['submissions', 'uploads', 'attempts'], MANY: ['as many as you like', 'no limit', 'any'] }, (t) => expect(read(t).attempts.allowed).toBe('unlimited'));
  every('Resubmission: MANY, before the due date', { MANY: ['one', 'only one', 'once'] }, (t) => expect(read(t).attempts.allowed).toBe(2));
  every('Anonymity: HOW', { HOW: ['marked by name', 'graded with names', 'none', 'n/a'] }, (t) => expect(read(t).anonymous).toBe(false));
  every('WORK shall not contain the WHOSE name.', { WORK: ['Answers', 'The essay', 'Papers'], WHOSE: ["candidate's", "author's"] }, (t) => expect(read(t).anonymous).toBe(true));
  every('Due 5 March 2027. WORK not submitted in time are WHAT.', { WORK: ['Theses', 'Essays', 'Reports'], WHAT: ['graded “fail”', 'marked zero', 'deemed failed'] }, (t) => expect(read(t)).toMatchObject({ due: '2027-03-05', late: { cutoffDays: 0 } }));
  every('Late: up to 24 hours: minus 10 marks. THEN: 0.', { THEN: ['Later than that', 'Thereafter', 'After that'] }, (t) => expect(read(t).late.cutoffDays).toBe(1));
  every('ORDER: .docx; DATA: .csv or .xlsx', { ORDER: ['Report', 'Commentary', 'Essay'], DATA: ['Artefacts', 'Readings', 'Raw data'] }, (t) => expect(read(t).documents.map((d) => d.types)).toEqual([['docx'], ['csv', 'xlsx']]));
  every('Hand in two texts, one for the A1 and one for the B1, EACH as PDF.', { EACH: ['each', 'both'], A1: ['applicant', 'north'], B1: ['respondent', 'south'] }, (t) => expect(read(t).documents.map((d) => d.types)).toEqual([['pdf'], ['pdf']]));
  test.each(['Include two of your own photographs (no larger than 1 MB each, placed in the text).', 'There is no word limit, 15 to 25 pages are usual.', 'One PDF with an artist statement (max 400 words) on page 2.'])('no limit of the paper: %s', (t) => expect(Object.values(read(t).limits).filter((v) => v !== null)).toEqual([]));
});
