import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { answerKey, type GroupRow } from '../../core/docket/groups.ts';
import type { PaperRow } from '../store/db.ts';
import { changePaper } from '../store/papers.ts';
import { Mark } from './standing.tsx';

const seen = 'I have looked at it';

/** Open lines of the docket, each to be answered before anything goes: with a look where a look is asked for, with a reason where a line is not met. */
export function Answers({ paper, rows }: { paper: PaperRow; rows: GroupRow[] }) {
  const keep = (row: GroupRow, reason: string): void => { const { [answerKey(row)]: _, ...rest } = paper.reasons; void changePaper(paper.id, { reasons: reason.trim() ? { ...rest, [answerKey(row)]: reason.trim() } : rest }); };
  if (rows.length === 0) return null;
  return (
    <section aria-label="Lines to answer" style={{ margin: '12px 0' }}>
      <p className="group-name">Lines to answer</p>
      {rows.map((r) => (
        <div key={answerKey(r)} style={{ borderTop: '1px solid var(--hair)', padding: '8px 0' }}>
          <div className="row spread" style={{ alignItems: 'baseline' }}><span className="small"><Mark standing={r.standing} /> {r.demand}{r.found ? <>: <span className="soft">{r.found}</span></> : null}{r.document && rows.some((o) => o.document !== null && o.document !== r.document) ? <span className="soft tiny mono"> {r.document}</span> : null}</span>
            {r.reason === null && r.standing === 'look' ? <button type="button" className="act small" onClick={() => keep(r, seen)}>I have looked at it: {r.line.toLowerCase()}</button> : r.reason !== null ? <button type="button" className="act small soft" onClick={() => keep(r, '')}>Take the answer back</button> : null}</div>
          {r.reason !== null ? <p className="small" style={{ margin: '2px 0 0' }}>Goes all the same: {r.reason}</p> : r.standing === 'look' ? null : <Reason line={r.line} keep={(text) => keep(r, text)} />}
        </div>
      ))}
    </section>
  );
}
function Reason({ line, keep }: { line: string; keep: (text: string) => void }) {
  const [text, setText] = useState('');
  return <form className="row" style={{ marginTop: 6 }} onSubmit={(e) => { e.preventDefault(); keep(text); }}><TextField label={`Why it may go all the same: ${line.toLowerCase()}`} value={text} onChange={(e) => setText(e.target.value)} style={{ flex: 1, minWidth: 240 }} /><button type="submit" className="act small" disabled={!text.trim()}>Keep the reason</button></form>;
}
