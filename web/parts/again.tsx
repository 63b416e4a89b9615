import { clock } from '../store/clock.ts';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { asMail, mayAgain, reopenRequest } from '../../core/send/again.ts';
import { effectiveDue } from '../../core/index.ts';
import { zoneOf } from '../../core/time/instant.ts';
import { nextOffice } from '../../core/time/plan.ts';
import type { PaperRow, ReceiptRow, SubmissionRow } from '../store/db.ts';
import { saveAs } from './save-as.ts';
import { Section } from './section.tsx';
import { Mark } from './standing.tsx';

/** What may be done once something has gone: the rules in plain words, what was sent when and which set counts, and a request to the department where nothing else is left. */
export function Again({ paper, submissions, receipts, now }: { paper: PaperRow; submissions: SubmissionRow[]; receipts: ReceiptRow[]; now: number }) {
  const rules = mayAgain(paper.brief, submissions.length, now, clock), [reason, setReason] = useState(''), [copied, setCopied] = useState(false);
  const receipt = receipts.at(-1) ?? null, { place, timeZone } = paper.brief, office = nextOffice(now, zoneOf(timeZone) ?? clock);
  const request = reopenRequest({ course: paper.course, place, title: paper.title, due: effectiveDue(paper.brief), timeZone, reason, receipt: receipt?.result.fields ?? null });
  const mail = async (): Promise<void> => saveAs(new Blob([asMail(request, receipt ? { name: receipt.name, bytes: new Uint8Array(await receipt.blob.arrayBuffer()) } : null)], { type: 'message/rfc822' }), 'request-to-reopen.eml');
  return (
    <Section title="Handing in again">
      <p style={{ margin: '0 0 6px' }}><Mark standing={rules.may === 'yes' ? 'met' : rules.may === 'ask' ? 'look' : 'notMet'} word={rules.may === 'yes' ? 'allowed' : rules.may === 'ask' ? 'not settled' : 'not allowed any more'} /></p>
      {rules.sentences.map((s) => <p key={s} className="small" style={{ margin: '2px 0' }}>{s}</p>)}
      <table className="ledger" aria-label="What was sent" style={{ marginTop: 8 }}>
        <thead><tr><th>Sent</th><th>Files</th><th>Receipt</th><th>Counts</th></tr></thead>
        <tbody>{submissions.map((s, i) => { const own = receipts.filter((r) => r.submissionId === s.id).at(-1), last = i === submissions.length - 1; return <tr key={s.id}><td>{DateTime.fromISO(s.at).setLocale('en-GB').toFormat('d LLL, HH:mm')}</td><td>{s.fileIds.length}</td><td className="mono tiny">{own?.result.fields.id ?? (s.deskId || 'none yet')}</td><td>{paper.brief.attempts.keeps === 'all' ? 'kept' : last ? 'the newest' : 'replaced'}</td></tr>; })}</tbody>
      </table>
      {rules.may !== 'yes' ? (
        <details className="small" style={{ marginTop: 10 }}>
          <summary>Ask the department to reopen it</summary>
          <TextField label="Why it has to go again" value={reason} onChange={(e) => setReason(e.target.value)} fullWidth multiline minRows={2} style={{ margin: '10px 0' }} />
          {office ? <p className="soft">Somebody is there {DateTime.fromMillis(office.from).setLocale('en-GB').toFormat('cccc d LLLL, HH:mm')} at the earliest (weekdays 9 to 17, taken as usual). Ask early: it takes its time.</p> : null}
          <div className="row"><Button variant="outlined" size="small" onClick={() => void mail()}>As a mail with the receipt</Button>
            <button className="act" onClick={() => void navigator.clipboard.writeText(`${request.subject}\n\n${request.text}`).then(() => setCopied(true))}>{copied ? 'Copied' : 'Copy the words'}</button></div>
        </details>
      ) : null}
    </Section>
  );
}
