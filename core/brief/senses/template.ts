import { wordClasses } from './word-classes.ts';

/** A way of saying something, as a row of words and classes of words; see `template`. */
export type Template = string;

/** What may stand between any two words of a template: it changes nothing in what is said. */
const between = '(?:the|an?|your|our|my|their|his|her|its|this|that|these|those|any|each|every|all|of|own|only|just|always|automatically|simply|then|also|still|ever|actually|normally|usually|be|been|being|is|are|was|were|will|would|shall|gets?|has|have|had|it|them|you|we|which|who)';
const negations = "not|no|never|nobody|none|nothing|neither|without|unless|except|cannot|can't|won't|don't|doesn't|isn't|aren't|mustn't|needn't";
/** Other words that may stand in a gap. */
const otherWord = `(?!(?:${negations})\\b)[\\w'’%/-]+`;

const alternativesOf = (choice: string): string => { const words = choice.startsWith('@') ? wordClasses[choice.slice(1)] : choice.replace(/_/g, ' '); if (!words) throw new Error(`no word class “${choice}”`); return words; };
/** What a token stands for, as alternatives of a pattern. */
const choicesOf = (token: string): string => token.split('|').map(alternativesOf).join('|');
const isGap = (token: string): boolean => token === '..' || token === '...';

/** Makes a pattern of a template.
 * A template is a row of words parted by spaces. `@class` is any word of a class, `a|b` either, `two_words` one thing, a `?` behind a word makes it optional;
 * `..` stands for up to four other words and `...` for up to nine, none of which denies anything; `$` is the end of the sentence.
 * Small words (articles, “is”, “will”, “only”) may stand anywhere between. Groups of a class are kept in their order. */
export function template(source: Template): RegExp {
  let pattern = '', gap = '';
  for (const token of source.split(' ')) {
    if (isGap(token)) { gap = token === '..' ? `(?:${otherWord},?\\s+){0,4}?` : `(?:${otherWord}[,:]?\\s+){0,9}?`; continue; }
    if (token === '$') { pattern += '(?=[\\s”"’\')]*(?:[.;!:]|$))'; continue; }
    const optional = token.endsWith('?'), words = choicesOf(optional ? token.slice(0, -1) : token).replace(/ (?!\?)/g, '\\s+'), link = pattern === '' ? '' : `[,:]?\\s+(?:${between}\\s+){0,4}?${gap}`;
    pattern += optional ? `(?:${link}(?:${words})(?![\\w-]))?` : `${link}(?:${words})(?![\\w-])`;
    gap = '';
  }
  return new RegExp(`(?<![\\w-])${pattern}`, 'gi');
}

/** Letters of which a sentence has to hold some for each word that a template demands; a word that may be anything is left out. They are sought before a pattern is made, which takes a thousand times as long. */
export const signsOf = (source: Template): string[][] => source.split(' ').flatMap((token) => { const signs = isGap(token) || token === '$' || token.endsWith('?') ? null : signsOfToken(token); return signs === null ? [] : [signs]; });
const known = new Map<string, string[] | null>();
/** Of a token's choices, each told once: templates share their classes. */
function signsOfToken(token: string): string[] | null {
  const each = token.split('|').map((choice) => { const before = known.get(choice), signs = before === undefined ? letters(alternativesOf(choice)) : before; known.set(choice, signs); return signs; });
  return each.some((s) => s === null) ? null : [...new Set(each.flatMap((s) => s!))];
}
/** For each alternative letters that it cannot do without; null where one has none. */
function letters(alternatives: string): string[] | null {
  const all = splitOutside(alternatives).map((one): string[] | null => {
    const { outside, groups } = withoutGroups(one), runs = outside.replace(/\[[^\]]*\]|\\./g, ' ').replace(/.(?:[?*]|\{0,\d*\})/g, ' ').replace(/\{\d*,?\d*\}|[+]/g, ' ').toLowerCase().match(/[a-z0-9'%]+/g) ?? [];
    return runs.length > 0 ? [runs.reduce((a, b) => (b.length > a.length ? b : a))] : groups[0] === undefined ? null : letters(groups[0]);
  });
  return all.some((s) => s === null) ? null : [...new Set(all.flatMap((s) => s!))];
}
/** What stands outside brackets, and what stands in those that cannot be left out. */
function withoutGroups(one: string): { outside: string; groups: string[] } {
  const groups: string[] = [];
  let outside = '', depth = 0, from = 0;
  for (let i = 0; i < one.length; i++) {
    if (one[i] === '(' && depth++ === 0) from = i + 1;
    else if (one[i] === ')' && --depth === 0) {
      const inside = one.slice(from, i);
      if (!/^\?[=!<]/.test(inside) && !/^(?:[?*]|\{0)/.test(one.slice(i + 1))) groups.push(inside.replace(/^\?:/, ''));
      // Its mark goes with it.
      i += /^(?:[?*+]|\{[\d,]*\})?\??/.exec(one.slice(i + 1))![0].length;
      outside += ' ';
    } else if (depth === 0) outside += one[i];
  }
  return { outside, groups };
}
/** Parts at bars that stand in no bracket. */
function splitOutside(alternatives: string): string[] {
  const parts = [''];
  let depth = 0;
  for (const c of alternatives) { if (c === '(' || c === '[') depth++; else if (c === ')' || c === ']') depth--; if (c === '|' && depth === 0) parts.push(''); else parts[parts.length - 1] += c; }
  return parts;
}

/** Whether something is denied in the words just before a place of a sentence. */
export const deniedBefore = new RegExp(`\\b(?:${negations})\\b(?:\\s+[\\w'’-]+){0,3}\\s*$`, 'i');
