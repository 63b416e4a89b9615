import { billParts, type Brief, type WordBill } from '../../core/index.ts';

/** Which words were counted and why: parts that can be left out, with what is left against the limit. */
export function WordBillView({ bill, brief, left, leave }: { bill: WordBill; brief: Brief; left: string[]; leave: (parts: string[]) => void }) {
  const counted = bill.lines.filter((l) => !left.includes(l.part)).reduce((n, l) => n + l.words, 0), { minWords, maxWords } = brief.limits;
  const off = maxWords !== null && counted > maxWords ? `${(counted - maxWords).toLocaleString('en')} over the ${maxWords.toLocaleString('en')} allowed` : minWords !== null && counted < minWords ? `${(minWords - counted).toLocaleString('en')} short of the ${minWords.toLocaleString('en')} asked for` : maxWords !== null || minWords !== null ? 'within the limit' : 'no limit is settled in the brief';
  return (
    <div>
      <p style={{ marginTop: 0 }}>A word is what stands between two spaces and holds a letter or a digit, as word processors count. Running heads and page numbers are not counted. Take out what your department does not count.</p>
      <table className="ledger">
        <thead><tr><th>Counts</th><th>Part</th><th>Pages</th><th style={{ textAlign: 'right' }}>Words</th></tr></thead>
        <tbody>
          {bill.lines.map((l) => {
            const line = billParts.find((p) => p.part === l.part)!.line, out = left.includes(l.part);
            return <tr key={l.part}><td><input type="checkbox" checked={!out} aria-label={`${line} counts`} onChange={() => leave(out ? left.filter((p) => p !== l.part) : [...left, l.part])} /></td><td className={out ? 'soft' : undefined}>{line}</td><td className="soft tiny">{stretch(l.pages)}</td><td style={{ textAlign: 'right', textDecoration: out ? 'line-through' : undefined }} className={out ? 'soft' : undefined}>{l.words.toLocaleString('en')}</td></tr>;
          })}
          <tr style={{ fontWeight: 600, borderTop: '1px solid var(--rule)' }}><td /><td>Together</td><td className="soft tiny">{off}</td><td style={{ textAlign: 'right' }}><strong>{counted.toLocaleString('en')}</strong>{counted !== bill.total ? <span className="soft tiny"> of {bill.total.toLocaleString('en')}</span> : null}</td></tr>
        </tbody>
      </table>
    </div>
  );
}
/** Pages as stretches: 1–3, 7. */
function stretch(pages: number[]): string {
  const out: [number, number][] = [];
  for (const p of pages) { const last = out[out.length - 1]; if (last && last[1] === p - 1) last[1] = p; else out.push([p, p]); }
  return out.map(([a, z]) => (a === z ? String(a) : `${a}–${z}`)).join(', ');
}
