import { lazy, Suspense, useCallback, useDeferredValue, useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { Docket } from '../parts/docket.tsx';
import { stops, Thread, type Stop } from '../parts/thread.tsx';
import { dueFacts } from '../parts/time-left.ts';
import { Top } from '../parts/top.tsx';
import { docketOf, progressOf, useCheck, useFiles, useNow, usePaper, useReceipts, useSubmissions, type CheckState } from '../queries/paper.ts';
import { changePaper } from '../store/papers.ts';
import type { FileRow, PaperRow, ReceiptRow, SubmissionRow } from '../store/db.ts';
import type { DocketLine } from '../../core/index.ts';
import { ReadStop } from './read.tsx';
import { BringStop } from './bring.tsx';

const CheckStop = lazy(() => import('./check.tsx').then((m) => ({ default: m.CheckStop })));
const MendStop = lazy(() => import('./mend.tsx').then((m) => ({ default: m.MendStop })));
const CompareStop = lazy(() => import('./compare.tsx').then((m) => ({ default: m.CompareStop })));
const SendStop = lazy(() => import('./send.tsx').then((m) => ({ default: m.SendStop })));
const ConfirmStop = lazy(() => import('./confirm.tsx').then((m) => ({ default: m.ConfirmStop })));

/** What every stop is given. */
export interface StopProps { paper: PaperRow; files: FileRow[]; check: CheckState; docket: DocketLine[]; receipts: ReceiptRow[]; submissions: SubmissionRow[] }
const rooms: Record<Stop, (p: StopProps) => React.ReactNode> = {
  read: (p) => <ReadStop {...p} />, bring: (p) => <BringStop {...p} />, check: (p) => <CheckStop {...p} />, mend: (p) => <MendStop {...p} />,
  compare: (p) => <CompareStop {...p} />, send: (p) => <SendStop {...p} />, confirm: (p) => <ConfirmStop {...p} />,
};

/** One paper at one stop of its route, with its docket beside it. */
export function PaperScreen() {
  const { id = '', stop: at = 'read' } = useParams(), navigate = useNavigate(), now = useNow();
  const paper = usePaper(id), files = useFiles(id), receipts = useReceipts(id), submissions = useSubmissions(id);
  const check = useCheck(paper, files);
  const stop = stops.find(([s]) => s === at)?.[0];
  const docket = useMemo(() => (paper ? docketOf(paper, check.row, now) : []), [paper, check.row, now]);
  // With hundreds of lines the ledger is drawn in pieces, after what the student is working on.
  const ledger = useDeferredValue(docket), insisted = paper?.insisted;
  const insist = useCallback((group: string, on: boolean) => { if (insisted) void changePaper(id, { insisted: on ? [...insisted, group] : insisted.filter((g) => g !== group) }); }, [id, insisted]);
  useHotkeys(['1', '2', '3', '4', '5', '6', '7'], (e) => { void navigate(`/papers/${id}/${stops[Number(e.key) - 1]![0]}`); }, { useKey: true }, [id]);
  if (!stop) return <Navigate to={`/papers/${id}/read`} replace />;
  if (paper === null) return <><Top /><p style={{ marginTop: 40 }}>This paper is not in this browser. It may have been started in another one. <Link className="act" to="/">To the papers</Link></p></>;
  if (!paper || !files || !receipts || !submissions) return <Top />;
  const progress = progressOf(paper, files, docket, receipts, submissions), due = dueFacts(paper.brief, now);
  const props: StopProps = { paper, files, check, docket, receipts, submissions };
  return (
    <>
      <Top><span className="paper-title">{paper.title}</span><span className="soft small">{[paper.course, paper.brief.place].filter(Boolean).join(' · ')}</span></Top>
      <p className="small" style={{ margin: '8px 0 0', minHeight: 22 }}>{due ? <>{due.lateUntilText ? <><strong className="is-look">Late work is taken until {due.lateUntilText}</strong> <span className="soft">· due {due.dueText}</span></> : due.over ? <strong className="is-notMet">Closed {due.dueText}</strong> : <><strong>Send by {due.sendByText}</strong> <span className="soft">{due.part ? `${due.part} ` : ''}due {due.dueText}{due.there ? ` (${due.there})` : ''} · {due.leftText}</span></>}</> : <span className="soft">No due time is settled yet.</span>}</p>
      <Thread paperKey={id} here={stop} counts={progress.counts} />
      <div className="board">
        <Docket lines={ledger} reasons={paper.reasons} paperKey={id} stop={stop} waiting={check.running && !check.row} insisted={paper.insisted} insist={insist} />
        <main><Suspense fallback={<p className="pad soft">Opening…</p>}>{rooms[stop](props)}</Suspense></main>
      </div>
    </>
  );
}
