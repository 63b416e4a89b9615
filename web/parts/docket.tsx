import { Link } from 'react-router';
import { memo, useMemo, useState } from 'react';
import { groupDocket, mendable, verdictSentence, type GroupRow } from '../../core/docket/groups.ts';
import { switchable, type DocketLine } from '../../core/index.ts';
import { FileName } from './file-name.tsx';
import { Mark } from './standing.tsx';

const remedies: Record<string, string> = { convert: 'Convert', rename: 'Rename', clean: 'Clear', redact: 'Take out', shrink: 'Shrink', 'fonts.embed': 'Embed', ocr: 'Read pages', archive: 'Write anew', join: 'Join', scan: 'Straighten', changes: 'Settle', fields: 'Turn to text', decrypt: 'See file' };

/** The ledger that travels with the paper: asked, found, standing, remedy. It says whether the paper may go and what is next. */
export const Docket = memo(function Docket({ lines, reasons, paperKey, stop, waiting, insisted, insist }: { lines: DocketLine[]; reasons: Record<string, string>; paperKey: string; stop: string; waiting: boolean; insisted: string[]; insist: (id: string, on: boolean) => void }) {
  const [all, setAll] = useState(false);
  const rows = useMemo(() => groupDocket(lines, reasons), [lines, reasons]), verdict = verdictSentence(rows);
  const documents = [...new Set(rows.map((r) => r.document))];
  const several = documents.filter((d) => d !== null).length > 1;
  const shown = rows.filter((r) => all || r.standing !== 'notAsked');
  return (
    <section className="docket" aria-label="Docket">
      <div className="pad">
        <h2 className="serif" style={{ margin: 0, fontSize: '1.1rem' }}>Docket</h2>
        <p aria-live="polite" className={verdict.mayGo ? 'is-met' : rows.some((r) => r.standing === 'notMet' && r.reason === null) ? 'is-notMet' : 'soft'} style={{ margin: '2px 0 0' }}>{waiting ? 'Reading…' : verdict.sentence}</p>
      </div>
      <table className="ledger">
        <thead><tr><th>Asked</th><th>Found</th><th>Standing</th><th>Remedy</th></tr></thead>
        <tbody>
          {documents.map((d) => {
            const own = shown.filter((r) => r.document === d);
            if (own.length === 0) return null;
            return [several ? <tr key={`h${d}`} className="head"><td colSpan={4}>{d ?? 'All together'}</td></tr> : null, ...own.map((r) => <Row key={`${d}${r.id}`} row={r} paperKey={paperKey} insisted={insisted} insist={insist} here={r.stop === stop && r.standing === 'notMet'} />)];
          })}
        </tbody>
      </table>
      <div className="pad small" style={{ paddingTop: 12 }}>
        <button className="act soft" onClick={() => setAll(!all)}>{all ? 'Hide what is not asked' : `Show what is not asked (${rows.filter((r) => r.standing === 'notAsked').length})`}</button>
      </div>
    </section>
  );
});

function Row({ row, paperKey, here, insisted, insist }: { row: GroupRow; paperKey: string; here: boolean; insisted: string[]; insist: (id: string, on: boolean) => void }) {
  const open = row.standing === 'notMet' || row.standing === 'look' || row.standing === 'unread';
  const stop = row.standing === 'unread' ? 'bring' : row.mend ? (mendable.includes(row.mend) ? 'mend' : 'check') : row.stop === 'mend' ? 'check' : row.stop;
  return (
    <tr className={here ? 'here' : undefined}>
      <td title={row.asked ?? undefined}>{row.id === 'name' ? <FileName>{row.demand}</FileName> : row.demand}</td>
      <td className={row.id === 'name' ? 'mono' : undefined}>{row.id === 'name' ? <FileName>{row.found ?? ''}</FileName> : row.found ?? ''}{row.reason === null ? null : <div className="soft tiny">goes all the same: {row.reason}</div>}</td>
      <td><Mark standing={row.standing} /></td>
      <td>{open ? <Link className={`act is-${row.standing}`} to={`/papers/${paperKey}/${stop}${stop === 'check' ? `?about=${row.id}` : ''}`}>{row.standing === 'unread' ? 'Bring' : row.mend ? remedies[row.mend] ?? 'See' : 'See'}</Link> : row.standing === 'notAsked' && row.id in switchable && !insisted.includes(row.id) ? <button className="act" onClick={() => insist(row.id, true)}>Switch on</button> : insisted.includes(row.id) ? <button className="act" onClick={() => insist(row.id, false)}>Switch off</button> : row.standing === 'notAsked' ? <Link className="act" to={`/papers/${paperKey}/read`}>Settle</Link> : ''}</td>
    </tr>
  );
}
