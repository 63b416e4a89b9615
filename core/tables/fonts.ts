/** Fonts that readers of word-processor files commonly have, in lower case. Compiled by hand; common practice, no published source. */
export const commonFonts: ReadonlySet<string> = new Set([
  'arial', 'arial black', 'arial narrow', 'book antiqua', 'bookman old style', 'calibri', 'calibri light', 'cambria', 'cambria math', 'candara', 'century', 'century gothic', 'comic sans ms', 'consolas', 'constantia', 'corbel',
  'courier', 'courier new', 'garamond', 'georgia', 'helvetica', 'liberation mono', 'liberation sans', 'liberation serif', 'lucida console', 'ms gothic', 'ms mincho', 'opensymbol', 'palatino linotype', 'segoe ui', 'simsun', 'symbol',
  'tahoma', 'times', 'times new roman', 'trebuchet ms', 'verdana', 'webdings', 'wingdings', 'wingdings 2', 'wingdings 3', 'dejavu sans', 'dejavu serif', 'noto sans', 'noto serif', 'yu mincho', 'yu gothic', 'aptos', 'aptos display', 'carlito', 'caladea', 'mangal', 'lucida sans', 'droid sans fallback', 'lohit devanagari', 'noto sans cjk sc', 'noto sans devanagari', 'noto serif cjk sc', 'freesans', 'batang', 'gulim', 'pmingliu',
]);
