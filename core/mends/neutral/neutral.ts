import { squash } from '../../identity/fold.ts';
import type { Matcher } from '../../identity/find.ts';
import { weighHit } from '../../identity/weigh.ts';
import type { PlaceKind } from '../../model/facts.ts';

/** Puts other words in the place of the student's details where no page shows them: in alternative texts, names of parts, addresses.
 * Only what stops is replaced, weighed as the search weighs it. A detail becomes the same word wherever it stands, so that names and
 * what refers to them go on meeting. */
export class Neutral {
  private readonly words = new Map<string, string>();
  constructor(private readonly matcher: Matcher) {}

  /** What somebody reads or hears. @returns null where nothing of the student stands in it */
  said(text: string, place: PlaceKind): string | null { return this.replaced(text, [place], () => '[removed]'); }

  /** What parts go by, and paths to them: one word, of letters and figures, another one for each detail. @returns null as above */
  named(text: string, ...places: PlaceKind[]): string | null {
    return this.replaced(text, places, (found) => {
      const key = squash(found), word = this.words.get(key) ?? `removed${this.words.size > 0 ? this.words.size + 1 : ''}`;
      this.words.set(key, word);
      return word;
    });
  }

  private replaced(text: string, places: PlaceKind[], word: (found: string) => string): string | null {
    if (!/[\p{L}\p{N}]{2}/u.test(text)) return null;
    const hits = this.matcher.find(text).filter((hit) => places.some((place) => weighHit(hit, { part: '', place, page: null, text })?.standing === 'stops'));
    if (hits.length === 0) return null;
    let out = '', at = 0;
    for (const hit of hits) { out += text.slice(at, hit.start) + word(text.slice(hit.start, hit.end)); at = hit.end; }
    return out + text.slice(at);
  }
}
/** How a detail in an address is weighed: in a path on somebody's machine a name is a name; on the web it may be a word, or the author's of a work. */
export const placesOfAddress = (address: string): PlaceKind[] => (/^(?:https?|ftps?|mailto|news|doi):/i.test(address) ? ['link', 'cloudAddress'] : ['link', 'cloudAddress', 'path']);
/** Stands where an address was that tells who the student is; it leads nowhere (RFC 6694). */
export const nowhere = 'about:blank';
