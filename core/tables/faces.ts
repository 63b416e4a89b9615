/** Open faces that set exactly like a common one (same widths). Source: the faces' own documentation, from memory. */
const clones: readonly (readonly string[])[] = [
  ['timesnewroman', 'times', 'nimbusroman', 'liberationserif', 'tinos', 'nimbusromanno9l', 'texgyretermes', 'termes'], ['arial', 'helvetica', 'nimbussans', 'liberationsans', 'arimo', 'nimbussansl', 'texgyreheros'],
  ['couriernew', 'courier', 'nimbusmono', 'liberationmono', 'cousine', 'nimbusmonops'], ['calibri', 'carlito'], ['cambria', 'caladea'], ['georgia', 'gelasio'], ['palatino', 'palatinolinotype', 'bookantiqua', 'texgyrepagella'],
];
const bare = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]/g, '').replace(/(?:ps|mt|psmt)$/, '');

/** Whether a face is the one asked for, or sets like it. */
export function sameFace(asked: string, found: string): 'same' | 'alike' | 'other' {
  const [a, f] = [bare(asked), bare(found)];
  if (a === f || f.startsWith(a) || (a === 'times' && f === 'timesnewroman') || (a === 'timesnewroman' && f === 'times')) return 'same';
  return clones.some((row) => row.includes(a) && row.some((c) => f === c || f.startsWith(c))) ? 'alike' : 'other';
}
