import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Failure } from '../../core/index.ts';
import type { FileRow, PaperRow } from '../store/db.ts';
import { keepHandedIn } from '../store/send.ts';
import { deskPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { fileStem } from '../../core/naming/stem.ts';
import { saveAs } from './save-as.ts';

/** The common case that the set is handed in at another site by hand: exactly these files, what to do there, and the way back to Confirm. */
export function Elsewhere({ paper, files, ready }: { paper: PaperRow; files: FileRow[]; ready: boolean }) {
  const navigate = useNavigate(), [failure, setFailure] = useState<Failure | null>(null);
  const write = async (): Promise<void> => {
    setFailure(null);
    const list = new Blob([todo(paper, files)], { type: 'text/plain' });
    const o = await deskPool.run((api) => api.pack([...files.map((f) => ({ path: `set/${f.name}`, blob: f.blob })), { path: 'what-to-do.txt', blob: list }])).outcome;
    if (o.ok) saveAs(o.value, `${fileStem('hand-in', paper.brief.place ?? paper.title)}.zip`); else setFailure(o);
  };
  return (
    <details className="small" style={{ marginTop: 18, borderTop: '1px solid var(--hair)', paddingTop: 12 }}>
      <summary>It is handed in at another site</summary>
      <ol style={{ paddingLeft: 20, margin: '8px 0' }}>
        <li>Take the set with you: {files.length === 1 ? 'the file' : `${files.length} files`} with exactly the right {files.length === 1 ? 'name' : 'names'}.</li>
        <li>Open the place{paper.brief.place ? <> “{paper.brief.place}”</> : null} there and look that it is the right one.</li>
        <li>Choose {files.map((f, i) => <span key={f.id}>{i > 0 ? ' and ' : ''}<span className="mono">{f.name}</span></span>)}; leave the title as the file name{paper.brief.anonymous ? '; write nothing that names you' : ''}.</li>
        <li>Send it and wait for the receipt. Attached is not sent.</li>
        <li>Come back here with the receipt: as a file, a screenshot or copied text.</li>
      </ol>
      {failure ? <FailureNote failure={failure} /> : null}
      <div className="row"><Button variant="outlined" size="small" disabled={!ready} onClick={() => void write()}>Take the set as a ZIP</Button><button className="act" disabled={!ready} onClick={() => void keepHandedIn(paper, files).then(() => navigate(`/papers/${paper.id}/confirm`))}>I have handed it in there</button></div>
    </details>
  );
}
function todo(paper: PaperRow, files: FileRow[]): string {
  return ['What to do', '', `1. Open the place “${paper.brief.place ?? paper.title}”${paper.course ? ` of ${paper.course}` : ''} and look that it is the right one.`, `2. Choose ${files.length === 1 ? 'this file' : 'these files, all of them'} from the folder “set”:`, ...files.flatMap((f) => [`     ${f.name}`, `     ${f.bytes.toLocaleString('en')} bytes, SHA-256 ${f.sha256}`]), '3. Leave the title as the file name.', ...(paper.brief.declaration ? ['4. Declare the work as your own where it asks.'] : []), `${paper.brief.declaration ? 5 : 4}. Send it and wait until a receipt is shown. Keep the receipt.`, `${paper.brief.declaration ? 6 : 5}. Bring the receipt back to Hand Over, to Confirm.`, ...(paper.brief.due ? ['', `Due: ${paper.brief.extension ?? paper.brief.due}`] : []), ''].join('\r\n');
}
