import { defineCheck, look, stops } from '../define.ts';

export const fontsEmbedded = defineCheck({
  id: 'fonts.embedded', needs: ['fonts'], kinds: ['pdf'], mend: 'fonts.embed', reference: 'ISO 32000-1:2008, 9.9, table 126',
  asked: () => 'all fonts embedded',
  found: ({ fonts }) => `${fonts.filter((f) => f.embedded).length} of ${fonts.length}`,
  evaluate: ({ fonts }) => {
    // One finding a name, however many objects carry it.
    const lacking = fonts.filter((f) => !f.embedded), missing = new Map([...lacking.filter((f) => f.idle), ...lacking.filter((f) => !f.idle)].map((f) => [f.name, f]));
    return [...missing.values()].map((f) => (f.idle ? look : stops)(f.idle ? 'listedOnly' : 'notEmbedded', { font: f.name, type: f.type }, { part: 'text', page: f.page, box: null, quote: f.name }));
  },
});
