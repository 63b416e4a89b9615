import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { fieldNames, kindNames, zoneOf, type Brief, type Kind, type NameField } from '../../core/index.ts';
import { clashInName } from '../../core/brief/question.ts';
import { clock } from '../store/clock.ts';
import type { PaperRow } from '../store/db.ts';
import { NameRule } from './name-rule.tsx';

const askable: Kind[] = ['pdf', 'docx', 'odt', 'rtf', 'txt', 'jpeg', 'png', 'xlsx', 'pptx'];
const nameable: NameField[] = ['studentNumber', 'candidateNumber', 'surname', 'givenNames', 'initials', 'username', 'courseCode', 'title', 'part', 'date'];
/** What a paper may have to show of its writer. */
const showable: NameField[] = ['candidateNumber', 'studentNumber', 'username', 'surname', 'givenNames'];
const triple = (v: boolean | null): string => (v === null ? '' : v ? 'yes' : 'no');
const fromTriple = (v: string): boolean | null => (v === '' ? null : v === 'yes');

/** The brief by hand. An empty field is unsettled, and stays so. */
export function BriefForm({ paper, save, saveName, chosen, choose }: { paper: PaperRow; save: (b: Brief) => void; saveName: (c: Partial<PaperRow>) => void; chosen: string | null; choose: (f: string | null) => void }) {
  const [brief, setBrief] = useState(paper.brief), [problems, setProblems] = useState<string | null>(null);
  const [megabytes, setMegabytes] = useState(brief.limits.maxBytes === null ? '' : String(brief.limits.maxBytes / 1e6));
  const [names, setNames] = useState({ title: paper.title, course: paper.course });
  const set = <K extends keyof Brief>(key: K, value: Brief[K]): void => setBrief({ ...brief, [key]: value });
  /** What is typed in is a limit, whatever the wording called it. */
  const setLimit = (key: 'minWords' | 'maxWords' | 'maxPages', value: number | null): void => setBrief({ ...brief, limits: { ...brief.limits, [key]: value }, lengths: brief.lengths?.filter((l) => l !== key) });
  const setShown = (fields: NameField[]): void => set('shown', fields.length === 0 ? undefined : fields.map((field) => brief.shown?.find((s) => s.field === field) ?? { field, where: 'text' }));
  const given = (key: 'maxWords' | 'maxPages'): { helperText?: string } => (brief.lengths?.includes(key) ? { helperText: 'a length; not called a limit' } : {});
  const zone = zoneOf(brief.timeZone) ?? clock;
  /** A day without an hour begins with its first minute and ends with its last. */
  const local = (iso: string | null, bound: 'start' | 'end' = 'end'): string => (iso === null ? '' : iso.length === 10 ? `${iso}T${bound === 'start' ? '00:00' : '23:59'}` : DateTime.fromISO(iso, { zone: zone!, setZone: false }).setZone(zone!).toFormat("yyyy-LL-dd'T'HH:mm"));
  const toIso = (v: string): string | null => (v === '' ? null : DateTime.fromISO(v, { zone: zone! }).toISO({ suppressMilliseconds: true })?.replace(/Z$/, '+00:00') ?? null);
  const count = (v: string): number | null => (v.trim() === '' ? null : Number(v));
  const about = (f: string) => ({ onMouseEnter: () => choose(f), onMouseLeave: () => choose(null), onFocus: () => choose(f), onBlur: () => choose(null), className: chosen !== null && f.startsWith(chosen) ? 'chosen-field' : '' });
  const submit = async (): Promise<void> => {
    const { parseBrief } = await import('../../core/brief/schema.ts');
    try {
      const whole = { ...brief, limits: { ...brief.limits, maxBytes: megabytes.trim() === '' ? null : Math.round(Number(megabytes.replace(',', '.')) * 1e6) } };
      if (Number.isNaN(whole.limits.maxBytes)) throw new Error('The size is not a number.');
      save(parseBrief(whole));
      setProblems(null);
    } catch (e) { setProblems(e instanceof Error ? e.message : String(e)); }
  };
  const clash = clashInName(brief).length > 0;
  return (
    <form onSubmit={(e) => { e.preventDefault(); void submit(); }} style={{ marginTop: 18 }}>
      <div className="fields">
        <TextField label="Title of the paper" value={names.title} onChange={(e) => setNames({ ...names, title: e.target.value })} onBlur={() => saveName(names)} />
        <TextField label="Course" value={names.course} onChange={(e) => setNames({ ...names, course: e.target.value })} onBlur={() => saveName(names)} />
        <TextField label="Place" helperText="where exactly it goes" value={brief.place ?? ''} onChange={(e) => set('place', e.target.value || null)} {...about('place')} />
      </div>
      <h3 className="group-name">Documents</h3>
      {brief.documents.map((d, i) => (
        <div key={i} className="row" style={{ marginBottom: 10 }}>
          <TextField label={`Document ${i + 1}`} placeholder="report" value={d.label ?? ''} onChange={(e) => set('documents', brief.documents.map((x, k) => (k === i ? { ...x, label: e.target.value || null } : x)))} {...about('documents')} />
          <TextField select label="Kinds" slotProps={{ select: { multiple: true, renderValue: (v) => (v as Kind[]).map((k) => kindNames[k]).join(', ') } }} style={{ minWidth: 170 }} value={d.types} onChange={(e) => set('documents', brief.documents.map((x, k) => (k === i ? { ...x, types: e.target.value as unknown as Kind[] } : x)))}>
            {askable.map((k) => <MenuItem key={k} value={k}>{kindNames[k]}</MenuItem>)}
          </TextField>
          <button type="button" className="act small" onClick={() => set('documents', brief.documents.filter((_, k) => k !== i))}>Take away</button>
        </div>
      ))}
      <button type="button" className="act small" onClick={() => set('documents', [...brief.documents, { label: null, types: ['pdf'] }])}>Ask for {brief.documents.length === 0 ? 'a' : 'another'} document</button>
      <h3 className="group-name">Time</h3>
      <div className="fields">
        <TextField label="Due" type="datetime-local" slotProps={{ inputLabel: { shrink: true } }} value={local(brief.due)} onChange={(e) => set('due', toIso(e.target.value))} helperText={brief.due === null ? (brief.parts.length > 0 ? 'each part has its own' : 'unsettled') : `in ${brief.timeZone ?? 'this machine’s time'}`} {...about('due')} />
        <TextField label="Time zone" value={brief.timeZone ?? ''} onChange={(e) => set('timeZone', e.target.value || null)} helperText={brief.timeZone && !zoneOf(brief.timeZone) ? 'not a zone that is known' : 'for example Europe/London'} error={!!brief.timeZone && !zoneOf(brief.timeZone)} {...about('timeZone')} />
        <TextField label="Opens" type="datetime-local" slotProps={{ inputLabel: { shrink: true } }} value={local(brief.opens, 'start')} onChange={(e) => set('opens', toIso(e.target.value))} {...about('opens')} />
        <TextField label="My extension" type="datetime-local" slotProps={{ inputLabel: { shrink: true } }} value={local(brief.extension)} onChange={(e) => set('extension', toIso(e.target.value))} {...about('extension')} />
      </div>
      <h3 className="group-name">Limits and rules</h3>
      <div className="fields">
        <TextField label="At most, in MB" inputMode="decimal" value={megabytes} onChange={(e) => setMegabytes(e.target.value)} {...about('limits')} />
        <TextField label="At least, words" value={brief.limits.minWords ?? ''} onChange={(e) => setLimit('minWords', count(e.target.value))} {...about('limits')} />
        <TextField label="At most, words" value={brief.limits.maxWords ?? ''} {...given('maxWords')} onChange={(e) => setLimit('maxWords', count(e.target.value))} {...about('limits')} />
        <TextField label="At most, pages" value={brief.limits.maxPages ?? ''} {...given('maxPages')} onChange={(e) => setLimit('maxPages', count(e.target.value))} {...about('limits')} />
        <TextField select label="Form for long keeping" value={brief.archival ?? ''} onChange={(e) => set('archival', e.target.value || undefined)} {...about('archival')}><MenuItem value="">not asked</MenuItem>{[...new Set(['PDF/A', 'PDF/A-1b', 'PDF/A-2b', 'PDF/A-3b', ...(brief.archival ? [brief.archival] : [])])].map((f) => <MenuItem key={f} value={f}>{f}</MenuItem>)}</TextField>
        <Three label="Marked anonymously" value={brief.anonymous} set={(v) => set('anonymous', v)} about={about('anonymous')} />
        <Three label="Checked for similarity" value={brief.similarityChecked} set={(v) => set('similarityChecked', v)} about={about('similarityChecked')} />
        <TextField select label="The paper shows" slotProps={{ select: { multiple: true, renderValue: (v) => (v as NameField[]).map((f) => fieldNames[f]).join(', ') } }} value={(brief.shown ?? []).map((s) => s.field)} onChange={(e) => setShown(e.target.value as unknown as NameField[])} {...about('shown')}>{showable.map((f) => <MenuItem key={f} value={f}>{fieldNames[f]}</MenuItem>)}</TextField>
        <TextField select label="Word count stated" value={brief.statesWords ? 'yes' : ''} onChange={(e) => set('statesWords', e.target.value ? true : undefined)} {...about('statesWords')}><MenuItem value="">not asked</MenuItem><MenuItem value="yes">yes</MenuItem></TextField>
        <Three label="Declaration asked for" value={brief.declaration} set={(v) => set('declaration', v)} about={about('declaration')} />
        <TextField select label="Attempts" value={brief.attempts.allowed ?? ''} onChange={(e) => set('attempts', { ...brief.attempts, allowed: e.target.value === '' ? null : e.target.value === 'unlimited' ? 'unlimited' : Number(e.target.value) })} {...about('attempts')}>
          <MenuItem value="">unsettled</MenuItem><MenuItem value="unlimited">as often as I like</MenuItem>{[1, 2, 3, 4, 5].map((n) => <MenuItem key={n} value={n}>{n}</MenuItem>)}
        </TextField>
        <TextField select label="What is kept" value={brief.attempts.keeps ?? ''} onChange={(e) => set('attempts', { ...brief.attempts, keeps: (e.target.value || null) as Brief['attempts']['keeps'] })} {...about('attempts')}><MenuItem value="">unsettled</MenuItem><MenuItem value="latest">only the newest</MenuItem><MenuItem value="all">all of them</MenuItem></TextField>
      </div>
      <h3 className="group-name">File name</h3>
      <div className="fields">
        <TextField label="Pattern" placeholder="StudentNumber_CourseCode.pdf" value={brief.naming.pattern ?? ''} onChange={(e) => set('naming', { ...brief.naming, pattern: e.target.value || null })} {...about('naming')} />
        <TextField select label="Must contain" slotProps={{ select: { multiple: true, renderValue: (v) => (v as NameField[]).map((f) => fieldNames[f]).join(', ') } }} value={brief.naming.mustContain} onChange={(e) => set('naming', { ...brief.naming, mustContain: e.target.value as unknown as NameField[] })} {...about('naming')}>{nameable.map((f) => <MenuItem key={f} value={f}>{fieldNames[f]}</MenuItem>)}</TextField>
        <Three label="Must not identify me" value={brief.naming.mustNotIdentify} set={(v) => set('naming', { ...brief.naming, mustNotIdentify: v })} about={about('naming')} />
        <NameRule brief={brief} title={paper.title} course={paper.course} set={(pattern) => set('naming', { ...brief.naming, pattern })} />
        {clash ? <p className="wide is-look small" style={{ margin: 0 }}>The marking is anonymous and the name has to identify you. These two rules are opposites: ask which one holds before you send.</p> : null}
      </div>
      {problems ? <p className="failure small" role="alert">{problems}</p> : null}
      <div className="row" style={{ marginTop: 18 }}><Button type="submit" variant="contained">Keep the brief</Button><span className="soft small">An empty field is unsettled and stays so.</span></div>
    </form>
  );
}

function Three({ label, value, set, about }: { label: string; value: boolean | null; set: (v: boolean | null) => void; about: object }) {
  return <TextField select label={label} value={triple(value)} onChange={(e) => set(fromTriple(e.target.value))} {...about}><MenuItem value="">unsettled</MenuItem><MenuItem value="yes">yes</MenuItem><MenuItem value="no">no</MenuItem></TextField>;
}
