import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Afterwards as AfterwardsRecord, PaperRow } from '../store/db.ts';
import { changePaper } from '../store/papers.ts';
import { saveAs } from './save-as.ts';
import { Section } from './section.tsx';

const empty: AfterwardsRecord = { score: '', scoreAt: '', feedbackDue: '', mark: '', remarks: '' };
const fields: readonly { key: keyof AfterwardsRecord; label: string; type?: 'date'; hint: string }[] = [
  { key: 'score', label: 'Similarity score', hint: 'as the receiver reports it' }, { key: 'scoreAt', label: 'Score came on', type: 'date', hint: '' }, { key: 'feedbackDue', label: 'Feedback is due', type: 'date', hint: 'often some weeks after' }, { key: 'mark', label: 'Mark', hint: '' },
];

/** What comes after: score, feedback and mark, as a record that stays with the paper. */
export function Afterwards({ paper }: { paper: PaperRow }) {
  const [record, setRecord] = useState<AfterwardsRecord>({ ...empty, ...paper.afterwards });
  const keep = (next: AfterwardsRecord): void => { setRecord(next); void changePaper(paper.id, { afterwards: next }); };
  return (
    <Section title="Afterwards">
      <div className="row" style={{ alignItems: 'flex-start', gap: 12 }}>
        {fields.map((f) => <TextField key={f.key} label={f.label} type={f.type ?? 'text'} value={record[f.key]} helperText={f.hint || undefined} onChange={(e) => keep({ ...record, [f.key]: e.target.value })} slotProps={{ inputLabel: f.type === 'date' ? { shrink: true } : undefined }} style={{ width: 180 }} />)}
      </div>
      <TextField label="Remarks" value={record.remarks} onChange={(e) => keep({ ...record, remarks: e.target.value })} multiline minRows={2} fullWidth style={{ marginTop: 12 }} />
      {/^\d{4}-\d{2}-\d{2}$/.test(record.feedbackDue) ? <button type="button" className="act small" style={{ marginTop: 8 }} onClick={() => void import('../../core/time/calendar.ts').then((m) => saveAs(new Blob([m.dayInCalendar(record.feedbackDue, `Feedback due: ${paper.title}`, `feedback.${paper.id}`, Date.now())], { type: 'text/calendar' }), 'feedback.ics'))}>Put the feedback date into my calendar (.ics)</button> : null}
    </Section>
  );
}
