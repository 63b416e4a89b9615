import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useRef, type ReactNode } from 'react';
import { Link } from 'react-router';
import { kindNames, showBytes, showName, type DocumentDemand } from '../../core/index.ts';
import { wayOn } from '../../core/tables/ways-on.ts';
import { Mark } from './standing.tsx';
import { PageView } from './page-view.tsx';
import type { CheckState } from '../queries/paper.ts';
import { saidOf } from '../queries/said-of.ts';
import type { FileRow } from '../store/db.ts';
import { fromDisk, type Incoming } from '../store/bring.ts';
import { lineOf, setSlot } from '../store/papers.ts';

interface Shared {
  file: FileRow; files: FileRow[]; check: CheckState; slots: DocumentDemand[]; handle: ReactNode;
  unpack: (f: FileRow) => void; versions: (earlier: FileRow, later: FileRow) => void; remove: (f: FileRow) => void; replace: (f: FileRow, l: Incoming[]) => void;
}
export const drawable = (file: FileRow): boolean => ['pdf', 'docx', 'docm', 'odt', 'rtf', 'txt', 'html', 'markdown', 'jpeg', 'png', 'tiff', 'gif', 'bmp'].includes(file.kind);

/** What the check says of the file itself, in one mark. */
function standingOf(file: FileRow, check: CheckState): 'met' | 'notMet' | 'look' | 'unread' {
  const own = saidOf(check.row, file).lines.filter((l) => l.id.startsWith('file.'));
  return own.some((l) => l.standing === 'notMet') ? 'notMet' : own.some((l) => l.standing === 'look') ? 'look' : own.length > 0 ? 'met' : 'unread';
}
/** The first sentence about the file or its name that needs the student. */
function trouble(file: FileRow, check: CheckState): string | null {
  const said = saidOf(check.row, file), found = said.file?.findings ?? [];
  return (found.find((f) => f.standing === 'stops' && /^file\./.test(f.check)) ?? said.among.find((f) => /^set\.(earlier|template)/.test(f.check)) ?? found.find((f) => /^(file|name)\./.test(f.check)))?.message ?? null;
}
/** Every other state of this file that is kept: those it was made from, and those it took the place of. */
export function versionsOf(file: FileRow, files: FileRow[]): FileRow[] {
  const line = lineOf(file, files);
  const others = files.filter((f) => f.id !== file.id && !line.includes(f) && f.state === 'replaced' && f.slot === file.slot && f.slot !== null && !files.some((g) => g.parent === f.id));
  return [...line.slice(1), ...others].sort((a, b) => b.addedAt.localeCompare(a.addedAt));
}
const twins = (file: FileRow, files: FileRow[]): FileRow[] => files.filter((f) => f.state === 'current' && f.id !== file.id && f.sha256 !== '' && f.sha256 === file.sha256);

/** A file that answers for a document: its first page, what it is, where it comes from. */
export function FileCard({ file, files, check, slots, handle, unpack, versions, remove, replace }: Shared) {
  const input = useRef<HTMLInputElement>(null);
  const facts = saidOf(check.row, file).file;
  const before = versionsOf(file, files), counting = check.running || file.reading;
  const said = trouble(file, check), twin = twins(file, files)[0];
  return (
    <div className="row file-card" style={{ alignItems: 'flex-start', flexWrap: 'nowrap', gap: 16 }}>
      {handle}
      <Link to={`/papers/${file.paperKey}/pages/${file.id}`} aria-label={`Look at the pages of ${file.name}`} style={{ width: 150, flex: 'none', border: '1px solid var(--rule)', background: 'var(--desk)', color: 'inherit', textDecoration: 'none' }}>{drawable(file) && facts?.encrypted !== 'needs password' ? <PageView file={file} page={1} width={300} /> : <div className="soft tiny" style={{ padding: 16 }}>no page to show</div>}</Link>
      <div style={{ minWidth: 0, flex: 1 }}>
        <div className="mono" style={{ fontSize: '1rem' }}>{showName(file.name)}</div>
        <dl className="facts">
          <dt>Content</dt><dd>{file.reading ? 'looking…' : kindNames[file.kind]} <Mark standing={standingOf(file, check)} /></dd>
          <dt>Size</dt><dd>{showBytes(file.bytes)}</dd>
          <dt>Pages</dt><dd>{facts ? facts.pages ?? 'set by the program that opens it' : counting ? 'counting…' : '–'}</dd>
          <dt>Words</dt><dd>{facts?.words?.toLocaleString('en') ?? (counting ? 'counting…' : '–')}</dd>
          {file.from ? <><dt>From</dt><dd>{file.from}</dd></> : null}
          <dt>SHA-256</dt><dd className="mono tiny">{file.sha256 || '…'}</dd>
        </dl>
        {said ? <p className={`small ${standingOf(file, check) === 'notMet' ? 'is-notMet' : ''}`} style={{ margin: '6px 0' }}>{said}</p> : null}
        {twin ? <p className="small is-look" style={{ margin: '6px 0' }}>The same bytes as <span className="mono">{showName(twin.name)}</span>.</p> : null}
        {!file.reading && wayOn[file.kind] && !slots[file.slot ?? -1]?.types.includes(file.kind) ? <p className="small soft" style={{ margin: '6px 0' }}>{wayOn[file.kind]}</p> : null}
        <div className="row small">
          {slots.length > 1 ? <PlaceSelect file={file} slots={slots} /> : null}
          <input ref={input} type="file" hidden aria-label="Choose another file" onChange={(e) => { const l = [...(e.target.files ?? [])]; if (l.length > 0) replace(file, l.map(fromDisk)); e.target.value = ''; }} />
          <Button component={Link} to={`/papers/${file.paperKey}/pages/${file.id}`} variant="outlined" size="small">All pages</Button>
          <button type="button" className="act" onClick={() => input.current?.click()}>Bring a newer one</button>
          {file.kind === 'zip' || file.kind === 'gz' ? <button type="button" className="act" onClick={() => unpack(file)}>Unpack it</button> : null}
          <button className="act" onClick={() => remove(file)}>Take away</button>
        </div>
        {before.length > 0 ? (
          <div className="small" style={{ marginTop: 10 }}><span className="soft">Kept, earlier in its line:</span>
            <ol className="plain" aria-label={`Earlier versions of ${file.name}`} style={{ marginTop: 2 }}>{before.map((v) => <li key={v.id} className="row" style={{ gap: 10 }}><span className="mono">{showName(v.name)}</span><span className="soft tiny">{showBytes(v.bytes)}{file.made && v.id === file.parent ? `, before: ${file.made.mend}` : ''}</span><button type="button" className="act" onClick={() => versions(v, file)}>What changed</button></li>)}</ol>
          </div>
        ) : null}
      </div>
    </div>
  );
}

/** A file among many, in one row. */
export function FileLine({ file, files, check, slots, handle, unpack, versions, remove }: Shared) {
  const said = trouble(file, check), twin = twins(file, files)[0];
  const alike = saidOf(check.row, file).among.find((f) => f.check === 'set.earlier-version');
  const other = alike ? files.find((f) => f.state === 'current' && f.name === alike.data.other) : undefined;
  return (
    <div className="row file-line">
      {handle}
      <div className="file-line-words">
        <div className="row" style={{ gap: 14 }}><span className="mono" style={{ flex: '1 1 200px' }}>{showName(file.name)}</span><span className="small">{file.reading ? 'looking…' : kindNames[file.kind]} <Mark standing={standingOf(file, check)} /></span><span className="small soft" style={{ width: 74, textAlign: 'right' }}>{showBytes(file.bytes)}</span></div>
        {said || twin ? <div className="tiny soft">{twin ? `The same bytes as ${twin.name}.` : said}</div> : null}
      <span className="row small" style={{ gap: 14, marginTop: 2 }}>
        {slots.length > 0 ? <label className="soft">answers for <select value={file.slot !== null && file.slot < slots.length ? file.slot : ''} onChange={(e) => void setSlot(file, e.target.value === '' ? null : Number(e.target.value))}><option value="">nothing</option>{slots.map((d, i) => <option key={i} value={i}>{d.label ?? `document ${i + 1}`}</option>)}</select></label> : null}
        {drawable(file) ? <Link className="act" to={`/papers/${file.paperKey}/pages/${file.id}`}>Look</Link> : null}
        {other ? <button type="button" className="act" onClick={() => versions(file, other)}>What changed</button> : null}
        {file.kind === 'zip' || file.kind === 'gz' ? <button type="button" className="act" onClick={() => unpack(file)}>Unpack it</button> : null}
        <button className="act" onClick={() => remove(file)}>Take away</button>
      </span>
      </div>
    </div>
  );
}

function PlaceSelect({ file, slots }: { file: FileRow; slots: DocumentDemand[] }) {
  return <TextField select size="small" label="Answers for" value={file.slot !== null && file.slot < slots.length ? file.slot : ''} onChange={(e) => void setSlot(file, e.target.value === '' ? null : Number(e.target.value))} style={{ minWidth: 150 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}><MenuItem value="">nothing</MenuItem>{slots.map((d, i) => <MenuItem key={i} value={i}>{d.label ?? `document ${i + 1}`}</MenuItem>)}</TextField>;
}
