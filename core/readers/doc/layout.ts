import type { HeadingFact, IntegrityFact, LayoutFacts, SheetFacts } from '../../model/facts.ts';
import { singleSpacingOf } from '../../tables/faces.ts';
import { countWords } from '../../text/words.ts';
import { LayoutTally, movedIn, spacingOf } from '../layout-tally.ts';
import { narrowestMargins, sheetsOfSections } from '../page-sections.ts';
import { UnseenLooks } from '../unseen-looks.ts';
import type { DocLooks, DocParagraphLook, DocRunLook, DocSection } from './looks.ts';
import type { DocStories } from './text.ts';

/** Size where nothing says one: half-points of 20 ([MS-DOC] 2.6.1, sprmCHps). The face is common practice, no published source. */
const usualSize = 10, usualFace = 'Times New Roman';

/** How the text of an old word-processor file is set, what cannot be seen of it, its sheets and headings. Null where the tables of looks are damaged. */
export interface DocSetting { layout: LayoutFacts | null; sheets: SheetFacts[]; fonts: Set<string>; unseen: IntegrityFact[]; headings: HeadingFact[]; /** the words of paragraphs that are moved in as a block */ blocks: Set<string> }

export function settingOf({ main, looks: read }: DocStories): DocSetting | null {
  const looks = read();
  if (!looks) return null;
  const tally = new LayoutTally(), unseen = new UnseenLooks('text'), headings: HeadingFact[] = [], used = new Map<DocSection, number>(), fonts = new Set<string>(), blocks = new Set<string>();
  for (const { from, end } of paragraphsIn(main)) {
    const own = looks.paragraph(end), level = looks.headingLevel(own), section = looks.sections.find((s) => end < s.end);
    let words = '';
    for (const { text, look } of stretchesIn(main, from, end, looks)) {
      words += text;
      const size = look.size ?? usualSize, font = look.font ?? usualFace;
      if (text.trim()) fonts.add(font);
      tally.add({ text, apart: (own.left ?? 0) >= movedIn, inTable: own.inTable ?? false, size, font, spacing: own.height === undefined ? own.line ?? 1 : spacingOf(heightOf(own, size * singleSpacingOf(font)), size, singleSpacingOf(font)) });
      unseen.add(text, { size, colour: look.colour ?? null, ground: own.shaded || look.shaded || look.highlighted || own.inTable ? null : 'ffffff' });
    }
    if (level === 0 && !own.inTable && !own.list && (own.left ?? 0) >= movedIn && (own.first ?? 0) >= 0) blocks.add(words.trim());
    if (section) used.set(section, (used.get(section) ?? 0) + words.length);
    if (level > 0 && words.trim()) headings.push({ text: words.trim(), level, words: 0 });
    else if (headings.length > 0) headings[headings.length - 1]!.words += countWords(words) + (main.slice(from, end).match(/[\u0001\u0008]/g) ?? []).length + (own.inTable ? 1 : 0);
  }
  return { layout: tally.facts('text', narrowestMargins([...used].map(([s, n]) => ({ ...s, used: n })))), sheets: sheetsOfSections(looks.sections.map((s) => ({ ...s, used: used.get(s) ?? 0 }))), fonts, unseen: unseen.words, headings, blocks };
}
const heightOf = ({ height = 0, atLeast }: DocParagraphLook, single: number): number => (atLeast ? Math.max(height, single) : height);

/** Paragraphs by their first character and the sign that ends them. */
function* paragraphsIn(main: string): Generator<{ from: number; end: number }> {
  let from = 0;
  for (const m of main.matchAll(/[\r\u0007\u000c]/g)) { yield { from, end: m.index }; from = m.index + 1; }
  if (from < main.length) yield { from, end: main.length - 1 };
}
/** What a paragraph shows, by looks: without codes of fields, what is deleted or hidden, and control characters. */
function* stretchesIn(main: string, from: number, end: number, looks: DocLooks): Generator<{ text: string; look: DocRunLook }> {
  let text = '', last: DocRunLook | null = null;
  /** of each field that is open, whether its code has ended */ const fields: boolean[] = [];
  for (let i = from; i < end; i++) {
    const c = main[i]!;
    if (c === '\u0013') fields.push(false);
    else if (c === '\u0014' && fields.length > 0) fields[fields.length - 1] = true;
    else if (c === '\u0015') fields.pop();
    if (c < ' ' || fields.includes(false)) continue;
    const look = looks.run(i);
    if (look.hidden || look.deleted) continue;
    if (look !== last) { if (last && text) yield { text, look: last }; last = look; text = ''; }
    text += c;
  }
  if (last && text) yield { text, look: last };
}
