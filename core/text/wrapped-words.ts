import { fromBase64 } from './bytes.ts';

/** Runs that may be Base64 (RFC 4648, 4): long enough for a name, and a whole number of groups with what fills the last. */
const runs = /(?<![A-Za-z\d+/=])(?:[A-Za-z\d+/]{4}\s{0,2}){4,}(?:[A-Za-z\d+/]{2}==|[A-Za-z\d+/]{3}=)?(?![A-Za-z\d+/=])/g;
const bounds = { runs: 2000, letters: 4 << 20, longest: 1 << 18 };

/** What a program has put into Base64 and is words once unpacked, in UTF-8 or UTF-16; a line each. Pictures, keys and sums, which are no words, give nothing. */
export function wrappedWords(text: string): string {
  const found: string[] = [];
  let seen = 0, letters = 0;
  for (const [run] of text.matchAll(runs)) {
    if (++seen > bounds.runs || (letters += run.length) > bounds.letters) break;
    const words = wordsOf(fromBase64(run.slice(0, bounds.longest).replace(/\s/g, '').replace(/^((?:.{4})*).*$/s, (whole, groups: string) => (run.length > bounds.longest ? groups : whole))));
    if (words) found.push(words);
  }
  return found.join('\n');
}

function wordsOf(bytes: Uint8Array): string {
  const even = bytes.filter((b, i) => i % 2 === 0 && b === 0).length, odd = bytes.filter((b, i) => i % 2 === 1 && b === 0).length;
  const text = new TextDecoder(odd > bytes.length / 4 ? 'utf-16le' : even > bytes.length / 4 ? 'utf-16be' : 'utf-8').decode(bytes).replace(/\0+/g, '\n');
  // Chance makes a replacement character or a control of nearly every third byte.
  const foreign = text.match(/[\u0001-\u0008\u000e-\u001f\ufffd]/g)?.length ?? 0;
  return foreign <= text.length / 50 && /\p{L}{3}/u.test(text) ? text.trim() : '';
}
