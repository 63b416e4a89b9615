import { sectionNamed } from '../tables/section-names.ts';

/** The part of a paper, weighed by itself in the identity search, that a line opens; `other` closes such a part; null: the line is no such heading. */
export function sectionStarts(line: string): 'references' | 'acknowledgements' | 'other' | null {
  const section = sectionNamed(line, 50);
  return section === null ? null : section.name === 'references' || section.name === 'acknowledgements' ? section.name : 'other';
}
