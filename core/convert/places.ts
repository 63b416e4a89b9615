/** Places of a text to which links inside it lead, as this dialect writes them: `<span id="place3"></span>` and `<a class="place" href="#place3">…</a>`. */
export interface Places { /** what marks a place; empty where no link leads to it */ mark(name: string): string; /** what opens a link; null where there is no such place */ open(name: string): string | null }

/** @param links - names that links lead to @param targets - names of places that are there */
export function placesOf(links: Iterable<string>, targets: Iterable<string>): Places {
  const wanted = new Set(links), known = new Map<string, string>(), marked = new Set<string>();
  for (const name of targets) if (wanted.has(name) && !known.has(name)) known.set(name, `place${known.size + 1}`);
  return {
    mark: (name) => { const id = known.get(name); if (!id || marked.has(id)) return ''; marked.add(id); return `<span id="${id}"></span>`; },
    open: (name) => { const id = known.get(name); return id ? `<a class="place" href="#${id}">` : null; },
  };
}
/** The places that a body marks. */
export const placeIds = (body: string): string[] => [...body.matchAll(/<span id="(place\d+)">/g)].map((m) => m[1]!);
