import { formatNumber } from '../styles/number-formats.ts';

/** How a running line is set; null where it is set as the text is. */
export interface LineLook { sizePt: number | null; font: string | null; bold: boolean; italic: boolean; /** six hexadecimal digits */ colour: string | null }
/** A picture in a head or foot, as the crest of a department is; as large as it is shown. */
export interface LinePicture { /** a data address */ source: string; widthPt: number; heightPt: number; place: LinePlace }
export const lineSlots = ['head', 'foot', 'firstHead', 'firstFoot', 'evenHead', 'evenFoot'] as const;
export type LineSlot = (typeof lineSlots)[number];

export type PageNumberFormat = 'decimal' | 'lowerRoman' | 'upperRoman' | 'lowerLetter' | 'upperLetter';
/** Lines at the head and foot of pages; `\u0001` stands for the page's number, `\u0002` for the number of pages, and tabs part what stands left, in the middle and right. */
export interface RunningLines {
  head: string; foot: string;
  /** the first page has lines of its own, or none */ firstPageDiffers: boolean; firstHead: string; firstFoot: string;
  /** and so have pages with even numbers */ evenPagesDiffer: boolean; evenHead: string; evenFoot: string;
  /** the number of the first page; null: numbers go on */ numberFrom: number | null; numberFormat: PageNumberFormat;
  /** of lines that say how they are set */ looks: Readonly<Partial<Record<LineSlot, LineLook>>>;
  pictures: Readonly<Partial<Record<LineSlot, LinePicture[]>>>;
}
export const noLines = (): RunningLines => ({ looks: {}, pictures: {}, head: '', foot: '', firstPageDiffers: false, firstHead: '', firstFoot: '', evenPagesDiffer: false, evenHead: '', evenFoot: '', numberFrom: null, numberFormat: 'decimal' });
/** The lines alone of whatever has them. */
export const linesOf = ({ head, foot, firstPageDiffers, firstHead, firstFoot, evenPagesDiffer, evenHead, evenFoot, numberFrom, numberFormat, looks, pictures }: RunningLines): RunningLines => ({ looks, pictures, head, foot, firstPageDiffers, firstHead, firstFoot, evenPagesDiffer, evenHead, evenFoot, numberFrom, numberFormat });
/** Without what is stored and not shown. */
export const shownLines = (lines: RunningLines): RunningLines => ({ ...lines, pictures: Object.fromEntries(Object.entries(lines.pictures).filter(([slot]) => (lines.firstPageDiffers || !slot.startsWith('first')) && (lines.evenPagesDiffer || !slot.startsWith('even')))), ...(lines.firstPageDiffers ? {} : { firstHead: '', firstFoot: '' }), ...(lines.evenPagesDiffer ? {} : { evenHead: '', evenFoot: '' }) });

/** Which lines each section has: those of the first, and the later ones that are others. A section whose first page differs, or whose numbers begin anew, begins lines of its own. */
export function gatherLines(sections: RunningLines[]): { first: RunningLines; later: RunningLines[]; of: number[] } {
  const [first = noLines()] = sections, later: RunningLines[] = [], of: number[] = [];
  let last = first;
  sections.forEach((lines, i) => {
    if (i > 0 && (lines.firstPageDiffers || lines.numberFrom !== null || JSON.stringify({ ...last, numberFrom: null }) !== JSON.stringify(lines))) { later.push(lines); last = lines; }
    of.push(later.length);
  });
  return { first, later, of };
}

/** The numbers of pages that lines show, each as it stands on the page: files seldom keep what such a field comes to. @param count - of all pages */
export const totalsShown = (lines: readonly RunningLines[], count: number): string[] => lines.flatMap((l) => lineSlots.flatMap((slot) => Array.from(l[slot].matchAll(/\u0002/g), () => String(count))));

/** Names one running line of a whole. @param index - 0 for those of the first section, or the number of later ones */
export const lineKey = (index: number, slot: LineSlot): string => `${index} ${slot}`;
/** What stands in a page's head or foot. */
export interface LineOn { slot: LineSlot; line: string; look: LineLook | null; pictures: LinePicture[] }
/** A page's head and foot. @param number - of the page @param count - of all pages @param first - the first one that has these lines */
export function linesOn(lines: RunningLines, number: number, count: number, first: boolean): Record<'head' | 'foot', LineOn> {
  const slots: readonly [LineSlot, LineSlot] = first && lines.firstPageDiffers ? ['firstHead', 'firstFoot'] : lines.evenPagesDiffer && number % 2 === 0 ? ['evenHead', 'evenFoot'] : ['head', 'foot'];
  const fill = (line: string): string => line.replace(/\u0001/g, formatNumber(number, lines.numberFormat)).replace(/\u0002/g, String(count));
  const [head, foot] = slots.map((slot): LineOn => ({ slot, line: fill(lines[slot]), look: lines.looks[slot] ?? null, pictures: lines.pictures[slot] ?? [] })) as [LineOn, LineOn];
  return { head, foot };
}

/** Where a piece of a running line stands. */
export type LinePlace = 'left' | 'centre' | 'right';
/** The place that an alignment, of a paragraph or of a tab stop, stands for by its usual name; all that is neither the middle nor the right is the left. */
export const placeOf = (kind: string | null | undefined): LinePlace => (kind === 'center' ? 'centre' : kind === 'right' || kind === 'end' ? 'right' : 'left');
const linePlaces: readonly LinePlace[] = ['left', 'centre', 'right'];

/** What stands left, in the middle and right. */
export function piecesOf(line: string): [string, string, string] { const [left = '', centre = '', right = ''] = line.split('\t'); return [left, centre, right]; }
const lineOfPieces = (pieces: [string, string, string]): string => pieces.map((p) => p.replace(/ {4,}/g, '   ').trim()).join('\t').replace(/\t+$/, '');

/** One paragraph of a head or foot as a running line. @param text - with a tab wherever the paragraph has one
 * @param align - where the paragraph is aligned @param stops - where its tabs lead, one after the other; beyond them, and where nothing is said, they are but a gap */
export function placedLine(text: string, align: LinePlace, stops: readonly LinePlace[]): string {
  const pieces: [string, string, string] = ['', '', ''];
  let at = linePlaces.indexOf(align);
  text.split('\t').forEach((piece, i) => {
    // Tabs in a line that is centred or stands right move it as a whole.
    if (i > 0 && align === 'left') at = Math.max(at, linePlaces.indexOf(stops[i - 1] ?? 'left'));
    pieces[at] += `${pieces[at] && piece ? '   ' : ''}${piece}`;
  });
  return lineOfPieces(pieces);
}
/** Several paragraphs of a head or foot as one line: what stands at one place stands side by side. */
export const oneLine = (lines: string[]): string => lineOfPieces(lines.map(piecesOf).reduce<[string, string, string]>((a, b) => [0, 1, 2].map((i) => [a[i], b[i]].filter((v) => v?.trim()).join('   ')) as [string, string, string], ['', '', '']));
