import { useRef, useState } from 'react';
import { changePaper } from '../store/papers.ts';
import type { PaperRow } from '../store/db.ts';
import { deskPool } from '../workers/client.ts';

/** Supplied templates: kept so that an unchanged one, or its name, is noticed. */
export function TemplatesPart({ paper }: { paper: PaperRow }) {
  const input = useRef<HTMLInputElement>(null), [said, setSaid] = useState<string | null>(null);
  const add = async (files: File[]): Promise<void> => {
    const added: PaperRow['templates'] = [];
    for (const file of files) {
      const read = await deskPool.run((api) => api.plainText({ name: file.name, blob: file })).outcome;
      added.push({ name: file.name, text: read.ok ? read.value : '' });
      setSaid(read.ok ? null : `${read.message} Its name is kept all the same.`);
    }
    await changePaper(paper.id, { templates: [...paper.templates.filter((t) => !added.some((a) => a.name === t.name)), ...added] });
  };
  return (
    <>
      {paper.templates.map((t) => <div key={t.name} className="row small"><span className="mono">{t.name}</span><span className="soft">{t.text ? `${t.text.split(/\s+/).length.toLocaleString('en')} words` : 'no text read'}</span><button type="button" className="act" onClick={() => void changePaper(paper.id, { templates: paper.templates.filter((x) => x !== t) })}>Take away</button></div>)}
      <input ref={input} type="file" hidden multiple aria-label="Add a template" onChange={(e) => { void add([...(e.target.files ?? [])]); e.target.value = ''; }} />
      <button type="button" className="act small" onClick={() => input.current?.click()}>Add a supplied template</button>
      {said ? <p className="small is-look">{said}</p> : null}
    </>
  );
}
