import { defineCheck, look, stops } from '../define.ts';

export const fileActive = defineCheck({
  id: 'file.active', needs: [], mend: 'clean', reference: 'ISO 32000-1:2008, 12.6.4; ECMA-376-1, 17.15',
  asked: () => 'no macros, scripts or outside parts',
  found: ({ file }) => { const n = file.troubles.filter((t) => codes.includes(t.code)).length; return n === 0 ? 'none' : `${n} found`; },
  evaluate: ({ file }) => file.troubles.filter((t) => codes.includes(t.code)).map((t) =>
    (t.code === 'macros' || t.code === 'launch' || t.code === 'javascript' ? stops : look)(t.code, { text: t.text.slice(0, 120) }, { part: t.part, page: t.page, box: null, quote: t.text || null })),
});
const codes: string[] = ['macros', 'javascript', 'launch', 'externalReference', 'oleObject'];
