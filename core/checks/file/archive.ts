import { archiveRules } from '../../tables/archive-rules.ts';
import { defineCheck, look, stops } from '../define.ts';

/** The part and level that a demand names, “2b” of “PDF/A-2b”; empty where it names none. */
const demandOf = (archival: string): string => /-(.+)$/.exec(archival)?.[1] ?? '';
/** A level holds for every weaker one: a and u give more than b. */
const satisfies = (claim: string, demand: string): boolean => demand === '' || (claim[0] === demand[0] && (demand.length === 1 || claim === demand || (demand[1] === 'b' && /[au]/.test(claim[1] ?? '')) || (demand[1] === 'u' && claim[1] === 'a')));

export const fileArchive = defineCheck({
  id: 'file.archive', needs: ['pages'], kinds: ['pdf'], mend: 'archive', reference: 'ISO 19005-2:2011, clauses as listed in core/tables/archive-rules.ts',
  asked: ({ brief }) => (brief.archival ? `${brief.archival}, the form for long keeping` : null),
  found: ({ facts: { archive } }) => (archive === null ? 'its parts cannot be read' : !archive ? 'not looked at yet' : `${archive.claim ? `says it is PDF/A-${archive.claim}` : 'an ordinary PDF'}${archive.claim && archive.broken.length > 0 ? `, and breaks ${archive.broken.length === 1 ? 'a rule' : `${archive.broken.length} rules`}` : ''}`),
  evaluate: ({ facts: { archive }, brief }) => {
    if (!archive) return [archive === null ? look('unreadable', { asked: brief.archival! }) : look('notYet', { asked: brief.archival! })];
    const drafts = archive.broken.map((b) => stops(b.rule, { text: b.text, count: b.count, page: b.page ?? 0, clause: archiveRules[b.rule].clause, asked: brief.archival! }, { part: 'file', page: b.page, box: null, quote: null }));
    // The rules looked at are those of part 2; what another part asks beyond them is not known here.
    if (archive.claim && !satisfies(archive.claim, demandOf(brief.archival!))) drafts.push(look('other', { claim: `PDF/A-${archive.claim}`, asked: brief.archival! }));
    return drafts;
  },
});
