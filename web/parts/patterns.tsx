import { useLiveQuery } from 'dexie-react-hooks';
import { useRef, useState } from 'react';
import { toPattern, type BriefPattern } from '../../core/brief/pattern.ts';
import { db, newId, type PaperRow } from '../store/db.ts';
import { changePaper } from '../store/papers.ts';
import { dayText } from './moment.ts';
import { saveAs } from './save-as.ts';

/** A brief kept for the next paper of the course, taken from there, exported and imported. */
export function PatternsPart({ paper }: { paper: PaperRow }) {
  const input = useRef<HTMLInputElement>(null), [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const kept = useLiveQuery(() => db.patterns.toArray(), []);
  const apply = async (pattern: BriefPattern): Promise<void> => {
    const { due, opens, extension, parts } = paper.brief;
    await changePaper(paper.id, { brief: { ...pattern.brief, due, opens, extension, parts: parts.length > 0 ? parts : pattern.brief.parts }, course: paper.course || pattern.course });
    setSaid({ text: 'Its rules are set; the times are yours to settle.', bad: false });
  };
  const take = async (file: File): Promise<void> => {
    const { parsePattern } = await import('../../core/brief/schema.ts');
    let value: unknown;
    try { value = JSON.parse(await file.text()); } catch { setSaid({ text: `“${file.name}” is not JSON: bring a brief that was exported here.`, bad: true }); return; }
    try { await apply(parsePattern(value, file.name)); } catch (e) { setSaid({ text: e instanceof Error ? e.message : String(e), bad: true }); }
  };
  return (
    <>
      <div className="row small">
        <button type="button" className="act" onClick={() => void db.patterns.put({ id: newId(), at: new Date().toISOString(), pattern: toPattern(paper.brief, paper.course) }).then(() => setSaid({ text: 'Kept for the next paper, without times and your extension.', bad: false }))}>Keep it for the next paper of the course</button>
        <button type="button" className="act" onClick={() => saveAs(new Blob([JSON.stringify(toPattern(paper.brief, paper.course), null, 2)], { type: 'application/json' }), `brief-${(paper.course || 'paper').replace(/\W+/g, '-')}.json`)}>Export it</button>
        <input ref={input} type="file" accept=".json" hidden aria-label="Import a brief" onChange={(e) => { const f = e.target.files?.[0]; if (f) void take(f); e.target.value = ''; }} />
        <button type="button" className="act" onClick={() => input.current?.click()}>Import one</button>
      </div>
      {(kept ?? []).map((k) => <div key={k.id} className="row small" style={{ marginTop: 4 }}><span>{k.pattern.course || 'without a course'}, kept {dayText(k.at)}</span><button type="button" className="act" onClick={() => void apply(k.pattern)}>Use it here</button><button type="button" className="act" onClick={() => void db.patterns.delete(k.id)}>Forget it</button></div>)}
      {said ? <p role={said.bad ? 'alert' : 'status'} className={`small ${said.bad ? 'is-notMet' : 'is-met'}`}>{said.text}</p> : null}
    </>
  );
}
