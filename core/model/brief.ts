import type { Kind } from './kinds.ts';

/** Several measures that will do. `between`: whatever lies between them does as well */
export interface Choice { values: number[]; between: boolean }
/** `text`: anywhere in the paper that a reader sees */
export interface ShownDetail { field: NameField; where: 'runningHead' | 'titlePage' | 'text' }
export type Orientation = 'portrait' | 'landscape';
export type FaceKind = 'serif' | 'sans serif';

/** What is asked. `null` (lists: empty) means that the wording does not settle it; `false` only where it says so. */
export interface Brief {
  place: string | null;
  documents: DocumentDemand[];
  limits: Limits;
  naming: { pattern: string | null; mustContain: NameField[]; mustNotIdentify: boolean | null };
  anonymous: boolean | null;
  similarityChecked: boolean | null;
  /** ISO 8601 with offset, or a bare date where no time of day is given */
  opens: string | null; due: string | null; extension: string | null; timeZone: string | null;
  parts: { label: string; opens: string | null; due: string | null }[];
  attempts: { allowed: number | 'unlimited' | null; keeps: 'latest' | 'all' | null };
  late: { percentPerDay: number | null; cutoffDays: number | null };
  layout: {
    pageSize: string | null; marginMm: number | null; fontSizePt: number | null; lineSpacing: number | null;
    fonts: string[]; pageNumbers: boolean | null;
    /** measures that may be exceeded: “at least 11 pt”; absent: none */
    atLeast?: ('fontSizePt' | 'marginMm' | 'lineSpacing')[];
    /** measures of which the wording leaves several open, “11 or 12 pt”: the measure itself is null then; absent: none */
    choices?: { fontSizePt?: Choice; lineSpacing?: Choice; marginMm?: Choice };
    /** which way up the sheet lies; absent: it does not say */
    orientation?: Orientation;
    /** the kind of face that will do: “a sans serif font”; absent: any */
    faceKind?: FaceKind;
    /** the faces are named as examples, “such as Arial”: others like them will do; absent: they are asked for */
    /** margins that differ from side to side, in millimetres; a side that is not named is open; absent: none does */
    margins?: SideMargins;
    fontsAreExamples?: true;
  };
  declaration: boolean | null;
  referenceStyle: string | null;
  /** sections that the wording asks for by name, as it names them; absent: none */
  sections?: string[];
  /** details that the paper itself has to show, and where; absent: none */
  shown?: ShownDetail[];
  /** the paper has to state its word count; absent: it need not */
  statesWords?: true;
  /** the form of PDF for long keeping that the wording demands, as “PDF/A-2b”; absent: none */
  archival?: string;
  /** which parts of a paper the wording counts among its words, and which not, and those whose pages its number of pages leaves out; absent: it does not say */
  counting?: { counted: WordPart[]; left: WordPart[]; pagesLeft?: WordPart[] };
  /** limits that the wording gives as a length, not as a limit: what is longer is for a person to judge; absent: none */
  lengths?: (keyof Limits)[];
  evidence: Evidence[];
}
export interface SideMargins { left?: number; right?: number; top?: number; bottom?: number }
/** A part of a paper that has a line of its own in the word bill. */
export type WordPart = 'titlePage' | 'contents' | 'abstract' | 'headings' | 'body' | 'tables' | 'quotations' | 'captions' | 'footnotes' | 'textBoxes' | 'references' | 'appendices';
export interface DocumentDemand { label: string | null; types: Kind[]; limits?: Partial<Limits> }
export interface Limits { maxBytes: number | null; minWords: number | null; maxWords: number | null; minPages: number | null; maxPages: number | null }
export type NameField =
  | 'studentNumber' | 'candidateNumber' | 'surname' | 'givenNames' | 'initials' | 'username' | 'courseCode' | 'title' | 'part' | 'date';
/** The words a value came from. `start` and `end` are UTF-16 offsets into the wording. */
export interface Evidence { field: string; quote: string; start: number; end: number }

export const noLimits = (): Limits => ({ maxBytes: null, minWords: null, maxWords: null, minPages: null, maxPages: null });

/** A brief that settles nothing. */
export const emptyBrief = (): Brief => ({
  place: null, documents: [], limits: noLimits(), naming: { pattern: null, mustContain: [], mustNotIdentify: null },
  anonymous: null, similarityChecked: null, opens: null, due: null, extension: null, timeZone: null, parts: [],
  attempts: { allowed: null, keeps: null }, late: { percentPerDay: null, cutoffDays: null },
  layout: { pageSize: null, marginMm: null, fontSizePt: null, lineSpacing: null, fonts: [], pageNumbers: null },
  declaration: null, referenceStyle: null, evidence: [],
});
