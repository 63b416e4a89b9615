import { confusables } from '../tables/confusables.ts';

/** A text reduced to what a name consists of, with the way back. */
export interface Folded {
  /** letters and digits only: case, accents, ligatures, compatibility forms and look-alikes folded away */
  squashed: string;
  /** for each squashed unit, the UTF-16 index of the character it came from */
  origin: Int32Array;
  /** 1 where something stood between this unit and the one before */
  gap: Uint8Array;
  /** 1 where the unit came from an upper-case letter */
  upper: Uint8Array;
  text: string;
}

/** Letters that NFKD leaves whole. Source: Unicode names; transliterations are common practice. */
const whole: Record<string, string> = { ß: 'ss', æ: 'ae', œ: 'oe', ø: 'o', ł: 'l', đ: 'd', ð: 'd', þ: 'th', ı: 'i', ħ: 'h', ŋ: 'n', ĸ: 'k', ſ: 's', ẞ: 'ss', ƒ: 'f' };
const cache = new Map<string, string>();

function foldCharacter(char: string): string {
  let folded = cache.get(char);
  if (folded === undefined) {
    folded = char.normalize('NFKD').toLowerCase().replace(/\p{M}/gu, '');
    folded = [...folded].map((c) => whole[c] ?? c).join('').replace(/[^\p{L}\p{N}]/gu, '');
    // Arabic-Indic and other decimal digits count as digits.
    folded = folded.replace(/\p{Nd}/gu, (d) => (d <= '9' && d >= '0' ? d : String(digitValue(d))));
    cache.set(char, folded);
  }
  return folded;
}
function digitValue(digit: string): number {
  const code = digit.codePointAt(0)!;
  let zero = code;
  while (/\p{Nd}/u.test(String.fromCodePoint(zero - 1)) && code - zero < 9) zero--;
  return (code - zero) % 10;
}

/** Invisible between letters: soft hyphen, zero-width, direction marks. Combining marks belong to the letter before. */
const invisible = /[\p{Cf}\p{M}\u00ad\u034f\u115f\u180e\u2800]/u;

/** Folds a text in one pass. Look-alikes are mapped only in words that mix scripts or consist of look-alikes alone. */
export function foldText(source: string): Folded {
  const text = source;
  const mapped = /[\u0370-\u058f]/.test(text) ? mapLookalikes(text) : text;
  const capacity = text.length * 3 + 8;
  let origin = new Int32Array(capacity), gap = new Uint8Array(capacity), upper = new Uint8Array(capacity);
  const parts: string[] = [];
  let size = 0, pending = 0;
  for (let at = 0; at < mapped.length;) {
    const code = mapped.charCodeAt(at);
    if (code < 128) {
      const lower = code >= 65 && code <= 90;
      if (lower || (code >= 97 && code <= 122) || (code >= 48 && code <= 57)) {
        parts.push(String.fromCharCode(lower ? code + 32 : code));
        origin[size] = at; gap[size] = pending; upper[size] = lower ? 1 : 0;
        size++; pending = 0;
      } else pending = 1;
      at++;
      continue;
    }
    const char = String.fromCodePoint(mapped.codePointAt(at)!);
    if (!invisible.test(char)) {
      const folded = foldCharacter(char);
      if (folded === '') pending = 1;
      for (let i = 0; i < folded.length && size < capacity; i++) {
        origin[size] = at; gap[size] = pending; upper[size] = char !== char.toLowerCase() ? 1 : 0;
        size++; pending = 0;
      }
      parts.push(folded);
    }
    at += char.length;
  }
  const squashed = parts.join('');
  origin = origin.slice(0, squashed.length); gap = gap.slice(0, squashed.length); upper = upper.slice(0, squashed.length);
  return { squashed, origin, gap, upper, text };
}

/** Line by line: a formula somewhere in a long text costs no look at all its words. */
const mapLookalikes = (text: string): string => text.split('\n').map((line) => (/[\u0370-\u058f]/.test(line) ? mapLine(line) : line)).join('\n');
function mapLine(text: string): string {
  return text.replace(/[\p{L}\p{M}\u200b-\u200d]+/gu, (word) => {
    if (!/[\u0370-\u058f]/.test(word)) return word;
    const letters = [...word].filter((c) => /\p{L}/u.test(c));
    const suspicious = /\p{Script=Latin}/u.test(word) || letters.every((c) => c in confusables);
    return suspicious ? word.replace(/[\u0370-\u058f]/g, (c) => confusables[c] ?? c) : word;
  });
}

/** The squashed form alone, many times faster than with the way back. */
export function squash(value: string): string {
  const mapped = /[\u0370-\u058f]/.test(value) ? mapLookalikes(value) : value;
  const folded = mapped.replace(/[^\x00-\x7f]/gu, (char) => (invisible.test(char) ? '' : foldCharacter(char)));
  return folded.replace(/[\x00-\x2f\x3a-\x40\x5b-\x60\x7b-\x7f]+/g, '').replace(/[A-Z]+/g, (capitals) => capitals.toLowerCase());
}
