import type { IntegrityFact } from '../model/facts.ts';
import { fromHex, lookAlike } from '../text/colour.ts';

/** Under this many points nobody reads. Common practice, no published source. */
const tiny = 4;
const longestQuote = 80;

/** Gathers stretches of text that are there and cannot be seen, from the looks that a word-processor file gives them: tiny, or of the colour of their ground. */
export class UnseenLooks {
  private readonly found: IntegrityFact[] = [];
  private last: IntegrityFact['code'] | null = null;
  constructor(private readonly part: string) {}

  /** @param look - size in points; colours as six hexadecimal digits: null where the colour follows its ground, or the ground cannot be told */
  add(text: string, look: { size: number; colour: string | null; ground: string | null }): void {
    if (!text.trim()) return;
    const ink = look.colour === null ? null : fromHex(look.colour), under = look.ground === null ? null : fromHex(look.ground);
    const code = ink && under && lookAlike(ink, under) ? 'background' : look.size < tiny ? 'tiny' : null;
    const before = this.found[this.found.length - 1];
    // What stands side by side is one place; a letter by itself is none, as a line of dots or a mark between is.
    if (code !== null && code === this.last && before) before.quote = `${before.quote}${text}`.slice(0, longestQuote);
    else if (code !== null) this.found.push({ code, part: this.part, page: null, box: null, quote: text.slice(0, longestQuote), count: 1 });
    this.last = code;
  }
  /** Places with a word in them. */
  get words(): IntegrityFact[] { return this.found.filter((f) => /[\p{L}\p{N}]{2}/u.test(f.quote)); }
}
