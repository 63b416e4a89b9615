import type { Rewrite } from '../alike.ts';
import { dutch } from './dutch.ts';
import { english } from './english.ts';
import { french } from './french.ts';
import { german } from './german.ts';
import { italian } from './italian.ts';
import { norwegian, swedish } from './nordic.ts';
import { portuguese } from './portuguese.ts';
import { spanish } from './spanish.ts';

/** Numbers in words, in these languages; the place is the number. */
const numberNames: readonly string[][] = [[], ['a', 'an', 'one', 'ein', 'eine', 'einer', 'einem', 'un', 'une', 'uno', 'una', 'um', 'uma', 'een', 'één', 'en', 'ett', 'et'], ['two', 'zwei', 'deux', 'dos', 'due', 'dois', 'duas', 'twee', 'två', 'to'], ['three', 'drei', 'trois', 'tres', 'tre', 'três', 'drie'], ['four', 'vier', 'quatre', 'cuatro', 'quattro', 'quatro', 'fyra', 'fire'], ['five', 'fünf', 'cinq', 'cinco', 'cinque', 'vijf', 'fem'], ['sechs', 'six', 'seis', 'sei', 'zes', 'sex', 'seks'], ['seven', 'sieben', 'sept', 'siete', 'sette', 'sete', 'zeven', 'sju', 'syv'], ['eight', 'acht', 'huit', 'ocho', 'otto', 'oito', 'åtta', 'åtte', 'otte'], ['nine', 'neun', 'neuf', 'nueve', 'nove', 'negen', 'nio', 'ni'], ['ten', 'zehn', 'dix', 'diez', 'dieci', 'dez', 'tien', 'tio', 'ti']];
const inFigures = (word: string): string => { const at = numberNames.findIndex((names) => names.includes(word.toLowerCase())); return at > 0 ? String(at) : word; };

const asRewrite = ([said, english]: readonly [string, string]): Rewrite => [
  new RegExp(said.startsWith('(?<=') ? said : `(?<![\\p{L}\\p{N}_])(?:${said})(?![\\p{L}_])`, 'giu'),
  (words, groups) => {
    const told = english.replace(/\$(\d)(\*7)?/g, (_, i: string, weeks?: string) => { const said = inFigures(groups[Number(i) - 1] ?? ''); return weeks ? String(Number(said) * 7) : said; });
    return /^\p{Lu}/u.test(words) ? told.replace(/^./, (c) => c.toUpperCase()) : told;
  },
];
/** What reads as the same in English as the readers know it, language by language. */
export const saidElsewhere: readonly Rewrite[] = [english, german, french, spanish, italian, portuguese, dutch, swedish, norwegian].flatMap((sayings) => sayings.map(asRewrite));
