import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { headingOf, wordingsOf, type Brief, type Remark } from '../../core/index.ts';
import { BriefForm } from '../parts/brief-form.tsx';
import { FailureNote } from '../parts/failure.tsx';
import { PatternsPart } from '../parts/patterns.tsx';
import { QuestionsPart } from '../parts/questions.tsx';
import { TemplatesPart } from '../parts/templates.tsx';
import { TimePlanPart } from '../parts/time-plan.tsx';
import { Wording } from '../parts/wording.tsx';
import { localNow } from '../store/clock.ts';
import { changePaper } from '../store/papers.ts';
import { explainStoreError } from '../store/explain.ts';
import { deskPool } from '../workers/client.ts';
import type { StopProps } from './paper.tsx';

/** Read: the assignment's own words, kept as they are, and beside them what they ask for. */
export function ReadStop({ paper, files }: StopProps) {
  const [editing, setEditing] = useState(paper.wording === ''), [text, setText] = useState(paper.wording);
  const [trouble, setTrouble] = useState<{ message: string; remedy: string } | null>(null);
  const [field, setField] = useState<string | null>(null);
  const evidence = paper.brief.evidence;
  const readNow = async (wording: string): Promise<void> => {
    const outcome = await deskPool.run((api) => api.brief(wording, localNow())).outcome;
    if (!outcome.ok) { setTrouble(outcome); return; }
    setTrouble(null);
    try {
      await changePaper(paper.id, { wording, wordingAt: new Date().toISOString(), brief: outcome.value.brief, remarks: outcome.value.remarks, ...(paper.title === 'Untitled paper' ? titleFrom(wording) : {}) });
      setEditing(false);
    } catch (e) { setTrouble({ message: explainStoreError(e), remedy: '' }); }
  };
  const drop = async (file: File): Promise<void> => {
    const outcome = await deskPool.run((api) => api.textOf({ name: file.name, blob: file })).outcome;
    if (outcome.ok) { setText(outcome.value); setTrouble(null); } else setTrouble(outcome);
  };
  const save = (brief: Brief): void => { void changePaper(paper.id, { brief }).catch((e: unknown) => setTrouble({ message: explainStoreError(e), remedy: '' })); };
  return (
    <>
      <div className="stop-head"><h2>What is asked</h2>{editing ? null : <button className="act small" onClick={() => { setText(paper.wording); setEditing(true); }}>Paste another wording</button>}</div>
      <div className="pad">
        {trouble ? <FailureNote failure={trouble} /> : null}
        {editing ? (
          <div onDragOver={(e) => e.preventDefault()} onDrop={(e) => { e.preventDefault(); const f = e.dataTransfer.files[0]; if (f) void drop(f); }}>
            <p className="soft" style={{ marginTop: 0 }}>Paste the assignment word for word, or drop the file that holds it. It is kept as it is, because such texts disappear or change.</p>
            <TextField label="Wording of the assignment" multiline minRows={10} maxRows={22} fullWidth value={text} onChange={(e) => setText(e.target.value)} />
            <div className="row" style={{ marginTop: 12 }}>
              <Button variant="contained" disabled={!text.trim()} onClick={() => void readNow(text)}>Read it</Button>
              {paper.wording ? <button className="act" onClick={() => setEditing(false)}>Leave it as it was</button> : null}
            </div>
          </div>
        ) : <Wording text={paper.wording} evidence={evidence} remarks={paper.remarks} chosen={field} choose={setField} keptAt={paper.wordingAt} />}
        {editing ? null : paper.remarks.map((r, i) => <p key={i} className="small is-look" style={{ margin: '8px 0 0' }}>{remarkText(r)}</p>)}
        <BriefForm key={JSON.stringify(paper.brief)} paper={paper} save={save} saveName={(change) => void changePaper(paper.id, change)} chosen={field} choose={setField} />
        {editing ? null : <>
          <h3 className="group-name">Time plan</h3><TimePlanPart paper={paper} files={files} />
          <h3 className="group-name">Left open</h3><QuestionsPart paper={paper} />
          <h3 className="group-name">Supplied templates</h3><TemplatesPart paper={paper} />
          <h3 className="group-name">This brief, again</h3><PatternsPart paper={paper} />
        </>}
      </div>
    </>
  );
}

function titleFrom(wording: string): { title: string; course: string } { const { title, course } = headingOf(wording); return { title: title ?? 'Untitled paper', course: course ?? '' }; }
function remarkText(r: Remark): string {
  const quotes = wordingsOf(r).map((q) => `“${q}”`).join(' and ');
  switch (r.kind) {
    case 'contradiction': return `${quotes} contradict each other, so nothing is settled (${r.field}). Ask, or set it below.`;
    case 'weekday': return `In ${quotes} the weekday and the date do not fit, so it is left open.`;
    case 'ambiguousDate': return `${quotes} can be read two ways, so it is left open.`;
    case 'impossibleDate': return `${quotes} is no date that exists.`;
    case 'megapixels': return `${quotes} is said of a file, so megabytes are taken to be meant.`;
    case 'past': return `${quotes} is past already.`;
    case 'zero': return `${quotes} cannot be meant, so nothing is settled.`;
    case 'endBeforeStart': return `It would close before it opens: ${quotes}.`;
    default: return '';
  }
}
