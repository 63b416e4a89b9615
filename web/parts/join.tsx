import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Failure } from '../../core/index.ts';
import type { FileRow, PaperRow } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { untitledFor } from '../mends/propose.ts';
import { keepTogether } from '../store/papers.ts';
import { useDetails } from '../queries/paper.ts';
import { asProgress, workPool, type Running } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { moved, OrderList } from './order-list.tsx';

/** Several files to one PDF in an order to choose, with page numbers or a sheet in front where they are wanted; every word is compared. */
export function Join({ paper, parts }: { paper: PaperRow; parts: FileRow[] }) {
  const { brief } = paper, details = useDetails() ?? null;
  const [order, setOrder] = useState<string[] | null>(null), [at, setAt] = useState(0), [numbers, setNumbers] = useState(brief.layout.pageNumbers === true), [front, setFront] = useState((brief.sections ?? []).includes('title page'));
  const number = brief.naming.mustContain.map((f) => (f === 'studentNumber' || f === 'candidateNumber' ? details?.[f] : null)).find(Boolean);
  const [cover, setCover] = useState([paper.title, paper.course, ...(number ? [number] : [])].filter(Boolean).join('\n'));
  const [job, setJob] = useState<Running<unknown> | null>(null), [done, setDone] = useState<[number, number]>([0, 0]), [failure, setFailure] = useState<Pick<Failure, 'message' | 'remedy'> | null>(null);
  // Until an order is chosen, that in which the files stand.
  const known = (order ?? parts.map((p) => p.id)).filter((id) => parts.some((p) => p.id === id)), all = [...known, ...parts.map((p) => p.id).filter((id) => !known.includes(id))].map((id) => parts.find((p) => p.id === id)!);
  const move = (by: number, from: number): void => { const next = moved(all.map((p) => p.id), from, by); if (next) { setOrder(next.ids); setAt(next.at); } };
  const make = async (): Promise<void> => {
    setFailure(null);
    const run = workPool.run((api) => api.convert(all.map((p) => ({ name: p.name, blob: p.blob })), 'pdf', asProgress((n, of) => setDone([n, of])), { pageNumbers: numbers, cover: front ? cover.split('\n') : undefined, untitled: untitledFor(brief) }));
    setJob(run);
    const o = await run.outcome;
    setJob(null);
    if (!o.ok) { if (o.code !== 'stopped') setFailure(o); return; }
    const { proof, pages, fonts, losses } = o.value;
    try { await keepTogether(all, `${all[0]!.name.replace(/\.[^.]*$/, '')}.pdf`, o.value.blob, { mend: 'join', parts: all.map((p) => p.id), names: all.map((p) => p.name), proof, pages, fonts, losses }); } catch (e) { setFailure({ message: explainStoreError(e), remedy: '' }); }
  };
  return (
    <section className="slot" aria-label="Put into one file">
      <strong>One PDF from {all.length} files</strong>
      <p className="soft small" style={{ margin: '2px 0 10px' }}>One single file is asked for. What is no PDF yet is laid out first; each part begins on a new page, and every word is compared.</p>
      {failure ? <FailureNote failure={failure} /> : null}
      <OrderList label="Order of the files" items={all} at={Math.min(at, all.length - 1)} choose={setAt} move={move} />
      <div style={{ display: 'grid', gap: 6, margin: '10px 0' }} className="small">
        <label className="row"><input type="checkbox" checked={numbers} onChange={(e) => setNumbers(e.target.checked)} />Page numbers at the foot{brief.layout.pageNumbers ? ' (asked for)' : ''}</label>
        <label className="row"><input type="checkbox" checked={front} onChange={(e) => setFront(e.target.checked)} />A cover sheet in front</label>
        {front ? <TextField label="Lines of the cover sheet" value={cover} onChange={(e) => setCover(e.target.value)} multiline minRows={3} helperText={brief.anonymous ? 'The first line is the title. Nothing that names you: the marking is anonymous.' : 'The first line is the title.'} style={{ maxWidth: 460, marginTop: 6 }} /> : null}
      </div>
      {job ? <div role="status"><LinearProgress variant={done[1] > 0 ? 'determinate' : 'indeterminate'} value={done[1] > 0 ? (100 * done[0]) / done[1] : undefined} aria-label="Putting together" /><div className="row spread small soft"><span>{done[1] > 0 ? `page ${done[0]} of ${done[1]}` : 'Putting together…'}</span><button type="button" className="act" onClick={job.stop}>Stop</button></div></div> : null}
      <Button variant="contained" size="small" disabled={job !== null} onClick={() => void make()}>Put into one PDF</Button>
    </section>
  );
}
