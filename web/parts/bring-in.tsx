import { useEffect, useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import type { PaperRow } from '../store/db.ts';
import { db } from '../store/db.ts';
import { fromDisk, type Incoming } from '../store/bring.ts';
import { currentFiles } from '../queries/paper.ts';

/** Every way in: drop files or folders, choose them, paste a picture, take one from another paper. */
export function BringIn({ paper, bring, busy }: { paper: PaperRow; bring: (list: Incoming[]) => void; busy: boolean }) {
  const folder = useRef<HTMLInputElement>(null), [choosing, setChoosing] = useState(false);
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({ onDrop: (list) => bring(list.map(fromDisk)), noClick: true });
  useEffect(() => {
    const paste = (e: ClipboardEvent): void => {
      const files = [...(e.clipboardData?.files ?? [])];
      if (files.length === 0) return;
      e.preventDefault();
      const stamp = DateTime.now().toFormat('yyyy-LL-dd HH.mm.ss');
      // A pasted picture has no name of its own worth keeping.
      bring(files.map((f, i) => ({ name: /^image\.\w+$/.test(f.name) || !f.name ? `pasted ${stamp}${files.length > 1 ? ` ${i + 1}` : ''}.${f.type.split('/')[1] ?? 'png'}` : f.name, blob: f, fileTime: null, from: 'the clipboard' })));
    };
    document.addEventListener('paste', paste);
    return () => document.removeEventListener('paste', paste);
  });
  return (
    <>
      <div {...getRootProps({ className: `drop${isDragActive ? ' over' : ''}`, 'aria-label': 'Drop files here', role: 'group' })}>
        <input {...getInputProps({ 'aria-label': 'Choose files' })} />
        <input ref={folder} type="file" hidden aria-label="Choose a folder" multiple {...{ webkitdirectory: '' }} onChange={(e) => { bring([...(e.target.files ?? [])].map(fromDisk)); e.target.value = ''; }} />
        {busy ? 'Taking them in…' : isDragActive ? 'Let go: they are kept as they are.' : (
          <>Drop files or a folder here, or <button type="button" className="act" onClick={open}>choose files</button>, <button type="button" className="act" onClick={() => folder.current?.click()}>a whole folder</button>, or <button type="button" className="act" aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>take one from another paper</button>. A picture can be pasted.</>
        )}
      </div>
      {choosing ? <OtherPapers paper={paper} take={(f) => { bring([f]); setChoosing(false); }} /> : null}
    </>
  );
}

function OtherPapers({ paper, take }: { paper: PaperRow; take: (f: Incoming) => void }) {
  const others = useLiveQuery(async () => {
    const papers = await db.papers.toArray();
    return Promise.all(papers.filter((p) => p.id !== paper.id).map(async (p) => ({ title: p.title, files: currentFiles(await db.files.where({ paperKey: p.id }).toArray()) })));
  }, [paper.id]);
  const filled = (others ?? []).filter((p) => p.files.length > 0);
  if (filled.length === 0) return <p className="soft small">No other paper holds a file yet.</p>;
  return (
    <ul className="plain small" aria-label="Files of other papers">
      {filled.flatMap((p) => p.files.map((f) => <li key={f.id}><button type="button" className="act mono" onClick={() => take({ name: f.name, blob: f.blob, fileTime: f.fileTime ?? null, from: `“${p.title}”` })}>{f.name}</button> <span className="soft">of {p.title}</span></li>))}
    </ul>
  );
}
