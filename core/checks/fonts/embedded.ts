import { defineCheck, stops } from '../define.ts';

export const fontsEmbedded = defineCheck({
  id: 'fonts.embedded', needs: ['fonts'], kinds: ['pdf'], mend: 'fonts.embed', reference: 'ISO 32000-1:2008, 9.9, table 126',
  asked: () => 'all fonts embedded',
  found: ({ fonts }) => `${fonts.filter((f) => f.embedded).length} of ${fonts.length}`,
  evaluate: ({ fonts }) => {
    // One finding a name, however many objects carry it.
    const missing = new Map(fonts.filter((f) => !f.embedded).map((f) => [f.name, f]));
    return [...missing.values()].map((f) => stops('notEmbedded', { font: f.name, type: f.type }, { part: 'text', page: f.page, box: null, quote: f.name }));
  },
});
