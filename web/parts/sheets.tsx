import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Failure } from '../../core/index.ts';
import type { Filter } from '../../core/scan/filters.ts';
import type { Point, Quad } from '../../core/scan/raster.ts';
import type { FileRow } from '../store/db.ts';
import { keepTogether } from '../store/papers.ts';
import { asProgress, drawPool, workPool, type Running } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { moved, OrderList } from './order-list.tsx';
import { Mark } from './standing.tsx';

interface Sheet { corners: Quad; rotation: number; width: number; height: number; findings: { check: string; standing: 'stops' | 'look' | 'fine'; message: string }[] }
const filterWords: [Filter, string][] = [['colour', 'even light, colours kept'], ['grey', 'even light, grey'], ['ink', 'black on white'], ['photo', 'as photographed']];

/** Photographed sheets to one PDF, or one of them to a picture where that is asked for: order, edges, turn and print, with every photo judged. All by pointer and by keyboard. */
export function Sheets({ photos, name, asPicture = false }: { photos: FileRow[]; name: string; asPicture?: boolean }) {
  const [order, setOrder] = useState<string[]>(() => photos.map((p) => p.id)), [at, setAt] = useState(0), [sheets, setSheets] = useState<Record<string, Sheet>>({}), [filter, setFilter] = useState<Filter>('colour');
  const [job, setJob] = useState<Running<unknown> | null>(null), [done, setDone] = useState<[number, number]>([0, 0]), [failure, setFailure] = useState<Failure | null>(null);
  const list = order.map((id) => photos.find((p) => p.id === id)).filter((p): p is FileRow => p !== undefined), rest = photos.filter((p) => !order.includes(p.id)), all = [...list, ...rest];
  const chosen = all[Math.min(at, all.length - 1)]!, sheet = sheets[chosen.id];
  const key = all.map((p) => p.id).join();
  useEffect(() => {
    const jobs = all.filter((p) => !sheets[p.id]).map((p) => { const j = drawPool.run((api) => api.sheet({ name: p.name, blob: p.blob })); void j.outcome.then((o) => { if (o.ok) setSheets((s) => ({ ...s, [p.id]: o.value })); else if (o.code !== 'stopped') setFailure(o); }); return j; });
    return () => jobs.forEach((j) => j.withdraw());
    // Measured once a photo; what was set by hand stays.
  }, [key]);
  const move = (by: number, from: number): void => { const next = moved(all.map((p) => p.id), from, by); if (next) { setOrder(next.ids); setAt(next.at); } };
  const change = (c: Partial<Sheet>): void => { if (sheet) setSheets({ ...sheets, [chosen.id]: { ...sheet, ...c } }); };
  const make = async (): Promise<void> => {
    setFailure(null);
    const wish = (p: FileRow) => (sheets[p.id] ? { corners: sheets[p.id]!.corners, turn: sheets[p.id]!.rotation } : {}), told = asProgress((n, of) => setDone([n, of]));
    const run = workPool.run((api) => asPicture ? api.straighten({ name: chosen.name, blob: chosen.blob }, filter, wish(chosen), told) : api.scan(all.map((p) => ({ name: p.name, blob: p.blob })), filter, all.map(wish), told));
    setJob(run);
    const o = await run.outcome;
    setJob(null);
    if (!o.ok) { if (o.code !== 'stopped') setFailure(o); return; }
    await keepTogether(all, name, o.value.blob, { mend: 'scan', parts: all.map((p) => p.id), pages: o.value.pages.map((p) => ({ photo: p.photo, standing: p.standing, sharpness: p.sharpness })) }, asPicture ? 'jpeg' : 'pdf');
  };
  return (
    <section className="slot" aria-label={asPicture ? `The sheet in ${chosen.name}` : 'Photographed sheets'}>
      <strong>{asPicture ? 'The sheet alone, as a picture' : `One PDF from ${all.length} ${all.length === 1 ? 'photo' : 'photos'}`}</strong>
      <p className="soft small" style={{ margin: '2px 0 10px' }}>{asPicture ? 'It is cut to its sheet, straightened and set upright, and says nothing about the camera. Pull the corners where they are not right.' : 'Each is cut to its sheet, straightened and set upright. Pull the corners where they are not right; look at every page.'}</p>
      {failure ? <FailureNote failure={failure} /> : null}
      <div style={{ display: 'grid', gridTemplateColumns: asPicture ? '1fr' : 'minmax(190px, 240px) 1fr', gap: 18 }}>
        {asPicture ? null : <OrderList label="Order of the pages" items={all} at={all.indexOf(chosen)} choose={setAt} move={move}>
          {(p) => { const s = sheets[p.id], worst = s?.findings.find((f) => f.standing === 'stops') ?? s?.findings.find((f) => f.standing === 'look'); return s ? <Mark standing={worst ? (worst.standing === 'stops' ? 'notMet' : 'look') : 'met'} word={worst ? (worst.standing === 'stops' ? 'take it again' : 'look') : 'clear'} /> : <span className="soft tiny">looking…</span>; }}
        </OrderList>}
        <div style={{ minWidth: 0 }}>
          <Corners key={chosen.id} file={chosen} sheet={sheet} change={(corners) => change({ corners })} />
          <div className="row small" style={{ marginTop: 8 }}><button className="act" disabled={!sheet} onClick={() => change({ rotation: (sheet!.rotation + 90) % 360 })}>turn it</button>{sheet ? <span className="soft">turned by {sheet.rotation}°</span> : null}</div>
          {sheet?.findings.map((f) => <p key={f.message} className={`small ${f.standing === 'stops' ? 'is-notMet' : 'is-look'}`} style={{ margin: '4px 0 0' }}>{f.message}</p>)}
        </div>
      </div>
      {job ? <div role="status" style={{ marginTop: 10 }}><LinearProgress variant={done[1] > 0 ? 'determinate' : 'indeterminate'} value={done[1] > 0 ? (100 * done[0]) / done[1] : undefined} aria-label="Making pages" /><div className="row spread small soft"><span>{done[0]} of {done[1] || all.length} photos</span><button className="act" onClick={job.stop}>Stop</button></div></div> : null}
      <div className="row" style={{ marginTop: 12 }}>
        <TextField select label="Printed" value={filter} onChange={(e) => setFilter(e.target.value as Filter)} slotProps={{ select: { native: true }, inputLabel: { shrink: true } }} style={{ minWidth: 220 }}>{filterWords.map(([id, word]) => <option key={id} value={id}>{word}</option>)}</TextField>
        <Button variant="contained" disabled={job !== null || all.some((p) => !sheets[p.id])} onClick={() => void make()}>{asPicture ? 'Make the picture' : 'Make one PDF'}</Button>
      </div>
    </section>
  );
}

const cornerNames = ['top left', 'top right', 'bottom right', 'bottom left'];
/** The photo as it is stored, large, with the sheet's edges drawn on it; each corner can be pulled or moved with the arrow keys. */
function Corners({ file, sheet, change }: { file: FileRow; sheet: Sheet | undefined; change: (corners: Quad) => void }) {
  const url = useMemo(() => URL.createObjectURL(file.blob), [file.blob]), box = useRef<SVGSVGElement>(null), [held, setHeld] = useState<number | null>(null);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  const place = (k: number, [x, y]: Point): void => { if (!sheet) return; const next = sheet.corners.map((c, i) => (i === k ? [Math.min(sheet.width, Math.max(0, x)), Math.min(sheet.height, Math.max(0, y))] : c)) as Quad; change(next); };
  const pointAt = (e: React.PointerEvent): Point => { const r = box.current!.getBoundingClientRect(); return [((e.clientX - r.left) / r.width) * sheet!.width, ((e.clientY - r.top) / r.height) * sheet!.height]; };
  const size = sheet ? Math.max(sheet.width, sheet.height) : 1;
  return (
    <div style={{ position: 'relative', display: 'inline-block', maxWidth: '100%', border: '1px solid var(--rule)', lineHeight: 0 }}>
      <img src={url} alt={`Photo ${file.name}`} style={{ maxWidth: '100%', maxHeight: 460, imageOrientation: 'none', display: 'block' }} />
      {sheet ? (
        <svg ref={box} viewBox={`0 0 ${sheet.width} ${sheet.height}`} style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', touchAction: 'none' }} onPointerMove={(e) => { if (held !== null) place(held, pointAt(e)); }} onPointerUp={() => setHeld(null)}>
          <polygon points={sheet.corners.map((c) => c.join(',')).join(' ')} fill="none" stroke="var(--thread)" strokeWidth={size / 260} />
          {sheet.corners.map((c, k) => <circle key={k} cx={c[0]} cy={c[1]} r={size / 55} fill="var(--sheet)" stroke="var(--thread)" strokeWidth={size / 260} tabIndex={0} role="slider" aria-label={`Corner ${cornerNames[k]}`} aria-valuetext={`${Math.round(c[0])}, ${Math.round(c[1])}`} aria-valuenow={Math.round(c[0])} style={{ cursor: 'move' }}
            onPointerDown={(e) => { setHeld(k); (e.target as Element).setPointerCapture(e.pointerId); }}
            onKeyDown={(e) => { const step = (e.shiftKey ? 0.02 : 0.004) * size, by: Record<string, Point> = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }, d = by[e.key]; if (d) { e.preventDefault(); place(k, [c[0] + d[0], c[1] + d[1]]); } }} />)}
        </svg>
      ) : null}
    </div>
  );
}
