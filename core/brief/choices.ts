import type { Choice, FaceKind, Orientation } from '../model/brief.ts';
import { clausesWith, matchesIn, numberOf, type Clause, type Statement } from './statements.ts';
import { says } from '../text/patterns.ts';

/** What the wording leaves open about the looks of a paper: several measures that will do, the kind of face, and which way up the sheet lies. */
export interface ChoicesRead { fontSizePt: Statement<Choice>[]; lineSpacing: Statement<Choice>[]; marginMm: Statement<Choice>[]; faceKind: Statement<FaceKind>[]; orientation: Statement<Orientation>[]; }

const number = String.raw`\d{1,2}(?:[.,]\d{1,2})?`, joint = String.raw`(?:-(?=\s))?\s?(or|and|to|[-–—/])\s?`, point = String.raw`[\s-]?(?:pt|points?|pts)\b`;
const sizes = new RegExp(String.raw`\b(between )?(${number})(?:${point})?${joint}(${number})${point}|\b(?:font|type|text) size\s*(?:[:=]|of|is|must be|should be|in)?\s*(?:either )?(between )?(${number})${joint}(${number})\b(?!\s?(?:[kmg]b|%|cm|mm|words|pages))|\bsize\s+(between )?(${number})${joint}(${number})\b(?=[^.;]{0,12}\b(?:font|type|text)\b|\W*$)`, 'gi');
const height = String.raw`single|double|one[- ]and[- ]a[- ]half|1[.,]\d{1,2}|[12](?:[.,]0)?`;
const spacings = new RegExp(String.raw`\b(between )?(${height})(?:[- ](?:line )?spac(?:ed|ing))?${joint}(${height})[- ]?(?:line[- ]?)?spac(?:ed|ing)\b|\b(?:line[- ]?)?spac(?:ing|ed)\s*(?:[:=]|of|is|must be|should be|at|to)?\s*(?:either )?(between )?(${height})${joint}(${height})(?![\w.,]*\d|\s?(?:cm|mm|pt))`, 'gi');
const margins = new RegExp(String.raw`\bmargins?\b[^.;\d]{0,24}?(between )?(${number})(?:\s?(?:cm|mm))?${joint}(${number})\s?(cm|mm)\b|\b(between )?(${number})(?:\s?(?:cm|mm))?${joint}(${number})\s?(cm|mm)\s+margins?\b`, 'gi');
const kinds = /\b(sans[\s-]?serif|serif)\s+(?:type)?(?:fonts?|face|faces|typefaces?|type)\b/gi;
const lying = /\bA[0-5],? ?\(?(?:in )?(?:portrait|landscape)\b|\b(?:portrait|landscape) (?:format|orientation|mode|layout|pages?|A[0-5])\b|\borientation\s*[:=–-]?\s*(?:is |must be |should be )?(?:portrait|landscape)\b|\b(?:pages?|sheets?|paper|format) (?:in|must be|should be|are|is) (?:in )?(?:portrait|landscape)\b|^\W*(?:use |in )?(?:portrait|landscape)\W*$/gi;
const heights: Record<string, number> = { single: 1, double: 2, 'one and a half': 1.5 };

/** Headings, notes and captions have sizes of their own, and marks are given in points as well. */
const ofOthers = /\b(?:headings?|titles?|captions?|foot-?notes?|endnotes?|tables?|notes?|quotations?|bibliography|reference list|references)\b[^.;,]{0,30}$/i, worth = /\b(?:marks?|worth|grades?|deduct\w*|penalt\w*|bonus|weeks?|scale)\b/i;

/** “A sans serif font for headings”. */
const forOthers = /^,?\s*(?:for|in) (?:the |all |your |any )?(?:headings?|titles?|captions?|foot-?notes?|tables?|figures?|quotations?|code)\b/i;

export function readChoices(clauses: Clause[]): ChoicesRead {
  const out: ChoicesRead = { fontSizePt: [], lineSpacing: [], marginMm: [], faceKind: [], orientation: [] };
  for (const clause of clausesWith(clauses, /\b(?:pt|pts|points?|size|spac\w+|margins?|serif|portrait|landscape)\b|\d(?:pt|-point)/i)) {
    const before = (m: { at: number }): string => clause.text.slice(0, m.at - clause.start);
    const put = (list: Statement<Choice>[], values: number[], joins: string, between: string | undefined, m: { at: number; to: number }): void => { list.push({ value: { values: values.sort((a, b) => a - b), between: between !== undefined || !/^or$|\//i.test(joins) }, start: m.at, end: m.to }); };
    for (const m of matchesIn(clause, sizes)) {
      const [between, low, joins, high] = m[2] ? m.slice(1) : m[6] ? m.slice(5) : m.slice(9), values = [numberOf(low!), numberOf(high!)];
      if (/^and$/i.test(joins!) && !between || values.some((v) => v < 6 || v > 30) || Math.abs(values[0]! - values[1]!) > 4 || says(before(m), ofOthers) || says(clause.text, worth) || !says(clause.text, /\b(?:font|type|text|size|times|arial|calibri|pt|body|written|set in|spac\w*)\b/i) && !/\d\s?pt\b/i.test(m[0])) continue;
      put(out.fontSizePt, values, joins!, between, m);
    }
    for (const m of matchesIn(clause, spacings)) {
      const [between, low, joins, high] = m[2] ? m.slice(1) : m.slice(5), [a, b] = [low!, high!].map((w) => heights[w.toLowerCase().replace(/-/g, ' ')] ?? numberOf(w)) as [number, number];
      if (/^and$/i.test(joins!) && !between || a === b || says(before(m), ofOthers)) continue;
      put(out.lineSpacing, [a, b], joins!, between, m);
    }
    for (const m of matchesIn(clause, margins)) {
      const [between, low, joins, high, unit] = m[2] ? m.slice(1) : m.slice(6), values = [numberOf(low!), numberOf(high!)].map((v) => (/^cm$/i.test(unit!) ? v * 10 : v));
      if (/^and$/i.test(joins!) && !between || says(clause.text, /\b(?:left|right|top|bottom|inner|outer)\b/i)) continue;
      put(out.marginMm, values, joins!, between, m);
    }
    for (const m of matchesIn(clause, lying)) {
      const named: Orientation = /landscape/i.test(m[0]) ? 'landscape' : 'portrait', refused = says(before(m), /\b(?:not|no|never|avoid|don['’]t)\b[^.;,]{0,24}$/i) || says(clause.text.slice(m.to - clause.start), /^[^.;,]{0,24}\b(?:(?:is|are|will|must|should) not|(?:is|are)n['’]t|not (?:be )?(?:accepted|allowed|permitted))\b/i);
      // A wide table or one page may lie across.
      if (!says(clause.text, /\b(?:tables?|figures?|appendi\w+|slides?|where|if|may|can|poster)\b/i)) out.orientation.push({ value: refused ? (named === 'portrait' ? 'landscape' : 'portrait') : named, start: m.at, end: m.to });
    }
    const named = [...matchesIn(clause, kinds)];
    // “Serif or sans serif” is no demand, and a kind that is warned of is none either.
    if (named.length > 0 && !says(clause.text, /\bserif\s+(?:or|and)\s+(?:a )?(?:sans|serif)\b/i)) for (const m of named) if (!says(before(m), /\b(?:not|no|never|avoid|don['’]t|without)\b[^.;,]{0,24}$/i) && !says(before(m), ofOthers) && !says(clause.text.slice(m.to - clause.start), forOthers)) out.faceKind.push({ value: /^sans/i.test(m[1]!) ? 'sans serif' : 'serif', start: m.at, end: m.to });
  }
  return out;
}

/** Whether faces that stand between these places are examples: “such as Arial”, “e.g. Arial”, “Arial or similar”. */
export const namesExamples = (before: string, after: string): boolean => says(before, /\b(?:such as|for example|for instance|like|e\.\s?g\.?|eg|ideally|preferably|we (?:recommend|suggest))[,:]?\s*(?:either )?(?:[\p{L}\d ]{0,24}(?:,|\bor)\s*)*$/iu) || says(after, /^(?:[\s,]*(?:or )?(?:Times New Roman|Times|Arial|Calibri|Cambria|Helvetica|Garamond|Georgia|Verdana))*[\s,(]*(?:\d{1,2}(?:[\s-]?(?:pt|points?))?[\s,]*)?(?:or|and)\s+(?:an? )?(?:(?:other )?(?:similar|equivalent|comparable)|something (?:similar|alike)|(?:an?other )?(?:equally )?(?:legible|readable|clear)|the like)\b/i);
