import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readBrief } from '../read.ts';

/** A sentence of each language that settles nothing, before the one in question: a language is known by more than one sentence. */
const before: Record<string, string> = {
  German: 'In dieser Hausarbeit geht es um die Geschichte einer Stadt, über die Sie im Seminar gelesen haben. Sie sollen zeigen, dass Sie die Quellen verstanden haben.\n\n',
  French: 'Ce devoir porte sur l’histoire d’une ville dont vous avez lu les sources pendant le séminaire. Vous devez montrer que vous avez compris les textes.\n\n',
  Spanish: 'En este trabajo se trata de la historia de una ciudad sobre la que hemos leído en el seminario. Debe mostrar que ha entendido las fuentes y los textos.\n\n',
  Italian: 'In questo lavoro si tratta della storia di una città di cui avete letto nel seminario. Dovete mostrare di avere capito le fonti e i testi.\n\n',
  Portuguese: 'Neste trabalho trata-se da história de uma cidade sobre a qual lemos no seminário. Deve mostrar que compreendeu as fontes e os textos.\n\n',
  Dutch: 'In deze opdracht gaat het over de geschiedenis van een stad waarover je met ons in het college hebt gelezen. Je moet laten zien dat je de bronnen hebt begrepen.\n\n',
  Swedish: 'Den här uppgiften handlar om en stads historia som vi har läst om under kursen. Du ska visa att du har förstått källorna och texterna.\n\n',
  Norwegian: 'Denne oppgaven handler om historien til en by som vi har lest om i løpet av kurset. Du skal vise at du har forstått kildene og tekstene.\n\n',
  Danish: 'Denne opgave handler om en bys historie, som vi har læst om i løbet af kurset. Du skal vise, at du har forstået kilderne og teksterne.\n\n',
  English: '',
};

const lines = readFileSync(new URL('../../testing/sentences.txt', import.meta.url), 'utf8').split('\n').filter((line) => line !== '' && !line.startsWith('#'));
const tongues: Record<string, [said: string, wanted: string][]> = {};
let tongue = '';
for (const line of lines) { const name = /^\[(\w+)\]$/.exec(line)?.[1]; if (name) tongues[(tongue = name)] = []; else { const [wanted, said] = line.split(' || ') as [string, string]; tongues[tongue]!.push([said.replaceAll('\\n', '\n'), wanted]); } }

const valueAt = (of: unknown, path: string): unknown => path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown> | null | undefined)?.[key], of) ?? null;
function told(text: string, path: string): unknown {
  const { brief } = readBrief(text, '2026-11-30T09:00:00Z');
  for (const e of brief.evidence) expect(text.slice(e.start, e.end)).toBe(e.quote);
  if (path === 'types') return brief.documents.map((d) => d.types.join('+')).join(' ');
  if (path === 'docs') return brief.documents.map((d) => `${d.label ?? ''}:${d.types.join('+')}${d.limits ? JSON.stringify(Object.fromEntries(Object.entries(d.limits).filter(([, value]) => value !== null))) : ''}`).join(' | ');
  return valueAt(brief, path);
}
describe.each(Object.entries(tongues))('%s', (name, sentences) => {
  test('has sentences', () => expect(sentences.length).toBeGreaterThan(9));
  test.each(sentences)('%s', (said, wanted) => { for (const one of wanted.split(' ; ')) { const at = one.indexOf('='); expect(told(`${before[name]!}${said}`, one.slice(0, at))).toEqual(JSON.parse(one.slice(at + 1))); } });
});
