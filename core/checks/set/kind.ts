import { defineSetCheck } from '../define-set.ts';
import { stops } from '../define.ts';
import { kindNames } from '../../tables/signatures.ts';

/** Whether the kinds that were brought can answer the kinds asked for, whichever file is meant for which. */
export const setKind = defineSetCheck({
  id: 'set.kind', mend: 'convert', reference: 'the brief itself',
  asked: ({ brief }) => (brief.documents.length > 1 && brief.documents.every((d) => d.types.length > 0) ? brief.documents.map((d) => d.types.map((t) => kindNames[t]).join(' or ')).join(', ') : null),
  found: ({ facts }) => facts.map((f) => kindNames[f.file.kind]).join(', ') || 'no file yet',
  evaluate(set) {
    const { facts, brief } = set;
    if (facts.length < brief.documents.length) return [];
    const answer = (i: number, free: number[]): boolean => i === brief.documents.length || free.some((f) => brief.documents[i]!.types.includes(facts[f]!.file.kind) && answer(i + 1, free.filter((x) => x !== f)));
    return answer(0, facts.map((_, i) => i).slice(0, 12)) ? [] : [stops('kinds', { asked: this.asked(set)!, found: this.found(set)! })];
  },
});
