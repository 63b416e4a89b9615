import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { openQuestions, questionMessage } from '../../core/brief/question.ts';
import { useDetails } from '../queries/paper.ts';
import type { PaperRow } from '../store/db.ts';

/** What the wording leaves open, as a message that is ready to send; it identifies only by what the student signs with. */
export function QuestionsPart({ paper }: { paper: PaperRow }) {
  const details = useDetails(), [sign, setSign] = useState<'nothing' | 'name' | 'student' | 'candidate'>('nothing'), [left, setLeft] = useState<string[]>([]), [copied, setCopied] = useState(false);
  const questions = useMemo(() => openQuestions(paper.brief, paper.remarks), [paper.brief, paper.remarks]);
  if (questions.length === 0) return <p className="is-met small" style={{ margin: 0 }}>Nothing that matters is left open.</p>;
  const signature = !details ? '' : sign === 'name' ? `${details.givenNames.join(' ')} ${details.surname}`.trim() : sign === 'student' ? `Student number ${details.studentNumber}` : sign === 'candidate' ? `Candidate number ${details.candidateNumber}` : '';
  const message = questionMessage({ questions: questions.filter((q) => !left.includes(q.field)), course: paper.course, title: paper.title, signature });
  return (
    <>
      <ul className="small" style={{ margin: '0 0 8px', paddingLeft: 20 }}>{questions.map((q) => <li key={q.field} style={{ opacity: left.includes(q.field) ? 0.5 : 1 }}>{q.text} <button type="button" className="act tiny" onClick={() => setLeft(left.includes(q.field) ? left.filter((f) => f !== q.field) : [...left, q.field])}>{left.includes(q.field) ? 'ask it' : 'leave it out'}</button></li>)}</ul>
      <div className="row" style={{ marginBottom: 8 }}>
        <TextField select label="Sign with" value={sign} onChange={(e) => setSign(e.target.value as typeof sign)} style={{ minWidth: 180 }}><MenuItem value="nothing">nothing</MenuItem><MenuItem value="name">my name</MenuItem><MenuItem value="student">my student number</MenuItem><MenuItem value="candidate">my candidate number</MenuItem></TextField>
        {paper.brief.anonymous && (sign === 'name' || sign === 'student') ? <span className="small is-look">The marking is anonymous: somebody who marks may read this.</span> : null}
      </div>
      <pre className="wording" style={{ margin: 0, maxHeight: 240, fontSize: '0.9375rem' }} aria-label="Message to the department">{`${message.subject}\n\n${message.body}`}</pre>
      <div className="row" style={{ marginTop: 8 }}><Button type="button" variant="outlined" size="small" onClick={() => void navigator.clipboard.writeText(`${message.subject}\n\n${message.body}`).then(() => setCopied(true), () => setCopied(false))}>Copy the message</Button>{copied ? <span role="status" className="small is-met">copied</span> : null}</div>
    </>
  );
}
