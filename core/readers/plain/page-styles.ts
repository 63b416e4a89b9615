import { parse, type Declaration } from 'postcss';

/** No page of a paper has more; what is beyond is left unread. */
const mostCss = 400_000, mostRules = 4000;
/** One element with classes and an identifier, and nothing around it: what programs write that keep their looks in a style sheet. */
const simple = /^(\*|[a-z][\w-]*)?((?:[.#][\w-]+)*)$/i;

interface Rule { element: string; classes: string[]; id: string | null; weight: number; declared: [property: string, value: string, important: boolean][] }
type Attributes = Record<string, string>;

/** The looks that a page's own style sheets give its elements, written into the `style` attribute as if they stood there: one value for each property, the one that holds.
 * Selectors of one element are known; those that look at what is around it are not. Source: CSS Selectors Level 4, 17 (specificity); CSS Cascading Level 4, 6 (cascade).
 * @returns for each element its attributes; the same object where no style sheet says anything of it */
export function pageStyles(source: string): (name: string, attributes: Attributes) => Attributes {
  const rules: Rule[] = [];
  for (const [, css] of source.matchAll(/<style\b[^>]{0,200}>([^]*?)<\/style/gi)) if (css!.length <= mostCss) rules.push(...rulesOf(css!.replace(/<!--|-->/g, ' ')));
  if (rules.length === 0) return (_, attributes) => attributes;
  const kept = rules.slice(0, mostRules).sort((a, b) => a.weight - b.weight);
  /** Elements of one name, class and identifier look alike; a page has many of few kinds. */
  const alike = new Map<string, Rule[]>();
  const rulesFor = (name: string, { class: named = '', id = '' }: Attributes): Rule[] => {
    const key = `${name} ${named} #${id}`, before = alike.get(key);
    if (before) return before;
    const classes = named.split(/\s+/), fits = kept.filter((r) => (r.element === '' || r.element === name) && (r.id === null || r.id === id) && r.classes.every((c) => classes.includes(c)));
    alike.set(key, fits);
    return fits;
  };
  return (name, attributes) => {
    const fits = rulesFor(name, attributes);
    if (fits.length === 0) return attributes;
    const holds = new Map<string, string>(), set = (property: string, value: string): void => { holds.delete(property); holds.set(property, value); };
    for (const [property, value] of fits.flatMap((r) => r.declared.filter(([, , important]) => !important))) set(property, value);
    for (const [property, value] of inlineOf(attributes.style ?? '')) set(property, value);
    for (const [property, value] of fits.flatMap((r) => r.declared.filter(([, , important]) => important))) set(property, value);
    return { ...attributes, style: [...holds].map(([property, value]) => `${property}:${value}`).join(';') };
  };
}

function rulesOf(css: string): Rule[] {
  try {
    return parse(css).nodes.flatMap((node): Rule[] => {
      if (node.type !== 'rule') return [];
      const declared = node.nodes.filter((d): d is Declaration => d.type === 'decl').map((d): Rule['declared'][number] => [d.prop.toLowerCase(), d.value, d.important === true]);
      return node.selectors.flatMap((selector): Rule[] => {
        const m = simple.exec(selector.trim());
        if (!m || !selector.trim()) return [];
        const parts = m[2]!.match(/[.#][\w-]+/g) ?? [], classes = parts.filter((p) => p[0] === '.').map((p) => p.slice(1)), id = parts.find((p) => p[0] === '#')?.slice(1) ?? null, element = m[1] && m[1] !== '*' ? m[1].toLowerCase() : '';
        return [{ element, classes, id, declared, weight: (id === null ? 0 : 10_000) + classes.length * 100 + (element ? 1 : 0) }];
      });
    });
  } catch { return []; /* a style sheet that cannot be read gives no looks */ }
}
const inlineOf = (style: string): [string, string][] => style.split(';').flatMap((d): [string, string][] => { const at = d.indexOf(':'); return at > 0 ? [[d.slice(0, at).trim().toLowerCase(), d.slice(at + 1).trim()]] : []; });
