/** Marks that writers leave for themselves, in capitals: in small letters they are words of other languages. A number in Roman figures (Chapter XXX) is none, nor a list of that name. */
const marks = /\b(?:TODO|FIXME|TBC|TBD)\b(?!\s+(?:lists?|apps?|items?)\b)|(?<!\p{Lu}[\p{L}.]*\s|\p{L}|(?:chapter|book|canto|part|no\.|vol\.)\s)XXX+(?!\p{L}|\s+(?:chromosome|syndrome))|\b(?:19|20)XX\b|\b(?:Figure|Fig\.|Table|[Pp]age|pp?\.)\s+X{2,}\b|<(?:[Ii]nsert|[Aa]dd|[Ee]nter|[Tt]ype (?:your|the|in)|[Yy]our)\s[^<>]{1,60}>|<(?:Name|Title|Date|Student|Candidate|Course|Module|Author)\s[^<>/=]{1,40}>/gu;

/** What a person fills in within brackets: prompts with anything behind them, and bare names of what belongs there. */
const prompt = String.raw`(?:insert|add|enter|type|your)\b[^\]}]{0,60}|(?:name|title|date|ref(?:erence)?s?|citation|cite|student|candidate|course|module|author(?:['’]s)?|supervisor(?:['’]s)?|document|source|page|year|word count|image|picture|quote)(?:\s+(?:name|title|subtitle|number|no\.?|id|code|date|year|here|needed|missing|to (?:add|check|come)))*\s*\??`;
const phrases = new RegExp([
  String.raw`(?<![\w[])\[(?:${prompt})\](?!, page)`, String.raw`(?<![\\\w\]])\{(?:insert|add|enter|your)\s[^{}|]{1,60}\}`, String.raw`\btodo\s*:`, String.raw`(?:^|[[<{(])\s*(?:insert|add)\s+(?:\w+\s+){0,4}here\b`, String.raw`\b(?:figure|table)\s+\d+\s+(?:about|near)\s+here\b`,
  String.raw`\b(?:your (?:full )?name|title goes|type your (?:text|answer)|(?:text|figure|table|image|picture|graph|diagram|quote|reference|citation) (?:goes|to go|to be (?:added|inserted))) here\b`,
  String.raw`\(\s*(?:author|name|surname)s?,?\s+(?:year|date|(?:19|20)\d\d)\s*\)`, String.raw`(?<![\w\]])\((?:refs?|cite)\s*\??\s*\)`, String.raw`\((?:source|reference|citation)\s*\?+\s*\)`, String.raw`\[\?+\]|\?{3,}`,
  String.raw`(?<=[\p{L},] )_{3,}(?= \p{Ll})`, String.raw`(?<![“"‘'«])\blorem ipsum\b`, String.raw`\bClick (?:or tap )?(?:here )?to enter\b`, String.raw`\bcitation needed\b`,
].join('|'), 'gimu');

/** Places that were left to fill in. Common practice, no published source. */
export const placeholders: readonly RegExp[] = [marks, phrases];

/** What word processors and typesetting programs print where a reference leads nowhere. */
export const brokenReferences: readonly RegExp[] = [/Error!\s+(?:Reference source not found|Bookmark not defined)\.?|Error: Reference source not found|(?:(?:Figure|Fig\.|Table|Section|Chapter|Eq\.|Equation|Appendix)\s+|\[|\()\?\?+[\])]?/gi];
