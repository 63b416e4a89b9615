import { defineCheck, atFile, stops } from '../define.ts';
import { aKind, kindNames, laidOut } from '../../tables/signatures.ts';
import type { Kind } from '../../model/kinds.ts';

/** A kind that satisfies another: a web page is text, a macro document is a word-processor file in name only. */
const satisfies = (kind: Kind, asked: Kind): boolean => kind === asked || (asked === 'txt' && kind === 'markdown');

const noPapers: readonly Kind[] = ['link', 'lock', 'partial', 'unknown'], archives: readonly Kind[] = ['zip', 'rar', '7z', 'gz', 'tar'];

export const fileType = defineCheck({
  id: 'file.type', needs: [], mend: 'convert', reference: 'ISO 32000-1:2008, 7.5.2; ECMA-376-2; ODF 1.2-3, 3.3',
  asked: ({ document }) => (document && document.types.length > 0 ? document.types.map((t) => kindNames[t]).join(' or ') : null),
  found: ({ file }) => kindNames[file.kind],
  evaluate: ({ file, document }) => {
    if (document!.types.some((t) => satisfies(file.kind, t)) || file.kind === 'empty') return [];
    const asked = document!.types.map((t) => kindNames[t]).join(' or '), archive = file.troubles.find((t) => t.code === 'archive');
    if (archive) return [stops('archive', { inside: archive.text || 'nothing', asked }, atFile)];
    // What cannot be laid out here, or is no paper at all, is not to be converted: its own check says what to do.
    const canConvert = laidOut.includes(file.kind) && document!.types.some((t) => (t === 'pdf' || t === 'docx') && t !== file.kind);
    return [stops(canConvert ? 'wrongKind' : noPapers.includes(file.kind) ? 'noPaper' : archives.includes(file.kind) ? 'packed' : 'otherKind', { kind: aKind(file.kind), asked }, atFile)];
  },
});
