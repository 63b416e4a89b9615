import { namesExamples } from './choices.ts';
import { clausesWith, isCorrection, matchesIn, numberOf, numberWords, type Clause, type Statement } from './statements.ts';
import { eachIn, firstIn, says } from '../text/patterns.ts';

export interface LayoutRead { pageSize: Statement<string>[]; marginMm: Statement<number>[]; fontSizePt: Statement<number>[]; lineSpacing: Statement<number>[]; fonts: Statement<string>[]; pageNumbers: Statement<boolean>[]; /** measures of which the wording names the least */ atLeast: Set<'fontSizePt' | 'marginMm' | 'lineSpacing'>; /** every face that is named is an example */ fontsAreExamples: boolean }

/** Typefaces that departments ask for by name. Compiled by hand. */
const typefaces = ['Times New Roman', 'Times', 'Arial', 'Calibri', 'Cambria', 'Helvetica', 'Garamond', 'Georgia', 'Verdana', 'Courier New', 'Courier', 'Palatino', 'Book Antiqua', 'Century Gothic', 'Tahoma', 'Trebuchet MS', 'Liberation Serif', 'Liberation Sans', 'Computer Modern', 'Century Schoolbook', 'Bookman Old Style', 'Open Sans', 'Noto Serif', 'Noto Sans', 'Lato', 'Roboto', 'Aptos', 'Source Serif', 'Source Sans', 'EB Garamond', 'Comic Sans', 'Minion Pro', 'Gill Sans'];
const spacingWords: Record<string, number> = { single: 1, double: 2, 'one and a half': 1.5, 'one-and-a-half': 1.5, 'line and a half': 1.5, '150%': 1.5, '150 %': 1.5, '200%': 2, '200 %': 2 };

/** The longest first, so that “Times New Roman” is not read as “Times”. */
const anyTypeface = new RegExp(`\\b(?:${[...typefaces].sort((a, b) => b.length - a.length).join('|')})\\b`, 'g');
/** By their names in capitals, for wordings that shout. */
const inCapitals = new Map([...[...typefaces].map((face): [string, string] => [face.toUpperCase(), face]), ['TNR', 'Times New Roman']]), anyShouted = new RegExp(`\\b(?:${[...inCapitals.keys()].sort((a, b) => b.length - a.length).join('|')})\\b`, 'g');
const layoutSigns = new RegExp(`\\b(?:Rand|A[0-5]|US Letter|Letter|Legal|margins?|borders?|sides?|font|pts?|points?|size|spac\\w*|spaced|pages?|paginat\\w*|numbered|lines?|TNR|(?:single|double)[ -]?spac\\w*|all (?:a)?round)\\b|\\d(?:pt|-point)|8[.,]5|${anyTypeface.source}`, 'i');

/** “At least 11 pt”, “not smaller than 11 pt”, “11 pt or larger”: whether the measure between these two places is a least one. */
const atLeast = (text: string, from: number, to: number): boolean => says(text.slice(0, from), /\b(?:at least|min(?:imum|\.)?(?: of)?|(?:no|not|never|nothing)(?: be)? (?:smaller|less|narrower|below)(?: than)?|must not be below|not be under|smallest)\s*(?:permitted |allowed )?(?:(?:font|type|text|point)[- ]?)?(?:size\s*)?(?:of|is|[:=]|will be|to be)?\s*$/i) || says(text.slice(to), /^\s*(?:(?:font|type|text|face|typeface|size)\s*)?(?:or|and) (?:larger|bigger|more|above|greater|wider|over)\b|^\s*(?:font|type|size)?\s*\(?min(?:imum)?\b|^\+(?!\s?\d)/i);

/** “(10-point for footnotes)”: what is smaller than the text, and says nothing of it. */
const ofLesser = /^[\s-]?(?:pt|points?)?\s+(?:for|in|within)\s+(?:the |any |all |your )?(?:foot|end)?(?:notes?|captions?|tables?|headings?|titles?|subheadings?|block quotes?|block quotations?|quotations?|bibliography|references?(?: list)?)\b/i;

/** What the paper has to look like. Lengths in millimetres (1 inch = 25.4 mm, exactly). */
export function readLayout(clauses: Clause[]): LayoutRead {
  const out: LayoutRead = { pageSize: [], marginMm: [], fontSizePt: [], lineSpacing: [], fonts: [], pageNumbers: [], atLeast: new Set(), fontsAreExamples: true };
  for (const clause of clausesWith(clauses, layoutSigns)) {
    // “The handout is double-spaced.”
    if (says(clause.text, /^\W*(?:the|this|our|my|all) (?:[a-z]+ )?(?:handouts?|slides?|readers?|handbook|textbook|syllabus|sample (?:essay|paper)s?|transcripts?|readings?) (?:is|are|was|were|uses?|has|have)\b(?! to\b)/i)) continue;
    const override = isCorrection(clause);
    const put = <T>(list: Statement<T>[], value: T, m: { at: number; to: number }): void => { list.push({ value, start: m.at, end: m.to, override }); };
    for (const m of matchesIn(clause, /(?<![“"])\b(A[345])\b(?![”"]|\s?(?:road|level)|:? (?!(?:Page|Portrait|Landscape|Format|Paper|Sheet|Size|Single|Double)\b)[A-Z][a-z]+)|\b(US |American )?(Letter|Legal)(?:[- ](?:size|paper|format|sheet))\b|\bUS [Ll]etter\b|(?<=\()Letter(?=[,;)])|(?<=\b(?:[Pp]age|[Pp]aper)(?: size| format)?\s?[:=–-]\s?)(?:Letter|letter)\b|\bletter(?=[- ](?:size|format)\b)|\b8[.,]5\s?(?:in(?:ch(?:es)?)?|["″])?\s?(?:x|×|by)\s?11\b/g)) if (!/^A[345]$/.test(m[0]) || says(clause.text, /\b(?:page|paper|sheet|size|format|side|margin|portrait|landscape|pages|pdf|typed|print|spacing|lines|font)\w*\b|\d ?-?(?:pt|point)\b/i) || says(clause.text, /^\W*(?:(?:please )?use|in|on)?\s*A[345]\W*$/i)) if (!/\b(?:poster|photograph)\b/i.test(clause.text)) put(out.pageSize, m[1] ?? m[3] ?? 'Letter', m);
    // Sheets of drawings and posters; where text has a page of its own, that is the page.
    for (const m of matchesIn(clause, /\bA[0-2](?=,? \(?(?:portrait|landscape|upright|paper|sheets?|boards?|format|size|pages?|posters?)\b)|(?<=\b(?:size|format|paper|page|sheets?),?(?: size)?[:,]? )A[0-2]\b(?!\s?[:–.-] ?[A-Z])/g)) put(out.pageSize, m[0], m);
    if (/^\W*a4\W*$/.test(clause.text)) put(out.pageSize, 'A4', { at: clause.start + clause.text.indexOf('a4'), to: clause.start + clause.text.indexOf('a4') + 2 });
    // “A4, 2.5 cm on all sides”; “borders 2,5 cm”.
    for (const m of matchesIn(clause, /\b(\d+(?:[.,]\d+)?)\s?(cm|mm|in(?:ch(?:es)?)?) on (?:all|every|each|the four) (?:four )?sides?\b|\bborders?\s*(?:of|:|=)?\s*(\d+(?:[.,]\d+)?)\s?(cm|mm)\b/gi)) if (!/\bmargins?\b/i.test(clause.text)) { const unit = (m[2] ?? m[4])!.toLowerCase(); put(out.marginMm, Math.round(numberOf((m[1] ?? m[3])!) * (unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4) * 100) / 100, m); }
    // “Leave 20 mm all round.”
    for (const m of matchesIn(clause, /(?:\b(?:leave|with|have|keep)\s+|(?:^\W*|[,;]\s*))(?:a (?:border|frame) of )?(at least |not less than |a minimum of )?(\d+(?:[.,]\d+)?)\s?(cm|mm|in(?:ch(?:es)?)?)(?: (?:free|blank|clear|of white))? all (?:a)?round\b/gi)) { if (m[1]) out.atLeast.add('marginMm'); put(out.marginMm, Math.round(numberOf(m[2]!) * (/^mm/i.test(m[3]!) ? 1 : /^cm/i.test(m[3]!) ? 10 : 25.4) * 100) / 100, m); }
    // “2.5 cm of white space on each side.” “An inch of white on every side.”
    for (const m of matchesIn(clause, /\b(\d+(?:[.,]\d+)?|an?|one|two|three)[\s-]?(cm|mm|in(?:ch(?:es)?)?|centimet(?:re|er)s?) of (?:white|empty|blank|free|clear)(?:[ -]?space| paper| border)? (?:(?:on|at|along|to|around) (?:all|every|each|the) (?:four )?(?:sides?|edges?|text)|all (?:a)?round)\b/gi)) put(out.marginMm, Math.round((numberWords[m[1]!.toLowerCase()] ?? numberOf(m[1]!)) * (/^mm/i.test(m[2]!) ? 1 : /^c/i.test(m[2]!) ? 10 : 25.4) * 100) / 100, m);
    for (const m of matchesIn(clause, /\ban inch and a half\b/gi)) if (/\bmargins?\b/i.test(clause.text)) put(out.marginMm, 38.1, m);
    for (const m of matchesIn(clause, /\b(?:margins?|Rand)\b[^.;"“]{0,40}?(\d+(?:[.,]\d+)?)\s?(cm|mm|in(?:ch(?:es)?)?\b|"|″)|(\d+(?:[.,]\d+)?)[\s-]?(cm|mm|in\.|in(?:ch(?:es)?)?|"|″)\s?(?:wide )?(?:left |right |top |bottom |side )?margins?\b|\bmargins?\b[^.;]{0,20}\b(one|an?|half an?)[\s-](inch)\b(?! and a half)|\bmargins?\b[^.;]{0,20}\b(one|two|three)[\s-](centimet(?:re|er)s?)\b(?! (?:and a half|left|right|at the))|\b(one)[\s-](inch)\s+margins?\b/gi)) {
      // “3 cm left and 2 cm right” is no one margin.
      if (new Set([...eachIn(clause.text.slice(m.at - clause.start, m.to - clause.start + 60), /(\d+(?:[.,]\d+)?)\s?(?:cm|mm|in(?:ch(?:es)?)?\b)[^.;\d]{0,20}\b(?:left|right|top|bottom|sides?|inner|outer|binding|elsewhere|on (?:all|the) other)\b|\b(?:left|right|top|bottom|sides?|inner|outer|binding|others?)\b[^.;\d]{0,14}(\d+(?:[.,]\d+)?)\s?(?:cm|mm|in(?:ch(?:es)?)?\b)/gi)].map((x) => x[1] ?? x[2])).size > 1) continue;
      if (says(clause.text.slice(m.to - clause.start), /^\s*\((?:left|right|inner|outer|binding|gutter)[^)]*\)\s*(?:and|,|;)\s*\d/i)) continue;
      // “Left margin 40 mm; other margins 20 mm”: neither is the margin.
      if (says(clause.text.slice(0, m.at - clause.start), /\b(?:left|right|top|bottom|side|inner|outer|inside|outside|binding|gutter|other|remaining)(?:[- ]hand)?(?: side)?\s+$/i) && /^margins?\b/i.test(m[0])) continue;
      // “Rand 3 cm rechts”, “margin 3 cm on the right”.
      if (says(clause.text.slice(m.to - clause.start), /^\s*(?:on the |at the )?(?:left|right|top|bottom|links|rechts|oben|unten)\b(?!,? (?:and|und|,) )/i) && /^(?:margins?|Rand)\b/i.test(m[0])) continue;
      // “3 cm left margin and 2 cm right margin”.
      // “2 to 2.5 cm” is a choice.
      if (says(m[0], /\d(?:\s?(?:cm|mm))?\s?(?:to|or|[-–]|and)\s?[\d.,]+\s?(?:cm|mm)(?:\s+margins?)?$/i) || says(clause.text.slice(0, m.at - clause.start), /\d(?:\s?(?:cm|mm))?\s?(?:to|or|[-–])\s?$/i)) continue;
      if (says(clause.text, /\b(?:profit|error|safety|gross|net|operating|winning) margin/i)) continue;
      if (says(m[0], /\b(?:left|right|top|bottom|inner|outer|binding) margins?$/i) && says(`${clause.text.slice(0, m.at - clause.start)} ${clause.text.slice(m.to - clause.start)}`, /\b(?:left|right|top|bottom|inner|outer|binding) margins?\b/i)) continue;
      // “Right margin 4 cm”, “margin on the right 4 cm”, “Rand rechts 4 cm”: of one side alone.
      if (says(m[0], /^(?:margins?|Rand)\s+(?:on the |at the )?(?:left|right|top|bottom|inner|outer|links|rechts|oben|unten)\b[^.;,]{0,12}\d/i)) continue;
      const amount = m[7] ? { one: 1, two: 2, three: 3 }[m[7].toLowerCase()]! : m[5] ?? m[9] ? (/half/i.test(m[5] ?? '') ? 0.5 : 1) : numberOf((m[1] ?? m[3])!), unit = m[8] ? 'cm' : (m[2] ?? m[4] ?? 'in').toLowerCase();
      if (atLeast(clause.text, clause.text.indexOf((m[1] ?? m[3] ?? m[5] ?? m[7] ?? m[9])!, m.at - clause.start), m.to - clause.start)) out.atLeast.add('marginMm');
      put(out.marginMm, Math.round(amount * (unit === 'mm' ? 1 : unit === 'cm' ? 10 : 25.4) * 100) / 100, m);
    }
    for (const m of matchesIn(clause, /\b(\d{1,2}(?:[.,]5)?)[\s-]?(?:pt|points?|pts)\b(?!\s+(?:spacing|scale|plan))|\b(?:font )?size\s*(?:[:=]\s*|of\s+|is\s+|to\s+)?(?:(?:no|not) smaller than\s+|at least\s+)?(\d{1,2}(?:[.,]5)?)\b(?!\s?(?:MB|KB|GB|[KMG]o\b|MiB|mega|kilo|%|cm|mm))|\b(\d{1,2})(?= p (?:Garamond|Times|Arial|Calibri|Cambria|Georgia|Helvetica|Verdana)\b)|(?<=\bfont\b[^.;]{0,40}\b(?:min(?:imum|\.)?|at least)\s+)(\d{1,2})\b(?!\s?(?:pt|point|[a-z]*b\b|words|pages|%|cm|mm|[.,]\d))/gi)) {
      const value = numberOf((m[1] ?? m[2] ?? m[3] ?? m[4])!);
      const near = clause.text.slice(Math.max(0, m.at - clause.start - 50), m.to - clause.start + 40);
      // “Line spacing of exactly 24 points” is no size; “between 11 and 12 points” leaves it open.
      if (says(clause.text.slice(0, m.at - clause.start), /\bspacing (?:of |is |set to |at |to )?(?:exactly |at least )?$/i) || /\bbetween \d{1,2} and $/i.test(clause.text.slice(0, m.at - clause.start))) continue;
      if (/size/i.test(m[0]) && says(clause.text.slice(m.to - clause.start), /^(?:\s?\([A-Z][^()]{3,24}\))?\s?(?:or|to|[-–]|\/)\s?\d{1,2}\b(?!\s?(?:MB|KB|%|cm|mm|words|pages))/i)) continue;
      // “11 or 12 pt” and “10-12 pt” leave it open.
      if (says(clause.text.slice(0, m.at - clause.start), /\b\d{1,2}(?:[.,]5)?-?\s?(?:pt|points?)?\s?(?:or|to|[-–]|\/)\s?$/i) || says(clause.text.slice(m.to - clause.start), /^\s?(?:pt|points?)?\s?(?:or|to|[-–]|\/)\s?\d{1,2}(?:[.,]5)?\s?(?:pt|points?)\b/i)) continue;
      if (says(clause.text.slice(m.to - clause.start), ofLesser)) continue;
      if (value < 6 || value > 30 || (!says(near, /\bfont|type|text|size|times|arial|calibri|pt\b|\bpoint,|body|written|set in|spac/i)) || says(near, /\b(?:deduct|penalt|mark|worth|grade)\w*/i) || says(clause.text.slice(0, m.at - clause.start), /\b(?:heading|title|caption|footnote|table|note|quotation)s?\b[^.;,]{0,20}$/i) ) continue;
      if (atLeast(clause.text, m.at - clause.start, m.to - clause.start) || /\b(?:smaller than|at least)\s/i.test(m[0])) out.atLeast.add('fontSizePt');
      put(out.fontSizePt, value, m);
    }
    for (const m of matchesIn(clause, /\b(single|double|(?:one|line)[- ]and[- ]a[- ]half|(?:150|200) ?%|1[.,]0|1[.,]15|1[.,]25|1[.,]5|2[.,]0|1|2)[\s-]?(?:line[\s-]?)?(?:spac(?:ed|ing)|line spac\w+|(?<=\b(?:single|double|1[.,]5)[ -]?)space(?=\s*(?:[,.;:)]|$|so (?:that|I)\b|(?:it|them|everything|your \w+|the (?:text|essay|paper|report|work))\b)|\s(?:between (?:the )?lines|throughout|everything|the (?:text|essay|paper|whole)|your|please|and \d|with)\b))\b|\b(?:line[\s-]?spac(?:ing|e)|interligne|interline|line height|Zeilenabstand)\b\s*(?:of|is|:|must be|should be|at(?! least)|=|set to|to)?\s*(?:to |be |at least |min(?:imum|\.)?(?: of)? )?(single|double|one[- ]and[- ]a[- ]half|(?:150|200) ?%(?!\d)|\d(?:[.,]\d+)?(?!\d))(?:\b|(?<=%))|\b(\d[.,]\d)\s+lines?\b(?=[^.;]{0,20}spac)|(?<=\b(?:pt|points?),\s)(1[.,]5)\s+lines?\b|\blines (1[.,]5) apart\b|(?<=(?:^|[;,(])\s*)lines (1[.,](?:15|25|5))(?=\s*(?:[;,)]|$))|(?<=\d(?: ?pt)?,\s)(1[.,](?:15|25|5)) lines(?=\s*(?:[;,.)]|$))|\bdouble-space(?=\s+(?:everything|the|your|all|it)\b)|(?<![\w-])spac(?:ing|ed)\s*(?:of|at|:|=)?\s*(?:at least |min(?:imum|\.)?(?: of)? )?(\d[.,]\d+|double|single|one[- ]and[- ]a[- ]half)\b/gi)) {
      if (says(clause.text.slice(m.to - clause.start), /^\s?(?:or|to|[-–]|\/)\s?(?:\d(?:[.,]\d+)?|single|double|one[- ]and[- ]a[- ]half)\b(?!\s?(?:["”″]|inch|in\b|cm|mm|pt))/i) || says(clause.text.slice(0, m.at - clause.start), /\b(?:\d(?:[.,]\d+)?|single|double|one[- ]and[- ]a[- ]half)(?:[- ]spac(?:ed|ing))?\s?(?:or|to|[-–]|\/)\s?$/i)) continue;
      const word = (m[1] ?? m[2] ?? m[3] ?? m[4] ?? m[5] ?? m[6] ?? m[7] ?? m[8] ?? 'double').toLowerCase().replace(/-/g, ' ');
      if (says(clause.text.slice(0, m.at - clause.start), /\b(?:quotation|footnote|bibliograph|reference|table|caption)s?\b(?! and (?:\d|$))(?:[^.;,]{0,25}| (?:at|in|of) the [^.;,]{0,40})$/i) || says(clause.text.slice(m.to - clause.start), /^[^.;,(]{0,15}\b(?:quotation|footnote|reference list|bibliograph)/i)) continue;
      // “…; footnotes 10 point, single spaced”.
      if (says(clause.text.slice(0, m.at - clause.start), /(?:^|[;(]|, )\W*(?:and )?(?:quotation|footnote|endnote|bibliograph|reference list|table|caption|note)s?\b[^.;]{0,14}\d{1,2}[- ]?(?:pt|points?),? (?:and )?$/i)) continue;
      if (atLeast(clause.text, m.at - clause.start, m.to - clause.start) || says(m[0], /\b(?:at least|min(?:imum|\.)?)(?: of)? [\d.,a-z -]+$/i)) out.atLeast.add('lineSpacing');
      put(out.lineSpacing, spacingWords[word] ?? numberOf(word), m);
    }
    // “One and a half lines, please.”
    for (const m of matchesIn(clause, /^\W*(one and a half|double|two) lines(?:,? please)?(?=\W*$)|\b(?:leave|with|use) (one and a half|two) lines (?:of space )?between (?:the )?lines\b/gi)) if (out.lineSpacing.length === 0) put(out.lineSpacing, { two: 2, double: 2 }[(m[1] ?? m[2])!.toLowerCase()] ?? 1.5, m);
    // “Times 12, double”: behind a typeface and its size.
    for (const m of matchesIn(clause, /(?<=\b(?:[A-Z][a-z]+|TNR|[Ff]ont|[Ss]ize)[ ,]{1,2}\d{1,2}(?: ?pt\.?| ?points?)?, ?)(single|double|one[- ]and[- ]a[- ]half)(?=\s*(?:[,.;)]|$))/g)) if (out.lineSpacing.length === 0) put(out.lineSpacing, spacingWords[m[1]!.replace(/-/g, ' ')]!, m);
    for (const m of [...matchesIn(clause, anyTypeface), ...matchesIn(clause, anyShouted)]) {
      const face = inCapitals.get(m[0]) ?? m[0], size = firstIn(clause.text.slice(m.to - clause.start), /^(?: or similar)?[\s,]*\(?(?:size\s+)?(\d{1,2}(?:[.,]5)?)\b(?!\s?(?:pt|points?|pts|words|pages|%|mm|cm|[kmg]b)|[.:/]\d|\s?(?:[-–]|or|to)\s?\d)/i);
      // “Arial 11/1.5”: the size and the spacing.
      const pair = firstIn(clause.text.slice(m.to - clause.start), /^[\s,]*\(?(\d{1,2}(?:[.,]5)?)(?:\s?(?:pt|points?))?\s?\/\s?(1[.,](?:0|15|25|2|5)|2[.,]0)\b(?!\s?(?:cm|mm|in\b|["”″]))/i);
      if (pair) { put(out.fontSizePt, numberOf(pair[1]!), { at: m.at, to: m.to + pair[0].length }); put(out.lineSpacing, numberOf(pair[2]!), { at: m.at, to: m.to + pair[0].length }); }
      // “Times New Roman 12”: the number after a typeface is its size.
      if (size && numberOf(size[1]!) >= 8 && numberOf(size[1]!) <= 16 && !says(clause.text.slice(m.to - clause.start + size[0].length), ofLesser) && !says(clause.text.slice(0, m.at - clause.start), /\b(?:heading|title|caption|footnote|table)s?\b[^.;,]{0,20}$/i)) { put(out.fontSizePt, numberOf(size[1]!), { at: m.at, to: m.to + size[0].length }); if (atLeast(clause.text, m.at - clause.start, m.to - clause.start + size[0].length)) out.atLeast.add('fontSizePt'); }
      if (says(clause.text.slice(0, m.at - clause.start), /\b(?:not|no|never|avoid|don['’]t)\b(?! (?:change|alter|modify|touch) )[^.;,]{0,20}$/i) || (/^(?:Times|Georgia|Courier|Palatino)$/.test(face) && !size && !says(clause.text, /\b(?:font|typeface|type|\d{0,2}pt|point|size|or|text)\b/i))) continue;
      if (!namesExamples(clause.text.slice(0, m.at - clause.start), clause.text.slice(m.to - clause.start))) out.fontsAreExamples = false;
      if (!out.fonts.some((f) => f.value === face || (f.start <= m.at && f.end >= m.to))) put(out.fonts, face, m);
    }
    for (const m of matchesIn(clause, /^\W*pages? unnumbered\b|\bunnumbered pages\b|\bpages? (?:must|should|shall|are|is|need|do) ?(?:not|n['’]t) (?:to )?(?:be )?numbered\b/gi)) put(out.pageNumbers, false, m);
    // “Cite page numbers for quotations”: those of the sources.
    const ofSources = (m: { at: number; to: number }): boolean => says(clause.text.slice(0, m.at - clause.start), /\b(?:cite|quote|references?|citations?|quotations?|sources?|footnotes?)\b[^.;,]{0,24}$/i) || says(clause.text.slice(m.to - clause.start), /^[^.;,]{0,12}\b(?:in|for|with|of) (?:your |the |all |every |each |direct )*(?:references?|citations?|quotations?|quotes?|sources?|footnotes?|bibliography)\b/i);
    for (const m of matchesIn(clause, /\bpage numbers?\b|\bpage numbering (?:starts|begins)\b|\bnumber (?:the|your|all|each|every)?\s*pages?\b|\bpages? (?:must|should|shall|are to|need to|has to|have to|are)?\s*(?:all )?(?:be )?numbered\b|\bpaginat(?:ed|ion)\b|\b(?:thesis|paper|essay|report|text|document) is (?:to be )?numbered (?:consecutively|throughout)\b|\bpages? (?:are |is )?to be numbered\b|\bpaginate (?:your|the|it)\b|\bnumbered pages\b|\b(?:every|each) page (?:needs|must have|should have|has to have|gets|carries|requires) (?:a|its(?: own)?) (?:page )?number\b/gi)) if (!ofSources(m)) put(out.pageNumbers, /\bwithout (?:any )?$/i.test(clause.text.slice(0, m.at - clause.start)) && says(clause.text.slice(m.to - clause.start), /^[^.;]{0,30}\b(?:returned|rejected|refused|sent back|not (?:be )?(?:accepted|marked|read)|lose|penali)/i) || !says(clause.text.slice(0, m.at - clause.start), /\b(?:no|not|without|don['’]t|never)\b(?! forget\b| omit\b)[^.;,]{0,25}$/i) && !says(clause.text.slice(m.to - clause.start), /^\s*[:=–-]\s*(?:no|none)\b|^[^.;,]{0,20}\bnot (?:needed|required|necessary)\b/i), m);
  }
  if (out.pageSize.some((s) => !/^A[0-2]$/.test(s.value))) out.pageSize = out.pageSize.filter((s) => !/^A[0-2]$/.test(s.value));
  return out;
}

/** Published reference styles by name. */
const styles = ['APA', 'MLA', 'Chicago', 'Harvard', 'Vancouver', 'IEEE', 'OSCOLA', 'MHRA', 'AMA', 'ACS', 'CSE', 'Turabian', 'ASA', 'AGLC', 'Bluebook', 'ISO 690', 'Oxford', 'BibTeX', 'AAA'];
/** By the names of those who publish them. */
const spelt: readonly (readonly [RegExp, string])[] = [[/\bAmerican Psychological Association\b/g, 'APA'], [/\bModern Language Association\b/g, 'MLA'], [/\bModern Humanities Research Association\b/g, 'MHRA'], [/\bAmerican Sociological Association\b/g, 'ASA']];
const anyStyle = new RegExp(`\\b(?:${styles.join('|')})(?:\\b|(?=\\d{1,2}\\b))|(?<=^\\W*)(?:apa|mla|chicago|harvard)(?= (?:author-date|notes|style|\\d)|\\W*$)`, 'g');
const eitherStyle = new RegExp(`(?:${anyStyle.source})(?:[- ]?(?:style|format|\\d\\S*))? (?:or|/) (?:the )?(?:${anyStyle.source})`, 'i');
export function readReferenceStyle(clauses: Clause[]): Statement<string>[] {
  const found: Statement<string>[] = [];
  for (const clause of clauses) for (const [named, style] of spelt) for (const m of matchesIn(clause, named)) if (says(clause.text, /\b(?:style|conventions?|edition|\d(?:st|nd|rd|th)|referenc\w*|citations?|guide\w*|manual|format)\b/i)) found.push({ value: style, start: m.at, end: m.to, override: isCorrection(clause) });
  for (const clause of clausesWith(clauses, /referenc|\brefs\b|citation|cite|style|bibliograph|footnote|endnote|\b\d(?:st|nd|rd|th)\b|\bnotes\b|\b(?:APA|MLA|OSCOLA|MHRA|AGLC|Turabian)\b|\b(?:APA|MLA)\d|author[- ]date|^\W*(?:apa|mla)\b|^\W*(?:Harvard|Chicago|Vancouver|IEEE)\W*$|^\W*(?:(?:please )?(?:use|follow|apply) )?(?:APA|MLA|Harvard|Chicago|Vancouver|IEEE)(?:,| and)\s|\b(?:use|in|follow)\s+(?:the )?(?:Harvard|Chicago|Vancouver)(?: \w+)?\W*$|,\s(?:Harvard|Chicago|Vancouver),|\bthe (?:Harvard|Vancouver|Chicago) system\b/i)) for (const m of matchesIn(clause, anyStyle)) {
    const style = styles.find((name) => name.toLowerCase() === m[0].toLowerCase()) ?? m[0];
    // Names that mean nothing else.
    // “Use MLA, one-inch margins, double spacing”: beside how it looks.
    const beside = says(clause.text.slice(0, m.at - clause.start), /^\W*(?:(?:please )?(?:use|follow|apply) )?$/i) && says(clause.text.slice(m.to - clause.start), /^(?:,| and)\s[^.;]*\b(?:margins?|spac(?:ed|ing)|fonts?|pt|points?|-point|numbers?|number your|columns?|footnotes|type)\b/i);
    const alone = beside || /^(?:OSCOLA|AGLC|Turabian|MHRA)$/.test(style) || says(clause.text, /^\W*(?:Harvard|Chicago|Vancouver|IEEE|APA|MLA)(?: style)?\W*$/) || /^(?:Harvard|Vancouver|Chicago)$/.test(style) && /^ system\b/.test(clause.text.slice(m.to - clause.start)) || /^\d{1,2}\b/.test(clause.text.slice(m.to - clause.start)) || says(style, /^(?:APA|MLA|IEEE|Harvard|Chicago|Vancouver)$/) && /[,;]\s*$/.test(clause.text.slice(0, m.at - clause.start)) && /^\s*(?:\d\S{0,3})?\s*[,;.]/.test(clause.text.slice(m.to - clause.start)) && says(clause.text, /\b(?:pages?|words?|spaced?|font|pt|margins?)\b/i) && !says(clause.text.slice(0, m.at - clause.start), /\b(?:trip|library|campus|from|to|at|near|visit\w*)\s+$/i) || /^(?:APA|MLA|IEEE)$/.test(style) && (says(clause.text.slice(m.to - clause.start), /^ (?:papers?|essays?|reports?|manuscripts?)\b/) || says(clause.text.slice(m.to - clause.start), /^\s*(?:throughout|everywhere|please)\b/i) || /\bfollow(?:s|ing)?\s+$/i.test(clause.text.slice(0, m.at - clause.start))) || /^(?:Chicago|Harvard|Vancouver|MHRA)$/.test(style) && says(clause.text.slice(m.to - clause.start), /^ (?:notes|footnotes|author[- ]date)\b/i) || /^(?:APA|MLA|OSCOLA|MHRA|AGLC)$/.test(style) && (/^\W*$/.test(clause.text.slice(0, m.at - clause.start)) && /^\s*[,;.]/.test(clause.text.slice(m.to - clause.start)) || /^\s*\(?(?:\d{1,2}\b|format\b)/i.test(clause.text.slice(m.to - clause.start)) || clause.text.length < 30) || /^(?:Harvard|Chicago|Vancouver)$/.test(style) && says(clause.text.slice(0, m.at - clause.start), /^\W*(?:please )?(?:use|follow)\s+(?:the )?$/i) && says(clause.text.slice(m.to - clause.start), /^(?: (?:system|method|format|conventions?|guide))?\W*$/);
    if (!(alone || says(clause.text, /\b(?:referenc|refs\b|citation|cite|style|bibliograph|footnote|endnote|author[- ]date)\w*/i) || /^\s*\(?\d{1,2}(?:st|nd|rd|th)\b/i.test(clause.text.slice(m.to - clause.start))) || /\bUniversity\b|\bPress\b/.test(clause.text.slice(Math.max(0, m.at - clause.start - 15), m.to - clause.start + 14))) continue;
    if (says(clause.text.slice(0, m.at - clause.start), /\b(?:not|no|never|rather than|instead of)\s+(?:use\s+|in\s+)?(?:the\s+)?$/i)) continue;
    // “Deutsche Fußnoten oder APA”: a choice in another language.
    if (says(clause.text.slice(0, m.at - clause.start), /(?<!\p{L})(?:oder|ou|eller|bzw\.?)\s+(?:nach |im |selon |enligt |etter |efter )?$/iu)) continue;
    // “APA or Harvard, your choice.”
    if (says(clause.text, eitherStyle)) continue;
    found.push({ value: style, start: m.at, end: m.at + style.length, override: isCorrection(clause) });
  }
  return found;
}
