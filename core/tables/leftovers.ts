/** Places that were left to fill in. Common practice, no published source. */
export const placeholders = /\b(?:TODO|FIXME|TBC|TBD)\b|\bXXX+\b|\b(?:19|20)XX\b|[[<{](?:insert|add|enter|type|your|name|title|date|ref(?:erence)?s?|citation|cite)\b[^\]>}]{0,60}[\]>}]|(?:^|[[<{(])\s*(?:insert|add)\s+(?:\w+\s+){0,4}here\b|\blorem ipsum\b|\bClick (?:or tap )?here to enter\b|\[\?\]|\bcitation needed\b/gim;

/** What word processors and typesetting programs print where a reference leads nowhere. */
export const brokenReferences = /Error!\s+(?:Reference source not found|Bookmark not defined)\.?|Error: Reference source not found|(?:(?:Figure|Fig\.|Table|Section|Chapter|Eq\.|Equation|Appendix)\s+|\[|\()\?\?+[\])]?/gi;
