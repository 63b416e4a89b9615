import type { DocRunLook } from './looks.ts';
import type { DocStories } from './text.ts';

/** What the main text of an old word-processor file shows, and what it only keeps. */
export interface DocTraces {
  /** the main story without what is deleted or hidden, its signs and paragraphs kept */ shown: string;
  /** stretches each */ deleted: string[]; inserted: string[]; hidden: string[]; highlights: number;
}

/** Parts the main story by its runs. Signs for notes, pictures, cells and paragraphs stay where they are: they hold the story together. */
export function tracesOf(stories: DocStories): DocTraces {
  const looks = stories.looks(), out: DocTraces = { shown: stories.main, deleted: [], inserted: [], hidden: [], highlights: 0 };
  if (!looks) return out;
  const shown: string[] = [];
  let state: keyof typeof collected | null = null, from = 0, marked = false, inserting = false, insertedFrom = 0;
  const collected = { deleted: out.deleted, hidden: out.hidden }, { main } = stories;
  const close = (to: number): void => {
    const text = main.slice(from, to);
    if (state === null) shown.push(text);
    else { if (/[\p{L}\p{N}]/u.test(text)) collected[state].push(plain(text)); shown.push(text.replace(/[^\r\u0002\u0007\u000c\u0013-\u0015]/g, '')); }
    from = to;
  };
  for (let i = 0; i < main.length; i++) {
    const look: DocRunLook = looks.run(i), now = look.deleted ? 'deleted' : look.hidden ? 'hidden' : null;
    if (now !== state) { close(i); state = now; }
    if (look.highlighted && !marked) out.highlights++;
    marked = look.highlighted === true;
    if (look.inserted === true !== inserting) { if (inserting) keepInserted(i); inserting = !inserting; insertedFrom = i; }
  }
  close(main.length);
  if (inserting) keepInserted(main.length);
  out.shown = shown.join('');
  return out;

  function keepInserted(to: number): void { const text = main.slice(insertedFrom, to); if (/[\p{L}\p{N}]/u.test(text)) out.inserted.push(plain(text)); }
}
const plain = (text: string): string => text.replace(/[\r\u0007\u000b\u000c]/g, '\n').replace(/[\u0000-\u0008\u000e-\u001f]/g, '').trim();
