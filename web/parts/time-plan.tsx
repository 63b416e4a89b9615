import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { lazy, Suspense, useMemo, useState } from 'react';
import { planTime, practice, showSeconds, type TimePlan } from '../../core/time/plan.ts';
import { clock } from '../store/clock.ts';
import { currentFiles, useNow } from '../queries/paper.ts';
import { useSpeed, saveSpeed } from '../queries/speed.ts';
import type { FileRow, PaperRow } from '../store/db.ts';
import { saveAs } from './save-as.ts';
import type { RulerPoint, RulerSpan } from './time-ruler.tsx';

const TimeRuler = lazy(() => import('./time-ruler.tsx').then((m) => ({ default: m.TimeRuler })));
const stateWords: Record<TimePlan['state'], string> = { noDue: 'No due time is settled, so nothing can be planned.', notOpen: 'It is not open yet.', open: 'There is time.', short: 'The margin is being used up: send it now.', late: 'The due time is over. It may still be handed in late.', closed: 'It is closed.' };

/** Days of a late penalty that are written out where they are many. */
const fewDays = 5, manyDays = 8;
/** The plan from the due time backwards: as a ruler and as text, with the late penalty and a calendar to take away. */
export function TimePlanPart({ paper, files }: { paper: PaperRow; files: FileRow[] }) {
  const now = useNow(), speed = useSpeed();
  const bytes = currentFiles(files).reduce((n, f) => n + f.bytes, 0);
  const plan = useMemo(() => planTime({ brief: paper.brief, now, bytes, bytesPerSecond: speed ?? null, localZone: clock }), [paper.brief, now, bytes, speed]);
  if (plan.due === null) return <p className="soft small">{stateWords.noDue}</p>;
  const { from, to } = stretch(plan, now), time = (at: number, zone: string): string => DateTime.fromMillis(at, { zone }).setLocale('en-GB').toFormat('ccc d LLL, HH:mm');
  const both = (at: number): string => (plan.zoneDifferenceHours === 0 ? time(at, plan.zone) : `${time(at, plan.zone)} there, ${time(at, plan.localZone)} here`);
  return (
    <>
      <Suspense fallback={<div style={{ height: 112 }} />}><TimeRuler {...rulerOf(plan, paper.brief.similarityChecked === true)} now={now} from={from} to={to} zone={plan.zone} height={112} label={`Time plan: ${plan.moments.map((m) => `${m.label} ${time(m.at, plan.zone)}`).join('; ')}`} /></Suspense>
      <p className={`small ${plan.state === 'open' || plan.state === 'notOpen' ? 'soft' : 'is-notMet'}`} style={{ margin: '6px 0' }}>{stateWords[plan.state]}{plan.zoneDifferenceHours !== 0 ? ` The receiver’s clock (${plan.zone}) is ${Math.abs(plan.zoneDifferenceHours)} h ${plan.zoneDifferenceHours > 0 ? 'ahead of' : 'behind'} yours.` : ''}{plan.clockChange !== null ? ` The clocks change there on ${time(plan.clockChange, plan.zone)}.` : ''}</p>
      {plan.problems.map((p) => <p key={p} className="small is-notMet">{p}</p>)}
      <dl className="facts">
        {plan.moments.map((m) => [<dt key={m.id}>{m.label}</dt>, <dd key={`${m.id}d`} className={m.at < now ? 'soft' : undefined}><strong>{both(m.at)}</strong>{m.at < now ? ' (past)' : ''} <span className="soft">{m.why}</span></dd>])}
        {plan.windows.length > 1 ? plan.windows.map((w) => [<dt key={w.label}>{w.label}</dt>, <dd key={`${w.label}w`}>{w.from !== null ? `${both(w.from)} to ` : 'until '}{w.to !== null ? both(w.to) : 'not settled'}</dd>]) : null}
        {plan.nextOffice ? <><dt>Office hours next</dt><dd>{time(plan.nextOffice.from, plan.zone)} to {DateTime.fromMillis(plan.nextOffice.to, { zone: plan.zone }).toFormat('HH:mm')} <span className="soft">weekdays 9 to 17, taken as usual</span></dd></> : null}
        {paper.brief.similarityChecked ? <><dt>Similarity score</dt><dd>{practice.firstScoreMinutes.join('–')} minutes after the first, {practice.laterScoreHours.join('–')} hours after a later hand-in <span className="soft">(common practice)</span></dd></> : null}
        <dt>Sending</dt><dd>{plan.sendSeconds === null ? 'speed not known' : showSeconds(plan.sendSeconds)} <Speed value={speed ?? null} /></dd>
      </dl>
      {plan.late.length > 0 ? (
        <table className="ledger" aria-label="Late penalty" style={{ maxWidth: 520 }}>
          <thead><tr><th>Handed in</th><th>at the latest</th><th>Taken off</th></tr></thead>
          <tbody>{plan.late.slice(0, plan.late.length < manyDays ? manyDays : fewDays).map((r, i) => <tr key={r.from}><td>day {i + 1} after the due time</td><td>{time(r.to, plan.zone)}</td><td>{r.percent} %</td></tr>)}{plan.late.length >= manyDays ? <tr><td>each further day</td><td>until {time(plan.late.at(-1)!.to, plan.zone)}</td><td>{plan.late[0]!.percent} % more</td></tr> : null}{plan.cutoff !== null ? <tr><td>after that</td><td>–</td><td>not accepted</td></tr> : null}</tbody>
        </table>
      ) : plan.cutoff !== null ? <p className="small">{plan.cutoff === plan.due ? 'Late work is not accepted.' : `Nothing is accepted after ${time(plan.cutoff, plan.zone)}.`}</p> : null}
      <button type="button" className="act small" onClick={() => void import('../../core/time/calendar.ts').then((m) => saveAs(new Blob([m.calendarOf(plan, paper.title, paper.id, Date.now())], { type: 'text/calendar' }), 'hand-over.ics'))}>Put it into my calendar (.ics)</button>
    </>
  );
}

/** What of a plan is drawn. */
export function rulerOf(plan: TimePlan, similarity: boolean): { spans: RulerSpan[]; points: RulerPoint[] } {
  const spans: RulerSpan[] = plan.windows.filter((w) => w.to !== null).map((w) => ({ from: w.from ?? 0, to: w.to!, kind: 'open' }));
  if (similarity && plan.due !== null) spans.push({ from: plan.due - practice.laterScoreHours[1] * 3_600_000, to: plan.due, kind: 'wait' });
  if (plan.nextOffice && plan.due !== null && plan.nextOffice.from < plan.due) spans.push({ from: plan.nextOffice.from, to: plan.nextOffice.to, kind: 'office' });
  const soft = new Set(['opens', 'commonDue', 'askBy']);
  return { spans, points: [...plan.moments.map((m): RulerPoint => ({ at: m.at, label: m.label, kind: m.id === 'due' ? 'due' : soft.has(m.id) ? 'soft' : 'plan' })), ...(plan.windows.length > 1 ? plan.windows.filter((w) => w.to !== null && w.to !== plan.due).map((w): RulerPoint => ({ at: w.to!, label: w.label, kind: 'due' })) : [])] };
}
/** The stretch of time worth drawing: what lies ahead, and a little of what has been. */
function stretch(plan: TimePlan, now: number): { from: number; to: number } {
  const ahead = [plan.due!, ...plan.windows.map((w) => w.to ?? 0)].filter((t) => t > 0), last = Math.max(...ahead, now);
  const from = Math.min(now, ...plan.moments.filter((m) => m.at > now - 3 * 86_400_000).map((m) => m.at)), pad = Math.max(3_600_000, (last - from) * 0.08);
  return { from: from - pad, to: last + pad * 1.5 };
}
function Speed({ value }: { value: number | null }) {
  const [open, setOpen] = useState(false), [text, setText] = useState(value === null ? '' : String(Math.round(value / 1000)));
  if (!open) return <button type="button" className="act" onClick={() => setOpen(true)}>{value === null ? 'enter my speed' : `at ${Math.round(value / 1000).toLocaleString('en')} KB a second`}</button>;
  return <form style={{ display: 'inline-flex', gap: 8 }} onSubmit={(e) => { e.preventDefault(); e.stopPropagation(); void saveSpeed(Number(text) > 0 ? Number(text) * 1000 : null); setOpen(false); }}><TextField label="KB a second" value={text} onChange={(e) => setText(e.target.value)} style={{ width: 130 }} /><button className="act">Keep</button></form>;
}
