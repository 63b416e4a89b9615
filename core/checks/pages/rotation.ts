import { defineCheck, atPage, look } from '../define.ts';

/** More than half of a page's lines run up or down: it has to be turned to be read. */
const mostLines = 0.5;

export const pagesRotation = defineCheck({
  id: 'pages.rotation', needs: ['pages'], kinds: ['pdf'], reference: 'ISO 32000-1:2008, table 30 (Rotate); common practice, no published source',
  asked: () => 'pages the right way up',
  found: ({ pages }) => { const n = pages.filter((p) => p.upsideDown || (p.sidewaysLines ?? 0) > mostLines).length; return n === 0 ? 'all' : `${n} of ${pages.length} are not`; },
  evaluate: ({ pages }) => pages.flatMap((p) => (p.upsideDown ? [look('upsideDown', { page: p.number }, atPage(p.number))] : (p.sidewaysLines ?? 0) > mostLines ? [look('sideways', { page: p.number }, atPage(p.number))] : [])).slice(0, 20),
});
