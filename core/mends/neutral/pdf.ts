import type { PdfDocument, PDFObject } from '../../engines/pdf.ts';
import type { PlaceKind } from '../../model/facts.ts';
import { isBookkeeping, type Survey } from '../../readers/pdf/survey.ts';
import { kindOfDict } from '../../readers/pdf/strings.ts';
import { isDict, nameOf, parsePdf, PdfName, PdfRef, PdfString, type PdfDict, type PdfValue } from '../../readers/pdf/syntax.ts';
import { machineKeys, stringKeys } from '../../tables/pdf-strings.ts';
import { nowhere, placesOfAddress, type Neutral } from './neutral.ts';

type Path = (string | number)[];
/** What is shown on a page, or is somebody else's word for it, is not changed here: notes, fields' values, signatures, scripts. */
const shown = new Set<PlaceKind>(['annotation', 'signature', 'script']), shownInFields = new Set(['V', 'DV', 'Opt', 'RV', 'DA', 'DS']);
const files = new Set(['F', 'UF', 'DOS', 'Mac', 'Unix']);

/** Puts the student's details out of what no page shows: bookmarks, alternative texts, names of parts and layers, labels, paths, addresses.
 * @param neutral - says what stands there instead */
export function neutraliseStrings(pdf: PdfDocument, survey: Survey, neutral: Neutral): void {
  const names = new TargetNames(survey, neutral);
  for (const [num, { value }] of survey.objects) {
    if (!survey.reachable.has(num) || isBookkeeping(value)) continue;
    const edits: { path: Path; to: string; name: boolean }[] = [];
    const visit = (v: PdfValue, path: Path, key: string, dict: PdfDict | null, depth: number): void => {
      if (depth > 40) return;
      // A colour space names its kind first, and its table stands behind: bytes, whatever they spell (8.6.6.3).
      if (Array.isArray(v)) { if (key !== 'Names' && key !== 'Limits' && !(v[0] instanceof PdfName && v.some((item) => item instanceof PdfString))) v.forEach((item, i) => visit(item, [...path, i], key, dict, depth + 1)); return; }
      if (isDict(v)) { for (const [k, inner] of v) visit(inner, [...path, k], k, v, depth + 1); return; }
      const target = (key === 'D' || key === 'Dest' || key === 'OpenAction') && (v instanceof PdfString || v instanceof PdfName) ? names.renamed.get(v instanceof PdfString ? v.text : v.name) : undefined;
      const to = target ?? (v instanceof PdfString ? otherString(v.text, key, dict, neutral) : null);
      if (to !== null) edits.push({ path, to, name: v instanceof PdfName });
    };
    visit(value, [], '', null, 0);
    if (edits.length === 0) continue;
    const object = pdf.newIndirect(num);
    for (const { path, to, name } of edits) {
      const made = name ? pdf.newName(to) : pdf.newString(to);
      // A string that is an object of its own.
      if (path.length === 0) { object.writeObject(made as never); continue; }
      // What was taken out in the meantime is not put back.
      const holder = path.slice(0, -1).reduce<PDFObject | null>((at, step) => { const next = at?.get(step as never); return next && !next.isNull() ? next : null; }, object.resolve()), last = path[path.length - 1] as never;
      if (holder && !holder.get(last).isNull()) holder.put(last, made);
    }
    object.destroy();
  }
  names.write(pdf);
}

function otherString(text: string, key: string, dict: PdfDict | null, neutral: Neutral): string | null {
  const kind = dict ? kindOfDict(dict) : '';
  if (['signature', 'params', 'info', 'private'].includes(kind) || machineKeys.has(key)) return null;
  if (kind === 'annotation') return nameOf(dict!.get('Subtype')) === 'Link' && key === 'Contents' ? neutral.said(text, 'altText') : null;
  if (kind === 'field') return shownInFields.has(key) ? null : neutral.named(text, 'form');
  if (kind === 'structure') return key === 'ID' ? null : neutral.said(text, 'altText');
  const place = stringKeys[key] ?? 'hidden';
  if (shown.has(place) || place === 'form' && shownInFields.has(key)) return null;
  if (key === 'URI') return neutral.named(text, ...placesOfAddress(text)) === null ? null : nowhere;
  return files.has(key) ? neutral.named(text, 'path') : neutral.said(text, place);
}

/** Targets inside the file, files inside it, and other things that go by a name: what refers to them has to meet them afterwards, and in a
 * tree of names the keys stand in order. Source: ISO 32000-1, 7.9.6 (name trees), 12.3.2.3 (named destinations). */
class TargetNames {
  readonly renamed = new Map<string, string>();
  private readonly trees: string[] = [];
  private readonly old: boolean;
  constructor(private readonly survey: Survey, neutral: Neutral) {
    const root = survey.dict(survey.trailer.get('Root')), trees = survey.dict(root?.get('Names'));
    for (const [tree, node] of trees ?? []) if (this.learn(this.pairs(node).map(([key]) => key.text), neutral)) this.trees.push(tree);
    this.old = this.learn([...survey.dict(root?.get('Dests'))?.keys() ?? []], neutral);
  }
  private learn(names: string[], neutral: Neutral): boolean {
    const found = names.flatMap((name) => { const other = neutral.named(name, 'outline', 'path'); return other === null ? [] : [[name, other] as const]; });
    for (const [name, other] of found) this.renamed.set(name, other);
    return found.length > 0;
  }
  private pairs(node: PdfValue | undefined, depth = 0): [PdfString, PdfValue][] {
    const dict = depth < 20 ? this.survey.dict(node) : null, list = this.survey.follow(dict?.get('Names')), below = this.survey.follow(dict?.get('Kids'));
    const own: [PdfString, PdfValue][] = [];
    if (Array.isArray(list)) for (let i = 0; i + 1 < list.length; i += 2) { const key = this.survey.follow(list[i]); if (key instanceof PdfString) own.push([key, list[i + 1]!]); }
    return Array.isArray(below) ? [...own, ...below.flatMap((kid) => this.pairs(kid, depth + 1))] : own;
  }
  /** Trees with other names in them become one leaf, in order. */
  write(pdf: PdfDocument): void {
    const root = pdf.getTrailer().get('Root');
    for (const tree of this.trees) {
      const node = root.get('Names').get(tree), values = new Map<string, PDFObject>();
      collect(node, values, 0);
      const leaf = pdf.newArray();
      for (const [name, value] of [...values].map(([name, value]) => [this.renamed.get(name) ?? name, value] as const).sort(([a], [b]) => (a < b ? -1 : 1))) { leaf.push(pdf.newString(name)); leaf.push(value); }
      const made = pdf.newDictionary();
      made.put('Names', leaf);
      root.get('Names').put(tree, pdf.addObject(made));
    }
    if (!this.old) return;
    const targets = root.get('Dests');
    for (const [name, other] of this.renamed) { const value = targets.get(name); if (value.isNull()) continue; targets.put(other, value); targets.delete(name); }
  }
}
function collect(node: PDFObject, values: Map<string, PDFObject>, depth: number): void {
  if (depth > 20 || !node.isDictionary()) return;
  const list = node.get('Names'), below = node.get('Kids');
  if (list.isArray()) for (let i = 0; i + 1 < list.length; i += 2) if (list.get(i).isString()) values.set(list.get(i).asString(), list.get(i + 1));
  if (below.isArray()) below.forEach((kid) => collect(kid, values, depth + 1));
}

/** What marked stretches tell in place of a picture, without the student's details; null where there are none. @param content - bytes as one character each */
export function neutralTold(content: string, neutral: Neutral): string | null {
  let changed = false;
  const out = content.replace(/<<(?:[^<>]|<[^<>]*>|\((?:[^()\\]|\\[\s\S])*\)){0,4000}?>>(?=\s*(?:BDC|DP)\b)/g, (list) => list.replace(/(\/(?:Alt|E)\s*)(\((?:[^()\\]|\\[\s\S])*\)|<[\da-fA-F\s]*>)/g, (whole, key: string, written: string) => {
    const value = parsePdf(written), other = value instanceof PdfString ? neutral.said(value.text, 'altText') : null;
    if (other === null) return whole;
    changed = true;
    return `${key}<FEFF${[...Array(other.length).keys()].map((i) => other.charCodeAt(i).toString(16).padStart(4, '0')).join('')}>`;
  }));
  return changed ? out : null;
}

/** Pictures and forms that no page, form, pattern or glyph calls by their name. @param called - names that are drawn anywhere */
export function dropUndrawn(pdf: PdfDocument, survey: Survey, called: ReadonlySet<string>): void {
  const done = new Set<PdfDict>();
  for (const [num, { value }] of survey.objects) {
    if (!survey.reachable.has(num)) continue;
    const visit = (v: PdfValue, path: Path): void => {
      if (path.length > 20 || !isDict(v)) return;
      for (const [key, inner] of v) {
        const listed = key === 'XObject' ? survey.dict(inner) : null;
        if (listed && !done.has(listed)) {
          done.add(listed);
          const idle = [...listed].filter(([name, ref]) => !called.has(name) && ref instanceof PdfRef && ['Form', 'Image'].includes(nameOf(survey.dict(ref)?.get('Subtype')) ?? '')).map(([name]) => name);
          if (idle.length > 0) { let holder = pdf.newIndirect(num).resolve(); for (const step of [...path, key]) holder = holder.get(step as never); for (const name of idle) holder.delete(name); }
        }
        if (isDict(inner)) visit(inner, [...path, key]);
      }
    };
    visit(value, []);
  }
}
/** Names that a content stream draws by, as it writes them. */
export function namesDrawn(content: string): string[] { return [...content.matchAll(/\/([^\s/<>[\](){}%]+)\s+Do\b/g)].map((m) => nameOf(parsePdf(`/${m[1]!}`)) ?? m[1]!); }
