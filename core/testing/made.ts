import type { CheckInput } from '../checks/define.ts';
import type { SetInput } from '../checks/define-set.ts';
import { Matcher } from '../identity/find.ts';
import { searchPassages } from '../identity/search.ts';
import { emptyBrief, type Brief } from '../model/brief.ts';
import { noDetails, type Details } from '../model/details.ts';
import { zoneOfTimes } from '../time/instant.ts';
import { read, unread, type DocumentFacts, type FileFacts, type FontFacts, type LayoutFacts, type PageFacts, type Passage, type PhotoFacts } from '../model/facts.ts';

/** Facts made up for a test: a sound one-page PDF unless told otherwise. */
export function madeFacts(change: Partial<Omit<DocumentFacts, 'file'>> & { file?: Partial<FileFacts> } = {}): DocumentFacts {
  const { file, ...rest } = change;
  return {
    file: { name: 'paper.pdf', bytes: 1000, sha256: 'aa', kind: 'pdf', extension: 'pdf', encrypted: false, troubles: [], ...file },
    pages: read([madePage()]), words: read(500), fonts: read([]), passages: read([]), metadata: read([]), remains: read({ comments: 0, trackedChanges: 0, highlights: 0, revisions: 0 }), layout: read(madeLayout()), photo: unread('notOfThisKind'),
    statedPages: null, structure: null, integrity: [], ...rest,
  };
}
export const madeLayout = (change: Partial<LayoutFacts> = {}): LayoutFacts => ({ source: 'measured', sizePt: 12, otherSizes: [10], fonts: [{ name: 'Times New Roman', share: 0.95 }], lineSpacing: 1.5, marginsMm: { left: 25.4, right: 26, top: 26, bottom: 30 }, outliers: [], ...change });
export const madePage = (change: Partial<PageFacts> = {}): PageFacts => ({ number: 1, width: 595.28, height: 841.89, rotation: 0, words: 500, images: 0, imageShare: 0, sizes: { 12: 2000 }, ...change });
export const madeFont = (name: string, change: Partial<FontFacts> = {}): FontFacts => ({ name, type: 'TrueType', embedded: true, subset: true, toUnicode: true, readable: true, page: 1, ...change });
export const madePassage = (text: string, change: Partial<Passage> = {}): Passage => ({ part: 'text', place: 'text', page: 1, text, ...change });
export const madeBrief = (change: Partial<Brief> = {}): Brief => ({ ...emptyBrief(), ...change });
export const nina: Details = { ...noDetails(), givenNames: ['Nína'], surname: 'Vestergaard-Imani', username: 'nvi204', studentNumber: '20417733', candidateNumber: 'Y3921847', emails: ['nvi204@student.carrow.example'] };

/** A whole input for one check. Anonymous marking is wanted as soon as details are there. */
export function madeInput(change: Partial<CheckInput> = {}): CheckInput {
  const facts = change.facts ?? madeFacts(), brief = change.brief ?? madeBrief(), details = change.details ?? null;
  const matcher = details ? new Matcher(details) : null, signs = change.signs ?? (matcher && facts.passages.ok ? searchPassages(facts.passages.value, matcher) : []);
  return { facts, file: facts.file, brief, document: brief.documents[0] ?? null, details, matcher, wanted: details ? 'yes' : 'unsettled', templates: [], ...change, signs };
}
export const madeSet = (change: Partial<SetInput> = {}): SetInput => ({ facts: [madeFacts()], brief: madeBrief(), matching: [null], templates: [], now: Date.parse('2027-03-12T12:00:00Z'), zone: zoneOfTimes(change.brief ?? madeBrief(), null), ...change });
export const madePhoto = (change: Partial<PhotoFacts> = {}): PhotoFacts => ({ dpi: 210, sharpness: 0.8, paper: 210, ink: 20, shade: 0.9, glare: 0, ghost: 0.02, cut: 0, whole: false, edgeSeen: 0.95, turn: 0, print: [], ...change });
/** A photo of a page with the time it was taken, in Exif's writing. */
export const takenPhoto = (name: string, time: string | null, print: number[] = [], sha256 = name): DocumentFacts => madeFacts({ file: { name, kind: 'jpeg', sha256 }, photo: read(madePhoto({ print })), metadata: read(time ? [{ part: 'image/EXIF/DateTimeOriginal', key: 'DateTimeOriginal', value: time, sort: 'dates' as const }] : []) });
