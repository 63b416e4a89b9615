import { largeNumbers } from './statements.ts';

/** Bytes in a unit. Source: IEC 80000-13 (kB, MB, GB decimal; KiB, MiB, GiB binary). Megapixels said of a file mean megabytes. */
export const units: Record<string, number> = { kb: 1e3, kib: 1024, mb: 1e6, mib: 1_048_576, gb: 1e9, gib: 1_073_741_824, kilobyte: 1e3, megabyte: 1e6, gigabyte: 1e9, mebibyte: 1_048_576, kbyte: 1e3, mbyte: 1e6, gbyte: 1e9, kibibyte: 1024, megapixel: 1e6, mp: 1e6, meg: 1e6, m: 1e6, byte: 1, ko: 1e3, mo: 1e6, go: 1e9 };
export const spoken = Object.keys(largeNumbers).sort((a, b) => b.length - a.length).join('|');
export const number = String.raw`(?<![A-Za-z\d]|\d\/)\d{1,3}(?:[,.\s\u00a0]\d{3})+(?!\d)|(?<![A-Za-z\d]|\d\/)\d+(?:[.,]\d+)?|(?<![A-Za-z\d-])(?:${spoken})(?=[\s-](?:(?:A4|typed|double-spaced|single-spaced)\s)?(?:pages?|sides?)\b)`;
