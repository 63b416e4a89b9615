import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link } from 'react-router';
import { kindNames, showBytes } from '../../core/index.ts';
import { Mark } from '../parts/standing.tsx';
import { PageView } from '../parts/page-view.tsx';
import { currentFiles } from '../queries/paper.ts';
import type { FileRow } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { bringFiles, lineOf, removeFile, restoreFile, setSlot } from '../store/papers.ts';
import type { StopProps } from './paper.tsx';

/** Bring: the files, each answering one of the documents that are asked for. */
export function BringStop({ paper, files, check }: StopProps) {
  const [said, setSaid] = useState<string | null>(null), [removed, setRemoved] = useState<FileRow | null>(null), [busy, setBusy] = useState(false);
  const current = currentFiles(files), slots = paper.brief.documents;
  const bring = async (list: File[], slot?: number | null): Promise<void> => {
    setBusy(true);
    try { await bringFiles(paper, list, slot); setSaid(null); } catch (e) { setSaid(explainStoreError(e)); } finally { setBusy(false); }
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({ onDrop: (list) => void bring(list), noClick: false });
  const loose = current.filter((f) => f.slot === null || f.slot >= slots.length);
  const standing = (f: FileRow) => {
    const own = check.row?.result.docket.filter((l) => l.document === f.name && /^file\./.test(l.id)) ?? [];
    return own.some((l) => l.standing === 'notMet') ? 'notMet' : own.some((l) => l.standing === 'look') ? 'look' : own.length > 0 ? 'met' : 'unread';
  };
  return (
    <>
      <div className="stop-head"><h2>The files</h2><span className="soft tiny">nothing leaves this browser</span></div>
      <div className="pad">
        <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}`, 'aria-label': 'Drop files here or choose them' })}>
          <input {...getInputProps({ 'aria-label': 'Choose files' })} />
          {busy ? 'Taking them in…' : isDragActive ? 'Let go: they are kept as they are.' : <>Drop the paper here, or <button type="button" className="act" onClick={(e) => { e.stopPropagation(); open(); }}>choose it</button>.</>}
        </div>
        {said ? <p className="failure small" role="alert">{said}</p> : null}
        {removed ? <p role="status" className="small">“<span className="mono">{removed.name}</span>” is taken away. <button className="act" onClick={() => { void restoreFile(removed); setRemoved(null); }}>Put it back</button></p> : null}
      </div>
      {slots.length === 0 ? <p className="pad soft">What is asked for is not settled yet. <Link className="act" to={`/papers/${paper.id}/read`}>Read the assignment first</Link>, or bring the files and sort them later.</p> : null}
      {slots.map((d, i) => {
        const file = current.find((f) => f.slot === i);
        return (
          <section key={i} className="slot" aria-label={d.label ?? `Document ${i + 1}`}>
            <h3>{d.label ?? `Document ${i + 1}`} <span className="soft tiny" style={{ fontWeight: 400 }}>{d.types.map((t) => kindNames[t]).join(' or ')}</span></h3>
            {file ? <FileCard file={file} files={files} slots={slots.length} check={check} standing={standing(file)} replace={(l) => void bring(l, i)} remove={() => { void removeFile(file); setRemoved(file); }} />
              : <p className="soft small" style={{ margin: 0 }}>Nothing answers for it yet. Drop a file above{loose.length > 0 ? ', or give it one of the files below' : ''}.</p>}
          </section>
        );
      })}
      {loose.map((f) => <section key={f.id} className="slot" aria-label={`Not assigned: ${f.name}`}><h3>{slots.length > 0 ? 'Answers for nothing yet' : 'Brought'}</h3><FileCard file={f} files={files} slots={slots.length} check={check} standing={standing(f)} replace={(l) => void bring(l, f.slot)} remove={() => { void removeFile(f); setRemoved(f); }} /></section>)}
    </>
  );
}

function FileCard({ file, files, slots, check, standing, replace, remove }: { file: FileRow; files: FileRow[]; slots: number; check: StopProps['check']; standing: 'met' | 'notMet' | 'look' | 'unread'; replace: (l: File[]) => void; remove: () => void }) {
  const input = useRef<HTMLInputElement>(null);
  const facts = check.row?.result.files.find((f) => f.sha256 === file.sha256 && f.name === file.name);
  const line = lineOf(file, files).slice(1);
  const drawable = ['pdf', 'docx', 'odt', 'rtf', 'txt', 'html', 'markdown', 'jpeg', 'png', 'tiff'].includes(file.kind) && facts?.encrypted !== 'needs password';
  return (
    <div className="row file-card" style={{ alignItems: 'flex-start', flexWrap: 'nowrap', gap: 20 }}>
      <div style={{ width: 150, flex: 'none', border: '1px solid var(--rule)', background: 'var(--desk)' }}>{drawable ? <PageView file={file} page={1} width={300} /> : <div className="soft tiny" style={{ padding: 16 }}>no page to show</div>}</div>
      <div style={{ minWidth: 0 }}>
        <div className="mono" style={{ fontSize: '1rem' }}>{file.name}</div>
        <dl className="facts">
          <dt>Content</dt><dd>{kindNames[file.kind]} <Mark standing={standing} /></dd>
          <dt>Size</dt><dd>{showBytes(file.bytes)}</dd>
          <dt>Pages</dt><dd>{facts ? facts.pages ?? 'set by the program that opens it' : check.running ? 'counting…' : '–'}</dd>
          <dt>Words</dt><dd>{facts?.words?.toLocaleString('en') ?? (check.running ? 'counting…' : '–')}</dd>
          <dt>SHA-256</dt><dd className="mono tiny">{file.sha256}</dd>
          {line.length > 0 ? <><dt>Made from</dt><dd className="mono">{line.map((f) => f.name).join(' ← ')}</dd></> : null}
        </dl>
        <div className="row small">
          {slots > 1 || file.slot === null ? <TextField select size="small" label="Answers for" value={file.slot ?? ''} onChange={(e) => void setSlot(file.id, e.target.value === '' ? null : Number(e.target.value))} style={{ minWidth: 160 }}><MenuItem value="">nothing</MenuItem>{Array.from({ length: slots }, (_, i) => <MenuItem key={i} value={i}>document {i + 1}</MenuItem>)}</TextField> : null}
          <input ref={input} type="file" hidden aria-label="Choose another file" onChange={(e) => { const l = [...(e.target.files ?? [])]; if (l.length > 0) replace(l); e.target.value = ''; }} />
          <Button variant="outlined" size="small" onClick={() => input.current?.click()}>Replace</Button>
          <button className="act" onClick={remove}>Take away</button>
        </div>
      </div>
    </div>
  );
}
