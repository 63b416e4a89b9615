import { defineCheck, look } from '../define.ts';

export const fontsPermission = defineCheck({
  id: 'fonts.permission', needs: ['fonts'], kinds: ['pdf'], reference: 'OpenType 1.9, OS/2 table, fsType (bit 1: restricted licence embedding)',
  asked: () => 'fonts that may be embedded',
  found: ({ fonts }) => { const n = new Set(fonts.filter((f) => f.restricted).map((f) => f.name)).size; return n === 0 ? 'all' : `${n} may not`; },
  evaluate: ({ fonts }) => [...new Map(fonts.filter((f) => f.restricted).map((f) => [f.name, f])).values()].slice(0, 20).map((f) => look('restricted', { font: f.name.replace(/^[A-Z]{6}\+/, '') }, { part: 'text', page: f.page, box: null, quote: null })),
});
