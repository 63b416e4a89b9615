import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import { endings, kindNames, proposeName, showBytes, type Failure, type Kind, type Outcome, type Settlement } from '../../core/index.ts';
import { FailureNote } from '../parts/failure.tsx';
import { Join } from '../parts/join.tsx';
import { PageView } from '../parts/page-view.tsx';
import { Sheets } from '../parts/sheets.tsx';
import { ProofLedger } from '../parts/proof.tsx';
import { currentFiles, useDetails } from '../queries/paper.ts';
import type { FileRow, Made } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { keepMended, lineOf, undoMend } from '../store/papers.ts';
import { asProgress, workPool, type Running } from '../workers/client.ts';
import type { StopProps } from './paper.tsx';

/** Kinds that the built-in engine puts on pages. */
const laidOut: Kind[] = ['pdf', 'docx', 'docm', 'odt', 'doc', 'rtf', 'html', 'txt', 'markdown', 'jpeg', 'png', 'tiff'];

/** Mend: every mend makes a new copy with a proof; the original is never changed, and each can be taken back. */
export function MendStop(props: StopProps) {
  const current = currentFiles(props.files);
  if (current.length === 0) return <p className="pad">There is no file to mend yet. <Link className="act" to={`/papers/${props.paper.id}/bring`}>Bring the paper</Link></p>;
  // Photographed pages go together, where a PDF is asked for or several stand side by side.
  const pictures = current.filter((f) => ['jpeg', 'png', 'tiff'].includes(f.kind)), asked = props.paper.brief.documents, photos = pictures.length > 1 || asked.some((d) => d.types.includes('pdf') && !d.types.includes('jpeg') && !d.types.includes('png')) ? pictures : [];
  const one = asked.length === 1 && asked[0]!.types.includes('pdf'), joinable = current.filter((f) => !photos.includes(f) && laidOut.includes(f.kind));
  const scanName = `${(photos[0]?.name ?? 'pages').replace(/\.[^.]*$/, '')}.pdf`;
  return <><div className="stop-head"><h2>Mends</h2><span className="soft tiny">each makes a new copy; the original stays as it is</span></div>{photos.length > 0 ? <Sheets key={photos.map((p) => p.id).join()} photos={photos} name={scanName} /> : null}{one && joinable.length > 1 ? <Join key={`join ${joinable.map((f) => f.id).join()}`} paper={props.paper} parts={joinable} /> : null}{current.filter((f) => !photos.includes(f)).map((f) => <FileMends key={f.id} file={f} {...props} />)}</>;
}

function FileMends({ file, paper, files, check, docket }: StopProps & { file: FileRow }) {
  const details = useDetails() ?? null;
  const [busy, setBusy] = useState<{ what: string; job: Running<unknown>; done: number; of: number } | null>(null), [failure, setFailure] = useState<Pick<Failure, 'message' | 'remedy'> | null>(null);
  const demand = file.slot === null ? null : paper.brief.documents[file.slot] ?? null;
  const lines = docket.filter((l) => l.document === file.name);
  const wants = (pattern: RegExp): boolean => lines.some((l) => pattern.test(l.id) && (l.standing === 'notMet' || l.standing === 'look'));
  const findings = check.row?.result.files.find((f) => f.name === file.name)?.findings ?? [];
  const inPages = findings.filter((f) => f.standing === 'stops' && (/^identity\.(text|running-head|footnote|textbox)$/.test(f.check) || (file.kind === 'pdf' && f.check === 'identity.image-text')));
  const stored = findings.filter((f) => f.check.startsWith('metadata.') || ['identity.comment', 'identity.tracked-change', 'identity.annotation', 'identity.revision', 'identity.orphan', 'identity.image-metadata', 'identity.path'].includes(f.check));
  const to = demand === null || demand.types.includes(file.kind) ? null : demand.types.includes('pdf') ? 'pdf' : demand.types.includes('docx') ? 'docx' : null, toPdf = to !== null;
  const convertible = laidOut.includes(file.kind) && (to === 'docx' || file.kind !== 'pdf');
  const proposed = proposeName({ brief: paper.brief, details, present: file.name, extension: endings[file.kind][0] ?? 'pdf', title: paper.title, courseCode: paper.course, label: demand?.label ?? null, anonymous: paper.brief.anonymous === true });

  const run = async <T,>(what: string, start: () => Running<T>, keep: (value: T) => Promise<unknown>): Promise<void> => {
    setFailure(null);
    const job = start();
    setBusy({ what, job, done: 0, of: 0 });
    const outcome: Outcome<T> = await job.outcome;
    setBusy(null);
    if (!outcome.ok) { setFailure(outcome); return; }
    try { await keep(outcome.value); } catch (e) { setFailure({ message: explainStoreError(e), remedy: '' }); }
  };
  const handed = { name: file.name, blob: file.blob };
  const clean = (): Promise<void> => run('Clearing', () => workPool.run((api) => api.clean(handed, details, paper.brief)), async (v) => {
    const made: Made = { mend: 'clean', proof: v.proof, removed: v.removed.length, left: v.left.filter((l) => l.standing === 'stops' && l.check.startsWith('metadata.')).length };
    if (!v.proof.textSame || v.proof.pagesSame === false || made.left > 0 || (v.proof.maxPixelDifference ?? 0) > 0) { setFailure({ message: 'The copy was read again and is not the same in text, pages or pixels, or something is left in it, so it is not offered.', remedy: 'Convert the paper to PDF first and clear that.' }); return; }
    await keepMended(file, made, file.name, v.blob, file.kind);
  });
  const convert = (): Promise<void> => run('Converting', () => workPool.run((api) => api.convert([handed], to ?? 'pdf', asProgress((done, of) => setBusy((b) => b && { ...b, done, of })))), async (v) =>
    keepMended(file, { mend: 'convert', proof: v.proof, pages: v.pages, fonts: v.fonts, losses: v.losses }, `${file.name.replace(/\.[^.]*$/, '')}.${to ?? 'pdf'}`, v.blob, to ?? 'pdf'));
  const redact = (): Promise<void> => run('Taking out', () => workPool.run((api) => api.redact(handed, details!, wording)), async (v) => keepMended(file, { mend: 'redact', taken: v.taken, lost: v.proof.lost }, file.name, v.blob, file.kind));
  const [wording, setWording] = useState('Author');
  const settle = (what: string, wish: Partial<Settlement>): Promise<void> => run(what, () => workPool.run((api) => api.settle(handed, wish)), async (v) => keepMended(file, { mend: 'settle', what, words: v.proof.words, pagesSame: v.proof.pagesSame }, file.name, v.blob, file.kind));
  const has = (id: string): boolean => findings.some((f) => f.check === id), editable = ['docx', 'docm', 'odt'].includes(file.kind);
  const canSettle = ['pdf', 'docx', 'docm', 'odt'].includes(file.kind), comments = canSettle && has('remains.comments'), changes = editable && has('remains.tracked-changes'), attachments = file.kind === 'pdf' && has('file.attachments'), fields = file.kind === 'pdf' && has('identity.form'), layers = file.kind === 'pdf' && has('text.hidden-layer');
  const faces = file.kind === 'pdf' && has('fonts.embedded');
  const embed = (): Promise<void> => run('Putting the fonts inside', () => workPool.run((api) => api.embed(handed)), async (v) => keepMended(file, { mend: 'embed', done: v.done, left: v.left, proof: v.proof }, file.name, v.blob, file.kind));
  const pictures = file.kind === 'pdf' && has('text.image-only');
  const textLayer = (): Promise<void> => run('Reading the pages', () => workPool.run((api) => api.textLayer(handed, asProgress((done, of) => setBusy((b) => b && { ...b, done, of })))), async (v) => keepMended(file, { mend: 'text-layer', pages: v.pages, proof: v.proof }, file.name, v.blob, file.kind));
  const limit = demand?.limits?.maxBytes ?? paper.brief.limits.maxBytes, tooLarge = limit !== null && wants(/^file\.size$/) && ['pdf', 'docx', 'odt', 'jpeg', 'png'].includes(file.kind);
  const shrink = (): Promise<void> => run('Making it smaller', () => workPool.run((api) => api.shrink(handed, limit!)), async (v) => {
    if (v.advice) setFailure({ message: v.advice, remedy: '' });
    if (v.after < v.before) await keepMended(file, { mend: 'shrink', before: v.before, after: v.after, pictures: v.pictures, proof: v.proof }, file.name, v.blob, file.kind);
  });
  const nothing = !tooLarge && !toPdf && stored.length === 0 && inPages.length === 0 && !comments && !changes && !attachments && !fields && !layers && !faces && !pictures && !wants(/^name\.|^file\.extension/);
  return (
    <section className="slot" aria-label={`Mends of ${file.name}`}>
      <div className="mono">{file.name}</div>
      <p className="soft small" style={{ margin: '2px 0 10px' }}>{kindNames[file.kind]}, {showBytes(file.bytes)}</p>
      {busy ? <div role="status"><LinearProgress variant={busy.of > 0 ? 'determinate' : 'indeterminate'} value={busy.of > 0 ? (100 * busy.done) / busy.of : undefined} aria-label={busy.what} /><div className="row spread small soft"><span>{busy.what}{busy.of > 0 ? `: page ${busy.done} of ${busy.of}` : '…'}</span><button className="act" onClick={busy.job.stop}>Stop</button></div></div> : null}
      {failure ? <FailureNote failure={failure} /> : null}
      {check.row?.result.files.find((f) => f.name === file.name)?.signed ? <p className="small is-look">This file is signed. A mended copy reads the same, but its signature holds no longer: sign the copy again where a signature is asked for.</p> : null}
      {nothing && !busy ? <p className="is-met small">Nothing here can be mended, or everything is.</p> : null}
      <fieldset disabled={busy !== null} style={{ border: 0, padding: 0, margin: 0, display: 'grid', gap: 14 }}>
        {to ? <Mend title={`Convert to ${kindNames[to]}`} note={convertible ? (to === 'pdf' ? 'The built-in engine lays it out here, with all fonts embedded, and compares every word, table, picture and note.' : file.kind === 'pdf' ? 'Text, headings, lists, tables and pictures are carried over as far as they can be recognised; the layout is not. Bring the source document instead if you have it.' : 'Text, headings, lists, tables, notes and pictures are carried over, and every word is compared.') : 'This kind cannot be converted here. Export it as PDF from the program it was written in.'} action="Convert it" go={convertible ? () => void convert() : null} first /> : null}
        {stored.length > 0 ? <Mend title="Clear what the file stores" note={`${stored.length} stored ${stored.length === 1 ? 'value' : 'values'}: ${[...new Set(stored.map((s) => s.place.part))].slice(0, 4).join(', ')}. Text, pages and pixels stay the same, and that is verified.`} action="Clear it" go={() => void clean()} first={!toPdf} /> : null}
        {changes ? <Mend title="Settle the tracked changes" note="Everything that was deleted or added while writing is still in the file, with names and times. Accept to keep the text as you see it now; reject to go back to what was there before. Both make a new copy that you can take back." action="Accept all changes" go={() => void settle('Accepted all changes', { changes: 'accept' })} also={{ action: 'Reject all changes', go: () => void settle('Rejected all changes', { changes: 'reject' }) }} first={!toPdf} /> : null}
        {comments ? <Mend title="Take the comments out" note="Comments and notes are in the file with who wrote them. The text stays word for word, and that is verified." action="Take the comments out" go={() => void settle('Took the comments out', { comments: 'remove' })} first={!toPdf && !changes} /> : null}
        {attachments ? <Mend title="Take the attachments out" note="Files are attached inside this one. The marker opens the paper alone; hand the others in by themselves where they are asked for." action="Take the attachments out" go={() => void settle('Took the attachments out', { attachments: 'remove' })} first={!toPdf} /> : null}
        {fields ? <Mend title="Turn form fields into page text" note="What is filled in becomes part of the page, and the fields with their hidden values go." action="Turn them into text" go={() => void settle('Turned form fields into page text', { forms: 'flatten' })} first={!toPdf} /> : null}
        {layers ? <Mend title="Take hidden layers out" note="Layers that are switched off hold words that no page shows and that a machine reads. What you see stays as it is." action="Take the layers out" go={() => void settle('Took hidden layers out', { layers: 'remove' })} first={!toPdf} /> : null}
        {inPages.length > 0 ? <Mend title={file.kind === 'pdf' ? 'Take my details out of the pages' : 'Replace my details in the text'} note={`${inPages.length} ${inPages.length === 1 ? 'place' : 'places'}: ${[...new Set(inPages.map((f) => `“${String(f.data.found)}”`))].slice(0, 3).join(', ')}. ${file.kind === 'pdf' ? 'Letters and pixels are removed, not covered.' : editable ? 'The words are replaced where they stand, in their own formatting; every other word stays.' : 'Convert it first, or change it in the program it was written in and bring it again.'}`} action={file.kind === 'pdf' ? 'Take them out' : 'Replace them'} go={(file.kind === 'pdf' || editable) && details ? () => void redact() : null} first={!toPdf && stored.length === 0}>{editable && details ? <TextField select label="Put in their place" value={wording} onChange={(e) => setWording(e.target.value)} slotProps={{ select: { native: true }, inputLabel: { shrink: true } }} style={{ margin: '4px 0 10px', minWidth: 220 }}><option value="Author">Author</option><option value="[name removed]">[name removed]</option><option value="">nothing</option></TextField> : null}</Mend> : null}
        {pictures ? <Mend title="Put the text under the pictures" note="Pages that are pictures are read here, English print only, and the words are laid under them unseen, so that they can be searched and counted. The pages look as before." action="Read the pages" go={() => void textLayer()} first={!toPdf} /> : null}
        {faces ? <Mend title="Put the fonts inside" note="The file names fonts that it does not carry. Open faces with the same widths are put in; no letter moves, and pages are compared before and after." action="Put them in" go={() => void embed()} first={!toPdf && stored.length === 0 && inPages.length === 0} /> : null}
        {tooLarge ? <Mend title="Make it smaller" note={`${showBytes(file.bytes)}, and ${showBytes(limit!)} are allowed. First what nobody can see goes, then pictures are brought down, no further than needed.`} action="Shrink it" go={() => void shrink()} first={!toPdf && stored.length === 0 && inPages.length === 0} /> : null}
        <Rename key={file.name + proposed} file={file} proposed={proposed} wanted={wants(/^name\.|^file\.extension/)} first={!toPdf && stored.length === 0 && inPages.length === 0} />
      </fieldset>
      <History file={file} files={files} />
    </section>
  );
}

function Mend({ title, note, action, go, first, also, children }: { title: string; note: string; action: string; go: (() => void) | null; first: boolean; also?: { action: string; go: () => void }; children?: React.ReactNode }) {
  return <div style={{ borderTop: '1px solid var(--hair)', paddingTop: 10 }}><strong>{title}</strong><p className="soft small" style={{ margin: '2px 0 8px' }}>{note}</p>{children}<div className="row">{go ? <Button variant={first ? 'contained' : 'outlined'} size="small" onClick={go}>{action}</Button> : null}{also ? <Button variant="outlined" size="small" onClick={also.go}>{also.action}</Button> : null}</div></div>;
}

function Rename({ file, proposed, wanted, first }: { file: FileRow; proposed: string; wanted: boolean; first: boolean }) {
  const [name, setName] = useState(proposed);
  if (!wanted && name === file.name) return null;
  return (
    <form style={{ borderTop: '1px solid var(--hair)', paddingTop: 10 }} onSubmit={(e) => { e.preventDefault(); if (name.trim() && name !== file.name) void keepMended(file, { mend: 'rename', was: file.name }, name.trim(), file.blob, file.kind); }}>
      <strong>Rename by the rule</strong>
      <p className="soft small" style={{ margin: '2px 0 8px' }}>{wanted ? 'The name breaks the rule. This one keeps it; change it if you like.' : 'The name keeps the rule already.'}</p>
      <div className="row"><TextField label="New name" value={name} onChange={(e) => setName(e.target.value)} style={{ minWidth: 320 }} slotProps={{ htmlInput: { className: 'mono' } }} /><Button type="submit" variant={first && wanted ? 'contained' : 'outlined'} size="small" disabled={name === file.name || !name.trim()}>Rename it</Button></div>
    </form>
  );
}

/** What was done to the file, newest first, each with its proof and the way back; the two latest states side by side. */
function History({ file, files }: { file: FileRow; files: FileRow[] }) {
  const [page, setPage] = useState(1);
  const line = lineOf(file, files);
  if (!file.made) return null;
  const before = line[1]!;
  const drawn = file.made.mend !== 'rename' && !('parts' in file.made);
  return (
    <div style={{ marginTop: 18 }}>
      <p className="group-name">Done so far</p>
      {line.filter((f) => f.made).map((f, i) => <div key={f.id} style={{ borderTop: '1px solid var(--hair)', padding: '10px 0' }}><div className="row spread"><strong className="small">{titleOf(f.made!, f.name)}</strong>{i === 0 ? <button className="act small" onClick={() => void undoMend(f)}>Take it back</button> : null}</div><ProofLedger made={f.made!} now={f.name} /></div>)}
      {drawn ? <div className="sheet-side" style={{ marginTop: 8 }}>
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 12, width: '100%' }}>
          <figure style={{ margin: 0 }}><PageView file={before} page={page} width={700} /><figcaption className="tiny soft">before: <span className="mono">{before.name}</span></figcaption></figure>
          <figure style={{ margin: 0 }}><PageView file={file} page={page} width={700} /><figcaption className="tiny soft">after: <span className="mono">{file.name}</span></figcaption></figure>
        </div>
        <div className="row small"><button className="act" disabled={page <= 1} onClick={() => setPage(page - 1)}>previous page</button><span className="soft">page {page}</span><button className="act" onClick={() => setPage(page + 1)}>next page</button></div>
      </div> : null}
    </div>
  );
}
const titleOf = (made: Made, name = ''): string => (made.mend === 'settle' ? made.what : made.mend === 'scan' ? `Made of ${made.parts.length} ${made.parts.length === 1 ? 'photo' : 'photos'}` : made.mend === 'join' ? `Put together from ${made.parts.length} files` : made.mend === 'convert' ? `Converted to ${name.split('.').pop()!.toUpperCase()}` : ({ embed: 'Put the fonts inside', 'text-layer': 'Put the text under the pictures', clean: 'Cleared what the file stored', redact: 'Took my details out', shrink: 'Made smaller', rename: 'Renamed' })[made.mend]);
