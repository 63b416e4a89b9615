import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useState } from 'react';
import type { Brief, Outcome } from '../../core/index.ts';
import { convertBy, keepConverted, type ConvertedValue } from '../mends/propose.ts';
import type { FileRow } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { FailureNote } from './failure.tsx';
import { PageView } from './page-view.tsx';
import { ProofLedger } from './proof.tsx';

const engines = ['builtin', 'office'] as const;
export const engineNames = { builtin: 'Built-in engine', office: 'Office engine' } as const;

/** One file converted by both engines, page beside page and proof beside proof, so that the better one can be kept. */
export function BothEngines({ file, to, brief, close }: { file: FileRow; to: 'pdf' | 'docx'; brief: Brief; close: () => void }) {
  const [made, setMade] = useState<Partial<Record<(typeof engines)[number], Outcome<ConvertedValue>>>>({}), [page, setPage] = useState(1), [lost, setLost] = useState<string | null>(null);
  const keep = async (value: ConvertedValue): Promise<void> => { try { await keepConverted(value, to, file); close(); } catch (e) { setLost(explainStoreError(e)); } };
  useEffect(() => {
    setMade({});
    const jobs = engines.map((engine) => { const job = convertBy(engine, to, file, brief, () => {}); void job.outcome.then((o) => setMade((m) => ({ ...m, [engine]: o }))); return job; });
    return () => { for (const job of jobs) job.stop(); };
    // The bytes of a row never change; a changed file is another row.
  }, [file.id, to, brief.anonymous]);
  const most = Math.max(1, ...engines.map((e) => { const o = made[e]; return o?.ok ? o.value.pages : 1; }));
  return (
    <section aria-label="Both engines" style={{ marginTop: 10 }}>
      {lost ? <FailureNote failure={{ message: lost, remedy: '' }} /> : null}
      <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 16 }}>
        {engines.map((engine) => {
          const o = made[engine];
          return (
            <section key={engine} aria-label={engineNames[engine]} style={{ minWidth: 0 }}>
              <p className="group-name" style={{ marginTop: 0 }}>{engineNames[engine]}</p>
              {!o ? <div role="status"><LinearProgress aria-label={`Converting with the ${engineNames[engine].toLowerCase()}`} /></div> : !o.ok ? <FailureNote failure={o} /> : (
                <>
                  {to === 'pdf' ? page <= o.value.pages ? <PageView file={{ id: `${engine} ${file.id}`, name: file.name, blob: o.value.blob }} page={page} width={700} /> : <p className="soft small">It has {o.value.pages} pages only.</p> : null}
                  <ProofLedger made={{ mend: 'convert', ...o.value }} now={file.name} />
                  <Button size="small" variant="outlined" onClick={() => void keep(o.value)}>Keep this one</Button>
                </>
              )}
            </section>
          );
        })}
      </div>
      <div className="row small" style={{ marginTop: 8 }}>{to === 'pdf' ? <><button type="button" className="act" disabled={page <= 1} onClick={() => setPage(page - 1)}>previous page</button><span className="soft">page {page} of {most}</span><button type="button" className="act" disabled={page >= most} onClick={() => setPage(page + 1)}>next page</button></> : null}<button type="button" className="act" onClick={close}>Keep neither</button></div>
    </section>
  );
}
