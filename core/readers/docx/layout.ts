import type { IntegrityFact, LayoutFacts, SheetFacts } from '../../model/facts.ts';
import { lineHeight, type Styles } from '../../styles/docx.ts';
import { singleSpacingOf } from '../../tables/faces.ts';
import { LayoutTally, movedIn, spacingOf } from '../layout-tally.ts';
import { UnseenLooks } from '../unseen-looks.ts';
import { narrowestMargins, sheetsOfSections } from '../page-sections.ts';
import { eachStretch } from './looks.ts';

/** Size where nothing says one: half-points of 20 (ECMA-376-1, 17.3.2.38). The face is common practice, no published source. */
const usualSize = 10, usualFace = 'Times New Roman';
/** What a story says of how it is set. `layout` is null where there is too little text. */
export interface StoryLooks { layout: LayoutFacts | null; sheets: SheetFacts[]; fonts: Set<string>; unseen: IntegrityFact[] }

/** How most characters of a story are set by their effective style, what cannot be seen of it, and which sheets it asks for. @param part - the story's name in the package */
export function looksOfStory(xml: string, part: string, styles: Styles): StoryLooks {
  const tally = new LayoutTally(), unseen = new UnseenLooks(part), fonts = new Set<string>();
  const sections = eachStretch(xml, styles, (text, look, { ground, part: stands }) => {
    if (look.hidden) return;
    const size = look.size ?? usualSize, font = look.font ?? usualFace;
    if (text.trim()) fonts.add(font);
    tally.add({ text, apart: (look.left ?? 0) >= movedIn, inTable: stands !== 'body', size, font, spacing: look.exact === undefined ? look.line ?? 1 : spacingOf(lineHeight(look, size, singleSpacingOf(font)), size, singleSpacingOf(font)) });
    unseen.add(text, { size, colour: look.colour ?? null, ground });
  });
  return { layout: tally.facts(part, narrowestMargins(sections)), sheets: sheetsOfSections(sections), fonts, unseen: unseen.words };
}
