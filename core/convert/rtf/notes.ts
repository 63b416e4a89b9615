import { formatNumber } from '../../styles/number-formats.ts';

const formats: Record<string, string> = { ar: 'decimal', alc: 'lowerLetter', auc: 'upperLetter', rlc: 'lowerRoman', ruc: 'upperRoman', chi: 'chicago' };
/** What stands for each note, in the order of the text: endnotes in small Roman figures unless something else is said, and what a section says outweighs the document. Source: RTF 1.9.1, document formatting properties (footnotes), section formatting properties. */
export class NoteNumbers {
  private readonly own: Record<'footnotes' | 'endnotes', { format: string; next: number }>;
  constructor(source: string) {
    const of = (letter: '' | 'a', usual: string): { format: string; next: number } => {
      const said = new RegExp(`\\\\s${letter}ftnn(ar|alc|auc|rlc|ruc|chi)(?![a-z])`).exec(source) ?? new RegExp(`\\\\${letter}ftnn(ar|alc|auc|rlc|ruc|chi)(?![a-z])`).exec(source), start = new RegExp(`\\\\s?${letter}ftnstart(\\d+)`).exec(source);
      return { format: said ? formats[said[1]!]! : usual, next: Number(start?.[1] ?? 1) || 1 };
    };
    this.own = { footnotes: of('', 'decimal'), endnotes: of('a', 'lowerRoman') };
  }
  next(kind: 'footnotes' | 'endnotes'): string { const own = this.own[kind]; return formatNumber(own.next++, own.format); }
}
