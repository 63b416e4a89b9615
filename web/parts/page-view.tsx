import { useEffect, useRef, useState } from 'react';
import type { Failure } from '../../core/index.ts';
import type { RenderedPage } from '../../core/engines/render.ts';
import type { FileRow } from '../store/db.ts';
import { drawPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';

export interface MarkedPlace { box: [number, number, number, number]; look: boolean; chosen: boolean; label: string; onPick?: () => void }

/** One page of a file, drawn in a worker, with places marked on it. */
export function PageView({ file, page, places = [], width = 1120 }: { file: Pick<FileRow, 'id' | 'name' | 'blob'>; page: number; places?: MarkedPlace[]; width?: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [drawn, setDrawn] = useState<{ pagePt: [number, number]; pages: number } | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [round, setRound] = useState(0), [drawing, setDrawing] = useState(true);
  useEffect(() => {
    let wanted = true;
    // What failed before is no longer true of the page that is being drawn.
    setFailure(null);
    setDrawing(true);
    const job = drawPool.run<RenderedPage>((api) => api.render(file.id, { name: file.name, blob: file.blob }, page, width) as never);
    void job.outcome.then((o) => {
      if (!wanted) return;
      setDrawing(false);
      if (!o.ok) { setFailure(o); return; }
      const c = canvas.current;
      if (!c) return;
      c.width = o.value.width; c.height = o.value.height;
      c.getContext('2d')!.putImageData(new ImageData(o.value.pixels, o.value.width, o.value.height), 0, 0);
      setDrawn({ pagePt: o.value.pagePt, pages: o.value.pages });
    });
    return () => { wanted = false; job.withdraw(); };
  }, [file.id, file.name, file.blob, page, width, round]);
  const [w, h] = drawn?.pagePt ?? [595, 842];
  return (
    <>
    {failure ? <><FailureNote failure={failure} /><button type="button" className="act" onClick={() => setRound((r) => r + 1)}>Draw the page again</button></> : null}
    {/* Kept while a failure is told, so that the next page has something to be drawn on. */}
    <div className="page" hidden={!!failure} aria-busy={drawing} style={{ aspectRatio: `${w} / ${h}` }}>
      <canvas ref={canvas} {...(drawn && !drawing ? { role: 'img', 'aria-label': `Page ${page} of ${file.name}` } : { 'aria-hidden': true })} />
      {!drawn && drawing ? <p className="small soft" role="status" style={{ position: 'absolute', inset: 0, margin: 24, color: '#5B6470' }}>Drawing page {page}…</p> : null}
      {drawn ? places.map((p, i) => <button key={i} type="button" aria-label={p.label} onClick={p.onPick} className={`place${p.look ? ' look' : ''}${p.chosen ? ' chosen' : ''}`} style={{ left: `${((p.box[0] - 3) / w) * 100}%`, top: `${((p.box[1] - 2) / h) * 100}%`, width: `${((p.box[2] - p.box[0] + 6) / w) * 100}%`, height: `${((p.box[3] - p.box[1] + 4) / h) * 100}%` }} />) : null}
    </div>
    </>
  );
}
