/** Whole demands as departments say them in another language than English, with what they are in English. `$1`, `$2` stand for what they name, a number in words among it, and `$1*7` for the days of so many weeks. Small words of English would hide what the rest is written in, so there are none. Compiled by hand. */
export type Sayings = readonly (readonly [said: string, english: string])[];

export type Tongue = 'german' | 'french' | 'spanish' | 'italian' | 'portuguese' | 'dutch' | 'swedish' | 'norwegian';

/** A number in figures, and one in figures or words. */
export const number = String.raw`(\d[\d.,\u00a0 ]*\d|\d)`;
export const percent = String.raw`(\d{1,2}) ?(?:%|prozent|pour ?cents?|por ciento|per ?cento|por cento|procent|prosent)`;
/** The end of a name behind “followed by”, and the ending of the example that shows it: “(z. B. 204518_Essay.pdf)”. */
export const tail = String.raw`[“"„«»]?\s?(_[\p{L}\d_-]+)[”"“»]?`;
export const shown = String.raw`(?:,? \(?(?:z\. ?B\.|zum Beispiel|par exemple|p\. ?ex\.|ex\.|exemple|por ejemplo|p\. ?ej\.|ej\.|es\.|ad esempio|por exemplo|bijvoorbeeld|bijv\.|t\. ?ex\.|f\. ?eks\.|for eksempel|till exempel),? ?:? ?\S*?(\.\w{3,4})\b\)?)?`;
/** That what follows is a name with joints. */
export const jointed = String.raw`(?= [“"„«]?\S*_)`;
/** That a day follows, and nothing behind it: where a box closes again, both days make its window. */
export const loneDay = String.raw`(?= \d{1,2}(?:\.|º|°|er)? (?:de )?\p{L}{3,12}(?: (?:de )?20\d\d)?(?:,? (?:a las|às|alle|à|kl\.?|om|um) [\d:.h]+)?\s*(?:[.,;)\n]|$))`;
