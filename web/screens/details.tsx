import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRef, useState } from 'react';
import type { Details } from '../../core/index.ts';
import { saveAs } from '../parts/save-as.ts';
import { Top } from '../parts/top.tsx';
import { useDetails } from '../queries/paper.ts';
import { restoreBackup, writeBackup } from '../store/backup.ts';
import { wipeDetails } from '../store/papers.ts';
import { db } from '../store/db.ts';
import { explainStoreError } from '../store/explain.ts';
import { noDetails } from '../../core/index.ts';

const fields: readonly { key: keyof Details; label: string; hint: string; list: boolean }[] = [
  { key: 'givenNames', label: 'Given names', hint: 'one a line', list: true }, { key: 'surname', label: 'Surname', hint: 'the whole of it, hyphen included', list: false },
  { key: 'otherNames', label: 'Other names', hint: 'former or preferred names, one a line', list: true }, { key: 'username', label: 'Username', hint: 'as you log in', list: false },
  { key: 'studentNumber', label: 'Student number', hint: 'also called registration or matriculation number', list: false }, { key: 'candidateNumber', label: 'Candidate number', hint: 'the number for anonymous marking', list: false },
  { key: 'emails', label: 'E-mail addresses', hint: 'one a line', list: true }, { key: 'phones', label: 'Telephone', hint: 'one a line', list: true }, { key: 'other', label: 'Anything else that points to you', hint: 'a nickname, a tutor group; one a line', list: true },
];

/** What identifies the student: kept once for all papers, in this browser only. */
export function DetailsScreen() {
  const kept = useDetails();
  if (kept === undefined) return <Top />;
  return <Form key={JSON.stringify(kept)} start={kept ?? noDetails()} />;
}

function Form({ start }: { start: Details }) {
  const [details, setDetails] = useState(start), [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const short = [...details.givenNames, details.surname, details.username].filter((v) => v.length > 0 && v.length < 3);
  const save = async (): Promise<void> => {
    const { parseDetails } = await import('../../core/brief/schema.ts');
    try { await db.settings.put({ key: 'details', value: parseDetails(details) }); setSaid({ text: 'Kept in this browser. Every paper is checked anew.', bad: false }); } catch (e) { setSaid({ text: explainStoreError(e), bad: true }); }
  };
  const wipe = async (): Promise<void> => { await wipeDetails(); setDetails(noDetails()); setSaid({ text: 'Your details are gone from this browser.', bad: false }); };
  return (
    <>
      <Top />
      <main style={{ marginTop: 30, maxWidth: 900 }}>
        <h1 className="serif" style={{ margin: 0, fontWeight: 480, fontSize: '2rem' }}>What identifies you</h1>
        <p className="soft">These words are looked for in every paper that is marked anonymously, and go into file names where a rule asks for them. They stay in this browser.</p>
        <form className="fields details" onSubmit={(e) => { e.preventDefault(); void save(); }}>
          {fields.map(({ key, label, hint, list }) => (
            <TextField key={key} label={label} helperText={hint} multiline={list} minRows={list ? 2 : 1} autoComplete="off"
              value={list ? (details[key] as string[]).join('\n') : details[key]} onChange={(e) => setDetails({ ...details, [key]: list ? e.target.value.split('\n') : e.target.value })} />
          ))}
          {short.length > 0 ? <p className="wide is-look small">“{short.join('”, “')}” has one or two letters. By itself it is found everywhere, so it is looked for only together with your other names.</p> : null}
          <div className="row wide"><Button type="submit" variant="contained">Keep my details</Button><button type="button" className="act" onClick={() => void wipe()}>Wipe them</button>{said ? <span role="status" className={said.bad ? 'is-notMet' : 'is-met'}>{said.text}</span> : null}</div>
        </form>
        <Backup />
      </main>
    </>
  );
}

/** All papers, files, receipts and details to keep elsewhere, and back again. */
function Backup() {
  const input = useRef<HTMLInputElement>(null), [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const save = async (): Promise<void> => { try { saveAs(await writeBackup(), `hand-over-${new Date().toISOString().slice(0, 10)}.zip`); setSaid({ text: 'Written. It holds your details and papers: keep it where only you can read it.', bad: false }); } catch (e) { setSaid({ text: explainStoreError(e), bad: true }); } };
  const restore = async (file: File): Promise<void> => { try { const { papers, files } = await restoreBackup(file); setSaid({ text: `${papers} ${papers === 1 ? 'paper' : 'papers'} and ${files} ${files === 1 ? 'file' : 'files'} are back.`, bad: false }); } catch (e) { setSaid({ text: e instanceof Error ? e.message : explainStoreError(e), bad: true }); } };
  return (
    <section style={{ borderTop: '1px solid var(--rule)', marginTop: 34, paddingTop: 18 }} aria-label="Backup">
      <h2 className="serif" style={{ margin: 0, fontWeight: 480, fontSize: '1.3rem' }}>Everything that is kept here</h2>
      <p className="soft">Papers, files, receipts and your details live in this browser alone. A backup is one file; putting it back replaces what is here.</p>
      <div className="row"><Button variant="outlined" onClick={() => void save()}>Write a backup</Button>
        <input ref={input} type="file" accept=".zip" hidden aria-label="Backup to put back" onChange={(e) => { const f = e.target.files?.[0]; if (f) void restore(f); e.target.value = ''; }} />
        <button type="button" className="act" onClick={() => input.current?.click()}>Put a backup back</button>{said ? <span role="status" className={said.bad ? 'is-notMet' : 'is-met'}>{said.text}</span> : null}</div>
    </section>
  );
}
