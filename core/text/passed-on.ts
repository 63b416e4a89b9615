/** What programs put around and between the words of a text that is copied or passed on. */

/** Letters that nobody sees: soft hyphens, joiners, marks of byte order (Unicode general category Cf). */
export const unseenLetters = /[\u00ad\u200b-\u200d\u2060\ufeff]/g;
/** Marks of strong emphasis around words (CommonMark 0.31, 6.2), in pairs, never those of a file's name. */
export const emphasisMarks = /(?<![\w*])\*\*(?=\S)|(?<=(?<![\w*])\*\*[^\n*]{0,200}\S)\*\*(?![\w*])/g;
/** The mark before each line of a message that is quoted (RFC 3676, 4.5). */
export const quotationMark = /^>[ \t]?/gm;
/** A message that is quoted as a whole is no earlier one. */
export const isQuotedWhole = (text: string): boolean => /^>/m.test(text) && !/^[^>\r\n]/m.test(text);
