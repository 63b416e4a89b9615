import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Assignment texts as departments write them, made up, with all that they settle; what is not named stays open. Dates without a year are read on 10 February 2027. */
const settledTexts: { text: string; says: Record<string, unknown> }[] = [
  {
    text: `GEOG 2204 Field Methods — Assessment 2: Reflective field journal (40%)
Hand-in window opens Mon 1 March 2027 at 09:00 and shuts Friday 19 March 2027, 12 noon (Dublin time).
Please hand in two things: (1) the journal, as a Word document (.docx) or PDF, between 1,800 and 2,200 words excluding references and figure captions; (2) one A3 poster as PDF, no bigger than 15 MB.
Work is marked blind. Put your exam number, not your name, in the header of every page.
Name your files examnumber_journal and examnumber_poster.
You may resubmit until the deadline; only the last version is marked. Penalty: 5 marks per calendar day, nothing is accepted after 7 days.
Layout: A4, 11 pt Calibri or Arial, 1.5 spacing, 2.5 cm margins all round, numbered pages. Harvard referencing.
A signed declaration of originality must be attached as the first page.
Every submission goes through text-matching.`,
    says: {documents: [{label: 'Journal', types: ['docx', 'pdf'], limits: {minWords: 1800, maxWords: 2200}}, {label: 'Poster', types: ['pdf'], limits: {maxBytes: 15000000}}], 'naming.pattern': 'examnumber_journal', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, opens: '2027-03-01T09:00:00+00:00', due: '2027-03-19T12:00:00+00:00', timeZone: 'Europe/Dublin', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Calibri', 'Arial'], 'layout.pageNumbers': true, declaration: true, referenceStyle: 'Harvard', 'counting.left': ['references', 'captions']},
  },
  {
    text: `SOC2040 Social Theory — Assessment 2 brief

Upload point: "SOC2040 AS2 Essay (B-Z)". Do not use the point called "SOC2040 AS2 Essay resubmission", which is for last year's candidates.

Task: answer ONE question in an essay of 2,000 words. The word count includes in-text references and footnotes but leaves out the bibliography and any appendix. A leeway of ten per cent either way is tolerated.

Format. Please save as .docx or .pdf; Pages and Numbers files cannot be read here. Maximum 20MB. Set in 12-point Calibri or Arial, 1.5 spaced, with 2.54cm margins all round; number your pages.

Marking is blind: put only your exam number (the one beginning with Y) in the file name and header, e.g. Y1234567_SOC2040_AS2.

Deadline: noon on Thursday 22 April 2027 (UK time). Work up to five days late loses 10 marks per day; after that it gets zero.

You can replace your file as often as you want before the deadline; only the last one is looked at. All essays go through text-matching.`,
    says: {place: 'SOC2040 AS2 Essay (B-Z)', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-04-22T12:00:00+01:00', timeZone: 'Europe/London', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Calibri', 'Arial'], 'layout.pageNumbers': true, 'counting.counted': ['footnotes'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Lab report 3: titration

Hi everyone,

quick reminder about what I want from you for lab 3:
 * the report itself, pdf, max 6 pages incl. figures
 * your raw data as a spreadsheet (xlsx or csv)
 * both by Sunday night 23:59 (28 March), my time zone is CET/CEST of course

Please call the report lab3_<your matriculation number>.pdf and the data lab3_<your matriculation number>.xlsx
You can send it in only once, so look twice!
Late reports: minus 20% for each day, and I stop taking them after three days.

No need to make it anonymous.
Cheers`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 6}}, {label: 'Raw data', types: ['xlsx', 'csv']}], 'naming.pattern': 'lab3_<your matriculation number>.pdf', 'naming.mustContain': ['studentNumber'], anonymous: false, due: '2027-03-28T23:59:00+02:00', timeZone: 'CET/CEST', 'attempts.allowed': 1, 'late.percentPerDay': 20, 'late.cutoffDays': 3},
  },
  {
    text: `DISSERTATION SUBMISSION 2027 — MSc Public Health

1. The dissertation must be between 12,000 and 15,000 words (excluding tables, figures, references and appendices).
2. One electronic copy, in Portable Document Format, must be lodged with the Graduate Office by 16:00 BST on 3 September 2027.
3. The file may not be larger than 50 megabytes.
4. The file is to be named as follows: SURNAME_Firstname_MPH2027.pdf
5. The body of the text should be in a serif font of 11 or 12 points with double spacing. Left margin 40 mm; other margins 20 mm. A4.
6. Pages are to be numbered consecutively.
7. A signed declaration of authorship must be bound in after the title page.
8. Referencing: Vancouver.
9. Candidates who submit after the deadline without an extension will receive a penalty of 5 percentage points per calendar day, to a maximum of 7 days; thereafter the mark is 0.
10. Your dissertation will be checked by similarity software.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 12000, 'limits.maxWords': 15000, 'naming.pattern': 'SURNAME_Firstname_MPH2027.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-09-03T16:00:00+01:00', timeZone: 'BST', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.pageSize': 'A4', 'layout.lineSpacing': 2, 'layout.pageNumbers': true, declaration: true, referenceStyle: 'Vancouver', 'counting.left': ['tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `From: Dr. Ottilie Brandvold
To: HIS-310 list
Subject: Paper #1 guidelines

Length: 5-7 pages, double-spaced, 1" margins, 12 pt. Times New Roman
Due: Fri., Oct. 8, 2027 by 5 PM EDT on the course site, under "Paper 1" (NOT under "Paper 1 draft")
Format: Word document (.doc or .docx)
Citations: Chicago (notes)
File name: LastName_Paper1
Late policy: one-third of a letter grade per day
Grace period: none
Drafts: due Fri., Oct. 1 by 5 PM in "Paper 1 draft"`,
    says: {place: 'Paper 1', documents: [{label: null, types: ['docx', 'doc']}], 'limits.minPages': 5, 'limits.maxPages': 7, 'naming.pattern': 'LastName_Paper1', 'naming.mustContain': ['surname'], timeZone: 'EDT', parts: [{label: 'Paper 1', opens: null, due: '2027-10-08T17:00:00-04:00'}, {label: 'Drafts', opens: null, due: '2027-10-01T17:00:00-04:00'}], 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'Chicago'},
  },
  {
    text: `Coursework: Digital Logic (EE2B)

Submission opens Monday 1 March 2027 at 09:00 and closes Monday 15 March 2027 at 14:00. 

Submit:
(i) a single PDF report of no more than ten sides of A4 (appendices don't count), and
(ii) a completed cover form as a Word file.

Report file: max 10 MB. The cover form: max. 1 MB.

Name both files beginning with your seven-digit student ID.

Multiple attempts: three are allowed, the final attempt will be marked.

Anonymous marking does not apply to this coursework.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 10}}, {label: 'Completed cover form', types: ['docx'], limits: {maxBytes: 1000000}}], 'naming.mustContain': ['studentNumber'], anonymous: false, opens: '2027-03-01T09:00:00', due: '2027-03-15T14:00:00', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'layout.pageSize': 'A4'},
  },
  {
    text: `The final project (ARC 3.2)

The portfolio is submitted in three stages.

Stage 1 – Concept: 8 Feb 2027 09:00 – 12 Feb 2027 17:00
Stage 2 – Interim: 8 Mar 2027 09:00 – 12 Mar 2027 17:00
Stage 3 – Final: 24 May 2027 09:00 – 28 May 2027 17:00

All times are local time in Lisbon.
At every stage: one PDF, landscape A3, not exceeding 80 megapixels, max. 30 pages.
No late portfolios.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 80000000, 'limits.maxPages': 30, timeZone: 'Europe/Lisbon', parts: [{label: 'Stage 1 – Concept', opens: '2027-02-08T09:00:00+00:00', due: '2027-02-12T17:00:00+00:00'}, {label: 'Stage 2 – Interim', opens: '2027-03-08T09:00:00+00:00', due: '2027-03-12T17:00:00+00:00'}, {label: 'Stage 3 – Final', opens: '2027-05-24T09:00:00+01:00', due: '2027-05-28T17:00:00+01:00'}], 'late.cutoffDays': 0, 'layout.pageSize': 'A3'},
  },
  {
    text: `Essay (40%)

Word limit 1500 words +/- 5% (title and reference list not included).
Due on 07/05/2027 at 13:00. Week 11 ends on 14/05/2027.
Name the file with your candidate number; your name must not appear anywhere, because we mark anonymously.
Harvard referencing.
Upload as PDF only.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1425, 'limits.maxWords': 1575, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-07T13:00:00', referenceStyle: 'Harvard', 'counting.left': ['references']},
  },
  {
    text: `PHIL 22 – Take-home exam

The exam will be released at 8 a.m. Pacific Time on Tuesday, March 16, 2027, and your answers must be uploaded no later than 8 a.m. Pacific Time on Wednesday, March 17, 2027. 

Answer two of the five questions; each answer must be at most 800 words. Put both answers in one file (PDF, DOCX or RTF). Use your student number, not your name, so that grading can be anonymous.

You may only upload once. There is no late submission.

Use of AI tools is not permitted; you must tick the honour statement.`,
    says: {documents: [{label: 'Answers', types: ['pdf', 'docx', 'rtf']}], anonymous: true, opens: '2027-03-16T08:00:00-07:00', due: '2027-03-17T08:00:00-07:00', timeZone: 'America/Los_Angeles', 'attempts.allowed': 1, 'late.cutoffDays': 0, declaration: true},
  },
  {
    text: `Assignment 4 (Group report)

Each group hands in ONE report. Length: around 3000 words. Format: PDF. Limit 100MB.
Each member additionally hands in a peer evaluation form (DOCX) — individually.
Deadline report: 30 April 2027, 18:00. Deadline peer evaluation: 3 May 2027, 18:00.
Title of file: GroupNumber_Report.pdf
The peer evaluation is anonymous.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 100000000}}, {label: 'Peer evaluation form', types: ['docx']}], 'naming.pattern': 'GroupNumber_Report.pdf', parts: [{label: 'report', opens: null, due: '2027-04-30T18:00:00'}, {label: 'peer evaluation', opens: null, due: '2027-05-03T18:00:00'}]},
  },
  {
    text: `HIST20451 Making the Modern World
Assessment 2: Source commentary (40% of module mark)

What you have to do
Choose ONE of the six extracts in the module folder and write a commentary of between 1,400 and 1,600 words, footnotes included, bibliography excluded.

Format
Word-processed, 12-point Garamond or Times New Roman, double spaced, pages numbered, margins 2.54 cm all round. Save as .docx; we do not accept PDFs or Pages files because markers comment in the file itself.

Call the file by your exam number and the module code, for example Y0012345_HIST20451.docx. Your own name must not be in the file, its name or its properties.

When
Noon, Thursday 25 March 2027 (week 9). Extensions can be granted up to 7 days by the Student Support Hub; apply before the deadline.
Anything later than noon loses 10 marks for each working day or part of a working day, and after 5 working days gets zero.

Where
Upload box "HIST20451 A2 commentary" on the module page. One upload only: check before you press the button.`,
    says: {place: 'HIST20451 A2 commentary', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1400, 'limits.maxWords': 1600, 'naming.mustContain': ['candidateNumber', 'courseCode'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-25T12:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Garamond', 'Times New Roman'], 'layout.pageNumbers': true, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Hi all,

a few people asked so here's everything in one place for the lab write-up:

- it's due Sunday 21/02/2027, 11.59pm Melbourne time
- single PDF, no bigger than 15MB
- 6 pages tops, refs don't count
- name it LASTNAME_Firstname_Lab3.pdf
- resubmit as often as you like before the deadline, I'll only mark whatever's there at the end
- 5% off per day (weekends included), nothing accepted after 10 days

It'll go through the text-matching tool, so leave time to fix your quotes.

Cheers
Priya`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.maxPages': 6, 'naming.pattern': 'LASTNAME_Firstname_Lab3.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-02-21T23:59:00+11:00', timeZone: 'Australia/Melbourne', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 10},
  },
  {
    text: `PORTFOLIO SUBMISSION

The portfolio is made of three files, each uploaded separately:

1. Reflective essay (2,500 words +/- 10%), Word or PDF
2. Evidence log, Excel spreadsheet (.xlsx)
3. A signed declaration form, scanned, PDF, max. 2 MB

Opening date: 1 April 2027, 09:00
Closing date: 30 April 2027, 16:00 BST

Late portfolios will be capped at 40%.
Portfolios are marked anonymously. Use your candidate number only.`,
    says: {documents: [{label: 'Reflective essay', types: ['docx', 'pdf'], limits: {minWords: 2250, maxWords: 2750}}, {label: 'Evidence log', types: ['xlsx']}, {label: 'Signed declaration form', types: ['pdf'], limits: {maxBytes: 2000000}}], anonymous: true, opens: '2027-04-01T09:00:00+01:00', due: '2027-04-30T16:00:00+01:00', timeZone: 'BST', declaration: true},
  },
  {
    text: `FINAL PAPER — submission checklist

[ ] 8–10 double-spaced pages, not counting title page and works cited
[ ] 12-pt. Times New Roman, one-inch margins
[ ] MLA format
[ ] Last name and page number in the upper right corner of every page
[ ] Saved as a PDF
[ ] File named: Lastname-FinalPaper.pdf
[ ] Uploaded to the course site by 5 p.m. EST on Friday, December 10, 2027

Late papers drop one-third of a letter grade per day. No papers accepted after December 15.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 8, 'limits.maxPages': 10, 'naming.pattern': 'Lastname-FinalPaper.pdf', 'naming.mustContain': ['surname'], due: '2027-12-10T17:00:00-05:00', timeZone: 'EST', 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Dear students

Following the outage of 3 March the deadline for Essay 1 (originally Friday 5 March 2027, 16:00) has been moved to Monday 8 March 2027, 10:00. This applies to everybody; you don't need to apply.

Students with an individual extension keep their own date.

All other instructions are unchanged: max 3000 words incl. footnotes, PDF, file name = student number.

Best wishes
Teaching Office`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 3000, 'naming.mustContain': ['studentNumber'], due: '2027-03-08T10:00:00', 'counting.counted': ['footnotes']},
  },
  {
    text: `Submission instructions for the dissertation (MSc Public Health)

Length: no more than 12,000 words. The abstract, tables, figures, references and appendices are not included in the word limit.
Submission: electronic only, two files:
  (a) the dissertation as a PDF (maximum 100 MB)
  (b) the ethics approval letter as a PDF
Deadline: 2 September 2027 at 12 noon (UK time).
Please name files as follows: candidate number – short title (e.g. BX123 – Malaria in Mali).
The dissertation must not contain your name or student number anywhere; acknowledgements should be left out and may be added to the library copy.
Penalties: work submitted up to 24 hours late: 10 percentage points; 24–48 hours: 20 percentage points; later: not accepted.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf'], limits: {maxBytes: 100000000}}, {label: 'Ethics approval letter', types: ['pdf']}], 'limits.maxWords': 12000, 'naming.pattern': 'candidate number – short title', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-09-02T12:00:00+01:00', timeZone: 'Europe/London', 'late.cutoffDays': 2, 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `Q. When's it due?
A. Wednesday of Week 11, that's 19 May 2027, by 2 in the afternoon.
Q. What format?
A. .doc, .docx, .rtf or .pdf – anything else will bounce.
Q. How long should it be?
A. 2000 words. You can go 10% over or under without penalty.
Q. Can I replace my file once it's in?
A. Up to three times, and we look at the last one.
Q. Is it marked anonymously?
A. No, because the tutor needs to know which group you presented with. So please do put your name on it.
Q. What if I'm late?
A. 5 marks a day up to a maximum of five days. Then it's a zero.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'rtf', 'pdf']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, anonymous: false, due: '2027-05-19T14:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Course essay. Max. 12 pages incl. everything except the bibliography. Times New Roman 12, double spaced, 1 inch margins.
Deadline: 30 April, 23:59 CET. No extensions. Late essays will not be marked.
File: PDF, max 20 megabyte. File name: Lastname_Firstname_Essay.pdf
One attempt only. Reference style APA 7.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.maxPages': 12, 'naming.pattern': 'Lastname_Firstname_Essay.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-04-30T23:59:00+01:00', timeZone: 'CET', 'attempts.allowed': 1, 'late.cutoffDays': 0, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'APA'},
  },
  {
    text: `Important change!!

The essay deadline has been moved from Friday 12 March 2027, 16:00 to Monday 15 March 2027, 16:00 because of the strike. The handbook still shows the old date: ignore it.

Everything else stays: 2500 words max, PDF, 5 MB, font size 11 or larger.

Submit in the "Essay 1" area of module MU201. Submissions to "Essay 1 (part-time)" will be lost.`,
    says: {place: 'Essay 1', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.maxWords': 2500, due: '2027-03-15T16:00:00', 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Case study guidance

You are required to submit a case study of a maximum of 3 000 words. Students whose work exceeds the limit by more than 10% will be penalised.

The case study must not contain the name of your placement, your mentor, or any patient (confidentiality). 

Submission: electronically, by 12 noon, 11th June 2027. Text must be 1.5-spaced, in Verdana 11. 

Use APA 7th. File format .doc, .docx, .pdf or .odt. Student number to be in the footer of every page and in the file name.

Cover sheet: the declaration of academic integrity has to be signed.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'pdf', 'odt']}], 'limits.maxWords': 3300, 'naming.mustContain': ['studentNumber'], due: '2027-06-11T12:00:00', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Verdana'], declaration: true, referenceStyle: 'APA'},
  },
  {
    text: `Research proposal

• hand-in: Wed 5 May 2027, 4pm (Europe/Dublin)
• late work will not be accepted, unless you have an approved extension
• 1,000–1,200 words
• pdf
• name: firstname-lastname-proposal
• feedback by 26 May 2027
• similarity score is visible to you before the deadline; resubmission allowed until the deadline`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1000, 'limits.maxWords': 1200, 'naming.pattern': 'firstname-lastname-proposal', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-05-05T16:00:00+01:00', timeZone: 'Europe/Dublin', 'late.cutoffDays': 0},
  },
  {
    text: `Assessment information for students with learning support plans

Your standard deadline: 19 February 2027, 12:00.
Extension granted to you: until 26 February 2027, 12:00.

Essay: 2,000 words (+10% is allowed). Anonymous submission: use your ID number only, not your name. Accepted: Word, PDF.
You are allowed two submissions.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2200, anonymous: true, due: '2027-02-19T12:00:00', extension: '2027-02-26T12:00:00', 'attempts.allowed': 2},
  },
  {
    text: `FINAL PAPER — INSTRUCTIONS

Submit two versions of the paper: one with your name (PDF) and one blinded (PDF) for the external reader. Neither may be larger than 15 MiB. 

The paper should be about 20 pages. Set it in 11pt. Garamond, single-spaced, with margins of at least one inch. 

Due date: the last Friday in May 2027, midnight.

References: MLA`,
    says: {documents: [{label: 'Paper', types: ['pdf']}], 'limits.maxBytes': 15728640, due: '2027-05-29T00:00:00', 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Garamond'], 'layout.atLeast': ['marginMm'], referenceStyle: 'MLA'},
  },
  {
    text: `Reflective journal

Due: 2027-03-26T17:00+01:00
Max size: 2 MB
Types: PDF/DOCX
Words: up to 1,200
Attempts: unlimited (latest counts)
Anonymous: no
Similarity check: no
Late: 10% per day, max 5 days
Font: Arial 11
Spacing: 1.5
Margins: 25 mm`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 2000000, 'limits.maxWords': 1200, anonymous: false, similarityChecked: false, due: '2027-03-26T17:00:00+01:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial']},
  },
  {
    text: `Submission via the department's hand-in box "M3-Thesis" (3rd floor hand-ins are discontinued).

Please observe the following:

Bachelor's theses: 30 to 40 pages of text. 
Formats: PDF/A for the thesis; a ZIP with the data.
Submission period: 1 July to 15 July 2027. 
Letters: Times New Roman 12 pt; footnotes 10 pt. 
Line spacing: one and a half. 
Margins: left 4 cm, right 2 cm, top and bottom 2.5 cm.
Name of the file: BA_Surname_MatriculationNumber.pdf`,
    says: {place: 'M3-Thesis', documents: [{label: 'Thesis', types: ['pdf']}, {label: 'Data', types: ['zip']}], 'limits.minPages': 30, 'limits.maxPages': 40, 'naming.pattern': 'BA_Surname_MatriculationNumber.pdf', 'naming.mustContain': ['studentNumber', 'surname'], opens: '2027-07-01', due: '2027-07-15', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], archival: 'PDF/A'},
  },
  {
    text: `Quiz essay #2

Please note the essay cannot be shorter than 600 words nor longer than 900. It is due a week from today (today is 1 February 2027) at 9 in the morning. Save the document as rich text (RTF) if you can't produce PDF. We do not run this one through the plagiarism checker.`,
    says: {documents: [{label: null, types: ['rtf', 'pdf']}], 'limits.minWords': 600, 'limits.maxWords': 900, similarityChecked: false},
  },
  {
    text: `Engineering Ethics: individual paper

Deadline: 17 May 2027, 23:59 AoE
The paper must be 4 pages long at most, two columns, IEEE reference style, in PDF with all fonts embedded, letter size.
Reviewing is double-blind: do not include author names or affiliations.
File name: paper_<submission number>.pdf
Supplementary material (optional): zip, max 50 MB.
Paper: max 10 MB.`,
    says: {documents: [{label: 'Paper', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 4}}, {label: 'Supplementary material', types: ['zip'], limits: {maxBytes: 50000000}}], 'naming.pattern': 'paper_<submission number>.pdf', due: '2027-05-17T23:59:00-12:00', timeZone: 'AoE', 'layout.pageSize': 'Letter', referenceStyle: 'IEEE'},
  },
  {
    text: `PSYC2003 Research Report
------------------------
Weighting        50%
Length           2,500 words maximum (title page, abstract, references and appendices excluded)
Due              Thursday 6 May 2027, 4.00 pm (AEST)
Submission       Assessment tab > Research Report > Final
File             One Word document (.doc or .docx), under 20 MB
File name        SurnameInitial_StudentID_PSYC2003
Style            APA 7th
Late             5% of the total mark per day or part day; closes 14 days after the due date
Attempts         You may submit as many times as you like until the due date. After that, no changes.`,
    says: {place: 'Assessment tab > Research Report > Final', documents: [{label: null, types: ['docx', 'doc']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 2500, 'naming.pattern': 'SurnameInitial_StudentID_PSYC2003', 'naming.mustContain': ['studentNumber', 'surname', 'initials'], due: '2027-05-06T16:00:00+10:00', timeZone: 'AEST', 'attempts.allowed': 'unlimited', 'late.percentPerDay': 5, 'late.cutoffDays': 14, referenceStyle: 'APA', 'counting.left': ['titlePage', 'abstract', 'references', 'appendices']},
  },
  {
    text: `Subject: Re: Extension request – ENG 240 term paper

Dear Tomasz,

I'm happy to give you five extra days. The class deadline stays Monday, March 22, 2027 at 11:59 p.m. (Central Time); yours is now Saturday, March 27, same time.

Everything else is as in the syllabus: 7 to 9 pages, double-spaced, Chicago notes, PDF only. Use your own name on the first page as usual, I like to know who I'm reading.

J. Okafor`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 7, 'limits.maxPages': 9, anonymous: false, due: '2027-03-22T23:59:00-05:00', extension: '2027-03-27T23:59:00-05:00', timeZone: 'America/Chicago', 'layout.lineSpacing': 2, referenceStyle: 'Chicago'},
  },
  {
    text: `Assignment brief: Market entry plan (group work, one submission per group)

Your plan should not be longer than fifteen pages (A4, 11 point minimum, 1.15 line spacing, 2 cm margins), excluding appendices, which may not exceed 10 pages.
Submit the plan as PDF and the financial model as an Excel workbook. Together they must stay below 25 MB.
Name both files with your group number (Group07_Plan.pdf, Group07_Model.xlsx).
Submission opens Monday 12 April 2027 and closes Friday 23 April 2027 at 17:00 sharp (Dublin time).
Work is put through text-comparison software, so cite everything.
No late submissions: the link disappears at 17:00.`,
    says: {documents: [{label: 'Plan', types: ['pdf'], limits: {maxPages: 15}}, {label: 'Financial model', types: ['xlsx']}], 'limits.maxBytes': 25000000, similarityChecked: true, opens: '2027-04-12', due: '2027-04-23T17:00:00+01:00', timeZone: 'Europe/Dublin', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Coursework 1 is due in Week 6 (Mon 1/3/27, noon). Coursework 2 is due in Week 11 (Mon 5/4/27, noon). Both should be handed in on the module site as PDF, not more than 1500 words each. Candidate numbers only please – scripts are marked blind. For each day late, 5 marks are taken off; five days late means zero.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1500, anonymous: true, parts: [{label: 'Coursework 1', opens: null, due: '2027-03-01T12:00:00'}, {label: 'Coursework 2', opens: null, due: '2027-04-05T12:00:00'}], 'late.percentPerDay': 5},
  },
  {
    text: `READ ME BEFORE YOU UPLOAD

• Deadline 23:59 CET, 31 January 2028
• Accepted: .pdf, .odt
• Rejected: anything zipped, anything over 8 MiB
• Min. 3,000 and max. 4,000 words, footnotes count, bibliography doesn't
• You have exactly two attempts. The second one overwrites the first.
• Include the signed statement of authorship as the last page
• Turn off the author field in the file's properties: the marker must not be able to see who you are`,
    says: {documents: [{label: null, types: ['pdf', 'odt']}], 'limits.maxBytes': 8388608, 'limits.minWords': 3000, 'limits.maxWords': 4000, due: '2028-01-31T23:59:00+01:00', timeZone: 'CET', 'attempts.allowed': 2, 'attempts.keeps': 'latest', declaration: true, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Final-year project: what to submit and when

Interim report – Friday 27 November 2026 – 5 pages max.
Poster (A1, PDF) – Wednesday 10 March 2027
Final report – Tuesday 4 May 2027 – 40 pages max.
All deadlines are at 15:00 UK time. Reports must be PDF.

Reports must be in Arial 11pt with 1.5 spacing and 25mm margins.
Feedback on the interim report will be given by 18 December.`,
    says: {documents: [{label: 'Poster', types: ['pdf']}], timeZone: 'Europe/London', parts: [{label: 'Interim report', opens: null, due: '2026-11-27T15:00:00+00:00'}, {label: 'Poster', opens: null, due: '2027-03-10T15:00:00+00:00'}, {label: 'Final report', opens: null, due: '2027-05-04T15:00:00+01:00'}], 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial']},
  },
  {
    text: `Hello everyone, quick correction to the handout. It says the essay is 2,000 words - that's last year's. It's 1,500 words max this year, no leeway. And it's due on the 19th of March at 4pm, not the 12th. Still one PDF, still your student number (and nothing else) as file name. Sorry for the confusion! Mx Adeyemi-Ross`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1500, 'naming.pattern': 'student number', 'naming.mustContain': ['studentNumber'], due: '2027-03-19T16:00:00'},
  },
  {
    text: `Instructions for authors (student conference, undergraduate track)

Papers must be anonymised for review: remove author names, affiliations and acknowledgements, also from the PDF metadata.
Length: 6 to 8 pages including references, A4, two columns, 10pt Times.
Only PDF files with all fonts embedded will be accepted. File size limit: 10MB.
Abstract registration: 8 March 2027 AoE
Full paper: 15 March 2027 AoE
Notification: 26 April 2027
Camera-ready: 10 May 2027 AoE
Authors may update their submission until the full paper deadline.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.minPages': 6, 'limits.maxPages': 8, anonymous: true, timeZone: 'AoE', parts: [{label: 'Abstract registration', opens: null, due: '2027-03-08'}, {label: 'Full paper', opens: null, due: '2027-03-15'}, {label: 'Camera-ready', opens: null, due: '2027-05-10'}], 'attempts.keeps': 'latest', 'layout.pageSize': 'A4', 'layout.fontSizePt': 10, 'layout.fonts': ['Times']},
  },
  {
    text: `1. Purpose
The learning journal documents your placement.

2. Format
2.1 The journal is submitted as one file. PDF is preferred; .docx is accepted.
2.2 It must have between 20 and 30 pages.
2.3 Photos must not make the file larger than 50 megapixels in total.
2.4 Patients and staff must not be identifiable. Your name and student number must be on the cover.

3. Submission
3.1 The box opens on 3 May 2027 at 8:00 and closes on 14 May 2027 at 20:00.
3.2 You can submit only once.
3.3 Journals up to 3 days late are accepted with a penalty of 10 % per day.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 50000000, 'limits.minPages': 20, 'limits.maxPages': 30, anonymous: false, opens: '2027-05-03T08:00:00', due: '2027-05-14T20:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `You'll find the drop point under Assessments > Essay 3. It'll be open from 10am on Monday the 7th of June 2027. Everything needs to be in by 10am on Friday the 11th. Please submit a Word doc and keep it to 1,800 words (+/-10%). Harvard referencing. Don't put your name on it, just your exam number. File name is up to you but mustn't give away who you are.`,
    says: {place: 'Assessments > Essay 3', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1620, 'limits.maxWords': 1980, 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-06-07T10:00:00', due: '2027-06-11T10:00:00', referenceStyle: 'Harvard'},
  },
  {
    text: `Dear all,
a reminder that the lab report is due this Thursday (25/03/2027) at 5pm. The upload page closes automatically. Reports should be around 2000 words, PDF only, under 10MB. Do not include your name anywhere; use your student ID in the file name and on the title page.
Best, Dr Holm`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-25T17:00:00'},
  },
  {
    text: `Portfolio for EDU 118

Part A: Lesson plan (Word), due 1 March 2027, 10:00
Part B: Video reflection, 500 words (PDF), due 15 March 2027, 10:00
Part C: Final essay, 2,500 words (PDF), due 30 April 2027, 10:00

Each part opens one week before its due date. All parts are checked for similarity except part A. Name your files A_, B_, C_ followed by your student number.`,
    says: {documents: [{label: 'Lesson plan', types: ['docx']}, {label: 'Video reflection', types: ['pdf'], limits: {maxWords: 500}}, {label: 'Final essay', types: ['pdf'], limits: {maxWords: 2500}}], 'naming.mustContain': ['studentNumber'], similarityChecked: true, parts: [{label: 'Part A', opens: '2027-02-22T10:00:00', due: '2027-03-01T10:00:00'}, {label: 'Part B', opens: '2027-03-08T10:00:00', due: '2027-03-15T10:00:00'}, {label: 'Part C', opens: '2027-04-23T10:00:00', due: '2027-04-30T10:00:00'}]},
  },
  {
    text: `Law of Obligations – Problem question

Release: Monday 19 April 2027, 10:00 on the assessment page
Return: Wednesday 21 April 2027, 10:00 (48 hours)
Max. length: 2,000 words, footnotes included (OSCOLA), no bibliography needed
Format: .docx or .pdf
Identification: exam number in the header of each page; never your name
File: ExamNumber_LawObl

Work received after 10:00 on 21 April is given zero unless an extension has been approved beforehand. The school does not give extensions for IT problems.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2000, 'naming.pattern': 'ExamNumber_LawObl', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-04-19T10:00:00', due: '2027-04-21T10:00:00', 'late.cutoffDays': 0, referenceStyle: 'OSCOLA', 'counting.counted': ['footnotes']},
  },
  {
    text: `Dear all
As agreed in class: essays to me by e-mail attachment (pdf please) not later than the 14th of May. I do not mind if it's the evening. If you want an answer before the exam, send it by the 7th. Between 10 and 12 pages. Title page with name, matriculation number, semester. 
Regards, Prof. H. Lindqvist`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 10, 'limits.maxPages': 12, anonymous: false, due: '2027-05-14'},
  },
  {
    text: `ASSIGNMENT 2
Due: 11:55 PM, Saturday 13 March 2027
Cut-off: 11:55 PM, Saturday 20 March 2027
Grace period: none
Maximum file size: 5MB
Maximum number of uploaded files: 2
Accepted file types: .pdf .ipynb .zip
Group submission: no
Resubmission: allowed until due date
Statement: All submissions require students to accept the submission statement.`,
    says: {documents: [{label: null, types: ['pdf', 'zip']}], 'limits.maxBytes': 5000000, due: '2027-03-13T23:55:00', 'late.cutoffDays': 7},
  },
  {
    text: `What do I hand in?
Two things. A poster as PDF (A3, one page, not more than 10 MB) and a 500-word summary as a Word file.

How do I hand in?
Through the box "POL211 poster and summary" on the course page.

By when?
Both by Friday 30 April 2027, 1 pm (Berlin). 

What happens after that?
Until Monday 3 May, 1 pm you can still upload, but you'll lose one full grade. After that the box is closed.

Can I upload again?
Yes, the new file replaces the old one until the box closes.

Who will see my name?
Nobody: the box hides it. Keep it out of the files and the file names.`,
    says: {place: 'POL211 poster and summary', documents: [{label: 'Poster', types: ['pdf'], limits: {maxBytes: 10000000}}, {label: 'Summary', types: ['docx'], limits: {maxWords: 500}}], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-04-30T13:00:00+02:00', timeZone: 'Europe/Berlin', 'attempts.keeps': 'latest', 'late.cutoffDays': 3},
  },
  {
    text: `Module handbook 2026/27, section 6: Coursework

6.1 Coursework shall be submitted electronically by 12.00 noon on the date published in the assessment calendar (for this module: 15.03.2027).
6.2 The word limit for this module is 3000. Work exceeding the limit by more than 10% will be penalised by 5 marks.
6.3 Coursework submitted within five working days after the deadline shall have 5 per cent deducted for each working day; thereafter a mark of zero shall be recorded.
6.4 Coursework shall bear the candidate number only. Any coursework bearing the candidate's name shall be returned unmarked.
6.5 Coursework shall be in PDF and shall not exceed 40 MB.
6.6 The coursework shall be accompanied by a declaration of academic integrity.
6.7 Coursework shall be subjected to similarity analysis.`,
    says: {documents: [{label: 'Coursework', types: ['pdf']}], 'limits.maxBytes': 40000000, 'limits.maxWords': 3300, anonymous: true, similarityChecked: true, due: '2027-03-15T12:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, declaration: true},
  },
  {
    text: `Capstone report: formatting

Use the template. Do not change fonts (Calibri 11) or margins (2.5 cm). Line spacing is 1.25. Chapters start on a new page, pages are numbered consecutively from the introduction onwards.
The report is between 8000 and 10000 words long, everything from introduction to conclusion counted.
Submit before Easter: the system accepts reports from 1 March to 25 March 2027 (closing time 18:00 EET).
One file: CAPSTONE_<student id>.pdf. Do not zip.
You may replace your report as long as the system is open. Earlier files remain visible to the examiner.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 8000, 'limits.maxWords': 10000, 'naming.pattern': 'CAPSTONE_<student id>.pdf', 'naming.mustContain': ['studentNumber'], opens: '2027-03-01', due: '2027-03-25T18:00:00+02:00', timeZone: 'EET', 'attempts.keeps': 'all', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.25, 'layout.fonts': ['Calibri'], 'layout.pageNumbers': true},
  },
  {
    text: `Take-home exam ANTH 3310

The exam paper is posted at 9:00 AM MST on Tuesday, May 4, 2027. Your answers are due back by 9:00 AM MST on Friday, May 7. No extensions, no late exams.
Answer three of five questions, no more than 800 words per answer (2,400 words in total).
Submit one .docx. Do not include your name; write your student ID at the top of each page.
AI-writing and plagiarism detection will be used.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2400, anonymous: true, similarityChecked: true, opens: '2027-05-04T09:00:00-07:00', due: '2027-05-07T09:00:00-07:00', timeZone: 'MST'},
  },
  {
    text: `Abgabehinweis / How to submit

Please upload your term paper (PDF) by 15 July 2027, 12:00 (CEST) at the latest. Length 20-25 pages. Name: Lastname_Firstname_Course_SS27.pdf. Please also hand in a printed copy at the office (room 2.14) by 16 July.`,
    says: {documents: [{label: 'Term paper', types: ['pdf']}], 'limits.minPages': 20, 'limits.maxPages': 25, 'naming.pattern': 'Lastname_Firstname_Course_SS27.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-07-15T12:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `The deadline for the critical review is Friday 5 March (17:00) for group A and Friday 12 March (17:00) for group B. 1,200 words +/- 5%. Formats: PDF or RTF. You get feedback two weeks later. Late reviews: 2 points per day, at most 7 days.`,
    says: {documents: [{label: null, types: ['pdf', 'rtf']}], 'limits.minWords': 1140, 'limits.maxWords': 1260, parts: [{label: 'group A', opens: null, due: '2027-03-05T17:00:00'}, {label: 'group B', opens: null, due: '2027-03-12T17:00:00'}], 'late.percentPerDay': 2, 'late.cutoffDays': 7},
  },
  {
    text: `*** NEW DEADLINE ***
The submission system was down this morning. All third-year essays that were due today (Thursday 11 March 2027) at 12:00 are now due tomorrow, Friday 12 March 2027, at 12:00. Essays that arrived by e-mail need to be uploaded as well (same file: PDF, max 10 MB, candidate number as file name).`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.mustContain': ['candidateNumber'], due: '2027-03-12T12:00:00'},
  },
  {
    text: `Thesis hand-in 2027. The thesis must be uploaded as one PDF/A file no later than 1 June 2027 at 13:00. Group work is allowed. Print on A4. Margins at least 3 cm left and 2 cm right. Abstract of max. 1 page in English.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], due: '2027-06-01T13:00:00', 'layout.pageSize': 'A4', archival: 'PDF/A'},
  },
  {
    text: `Module HIS2043 Early Modern Cities
Coursework 1: Source Analysis

What to submit
One document only, as a PDF. Photos of handwriting are not accepted. If your work is in several files, combine them into one single PDF first.
The limit for uploads is 20 megapixels.

Naming
Your file must be called HIS2043_SA1_ followed by your registration number. Files that do not carry the registration number will be rejected.

Timing
The folder opens on 11 January 2027 at 9:00 and closes on 29 January 2027 at 15:00 (London). 

Where
Folder "HIS2043 Coursework 1 – main cohort". Not the folder "HIS2043 Coursework 1 – visiting students"!

Length
1,800 words ± 10 %, bibliography not counted.`,
    says: {place: 'HIS2043 Coursework 1 – main cohort', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 1620, 'limits.maxWords': 1980, 'naming.pattern': 'HIS2043_SA1_[registration number]', 'naming.mustContain': ['studentNumber'], opens: '2027-01-11T09:00:00+00:00', due: '2027-01-29T15:00:00+00:00', timeZone: 'Europe/London', 'counting.left': ['references']},
  },
  {
    text: `INTRODUCTION TO BIOSTATISTICS — Assignment 2

1) Answer sheet: complete the supplied template (Answer_Sheet_Template.docx). Save it under a new name and hand it in as a Word document.
2) Report: hand in as PDF, not more than 8 pages including figures, Arial 11 pt, line spacing 1.15.

Maximum file size per file: 10 MB.

Both documents have to be handed in together. When you hand in again, both files have to be handed in again, because a new submission replaces the old one completely. You can hand in again until the deadline as often as you like.

Deadline: Friday, 5 February 2027, 23:59 (CET).
Your name and student number must be on the cover page of the report.`,
    says: {documents: [{label: 'Answer sheet', types: ['docx']}, {label: 'Report', types: ['pdf'], limits: {maxPages: 8}}], 'limits.maxBytes': 10000000, anonymous: false, due: '2027-02-05T23:59:00+01:00', timeZone: 'CET', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, 'layout.fonts': ['Arial']},
  },
  {
    text: `Dear all,

Professor Ingebrigt has agreed to a common extension because of the snow: instead of 8 March, the essay is now due on 12 March 2027 at 17:00 GMT.
Those of you with individual extensions keep their own dates.

Reminder: anonymous marking. Neither the file name nor the text may show who you are. Use only your five-digit candidate number.
Word limit stays 3,000; footnotes count, the bibliography does not.

With kind regards
Programme Office`,
    says: {'limits.maxWords': 3000, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-12T17:00:00+00:00', timeZone: 'GMT', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Deadlines for the five parts of the studio journal

Part | Opens | Closes
1 Sketches | 1 Feb 2027 09:00 | 5 Feb 2027 17:00
2 Model | 15 Feb 2027 09:00 | 19 Feb 2027 17:00
3 Draft text | 1 Mar 2027 09:00 | 5 Mar 2027 17:00
4 Final text | 15 Mar 2027 09:00 | 19 Mar 2027 17:00
5 Reflection | 29 Mar 2027 09:00 | 2 Apr 2027 17:00

All parts as PDF, 25 MB at most each. Time zone: Europe/Vienna.
Late parts are not marked.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, timeZone: 'Europe/Vienna', parts: [{label: '1 Sketches', opens: '2027-02-01T09:00:00+01:00', due: '2027-02-05T17:00:00+01:00'}, {label: '2 Model', opens: '2027-02-15T09:00:00+01:00', due: '2027-02-19T17:00:00+01:00'}, {label: '3 Draft text', opens: '2027-03-01T09:00:00+01:00', due: '2027-03-05T17:00:00+01:00'}, {label: '4 Final text', opens: '2027-03-15T09:00:00+01:00', due: '2027-03-19T17:00:00+01:00'}, {label: '5 Reflection', opens: '2027-03-29T09:00:00+02:00', due: '2027-04-02T17:00:00+02:00'}], 'late.cutoffDays': 0},
  },
  {
    text: `The paper is due at the beginning of class on Thursday, March 4. Bring a printed copy and e-mail me a Word file (nothing else; I can't open Pages files). 4–6 pages, double spaced, Times New Roman 12, one-inch margins, MLA style. Put your last name and the page number in the upper right corner of each page.
Late papers lose five points per day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minPages': 4, 'limits.maxPages': 6, anonymous: false, due: '2027-03-04', 'late.percentPerDay': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Term paper regulations (excerpt)

§ 1 The term paper shall comprise no fewer than 4,000 and no more than 5,000 words.
§ 2 It shall be written in a proportional typeface of 12 points with a line spacing of 1.5 lines and margins of 3 centimetres.
§ 3 It shall be delivered in electronic form as a PDF document of no more than 5 megabytes.
§ 4 The name of the file shall consist of the family name, an underscore and the matriculation number.
§ 5 The term paper shall contain a signed declaration that it is the candidate's own work.
§ 6 The term paper shall be delivered no later than the thirty-first of March 2027.
§ 7 Papers delivered late shall be graded "fail".`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.minWords': 4000, 'limits.maxWords': 5000, 'naming.pattern': '[family name]_[matriculation number]', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-03-31', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Essay question released: 3 May 2027 10:00
Essay due: 4 May 2027 10:00
(that's 24 hours)

Time zone: Singapore time
Format accepted: DOCX, PDF
File size: < 4 MB
Submissions: 1 (one) attempt only
Anonymous: yes – matriculation number instead of name
Similarity: yes, checked automatically
Late: not accepted`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 4000000, anonymous: true, similarityChecked: true, opens: '2027-05-03T10:00:00+08:00', due: '2027-05-04T10:00:00+08:00', timeZone: 'Asia/Singapore', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `ASSIGNMENT 1 (20 %)

Due date: Friday 12 March 2027 (midnight)
Note: 12 March is a Friday.

Please submit through the assignment area of the module page ("Assignment 1 submission").

There is no word limit but keep it concise. Use whichever font you like, in a readable size. You can submit as many drafts as you like; the last draft submitted before the due date will be assessed. 

We check for plagiarism.`,
    says: {place: 'Assignment 1 submission', similarityChecked: true, due: '2027-03-13T00:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest'},
  },
  {
    text: `Hand-in of the practical report, GEOL 214

Deadline Tue 16 Feb 2027 noon. Extension until Fri 19 Feb noon for the Thursday group only.

report: pdf, A4 portrait, 10 pages max., numbered, 
map: jpeg or png, at least 300 dpi, max 15MB 
Both named GEOL214_<surname>_<initial>

-5% per day late, up to a week`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 10}}, {label: 'Map', types: ['jpeg', 'png'], limits: {maxBytes: 15000000}}], 'naming.pattern': 'GEOL214_<surname>_<initial>', 'naming.mustContain': ['surname', 'initials'], due: '2027-02-16T12:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.pageSize': 'A4'},
  },
  {
    text: `Course: BIOL 210 Ecology (Fall 2027)
Assignment: Field notebook

Submit a scan of your field notebook as ONE PDF (not individual photos). 300 dpi is plenty, keep it below 30 MB. The notebook itself stays with you.

Deadline: Oct 29, 2027 at 6:00 PM Pacific.
Late policy: 24-hour grace, then -10%/day. Nothing accepted after Nov 5.
Title the PDF "Lastname_FieldNotebook".`,
    says: {documents: [{label: 'Field notebook', types: ['pdf']}], 'limits.maxBytes': 30000000, 'naming.pattern': 'Lastname_FieldNotebook', 'naming.mustContain': ['surname'], due: '2027-10-29T18:00:00-07:00', timeZone: 'America/Los_Angeles', 'late.percentPerDay': 10, 'late.cutoffDays': 7},
  },
  {
    text: `ECO3056 Essay – submission sheet

| Item | Requirement |
|------|-------------|
| Length | 1,800–2,200 words |
| What counts | main text and footnotes; not the bibliography |
| Format | PDF |
| Size | max. 10 MB |
| Name of file | candidate number_ECO3056 |
| Opens | 3 May 2027, 09:00 |
| Closes | 10 May 2027, 14:00 |
| Time zone | Europe/London |
| Attempts | 3 (last one is marked) |
| Late | −5 marks per day; not after 14 days |
| Marking | anonymous |
| Similarity | checked on submission |
| Declaration | tick box on upload |`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'candidate number_ECO3056', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, opens: '2027-05-03T09:00:00+01:00', due: '2027-05-10T14:00:00+01:00', timeZone: 'Europe/London', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 14, declaration: true, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Good morning,

several of you have asked whether the portfolio can be sent as separate files. No: please merge everything into one PDF. If that makes it bigger than 100 MB, reduce the pictures; the server refuses anything above that.

There is no word limit, but I stop reading after 20 pages.

I'd like to have it by the end of Friday 14 May 2027. I'm relaxed about a few hours, but on Monday morning (17 May, 9:00) I start marking and what isn't there by then gets no mark.

Yours,
Dr N. Farouk-Lindgren`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.maxPages': 20, due: '2027-05-14'},
  },
  {
    text: `Deadline for submission of the Master's thesis: 1 June 2027, 23.59 (Oslo). Three weeks' extension may be applied for before 15 May. 
The thesis is submitted as a PDF/A. Attachments: up to 5 files, each max. 500 MB (any format).
30 credit theses: 40-60 pages; 60 credit theses: 80-110 pages.
Theses are not anonymous: name the candidate and the supervisor on the title page.
You can replace the thesis up until the deadline; after that nothing can be changed.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], anonymous: false, due: '2027-06-01T23:59:00+02:00', timeZone: 'Europe/Oslo', 'attempts.keeps': 'latest', archival: 'PDF/A'},
  },
  {
    text: `THINGS THAT GO WRONG EVERY YEAR
1) Wrong place. Essay 2 goes to "Essay 2 (Spring)", NOT to "Essay 2 (resit)".
2) Wrong file. We need .docx. We can't open .pages.
3) Wrong name. Number_Essay2.docx where Number is your 8-digit student number.
4) Wrong time. It closes at 15:59 on 22 March 2027; there is no 16:00 upload.
5) Name on page 1. Marking is anonymous, so don't.
6) Too long. 2,000 words is the ceiling and we do count.`,
    says: {place: 'Essay 2 (Spring)', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, 'naming.pattern': 'Number_Essay2.docx', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-22T15:59:00'},
  },
  {
    text: `The report (max 8 pages incl. figures, excl. references; font not smaller than 10pt; margins at least 2cm) must be handed in by 17:00 h on 9 April 2027 via the course page, folder "Reports". Accepted: PDF. Use the naming scheme RP_<group>_<topic>.pdf. One report per pair; only one of you uploads. For every started day of delay, 0.5 points (of 10) are deducted.`,
    says: {place: 'Reports', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 8, 'naming.pattern': 'RP_<group>_<topic>.pdf', due: '2027-04-09T17:00:00', 'late.percentPerDay': 0.5, 'layout.marginMm': 20, 'layout.fontSizePt': 10, 'layout.atLeast': ['marginMm', 'fontSizePt']},
  },
  {
    text: `From: programme office
To: all second-years
Date: 8 February 2027
Subject: essay extension for everyone

Because of the bus strike the essay due on 9 February (12:00) is now due on 11 February (12:00). Those of you who already had an extension to 16 February: nothing changes for you. Late work will lose 5% per calendar day counted from 11 February.`,
    says: {due: '2027-02-11T12:00:00', 'late.percentPerDay': 5},
  },
  {
    text: `To pass the seminar you must (a) give a presentation on 20 or 27 May, (b) hand in a term paper of 4,500 to 5,000 words by 30 September 2027. Papers as PDF or ODT by e-mail to seminar@history.example, subject line "Term paper + your name". Please use a serif typeface, 12 pt, 1.5 lines. Papers over 5,500 words will be sent back.`,
    says: {documents: [{label: null, types: ['pdf', 'odt']}], 'limits.minWords': 4500, due: '2027-09-30', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5},
  },
  {
    text: `Upload instructions: log in, choose "Coursework", then "CW2", press "Add file", select your PDF (limit 20MB), tick the own-work statement, press "Send". You'll get a receipt by mail: keep it. You can send up to 5 times until 3pm on Tues 2nd March 2027, we'll mark the most recent. Anything later = 0.`,
    says: {place: 'CW2', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, due: '2027-03-02T15:00:00', 'attempts.allowed': 5, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, declaration: true},
  },
  {
    text: `MGMT6021 – Individual assignment – Spring 27
Word count: 2500 (excl. exec summary, tables, refs) – going over: everything after word 2500 is ignored
Font: any sans serif, 11pt+
Refs: Harvard
Submit: Fri wk 8 (19/03/27) by 2359
Format: docx only (not doc, not pdf)
ID: student no. in header & filename, no names
Resubs: unlimited till deadline, 1 after if late
Late: 10%/day, max 5 days`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2500, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-19T23:59:00', 'attempts.allowed': 'unlimited', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt'], referenceStyle: 'Harvard', 'counting.left': ['abstract', 'tables', 'references']},
  },
  {
    text: `Coursework submission checklist
- Format: .doc, .docx, .pdf, .rtf accepted
- Size limit 40MB
- Word limit 3000 (+/- 10%) – includes in-text citations, excludes reference list, tables & appendices
- Anonymous: yes
- Title page with module code, candidate number, word count
- Draft submissions: unlimited before the due date, each overwrites the one before
- Due: week 10, Friday 11:59pm
- Late: capped at 40 within 5 working days, 0 thereafter`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'pdf', 'rtf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 2700, 'limits.maxWords': 3300, anonymous: true, 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 5, 'counting.left': ['references', 'tables', 'appendices']},
  },
  {
    text: `Module: PSY3010 Dissertation
Submission deadline: 12:00 noon, Wednesday 28 April 2027
Where: PSY3010 Dissertation Submission (Main)
Maximum length: 8,000 words (+10% leeway)
What counts: everything from the Introduction to the end of the Discussion, including in-text citations. Abstract, tables, figures, references and appendices do not count.
Format: Word or PDF; one file; not more than 40MB
Layout: double spacing, 11- or 12-point, A4, margins 2.54 cm
File name: candidate number, underscore, "PSY3010"
Marking: anonymous (do not write your name or student ID anywhere)
Late: 5 marks off per working day for the first five working days, then 0
Similarity: every dissertation goes through the similarity check
Attempts: once submitted, it can't be changed`,
    says: {place: 'PSY3010 Dissertation Submission (Main)', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 40000000, 'limits.maxWords': 8800, 'naming.pattern': '[candidate number]_PSY3010', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-04-28T12:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 25.4, 'layout.lineSpacing': 2, 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `For this assignment you will hand in a video (mp4), a script (PDF) and a bibliography (PDF). The script should be no longer than 1200 words. The video should last between 4 and 6 minutes and be at most 500 MB. The other two are limited to 5 MB each. Hand-in closes on Sunday 21 March 2027 at 22:00, Amsterdam time.`,
    says: {documents: [{label: 'Video', types: ['mp4'], limits: {maxBytes: 500000000}}, {label: 'Script', types: ['pdf'], limits: {maxBytes: 5000000, maxWords: 1200}}, {label: 'Bibliography', types: ['pdf'], limits: {maxBytes: 5000000}}], due: '2027-03-21T22:00:00+01:00', timeZone: 'Europe/Amsterdam'},
  },
  {
    text: `Weekly response papers

Each week you submit a response of 300–400 words by Sunday 20:00. 
The final portfolio, due 9 April 2027 at 20:00 (Eastern Time), brings together five of them (so max. 2,000 words) in one .docx file. Save it as Lastname_Portfolio.docx. 
You may revise the portfolio up to three times before the due date and only the most recent version is graded.`,
    says: {documents: [{label: 'Final portfolio', types: ['docx']}], 'limits.maxWords': 2000, 'naming.pattern': 'Lastname_Portfolio.docx', 'naming.mustContain': ['surname'], due: '2027-04-09T20:00:00-04:00', timeZone: 'America/New_York', 'attempts.keeps': 'latest'},
  },
  {
    text: `Portfolio submission — IMPORTANT

Submission window: Monday 19 April, 09:00 – Friday 23 April 2027, 16:00
Feedback by: 21 May 2027
Penalty for late work: a deduction of 5 per cent of the maximum mark for every 24 hours, up to five days.

Anonymity: this is NOT anonymously marked as your tutor has seen drafts. Please put your name on the first page and in the file name (Surname-Firstname-Portfolio).

Format: one PDF up to 100MB. Minimum 20, maximum 30 pages. A4 landscape.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.minPages': 20, 'limits.maxPages': 30, 'naming.pattern': 'Surname-Firstname-Portfolio', 'naming.mustContain': ['surname', 'givenNames'], anonymous: false, opens: '2027-04-19T09:00:00', due: '2027-04-23T16:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4'},
  },
  {
    text: `Exam essay (resit)
You have been granted a resit. Your resit essay is due on 16.8.2027 at 12.00 Finnish time. It has to be between 2000 and 2500 words long, in Finnish or English. Return it as a pdf file through the exam portal. Similarity detection will be used. Only one submission is possible. The file is named studentnumber_coursecode_resit.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, 'naming.pattern': 'studentnumber_coursecode_resit.pdf', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-08-16T12:00:00+03:00', timeZone: 'Europe/Helsinki', 'attempts.allowed': 1},
  },
  {
    text: `Literature Review Guidelines:
-> 12 sources minimum
-> 1500 word minimum
-> APA 7th edition
-> Double spaced, 12 pt font, Times New Roman
-> Submit as .doc, .docx or .pdf under Week 6 > Literature Review
-> Due Sunday, Feb 21 at 11:59pm CST
-> 10% off per day late, no submissions after Feb 24
-> Unlimited submissions; the last one will be graded
-> Similarity must be under 20%`,
    says: {place: 'Week 6 > Literature Review', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.minWords': 1500, similarityChecked: true, due: '2027-02-21T23:59:00-06:00', timeZone: 'CST', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'APA'},
  },
  {
    text: `Hello everybody,
some of you asked about the final report. Here is everything in one place.
It's one pdf. It's limited to 12 pages without appendix. The font size must not be below 10 points. Don't put your names in the document, since Jorunn and I swap papers and grade without knowing the authors. The name of the pdf is the four-digit code that you drew in the first session. You hand it in at "Final report - upload here" before Wednesday the 10th of March 2027, 8 pm. After that the page shuts down, and I won't accept anything by mail. If you notice a mistake just upload again, the old file disappears.`,
    says: {place: 'Final report - upload here', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 12, anonymous: true, due: '2027-03-10T20:00:00', 'attempts.keeps': 'latest', 'layout.fontSizePt': 10, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Prüfungsleistung / Examination paper

Seminar: Urban Ecology (English-taught)
Length: 15 pages (+/- 10%) plus title page and bibliography
Formatting: Arial 11, 1.5 line spacing, margins 2.5 cm (left 3 cm)
Submission: as PDF by e-mail to exam-office@urban.example and as a printed copy
Deadline: 30.09.2027
Declaration: the signed declaration of independent work is part of the paper
File name: Nachname_Matrikelnummer_UE.pdf`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 14, 'limits.maxPages': 16, 'naming.pattern': 'Nachname_Matrikelnummer_UE.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-09-30', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], declaration: true},
  },
  {
    text: `Draft due: 2 March 2027, 10:00
Peer comments due: 9 March 2027, 10:00
Final version due: 23 March 2027, 10:00
Feedback: 20 April 2027

All times UK.

Draft and final version: Word documents, 1,500 words max. each. Peer comments: use the form (docx).
The final version is checked for similarity; the draft is not.`,
    says: {documents: [{label: 'Form', types: ['docx']}], 'limits.maxWords': 1500, similarityChecked: true, timeZone: 'Europe/London', parts: [{label: 'Draft', opens: null, due: '2027-03-02T10:00:00+00:00'}, {label: 'Peer comments', opens: null, due: '2027-03-09T10:00:00+00:00'}, {label: 'Final version', opens: null, due: '2027-03-23T10:00:00+00:00'}]},
  },
  {
    text: `SOC105 – Short essay
Please write a short essay (between 900 and 1,100 words) on one of the questions below. Deadline for handing in is the 2nd of March at 14.00. You hand in by uploading a PDF document on the course room, under "Hand-ins". Essays handed in late but before 9 March 14.00 can get at most a pass; after that you have to wait for the next opportunity on 4 May. Write your name, personal number and e-mail on the first page.`,
    says: {place: 'Hand-ins', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 900, 'limits.maxWords': 1100, anonymous: false, due: '2027-03-02T14:00:00', 'late.cutoffDays': 7},
  },
  {
    text: `Assessment task 3: Literature review
Value: 30%
Due date: Friday of week 10 (14 May 2027), 5pm AEST
Length: 3000 words +/- 10% (in-text citations included, reference list not)
Presentation requirements: Times New Roman 12 or Arial 11, 1.5 spacing, 2.54 cm margins, page numbers
File: Word doc(x), no more than 100 MB, one file only
Return of assignment: marked within three weeks
Penalties: 5% of the maximum mark per day (incl. weekends) for 7 days, then 0
Naming: StudentID_LastName_AT3`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 100000000, 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.pattern': 'StudentID_LastName_AT3', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-05-14T17:00:00+10:00', timeZone: 'AEST', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.marginMm': 25.4, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman', 'Arial'], 'layout.pageNumbers': true, 'counting.left': ['references']},
  },
  {
    text: `Could everyone please note that the mock-up of the poster is due on Friday 19/02 at 10:00 and the final poster on Friday 12/03 at 10:00? Both as PDF, A1 landscape, smaller than 20MB. The final one gets marked, the mock-up gets feedback only. Don't put group members' names on the mock-up; do put them on the final version.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, parts: [{label: 'mock-up of the poster', opens: null, due: '2027-02-19T10:00:00'}, {label: 'final poster', opens: null, due: '2027-03-12T10:00:00'}]},
  },
  {
    text: `REASSESSMENT – AUGUST 2027
If you have been referred in PHIL30021 you must resubmit the 4,000-word essay by 12:00 noon on Monday 16 August 2027. The mark is capped at 40. Submit one PDF through the "Reassessment" link, not through the original link. Candidates should use the same candidate number as before; it goes in the header and into the file name (e.g. 31245_PHIL30021_R.pdf). One attempt only. There is no late submission for reassessments.`,
    says: {place: 'Reassessment', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 4000, 'naming.mustContain': ['candidateNumber'], due: '2027-08-16T12:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 0, lengths: ['maxWords']},
  },
  {
    text: `**Report**  
- *What*: max. 3,500 words (hard limit, we cut at 3,500)
- *When*: 2027-05-21T12:00 (local time, Vienna)
- *How*: PDF/A, one file, ≤ 15 MiB, \`matnr_report.pdf\`
- *Who*: individually
- *Anonymity*: not needed
- *Plagiarism check*: yes, automatic
- *Late*: no`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15728640, 'limits.maxWords': 3500, 'naming.pattern': 'matnr_report.pdf', 'naming.mustContain': ['studentNumber'], anonymous: false, similarityChecked: true, due: '2027-05-21T12:00:00', 'late.cutoffDays': 0, archival: 'PDF/A'},
  },
  {
    text: `Your essays should be handed in via the online box at the latest one minute before midnight on 28 February 2027. I'll accept Word, RTF or PDF but not Google links. Around 1500 words would be good. Make it readable: 12pt, double spacing, wide margins (an inch and a half). Put your name in the top right corner. Anything that comes in March costs you five points a day.`,
    says: {documents: [{label: null, types: ['docx', 'rtf', 'pdf']}], anonymous: false, due: '2027-02-28T23:59:00', 'late.percentPerDay': 5, 'layout.marginMm': 38.1, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `Guidelines (excerpt)

§4 Form
(1) The thesis is written in German or English. It comprises at least 35 and at most 45 pages of text (DIN A4, font size 12, line spacing 1.5, margin left 4 cm, right 2 cm).
(2) The thesis is numbered consecutively.
§5 Submission
(1) The thesis is to be submitted within 12 weeks; the submission date is 30 June 2027.
(2) It is submitted electronically in PDF format; the file must be searchable and must not be password-protected. The maximum size is 200 MB.
(3) The declaration that the thesis has been written independently is the last page.
(4) If the deadline is missed without a valid reason the thesis is graded "fail" (5.0).`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 200000000, 'limits.minPages': 35, 'limits.maxPages': 45, due: '2027-06-30', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, declaration: true},
  },
  {
    text: `Quick reminder: tmrw (Fri 12 Feb) 4pm is the deadline for problem set 2!! pdf only, typed or scanned is fine, keep it under 10 megs. no late sets, solutions go up at 4:05. name = PS2_yourUNI.pdf. you can re-upload as much as you want before 4, last one counts.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.pattern': 'PS2_yourUNI.pdf', due: '2027-02-12T16:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 0},
  },
  {
    text: `Dissertation submission 2027 – students on programmes starting in September 2026
Submission window opens: 09:00, Monday 16 August 2027
Submission deadline: 12:00, Friday 3 September 2027
Late submission (with penalty) until: 12:00, Friday 10 September 2027
Penalty: 10 marks for up to 2 days, 20 marks for up to 7 days
Word limit: 15,000 (footnotes and appendices count, bibliography and abstract don't)
File: single PDF up to 60MB. Students whose work includes audio upload it separately (MP3, up to 200MB).
File name: B-number_DISS (B-number = the number on your student card starting with B)
Your work is marked anonymously by two examiners.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 60000000}}, {label: null, types: ['mp3'], limits: {maxBytes: 200000000}}], 'limits.maxWords': 15000, 'naming.pattern': 'B-number_DISS', anonymous: true, opens: '2027-08-16T09:00:00', due: '2027-09-03T12:00:00', 'late.cutoffDays': 7, 'counting.counted': ['footnotes', 'appendices'], 'counting.left': ['references', 'abstract']},
  },
  {
    text: `Bonjour à toutes et à tous,

le dossier est à rendre le 30 avril 2027 à 18h au plus tard, en PDF, 12 pages maximum, Times New Roman 12, interligne 1,5. Nom du fichier : NOM_Prenom_Dossier.pdf.

English summary for exchange students: the file is due on 30 April 2027 at 6 pm, PDF, 12 pages maximum.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 12, 'naming.pattern': 'NOM_Prenom_Dossier.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-04-30T18:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `Part A (quiz) opens 3 May 2027 10:00 and closes 3 May 2027 11:30. Part B (essay, 1500 words max) opens 3 May 2027 12:00 and is due 7 May 2027 16:00. All times are Australian Eastern Standard Time. Essays as PDF. You get two attempts at the quiz and the higher mark counts.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1500, timeZone: 'Australia/Sydney', parts: [{label: 'Part A', opens: '2027-05-03T10:00:00+10:00', due: '2027-05-03T11:30:00+10:00'}, {label: 'Part B', opens: '2027-05-03T12:00:00+10:00', due: '2027-05-07T16:00:00+10:00'}], 'attempts.allowed': 2},
  },
  {
    text: `Please note the following changes to the assessment brief published in September:

- the word limit has been increased from 2,500 to 3,000 words
- the deadline (previously 4 December 2026, 12:00) is 11 December 2026, 12:00
- PDF is no longer accepted; submit a Word document
- the file size limit is now 30 MB instead of 20 MB`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 30000000, 'limits.maxWords': 3000, due: '2026-12-11T12:00:00'},
  },
  {
    text: `Assessment brief – CHEM2080 Practical report 4

Learning outcomes assessed: LO2, LO4, LO7
Hand-out date: w/c 15 February 2027
Hand-in date: 8 March 2027 before 4pm
Hand-in method: electronic, "Practical 4" inbox
Feedback date: 29 March 2027

Task
Write up the practical in the style of a short communication (2 pages, two-column template provided, including figures, excluding references). Convert the template to PDF before you submit. Reports in any other format get zero.

The usual late penalties apply.`,
    says: {place: 'Practical 4', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, due: '2027-03-08T16:00:00', lengths: ['maxPages']},
  },
  {
    text: `Please submit your final project by midnight at the end of Sunday, May 9, 2027 (Eastern Time). Submit two files, both named with your last name and first initial (e.g. smithj.pdf, smithj.zip): the write-up as a PDF (5-7 pages, single spaced, 11 pt, 1" margins) and the code as a zip. If the zip is over 50 MB, leave the data out.
Late projects lose 20% per day, and will not be accepted after Wednesday, May 12.`,
    says: {documents: [{label: 'Write-up', types: ['pdf'], limits: {minPages: 5, maxPages: 7}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 50000000}}], 'naming.mustContain': ['surname', 'initials'], due: '2027-05-10T00:00:00-04:00', timeZone: 'America/New_York', 'late.percentPerDay': 20, 'late.cutoffDays': 3, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1},
  },
  {
    text: `Rules for the home assignment in Political Theory

- 4 to 5 pages, Garamond 12 or similar, line spacing 1.5
- anonymous: only your exam code on the front page; the exam code is also the name of the file
- PDF
- handed in before 10:00 on 17 March 2027 in the exam portal under "PT home assignment"
- the portal opens 48 hours before the deadline
- you can hand in a new version as long as the portal is open; only the last version is sent to the examiners
- late = not handed in`,
    says: {place: 'PT home assignment', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 4, 'limits.maxPages': 5, 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-03-15T10:00:00', due: '2027-03-17T10:00:00', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Garamond']},
  },
  {
    text: `The essay is due on Thursday (25 February) at 23:00 for those with surnames A–M and on Friday (26 February) at 23:00 for those with surnames N–Z. We split you up because the server cannot cope with all of you at once. 2500 words, docx or pdf, no limit on size within reason. You may hand in once.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2500, parts: [{label: 'surnames A–M', opens: null, due: '2027-02-25T23:00:00'}, {label: 'surnames N–Z', opens: null, due: '2027-02-26T23:00:00'}], 'attempts.allowed': 1, lengths: ['maxWords']},
  },
  {
    text: `Thesis manual, chapter 4. Delivery

The thesis is delivered in two copies: one digital (PDF, at most 50 megabytes) and one bound copy, which goes to the library. For the digital copy the delivery date is 14 May 2027, for the bound copy 28 May 2027. The digital copy counts. It must be identical to the bound one. Title page with the author's full name. The text, from the introduction to the conclusion, should be between 18,000 and 25,000 words. Use Chicago style. The bibliography starts on a new page.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 18000, 'limits.maxWords': 25000, anonymous: false, due: '2027-05-14', referenceStyle: 'Chicago'},
  },
  {
    text: `IMPORTANT: read this even if you have submitted before.

We have changed how naming works. Until last term you used your surname; now use only your candidate number followed by the question number, e.g. 4471_Q3.pdf. Do not use your surname anywhere any more.

Deadline unchanged: 14:00 on Tuesday 4 May 2027. Length unchanged: max 1750 words. Type unchanged: PDF.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1750, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-05-04T14:00:00'},
  },
  {
    text: `Subject: Podcast assignment

Dear all, two things to hand in by Friday 23 April 2027 (20:00 Amsterdam time):
1. your podcast, 8 to 10 minutes, as mp3 (max. 40 MB)
2. the script with references, 1,500 words at most, as PDF
File names: podcast_[groupnumber].mp3 and script_[groupnumber].pdf
Groups hand in once, by one member. If you're late you lose 1 point (out of 10) per day.
Scripts are checked for plagiarism.`,
    says: {documents: [{label: 'Podcast', types: ['mp3'], limits: {maxBytes: 40000000}}, {label: 'Script', types: ['pdf'], limits: {maxWords: 1500}}], 'naming.pattern': 'podcast_[groupnumber].mp3', similarityChecked: true, due: '2027-04-23T20:00:00+02:00', timeZone: 'Europe/Amsterdam', 'attempts.allowed': 1, 'late.percentPerDay': 1},
  },
  {
    text: `Essay deadline: week 12, Friday, 5pm. (That is 16 April 2027.)
Length: 2,000 – 2,500 words not counting notes and bibliography.
Mode: upload. Acceptable: PDF, DOC, DOCX. Not acceptable: ODT, PAGES, links.
Late? See handbook p. 14.
Presentation: double spacing; 12-point font; page numbers; candidate number in the header; no name.
NB: You cannot delete or replace an uploaded essay.`,
    says: {documents: [{label: null, types: ['pdf', 'doc', 'docx']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, anonymous: true, due: '2027-04-16T17:00:00', 'attempts.allowed': 1, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true, 'counting.left': ['footnotes', 'references']},
  },
  {
    text: `Assignment 4 (20%)
Available: Mon 1 Mar 2027, 00:01
Due: Sun 14 Mar 2027, 23:59
Accept until: Wed 17 Mar 2027, 23:59 (with 15% penalty per day)
Submission types: a file
Allowed extensions: pdf
Attempts: 2
Group: no`,
    says: {documents: [{label: null, types: ['pdf']}], opens: '2027-03-01T00:01:00', due: '2027-03-14T23:59:00', 'attempts.allowed': 2, 'late.percentPerDay': 15, 'late.cutoffDays': 3},
  },
  {
    text: `Dear student,
your application for mitigating circumstances (ref. MC-2027-88) has been approved. For LING2005 Essay 1 your new submission date is 26 March 2027 at 16:00; the original date was 12 March 2027 at 16:00. All other requirements (3,000 words, PDF, anonymous) stay as they are. Late penalties will be counted from your new date.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 3000, anonymous: true, due: '2027-03-12T16:00:00', extension: '2027-03-26T16:00:00', lengths: ['maxWords']},
  },
  {
    text: `ENGL 310 – Final Paper Guidelines (Spring 2027)
Length: 8 to 10 double-spaced pages (not counting the Works Cited page)
Format: MLA style, 12-point Times New Roman, 1" margins, last name and page number in the upper right corner of each page
Due: Thursday, May 6, 2027 by 11:59 p.m. Eastern
Submit as .docx or .pdf through the course page. Files over 25MB will be rejected.
You have two tries; I will grade the most recent one.
Late papers lose 5 points per day and will not be accepted after May 10.
All papers are screened for similarity.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 25000000, 'limits.minPages': 8, 'limits.maxPages': 10, similarityChecked: true, due: '2027-05-06T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 4, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Coursework specification — CMP6021 Network Design

Weighting: 60%
Release date: 18 January 2027
Submission date: 22 March 2027, 23:59 GMT
Return date: 19 April 2027

Deliverables
D1. Design report. PDF. Up to 3,500 words (tolerance 10%). Max 25 MB.
D2. Configuration archive. ZIP. Max 100 MB.

Name D1 as <student ID>_report.pdf and D2 as <student ID>_config.zip.

Mitigating circumstances: apply before the deadline.
Late submission: 5 percentage points per day for up to 7 calendar days; after that a mark of zero is recorded.
Resubmission before the deadline is unrestricted, the most recent upload is assessed.`,
    says: {documents: [{label: 'Design report', types: ['pdf'], limits: {maxBytes: 25000000, maxWords: 3500}}, {label: 'Configuration archive', types: ['zip'], limits: {maxBytes: 100000000}}], 'naming.pattern': '<student ID>_report.pdf', 'naming.mustContain': ['studentNumber'], opens: '2027-01-18', due: '2027-03-22T23:59:00+00:00', timeZone: 'GMT', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Philosophy of Mind, Essay 2

Your essay (no more than 2,000 words, everything included) is to be submitted by Friday, 14 May, 5 p.m. sharp. Please submit a .docx file so I can comment in the margins. (No PDFs, please.) I don't need your name on it: I'll grade the essays without looking at names, so put your student number at the top and use it in the file name too. Essays that come in later lose 3 points for every day. After a week I can't accept them anymore.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-05-14T17:00:00', 'late.percentPerDay': 3, 'late.cutoffDays': 7},
  },
  {
    text: `1. Paper: A4, 80–90 pages
2. Print: none; online hand-in only
3. Font: Times New Roman, size 12; footnotes size 10
4. Spacing: 1.5
5. Margins: top 25 mm, bottom 25 mm, left 25 mm, right 25 mm
6. Page numbers: bottom centre
7. File: PDF, ≤ 50 MB, all fonts embedded
8. Name: MA_Thesis_Surname.pdf
9. Deadline: 15th July 2027 at 12:00 (noon), Central European Summer Time
10. Plagiarism software is used on all theses
11. Referencing: footnotes, Chicago style`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minPages': 80, 'limits.maxPages': 90, 'naming.pattern': 'MA_Thesis_Surname.pdf', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-07-15T12:00:00+02:00', timeZone: 'CEST', 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `Assessment 3: Policy brief

- 2 pages max (A4), excluding references
- no title page
- written for a minister, not for academics
- to be uploaded as a Word file in the folder called Policy Briefs, by 10 am on the 7th of June 2027 (time in Canberra)
- the folder will be visible from 31 May 2027
- submit as "PB_" + your candidate number
- markers don't see names

If you upload twice, both versions are kept and I read the later one.`,
    says: {place: 'Policy Briefs', documents: [{label: null, types: ['docx']}], 'limits.maxPages': 2, 'naming.pattern': 'PB_[candidate number]', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-05-31', due: '2027-06-07T10:00:00+10:00', timeZone: 'Australia/Sydney', 'attempts.keeps': 'all', 'layout.pageSize': 'A4'},
  },
  {
    text: `NOTICE: The upload limit for this term's essays is 10MB (ten megabytes). The essay handbook, which says 2 MB, is out of date on this point.
Essays: 4,000 words including footnotes, excluding bibliography. An overrun of up to 5% is tolerated.
Deadline for Michaelmas essays: Thursday 10 December 2026 at noon.
Deadline for Hilary essays: Thursday 11 March 2027 at noon.
Submit anonymously with your exam number.`,
    says: {'limits.maxBytes': 10000000, 'limits.maxWords': 4200, anonymous: true, parts: [{label: 'Michaelmas essays', opens: null, due: '2026-12-10T12:00:00'}, {label: 'Hilary essays', opens: null, due: '2027-03-11T12:00:00'}], 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Submission link: "BIO2210 / Practical 4 / Write-up"

You can find the template under "BIO2210 / Practical 4 / Template". Download it, fill it in and save it as a new document. Do not hand in the empty template. 

Write-up: Word, max. 5 pages.
Hand in from 2 November 2026 (8:00) until 13 November 2026 (18:00).
Students may hand in more than once; every version is stored, and the marker sees all of them.`,
    says: {place: 'BIO2210 / Practical 4 / Write-up', documents: [{label: 'Write-up', types: ['docx']}], 'limits.maxPages': 5, opens: '2026-11-02T08:00:00', due: '2026-11-13T18:00:00', 'attempts.keeps': 'all'},
  },
  {
    text: `Term essay (final version): due 26/03/2027 23:59
Peer feedback on draft: due 12/03/2027 23:59
Draft: due 05/03/2027 23:59

Format doc/docx/odt
Length 1800-2200 words
Font 12pt`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'odt']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, parts: [{label: 'Term essay (final version)', opens: null, due: '2027-03-26T23:59:00'}, {label: 'Peer feedback on draft', opens: null, due: '2027-03-12T23:59:00'}, {label: 'Draft', opens: null, due: '2027-03-05T23:59:00'}], 'layout.fontSizePt': 12},
  },
  {
    text: `We're now accepting final projects. Deadline is Fri, May 7th @ 11:59 PM (Mountain Time). Submit ONE zip (<= 250 MB) containing code + a PDF writeup. Name it project_<netid>.zip. 20% penalty per day late, up to 2 days. You can submit as many times as you want, we grade the latest. Writeup: max 4 pages, 11pt font minimum, single column.`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 250000000, 'limits.maxPages': 4, 'naming.pattern': 'project_<netid>.zip', 'naming.mustContain': ['username'], due: '2027-05-07T23:59:00-06:00', timeZone: 'America/Denver', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 20, 'late.cutoffDays': 2, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Mémoire / Dissertation

Language: English or French
Size: between 60 and 80 pages (1.5 spacing, Garamond 12, margins of 2,5 cm)
To be handed in as a PDF (max. 30 Mo) on or before 31 August 2027, 17h00 (Paris time)
File name: NAME_First name_M2_2027
Statement on plagiarism signed and placed at the beginning.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.minPages': 60, 'limits.maxPages': 80, 'naming.pattern': 'NAME_First name_M2_2027', 'naming.mustContain': ['givenNames', 'surname'], due: '2027-08-31T17:00:00+02:00', timeZone: 'Europe/Paris', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Garamond'], declaration: true},
  },
  {
    text: `ENVS2011 | Essay | Where it goes

Due: Tuesday 12 March 2027 at 12:00 (UK time)
Word limit: 2000
File types: .pdf
Anonymous marking: enabled
Late submissions: allowed
Resubmission: until the due date`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2000, anonymous: true, timeZone: 'Europe/London'},
  },
  {
    text: `Timetable of the course (spring)

| Week | Date | What |
|---|---|---|
| 1 | 12 Jan 2027 | Introduction |
| 4 | 2 Feb 2027 | Excursion |
| 7 | 23 Feb 2027 | Hand in draft (1,000 words) by 10:00 |
| 8 | 2 Mar 2027 | Peer feedback |
| 11 | 23 Mar 2027 | Hand in final paper (4,000 words) by 10:00 |
| 12 | 30 Mar 2027 | Oral exam |

Both hand-ins go to the folder "Papers" as PDF. File name: surname-draft.pdf, surname-final.pdf.`,
    says: {place: 'Papers', documents: [{label: null, types: ['pdf']}], 'naming.pattern': 'surname-draft.pdf', 'naming.mustContain': ['surname'], parts: [{label: 'draft', opens: null, due: '2027-02-23T10:00:00'}, {label: 'final paper', opens: null, due: '2027-03-23T10:00:00'}]},
  },
  {
    text: `The essay must not exceed 3,000 words. In the tutorial we said 2,500 words; the 3,000 in this document is correct. 
Deadline: 03/04/2027, 17:00. PDF or Word.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxWords': 3000},
  },
  {
    text: `Deadline: 3/4/2027 5 PM Eastern
Format: PDF
Length: 1500-1800 words`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1500, 'limits.maxWords': 1800, due: '2027-03-04T17:00:00-05:00', timeZone: 'America/New_York'},
  },
  {
    text: `Deadlines
Essay plan: Thursday 18 February 2027, 16:00
Essay: Thursday 18 March 2027, 16:00
Presentation slides: Monday 22 March 2027, 09:00

Essay plan: half a page, not marked. Essay: 3,500 words max., PDF, candidate number only. Slides: PPTX or PDF.
Late essays lose 3 marks per day.`,
    says: {documents: [{label: 'Essay', types: ['pdf'], limits: {maxWords: 3500}}, {label: 'Slides', types: ['pptx', 'pdf']}], anonymous: true, parts: [{label: 'Essay plan', opens: null, due: '2027-02-18T16:00:00'}, {label: 'Essay', opens: null, due: '2027-03-18T16:00:00'}, {label: 'Presentation slides', opens: null, due: '2027-03-22T09:00:00'}], 'late.percentPerDay': 3},
  },
  {
    text: `Hello 2nd years. The deadline for the essay is 26 March 2027 at 3pm. For those of you with a learning support plan the deadline is 2 April 2027 at 3pm. Resit candidates: 13 August 2027. Essays: 2,000 words, Word format please, named with your student number. Our turnaround is 15 working days, so results on 19 April.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber'], due: '2027-03-26T15:00:00', lengths: ['maxWords']},
  },
  {
    text: `Assignment: critical summary of one article from the reader (pp. 12–48), in your own words, one page (about 400 words; no more than 450), single-spaced, typed. Submit the summary as a Word document by Monday, Feb 22, 11:59 PM CST. Use the filename format: Summary1_Lastname. The text-matching percentage should be below 10% excluding quotations. You can submit as many drafts as you want to check the percentage; I grade only the final one. No e-mail submissions!`,
    says: {documents: [{label: 'Summary', types: ['docx']}], 'limits.maxWords': 450, 'naming.pattern': 'Summary1_Lastname', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-02-22T23:59:00-06:00', timeZone: 'CST', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'layout.lineSpacing': 1},
  },
  {
    text: `3.4 Submission of the Bachelor's thesis. The thesis must be submitted no later than Friday 11 June 2027 at 12 noon (CEST) in the online archive. A thesis submitted after 12 noon but before midnight the same day is accepted with a remark; later submissions count as a failed attempt. Filetype: PDF/A-1 or PDF/A-2. Max. 150 MB. Language: English or Danish. Extent: max. 60 standard pages (1 standard page = 2,400 characters incl. spaces), excluding front page, contents, references and appendices.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 150000000, 'limits.maxPages': 60, due: '2027-06-11T12:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Checklist before you press the button
☐ It's Friday 7 May 2027 and it's not yet 16:30 (BST)
☐ My document is a PDF of at most 12 MB
☐ My document has no more than 12 pages
☐ The file is called 2027_<exam number>.pdf
☐ My name is nowhere: not in the text, not in the properties, not in the file name
☐ I have ticked "this is my own work"
☐ I know that I can submit only once`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 12000000, 'limits.maxPages': 12, 'naming.pattern': '2027_<exam number>.pdf', 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-05-07T16:30:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, declaration: true},
  },
  {
    text: `Notice to all candidates: submission time for Paper II is changed from 10:00 to 14:00 on 21 May 2027. Paper II: max. 3,000 words, PDF, exam number in the file name, one attempt. Candidates are reminded that answers are scanned for similarity with published work and with each other.`,
    says: {documents: [{label: 'Paper', types: ['pdf']}], 'limits.maxWords': 3000, 'naming.mustContain': ['candidateNumber'], similarityChecked: true, due: '2027-05-21T14:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Hi everyone, just to confirm: hand in your portfolio by Mon 17 May at 4pm (not the 14th as the handbook says). It must be ONE pdf. Maximum 100 MB. Title it with your matric number and the module code, e.g. 2041773_GEO3107.pdf. No names please – we mark anonymously. You can replace your file any number of times up to then. 3,000 words plus or minus 10%, bibliography not included.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, due: '2027-05-17T16:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'counting.left': ['references']},
  },
  {
    text: `Dear student,

Your request for an extension for the module SO302 has been approved.
New deadline for you: Monday 24 May 2027, 12:00 noon
Standard deadline: Monday 10 May 2027, 12:00 noon

Please hand in at the usual place ("SO302 Essay, Spring"), as PDF, without your name.

The Student Office`,
    says: {place: 'SO302 Essay, Spring', documents: [{label: 'Essay', types: ['pdf']}], anonymous: true, due: '2027-05-10T12:00:00', extension: '2027-05-24T12:00:00'},
  },
  {
    text: `Video essay with script. Video: maximum 8 minutes. Script: 1,000 words minimum, PDF.

You must name your script with your surname first, then your first name, then the unit code (for example: HALVORSEN-SMITH_Edda_FS204.pdf). Double surnames must be written in full.

Deadline 18 February 2027 16:30. This is not an anonymous submission.`,
    says: {documents: [{label: 'Script', types: ['pdf']}], 'limits.minWords': 1000, 'naming.mustContain': ['surname', 'givenNames', 'courseCode'], anonymous: false, due: '2027-02-18T16:30:00'},
  },
  {
    text: `Take-home examination: Statistics II

The paper is available from 08:00 on 7 June 2027 and must be returned by 20:00 on the same day (BST).
Solutions may be handwritten; scan or photograph them and combine everything into one PDF, pages in the right order, not larger than 20 MB. Single photos (JPEG, HEIC) will not be marked.
Write your candidate number, not your name, on every page. The file should be called by your candidate number alone.
One upload only.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'naming.pattern': 'candidate number', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-06-07T08:00:00+01:00', due: '2027-06-07T20:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1},
  },
  {
    text: `Deadline
Monday, week 9 (15 March 2027), 4pm

Word count
1,250 words (10% either side)

How to submit
In the "Tutorial essay 2" box, not by e-mail. Word format please.

Style
Harvard referencing, 1.5 spacing, any sans-serif font, 11pt

Late
Deduction of ten marks per day`,
    says: {place: 'Tutorial essay 2', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1125, 'limits.maxWords': 1375, due: '2027-03-15T16:00:00', 'late.percentPerDay': 10, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, referenceStyle: 'Harvard'},
  },
  {
    text: `The project consists of five milestones:
M1 (topic): 15 January 2027
M2 (outline): 29 January 2027
M3 (first draft): 26 February 2027
M4 (revised draft): 26 March 2027
M5 (final paper): 30 April 2027
All milestones are due at 18:00 Helsinki time and are submitted as PDF files no bigger than 5 MB. Only M5 is checked for similarity and graded.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, similarityChecked: true, timeZone: 'Europe/Helsinki', parts: [{label: 'M1 (topic)', opens: null, due: '2027-01-15T18:00:00+02:00'}, {label: 'M2 (outline)', opens: null, due: '2027-01-29T18:00:00+02:00'}, {label: 'M3 (first draft)', opens: null, due: '2027-02-26T18:00:00+02:00'}, {label: 'M4 (revised draft)', opens: null, due: '2027-03-26T18:00:00+02:00'}, {label: 'M5 (final paper)', opens: null, due: '2027-04-30T18:00:00+03:00'}]},
  },
  {
    text: `Please read: The final essay must be submitted in TWO places: a PDF to the "Final essay" point (this one counts) and a paper copy to the office in room 2.14. Both by 3 June 2027, 12 noon. PDF up to 8 MB. The essay must have a cover page with your student ID (no name!), module code, word count and the signed statement that it is your own work. 3,000 words, +/-5%.`,
    says: {place: 'Final essay', documents: [{label: 'Final essay', types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.minWords': 2850, 'limits.maxWords': 3150, anonymous: true, due: '2027-06-03T12:00:00', declaration: true},
  },
  {
    text: `Subject: RE: deadline?

Hi Oda,

yes, you may hand in on Tuesday 9 March instead, same time (14:00). For the others it stays Friday 5 March.

Best
T. Quillfeather

> Could I have a few more days for the essay due on Friday 5 March 2027 at 14:00?
> I've been ill.`,
    says: {due: '2027-03-05T14:00:00', extension: '2027-03-09T14:00:00'},
  },
  {
    text: `Hand-in instructions for written assignments in the Faculty of Law

The assignment is to be handed in as a single PDF. The file name must be the candidate number followed by the course code, e.g. 214_JUS1000.pdf. The candidate's name must not appear anywhere in the assignment or in the document properties. The text is to be 1.5-spaced in 12-point Times New Roman with margins of 2.5 cm. The assignment must not exceed 12 pages; the front page and bibliography do not count. Assignments above the page limit will be rejected. Deadline: 11 October 2027 at 13.00. Assignments cannot be handed in after the deadline. It's possible to replace the file up until the deadline.`,
    says: {documents: [{label: 'Assignment', types: ['pdf']}], 'limits.maxPages': 12, 'naming.mustContain': ['candidateNumber', 'courseCode'], anonymous: true, due: '2027-10-11T13:00:00', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], 'counting.left': ['titlePage', 'references']},
  },
  {
    text: `Deadline 5.4.2027
Länge / length: 12–15 pages
Abgabe als PDF / hand-in as PDF
Upload closes automatically at 23:59 MESZ (CEST)
File size 32 MB max`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 32000000, 'limits.minPages': 12, 'limits.maxPages': 15, due: '2027-04-05T23:59:00+02:00', timeZone: 'MESZ'},
  },
  {
    text: `SUBMISSION GUIDELINES FOR THE PROJECT REPORT

Your report should:
a) be written individually,
b) have 3,000 words (tolerance: 10% in both directions), where tables and figures are not counted,
c) be formatted with 2 cm margins and a font size of at least 11,
d) be delivered as one PDF file.

The file name must include the module number and your matriculation number but no name.
Upload: from 1 June 2027, 0:00, to 15 June 2027, 24:00.
Late upload: not possible. If you cannot make it, write to the examination office before 15 June.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.mustContain': ['studentNumber', 'courseCode'], 'naming.mustNotIdentify': true, opens: '2027-06-01T00:00:00', due: '2027-06-16T00:00:00', 'late.cutoffDays': 0, 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt'], 'counting.left': ['tables', 'captions']},
  },
  {
    text: `The second assignment for this module is a 1500 word blog post (not including the reference list). Upload your post as a Word file to the "Blog post" link by 5 p.m. on Weds 17th March 2027. You can have a go at uploading to the practice link as often as you want, but to the real link only once. Anonymous marking is switched off for this assignment.`,
    says: {place: 'Blog post', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1500, anonymous: false, due: '2027-03-17T17:00:00', 'attempts.allowed': 1, lengths: ['maxWords'], 'counting.left': ['references']},
  },
  {
    text: `DEADLINE CHANGE!!! Because of Easter the lab report is now due on Wed 7 April 2027, 6 pm (was: Thu 1 April 2027, 6 pm). Everything else remains: pdf, max 4 pages + 1 page appendix, filename groupXX_lab2.pdf, 1 upload per group.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 4, 'naming.pattern': 'groupXX_lab2.pdf', due: '2027-04-07T18:00:00', 'attempts.allowed': 1},
  },
  {
    text: `When you hand in your thesis:
* last day is 31 May 2027, the office closes at 15.00 but the online archive accepts files until 23.59
* hand in ONE pdf online (max 1 GB). No paper copies any more
* the title page carries your name, your student ID and the names of both supervisors
* minimum 70 pages, maximum 100 pages, Times New Roman or a comparable serif font in 12 pt, 1.5 spacing, left margin 3 cm
* you'll sign the declaration of honour online during the upload`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 1000000000, 'limits.minPages': 70, 'limits.maxPages': 100, anonymous: false, due: '2027-05-31', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `Participation portfolio. Collect four short responses (250-300 words each) over the term and submit them together as one document (.docx, .odt or .pdf) by Fri, Apr 30, 2027, noon. Late portfolios: minus one point per day. Use any font you can read. First page: your name and the number of your discussion group.`,
    says: {documents: [{label: null, types: ['docx', 'odt', 'pdf']}], anonymous: false, due: '2027-04-30T12:00:00', 'late.percentPerDay': 1},
  },
  {
    text: `Coursework 2 spec, COMP2400
Handed out 15/02/2027. Due 15/03/2027 16:00.
Submit report.pdf (max 6 pages) and src.zip (max 20MB) via the handin server; earlier submissions are overwritten.
Mark penalty for lateness: 10% of your mark per 24h or part thereof, zero after 3 days.
Do not put your name in either file (usernames are recorded by the server).`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 6}}, {label: 'Src', types: ['zip'], limits: {maxBytes: 20000000}}], anonymous: true, due: '2027-03-15T16:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Essay no. 3 is due next Friday, 26 February 2027, in my pigeonhole (paper) and by e-mail (PDF), both by 12:15. It should have about 8 pages. Please don't forget your name!`,
    says: {documents: [{label: null, types: ['pdf']}], anonymous: false, due: '2027-02-26T12:15:00'},
  },
  {
    text: `Dear colleagues and students, owing to maintenance the submission platform will not be available on Saturday 13 March 2027 between 06:00 and 14:00. Submissions for PHI1010 (due on Saturday 13 March, 12:00) will therefore be accepted until Saturday 13 March, 20:00, without penalty.`,
    says: {due: '2027-03-13T20:00:00'},
  },
  {
    text: `Requirements for the case analysis. Words: 1.800 to 2.200. Pages: not relevant. Type: PDF. Size: up to 4,5 MB. Spacing: 1,5. Margins: 2,5 cm. Font: Calibri 11 pt. Closing date: 28.05.2027, 18.00 h, Madrid time. Number of uploads: 1.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 4500000, 'limits.minWords': 1800, 'limits.maxWords': 2200, due: '2027-05-28T18:00:00+02:00', timeZone: 'Europe/Madrid', 'attempts.allowed': 1, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Calibri']},
  },
  {
    text: `Final paper due: December 8, 2027, end of day (11:59pm ET)
Draft due: November 17, 2027, start of class (bring on paper)
Paper: 10-12 pages, Word or PDF, Chicago style footnotes, numbered pages
Extensions: ask me 48h in advance; I'll give up to 3 days, no questions asked
After that: one letter grade per day`,
    says: {documents: [{label: 'Paper', types: ['docx', 'pdf']}], 'limits.minPages': 10, 'limits.maxPages': 12, timeZone: 'America/New_York', parts: [{label: 'Final paper', opens: null, due: '2027-12-08T23:59:00-05:00'}, {label: 'Draft', opens: null, due: '2027-11-17'}], 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `| Item | Requirement |
| --- | --- |
| Deadline | 12 April 2027, 10:00 (Europe/Oslo) |
| Format | PDF/A-2b |
| Max file size | 500 KB |
| Word count | 4000 words max (incl. footnotes) |
| Anonymity | Yes – candidate number only |
| Attempts | 1 |
| Page size | A4, 2 cm margins |
| Line spacing | 1.15 |`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 500000, 'limits.maxWords': 4000, anonymous: true, due: '2027-04-12T10:00:00+02:00', timeZone: 'Europe/Oslo', 'attempts.allowed': 1, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.lineSpacing': 1.15, archival: 'PDF/A-2b', 'counting.counted': ['footnotes']},
  },
  {
    text: `| Item | Requirement |
|------|-------------|
| Document | One PDF |
| Max. size | 15 MB |
| Length | 10 to 12 pages, appendices excluded |
| Font | Arial, 11 pt |
| Line spacing | 1.5 |
| Margins | 2.5 cm on all sides |
| File name | [student number]_TMA02.pdf |
| Opening date | 3 May 2027, 08:00 |
| Closing date | 17 May 2027, 23:59 |
| Time zone | Europe/Brussels |
| Attempts | 2 (the last one counts) |
| Anonymous | No |
| Similarity check | Yes |
| Late | Not possible |`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.minPages': 10, 'limits.maxPages': 12, 'naming.pattern': '[student number]_TMA02.pdf', 'naming.mustContain': ['studentNumber'], anonymous: false, similarityChecked: true, opens: '2027-05-03T08:00:00+02:00', due: '2027-05-17T23:59:00+02:00', timeZone: 'Europe/Brussels', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial']},
  },
  {
    text: `Announcement from the module leader (posted 2 Feb)

A few of you noticed that the handbook says the essay is due on 19 March while the module page says 26 March. The module page is right. So: 26 March 2027 at 12:00 noon.

The handbook is right about the rest: 2,500 words, Word format, no names.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2500, anonymous: true, due: '2027-03-26T12:00:00', lengths: ['maxWords']},
  },
  {
    text: `The handbook says the essay is due on 19 March 2027 at noon. The module page says 26 March 2027 at noon.
Essays are submitted as PDF (max. 5 MB).`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000},
  },
  {
    text: `Submit the lab book (PDF scan) and the summary (DOCX).

Lab book: not more than 40 MB, all pages in one file, upright, legible.
Summary: not more than one page.

Opening: 10.05.2027 8.00; closing: 21.05.2027 18.00 (Vilnius).

Naming: lab book "LB_" plus matriculation number; summary "SU_" plus matriculation number.

Handing in again replaces both documents, so always hand in both.`,
    says: {documents: [{label: 'Lab book', types: ['pdf'], limits: {maxBytes: 40000000}}, {label: 'Summary', types: ['docx'], limits: {maxPages: 1}}], 'naming.pattern': 'LB_[matriculation number]', 'naming.mustContain': ['studentNumber'], opens: '2027-05-10T08:00:00+03:00', due: '2027-05-21T18:00:00+03:00', timeZone: 'Europe/Vilnius', 'attempts.keeps': 'latest'},
  },
  {
    text: `Essay title: choose one of the three questions.
Essay length: no more than 1,750 words. Footnotes, but not the bibliography, are part of the word count. You must state the word count on the first page.
Essay deadline: 5 pm, Monday of week 8 (1 March 2027).
Essays are marked by two examiners, neither of whom will know your identity. Your script must only be identified by your examination number.
Essays must be in Word or rich text format.`,
    says: {documents: [{label: null, types: ['docx', 'rtf']}], 'limits.maxWords': 1750, anonymous: true, due: '2027-03-01T17:00:00', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `WRITING ASSIGNMENT NO. 3
Due: Monday, November 1, 2027, before 11:00 p.m. (Central Time)
Length: 1,000 to 1,250 words
Format: MS Word, MLA format, Times New Roman 12, double-spaced, 1-inch margins, page numbers and last name in the header
Upload: Assignments > Paper 3
Drafts: you may upload up to 5 drafts; the system keeps them all, and I read the final one
Late: minus 5 points per day; not accepted after Friday, November 5`,
    says: {place: 'Assignments > Paper 3', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1000, 'limits.maxWords': 1250, due: '2027-11-01T23:00:00-05:00', timeZone: 'America/Chicago', 'attempts.allowed': 5, 'attempts.keeps': 'all', 'late.percentPerDay': 5, 'late.cutoffDays': 4, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Dear all,
the submission box for the reflective statement will open on the 4th and close on the 18th of May 2027 at 4pm local time (Johannesburg). 800 words, give or take 80. PDF only. One attempt.
Name = surname + initials + student number, for instance NKOSI_TB_21345678.
Regards`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 720, 'limits.maxWords': 880, 'naming.pattern': 'surname + initials + student number', 'naming.mustContain': ['studentNumber', 'surname', 'initials'], opens: '2027-05-04', due: '2027-05-18T16:00:00+02:00', timeZone: 'Africa/Johannesburg', 'attempts.allowed': 1},
  },
  {
    text: `Policy on the submission of coursework (from the regulations)

12.1 Coursework shall be submitted electronically by 2pm on the due date.
12.2 Work submitted up to 24 hours late: the mark is reduced by 5 points. Work submitted more than 24 hours late receives a mark of zero.
12.3 Work must not contain the candidate's name.

Coursework 2 for LAW205: due 9 December 2027; 3,000 words maximum, excluding footnotes.`,
    says: {'limits.maxWords': 3000, anonymous: true, due: '2027-12-09T14:00:00', 'late.cutoffDays': 1, 'counting.left': ['footnotes']},
  },
  {
    text: `You're asked to write a 1500-2000 word reflection, saved as a PDF no bigger than 3MB, 1.15 spacing, 11 point Calibri. Hand it in through the link "Reflection drop" (visible from March 15) till March 29, 2027, 6 PM Vancouver time. Put your student ID in the file name, nothing else. I don't do blind grading. Please don't submit twice - I only look at the first submission.`,
    says: {place: 'Reflection drop', documents: [{label: 'Reflection', types: ['pdf']}], 'limits.maxBytes': 3000000, 'limits.minWords': 1500, 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber'], anonymous: false, opens: '2027-03-15', due: '2027-03-29T18:00:00-07:00', timeZone: 'America/Vancouver', 'attempts.allowed': 1, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, 'layout.fonts': ['Calibri']},
  },
  {
    text: `ASSIGNMENT SHEET

Module: Comparative Religion (RS2044)
Assignment title: Essay 2
Weighting: 60%
Set: Monday 1 February 2027
Submit by: Monday 15 March 2027, 12.00 (midday)
Submit via: RS2044 Essay 2 box on the module page
Word count: 2,750 (±250)
Permitted file formats: Word (.docx), PDF
Presentation: 1.5 line spacing, 12pt, numbered pages, name omitted`,
    says: {place: 'RS2044 Essay 2 box on the module page', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2500, 'limits.maxWords': 3000, anonymous: true, due: '2027-03-15T12:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true},
  },
  {
    text: `The paper should be handed in as a pdf on or before April 16, 2027 (11:59 PM, EDT). Papers of fewer than 8 or more than 12 pages will not be graded. The file must be named with your last name and the short title of your paper, like Ortega_Frontiers.pdf. Your paper will be read by two classmates before I read it, so leave your name off the document; I'll know from the file name whose it is.`,
    says: {documents: [{label: 'Paper', types: ['pdf']}], 'limits.minPages': 8, 'limits.maxPages': 12, 'naming.mustContain': ['surname', 'title'], due: '2027-04-16T23:59:00-04:00', timeZone: 'EDT'},
  },
  {
    text: `3rd-year project: poster session. Printed posters are collected by the print shop, so you need to upload a print-ready PDF (A0 portrait, all fonts embedded, 300 dpi, below 80 MB) to the shared drive folder "Posters27" until Thursday 22 April 2027 at 18:00 CEST. After that we cannot print your poster. Filename: SessionNumber_Lastname.pdf`,
    says: {place: 'Posters27', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 80000000, 'naming.pattern': 'SessionNumber_Lastname.pdf', 'naming.mustContain': ['surname'], due: '2027-04-22T18:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Guidance on the reflective log
You can hand in the log at any time between 3 and 14 May 2027 (until 17:00 on the 14th). It's pass/fail. Eight entries, 150 words per entry minimum. Any common file format. No names of pupils, teachers or schools, please; your own name is fine.`,
    says: {anonymous: false, opens: '2027-05-03', due: '2027-05-14T17:00:00'},
  },
  {
    text: `EXAM ASSIGNMENT (individual, written, 7-day take-home)
Course code: SOC301E
Posted: Thu 20 May 2027 10:00. Hand-in: Thu 27 May 2027 10:00.
Page limit: 10 standard pages of 2,400 keystrokes (incl. spaces, footnotes) = 24,000 keystrokes. Exceeding the limit means rejection.
File: PDF, anonymised. Candidate number on the first page. File name is given automatically.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, anonymous: true, opens: '2027-05-20T10:00:00', due: '2027-05-27T10:00:00'},
  },
  {
    text: `Before you hand in Problem Set 5
- Due date is Tuesday 9 November 2027; the drop box locks at 5:00 PM EST sharp.
- One PDF with your typed or handwritten solutions, scans must be legible.
- Max. file size: 16 MB.
- Name format: ps5-netid.pdf (all lower case)
- Collaboration is fine but list the names of those you worked with on page 1.
- You get two late days per term; each late day gives 24 hours. Beyond that no credit.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 16000000, 'naming.pattern': 'ps5-netid.pdf', 'naming.mustContain': ['username'], due: '2027-11-09T17:00:00-05:00', timeZone: 'EST'},
  },
  {
    text: `Liebe Studierende / Dear students
(English below)
Die Hausarbeit ist bis 15.08.2027, 18:00 Uhr als PDF hochzuladen.

The term paper has to be uploaded by 15 Aug 2027, 18:00 (local time Zurich) as PDF. 12-15 pages plus appendix. Please use the file name pattern "Lastname_Seminar_FS27". Papers without a signed declaration of independence will not be accepted. Turn your paper in only once.`,
    says: {documents: [{label: 'Term paper', types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Lastname_Seminar_FS27', 'naming.mustContain': ['surname'], due: '2027-08-15T18:00:00+02:00', timeZone: 'Europe/Zurich', 'attempts.allowed': 1, declaration: true},
  },
  {
    text: `Portfolio check – 14 June 2027, 09:30 – bring a laptop.
Portfolio upload – 11 June 2027, 23:59 – PDF up to 200 MB or link list.
Portfolio grade – 28 June 2027.`,
    says: {documents: [{label: 'Portfolio', types: ['pdf']}], 'limits.maxBytes': 200000000, due: '2027-06-11T23:59:00'},
  },
  {
    text: `Our rules are simple. Send the paper as Word attachment to essays@dept.example with the subject "SURNAME Essay 3" no later than five o'clock in the afternoon on the first Friday of May 2027. Not longer than 3000 words, everything included. We answer every mail with a receipt; no receipt, no paper.`,
    says: {documents: [{label: 'Paper', types: ['docx']}], 'limits.maxWords': 3000, due: '2027-05-07T17:00:00'},
  },
  {
    text: `UPDATE 2 (8 Feb): deadline now Wed 24 Feb 2027, 16:00.
UPDATE 1 (1 Feb): deadline now Mon 22 Feb 2027, 16:00.
Original: Fri 19 Feb 2027, 16:00.
Word limit stays 2000; format docx.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, due: '2027-02-24T16:00:00'},
  },
  {
    text: `The essay (2,000 words; you will not be penalised for being up to 10% over) should be uploaded no later than 16.00 on 3.5.2027. Submission opens one week before. Save your file as EssayTwo_<your student ID>. Only .pdf files can be uploaded. Don't put your name on it. Your essay will be compared against published work and other students' papers.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2200, 'naming.pattern': 'EssayTwo_<your student ID>', 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: true, due: '2027-05-03T16:00:00'},
  },
  {
    text: `ARCH 401 — Final boards

Deliverable 1: Boards, PDF, A1 landscape, 4 pages exactly, up to 200 MB
Deliverable 2: Report, PDF, A4 portrait, 20 pages max., up to 20 MB
Deliverable 3: Model photos, JPEG, min. 5, max. 10 files, 5 MB each

Due Fri 11 June 2027 10:00 sharp. Late = fail.
Studio name and your initials on every page; no student numbers please.`,
    says: {documents: [{label: 'Boards', types: ['pdf'], limits: {maxBytes: 200000000, minPages: 4, maxPages: 4}}, {label: 'Report', types: ['pdf'], limits: {maxBytes: 20000000, maxPages: 20}}, {label: 'Model photos', types: ['jpeg'], limits: {maxBytes: 5000000}}], due: '2027-06-11T10:00:00', 'late.cutoffDays': 0, 'layout.pageSize': 'A4'},
  },
  {
    text: `Assessed essay (Level 5)

Deadline: Tuesday 2nd March 2027, 3pm
Extension requests: by Friday 26th February 2027, noon
Marks and feedback: Tuesday 23rd March 2027
Second attempt (resit) deadline: Monday 9th August 2027, 3pm

1,500 words (± 10%). Submit as .docx. Include your candidate number in the header of each page and leave your name out.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1350, 'limits.maxWords': 1650, anonymous: true, due: '2027-03-02T15:00:00'},
  },
  {
    text: `Hi! The proposal (max 2 pages, A4, PDF) needs to reach me by 15/3 at 18h. The final report (max 20 pages, PDF + LaTeX source in a zip) by 15/6 at 18h. Both for Lisbon time. File names: proposal_<group>.pdf and report_<group>.pdf / report_<group>.zip. Late hand-ins: -1 point (of 20) per day.`,
    says: {documents: [{label: 'Proposal', types: ['pdf'], limits: {maxPages: 2}}, {label: 'Final report', types: ['pdf', 'tex', 'zip'], limits: {maxPages: 20}}], 'naming.pattern': 'proposal_<group>.pdf', timeZone: 'Europe/Lisbon', parts: [{label: 'proposal', opens: null, due: '2027-03-15T18:00:00+00:00'}, {label: 'final report', opens: null, due: '2027-06-15T18:00:00+01:00'}], 'late.percentPerDay': 1, 'layout.pageSize': 'A4'},
  },
  {
    text: `Take note: this submission is capped at 4 megapixels [sic] per file by the upload form. The paper must be in portable document format. It must be uploaded by 11:59:59 pm on 30 November 2026 (EST).

You can re-upload as long as the window is open. The window opens at 12:00 am on 23 November 2026.`,
    says: {documents: [{label: 'Paper', types: ['pdf']}], 'limits.maxBytes': 4000000, opens: '2026-11-23T00:00:00-05:00', due: '2026-11-30T23:59:59-05:00', timeZone: 'EST'},
  },
  {
    text: `ENGL 1102 – Research essay
Six to eight pages (not counting the Works Cited page), MLA 9, due in the hand-in box by midnight Sunday, April 11, 2027. Late essays drop ten points per day, including weekends, and won't be accepted after Wednesday. Please use .doc, .docx, or .pdf; I can't open .pages or shared links. Essays will be checked for originality.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.minPages': 6, 'limits.maxPages': 8, similarityChecked: true, due: '2027-04-12T00:00:00', 'late.percentPerDay': 10, referenceStyle: 'MLA'},
  },
  {
    text: `Summative Assessment 2 (50%)

Format: Individual report
Word count: 2,000 (upper limit). There is no lower limit. Over-length work: marking stops at 2,000 words.
Date: 14:00, 6 May 2027
Return: within 15 working days
Anonymity: Yes
Late: −5 marks/day (max 10 days)
Files: .docx/.pdf; <=10MB
Declaration: by submitting you confirm it's your own work
Re-submission: permitted before the deadline`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 10000000, 'limits.maxWords': 2000, anonymous: true, due: '2027-05-06T14:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 10, declaration: true},
  },
  {
    text: `The deadline for the thesis is the 30th of June, 2027 at 12 noon. If you were granted an extension, your deadline is the one stated in the letter. The thesis must be submitted as PDF/A-1b and must not be larger than 80 MB. The file name must be of the form matriculationnumber-surname-degree.pdf (e.g. 1234567-larsen-msc.pdf). In addition, submit the abstract (max. 350 words) as plain text. Format: DIN A4, font size 11 pt or 12 pt, line spacing between 1.15 and 1.5.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 80000000}}, {label: 'Abstract', types: ['txt'], limits: {maxWords: 350}}], 'naming.pattern': 'matriculationnumber-surname-degree.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-06-30T12:00:00', 'layout.pageSize': 'A4', archival: 'PDF/A-1b'},
  },
  {
    text: `Course: Data Ethics
What: Op-ed
When: Sept 30 2027, 17:00 CEST
How long: 700-900 words
How: PDF
File name: opED_lastname
Where: "Op-ed" folder, not "Op-ed peer feedback"
Grading: names hidden from graders
Resubmission: no
AI: declare use`,
    says: {place: 'Op-ed', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 700, 'limits.maxWords': 900, 'naming.pattern': 'opED_lastname', 'naming.mustContain': ['surname'], anonymous: true, due: '2027-09-30T17:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1},
  },
  {
    text: `Your assignment will be marked online, so please submit a Word document (not a PDF!). The title of your submission should be your student number and the module code, for example 20145678 GEOG2011. Please do not include your name. Maximum words: two thousand. The due date for this assignment is Monday the 22nd of February at 10am. Penalties: 10% for work up to one day late, 20% for work up to two days late; not accepted thereafter.`,
    says: {documents: [{label: 'Assignment', types: ['docx']}], 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, due: '2027-02-22T10:00:00', 'late.cutoffDays': 2},
  },
  {
    text: `1. TASK: Write a policy brief for a minister of your choice.
2. LENGTH: 2 sides of A4, excluding the list of sources.
3. LAYOUT: at least 11pt; margins of at least 2cm; pictures allowed.
4. HAND-IN: Thu 6th May 2027, no later than 12:00 UK time, through the module page (section "Assessment", link "Brief").
5. FILE: PDF; the name consists of your candidate number and the word brief, separated by a hyphen.
6. MARKING: two markers, neither of whom will know who you are.
7. LATE WORK: capped at the pass mark for 5 working days, then 0.
8. RETAKES: same task, new minister, 9 August 2027.`,
    says: {place: 'Brief', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-06T12:00:00+01:00', timeZone: 'Europe/London', 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt', 'marginMm'], lengths: ['maxPages']},
  },
  {
    text: `Subject: Re: Re: essay deadline?

Hi Sam,
yes, still the 15th (of March, 2027), but 8 in the evening rather than noon, as the server is being updated in the morning. PDF is best, Word is OK. And no, I don't mind if you're 100 words over 1,500, but 1,650 is where I stop.
Best, Lena

> Hi Lena, is the deadline still 15 March at noon? And is 1,600 words ok?
> Sam`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], due: '2027-03-15T20:00:00'},
  },
  {
    text: `Specification for electronic theses (2027)
– File format: PDF (version 1.4 or higher), preferably PDF/A-2u
– File size: max. 250 Mbytes
– Security: no password, printing and copying must be allowed
– Fonts: all embedded
– Metadata: author, title and keywords must be filled in
– File name: <surname>_<year>.pdf
– Page size: ISO A4, margins 30 mm (binding side) and 20 mm
– Submission: thesis portal, between 1 and 30 September 2027`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 250000000, 'naming.pattern': '<surname>_<year>.pdf', 'naming.mustContain': ['surname'], opens: '2027-09-01', due: '2027-09-30', 'layout.pageSize': 'A4'},
  },
  {
    text: `Short assignment 3. Due in class 10:15 on 11 Nov 2027; also upload to the class site (as PDF or PNG if handwritten; under 3MB) by then. 1 page. Late: -2 points/day, max -10. Groups of up to 3, list all names at top.`,
    says: {documents: [{label: null, types: ['pdf', 'png']}], 'limits.maxBytes': 3000000, 'limits.maxPages': 1, due: '2027-11-11T10:15:00', 'late.percentPerDay': 2, lengths: ['maxPages']},
  },
  {
    text: `We'd like your essays on Monday, May 3rd 2027, by noon at the very latest. No earlier than Monday, April 26th please, since the inbox is only set up then. Essays should be saved as "firstname.lastname.essay.docx". The upper limit is 5000 words and the lower limit 4000. There's a 10-mark deduction for anything outside those limits. If you upload twice, the second upload is ignored.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 4000, 'limits.maxWords': 5000, 'naming.pattern': 'firstname.lastname.essay.docx', 'naming.mustContain': ['surname', 'givenNames'], opens: '2027-04-26', due: '2027-05-03T12:00:00', 'attempts.allowed': 1},
  },
  {
    text: `| | Draft | Final |
|---|---|---|
| Opens | 1 March 2027 | 29 March 2027 |
| Due | 15 March 2027, 17:00 | 12 April 2027, 17:00 |
| Length | 1,000 words | 3,000 words |
| Format | Word | PDF |
| Marked | no | yes, anonymously |`,
    says: {documents: [{label: 'Draft', types: ['docx']}, {label: 'Final', types: ['pdf']}], anonymous: true, parts: [{label: 'Draft', opens: '2027-03-01', due: '2027-03-15T17:00:00'}, {label: 'Final', opens: '2027-03-29', due: '2027-04-12T17:00:00'}]},
  },
  {
    text: `Instructions to candidates. Your script must be uploaded as a single PDF file within the examination window, which runs from 14:00 to 17:30 on Wednesday 12 May 2027 (all times BST). Scripts uploaded between 17:30 and 17:45 will be accepted but flagged. No script is accepted after 17:45. Write your candidate number, and nothing else that identifies you, at the top of each page. You may upload several times; only the last file is kept.`,
    says: {documents: [{label: 'Script', types: ['pdf']}], anonymous: true, opens: '2027-05-12T14:00:00+01:00', due: '2027-05-12T17:30:00+01:00', timeZone: 'BST', 'attempts.keeps': 'latest'},
  },
  {
    text: `Final essay (70%): 6 May. 4,000 words. Midterm essay (30%): 11 March. 2,000 words. Both at 16:00, both through the usual box, both in .docx. Word counts may be exceeded by no more than 5%. Please anonymise by using your student ID only. APA or MLA, as long as you are consistent.`,
    says: {documents: [{label: null, types: ['docx']}], anonymous: true, parts: [{label: 'Final essay', opens: null, due: '2027-05-06T16:00:00'}, {label: 'Midterm essay', opens: null, due: '2027-03-11T16:00:00'}], lengths: ['maxWords']},
  },
  {
    text: `To hand in your video essay: export as MP4 (H.264), 1080p, no longer than 6 minutes, no bigger than 1.5 GB. Name: VE_groupname.mp4. Plus: a bibliography of max. 2 pages, PDF. Both in the folder "Video essays 2027" by 20 May 2027, 23:59:59. The folder stays open for another 24 hours; groups that need it lose half a grade.`,
    says: {place: 'Video essays 2027', documents: [{label: 'Video essay', types: ['mp4'], limits: {maxBytes: 1500000000}}, {label: 'Bibliography', types: ['pdf'], limits: {maxPages: 2}}], 'naming.pattern': 'VE_groupname.mp4', due: '2027-05-20T23:59:59', 'late.cutoffDays': 1},
  },
  {
    text: `Due: 2 May 2027. Due: 3 May 2027 for part-time students. PDF, 2,500 words maximum, double-spaced. Your Student Number (SN) goes into the header and into the file name: SN_CRIM2020.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2500, 'naming.pattern': 'SN_CRIM2020.pdf', 'naming.mustContain': ['studentNumber'], due: '2027-05-02', 'layout.lineSpacing': 2},
  },
  {
    text: `Assessment 1 – Annotated map. Upload two photographs (JPEG, up to 5 MB each) and a commentary in Word format of no more than 800 words. Deadline Friday of week 6 (5 March 2027) 17:00 GMT. Work submitted within 24 hours after the deadline: minus 10 marks. Between 24 hours and 5 days: capped at the pass mark. After that: zero.`,
    says: {documents: [{label: 'Photographs', types: ['jpeg'], limits: {maxBytes: 5000000}}, {label: 'Commentary', types: ['docx'], limits: {maxWords: 800}}], due: '2027-03-05T17:00:00+00:00', timeZone: 'GMT', 'late.cutoffDays': 5},
  },
  {
    text: `Assessment Brief: PSYC2041 – Perception

Dear students,

Please find below everything you need for the second coursework. Keep a copy of this page, as it will be taken down once the hand-in point has closed.

Task. Write a critical review of one of the two target articles (both are available as PDFs from the reading list). Your review should not exceed 1,500 words; figure legends and the reference list do not count, everything else does.

Submission. Reviews are submitted electronically via the hand-in point "PSYC2041 CW2 – Critical review" on the module page. There is a second hand-in point with a similar name, "PSYC2041 CW2 – practice", which is for trying out the system only; work left there will not be marked. You may submit as many times as you wish before the deadline. Each new submission overwrites the one before, and only what is there at the deadline is marked.

The deadline is Thursday 11 March 2027 at 12:00 noon (GMT). The hand-in point opens two weeks earlier, on Thursday 25 February. Provisional marks and feedback will be released on Thursday 1 April.

Format. Word (.docx) or PDF, at most 10 MB. Please use a clear font of at least 11 points and double spacing, and number your pages.

Anonymity. All coursework in the School is marked anonymously. Use your six-digit candidate number (not your student number!) as the file name and on the first page. Your name must not appear in the document or its properties.

Late work. 5% of the available marks are deducted for each working day, for up to five working days. After that, a mark of zero is recorded.

Academic integrity. You will be asked to tick a box declaring that the work is your own. All submissions are run through text-matching software; you will be able to see your similarity score within 30 minutes of submitting for the first time, and within 24 hours after any later submission.`,
    says: {place: 'PSYC2041 CW2 – Critical review', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 10000000, 'limits.maxWords': 1500, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, similarityChecked: true, opens: '2027-02-25', due: '2027-03-11T12:00:00+00:00', timeZone: 'GMT', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 11, 'layout.lineSpacing': 2, 'layout.pageNumbers': true, 'layout.atLeast': ['fontSizePt'], declaration: true, 'counting.left': ['captions', 'references']},
  },
  {
    text: `Guidelines for the Master's Thesis – Department of Environmental Engineering

Scope: The thesis comprises 60 to 80 pages of text (not counting front matter, list of references and appendices).
Language: English.
Layout: DIN A4; typeface Arial 11 pt or comparable; line spacing 1.5; margins: left 3.5 cm, right 2 cm, top and bottom 2.5 cm; page numbers at the bottom.
Citation: IEEE style.
Submission: The thesis is uploaded as a single PDF file (PDF/A) of no more than 50 MB. Additionally, research data are uploaded as one ZIP file of up to 2 GB.
File names: MA_<matriculation number>.pdf and MA_<matriculation number>_data.zip
Period: The upload area opens on 1 September 2027 and closes on 30 September 2027 at 23:59 (Central European Summer Time). The thesis can be uploaded only once, so please check it before.
Statutory declaration: The signed declaration must be scanned and included as the last page.
Extensions can be granted by the examination board upon written request, to be received by 15 September 2027.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 50000000, minPages: 60, maxPages: 80}}, {label: 'Research data', types: ['zip'], limits: {maxBytes: 2000000000}}], 'naming.pattern': 'MA_<matriculation number>.pdf', 'naming.mustContain': ['studentNumber'], opens: '2027-09-01', due: '2027-09-30T23:59:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'layout.pageNumbers': true, declaration: true, referenceStyle: 'IEEE', archival: 'PDF/A'},
  },
  {
    text: `HIST 205: Paper Two

So, paper two. Here's the deal:

- 5 to 6 pages. That's with 12-pt Times, double-spaced, 1-inch margins; I know all the tricks, so please don't play with the spacing.
- Chicago-style footnotes, plus a bibliography (which doesn't count toward the page total).
- It's due on Tuesday, November 16, 2027, before class (10:30 a.m. Mountain).
- Upload a Word doc to the "Paper Two" folder. No PDFs this time, I want to use comments.
- Title the file "Lastname Paper Two".
- Late papers: 3 points off per day. Papers more than a week late won't be accepted.
- You get one do-over: if you resubmit before the deadline I'll look only at the second version.
- I do not grade blind; I want to know whose work I'm reading.`,
    says: {place: 'Paper Two', documents: [{label: null, types: ['docx']}], 'limits.minPages': 5, 'limits.maxPages': 6, 'naming.pattern': 'Lastname Paper Two', 'naming.mustContain': ['surname'], anonymous: false, due: '2027-11-16T10:30:00-07:00', timeZone: 'America/Denver', 'late.percentPerDay': 3, 'late.cutoffDays': 7, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times'], referenceStyle: 'Chicago'},
  },
  {
    text: `School of Law — Coursework submission information 2026/27

LAW3310 Environmental Law

Coursework title: Problem question
Coursework word limit: 2,500 words (inclusive of footnotes, exclusive of bibliography)
Over-length: the marker will stop reading at the word limit; there's no 10% rule.
Submission method: online, module area > Assessments > LAW3310 Coursework
File type: .doc, .docx or .pdf
File size: under 100 MB
File title: Student ID number only
Submission deadline: 14 January 2027, 14.00
Late submission: up to 14 January 2027, 24.00: −5 marks; up to 21 January 2027, 14.00: capped at 40; after that: 0
Anonymous marking: Yes
Referencing: OSCOLA (4th edition)
Feedback: 11 February 2027`,
    says: {place: 'module area > Assessments > LAW3310 Coursework', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 100000000, 'limits.maxWords': 2500, 'naming.pattern': 'Student ID number', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-01-14T14:00:00', 'late.cutoffDays': 7, referenceStyle: 'OSCOLA', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `To all participants of "Scientific Writing"

Your mini-paper

Please prepare a mini-paper of exactly 4 pages in the conference template (two columns, 10 pt). Do not change the template's fonts or margins, and do not rename its styles. Save the template under a new name first; unchanged templates handed in by mistake count as not handed in.

Hand-in dates
1st version: Monday 3 May 2027, 18:00
Reviews: Monday 10 May 2027, 18:00
Final version: Monday 24 May 2027, 18:00
(all Zurich time)

What to hand in
1st version and final version: PDF, max. 5 MB, named GroupXX_v1.pdf and GroupXX_final.pdf (XX = your group number).
Reviews: plain text via the form.

The first version is reviewed double-blind by your peers, so leave your names out. The final version carries your names.`,
    says: {documents: [{label: null, types: ['pdf', 'txt']}], 'limits.maxBytes': 5000000, 'limits.minPages': 4, 'limits.maxPages': 4, 'naming.pattern': 'GroupXX_v1.pdf', timeZone: 'Europe/Zurich', parts: [{label: '1st version', opens: null, due: '2027-05-03T18:00:00+02:00'}, {label: 'Reviews', opens: null, due: '2027-05-10T18:00:00+02:00'}, {label: 'Final version', opens: null, due: '2027-05-24T18:00:00+02:00'}], 'layout.fontSizePt': 10},
  },
  {
    text: `Information on your extension

Student no. 20419975 – Module ENG2008 – Assessment: Portfolio

Following your application for mitigating circumstances the Board has decided to grant an extension of the deadline.

Original deadline: 5 March 2027, 16:00
New deadline: 19 March 2027, 16:00

All other conditions of the assessment remain unchanged (PDF, max. 20 MB, 3,000 words, anonymous). Please submit at "ENG2008 Portfolio – late and extended", not at the standard hand-in point.`,
    says: {place: 'ENG2008 Portfolio – late and extended', documents: [{label: 'Assessment', types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 3000, anonymous: true, due: '2027-03-05T16:00:00', extension: '2027-03-19T16:00:00', lengths: ['maxWords']},
  },
  {
    text: `Project report – instructions

The report consists of two files: the report itself as a PDF (named report_teamN.pdf) and the completed contribution statement as a Word document (named statement_teamN.docx). The report is limited to 15 pages and 20 MB. The statement should be no longer than one page. The team leader submits both files through "Project / Final hand-in" not later than Friday, June 18, 2027, 5:00 pm PDT. Until then, files can be replaced any number of times, but please note that both files have to be uploaded again each time. After that, the box is closed for good.

Grading is not anonymous. Reports are screened for similarity.`,
    says: {place: 'Project / Final hand-in', documents: [{label: 'Report', types: ['pdf'], limits: {maxBytes: 20000000, maxPages: 15}}, {label: 'Statement', types: ['docx'], limits: {maxPages: 1}}], 'naming.pattern': 'report_teamN.pdf', anonymous: false, similarityChecked: true, due: '2027-06-18T17:00:00-07:00', timeZone: 'PDT', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest'},
  },
  {
    text: `Exam paper in NORD4000 (home exam, 7 days)

The exam question is published in the exam system on Wednesday 5 May 2027 at 09:00.
The answer is to be submitted in the exam system within Wednesday 12 May 2027 at 14:00.

The answer must be submitted as one PDF file. The exam system accepts files of up to 5 GB.
Scope: 10 pages +/- 10 % (front page, table of contents and references not included), Times New Roman, font size 12, line spacing 1.5.
The answer is to be marked with your candidate number only. Candidate numbers are found in the exam system two weeks before the exam.
You may hand in and withdraw your answer as many times as you like until the deadline; it's the last version that counts.
It is not possible to hand in after the deadline.
All answers are subject to automatic plagiarism control.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000000, 'limits.minPages': 9, 'limits.maxPages': 11, anonymous: true, similarityChecked: true, opens: '2027-05-05T09:00:00', due: '2027-05-12T14:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `ASSIGNMENT: Ethnographic field notes

Handed out: 8 February 2027
Hand-in (hard deadline): 22 February 2027, 23:59 UTC
Where: the folder named "Field notes (graded)"
Format: scan or photo of your handwritten notes, ALL pages in ONE PDF, in reading order; typed summary (300-500 words) as DOCX
Size: the PDF max. 30 MP (megapixels!), the DOCX max. 1 MB
File name: surname_first name_FN.pdf / surname_first name_SUM.docx
Anonymity: people in your notes must be anonymised
Marking: pass/fail`,
    says: {place: 'Field notes (graded)', documents: [{label: null, types: ['pdf'], limits: {maxBytes: 30000000}}, {label: 'Typed summary', types: ['docx'], limits: {maxBytes: 1000000, minWords: 300, maxWords: 500}}], 'naming.pattern': 'surname_first name_FN.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-02-22T23:59:00+00:00', timeZone: 'UTC'},
  },
  {
    text: `Coursework details

Title: Data analysis report
Released: 22/02/2027
Deadline: 22/03/2027 at 17:00
Estimated time: 20 hours
Weight: 35%
What to submit: a report in PDF (max. 2,000 words) and your R script (.R)
Submission method: electronic via the module page
Extension: standard policy applies
Feedback: by 19/04/2027`,
    says: {documents: [{label: 'Report', types: ['pdf']}], 'limits.maxWords': 2000, opens: '2027-02-22', due: '2027-03-22T17:00:00'},
  },
  {
    text: `Dear Ms Halvorsen, your request of 1 March has been considered. You may submit "Essay 1" until 19 March 2027, 12:00 (GMT) instead of 12 March 2027, 12:00. Please note that no further extension can be given. Kind regards, Exams Office`,
    says: {due: '2027-03-12T12:00:00+00:00', extension: '2027-03-19T12:00:00+00:00', timeZone: 'GMT'},
  },
  {
    text: `FORMATTING: Papers not following this format will be returned.
* 1" margins, 12-pt Times New Roman or Cambria, double-spaced throughout
* header with page number (no name!)
* title but no title page
* between five and seven full pages (works cited page not included)
* MLA 9
* PDF

DUE: Monday October 18, start of class (9:30 a.m.); electronic only.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 5, 'limits.maxPages': 7, anonymous: true, due: '2027-10-18T09:30:00', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman', 'Cambria'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Hand-in info for the "Urban rivers" essay: Wed, 5 May 2027, 4 p.m. | 2500 words, give or take 10 % | PDF, one file, < 20 MB | anonymous | up to two resubmissions | Turn-around: 3 weeks`,
    says: {documents: [{label: 'Essay', types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 2250, 'limits.maxWords': 2750, anonymous: true, due: '2027-05-05T16:00:00'},
  },
  {
    text: `The following applies to all written work in this department:
Written work is to be submitted by 13:00 on the stated day. Work submitted late will be docked one mark for every working day or part of one. After two weeks it will not be marked at all. Essays must be between 2,700 and 3,300 words. They must be typed, double-spaced, and bear the candidate's number, never the name. They are to be submitted in the form of a Word document or a PDF. Candidates may replace their submission before the deadline.
In this term the stated days are: Essay 1: 26 February 2027; Essay 2: 26 March 2027.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2700, 'limits.maxWords': 3300, anonymous: true, parts: [{label: 'Essay 1', opens: null, due: '2027-02-26T13:00:00'}, {label: 'Essay 2', opens: null, due: '2027-03-26T13:00:00'}], 'attempts.keeps': 'latest', 'late.percentPerDay': 1, 'late.cutoffDays': 14, 'layout.lineSpacing': 2},
  },
  {
    text: `Assessment 1: 500-word reflection. Assessment 2: 2,500-word essay.
Assessment 1 is due 9 March 2027 12:00, Assessment 2 is due 11 May 2027 12:00 (UK).
Upload each as .docx. Assessment 1 has to carry your name, Assessment 2 must be anonymous.`,
    says: {documents: [{label: null, types: ['docx']}], timeZone: 'Europe/London', parts: [{label: 'Assessment 1', opens: null, due: '2027-03-09T12:00:00+00:00'}, {label: 'Assessment 2', opens: null, due: '2027-05-11T12:00:00+01:00'}], lengths: ['maxWords']},
  },
  {
    text: `Film Studies final essay. 3000 words +/-10%, stills don't count, captions do. Due 11th June 2027, 15:00. Please submit as .pdf with embedded stills (max 50MB). File name: FILM300_[your candidate no.].pdf. You'll be marked anonymously, so check the "Author" field. Submissions after 15:00 are flagged late even if it's only a minute and lose 10%; after 24h 20%; after 48h they are not marked.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.pattern': 'FILM300_[your candidate no.].pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-06-11T15:00:00', 'late.cutoffDays': 2},
  },
  {
    text: `Could you all please re-upload your essays? The first upload point (closed 5 March) lost the files. New upload point: "Essay 1 – second try", open now until Friday 19 March 2027, 23:59. Same rules: one PDF, <= 2,200 words, candidate number as file name.`,
    says: {place: 'Essay 1 – second try', documents: [{label: null, types: ['pdf']}], 'naming.mustContain': ['candidateNumber'], 'limits.maxWords': 2200, due: '2027-03-19T23:59:00'},
  },
  {
    text: `Submission of MA dissertations: noon on the second Monday of September 2027. Word limit: 15000 words. Format: one PDF, at most 25 megabytes. Title page: title, candidate number, word count, degree programme, year. No acknowledgements. A late submission loses 1 mark per hour for the first 24 hours; after that it's a fail.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'limits.maxWords': 15000, due: '2027-09-13T12:00:00', 'late.cutoffDays': 1},
  },
  {
    text: `Reminder from the teaching team: your lab book has to be handed in (physically!) in the lab by 4 pm on Fri 14 May 2027. The lab report is separate: upload it as a PDF by Mon 17 May 2027, 9 am. Max 8 pages. Name: LabReport_Surname_StudentNo.`,
    says: {documents: [{label: 'Lab report', types: ['pdf']}], 'limits.maxPages': 8, 'naming.pattern': 'LabReport_Surname_StudentNo', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-05-17T09:00:00'},
  },
  {
    text: `Exam take-home paper. Start: 7 June 2027 at 9.00 a.m. End: 9 June 2027 at 9.00 a.m. (Berlin time). You can hand in once only, so check your document carefully. Hand in a single PDF document of at most 6 pages (Arial 11, line spacing 1.5) named exam_<registration number>.pdf. Include the signed statement of authorship on the last page. Answers in handwriting may be scanned.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, 'naming.pattern': 'exam_<registration number>.pdf', 'naming.mustContain': ['studentNumber'], opens: '2027-06-07T09:00:00+02:00', due: '2027-06-09T09:00:00+02:00', timeZone: 'Europe/Berlin', 'attempts.allowed': 1, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], declaration: true},
  },
  {
    text: `BSc Nursing – Year 2 – Reflective account (NUR2017)

Your account should be between 1,800 and 2,200 words. Anything beyond 2,200 words will be disregarded by the marker. Title page, reference list and appendices are not part of the count; in-text citations and direct quotes are.

When and where?
• Draft for feedback (voluntary): Sunday 14 February 2027, 23:59, drop box "NUR2017 Draft"
• Final: Sunday 7 March 2027, 23:59, drop box "NUR2017 Final"
Both drop boxes open on Monday 1 February.

How?
• One file, .docx. If you write in another program, export to .docx and check the result.
• Maximum 20 MB
• File name: NUR2017_[student number]
• Do not name your placement, your mentor or any patient (breach of confidentiality = automatic fail).
• Put your student number in the footer of every page. As this module is marked anonymously, names are not allowed.

Late?
Within 24 hours: minus 10%. Later: not accepted, unless you have an agreed extension (apply at least two days before the deadline).`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 20000000, 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'NUR2017_[student number]', 'naming.mustContain': ['studentNumber'], anonymous: true, opens: '2027-02-01', parts: [{label: 'Draft for feedback (voluntary)', opens: null, due: '2027-02-14T23:59:00'}, {label: 'Final', opens: null, due: '2027-03-07T23:59:00'}], 'late.cutoffDays': 1, 'counting.left': ['titlePage', 'references', 'appendices']},
  },
  {
    text: `Computer Science Dept. — Coursework handout

COMP3052: Compilers, CW1 (25%)
Issued: Mon 1 Feb 2027. Due: Mon 1 Mar 2027 15:00 (strict).
Submit a single .zip (not .rar, not .7z) with your source code and report.pdf; total size at most 10MiB.
Report: 6 pages max., 10pt, 2-column.
Your zip must be named cw1-<username>.zip.
Plagiarism: code and reports are compared with this and previous years' submissions.
Lateness: −10% per 24h started; zero after 72h.
You can resubmit up to the deadline; we take the last version. After the deadline the first version you hand in is final.`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 10485760, 'limits.maxPages': 6, 'naming.pattern': 'cw1-<username>.zip', 'naming.mustContain': ['username'], similarityChecked: true, due: '2027-03-01T15:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'layout.fontSizePt': 10},
  },
  {
    text: `Dear students of ANT-220,

I've had questions about Assignment B, so here's the summary:

(1) due date = Friday, 9 April 2027, end of day (23:59), Eastern Time
(2) 1200 words, plus/minus 10 percent
(3) APA style
(4) upload as .docx or .rtf in "Assignment B – Final"; the box "Assignment B – Draft" closed last week
(5) the filename has to start with your last name
(6) two uploads max; the second replaces the first
(7) late: 5 points each day; no uploads after 16 April

All the best,
L. Aurelio`,
    says: {place: 'Assignment B – Final', documents: [{label: null, types: ['docx', 'rtf']}], 'limits.minWords': 1080, 'limits.maxWords': 1320, 'naming.mustContain': ['surname'], due: '2027-04-09T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'APA'},
  },
  {
    text: `Submitting your thesis: checklist
[ ] Thesis saved as PDF (fonts embedded)
[ ] Not larger than 64 MB
[ ] Named Lastname_Firstname_Year.pdf
[ ] Title page has the approved title
[ ] Statement of originality signed and scanned into the PDF
[ ] Abstract in English (max. 250 words) and in Dutch (max. 250 words)
[ ] Uploaded in the thesis portal before 1 July 2027, 17:00 (CEST)
[ ] One upload only; mistakes can only be corrected through the secretariat
[ ] Similarity score < 15% (produced automatically)`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], 'limits.maxBytes': 64000000, 'naming.pattern': 'Lastname_Firstname_Year.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-07-01T17:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1, declaration: true},
  },
  {
    text: `Group presentation + individual essay

Slides (PPTX or PDF, one per group): upload by Tue 4 May 2027 09:00.
Essay (PDF, individual): upload by Tue 18 May 2027 09:00. Length 1000 to 1200 words.
Local time: Pretoria.
Slides carry the names of all group members. Essays carry student numbers only because they are marked anonymously.
The essay's file name is your student number, e.g. 21345678.pdf; the slides' file name is the group name.
Maximum 50 MB for slides, 5 MB for essays.`,
    says: {documents: [{label: 'Slides', types: ['pptx', 'pdf'], limits: {maxBytes: 50000000}}, {label: 'Essay', types: ['pdf'], limits: {maxBytes: 5000000, minWords: 1000, maxWords: 1200}}], 'naming.mustContain': ['studentNumber'], anonymous: true, timeZone: 'Africa/Johannesburg', parts: [{label: 'Slides', opens: null, due: '2027-05-04T09:00:00+02:00'}, {label: 'Essay', opens: null, due: '2027-05-18T09:00:00+02:00'}]},
  },
  {
    text: `Zoology practical – drawings

Hand in your five drawings as one PDF. Take photos in daylight, crop the edges, and put them in the right order before you make the PDF. Loose images will be returned unmarked.
Every drawing needs a title, a scale bar, and your initials in the corner.
Opens 12.04.27, 08:00; closes 16.04.27, 20:00, Oslo time. 
The upload cannot take more than 12 megabytes.
There's only one try. Late drawings: not marked.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 12000000, opens: '2027-04-12T08:00:00+02:00', due: '2027-04-16T20:00:00+02:00', timeZone: 'Europe/Oslo', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `Notes on the Term 3 essay
The essay is anonymous (double-anonymous marking).
The essay is 2,750 words long. You are permitted a 5% overrun.
The essay is handed in on 24th May 2027 (not on the 25th, as printed in the diary), by noon.
The essay is handed in as PDF or Word; the former is preferred.
The essay's filename is the exam number and the title of the essay in brief.
The essay may not be handed in a second time.
The essay's margin is one inch on each side; its typeface is Garamond, 12 point; its lines are double-spaced.`,
    says: {documents: [{label: 'Essay', types: ['pdf', 'docx']}], 'limits.maxWords': 2887, 'naming.mustContain': ['candidateNumber', 'title'], anonymous: true, due: '2027-05-24T12:00:00', 'attempts.allowed': 1, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Garamond']},
  },
  {
    text: `DEPARTMENT OF GEOGRAPHY – UNDERGRADUATE HANDBOOK 2026–27 (extract)

1 Welcome
Welcome to the department. This handbook was last updated on 14 September 2026. It tells you what you need to know about your studies. Please read it before the first week of teaching, which begins on 28 September 2026. Office hours are Mondays 10–12. The office closes at 16:00 on Fridays.

2 Terms and weeks
Autumn term: 28 September – 11 December 2026. Spring term: 11 January – 26 March 2027. Summer term: 26 April – 11 June 2027. The exam period runs from 10 May to 4 June 2027. Reading week is week 6.

3 Contact and support
Your tutor will meet you twice a term. If you cannot attend, e-mail your tutor before the meeting. You may have up to three absences; after that we will write to you. Anonymous feedback on modules can be given at the end of each term through the questionnaire.

4 Assessment
4.1 General. Modules are assessed by coursework, examination or both. A module of 20 credits normally has one essay of 2,500 words and one examination of two hours; a module of 10 credits has one piece of 1,500 words. The exact requirements are given in each module's assessment brief.
4.2 Marking. All work is marked on a scale from 0 to 100. 40% is the pass mark. Two markers read each dissertation. 10% of all essays are second-marked. Marks are provisional until the board meets on 21 June 2027.
4.3 Feedback. We return marks and comments within 15 working days.
4.4 Late work. Work that is handed in late without an extension loses 5 marks for each working day, and work that is more than 5 working days late gets a mark of zero.
4.5 Extensions. You can apply for an extension of up to 7 days before the deadline. Longer extensions need evidence.
4.6 Academic integrity. Plagiarism is the use of others' words or ideas without acknowledgement. Up to 10% overlap is not unusual in a text with many quotations. The reading list on integrity is available as PDF.

5 Presentation of coursework
Essays should be typed in a font of at least 11 points and with 1.5 line spacing. Number your pages. Put your student number, but not your name, in the header. Use the Harvard system for references. The word limit includes footnotes and quotations, but not the list of references or appendices. You may exceed it by up to 10%.

6 How to hand in
All coursework is handed in online through the module page, as a single PDF of not more than 20 MB. Name the file with your student number and the module code (for example 20412345_GEO2101.pdf). You can submit as often as you like before the deadline; only the last version is marked. All submissions are checked with text-matching software. You will be asked to confirm that the work is your own.

7 Field trips
The second-year field trip leaves on 3 April 2027 at 06:30. Pay the deposit of 150 by 1 February 2027. Bring at least two pairs of boots. Return is planned for 10 April 2027, 21:00.

8 Prizes
The Carrow Prize is given for the best dissertation of up to 10,000 words. Entries close on 30 June 2027. Entries must be sent as Word documents, two copies each, with a cover letter of one page.`,
    says: {documents: [{label: 'Coursework', types: ['pdf']}], 'limits.maxBytes': 20000000, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, similarityChecked: true, 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, 'layout.atLeast': ['fontSizePt'], declaration: true, referenceStyle: 'Harvard', lengths: ['maxWords'], 'counting.counted': ['footnotes', 'quotations'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `MODULE PAGE: MUS3040 Listening to cities

Week 1 (w/b 11 January 2027): Introduction. Reading: Harding, ch. 1–2 (pp. 1–46), PDF in the folder.
Week 2: Field recording. Bring headphones.
Week 3: Sound walk on Tuesday 26 January, 14:00–16:00. Meet at the fountain at 13:50.
Week 4: Writing about sound. Read pages 12–30. Hand in a title (one sentence) by Thursday.
Week 5: Tutorials (15 minutes each; sign up by 5 February).
Week 6: Reading week.
Week 7: Peer review of drafts (bring two printed copies, names removed).
Week 8: Guest lecture by R. Adeyinka-Holm.
Week 9: Submission of the portfolio.
Week 10: Listening session.

The portfolio consists of (a) a sound piece of 4 to 6 minutes (WAV or MP3, at most 100 MB) and (b) a commentary of 1,800 to 2,200 words (PDF).
It is due on Friday 19 March 2027 at 16:00. Late portfolios: see the handbook.
The commentary has footnotes, not brackets. It's good practice to keep a copy of everything you submit.
If the upload fails, try once more, then e-mail the office before 17:00 with a screenshot.
Marks will be released on 16 April 2027.`,
    says: {documents: [{label: 'Sound piece', types: ['mp3'], limits: {maxBytes: 100000000}}, {label: 'Commentary', types: ['pdf'], limits: {minWords: 1800, maxWords: 2200}}], due: '2027-03-19T16:00:00'},
  },
  {
    text: `Submission requirements: the report must not exceed fifteen (15) A4 pages excluding appendices. Minimum font size 11. Please use IEEE citation style. Up to 3 attempts may be made before the due date of 21st February 2027 at 23:59 (UTC+8); all of them are kept but we grade the best one. Reports that arrive late are accepted for up to 3 days with a deduction of 15% of the total mark per day.`,
    says: {'limits.maxPages': 15, due: '2027-02-21T23:59:00+08:00', timeZone: 'UTC+8', 'attempts.allowed': 3, 'attempts.keeps': 'all', 'late.percentPerDay': 15, 'late.cutoffDays': 3, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt'], referenceStyle: 'IEEE'},
  },
  {
    text: `Critical Essay, 35% of the module mark
Submit: 10 a.m. on Monday 26 April 2027 (Week 27)
Where: Module page / Assessments / "Critical Essay (all groups)"
Accepted: DOC, DOCX, PDF. Not accepted: ODT, Pages, links to online documents
Word limit: 2 500 (a 10% overrun carries no penalty)
Font Arial or Verdana, min. 11; margins not less than 2 cm; spacing 1.5
Footers must show your ID number; do not write your name
Feedback: within 20 working days`,
    says: {place: 'Critical Essay (all groups)', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxWords': 2750, anonymous: true, due: '2027-04-26T10:00:00', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Verdana'], 'layout.atLeast': ['fontSizePt', 'marginMm']},
  },
  {
    text: `Dear third years

The portfolio deadline (originally Friday 30 April, 5pm) has been brought forward to Wednesday 28 April 2027, 5pm because of the public holiday. I'm sorry for the inconvenience.

You need to hand in three PDFs: portfolio (max 40 MB), reflective commentary (max 1,000 words) and CV (1 page). Name them 1_portfolio, 2_commentary, 3_CV.

It's fine to hand in again if you spot a mistake. I can see all the versions and will look at the most recent.`,
    says: {documents: [{label: 'Portfolio', types: ['pdf'], limits: {maxBytes: 40000000}}, {label: 'Reflective commentary', types: ['pdf'], limits: {maxWords: 1000}}, {label: 'CV', types: ['pdf'], limits: {maxPages: 1}}], due: '2027-04-28T17:00:00', lengths: ['maxPages']},
  },
  {
    text: `Take-home final. You may begin at any time after 9:00 AM EST on December 13, 2027 and must submit by 9:00 AM EST on December 17, 2027. Answers go into a single PDF (typed, no handwriting), not exceeding 3,500 words in total. Do not put your name on it—use the last four digits of your student ID. No late exams.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], 'limits.maxWords': 3500, anonymous: true, opens: '2027-12-13T09:00:00-05:00', due: '2027-12-17T09:00:00-05:00', timeZone: 'EST', 'late.cutoffDays': 0},
  },
  {
    text: `Rules for the seminar paper (Hausarbeit)
* 12–15 pages of text, 11pt Arial or 12pt Times New Roman, line spacing 1.5, margins 2.5cm (right margin 3cm)
* PDF via e-mail to seminar@philosophy.example; subject and file name: "Seminar paper Surname"
* by 31.03.2027, 24:00 h
* bibliography and declaration of authorship do not count towards the length
* no extensions except on medical grounds`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Seminar paper Surname', 'naming.mustContain': ['surname'], due: '2027-04-01T00:00:00', 'layout.marginMm': 25, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Times New Roman'], declaration: true},
  },
  {
    text: `Assessment 2 consists of Part A (annotated bibliography, 10 entries of 100 words each, due 8 March 2027), Part B (essay plan, one page, due 22 March 2027) and Part C (essay, 2,000 words plus or minus 10%, due 19 April 2027). All parts are due at 4 pm Wellington time, as Word documents, and each may be submitted once only. Part C is put through text-matching software.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, similarityChecked: true, timeZone: 'Pacific/Auckland', parts: [{label: 'Part A', opens: null, due: '2027-03-08T16:00:00+13:00'}, {label: 'Part B', opens: null, due: '2027-03-22T16:00:00+13:00'}, {label: 'Part C', opens: null, due: '2027-04-19T16:00:00+12:00'}], 'attempts.allowed': 1},
  },
  {
    text: `The report template (report_template.docx) can be downloaded below. Please use it, rename it, and submit the finished report as PDF. Reports submitted under the template's name are rejected automatically. Limit: 8 MB. Deadline 1.6.2027 klo 16.00 (Helsinki). Name of the file: LAB5_groupnumber.pdf`,
    says: {documents: [{label: 'Report', types: ['pdf']}], 'limits.maxBytes': 8000000, 'naming.pattern': 'LAB5_groupnumber.pdf', due: '2027-06-01T16:00:00+03:00', timeZone: 'Europe/Helsinki'},
  },
  {
    text: `Essay submissions - FAQ

Q: Where do I submit? A: Under "Essay 2 – Submit here" in week 12.
Q: When? A: By Thursday, 6 May 2027, 3 pm British Summer Time.
Q: Can I submit more than once? A: Yes, up to three times. Only the last submission counts.
Q: What file format? A: PDF, please. No other formats.
Q: How long should it be? A: 1,500 words at most, without references.
Q: Is it anonymous? A: No.
Q: Do you use similarity software? A: Yes.
Q: What if I'm late? A: You lose 5 % per day. After seven days we don't accept it.`,
    says: {place: 'Essay 2 – Submit here', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1500, anonymous: false, similarityChecked: true, due: '2027-05-06T15:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'counting.left': ['references']},
  },
  {
    text: `CALL FOR STUDENT PAPERS
Papers of 4 to 6 pages (A4, two columns, 9 pt) are invited. Submission opens: 2027-09-01 00:00 UTC. Submission closes: 2027-10-15 23:59 UTC-12. Camera-ready: 2027-11-20 23:59 UTC-12. PDF, max 8 MB, anonymised for review. File name irrelevant. Revisions can be uploaded until closing; the system keeps only the newest file.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.minPages': 4, 'limits.maxPages': 6, anonymous: true, opens: '2027-09-01T00:00:00+00:00', due: '2027-10-15T23:59:00-12:00', 'attempts.keeps': 'latest', 'layout.pageSize': 'A4', 'layout.fontSizePt': 9},
  },
  {
    text: `HIST 318: Empires and Oceans — Syllabus, Spring 2027
Instructor: Prof. Dana Whitcomb-Reyes. Office: Alder Hall 214. Office hours: Tuesday 2–4 p.m. or by appointment. E-mail: dwr@college.example (I answer within 24 hours on weekdays).

Course description. This course follows sailors, merchants and states across three oceans from 1400 to 1900.

Required books: Okonjo, Salt Roads (2014), 312 pages; Brandt, The Company's Ships (2019), 288 pages. Both are on reserve. Other readings are PDFs on the course site.

Grading: participation 15%, quizzes 15% (10 quizzes, lowest two dropped), midterm exam 25% (March 4), research paper 45%.

Attendance: You may miss two classes without penalty. Each further absence lowers your participation grade by 5 points.

Research paper: 3,000–3,500 words, Chicago style, double-spaced, 12-point Times New Roman, 1-inch margins. Submit it as a Word document on the course site by 11:59 p.m. (Eastern) on Friday, April 30. A one-page proposal is due in class on February 18. Name the file Lastname_HIST318.docx. Late papers lose 10 points per day. I do not accept papers after May 5. Papers are run through similarity software.

Technology: laptops are fine; phones are not. Food: please don't.

Academic calendar: classes begin January 19; spring break March 15–19; last day of classes May 4; final grades due May 17.

Accommodations: contact the office of accessibility by January 29.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 3000, 'limits.maxWords': 3500, 'naming.pattern': 'Lastname_HIST318.docx', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-04-30T23:59:00-04:00', timeZone: 'America/New_York', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'Chicago'},
  },
  {
    text: `FORUM > Questions about the essay

[Ilse] 2 March 2027, 09:14: Hi, is it ok to hand in 2,300 words? The brief says 2,000.
[Tutor] 2 March 2027, 11:02: The limit is 2,000 words with a tolerance of 10%, so no: 2,200 is the most.
[Marek] 3 March 2027, 20:40: Is the bibliography part of that?
[Tutor] 4 March 2027, 08:15: No, but footnotes are.
[Anouk] 4 March 2027, 21:09: what about the deadline? someone said monday
[Tutor] 5 March 2027, 10:30: It is Friday 19 March 2027 at 16:00, as in the brief.
[Anouk] 5 March 2027, 10:31: and pdf or word
[Tutor] 5 March 2027, 10:47: PDF please. And don't forget: only your candidate number, no names.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2200, anonymous: true, due: '2027-03-19T16:00:00'},
  },
  {
    text: `Project handbook (short version)

The project runs over two terms. Supervision: six meetings of 30 minutes. Keep a log.

Milestones
Topic form: 16 October 2026
Ethics form: 6 November 2026
Progress report (2 pages): 22 January 2027
Draft chapter (optional): 5 March 2027
Project report: 30 April 2027
Presentation: week of 10 May 2027

The project report
Length: 8,000–10,000 words. Structure: abstract (200 words), introduction, literature, method, results, discussion, references, appendices. Appendices don't count. Use the IEEE style. Figures at 300 dpi. A4, 25 mm margins, 11-point font.
Upload it as one PDF, up to 40 MB, by 4 pm UK time on the day. Only one upload is possible. The file is named with your registration number.
It is marked by your supervisor and a second marker, so it isn't anonymous.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 8000, 'limits.maxWords': 10000, 'naming.mustContain': ['studentNumber'], anonymous: false, timeZone: 'Europe/London', parts: [{label: 'Topic form', opens: null, due: '2026-10-16T16:00:00+01:00'}, {label: 'Ethics form', opens: null, due: '2026-11-06T16:00:00+00:00'}, {label: 'Progress report', opens: null, due: '2027-01-22T16:00:00+00:00'}, {label: 'Draft chapter (optional)', opens: null, due: '2027-03-05T16:00:00+00:00'}, {label: 'Project report', opens: null, due: '2027-04-30T16:00:00+01:00'}], 'attempts.allowed': 1, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, referenceStyle: 'IEEE', 'counting.left': ['appendices']},
  },
  {
    text: `Thanks for signing up for the summer school! A few practical things. Arrival is on Sunday 4 July 2027 from 14:00, departure on Saturday 17 July by 10:00. Bring sheets and towels. Breakfast is from 7:30 to 9:00. The fee has to reach us by 1 June 2027.
To get credits, you write a paper of 10 pages (plus minus one) after the school. Send it to us as PDF until 31 August 2027. We read it anonymously, so put a code of your choice instead of your name on it, and send the code with your name in a separate mail. Feedback by mid-October.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 9, 'limits.maxPages': 11, anonymous: true, due: '2027-08-31'},
  },
  {
    text: `Dissertation: 10,000 words (± 5%). Deadline: noon, Wednesday 8 September 2027, UK time. Two bound copies are no longer needed. Electronic copy: one PDF, less than 50MB, named CANDIDATENUMBER_DISS.pdf. Ensure that neither the document nor its properties contain your name. Double line spacing, margins 3cm on the left and 2.5cm elsewhere, page numbers bottom centre. Include the declaration form. Turnover is recorded. Late submission: 1 mark per hour for the first 24 hours; after that no submission is accepted.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 9500, 'limits.maxWords': 10500, 'naming.pattern': 'CANDIDATENUMBER_DISS.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-09-08T12:00:00+01:00', timeZone: 'Europe/London', 'late.cutoffDays': 1, 'layout.lineSpacing': 2, 'layout.pageNumbers': true, declaration: true},
  },
  {
    text: `GEOG1002 – Field diary – what, where, when

You keep a diary during the field week (8–12 March 2027). Type it up afterwards: 1,500 words, tolerance ±15%, as one Word or PDF file, up to 30 MB with pictures. 
The diary has to be in the folder 'Field diary' of your own group (A, B, C or D) by Friday 19 March 2027, 18:00 (UK time). If it's not there by then, but it's there within 24 hours, 10 marks come off. Beyond that we can't take it.
You name it groupletter_candidatenumber, like B_Y1234567.
The diaries are read by people who don't know you, so no names, no photos of yourself, please. 
You can change the file until the deadline.`,
    says: {place: 'Field diary', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 30000000, 'limits.minWords': 1275, 'limits.maxWords': 1725, 'naming.pattern': 'groupletter_candidatenumber', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-19T18:00:00+00:00', timeZone: 'Europe/London', 'attempts.keeps': 'latest'},
  },
  {
    text: `FINAL REPORT (60 %)
- deadline: 11.6.2027 klo 12:00, time zone EET/EEST
- language Finnish or English
- 15–20 pages + appendices
- PDF, max 20 MB
- name of the file: surname_courseID_final
- is uploaded in the exam system; uploading again replaces the first file
- plagiarism check is automatic
- late reports are not graded`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minPages': 15, 'limits.maxPages': 20, 'naming.pattern': 'surname_courseID_final', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-06-11T12:00:00+03:00', timeZone: 'EET/EEST', 'attempts.keeps': 'latest', 'late.cutoffDays': 0},
  },
  {
    text: `Re-submission of Assignment 1

You did not pass Assignment 1 and may submit a revised version. The revised version must be uploaded to "A1 – Revised" (NOT to "A1") before 9 a.m. on Monday, 10 May 2027. It may be up to 20% longer than the first version, i.e. up to 1,800 words. Mark all changes in yellow. Use the same file format (.docx). There will be no third attempt.`,
    says: {place: 'A1 – Revised', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1800, due: '2027-05-10T09:00:00'},
  },
  {
    text: `MSc dissertation – submission arrangements

Submission is on Friday 3 September 2027. The submission portal is available from 08:00 to 16:00 BST that day only. Two files are required: the dissertation (PDF, max. 100 MB, max. 15,000 words, including footnotes but excluding tables, references and appendices) and the signed declaration (PDF, max. 2 MB). The dissertation file must be called "Dissertation_<your examination number>". Since dissertations are marked anonymously, your name may appear in the declaration only. Candidates are reminded that a dissertation can be submitted once only.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf'], limits: {maxBytes: 100000000, maxWords: 15000}}, {label: 'Signed declaration', types: ['pdf'], limits: {maxBytes: 2000000}}], 'naming.pattern': 'Dissertation_<your examination number>', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-09-03T08:00:00+01:00', due: '2027-09-03T16:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, declaration: true, 'counting.counted': ['footnotes'], 'counting.left': ['tables', 'references', 'appendices']},
  },
  {
    text: `Homework 7: proofs

Write your solutions by hand or in LaTeX. Handwritten solutions have to be scanned (no shadows, no fingers!) and merged into one PDF of max. 15MB, right way up. Solutions in LaTeX: PDF as well, and please do not send the .tex file. 
Due: Wednesday, 17 November 2027, 10:15, i.e. before the lecture.
You may work in pairs; if you do, one of you submits and both names are on page 1.
File: hw7_<surname1>[_<surname2>].pdf
No late homework.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'naming.pattern': 'hw7_<surname1>', 'naming.mustContain': ['surname'], due: '2027-11-17T10:15:00', 'late.cutoffDays': 0},
  },
  {
    text: `The term paper in PHI-240 should be ca. 10 pages (3000-3500 words). The text is handed in electronically in two copies: one WITH name for the archive and one WITHOUT name for the examiner. Both are to be PDF files. The last day for handing in is December 15th 2027 at 2 pm. (CET). Papers delivered later than this will not be assessed. For references use the Chicago system. Front page: title, candidate number, semester.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 3000, 'limits.maxWords': 3500, due: '2027-12-15T14:00:00+01:00', timeZone: 'CET', 'late.cutoffDays': 0, referenceStyle: 'Chicago'},
  },
  {
    text: `Poster assignment

+ A1, portrait, PDF, file size between 1 and 25 MB
+ font size: title 72 pt or larger, body 24 pt or larger
+ 300–500 words in total
+ upload by 23:59 PST on Sunday, January 31, 2027; grace period of 2 hours
+ -25% per day after that; nothing accepted after 3 days
+ name the file LastFirst_Poster.pdf
+ posters will be peer-graded anonymously`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'limits.minWords': 300, 'limits.maxWords': 500, 'naming.pattern': 'LastFirst_Poster.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-01-31T23:59:00-08:00', timeZone: 'PST', 'late.percentPerDay': 25, 'late.cutoffDays': 3, 'layout.fontSizePt': 24, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `UNIT GUIDE  ECON2010 Labour Markets  Semester 1, 2027

Teaching staff
Unit coordinator: Dr. Imke Rautenberg, room 3.17, consultation Wednesdays 11:00-12:00

Assessment overview
Task                     Weight   Due                           Hurdle
Online quiz 1-4          20%      Weeks 3, 5, 8, 11             no
Policy memo              30%      Friday 9 April 2027, 5pm      no
Final exam               50%      Exam period                   yes

Policy memo: details
You write a memo of no more than 1,200 words to a minister. It must cite at least five sources (Harvard). Save it as a PDF named ECON2010_memo_studentID.pdf and submit it through the unit site. The site allows one submission only. A penalty of 5% of the available marks applies for each calendar day that it is late, and memos more than 7 days late are not marked. Memos are processed by text-matching software. You need not put your name on it.

Quizzes
Quizzes open on Monday 9:00 and close on Friday 17:00. You have two attempts; the higher mark counts.

Exam
Two hours, closed book. Supplementary exams are held on 12 July 2027.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1200, 'naming.pattern': 'ECON2010_memo_studentID.pdf', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-04-09T17:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'Harvard'},
  },
  {
    text: `Welcome to week 7!

This week: lecture on Thursday 18 February (slides as PDF below), seminar on Friday 19 February. Please read Mbeki-Strand (2016), pp. 45-78, before the seminar.

Reminder: essay 1 was due on 12 February. If you have not handed it in yet, please do so by 19 February, 5 marks per day are taken off.
Essay 2 is due on 19 March 2027 at 16:00. Max. 2,000 words, Word or PDF, anonymous.
Essay titles are on the page "Essays". There are office hours on 10 March if you have questions.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2000, anonymous: true, parts: [{label: 'essay 1', opens: null, due: '2027-02-12'}, {label: 'Essay 2', opens: null, due: '2027-03-19T16:00:00'}]},
  },
  {
    text: `Ethics: if you interview people you need approval (form E1, PDF, 2 pages) before you start. Send it to the ethics officer by 1 February 2027. Interviewees must be anonymised in your dissertation.

Dissertation: 12,000 words maximum, excluding references and appendices. Two supervisors will mark it; they know who you are, so it's not anonymous. Deadline 3 May 2027, 12 noon. Upload a PDF (limit 50 MB). Please also send the data (Excel or CSV) to your supervisor by e-mail. Extensions only for medical reasons; the form for that has to be signed by a doctor.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.maxWords': 12000, anonymous: false, due: '2027-05-03T12:00:00', 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Course info in short
- Lectures: Mon 10-12, from 18 Jan 2027
- Exercises: six sheets, hand in every second Wednesday at 12:00 (first one 27 January), in pairs, on paper
- Final project: starts 1 April 2027, ends 30 April 2027, 23:59. One PDF of up to 15 pages plus a ZIP with your code (max 10 MB together). File names: names of both students, e.g. mueller_okafor.pdf
- Exam: 20 May 2027, 9:00, 90 minutes
- To pass you need 50% of the exercise points, and both project and exam`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxPages: 15}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 10000000}}], opens: '2027-04-01', due: '2027-04-30T23:59:00'},
  },
  {
    text: `From: module leader. To: HIS2000 group.
Three reminders. (1) The library tour is on 3 March at 11:00; sign up by 1 March. (2) The essay (2,500 words, PDF, exam number as file name, no names) has to be in the box "HIS2000 Essay" by 15:00 on 24 March 2027. Late essays: minus 5 per working day, zero after 5. (3) Feedback on the presentations will be posted on 12 March.`,
    says: {place: 'HIS2000 Essay', documents: [{label: 'Essay', types: ['pdf']}], 'limits.maxWords': 2500, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, due: '2027-03-24T15:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, lengths: ['maxWords']},
  },
  {
    text: `MODULE HANDBOOK p. 14
4.2 How to submit
All coursework is submitted online by 2 p.m. on the date given in the table. Accepted formats are Word and PDF; Pages files cannot be opened. Files must be smaller than 20 MB. You should use your six-digit candidate number as the file name (e.g. 123456.pdf).
Table 3
Essay 1 – 11 February 2027
Essay 2 – 29 April 2027
Penalties: 5 percentage points for each day or part of a day, to a maximum of 5 days.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 20000000, 'naming.mustContain': ['candidateNumber'], parts: [{label: 'Essay 1', opens: null, due: '2027-02-11T14:00:00'}, {label: 'Essay 2', opens: null, due: '2027-04-29T14:00:00'}], 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Essay competition / graded assignment "Rivers and Borders"

Hand in exactly one document. It should be in PDF format and mustn't be any bigger than 12MB.
It should be no shorter than 2,500 words and no longer than 3,000 words (notes included).
You may hand it in between Monday 4 October 2027, 00:00 and Sunday 31 October 2027, 23:59 (Europe/Rome).
The name of the file should be the title of your essay. It shouldn't contain your name or your matriculation number, since the jury won't be told who wrote what.
Only one entry per person; entries can't be changed after they've been handed in.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 12000000, 'limits.minWords': 2500, 'limits.maxWords': 3000, 'naming.mustContain': ['title'], 'naming.mustNotIdentify': true, opens: '2027-10-04T00:00:00+02:00', due: '2027-10-31T23:59:00+01:00', timeZone: 'Europe/Rome', 'attempts.allowed': 1, 'counting.counted': ['footnotes']},
  },
  {
    text: `ECON 3400 problem set 5
Due 2/19 at 11:59pm ET. Groups of 2-3. One PDF per group through the course page ("Problem set 5"). Max 8 MB. Late sets: 50% off up to 24h, then zero. Typed or neatly handwritten (scan it!).`,
    says: {place: 'Problem set 5', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, due: '2027-02-19T23:59:00-05:00', timeZone: 'America/New_York', 'late.cutoffDays': 1},
  },
  {
    text: `HAND-IN PLAN FOR THE THREE STAGES OF YOUR PROJECT

Stage one: concept paper. Two pages. Word. Hand in by 12 February 2027, 16:00.
Stage two: interim report. Eight pages. PDF. Hand in by 19 March 2027, 16:00.
Stage three: final report. Twenty pages. PDF, no more than 50MB. Hand in by 28 May 2027, 16:00.

The hand-in box for each stage opens ten days before its deadline. Time zone for all stages: GMT/BST.`,
    says: {documents: [{label: 'Concept paper', types: ['docx']}, {label: 'Interim report', types: ['pdf']}, {label: 'Final report', types: ['pdf'], limits: {maxBytes: 50000000, maxPages: 20}}], timeZone: 'GMT/BST', parts: [{label: 'Stage one', opens: '2027-02-02T16:00:00+00:00', due: '2027-02-12T16:00:00+00:00'}, {label: 'Stage two', opens: '2027-03-09T16:00:00+00:00', due: '2027-03-19T16:00:00+00:00'}, {label: 'Stage three', opens: '2027-05-18T16:00:00+01:00', due: '2027-05-28T16:00:00+01:00'}]},
  },
  {
    text: `This is a reminder that your lab report (module CHE1104) is due at 5pm today, Tuesday 23 February 2027. Reports are accepted as PDF through "Lab reports > Group 3". The server gets busy in the last half hour, so don't leave it till then. If you upload more than one version, the marker opens the last. Reports handed in after 5pm lose 5 marks; reports handed in after 5pm on Friday 26 February get zero.`,
    says: {place: 'Lab reports > Group 3', documents: [{label: null, types: ['pdf']}], due: '2027-02-23T17:00:00', 'attempts.keeps': 'latest', 'late.cutoffDays': 3},
  },
  {
    text: `Bachelor thesis (12 ECTS): formal requirements
Umfang / length: 40 pages, +/- 10 %
Format: A4; Arial 11 or Times New Roman 12; spacing 1.5
Abgabe / hand-in: PDF, max. 20 MB, via the examination portal; no paper copies
Frist / deadline: 31 August 2027, 23:59 CEST
Dateiname / file name: BA_Matrikelnummer_Nachname.pdf
Eidesstattliche Erklärung / declaration: signed, as last page
Spätere Abgaben / late submissions: graded 5.0 (fail)`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minPages': 36, 'limits.maxPages': 44, 'naming.pattern': 'BA_Matrikelnummer_Nachname.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-08-31T23:59:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Times New Roman'], declaration: true},
  },
  {
    text: `WRIT 150 – Unit 3: Argument

Calendar
Mon 3/1   Unit 3 assigned
Wed 3/10  Topic + working thesis (post on the board)
Mon 3/22  Rough draft, 4+ pages, bring 3 copies
Fri 3/26  Conferences
Mon 4/5   Final draft due, 11:59 p.m. PDT, 2027

What to hand in: final draft as .docx, 6–8 pages, MLA format, with your rough draft and peer comments scanned into one PDF. Late final drafts lose a third of a grade per day. You may revise once after grading, within two weeks.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minPages': 6, 'limits.maxPages': 8, due: '2027-04-05T23:59:00-07:00', timeZone: 'PDT', referenceStyle: 'MLA'},
  },
  {
    text: `Q&A session notes, 10 February

Someone asked if the appendix counts. It doesn't, but please keep it under ten pages.
Someone asked if we can use AI tools. See the policy on the web.
Someone asked about the limit again: 4,000 words plus or minus ten per cent, and yes, that's checked.
Someone asked about the date again: Monday the 12th of April 2027, at noon, and not a minute later; the box shuts by itself.
Someone asked what to call the file: exam code, underscore, module code. 
Someone asked if Word is fine. It is, and so is PDF. 
Someone asked whether names matter. Yes. Yours must not be anywhere.
Someone asked if the file can be swapped. As often as you like until noon on the 12th.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 3600, 'limits.maxWords': 4400, 'naming.pattern': '[exam code]_[module code]', 'naming.mustContain': ['candidateNumber'], due: '2027-04-12T12:00:00', 'attempts.allowed': 'unlimited'},
  },
  {
    text: `CALL FOR PAPERS – Student Symposium on Coastal Law, Carrow Sound, 4–5 November 2027

Abstracts (max. 300 words) are due by 31 May 2027; notification by 30 June. Full papers of 5,000 to 7,000 words are due by 15 September 2027. Registration closes on 1 October 2027 (early bird until 31 July).
All submissions as anonymous PDF through the symposium site (coastal-law.example/submit). Papers are reviewed by two reviewers. OSCOLA referencing. Each author may submit one paper. A prize of 500 is given to the best paper. The conference dinner is on 4 November at 19:30.`,
    says: {documents: [{label: 'Abstracts', types: ['pdf'], limits: {maxWords: 300}}, {label: 'Full papers', types: ['pdf'], limits: {minWords: 5000, maxWords: 7000}}], anonymous: true, parts: [{label: 'Abstracts', opens: null, due: '2027-05-31'}, {label: 'Full papers', opens: null, due: '2027-09-15'}], referenceStyle: 'OSCOLA'},
  },
  {
    text: `Marking scheme: Content 50, Structure 20, Style 20, References 10. Pass mark 50.

Requirements
Due 28 April 2027, 17:00 (BST). 3000 words (+/- 10%). One PDF. Size under 15MB. Font size 12, Arial, spacing 1.5. Number every page. Title page with student ID and module code (PSY3311), not your name. References in APA 7. File name "StudentID_PSY3311".

Penalties
1-24 h late: -5. 24-48 h: -10. 48-72 h: -15. More than 72 h: not marked.
More than 10% over length: -10.
Wrong file type: returned.

Marked scripts will be available from 26 May 2027.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.pattern': 'StudentID_PSY3311', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-04-28T17:00:00+01:00', timeZone: 'BST', 'late.cutoffDays': 3, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'layout.pageNumbers': true, referenceStyle: 'APA'},
  },
  {
    text: `Dear student, this automatic message confirms that you are enrolled for the resit of LIT1004 Coursework. The resit coursework opens on 5 July 2027, 09:00 and closes on 16 July 2027, 12:00 (noon). The original coursework closed on 14 May 2027. Resit marks are capped at 40. You need to hand in a new essay (1,800 words, PDF). An essay that is more than 25% identical to your first one will fail. This mailbox is not read.`,
    says: {documents: [{label: 'Essay', types: ['pdf']}], 'limits.maxWords': 1800, opens: '2027-07-05T09:00:00', due: '2027-07-16T12:00:00', lengths: ['maxWords']},
  },
  {
    text: `Please submit the lab report as a PDF document AND the data as a CSV file by 23:55 on Sunday 14 March 2027. Word limit: 1200 (excl. abstract, tables, figures and references). Use Calibri 11pt with single spacing. You can submit a maximum of 3 times. Your last attempt counts. Late: 10%/day (max 3 days).`,
    says: {documents: [{label: 'Lab report', types: ['pdf']}, {label: 'Data', types: ['csv']}], 'limits.maxWords': 1200, due: '2027-03-14T23:55:00', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri'], 'counting.left': ['abstract', 'tables', 'captions', 'references']},
  },
  {
    text: `Final assignment – instructions for students
1. The assignment consists of a written report (max 4,500 words, Word or PDF) and a recorded presentation (MP4).
2. Submit both through the assignment area on or before Wednesday, 14 April 2027, 6:00 p.m. (SGT).
3. Each file must not be larger than 200 MB.
4. Name the report <StudentID>_Report and the video <StudentID>_Video.
5. Similarity above 25% will be looked into.
6. Marks will be released on 12 May 2027.
7. Late submission: 5 marks deducted per day (including weekends). Submissions more than one week late will be given zero.`,
    says: {documents: [{label: 'Written report', types: ['docx', 'pdf'], limits: {maxWords: 4500}}, {label: 'Presentation', types: ['mp4']}], 'limits.maxBytes': 200000000, 'naming.pattern': '<StudentID>_Report', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-04-14T18:00:00+08:00', timeZone: 'SGT', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Abstracts for the student conference: max. 300 words, plain text or Word, by 15 Jan 2028 midnight. Full papers: 6-8 pages, PDF, by 1 April 2028 midnight. Review is double-blind, so remove all author information. Times are UTC.`,
    says: {documents: [{label: 'Abstracts', types: ['txt', 'docx'], limits: {maxWords: 300}}, {label: 'Full papers', types: ['pdf'], limits: {minPages: 6, maxPages: 8}}], timeZone: 'UTC', parts: [{label: 'Abstracts for the student conference', opens: null, due: '2028-01-16T00:00:00+00:00'}, {label: 'Full papers', opens: null, due: '2028-04-02T00:00:00+00:00'}]},
  },
  {
    text: `Please note that the upload closes on 30/06/2027 at 23:59 and that the clock of the server counts. Allowed formats: pdf, doc, docx, odt, rtf, txt. Size per file at most 2 GB. If your work is late, 3% of the marks are lost for every day that begins, up to 10 days. A cover sheet (available on the course page) must be completed and placed at the front.`,
    says: {documents: [{label: null, types: ['pdf', 'doc', 'docx', 'odt', 'rtf', 'txt']}], 'limits.maxBytes': 2000000000, due: '2027-06-30T23:59:00', 'late.percentPerDay': 3, 'late.cutoffDays': 10},
  },
  {
    text: `Length: 1000 words, plus or minus 50. Format: single-spaced, 1-inch margins, letter size paper, 11-point Calibri. Header: none. Do not include a title page. Due: Sun. Sept. 19 @ 11:59 PM (ET). Hand in a Word document named Last_First_HW1.docx. 3 attempts; highest counts.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 950, 'limits.maxWords': 1050, 'naming.pattern': 'Last_First_HW1.docx', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-09-19T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 3, 'layout.pageSize': 'Letter', 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri']},
  },
  {
    text: `Submission of your BSc project: 24 May 2027 (16:00). The report must have between 25 and 35 pages, excluding appendices. Typeface at least 11 points. The electronic file has to be a PDF of at most 10 MB (no password!). Put your candidate number on the front page. The report is assessed anonymously by two examiners. Appendices go into a separate ZIP archive of no more than 50 MB.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 10000000}}, {label: 'Appendices', types: ['zip'], limits: {maxBytes: 50000000}}], 'limits.minPages': 25, 'limits.maxPages': 35, anonymous: true, due: '2027-05-24T16:00:00', 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `CORRECTION 8 March: the deadline for Essay 2 is now Friday 26 March 2027 at 12 noon, not Thursday 25 March as stated before. Everything else stays: 2,500 words, Chicago style, PDF or DOCX, up to 5 MB, file name CandidateNo_Essay2.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 5000000, 'limits.maxWords': 2500, 'naming.pattern': 'CandidateNo_Essay2', 'naming.mustContain': ['candidateNumber'], due: '2027-03-26T12:00:00', referenceStyle: 'Chicago', lengths: ['maxWords']},
  },
  {
    text: `Your scanned drawings: JPEG or PNG, not more than 12 megapixels each. Upload all by 2027-05-30T18:00+02:00. You may upload as often as you want, all versions are stored. Do not write your name on the drawings.`,
    says: {documents: [{label: null, types: ['jpeg', 'png']}], 'limits.maxBytes': 12000000, anonymous: true, due: '2027-05-30T18:00:00+02:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'all'},
  },
  {
    text: `Essay question 3. "Anonymity protects informants." Discuss in 1,800 words (hard limit). Hand in: Tuesday 2 February 2027, before 10 am. As .odt, .docx or .pdf. Use footnotes (OSCOLA). Line spacing 2, font Garamond 12. Give page numbers. Papers are read by your supervisor, so do write your name on the first page.`,
    says: {documents: [{label: null, types: ['odt', 'docx', 'pdf']}], 'limits.maxWords': 1800, anonymous: false, due: '2027-02-02T10:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Garamond'], 'layout.pageNumbers': true, referenceStyle: 'OSCOLA'},
  },
  {
    text: `You will have a 48-hour window: the paper is released at 09:00 on Monday 10 May 2027 and must be returned by 09:00 on Wednesday 12 May 2027 (BST). Answer two questions, 1,200 words each maximum. One Word file. Name it with your exam code only. No resubmission is possible. Work handed in up to 30 minutes late is accepted without penalty, later work is not accepted.`,
    says: {documents: [{label: null, types: ['docx']}], 'naming.pattern': 'exam code', 'naming.mustContain': ['candidateNumber'], opens: '2027-05-10T09:00:00+01:00', due: '2027-05-12T09:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1},
  },
  {
    text: `Handing in. Where: Room upload "HIST 220 / Paper 1". When: 9 Oct 2027 by 11.59 pm EDT. What: 5–7 pages, double spaced, 12 pt font; PDF. How often: you can submit two times. Who reads it: your grader does not see your name. Check: papers are compared with a database of texts.`,
    says: {place: 'HIST 220 / Paper 1', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 5, 'limits.maxPages': 7, anonymous: true, similarityChecked: true, due: '2027-10-09T23:59:00-04:00', timeZone: 'EDT', 'attempts.allowed': 2, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `The assignment has to be submitted twice: a draft (optional, by 1 March 2027, 17:00) and the final version (by 29 March 2027, 17:00). Both as PDF. Only the final version counts. The time zone is America/Toronto.`,
    says: {documents: [{label: null, types: ['pdf']}], timeZone: 'America/Toronto', parts: [{label: 'draft', opens: null, due: '2027-03-01T17:00:00-05:00'}, {label: 'final version', opens: null, due: '2027-03-29T17:00:00-04:00'}], 'attempts.keeps': 'latest'},
  },
  {
    text: `Coursework 2 (individual)
Deadline: Monday 22 March 2027, 16:00 GMT
Submit: CS2040 page, "Coursework 2" link
What: report.pdf (no more than 5 pages, 11pt) and code.zip (no more than 5 MB)
Marks: 30
Late: University rule, 10% per day, maximum 5 days
Anonymous: yes – use your anonymous ID Zxxxxxxx as the file name prefix`,
    says: {place: 'Coursework 2', documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 5}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 5000000}}], anonymous: true, due: '2027-03-22T16:00:00+00:00', timeZone: 'GMT', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.fontSizePt': 11},
  },
  {
    text: `The take-home paper will be released at 12 noon on Thursday 13 May 2027. You then have 72 hours: your answers must reach us by 12 noon on Sunday 16 May 2027. Upload one Word or PDF file with no more than 3,600 words (footnotes included, bibliography excluded). Put your candidate number in the file name and at the top of page one. You can upload as many versions as you wish; we take the last one received before the deadline. Answers received after the deadline will not be marked.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 3600, 'naming.mustContain': ['candidateNumber'], opens: '2027-05-13T12:00:00', due: '2027-05-16T12:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Hi! My essay guidelines in brief:
Topic: free choice, ask me first
Length: 6 pages (1.5 spaced, 12pt, 2.5 cm margins)
Language: English or Dutch
Format: pdf
Deadline: Friday 2 April 2027 before midnight (Amsterdam)
Where: hand-in folder on the course page called 'Essay week 13'
Resit: only for those with a 4 or 5; new version by 7 May
Title page: your name, student number, number of words`,
    says: {place: 'Essay week 13', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, anonymous: false, due: '2027-04-03T00:00:00+02:00', timeZone: 'Europe/Amsterdam', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, lengths: ['maxPages']},
  },
  {
    text: `Your reflective account (1,000 words, ±10%) is due at 5pm on the 30th of March 2027. Submit a .doc, .docx or .pdf file, no larger than 20MB, to the "Reflective account" submission area. The work will be marked anonymously, therefore ensure your student number (not your name) appears on each page and in the file name. Late work is penalised at 5% of the maximum mark per day for up to 5 days and is awarded zero thereafter. You may make one submission only.`,
    says: {place: 'Reflective account', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 900, 'limits.maxWords': 1100, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-30T17:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Deadline has been extended!! New deadline for the Media Analysis: Sunday 28 February 2027, 23:59 (was Friday 26 February). Still 1500-2000 words, still PDF, still via the Media Analysis page. Those who already submitted can submit again, the newer file will be used.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1500, 'limits.maxWords': 2000, due: '2027-02-28T23:59:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `Term paper requirements
- Length: 15 pages, not counting cover page, contents and references (+/- 10%)
- Font: Times New Roman, 12 pt; line spacing 1.5; margins: left 3 cm, others 2.5 cm
- Page numbers bottom right
- References: APA (7th edition)
- Deliver a digital copy (PDF) by 12.02.2027, 23:59 via the platform and a printed copy to the secretariat
- File name: FamilyName_FirstName_TermPaper.pdf
- Signed statement of authenticity on the last page`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 14, 'limits.maxPages': 16, 'naming.pattern': 'FamilyName_FirstName_TermPaper.pdf', 'naming.mustContain': ['surname', 'givenNames'], 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, declaration: true, referenceStyle: 'APA'},
  },
  {
    text: `Group report: one member submits for the whole group by Thurs 8 Apr 2027 at 10 a.m. (Singapore time). Word limit: 5,000 excluding executive summary and references. Accepted format: Word only. Filename: G[group number]_Report.docx. Individual peer evaluation form (PDF) due 24 hours later, i.e. Fri 9 Apr 2027, 10 a.m. Similarity score must be under 20%.`,
    says: {documents: [{label: 'Group report', types: ['docx']}, {label: 'Individual peer evaluation form', types: ['pdf']}], 'limits.maxWords': 5000, 'naming.pattern': 'G[group number]_Report.docx', similarityChecked: true, timeZone: 'Asia/Singapore', parts: [{label: 'Group report', opens: null, due: '2027-04-08T10:00:00+08:00'}, {label: 'Individual peer evaluation form', opens: null, due: '2027-04-09T10:00:00+08:00'}], 'counting.left': ['abstract', 'references']},
  },
  {
    text: `You are allowed a single upload for this assignment. Make sure it is the right file: PDF, at most 10 pages, at most 10 MB, named with nothing but your candidate number. The upload opens on 1 June 2027 at 09:00 and closes on 4 June 2027 at 09:00 (UTC+1). The examiners will not see your name and you must not tell them. Nothing can be handed in later.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 10, 'naming.pattern': 'candidate number', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-06-01T09:00:00+01:00', due: '2027-06-04T09:00:00+01:00', timeZone: 'UTC+1', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `This is a group assignment. One member submits on behalf of the group. Report: max 20 pages (A4, 11pt font, normal margins). Deadline: Week 12, Friday 4 June 2027 at 15:00 BST. File name: Group<number>_Report.pdf. Include a title page with the names of all group members. Assessment is not anonymous. No late submissions.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 20, 'naming.pattern': 'Group<number>_Report.pdf', anonymous: false, due: '2027-06-04T15:00:00+01:00', timeZone: 'BST', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, sections: ['title page']},
  },
  {
    text: `Essay submission
Who: all second-year students
When: by 16:00 on Thursday 29 April 2027
How: online, as PDF
Length: 3,000 words max. (footnotes count, bibliography does not)
Cover sheet: yes, with candidate number
Feedback: within three weeks`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 3000, due: '2027-04-29T16:00:00', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Take-home exam: available from 8:00 on 14 June 2027; hand in no later than 20:00 on 16 June 2027. All times Central European Summer Time. 2500-3000 words + references. Typed in Times New Roman or similar, 12 pt., line spacing 1.5 lines. Save as PDF with your exam ID as file name. No names! You can upload new versions until the time is up; only the last one is kept.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2500, 'limits.maxWords': 3000, 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-06-14T08:00:00+02:00', due: '2027-06-16T20:00:00+02:00', timeZone: 'CEST', 'attempts.keeps': 'latest', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `SUBMISSION DEADLINE: 8 MARCH 2027, 3PM GMT
FORMAT: ONE PDF FILE, MAXIMUM 40 MEGABYTES
WORD LIMIT: 2,000 (+/-10%)
ANONYMOUS MARKING: YES
FILENAME: EXAM NUMBER + COURSE CODE
LATE PENALTY: 5 MARKS PER DAY UP TO 7 DAYS`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'EXAM NUMBER + COURSE CODE', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-08T15:00:00+00:00', timeZone: 'GMT', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `An extension has been approved for you until 22 March 2027, 17:00. (The original deadline was 15 March 2027, 17:00.) All other requirements remain: PDF, under 10 MB, 2,000 words maximum.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxWords': 2000, due: '2027-03-15T17:00:00', extension: '2027-03-22T17:00:00'},
  },
  {
    text: `The paper should be between 10 and 12 pages long, references not included. You may exceed the maximum by one page. Printed copies: two, A4, single-sided. Electronic copy: to the course folder "Seminar papers 2027", PDF, by 15 July 2027, 24:00. Footnotes in 10 pt, main text in 12 pt.`,
    says: {place: 'Seminar papers 2027', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 10, 'limits.maxPages': 12, due: '2027-07-16T00:00:00', 'layout.pageSize': 'A4', 'layout.fontSizePt': 12},
  },
  {
    text: `Policy: work may be handed in late for up to 5 working days; each working day costs 10% of the mark. After five working days the mark is 0. The standard deadline on this course is 12:00 noon. Essay deadline: Monday 22 February 2027.`,
    says: {due: '2027-02-22', 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `You must submit an electronic copy (Word or PDF) no later than 4pm on Friday the 23rd of April. Your file should be saved as your student number followed by the module code (for example 12345678_HI2001). Please do not password-protect it. Text must be in 12pt with double spacing and wide margins (3cm). Pages should be numbered. Submissions after the deadline will be penalised at 2% per hour to a maximum of 24 hours.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'naming.mustContain': ['studentNumber', 'courseCode'], due: '2027-04-23T16:00:00', 'layout.marginMm': 30, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true},
  },
  {
    text: `Lab notebook: scan all pages to a single PDF (colour, max 25 MB). Deadline 10/05/27 5 PM. If that is a problem tell us before 03/05/27. The 13/05/27 deadline in the old handbook is wrong.`,
    says: {documents: [{label: 'Lab notebook', types: ['pdf']}], 'limits.maxBytes': 25000000, due: '2027-05-10T17:00:00'},
  },
  {
    text: `The dissertation (max. 15 000 words incl. notes, excl. bibliography and appendices) is due on 1st September 2027 at 12.00 (noon) BST. Upload: PDF, 1 file, ≤ 100 MB. Font: 11 or 12 pt. Spacing: 1.5 or 2. Margins: 25 mm. Marking: double-blind – remove your name from the document and its properties. Your submission will be checked by plagiarism detection software. Extension for students with an approved plan: 15 September 2027 at 12.00 BST.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.maxWords': 15000, anonymous: true, similarityChecked: true, due: '2027-09-01T12:00:00+01:00', timeZone: 'BST', 'layout.marginMm': 25, 'counting.counted': ['footnotes'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Task: write a report of 6 pages (no more, no less). Submit in groups of three; one upload per group. File type .pdf. Deadline: end of week 8. Late: not possible.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 6, 'limits.maxPages': 6, 'late.cutoffDays': 0},
  },
  {
    text: `Hello, the assignment is now open. It will close at 23:59 on Sunday the 7th of March 2027 your local time. Upload .docx, please; other formats can't be read. You're allowed to try twice. 1500 words is the limit and I stop reading there.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1500, due: '2027-03-07T23:59:00', 'attempts.allowed': 2},
  },
  {
    text: `Homework 5 (due 10/14/2027 at 5:00 PM CDT). Hand in one zip file with your notebook and a README.txt, smaller than 5 MB. Name: lastname_hw5.zip. Late homework: −20% per day, none accepted after solutions are posted (10/18/2027).`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 5000000, 'naming.pattern': 'lastname_hw5.zip', 'naming.mustContain': ['surname'], due: '2027-10-14T17:00:00-05:00', timeZone: 'CDT', 'late.percentPerDay': 20},
  },
  {
    text: `Reflective portfolio, deadline Tues 11 May 2027 13:00. 4 entries of 400–600 words each. Submit as a single Word document. Use a sans-serif font such as Arial, min. 11pt. Leave 2.54cm margins. Anonymous marking does not apply to this assignment.`,
    says: {documents: [{label: null, types: ['docx']}], anonymous: false, due: '2027-05-11T13:00:00', 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.fonts': ['Arial'], 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Portfolio of photographs: 10 images (JPG, sRGB, longest side 3000 px, no more than 4MB each) plus a contact sheet in PDF. Deadline: 18.00 on 12 February 2028. EXIF data may stay. Name images 01_CandidateNumber.jpg to 10_CandidateNumber.jpg.`,
    says: {documents: [{label: 'Photographs', types: ['jpeg'], limits: {maxBytes: 4000000}}, {label: 'Contact sheet', types: ['pdf']}], 'naming.pattern': '01_CandidateNumber.jpg', 'naming.mustContain': ['candidateNumber'], due: '2028-02-12T18:00:00'},
  },
  {
    text: `CW1: Literature review
Please submit via the 'CW1 – Literature review' link by 15:00 on 8th March 2027. The file must be a PDF or a Word document, and must not exceed 30MB. The word limit is 2000 words with no additional allowance. In-text references are included in the word count; the reference list isn't. Use the filename <student number>_CW1. Your work is marked anonymously: do not include your name.
You may submit up to three times before the deadline. Each submission overwrites the last. Submissions are final once the deadline has passed.
Late submissions lose 5 percentage points for each 24-hour period, up to 120 hours, after which they receive 0.`,
    says: {place: 'CW1 – Literature review', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 30000000, 'limits.maxWords': 2000, 'naming.pattern': '<student number>_CW1', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-08T15:00:00', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'counting.left': ['references']},
  },
  {
    text: `Assignment: Feature article
Who: everybody in groups 3 and 4
What: one article of 1,800 to 2,200 words, plus three photographs (JPEG, each under 4 MB)
When: text by Tuesday 13 April 2027 at 18:00, photographs by Thursday 15 April 2027 at 18:00
Where: "Feature" folder, one subfolder per student
How: text as .docx; photos named surname_1.jpg, surname_2.jpg, surname_3.jpg`,
    says: {place: 'Feature', documents: [{label: 'Photographs', types: ['jpeg'], limits: {maxBytes: 4000000}}, {label: 'Text', types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'surname_1.jpg', 'naming.mustContain': ['surname'], parts: [{label: 'text', opens: null, due: '2027-04-13T18:00:00'}, {label: 'photographs', opens: null, due: '2027-04-15T18:00:00'}]},
  },
  {
    text: `Notice: the submission deadline for dissertations in the School of Music is 12:00 on Thursday 6 May 2027. Dissertations must not exceed 10,000 words (footnotes included; appendices, bibliography and musical examples excluded). Candidates submit one PDF and, where relevant, one audio file (MP3 or WAV). The candidate number must appear on the title page and in the file name; the candidate's name must not appear anywhere. Work submitted up to 14 days late is accepted with a penalty of 5 marks for the first day and 1 mark for each further day.`,
    says: {documents: [{label: null, types: ['pdf']}, {label: 'Audio file', types: ['mp3']}], 'limits.maxWords': 10000, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-06T12:00:00', 'late.cutoffDays': 14, 'counting.counted': ['footnotes'], 'counting.left': ['appendices', 'references']},
  },
  {
    text: `Your seminar paper (Hausarbeit) should be 12 to 15 pages long (Times New Roman 12, line spacing 1.5, margins 2.5 cm). Hand-in is until September 15, 2027 (23:59 CEST). Please upload a PDF file. The title page should contain: your name, matriculation number, e-mail, semester, title of the seminar. A signed "Declaration of Authorship" needs to be attached. If you need more time, talk to me before September 1.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, anonymous: false, due: '2027-09-15T23:59:00+02:00', timeZone: 'CEST', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `Lab 2 due 3/12 by 11:59pm (ET). Pdf. 1 submission per pair, put both names on it. 4 pages max not counting the appendix w/ code. -10%/day late, 3 day max. Regrade requests within a week.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 4, anonymous: false, due: '2027-03-12T23:59:00-05:00', timeZone: 'America/New_York', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `The essay counts for 100% of the module mark. It is 3,500 words long; essays that are more than 10% longer or shorter lose marks. It is submitted electronically on or before 1 May 2027, 12 midday, as PDF. Anonymity: the essays are anonymous until the marks have been agreed. Number of attempts: 1. Feedback: individually, by appointment, from 7 June.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 3150, 'limits.maxWords': 3850, anonymous: true, due: '2027-05-01T12:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Submission deadline
~~Monday 8 March 2027, 12:00~~ UPDATED: Wednesday 10 March 2027, 12:00 GMT
Length: 1,500 words (+10%)
Type: .docx only
Name: do not include; use candidate no.
Originality check: yes`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1650, similarityChecked: true, due: '2027-03-10T12:00:00+00:00', timeZone: 'GMT'},
  },
  {
    text: `Assignment 2 – Ethnographic fieldnotes
Due Friday 23rd April, 11:55pm. Submit through the course site (Assignments → Fieldnotes).
Format: Word document, 12pt font, 1.5 spacing, 2000–2500 words. Please number your pages and put your name and SID at the top of the first page.
Filename: SID_Surname_Fieldnotes.docx
Extensions must be requested via the online form at least 24 hours before the due date. Late work: 5% per calendar day; zero after 10 calendar days.`,
    says: {place: 'Assignments → Fieldnotes', documents: [{label: null, types: ['docx']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, 'naming.pattern': 'SID_Surname_Fieldnotes.docx', 'naming.mustContain': ['studentNumber', 'surname'], anonymous: false, due: '2027-04-23T23:55:00', 'late.percentPerDay': 5, 'late.cutoffDays': 10, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true},
  },
  {
    text: `Exam paper: International Humanitarian Law. The paper is open from 9 a.m. on Monday 24 May 2027 until 9 a.m. on Tuesday 25 May 2027 (Geneva time). Answers: at most 2,000 words in all, in English or French, one PDF without any indication of your name: use the anonymous number sent to you. Footnotes count, a bibliography is not required. Only one file can be uploaded, and it cannot be exchanged. Answers that arrive after 9 a.m. on Tuesday are not corrected.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], 'limits.maxWords': 2000, anonymous: true, opens: '2027-05-24T09:00:00+02:00', due: '2027-05-25T09:00:00+02:00', timeZone: 'Europe/Zurich', 'attempts.allowed': 1, 'late.cutoffDays': 0, 'counting.counted': ['footnotes']},
  },
  {
    text: `Thesis proposal (max. 3 pages, A4, references on top of that) → PDF → e-mail to thesis@econ.example → before 1 December 2026, 17h. Put "Proposal" + your surname in the subject. File: Proposal_Surname.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 3, 'naming.pattern': 'Proposal_Surname.pdf', 'naming.mustContain': ['surname'], due: '2026-12-01T17:00:00', 'layout.pageSize': 'A4'},
  },
  {
    text: `GUIDELINES FOR ESSAYS IN ART HISTORY
Length: Essays of more than 3,300 words or fewer than 2,700 words are returned.
Illustrations: at the end, with captions; they don't count.
Type: Garamond, Georgia or Times, 12 points, lines 1.5 apart.
Name of author: only on the separate cover sheet (.docx), never in the essay (.pdf).
Day and hour: 11 March 2027, 17.00. 
Place: Art History office inbox on the learning site.`,
    says: {place: 'Art History office inbox on the learning site', documents: [{label: 'Cover sheet', types: ['docx']}, {label: 'Essay', types: ['pdf'], limits: {minWords: 2700, maxWords: 3300}}], anonymous: true, due: '2027-03-11T17:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Garamond', 'Georgia', 'Times']},
  },
  {
    text: `Hey folks, the wiki says Mar 5 for the lab report but that's the OLD date. It's Mar 12, 2027, 6pm. Same upload link as last time. Keep it under 8 pages and under 10 MB, pdf. Names of both lab partners on page 1. Cheers, Ravi`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 7, anonymous: false, due: '2027-03-12T18:00:00'},
  },
  {
    text: `Final assignment: The final assignment is to be submitted on 18 June 2027 between 08.00 and 16.00 through the digital exam portal. It must be in PDF format. The extent is 10 standard pages (24,000 characters including spaces). All group members must log in and sign the declaration of honour. An assignment submitted later than 16.00 will be rejected by the system.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, opens: '2027-06-18T08:00:00', due: '2027-06-18T16:00:00', 'late.cutoffDays': 0, declaration: true, lengths: ['maxPages']},
  },
  {
    text: `Assessment brief
Module: SOC1104 Introduction to Social Research
Assessment type: Critical review (individual)
Weighting: 30%
Submission date and time: 18/03/2027 14:00
Word count: 1,500 (excluding references)
Submission format: MS Word document
Anonymous: Yes, use your candidate number
Feedback date: 15/04/2027
Learning outcomes: 1, 3 and 4
Late submissions are subject to a deduction of 10 marks for each 24 hours up to 48 hours; after 48 hours a mark of zero is recorded.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1500, anonymous: true, due: '2027-03-18T14:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 2, lengths: ['maxWords'], 'counting.left': ['references']},
  },
  {
    text: `Your group report (PDF; at most 8,000 words; at most 20 MB) and each member's individual statement (DOCX; 300 words) must be submitted by 9 a.m. on 17 May 2027. Name the report Group_XX.pdf and the statement by your student ID.`,
    says: {documents: [{label: 'Group report', types: ['pdf'], limits: {maxBytes: 20000000, maxWords: 8000}}, {label: 'Individual statement', types: ['docx']}], 'naming.pattern': 'Group_XX.pdf', due: '2027-05-17T09:00:00'},
  },
  {
    text: `Hand in deadline: Thursday 11th March at 12 (midday). I will be using software that checks for similarity. Please write in 1.5 line spacing, Calibri size 12, and save as a Word 97-2003 (.doc) or newer (.docx). Please, don't exceed 4 sides of A4.`,
    says: {documents: [{label: null, types: ['doc', 'docx']}], 'limits.maxPages': 4, similarityChecked: true, due: '2027-03-11T12:00:00', 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Calibri']},
  },
  {
    text: `Due dates: Section 1: Monday 8 Feb 2027 10:00; Section 2: Tuesday 9 Feb 2027 10:00. Your section is on your timetable. 1 attempt. File: .pdf < 5MB.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, parts: [{label: 'Section 1', opens: null, due: '2027-02-08T10:00:00'}, {label: 'Section 2', opens: null, due: '2027-02-09T10:00:00'}], 'attempts.allowed': 1},
  },
  {
    text: `The final paper is due in my mailbox AND electronically by 5:00 p.m. on Friday, December 10 (no exceptions!). The electronic version needs to be a PDF. Aim for roughly 15 pages. Use Chicago footnotes. Include page numbers, a title, and your name in the top left corner.`,
    says: {documents: [{label: null, types: ['pdf']}], anonymous: false, due: '2027-12-10T17:00:00', 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `Please upload your file between 10 May 2027 09:00 and 14 May 2027 17:00 (CEST). File types: pdf; docx; odt. Maximum: 15MB / 30 pages. You have three attempts. The last version uploaded before the deadline will be assessed, previous versions are overwritten.`,
    says: {documents: [{label: null, types: ['pdf', 'docx', 'odt']}], 'limits.maxBytes': 15000000, 'limits.maxPages': 30, opens: '2027-05-10T09:00:00+02:00', due: '2027-05-14T17:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 3, 'attempts.keeps': 'latest'},
  },
  {
    text: `DEADLINES
Proposal (1 page): 22 Jan 2027, 17:00
Draft (optional): 19 Feb 2027, 17:00
Final paper (12-15 pages): 26 Mar 2027, 17:00
All in PDF. All times GMT.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, timeZone: 'GMT', parts: [{label: 'Proposal', opens: null, due: '2027-01-22T17:00:00+00:00'}, {label: 'Draft (optional)', opens: null, due: '2027-02-19T17:00:00+00:00'}, {label: 'Final paper', opens: null, due: '2027-03-26T17:00:00+00:00'}]},
  },
  {
    text: `Submissions must be anonymous: use only your exam candidate number. The file name must not reveal your identity. Formats allowed: any common text format (.docx, .odt, .pdf), no Pages or Google links. Length: not less than 2,800 and not more than 3,200 words. Deadline Tuesday the 4th of May 2027 at noon, local time in Edinburgh.`,
    says: {documents: [{label: null, types: ['docx', 'odt', 'pdf']}], 'limits.minWords': 2800, 'limits.maxWords': 3200, 'naming.mustNotIdentify': true, anonymous: true, due: '2027-05-04T12:00:00+01:00', timeZone: 'Europe/London'},
  },
  {
    text: `Upload two files: (a) the thesis as PDF, max 50 MB; (b) a signed declaration as PDF or JPG, max 2 MB. Thesis limit: 80 pages without appendices. Printed copies are not needed. Last day: 31 August 2027. Print settings: A4, one-sided, margins left 3.5 cm, right 2.5 cm.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 50000000, maxPages: 80}}, {label: 'Signed declaration', types: ['pdf', 'jpeg'], limits: {maxBytes: 2000000}}], due: '2027-08-31', 'layout.pageSize': 'A4', declaration: true},
  },
  {
    text: `You may hand in as many drafts as you like; the most recent one at the deadline (Mon 12 April 2027, 08:00) is what we grade. Hand-ins after 08:00 are flagged late and lose 1 point per hour. Format .pdf, 4-6 pages, 11pt, any font.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 4, 'limits.maxPages': 6, due: '2027-04-12T08:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'layout.fontSizePt': 11},
  },
  {
    text: `Submit through the library's e-deposit by 15.05.2027 (12 Uhr). Umfang: 20 Seiten. Format PDF/A-1b. Dateiname: Nachname_Vorname_Titel.pdf`,
    says: {documents: [{label: null, types: ['pdf']}], 'naming.pattern': 'Nachname_Vorname_Titel.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-05-15T12:00:00', archival: 'PDF/A-1b'},
  },
  {
    text: `Word limit 2000 words. The word limit is strict: markers stop reading at 2000 words. Text in tables counts, captions and reference list do not. Submit a .docx with your student number in the header; do not include your name. Turn on page numbering. Due 23 March 2027 at 4 pm; the upload stays open until 30 March 2027 at 4 pm for late work (5% per day).`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, anonymous: true, due: '2027-03-23T16:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'counting.counted': ['tables'], 'counting.left': ['captions', 'references']},
  },
  {
    text: `ASSIGNMENT 3: POLICY MEMO
Write a two-page memo (single-spaced) to a minister. 800-1000 words.
Due: Wed 24 March 2027, 9:30 AM (before class).
Hand in on paper and as .docx. The upload accepts one file of up to 16 MB.
Your name must be on the memo. Cite sources in footnotes.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 16000000, 'limits.minWords': 800, 'limits.maxWords': 1000, anonymous: false, due: '2027-03-24T09:30:00', 'layout.lineSpacing': 1},
  },
  {
    text: `Your assignment is late if it arrives after 23:59 on 9 April 2027. A penalty of 5% of the maximum mark will be applied per day (weekends included) for the first five days. After five days you receive 0. You may upload your assignment up to five times; all uploads are logged, the final one is assessed. Max. upload 100MB. No specific format but PDF preferred.`,
    says: {'limits.maxBytes': 100000000, due: '2027-04-09T23:59:00', 'attempts.allowed': 5, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Exam essay. Please do not exceed 2 sides of A4. Size 12 font. Return by email to the office (exams@uni.example) by Monday 15 March 2027, 9am as a Word or PDF attachment labelled with your exam number. Anonymity: we mark by number.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxPages': 2, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-15T09:00:00', 'layout.pageSize': 'A4', 'layout.fontSizePt': 12},
  },
  {
    text: `Group presentation slides: PowerPoint or PDF, at most 10 slides, due 1 Feb 2028 at 10:00. Individual reflection: 500 words (±10 %), PDF, due 8 Feb 2028 at 10:00. Both to be submitted in "LING2100 – Assessment". Late penalty 10 points a day.`,
    says: {place: 'LING2100 – Assessment', documents: [{label: 'Slides', types: ['pptx', 'pdf']}, {label: 'Individual reflection', types: ['pdf'], limits: {minWords: 450, maxWords: 550}}], parts: [{label: 'Group presentation slides', opens: null, due: '2028-02-01T10:00:00'}, {label: 'Individual reflection', opens: null, due: '2028-02-08T10:00:00'}], 'late.percentPerDay': 10},
  },
  {
    text: `For the resubmission (capped at 40%), upload a revised version by 2 August 2027, 12:00 noon. The original submission date was 3 May 2027. The resubmission has the same word limit as the first (2,500) and must be in PDF or Word. Highlight your changes. Anonymous marking applies.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], anonymous: true, due: '2027-08-02T12:00:00'},
  },
  {
    text: `The deadline for submission is 12pm (noon), Thursday 6 May 2027. Deadline times are UK times. Submissions received even one second after the deadline will be treated as late. Late work is capped at 40% for up to one week and not accepted after that. File naming: [Candidate number] [module code] [question number]. Margins must be no less than 2.5cm. Font Arial, not smaller than 11 point.`,
    says: {'naming.pattern': '[Candidate number] [module code] [question number]', 'naming.mustContain': ['candidateNumber'], due: '2027-05-06T12:00:00+01:00', timeZone: 'Europe/London', 'late.cutoffDays': 7, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.fonts': ['Arial'], 'layout.atLeast': ['marginMm', 'fontSizePt']},
  },
  {
    text: `Es gilt: submission by Friday, 2 July 2027, 3:00 p.m. CEST. Please submit your exposé as one PDF (5 pages max, 1.5-spaced). Late exposés: not accepted. Resubmission before the deadline: possible, replaces the former version.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 5, due: '2027-07-02T15:00:00+02:00', timeZone: 'CEST', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.lineSpacing': 1.5},
  },
  {
    text: `Coursework 2 (70%): 3,500 words, due in Week 11 – 14 December 2027, 16:00. You have to hand in (i) the essay; (ii) a reading log of one page. Put both into one Word file. Blind marking. Use candidate number in filename, e.g. "Y1234567.docx".`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 3500, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-12-14T16:00:00', lengths: ['maxWords']},
  },
  {
    text: `Please read: Submissions can be made from 08:00 on 1 June 2027. The portal closes at 16:00 sharp on 8 June 2027. PDF only; scanned images of text are not accepted because text must be searchable. Fonts must be embedded. Max. 12 MB. No passwords, no comments, no tracked changes. Title page: title, candidate number, word count (max. 7,000 words including footnotes, excluding bibliography and appendices).`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 12000000, 'limits.maxWords': 7000, opens: '2027-06-01T08:00:00', due: '2027-06-08T16:00:00', 'counting.counted': ['footnotes'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `PHIL 201 — Paper topics
Choose one. Papers should be 1,200–1,500 words (about 5 pages). Submit your paper on the course page under "Paper 2" by Sunday, March 14, 2027, 11:59 PM EDT. I accept .pdf and .docx files. You may revise and resubmit any number of times before the due date. A late paper loses a third of a letter grade per day.`,
    says: {place: 'Paper 2', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.minWords': 1200, 'limits.maxWords': 1500, due: '2027-03-14T23:59:00-04:00', timeZone: 'EDT', 'attempts.allowed': 'unlimited'},
  },
  {
    text: `Fristen / Deadlines
Topic registration: 15 January 2027
Thesis submission: 15 June 2027, 12:00 CEST
Defence: 1 July 2027
Format: PDF/A, max 30 MB. Length: 60 pages (+/- 10%).`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.minPages': 54, 'limits.maxPages': 66, due: '2027-06-15T12:00:00+02:00', timeZone: 'CEST', archival: 'PDF/A'},
  },
  {
    text: `Write a literature review of at least 2500 and at most 3000 words, to be delivered as an ODT or PDF file by 1 pm on the 5th of April 2027. The maximum upload is 8 MiB. Please leave margins of one inch and use a 12 pt serif font, one-and-a-half spaced. Do not number the pages; our system stamps them. References in Chicago style. Your tutor will know who you are.`,
    says: {documents: [{label: 'Literature review', types: ['odt', 'pdf']}], 'limits.maxBytes': 8388608, 'limits.minWords': 2500, 'limits.maxWords': 3000, due: '2027-04-05T13:00:00', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': false, referenceStyle: 'Chicago'},
  },
  {
    text: `Assignment 2 – Submission information
Due date: Monday, 19 April 2027
Due time: 17:00 (SAST)
Number of attempts: 2
File format: PDF
Maximum file size: 10 MB
Naming convention: Surname_StudentNumber_A2
Plagiarism check: enabled
Late submission: allowed until 22 April 2027 17:00 with 10% penalty per day`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.pattern': 'Surname_StudentNumber_A2', 'naming.mustContain': ['studentNumber', 'surname'], similarityChecked: true, due: '2027-04-19T17:00:00+02:00', timeZone: 'SAST', 'attempts.allowed': 2, 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `The report should be no fewer than 3 and no more than 5 pages (A4, Arial 10 or larger, single-spaced, margins 2 cm). Put it in the shared folder "Field week 2027" as a PDF named by group, e.g. GroupB.pdf. Hand in by Sun 20/06/27 18:00. Feedback on Fri 25/06/27.`,
    says: {place: 'Field week 2027', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 3, 'limits.maxPages': 5, due: '2027-06-20T18:00:00', 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 10, 'layout.lineSpacing': 1, 'layout.fonts': ['Arial'], 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `On Tue, 2 Feb 2027 at 10:14, the course office wrote:
> Dear students,
> the essays are due on 1 March 2027 at 10:00.
Dear students,
please disregard the date in the mail below. The essays are due on 8 March 2027 at 10:00 (CET).
They should be 2,000-2,500 words long, in 12 pt type with 1.5 spacing.`,
    says: {'limits.minWords': 2000, 'limits.maxWords': 2500, due: '2027-03-08T10:00:00+01:00', timeZone: 'CET', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5},
  },
  {
    text: `Thesis: hard deadline 15 September 2027 at 23:59 hrs. Please use the template. Maximum length 20,000 words (including footnotes but excluding front matter, bibliography and appendices). Upload the thesis in PDF format (max. 20MB) and the appendices as a zip file (max. 100 MB). Put your student number, not your name, on the cover. You have only one attempt!`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 20000000}}, {label: 'Appendices', types: ['zip'], limits: {maxBytes: 100000000}}], 'limits.maxWords': 20000, anonymous: true, due: '2027-09-15T23:59:00', 'attempts.allowed': 1, 'counting.counted': ['footnotes'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `What to hand in: a poster (PDF, A0 portrait, no more than 20MB).
When: before 9am on 3rd December 2027.
Who: in pairs; only one of you uploads.
How many times: as often as needed; the newest version wins.
Name: both student numbers, separated by an underscore.`,
    says: {documents: [{label: 'Poster', types: ['pdf']}], 'limits.maxBytes': 20000000, 'naming.mustContain': ['studentNumber'], due: '2027-12-03T09:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest'},
  },
  {
    text: `Weekly responses (300 words) are due every Sunday at 22:00. The final essay, 3000 words, is due on Sunday 16 May 2027 at 22:00. Use .docx for all. Grading is not blind. MLA, double-spaced, 12-point font, one-inch margins.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 3000, anonymous: false, due: '2027-05-16T22:00:00', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, referenceStyle: 'MLA', lengths: ['maxWords']},
  },
  {
    text: `Coursework deadline (Term 2): 26/02/2027, 15.00. Coursework must be word-processed in at least 11 pt, with one and a half line spacing and margins of 2.5 cm or more. It must not exceed 2,000 words. Penalty for over-length work: 5 marks for every 10% over. Your candidate number, the module code and the word count must be on the first page. Do not put your name. Submission is by PDF upload only and cannot be reversed.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2000, anonymous: true, due: '2027-02-26T15:00:00', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.atLeast': ['marginMm', 'fontSizePt']},
  },
  {
    text: `Practical report 4
1. Deadline: 7 days after your lab session, 12:00.
2. Length: max 6 pages including figures.
3. File: PDF (< 8 MB), file name P4_<initials>_<student no>.pdf
4. Anonymity is not required.
5. Raw data: attach as .csv or .xlsx.
6. Late reports: minus 20 % per started day.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 8000000}}, {label: 'Raw data', types: ['csv', 'xlsx']}], 'limits.maxPages': 6, 'naming.pattern': 'P4_<initials>_<student no>.pdf', 'naming.mustContain': ['studentNumber', 'initials'], anonymous: false, 'late.percentPerDay': 20},
  },
  {
    text: `Notice: owing to the outage on 3 March the deadline for HIS2201 has been extended from Thursday 4 March 2027, 12:00 to Monday 8 March 2027, 12:00 (GMT). Work already handed in may be replaced until then. All other rules apply: DOCX or PDF, up to 2,500 words, anonymous.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2500, anonymous: true, due: '2027-03-08T12:00:00+00:00', timeZone: 'GMT', 'attempts.keeps': 'latest'},
  },
  {
    text: `FINAL PROJECT. Hand in by December 9, 2027, 11:59pm Pacific. 15–20 pages, Times New Roman 12 pt, double-spaced, one-inch margins. PDF only. Filename must be LASTNAME-FINAL.pdf. Unlimited submissions until the deadline; only the final submission will be graded. Every paper is checked for similarity. Late work: 10% off per day, up to 5 days.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 15, 'limits.maxPages': 20, 'naming.pattern': 'LASTNAME-FINAL.pdf', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-12-09T23:59:00-08:00', timeZone: 'America/Los_Angeles', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `Case Study 1: how to submit
Please submit your case study (Word or PDF; max 2,200 words) via the course page not later than Monday, 22nd March 2027 at 11:55am Irish time. Use the file name CS1-[your student number]. Do not zip. Only your first submission will be marked, so make sure it is the right file.`,
    says: {documents: [{label: 'Case study', types: ['docx', 'pdf']}], 'limits.maxWords': 2200, 'naming.pattern': 'CS1-[your student number]', 'naming.mustContain': ['studentNumber'], due: '2027-03-22T11:55:00+00:00', timeZone: 'Europe/Dublin', 'attempts.allowed': 1},
  },
  {
    text: `Final report
due: 30.6.2027
pages: max 40
language: English
format: pdf (main report), xlsx (calculations)
upload limit: 64 MB in total
fonts: Arial/Helvetica 11
citations: IEEE`,
    says: {documents: [{label: 'Main report', types: ['pdf']}, {label: 'Calculations', types: ['xlsx']}], 'limits.maxBytes': 64000000, 'limits.maxPages': 40, due: '2027-06-30', 'layout.fontSizePt': 11, 'layout.fonts': ['Arial', 'Helvetica'], referenceStyle: 'IEEE'},
  },
  {
    text: `I need your reviews by midnight on Friday, 12 March 2027. Keep it to one page. Send a .docx, not a PDF, because I comment in the file. Late ones lose a point a day. If you want to revise, just upload again, I look at whatever is there at midnight.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxPages': 1, due: '2027-03-13T00:00:00', 'late.percentPerDay': 1},
  },
  {
    text: `Students must submit their work anonymously through the "Dissertations 2027" folder. Deadline: 3 pm, 7 May 2027 (GMT+1). Max size is 50 MB. The maximum length is 12,000 words; the minimum is 8,000. Abstract: 250 words. Use 2.5 cm margins, double spacing, and a 12-point typeface.`,
    says: {place: 'Dissertations 2027', 'limits.maxBytes': 50000000, 'limits.minWords': 8000, 'limits.maxWords': 12000, anonymous: true, due: '2027-05-07T15:00:00+01:00', timeZone: 'GMT+1', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `Assessment details: Written examination (take-home). Release: 10/06/2027 10:00. Deadline: 17/06/2027 10:00. Reading time is included. Upload one PDF of up to 2500 words, excluding figures. Multiple uploads are possible, but every new file deletes the previous one.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2500, opens: '2027-06-10T10:00:00', due: '2027-06-17T10:00:00', 'attempts.keeps': 'latest', 'counting.left': ['captions']},
  },
  {
    text: `Lab portfolio: 5 lab reports combined into one PDF (≤ 30 pages). It should be submitted by Friday 28 May 2027 before 17:00 hours. Markers will not know your identity. Penalty for lateness: 10 percent for the first day, 20 percent for the second; thereafter zero.`,
    says: {documents: [{label: 'Lab portfolio', types: ['pdf']}], 'limits.maxPages': 30, anonymous: true, due: '2027-05-28T17:00:00', 'late.cutoffDays': 2},
  },
  {
    text: `Term paper guidelines: 12 pt Garamond, 1.5 spacing; 3 cm margins; 15 pages ± 1; footnotes, not endnotes. Hand in a paper copy and email a PDF by 1 August 2027. Statement of authorship required (signed). Students with extended deadlines: 1 September 2027.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 14, 'limits.maxPages': 16, due: '2027-08-01', 'layout.marginMm': 30, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Garamond'], declaration: true},
  },
  {
    text: `Reminder: The portal opens Tuesday 6 April 2027 at 8am and closes Tuesday 20 April 2027 at 8pm. Times are in CEST. There is no word limit but you may not exceed 30 pages. File size: 50MB maximum. Submit once. You cannot change the file afterwards. Include your matriculation number on every page but never your name.`,
    says: {'limits.maxBytes': 50000000, 'limits.maxPages': 30, anonymous: true, opens: '2027-04-06T08:00:00+02:00', due: '2027-04-20T20:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1},
  },
  {
    text: `Abgabe: The deadline for the seminar paper (Hausarbeit) is 31.03.2027, 24:00. Length 12-15 pages (approx. 30,000 characters), 1.5 line spacing, Arial 11 or Times New Roman 12, margins: left 3 cm, right 3 cm, top 2.5 cm, bottom 2 cm. PDF file. The declaration of independent work must be signed and included. File name: Surname_Firstname_Seminar.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Surname_Firstname_Seminar.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-04-01T00:00:00', 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Times New Roman'], declaration: true},
  },
  {
    text: `Poster (A1, PDF, max. 30 MB): due 22 March 2027 at 17:00. Reflective statement (DOCX, 500 words max): due 26 March 2027 at 17:00. All times UK.`,
    says: {documents: [{label: 'Poster', types: ['pdf'], limits: {maxBytes: 30000000}}, {label: 'Reflective statement', types: ['docx'], limits: {maxWords: 500}}], timeZone: 'Europe/London', parts: [{label: 'Poster', opens: null, due: '2027-03-22T17:00:00+00:00'}, {label: 'Reflective statement', opens: null, due: '2027-03-26T17:00:00+00:00'}]},
  },
  {
    text: `LAW 3011 — Jurisprudence
Summative coursework: submission instructions

1. Your essay must not exceed 3,000 words. Footnotes count towards the limit; the bibliography does not.
2. Essays exceeding the limit by up to 10% lose two marks; those more than 10% over lose five marks and the examiner stops reading at 3,300 words.
3. The deadline is 2.00 p.m. on Thursday 18th March 2027. Essays received after that time but within 24 hours will be capped at 40. Essays received more than 24 hours late receive zero.
4. Essays are anonymously marked. Write your examination number on the first page and in the header. Your name must appear nowhere.
5. Upload a single Word document (.doc or .docx). PDFs cannot be accepted.
6. Use OSCOLA.
7. Font: Garamond or Times New Roman, 12 point, with 1.5 line spacing; footnotes in 10 point.`,
    says: {documents: [{label: null, types: ['docx', 'doc']}], 'limits.maxWords': 3000, anonymous: true, due: '2027-03-18T14:00:00', 'late.cutoffDays': 1, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Garamond', 'Times New Roman'], referenceStyle: 'OSCOLA', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `NURS 3300 – Reflective account: what markers look for and how to send it

Please send your account as an e-mail attachment? No: e-mailed work is not accepted. Use the hand-in page for NURS 3300, which opens on 8 March 2027 at 9 am and closes on 22 March 2027 at 3 pm GMT.

Words: 1,500 (a tolerance of 10 % above is permitted; there is no lower limit).
Confidentiality: do not name patients, staff or the placement. Your own name must not appear either as the work is marked anonymously; use your student number in the file name and as a header.
Late: work up to 5 working days late is capped at the pass mark. After that it is not marked.
Fonts: Arial 11 or larger. Line spacing: 1.5. File: .docx (preferred) or .pdf, up to 5 MB.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 5000000, 'limits.maxWords': 1650, 'naming.mustContain': ['studentNumber'], anonymous: true, opens: '2027-03-08T09:00:00+00:00', due: '2027-03-22T15:00:00+00:00', timeZone: 'GMT', 'late.cutoffDays': 5, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `ASSIGNMENT 4 -- Heat exchangers
Answer all questions. Show working.
Hand in: scanned or typed, as ONE pdf, max 15MB, via the course page ("Assignment 4"), no later than Mon 8 Mar 2027 0900h.
Handwritten solutions must be scanned at 200 dpi or better, in black and white, upright and in order.
Put name + student no. on every sheet.
Late: -20%/day. Solutions posted Thu 11 Mar, nothing accepted after that.`,
    says: {place: 'Assignment 4', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, due: '2027-03-08T09:00:00', 'late.percentPerDay': 20},
  },
  {
    text: `Dear student,

your resit has been set. Please hand in a new version of your policy brief by 1 July 2027, 4 pm (Central European Summer Time). The brief may have at most 4 pages including annexes and must be a PDF of no more than 8 MB. The file name is to consist of your surname, your first name and the words "policy brief", separated by underscores. Only one upload is possible, so check the file beforehand. As this is a resit, the mark is limited to 60 %. The brief will again be compared with other texts.

Kind regards, Examinations office`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxPages': 4, 'naming.pattern': '[surname]_[first name]_policy brief', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-07-01T16:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1},
  },
  {
    text: `From: Prof. A. Teller
To: chem-4102-list
Subject: Lab report 3 - what I need from you

Hi everyone,

quick reminder about report 3 (titration of unknown acid). I'd like it by Friday, Feb 26 at 5 pm at the latest - that's Mountain Time for those of you travelling. Put it in the "Report 3" folder on the course site, as a PDF please, and keep the file under 10 megs because the preview chokes on anything bigger.

Filename: lastname_firstname_R3.pdf. Length is up to you but I've never seen a good one under four pages or over eight.

You can re-upload as many times as you want before the cutoff; I only grade whatever is there last. If it's late it's 15% off per day, and after three days I won't take it.

Everything is run through the plagiarism detector, so cite your sources (ACS style).

Best,
AT`,
    says: {place: 'Report 3', documents: [{label: 'Report', types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.pattern': 'lastname_firstname_R3.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-02-26T17:00:00-07:00', timeZone: 'America/Denver', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 15, 'late.cutoffDays': 3, referenceStyle: 'ACS'},
  },
  {
    text: `Assessment brief

Module code        HIST 2250
Assessment         Source commentary
Weighting          30 %
Length             1,200 words (+/- 10 %), not counting the source text itself
Hand-in            Monday of week 8 (15 March 2027), before 10:00
Where              Online, module area > Assessments > Source commentary
Format             PDF, A4, double spaced, 2.54 cm margins, 12 pt, pages numbered
Identification     Student ID only; the commentary is marked anonymously
File name          [StudentID]_HIST2250_commentary.pdf
Late work          -5 percentage points per working day (max. 5 working days), then 0
Return             Within 15 working days`,
    says: {place: 'Online, module area > Assessments > Source commentary', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1080, 'limits.maxWords': 1320, 'naming.pattern': '[StudentID]_HIST2250_commentary.pdf', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-15T10:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true},
  },
  {
    text: `Hello all. Two changes to the portfolio instructions that I gave out in week 1:

* the deadline has moved from 12 April to 16 April 2027 (still 16:00 BST);
* the limit for each of the three reflections is now 600 words instead of 500.

Everything else stays as it was: one PDF with all three reflections in it, at most 20 MB, named Portfolio_<your candidate number>, and no names anywhere because we mark blind. Remember the signed academic integrity statement on page one. You have two attempts at uploading; the later one counts.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'naming.pattern': 'Portfolio_<your candidate number>', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-16T16:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 2, 'attempts.keeps': 'latest', declaration: true},
  },
  {
    text: `MSc Dissertation Handbook 2026/27 (extract)

7.1 Submission. The dissertation is submitted electronically in PDF/A format not later than 12:00 noon (UK time) on Friday 3 September 2027. No paper copy is required.
7.2 Length. 12,000–15,000 words inclusive of footnotes but exclusive of abstract, tables, figures, references and appendices. Appendices may not exceed 20 pages.
7.3 Presentation. A4, portrait, margins not less than 25 mm, text not smaller than 11 pt, one-and-a-half or double spacing. Pages are numbered consecutively.
7.4 File. The file must be called MSC_followed by the registration number, e.g. MSC_20417733.pdf, and must be no larger than 100 MB.
7.5 Originality. Submissions are screened with text-matching software. The declaration form at Annex C is to be bound in after the title page.
7.6 Late submission. A penalty of 5 marks per day or part of a day, including weekends, applies for up to seven days; thereafter a mark of zero is recorded.
7.7 Extensions are granted by the Board only.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.minWords': 12000, 'limits.maxWords': 15000, 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-09-03T12:00:00+01:00', timeZone: 'Europe/London', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.pageNumbers': true, 'layout.atLeast': ['marginMm', 'fontSizePt'], declaration: true, archival: 'PDF/A', 'counting.counted': ['footnotes'], 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `PSYC 101 Syllabus - Research Participation Paper

Due dates by section:
Section 001 - Tuesday, March 23, 2027, 11:59 p.m.
Section 002 - Wednesday, March 24, 2027, 11:59 p.m.
Section 003 - Thursday, March 25, 2027, 11:59 p.m.
All times Eastern.

Paper: 2-3 pages, double-spaced, Times New Roman 12-point, 1" margins, APA 7th edition. .docx or .pdf only. No cover page. Put only your student number at the top.
Late policy: 10 points off for each day late. No papers accepted after one week.`,
    says: {documents: [{label: 'Paper', types: ['docx', 'pdf']}], 'limits.minPages': 2, 'limits.maxPages': 3, timeZone: 'America/New_York', parts: [{label: 'Section 001', opens: null, due: '2027-03-23T23:59:00-04:00'}, {label: 'Section 002', opens: null, due: '2027-03-24T23:59:00-04:00'}, {label: 'Section 003', opens: null, due: '2027-03-25T23:59:00-04:00'}], 'late.percentPerDay': 10, 'late.cutoffDays': 7, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'APA'},
  },
  {
    text: `Q: What exactly do I hand in?
A: A project report (PDF), your source code (ZIP) and a two-minute video (MP4, max. 200 MB).
Q: How long may the report be?
A: Ten pages, excluding references. We stop reading at page ten.
Q: And when?
A: 30 April 2027, 23:59 AoE.
Q: Can I replace my files afterwards?
A: Yes, until the deadline. Only the most recent upload is graded.
Q: Should I put my name on it?
A: Yes please - name and matriculation number on the title page.
Q: Is it checked for plagiarism?
A: The report is, the code is too.
Q: What about late submissions?
A: Not possible.`,
    says: {documents: [{label: 'Project report', types: ['pdf'], limits: {maxPages: 10}}, {label: 'Source code', types: ['zip']}, {label: 'Video', types: ['mp4'], limits: {maxBytes: 200000000}}], anonymous: false, similarityChecked: true, due: '2027-04-30T23:59:00-12:00', timeZone: 'AoE', 'attempts.keeps': 'latest', 'late.cutoffDays': 0},
  },
  {
    text: `Ethnographic methods: final essay

You should write between 2,800 and 3,200 words (the word count excludes the bibliography and any fieldnotes you append). The essay is due on the last day of term, that is Friday 26 March, by midday. If you have an agreed adjustment (for example an extra week) it applies to this essay.

We use anonymous marking: identify the essay by your candidate number (it begins with Y) and nothing else. Please check the document properties and remove your name from them.

Format: Word or PDF; 12-point, a serif typeface, generous margins, 1.5-spaced, with page numbers. The name of the file should be your candidate number followed by an underscore and the module code (ANT306).

You may upload more than one version before the deadline; earlier ones are kept on file but the final one is the one that is assessed.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2800, 'limits.maxWords': 3200, 'naming.pattern': '[candidate number]_[module code]', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-26T12:00:00', 'attempts.keeps': 'latest', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, 'counting.left': ['references']},
  },
  {
    text: `Coursework 2 (CS2040)
Released: 1 Feb 2027. Due: 1 Mar 2027 (Week 7), 2359 SGT.
What to submit: one zip file, A0123456X_CW2.zip (replace with your matric number), containing report.pdf (<= 6 pages) and the src folder. Total size <= 25MB.
Submissions are final: you get exactly one. A penalty of 1 mark per hour late (max 20) applies; submissions more than 20 hours late score 0.
Code similarity is checked using automated tools.`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 25000000, similarityChecked: true, opens: '2027-02-01', due: '2027-03-01T23:59:00+08:00', timeZone: 'SGT', 'attempts.allowed': 1},
  },
  {
    text: `ECON 4410: Term paper — key facts at a glance
+ What: a term paper of no fewer than 10 and no more than 14 pages (title page and bibliography not counted)
+ When: last class meeting, i.e. Wednesday April 28; upload by the start of class (1:10 PM EDT)
+ How: one PDF through the course page under "Term paper"
+ Look: 12-pt font, double spaced, one-inch margins on all sides, page numbers bottom centre
+ Grace: a 48-hour grace period without penalty; after that, a letter grade per day
+ Cite: Chicago author-date
+ You can replace your upload until the grace period runs out. I will read the final version only.`,
    says: {place: 'Term paper', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 10, 'limits.maxPages': 14, due: '2027-04-28T13:10:00-04:00', timeZone: 'EDT', 'attempts.keeps': 'latest', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `Hi! The essay box is open now. Three reminders: (i) it shuts at noon on 5 March 2027 – noon means 12:00, not 23:59; (ii) max. file size 2 MB, so compress your images; (iii) your file must be a .docx, since I comment in it with track changes.
As to length, 2000 words (+/-5%). As to names: I know your handwriting anyway, so just put your name on it.
Only hand in once, I get a notification each time.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 2000000, 'limits.minWords': 1900, 'limits.maxWords': 2100, anonymous: false, due: '2027-03-05T12:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Dear all,
as announced in today's lecture, the reflective log has to reach me no later than 6 p.m. next Friday (19 February 2027). Do not e-mail it: upload it in the folder "Logs". The log may be a Word document, a PDF or an OpenDocument text; scans of handwriting are not acceptable. Keep it between 800 and 1000 words. Start the file name with your matriculation number. I am marking these blind, so please no names in the document itself or in its properties.
Late logs: minus one point (of 20) per day.
Yours, K. Ferro`,
    says: {place: 'Logs', documents: [{label: null, types: ['docx', 'pdf', 'odt']}], 'limits.minWords': 800, 'limits.maxWords': 1000, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-02-19T18:00:00', 'late.percentPerDay': 1},
  },
  {
    text: `ART & DESIGN HISTORY  |  Unit 3  |  Illustrated essay
Submission checklist
[ ] 3,500 words max (captions and bibliography excluded; footnotes included)
[ ] 8-12 illustrations, each with a caption
[ ] single PDF, under 50 MB, portrait A4
[ ] typeface of your choice, body text no smaller than 11pt, 1.5 line spacing
[ ] named UNIT3_yourcandidatenumber.pdf
[ ] NO name anywhere in the file (anonymous marking)
[ ] declaration of authorship ticked on upload
[ ] uploaded before 14:00 on 7 May 2027; uploads close at that time and no late work is taken`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.maxWords': 3500, 'naming.pattern': 'UNIT3_yourcandidatenumber.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-07T14:00:00', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.atLeast': ['fontSizePt'], declaration: true, 'counting.counted': ['footnotes'], 'counting.left': ['captions', 'references']},
  },
  {
    text: `Assessment 1 of 2: Critical review
Set: 25 January 2027
Submit by: 22 February 2027, 16:00 hours
Return of marks: 15 March 2027
Maximum length: 1500 words, inclusive of quotations, exclusive of reference list. A penalty of 5 marks applies where the limit is exceeded by more than 10%.
Format: Microsoft Word (.docx) only. Please do not submit PDFs or Pages documents.
Submission: electronically, via the assessment tab. Paper copies are not required.
Identification: student number in header. Do not include your name.
Number of submissions: 1
Lateness: 10 marks per day up to 3 days. Work submitted more than 3 days late: mark of 0.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1650, anonymous: true, due: '2027-02-22T16:00:00', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'counting.counted': ['quotations'], 'counting.left': ['references']},
  },
  {
    text: `Group project: final deliverables (one upload per group)

All three items below must be on the project page by 20 May 2027, 12:00 CEST:
 a) final report – PDF – at most 25 pages plus appendices – max. 20 MB
 b) slides of your talk – PDF or PPTX – max. 15 slides
 c) peer-assessment form – completed individually, one DOCX per student

File names: G<group number>_report, G<group number>_slides; the form is called peer_<matriculation number>.

Reports are compared with one another and with earlier years by software. Late deliverables are not accepted, except in the case of illness (certificate needed).`,
    says: {documents: [{label: 'Final report', types: ['pdf'], limits: {maxBytes: 20000000, maxPages: 25}}, {label: 'Slides', types: ['pdf', 'pptx']}, {label: 'Form', types: ['docx']}], 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-05-20T12:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0},
  },
  {
    text: `*** READ THIS BEFORE UPLOADING ***
The link closes automatically at 23:59:59 on Sunday 21 March 2027 (Sydney time). There is no late window. You may overwrite your upload up to five times; what is in the box at closing time is marked.
Accepted: pdf, doc, docx. Rejected: pages, odt, links to cloud documents.
Limit: 40 MB / 2,500 words (10% leeway).
Referencing: AGLC. Cover sheet: not needed. Name: not needed either - marking is by student ID only; put it in the footer and in the file name (e.g. 45123456_LAWS2010.pdf).`,
    says: {documents: [{label: null, types: ['pdf', 'doc', 'docx']}], 'limits.maxBytes': 40000000, 'limits.maxWords': 2750, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-21T23:59:59+11:00', timeZone: 'Australia/Sydney', 'attempts.allowed': 5, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, referenceStyle: 'AGLC'},
  },
  {
    text: `Philosophy Tutorial Essay 2
Please write on ONE of the four questions. About 1,500 words is right; nothing over 2,000 will be read. Bring a printed copy to your tutorial in week 6 and also put a PDF in your tutor's folder on the drive by 9 pm the evening before. Tutorials are on Tuesdays (group A: 16 February, group B: 23 February).
Feedback will be oral. There is no mark, so there is no penalty - but no feedback on late essays either.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2000},
  },
  {
    text: `BIO-2105 Practical report, instructions for uploading

Title page: module code, title, your student number, group number, date. No names.
Length: the report proper (introduction to discussion) 6 pages at the very most.
Lines: double spacing (so that I can write between them). Font: Arial 11.
Figures: at least 300 dpi, embedded in the document.
Upload: 1 document in PDF/A or PDF, max 8 MB, before 26 Feb 2027 17:30 (CET).
Title of the file: BIO2105-report-<student number>
Late: 0.5 grade points for every 24 hours, max. 72 hours. After 72 hours: fail.
Resubmission: possible once, if the report has been graded "insufficient".`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxPages': 6, 'naming.pattern': 'BIO2105-report-<student number>', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-02-26T17:30:00+01:00', timeZone: 'CET', 'late.cutoffDays': 3, 'layout.fontSizePt': 11, 'layout.lineSpacing': 2, 'layout.fonts': ['Arial']},
  },
  {
    text: `Module handbook, section 4: Written assignments

4.1 Students submit written assignments through the electronic submission system. Submissions by e-mail or on paper are void.
4.2 The deadline for the winter assignment is 31 January 2027 and for the summer assignment 15 July 2027, in each case at 18:00 local time (Vienna).
4.3 The assignment comprises 15 to 20 pages of text (30,000 to 40,000 characters including spaces), excluding table of contents and bibliography.
4.4 Formatting: A4, left margin 3 cm, right margin 2 cm, font size 12 (footnotes 10), line spacing 1.5.
4.5 Each assignment is to be accompanied by a signed statutory declaration.
4.6 The file shall be named as follows: surname_firstname_matriculationnumber_semester.pdf.
4.7 All assignments are subject to a plagiarism check.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 15, 'limits.maxPages': 20, 'naming.pattern': 'surname_firstname_matriculationnumber_semester.pdf', 'naming.mustContain': ['studentNumber', 'surname', 'givenNames'], similarityChecked: true, timeZone: 'Europe/Vienna', parts: [{label: 'winter assignment', opens: null, due: '2027-01-31T18:00:00+01:00'}, {label: 'summer assignment', opens: null, due: '2027-07-15T18:00:00+02:00'}], 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Sociology 2 – Coursework submission notice
The coursework folder opens for uploads on Monday 1 March 2027, 9 a.m., and the cut-off is Monday 15 March 2027, 9 a.m. sharp (BST not yet in force).
One document only, in .docx or .pdf. Word limit 2,250 including footnotes, excluding bibliography; there is no +10 % rule.
Use your exam number (not your student number) as the file name.
Marking is anonymous, so remove your name from headers, comments and file properties.
Extensions: apply via your adviser before the cut-off. Otherwise 5 % is deducted for each day or part-day, for a maximum of five days.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2250, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-03-01T09:00:00', due: '2027-03-15T09:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `| Item | Detail |
| Task | Policy memo |
| Length | 2 pages max, single-spaced |
| Font | Calibri 11 |
| Margins | 1 inch |
| File | PDF, memo_LASTNAME.pdf |
| Due | Thu 11 March 2027, 11:59pm CST |
| Late | minus 10 points/day, nothing after Sunday |
| Resubmit | no |`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, due: '2027-03-11T23:59:00-06:00', timeZone: 'CST', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri']},
  },
  {
    text: `To all Year 3: dissertations are due at 12 noon on 29 April 2027. Submit one PDF through the dissertation page. The main text must be between 9,000 and 10,000 words; anything beyond 10,000 words will not be marked. Name the file with your candidate number and the word "dissertation" joined by a hyphen. Each dissertation is second-marked, and both markers see only your candidate number. Late dissertations are capped at 40% for the first week and get zero afterwards.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 9000, 'limits.maxWords': 10000, 'naming.pattern': '[candidate number]-dissertation', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-29T12:00:00', 'late.cutoffDays': 7},
  },
  {
    text: `Week 5 homework. Please scan your handwritten proofs (b/w, 300 dpi, one PDF, all pages upright, < 10MB) and upload them before the Thursday lecture on 25 February 2027 (10:15). Put your name and tutorial group on page 1. Solutions go online right after the lecture, so late homework can't be marked.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, anonymous: false, due: '2027-02-25T10:15:00', 'late.cutoffDays': 0},
  },
  {
    text: `ENGR 2210 Thermofluids — Lab Report 2 Handout
=============================================

Group size: 3 (one submission per group; whoever submits lists the other two in the report)
What to hand in: (i) the report, PDF only, no longer than 8 pages incl. figures but excl. the raw data appendix; (ii) raw data, one CSV.
When: Mon 15 Mar 2027, 23:30. The box opens on 1 Mar at 08:00.
How: "Lab 2 (Group)" in the unit's assignment area — not "Lab 2 (Individual quiz)".
Size: both files together must stay below 25 MB.
Filename: L2_<group number>_report.pdf and L2_<group number>_data.csv
Late: 5 marks out of 100 off per day or part of a day; nothing after day 4.
Font: anything sans-serif, at least 10.5 pt. A4. Margins of two centimetres all round.
You can replace your files as often as you like until the box closes; we mark what's there at that moment.`,
    says: {place: 'Lab 2 (Group)', documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 8}}, {label: 'Raw data', types: ['csv']}], 'limits.maxBytes': 25000000, 'naming.pattern': 'L2_<group number>_report.pdf', opens: '2027-03-01T08:00:00', due: '2027-03-15T23:30:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 4, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 10.5, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Dear all,

a couple of you asked about next week's reflective journal. So, once more:

* it's due on Thursday the 25th of February, noon (not midnight!)
* 800 words, give or take ten per cent. Headings don't count, references don't either.
* Word or PDF, I don't mind which
* please no name on it — just your candidate number, top right
* the file should be called journal_ followed by the candidate number
* one attempt. Check before you press the button.

If you have an extension through the disability service, you've got until the 4th of March, noon, as agreed.

I'll run all of them through text matching afterwards; you will not see the report.

Best
the module team`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 720, 'limits.maxWords': 880, 'naming.pattern': 'journal_[candidate number]', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-02-25T12:00:00', extension: '2027-03-04T12:00:00', 'attempts.allowed': 1, 'counting.left': ['headings', 'references']},
  },
  {
    text: `COMP30040 Third-year project: final report

Submission is electronic only. Upload a single PDF file of at most 20MB by 2pm on Friday 30 April 2027 (BST). Reports must be typeset in 11pt or larger with 1.5 line spacing on A4 paper, and must not exceed 15,000 words in the main body. References, appendices, and the table of contents are not counted.
Your report must contain: a title page, an abstract, a declaration, acknowledgements (optional), and a bibliography in IEEE style.
The title page shows your full name and student ID.
Work handed in after the deadline will receive a penalty of 10 per cent per 24 hours up to 5 days, after which the mark is zero.
All reports are passed through plagiarism detection software.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 15000, anonymous: false, similarityChecked: true, due: '2027-04-30T14:00:00+01:00', timeZone: 'BST', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.atLeast': ['fontSizePt'], referenceStyle: 'IEEE', sections: ['title page', 'abstract']},
  },
  {
    text: `Assessment brief (extract)

Module code         NUR7012
Title               Critical appraisal
Weighting           60%
Word limit          3,000 (-/+ 10%)
Submission date     By 12 noon on 12th April 2027
Feedback date       4th May 2027
Anonymous marking   Yes
Format              Microsoft Word document (.docx). PDFs are not accepted as markers annotate in the document.
Font / size         Arial, 12
Spacing             Double
Referencing         APA 7th edition
Resubmission        Not permitted once the deadline has passed; prior to the deadline you may overwrite.
File name           Student number and module code only e.g. 20231234_NUR7012
Header              Student number on every page
Extensions          Up to 7 days on request`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 2700, 'limits.maxWords': 3300, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, due: '2027-04-12T12:00:00', 'attempts.keeps': 'latest', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Arial'], referenceStyle: 'APA'},
  },
  {
    text: `Term paper guidelines, HIST 441 (Spring 2027)

Length: 18-22 double-spaced pages, not counting notes and bibliography. Times New Roman 12, one-inch margins, page numbers bottom center.
Citations: Chicago, notes-bibliography.
Prospectus (1 page) due February 19. Annotated bibliography due March 12. Rough draft, minimum 10 pages, due April 9. Final paper due May 7. Everything is due by 5:00 p.m. Eastern.
Electronic copy only, .docx, uploaded to the course site under Final Papers. Name your file LASTNAME_441_final.
I don't accept late finals. A late draft costs you a third of a letter grade per day.`,
    says: {place: 'Final Papers', documents: [{label: null, types: ['docx']}], 'limits.minPages': 18, 'limits.maxPages': 22, 'naming.pattern': 'LASTNAME_441_final', 'naming.mustContain': ['surname'], timeZone: 'America/New_York', parts: [{label: 'Prospectus', opens: null, due: '2027-02-19T17:00:00-05:00'}, {label: 'Annotated bibliography', opens: null, due: '2027-03-12T17:00:00-05:00'}, {label: 'Rough draft', opens: null, due: '2027-04-09T17:00:00-04:00'}, {label: 'Final paper', opens: null, due: '2027-05-07T17:00:00-04:00'}], 'late.cutoffDays': 0, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `LAWS5104 - Research Essay
Answer ONE of the questions below.
Max. 4000 words including footnotes; text beyond this will not be read.
AGLC4 referencing.
Deadline: 4:00PM (AEDT), Wednesday 31 March 2027
Submit through the LAWS5104 page > Assessments > Research Essay (Final). Do not use the "Draft" link; drafts are not marked.
You may submit to the draft link three times to see your matching percentage, and once to the final link.
Papers are marked blind: identify yourself only by student number. Don't put your name in the document or the file's name or properties.
Penalty: 5% of total marks per calendar day.
Submissions more than 10 days late will not be accepted.`,
    says: {place: 'LAWS5104 page > Assessments > Research Essay (Final)', 'limits.maxWords': 4000, anonymous: true, due: '2027-03-31T16:00:00+11:00', timeZone: 'AEDT', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 10, 'counting.counted': ['footnotes']},
  },
  {
    text: `Poster session — what we need from you

A poster as PDF, A1 portrait, no bigger than 30 megapixel (yes, the size of the file). Send by 10 June 2027, 18:00 CEST via the form "Posters B". A 150-word abstract as plain text goes into the second field of the same form.
Also bring a signed consent form (scan, JPG or PDF).
Name the poster with your registration number, nothing else.
Once sent, a poster can't be changed. Ask us before the deadline if there is a mistake.`,
    says: {documents: [{label: 'Poster', types: ['pdf'], limits: {maxBytes: 30000000}}, {label: 'Signed consent form', types: ['jpeg', 'pdf']}], 'naming.mustContain': ['studentNumber'], place: 'Posters B', due: '2027-06-10T18:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1},
  },
  {
    text: `MBA 6320: Individual Case Memo

Case memo #1 window: Mon Feb 15, 9 AM - Sun Feb 21, 11:59 PM CT
Case memo #2 window: Mon Mar 8, 9 AM - Sun Mar 14, 11:59 PM CT
Case memo #3 window: Mon Apr 5, 9 AM - Sun Apr 11, 11:59 PM CT

Each memo: two pages max, single spaced, 11-point Calibri, 1" margins, docx. You get two attempts per memo and the higher attempt is graded. A 48-hour grace period applies with 15% off.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxPages': 2, timeZone: 'America/Chicago', parts: [{label: 'Case memo #1', opens: '2027-02-15T09:00:00-06:00', due: '2027-02-21T23:59:00-06:00'}, {label: 'Case memo #2', opens: '2027-03-08T09:00:00-06:00', due: '2027-03-14T23:59:00-05:00'}, {label: 'Case memo #3', opens: '2027-04-05T09:00:00-05:00', due: '2027-04-11T23:59:00-05:00'}], 'attempts.allowed': 2, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri']},
  },
  {
    text: `DISSERTATION SUBMISSION CHECKLIST

1. Two files: the dissertation (PDF/A) and the ethics approval (PDF).
2. Dissertation: 12,000 words maximum, abstract of no more than 300 words included. Appendices are outside the limit.
3. Your dissertation is marked anonymously. Use your exam number (Y-number) on the front page.
4. File name = exam number + "Diss", e.g. Y3891234_Diss.pdf
5. Opens 3 May 2027. Closes 17 May 2027 at 16:00 UK time.
6. Up to 100MB per file.
7. Submissions received in the first hour after the deadline: 5 marks. After that, 10 marks per day until day five.
8. Tick the academic integrity declaration on the upload page.
9. An e-mail receipt is sent to your university address. No receipt = not submitted.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf'], limits: {maxWords: 12000}}, {label: 'Ethics approval', types: ['pdf']}], 'limits.maxBytes': 100000000, 'naming.pattern': '[exam number]Diss', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-05-03', due: '2027-05-17T16:00:00+01:00', timeZone: 'Europe/London', 'late.percentPerDay': 10, declaration: true, archival: 'PDF/A', 'counting.counted': ['abstract']},
  },
  {
    text: `Hi everyone, quick reminder that assignment 2 closes this Friday (19/02/2027) at 5pm Dublin time. Max 1500 words, the 10% leeway that applied to assignment 1 does NOT apply here. Upload as .doc or .docx to "A2 upload" only. Don't e-mail it. Late work: capped at 40 if it's in by Sunday 5pm, zero afterwards. Similarity checking is switched off for this one.`,
    says: {place: 'A2 upload', documents: [{label: null, types: ['doc', 'docx']}], 'limits.maxWords': 1500, similarityChecked: false, due: '2027-02-19T17:00:00+00:00', timeZone: 'Europe/Dublin'},
  },
  {
    text: `Photography BA2 / Assignment Three: Contact sheets and edit

• 36 contact images on A4 sheets, combined to one PDF, max 50MB.
• 6 final edits, JPEG, sRGB, long side 3000px, 5MB each at most.
• Reflective statement of 600 words (+/- 50 words), PDF.
Naming: surname_initial_A3_contacts.pdf / surname_initial_A3_01.jpg … _06.jpg / surname_initial_A3_statement.pdf
Submit via the media shelf "BA2-A3" between 1 and 8 March 2027; it shuts at 17:00 on the last day.`,
    says: {documents: [{label: 'Contact images', types: ['pdf'], limits: {maxBytes: 50000000}}, {label: 'Final edits', types: ['jpeg'], limits: {maxBytes: 5000000}}, {label: 'Reflective statement', types: ['pdf'], limits: {minWords: 550, maxWords: 650}}], 'naming.pattern': 'surname_initial_A3_contacts.pdf', 'naming.mustContain': ['surname', 'initials'], opens: '2027-03-01', due: '2027-03-08T17:00:00', 'layout.pageSize': 'A4'},
  },
  {
    text: `Important: ESSAY HAND-IN

Please read the whole of this before you ask a question.

Your essay (title list: see the unit guide) has a limit of 2,500 words; footnotes count, the bibliography doesn't. It is due at five in the afternoon on Monday 22nd March 2027. We use a grace period of 15 minutes for technical problems, after that the box is closed for good.

To hand in go to Assessment and choose "Essay 1: seminar groups A to D" (groups E to H have their own box!). Only PDF, please, and only one file. Put your candidate number in the file name and nothing else. You can swap the file for another until the deadline and only that last one gets read.

Essays are read without names.`,
    says: {place: 'Essay 1: seminar groups A to D', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2500, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-22T17:00:00', 'attempts.keeps': 'latest', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Subject: Extension decision – PSYC2031 Coursework 1

Dear student,
Your request for an extension has been approved. The published deadline of 16:00 on Thursday 11 March 2027 still appears in the system; your own deadline is 16:00 on Thursday 18 March 2027. Please upload to the usual submission link ("CW1 – main"), not to the late submission link.
Coursework remains anonymous: use your candidate number. Maximum 1,800 words.`,
    says: {place: 'CW1 – main', 'limits.maxWords': 1800, anonymous: true, due: '2027-03-11T16:00:00', extension: '2027-03-18T16:00:00'},
  },
  {
    text: `Module: ARCH6001
Component: Portfolio (70 %) + Critical reflection (30 %)

| Item | Format | Size | Due |
|------|--------|------|-----|
| Portfolio | PDF, A3 landscape, 20 pages max | 60 MB | 14 May 2027, 12:00 |
| Critical reflection | Word, 1500 words (+/-10 %) | 5 MB | 21 May 2027, 12:00 |

Upload to "ARCH6001 Portfolio" and "ARCH6001 Reflection" respectively. No late submission without an approved request.`,
    says: {place: 'ARCH6001 Portfolio', documents: [{label: 'Portfolio', types: ['pdf'], limits: {maxBytes: 60000000, maxPages: 20}}, {label: 'Critical reflection', types: ['docx'], limits: {maxBytes: 5000000, minWords: 1350, maxWords: 1650}}], parts: [{label: 'Portfolio', opens: null, due: '2027-05-14T12:00:00'}, {label: 'Critical reflection', opens: null, due: '2027-05-21T12:00:00'}], 'late.cutoffDays': 0, 'layout.pageSize': 'A3'},
  },
  {
    text: `Write a 1,200 word blog post for a general audience, save it as .docx and send it to blog@ecology.example before class on March 3 (class starts 10:15 am). Subject line: ECOL blog + your last name. Put your name at the top. Late posts lose one point (out of 20) per day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1200, anonymous: false, due: '2027-03-03T10:15:00', 'late.percentPerDay': 1, lengths: ['maxWords']},
  },
  {
    text: `STAT 5100 – Take-home exam

The exam will be released on Friday 7 May 2027 at 9:00 and has to be returned within 48 hours, i.e. no later than Sunday 9 May 2027, 9:00. Type your answers (LaTeX or Word) and return one PDF (no photos of handwriting, no zip). 10 pages at most, 11 pt or larger. Write your exam code on each page; do not write your name. By uploading you confirm that you have worked on your own. Answers received after 9:00 are not marked. You may upload once only.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], 'limits.maxPages': 10, anonymous: true, opens: '2027-05-07T09:00:00', due: '2027-05-09T09:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 0, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt'], declaration: true},
  },
  {
    text: `Guidelines for the seminar paper

The paper should have between 15 and 20 pages (12 point Times New Roman, 1.5 spacing, 2.5 cm margins left and right, page numbers). It must be submitted no later than 30 September 2027, 24:00 (CEST), by e-mail as a PDF file to the address given in class; a printed copy is not needed. Papers submitted later are graded as "failed". Please attach the signed declaration of authorship as the last page of the PDF. The name of the file should be Surname_Firstname_SP27.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 15, 'limits.maxPages': 20, 'naming.pattern': 'Surname_Firstname_SP27.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-10-01T00:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, declaration: true},
  },
  {
    text: `**Assignment 1 – Policy memo**
- Due: 2027-03-05 17:00 (UTC+1)
- Length: max 2 pages (single-spaced)
- Format: PDF
- Submit to: Assignments/Policy memo
- Attempts: 3, best of the three? No - the last one is marked
- Late: -1 grade step per day started; closes for good on 2027-03-08 17:00
- Plagiarism check: yes
- Anonymous: no, names on the memo please`,
    says: {place: 'Assignments/Policy memo', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, anonymous: false, similarityChecked: true, due: '2027-03-05T17:00:00+01:00', timeZone: 'UTC+1', 'attempts.keeps': 'latest', 'late.cutoffDays': 3, 'layout.lineSpacing': 1},
  },
  {
    text: `Hello all,

there has been some confusion about the dates for the research proposal. The handbook says 5 March, the timetable 8 March. The correct date is Monday, 8 March 2027 at 10 am. 

Everything else in the handbook is right: 1,000 words maximum (not counting the timetable and the budget), Word document, Harvard referencing, double spacing. Please do not submit a link to a shared document – I can't open them.

Also: leave your name off, we mark proposals blind this year.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1000, anonymous: true, due: '2027-03-08T10:00:00', 'layout.lineSpacing': 2, referenceStyle: 'Harvard'},
  },
  {
    text: `Final project, Digital Storytelling
Video (MP4, H.264, 3-5 minutes, 500 MB max) and a 2-page artist statement (PDF). Upload both to the shelf "DS final" by 11:59pm on Tuesday, May 4, 2027 (Mountain Time). Name: Lastname_DS_video.mp4 and Lastname_DS_statement.pdf. The shelf opens April 20. Resubmitting is fine until the due date; I only look at the newest files. 10% off per day, up to three days.`,
    says: {place: 'DS final', documents: [{label: 'Video', types: ['mp4'], limits: {maxBytes: 500000000}}, {label: 'Statement', types: ['pdf'], limits: {maxPages: 2}}], 'naming.pattern': 'Lastname_DS_video.mp4', 'naming.mustContain': ['surname'], opens: '2027-04-20', due: '2027-05-04T23:59:00-06:00', timeZone: 'America/Denver', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Assessment 3: Evidence-based practice report
Due date: Week 9, Friday 30 April 2027 by 11.59pm AEST
Weighting: 40%
Length: 2000 words +/- 10% (excludes in-text citations, reference list, tables and figures)
Format: Word document only. Arial or Calibri 11, line spacing 1.5, 2.54cm margins, page numbers bottom right.
File naming: StudentID_Surname_NUR301_A3
Submission: one file via the Assessment 3 portal in the unit site. Draft submissions are permitted up to 24 hours before the due date and the text-matching result will be visible to you.
Late submissions: a deduction of 5% of the available mark for each calendar day; work submitted more than 7 calendar days after the due date receives zero.`,
    says: {place: 'Assessment 3 portal', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'StudentID_Surname_NUR301_A3', 'naming.mustContain': ['studentNumber', 'surname'], similarityChecked: true, due: '2027-04-30T23:59:00+10:00', timeZone: 'AEST', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Calibri'], 'layout.pageNumbers': true, 'counting.left': ['references', 'tables', 'captions']},
  },
  {
    text: `ANTH 2040 — Ethnographic Vignette

What: a vignette of 1,000 to 1,200 words plus a half-page methods note (the note does not count toward the words).
Due: 03/04/2027 by 11:30 p.m. ET
Where: Week 8 folder, "Vignette (graded)"; the folder also has "Vignette (peer swap)", which is for next week.
File type: .docx or .pdf — no Pages files, no links to online documents
Naming: your netID, an underscore, the word vignette. Nothing else.
Late: 10 points off on the first day, 5 points each further day.
Academic honesty: every paper goes through text-matching software.`,
    says: {place: 'Vignette (graded)', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 1000, 'limits.maxWords': 1200, 'naming.mustContain': ['username'], similarityChecked: true, due: '2027-03-04T23:30:00-05:00', timeZone: 'America/New_York'},
  },
  {
    text: `MUSC1102 – Composition folio
* Score: PDF (A3 or A4)
* Recording: MP3, 320 kbps, no more than 15 MB
* Programme note: 300-400 words, docx
Hand-in: Friday of week 11 (16.4.2027), 17.00 h, via "Composition folio" in the module area.
Use your registration number for all file names: 2012345_score.pdf etc. Do not give your name anywhere – folios are assessed anonymously.
The earlier version of this page said 5 MB for the recording; please ignore that.`,
    says: {place: 'Composition folio', documents: [{label: 'Score', types: ['pdf']}, {label: 'Recording', types: ['mp3'], limits: {maxBytes: 15000000}}, {label: 'Programme note', types: ['docx'], limits: {minWords: 300, maxWords: 400}}], 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-04-16T17:00:00'},
  },
  {
    text: `Case brief #3
Max. two pages, Times New Roman 12, single-spaced, 1 inch margins. PDF only. Hand-in window: noon Saturday Feb 27 until noon Monday Mar 1 2027 (Central). File: CB3-lastname-firstname. Not anonymous. -25% if late, nothing after Tuesday noon.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, 'naming.pattern': 'CB3-lastname-firstname', 'naming.mustContain': ['surname', 'givenNames'], anonymous: false, opens: '2027-02-27T12:00:00-06:00', due: '2027-03-01T12:00:00-06:00', timeZone: 'America/Chicago', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `The essay must be uploaded in PDF format before midnight on Wednesday 31 March 2027. Your essay will be marked anonymously, so the file name should be your six-digit candidate number and should not contain your name. Essays should be approximately 3,000 words in length and must not exceed 3,300 words including footnotes. You can make changes and re-upload until the deadline passes. The penalty for late submission is five percentage points for each working day. Essays more than ten working days late will not be marked.`,
    says: {documents: [{label: 'Essay', types: ['pdf']}], 'limits.maxWords': 3300, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-04-01T00:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 10, 'counting.counted': ['footnotes']},
  },
  {
    text: `School of Life Sciences
BIO3330 Dissertation – submission information

1. Deadline
The deadline for submission is 14:00 on Friday 7 May 2027. Submissions open on Monday 19 April 2027 at 09:00.
2. Format
Submit your dissertation as one PDF (max. 50 MB). The front page must show the title, the module code and your candidate number. Your name must not appear anywhere in the document.
3. File name
BIO3330_CandidateNumber.pdf (e.g. BIO3330_Y1234567.pdf)
4. Length
6,000-8,000 words excluding abstract, tables, figure legends, references and appendices. There is no allowance above the upper limit.
5. Late submission
10 marks will be deducted for each day (or part of a day) late. After five days a mark of zero is recorded.
6. Resubmission
You may resubmit as often as you like before the deadline. Each submission overwrites the previous one. No resubmission after the deadline.
7. Originality
All dissertations are checked with text-matching software. You must tick the declaration of authorship.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 6000, 'limits.maxWords': 8000, 'naming.pattern': 'BIO3330_CandidateNumber.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, opens: '2027-04-19T09:00:00', due: '2027-05-07T14:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, declaration: true, 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `Reminder: the group report for ECO220 is due on Tuesday 16 March 2027 at 4pm GMT. One member of the group submits for everyone. The report (max 12 pages, PDF) and the spreadsheet with your calculations (.xlsx) are uploaded at the same time - the system only takes both together. Neither file may be larger than 10 megabytes. List all members on the title page. We have extended the deadline for group 7 to 19 March.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 12}}, {label: 'Spreadsheet', types: ['xlsx']}], 'limits.maxBytes': 10000000, due: '2027-03-16T16:00:00+00:00', timeZone: 'GMT'},
  },
  {
    text: `FAQ: coursework 2

How long should it be? 2,000 words. We don't count footnotes used for citation only.
Is there any leeway? Yes, 5% over is fine.
When is it due? Noon, Wednesday 24 March 2027.
And if I need more time? Ask the office before 17 March.
Can I hand in a draft first? No, there's only one attempt.
Which format? Word, please. We can't annotate PDFs.
Do I put my name on it? No! Student number only, in the header.
What should I call the file? CW2 followed by your student number.
Where do I upload it? "Coursework 2 final" in the assessment section.
Is it checked for plagiarism? Yes, automatically.`,
    says: {place: 'Coursework 2 final', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2100, 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: true, due: '2027-03-24T12:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Final assignment – all you need to know on one page

Deadline 1 (report): 10 May 2027, 13:00
Deadline 2 (code): 12 May 2027, 13:00
Deadline 3 (video): 14 May 2027, 13:00

Report: 8 pages (IEEE two-column), PDF, 10 MB.
Code: one zip, no binaries, 50 MB.
Video: mp4, 3 minutes, 200 MB.

Times are Helsinki time. For every started day of delay the grade is lowered by one. A week after the deadline nothing is taken.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 8}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 50000000}}, {label: 'Video', types: ['mp4'], limits: {maxBytes: 200000000}}], timeZone: 'Europe/Helsinki', parts: [{label: 'report', opens: null, due: '2027-05-10T13:00:00+03:00'}, {label: 'code', opens: null, due: '2027-05-12T13:00:00+03:00'}, {label: 'video', opens: null, due: '2027-05-14T13:00:00+03:00'}], 'late.cutoffDays': 7},
  },
  {
    text: `Dear students of LIT205,

Your second essay should be handed in through the course page by Sunday, 14 March 2027 (23:59). Length: around 1500 words. Please submit a Word file. As always, no names: put only your exam number on the first page and in the file name.
Correction (2 March): 14 March is a Sunday, and the system is down that day. The new deadline is Monday 15 March, 12:00.

Best wishes`,
    says: {documents: [{label: null, types: ['docx']}], 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-15T12:00:00'},
  },
  {
    text: `Thesis submission, Master programme "Coastal Systems"

The thesis is to be submitted electronically as a PDF/A file no later than 30 June 2027, 24:00 CEST. The maximum file size is 100 MB; larger appendices may be submitted separately as a zip archive of up to 500 MB. The title page must bear the author's name and matriculation number. The text is 25,000 words at most, typeset in 11 pt with 1.5 line spacing on A4 with margins of at least 25 mm. A signed declaration of originality must be bound in after the title page. Submissions are final. The thesis will be subject to an electronic plagiarism check. Late submission leads to a fail.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}, {label: 'Larger appendices', types: ['zip'], limits: {maxBytes: 500000000}}], 'limits.maxBytes': 100000000, 'limits.maxWords': 25000, anonymous: false, similarityChecked: true, due: '2027-07-01T00:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1, 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.atLeast': ['marginMm'], declaration: true, archival: 'PDF/A'},
  },
  {
    text: `Homework 6

Due Thursday by the start of class (March 18, 9:30 am). Scan your handwritten solutions into a single PDF - no phone pics pasted into a Word doc, please. Max 10 MB. Upload under HW > HW6. Name: hw6_lastname.pdf. You have unlimited uploads until the deadline; only the last counts. Homework is accepted up to 24 hours late with a 20% penalty.`,
    says: {place: 'HW > HW6', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'naming.pattern': 'hw6_lastname.pdf', 'naming.mustContain': ['surname'], due: '2027-03-18T09:30:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 1},
  },
  {
    text: `PGDE reflective portfolio: submission windows

Part A (planning): opens 11 January 2027 09:00, closes 29 January 2027 16:00
Part B (teaching): opens 1 March 2027 09:00, closes 19 March 2027 16:00
Part C (assessment): opens 26 April 2027 09:00, closes 14 May 2027 16:00

Each part is one PDF of at most 15 MB and 3,000 words. Schools, pupils and colleagues must be anonymised; your own name should be on the cover. Parts handed in outside the window are not accepted.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.maxWords': 3000, anonymous: false, parts: [{label: 'Part A (planning)', opens: '2027-01-11T09:00:00', due: '2027-01-29T16:00:00'}, {label: 'Part B (teaching)', opens: '2027-03-01T09:00:00', due: '2027-03-19T16:00:00'}, {label: 'Part C (assessment)', opens: '2027-04-26T09:00:00', due: '2027-05-14T16:00:00'}], 'late.cutoffDays': 0},
  },
  {
    text: `Training Unit TRNOPS304, Lesson 4 assessment

Submit the completed candidate workbook (the Word template from the Resources tab, saved under a new name) and a signed observation form as PDF. Upload limit: 20 megapixels per file. 

File names must start with your surname (both halves if it is hyphenated), then unit code and lesson code: Marlowe-Finch_TRNOPS304_L4. Files named otherwise are returned.

Due by close of business (5.00 pm) on Friday 26/03/2027, Brisbane time. Two attempts are allowed; the second one replaces the first. Your assessor knows who you are - this unit is not marked anonymously. A statement that the work is your own has to be ticked before the upload starts.`,
    says: {documents: [{label: 'Completed candidate workbook', types: ['docx']}, {label: 'Signed observation form', types: ['pdf']}], 'limits.maxBytes': 20000000, 'naming.mustContain': ['surname', 'courseCode'], anonymous: false, due: '2027-03-26T17:00:00+10:00', timeZone: 'Australia/Brisbane', 'attempts.allowed': 2, 'attempts.keeps': 'latest', declaration: true},
  },
  {
    text: `The upload page for the dissertation is open from Monday 3 May 2027 and will close at 12.00 noon on Monday 17 May 2027. Candidates with an approved extension submit through the same page; their own date has been communicated to them. Length: not less than 10,000 and not more than 12,000 words (appendices and bibliography excluded, footnotes included). Candidates must not put their name on any part of the dissertation, only the candidate number. An electronic copy in PDF format is required, no larger than 100MB. A declaration form (Word) has to be uploaded separately. Submissions may not be changed after uploading. The penalty for late submission is 5 marks for the first 24 hours and 1 mark for each further day.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 100000000}}, {label: 'Declaration form', types: ['docx']}], 'limits.minWords': 10000, 'limits.maxWords': 12000, anonymous: true, opens: '2027-05-03', due: '2027-05-17T12:00:00', 'attempts.allowed': 1, declaration: true, 'counting.counted': ['footnotes'], 'counting.left': ['appendices', 'references']},
  },
  {
    text: `Film essay: 6-8 minutes, mp4, up to 2 GB. A written rationale (max. 750 words) in PDF. Deadline 23:55 CEST, 6 June 2027, for both. Upload the film to "Film essays: video", the rationale to "Film essays: text". Surname in both file names. You'll present your film on 9 June.`,
    says: {place: 'Film essays: video', documents: [{label: 'Film essay', types: ['mp4'], limits: {maxBytes: 2000000000}}, {label: 'Written rationale', types: ['pdf'], limits: {maxWords: 750}}], 'naming.mustContain': ['surname'], due: '2027-06-06T23:55:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Kindly note that the assignment, in MS Word or PDF, of about 10 pages (approx. 3000 words; 3500 at most), shall reach us not later than the 12th of April, 2027 (midnight, IST - Indian Standard Time). The file shall bear your roll number and name (e.g. 21EC045_Anika.pdf). Assignments reaching us after the said date shall not be evaluated. Maximum permitted similarity: 15%.`,
    says: {documents: [{label: 'Assignment', types: ['docx', 'pdf']}], 'limits.maxWords': 3500, 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-04-13T00:00:00+05:30', timeZone: 'Asia/Kolkata', 'late.cutoffDays': 0},
  },
  {
    text: `Peer review assignment in five steps

Step 1 Draft: 1 March – 8 March 2027, 23:59
Step 2 Peer comments: 9 March – 15 March 2027, 23:59
Step 3 Revised draft: 16 March – 22 March 2027, 23:59
Step 4 Reply to comments: 23 March – 29 March 2027, 23:59
Step 5 Final version: 30 March – 12 April 2027, 23:59

Peer comments are anonymous; the final version carries your name. Only docx. Final version: between 1,800 and 2,200 words.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, anonymous: false, parts: [{label: 'Step 1 Draft', opens: '2027-03-01', due: '2027-03-08T23:59:00'}, {label: 'Step 2 Peer comments', opens: '2027-03-09', due: '2027-03-15T23:59:00'}, {label: 'Step 3 Revised draft', opens: '2027-03-16', due: '2027-03-22T23:59:00'}, {label: 'Step 4 Reply to comments', opens: '2027-03-23', due: '2027-03-29T23:59:00'}, {label: 'Step 5 Final version', opens: '2027-03-30', due: '2027-04-12T23:59:00'}]},
  },
  {
    text: `Coursework 1 brief – CS2011

Deadline: Tuesday 2nd March 2027 at 4pm (note: 2nd March 2027 is a Tuesday)
Marks and feedback: within 15 working days
Submission: one archive (zip, max 30MB) containing src/ and report.pdf
Report length: 4 pages
Late penalty: standard (see handbook)
Academic conduct: this is individual work
Resubmission before the deadline: unlimited, last one counts`,
    says: {documents: [{label: 'Archive', types: ['zip']}], 'limits.maxBytes': 30000000, 'limits.maxPages': 4, due: '2027-03-02T16:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', lengths: ['maxPages']},
  },
  {
    text: `Hi, a few changes to what's on the sheet:
- new word limit: 1,750 (was 1,500)
- deadline stays Wed 17 March 2027 but now 18:00 rather than noon
- pdf instead of Word
- you needn't print anything
- still anonymous
Sorry for the mess!`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1750, anonymous: true, due: '2027-03-17T18:00:00'},
  },
  {
    text: `Abgabe der Hausarbeit

Die Hausarbeit (ca. 15 Seiten, max. 20 Seiten) ist bis zum 15. März 2027, 12:00 Uhr als PDF in den Ordner „Hausarbeiten WS 26/27“ hochzuladen. Die Datei darf höchstens 5 MB groß sein. Dateiname: Matrikelnummer_Hausarbeit.pdf. Die Arbeit wird anonym bewertet; Ihr Name darf nirgends erscheinen. Eine Eigenständigkeitserklärung ist beizufügen. Schrift: Times New Roman 12 pt, Zeilenabstand 1,5, Rand 3 cm. Nach Ablauf der Frist ist keine Abgabe mehr möglich.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.maxPages': 20, 'naming.pattern': 'Matrikelnummer_Hausarbeit.pdf', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-15T12:00:00', 'late.cutoffDays': 0, 'layout.marginMm': 30, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `Essay 2 will be marked by two tutors, neither of whom will see your name. Hand it in as a PDF (with all fonts embedded, please) that is not bigger than 8 MB, before the lecture on Monday 8 March 2027 (lecture starts at 14:15). 2,000 words, and I mean it: markers stop at 2,000. The words in the bibliography are not counted, the words in the footnotes are. Title the file with your exam code and the essay question number, like so: K4417_Q3.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxWords': 2000, 'naming.mustContain': ['candidateNumber', 'title'], anonymous: true, due: '2027-03-08T14:15:00', lengths: ['maxWords'], 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `WHAT AND WHEN
Task	Due	Weight	Format
Proposal	22 Feb 2027 17:00	10%	docx, 1 page
Progress report	22 Mar 2027 17:00	20%	PDF, 5 pages
Final report	10 May 2027 17:00	50%	PDF, 25 pages
Presentation slides	14 May 2027 09:00	20%	pptx

All times AEST. Submit each task at the point of the same name. Group submissions: one member submits. Late: 10% per day, maximum five days.`,
    says: {documents: [{label: 'Proposal', types: ['docx'], limits: {maxPages: 1}}, {label: 'Progress report', types: ['pdf'], limits: {maxPages: 5}}, {label: 'Final report', types: ['pdf'], limits: {maxPages: 25}}, {label: 'Presentation slides', types: ['pptx']}], timeZone: 'AEST', parts: [{label: 'Proposal', opens: null, due: '2027-02-22T17:00:00+10:00'}, {label: 'Progress report', opens: null, due: '2027-03-22T17:00:00+10:00'}, {label: 'Final report', opens: null, due: '2027-05-10T17:00:00+10:00'}, {label: 'Presentation slides', opens: null, due: '2027-05-14T09:00:00+10:00'}], 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `Thank you for your query. Your paper for HIS4400 is due on 30.04.2027 at 16.00. As you have a learning support agreement, your individual due date is 07.05.2027, same time. The page will show you the first of these dates; this is normal and you will not be marked late. Please upload as usual under "HIS4400 paper" and keep this message.`,
    says: {place: 'HIS4400 paper', due: '2027-04-30T16:00:00', extension: '2027-05-07T16:00:00'},
  },
  {
    text: `Lab 5 report checklist
[ ] PDF, not a photo, not a link
[ ] under 3,000,000 bytes
[ ] 5 pages or fewer, 11 point, single column
[ ] file is called lab5-<bench number>.pdf
[ ] both partners' names on page 1
[ ] uploaded to "PHYS210 / Lab 5" no later than 9 March 2027, 8:00 a.m. EST
[ ] honour pledge signed
[ ] one upload per pair. You can't take it back!`,
    says: {place: 'PHYS210 / Lab 5', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 3000000, 'limits.maxPages': 5, 'naming.pattern': 'lab5-<bench number>.pdf', anonymous: false, due: '2027-03-09T08:00:00-05:00', timeZone: 'EST', 'layout.fontSizePt': 11, declaration: true},
  },
  {
    text: `Praktikumsbericht – Hinweise

Umfang: 12 bis 15 Seiten (ohne Anhang), Schriftgröße 11, Zeilenabstand 1,5, Ränder 2,5 cm.
Abgabe als PDF (max. 10 MB) bis spätestens 31.03.2027, 23:59 Uhr (MEZ/MESZ), im Ordner "Praktikum WS".
Dateiname: Nachname_Matrikelnummer.pdf
Verspätete Abgaben werden nicht angenommen.`,
    says: {timeZone: 'CET/CEST', documents: [{label: null, types: ['pdf']}], place: 'Praktikum WS', 'limits.maxBytes': 10000000, 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Nachname_Matrikelnummer.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-03-31T23:59:00+02:00', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5},
  },
  {
    text: `EVERYTHING YOU NEED FOR THE ETHICS ESSAY

Who reads it: two members of staff, without knowing who wrote it.
How much: 2,200 words is the ceiling; there's no minimum. Notes count. The list of works doesn't.
In which form: PDF or ODT. Not DOC, not DOCX.
What to call it: your five-character exam code, a dash, ETH2 (like 7KD2Q-ETH2).
Until when: 19 May 2027, 18.00 (CEST). After 18.00 the button is gone.
Where: the button is on the page "Ethics > Essay 2".
How many times: send it in as often as you please. What we read is what was sent last.`,
    says: {place: 'Ethics > Essay 2', documents: [{label: null, types: ['pdf', 'odt']}], 'limits.maxWords': 2200, 'naming.pattern': '[exam code]-ETH2', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-19T18:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 'unlimited', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `ASSIGNMENT 2B
Value: 25 marks
Due: 5 pm, Tuesday 13 April 2027 (NZST)
Late penalty: 2 marks per day or part thereof (8% of the assignment's value)
Final cut-off: 5 pm, Tuesday 20 April 2027
Submission: online via Assignment 2B; paper copies will not be accepted
Format: Single PDF. A4, 2.5 cm margins, 12-point Arial, 1.5 line spacing
Cover sheet: fill in the online one
Length: 1800 words maximum (tables and references not included)`,
    says: {place: 'Assignment 2B', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1800, due: '2027-04-13T17:00:00+12:00', timeZone: 'NZST', 'late.percentPerDay': 2, 'late.cutoffDays': 7, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'counting.left': ['tables', 'references']},
  },
  {
    text: `We're moving the essay to next month. New closing time: noon on 15 April 2027. Old one (31 March, noon) no longer applies. Also the box moved: it's now "Essay (April)" - leave "Essay (March)" alone. Everything else is as before i.e. Word, 2000 words max, name and number on the first page, no late work.`,
    says: {place: 'Essay (April)', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, anonymous: false, due: '2027-04-15T12:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Students are required to submit: (a) the reflective account, 1500 words, Word; (b) the skills log, on the form supplied, Word; (c) two signed placement reports, scanned, PDF. All three go to Placement Portfolio by 9 am on 24 May 2027. Do not use the names of patients or staff. Your account is marked anonymously; use your candidate number in the header and file names. Size limit 5MB a file.`,
    says: {place: 'Placement Portfolio', documents: [{label: 'Reflective account', types: ['docx']}, {label: 'Skills log', types: ['docx']}, {label: 'Signed placement reports', types: ['pdf']}], 'limits.maxBytes': 5000000, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-05-24T09:00:00'},
  },
  {
    text: `Hi all – as promised the practicalities for the coding assignment. Please zip your project folder (without node_modules, without build output) and upload the zip, plus a README as PDF (2 pages tops). Each file must stay under 15 MiB. The zip is called a3-<username>.zip and the readme a3-<username>.pdf. Deadline: Sunday April 11, 11:59 PM EDT; you've got 72 "late hours" for the whole semester which are deducted automatically. You may submit up to 20 times, and your last submission is graded. Code is compared with everybody else's by a tool.`,
    says: {documents: [{label: null, types: ['zip']}, {label: 'README', types: ['pdf'], limits: {maxPages: 2}}], 'limits.maxBytes': 15728640, 'naming.pattern': 'a3-<username>.zip', 'naming.mustContain': ['username'], similarityChecked: true, due: '2027-04-11T23:59:00-04:00', timeZone: 'EDT', 'attempts.allowed': 20, 'attempts.keeps': 'latest'},
  },
  {
    text: `Field report (individual)
-------------------------
submit by ....... Thu, 4 March 2027, 13:00
submit to ....... "GEOG 230 field report"
format .......... docx
length .......... 1,400 to 1,600 words
file name ....... 230_<student ID>
marked by ....... teaching assistants, anonymously
late ............ 2 % of the mark for each hour, not more than 24 hours`,
    says: {place: 'GEOG 230 field report', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1400, 'limits.maxWords': 1600, 'naming.pattern': '230_<student ID>', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-04T13:00:00'},
  },
  {
    text: `The take-home paper will be available on the course page on 14 December 2026 from 10 am. Upload your answer before 10 am on 16 December 2026. 3 questions, 1,000 words each (strict). One PDF. State your word counts. Papers are marked anonymously, so please use your examination number and remove author information from the file's properties. Technical problems are no excuse: begin uploading by 9.30.`,
    says: {documents: [{label: null, types: ['pdf']}], anonymous: true, opens: '2026-12-14T10:00:00', due: '2026-12-16T10:00:00'},
  },
  {
    text: `Group presentation + individual paper

The group uploads its slides (PDF or PowerPoint) the evening before its session, 8 pm. Each student then writes a paper of 5-6 pages (1.5 spaced, 12 pt) about one aspect. The papers of everybody are due on June 25, 2027. Send them in by uploading to "Papers SoSe27". LastName_Topic.pdf please. I'll mark them until July 20.`,
    says: {place: 'Papers SoSe27', documents: [{label: 'Slides', types: ['pdf', 'pptx']}], 'limits.minPages': 5, 'limits.maxPages': 6, 'naming.pattern': 'LastName_Topic.pdf', 'naming.mustContain': ['surname'], due: '2027-06-25', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5},
  },
  {
    text: `Q1. When is the deadline?
Monday 12 April 2027, 12:00 (midday).
Q2. What if I submit at 12:01?
Then it's late: minus 5 marks (out of 100) per day, weekends included. After 14 days: zero.
Q3. May I submit more than once?
You may, until the deadline. We keep every version but mark the latest.
Q4. Which file types can I use?
.doc, .docx, .rtf or .pdf
Q5. Is there a size limit?
Yes - 40MB.
Q6. Should my name be in the file?
No. Put your Z-number in the header. The file name doesn't matter.
Q7. Word limit?
3500 +/-10%, excluding bibliography.
Q8. Can I see the similarity score?
Yes, about 20 minutes after you submit.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'rtf', 'pdf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 3150, 'limits.maxWords': 3850, anonymous: true, similarityChecked: true, due: '2027-04-12T12:00:00', 'attempts.keeps': 'all', 'late.percentPerDay': 5, 'late.cutoffDays': 14},
  },
  {
    text: `Dear candidate
We confirm that the resubmission of your project (reference RES-118) is possible until 4pm on 2 August 2027. Please submit one PDF file of no more than 25 MB to "Resubmissions Summer 2027" – this is NOT the place you used in May. The word limit remains 8,000. A covering letter (Word, one page) explaining your changes goes in as a second file. Your work will again be marked blind. The file names must not include your name or your student number: use RES-118_project and RES-118_letter.`,
    says: {place: 'Resubmissions Summer 2027', documents: [{label: null, types: ['pdf'], limits: {maxBytes: 25000000}}, {label: 'Letter', types: ['docx']}], 'limits.maxWords': 8000, 'naming.mustNotIdentify': true, anonymous: true, due: '2027-08-02T16:00:00', 'attempts.allowed': 1},
  },
  {
    text: `ART & DESIGN HISTORY – Visual analysis
Words: 1.500 (±150)
Images: max. 6, low resolution so that the whole file is < 10 MB
File: PDF
Due: 26.2.2027 23:59
Upload: Learning area > ADH > Visual analysis
Fonts: no requirement. Line spacing: at least 1,5
Number your pages!
Late: not possible`,
    says: {place: 'Learning area > ADH > Visual analysis', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.minWords': 1350, 'limits.maxWords': 1650, due: '2027-02-26T23:59:00', 'late.cutoffDays': 0, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true},
  },
  {
    text: `Your dissertation proposal must be handed in via the department's website by Friday of Week 8 (Friday 5 March), 4pm. The maximum length is two sides of A4 in 11-point type. It isn't anonymous: your name and that of your proposed supervisor go at the top. PDF please. Late proposals will be penalised at the usual rate of five marks per working day.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, anonymous: false, due: '2027-03-05T16:00:00', 'late.percentPerDay': 5, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11},
  },
  {
    text: `Assessment 1: Literature review

Learning outcomes assessed: LO1, LO3
Weighting: 30%
Submission deadline: Thursday 25 March 2027, 11:59am
Submission method: online, through the "Assessment 1" area of the module site
Word count: 1,500 words (+10%). The reference list and any appendices are not included in the word count.
File format: PDF or Microsoft Word
Anonymity: this assessment is marked anonymously. Include your student number on every page; do not include your name.
Late submission: work submitted up to 24 hours late is penalised by 10 marks; work submitted more than 24 hours late receives 0.
Resubmission: you can resubmit up to the deadline, the last version is the one we mark.
Feedback: 22 April 2027`,
    says: {place: 'Assessment 1', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxWords': 1650, anonymous: true, due: '2027-03-25T11:59:00', 'attempts.keeps': 'latest', 'late.cutoffDays': 1, 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Notice
The deadline for Assignment 3 has been put back by a week because of the closure of the library. It is now Thursday, 1 April 2027 (23:59 JST). (It was 25 March.) Students who had an extension until 1 April now have until 8 April.
No other changes: 2,500 words ± 5 %, PDF, upload at "Assignment 3 (new)".`,
    says: {place: 'Assignment 3 (new)', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2375, 'limits.maxWords': 2625, due: '2027-04-01T23:59:00+09:00', timeZone: 'JST'},
  },
  {
    text: `Submitting your MRes thesis

Format: one PDF, A4 portrait, 12-point serif font, line spacing 1.5 or double, left margin 4 cm, all other margins 2.5 cm, pages numbered.
Length: no more than 30,000 words excl. appendices, references, and the abstract. The abstract must not exceed 300 words.
When: on or before 30 September 2027.
How: email the PDF to thesis@grad.example with the subject "MRes thesis". Files above 20 MB have to be uploaded to the graduate drive instead.
Include: a title page with your full name; a signed declaration; acknowledgements.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 30000, anonymous: false, due: '2027-09-30', 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.pageNumbers': true, declaration: true, sections: ['title page'], 'counting.left': ['appendices', 'references', 'abstract']},
  },
  {
    text: `Your assignment brief at a glance
What    A 10-minute recorded presentation (MP4) plus slides (PDF)
Where    "Presentation recordings" on the unit page
When    by 23:00 AWST, Sunday 23 May 2027
Size    recording up to 1 GB, slides up to 20 MB
Names    recording_<student ID>.mp4, slides_<student ID>.pdf
Late    -10% per calendar day, max. 5 days
Marked    not anonymously`,
    says: {place: 'Presentation recordings', documents: [{label: 'Presentation', types: ['mp4']}, {label: 'Slides', types: ['pdf'], limits: {maxBytes: 20000000}}], 'limits.maxBytes': 1000000000, anonymous: false, due: '2027-05-23T23:00:00+08:00', timeZone: 'AWST', 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `The report must be submitted electronically by 4.30 pm on Friday, 5 March 2027. Please note that the upload page stays open for three more days but that work arriving then will be marked as late (minus 5 per cent per day). Only PDF is accepted; the maximum size is 8MB. Reports must not exceed ten pages including figures, in a font not smaller than 11 point. Name your file with your surname, followed by your initials and the number of your group, e.g. OkaforJT_12.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxPages': 10, 'naming.mustContain': ['surname', 'initials'], due: '2027-03-05T16:30:00', 'late.percentPerDay': 5, 'late.cutoffDays': 3, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `PHIL 2200 Short paper #2

Due: in my inbox (phil2200@dept.example) by the time class starts on Tues., March 9 (1:30 p.m. Mountain)
Length: 900–1,100 words
Format: .docx (not .pages, not a link)
Your name should appear only in the file name (Lastname-Paper2.docx), not in the paper itself, since I grade without looking at names.
Late papers drop a third of a grade per day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 900, 'limits.maxWords': 1100, 'naming.pattern': 'Lastname-Paper2.docx', 'naming.mustContain': ['surname'], anonymous: true, due: '2027-03-09T13:30:00-07:00', timeZone: 'America/Denver'},
  },
  {
    text: `Coursework submission – important information for all third-year students

The deadline for ALL third-year coursework in term 2 is 12:00 noon on Monday 29 March 2027.
Coursework must be submitted online; paper copies are no longer needed.
You can submit one file only. If your work consists of several documents you must combine them into a single PDF. The file may not be larger than 40 MB.
You may submit as many times as you like before the deadline. Each time you submit, your previous submission is overwritten. After the deadline you can submit only once, and only if you have not submitted before.
Your coursework will be checked for originality by text-matching software.
Work submitted late will lose 5 marks per day (including weekends) for up to 7 days. After 7 days a mark of 0 will be recorded.
Your candidate number (not your name) must be on the first page. The file name should be your candidate number.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 40000000, 'naming.pattern': 'candidate number', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-03-29T12:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Welcome to the submission page for "Group Business Plan".

Opens: 15 Feb 2027 08:00   Closes: 26 Feb 2027 17:00   (all times WAT)

One member of each group uploads: 1 x business plan (PDF, max 20 pages), 1 x financial model (Excel), 1 x peer assessment form (Word).
File names: GroupNN_plan, GroupNN_model, GroupNN_peer
You have 1 attempt.
Late = not accepted.`,
    says: {place: 'Group Business Plan', documents: [{label: 'Business plan', types: ['pdf'], limits: {maxPages: 20}}, {label: 'Financial model', types: ['xlsx']}, {label: 'Peer assessment form', types: ['docx']}], opens: '2027-02-15T08:00:00+01:00', due: '2027-02-26T17:00:00+01:00', timeZone: 'WAT', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `MATH 4410, Problem set 4. Due 03/17/2027 at 23:59 EDT on the course site. You may handwrite (scan to a single PDF, upright pages, in order) or use LaTeX. Max 5 MB. 10% off per hour late up to 5 hours, then no credit. Unlimited resubmissions before the due time.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, due: '2027-03-17T23:59:00-04:00', timeZone: 'EDT', 'attempts.allowed': 'unlimited'},
  },
  {
    text: `Practical report

Kindly prepare your report in the supplied template (Practical_Report_Template.docx). Save it under a new name: your matriculation number followed by _PR1. The completed template should be between 6 and 8 pages long. Do not alter fonts or margins. Convert it to PDF before you hand it in. The hand-in folder "PR1" in the course area closes on 11 June 2027 at 20:00 (CEST) and doesn't reopen.`,
    says: {place: 'PR1', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 6, 'limits.maxPages': 8, 'naming.mustContain': ['studentNumber'], due: '2027-06-11T20:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `All essays for ENGL3010 have the same rules: 12 pt, double-spaced, 1" margins, MLA. Essay 1 is due Feb 26, Essay 2 is due Apr 2, Essay 3 is due May 7. Essays 1 and 2 are 4–5 pages; Essay 3 is 8–10. Due times are always 5 pm (Eastern). Upload a PDF to the folder of the essay.`,
    says: {documents: [{label: null, types: ['pdf']}], timeZone: 'America/New_York', parts: [{label: 'Essay 1', opens: null, due: '2027-02-26T17:00:00-05:00'}, {label: 'Essay 2', opens: null, due: '2027-04-02T17:00:00-04:00'}, {label: 'Essay 3', opens: null, due: '2027-05-07T17:00:00-04:00'}], 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, referenceStyle: 'MLA'},
  },
  {
    text: `Summative essay. Hand-in date: 26th April, 2 p.m. Length: 4,000 words including footnotes but excluding bibliography. Please note that anything over 4,000 words will not be read by the examiners. Essays must be word-processed in double spacing, submitted as a Word document, and carry your examination number on each page. Your name should not appear on the essay. File name: module code, examination number, "essay". Extensions must be applied for at least two working days before the deadline. You will not be able to submit more than once.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 4000, 'naming.mustContain': ['candidateNumber', 'courseCode'], anonymous: true, due: '2027-04-26T14:00:00', 'attempts.allowed': 1, 'layout.lineSpacing': 2, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Course: Marine Policy (MPOL 510)
Assignment: Policy brief

Requirements
 1. Two pages, single-spaced, plus a half page of references
 2. 11-pt Calibri or Arial
 3. Save as PDF
 4. File name: MPOL510_YourUniversityID.pdf. Do not use your name.
 5. Upload to Policy brief (not to "Policy brief outline")
 6. Due Sunday, March 7, 2027, 11:59 PM PST
 7. One late day is free; after that minus 10% per day
Grading is blind.`,
    says: {place: 'Policy brief', documents: [{label: null, types: ['pdf']}], 'naming.pattern': 'MPOL510_YourUniversityID.pdf', 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-07T23:59:00-08:00', timeZone: 'PST', 'late.percentPerDay': 10, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri', 'Arial']},
  },
  {
    text: `Instructions for the reflective essay in NURS 330:
- 1000 to 1250 words (title page and references excluded)
- APA 7 with title page: your name, student number, course, date
- Due on or before Feb 19 @ 2359h (Atlantic Time)
- Folder: "Reflective Essay"
- .doc, .docx or .pdf, 20MB max
- 5%/day late incl. weekends; 0 after 5 days
- unlimited submissions, the last one replaces all others`,
    says: {place: 'Reflective Essay', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 1000, 'limits.maxWords': 1250, anonymous: false, due: '2027-02-19T23:59:00-04:00', timeZone: 'America/Halifax', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, referenceStyle: 'APA', 'counting.left': ['titlePage', 'references']},
  },
  {
    text: `Final portfolio (100%): what, when, where

The portfolio consists of three parts which are uploaded as one PDF each:
  a) Case notes - deadline 5 March 2027
  b) Essay, 2,500 words - deadline 16 April 2027
  c) Reflection, 800 words - deadline 14 May 2027
All deadlines: 15:00 (London). Upload areas "Portfolio A", "Portfolio B" and "Portfolio C". Parts a and c are not anonymous, part b is.`,
    says: {documents: [{label: 'Portfolio', types: ['pdf']}], timeZone: 'Europe/London', parts: [{label: 'Case notes', opens: null, due: '2027-03-05T15:00:00+00:00'}, {label: 'Essay', opens: null, due: '2027-04-16T15:00:00+01:00'}, {label: 'Reflection', opens: null, due: '2027-05-14T15:00:00+01:00'}]},
  },
  {
    text: `Please submit your 2,000 word report on or before Thursday 11 March 2027 (17:00 hrs CAT) by uploading it, in PDF format and smaller than 5 megabytes, via the link "GIS Report 2". Mark your report with your student number but not your name, so that it can be marked anonymously. Any report received after 17:00 hrs will attract a penalty of 10% per day, and no report will be accepted after Monday 15 March. You may resubmit before the deadline; only the last submission will be marked.`,
    says: {place: 'GIS Report 2', documents: [{label: 'Report', types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.maxWords': 2000, anonymous: true, due: '2027-03-11T17:00:00+02:00', timeZone: 'CAT', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 4, lengths: ['maxWords']},
  },
  {
    text: `The portfolio is due in week 11. Precisely: it has to be uploaded between Monday 12 April (9 am) and Friday 16 April 2027 (4 pm). You'll find the upload area under Assessment/Portfolio. We need a PDF with bookmarks; anything bigger than 75 MB is rejected by the server. The portfolio shouldn't carry your name – a code has been e-mailed to you and that's what goes on the cover. The same code, plus the letter P, is the name of the file.`,
    says: {place: 'Assessment/Portfolio', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 75000000, anonymous: true, opens: '2027-04-12T09:00:00', due: '2027-04-16T16:00:00'},
  },
  {
    text: `CRITICAL ESSAY - RULES (please print)
A. Deadline: 1 April 2027 at 12:00 sharp. The system clock decides.
B. Length: 3000 words. Penalty-free margin: 10% above. No lower limit.
C. Files: DOCX only.
D. Identification: registration number only, both in the header and in the file name (RegNo_CE.docx).
E. Second thoughts: until the deadline you may take your essay back and hand in another, three times in all.
F. Late: 2 points for every day; after the 10th day the portal refuses.
G. Own work: by clicking "Send" you declare that the essay is your own.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 3300, 'naming.pattern': 'RegNo_CE.docx', 'naming.mustContain': ['studentNumber'], due: '2027-04-01T12:00:00', 'attempts.allowed': 3, 'late.percentPerDay': 2, 'late.cutoffDays': 10, declaration: true},
  },
  {
    text: `Dear all, the new due date for the first lab report is Wednesday 10 March 2027, 18:00 (previously Monday 8 March). The second lab report remains due on Wednesday 24 March, 18:00. For both: PDF, up to 6 pages, no more than 10 MB; upload to "Lab reports". As before you're allowed two uploads per report, and we take the better one.`,
    says: {place: 'Lab reports', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 6, parts: [{label: 'first lab report', opens: null, due: '2027-03-10T18:00:00'}, {label: 'second lab report', opens: null, due: '2027-03-24T18:00:00'}], 'attempts.allowed': 2},
  },
  {
    text: `Assessment details - Case study
Due Date: 03-05-2027 at 14:00 (SAST)
Page limit: 5
Font: Arial 11, line spacing: 1.15
Marking: moderated, not anonymous
Type of file: .docx
Where: Assignments tab, "Case study - final version"
Max upload: 1 file, 12 MB
Cut off: 05-05-2027 at 14:00 (20% off)`,
    says: {place: 'Case study - final version', documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 12000000, 'limits.maxPages': 5, anonymous: false, due: '2027-05-03T14:00:00+02:00', timeZone: 'SAST', 'late.cutoffDays': 2, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, 'layout.fonts': ['Arial']},
  },
  {
    text: `What to submit: the essay itself (PDF) and, separately, the plagiarism declaration (PDF), which you download from the programme page, sign, and scan.
What not to submit: the raw data, the slides, Word files.
When: 7 June 2027 (end of day).
Name both files with your matriculation number: 123456_essay.pdf, 123456_declaration.pdf
How long: 12-14 pages; line spacing 1.5; 12 pt; margins 3 cm
Group work? No.`,
    says: {documents: [{label: 'Essay', types: ['pdf']}, {label: 'Declaration', types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 14, 'naming.mustContain': ['studentNumber'], due: '2027-06-07', 'layout.marginMm': 30, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Your essay must reach us by 5 pm on Friday 19 February 2027 at the latest. Please allow for slow connections: the upload box "Essay 1" is busy in the last hour. You'll be able to upload once only, so check the file first. Word limit 2000 (references not included). Format rtf or docx. Anonymous: exam number in header. We don't use text-matching software for this essay.`,
    says: {place: 'Essay 1', documents: [{label: null, types: ['rtf', 'docx']}], 'limits.maxWords': 2000, anonymous: true, similarityChecked: false, due: '2027-02-19T17:00:00', 'attempts.allowed': 1, 'counting.left': ['references']},
  },
  {
    text: `Take-home assignment - week of 22 March
Released: Monday 22 March 2027, 10:00
To be returned: Wednesday 24 March 2027, 10:00
Answer in no more than 1,200 words in total. You can write by hand; photos must be merged to one PDF and be readable (at least 200 dpi). 25 MB maximum. Late answers are not marked, whatever the reason.
Candidates are identified by candidate number; do not write your name on the answer or in the file name.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'limits.maxWords': 1200, 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-03-22T10:00:00', due: '2027-03-24T10:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Thesis proposal. 4 pages + references. Send as e-mail attachment (Word) to the programme secretary until 15.10.2027. File name "Proposal_Lastname". After approval, the thesis itself is due six months later.`,
    says: {documents: [{label: null, types: ['docx']}], 'naming.pattern': 'Proposal_Lastname', 'naming.mustContain': ['surname'], due: '2027-10-15'},
  },
  {
    text: `Module: Coastal Engineering (CE4105)
Coursework: Design report (individual)
Issue date: 1 February 2027
Submission date: 15 March 2027
Submission time: before 16:00
Submission format: PDF via "CE4105 Design report"; drawings separately as PDF via "CE4105 Drawings"
File size: below 30MB each
Page limit: 25 (drawings excluded)
Feedback: by 12 April 2027
Lateness: 10% of the maximum mark per day, up to a maximum of 5 days
Identification: student number on the cover; names are not used in marking`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.maxPages': 25, anonymous: true, due: '2027-03-15T16:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `Just to be clear about tomorrow week: the seminar paper is due on Thursday, 18 February 2027, and Thursday ends at midnight. Not Friday morning! Email is not OK, use "Seminar papers" on the module page. PDF. Fifteen pages at most, typed, double spacing, 12 point. Don't anonymise it, I know your handwriting anyway ;-)`,
    says: {place: 'Seminar papers', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 15, anonymous: false, due: '2027-02-19T00:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `You are asked to hand in the following by Monday 3 May 2027, 09:00 CEST:

(1) your analysis script, as a .zip archive (no data!), and
(2) a short report of 1500-2000 words, as .pdf.

Put both into the box "Stats project". File names should follow the scheme groupXX_script.zip / groupXX_report.pdf. Groups of up to three. You may update both until the deadline. One day late: 10 % off. Two days: 25 %. Later: fail.`,
    says: {place: 'Stats project', documents: [{label: 'Analysis script', types: ['zip']}, {label: 'Short report', types: ['pdf'], limits: {minWords: 1500, maxWords: 2000}}], 'naming.pattern': 'groupXX_report.pdf', due: '2027-05-03T09:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Essay (40%): 1800 words, +/- 180. The essay opens for submission on Monday 8 March at 9am and closes on Friday 26 March 2027 at 5pm (GMT). Word files only (.docx). Don't put your name on it – the system adds your ID. You can submit any number of times; only your final submission will be seen by the marker. There is a five-minute buffer, after which submissions are flagged late: 5 marks, then 5 more marks for each day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1620, 'limits.maxWords': 1980, anonymous: true, opens: '2027-03-08T09:00:00+00:00', due: '2027-03-26T17:00:00+00:00', timeZone: 'GMT', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5},
  },
  {
    text: `FINAL PROJECT DUE DATES
Proposal: 2/19
Draft: 3/26
Final: 4/30
Everything at 11:59 PM Central. Submit .docx for the first two, PDF for the final. Final project length: 12-15 pages.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, timeZone: 'America/Chicago', parts: [{label: 'Proposal', opens: null, due: '2027-02-19T23:59:00-06:00'}, {label: 'Draft', opens: null, due: '2027-03-26T23:59:00-05:00'}, {label: 'Final', opens: null, due: '2027-04-30T23:59:00-05:00'}]},
  },
  {
    text: `The assignment has to be submitted in anonymised form. Please use the following naming convention for the file: [course code]_[exam number].docx. The deadline is 12.00 (noon) on 12.04.2027. The upper limit is 5000 words; essays which exceed it by more than 5% will have marks deducted.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 5250, 'naming.pattern': '[course code]_[exam number].docx', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-12T12:00:00'},
  },
  {
    text: `1. Due: Fri 30 Apr 2027, 5.00pm NZST. 2. Max 2,400 words. 3. PDF or Word. 4. Upload under "Assignment two". 5. Extension? Fill in the form before the due date. 6. Late: 1 mark/hour for the first 24 h, after that not accepted. 7. Similarity score visible to you: yes. 8. Declaration: tick the box. 9. Resubmissions: two.`,
    says: {place: 'Assignment two', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxWords': 2400, similarityChecked: true, due: '2027-04-30T17:00:00+12:00', timeZone: 'NZST', 'late.cutoffDays': 1, declaration: true},
  },
  {
    text: `Deliverable 3 — user manual. Format: HTML zipped, or PDF. Size: whatever fits (portal limit 250MB). Deadline: 14 May, 17h00 (Brussels time). Submit on the portal, project page, tab "D3". The coordinator of the group submits. Late deliverables are accepted until 21 May, 17h00, at most 12/20.`,
    says: {documents: [{label: null, types: ['html', 'pdf']}], 'limits.maxBytes': 250000000, due: '2027-05-14T17:00:00+02:00', timeZone: 'Europe/Brussels', 'late.cutoffDays': 7},
  },
  {
    text: `Please hand in your fieldwork diary (scanned, one PDF, max 60 MB) and your summary (800–1,000 words, .docx) no later than 6 p.m. on 31 May 2027. Upload them to the course folder "Diaries 2027". The scan must be in colour. Name the files diary_NAME and summary_NAME (NAME = your surname in capitals). Diaries are returned on 14 June.`,
    says: {place: 'Diaries 2027', documents: [{label: 'Fieldwork diary', types: ['pdf'], limits: {maxBytes: 60000000}}, {label: 'Summary', types: ['docx'], limits: {minWords: 800, maxWords: 1000}}], 'naming.pattern': 'diary_NAME', 'naming.mustContain': ['surname'], due: '2027-05-31T18:00:00'},
  },
  {
    text: `Critical reflection (1,000 words)

Submit by: 14:00 (GMT) on Thursday 4 March 2027
Submit via: Module page > Coursework > Critical reflection
Do not submit via: the "Practice" area
Accepted formats: .docx, .pdf
Maximum file size: 20 MB
You should NOT include your name anywhere in your work. Please include your student number in the header.
If you submit late without an approved extension, your mark will be reduced by 5% for each day up to 5 days; work submitted after this will get zero.
You can resubmit until the deadline, but only your last submission will be marked.`,
    says: {place: 'Module page > Coursework > Critical reflection', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 1000, anonymous: true, due: '2027-03-04T14:00:00+00:00', timeZone: 'GMT', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, lengths: ['maxWords']},
  },
  {
    text: `Thank you for volunteering to write the case report. We need it as a Word file by Wednesday, the 17th of March, 2027, 11 pm (CET). No more than 8 pages with figures, please; figures also as separate TIFF files. You'll receive an automatic reply. Please call the document CaseReport_yourname.`,
    says: {documents: [{label: null, types: ['docx']}, {label: 'Figures', types: ['tiff']}], 'limits.maxPages': 8, 'naming.pattern': 'CaseReport_yourname', due: '2027-03-17T23:00:00+01:00', timeZone: 'CET'},
  },
  {
    text: `Final Paper Submission Instructions

Papers are due Monday, May 10, by 11:59 p.m. (EDT). The submission window opens Monday, May 3. 
Papers should be 12-15 pages, not counting the title page and works cited, in MLA format with 12-point Times New Roman and 1-inch margins.
Save your paper as a PDF named "Lastname_Firstname_FinalPaper.pdf".
Each student may submit once. If you need to fix something, e-mail me before the deadline and I'll reset your submission.
Late papers lose 10 points per day and will not be accepted after May 13.`,
    says: {documents: [{label: 'Paper', types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Lastname_Firstname_FinalPaper.pdf', 'naming.mustContain': ['surname', 'givenNames'], opens: '2027-05-03', due: '2027-05-10T23:59:00-04:00', timeZone: 'EDT', 'attempts.allowed': 1, 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.fonts': ['Times New Roman'], referenceStyle: 'MLA'},
  },
  {
    text: `Year 2 Studio: submission of drawings
Up to six sheets, A2, as ONE pdf of not more than 60MB
Model photographs: at least 3, jpg, each under 4 MB
Written statement: 300 words (docx)
All to: Studio 2 - Final (box closes Fri 21 May 2027, 4pm sharp)
Student number on everything, names on nothing. File names: [student number]_sheets / _photo1.. / _text`,
    says: {place: 'Studio 2 - Final', documents: [{label: null, types: ['pdf'], limits: {maxBytes: 60000000}}, {label: 'Model photographs', types: ['jpeg'], limits: {maxBytes: 4000000}}, {label: 'Written statement', types: ['docx'], limits: {maxWords: 300}}], 'naming.pattern': '[student number]_sheets', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-05-21T16:00:00', lengths: ['maxWords']},
  },
  {
    text: `The coursework consists of two equally weighted essays (1,500 words each, footnotes included). Essay A is to be uploaded by 5 March 2027, Essay B by 30 April 2027, both by 3pm. PDF or Word. Your candidate number is the file name, followed by A or B. There's a 24-hour grace period after each deadline without penalty; after that no essay is accepted. Marked anonymously.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'naming.mustContain': ['candidateNumber'], anonymous: true, parts: [{label: 'Essay A', opens: null, due: '2027-03-05T15:00:00'}, {label: 'Essay B', opens: null, due: '2027-04-30T15:00:00'}], 'counting.counted': ['footnotes']},
  },
  {
    text: `[Forwarded]
> Reminder: essay 2 was due on 3 March at noon.
Not any more! Due to the strike the essay is now due on 10 March 2027 at noon. Length unchanged (2,000). Same place, same format (PDF).`,
    says: {documents: [{label: null, types: ['pdf']}], due: '2027-03-10T12:00:00'},
  },
  {
    text: `Please complete the ethics form (template on the module page; Word) and return it together with your project outline (PDF, 2 pages) before 9 am on 22 February 2027 to the folder Ethics & Outline. Without both, the submission is incomplete. Use your surname in both names.`,
    says: {documents: [{label: 'Ethics form', types: ['docx']}, {label: 'Project outline', types: ['pdf'], limits: {maxPages: 2}}], due: '2027-02-22T09:00:00', lengths: ['maxPages']},
  },
  {
    text: `Lab report guidelines (PHYS 1021L)
Reports are due one week after your lab session, at the start of the next session. Submit as PDF on the course page; printed copies are not accepted. Max 6 pages; use the template. Late reports: -10% per day, nothing after three days. File name: section_lastname_labN.pdf.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, 'naming.pattern': 'section_lastname_labN.pdf', 'naming.mustContain': ['surname'], 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Dissertation hand-in (BSc Geography)
Date/time: Thursday 29 April 2027 before 12 noon (BST)
Copies: one electronic copy only (pdf, ≤ 100 MB)
Word limit: 10,000 (excludes abstract, captions, tables, references, appendices; includes footnotes and quotations)
Front sheet: candidate number, title, word count. NOT your name.
Naming: BSc_Diss_[candidate number].pdf
Originality check: yes (automatic)
Late: 5% a day for 7 days
Attempts: 1 - the box locks after the first upload`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.maxWords': 10000, 'naming.pattern': 'BSc_Diss_[candidate number].pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-04-29T12:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'counting.counted': ['footnotes', 'quotations'], 'counting.left': ['abstract', 'captions', 'tables', 'references', 'appendices']},
  },
  {
    text: `PSY2204 Cognitive Development – Lab report 2

Word limit: 1,800 words (not including abstract, tables, figures, references and appendices). You may go up to 10% over without penalty.
Format: Microsoft Word (.docx) only – we cannot mark PDFs for this one.
Name your file PSY2204_LR2_[your candidate number].
Submit: PSY2204 > Assessment > Lab report 2
Deadline: Thursday 25 February 2027, 3pm
Feedback: within 15 working days (18 March 2027)
Marking is anonymous. Please make sure that your name does not appear anywhere in the report or in the file name.
Late submissions: 5 marks per working day, up to five working days. After that a mark of zero will be recorded.`,
    says: {place: 'PSY2204 > Assessment > Lab report 2', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1980, 'naming.pattern': 'PSY2204_LR2_[your candidate number]', 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-02-25T15:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `Hi everyone,

A few of you asked about the take-home exam. It'll be released on Monday, 3 May 2027 at 9:00 a.m. (Eastern) and you have exactly 48 hours. So everything must be in by Wednesday, May 5 at 9:00 a.m. I'd like a single PDF, double-spaced, 12-pt Times New Roman, 1-inch margins, pages numbered, max. 8 pages not counting the bibliography (Chicago style, please). Put only your student ID on the first page, no names. You can upload as often as you like before the deadline; I only see the latest version.

No extensions for this one, sorry.

Prof. R.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 8, anonymous: true, opens: '2027-05-03T09:00:00-04:00', due: '2027-05-05T09:00:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `MODULE ASSESSMENT BRIEF
Module code: ENG3301      Module title: The Victorian Novel
Assessment title: Essay (100%)
Length: 3,000 words +/- 10%
Submission date and time: 12:00 noon, Tuesday 20 April 2027
Submission method: electronic, via ENG3301 Essay link
File format: .doc, .docx or .pdf
Referencing: MHRA
Similarity checking: all work is checked with text-matching software
Anonymity: candidates must use their examination number
Resubmission before deadline: permitted; each new file overwrites the previous one
Late penalty: 10 percentage points per day or part thereof; not accepted after 5 days`,
    says: {place: 'ENG3301 Essay', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.minWords': 2700, 'limits.maxWords': 3300, anonymous: true, similarityChecked: true, due: '2027-04-20T12:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, referenceStyle: 'MHRA'},
  },
  {
    text: `Coursework 2 (Portfolio)

You need to hand in three things:
1. Reflective commentary (PDF, 1,000–1,200 words)
2. Portfolio of four lesson plans (one PDF, no more than 20 pages)
3. Signed declaration form (PDF or JPG)

All three go into "EDU Portfolio 2027" by 16:30 on 14 May 2027. The total size of the upload must not exceed 100MB. Please call the files commentary.pdf, portfolio.pdf and declaration.pdf.
Portfolios are double marked but not anonymously.`,
    says: {place: 'EDU Portfolio 2027', documents: [{label: 'Reflective commentary', types: ['pdf'], limits: {minWords: 1000, maxWords: 1200}}, {label: 'Portfolio', types: ['pdf'], limits: {maxPages: 20}}, {label: 'Signed declaration form', types: ['pdf', 'jpeg']}], 'limits.maxBytes': 100000000, anonymous: false, due: '2027-05-14T16:30:00', declaration: true},
  },
  {
    text: `Thesis submission (MSc)

Submit an electronic copy in PDF/A format to the Graduate Office portal by 31 August 2027, 17:00 CEST. The thesis must not exceed 80 pages (A4, margins 2.5 cm left and right, 11 pt, line spacing 1.15) excluding annexes. The file name must follow the pattern Surname_Firstname_MSc_2027.pdf. Maximum file size 40 MB. A signed statement of originality must be bound in after the title page.`,
    says: {place: 'Graduate Office portal', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 40000000, 'limits.maxPages': 80, 'naming.pattern': 'Surname_Firstname_MSc_2027.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-08-31T17:00:00+02:00', timeZone: 'CEST', 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, declaration: true, archival: 'PDF/A'},
  },
  {
    text: `ASSIGNMENT 3 - due Sun 21 Mar 11:59pm

- max 1500 words (ref list not incl.)
- APA 7
- docx or pdf, < 20MB
- filename: StudentID_A3
- submit via the A3 dropzone
- late: -5%/day, nothing after 7 days
- one attempt only!!`,
    says: {place: 'A3 dropzone', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 1500, 'naming.pattern': 'StudentID_A3', 'naming.mustContain': ['studentNumber'], due: '2027-03-21T23:59:00', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'APA'},
  },
  {
    text: `Please note the following rules for your final paper:

* Due date: 10 June 2027, end of day
* Minimum length: 4000 words; no maximum
* Submit to: Final paper (grad students) -- NOT to the undergraduate folder!
* Accepted: PDF
* Title page with title, course and your matriculation number. No name.
* The paper will be run through similarity detection.
* Grace period: none.`,
    says: {place: 'Final paper (grad students)', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 4000, anonymous: true, similarityChecked: true, due: '2027-06-10'},
  },
  {
    text: `BIOL 215 LAB NOTEBOOK

Scan or photograph your lab notebook pages and upload them as a single PDF (max. 25 MB) to "Notebook check" by Friday, 9 April, 5:00 pm PT. Make sure each page is legible and the right way up. Each page should have your initials in the corner. The notebook counts 10%. Late notebooks lose 20% per day.`,
    says: {place: 'Notebook check', documents: [{label: 'Lab notebook', types: ['pdf']}], 'limits.maxBytes': 25000000, due: '2027-04-09T17:00:00-07:00', timeZone: 'America/Los_Angeles', 'late.percentPerDay': 20},
  },
  {
    text: `Submission instructions for paper-based and electronic copy

One printed copy must be handed in at the School Office (Room 2.14) by 4 pm on Monday 22 March 2027. An identical electronic copy (PDF) must be uploaded to "POL Essay electronic copy" by the same time. Both copies must carry the cover sheet. Write 2,500 words at most. Don't put your name on it.`,
    says: {place: 'POL Essay electronic copy', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2500, anonymous: true, due: '2027-03-22T16:00:00'},
  },
  {
    text: `Assessment task 2: Case report
Weighting: 40%
Due: Week 9, Friday 7 May 2027 23:59 AEST
Length: 2000 words (+/- 10%)
Format: Word document, 1.5 spacing, Arial 11 or Calibri 11, 2.5cm margins
File name: Lastname_Firstname_StudentNo_CaseReport
Where: Assessment task 2 – Case report
Number of attempts: unlimited until due date
Late penalty: 10% of the total mark per day, max 10 days
Referencing: Vancouver`,
    says: {place: 'Assessment task 2 – Case report', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'Lastname_Firstname_StudentNo_CaseReport', 'naming.mustContain': ['studentNumber', 'surname', 'givenNames'], due: '2027-05-07T23:59:00+10:00', timeZone: 'AEST', 'attempts.allowed': 'unlimited', 'late.percentPerDay': 10, 'late.cutoffDays': 10, 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Calibri'], referenceStyle: 'Vancouver'},
  },
  {
    text: `You asked what happens if you need longer: your extension request for SOC220 Essay has been approved. Your new deadline is Monday 29 March 2027 at 12 noon (was: Monday 22 March 2027, 12 noon). All other conditions remain the same: 2,200 words maximum, PDF, anonymous, submit to SOC220 Essay.`,
    says: {place: 'SOC220 Essay', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2200, anonymous: true, due: '2027-03-22T12:00:00', extension: '2027-03-29T12:00:00'},
  },
  {
    text: `Your extension has been approved. Your new deadline is Monday 29 March 2027 at 12 noon (was: Monday 22 March 2027, 12 noon).`,
    says: {due: '2027-03-22T12:00:00', extension: '2027-03-29T12:00:00'},
  },
  {
    text: `GEOG2012 Field report – how to hand in

What: one PDF containing report and appendices. Your report may be up to 3,500 words; appendices are not counted.
Where: GEOG2012 – Field report (upload)
When: opens Monday 8 March 2027, 09:00; closes Friday 12 March 2027, 16:00
Who: everyone, individually
How often: you may replace your file until the box closes
Size: the box takes files up to 200 MB
Name: candidate number only, e.g. Y1234567.pdf
Late: 5% off for each 24 hours, no submissions after one week`,
    says: {place: 'GEOG2012 – Field report (upload)', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 200000000, 'limits.maxWords': 3500, 'naming.pattern': 'candidate number', 'naming.mustContain': ['candidateNumber'], opens: '2027-03-08T09:00:00', due: '2027-03-12T16:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Dear all, following Tuesday's discussion: the word count for the dissertation is 10,000 (not 12,000 as stated in the handbook), there is no +10% rule, and the deadline is Friday 7 May 2027 at 5pm. Dissertations are submitted as PDF to "Dissertation 2026/27". Best, Module team`,
    says: {place: 'Dissertation 2026/27', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 10000, due: '2027-05-07T17:00:00', lengths: ['maxWords']},
  },
  {
    text: `Task: Write a policy brief of no more than two pages (A4, single spaced, 11 point or larger, margins at least 2 cm).
Submit a PDF named brief_<student number>.pdf.
Deadline: 18:00 on 30.04.2027 (CEST).
Submission: upload area of the course, folder "Policy briefs".
Late briefs are not accepted.
Please include the declaration of originality as the last page (it does not count towards the two pages).`,
    says: {place: 'Policy briefs', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, 'naming.pattern': 'brief_<student number>.pdf', 'naming.mustContain': ['studentNumber'], due: '2027-04-30T18:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.atLeast': ['marginMm', 'fontSizePt'], declaration: true},
  },
  {
    text: `The essay must be submitted by 12:00 (midday) on 15/04/2027. Work submitted after this time but within 24 hours will have 5 marks deducted; within 48 hours 10 marks, and so on, until five days have passed, after which the mark will be 0. Essays should be 2000–2500 words in length, including footnotes but excluding the bibliography. They should be typed in a 12-point font with 1.5 line spacing, and saved as PDF. Quote your examination number at the top of every page; your name must not appear. Upload to HIST20099 Essay 2 (Final).`,
    says: {place: 'HIST20099 Essay 2 (Final)', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, anonymous: true, due: '2027-04-15T12:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Reminder!!! Video essay + script

Script: docx, 800 words max
Video: mp4, 5 minutes max, 500 MB max
deadline: wed 14 april 2027 @ 17:00 (london)
upload both to > FILM210 > Assessment 2
name the files FILM210_A2_yourusername`,
    says: {place: 'FILM210 > Assessment 2', documents: [{label: 'Script', types: ['docx'], limits: {maxWords: 800}}, {label: 'Video', types: ['mp4'], limits: {maxBytes: 500000000}}], 'naming.pattern': 'FILM210_A2_yourusername', 'naming.mustContain': ['username'], due: '2027-04-14T17:00:00+01:00', timeZone: 'Europe/London'},
  },
  {
    text: `1. Submit your portfolio in ODT, DOCX or PDF format.
2. It should be between 4,500 and 5,500 words long.
3. The file must be smaller than 15 megabytes.
4. The submission box closes on Sunday, 2 May 2027, at 23:59 (Vienna time).
5. You have two submission attempts. The better one counts.
6. Citation style: Chicago (author–date).
7. Every portfolio is checked for plagiarism by software.`,
    says: {documents: [{label: 'Portfolio', types: ['odt', 'docx', 'pdf']}], 'limits.maxBytes': 15000000, 'limits.minWords': 4500, 'limits.maxWords': 5500, similarityChecked: true, due: '2027-05-02T23:59:00+02:00', timeZone: 'Europe/Vienna', 'attempts.allowed': 2, referenceStyle: 'Chicago'},
  },
  {
    text: `Re: where do I put the assignment??

Hi Sam, put it in "ECON101 Problem Set 5", not in the quiz folder. PDF please, handwritten is OK if you scan it properly. It's due Tuesday 9 March at 10 in the morning, before the lecture. Late = zero.`,
    says: {place: 'ECON101 Problem Set 5', documents: [{label: null, types: ['pdf']}], due: '2027-03-09T10:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `CANDIDATES MUST SUBMIT ONE ELECTRONIC COPY OF THEIR EXTENDED ESSAY NOT LATER THAN 12 NOON ON THURSDAY OF WEEK 1, TRINITY TERM (29 APRIL 2027). ESSAYS MUST NOT EXCEED 6,000 WORDS (INCLUDING NOTES BUT EXCLUDING BIBLIOGRAPHY). ESSAYS MUST BE ANONYMOUS AND BEAR THE CANDIDATE NUMBER ONLY. FILES MUST BE IN PDF FORMAT.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 6000, anonymous: true, due: '2027-04-29T12:00:00', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Assignment overview
Type: Individual essay
Due date: Friday 26 March 2027
Due time: 4:00 pm AWST
Word count: 1500 (10% leeway either way)
File type: .docx
Where to hand in: Essay 1 box
Marks: 30%
Extension policy: apply at least two days before the due date
Penalty: 5% of available marks per calendar day; after 7 days the work is not marked`,
    says: {place: 'Essay 1 box', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1350, 'limits.maxWords': 1650, due: '2027-03-26T16:00:00+08:00', timeZone: 'AWST', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `For the group report, one member of the group submits on behalf of all. The report (PDF, at most 20 pages including figures, excluding appendix) is due on 23 April 2027, 3 p.m. The individual reflection (Word, 500 words ±50) is due one week later, on 30 April 2027, 3 p.m. Use "MGT Group report" and "MGT Reflection" respectively. Group reports carry all names; reflections are marked anonymously.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 20}}, {label: 'Individual reflection', types: ['docx'], limits: {minWords: 450, maxWords: 550}}], anonymous: true, parts: [{label: 'report', opens: null, due: '2027-04-23T15:00:00'}, {label: 'reflection', opens: null, due: '2027-04-30T15:00:00'}], 'counting.counted': ['captions'], 'counting.left': ['appendices']},
  },
  {
    text: `Students must hand in the assignment electronically via the "Assignments" tab (select: SW3 Case study). The window opens at 8.00am on 1st March and closes at 4.00pm on 8th March 2027. Files: doc, docx, rtf or pdf. Maximum 25Mb. Maximum length 1,750 words. There is a penalty of 10% for work that is up to 24 hours late, after which it receives 0.`,
    says: {place: 'SW3 Case study', documents: [{label: null, types: ['doc', 'docx', 'rtf', 'pdf']}], 'limits.maxBytes': 25000000, 'limits.maxWords': 1750, opens: '2027-03-01T08:00:00', due: '2027-03-08T16:00:00', 'late.cutoffDays': 1},
  },
  {
    text: `SUBMISSION CHECKLIST (LING 310 squib)

[ ] 4 pages max. incl. examples, excl. references
[ ] Times / 12pt / single-spaced / 1" margins all around
[ ] page numbers in the footer
[ ] PDF only; embed all fonts (IPA!)
[ ] no author information (blind review!), also clear the document properties
[ ] named squib_[4-digit code].pdf; you'll receive the code by email
[ ] uploaded to "LING 310 squib" no later than 23:59 AoE, 15 March 2027`,
    says: {place: 'LING 310 squib', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 4, 'naming.pattern': 'squib_[4-digit code].pdf', anonymous: true, due: '2027-03-15T23:59:00-12:00', timeZone: 'AoE', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1, 'layout.fonts': ['Times'], 'layout.pageNumbers': true},
  },
  {
    text: `Dear students,
the resit essay for ART1010 is due by Monday 16 August 2027 (10:00). You may submit only once. The essay may not exceed 2,000 words and should be uploaded as a Word file to "ART1010 Resit". The cap for resits (40%) applies. Penalties for lateness do not apply because late resits cannot be accepted.`,
    says: {place: 'ART1010 Resit', documents: [{label: 'Essay', types: ['docx']}], 'limits.maxWords': 2000, due: '2027-08-16T10:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `Handing in your diary

There are four parts. Part A is due on 1 March, Part B on 15 March, Part C on 29 March and Part D on 12 April 2027, always by 6 p.m. Each part has about 500 words and goes to the folder "Diary" as a PDF (max. 5 MB each). Late parts are not read.`,
    says: {place: 'Diary', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, parts: [{label: 'Part A', opens: null, due: '2027-03-01T18:00:00'}, {label: 'Part B', opens: null, due: '2027-03-15T18:00:00'}, {label: 'Part C', opens: null, due: '2027-03-29T18:00:00'}, {label: 'Part D', opens: null, due: '2027-04-12T18:00:00'}], 'late.cutoffDays': 0},
  },
  {
    text: `Q: What format?
A: PDF, please. I can't open Pages files.
Q: How long?
A: Between 1200 and 1500 words, footnotes included.
Q: When?
A: Friday, March 26 by 5 PM Mountain time. The box disappears after that.
Q: Can I fix a mistake after uploading?
A: Yes, upload again; the latest file replaces the earlier one.
Q: Names?
A: No names. Use your student ID as file name.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1200, 'limits.maxWords': 1500, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-26T17:00:00-06:00', timeZone: 'America/Denver', 'attempts.keeps': 'latest', 'counting.counted': ['footnotes']},
  },
  {
    text: `The report should be submitted through the module site by 1600hrs on Fri 19/03/27. Maximum size of file: 50 Mb. Format: pdf. Length: 15 pages A4 maximum, min. font size 11, min. margins 2cm. Students will be deducted 10% of the marks for every page over the limit. Late submission penalty: 5% per working day (max 5 working days). Your registration number must be the file name.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.maxPages': 15, 'naming.mustContain': ['studentNumber'], due: '2027-03-19T16:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `NOTICE – change of deadline

The deadline for the PHIL2001 essay has been extended by one week to Thursday 18 March 2027 at 17:00 because of the network outage. Anyone who has already submitted may submit a new version until then; the newer version will be marked. Everything else in the assignment brief (2,500 words, PDF, anonymous) remains unchanged.`,
    says: {'limits.maxWords': 2500, anonymous: true, due: '2027-03-18T17:00:00', 'attempts.keeps': 'latest', lengths: ['maxWords']},
  },
  {
    text: `Please submit TWO versions of your translation: a clean one and one with tracked changes (both .docx, together no larger than 10 MB). Box: TRAN401 Final translation. Closing time: Wednesday 24 March 2027, 23.55 Irish time. Keep the source text's file name and add your student number at the end. References: none required. You will be asked to tick a declaration of authorship when uploading.`,
    says: {place: 'TRAN401 Final translation', documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 10000000, 'naming.mustContain': ['studentNumber'], due: '2027-03-24T23:55:00+00:00', timeZone: 'Europe/Dublin', declaration: true},
  },
  {
    text: `Lab 4 writeup: due 11:59:59pm PST on March 5th. Up to two late days may be used (no penalty); after that no credit. Submit a single PDF (no zips) under 8MB. You can resubmit as often as you want until the deadline and we grade the last one. Put both partners' names on the first page.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, anonymous: false, due: '2027-03-05T23:59:59-08:00', timeZone: 'PST', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 2},
  },
  {
    text: `Essays (2,000 words, +10% max) are to be uploaded to "THEO 205 – Essay B" between 09:00 on 15 April and 12:00 on 22 April 2027. Use double spacing and a clear 12-point font. Put your candidate code in the header. Do not put your name on the work. All essays will be run through text-matching software. Essays received up to one week after the deadline will be capped at 40; later essays get 0.`,
    says: {place: 'THEO 205 – Essay B', 'limits.maxWords': 2200, anonymous: true, similarityChecked: true, opens: '2027-04-15T09:00:00', due: '2027-04-22T12:00:00', 'late.cutoffDays': 7, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `Kursarbeit / Term paper
Abgabe / Deadline: 02.04.2027, 12 Uhr / noon
Umfang / Length: 15 Seiten / pages (max.)
Format: PDF
Ablage / Upload: "Kursarbeiten"
Dateiname / File name: Nachname_Kursarbeit.pdf`,
    says: {place: 'Kursarbeiten', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 15, 'naming.pattern': 'Nachname_Kursarbeit.pdf', 'naming.mustContain': ['surname'], due: '2027-04-02T12:00:00'},
  },
  {
    text: `We accept .pdf, .docx, .doc and .odt – no links to cloud documents, no photos of pages. If your file is bigger than 30 MB, compress the images first. The word limit for the seminar paper is 5,000 words, everything included. Papers over the limit will be returned unmarked. Upload by Friday 21 May 2027 (12:00 noon, Central European Summer Time) to "Seminar papers, group 2". One upload per person. Style: MLA.`,
    says: {place: 'Seminar papers, group 2', documents: [{label: null, types: ['pdf', 'docx', 'doc', 'odt']}], 'limits.maxBytes': 30000000, 'limits.maxWords': 5000, due: '2027-05-21T12:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1, referenceStyle: 'MLA'},
  },
  {
    text: `CHEM 340 Formal report: submit by Thursday 4 March 2027 before midnight. Upload as pdf. 6 pages max, 11pt minimum font, 2 cm margins. Late work: 10% first day, 25% second day, zero after that.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, due: '2027-03-05T00:00:00', 'late.cutoffDays': 2, 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `FINAL ESSAY
When: last day of classes (Friday, April 30, 2027), 5:00 p.m. CDT
What: 8–10 double-spaced pages, MLA format, with Works Cited (not counted)
How: upload a Word doc or PDF (links to online documents will NOT be graded)
Where: Final Essay folder
Late: one letter grade per day`,
    says: {place: 'Final Essay folder', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minPages': 8, 'limits.maxPages': 10, due: '2027-04-30T17:00:00-05:00', timeZone: 'CDT', 'layout.lineSpacing': 2, referenceStyle: 'MLA'},
  },
  {
    text: `Hallo zusammen,

die Seminararbeit (max. 20 Seiten, ohne Anhang) gebt ihr bitte bis spätestens Freitag, den 26. März 2027, 24:00 Uhr als PDF im Ordner „Seminararbeiten“ ab. Der Dateiname soll aus eurer Matrikelnummer bestehen (z. B. 1234567.pdf). Eine unterschriebene Eigenständigkeitserklärung muss als letzte Seite enthalten sein. Verspätete Abgaben werden nicht bewertet.

Viele Grüße`,
    says: {place: 'Seminararbeiten', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 20, 'naming.mustContain': ['studentNumber'], due: '2027-03-27T00:00:00', 'late.cutoffDays': 0, declaration: true},
  },
  {
    text: `The following applies to all written assignments in the programme: Assignments are handed in electronically in PDF format. The front page must state the exam number, the course title and the number of keystrokes. The maximum extent is 10 standard pages (24,000 keystrokes including spaces). Appendices do not count. The deadline for this course is 1 June 2027 at 12:00 (CEST). Assignments submitted after the deadline are rejected.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, due: '2027-06-01T12:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0, 'counting.left': ['appendices']},
  },
  {
    text: `Hand in a 5-minute podcast (mp3, up to 20 MB) and a 700-word script (docx) by 11 am on the 23rd of April 2027. Both files should be called <username>_podcast.*. Place: "MEDIA 102 / Podcast". Podcasts longer than 5 minutes lose marks. We only keep one file of each kind, so a second upload overwrites the first.`,
    says: {place: 'MEDIA 102 / Podcast', documents: [{label: 'Podcast', types: ['mp3'], limits: {maxBytes: 20000000}}, {label: 'Script', types: ['docx'], limits: {maxWords: 700}}], 'naming.pattern': '<username>_podcast', 'naming.mustContain': ['username'], due: '2027-04-23T11:00:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `Coursework must be uploaded to the "Coursework 1 submission" link as one PDF before 2pm on 2 March 2027. The link becomes active on 23 February 2027 at 9am. You will get an email receipt. If your file exceeds 20MB split it into two PDFs. The page limit (10 sides of A4) is strict: pages 11 onwards will not be read.`,
    says: {place: 'Coursework 1 submission', documents: [{label: 'Coursework', types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.maxPages': 10, due: '2027-03-02T14:00:00', 'layout.pageSize': 'A4'},
  },
  {
    text: `This assignment has two deadlines. Draft for peer feedback: Sunday 7 March 2027, 20:00. Final version: Sunday 21 March 2027, 20:00 (both Central European Time). Draft: at least 800 words. Final: 1500–1800 words. Submit both as .docx under "Opinion piece".`,
    says: {place: 'Opinion piece', documents: [{label: null, types: ['docx']}], 'limits.minWords': 1500, 'limits.maxWords': 1800, timeZone: 'CET', parts: [{label: 'Draft for peer feedback', opens: null, due: '2027-03-07T20:00:00+01:00'}, {label: 'Final version', opens: null, due: '2027-03-21T20:00:00+01:00'}]},
  },
  {
    text: `You must submit: 
- Essay (Word or PDF), 3000 words maximum, named Essay_StudentNumber
- Annotated bibliography (Word or PDF), 10 entries, named Biblio_StudentNumber
Deadline for both: noon, Wednesday 24 March 2027
Submission: module page > Submit here
Penalty for late submission: 2% per hour for up to 24 hours, thereafter a mark of zero.
Peer review is anonymous but the marking is not.`,
    says: {place: 'module page > Submit here', documents: [{label: 'Essay', types: ['docx', 'pdf'], limits: {maxWords: 3000}}, {label: 'Annotated bibliography', types: ['docx', 'pdf']}], 'naming.mustContain': ['studentNumber'], anonymous: false, due: '2027-03-24T12:00:00', 'late.cutoffDays': 1},
  },
  {
    text: `Dear class, due to the public holiday the hand-in on Monday 5 April has been moved to Tuesday 6 April 2027, same time (10 a.m.). Also: I decided to raise the limit from 2,500 to 2,800 words. And please send PDFs, not Word files as I wrote before. Everything else as on the sheet. NB the box is called "Take-home 2".`,
    says: {place: 'Take-home 2', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2800, due: '2027-04-06T10:00:00'},
  },
  {
    text: `Assignment regulations (excerpt)
§4 Papers shall be typewritten on A4 with margins of at least 25 mm on all sides, in a legible typeface of no less than 11 points, with line spacing of one and a half.
§5 Pages shall be numbered consecutively.
§6 Papers shall bear the candidate's number but not the candidate's name.
§7 Papers shall not exceed 6,000 words inclusive of footnotes and exclusive of tables and bibliography.
§8 Papers shall be delivered in the form of a PDF file not later than noon on the first Monday of May 2027.
§9 A paper once delivered may not be withdrawn or altered.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 6000, anonymous: true, due: '2027-05-03T12:00:00', 'attempts.allowed': 1, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, 'layout.atLeast': ['marginMm', 'fontSizePt'], 'counting.counted': ['footnotes'], 'counting.left': ['tables', 'references']},
  },
  {
    text: `hey folks. term paper = 10 pages +/- 1 page, turn it in on the course site under Term Paper, pdf. due dec 10 2027 @ 11:59pm ET. you can turn it in multiple times, last one counts. 5 pts off per day late (max 3 days late, then it's a zero). put your netid in the filename, please no spaces!`,
    says: {place: 'Term Paper', documents: [{label: 'Term Paper', types: ['pdf']}], 'limits.minPages': 9, 'limits.maxPages': 11, 'naming.mustContain': ['username'], due: '2027-12-10T23:59:00-05:00', timeZone: 'America/New_York', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 3},
  },
  {
    text: `NURS 4120 – Evidence summary

Submit your evidence summary through the course drop area "Evidence summary – Spring" no later than Sunday, April 18, 2027, 11:59 PM (EDT). Acceptable formats are DOC, DOCX and RTF; PDFs cannot be annotated and will be returned. The body may not exceed five (5) pages, excluding title page and references, in APA 7th edition style, double-spaced, with 1-inch margins and a 12-point serif font. The title page carries your name. Submissions are checked automatically for similarity. A deduction of 10 points per day applies to late work; nothing is accepted after April 25.`,
    says: {place: 'Evidence summary – Spring', documents: [{label: null, types: ['doc', 'docx', 'rtf']}], 'limits.maxPages': 5, anonymous: false, similarityChecked: true, due: '2027-04-18T23:59:00-04:00', timeZone: 'EDT', 'late.percentPerDay': 10, 'late.cutoffDays': 7, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, referenceStyle: 'APA'},
  },
  {
    text: `Guidance on submission of coursework
1 All coursework must be submitted electronically by 12 noon on the published date.
2 For HI2050 the published date is Wednesday 17 March 2027.
3 Coursework must be submitted as a single Word file. Other formats (including PDF) will not be marked.
4 The maximum length is 2,500 words including quotations and footnotes but not the bibliography. There is no 10% leeway.
5 Coursework is marked anonymously: do not include your name in the file or the file name. Use your six-digit candidate number, e.g. 123456.docx.
6 You may re-upload as many times as you wish before the deadline. Only the final version is retained.
7 Late coursework is capped at 40% if received within five working days; after this it is not marked.`,
    says: {documents: [{label: 'Coursework', types: ['docx']}], 'limits.maxWords': 2500, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-17T12:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 5, 'counting.counted': ['quotations', 'footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Dear all,
One last time, since many asked: the portfolio is due on the 12th, i.e. Monday, 12 April 2027, at 8 p.m. It should contain the four short texts in a single document, PDF or Word, no fixed length but please not more than 15 pages altogether. Upload under "Portfolio (Mon group)". If you're in the Wednesday group, your box is "Portfolio (Wed group)" and your deadline is 14 April at 8 p.m.
Best, T.`,
    says: {place: 'Portfolio (Mon group)', documents: [{label: 'Portfolio', types: ['pdf', 'docx']}], 'limits.maxPages': 15, due: '2027-04-12T20:00:00'},
  },
  {
    text: `Assessment Item 1
Title: Annotated map
Weight: 20 %
Submit: image file (.png or .jpg, at least 300 dpi, no larger than 15 MB) and a 300-word caption in .txt
Due: 5pm AEST Friday of Week 6 (16 April 2027)
Submit to: "Item 1 – Annotated map"
Naming: studentid_item1
Extensions: apply before the due date
Late: 5 per cent of the maximum mark per day`,
    says: {place: 'Item 1 – Annotated map', documents: [{label: 'Image', types: ['png', 'jpeg'], limits: {maxBytes: 15000000}}, {label: 'Caption', types: ['txt']}], 'naming.pattern': 'studentid_item1', 'naming.mustContain': ['studentNumber'], due: '2027-04-16T17:00:00+10:00', timeZone: 'AEST', 'late.percentPerDay': 5},
  },
  {
    text: `Hand-in: "Exercise sheet 7" (open until Fri, 11 June 2027, 14:00)
- groups of two, one hand-in per group, both matriculation numbers in the file name
- PDF, typeset (LaTeX preferred), 4 MB max
- late sheets get 0 points
- plagiarism = 0 points for both groups`,
    says: {place: 'Exercise sheet 7', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 4000000, 'naming.mustContain': ['studentNumber'], due: '2027-06-11T14:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Capstone deliverables (all due 7 May 2027, 23:59 Pacific):
(a) final report, PDF, 20-25 pages, to "Capstone report"
(b) poster, PDF, A1, max 50 MB, to "Capstone poster"
(c) code, zip, to "Capstone code"
Late deliverables lose 15% per day, up to two days.`,
    says: {documents: [{label: 'Final report', types: ['pdf'], limits: {minPages: 20, maxPages: 25}}, {label: 'Poster', types: ['pdf'], limits: {maxBytes: 50000000}}, {label: 'Code', types: ['zip']}], due: '2027-05-07T23:59:00-07:00', timeZone: 'America/Los_Angeles', 'late.percentPerDay': 15, 'late.cutoffDays': 2},
  },
  {
    text: `Your essay must have a minimum of 1,500 and a maximum of 1,800 words. Save it as an rtf or docx file; call it [Surname]_[First name]_Essay1. Upload it between 1 and 5 March 2027 (the system is closed from 5 March, 6 pm). Use the Harvard system for references and 12pt Arial with double line spacing.`,
    says: {documents: [{label: null, types: ['rtf', 'docx']}], 'limits.minWords': 1500, 'limits.maxWords': 1800, 'naming.pattern': '[Surname]_[First name]_Essay1', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-03-05T18:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Arial'], referenceStyle: 'Harvard'},
  },
  {
    text: `You have two options: (1) a research paper of 12 to 15 pages or (2) a film with a 3-page commentary. Papers and commentaries: PDF. Films: MP4, max. 1 GB. Everything is due on Friday 18 June 2027, 6 pm (CEST), in the folder "Final projects". Late penalty: one grade step per day, max. three days.`,
    says: {place: 'Final projects', documents: [{label: null, types: ['pdf', 'mp4']}], 'limits.maxBytes': 1000000000, 'limits.minPages': 12, 'limits.maxPages': 15, due: '2027-06-18T18:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 3},
  },
  {
    text: `Assignment: Comparative essay, CLAS 210
Please hand in your essay (1,800 words max, excluding footnotes and bibliography) on or before Friday 5 March, 1700. You can use .doc, .docx or .pdf. Label the file with your surname and CLAS210. Footnotes in Chicago style. Times New Roman 12, double spaced. Upload to the CLAS 210 assignment folder. Essays handed in late without an extension lose one point (out of 20) per day.`,
    says: {place: 'CLAS 210 assignment folder', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxWords': 1800, 'naming.pattern': '[surname]CLAS210', 'naming.mustContain': ['surname'], due: '2027-03-05T17:00:00', 'late.percentPerDay': 1, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'Chicago', 'counting.left': ['footnotes', 'references']},
  },
  {
    text: `DEADLINE: 14/05/2027 16:00 BST
LATE CUT-OFF: 21/05/2027 16:00 BST (5% per working day)
FORMAT: PDF
SIZE: up to 25MB
LENGTH: 4,000 words (+/-5%)
ANONYMOUS MARKING: Yes
SIMILARITY SOFTWARE: Yes
NO. OF SUBMISSIONS: unlimited until the deadline, last one is marked
PLACE: PSYC3001 Extended essay
FILE NAMING: PSYC3001_ExamNumber`,
    says: {place: 'PSYC3001 Extended essay', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'limits.minWords': 3800, 'limits.maxWords': 4200, 'naming.pattern': 'PSYC3001_ExamNumber', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-05-14T16:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Everyone,
The report for week 5's practical should be handed in by the start of next week's lab (Tuesday 16 March 2027, 14:00). 3 pages, no more, figures included. Use the template (Word) and convert to PDF before you upload. Box: "Practical 5".
Reports w/o page numbers come back unmarked ;-)`,
    says: {place: 'Practical 5', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 3, due: '2027-03-16T14:00:00', 'layout.pageNumbers': true, lengths: ['maxPages']},
  },
  {
    text: `Q1. How do I submit? -> One PDF via the form on the course site.
Q2. By when? -> 23 Apr 2027, 12 noon London time. The form closes automatically.
Q3. Length? -> 2,000-2,500 words. Appendices are extra.
Q4. Must it be anonymous? -> Yes. Candidate number in the file name and on page 1.
Q5. Can I submit twice? -> No.
Q6. Referencing? -> Harvard.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-23T12:00:00+01:00', timeZone: 'Europe/London', 'attempts.allowed': 1, referenceStyle: 'Harvard'},
  },
  {
    text: `Students are advised that written work must be uploaded in one of the following formats: Microsoft Word (.doc/.docx), Rich Text (.rtf) or PDF. The maximum upload size is 20 megabytes. Work for MUS 330 is to be uploaded by 5.00 p.m. on Thursday, 8th April 2027. Work that arrives after 5.00 p.m. will be treated as one day late and incurs a deduction of 5 marks for that and for each further day, weekends included.`,
    says: {documents: [{label: null, types: ['docx', 'doc', 'rtf', 'pdf']}], 'limits.maxBytes': 20000000, due: '2027-04-08T17:00:00', 'late.percentPerDay': 5},
  },
  {
    text: `Thesis proposal: 3-4 pages A4, Calibri 11 / 1.15 spacing. Upload the PDF in the "Thesis proposal" assignment before Sun 28 Feb 2027 midnight (CET). After that the assignment is closed and you have to wait until the next semester.`,
    says: {place: 'Thesis proposal', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 3, 'limits.maxPages': 4, due: '2027-03-01T00:00:00+01:00', timeZone: 'CET', 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, 'layout.fonts': ['Calibri']},
  },
  {
    text: `This is a reminder that the second reflective journal is due this Friday (5 March 2027) by 6 pm. Remember: max. two pages; docx; your initials and student number in the file name (e.g. AB_1234567.docx). The journal is not anonymous. I will accept journals until Sunday 6 pm but deduct 10% for each day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxPages': 2, 'naming.mustContain': ['studentNumber', 'initials'], anonymous: false, due: '2027-03-05T18:00:00', 'late.percentPerDay': 10},
  },
  {
    text: `SUBMISSION. Submit via the "Assessment" tab > "CW2 report". The link opens at 09:00 on 1 April 2027 and closes at 14:00 on 22 April 2027 (British Summer Time). You are allowed three attempts; the system keeps the most recent one only. Acceptable file: .pdf not exceeding 10,000 KB. Reports over 12 pages (A4, 2.54 cm margins, 11 point Arial) are penalised.`,
    says: {place: 'CW2 report', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 12, opens: '2027-04-01T09:00:00+01:00', due: '2027-04-22T14:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'layout.pageSize': 'A4', 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.fonts': ['Arial']},
  },
  {
    text: `Abgabehinweise: Bitte geben Sie Ihre Hausarbeit (12–15 Seiten, Times New Roman 12 pt, 1,5-zeilig, Rand 2,5 cm) als PDF ab. Abgabeschluss ist der 31. März 2027 um 23:59 Uhr. Laden Sie die Datei im Kursordner „Hausarbeiten“ hoch und benennen Sie sie nach dem Muster Nachname_Vorname_HA.pdf. Die Eigenständigkeitserklärung ist beizufügen. Zitierweise: APA. Alle Arbeiten werden mit einer Plagiatssoftware geprüft.`,
    says: {place: 'Hausarbeiten', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Nachname_Vorname_HA.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-03-31T23:59:00', 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true, referenceStyle: 'APA'},
  },
  {
    text: `Two-stage submission
Stage 1 – plan (1 page, PDF): Monday 22 February 2027, 17:00
Stage 2 – essay (2,500 words, PDF): Monday 22 March 2027, 17:00
Both via "Two-stage essay". Stage 1 is pass/fail. Late plans are not accepted. Late essays: 10 marks per day for up to 3 days.
Use your candidate number as the file name for both.`,
    says: {place: 'Two-stage essay', documents: [{label: 'Plan', types: ['pdf'], limits: {maxPages: 1}}, {label: 'Essay', types: ['pdf'], limits: {maxWords: 2500}}], 'naming.mustContain': ['candidateNumber'], parts: [{label: 'Stage 1 – plan', opens: null, due: '2027-02-22T17:00:00'}, {label: 'Stage 2 – essay', opens: null, due: '2027-03-22T17:00:00'}], 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Kia ora koutou
Your portfolio (worth 50%) is due at 11.59pm on Sunday 6 June 2027 NZST. Submit as a single PDF, no larger than 50MB, to the Portfolio dropzone. Word limit: 3500 ± 10%. Use APA 7. Name your file Lastname_Firstname_ID_Portfolio. Late penalty 5% per day up to 7 days. Work submitted later than 7 days receives no marks.`,
    says: {place: 'Portfolio dropzone', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.minWords': 3150, 'limits.maxWords': 3850, 'naming.pattern': 'Lastname_Firstname_ID_Portfolio', 'naming.mustContain': ['studentNumber', 'surname', 'givenNames'], due: '2027-06-06T23:59:00+12:00', timeZone: 'NZST', 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'APA'},
  },
  {
    text: `IMPORTANT
The essay deadline is Friday week, 19 March 2027, 4pm. Two copies: (a) PDF to "Essay 1 (similarity check)"; (b) anonymised PDF to "Essay 1 (marking)".
2,000 words. Footnotes do not count.
Nothing that could identify you may appear in copy (b): check headers, file name and document properties.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2000, anonymous: true, similarityChecked: true, due: '2027-03-19T16:00:00', lengths: ['maxWords'], 'counting.left': ['footnotes']},
  },
  {
    text: `We'll be using the electronic hand-in again: log in, open "Assessments", choose "HPS200 Essay" and attach your file. You can hand in up to 3 times until the closing time (Tuesday, 13 April 2027, 12.00 CEST); we grade the last file. Files: PDF or DOCX, at most 8 MiB, at most 2500 words (bibliography not included). Late files can't be uploaded.`,
    says: {place: 'HPS200 Essay', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 8388608, 'limits.maxWords': 2500, due: '2027-04-13T12:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'counting.left': ['references']},
  },
  {
    text: `* Length: max. 10 pages (excluding cover page and references)
* Font: Calibri 11 pt or Arial 10 pt, spacing 1.5, margins 2.5 cm
* Submission deadline: 2027-05-31 23:59 EEST
* Format: PDF/A
* File name: <matriculation number>_<course code>.pdf
* Where: "Seminar paper" return box
* The return box accepts one file only; returning a new version overwrites the old one.
* Originality check: automatic`,
    says: {place: 'Seminar paper', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, 'naming.pattern': '<matriculation number>_<course code>.pdf', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-05-31T23:59:00+03:00', timeZone: 'EEST', 'attempts.keeps': 'latest', 'layout.marginMm': 25, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Calibri', 'Arial'], archival: 'PDF/A'},
  },
  {
    text: `Submission of your bachelor thesis
1. Upload the thesis (PDF, max. 30 MB) and, separately, the data (ZIP, max. 200 MB) in the thesis portal by 30 June 2027, 12:00 (CEST).
2. The thesis may comprise at most 40 pages of text, 11 pt, line spacing 1.5, margins left 3 cm, others 2.5 cm.
3. Include the signed statutory declaration as the last page.
4. File names: BA_Surname.pdf and BA_Surname_data.zip.
5. A plagiarism scan is performed on every thesis.
6. Extensions must be requested by 15 June.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 30000000, maxPages: 40}}, {label: 'Data', types: ['zip'], limits: {maxBytes: 200000000}}], 'naming.pattern': 'BA_Surname.pdf', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-06-30T12:00:00+02:00', timeZone: 'CEST', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Written assignment (individual): Essay of 1,500–2,000 words. Deadline for submission is Wednesday, April 7th, at 23:55. Submission is through the course page. Your submission should be anonymous and must be in PDF. Please use the following naming convention: essay_XXXX where XXXX are the last four digits of your student number. Submissions received within 24 hours after the deadline are penalised by 1 grade point (of 10); after that they are not graded.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1500, 'limits.maxWords': 2000, 'naming.pattern': 'essay_XXXX', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-04-07T23:55:00', 'late.cutoffDays': 1},
  },
  {
    text: `The assignment must be handed in through the school's digital exam system. Hand-in opens 3 May at 08:00 and closes 5 May at 15:00 (CEST), 2027. Exam number on the first page. 5-7 pages, 2,400 characters per page incl. spaces. Only PDF can be uploaded. When you have handed in you can't change anything. The exam is anonymous.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 5, 'limits.maxPages': 7, anonymous: true, opens: '2027-05-03T08:00:00+02:00', due: '2027-05-05T15:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 1},
  },
  {
    text: `Please ensure you submit BOTH components by 17:00 on Friday 30 April 2027:
Component 1: Presentation slides (PowerPoint or PDF), max 10 slides, 20MB
Component 2: Speaker notes (Word), 1000 words max
Upload Component 1 to "BUS330 Slides" and Component 2 to "BUS330 Notes".
Penalty: 10% per 24 hours, up to 3 days`,
    says: {documents: [{label: 'Presentation slides', types: ['pptx', 'pdf'], limits: {maxBytes: 20000000}}, {label: 'Speaker notes', types: ['docx'], limits: {maxWords: 1000}}], due: '2027-04-30T17:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Write a 2,000-word (max.) literature review. Save it as "STUDENTID-ANTH240-review" in PDF format and upload it to the module's "Literature review" box before the end of Sunday 14 March 2027 (local time). Use at least ten sources (Harvard). The usual late penalty (5% a day, maximum 7 days) applies. Anonymous.`,
    says: {place: 'Literature review', documents: [{label: 'Review', types: ['pdf']}], 'limits.maxWords': 2000, 'naming.pattern': 'STUDENTID-ANTH240-review', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-14', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Seminar paper guidelines

Formal requirements
– Length: 15 pages (± 1 page), excluding cover, contents, bibliography
– Typeface: Times New Roman 12 pt (footnotes 10 pt)
– Line spacing: 1.5 (footnotes 1.0)
– Margins: 2.5 cm top/bottom, 3 cm left/right

Submission
– As PDF and as Word file, both via the upload form "Seminar papers summer 2027"
– By: 30 September 2027
– Declaration of authorship: last page, signed`,
    says: {place: 'Seminar papers summer 2027', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.minPages': 14, 'limits.maxPages': 16, due: '2027-09-30', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `The essay is due Monday of week 8 (22 March 2027) at 9.00 a.m. sharp.

HOW: course page, "Essay submissions", one file per student, PDF or DOCX, no zip files
WHO READS IT: two anonymous readers; your name is hidden from them automatically, so just make sure it isn't in the document
LENGTH: not less than 2,800 and not more than 3,200 words
REFERENCES: Chicago notes
EXTRA: hand in a printed copy at the front desk within two days`,
    says: {place: 'Essay submissions', documents: [{label: 'Essay', types: ['pdf', 'docx']}], 'limits.minWords': 2800, 'limits.maxWords': 3200, anonymous: true, due: '2027-03-22T09:00:00', referenceStyle: 'Chicago'},
  },
  {
    text: `MATH2310 Project
Upload by 6pm Friday 26 March 2027 (Sydney time)
- report.pdf (no more than 12 pages)
- code.zip (less than 5 MB)
to "MATH2310 Project upload". You may upload any number of times; only the most recent files are marked. A penalty of 5% of the maximum mark applies per calendar day. Submissions more than 5 days late get zero.`,
    says: {place: 'MATH2310 Project upload', documents: [{label: 'Report', types: ['pdf'], limits: {maxPages: 12}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 5000000}}], due: '2027-03-26T18:00:00+11:00', timeZone: 'Australia/Sydney', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Re: Extension
Dear Y. Okafor, your extension for HIST 210 Essay 1 is granted. You may submit until Friday 26 March 2027, 4 pm (instead of Friday 19 March 2027, 4 pm). Please submit through the normal link, "HIST 210 Essay 1". The 2,500 word limit and the other rules stay the same.`,
    says: {place: 'HIST 210 Essay 1', 'limits.maxWords': 2500, due: '2027-03-19T16:00:00', extension: '2027-03-26T16:00:00'},
  },
  {
    text: `Poster assignment: Submit your A1 poster as a PDF (portrait, max. 20MB, fonts embedded) and a 200-word abstract (docx). Upload window: Mon 10 May 2027 8:00 to Fri 14 May 2027 18:00. Where: "Poster session". Naming: groupnumber_poster.pdf, groupnumber_abstract.docx. No late submissions - posters are printed on Saturday!`,
    says: {place: 'Poster session', documents: [{label: 'Poster', types: ['pdf'], limits: {maxBytes: 20000000}}, {label: 'Abstract', types: ['docx']}], 'naming.pattern': 'groupnumber_poster.pdf', opens: '2027-05-10T08:00:00', due: '2027-05-14T18:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Please read carefully: For the final version only the following counts. (1) The deadline of 10 May has been brought forward to 3 May 2027 at noon. (2) The maximum number of pages is twelve, no exceptions. (3) PDF only. (4) No names, use the anonymous code you drew in class as the file name. (5) Upload: Final version box.`,
    says: {place: 'Final version', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 12, 'naming.mustNotIdentify': true, anonymous: true, due: '2027-05-03T12:00:00'},
  },
  {
    text: `Due: Friday, March 19, 11:59pm (PDT). Late submissions lose 10% if submitted by Saturday 11:59pm, 20% if by Sunday 11:59pm, and are not accepted afterwards. Submit one PDF (<= 10 pages, 11pt, single column) on the course website under "HW3 writeup". Multiple submissions OK, latest one graded.`,
    says: {place: 'HW3 writeup', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, due: '2027-03-19T23:59:00-07:00', timeZone: 'PDT', 'attempts.keeps': 'latest', 'layout.fontSizePt': 11},
  },
  {
    text: `Course: PUBH 501. Assignment: Critical appraisal. Points: 100.
You will upload a Word document (no PDFs - I use track changes to comment) of 4-5 double-spaced pages by Sunday, Feb 28, 2027 at 11:59 p.m. ET. Use 12-point Times New Roman and AMA style. Late assignments are accepted for up to three days with a 10-point deduction per day. Name: LastName_Appraisal.docx.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minPages': 4, 'limits.maxPages': 5, 'naming.pattern': 'LastName_Appraisal.docx', 'naming.mustContain': ['surname'], due: '2027-02-28T23:59:00-05:00', timeZone: 'America/New_York', 'late.percentPerDay': 10, 'late.cutoffDays': 3, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'AMA'},
  },
  {
    text: `Extended essay - essential information
Submission: Tuesday 4 May 2027, between 09:00 and 16:00, through the EXTENDED ESSAY area
Word limit: 8,000 (footnotes in, bibliography out)
Essays over the limit lose one mark per 100 words
File: one PDF, candidate number as name
You cannot resubmit.`,
    says: {place: 'EXTENDED ESSAY area', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 8000, 'naming.mustContain': ['candidateNumber'], opens: '2027-05-04T09:00:00', due: '2027-05-04T16:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Please submit the following by 23:59 on 19 April 2027 (time zone: Europe/Helsinki):
  a) Learning diary, 10-12 pages, PDF
  b) Self-assessment form, DOCX (template on the course page)
Return box: "Learning diary 2027". Maximum file size: 10 MB per file. Returning again replaces your earlier files. The diaries are not anonymous.`,
    says: {documents: [{label: 'Learning diary', types: ['pdf'], limits: {minPages: 10, maxPages: 12}}, {label: 'Self-assessment form', types: ['docx']}], 'limits.maxBytes': 10000000, anonymous: false, due: '2027-04-19T23:59:00+03:00', timeZone: 'Europe/Helsinki', 'attempts.keeps': 'latest'},
  },
  {
    text: `DUE: 26 FEB 2027, 5PM (SINGAPORE TIME)
FORMAT: PDF, A4, 1.5 SPACING, ARIAL 11, MARGINS 2 CM
LENGTH: MAX 1200 WORDS (EXCL. REFERENCES)
FILENAME: MATRICNO_CW1.PDF
SUBMIT: CW1 FOLDER
LATE: -10 MARKS PER DAY`,
    says: {place: 'CW1 FOLDER', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1200, 'naming.pattern': 'MATRICNO_CW1.PDF', 'naming.mustContain': ['studentNumber'], due: '2027-02-26T17:00:00+08:00', timeZone: 'Asia/Singapore', 'late.percentPerDay': 10, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial']},
  },
  {
    text: `What you need to know about the final paper:
When is it due? On Thursday 10 June 2027 at noon.
How long should it be? 3,500 words at most; the bibliography is not included.
Which format? PDF, please, because I read on a tablet.
Where do I upload it? In the folder "Final papers" on the course site.
What about anonymity? Papers are graded blind, so leave your name off.
What if I'm late? You lose half a grade per day. After five days I won't accept the paper any more.`,
    says: {place: 'Final papers', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 3500, anonymous: true, due: '2027-06-10T12:00:00', 'late.cutoffDays': 5},
  },
  {
    text: `The submission deadline for Project 2 is 17:00 on Friday of teaching week 10 (26 March 2027). Your submission should comprise a single .zip archive (maximum 100 MB) that contains your report as a PDF and your source code. The archive is to be named <username>-project2.zip. Submissions are through the "Project 2" assignment and may be repeated until the deadline; the last submission counts. The report must not exceed 10 pages in 11-point type. University penalties apply for late submission (5% per working day, zero after five working days).`,
    says: {place: 'Project 2', documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 100000000, 'limits.maxPages': 10, 'naming.pattern': '<username>-project2.zip', 'naming.mustContain': ['username'], due: '2027-03-26T17:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 11},
  },
  {
    text: `COURSEWORK SPECIFICATION

Module code        ENGX2041
Title              Retaining walls: design calculation
Weighting          40 %
Set                Mon 11 Jan 2027
Hand-in            Thu 4 Feb 2027, 16:00 GMT
Format             One PDF, A4, no more than 12 sides including appendices, 11 pt minimum, margins at least 20 mm
File size          Not above 15 MB
File name          ENGX2041_<student number>.pdf
Anonymity          Not anonymous: the design is discussed with you afterwards
Similarity check   Yes
Feedback           Within 15 working days
Late               10 % per working day, zero after five
Resubmission       One further attempt allowed before the deadline; the later one is marked`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.maxPages': 12, 'naming.pattern': 'ENGX2041_<student number>.pdf', 'naming.mustContain': ['studentNumber'], anonymous: false, similarityChecked: true, due: '2027-02-04T16:00:00+00:00', timeZone: 'GMT', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['marginMm', 'fontSizePt']},
  },
  {
    text: `Assessment 3: critical review (30%)

Length: 1,800 words (+/-10%), references excluded. Use Harvard. 
When: Week 9, Thursday 25 March 2027 by 3pm (UK time).
Where: on the module page, section "Assessment 3 – hand in here (NOT the draft area)".

What we will not accept: links to online documents, .pages files, or pictures of pages. A Word document or a PDF is fine.

Your work goes through the text-matching service automatically. You can see your own report for drafts only. You may submit up to three times before the cut-off; only your last version is looked at. Work that arrives after 3pm but within 24 hours loses 5 percentage points; after that it is not marked.

Please put your student ID in the header of each page and nothing else that identifies you.`,
    says: {place: 'Assessment 3 – hand in here', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 1620, 'limits.maxWords': 1980, anonymous: true, similarityChecked: true, due: '2027-03-25T15:00:00+00:00', timeZone: 'Europe/London', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.cutoffDays': 1, referenceStyle: 'Harvard', 'counting.left': ['references']},
  },
  {
    text: `The essay is due by the end of Sunday 28 February 2027 (23:59, Eastern time). Essays should be double-spaced, in 12-point Times New Roman or Garamond, with one-inch margins, and have page numbers. Aim for 6–8 pages. MLA style. Save as "Lastname-Essay2" in Word format (.docx) — I comment in Word, so no PDFs please.

I give everyone one free 48-hour extension per term: just tell me before the deadline. After that, half a letter grade per day.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minPages': 6, 'limits.maxPages': 8, 'naming.pattern': 'Lastname-Essay2', 'naming.mustContain': ['surname'], due: '2027-02-28T23:59:00-05:00', timeZone: 'America/New_York', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman', 'Garamond'], 'layout.pageNumbers': true, referenceStyle: 'MLA'},
  },
  {
    text: `Prüfungsleistung "Hausarbeit" im Seminar Küstenmorphologie

Umfang: 15 Seiten (± 10 %), ohne Deckblatt, Verzeichnisse und Anhang. Schriftgröße 12, Zeilenabstand 1,5, Rand 2,5 cm rechts und links.
Abgabe: bis spätestens 31.03.2027, 12 Uhr, als PDF (max. 20 MB) im Ordner "Abgabe Hausarbeiten WS 26/27".
Dateiname: Matrikelnummer_Nachname.pdf
Die eidesstattliche Erklärung ist der Arbeit beizufügen. Verspätete Arbeiten werden mit 5,0 bewertet.`,
    says: {place: 'Abgabe Hausarbeiten WS 26/27', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minPages': 14, 'limits.maxPages': 16, 'naming.pattern': 'Matrikelnummer_Nachname.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-03-31T12:00:00', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Thesis deposit instructions

1. Produce a PDF/A-2b version of the thesis. Fonts embedded. No passwords.
2. The file may not be larger than 100 megapixels. If it is, contact the office.
3. Name: year_surname_givenname_degree.pdf, e.g. 2027_Marlow_Ines_PhD.pdf
4. Upload it to "Thesis deposit (doctoral)" no later than 30 June 2027.
5. Signed originality statement as a separate PDF or a JPEG photo.
6. You may upload once only. Check before you press the button!`,
    says: {place: 'Thesis deposit (doctoral)', documents: [{label: 'Thesis', types: ['pdf']}, {label: 'Statement', types: ['pdf', 'jpeg']}], 'limits.maxBytes': 100000000, 'naming.pattern': 'year_surname_givenname_degree.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-06-30', 'attempts.allowed': 1, declaration: true, archival: 'PDF/A-2b'},
  },
  {
    text: `Hi folks — change of plan. Because of the network outage last week, the submission date for the mapping exercise moves from Monday 1 March to Thursday 4 March 2027, still 5 p.m. Everything else stays: 2 A3 sheets as one PDF, under 30MB, no names on the maps (use your candidate no. instead), same drop area as before ("Mapping exercise – Group B"). You can upload again if you spot a mistake, the newest file counts, but only till 5. `,
    says: {place: 'Mapping exercise – Group B', documents: [{label: 'Exercise', types: ['pdf']}], 'limits.maxBytes': 30000000, anonymous: true, due: '2027-03-04T17:00:00', 'attempts.keeps': 'latest', 'layout.pageSize': 'A3'},
  },
  {
    text: `ESSAY QUESTIONS (choose one)
1. "All maps lie." Discuss.
2. Who owned the marsh in 1750? Use at least four primary sources.

Rules
The essay shall not exceed 3000 words inclusive of footnotes but exclusive of bibliography. Footnotes follow MHRA style. It shall be submitted in typescript via the Assessment Hub (folder HIS204/Essay 1) by 12:00 noon on the second Friday of Hilary term, i.e. 29 January 2027. No candidate shall submit more than once. The candidate's name must not appear anywhere; use of the candidate number in the running header is required. Essays received after noon are capped at the pass mark; none is received after 12:00 on 5 February 2027.`,
    says: {place: 'Assessment Hub', 'limits.maxWords': 3000, anonymous: true, due: '2027-01-29T12:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 7, referenceStyle: 'MHRA', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Guidance on the reflective journal

There is no word limit as such, but most good journals come to about 2,500 words. Please write in the supplied template (Journal_template.docx), and save your copy under a name of its own. We only take Word files. It is due in week 11; the exact date will be announced. Names of patients, colleagues or wards must not appear. Your own name should be on the cover sheet. It is not checked for similarity. The journal may be handed in once.`,
    says: {documents: [{label: null, types: ['docx']}], anonymous: false, similarityChecked: false, 'attempts.allowed': 1},
  },
  {
    text: `Written assignment, MSc Coastal Engineering

You will find the folder for the written assignment at the foot of the course page. It opens on Monday, 15 March 2027 at 9:00 and closes on Monday, 29 March 2027 at 9:00 (CEST). Your report may be at most 10 pages long excluding the title page and appendices and has to be set in a typeface of no less than 10 points with line spacing of 1.15. It is to be uploaded as a single PDF file of at most 8 MB, with all pages in portrait format. The file has to bear your seven-digit registration number and nothing more (for example 1234567.pdf). A corrected report can be uploaded as long as the folder is open and overwrites the earlier one. If your doctor's note has been accepted, your personal closing time is shown when you log on.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxPages': 10, 'naming.mustContain': ['studentNumber'], opens: '2027-03-15T09:00:00+02:00', due: '2027-03-29T09:00:00+02:00', timeZone: 'CEST', 'attempts.keeps': 'latest', 'layout.fontSizePt': 10, 'layout.lineSpacing': 1.15, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Module handbook, section 6.2 – How to submit the extended essay

The extended essay (5,000 words, excluding notes, bibliography and appendices; you may exceed this by up to 10 %) must reach us by 16:30 on Monday 19 April 2027. You submit one electronic copy, in Portable Document Format, to the point labelled EXTENDED ESSAY – FINAL. There is a second point labelled EXTENDED ESSAY – DRAFT, which runs the similarity check but is not read by anyone.

You should call your file by your registration number followed by the module code, for instance 20190001_HS3001.pdf. Your name must not be in the file or on its first page: essays are marked by number.

You may make as many submissions to the draft point as you like, but only one to the final point.

An essay submitted up to five working days late will be capped at 40. After that it will be marked at zero.`,
    says: {place: 'EXTENDED ESSAY – FINAL', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 5500, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, similarityChecked: true, due: '2027-04-19T16:30:00', 'attempts.allowed': 1, 'late.cutoffDays': 5, 'counting.left': ['footnotes', 'references', 'appendices']},
  },
  {
    text: `Subject: Reminder – exhibition text

Hello everyone!
Just to remind you that the exhibition text (max 350 words!!) and one image (JPG, at least 300 dpi, under 5 MB) are due this coming Thursday, 21 January 2027, 6pm sharp. 
Text as .docx please - the designer can't work with PDFs. 
File names: lastname_text.docx and lastname_image.jpg.
Late = not in the exhibition, sorry.
See you, M.`,
    says: {documents: [{label: 'Image', types: ['jpeg'], limits: {maxBytes: 5000000}}, {label: 'Text', types: ['docx'], limits: {maxWords: 350}}], 'naming.pattern': 'lastname_text.docx', 'naming.mustContain': ['surname'], due: '2027-01-21T18:00:00'},
  },
  {
    text: `Your dissertation must be typed on A4 in a serif face of 12 points, one and a half spaced, with a left margin of 4 cm and the others of 2.5 cm. Number the pages at the foot. It has to have between 10 000 and 12 000 words. The abstract, the bibliography and the appendices are outside of this count; footnotes are inside.

The PDF is to be deposited before 5 p.m. on the last Friday of May 2027. Name it after yourself and the year (Surname-2027). Nothing else is needed; paper copies are no longer taken. Ask for an extension in writing at least a week before. Without one a late dissertation fails.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 10000, 'limits.maxWords': 12000, 'naming.pattern': 'Surname-2027', 'naming.mustContain': ['surname'], due: '2027-05-28T17:00:00', 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, 'counting.left': ['abstract', 'references', 'appendices']},
  },
  {
    text: `Lab 4 – what to hand in
* lab4_<group>.zip with your code and README.txt
* report (2-3 pages, pdf)
due: Tue 9 Feb 2027 23:55 (Brisbane)
submit via "Lab 4 submission" - there's a separate one for each lab, don't mix them up
resubmit until due, last upload is graded
-20%/day late, max 3 days
no names needed, we go by group number`,
    says: {place: 'Lab 4 submission', documents: [{label: 'Code', types: ['zip']}, {label: 'Report', types: ['pdf'], limits: {minPages: 2, maxPages: 3}}], due: '2027-02-09T23:55:00+10:00', timeZone: 'Australia/Brisbane', 'attempts.keeps': 'latest', 'late.percentPerDay': 20, 'late.cutoffDays': 3},
  },
  {
    text: `Assignment brief: Case study report
Word count: 2500 +/- 10% (penalty applies beyond)
Due: 26.02.2027 by 12pm noon
Submission method: online, via the course area "BUS7 Case Study (Cohort B)"
Format: Microsoft Word only
Referencing: APA 7
Marking: anonymous - use your Candidate ID (e.g. Z0123456) as file name
Extensions: must be requested 48 hrs before
Late penalty: within 24 hrs: -10 marks; 24 hrs to 7 days: capped at 40; after 7 days: 0
AI statement: include as last page
Resubmissions: not permitted after the deadline`,
    says: {place: 'BUS7 Case Study (Cohort B)', documents: [{label: null, types: ['docx']}], 'limits.minWords': 2250, 'limits.maxWords': 2750, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-02-26T12:00:00', 'late.cutoffDays': 7, referenceStyle: 'APA'},
  },
  {
    text: `For the viva portfolio please submit three separate files: (i) a reflective commentary of no more than 1,500 words (.docx), (ii) the storyboard as a PDF of at most 20 pages, and (iii) a link sheet (.pdf). The three files together must not exceed 60 MB. The submission window opens on 3 March 2027 at 10 a.m. and closes on 10 March 2027 at 10 a.m.; all times are Central European Time. You can submit again as long as the window is open; all three files must be uploaded each time because a new submission replaces the previous one entirely.`,
    says: {documents: [{label: 'Reflective commentary', types: ['docx'], limits: {maxWords: 1500}}, {label: 'Storyboard', types: ['pdf'], limits: {maxPages: 20}}, {label: 'Link sheet', types: ['pdf']}], 'limits.maxBytes': 60000000, opens: '2027-03-03T10:00:00+01:00', due: '2027-03-10T10:00:00+01:00', timeZone: 'CET', 'attempts.keeps': 'latest'},
  },
  {
    text: `Assessment 1: Policy memo

You will write a two-page memo (single-spaced, 11pt Calibri, 1" margins) to the mayor of a coastal town of your choice. References go on a third page, Chicago author-date.

Turnaround: released Mon 18 Jan 2027; due Sun 31 Jan 2027, 11:59pm (Central).

Upload it as a PDF to "A1 - Policy memo" in the assignments tab. Filename: lastname_firstname_memo.pdf

You may upload up to 3 times before the deadline and I'll read the last one. Late memos lose 10% per day for up to five days; after that they're a zero. This isn't graded blind.`,
    says: {place: 'A1 - Policy memo', documents: [{label: null, types: ['pdf']}], 'naming.pattern': 'lastname_firstname_memo.pdf', 'naming.mustContain': ['surname', 'givenNames'], anonymous: false, opens: '2027-01-18', due: '2027-01-31T23:59:00-06:00', timeZone: 'America/Chicago', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1, 'layout.fonts': ['Calibri'], referenceStyle: 'Chicago'},
  },
  {
    text: `Please find below what we agreed in class.
The translation (source text plus target text, facing pages) goes in as one Word file. Max. 15 pages altogether. I need it by Monday, February 15 2027, 8:00 a.m.; anybody with a documented extension has until Thursday the 18th, same time. Call the file TRANS_yourinitials. Put your name on the first page as I will be giving you oral feedback. If you notice a slip after uploading just upload again, I always take the newest. I do not run these through a checker.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxPages': 15, 'naming.pattern': 'TRANS_yourinitials', 'naming.mustContain': ['initials'], anonymous: false, similarityChecked: false, due: '2027-02-15T08:00:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `SUBMISSION REQUIREMENTS (MRes Dissertation)
1.1 Length. The dissertation must not exceed 15,000 words. The limit includes footnotes and tables but excludes the bibliography, appendices and abstract (max 300 words).
1.2 Format. A4 portrait; double line spacing for the text, single for quotations; margins 30 mm left, 25 mm elsewhere; 12 pt.
1.3 Submission. One PDF (max 50MB) via the Dissertations area by 12 noon BST on Tuesday 7 September 2027.
1.4 File name. CandidateNumber_MRes_2027.pdf
1.5 Identity. The candidate's name must not appear on any page nor in the document properties.
1.6 Late submission. 1 mark per hour or part thereof for the first 24 hours, thereafter zero.
1.7 Similarity. All dissertations are screened.
1.8 Once submitted the dissertation cannot be amended.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, 'limits.maxWords': 15000, 'naming.pattern': 'CandidateNumber_MRes_2027.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-09-07T12:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, 'late.cutoffDays': 1, 'layout.pageSize': 'A4', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'counting.counted': ['footnotes', 'tables'], 'counting.left': ['references', 'appendices', 'abstract']},
  },
  {
    text: `Dear all,

A few people have asked about the field report so here is everything in one place.

- Upload it to "Field Report (Group B)" under Week 9, not to the practice area.
- One PDF. Landscape maps may be rotated but please keep A4 throughout.
- 2,500 words, plus or minus ten per cent. Captions, tables and the bibliography do not count.
- Name the file with your exam number followed by FR, e.g. X1234567_FR.pdf. Your own name must not be in it.
- Closing time is noon on Friday 12 March. After that you lose 5 marks for every working day, up to five days; anything later gets zero.
- You can replace the file as often as you like until then; we mark the last one.

Reports are marked blind, so nothing in the document (headers, properties) should say who you are.

Best wishes,
Ines`,
    says: {place: 'Field Report (Group B)', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2250, 'limits.maxWords': 2750, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-12T12:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'counting.left': ['captions', 'tables', 'references']},
  },
  {
    text: `Your portfolio has three components:
  A. Reflective statement (Word document, 800-1000 words)
  B. Design drawings (one PDF, no more than 12 pages, max. 30 MB)
  C. Presentation slides (PowerPoint, max 10 slides)
All three are due on 2027-05-07 at 17:00 CEST. Put your student number at the start of every file name: 12345678_A, 12345678_B, 12345678_C.
If you have been granted an extension it does not show here.`,
    says: {documents: [{label: 'Reflective statement', types: ['docx'], limits: {minWords: 800, maxWords: 1000}}, {label: 'Design drawings', types: ['pdf'], limits: {maxBytes: 30000000, maxPages: 12}}, {label: 'Presentation slides', types: ['pptx']}], 'naming.mustContain': ['studentNumber'], due: '2027-05-07T17:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Lab 4 write-up

Hand-in opens Mon 1 March 2027, 09:00 and closes Mon 15 March 2027, 23:59 (UK time).
Submit a single PDF <= 5MB. Handwritten work should be scanned, not photographed.
Min. 4 pages, max. 8 pages excluding appendices.
You will be asked to tick a box declaring that the work is your own.
Text-matching software will be used on all submissions; you cannot see the report.
Resubmissions before the deadline overwrite earlier ones. No resubmission afterwards.
Late: -10%/day, nothing after 3 days.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.minPages': 4, 'limits.maxPages': 8, similarityChecked: true, opens: '2027-03-01T09:00:00+00:00', due: '2027-03-15T23:59:00+00:00', timeZone: 'Europe/London', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 3, declaration: true},
  },
  {
    text: `Q: What do I hand in?
A: A poster as PDF (A1 portrait) and a one-page abstract as Word or PDF.
Q: How long is the abstract?
A: Between 250 and 300 words.
Q: When?
A: The abstract by 8 April 2027, the poster by 22 April 2027, both at 18:00.
Q: Do I put my name on it?
A: Yes, names of all group members go on the poster. Marking is not anonymous.
Q: Can I hand in late?
A: No.`,
    says: {documents: [{label: 'Poster', types: ['pdf']}, {label: 'Abstract', types: ['docx', 'pdf'], limits: {minWords: 250, maxWords: 300}}], anonymous: false, parts: [{label: 'abstract', opens: null, due: '2027-04-08T18:00:00'}, {label: 'poster', opens: null, due: '2027-04-22T18:00:00'}], 'late.cutoffDays': 0},
  },
  {
    text: `The dissertation (10,000 words maximum, excluding references and appendices) must be submitted electronically in PDF format by 12:00 midday on 30 April 2027. 
Students may submit up to three times before the deadline; only the final version will be assessed. 
Work submitted up to 24 hours late will be capped at 40%; work submitted more than 24 hours late will receive a mark of zero.
The dissertation should be typed in a minimum of 11pt Arial, with 1.5 line spacing and margins of at least 3cm on the left and 2 cm elsewhere.
The title page must show the title, your student ID number and the word count, but not your name.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf']}], 'limits.maxWords': 10000, anonymous: true, due: '2027-04-30T12:00:00', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.cutoffDays': 1, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'layout.atLeast': ['fontSizePt'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Part 1 (proposal): opens 1 Feb, due 15 Feb 2027 10:00
Part 2 (draft): opens 16 Feb, due 8 Mar 2027 10:00
Part 3 (final): opens 9 Mar, due 12 Apr 2027 10:00
Feedback on part 3 by 3 May.
All times are Europe/Dublin. Every version you hand in stays on record.
Max file size 20 MiB. Accepted: PDF, ODT.`,
    says: {documents: [{label: null, types: ['pdf', 'odt']}], 'limits.maxBytes': 20971520, timeZone: 'Europe/Dublin', parts: [{label: 'Part 1 (proposal)', opens: '2027-02-01', due: '2027-02-15T10:00:00+00:00'}, {label: 'Part 2 (draft)', opens: '2027-02-16', due: '2027-03-08T10:00:00+00:00'}, {label: 'Part 3 (final)', opens: '2027-03-09', due: '2027-04-12T10:00:00+01:00'}], 'attempts.keeps': 'all'},
  },
  {
    text: `Reminder: the due date for Coursework 1 has moved from Monday 8 March to Wednesday 10 March 2027 (same time, 14:00). The place is unchanged: "CW1 drop area" on the module page. Those with a confirmed extension of one week now have until 17 March, 14:00.
File: PDF only, up to 10 MB, 6 sides of A4 at most including figures. Font no smaller than 11pt.`,
    says: {place: 'CW1 drop area', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 6, due: '2027-03-10T14:00:00', 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `ASSESSMENT BRIEF
Module code        NUR6012
Weighting          60%
Length             4000 words +/- 10%
Submission date    Tuesday 4 May 2027 by 15:00 BST
Place              NUR6012 Summative – Main (not "Summative – Resit")
File types         .doc, .docx, .pdf
Max. size          40MB
Marking            Anonymous (student number only)
Return of marks    25 May 2027
Late work          Up to 5 working days, capped at pass mark`,
    says: {place: 'NUR6012 Summative – Main', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 3600, 'limits.maxWords': 4400, anonymous: true, due: '2027-05-04T15:00:00+01:00', timeZone: 'BST', 'late.cutoffDays': 5},
  },
  {
    text: `From: Module Admin
To: PSY2010 class list
Subject: Handing in the lab report

Hi all

The box "PSY2010 Lab Report 1" opens on 22 February and will shut at 4 p.m. on Monday 8 March (London). There is a second box, "PSY2010 LR1 – late", which you should only use after that; it stays open for one week and anything in it loses ten per cent per day.

We need a Word document, not a PDF, because markers write into it. Max 8 MB. 1,500 words, 10% over is allowed but not more; abstract and references don't count.

The markers must not know who you are: save as YourStudentID_PSY2010_LR1.docx and take your name off the title page.

You may upload a corrected version up to the deadline, which simply replaces the one before.

Thanks
Jo`,
    says: {place: 'PSY2010 Lab Report 1', documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 8000000, 'limits.maxWords': 1650, 'naming.pattern': 'YourStudentID_PSY2010_LR1.docx', 'naming.mustContain': ['studentNumber'], anonymous: true, opens: '2027-02-22', due: '2027-03-08T16:00:00+00:00', timeZone: 'Europe/London', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 7, 'counting.left': ['abstract', 'references']},
  },
  {
    text: `Abgabe der Hausarbeit

Bitte laden Sie Ihre Hausarbeit (12–15 Seiten, ohne Literaturverzeichnis) bis spätestens 31. März 2027, 23:59 Uhr als PDF im Ordner „Hausarbeiten WS 2026/27“ hoch. Dateiname: Nachname_Matrikelnummer.pdf. Schrift: Times New Roman 12 pt, 1,5-zeilig, Rand rechts 4 cm. Eine Eigenständigkeitserklärung ist beizufügen. Verspätete Abgaben werden nicht angenommen. Dateigröße maximal 15 MB.`,
    says: {place: 'Hausarbeiten WS 2026/27', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'Nachname_Matrikelnummer.pdf', 'naming.mustContain': ['studentNumber', 'surname'], due: '2027-03-31T23:59:00', 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `1. WHAT TO SUBMIT
One PDF containing (in this order): declaration of authorship, essay, bibliography.
2. LENGTH
Essay: 2,750 words maximum. The marker stops reading at the limit.
3. FORMATTING
Calibri or Arial, 11 point minimum, double spacing, A4, numbered pages, margins 2.54cm.
4. NAMING
Candidate number + module code, for example 45678-SOC3001.pdf. Names are not permitted in the file name.
5. DEADLINE
14/05/2027 12:00 noon (BST). 
6. LATE SUBMISSION
5% per calendar day, maximum 14 days. After 14 days: fail.
7. HOW MANY TIMES
One submission only - please check your file before pressing the button.
8. SIMILARITY
All essays will be run through similarity-checking software.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2750, 'naming.pattern': 'Candidate number + module code', 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, similarityChecked: true, due: '2027-05-14T12:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 14, 'layout.pageSize': 'A4', 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 2, 'layout.fonts': ['Calibri', 'Arial'], 'layout.pageNumbers': true, 'layout.atLeast': ['fontSizePt'], declaration: true},
  },
  {
    text: `Group project deliverables (one member submits for the group):
* Report - PDF, 20-25 pages, due 3 May 2027
* Source code - ZIP, max 50 MB, due 3 May 2027
* Individual reflection - DOCX, max 500 words, due 10 May 2027, each student
All by 23:00 CET.
File names start with the group number, e.g. G07_report.pdf.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {minPages: 20, maxPages: 25}}, {label: 'Source code', types: ['zip'], limits: {maxBytes: 50000000}}, {label: 'Individual reflection', types: ['docx'], limits: {maxWords: 500}}], timeZone: 'CET', parts: [{label: 'Report', opens: null, due: '2027-05-03T23:00:00+01:00'}, {label: 'Individual reflection', opens: null, due: '2027-05-10T23:00:00+01:00'}]},
  },
  {
    text: `The take-home exam will be available on Thursday, 10 June 2027 from 9:00 a.m. You have 48 hours: submissions must be in by 9:00 a.m. on Saturday, 12 June 2027 (Eastern Time). Upload a single PDF of no more than 10 pages (double-spaced, 12-point). Use your exam ID only – do not write your name anywhere. No late exams will be accepted under any circumstances. You get one upload.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, anonymous: true, opens: '2027-06-10T09:00:00-04:00', due: '2027-06-12T09:00:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 1, 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `Submission checklist
[ ] File is .pdf
[ ] File is smaller than 25 megabytes
[ ] File name = matriculation number + "_Thesis"
[ ] No author name in the document properties
[ ] Uploaded before 31/05/2027 15:00
[ ] Signed plagiarism declaration uploaded as a separate PDF`,
    says: {documents: [{label: null, types: ['pdf']}, {label: 'Declaration', types: ['pdf']}], 'limits.maxBytes': 25000000, 'naming.pattern': '[matriculation number]_Thesis', 'naming.mustContain': ['studentNumber'], due: '2027-05-31T15:00:00', declaration: true},
  },
  {
    text: `Please submit your work via the link "Essay 1 – seminar groups 1–4" or "Essay 1 – seminar groups 5–8" depending on your group. Length 1200-1500 words. Word or RTF. Deadline Friday week 6, 5pm.`,
    says: {documents: [{label: null, types: ['docx', 'rtf']}], 'limits.minWords': 1200, 'limits.maxWords': 1500},
  },
  {
    text: `Revised notice: the upload limit is 50 MB (not 20 MB as printed in the handbook). The deadline printed in the handbook (Friday 5 March 2027, 16:00) stands. Submit one PDF. Draft submissions are possible as often as you like until 26 February; the final one only once.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 50000000, due: '2027-03-05T16:00:00', 'attempts.allowed': 1},
  },
  {
    text: `Coursework: data analysis report
due Fri 19th Mar '27 at 17h00 | weight 40% | individual
max. 12 A4 pages incl. figures; appendix (max 5 pages) as a separate PDF
report: PDF, 10MB; appendix: PDF, 10 MB
file names: <student no>_report.pdf / <student no>_appendix.pdf
no cover sheet. no names. pages numbered.`,
    says: {documents: [{label: 'Appendix', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 5}}, {label: 'Report', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 12}}], 'naming.pattern': '<student no>_report.pdf', 'naming.mustContain': ['studentNumber'], due: '2027-03-19T17:00:00', 'layout.pageSize': 'A4', 'layout.pageNumbers': true},
  },
  {
    text: `Final paper

You can find the questions below. Pick one. Your paper should be 8-10 pages long (not counting the works cited page), in MLA format with 1" margins, Times New Roman 12. Email submissions are not accepted; use the "Final paper" slot on the course page. It closes automatically at 5:00 PM EST on December 14, so give yourself time. Papers that come in after that are docked a full 10% for each day, weekends included, and I won't take anything after December 18. Only PDFs please. Anonymous grading: use your student ID in place of your name in the header and the file name.`,
    says: {place: 'Final paper', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 8, 'limits.maxPages': 10, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-12-14T17:00:00-05:00', timeZone: 'EST', 'late.percentPerDay': 10, 'late.cutoffDays': 4, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.fonts': ['Times New Roman'], referenceStyle: 'MLA'},
  },
  {
    text: `hi all, quick one re: the poster. A2, landscape, PDF, under 40 megapixels (yes I do mean the file size...). deadline's still thurs 18 march, 12 noon. put it in the folder "Posters 2027", NOT "Posters 2026". name: P_groupnumber.pdf. you can re-upload up till then and the newest one wins. no extensions. Sam`,
    says: {place: 'Posters 2027', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 40000000, 'naming.pattern': 'P_groupnumber.pdf', due: '2027-03-18T12:00:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `TERMS OF SUBMISSION

§1 The bachelor's thesis is to be submitted in electronic form only, as one PDF/A file.
§2 The period of work ends on 31 August 2027; the file must be received no later than 23:59 (CEST) on that day.
§3 The extent is 30 to 40 pages of text. Directories and appendices are not counted.
§4 The file name consists of the family name, an underscore, and the matriculation number.
§5 A declaration of independent work, signed, is bound in as the last page.
§6 The thesis is checked by means of text comparison software.
§7 A thesis submitted late is graded "not sufficient" (5.0).`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], 'limits.minPages': 30, 'limits.maxPages': 40, 'naming.pattern': '[family name]_[matriculation number]', 'naming.mustContain': ['studentNumber', 'surname'], similarityChecked: true, due: '2027-08-31T23:59:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0, declaration: true, archival: 'PDF/A'},
  },
  {
    text: `Dear student,

Following your application, the examinations office has agreed to extend the deadline of your seminar paper by two weeks. The original deadline was 15 March 2027; your paper must now reach us by 29 March 2027, 12:00 (CET/CEST). Everything else stays as it was: 4,500-5,000 words, docx and pdf (both), candidate number in the file name, and no name.

Kind regards`,
    says: {documents: [{label: null, types: ['docx']}, {label: null, types: ['pdf']}], 'limits.minWords': 4500, 'limits.maxWords': 5000, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, due: '2027-03-15', extension: '2027-03-29T12:00:00+02:00', timeZone: 'CET/CEST'},
  },
  {
    text: `Work to hand in
(a) Case report, 1,000 words (+/- 100), Word
(b) Slides, max 12, PDF
(c) Recording of the talk, max 5 min, mp4, no more than 300 MB
Deadline for (a): 12 April 2027, 9 am; for (b) and (c): 19 April 2027, 9 am.
Please do not send links.`,
    says: {documents: [{label: 'Case report', types: ['docx'], limits: {minWords: 900, maxWords: 1100}}, {label: 'Slides', types: ['pdf']}, {label: 'Recording', types: ['mp4'], limits: {maxBytes: 300000000}}], parts: [{label: '(a)', opens: null, due: '2027-04-12T09:00:00'}, {label: '(b) and (c)', opens: null, due: '2027-04-19T09:00:00'}]},
  },
  {
    text: `The coursework mark is based on your best two of three short papers. Each short paper is 600 words maximum and is handed in by 10 pm the night before the seminar at which it is discussed. The dates are: paper 1 - 22 February, paper 2 - 8 March, paper 3 - 22 March. Text can be typed directly or uploaded as PDF/Word. No late papers.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxWords': 600, parts: [{label: 'paper 1', opens: null, due: '2027-02-22'}, {label: 'paper 2', opens: null, due: '2027-03-08'}, {label: 'paper 3', opens: null, due: '2027-03-22'}], 'late.cutoffDays': 0},
  },
  {
    text: `What to do
  * Download the cover sheet, fill it in, save it as PDF.
  * Put cover sheet and essay into ONE PDF with the cover sheet first.
  * File size: not more than 4 MB!
  * Check that your matric number is on every page (footer) and that your name is on none.
  * Upload here by Monday, 1st of March 2027, 3:00 p.m. BST.
  * You will get an e-mail receipt. Keep it.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 4000000, anonymous: true, due: '2027-03-01T15:00:00+01:00', timeZone: 'BST'},
  },
  {
    text: `Writing task B (weight: 20 points)
Submit 400 to 500 words in one text file (.txt or .rtf, no Word, no PDF).
Submission window: 01.03.2027 08:00 – 05.03.2027 20:00 Uhr.
2 Versuche sind erlaubt; es zählt der letzte.`,
    says: {documents: [{label: null, types: ['txt', 'rtf']}], 'limits.minWords': 400, 'limits.maxWords': 500, opens: '2027-03-01T08:00:00', due: '2027-03-05T20:00:00'},
  },
  {
    text: `IMPORTANT: there are now two hand-in points for the essay. If your surname starts with A–L use "ESSAY A-L", otherwise "ESSAY M-Z". Essays in the wrong one will be treated as not submitted. 2,000 words max, bibliography not counted. 1.5 spacing. Wednesday 21 April 2027 – 14.00 hrs. Anonymous marking is used so put your exam number (starts with B) in the header.`,
    says: {'limits.maxWords': 2000, anonymous: true, due: '2027-04-21T14:00:00', 'layout.lineSpacing': 1.5, 'counting.left': ['references']},
  },
  {
    text: `Q1: Is there a word limit? A: 2,500, footnotes included. Being up to 10% over is fine.
Q2: Which format? A: Word (docx) or PDF, as you like.
Q3: When's the deadline? A: Tuesday 27 April 2027, 17:00 BST.
Q4: Can I send it again if I spot a mistake? A: As often as you like until the deadline; we only look at the last one.
Q5: Is marking anonymous? A: Yes.
Q6: Will there be a similarity check? A: Yes, automatically.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2750, anonymous: true, similarityChecked: true, due: '2027-04-27T17:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest'},
  },
  {
    text: `Module: BIO3301. Assessment: Lab book (30 %).
Deliver a scan (pdf, all pages, right order, colour not needed, at least 150 dpi) of your lab book to the tray 'BIO3301 lab book' until Fri 30 Apr 2027 18:00. Limit 60 MB. If the scan is bigger reduce the resolution. Name of pdf: GroupLetter_Surname_Firstname. Late scans: minus 1 grade step per day.`,
    says: {place: 'BIO3301 lab book', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 60000000, 'naming.pattern': 'GroupLetter_Surname_Firstname', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-04-30T18:00:00'},
  },
  {
    text: `COURSEWORK: WRITTEN PAPER. Your registration number goes on the front page AND in the file name (regnumber_LAW4110.docx). One word-processor document; 3,000 words, hard limit, excl. footnotes which must only contain references (OSCOLA). Handing in closes on 30 March 2027 at 2 pm sharp (server time, GMT+1). Anyone handing in between 2.00 and 2.30 loses 5 marks, thereafter 10 marks per day. Essays are read by two markers who do not see your name.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 3000, 'naming.pattern': 'regnumber_LAW4110.docx', 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-30T14:00:00+01:00', timeZone: 'GMT+1', 'late.percentPerDay': 10, referenceStyle: 'OSCOLA', lengths: ['maxWords'], 'counting.left': ['footnotes', 'references']},
  },
  {
    text: `This is a reminder that submissions for SOCL220 open on Monday 3 May at 09:00 and close one week later, Monday 10 May, at 09:00 (both NZST). The upload page will not accept anything after this. Essays must be 1,800–2,000 words; a word count must be stated on page 1. PDF, max. 5MB. Referencing APA. Do not include a title page.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.minWords': 1800, 'limits.maxWords': 2000, opens: '2027-05-03T09:00:00+12:00', due: '2027-05-10T09:00:00+12:00', timeZone: 'NZST', 'late.cutoffDays': 0, referenceStyle: 'APA'},
  },
  {
    text: `ESSAY COVER INFORMATION
Title of unit: Ethics and AI
Word count required: 1,500 (tolerance 10% either way)
Hand-in: electronic only
File format: PDF (preferred) or DOCX
Deadline for submission: 23 February 2027 @ 23:00
Extension deadline (if approved): 2 March 2027 @ 23:00
Marks released: 16 March 2027
Is this assessment anonymously marked? N
Similarity software used? Y
Late submissions accepted? Y – 10% per day for 3 days`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.minWords': 1350, 'limits.maxWords': 1650, anonymous: false, similarityChecked: true, due: '2027-02-23T23:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 3},
  },
  {
    text: `Dear all, due to the network failure the hand-in for Essay 1 has been moved from today to tomorrow, 11 February, same time (16:00). You do not need to do anything if you have handed in already. Max 1500 words as before, PDF as before.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1500, due: '2027-02-11T16:00:00'},
  },
  {
    text: `The thesis must be handed in as PDF in the exam portal no later than 1 June 2027 at 12:00. 60 normal pages (one normal page = 2,400 characters incl. spaces) at most. The front page is filled in online. If the thesis is written in English a summary in Danish (max 1 page) is included in the same file. Appendices are uploaded separately (zip, max 2 GB). You can replace your hand-in until the deadline; the most recent one counts.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}, {label: 'Appendices', types: ['zip'], limits: {maxBytes: 2000000000}}], 'limits.maxPages': 60, due: '2027-06-01T12:00:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `Essay (40 %), 2,500 words.
Please submit through the essay portal (module page, box "Essay, main deadline") no later than 3/4/2027, 5 pm.
All interviews have to be anonymised. Plagiarism is a serious offence; see the student handbook.
Peer review of drafts is anonymous.
The word limit is 2,000 words including footnotes.
Save as PDF or DOCX; max 10 megapixels.`,
    says: {place: 'Essay, main deadline', documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 10000000, 'limits.maxWords': 2000, 'counting.counted': ['footnotes']},
  },
  {
    text: `Deadline: Monday 9 March 2027, 12:00 (noon). Length: around 1,500 words. Submit a docx. Use 1.15 line spacing, Verdana 10.5, and left/right margins of 2 cm. File name: your ID number + "_reflection".`,
    says: {documents: [{label: null, types: ['docx']}], 'naming.pattern': '[ID number]_reflection', 'naming.mustContain': ['studentNumber'], 'layout.fontSizePt': 10.5, 'layout.lineSpacing': 1.15, 'layout.fonts': ['Verdana']},
  },
  {
    text: `Short answers (3 x 300 words). Each answer must not exceed 300 words; the whole document should not be longer than 3 pages. Only .pdf. Upload limit of the page: 2 MB. Hand in between 1 and 5 March 2027 (the page closes at 22:00 on the last day, Vienna time). You can hand in twice. The first version is kept as well.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 2000000, 'limits.maxPages': 3, opens: '2027-03-01', due: '2027-03-05T22:00:00+01:00', timeZone: 'Europe/Vienna', 'attempts.allowed': 2, 'attempts.keeps': 'all'},
  },
  {
    text: `Hi, an extension until 18 March 2027 (23:59) has been approved for your essay (original due date: 11 March 2027, 23:59). Please use the same submission link. Name of file: surname_studentnumber. Marking of extended work is not anonymous.`,
    says: {'naming.pattern': 'surname_studentnumber', 'naming.mustContain': ['studentNumber', 'surname'], anonymous: false, due: '2027-03-11T23:59:00', extension: '2027-03-18T23:59:00'},
  },
  {
    text: `Submission requirements
1. The report shall be submitted as a single PDF document.
2. The maximum permitted size is 0.5 GB.
3. The report must be between 25 and 35 pages long. This excludes the cover page, the table of contents and any appendices.
4. Line spacing: one and a half. Font: Arial 11 or Times New Roman 12.
5. Margins: 2.5 cm on all sides.
6. The examiners receive the report without the cover page; do not put your name anywhere else.
7. The report is due two weeks after the end of the internship, at the latest on 15 September 2027.
8. Late reports: reduction by one grade for each week started; after four weeks the report counts as failed.`,
    says: {documents: [{label: 'Report', types: ['pdf']}], 'limits.maxBytes': 500000000, 'limits.minPages': 25, 'limits.maxPages': 35, anonymous: true, due: '2027-09-15', 'late.cutoffDays': 28, 'layout.marginMm': 25, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial', 'Times New Roman']},
  },
  {
    text: `THE FINAL PORTFOLIO – what, where, when

What: (1) cover letter, 1 page; (2) three poems, revised; (3) a 1,000 - 1,200 word craft essay. Combine all into one PDF in that order. 
Where: "Portfolio" folder, not "Workshop drafts".
When: before midnight on Sunday, May 9.  
How it's named: LASTNAME-portfolio.pdf
How it's set: 12-pt, double-spaced prose, poems as you like, numbered pages.
If you miss it: half a letter grade per day; nothing after Wednesday, May 12.`,
    says: {place: 'Portfolio', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 1000, 'limits.maxWords': 1200, 'naming.pattern': 'LASTNAME-portfolio.pdf', 'naming.mustContain': ['surname'], due: '2027-05-10T00:00:00', 'late.cutoffDays': 3, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true},
  },
  {
    text: `You may submit early. The system will accept files from 8:00 on 12 April 2027 and will stop accepting them at 20:00 on 16 April 2027 (all times in CET/CEST). Every file you upload replaces the previous one. Anonymous submission: your student ID is attached automatically, so please keep it out of the file and its name. Required: 1 file, PDF/A preferred but PDF accepted, 15 MB at most, 12 pages at most without references.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, 'limits.maxPages': 12, 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-04-12T08:00:00+02:00', due: '2027-04-16T20:00:00+02:00', timeZone: 'CET/CEST', 'attempts.keeps': 'latest'},
  },
  {
    text: `Coursework 2 brief (extract)

  Hand-out date         Thursday 4 February 2027
  Hand-in date          Thursday 11 March 2027
  Hand-in time          by 3.30pm
  Hand-in method        electronic, one file
  Permitted formats     PDF
  Estimated effort      25 hours
  Feedback              within 15 working days
  Anonymous marking     No
  Re-submission         Not permitted
  Late penalty          5 percentage points per calendar day (max. 5 days)`,
    says: {documents: [{label: null, types: ['pdf']}], anonymous: false, due: '2027-03-11T15:30:00', 'attempts.allowed': 1, 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `> When is the lab report due? The slides say the 16th, the page says the 18th.
The page is right: 18 March 2027, 17:00. Slides corrected now.
> Word or PDF?
PDF please, below 8 MB.
> Do tables count?
Tables and figure captions don't; the limit is 1,800 words for the rest.
> Student number in the file name?
Yes, number first, then "labreport".`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 8000000, 'limits.maxWords': 1800, 'naming.mustContain': ['studentNumber'], due: '2027-03-18T17:00:00'},
  },
  {
    text: `We'd like to remind you of the rules for the written examination paper. Extent: min. 8, max. 10 standard pages à 2400 keystrokes. The paper must be uploaded in the digital exam system by 10 June 2027 at 12 noon. File format: pdf. The paper must be anonymised and carry only your examination number, which is also to be used as the file name. Papers which exceed the maximum extent are rejected. It is possible to withdraw and re-upload the paper until the deadline.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 8, 'limits.maxPages': 10, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-06-10T12:00:00'},
  },
  {
    text: `*Take-home test, group C* Start: Fri 5 Mar 2027 10:00 EST. End: Fri 5 Mar 2027 14:00 EST. One attempt. Submit your handwritten answers as one PDF (scan with at least 200 dpi; B/W fine). Pages in order & upright. If the upload fails, mail the PDF before 14:15 to the address on page 1. No names – put your 5-digit code on every sheet.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], anonymous: true, opens: '2027-03-05T10:00:00-05:00', due: '2027-03-05T14:00:00-05:00', timeZone: 'EST', 'attempts.allowed': 1},
  },
  {
    text: `Project 3. Due 4/12 at 11:59 pm ET. What to hand in: a single ZIP (under 25 MB) named p3-<your username>.zip with report.pdf (4 pages max) inside. Late policy: 20% off per day, max 2 days. Unlimited submissions; last counts. We run code through similarity detection.`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxBytes': 25000000, 'limits.maxPages': 4, 'naming.pattern': 'p3-<your username>.zip', 'naming.mustContain': ['username'], similarityChecked: true, due: '2027-04-12T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 20, 'late.cutoffDays': 2},
  },
  {
    text: `Module SOC1010 (Evening). Research diary: 5 entries of 400 words each, in one Word file, by 8.00 p.m. on the Friday of the final teaching week (16 April 2027). Please don't use cover sheets. Please put your registration number in the header and call the file "SOC1010 diary <registration number>". Diaries over 2,200 words in total will be returned unmarked.`,
    says: {documents: [{label: 'Research diary', types: ['docx']}], 'limits.maxWords': 2200, 'naming.pattern': 'SOC1010 diary <registration number>', 'naming.mustContain': ['studentNumber'], due: '2027-04-16T20:00:00'},
  },
  {
    text: `ASSIGNMENT 1 – SHORT ESSAY
Due date: Wednesday 24 March 2027 (Week 5), 2.00 p.m.
Word limit: 1500 (references not included)
Value: 20%
Instructions for submission: Submit a Word document through the Assignment 1 folder. Do not submit a PDF. Do not add a cover page. Your student ID must appear in the header of every page and at the beginning of the file name.
Late submissions: 5% of the available marks per day; submissions more than 7 days late will not be marked.
Extensions: apply before the due date.`,
    says: {place: 'Assignment 1 folder', documents: [{label: null, types: ['docx']}], 'limits.maxWords': 1500, 'naming.mustContain': ['studentNumber'], due: '2027-03-24T14:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'counting.left': ['references']},
  },
  {
    text: `Final Exam Essay (open book)

The question will appear here at 9 am on Thursday May 13. You then have until 9 pm the same day to write and upload your answer. All times Central. 1,000 words tops. Acceptable formats: .docx, .pdf, .rtf. Only one upload per student. I grade without names, so identify yourself only by your student number (put it in the file name: 1234567.docx).`,
    says: {documents: [{label: null, types: ['docx', 'pdf', 'rtf']}], 'limits.maxWords': 1000, 'naming.mustContain': ['studentNumber'], anonymous: true, opens: '2027-05-13T09:00:00-05:00', due: '2027-05-13T21:00:00-05:00', timeZone: 'America/Chicago', 'attempts.allowed': 1},
  },
  {
    text: `Dissertation submission 2026/27

* Two electronic copies: (a) the dissertation as PDF; (b) the signed declaration form as PDF.
* Word limit 12,000, which includes quotations and footnotes but not the abstract, bibliography or appendices. A penalty of one mark will be applied for every 100 words over the limit.
* Size of files: 40MB in total.
* File names: candidate number_DISS.pdf and candidate number_DECL.pdf
* Deadline: 12.00 noon, Thursday 29 April 2027
* Anonymity: the dissertation must not contain your name.
* The system allows one submission only; contact the office if you have uploaded the wrong file.`,
    says: {documents: [{label: 'Dissertation', types: ['pdf']}, {label: 'Signed declaration form', types: ['pdf']}], 'limits.maxBytes': 40000000, 'limits.maxWords': 12000, 'naming.pattern': 'candidate number_DISS.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-29T12:00:00', 'attempts.allowed': 1, declaration: true, 'counting.counted': ['quotations', 'footnotes'], 'counting.left': ['abstract', 'references', 'appendices']},
  },
  {
    text: `Dear students

Owing to the bank holiday, the submission date is put back by one day, i.e. to Tuesday 4 May 2027, 10 a.m. (instead of Monday 3 May, 10 a.m.). Everything else in the assignment brief stays the same.

Assignment brief
Length: 2000-2500 words. Format: PDF. Pages must be numbered. Font size 12, spacing 1.5. Referencing style: Chicago (notes and bibliography). Submission via the "Essay 2" link. You may submit as many times as you like before the deadline.`,
    says: {place: 'Essay 2', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, due: '2027-05-04T10:00:00', 'attempts.allowed': 'unlimited', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `How to submit your artwork documentation
Photographs: 5 to 8 JPEG files, each between 1 and 4 MB, named surname_01.jpg, surname_02.jpg and so on.
Text: one .txt file with titles, max. 1,000 characters.
Zip everything into one file (max. 30 MB).
Closing date: 30.06.2027, 24:00 Uhr (MESZ)`,
    says: {documents: [{label: 'Photographs', types: ['jpeg']}, {label: 'Text', types: ['txt']}, {label: null, types: ['zip'], limits: {maxBytes: 30000000}}], 'naming.pattern': 'surname_01.jpg', 'naming.mustContain': ['surname'], due: '2027-07-01T00:00:00'},
  },
  {
    text: `Please submit a 6-page paper (double-column, IEEE template, PDF, max. 6 MB) to the workshop track by Feb 28, 2027 (AoE). Submissions are double-blind: author names must not appear. Camera-ready versions (7 pages incl. references) are due on April 15, 2027. Each student submits one paper. Notification: March 25.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 6000000, anonymous: true, timeZone: 'AoE', parts: [{label: 'paper', opens: null, due: '2027-02-28'}, {label: 'Camera-ready versions', opens: null, due: '2027-04-15'}]},
  },
  {
    text: `Portfolio deadlines: Entry 1 – 19 February; Entry 2 – 12 March; Entry 3 – 9 April (each by 17:00). Every entry 500–700 words, Word file, in the box "Entries". You may revise entries 1 and 2 until 9 April; the last version is graded.`,
    says: {place: 'Entries', documents: [{label: null, types: ['docx']}], due: '2027-04-09T17:00:00', parts: [{label: 'Entry 1', opens: null, due: '2027-02-19T17:00:00'}, {label: 'Entry 2', opens: null, due: '2027-03-12T17:00:00'}, {label: 'Entry 3', opens: null, due: '2027-04-09T17:00:00'}], 'attempts.keeps': 'latest'},
  },
  {
    text: `Hi Prof. said in class today: paper's due next Friday not this Friday!! still 5pm, still as pdf, 5 pages max w/o bibliography. turn it in under Files > Final. thx`,
    says: {place: 'Files > Final', documents: [{label: 'Paper', types: ['pdf']}], 'limits.maxPages': 5},
  },
  {
    text: `SUBMISSION OF WRITTEN WORK (Department rules)
All essays are submitted electronically by 11.00 on the day of the deadline. Essays submitted after 11.00 but before 11.00 on the following day lose 5 marks; thereafter 5 further marks per day are deducted up to day 5. No essay will be accepted after that unless an extension has been granted. All essays are marked anonymously.

This essay
Deadline 22 March 2027. 2,500 words (the acceptable range is 2,250–2,750). Word or PDF.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2250, 'limits.maxWords': 2750, anonymous: true, due: '2027-03-22T11:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Assignment: Business plan (group). Report: max 20 pages + appendices (max 10 pages), PDF, 20MB. Spreadsheet: xlsx. Deadline for both: 16/04/2027 23.59 BST. One member uploads for everybody. Put all student numbers on page 1. File names: Group__Report.pdf, Group__Model.xlsx with your group number in the gap. Peer evaluation form (online) by 19/04/2027.`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxBytes: 20000000, maxPages: 20}}, {label: 'Spreadsheet', types: ['xlsx']}], due: '2027-04-16T23:59:00+01:00', timeZone: 'BST'},
  },
  {
    text: `Reflective essay (1,000 words; 10 % leeway either side)
Submission: use the upload page "Reflective essay" in week 9.
Closes: Fri 26/03/2027, 23:59:59 UTC+1
Formats: PDF/A-1b or PDF
Name: matric no. + underscore + "RE"
Marked anonymously: yes. Similarity check: no. Attempts: 3 (last one is marked).`,
    says: {place: 'Reflective essay', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 900, 'limits.maxWords': 1100, 'naming.pattern': '[matric no.]_RE', 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: false, due: '2027-03-26T23:59:59+01:00', timeZone: 'UTC+1', 'attempts.allowed': 3, 'attempts.keeps': 'latest'},
  },
  {
    text: `Dear all, the deadline for the term paper was printed as 31 April in the syllabus; that date doesn't exist, of course. Please hand in by 30 April 2027, 6 pm. Electronic submission (PDF) to the folder "Term papers" AND a printed copy in my pigeonhole by 4 May. 12-15 pages, footnotes count, appendix doesn't. No plastic covers please. Best, K.`,
    says: {place: 'Term papers', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, due: '2027-04-30T18:00:00', 'counting.counted': ['footnotes'], 'counting.left': ['appendices']},
  },
  {
    text: `| Task | Weight | Format | Length | Due |
| --- | --- | --- | --- | --- |
| Blog post | 20% | DOCX | 600-800 words | 1 March 2027, 17:00 |
| Podcast | 30% | MP3, max 50 MB | 8-10 min | 29 March 2027, 17:00 |
| Essay | 50% | PDF | 2500 words max | 10 May 2027, 17:00 |

Times: Dublin time. Late: -5% per day, not accepted after 5 days. Keep names out of the essay file; the other two may show them.`,
    says: {documents: [{label: 'Blog post', types: ['docx'], limits: {minWords: 600, maxWords: 800}}, {label: 'Podcast', types: ['mp3'], limits: {maxBytes: 50000000}}, {label: 'Essay', types: ['pdf'], limits: {maxWords: 2500}}], timeZone: 'Europe/Dublin', parts: [{label: 'Blog post', opens: null, due: '2027-03-01T17:00:00+00:00'}, {label: 'Podcast', opens: null, due: '2027-03-29T17:00:00+01:00'}, {label: 'Essay', opens: null, due: '2027-05-10T17:00:00+01:00'}], 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `You have been granted an extension of five days for CW2. The published deadline (for everyone) is Friday 12 March 2027 at 15:00; yours is therefore Wednesday 17 March 2027 at 15:00. Submit to the usual place. If you already submitted you can submit again until your extended deadline; only the final file counts.`,
    says: {due: '2027-03-12T15:00:00', extension: '2027-03-17T15:00:00', 'attempts.keeps': 'latest'},
  },
  {
    text: `LAB REPORT RULES. (1) Max. 2000 words incl. captions, excl. raw data. (2) Submit .docx AND .pdf of the same report. (3) Both files together < 12 MB. (4) Filenames: LR3_yourID.docx, LR3_yourID.pdf. (5) In by 10am on 22.2.2027; the page locks at 10:05. (6) Double line spacing; margins at least 2 cm; 11-12 pt. (7) No re-uploads.`,
    says: {documents: [{label: null, types: ['docx']}, {label: null, types: ['pdf']}], 'limits.maxBytes': 12000000, 'limits.maxWords': 2000, 'naming.pattern': 'LR3_yourID.docx', 'naming.mustContain': ['studentNumber'], due: '2027-02-22T10:00:00', 'attempts.allowed': 1, 'layout.marginMm': 20, 'layout.lineSpacing': 2, 'layout.atLeast': ['marginMm'], 'counting.counted': ['captions']},
  },
  {
    text: `The critical commentary should be approximately 2,000 words and no longer than 2,200. Please anonymise: exam number only. Hand in via the link on the course page, "Critical commentary (TB2)", before the end of Thursday 6th May 2027. After this the link stays open for 7 days for late work, which loses 5 marks per day. Word documents preferred, PDF accepted.`,
    says: {place: 'Critical commentary (TB2)', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2200, anonymous: true, due: '2027-05-06', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `How long? 8 pages, give or take one.
What format? PDF.
When's it due? Wed., Mar. 10, 2027, 11:59 PM (Mountain).
Can we use 10-point font? No, 12 please, Times, double spaced.
Where do we put it? In "Paper 1" under Assignments.
Name on it? Yes, and in the filename too (Last, First).
Redos? One rewrite allowed within a week of getting it back.`,
    says: {place: 'Paper 1', documents: [{label: null, types: ['pdf']}], 'limits.minPages': 7, 'limits.maxPages': 9, 'naming.mustContain': ['surname', 'givenNames'], due: '2027-03-10T23:59:00-07:00', timeZone: 'America/Denver', 'layout.lineSpacing': 2},
  },
  {
    text: `Submit your assignment online by 4pm on the due date. The due date is given in the assessment schedule. Maximum file size 100MB. The following file types are accepted: .doc .docx .rtf .pdf. Your work will be checked using text-matching software. Do not include your name. Assessment schedule: Essay 22/03/27, Portfolio 26/04/27.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'rtf', 'pdf']}], 'limits.maxBytes': 100000000, anonymous: true, similarityChecked: true, parts: [{label: 'Essay', opens: null, due: '2027-03-22T16:00:00'}, {label: 'Portfolio', opens: null, due: '2027-04-26T16:00:00'}]},
  },
  {
    text: `The essay must be uploaded to the "Essay 1" drop area by 14:00 on Monday 22nd February 2027 (that is the start of reading week). Essays should be 1,500 words long; a 10% margin above or below is acceptable. Your name must not appear anywhere in the essay or in the name of the file; use your candidate number (e.g. "C1234 Essay 1.docx"). Files in formats other than Word or PDF cannot be opened by the markers and will be treated as late.`,
    says: {place: 'Essay 1', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 1350, 'limits.maxWords': 1650, 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-02-22T14:00:00'},
  },
  {
    text: `Assessment task 2: Lesson plan + rationale
- Lesson plan: use the template, save as Word (template name must be changed to Surname_LP.docx)
- Rationale: 800 words (max 880), Word
- Due: end of Week 8 (Sunday 25 April 2027, 11:59 pm AWST)
- Extension requests: 48 h before
- Resubmission: one, within 10 days after feedback if you fail
- Late: 5 marks/day, max 5 days`,
    says: {documents: [{label: 'Lesson plan', types: ['docx']}, {label: 'Rationale', types: ['docx'], limits: {maxWords: 880}}], 'naming.pattern': 'Surname_LP.docx', 'naming.mustContain': ['surname'], due: '2027-04-25T23:59:00+08:00', timeZone: 'AWST', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `IMPORTANT CHANGE: the new deadline is 12 noon, Thursday 15 April 2027. (Old deadline: Tuesday 13 April, 12 noon.) All other rules unchanged: max 8 pages PDF; name your file with your surname and initials only; submission is not anonymous.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 8, 'naming.mustContain': ['surname', 'initials'], anonymous: false, due: '2027-04-15T12:00:00'},
  },
  {
    text: `1 file only. pdf. a4. 11pt+. 2cm margins. single column. ≤ 4 pages (refs on p. 5 ok). ≤ 3MB. anonymous (no names, no affiliations). deadline 1 april 2027 23:59 utc. late = reject. two submissions allowed, second overwrites first.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 3000000, 'limits.maxPages': 4, anonymous: true, due: '2027-04-01T23:59:00+00:00', timeZone: 'UTC', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `LAW2216 Tort Law – Coursework 2 Instructions (2026/27)

You must answer ONE of the two questions in Annex A. The word count is 2,000 words. Footnotes are not included in the word count, provided that they are used for citation only. The bibliography does not count either. There is no 10% leeway: an essay of 2,001 words is over length and the marker will stop reading at word 2,000.

Submit on Thursday 25 March 2027 between 09:00 and 16:00 (UK time). The box opens a week earlier, on 18 March.
Your file must be a Word document (.docx). Name it with your exam number followed by the module code, for example Z1234567_LAW2216.docx.
Do not write your name anywhere: marking is blind.
OSCOLA must be used throughout. Times New Roman or Arial, 12 point, 1.5 spacing; footnotes 10 point, single spaced. Pages must be numbered.

Late essays lose five marks for every working day or part of a day up to five working days; after that the mark is zero.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, 'naming.mustContain': ['candidateNumber', 'courseCode'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-03-25T16:00:00+00:00', timeZone: 'Europe/London', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman', 'Arial'], 'layout.pageNumbers': true, referenceStyle: 'OSCOLA', lengths: ['maxWords'], 'counting.left': ['footnotes']},
  },
  {
    text: `Lab report 2 guidelines
The report should be no more than 4 sides of A4 including figures, 11pt minimum, margins at least 2 cm. It goes in as a pdf on or before the 3rd of March (4pm). Files bigger than 10 megs get bounced by the system.
Name your file as labgroup_surname_report2, e.g. B3_Okonkwo_report2.pdf.
Penalties: 5 percentage points per 24 hours late, capped at 25; beyond 5 days, zero.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 10000000, 'limits.maxPages': 4, 'naming.pattern': 'labgroup_surname_report2', 'naming.mustContain': ['surname'], due: '2027-03-03T16:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['marginMm', 'fontSizePt']},
  },
  {
    text: `Please submit:
(1) Essay, max. 1500 words, .doc, .docx or .pdf
(2) Presentation slides, max 10 slides, .pptx or .pdf
(3) Audio recording, max 5 minutes, .mp3
Deadline for all three: 30.04.2027, 18:00 CEST
Total upload limit 200 MB
Your submission will be screened for text overlap.`,
    says: {documents: [{label: 'Essay', types: ['doc', 'docx', 'pdf'], limits: {maxWords: 1500}}, {label: 'Presentation slides', types: ['pptx', 'pdf']}, {label: 'Audio recording', types: ['mp3']}], 'limits.maxBytes': 200000000, similarityChecked: true, due: '2027-04-30T18:00:00+02:00', timeZone: 'CEST'},
  },
  {
    text: `Subject: EXTENSION GRANTED - HIST3044 essay

Dear Ms Adeyemi-Holt,
Your request for an extension has been approved. Your new deadline is 17:00 on Friday 19 March 2027 (originally 17:00 on Friday 12 March 2027).
All other requirements remain unchanged: 3,000 words (excluding footnotes and bibliography), submitted as a Word document via the department's page, anonymously, with your student number in the file name.
Regards
Student Office`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 3000, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-03-12T17:00:00', extension: '2027-03-19T17:00:00', lengths: ['maxWords'], 'counting.left': ['footnotes', 'references']},
  },
  {
    text: `Essay 1 — 1200 words (hard max 1320). Due Sun 28 Feb 2027 11.59pm (Wellington). PDF. Formatting: Calibri/Arial 11, line spacing 1.15–1.5, numbered pages. APA. Deduct 2% per hour late up to 24h; then not marked. No re-uploads: first upload counts.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1320, due: '2027-02-28T23:59:00+13:00', timeZone: 'Pacific/Auckland', 'attempts.allowed': 1, 'late.cutoffDays': 1, 'layout.fontSizePt': 11, 'layout.fonts': ['Calibri', 'Arial'], 'layout.pageNumbers': true, referenceStyle: 'APA'},
  },
  {
    text: `The coursework must be typed, in a font no smaller than 11 points, with line spacing of at least one and a half, and printed margins of 2.54cm all round. You should save your work as a PDF file; files in other formats (e.g. .pages, .odt, .docx) will not be accepted by the portal. The maximum permitted length is 2,500 words, including footnotes but excluding the reference list. Exceeding the limit by more than 10% will attract a penalty. The submission window opens on Monday 1 March 2027 at 09:00 and closes on Friday 5 March 2027 at 15:00 GMT. Work submitted late but within 14 days will be capped at the pass mark.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2500, opens: '2027-03-01T09:00:00+00:00', due: '2027-03-05T15:00:00+00:00', timeZone: 'GMT', 'late.cutoffDays': 14, 'layout.marginMm': 25.4, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.atLeast': ['fontSizePt'], 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Hi everyone,

A few of you have asked about Friday's hand-in so here it is in one place:

- what: your reflective journal (PDF please, NOT pages files or links)
- when: Friday 5th, by the end of the day (23.59)
- where: the assignment area of the course site, under "Journal 1"
- how long: somewhere round 1500 words is fine, I won't count
- you can upload as many times as you like until then, I will only see your last one
- max 20MB so squash your photos

I'm not marking anonymously for this one so do put your name on it.

If you're ill, email me BEFORE the deadline. Otherwise it's 10% off each day and I stop accepting after one week.

Best
Oona`,
    says: {place: 'Journal 1', documents: [{label: 'Reflective journal', types: ['pdf']}], 'limits.maxBytes': 20000000, anonymous: false, due: '2027-03-05T23:59:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 7},
  },
  {
    text: `Module: SOC30021 | Assessment: Research Proposal | Weighting: 40%
Format | Single PDF file
Length | 2,500 words +/- 10%
Release date | 8 February 2027
Due date | 12 April 2027, 12 noon
Time zone | Europe/Dublin
Late penalty | 5% of the marks available deducted per day for the first week; no submissions accepted after 7 days
Anonymous marking | Yes
Text-matching | Yes – students may see the originality result before the due date
File name | StudentNumber-SOC30021-Proposal
Referencing | Harvard (UCD style)
Resubmissions before deadline | Unlimited; the final one is graded`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 2250, 'limits.maxWords': 2750, 'naming.pattern': 'StudentNumber-SOC30021-Proposal', 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: true, opens: '2027-02-08', due: '2027-04-12T12:00:00+01:00', timeZone: 'Europe/Dublin', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'Harvard'},
  },
  {
    text: `ASSIGNMENT 3: FIELD REPORT

Deadline: Monday, March 15, 2027 at 11:59 PM ET
Late policy: 24-hour grace period, no questions asked. After that, 20% per day; nothing will be accepted after Thursday, March 18.
Submission format: one PDF (no zip files), letter-size pages, 1-inch margins, double-spaced, 12-pt Times New Roman.
Length: 6-8 pages, not counting title page and works cited.
Citations: Chicago author-date.
Attempts: You have two attempts. The most recent attempt will be graded.
File naming: LastName_FirstName_FieldReport.pdf`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 6, 'limits.maxPages': 8, 'naming.pattern': 'LastName_FirstName_FieldReport.pdf', 'naming.mustContain': ['surname', 'givenNames'], due: '2027-03-15T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.percentPerDay': 20, 'late.cutoffDays': 3, 'layout.pageSize': 'Letter', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'Chicago'},
  },
  {
    text: `MSc Dissertation: submission checklist (for students finishing in September)

[ ] My dissertation is between 12,000 and 15,000 words, excluding abstract, contents, references and appendices.
[ ] I have put the word count on the title page.
[ ] My candidate number (not my name) is in the header of every page.
[ ] I have saved it as a PDF and the file is smaller than 100 MB.
[ ] The file is called [candidate number]_MSc_[programme code].pdf
[ ] I have signed the declaration of own work and put it after the title page.
[ ] I have uploaded it before 14:00 (BST) on Wednesday 8 September 2027.
[ ] I know that it will be put through text-matching software.
[ ] I know that I can upload only once.
[ ] If late: 1 mark per hour for the first ten hours, and not accepted after that.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.minWords': 12000, 'limits.maxWords': 15000, 'naming.pattern': '[candidate number]_MSc_[programme code].pdf', 'naming.mustContain': ['candidateNumber'], similarityChecked: true, due: '2027-09-08T14:00:00+01:00', timeZone: 'BST', 'attempts.allowed': 1, declaration: true, 'counting.left': ['abstract', 'contents', 'references', 'appendices']},
  },
  {
    text: `Course outline, ENGL 250

Your term paper (worth 35%) is due in two stages. First, a proposal with annotated bibliography (500–750 words; Word or PDF), due February 26 by 5 p.m. Second, the paper itself (3,000–3,500 words; PDF only), due April 9 by 5 p.m. Both are submitted through the class website. All times are Mountain Time. Papers follow MLA 9. Papers lose a third of a letter grade per day; this applies to both stages. No paper will be accepted later than April 16.`,
    says: {documents: [{label: 'Proposal', types: ['docx', 'pdf'], limits: {minWords: 500, maxWords: 750}}, {label: 'Paper', types: ['pdf'], limits: {minWords: 3000, maxWords: 3500}}], timeZone: 'America/Denver', parts: [{label: 'annotated bibliography', opens: null, due: '2027-02-26T17:00:00-07:00'}, {label: 'paper', opens: null, due: '2027-04-09T17:00:00-06:00'}], referenceStyle: 'MLA'},
  },
  {
    text: `Q: When is the portfolio due?
A: Week 11, Friday 23 April 2027, 5:00pm AEST.
Q: What do I upload?
A: Two files: your portfolio as a PDF, and your cover sheet as a Word document.
Q: Is there a size limit?
A: Yes. 50 MB for each file.
Q: Can I resubmit?
A: Up to three times before the due date. We mark the latest version.
Q: Is marking anonymous?
A: No, as your tutor knows your project.
Q: What happens if I am late?
A: 5% of the total mark per calendar day, including weekends, to a maximum of ten days. After that the mark is 0.
Q: How long should it be?
A: Max. 4000 words. Anything in appendices is not counted.
Q: Which referencing style?
A: APA 7th.`,
    says: {documents: [{label: 'Portfolio', types: ['pdf']}, {label: 'Cover sheet', types: ['docx']}], 'limits.maxBytes': 50000000, 'limits.maxWords': 4000, anonymous: false, due: '2027-04-23T17:00:00+10:00', timeZone: 'AEST', 'attempts.allowed': 3, 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 10, referenceStyle: 'APA'},
  },
  {
    text: `Exam conditions
This is a 48-hour take-home examination. The paper will be released at 10:00 on Tuesday 18 May 2027 and answers must be uploaded by 10:00 on Thursday 20 May 2027. All times are BST.
Students with a 25 % extra time arrangement have until 22:00 on Thursday 20 May.
Answers: 3 questions, up to 1,200 words each. One PDF or DOCX file for all three. The name of the file should be your candidate number and nothing else. Do not include your name or student number.
There is no late period. A script that arrives after 10:00 is treated as a non-attempt.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'naming.pattern': 'candidate number', 'naming.mustContain': ['candidateNumber'], 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-05-18T10:00:00+01:00', due: '2027-05-20T10:00:00+01:00', timeZone: 'BST', 'late.cutoffDays': 0},
  },
  {
    text: `**Assessment 2 — Critical review**

Weight: 30 % of the module
Word limit: 1,800 (the usual 10 % either way applies)
Deadline: 22/03/2027 13:00
Feedback by: 19/04/2027
Where: Module page > Assessment > Critical review
File types: .docx or .pdf
Max file size: 25MB
Anonymous: yes (use your 9-digit student number, not your name, in the header and in the file name)
Similarity check: on
Number of attempts before the deadline: unlimited (each new file overwrites the old one)
Late work: accepted for 5 working days with a cap at 40 %; then 0`,
    says: {place: 'Module page > Assessment > Critical review', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 25000000, 'limits.minWords': 1620, 'limits.maxWords': 1980, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, similarityChecked: true, due: '2027-03-22T13:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.cutoffDays': 5},
  },
  {
    text: `Coursework submission sheet
Module code            BIO-2B07
Module organiser       Dr R. Whitlock
Coursework number      002
Value                  50%
Set                    Week 3
Hand-in                Wednesday 24 March 2027, by 15:00
Return                 Friday 23 April 2027
Length                 Max. 1500 words (tables, figure legends and references do not count)
Format                 PDF or DOCX, 1.5 spaced, 12 point, numbered pages
ID                     Registration number only
Late                   1 day: -10 marks; 2-3 days: -20; after 3 days: 0`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxWords': 1500, due: '2027-03-24T15:00:00', 'late.cutoffDays': 3, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, 'counting.left': ['tables', 'captions', 'references']},
  },
  {
    text: `Please note that the submission for CW1 now closes on 11 March at 4pm rather than 9 March at 4pm. Everything else is as stated: one PDF of no more than 6 pages (excluding references), IEEE style, two-column format, named cw1_<your candidate number>.pdf; marking is anonymous; you may resubmit until the box closes; no submissions are possible once it has closed.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, 'naming.pattern': 'cw1_<your candidate number>.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-11T16:00:00', 'late.cutoffDays': 0, referenceStyle: 'IEEE'},
  },
  {
    text: `Due date: Sunday 21 March 2027 at 23:55 (AEDT)
Assessment type: individual written report
Word limit: 2000 words (+/- 10%), the reference list, title page and executive summary are not included in the word count
Submission: via the module page in Word format only
Penalty: 10% of the total possible marks per day or part thereof. Submissions more than 10 days late receive zero.
Extensions: request at least 2 business days before the due date
Text-matching software will be used on every report.
Filename convention: FamilyName_StudentID_A1.docx`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'FamilyName_StudentID_A1.docx', 'naming.mustContain': ['studentNumber', 'surname'], similarityChecked: true, due: '2027-03-21T23:55:00+11:00', timeZone: 'AEDT', 'late.percentPerDay': 10, 'late.cutoffDays': 10, 'counting.left': ['references', 'titlePage', 'abstract']},
  },
  {
    text: `Dear students

This is to remind you of the deadline for the group project: 28 April, 3 pm (Central European Summer Time). One member per group uploads one zip archive holding (a) the report in PDF and (b) the data set as CSV. The report must not exceed 20 pages (A4, 11pt, single spacing), appendices not counted. The archive must be named Group<number>.zip. You can replace the archive until the deadline.
Reports that come in late will be graded, with 0.3 grade points off per day begun.

Kind regards`,
    says: {documents: [{label: null, types: ['zip']}], 'limits.maxPages': 20, 'naming.pattern': 'Group<number>.zip', due: '2027-04-28T15:00:00+02:00', timeZone: 'CEST', 'attempts.keeps': 'latest', 'layout.pageSize': 'A4', 'layout.fontSizePt': 11, 'layout.lineSpacing': 1},
  },
  {
    text: `PHIL 301 Final Paper

Length: 2000-2500 words. Please put your word count at the end.
Due: Tues Dec 14, 2027 by 4:30 p.m.
Blind grading: put ONLY your student ID on the paper. 
Upload in .docx (I comment in Word, so no PDFs, please!).
Late papers: minus 3 points per day (out of 100), weekends included. I will not accept papers after Dec 20.
Use any recognised citation style consistently.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 2000, 'limits.maxWords': 2500, anonymous: true, due: '2027-12-14T16:30:00', 'late.percentPerDay': 3, 'late.cutoffDays': 6},
  },
  {
    text: `Consignes / Instructions

The memoir is to be deposited electronically no later than 30 June 2027 at 17h. Format: PDF/A. Size: 30 Mo at most. Name of the file: NOM_Prenom_Memoire.pdf. Number of pages: 60 to 80 without annexes. Font: Times 12, interline 1.5, margins 2.5 cm. A declaration on honour must be included after the cover page. Every memoir is passed through an anti-plagiarism program. No deposit after the deadline.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.minPages': 60, 'limits.maxPages': 80, 'naming.pattern': 'NOM_Prenom_Memoire.pdf', 'naming.mustContain': ['surname', 'givenNames'], similarityChecked: true, due: '2027-06-30T17:00:00', 'late.cutoffDays': 0, 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times'], declaration: true, archival: 'PDF/A'},
  },
  {
    text: `Take note of the following regarding your Assignment 04 (unique number 771204):

• Closing date: 18 June 2027, 23:00 SAST
• No extensions will be granted and late assignments are not marked.
• Only PDF files; 20 MB limit.
• You have two (2) opportunities to submit. Your last submission is marked.
• Include a signed honesty declaration.
• Use font size 12 and 1.5 line spacing.
• 10 pages at most, cover page and list of references excluded.
• Name: your student number, assignment number, e.g. 12345678_04.pdf`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.maxPages': 10, 'naming.mustContain': ['studentNumber', 'title'], due: '2027-06-18T23:00:00+02:00', timeZone: 'SAST', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Essay (2,000 words): Submit by 16:00 on Monday 26 April. 
Reflective log (500 words): Submit by 16:00 on Monday 10 May.
Both in Word format. Do not put your name on either piece of work. File names: essay_[student no].docx and log_[student no].docx.
Penalties for late submission: up to 24 hours: 10 marks; 24 to 48 hours: 20 marks; more than 48 hours: mark of zero.
A 10% overrun on the word length is tolerated.`,
    says: {documents: [{label: 'Essay', types: ['docx'], limits: {maxWords: 2000}}, {label: 'Reflective log', types: ['docx'], limits: {maxWords: 500}}], 'naming.pattern': 'essay_[student no].docx', 'naming.mustContain': ['studentNumber'], anonymous: true, parts: [{label: 'Essay', opens: null, due: '2027-04-26T16:00:00'}, {label: 'Reflective log', opens: null, due: '2027-05-10T16:00:00'}], 'late.cutoffDays': 2},
  },
  {
    text: `Assignment brief (v3, updated 1 Feb 2027 – the hand-in date has changed!)
Old hand-in: 5 March 2027, 12:00. New hand-in: 12 March 2027, 12:00.
What you hand in: poster, A1 landscape, as PDF (not larger than 40 MB). 
Who: pairs. One upload per pair.
Names: both surnames, like Baker-Ivanova.pdf
There's no word count, but nothing smaller than 24 pt please.`,
    says: {documents: [{label: 'Poster', types: ['pdf']}], 'limits.maxBytes': 40000000, 'naming.mustContain': ['surname'], due: '2027-03-12T12:00:00', 'layout.fontSizePt': 24, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Master's thesis – formal requirements

§1 The thesis comprises 60–80 standard pages (1 standard page = 2,400 characters incl. spaces).
§2 The thesis is submitted digitally in one PDF file, no later than 1 June 2027 at 12:00 noon.
§3 The file may not exceed 200 MB. Appendices are uploaded as a separate file (PDF or ZIP).
§4 All theses are automatically checked for plagiarism.
§5 A thesis submitted after the deadline counts as a used examination attempt.
§6 The thesis must include an abstract in English of max. 1 page.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxBytes: 200000000, minPages: 60, maxPages: 80}}, {label: 'Appendices', types: ['pdf', 'zip']}], similarityChecked: true, due: '2027-06-01T12:00:00'},
  },
  {
    text: `The final version of your research paper is due on Friday, May 14 at noon CDT. (Syllabus: "Thursday, May 14" is a typo - 14 May is a Friday.) 10-12 pages plus bibliography. Word doc please. Label it Lastname_Final.docx. Late = minus 5 points per day, up to 5 days. No anonymity; your name goes in the upper right corner.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minPages': 10, 'limits.maxPages': 12, 'naming.pattern': 'Lastname_Final.docx', 'naming.mustContain': ['surname'], anonymous: false, due: '2027-05-14T12:00:00-05:00', timeZone: 'CDT', 'late.percentPerDay': 5, 'late.cutoffDays': 5},
  },
  {
    text: `Reading response #5
300-400 words. Paste into the text box OR attach (doc, docx, pdf). Due before class Tues 3/16 (9:30am). Drop lowest two responses. No late responses accepted, since we discuss them in class.`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.minWords': 300, 'limits.maxWords': 400, due: '2027-03-16T09:30:00', 'late.cutoffDays': 0},
  },
  {
    text: `Module MGT7012 Individual Assignment (100%)
Issue date: 25/01/2027
Submission date: 26/04/2027 (before 23:59)
Feedback date: 24/05/2027
Word limit: 4000 words. Exceeding the limit by up to 10% is accepted; from 10% to 20% a 5% deduction; above 20% a 10% deduction.
Students must submit their work in Word (.doc/.docx) format. Filename: StudentID_MGT7012. Header: student ID only. 
Your work will be checked by the text-matching service automatically.
Late submissions: 5% will be deducted for each day, up to 7 days. Beyond 7 days: 0%.`,
    says: {documents: [{label: null, types: ['docx', 'doc']}], 'limits.maxWords': 4400, 'naming.pattern': 'StudentID_MGT7012', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-04-26T23:59:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Can I submit my dissertation as a Word file? No, PDF only.
How do I name it? surname-firstname-diss.pdf
Is it anonymous? No, your supervisor is first marker.
When? 14 May 2027, 16:00. The portal opens on 7 May.
How many words? 10,000. That's a maximum.
What doesn't count? Abstract, footnotes, bibliography, appendices.
Can I replace it if I spot a mistake? Yes, until the deadline, but only the first three uploads are accepted.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 10000, 'naming.pattern': 'surname-firstname-diss.pdf', 'naming.mustContain': ['surname', 'givenNames'], anonymous: false, opens: '2027-05-07', due: '2027-05-14T16:00:00', 'attempts.allowed': 3, 'attempts.keeps': 'latest'},
  },
  {
    text: `Final Project Deliverables (Team)
1) Final report — PDF — 15 pages max — due Apr 26, 5 PM
2) Slides — PPTX or PDF — due Apr 28, 9 AM
3) Peer evaluation form — DOCX — individual — due Apr 30, 5 PM
Late deliverables lose 10% per day.
All times Eastern.`,
    says: {documents: [{label: 'Final report', types: ['pdf'], limits: {maxPages: 15}}, {label: 'Slides', types: ['pptx', 'pdf']}, {label: 'Peer evaluation form', types: ['docx']}], timeZone: 'America/New_York', parts: [{label: 'Final report', opens: null, due: '2027-04-26T17:00:00-04:00'}, {label: 'Slides', opens: null, due: '2027-04-28T09:00:00-04:00'}, {label: 'Peer evaluation form', opens: null, due: '2027-04-30T17:00:00-04:00'}], 'late.percentPerDay': 10},
  },
  {
    text: `Assessment 3 Requirements

The due date is 04/05/2027 at 17:00. 
The report has a limit of 3000 words (maximum), and shall be uploaded as pdf with a size of max. 5 megapixels. 
All submissions are marked anonymously. Please make sure your matriculation number (and nothing else) is used as the name of the file.
Submitting again before the due date replaces the previous version.`,
    says: {documents: [{label: 'Report', types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.maxWords': 3000, 'naming.pattern': 'matriculation number', 'naming.mustContain': ['studentNumber'], anonymous: true, 'attempts.keeps': 'latest'},
  },
  {
    text: `Hand-in: Tuesday 18 May 2027, 10 am (London). If you were granted extra time by Disability Services you may hand in until Tuesday 25 May 2027, 10 am.
Word maximum 4,000; minimum 3,500. One .docx.
Late submission: the mark is reduced by 2 percentage points for each working day; not accepted more than 10 working days after the due date.
Similarity: reports will be generated automatically.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 3500, 'limits.maxWords': 4000, similarityChecked: true, due: '2027-05-18T10:00:00+01:00', timeZone: 'Europe/London', 'late.percentPerDay': 2, 'late.cutoffDays': 10},
  },
  {
    text: `Kære studerende / Dear students
The synopsis (max 5 standard pages, 12,000 characters with spaces) must be uploaded as one PDF no later than 7 June at 10:00. The oral exam is on 21 June. Write your exam number on page 1, not your name.
Synopses handed in late will not be considered, and the attempt counts as used.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 5, anonymous: true, due: '2027-06-07T10:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Week 8 homework: problem set 4
Posted: Mon 1 Mar. Due: Mon 8 Mar, start of lecture (9:15).
Write-ups must be typeset with LaTeX; upload the PDF (not the .tex). Name it ps4_<netid>.pdf.
You may work together but each person writes up alone; list your collaborators at the top.
Two late days may be used per problem set (six in total for the term). After two late days no credit.`,
    says: {documents: [{label: null, types: ['pdf']}], 'naming.pattern': 'ps4_<netid>.pdf', 'naming.mustContain': ['username'], due: '2027-03-08T09:15:00', 'late.cutoffDays': 2},
  },
  {
    text: `"Critical Incident Analysis" (NURS2104) 

- 1,500 words; we apply a 10% tolerance above and below
- APA 7 references
- Confidentiality: patients, colleagues and wards must be anonymised. Breaches = fail.
- Put your student number in the header. No names please as marking is anonymous.
- Microsoft Word, 12pt Arial or Calibri, double line spacing, left-aligned
- Submit on or before Thursday 1st April 2027, by 13:00hrs
- Late: capped at 40% if within 7 days, otherwise 0.
- A signed confidentiality statement is to be appended.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1350, 'limits.maxWords': 1650, anonymous: true, due: '2027-04-01T13:00:00', 'late.cutoffDays': 7, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Arial', 'Calibri'], referenceStyle: 'APA'},
  },
  {
    text: `DIGITAL PORTFOLIO: TECHNICAL SPEC

1. File: 1 x PDF, landscape A4, 20–30 pages
2. Weight: under 64 MB
3. Name: PORT_surname_initial.pdf (for example PORT_Quaye_B.pdf)
4. Images at 150 dpi or more
5. Fonts embedded
6. Where: shared drive > Year 3 > Portfolio IN
7. By: 17:30, Mon 31 May 2027
8. Late: not accepted without a form`,
    says: {place: 'shared drive > Year 3 > Portfolio IN', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 64000000, 'limits.minPages': 20, 'limits.maxPages': 30, 'naming.pattern': 'PORT_surname_initial.pdf', 'naming.mustContain': ['surname', 'initials'], due: '2027-05-31T17:30:00', 'layout.pageSize': 'A4'},
  },
  {
    text: `From: Module Team
To: all students on EDU3345
Subject: Essay 2 - some changes

Dear all,
1. The deadline has moved. It was Friday 19 March; it is now Wednesday 24 March 2027 at 14:00 GMT.
2. The word limit is unchanged (2,500 words plus or minus 10 per cent).
3. You can hand in as a Word document or as a PDF.
4. We've had to reduce the maximum file size from 100 MB to 40 MB.
5. You can upload only once, so check your file.
Best wishes
The team`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxBytes': 40000000, 'limits.minWords': 2250, 'limits.maxWords': 2750, due: '2027-03-24T14:00:00+00:00', timeZone: 'GMT', 'attempts.allowed': 1},
  },
  {
    text: `Thesis handbook, section 7.3 Submission

(1) The thesis must be submitted in digital form (PDF/A-1b or PDF/A-2b) via the examinations portal within the period stated on the admission notice. (2) The period for working on the thesis is 20 weeks. (3) The file name consists of the student ID number, an underscore and the word "thesis". (4) The length should be between 80,000 and 120,000 characters. (5) A declaration in lieu of oath must be bound into the file as the last page. (6) The examination board may have the thesis checked by means of software for the detection of plagiarism.`,
    says: {documents: [{label: 'Thesis', types: ['pdf']}], 'naming.pattern': '[student ID number]_thesis', 'naming.mustContain': ['studentNumber'], similarityChecked: true, declaration: true},
  },
  {
    text: `HISTORY 214: Essay Two

Your second essay is due at 5pm on Thursday 18th March 2027. Essays should be submitted through the History Essays folder on the module site and should be between 2,250 and 2,750 words including footnotes but not the bibliography.

We mark blind, so the only thing that should appear at the top of your essay is your candidate number. Please also use your candidate number as the file name (e.g. 734512.docx). Essays may be sent as .doc, .docx or .rtf; PDFs make life difficult for those of us who comment in the margin, so please do not send them.

You may submit as many times as you like up to the deadline; we will read whatever is there at 5pm. After that the usual tariff applies: 5 marks off for work up to a day late, and a further 5 for each day after that. No work can be accepted once essays have been returned (normally after 14 days).

References should follow the MHRA style guide.`,
    says: {place: 'History Essays folder', documents: [{label: null, types: ['doc', 'docx', 'rtf']}], 'limits.minWords': 2250, 'limits.maxWords': 2750, 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-03-18T17:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, referenceStyle: 'MHRA', 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `CS-330 Design Report — how to hand in

What to submit   A PDF of your report and a ZIP of your source code
PDF limits       10 pages (A4), excluding references; 10 MB
ZIP limits       50 MB, no binaries
Template         ACM-like two-column, 9pt
Naming           <groupNo>-report.pdf, <groupNo>-src.zip
Opens            Mon 5 April 2027, 08:00
Closes           Fri 16 April 2027, 23:59
Zone             CEST
Late             -1 grade point per started day, max 2 days
Check            plagiarism detection on both text and code
Resubmission     allowed until closing; last one counts`,
    says: {documents: [{label: 'Report', types: ['pdf'], limits: {maxBytes: 10000000, maxPages: 10}}, {label: 'Source code', types: ['zip'], limits: {maxBytes: 50000000}}], 'naming.pattern': '<groupNo>-report.pdf', similarityChecked: true, opens: '2027-04-05T08:00:00+02:00', due: '2027-04-16T23:59:00+02:00', timeZone: 'CEST', 'attempts.keeps': 'latest', 'late.cutoffDays': 2, 'layout.pageSize': 'A4', 'layout.fontSizePt': 9, lengths: ['maxPages']},
  },
  {
    text: `Dear Ms Vestergaard-Imani

Following your application of 2 March, the Board has agreed to extend your deadline for the dissertation from 12 noon on Monday 26 April 2027 to 12 noon on Monday 10 May 2027. All other conditions (10,000 words; one PDF; candidate number only; checked for similarity) stay as stated in the handbook. You do not need to do anything else.

Yours sincerely`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 10000, anonymous: true, similarityChecked: true, due: '2027-04-26T12:00:00', extension: '2027-05-10T12:00:00', lengths: ['maxWords']},
  },
  {
    text: `Assignment: "Policy memo"
Length: no more than two pages, single-spaced, 11 or 12 point.
Due: before the start of class on March 9 (class begins at 10:40 a.m.).
Hand in: upload a PDF AND bring one printed copy to class.
Put your name, the date and the course number in the memo header.
Grading: 20 points. One point off for each page over the limit. Two points off for each day late.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, anonymous: false, due: '2027-03-09T10:40:00', 'late.percentPerDay': 2, 'layout.lineSpacing': 1},
  },
  {
    text: `PLEASE READ: changes to Coursework 1

Because of the building closure the coursework will now be due one week later, on Friday 5 March 2027 (not Friday 26 February), still at 16:00. The length stays at 1,500 words. You can now also hand in ODT files in addition to Word. Late penalties (10% per day, nothing accepted after five days) will be counted from the new date.`,
    says: {documents: [{label: null, types: ['odt', 'docx']}], 'limits.maxWords': 1500, due: '2027-03-05T16:00:00', 'late.percentPerDay': 10, 'late.cutoffDays': 5, lengths: ['maxWords']},
  },
  {
    text: `The Research Methods portfolio consists of three pieces:

A. Literature search log (max 2 pages, PDF)
B. Critical appraisal (1,200 words ±10%, DOCX)
C. Reflection (500 words max, DOCX)

All three must be uploaded together by 2.00 pm on 27 May 2027 (GMT+1). Each file has to start with your student ID, for example S1234567_A.pdf. Marking is NOT anonymous. Text-matching is used on B and C.
You have three attempts; the system keeps every version, but we mark the last one.`,
    says: {documents: [{label: 'Literature search log', types: ['pdf'], limits: {maxPages: 2}}, {label: 'Critical appraisal', types: ['docx'], limits: {minWords: 1080, maxWords: 1320}}, {label: 'Reflection', types: ['docx'], limits: {maxWords: 500}}], 'naming.mustContain': ['studentNumber'], anonymous: false, similarityChecked: true, due: '2027-05-27T14:00:00+01:00', timeZone: 'GMT+1', 'attempts.allowed': 3},
  },
  {
    text: `Take-home final. Released: Dec 13, 2027, 9:00 AM EST. You have until Dec 15, 2027, 9:00 AM EST. No extensions, no late work. Type your answers (max. 1500 words altogether), save as PDF, and name the file with your 8-digit student number. Do not put your name in the document — exams are graded anonymously. You may upload only once.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], 'limits.maxWords': 1500, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-12-13T09:00:00-05:00', due: '2027-12-15T09:00:00-05:00', timeZone: 'EST', 'attempts.allowed': 1, 'late.cutoffDays': 0},
  },
  {
    text: `Submission information
Deadline: Week 30, Wednesday 14:00
The portfolio must be uploaded as one single PDF of maximum 100 megapixels. We can't accept links.
Portfolios can be handed in anonymously or under your own name; it makes no difference to us.
Page size A3 landscape. Between 12 and 16 pages.`,
    says: {documents: [{label: 'Portfolio', types: ['pdf']}], 'limits.maxBytes': 100000000, 'limits.minPages': 12, 'limits.maxPages': 16, 'layout.pageSize': 'A3'},
  },
  {
    text: `Deadline: Monday 12 March 2027, 12:00
Word count: 2000
Format: Word or PDF
Deadline for resit: 16 August 2027, 12:00
Names must not be on the work. Use your exam number.
Some colleagues prefer Harvard, others APA; choose one and be consistent.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 2000, anonymous: true, lengths: ['maxWords']},
  },
  {
    text: `Submitting your work
• Your essay (2,000 words) must be submitted by 23:59 on 30 April.
• The word count includes in-text citations and headings, and excludes the title, reference list and appendices.
• You may go up to 10% over. Anything beyond that will not be read.
• Save your essay as a .docx or .pdf (max. 20 MB)
• Filename: Module code_Student number_Assessment number, e.g. PY2301_20417733_1
• Submit via the Assessments tab
• Anonymous marking is in operation; do not include your name in the file name, header or anywhere else
• You may resubmit before the deadline, but not within 24 hours of your previous submission`,
    says: {place: 'Assessments', documents: [{label: 'Essay', types: ['docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 2200, 'naming.pattern': 'Module code_Student number_Assessment number', 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, due: '2027-04-30T23:59:00', 'counting.counted': ['headings'], 'counting.left': ['references', 'appendices']},
  },
  {
    text: `Good news: the final report deadline moved from 1 June to 4 June 2027, 18:00 (Amsterdam). Same rules as before otherwise (max 25 pages incl. figures, A4, 2,5 cm margins, 11 pt, line spacing 1.15; PDF up to 30 MB; group number in the file name). One more thing: attach the signed integrity statement as the last page. Reports are scanned for plagiarism.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.maxPages': 25, similarityChecked: true, due: '2027-06-04T18:00:00+02:00', timeZone: 'Europe/Amsterdam', 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.15, declaration: true},
  },
  {
    text: `ART HISTORY SURVEY — OBJECT ANALYSIS
Write 900–1100 words on one object in the museum. Double-spaced, 12 pt Times, one-inch margins, numbered pages. Include one photo of the object (jpg, up to 5 MB) as a separate file. The essay itself should be a Word file.
Essays are due Oct. 8 by midnight. Photos may follow until Oct. 10.
Chicago style footnotes.`,
    says: {documents: [{label: 'Photo', types: ['jpeg'], limits: {maxBytes: 5000000}}, {label: 'Essay', types: ['docx']}], 'limits.minWords': 900, 'limits.maxWords': 1100, parts: [{label: 'essay', opens: null, due: '2027-10-09T00:00:00'}, {label: 'Photos', opens: null, due: '2027-10-10'}], 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times'], 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `Please submit your coursework electronically by 12 noon on the second Tuesday in May 2027. Coursework submitted up to one hour late will not be penalised. Between one hour and 24 hours late: minus 10%. After 24 hours: zero. Maximum length four sides of A4, minimum type size 11pt. Accepted: PDF only, under 4MB. Only the first submission will be considered.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 4000000, 'limits.maxPages': 4, due: '2027-05-11T12:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 1, 'layout.pageSize': 'A4', 'layout.fontSizePt': 11},
  },
  {
    text: `Your paper must be anonymous (no name, no ID) as it will be read by two external readers. Length: 15 to 20 pages. Submit two files: the paper (PDF, named "paper.pdf") and a cover sheet with your name and ID (PDF, named "cover.pdf"). Due on or before the last day of classes, 30 April 2027, 11.59 pm Eastern. Extensions need to be approved by the dean.`,
    says: {documents: [{label: 'Paper', types: ['pdf']}, {label: 'Cover sheet', types: ['pdf']}], 'limits.minPages': 15, 'limits.maxPages': 20, anonymous: true, due: '2027-04-30T23:59:00-04:00', timeZone: 'America/New_York'},
  },
  {
    text: `COMP5530 Project deliverables and dates
Deliverable | Format | Limit | Due
Proposal | PDF | 2 pages | 19 Feb 2027 16:00
Interim report | PDF | 5 pages | 19 Mar 2027 16:00
Final report | PDF | 12 pages | 7 May 2027 16:00
Code | ZIP | 100 MB | 7 May 2027 16:00
All times UK. 10% per day late (weekends count), zero after five days. Put your student number, not your name, on everything.`,
    says: {documents: [{label: 'Proposal', types: ['pdf'], limits: {maxPages: 2}}, {label: 'Interim report', types: ['pdf'], limits: {maxPages: 5}}, {label: 'Final report', types: ['pdf'], limits: {maxPages: 12}}, {label: 'Code', types: ['zip'], limits: {maxBytes: 100000000}}], anonymous: true, timeZone: 'Europe/London', parts: [{label: 'Proposal', opens: null, due: '2027-02-19T16:00:00+00:00'}, {label: 'Interim report', opens: null, due: '2027-03-19T16:00:00+00:00'}, {label: 'Final report', opens: null, due: '2027-05-07T16:00:00+01:00'}, {label: 'Code', opens: null, due: '2027-05-07T16:00:00+01:00'}], 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `The essay should be approximately 3000 words, and no more than 3300. Hand in by 16h00 on Friday 9 April 2027 at the latest (SAST). Use 1,5 line spacing and a 12-point font such as Arial. Save the document as a PDF named STUDENTNUMBER_SURNAME_ESSAY. An essay that is submitted late will lose 5% per day (weekends included) for a maximum of 5 days, after which it will not be marked. A signed plagiarism declaration must form the first page. Keep the similarity below 20%: the software's report is shown to you on your first attempt, and you have one more attempt after that.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 3300, 'naming.pattern': 'STUDENTNUMBER_SURNAME_ESSAY', 'naming.mustContain': ['studentNumber', 'surname'], similarityChecked: true, due: '2027-04-09T16:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], declaration: true},
  },
  {
    text: `MODULE HANDBOOK 2026-27 · PSYC2071 Cognitive Psychology

5 Assessment
5.1 Overview
The module is assessed by one class test (30%, 24 February 2027, 11:00, Hall B) and one laboratory report (70%).
5.2 Class test
The class test lasts 50 minutes and consists of 40 multiple-choice questions. Bring your student card.
5.3 Laboratory report
The report describes the experiment that you carry out in the practical of week 5. It follows the conventions of the American Psychological Association (7th edition). The report must not be longer than 2,000 words; the abstract, tables, figures, reference list and appendices do not count.
The report is to be submitted no later than 3 pm on Thursday, 25 March 2027 as a Word file or a PDF (one file; 10 MB at most). The name of the file should be PSYC2071 followed by your student number (example: PSYC2071_40219988). Please do not write your name on the report, because it will be marked anonymously.
Late reports lose 5 marks per calendar day or part of a day. Reports that are more than 7 days late receive no marks.
All reports are compared with published sources by text-matching software. 
5.4 Feedback
Feedback on the class test is given on 10 March; reports are returned on 22 April 2027.

6 Reading
Core text: Field-Harrow, A. (2019) Experiments in Mind, 3rd ed., 412 pages.`,
    says: {documents: [{label: 'Report', types: ['docx', 'pdf']}], 'limits.maxBytes': 10000000, 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: true, due: '2027-03-25T15:00:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7, referenceStyle: 'APA', 'counting.left': ['abstract', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `To: MA Translation cohort
Re: Commentary (TRA7002)

Hi all, quick recap of what we agreed in class.
You'll send in TWO things: your translation (docx) and your commentary (docx too). Translation = the 800-word source text, so no limit. Commentary = 2,000–2,500 words.
The portal opens Mon 12 Apr and shuts Fri 23 Apr at 5pm sharp.
Put your candidate number in both file names (Translation_12345, Commentary_12345).
If the portal misbehaves, mail me BEFORE 5pm with a screenshot.
Late work: same as always (minus ten for the first five working days; zero after).
Cheers, Benedikta`,
    says: {documents: [{label: 'Translation', types: ['docx']}, {label: 'Commentary', types: ['docx'], limits: {minWords: 2000, maxWords: 2500}}], 'naming.mustContain': ['candidateNumber'], opens: '2027-04-12', due: '2027-04-23T17:00:00'},
  },
  {
    text: `# Lab 5 hand-in

**What:** one Jupyter notebook exported as PDF + the .ipynb itself, zipped together (\`lab5_<username>.zip\`)

**When:** before 23:00 on 2027-03-04

**Late:** you have three "late days" for the whole course; each covers 24 h. Without them, nothing late is graded.

**Resubmit:** as often as you like before 23:00; only the latest zip is opened.

**Collaboration:** fine, but write the code yourself. We run a similarity check over all notebooks.`,
    says: {documents: [{label: 'Notebook', types: ['pdf', 'zip']}], 'naming.pattern': 'lab5_<username>.zip', 'naming.mustContain': ['username'], similarityChecked: true, due: '2027-03-04T23:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest'},
  },
  {
    text: `Important dates
Tue 2 Feb – topic approved by supervisor
Fri 26 Feb – draft to supervisor (optional; Word; up to 3,000 words)
Mon 3 May, 12:00 – dissertation due (8,000 words maximum, PDF)
Tue 1 Jun – oral presentations

Notes
* The dissertation is uploaded to the "Dissertations 2027" folder; drafts are e-mailed.
* The title page shows your candidate number, the title, and the word count.
* Two markers read each dissertation independently; neither knows the author.
* Work is penalised by 1 mark for each hour after the deadline and is not accepted after 24 hours.`,
    says: {place: 'Dissertations 2027', documents: [{label: 'Dissertation', types: ['pdf']}], 'limits.maxWords': 8000, anonymous: true, due: '2027-05-03T12:00:00', 'late.cutoffDays': 1},
  },
  {
    text: `Practical assignment
Delivery: 1 document (ODT, DOCX or PDF) of at most 8 pages incl. title page. Delivered via mail? No: only via the course page, section Deliverables.
Deadline: 21-03-2027 23:59:59.
Deduction: 0.5 point (of 10) per day.
Mention the names and numbers of both group members on the title page.
Filename: PA1_<number1>_<number2>`,
    says: {documents: [{label: null, types: ['odt', 'docx', 'pdf']}], 'limits.maxPages': 8, 'naming.pattern': 'PA1_<number1>_<number2>', due: '2027-03-21T23:59:59', 'late.percentPerDay': 0.5},
  },
  {
    text: `Your blog post should be 600 to 800 words, with at least one image (credited). Paste the text into a Word document, add the image, and save it as "blogpost - your initials.docx". Max file size is 2 GB, so no worries there. Post it by Sunday, Feb 28, 10:00 PM. Your classmates will comment on the posts anonymously, but posts carry your name.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxBytes': 2000000000, 'limits.minWords': 600, 'limits.maxWords': 800, 'naming.pattern': 'blogpost - your initials.docx', 'naming.mustContain': ['initials'], anonymous: false, due: '2027-02-28T22:00:00'},
  },
  {
    text: `Assessment 1: Annotated bibliography. Due Friday, Week 5 (26 March 2027), 11:59 pm AWST.
Word limit: 1000 (+10%). Not included: the references themselves.
File format: .doc or .docx (not .pages, not .pdf).
Penalty for late submission: ten per cent of the maximum mark per day, including Saturdays and Sundays, for seven days.
Marks are returned within 15 working days.
Cover sheet: not required.`,
    says: {documents: [{label: null, types: ['doc', 'docx']}], 'limits.maxWords': 1100, due: '2027-03-26T23:59:00+08:00', timeZone: 'AWST', 'late.percentPerDay': 10, 'late.cutoffDays': 7},
  },
  {
    text: `Term paper guidelines (Institute of Sociology)
- Length: 30,000 to 36,000 characters including spaces and footnotes (about 12–15 pages)
- Layout: Times New Roman 12, spacing 1.5, margins left/right 2.5 cm
- Submission: by e-mail to the lecturer as PDF and Word, plus a printed copy in the secretary's office
- Deadline: end of the semester, i.e. 30 September 2027
- Attach the declaration of authorship (signed)
- File: Lastname_Title_SS27`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'naming.pattern': 'Lastname_Title_SS27', 'naming.mustContain': ['surname'], due: '2027-09-30', 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman'], declaration: true},
  },
  {
    text: `PLEASE NOTE. Coursework 3 was set on 1 February. It must be handed in on 1 March 2027, between 10.00 and 16.00 hours. Do not hand it in earlier: the box does not open before ten. It will not open again after four. Coursework handed in by any other route (mail, under the door) is disregarded. 3 sides of A4; handwriting is accepted if scanned as PDF. Nobody gets a second try.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 3, opens: '2027-03-01T10:00:00', due: '2027-03-01T16:00:00', 'attempts.allowed': 1, 'layout.pageSize': 'A4', lengths: ['maxPages']},
  },
  {
    text: `Group report (GEOG3300)
Each group of four submits one report. Length is limited to 6000 words in total, i.e. 1500 words per member. The report should be submitted by the group's coordinator by 2 p.m. on Wednesday 5 May 2027. The name of the file is the group letter (for example GroupC.pdf). List the student numbers (not names) of all members on the front page. PDF only, 50MB max. 
In addition, each member submits an individual reflection (max. 300 words, Word) by 2 p.m. on Friday 7 May 2027.`,
    says: {documents: [{label: null, types: ['pdf'], limits: {maxBytes: 50000000, maxWords: 6000}}, {label: 'Individual reflection', types: ['docx'], limits: {maxWords: 300}}], anonymous: true, parts: [{label: 'report', opens: null, due: '2027-05-05T14:00:00'}, {label: 'Individual reflection', opens: null, due: '2027-05-07T14:00:00'}]},
  },
  {
    text: `1. Answer both questions. 2. Use no more than 750 words for each answer; anything over is ignored. 3. Type in a sans-serif font, at least size 11. 4. Hand in one file, as .docx. 5. Put nothing but your exam number on it. 6. Hand in by Monday 19th April at noon. 7. After noon you can still hand in until noon on Tuesday, but 10 points will be deducted. 8. You may not hand in twice.`,
    says: {documents: [{label: null, types: ['docx']}], anonymous: true, due: '2027-04-19T12:00:00', 'attempts.allowed': 1, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Dissertation Submission Form (extract)
Submission Deadline: 31/08/2027 16:00
Late Submission Deadline: 14/09/2027 16:00 (mark capped at 50)
Word Limit: 15000 (excl. appendices)
Files: 1 (PDF, max 200 MB)
Release of Marks: 30/10/2027
Anonymous: Y
Ethics form appended: Y / N
Turnaround: 6 weeks`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 200000000, 'limits.maxWords': 15000, anonymous: true, due: '2027-08-31T16:00:00', 'late.cutoffDays': 14, 'counting.left': ['appendices']},
  },
  {
    text: `Music portfolio: hand in (i) scores as PDF, (ii) recordings as MP3 or WAV, and (iii) a commentary of 1,000 words (Word or PDF). All in one folder, zipped, called SURNAME-portfolio.zip; no larger than 1 GB. Due by 6 pm on 20 May. Late: not accepted. One submission only.`,
    says: {documents: [{label: 'Scores', types: ['pdf']}, {label: 'Recordings', types: ['mp3']}, {label: 'Commentary', types: ['docx', 'pdf'], limits: {maxWords: 1000}}, {label: null, types: ['zip']}], 'limits.maxBytes': 1000000000, 'naming.pattern': 'SURNAME-portfolio.zip', 'naming.mustContain': ['surname'], due: '2027-05-20T18:00:00', 'attempts.allowed': 1, 'late.cutoffDays': 0, lengths: ['maxWords']},
  },
  {
    text: `Instructions for the end-semester assignment (Dept. of Commerce)
1. The assignment carries 20 marks and should be of 2000-2500 words.
2. It should be typed in Times New Roman, font size 12 with 1.5 line spacing on A4 size paper, margin of 1 inch on all sides.
3. Convert the file into PDF. The size should not exceed 5 MB.
4. Rename the PDF as RollNo_SubjectCode (e.g. 21BCOM045_BC304).
5. Upload the PDF on or before 15-03-2027 up to 5.00 PM (IST). The link will be deactivated thereafter.
6. The plagiarism should be below 10%; every assignment shall be checked by the software.
7. Multiple submissions are not allowed.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.minWords': 2000, 'limits.maxWords': 2500, 'naming.pattern': 'RollNo_SubjectCode', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-03-15T17:00:00', timeZone: 'IST', 'attempts.allowed': 1, 'layout.pageSize': 'A4', 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `Individual essay (30% of final mark)
• Due: Week 12, Friday 9 April 2027, 18:00 HKT (24-hour grace period without penalty)
• Length: 1,800–2,200 words, all-inclusive except references
• Format: Word, double-spaced, Calibri 12
• Reference style: APA 7
• Late penalty: 10% of the essay mark per day after the grace period
• File name: UID_LastName_Essay.docx
• Please submit through the plagiarism checker link; a similarity score above 25% needs an explanation.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.pattern': 'UID_LastName_Essay.docx', 'naming.mustContain': ['surname'], similarityChecked: true, due: '2027-04-09T18:00:00+08:00', timeZone: 'HKT', 'late.percentPerDay': 10, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Calibri'], referenceStyle: 'APA', 'counting.left': ['references']},
  },
  {
    text: `To hand in your lab journal:
 - Scan or photograph each page (colour; at least 200 dpi)
 - Combine into ONE pdf, in order, upright
 - No bigger than 25MB
 - Call it LJ_<your netID>
 - Upload under "Lab journals" by Sunday night (7 March 2027, 23:59 CET)
Journals without name and group number on page 1 will not be graded. 
One resubmission is possible if a page is unreadable.`,
    says: {place: 'Lab journals', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'naming.pattern': 'LJ_<your netID>', 'naming.mustContain': ['username'], due: '2027-03-07T23:59:00+01:00', timeZone: 'CET'},
  },
  {
    text: `Hausarbeit im Seminar "Stadt und Erinnerung"
Umfang: 15-20 Seiten (ohne Anhang), mindestens 5000 Wörter
Abgabetermin: 15.04.2027, 18 Uhr
Form: eine PDF-Datei (max. 20 MB), zusätzlich eine Word-Datei für die Plagiatsprüfung
Benennung: Matrikelnummer_Stadt.pdf
Zitierweise: Chicago
Formatierung: Zeilenabstand 1,5; Schriftgröße 12; Ränder 2,5 cm; Seitenzahlen
Bei verspäteter Abgabe werden pro Tag 5 Prozent abgezogen, nach 7 Tagen gilt die Arbeit als nicht bestanden.
Mehrfaches Hochladen ist bis zur Frist möglich; die letzte Fassung zählt.`,
    says: {documents: [{label: null, types: ['pdf', 'docx']}], 'limits.maxBytes': 20000000, 'limits.minWords': 5000, 'limits.minPages': 15, 'limits.maxPages': 20, 'naming.pattern': 'Matrikelnummer_Stadt.pdf', 'naming.mustContain': ['studentNumber'], similarityChecked: true, due: '2027-04-15T18:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.marginMm': 25, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.pageNumbers': true, referenceStyle: 'Chicago', 'counting.left': ['appendices']},
  },
  {
    text: `Design studio: final submission requirements
A1 panels (3) as one PDF, max 150 MB; model photos (min. 5) as JPG, each under 8 MB; project text of 400 words as DOCX.
All files in a folder named after your student number and zipped. Upload the zip to "Studio 4 Final" between Thursday 20 May 2027 00:00 and Friday 21 May 2027 09:30.
No name on the panels.`,
    says: {place: 'Studio 4 Final', documents: [{label: 'Panels', types: ['pdf'], limits: {maxBytes: 150000000}}, {label: 'Model photos', types: ['jpeg'], limits: {maxBytes: 8000000}}, {label: 'Project text', types: ['docx']}, {label: null, types: ['zip']}], 'naming.mustContain': ['studentNumber'], opens: '2027-05-20T00:00:00', due: '2027-05-21T09:30:00'},
  },
  {
    text: `From the Course Regulations:
Art. 12(1) Written assignments shall be submitted in electronic form by 23:59 hours on the date set by the examiner.
Art. 12(2) For each commenced day of delay 0.5 points shall be deducted from the grade, up to a maximum of three days; thereafter the assignment shall be graded 1.0.
Art. 12(3) Assignments shall be checked for originality.
Art. 13 Assignments shall not exceed 20,000 characters.

Examiner's note: The date set for Assignment II is 16 April 2027. Zurich time. PDF. A student may upload several versions; only the most recent one will be graded.`,
    says: {documents: [{label: null, types: ['pdf']}], similarityChecked: true, due: '2027-04-16T23:59:00+02:00', timeZone: 'Europe/Zurich', 'attempts.keeps': 'latest', 'late.percentPerDay': 0.5, 'late.cutoffDays': 3},
  },
  {
    text: `COURSEWORK DEADLINES (all 4pm)
Essay 1 ...... 26 Feb 2027
Essay 2 ...... 19 Mar 2027
Project ...... 30 Apr 2027

RULES
Word limits: essays 1,500, project 4,000 (both absolute).
Upload Word files only. Essays are marked anonymously, the project is not.
Late work: -5 marks (up to 24 hours), -10 marks (up to 48 hours), 0 after that.`,
    says: {documents: [{label: null, types: ['docx']}], parts: [{label: 'Essay 1', opens: null, due: '2027-02-26T16:00:00'}, {label: 'Essay 2', opens: null, due: '2027-03-19T16:00:00'}, {label: 'Project', opens: null, due: '2027-04-30T16:00:00'}], 'late.cutoffDays': 2},
  },
  {
    text: `Your answers to the take-home exam must be written individually. Upload them as a single pdf-file, in A4 format, at most eight pages long (excluding the list of references). The exam opens at 9.00 on Wednesday the 14th of April and closes at 15.00 on Friday the 16th. Mark the file with your anonymous exam code only. Late exams will under no circumstances be accepted. All exams are automatically checked in a plagiarism control system.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 8, anonymous: true, similarityChecked: true, opens: '2027-04-14T09:00:00', due: '2027-04-16T15:00:00', 'late.cutoffDays': 0, 'layout.pageSize': 'A4'},
  },
  {
    text: `ASSESSMENT BRIEF

Module: Coastal Geomorphology (GEO3107)        Level: 6        Credits: 20
Assessment: Report 2                            Weighting: 60%
Date set: 25 January 2027                       Date due: 12 March 2027, by 5.00pm
Date for return of marked work: 16 April 2027

Task
Write a report of 2,500 words (±10%) that evaluates the sediment budget of a restored saltmarsh of your choice. The word count excludes the title page, tables, captions, the reference list and appendices.

Presentation
A4, Arial 11, 1.5 line spacing, 2.5 cm margins, pages numbered. Harvard referencing.

Submission
Electronic submission only, through GEO3107 > Assessment > Report 2. One PDF file, maximum 20 MB. Name the file with your student ID and the module code, for example 20417733_GEO3107.pdf. This is an anonymously marked assessment: do not put your name on any part of the submission.

You may make as many submissions as you wish before the deadline; each replaces the one before.

Penalties
Work up to five working days late: 5 marks per working day. After five working days: mark of 0.`,
    says: {place: 'GEO3107 > Assessment > Report 2', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 20000000, 'limits.minWords': 2250, 'limits.maxWords': 2750, 'naming.mustContain': ['studentNumber', 'courseCode'], anonymous: true, due: '2027-03-12T17:00:00', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 5, 'late.cutoffDays': 5, 'layout.pageSize': 'A4', 'layout.marginMm': 25, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Arial'], 'layout.pageNumbers': true, referenceStyle: 'Harvard', 'counting.left': ['titlePage', 'tables', 'captions', 'references', 'appendices']},
  },
  {
    text: `Hello all, some practicalities on Assignment 2.
Deadline: next Thursday, the 18th of February at 20:00.
Please hand in ONE document, in pdf. I can't open Pages files!
Put group nr + names in the doc.
Max. length: five pages, excl. title page & literature.
If you're late you lose one point per day (out of ten); after three days I won't look at it any more.
Greetings, Marit`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 5, due: '2027-02-18T20:00:00', 'late.percentPerDay': 1, 'late.cutoffDays': 3},
  },
  {
    text: `HUM1020 online submission rules

Rule 1: Essays are submitted via the page "HUM1020 Essay 3" (not Essay 2, which is closed).
Rule 2: The page is open from 00:01 on 1 April 2027 until 23:59 on 15 April 2027, Eastern Daylight Time.
Rule 3: Accepted file types are DOC, DOCX, and PDF. Nothing else uploads.
Rule 4: Each file must be under 10,000 KB.
Rule 5: You get two tries. If you use both, the second is the one that we grade.
Rule 6: Essays of fewer than 1,200 or more than 1,500 words are returned ungraded.
Rule 7: Do not password-protect your file.
Rule 8: The file name must not contain spaces, accents or your name; use your 7-digit student code.
Rule 9: Essays are run through text-matching software when you submit.
Rule 10: There is no Rule 10, and there are no late essays.`,
    says: {place: 'HUM1020 Essay 3', documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 10000000, 'limits.minWords': 1200, 'limits.maxWords': 1500, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, similarityChecked: true, opens: '2027-04-01T00:01:00-04:00', due: '2027-04-15T23:59:00-04:00', timeZone: 'America/New_York', 'attempts.allowed': 2, 'late.cutoffDays': 0},
  },
  {
    text: `What should the final portfolio look like?
It's one PDF with a table of contents, between 30 and 40 pages including images.

When do I hand it in?
By noon on 21 June 2027 (Central European Summer Time).

Where?
In the folder "Portfolios – final" on the course page.

What if my PDF is too big?
The limit is 250 MB. Compress your images to 150 dpi.

Can I hand in a second version?
Yes, up to the deadline. Both are kept; the jury sees the newer.

How late can I be?
Not at all.`,
    says: {place: 'Portfolios – final', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 250000000, 'limits.minPages': 30, 'limits.maxPages': 40, due: '2027-06-21T12:00:00+02:00', timeZone: 'CEST', 'late.cutoffDays': 0},
  },
  {
    text: `Essay due: Friday 7 May 2027
Time: 12:00 (noon)
Zone: UK
Type: Word only
Length: 3,000 (max.)
Anonymous: YES
Filename: candidate number
Late: -10 (first 24h), then 0
Similarity: on
Resubmit: no`,
    says: {documents: [{label: null, types: ['docx']}], 'naming.mustContain': ['candidateNumber'], anonymous: true, similarityChecked: true, due: '2027-05-07T12:00:00+01:00', timeZone: 'Europe/London', 'attempts.allowed': 1, 'late.cutoffDays': 1},
  },
  {
    text: `Please read carefully: the two-part assignment for LING2201.

PART 1 (data collection sheet): upload as .xlsx by Monday 8 March 2027, 10:00.
PART 2 (analysis, 1,800 words): upload as .docx or .pdf by Monday 29 March 2027, 10:00.

Part 1 is not marked but you can't submit Part 2 without it. Both files must carry your student number in the name (e.g. 20417733_part1). Part 2 is marked anonymously by two markers. A late Part 2 is penalised by 5% a day.

All times: Amsterdam.`,
    says: {documents: [{label: 'Data collection sheet', types: ['xlsx']}, {label: 'Analysis', types: ['docx', 'pdf'], limits: {maxWords: 1800}}], 'naming.mustContain': ['studentNumber'], anonymous: true, timeZone: 'Europe/Amsterdam', parts: [{label: 'PART 1 (data collection sheet)', opens: null, due: '2027-03-08T10:00:00+01:00'}, {label: 'PART 2', opens: null, due: '2027-03-29T10:00:00+02:00'}], 'late.percentPerDay': 5},
  },
  {
    text: `Submission of the bachelor's thesis: you upload the thesis as a PDF (not secured, text must be searchable) together with the data appendix (zip) no later than 12.00 on 3 June 2027. The thesis is max. 40 pages (approx. 16,000 words). Please note: file names may be no longer than 40 characters and start with your initials and student number (e.g. NVI20417733_thesis.pdf). Until the deadline you may upload a new version; the system automatically overwrites the previous version. After the deadline the upload is blocked. The thesis will be automatically scanned for plagiarism. You also sign the integrity declaration in the upload form.`,
    says: {documents: [{label: 'Thesis', types: ['pdf'], limits: {maxPages: 40}}, {label: 'Data appendix', types: ['zip']}], 'naming.mustContain': ['studentNumber', 'initials'], similarityChecked: true, due: '2027-06-03T12:00:00', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, declaration: true},
  },
  {
    text: `This message concerns the resit of the methods report.
The resit report is due Monday 23 August 2027 at 17:00 (BST). It has the same requirements as the original: 2,000 words maximum; APA; .docx; student ID in the file name; marked anonymously. Resit marks are capped at 40. The original deadline (19 April) has passed.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2000, 'naming.mustContain': ['studentNumber'], anonymous: true, due: '2027-08-23T17:00:00+01:00', timeZone: 'BST', referenceStyle: 'APA'},
  },
  {
    text: `Drawing test 3 must be handed in as 3 separate PDFs (plan, section, elevation), each max 5 MB, A2 landscape, scale 1:100. Names: plan_<code>.pdf, section_<code>.pdf, elevation_<code>.pdf where <code> is your exam code. Hand in between 13:00 and 13:30 on 27 May 2027. Anonymous: yes; no name, no logo.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'naming.pattern': 'plan_<code>.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, opens: '2027-05-27T13:00:00', due: '2027-05-27T13:30:00'},
  },
  {
    text: `TERM PAPER: WHAT I EXPECT
* 8-10 pages, not including notes and bibliography
* Chicago style (notes-bibliography)
* Typed, double-spaced, 12-point, 1" margins, page numbers, your name and mine on the first page
* A Word file emailed to me AND uploaded to the class site by 11:59 p.m. on Dec. 9, 2027 (EST)
* Late papers: a half grade per day. None accepted after Dec. 14.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minPages': 8, 'limits.maxPages': 10, anonymous: false, due: '2027-12-09T23:59:00-05:00', timeZone: 'EST', 'late.cutoffDays': 5, 'layout.marginMm': 25.4, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.pageNumbers': true, referenceStyle: 'Chicago'},
  },
  {
    text: `Announcement: CHEM2104 Lab Report – deadline extended!

Due to the snow closure, the deadline for Lab Report 3 has been extended by one week for everyone, from Friday 26 February to Friday 5 March 2027, 17:00. Reports that were already submitted can be replaced until then. The word limit (1,800), the format (PDF, one file) and the penalty (10 percentage points per day late, up to five days) remain as in the lab manual.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 1800, due: '2027-03-05T17:00:00', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `Your dissertation must be submitted by 1600 hrs on Friday 30 April 2027. It must not exceed 12 000 words (footnotes included, bibliography excluded). Submit one electronic copy in PDF format via the Dissertation Portal. Your examination number, and not your name, should appear on the title page. The name of the electronic file must take the form "ExamNumber_Dissertation". Dissertations are double-marked anonymously. Late submission is penalised at the rate of one mark per day or part thereof, including weekends, for up to fourteen days; thereafter the dissertation is awarded zero.`,
    says: {place: 'Dissertation Portal', documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 12000, 'naming.pattern': 'ExamNumber_Dissertation', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-04-30T16:00:00', 'late.percentPerDay': 1, 'late.cutoffDays': 14, 'counting.counted': ['footnotes'], 'counting.left': ['references']},
  },
  {
    text: `Submission summary
-----------------
Due by:        23 Mar 2027 11:59 PM (GMT-5)
Submitted as:  individual
Allowed types: .pdf
Max size:      15 MB
Resubmissions: until due date
Late:          yes, -15% / day, max 2 days
Peer review:   anonymous, 3 reviewers (after due date)
Grading:       names visible`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 15000000, anonymous: false, due: '2027-03-23T23:59:00-05:00', timeZone: 'GMT-5', 'late.percentPerDay': 15, 'late.cutoffDays': 2},
  },
  {
    text: `Hi class! Just a heads up that Essay #2 is due NEXT Wednesday (2/24) at 11:59pm — not tonight as the old calendar says. 4-5 pages, MLA, double spaced, TNR 12. Submit on the site as a Word doc or PDF. I drop 5 points for each day it's late; nothing after a week. Please include your name, my name, course, and date in the heading.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minPages': 4, 'limits.maxPages': 5, anonymous: false, due: '2027-02-24T23:59:00', 'late.percentPerDay': 5, 'late.cutoffDays': 7, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Times New Roman'], referenceStyle: 'MLA'},
  },
  {
    text: `Portfolio 2 — hand-in details

You hand in 3 files:
1. sketchbook scans (PDF, max. 80 MB)
2. final image (JPEG, at least 3000 px wide, max. 20 MB)
3. statement (DOCX, 300–400 words)

Deadline: 14.05.2027, 15:00 (Vienna)
File names: lastname_sketchbook.pdf, lastname_final.jpg, lastname_statement.docx
You may replace files until the deadline. No late hand-ins.`,
    says: {documents: [{label: 'Sketchbook scans', types: ['pdf'], limits: {maxBytes: 80000000}}, {label: 'Final image', types: ['jpeg'], limits: {maxBytes: 20000000}}, {label: 'Statement', types: ['docx'], limits: {minWords: 300, maxWords: 400}}], 'naming.pattern': 'lastname_sketchbook.pdf', 'naming.mustContain': ['surname'], due: '2027-05-14T15:00:00+02:00', timeZone: 'Europe/Vienna', 'attempts.keeps': 'latest', 'late.cutoffDays': 0},
  },
  {
    text: `Re: Clarification on the word count for Essay 2

Several people asked: yes, quotations count, no, the bibliography doesn't. Footnotes count only if they contain discussion. The limit is 3k words, hard. If you go over by even one word you lose 2 marks, and 1 more for each further 50 words.

Same deadline as before: noon, Tuesday of week 8 (9 March 2027). Upload it on the course page; .docx preferred, .pdf accepted. Student number in the header; leave your name off, we're marking blind.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 3000, anonymous: true, due: '2027-03-09T12:00:00', 'counting.counted': ['quotations'], 'counting.left': ['references']},
  },
  {
    text: `Capstone Project Final Submission Guidelines

Submission Deadline: Sunday, May 9, 2027, 11:59 PM CST
Deliverables:
  a. Final Report (PDF, 25-30 pages)
  b. Source Code (ZIP archive or repository link)
  c. Demo Video (MP4, maximum 5 minutes, maximum 500 MB)
  d. Team Contribution Form (PDF, signed by all members)

Naming Convention: TeamXX_Report.pdf, TeamXX_Code.zip, TeamXX_Demo.mp4, TeamXX_Form.pdf
Late Policy: No late submissions will be accepted.
Academic Integrity: All reports will be submitted to plagiarism detection software.`,
    says: {documents: [{label: 'Final Report', types: ['pdf'], limits: {minPages: 25, maxPages: 30}}, {label: 'Source Code', types: ['zip']}, {label: 'Demo Video', types: ['mp4'], limits: {maxBytes: 500000000}}, {label: 'Team Contribution Form', types: ['pdf']}], 'naming.pattern': 'TeamXX_Report.pdf', similarityChecked: true, due: '2027-05-09T23:59:00-06:00', timeZone: 'CST', 'late.cutoffDays': 0},
  },
  {
    text: `STUDENT GUIDE – handing in your essay for EN3007

Before you hand in: check that your essay is between 2,700 and 3,300 words (we say 3,000 but we're not pedants), that the pages are numbered and that it is spaced at 1.5 or double.
When: any time up to 4 p.m. on 19 March 2027; the system stamps the time.
How: one upload per student, Word or PDF. Once you have pressed "Submit" you cannot take it back.
Name on it: no. Candidate number: yes.
If you are late: five marks for the first day, then two a day, up to a maximum of 20.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2700, 'limits.maxWords': 3300, anonymous: true, due: '2027-03-19T16:00:00', 'attempts.allowed': 1, 'layout.pageNumbers': true},
  },
  {
    text: `Final essay due by end of day on the last day of term (Friday, 26 March 2027). It's 2,000 words plus or minus 200. Please submit in .rtf, .doc or .docx so that I can use my screen reader; PDFs from scans are no good to me. Name the file with your surname and "final essay". No need to anonymise. Referencing: whichever of MLA or Chicago you know. You can have two goes at submitting; I look at the second.`,
    says: {documents: [{label: null, types: ['rtf', 'doc', 'docx']}], 'limits.minWords': 1800, 'limits.maxWords': 2200, 'naming.mustContain': ['surname'], anonymous: false, due: '2027-03-26', 'attempts.allowed': 2},
  },
  {
    text: `Please note these facts about the coursework for PHY3021:
(a) it's worth 20%,
(b) it's to be 5 pages max in at least 11 pt with 2 cm margins,
(c) it has to be a PDF made from LaTeX,
(d) the deadline is the 12th of March at midday,
(e) it's marked by number, so no names,
(f) files over 5 megabytes are rejected,
(g) it can be handed in late with a 20% penalty within 24 hours, not after that.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 5000000, 'limits.maxPages': 5, anonymous: true, due: '2027-03-12T12:00:00', 'late.cutoffDays': 1, 'layout.marginMm': 20, 'layout.fontSizePt': 11, 'layout.atLeast': ['fontSizePt']},
  },
  {
    text: `Wichtige Hinweise zur Abgabe der Bachelorarbeit
Die Arbeit ist bis zum 30.06.2027 um 12:00 Uhr (MESZ) im PDF-Format hochzuladen. Sie umfasst höchstens 40 Seiten ohne Anhang und darf 25 MB nicht überschreiten. Verspätete Abgaben werden nicht angenommen. Die Arbeit wird anonym begutachtet: Bitte geben Sie nur Ihre Prüfungsnummer an, auch im Dateinamen (Pruefungsnummer_BA.pdf). Schriftgröße 11, Zeilenabstand 1,5. Die eidesstattliche Erklärung ist auf der letzten Seite einzufügen. Sie können die Datei bis zum Ablauf der Frist beliebig oft ersetzen.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 25000000, 'limits.maxPages': 40, 'naming.pattern': 'Pruefungsnummer_BA.pdf', 'naming.mustContain': ['candidateNumber'], anonymous: true, due: '2027-06-30T12:00:00+02:00', timeZone: 'CEST', 'attempts.allowed': 'unlimited', 'late.cutoffDays': 0, 'layout.fontSizePt': 11, 'layout.lineSpacing': 1.5, declaration: true},
  },
  {
    text: `Regulations for Written Examinations (extract)
§ 4 The examination paper is made available at 9.00 a.m. on the day of the examination. Answers must be delivered no later than 1.00 p.m. on the same day.
§ 5 Answers shall be delivered as a single PDF document. The file may not be larger than 30 MB.
§ 6 The document shall be identified by the candidate number only.
§ 7 Answers that are delivered late are not assessed.

Examination ECON3110, spring 2027: Thursday 20 May.`,
    says: {documents: [{label: 'Answers', types: ['pdf']}], 'limits.maxBytes': 30000000, anonymous: true, due: '2027-05-20T13:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Thank you for your question. To confirm the arrangements for the Ethics essay (PHL2030): the essay should be uploaded by 23:59 on Wednesday 17 March 2027 as a Word document of not more than 2,200 words. As marking is anonymous, we ask you to give only your exam number. Turnaround is three weeks. You'll be able to see your similarity score and re-upload once if you wish; the second upload is final. Essays received after the deadline but before 23:59 on 24 March will be marked out of 50.`,
    says: {documents: [{label: 'Essay', types: ['docx']}], 'limits.maxWords': 2200, anonymous: true, similarityChecked: true, due: '2027-03-17T23:59:00', 'attempts.allowed': 2, 'attempts.keeps': 'latest', 'late.cutoffDays': 7},
  },
  {
    text: `Programme: BSc Nursing / Unit 6 Case study
SUBMISSION DATE & TIME: 19th April 2027 before 2pm
WORD ALLOWANCE: 3000 (plus 10%)
FILE FORMAT: Microsoft Word (.doc or .docx) ONLY
FONT: Arial 12, double spaced
HEADER: Student number / Unit 6 / word count
REFERENCING: Harvard (Cite Them Right)
CONFIDENTIALITY: No real names of patients, staff or places
NUMBER OF ATTEMPTS IN THE BOX: 1`,
    says: {documents: [{label: null, types: ['docx', 'doc']}], 'limits.maxWords': 3300, due: '2027-04-19T14:00:00', 'attempts.allowed': 1, 'layout.fontSizePt': 12, 'layout.lineSpacing': 2, 'layout.fonts': ['Arial'], referenceStyle: 'Harvard'},
  },
  {
    text: `We're nearly there! Here's what I need from you by Thursday 22 April, 6pm at the latest:
→ your finished short story (2,000–4,000 words), as a docx
→ a 300-word reflection on your process, in the same file please
One file each, called surname_story. 12-point serif font, double-spaced. Don't worry about anonymity – I know your voices by now.
Late stories lose a grade point (e.g. from 1.7 to 2.7) for each day. If you need more time, talk to me before Tuesday.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 2000, 'limits.maxWords': 4000, 'naming.pattern': 'surname_story', 'naming.mustContain': ['surname'], anonymous: false, due: '2027-04-22T18:00:00', 'layout.fontSizePt': 12, 'layout.lineSpacing': 2},
  },
  {
    text: `Assessment 2 (Essay)
Available from: 1 Mar 2027 9:00 AM
Due: 15 Apr 2027 5:00 PM
Available until: 22 Apr 2027 5:00 PM (late submissions, minus 5% per day)
Submission types: one file (doc, docx, pdf), max. 1 file, 20 MB
Attempts: 3
Score: out of 100
Words: 2,500 max`,
    says: {documents: [{label: null, types: ['doc', 'docx', 'pdf']}], 'limits.maxBytes': 20000000, 'limits.maxWords': 2500, opens: '2027-03-01T09:00:00', due: '2027-04-15T17:00:00', 'attempts.allowed': 3, 'late.percentPerDay': 5, 'late.cutoffDays': 7},
  },
  {
    text: `Checklist before you upload (MA Curating, exhibition proposal)
– Is it one PDF, landscape, no more than 18 pages?
– Is it smaller than 60 MB?
– Does the first page show your candidate code and nothing that tells who you are?
– Have you called it by your candidate code?
– Are image credits complete?
– Is it before noon on Friday 28 May 2027? The page shuts at 12:00 and there is no late submission.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 60000000, 'limits.maxPages': 18, due: '2027-05-28T12:00:00', 'late.cutoffDays': 0},
  },
  {
    text: `Lab report 4: Due in 2 weeks, i.e. Wed. 24 February 2027, 9 pm. Hand in via the "Lab 4" assignment. Max 6 pages, PDF. Individual work! Label your PDF "Lab4_YourLastName". The TA will grade within 10 days. -1 point (of 20) per day late, max. 5 days.`,
    says: {place: 'Lab 4', documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 6, 'naming.pattern': 'Lab4_YourLastName', 'naming.mustContain': ['surname'], due: '2027-02-24T21:00:00', 'late.percentPerDay': 1, 'late.cutoffDays': 5},
  },
  {
    text: `Subject: [ANTH2207] Ethnographic report: hand-in
Dear students,
A reminder that your ethnographic report (no fewer than 2,500 and no more than 3,000 words) has to be submitted through the ANTH2207 Report folder before the end of Friday, 9 April 2027 (AWST). It can be a Word file or a PDF. Your informants must be anonymous; your own name and student number should be on the first page. 5% of the total marks will be deducted for every calendar day of delay and reports will not be accepted after 10 calendar days. All reports are checked by similarity software. Chicago author-date please.`,
    says: {place: 'ANTH2207 Report folder', documents: [{label: null, types: ['docx', 'pdf']}], 'limits.minWords': 2500, 'limits.maxWords': 3000, anonymous: false, similarityChecked: true, due: '2027-04-09', timeZone: 'AWST', 'late.percentPerDay': 5, 'late.cutoffDays': 10},
  },
  {
    text: `Coursework hand-in is fully electronic this year. You'll find a folder for each coursework on the module page. For CW3 the folder is called "CW3 – Groundwater". It accepts PDF files up to 30MB. You can hand in from Monday 22 March; the folder closes on Friday 26 March 2027 at 4 pm, and the last file you've put in is the one that counts. You won't see the originality result yourself. Reports are limited to 10 pages of A4 including everything. 11-point type, please. And don't put your name on it - just the number on your student card.`,
    says: {place: 'CW3 – Groundwater', documents: [{label: null, types: ['pdf']}], 'limits.maxBytes': 30000000, 'limits.maxPages': 10, anonymous: true, opens: '2027-03-22', due: '2027-03-26T16:00:00', 'attempts.keeps': 'latest', 'layout.pageSize': 'A4', 'layout.fontSizePt': 11},
  },
  {
    text: `Assessment details
Type: Essay
Due: Thursday 15th April by 13:00
Word count: 2500 words (no +10%!)
Referencing: MHRA footnotes
File: Word document named by student number
Other: penalties of 1 mark per hour apply for the first 24 hours. After 24 hours: 0.
Similarity checking software is in use. Essays are marked anonymously.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.maxWords': 2500, 'naming.mustContain': ['studentNumber'], anonymous: true, similarityChecked: true, due: '2027-04-15T13:00:00', 'late.cutoffDays': 1, referenceStyle: 'MHRA', lengths: ['maxWords']},
  },
  {
    text: `The deadline for the poster abstract is 5 March (23:59 CET). Abstracts are limited to 250 words and must be submitted as a Word document. Accepted abstracts will be announced on 19 March. The poster (A0 portrait, PDF, max. 20 MB) is due 16 April (23:59 CEST).`,
    says: {documents: [{label: 'Abstracts', types: ['docx'], limits: {maxWords: 250}}, {label: 'Poster', types: ['pdf'], limits: {maxBytes: 20000000}}], timeZone: 'CET/CEST', parts: [{label: 'abstract', opens: null, due: '2027-03-05T23:59:00+01:00'}, {label: 'poster', opens: null, due: '2027-04-16T23:59:00+02:00'}]},
  },
  {
    text: `Dear all,
following questions in today's tutorial: the extended essay is due on the 31st of May at noon UK time - the date in the printed handbook (24 May) is out of date. The maximum is 5,000 words; there is no minimum. You may hand in Word or PDF, whichever you prefer. Late essays: 5 marks for each weekday, none after ten weekdays. Please keep your own name off the essay.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 5000, anonymous: true, due: '2027-05-31T12:00:00+01:00', timeZone: 'Europe/London', 'late.percentPerDay': 5, 'late.cutoffDays': 10},
  },
  {
    text: `Take the following seriously or your paper will be sent back:
1. 12-15 pages, double spaced.
2. MLA 9th edition.
3. Filename: YourLastName-FinalPaper (PDF).
4. No title page.
5. Your name on page 1, top left.
6. In my inbox (a.reyes-hale@uni.example) by 8am on Monday, May 10. Not 8:01.
7. One paper, one attempt.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minPages': 12, 'limits.maxPages': 15, 'naming.pattern': 'YourLastName-FinalPaper', 'naming.mustContain': ['surname'], anonymous: false, due: '2027-05-10T08:00:00', 'attempts.allowed': 1, 'layout.lineSpacing': 2, referenceStyle: 'MLA'},
  },
  {
    text: `Module: Introduction to Statistics — Take-home test
The test will be available on the module page from 10 am on 9 March until 10 am on 11 March 2027 (GMT).
Write your answers in the answer sheet supplied (Word), save it as a PDF, and upload it. The upload is limited to 5 megabytes.
Type your 8-digit ID in the file name. Do not type your name anywhere.
You can submit once only.`,
    says: {documents: [{label: 'Answer sheet', types: ['pdf']}], 'limits.maxBytes': 5000000, 'naming.mustContain': ['studentNumber'], 'naming.mustNotIdentify': true, anonymous: true, opens: '2027-03-09T10:00:00+00:00', due: '2027-03-11T10:00:00+00:00', timeZone: 'GMT', 'attempts.allowed': 1},
  },
  {
    text: `INDIVIDUAL RESEARCH PAPER (45%)
Due in class AND online, Wed., April 14 (3:30 pm class start).
Length 3500 w. ± 5%.
Turn off "track changes"; submit as .docx.
Style: Chicago (author-date).
Late: minus 2% per day incl. weekends; hard stop on April 24.`,
    says: {documents: [{label: null, types: ['docx']}], 'limits.minWords': 3325, 'limits.maxWords': 3675, due: '2027-04-14T15:30:00', 'late.percentPerDay': 2, 'late.cutoffDays': 10, referenceStyle: 'Chicago'},
  },
  {
    text: `EDUC5120 – Final reflective portfolio (100 %)

The portfolio is the only assessment. Its parts are:
• Part A – Teaching philosophy, 800 words
• Part B – Three lesson plans with commentary, 2,400 words
• Part C – Reflection on feedback, 800 words
The whole has to be one document (.docx or .pdf) with a cover page; the overall maximum is 4,000 words and the 10% rule applies.
It is due Monday, 14 June 2027, 11.55 pm (Auckland). You have unlimited attempts until then; only the newest is visible to markers.
Marking is anonymous (use your ID number). We use text-matching software formatively: you can see the report.
Penalty: 10% of the total marks per day, to a maximum of five days.`,
    says: {documents: [{label: null, types: ['docx', 'pdf']}], 'limits.maxWords': 4000, anonymous: true, similarityChecked: true, due: '2027-06-14T23:55:00+12:00', timeZone: 'Pacific/Auckland', 'attempts.allowed': 'unlimited', 'attempts.keeps': 'latest', 'late.percentPerDay': 10, 'late.cutoffDays': 5},
  },
  {
    text: `Small reminder about the film analysis! It's due tomorrow (Thursday, 11 February) at 22:00, not 20:00 as I wrote on the slides. Hand it in as PDF in the box "Film analysis 1". 1000 words, give or take 100. No cover sheet needed. If you hand it in on Friday, I take one grade off; on Saturday or later I won't read it. See you, K.`,
    says: {place: 'Film analysis 1', documents: [{label: null, types: ['pdf']}], 'limits.minWords': 900, 'limits.maxWords': 1100, due: '2027-02-11T22:00:00'},
  },
  {
    text: `Policy Brief – Instructions for Submission
1. The brief shall be 2 pages (A4) in length, excluding references, with narrow margins (1.27 cm) and a font size no smaller than 10.
2. Submit as PDF through the course website ("Policy brief" task) no later than Sunday 9 May 2027 at 23:59 UTC+2.
3. The file shall be named "PB_" followed by your group number.
4. One submission per group. It may be overwritten until the deadline.
5. Briefs handed in after the deadline are not considered.
6. AI tools: declare their use in the form at the end.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 2, due: '2027-05-09T23:59:00+02:00', timeZone: 'UTC+2', 'attempts.keeps': 'latest', 'late.cutoffDays': 0, 'layout.pageSize': 'A4', 'layout.marginMm': 12.7, 'layout.fontSizePt': 10, 'layout.atLeast': ['fontSizePt'], lengths: ['maxPages']},
  },
  {
    text: `Exam essays (home exam, 5 days)
Handing out: Monday 10 May 2027 at 09.00. Handing in: Friday 14 May 2027 at 14.00.
Scope: max. 10 pages (Times New Roman 12, line spacing 1.5), front page and bibliography come in addition.
The answer is handed in digitally as a PDF. State your candidate number, course code and term on the front page. Do not state your name.
Late submissions are not accepted. All answers are checked electronically for plagiarism.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxPages': 10, anonymous: true, similarityChecked: true, opens: '2027-05-10T09:00:00', due: '2027-05-14T14:00:00', 'late.cutoffDays': 0, 'layout.fontSizePt': 12, 'layout.lineSpacing': 1.5, 'layout.fonts': ['Times New Roman']},
  },
  {
    text: `The dissertation proposal should be uploaded to the folder Proposals by Friday 12 February 2027 at 16:00. The dissertation itself should be uploaded to the folder Dissertations by Thursday 6 May 2027 at 12:00. A dissertation has between 9,000 and 10,000 words; a proposal has 1,000. Both in PDF.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.minWords': 9000, 'limits.maxWords': 10000, due: '2027-05-06T12:00:00'},
  },
  {
    text: `Attendance: you lose 2 points for each day of absence. Essay due 12 March 2027, 17:00, PDF. Submit a PDF by then, and please do not submit it by email.`,
    says: {documents: [{label: 'Essay', types: ['pdf']}], due: '2027-03-12T17:00:00'},
  },
  {
    text: `Before you submit: questions and answers
Is it possible to use Word?
Only PDF is taken.
Is the limit of 2,000 words strict?
Yes.
Due 12 March 2027, 17:00.`,
    says: {documents: [{label: null, types: ['pdf']}], 'limits.maxWords': 2000, due: '2027-03-12T17:00:00'},
  },
];

/** What a brief settles, by the path of each field. */
function settledBy(value: unknown, path = '', out: Record<string, unknown> = {}): Record<string, unknown> {
  if (value === null || value === undefined || (Array.isArray(value) && value.length === 0)) return out;
  if (typeof value === 'object' && !Array.isArray(value)) for (const [key, inner] of Object.entries(value)) settledBy(inner, path ? `${path}.${key}` : key, out);
  else out[path] = value;
  return out;
}
test.each(settledTexts.map(({ text, says }) => [text.slice(0, 60).replace(/\s+/g, ' '), text, says] as const))('%s…', (_, text, says) => {
  const { evidence, ...brief } = readBrief(text, '2027-02-10T10:00:00Z').brief;
  expect(settledBy(brief)).toEqual(says);
  for (const e of evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
});
