import { formatNumber } from './number-formats.ts';
import { readXml, type Attributes } from '../engines/xml.ts';
import type { Package } from '../engines/zip.ts';
import { noTheme, readTheme, type Theme } from './theme.ts';

/** Paragraph and character properties that the built-in engine can show. Lengths in points. */
export interface Look {
  bold?: boolean; italic?: boolean; underline?: boolean; strike?: boolean; caps?: boolean; size?: number; font?: string; colour?: string; raise?: 'sup' | 'sub'; hidden?: boolean;
  /** colour behind the words: six hexadecimal digits; absent: none */ shade?: string; /** a marker's colour behind the words */ marker?: string;
  align?: string; before?: number; after?: number; line?: number; /** the lines are so many points apart, whatever the face; or at least so many */ exact?: number; atLeast?: boolean; left?: number; right?: number; first?: number; outline?: number; pageBreakBefore?: boolean; keepNext?: boolean; numId?: string; level?: number; rtl?: boolean;
  /** tab stops: how they align, and where, in points */ tabs?: { kind: string; at: number }[]; /** no space between neighbours of the same style */ close?: boolean; /** lines above and below a paragraph, as CSS says them */ ruleAbove?: string; ruleBelow?: string;
}
interface Style { basedOn: string | null; look: Look; name: string; type: string }
export interface Styles { theme: Theme; defaults: Look; resolve(id: string | null): Look; nameOf(id: string | null): string; defaultParagraph: string | null; language: string | null }

const twips = (v: string | undefined): number | undefined => (v === undefined || Number.isNaN(Number(v)) ? undefined : Number(v) / 20);
const on = (a: Attributes): boolean => !/^(0|false|off|none)$/i.test(a['w:val'] ?? 'true');

/** Colours of a marker (ECMA-376-1, 17.18.40). */
const markers: Readonly<Record<string, string>> = { black: '000000', blue: '0000FF', cyan: '00FFFF', green: '00FF00', magenta: 'FF00FF', red: 'FF0000', yellow: 'FFFF00', white: 'FFFFFF', darkBlue: '000080', darkCyan: '008080', darkGreen: '008000', darkMagenta: '800080', darkRed: '800000', darkYellow: '808000', darkGray: '808080', lightGray: 'C0C0C0' };
/** What the lines of a paragraph are called here: in tables and cells the same names are other lines (17.3.1.24). */
const paragraphRules = { above: 'w:pBdr/w:top', below: 'w:pBdr/w:bottom' } as const;
/** The name of a property: that of a paragraph's line with what it stands in. */
export const propertyName = (name: string, inRules: boolean): string => (inRules ? `w:pBdr/${name}` : name);
/** A line in CSS: its width in eighths of a point (17.18.2); undefined for none. */
function ruleOf(a: Attributes): string | undefined {
  if (!a['w:val'] || /^(?:nil|none)$/.test(a['w:val'])) return undefined;
  return `${Math.max(0.25, Math.min(6, (Number(a['w:sz']) || 4) / 8))}pt solid #${hex(a['w:color']) ?? '000000'}`;
}
const hex = (v: string | undefined): string | undefined => (v !== undefined && /^[0-9a-f]{6}$/i.test(v) ? v : undefined);

/** Applies one property element to a look. Source: ECMA-376-1, 17.3.1 (paragraph), 17.3.2 (run); where a face or colour is named by its part in the theme, that holds (17.3.2.26, 17.3.2.6). */
export function applyProperty(look: Look, name: string, a: Attributes, theme: Theme = noTheme): void {
  const v = a['w:val'];
  switch (name) {
    case 'w:b': look.bold = on(a); break;
    case 'w:i': look.italic = on(a); break;
    case 'w:u': look.underline = v !== 'none'; break;
    case 'w:strike': case 'w:dstrike': look.strike = on(a); break;
    case 'w:caps': look.caps = on(a); break;
    case 'w:vanish': look.hidden = on(a); break;
    case 'w:sz': look.size = Number(v) / 2 || undefined; break;
    case 'w:rFonts': look.font = theme.face(a['w:asciiTheme'] ?? a['w:hAnsiTheme'] ?? '') ?? a['w:ascii'] ?? a['w:hAnsi'] ?? look.font; break;
    // A colour that follows its ground is no colour of its own.
    case 'w:color': look.colour = hex(v) ?? hex(theme.colour(a['w:themeColor'] ?? '') ?? undefined); break;
    case 'w:shd': look.shade = shadeOf(a, theme); break;
    case 'w:highlight': look.marker = markers[v ?? '']; break;
    case 'w:vertAlign': look.raise = v === 'superscript' ? 'sup' : v === 'subscript' ? 'sub' : undefined; break;
    case 'w:jc': look.align = v === 'both' || v === 'distribute' ? 'justify' : v === 'end' ? 'right' : v === 'start' ? 'left' : v; break;
    case 'w:spacing':
      if (a['w:before'] !== undefined) look.before = twips(a['w:before']);
      if (a['w:after'] !== undefined) look.after = twips(a['w:after']);
      if (a['w:line'] !== undefined) { const auto = (a['w:lineRule'] ?? 'auto') === 'auto'; look.line = auto ? Number(a['w:line']) / 240 : undefined; look.exact = auto ? undefined : twips(a['w:line']); look.atLeast = a['w:lineRule'] === 'atLeast'; }
      break;
    case 'w:ind':
      look.left = twips(a['w:left'] ?? a['w:start']) ?? look.left;
      look.right = twips(a['w:right'] ?? a['w:end']) ?? look.right;
      if (a['w:hanging'] !== undefined) look.first = -(twips(a['w:hanging']) ?? 0); else if (a['w:firstLine'] !== undefined) look.first = twips(a['w:firstLine']);
      break;
    case 'w:outlineLvl': look.outline = Number(v); break;
    case 'w:pageBreakBefore': look.pageBreakBefore = on(a); break;
    case 'w:keepNext': look.keepNext = on(a); break;
    case 'w:numId': look.numId = v; break;
    case 'w:ilvl': look.level = Number(v) || 0; break;
    // A tab in a run has no alignment; a stop that is cleared counts no more (17.3.1.37).
    case 'w:tab': if (v !== undefined) { const at = twips(a['w:pos']) ?? 0; look.tabs = [...(look.tabs ?? []).filter((t) => t.at !== at), { kind: v, at }]; } break;
    case 'w:bidi': look.rtl = on(a); break;
    case 'w:contextualSpacing': look.close = on(a); break;
    case paragraphRules.above: look.ruleAbove = ruleOf(a); break;
    case paragraphRules.below: look.ruleBelow = ruleOf(a); break;
  }
}

/** Tab stops with those that are set and cleared closer to the text, in order. */
export const tabsWith = (stops: NonNullable<Look['tabs']>, own: Look['tabs']): NonNullable<Look['tabs']> => [...stops.filter((t) => !own?.some((o) => o.at === t.at)), ...(own ?? []).filter((t) => t.kind !== 'clear')].sort((a, b) => a.at - b.at);

/** Single spacing as a multiple of the size: common practice, no published source. */
export const singleSpacing = 1.15;
/** How far the lines of a look are apart, in points. @param single - the height of a single-spaced line of its face for a size of 1 */
export function lineHeight(look: Look, size: number, single = singleSpacing): number {
  if (look.exact === undefined) return (look.line ?? 1) * size * single;
  return look.atLeast ? Math.max(look.exact, size * single) : look.exact;
}

/** The ground that a shading gives: its fill, or the colour of a pattern that covers all of it (17.3.5). */
export const shadeOf = (a: Attributes, theme: Theme): string | undefined => (a['w:val'] === 'solid' ? hex(a['w:color']) ?? '000000' : hex(a['w:fill']) ?? hex(theme.colour(a['w:themeFill'] ?? '') ?? undefined));

/** The styles of a word-processor package, with what they name by the theme. */
export const stylesOf = (pack: Package): Styles => readStyles(pack.text('word/styles.xml'), pack.text(pack.names().find((n) => /^word\/theme\/[^/]+\.xml$/.test(n)) ?? 'word/theme/theme1.xml'));

/** Reads the style sheet and resolves chains: defaults, then each ancestor, then the style (ECMA-376-1, 17.7.2). @param themePart - the theme's XML, for what styles name by it */
export function readStyles(xml: string | null, themePart: string | null = null): Styles {
  const theme = readTheme(themePart);
  const styles = new Map<string, Style>();
  const defaults: Look = {};
  let current: Style | null = null, inDefaults = false, inRules = false, conditional = false, defaultParagraph: string | null = null, language: string | null = null;
  readXml(xml ?? '<x/>', {
    open(name, a) {
      if (name === 'w:pBdr') inRules = true;
      // What a table's style does to its first row or its bands holds for those alone.
      if (name === 'w:tblStylePr') conditional = true;
      if (conditional) return;
      if (name === 'w:docDefaults') inDefaults = true;
      else if (name === 'w:style') {
        current = { basedOn: null, look: {}, name: '', type: a['w:type'] ?? '' };
        styles.set(a['w:styleId'] ?? '', current);
        if (a['w:default'] === '1' && a['w:type'] === 'paragraph') defaultParagraph = a['w:styleId'] ?? null;
      } else if (current) {
        if (name === 'w:basedOn') current.basedOn = a['w:val'] ?? null;
        else if (name === 'w:name') current.name = a['w:val'] ?? '';
        else applyProperty(current.look, propertyName(name, inRules), a, theme);
      } else if (inDefaults) { if (name === 'w:lang') language = a['w:val'] ?? null; applyProperty(defaults, name, a, theme); }
    },
    close(name) { if (name === 'w:pBdr') inRules = false; if (name === 'w:tblStylePr') conditional = false; if (name === 'w:style') current = null; if (name === 'w:docDefaults') inDefaults = false; },
  });
  const cache = new Map<string, Look>();
  const resolve = (id: string | null): Look => {
    if (id === null) return {};
    const known = cache.get(id);
    if (known) return known;
    const chain: Look[] = [];
    for (let at: string | null = id, hops = 0; at !== null && hops < 30; hops++) { const s: Style | undefined = styles.get(at); if (!s) break; chain.unshift(s.look); at = s.basedOn; }
    const look = Object.assign({}, ...chain) as Look, tabs = chain.reduce<NonNullable<Look['tabs']>>((all, l) => tabsWith(all, l.tabs), []);
    if (tabs.length > 0) look.tabs = tabs;
    cache.set(id, look);
    return look;
  };
  return { theme, defaults, resolve, nameOf: (id) => (id === null ? '' : styles.get(id)?.name ?? ''), defaultParagraph, language };
}

export interface Numbering { label(numId: string, level: number): { text: string; left?: number; first?: number } | null }
interface Level { format: string; text: string; start: number; left?: number; first?: number; /** its number begins anew behind a level of at most so many steps down; 0: never; absent: behind any above it */ restarts?: number; /** all that it shows is counted in Arabic figures */ legal?: boolean }

/** List numbers. Source: ECMA-376-1, 17.9. Bullets in symbol fonts become plain ones. */
export function readNumbering(xml: string | null): Numbering {
  interface Num { abstract: string; overrides: Map<number, number>; /** levels of its own (17.9.8) */ own: Map<number, Level> }
  const abstracts = new Map<string, Map<number, Level>>(), owners = new Map<string, string>(), links = new Map<string, string>(), nums = new Map<string, Num>();
  let abstract: Map<number, Level> | null = null, abstractId = '', level: Level | null = null, num: Num | null = null, override = -1;
  readXml(xml ?? '<x/>', {
    open(name, a) {
      const v = a['w:val'] ?? '';
      if (name === 'w:abstractNum') { abstractId = a['w:abstractNumId'] ?? ''; abstracts.set(abstractId, abstract = new Map()); }
      // A list by a style: the levels stand where the style says that they are its own (17.9.21, 17.9.27).
      else if (name === 'w:styleLink' && abstract) owners.set(v, abstractId);
      else if (name === 'w:numStyleLink' && abstract) links.set(abstractId, v);
      else if (name === 'w:num') { num = { abstract: '', overrides: new Map(), own: new Map() }; nums.set(a['w:numId'] ?? '', num); }
      else if (name === 'w:abstractNumId' && num) num.abstract = v;
      else if (name === 'w:lvlOverride') override = Number(a['w:ilvl']);
      else if (name === 'w:startOverride' && num) num.overrides.set(override, Number(v));
      else if (name === 'w:lvl' && (abstract ?? num)) { level = { format: 'decimal', text: '', start: 1 }; (abstract ?? num!.own).set(Number(a['w:ilvl']), level); }
      else if (level) {
        if (name === 'w:numFmt') level.format = v;
        else if (name === 'w:lvlText') level.text = v;
        else if (name === 'w:start') level.start = Number(v);
        else if (name === 'w:lvlRestart') level.restarts = Number(v);
        else if (name === 'w:isLgl') level.legal = !/^(?:0|false|off)$/.test(a['w:val'] ?? '');
        else if (name === 'w:ind') { level.left = twips(a['w:left'] ?? a['w:start']); level.first = a['w:hanging'] !== undefined ? -(twips(a['w:hanging']) ?? 0) : twips(a['w:firstLine']); }
      }
    },
    close(name) { if (name === 'w:abstractNum') abstract = null; if (name === 'w:lvl') level = null; if (name === 'w:num') num = null; },
  });
  const counters = new Map<string, number[]>(), started = new Set<string>();
  return {
    label(numId, at) {
      const n = nums.get(numId), levels = n && abstracts.get(owners.get(links.get(n.abstract) ?? '') ?? n.abstract), own = n?.own.get(at) ?? levels?.get(at);
      if (!n || !levels || !own) return null;
      const counts = counters.get(n.abstract) ?? [];
      counters.set(n.abstract, counts);
      const over = n.overrides.get(at), key = `${numId}/${at}`;
      if (over !== undefined && !started.has(key)) { counts[at] = over - 1; started.add(key); }
      counts[at] = (counts[at] ?? own.start - 1) + 1;
      for (let i = at + 1; i < counts.length; i++) if (at < (levels.get(i)?.restarts ?? i)) delete counts[i];
      for (let i = 0; i < at; i++) counts[i] ??= levels.get(i)?.start ?? 1;
      const text = own.format === 'bullet' ? bulletOf(own.text) : own.format === 'none' ? '' : own.text.replace(/%(\d)/g, (_, d: string) => { const i = Number(d) - 1; return formatNumber(counts[i] ?? 1, own.legal ? 'decimal' : i === at ? own.format : levels.get(i)?.format ?? 'decimal'); });
      return { text, left: own.left, first: own.first };
    },
  };
}

/** Signs of symbol fonts that are used as bullets, and the letter that stands for a small ring. From memory. */
const bullets: Readonly<Record<string, string>> = { '\uf0a7': '▪', '\uf06e': '■', '\uf0a8': '◻', '\uf0d8': '➢', '\uf0fc': '✓', '\uf076': '❖', '\uf02d': '–', '\uf0be': '—', o: '◦' };
/** The sign before an item: its own where it is one that any face has. */
export const bulletOf = (text: string): string => bullets[text] ?? (/^[^\p{L}\p{N}\p{Co}\p{C}\s%]$/u.test(text) ? text : '•');
