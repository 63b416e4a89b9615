import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { BagReading } from '../../core/evidence/bag.ts';
import { showBytes, type Failure } from '../../core/index.ts';
import type { PaperRow } from '../store/db.ts';
import { evidenceOf } from '../store/evidence.ts';
import { deskPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { saveAs } from './save-as.ts';
import { Section } from './section.tsx';
import { Mark } from './standing.tsx';

type Read = Omit<BagReading, 'payload'>;

/** Everything that proves what went, as one bag; and a look whether a bag still holds. */
export function Evidence({ paper }: { paper: PaperRow }) {
  const input = useRef<HTMLInputElement>(null), [failure, setFailure] = useState<Failure | null>(null), [read, setRead] = useState<{ name: string; bag: Read } | null>(null), [busy, setBusy] = useState(false);
  const write = async (): Promise<void> => {
    setBusy(true); setFailure(null);
    const { name, files, info, at } = await evidenceOf(paper), o = await deskPool.run((api) => api.writeBag(name, files, info, at)).outcome;
    setBusy(false);
    if (o.ok) saveAs(o.value, `${name}.zip`); else setFailure(o);
  };
  const check = async (file: File): Promise<void> => {
    setFailure(null); setRead(null);
    const o = await deskPool.run((api) => api.readBag({ name: file.name, blob: file })).outcome;
    if (o.ok) setRead({ name: file.name, bag: o.value }); else setFailure(o);
  };
  return (
    <Section title="Evidence">
      <p className="soft small" style={{ margin: '0 0 8px' }}>The exact files, the brief with its wording, every mend with its proof, receipts and what happened when, with checksums of all of it (BagIt, RFC 8493).</p>
      <div className="row"><Button variant="outlined" size="small" disabled={busy} onClick={() => void write()}>{busy ? 'Packing…' : 'Take the evidence bag'}</Button>
        <input ref={input} type="file" accept=".zip" hidden aria-label="Check an evidence bag" onChange={(e) => { const f = e.target.files?.[0]; if (f) void check(f); e.target.value = ''; }} />
        <button className="act" onClick={() => input.current?.click()}>Check a bag that you kept</button></div>
      {failure ? <div style={{ marginTop: 10 }}><FailureNote failure={failure} /></div> : null}
      {read ? <div style={{ marginTop: 10 }}>
        <p style={{ margin: 0 }}><span className="mono">{read.name}</span> <Mark standing={read.bag.valid ? 'met' : 'notMet'} word={read.bag.valid ? `holds: all ${read.bag.files.length} files are as they were packed` : 'was altered'} /></p>
        {[...read.bag.problems, ...read.bag.missing.map((m) => `“${m}” is missing.`), ...read.bag.files.filter((f) => f.standing !== 'same').map((f) => (f.standing === 'altered' ? `“${f.path}” was altered.` : `“${f.path}” (${showBytes(f.bytes)}) was added later.`))].map((p) => <p key={p} className="small is-notMet" style={{ margin: '2px 0' }}>{p}</p>)}
      </div> : null}
    </Section>
  );
}
