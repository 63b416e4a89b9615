/** What a file for long keeping may not have, or must have: the rules of PDF/A-2, level B, that can be told from the file itself.
 * Source: ISO 19005-2:2011; the clause numbers are from memory. Not looked at: widths of fonts other than composite TrueType ones (6.2.11.5), schemas of metadata that are not predefined (6.6.2.3).
 * `mended`: the archive mend takes it away. */
export const archiveRules = {
  claim: { clause: '6.6.4', mended: true }, metadata: { clause: '6.6.2', mended: true }, header: { clause: '6.1.2', mended: true }, identifier: { clause: '6.1.3', mended: true }, encryption: { clause: '6.1.3', mended: true },
  outside: { clause: '6.1.7.1', mended: true }, filter: { clause: '6.1.7.2', mended: true }, intent: { clause: '6.2.3', mended: true }, colour: { clause: '6.2.4.3', mended: true },
  state: { clause: '6.2.5', mended: true }, image: { clause: '6.2.8', mended: true }, postscript: { clause: '6.2.9', mended: false }, font: { clause: '6.2.11.4', mended: false }, widths: { clause: '6.2.11.5', mended: false }, notdef: { clause: '6.2.11.8', mended: false }, limits: { clause: '6.1.13', mended: false }, glyphMap: { clause: '6.2.11.3.2', mended: true },
  annotationKind: { clause: '6.3.1', mended: true }, annotationFlags: { clause: '6.3.2', mended: true }, appearance: { clause: '6.3.3', mended: false }, form: { clause: '6.4.1', mended: true }, xfa: { clause: '6.4.2', mended: true },
  action: { clause: '6.5.1', mended: true }, trigger: { clause: '6.5.2', mended: true }, attachment: { clause: '6.8', mended: true }, layers: { clause: '6.9', mended: true }, requirements: { clause: '6.11', mended: true },
} as const satisfies Record<string, { clause: string; mended: boolean }>;
export type ArchiveRule = keyof typeof archiveRules;

/** Actions that play, run or fetch something (6.5.1). */
export const refusedActions = new Set(['Launch', 'Sound', 'Movie', 'ResetForm', 'ImportData', 'JavaScript', 'Hide', 'SetOCGState', 'Rendition', 'Trans', 'GoTo3DView']);
/** The named actions that are allowed. */
export const allowedNamed = new Set(['NextPage', 'PrevPage', 'FirstPage', 'LastPage']);
/** Kinds of annotations that are more than a mark on the page (6.3.1). */
export const refusedAnnotations = new Set(['3D', 'Sound', 'Screen', 'Movie', 'RichMedia', 'FileAttachment']);
/** Annotation flags (ISO 32000-1, table 165): what has to be set, and what must not be. */
export const printFlag = 4, unseenFlags = 1 | 2 | 32 | 256;
