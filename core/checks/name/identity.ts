import { defineCheck, atName, look, stops, type CheckInput } from '../define.ts';
import { searchPassages, type Sign } from '../../identity/search.ts';
import { isAskedInName } from '../../naming/pattern.ts';

export const nameIdentity = defineCheck({
  id: 'name.identity', needs: [], mend: 'rename', reference: 'common practice, no published source',
  asked: ({ brief, wanted, details }) => (brief.naming.mustNotIdentify === true || (brief.naming.mustNotIdentify === null && wanted !== 'no' && (wanted === 'yes' || details)) ? 'nothing that identifies me' : null),
  found: ({ file }) => file.name,
  evaluate: (seen) => signsInName(seen).map((s) =>
    (s.standing === 'stops' && (seen.wanted === 'yes' || seen.brief.naming.mustNotIdentify === true) ? stops : look)('identifies', { found: s.found, name: seen.file.name }, { ...atName, quote: s.found }, s.detail)),
});

/** Signs of the student in a file's name. A detail that the brief demands there is asked for; the rest stays forbidden. */
export const signsInName = ({ file, brief, matcher }: CheckInput): Sign[] => matcher === null ? []
  : searchPassages([{ part: 'name', place: 'fileName', page: null, text: file.name }], matcher).filter((s) => !isAskedInName(brief, s.detail));
