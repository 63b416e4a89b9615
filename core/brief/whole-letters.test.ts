import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Wordings that stood in whole letters, each beside one that reads alike and means something else. */
const read = (text: string) => readBrief(text, '2027-01-20T10:00:00Z').brief;
const documents = (text: string) => read(text).documents.map((d) => [d.label, d.types]);

test.each<[string, object]>([
  ['Plazo: del 1 al 11 de junio de 2027, a las 14:00 h. El archivo, en PDF.', { opens: '2027-06-01', due: '2027-06-11T14:00:00' }],
  ['Dépôt du 1er au 11 juin 2027 à 14 h sur la plateforme. Le fichier est à rendre en PDF.', { opens: '2027-06-01', due: '2027-06-11T14:00:00' }],
  ['Abgabe: vom 1. bis 11. Juni 2027, 14 Uhr. Die Arbeit ist als PDF einzureichen.', { opens: '2027-06-01', due: '2027-06-11T14:00:00' }],
  ['Abgabe: bis 11. Juni 2027, 14 Uhr. Die Arbeit ist als PDF einzureichen.', { opens: null, due: '2027-06-11T14:00:00' }],
  ['When: the 5th of February as before, but noon and not midnight (sorry).', { due: '2027-02-05T12:00:00' }], ['Due 5 February, midnight and not noon.', { due: '2027-02-06T00:00:00' }],
  ['The general date, 10 May 2027 at 15:00, is what the page will go on showing.', { due: '2027-05-10T15:00:00' }],
  ['The box opens on the day of the last lecture, 9 April 2027.', { opens: '2027-04-09' }],
])('when: “%s”', (text, want) => { expect(read(text)).toMatchObject(want); });

test.each<[string, number | null]>([
  ['The limit was 1500 words, it’s now 1800.', 1800], ['The word limit was 2,500 words but is now 3,000.', 3000], ['I said 1500 words in class, it’s now 1800, and that’s a hard ceiling, footnotes included.', 1800],
  ['It’s 1800 words, and that’s a hard ceiling.', 1800], ['- Word count? 2000. You can go up to 2200. No minimum.', 2200], ['- Word count? 2000. You can go to the library.', 2000],
])('how long: “%s”', (text, most) => { expect(read(text).limits.maxWords).toBe(most); });

test.each<[string, object]>([
  ['Late essays: minus 2% a day incl. weekends, up to a week.', { percentPerDay: 2, cutoffDays: 7 }], ['PENALTIES\n5% of the total marks available per calendar day, weekends included. Nothing accepted more than 7 days late.', { percentPerDay: 5, cutoffDays: 7 }],
  ['Submissions received after 10am but before 10am on the next day are capped at 50; after this a mark of zero is given.', { percentPerDay: null, cutoffDays: 1 }],
])('late: “%s”', (text, want) => { expect(read(text).late).toMatchObject(want); });

test.each<[string, string | null, string[]]>([
  ['Please put your surname first in the file name, then the essay number (Okafor_1.pdf).', 'Okafor_1.pdf', ['surname']], ['Put your surname on the title page and call the file Essay_1.pdf.', 'Essay_1.pdf', []],
  ['File name: last name, first initial, Journal (e.g., OkaforT_Journal.docx).', 'last name, first initial, Journal', ['surname', 'initials']],
  ['Le mémoire est à rendre au plus tard le 4 juin.\nLe fichier sera nommé selon le modèle suivant : NOM_numéro-étudiant_memoire.pdf.', 'NOM_numéro-étudiant_memoire.pdf', ['studentNumber', 'surname']],
  ['name it group##_lab3', 'group##_lab3', []], ['Name: Group#_Lab3', 'Group#_Lab3', []], ['Work in groupXX_lab folders.', null, []],
  ['The due date on the sheet is wrong, save as something else please', null, []],
  ['Benennung: Matrikelnummer_Bericht.pdf bzw. Matrikelnummer_Bescheinigung.pdf. Die Abgabe ist bis zum 3. März möglich.', 'Matrikelnummer_Bericht.pdf or Matrikelnummer_Bescheinigung.pdf', ['studentNumber']],
])('what it is called: “%s”', (text, pattern, fields) => { const { naming } = read(text); expect(naming.pattern).toBe(pattern); expect(naming.mustContain.filter((f) => f !== 'title')).toEqual(fields); });

test.each<[string, [string | null, string[]][]]>([
  ['Please submit your policy brief by 10am via the module page. The covering letter (one page) has to be handed in at the same time but as a second file. PDF for both.', [['Policy brief', ['pdf']], ['Covering letter', ['pdf']]]],
  ['Please submit your policy brief as PDF. The covering letter must not be uploaded as a separate file.', [['Policy brief', ['pdf']]]],
  ['Your submission consists of two items:\n\n  A. The field report. Max. 2,500 words, PDF only.\n  B. The completed risk assessment form (Form RA3), left as a Word document (.docx).', [['Field report', ['pdf']], ['Completed risk assessment form', ['docx']]]],
  ['The poster has to be exported as a PDF with all fonts embedded and must stay under 15 megabytes; the note should be in Word or ODT format.', [['Poster', ['pdf']], ['Note', ['docx', 'odt']]]],
  ['* mp3, 8–10 min, not over 25 MB\n* plus the script (pdf) and the signed release forms of everybody you interviewed (scanned, one pdf)\n* upload all three by Thu 22 Apr 2027', [[null, ['mp3']], ['Script', ['pdf']], ['Signed release forms', ['pdf']]]],
  ['Der Bericht umfasst 10 bis 12 Seiten und ist als PDF-Datei bis zum 15.03.2027 einzureichen. Die Praktikumsbescheinigung ist als gesonderte Datei (PDF oder JPG) beizufügen.', [['Bericht', ['pdf']], ['Praktikumsbescheinigung', ['pdf', 'jpeg']]]],
  ['1) Memoria del TFG, en PDF, entre 40 y 60 páginas sin contar anexos.\n2) Resumen en inglés, en Word, de 500 palabras como máximo.\n3) Informe del tutor, en PDF firmado.', [['Memoria del TFG', ['pdf']], ['Resumen en inglés', ['docx']], ['Informe del tutor', ['pdf']]]],
])('what is handed in: “%s”', (text, want) => { expect(documents(text)).toEqual(want); });

test.each<[string, string | null]>([
  ['Upload in "Week 9 / Soil moisture report" from 9 am on 1 March 2027.', 'Week 9 / Soil moisture report'], ['WHERE AND WHEN\n"Portfolio Submission (CW301)", Monday 3 May 2027 at noon', 'Portfolio Submission (CW301)'],
  ['- Same link as the mock? No! The mock link is dead. Use "CW2 – FINAL".', 'CW2 – FINAL'], ['Which font? Use "Times New Roman".', null], ['The file is to be uploaded to the thesis archive ("Honours theses 2027") by 4:00 p.m.', 'Honours theses 2027'],
  ['upload all three by Thu 22 Apr 2027, 18:00 Dublin time -> module page > Week 12 > Documentary', 'module page > Week 12 > Documentary'],
])('where: “%s”', (text, place) => { expect(read(text).place).toBe(place); });

test.each<[string, object]>([
  ['1. Format. One PDF.\n2. Name. <studentnumber>-soil.<ext>\n3. Attempts. 3. The highest mark counts.\n4. Deadline. 14 March 2027', { naming: { pattern: '<studentnumber>-soil' }, attempts: { allowed: 3 }, due: '2027-03-14' }],
  ['Tout mémoire fait l’objet d’une analyse de similitudes. Le fichier est à remettre avant le 4 juin.', { similarityChecked: true }], ['El trabajo se entrega en PDF y pasará un control antiplagio. Plazo: 11 de junio.', { similarityChecked: true }],
  ['reuploads ok till deadline, everything is kept', { attempts: { keeps: 'all' } }], ['Eine Korrektur nach dem Absenden ist nicht mehr möglich. Die Abgabe ist bis zum 3. März möglich.', { attempts: { allowed: 1 } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });

test.each<[string, object]>([
  // “Step 1 until 4 pm” is no span of hours.
  ['You can go back to Step 1 until 4 pm on Tuesday 27 April 2027.', { due: '2027-04-27T16:00:00', opens: null }], ['Deadline: Thursday, 11 March 2027, 5 pm AEDT (that is 6 am GMT for those of you studying from Europe)', { due: '2027-03-11T17:00:00+11:00', timeZone: 'AEDT' }],
  ['The essay must reach us by twelve noon, Irish time, on the first Friday of April, i.e. 2 April 2027.', { due: '2027-04-02T12:00:00+01:00', timeZone: 'Europe/Dublin' }],
  ['A área abre a 1 de junho. Os relatórios são entregues em PDF na área "Estágio" até 18 de junho de 2027. Só é permitida uma submissão por estudante.', { opens: '2027-06-01', due: '2027-06-18', place: 'Estágio', attempts: { allowed: 1 } }],
  ['Late memos lose a tenth of the available marks for each day, and nothing will be accepted once a week has gone by.', { late: { percentPerDay: 10, cutoffDays: 7 } }], ['One late day costs 5 percentage points; the box closes for good after three days.', { late: { percentPerDay: 5, cutoffDays: 3 } }],
  ['Late penalties apply from 3:01pm (1 mark per hour for the first 24 hours, then zero).', { late: { percentPerDay: null, cutoffDays: 1 } }],
  ['A entrega fora do prazo implica uma penalização de 1 valor por dia, até ao máximo de 3 dias. Os relatórios são entregues em PDF até 18 de junho de 2027.', { late: { percentPerDay: 1, cutoffDays: 3 } }],
  ['Die Abgabe als PDF ist bis zum 12. Februar möglich, Änderungen sind bis zum Abgabetermin beliebig oft möglich, die letzte Fassung wird gedruckt (keine Nachfrist).', { attempts: { allowed: 'unlimited', keeps: 'latest' }, late: { cutoffDays: 0 } }],
  ['One delivery per team; it can be repeated until the deadline and the last delivery is evaluated', { attempts: { keeps: 'latest' } }],
  ['Put everything into a single PDF in this order: contents page, five pieces, reflective essay (1,000 words).', { limits: { maxWords: null } }], ['Put the reflective essay (1,000 words) into a single PDF.', { limits: { maxWords: 1000 } }],
  ['1.1 PDF, generated from the source\n1.2 File size up to 8 MB (version 2 said 5 MB)\n1.3 12 pages including everything except the appendix\n1.4 Team page › Deliverables › D4', { limits: { maxBytes: 8_000_000, maxPages: 12 }, place: 'Team page › Deliverables › D4' }],
  ['"Is 2300 words OK?" The range is 1800–2200. So no.\n"Can I send a link?" No. PDF or DOCX, uploaded, nothing else.', { limits: { minWords: 1800, maxWords: 2200 } }],
  ['The essay link is now visible (Unit 4 › Submit essay).', { place: 'Unit 4 › Submit essay' }], ['11-point font or larger', { layout: { fontSizePt: 11, atLeast: ['fontSizePt'] } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test('words that a document does not count are not its name', () => {
  expect(documents('What: a research report in APA 7 format, between 4,500 and 5,500 words (title page, tables and appendices do not count), in one Word document; plus your anonymised data set as .csv or .sav.')).toEqual([['Research report', ['docx']], ['Data set', ['csv']]]);
});
test.each<[string, object]>([
  ['The report box closes at 16:00:00 server time (UTC) on 26 February 2027 – at 16:00:01 you are late. Please note that 16:00 UTC is 17:00 in Prague.', { due: '2027-02-26T16:00:00+00:00', timeZone: 'UTC' }],
  ['The deadline for the thesis is 1 June 2027 at 14.00 (Stockholm time). If the deadline is missed, the next one is 24 August 2027.', { due: '2027-06-01T14:00:00+02:00' }],
  ['The essay is due on 15 October 2027. You may rewrite this essay once; rewrites are due 12 November 2027.', { due: '2027-10-15', parts: [] }],
  ['Closes Fri 21 May 2027 17:00. After that, 10% off per calendar day, until Wed 26 May.', { due: '2027-05-21T17:00:00', late: { percentPerDay: 10, cutoffDays: 5 } }], ['Late reports are not peer-assessed and get 0.', { late: { cutoffDays: 0 } }],
  ['La relazione va consegnata in PDF entro il 28 maggio. Chi consegna in ritardo perde 2 punti al giorno. Ogni relazione viene controllata con un software antiplagio.', { late: { percentPerDay: 2 }, similarityChecked: true }],
  ['Die Arbeit ist als PDF bis zum 6. September 2027 einzureichen und wird ohne Namen bewertet.', { anonymous: true }], ['And is it 2,000 or 2,500 words?\n2,500 is the maximum. 2,000 is what most people write.', { limits: { maxWords: 2500 } }],
  ['There is no limit on the number of times you can submit, but the portal keeps every version.', { attempts: { allowed: 'unlimited', keeps: 'all' } }], ['The examiner receives the most recent version.', { attempts: { keeps: 'latest' } }],
  ['Hand-in point: LIN101 > Assessment > Essay 2 – submit here (do not use Essay 1)', { place: 'LIN101 > Assessment > Essay 2 – submit here' }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test('what limits some parts is no limit of the last', () => {
  expect(read('Part 1 – Data: opens 1 February 2027, closes 8 February 2027\nPart 2 – Report: opens 12 April 2027, closes 26 April 2027\nPart 3 – Final report: opens 3 May 2027, closes 17 May 2027\nParts 1 to 2 are one PDF each (max. 4 pages). The final report is a PDF of 15 to 20 pages.').limits).toMatchObject({ minPages: 15, maxPages: 20 });
});
test.each<[string, object]>([
  ['This assessment cannot be marked anonymously because it is personal.', { anonymous: false }], ['Format PDF\nAnonymous no\nAttempts unlimited, last one counts\nDeadline 30.06.2027 23:59 CEST\nFile name TP27_ + student no.', { anonymous: false, attempts: { allowed: 'unlimited', keeps: 'latest' }, due: '2027-06-30T23:59:00+02:00', naming: { mustContain: ['studentNumber'] } }],
  // The short word for a number refuses nothing.
  ['PDF, ≤ 15 MB, name: E<experiment no>_<surname 1>_<surname 2>.pdf, e.g. E07_Aydin_Brandt.pdf', { naming: { pattern: 'E<experiment no>_<surname 1>_<surname 2>.pdf', mustContain: ['surname'], mustNotIdentify: null } }], ['The file name must have no surname.', { naming: { mustNotIdentify: true } }],
  ['I’ve moved the notebook deadline from tomorrow to Monday 22 March, still 6pm.', { due: '2027-03-22T18:00:00' }], ['Due Monday 22 March, 6pm. There’s no penalty up to Wednesday 24 March, but anything later gets nothing.', { due: '2027-03-22T18:00:00', late: { cutoffDays: 2 } }],
  ['Coursework shall be submitted not later than noon on Friday of the second week of Easter Full Term (7 May 2027).', { due: '2027-05-07T12:00:00' }],
  ['Upload it by 1 March 2027 at the latest. You may upload corrected versions until 8 March 2027; after that date the latest version goes to the committee.', { due: '2027-03-01', attempts: { keeps: 'latest' } }],
  ['Length 4500 words, hard limit 5000 (with notes, without bibliography)', { limits: { maxWords: 5000 } }], ['A: 2500 words. We stop reading at 2750.', { limits: { maxWords: 2500 } }],
  ['A candidate who submits more than once shall be taken to have submitted the work last received. Work received more than one week late shall not be examined.', { attempts: { keeps: 'latest' }, late: { cutoffDays: 7 } }], ['Protocols that are handed in late are returned unmarked.', { late: { cutoffDays: 0 } }],
  ['La tesi è consegnata in PDF tramite il portale, sezione "Tesi di laurea". Il termine è il 14 giugno 2027, ore 12:00. La procedura è aperta dal 17 maggio 2027. Una volta confermata, la consegna non può essere modificata. Il file è denominato matricola_tesi.pdf.', { place: 'Tesi di laurea', opens: '2027-05-17', due: '2027-06-14T12:00:00', attempts: { allowed: 1 }, naming: { pattern: 'matricola_tesi.pdf' } }],
  ['Where: The "PHIL-MIND essay 3" inbox.\nAnd if it’s late? Then it goes to the Examinations Office, and they take off 3 points per day.', { place: 'PHIL-MIND essay 3', late: { percentPerDay: 3 } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test.each<[string, object]>([
  ['Length: one paragraph, 150–200 words.', { limits: { minWords: 150, maxWords: 200 } }], ['Do not name your intended supervisor in the file name.', { naming: { mustNotIdentify: null } }], ['Do not put your name in the file name.', { naming: { mustNotIdentify: true } }],
  ['Until the portal closes you can withdraw and resubmit; the panel reads the version that is in the portal at that moment.', { attempts: { keeps: 'latest' } }], ['Drop it in the class folder, subfolder "Graphs".', { place: 'Graphs' }],
  ['Die Arbeit ist als PDF bis zum 8. März abzugeben, Größe bis 20 MB. Verspätete Abgaben werden mit einem Abzug von 10 % je angefangenem Tag bewertet, nach drei Tagen mit 0 Punkten.', { limits: { maxBytes: 20_000_000 }, late: { percentPerDay: 10, cutoffDays: 3 } }],
  ['Entrega: domingo 14 de marzo de 2027 a las 23:55 (hora de Madrid). Nombre: apellido1_nombre_P2.pdf y apellido1_nombre_P2.csv. Se permiten dos intentos; se evalúa el último. Retraso: se resta 1 punto por día, y a partir del tercer día no se acepta.', { due: '2027-03-14T23:55:00+01:00', timeZone: 'Europe/Madrid', attempts: { allowed: 2, keeps: 'latest' }, late: { percentPerDay: 1, cutoffDays: 2 }, naming: { pattern: 'apellido1_nombre_P2.pdf or apellido1_nombre_P2.csv' } }],
  ['Lever het verslag in als pdf. Alle verslagen gaan door de plagiaatscanner. Te laat = onvoldoende.', { similarityChecked: true, late: { cutoffDays: 0 } }],
  ['Skriv en PM på högst fyra sidor. PM:et lämnas in senast den 17 mars. Alla texter granskas i ett textmatchningssystem. Filen ska heta efternamn_fornamn_PM2.pdf.', { limits: { maxPages: 4 }, similarityChecked: true, naming: { mustContain: ['surname', 'givenNames'] } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test('a word is no document because it begins like one', () => { expect(documents('Se entrega un informe en PDF y el fichero de datos en CSV. Fecha: 14 de marzo.')).toEqual([['informe', ['pdf']], ['datos', ['csv']]]); });
test('lines with a day and kinds of their own are documents; one kind for all is one', () => {
  expect(documents('1a: eight entries. Submit as .docx. Closes Monday 1 March 2027, 4pm.\n1b: one page. Submit as .docx or .pdf. Closes Monday 15 March 2027, 4pm.').map(([, types]) => types)).toEqual([['docx'], ['docx', 'pdf']]);
  expect(documents('1a: eight entries. Submit as PDF. Closes Monday 1 March 2027, 4pm.\n1b: one page. Submit as PDF. Closes Monday 15 March 2027, 4pm.')).toEqual([[null, ['pdf']]]);
});
test.each<[string, object]>([
  ['Instead of two separate PDFs we now want a single PDF that contains both. The deadline is unchanged: 9 April 2027. What was missing on the sheet is the time, which is 3 pm. The sheet says you may submit once. That was an error. You may submit up to three times; we take the last one.', { documents: [{ types: ['pdf'] }], due: '2027-04-09T15:00:00', attempts: { allowed: 3, keeps: 'latest' } }],
  ['What? Your thesis as PDF + the plagiarism declaration (PDF, signed) + a one-page summary (DOCX or ODT)', { documents: [{ label: 'Thesis' }, { label: 'Plagiarism declaration' }, { label: 'One-page summary' }] }],
  ['* How named? LASTNAME_studentnumber_thesis.pdf; LASTNAME_studentnumber_summary.docx', { naming: { pattern: 'LASTNAME_studentnumber_thesis.pdf or LASTNAME_studentnumber_summary.docx', mustContain: ['studentNumber', 'surname'] } }],
  ['Photos of your notebook pages (JPG, PNG or HEIC), this time merged to ONE PDF per person, before midnight on Sunday 7 March 2027 (i.e. 23:59 on that Sunday). Name: NB2_yourlastname.', { documents: [{ types: ['pdf'] }], due: '2027-03-07T23:59:00', naming: { pattern: 'NB2_yourlastname', mustContain: ['surname'] } }],
  ['due sunday night (3/7) 11pm\nupload in folder RR4', { due: '2027-03-07T23:00:00', place: 'RR4' }], ['Each person may enter once.', { attempts: { allowed: 1 } }], ['The proposal should be uploaded to the module site (Assessment tab > "Proposal").', { place: 'Proposal' }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test.each<[string, object]>([
  ['Due dates: A and B on Monday, May 3, 2027; C on Friday, May 7, 2027.', { due: null, parts: [{ label: 'Parts A and B', due: '2027-05-03' }, { label: 'Part C', due: '2027-05-07' }] }],
  ['Your new deadline is therefore Friday 26 March 2027 at 17:00, instead of 19 March at 17:00 as for the other groups.', { due: '2027-03-19T17:00:00', extension: '2027-03-26T17:00:00' }],
  ['Due 30 September 2027. Late papers fail unless an extension was granted before 15 September.', { due: '2027-09-30', extension: null }], ['– hand in twice: printed and as a Word file', { attempts: { allowed: null } }], ['You may hand in twice: the second counts.', { attempts: { allowed: 2 } }],
  ['Times New Roman 12 pt, 1.5 lines, left margin 2 cm', { layout: { lineSpacing: 1.5 } }], ['Send one PDF via the applicants’ page, step 3 of 5 "Writing sample".', { place: 'Writing sample' }],
  ['The format stays as it was: one PDF, up to 20 pages, "Group7_FinalReport.pdf".', { naming: { pattern: 'Group7_FinalReport.pdf' } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test.each<[string, object]>([
  ['The slides (PDF) must be in the shared folder "Talks 2027-02-26" at least 24 hours before the session, i.e. by 10:00 on Thursday 25 February.', { due: '2027-02-25T10:00:00', place: 'Talks 2027-02-26' }],
  ['Required: Data paper (PDF, 8–10 pages); Supplement (ZIP, ≤ 200 MB)', { documents: [{ label: 'Data paper', types: ['pdf'], limits: { maxPages: 10 } }, { label: 'Supplement', types: ['zip'], limits: { maxBytes: 200_000_000 } }] }],
  ['Attempts: Multiple until closing; last submission marked', { attempts: { keeps: 'latest' } }], ['The last file that is in before the time is up is sent to the examiners.', { attempts: { keeps: 'latest' } }], ['Papers that are not in by then are registered as not handed in.', { late: { cutoffDays: 0 } }],
  // What stands on the sheet is not in the name.
  ['Beide Namen und Matrikelnummern auf das erste Blatt. Dateiname: HA4_Name1_Name2.pdf. Abgabe bis 17. Februar als PDF.', { naming: { pattern: 'HA4_Name1_Name2.pdf', mustContain: [] } }],
  ['You will find the question in your course site on Monday, 31 May 2027, at 9 a.m. Hand in by 9 a.m. on Thursday, 3 June 2027 (Oslo time).', { opens: '2027-05-31T09:00:00+02:00', due: '2027-06-03T09:00:00+02:00' }],
  ['The file name is the candidate number.', { naming: { pattern: 'candidate number', mustContain: ['candidateNumber'] } }], ['Report: PDF. Images: separate JPG or TIFF files, at least 300 dpi.', { documents: [{ label: 'Report', types: ['pdf'] }, { label: 'Images', types: ['jpeg', 'tiff'] }] }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test('the number of a part is no hour, and stays its name', () => {
  expect(read('Part 1 until 4 pm on 12 March 2027; Part 2 until 4 pm on 19 March 2027.').parts).toMatchObject([{ label: 'Part 1', due: '2027-03-12T16:00:00' }, { label: 'Part 2', due: '2027-03-19T16:00:00' }]);
  expect(read('Upload Part 1 until 12 March 2027 and Part 2 until 19 March 2027.').parts).toMatchObject([{ label: 'Part 1', due: '2027-03-12' }, { label: 'Part 2', due: '2027-03-19' }]);
});
