import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useSearchParams } from 'react-router';
import { docketGroups, groupOf, toldOnce } from '../../core/docket/groups.ts';
import { reasonKeyOf, type Finding } from '../../core/index.ts';
import { AnatomyView } from '../parts/anatomy.tsx';
import { DocumentChoice } from '../parts/document-choice.tsx';
import { FailureNote } from '../parts/failure.tsx';
import { PageView } from '../parts/page-view.tsx';
import { ReportLinks } from '../parts/report-links.tsx';
import { Mark } from '../parts/standing.tsx';
import { WordBillView } from '../parts/word-bill.tsx';
import { currentFiles } from '../queries/paper.ts';
import { changePaper } from '../store/papers.ts';
import type { StopProps } from './paper.tsx';

interface Shown extends Finding { file: string; key2: string; times: number; pages: number[] }

/** Check: what was found, grouped by what to do, each with its place on the page. */
export function CheckStop({ paper, files, check, docket }: StopProps) {
  const [search, setSearch] = useSearchParams();
  const about = search.get('about'), view = views.find((v) => v.id === search.get('view'))?.id ?? 'places';
  const current = currentFiles(files);
  const found = useMemo(() => gather(check.row?.result.files ?? []), [check.row]);
  const visible = found.filter((f) => !about || groupOf(f.check).id === about);
  const [at, setAt] = useState(0), [page, setPage] = useState<number | null>(null), [why, setWhy] = useState<string | null>(null);
  const list = useRef<HTMLDivElement>(null);
  const chosen = visible[Math.min(at, visible.length - 1)];
  useEffect(() => { setAt(0); setPage(null); }, [about]);
  const go = (to: number): void => { setAt(Math.max(0, Math.min(visible.length - 1, to))); setPage(null); };
  useHotkeys('j', () => go(at + 1), [at, visible.length]);
  useHotkeys('k', () => go(at - 1), [at, visible.length]);
  useEffect(() => { list.current?.querySelector('.chosen')?.scrollIntoView({ block: 'nearest' }); }, [at]);
  const shownPage = page ?? chosen?.place.page ?? 1;
  const file = (view === 'places' ? current.find((f) => f.name === chosen?.file) : current.find((f) => f.id === search.get('file'))) ?? current[0];
  useHotkeys('right', () => setPage(shownPage + 1), [shownPage]);
  useHotkeys('left', () => setPage(Math.max(1, shownPage - 1)), [shownPage]);
  if (current.length === 0) return <p className="pad">There is no file to check yet. <Link className="act" to={`/papers/${paper.id}/bring`}>Bring the paper</Link></p>;
  const bill = check.row?.result.files.find((f) => f.name === file?.name)?.bill ?? null;
  const pages = check.row?.result.files.find((f) => f.name === file?.name)?.pages ?? null;
  const places = (check.row?.result.files.find((f) => f.name === file?.name)?.findings ?? []).filter((f) => f.place.page === shownPage && f.place.box !== null);
  const reasoned = (f: Shown): string | undefined => paper.reasons[reasonKey(f)];
  const stopsCount = found.filter((f) => f.standing === 'stops' && !reasoned(f)).length;
  return (
    <>
      <div className="stop-head">
        <h2>{view !== 'places' ? views.find((v) => v.id === view)!.word : check.row ? (stopsCount > 0 ? 'What stops it' : 'Nothing stops it') : 'Reading'}</h2>
        <nav aria-label="View" className="row small" style={{ gap: 14 }}>{views.map((v) => <button key={v.id} className="act" aria-current={view === v.id ? 'page' : undefined} style={view === v.id ? { textDecorationColor: 'transparent', fontWeight: 600, color: 'var(--ink)' } : undefined} onClick={() => setSearch(v.id === 'places' ? {} : { view: v.id })}>{v.word}</button>)}</nav>
        <span className="soft tiny">{check.row ? `read in ${(check.row.tookMs / 1000).toFixed(1)} s on this machine, nothing left it` : ''}</span>
      </div>
      {check.running ? (
        <div className="pad" style={{ paddingBottom: 0 }} role="status">
          <LinearProgress variant={check.progress ? 'determinate' : 'indeterminate'} value={check.progress ? (100 * check.progress.done) / Math.max(1, check.progress.of) : undefined} aria-label="Checking" />
          <div className="row spread small soft" style={{ marginTop: 4 }}><span>{check.progress ? `${check.progress.done} of ${check.progress.of} ${check.progress.what}` : 'Opening the file…'}</span><button className="act" onClick={check.stop}>Stop</button></div>
        </div>
      ) : null}
      {check.failure ? <div className="pad"><FailureNote failure={check.failure} /><Button variant="outlined" style={{ marginTop: 10 }} onClick={check.again}>Check again</Button></div> : null}
      {view !== 'places' && file ? (
        <div className="pad" style={{ maxWidth: 860 }}>
          <DocumentChoice files={current} chosen={file.id} choose={(id) => setSearch({ view, file: id })} />
          {view === 'inside' ? <AnatomyView file={file} mendTo={`/papers/${paper.id}/mend`} /> : bill ? <WordBillView bill={bill} brief={{ ...paper.brief, limits: { ...paper.brief.limits, ...(file.slot === null ? {} : withValues(paper.brief.documents[file.slot]?.limits ?? {})) } }} settle={(counting) => void changePaper(paper.id, { brief: { ...paper.brief, counting } })} /> : <p className="soft">The words of this file could not be counted.</p>}
        </div>
      ) : <div className="two">
        <div className="pad" ref={list} style={{ maxHeight: '74vh', overflow: 'auto' }}>
          <TextField select fullWidth label="Show" value={about ?? ''} onChange={(e) => setSearch(e.target.value ? { about: e.target.value } : {})} slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}>
            <option value="">everything ({found.length})</option>
            {docketGroups.filter((g) => found.some((f) => groupOf(f.check).id === g.id)).map((g) => <option key={g.id} value={g.id}>{g.line} ({found.filter((f) => groupOf(f.check).id === g.id).length})</option>)}
          </TextField>
          {check.row && visible.length === 0 ? <p className="soft">Nothing was found here. {about ? '' : 'The docket shows what was looked at.'}</p> : null}
          {(['stops', 'look'] as const).map((standing) => {
            const own = visible.filter((f) => f.standing === standing);
            if (own.length === 0) return null;
            return (
              <div key={standing}>
                <p className="group-name">{standing === 'stops' ? 'Stops the hand-over' : 'For your eye'}</p>
                {own.map((f) => {
                  const i = visible.indexOf(f);
                  return (
                    <div key={f.key2} className={`finding${f === chosen ? ' chosen' : ''}`}>
                      <button className="pick" aria-pressed={f === chosen} onClick={() => go(i)}>
                        <span className="what small">{headingOf(f)}</span> {reasoned(f) ? <span className="tiny soft">· not a problem: {reasoned(f)}</span> : null}
                        <br /><span className="soft tiny">{whereOf(f)}{f.times > 1 ? ` · ${f.times} places` : ''}</span>
                      </button>
                      {f === chosen ? (
                        <div className="small" style={{ marginTop: 6 }}>
                          {f.message.replace(/\.$/, '') === headingOf(f) ? null : <p style={{ margin: '0 0 8px' }}>{f.message}</p>}
                          <div className="row">
                            {mendOf(f) ? <Button component={Link} variant="contained" size="small" to={`/papers/${paper.id}/mend`}>{mendOf(f)}</Button> : null}
                            {why === f.key2 ? null : <button className="act" onClick={() => setWhy(f.key2)}>{reasoned(f) ? 'Change the reason' : 'Not a problem, because…'}</button>}
                          </div>
                          {why === f.key2 ? <ReasonForm start={reasoned(f) ?? ''} keep={(text) => { const { [reasonKey(f)]: _, ...rest } = paper.reasons; void changePaper(paper.id, { reasons: text ? { ...rest, [reasonKey(f)]: text } : rest }); setWhy(null); }} /> : null}
                        </div>
                      ) : null}
                    </div>
                  );
                })}
              </div>
            );
          })}
        </div>
        <div className="sheet-side">
          {file ? <>
            <PageView file={file} page={shownPage} places={file.kind === 'pdf' ? places.map((p) => ({ box: p.place.box!, look: p.standing === 'look', chosen: chosen !== undefined && p.check === chosen.check && p.message === chosen.message, label: p.message })) : []} />
            <div className="row small" style={{ width: '100%', maxWidth: 560 }}>
              <span className="soft">page {shownPage}{pages ? ` of ${pages}` : ''}{file.kind !== 'pdf' ? ', as the built-in engine lays it out' : ''}</span>
              <button className="act" disabled={shownPage <= 1} onClick={() => setPage(shownPage - 1)}>previous page</button>
              <button className="act" disabled={pages !== null && file.kind === 'pdf' && shownPage >= pages} onClick={() => setPage(shownPage + 1)}>next page</button>
              {visible.length > 1 ? <span style={{ marginLeft: 'auto' }}><button className="act" onClick={() => go(at + 1)}>next place</button> <span className="mono soft">j</span></span> : null}
            </div>
            {chosen && chosen.place.quote && (chosen.place.page === null || !chosen.place.box) ? <div className="small" style={{ width: '100%', maxWidth: 560, borderTop: '1px solid var(--rule)', paddingTop: 8 }}><span className="soft">{chosen.place.part}</span><br /><span className="mono">{chosen.place.quote}</span></div> : null}
          </> : null}
          {check.row ? <FontLedger fonts={check.row.result.files.find((f) => f.name === file?.name)?.fonts ?? []} show={about === 'fonts'} /> : null}
        </div>
      </div>}
      {check.row ? <div className="pad" style={{ borderTop: '1px solid var(--hair)' }}><ReportLinks paper={paper} check={check.row} docket={docket} /></div> : null}
    </>
  );
}

const views = [{ id: 'places', word: 'Findings' }, { id: 'words', word: 'Word bill' }, { id: 'inside', word: 'Inside the file' }] as const;
const withValues = <T extends object>(o: T): Partial<T> => Object.fromEntries(Object.entries(o).filter(([, v]) => v !== null)) as Partial<T>;
const reasonKey = reasonKeyOf;

/** The same finding on many pages is one line with its pages. */
function gather(files: { name: string; findings: Finding[] }[]): Shown[] {
  const out = new Map<string, Shown>();
  for (const f of files) for (const finding of toldOnce(f.findings)) {
    const key2 = `${f.name}|${finding.check}|${finding.message}|${finding.place.page === null ? finding.place.part : ''}`;
    const known = out.get(key2);
    if (known) { known.times++; if (finding.place.page && !known.pages.includes(finding.place.page)) known.pages.push(finding.place.page); } else out.set(key2, { ...finding, file: f.name, key2, times: 1, pages: finding.place.page ? [finding.place.page] : [] });
  }
  return [...out.values()].sort((a, b) => (a.standing === 'stops' ? 0 : 1) - (b.standing === 'stops' ? 0 : 1));
}
function headingOf(f: Shown): string {
  const found = typeof f.data.found === 'string' ? `“${f.data.found}”` : '';
  if (f.check.startsWith('identity.') && found) return `${found} in ${String(f.data.where)}`;
  if (f.check.startsWith('metadata.')) return f.key === 'identifies' ? `Your detail as ${String(f.data.what)}` : `Stored ${String(f.data.what)}`;
  // Its first sentence; what it quotes may hold stops of its own.
  const sentence = /^(?:“[^”]*”|[^:.;]|[:.;](?=\S))+/u.exec(f.message)?.[0] ?? f.message;
  return sentence.length <= 90 ? sentence : `${sentence.slice(0, 90).replace(/\s+\S*$/, '')} …`;
}
function whereOf(f: Shown): string {
  if (f.pages.length > 0) { const [a, z] = [Math.min(...f.pages), Math.max(...f.pages)]; return `${f.pages.length === 1 ? `page ${a}` : `pages ${a}–${z}`}${f.place.part !== 'text' ? `, ${f.place.part}` : ''}`; }
  return f.place.part === 'file' || f.place.part === 'name' ? f.file : f.place.part;
}
function mendOf(f: Shown): string | null {
  if (/^metadata\.|^remains\.(comments|older)|^identity\.(comment|tracked-change|annotation|revision|orphan|image-metadata|path)/.test(f.check)) return 'Clear it in Mend';
  if (/^name\.|^identity\.filename|^file\.extension/.test(f.check)) return 'Rename it in Mend';
  if (f.check === 'file.type') return 'Convert it in Mend';
  if (/^identity\.(text|running-head|footnote|textbox)/.test(f.check) && f.standing === 'stops') return 'Take it out in Mend';
  return null;
}

function ReasonForm({ start, keep }: { start: string; keep: (text: string) => void }) {
  const [text, setText] = useState(start);
  return <form className="row" style={{ marginTop: 8 }} onSubmit={(e) => { e.preventDefault(); keep(text.trim()); }}><TextField label="because" value={text} onChange={(e) => setText(e.target.value)} autoFocus /><Button type="submit" variant="outlined" size="small">Keep the reason</Button></form>;
}

function FontLedger({ fonts, show }: { fonts: { name: string; type: string; embedded: boolean; subset: boolean }[]; show: boolean }) {
  if (!show || fonts.length === 0) return null;
  return (
    <table className="ledger" style={{ maxWidth: 560, background: 'var(--sheet)' }}>
      <thead><tr><th>Font</th><th>Type</th><th>Embedded</th><th>Subset</th></tr></thead>
      <tbody>{fonts.map((f, i) => <tr key={i}><td className="mono">{f.name}</td><td>{f.type}</td><td>{f.type === 'named' ? 'named only' : <Mark standing={f.embedded ? 'met' : 'notMet'} word={f.embedded ? 'yes' : 'no'} />}</td><td>{f.subset ? 'yes' : 'no'}</td></tr>)}</tbody>
    </table>
  );
}
