import type { Brief, DocumentDemand } from '../model/brief.ts';
import type { DocumentFacts } from '../model/facts.ts';
import type { Draft } from './define.ts';

/** What a check of the whole set is given: all documents, and which demand each answers (null: none). */
export interface SetInput { facts: DocumentFacts[]; brief: Brief; matching: (DocumentDemand | null)[]; templates: { name: string; text: string }[]; now: number; /** in which the times of the brief hold */ zone: string | null }
export interface SetCheck {
  id: string;
  asked(input: SetInput): string | null;
  found(input: SetInput): string | null;
  evaluate(input: SetInput): Draft[];
  mend?: string;
  reference: string;
}
export const defineSetCheck = (check: SetCheck): SetCheck => check;
export const labelOf = (demand: DocumentDemand, index: number): string => demand.label ?? `document ${index + 1}`;
