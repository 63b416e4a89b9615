import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useState } from 'react';
import { Link } from 'react-router';
import { kindNames, showName } from '../../core/index.ts';
import { BringIn } from '../parts/bring-in.tsx';
import { FileCard, FileLine } from '../parts/file-card.tsx';
import { Carried, DropPlace, PlaceBoard } from '../parts/place-board.tsx';
import { VersionsView } from '../parts/versions.tsx';
import { currentFiles } from '../queries/paper.ts';
import type { FileRow } from '../store/db.ts';
import { bringFiles, type Brought, type Incoming } from '../store/bring.ts';
import { explainStoreError } from '../store/explain.ts';
import { confirmSlots, removeFile, restoreFile, setSlot } from '../store/papers.ts';
import { asProgress, workPool } from '../workers/client.ts';
import type { StopProps } from './paper.tsx';

/** Bring: the files, each answering one of the documents that are asked for, each in its newest version. */
export function BringStop({ paper, files, check }: StopProps) {
  const [said, setSaid] = useState<string | null>(null), [failed, setFailed] = useState<Brought['failed']>([]), [removed, setRemoved] = useState<FileRow | null>(null), [busy, setBusy] = useState(false), [pair, setPair] = useState<[string, string] | null>(null);
  const current = currentFiles(files), slots = paper.brief.documents, reading = current.filter((f) => f.reading).length;
  const bring = async (list: Incoming[], slot?: number | null): Promise<void> => {
    if (list.length === 0) return;
    setBusy(true);
    try { setFailed((await bringFiles(paper, list, slot)).failed); setSaid(null); } catch (e) { setSaid(explainStoreError(e)); } finally { setBusy(false); }
  };
  const unpack = async (file: FileRow): Promise<void> => {
    const out = await workPool.run((api) => api.unpack({ name: file.name, blob: file.blob }, asProgress(() => {}))).outcome;
    if (!out.ok) { setSaid(`${out.message} ${out.remedy}`); return; }
    await removeFile(file);
    await bring(out.value.documents.map((d) => ({ name: d.name, blob: d.blob, fileTime: null, from: `${file.name}${d.folder ? `, folder ${d.folder}` : ''}` })));
    const left = out.value.left.filter((l) => l.why !== 'hidden');
    if (left.length > 0) setFailed(left.map((l) => ({ name: l.name, why: whyLeft[l.why]! })));
  };
  const [a, b] = [files.find((f) => f.id === pair?.[0]), files.find((f) => f.id === pair?.[1])];
  if (a && b) return <><div className="stop-head"><h2>Two versions</h2></div><VersionsView first={a} second={b} close={() => setPair(null)} take={(newer) => { void takeNewer(newer, newer === a ? b : a); }} /></>;
  const loose = current.filter((f) => f.slot === null || f.slot >= slots.length);
  const proposed = current.filter((f) => f.proposed && f.slot !== null && f.slot < slots.length);
  const shared = { files, check, slots, unpack: (f: FileRow) => void unpack(f), versions: (x: FileRow, y: FileRow) => setPair([x.id, y.id]), remove: (f: FileRow) => { void removeFile(f); setRemoved(f); }, replace: (f: FileRow, l: Incoming[]) => void bring(l, f.slot) };
  return (
    <>
      <div className="stop-head"><h2>The files</h2><span className="soft tiny">nothing leaves this browser</span></div>
      <div className="pad">
        <BringIn paper={paper} bring={(l) => void bring(l)} busy={busy} />
        {reading > 0 ? <div role="status" className="small soft" style={{ marginTop: 8 }}><LinearProgress variant="determinate" value={(100 * (current.length - reading)) / current.length} aria-label="Looking at the files" />{current.length - reading} of {current.length} looked at</div> : null}
        {reading === 0 && check.running && current.length > 8 ? <p role="status" className="small soft" style={{ margin: '8px 0 0' }}>{check.progress ? `Checking: ${check.progress.done} of ${check.progress.of} ${check.progress.what}` : 'Checking…'}</p> : null}
        {said ? <p className="failure small" role="alert">{said}</p> : null}
        {failed.length > 0 ? <div className="failure small" role="alert"><strong>{failed.length === 1 ? 'One file was' : `${failed.length} files were`} not taken in; the others are here.</strong>{failed.slice(0, 5).map((f, i) => <div key={i}><span className="mono">{showName(f.name)}</span>: {f.why}</div>)}{failed.length > 5 ? <div>… and {failed.length - 5} more.</div> : null} <button type="button" className="act" onClick={() => setFailed([])}>All right</button></div> : null}
        {removed ? <p role="status" className="small">“<span className="mono">{showName(removed.name)}</span>” is taken away. <button className="act" onClick={() => { void restoreFile(removed); setRemoved(null); }}>Put it back</button></p> : null}
        {proposed.length > 0 && slots.length > 1 ? <p className="small row" style={{ margin: '10px 0 0' }}><span>Which file answers for which document is our proposal, by kind, name and first words.</span><Button size="small" variant="outlined" onClick={() => void confirmSlots(paper.id)}>That is right</Button></p> : null}
      </div>
      {slots.length === 0 ? <p className="pad soft">What is asked for is not settled yet. <Link className="act" to={`/papers/${paper.id}/read`}>Read the assignment first</Link>, or bring the files and sort them later.</p> : null}
      <PlaceBoard names={(id) => current.find((f) => f.id === id)?.name ?? (id === 'loose' ? 'no document' : slots[Number(id.slice(5))]?.label ?? `document ${Number(id.slice(5)) + 1}`)} give={(id, slot) => { const f = current.find((x) => x.id === id); if (f && f.slot !== slot) void setSlot(f, slot); }}>
        {slots.map((d, i) => {
          const file = current.find((f) => f.slot === i), label = d.label ?? `Document ${i + 1}`;
          return (
            <DropPlace key={i} slot={i} label={label}>
              <h3>{label} <span className="soft tiny" style={{ fontWeight: 400 }}>{d.types.map((t) => kindNames[t]).join(' or ')}{file?.proposed && slots.length > 1 ? ' · proposed' : ''}</span></h3>
              {file ? <Carried id={file.id} name={file.name}>{(handle) => <FileCard file={file} handle={slots.length > 1 || loose.length > 0 ? handle : null} {...shared} />}</Carried>
                : <p className="soft small" style={{ margin: 0 }}>Nothing answers for it yet. Drop a file above{loose.length > 0 ? ', or give it one of the files below' : ''}.</p>}
            </DropPlace>
          );
        })}
        {loose.length > 0 ? (
          <DropPlace slot={null} label="Answers for nothing yet">
            <h3>{slots.length > 0 ? 'Answers for nothing yet' : 'Brought'} <span className="soft tiny" style={{ fontWeight: 400 }}>{loose.length} {loose.length === 1 ? 'file' : 'files'}</span></h3>
            {loose.map((f) => <Carried key={f.id} id={f.id} name={f.name}>{(handle) => (slots.length === 0 && loose.length === 1 ? <FileCard file={f} handle={null} {...shared} /> : <FileLine file={f} handle={slots.length > 0 ? handle : null} {...shared} />)}</Carried>)}
          </DropPlace>
        ) : null}
      </PlaceBoard>
    </>
  );
}
const whyLeft: Record<string, string> = { path: 'its path leads out of the archive, so it was left inside', password: 'it is locked with a password', damaged: 'it cannot be unpacked', many: 'the archive holds too many files' };

/** The newer of two takes the older one's place. */
async function takeNewer(newer: FileRow, older: FileRow): Promise<void> {
  if (newer.state !== 'current') await restoreFile(newer);
  await setSlot(newer, older.slot);
  if (older.state === 'current') await removeFile(older);
}
