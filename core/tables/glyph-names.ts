import { decodeCodePage } from '../text/bytes.ts';

/** Glyph names of the standard Latin set with their characters. Source: Adobe Glyph List, ISO 32000-1 annex D.2. Letters and digits that are their own names are left out. */
const names = 'space:20 exclam:21 quotedbl:22 numbersign:23 dollar:24 percent:25 ampersand:26 quotesingle:27 quoteright:2019 parenleft:28 parenright:29 asterisk:2a plus:2b comma:2c hyphen:2d minus:2212 period:2e slash:2f zero:30 one:31 two:32 three:33 four:34 five:35 six:36 seven:37 eight:38 nine:39 colon:3a semicolon:3b less:3c equal:3d greater:3e question:3f at:40 bracketleft:5b backslash:5c bracketright:5d asciicircum:5e underscore:5f grave:60 quoteleft:2018 braceleft:7b bar:7c braceright:7d asciitilde:7e exclamdown:a1 cent:a2 sterling:a3 currency:a4 yen:a5 brokenbar:a6 section:a7 dieresis:a8 copyright:a9 ordfeminine:aa guillemotleft:ab logicalnot:ac registered:ae macron:af degree:b0 plusminus:b1 twosuperior:b2 threesuperior:b3 acute:b4 mu:b5 paragraph:b6 periodcentered:b7 cedilla:b8 onesuperior:b9 ordmasculine:ba guillemotright:bb onequarter:bc onehalf:bd threequarters:be questiondown:bf Agrave:c0 Aacute:c1 Acircumflex:c2 Atilde:c3 Adieresis:c4 Aring:c5 AE:c6 Ccedilla:c7 Egrave:c8 Eacute:c9 Ecircumflex:ca Edieresis:cb Igrave:cc Iacute:cd Icircumflex:ce Idieresis:cf Eth:d0 Ntilde:d1 Ograve:d2 Oacute:d3 Ocircumflex:d4 Otilde:d5 Odieresis:d6 multiply:d7 Oslash:d8 Ugrave:d9 Uacute:da Ucircumflex:db Udieresis:dc Yacute:dd Thorn:de germandbls:df agrave:e0 aacute:e1 acircumflex:e2 atilde:e3 adieresis:e4 aring:e5 ae:e6 ccedilla:e7 egrave:e8 eacute:e9 ecircumflex:ea edieresis:eb igrave:ec iacute:ed icircumflex:ee idieresis:ef eth:f0 ntilde:f1 ograve:f2 oacute:f3 ocircumflex:f4 otilde:f5 odieresis:f6 divide:f7 oslash:f8 ugrave:f9 uacute:fa ucircumflex:fb udieresis:fc yacute:fd thorn:fe ydieresis:ff dotlessi:131 Lslash:141 lslash:142 OE:152 oe:153 Scaron:160 scaron:161 Ydieresis:178 Zcaron:17d zcaron:17e florin:192 circumflex:2c6 caron:2c7 breve:2d8 dotaccent:2d9 ring:2da ogonek:2db tilde:2dc hungarumlaut:2dd endash:2013 emdash:2014 quotesinglbase:201a quotedblleft:201c quotedblright:201d quotedblbase:201e dagger:2020 daggerdbl:2021 bullet:2022 ellipsis:2026 perthousand:2030 guilsinglleft:2039 guilsinglright:203a fraction:2044 Euro:20ac trademark:2122 fi:fb01 fl:fb02';
const byName = new Map(names.split(' ').map((pair) => { const [name, code] = pair.split(':'); return [name!, parseInt(code!, 16)]; }));
export const namedCharacters: readonly number[] = [...byName.values()];

/** The character of a glyph name, or null: from the list, a letter that names itself, or `uniXXXX` and `uXXXXX`. */
export function characterOf(glyph: string): number | null {
  const known = byName.get(glyph) ?? (/^[A-Za-z]$/.test(glyph) ? glyph.charCodeAt(0) : null), coded = /^(?:uni([0-9A-F]{4})|u([0-9A-F]{4,6}))$/.exec(glyph);
  return known ?? (coded ? parseInt((coded[1] ?? coded[2])!, 16) : null);
}

/** The upper half of the standard encoding of Latin text: code and character. Source: ISO 32000-1, D.2, column STD; the lower half is ASCII but for two quotes. */
const standardUpper = 'a1:a1 a2:a2 a3:a3 a4:2044 a5:a5 a6:192 a7:a7 a8:a4 a9:27 aa:201c ab:ab ac:2039 ad:203a ae:fb01 af:fb02 b1:2013 b2:2020 b3:2021 b4:b7 b6:b6 b7:2022 b8:201a b9:201e ba:201d bb:bb bc:2026 bd:2030 bf:bf c1:60 c2:b4 c3:2c6 c4:2dc c5:af c6:2d8 c7:2d9 c8:a8 ca:2da cb:b8 cd:2dd ce:2db cf:2c7 d0:2014 e1:c6 e3:aa e8:141 e9:d8 ea:152 eb:ba f1:e6 f5:131 f8:142 f9:f8 fa:153 fb:df';
const standard = new Map<number, number>([...Array.from({ length: 95 }, (_, i): [number, number] => [i + 32, i + 32]), [0x27, 0x2019], [0x60, 0x2018], ...standardUpper.split(' ').map((pair): [number, number] => { const [code, char] = pair.split(':'); return [parseInt(code!, 16), parseInt(char!, 16)]; })]);

/** The character that a code stands for in a named encoding; null where it stands for none. Source: ISO 32000-1, D.2. */
export function characterIn(encoding: 'StandardEncoding' | 'WinAnsiEncoding' | 'MacRomanEncoding', code: number): number | null {
  if (encoding === 'StandardEncoding') return standard.get(code) ?? null;
  if (code < 32) return null;
  return decodeCodePage(Uint8Array.of(code), encoding === 'WinAnsiEncoding' ? 'windows-1252' : 'macintosh').codePointAt(0) ?? null;
}
