/** What a text must hold for a pattern to match in it: these letters; all of these; one of these. */
type Need = string | { readonly all: readonly Need[] } | { readonly any: readonly Need[] };

const nothing: Need = { all: [] };

/** One of the choices that a pattern is made of. */
interface Choice { source: string; need: Need; /** what stands for it where it cannot match: nothing that matches, and its groups, so that the others keep their numbers */ instead: string }
interface Known { choices: readonly Choice[]; /** by the choices that were left */ narrowed: Map<string, RegExp>; /** how often it was asked for */ used: number }
/** By flags and source: a pattern that is written within a function is another one at each call. */
const known = new Map<string, Map<string, Known>>();

/**
 * A pattern with those of its choices alone that can match at all in a text, told from the letters that each cannot do without. It matches there what the whole pattern matches.
 * An engine compiles a pattern when it is first tried, which takes far longer than trying it; of thousands of wordings in some hundred patterns most need not be compiled for one text.
 * @returns undefined where the pattern surely matches nowhere
 */
export function narrowedTo(text: string, pattern: RegExp): RegExp | undefined {
  const { source, flags } = pattern;
  let alike = known.get(flags);
  if (alike === undefined) known.set(flags, (alike = new Map()));
  let whole = alike.get(source);
  if (whole === undefined) {
    // Some are put together from what a text says.
    if (alike.size >= 10_000) alike.clear();
    alike.set(source, (whole = { choices: new Scan(source, pattern.ignoreCase).each(), narrowed: new Map(), used: 0 }));
  }
  // In the many sentences of a long text it pays to compile the whole.
  if (++whole.used > 120) return pattern;
  const within = pattern.ignoreCase ? inSmallLetters(text) : text;
  const left = whole.choices.map((choice) => isMet(choice.need, within));
  if (!left.includes(true)) return undefined;
  if (!left.includes(false)) return pattern;
  const key = left.map(Number).join('');
  let narrowed = whole.narrowed.get(key);
  if (narrowed === undefined) {
    if (whole.narrowed.size >= 200) whole.narrowed.clear();
    whole.narrowed.set(key, (narrowed = new RegExp(whole.choices.flatMap((choice, i) => (left[i] ? [choice.source] : choice.instead ? [choice.instead] : [])).join('|'), flags)));
  }
  return narrowed;
}

function isMet(need: Need, text: string): boolean {
  if (typeof need === 'string') return text.includes(need);
  if ('all' in need) { for (const each of need.all) if (!isMet(each, text)) return false; return true; }
  for (const each of need.any) if (isMet(each, text)) return true;
  return false;
}

/** Texts of late, in small letters, and how many letters they have together. */
const small = new Map<string, string>();
let held = 0;

function inSmallLetters(text: string): string {
  let found = small.get(text);
  if (found === undefined) {
    if (small.size >= 400 || held > 2_000_000) { small.clear(); held = 0; }
    held += text.length;
    // Where case is not looked at, an engine takes the long s for an s (Unicode CaseFolding.txt); the sign for kelvin becomes a k by itself.
    small.set(text, (found = text.toLowerCase().replaceAll('ſ', 's')));
  }
  return found;
}

interface Other { /** one without width parts no letters */ width: boolean; need: Need }

const anyLetter: Other = { width: true, need: nothing }, noLetter: Other = { width: false, need: nothing };
const isFigure = (code: number): boolean => code >= 48 && code <= 57;
const isWordLetter = (code: number): boolean => isFigure(code) || ((code | 32) >= 97 && (code | 32) <= 122);

/** One pass over the source of a pattern, letter by letter, for what it cannot do without, whether it takes that in or looks at it from beside. In small letters where the pattern does not
 * look at case; only letters of ASCII, since no other rules of case apply to them. By hand, since there are thousands of patterns and this is done at a start.
 * Source: ECMAScript 2023, 22.2.1 (the grammar of patterns). */
class Scan {
  private readonly source: string;
  private readonly anyCase: boolean;
  private at = 0;
  private groups = '';
  constructor(source: string, anyCase: boolean) { this.source = source; this.anyCase = anyCase; }

  /** The choices of the whole pattern. */
  each(): Choice[] {
    const choices: Choice[] = [];
    for (let more = true; more; more = this.source[this.at++] === '|') {
      const from = this.at;
      this.groups = '';
      const need = this.sequence();
      choices.push({ source: this.source.slice(from, this.at), need, instead: this.groups && `[]${this.groups}` });
    }
    return choices;
  }

  /** Up to the end of a group: what every one of its choices cannot do without. */
  private choices(): Need {
    const any: Need[] = [this.sequence()];
    while (this.source[this.at] === '|') { this.at++; any.push(this.sequence()); }
    return any.length === 1 ? any[0]! : any.includes(nothing) ? nothing : { any };
  }

  private sequence(): Need {
    const all: Need[] = [], { source } = this;
    let run = '';
    // Two letters or figures, or one sign, are worth looking for; the longer, the sooner they are missing.
    const endRun = (): void => {
      if (run.length > 3) all.unshift(run);
      else if (run.trim().length > 1 || (run !== ' ' && run !== '' && !isWordLetter(run.charCodeAt(0)))) all.push(run);
      run = '';
    };
    while (this.at < source.length && source[this.at] !== '|' && source[this.at] !== ')') {
      const found = this.atom(), times = this.times();
      if (typeof found !== 'string') {
        if (found.width) endRun();
        if (times !== 'perhaps' && found.need !== nothing) all.push(found.need);
      } else if (times === 'once') run += found;
      else { if (times === 'repeatedly') run += found; endRun(); }
    }
    endRun();
    return all.length === 0 ? nothing : all.length === 1 ? all[0]! : { all };
  }

  /** A letter that stands for itself, or what anything else needs. */
  private atom(): string | Other {
    const c = this.source[this.at++]!;
    if (c === '(') return this.group();
    if (c === '[') return this.oneOfSeveral();
    if (c === '^' || c === '$') return noLetter;
    if (c === '\\') return this.escaped();
    if (c === '.' || c > '~') return anyLetter;
    return this.anyCase ? c.toLowerCase() : c;
  }

  private group(): Other {
    const { source } = this;
    let width = true, denied = false;
    if (source[this.at] === '?') {
      const named = source[this.at + 1] === '<', sign = source[this.at + (named ? 2 : 1)]!;
      width = sign !== '=' && sign !== '!';
      denied = sign === '!';
      const from = this.at;
      this.at = named && width ? source.indexOf('>', this.at) + 1 : this.at + (named ? 3 : 2);
      if (named && width) this.groups += `(${source.slice(from, this.at)})`;
    } else this.groups += '()';
    const need = this.choices();
    this.at++;
    return denied ? noLetter : { width, need };
  }

  private oneOfSeveral(): Other {
    for (; this.source[this.at] !== ']'; this.at++) if (this.source[this.at] === '\\') this.at++;
    this.at++;
    return anyLetter;
  }

  private escaped(): string | Other {
    const { source } = this, c = source[this.at++]!;
    if (c === 'b' || c === 'B') return noLetter;
    if (!isWordLetter(c.charCodeAt(0))) return c > '~' ? anyLetter : c;
    const inBrackets = source[this.at] === '{';
    if (inBrackets && (c === 'p' || c === 'P' || c === 'u')) this.at = source.indexOf('}', this.at) + 1;
    else if (c === 'u') this.at += 4;
    else if (c === 'x') this.at += 2;
    else if (c === 'c') this.at += 1;
    else if (c === 'k') this.at = source.indexOf('>', this.at) + 1;
    else if (isFigure(c.charCodeAt(0))) while (isFigure(source.charCodeAt(this.at))) this.at++;
    return anyLetter;
  }

  /** How often what was read may be there. */
  private times(): 'once' | 'repeatedly' | 'perhaps' {
    const { source } = this, c = source[this.at];
    let least: number;
    if (c === '?' || c === '*') least = 0;
    else if (c === '+') least = 1;
    else if (c === '{' && isFigure(source.charCodeAt(this.at + 1))) {
      least = Number.parseInt(source.slice(this.at + 1, this.at + 6), 10);
      this.at = source.indexOf('}', this.at);
    } else return 'once';
    this.at++;
    if (source[this.at] === '?') this.at++;
    return least === 0 ? 'perhaps' : 'repeatedly';
  }
}
