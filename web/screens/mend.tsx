import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import { kindNames, laidOut, showBytes, succeed, type Failure } from '../../core/index.ts';
import { carryOut, proposedName, proposeMends, type MendAction, type ProposedMend } from '../mends/propose.ts';
import { FailureNote } from '../parts/failure.tsx';
import { BothEngines } from '../parts/both-engines.tsx';
import { Join } from '../parts/join.tsx';
import { PageView } from '../parts/page-view.tsx';
import { Sheets } from '../parts/sheets.tsx';
import { ProofLedger } from '../parts/proof.tsx';
import { currentFiles, useDetails, useOffice } from '../queries/paper.ts';
import { db, type FileRow, type Made } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { keepMended, lineOf, undoMend } from '../store/papers.ts';
import type { Running } from '../workers/client.ts';
import type { StopProps } from './paper.tsx';

/** Mend: every mend makes a new copy with a proof; the original is never changed, and each can be taken back. */
export function MendStop(props: StopProps) {
  const current = currentFiles(props.files);
  if (current.length === 0) return <p className="pad">There is no file to mend yet. <Link className="act" to={`/papers/${props.paper.id}/bring`}>Bring the paper</Link></p>;
  // Photographed pages go together, where a PDF is asked for or several stand side by side.
  const pictures = current.filter((f) => ['jpeg', 'png', 'tiff'].includes(f.kind)), asked = props.paper.brief.documents, takesPictures = asked.some((d) => d.types.includes('jpeg') || d.types.includes('png')), photos = pictures.length > 1 || (!takesPictures && asked.some((d) => d.types.includes('pdf'))) ? pictures : [];
  const one = asked.length === 1 && asked[0]!.types.includes('pdf'), /* in the order in which they came: which of them was given the one place says nothing here */ joinable = current.filter((f) => !photos.includes(f) && laidOut.includes(f.kind)).sort((a, b) => a.addedAt.localeCompare(b.addedAt));
  // A single photo where a picture is asked for: its sheet is cut out where it was found wanting.
  const askew = pictures.filter((f) => !photos.includes(f) && f.made?.mend !== 'scan' && props.check.row?.result.files.find((r) => r.name === f.name)?.findings.some((x) => x.check.startsWith('photo.') && x.standing !== 'fine'));
  const scanName = `${(photos[0]?.name ?? 'pages').replace(/\.[^.]*$/, '')}.pdf`;
  // Keyed by which files there are and not by their order: it may still settle while another is being chosen.
  return <><div className="stop-head"><h2>Mends</h2><span className="soft tiny">each makes a new copy; the original stays as it is</span></div>{photos.length > 0 ? <Sheets key={photos.map((p) => p.id).sort().join()} photos={photos} name={scanName} /> : null}{askew.map((f) => <Sheets key={`sheet ${f.id}`} photos={[f]} name={`${f.name.replace(/\.[^.]*$/, '')}.jpg`} asPicture />)}{one && joinable.length > 1 ? <Join key={`join ${joinable.map((f) => f.id).sort().join()}`} paper={props.paper} parts={joinable} /> : null}{current.filter((f) => !photos.includes(f)).map((f) => <FileMends key={lineOf(f, props.files).at(-1)!.id} file={f} offered={askew.includes(f)} {...props} />)}</>;
}

/** @param offered - something is offered for it already, above */
function FileMends({ file, paper, files, check, docket, offered }: StopProps & { file: FileRow; offered: boolean }) {
  const details = useDetails() ?? null;
  const [busy, setBusy] = useState<{ what: string; job: Running<unknown>; done: number; of: number } | null>(null), [failure, setFailure] = useState<Pick<Failure, 'message' | 'remedy'> | null>(null), [wording, setWording] = useState('Author');
  const read = check.row?.result.files.find((f) => f.name === file.name);
  const office = useOffice(), [beside, setBeside] = useState(false), context = { file, paper, docket, details, wording, office, findings: read?.findings ?? [] }, mends = proposeMends(context), rename = proposedName(context);
  const together = mends.filter((m) => m.together);
  // What is proposed belongs to the copy that was read last: while the present one is read, nothing is begun by it, and nothing moves away under the pointer.
  const reading = !check.fresh && check.failure === null, waiting = busy !== null || reading;
  const run = async (actions: MendAction[], renamed: boolean): Promise<void> => {
    setFailure(null);
    try {
      const last = renamed ? [...actions, renaming((f) => proposedName({ ...context, file: { ...f, name: file.name } }, f.kind).name)] : actions;
      setFailure(await carryOut(file, last, (id) => db.files.get(id), (what, job) => { setBusy({ what, job, done: 0, of: 0 }); return (done, of) => setBusy((b) => b && { ...b, done, of }); }));
    } catch (e) { setFailure({ message: explainStoreError(e), remedy: '' }); } finally { setBusy(null); }
  };
  return (
    <section className="slot" aria-label={`Mends of ${file.name}`}>
      <div className="mono">{file.name}</div>
      <p className="soft small" style={{ margin: '2px 0 10px' }}>{kindNames[file.kind]}, {showBytes(file.bytes)}{reading ? '; this copy is being read…' : ''}</p>
      {busy ? <div role="status"><LinearProgress variant={busy.of > 0 ? 'determinate' : 'indeterminate'} value={busy.of > 0 ? (100 * busy.done) / busy.of : undefined} aria-label={busy.what} /><div className="row spread small soft"><span>{busy.what}{busy.of > 0 ? `: page ${busy.done} of ${busy.of}` : '…'}</span><button className="act" onClick={busy.job.stop}>Stop</button></div></div> : null}
      {failure ? <FailureNote failure={failure} /> : null}
      {read?.signed ? <p className="small is-look">This file is signed. A mended copy reads the same, but its signature holds no longer: sign the copy again where a signature is asked for.</p> : null}
      {mends.length === 0 && !rename.wanted && !waiting && !offered ? <p className="is-met small">Nothing here can be mended, or everything is.</p> : null}
      <fieldset disabled={waiting} style={{ border: 0, padding: 0, margin: 0, display: 'grid', gap: 14 }}>
        {together.length + (rename.wanted ? 1 : 0) > 1 ? <div className="row spread" style={{ gap: 12 }}><span className="small">{sentence([...together.map((m) => m.title), ...(rename.wanted ? ['Rename it'] : [])])}, one after the other, each with its proof and its way back.</span><Button variant="contained" size="small" onClick={() => void run(together.map((m) => m.actions[0]!), rename.wanted)}>Do all of this</Button></div> : null}
        {mends.map((m, i) => <Mend key={m.id} mend={m} first={i === 0 && together.length < 2} go={(a) => void run([a], false)} beside={m.compare ? () => setBeside(true) : null}>{m.compare && beside ? <BothEngines key={file.id} file={file} to={m.compare} brief={paper.brief} close={() => setBeside(false)} /> : null}{m.id === 'redact' && ['docx', 'docm', 'odt'].includes(file.kind) && m.actions.length > 0 ? <TextField select label="Put in their place" value={wording} onChange={(e) => setWording(e.target.value)} slotProps={{ select: { native: true }, inputLabel: { shrink: true } }} style={{ margin: '4px 0 10px', minWidth: 220 }}><option value="Author">Author</option><option value="[name removed]">[name removed]</option><option value="">nothing</option></TextField> : null}</Mend>)}
        <Rename key={file.name + rename.name} file={file} proposed={rename.name} wanted={rename.wanted} first={mends.length === 0} go={(name) => void run([renaming(() => name)], false)} />
      </fieldset>
      <History key={file.id} file={file} files={files} busy={busy !== null} />
    </section>
  );
}
/** Titles as one sentence: the first keeps its capital. */
const sentence = (titles: string[]): string => titles.map((t, i) => (i === 0 ? t : t[0]!.toLowerCase() + t.slice(1))).join(', ').replace(/, ([^,]*)$/, ' and $1');
/** Renaming needs no work, only a name for the copy as it is by then. */
const renaming = (nameOf: (file: FileRow) => string): MendAction => ({ label: 'Rename it', what: 'Renaming', carryOut: (f) => ({ job: { outcome: Promise.resolve(succeed(null)), stop: () => {}, withdraw: () => {} }, keep: async () => ({ id: await keepMended(f, { mend: 'rename', was: f.name }, nameOf(f), f.blob, f.kind) }) }) });

function Mend({ mend: { title, note, actions }, first, go, beside, children }: { mend: ProposedMend; first: boolean; go: (action: MendAction) => void; beside: (() => void) | null; children?: React.ReactNode }) {
  return <div style={{ borderTop: '1px solid var(--hair)', paddingTop: 10 }}><strong>{title}</strong><p className="soft small" style={{ margin: '2px 0 8px' }}>{note}</p>{children}<div className="row">{actions.map((a, i) => <Button key={a.label} variant={first && i === 0 ? 'contained' : 'outlined'} size="small" onClick={() => go(a)}>{a.label}</Button>)}{beside ? <button type="button" className="act" onClick={beside}>Compare both engines</button> : null}</div></div>;
}

function Rename({ file, proposed, wanted, first, go }: { file: FileRow; proposed: string; wanted: boolean; first: boolean; go: (name: string) => void }) {
  const [name, setName] = useState(proposed);
  if (!wanted && name === file.name) return null;
  return (
    <form style={{ borderTop: '1px solid var(--hair)', paddingTop: 10 }} onSubmit={(e) => { e.preventDefault(); if (name.trim() && name !== file.name) go(name.trim()); }}>
      <strong>Rename by the rule</strong>
      <p className="soft small" style={{ margin: '2px 0 8px' }}>{wanted ? 'The name breaks the rule. This one keeps it; change it if you like.' : 'The name keeps the rule already.'}</p>
      <div className="row"><TextField label="New name" value={name} onChange={(e) => setName(e.target.value)} style={{ minWidth: 400 }} slotProps={{ htmlInput: { className: 'mono' } }} /><Button type="submit" variant={first && wanted ? 'contained' : 'outlined'} size="small" disabled={name === file.name || !name.trim()}>Rename it</Button></div>
    </form>
  );
}

/** What was done to the file, newest first, each with its proof and the way back; the two latest states side by side. */
function History({ file, files, busy }: { file: FileRow; files: FileRow[]; busy: boolean }) {
  const line = lineOf(file, files);
  // Of a paper that was made smaller, the page whose pictures changed most is the one to look at.
  const [page, setPage] = useState((file.made?.mend === 'shrink' && file.made.proof.worstPage) || 1);
  if (!file.made) return null;
  const before = line[1]!;
  const drawn = file.made.mend !== 'rename' && !('parts' in file.made);
  return (
    <div style={{ marginTop: 18 }}>
      <p className="group-name">Done so far</p>
      {line.filter((f) => f.made).map((f, i) => <div key={f.id} style={{ borderTop: '1px solid var(--hair)', padding: '10px 0' }}><div className="row spread"><strong className="small">{titleOf(f.made!, f.name)}</strong>{i === 0 ? <button className="act small" disabled={busy} onClick={() => void undoMend(f)}>Take it back</button> : null}</div><ProofLedger made={f.made!} now={f.name} /></div>)}
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
const titleOf = (made: Made, name = ''): string => (made.mend === 'settle' ? made.what : made.mend === 'scan' ? `Made of ${made.parts.length} ${made.parts.length === 1 ? 'photo' : 'photos'}` : made.mend === 'join' ? `Put together from ${made.parts.length} files` : made.mend === 'convert' ? `Converted to ${name.split('.').pop()!.toUpperCase()}${made.engine === 'office' ? ' by the office engine' : ''}` : ({ archive: 'Written for long keeping', embed: 'Put the fonts inside', 'text-layer': 'Put the text under the pictures', clean: 'Cleared what the file stored', redact: 'Took my details out', shrink: 'Made smaller', rename: 'Renamed' })[made.mend]);
