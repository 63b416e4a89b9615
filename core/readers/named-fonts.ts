import type { FontFacts } from '../model/facts.ts';

/** Fonts that a word-processor file names. @param embedded - whether the file holds one itself */
export const namedFonts = (names: Iterable<string>, embedded: (name: string) => boolean = () => false): FontFacts[] => [...new Set(names)].map((name) => ({ name, type: 'named', embedded: embedded(name), subset: false, toUnicode: true, readable: true, page: null }));
