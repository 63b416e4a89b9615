import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { groupDocket, verdictSentence } from '../../core/docket/groups.ts';
import { kindNames, showBytes } from '../../core/index.ts';
import { Again } from '../parts/again.tsx';
import { Answers } from '../parts/answers.tsx';
import { Elsewhere } from '../parts/elsewhere.tsx';
import { FailureNote } from '../parts/failure.tsx';
import { PageView } from '../parts/page-view.tsx';
import { Mark } from '../parts/standing.tsx';
import { currentFiles, useDetails, useNow } from '../queries/paper.ts';
import { dueFacts } from '../parts/time-left.ts';
import { useSpeed } from '../queries/speed.ts';
import { changePaper } from '../store/papers.ts';
import { brokenOff, sendSet, type SendProgress } from '../store/send.ts';
import { Matcher } from '../../core/identity/find.ts';
import type { StopProps } from './paper.tsx';

const mostNote = 600;

/** Send: a last look at what will go, the declaration, and then wait for the answer. */
export function SendStop({ paper, files, check, docket, submissions, receipts }: StopProps) {
  const navigate = useNavigate(), details = useDetails(), now = useNow();
  const [progress, setProgress] = useState<SendProgress | null>(null), [trouble, setTrouble] = useState<string | null>(null), [note, setNote] = useState(paper.note), [looked, setLooked] = useState<string[]>([]);
  const abort = useRef<AbortController | null>(null);
  const current = currentFiles(files).filter((f) => paper.brief.documents.length === 0 || f.slot !== null);
  // One key for one set: clicking twice, or again after a lost answer, is the same submission.
  const key = `${paper.id}:${current.map((f) => f.id).join('+')}:${submissions.length}`;
  const [broken, setBroken] = useState(false);
  useEffect(() => { if (!progress) void brokenOff(key, current).then(setBroken); }, [key, progress === null]);
  const speed = useSpeed(), due = dueFacts(paper.brief, now), bytes = current.reduce((n, f) => n + f.bytes, 0), needed = speed ? Math.max(1, Math.ceil(bytes / speed)) : null;
  const rows = groupDocket(docket, paper.reasons), verdict = verdictSentence(rows);
  const open = rows.filter((r) => ['notMet', 'unread', 'look'].includes(r.standing)), unanswered = open.filter((r) => r.reason === null);
  const inNote = details && paper.brief.anonymous !== false ? new Matcher(details).find(note) : [];
  const needsDeclaration = paper.brief.declaration === true;
  const barriers = [
    ...(unanswered.length > 0 ? [`${unanswered.length} ${unanswered.length === 1 ? 'line of the docket is' : 'lines of the docket are'} without an answer`] : []),
    ...(needsDeclaration && !paper.declared ? ['The declaration of own work is not made'] : []), ...(inNote.length > 0 ? [`The note names you: “${note.slice(inNote[0]!.start, inNote[0]!.end)}”`] : []), ...(note.length > mostNote ? ['The note is longer than a note; the work itself never goes there'] : []),
    ...(current.length === 0 ? ['There is no file'] : []), ...(check.running ? ['The check is still running'] : []),
  ];
  const send = async (): Promise<void> => {
    setTrouble(null);
    abort.current = new AbortController();
    setProgress({ sent: 0, of: 0 });
    try {
      await changePaper(paper.id, { note });
      await sendSet({ ...paper, note }, current, key, setProgress, abort.current.signal);
      void navigate(`/papers/${paper.id}/confirm`);
    } catch (e) { setTrouble(e instanceof Error ? e.message : String(e)); } finally { setProgress(null); }
  };
  return (
    <>
      <div className="stop-head"><h2>What will go</h2><span className="soft tiny">to the practice desk, on this machine</span></div>
      <div className="pad">
        {current.length === 0 ? <p style={{ marginTop: 0 }}>There is nothing to send yet. <Link className="act" to={`/papers/${paper.id}/bring`}>Bring the paper</Link></p> : null}
        {current.map((f) => (
          <div key={f.id} className="row file-card" style={{ alignItems: 'flex-start', flexWrap: 'nowrap', marginBottom: 16 }}>
            <div style={{ width: 130, flex: 'none', border: '1px solid var(--rule)' }}><PageView file={f} page={1} width={260} /></div>
            <div style={{ minWidth: 0 }}>
              <div className="mono" style={{ fontSize: '1rem' }}>{f.name}</div>
              <dl className="facts"><dt>Answers for</dt><dd>{f.slot === null ? 'nothing asked' : paper.brief.documents[f.slot]?.label ?? `document ${f.slot + 1}`}</dd><dt>Content</dt><dd>{kindNames[f.kind]}, {showBytes(f.bytes)}</dd><dt>SHA-256</dt><dd className="mono tiny">{f.sha256}</dd></dl>
              <Link className="act small" to={`/papers/${paper.id}/pages/${f.id}`}>Look at every page</Link>
              <FormControlLabel style={{ display: 'flex' }} control={<Checkbox size="small" checked={looked.includes(f.id)} onChange={(e) => setLooked(e.target.checked ? [...looked, f.id] : looked.filter((x) => x !== f.id))} />} label={<span className="small">I have looked at it, and it is the right one</span>} />
            </div>
          </div>
        ))}
        <dl className="facts">
          <dt>Goes to</dt><dd>{paper.brief.place ?? <>the place is not settled. <Link className="act" to={`/papers/${paper.id}/read`}>Name it in Read</Link></>}</dd>
          <dt>Docket</dt><dd><Mark standing={verdict.mayGo ? 'met' : 'notMet'} word={verdict.sentence} /></dd>
          {due ? <><dt>Time</dt><dd><Mark standing={due.lateUntilText ? 'look' : due.over || (needed !== null && needed > (due.due - now) / 1000) ? 'notMet' : 'met'} word={`${needed === null ? 'how long sending takes is not known yet' : `sending takes about ${needed} s`}, ${due.leftText}`} /></dd></> : null}
          {submissions.length > 0 ? <><dt>Sent before</dt><dd>{submissions.length} {submissions.length === 1 ? 'time' : 'times'}, last {submissions.at(-1)!.deskId ? `as ${submissions.at(-1)!.deskId}` : 'at another site'}. {paper.brief.attempts.keeps === 'latest' ? 'The newest replaces it: all documents go again.' : ''}</dd></> : null}
        </dl>
        <Answers paper={paper} rows={open} />
        <TextField label="Note to the receiver (none is best)" multiline minRows={2} fullWidth value={note} onChange={(e) => setNote(e.target.value)} onBlur={() => void changePaper(paper.id, { note })} helperText={paper.brief.anonymous ? 'It must not identify you either.' : undefined} error={inNote.length > 0} style={{ margin: '12px 0' }} />
        <FormControlLabel control={<Checkbox checked={paper.declared} onChange={(e) => void changePaper(paper.id, { declared: e.target.checked })} />} label={`I declare that this is my own work${needsDeclaration ? '' : ' (not asked for here)'}`} />
        {trouble ? <div style={{ margin: '10px 0' }}><FailureNote failure={{ message: trouble, remedy: '' }} /></div> : null}
        {barriers.length > 0 ? <ul className="small is-notMet" style={{ margin: '10px 0', paddingLeft: 20 }}>{barriers.map((b) => <li key={b}>{b}</li>)}</ul> : null}
        {progress ? <div role="status"><LinearProgress variant={progress.of > 0 ? 'determinate' : 'indeterminate'} value={progress.of > 0 ? (100 * progress.sent) / progress.of : undefined} aria-label="Sending" /><div className="row spread small soft"><span>{progress.what === 'asking' ? 'The connection broke. Asking the desk what it holds…' : progress.of > 0 ? `${showBytes(progress.sent)} of ${showBytes(progress.of)} gone${progress.secondsLeft ? `, about ${progress.secondsLeft} s left` : ''}. Wait for the answer.` : 'Setting up…'}</span><button className="act" onClick={() => abort.current?.abort()}>Stop</button></div></div> : null}
        <div className="row" style={{ marginTop: 14 }}><Button variant="contained" disabled={barriers.length > 0 || progress !== null || looked.length < current.length} onClick={() => void send()}>Send {current.length === 1 ? 'it' : `all ${current.length}`} and wait</Button><span className="soft small">{looked.length < current.length && barriers.length === 0 ? 'Look at every file first.' : broken ? 'An earlier sending broke off. A part is at the desk already; sending goes on from there.' : 'Attached is not sent: only a receipt shows that it arrived.'}</span></div>
        {current.length > 0 ? <Elsewhere paper={paper} files={current} ready={barriers.length === 0 && looked.length >= current.length} /> : null}
        {submissions.length > 0 ? <Again paper={paper} submissions={submissions} receipts={receipts} now={now} /> : null}
      </div>
    </>
  );
}
