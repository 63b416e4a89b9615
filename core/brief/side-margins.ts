import type { SideMargins } from '../model/brief.ts';
import { clausesWith, matchesIn, numberOf, type Clause, type Statement } from './statements.ts';
import { says } from '../text/patterns.ts';

type Side = keyof SideMargins;
/** Names of sides that stand beside each other, or a measure; `behind`: it is said of what stands before it, “30 mm (binding side)”. */
interface Piece { names: (Side | 'rest')[]; mm: number | null; behind: boolean }
/** Sides of a page, in the languages that wordings come in; `rest`: those that are not named. Compiled by hand. */
const sideNames: readonly (readonly [Side | 'rest' | 'sides' | 'binding', string])[] = [
  ['left', 'left|links|linken|linker|gauche|izquierd[oa]|sinistr[oa]|esquerd[oa]|vänster|venstre'], ['right', 'right|rechts|rechten|rechter|droite?|derech[oa]|destr[oa]|direit[oa]|höger|høyre|højre'],
  ['top', 'top|upper|oben|oberer|haut|superior(?:e)?|arriba|boven|upptill|øverst|topp'], ['bottom', 'bottom|lower|foot|unten|unterer|bas|inferior(?:e)?|abajo|onder|nedtill|nederst|bunn'],
  ['rest', 'others?|remaining|rest|elsewhere|otherwise|sonst|übrigen?|ansonsten|ailleurs|autres|resto|overige|övriga|øvrige'],
  // Left and right together; the edge at which a paper is bound, which is the left one (common practice, no source).
  ['sides', 'side(?= margins?)|(?<=(?:at|on) the )sides|left and right|left/right'], ['binding', 'binding'],
];
const marginWord = /\b(?:margins?|Rand|marges?|márgene?s?|margin[ei]|margem|margens|marginaler?|marger|margener|kantlijn|inch(?:es)?)(?![\p{L}])|Ränder|Seitenr(?:and|änder)|Korrekturrand/iu;
const measure = String.raw`(?<amount>\d+(?:[.,]\d+)?)\s?(?<unit>cm|mm|in(?:ch(?:es)?)?\b|"|″)`, token = new RegExp(`${measure}|(?<![\\p{L}-])(?:${sideNames.map(([side, names]) => `(?<${side}>${names})`).join('|')})(?![\\p{L}])`, 'giu');
const inMm = (amount: string, unit: string): number => Math.round(numberOf(amount) * (/^mm/i.test(unit) ? 1 : /^cm/i.test(unit) ? 10 : 25.4) * 100) / 100;
/** A margin that no page has. */
const widest = 80;

/** “Margins: left 3.5 cm, right 2 cm, top and bottom 2.5 cm”, “Rand rechts 4 cm, sonst 2,5 cm”: the margins of a page, side by side; what is not named stays open. */
export function readSideMargins(clauses: Clause[]): (Statement<SideMargins> & { /** one measure is that of all sides that are not named */ rest: boolean })[] {
  return clausesWith(goingOn(clauses), marginWord).flatMap((clause): (Statement<SideMargins> & { rest: boolean })[] => {
    const tokens = [...matchesIn(clause, token)].filter((m) => near(clause, m)), sides = tokens.some((m) => m.groups!.amount === undefined && m.groups!.rest === undefined);
    if (!sides || says(clause.text, /\b(?:inner|outer|inside|outside|gutter|innen|außen|profit|error|safety)\b/i)) return [];
    // Sides beside each other share a measure.
    const pieces: Piece[] = [], named = tokens.some((m) => m.groups!.left !== undefined || m.groups!.right !== undefined);
    for (const [i, m] of tokens.entries()) {
      const last = pieces.at(-1), mm = m.groups!.amount === undefined ? null : inMm(m.groups!.amount, m.groups!.unit!), name = mm === null ? sideNames.find(([side]) => m.groups![side] !== undefined)![0] : null;
      if (name === 'binding' && named) continue;
      const names: (Side | 'rest')[] = name === null ? [] : name === 'sides' ? ['left', 'right'] : name === 'binding' ? ['left'] : [name];
      if (name !== null && last && last.mm === null && !(name === 'rest' && pieces.at(-2)?.mm !== null && pieces.length > 1)) last.names.push(...names); else pieces.push({ names, mm, behind: name !== null && isBehind(clause.text.slice((tokens[i - 1]?.to ?? clause.start) - clause.start, m.at - clause.start), clause.text.slice(m.to - clause.start)) });
    }
    const pairs = paired(pieces);
    if (pairs === null || pairs.some((p) => p.mm > widest)) return [];
    const value: SideMargins = {}, rest = pairs.find((p) => p.names.includes('rest'))?.mm;
    for (const { names, mm } of pairs) for (const name of names) if (name !== 'rest') value[name] ??= mm;
    if (rest !== undefined) for (const side of ['left', 'right', 'top', 'bottom'] as const) value[side] ??= rest;
    return [{ value, rest: rest !== undefined, start: tokens[0]!.at, end: tokens.at(-1)!.to }];
  });
}

/** “30 mm (binding side)”, “30 mm on the left”; “2.5 cm (left 3 cm)” has a measure of its own. */
const isBehind = (before: string, after: string): boolean => /^\s*\($/.test(before) && /^[^()\d]*\)/.test(after) || /^ (?:on|at|along) the $/.test(before);

/** “Left 3 cm, right 2 cm” and “3 cm left, 2 cm right”; a measure before all of them, “2.5 cm, left 4 cm”, is that of the rest. Null where they do not go together. */
function paired(pieces: Piece[]): { names: (Side | 'rest')[]; mm: number }[] | null {
  const measures = pieces.filter((p) => p.mm !== null).length, names = pieces.length - measures, isMeasure = (i: number): boolean => pieces[i]?.mm !== null && pieces[i] !== undefined;
  const inTurn = (from: number): boolean => pieces.slice(from).every((_, i) => isMeasure(from + i) === (isMeasure(from) ? i % 2 === 0 : i % 2 === 1));
  if (measures === names && inTurn(0)) return pieces.flatMap((p, i) => (i % 2 === 1 ? [] : isMeasure(0) ? [{ names: pieces[i + 1]!.names, mm: p.mm! }] : [{ names: p.names, mm: pieces[i + 1]!.mm! }]));
  if (measures === names + 1 && isMeasure(0) && inTurn(0) && !pieces[1]!.behind) return [...pieces.slice(1).flatMap((p, i, behind) => (i % 2 === 1 ? [] : [{ names: p.names, mm: behind[i + 1]!.mm! }])), { names: ['rest' as const], mm: pieces[0]!.mm! }];
  return besideEachOther(pieces);
}

/** “A left margin of 3 cm and 2 cm on the other sides”: each measure goes with the names before it, or else with those behind; one that has none is that of the rest. */
function besideEachOther(pieces: Piece[]): { names: (Side | 'rest')[]; mm: number }[] | null {
  const taken = new Set<number>(), free = (i: number): boolean => pieces[i] !== undefined && pieces[i]!.mm === null && !taken.has(i);
  const pairs = pieces.flatMap(({ mm }, i) => {
    if (mm === null) return [];
    const at = [i - 1, i + 1].find(free);
    if (at !== undefined) taken.add(at);
    return [{ names: at === undefined ? ['rest' as const] : pieces[at]!.names, mm }];
  });
  return pieces.every((p, i) => p.mm !== null || taken.has(i)) && pairs.filter((p) => p.names.includes('rest')).length < 2 ? pairs : null;
}

const anySide = sideNames.map(([, names]) => names).join('|'), goesOn = new RegExp(`^\\W*(?:(?:and |the |all )*(?:${anySide})|${measure.replace(/\?<\w+>/g, '')})(?![\\p{L}])`, 'iu');
/** “Top 2 cm; bottom 2 cm; left 3 cm”: what a semicolon parts is one list. */
const goingOn = (clauses: Clause[]): Clause[] => {
  const out: Clause[] = [];
  for (let i = 0; i < clauses.length; i++) {
    const clause = clauses[i]!;
    let { text, end } = clause;
    for (; says(clause.text, marginWord) && text.endsWith(';') && i + 1 < clauses.length && says(clauses[i + 1]!.text, goesOn); i++) { const next = clauses[i + 1]!; text += ' '.repeat(next.start - end) + next.text; end = next.end; }
    out.push({ ...clause, text, end });
  }
  return out;
};

/** “Margins 2.5 cm, page numbers bottom right”: where numbers and names stand. */
const otherThing = /\b(?:pages?|number\w*|names?|headers?|footers?|headings?|corner|aligned|Seitenzahl\w*|Paginierung)\b[^;\d]{0,40}$/i;
/** A side counts beside a measure alone: “on the left you see …” is about something else. */
function near(clause: Clause, m: { at: number; to: number; groups?: Record<string, string | undefined> }): boolean {
  if (m.groups!.amount !== undefined) return true;
  const around = clause.text.slice(Math.max(0, m.at - clause.start - 50), m.to - clause.start + 50);
  return new RegExp(measure, 'i').test(around) && !says(clause.text.slice(m.to - clause.start), /^[ -](?:hand )?(?:of|page|column|corner|half|click|centre|center|aligned)\b/i) && !says(clause.text.slice(0, m.at - clause.start), otherThing);
}
