import { defineCheck, atName, look, stops } from '../define.ts';

export const nameLength = defineCheck({
  id: 'name.length', needs: [], mend: 'rename', reference: 'common practice, no published source (255 bytes: POSIX NAME_MAX)',
  asked: () => 'at most 100 characters',
  found: ({ file }) => `${[...file.name].length} characters`,
  evaluate: ({ file }) => {
    const bytes = new TextEncoder().encode(file.name).length;
    if (bytes > 255) return [stops('bytes', { bytes }, atName)];
    return [...file.name].length > 100 ? [look('long', { characters: [...file.name].length }, atName)] : [];
  },
});
