import { describe, expect, test } from '@jest/globals';
import { readBrief } from './read.ts';

/** Invented lists of three works, each with its kinds and what it may hold, in the ways that such lists are written. */
type Work = readonly [name: string, kinds: readonly string[], limits: Readonly<Record<string, number>>];
const sets: readonly (readonly Work[])[] = [
  [['sketchbook scans', ['pdf'], { maxBytes: 40e6 }], ['critical statement', ['docx', 'pdf'], { minWords: 800, maxWords: 1000 }], ['image list', ['xlsx'], {}]],
  [['report', ['pdf'], { maxWords: 2000 }], ['data file', ['csv'], {}], ['reflection', ['docx'], { maxWords: 300 }]],
  [['essay', ['docx'], { maxWords: 1500 }], ['slides', ['pdf'], { maxPages: 10 }], ['diary', ['pdf'], { maxPages: 2 }]],
];
const kinds = ([, all]: Work): string => all.map((k) => k.toUpperCase()).join(' or ');
const limit = ([, , l]: Work): string => (l.maxBytes ? `≤ ${l.maxBytes / 1e6} MB` : l.minWords ? `${l.minWords}–${l.maxWords} words` : l.maxWords ? `max. ${l.maxWords} words` : l.maxPages ? `max. ${l.maxPages} pages` : '');
const both = (w: Work): string => [kinds(w), limit(w)].filter(Boolean).join(', '), capital = (s: string): string => s[0]!.toUpperCase() + s.slice(1);
const ways: Readonly<Record<string, (works: readonly Work[]) => string>> = {
  'in square brackets': (w) => `What goes in? ${w.map((x, i) => `(${i + 1}) ${x[0]} [${both(x)}]`).join('; ')}`,
  'in brackets, numbered': (w) => `You submit ${w.map((x, i) => `(${i + 1}) ${x[0]} (${both(x)})`).join(', ')}.`,
  'with letters': (w) => `Submit three files: ${w.map((x, i) => `${'abc'[i]}) ${x[0]} (${both(x)})`).join(', ')}.`,
  'as items': (w) => `Submit:\n${w.map((x) => `- ${x[0]} (${both(x)})`).join('\n')}`,
  'as items with a colon': (w) => `The submission consists of:\n${w.map((x) => `- ${capital(x[0])}: ${both(x)}`).join('\n')}`,
  'with dashes': (w) => `Hand in the following:\n${w.map((x, i) => `${i + 1}. ${capital(x[0])} – ${both(x)}`).join('\n')}`,
  'with commas': (w) => `Please upload:\n${w.map((x, i) => `${i + 1}) ${capital(x[0])}, ${both(x)}`).join('\n')}`,
  'in a table': (w) => `Item | Format | Size or length\n${w.map((x) => `${capital(x[0])} | ${kinds(x)} | ${limit(x) || '–'}`).join('\n')}`,
  'with plus signs': (w) => `What to submit: ${w.map((x) => `${x[0]} (${both(x)})`).join(' + ')}`,
};
describe.each(Object.entries(ways))('three works %s', (_, way) => {
  test.each(sets.map((works) => [way(works), works] as const))('%s', (text, works) => {
    const { documents, limits } = readBrief(`${text}\n\nDeadline: 16 December 2026, 12:00.`, '2026-11-30T09:00:00Z').brief;
    expect(documents.map((d) => [d.label?.toLowerCase(), [...d.types].sort(), Object.fromEntries(Object.entries(d.limits ?? {}).filter(([, v]) => v !== null))])).toEqual(works.map(([name, all, l]) => [name, [...all].sort(), l]));
    expect(Object.values(limits).every((v) => v === null)).toBe(true);
  });
});
