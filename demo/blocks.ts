/** A paper as blocks, from which DOCX and PDF are written. `[^1]` in a text refers to a note. */
export type Block =
  | { kind: 'title' | 'byline' | 'abstract' | 'p' | 'quote' | 'ref' | 'caption'; text: string }
  | { kind: 'h1' | 'h2'; text: string }
  | { kind: 'table'; rows: string[][] }
  | { kind: 'figure'; name: 'accretion' | 'budget'; alt: string }
  | { kind: 'list'; items: string[] };
export interface DemoPaper { blocks: Block[]; notes: string[] }

const block = (kind: 'title' | 'byline' | 'abstract' | 'p' | 'quote' | 'ref' | 'caption') => (text: string): Block => ({ kind, text });
export const title = block('title'), byline = block('byline'), abstract = block('abstract'), p = block('p'), quote = block('quote'), ref = block('ref'), caption = block('caption');
export const h1 = (text: string): Block => ({ kind: 'h1', text });
export const h2 = (text: string): Block => ({ kind: 'h2', text });
