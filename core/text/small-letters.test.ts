import { describe, expect, it } from '@jest/globals';
import { forSmallLetters, inSmallLetters } from './small-letters.ts';

describe('patterns for text in small letters', () => {
  it.each([
    [/\bMy\s+(?:Own\s+)?Work\b/giu, 'MY OWN work, my Work', 2],
    [/[A-F]\S+\W\D/giu, 'Ab-c Fx_y', 1],
    [/(?<Who>TUTOR)\s\k<Who>/giu, 'Tutor TUTOR', 1],
    [/\p{Lu}\p{L}+ Dank/giu, 'herzlicher dank', 1],
    [/\u0041\x42c/gi, 'abc ABC', 2],
    [/Überschrift \d/gimu, 'ÜBERSCHRIFT 1\nüberschrift 2', 2],
  ])('%s finds what it found', (pattern, text, count) => {
    const places = (p: RegExp, t: string) => [...t.matchAll(p)].map((m) => [m.index, m[0].length]);
    expect(places(pattern, text)).toHaveLength(count);
    expect(places(forSmallLetters(pattern), inSmallLetters(text)!)).toEqual(places(pattern, text));
  });
  it('leaves a pattern alone to which case matters, and makes another one once', () => {
    const capitals = /\bTODO\b/g, any = /todo/gi;
    expect(forSmallLetters(capitals)).toBe(capitals);
    expect(forSmallLetters(any)).toBe(forSmallLetters(any));
    expect(forSmallLetters(any).ignoreCase).toBe(false);
  });
  it('gives no text whose places would shift', () => {
    expect(inSmallLetters('KÄSE')).toBe('käse');
    expect(inSmallLetters('İzmir')).toBeNull();
  });
});
