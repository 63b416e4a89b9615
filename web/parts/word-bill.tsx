import { billParts, type Brief, type WordBill, type WordPart } from '../../core/index.ts';
import { openParts, partsWithPages } from '../../core/words/bill.ts';

type Counting = NonNullable<Brief['counting']>;

/** Which words were counted and why. What counts is settled here where the assignment leaves it open; the docket follows. */
export function WordBillView({ bill, brief, settle }: { bill: WordBill; brief: Brief; settle: (counting: Counting) => void }) {
  const rule: Counting = brief.counting ?? { counted: [], left: [] }, { minWords, maxWords } = brief.limits;
  const counted = bill.lines.filter((l) => !rule.left.includes(l.part)).reduce((n, l) => n + l.words, 0), open = bill.lines.filter((l) => openParts.includes(l.part) && !rule.counted.includes(l.part) && !rule.left.includes(l.part));
  const say = (part: WordPart, counts: boolean): void => settle({ ...rule, counted: [...rule.counted.filter((p) => p !== part), ...(counts ? [part] : [])], left: [...rule.left.filter((p) => p !== part), ...(counts ? [] : [part])] });
  const pagesAsked = (brief.limits.minPages !== null || brief.limits.maxPages !== null) && bill.lines.some((l) => l.pages.length > 0), spared = rule.pagesLeft ?? [], sayPages = (part: WordPart, count: boolean): void => settle({ ...rule, pagesLeft: [...spared.filter((p) => p !== part), ...(count ? [] : [part])] });
  const off = maxWords !== null && counted > maxWords ? `${(counted - maxWords).toLocaleString('en')} over the ${maxWords.toLocaleString('en')} ${brief.lengths?.includes('maxWords') ? 'asked for' : 'allowed'}` : minWords !== null && counted < minWords ? `${(minWords - counted).toLocaleString('en')} short of the ${minWords.toLocaleString('en')} asked for` : maxWords !== null || minWords !== null ? 'within the limit' : 'no limit is settled in the brief';
  return (
    <div>
      <p style={{ marginTop: 0 }}>A word is what stands between two spaces and holds a letter or a digit, as word processors count. Running heads and page numbers are not counted. Untick what your department does not count{open.length > 0 ? '; where the assignment does not say, settle it' : ''}.</p>
      <table className="ledger">
        <thead><tr><th>Counts</th><th>Part</th><th>{pagesAsked ? 'Pages that count' : 'Pages'}</th><th style={{ textAlign: 'right' }}>Words</th></tr></thead>
        <tbody>
          {bill.lines.map((l) => {
            const line = billParts.find((p) => p.part === l.part)!.line, out = rule.left.includes(l.part), unsaid = open.includes(l);
            return <tr key={l.part}><td><input type="checkbox" checked={!out} ref={(box) => { if (box) box.indeterminate = unsaid; }} aria-label={`${line} counts`} onChange={() => say(l.part, out)} /></td><td className={out ? 'soft' : undefined}>{line}{unsaid ? <span className="is-look tiny"> not settled: <button type="button" className="act" onClick={() => say(l.part, true)}>counts</button> or <button type="button" className="act" onClick={() => say(l.part, false)}>does not</button></span> : null}</td><td className="soft tiny">{pagesAsked && l.pages.length > 0 && partsWithPages.includes(l.part) ? <input type="checkbox" checked={!spared.includes(l.part)} aria-label={`Pages of ${line.toLowerCase()} count`} onChange={() => sayPages(l.part, spared.includes(l.part))} /> : null} {stretch(l.pages)}</td><td style={{ textAlign: 'right', textDecoration: out ? 'line-through' : undefined }} className={out ? 'soft' : undefined}>{l.words.toLocaleString('en')}</td></tr>;
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
