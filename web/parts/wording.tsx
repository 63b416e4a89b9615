import { DateTime } from 'luxon';
import { Fragment } from 'react';
import type { Remark } from '../../core/index.ts';
import type { Evidence } from '../../core/model/brief.ts';

/** The wording with the words that settled a field underlined; choosing either shows the other. */
export function Wording({ text, evidence, remarks, chosen, choose, keptAt }: { text: string; evidence: Evidence[]; remarks: Remark[]; chosen: string | null; choose: (field: string | null) => void; keptAt: string | null }) {
  const cuts: { start: number; end: number; fields: string[]; open: boolean }[] = [];
  const unsettled = remarks.flatMap((r) => r.quotes.map((q) => ({ ...q, field: r.field, open: true })));
  for (const e of [...evidence.map((x) => ({ ...x, open: false })), ...unsettled].sort((a, b) => a.start - b.start || b.end - a.end)) {
    const last = cuts[cuts.length - 1];
    if (e.end > text.length || text.slice(e.start, e.end) !== e.quote) continue;
    if (last && e.start < last.end) { last.fields.push(e.field); last.end = Math.max(last.end, e.end); last.open ||= e.open; } else cuts.push({ start: e.start, end: e.end, fields: [e.field], open: e.open });
  }
  let at = 0;
  return (
    <>
      <div className="wording" aria-label="Wording of the assignment" tabIndex={0}>
        {cuts.map((c) => {
          const before = text.slice(at, c.start);
          at = c.end;
          const on = chosen !== null && c.fields.some((f) => f.startsWith(chosen));
          const field = c.fields[0]!.split(/[.[]/)[0]!;
          // The end of a line and the indent of the next are no words: they are not underlined.
          return (
            <Fragment key={c.start}>
              {before}
              {text.slice(c.start, c.end).split(/(\n[ \t>]*)/).map((piece, i) => (i % 2 === 1 ? piece : <mark key={i} className={[on ? 'chosen' : '', c.open ? 'open' : ''].join(' ')} title={c.fields.join(', ')} onMouseEnter={() => choose(field)} onMouseLeave={() => choose(null)}>{piece}</mark>))}
            </Fragment>
          );
        })}
        {text.slice(at)}
      </div>
      <p className="soft tiny" style={{ margin: '6px 0 0' }}>{keptAt ? `Kept word for word since ${DateTime.fromISO(keptAt).setLocale('en-GB').toFormat('d LLL yyyy, HH:mm')}.` : ''} Underlined words settled a field below; a dashed line marks what settles nothing.</p>
    </>
  );
}
