import { takenIn } from '../dated-rows.ts';
import type { ReadDate } from '../dates.ts';
import { isOfMaterials } from '../materials.ts';
import type { Clause } from '../statements.ts';
import { senseOfLabel } from './day-labels.ts';
import { daySenses, dueSenses, type DaySense } from './senses-of-days.ts';
import { sensed } from './read.ts';
import { says } from '../../text/patterns.ts';

/** A sentence with the word DATE where one of its days stands; other days are left out of sight. */
function withDay(clause: Clause, date: ReadDate, others: readonly ReadDate[]): Clause {
  let text = clause.text;
  for (const d of [...others.filter((o) => o.start !== date.start && o.start >= clause.start && o.end <= clause.end), date].sort((a, b) => b.start - a.start)) {
    const start = d.start - clause.start;
    text = `${text.slice(0, start)}${takenIn(text, { ...d, start })}${d === date ? 'DATE' : 'thatday'}${text.slice(d.end - clause.start)}`;
  }
  return { ...clause, text };
}
/** What a day is for, by its label or the words around it; null where they do not tell. */
export function senseOfDay(clause: Clause, date: ReadDate, others: readonly ReadDate[]): DaySense | null {
  const sense = senseOfLabel(clause, date) ?? senseOfSentence(clause, date, others);
  return sense === 'opens' && isOfMaterials(clause, clause.text.slice(date.start - clause.start, date.end - clause.start)) ? 'other' : sense;
}
const senseOfSentence = (clause: Clause, date: ReadDate, others: readonly ReadDate[]): DaySense | null => says(clause.text, /\b(?:survey|questionnaire|poll|feedback form)\b/i) ? null : sensed([withDay(clause, date, others)], daySenses, null)[0]?.value ?? null;
/** Whether the words around a day tell that something is due then. */
export const isDueDay = (clause: Clause, date: ReadDate): boolean => sensed([withDay(clause, date, [])], dueSenses, null).length > 0;
