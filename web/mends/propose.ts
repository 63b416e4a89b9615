import { detailsToHide, kindNames, laidOut, proposeName, showBytes, endings, type Brief, type Details, type DocketLine, type Failure, type Finding, type Kind, type Outcome, type Settlement } from '../../core/index.ts';
import type { FileRow, Made, PaperRow } from '../store/db.ts';
import { keepMended } from '../store/papers.ts';
import { asProgress, workPool, type Running } from '../workers/client.ts';

const editable: Kind[] = ['docx', 'docm', 'odt'], blottable: Kind[] = ['jpeg', 'png', 'tiff'];

/** What happened to a copy: it was made and kept, or why it is not offered. */
export type Kept = { id: string } | Pick<Failure, 'message' | 'remedy'>;
type Progress = (done: number, of: number) => void;
/** One way to carry a mend out: the work, and what becomes of its result. Both take the file as it is then, so that mends can follow each other. */
export interface MendAction { label: string; /** while it runs */ what: string; carryOut: (file: FileRow, progress: Progress) => { job: Running<unknown>; keep: (value: never) => Promise<Kept> } }
/** A mend that findings or the brief propose. `together`: needs no choice of the student, so it goes with all others in one. */
export interface ProposedMend { id: string; title: string; note: string; actions: MendAction[]; together: boolean; /** the result of another engine can be laid beside it */ compare?: 'pdf' | 'docx' }

/** Ties a piece of work to what is done with its value. */
function action<T>(label: string, what: string, work: (file: FileRow, progress: Progress) => Running<T>, keep: (value: T, file: FileRow) => Promise<Kept>): MendAction {
  return { label, what, carryOut: (file, progress) => ({ job: work(file, progress), keep: (value: never) => keep(value as T, file) }) };
}
const handed = (file: FileRow) => ({ name: file.name, blob: file.blob });
const as = async (file: FileRow, made: Made, blob: Blob, name = file.name, kind = file.kind): Promise<Kept> => ({ id: await keepMended(file, made, name, blob, kind) });
const settle = (label: string, what: string, wish: Partial<Settlement>): MendAction => action(label, what, (f) => workPool.run((api) => api.settle(handed(f), wish)), (v, f) => as(f, { mend: 'settle', what, words: v.proof.words, pagesSame: v.proof.pagesSame }, v.blob));

export interface MendContext { file: FileRow; paper: PaperRow; findings: Finding[]; docket: DocketLine[]; details: Details | null; /** what is to stand in place of a detail in word-processor files */ wording: string; /** an office engine is there as well */ office?: boolean }

/** Kinds that the office engine takes as well. */
const forOffice: Kind[] = ['docx', 'docm', 'odt', 'rtf', 'doc', 'html', 'txt'];
export interface ConvertedValue { blob: Blob; engine: 'builtin' | 'office'; proof: Extract<Made, { mend: 'convert' }>['proof']; pages: number; fonts: { name: string; embedded: boolean }[]; losses: string[] }
/** Where a paper is marked anonymously, or may be, the file stores nothing of itself, not even its title. */
export const untitledFor = (brief: Brief): boolean => brief.anonymous !== false;
export const convertBy = (engine: 'builtin' | 'office', to: 'pdf' | 'docx', file: FileRow, brief: Brief, progress: Progress): Running<ConvertedValue> => workPool.run((api) => api.convert([handed(file)], to, asProgress(progress), { untitled: untitledFor(brief) }, engine));
export const keepConverted = (v: ConvertedValue, to: 'pdf' | 'docx', f: FileRow): Promise<Kept> => as(f, { mend: 'convert', engine: v.engine, proof: v.proof, pages: v.pages, fonts: v.fonts, losses: v.losses }, v.blob, `${f.name.replace(/\.[^.]*$/, '')}.${to}`, to);

/** Findings that clearing takes away, and those where it puts other words in the place of details. */
const storedPlaces = new Set(['identity.comment', 'identity.tracked-change', 'identity.annotation', 'identity.revision', 'identity.orphan', 'identity.image-metadata', 'identity.path']), unseenPlaces = new Set(['identity.alt-text', 'identity.cloud-address', 'identity.field', 'identity.hidden', 'identity.link', 'identity.outline', 'identity.script', 'identity.attachment']);

/** What can be mended in a file now, in the order in which the mends are best carried out. */
export function proposeMends({ file, paper, findings, docket, details, wording, office }: MendContext): ProposedMend[] {
  const demand = file.slot === null ? null : paper.brief.documents[file.slot] ?? null, lines = docket.filter((l) => l.document === file.name);
  const wants = (pattern: RegExp): boolean => lines.some((l) => pattern.test(l.id) && (l.standing === 'notMet' || l.standing === 'look')), has = (id: string): boolean => findings.some((f) => f.check === id);
  const isPdf = file.kind === 'pdf', isText = editable.includes(file.kind), isPicture = blottable.includes(file.kind), mends: ProposedMend[] = [];
  const add = (id: string, title: string, note: string, actions: MendAction[], together = true, compare?: 'pdf' | 'docx'): void => { mends.push({ id, title, note, actions, together: together && actions.length > 0, ...(compare ? { compare } : {}) }); };

  const changes = isText && has('remains.tracked-changes'), comments = (isPdf || isText) && has('remains.comments');
  if (changes) add('changes', 'Settle the tracked changes', 'Everything that was deleted or added while writing is still in the file, with names and times. Accept to keep the text as you see it now; reject to go back to what was there before. Both make a new copy that you can take back.', [settle('Accept all changes', 'Accepted all changes', { changes: 'accept' }), settle('Reject all changes', 'Rejected all changes', { changes: 'reject' })], false);
  if (comments) add('comments', 'Take the comments out', 'Comments and notes are in the file with who wrote them. The text stays word for word, and that is verified.', [settle('Take the comments out', 'Took the comments out', { comments: 'remove' })]);
  const shown = findings.filter((f) => f.standing === 'stops' && /^identity\.(text|running-head|footnote|textbox|image-text)$/.test(f.check));
  if (shown.length > 0) {
    const can = details !== null && (isPdf || isText || isPicture);
    add('redact', isPdf || isPicture ? `Take my details out of the ${isPdf ? 'pages' : 'picture'}` : 'Replace my details in the text', `${shown.length} ${shown.length === 1 ? 'place' : 'places'}: ${[...new Set(shown.map((f) => `“${String(f.data.found)}”`))].slice(0, 3).join(', ')}. ${isPdf ? 'Letters and pixels are removed, not covered.' : isText ? 'The words are replaced where they stand, in their own formatting, and pixels are filled where a picture shows them; every other word stays.' : isPicture ? 'The pixels are filled with the ground around them; the rest of the picture stays.' : 'Convert it first, or change it in the program it was written in and bring it again.'}`,
      can ? [action(isText ? 'Replace them' : 'Take them out', 'Taking out', (f) => workPool.run((api) => api.redact(handed(f), detailsToHide(details, paper.brief), wording)), (v, f) => as(f, { mend: 'redact', taken: v.taken, lost: v.proof.lost }, v.blob))] : []);
  }
  const to = demand === null || demand.types.includes(file.kind) ? null : demand.types.includes('pdf') ? 'pdf' : demand.types.includes('docx') ? 'docx' : null;
  if (to) {
    const can = laidOut.includes(file.kind) && (to === 'docx' || !isPdf);
    add('convert', `Convert to ${kindNames[to]}`, !can ? 'This kind cannot be converted here. Export it as PDF from the program it was written in.' : to === 'pdf' ? 'The built-in engine lays it out here, with all fonts embedded, and compares every word, table, picture and note.' : isPdf ? 'Text, headings, lists, tables and pictures are carried over as far as they can be recognised; the layout is not. Bring the source document instead if you have it.' : 'Text, headings, lists, tables, notes and pictures are carried over, and every word is compared.',
      can ? [action('Convert it', 'Converting', (f, progress) => convertBy('builtin', to, f, paper.brief, progress), (v, f) => keepConverted(v, to, f)), ...(office && forOffice.includes(file.kind) ? [action('With the office engine', 'Converting with the office engine', (f, progress) => convertBy('office', to, f, paper.brief, progress), (v, f) => keepConverted(v, to, f))] : [])] : [], !(isPdf && to === 'docx'), office && forOffice.includes(file.kind) ? to : undefined);
  }
  if (isPdf && has('file.attachments')) add('attachments', 'Take the attachments out', 'Files are attached inside this one. The marker opens the paper alone; hand the others in by themselves where they are asked for.', [settle('Take the attachments out', 'Took the attachments out', { attachments: 'remove' })], false);
  if (isPdf && has('identity.form')) add('fields', 'Turn form fields into page text', 'What is filled in becomes part of the page, and the fields with their hidden values go.', [settle('Turn them into text', 'Turned form fields into page text', { forms: 'flatten' })], false);
  if (isPdf && has('text.hidden-layer')) add('layers', 'Take hidden layers out', 'Layers that are switched off hold words that no page shows and that a machine reads. What you see stays as it is.', [settle('Take the layers out', 'Took hidden layers out', { layers: 'remove' })]);
  const stored = findings.filter((f) => f.check.startsWith('metadata.') || storedPlaces.has(f.check) || f.standing === 'stops' && unseenPlaces.has(f.check)), named = stored.some((f) => unseenPlaces.has(f.check));
  if (stored.length > 0) add('clean', 'Clear what the file stores', `${stored.length} stored ${stored.length === 1 ? 'value' : 'values'}: ${[...new Set(stored.map((s) => s.place.part))].slice(0, 4).join(', ')}. ${named ? 'In bookmarks, descriptions of pictures, names of parts and addresses other words stand in place of your details; an address that tells who you are leads nowhere. ' : ''}Text, pages and pixels stay the same, and that is verified.`,
    [action('Clear it', 'Clearing', (f) => workPool.run((api) => api.clean(handed(f), details, paper.brief)), async (v, f) => {
      const left = v.left.filter((l) => l.standing === 'stops' && l.check.startsWith('metadata.')).length;
      if (!v.proof.textSame || v.proof.pagesSame === false || left > 0 || (v.proof.maxPixelDifference ?? 0) > 0) return { message: 'The copy was read again and is not the same in text, pages or pixels, or something is left in it, so it is not offered.', remedy: 'Convert the paper to PDF first and clear that.' };
      return as(f, { mend: 'clean', proof: v.proof, removed: v.removed.length, left }, v.blob);
    })]);
  if (isPdf && has('text.image-only')) add('text-layer', 'Put the text under the pictures', 'Pages that are pictures are read here, English print only, and the words are laid under them unseen, so that they can be searched and counted. The pages look as before.', [action('Read the pages', 'Reading the pages', (f, progress) => workPool.run((api) => api.textLayer(handed(f), asProgress(progress))), (v, f) => as(f, { mend: 'text-layer', pages: v.pages, proof: v.proof }, v.blob))]);
  if (isPdf && has('fonts.embedded')) add('embed', 'Put the fonts inside', 'The file names fonts that it does not carry. Open faces with the same widths are put in; no letter moves, and pages are compared before and after.', [action('Put them in', 'Putting the fonts inside', (f) => workPool.run((api) => api.embed(handed(f))), (v, f) => as(f, { mend: 'embed', done: v.done, left: v.left, proof: v.proof }, v.blob))]);
  const limit = demand?.limits?.maxBytes ?? paper.brief.limits.maxBytes;
  if (limit !== null && wants(/^file\.size$/) && ['pdf', 'docx', 'odt', 'jpeg', 'png'].includes(file.kind)) add('shrink', 'Make it smaller', `${showBytes(file.bytes)}, and ${showBytes(limit)} are allowed. First what nobody can see goes, then pictures are brought down, no further than needed.`,
    [action('Shrink it', 'Making it smaller', (f) => workPool.run((api) => api.shrink(handed(f), limit)), async (v, f) => {
      if (v.after < v.before) { const kept = await as(f, { mend: 'shrink', before: v.before, after: v.after, pictures: v.pictures, proof: v.proof }, v.blob); if (!v.advice) return kept; }
      return { message: v.advice ?? 'It is as small as it can be already.', remedy: '' };
    })]);
  // Last: whatever is written after it would write the file anew.
  if (isPdf && wants(/^file\.archive$/)) add('archive', `Write it as ${paper.brief.archival ?? 'PDF/A'}`, 'For long keeping: all fonts inside, colours with a stated meaning, nothing that runs or lies outside. It comes out as PDF/A-2b and looks the same; pages are compared before and after. ' + (paper.brief.anonymous === true ? 'It says nothing about you.' : 'Of what it stores only the title and the author stay.'),
    [action('Write it', 'Writing it for long keeping', (f) => workPool.run((api) => api.archive(handed(f), paper.brief.anonymous !== true)), (v, f) => as(f, { mend: 'archive', claim: v.claim, faces: v.faces, proof: v.proof }, v.blob))]);
  return mends;
}

/** The name by the brief's rule, and whether the present one breaks it. */
export function proposedName({ file, paper, docket, details }: Pick<MendContext, 'file' | 'paper' | 'docket' | 'details'>, kind: Kind = file.kind): { name: string; wanted: boolean } {
  const demand = file.slot === null ? null : paper.brief.documents[file.slot] ?? null;
  return {
    name: proposeName({ brief: paper.brief, details, present: file.name, extension: endings[kind][0] ?? 'pdf', title: paper.title, courseCode: paper.course, label: demand?.label ?? null, anonymous: paper.brief.anonymous === true }),
    wanted: docket.some((l) => l.document === file.name && /^name\.|^file\.extension/.test(l.id) && (l.standing === 'notMet' || l.standing === 'look')),
  };
}

/** Carries mends out one after the other, each on the copy that the one before gave. Ends at the first that fails; what was kept before stays.
 * @param running - told of each piece of work as it begins, so that it can be shown and stopped */
export async function carryOut(file: FileRow, actions: MendAction[], row: (id: string) => Promise<FileRow | undefined>, running: (what: string, job: Running<unknown>) => Progress): Promise<Pick<Failure, 'message' | 'remedy'> | null> {
  let present = file;
  for (const step of actions) {
    let report: Progress = () => {};
    const { job, keep } = step.carryOut(present, (done, of) => report(done, of));
    report = running(step.what, job);
    const outcome: Outcome<unknown> = await job.outcome;
    if (!outcome.ok) return outcome;
    const kept = await keep(outcome.value as never);
    if (!('id' in kept)) return kept;
    present = (await row(kept.id)) ?? present;
  }
  return null;
}
