import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { groundWords, showName, type Failure, type Versions } from '../../core/index.ts';
import type { FileRow } from '../store/db.ts';
import { deskPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';

/** Which of two versions is newer, on what that rests, and what changed between them. */
export function VersionsView({ first, second, take, close }: { first: FileRow; second: FileRow; take: (newer: FileRow) => void; close: () => void }) {
  const [read, setRead] = useState<Versions | null>(null), [failure, setFailure] = useState<Failure | null>(null);
  const top = useRef<HTMLElement>(null);
  useEffect(() => { top.current?.scrollIntoView({ block: 'center' }); }, []);
  useEffect(() => {
    let wanted = true;
    setRead(null); setFailure(null);
    const job = deskPool.run((api) => api.versions({ name: first.name, blob: first.blob }, { name: second.name, blob: second.blob }, [first.fileTime ?? null, second.fileTime ?? null]));
    void job.outcome.then((o) => { if (!wanted) return; if (o.ok) setRead(o.value); else setFailure(o); });
    return () => { wanted = false; job.stop(); };
  }, [first, second]);
  // A copy made here is newer than what it was made from, whatever the files say of themselves.
  const madeHere = second.parent === first.id ? second : first.parent === second.id ? first : null;
  const newer = madeHere ?? (read?.order.newer === 'first' ? first : read?.order.newer === 'second' ? second : null);
  const other = newer === first ? second : first;
  return (
    <section className="pad" aria-label="Two versions" ref={top}>
      <div className="row spread"><h3 className="serif" style={{ margin: 0, fontSize: '1.1rem' }}>Which is the right one?</h3><button type="button" className="act" onClick={close}>Back to the files</button></div>
      {failure ? <FailureNote failure={failure} /> : !read ? <p className="soft" role="status">Comparing word by word…</p> : (
        <>
          <p style={{ margin: '8px 0' }}>{newer ? <><strong className="mono">{showName(newer.name)}</strong> is the newer one{madeHere || read.order.certain ? ', for certain' : ''}. It was read against <span className="mono">{showName(other.name)}</span>.</> : read.order.related ? 'Nothing in the two files tells which is newer. Look at what changed.' : 'These are two different texts, not two versions of one.'}</p>
          {madeHere ? <p className="small soft" style={{ margin: 0 }}>It was made from the other one here, in Mend.</p> : null}
          {!madeHere && read.order.grounds.length > 0 ? (
            <table className="ledger" aria-label="On what it rests"><thead><tr><th>It rests on</th><th>{showName(first.name)}</th><th>{showName(second.name)}</th></tr></thead>
              <tbody>{read.order.grounds.map((g) => <tr key={g.why}><td>{says[g.why] ?? groundWords[g.why]}{newer && g.newer !== (newer === first ? 'first' : 'second') ? <span className="is-look"> (speaks the other way)</span> : null}</td><td className="mono tiny">{g.first}</td><td className="mono tiny">{g.second}</td></tr>)}</tbody></table>
          ) : null}
          <p className="small" style={{ margin: '14px 0 6px' }}>{read.changes.added + read.changes.removed === 0 ? 'Word for word the same.' : <><strong>{read.changes.removed.toLocaleString('en')}</strong> words went and <strong>{read.changes.added.toLocaleString('en')}</strong> came, from <span className="mono">{showName(first.name)}</span> to <span className="mono">{showName(second.name)}</span>; {read.changes.same.toLocaleString('en')} stayed.</>}</p>
          <ChangedText changes={read.changes} />
          {newer ? <div style={{ marginTop: 12 }}>{newer.state === 'current' && newer.slot !== null ? <span className="small is-met">The newer one is in its place.</span> : <Button variant="contained" onClick={() => take(newer)}>Use the newer one</Button>}</div> : null}
        </>
      )}
    </section>
  );
}
const says: Record<string, string> = { savedInside: 'one is an earlier state inside the other', revisionIds: 'editing sessions that left a trace', changesAccepted: 'tracked changes still open', saves: 'times saved', editingTime: 'time spent editing', modified: 'last change, as stored in the file', leftovers: 'places left to fill in', comments: 'comments left', textDate: 'date on the first page', nameMark: 'its name', fileTime: 'last change on disk' };

/** What stayed is folded away beyond a few words, so that every change fits the eye. */
export function ChangedText({ changes }: { changes: Versions['changes'] }) {
  const [shown, setShown] = useState(200);
  const parts = changes.stretches;
  if (changes.added + changes.removed === 0) return null;
  return (
    <div className="changed serif" tabIndex={0} aria-label="What changed">
      {parts.slice(0, shown).map((s, i) => {
        const text = s.words.join(' ');
        if (s.kind === 'added') return <ins key={i}>{text} </ins>;
        if (s.kind === 'removed') return <del key={i}>{text} </del>;
        const n = s.words.length;
        return <span key={i} className="soft">{n <= 24 ? `${text} ` : <>{i > 0 ? `${s.words.slice(0, 10).join(' ')} ` : ''}<span className="fold">… {n - (i > 0 ? 10 : 0) - (i < parts.length - 1 ? 10 : 0)} words the same …</span>{i < parts.length - 1 ? ` ${s.words.slice(-10).join(' ')} ` : ''}</>}</span>;
      })}
      {parts.length > shown ? <button type="button" className="act" onClick={() => setShown(shown + 400)}>Show more changes</button> : null}
    </div>
  );
}
