import type { Limits } from '../model/brief.ts';
import type { LimitStatement } from './limits.ts';
import { number, units } from './limit-numbers.ts';
import { isCorrection, numberOf, numberWords, type Clause } from './statements.ts';
import { eachIn, firstIn, says } from '../text/patterns.ts';

const escaped = (name: string): string => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const most = String.raw`(?:(?:a |the )?max(?:imum)?\.?(?: length)?(?: of)?|up to|at most|no more than|no longer than|not more than|limit(?:ed)?(?: to)?|exceed)`;
/** “must be under”, “can be as large as”, “has to fit in”. */
const bound = String.raw`(?:must|should|can|may|has to|have to|needs? to|ought to|will have to|cannot|can['’]t|mustn['’]t)(?: (?:not|only))?(?: (?:be|stay|remain|have|go|take(?: up)?|fit|run|weigh))? (?:as (?:large|big|heavy|long) as|under|below|over|within|in|into|less than|smaller than|larger than|bigger than|more than|no (?:larger|bigger|more|longer) than|(?:kept|held) (?:to|under|below)|capped at|limited to|up to|at most)`;
/** “… limited to 2,000 words, the portfolio to 20 pages”: what limits the first limits the next. */
const reaches = new RegExp(`\\bto (?:${number})`);
const limiting = new RegExp(String.raw`\b${most}|\blimits?\b|\b${bound}\b`, 'i');
const heading = /^\W*(?:(?:the )?(?:word|page|length) limits?|max\w*(?: (?:word|page))?(?: (?:count|length)s?)?)\b/i;
const vague = /\b(?:about|approximately|approx\.?|around|roughly|circa|ca\.?|c\.|some|at least|min(?:imum)?\.?(?: of)?|over|more than)\s*$/i;

/** A column of lengths, and the cells of a row. */
const ofNumbers = /^(?:max(?:imum)?\.? (?:number of )?)?(words?|pages?)(?: (?:limit|count|length|max(?:imum)?\.?))?$|^(?:max(?:imum)?\.? )?length \((?:in )?(words|pages)\)$/i;
/** “1,500–2,000”, “max. 2,000”, “2,500 (±10 %)”, “2,500 +10%”, “at least 800 words”. */
const cellOfLength = new RegExp(`^(?:(?:max(?:imum)?\\.?|up to|at most|no more than|≤|<=)\\s*|(?<more>min(?:imum)?\\.?|at least|≥|>=)\\s*)?(?:(?<least>${number})\\s?(?:–|-|to)\\s?)?(?<value>${number})(?:\\s?(?:words?|pages?|pp\\.?))?(?:,?\\s*\\(?(?:(?:±|\\+ ?\\/ ?[-–−]|plus or minus)\\s?(?<both>\\d{1,2})|\\+\\s?(?<over>\\d{1,2}))\\s?(?:%|per ?cent)\\)?|\\s*\\(?(?:max(?:imum)?\\.?)\\)?)?$`, 'i');
const cellsOf = (text: string): string[] => text.split('|').map((c) => c.trim()).filter(Boolean);

/**
 * “Word limits: report 2,000, poster 500.” “2,000 words for the report, 500 words for the poster.” “A 2,000-word report and a 500-word poster.”: the lengths that one clause gives to
 * several documents by their names. Nothing where it names only one, or where a tolerance is said with them.
 * @param labels - what the documents that are asked for are called
 * @param kinds - of each, where it has one that no other has: “the zip” is that document
 */
export function pairedLimits(clauses: Clause[], labels: string[], kinds: (string | undefined)[] = []): LimitStatement[] {
  const last = (label: string): string => label.toLowerCase().split(' ').at(-1)!, short = labels.filter((l) => l.includes(' ') && labels.every((o) => o === l || last(o) !== last(l)));
  const of = new Map([...labels.map((l) => [l.toLowerCase(), l] as const), ...short.map((l) => [last(l), l] as const)]), names = [...of.keys()].sort((a, b) => b.length - a.length).map(escaped).join('|');
  const byKind = labels.flatMap((l, i) => (kinds[i] ? [[kinds[i], l] as const] : [])), kindNames = byKind.map(([k]) => k).join('|');
  const name = String.raw`(?<![\p{L}-])(?<name>${names})(?![\p{L}-])(?:\s*\([^()\d]{0,40}\))?`, range = String.raw`(?:(?<least>${number})\s?(?:–|-|to|and)\s?)?(?<value>${number})`;
  const shapes = [
    new RegExp(String.raw`${range}(?:\s|-)?(?<unit>words?|pages?|[kmg]i?b)\s+(?:${most} )?(?:for|in)\s+(?:the |your |an? )?(?:\p{L}+ )?${name}`, 'giu'),
    new RegExp(String.raw`(?<![–-])${range}-(?<unit>word|page)\s+(?:\p{L}+ )?${name}`, 'giu'),
    new RegExp(String.raw`${kindNames ? `(?<![\\p{L}-])(?<name>${names}|(?<=\\bthe )(?:${kindNames}))(?: (?:file|archive|document))?(?![\\p{L}-])` : name}\s+${bound}\s+${range}\s?(?<unit>[kmg]i?b|words?|pages?)\b(?!\s?(?:per|a|each)\s)`, 'giu'),
    new RegExp(String.raw`${name}\s*(?:[:=,–—-]\s*|\((?=[^()]*\))|(?:is|has|may have|can have|may be|can be|should be|must be|should have|must have|must not|should not|shall not|may not|shall have|shall be|to|of|with)\s+)?(?:${most}\s*|of )*${range}(?:\s?(?<unit>words?|pages?|[kmg]i?b)\b)?(?![\d.,]*\s?(?:%|[kmg]b\b|\p{L}*(?:minute|second|hour|day|point|mark|slide|figure|page|word))|\p{L})`, 'giu'),
  ];
  for (const [kind, label] of byKind) of.set(kind, label);
  let columns: string[] = [];
  return clauses.flatMap((clause) => {
    const cells = clause.text.includes('|') ? cellsOf(clause.text) : [];
    if (cells.some((c) => says(c, ofNumbers))) { columns = cells; return []; }
    // “Document | Format | Words”, “Report | PDF | 2,000”.
    const row = cells.length > 2 && cells.length === columns.length ? cells.find((c) => of.has(c.toLowerCase())) : undefined;
    if (row !== undefined) return columns.flatMap((head, i) => {
      const names = firstIn(head, ofNumbers), unit = names?.[1] ?? names?.[2], m = unit ? firstIn(cells[i]!, cellOfLength) : null;
      if (!unit || !m) return [];
      const kind = /^w/i.test(unit) ? 'Words' : 'Pages', at = { start: clause.start, end: clause.end, clause, override: isCorrection(clause), part: of.get(row.toLowerCase())!.toLowerCase() }, { least, value, both, over, more } = m.groups as { least?: string; value: string; both?: string; over?: string; more?: string };
      if (more) return [{ field: `min${kind}` as keyof Limits, value: numberOf(value), ...at }];
      const share = Number(both ?? over ?? 0) / 100, lower = least ? numberOf(least) : both ? Math.ceil(numberOf(value) * (1 - share) - 1e-9) : null;
      return [...(lower !== null ? [{ field: `min${kind}` as keyof Limits, value: lower, ...at }] : []), { field: `max${kind}` as keyof Limits, value: Math.floor(numberOf(value) * (1 + share) + 1e-9), ...at }];
    });
    if (!/\d/.test(clause.text) || /%|±|\+\/|per ?cent/i.test(clause.text)) return [];
    const head = firstIn(clause.text, /\b(word|page)s?(?:[ -](?:limits?|counts?|lengths?))?\s*[:=]/i)?.[1]?.toLowerCase() ?? firstIn(clause.under ?? '', /^\W*(word|page) (?:limits?|counts?|lengths?)\b/i)?.[1]?.toLowerCase();
    for (const shape of shapes) {
      let behind = 0, unitBefore = head, limited = false;
      const found = [...eachIn(clause.text, shape)].flatMap((m) => {
        const before = says(clause.text, heading) ? clause.text.slice(0, m.index) : clause.text.slice(behind, m.index), { name: said, least, value, unit = unitBefore === head || /^\s*(?:[.,;)]|$|and\b|while\b)/.test(clause.text.slice(m.index + m[0].length)) ? unitBefore : undefined } = m.groups as { name: string; least?: string; value: string; unit?: string };
        unitBefore = unit ?? unitBefore;
        if (!unit || says(clause.text.slice(0, clause.text.indexOf(least ?? value, m.index)), vague)) return [];
        const kind = /^w/i.test(unit) ? 'Words' : 'Pages', at = { start: clause.start + m.index, end: clause.start + m.index + m[0].length, clause, override: isCorrection(clause), part: of.get(said.toLowerCase())!.toLowerCase(), ...((limited = says(`${m[0]} ${before}`, limiting) || limited && behind > 0 && says(m[0], reaches)) ? {} : { given: true as const }) };
        behind = m.index + m[0].length;
        const size = units[unit.toLowerCase()];
        if (size !== undefined) return least ? [] : [{ ...at, field: 'maxBytes' as const, value: Math.round(numberOf(value) * size), given: undefined }];
        // “Under 2,000 words” is 1,999 at most.
        const open = says(clause.text.slice(0, clause.text.indexOf(value, m.index + said.length)), /\b(?:under|below|(?:less|fewer) than)\s+$/i);
        return [...(least ? [{ field: `min${kind}` as keyof Limits, value: numberOf(least), ...at }] : []), { field: `max${kind}` as keyof Limits, value: numberOf(value) - (open ? 1 : 0), ...at }];
      });
      const parts = new Set(found.map((f) => f.part));
      if (parts.size > 1 && found.length === new Set(found.map((f) => `${f.part}${f.field}`)).size || parts.size === 1 && /\bthat of (?:the|your)\b/i.test(clause.text)) return found;
    }
    return [];
  });
}

/** “Upload the report (PDF, 5 MB)”, “a map (PDF, one page)”: a size, or pages in words, beside the kind of a document that is asked for; of one that is handed out it would only say how large that is.
 * @param spans - where each document that is asked for stands, up to its kind */
export function measuresBesideKinds(clauses: Clause[], spans: readonly { start: number; end: number }[], text: string): LimitStatement[] {
  return spans.flatMap(({ start, end }): LimitStatement[] => {
    const clause = clauses.find((c) => c.start <= start && start < c.end), near = clause ? text.slice(start, Math.min(clause.end, end + 24)) : '';
    if (!clause) return [];
    const size = new RegExp(String.raw`\b(?:pdf|docx?|odt|rtf|word|pptx?|powerpoint|xlsx?|excel|csv|zip|mp[34]|jpe?g|png)(?: (?:file|document|format))?(?:,\s*|\s*\(\s*)(${number})\s?([kmg]i?b)(?=\s*[),;])`, 'i').exec(near), pages = firstIn(near, inWords);
    const at = (m: RegExpExecArray, from: string): Pick<LimitStatement, 'start' | 'end' | 'clause' | 'override'> => ({ start: start + m.index + m[0].lastIndexOf(from), end: start + m.index + m[0].length, clause, override: isCorrection(clause) });
    return [
      ...(size ? [{ field: 'maxBytes' as const, value: Math.round(numberOf(size[1]!) * units[size[2]!.toLowerCase()]!), ...at(size, size[1]!) }] : []),
      ...(pages ? [{ field: 'maxPages' as const, value: numberWords[pages[2]!.toLowerCase()]!, ...at(pages, pages[2]!), ...(pages[1] ? {} : { given: true as const }) }] : []),
    ];
  });
}
/** “(PDF, one page)”, “(max. two pages)”: figures are read everywhere. */
const inWords = /[(,]\s*(max(?:imum)?\.?(?: of)? |up to |at most |no more than )?(one|two|three|four|five|six|seven|eight|nine|ten|twelve) (?:A4 |A3 )?(?:pages?|sides?)(?: of A4)?(?: max(?:imum)?\.?)?(?=\s*[),;])/i;
