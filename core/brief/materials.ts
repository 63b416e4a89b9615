import type { Clause } from './statements.ts';
import { rewritten, says } from '../text/patterns.ts';

/** What students are given for the work. */
const materials = String.raw`(?:templates?|(?:sample|model|example|past|previous|old) (?:answers?|essays?|papers?|reports?|exams?|solutions?)|samples?|examples?|data ?sets?|(?:raw |survey |field )?data|reading lists?|readings?|literature|slides?|lecture notes|notes|handouts?|films?|videos?|recordings?|podcasts?|(?:marking|assessment|grading) (?:criteria|scheme|guide|grid)|criteria|rubrics?|guidelines?|guidance|guides?|style (?:guide|sheet)s?|cover ?sheets?|handbooks?|articles?|chapters?|(?:source|reading|course|study) (?:pack|material|reader)s?|materials?|readers?|books?|software|timetables?|schedules?|syllabus|maps?|images?|transcripts?|FAQs?)`;
const subject = new RegExp(String.raw`(?:^\W*|\b(?:find|download|get|see|collect|receive|access|use|watch|consult) )(?:(?:all|the|a|an|some|your|these|this|further|its|more|any|first|other) )*(?:[\w-]+ )?${materials}\b(?! (?:box|folder|area|link|upload|form))`, 'i');
const handing = /\b(?:submi\w+|upload(?:s|ed|ing)?|hand(?:ed|ing)?[- ]?in|turn(?:ed)? in|deliver\w*|portal|window|tasks?|questions?|within|hours|opens?|clos(?:es?|ing))\b/i;

/** “The template is available from 7 December.”: when something for the work can be had is not when the work may be handed in. @param day - as it is written */
export const isOfMaterials = (clause: Clause, day: string): boolean => !says(clause.text, handing) && says(rewritten(clause.text.replace(day, 'DAY'), [/^\W*(?:(?:from|as of|as from|starting|on) )?DAY,?\s*/i, '']), subject);
