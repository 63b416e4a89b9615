import { md5, sha1 } from '@noble/hashes/legacy';
import { sha384, sha512 } from '@noble/hashes/sha2';
import { crc32 } from '../text/crc32.ts';
import { eachIn, says } from '../text/patterns.ts';

/** A checksum other than SHA-256 that a receipt shows: of less weight, but one that does not fit still speaks of another file. */
export interface OtherSum { algorithm: 'md5' | 'sha1' | 'sha384' | 'sha512' | 'crc32'; sum: string }

/** How long each is in hexadecimal figures. Sources: RFC 1321 (MD5), RFC 3174 (SHA-1), FIPS 180-4 (SHA-2). */
const lengths: Record<Exclude<OtherSum['algorithm'], 'crc32'>, number> = { md5: 32, sha1: 40, sha384: 96, sha512: 128 };
const digests: Record<OtherSum['algorithm'], (bytes: Uint8Array) => Uint8Array> = { md5, sha1, sha384, sha512, crc32: (bytes) => { const out = new Uint8Array(4); new DataView(out.buffer).setUint32(0, crc32(bytes)); return out; } };
const label = /\b(?:md-?5|sha-?(?:1|384|512)|checksum|check sum|digest|hash(?: value| sum)?|fingerprint)\b/i, alone = new RegExp(`^[^.]{0,20}${label.source}\\W*$`, 'i');

/** Sums behind a word that says so, on its line or on the line above; the length tells which kind it is. A bare number of that length may be an identifier. */
export function readOtherSums(text: string): OtherSum[] {
  const found: OtherSum[] = [], lines = text.split('\n');
  lines.forEach((line, i) => {
    for (const m of eachIn(line, /(?<![0-9a-z-])(?:[0-9a-f]{2}[: ]?){15,63}[0-9a-f]{2}(?![0-9a-z-])/gi)) {
      const sum = m[0].replace(/[: ]/g, '').toLowerCase(), algorithm = (Object.keys(lengths) as (keyof typeof lengths)[]).find((a) => lengths[a] === sum.length);
      if (algorithm && (says(`${line.slice(0, m.index)} ${line.slice(m.index + m[0].length)}`, label) || (line.trim() === m[0] && says(lines[i - 1] ?? '', alone))) && !found.some((f) => f.sum === sum)) found.push({ algorithm, sum });
    }
    // Eight figures say nothing by their length: the word has to stand before them.
    for (const m of eachIn(line, /\bcrc-?32\b[^0-9a-z\n]{0,4}(?:0x)?([0-9a-f]{8})(?![0-9a-z])/gi)) found.push({ algorithm: 'crc32', sum: m[1]!.toLowerCase() });
  });
  return found;
}

/** The beginning of a SHA-256, and its end where that is shown too: “ecd86c30…7efe”. Behind its name only, and of six figures at least: less may be chance. */
export interface ShortSum { shown: string; head: string; tail: string }
export const readShortSums = (text: string): ShortSum[] => [...eachIn(text, /\bsha-?256\b[^\n0-9a-f]{0,24}?[^\S\n:=]*[:=]?[^\S\n]*(?<![0-9a-z])([0-9a-f]{6,63})[^\S\n]?(?:…|\.{3})[^\S\n]?([0-9a-f]{0,58})(?![0-9a-z])/gi)].map((m) => ({ shown: m[0].slice(m[0].indexOf(m[1]!)), head: m[1]!.toLowerCase(), tail: m[2]!.toLowerCase() }));
export const fitsShortSum = (short: ShortSum, sha256: string): boolean => sha256.startsWith(short.head) && sha256.endsWith(short.tail);

/** The sum of a file in lower-case hexadecimal figures. */
export const sumOf = (algorithm: OtherSum['algorithm'], bytes: Uint8Array): string => Array.from(digests[algorithm](bytes), (b) => b.toString(16).padStart(2, '0')).join('');
