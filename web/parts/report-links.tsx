import { useState } from 'react';
import { reportData, type DocketLine, type Failure, type ReportInput } from '../../core/index.ts';
import type { CheckRow, PaperRow } from '../store/db.ts';
import { deskPool } from '../workers/client.ts';
import { FailureNote } from './failure.tsx';
import { fileStem } from '../../core/naming/stem.ts';
import { saveAs } from './save-as.ts';

/** The docket with all findings and reasons, to print or for programs. */
export function ReportLinks({ paper, check, docket }: { paper: PaperRow; check: CheckRow; docket: DocketLine[] }) {
  const [busy, setBusy] = useState(false), [failure, setFailure] = useState<Failure | null>(null);
  const input = (): ReportInput => ({ title: paper.title, course: paper.course, place: paper.brief.place, due: paper.brief.extension ?? paper.brief.due, at: new Date().toISOString(), files: check.result.files.map(({ name, bytes, sha256, pages, words, findings, bill }) => ({ name, bytes, sha256, pages, words, findings, bill: bill ?? null })), docket, reasons: paper.reasons });
  const stem = fileStem('docket', paper.title);
  const print = async (): Promise<void> => {
    setBusy(true); setFailure(null);
    const o = await deskPool.run((api) => api.report(input())).outcome;
    setBusy(false);
    if (o.ok) saveAs(o.value, `${stem}.pdf`); else setFailure(o);
  };
  return (
    <span className="small">
      <button className="act" disabled={busy} onClick={() => void print()}>{busy ? 'Writing…' : 'Docket as PDF'}</button>{' · '}
      <button className="act" onClick={() => saveAs(new Blob([JSON.stringify(reportData(input()), null, 1)], { type: 'application/json' }), `${stem}.json`)}>as JSON</button>
      {failure ? <FailureNote failure={failure} /> : null}
    </span>
  );
}
