import { readXml, type Attributes } from '../engines/xml.ts';

/** Paragraph and character properties that the built-in engine can show. Lengths in points. */
export interface Look {
  bold?: boolean; italic?: boolean; underline?: boolean; strike?: boolean; caps?: boolean; size?: number; font?: string; colour?: string; raise?: 'sup' | 'sub'; hidden?: boolean;
  align?: string; before?: number; after?: number; line?: number; left?: number; right?: number; first?: number; outline?: number; pageBreakBefore?: boolean; keepNext?: boolean; numId?: string; level?: number; rtl?: boolean;
}
interface Style { basedOn: string | null; look: Look; name: string; type: string }
export interface Styles { defaults: Look; resolve(id: string | null): Look; nameOf(id: string | null): string; defaultParagraph: string | null; language: string | null }

const twips = (v: string | undefined): number | undefined => (v === undefined || Number.isNaN(Number(v)) ? undefined : Number(v) / 20);
const on = (a: Attributes): boolean => !/^(0|false|off|none)$/i.test(a['w:val'] ?? 'true');

/** Applies one property element to a look. Source: ECMA-376-1, 17.3.1 (paragraph), 17.3.2 (run). @returns whether it was one */
export function applyProperty(look: Look, name: string, a: Attributes): void {
  const v = a['w:val'];
  switch (name) {
    case 'w:b': look.bold = on(a); break;
    case 'w:i': look.italic = on(a); break;
    case 'w:u': look.underline = v !== 'none'; break;
    case 'w:strike': case 'w:dstrike': look.strike = on(a); break;
    case 'w:caps': look.caps = on(a); break;
    case 'w:vanish': look.hidden = on(a); break;
    case 'w:sz': look.size = Number(v) / 2 || undefined; break;
    case 'w:rFonts': look.font = a['w:ascii'] ?? a['w:hAnsi'] ?? look.font; break;
    case 'w:color': if (v && /^[0-9a-f]{6}$/i.test(v)) look.colour = v; break;
    case 'w:vertAlign': look.raise = v === 'superscript' ? 'sup' : v === 'subscript' ? 'sub' : undefined; break;
    case 'w:jc': look.align = v === 'both' || v === 'distribute' ? 'justify' : v === 'end' ? 'right' : v === 'start' ? 'left' : v; break;
    case 'w:spacing':
      if (a['w:before'] !== undefined) look.before = twips(a['w:before']);
      if (a['w:after'] !== undefined) look.after = twips(a['w:after']);
      if (a['w:line'] !== undefined) look.line = (a['w:lineRule'] ?? 'auto') === 'auto' ? Number(a['w:line']) / 240 : undefined;
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
    case 'w:bidi': look.rtl = on(a); break;
  }
}

/** Reads the style sheet and resolves chains: defaults, then each ancestor, then the style (ECMA-376-1, 17.7.2). */
export function readStyles(xml: string | null): Styles {
  const styles = new Map<string, Style>();
  const defaults: Look = {};
  let current: Style | null = null, inDefaults = false, defaultParagraph: string | null = null, language: string | null = null;
  readXml(xml ?? '<x/>', {
    open(name, a) {
      if (name === 'w:docDefaults') inDefaults = true;
      else if (name === 'w:style') {
        current = { basedOn: null, look: {}, name: '', type: a['w:type'] ?? '' };
        styles.set(a['w:styleId'] ?? '', current);
        if (a['w:default'] === '1' && a['w:type'] === 'paragraph') defaultParagraph = a['w:styleId'] ?? null;
      } else if (current) {
        if (name === 'w:basedOn') current.basedOn = a['w:val'] ?? null;
        else if (name === 'w:name') current.name = a['w:val'] ?? '';
        else applyProperty(current.look, name, a);
      } else if (inDefaults) { if (name === 'w:lang') language = a['w:val'] ?? null; applyProperty(defaults, name, a); }
    },
    close(name) { if (name === 'w:style') current = null; if (name === 'w:docDefaults') inDefaults = false; },
  });
  const cache = new Map<string, Look>();
  const resolve = (id: string | null): Look => {
    if (id === null) return {};
    const known = cache.get(id);
    if (known) return known;
    const chain: Look[] = [];
    for (let at: string | null = id, hops = 0; at !== null && hops < 30; hops++) { const s: Style | undefined = styles.get(at); if (!s) break; chain.unshift(s.look); at = s.basedOn; }
    const look = Object.assign({}, ...chain) as Look;
    cache.set(id, look);
    return look;
  };
  return { defaults, resolve, nameOf: (id) => (id === null ? '' : styles.get(id)?.name ?? ''), defaultParagraph, language };
}

export interface Numbering { label(numId: string, level: number): { text: string; left?: number; first?: number } | null }
interface Level { format: string; text: string; start: number; left?: number; first?: number; restart: boolean }

/** List numbers. Source: ECMA-376-1, 17.9. Bullets in symbol fonts become plain ones. */
export function readNumbering(xml: string | null): Numbering {
  const abstracts = new Map<string, Map<number, Level>>(), nums = new Map<string, { abstract: string; overrides: Map<number, number> }>();
  let abstract: Map<number, Level> | null = null, level: Level | null = null, num: { abstract: string; overrides: Map<number, number> } | null = null, override = -1;
  readXml(xml ?? '<x/>', {
    open(name, a) {
      const v = a['w:val'] ?? '';
      if (name === 'w:abstractNum') { abstract = new Map(); abstracts.set(a['w:abstractNumId'] ?? '', abstract); }
      else if (name === 'w:num') { num = { abstract: '', overrides: new Map() }; nums.set(a['w:numId'] ?? '', num); }
      else if (name === 'w:abstractNumId' && num) num.abstract = v;
      else if (name === 'w:lvlOverride') override = Number(a['w:ilvl']);
      else if (name === 'w:startOverride' && num) num.overrides.set(override, Number(v));
      else if (name === 'w:lvl' && abstract) { level = { format: 'decimal', text: '', start: 1, restart: true }; abstract.set(Number(a['w:ilvl']), level); }
      else if (level) {
        if (name === 'w:numFmt') level.format = v;
        else if (name === 'w:lvlText') level.text = v;
        else if (name === 'w:start') level.start = Number(v);
        else if (name === 'w:ind') { level.left = twips(a['w:left'] ?? a['w:start']); level.first = a['w:hanging'] !== undefined ? -(twips(a['w:hanging']) ?? 0) : twips(a['w:firstLine']); }
      }
    },
    close(name) { if (name === 'w:abstractNum') abstract = null; if (name === 'w:lvl') level = null; if (name === 'w:num') num = null; },
  });
  const counters = new Map<string, number[]>(), started = new Set<string>();
  return {
    label(numId, at) {
      const n = nums.get(numId), levels = n && abstracts.get(n.abstract), own = levels?.get(at);
      if (!n || !levels || !own) return null;
      const counts = counters.get(n.abstract) ?? [];
      counters.set(n.abstract, counts);
      const over = n.overrides.get(at), key = `${numId}/${at}`;
      if (over !== undefined && !started.has(key)) { counts[at] = over - 1; started.add(key); }
      counts[at] = (counts[at] ?? own.start - 1) + 1;
      counts.length = at + 1;
      for (let i = 0; i < at; i++) counts[i] ??= levels.get(i)?.start ?? 1;
      const text = own.format === 'bullet' ? '•' : own.format === 'none' ? '' : own.text.replace(/%(\d)/g, (_, d: string) => { const i = Number(d) - 1; return formatNumber(counts[i] ?? 1, i === at ? own.format : levels.get(i)?.format ?? 'decimal'); });
      return { text, left: own.left, first: own.first };
    },
  };
}

export function formatNumber(n: number, format: string): string {
  if (/Letter/.test(format)) { const s = String.fromCharCode(97 + ((n - 1) % 26)).repeat(Math.floor((n - 1) / 26) + 1); return format.startsWith('upper') ? s.toUpperCase() : s; }
  if (/Roman/.test(format)) {
    const table: [number, string][] = [[1000, 'm'], [900, 'cm'], [500, 'd'], [400, 'cd'], [100, 'c'], [90, 'xc'], [50, 'l'], [40, 'xl'], [10, 'x'], [9, 'ix'], [5, 'v'], [4, 'iv'], [1, 'i']];
    let rest = n, out = '';
    for (const [value, sign] of table) while (rest >= value) { out += sign; rest -= value; }
    return format.startsWith('upper') ? out.toUpperCase() : out;
  }
  if (format === 'decimalZero') return String(n).padStart(2, '0');
  return String(n);
}
