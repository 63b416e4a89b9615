/** How people may be reached, as texts write it. All are global; where a pattern has a group, the contact is in it.
 * Sources: RFC 5322, 3.4.1 (addr-spec, the plain form); ITU-T E.164 (international numbers, at most fifteen digits) and E.123 (national notation); ISO 27729 (sixteen digits, the last a check digit by ISO/IEC 7064 MOD 11-2); RFC 3986 (the parts of an address); how streets are written is common practice, no source. */

/** Addresses of mail and international numbers, wherever somebody put them. */
export const plainContact = /(?<![\p{L}\p{N}._%+'-])[\p{L}\p{N}._%+'-]{1,64}@[\p{L}\p{N}-]{1,63}(?:\.[\p{L}\p{N}-]+)+|(?<![\p{N}+])\+\d[\d ().-]{7,18}\d(?!\p{N})/gu;

/** Numbers to ring: what is called so, and what is written with its area in brackets. */
export const ringingNumbers: readonly RegExp[] = [
  /\b(?:tel(?:ephone)?|phone|mobile|cell(?:phone)?|contact|call|ring|text|fax|(?:my|home|work) number is|(?:on|at) number)\.?(?:\s+(?:me|us|is))?(?:\s+(?:on|at|no\.?|number))?\s*[:.]?\s+((?:\(0\d{1,5}\)|0\d)[\d ()./-]{6,14}\d|\(?\d{3}\)?[ .-]\d{3}[ .-]\d{4})(?!\d)/giu,
  /(?<=^|[\s|,;])[TMPFH]:?\s+((?:\(0\d{1,5}\)|0\d)[\d ()./-]{6,14}\d)(?!\d)/gu, /(?<![\d(])(\(0\d{2,5}\)\s?\d{3,4}[ -]?\d{3,4}|\(\d{3}\)\s?\d{3}-\d{4})(?!\d)/gu,
];
/** Addresses written so that no machine reads them, and names by which somebody is found. */
export const spelledOut: readonly RegExp[] = [
  /(?<![\p{L}\p{N}._-])([\p{L}\p{N}._-]{1,64}\s?(?:[[({]at[\])}]|\s@\s)\s?[\p{L}\p{N}-]+(?:\s?(?:\.|[[({]dot[\])}])\s?[\p{L}\p{N}-]+)+)/giu, /(?<![\p{L}\p{N}._-])([\p{L}\p{N}._-]{2,30}\s+at\s+[\p{L}\p{N}-]+(?:\s+dot\s+(?!(?:and|or|the|we|it|then|but)\b)[\p{L}\p{N}-]{2,})+)/giu, /\be-?mail\s*:?\s*([\p{L}\p{N}._-]{2,30}\s+at\s+[\p{L}\p{N}-]+(?:\.[\p{L}\p{N}-]+)+)/giu,
  /\b(?:(?:find|follow|reach|contact) me|handle|user ?name)\b[^.\n@]{0,20}(@[a-z][\w.]{3,30})(?![\w@])/giu,
];
/** Numbers of writers, by their check digit. */
export const writerNumber = /(?<![\d-])\d{4}-\d{4}-\d{4}-\d{3}[\dX](?![\d-])/g;
export const hasWriterCheckDigit = (number: string): boolean => { const digits = number.replace(/-/g, ''); let total = 0; for (const d of digits.slice(0, 15)) total = (total + Number(d)) * 2 % 11; return (12 - total) % 11 === (digits[15] === 'X' ? 10 : Number(digits[15])); };

const way = String.raw`(?:Street|St\.?|Road|Rd\.?|Lane|Avenue|Ave\.?|Close|Drive|Terrace|Gardens|Crescent|Place|Court|Way|Row|Hill|Square|Park|Grove|Walk|Mews)`;
/** A street with a number and the post code of its town, or with a flat. */
export const homeAddress: readonly RegExp[] = [
  new RegExp(String.raw`\b\d{1,4}[A-Za-z]? (?:\p{Lu}[\p{L}'’-]+ ){1,3}${way},?\s[^;]{0,50}?(?:\b[A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2}\b|\b[A-Z]{2} \d{5}(?:-\d{4})?\b)`, 'gu'), new RegExp(String.raw`\b(?:Flat|Apt\.?|Apartment|Unit) \d{1,4}[A-Za-z]?, \d{1,4}[A-Za-z]? (?:\p{Lu}[\p{L}'’-]+ ){1,3}${way}(?![\p{L}])`, 'gu'),
  /\b\p{Lu}\p{L}*(?:straße|strasse|str\.|weg|gasse|allee|platz|straat|laan) \d{1,4}[a-z]?,?\s+(?:[A-Z]{1,2}-)?\d{4,5}(?: [A-Z]{2})?\s+\p{Lu}\p{L}+/gu, /\b\d{1,4}(?: bis| ter)?,? (?:rue|avenue|boulevard|place|chemin|allée|impasse|quai) [^\n,;]{3,40},\s+\d{5}\s+\p{Lu}\p{L}+/gu,
];
/** Addresses on the web that belong to a person: a page of one's own, a person's folder, a file shared by an opaque key. */
export const personalPage = /(?:https?:\/\/[^\s<>"“”/]+|(?<![\p{L}\p{N}@./:-])[\p{L}\p{N}-]{1,63}(?:\.[\p{L}\p{N}-]+)+)\/(?:[^\s<>"“”]*\/)?(?:~[\w.-]+|(?:users?|people|personal|profiles?|members?)\/[\w.%@-]+|(?:shared?|sharing|folders?|files?|drive|document|d|s)\/(?=[\w-]*\d)(?=[\w-]*[A-Za-z])[\w-]{20,})[^\s<>"“”]*/gu;
