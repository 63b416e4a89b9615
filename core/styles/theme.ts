import { readXml } from '../engines/xml.ts';

/** Faces and colours that a document names by their part in its theme. */
export interface Theme { /** of `minorHAnsi`, `majorAscii`…; null where the theme does not say */ face(part: string): string | null; /** six hexadecimal digits, of `accent1`, `background1`…; null where the theme does not say */ colour(part: string): string | null }

/** What a document calls the first four colours, which the theme calls otherwise (ECMA-376-1, 17.15.1.20, as programs map them when nothing else is said). */
const calledOtherwise: Readonly<Record<string, string>> = { background1: 'lt1', text1: 'dk1', background2: 'lt2', text2: 'dk2', light1: 'lt1', dark1: 'dk1', light2: 'lt2', dark2: 'dk2', hyperlink: 'hlink', followedHyperlink: 'folHlink' };
const withoutTheme: Readonly<Record<string, string>> = { lt1: 'FFFFFF', dk1: '000000' };

/** Reads a theme part. Source: ECMA-376-1, 20.1.6.2 (clrScheme), 20.1.4.1.16 and 20.1.4.1.24 (majorFont, minorFont), 17.18.96 (names of its faces). */
export function readTheme(xml: string | null): Theme {
  const faces = new Map<string, string>(), colours = new Map<string, string>(Object.entries(withoutTheme));
  let group = '', colour = '', scheme = false;
  if (xml) readXml(xml, {
    open(name, a) {
      if (name === 'a:majorFont' || name === 'a:minorFont') group = name.slice(2, 7);
      else if (name === 'a:latin' && group && a.typeface) faces.set(group, a.typeface);
      else if (name === 'a:clrScheme') scheme = true;
      else if (scheme && /^a:(?:dk|lt|accent|hlink|folHlink)/.test(name)) colour = name.slice(2);
      else if (scheme && colour && (name === 'a:srgbClr' || name === 'a:sysClr')) { const value = a.lastClr ?? a.val ?? ''; if (/^[\da-f]{6}$/i.test(value)) colours.set(colour, value); }
    },
    close(name) { if (name === 'a:majorFont' || name === 'a:minorFont') group = ''; if (name === 'a:clrScheme') scheme = false; },
  });
  return { face: (part) => faces.get(part.slice(0, 5)) ?? null, colour: (part) => colours.get(calledOtherwise[part] ?? part) ?? null };
}
export const noTheme: Theme = readTheme(null);
