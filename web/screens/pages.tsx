import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { showBytes, showName, type Failure } from '../../core/index.ts';
import type { PageLines, RenderedPage } from '../../core/engines/render.ts';
import { FailureNote } from '../parts/failure.tsx';
import { askPicture } from '../parts/page-pictures.ts';
import { Top } from '../parts/top.tsx';
import { db, type FileRow } from '../store/db.ts';
import { drawPool } from '../workers/client.ts';

const zooms = [0.5, 0.75, 1, 1.25, 1.5, 2, 3] as const;
const small = 112;

/** All pages of a file: small pictures of each at the side, one large, with its text to select. */
export function PagesScreen() {
  const { id = '', file: fileId = '' } = useParams(), navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const file = useLiveQuery(async () => (await db.files.get(fileId)) ?? null, [fileId]);
  const [pages, setPages] = useState(0), [zoom, setZoom] = useState(1), [failure, setFailure] = useState<Failure | null>(null);
  const page = Math.max(1, Math.min(pages || 1, Number(search.get('page')) || 1));
  const go = (to: number): void => setSearch({ page: String(Math.max(1, Math.min(pages || 1, to))) }, { replace: true });
  const scale = (step: number): void => setZoom((z) => zooms[Math.max(0, Math.min(zooms.length - 1, zooms.indexOf(z as 1) + step))]!);
  useHotkeys(['right', 'pagedown', 'j'], (e) => { e.preventDefault(); go(page + 1); }, [page, pages]);
  useHotkeys(['left', 'pageup', 'k'], (e) => { e.preventDefault(); go(page - 1); }, [page, pages]);
  useHotkeys('home', (e) => { e.preventDefault(); go(1); }, [pages]);
  useHotkeys('end', (e) => { e.preventDefault(); go(pages); }, [pages]);
  // By the character typed: where “+” lies differs from keyboard to keyboard.
  useHotkeys('*', (e) => { if (e.key === '+' || e.key === '=') scale(1); else if (e.key === '-') scale(-1); else if (e.key === '0') setZoom(1); });
  useHotkeys('escape', () => { void navigate(`/papers/${id}/bring`); }, [id]);
  if (file === null) return <><Top /><p>This file is no longer here. <Link className="act" to={`/papers/${id}/bring`}>Back to the files</Link></p></>;
  if (!file) return <Top />;
  return (
    <>
      <Top><span className="mono" style={{ fontSize: '1rem' }}>{showName(file.name)}</span><span className="soft small">{showBytes(file.bytes)}{file.kind === 'pdf' ? '' : ', as the built-in engine lays it out'}</span></Top>
      <div className="row pages-bar">
        <Link className="act" to={`/papers/${id}/bring`}>Back to the files</Link>
        <span style={{ flex: 1 }} />
        <Button size="small" variant="outlined" disabled={page <= 1} onClick={() => go(page - 1)}>Previous page</Button>
        <TextField label="Page" type="number" value={page} onChange={(e) => go(Number(e.target.value))} style={{ width: 90 }} slotProps={{ htmlInput: { min: 1, max: pages || 1 } }} /><span className="soft">of {pages || '…'}</span>
        <Button size="small" variant="outlined" disabled={pages > 0 && page >= pages} onClick={() => go(page + 1)}>Next page</Button>
        <span className="row" style={{ gap: 8 }} role="group" aria-label="Size on screen"><button type="button" className="act" disabled={zoom <= 0.5} onClick={() => scale(-1)}>smaller</button><span className="mono">{Math.round(zoom * 100)} %</span><button type="button" className="act" disabled={zoom >= 3} onClick={() => scale(1)}>larger</button></span>
      </div>
      {failure ? <FailureNote failure={failure} /> : null}
      <div className="leaves">
        <SmallPages file={file} pages={pages} page={page} go={go} />
        <LargePage file={file} page={page} zoom={zoom} learn={setPages} fail={setFailure} />
      </div>
    </>
  );
}

/** Only the small pictures in sight are in the document, so that eight hundred scroll as lightly as eight. */
function SmallPages({ file, pages, page, go }: { file: FileRow; pages: number; page: number; go: (page: number) => void }) {
  const box = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({ count: pages, getScrollElement: () => box.current, estimateSize: () => 186, overscan: 4 });
  useEffect(() => { if (pages > 0) rows.scrollToIndex(page - 1, { align: 'auto' }); }, [page, pages]);
  return (
    <div ref={box} className="small-pages" aria-label={`All ${pages} pages`} role="group">
      <div style={{ height: rows.getTotalSize(), position: 'relative' }}>
        {rows.getVirtualItems().map((row) => (
          <button key={row.key} type="button" className={`small-page${row.index + 1 === page ? ' chosen' : ''}`} aria-current={row.index + 1 === page ? 'page' : undefined} aria-label={`Page ${row.index + 1}`} style={{ transform: `translateY(${row.start}px)` }} onClick={() => go(row.index + 1)}>
            <SmallPicture file={file} page={row.index + 1} /><span className="tiny soft">{row.index + 1}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
function SmallPicture({ file, page }: { file: FileRow; page: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => askPicture(file, page, small, (bitmap) => {
    const c = canvas.current;
    if (!c || !bitmap) return;
    c.width = bitmap.width; c.height = bitmap.height;
    c.getContext('2d')!.drawImage(bitmap, 0, 0);
  }), [file, page]);
  return <canvas ref={canvas} width={small} height={158} aria-hidden="true" />;
}

function LargePage({ file, page, zoom, learn, fail }: { file: FileRow; page: number; zoom: number; learn: (pages: number) => void; fail: (f: Failure | null) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null), box = useRef<HTMLDivElement>(null), [lines, setLines] = useState<PageLines | null>(null), [size, setSize] = useState<[number, number]>([595, 842]);
  const width = Math.round(720 * zoom);
  useEffect(() => {
    let wanted = true;
    const handed = { name: file.name, blob: file.blob };
    void drawPool.run<RenderedPage>((api) => api.render(file.id, handed, page, Math.round(width * Math.min(2, window.devicePixelRatio || 1))) as never).outcome.then((o) => {
      if (!wanted) return;
      if (!o.ok) { fail(o); return; }
      fail(null); learn(o.value.pages); setSize(o.value.pagePt);
      const c = canvas.current;
      if (!c) return;
      c.width = o.value.width; c.height = o.value.height;
      c.getContext('2d')!.putImageData(new ImageData(o.value.pixels, o.value.width, o.value.height), 0, 0);
    });
    void drawPool.run((api) => api.lines(file.id, handed, page)).outcome.then((o) => { if (wanted) setLines(o.ok ? o.value : null); });
    box.current?.scrollTo({ top: 0 });
    return () => { wanted = false; };
  }, [file.id, page, width]);
  return (
    <div ref={box} className="large-page" tabIndex={0} aria-label={`Page ${page}`}>
      <div className="sheet" style={{ width, aspectRatio: `${size[0]} / ${size[1]}` }}>
        <canvas ref={canvas} role="img" aria-label={`Page ${page} of ${file.name}`} />
        {lines ? <svg className="text-layer" viewBox={`0 0 ${lines.pagePt[0]} ${lines.pagePt[1]}`}>{lines.lines.map((l, i) => <text key={i} x={l.box[0]} y={l.box[3] - (l.box[3] - l.box[1]) * 0.2} fontSize={Math.max(1, (l.box[3] - l.box[1]) * 0.8)} textLength={Math.max(1, l.box[2] - l.box[0])} lengthAdjust="spacingAndGlyphs">{l.text}{'\n'}</text>)}</svg> : null}
      </div>
    </div>
  );
}
