import type { ArchiveRule } from '../tables/archive-rules.ts';
import type { Kind } from './kinds.ts';

/** [x0, y0, x1, y1] in PDF points from the page's top left. */
export type Box = [number, number, number, number];

/** A fact, or why it could not be read. `gaps` lists what could not be looked at: not looked is not the same as not there. */
export type Read<T> = { ok: true; value: T; gaps: Gap[] } | { ok: false; code: UnreadCode };
export type UnreadCode = 'encrypted' | 'damaged' | 'notOfThisKind' | 'noFixedPages' | 'tooLarge';
export interface Gap { part: string; page: number | null; why: 'picture' | 'tooLarge' | 'unreadable' | 'depth' }
export const read = <T>(value: T, gaps: Gap[] = []): Read<T> => ({ ok: true, value, gaps });
export const unread = (code: UnreadCode): { ok: false; code: UnreadCode } => ({ ok: false, code });

/** Where a passage stands; decides which identity check it belongs to and how a hit is weighed. */
export type PlaceKind =
  | 'text' | 'runningHead' | 'footnote' | 'textbox' | 'altText' | 'field' | 'form' | 'outline' | 'link' | 'annotation' | 'comment'
  | 'trackedChange' | 'deletedText' | 'hidden' | 'revision' | 'orphan' | 'attachment' | 'imageMetadata' | 'imageText' | 'path'
  | 'cloudAddress' | 'signature' | 'script' | 'fileName' | 'metadata';

/** Every string that can carry a name. Readers join runs and lines first, so that a name cut in two is whole again. */
export interface Passage {
  part: string;
  place: PlaceKind;
  page: number | null;
  text: string;
  /** In fixed pages: where each line starts in `text`, and its box. */
  lines?: { start: number; box: Box }[];
  section?: 'titlePage' | 'references' | 'acknowledgements';
  /** A picture's words: how far the picture was turned clockwise to be read. The boxes are those of the picture as it lies. */
  turned?: 90 | 180 | 270;
  /** Begins a page, as a file without fixed pages says. */
  newPage?: boolean;
  /** Set as a block of its own, as long quotations are. */
  indented?: boolean;
  /** Part of the file's markup, never of its words, shown or not. */
  markup?: boolean;
  /** Stands in a cell of a table. */
  inTable?: boolean;
  /** A note's own name in the file, on each of its passages. */
  note?: string;
  /** Where notes are referred to in `text`, and by which name. */
  notes?: { at: number; note: string }[];
  /** The whole passage names a person by its nature (an author attribute). */
  authorLike?: boolean;
}

export interface PageFacts {
  number: number; width: number; height: number; rotation: number;
  words: number; images: number; /** share of the page's area under pictures, 0–1 */ imageShare: number;
  /** size in points and characters set in it */ sizes: Record<string, number>;
  /** share of the lines that run up or down the page as it is shown; absent: none */ sidewaysLines?: number;
  /** whether the writing stands on its head as the page is shown */ upsideDown?: boolean;
  /** stretches of text with a marker's colour behind them; absent: none */ marked?: number;
  /** nothing is written on it but its running head or number; absent: no */ headOnly?: boolean;
  /** shapes and pictures that are seen inside its edges, and fills of the size of letters among them; absent: not asked, there is text */ drawings?: Drawings;
}
/** What a page that holds no text has painted. */
export interface Drawings { marks: number; letterShapes: number }
/** Words turned into outlines, and not a diagram: a few lines of them are a hundred letters. */
export const isOutlinedText = (drawings?: Drawings): boolean => (drawings?.letterShapes ?? 0) >= 100;

/** The sheet that a page, or a section of a file without fixed pages, asks for. In points. */
export interface SheetFacts { page: number | null; width: number; height: number }

export interface FontFacts {
  name: string; type: string; embedded: boolean; subset: boolean; toUnicode: boolean;
  /** a fixed encoding that gives characters without ToUnicode */ readable: boolean;
  page: number | null;
  /** the font program itself forbids embedding */ restricted?: boolean;
  /** listed, and no character is shown in it */ idle?: boolean;
}
/** A heading with its level (1 the highest) and the words that follow before the next heading. */
export interface HeadingFact { text: string; level: number; words: number; /** no style says so: it looks like one */ byLook?: true }

/** One stored value about the file, with its address. `sort` is the last half of the check's id. */
export interface MetadataFact { part: string; key: string; value: string; sort: MetadataSort }
export type MetadataSort =
  | 'author' | 'title' | 'subject' | 'keywords' | 'software' | 'dates' | 'ids' | 'company' | 'template' | 'custom' | 'history'
  | 'location' | 'device' | 'paths' | 'revision-ids' | 'editing-time' | 'thumbnail' | 'private-data' | 'comment' | 'statistics';

/** Something found about the file as a whole while it was read. */
export type TroubleCode =
  | 'empty' | 'truncated' | 'repaired' | 'link' | 'lock' | 'partial' | 'vendor' | 'macros' | 'javascript' | 'launch'
  | 'externalReference' | 'oleObject' | 'attachment' | 'damaged' | 'bomb' | 'unsafePath' | 'archive';
export interface Trouble { code: TroubleCode; part: string; page: number | null; text: string }

export interface FileFacts {
  name: string; bytes: number; sha256: string; kind: Kind; extension: string;
  encrypted: false | 'opens' | 'needs password';
  troubles: Trouble[];
}

/** Text that is set otherwise than the most of a paper. `found`: points, the face's name, the spacing as a multiple of single, or the margin in millimetres. */
export interface LayoutOutlier { kind: 'size' | 'face' | 'spacing' | 'margin'; found: number | string; side?: 'left' | 'right'; part: string; page: number | null; box: Box | null; quote: string | null }

/** How the main text is set: measured from fixed pages, or by the effective style where there are none. */
export interface LayoutFacts {
  source: 'measured' | 'style'; sizePt: number; /** sizes that more than a hundredth of the characters have, tables and notes apart */ otherSizes: number[]; fonts: { name: string; share: number }[];
  /** as a multiple of single spacing */ lineSpacing: number | null; marginsMm: { left: number; right: number; top: number | null; bottom: number | null } | null;
  outliers: LayoutOutlier[];
}

/** `dpi`: of an A4 sheet. `sharpness`: 0 (smeared) to 1 (from ink to paper within a pixel at 150 dots per inch), null where there is no writing.
 * `paper`, `ink`: light of the bare sheet and of the darkest writing, 0–255. `shade`: light of the darkest part of the paper over the lightest.
 * `ghost`: share of pale marks among all. `cut`: sides at which the sheet runs out of the photo. `edgeSeen`: share of the worst side seen.
 * `turn`: clockwise turn that the writing needs beyond what the file's own flag says. `print`: the sheet at 24 pixels, to tell photos of the same page. */
export interface PhotoFacts { dpi: number; sharpness: number | null; paper: number; ink: number; shade: number; /** share of the sheet that is burnt out in one stretch while its paper is not */ glare: number; ghost: number; cut: number; whole: boolean; edgeSeen: number; turn: number; print: number[] }

export interface Remains { comments: number; trackedChanges: number; highlights: number; revisions: number }

export interface DocumentFacts {
  file: FileFacts;
  pages: Read<PageFacts[]>;
  /** words of the main text, as a word processor counts them; null inside when unknown */
  words: Read<number>;
  fonts: Read<FontFacts[]>;
  passages: Read<Passage[]>;
  metadata: Read<MetadataFact[]>;
  remains: Read<Remains>;
  layout: Read<LayoutFacts>;
  /** a photo of a sheet, measured on the sheet and not on the desk around it */
  photo: Read<PhotoFacts>;
  /** pages as stated inside a file without fixed pages */
  statedPages: number | null;
  /** pages as the built-in engine lays the file out, where it has no pages of its own and somebody asked; another program may need one more or less */
  laidPages?: number | null;
  /** pages that stay empty because one break follows another, in a file without fixed pages that says so */
  emptyPages?: number;
  /** how a PDF stands as a file for long keeping, looked at where the brief asks for one; null: its parts could not be read */
  archive?: ArchiveFacts | null;
  /** structure that a conversion must keep */
  structure: { images: number; tables: number; equations: number; footnotes: number } | null;
  /** text that is there and not seen, or seen and not readable */
  integrity: IntegrityFact[];
  /** the sheets of each section, and whether a field numbers the pages, in a file without fixed pages that says so */
  sheets?: SheetFacts[]; pageNumbers?: boolean;
  /** headings in order, where the file marks them as such */
  headings?: HeadingFact[];
  /** traces of how the file came about, for telling which of two versions is newer */
  history?: History;
}
/** `claim`: the part and level of ISO 19005 that the file gives itself out for, as “2b”. `broken`: rules that it does not keep. */
export interface ArchiveFacts { claim: string | null; broken: { rule: ArchiveRule; text: string; page: number | null; count: number }[] }
/** `revisionIds`: one for each editing session (OOXML `w:rsid`, ODF `Rsid`); `earlierStates`: SHA-256 of each saved state that is still inside. */
export interface History { revisionIds: string[]; earlierStates: string[] }

export interface IntegrityFact {
  code: 'invisible' | 'tiny' | 'offPage' | 'background' | 'vanish' | 'hiddenLayer' | 'covered' | 'lookalike' | 'zeroWidth' | 'garbled';
  part: string; page: number | null; box: Box | null; quote: string; count: number;
}
