import { defineCheck, atFile, stops } from '../define.ts';
import { kindNames } from '../../tables/signatures.ts';
import type { Kind } from '../../model/kinds.ts';

/** A kind that satisfies another: a web page is text, a macro document is a word-processor file in name only. */
const satisfies = (kind: Kind, asked: Kind): boolean => kind === asked || (asked === 'txt' && kind === 'markdown');

export const fileType = defineCheck({
  id: 'file.type', needs: [], mend: 'convert', reference: 'ISO 32000-1:2008, 7.5.2; ECMA-376-2; ODF 1.2-3, 3.3',
  asked: ({ document }) => (document && document.types.length > 0 ? document.types.map((t) => kindNames[t]).join(' or ') : null),
  found: ({ file }) => kindNames[file.kind],
  evaluate: ({ file, document }) => (document!.types.some((t) => satisfies(file.kind, t)) || file.kind === 'empty'
    ? [] : file.troubles.some((t) => t.code === 'archive') ? [stops('archive', { inside: file.troubles.find((t) => t.code === 'archive')!.text || 'nothing', asked: document!.types.map((t) => kindNames[t]).join(' or ') }, atFile)] : [stops('wrongKind', { kind: kindNames[file.kind], asked: document!.types.map((t) => kindNames[t]).join(' or ') }, atFile)]),
});
