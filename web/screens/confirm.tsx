import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { showBytes } from '../../core/index.ts';
import { Afterwards } from '../parts/afterwards.tsx';
import { Again } from '../parts/again.tsx';
import { Evidence } from '../parts/evidence.tsx';
import { FailureNote } from '../parts/failure.tsx';
import { momentText } from '../parts/moment.ts';
import { Mark } from '../parts/standing.tsx';
import { ChangedText } from '../parts/versions.tsx';
import { showInstant, zoneOfTimes } from '../../core/time/instant.ts';
import { useNow } from '../queries/paper.ts';
import { clock } from '../store/clock.ts';
import { db, type ReceiptRow, type SubmissionRow } from '../store/db.ts';
import { compareReturned, standingOf, keepReceipt } from '../store/receipts.ts';
import type { StopProps } from './paper.tsx';

const headline = { confirmed: 'Confirmed: the right paper arrived.', doubtful: 'Doubtful: the receipt leaves something open.', refuted: 'Refuted: the receipt does not speak of this paper.' } as const;
const fieldWords: Record<string, string> = { id: 'Receipt number', receivedAt: 'Received', fileNames: 'File name', bytes: 'Size', sha256: 'SHA-256', md5: 'MD5', crc32: 'CRC-32', sha1: 'SHA-1', sha384: 'SHA-384', sha512: 'SHA-512', pages: 'Pages', words: 'Words', extract: 'Piece of the text', title: 'Title', status: 'Status', place: 'Place', documents: 'Documents' };
const wordOf = (field: string): string => { const [name, index] = field.split(/\[|\]/); return `${fieldWords[name!] ?? name}${index !== undefined && index !== '' ? ` ${Number(index) + 1}` : ''}`; };

/** Confirm: what the receipt says against what was sent, field by field; and what arrived against what went, byte for byte. */
export function ConfirmStop({ paper, files, receipts, submissions }: StopProps) {
  const [trouble, setTrouble] = useState<string | null>(null), [busy, setBusy] = useState(false);
  const input = useRef<HTMLInputElement>(null), back = useRef<HTMLInputElement>(null), [pasted, setPasted] = useState('');
  const now = useNow(), last = submissions.at(-1) ?? null, receipt = receipts.at(-1) ?? null, standing = receipt ? standingOf(receipt) : null;
  const take = async (file: File, submission: SubmissionRow | null): Promise<void> => {
    setBusy(true);
    setTrouble(null);
    try { const kept = await keepReceipt(paper, file, submission?.id ?? null); if (typeof kept === 'string') setTrouble(kept); } catch (e) { setTrouble(e instanceof Error ? e.message : String(e)); } finally { setBusy(false); }
  };
  const fetchReceipt = async (kind: 'pdf' | 'json'): Promise<void> => {
    const response = await fetch(`/desk/submissions/${last!.deskId}/receipt.${kind}`).catch(() => null);
    if (response?.status === 409) { setTrouble(((await response.json()) as { refused: string }).refused); return; }
    if (!response?.ok) { setTrouble('The desk does not know this receipt any more: it forgets when it is closed. Use the receipt that you kept.'); return; }
    await take(new File([await response.blob()], `receipt-${last!.deskId}.${kind}`), last);
  };
  const fetchMail = async (): Promise<void> => {
    setTrouble(null);
    const response = await fetch(`/desk/mail/${last!.deskId}.eml`).catch(() => null);
    if (!response?.ok) { setTrouble('There is no mail from the desk.'); return; }
    await take(new File([await response.blob()], `receipt-${last!.deskId}.eml`), last);
  };
  const fetchBack = async (r: ReceiptRow): Promise<void> => {
    setTrouble(null);
    for (const [i, id] of r.fileIds.entries()) {
      const file = files.find((f) => f.id === id) ?? (await db.files.get(id));
      const response = await fetch(`/desk/submissions/${last!.deskId}/files/${i}`).catch(() => null);
      if (!response?.ok || !file) { setTrouble('What is stored could not be fetched from the desk.'); return; }
      const trouble = await compareReturned((await db.receipts.get(r.id))!, file, await response.blob(), file.name);
      if (trouble) { setTrouble(trouble); return; }
    }
  };
  return (
    <>
      <div className="stop-head"><h2>{standing ? headline[standing] : 'Wait for the receipt'}</h2>{standing ? <Mark standing={standing === 'confirmed' ? 'met' : standing === 'doubtful' ? 'look' : 'notMet'} word={standing} /> : null}</div>
      <div className="pad">
        {!last && !receipt ? <p style={{ marginTop: 0 }}>Nothing has been sent from here yet. <Link className="act" to={`/papers/${paper.id}/send`}>Send it</Link>, or, if you handed it in elsewhere, bring the receipt.</p> : null}
        {last ? <p className="small" style={{ marginTop: 0 }}>Sent {momentText(last.at)} to “{last.place}”, {last.fileIds.length} {last.fileIds.length === 1 ? 'file' : 'files'}. {last.deskId ? <>The desk answered <span className="mono">{last.deskId}</span>.</> : 'It was handed in at another site: bring its receipt.'}{standing === 'confirmed' ? null : ' Seeing it listed is not enough: read the receipt.'}</p> : null}
        <div className="row">
          {last?.deskId ? <><Button variant={receipt ? 'outlined' : 'contained'} disabled={busy} onClick={() => void fetchReceipt('pdf')}>Fetch the receipt (PDF)</Button><Button variant="outlined" disabled={busy} onClick={() => void fetchReceipt('json')}>as JSON</Button><button className="act" disabled={busy} onClick={() => void fetchMail()}>Look into the mailbox</button></> : null}
          <input ref={input} type="file" hidden aria-label="Bring a receipt" onChange={(e) => { const f = e.target.files?.[0]; if (f) void take(f, last); e.target.value = ''; }} />
          <button className="act" onClick={() => input.current?.click()}>Bring a receipt from a file</button>
          {receipt ? <button className="act" onClick={() => void saveReceipt(receipt)}>Keep it as a file</button> : null}
        </div>
        <details className="small" style={{ marginTop: 10 }}><summary>Paste the words of a receipt</summary>
          <TextField label="Words of the receipt" value={pasted} onChange={(e) => setPasted(e.target.value)} multiline minRows={4} fullWidth style={{ margin: '8px 0' }} />
          <Button variant="outlined" size="small" disabled={busy || pasted.trim().length < 10} onClick={() => void take(new File([pasted], 'pasted-receipt.txt', { type: 'text/plain' }), last).then(() => setPasted(''))}>Read it</Button></details>
        {busy ? <p role="status" className="soft">Reading the receipt…</p> : null}
        {trouble ? <div style={{ marginTop: 12 }}><FailureNote failure={{ message: trouble, remedy: '' }} /></div> : null}
      </div>
      {receipt ? (
        <>
          <table className="ledger receipt" aria-label="Agreement of the receipt with what was sent">
            <thead><tr><th>Point</th><th>Sent</th><th>Stated</th><th>Agreement</th></tr></thead>
            <tbody>{receipt.result.agreement.map((a) => <tr key={a.field} className={a.standing === 'differs' ? 'here' : undefined}><td>{wordOf(a.field)}</td><td className={mono(a.field)}>{a.expected ?? '–'}</td><td className={mono(a.field)}>{a.found === null ? 'not stated' : a.field === 'receivedAt' ? shownTime(a.found, zoneOfTimes(paper.brief, clock)) : a.found}</td><td><Mark standing={a.standing === 'agrees' ? 'met' : a.standing === 'differs' ? 'notMet' : 'unread'} word={a.standing} /></td></tr>)}</tbody>
          </table>
          <div className="pad">
            <p className="soft tiny" style={{ margin: 0 }}>From <span className="mono">{receipt.name}</span>, read {momentText(receipt.at)}.</p>
            <h3 className="group-name">What arrived</h3>
            {receipt.returned.length === 0 ? <p className="soft small" style={{ marginTop: 0 }}>{last?.deskId ? 'Fetch what the desk stored' : 'Download what is stored there'} and compare it with what you meant to send.</p> : receipt.returned.map((r) => <ArrivedLine key={r.fileId} returned={r} />)}
            {last?.deskId ? <Button variant="outlined" size="small" style={{ marginTop: 6 }} onClick={() => void fetchBack(receipt)}>Fetch and compare</Button> : <><input ref={back} type="file" hidden aria-label="Bring what arrived" onChange={(e) => { const f = e.target.files?.[0], own = files.filter((x) => receipt.fileIds.includes(x.id)); if (f) void compareReturned(receipt, own.find((x) => x.name === f.name) ?? own[0]!, f, f.name).then((t) => { if (t) setTrouble(t); }); e.target.value = ''; }} /><Button variant="outlined" size="small" style={{ marginTop: 6 }} onClick={() => back.current?.click()}>Bring the copy that you downloaded there</Button></>}
          </div>
        </>
      ) : null}
      <div className="pad" style={{ paddingTop: 0 }}>{submissions.length > 0 ? <Again paper={paper} submissions={submissions} receipts={receipts} now={now} /> : null}<Evidence paper={paper} />{submissions.length > 0 || receipt ? <Afterwards key={paper.id} paper={paper} /> : null}</div>
    </>
  );
}
/** One file that came back: its bytes, or what its words and pages say where the receiver wrote it anew. */
function ArrivedLine({ returned: { name, bytes, same, arrived } }: { returned: ReceiptRow['returned'][number] }) {
  const pages = arrived?.pages, alike = pages ? pages.sent === pages.arrived && pages.differing.length === 0 : null;
  const word = same ? 'the same, byte for byte' : arrived?.standing === 'sameContent' ? `written anew by the receiver: the same words${alike ? `, and all ${pages!.sent} pages look the same` : ''}` : arrived?.changes ? `another text: ${arrived.changes.removed.toLocaleString('en')} words went, ${arrived.changes.added.toLocaleString('en')} came` : 'not the same bytes';
  return (
    <div style={{ margin: '4px 0' }}>
      <span className="mono">{name}</span>, {showBytes(bytes)}: <Mark standing={same ? 'met' : arrived?.standing === 'sameContent' ? 'look' : 'notMet'} word={word} />
      {pages && !alike ? <p className="small is-notMet" style={{ margin: '2px 0' }}>{pages.sent !== pages.arrived ? `${pages.sent} pages were sent, ${pages.arrived} arrived. ` : ''}{pages.differing.length > 0 ? `Pages that look different: ${pages.differing.slice(0, 20).join(', ')}.` : ''}</p> : null}
      {arrived?.changes && arrived.standing === 'other' ? <ChangedText changes={arrived.changes} /> : null}
    </div>
  );
}
/** A stated time by the clock that the due time is told by; to the second, where that is stated. */
const shownTime = (iso: string, zone: string | null): string => `${showInstant(iso, zone)}${/T\d\d:\d\d(:\d\d)/.exec(iso)?.[1] ?? ''}`;
const mono = (field: string): string | undefined => (/^(fileNames|sha|md5|id)/.test(field) ? 'mono tiny' : undefined);
async function saveReceipt(receipt: ReceiptRow): Promise<void> {
  const a = document.createElement('a');
  a.href = URL.createObjectURL(receipt.blob);
  a.download = receipt.name;
  a.click();
  URL.revokeObjectURL(a.href);
}
