/** The made-up assignments of the demonstration. Times are set when the demonstration starts, so that something is always due tonight. */
export interface DemoAssignment { id: string; title: string; course: string; wording(due: string): string }

export const assignments: DemoAssignment[] = [
  {
    id: 'saltmarsh', title: 'Sediment budgets of a realigned saltmarsh', course: 'GEO 3107',
    wording: (due) => `GEO 3107 Coastal Processes, University of Carrow Sound
Report 2

Hand in your report as one single PDF to “GEO 3107 Report 2” by ${due} (UK time). The file may have at most 20 MB.
The report has at most 3,500 words. Marking is anonymous: your name must not appear anywhere in the paper, and the file name must not identify you.
Name your file CandidateNumber_GEO3107.pdf.
Reports are checked for similarity. You may hand in again as often as you like until then; only the latest submission is marked.
For work that is late, 5% per day is deducted, and nothing is accepted more than 7 days late.
Format: A4, pages numbered. Tick the declaration of own work when you hand in.
`,
  },
  {
    id: 'tide-tables', title: 'Tide tables and their errors', course: 'GEO 3107',
    wording: (due) => `GEO 3107 Coastal Processes, University of Carrow Sound
Exercise 4: two files

Hand in two files to “GEO 3107 Exercise 4”: the data form (DOCX) and the report (PDF). Each file may have at most 5 MB.
The deadline is ${due} (UK time). The report has at most 4 pages. Marking is not anonymous.
You have two attempts; only the latest submission counts. If you hand in again, hand in both files again.
`,
  },
  {
    id: 'foreshore', title: 'Dredging and the law of the foreshore', course: 'LAW 2140',
    wording: (due) => `LAW 2140 Law of the Coast, University of Carrow Sound
Essay

Submit the essay as a PDF to “LAW 2140 Essay” by ${due} (UK time). The file name must contain your student number. Up to 1,500 words.
Only one attempt is allowed. Late work is not accepted. Feedback is returned after three weeks.
`,
  },
];
