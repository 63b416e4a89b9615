import type { Brief, DocumentDemand } from '../model/brief.ts';
import type { Details, DetailName } from '../model/details.ts';
import { read, unread, type DocumentFacts, type Passage, type Read, type SheetFacts, type UnreadCode } from '../model/facts.ts';
import type { FindingStanding, Place } from '../model/finding.ts';
import type { Kind } from '../model/kinds.ts';
import type { Matcher } from '../identity/find.ts';
import type { Sign } from '../identity/search.ts';

/** Facts that can be `unread`; a check names those it needs and never sees the others' absence. */
export type Fact = { [K in keyof DocumentFacts]-?: DocumentFacts[K] extends Read<unknown> ? K : never }[keyof DocumentFacts];
type Value<T> = T extends { ok: true; value: infer V } ? V : never;

/** What a check is given. `wanted` tells how far anonymity is asked for. */
export interface CheckInput {
  file: DocumentFacts['file'];
  facts: DocumentFacts;
  brief: Brief;
  document: DocumentDemand | null;
  details: Details | null;
  /** finds the student's details; made once for all checks */
  matcher: Matcher | null;
  wanted: 'yes' | 'unsettled' | 'no';
  /** signs of the student in all passages; empty where details are missing */
  signs: Sign[];
  templates: { name: string; text: string }[];
}
export type Seen<N extends Fact> = CheckInput & { [K in N]: Value<DocumentFacts[K]> };

/** A finding before it has words: `key` and `data` choose and fill the message. */
export interface Draft { standing: FindingStanding; key: string; data: Record<string, string | number>; place: Place; detail: DetailName | null }

export interface Check<N extends Fact = Fact> {
  id: string;
  /** the file kinds it applies to; all when absent */
  kinds?: readonly Kind[];
  needs: readonly N[];
  /** why it cannot be told of this file at all; absent or null: it can */
  unread?(input: CheckInput): UnreadCode | null;
  /** what the docket shows as asked; null: the brief does not ask for this */
  asked(input: CheckInput): string | null;
  /** what the docket shows as found */
  found(seen: Seen<N>): string | null;
  evaluate(seen: Seen<N>): Draft[];
  /** the mend that would help */
  mend?: string;
  /** the mend takes what stops, and leaves what a person has to look at */
  mendsOnlyStops?: boolean;
  /** standard and clause, or "common practice, no published source" */
  reference: string;
}

/** Declares a check; `needs` types what `evaluate` may look at. */
export function defineCheck<const N extends Fact>(check: Check<N>): Check { return check as unknown as Check; }

export const atFile: Place = { part: 'file', page: null, box: null, quote: null };
export const atName: Place = { part: 'name', page: null, box: null, quote: null };
export const atPage = (page: number | null, quote: string | null = null): Place => ({ part: 'text', page, box: null, quote });
const draft = (standing: FindingStanding) => (key: string, data: Draft['data'] = {}, place: Place = atFile, detail: DetailName | null = null): Draft => ({ standing, key, data, place, detail });
export const stops = draft('stops');
export const look = draft('look');

/** The sheets of a file: of each page where it has pages, of each section where it says what it wants. */
export const sheetsOf = ({ pages, sheets }: DocumentFacts): Read<SheetFacts[]> => (pages.ok ? read(pages.value.map((p) => ({ page: p.number, width: p.width, height: p.height }))) : sheets && sheets.length > 0 ? read(sheets) : unread(pages.code));
export const sheetsIn = ({ facts }: CheckInput): SheetFacts[] => { const s = sheetsOf(facts); return s.ok ? s.value : []; };
/** Kinds with pages, now or once they are laid out. */
export const paged: readonly Kind[] = ['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc', 'html', 'markdown', 'txt'];

/** Passages that a reader of the paper sees. */
export const seenText = (passages: Passage[]): Passage[] => passages.filter((p) => ['text', 'runningHead', 'footnote', 'textbox'].includes(p.place));
