import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useQuery } from '@tanstack/react-query';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link } from 'react-router';
import type { Compared, Failure, SharedPassage } from '../../core/index.ts';
import { DocumentChoice } from '../parts/document-choice.tsx';
import { FailureNote } from '../parts/failure.tsx';
import { OverlapStrip } from '../parts/overlap-strip.tsx';
import { Mark } from '../parts/standing.tsx';
import { currentFiles } from '../queries/paper.ts';
import { db, newId, type SourceRow } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { asProgress, workPool } from '../workers/client.ts';
import type { StopProps } from './paper.tsx';

/** Compare: what the paper shares with other texts, before the receiver looks. What counts is each passage, not the number. */
export function CompareStop({ paper, files, check }: StopProps) {
  const [trouble, setTrouble] = useState<string | null>(null), [at, setAt] = useState(0), [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const sources = useLiveQuery(() => db.sources.where({ paperKey: paper.id }).toArray(), [paper.id]);
  const [picked, setPicked] = useState<string | null>(null), current = currentFiles(files), wordsOf = (name: string): number => check.row?.result.files.find((f) => f.name === name)?.words ?? 0;
  // Of several documents the one with the most words is the paper; a form beside it holds little that could be shared.
  const file = current.find((f) => f.id === picked) ?? current.reduce<(typeof current)[number] | undefined>((most, f) => (most && wordsOf(most.name) >= wordsOf(f.name) ? most : f), undefined), key = [paper.id, file?.id, sources?.map((s) => s.id).join(), paper.wording.length];
  const query = useQuery({
    queryKey: ['compare', ...key], enabled: !!file && !!sources && sources.length > 0, retry: false, staleTime: Infinity, refetchOnWindowFocus: false,
    queryFn: async () => {
      const wording = paper.wording ? [{ name: 'the assignment', blob: new Blob([paper.wording]) }] : [];
      const templates = [...wording, ...paper.templates.map((t) => ({ name: t.name, blob: new Blob([t.text]) }))];
      const outcome = await workPool.run<Compared>((api) => api.compare({ name: file!.name, blob: file!.blob }, sources!.map((s) => ({ name: s.name, blob: s.blob })), templates, asProgress((done, of) => setProgress({ done, of }))) as never).outcome;
      setProgress(null);
      return outcome;
    },
  });
  const bring = async (list: File[]): Promise<void> => {
    try { for (const f of list) await db.sources.add({ id: newId(), paperKey: paper.id, name: f.name, blob: new Blob([await f.arrayBuffer()]) }); setTrouble(null); } catch (e) { setTrouble(explainStoreError(e)); }
  };
  const { getRootProps, getInputProps, isDragActive } = useDropzone({ onDrop: (list) => void bring(list) });
  const result = query.data?.ok ? query.data.value : null, failure: Failure | null = query.data && !query.data.ok ? query.data : null;
  const counted = result?.passages.filter((p) => !p.references && !p.template) ?? [], open = counted.filter((p) => !p.cited || !p.quoted);
  const chosen = result?.passages[Math.min(at, result.passages.length - 1)];
  if (!file) return <p className="pad">There is no paper to compare yet. <Link className="act" to={`/papers/${paper.id}/bring`}>Bring it</Link></p>;
  return (
    <>
      <div className="stop-head"><h2>{result ? (counted.length === 0 ? 'Nothing is shared' : `${counted.length} shared ${counted.length === 1 ? 'passage' : 'passages'}`) : 'Compare with other texts'}</h2><span className="soft tiny">here, in this browser; no text leaves it</span></div>
      <div className="pad">
        <DocumentChoice files={current} chosen={file.id} choose={(id) => { setPicked(id); setAt(0); }} />
        <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}`, style: { padding: 12 } })}><input {...getInputProps({ 'aria-label': 'Add texts to compare with' })} />Drop the texts you worked with, or <span className="act" style={{ textDecoration: 'underline' }}>choose them</span>.</div>
        {trouble ? <p className="failure small" role="alert">{trouble}</p> : null}
        <div className="small" style={{ marginTop: 8 }}>{(sources ?? []).map((s: SourceRow) => <span key={s.id} style={{ marginRight: 16 }}><span className="mono">{s.name}</span> <button className="act" onClick={() => void db.sources.delete(s.id)}>take away</button></span>)}</div>
        {query.isFetching ? <div role="status" style={{ marginTop: 12 }}><LinearProgress variant={progress ? 'determinate' : 'indeterminate'} value={progress ? (100 * progress.done) / progress.of : undefined} aria-label="Comparing" /></div> : null}
        {failure ? <FailureNote failure={failure} /> : null}
        {!result && !query.isFetching && !failure ? <p className="soft">{(sources ?? []).length === 0 ? 'Add your sources, earlier papers, or what a friend has written on the same subject.' : ''}{paper.brief.similarityChecked ? ' This paper will be checked for similarity: the first score takes 10 to 30 minutes, a later one 24 to 48 hours (common practice).' : ''}</p> : null}
        {result ? (
          <>
            <p style={{ margin: '14px 0 8px' }}>{result.matchedWords.toLocaleString('en')} of {result.words.toLocaleString('en')} words, {(result.share * 100).toFixed(1)} %, also stand in these texts. {counted.length === 0 ? '' : open.length === 0 ? 'Each is quoted and cited: that is no reason to worry.' : `${open.length} ${open.length === 1 ? 'passage is' : 'passages are'} not both quoted and cited. Say it in your own words, or quote and cite it, and compare again.`} <span className="soft">Up to about 10 % is usual (common practice).</span></p>
            {result.passages.length > 0 ? <OverlapStrip words={result.words} passages={result.passages} chosen={at} choose={setAt} /> : null}
          </>
        ) : null}
      </div>
      {result && result.passages.length > 0 ? (
        <div className="two">
          <div className="pad" style={{ maxHeight: '60vh', overflow: 'auto' }}>
            {result.passages.map((p, i) => (
              <div key={i} className={`finding${p === chosen ? ' chosen' : ''}`}><button className="pick" aria-pressed={p === chosen} onClick={() => setAt(i)}>
                <span className="what small">{p.words} words from <span className="mono">{p.source.file}</span></span><br />
                <span className="tiny"><Standing passage={p} /></span>
              </button></div>
            ))}
          </div>
          <div className="sheet-side" style={{ alignItems: 'stretch' }}>
            {chosen ? <><Side title="Your paper" note={`words ${chosen.paper.start + 1} to ${chosen.paper.end}`} text={chosen.paper.quote} /><Side title={chosen.source.file} note={`words ${chosen.source.start + 1} to ${chosen.source.end}`} text={chosen.source.quote} /></> : null}
            {result.passages.length > 1 ? <div className="row"><Button size="small" variant="outlined" onClick={() => setAt((at + 1) % result.passages.length)}>Next passage</Button></div> : null}
          </div>
        </div>
      ) : null}
    </>
  );
}

function Standing({ passage }: { passage: SharedPassage }) {
  if (passage.references) return <Mark standing="notAsked" word="in the reference list, does not count" />;
  if (passage.template) return <Mark standing="notAsked" word="the assignment’s own words, do not count" />;
  if (passage.quoted && passage.cited) return <Mark standing="met" word="quoted, and the citation names this source" />;
  if (passage.cited) return <Mark standing="look" word="cited, but not in quotation marks" />;
  return <Mark standing="notMet" word={passage.quoted ? 'quoted, but no citation names this source' : 'neither quoted nor cited'} />;
}
function Side({ title, note, text }: { title: string; note: string; text: string }) {
  return <section style={{ background: 'var(--sheet)', border: '1px solid var(--rule)', padding: '12px 16px' }}><strong className="small">{title}</strong> <span className="soft tiny">{note}</span><p className="serif" style={{ margin: '6px 0 0', lineHeight: 1.6 }}>{text}</p></section>;
}
