import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Details } from '../../core/index.ts';
import { Top } from '../parts/top.tsx';
import { useDetails } from '../queries/paper.ts';
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
  const wipe = async (): Promise<void> => { await db.settings.delete('details'); setDetails(noDetails()); setSaid({ text: 'Your details are gone from this browser.', bad: false }); };
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
      </main>
    </>
  );
}
