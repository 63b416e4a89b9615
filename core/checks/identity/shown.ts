import { defineCheck, atFile, atPage, look, stops, type Draft } from '../define.ts';
import { foldText, squash } from '../../identity/fold.ts';
import { fieldNames, valueOf } from '../../naming/pattern.ts';
import type { Brief, NameField, ShownDetail } from '../../model/brief.ts';
import type { DocumentFacts, Passage } from '../../model/facts.ts';

const wheres: Record<ShownDetail['where'], string> = { runningHead: 'on every page', titlePage: 'on the first page', text: 'in the paper' };
/** A word-processor file has no pages of its own: so many characters from its beginning are taken for the first. */
const firstCharacters = 2500;
const papers = new Set<DocumentFacts['file']['kind']>(['pdf', 'docx', 'docm', 'odt', 'rtf', 'doc']);

/** A detail that the brief wants shown in the paper itself stands there. */
export const identityShown = defineCheck({
  id: 'identity.shown', needs: ['passages'], kinds: [...papers], reference: 'the brief itself',
  asked: ({ brief }) => (brief.shown && brief.shown.length > 0 ? brief.shown.map((s) => `${fieldNames[s.field]} ${wheres[s.where]}`).join(', ') : null),
  found: ({ brief, details, facts }) => (details === null ? 'my details are missing' : brief.shown!.map((s) => { const value = valueOf(s.field, details); return `${fieldNames[s.field]}: ${value ? told(placeOf(s, facts, value)) : 'not among my details'}`; }).join(', ')),
  evaluate: ({ brief, details, facts }) => brief.shown!.flatMap((s): Draft[] => {
    const value = valueOf(s.field, details), data = { field: fieldNames[s.field], where: wheres[s.where] };
    if (!value) return [look('unknown', data)];
    const place = placeOf(s, facts, value);
    if (place === 'there') return [];
    // Where several documents are asked for, one of them may be meant; a name may be written otherwise, or on a sheet of its own; and what was not read may hold it.
    if (place === 'nowhere') return [(severalAsked(brief) || isName(s.field) || facts.passages.ok && facts.passages.gaps.length > 0 ? look : stops)('missing', data, atFile)];
    return [typeof place === 'number' ? look('missingOn', { ...data, page: place }, atPage(place)) : look('elsewhere', data, atFile)];
  }),
});

const isName = (field: NameField): boolean => field === 'surname' || field === 'givenNames';
const severalAsked = (brief: Brief): boolean => brief.documents.length > 1;
const told = (place: ReturnType<typeof placeOf>): string => (place === 'there' ? 'there' : place === 'nowhere' ? 'missing' : place === 'elsewhere' ? 'elsewhere' : `missing on page ${place}`);

/** Where the value stands: as asked, elsewhere in what a reader sees, nowhere, or on all pages but this and perhaps later ones. */
function placeOf({ where }: ShownDetail, { passages, pages }: DocumentFacts, value: string): 'there' | 'elsewhere' | 'nowhere' | number {
  const seen = passages.ok ? passages.value.filter((p) => ['text', 'runningHead', 'textbox', 'footnote', 'imageText'].includes(p.place)) : [], wanted = squash(value);
  const has = (text: string): boolean => foldText(text).squashed.includes(wanted), holding = seen.filter((p) => has(p.text));
  if (holding.length === 0) return 'nowhere';
  if (where === 'text') return 'there';
  const first = (p: Passage): boolean => p.page === 1 || p.page === null && (p.place === 'runningHead' || p.section === 'titlePage' || has(beginning(seen)));
  if (where === 'titlePage') return holding.some(first) ? 'there' : 'elsewhere';
  const count = pages.ok ? pages.value.length : 0, on = new Set(holding.map((p) => p.page));
  if (holding.some((p) => p.page === null)) return holding.some((p) => p.place === 'runningHead') ? 'there' : 'elsewhere';
  // The title page often has no running head.
  const lacking = Array.from({ length: count }, (_, i) => i + 1).filter((page) => !on.has(page) && !(page === 1 && count > 1));
  return lacking.length === 0 ? 'there' : on.size === 1 && count > 2 ? 'elsewhere' : lacking[0]!;
}
const beginning = (seen: Passage[]): string => seen.filter((p) => p.place === 'text').map((p) => p.text).join('\n').slice(0, firstCharacters);
