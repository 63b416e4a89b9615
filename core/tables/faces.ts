import type { FaceKind } from '../model/brief.ts';

/** Open faces that set exactly like a common one (same widths). Source: the faces' own documentation, from memory. */
const clones: readonly (readonly string[])[] = [
  ['timesnewroman', 'times', 'nimbusroman', 'liberationserif', 'tinos', 'nimbusromanno9l', 'texgyretermes', 'termes'], ['arial', 'helvetica', 'nimbussans', 'liberationsans', 'arimo', 'nimbussansl', 'texgyreheros'],
  ['couriernew', 'courier', 'nimbusmono', 'liberationmono', 'cousine', 'nimbusmonops'], ['calibri', 'carlito'], ['cambria', 'caladea'], ['georgia', 'gelasio'], ['palatino', 'palatinolinotype', 'bookantiqua', 'texgyrepagella'],
];
/** Single spacing of a face as a multiple of its size: ascender, descender and gap of the face's own tables (OpenType hhea). Measured on Carlito, Liberation,
 * DejaVu, Lato, Noto, Open Sans and Roboto; the others from memory. Whatever is not here is taken as 1.15, as most text faces are (common practice). */
const singleSpacings: readonly (readonly [number, readonly string[]])[] = [
  [1.22, ['calibri', 'carlito', 'candara', 'corbel', 'constantia']], [1.13, ['couriernew', 'courier', 'liberationmono', 'cousine', 'georgia', 'gelasio']], [1.17, ['cambria', 'consolas', 'roboto', 'dejavuserif', 'dejavusans']],
  [1.21, ['verdana', 'tahoma', 'lato']], [1.36, ['notoserif', 'notosans', 'opensans', 'palatinolinotype', 'segoeui']], [1.27, ['aptos']], [1.39, ['comicsansms']],
];
const usualSpacing = 1.15;
/** @returns the height of a single-spaced line for a size of 1 */
export function singleSpacingOf(face: string): number {
  const name = bare(face);
  return singleSpacings.find(([, faces]) => faces.some((f) => name === f || name.startsWith(f)))?.[0] ?? usualSpacing;
}
const bare = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]/g, '').replace(/(?:ps|mt|psmt)$/, '');

/** Whether a face is the one asked for, or sets like it. */
export function sameFace(asked: string, found: string): 'same' | 'alike' | 'other' {
  const [a, f] = [bare(asked), bare(found)];
  if (a === f || f.startsWith(a) || (a === 'times' && f === 'timesnewroman') || (a === 'timesnewroman' && f === 'times')) return 'same';
  return clones.some((row) => row.includes(a) && row.some((c) => f === c || f.startsWith(c))) ? 'alike' : 'other';
}

/** Faces with and without serifs, by the beginnings of their names. From memory; for text faces that papers are set in. */
const serifFaces = ['times', 'georgia', 'garamond', 'ebgaramond', 'cambria', 'caladea', 'palatino', 'bookantiqua', 'bookman', 'century', 'baskerville', 'caslon', 'bodoni', 'didot', 'minion', 'constantia', 'sourceserif', 'notoserif', 'liberationserif', 'dejavuserif', 'freeserif', 'tinos', 'gelasio', 'nimbusroman', 'texgyretermes', 'texgyrepagella', 'lmroman', 'cmr', 'sfrm', 'computermodern', 'latinmodernroman', 'linlibertine', 'libertinus', 'crimson', 'charter', 'utopia', 'courier', 'liberationmono', 'merriweather', 'ptserif', 'sitka', 'goudy', 'perpetua', 'rockwell', 'newyork', 'hoefler'];
const sansFaces = ['arial', 'helvetica', 'calibri', 'carlito', 'verdana', 'tahoma', 'trebuchet', 'aptos', 'segoeui', 'lato', 'roboto', 'opensans', 'notosans', 'sourcesans', 'liberationsans', 'dejavusans', 'freesans', 'arimo', 'nimbussans', 'texgyreheros', 'centurygothic', 'gillsans', 'futura', 'franklingothic', 'candara', 'corbel', 'comicsans', 'optima', 'myriad', 'univers', 'ubuntu', 'inter', 'sfpro', 'ptsans', 'lucidasans', 'lmsans', 'cmss', 'avenir', 'montserrat', 'cantarell', 'bierstadt', 'avantgarde', 'raleway', 'atkinson', 'opendyslexic', 'impact'];
/** @returns null where the name says nothing */
export function kindOfFace(face: string): FaceKind | null {
  const name = bare(face);
  if (sansFaces.some((f) => name.startsWith(f)) || /sans(?!cript)/.test(name)) return 'sans serif';
  return serifFaces.some((f) => name.startsWith(f)) || /serif/.test(name) ? 'serif' : null;
}
