/** Headings that begin a part of a paper which is weighed differently. Common practice, no published source. */
const headings: { section: 'references' | 'acknowledgements' | 'other'; pattern: RegExp }[] = [
  { section: 'references', pattern: /^(?:references|reference list|list of references|bibliography|works cited|literature cited|sources|literature)$/i },
  { section: 'acknowledgements', pattern: /^(?:acknowledge?ments?|thanks)$/i },
  { section: 'other', pattern: /^(?:(?:appendix|appendices|annex)(?:\s+[a-z\d]{1,3})?|abstract|introduction|contents|table of contents|conclusions?|methods?|results|discussion)\b.{0,50}$/i },
];

/** The section that a line opens, if it is such a heading. */
export function sectionStarts(line: string): 'references' | 'acknowledgements' | 'other' | null {
  const bare = line.trim().replace(/^(?:\d+(?:\.\d+)*\.?|[IVX]+\.|[A-Z]\.)\s+/, '').replace(/[:.]$/, '');
  if (bare.length > 60) return null;
  return headings.find((h) => h.pattern.test(bare))?.section ?? null;
}
