import type { Details } from '../model/details.ts';
import { Automaton } from './automaton.ts';
import { foldText, squash, type Folded } from './fold.ts';
import { buildForms, type Form } from './forms.ts';

/** A detail found in a text. `start` and `end` are UTF-16 offsets into it. */
export interface Hit { form: Form; start: number; end: number; letterSpaced: boolean }

const mark = /\p{M}/u;
export class Matcher {
  readonly forms: Form[];
  readonly refused: ReturnType<typeof buildForms>['refused'];
  private readonly automaton: Automaton<Form>;
  constructor(readonly details: Details) {
    const built = buildForms(details);
    this.forms = built.forms;
    this.refused = built.refused;
    this.automaton = new Automaton(built.forms.map((f) => [f.key, f] as [string, Form]));
  }

  /** All hits, longest first where they overlap; one hit a place. */
  find(text: string): Hit[] {
    const folded = foldText(text);
    const hits: Hit[] = [];
    this.automaton.search(folded.squashed, (start, end, form) => {
      const spaced = fits(folded, start, end, form);
      if (spaced === null) return;
      const last = folded.origin[end - 1]!;
      const width = (folded.text.codePointAt(last) ?? 0) > 0xffff ? 2 : 1;
      // Signs over the last letter belong to it.
      let to = last + width;
      while (to < text.length && mark.test(text[to]!)) to++;
      hits.push({ form, start: folded.origin[start]!, end: to, letterSpaced: spaced });
    });
    this.findTagged(text, hits);
    return keepLongest(hits);
  }

  /** Addresses with a tag: name+anything@host is the same mailbox (RFC 5233, subaddressing). */
  private findTagged(text: string, hits: Hit[]): void {
    if (!text.includes('+')) return;
    for (const m of text.matchAll(/([\w.%'-]+)\+[\w.%+-]*@([\w.-]+)/gu)) {
      const key = squash(m[1]!) + squash(m[2]!.replace(/\.$/, ''));
      const form = this.forms.find((f) => f.kind === 'email' && f.key === key);
      if (form) hits.push({ form, start: m.index, end: m.index + m[0].length, letterSpaced: false });
    }
  }
}

const rank: Record<Form['weight'], number> = { strong: 1, weak: 0 };
/** e-mail before name before half a name: the longer form explains the shorter ones inside it. */
function keepLongest(hits: Hit[]): Hit[] {
  hits.sort((a, b) => (b.end - b.start) - (a.end - a.start) || rank[b.form.weight] - rank[a.form.weight]);
  const kept: Hit[] = [];
  for (const hit of hits) if (!kept.some((k) => hit.start < k.end && k.start < hit.end)) kept.push(hit);
  return kept.sort((a, b) => a.start - b.start);
}

const isDigit = (c: string | undefined): boolean => c !== undefined && c >= '0' && c <= '9';

/** Whether a run of squashed characters really is the form: it begins and ends where words do, and the gaps in it are ones that a
 * typesetter, a file name or a habit of writing numbers makes. @returns letter-spaced or not; null when it does not fit */
function fits(f: Folded, start: number, end: number, form: Form): boolean | null {
  const { squashed, gap, origin, text } = f;
  const edge = (at: number): boolean => {
    if (at === 0 || at === squashed.length || gap[at] === 1) return true;
    const a = squashed[at - 1]!, b = squashed[at]!;
    if (isDigit(a) !== isDigit(b)) return true;
    // camelCase and FINALName.
    return f.upper[at] === 1 && f.upper[at - 1] === 0 && !isDigit(a);
  };
  const gaps: number[] = [];
  for (let at = start + 1; at < end; at++) if (gap[at] === 1) gaps.push(at);
  const between = (at: number): string => text.slice(origin[at - 1]! + 1, origin[at]!);
  const spacedOut = gaps.length === end - start - 1 && gaps.length >= 3;
  if (form.kind === 'number') {
    if ((start > 0 && gap[start] === 0 && isDigit(squashed[start - 1]) && isDigit(squashed[start]) && !(form.detail === 'phone')) || (end < squashed.length && gap[end] === 0 && isDigit(squashed[end]) && isDigit(squashed[end - 1]))) return null;
    if (start > 0 && gap[start] === 0 && !isDigit(squashed[start - 1]) && !isDigit(squashed[start])) return null;
    if (form.detail === 'phone' && start > 0 && gap[start] === 0 && isDigit(squashed[start - 1]) && !phonePrefix(f, start)) return null;
    // A decimal, an amount, or a count with thousands marks is not an identifier.
    const before = text.slice(Math.max(0, origin[start]! - 2), origin[start]!), after = text.slice(origin[end - 1]! + 1, origin[end - 1]! + 3);
    if (/[£$€]\s?$|\d[.,]$/.test(before) || /^[.,]\d/.test(after)) return null;
    const inner = gaps.map(between);
    if (inner.some((g) => /[,:;()[\]]/.test(g) && form.detail !== 'phone') || inner.some((g) => g.replace(/\n\s*/, ' ').length > 3)) return null;
    if (inner.length >= 1 && inner.every((g) => g === '.') && /^\d+$/.test(form.key) && form.detail !== 'phone') return null;
    return !spacedOut && gaps.length > Math.max(2, Math.ceil((end - start) / 2)) ? null : spacedOut;
  }
  if (!form.unspaced && (!edge(start) || !edge(end))) return null;
  if (spacedOut) {
    // Letter-spacing is even; a run of initials with stops is not a spaced name.
    return gaps.every((g) => /^[\s\u00a0]{1,4}$/.test(between(g)) || form.joints.has(g - start)) && end - start >= 4 ? true : null;
  }
  let odd = 0;
  for (const at of gaps) {
    const g = between(at);
    // A stop stands behind a shortened name.
    if (form.joints.has(at - start)) { const short = at - start === 1 || form.joints.has(at - start - 1); if (!jointFits(short ? g.replace(/^\.(?=\s|$)/, ' ') : g, form)) return null; continue; }
    // A word broken at a line's end, with or without the hyphen showing.
    if (/^[-‐‑\u00ad]\s*\n\s*$/.test(g)) continue;
    if (/^\s*\n\s*$/.test(g) && (form.kind !== 'name' || end - start >= 9)) { odd++; continue; }
    if (form.kind === 'handle' || form.kind === 'email') { if (/^[._\-+@\s]{1,2}$/.test(g) && spelledLike(form.shown, g)) continue; return null; }
    return null;
  }
  if (odd > 1) return null;
  if (form.detail === 'initials') return initialsFit(f, start, end, form) ? false : null;
  // Two names run together without any sign between them count as one only where a name is a whole word.
  return false;
}

function phonePrefix(f: Folded, start: number): boolean {
  let at = start, digits = 0;
  while (at > 0 && isDigit(f.squashed[at - 1]) && digits < 5) { at--; digits++; if (f.gap[at] === 1) break; }
  return digits <= 4;
}

/** Separators of a handle appear in the detail itself. */
const spelledLike = (shown: string, gap: string): boolean => [...gap].every((c) => shown.includes(c));

const jointFits = (gap: string, form: Form): boolean => {
  if (form.kind === 'email') return /^\s*(?:@|\(at\)|\[at\]|\+[^@\s]{0,40}@)\s*$/i.test(gap) || /^@$/.test(gap.trim());
  if (form.detail === 'initials') return /^[.,'’\s\u00a0_/\-]{1,4}$/.test(gap);
  return gap.replace(/\s+/g, ' ').length <= 3 && /^[\s\u00a0,.\p{Pd}_'’+/\\;:|]*$/u.test(gap) && !/[.;:]\s*\n?\s*$/.test(gap.replace(/^[._]$/, ''));
};

/** “A. Name” and “Name, A.”: the initial must be a capital that stands alone, not the end of the word before or the start of the next. */
function initialsFit(f: Folded, start: number, end: number, form: Form): boolean {
  const letters = [...form.joints];
  const ends = [0, ...letters, form.key.length];
  for (let i = 0; i + 1 < ends.length; i++) {
    if (ends[i + 1]! - ends[i]! !== 1) continue;
    const at = start + ends[i]!;
    // Particles in the middle stay small: “A. v.d. Berg”.
    if (f.upper[at] !== 1 && (i === 0 || i === ends.length - 2)) return false;
    // “N.” or “N ” or “NM”; an “a” article or a Roman numeral does not count.
    const next = at + 1;
    if (i === ends.length - 2 && next < f.squashed.length && f.gap[next] === 0) return false;
  }
  return true;
}
