/** How other languages say whose words they are: German, French, Spanish, Italian, Portuguese, Dutch, Swedish, Danish, Norwegian. Compiled by hand; no source.
 * Only whom the source names counts in the end: that “Nach Berlin” has the shape of “Nach Kessler” does no harm. */
const name = String.raw`(?:\p{Lu}[\p{L}.’'-]*\s+){0,2}(\p{Lu}[\p{L}’'-]+)`;
const saysInRomance = '(?:écrit|notait?|note|souligne|remarque|observe|dit|affirme|montre|explique|rappelle|constate|soutient|précise|escribe|señala|afirma|dice|apunta|observa|indica|explica|sostiene|subraya|recuerda|scrive|osserva|nota|afferma|sottolinea|ricorda|spiega|escreve|salienta|refere|diz|defende|sublinha)';
const saysInGermanic = '(?:schreibt|schrieb|meint|betont|sagt|bemerkt|argumentiert|stellt|zeigt|erklärt|urteilt|schrijft|zegt|stelt|betoogt|merkt|schreef|skriver|skrev|säger|menar|hävdar|siger|mener|sier|hevder|hævder)';
/** “Selon Kessler”, “Laut Kessler”, “según Kessler”. */
const according = '(?:selon|d’après|d\'après|pour|suivant|d’accord avec|laut|nach|gemäß|bei|mit|in den Worten von|folgt man|folgen wir|glaubt man|según|de acuerdo con|para|conforme a|en palabras de|secondo|per|stando a|a detta di|nelle parole di|segundo|de acordo com|conforme|nas palavras de|volgens|naar|in de woorden van|enligt|med|ifølge|efter|ifølgje)';

/** Each alternative with a small letter or a capital one at its beginning. */
const capitalOrNot = (words: string): string => words.replace(/(?<=\(\?:|\|)\p{Ll}/gu, (c) => `[${c}${c.toUpperCase()}]`);

/** Who speaks in what leads in: the last capital word of each find. */
export const speakersAbroad: readonly RegExp[] = [
  new RegExp(`(?<!\\p{L})${capitalOrNot(according)}\\s+${name}`, 'gu'), new RegExp(`${name}\\s+zufolge(?!\\p{L})`, 'gu'),
  // “comme l’écrit Kessler”, “como señala Kessler”; “wie Kessler betont”, “zoals Kessler opmerkt”.
  new RegExp(`(?<!\\p{L})(?:[Cc]omme|[Cc]omo|[Cc]ome|[Cc]onforme)\\s+(?:(?:le|lo|la|bien|ya|già|déjà|também|também|ha|a)\\s+|l[’']a?\\s?)*${saysInRomance}\\s+${name}`, 'gu'), new RegExp(`(?<!\\p{L})(?:[Ww]ie|[Zz]oals|[Ss]om|[Ss]ådan som)\\s+(?:(?:schon|auch|es|bereits|al|ook|redan|også)\\s+)*${name}\\s+(?:et al\\.?\\s+)?\\p{Ll}{3,}`, 'gu'),
  // “Kessler souligne que …”, “Kessler sostiene che …”, “Kessler schreibt, dass …”: a clause that a name begins, a few small words, and what was said behind them.
  new RegExp(`(?:^|[.;:,–—“"(«„]\\s*|(?<!\\p{L})(?:et|und|y|e|en|och|og|mais|aber|doch|pero|ma|mas|maar|men|denn|car|pues)\\s+)${name}(?:\\s+et al\\.?)?(?:\\s+(?!(?:que|che|dass|daß|dat|att)(?!\\p{L}))\\p{Ll}[\\p{L}’']*){1,4},?\\s+(?:que|qu[’']|che|ch[’']|dass|daß|dat|att)(?!\\p{L})`, 'gu'),
  // “Kessler skriver at …”: the word is an English one as well, so the verb has to be there.
  new RegExp(`${name}\\s+(?:et al\\.?\\s+)?${saysInGermanic}\\s+(?:\\p{Ll}+\\s+){0,2}at(?!\\p{L})`, 'gu'),
];
/** “…, écrit Kessler.”, “…, so Kessler.”, “…, según Kessler.” behind the quotation's end. */
export const speakerBehindAbroad = new RegExp(`^[.,!?]?\\s?[”"’»“]{0,2}\\s*[,–—-]?\\s*(?:${saysInRomance}|${saysInGermanic}|so(?=\\s+(?:\\p{Lu}[\\p{L}.’'-]*\\s+){0,2}\\p{Lu}[\\p{L}’'-]+\\s*(?:[.,;:(–—]|$))|aldus|${according})\\s+(?:(?:encore|auch|ook|también|anche)\\s+)?${name}`, 'u');
