import { defineCheck, look } from '../define.ts';
import { commonFonts } from '../../tables/fonts.ts';

export const fontsAvailable = defineCheck({
  id: 'fonts.available', needs: ['fonts'], kinds: ['docx', 'docm', 'odt', 'rtf', 'doc'], mend: 'convert', reference: 'common practice, no published source',
  asked: () => 'fonts that receivers have',
  found: ({ fonts }) => fonts.slice(0, 3).map((f) => f.name).join(', ') + (fonts.length > 3 ? ` and ${fonts.length - 3} more` : ''),
  evaluate: ({ fonts }) => fonts.filter((f) => !f.embedded && !commonFonts.has(f.name.toLowerCase())).map((f) => look('rare', { font: f.name }, { part: 'text', page: null, box: null, quote: f.name })),
});
