import type { Passage } from '../model/facts.ts';

/** While a text is taken apart, a private sign stands where a note is referred to, with a sign for its number behind it. */
const sign = '\ue0f2', first = 0xe200, most = 0x15ff, marks = /\ue0f2[\ue200-\uf7ff]/g;
/** @param index - of the note, from 0 */
export const noteMark = (index: number): string => sign + String.fromCharCode(first + Math.min(index, most));
export const noteName = (index: number): string => `note/${index + 1}`;
/** The text without such signs, and where they stood. */
export function takeNoteMarks(marked: string): { text: string; notes: NonNullable<Passage['notes']> } {
  const notes: NonNullable<Passage['notes']> = [];
  const text = marked.replace(marks, (mark, at: number) => { notes.push({ at: at - notes.length * 2, note: noteName(mark.charCodeAt(1) - first) }); return ''; });
  return { text, notes };
}
