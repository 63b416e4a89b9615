import { sectionNamed } from '../tables/section-names.ts';

type SectionStart = 'references' | 'acknowledgements' | 'other' | null;
/** Lines on fixed pages are asked about by several who measure them, one after the other. */
const told = new Map<string, SectionStart>(), mostTold = 20_000;

/** The part of a paper, weighed by itself in the identity search, that a line opens; `other` closes such a part; null: the line is no such heading. */
export function sectionStarts(line: string): SectionStart {
  const known = told.get(line);
  if (known !== undefined) return known;
  const section = sectionNamed(line, 50), starts = section === null ? null : section.name === 'references' || section.name === 'acknowledgements' ? section.name : 'other';
  if (told.size >= mostTold) told.clear();
  told.set(line, starts);
  return starts;
}
