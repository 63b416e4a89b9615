import { defineCheck, atName, stops } from '../define.ts';
import { aKind, endings } from '../../tables/signatures.ts';

export const fileExtension = defineCheck({
  id: 'file.extension', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: ({ file }) => (endings[file.kind].length > 0 ? `.${endings[file.kind][0]}` : null),
  found: ({ file }) => (file.extension ? `.${file.extension}` : 'no ending'),
  evaluate: ({ file }) => {
    const known = endings[file.kind];
    if (known.includes(file.extension) || file.kind === 'unknown' || file.kind === 'link') return [];
    // Plain text goes under many names that no receiver refuses for the ending alone.
    if (file.kind === 'txt' && file.extension !== '' && !Object.values(endings).some((e) => e.includes(file.extension))) return [];
    return [stops(file.extension ? 'mismatch' : 'none', { extension: file.extension, kind: aKind(file.kind), ending: known[0] ?? '' }, atName)];
  },
});
