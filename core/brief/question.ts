import type { Brief, NameField } from '../model/brief.ts';
import { eachName, fieldNames, parsePattern } from '../naming/pattern.ts';
import { wordingsOf, type Remark } from './remark.ts';
import { says } from '../text/patterns.ts';

export interface Question { field: string; text: string }

/** Points that matter before sending and that the wording leaves open or says twice differently, as questions to the department. */
export function openQuestions(brief: Brief, remarks: Remark[]): Question[] {
  const questions: Question[] = [];
  const ask = (field: string, text: string): void => { if (!questions.some((q) => q.field === field)) questions.push({ field, text }); };
  for (const r of remarks) {
    const quotes = wordingsOf(r).map((q) => `“${q.replace(/\s+/g, ' ')}”`);
    if (r.kind === 'contradiction') ask(r.field, `The text says both ${quotes.join(' and ')}. Which one holds?`);
    if (r.kind === 'weekday') ask('due', `In ${quotes[0]} the weekday and the date do not fit. Which one is meant?`);
    if (r.kind === 'ambiguousDate') ask('due', `Is ${quotes[0]} the day or the month first?`);
    if (r.kind === 'impossibleDate') ask('due', `${quotes[0]} does not exist. Which date is meant?`);
    if (r.kind === 'megapixels') ask('limits.maxBytes', `${quotes[0]} is said of the size: are megabytes meant?`);
  }
  if (brief.documents.length === 0) ask('documents', 'How many documents are asked for, and of which kind (PDF, DOCX, …)?');
  if (brief.due === null && brief.parts.length === 0) ask('due', 'When is it due, at which time of day and in which time zone?');
  else if (brief.due?.length === 10) ask('due', 'Until which time of day on the due date may it be handed in?');
  if (brief.anonymous === null) ask('anonymous', 'Is it marked anonymously?');
  const identifying = clashInName(brief);
  if (identifying.length > 0) ask('naming', `The marking is anonymous, but the file name has to carry the ${identifying.map((f) => fieldNames[f]).join(' and ')}. Which one holds?`);
  if (brief.place === null) ask('place', 'Where exactly is it to be handed in?');
  if (brief.attempts.allowed === null) ask('attempts.allowed', 'May it be handed in again, and until when?');
  else if (brief.attempts.allowed !== 1 && brief.attempts.keeps === null) ask('attempts.keeps', 'If it is handed in again, does only the newest count?');
  if ((brief.limits.maxWords !== null || brief.limits.minWords !== null) && !says(brief.evidence.map((e) => e.quote).join(' '), /\b(?:references?|footnotes|bibliography|appendi\w+)\b[^.]{0,40}\b(?:count|exclu|inclu)/i)) ask('limits.words', 'Do references, notes and captions count towards the number of words?');
  return questions;
}

/** A ready message to the department. Nothing identifying is in it but what the student chooses to sign with. */
export function questionMessage(input: { questions: Question[]; course: string; title: string; signature: string }): { subject: string; body: string } {
  const about = [input.course, input.title].filter(Boolean).join(', ');
  const numbered = input.questions.length > 1 ? input.questions.map((q, i) => `${i + 1}. ${q.text}`) : input.questions.map((q) => q.text);
  return {
    subject: `${input.course ? `${input.course}: ` : ''}${input.questions.length === 1 ? 'a question' : 'questions'} before I hand in`,
    body: `Hello,\n\nbefore I send my work for ${about || 'this assignment'} I should like to know:\n\n${numbered.join('\n')}\n\nThank you.${input.signature ? `\n\n${input.signature}` : ''}\n`,
  };
}

/** What the file's name has to carry although the marking is anonymous. A student number alone is how many departments keep it so: it clashes only where the name must not identify at all. */
export function clashInName(brief: Brief): NameField[] {
  if (brief.anonymous !== true) return [];
  const { pattern, mustContain, mustNotIdentify } = brief.naming, carried = new Set([...mustContain, ...(pattern ? eachName(pattern).flatMap((one) => parsePattern(one)).flatMap((t) => ('field' in t ? [t.field] : [])) : [])]);
  return [...carried].filter((f) => ['surname', 'givenNames', 'initials', 'username'].includes(f) || f === 'studentNumber' && mustNotIdentify === true);
}
