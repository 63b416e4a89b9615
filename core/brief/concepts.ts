/** A demand by the concepts that its sentence has, in any order, and those that it must not have. What one of them has taken, the next does not see. */
export interface ConceptRule<C extends string, T> { value: T; all: readonly (C | readonly C[])[]; none?: readonly C[] }
/** Where a sentence fulfils a rule: from the first of its concepts to the last, with the words of each. */
export interface Fulfilled { start: number; end: number; words: string[] }

/** What words are made of in the languages that are read. */
export const letters = 'A-Za-z\\u00c0-\\u024f';
/** Stands for what a concept has taken. */
const taken = '\u0001';

/** Looks for concepts in sentences. @param words - of each concept the words that stand for it, as alternatives of a pattern; `~` is any ending */
export function conceptReader<C extends string>(words: Readonly<Record<C, string>>): { has: (said: string, concept: C) => boolean; fulfilled: (said: string, rule: ConceptRule<C, unknown>) => Fulfilled | null } {
  const made = new Map<C, RegExp>();
  function patternOf(concept: C): RegExp {
    const known = made.get(concept) ?? new RegExp(`(?<![${letters}\\d])(?:${words[concept].replace(/~\??/g, `[${letters}]*`)})(?![${letters}])`, 'i');
    made.set(concept, known);
    return known;
  }
  function fulfilled(said: string, { all, none }: ConceptRule<C, unknown>): Fulfilled | null {
    let rest = said, start = Infinity, end = 0;
    const found: string[] = [];
    for (const wanted of all) {
      const m = (typeof wanted === 'string' ? [wanted] : wanted).map((concept) => patternOf(concept).exec(rest)).find((one) => one !== null);
      if (!m) return null;
      [start, end] = [Math.min(start, m.index), Math.max(end, m.index + m[0].length)];
      found.push(m[0]);
      rest = `${rest.slice(0, m.index)}${taken.repeat(m[0].length)}${rest.slice(m.index + m[0].length)}`;
    }
    return none?.some((concept) => patternOf(concept).test(rest)) ? null : { start, end, words: found };
  }
  return { has: (said, concept) => patternOf(concept).test(said), fulfilled };
}
