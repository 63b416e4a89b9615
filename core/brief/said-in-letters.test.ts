import { expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Wordings that stood in whole letters. */
const read = (text: string) => readBrief(text, '2027-01-12T10:00:00Z').brief;

test.each<[string, string | null, string]>([
  ['The deadline for Essay 1 has been moved. OLD: Wed 10 March 2027 16:00. NEW: Mon 15 March 2027 16:00.', null, '2027-03-15T16:00:00'], ['Essay deadline\nOld: 10 March 2027\nNew: 15 March 2027', null, '2027-03-15'],
  ['Oppgaven utleveres 1. mars 2027 kl. 09.00 og leveres senest 5. mars 2027 kl. 15.00.', '2027-03-01T09:00:00', '2027-03-05T15:00:00'], ['Opgaven udleveres den 1. marts 2027 kl. 09.00 og afleveres senest den 5. marts 2027 kl. 15.00.', '2027-03-01T09:00:00', '2027-03-05T15:00:00'],
  ['Hemtentamen lämnas ut måndag 1 mars 2027 kl. 09.00 och ska lämnas in senast fredag 5 mars 2027 kl. 15.00 i lärplattformen.', '2027-03-01T09:00:00', '2027-03-05T15:00:00'], ['Die Hausarbeit wird am 1. März 2027 ausgegeben und ist bis zum 5. März 2027, 15 Uhr abzugeben.', '2027-03-01', '2027-03-05T15:00:00'],
  ['New: 5 March 2027 exhibition opening. Essay due 10 March 2027.', null, '2027-03-10'],
])('“%s”', (text, opens, due) => { expect(read(text)).toMatchObject({ opens, due, parts: [] }); });

test.each<[string, string[][]]>([['Upload the essay as PDF and as Word file.', [['pdf'], ['docx']]], ['Bitte die Arbeit als PDF und als Word-Datei hochladen.', [['pdf'], ['docx']]], ['We accept essays as PDF and as Word files.', [['pdf', 'docx']]], ['- zip nothing\n- photos as JPEG', [['jpeg']]], ['Everything else in the brief stays the same: 2,000 words, Word format.', [['docx']]]])('kinds: “%s”', (text, want) => { expect(read(text).documents.map((d) => d.types)).toEqual(want); });
test.each<[string, object]>([
  ['Due Friday 5 March at 20:00. Anything that comes in after 20:00 I won’t open.', { late: { cutoffDays: 0 } }], ['Due Friday 5 March 2027 at 20:00. Nothing that arrives after that will be opened.', { late: { cutoffDays: 0 } }], ['3,000 words is the absolute ceiling.', { limits: { maxWords: 3000 } }],
  ['Unlimited tries, last one is graded.', { attempts: { allowed: 'unlimited', keeps: 'latest' } }], ['[x] File name = candidate number, underscore, PP2\n[x] Every page numbered', { naming: { pattern: '[candidate number]_PP2', mustContain: ['candidateNumber'] } }],
  ['Skriv endast din anonymitetskod, inte ditt namn. Alla svar kontrolleras för textlikhet. Inlämning senast den 5 mars 2027.', { anonymous: true, similarityChecked: true }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });

test.each<[string, string[][]]>([
  ['Format: Source text (PDF), Target text (Word), Commentary (Word); three separate files', [['pdf'], ['docx'], ['docx']]], ['Upload the essay (PDF) and the data (Excel).', [['pdf'], ['xlsx']]], ['Report (PDF or Word)', [['pdf', 'docx']]], ['Word (preferred) or PDF', [['docx', 'pdf']]], ['Put both answers into one file (Word preferred, PDF fine).', [['docx', 'pdf']]],
])('kinds in brackets: “%s”', (text, want) => { expect(read(text).documents.map((d) => d.types)).toEqual(want); });
test.each<[string, object]>([
  ['Name: EE204_CW1_<studentID>', { naming: { pattern: 'EE204_CW1_<studentID>', mustContain: ['studentNumber'] } }], ['Report file: Team<number>_Report.pdf', { naming: { pattern: 'Team<number>_Report.pdf' } }], ['Name: <your name>', { naming: { pattern: null } }], ['Name: ____________', { naming: { pattern: null } }],
  ['Your name should not be on it. Use your candidate number.', { anonymous: true }], ['Resubmission: until the deadline, last version counts', { attempts: { keeps: 'latest' } }], ['All times are local (Wellington). Due 5 March 2027 17:00', { timeZone: 'Pacific/Auckland', due: '2027-03-05T17:00:00+13:00' }],
  ['Se permite un máximo de dos entregas; se corrige la última. Entrega: hasta el 16 de mayo de 2027, páginas con interlineado 1,5', { attempts: { allowed: 2, keeps: 'latest' } }], ['Wird die Arbeit nicht fristgerecht abgegeben, gilt sie als mit „nicht ausreichend“ (5,0) bewertet.', { late: { cutoffDays: 0 } }],
  ['Due: 11.59 pm, 8 November 2027 AWST -> extended to 11.59 pm, 15 November 2027 AWST for everyone (server outage)', { due: '2027-11-15T23:59:00+08:00', extension: null }], ['The date doesn’t change (still Fri 12 March 2027 at 4 p.m.).', { due: '2027-03-12T16:00:00' }], ['Mode: Electronic via module webpage > Submissions > 002 Resit students use 002R', { place: 'Submissions > 002' }],
  ['The journal is due twice: entries 1-5 by 26 February 2027 and entries 6-10 by 16 April 2027, always Friday, always 6 p.m.', { parts: [{ label: 'entries 1-5', due: '2027-02-26T18:00:00' }, { label: 'entries 6-10', due: '2027-04-16T18:00:00' }] }], ['Read chapters 1-3 by 5 March 2027. The essay is due on 19 March 2027.', { parts: [], due: '2027-03-19' }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
test.each<[string, object]>([
  ['When: before class on Tuesday, Feb. 16, 2027 (class meets at 9:30)', { due: '2027-02-16T09:30:00' }], ['Resubmit: yes, most recent graded', { attempts: { keeps: 'latest' } }], ['You can’t resubmit after pressing “Confirm”.', { attempts: { allowed: 1 } }], ['You cannot upload again after the deadline.', { attempts: { allowed: null } }],
  ['Maks. 3 forsøk, siste innlevering teller. Leveres senest torsdag 18. mars 2027 kl. 23:59. Rapporten skal være på 5 sider', { attempts: { allowed: 3, keeps: 'latest' } }], ['A deduction of five marks shall be made for each period of 24 hours or part thereof.', { late: { percentPerDay: 5 } }],
  ['Abgabe: 15. September 2027 als PDF. Wird auf Plagiate geprüft? Ja.', { similarityChecked: true }], ['- Dateiname: Nachname_Vorname_HA\nBis wann? 15. September 2027, 12 Uhr mittags', { naming: { pattern: 'Nachname_Vorname_HA', mustContain: ['surname', 'givenNames'] } }],
])('“%s”', (text, want) => { expect(read(text)).toMatchObject(want); });
