/** A table that is made when it is first asked for, and kept: a wording in English needs no patterns of other languages. */
export function whenAsked<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
