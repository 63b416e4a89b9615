import { standingOf } from '../store/receipts.ts';
import Button from '@mui/material/Button';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { lazy, Suspense, useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { practice } from '../../core/time/plan.ts';
import type { RulerPoint, RulerSpan } from '../parts/time-ruler.tsx';
import { groupDocket } from '../../core/docket/groups.ts';
import { docketOfBrief, kindNames } from '../../core/index.ts';
import { Knots, stops } from '../parts/thread.tsx';
import { dueFacts, type DueFacts } from '../parts/time-left.ts';
import { clock } from '../store/clock.ts';
import { Top } from '../parts/top.tsx';
import { progressOf, useNow, usePapers } from '../queries/paper.ts';
import { db, type PaperRow, type ReceiptRow } from '../store/db.ts';
import { startPaper } from '../store/papers.ts';

const TimeRuler = lazy(() => import('../parts/time-ruler.tsx').then((m) => ({ default: m.TimeRuler })));
interface Line { paper: PaperRow; due: DueFacts | null; progress: ReturnType<typeof progressOf>; state: { text: string; kind: string }; confirmed: boolean }

/** The papers in hand, ordered by what has to happen next. */
export function Home({ ready }: { ready: boolean }) {
  const navigate = useNavigate(), now = useNow(), papers = usePapers();
  const rest = useLiveQuery(async () => ({ files: await db.files.toArray(), checks: await db.checks.toArray(), receipts: await db.receipts.toArray(), submissions: await db.submissions.toArray() }), []);
  const lines: Line[] = (papers && rest ? papers : []).map((paper) => {
    const own = <T extends { paperKey: string }>(rows: T[]): T[] => rows.filter((r) => r.paperKey === paper.id);
    const receipts = own(rest!.receipts), check = rest!.checks.find((c) => c.paperKey === paper.id);
    const docket = check?.result.docket ?? docketOfBrief(paper.brief, null, now, paper.insisted, clock);
    const progress = progressOf(paper, own(rest!.files), docket, receipts, own(rest!.submissions));
    return { paper, due: dueFacts(paper.brief, now), progress, confirmed: progress.counts.confirm?.passed === true, state: stateOf(docket, receipts, progress.next, !!check) };
  }).sort((a, b) => Number(a.confirmed) - Number(b.confirmed) || (a.due?.due ?? Infinity) - (b.due?.due ?? Infinity));
  const first = lines.find((l) => !l.confirmed);
  const ruled = lines.filter((l) => l.due !== null && !l.confirmed && l.due.due > now - 12 * 3_600_000).slice(0, 8);
  const stamp = ruled.map((l) => `${l.paper.id}${l.due!.due}`).join();
  const ruler = useMemo(() => rulerOfPapers(ruled, now), [stamp, now]);
  const begin = async (): Promise<void> => { void navigate(`/papers/${await startPaper()}/read`); };
  return (
    <>
      <Top />
      <main style={{ marginTop: 30 }}>
        <h1 className="serif" style={{ margin: 0, fontWeight: 480, fontSize: '2.15rem', lineHeight: 1.2 }}>{headline(first)}</h1>
        <p className="soft" style={{ margin: '6px 0 16px' }}>{first ? firstStep(first) : ready ? 'Start with the wording of an assignment: paste it, and the application reads what is asked.' : 'Opening the papers…'}</p>
        <div className="row" style={{ marginBottom: 26 }}>
          {first ? <Button variant="contained" component={Link} to={`/papers/${first.paper.id}/${first.progress.next}`}>Go on at {stops.find(([id]) => id === first.progress.next)![1]}</Button> : null}
          <Button variant={first ? 'outlined' : 'contained'} onClick={() => void begin()}>{first ? 'Start another paper' : 'Start a paper'}</Button>
        </div>
        {ruled.length > 0 ? <div style={{ marginBottom: 22 }}><Suspense fallback={<div style={{ height: 92 }} />}><TimeRuler {...ruler} now={now} zone={clock} label={`Papers on one line of time: ${ruled.map((l) => `${l.paper.title} due ${l.due!.dueText}`).join('; ')}`} /></Suspense></div> : null}
        {lines.length > 0 ? (
          <ul className="papers" aria-label="Papers in hand">
            {lines.map(({ paper, due, progress, state, confirmed }) => (
              <li key={paper.id}>
                <div><Link className="title" to={`/papers/${paper.id}/${progress.next}`}>{paper.title}</Link><div className="soft small">{[paper.course, asked(paper)].filter(Boolean).join(' · ')}</div></div>
                <Knots counts={progress.counts} here={progress.next} />
                <div className="small"><span className={state.kind}>{state.text.split('. ')[0]}.</span> {state.text.split('. ').slice(1).join('. ')}</div>
                <div>{due ? <><span className="serif">{due.dueText}</span><div className="soft tiny">{confirmed ? 'handed in' : due.lateUntilText ? `late, until ${due.lateUntilText}` : due.over ? 'closed' : `${due.part ? `${due.part}, ` : ''}send by ${due.sendByText}`}</div></> : <span className="soft small">no due time yet</span>}</div>
              </li>
            ))}
          </ul>
        ) : null}
        <p className="soft small" style={{ marginTop: 14 }}>Everything stays in this browser. Only the practice desk, on this machine, is ever sent a paper.</p>
      </main>
    </>
  );
}

/** All papers in hand on one line: the last hours before each due time, and the due times themselves. */
function rulerOfPapers(lines: Line[], now: number): { spans: RulerSpan[]; points: RulerPoint[]; from: number; to: number } {
  const last = Math.max(now + 12 * 3_600_000, ...lines.map((l) => l.due!.due)), pad = (last - now) * 0.1;
  return {
    from: now - pad * 0.6, to: Math.min(last, now + 21 * 86_400_000) + pad,
    spans: lines.flatMap((l): RulerSpan[] => [{ from: now, to: l.due!.due, kind: 'open' }, ...(l.paper.brief.similarityChecked ? [{ from: Math.max(now, l.due!.due - practice.laterScoreHours[1] * 3_600_000), to: l.due!.due, kind: 'wait' as const }] : [])]).slice(0, 12),
    points: lines.map((l): RulerPoint => ({ at: l.due!.due, label: `${shortTitle(l.paper.title)} ${DateTime.fromMillis(l.due!.due).toFormat('HH:mm')}`, kind: 'due' })),
  };
}
const shortTitle = (title: string): string => title.split(/ of | and |: /)[0]!;

function headline(first: Line | undefined): string {
  if (!first) return 'Nothing is waiting to go.';
  const short = shortTitle(first.paper.title);
  if (!first.due) return `${short} goes first.`;
  if (first.due.over) return `${short} is past its due time.`;
  return `${short} goes first: send it by ${first.due.sendByText}.`;
}
function firstStep(first: Line): string {
  const { read, bring, check, mend } = first.progress.counts;
  const notes = [read?.note ? 'the assignment is to be read' : '', bring?.note ? `${bring.note.replace(' missing', '')} to bring` : '', check?.note === 'to do' ? 'the check is to do' : check?.note ? `${check.note} in the docket` : '', mend?.note ? `${mend.note.replace(' ready', '')} mends ready` : ''].filter(Boolean);
  return `${first.due ? `${first.due.leftText[0]!.toUpperCase()}${first.due.leftText.slice(1)}. ` : ''}${notes.length > 0 ? `${notes.join(', ').replace(/^./, (c) => c.toUpperCase())}.` : 'Nothing stops it.'}`;
}
function asked(paper: PaperRow): string {
  const b = paper.brief;
  const documents = b.documents.map((d) => `${b.documents.length === 1 ? 'one' : d.label ? `${d.label.toLowerCase()}:` : 'a'} ${d.types.map((t) => kindNames[t]).join(' or ')}`).join(', ');
  return [documents, b.anonymous ? 'anonymous' : '', b.similarityChecked ? 'similarity-checked' : ''].filter(Boolean).join(', ');
}
function stateOf(docket: Parameters<typeof groupDocket>[0], receipts: ReceiptRow[], next: string, checked: boolean): { text: string; kind: string } {
  const receipt = receipts.at(-1);
  if (receipt) { const rows = receipt.result.agreement; const standing = standingOf(receipt); return { text: `${standing[0]!.toUpperCase()}${standing.slice(1)}. Receipt ${receipt.result.fields.id ?? 'without a number'} agrees in ${rows.filter((a) => a.standing === 'agrees').length} of ${rows.length} points`, kind: standing === 'confirmed' ? 'is-met' : 'is-notMet' }; }
  if (next === 'read') return { text: 'Not read yet. Paste the assignment', kind: 'soft' };
  if (!checked) return { text: 'Not checked yet. Look at Check', kind: 'soft' };
  const open = groupDocket(docket).filter((r) => r.standing === 'notMet');
  return open.length > 0 ? { text: `May not go yet. ${open.slice(0, 3).map((r) => r.line).join(', ')}${open.length > 3 ? ` and ${open.length - 3} more` : ''}`, kind: 'is-notMet' } : { text: 'May go. Send it', kind: 'is-met' };
}
