/** Turns of phrase that point to the writer or to somebody near, one kind a table. Common practice, no published source; compiled by hand. All are global, so that every place is told.
 * Somebody else's words in quotation marks are not the writer's: a mark before the phrase takes it out. */
const own = String.raw`(?<![“„«][^”“»\n]{0,60}|["‘'])`;
const all = (flags: string, ...wordings: string[]): RegExp => new RegExp(wordings.map((w) => `${own}${w}`).join('|'), flags);

const work = String.raw`(?:work|paper|essay|report|study|studies|research|thesis|dissertation|project|article|assignment|coursework|piece|presentation|fieldwork|publication|chapter)s?`;
const kin = String.raw`(?:mother|father|parents?|mum|mom|dad|family|grand\w+|wife|husband|partner|sisters?|brothers?|children|sons?|daughters?|friends?)`;

/** Thanks and dedications. */
export const thanks: readonly RegExp[] = [
  all('giu',
    String.raw`\b(?:I|we)\s+(?:(?:would\s+(?:also\s+)?like\s+to|wish\s+to|want\s+to|must)\s+(?:\w+ly\s+)?(?:thank|acknowledge|express)|(?:am|are|remain)\s+(?:(?:very|deeply|also|most|particularly|especially)\s+)?(?:grateful|indebted|thankful)|(?:also\s+)?thank)\b(?!\s+God\b)`,
    String.raw`\b(?:I|we)\s+(?:owe|acknowledge)\b[^.;\n]{0,40}\b(?:thanks|gratitude|debt|help|support|assistance|guidance|advice|contributions?)\b`,
    String.raw`\b(?:gratefully|gladly|thankfully)\s+acknowledged?s?\b`, String.raw`\bexpress\s+(?:my|our)\s+(?:\w+\s+)?(?:gratitude|thanks|appreciation)\b`,
    String.raw`\bthe\s+(?:present\s+)?(?:author|writer|researcher)s?\s+(?:thanks?|(?:would\s+like|wish(?:es)?)\s+to\s+thank|(?:is|are)\s+(?:very\s+)?(?:grateful|indebted))\b`,
    String.raw`\b(?:(?:my|our)\s+(?:\w+\s+)?thanks|(?:special|sincere|warm|heartfelt|particular|many)\s+thanks)\s+(?:also\s+)?(?:go(?:es)?|(?:are|is)\s+(?:also\s+)?due|to)\b`,
    String.raw`\bthanks\s+(?:are\s+due\s+)?to\s+(?:my|our)\b`,
    String.raw`\b(?:this|the|my)\s+${work}\s+(?:would|could)\s+(?:not|never)\s+have\s+been\s+(?:possible|written|completed|finished)\s+without\b`,
    String.raw`\bich\s+(?:danke|bedanke\s+mich)\b`, String.raw`\bje\s+(?:tiens\s+à\s+)?remercier?\b`, String.raw`\b(?:quisiera\s+agradecer|agradezco\s+a)\b`),
  new RegExp(String.raw`(?:^|\n)\s*(?:(?:dedicated\s+)?(?:for|to)|in\s+(?:loving\s+)?memory\s+of)\s+(?:my|our)\s+(?:\w+\s+){0,2}${kin}\b`, 'giu'),
];

/** Work of the writer's own, and places of their own on the web. */
export const ownWork: readonly RegExp[] = [all('giu',
  String.raw`\b(?:my|our|the\s+(?:present\s+)?author['’]?s?)\s+(?:own\s+)?(?:earlier|previous|prior|recent|last|other|forthcoming|published|first-year|second-year|third-year|final-year|bachelor|master|undergraduate)['’]?s?\s+${work}\b`,
  String.raw`\b(?:as|which)\s+I\s+(?:have\s+)?(?:argued|shown|wrote|written|published|reported)\s+(?:earlier|elsewhere|previously|in)\b(?!\s+(?:the|this|my|an?)\s+(?:\w+\s+)?(?:sections?|chapters?|introduction|paragraphs?|part|previous)\b)`,
  String.raw`\bI\s+have\s+(?:previously|elsewhere)\s+(?:written|published|researched|studied|worked)\b`, String.raw`\bI\s+(?:published|blogged|wrote)\s+(?:about\s+)?(?:this|it|an?|my)\b[^.\n]{0,30}\b(?:in|for|on)\b`,
  String.raw`\bmy\s+(?:own\s+)?(?:blog|vlog|podcast|website|web\s+page|home\s?page|portfolio|channel|(?:[\p{L}]+\s+)?(?:channel|account|profile)|publications?)\b`)];

const person = String.raw`(?:tutor|supervisor|lecturer|advis[eo]r|mentor|manager|boss|teacher|professor|instructor|(?:seminar|module|course|team|group)\s+leader|colleagues?|co-?workers?|class-?mates?|flat-?mates?|room-?mates?|house-?mates?|team-?mates?|fellow\s+students?|group\s+members?)`;
const near = String.raw`(?:placement|employer|internship|practicum|traineeship|apprenticeship|workplace|work\s+placement|company|school|college|university|department|faculty|ward|hospital|home\s?town)`;
const of = String.raw`(?:(?:own|former|then|current|old|personal|academic|clinical|placement|dissertation|course|module|seminar|thesis|research|project|practice|host|primary|secondary|high|home)\s+)*`;

/** People, places and groups near the writer: a tutor, a placement, a group. */
export const nearby: readonly RegExp[] = [
  all('giu', String.raw`\bmy\s+${of}(?:${person}|${near})\b`, String.raw`\bour\s+(?:(?:project|study|seminar|tutorial|student|research|work|lab)\s+)?(?:group|team|seminar)\b(?!\s+of\b)(?:['’]s)?`, String.raw`\bour\s+${of}(?:tutor|supervisor|lecturer|seminar\s+leader)\b`,
    String.raw`\b(?:during|on|in|at|throughout)\s+(?:my|our)\s+(?:[\p{L}-]+\s+)?(?:placement|internship|practicum|traineeship|year\s+abroad|exchange\s+year|school\s+experience)\b`,
    String.raw`\b(?:mein(?:e[nrms]?)?\s+(?:Betreuer(?:in)?|Dozent(?:in)?|Praktikum(?:sbetrieb)?|Tutor(?:in)?)|(?:mon|ma)\s+(?:directeur|directrice|tuteur|tutrice|stage)|mi\s+(?:tutora?|directora?\s+de))\b`),
  // Here a capital tells a name from a common noun.
  all('gu', String.raw`\bI\s+(?:interned|volunteered|trained|taught|nursed|worked|(?:am|was)\s+employed)\s+(?:at|for|with)\s+(?:the\s+)?\p{Lu}\p{L}+`, String.raw`\bI\s+(?:live|lived|grew\s+up|was\s+born|come|am)\s+(?:in|from)\s+\p{Lu}\p{L}+`,
    String.raw`\b[Aa]s\s+an?\s+(?:student\s+|trainee\s+|newly\s+qualified\s+)?(?:nurse|teacher|trainee|volunteer|intern|employee|member\s+of\s+staff)\s+(?:at|in|on|for)\s+(?:the\s+)?\p{Lu}[^.;\n]{0,60}\bI\b`),
  // Who teaches the group says which group it is.
  /(?:^|\n)[ \t]*(?:(?:[Ss]eminar|[Pp]ersonal|[Aa]cademic|[Cc]lass) )?(?:[Tt]utor|TUTOR|[Ss]upervisor|SUPERVISOR|[Ll]ecturer|[Ii]nstructor|[Mm]entor|[Ss]eminar leader|[Ss]eminar group|[Tt]utorial group)(?:['’]s name)?[ \t]*:[ \t]*\p{L}[^\n]{0,40}/gu,
];
