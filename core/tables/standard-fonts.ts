/** The fourteen faces that every PDF reader is expected to have, and therefore the ones that files leave out. Source: ISO 32000-1, 9.6.2.2. */
export type StandardFace = 'Times-Roman' | 'Times-Bold' | 'Times-Italic' | 'Times-BoldItalic' | 'Helvetica' | 'Helvetica-Bold' | 'Helvetica-Oblique' | 'Helvetica-BoldOblique' | 'Courier' | 'Courier-Bold' | 'Courier-Oblique' | 'Courier-BoldOblique' | 'Symbol' | 'ZapfDingbats';

/** Families that set exactly like one of them. Source: the faces' own documentation, from memory; the widths that a file states are compared before a face is used. */
const families: readonly [RegExp, 'Times' | 'Helvetica' | 'Courier'][] = [[/^(?:times|timesnewroman|nimbusrom(?:an)?|liberationserif|tinos|texgyretermes|freeserif)/, 'Times'], [/^(?:helvetica|arial(?!narrow|black|unicode|rounded)|nimbussan(?:s)?|liberationsans(?!narrow)|arimo|texgyreheros|freesans)/, 'Helvetica'], [/^(?:courier|couriernew|nimbusmon(?:o)?|liberationmono|cousine|texgyrecursor|freemono)/, 'Courier']];
const styled: Record<'Times' | 'Helvetica' | 'Courier', readonly [StandardFace, StandardFace, StandardFace, StandardFace]> = {
  Times: ['Times-Roman', 'Times-Bold', 'Times-Italic', 'Times-BoldItalic'], Helvetica: ['Helvetica', 'Helvetica-Bold', 'Helvetica-Oblique', 'Helvetica-BoldOblique'], Courier: ['Courier', 'Courier-Bold', 'Courier-Oblique', 'Courier-BoldOblique'],
};

/** The standard face that a font name stands for, or null. A subset's tag is minded; condensed and light cuts are other faces. */
export function standardFace(name: string): StandardFace | null {
  const plain = name.replace(/^[A-Z]{6}\+/, ''), bare = plain.toLowerCase().replace(/[^a-z]/g, '');
  if (/^symbol(?:mt)?$/.test(bare)) return 'Symbol';
  if (/^(?:itc)?zapfdingbats$/.test(bare)) return 'ZapfDingbats';
  if (/condensed|narrow|light|black|heavy|thin|medium|semi|demi/.test(bare)) return null;
  const family = families.find(([pattern]) => pattern.test(bare))?.[1];
  return family ? styled[family][(/bold/.test(bare) ? 1 : 0) + (/italic|oblique/.test(bare) ? 2 : 0)]! : null;
}
